"""Dense windows of a grid: small boxes of voxels for libraries that want plain arrays."""

import numpy as np

from ..kernels import f32, kernel, prange
from .bricks import LANES, NOTHING, SIDE, grid_of
from .lookup import code_at


@kernel
def _read(low, top, nodes, values, tile_values, background, bx, by, bz, out):
    """Copy bricks into a dense window."""
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


@kernel
def _farthest(low, top, nodes, values, tile_values, background, brick, window, slack, least, worst):
    """How far a window is off a grid, beyond what is allowed, by rows of bricks."""
    bx, by, bz = brick
    side = window.shape[0] // SIDE
    for x in prange(side):
        most = f32(0)
        for y in range(window.shape[1] // SIDE):
            for z in range(window.shape[2] // SIDE):
                code = code_at(low, top, nodes, bx + x, by + y, bz + z)
                even = background if code == NOTHING else tile_values[max(-2 - code, 0)] if code < 0 else f32(0)
                for i in range(SIDE):
                    for j in range(SIDE):
                        for k in range(SIDE):
                            wanted = even
                            if code >= 0:
                                wanted = values[code, (i << 6) | (j << 3) | k]
                            off = abs(window[x * SIDE + i, y * SIDE + j, z * SIDE + k] - wanted)
                            most = max(most, off - max(abs(wanted) * slack, least))
        worst[x] = most


def window_differs(grid, brick, window, slack=0.0, least=0.0):
    """Whether a dense array holds something else than a box of bricks.

    Parameters
    ----------
    grid : BrickGrid
    brick : sequence of int, length 3
        Brick coordinate of the window's lowest corner.
    window : ndarray of float32
        Each side a multiple of 8.
    slack, least : float, optional
        By what part of a value, and by how much in any case, it may be off.

    Returns
    -------
    bool
    """
    index = grid.index
    worst = np.zeros(window.shape[0] // SIDE, np.float32)
    tiles = grid.tile_values if len(grid.tile_values) else np.zeros(1, np.float32)
    _farthest(index.low, index.top, index.nodes, grid.values, tiles, f32(grid.background),
              tuple(int(c) for c in brick), window, f32(slack), f32(least), worst)
    # What is not a number is equal to nothing, but the kernels take it that there is none.
    return bool(worst.max() > 0.0) or not np.isfinite(window.sum(dtype=np.float64))


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
    # One axis after another, the outermost first: sixteen times faster than all three at once.
    low, high = (end(end(end(cut, axis=1), axis=2), axis=3) for end in (np.min, np.max))
    constant = low == high
    mixed = np.argwhere(~constant).astype(np.int32)
    values = np.ascontiguousarray(
        cut[mixed[:, 0], :, mixed[:, 1], :, mixed[:, 2], :], dtype=np.float32
    ).reshape(-1, LANES)
    tiles = np.argwhere(constant & (low != np.float32(background))).astype(np.int32)
    return mixed, values, tiles, low[tuple(tiles.T)].astype(np.float32)


def grid_of_dense(dense, voxel, offset=(0.0, 0.0, 0.0)):
    """A grid of a dense array; bricks that hold nothing are left out.

    Parameters
    ----------
    dense : ndarray of float32, shape (X, Y, Z)
    voxel : float
        Metres.
    offset : tuple of float, optional
        World position of the first value, metres.

    Returns
    -------
    BrickGrid
    """
    bricks = [-(-side // SIDE) for side in dense.shape]
    whole = np.zeros([n * SIDE for n in bricks], np.float32)
    whole[tuple(slice(0, side) for side in dense.shape)] = dense
    rows = whole.reshape(bricks[0], SIDE, bricks[1], SIDE, bricks[2], SIDE).transpose(0, 2, 4, 1, 3, 5).reshape(-1, LANES)
    held = rows.any(axis=1)
    coords = np.stack(np.unravel_index(np.flatnonzero(held), bricks), axis=-1)
    return grid_of(voxel, coords, rows[held], offset=offset)
