"""Points from files: PLY, CSV, NPZ, with a radius and an age if they have one."""

import csv
import pathlib

import numpy as np

from ..problems import Problem
from .meshes import refuse_wild

ENDINGS = (".ply", ".csv", ".npz")
MOST_POINTS = 20_000_000
_NAMES = {"positions": ("positions", "position", "points", "p"), "radii": ("radii", "radius", "r", "size"),
          "ages": ("ages", "age", "life")}


def points_of_file(path):
    """Read points. Foreign files go through `foreign.read_points` instead.

    Parameters
    ----------
    path : path-like
        PLY with vertices, CSV with a line of names (x, y, z, and perhaps radius and age) or without,
        NPZ with an array `positions` (n, 3), perhaps `radii` and `ages`.

    Returns
    -------
    dict of str to ndarray of float32
        "positions" (n, 3), perhaps "radii" (n,) and "ages" (n,), the latter brought to 0 to 1.

    Raises
    ------
    Problem
        One sentence without the file's name.
    """
    path = pathlib.Path(path)
    found = {".ply": _from_ply, ".csv": _from_csv, ".npz": _from_npz}[path.suffix.lower()](path)
    positions = np.asarray(found["positions"], np.float64)
    if positions.ndim != 2 or positions.shape[1:] != (3,) or not len(positions):
        raise Problem("holds no points with x, y and z; choose another file.")
    if len(positions) > MOST_POINTS:
        raise Problem("holds {:,} points, more than {:,}; thin them first.", len(positions), MOST_POINTS)
    refuse_wild(positions)
    out = {"positions": positions.astype(np.float32)}
    for name in ("radii", "ages"):
        if found.get(name) is not None:
            values = np.asarray(found[name], np.float64).ravel()
            if len(values) != len(positions) or not np.isfinite(values).all():
                raise Problem("its {} are not one finite number for each point; export the file again.", name)
            if name == "radii" and values.min() < 0.0:
                raise Problem("some of its radii are below 0; export the file again.")
            if name == "ages":
                low, high = float(values.min()), float(values.max())
                values = (values - low) / (high - low) if high > low else np.zeros_like(values)
            out[name] = values.astype(np.float32)
    return out


def _picked(columns):
    """The columns that are known by any of their names."""
    lower = {name.strip().lower(): values for name, values in columns.items()}
    found = {kind: next((lower[n] for n in names if n in lower), None) for kind, names in _NAMES.items()}
    if found["positions"] is None and all(axis in lower for axis in "xyz"):
        found["positions"] = np.stack([np.asarray(lower[axis], np.float64) for axis in "xyz"], axis=1)
    if found["positions"] is None:
        raise Problem("has no columns x, y and z; name them in its first line.")
    return found


def _from_ply(path):
    import trimesh

    loaded = trimesh.load(str(path), process=False)
    raw = loaded.metadata.get("_ply_raw", {}).get("vertex", {}).get("data")
    if raw is not None and getattr(raw, "dtype", None) is not None and raw.dtype.names:
        return _picked({name: raw[name] for name in raw.dtype.names})
    if isinstance(raw, dict):
        return _picked({name: np.asarray(values).ravel() for name, values in raw.items()})
    return {"positions": np.asarray(loaded.vertices)}


def _from_csv(path):
    with open(path, newline="", encoding="utf-8-sig") as file:
        first = next(csv.reader(file), [])
    try:
        [float(v) for v in first]
        names, skip = ["x", "y", "z", "radius", "age"][: len(first)], 0
    except ValueError:
        names, skip = first, 1
    try:
        table = np.loadtxt(path, delimiter=",", skiprows=skip, ndmin=2, encoding="utf-8-sig")
    except ValueError as error:
        reason = str(error).split(";")[0]
        raise Problem("is no table of numbers ({}); check that line.", reason) from error
    if table.shape[1] != len(names):
        raise Problem("names {} columns but holds {}; check its first line.", len(names), table.shape[1])
    return _picked({name: table[:, n] for n, name in enumerate(names)})


def _from_npz(path):
    with np.load(path, allow_pickle=False) as stored:
        return _picked({name: stored[name] for name in stored.files})
