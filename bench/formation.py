"""Many clouds in one sky: how a picture's time and memory grow with the members, and one merged grid against bare writes."""

import os
import pathlib
import tempfile
import time

import numpy as np

from bench.figure import Figure, at_most, timed
from bench.scene import DEMO
from softmound.core.engine.calibration import PeakMemory
from softmound.core.engine.stages import Stages, layers_of
from softmound.core.engine.stills import Taking, still_of_scene
from softmound.core.exchange.vdb import write_vdb
from softmound.core.formation.merging import merged
from softmound.core.formation.spreading import spread_again
from softmound.core.formation.standing import bounds_of_flock, scene_of_flock, sources_of
from softmound.core.library.asset import publish
from softmound.core.light.lattices.coarse import QUICK
from softmound.core.light.scene.camera import camera_of, fitted
from softmound.core.recipe import read_mound
from softmound.core.recipe.flock import Asset, Deck, Flock, Haze, Kind, Spread

HEROES = ("cottage_loaf", "brioche", "flour_drift", "burnt_crust", "meringue_spire")
VOXEL = 2.0
SIZE = (640, 400)
COUNTS = {1: 600.0, 10: 2_500.0, 100: 8_000.0, 1_000: 25_000.0, 10_000: 80_000.0}
"""Members, and how wide their area is, metres: as dense for each."""
MERGED, MERGED_VOXEL = 50, 8.0
TRACED, BLOCK = (192, 120), 6
"""Pixels of pictures that are traced as well, and of a block."""


def figures():
    """Measure.

    Yields
    ------
    Figure
    """
    with tempfile.TemporaryDirectory(prefix="softmound-bench-") as folder:
        library = pathlib.Path(folder) / "shelf"
        names = []
        for hero in HEROES:
            mound = read_mound(DEMO / f"{hero}.mound")
            names.append(mound.name)
            publish(mound, library, VOXEL, tiers=(1, 2, 4, 8))
        yield from _pictures(library, names)
        yield from _merged(library, names, pathlib.Path(folder))
        yield from _true(library, names)


def _true(library, names):
    """Draft light beside True light, on blocks, of a few clouds near one another, of a street over a deck, and of a haze."""
    few, sources, _ = _flock(library, names, 5, 900.0)
    deck = Deck(lumps=300.0, thickness=160.0, reach=3_000.0, altitude=150.0)
    skies = {"five clouds": few, "over a deck": few.edited(decks=(deck,)), "in a haze": few.edited(hazes=(
        Haze(visibility=6.0, reach=3_000.0, falls=600.0, lumps=800.0),))}
    width, height = TRACED
    for name, flock in skies.items():
        box = bounds_of_flock(flock, sources)
        view = fitted(flock.view.edited(elevation=4.0), *box, width, height)
        scene, stages = scene_of_flock(flock, sources, width, height, view), Stages()
        draft = still_of_scene(stages, scene, Taking(width, height, passes=4))
        true = still_of_scene(stages, scene, Taking(width, height, true=True, noise=0.06))
        yield at_most(f"Draft beside True light, {name}", 100.0 * _apart(draft.radiance, true.radiance), "%", 10.0)


def _apart(draft, true):
    """Mean difference on blocks that are mostly cloud, beside the mean of what is compared with."""
    high, wide = (side // BLOCK for side in draft.shape[:2])

    def blocks(picture):
        return picture[: high * BLOCK, : wide * BLOCK].reshape(high, BLOCK, wide, BLOCK, -1).mean(axis=(1, 3))

    a, b = blocks(draft), blocks(true)
    cloud = b[..., 3] > 0.7
    return float(np.abs(a[cloud][:, :3] - b[cloud][:, :3]).mean() / b[cloud][:, :3].mean())


def _flock(library, names, count, wide):
    kinds = tuple(Kind(asset=Asset(name=name)) for name in names)
    flock = Flock(spreads=(Spread(kinds=kinds, count=count, size=(wide, wide), low=600.0, high=650.0),))
    sources = sources_of(flock, library)
    begun = time.perf_counter()
    flock = spread_again(flock, {asset: source.radius for asset, source in sources.items()})
    return flock, sources, time.perf_counter() - begun


def _pictures(library, names):
    taken, memory = {}, {}
    for count, wide in COUNTS.items():
        flock, sources, spreading = _flock(library, names, count, wide)
        view = fitted(flock.view.edited(focal=24.0), *bounds_of_flock(flock, sources), *SIZE)
        view = view.edited(distance=view.distance * 0.5)
        with PeakMemory() as peak:
            begun = time.perf_counter()
            scene, stages, camera = scene_of_flock(flock, sources, *SIZE, view), Stages(), camera_of(view, *SIZE)
            layers_of(stages, scene, camera, fine=QUICK)
            first = time.perf_counter() - begun
        memory[count] = peak.bytes or 0
        taken[count] = timed(lambda s=stages, sc=scene, c=camera: layers_of(s, sc, c, fine=QUICK), 3, 0)
        said = f"{len(flock.members):,} members"
        yield Figure(f"{said}: spreading", spreading, "s")
        yield Figure(f"{said}: first picture at {SIZE[0]}x{SIZE[1]}", first, "s")
        yield Figure(f"{said}: camera move", 1e3 * taken[count], "ms", "one member", 1e3 * taken[1], taken[count] / taken[1],
                     "ratio <= 4" if count == 1_000 else "", taken[count] <= 4.0 * taken[1] if count == 1_000 else None)
        yield Figure(f"{said}: memory that the picture rose by", memory[count] / 1e6, "MB")
    grown = taken[10_000] / taken[10]
    yield Figure("10 to 10,000 members: a camera move grows by", grown, "times", "root of how many more", 1_000**0.5,
                 grown / 1_000**0.5, "ratio <= 1", grown <= 1_000**0.5)


def _merged(library, names, folder):
    flock, sources, _ = _flock(library, names, MERGED, 5_000.0)
    with PeakMemory() as peak:
        begun = time.perf_counter()
        grid, _ = merged(flock, sources, MERGED_VOXEL)
        write_vdb(folder / "sky.vdb", grid)
        whole = time.perf_counter() - begun
    alone = 0.0
    for source in list(sources.values()):
        begun = time.perf_counter()
        write_vdb(folder / "one.vdb", source.grid(min(4, max(source.tiers))))
        alone += (time.perf_counter() - begun) * sum(sources[m.asset] is source for m in flock.members)
    yield Figure(f"{MERGED} members merged at {MERGED_VOXEL:g} m and written", whole, "s", "each written alone, in sum", alone,
                 whole / alone)
    yield Figure("  bytes", os.path.getsize(folder / "sky.vdb") / 1e6, "MB")
    yield at_most("  memory it rose by", peak.bytes / 1e9, "GB", 2.0)
