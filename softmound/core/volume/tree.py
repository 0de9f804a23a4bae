"""Looking through a grid of the reference library, without our kernels: for children that only read."""

import itertools

import numpy as np

from ..problems import DoesNotFit, Problem
from .bricks import NODE, SIDE

SPAN = NODE * SIDE
"""Voxels along a window in which a foreign grid is read: one lower internal node of the tree."""
MOST_WINDOWS = 6_000
"""Windows that are looked through one after another: about 2,300 voxels along each side."""
MOST_ENTRIES = 600_000
"""Voxels and tiles that are looked at one by one where there would be more windows."""
MOST_NODES = 2**25
"""Windows of a box that the index of a grid of ours spans."""
MOST_TILES = 30_000_000
"""Bricks of one value that a grid of ours takes in."""


def entries_of(source, most=MOST_ENTRIES):
    """Active voxels and tiles of an OpenVDB grid, when they are few.

    Parameters
    ----------
    source : FloatGrid or BoolGrid
    most : int, optional

    Returns
    -------
    low, high : ndarray of int64, shape (n, 3)
        First and last voxel of each.
    values : ndarray of float64, shape (n,)
    Or None when there are more.
    """
    if source.activeLeafVoxelCount() > most:
        return None
    # One by one a million takes some seconds: enough for what is scattered, where windows would never end.
    found = [(v.min, v.max, float(v.value)) for v in itertools.islice(source.citerOnValues(), most + 1)]
    if len(found) > most:
        return None
    low, high, values = zip(*found) if found else ((), (), ())
    return (np.array(low, np.int64).reshape(-1, 3), np.array(high, np.int64).reshape(-1, 3), np.array(values, np.float64))


def windows_of(source, ticket=None):
    """Windows that cover all leaves and tiles of an OpenVDB grid.

    Parameters
    ----------
    source : FloatGrid
    ticket : Ticket, optional

    Yields
    ------
    corner, sides : ndarray of int64, shape (3,)
        Lowest voxel of a window, and how many it has along each axis: whole bricks, `SPAN` voxels at the most, and no more than
        the box of what there is.

    Raises
    ------
    DoesNotFit
        If its box is so large, or its tiles so many, that looking through it would not end.
    """
    if source.activeVoxelCount() == 0 and source.leafCount() == 0:
        return
    least, most = _box(source)
    least, most = least // SIDE * SIDE, (most // SIDE + 1) * SIDE
    low, high = least // SPAN, (most - 1) // SPAN
    shape = high - low + 1
    if float(np.prod(shape.astype(float))) <= MOST_WINDOWS:
        corners = np.stack(np.meshgrid(*(np.arange(s) for s in shape), indexing="ij"), -1).reshape(-1, 3) + low
    else:
        corners = _scattered(source)
    for number, corner in enumerate(corners):
        if ticket is not None:
            ticket.tick(number / len(corners))
        begun = np.maximum(corner * SPAN, least)
        yield begun, np.minimum((corner + 1) * SPAN, most) - begun


def windows_count(source):
    """About how many windows there are to look through.

    Parameters
    ----------
    source : FloatGrid or BoolGrid

    Returns
    -------
    int
        At most `MOST_WINDOWS`.
    """
    if source.activeVoxelCount() == 0 and source.leafCount() == 0:
        return 0
    low, high = _box(source)
    return int(min(np.prod((high // SPAN - low // SPAN + 1).astype(float)), MOST_WINDOWS))


def _box(source):
    """First and last voxel of what a grid holds, leaves without an active voxel included."""
    low, high = (np.array(corner) for corner in source.evalActiveVoxelBoundingBox())
    if source.leafCount():
        leaf_low, leaf_high = (np.array(corner) for corner in source.evalLeafBoundingBox())
        if source.activeVoxelCount():
            return np.minimum(low, leaf_low), np.maximum(high, leaf_high)
        return leaf_low, leaf_high
    return low, high


def _sides(source):
    return " × ".join(f"{int(s):,}" for s in np.subtract(*_box(source)[::-1]) + 1)


def _scattered(source):
    """Windows that hold anything, of a grid with few voxels in a box too large to look through."""
    found = entries_of(source)
    if found is None or source.background != 0.0:
        raise DoesNotFit("its voxels are strewn over a box of {}; cut it into parts that lie closer together.", _sides(source))
    low, high = found[0] // SPAN, found[1] // SPAN
    if float((high - low + 1.0).prod(axis=1).sum()) > MOST_WINDOWS:
        raise DoesNotFit("its tiles fill most of a box of {} voxels; write it with larger voxels.", _sides(source))
    windows = [np.stack(np.meshgrid(*(np.arange(a, b + 1) for a, b in zip(*pair)), indexing="ij"), -1).reshape(-1, 3)
               for pair in np.unique(np.stack([low, high], axis=1), axis=0)]
    return np.unique(np.concatenate(windows), axis=0)


def refuse_vast(source):
    """Raise when the box or the tiles of a grid are more than a grid of ours takes in.

    Parameters
    ----------
    source : FloatGrid or BoolGrid

    Raises
    ------
    DoesNotFit
    """
    if source.activeVoxelCount() or source.leafCount():
        low, high = _box(source)
        if float(np.prod((high // SPAN - low // SPAN + 1).astype(float))) > MOST_NODES:
            raise DoesNotFit("its voxels are strewn over a box of {}; cut it into parts that lie closer together.", _sides(source))
    bricks = (source.activeVoxelCount() - source.activeLeafVoxelCount()) // SIDE**3
    if bricks > MOST_TILES:
        raise DoesNotFit("its tiles fill {:,} voxels, more than the {:,} that can be taken in; write it with larger "
                         "voxels.", bricks * SIDE ** 3, MOST_TILES * SIDE ** 3)


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
            "The grid {!r} is turned or has voxels of unequal sides; resample it to equal voxels along the axes first.", source.name
        )
    return voxel, tuple(float(o) for o in origin)
