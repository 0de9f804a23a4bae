"""Where a published version is used: in which baskets, and in which of the flocks that were saved on this machine."""

import json
import os
import pathlib

import platformdirs

from ..aside import write_whole
from ..budget import remembered
from ..library.baskets import baskets_with, keep_basket
from ..problems import NotWritten, Problem
from ..recipe.flock_files import read_flock, write_flock
from ..regular import read_text

MOST = 200
"""Flocks that are remembered, the last that were saved."""


def remember_flock(path):
    """Remember a flock that was saved, so that it is asked where versions are used.

    Parameters
    ----------
    path : path-like
    """
    path = os.path.abspath(path)
    try:
        _file().parent.mkdir(parents=True, exist_ok=True)
        write_whole(_file(), json.dumps([path, *(known for known in known_flocks() if known != path)][:MOST]).encode())
    except (NotWritten, OSError):
        return  # the flock itself is saved


def known_flocks():
    """Paths of the flocks that are remembered, the last that was saved first: list of str."""
    try:
        paths = json.loads(read_text(_file()))
    except (OSError, ValueError, RecursionError, Problem):
        return []
    return [path for path in paths if isinstance(path, str)] if isinstance(paths, list) else []


def uses_of(library, version):
    """Where a version is used.

    Parameters
    ----------
    library : path-like
    version : Version

    Returns
    -------
    (list of str, list of str)
        Names of baskets, and paths of flocks.
    """
    return ([basket.name for basket, _ in baskets_with(library, version)],
            [path for path in known_flocks() if _shows(path, library, version)])


def replaced_everywhere(library, version, other, but=()):
    """Let what uses a version use another version of its asset; what uses the newest goes on doing so.

    Parameters
    ----------
    library : path-like
    version, other : Version
    but : sequence of str, optional
        Paths of flocks that are left as they are: who has one open changes it there, see `with_version`.

    Returns
    -------
    (list of str, list of str)
        Names of baskets, and paths of flocks, that were changed.

    Raises
    ------
    Problem
        If the other is no version of that asset, or something cannot be written.
    """
    if other.folder.parent != version.folder.parent:
        raise Problem("{} is another asset than {}; replace a version by one of its own.", other.facts["name"],
                      version.facts["name"])
    baskets, flocks = [], []
    for basket, number in baskets_with(library, version):
        if number == version.number:
            items = tuple(item.edited(version=other.number) if item.version == number and version.is_of(item.name, item.id)
                          else item for item in basket.items)
            keep_basket(library, basket.edited(items=items))
            baskets.append(basket.name)
    for path in known_flocks():
        if path not in but and _shows(path, library, version):
            flock = read_flock(path)
            changed = with_version(flock, version, other.number)
            if changed != flock:
                write_flock(path, changed)
                flocks.append(path)
    return baskets, flocks


def with_version(flock, version, number):
    """A flock that shows another version of an asset where it is bound to one: Flock.

    Parameters
    ----------
    flock : Flock
    version : Version
        The one that it is bound to.
    number : int
        Of the other.
    """
    marks = dict(flock.ids)

    def other(asset):
        theirs = not asset.file and asset.version == version.number and version.is_of(asset.name, marks.get(asset.name, ""))
        return asset.edited(version=number) if theirs else asset

    return flock.edited(
        members=tuple(member.edited(asset=other(member.asset)) for member in flock.members),
        spreads=tuple(spread.edited(kinds=tuple(kind.edited(asset=other(kind.asset)) for kind in spread.kinds))
                      for spread in flock.spreads))


def _shows(path, library, version):
    if not path.endswith(".flock"):
        return False
    try:
        stat = os.stat(path)
        flock = _flock(path, (stat.st_mtime_ns, stat.st_size))
    except (OSError, Problem):
        return False
    if not flock.library or (pathlib.Path(path).parent / flock.library).resolve() != pathlib.Path(library).resolve():
        return False
    marks = dict(flock.ids)
    return any(not asset.file and asset.version in (0, version.number) and version.is_of(asset.name, marks.get(asset.name, ""))
               for asset in flock.assets)


@remembered
def _flock(path, _stamp):
    return read_flock(path)


def _file():
    return platformdirs.user_data_path("softmound") / "flocks.json"
