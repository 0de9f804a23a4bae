"""Soft Mound in scripts: read, edit, build, light and publish with a handful of functions.

Recipes are frozen values of `softmound.core.recipe`: ``mound.edited(name="Tower")`` makes another one. Lengths are metres, angles
degrees, colours linear RGB. All of it is found as ``softmound.NAME``, too.
"""

from __future__ import annotations

import functools
import math
import os
import pathlib
from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace
from typing import Any, ParamSpec, TypeVar, Union

import numpy as np
import numpy.typing as npt
from pydantic import ValidationError

from .core.engine.density import bounds_of, draft_voxel
from .core.engine.films import film_of_line
from .core.engine.fineness import picture_voxel
from .core.engine.forecast import memory_limit
from .core.engine.framing import untouched
from .core.engine.layers import check_layers
from .core.engine.line_frames import frames_written
from .core.engine.siblings import sibling
from .core.engine.stages import PASSES, Stages
from .core.engine.stills import Taking, refuse_too_many_pixels, scene_taken, still_of
from .core.engine.takes import write_layers
from .core.exchange.export import ExportOptions
from .core.exchange.numbered import Frames
from .core.exchange.pictures import write_picture
from .core.exchange.png import png_of
from .core.formation.filming import take_picture
from .core.formation.spreading import spread_again
from .core.formation.standing import bounds_of_flock, sources_of
from .core.growth.growing import grown
from .core.growth.kept import KeptGrowth
from .core.growth.riding import frozen_mound, refined
from .core.growth.source import growth_for
from .core.library.asset import About
from .core.library.asset import publish as _publish
from .core.library.choices import MORE, TIERS
from .core.library.delivery import delivered
from .core.library.index import Index
from .core.library.receiving import received
from .core.library.shelf import read_version
from .core.library.shelf import verify as _verify
from .core.light.picture.looks import metered_as
from .core.light.scene.camera import camera_of, fitted
from .core.light.scene.groups import mixed_light
from .core.problems import Problem, sentence_for
from .core.recipe import Mound, read_mound, write_mound
from .core.recipe.flock import Asset, Flock, Kind, Member, Spread
from .core.recipe.flock_files import read_flock, write_flock
from .core.recipe.standins import STAND_INS
from .core.recipe.time import TimeLine
from .core.recipe.timing import at_frame as _at_frame
from .core.standins.beside import begun, cloud_box, named_apart, put_beside
from .core.standins.files import ENDINGS, stand_ins_of_file
from .core.starts.rising import rising
from .core.starts.species import STARTS
from .core.starts.species import start as _start
from .core.volume.sample import sample
from .core.volume.windows import read_window

Path = Union[str, "os.PathLike[str]"]
P = ParamSpec("P")
R = TypeVar("R")

__all__ = ["Cloud", "Flock", "Growth", "Mound", "Problem", "Published", "at_frame", "build", "export", "film", "flock_picture",
           "frames", "freeze", "grow", "picture", "place", "publish", "read", "read_flock", "ready_growth", "receive",
           "search", "spread", "stand_in", "start", "verify", "write", "write_flock"]


def _refusing(function: Callable[P, R]) -> Callable[P, R]:
    """A function in which whatever is outside of its limits is a `Problem`, never an error of what stands below."""
    @functools.wraps(function)
    def met(*given: P.args, **named: P.kwargs) -> R:
        try:
            return function(*given, **named)
        except ValidationError as error:
            raise Problem(sentence_for(error, f"softmound.{function.__name__}")) from error
        except MemoryError as error:
            raise Problem("Memory ran out; choose a larger voxel or a smaller picture.") from error

    return met


def _number(value: Any, low: float, high: float, what: str) -> float:
    """A number within limits."""
    try:
        number = float(value)
    except (TypeError, ValueError):
        number = math.nan
    if not low <= number <= high:
        raise Problem("{!r} is no {}; give a number from {:g} to {:g}.", value, what, low, high)
    return number


