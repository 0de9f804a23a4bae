"""Looking after a library: putting versions aside, bringing them back, building them again, and whether all is well."""

import os
import pathlib
import shutil

import numpy as np

from ..aside import shown, sync_folder
from ..engine.stages import Stages
from ..exchange.foreign import read_vdb
from ..exchange.numbered import later
from ..exchange.vdb import HALF_ROUNDING, HALF_SMALLEST
from ..problems import NotWritten, Problem
from ..recipe import read_mound
from ..volume.bricks import SIDE
from ..volume.halved import reduced
from ..volume.tree import SPAN
from ..volume.twin import node_corners
from ..volume.windows import read_window, window_differs
from .changing import mended
from .delivery import built
from .folders import ASIDE, FACTS, RETIRED, claimed_folder, next_version
from .placement import in_file_of
from .shelf import read_version, verify, versions_in

_NODE = (SPAN // SIDE,) * 3
"""Bricks along a window that is compared at once."""


def retire(version):
    """Put a version aside: it is no longer listed, but stays until the library is emptied of what is retired.

    Parameters
    ----------
    version : Version

    Returns
    -------
    pathlib.Path
        Where it lies now.

    Raises
    ------
    NotWritten
        If the library cannot be written to.
    """
    asset = version.folder.parent
    place = asset.parent / RETIRED / asset.name
    try:
        place.mkdir(parents=True, exist_ok=True)
        number = 1
        while True:
            target = place / (version.folder.name if number == 1 else f"{version.folder.name}.{number}")
            try:
                # Onto a folder with contents rename fails, so nothing is ever lost.
                os.rename(version.folder, target)
            except OSError:
                if not target.exists():
                    raise
                number += 1
                continue
            sync_folder(asset)
            sync_folder(place)
            return target
    except OSError as error:
        raise NotWritten("{}: cannot be put aside ({}); free the "
                         "folder.", shown(version.folder), error.strerror or error) from error


def retired(library):
    """Versions that were put aside.

    Parameters
    ----------
    library : path-like

    Returns
    -------
    list of Version
        By name and number.
    """
    found = []
    for path in sorted(pathlib.Path(library).glob(f"{RETIRED}/*/v[0-9]*/{FACTS}")):
        try:
            found.append(read_version(path.parent))
        except Problem:
            continue
    return found


def restore(version):
    """Bring a version back that was put aside.

    Parameters
    ----------
    version : Version
        From `retired`.

    Returns
    -------
    pathlib.Path
        Its folder: with its old number where that is free, else with the next.

    Raises
    ------
    NotWritten
        If the library cannot be written to.
    """
    library = version.folder.parents[2]
    try:
        asset = claimed_folder(library, version.facts["name"])
        target = asset / version.folder.name.split(".")[0]
        while True:
            try:
                os.rename(version.folder, target)
            except OSError:
                if not target.exists():
                    raise
                target = asset / f"v{next_version(asset):03d}"
                continue
            sync_folder(asset)
            return target
    except OSError as error:
        raise NotWritten("{}: cannot be brought back ({}).", shown(version.folder), error.strerror or error) from error


def empty(library):
    """Delete what was put aside, for good.

    Parameters
    ----------
    library : path-like

    Returns
    -------
    (int, int)
        Versions and bytes.
    """
    place = pathlib.Path(library) / RETIRED
    count = len(list(place.glob("*/v[0-9]*")))
    freed = _bytes(place)
    shutil.rmtree(place, ignore_errors=True)
    if place.exists():
        raise NotWritten("{}: not all of it could be deleted; look who may write there.", shown(place))
    return count, freed


def rebuilt(version, ticket=None):
    """Build a version again from the recipe in it.

    Parameters
    ----------
    version : Version
    ticket : Ticket, optional

    Returns
    -------
    dict
        "same": every value of every tier is what was published; "largest_difference" and "mean_difference": in density, of the
        largest tier, where it is not; None where it does not even stand where it did.

    Raises
    ------
    Problem
        If the recipe cannot be read or does not fit into memory.
    """
    facts = version.facts
    if version.mound is None:
        raise Problem("{}: was adopted from {}; it has no recipe.", shown(version.folder), facts.get("adopted", "a file"))
    mound, frames, stages = read_mound(version.mound, inside=True), version.frames, Stages()
    in_file, largest, mean = in_file_of(facts), 0.0, 0.0
    same = True
    for number in [None] if frames is None else frames.numbers:
        moved = mound if number is None else later(mound, (number - frames.first) / frames.rate)
        grid = built(stages, moved, facts["voxel"], ticket)
        for times in version.tiers:
            tier = reduced(grid, times)
            # In a child, as any file that somebody may have put there.
            stored = read_vdb(version.vdb(times, number), in_file.name, ticket=ticket, inside=True)
            if _same(stored, in_file.written(tier), in_file.half):
                continue
            same = False
            if times == min(version.tiers):
                most, about = _differences(in_file.read(stored), tier)
                largest = None if most is None or largest is None else max(largest, most)
                mean = None if about is None or mean is None else max(mean, about)
    return {"same": same, "voxel": facts["voxel"], "tiers": sorted(version.tiers), "largest_difference": largest,
            "mean_difference": mean}


def _same(stored, grid, half):
    """Whether a grid as it was read from a file is one that was written there."""
    if not _stand_alike(stored, grid) or stored.active_voxels() != grid.active_voxels():
        return False
    slack = (HALF_ROUNDING, HALF_SMALLEST) if half else (0.0, 0.0)
    return not any(window_differs(grid, corner, read_window(stored, corner, _NODE), *slack) for corner in node_corners(grid))


def _stand_alike(one, other):
    return np.allclose([one.voxel, *one.offset], [other.voxel, *other.offset], rtol=1e-6, atol=1e-6)


def _differences(stored, grid):
    """Largest and mean difference of two densities over the voxels that hold something in either; None where they stand apart."""
    if not _stand_alike(stored, grid):
        return None, None
    largest, total, count = 0.0, 0.0, 0
    for corner in {tuple(corner) for each in (stored, grid) for corner in node_corners(each)}:
        one, other = (read_window(each, corner, _NODE) for each in (stored, grid))
        off = np.abs(one - other)[(one > 0.0) | (other > 0.0)]
        largest = max(largest, float(off.max(initial=0.0)))
        total, count = total + float(off.sum(dtype=np.float64)), count + off.size
    return largest, total / max(count, 1)


def health(library, ticket=None, mend=False):
    """Whether all of a library is as it was published, what is left half done, and what takes how much room.

    Parameters
    ----------
    library : path-like
    ticket : Ticket, optional
    mend : bool, optional
        Put right what can be, see `core.library.changing.mended`, and sweep up what was left half done.

    Returns
    -------
    dict
        Numbers of versions; "problems" and what was "mended", sentences; bytes in all, by asset, by tier, of what is retired,
        and of leftovers.
    """
    library = pathlib.Path(library)
    folders = [f for f in versions_in(library) if f != library]
    problems, repairs, by_asset, by_tier, dropped = [], [], {}, {}, 0
    for number, folder in enumerate(folders):
        if ticket is not None:
            ticket.tick(number / len(folders))
        try:
            if mend:
                repairs += [f"{shown(folder / name)}: put right" for name in mended(folder)]
            version = verify(folder)
        except Problem as problem:
            problems.append(str(problem))
        else:
            for times in version.tiers:
                files = [version.vdb(times, n) for n in (version.frames.numbers if version.frames is not None else [None])]
                by_tier[f"1/{times}"] = by_tier.get(f"1/{times}", 0) + sum(path.lstat().st_size for path in files)
            dropped += len(version.dropped)
        by_asset[folder.parent.name] = by_asset.get(folder.parent.name, 0) + _bytes(folder)
    left = [path for path in library.glob(f"*/{ASIDE}*") if path.is_dir()]
    return {"versions": len(folders), "as_published": len(folders) - len(problems), "problems": problems, "mended": repairs,
            "bytes": sum(by_asset.values()), "bytes_of_assets": by_asset, "bytes_of_tiers": by_tier, "tiers_dropped": dropped,
            "bytes_retired": _bytes(library / RETIRED), "unfinished": len(left), "bytes_unfinished": sum(map(_bytes, left))}


def _bytes(folder):
    return sum(path.lstat().st_size for path in folder.rglob("*") if path.is_file() and not path.is_symlink())
