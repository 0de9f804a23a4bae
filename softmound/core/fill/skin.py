"""Signed distance to density: nothing at the edge, the core density a skin's thickness inside."""

import numpy as np

from ..kernels import f32, kernel, prange
from ..volume.bricks import LANES


@kernel
def _fill(distance, per_metre, core, softness, out, low, high):
    for b in prange(distance.shape[0]):
        least = core
        most = f32(0)
        for lane in range(LANES):
            u = max(f32(0), min(f32(1), -distance[b, lane] * per_metre))
            smooth = u * u * (f32(3) - f32(2) * u)
            value = core * (u + softness * (smooth - u))
            out[b, lane] = value
            least = min(least, value)
            most = max(most, value)
        low[b] = least
        high[b] = most


def thickness_at(skin, voxel):
    """Thickness of the skin as built: never thinner than a voxel, which would alias.

    Parameters
    ----------
    skin : Skin
    voxel : float
        Metres.

    Returns
    -------
    float
        Metres.
    """
    return max(skin.thickness, voxel)


def filled(distance, skin, voxel, out=None):
    """Density from displaced distance.

    Parameters
    ----------
    distance : ndarray of float32, shape (n, 512)
        Metres.
    skin : Skin
    voxel : float
        Metres.
    out : ndarray of float32, shape (n, 512), optional
        May be `distance` itself.

    Returns
    -------
    density : ndarray of float32, shape (n, 512)
        From 0 to the core density.
    low, high : ndarray of float32, shape (n,)
        Smallest and largest density of each brick.
    """
    out = np.empty_like(distance) if out is None else out
    low = np.empty(len(distance), np.float32)
    high = np.empty(len(distance), np.float32)
    _fill(distance, f32(1.0 / thickness_at(skin, voxel)), f32(skin.core), f32(skin.softness),
          out, low, high)
    return out, low, high
