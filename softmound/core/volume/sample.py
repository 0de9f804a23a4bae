"""Reading a grid at world positions."""

import numpy as np

from ..kernels import call, each, f32
from .bricks import NOTHING
from .lookup import code_at, value_at


@call
def value_between(low, top, nodes, values, tile_values, background, x, y, z):
    """Trilinear value between voxels.

    Parameters
    ----------
    low, top, nodes : ndarray of int32
        The fields of a `BrickIndex`.
    values, tile_values : ndarray of float32
        Of the `BrickGrid`.
    background : float32
    x, y, z : float
        In voxels, anywhere.

    Returns
    -------
    float
    """
    i = np.int64(np.floor(x))
    j = np.int64(np.floor(y))
    k = np.int64(np.floor(z))
    u = x - i
    v = y - j
    w = z - k
    # Two places of three have all eight neighbours in one brick, which is looked up once.
    if (i & 7) < 7 and (j & 7) < 7 and (k & 7) < 7:
        code = code_at(low, top, nodes, i >> 3, j >> 3, k >> 3)
        if code == NOTHING:
            return np.float64(background)
        if code < 0:
            return np.float64(tile_values[-2 - code])
        at = ((i & 7) << 6) | ((j & 7) << 3) | (k & 7)
        brick = values[code]
        near = (1.0 - v) * ((1.0 - w) * brick[at] + w * brick[at + 1]) + v * ((1.0 - w) * brick[at + 8] + w * brick[at + 9])
        far = (1.0 - v) * ((1.0 - w) * brick[at + 64] + w * brick[at + 65]) + v * ((1.0 - w) * brick[at + 72] + w * brick[at + 73])
        return (1.0 - u) * near + u * far
    total = 0.0
    for a in range(2):
        for b in range(2):
            for c in range(2):
                weight = (u if a else 1.0 - u) * (v if b else 1.0 - v) * (w if c else 1.0 - w)
                total += weight * value_at(low, top, nodes, values, tile_values, background, i + a, j + b, k + c)
    return total


@each("points")
def _sample(n, low, top, nodes, values, tile_values, background, points, out):
    """Trilinear values at points."""
    out[n] = value_between(low, top, nodes, values, tile_values, background, points[n, 0], points[n, 1], points[n, 2])


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
