"""The `.flock` file: JSON, one field a line."""

import base64
import binascii
import json
import os
import pathlib

from pydantic import ValidationError

from ..aside import shown, write_whole
from ..problems import Problem, sentence_for
from ..regular import PathLike, read_text
from .arrays import arrays_from, members_of
from .flock import FORMAT, Flock
from .forms import arrays_of

LARGEST = 64 * 2**20
"""Bytes."""


def write_flock(path: PathLike, flock: Flock) -> None:
    """Save a flock, so that a crash leaves the old file or the new one.

    Parameters
    ----------
    path : path-like
    flock : Flock

    Raises
    ------
    Problem
        If the file cannot be written; an older file of that name is untouched.
    """
    data = flock.model_dump(mode="json")
    arrays = {member: base64.b64encode(content).decode() for member, content in members_of(arrays_of(flock.stand_ins))}
    if arrays:
        data["arrays"] = arrays  # triangles of models, which JSON has no numbers for
    write_whole(path, (json.dumps(data, indent=1, ensure_ascii=False) + "\n").encode())


def read_flock(path: PathLike) -> Flock:
    """Open a `.flock` file.

    Parameters
    ----------
    path : path-like

    Returns
    -------
    Flock

    Raises
    ------
    Problem
        One sentence on what is wrong with the file.
    """
    path = pathlib.Path(path)
    try:
        data = json.loads(read_text(path, LARGEST))
    except FileNotFoundError as error:
        raise Problem("{}: there is no such file; check the name.", shown(path)) from error
    except OSError as error:
        raise Problem("{}: cannot be read ({}); check the file.", shown(path), error.strerror) from error
    except (ValueError, RecursionError) as error:
        place = f" in line {error.lineno}" if isinstance(error, json.JSONDecodeError) else ""
        raise Problem("{}: is no valid JSON{}; restore it from a copy.", shown(path), place) from error
    if not isinstance(data, dict) or data.get("format") is None:
        raise Problem("{}: is no flock; choose another file.", shown(path))
    if data["format"] in (1, 2):
        data = {**data, "format": 3}  # which have neither ids of assets nor stand-ins
    if data["format"] != FORMAT:
        raise Problem("{}: is a flock of format {!r}, unknown to this version; open it with a newer "
                      "one.", shown(path), data["format"])
    arrays = data.pop("arrays", {})
    try:
        members = {str(name): base64.b64decode(content, validate=True) for name, content in arrays.items()}
        known = arrays_from(members)
    except (AttributeError, TypeError, ValueError, EOFError, binascii.Error) as error:
        raise Problem("{}: the triangles of its models are damaged ({}); restore it from a copy.", shown(path), error) from error
    try:
        return Flock.model_validate(data, context={"arrays": known})
    except ValidationError as error:
        raise Problem(sentence_for(error, shown(path))) from error


def named_from(path: PathLike, folder: PathLike) -> str:
    """How a flock names a file: relative where it lies below the flock's folder, absolute else.

    Parameters
    ----------
    path, folder : path-like

    Returns
    -------
    str
    """
    path, folder = (pathlib.Path(os.path.abspath(each)) for each in (path, folder))
    return str(path.relative_to(folder)) if path.is_relative_to(folder) else str(path)


def rebased(flock: Flock, was: PathLike, now: PathLike) -> Flock:
    """A flock whose relative files are found from another folder.

    Parameters
    ----------
    flock : Flock
    was, now : path-like
        Folders that its files are relative to: until now, and from now on.

    Returns
    -------
    Flock
        Files below the new folder are relative to it, others absolute.
    """
    def there(file: str) -> str:
        return named_from(pathlib.Path(was, file), now)

    members = tuple(m.edited(asset=m.asset.edited(file=there(m.asset.file))) if m.asset.file else m for m in flock.members)
    plate = None if flock.plate is None else flock.plate.edited(file=there(flock.plate.file))
    return flock.edited(members=members, plate=plate)
