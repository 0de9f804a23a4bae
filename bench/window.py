"""True light in the real window: how soon it is there, how right it is when, whether the time left is foretold, and the mixer."""

import time

import numpy as np

from bench.desk import opened, until
from bench.figure import Figure, at_most
from bench.scene import DEMO
from softmound.core.colour import luminance
from softmound.core.engine.stages import paths_of
from softmound.core.light.paths.bounded import in_blocks
from softmound.core.light.picture.radiance import behind_of

MOUND = "cottage_loaf.mound"
EARLY, LATE, LONGEST = 6.0, 60.0, 240.0
"""Seconds after which the picture is compared, and after which it is not waited for any more."""
TURNS = 16
"""Whole paths for each pixel of each of two pictures that say what is right; their own noise falls out of the product."""


def figures():
    """Measure.

    Yields
    ------
    Figure
    """
    with opened(DEMO / MOUND) as (application, window):
        looking = window.looking
        window.open_station("Light")
        until(application, lambda: looking.painter.idle and looking._shown == looking.newest, 120)
        seen, begun = [], time.perf_counter()

        def shown(answer):
            if answer.request.way == "true" and answer.noise > 0.0:
                seen.append((time.perf_counter() - begun, answer))

        looking.shown.connect(shown)
        looking.look("true")
        until(application, lambda: seen and (seen[-1][1].left == 0.0 and np.isfinite(seen[-1][1].noise)
                                             or seen[-1][0] > LONGEST), LONGEST + 60.0)
        taken, last = seen[-1]
        size = f"{last.request.width}x{last.request.height}, {last.grid.voxel:g} m"
        yield Figure(f"the first picture of paths, {size}", seen[0][0], "s")
        yield Figure(f"time to {100 * last.request.noise:g} % noise", taken, "s")
        told = [abs(at + answer.left - taken) / taken for at, answer in seen if at >= EARLY and np.isfinite(answer.noise)]
        yield at_most("the end foretold, after six seconds: off by at most", 100 * max(told), "%", 25.0)
        yield from _mixing(application, window)
        tracing = looking.painter._tracing
        looking.painter.stop()
        yield from _errors(tracing, window.looking.painter.stages, seen)


def _mixing(application, window):
    """From a fader that moves to the mixed picture."""
    looking, station, waits = window.looking, window.stations["Light"], []
    for n in range(12):
        begun = time.perf_counter()
        station.tray.mixer.mixing.mix("sun", "level", True, level=0.9 - 0.05 * n)
        until(application, lambda: looking._shown == looking.newest, 20)
        waits.append(time.perf_counter() - begun)
    yield Figure("a fader of the mixer, to the picture in True light, median", 1000 * float(np.median(waits[1:])), "ms")
    station.tray.mixer.mixing.unmix()
    until(application, lambda: looking._shown == looking.newest, 20)


def _errors(tracing, stages, seen):
    """What pictures err by on blocks of pixels: against two of whole paths, which are independent of it and of each other."""
    halves = []
    for seed in (101, 102):
        tracer = paths_of(stages, tracing.scene, tracing.tracer.camera, alone=True, seed=seed)
        tracer.add(TURNS)
        halves.append(in_blocks(luminance(tracer.layers()[0])))
    whole = in_blocks((tracer.layers()[1] > 0.999).astype(np.float64)) > 0.999
    mean = float(np.mean([half[whole].mean() for half in halves]))
    light, camera = tracing.scene.light, tracing.tracer.camera
    for at in (EARLY, LATE):
        now, answer = max((each for each in seen if each[0] <= at), key=lambda each: each[0], default=seen[0])
        behind = behind_of(answer.radiance, light, camera, shadow=tracing.shadow)
        found = in_blocks(luminance(answer.radiance[..., :3] - behind))[whole]
        product = float(np.mean((found - halves[0][whole]) * (found - halves[1][whole])))
        name = f"error on blocks of six pixels, the picture of {now:.0f} s"
        yield at_most(name, 100 * max(product, 0.0) ** 0.5 / mean, "%", 8.0 if at == EARLY else 3.0)
