"""True light: furnace, slab, noise at equal time against plain delta tracking, time to a noise; and Draft light against it."""

import math
import time

import numpy as np

from bench.figure import Figure, at_least, at_most
from bench.plain import plain_paths
from bench.scene import hero
from softmound.core.colour import LUMINANCE
from softmound.core.directions import direction_of
from softmound.core.engine.density import density_grid, span_of, voxel_along
from softmound.core.engine.stages import Stages
from softmound.core.engine.stills import Taking, still_of
from softmound.core.grain.characters import CHARACTERS, sized_character
from softmound.core.light.lattices.coarse import SHARP, coarse_of
from softmound.core.light.lattices.lattice import lit
from softmound.core.light.marching.march import march
from softmound.core.light.paths.bounded import in_blocks
from softmound.core.light.paths.multilevel import Levels
from softmound.core.light.paths.tracer import Tracer
from softmound.core.light.picture.radiance import behind_of, radiance_of
from softmound.core.light.scene.camera import camera_of, fitted
from softmound.core.light.scene.phase import lobes_of
from softmound.core.light.scene.scene import scene_of
from softmound.core.mass.kinds.blob import Blob
from softmound.core.recipe import Light, Medium, Sky, Sun, View
from softmound.core.starts.heaps import heap
from softmound.core.volume import grid_of
from tests.slab import slab_radiance
from tests.sphere import ball_grid, ball_intensity

WHITE = (1.0, 1.0, 1.0)
NOISE, USEFUL = 0.05, 0.08
FRAMES = 48
HELD_SIZE, HELD_NOISE = (96, 60), 0.15
"""Pictures of the held scenes, and the blocks of pixels they are compared in: a block's noise is the paths' over 6."""
SUNS = ((20.0, 40.0), (100.0, 35.0), (155.0, 12.0))
"""Azimuth from behind the camera and elevation."""


def figures(brief=False):
    """Measure.

    Parameters
    ----------
    brief : bool, optional
        Two shapes, and no turntable.

    Yields
    ------
    Figure
    """
    mound = hero()
    grid = density_grid(mound, voxel_along(mound, 168))
    bounds = [grid.world(b) for b in grid.active_bounds()]
    view = fitted(mound.view, *bounds, 640, 400)
    yield from _furnace(mound, grid, view)
    yield _slab()
    yield from _ball()
    yield from _noise(mound, grid, view)
    if not brief:
        yield from _turntable(mound)
    yield from _held(list(_shapes())[: 2 if brief else None])


def _turntable(mound):
    """A turntable in True light: its second picture, since the first builds what all stand on."""
    stages = Stages()
    grid = stages.density(mound, mound.voxels.final, remember=False)
    for picture in range(2):
        view = mound.view.edited(azimuth=mound.view.azimuth + 360.0 / FRAMES * picture)
        begun = time.perf_counter()
        still_of(stages, mound.edited(view=view), grid, stages.density_key(mound, grid.voxel),
                 Taking(1280, 800, true=True, noise=NOISE))
        seconds = time.perf_counter() - begun
    yield at_most(f"{FRAMES} pictures of a turntable at 1280x800 to 5 % noise, by one of them", FRAMES * seconds / 60.0, "min",
                  45.0)


def _furnace(mound, grid, view):
    light = mound.light.edited(sun=mound.light.sun.edited(strength=0.0), sky=Sky(kind="plain", zenith=WHITE))
    tracer = Tracer(scene_of(light, grid), lit(coarse_of(grid), light), camera_of(view, 320, 200))
    tracer.add(8)
    radiance, opacity, _ = tracer.layers()
    cloud = opacity > 0.0
    error = np.abs(radiance[cloud] / opacity[cloud][:, None] - 1.0)
    yield Figure("furnace, mean error", 100 * float(np.abs(radiance[cloud].sum() / 3 / opacity[cloud].sum() - 1)), "%",
                 aim="below 0.3", ok=bool(error.mean() < 0.003))
    yield Figure("furnace, largest error of a pixel", 100 * float(error.max()), "%")


