"""Frames of a growth on disk: what is seen and how it flows of each, and now and then all that is needed to go on from there."""

import json
import os
import pathlib
import re
import shutil
import zipfile
import zlib
from dataclasses import dataclass
from typing import Annotated, Literal

import numpy as np
import scipy
from pydantic import BaseModel, ConfigDict, Field, ValidationError, model_validator

from ..aside import put_in_place, shown, write_whole
from ..engine.keys import key_of
from ..problems import Problem, sentence_for
from ..recipe.files import read_mound, write_mound
from ..recipe.value import Length, Place
from ..regular import Folder, read_text
from .solver import COARSER, FIELDS

FORMAT = 2
FACTS = "growth.json"
MOST_CELLS = 1_000_000_000
"""That a flow may take in the end; how many it does take memory decides."""
STEP = {"all": 1, "second": 2, "fourth": 4}
"""Frames from one that is kept to the next, by what a growth asks for."""
STATES = 12
"""Frames from one from which it can go on to the next."""
FAINT = 1e-4
"""Of a cloud, below which nothing is kept."""
MOST_BYTES = 20_000_000_000
"""Of the frames of one growth."""


_Side = Annotated[int, Field(ge=1, le=MOST_CELLS)]
_NAMED = re.compile(r"(frame|state)_([0-9]{5})\.npz")


class _Facts(BaseModel):
    """What `growth.json` says."""

    model_config = ConfigDict(allow_inf_nan=False)
    format: Literal[FORMAT]
    rate: Annotated[float, Field(ge=0.1, le=240.0)]
    shape: tuple[_Side, _Side, _Side]
    cell: Length
    origin: Place
    last: Annotated[int, Field(ge=1, le=99_999)]
    key: Annotated[str, Field(max_length=100)]

    @model_validator(mode="after")
    def _not_too_many(self):
        if np.prod(self.shape, dtype=float) > MOST_CELLS:
            raise ValueError(f"{np.prod(self.shape, dtype=float):,.0f} cells are more than {MOST_CELLS:,}")
        return self


@dataclass(frozen=True, eq=False)
class Grown:
    """A frame of a growth.

    Attributes
    ----------
    number : int
        From 0, which is the beginning.
    cloud : ndarray of float32, shape (X, Y, Z)
        Within the box that holds all of it.
    flow : ndarray of float32, shape (X, Y, Z, 3)
        Metres a second of the film, there.
    origin : ndarray of float64, shape (3,)
        Middle of the first of these cells, metres.
    cell : float
    rode : ndarray of float32, shape (2, 3, x, y, z)
        How far what is at every second cell has come since each set of texture coordinates was begun, metres, from there.
    weights : tuple of float
        How much each of the sets counts.
    epochs : tuple of int
        How often each of them was begun: another time, another pattern.
    """

    number: int
    cloud: np.ndarray
    flow: np.ndarray
    origin: np.ndarray
    cell: float
    rode: np.ndarray
    weights: tuple = (1.0, 0.0)
    epochs: tuple = (0, 0)

    @property
    def box(self):
        """Corners of the box that holds it, metres: two ndarray of float64, shape (3,)."""
        return self.origin, self.origin + self.cell * np.array(self.cloud.shape)

    def rode_at(self, points):
        """How far what is at some places has come: ndarray of float32, shape (2, n, 3), metres.

        Parameters
        ----------
        points : ndarray of float, shape (n, 3)
            Metres.
        """
        at = ((points - self.origin) / self.cell - 0.5 * (COARSER - 1)).T / COARSER
        return np.stack([np.stack([scipy.ndimage.map_coordinates(along, at, order=1, mode="nearest") for along in one], -1)
                         for one in self.rode])


