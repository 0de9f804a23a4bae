"""Finding a brick from inside a kernel."""

import numpy as np

from ..kernels import call
from .bricks import NOTHING


@call
def code_at(low, top, nodes, bx, by, bz):
    """Index code of the brick at brick coordinates (bx, by, bz).

    Parameters
    ----------
    low, top, nodes : ndarray of int32
        The fields of a `BrickIndex`.
    bx, by, bz : int
        Brick coordinates, anywhere.

    Returns
    -------
    int
        Row of the pool, `NOTHING`, or `-2 - tile`.
    """
    x = bx - low[0]
    y = by - low[1]
    z = bz - low[2]
    nx = x >> 4
    ny = y >> 4
    nz = z >> 4
    if nx < 0 or ny < 0 or nz < 0 or nx >= top.shape[0] or ny >= top.shape[1] or nz >= top.shape[2]:
        return np.int32(NOTHING)
    node = top[nx, ny, nz]
    if node < 0:
        return np.int32(NOTHING)
    return nodes[node, ((x & 15) << 8) | ((y & 15) << 4) | (z & 15)]


@call
def value_at(low, top, nodes, values, tile_values, background, i, j, k):
    """Value of voxel (i, j, k).

    Parameters
    ----------
    low, top, nodes : ndarray of int32
        The fields of a `BrickIndex`.
    values, tile_values : ndarray of float32
        Of the `BrickGrid`.
    background : float32
    i, j, k : int
        Voxel coordinates, anywhere.

    Returns
    -------
    float32
    """
    code = code_at(low, top, nodes, i >> 3, j >> 3, k >> 3)
    if code >= 0:
        return values[code, ((i & 7) << 6) | ((j & 7) << 3) | (k & 7)]
    if code == NOTHING:
        return background
    return tile_values[-2 - code]
