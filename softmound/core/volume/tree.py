"""Looking through a grid of the reference library, without our kernels: for children that only read."""

import numpy as np

from ..problems import Problem
from .bricks import NODE, SIDE

SPAN = NODE * SIDE
"""Voxels along a window in which a foreign grid is read: one lower internal node of the tree."""


def windows_of(source, ticket=None):
    """Corners of the windows that cover all leaves and tiles of an OpenVDB grid.

    Parameters
    ----------
    source : FloatGrid
    ticket : Ticket, optional

    Yields
    ------
    ndarray of int64, shape (3,)
        Lowest voxel of a window of `SPAN` voxels a side.
    """
    if source.activeVoxelCount() == 0 and source.leafCount() == 0:
        return
    low, high = (np.array(corner) for corner in source.evalActiveVoxelBoundingBox())
    if source.leafCount():
        leaf_low, leaf_high = (np.array(corner) for corner in source.evalLeafBoundingBox())
        if source.activeVoxelCount():
            low, high = np.minimum(low, leaf_low), np.maximum(high, leaf_high)
        else:
            low, high = leaf_low, leaf_high
    low, high = low // SPAN, high // SPAN
    shape = high - low + 1
    for number, at in enumerate(np.ndindex(*(int(s) for s in shape))):
        if ticket is not None:
            ticket.tick(number / int(shape.prod()))
        yield (low + at) * SPAN


def placement(source):
    """Voxel size and world position of voxel (0, 0, 0) of an OpenVDB grid.

    Parameters
    ----------
    source : FloatGrid

    Returns
    -------
    (float, tuple of float)
        In the file's unit.

    Raises
    ------
    Problem
        If the transform turns, shears or stretches.
    """
    to_world = source.transform.indexToWorld
    origin = np.array(to_world((0, 0, 0)), float)
    axes = np.array([np.array(to_world(tuple(e)), float) - origin for e in np.eye(3)])
    voxel = float(axes[0, 0])
    if voxel <= 0.0 or not np.allclose(axes, np.eye(3) * voxel, rtol=1e-6, atol=1e-6 * abs(voxel)):
        raise Problem(
            f"The grid {source.name!r} is turned or has voxels of unequal sides; "
            "resample it to equal voxels along the axes first."
        )
    return voxel, tuple(float(o) for o in origin)
