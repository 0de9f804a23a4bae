"""Reading files from outside, in a child process with limits: OpenVDB, meshes, points, photographs.

A damaged file can abort or hang the library that reads it, and a large one keeps the interpreter busy
for seconds. Here that is the child's, and the caller gets one sentence.
"""

import json
import pathlib
import re
import subprocess
import sys
import tempfile
import time

import numpy as np

from ..problems import Problem
from ..volume.bricks import grid_of
from . import meshes, photographs, points
from .handed import FIELDS

SECONDS = 120
_NUMBERED = re.compile(r"^(.*?)(\d{1,9})(\.[A-Za-z]+)$")
GIGABYTES = 12


def read_facts(path, seconds=SECONDS):
    """Describe every grid of a file: see `vdb_facts.facts_of_file`.

    Parameters
    ----------
    path : path-like
    seconds : float, optional
        Time limit.

    Returns
    -------
    list of dict

    Raises
    ------
    Problem
        If the file is missing, damaged, or takes too long or too much memory.
    """
    with tempfile.TemporaryDirectory(prefix="softmound-") as folder:
        answer = pathlib.Path(folder) / "facts.json"
        _in_child("facts", path, answer, "", seconds)
        return json.loads(answer.read_text())


def read_vdb(path, name="density", seconds=SECONDS):
    """Read one grid of single numbers of a file, as floats.

    Parameters
    ----------
    path : path-like
    name : str, optional
    seconds : float, optional
        Time limit.

    Returns
    -------
    BrickGrid
        In the file's unit, taken as metres.

    Raises
    ------
    Problem
        If the file is missing, damaged, holds no such grid or one of vectors, or takes too long.
    """
    with tempfile.TemporaryDirectory(prefix="softmound-") as folder:
        answer = pathlib.Path(folder) / "grid.npz"
        _in_child("grid", path, answer, name, seconds)
        with np.load(answer, allow_pickle=False) as stored:
            return grid_of(
                float(stored["voxel"]), *(stored[field] for field in FIELDS),
                float(stored["background"]), tuple(stored["offset"]),
            )


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
    with tempfile.TemporaryDirectory(prefix="softmound-") as folder:
        answer = pathlib.Path(folder) / "triangles.npz"
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
    with tempfile.TemporaryDirectory(prefix="softmound-") as folder:
        answer = pathlib.Path(folder) / "points.npz"
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
    with tempfile.TemporaryDirectory(prefix="softmound-") as folder:
        answer = pathlib.Path(folder) / "picture.npy"
        _in_child("photograph", path, answer, "", seconds, ticket)
        return np.load(answer, allow_pickle=False)


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
    with tempfile.TemporaryDirectory(prefix="softmound-") as folder:
        answer = pathlib.Path(folder) / "sky.npy"
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
        raise Problem(f"{path}: not a file of {what}; choose one that ends in {', '.join(endings)}.")
    if path.is_file() and path.stat().st_size == 0:
        raise Problem(f"{path}: is empty; export it again.")


def _in_child(task, path, answer, name, seconds, ticket=None):
    path = pathlib.Path(path)
    if not path.is_file():
        raise Problem(f"{path}: there is no such file; check the name.")
    if task in ("facts", "grid"):
        with open(path, "rb") as file:
            # The magic number every OpenVDB file begins with.
            if file.read(8) != b" BDV\x00\x00\x00\x00":
                raise Problem(f"{path}: not an OpenVDB file; choose a .vdb.")
    command = [sys.executable, "-m", "softmound.core.exchange.foreign_child", task, str(path.resolve()),
               str(answer), name, str(GIGABYTES)]
    child = subprocess.Popen(command, stdout=subprocess.DEVNULL, stderr=subprocess.PIPE, cwd=_ROOT)
    ends = time.monotonic() + seconds
    try:
        said = None
        while said is None:
            try:
                said = child.communicate(timeout=0.05)[1]
            except subprocess.TimeoutExpired:
                if ticket is not None:
                    ticket.tick(0.0)
                if time.monotonic() > ends:
                    raise Problem(
                        f"{path}: not read within {seconds:g} s; it is damaged or far too large.") from None
    finally:
        if child.poll() is None:
            child.kill()
            child.communicate()
    if child.returncode == 2:
        raise Problem(f"{path}: {said.decode(errors='replace').strip().splitlines()[-1]}")
    if child.returncode != 0 or not answer.exists():
        raise Problem(f"{path}: damaged or not readable; restore it from a copy.")


_ROOT = pathlib.Path(__file__).resolve().parents[3]
