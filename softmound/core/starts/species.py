"""First mounds to start from, made of ordinary blobs and grains."""

import math
import random

import numpy as np

from ..grain.actions.push import Push
from ..mass.kinds.blob import Blob
from ..problems import Problem
from ..recipe.arrays import Arrays
from ..recipe.curve import eased
from ..recipe.forms import BaseLevel, Buds
from ..recipe.models import Light, Mass, Medium, Mound, Skin, Sun, View, Voxels
from ..recipe.resize import resized_mound

LEAST_SPAN, MOST_SPAN = 0.1, 20_000.0
"""Metres that a cloud made of a model may measure."""


def heap(count, span, seed, *, height=0.5, dome=1.0, generations=2, buds=6, shrink=0.43):
    """Balls heaped higher toward the middle, with buds on their upper sides.

    Parameters
    ----------
    count : int
        Balls of the first generation.
    span : float
        Metres across the heap, about.
    seed : int
    height : float, optional
        Height over span.
    dome : float, optional
        How much higher the middle is piled: 0 flat, 1 a dome.
    generations : int, optional
        The balls, and so many less one of buds on them.
    buds : int, optional
        On each ball.
    shrink : float, optional
        Radius of a bud over its parent's.

    Returns
    -------
    tuple of Blob
    """
    dice = random.Random(seed)
    parents = []
    golden = math.pi * (3.0 - math.sqrt(5.0))
    for n in range(count):
        out = math.sqrt((n + 0.5) / count)
        angle = n * golden + dice.uniform(-0.4, 0.4)
        radius = span * (0.20 - 0.085 * out) * dice.uniform(0.85, 1.15)
        rise = span * height * (1.0 - dome * out) * dice.uniform(0.45, 0.85)
        reach = span * 0.5 * out - radius * 0.55
        parents.append((reach * math.cos(angle), radius * 0.55 + rise,
                        0.8 * reach * math.sin(angle), radius))
    return tuple(
        Blob(name=f"Blob {n + 1}", centre=tuple(round(v, 2) for v in (x, y, z)), radii=(round(radius, 2),) * 3,
             buds=None if generations < 2 else Buds(
                 generations=generations - 1, count=buds, shrink=shrink, reach=0.93, upward=0.35,
                 seed=dice.randrange(1000)))
        for n, (x, y, z, radius) in enumerate(parents)
    )


def pile(count, spread, dome, sizes, seed, altitude=0.0):
    """Blobs piled up within a spread, larger toward the middle.

    Parameters
    ----------
    count : int
    spread : (float, float, float)
        Width, height and depth of the pile, metres.
    dome : float
        How much higher the middle is piled: 0 flat, 1 a dome.
    sizes : (float, float)
        Smallest and largest radius, metres.
    seed : int
    altitude : float, optional
        Where it stands, metres.

    Returns
    -------
    tuple of Blob
        All within the spread, as far as their radii allow.
    """
    dice = random.Random(seed)
    golden = math.pi * (3.0 - math.sqrt(5.0))
    small, large = sizes
    blobs = []
    for n in range(count):
        out = math.sqrt((n + 0.5) / count)
        angle = n * golden + dice.uniform(-0.4, 0.4)
        radius = min(max(large + (small - large) * out * dice.uniform(0.8, 1.2), small), large)
        wide, deep = (max(s / 2 - radius, 0.0) * out for s in (spread[0], spread[2]))
        room = max(spread[1] * (1.0 - dome * out * out) - 2 * radius, 0.0)
        y = altitude + radius + room * dice.uniform(0.0, 1.0)
        blobs.append(Blob(name=f"Heap {n + 1}", radii=(round(radius, 3),) * 3,
                          centre=(round(wide * math.cos(angle), 3), round(y, 3), round(deep * math.sin(angle), 3))))
    return tuple(blobs)


def first_mound(name):
    """A small cumulus to begin with.

    Parameters
    ----------
    name : str

    Returns
    -------
    Mound
    """
    return start("mediocris", name)


