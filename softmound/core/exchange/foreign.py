"""Reading files from outside, in a child process with limits: OpenVDB, meshes, points, photographs.

A damaged file can abort or hang the library that reads it, and a large one keeps the interpreter busy
for seconds. Here that is the child's, and the caller gets one sentence.
"""

import json
import logging
import math
import os
import pathlib
import re
import signal
import time
from dataclasses import dataclass

import numpy as np

from ..aside import shown
from ..held import working_folder
from ..problems import DoesNotFit, Problem
from ..regular import opened
from ..volume.bricks import grid_of
from . import meshes, photographs, points
from .handed import FIELDS
from .ready import reading

LOGGER = logging.getLogger(__name__)
SECONDS = 120
SPARE = 3 * 2**29
"""Bytes of addresses a child may take besides what the file can need: mostly libraries, and room for their threads."""
_NUMBERED = re.compile(r"^(.*?)(\d{1,9})(\.[A-Za-z]+)$")
MOST = 12 * 2**30
"""Bytes of addresses a child may take in any case."""
EXPANDS = {"facts": 64, "grid": 64, "triangles": 120, "points": 40, "photograph": 60, "focal": 60, "sky": 60}
"""Times the size of a file that reading it may take: packed numbers, and copies made on the way."""
PACE = {"facts": 4e6, "grid": 4e6, "triangles": 0.4e6, "points": 2e6, "photograph": 2e6, "focal": 2e6, "sky": 2e6}
"""Bytes of a file that are read in a second of the processor at the least."""
AT_ONCE = {"facts": 2.0, "grid": 2.0, "triangles": 4.0, "points": 4.0, "photograph": 4.0, "focal": 4.0, "sky": 4.0}
"""Seconds of the processor that any file may take, loading the libraries included (0.5 to 1.3 s); of grids until the
library has read them, see `foreign_child.allow_for`."""


def read_facts(path, seconds=SECONDS, ticket=None):
    """Describe every grid of a file: see `vdb_facts.facts_of_file`.

    Parameters
    ----------
    path : path-like
    seconds : float, optional
        Time limit.
    ticket : Ticket, optional

    Returns
    -------
    list of dict

    Raises
    ------
    Problem
        If the file is missing, damaged, or takes too long or too much memory.
    """
    with working_folder() as folder:
        answer = folder / "facts.json"
        _in_child("facts", path, answer, "", seconds, ticket)
        return json.loads(answer.read_text())


@dataclass(frozen=True, eq=False)
class Volume:
    """A grid as it came from a file.

    Attributes
    ----------
    grid : BrickGrid
        In the file's unit, taken as metres, and in its axes.
    level_set : bool
        Signed distances rather than a density.
    metadata : dict
        What stands beside the grid in the file.
    """

    grid: object
    level_set: bool
    metadata: dict


def read_volume(path, name="density", seconds=SECONDS, ticket=None, inside=False):
    """Read one grid of single numbers of a file, as floats, with what stands beside it.

    Parameters
    ----------
    path : path-like
    name : str, optional
    seconds : float, optional
        Time limit.
    ticket : Ticket, optional
    inside : bool, optional
        It is a part of its folder, see `core.regular.opened`.

    Returns
    -------
    Volume

    Raises
    ------
    Problem
        If the file is missing, damaged, holds no such grid, one of vectors or with values that are not finite, or takes
        too long.
    """
    with working_folder() as folder:
        answer = folder / "grid.npz"
        _in_child("grid", path, answer, name, seconds, ticket, inside)
        with np.load(answer, allow_pickle=False) as stored:
            grid = grid_of(float(stored["voxel"]), *(stored[field] for field in FIELDS), float(stored["background"]),
                           tuple(stored["offset"]))
            about = json.loads(str(stored["about"]))
    return Volume(grid, about["class"] == "level set", about["metadata"])


def read_vdb(path, name="density", seconds=SECONDS, ticket=None, inside=False):
    """Read one grid of single numbers of a file, as floats.

    Parameters
    ----------
    path, name, seconds, ticket, inside
        As for `read_volume`.

    Returns
    -------
    BrickGrid
        In the file's unit, taken as metres.
    """
    return read_volume(path, name, seconds, ticket, inside).grid


def read_triangles(path, seconds=SECONDS, ticket=None):
    """Read a model of triangles and put it in order.

    Parameters
    ----------
    path : path-like
        OBJ, PLY, STL, GLB, glTF or OFF.
    seconds : float, optional
        Time limit.
    ticket : Ticket, optional

    Returns
    -------
    meshes.Triangles

    Raises
    ------
    Problem
        If the file is missing, no such model, empty, damaged, or too large.
    """
    _refuse_ending(path, meshes.ENDINGS, "a mesh")
    with working_folder() as folder:
        answer = folder / "triangles.npz"
        _in_child("triangles", path, answer, "", seconds, ticket)
        with np.load(answer, allow_pickle=False) as stored:
            return meshes.Triangles(stored["vertices"], stored["faces"], json.loads(str(stored["facts"])),
                                    stored["open"])


def read_points(path, seconds=SECONDS, ticket=None):
    """Read points: see `points.points_of_file`.

    Parameters
    ----------
    path : path-like
        PLY, CSV or NPZ.
    seconds : float, optional
        Time limit.
    ticket : Ticket, optional

    Returns
    -------
    dict of str to ndarray of float32

    Raises
    ------
    Problem
        If the file is missing, holds no points, is damaged, or too large.
    """
    _refuse_ending(path, points.ENDINGS, "points")
    with working_folder() as folder:
        answer = folder / "points.npz"
        _in_child("points", path, answer, "", seconds, ticket)
        with np.load(answer, allow_pickle=False) as stored:
            return {name: stored[name] for name in stored.files}


