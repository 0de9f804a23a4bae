"""A grid as another program wants it: up-axis, unit, origin."""

from dataclasses import dataclass

import numpy as np

from ..problems import Problem
from ..volume.bricks import LANES, SIDE, grid_of
from .units import UNITS, UPS

ORIGINS = ("kept", "centre", "base")
"""As the mound has it; the middle of the cloud's box; the middle of the box's underside."""


@dataclass(frozen=True)
class ExportOptions:
    """How an OpenVDB file is to be written.

    Attributes
    ----------
    up : str
        "y" or "z".
    unit : str
        One of `units.UNITS`.
    origin : str
        One of `ORIGINS`.
    half : bool
        16-bit values.
    name : str
        Of the density grid.
    tolerance : float
        Densities so close to one another become one tile.
    surface : bool
        Also write the displaced surface as a level set named "surface".
    """

    up: str = "y"
    unit: str = "m"
    origin: str = "kept"
    half: bool = True
    name: str = "density"
    tolerance: float = 0.0
    surface: bool = False

    def __post_init__(self):
        for value, there, what in ((self.up, UPS, "up-axis"), (self.unit, UNITS, "unit"), (self.origin, ORIGINS, "origin")):
            if value not in there:
                raise Problem("{!r} is no {}; choose one of {}.", value, what, ", ".join(there))
        if not isinstance(self.name, str) or not self.name or len(self.name) > 80 or not self.name.isprintable():
            raise Problem("{!r} is no name for the grid; give letters and numbers.", self.name)


def origin_of(grid, origin):
    """The point of the mound that becomes the file's origin.

    Parameters
    ----------
    grid : BrickGrid
        In metres with y up.
    origin : str or ndarray of float, shape (3,)
        One of `ORIGINS`; or the point itself, metres.

    Returns
    -------
    ndarray of float64, shape (3,)
        Metres.
    """
    if not isinstance(origin, str):
        return np.asarray(origin, float)
    bounds = grid.active_bounds()
    if origin == "kept" or bounds is None:
        return np.zeros(3)
    low, high = (grid.world(corner) for corner in bounds)
    middle = (low + high) / 2
    if origin == "base":
        # Voxels are centred on their place: the underside lies half a voxel below the lowest one.
        middle[1] = low[1] - grid.voxel / 2
    return middle


def exported(grid, up="y", unit="m", origin="kept"):
    """The grid with its placement in a file's axes and unit. Values stay as they are.

    Parameters
    ----------
    grid : BrickGrid
        In metres with y up.
    up : str, optional
        "y", or "z": turned a quarter about x, so that nothing is mirrored.
    unit : str, optional
        One of `units.UNITS`: what one of the file's units is.
    origin : str or ndarray of float, shape (3,), optional
        See `origin_of`.

    Returns
    -------
    BrickGrid
        `voxel` and `offset` in the file's unit.
    """
    offset = np.array(grid.offset, float) - origin_of(grid, origin)
    coords, values, tiles = grid.coords, grid.values, grid.tile_coords
    if up == "z":
        # (x, y, z) becomes (x, -z, y); voxel -k stands where -1 - k would, moved by one.
        cut = values.reshape(-1, SIDE, SIDE, SIDE)
        values = np.ascontiguousarray(cut.transpose(0, 1, 3, 2)[:, :, ::-1, :]).reshape(-1, LANES)
        coords, tiles = (np.stack([c[:, 0], -1 - c[:, 2], c[:, 1]], axis=1) for c in (coords, tiles))
        offset = np.array([offset[0], -offset[2] + grid.voxel, offset[1]])
    scale = 1.0 / UNITS[unit]
    return grid_of(grid.voxel * scale, coords, values, tiles, grid.tile_values, grid.background,
                   tuple(offset * scale))


def in_metres(grid, unit="m", up="y"):
    """A file's grid in metres with y up: undoes `exported` with the origin kept.

    Parameters
    ----------
    grid : BrickGrid
        As read from a file.
    unit, up : str, optional
        What the file's numbers mean.

    Returns
    -------
    BrickGrid
    """
    coords, values, tiles = grid.coords, grid.values, grid.tile_coords
    offset = np.array(grid.offset, float)
    if up == "z":
        # (x, y, z) becomes (x, z, -y).
        cut = values.reshape(-1, SIDE, SIDE, SIDE)
        values = np.ascontiguousarray(cut.transpose(0, 1, 3, 2)[:, :, :, ::-1]).reshape(-1, LANES)
        coords, tiles = (np.stack([c[:, 0], c[:, 2], -1 - c[:, 1]], axis=1) for c in (coords, tiles))
        offset = np.array([offset[0], offset[2], -offset[1] + grid.voxel])
    scale = UNITS[unit]
    return grid_of(grid.voxel * scale, coords, values, tiles, grid.tile_values, grid.background, tuple(offset * scale))
