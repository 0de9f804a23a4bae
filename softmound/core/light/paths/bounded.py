"""Light of whole paths that are added up, none brighter than it is likely to be, and what the sum is wrong by.

Few of the whole paths that reach a pixel bring most of its light: such bright specks stay to be seen for hundreds of turns. What
a turn brings to a pixel is cut off at a multiple of what gathered paths expect there; what is cut off is kept, and spread over
the cloud around, so that no light is lost.
"""

import itertools
import math

import numpy as np
import scipy

from ...colour import luminance
from .low_pass import brighter

BRIGHTEST = 12.0
"""Times what is expected that a turn may bring to a pixel, by eye."""
LEAST = 0.05
"""Share of the cloud's mean that is expected anywhere: gathered paths are few at first."""
NEAR = 4.0
"""Pixels around which what is expected is looked for."""
PARTS = 4
"""Parts that the turns are dealt out to, each of which can say what pictures made of others are wrong by."""
BLOCK = 6
"""Edge in pixels of the blocks on which a bias is stated."""


class Bounded:
    """Light of whole paths, turn by turn.

    Parameters
    ----------
    height, width : int
        Pixels.
    parts : int, optional
        Of the light that are kept apart besides.
    """

    def __init__(self, height, width, parts=0):
        self._apart, self._apart_lost = np.zeros((2, height, width, parts, 3), np.float32)
        self._light, self._lost = np.zeros((2, height, width, 3))
        self._squares = np.zeros((height, width))
        self._parts = np.zeros((PARTS, height, width))
        self.turns = 0

    def add(self, light, expected, apart=None):
        """Add a turn.

        Parameters
        ----------
        light : ndarray of float32, shape (height, width, 3)
        expected : ndarray of float32, shape (height, width)
            Luminance that others have found so far; 0 without any cloud.
        apart : ndarray of float32, shape (height, width, parts, 3), optional
            Parts of the light.
        """
        there = expected[expected > 0.0]
        least = LEAST * float(there.mean()) if len(there) else 0.0
        most = BRIGHTEST * np.maximum(0.5 * (expected + scipy.ndimage.gaussian_filter(expected, NEAR)), least)
        found = luminance(light)
        share = np.divide(most, found, out=np.ones_like(most), where=found > most)
        kept = light * share[..., None]
        found = luminance(kept.astype(np.float64))
        self._light += kept
        self._lost += light - kept
        if apart is not None:
            held = apart * share.astype(np.float32)[..., None, None]
            self._apart += held
            self._apart_lost += apart - held
        self._squares += found**2
        self._parts[self.turns % PARTS] += found
        self.turns += 1

    def light(self, given, sigma):
        """Mean of the turns; what was cut off is spread as another picture is bright.

        Parameters
        ----------
        given : ndarray of float32, shape (height, width, 3)
        sigma : float
            Standard deviation with which it is spread, pixels.

        Returns
        -------
        ndarray of float32, shape (height, width, 3)
        """
        return self._spread(self._light, self._lost, given, sigma)

    def light_of(self, part, given, sigma):
        """The same of a part of the light that is kept apart.

        Parameters
        ----------
        part : int
        given, sigma
            As of `light`.

        Returns
        -------
        ndarray of float32, shape (height, width, 3)
        """
        return self._spread(self._apart[..., part, :], self._apart_lost[..., part, :], given, sigma)

    def _spread(self, kept, cut_off, given, sigma):
        out = (kept / max(self.turns, 1)).astype(np.float32)
        cut = (cut_off / max(self.turns, 1)).astype(np.float32)
        lost = cut.sum(axis=(0, 1), dtype=np.float64)
        if not lost.any():
            return out
        spread = given * brighter(cut, given, sigma)
        total = spread.sum(axis=(0, 1), dtype=np.float64)
        return out + spread * np.divide(lost, total, out=np.zeros(3), where=total > 0.0).astype(np.float32)

    def noise(self, cloud):
        """Standard error of a pixel's luminance, root mean square over the cloud, in the cloud's mean luminance.

        Parameters
        ----------
        cloud : ndarray of bool, shape (height, width)

        Returns
        -------
        float
            Infinite before the second turn.
        """
        if self.turns < 2:
            return math.inf
        mean = luminance(self._light) / self.turns
        if not cloud.any() or mean[cloud].mean() <= 0.0:
            return 0.0
        spread = np.maximum(self._squares / self.turns - mean**2, 0.0)[cloud] / (self.turns - 1)
        return float(np.sqrt(spread.mean()) / mean[cloud].mean())

    def bias(self, made_of, cloud):
        """What pictures made of these turns are wrong by, however many turns there are.

        Two of the parts each make a picture, two others each say what it should be. The four are independent, so that the mean
        product of what is wrong with one picture by one part and with the other by the other is the square of what all
        of them are wrong by.

        Parameters
        ----------
        made_of : callable
            Makes a luminance picture, ndarray of shape (height, width), of the luminance of one part, of the same shape.
        cloud : ndarray of bool, shape (height, width)

        Returns
        -------
        bias, sure : float
            Root mean square on blocks of `BLOCK` pixels that are all cloud, in the cloud's mean luminance; and below what it cannot
            be told from nothing. Infinite where there are too few turns or blocks.
        """
        counts = np.bincount(np.arange(self.turns) % PARTS, minlength=PARTS)
        whole = in_blocks(cloud.astype(np.float64)) > 0.999
        if counts.min() < 1 or whole.sum() < 2:
            return math.inf, math.inf
        right = self._parts / counts[:, None, None]
        mean = right.mean(axis=0)[cloud].mean()
        said = [in_blocks(part)[whole] for part in right]
        made = [in_blocks(made_of(part))[whole] for part in right]
        products = np.mean([(made[a] - said[c]) * (made[b] - said[d]) for a, b, c, d in _PAIRS], axis=0)
        square, unsure = float(products.mean()), float(products.std() / math.sqrt(len(products)))
        return math.sqrt(max(square, 0.0)) / mean, math.sqrt(unsure) / mean


_PAIRS = [order for order in itertools.permutations(range(PARTS)) if order[0] < order[1]]


def in_blocks(picture):
    """Mean over squares of `BLOCK` pixels; what is left over at the far sides is left out.

    Parameters
    ----------
    picture : ndarray, shape (height, width)

    Returns
    -------
    ndarray, shape (height // BLOCK, width // BLOCK)
    """
    rows, columns = picture.shape[0] // BLOCK, picture.shape[1] // BLOCK
    return picture[: rows * BLOCK, : columns * BLOCK].reshape(rows, BLOCK, columns, BLOCK).mean(axis=(1, 3))
