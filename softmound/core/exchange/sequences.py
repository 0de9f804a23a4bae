"""Forms that move because their files do: which file is shown at a frame, and the form with what it holds."""

import math
import os
import pathlib
import re

import numpy as np

from ..aside import shown
from ..budget import remembered
from ..mass.mend import open_edges
from ..problems import Problem
from ..recipe.arrays import Arrays
from ..recipe.timing import at_frame
from ..regular import opened
from .export import in_metres
from .foreign import read_points, read_triangles, read_volume
from .forms import mesh_form, model_stand_in, points_form, volume_form
from .meshes import Triangles
from .numbered import files_of

STAGES = (".usd", ".usda", ".usdc")


def shown_number(sequence, numbers, frame, first):
    """Number of the file that is shown at a frame.

    Parameters
    ----------
    sequence : Sequence
    numbers : sequence of int
        Of the files that are there, rising.
    frame : float
    first : int
        First frame of the time line: the first file is shown there, but for the offset.

    Returns
    -------
    int
        One of the numbers; where a file is missing the one before is held.
    """
    at = numbers[0] + math.floor((frame - first - sequence.offset) / sequence.slowed + 1e-9)
    if sequence.beyond == "looped":
        at = numbers[0] + (at - numbers[0]) % (numbers[-1] - numbers[0] + 1)
    return max((n for n in numbers if n <= at), default=numbers[0])


def numbers_of_files(sequence, folder="."):
    """Numbers of the files of a sequence, and of those that are missing between them.

    Parameters
    ----------
    sequence : Sequence
    folder : path-like, optional
        Of the mound.

    Returns
    -------
    numbers : list of int
    missing : tuple of int

    Raises
    ------
    Problem
        If there are none.
    """
    files, missing = _shown_by(sequence, folder)
    return list(files), missing


def _shown_by(sequence, folder):
    """What is shown for each number, a file and perhaps its time sample, and the numbers between that are missing."""
    path = pathlib.Path(folder, sequence.files)
    if path.suffix.lower() in STAGES and "#" not in path.name:
        first, last = _samples(str(path), _stamp(path))
        return {n: (path, n) for n in range(first, last + 1)}, ()
    files, missing = files_of(path)
    return {n: (path, None) for n, path in files.items()}, missing


def pattern_of(path):
    """The pattern of a numbered file: ``#`` for each digit of the last number in its name; of a stage its name.

    Parameters
    ----------
    path : path-like

    Returns
    -------
    str

    Raises
    ------
    Problem
        When its name has no number.
    """
    path = pathlib.Path(path)
    found = list(re.finditer(r"[0-9]+", path.stem))
    if not found:
        if path.suffix.lower() in STAGES:
            return str(path)
        raise Problem("{}: has no number in its name; choose one of the numbered files.", shown(path))
    last = found[-1]
    return str(path.with_name(f"{path.stem[:last.start()]}{'#' * len(last.group())}{path.stem[last.end():]}{path.suffix}"))


def with_sequences(mound, frame, folder="."):
    """A mound in which forms and stand-ins that have files show those of a frame.

    Parameters
    ----------
    mound : Mound
        With its time line.
    frame : float
    folder : path-like, optional
        Of the mound.

    Returns
    -------
    Mound

    Raises
    ------
    Problem
        If a file is gone or cannot be read.
    """
    first = mound.time.first if mound.time is not None else 1
    forms = tuple(_moved(form, frame, first, folder) if getattr(form, "sequence", None) is not None else form
                  for form in mound.mass.forms)
    standing = tuple(_moved(each, frame, first, folder) if getattr(each, "sequence", None) is not None else each
                     for each in mound.stand_ins)
    if all(now is form for now, form in zip((*forms, *standing), (*mound.mass.forms, *mound.stand_ins))):
        return mound
    return mound.edited(mass=mound.mass.edited(forms=forms), stand_ins=standing)


def mound_at(mound, frame, folder="."):
    """A mound as it is at a frame, its files included: see `at_frame` and `with_sequences`.

    Parameters
    ----------
    mound : Mound
    frame : float
    folder : path-like, optional

    Returns
    -------
    Mound
    """
    if mound.time is None:
        return at_frame(mound, frame)
    return at_frame(with_sequences(mound, frame, folder), frame)


