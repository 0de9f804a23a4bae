"""Folders of a library: an asset's, by its name; its versions; and the seal of what a version says of itself."""

import hashlib
import json
import os
import pathlib
import re
import secrets
import shutil
import unicodedata

from ..aside import write_whole
from ..held import abandoned
from ..problems import Problem
from ..regular import read_text

FACTS = "asset.json"
"""File in a version's folder that says what it is."""
NAMED = ".name"
"""File in an asset's folder that holds the name it belongs to."""
MARKED = ".id"
"""File in an asset's folder that holds its id, which stays when it is called otherwise."""
MOVED = ".renamed"
"""Folder of a library that says what assets were called before: a file for each name, `moved_from`."""
ASIDE = ".publishing-"
"""What the name of a folder begins with until its version is whole."""
RETIRED = ".retired"
"""Folder of a library that holds what was put aside: see `core.library.keeping`."""


def file_name(name):
    """A name that every file system and renderer takes, for a name in any script.

    Parameters
    ----------
    name : str

    Returns
    -------
    str
        Its Latin letters and figures in lower case, without accents; where some are lost that way, or none are left, a
        mark made from the whole name stands behind them.
    """
    bare = "".join(c for c in unicodedata.normalize("NFKD", name) if not unicodedata.combining(c))
    plain = re.sub(r"[^0-9a-zA-Z]+", "_", bare).strip("_").lower()[:60]
    if any(c.isalnum() and not c.isascii() for c in bare):
        plain = f"{plain or 'cloud'}_{hashlib.blake2b(name.encode(), digest_size=4).hexdigest()}"
    return plain or "cloud"


def asset_folder(library, name):
    """Folder of the asset of a name: mounds of different names never share one.

    Parameters
    ----------
    library : path-like
    name : str

    Returns
    -------
    pathlib.Path
        That of earlier versions under just this name, or one that is not there yet.
    """
    number, base = 1, file_name(name)
    while True:
        folder = pathlib.Path(library) / (base if number == 1 else f"{base}_{number}")
        if name_of(folder) in (None, name):
            return folder
        number += 1


def claimed_folder(library, name):
    """Make the folder of an asset of a name, unless it is there, and write down in it whose it is.

    Parameters
    ----------
    library : path-like
    name : str

    Returns
    -------
    pathlib.Path

    Raises
    ------
    OSError
    """
    while True:
        folder = asset_folder(library, name)
        folder.mkdir(parents=True, exist_ok=True)
        if name_of(folder) != name:
            _claim(folder, NAMED, name)
            continue
        if id_of(folder) is None:
            _claim(folder, MARKED, secrets.token_hex(8))
        return folder


def _claim(folder, file, text):
    """Write down whose a folder is, unless somebody else was quicker."""
    mine = folder / f"{file}.{secrets.token_hex(8)}"
    try:
        mine.write_text(text, encoding="utf-8")
        # A link onto a name that is taken fails: of two who come at once with different names one looks on.
        os.link(mine, folder / file)
    except FileExistsError:
        pass
    finally:
        mine.unlink(missing_ok=True)


def id_of(folder):
    """Id of the asset in a folder.

    Parameters
    ----------
    folder : path-like

    Returns
    -------
    str or None
        Sixteen hexadecimal digits; None of what was published before assets had one.
    """
    try:
        text = read_text(pathlib.Path(folder) / MARKED, 64, inside=True)
    except (OSError, UnicodeError, Problem):
        return None
    return text if re.fullmatch("[0-9a-f]{16}", text) else None


def moved_from(library, name):
    """Assets that were called by a name before.

    Parameters
    ----------
    library : path-like
    name : str

    Returns
    -------
    list of (str, str)
        Their ids, empty of those without one, and what they are called since; the last that was renamed comes first.
    """
    try:
        rows = json.loads(read_text(_moved(library, name), inside=True))
        return [(str(row["id"]), str(row["name"])) for row in reversed(rows)]
    except (OSError, ValueError, KeyError, TypeError, RecursionError, Problem):
        return []


def remember_moved(library, name, mark, new):
    """Remember that an asset is called otherwise from now on, for who knows it by the name that it had.

    Parameters
    ----------
    library : path-like
    name : str
        That it had.
    mark : str
        Its id, or nothing.
    new : str
    """
    rows = [{"id": one, "name": called} for one, called in reversed(moved_from(library, name)) if one != mark]
    path = _moved(library, name)
    path.parent.mkdir(exist_ok=True)
    write_whole(path, json.dumps([*rows, {"id": mark, "name": new}], ensure_ascii=False).encode())


def _moved(library, name):
    return pathlib.Path(library) / MOVED / f"{file_name(name)}-{hashlib.blake2b(name.encode(), digest_size=8).hexdigest()}.json"


def name_of(folder):
    """The name under which the versions of an asset were published.

    Parameters
    ----------
    folder : path-like

    Returns
    -------
    str or None
        None when there is no version yet that says so; nobody's name, "", where it is said by what cannot be read.
    """
    folder = pathlib.Path(folder)
    try:
        return read_text(folder / NAMED, inside=True)
    except (OSError, UnicodeError, Problem):
        if os.path.lexists(folder / NAMED):
            return ""
        # Published before names were written down, or not at all.
    for path in sorted(folder.glob(f"v[0-9]*/{FACTS}")):
        try:
            name = json.loads(read_text(path, inside=True))["name"]
        except (OSError, ValueError, KeyError, TypeError, RecursionError, Problem):
            continue
        if isinstance(name, str):
            return name
    return None


def next_version(folder):
    """Number of the version to be published next.

    Parameters
    ----------
    folder : path-like
        Of the asset; need not exist.

    Returns
    -------
    int
        Higher than that of any version there is, and of any that was put aside and may come back.
    """
    folder = pathlib.Path(folder)
    taken = [int(number) for place in (folder, folder.parent / RETIRED / folder.name)
             for number in (p.name[1:].split(".")[0] for p in place.glob("v[0-9][0-9][0-9]*")) if number.isdigit()]
    return max(taken, default=0) + 1


def sealed(facts):
    """Text of an `asset.json`, with a checksum of all it says.

    Parameters
    ----------
    facts : dict

    Returns
    -------
    str
    """
    return json.dumps({**facts, "seal": seal_of(facts)}, indent=1, ensure_ascii=False)


def seal_of(facts):
    """Checksum of what an `asset.json` says, its seal left out.

    Parameters
    ----------
    facts : dict

    Returns
    -------
    str
        SHA-256 of the facts as compact JSON with sorted keys, 64 hexadecimal digits.
    """
    said = {key: value for key, value in facts.items() if key != "seal"}
    return hashlib.sha256(json.dumps(said, sort_keys=True, separators=(",", ":")).encode()).hexdigest()


def sweep_leftovers(asset):
    """Remove folders of publications that were cut short, unless somebody still works there.

    Parameters
    ----------
    asset : path-like
    """
    for aside in pathlib.Path(asset).glob(f"{ASIDE}*"):
        try:
            if abandoned(aside):
                shutil.rmtree(aside, ignore_errors=True)
        except OSError:
            continue  # somebody else was quicker
