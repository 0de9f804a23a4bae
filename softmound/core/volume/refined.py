"""Multiresolution grid: bricks of a density grid that are split into eight halves of half the voxel, and these again.

The halves of a brick take its place in pictures; what it held stays, so that finer bricks can be read at their border. Bricks split
only where all their neighbours are at most one level coarser (2:1 balance: Von Herzen and Barr 1987, Accurate triangulations of
deformed, intersecting surfaces, SIGGRAPH).
"""

from dataclasses import dataclass

import numpy as np

from .bricks import brick_keys

_CORNERS = np.stack(np.meshgrid([0, 1], [0, 1], [0, 1], indexing="ij"), -1).reshape(-1, 3).astype(np.int32)
_AROUND = np.stack(np.meshgrid([-1, 0, 1], [-1, 0, 1], [-1, 0, 1], indexing="ij"), -1).reshape(-1, 3).astype(np.int32)


@dataclass(frozen=True, eq=False)
class Refined:
    """Finer bricks of a grid.

    Attributes
    ----------
    levels : tuple of BrickGrid
        Each with half the voxel of the one before, the first with half that of the grid. All eight halves of a brick that is split
        are there: as bricks or as tiles, also those that hold nothing.
    key : str
        Stands for their content where results are kept.
    """

    levels: tuple
    key: str

    @property
    def nbytes(self):
        """Bytes of all bricks."""
        return sum(level.nbytes for level in self.levels)

    @property
    def voxel(self):
        """Edge of the finest voxels, metres."""
        return self.levels[-1].voxel


def everything_in(grid):
    """Coordinates of all bricks and tiles.

    Parameters
    ----------
    grid : BrickGrid

    Returns
    -------
    ndarray of int32, shape (n, 3)
    """
    return np.concatenate([grid.coords, grid.tile_coords])


def halves_of(coords):
    """Coordinates of the eight halves of each brick, at half the voxel.

    Parameters
    ----------
    coords : ndarray of int32, shape (n, 3)

    Returns
    -------
    ndarray of int32, shape (8 n, 3)
        x slowest within each.
    """
    return (coords[:, None, :] * 2 + _CORNERS).reshape(-1, 3)


def unique_bricks(coords):
    """Each brick once, sorted by x, then y, then z.

    Parameters
    ----------
    coords : ndarray of int32, shape (n, 3)

    Returns
    -------
    ndarray of int32, shape (m, 3)
    """
    return coords[np.unique(brick_keys(coords), return_index=True)[1]]


def around_of(coords):
    """Bricks and those that touch them, one after the other.

    Parameters
    ----------
    coords : ndarray of int32, shape (n, 3)

    Returns
    -------
    ndarray of int32, shape (27 n, 3)
        x slowest within each.
    """
    return (coords[:, None, :] + _AROUND).reshape(-1, 3)


def with_neighbours(coords):
    """Bricks and all that touch them.

    Parameters
    ----------
    coords : ndarray of int32, shape (n, 3)

    Returns
    -------
    ndarray of int32, shape (m, 3)
        Each once, sorted.
    """
    for step in np.eye(3, dtype=np.int32):  # axis by axis there are a third as many to be sorted
        coords = unique_bricks(np.concatenate([coords - step, coords, coords + step]))
    return coords


def is_among(coords, others):
    """Which bricks are among others.

    Parameters
    ----------
    coords, others : ndarray of int32, shape (n, 3), (m, 3)

    Returns
    -------
    ndarray of bool, shape (n,)
    """
    keys = np.sort(brick_keys(others))
    if not len(keys):
        return np.zeros(len(coords), bool)
    wanted = brick_keys(coords)
    return keys[np.minimum(np.searchsorted(keys, wanted), len(keys) - 1)] == wanted


def surrounded(coords, there):
    """Which bricks have all their neighbours.

    Parameters
    ----------
    coords : ndarray of int32, shape (n, 3)
    there : ndarray of int32, shape (m, 3)
        All bricks of that level.

    Returns
    -------
    ndarray of bool, shape (n,)
    """
    keys = np.sort(brick_keys(there))
    around = brick_keys(around_of(coords))
    at = np.minimum(np.searchsorted(keys, around), max(len(keys) - 1, 0))
    return (keys[at] == around).reshape(-1, len(_AROUND)).all(axis=1) if len(keys) else np.zeros(len(coords), bool)
