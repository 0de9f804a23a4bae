"""Warm start of the application, as a process of its own: to its card, to its window, and to its first lit picture."""

import os
import subprocess
import sys
import tempfile
import time

import numpy as np

from bench.figure import at_most
from bench.scene import DEMO

_SCRIPT = """
import os, sys
from softmound.commands import desk  # as the command line does
from softmound.desk.shell import application, opening

def told(word, show):
    def shown(*arguments):
        result = show(*arguments)
        print(word, flush=True)
        return result
    return shown

opening.QLabel.show = told("card", opening.QLabel.show)
begun = application.begun

def hooked(mound):
    made = begun(mound)
    from softmound.desk.shell import window

    class Watched(window.Window):
        def __init__(self, *arguments, **options):
            super().__init__(*arguments, **options)
            self.services.builder.kept = None
            self.looking.shown.connect(lambda answer: (print("lit", flush=True), os._exit(0)))

        show = told("window", window.Window.show)

    window.Window = Watched
    return made

application.begun = hooked
application.main({path!r}, {library!r})
"""


def figures():
    """Measure.

    Yields
    ------
    Figure
    """
    taken = []
    for _ in range(4):
        with tempfile.TemporaryDirectory(prefix="softmound-bench-") as home:
            homes = {f"XDG_{kind}_HOME": os.path.join(home, kind.lower()) for kind in ("DATA", "CONFIG", "STATE")}
            script = _SCRIPT.format(path=str(DEMO / "cottage_loaf.mound"), library=os.path.join(home, "library"))
            begun, seconds = time.perf_counter(), {}
            process = subprocess.Popen([sys.executable, "-c", script], stdout=subprocess.PIPE, stderr=subprocess.DEVNULL,
                                       env={**os.environ, **homes, "QT_QPA_PLATFORM": "offscreen"}, text=True)
            for line in process.stdout:
                seconds[line.strip()] = time.perf_counter() - begun
            process.wait()
        taken.append([seconds[word] for word in ("card", "window", "lit")])
    card, window, lit = np.median(taken[1:], axis=0)
    yield at_most("start-up, process start to something seen", float(card), "s", 0.7)
    yield at_most("start-up, to the window", float(window), "s", 2)
    yield at_most("start-up, process start to first lit picture", float(lit), "s", 3)
