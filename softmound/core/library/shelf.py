"""Reading a library: what it holds, and whether an asset is as it was published."""

import json
import pathlib
from dataclasses import dataclass

from pydantic import BaseModel, ConfigDict, ValidationError

from ..aside import shown
from ..problems import Problem, sentence_for
from .asset import asset_folder, checksum, seal_of
from .frames import frame_name, frames_of


class _File(BaseModel):
    bytes: int
    sha256: str


class _Tier(BaseModel):
    reduction: int
    file: str
    voxel: float
    dims: list[int]
    values: str = ""


class _Frames(BaseModel):
    first: int
    last: int
    rate: float
    missing: list[int]


class _Facts(BaseModel):
    """What every `asset.json` says; more may stand there."""

    model_config = ConfigDict(strict=True, extra="allow")
    format: int
    name: str
    unit: str
    grid: str
    voxel: float
    dims: list[int]
    bounds: list[list[float]]
    active_voxels: int
    range: list[float]
    extinction: float
    seeds: list[int]
    files: dict[str, _File]
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
    dropped: list[int] = []
    called_before: list[str] = []


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
    path = folder / "asset.json"
    try:
        facts = json.loads(path.read_text(encoding="utf-8"))
        _Facts.model_validate(facts)
    except FileNotFoundError as error:
        raise Problem("{}: holds no asset.json; name the folder of a version.", shown(folder)) from error
    except ValidationError as error:
        raise Problem(sentence_for(error, shown(path))) from error
    except (OSError, ValueError, RecursionError) as error:
        raise Problem("{}: cannot be read; publish the mound again.", shown(path)) from error
    return Version(folder, facts)


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
    for path in pathlib.Path(library).glob("*/v[0-9]*/asset.json"):
        try:
            found.append((path.stat().st_mtime, read_version(path.parent)))
        except (Problem, OSError):
            continue
    return [version for _, version in sorted(found, key=lambda pair: pair[0], reverse=True)]


def of_asset(library, name):
    """Versions of one asset, without looking at any other.

    Parameters
    ----------
    library : path-like
    name : str

    Returns
    -------
    list of Version
        Those that can be read, by number.
    """
    found = []
    for path in asset_folder(library, name).glob("v[0-9]*/asset.json"):
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
    # Those of the first format have no seal.
    if facts["format"] > 1 and facts.get("seal") != seal_of(facts):
        raise Problem("{}: is not what was published; publish the mound again.", shown(version.folder / "asset.json"))
    for name in version.files:
        wanted = facts["files"][name]
        path = version.folder / name
        if pathlib.PurePath(name).name != name or not path.is_file():
            raise Problem("{}: is missing; publish the mound again.", shown(path))
        if path.stat().st_size != wanted["bytes"] or checksum(path) != wanted["sha256"]:
            raise Problem("{}: is not the file that was published; publish the mound again.", shown(path))
    return version


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
    if (folder / "asset.json").exists():
        return [folder]
    found = [path for pattern in ("v[0-9]*", "*/v[0-9]*") for path in folder.glob(pattern) if path.is_dir()]
    return sorted(found) or [folder]
