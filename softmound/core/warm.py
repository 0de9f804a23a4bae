"""Compile every kernel once, so that nobody waits for it later."""

import contextlib
import gc
import os
import queue
import shutil
import subprocess
import sys
import threading
import time
from collections import Counter
from dataclasses import replace

import numpy as np

from .compiled import CACHE, FOLDER, READY, mark, warmed
from .compiling import numba
from .directions import rotation_matrix
from .engine.density import Memories, density_grid
from .engine.stages import Stages, layers_of
from .fill.kept_away import kept_away
from .growth.air import air_of
from .growth.solver import Flowing, Weather
from .held import child_process, working_folder
from .light.lattices.coarse import QUICK, coarse_in, coarse_of
from .light.lattices.lattice import lit, with_lamps
from .light.marching.march import march
from .light.paths.first_met import first_met
from .light.paths.tracer import Tracer
from .light.picture.aerial import veiled
from .light.picture.carrying import carried
from .light.picture.radiance import composed
from .light.scene.camera import camera_of, fitted
from .light.scene.scene import PlacedCloud, Placing, scene_of
from .light.scene.surroundings import surroundings_of
from .mass.field import field_of
from .mass.kinds.blob import Blob
from .mass.kinds.solid import Solid
from .mass.mend import mended
from .mass.particles import balls_band
from .mass.pick import Picker
from .mass.polygons import narrow_band
from .mass.thickness import COARSE, inner_balls
from .noise.sums import noise_points
from .recipe import BaseLevel, Lamp, Mass, Mound, Noise, Patch, View
from .recipe.grains import ACTIONS, MASKS, SURFACE
from .recipe.standins import STAND_INS
from .recipe.time import Sounding
from .standins.beside import stand_in_at
from .starts.species import SKY
from .volume.bricks import LANES, grid_of
from .volume.crumbs import drop_crumbs
from .volume.filters import smoothed
from .volume.resample import resampled
from .volume.sample import sample
from .volume.twin import vdb_of
from .volume.windows import window_differs

MOST = 4
"""Processes at most: there are few parts that take long."""
FUNCTIONS, TOLD = 300, 20
"""How many functions are compiled, about, and how often it is said how far that is."""


def warm_once(stream):
    """Compile all kernels unless that was done, with a line for each part: what every cloud needs first.

    As many processes as cores share the work, since one compiles on one core only.

    Parameters
    ----------
    stream : file object
        Where the lines go; `READY` is one of them once a cloud can be made and seen.
    """
    if warmed():
        return
    print("Compiling the kernels, once for this machine (two minutes on two cores, one until a first cloud).", file=stream,
          flush=True)
    waiting, done, lock = queue.SimpleQueue(), [], threading.Lock()
    for words in PARTS:
        waiting.put(words)
    compiled, told = 0, -1

    def said(share, words):
        print(f"  {100 * share:3.0f} %  {words}", file=stream, flush=True)

    def one_more(words):
        nonlocal compiled, told
        with lock:
            compiled += 1
            share = min(compiled / FUNCTIONS, 0.99)
            if int(share * TOLD) > told:
                told = int(share * TOLD)
                said(share, words)

    def ended(words):
        with lock:
            done.append(words)
            if words in FIRST and FIRST <= {*done}:
                mark(whole=False)
                said(min(compiled / FUNCTIONS, 0.99), READY)

    def shared():
        code = f"import sys; from {__name__} import compile_parts; compile_parts(sys.stdin, sys.stdout)"
        with child_process([sys.executable, "-c", code], stdin=subprocess.PIPE, stdout=subprocess.PIPE, text=True) as child:
            with contextlib.suppress(queue.Empty, BrokenPipeError):  # what a process that ended was at is done below
                while True:
                    words = waiting.get_nowait()
                    print(words, file=child.stdin, flush=True)
                    for line in child.stdout:
                        if line.strip() == words:
                            ended(words)
                            break
                        one_more(words)

    workers = [threading.Thread(target=shared) for _ in range(min(os.cpu_count() or 1, MOST))]
    for worker in workers:
        worker.start()
    for worker in workers:
        worker.join()
    for words in [words for words in PARTS if words not in done]:
        PARTS[words]()  # says what is wrong
        ended(words)
    said(1.0, "done")
    mark(whole=True)
    _forget_older()


class _Heard(numba.core.event.Listener):
    """Tells how long compiling a function took; what it waits for another is the other's.

    Parameters
    ----------
    told : callable
        Called with the function, the seconds with those that it calls and that were not compiled yet, and those without them.
    """

    def __init__(self, told):
        self._told, self._within = told, []

    def on_start(self, _happened):
        self._within.append([time.perf_counter(), 0.0])

    def on_end(self, happened):
        begun, inner = self._within.pop()
        took = time.perf_counter() - begun
        if self._within:
            self._within[-1][1] += took
        self._told(happened.data["dispatcher"].py_func, took, took - inner)


