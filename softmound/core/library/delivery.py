"""A mound as an OpenVDB file for another program: built, then placed, written and verified."""

import os

from ..engine.density import surface_triangles
from ..engine.forecast import refuse_unless_fits
from ..exchange.export import exported, origin_of
from ..exchange.meshes import from_metres
from ..exchange.vdb import write_vdb
from ..problems import Problem
from ..volume.numbers import numbers_of
from .asset import facts_of, grid_metadata


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
    refuse_unless_fits(stages.forecast(mound, ticket), voxel, limit)
    grid = stages.density(mound, voxel, ticket, remember=False)
    if grid.active_bounds() is None:
        raise Problem(f"{mound.name}: holds no cloud above its base level; add a form first.")
    return grid


def delivered(path, mound, grid, voxel, options, ticket=None):
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

    Returns
    -------
    dict
        Facts of what was written.

    Raises
    ------
    Problem
        If it cannot be written; an older file of that name is untouched.
    """
    placed = exported(grid, options.up, options.unit, options.origin)
    facts = {**facts_of(mound, placed, voxel), "grid": options.name, "unit": options.unit, "up": options.up,
             "origin": options.origin, "half": options.half}
    numbers = numbers_of(grid, mound.light.medium.extinction)
    facts.update(mean=numbers.mean, volume_m3=numbers.volume, water_kg=numbers.water,
                 optical_depth=list(numbers.depth))
    surface = None
    if options.surface:
        if ticket is not None:
            ticket.step(0.0, 0.2, "finding the surface")
        vertices, faces = surface_triangles(mound, voxel, ticket)
        surface = from_metres(vertices - origin_of(grid, options.origin), options.unit, options.up), faces
        facts["surface_triangles"] = len(faces)
    write_vdb(path, placed, options.name, options.half, grid_metadata(facts), ticket, options.tolerance, surface)
    facts.update(file=str(path), bytes=os.path.getsize(path))
    return facts
