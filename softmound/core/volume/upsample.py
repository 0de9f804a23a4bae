"""Upsampling: a grid read on voxels half as wide, by cubic interpolation (Catmull and Rom 1974, A class of local interpolating
splines), and slopes that know a brick's neighbours.
"""

import numpy as np

from ..kernels import borrowed, call, each, f32, i32
from ..ticket import chunks
from .bricks import LANES, SIDE
from .lookup import code_at

CHUNK = 8192
_WIDE = 7
"""Voxels of the coarser grid that a brick of the finer one reads, along an axis."""


@call
def _gathered(grid, corner, out):
    """Voxels of a block from a corner on; where there is no brick those of the nearest voxel of the one in the middle."""
    low, top, nodes, values = grid
    middle = (corner[0] + 3) >> 3, (corner[1] + 3) >> 3, (corner[2] + 3) >> 3
    own = code_at(low, top, nodes, middle[0], middle[1], middle[2])
    for x in range(_WIDE):
        for y in range(_WIDE):
            for z in range(_WIDE):
                i, j, k = corner[0] + x, corner[1] + y, corner[2] + z
                code = own
                if (i >> 3) != middle[0] or (j >> 3) != middle[1] or (k >> 3) != middle[2]:
                    code = code_at(low, top, nodes, i >> 3, j >> 3, k >> 3)
                    if code < 0:
                        code = own
                        i = min(max(i, middle[0] * SIDE), middle[0] * SIDE + SIDE - 1)
                        j = min(max(j, middle[1] * SIDE), middle[1] * SIDE + SIDE - 1)
                        k = min(max(k, middle[2] * SIDE), middle[2] * SIDE + SIDE - 1)
                out[x, y, z] = values[code, ((i & 7) << 6) | ((j & 7) << 3) | (k & 7)] if code >= 0 else f32(0)


@call
def _between(a, b, c, d):
    """Halfway between the inner two of four samples."""
    return f32(0.5625) * (b + c) - f32(0.0625) * (a + d)


@each("coords")
def _upsample(n, grid, coords, out):
    """A brick of the finer grid."""
    source = borrowed(grid)
    block = np.empty((_WIDE, _WIDE, _WIDE), np.float32)
    across, along = np.empty((SIDE, _WIDE, _WIDE), np.float32), np.empty((SIDE, SIDE, _WIDE), np.float32)
    # Its first voxel is one of the coarser grid; one before it is read as well.
    _gathered(source, (coords[n, 0] * 4 - 1, coords[n, 1] * 4 - 1, coords[n, 2] * 4 - 1), block)
    for i in range(4):
        for j in range(_WIDE):
            for k in range(_WIDE):
                across[2 * i, j, k] = block[i + 1, j, k]
                across[2 * i + 1, j, k] = _between(block[i, j, k], block[i + 1, j, k], block[i + 2, j, k], block[i + 3, j, k])
    for i in range(SIDE):
        for j in range(4):
            for k in range(_WIDE):
                along[i, 2 * j, k] = across[i, j + 1, k]
                along[i, 2 * j + 1, k] = _between(across[i, j, k], across[i, j + 1, k], across[i, j + 2, k], across[i, j + 3, k])
    for i in range(SIDE):
        for j in range(SIDE):
            for k in range(4):
                lane = (i << 6) | (j << 3) | (k << 1)
                out[n, lane] = along[i, j, k + 1]
                out[n, lane + 1] = _between(along[i, j, k], along[i, j, k + 1], along[i, j, k + 2], along[i, j, k + 3])


def upsampled(grid, coords, ticket=None):
    """Values of a grid at the voxels of bricks of half its voxel.

    Parameters
    ----------
    grid : BrickGrid
        With a brick wherever one is asked for; neighbours that are not there count as going on evenly.
    coords : ndarray of int32, shape (n, 3)
        Brick coordinates at half the voxel.
    ticket : Ticket, optional

    Returns
    -------
    ndarray of float32, shape (n, 512)
    """
    out, coords = np.empty((len(coords), LANES), np.float32), np.ascontiguousarray(coords, np.int32)
    index = grid.index
    for part in chunks(len(coords), CHUNK, ticket):
        _upsample((index.low, index.top, index.nodes, grid.values), coords[part], out[part])
    return out


@each("coords")
def _bound(n, grid, coords, least, most):
    """The least and the most of what a brick of the finer grid is read between."""
    source = borrowed(grid)
    block = np.empty((_WIDE, _WIDE, _WIDE), np.float32)
    _gathered(source, (coords[n, 0] * 4 - 1, coords[n, 1] * 4 - 1, coords[n, 2] * 4 - 1), block)
    least[n] = block.min()
    most[n] = block.max()


