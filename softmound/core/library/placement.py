"""How the grids of a version stand in their files: unit, up-axis, origin, name and bits."""

from dataclasses import dataclass

import numpy as np

from ..exchange.export import exported, in_metres, origin_of
from ..exchange.meshes import from_metres
from ..exchange.units import UNITS
from ..volume.bricks import BrickGrid


@dataclass(frozen=True)
class InFile:
    """What the numbers of a version's files mean.

    Attributes
    ----------
    unit : str
        One of `exchange.units.UNITS`.
    up : str
        "y" or "z".
    at : tuple of float
        The point of the mound that is the file's origin, metres.
    name : str
        Of the grid.
    half : bool
        16-bit values.
    """

    unit: str = "m"
    up: str = "y"
    at: tuple = (0.0, 0.0, 0.0)
    name: str = "density"
    half: bool = True

    def written(self, grid):
        """A grid of the mound as it is written: BrickGrid."""
        if (self.unit, self.up) == ("m", "y") and not any(self.at):
            return grid
        return exported(grid, self.up, self.unit, np.array(self.at))

    def read(self, grid):
        """A grid of a file in metres with y up, where the mound has it: BrickGrid."""
        grid = in_metres(grid, self.unit, self.up)
        offset = tuple(float(a + b) for a, b in zip(grid.offset, self.at))
        return BrickGrid(grid.voxel, grid.coords, grid.values, grid.tile_coords, grid.tile_values, grid.background, offset)

    def box(self, bounds):
        """The box of a cloud in the file's numbers.

        Parameters
        ----------
        bounds : ((float, float, float), (float, float, float))
            Metres, y up, as the mound has it.

        Returns
        -------
        (ndarray of float64, ndarray of float64)
            Lower and upper corner.
        """
        corners = from_metres(np.array(bounds, float) - self.at, self.unit, self.up)
        return corners.min(axis=0), corners.max(axis=0)

    def length(self, metres):
        """A length in the file's unit: float."""
        return metres / UNITS[self.unit]

    def facts(self):
        """As `asset.json` keeps it: dict."""
        return {"unit": self.unit, "up": self.up, "origin_at": list(self.at)}


def in_file_of(facts):
    """How the grids of a version stand in their files.

    Parameters
    ----------
    facts : dict
        Its `asset.json`.

    Returns
    -------
    InFile
    """
    said = facts.get("in_file") or {}
    return InFile(said.get("unit", "m"), said.get("up", "y"), tuple(said.get("origin_at", (0.0, 0.0, 0.0))), facts["grid"],
                  facts.get("half", True))


def placed_by(options, grid):
    """How the grids of a version are to stand in their files.

    Parameters
    ----------
    options : ExportOptions
    grid : BrickGrid
        The full one, whose box decides where the origin lies.

    Returns
    -------
    InFile
    """
    at = tuple(round(float(v), 6) for v in origin_of(grid, options.origin))
    return InFile(options.unit, options.up, at, options.name, options.half)
