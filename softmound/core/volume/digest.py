"""One number for all the values of a grid, so that they can be told to be the same when the grid itself is gone."""

import hashlib

import numpy as np

from .bricks import brick_keys

_AT_ONCE = 4096


def values_digest(grid, half=True):
    """SHA-256 of where a grid stands and of all its values.

    Parameters
    ----------
    grid : BrickGrid
    half : bool, optional
        Of the values as 16-bit floats, as which they are stored.

    Returns
    -------
    str
        64 hexadecimal digits; the order of the bricks does not matter.
    """
    sum_ = hashlib.sha256(np.array([grid.voxel, *grid.offset], np.float64).tobytes())
    kind = np.float16 if half else np.float32
    for coords, values in ((grid.coords, grid.values), (grid.tile_coords, grid.tile_values)):
        order = np.argsort(brick_keys(coords), kind="stable")
        for start in range(0, len(order), _AT_ONCE):
            part = order[start : start + _AT_ONCE]
            sum_.update(np.ascontiguousarray(coords[part], np.int32))
            sum_.update(np.ascontiguousarray(values[part].astype(kind)))
    return sum_.hexdigest()
