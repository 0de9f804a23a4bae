"""From a photograph to its likeness: the program's own pictures of clouds that nothing here was fitted to, read and made again."""

import os
import tempfile
import time

import numpy as np
import scipy
from PIL import Image
from PyQt6.QtCore import QTimer

from bench.desk import opened, until
from bench.figure import Figure, at_most
from softmound.core.engine.density import voxel_along
from softmound.core.engine.framing import framed
from softmound.core.engine.stages import Stages
from softmound.core.engine.stills import Taking, still_of
from softmound.core.grain.characters import CHARACTERS, MADE_FOR, sized_character
from softmound.core.light.picture.looks import looked
from softmound.core.photograph.blocking import Asked, blocked_in, overlap_of, seen_as
from softmound.core.photograph.near import Beside, brought_near
from softmound.core.photograph.reading import Photograph, read_in
from softmound.core.photograph.sunlight import Lit, apart
from softmound.core.starts.species import start
from softmound.core.volume.nature import outline_dimension

SIZE, ALONG = (960, 600), 300
CLOUDS = (("mediocris", None, 40.0, 30.0), ("congestus", None, 105.0, 22.0), ("humilis", None, -80.0, 40.0),
          ("calvus", None, 150.0, 14.0), ("fractus", None, 25.0, 45.0), ("mediocris", "Boil", -115.0, 18.0),
          ("congestus", "Crumb", -45.0, 32.0), ("pileus", None, 80.0, 50.0), ("mediocris", "Cauliflower", 65.0, 12.0),
          ("congestus", "Torn", -150.0, 28.0))
"""Starts, their characters, and the sun: azimuth about the camera and elevation, degrees."""
SEED = 7_000
"""Of the first; no setting of `core.photograph` was looked for with these."""
SEARCHED, HANDS = 45.0, 300.0
"""Seconds that a mound is brought near, and that a stranger has for all of it."""


def photographed(number, size=SIZE, along=ALONG):
    """A picture of a cloud, and what is known of it.

    Parameters
    ----------
    number : int
        Of `CLOUDS`.
    size : (int, int), optional
    along : int, optional
        Voxels along the cloud.

    Returns
    -------
    pixels : ndarray of uint8, shape (height, width, 3)
    mask : ndarray of bool, shape (height, width)
        Its largest part where it is more than half opaque, without holes.
    sun : (float, float)
        Azimuth about the camera and elevation, degrees.
    focal : float
        Millimetres.
    """
    species, character, azimuth, elevation = CLOUDS[number]
    dice = np.random.default_rng(SEED + number)
    mound = start(species, species, seed=SEED + number)
    if character is not None:
        mound = mound.edited(grains=sized_character(CHARACTERS[character], MADE_FOR))
    around, focal = float(dice.uniform(-180.0, 180.0)), float(dice.choice([35.0, 50.0, 85.0]))
    sun = mound.light.sun.edited(azimuth=(around + azimuth + 180.0) % 360.0 - 180.0, elevation=elevation)
    sky = mound.light.sky.edited(visibility=float(dice.uniform(30.0, 120.0)))
    view = mound.view.edited(azimuth=around, elevation=float(dice.uniform(-9.0, -2.0)), focal=focal)
    mound = framed(mound.edited(light=mound.light.edited(sun=sun, sky=sky), view=view), *size)
    stages, voxel = Stages(), voxel_along(mound, along)
    grid = stages.density(mound, voxel, remember=False)
    still = still_of(stages, mound, grid, stages.density_key(mound, voxel), Taking(*size, passes=2))
    parts, _ = scipy.ndimage.label(scipy.ndimage.binary_fill_holes(still.radiance[..., 3] > 0.5))
    mask = parts == 1 + np.bincount(parts.ravel())[1:].argmax()
    return looked(still.radiance, mound.light)[..., :3], mask, (azimuth, elevation), focal


def as_jpeg(pixels):
    """What a camera would have left of a picture: ndarray of uint8."""
    with tempfile.TemporaryFile() as file:
        Image.fromarray(pixels).save(file, "JPEG", quality=92)
        return np.asarray(Image.open(file).convert("RGB"))


