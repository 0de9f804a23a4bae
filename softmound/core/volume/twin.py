"""Between the brick grid and grids of the reference library, window by window: never the whole box."""

import numpy as np

from ..problems import Problem
from .bricks import NODE, SIDE, grid_of
from .reference import vdb
from .tree import placement, refuse_vast, windows_of
from .windows import bricks_of, read_window

BLOCK = 8
"""Bricks along a window in which ours is handed over. The library looks through its whole tree after
each window it takes, so smaller ones do not pay (measured at 1,024 long: 4, 8 and 16 bricks take 1.9, 1.2 and 1.4 s)."""


def node_corners(grid):
    """Lowest brick of each node of the index that holds anything.

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


def brick_windows(grid):
    """Lowest brick of each window of `BLOCK` bricks a side that holds a brick with voxels.

    Parameters
    ----------
    grid : BrickGrid

    Returns
    -------
    ndarray of int32, shape (n, 3)
    """
    return np.unique(grid.coords // BLOCK, axis=0) * BLOCK


def tile_runs(grid):
    """Tiles of one value that follow one another along z.

    Parameters
    ----------
    grid : BrickGrid

    Returns
    -------
    firsts, lasts : ndarray of int64, shape (n, 3)
        Inclusive voxel coordinates.
    values : ndarray of float32, shape (n,)
    """
    coords, values = grid.tile_coords.astype(np.int64), grid.tile_values
    order = np.lexsort(coords.T[::-1])
    coords, values = coords[order], values[order]
    breaks = np.any(np.diff(coords, axis=0) != (0, 0, 1), axis=1) | (np.diff(values) != 0.0)
    starts = np.concatenate([[0], np.flatnonzero(breaks) + 1]) if len(coords) else np.empty(0, np.int64)
    ends = np.append(starts[1:], len(coords)) - 1 if len(coords) else starts
    return coords[starts] * SIDE, coords[ends] * SIDE + SIDE - 1, values[starts]


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
    for first, last, value in zip(*(part.tolist() for part in tile_runs(grid))):
        out.fill(tuple(first), tuple(last), value, True)
    corners = brick_windows(grid)
    places = (corners * SIDE).tolist()
    for number, corner in enumerate(corners):
        if ticket is not None and number % 16 == 0:
            ticket.tick(number / len(corners))
        out.copyFromArray(read_window(grid, corner, (BLOCK,) * 3), ijk=tuple(places[number]))
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
    """The brick grid of an OpenVDB grid of floats, or of truth, which becomes 1.

    Parameters
    ----------
    source : FloatGrid or BoolGrid
        With a uniform scale and no rotation.
    ticket : Ticket, optional

    Returns
    -------
    BrickGrid

    Raises
    ------
    Problem
        If the transform turns, shears or stretches, or values are not finite.
    DoesNotFit
        If it is too large to be looked through.
    """
    voxel, offset = placement(source)
    refuse_vast(source)
    background = float(source.background)
    kind = bool if isinstance(source, vdb.BoolGrid) else np.float32
    parts = []
    for corner, sides in windows_of(source, ticket):
        window = np.empty(sides, kind)
        source.copyToArray(window, ijk=tuple(int(c) for c in corner))
        if not np.isfinite(window.min()) or not np.isfinite(window.max()):
            wild = int(np.count_nonzero(~np.isfinite(window)))
            raise Problem("the grid {!r} holds values that are not finite numbers, {:,} within {} voxels from {}; "
                          "clean it where it was made.", source.name, wild, int(max(sides)), tuple(int(c) for c in corner))
        coords, values, tiles, tile_values = bricks_of(window.astype(np.float32, copy=False), background)
        if len(coords) or len(tiles):
            shift = (corner // SIDE).astype(np.int32)
            parts.append((coords + shift, values, tiles + shift, tile_values))
    if not parts:
        return grid_of(voxel, np.empty((0, 3)), np.empty((0, 512)), background=background,
                       offset=offset)
    coords, values, tiles, tile_values = (np.concatenate(piece) for piece in zip(*parts))
    return grid_of(voxel, coords, values, tiles, tile_values, background, offset)
