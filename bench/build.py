"""Builds of the demo hero at several sizes, what was foretold of ten mounds, and how soon a build stops."""

import json
import random
import statistics
import subprocess
import sys
import time
import unittest.mock

from bench.figure import Figure, at_most
from bench.scene import DEMO, hero
from softmound.core.engine.background import Job
from softmound.core.engine.density import density_grid, span_of, voxel_along
from softmound.core.fill.steps.grow import Grow
from softmound.core.fill.steps.smooth import Smooth
from softmound.core.grain.characters import CHARACTERS, sized_character
from softmound.core.kernels import threads
from softmound.core.noise.sums import noise_bricks
from softmound.core.recipe import read_mound
from softmound.core.recipe.grains import SURFACE
from softmound.core.starts.species import STARTS, start
from softmound.core.volume.bricks import LANES

SIZES = (256, 512, 1024)
OCTAVES_ALONG = 512
STOPS = 20
PREDICTED_ALONG = 420

_CHILD = """
import json, sys, time
from softmound.core.engine.calibration import PeakMemory
from softmound.core.engine.density import density_grid, span_of, voxel_along
from softmound.core.grain.characters import CHARACTERS, sized_character
from softmound.core.engine.forecast import forecast
from bench.build import mound_named
mound, along = mound_named(sys.argv[1]), int(sys.argv[2])
voxel = voxel_along(mound, along)
mound = mound.edited(voxels=mound.voxels.edited(final=voxel))
ahead = forecast(mound)
density_grid(mound, voxel * 6)  # so that what is measured is the build, not code that is loaded
with PeakMemory() as peak:
    begun = time.perf_counter()
    grid = density_grid(mound, voxel)
    seconds = time.perf_counter() - begun
print(json.dumps({"seconds": seconds, "memory": peak.bytes, "active": grid.active_voxels(),
                  "foretold_seconds": ahead.seconds(voxel), "foretold_memory": ahead.memory(voxel)}))
"""


def mound_named(name):
    """One of the mounds whose builds are foretold.

    Parameters
    ----------
    name : str

    Returns
    -------
    Mound
    """
    if name == "eased":
        mound = start("congestus", name)
        return mound.edited(steps=(Smooth(width=4.0), Grow(metres=2.0, after=True)))
    if name == "torn":
        mound = start("mediocris", name)
        return mound.edited(grains=sized_character(CHARACTERS["Torn"], span_of(mound)))
    if name in STARTS:
        return start(name, name)
    return read_mound(DEMO / f"{name}.mound")


MOUNDS = ("cottage_loaf", "burnt_crust", "eased", "torn", *STARTS)


def _built(name, along):
    done = subprocess.run([sys.executable, "-c", _CHILD, name, str(along)], capture_output=True, text=True, check=True)
    return json.loads(done.stdout.splitlines()[-1])


def figures(brief=False):
    """Measure.

    Parameters
    ----------
    brief : bool, optional
        Up to 512 long, and four mounds foretold.

    Yields
    ------
    Figure
    """
    per_voxel = []
    for along in SIZES[:2] if brief else SIZES:
        tries = [_built("cottage_loaf", along) for _ in range(1 if brief or along >= 1000 else 3)]
        built = min(tries, key=lambda t: t["seconds"])
        per_voxel.append(built["seconds"] / built["active"] * 1e9)
        name = f"build at {along} long"
        yield at_most(f"{name}, time", built["seconds"], "s", 60.0)
        yield at_most(f"{name}, memory", built["memory"] / 1e9, "GB", 4.0)
        yield Figure(f"{name}, time per active voxel", per_voxel[-1], "ns", f"at {SIZES[0]} long", per_voxel[0],
                     per_voxel[-1] / per_voxel[0], "ratio <= 1.5", per_voxel[-1] <= 1.5 * per_voxel[0])
    yield from _octaves()
    yield from _foretold(MOUNDS[:4] if brief else MOUNDS)
    if not brief:
        yield from _stopped()


def _octaves():
    """How many octaves of the noise that moves the surface are looked at for a voxel that is kept, and how long each takes."""
    mound = hero()
    voxel, octaves, seconds, whole = voxel_along(mound, OCTAVES_ALONG), 0, 0.0, threads()
    density_grid(mound, voxel * 6)

    def counted(coords, voxel, noise, *more):
        nonlocal octaves, seconds
        begun = time.perf_counter()
        made = noise_bricks(coords, voxel, noise, *more)
        # Where bricks are worked on side by side each call has one thread.
        seconds += (time.perf_counter() - begun) * threads() / whole
        octaves += len(coords) * LANES * noise.octaves
        return made
    with unittest.mock.patch("softmound.core.grain.actions.push.noise_bricks", counted):
        grid = density_grid(mound, voxel)
    asked = sum(grain.octaves for grain in mound.grains if grain.on and grain.works_on == SURFACE)
    yield at_most(f"octaves looked at for a voxel that is kept at {OCTAVES_ALONG} long, {asked} asked for",
                  octaves / grid.values.size, "", 7.0)
    yield at_most("each of them", 1e9 * seconds / octaves, "ns", 11.0)


def _foretold(names):
    found = {name: _built(name, PREDICTED_ALONG) for name in names}
    for what, unit, scale in (("memory", "MB", 1e6), ("seconds", "s", 1.0)):
        worst = 0.0
        for name, built in found.items():
            ratio = built[f"foretold_{what}"] / built[what]
            worst = max(worst, abs(ratio - 1.0))
            yield Figure(f"foretold {what} of {name} at {PREDICTED_ALONG}", built[f"foretold_{what}"] / scale, unit,
                         "as built", built[what] / scale, ratio, "0.75 to 1.25", abs(ratio - 1.0) <= 0.25)
        yield at_most(f"foretold {what}, farthest off of {len(found)}", 100.0 * worst, "%", 25.0)


def _stopped():
    mound = hero()
    voxel = voxel_along(mound, 1024)
    dice, waits = random.Random(5), []
    density_grid(mound, voxel * 4)
    for _ in range(STOPS):
        job = Job(lambda ticket: density_grid(mound, voxel, ticket), lambda *_: None, lambda _: None).start()
        time.sleep(dice.uniform(0.05, 4.0))
        pressed = time.perf_counter()
        job.stop()
        job.wait()
        waits.append((time.perf_counter() - pressed) * 1000.0)
    yield Figure(f"stop, median of {STOPS}", statistics.median(waits), "ms")
    yield at_most(f"stop, longest of {STOPS}", max(waits), "ms", 150.0)