def compile_parts(given, told):
    """Compile parts that are asked for line by line; say each when it is done, and a line for each function before.

    Parameters
    ----------
    given, told : file objects
    """
    gc.disable()  # what Numba makes while it compiles is nearly all kept: looking through it takes a fifth of the time
    numba.core.event.register("numba:compile", _Heard(lambda *_: print("", file=told, flush=True)))
    for line in given:
        PARTS[line.strip()]()
        print(line.strip(), file=told, flush=True)


def compile_times(stream):
    """Compile all kernels anew, in one process and kept nowhere, and print what each costs.

    Parameters
    ----------
    stream : file object
        Gets a row for each kernel, the longest first: seconds with those that it calls and that were not compiled yet, seconds
        without them, and for how many sets of types.
    """
    with working_folder() as folder:
        code = f"from {__name__} import _print_times; _print_times()"
        with child_process([sys.executable, "-c", code], env={**os.environ, "NUMBA_CACHE_DIR": str(folder)}, text=True,
                           stdout=subprocess.PIPE) as child:
            for line in child.stdout:
                stream.write(line)
                stream.flush()


def _print_times():
    began, own, whole, count = {}, Counter(), Counter(), Counter()

    def heard(function, took, without):
        name = f"{function.__module__.removeprefix('softmound.core.')}.{function.__name__}"
        own[name] += without
        whole[name] += took
        count[name] += 1

    numba.core.event.register("numba:compile", _Heard(heard))
    gc.disable()
    begun = time.perf_counter()
    for words, part in PARTS.items():
        stage = time.perf_counter()
        part()
        began[words] = time.perf_counter() - stage
        print(words, file=sys.stderr, flush=True)
    print(f"{'kernel':<48}{'s':>8}{'own s':>8}{'types':>7}")
    for name, seconds in own.most_common():
        print(f"{name:<48}{whole[name]:>8.2f}{seconds:>8.2f}{count[name]:>7}")
    print(f"{'all, in one process':<48}{time.perf_counter() - begun:>8.2f}{sum(own.values()):>8.2f}{sum(count.values()):>7}")
    for name, seconds in began.items():
        print(f"{'  ' + name:<48}{seconds:>8.2f}")


def _grid():
    """A tiny grid that needs no kernel to be made."""
    coords = np.stack(np.meshgrid(*[np.arange(-2, 2)] * 3, indexing="ij"), -1).reshape(-1, 3).astype(np.int32)
    values = np.linspace(0.0, 1.0, len(coords) * LANES, dtype=np.float32).reshape(-1, LANES)
    return grid_of(2.0, coords, values, np.array([[3, 0, 0]], np.int32), np.ones(1, np.float32))


def _camera():
    return camera_of(fitted(View(), np.full(3, -32.0), np.full(3, 32.0), 64, 48), 64, 48)


def _mound():
    """A tiny mound with every grain that works on the surface."""
    return Mound(
        mass=Mass(forms=(Blob(), Blob(centre=(12, 20, 0), radii=(9, 8, 7))), base=BaseLevel(altitude=15.0, fill=12.0)),
        grains=tuple(grain for kind in ACTIONS.values() if kind.works_on == SURFACE for grain in kind.examples()),
    )


def _shape():
    noise_points([[0.0, 1.0, 2.0]], Noise())
    for memories in (None, Memories()):
        density_grid(_mound(), 2.0, None, memories)
    # Not all that adds: its underside is filled another way.
    carved = Mass(forms=(Blob(), Blob(centre=(12, 20, 0), role="carves")), base=BaseLevel(altitude=15.0, fill=12.0))
    density_grid(Mound(mass=carved), 2.0)
    drop_crumbs(_grid(), 500.0)


def _lit():
    mound, grid, camera = Mound(), _grid(), _camera()
    lattice, scene = lit(coarse_of(grid), mound.light), scene_of(mound.light, grid)
    # Its table of further orders takes seconds to work out, and is kept in a file.
    surroundings_of(mound.light.edited(sky=SKY))
    # Light along the last axis, over the sea.
    lit(coarse_of(grid), mound.light.edited(sun=mound.light.sun.edited(azimuth=0.0, elevation=4.0), floor={"kind": "sea"}))
    layers = march(scene, lattice, camera, sparing=True)
    composed(layers, scene, camera)


def _paths():
    mound, grid, camera = Mound(), _grid(), _camera()
    coarse, scene = coarse_of(grid), scene_of(mound.light, grid)
    lattice, lamps = lit(coarse, mound.light), mound.light.edited(lamps=(Lamp(place=(0.0, 0.0, 0.0)),))
    with_lamps(lattice, coarse, lamps)
    for gathering in (False, True):
        Tracer(scene, lattice, camera, gathering=gathering).add(1)
    Tracer(scene.under(lamps), lattice, camera).add(1)
    first_met(scene, camera, 1)


