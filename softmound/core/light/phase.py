"""Phase functions: how scattered light spreads over directions."""

import numpy as np


def henyey_greenstein(cosine, anisotropy):
    """Henyey and Greenstein (1941, ApJ 93, eq. 2), normalised to 1 over the sphere.

    Parameters
    ----------
    cosine : array_like of float
        Of the angle between the directions of travel before and after.
    anisotropy : float
        Mean cosine, within -1 to 1.

    Returns
    -------
    ndarray of float64
        Per steradian.
    """
    g = anisotropy
    spread = 1.0 + g * g - 2.0 * g * np.asarray(cosine, float)
    return (1.0 - g * g) / (4.0 * np.pi * spread * np.sqrt(spread))
