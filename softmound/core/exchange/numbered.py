"""Numbered frames: of a mound whose grains move on, and of files of somebody else's."""

import pathlib
import re
from dataclasses import dataclass, field

from ..aside import shown
from ..problems import Problem
from ..recipe.grains import EDGE, MOVED, SURFACE, live

RATE = 24.0
"""Frames a second, unless something else is said."""
MOST = 10_000
DIGITS = 4


@dataclass(frozen=True)
class Frames:
    """Which frames a version has.

    Attributes
    ----------
    first, last : int
    rate : float
        Frames a second.
    missing : tuple of int
        Of those between; the one before is held.
    """

    first: int
    last: int
    rate: float = RATE
    missing: tuple = field(default=())

    @property
    def numbers(self):
        """Numbers of the frames that are there: list of int."""
        return [n for n in range(self.first, self.last + 1) if n not in self.missing]

    @property
    def said(self):
        """Which there are, in words: str."""
        gone = f" without {', '.join(map(str, self.missing))}" if self.missing else ""
        return f"frames {self.first} to {self.last}{gone}"

    def held(self, number):
        """The frame that is shown for a number: the nearest one before that is there, or the first."""
        return max((n for n in self.numbers if n <= number), default=self.numbers[0])

    def facts(self):
        """As `asset.json` keeps them: dict."""
        return {"first": self.first, "last": self.last, "rate": self.rate, "missing": list(self.missing)}


def frames_of(facts):
    """The frames of a version.

    Parameters
    ----------
    facts : dict

    Returns
    -------
    Frames or None
        None of what stands still.
    """
    said = facts.get("frames")
    return None if not said else Frames(said["first"], said["last"], said["rate"], tuple(said["missing"]))


def frame_name(file, number):
    """Name of the file of a frame.

    Parameters
    ----------
    file : str
        Of what stands still, as ``cloud.vdb``.
    number : int

    Returns
    -------
    str
        As ``cloud.0012.vdb``.
    """
    stem, dot, ending = file.rpartition(".")
    return f"{stem}.{number:0{DIGITS}d}{dot}{ending}"


def plain_name(name):
    """A name as that of a file: small letters and digits, all else as ``_``.

    Parameters
    ----------
    name : str

    Returns
    -------
    str
    """
    return "".join(c if c.isalnum() else "_" for c in name.lower()).strip("_") or "cloud"


def later(mound, seconds):
    """A mound whose grains have moved on.

    Parameters
    ----------
    mound : Mound
    seconds : float
        Not negative.

    Returns
    -------
    Mound
        Each grain after so long; one whose period that is looks as it did.
    """
    return mound.edited(grains=tuple(grain.edited(time=grain.time + seconds) for grain in mound.grains))


def moves(mound):
    """Whether a mound has grains, without which it looks the same at all times."""
    return any(live(mound.grains, what) for what in (SURFACE, EDGE, MOVED))


def files_of(pattern, first=None, last=None):
    """Numbered files.

    Parameters
    ----------
    pattern : path-like
        With ``#`` for each digit, as ``storm.####.vdb``; one ``#`` alone takes numbers of any length.
    first, last : int, optional
        Only frames from and to; default all there are.

    Returns
    -------
    files : dict of int to pathlib.Path
        By number, in order.
    missing : tuple of int
        Numbers between the first and the last of which there is no file.

    Raises
    ------
    Problem
        If there is no file of the pattern, or too many.
    """
    path = pathlib.Path(pattern)
    parts = re.split(r"(#+)", path.name)
    if len(parts) != 3:
        raise Problem("{}: give one run of # where the number of the frame stands, as storm.####.vdb.", shown(path))
    digits = len(parts[1])
    number = "([0-9]+)" if digits == 1 else f"([0-9]{{{digits},}})"
    fits = re.compile(re.escape(parts[0]) + number + re.escape(parts[2]))
    found = {}
    try:
        names = sorted(entry.name for entry in path.parent.iterdir())
    except OSError as error:
        raise Problem("{}: cannot be looked into ({}); check the folder.", shown(path.parent), error.strerror) from error
    for name in names:
        match = fits.fullmatch(name)
        # A number longer than the pattern's has no zeros before it, or it would be another file of the same frame.
        if match and (len(match[1]) == digits or not match[1].startswith("0")):
            n = int(match[1])
            if (first is None or n >= first) and (last is None or n <= last):
                found[n] = path.parent / name
    if not found:
        if first is None:
            raise Problem("{}: there is no file of that pattern.", shown(path))
        raise Problem("{}: there is no file of that pattern within these frames.", shown(path))
    low, high = min(found), max(found)
    if high - low >= MOST:
        raise Problem("{}: its frames go from {} to {}, more than {:,}; choose some by --frames.", shown(path), low, high, MOST)
    return dict(sorted(found.items())), tuple(n for n in range(low, high + 1) if n not in found)
