"""Draft light pictures; those of 640x400 against `vdb_render`: same grid, view, step and threads."""

import math
import pathlib
import re
import subprocess
import tempfile

import numpy as np

from bench.figure import Figure, at_least, timed
from bench.scene import tall
from softmound.core.directions import direction_of
from softmound.core.engine.density import bounds_of, density_grid, voxel_along
from softmound.core.exchange.vdb import write_vdb
from softmound.core.kernels import threads
from softmound.core.light.lattices.coarse import coarse_of
from softmound.core.light.lattices.lattice import lit
from softmound.core.light.marching.march import march
from softmound.core.light.picture.radiance import composed
from softmound.core.light.scene.camera import camera_of, fitted
from softmound.core.light.scene.scene import scene_of

WIDTH, HEIGHT = 640, 400
ROUNDS = 5
EXTINCTIONS = (0.08, 0.5)
"""1/m: that of natural cumulus, with which the figure was first measured, and the demo's."""
LARGER = (1280, 800)


def figures():
    """Measure.

    Yields
    ------
    Figure
    """
    mound = tall()
    grid = density_grid(mound, voxel_along(mound, 192))
    mound = mound.edited(view=fitted(mound.view, *bounds_of(mound), WIDTH, HEIGHT))
    coarse = coarse_of(grid)
    for extinction in EXTINCTIONS:
        light = mound.light.edited(medium=mound.light.medium.edited(extinction=extinction))
        yield from _frames(mound.edited(light=light), grid, coarse)
    yield from _larger(mound, grid, coarse)


def _frames(mound, grid, coarse):
    camera = camera_of(mound.view, WIDTH, HEIGHT)
    scene, zones = scene_of(mound.light, grid), lit(coarse, mound.light).zones
    lattice = lit(coarse, mound.light, zones)

    def camera_moves():
        composed(march(scene, lattice, camera, sparing=True), scene, camera)

    def light_moves():
        again = lit(coarse, mound.light, zones)
        composed(march(scene, again, camera, sparing=True), scene, camera)

    # Taken in turn, for the machine's speed drifts; the ratio is the median of the rounds.
    rounds = []
    with tempfile.TemporaryDirectory(prefix="softmound-bench-") as folder:
        peer = _peer(folder, grid, mound, camera)
        for _ in range(ROUNDS):
            rounds.append((timed(camera_moves, 9, 2), timed(light_moves, 5, 1), peer()))
    view, light, theirs = np.median(rounds, axis=0)
    over_view, over_light = np.median([(p / v, p / side) for v, side, p in rounds], axis=0)
    low, high = grid.active_bounds()
    dims = "x".join(str(int(d)) for d in high - low + 1)
    name = f"vdb_render, {threads()} threads"
    what = f"draft frame {WIDTH}x{HEIGHT}, {dims}, extinction {mound.light.medium.extinction:g}"
    yield at_least(f"{what}, camera move", 1e3 * view, "ms", name, 1e3 * theirs, over_view, 30)
    yield at_least(f"{what}, light move", 1e3 * light, "ms", name, 1e3 * theirs, over_light, 6)


def _larger(mound, grid, coarse):
    """The same at the size of a screen, without a peer."""
    camera = camera_of(mound.view, *LARGER)
    scene, zones = scene_of(mound.light, grid), lit(coarse, mound.light).zones
    lattice = lit(coarse, mound.light, zones)
    view = timed(lambda: composed(march(scene, lattice, camera, sparing=True), scene, camera), 7, 2)
    light = timed(lambda: composed(march(scene, lit(coarse, mound.light, zones), camera, sparing=True), scene, camera), 5, 1)
    what = f"draft frame {LARGER[0]}x{LARGER[1]}, extinction {mound.light.medium.extinction:g}"
    yield Figure(f"{what}, camera move", 1e3 * view, "ms")
    yield Figure(f"{what}, light move", 1e3 * light, "ms")


def _peer(folder, grid, mound, camera):
    """A call that gives the seconds the peer states for its ray tracing, without reading the file."""
    extinction = str(mound.light.medium.extinction)
    toward = direction_of(mound.light.sun.azimuth, mound.light.sun.elevation)
    vdb = pathlib.Path(folder) / "grid.vdb"
    write_vdb(vdb, grid, half=False)
    command = [
        "vdb_render", str(vdb), str(pathlib.Path(folder) / "out.ppm"), "-res", f"{WIDTH}x{HEIGHT}",
        "-translate", ",".join(map(str, camera.eye)), "-lookat", ",".join(map(str, mound.view.target)),
        "-fov", str(2 * math.degrees(math.atan(camera.spread * WIDTH / 2))), "-cpus", str(threads()),
        "-step", "1", "-absorb", "0,0,0", "-scatter", ",".join([extinction] * 3),
        "-light", ",".join([*map(str, toward), "1", "1", "1"]), "-v",
    ]

    def once():
        said = subprocess.run(command, capture_output=True, text=True, check=True).stdout
        return float(re.findall(r"completed in ([0-9.e-]+) sec", said)[-1])

    return once
