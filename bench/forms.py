"""Forms to distance: models against the reference library, many blobs, and the hand on one of them."""

import time

import numpy as np
from PyQt6.QtCore import QPointF, Qt

from bench.desk import opened, until
from bench.figure import Figure, at_most, timed
from bench.scene import DEMO
from softmound.core.engine.density import density_grid, draft_voxel
from softmound.core.exchange.foreign import read_triangles
from softmound.core.exchange.forms import mesh_form
from softmound.core.mass.distance import band_of, distance_in
from softmound.core.mass.placing import moved
from softmound.core.mass.polygons import narrow_band
from softmound.core.mass.sampling import field_for, forget_fields
from softmound.core.recipe import Mass, Mound, Skin
from softmound.core.starts.heaps import pile
from softmound.core.volume.reference import vdb

LONG = (128, 256, 512)
BAND = 3
MOVES = 30
DABS = 50


def figures():
    """Measure.

    Yields
    ------
    Figure
    """
    yield from _models()
    yield from _many()
    with opened(DEMO / "cottage_loaf.mound") as (application, window):
        yield from _hand(application, window)


def _models():
    form = mesh_form(read_triangles(DEMO.parent / "softmound" / "examples" / "brioche.ply"), "Brioche", close_holes=True)
    vertices, faces = form.surface["vertices"], form.surface["faces"].astype(np.uint32)
    narrow_band(vertices, faces, 4.0)  # the process that converts is there from the first model on
    for along in LONG:
        voxel = float(np.ptp(vertices, axis=0).max()) / along
        mound = Mound(mass=Mass(forms=(form,), melt=0.0, base=Mass().base.edited(on=False)),
                      skin=Skin(thickness=2 * voxel))
        ours, peers, grid = [], [], None
        for _ in range(3):
            forget_fields()
            ours.append(timed(lambda: density_grid(mound, voxel), 1, 0))
            begun = time.perf_counter()
            grid = vdb.FloatGrid.createLevelSetFromPolygons(
                vertices, triangles=faces, transform=vdb.createLinearTransform(voxel), halfWidth=float(BAND))
            peers.append(time.perf_counter() - begun)
        taken, peer = float(np.median(ours)), float(np.median(peers))
        yield Figure(f"mesh to fog, {along} voxels long", taken, "s", "reference conversion alone", peer, taken / peer,
                     "ratio <= 1.3", taken / peer <= 1.3)
        held = field_for(form, voxel, 2 * voxel)[0].nbytes / 1e6
        band = grid.memUsage() / 1e6
        yield Figure(f"mesh field in memory, {along} voxels long", held, "MB", "reference narrow band", band, held / band,
                     "ratio <= 2", held / band <= 2.0)


def _blobs(count):
    """So many blobs in a heap 300 m wide."""
    return Mass(forms=pile(count, (300.0, 160.0, 240.0), 0.8, (4.0, 16.0), 5), melt=4.0)


def _many():
    taken = {}
    for count in (1_000, 10_000):
        mass = _blobs(count)
        voxel = draft_voxel(Mound(mass=mass))

        def distances():
            band = band_of(mass, voxel, 4.0, 8.0)
            return distance_in(band.shape, voxel, band.cells)
        taken[count] = timed(distances, 3)
    yield Figure("1,000 blobs to distance at a 160-voxel draft", 1e3 * taken[1_000], "ms")
    ratio = taken[10_000] / taken[1_000]
    yield Figure("10,000 blobs to distance at a 160-voxel draft", 1e3 * taken[10_000], "ms", "1,000 blobs",
                 1e3 * taken[1_000], ratio, "ratio <= 12", ratio <= 12.0)


def _hand(application, window):
    shown = []
    window.looking.shown.connect(lambda answer: shown.append(answer.request.number))
    mound = window.document.mound
    window.document.apply("thousand", lambda _: mound.edited(mass=_blobs(1_000)))
    window.open_station("Mass")
    window.looking.fit()
    until(application, lambda: window.looking.painter.idle, 120)

    def taken(act):
        begun = time.perf_counter()
        act()
        wanted = window.looking.newest
        until(application, lambda: shown and shown[-1] >= wanted, 30)
        window.picture.repaint()
        return 1e3 * (time.perf_counter() - begun)

    window.stations["Mass"].choose(500)
    times = []
    for n in range(MOVES + 3):
        step = (2.0 if n % 8 < 4 else -2.0, 1.0, 0.0)
        times.append(taken(lambda: window.stations["Mass"].replace(lambda form: moved(form, step), "move form", True)))
        until(application, lambda: window.looking.painter.idle, 30)
    window.document.let_go()
    until(application, lambda: window.looking.painter.idle, 120)
    yield at_most("drag one of 1,000 blobs to lit picture, median", float(np.median(times[3:])), "ms", 150)

    window.document.apply("back", lambda _: mound)
    until(application, lambda: window.looking.painter.idle, 120)
    window.stations["Mass"].take("dab")
    window.stations["Mass"].change_brush(radius=6.0)
    picture, hand = window.picture, window.stations["Mass"].hand
    across = np.linspace(0.3, 0.7, DABS) * picture.width()
    times = []
    for n, x in enumerate(across):
        at = QPointF(float(x), picture.height() * 0.55)
        act = hand.press if n == 0 else hand.drag
        times.append(taken(lambda: act(at, Qt.KeyboardModifier.NoModifier, picture.camera())))
        until(application, lambda: window.looking.painter.idle, 30)
    hand.release()
    yield at_most(f"a stroke of {DABS} dabs, median per dab", float(np.median(times)), "ms", 150)
    yield Figure("a stroke of dabs, 95th percentile", float(np.percentile(times, 95)), "ms", "median",
                 float(np.median(times)), float(np.percentile(times, 95) / np.median(times)))
    window.stations["Mass"].take("")
