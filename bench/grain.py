"""Six grains of six octaves: a build 512 long, the share of noise in it, and one of them under the hand."""

import tempfile
import time

import numpy as np

from bench.desk import opened, until
from bench.figure import Figure, at_most, timed
from bench.scene import hero
from softmound.core.engine.density import band_for, density_grid, voxel_along
from softmound.core.grain.actions.push import Push
from softmound.core.noise.sums import noise_bricks
from softmound.core.recipe import write_mound

EDITS = 40
ALONG = 512


def six():
    """The demo hero with six grains of six octaves.

    Returns
    -------
    Mound
    """
    grains = tuple(Push(feature=90.0 * 0.55**n, strength=22.0 * 0.5**n, octaves=6, summed="folded", seed=11 + n,
                        weaker_below=0.6) for n in range(6))
    return hero().edited(grains=grains)


def figures():
    """Measure.

    Yields
    ------
    Figure
    """
    mound = six()
    voxel = voxel_along(mound, ALONG)
    built = timed(lambda: density_grid(mound, voxel), 3)
    coords = band_for(mound, voxel).cells.coords
    room = np.empty((min(len(coords), 4000), 512), np.float32)
    part = coords[: len(room)]
    alone = timed(lambda: [noise_bricks(part, voxel, grain, room) for grain in mound.grains], 3) * len(coords) / len(part)
    yield Figure(f"build of six grains of six octaves at {ALONG} long", built, "s")
    yield Figure("of that noise arithmetic", alone, "s", "the build", built, alone / built)
    yield from _edits(mound)


def _edits(mound):
    with tempfile.NamedTemporaryFile(suffix=".mound") as file:
        write_mound(file.name, mound)
        with opened(file.name) as (application, window):
            window.open_station("Grain")
            window.stations["Grain"].choose(3)
            seen = []
            window.looking.shown.connect(seen.append)
            waits = []
            for n in range(EDITS):
                begun = time.perf_counter()
                seen.clear()
                window.stations["Grain"].edit_grain("strength", True, strength=mound.grains[3].strength * (1.0 + 0.02 * (n % 9)))
                request = window.looking.newest
                until(application, lambda r=request: any(a.request.number >= r for a in seen), 20)
                waits.append((time.perf_counter() - begun) * 1000.0)
            window.document.let_go()
            yield at_most("edit latency, one grain of six, median", float(np.median(waits[3:])), "ms", 150.0)
            yield Figure("edit latency, one grain of six, 95th percentile", float(np.percentile(waits[3:], 95)), "ms")
