"""Curves of the recipe as kernels read them."""

import sys
from functools import lru_cache

import numpy as np

from .kernels import f32, row
from .recipe.curve import MOST_POINTS
from .stored import stored

LENGTH = 3 + 5 * (MOST_POINTS - 1)
"""Numbers of a curve: segments, value at 0, value at 1; of each segment its start, length and three coefficients."""


@lru_cache(maxsize=256)
def curve_numbers(curve):
    """A curve as a row of numbers.

    Parameters
    ----------
    curve : Curve

    Returns
    -------
    ndarray of float32, shape (LENGTH,)
        Not to be written to.
    """
    # Loading what works them out takes half a second: a program that has only just begun looks into a file first.
    return (_worked_out if "scipy.interpolate" in sys.modules else _kept)(curve.points)


def _worked_out(points):
    from scipy.interpolate import PchipInterpolator

    x, y = np.array(points).T
    cubic = PchipInterpolator(x, y).c  # highest power first, one column for each segment
    out = np.zeros(LENGTH, np.float32)
    out[:3] = len(x) - 1, y[0], y[-1]
    for n in range(len(x) - 1):
        out[3 + 5 * n : 8 + 5 * n] = x[n], x[n + 1] - x[n], *cubic[2::-1, n]
    return out


_kept = stored(_worked_out)


def curve_values(curve, places):
    """Values of a curve.

    Parameters
    ----------
    curve : Curve
    places : array_like of float
        From 0 to 1.

    Returns
    -------
    ndarray of float64
        In the same shape.
    """
    numbers = curve_numbers(curve).astype(float)
    places, total = np.asarray(places, float), numbers[1]
    for start, length, *powers in numbers[3:].reshape(-1, 5)[: int(numbers[0])]:
        t = np.clip(places - start, 0.0, length)
        total = total + t * (powers[0] + t * (powers[1] + t * powers[2]))
    return total


@row
def curve_at(u, curve, first):
    """Value of a curve.

    Each segment adds how far it rises up to `u`, which needs neither a branch nor a search.

    Parameters
    ----------
    u : float32
        From 0 to 1.
    curve : ndarray of float32
        Holds the numbers of `curve_numbers` from `first` on.
    first : int

    Returns
    -------
    float32
    """
    total = curve[first + 1]
    for n in range(np.int64(curve[first])):
        at = first + 3 + 5 * n
        t = max(f32(0), min(curve[at + 1], u - curve[at]))
        total += t * (curve[at + 2] + t * (curve[at + 3] + t * curve[at + 4]))
    return curve[first + 2] if u >= f32(1) else total