def read_photograph(path, seconds=SECONDS, ticket=None):
    """Read a picture: see `photographs.photograph_of_file`.

    Parameters
    ----------
    path : path-like
        PNG, JPEG, TIFF or EXR.
    seconds : float, optional
        Time limit.
    ticket : Ticket, optional

    Returns
    -------
    ndarray of uint8, shape (height, width, 3)

    Raises
    ------
    Problem
        If the file is missing, no picture, damaged, or too large.
    """
    _refuse_ending(path, photographs.ENDINGS, "a picture")
    with working_folder() as folder:
        answer = folder / "picture.npy"
        _in_child("photograph", path, answer, "", seconds, ticket)
        return np.load(answer, allow_pickle=False)


def read_focal(path, seconds=SECONDS, ticket=None):
    """Read what lens took a picture: see `photographs.focal_of_file`.

    Parameters
    ----------
    path : path-like
    seconds : float, optional
        Time limit.
    ticket : Ticket, optional

    Returns
    -------
    float or None
        Millimetres on a film 36 mm wide.

    Raises
    ------
    Problem
        If the file is missing or too large.
    """
    _refuse_ending(path, photographs.ENDINGS, "a picture")
    with working_folder() as folder:
        answer = folder / "focal.json"
        _in_child("focal", path, answer, "", seconds, ticket)
        return json.loads(answer.read_text())


def read_sky(path, seconds=SECONDS, ticket=None):
    """Read a picture of all directions: see `photographs.sky_of_file`.

    Parameters
    ----------
    path : path-like
        EXR, PNG, JPEG or TIFF.
    seconds : float, optional
        Time limit.
    ticket : Ticket, optional

    Returns
    -------
    ndarray of float32, shape (height, width, 3)

    Raises
    ------
    Problem
        If the file is missing, no such picture, damaged, or of another shape.
    """
    _refuse_ending(path, photographs.SKY_ENDINGS, "a picture")
    with working_folder() as folder:
        answer = folder / "sky.npy"
        _in_child("sky", path, answer, "", seconds, ticket)
        return np.load(answer, allow_pickle=False)


def frames_of(path):
    """The files of a numbered sequence that a file belongs to.

    Parameters
    ----------
    path : path-like
        Such as ``steam.0012.vdb`` or ``steam_12.vdb``: the last number before the ending counts.

    Returns
    -------
    dict of int to pathlib.Path
        By number, in order; only the file itself when it has no number.
    """
    path = pathlib.Path(path)
    parts = _NUMBERED.match(path.name)
    if parts is None:
        return {0: path}
    before, _, ending = parts.groups()
    found = {}
    for other in path.parent.glob(f"*{ending}"):
        same = _NUMBERED.match(other.name)
        if same is not None and same.group(1) == before and same.group(3) == ending:
            found[int(same.group(2))] = other
    return dict(sorted(found.items()))


def _refuse_ending(path, endings, what):
    path = pathlib.Path(path)
    if path.suffix.lower() not in endings:
        raise Problem("{}: not a file of {}; choose one that ends in {}.", shown(path), what, ", ".join(endings))
    if path.is_file() and path.stat().st_size == 0:
        raise Problem("{}: is empty; export it again.", shown(path))


def _in_child(task, path, answer, name, seconds, ticket=None, inside=False):
    path = pathlib.Path(path)
    if ticket is not None:
        ticket.tick(0.0)
    try:
        with opened(path, inside=inside) as file:
            size = os.fstat(file.fileno()).st_size
            if task not in ("facts", "grid"):  # by its name, since others may lie beside it
                _wait_for(task, path, path.resolve(), size, answer, name, seconds, ticket)
                return
            # The magic number every OpenVDB file begins with.
            if size == 0 or file.read(8) != b" BDV\x00\x00\x00\x00":
                raise Problem("{}: not an OpenVDB file; choose a .vdb.", shown(path))
            # The very file that was looked at, whatever its name stands for by then.
            _wait_for(task, path, f"/proc/{os.getpid()}/fd/{file.fileno()}", size, answer, name, seconds, ticket)
    except (FileNotFoundError, NotADirectoryError, IsADirectoryError) as error:
        raise Problem("{}: there is no such file; check the name.", shown(path)) from error
    except OSError as error:
        raise Problem("{}: cannot be read ({}).", shown(path), error.strerror) from error


def _wait_for(task, path, place, size, answer, name, seconds, ticket):
    """Have a file at a place read in a child, and say what is wrong with the path."""
    room = min(SPARE + EXPANDS[task] * size, MOST)
    busy = math.ceil(min(AT_ONCE[task] + size / PACE[task], seconds))
    LOGGER.debug("reading %s in a child, %d MiB and %d s at the most", shown(path), room >> 20, busy)
    ends = time.monotonic() + seconds
    with reading(task, place, answer, name, room, busy) as child:
        while (ended := child.ended(0.05)) is None:
            if ticket is not None:
                ticket.tick(0.0)
            if time.monotonic() > ends:
                raise DoesNotFit("{}: not read within {:g} s; it is damaged or too large.", shown(path), seconds)
    status, said = ended
    if status in (2, 3):
        kind = Problem if status == 2 else DoesNotFit
        raise kind(f"{shown(path)}: {said.strip().splitlines()[-1]}")
    if status in (-signal.SIGXCPU, -signal.SIGKILL):
        raise DoesNotFit("{}: not read within {} s of work; it is damaged or too large.", shown(path), busy)
    if status != 0 or not answer.exists():
        raise Problem("{}: damaged or not readable; restore it from a copy.", shown(path))
