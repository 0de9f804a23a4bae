"""OpenVDB files: written aside, read back, compared, and only then put in place."""

import contextlib
import errno

import numpy as np

from ..aside import put_in_place, shown
from ..problems import Problem
from ..volume.bricks import SIDE
from ..volume.reference import vdb, write_grids
from ..volume.tree import SPAN, placement
from ..volume.twin import node_corners, vdb_of
from ..volume.windows import window_differs

HALF_ROUNDING = 2.0**-11
"""Of a value: how far off 16 bits (IEEE 754 binary16, round to nearest) may be."""
HALF_SMALLEST = 2.0**-25


SURFACE = "surface"
BAND = 3.0
"""Voxels on either side of a level set."""


def write_vdb(path, grid, name="density", half=True, metadata=None, ticket=None, tolerance=0.0, surface=None, beside=None,
              folder=None, finer=()):
    """Write a grid as an OpenVDB file, read it back, and only then put it in place.

    Parameters
    ----------
    path : path-like
    grid : BrickGrid
    name, half, metadata
        As for `vdb_of`.
    ticket : Ticket, optional
    tolerance : float, optional
        Values so close to one another become one tile.
    surface : (ndarray, ndarray), optional
        Vertices (n, 3), in the grid's unit, and faces (m, 3) of a closed surface that is written beside the grid,
        as a level set of its voxel.
    beside : callable, optional
        Given the transform of the grid, another one that is written beside it.
    folder : core.regular.Folder, optional
        Held open, of which the file is a part.
    finer : sequence of (str, BrickGrid), optional
        Further grids and their names, in the same unit.

    Raises
    ------
    Problem
        If the file cannot be written or does not hold what it should; an older file of that name
        is untouched.
    """
    with (put_in_place(path) if folder is None else folder.put_in_place(path.name)) as aside, _said_by_the_library():
        if ticket is not None:
            ticket.step(0.0, 0.5, "making the OpenVDB grid")
        made = [vdb_of(grid, name, half, metadata, ticket)]
        made += [vdb_of(more, called, half, metadata, ticket) for called, more in finer]
        if tolerance > 0.0:
            for each in made:
                each.prune(tolerance)
        if surface is not None:
            made.append(_level_set(*surface, grid.voxel, half, metadata))
        if ticket is not None:
            ticket.step(0.5, 0.6, "writing the file")
        level_set = [(g.activeVoxelCount(), g.evalMinMax()) for g in made[1 + len(finer):]]
        if beside is not None:
            made.append(beside(made[0].transform))
        more = {g.name: g.activeVoxelCount() for g in made[1 + len(finer) + len(level_set):]}
        write_grids(aside, made)
        del made
        if ticket is not None:
            ticket.step(0.6, 1.0, "reading the file back")
        try:
            for called, wanted in ((name, grid), *finer):
                compare(aside, wanted, called, half, ticket, tolerance)
            for wanted in level_set:
                _compare_level_set(aside, *wanted, half)
            for other, active in more.items():
                if _read_back(aside, other).activeVoxelCount() != active:
                    raise Problem("{}: its grid {} was not stored as it was; write it again.", aside, other)
        except Problem as problem:
            # The name it was written under on the way says nothing to anybody.
            raise Problem(str(problem).replace(str(aside), shown(path))) from problem


@contextlib.contextmanager
def _said_by_the_library():
    """What the reference library says of a disk, as Python says it."""
    try:
        yield
    except RuntimeError as error:
        raise OSError(errno.EIO, str(error).strip() or "input or output error") from error


def _level_set(vertices, faces, voxel, half, metadata):
    transform = vdb.createLinearTransform(voxelSize=voxel)
    made = vdb.FloatGrid.createLevelSetFromPolygons(
        np.asarray(vertices, np.float32), triangles=np.asarray(faces, np.uint32), transform=transform, halfWidth=BAND)
    made.name, made.saveFloatAsHalf = SURFACE, bool(half)
    made.addStatsMetadata()
    for key, value in (metadata or {}).items():
        made[key] = value
    return made


def _read_back(path, name):
    """A grid of a file just written. The library does not always notice that a disk is full; then it is half a file."""
    try:
        return vdb.read(str(path), name)
    except (KeyError, RuntimeError, ValueError, MemoryError) as error:
        raise OSError(errno.ENOSPC, "it was not written whole; the disk may be full") from error


def _compare_level_set(path, active, ends, half):
    stored = _read_back(path, SURFACE)
    slack = max(abs(v) for v in ends) * (HALF_ROUNDING if half else 0.0)
    off = max(abs(a - b) for a, b in zip(ends, stored.evalMinMax()))
    if stored.activeVoxelCount() != active or off > slack or stored.gridClass != vdb.GridClass.LEVEL_SET:
        raise Problem("{}: the surface did not survive writing; the file is not kept.", path)


def compare(path, grid, name="density", half=True, ticket=None, tolerance=0.0):
    """Check that a file written by us holds a grid, voxel by voxel.

    Parameters
    ----------
    path : path-like
    grid : BrickGrid
    name : str, optional
    half : bool, optional
        Whether it was stored as 16-bit floats.
    ticket : Ticket, optional
    tolerance : float, optional
        By how much values may differ beyond that.

    Raises
    ------
    Problem
        If a value, the placement or the number of active voxels differs.
    """
    stored = _read_back(path, name)
    voxel, offset = placement(stored)
    same_place = np.allclose([voxel, *offset], [grid.voxel, *grid.offset], rtol=1e-6, atol=1e-6)
    if not same_place or stored.gridClass != vdb.GridClass.FOG_VOLUME:
        raise Problem("{}: placement or class did not survive writing; the file is not kept.", path)
    slack = (HALF_ROUNDING, HALF_SMALLEST + tolerance) if half else (0.0, tolerance)
    window = np.empty((SPAN,) * 3, np.float32)
    corners = node_corners(grid)
    for number, corner in enumerate(corners):
        if ticket is not None:
            ticket.tick(number / len(corners))
        stored.copyToArray(window, ijk=tuple(int(c) * SIDE for c in corner))
        if window_differs(grid, corner, window, *slack):
            raise Problem("{}: values did not survive writing; the file is not kept.", path)
    active = grid.active_voxels()
    if stored.activeVoxelCount() != active:
        raise Problem("{}: active voxels did not survive writing; the file is not kept.", path)
