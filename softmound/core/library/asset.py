"""Assets on disk: `LIBRARY/ASSET/v001/` with the VDB, the mound, a picture and `asset.json`."""

import contextlib
import datetime
import hashlib
import os
import secrets
import shutil
from collections.abc import Callable
from dataclasses import dataclass
from typing import Annotated

import numpy as np
from pydantic import Field

from ..aside import sync_folder
from ..engine.keys import key_of
from ..engine.stages import Stages, picture
from ..engine.stills import Taking, sheet, sheet_of, turntable
from ..exchange.export import ExportOptions
from ..exchange.meshes import write_mesh
from ..exchange.numbered import Frames, frame_name, later, moves
from ..exchange.png import png_of
from ..exchange.stated import metadata_of
from ..exchange.vdb import write_vdb
from ..held import MARK, UNDER_WAY, Held
from ..light.scene.camera import fitted
from ..light.scene.phase import lobes_of, mean_cosine
from ..problems import NotWritten, Problem
from ..recipe.files import write_mound
from ..recipe.value import Value
from ..volume.digest import values_digest
from ..volume.halved import reduced
from ..volume.iso import within_budget
from ..volume.numbers import numbers_of
from .folders import (
    ASIDE,
    FACTS,
    MARKED,
    NAMED,
    asset_folder,
    claimed_folder,
    file_name,
    id_of,
    next_version,
    sealed,
    sweep_leftovers,
)
from .handoff import HANDOFF, handoff_text, usd_text
from .likeness import shape_of
from .placement import placed_by

FORMAT = 3
THUMB, SMALL = (480, 320), (300, 200)
PROXY_ISO = 0.5
THUMB_PASSES = 6
PROXY_TRIANGLES = 5000
TRIES = 4
"""Times a folder is claimed that somebody else takes away meanwhile."""


class About(Value):
    """What people say of a version, besides what it is.

    Attributes
    ----------
    note : str
    tags : tuple of str
        Words it is to be found by.
    shots : tuple of str
        Codes of shots it is meant for.
    author, licence : str
    species : str
        Of cloud, as meteorology calls it.
    """

    note: Annotated[str, Field(max_length=4000)] = ""
    tags: Annotated[tuple[Annotated[str, Field(min_length=1, max_length=60)], ...], Field(max_length=60)] = ()
    shots: Annotated[tuple[Annotated[str, Field(min_length=1, max_length=60)], ...], Field(max_length=60)] = ()
    author: Annotated[str, Field(max_length=200)] = ""
    licence: Annotated[str, Field(max_length=200)] = ""
    species: Annotated[str, Field(max_length=60)] = ""


