"""Warm start, as a process of its own: to the card, the window and the first lit picture; and of a picture at the command line."""

import os
import pathlib
import subprocess
import sys
import tempfile
import time

import numpy as np

from bench.figure import at_most
from bench.scene import DEMO

ROOT = pathlib.Path(__file__).parent.parent
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
    with tempfile.TemporaryDirectory(prefix="softmound-bench-") as home:
        softmound(home, "new", "hill.mound", "--start", "congestus", "--span", "400")
        for words, options in (("as fine as a pixel", ()), ("the draft", ("--quick",))):
            took = sorted(softmound(home, "picture", "hill.mound", "--out", "hill.png", "--size", "640x400", "--force", *options)
                          for _ in range(3))
            yield at_most(f"a start of 400 m at the command line, 640x400, {words}", took[1], "s", 4)


def softmound(folder, *words):
    """Seconds that an action of the command line takes, as a process of its own in a folder."""
    begun = time.perf_counter()
    subprocess.run([sys.executable, "-m", "softmound", *words, "--quiet"], cwd=folder, stdout=subprocess.DEVNULL, check=True,
                   env={**os.environ, "PYTHONPATH": str(ROOT)})
    return time.perf_counter() - begun