def _slab():
    depth, elevation, side, high = 4.0, 50.0, 40, 2
    coords = np.stack(np.meshgrid(np.arange(-side, side), np.arange(high), np.arange(-side, side), indexing="ij"),
                      -1).reshape(-1, 3).astype(np.int32)
    grid = grid_of(1.0, np.empty((0, 3), np.int32), np.empty((0, 512), np.float32), coords, np.ones(len(coords), np.float32))
    light = Light(sun=Sun(azimuth=0.0, elevation=elevation, colour=WHITE, strength=1.0, size=0.0), sky=Sky(strength=0.0),
                  medium=Medium(extinction=depth / (8.0 * high), anisotropy=0.6))
    view = View(target=(0.0, 0.0, 0.0), distance=1500.0, elevation=89.0, focal=800.0)
    tracer = Tracer(scene_of(light, grid), lit(coarse_of(grid), light), camera_of(view, 60, 40))
    tracer.add(2000)
    exact = math.pi * slab_radiance(depth * 16.5 / 16.0, 0.6, math.sin(math.radians(elevation)), layers=120, angles=16)
    error = 100 * abs(float(tracer.layers()[0][..., 1].mean()) / exact - 1.0)
    return Figure("slab of depth 4 against orders of scattering", error, "%", aim="below 1", ok=error < 1.0)


def _ball():
    radius, g = 16.0, 0.6
    grid = ball_grid(radius, 0.16)
    view = View(target=(0.0, 0.0, 0.0), distance=4000.0, azimuth=0.0, elevation=0.0, focal=800.0)
    camera = camera_of(view, 60, 40)
    for depth, azimuth in ((1.5, 60.0), (5.0, 140.0)):
        light = Light(sun=Sun(azimuth=azimuth, elevation=0.0, colour=WHITE, strength=1.0 / math.pi, size=0.0),
                      sky=Sky(strength=0.0), medium=Medium(extinction=depth / radius, anisotropy=g))
        tracer = Tracer(scene_of(light, grid), lit(coarse_of(grid), light), camera)
        tracer.add(1500)
        got = float(tracer.layers()[0][..., 1].sum()) * (camera.spread * 4000.0) ** 2 / radius**2
        exact = ball_intensity(depth, g, -math.cos(math.radians(azimuth)), photons=2_000_000)
        error = 100 * abs(got / exact - 1.0)
        yield Figure(f"ball of depth {depth:g}, sun {azimuth:g}, against photons", error, "%", aim="below 1", ok=error < 1.0)


def _noise(mound, grid, view):
    light = mound.light.edited(sky=Sky(kind="plain", zenith=(0.3, 0.3, 0.3)),
                               sun=mound.light.sun.edited(size=0.0, colour=WHITE))
    camera = camera_of(view, 320, 200)
    scene = scene_of(light, grid)
    tracer = Tracer(scene, lit(coarse_of(grid), light), camera)
    tracer.add(2)
    sums = np.zeros((200, 320, 3), np.float32)
    layered, voxel = scene.grids[0], scene.unit
    arguments = (
        scene.bricks, np.float32(layered.core), ((camera.eye - layered.offset) / voxel).astype(np.float32),
        camera.right.astype(np.float32), camera.up.astype(np.float32), camera.forward.astype(np.float32),
        np.float32(camera.spread), np.float32(160), np.float32(100), np.float32(light.medium.extinction * voxel),
        np.array([lobes_of(light.medium)], np.float32),
        (direction_of(light.sun.azimuth, light.sun.elevation) + 1e-9).astype(np.float32),
        np.float32(math.pi * light.sun.strength), np.float32(0.3))
    plain_paths(*arguments, 0, sums)
    sums[:] = 0.0
    mine = plain = 0.0
    turns = 0
    first = tracer.turns
    for _ in range(24):
        begun = time.perf_counter()
        tracer.add(1)
        middle = time.perf_counter()
        plain_paths(*arguments, turns, sums)
        turns += 1
        mine, plain = mine + middle - begun, plain + time.perf_counter() - middle
    mean = sums[..., 0] / turns
    cloud = sums[..., 2] > 0.5 * turns
    variance = float(np.maximum(sums[..., 1] / turns - mean**2, 0.0)[cloud].mean()) / float(mean[cloud].mean()) ** 2
    own = tracer.noise() ** 2 * tracer.turns
    ours, theirs = own * mine / (tracer.turns - first), variance * plain / turns
    yield at_least("True light, variance at equal time", ours, "s", "plain delta tracking", theirs, theirs / ours, 4.0)
    camera = camera_of(view, 640, 400)
    tracer = Tracer(scene_of(mound.light, grid), lit(coarse_of(grid), mound.light), camera)
    begun = time.perf_counter()
    tracer.add(12)
    taken = time.perf_counter() - begun
    yield Figure("whole paths alone, 640x400: noise after 12 a pixel", 100 * tracer.noise(), "%")
    alone = taken * (tracer.noise() / NOISE) ** 2
    begun = time.perf_counter()
    lattice = lit(coarse_of(grid, SHARP), mound.light)
    two, first = Levels(scene_of(mound.light, grid), lattice, camera), None
    while two.noise() > NOISE or two.whole.turns < 2:
        two.add(1)
        if first is None and two.noise() <= USEFUL:
            first = time.perf_counter() - begun
    taken = time.perf_counter() - begun
    yield Figure(f"True light 640x400, first picture with {100 * USEFUL:g} % noise", first, "s", aim="at most 6", ok=first <= 6.0)
    yield at_least(f"True light 640x400, time to {100 * NOISE:g} % noise", taken, "s", "whole paths alone, from 12", alone,
                   alone / taken, 10.0)


