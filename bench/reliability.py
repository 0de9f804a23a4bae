"""What is left after kills, what damaged files do, and two who publish at once into one library."""

import pathlib
import random
import signal
import subprocess
import sys
import tempfile
import time

from bench.figure import Figure, at_most
from bench.scene import DEMO
from softmound.core.library.asset import publish
from softmound.core.library.index import Index
from softmound.core.library.queue import Queue
from softmound.core.library.shelf import listed, read_version, verify
from softmound.core.problems import Problem
from softmound.core.recipe import read_mound, write_mound

KILLS, SAVES, EACH = 100, 100, 100
DAMAGED = 2000
SLOWEST = 10.0
"""Seconds that a damaged file may take."""
VOXEL = 12.0
_PUBLISH = """
import os, sys
from softmound.core.library.asset import publish
from softmound.core.library.asset import publish
from softmound.core.library.index import Index
from softmound.core.library.queue import Queue
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
        yield from _damaged(folder)
        yield from _two(folder, mound)
        yield from _saves(folder)
        yield from _kills(folder, mound)


_SAVE = """
import sys
from softmound.core.library.queue import Queue
from softmound.core.recipe import read_mound, write_mound
mound, number = read_mound(sys.argv[1]), 0
queue = Queue(sys.argv[2])
print("ready", flush=True)
while True:
    number += 1
    write_mound(sys.argv[1], mound.edited(name=f"Loaf {number}"))
    write_mound(sys.argv[1] + "-copy.mound", mound.edited(name=f"Loaf {number}"))
    for waiting in queue.kept():
        queue.forget(waiting.mark)
    queue.add(mound.edited(name=f"Loaf {number}"), sys.argv[3])
"""


def _saves(folder):
    """Kills while a mound, a copy of it and what waits to be published are written all the time."""
    rng, torn, lost = random.Random(9), 0, 0
    mound, queue = folder / "saved.mound", folder / "queue"
    write_mound(mound, read_mound(DEMO / "cottage_loaf.mound"))
    for _ in range(SAVES):
        child = subprocess.Popen([sys.executable, "-c", _SAVE, str(mound), str(queue), str(folder / "shelf")], text=True,
                                 stdout=subprocess.PIPE, stderr=subprocess.DEVNULL)
        child.stdout.readline()
        time.sleep(rng.uniform(0.0, 0.4))
        child.send_signal(signal.SIGKILL)
        child.wait()
        child.stdout.close()
        for path in (mound, mound.with_name(mound.name + "-copy.mound")):
            try:
                if path.exists():
                    read_mound(path)
            except Problem:
                torn += 1
        there = Queue(queue)
        found = there.left_behind()
        # Between forgetting one and keeping the next there is none.
        lost += len(found) > 2
        for waiting in found:
            there.forget(waiting.mark)
        there.close()
    # The next one who saves here sweeps up.
    write_mound(mound, read_mound(mound))
    left = len(list(folder.glob(".*.part*"))) + len(list(queue.iterdir()))
    yield Figure(f"{SAVES} kills while a mound and its copy are saved: torn", torn, "", aim="0", ok=torn == 0)
    yield Figure("  odd numbers of what waits to be published", lost, "", aim="0", ok=lost == 0)
    yield Figure("  leftovers beside them", left, "", aim="0", ok=left == 0)


def _examples(folder):
    """Whole files of every kind that is read, and what reads them."""
    import cv2
    import numpy as np
    import trimesh

    from softmound.core.exchange.foreign import read_points, read_sky, read_triangles, read_vdb
    from softmound.core.exchange.vdb import write_vdb
    from softmound.core.grain.characters import CHARACTERS, read_character, save_character
    from softmound.core.volume.bricks import grid_of

    loaf = read_mound(DEMO / "cottage_loaf.mound")
    write_mound(folder / "a.mound", loaf)
    save_character(folder / "a.grains", CHARACTERS["Torn"], 200.0)
    values = np.random.default_rng(1).random((4, 512), np.float32)
    write_vdb(folder / "a.vdb", grid_of(1.0, np.array([[0, 0, 0], [0, 0, 1], [0, 1, 0], [1, 0, 0]], np.int32), values))
    ball = trimesh.creation.icosphere(2)
    for ending in ("obj", "ply", "glb", "stl"):
        ball.export(folder / f"a.{ending}")
    np.savez(folder / "a.npz", positions=np.random.default_rng(2).random((50, 3)))
    (folder / "a.csv").write_text("x,y,z,radius\n" + "\n".join(f"{n},{n % 3},{n % 5},1" for n in range(40)))
    pixels = np.random.default_rng(3).random((16, 32, 3)).astype(np.float32)
    cv2.imwrite(str(folder / "a.hdr"), pixels)
    cv2.imwrite(str(folder / "a.png"), (pixels * 255).astype(np.uint8))
    version = folder / "shelf" / "a" / "v001"
    version.mkdir(parents=True)
    made = publish(loaf, folder / "one", 12.0)
    (version / "asset.json").write_bytes((made / "asset.json").read_bytes())

    def index(path):
        with Index(folder / "one", path) as there:
            there.refresh()
            there.search("loaf")

    index(folder / "a.sqlite")
    return {"a.mound": read_mound, "a.grains": read_character, "a.vdb": read_vdb, "a.obj": read_triangles, "a.ply": read_triangles,
            "a.glb": read_triangles, "a.stl": read_triangles, "a.npz": read_points, "a.csv": read_points, "a.hdr": read_sky,
            "a.png": read_sky, "shelf/a/v001/asset.json": lambda path: read_version(path.parent), "a.sqlite": index}


def _hurt(rng, content):
    """A file's bytes, damaged in one of five ways."""
    content, way = bytearray(content), rng.randrange(5)
    at = rng.randrange(len(content))
    if way == 0:
        return bytes(content[:at])
    if way == 1:
        for _ in range(rng.randrange(1, 40)):
            content[rng.randrange(len(content))] = rng.randrange(256)
    elif way == 2:
        content[at:at] = bytes(rng.randrange(256) for _ in range(rng.randrange(1, 300)))
    elif way == 3:
        del content[at : at + rng.randrange(1, 300)]
    else:
        # Numbers that are as large or as small as they can be.
        content[at : at + 8] = rng.choice((b"\xff" * 8, b"\x00" * 8, b"\x7f" + b"\xff" * 7, b"99999999"))
    return bytes(content)


