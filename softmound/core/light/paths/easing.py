"""True light shown before it is finished: its noise is taken out with Draft light as a guide.

Draft light has the detail and errs slowly over the picture, True light is right on average: so the ratio of both, blurred as
widely as the noise asks for, corrects Draft light. What is shown comes nearer to the paths alone as their noise falls.
"""

from .low_pass import AVERAGED, brighter

WIDEST = 14.0
"""Standard deviation of the blur in pixels, at most."""
SEEN = 0.03
"""Noise that is left alone."""


def eased(truth, draft, noise):
    """Light of a cloud with its noise taken out.

    Parameters
    ----------
    truth : ndarray of float32, shape (rows, columns, 3)
        By paths, multiplied by opacity.
    draft : ndarray of float32, shape (rows, columns, 3)
        By Draft light, multiplied by opacity.
    noise : float
        Of the first, see `Tracer.noise`.

    Returns
    -------
    ndarray of float32, shape (rows, columns, 3)
    """
    sigma = min(WIDEST, noise / SEEN / AVERAGED)
    if sigma < 0.4:
        return truth
    return draft * brighter(truth, draft, sigma, 1e-4 * max(float(draft.mean()), 1e-6))