def _grains():
    masks = tuple(mask for kind in MASKS.values() for mask in kind.examples())
    where, rest = masks[: len(masks) // 2], masks[len(masks) // 2 :]
    mound = _mound()
    density_grid(mound.edited(
        grains=tuple(grain.edited(where=where) for kind in ACTIONS.values() if kind.works_on != SURFACE
                     for grain in kind.examples()),
        patches=(Patch(where=rest),), skin=mound.skin.edited(even=True, tone=mound.skin.curve)), 4.0)


def _many():
    # Two clouds, one of them turned: what a sky of many needs beside a single one.
    light, grid, camera = Mound().light, _grid(), _camera()
    turned = PlacedCloud(grid, light.medium, Placing(np.full(3, 9.0), rotation_matrix((0.0, 30.0, 0.0))))
    scene = scene_of(light, grid, turned)
    coarse, mixture = coarse_in(scene)
    march(scene, lit(coarse, light, mixture=mixture), camera)


def _near():
    # Large octaves, and a view from so near that bricks are refined.
    large = next(grain for grain in _mound().grains if len(grain.turns) > 1).edited(feature=200.0)
    mound, stages = Mound(mass=Mass(forms=(Blob(),)), grains=(large,)), Stages()
    mound = mound.edited(view=mound.view.edited(distance=40.0))
    grid, camera = density_grid(mound, 2.0, None, Memories()), camera_of(mound.view, 64, 48)
    stages.marched_lattice(stages.near_scene(mound, grid, "near", camera))


def _stand_ins():
    # A box that keeps cloud away, one that is a solid of noise, and a lamp they hide.
    box, ridge = STAND_INS["box"], STAND_INS["ridge"]
    there = box(place=(0.0, -40.0, 0.0), size=(60.0, 9.0, 60.0), clears=1.0), ridge(size=(9.0, 2.0, 9.0))
    light, camera, stages = Mound().light.edited(lamps=(Lamp(place=(0.0, 60.0, 0.0)),)), _camera(), Stages()
    cloud = PlacedCloud(kept_away(_grid(), there), light.medium, key="warm")
    scene = stages.scene_of(light, View(), (cloud,), stand_ins=there)
    layers_of(stages, scene, camera, fine=QUICK, sparing=True)
    stand_in_at(there, camera, 0.0, 0.0)


def _growth():
    air = air_of(Sounding(), np.arange(8.0))
    Flowing((8, 8, 8), 1.0, Weather(air), lasts=1.0).step(0.1)


def _fields():
    balls = balls_band(np.array([[0.0, 0.0, 0.0], [3.0, 9.0, 1.0]]), np.array([6.0, 5.0]), 2.0)
    for band in (balls, narrow_band(*Solid(shape="box").triangles(), 4.0)):
        field_of(4.0, *band, 40.0)
    mended(*Solid(shape="box").triangles())
    inner_balls(*Solid(shape="box").triangles(), samples=COARSE)


def _windows():
    grid = _grid()
    for _ in range(2):
        vdb_of(grid)
        sample(grid, [[0.0, 20.0, 0.0]])
        resampled(grid, 2.0 * grid.voxel)
        window_differs(grid, (0, 0, 0), np.zeros((8, 8, 8), np.float32))
        grid.values.flags.writeable = grid.tile_values.flags.writeable = False  # as a recipe holds it
    grid = _grid()
    for name in ("gaussian", "median", "flow"):
        smoothed(grid.coords[:1], grid.values[:1], grid.tile_coords[:0], 1.0, 2.0, name, 2.0)


def _hands():
    mound, grid, camera = Mound(), _grid(), _camera()
    Picker(_mound().mass).hit((0.0, 20.0, 90.0), (0.0, 0.0, -1.0))
    scene = scene_of(mound.light, grid)
    layers = march(scene, lit(coarse_of(grid), mound.light), camera, clay=True)
    composed(layers, scene, camera, clay=True)
    carried(np.zeros((48, 64, 4), np.uint8), np.ones((48, 64), np.float32), camera, camera)


def _air():
    mound, grid, camera = Mound(), _grid(), _camera()
    shape = camera.height, camera.width
    far = replace(scene_of(mound.light.edited(sky=SKY), grid), air=True)
    veiled(np.ones((*shape, 3), np.float32), np.ones(shape, np.float32), np.full(shape, 5_000.0, np.float32), far, camera)


PARTS = {
    "light and pictures": _lit,
    "noise, forms and skin": _shape,
    "true light": _paths,
    "grains": _grains,
    "many clouds": _many,
    "near": _near,
    "growth": _growth,
    "stand-ins": _stand_ins,
    "meshes and points": _fields,
    "files": _windows,
    "hands": _hands,
    "air": _air,
}
"""What is compiled together, by doing it once with something tiny: in the order of need, and of how long it takes."""
FIRST = {"light and pictures", "noise, forms and skin"}
"""What a first cloud needs."""


def _forget_older():
    """Remove compiled kernels of other versions, but the three used last."""
    others = sorted((p for p in CACHE.iterdir() if p.is_dir() and p != FOLDER),
                    key=lambda p: p.stat().st_mtime, reverse=True)
    for old in others[3:]:
        shutil.rmtree(old, ignore_errors=True)