def figures(brief=False):
    """Measure.

    Parameters
    ----------
    brief : bool, optional
        Three pictures of the ten, and nobody at the window.

    Yields
    ------
    Figure
    """
    found, pictures = [], []
    for number in (0, 3, 6) if brief else range(len(CLOUDS)):
        pixels, mask, sun, focal = photographed(number)
        pixels = as_jpeg(pixels)
        pictures.append(pixels)
        found.append(_measured(pixels, mask, sun, focal, 15.0 if brief else SEARCHED))
        yield Figure(f"photograph {number + 1}, {CLOUDS[number][0]}: likeness once brought near", found[-1]["likeness"], "")
    by = {name: np.array([one[name] for one in found]) for name in found[0]}
    many = f"{len(found)} photographs"
    for name, words, limit in (("read", "outline read, overlap with the true one", 0.93),
                               ("blocked", "blocked in, overlap with the photograph's outline", 0.93),
                               ("near", "brought near, overlap with the photograph's outline", 0.93),
                               ("likeness", "brought near, likeness", 0.8)):
        yield from _of(by[name], f"{words}, {many}", "", limit, np.min, "least")
    for name, words, unit, limit in (("sun", "sun, off the true one", "degrees", 12.0),
                                     ("sun_of_three", "sun, nearest of three proposals", "degrees", 12.0),
                                     ("dimension", "outline dimension read, off the true one", "", 0.04),
                                     ("rough", "brought near, outline dimension off the photograph's", "", 0.03),
                                     ("light", "brought near, slope of light off the photograph's", "", 0.15),
                                     ("reading", "photograph read", "s", None), ("blocking", "blocked in", "s", 2.0),
                                     ("sunning", "sun looked for", "s", None)):
        yield from _of(by[name], f"{words}, {many}", unit, limit, np.max, "most")
    if not brief:
        yield from _at_the_window(pictures[1])


def _of(values, words, unit, limit, worst, which):
    """The middle of some values, and the worst, with how many keep within a limit."""
    known = values[np.isfinite(values)]
    middle, end = float(np.median(known)), float(worst(known))
    if limit is None:
        yield Figure(f"{words}, median", middle, unit)
        return
    kept = known >= limit if worst is np.min else known <= limit
    ratio = middle / limit if worst is np.min else limit / max(middle, 1e-9)
    yield Figure(f"{words}, median", middle, unit, "the limit", limit, ratio)
    yield Figure(f"{words}, {which}", end, unit, "", None, None, f"{'>=' if worst is np.min else '<='} {limit:g}", bool(kept.all()))
    yield Figure(f"{words}, within {limit:g}", int(np.count_nonzero(kept)), f"of {len(known)}")


def _measured(pixels, mask, sun, focal, seconds):
    """Everything that is measured of one photograph."""
    laps = [time.perf_counter()]

    def lap():
        laps.append(time.perf_counter())
        return laps[-1] - laps[-2]

    photograph = Photograph(pixels, read_in(pixels, focal))
    reading = lap()
    mound, blocked = blocked_in(photograph.mask, photograph.standing, "likeness", Asked(base=photograph.reading.flat))
    blocking = lap()
    lit = Lit(photograph, mound)
    suns = lit.suns()
    sunning = lap()
    mound = lit.under(suns[0].azimuth, suns[0].elevation)
    beside = Beside(photograph)
    ends = time.perf_counter() + seconds
    best = None
    for candidate in brought_near(photograph, mound, beside=beside):
        best = candidate or best
        if time.perf_counter() > ends:
            break
    off = [apart(sun, (one.azimuth, one.elevation)) for one in suns]
    camera = beside.seen.camera
    return {"read": overlap_of(photograph.mask, seen_as(mask, photograph.standing.camera)), "blocked": blocked,
            "near": best.overlap, "sun": off[0], "sun_of_three": min(off), "likeness": best.likeness,
            "dimension": abs(outline_dimension(beside.seen.mask) - outline_dimension(seen_as(mask, camera))),
            "rough": abs(best.measures.outline - beside.measures.outline),
            "light": abs(best.measures.light - beside.measures.light),
            "reading": reading, "blocking": blocking, "sunning": sunning}


def _at_the_window(pixels):
    """A stranger with a picture: chosen, blocked in, brought near and taken, each by the button that says so."""
    with tempfile.TemporaryDirectory(prefix="softmound-bench-") as folder, opened(None) as (application, window):
        path = os.path.join(folder, "tower.jpg")
        Image.fromarray(pixels).save(path, quality=92)
        mass, begun = window.services.stations["Mass"], time.perf_counter()

        def read():
            dialog = application.activeModalWidget()
            if dialog is not None and getattr(dialog, "suns", None) and dialog.suns[0].isVisible():
                dialog.take.click()
            else:
                QTimer.singleShot(100, read)

        QTimer.singleShot(100, read)
        window.files.choose_photograph(path)
        until(application, lambda: len(window.document.mound.mass.forms) > 10, HANDS)
        likeness = [0.0]

        def near():
            dialog = application.activeModalWidget()
            searched = getattr(dialog, "candidates", [])
            if searched and time.perf_counter() - begun > 60.0:
                likeness[0] = searched[-1].likeness
                dialog.take.click()
            else:
                QTimer.singleShot(100, near)

        QTimer.singleShot(100, near)
        mass.bring_near()
        seconds = time.perf_counter() - begun
    yield at_most("a stranger's cloud of a photograph, through the window", seconds, "s", HANDS)
    yield Figure("  and its likeness", likeness[0], "", "", None, None, ">= 0.8", likeness[0] >= 0.8)
