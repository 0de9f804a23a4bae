"""The library: five tiers of the demo hero beside a bare write of the same grids; and a library of thousands."""

import json
import pathlib
import tempfile
import time

import numpy as np

from bench.figure import Figure
from bench.scene import DEMO
from softmound.core.engine.density import density_grid, voxel_along
from softmound.core.exchange.vdb import write_vdb
from softmound.core.library.asset import publish
from softmound.core.library.choices import TIERS
from softmound.core.library.folders import sealed
from softmound.core.library.index import Index
from softmound.core.recipe import read_mound
from softmound.core.volume.halved import reduced
from softmound.core.volume.reference import vdb
from softmound.core.volume.twin import vdb_of

ALONG, MANY = 512, 5000
WORDS = ("loaf", "hero", "cong", "dawn tower", "wb 01", "bri", "night", "torn loaf", "zzz", "h")
TAGS = ("hero", "congestus", "tower", "dawn", "torn", "backlit", "storm", "flat", "small", "night shift")


def figures():
    """Measure.

    Yields
    ------
    Figure
    """
    with tempfile.TemporaryDirectory(prefix="softmound-bench-") as folder:
        yield from _tiers(pathlib.Path(folder))
        yield from _thousands(pathlib.Path(folder))


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


def _thousands(folder):
    library, index = folder / "shelf", folder / "index.sqlite"
    mound = read_mound(DEMO / "cottage_loaf.mound")
    version = publish(mound, folder / "one", voxel=16.0)
    facts, rng = json.loads((version / "asset.json").read_text()), np.random.default_rng(5)
    for number in range(MANY):
        place = library / f"cloud_{number:04d}" / "v001"
        place.mkdir(parents=True)
        name = f"{('Loaf', 'Brioche', 'Spire', 'Drift', 'Crust')[number % 5]} {number:04d}"
        said = {**facts, "name": name, "tags": [str(t) for t in rng.choice(TAGS, 3, replace=False)],
                "shots": [f"WB-{number % 40:03d}"], "author": "The night shift", "note": f"tried {number % 7} times"}
        (place / "asset.json").write_text(sealed(said))
    begun = time.perf_counter()
    with Index(library, index) as there:
        there.refresh()
    yield Figure(f"{MANY:,} assets taken into an index for the first time", time.perf_counter() - begun, "s")
    begun = time.perf_counter()
    with Index(library, index) as there:
        there.search(limit=200)
        opened = time.perf_counter() - begun
        begun = time.perf_counter()
        there.refresh()
        again = time.perf_counter() - begun
        taken = []
        for words in WORDS * 5:
            begun = time.perf_counter()
            there.search(words, limit=200)
            taken.append(time.perf_counter() - begun)
    yield Figure(f"opening a library of {MANY:,}: the index, and its 200 newest", 1e3 * opened, "ms", aim="at most 300",
                 ok=opened <= 0.3)
    yield Figure("  looking through its folders for what is new", 1e3 * again, "ms")
    slow = float(np.percentile(taken, 95))
    yield Figure(f"  an answer to a search, 95th percentile of {len(taken)}", 1e3 * slow, "ms", aim="at most 50", ok=slow <= 0.05)
