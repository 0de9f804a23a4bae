"""Between the brick grid and OpenVDB grids, window by window: never the whole bounding box."""

import os
import pathlib

import numpy as np

from ..recipe.files import sync_folder
from ..recipe.problems import Problem
from ..volume.bricks import NODE, SIDE, grid_of
from ..volume.windows import bricks_of, read_window
from .reference import vdb

SPAN = NODE * SIDE
"""Voxels along a window: one lower internal node of the tree."""


def node_corners(grid):
    """Lowest brick of each window of a grid that holds anything.

    Parameters
    ----------
    grid : BrickGrid

    Returns
    -------
    ndarray of int32, shape (n, 3)
        Multiples of 16 brick coordinates.
    """
    index = grid.index
    return np.argwhere(index.top >= 0).astype(np.int32) * NODE + index.low


def vdb_of(grid, name="density", half=True, metadata=None, ticket=None):
    """An OpenVDB fog volume of a grid.

    Parameters
    ----------
    grid : BrickGrid
        With background 0.
    name : str, optional
    half : bool, optional
        Store as 16-bit floats when written.
    metadata : dict, optional
        Strings and numbers kept with the grid.
    ticket : Ticket, optional

    Returns
    -------
    FloatGrid
        Voxel size and offset in metres; voxels that are not background are active.
    """
    out = vdb.FloatGrid(grid.background)
    corners = node_corners(grid)
    for number, corner in enumerate(corners):
        if ticket is not None:
            ticket.tick(number / len(corners))
        window = read_window(grid, corner, (NODE, NODE, NODE))
        out.copyFromArray(window, ijk=tuple(int(c) * SIDE for c in corner))
    out.prune()
    transform = vdb.createLinearTransform(voxelSize=grid.voxel)
    transform.translate(tuple(grid.offset))
    out.transform = transform
    out.name = name
    out.gridClass = vdb.GridClass.FOG_VOLUME
    out.saveFloatAsHalf = bool(half)
    out.addStatsMetadata()
    for key, value in (metadata or {}).items():
        out[key] = value
    return out


def grid_from(source, ticket=None):
    """The brick grid of an OpenVDB float grid.

    Parameters
    ----------
    source : FloatGrid
        With a uniform scale and no rotation.
    ticket : Ticket, optional

    Returns
    -------
    BrickGrid

    Raises
    ------
    Problem
        If the transform turns, shears or stretches.
    """
    voxel, offset = placement(source)
    background = float(source.background)
    parts = []
    for corner in windows_of(source, ticket):
        window = np.empty((SPAN,) * 3, np.float32)
        source.copyToArray(window, ijk=tuple(int(c) for c in corner))
        coords, values, tiles, tile_values = bricks_of(window, background)
        if len(coords) or len(tiles):
            shift = (corner // SIDE).astype(np.int32)
            parts.append((coords + shift, values, tiles + shift, tile_values))
    if not parts:
        return grid_of(voxel, np.empty((0, 3)), np.empty((0, 512)), background=background,
                       offset=offset)
    coords, values, tiles, tile_values = (np.concatenate(piece) for piece in zip(*parts))
    return grid_of(voxel, coords, values, tiles, tile_values, background, offset)


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


def write_vdb(path, grid, name="density", half=True, metadata=None, ticket=None):
    """Write a grid as an OpenVDB file, read it back, and only then put it in place.

    Parameters
    ----------
    path : path-like
    grid : BrickGrid
    name, half, metadata
        As for `vdb_of`.
    ticket : Ticket, optional

    Raises
    ------
    Problem
        If the file cannot be written or does not hold what it should; an older file of that name
        is untouched.
    """
    path = pathlib.Path(path)
    aside = path.with_name(f".{path.name}.{os.getpid()}.part.vdb")
    try:
        if ticket is not None:
            ticket.step(0.0, 0.5, "making the OpenVDB grid")
        made = vdb_of(grid, name, half, metadata, ticket)
        if ticket is not None:
            ticket.step(0.5, 0.6, "writing the file")
        vdb.write(str(aside), grids=[made], metadata={"creator": "Soft Mound"})
        del made
        if ticket is not None:
            ticket.step(0.6, 1.0, "reading the file back")
        compare(aside, grid, name, half, ticket)
        with open(aside, "rb+") as written:
            os.fsync(written.fileno())
        os.replace(aside, path)
        sync_folder(path.parent)
    except (OSError, RuntimeError) as error:
        raise Problem(
            f"{path}: could not be written ({_reason(error)}); choose another place or free some space."
        ) from error
    finally:
        aside.unlink(missing_ok=True)


def _reason(error):
    return getattr(error, "strerror", None) or str(error).strip() or type(error).__name__


def compare(path, grid, name="density", half=True, ticket=None):
    """Check that a file written by us holds a grid, voxel by voxel.

    Parameters
    ----------
    path : path-like
    grid : BrickGrid
    name : str, optional
    half : bool, optional
        Whether it was stored as 16-bit floats.
    ticket : Ticket, optional

    Raises
    ------
    Problem
        If a value, the placement or the number of active voxels differs.
    """
    stored = vdb.read(str(path), name)
    voxel, offset = placement(stored)
    same_place = np.allclose([voxel, *offset], [grid.voxel, *grid.offset], rtol=1e-6, atol=1e-6)
    if not same_place or stored.gridClass != vdb.GridClass.FOG_VOLUME:
        raise Problem(f"{path}: placement or class did not survive writing; the file is not kept.")
    active = 0
    window = np.empty((SPAN,) * 3, np.float32)
    corners = node_corners(grid)
    for number, corner in enumerate(corners):
        if ticket is not None:
            ticket.tick(number / len(corners))
        stored.copyToArray(window, ijk=tuple(int(c) * SIDE for c in corner))
        wanted = read_window(grid, corner, (NODE, NODE, NODE))
        active += int(np.count_nonzero(wanted != np.float32(grid.background)))
        if half:
            wanted = wanted.astype(np.float16).astype(np.float32)
        if not np.array_equal(wanted, window):
            raise Problem(f"{path}: values did not survive writing; the file is not kept.")
    if stored.activeVoxelCount() != active:
        raise Problem(f"{path}: active voxels did not survive writing; the file is not kept.")
