"""From the move of a blob or of the view to what is on screen then, in the real window, offscreen."""

import time

import numpy as np

from bench.desk import opened, until
from bench.figure import Figure, at_most
from bench.scene import DEMO
from softmound.core.light.scene.camera import turned
from softmound.core.mass.placing import hand_step, moved

MOVES = 50


def figures():
    """Measure.

    Yields
    ------
    Figure
    """
    with opened(DEMO / "cottage_loaf.mound") as (application, window):
        shown = []
        window.looking.shown.connect(lambda answer: shown.append(answer.request.number))
        window.open_station("Mass")
        window.stations["Mass"].choose(4)
        until(application, lambda: window.looking.painter.idle, 60)
        taken, mass = [], window.stations["Mass"]
        for n in range(MOVES + 3):
            camera = window.picture.camera()
            step = 6.0 if n % 8 < 4 else -6.0
            begun = time.perf_counter()
            mass.replace(lambda form: moved(form, hand_step(camera, form.centre, step, step / 2)), "move blob", True)
            wanted = window.looking.newest
            until(application, lambda: shown and shown[-1] >= wanted, 30)
            window.picture.repaint()
            taken.append(time.perf_counter() - begun)
            until(application, lambda: window.looking.painter.idle, 30)
        window.document.let_go()
        until(application, lambda: window.looking.painter.idle, 120)
        yield from _followed(application, window)
        taken = 1e3 * np.array(taken[3:])
        yield at_most("edit latency, blob move to lit picture, median", float(np.median(taken)), "ms", 150)
        yield Figure("edit latency, 95th percentile", float(np.percentile(taken, 95)), "ms", "median",
                     float(np.median(taken)), float(np.percentile(taken, 95) / np.median(taken)))


def _followed(application, window):
    """A turn of the view under a hand: until the picture on screen follows, and until it is the one marched from there."""
    came, marched = [], []
    window.looking.shown.connect(lambda answer: marched.append((answer.request.mound.view, time.perf_counter())))
    take = window.looking._carried
    window.looking._carried = lambda carried: (take(carried), came.append((carried.view, time.perf_counter())))
    window.looking.carrier._deliver = window.services.relay.to(lambda carried: window.looking._carried(carried))
    view, first, last = window.document.mound.view, [], []
    for n in range(MOVES):
        view, begun = turned(view, 6 if n % 10 < 5 else -6, 0), time.perf_counter()
        window.station.look(view, True)
        until(application, lambda v=view: any(seen == v for seen, _ in marched), 30)
        now = next(at for seen, at in reversed(marched) if seen == view) - begun
        first.append(min([at - begun for seen, at in came if seen == view] + [now]))
        last.append(now)
        came.clear(), marched.clear()
    followed, there = 1e3 * np.median(first[3:]), 1e3 * np.median(last[3:])
    yield Figure("view turned to a picture that follows, median", float(followed), "ms", "to one marched from there", float(there),
                 float(there / followed))