def publish(mound, library, voxel=None, options=ExportOptions(), ticket=None, stages=None, about=About(), tiers=(1,), job="",
            more=(), frames=None):
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
    options : ExportOptions, optional
        How its files are written; a surface and a tolerance are not for a library.
    ticket : Ticket, optional
    stages : Stages, optional
        Whose cache may hold the finished grid.
    about : About, optional
        What there is to say of this version.
    tiers : sequence of int, optional
        Of `choices.TIERS`: one file for each, of the full grid reduced so many times.
    job : str, optional
        Mark of what asked for it, so that nothing is published twice: see `core.library.batch`.
    more : sequence of str, optional
        Of `choices.MORE`: what else goes with it.
    frames : Frames, optional
        Publish these, in which the grains move on, rather than the mound as it stands.

    Returns
    -------
    pathlib.Path
        Folder of the new version.

    Raises
    ------
    Problem
        If it does not fit, holds no cloud, has nothing that moves, or cannot be written.
    """
    if frames is not None and not moves(mound):
        raise Problem("{}: has no grain, so every frame would be the same; add one, or publish it without frames.", mound.name)
    voxel = mound.voxels.final if voxel is None else voxel
    stages = Stages() if stages is None else stages
    stages.refuse_unless_fits(mound, voxel, ticket)
    grid = stages.density(mound, voxel, ticket, remember=False)
    if grid.active_bounds() is None:
        raise Problem("There is no cloud to publish; add a blob above the base level first.")
    moving = None
    if frames is not None:
        moving = Moving(frames, lambda number: stages.density(later(mound, (number - frames.first) / frames.rate), voxel,
                                                              ticket.quiet() if ticket is not None else None, remember=False))
    return put_version(library, mound.name, lambda aside, name: _fill_version(
        aside, name, mound, grid, stages, voxel, placed_by(options, grid), ticket, about, tiers, job, more, moving))


def put_version(library, name, fill):
    """Put a version into a library in one step.

    Parameters
    ----------
    library : path-like
        Made when it does not exist.
    name : str
        Of the asset.
    fill : callable
        Called as ``fill(folder, name of its files)``: writes everything.

    Returns
    -------
    pathlib.Path
        Folder of the new version.

    Raises
    ------
    NotWritten
        If it cannot be written; nothing of it is left then.
    """
    aside = held = None
    asset = asset_folder(library, name)
    was_there = asset.parent.exists()

    def unclaimed():
        """A name that nothing was published under is free again, and a library that was made for it goes."""
        if asset.is_dir() and {entry.name for entry in asset.iterdir()} <= {NAMED, MARKED}:
            (asset / MARKED).unlink(missing_ok=True)
            (asset / NAMED).unlink(missing_ok=True)
            asset.rmdir()
            if not was_there and not any(asset.parent.iterdir()):
                asset.parent.rmdir()

    UNDER_WAY.add(unclaimed)
    try:
        for left in reversed(range(TRIES)):
            try:
                asset = claimed_folder(library, name)
                sweep_leftovers(asset)
                aside = asset / f"{ASIDE}{secrets.token_hex(8)}"
                UNDER_WAY.add(aside)
                aside.mkdir()
                break
            except FileNotFoundError:
                # Somebody else gave up just now, and has taken away the folder or the library that both had claimed.
                UNDER_WAY.discard(aside)
                if not left:
                    raise
        held = Held(aside / MARK)
        fill(aside, file_name(name))
        return _named(aside, asset)
    except OSError as error:
        raise NotWritten("{}: could not be published to ({}); choose another folder or free some "
                         "space.", library, error.strerror or error) from error
    finally:
        if held is not None:
            held.close()
        if aside is not None:
            shutil.rmtree(aside, ignore_errors=True)
            UNDER_WAY.discard(aside)
        with contextlib.suppress(OSError):
            unclaimed()
        UNDER_WAY.discard(unclaimed)


def _named(aside, asset):
    # For as long as it takes to give it its name the folder is young, so nobody sweeps it.
    (aside / MARK).unlink()
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


def _fill_version(aside, name, mound, grid, stages, voxel, in_file, ticket, about, tiers, job, more, moving):
    step = ticket.step if ticket is not None else lambda *_: None
    step(0.0, 0.1, "taking the picture")
    key = stages.density_key(mound, voxel)
    # From where it is looked at, but all of it: who publishes from near wants to find the cloud, not a part of its side.
    # Without stand-ins, which are no part of it.
    whole = mound.edited(stand_ins=(), view=fitted(mound.view, *(grid.world(corner) for corner in grid.active_bounds()), *THUMB))
    png = png_of(picture(stages, stages.scene(whole, grid, key), *THUMB, passes=THUMB_PASSES, ticket=ticket))
    (aside / "thumb.png").write_bytes(png)
    step(0.1, 0.2, "keeping the recipe")
    write_mound(aside / f"{name}.mound", mound, png)
    facts = facts_of(mound, grid, voxel)
    facts["optical_depth"] = [round(depth, 4) for depth in numbers_of(grid, mound.light.medium.extinction).depth]
    facts["shape"] = shape_of(grid)
    metadata = metadata_of(mound.name, mound.light.medium, facts["seeds"], in_file.unit, in_file.up)
    if more:
        step(0.15, 0.2, "taking more pictures")
        _fill_more(aside, name, mound, grid, stages, key, more, ticket)
    fill_files(aside, name, grid, facts, in_file, metadata, about, tiers, job, ticket, moving)


def _fill_more(aside, name, mound, grid, stages, key, more, ticket):
    taking = Taking(*SMALL, passes=2)
    if "suns" in more:
        views, suns = sheet_of(mound.edited(views=()))
        (aside / "suns.png").write_bytes(png_of(sheet(stages, mound, views, suns, grid, key, taking, ticket)))
    if "turntable" in more:
        views = [turned.view for turned in turntable(mound, 12)]
        sun = mound.light.sun.azimuth, mound.light.sun.elevation
        # As three rows of four, in the sun of the mound.
        rows = [sheet(stages, mound, views[n : n + 4], [sun], grid, key, taking, ticket) for n in range(0, 12, 4)]
        (aside / "turntable.png").write_bytes(png_of(np.concatenate(rows)))
    if "proxy" in more:
        vertices, faces, _ = within_budget(grid, PROXY_ISO, PROXY_TRIANGLES)
        write_mesh(aside / f"{name}_proxy.ply", vertices, faces)


@dataclass(frozen=True)
class Moving:
    """A version of many frames.

    Attributes
    ----------
    frames : Frames
    grid_of : callable
        Called as ``grid_of(number)`` for each frame after the first: BrickGrid.
    """

    frames: Frames
    grid_of: Callable


def fill_files(aside, name, grid, facts, in_file, metadata, about, tiers, job, ticket, moving=None):
    """Write the grids of a version, the page and the scene that go with them, and `asset.json`, which names all files there are.

    Parameters
    ----------
    aside : pathlib.Path
        Folder, with what else belongs to the version in it.
    name : str
        Of the files.
    grid : BrickGrid
        Of the first frame, where there are many.
    facts : dict
        Added to.
    in_file : InFile
    metadata : dict
        Beside the grids in their files.
    about : About
    tiers : sequence of int
    job : str
    ticket : Ticket or None
    moving : Moving, optional
    """
    step = ticket.step if ticket is not None else lambda *_: None
    numbers = [None] if moving is None else moving.frames.numbers
    facts["tiers"] = [{"reduction": times, "file": tier_name(name, times)} for times in sorted(tiers)]
    if moving is not None:
        facts["frames"] = moving.frames.facts()
    weight, begun = sum(times**-3.0 for times in tiers), 0.2
    for number in numbers:
        grid = grid if number == numbers[0] else moving.grid_of(number)
        _widened(facts, grid)
        for tier in facts["tiers"]:
            # Each of the tiers has an eighth of the voxels of the one before.
            ended = begun + 0.75 * tier["reduction"] ** -3.0 / weight / len(numbers)
            step(begun, ended, "writing the grid" if number is None else f"writing frame {number}")
            small = reduced(grid, tier["reduction"])
            file = tier["file"] if number is None else frame_name(tier["file"], number)
            write_vdb(aside / file, in_file.written(small), in_file.name, in_file.half, metadata, ticket)
            if number == numbers[0]:
                low, high = small.active_bounds()
                tier.update(voxel=small.voxel, dims=[int(d) for d in high - low + 1],
                            values=values_digest(small, in_file.half) if number is None else "")
            begun = ended
    step(0.95, 1.0, "finishing")
    facts["id"] = id_of(aside.parent) or ""
    facts.update(grid=in_file.name, half=in_file.half, in_file=in_file.facts(), **about.model_dump(mode="json"))
    facts.update(published=datetime.datetime.now(datetime.UTC).isoformat(timespec="seconds"), job=job)
    (aside / HANDOFF).write_text(handoff_text(facts), encoding="utf-8")
    (aside / f"{name}.usda").write_text(usd_text(name, facts), encoding="utf-8")
    facts["files"] = {path.name: {"bytes": path.stat().st_size, "sha256": checksum(path)}
                      for path in sorted(aside.iterdir()) if path.name != MARK}
    (aside / FACTS).write_text(sealed(facts), encoding="utf-8")
    for path in aside.iterdir():
        with open(path, "rb") as file:
            os.fsync(file.fileno())
    sync_folder(aside)
    step(1.0, 1.0, "publishing")


def _widened(facts, grid):
    """Let the box that is stated hold one frame more."""
    bounds = grid.active_bounds()
    if bounds is None:
        return  # a frame in which there is nothing yet
    corners = [[round(float(x), 6) for x in grid.world(corner)] for corner in bounds]
    facts["bounds"] = [[choose(a, b) for a, b in zip(one, other)]
                       for choose, one, other in zip((min, max), facts["bounds"], corners)]


def tier_name(name, times):
    """Name of the file of a tier.

    Parameters
    ----------
    name : str
        Of the asset's files.
    times : int

    Returns
    -------
    str
    """
    return f"{name}.vdb" if times == 1 else f"{name}_{times}.vdb"


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
        "albedo": mound.light.medium.albedo, "anisotropy": mean_cosine(lobes_of(mound.light.medium)),
        "phase": mound.light.medium.phase,
        "seeds": seeds, "recipe": recipe_mark(mound),
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