def _whole(value: Any, low: int, high: int, what: str) -> int:
    """A whole number within limits."""
    number = _number(value, low, high, what)
    if number != int(number):
        raise Problem("{!r} is no {}; give a whole number.", value, what)
    return int(number)


def _voxel(mound: Mound, voxel: float | None) -> float:
    return draft_voxel(mound) if voxel is None else _number(voxel, 0.005, 500.0, "voxel in metres")


def _size(size: Sequence[int]) -> tuple[int, int]:
    try:
        width, height = size
    except (TypeError, ValueError):
        raise Problem("{!r} is no size; give width and height in pixels.", size) from None
    found = _whole(width, 16, 16_384, "width in pixels"), _whole(height, 16, 16_384, "height in pixels")
    refuse_too_many_pixels(*found)
    return found


def _taking(size: Sequence[int], true_light: bool, noise: float, passes: int) -> Taking:
    return Taking(*_size(size), true=bool(true_light), noise=_number(noise, 0.002, 1.0, "noise"),
                  passes=_whole(passes, 1, 5_000, "number of passes"))


def _frames(mound: Mound, first: int | None, last: int | None) -> tuple[Mound, range]:
    """A mound with a time line, and which of its frames are meant."""
    line = mound.time or TimeLine(first=1 if first is None else first, last=TimeLine().last if last is None else last)
    first = _whole(line.first if first is None else first, -100_000, 1_000_000, "frame")
    last = _whole(line.last if last is None else last, first, first + 9_999, "last frame")
    return mound.edited(time=line), range(first, last + 1)


