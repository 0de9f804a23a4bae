"""The drawn sky."""

import numpy as np


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
