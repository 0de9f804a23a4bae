"""Warm start of the application to its first lit picture, as a process of its own."""

import subprocess
import sys
import time

import numpy as np

from .figure import at_most
from .scene import DEMO

_SCRIPT = """
from bench.desk import opened
with opened({path!r}) as (application, window):
    print("lit", flush=True)
"""


def figures():
    """Measure.

    Yields
    ------
    Figure
    """
    taken = []
    for _ in range(4):
        begun = time.perf_counter()
        process = subprocess.Popen(
            [sys.executable, "-c", _SCRIPT.format(path=str(DEMO / "cottage_loaf.mound"))],
            stdout=subprocess.PIPE, stderr=subprocess.DEVNULL)
        process.stdout.readline()
        taken.append(time.perf_counter() - begun)
        process.stdout.close()
        process.wait()
    yield at_most("start-up, process start to first lit picture", float(np.median(taken[1:])), "s", 3)