def start(species, name, span=300.0, seed=3):
    """A first shape by meteorological species, made of ordinary blobs and grains.

    Parameters
    ----------
    species : str
        One of `STARTS`.
    name : str
    span : float, optional
        Longest side in metres, about.
    seed : int, optional

    Returns
    -------
    Mound
        In the proportions of the species; everything in it can be edited.
    """
    blobs, changes = STARTS[species](seed)
    # Shapes are made about 300 m across, then brought to the span.
    mound = Mound(
        name=name,
        mass=Mass(forms=blobs, melt=changes.get("melt", 12.0), base=changes.get("base", _FLAT)),
        voxels=Voxels(final=1.0),
        grains=changes.get("grains", _PUFFED),
        skin=Skin(thickness=changes.get("skin", 5.0), curve=eased(0.8)),
        light=Light(sun=Sun(azimuth=78.0, elevation=32.0), medium=Medium(extinction=0.16), exposure=-0.45),
        view=View(distance=750.0, target=(0.0, 75.0, 0.0), elevation=2.0, azimuth=0.0),
    )
    return mound if span == 300.0 else resized_mound(mound, span / 300.0)


def start_from_form(form, name, species="mediocris", span=None, sheet=None, level=None):
    """A cloud of one form, with the grains, skin and light of a start, standing on the ground.

    Parameters
    ----------
    form : Mesh
    name : str
    species : str, optional
        One of `STARTS`.
    span : float, optional
        Longest side in metres; default the form's own.
    sheet : float, optional
        Thickness of an open surface, metres.
    level : float, optional
        Altitude of the base level; default none.

    Returns
    -------
    Mound
    """
    vertices = form.surface["vertices"]
    extent = np.ptp(vertices.astype(float), axis=0)
    factor = 1.0 if span is None else span / float(extent.max())
    long = float(extent.max()) * factor
    if not LEAST_SPAN <= long <= MOST_SPAN:
        raise Problem(f"{name}: would be {long:.3g} m long; state its size from {LEAST_SPAN:g} to {MOST_SPAN:,.0f} m, or another "
                      "unit of its numbers.")
    if not 1e-3 <= factor <= 1e3:
        # More than a form is sized by: its numbers themselves are brought to metres.
        form = form.edited(surface=Arrays(**{
            **{part: form.surface[part] for part in form.surface}, "vertices": (vertices * factor).astype(np.float32)}))
        extent, factor = extent * factor, 1.0
    form = form.edited(scale=(factor,) * 3, centre=(0.0, round(float(extent[1]) * factor / 2, 3), 0.0), sheet=sheet)
    mound = start(species, name, span=float(extent.max()) * factor)
    base = mound.mass.base.edited(on=level is not None, altitude=level or 0.0)
    return mound.edited(mass=mound.mass.edited(forms=(form,), base=base, top=mound.mass.top.edited(on=False)))


_FLAT = BaseLevel(altitude=0.0, softness=8.0, raggedness=5.0, ragged_size=36.0)
_PUFFED = (
    Push(feature=52.0, strength=19.0, octaves=5, summed="folded", weaker_below=0.8, seed=17),
    Push(feature=16.0, strength=5.0, octaves=4, summed="folded", weaker_below=0.5, seed=29),
)
_TORN = (
    Push(feature=44.0, strength=20.0, octaves=5, gain=0.6, seed=11),
    Push(feature=12.0, strength=6.0, octaves=4, gain=0.6, seed=5),
)
_SMOOTH = (Push(feature=90.0, strength=5.0, octaves=3, gain=0.4, seed=8),)


def _core(name, y, x_radius, y_radius, z_radius, x=0.0, z=0.0):
    return Blob(name=name, centre=(x, y, z), radii=(x_radius, y_radius, z_radius))


def _lifted(blobs, y, x=0.0, z=0.0):
    return tuple(
        blob.edited(centre=(round(blob.centre[0] + x, 2), round(blob.centre[1] + y, 2),
                            round(blob.centre[2] + z, 2)))
        for blob in blobs
    )


def _numbered(*groups):
    """All blobs with names that tell them apart."""
    blobs = tuple(blob for group in groups for blob in group)
    return tuple(
        blob.edited(name=f"Blob {n + 1}") if blob.name.startswith("Blob") else blob
        for n, blob in enumerate(blobs)
    )