@dataclass(frozen=True, eq=False)
class Cloud:
    """Density of a mound at a voxel.

    Attributes
    ----------
    grid : BrickGrid
        Sparse bricks of 8³ voxels: see `softmound.core.volume.bricks`.
    """

    grid: Any

    @property
    def voxel(self) -> float:
        """Edge of a voxel, metres."""
        return float(self.grid.voxel)

    @property
    def bounds(self) -> tuple[tuple[float, ...], tuple[float, ...]]:
        """Corners of what holds cloud, metres: the middles of its outermost voxels.

        Raises
        ------
        Problem
            When there is no cloud.
        """
        active = self.grid.active_bounds()
        if active is None:
            raise Problem("This cloud is empty; it has no bounds.")
        low, high = (self.grid.world(corner) for corner in active)
        return tuple(map(float, low)), tuple(map(float, high))

    @property
    def active_voxels(self) -> int:
        """How many voxels hold something."""
        return int(self.grid.active_voxels())

    def sample(self, points: npt.ArrayLike) -> npt.NDArray[np.float32]:
        """Density at places.

        Parameters
        ----------
        points : array_like of float, shape (n, 3)
            Metres.

        Returns
        -------
        ndarray of float32, shape (n,)
            Between voxels read straight; 0 where nothing is.

        Raises
        ------
        Problem
            When these are no places.
        """
        try:
            places = np.atleast_2d(np.asarray(points, np.float64))
        except (TypeError, ValueError) as error:
            raise Problem("Places are rows of three numbers in metres.") from error
        if places.ndim != 2 or places.shape[1] != 3 or not np.isfinite(places).all():
            raise Problem("Places are rows of three finite numbers in metres; these have the shape {}.", places.shape)
        found: npt.NDArray[np.float32] = sample(self.grid, places)
        return found

    def dense(self) -> tuple[npt.NDArray[np.float32], tuple[float, ...]]:
        """All of it as one array.

        Returns
        -------
        values : ndarray of float32, shape (X, Y, Z)
            With the empty rest of its outer bricks.
        origin : tuple of float
            Where the first voxel lies, metres.

        Raises
        ------
        Problem
            When there is no cloud, or too much of it.
        """
        box = self.grid.brick_bounds()
        if box is None:
            raise Problem("This cloud is empty; there is nothing to be made dense.")
        low, high = (np.asarray(corner) for corner in box)
        count = math.prod(int(n) for n in high + 1 - low)
        if 4 * count > memory_limit():
            raise Problem("As one array this cloud takes {:,.1f} GB, more than there is; choose a larger voxel.", 4 * count / 1e9)
        values = read_window(self.grid, low // 8, (high + 1 - low) // 8)
        return values, tuple(float(v) for v in self.grid.world(low))


@dataclass(frozen=True)
class Published:
    """A published version.

    Attributes
    ----------
    folder : str
    name : str
    number : int
    facts : dict
        Its `asset.json`: see `docs/mound-format.md`.
    """

    folder: str
    name: str
    number: int
    facts: dict[str, Any]


def _published(version: Any) -> Published:
    return Published(str(version.folder), version.facts["name"], version.number, version.facts)


@dataclass(frozen=True, eq=False)
class Growth:
    """Frames of a growth in a folder.

    Attributes
    ----------
    folder : str
    frames : list of int
        Those that are kept.
    rate : float
        Frames a second.
    """

    folder: str
    frames: list[int]
    rate: float


# -- mounds ------------------------------------------------------------------------------------------


@_refusing
def read(path: Path) -> Mound:
    """Open a `.mound` file.

    Parameters
    ----------
    path : path-like

    Returns
    -------
    Mound

    Raises
    ------
    Problem
        One sentence on what is wrong with it.
    """
    return read_mound(path)


@_refusing
def write(mound: Mound, path: Path) -> None:
    """Save a mound, so that a crash leaves the old file or the new one.

    Parameters
    ----------
    mound : Mound
    path : path-like

    Raises
    ------
    Problem
        If it cannot be written.
    """
    write_mound(path, mound)


@_refusing
def start(species: str = "mediocris", name: str = "Untitled", span: float = 300.0, seed: int = 3, looks: float | None = None,
          **asked: Any) -> Mound:
    """A first shape.

    Parameters
    ----------
    species : str, optional
        As `softmound starts` lists them.
    name : str, optional
    span : float, optional
        Longest side, metres.
    seed : int, optional
    looks : float, optional
        Size of the natural cloud it looks as large as, metres; default the start's own.
    **asked
        `height`, `lean`, `turrets`, `tired`.

    Returns
    -------
    Mound

    Raises
    ------
    Problem
        When there is no such species, or a number is outside its limits.
    """
    if species not in STARTS:
        raise Problem("There is no start {!r}; choose one of {}.", species, ", ".join(STARTS))
    strange = set(asked) - {"height", "lean", "turrets", "tired"}
    if strange:
        raise Problem("A start takes no {!r}; it takes span, seed, looks, height, lean, turrets and tired.", min(strange))
    numbers = {key: _number(value, -1e9, 1e9, key) for key, value in asked.items() if value is not None}
    if "turrets" in numbers:
        numbers["turrets"] = _whole(asked["turrets"], 1, 24, "number of turrets")
    made: Mound = _start(species, name, _number(span, 0.1, 20_000.0, "span in metres"), _whole(seed, 0, 2**31 - 1, "seed"),
                         None if looks is None else _number(looks, 1e-6, 1e9, "size in metres"), **numbers)
    return made


@_refusing
def ready_growth(word: str = "turret", name: str = "Untitled", seed: int = 1) -> Mound:
    """A mound with a ready growth, which `grow` lets rise.

    Parameters
    ----------
    word : str, optional
        "turret", "burst", "anvil", "fog", "ring" or "steam".
    name : str, optional
    seed : int, optional

    Returns
    -------
    Mound

    Raises
    ------
    Problem
        When there is no such growth.
    """
    made: Mound = rising(word, name, _whole(seed, 0, 2**31 - 1, "seed"))
    return made


@_refusing
def at_frame(mound: Mound, frame: float) -> Mound:
    """A mound as it is at a frame of its time line.

    Parameters
    ----------
    mound : Mound
    frame : float

    Returns
    -------
    Mound

    Raises
    ------
    Problem
        When it is no frame, or one of its keys cannot be.
    """
    return _at_frame(mound, _number(frame, -1e7, 1e7, "frame"))


# -- density, pictures, files ------------------------------------------------------------------------


@_refusing
def build(mound: Mound, voxel: float | None = None) -> Cloud:
    """Make the density of a mound.

    Parameters
    ----------
    mound : Mound
    voxel : float, optional
        Metres; default the draft voxel.

    Returns
    -------
    Cloud

    Raises
    ------
    Problem
        When it does not fit into memory.
    """
    return _built(Stages(), mound, _voxel(mound, voxel))


def _built(stages: Stages, mound: Mound, voxel: float) -> Cloud:
    stages.refuse_unless_fits(mound, voxel)
    return Cloud(stages.density(mound, voxel, remember=False))


@_refusing
def export(cloud: Cloud, mound: Mound, path: Path, unit: str = "m", up: str = "y", origin: str = "kept", half: bool = True,
           grid: str = "density") -> None:
    """Write a cloud as OpenVDB, read it back and compare.

    Parameters
    ----------
    cloud : Cloud
    mound : Mound
        For its name, medium and seeds.
    path : path-like
        .vdb
    unit, up, origin, half, grid : optional
        As of `softmound build`.

    Raises
    ------
    Problem
        If it cannot be written or does not hold what it should.
    """
    cloud.bounds  # refused here when it is empty
    delivered(path, mound, cloud.grid, cloud.voxel, ExportOptions(up, unit, origin, half, grid))


@_refusing
def picture(mound: Mound, path: Path, size: Sequence[int] = (1280, 800), voxel: float | None = None, true_light: bool = False,
            noise: float = 0.05, passes: int = PASSES, fit: bool | None = None, groups: dict[str, float] | None = None,
            layers: Sequence[str] | None = None) -> None:
    """Take a picture of a mound in its light, from its view.

    Parameters
    ----------
    mound : Mound
    path : path-like
        .png or .exr; it carries the recipe.
    size : sequence of int, optional
        Pixels across and down.
    voxel : float, optional
        Metres; default as fine as a pixel shows and memory allows.
    true_light : bool, optional
        Traced, rather than Draft light.
    noise : float, optional
        When traced light is enough.
    passes : int, optional
        Rays for each pixel of Draft light.
    fit : bool, optional
        From so far away that all of it is seen; default where no view was ever chosen.
    groups : dict of str to float, optional
        Times the light of light groups is mixed in: "sun", "sky", "below", "glow", or those of lamps.
    layers : sequence of str, optional
        What an .exr holds, see `docs/light.md`; default the picture alone.

    Raises
    ------
    Problem
        If it cannot be taken or written.
    """
    asked = [(name, level, (1.0, 1.0, 1.0)) for name, level in (groups or {}).items()]
    mound = mound.edited(light=mixed_light(mound.light, asked))
    if layers is not None:
        check_layers(",".join(layers), path)
    taking, stages = _taking(size, true_light, noise, passes), Stages()
    fits, bounds = untouched(mound.view) if fit is None else fit, bounds_of(mound)
    if voxel is None and bounds is not None:
        low, high = bounds
        taking = replace(taking, near=True)
        view = fitted(mound.view, low, high, taking.width, taking.height) if fits else mound.view
        voxel = picture_voxel(stages, mound, camera_of(view, taking.width, taking.height))
    voxel = _voxel(mound, voxel)
    cloud = _built(stages, mound, voxel)
    if fits:
        low, high = cloud.bounds
        mound = mound.edited(view=fitted(mound.view, low, high, taking.width, taking.height))
    key = stages.density_key(mound, voxel)
    if layers is not None:
        write_layers(path, stages, scene_taken(stages, mound, cloud.grid, key, taking), taking, layers, mound=mound)
        return
    still = still_of(stages, mound, cloud.grid, key, taking)
    write_picture(path, still, metered_as(mound.light, still.radiance), mound)


@_refusing
def frames(mound: Mound, folder: Path, first: int | None = None, last: int | None = None, voxel: float | None = None,
           velocity: bool = False, force: bool = False) -> list[str]:
    """Write numbered OpenVDB frames of a mound that moves.

    Parameters
    ----------
    mound : Mound
        Without a time line its grains evolve at 24 frames a second.
    folder : path-like
    first, last : int, optional
        Default the whole line.
    voxel : float, optional
        Metres; default the draft voxel.
    velocity : bool, optional
        With a grid of velocity, by how forms move.
    force : bool, optional
        Replace files that are there.

    Returns
    -------
    list of str
        Files, in their order.

    Raises
    ------
    Problem
    """
    mound, numbers = _frames(mound, first, last)
    frames_written(mound, folder, numbers, _voxel(mound, voxel), force=force, velocity=velocity)
    return [str(path) for path in sorted(pathlib.Path(folder).glob("*.vdb"))]


@_refusing
def film(mound: Mound, path: Path, first: int | None = None, last: int | None = None, size: Sequence[int] = (1280, 720),
         voxel: float | None = None, true_light: bool = False, noise: float = 0.05, passes: int = PASSES) -> None:
    """Take a film of a mound that moves.

    Parameters
    ----------
    mound : Mound
    path : path-like
        .mp4, .webp, .gif or .png; without an ending a folder of numbered pictures.
    first, last : int, optional
        Default the whole line.
    size, voxel, true_light, noise, passes : optional
        As of `picture`.

    Raises
    ------
    Problem
    """
    mound, numbers = _frames(mound, first, last)
    voxel = None if voxel is None else _voxel(mound, voxel)
    film_of_line(pathlib.Path(path), mound, numbers, _taking(size, true_light, noise, passes), voxel)


# -- growth ------------------------------------------------------------------------------------------


@_refusing
def grow(mound: Mound, folder: Path, seconds: float = 4.0, cell: float | None = None, rate: float = 24.0, **numbers: Any) -> Growth:
    """Let smoke and cloud rise from the form of a mound.

    Parameters
    ----------
    mound : Mound
    folder : path-like
        Goes on there if it holds the same growth; another one is left alone and refused.
    seconds : float, optional
        Of the film.
    cell : float, optional
        Metres; default a 64th of the span.
    rate : float, optional
        Frames a second.
    **numbers
        Others of its growth: seed, heat, moisture, wind and so on.

    Returns
    -------
    Growth

    Raises
    ------
    Problem
    """
    chosen = {"seconds": _number(seconds, 0.001, 3_600.0, "time in seconds"), **numbers}
    if cell is not None:
        chosen["cell"] = _number(cell, 0.005, 500.0, "cell in metres")
    mound = mound.edited(growth=(mound.growth or growth_for(mound)).edited(**chosen))
    kept = grown(mound, folder, _number(rate, 0.1, 240.0, "rate"), going_on=True)
    return Growth(str(folder), kept.numbers(), kept.rate)


@_refusing
def freeze(folder: Path, frame: int | None = None, finer: int = 2, detail: float = 0.7, seed: int = 1) -> Mound:
    """A frame of a growth as a mound of its own, refined.

    Parameters
    ----------
    folder : path-like
        Of a growth.
    frame : int, optional
        Default the last that is kept.
    finer : int, optional
        Voxels along a cell.
    detail : float, optional
        How far edges are rolled up by whirls finer than the cells, 0 to 1.
    seed : int, optional

    Returns
    -------
    Mound

    Raises
    ------
    Problem
    """
    kept = KeptGrowth(folder)
    numbers = kept.numbers()
    if not numbers:
        raise Problem("{}: no frame is kept yet; let it grow first.", folder)
    held_ = kept.frame(numbers[-1] if frame is None else _whole(frame, 0, 99_999, "frame"))
    grid = refined(held_, _whole(finer, 1, 5_000, "number of voxels"), _number(detail, 0.0, 1.0, "share"),
                  seed=_whole(seed, 0, 2**31 - 1, "seed"))
    made: Mound = frozen_mound(kept.mound, held_, grid)
    return made


@_refusing
def stand_in(mound: Mound, what: str, beside: bool = False, **numbers: Any) -> Mound:
    """Put a solid thing into a mound.

    Parameters
    ----------
    mound : Mound
    what : str
        A kind, as "person" or "room", or a model file.
    beside : bool, optional
        Beside the cloud, rather than below its middle.
    **numbers
        Of the stand-in: place, turn, size, colour, shown and the like.

    Returns
    -------
    Mound

    Raises
    ------
    Problem
        If there is no such kind or file, or a number is outside its limits.
    """
    bounds = cloud_box(mound)
    known = str(what) in STAND_INS and str(what) != "model"
    if not known and pathlib.Path(what).suffix.lower() not in ENDINGS:
        raise Problem("There is no kind of stand-in {!r}; there are {}, or give a model file.", str(what),
                      ", ".join(word for word in STAND_INS if word != "model"))
    there = list(mound.stand_ins)
    for made in [begun(str(what), bounds)] if known else stand_ins_of_file(what):
        placed = put_beside(made, bounds, mound.view) if beside else made
        there.append(placed.edited(**{"name": named_apart(made.name, there), **numbers}))
    return mound.edited(stand_ins=tuple(there))


# -- library -----------------------------------------------------------------------------------------


@_refusing
def publish(mound: Mound, library: Path, voxel: float | None = None, tiers: Sequence[int] = (1,), seed: int = 0,
            more: Sequence[str] = (), first: int | None = None, last: int | None = None, rate: float = 24.0, **about: Any) -> str:
    """Publish a version of a mound.

    Parameters
    ----------
    mound : Mound
    library : path-like
        Folder.
    voxel : float, optional
        Of the full tier, metres; default the mound's final voxel.
    tiers : sequence of int, optional
        Times by which voxels are wider: 1, 2, 4, 8, 16.
    seed : int, optional
        Of the sibling; 0 is the mound itself.
    more : sequence of str, optional
        "suns", "turntable", "proxy".
    first, last : int, optional
        Publish frames, in which the grains move on.
    rate : float, optional
        Frames a second.
    **about
        What there is to say of it: note, tags, shots, author, licence, species.

    Returns
    -------
    str
        Folder of the version.

    Raises
    ------
    Problem
        If it does not fit or cannot be written.
    """
    strange = [each for each in tiers if each not in TIERS] + [each for each in more if each not in MORE]
    if strange or not tiers:
        raise Problem("{!r} will not do; tiers are some of {}, and more are some of {}.", strange, TIERS, tuple(MORE))
    span = None
    if first is not None or last is not None:
        _, numbers = _frames(mound, first, last)
        span = Frames(numbers[0], numbers[-1], _number(rate, 0.1, 240.0, "rate"))
    mound = sibling(mound, _whole(seed, 0, 100_000, "seed"))
    voxel = mound.voxels.final if voxel is None else _voxel(mound, voxel)
    tiers = tuple(sorted(set(tiers)))
    return str(_publish(mound, library, voxel, about=About(**about), tiers=tiers, more=tuple(more), frames=span))


@_refusing
def search(library: Path, words: str = "", tags: Sequence[str] = (), shots: Sequence[str] = (), order: str = "newest",
           limit: int | None = None) -> list[Published]:
    """Published versions that match all that is asked for.

    Parameters
    ----------
    library : path-like
    words : str, optional
        Beginnings of words, and what else a line may ask for: ``congestus 300-500 m shot:BAK_010 -torn``, see docs/library.md.
    tags, shots : sequence of str, optional
    order : str, optional
        newest, name, span, thick, largest.
    limit : int, optional

    Returns
    -------
    list of Published

    Raises
    ------
    Problem
        If there is no such library or order.
    """
    from .core.library.asked import asked
    from .core.library.choices import ORDERS

    if not pathlib.Path(library).is_dir():
        raise Problem("{}: there is no such folder; check the name.", library)
    if order not in ORDERS:
        raise Problem("There is no order {!r}; choose one of {}.", order, ", ".join(ORDERS))
    with Index(library) as index:
        index.refresh()
        found = index.search(**asked(words, tags=tuple(tags), shots=tuple(shots)), order=order,
                             limit=None if limit is None else _whole(limit, 1, 1_000_000, "number of versions"))
    return [_published(version) for version in found]


@_refusing
def verify(folder: Path) -> Published:
    """Check that the files of a version are those that were published.

    Parameters
    ----------
    folder : path-like

    Returns
    -------
    Published

    Raises
    ------
    Problem
        Names the first file that is missing or differs.
    """
    return _published(_verify(folder))


@_refusing
def receive(folder: Path, path: Path, tier: int | None = None, frame: int | None = None, size: Sequence[int] = (640, 400)) -> None:
    """Render a version from its files alone, as whoever gets it would.

    Parameters
    ----------
    folder : path-like
        Of a version.
    path : path-like
        .png
    tier, frame : int, optional
    size : sequence of int, optional

    Raises
    ------
    Problem
    """
    from .core.aside import write_whole

    write_whole(path, png_of(received(read_version(folder), tier, size=_size(size), frame=frame).pixels))


# -- flocks ------------------------------------------------------------------------------------------


@_refusing
def place(flock: Flock, asset: str, at: Sequence[float] = (0.0, 0.0, 0.0), size: float = 1.0, turn: float = 0.0) -> Flock:
    """A flock with one member more.

    Parameters
    ----------
    flock : Flock
    asset : str
        Name of a published cloud, or a .vdb or .mound file.
    at : sequence of float, optional
        Where the middle of its underside stands, metres.
    size : float, optional
        Times its own.
    turn : float, optional
        About the vertical, degrees.

    Returns
    -------
    Flock

    Raises
    ------
    Problem
    """
    file = asset if asset.endswith((".vdb", ".mound")) else ""
    shown = Asset(name=pathlib.Path(asset).stem if file else asset, file=file)
    member = Member.model_validate({"asset": shown, "place": tuple(at), "size": size, "turn": (0.0, turn, 0.0)})
    return flock.edited(members=(*flock.members, member))


@_refusing
def spread(flock: Flock, library: Path, assets: Sequence[str], count: int = 40, size: Sequence[float] = (4000.0, 4000.0),
           seed: int = 1, name: str = "Spread", **rule: Any) -> Flock:
    """A flock with members placed over an area by one seed.

    Parameters
    ----------
    flock : Flock
    library : path-like
    assets : sequence of str
        Names of published clouds.
    count : int, optional
        At the most.
    size : sequence of float, optional
        Width and depth, metres.
    seed : int, optional
    name : str, optional
        Of the spread; one that is there is replaced.
    **rule
        Others of `softmound spread`: apart, overlap, turned, sizes, thinning, low, high and so on.

    Returns
    -------
    Flock

    Raises
    ------
    Problem
    """
    kinds = tuple(Kind(asset=Asset(name=asset)) for asset in assets)
    made = Spread.model_validate({"name": name, "kinds": kinds, "count": count, "size": tuple(size), "seed": seed, **rule})
    flock = flock.edited(spreads=(*(s for s in flock.spreads if s.name != name), made))
    radii = {asset: source.radius for asset, source in sources_of(flock, library).items()}
    placed: Flock = spread_again(flock, radii, name)
    return placed


@_refusing
def flock_picture(flock: Flock, library: Path, path: Path, size: Sequence[int] = (1280, 720), true_light: bool = False,
                  noise: float = 0.05, passes: int = PASSES, fit: bool | None = None, folder: Path = ".") -> None:
    """Take a picture of a flock.

    Parameters
    ----------
    flock : Flock
    library : path-like
    path : path-like
        .png or .exr
    size, true_light, noise, passes, fit : optional
        As of `picture`.
    folder : path-like, optional
        Of the flock, where files that it names lie.

    Raises
    ------
    Problem
    """
    taking, sources, view = _taking(size, true_light, noise, passes), sources_of(flock, library, folder), flock.view
    if untouched(view, flock=True) if fit is None else fit:
        box = bounds_of_flock(flock, sources)
        view = view if box is None else fitted(view, box[0], box[1], taking.width, taking.height)
    take_picture(path, flock, sources, taking, view, folder)
