"""Reading a library: what it holds, and whether an asset is as it was published."""

import hashlib
import json
import pathlib
from dataclasses import dataclass
from typing import Annotated, Literal

from pydantic import AfterValidator, BaseModel, ConfigDict, Field, ValidationError, model_validator

from ..aside import shown
from ..exchange.numbered import MOST, frame_name, frames_of
from ..exchange.units import UNITS, UPS
from ..problems import Problem, sentence_for
from ..recipe import Medium
from ..recipe.value import Name
from ..regular import Folder, is_plain, read_text
from .folders import FACTS, asset_folder, moved_from, seal_of


def _plain(name):
    if not is_plain(name):
        raise ValueError(f"{name!r} is no plain name of a file in the folder of the version; nothing there is touched")
    return name


Part = Annotated[str, AfterValidator(_plain)]
"""Name of a file of a version: plain, in its own folder."""
_Three = Annotated[list[Annotated[float, Field(ge=-1e9, le=1e9)]], Field(min_length=3, max_length=3)]
_Count = Annotated[int, Field(ge=0)]
_Voxel = Annotated[float, Field(gt=0.0, le=1e6)]
_Reduction = Annotated[int, Field(ge=1, le=64)]


class _Told(BaseModel):
    model_config = ConfigDict(strict=True, extra="allow", allow_inf_nan=False)


class _File(_Told):
    bytes: _Count
    sha256: str


class _Tier(_Told):
    reduction: _Reduction
    file: Part
    voxel: _Voxel
    dims: list[_Count]
    values: str = ""


class _Frames(_Told):
    first: Annotated[int, Field(ge=-10**8, le=10**8)]
    last: int
    rate: Annotated[float, Field(gt=0.0, le=1e4)]
    missing: Annotated[list[int], Field(max_length=MOST)]

    @model_validator(mode="after")
    def _in_order(self):
        if not 0 <= self.last - self.first < MOST or not set(range(self.first, self.last + 1)) - set(self.missing):
            raise ValueError(f"frames go from {self.first} to {self.last}, which cannot be")
        return self


class _InFile(_Told):
    unit: Literal[tuple(UNITS)] = "m"
    up: Literal[tuple(UPS)] = "y"
    origin_at: _Three = [0.0, 0.0, 0.0]


class _Facts(_Told):
    """What every `asset.json` says; more may stand there."""

    format: int
    name: Name
    unit: str
    grid: str
    voxel: _Voxel
    dims: list[_Count]
    bounds: Annotated[list[_Three], Field(min_length=2, max_length=2)]
    active_voxels: _Count
    range: Annotated[list[float], Field(min_length=2, max_length=2)]
    extinction: Annotated[float, *Medium.model_fields["extinction"].metadata]
    albedo: Annotated[float, *Medium.model_fields["albedo"].metadata] = 1.0
    anisotropy: Annotated[float, Field(ge=-1.0, le=1.0)] = 0.0
    optical_depth: list[float] = []
    in_file: _InFile | None = None
    half: bool = True
    seeds: list[int]
    files: dict[Part, _File]
    note: str = ""
    tags: list[str] = []
    shots: list[str] = []
    author: str = ""
    licence: str = ""
    species: str = ""
    published: str = ""
    job: str = ""
    tiers: list[_Tier] = []
    frames: _Frames | None = None
    dropped: list[_Reduction] = []
    called_before: list[str] = []
    id: Annotated[str, Field(pattern="^([0-9a-f]{16})?$")] = ""

    @model_validator(mode="after")
    def _named(self):
        named = [tier.file for tier in self.tiers]
        if not self.tiers and not any(name.endswith(".vdb") for name in self.files):
            raise ValueError("it names no OpenVDB file")
        if self.frames is None and (strange := set(named) - set(self.files)):
            raise ValueError(f"its tiers name {min(strange)!r}, which is none of its files")
        return self


@dataclass(frozen=True)
class Version:
    """One published version.

    Attributes
    ----------
    folder : pathlib.Path
    facts : dict
        Its `asset.json`.
    """

    folder: pathlib.Path
    facts: dict

    @property
    def number(self):
        """Number of the version."""
        return int(self.folder.name[1:])

    @property
    def thumb(self):
        """Path of its picture."""
        return self.folder / "thumb.png"

    @property
    def mound(self):
        """Path of its recipe; None of what was adopted."""
        return next((self.folder / name for name in self.facts["files"] if name.endswith(".mound")), None)

    @property
    def tiers(self):
        """Reductions whose files are there, and their names: dict of int to str."""
        return {times: name for times, name in self._published.items() if times not in self.dropped}

    @property
    def dropped(self):
        """Reductions whose files were deleted, and can be built again: list of int."""
        return self.facts.get("dropped", [])

    @property
    def _published(self):
        return {tier["reduction"]: tier["file"] for tier in self.facts.get("tiers", ())} or {
            1: next(name for name in self.facts["files"] if name.endswith(".vdb"))}

    @property
    def frames(self):
        """Its frames: Frames, or None of what stands still."""
        return frames_of(self.facts)

    @property
    def files(self):
        """Names of all files that have to be there: list of str."""
        gone = {self._published[times] for times in self.dropped if times in self._published}
        return [name for name in self.facts["files"] if name not in gone]

    def is_of(self, name, mark=""):
        """Whether it belongs to the asset that a name means, or an id where both have one: bool.

        Parameters
        ----------
        name : str
        mark : str, optional
        """
        own = self.facts.get("id", "")
        return mark == own if mark and own else name == self.facts["name"]

    def vdb(self, reduction=1, frame=None):
        """Path of the OpenVDB file of a tier.

        Parameters
        ----------
        reduction : int, optional
        frame : int, optional
            Of a sequence; default its first. The one before is held where it is missing.

        Returns
        -------
        pathlib.Path

        Raises
        ------
        Problem
            If there is no such tier.
        """
        if reduction in self.dropped:
            raise Problem("{}: its tier of 1/{} was dropped to save room; softmound library bring builds it "
                          "again.", shown(self.folder), reduction)
        if reduction not in self.tiers:
            there = ", ".join(f"1/{n}" if n > 1 else "full" for n in sorted(self.tiers))
            raise Problem("{}: has no tier of 1/{}; there are {}.", shown(self.folder), reduction, there)
        file, frames = self.tiers[reduction], self.frames
        return self.folder / (file if frames is None else frame_name(file, frames.held(frames.first if frame is None else frame)))

    @property
    def bytes(self):
        """Size of its OpenVDB files that are there."""
        return sum(self.facts["files"][name]["bytes"] for name in self.files if name.endswith(".vdb"))


