"""What clouds that move cost: a step of growth beside the same step by SciPy, what it loses, playing, and numbered frames."""

import pathlib
import tempfile
import threading
import time

import numpy as np
import psutil
from scipy.fft import dct, dst, idct, idst
from scipy.ndimage import map_coordinates

from bench.desk import opened, until
from bench.figure import Figure, at_least, at_most, timed
from bench.rising import PLUME, TOP_HAT, cumulus, plume, ring, thermal
from bench.scene import hero
from softmound.core.engine.density import voxel_along
from softmound.core.engine.line_frames import frames_written
from softmound.core.growth.air import GRAVITY, air_of
from softmound.core.growth.growing import foretold_growth, grown
from softmound.core.growth.riding import refined
from softmound.core.growth.solver import HEAT, SMOKE, Flowing, Weather, memory_of
from softmound.core.kernels import threads
from softmound.core.recipe.time import SOUNDINGS, TimeLine
from softmound.core.starts.rising import rising
from softmound.core.volume.nature import outline_dimension, silhouettes, spectrum_slope

SIDES = (64, 128, 192, 256)
PEERS = (128, 192)
FASTER, LOST, SHOWN = 8.0, 0.1, 12.0
"""Times the peer; per cent a second; frames a second."""
FRAMES, ALONG = 16, 256
"""Of an evolving mound; the issue's hundred would take ten minutes."""
STEP = 0.4
"""Seconds of weather."""


def figures(brief=False):
    """Measure.

    Parameters
    ----------
    brief : bool, optional
        Steps on 64³ and 128³ cells alone.

    Yields
    ------
    Figure
    """
    costs, sides = {}, SIDES[:2] if brief else SIDES
    for side in sides:
        flowing = _thermal(side)
        flowing.step(STEP)
        flowing.step(STEP)
        costs[side] = timed(lambda f=flowing: f._step(STEP, None), 3 if side < 200 else 1, 0)
        yield Figure(f"a step of growth on {side}³ cells", costs[side], "s")
        if side in PEERS:
            peer = timed(lambda f=flowing: _plain_step(f, STEP), 1, 0)
            yield at_least(f"a step on {side}³ cells, beside SciPy's", costs[side], "s", "SciPy", peer, peer / costs[side], FASTER)
            yield at_most(f"divergence left on {side}³ cells", flowing.left, "", 1e-4)
        del flowing
    cells = {side: costs[side] / side**3 * 1e9 for side in sides}
    yield at_most(f"time for a cell at {sides[-1]}³ beside 64³", cells[sides[-1]] / cells[64], "times", 1.3)
    yield from _losses()
    yield from _beside_theory(brief)
    yield from _memory()
    yield from _stops()
    if not brief:
        yield from _grown()
    yield from _played()
    yield from _shared()


def _thermal(side):
    """A warm ball with cloud, in a box of so many cells."""
    flowing = Flowing((side,) * 3, 256.0 / side, Weather())
    at = (np.arange(side) + 0.5) / side
    ball = (at[:, None, None] - 0.5) ** 2 + (at[None, :, None] - 0.25) ** 2 + (at - 0.5) ** 2 < 0.12**2
    flowing.carried[HEAT][ball], flowing.carried[SMOKE][ball] = 3.0, 1.0
    return flowing


