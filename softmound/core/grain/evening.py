"""Distances put right after a surface has been moved."""

import numpy as np

from ..kernels import each, f32
from ..noise.sums import slope_in_brick
from ..volume.bricks import LANES


@each("distance")
def _evened(b, distance, voxel, out):
    """Distances over their slope, so that they are true again."""
    slopes = np.empty(LANES, np.float32)
    for lane in range(LANES):
        gx, gy, gz = slope_in_brick(distance[b], lane, voxel)
        slopes[lane] = np.sqrt(gx * gx + gy * gy + gz * gz)
    for lane in range(LANES):
        out[b, lane] = distance[b, lane] / max(f32(0.4), min(f32(4), slopes[lane]))


def evened(distance, voxel, out=None):
    """Pushed distances put back, to first order, to true ones: divided by their slope.

    Parameters
    ----------
    distance : ndarray of float32, shape (n, 512)
        Metres.
    voxel : float
        Metres.
    out : ndarray of float32, shape (n, 512), optional
        May be `distance` itself.

    Returns
    -------
    ndarray of float32, shape (n, 512)
        Right near the surface, where the skin is; the slope is held within 0.4 and 4.
    """
    out = np.empty_like(distance) if out is None else out
    _evened(distance, f32(voxel), out)
    return out
