"""Bricks with one more layer of voxels, so that a ray samples a brick without its neighbours."""

from dataclasses import dataclass

import numpy as np

from ..kernels import f32, kernel, prange
from ..volume.bricks import NOTHING, SIDE, BrickIndex, brick_keys, index_of
from ..volume.lookup import code_at, value_at

WIDE = SIDE + 1
"""Voxels along a brick with its layer."""


@dataclass(frozen=True, eq=False)
class Shell:
    """A density grid as the march reads it.

    Attributes
    ----------
    voxel : float
        Metres.
    offset : ndarray of float64, shape (3,)
        World position of voxel (0, 0, 0), metres.
    index : BrickIndex
        Also of the empty bricks on whose upper side something begins.
    values : ndarray of float32, shape (N, 729)
        9x9x9 voxels from each brick's first voxel on.
    tile_values : ndarray of float32, shape (M,)
    low, high : ndarray of float64, shape (3,)
        Voxel coordinates between which density can be found.
    core : float
        Largest density.
    """

    voxel: float
    offset: np.ndarray
    index: BrickIndex
    values: np.ndarray
    tile_values: np.ndarray
    low: np.ndarray
    high: np.ndarray
    core: float

    @property
    def nbytes(self):
        """Bytes held."""
        return self.values.nbytes + self.index.nodes.nbytes


@kernel
def _widen(low, top, nodes, values, tile_values, background, coords, out):
    for b in prange(coords.shape[0]):
        bx = coords[b, 0]
        by = coords[b, 1]
        bz = coords[b, 2]
        own = code_at(low, top, nodes, bx, by, bz)
        for i in range(WIDE):
            for j in range(WIDE):
                line = (i * WIDE + j) * WIDE
                if own >= 0 and i < SIDE and j < SIDE:
                    for k in range(SIDE):
                        out[b, line + k] = values[own, (i << 6) | (j << 3) | k]
                    out[b, line + SIDE] = value_at(
                        low, top, nodes, values, tile_values, background,
                        bx * SIDE + i, by * SIDE + j, bz * SIDE + SIDE,
                    )
                else:
                    for k in range(WIDE):
                        out[b, line + k] = value_at(
                            low, top, nodes, values, tile_values, background,
                            bx * SIDE + i, by * SIDE + j, bz * SIDE + k,
                        )


@kernel
def _begins(values, out):
    """Which of a brick's three lower faces hold anything, as bits 1, 2 and 4."""
    for b in prange(values.shape[0]):
        bits = 0
        for p in range(SIDE):
            for q in range(SIDE):
                if values[b, (p << 3) | q] != f32(0):
                    bits |= 1
                if values[b, (p << 6) | q] != f32(0):
                    bits |= 2
                if values[b, (p << 6) | (q << 3)] != f32(0):
                    bits |= 4
        out[b] = bits


def _fringe(grid):
    """Empty bricks just below the lower faces of bricks and tiles that hold something there."""
    bits = np.empty(len(grid.coords), np.int8)
    _begins(grid.values, bits)
    found = []
    for axes in range(1, 8):
        step = np.array([(axes >> a) & 1 for a in range(3)], np.int32)
        found.append(grid.coords[(bits & axes) == axes] - step)
        found.append(grid.tile_coords - step)
    index = grid.index
    everything = np.concatenate(found)
    near = everything[np.unique(brick_keys(everything), return_index=True)[1]]
    codes = np.empty(len(near), np.int32)
    _codes(index.low, index.top, index.nodes, near, codes)
    return near[codes == NOTHING]


@kernel
def _codes(low, top, nodes, coords, out):
    for b in prange(coords.shape[0]):
        out[b] = code_at(low, top, nodes, coords[b, 0], coords[b, 1], coords[b, 2])


def shell_of(grid):
    """Prepare a density grid for marching.

    Parameters
    ----------
    grid : BrickGrid
        Density with background 0, not empty.

    Returns
    -------
    Shell
    """
    coords = np.ascontiguousarray(np.concatenate([grid.coords, _fringe(grid)]))
    values = np.empty((len(coords), WIDE**3), np.float32)
    index = grid.index
    _widen(index.low, index.top, index.nodes, grid.values, grid.tile_values, f32(grid.background),
           coords, values)
    low, high = grid.brick_bounds()
    largest = [v.max() for v in (grid.values, grid.tile_values) if len(v)]
    return Shell(
        grid.voxel, np.array(grid.offset), index_of(coords, grid.tile_coords), values,
        grid.tile_values, low - 1.0, high + 1.0, float(max(largest)),
    )
