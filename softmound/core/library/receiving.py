"""The receiving side: a version rendered by what its files state, as somebody's renderer would, without its recipe."""

from dataclasses import dataclass

import numpy as np

from ..aside import shown
from ..engine.stages import Stages, picture
from ..exchange.foreign import read_vdb
from ..light.lattices.coarse import SHARP
from ..light.scene.camera import fitted
from ..light.scene.scene import scene_of
from ..problems import Problem
from ..recipe import Light, Medium, Sun, View
from .placement import in_file_of

PASSES = 4
APART = 1.5
"""Voxels of the tier by which a box may differ from the one stated."""


@dataclass(frozen=True, eq=False)
class Received:
    """What was seen of a version.

    Attributes
    ----------
    pixels : ndarray of uint8, shape (height, width, 4)
    facts : dict
        What the file holds, beside what is stated of it.
    """

    pixels: np.ndarray
    facts: dict


def medium_of(facts):
    """The medium that an `asset.json` states: Medium, with the mean cosine of whatever phase function it was made for."""
    # Those of droplets are more forward than a single lobe is taken.
    cosine = min(max(facts.get("anisotropy", Medium().anisotropy), -0.95), 0.95)
    return Medium(extinction=facts["extinction"], albedo=facts.get("albedo", 1.0), anisotropy=cosine)


def received(version, tier=None, sun=(120.0, 35.0), size=(640, 400), frame=None, ticket=None):
    """Load a version's grid by its name, place and unit, and render it with the extinction stated.

    Parameters
    ----------
    version : Version
    tier : int, optional
        Default the largest there is.
    sun : (float, float), optional
        Azimuth and elevation, degrees.
    size : (int, int), optional
        Pixels.
    frame : int, optional
        Of a sequence; default its first.
    ticket : Ticket, optional

    Returns
    -------
    Received

    Raises
    ------
    Problem
        If there is no such frame, the file has no such grid, or does not stand where it is stated to.
    """
    facts, tier = version.facts, min(version.tiers) if tier is None else tier
    if frame is not None and (version.frames is None or frame not in version.frames.numbers):
        there = "it stands still" if version.frames is None else f"it has {version.frames.said}"
        raise Problem("{}: has no frame {}; {}.", shown(version.folder), frame, there)
    path = version.vdb(tier, frame)
    grid = in_file_of(facts).read(read_vdb(path, facts["grid"], ticket=ticket, inside=True))
    bounds = grid.active_bounds()
    if bounds is None:
        raise Problem("{}: its grid {!r} is empty; publish the mound again.", path, facts["grid"])
    box = [grid.world(corner) for corner in bounds]
    low, high = (np.array(box[n]) - np.array(facts["bounds"][n]) for n in (0, 1))
    # A frame stands somewhere within the box of all of them.
    off = float(np.abs([low, high]).max() if version.frames is None else max((-low).max(), high.max(), 0.0))
    if off > APART * grid.voxel + APART * facts["voxel"]:
        raise Problem("{}: stands {:.3g} m away from where asset.json says; a unit, an axis or an origin is wrong.", path, off)
    light = Light(sun=Sun(azimuth=sun[0], elevation=sun[1]), medium=medium_of(facts), metered=True)
    scene = scene_of(light, grid, view=fitted(View(elevation=4.0), *box, *size))
    pixels = picture(Stages(), scene, *size, passes=PASSES, fine=SHARP, ticket=ticket)
    return Received(pixels, {
        "grid": facts["grid"], "tier": tier, "voxel": grid.voxel, "active_voxels": grid.active_voxels(),
        "box": [[round(float(v), 4) for v in corner] for corner in box], "off_by": round(off, 4),
        "extinction": facts["extinction"]})
