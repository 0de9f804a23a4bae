"""The tone curve of our own: from light to what a screen shows."""

import numpy as np

from ...colour import encoded
from ...kernels import each, f32, i32, row, u32

SHOULDER = 1.7
"""How late the curve bends: higher keeps more of the middle straight."""


def tone_curve(x):
    """Display value of a scene value, before encoding.

    Parameters
    ----------
    x : array_like of float
        Scene-linear, 0 or more.

    Returns
    -------
    ndarray of float64
        From 0 to 1, rising.
    """
    x = np.maximum(np.asarray(x, float), 1e-7)
    return x * (1.0 + x**SHOULDER) ** (-1.0 / SHOULDER)


# The curve and the encoding as a table over x / (1 + x), which covers all of 0 to infinity.
_SIZE = 4096
_PLACES = np.linspace(0.0, 1.0 - 1e-6, _SIZE + 1)
_TABLE = (255.0 * encoded(tone_curve(_PLACES / (1.0 - _PLACES)))).astype(np.float32)


@row
def _shown(x, table, dither):
    """Screen value from 0 to 255 of a scene-linear value."""
    x = max(x, f32(0))
    at = x / (f32(1) + x) * f32(_SIZE)
    n = min(i32(at), i32(_SIZE - 1))
    value = table[n] + (at - f32(n)) * (table[n + 1] - table[n])
    return np.uint8(min(f32(255), max(f32(0), value + f32(0.5) + dither)))


@each("out")
def _screen(line, scene, gain, table, out):
    """Linear colours as a screen shows them."""
    for column in range(out.shape[1]):
        # Triangular noise of half a step either way keeps the sky from showing bands.
        h = u32(u32(u32(line) * u32(0x9E3779B1)) ^ u32(u32(column) * u32(0x85EBCA77)))
        h = u32(u32(h ^ (h >> u32(15))) * u32(0x2C1B3C6D))
        h = u32(h ^ (h >> u32(13)))
        dither = (f32(h & u32(255)) - f32((h >> u32(8)) & u32(255))) * f32(0.5 / 255)
        for n in range(3):
            out[line, column, n] = _shown(gain * scene[line, column, n], table, dither)
        out[line, column, 3] = np.uint8(min(f32(255), max(f32(0), scene[line, column, 3]) * f32(255) + f32(0.5)))


def screen(scene, exposure=0.0):
    """Pixels of a scene with the curve of our own.

    Parameters
    ----------
    scene : ndarray of float32, shape (rows, columns, 4)
    exposure : float, optional
        Stops.

    Returns
    -------
    ndarray of uint8, shape (rows, columns, 4)
        RGB encoded for the screen (IEC 61966-2-1), and opacity.
    """
    out = np.empty((*scene.shape[:2], 4), np.uint8)
    _screen(scene, f32(2.0**exposure), _TABLE, out)
    return out
