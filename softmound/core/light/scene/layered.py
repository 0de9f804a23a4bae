"""Bricks with one more layer of voxels, so that a ray samples a brick without its neighbours."""

from dataclasses import dataclass

import numpy as np
import scipy

from ...kernels import each, f32
from ...volume.bricks import NOTHING, SIDE, BrickIndex, brick_keys, index_of
from ...volume.lookup import code_at, value_at
from ..lattices.trilinear import WIDE

TILE = 1 << 30
"""From here on what a clearance stands for is a row of the tiles."""
LARGEST_BOX = 16_000_000
"""Bricks of a box for which clearances are kept."""



@dataclass(frozen=True, eq=False)
class LayeredGrid:
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
    octants : ndarray of uint8, shape (N,)
        Which of a brick's octants (4x4x4 voxels with their layer) hold anything: bit number 4 for the
        upper half in x, plus 2 in y, plus 1 in z.
    clearance : ndarray of int32, shape (X, Y, Z)
        For each empty brick of the box, how many bricks away the nearest one is that is not, in the
        chessboard metric; for any other brick -1 minus its row, for a tile -1 minus `TILE` and its row. Of
        shape (0, 0, 0) when the box is too large to keep.
    first : ndarray of int64, shape (3,)
        Brick coordinate of `clearance[0, 0, 0]`.
    low, high : ndarray of float64, shape (3,)
        Voxel coordinates between which density can be found.
    core : float
        Largest density.
    most : ndarray of float32, shape (N + M,)
        Largest density in each brick, its layer counted, then of each tile.
    coords : ndarray of int32, shape (N + M, 3)
        Brick coordinates of these.
    """

    voxel: float
    offset: np.ndarray
    index: BrickIndex
    values: np.ndarray
    tile_values: np.ndarray
    octants: np.ndarray
    clearance: np.ndarray
    first: np.ndarray
    low: np.ndarray
    high: np.ndarray
    core: float
    most: np.ndarray
    coords: np.ndarray

    @property
    def nbytes(self):
        """Bytes held."""
        return self.values.nbytes + self.index.nodes.nbytes + self.clearance.nbytes


@each("coords")
def _widen(b, low, top, nodes, values, tile_values, background, coords, out):
    """A brick with one more layer of its neighbours."""
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


@each("values")
def _occupied(b, values, out):
    """Which octants of a brick hold anything, and its most."""
    half = SIDE // 2
    bits = 0
    for part in range(8):
        i0 = (part >> 2) * half
        j0 = ((part >> 1) & 1) * half
        k0 = (part & 1) * half
        most = f32(0)
        for i in range(i0, i0 + half + 1):
            for j in range(j0, j0 + half + 1):
                for k in range(k0, k0 + half + 1):
                    most = max(most, values[b, (i * WIDE + j) * WIDE + k])
        if most > f32(0):
            bits |= 1 << part
    out[b] = bits


@each("values")
def _begins(b, values, out):
    """Which of a brick's three lower faces hold anything, as bits 1, 2 and 4."""
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


@each("coords")
def _codes(b, low, top, nodes, coords, out):
    """Code of each brick coordinate."""
    out[b] = code_at(low, top, nodes, coords[b, 0], coords[b, 1], coords[b, 2])


def _clearance(coords, bricks):
    """Clearance or row of every brick in the box of some bricks, of which the later ones are tiles, and the box's first brick."""
    first = coords.min(axis=0).astype(np.int64) - 1
    shape = coords.max(axis=0).astype(np.int64) + 2 - first
    if shape.prod() > LARGEST_BOX:
        # So far spread that a dense box costs too much: every brick is looked up in the index.
        return np.zeros((0, 0, 0), np.int32), first
    empty = np.ones(shape, bool)
    empty[tuple((coords - first).T)] = False
    apart = scipy.ndimage.distance_transform_cdt(empty, metric="chessboard").astype(np.int32)
    rows = np.arange(len(coords), dtype=np.int32)
    apart[tuple((coords - first).T)] = -1 - np.where(rows < bricks, rows, rows - bricks + TILE)
    return apart, first


def layered_of(grid):
    """Prepare a density grid for marching.

    Parameters
    ----------
    grid : BrickGrid
        Density with background 0, not empty.

    Returns
    -------
    LayeredGrid
    """
    coords = np.ascontiguousarray(np.concatenate([grid.coords, _fringe(grid)]))
    values = np.empty((len(coords), WIDE**3), np.float32)
    index = grid.index
    _widen(index.low, index.top, index.nodes, grid.values, grid.tile_values, f32(grid.background),
           coords, values)
    octants = np.empty(len(values), np.uint8)
    _occupied(values, octants)
    low, high = grid.brick_bounds()
    everything = np.ascontiguousarray(np.concatenate([coords, grid.tile_coords]), np.int32)
    clearance, first = _clearance(everything, len(coords))
    most = np.concatenate([values.max(axis=1), grid.tile_values]).astype(np.float32)
    return LayeredGrid(
        grid.voxel, np.array(grid.offset), index_of(coords, grid.tile_coords), values,
        grid.tile_values, octants, clearance, first, low - 1.0, high + 1.0, float(most.max()), most,
        everything,
    )