def _humilis(seed):
    """Wider than tall, hardly grown: a fair-weather cloud."""
    low = heap(12, 300.0, seed, height=0.07, dome=0.5, shrink=0.36)
    return _numbered((_core("Heart", 18.0, 128.0, 22.0, 92.0),), low), {
        "base": _FLAT.edited(altitude=12.0)}


def _mediocris(seed):
    """About half as tall as wide."""
    return _numbered((_core("Heart", 45.0, 115.0, 50.0, 92.0),),
                     heap(10, 280.0, seed, height=0.34, dome=0.65)), {}


def _congestus(seed):
    """Taller than wide: heap upon heap, still growing."""
    return _numbered(
        (_core("Heart", 60.0, 90.0, 70.0, 80.0), _core("Trunk", 170.0, 60.0, 95.0, 55.0)),
        heap(9, 240.0, seed, height=0.4, dome=0.6),
        _lifted(heap(6, 170.0, seed + 1, height=0.4, dome=0.7, buds=5), 95.0, 8.0),
        _lifted(heap(5, 135.0, seed + 2, height=0.5, dome=0.7, buds=5), 190.0, -6.0, 4.0),
    ), {}


def _fractus(seed):
    """Torn pieces without a common base."""
    dice = random.Random(seed)
    pieces = []
    for n in range(7):
        piece = heap(3, dice.uniform(55.0, 105.0), seed + n, height=0.25, dome=0.5, buds=3)
        pieces.append(_lifted(piece, dice.uniform(0.0, 50.0), dice.uniform(-115.0, 115.0),
                              dice.uniform(-60.0, 60.0)))
    return _numbered(*pieces), {"base": BaseLevel(on=False), "grains": _TORN, "skin": 9.0, "melt": 8.0}


def _lenticularis(seed):
    """Lenses one above another, smoothed by the wind."""
    dice = random.Random(seed)
    lenses = tuple(
        Blob(name=f"Lens {n + 1}", radii=(140.0 - 16.0 * n, 13.0 + 2.0 * (n % 2), 84.0 - 9.0 * n),
             centre=(round(dice.uniform(-8.0, 8.0), 2), 20.0 + 21.0 * n, round(dice.uniform(-5.0, 5.0), 2)),
             rotation=(0.0, 0.0, round(dice.uniform(-2.0, 2.0), 2)))
        for n in range(4)
    )
    return lenses, {"base": BaseLevel(on=False), "grains": _SMOOTH, "skin": 8.0, "melt": 14.0}


def _incus(seed):
    """A tower that has met the top of the weather and spreads: the anvil."""
    tower, _ = _congestus(seed)
    anvil = (
        Blob(name="Anvil", centre=(26.0, 318.0, 0.0), radii=(165.0, 17.0, 96.0)),
        Blob(name="Anvil root", centre=(4.0, 292.0, 0.0), radii=(74.0, 34.0, 62.0)),
        Blob(name="Anvil lip", centre=(120.0, 322.0, 6.0), radii=(86.0, 12.0, 70.0)),
    )
    return _numbered(tower, anvil), {"melt": 22.0}


def _slab(seed):
    """A deck: low, wide and lumpy, with a flat underside."""
    dice = random.Random(seed)
    lumps = []
    for row in range(5):
        for column in range(7):
            radius = dice.uniform(17.0, 26.0)
            lumps.append(Blob(
                name="Blob", radii=(round(radius * 1.25, 2), round(radius, 2), round(radius * 1.25, 2)),
                centre=(round((column - 3) * 41.0 + dice.uniform(-9.0, 9.0), 2), round(dice.uniform(12.0, 20.0), 2),
                        round((row - 2) * 39.0 + dice.uniform(-9.0, 9.0), 2))))
    return _numbered((_core("Deck", 12.0, 150.0, 18.0, 100.0),), tuple(lumps)), {"melt": 9.0}


STARTS = {
    "humilis": _humilis, "mediocris": _mediocris, "congestus": _congestus, "fractus": _fractus,
    "lenticularis": _lenticularis, "incus": _incus, "deck slab": _slab,
}
"""Species and what makes each."""
