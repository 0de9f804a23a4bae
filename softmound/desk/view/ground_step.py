"""How a hand in the picture moves what stands on the ground."""

LEAST = 0.2
"""Sine of the angle at which the ground is seen, at least: seen flatly, a pixel upward would be kilometres."""


def ground_step(camera, step, per_pixel):
    """The step over the ground that follows the hand.

    Parameters
    ----------
    camera : Camera
    step : QPointF
        Pixels.
    per_pixel : float
        Metres that a pixel covers where it stands.

    Returns
    -------
    ndarray of float64, shape (3,)
        Metres; level.
    """
    flat = camera.forward * [1.0, 0.0, 1.0]
    flat = flat / max((flat @ flat) ** 0.5, 1e-9)
    away = -step.y() * per_pixel / max(abs(float(camera.forward[1])), LEAST)
    return camera.right * [1.0, 0.0, 1.0] * step.x() * per_pixel + flat * away
