"""Distances put right after a surface has been moved."""

import numpy as np

from ..kernels import each, f32
from ..noise.sums import slopes_in_brick
from ..volume.bricks import LANES

STEEPEST = 4.0
"""Slopes count as no steeper than this."""


@each("distance")
def _evened(b, distance, voxel, out):
    """Distances over their slope, so that they are true again."""
    slopes = np.empty((3, LANES), np.float32)
    slopes_in_brick(distance[b], voxel, slopes)
    for lane in range(LANES):
        steep = np.sqrt(slopes[0, lane] ** 2 + slopes[1, lane] ** 2 + slopes[2, lane] ** 2)
        out[b, lane] = distance[b, lane] / max(f32(0.4), min(f32(STEEPEST), steep))


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
