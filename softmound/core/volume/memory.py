"""Bricks computed for the last picture, kept for the next: an edit redoes only what it touches."""

import numpy as np

from ..kernels import each
from .bricks import LANES, brick_keys


@each("values")
def _stamp(n, values, out):
    """A hash of the bits of a brick."""
    found = np.int64(0)
    for lane in range(values.shape[1]):
        found = found * np.int64(0x5851F42D4C957F2D) + values[n, lane]
    out[n] = found


def content_stamps(values):
    """A number for each brick that stands for its values.

    Parameters
    ----------
    values : ndarray of float32, shape (n, 512)

    Returns
    -------
    ndarray of int64, shape (n,)
    """
    out = np.empty(len(values), np.int64)
    _stamp(values.view(np.int64), out)
    return out


class BrickMemory:
    """Values of the bricks of the last call, found again by place and by stamp.

    A stamp is a number that stands for everything a brick's values depend on besides its place.
    Not shared between threads.
    """

    def __init__(self):
        self._about = None
        self._keys = np.empty(0, np.int64)
        self._stamps = np.empty(0, np.int64)
        self._values = np.empty((0, LANES), np.float32)

    @property
    def nbytes(self):
        """Bytes held."""
        return self._keys.nbytes + self._stamps.nbytes + self._values.nbytes

    def recalled(self, about, coords, stamps, compute):
        """Values of some bricks, computing only those not known.

        Parameters
        ----------
        about : hashable
            What all bricks depend on; when it changes, everything is forgotten.
        coords : ndarray of int32, shape (n, 3)
            Sorted brick coordinates.
        stamps : ndarray of int64, shape (n,)
        compute : callable
            Called as ``compute(rows)`` with an ndarray of row numbers; returns their values as an
            ndarray of float32, shape (len(rows), 512).

        Returns
        -------
        ndarray of float32, shape (n, 512)
            Not to be written to.
        """
        keys = brick_keys(coords)
        known = np.zeros(len(keys), bool)
        if about == self._about and len(self._keys):
            place = np.minimum(np.searchsorted(self._keys, keys), len(self._keys) - 1)
            known = (self._keys[place] == keys) & (self._stamps[place] == stamps)
        if known.all() and len(keys) == len(self._keys):
            values = self._values
        else:
            values = np.empty((len(keys), LANES), np.float32)
            if known.any():
                values[known] = self._values[place[known]]
            missing = np.flatnonzero(~known)
            if len(missing):
                values[missing] = compute(missing)
        self._about, self._keys, self._stamps, self._values = about, keys, stamps, values
        return values
