"""Compile every kernel once, so that nobody waits for it later."""

import os
import shutil
import subprocess
import sys
import time
from collections import Counter
from dataclasses import replace

import numpy as np

from ..directions import rotation_matrix
from ..growth.solver import Flowing
from ..held import child_process, working_folder
from ..kernels import CACHE, STAMP
from ..light.between import veiled
from ..light.camera import camera_of, fitted
from ..light.carrying import carried
from ..light.coarse import coarse_in, coarse_of
from ..light.lattice import lit, with_lamps
from ..light.march import march
from ..light.radiance import composed
from ..light.scene import PlacedCloud, Placing, scene_of
from ..light.surroundings import surroundings_of
from ..light.tracer import Tracer
from ..mass.field import field_of
from ..mass.kinds.blob import Blob
from ..mass.kinds.solid import Solid
from ..mass.particles import balls_band
from ..mass.pick import Picker
from ..mass.polygons import narrow_band
from ..mass.solids import solid_triangles
from ..noise.sums import noise_points
from ..recipe import BaseLevel, Lamp, Mass, Mound, Noise, Patch, View
from ..recipe.grains import ACTIONS, MASKS, SURFACE
from ..starts.species import SKY
from ..volume.bricks import LANES, grid_of
from ..volume.filters import smoothed
from ..volume.sample import sample
from ..volume.twin import vdb_of
from ..volume.windows import window_differs
from .density import Memories, density_grid

_MARK, _USABLE, _LIT = "complete", "usable", "lit"
READY = "ready for a first cloud"
"""The words of the step with which a cloud can be made and seen."""
READY_AT = 0.55
"""Share of the work that is done by then."""


def warmed():
    """True when the kernels of this version are compiled.

    Returns
    -------
    bool
    """
    return (CACHE / STAMP / _MARK).exists()


def usable():
    """True when enough of them is compiled for a cloud to be made, seen and lit; what only some need may still be on its way.

    Returns
    -------
    bool
    """
    return warmed() or (CACHE / STAMP / _USABLE).exists()


def warm_once(stream):
    """Compile all kernels unless that was done, with a line for each step: what every cloud needs first.

    Two processes share the work, since one compiles on one core only.

    Parameters
    ----------
    stream : file object
        Where the lines go; `READY` is one of them once a cloud can be made and seen.
    """
    if warmed():
        return
    print("Compiling the kernels, once for this machine (about four minutes on two cores).", file=stream, flush=True)
    folder = CACHE / STAMP
    folder.mkdir(parents=True, exist_ok=True)
    lit = folder / _LIT
    lit.unlink(missing_ok=True)
    code = (f"import pathlib; from {__name__} import warm_light, warm_paths; warm_light(lambda *_: None); "
            f"pathlib.Path({str(lit)!r}).touch(); warm_paths(lambda *_: None)")
    with child_process([sys.executable, "-c", code]) as other:
        def said(share, words):
            print(f"  {100 * share:3.0f} %  {words}", file=stream, flush=True)

        # The other half is compiled beside it: what both need is there by the time the rest asks for it.
        warm_shape(said)
        while not lit.exists() and other.poll() is None:
            time.sleep(0.1)
        if lit.exists():
            (folder / _USABLE).touch()
            said(READY_AT, READY)
        warm_rest(said)
        said(0.95, "true light")
        if other.wait():
            warm_light(lambda *_: None)
            warm_paths(lambda *_: None)
    lit.unlink(missing_ok=True)
    print("  100 %  done", file=stream, flush=True)
    (folder / _MARK).touch()
    _forget_older(folder)


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
    from numba.core import event

    began, own, whole, count, within = {}, Counter(), Counter(), Counter(), []

    class Heard(event.Listener):
        """Adds up what compiling takes; what one kernel waits for another is the other's."""

        def on_start(self, happened):
            within.append([time.perf_counter(), 0.0])

        def on_end(self, happened):
            begun, inner = within.pop()
            took = time.perf_counter() - begun
            kernel = happened.data["dispatcher"].py_func
            name = f"{kernel.__module__.removeprefix('softmound.core.')}.{kernel.__name__}"
            own[name] += took - inner
            whole[name] += took
            count[name] += 1
            if within:
                within[-1][1] += took

    event.register("numba:compile", Heard())
    begun = time.perf_counter()
    for step in (warm_shape, warm_light, warm_paths, warm_rest):
        stage = time.perf_counter()
        step(lambda *_: None)
        began[step.__name__] = time.perf_counter() - stage
    print(f"{'kernel':<48}{'s':>8}{'own s':>8}{'types':>7}")
    for name, seconds in own.most_common():
        print(f"{name:<48}{whole[name]:>8.2f}{seconds:>8.2f}{count[name]:>7}")
    print(f"{'all, in one process':<48}{time.perf_counter() - begun:>8.2f}{sum(own.values()):>8.2f}{sum(count.values()):>7}")
    for name, seconds in began.items():
        print(f"{'  ' + name:<48}{seconds:>8.2f}")


def _run(steps, told, begin=0.0, end=1.0):
    for number, (words, step) in enumerate(steps):
        told(begin + (end - begin) * number / len(steps), words)
        step()


