"""A mound as an OpenVDB file for another program: built, then placed, written and verified."""

import os

from ..engine.density import refinable, surface_triangles, voxel_along
from ..exchange.export import exported, origin_of
from ..exchange.meshes import from_metres
from ..exchange.stated import metadata_of
from ..exchange.vdb import write_vdb
from ..problems import Problem
from ..volume.numbers import numbers_of
from ..volume.summands import summands
from .asset import facts_of

TRIES = 4
"""Builds that find the voxel for a number of voxels."""


def built(stages, mound, voxel, ticket=None, limit=None):
    """The density of a mound, if it fits.

    Parameters
    ----------
    stages : Stages
    mound : Mound
    voxel : float
        Metres.
    ticket : Ticket, optional
    limit : float, optional
        Bytes the build may take; default what the machine has free.

    Returns
    -------
    BrickGrid
        Not empty.

    Raises
    ------
    Problem
        If it does not fit or holds no cloud.
    """
    stages.refuse_unless_fits(mound, voxel, ticket, limit)
    grid = stages.density(mound, voxel, ticket, remember=False)
    if grid.active_bounds() is None:
        raise Problem("{}: holds no cloud above its base level; add a form first.", mound.name)
    return grid


def built_along(stages, mound, along, ticket=None, limit=None):
    """The density of a mound with just so many voxels along its longest side.

    Parameters
    ----------
    stages : Stages
    mound : Mound
    along : int
    ticket : Ticket, optional
    limit : float, optional
        As for `built`.

    Returns
    -------
    BrickGrid
        Within a voxel of what was asked for where no voxel size meets it.

    Raises
    ------
    Problem
        As for `built`.
    """
    voxel, best = voxel_along(mound, along), None
    for _ in range(TRIES):
        grid = built(stages, mound, voxel, ticket, limit)
        low, high = grid.active_bounds()
        off = int((high - low + 1).max()) - along
        if best is None or abs(off) < best[0]:
            best = abs(off), grid
        if off == 0:
            break
        voxel *= (along + off) / along
    return best[1]


def as_seen(stages, mound, grid, camera, ticket=None):
    """A cloud as fine as a picture shows it, as grids that add up.

    Parameters
    ----------
    stages : Stages
    mound : Mound
    grid : BrickGrid
        Its density, from `built`.
    camera : Camera
        Of the picture.
    ticket : Ticket, optional

    Returns
    -------
    list of BrickGrid
        As of `summands`; the grid alone where no pixel is smaller than its voxels.

    Raises
    ------
    Problem
        If the mound cannot be made finer in parts.
    """
    if not refinable(mound):
        raise Problem("{}: cannot be made finer in parts, since it has steps, grains that move density about, or volumes that join "
                      "by density; export it at a smaller voxel.", mound.name)
    scene = stages.near_scene(mound, grid, stages.density_key(mound, grid.voxel), camera, ticket)
    refined = scene.clouds[0].refined
    return [grid] if refined is None else summands(grid, refined, ticket)


def delivered(path, mound, grid, voxel, options, ticket=None, parts=None):
    """Write the density of a mound, and perhaps its surface, for another program.

    Parameters
    ----------
    path : path-like
    mound : Mound
    grid : BrickGrid
        Its density, from `built`.
    voxel : float
        Metres.
    options : ExportOptions
    ticket : Ticket, optional
    parts : sequence of BrickGrid, optional
        From `as_seen`: what is written instead of it. The finer ones are called after it and by how many times finer they are.

    Returns
    -------
    dict
        Facts of what was written.

    Raises
    ------
    Problem
        If it cannot be written; an older file of that name is untouched.
    """
    origin = origin_of(grid, options.origin)
    placed, *finer = (exported(part, options.up, options.unit, origin) for part in parts or (grid,))
    named = [(f"{options.name}_{round(placed.voxel / part.voxel)}", part) for part in finer]
    low, high = exported(grid, options.up, options.unit, origin).active_bounds() if finer else placed.active_bounds()
    # Facts are in metres with y up, as the mound is; what the file's own numbers are stands apart.
    facts = {**facts_of(mound, grid, voxel), "grid": options.name, "half": options.half, "in_file": {
        "unit": options.unit, "up": options.up, "origin": options.origin, "voxel": placed.voxel,
        "bounds": [[round(float(x), 6) for x in placed.world(corner)] for corner in (low, high)]}}
    numbers = numbers_of(grid, mound.light.medium.extinction)
    facts.update(mean=numbers.mean, volume_m3=numbers.volume, water_kg=numbers.water,
                 optical_depth=list(numbers.depth))
    metadata = metadata_of(mound.name, mound.light.medium, facts["seeds"], options.unit, options.up)
    surface = None
    if options.surface:
        if ticket is not None:
            ticket.step(0.0, 0.2, "finding the surface")
        vertices, faces = surface_triangles(mound, voxel, ticket)
        surface = from_metres(vertices - origin, options.unit, options.up), faces
        facts["surface_triangles"] = len(faces)
    if named:
        facts.update(finer={called: part.voxel for called, part in named},
                     finer_voxels={called: part.active_voxels() for called, part in named})
        metadata["adds_up_to_density"] = " ".join((options.name, *facts["finer"]))
    write_vdb(path, placed, options.name, options.half, metadata, ticket, options.tolerance, surface, finer=named)
    facts.update(file=str(path), bytes=os.path.getsize(path))
    return facts
