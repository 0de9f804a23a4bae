"""A grid on voxels of another size, perhaps placed otherwise."""

import numpy as np

from ..kernels import each, f32
from ..ticket import chunks
from .bricks import LANES, SIDE, grid_of
from .sample import value_between

CHUNK = 512
_CORNERS = np.stack(np.meshgrid([0, 1], [0, 1], [0, 1], indexing="ij"), -1).reshape(-1, 3)


@each("coords")
def _mean_of_samples(n, coords, back, start, within, low, top, nodes, values, tile_values, background, out):
    """Mean of samples within each new voxel."""
    for lane in range(LANES):
        total = 0.0
        for m in range(within.shape[0]):
            x = coords[n, 0] * SIDE + (lane >> 6) + within[m, 0]
            y = coords[n, 1] * SIDE + ((lane >> 3) & 7) + within[m, 1]
            z = coords[n, 2] * SIDE + (lane & 7) + within[m, 2]
            total += value_between(
                low, top, nodes, values, tile_values, background, back[0, 0] * x + back[0, 1] * y + back[0, 2] * z + start[0],
                back[1, 0] * x + back[1, 1] * y + back[1, 2] * z + start[1],
                back[2, 0] * x + back[2, 1] * y + back[2, 2] * z + start[2])
        out[n, lane] = total / within.shape[0]


def resampled(grid, voxel, ticket=None, *, offset=None, axes=None, shift=None):
    """A grid on other voxels: each the mean of eight samples within it, or one sample where voxels get finer.

    Parameters
    ----------
    grid : BrickGrid
        With background 0.
    voxel : float
        In the unit of the result.
    ticket : Ticket, optional
    offset : sequence of float, optional
        Position of voxel (0, 0, 0) of the result; default the grid's.
    axes : ndarray of float64, shape (3, 3), optional
        A point p of the grid goes to ``axes @ p + shift`` in the result; default it stays.
    shift : ndarray of float64, shape (3,), optional

    Returns
    -------
    BrickGrid
    """
    offset = np.asarray(grid.offset if offset is None else offset, float)
    axes = np.eye(3) if axes is None else np.asarray(axes, float)
    shift = np.zeros(3) if shift is None else np.asarray(shift, float)
    coords = _reached(grid, voxel, offset, axes, shift)
    inverse = np.linalg.inv(axes)
    # From voxels of the result to voxels of the grid.
    back, start = inverse * (voxel / grid.voxel), (inverse @ (offset - shift) - grid.offset) / grid.voxel
    step = float(np.cbrt(abs(np.linalg.det(axes)))) * grid.voxel
    subsamples = (_CORNERS - 0.5) * 0.5 if voxel > 1.001 * step else np.zeros((1, 3))
    values, index = np.empty((len(coords), LANES), np.float32), grid.index
    for part in chunks(len(coords), CHUNK, ticket):
        _mean_of_samples(coords[part], back, start, subsamples, index.low, index.top, index.nodes, grid.values, grid.tile_values,
                         f32(grid.background), values[part])
    return gathered(voxel, coords, values, tuple(offset))


def gathered(voxel, coords, values, offset=(0.0, 0.0, 0.0)):
    """A grid of bricks of which some may hold one value or nothing at all.

    Parameters
    ----------
    voxel : float
    coords : ndarray of int32, shape (n, 3)
    values : ndarray of float32, shape (n, 512)
    offset : tuple of float, optional

    Returns
    -------
    BrickGrid
        With background 0.
    """
    low, high = (values.min(axis=1), values.max(axis=1)) if len(values) else (np.empty(0, np.float32),) * 2
    even, nothing = low == high, (low == 0.0) & (high == 0.0)
    tiles = even & ~nothing
    return grid_of(voxel, coords[~even], values[~even], coords[tiles], low[tiles], offset=offset)


def _reached(grid, voxel, offset, axes, shift):
    """Bricks of the result that a brick of the grid can reach."""
    there = np.concatenate([grid.coords, grid.tile_coords]).astype(float)
    if not len(there):
        return np.empty((0, 3), np.int32)
    # Voxels stand at their middles, and a sample looks one voxel around.
    corners = ((there[:, None, :] + _CORNERS) * SIDE + (_CORNERS * 2 - 1.5)) * grid.voxel + grid.offset
    placed = (corners @ axes.T + shift - offset) / (voxel * SIDE)
    first = np.floor(placed.min(axis=1) - 0.5 / SIDE).astype(np.int64)
    last = np.floor(placed.max(axis=1) + 0.5 / SIDE).astype(np.int64)
    steps = int((last - first).max()) + 1
    shifts = np.stack(np.meshgrid(*[np.arange(steps)] * 3, indexing="ij"), -1).reshape(-1, 3)
    found = []
    for part in chunks(len(first), max(1, 2_000_000 // len(shifts))):
        near = (first[part][:, None, :] + shifts[None]).reshape(-1, 3)
        near = near[np.all(near <= np.repeat(last[part], len(shifts), axis=0), axis=1)]
        found.append(np.unique(near.astype(np.int32), axis=0))
    return np.unique(np.concatenate(found), axis=0)


def aligned(first, second):
    """Whether two grids have their voxels in the same places.

    Parameters
    ----------
    first, second : BrickGrid

    Returns
    -------
    bool
    """
    apart = np.abs(np.subtract(first.offset, second.offset)).max()
    return abs(first.voxel - second.voxel) <= 1e-6 * first.voxel and apart <= 1e-4 * first.voxel