def _stamp(path):
    try:
        stat = os.stat(path)
    except OSError as error:
        raise Problem("{}: there is no such file ({}); a moving form has lost it.", shown(path), error.strerror) from error
    return stat.st_mtime_ns, stat.st_size


def _moved(form, frame, first, folder):
    sequence = form.sequence
    files, _ = _shown_by(sequence, folder)
    numbers = list(files)

    def read(number):
        path, sample = files[number]
        return _read(form.kind, str(path), _stamp(path), sequence.unit, sequence.up, sample)

    made, start = read(shown_number(sequence, numbers, frame, first)), read(numbers[0])
    # It stands where it was put; what its files say beyond their first is how it moves from there.
    if form.kind == "model":
        return form.edited(surface=_shifted(made.surface, "vertices", np.array(made.place) - np.array(start.place)))
    shift = np.array(made.centre) - np.array(start.centre)
    if form.kind == "mesh":
        return form.edited(surface=_shifted(made.surface, "vertices", shift))
    if form.kind == "points":
        return form.edited(cloud=_shifted(made.cloud, "positions", shift))
    return form.edited(grid=made.grid)


def _shifted(arrays, name, shift):
    if not np.any(shift):
        return arrays
    return Arrays(**{key: (arrays[key] + shift.astype(np.float32) if key == name else arrays[key]) for key in arrays})


@remembered
def _read(kind, path, stamp, unit, up, sample):
    """The form of a file."""
    if kind == "model":
        read = read_triangles(path) if sample is None else _triangles_at(path, sample)
        return model_stand_in(read, "Moving", unit, up)
    if sample is not None:
        return mesh_form(_triangles_at(path, sample), "Moving", unit, up)
    if kind == "mesh":
        return mesh_form(read_triangles(path), "Moving", unit, up)
    if kind == "points":
        return points_form(read_points(path), "Moving", unit, up)
    read = read_volume(path)
    return volume_form(in_metres(read.grid, unit, up), "Moving", read.level_set)


@remembered
def _samples(path, stamp):
    """First and last time sample of a stage."""
    from pxr import Usd

    stage = _opened(path, Usd)
    return math.floor(stage.GetStartTimeCode()), math.floor(stage.GetEndTimeCode())


def _opened(path, usd):
    try:
        opened(path).close()  # a pipe or a device is refused here
        return usd.Stage.Open(path)
    except Problem:
        raise
    except Exception as error:  # of a kind of its own
        raise Problem("{}: is no OpenUSD stage that can be read; check the file.", shown(path)) from error


def _triangles_at(path, sample):
    """All meshes of a stage at a time, where they stand in it: Triangles."""
    from pxr import Usd, UsdGeom

    stage, vertices, faces, count = _opened(path, Usd), [], [], 0
    time = Usd.TimeCode(sample)
    for prim in stage.Traverse():
        mesh = UsdGeom.Mesh(prim)
        if not mesh:
            continue
        points = np.array(mesh.GetPointsAttr().Get(time) or (), np.float64).reshape(-1, 3)
        matrix = np.array(UsdGeom.Xformable(prim).ComputeLocalToWorldTransform(time))
        vertices.append(points @ matrix[:3, :3] + matrix[3, :3])
        corners = np.array(mesh.GetFaceVertexIndicesAttr().Get(time) or (), np.int64)
        at = 0
        for sides in mesh.GetFaceVertexCountsAttr().Get(time) or ():
            ring = corners[at : at + sides] + count
            faces += [(ring[0], ring[n], ring[n + 1]) for n in range(1, sides - 1)]
            at += sides
        count += len(points)
    if not faces or not 0 <= np.min(faces) <= np.max(faces) < count:
        raise Problem("{}: holds no mesh at time {}; check the file.", shown(path), sample)
    faces = np.array(faces, np.int32)
    return Triangles(np.concatenate(vertices), faces, {}, open_edges(faces))
