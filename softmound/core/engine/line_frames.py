"""Numbered frames of a mound that moves, shared by several processes."""

import concurrent.futures
import multiprocessing
import os
import pathlib

from ..aside import shown
from ..exchange.numbered import frame_name, plain_name
from ..exchange.sequences import mound_at
from ..exchange.stated import metadata_of
from ..exchange.vdb import write_vdb
from ..exchange.velocity import corners_of, velocity_grid
from ..kernels import use_threads
from ..mass.velocity import velocity_at
from ..problems import Problem
from ..recipe.files import read_mound, write_mound
from ..recipe.timing import some_of
from ..ticket import one_by_one
from .density import density_grid, draft_voxel
from .forecast import forecast

BYTES, BYTES_OF_VELOCITY = 2.5, 12.5
"""Of a file for each active voxel, at the most: of density in 16 bits, and of three 32-bit numbers of velocity beside it."""


def frames_written(mound, folder, numbers, voxel=None, workers=1, force=False, ticket=None, source=".", velocity=False):
    """Write a frame of a moving mound for each number.

    Parameters
    ----------
    mound : Mound
        With a time line.
    folder : path-like
    numbers : sequence of int
    voxel : float, optional
        Metres; default the draft voxel, the same for all frames.
    workers : int, optional
        Processes; the files are the same with any number.
    force : bool, optional
        Replace files that are there.
    ticket : Ticket, optional
    source : path-like, optional
        Folder of the mound, for files of moving forms.
    velocity : bool, optional
        With a second grid, `velocity`: metres a second with which forms carry along what is there, see `core.mass.velocity`.

    Returns
    -------
    dict
        `folder`, `frames`, `voxel`, `bytes`.

    Raises
    ------
    Problem
        When a file is there already, or a frame cannot be made; whole frames stay.
    Stopped
        When the ticket was told to stop; whole frames stay.
    """
    folder, numbers = pathlib.Path(folder), list(numbers)
    paths = [folder / frame_name(f"{plain_name(mound.name)}.vdb", n) for n in numbers]
    there = [path for path in paths if path.exists()]
    if there and not force:
        raise Problem("{}: is there already; say --force, or choose another folder.", shown(there[0]))
    folder.mkdir(parents=True, exist_ok=True)
    voxel = draft_voxel(mound) if voxel is None else voxel
    for number in (numbers[0], numbers[-1]):
        mound_at(mound, number, source)  # what cannot be is told before any work
    if workers <= 1:
        for number, path in one_by_one(list(zip(numbers, paths)), lambda _, frame: f"frame {frame[0]}", ticket):
            _write(mound, number, voxel, path, source, velocity, ticket)
    else:
        _shared(mound, numbers, paths, voxel, min(workers, len(numbers)), folder, source, velocity, ticket)
    return {"folder": str(folder), "frames": len(paths), "voxel": voxel, "bytes": sum(os.path.getsize(p) for p in paths)}


def frames_foretold(mound, folder, numbers, voxel=None, source=".", velocity=False):
    """What `frames_written` will take, by the forecasts of the first, the middle and the last frame.

    Parameters
    ----------
    mound, folder, numbers, voxel, source, velocity
        As for `frames_written`.

    Returns
    -------
    dict
        `would_write`, names of the first and the last file; `frames`, `voxel`, `memory_bytes` of the largest frame with one worker,
        `seconds` of one worker, `active_voxels` of the largest, `bytes` of all files at the most.
    """
    numbers = list(numbers)
    voxel = draft_voxel(mound) if voxel is None else voxel
    ahead = [forecast(mound_at(mound, number, source)) for number in some_of(numbers)]
    active = [each.active_voxels(voxel) for each in ahead]
    bytes_each = (BYTES + (BYTES_OF_VELOCITY if velocity else 0.0)) * sum(active) / len(active)
    file = f"{plain_name(mound.name)}.vdb"
    return {"would_write": [str(pathlib.Path(folder, frame_name(file, n))) for n in (numbers[0], numbers[-1])],
            "frames": len(numbers), "voxel": voxel, "memory_bytes": round(max(each.memory(voxel) for each in ahead)),
            "seconds": round(sum(each.seconds(voxel) for each in ahead) / len(ahead) * len(numbers), 1),
            "active_voxels": round(max(active)), "bytes": round(bytes_each * len(numbers))}


def _write(mound, number, voxel, path, source, velocity=False, ticket=None):
    still = mound_at(mound, number, source)
    grid = density_grid(still, voxel, ticket)
    seeds = [grain.seed for grain in mound.grains]
    write_vdb(path, grid, metadata={**metadata_of(mound.name, mound.light.medium, seeds), "frame": float(number)}, ticket=ticket,
              beside=_velocity(mound, still, number, grid, source) if velocity else None)


def _velocity(mound, still, number, grid, source):
    """What makes the grid of vectors of a frame: by where forms are at the next one, or, of the last, at the one before."""
    line = mound.time
    step = 1 if number < line.last else -1
    other = mound_at(mound, number + step, source)
    points, numbers = corners_of(grid)
    values = velocity_at(still.mass, other.mass, points, step / line.rate, max(still.mass.melt, grid.voxel))
    return lambda transform: velocity_grid(grid, values, numbers, line.rate, transform)


def _one(recipe, number, voxel, path, source, velocity):
    _write(read_mound(recipe), number, voxel, path, source, velocity)
    return number


def _shared(mound, numbers, paths, voxel, workers, folder, source, velocity, ticket):
    """Let several processes write the frames; the recipe goes to them by a file, as it is."""
    recipe = folder / f".{os.getpid()}.mound"
    write_mound(recipe, mound.edited(snapshots=()))
    try:
        shared(_one, [(recipe, n, voxel, p, os.path.abspath(source), velocity) for n, p in zip(numbers, paths)], workers, ticket)
    finally:
        recipe.unlink(missing_ok=True)


def shared(work, given, workers, ticket=None):
    """Let several processes do the same with many things.

    Parameters
    ----------
    work : callable
        Of a module, so that another process finds it.
    given : sequence of tuple
        What it is given, each time.
    workers : int
    ticket : Ticket, optional

    Raises
    ------
    Exception
        The first that any of them raises; what is not begun is not begun then.
    """
    threads = max(1, (os.cpu_count() or 1) // workers)
    # A fresh interpreter each: threads of kernels do not outlive a fork.
    with concurrent.futures.ProcessPoolExecutor(
            workers, multiprocessing.get_context("spawn"), initializer=use_threads, initargs=(threads,)) as pool:
        waiting = [pool.submit(work, *each) for each in given]
        try:
            for done, future in enumerate(concurrent.futures.as_completed(waiting), 1):
                future.result()
                if ticket is not None:
                    ticket.tick(done / len(waiting))
        except BaseException:
            for future in waiting:
                future.cancel()
            raise