def bounds_between(grid, coords, ticket=None):
    """The least and the most of the voxels of a grid that bricks of half its voxel are read between.

    Parameters
    ----------
    grid, coords, ticket
        As of `upsampled`.

    Returns
    -------
    least, most : ndarray of float32, shape (n,)
    """
    least, most = np.empty((2, len(coords)), np.float32)
    coords, index = np.ascontiguousarray(coords, np.int32), grid.index
    for part in chunks(len(coords), CHUNK, ticket):
        _bound((index.low, index.top, index.nodes, grid.values), coords[part], least[part], most[part])
    return least, most


@each("coords")
def _bend(n, grid, first, coords, most):
    """The most that a fourth difference along an axis is in a brick and two voxels into its neighbours."""
    low, top, nodes, values = borrowed(grid)
    line, found = np.empty(SIDE + 4, np.float32), f32(0)
    for axis in range(3):
        step, across, down = (64, 8, 1) if axis == 0 else ((8, 64, 1) if axis == 1 else (1, 64, 8))
        before = code_at(low, top, nodes, coords[n, 0] - (axis == 0), coords[n, 1] - (axis == 1), coords[n, 2] - (axis == 2))
        after = code_at(low, top, nodes, coords[n, 0] + (axis == 0), coords[n, 1] + (axis == 1), coords[n, 2] + (axis == 2))
        begin, end = 0 if before >= 0 else 2, SIDE + 4 if after >= 0 else SIDE + 2
        for row in range(SIDE * SIDE):
            start = (row >> 3) * across + (row & 7) * down
            for i in range(SIDE):
                line[i + 2] = values[first + n, start + i * step]
            for i in range(2):
                line[i] = values[before, start + (SIDE - 2 + i) * step] if before >= 0 else f32(0)
                line[SIDE + 2 + i] = values[after, start + i * step] if after >= 0 else f32(0)
            for i in range(begin, end - 4):
                bend = line[i] + line[i + 4] - f32(4) * (line[i + 1] + line[i + 3]) + f32(6) * line[i + 2]
                found = max(found, abs(bend))
    most[n] = found


def bends_of(grid, ticket=None):
    """How far from a cubic a grid is: what reading between its voxels may be wrong by is at most three eighths of it.

    Parameters
    ----------
    grid : BrickGrid
    ticket : Ticket, optional

    Returns
    -------
    ndarray of float32, shape (n,)
        The largest fourth difference along an axis that has a voxel of the brick in it. Where values are smooth the error between
        voxels is 3/128 of it; three eighths are reached at a crease that lies halfway between two of them.
    """
    most, index = np.empty(len(grid.coords), np.float32), grid.index
    for part in chunks(len(most), CHUNK, ticket):
        _bend((index.low, index.top, index.nodes, grid.values), part.start, grid.coords[part], most[part])
    return most


@each("coords")
def _slopes(n, grid, coords, first, voxel, out):
    """Gradient in a brick: central wherever there is a neighbour, else one-sided to the second order."""
    low, top, nodes, values = borrowed(grid)
    half = f32(0.5) / voxel
    own = values[first + n]
    for axis in range(3):
        step = 64 if axis == 0 else (8 if axis == 1 else 1)
        before = code_at(low, top, nodes, coords[n, 0] - (axis == 0), coords[n, 1] - (axis == 1), coords[n, 2] - (axis == 2))
        after = code_at(low, top, nodes, coords[n, 0] + (axis == 0), coords[n, 1] + (axis == 1), coords[n, 2] + (axis == 2))
        for lane in range(LANES):
            at = (i32(lane) // step) & 7
            if at == 0:
                if before >= 0:
                    slope = own[lane + step] - values[before, lane + 7 * step]
                else:
                    slope = f32(4) * own[lane + step] - f32(3) * own[lane] - own[lane + 2 * step]
            elif at == 7:
                if after >= 0:
                    slope = values[after, lane - 7 * step] - own[lane - step]
                else:
                    slope = f32(3) * own[lane] - f32(4) * own[lane - step] + own[lane - 2 * step]
            else:
                slope = own[lane + step] - own[lane - step]
            out[n, axis, lane] = slope * half


def slopes_of(grid, first=0, last=None):
    """Gradient of a grid at its voxels.

    Parameters
    ----------
    grid : BrickGrid
    first, last : int, optional
        Bricks from and up to which it is wanted; default all.

    Returns
    -------
    ndarray of float32, shape (last - first, 3, 512)
        Of each brick, for each metre along x, y and z; where a neighbour is missing to the second order from within.
    """
    coords, index = grid.coords[first:last], grid.index
    out = np.empty((len(coords), 3, LANES), np.float32)
    _slopes((index.low, index.top, index.nodes, grid.values), coords, first, f32(grid.voxel), out)
    return out
