"""Colours: between light and what a screen is sent, how bright a colour is, and evenly light ones. One home for the numbers.

All with the primaries and the white of ITU-R BT.709 (D65), as IEC 61966-2-1 (sRGB) has them.
"""

import numpy as np

LUMINANCE = np.array([0.2126, 0.7152, 0.0722])
"""Shares of linear red, green and blue in luminance (ITU-R BT.709-6, item 3.2)."""
WHITE = np.array([0.95047, 1.0, 1.08883])
"""D65 in CIE XYZ, luminance 1 (2 degree observer)."""
FROM_XYZ = np.array([[3.2404542, -0.9692660, 0.0556434], [-1.5371385, 1.8760108, -0.2040259],
                     [-0.4985314, 0.0415560, 1.0572252]])
"""CIE XYZ, as a row, to linear RGB."""


def encoded(linear):
    """What a screen is sent for light (IEC 61966-2-1, the inverse of its decoding).

    Parameters
    ----------
    linear : array_like of float
        Linear RGB; 0 to 1 is what a screen can show.

    Returns
    -------
    ndarray of float
        Of the same type; below 0 along the straight part.
    """
    linear = np.asarray(linear)
    return np.where(linear <= 0.0031308, 12.92 * linear, 1.055 * np.maximum(linear, 0.0) ** (1.0 / 2.4) - 0.055)


def linear(shown):
    """Light of what a screen is sent (IEC 61966-2-1).

    Parameters
    ----------
    shown : array_like of float
        From 0 to 1.

    Returns
    -------
    ndarray of float
        Linear RGB.
    """
    shown = np.asarray(shown)
    return np.where(shown <= 0.04045, shown / 12.92, ((np.maximum(shown, 0.0) + 0.055) / 1.055) ** 2.4)


def luminance(colours):
    """How bright colours are.

    Parameters
    ----------
    colours : array_like of float, shape (..., 3)
        Linear RGB.

    Returns
    -------
    ndarray of float, shape (...)
        1 for white.
    """
    colours = np.asarray(colours)
    return colours @ LUMINANCE.astype(colours.dtype)


def from_lab(lightness, a, b):
    """Linear RGB of CIE 1976 L*a*b* under D65.

    Parameters
    ----------
    lightness, a, b : ndarray of float, shape (n,)

    Returns
    -------
    ndarray of float, shape (n, 3)
        Within 0 to 1.
    """
    fy = (lightness + 16.0) / 116.0
    cube = np.stack([fy + a / 500.0, fy, fy - b / 200.0], axis=1)
    xyz = np.where(cube > 6.0 / 29.0, cube**3, 3.0 * (6.0 / 29.0) ** 2 * (cube - 4.0 / 29.0)) * WHITE
    return np.clip(xyz @ FROM_XYZ, 0.0, 1.0)
