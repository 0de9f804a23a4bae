"""A cut through the numbers of a grid, and the colours it is shown in."""

import numpy as np

from ..colour import encoded, from_lab
from .sample import sample

AXES = "xyz"
_RAMP = ((14.0, 4.0, -12.0), (38.0, 2.0, -22.0), (62.0, 14.0, 18.0), (78.0, 10.0, 46.0), (96.0, 0.0, 12.0))
"""Stops of the ramp in CIE L*a*b*: ink, slate blue, clay, barley, cream. Lightness rises evenly."""


def slice_of(grid, axis, at, longest=1024):
    """Values on a plane across a grid.

    Parameters
    ----------
    grid : BrickGrid
    axis : int
        The axis the plane is square to.
    at : float
        Where on it, in the grid's unit.
    longest : int, optional
        Samples along the longer side; never finer than the voxels.

    Returns
    -------
    values : ndarray of float32, shape (rows, columns)
        Seen with the plane's own up-axis up: y where it has it, else z.
    low, high : ndarray of float64, shape (2,)
        Corners of the plane: across, up; in the grid's unit.
    """
    across, up = [(2, 1), (0, 2), (0, 1)][axis]
    bounds = grid.active_bounds()
    if bounds is None:
        return np.zeros((1, 1), np.float32), np.zeros(2), np.zeros(2)
    low, high = grid.world(bounds[0]) - grid.voxel, grid.world(bounds[1]) + grid.voxel
    step = max(grid.voxel, float((high - low)[[across, up]].max()) / longest)
    columns, rows = (max(1, int(np.ceil((high - low)[a] / step))) for a in (across, up))
    points = np.zeros((rows, columns, 3))
    points[..., axis] = at
    points[..., across] = low[across] + (np.arange(columns) + 0.5) * step
    points[..., up] = (high[up] - (np.arange(rows) + 0.5) * step)[:, None]
    return sample(grid, points), low[[across, up]], high[[across, up]]


def ramp(count=256):
    """Colours from nothing to most, whose lightness rises in even steps.

    Parameters
    ----------
    count : int, optional

    Returns
    -------
    ndarray of uint8, shape (count, 3)
        sRGB (IEC 61966-2-1), from CIE L*a*b* under D65.
    """
    stops = np.array(_RAMP)
    lightness = np.linspace(stops[0, 0], stops[-1, 0], count)
    a, b = (np.interp(lightness, stops[:, 0], stops[:, n]) for n in (1, 2))
    return (encoded(from_lab(lightness, a, b)) * 255.0 + 0.5).astype(np.uint8)


def coloured(values, low, high):
    """Values in the colours of the ramp.

    Parameters
    ----------
    values : ndarray of float32, shape (rows, columns)
    low, high : float
        Shown as the first and the last colour.

    Returns
    -------
    ndarray of uint8, shape (rows, columns, 3)
    """
    table = ramp()
    share = (values - low) / max(high - low, 1e-30)
    return table[np.clip(share * 255.0 + 0.5, 0, 255).astype(np.int64)]
