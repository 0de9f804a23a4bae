"""What is left after kills: batches, and two who publish at once into one library."""

import pathlib
import random
import signal
import subprocess
import sys
import tempfile
import time

from softmound.core.library.index import Index
from softmound.core.library.shelf import listed, verify
from softmound.core.problems import Problem
from softmound.core.recipe import read_mound, write_mound

from .figure import Figure
from .scene import DEMO

KILLS, EACH = 200, 100
VOXEL = 12.0
_PUBLISH = """
import os, sys
from softmound.core.library.asset import publish
from softmound.core.library.index import Index
from softmound.core.recipe import read_mound
mound = read_mound(sys.argv[1])
for n in range(int(sys.argv[3])):
    publish(mound, sys.argv[2], voxel=float(sys.argv[4]))
    with Index(sys.argv[2], sys.argv[5]) as index:
        index.refresh()
# Threads of the kernels take long to end by themselves where two processes share the cores.
os._exit(0)
"""


def figures():
    """Measure.

    Yields
    ------
    Figure
    """
    with tempfile.TemporaryDirectory(prefix="softmound-bench-") as folder:
        folder = pathlib.Path(folder)
        mound = folder / "loaf.mound"
        write_mound(mound, read_mound(DEMO / "cottage_loaf.mound"))
        yield from _kills(folder, mound)
        yield from _two(folder, mound)


def _kills(folder, mound):
    rng, library, lost, torn, before = random.Random(7), folder / "shelf", 0, 0, set()
    begun = time.perf_counter()
    for number in range(KILLS):
        child = subprocess.Popen([sys.executable, "-m", "softmound", "publish", str(mound), "--library", str(library), "--voxel",
                                  str(VOXEL), "--seeds", f"0-{number + 3}", "--quiet"],
                                 stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)
        try:
            child.wait(rng.uniform(0.8, 2.4))
        except subprocess.TimeoutExpired:
            child.send_signal(signal.SIGKILL)
            child.wait()
        now = set()
        for version in listed(library):
            now.add(version.folder)
            if version.folder not in before:
                torn += _torn(version.folder)
        lost += len(before - now)
        before = now
    versions = listed(library)
    jobs = [v.facts["job"] for v in versions]
    with Index(library, folder / "index.sqlite") as index:
        index.refresh()
        known = index.count()
    yield Figure(f"{KILLS} kills of a batch at random moments: versions lost", lost, "", aim="0", ok=lost == 0)
    yield Figure(f"  of {len(versions)} published, half written or altered", torn, "", aim="0", ok=torn == 0)
    yield Figure("  published twice", len(jobs) - len(set(jobs)), "", aim="0", ok=len(jobs) == len(set(jobs)))
    yield Figure("  off in the index", abs(known - len(versions)), "", aim="0", ok=known == len(versions))
    yield Figure("  seconds", time.perf_counter() - begun, "s")


def _torn(folder):
    try:
        verify(folder)
    except Problem:
        return 1
    return 0


def _two(folder, mound):
    library, index = folder / "two", folder / "two.sqlite"
    begun = time.perf_counter()
    both = [subprocess.Popen([sys.executable, "-c", _PUBLISH, str(mound), str(library), str(EACH), str(VOXEL), str(index)])
            for _ in range(2)]
    codes = [child.wait() for child in both]
    versions = listed(library)
    with Index(library, index) as there:
        there.refresh()
        known = there.count()
    whole = not sum(_torn(v.folder) for v in versions)
    right = whole and codes == [0, 0] and len({v.number for v in versions}) == known == 2 * EACH
    yield Figure(f"two processes publish {EACH} versions each: versions", len(versions), "", aim=f"{2 * EACH}", ok=right)
    yield Figure("  seconds", time.perf_counter() - begun, "s")
