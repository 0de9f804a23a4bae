"""From the move of a blob to the new lit picture on screen, in the real window, offscreen."""

import time

import numpy as np

from softmound.core.mass.placing import hand_step, moved

from .desk import opened, until
from .figure import Figure, at_most
from .scene import DEMO

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
        taken = 1e3 * np.array(taken[3:])
        yield at_most("edit latency, blob move to lit picture, median", float(np.median(taken)), "ms", 150)
        yield Figure("edit latency, 95th percentile", float(np.percentile(taken, 95)), "ms", "median",
                     float(np.median(taken)), float(np.percentile(taken, 95) / np.median(taken)))