def read_version(folder):
    """Read the facts of one version.

    Parameters
    ----------
    folder : path-like

    Returns
    -------
    Version

    Raises
    ------
    Problem
        If the folder is no asset or its `asset.json` is damaged.
    """
    folder = pathlib.Path(folder)
    path = folder / FACTS
    try:
        facts = json.loads(read_text(path, inside=True))
        _Facts.model_validate(facts)
    except FileNotFoundError as error:
        raise Problem("{}: holds no asset.json; name the folder of a version.", shown(folder)) from error
    except ValidationError as error:
        raise Problem(sentence_for(error, shown(path))) from error
    except (OSError, ValueError, RecursionError) as error:
        raise Problem("{}: cannot be read; publish the mound again.", shown(path)) from error
    return Version(folder, facts)


def facts_in(library, asset="*"):
    """Pages of facts in a library.

    Parameters
    ----------
    library : path-like
    asset : str, optional
        Name of the folder of one asset.

    Returns
    -------
    list of pathlib.Path
        In the order of their names.
    """
    return sorted(path for path in pathlib.Path(library).glob(f"{asset}/v[0-9]*/{FACTS}") if path.parent.name[1:].isdecimal())


def listed(library):
    """All versions of all assets, newest first.

    Parameters
    ----------
    library : path-like
        Need not exist.

    Returns
    -------
    list of Version
        Those that can be read.
    """
    found = []
    for path in facts_in(library):
        try:
            found.append((path.stat().st_mtime, read_version(path.parent)))
        except (Problem, OSError):
            continue
    return [version for _, version in sorted(found, key=lambda pair: pair[0], reverse=True)]


def of_asset(library, name, mark=""):
    """Versions of one asset, without looking at any other.

    Parameters
    ----------
    library : path-like
    name : str
        That it has, or had.
    mark : str, optional
        Its id: who has its name by now is another one.

    Returns
    -------
    list of Version
        Those that can be read, by number.
    """
    names, seen = [name], set()
    while names:
        called = names.pop(0)
        found = [version for version in _named(library, called) if not mark or version.facts.get("id", "") in ("", mark)]
        if found:
            return found
        seen.add(called)
        names += [new for one, new in moved_from(library, called) if new not in seen and (not mark or one in ("", mark))]
    return []


def _named(library, name):
    """Versions of the asset that has a name now, by number."""
    found = []
    for path in facts_in(library, asset_folder(library, name).name):
        try:
            found.append(read_version(path.parent))
        except Problem:
            continue
    return sorted(found, key=lambda version: version.number)


def verify(folder):
    """Check that the files of a version are those that were published, and that what is said of them is.

    Parameters
    ----------
    folder : path-like

    Returns
    -------
    Version

    Raises
    ------
    Problem
        Names the first file that is missing or differs.
    """
    version = read_version(folder)
    facts = version.facts
    refuse_unsealed(version)
    with Folder(version.folder) as parts:
        for name in version.files:
            if not parts.holds(name):
                raise Problem("{}: is missing; publish the mound again.", shown(version.folder / name))
            if not as_stated(parts, name, facts["files"][name]):
                raise Problem("{}: is not the file that was published; publish the mound again.", shown(version.folder / name))
    return version


def as_stated(parts, name, wanted):
    """Return whether a file of a version is the one that was published.

    Parameters
    ----------
    parts : Folder
        Of the version.
    name : str
    wanted : dict
        Its "bytes" and "sha256".

    Returns
    -------
    bool
    """
    if not parts.holds(name):
        return False
    with parts.opened(name, max(wanted["bytes"], 1)) as file:
        return hashlib.file_digest(file, "sha256").hexdigest() == wanted["sha256"]


def refuse_unsealed(version):
    """Refuse a version whose facts are not those that were published; before anything is changed by them.

    Parameters
    ----------
    version : Version

    Raises
    ------
    Problem
    """
    # Those of the first format have no seal.
    if version.facts["format"] > 1 and version.facts.get("seal") != seal_of(version.facts):
        raise Problem("{}: is not what was published, so nothing is done by what it says; publish the mound "
                      "again.", shown(version.folder / FACTS))


def versions_in(folder):
    """Folders of all versions in a version, an asset, or a library.

    Parameters
    ----------
    folder : path-like

    Returns
    -------
    list of pathlib.Path
        In the order of their names; the folder itself when it holds none.
    """
    folder = pathlib.Path(folder)
    if (folder / FACTS).exists():
        return [folder]
    found = [path for pattern in ("v[0-9]*", "*/v[0-9]*") for path in folder.glob(pattern)
             if path.name[1:].isdecimal() and path.is_dir()]
    return sorted(found) or [folder]
