"""Signed distance to density: nothing at the edge, the core density a skin's thickness inside."""

import numpy as np

from ..curves import curve_at, curve_numbers
from ..kernels import each, f32, i32, row
from ..volume.bricks import LANES, SIDE

CURVE = 3
"""Where the curve begins in the numbers of a skin: one over its thickness, core, and the shell's thickness."""
FILLED = 1e30
DEEP = np.float32(-1e6)
"""A distance deeper than any skin, metres."""


@row
def _density(distance, skin):
    """Density at a depth below the surface."""
    u = min(-distance, skin[2] + distance) * skin[0]
    return skin[1] * curve_at(max(f32(0), min(f32(1), u)), skin, CURVE)


@each("distance")
def _fill(b, distance, coords, voxel, upper, lower, two, altitude, per_metre, out, low, high):
    """Density of a brick from its distances, and its least and most."""
    y0 = f32(coords[b, 1] * SIDE) * voxel - altitude
    above = y0 * per_metre >= f32(0.5) or not two
    below = (y0 + f32(SIDE) * voxel) * per_metre <= f32(-0.5) and two
    if above or below:
        # Mostly one skin alone counts in a brick.
        for lane in range(LANES):
            out[b, lane] = _density(distance[b, lane], upper if above else lower)
    else:
        for lane in range(LANES):
            share = (y0 + f32((i32(lane) >> 3) & 7) * voxel) * per_metre + f32(0.5)
            share = max(f32(0), min(f32(1), share))
            one = _density(distance[b, lane], upper)
            other = _density(distance[b, lane], lower)
            out[b, lane] = other + share * share * (f32(3) - f32(2) * share) * (one - other)
    least = out[b, 0]
    most = out[b, 0]
    for lane in range(LANES):
        least = min(least, out[b, lane])
        most = max(most, out[b, lane])
    low[b] = least
    high[b] = most


def thickness_at(part, voxel):
    """Thickness of a skin as built: never thinner than a voxel, which would alias.

    Parameters
    ----------
    part : SkinPart
    voxel : float
        Metres.

    Returns
    -------
    float
        Metres.
    """
    return max(part.thickness, voxel)


def depth_of(skin, voxel):
    """How deep inside the surface density still changes.

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
    if skin.shell is not None:
        return max(skin.shell, voxel)
    parts = [skin] if skin.below is None else [skin, skin.below]
    return max(thickness_at(part, voxel) for part in parts)


def _numbers(part, shell, voxel):
    shell = FILLED if shell is None else max(shell, 2 * voxel)
    return np.concatenate([
        np.array([1.0 / thickness_at(part, voxel), part.core, shell], np.float32), curve_numbers(part.curve)])


def filled(distance, coords, skin, voxel, out=None):
    """Density from displaced distance.

    Parameters
    ----------
    distance : ndarray of float32, shape (n, 512)
        Metres.
    coords : ndarray of int32, shape (n, 3)
        Their bricks.
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
    below = skin.below
    upper = _numbers(skin, skin.shell, voxel)
    lower = upper if below is None else _numbers(below, skin.shell, voxel)
    altitude = 0.0 if below is None else below.altitude
    _fill(distance, coords, f32(voxel), upper, lower, below is not None, f32(altitude),
          f32(1.0 / max(0.0 if below is None else below.blend, voxel)), out, low, high)
    return out, low, high


def inner(coords, skin, voxel):
    """Density of bricks that lie wholly deeper than the skin.

    Parameters
    ----------
    coords : ndarray of int32, shape (n, 3)
    skin : Skin
    voxel : float
        Metres.

    Returns
    -------
    tile_coords : ndarray of int32, shape (m, 3)
        Bricks of one density.
    tile_values : ndarray of float32, shape (m,)
    brick_coords : ndarray of int32, shape (k, 3)
        Bricks where one skin passes into the other.
    brick_values : ndarray of float32, shape (k, 512)
    """
    rows, which = np.unique(coords[:, 1], return_inverse=True)
    layer = np.zeros((len(rows), 3), np.int32)
    layer[:, 1] = rows
    deep = np.full((len(rows), LANES), DEEP, np.float32)
    values, low, high = filled(deep, layer, skin, voxel, out=deep)
    even = low == high
    tile = even[which] & (high[which] > 0.0)
    brick = ~even[which]
    return coords[tile], high[which[tile]], coords[brick], values[which[brick]]
