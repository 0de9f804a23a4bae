"""A flock written as what its file's ending says: a stage, a list of members, or one merged grid."""

import pathlib

from ..exchange.stated import metadata_of
from ..exchange.vdb import write_vdb
from ..problems import Problem
from .listing import write_list
from .merging import merged
from .stage import write_stage
from .standing import bounds_of_flock

MERGED_ALONG = 400
"""Voxels along the longest side of a merged grid whose voxel is not stated."""


def exported(path, flock, sources, aspect, ticket=None):
    """Write a flock by the ending of the file.

    Parameters
    ----------
    path : path-like
        .vdb, .json, or a stage's.
    flock : Flock
    sources : dict of Asset to Source
    aspect : float
        Width of pictures over their height, for the cameras of a stage.
    ticket : Ticket, optional

    Returns
    -------
    str
        What was written.

    Raises
    ------
    Problem
        When there is nothing to write, or it cannot be written.
    """
    ending = pathlib.Path(path).suffix.lower()
    if ending == ".json":
        return f"{write_list(path, flock, sources)['members']} members"
    if ending != ".vdb":
        return f"{write_stage(path, flock, sources, aspect)['members']} members"
    box = bounds_of_flock(flock, sources)
    if box is None:
        raise Problem("{}: has no members to be seen; there is nothing to merge.", flock.name)
    low, high = box
    grid, medium = merged(flock, sources, float((high - low).max()) / MERGED_ALONG, None, ticket)
    write_vdb(path, grid, metadata=metadata_of(flock.name, medium, []), ticket=ticket)
    return f"merged at {grid.voxel:.3g} m"
