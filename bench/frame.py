"""A 640x400 Draft light picture against `vdb_render`: same grid, view, step and threads."""

import math
import pathlib
import re
import subprocess
import tempfile

from softmound.core.engine.density import bounds_of, density_grid
from softmound.core.exchange.vdb import write_vdb
from softmound.core.kernels import threads
from softmound.core.light.camera import camera_of, direction_of, fitted
from softmound.core.light.lattice import lit
from softmound.core.light.march import march
from softmound.core.light.shell import shell_of
from softmound.core.light.tone import composed

from .figure import at_least, timed
from .scene import tall, voxel_for

WIDTH, HEIGHT = 640, 400


def figures():
    """Measure.

    Yields
    ------
    Figure
    """
    mound = tall()
    grid = density_grid(mound, voxel_for(mound, 192))
    mound = mound.edited(view=fitted(mound.view, *bounds_of(mound), WIDTH, HEIGHT))
    camera = camera_of(mound.view, WIDTH, HEIGHT)
    shell = shell_of(grid)
    lattice = lit(grid, mound.light)

    def camera_moves():
        composed(march(shell, lattice, mound.light, camera), mound.light, camera)

    def light_moves():
        again = lit(grid, mound.light)
        composed(march(shell, again, mound.light, camera), mound.light, camera)

    view, light = timed(camera_moves, 15, 2), timed(light_moves, 15, 2)
    theirs = _peer(grid, mound, camera)
    low, high = grid.active_bounds()
    dims = "x".join(str(int(d)) for d in high - low + 1)
    peer = f"vdb_render, {threads()} threads"
    yield at_least(f"draft frame {WIDTH}x{HEIGHT}, {dims}, camera move", 1e3 * view, "ms", peer,
                   1e3 * theirs, theirs / view, 20)
    yield at_least(f"draft frame {WIDTH}x{HEIGHT}, {dims}, light move", 1e3 * light, "ms", peer,
                   1e3 * theirs, theirs / light, 6)


def _peer(grid, mound, camera):
    """Seconds that the peer states for its ray tracing alone, without reading the file."""
    extinction = str(mound.light.medium.extinction)
    toward = direction_of(mound.light.sun.azimuth, mound.light.sun.elevation)
    with tempfile.TemporaryDirectory(prefix="softmound-bench-") as folder:
        vdb = pathlib.Path(folder) / "grid.vdb"
        write_vdb(vdb, grid, half=False)
        command = [
            "vdb_render", str(vdb), str(pathlib.Path(folder) / "out.ppm"), "-res", f"{WIDTH}x{HEIGHT}",
            "-translate", ",".join(map(str, camera.eye)),
            "-lookat", ",".join(map(str, mound.view.target)),
            "-fov", str(2 * math.degrees(math.atan(camera.spread * WIDTH / 2))),
            "-cpus", str(threads()), "-step", "1", "-absorb", "0,0,0",
            "-scatter", ",".join([extinction] * 3), "-light", ",".join([*map(str, toward), "1", "1", "1"]),
            "-v",
        ]
        taken = []
        for _ in range(3):
            said = subprocess.run(command, capture_output=True, text=True, check=True).stdout
            taken.append(float(re.findall(r"completed in ([0-9.e-]+) sec", said)[-1]))
    return sorted(taken)[1]
