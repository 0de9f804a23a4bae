"""The library: five tiers of the demo hero beside a bare write of the same grids; and a library of thousands."""

import json
import os
import pathlib
import resource
import tempfile
import time

import numpy as np

from bench.desk import opened, until
from bench.figure import Figure
from bench.scene import DEMO
from softmound.core.engine.density import density_grid, voxel_along
from softmound.core.exchange.vdb import write_vdb
from softmound.core.library.asked import asked
from softmound.core.library.asset import publish
from softmound.core.library.choices import TIERS
from softmound.core.library.folders import sealed
from softmound.core.library.index import Found, Index, index_path, stamps_in
from softmound.core.recipe import read_mound
from softmound.core.volume.halved import reduced
from softmound.core.volume.reference import vdb
from softmound.core.volume.twin import vdb_of

ALONG, MANY = 512, 20_000
FRAMES, STEP, RELIT = 300, 90, 60
WORDS = ("loaf", "hero", "cong", "dawn tower", "wb 01", "bri", "night", "torn loaf", "zzz", "h")
TAGS = ("hero", "congestus", "tower", "dawn", "torn", "backlit", "storm", "flat", "small", "night shift")


def figures(brief=False):
    """Measure.

    Parameters
    ----------
    brief : bool, optional
        With a quarter of the assets.

    Yields
    ------
    Figure
    """
    with tempfile.TemporaryDirectory(prefix="softmound-bench-") as folder:
        yield from _tiers(pathlib.Path(folder))
        yield from _thousands(pathlib.Path(folder), MANY // 4 if brief else MANY)


def _tiers(folder):
    mound = read_mound(DEMO / "cottage_loaf.mound")
    grid = density_grid(mound, voxel_along(mound, ALONG))
    begun = time.perf_counter()
    tiers = [reduced(grid, times) for times in TIERS]
    halving = time.perf_counter() - begun
    begun = time.perf_counter()
    for number, tier in enumerate(tiers):
        write_vdb(folder / f"{number}.vdb", tier)
    ours = time.perf_counter() - begun
    made = [vdb_of(tier, "density", True, {}) for tier in tiers]
    begun = time.perf_counter()
    for number, each in enumerate(made):
        vdb.write(str(folder / f"bare{number}.vdb"), grids=[each])
    bare = time.perf_counter() - begun
    yield Figure(f"five tiers of Cottage Loaf, {ALONG} long: written, read back, compared", ours, "s", "a bare write", bare,
                 ours / bare, "at most 2", ours <= 2.0 * bare)
    yield Figure("  reducing", halving, "s")
    sizes = [sum((folder / f"{kind}{n}.vdb").stat().st_size for n in range(len(tiers))) for kind in ("", "bare")]
    yield Figure("  bytes of all five", sizes[0] / 1e6, "MB", "a bare write", sizes[1] / 1e6, sizes[0] / sizes[1])


def _thousands(folder, many):
    """A library of thousands: taken into an index, opened, searched, and scrolled in the window."""
    library, index = folder / "shelf", index_path(folder / "shelf")
    version = publish(read_mound(DEMO / "cottage_loaf.mound"), folder / "one", voxel=16.0, tiers=(1, 4))
    facts, rng = json.loads((version / "asset.json").read_text()), np.random.default_rng(5)
    for number in range(many):
        place = library / f"cloud_{number:05d}" / "v001"
        place.mkdir(parents=True)
        name = f"{('Loaf', 'Brioche', 'Spire', 'Drift', 'Crust')[number % 5]} {number:05d}"
        said = {**facts, "name": name, "tags": [str(t) for t in rng.choice(TAGS, 3, replace=False)],
                "shots": [f"WB-{number % 40:03d}"], "author": "The night shift", "note": f"tried {number % 7} times"}
        (place / "asset.json").write_text(sealed(said))
        for file in facts["files"]:
            os.link(version / file, place / file)
    begun = time.perf_counter()
    with Index(library) as there:
        there.refresh()
    yield Figure(f"{many:,} assets taken into an index for the first time", time.perf_counter() - begun, "s")
    begun = time.perf_counter()
    with Index(library) as there:
        Found(there, there.numbers())[0]
        opened_in = time.perf_counter() - begun
        begun = time.perf_counter()
        stamps = stamps_in(library)
        looked = time.perf_counter() - begun
        begun = time.perf_counter()
        there.refresh(there=stamps)
        again = time.perf_counter() - begun
        taken = []
        for words in WORDS * 5:
            begun = time.perf_counter()
            Found(there, there.numbers(**asked(words)))[:30]
            taken.append(time.perf_counter() - begun)
    yield Figure(f"opening a library of {many:,}: all of the index, and its newest", 1e3 * opened_in, "ms", aim="at most 300",
                 ok=opened_in <= 0.3)
    yield Figure("  looking through its folders, beside the hand", 1e3 * looked, "ms")
    yield Figure("  holding them against the index", 1e3 * again, "ms")
    slow = float(np.percentile(taken, 95))
    yield Figure(f"  an answer to a search, 95th percentile of {len(taken)}", 1e3 * slow, "ms", aim="at most 50", ok=slow <= 0.05)
    yield from _wall(library)
    index.unlink(missing_ok=True)


def _wall(library):
    from PyQt6.QtWidgets import QApplication

    with opened(None) as (application, window):
        window.open_station("Library")  # which the window lays out by itself once its first picture is there
        window.open_station("Mass")
        QApplication.processEvents()
        station, before = window.stations["Library"], _memory()
        window.delivering.library = library
        begun = time.perf_counter()
        station.look_again()
        window.open_station("Library")
        QApplication.processEvents()
        shown = time.perf_counter() - begun
        until(application, lambda: station._watch._thread is None, 60)
        yield Figure("the wall: opened and drawn", 1e3 * shown, "ms", aim="at most 300", ok=shown <= 0.3)
        frames, bar = [], station.wall.verticalScrollBar()
        for _ in range(FRAMES):
            begun = time.perf_counter()
            bar.setValue(bar.value() + STEP)
            QApplication.processEvents()
            frames.append(time.perf_counter() - begun)
            time.sleep(0.004)
        worst = float(np.percentile(frames, 99))
        yield Figure(f"  scrolled by {STEP} pixels, median of {FRAMES} frames", 1e3 * float(np.median(frames)), "ms")
        yield Figure("  the same, 99th percentile", 1e3 * worst, "ms", aim="at most 16", ok=worst <= 0.016)
        yield Figure("  memory of the wall", (_memory() - before) / 1e6, "MB", aim="at most 300", ok=_memory() - before <= 300e6)
        begun = time.perf_counter()
        station.one_light.switch(True)
        until(application, lambda: len(station.one_light.images) >= RELIT, 300)
        each = (time.perf_counter() - begun) / RELIT
        yield Figure(f"  lit by one sun, each of {RELIT}", 1e3 * each, "ms", aim="at most 20", ok=each <= 0.02)
        station.one_light.switch(False)
        seen = []
        window.looking.shown.connect(lambda answer: seen.append(answer.request.placed is not None))
        begun = time.perf_counter()
        station.showing.show(station.found[0])
        until(application, lambda: any(seen), 60)
        yield Figure("  published files in the picture", time.perf_counter() - begun, "s")


def _memory():
    with open("/proc/self/statm", encoding="ascii") as file:
        return int(file.read().split()[1]) * resource.getpagesize()
