"""Reading a grid at world positions."""

import numpy as np

from ..kernels import each, f32
from .lookup import value_at


@each("points")
def _sample(n, low, top, nodes, values, tile_values, background, points, out):
    x = points[n, 0]
    y = points[n, 1]
    z = points[n, 2]
    i = np.int64(np.floor(x))
    j = np.int64(np.floor(y))
    k = np.int64(np.floor(z))
    u = x - i
    v = y - j
    w = z - k
    total = 0.0
    for a in range(2):
        for b in range(2):
            for c in range(2):
                weight = (u if a else 1.0 - u) * (v if b else 1.0 - v) * (w if c else 1.0 - w)
                total += weight * value_at(
                    low, top, nodes, values, tile_values, background, i + a, j + b, k + c
                )
    out[n] = total


def sample(grid, points):
    """Trilinear value of a grid at world positions.

    Parameters
    ----------
    grid : BrickGrid
    points : array_like of float, shape (..., 3)
        Metres.

    Returns
    -------
    ndarray of float32, shape (...)
    """
    points = np.asarray(points, dtype=np.float64)
    at = np.ascontiguousarray((points.reshape(-1, 3) - grid.offset) / grid.voxel)
    out = np.empty(len(at), np.float32)
    index = grid.index
    _sample(index.low, index.top, index.nodes, grid.values, grid.tile_values,
            f32(grid.background), at, out)
    return out.reshape(points.shape[:-1])