def _shapes():
    yield "ball", (Blob(centre=(0, 45, 0), radii=(45, 40, 42)),)
    yield "heap", heap(12, 130.0, seed=21, generations=1)
    yield "tower", heap(12, 90.0, seed=22, height=1.5, dome=0.6, generations=1)
    yield "flat", (Blob(centre=(0, 20, 0), radii=(80, 16, 60)), Blob(centre=(-30, 30, 10), radii=(45, 13, 38)))


def _held(shapes):
    """Draft light against True light in scenes its constants were not fitted to."""
    errors, matches = [], []
    for shape, forms in shapes:
        mound = hero()
        mound = mound.edited(mass=mound.mass.edited(forms=forms), grains=())
        # Grains of its size: those of the hero would eat a small shape up.
        mound = mound.edited(grains=sized_character(CHARACTERS["Cauliflower"], span_of(mound)))
        grid = density_grid(mound, voxel_along(mound, 90))
        view = fitted(mound.view, *(grid.world(b) for b in grid.active_bounds()), *HELD_SIZE)
        camera = camera_of(view, *HELD_SIZE)
        for azimuth, elevation in SUNS:
            light = Light(sun=Sun(azimuth=(view.azimuth + azimuth) % 360.0, elevation=elevation),
                          medium=Medium(extinction=0.12))
            scene, lattice = scene_of(light, grid), lit(coarse_of(grid), light)
            tracer = Tracer(scene, lattice, camera)
            while tracer.noise() > HELD_NOISE:
                tracer.add(8)
            truth, opacity, _ = tracer.layers()
            layers = np.mean([march(scene, lattice, camera, nth=n) for n in range(8)], axis=0)
            seen = radiance_of(layers, scene, camera)
            draft = (seen[..., :3] - behind_of(seen, light, camera)) @ LUMINANCE
            solid = in_blocks(opacity) > 0.6
            a, b = in_blocks(draft)[solid], in_blocks(truth @ LUMINANCE)[solid]
            errors.append(float(np.abs(a - b).mean() / b.mean()))
            matches.append(float(np.corrcoef(a, b)[0, 1]))
            name = f"Draft against True, {shape}, sun {azimuth:g} {elevation:g}"
            yield Figure(f"{name}: error", 100 * errors[-1], "%")
            yield Figure(f"{name}: correlation", matches[-1], "")
    yield Figure(f"Draft against True, {len(errors)} scenes: mean error", 100 * float(np.mean(errors)), "%", aim="at most 10",
                 ok=bool(np.mean(errors) <= 0.1))
    yield Figure(f"Draft against True, {len(errors)} scenes: mean correlation", float(np.mean(matches)), "", aim="at least 0.97",
                 ok=bool(np.mean(matches) >= 0.97))
