"""Dense windows of a grid: small boxes of voxels for libraries that want plain arrays."""

import numpy as np

from ..kernels import f32, kernel, prange
from .bricks import LANES, NOTHING, SIDE
from .lookup import code_at


@kernel
def _read(low, top, nodes, values, tile_values, background, bx, by, bz, out):
    for x in prange(out.shape[0] // SIDE):
        for y in range(out.shape[1] // SIDE):
            for z in range(out.shape[2] // SIDE):
                code = code_at(low, top, nodes, bx + x, by + y, bz + z)
                if code >= 0:
                    for i in range(SIDE):
                        for j in range(SIDE):
                            for k in range(SIDE):
                                out[x * SIDE + i, y * SIDE + j, z * SIDE + k] = values[
                                    code, (i << 6) | (j << 3) | k
                                ]
                else:
                    value = background if code == NOTHING else tile_values[-2 - code]
                    for i in range(SIDE):
                        for j in range(SIDE):
                            for k in range(SIDE):
                                out[x * SIDE + i, y * SIDE + j, z * SIDE + k] = value


def read_window(grid, brick, shape):
    """Copy a box of bricks into a dense array.

    Parameters
    ----------
    grid : BrickGrid
    brick : sequence of int, length 3
        Brick coordinate of the window's lowest corner.
    shape : sequence of int, length 3
        Size in bricks.

    Returns
    -------
    ndarray of float32
        Of `8 * shape` voxels.
    """
    out = np.empty(tuple(SIDE * int(s) for s in shape), np.float32)
    index = grid.index
    _read(index.low, index.top, index.nodes, grid.values, grid.tile_values, f32(grid.background),
          int(brick[0]), int(brick[1]), int(brick[2]), out)
    return out


def bricks_of(window, background):
    """Cut a dense array into bricks, leaving out those that are all background.

    Parameters
    ----------
    window : ndarray of float32
        Each side a multiple of 8.
    background : float

    Returns
    -------
    coords : ndarray of int32, shape (N, 3)
        Within the window, in bricks.
    values : ndarray of float32, shape (N, 512)
        Bricks with more than one value.
    tile_coords : ndarray of int32, shape (M, 3)
        Bricks of one value that is not background.
    tile_values : ndarray of float32, shape (M,)
    """
    shape = tuple(side // SIDE for side in window.shape)
    cut = window.reshape(shape[0], SIDE, shape[1], SIDE, shape[2], SIDE)
    low, high = cut.min(axis=(1, 3, 5)), cut.max(axis=(1, 3, 5))
    constant = low == high
    mixed = np.argwhere(~constant).astype(np.int32)
    values = np.ascontiguousarray(
        cut[mixed[:, 0], :, mixed[:, 1], :, mixed[:, 2], :], dtype=np.float32
    ).reshape(-1, LANES)
    tiles = np.argwhere(constant & (low != np.float32(background))).astype(np.int32)
    return mixed, values, tiles, low[tuple(tiles.T)].astype(np.float32)
