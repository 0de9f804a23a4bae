"""The drawn sky, and the few directions that stand for all of any sky."""

import numpy as np

# (azimuth, elevation, weight) of the directions light is gathered from, by channel. Weights are
# shares of the sphere; together they cover it: 0.25 above 30 degrees, 0.25 between that and the
# horizon, 0.5 below.
ZENITH = ((0.0, 90.0, 0.07), (45.0, 48.0, 0.06), (165.0, 48.0, 0.06), (285.0, 48.0, 0.06))
HORIZON = tuple((60.0 * n + 15.0, 14.0, 0.25 / 6) for n in range(6))
GROUND = (
    (0.0, -90.0, 0.08),
    *((120.0 * n + 90.0, -45.0, 0.08) for n in range(3)),
    *((90.0 * n, -8.0, 0.045) for n in range(4)),
)
CHANNELS = (ZENITH, HORIZON, GROUND)


def gradient_radiance(directions, sky):
    """Radiance of a drawn sky, without the sun and its haze.

    A blend from the horizon's colour to the zenith's with the sine of the elevation, and to the
    ground's colour in the haze below the horizon.

    Parameters
    ----------
    directions : array_like of float, shape (..., 3)
        Unit vectors.
    sky : Sky

    Returns
    -------
    ndarray of float64, shape (..., 3)
        Linear RGB.
    """
    height = np.asarray(directions, float)[..., 1:2]
    toward = 1.0 - (1.0 - np.clip(height, 0.0, 1.0)) ** 2.5
    above = np.asarray(sky.horizon) + (np.asarray(sky.zenith) - np.asarray(sky.horizon)) * toward
    below = np.clip(-height * 1.5, 0.0, 1.0)
    below = below * below * (3.0 - 2.0 * below)
    return sky.strength * (above + (np.asarray(sky.ground) - above) * below)
