"""Base and top level: what lies beyond is cut off, what lies near is pressed together."""

import numpy as np

from ..kernels import call, f32, row
from ..noise.fbm import fbm_at
from ..volume.bricks import LANES, SIDE
from .ellipsoid import SMALLEST_MELT, melted

PRESSED = 0.5
"""How much of what lies beyond a level is pressed into its softness, in parts of the softness."""
RAGGED_OCTAVES = 3
FAR = 1e9
COLUMNS = 6
"""Row of a level: 1 if it is on, altitude, softness, raggedness, frequency of the raggedness, and 1
for a base or -1 for a top level."""


def level_row(level, side):
    """Numbers of a level as the kernels want them.

    Parameters
    ----------
    level : BaseLevel or None
    side : float
        1 for what lies below it, -1 for what lies above.

    Returns
    -------
    ndarray of float32, shape (6,)
    """
    if level is None or not level.on:
        return np.zeros(COLUMNS, np.float32)
    return np.array([1.0, level.altitude, max(level.softness, SMALLEST_MELT), level.raggedness,
                     1.0 / level.ragged_size, side], np.float32)


def slack_of(level):
    """How far a level may move the surface besides cutting it, metres.

    Parameters
    ----------
    level : BaseLevel or None

    Returns
    -------
    float
    """
    return level.raggedness + level.softness / 4 if level is not None and level.on else 0.0


@row
def pressed(y, level):
    """The height a point near a level had before it was pressed together.

    Within the softness on the level's inner side, heights run ever faster toward what lies beyond:
    quadratically, so that the shape stays smooth where the pressing begins.

    Parameters
    ----------
    y : float32
        Metres.
    level : ndarray of float32, shape (6,)

    Returns
    -------
    float32
        Metres.
    """
    softness = max(level[2], f32(SMALLEST_MELT))
    share = max(f32(0), min(f32(1), f32(1) - level[5] * (y - level[1]) / softness)) * level[0]
    return y - level[5] * softness * f32(PRESSED) * share * share


@call
def flatten(brick, x0, y0, z0, voxel, level, seed):
    """Cut a brick's shape at a level.

    Parameters
    ----------
    brick : ndarray of float32, shape (512,)
        Distances, changed.
    x0, y0, z0, voxel : float32
        Place of its first voxel, and its voxel, metres.
    level : ndarray of float32, shape (6,)
    seed : uint32
    """
    altitude, softness, raggedness, frequency, side = level[1], level[2], level[3], level[4], level[5]
    deepest = f32(FAR)
    for lane in range(LANES):
        deepest = min(deepest, brick[lane])
    beyond = max(side * (altitude - y0), side * (altitude - y0 - f32(SIDE - 1) * voxel))
    if beyond + raggedness <= deepest - softness:
        return  # well on the other side the smooth maximum changes nothing
    for i in range(SIDE):
        for k in range(SIDE):
            height = altitude
            if raggedness > f32(0):
                height += raggedness * fbm_at(
                    (x0 + f32(i) * voxel) * frequency, f32(0.5), (z0 + f32(k) * voxel) * frequency,
                    RAGGED_OCTAVES, f32(2), f32(0.5), f32(0), seed,
                )
            for j in range(SIDE):
                lane = (i << 6) | (j << 3) | k
                outside = side * (height - (y0 + f32(j) * voxel))
                # The smooth maximum is the smooth minimum upside down.
                brick[lane] = -melted(-brick[lane], -outside, softness)