def _plain_step(flowing, seconds):
    """The same step as one would write it with NumPy and SciPy."""
    faces, fields, shape = flowing.faces, flowing.carried, flowing.shape
    step = seconds / flowing.cell

    def centre(u, v, w):
        return np.stack([0.5 * (u[1:] + u[:-1]), 0.5 * (v[:, 1:] + v[:, :-1]), 0.5 * (w[:, :, 1:] + w[:, :, :-1])])

    flow = centre(*faces)
    force = np.zeros_like(flow)
    force[1] = GRAVITY / 288.0 * fields[HEAT]
    u, v, w = (face.copy() for face in faces)
    for face, axis in ((u, 0), (v, 1), (w, 2)):
        inner = [slice(None)] * 3
        inner[axis] = slice(1, -1)
        a, b = np.take(force[axis], range(1, shape[axis]), axis), np.take(force[axis], range(shape[axis] - 1), axis)
        face[tuple(inner)] += seconds * 0.5 * (a + b)
    source = np.diff(u, axis=0) + np.diff(v, axis=1) + np.diff(w, axis=2)
    n = [np.arange(s) for s in shape]
    x, y, z = (2 - 2 * np.cos(np.pi * (m + half) / side) for m, half, side in zip(n, (1, 0.5, 1), shape))
    eigen = x[:, None, None] + y[:, None] + z
    p = dst(dct(dst(source, 2, axis=0, workers=2), 4, axis=1, workers=2), 2, axis=2, workers=2) / -eigen
    p = idst(idct(idst(p, 2, axis=2, workers=2), 4, axis=1, workers=2), 2, axis=0, workers=2)
    u[1:-1] -= np.diff(p, axis=0)
    v[:, 1:-1] -= np.diff(p, axis=1)
    w[:, :, 1:-1] -= np.diff(p, axis=2)
    flow = centre(u, v, w).astype(np.float32)

    def moved(fields, off):
        off = np.array(off, np.float32)[:, None, None, None]
        grid = np.stack(np.meshgrid(*(np.arange(s, dtype=np.float32) for s in fields[0].shape), indexing="ij")) + off

        def trace(length):
            first = np.stack([map_coordinates(f, grid, order=1, mode="nearest") for f in flow])
            middle = np.stack([map_coordinates(f, grid - 0.5 * length * first, order=1, mode="nearest") for f in flow])
            return grid - length * middle - off

        back, ahead = trace(step), trace(-step)
        low = np.clip(back.astype(int), 0, np.array(fields[0].shape)[:, None, None, None] - 2)
        for field in fields:
            once = map_coordinates(field, back, order=1, mode="nearest")
            right = once + 0.5 * (field - map_coordinates(once, ahead, order=1, mode="nearest"))
            corners = [field[low[0] + i, low[1] + j, low[2] + k] for i in (0, 1) for j in (0, 1) for k in (0, 1)]
            np.clip(right, np.minimum.reduce(corners), np.maximum.reduce(corners))

    moved(fields, (0.0, 0.0, 0.0))
    for face, off in ((u, (-0.5, 0, 0)), (v, (0, -0.5, 0)), (w, (0, 0, -0.5))):
        moved([face], off)


def _losses():
    """Mass and heat of a thermal that rises freely, over ten seconds."""
    flowing = _thermal(96)
    before = flowing.carried.sum(axis=(1, 2, 3), dtype=np.float64)
    for _ in range(10):
        flowing.step(1.0)
    after = flowing.carried.sum(axis=(1, 2, 3), dtype=np.float64)
    for field, name in ((SMOKE, "cloud"), (HEAT, "heat")):
        yield at_most(f"{name} lost in a second", 100.0 * abs(after[field] / before[field] - 1.0) / 10.0, "%", LOST)


def _within(name, value, low, high, theory):
    """A figure that is to lie between two."""
    return Figure(f"{name} (theory: {theory})", value, "", aim=f"{low:.4g} to {high:.4g}", ok=low <= value <= high)


def _beside_theory(brief):
    """What rises, beside what was measured of it."""
    spread, straight = np.mean([thermal(seed) for seed in range(1 if brief else 3)], axis=0)
    yield _within("spread of a thermal with height", float(spread), 0.85 * TOP_HAT, 1.15 * TOP_HAT, "0.25, within 15 %")
    yield at_least("its height squared over time, correlation", float(straight), "", "a line", 1.0, float(straight), 0.99)
    yield _within("a ring's widening by its buoyancy", ring(), 0.85, 1.15, "1, Turner")
    if brief:
        return
    yield _within("spread of a plume", plume(), *PLUME, "0.10 to 0.13")
    for name, sounding in SOUNDINGS.items():
        top, parcel, wide, _ = cumulus(sounding)
        yield Figure(f"top of a cloud in the sounding {name}", top, "m", "a parcel without mixing", parcel, top / parcel)
        if name == "Capped":
            yield at_least("its width at the lid beside below", wide, "times", "a column", 1.0, wide, 1.3)


def _memory():
    """Of a step, by cell."""
    process, side = psutil.Process(), 160
    flowing = Flowing((side,) * 3, 50.0, Weather(air_of(SOUNDINGS["Towering"], 50.0 * np.arange(side))), lasts=50.0)
    held, most, over = process.memory_info().rss - memory_of_held(flowing), 0, threading.Event()

    def watch():
        nonlocal most
        while not over.wait(0.002):
            most = max(most, process.memory_info().rss)

    watcher = threading.Thread(target=watch)
    watcher.start()
    flowing.step(5.0)
    over.set()
    watcher.join()
    yield at_most("memory of a cell", (most - held) / side**3, "bytes", memory_of((1, 1, 1)))


