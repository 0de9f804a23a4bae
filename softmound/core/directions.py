"""Directions in the sky."""

import math

import numpy as np


def direction_of(azimuth, elevation):
    """Unit vector toward a point of the sky.

    Parameters
    ----------
    azimuth, elevation : float
        Degrees; azimuth 0 is +z and 90 is +x.

    Returns
    -------
    ndarray of float64, shape (3,)
    """
    a, e = math.radians(azimuth), math.radians(elevation)
    return np.array([math.sin(a) * math.cos(e), math.sin(e), math.cos(a) * math.cos(e)])
