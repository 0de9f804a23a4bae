"""What the numbers of a density grid amount to: volume, water, optical depth."""

from dataclasses import asdict, dataclass

import numpy as np

from .bricks import LANES, SIDE

WATER = 0.5
"""Liquid water of a cumulus in g/m3, where nothing else is said."""
AXES = "xyz"


@dataclass(frozen=True)
class Numbers:
    """A density grid in numbers.

    Attributes
    ----------
    dims : tuple of int
        Active voxels along each axis.
    active_voxels, bricks, tiles, bytes : int
    mean, most : float
        Of the density of active voxels.
    volume : float
        Of the active voxels, m3.
    filled : float
        Volume at density 1 that would hold as much, m3.
    depth : tuple of float
        Largest optical depth straight through the cloud along x, y and z.
    water : float
        Mass of water in kg.
    """

    dims: tuple
    active_voxels: int
    bricks: int
    tiles: int
    bytes: int
    mean: float
    most: float
    volume: float
    filled: float
    depth: tuple
    water: float

    def as_dict(self):
        """The numbers as JSON wants them.

        Returns
        -------
        dict
        """
        return asdict(self)


def numbers_of(grid, extinction, water=WATER):
    """Count, weigh and look through a density grid.

    Parameters
    ----------
    grid : BrickGrid
        Density with background 0, metres.
    extinction : float
        1/m at density 1.
    water : float, optional
        Liquid water in g/m3 at density 1.

    Returns
    -------
    Numbers or None
        None when nothing is active.
    """
    bounds = grid.active_bounds()
    if bounds is None:
        return None
    active = grid.active_voxels()
    total = float(grid.values.sum(dtype=np.float64)) + LANES * float(grid.tile_values.sum(dtype=np.float64))
    most = max(float(v.max()) for v in (grid.values, grid.tile_values) if len(v))
    cell = grid.voxel**3
    depths = tuple(float(column_depths(grid, axis).max()) * extinction for axis in range(3))
    return Numbers(
        tuple(int(d) for d in bounds[1] - bounds[0] + 1), active, len(grid.coords), len(grid.tile_coords),
        grid.nbytes, total / active, most, active * cell, total * cell,
        depths, total * cell * water / 1000.0,
    )


def column_depths(grid, axis):
    """Density summed along every line of voxels parallel to an axis, times the voxel.

    Parameters
    ----------
    grid : BrickGrid
    axis : int

    Returns
    -------
    ndarray of float64, shape (rows, columns)
        Metres of density 1: times the extinction, the optical depth. Over the box of all bricks.
    """
    others = [a for a in range(3) if a != axis]
    both = np.concatenate([grid.coords, grid.tile_coords])[:, others]
    low = both.min(axis=0)
    size = both.max(axis=0) - low + 1
    out = np.zeros((int(size[0]), int(size[1]), SIDE, SIDE))
    sums = grid.values.reshape(-1, SIDE, SIDE, SIDE).sum(axis=axis + 1, dtype=np.float64)
    at = (grid.coords[:, others] - low).T
    np.add.at(out, tuple(at), sums)
    tiles = np.repeat(SIDE * grid.tile_values.astype(np.float64), SIDE * SIDE).reshape(-1, SIDE, SIDE)
    np.add.at(out, tuple((grid.tile_coords[:, others] - low).T), tiles)
    return out.transpose(0, 2, 1, 3).reshape(int(size[0]) * SIDE, int(size[1]) * SIDE) * grid.voxel


def histogram_of(grid, bins=64):
    """How many active voxels have which density.

    Parameters
    ----------
    grid : BrickGrid
    bins : int, optional

    Returns
    -------
    counts : ndarray of int64, shape (bins,)
    edges : ndarray of float64, shape (bins + 1,)
        From 0 to the largest density.
    """
    most = max([float(v.max()) for v in (grid.values, grid.tile_values) if len(v)], default=1.0) or 1.0
    counts, edges = np.histogram(grid.values[grid.values != 0.0], bins, (0.0, most))
    tiles, _ = np.histogram(grid.tile_values[grid.tile_values != 0.0], bins, (0.0, most))
    return counts + LANES * tiles, edges