def warm_shape(told):
    """Compile what makes a density, by making one of a tiny mound.

    Parameters
    ----------
    told : callable
        Called as ``told(share, words)`` before each step.
    """
    mound = Mound(
        mass=Mass(forms=(Blob(), Blob(centre=(12, 20, 0), radii=(9, 8, 7))), base=BaseLevel(altitude=15.0, fill=12.0)),
        grains=tuple(grain for kind in ACTIONS.values() if kind.works_on == SURFACE for grain in kind.examples()),
    )

    def grains():
        masks = tuple(mask for kind in MASKS.values() for mask in kind.examples())
        where, rest = masks[: len(masks) // 2], masks[len(masks) // 2 :]
        density_grid(mound.edited(
            grains=tuple(grain.edited(where=where) for kind in ACTIONS.values() if kind.works_on != SURFACE
                         for grain in kind.examples()),
            patches=(Patch(where=rest),), skin=mound.skin.edited(even=True, tone=mound.skin.curve)), 4.0)

    _run((
        ("noise", lambda: noise_points([[0.0, 1.0, 2.0]], Noise())),
        ("forms and skin", lambda: (density_grid(mound, 2.0), density_grid(mound, 2.0, None, Memories()))),
        ("grains", grains),
        ("picking", lambda: Picker(mound.mass).hit((0.0, 20.0, 90.0), (0.0, 0.0, -1.0))),
    ), told, 0.0, READY_AT)


def _grid():
    """A tiny grid that needs no kernel to be made."""
    coords = np.stack(np.meshgrid(*[np.arange(-2, 2)] * 3, indexing="ij"), -1).reshape(-1, 3).astype(np.int32)
    values = np.linspace(0.0, 1.0, len(coords) * LANES, dtype=np.float32).reshape(-1, LANES)
    return grid_of(2.0, coords, values, np.array([[3, 0, 0]], np.int32), np.ones(1, np.float32))


def _camera():
    return camera_of(fitted(View(), np.full(3, -32.0), np.full(3, 32.0), 64, 48), 64, 48)


def warm_light(told):
    """Compile what lights and shows a grid in Draft light, with one that needs no other kernel.

    Parameters
    ----------
    told : callable
        Called as ``told(share, words)`` before each step.
    """
    mound, grid, camera, made = Mound(), _grid(), _camera(), {}

    def light():
        made["lattice"], made["scene"] = lit(coarse_of(grid), mound.light), scene_of(mound.light, grid)

    def sky():
        # Its table of further orders takes seconds to work out, and is kept in a file.
        surroundings_of(mound.light.edited(sky=SKY))

    def marching():
        made["layers"] = march(made["scene"], made["lattice"], camera, sparing=True)

    def tone():
        for clay in (False, True):
            composed(made["layers"], made["scene"], camera, clay=clay)
        carried(np.zeros((48, 64, 4), np.uint8), np.ones((48, 64), np.float32), camera, camera)

    _run((("light", light), ("sky", sky), ("pictures", marching), ("tone", tone)), told)


def warm_paths(told):
    """Compile True light, lamps and the air between.

    Parameters
    ----------
    told : callable
        Called as ``told(share, words)`` before each step.
    """
    mound, grid, camera = Mound(), _grid(), _camera()
    coarse, scene = coarse_of(grid), scene_of(mound.light, grid)
    lattice, lamps = lit(coarse, mound.light), mound.light.edited(lamps=(Lamp(place=(0.0, 0.0, 0.0)),))

    def paths():
        with_lamps(lattice, coarse, lamps)
        for gathering in (False, True):
            Tracer(scene, lattice, camera, gathering=gathering).add(1)
        Tracer(scene.under(lamps), lattice, camera).add(1)

    def air():
        shape = camera.height, camera.width
        far = replace(scene.under(mound.light.edited(sky=SKY)), air=True)
        veiled(np.ones((*shape, 3), np.float32), np.ones(shape, np.float32), np.full(shape, 5_000.0, np.float32), far, camera)

    _run((("paths", paths), ("air", air)), told)


def warm_rest(told):
    """Compile what not every cloud needs: files, meshes, growth, many clouds in one sky.

    Parameters
    ----------
    told : callable
        Called as ``told(share, words)`` before each step.
    """
    light, grid, camera = Mound().light, _grid(), _camera()

    def windows():
        grid = _grid()
        vdb_of(grid)
        sample(grid, [[0.0, 20.0, 0.0]])
        window_differs(grid, (0, 0, 0), np.zeros((8, 8, 8), np.float32))
        for name in ("gaussian", "median", "flow"):
            smoothed(grid.coords[:1], grid.values[:1], grid.tile_coords[:0], 1.0, 2.0, name, 2.0)

    def fields():
        balls = balls_band(np.array([[0.0, 0.0, 0.0], [3.0, 9.0, 1.0]]), np.array([6.0, 5.0]), 2.0)
        for band in (balls, narrow_band(*solid_triangles(Solid(shape="box")), 4.0)):
            field_of(4.0, *band, 40.0)

    def many():
        # Two clouds, one of them turned: what a sky of many needs beside a single one.
        turned = PlacedCloud(grid, light.medium, Placing(np.full(3, 9.0), rotation_matrix((0.0, 30.0, 0.0))))
        scene = scene_of(light, grid, turned)
        coarse, mixture = coarse_in(scene)
        march(scene, lit(coarse, light, mixture=mixture), camera)

    _run((("windows", windows), ("meshes and points", fields), ("growth", lambda: Flowing((8, 8, 8), 1.0).step(0.1)),
          ("many clouds", many)), told, READY_AT, 0.95)


def _forget_older(folder):
    """Remove compiled kernels of other versions, but the three used last."""
    others = sorted((p for p in CACHE.iterdir() if p.is_dir() and p != folder),
                    key=lambda p: p.stat().st_mtime, reverse=True)
    for old in others[3:]:
        shutil.rmtree(old, ignore_errors=True)
