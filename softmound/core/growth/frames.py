"""Frames of a growth as numbered OpenVDB files, with velocity for motion blur."""

import pathlib

import numpy as np

from ..aside import put_in_place
from ..exchange.numbered import frame_name, plain_name
from ..exchange.stated import metadata_of
from ..exchange.velocity import stated
from ..ticket import one_by_one
from ..volume.reference import vdb, write_grids
from ..volume.twin import vdb_of
from ..volume.windows import grid_of_dense


def grid_of_frame(grown):
    """A frame's cloud: BrickGrid, one voxel for each cell.

    Parameters
    ----------
    grown : Grown
    """
    return grid_of_dense(grown.cloud, grown.cell, tuple(grown.origin))


def growth_written(kept, folder, velocity=False, ticket=None):
    """Write all frames that are kept.

    Parameters
    ----------
    kept : KeptGrowth
    folder : path-like
    velocity : bool, optional
        With a second grid, `velocity`: metres a second of the film, in the middles of the voxels (not staggered), as the grid's
        metadata say.
    ticket : Ticket, optional

    Returns
    -------
    list of pathlib.Path
    """
    folder = pathlib.Path(folder)
    folder.mkdir(parents=True, exist_ok=True)
    numbers, files = kept.numbers(), []
    for number in one_by_one(numbers, lambda _, n: f"writing frame {n}", ticket):
        grown = kept.frame(number)
        grid, said = grid_of_frame(grown), metadata_of(kept.mound.name, kept.mound.light.medium, [kept.mound.growth.seed])
        grids = [vdb_of(grid, metadata={**said, "frames_per_second": kept.rate})]
        if velocity:
            grids.append(_velocity(grown, kept.rate))
        path = folder / frame_name(f"{plain_name(kept.mound.name)}.vdb", number)
        with put_in_place(path) as aside:
            write_grids(aside, grids)
        files.append(path)
    return files


def _velocity(grown, rate):
    """A frame's flow as a grid of vectors, where there is cloud or it is near."""
    out = vdb.Vec3SGrid()
    out.copyFromArray(np.ascontiguousarray(grown.flow))
    transform = vdb.createLinearTransform(voxelSize=grown.cell)
    transform.translate(tuple(map(float, grown.origin)))
    out.transform = transform
    return stated(out, rate)