def _damaged(folder):
    import resource

    place = folder / "damaged"
    place.mkdir()
    readers = _examples(place)
    whole = {name: (place / name).read_bytes() for name in readers}
    rng, answers, sentences, odd, slowest = random.Random(3), 0, 0, [], (0.0, "")
    begun, before = time.perf_counter(), resource.getrusage(resource.RUSAGE_SELF).ru_maxrss
    for number in range(DAMAGED):
        name = list(readers)[number % len(readers)]
        path = place / name
        path.write_bytes(_hurt(rng, whole[name]))
        started = time.perf_counter()
        try:
            readers[name](path)
            answers += 1
        except Problem as problem:
            sentences += "\n" not in str(problem)
        except Exception as error:  # the very thing that is looked for
            odd.append(f"{name} {number}: {type(error).__name__} {error}")
        slowest = max(slowest, (time.perf_counter() - started, name))
    grown = (resource.getrusage(resource.RUSAGE_SELF).ru_maxrss - before) / 1e6
    there = {path.name for path in place.iterdir()} - {name.split("/")[0] for name in readers} - {"one", "shelf"}
    for line in odd[:20]:
        print(f"  {line}", file=sys.stderr)
    yield Figure(f"{DAMAGED} damaged files of {len(readers)} kinds: read all the same", answers, "")
    yield Figure("  refused with a sentence", sentences, "", aim=f"{DAMAGED - answers}", ok=sentences == DAMAGED - answers)
    yield Figure("  other ends", len(odd), "", aim="0", ok=not odd)
    yield at_most(f"  slowest ({slowest[1]})", slowest[0], "s", SLOWEST)
    yield at_most("  memory this process grew by", grown, "GB", 1.0)
    yield Figure("  files written elsewhere", len(there - {"a.sqlite-journal"}), "", aim="0", ok=not there - {"a.sqlite-journal"})
    yield Figure("  seconds", time.perf_counter() - begun, "s")


def _kills(folder, mound):
    rng, library, lost, torn, before = random.Random(7), folder / "shelf", 0, 0, set()
    begun = time.perf_counter()
    for number in range(KILLS):
        child = subprocess.Popen([sys.executable, "-m", "softmound", "publish", str(mound), "--library", str(library), "--voxel",
                                  str(VOXEL), "--seeds", f"0-{4 * number + 8}"], stdout=subprocess.PIPE,
                                 stderr=subprocess.DEVNULL, text=True)
        try:
            # From the first that it tells of on, at some moment of the next.
            child.stdout.readline()
            child.wait(rng.uniform(0.0, 1.5))
        except subprocess.TimeoutExpired:
            child.send_signal(signal.SIGKILL)
            child.wait()
        child.stdout.close()
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
    yield Figure(f"  of {len(versions)} published, half written or altered", torn, "", aim="0",
                 ok=torn == 0 and len(versions) >= KILLS)
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
