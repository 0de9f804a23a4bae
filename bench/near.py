"""Close views: how soon they are sharp, what that takes, how far they are from a build as fine all over, and a flight."""

import statistics
import time

import numpy as np

from bench.figure import Figure, at_most
from bench.scene import DEMO
from softmound.core.engine.stages import Stages
from softmound.core.engine.stills import Taking, scene_taken
from softmound.core.light.lattices.coarse import SHARP
from softmound.core.light.marching.march import OPACITY, SUN, march
from softmound.core.light.paths.first_met import first_met
from softmound.core.light.scene.camera import camera_of
from softmound.core.recipe import read_mound

NAMES = ("meringue_spire", "cottage_loaf", "brioche")
SIZE, SMALL = (1280, 800), (160, 100)
AWAY = 20.0
"""Metres from the surface."""
FRAMES = 100


def _twenty_metres_off(stages, mound, grid, key):
    """The mound seen from so near its surface, along the way that it is looked at."""
    scene, camera = stages.scene(mound, grid, key), camera_of(mound.view, *SMALL)
    distance = first_met(scene, camera, 4).distance
    middle = float(np.nanmedian(np.where(np.isfinite(distance), distance, np.nan)[45:55, 75:85]))
    return mound.edited(view=mound.view.edited(distance=mound.view.distance - middle + AWAY))


def _sharp(name):
    """Seconds until a close view is sharp, beside the picture of the same view on the grid alone."""
    mound, stages = read_mound(DEMO / f"{name}.mound"), Stages()
    voxel = max(mound.voxels.final, 0.8)
    grid, key = stages.density(mound, voxel, remember=False), stages.density_key(mound, voxel)
    mound = _twenty_metres_off(stages, mound, grid, key)
    camera, scene = camera_of(mound.view, *SIZE), stages.scene(mound, grid, key)
    lattice = stages.marched_lattice(scene, SHARP)
    begun = time.perf_counter()
    march(scene, lattice, camera)
    plain, begun = time.perf_counter() - begun, time.perf_counter()
    refined = None
    for refined in stages.refined(mound, scene, camera):  # noqa: B007
        pass
    found = time.perf_counter() - begun
    near = stages.scene(mound, grid, key, refined)
    lattice = stages.marched_lattice(near, SHARP)
    lit = time.perf_counter() - begun
    march(near, lattice, camera)
    whole = time.perf_counter() - begun
    bricks = sum(len(level.coords) for level in refined.levels)
    yield at_most(f"{name}, {AWAY:g} m from it, 1280x800: seconds to the first sharp picture", whole, "s", 3.0)
    yield Figure(f"{name}: finding the bricks; their light; the march, beside that of the grid alone", whole - lit, "s",
                 "bricks, light, plain march", found, (whole - lit) / plain,
                 f"{found:.2f} s bricks, {lit - found:.2f} s light, {plain:.2f} s plain march")
    yield Figure(f"{name}: levels, finest voxel, bricks, memory", refined.nbytes / 1e6, "MB", "the grid", grid.nbytes / 1e6,
                 refined.nbytes / grid.nbytes, f"{len(refined.levels)} levels, {refined.voxel:g} m, {bricks:,} bricks")


def _difference():
    """How far a refined picture is from that of a build as fine all over."""
    mound, stages = read_mound(DEMO / "meringue_spire.mound"), Stages()
    mound = mound.edited(view=mound.view.edited(distance=500.0), voxels=mound.voxels.edited(crumbs=0.0))
    base, fine = 3.2, 0.8
    camera, pictures = camera_of(mound.view, 640, 400), []
    grid = stages.density(mound, base, remember=False)
    key = stages.density_key(mound, base)
    scene = stages.scene(mound, grid, key)
    refined = [one for one in stages.refined(mound, scene, camera) if one.voxel >= fine][-1]
    whole = stages.density(mound, refined.voxel, remember=False)
    for shown in (stages.scene(mound, grid, key, refined), stages.scene(mound, whole, stages.density_key(mound, refined.voxel))):
        lattice = stages.lattice(stages.scene(mound, whole, stages.density_key(mound, refined.voxel)), SHARP)
        pictures.append(sum(march(shown, lattice, camera, nth=n) for n in range(8)) / 8.0)
    for words, layer in (("opacity", OPACITY), ("sunlight", SUN)):
        apart = pictures[0][..., layer].mean() / pictures[1][..., layer].mean() - 1.0
        yield at_most(f"refined from {base:g} to {refined.voxel:g} m beside a build as fine all over: mean {words}, off by",
                      100.0 * abs(float(apart)), "%", 1.0)


def _flight(frames):
    """Pictures on the way round the cloud, each refined by what the one before left."""
    mound, stages = read_mound(DEMO / "meringue_spire.mound"), Stages()
    grid, key = stages.density(mound, 0.8, remember=False), stages.density_key(mound, 0.8)
    mound, took = _twenty_metres_off(stages, mound, grid, key), []
    for n in range(frames):
        view = mound.view.edited(azimuth=mound.view.azimuth + 0.25 * n)
        begun = time.perf_counter()
        scene = scene_taken(stages, mound.edited(view=view), grid, key, Taking(*SMALL, near=True))
        march(scene, stages.marched_lattice(scene, SHARP), camera_of(view, *SMALL))
        took.append(time.perf_counter() - begun)
    later = statistics.median(took[1:])
    yield Figure(f"a flight of {frames} frames at {SMALL[0]}x{SMALL[1]}, {AWAY:g} m off: a frame, beside the first", later, "s",
                 "the first", took[0], later / took[0])


def figures(brief=False):
    """Measure.

    Parameters
    ----------
    brief : bool, optional
        One cloud, and a quarter of the flight.

    Yields
    ------
    Figure
    """
    for name in NAMES[:1] if brief else NAMES:
        yield from _sharp(name)
    yield from _difference()
    yield from _flight(FRAMES // 4 if brief else FRAMES)
