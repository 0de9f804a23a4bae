"""Watch folders: OpenVDB files of others that arrive in a stated folder, each to be adopted once."""

import json
import os
import pathlib
import re
import time
from dataclasses import dataclass

from ..aside import shown, write_whole
from ..problems import Problem
from ..regular import read_text

QUIET = 3.0
"""Seconds for which a file has to be as it is: until then somebody writes it."""
ADOPTED = ".arrivals.json"
"""File of a library that says which arrivals it has adopted, or was told to leave."""
_MOST = 100_000


@dataclass(frozen=True)
class Arrival:
    """A file that has arrived, or the numbered frames of one cloud.

    Attributes
    ----------
    path : str
        With a run of ``#`` for the number of the frame, where there are many.
    name : str
        What the asset is to be called.
    stamps : tuple of (str, str)
        Files, and when and how large each was written.
    """

    path: str
    name: str
    stamps: tuple

    @property
    def frames(self):
        """How many files it is."""
        return len(self.stamps)


def arrivals(folder, library, now=None):
    """What has arrived in a folder and was neither adopted nor left.

    Parameters
    ----------
    folder, library : path-like
    now : float, optional
        Seconds since the epoch; default the present time.

    Returns
    -------
    list of Arrival
        By name; what is still being written, and a sequence of which a frame is, comes later.

    Raises
    ------
    Problem
        If there is no such folder.
    """
    now, found, young, done = time.time() if now is None else now, {}, set(), _adopted(library)
    try:
        entries = [entry for entry in os.scandir(folder)
                   if entry.name.lower().endswith(".vdb") and not entry.name.startswith(".")]
    except OSError as error:
        raise Problem("{}: cannot be watched ({}); choose another folder.", shown(folder), error.strerror) from error
    for entry in entries:
        try:
            stat = entry.stat(follow_symlinks=False)
        except OSError:
            continue
        if not entry.is_file(follow_symlinks=False):
            continue
        stem = pathlib.Path(entry.name).stem
        head = stem.rstrip("0123456789")
        # Numbered without anything before the number are files of several clouds, as far as anybody can tell.
        key = (head, len(stem) - len(head)) if head and head != stem else (stem, 0)
        path = os.path.abspath(entry.path)
        found.setdefault(key, []).append((path, f"{stat.st_mtime_ns} {stat.st_size}"))
        if now - stat.st_mtime < QUIET:
            young.add(key)
    there = []
    for (head, digits), files in found.items():
        if (head, digits) in young:
            continue
        files = sorted(files)
        many = digits and len(files) > 1
        for part in [files] if many else [[file] for file in files]:
            if all(done.get(path) == stamp for path, stamp in part):
                continue
            first = pathlib.Path(part[0][0])
            path = str(first.with_name(f"{head}{'#' * digits}{first.suffix}") if many else first)
            name = re.sub(r"[#._\- ]+$", "", pathlib.Path(path).stem) or "Cloud"
            there.append(Arrival(path, name[:80], tuple(part)))
    return sorted(there, key=lambda arrival: arrival.path)


def remember_arrival(library, arrival):
    """Remember that something that arrived was adopted, or is to be left; for everyone who watches for this library.

    Parameters
    ----------
    library : path-like
    arrival : Arrival

    Raises
    ------
    NotWritten
    """
    known = {**_adopted(library), **dict(arrival.stamps)}
    pathlib.Path(library).mkdir(parents=True, exist_ok=True)
    text = json.dumps(dict(list(known.items())[-_MOST:]), indent=0, ensure_ascii=False)
    write_whole(pathlib.Path(library) / ADOPTED, text.encode())


def _adopted(library):
    try:
        known = json.loads(read_text(pathlib.Path(library) / ADOPTED, 64 * 2**20, inside=True))
    except (OSError, ValueError, RecursionError, Problem):
        return {}
    return {k: v for k, v in known.items() if isinstance(v, str)} if isinstance(known, dict) else {}
