"""Low-pass filtering: what two pictures of the same differ by in the large, and how widely noise has to be blurred."""

import math

import numpy as np

AVERAGED = 2.0 * math.sqrt(math.pi)
"""A Gaussian averages 4 pi sigma^2 pixels, so that noise falls by this times its width."""
KEPT = 3.0
"""Standard deviations, in pixels, down to which pictures are made smaller before they are blurred: what is left out is below a
five-hundredth, and a blur of a hundred pixels takes a hundredth of the time."""


def brighter(right, given, sigma, least=0.0):
    """How many times as bright one picture is as another around each place.

    Parameters
    ----------
    right, given : ndarray of float32, shape (rows, columns, channels)
    sigma : float
        Standard deviation of the blur, pixels.
    least : float, optional
        Added to both, so that nothing is made of next to nothing.

    Returns
    -------
    ndarray of float32, shape (rows, columns, channels)
        1 where the other is dark all around.
    """
    import cv2  # six times as fast as SciPy's, and a tenth of a second to load

    rows, columns, channels = given.shape
    smaller = min(int(sigma / KEPT), rows, columns)
    size = (-(-columns // smaller), -(-rows // smaller)) if smaller > 1 else (columns, rows)
    # Pixels that stand for many have blurred already, as do those between that are read from them.
    left = math.sqrt(max(sigma**2 - 0.25 * smaller**2, 0.0)) / smaller if smaller > 1 else sigma

    def blurred(each):
        each = np.ascontiguousarray(each, np.float32)
        if smaller > 1:
            each = cv2.resize(each, size, interpolation=cv2.INTER_AREA)
        return each if sigma <= 0.0 else cv2.GaussianBlur(each, (0, 0), left, borderType=cv2.BORDER_REFLECT)

    wanted, broad = (blurred(each) + np.float32(least) for each in (right, given))
    ratio = np.divide(wanted, broad, out=np.ones_like(broad), where=broad > 1e-9)
    if smaller > 1:
        ratio = cv2.resize(ratio, (columns, rows), interpolation=cv2.INTER_LINEAR)
    # A last axis of one was dropped.
    return ratio.reshape(rows, columns, channels)
