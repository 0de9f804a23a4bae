"""The sparse grid: bricks of 8x8x8 float32 voxels in one pool, and an index to find them.

A brick is the twin of one OpenVDB leaf, a node of the index (16x16x16 bricks) that of one lower
internal node. Bricks of one constant value are tiles and carry no voxels; everything else is
background. Voxel (i, j, k) stands at `offset + voxel * (i, j, k)` in metres.
"""

from dataclasses import dataclass
from functools import cached_property

import numpy as np

from ..problems import Problem

SIDE = 8
"""Voxels along a brick."""
LANES = SIDE**3
"""Voxels in a brick, x slowest and z fastest."""
NODE = 16
"""Bricks along a node of the index."""
NOTHING = -1
"""Index code of a brick that is background; tile `m` has the code `-2 - m`."""
LARGEST_TOP = 2**25


@dataclass(frozen=True, eq=False)
class BrickIndex:
    """Where each brick is.

    Attributes
    ----------
    low : ndarray of int32, shape (3,)
        Smallest brick coordinate covered, a multiple of `NODE`.
    top : ndarray of int32, shape (X, Y, Z)
        Number of the node, or `NOTHING`.
    nodes : ndarray of int32, shape (K, 4096)
        Codes of the bricks of each node, x slowest: a row of the pool, `NOTHING`, or a tile.
    """

    low: np.ndarray
    top: np.ndarray
    nodes: np.ndarray


@dataclass(frozen=True, eq=False)
class BrickGrid:
    """A scalar field on sparse voxels. Made by `grid_of`; never changed.

    Attributes
    ----------
    voxel : float
        Edge of a voxel in metres.
    coords : ndarray of int32, shape (N, 3)
        Brick coordinates, unique, sorted by x, then y, then z.
    values : ndarray of float32, shape (N, 512)
        The pool; row n belongs to `coords[n]`.
    tile_coords : ndarray of int32, shape (M, 3)
        Brick coordinates of the constant bricks.
    tile_values : ndarray of float32, shape (M,)
    background : float
    offset : tuple of float
        World position of voxel (0, 0, 0) in metres.
    """

    voxel: float
    coords: np.ndarray
    values: np.ndarray
    tile_coords: np.ndarray
    tile_values: np.ndarray
    background: float = 0.0
    offset: tuple = (0.0, 0.0, 0.0)

    @cached_property
    def index(self):
        """BrickIndex of this grid, made when first asked for."""
        return index_of(self.coords, self.tile_coords)

    @property
    def nbytes(self):
        """Bytes of the pool and the tiles."""
        return sum(a.nbytes for a in (self.coords, self.values, self.tile_coords, self.tile_values))

    def brick_bounds(self):
        """Voxel bounds of all bricks and tiles.

        Returns
        -------
        (ndarray of int64, ndarray of int64) or None
            Inclusive lower and upper voxel coordinates, or None when the grid is empty.
        """
        both = [c for c in (self.coords, self.tile_coords) if len(c)]
        if not both:
            return None
        low = np.min([c.min(axis=0) for c in both], axis=0).astype(np.int64) * SIDE
        high = np.max([c.max(axis=0) for c in both], axis=0).astype(np.int64) * SIDE + SIDE - 1
        return low, high

    def active_voxels(self):
        """Number of voxels that are not background.

        Returns
        -------
        int
        """
        return int(np.count_nonzero(self.values != np.float32(self.background))) + LANES * int(
            np.count_nonzero(self.tile_values != np.float32(self.background))
        )

    def active_bounds(self):
        """Tight voxel bounds of what is not background.

        Returns
        -------
        (ndarray of int64, ndarray of int64) or None
            Inclusive lower and upper voxel coordinates.
        """
        lows, highs = [], []
        if len(self.tile_coords):
            lows.append(self.tile_coords.min(axis=0).astype(np.int64) * SIDE)
            highs.append(self.tile_coords.max(axis=0).astype(np.int64) * SIDE + SIDE - 1)
        if len(self.coords):
            live = (self.values != np.float32(self.background)).reshape(-1, SIDE, SIDE, SIDE)
            for axis in range(3):
                others = tuple(a + 1 for a in range(3) if a != axis)
                brick, lane = np.nonzero(live.any(axis=others))
                if len(brick):
                    at = self.coords[brick, axis].astype(np.int64) * SIDE + lane
                    lows.append(_only(axis, at.min(), 2**40))
                    highs.append(_only(axis, at.max(), -(2**40)))
        if not lows or np.min(lows, axis=0).max() >= 2**40:
            return None
        return np.min(lows, axis=0), np.max(highs, axis=0)

    def world(self, ijk):
        """World position of voxel coordinates.

        Parameters
        ----------
        ijk : array_like, shape (..., 3)

        Returns
        -------
        ndarray of float64, shape (..., 3)
            Metres.
        """
        return np.asarray(ijk, dtype=np.float64) * self.voxel + np.asarray(self.offset)


