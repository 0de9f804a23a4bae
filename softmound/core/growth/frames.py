"""Frames of a growth as numbered OpenVDB files, with velocity for motion blur."""

import pathlib

import numpy as np

from ..aside import put_in_place
from ..engine.line_frames import shared
from ..exchange.numbered import frame_name, plain_name
from ..exchange.stated import metadata_of
from ..exchange.velocity import stated
from ..ticket import one_by_one
from ..volume.reference import vdb, write_grids
from ..volume.twin import vdb_of
from .films import grid_of_frame
from .kept import KeptGrowth

FINER = 2
"""Voxels along a cell of what is written, unless something else is said."""


def growth_written(kept, folder, velocity=False, finer=FINER, workers=1, ticket=None):
    """Write all frames that are kept.

    Parameters
    ----------
    kept : KeptGrowth
    folder : path-like
    velocity : bool, optional
        With a second grid, `velocity`: metres a second of the film, in the middles of the cells (not staggered), as the grid's
        metadata say.
    finer : int, optional
        Voxels along a cell.
    workers : int, optional
        Processes; the files are the same with any number.
    ticket : Ticket, optional

    Returns
    -------
    list of pathlib.Path
    """
    folder = pathlib.Path(folder)
    folder.mkdir(parents=True, exist_ok=True)
    numbers = kept.numbers()
    files = [folder / frame_name(f"{plain_name(kept.mound.name)}.vdb", number) for number in numbers]
    if workers > 1 and len(numbers) > 1:
        shared(_one, [(str(kept.folder.absolute()), n, str(file.absolute()), velocity, finer) for n, file in zip(numbers, files)],
               min(workers, len(numbers)), ticket)
    else:
        for number, file in one_by_one(list(zip(numbers, files)), lambda _, frame: f"writing frame {frame[0]}", ticket):
            _write(kept, number, file, velocity, finer, ticket)
    return files


def _one(folder, number, path, velocity, finer):
    _write(KeptGrowth(folder), number, path, velocity, finer)


def _write(kept, number, path, velocity, finer, ticket=None):
    grown = kept.frame(number)
    grid = grid_of_frame(grown, finer, kept.mound.growth.detail, ticket)
    said = metadata_of(kept.mound.name, kept.mound.light.medium, [kept.mound.growth.seed])
    grids = [vdb_of(grid, metadata={**said, "frames_per_second": kept.rate})]
    if velocity:
        grids.append(_velocity(grown, kept.rate))
    with put_in_place(path) as aside:
        write_grids(aside, grids)


def _velocity(grown, rate):
    """A frame's flow as a grid of vectors, where there is cloud or it is near."""
    out = vdb.Vec3SGrid()
    out.copyFromArray(np.ascontiguousarray(grown.flow))
    transform = vdb.createLinearTransform(voxelSize=grown.cell)
    transform.translate(tuple(map(float, grown.origin)))
    out.transform = transform
    return stated(out, rate)
