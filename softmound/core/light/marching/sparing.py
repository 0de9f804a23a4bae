"""Which rays of a picture can be spared: between every second one, those where neighbours look alike.

A cloud's inside is smooth for most of the picture; rays between others that differ by less than `ALIKE` are their mean. What is
narrower than two pixels and falls between the rays is not seen, so this is for pictures under a hand.
"""

import numpy as np

from ...colour import luminance
from ...kernels import each, f32
from ..scene.surroundings import surroundings_of

ALIKE = f32(0.04)
"""Difference of neighbours, in the brighter of them, below which what is between is not looked at."""
DARK = 0.1
"""Share of the mean brightness that counts at least: in the dark less is told apart."""
EDGE = 0.02
"""Share by which distances of neighbours differ where something solid ends."""
OPACITY = 4
"""The layer that is compared as it is: its difference shows what is behind."""


def brightness_of(light):
    """How much each layer of a march adds to the luminance, about.

    Parameters
    ----------
    light : Light

    Returns
    -------
    ndarray of float32, shape (LAYERS,)
    """
    outside = surroundings_of(light)
    lamp = np.array([0.2126, 0.7152, 0.0722])
    return np.concatenate([[luminance(outside.sun)], luminance(outside.parts), [0.0], lamp, [0.0]]).astype(np.float32)


@each("few")
def _bright(y, few, weights, out):
    """About how bright each ray of a row is."""
    for x in range(few.shape[1]):
        total = f32(0)
        for n in range(few.shape[2]):
            total += weights[n] * few[y, x, n]
        out[y, x] = total


@each("out")
def _filled(y, few, bright, dark, out, wanted):
    """Rays there are as they are, those between as the mean of their neighbours, and which of these have to be cast."""
    y0 = y >> 1
    y1 = y0 + (y & 1)
    for x in range(out.shape[1]):
        x0 = x >> 1
        x1 = x0 + (x & 1)
        # At the far border there is nothing beyond to lie between.
        wanted[y, x] = 1 if y1 == few.shape[0] or x1 == few.shape[1] else 0
        if wanted[y, x] == 1:
            continue
        if x1 == x0 and y1 == y0:
            for n in range(out.shape[2]):
                out[y, x, n] = few[y0, x0, n]
            continue
        a = bright[y0, x0]
        b = bright[y0, x1]
        c = bright[y1, x0]
        d = bright[y1, x1]
        most = max(max(a, b), max(c, d))
        least = min(min(a, b), min(c, d))
        p = few[y0, x0, OPACITY]
        q = few[y0, x1, OPACITY]
        r = few[y1, x0, OPACITY]
        s = few[y1, x1, OPACITY]
        if most - least > ALIKE * max(most, dark) or max(max(p, q), max(r, s)) - min(min(p, q), min(r, s)) > ALIKE:
            wanted[y, x] = 1
            continue
        for n in range(out.shape[2]):
            out[y, x, n] = f32(0.25) * (few[y0, x0, n] + few[y0, x1, n] + few[y1, x0, n] + few[y1, x1, n])


def filled(few, weights, out):
    """A picture made of one of half as many rows and columns, and which of its rays have still to be cast.

    Parameters
    ----------
    few : ndarray of float32, shape (R, C, LAYERS)
        Rays of every second row and column.
    weights : ndarray of float32, shape (LAYERS,)
        From `brightness_of`.
    out : ndarray of float32, shape (rows, columns, LAYERS)
        Filled.

    Returns
    -------
    ndarray of uint8, shape (rows, columns)
        1 where a ray is wanted.
    """
    bright, wanted = np.empty(few.shape[:2], np.float32), np.empty(out.shape[:2], np.uint8)
    _bright(few, weights, bright)
    cloud = few[..., OPACITY] > 0.0
    dark = DARK * float(bright[cloud].mean()) if cloud.any() else 0.0
    _filled(few, bright, f32(dark), out, wanted)
    return wanted


def edges_of(ends):
    """Pixels beside which a stand-in begins or ends: ndarray of bool, shape (rows, columns).

    Parameters
    ----------
    ends : ndarray of float32, shape (rows, columns)
    """
    near = np.minimum(ends, np.float32(1e15))
    found = np.zeros(ends.shape, bool)
    for a, b in ((np.s_[1:, :], np.s_[:-1, :]), (np.s_[:, 1:], np.s_[:, :-1])):
        apart = np.abs(near[a] - near[b]) > EDGE * np.minimum(near[a], near[b])
        found[a] |= apart
        found[b] |= apart
    return found
