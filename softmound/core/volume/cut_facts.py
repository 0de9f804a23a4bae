"""What a cut amounts to, beside the whole cloud: densities and optical depths, as histograms."""

from dataclasses import dataclass

import numpy as np

from .numbers import column_depths, histogram_of
from .slices import slice_of

BINS = 64
LONGEST = 512
"""Samples along a cut, for its histogram."""


@dataclass(frozen=True, eq=False)
class Whole:
    """Histograms of a whole grid.

    Attributes
    ----------
    density, depth : ndarray of int64, shape (bins,)
        Active voxels by density; lines of voxels along the axis by optical depth.
    density_edges, depth_edges : ndarray of float64, shape (bins + 1,)
    """

    density: np.ndarray
    density_edges: np.ndarray
    depth: np.ndarray
    depth_edges: np.ndarray


@dataclass(frozen=True, eq=False)
class CutFacts:
    """A cut beside the whole.

    Attributes
    ----------
    whole : Whole
    density, depth : ndarray of int64, shape (bins,)
        Of the cut, in the bins of the whole: its samples by density; its lines along `along` by optical depth.
    most, mean : float
        Density of what is not empty in the cut.
    share : float
        Of the cut's box that is not empty.
    along : int
        Axis along which optical depth is summed within the cut.
    """

    whole: Whole
    density: np.ndarray
    depth: np.ndarray
    most: float
    mean: float
    share: float
    along: int


def whole_histograms(grid, extinction, axis):
    """Histograms of a whole grid.

    Parameters
    ----------
    grid : BrickGrid
        Not empty.
    extinction : float
        1/m at density 1.
    axis : int
        Optical depth is summed along it: square to the cut.

    Returns
    -------
    Whole
    """
    density, edges = histogram_of(grid, BINS)
    depths = column_depths(grid, axis) * extinction
    depths = depths[depths > 0.0]
    depth, depth_edges = np.histogram(depths, BINS, (0.0, float(depths.max(initial=1e-9))))
    return Whole(density, edges, depth, depth_edges)


def facts_of_cut(grid, extinction, axis, at, whole):
    """Histograms of a cut.

    Parameters
    ----------
    grid : BrickGrid
        Not empty.
    extinction : float
        1/m at density 1.
    axis : int
    at : float
        Metres.
    whole : Whole

    Returns
    -------
    CutFacts
    """
    values, low, high = slice_of(grid, axis, at, LONGEST)
    live = values[values > 0.0]
    density, _ = np.histogram(live, whole.density_edges)
    along = 2 if axis == 1 else 1
    step = (high[1] - low[1]) / len(values)
    depths = values.sum(axis=0, dtype=np.float64) * step * extinction
    depth, _ = np.histogram(np.minimum(depths[depths > 0.0], whole.depth_edges[-1]), whole.depth_edges)
    return CutFacts(whole, density, depth, float(live.max(initial=0.0)), float(live.mean()) if len(live) else 0.0,
                    len(live) / values.size, along)
