"""Assets on disk: `LIBRARY/ASSET/v001/` with the VDB, the mound, a picture and `asset.json`."""

import hashlib
import json
import os
import pathlib
import re
import shutil

from ..engine.forecast import refuse_unless_fits
from ..engine.keys import key_of
from ..engine.stages import Stages, picture
from ..exchange.png import png_of
from ..exchange.vdb import write_vdb
from ..problems import Problem
from ..recipe.files import sync_folder, write_mound

FORMAT = 1
THUMB = (480, 320)
THUMB_PASSES = 6


def folder_name(name):
    """Folder of an asset: its name in lower case, with what a file name cannot hold left out.

    Parameters
    ----------
    name : str

    Returns
    -------
    str
    """
    plain = re.sub(r"[^0-9a-zA-Z]+", "_", name).strip("_").lower()
    return plain or "cloud"


def next_version(folder):
    """Number of the version to be published next.

    Parameters
    ----------
    folder : path-like
        Of the asset; need not exist.

    Returns
    -------
    int
    """
    taken = [int(p.name[1:]) for p in pathlib.Path(folder).glob("v[0-9][0-9][0-9]*")
             if p.name[1:].isdigit()]
    return max(taken, default=0) + 1


def publish(mound, library, voxel=None, half=True, ticket=None, stages=None):
    """Build a mound at its final voxel and put it into a library.

    Everything is written into a hidden folder beside the versions, which then gets its name in
    one step: a crash at any moment leaves the library as it was or with the new version.

    Parameters
    ----------
    mound : Mound
    library : path-like
        Made when it does not exist.
    voxel : float, optional
        Metres; default the mound's final voxel.
    half : bool, optional
        16-bit floats.
    ticket : Ticket, optional
    stages : Stages, optional
        Whose cache may hold the finished grid.

    Returns
    -------
    pathlib.Path
        Folder of the new version.

    Raises
    ------
    Problem
        If it does not fit, holds no cloud, or cannot be written.
    """
    voxel = mound.voxels.final if voxel is None else voxel
    stages = Stages() if stages is None else stages
    refuse_unless_fits(stages.forecast(mound, ticket), voxel)
    grid = stages.density(mound, voxel, ticket, remember=False)
    if grid.active_bounds() is None:
        raise Problem("There is no cloud to publish; add a blob above the base level first.")
    name = folder_name(mound.name)
    asset = pathlib.Path(library) / name
    try:
        asset.mkdir(parents=True, exist_ok=True)
        sweep_leftovers(asset)
        aside = asset / f".publishing-{os.getpid()}"
        aside.mkdir()
    except OSError as error:
        raise Problem(f"{library}: cannot be written to ({error.strerror}); choose another folder.") from error
    try:
        _fill_version(aside, name, mound, grid, stages, voxel, half, ticket)
        return _named(aside, asset)
    except OSError as error:
        raise Problem(f"{asset}: could not be published ({error.strerror or error}).") from error
    finally:
        shutil.rmtree(aside, ignore_errors=True)


def _named(aside, asset):
    while True:
        version = asset / f"v{next_version(asset):03d}"
        try:
            # Onto an existing folder with contents rename fails, so two publishers cannot collide.
            os.rename(aside, version)
        except OSError:
            if not version.exists():
                raise
            continue
        sync_folder(asset)
        sync_folder(asset.parent)
        return version


def _fill_version(aside, name, mound, grid, stages, voxel, half, ticket):
    step = ticket.step if ticket is not None else lambda *_: None
    step(0.0, 0.1, "taking the picture")
    key = stages.density_key(mound, voxel)
    png = png_of(picture(stages, mound, grid, key, *THUMB, passes=THUMB_PASSES, ticket=ticket))
    (aside / "thumb.png").write_bytes(png)
    step(0.1, 0.2, "keeping the recipe")
    write_mound(aside / f"{name}.mound", mound, png)
    vdb_name = f"{name}.vdb"
    facts = facts_of(mound, grid, voxel)
    write_vdb(aside / vdb_name, grid, half=half, metadata=grid_metadata(facts), ticket=ticket)
    step(0.95, 1.0, "finishing")
    facts["half"] = half
    facts["files"] = {
        file: {"bytes": (aside / file).stat().st_size, "sha256": checksum(aside / file)}
        for file in (vdb_name, f"{name}.mound", "thumb.png")
    }
    with open(aside / "asset.json", "w", encoding="utf-8") as file:
        json.dump(facts, file, indent=1, ensure_ascii=False)
        file.flush()
        os.fsync(file.fileno())
    for path in aside.iterdir():
        with open(path, "rb") as file:
            os.fsync(file.fileno())
    sync_folder(aside)
    step(1.0, 1.0, "publishing")


def recipe_mark(mound):
    """Hash of all of a recipe but its view: tells whether a version is of this recipe.

    Parameters
    ----------
    mound : Mound

    Returns
    -------
    str
        32 hexadecimal digits.
    """
    return key_of("recipe", mound.mass, mound.voxels, mound.steps, mound.grains, mound.patches, mound.skin,
                  mound.light)


def facts_of(mound, grid, voxel):
    """What `asset.json` says of a grid.

    Parameters
    ----------
    mound : Mound
    grid : BrickGrid
        Not empty.
    voxel : float
        Metres.

    Returns
    -------
    dict
    """
    low, high = grid.active_bounds()
    values = [v for v in (grid.values[grid.values > 0.0], grid.tile_values) if len(v)]
    seeds = [g.seed for g in mound.grains] + [mound.mass.base.seed]
    return {
        "format": FORMAT, "name": mound.name, "unit": "m", "up": "y", "grid": "density",
        "voxel": voxel, "dims": [int(d) for d in high - low + 1],
        "bounds": [[round(float(x), 6) for x in grid.world(corner)] for corner in (low, high)],
        "active_voxels": grid.active_voxels(),
        "range": [float(min(v.min() for v in values)), float(max(v.max() for v in values))],
        "extinction": mound.light.medium.extinction,
        "albedo": mound.light.medium.albedo, "anisotropy": mound.light.medium.anisotropy,
        "seeds": seeds, "recipe": recipe_mark(mound),
    }


def grid_metadata(facts):
    """What travels inside the OpenVDB file.

    Parameters
    ----------
    facts : dict
        From `facts_of`.

    Returns
    -------
    dict
    """
    return {
        "soft_mound_name": facts["name"], "unit": facts["unit"], "up": facts["up"],
        "extinction_per_metre": float(facts["extinction"]), "albedo": float(facts["albedo"]),
        "anisotropy": float(facts["anisotropy"]), "seeds": ", ".join(map(str, facts["seeds"])),
    }


def checksum(path):
    """SHA-256 of a file.

    Parameters
    ----------
    path : path-like

    Returns
    -------
    str
        64 hexadecimal digits.
    """
    with open(path, "rb") as file:
        return hashlib.file_digest(file, "sha256").hexdigest()


def sweep_leftovers(asset):
    """Remove folders of publications that were cut short, unless their process still lives.

    Parameters
    ----------
    asset : path-like
    """
    for aside in pathlib.Path(asset).glob(".publishing-*"):
        process = aside.name.rsplit("-", 1)[1]
        if not process.isdigit() or not pathlib.Path(f"/proc/{process}").exists():
            shutil.rmtree(aside, ignore_errors=True)
