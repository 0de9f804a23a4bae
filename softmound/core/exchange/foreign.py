"""Reading OpenVDB files from outside, in a child process with limits.

A damaged file can abort or hang the reference library. Here that ends the child, and the caller
gets one sentence.
"""

import json
import pathlib
import subprocess
import sys
import tempfile

import numpy as np

from ..recipe.problems import Problem
from ..volume.bricks import grid_of

SECONDS = 120
GIGABYTES = 12
_FIELDS = ("coords", "values", "tile_coords", "tile_values")


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
    """Read one float grid of a file.

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
        If the file is missing, damaged, holds no such float grid, or takes too long.
    """
    with tempfile.TemporaryDirectory(prefix="softmound-") as folder:
        answer = pathlib.Path(folder) / "grid.npz"
        _in_child("grid", path, answer, name, seconds)
        with np.load(answer, allow_pickle=False) as stored:
            return grid_of(
                float(stored["voxel"]), *(stored[field] for field in _FIELDS),
                float(stored["background"]), tuple(stored["offset"]),
            )


def _in_child(task, path, answer, name, seconds):
    path = pathlib.Path(path)
    if not path.is_file():
        raise Problem(f"{path}: there is no such file; check the name.")
    with open(path, "rb") as file:
        # The magic number every OpenVDB file begins with.
        if file.read(8) != b" BDV\x00\x00\x00\x00":
            raise Problem(f"{path}: not an OpenVDB file; choose a .vdb.")
    command = [sys.executable, "-m", "softmound.core.exchange.foreign_child", task, str(path),
               str(answer), name, str(GIGABYTES)]
    try:
        done = subprocess.run(command, capture_output=True, timeout=seconds, cwd=_ROOT)
    except subprocess.TimeoutExpired as error:
        raise Problem(f"{path}: not read within {seconds:g} s; it is probably damaged.") from error
    if done.returncode == 2:
        raise Problem(f"{path}: {done.stderr.decode(errors='replace').strip().splitlines()[-1]}")
    if done.returncode != 0 or not answer.exists():
        raise Problem(f"{path}: damaged or not readable; restore it from a copy.")


_ROOT = pathlib.Path(__file__).resolve().parents[3]


def save_grid(grid, answer):
    """Store a grid for the parent process.

    Parameters
    ----------
    grid : BrickGrid
    answer : path-like
    """
    np.savez(answer, voxel=grid.voxel, background=grid.background, offset=np.array(grid.offset),
             **{field: getattr(grid, field) for field in _FIELDS})
