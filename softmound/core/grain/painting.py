"""Paint of strokes at voxels."""

import numpy as np

from ..kernels import each, f32, i32
from ..volume.bricks import LANES, SIDE


@each("coords")
def _painted(b, coords, voxel, points, out):
    """Paint of all strokes in turn: it covers up to its pressure, fading toward the rim of the brush."""
    x0 = f32(coords[b, 0] * SIDE) * voxel
    y0 = f32(coords[b, 1] * SIDE) * voxel
    z0 = f32(coords[b, 2] * SIDE) * voxel
    edge = f32(SIDE) * voxel
    for lane in range(LANES):
        out[b, lane] = f32(0)
    for p in range(points.shape[0]):
        r = points[p, 4]
        dx = max(f32(0), abs(points[p, 0] - x0 - f32(0.5) * edge) - f32(0.5) * edge)
        dy = max(f32(0), abs(points[p, 1] - y0 - f32(0.5) * edge) - f32(0.5) * edge)
        dz = max(f32(0), abs(points[p, 2] - z0 - f32(0.5) * edge) - f32(0.5) * edge)
        if dx * dx + dy * dy + dz * dz > r * r:
            continue
        for lane in range(LANES):
            x = x0 + f32(i32(lane) >> 6) * voxel - points[p, 0]
            y = y0 + f32((i32(lane) >> 3) & 7) * voxel - points[p, 1]
            z = z0 + f32(i32(lane) & 7) * voxel - points[p, 2]
            t = max(f32(0), f32(1) - (x * x + y * y + z * z) / (r * r))
            strength = t * t * points[p, 3]
            if points[p, 3] >= f32(0):
                out[b, lane] = max(out[b, lane], strength)
            else:
                out[b, lane] = max(f32(0), out[b, lane] + strength)


def painted(coords, voxel, strokes, out=None):
    """Paint at the voxels of some bricks.

    Parameters
    ----------
    coords : ndarray of int32, shape (n, 3)
    voxel : float
        Metres.
    strokes : sequence of Paint
    out : ndarray of float32, shape (n, 512), optional

    Returns
    -------
    ndarray of float32, shape (n, 512)
        0 to 1.
    """
    out = np.empty((len(coords), LANES), np.float32) if out is None else out
    points = [(*point, stroke.radius) for stroke in strokes for point in stroke.path]
    _painted(coords, f32(voxel), np.array(points, np.float32).reshape(-1, 5), out)
    return out
