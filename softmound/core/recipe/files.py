"""The `.mound` file: a zip of `mound.json`, `thumb.png` and arrays (docs/mound-format.md)."""

import io
import json
import pathlib
import zipfile
import zlib
from collections.abc import Callable

from pydantic import ValidationError

from ..aside import shown, write_whole
from ..machine import free_memory
from ..problems import DoesNotFit, Problem, sentence_for
from ..regular import PathLike, opened
from .arrays import LARGEST_ARRAY, Arrays, arrays_from, member_key, members_of
from .migrations import migrated
from .models import Mound

LARGEST_RECIPE = 64 * 2**20
LARGEST_THUMB = 16 * 2**20
LARGEST_WHOLE = 3 * 2**30
"""Bytes of all members of a mound, unpacked."""
_MEMBERS = {"mound.json": LARGEST_RECIPE, "thumb.png": LARGEST_THUMB}


def mound_json(mound: Mound) -> str:
    """Text of a recipe: readable, one field a line, the same for the same recipe.

    Parameters
    ----------
    mound : Mound

    Returns
    -------
    str
    """
    return json.dumps(mound.model_dump(mode="json"), indent=1, ensure_ascii=False) + "\n"


def parse_mound(text: str | bytes, source: PathLike, arrays: dict[str, Arrays] | None = None) -> Mound:
    """Read a recipe from its JSON text.

    Parameters
    ----------
    text : str or bytes
    source : str or path-like
        For the sentence when it cannot be read.
    arrays : dict of str to Arrays, optional
        By key: what its forms and photographs refer to.

    Returns
    -------
    Mound

    Raises
    ------
    Problem
        Unknown version or field, NaN, a number out of range, or no JSON at all.
    """
    try:
        data = json.loads(text)
    except (ValueError, RecursionError) as error:
        place = f" in line {error.lineno}" if isinstance(error, json.JSONDecodeError) else ""
        raise Problem("{}: mound.json is not valid JSON{}; restore it from a copy.", source, place) from error
    try:
        return Mound.model_validate(migrated(data, source), context={"arrays": arrays or {}})
    except ValidationError as error:
        raise Problem(sentence_for(error, source)) from error


def write_mound(path: PathLike, mound: Mound, thumb: bytes | None = None) -> None:
    """Save a recipe, so that a crash leaves the old file or the new one.

    Parameters
    ----------
    path : path-like
    mound : Mound
    thumb : bytes, optional
        A PNG of the cloud.

    Raises
    ------
    Problem
        If the file cannot be written; an older file of that name is untouched.
    """
    buffer = io.BytesIO()
    with zipfile.ZipFile(buffer, "w", zipfile.ZIP_DEFLATED) as archive:
        members = [("mound.json", mound_json(mound).encode()), ("thumb.png", thumb), *members_of(mound.arrays())]
        for name, content in members:
            if content is not None:
                # A fixed date: the same recipe gives the same bytes.
                entry = zipfile.ZipInfo(name, date_time=(2000, 1, 1, 0, 0, 0))
                entry.compress_type = zipfile.ZIP_DEFLATED
                archive.writestr(entry, content, compresslevel=1 if member_key(name) else 6)
    write_whole(path, buffer.getvalue())


def read_mound(path: PathLike, inside: bool = False) -> Mound:
    """Open a `.mound` file.

    Parameters
    ----------
    path : path-like
    inside : bool, optional
        It is a part of its folder, see `core.regular.opened`.

    Returns
    -------
    Mound

    Raises
    ------
    Problem
        One sentence on what is wrong with the file.
    """
    members = _members(path, lambda name: name == "mound.json" or member_key(name) is not None, inside)
    if "mound.json" not in members:
        raise Problem("{}: holds no mound.json; this is not a Soft Mound file.", shown(path))
    text = members.pop("mound.json")
    try:
        arrays = arrays_from(members)
    except (ValueError, EOFError, OSError, MemoryError) as error:
        raise Problem("{}: its arrays are damaged; restore the file from a copy.", shown(path)) from error
    return parse_mound(text, path, arrays)


def read_thumb(path: PathLike) -> bytes | None:
    """The picture stored in a `.mound` file.

    Parameters
    ----------
    path : path-like

    Returns
    -------
    bytes or None
        A PNG, or None when it holds none.

    Raises
    ------
    Problem
        If the file is no mound.
    """
    return _members(path, lambda name: name == "thumb.png").get("thumb.png")


def _members(path: PathLike, wanted: Callable[[str], bool], inside: bool = False) -> dict[str, bytes]:
    """Contents of the members whose name is wanted, after all names and sizes were checked."""
    path = pathlib.Path(path)
    found = {}
    try:
        with opened(path, inside=inside) as file, zipfile.ZipFile(file) as archive:
            entries = archive.infolist()
            for entry in entries:
                _check_member(entry, path)
            whole = sum(entry.file_size for entry in entries)
            most = min(LARGEST_WHOLE, free_memory() // 3)  # read, unpacked and checked, it is there up to three times
            if whole > most:
                raise DoesNotFit("{}: would unpack to {:,.1f} GiB, more than the {:.1f} GiB allowed; it is not "
                                 "opened.", shown(path), whole / 2 ** 30, most / 2 ** 30)
            for entry in entries:
                limit = _limit(entry.filename)
                if wanted(entry.filename) and limit is not None:
                    with archive.open(entry) as stream:
                        # Read to the limit and no further: the stated size may lie.
                        content = stream.read(limit + 1)
                    if len(content) > limit:
                        raise Problem("{}: {} unpacks to more than it states; it is not opened.", shown(path), entry.filename)
                    found[entry.filename] = content
            return found
    except FileNotFoundError as error:
        raise Problem("{}: there is no such file; check the name.", shown(path)) from error
    except (
        zipfile.BadZipFile, zlib.error, EOFError, NotImplementedError, RuntimeError, ValueError
    ) as error:
        raise Problem("{}: damaged or not a .mound file; restore it from a copy.", shown(path)) from error
    except OSError as error:
        raise Problem("{}: could not be read ({}).", shown(path), error.strerror or error) from error


def _limit(name: str) -> int | None:
    """Bytes a member may unpack to, or None when it does not belong in a mound."""
    return LARGEST_ARRAY if member_key(name) else _MEMBERS.get(name)


def _check_member(entry: zipfile.ZipInfo, path: PathLike) -> None:
    name = entry.filename
    if name.startswith(("/", "\\")) or ".." in pathlib.PurePosixPath(name).parts or "\\" in name:
        raise Problem("{}: the entry {!r} points outside the file; it is not opened.", shown(path), name)
    limit = _limit(name)
    if limit is None:
        raise Problem("{}: the entry {!r} does not belong in a mound; it is not opened.", shown(path), name)
    if entry.file_size > limit:
        raise Problem(
            "{}: {} would unpack to {:,.0f} MiB, more than the {:.0f} MiB allowed; it is not opened.",
            shown(path),
            name,
            entry.file_size / 2**20,
            limit / 2**20,
        )