def memory_of_held(flowing):
    """Bytes that a flow at rest holds: int."""
    return flowing.carried.nbytes + sum(face.nbytes for face in flowing.faces) + flowing.water.nbytes + flowing.riding.rode.nbytes


class _Listening:
    """A ticket that notes how long it was not looked at."""

    def __init__(self):
        self.last, self.longest = time.perf_counter(), 0.0

    def quiet(self):
        return self

    def tick(self, _share):
        now = time.perf_counter()
        self.last, self.longest = now, max(self.longest, now - self.last)


def _stops():
    """How long a step on ten million cells does not hear a stop."""
    side = 216
    flowing = Flowing((side,) * 3, 50.0, Weather(air_of(SOUNDINGS["Towering"], 50.0 * np.arange(side))), lasts=50.0)
    flowing.carried[HEAT, 60:150, 2:40, 60:150] = 1.0
    flowing._step(2.0, None)
    listening = _Listening()
    flowing._step(2.0, None, listening)
    listening.tick(1.0)
    yield at_most(f"longest that a step on {side}³ cells does not hear a stop", listening.longest, "s", 0.1)


def _grown():
    """A turret for a preview and for the last, each beside what was foretold; and a frame of it refined beside nature."""
    whole = rising("turret", "Turret")
    for cell, aim, words in ((8.0, 15.0, "preview"), (2.0, 1800.0, "last")):
        mound = whole.edited(growth=whole.growth.edited(seconds=2.0, cell=cell))
        said = foretold_growth(mound, 24.0)["seconds"]
        with tempfile.TemporaryDirectory() as folder:
            begun = time.perf_counter()
            kept = grown(mound, folder)
            taken = time.perf_counter() - begun
            frame = kept.frame(kept.last)
            with np.load(kept.folder / f"state_{kept.last:05d}.npz") as state:
                cells = state["carried"][0].size
        yield at_most(f"48 frames of a turret at {cell:g} m, {words}", taken, "s", aim)
        yield Figure(f"foretold for the {words}", said, "s", "taken", taken, said / taken)
    yield at_most("memory of it at cells of 1.5 m", memory_of((1, 1, round(cells * (2.0 / 1.5) ** 3))) / 1e9, "GB", 2.0)
    begun = time.perf_counter()
    grid = refined(frame, 2, 1.0)
    yield Figure("a frame of it refined twofold", time.perf_counter() - begun, "s")
    outline = float(np.mean([outline_dimension(mask) for mask in silhouettes(grid)]))
    yield _within("dimension of its outline", outline, 1.3, 1.4, "nature 1.3 to 1.4")
    yield _within("slope of its spectrum", spectrum_slope(grid), -1.9, -1.5, "nature -1.9 to -1.5")


def _played():
    """48 frames at 640x400, from memory."""
    with opened(None) as (application, window):
        window.document.open(hero().edited(time=TimeLine(last=48)))
        until(application, lambda: window.looking.painter.idle, 120)
        begun = time.perf_counter()
        window.moving.play()
        until(application, lambda: window.moving.playing, 600)
        yield Figure("48 frames made to be played", time.perf_counter() - begun, "s")
        pictures = window.moving._pictures
        begun = time.perf_counter()
        for pixels in pictures.values():
            window.picture.show_pixels(pixels, 2)
            window.picture.repaint()
        rate = len(pictures) / (time.perf_counter() - begun)
        window.moving.stop()
        yield at_least("frames played from memory", rate, "/s", "what is asked for", SHOWN, rate / SHOWN, 1.0)


def _shared():
    """Numbered frames by one process and by two."""
    mound = hero().edited(time=TimeLine(last=FRAMES))
    voxel = voxel_along(mound, ALONG)
    taken = {}
    with tempfile.TemporaryDirectory() as folder:
        for workers in (1, 2):
            begun = time.perf_counter()
            frames_written(mound, pathlib.Path(folder, str(workers)), range(1, FRAMES + 1), voxel, workers)
            taken[workers] = time.perf_counter() - begun
    yield Figure(f"{FRAMES} frames at {ALONG} long by one process of {threads()} threads", taken[1], "s")
    yield Figure("the same by two processes", taken[2], "s", "one process", taken[1], taken[1] / taken[2])