class KeptGrowth:
    """The folder of a growth.

    Parameters
    ----------
    folder : path-like

    Attributes
    ----------
    mound : Mound
        What grew.
    rate : float
        Frames a second.
    shape : tuple of int
        Cells along x, y and z.
    cell : float
        Metres.
    origin : ndarray of float64, shape (3,)
        Middle of the first cell, metres.
    last : int
        Frame with which it ends.
    key : str
        What it grew from, as `key_of_growth`.

    Raises
    ------
    Problem
        When it holds no growth, or one that cannot be read.
    """

    def __init__(self, folder):
        self.folder = pathlib.Path(folder)
        path = self.folder / FACTS
        try:
            said = _Facts.model_validate_json(read_text(path, inside=True))
        except (FileNotFoundError, NotADirectoryError) as error:
            raise Problem("{}: holds no growth; let one grow there first.", shown(self.folder)) from error
        except ValidationError as error:
            raise Problem(sentence_for(error, shown(path))) from error
        except (OSError, ValueError) as error:
            raise Problem("{}: is damaged ({}); let it grow again.", shown(path), error) from error
        self.rate, self.shape, self.cell, self.last, self.key = said.rate, said.shape, said.cell, said.last, said.key
        self.origin = np.array(said.origin, float)
        self.mound = read_mound(self.folder / "grown.mound", inside=True)

    @classmethod
    def begun(cls, folder, mound, source, rate, since=-1):
        """A folder for a new growth; frames of an older one are removed, but for those up to one from which it goes on.

        Parameters
        ----------
        folder : path-like
        mound : Mound
            Kept beside the frames, so that any of them can be refined later.
        source : Source
        rate : float
            Frames a second.
        since : int, optional
            The last frame that stays.
        """
        folder = pathlib.Path(folder)
        folder.mkdir(parents=True, exist_ok=True)
        if since < 0:  # what stays can be read at any moment
            (folder / FACTS).unlink(missing_ok=True)
        for name, (kind, number) in _parts_of(folder).items():
            # What was before it grew by other numbers: the way from there cannot be gone again by these.
            if number > since or kind == "state" and number < since:
                (folder / name).unlink(missing_ok=True)
        write_mound(folder / "grown.mound", _light(mound))
        last = max(1, round(mound.growth.seconds * rate))
        said = {"format": FORMAT, "rate": rate, "shape": list(map(int, source.shape)), "cell": source.cell,
                "origin": list(map(float, source.origin)), "last": last, "key": key_of_growth(mound, rate)}
        write_whole(folder / FACTS, (json.dumps(said, indent=1) + "\n").encode())
        return cls(folder)

    def copied(self, folder, until):
        """Begin another folder with the frames up to one; they take no more room on the disk where it can be helped.

        Parameters
        ----------
        folder : path-like
        until : int
            The last frame that is wanted there.

        Raises
        ------
        Problem
            If they cannot be copied.
        """
        folder = pathlib.Path(folder)
        try:
            folder.mkdir(parents=True, exist_ok=True)
            for old in _parts_of(folder):
                (folder / old).unlink()
            with Folder(self.folder) as parts:
                for number in self.numbers():
                    name = f"frame_{number:05d}.npz"
                    if number > until or not parts.holds(name):
                        continue
                    try:
                        os.link(name, folder / name, src_dir_fd=parts.handle, follow_symlinks=False)
                    except OSError:  # another disk, or one that knows no links
                        with parts.opened(name) as source, open(folder / name, "xb") as target:
                            shutil.copyfileobj(source, target)
        except OSError as error:
            raise Problem("{}: the frames before cannot be kept there ({}); make room, or choose another "
                          "folder.", shown(folder), error.strerror) from error

    def numbers(self):
        """Frames that are kept: list of int."""
        return sorted(number for kind, number in _parts_of(self.folder).values() if kind == "frame")

    @property
    def step(self):
        """Every so many frames are kept: int."""
        return STEP[self.mound.growth.kept] if self.mound.growth is not None else 1

    def missing(self, numbers):
        """Frames that are not kept between some that are.

        Parameters
        ----------
        numbers : sequence of int
            Rising, some of those that are kept.

        Returns
        -------
        list of int
        """
        wanted = {n for n in range(numbers[0], numbers[-1] + 1) if n % self.step == 0}
        return sorted(wanted - set(numbers))

    def states(self):
        """Frames from which it can go on: list of int."""
        return sorted(number for kind, number in _parts_of(self.folder).values() if kind == "state")

    def keep(self, number, flowing, cloud):
        """Keep a frame.

        Parameters
        ----------
        number : int
        flowing : Flowing
        cloud : ndarray of float32, shape (x, y, z)
            What is seen, in the flow's box.
        """
        where = [np.flatnonzero((cloud > FAINT).any(axis=tuple(a for a in range(3) if a != axis))) for axis in range(3)]
        low = np.array([w[0] if len(w) else 0 for w in where]) - 2
        high = np.array([w[-1] + 1 if len(w) else 1 for w in where]) + 2
        low, high = np.maximum(low, 0) // COARSER * COARSER, np.minimum(high, cloud.shape)
        box, coarse = tuple(slice(a, b) for a, b in zip(low, high)), tuple(
            slice(a // COARSER, -(-b // COARSER)) for a, b in zip(low, high))
        # Metres of the mound in a second of the film.
        larger, (weights, epochs) = self.mound.growth.larger, flowing.riding.counting(flowing.seconds)
        flow = flowing.flow()[box] * np.float32(self.mound.growth.pace / larger)
        rode = flowing.riding.rode[(slice(None), slice(None), *coarse)] / np.float32(larger)
        _write(self.folder / f"frame_{number:05d}.npz", low=low + [side.start for side in flowing.box],
               cloud=cloud[box].astype(np.float16), flow=flow.astype(np.float16), rode=rode.astype(np.float16),
               counting=np.array([*weights, *epochs], np.float64))

    def keep_state(self, number, flowing):
        """Keep all that is needed to go on from a frame.

        Parameters
        ----------
        number : int
        flowing : Flowing
        """
        u, v, w = flowing.faces
        _write(self.folder / f"state_{number:05d}.npz", u=u, v=v, w=w, carried=flowing.carried, rode=flowing.riding.rode,
               low=np.array([side.start for side in flowing.box]), seconds=np.array([flowing.seconds, flowing.left]))

    def resume(self, number, flowing):
        """Set a flow to what it was at a frame.

        Parameters
        ----------
        number : int
            One of `states`.
        flowing : Flowing
        """
        name, any_three = f"state_{number:05d}.npz", (None,) * 3
        held = self._read(name, {"u": any_three, "v": any_three, "w": any_three, "carried": (len(FIELDS), *any_three), "low": (3,),
                                 "rode": (2, 3, *any_three), "seconds": (2,)})
        low, within = held["low"].astype(int), np.array(held["carried"].shape[1:])
        alike = all(held[axis].shape == tuple(within + (np.arange(3) == at)) for at, axis in enumerate("uvw"))
        alike = alike and held["rode"].shape[2:] == tuple(-(-within // COARSER))
        if not alike or low[1] != 0 or (low < 0).any() or (low + within > self.shape).any():
            raise self._damaged(name)
        box = tuple(slice(int(a), int(a + n)) for a, n in zip(low, within))
        flowing.taken(box, tuple(np.ascontiguousarray(held[name]) for name in "uvw"), np.ascontiguousarray(held["carried"]),
                      np.ascontiguousarray(held["rode"]), *map(float, held["seconds"]))

    def frame(self, number):
        """A frame that is kept.

        Parameters
        ----------
        number : int

        Returns
        -------
        Grown

        Raises
        ------
        Problem
            When it is not there, or cannot be read.
        """
        name = f"frame_{number:05d}.npz"
        held = self._read(name, {"low": (3,), "cloud": (None,) * 3, "flow": (None, None, None, 3), "rode": (2, 3, None, None, None),
                                 "counting": (4,)})
        within, low = np.array(held["cloud"].shape), held["low"]
        alike = held["flow"].shape[:3] == tuple(within) and held["rode"].shape[2:] == tuple(-(-within // COARSER))
        weights, epochs = held["counting"][:2].astype(float), held["counting"][2:]
        alike = alike and (weights >= 0.0).all() and 0.0 < weights.sum() < 4.0 and ((epochs >= 0) & (epochs < 1e9)).all()
        if not alike or (low < 0).any() or (low + within > self.shape).any():
            raise self._damaged(name)
        return Grown(number, held["cloud"].astype(np.float32), held["flow"].astype(np.float32),
                     self.origin + self.cell * low, self.cell, held["rode"].astype(np.float32), tuple(map(float, weights)),
                     tuple(map(int, epochs)))

    def stamp(self, number):
        """What tells whether the file of a frame is still the same one: int, 0 where there is none.

        Parameters
        ----------
        number : int
        """
        try:
            return (self.folder / f"frame_{number:05d}.npz").stat().st_mtime_ns
        except OSError:
            return 0

    def _read(self, name, shapes):
        """Arrays of a file by their names, each finite and of its shape, where None may be any number."""
        most = 4 * (5 + len(FIELDS)) * int(np.prod([n + 1 for n in self.shape])) + 2**16
        try:
            with Folder(self.folder) as parts, parts.opened(name) as file, zipfile.ZipFile(file) as members:
                if sum(member.file_size for member in members.infolist()) > most:
                    raise self._damaged(name)
                file.seek(0)
                with np.load(file, allow_pickle=False) as held:
                    read = {key: held[key] for key in shapes}
        except FileNotFoundError as error:
            there = self.numbers()
            said = f"kept are {there[0]} to {there[-1]}" if there else "none is kept yet"
            raise Problem("{}: has no frame {}; {}.", shown(self.folder), int(name[6:11]), said) from error
        except (OSError, ValueError, LookupError, EOFError, RuntimeError, zipfile.BadZipFile, zlib.error) as error:
            raise self._damaged(name) from error
        for key, shape in shapes.items():
            alike = len(shape) == read[key].ndim and all(n in (None, m) for n, m in zip(shape, read[key].shape))
            if not alike or read[key].dtype.kind not in "fiu" or not np.isfinite(read[key]).all():
                raise self._damaged(name)
        return read

    def _damaged(self, name):
        return Problem("{}: is damaged; let it grow again from the frame before.", shown(self.folder / name))


def holds_growth(folder):
    """Return whether a folder holds a growth, sound or not.

    Parameters
    ----------
    folder : path-like
    """
    return pathlib.Path(folder, FACTS).exists() or bool(_parts_of(folder))


def _parts_of(folder):
    """Frames and states in a folder: dict of str to ("frame" or "state", number) by the names of their files."""
    try:
        names = os.listdir(folder)
    except (FileNotFoundError, NotADirectoryError):
        return {}
    return {name: (found[1], int(found[2])) for name in sorted(names) if (found := _NAMED.fullmatch(name))}


def moving(mound):
    """Whether forms of a mound move while it grows: bool."""
    return mound.time is not None and (bool(mound.keyed) or mound.time.wind != 0.0 or mound.time.shear != 0.0 or any(
        getattr(form, "sequence", None) is not None for form in mound.mass.forms))


def _light(mound):
    """What of a mound tells how it grew, without what only its pictures need."""
    still = {} if moving(mound) else {"keyed": (), "time": None}
    return mound.edited(snapshots=(), references=(), **still)


def key_of_growth(mound, rate):
    """What stands for a growth: another one, another growth.

    Parameters
    ----------
    mound : Mound
    rate : float

    Returns
    -------
    str
    """
    standing = tuple((type(each).__name__, *each.shape[1:], each.place, each.turn, each.clears, each.obstacle)
                     for each in mound.stand_ins if each.shown != "hidden" and each.obstacle or each.clears is not None)
    goes = (mound.time, mound.keyed) if moving(mound) else ()
    # Detail is added when a frame is looked at.
    growth = mound.growth.model_copy(update={"detail": 0.0}) if mound.growth is not None else None
    return key_of("growth", mound.mass, mound.grains, mound.steps, mound.skin, mound.patches, mound.voxels, growth, rate, *goes,
                  *standing)


def _write(path, **arrays):
    with put_in_place(path) as aside, open(aside, "wb") as file:
        np.savez(file, **arrays)


def bytes_foretold(shape, frames):
    """Bytes that the frames of a growth take at the most: int; what is seen fills two fifths of the cells, about.

    Parameters
    ----------
    shape : tuple of int
    frames : int
    """
    cells = float(np.prod(shape, dtype=float))
    # Four halves and, at an eighth of the cells, six of what rides; of a state six and six whole numbers.
    return int(frames * cells * 0.4 * 9.5 + (frames / STATES + 2) * cells * 27.0)