def _only(axis, value, other):
    bounds = np.full(3, other, dtype=np.int64)
    bounds[axis] = value
    return bounds


def grid_of(voxel, coords, values, tile_coords=None, tile_values=None, background=0.0,
            offset=(0.0, 0.0, 0.0)):
    """Make a grid from bricks in any order.

    Parameters
    ----------
    voxel : float
        Metres.
    coords : ndarray of int, shape (N, 3)
        Unique brick coordinates.
    values : ndarray of float32, shape (N, 512)
    tile_coords, tile_values : ndarray, optional
        Constant bricks, shapes (M, 3) and (M,).
    background : float, optional
    offset : tuple of float, optional
        World position of voxel (0, 0, 0) in metres.

    Returns
    -------
    BrickGrid
    """
    coords = np.ascontiguousarray(coords, dtype=np.int32).reshape(-1, 3)
    values = np.ascontiguousarray(values, dtype=np.float32).reshape(-1, LANES)
    if tile_coords is None:
        tile_coords, tile_values = np.empty((0, 3), np.int32), np.empty(0, np.float32)
    order = brick_order(coords)
    if order is not None:
        coords, values = coords[order], values[order]
    return BrickGrid(
        float(voxel), coords, values,
        np.ascontiguousarray(tile_coords, dtype=np.int32).reshape(-1, 3),
        np.ascontiguousarray(tile_values, dtype=np.float32),
        float(background), tuple(float(x) for x in offset),
    )


def brick_keys(coords):
    """One sortable integer for each brick coordinate.

    Parameters
    ----------
    coords : ndarray of int32, shape (N, 3)
        Within one million bricks of the origin.

    Returns
    -------
    ndarray of int64, shape (N,)
        In the order of x, then y, then z.
    """
    wide = coords.astype(np.int64) + 2**20
    return (wide[:, 0] << 42) | (wide[:, 1] << 21) | wide[:, 2]


def brick_order(coords):
    """Order that sorts bricks, or None when they are sorted.

    Parameters
    ----------
    coords : ndarray of int32, shape (N, 3)

    Returns
    -------
    ndarray of int64, shape (N,), or None
    """
    keys = brick_keys(coords)
    return None if np.all(keys[1:] > keys[:-1]) else np.argsort(keys)


def index_of(coords, tile_coords):
    """Index bricks and tiles by their coordinates.

    Parameters
    ----------
    coords : ndarray of int32, shape (N, 3)
    tile_coords : ndarray of int32, shape (M, 3)

    Returns
    -------
    BrickIndex

    Raises
    ------
    Problem
        When parts of the grid are so far apart that the index would not fit.
    """
    everything = np.concatenate([coords, tile_coords])
    if not len(everything):
        return BrickIndex(
            np.zeros(3, np.int32), np.full((1, 1, 1), NOTHING, np.int32),
            np.full((1, NODE**3), NOTHING, np.int32),
        )
    node = everything >> 4
    low = node.min(axis=0)
    shape = node.max(axis=0).astype(np.int64) - low + 1
    if shape.prod() > LARGEST_TOP:
        raise Problem(
            "The parts of this cloud lie too far apart for this voxel size; "
            "move them closer or choose a larger voxel."
        )
    place = np.ravel_multi_index((node - low).T, shape)
    used, number = np.unique(place, return_inverse=True)
    top = np.full(shape.prod(), NOTHING, np.int32)
    top[used] = np.arange(len(used), dtype=np.int32)
    nodes = np.full((len(used), NODE**3), NOTHING, np.int32)
    within = everything & 15
    local = (within[:, 0] * NODE + within[:, 1]) * NODE + within[:, 2]
    codes = np.concatenate([
        np.arange(len(coords), dtype=np.int32), -2 - np.arange(len(tile_coords), dtype=np.int32)
    ])
    nodes[number, local] = codes
    return BrickIndex((low * NODE).astype(np.int32), top.reshape(shape), nodes)
