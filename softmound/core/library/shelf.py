"""Reading a library: what it holds, and whether an asset is as it was published."""

import json
import pathlib
from dataclasses import dataclass

from ..problems import Problem
from .asset import checksum

_NEEDED = ("name", "unit", "grid", "voxel", "dims", "bounds", "active_voxels", "range",
           "extinction", "seeds", "files")


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
        """Path of its recipe."""
        return self.folder / f"{self.folder.parent.name}.mound"

    @property
    def bytes(self):
        """Size of its OpenVDB file."""
        return sum(f["bytes"] for n, f in self.facts["files"].items() if n.endswith(".vdb"))


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
    except FileNotFoundError as error:
        raise Problem(f"{folder}: holds no asset.json; name the folder of a version.") from error
    except (OSError, ValueError) as error:
        raise Problem(f"{path}: cannot be read; publish the mound again.") from error
    missing = [key for key in _NEEDED if not isinstance(facts, dict) or key not in facts]
    if missing:
        raise Problem(f"{path}: lacks {missing[0]!r}; publish the mound again.")
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


def verify(folder):
    """Check that the files of a version are those that were published.

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
    for name, wanted in version.facts["files"].items():
        path = version.folder / name
        if pathlib.PurePath(name).name != name or not path.is_file():
            raise Problem(f"{path}: is missing; publish the mound again.")
        if path.stat().st_size != wanted["bytes"] or checksum(path) != wanted["sha256"]:
            raise Problem(f"{path}: is not the file that was published; publish the mound again.")
    return version
