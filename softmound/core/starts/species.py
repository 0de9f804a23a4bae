"""Starts: clouds to begin with, by meteorological species and some that no sky has, made of ordinary parts.

A start is made 300 m across and brought to its span. It takes the optical depth of a cloud of two kilometres, since a model of
300 m with the extinction of nature would look like the mist it then is.
"""

import math
import random
from dataclasses import dataclass, replace

from ..grain.actions.nibble import Nibble
from ..grain.actions.push import Push
from ..grain.actions.streak import Streak
from ..grain.masks.height import ByHeight
from ..grain.masks.tired import ByTired
from ..grain.scales import worthwhile
from ..mass.kinds.blob import Blob
from ..problems import Problem
from ..recipe.curve import eased
from ..recipe.forms import BaseLevel
from ..recipe.grains import Noise, rounded
from ..recipe.models import Light, Mass, Mound, Skin, Sky, Sun, View, Voxels, limits
from ..recipe.resize import resized_mound
from .growth import GOLDEN, blob, grown
from .looks_as import SIZE, looking_as_large_as

LEAST_SPAN, MOST_SPAN = 0.1, 20_000.0
"""Metres that a start, or a cloud made of a model, may measure."""
MADE = 300.0
"""Metres across that starts are made at."""
FINAL = 0.8
"""Final voxel of starts at that size, metres."""
CRUMBS = 26.0
"""Smallest part that may hang on nothing, metres."""
LAST_SEED = 2**31
"""Seeds lie below it."""
DEEP = 1.4
"""Depth of the largest lumps of a cumulus over their size: below it outlines are smoother than nature's, by `./run bench look`."""


@dataclass(frozen=True)
class Wish:
    """What can be asked of a start.

    Attributes
    ----------
    height : float
        Over the span.
    lean : float
        How far the tops stand downwind, over the height.
    turrets : int
    tired : float
        From 0, crisp and crowded with buds, to 1, frayed.
    seed : int
    """

    height: float = 0.5
    lean: float = 0.12
    turrets: int = 7
    tired: float = 0.25
    seed: int = 3


RANGES = {"height": (0.05, 3.0), "lean": (-1.0, 1.0), "turrets": (1, 24), "tired": (0.0, 1.0)}
"""What a wish may be."""


@dataclass(frozen=True)
class Start:
    """A kind of start.

    Attributes
    ----------
    sentence : str
    wish : Wish
        What it is unless something else is asked for.
    make : callable
        Given a `Wish`, returns blobs and a dict of what differs from other starts: "base", "grains", "skin", "melt", "sun",
        "crumbs".
    natural : bool
        Whether a sky has it.
    looks : float
        Metres that it looks as large as, unless something else is asked for.
    """

    sentence: str
    wish: Wish
    make: callable
    natural: bool = True
    looks: float = SIZE


def lumps(wish, feature=1.0, strength=1.0, below=0.15, under=None):
    """The grains of a cumulus: lumps on lumps, and an edge that frays as it tires.

    Parameters
    ----------
    wish : Wish
    feature, strength : float, optional
        Times the usual.
    below : float, optional
        How much weaker they are below.
    under : float, optional
        Altitude above which the surface stays smooth, metres.

    Returns
    -------
    tuple of Grain
    """
    size = MADE / 10.0 * feature
    where = () if under is None else (ByHeight(low=round(under, 2), high=round(under - 40.0, 2)),)
    # Old parts, low and on the lee, are eaten away at larger sizes and lose density; fresh tops keep their crisp edge.
    old = ByTired(low=0.0, high=rounded(MADE * wish.height * (0.45 + 0.5 * wish.tired)), wind=90.0, lee=0.35, uneven=0.45,
                  noise=Noise(feature=rounded(MADE / 7.0), octaves=2, seed=wish.seed * 3 + 61))
    return (
        Push(kind="cellular", direction="inward", standing=True, goes_on=True, feature=rounded(size),
             strength=rounded(DEEP * size * strength), octaves=5, gain=0.54, weaker_below=below, seed=wish.seed * 7 + 7,
             where=where),
        Nibble(feature=rounded(size / 6.0), depth=rounded(size * (0.03 + 0.12 * wish.tired)), octaves=4, gain=0.62,
               strength=round(0.25 + 0.4 * wish.tired, 3), seed=wish.seed * 5 + 5),
        Nibble(feature=rounded(size / 3.0), depth=rounded(size * (0.08 + 0.6 * wish.tired)), octaves=6, gain=0.66,
               strength=round(0.35 + 0.5 * wish.tired, 3), seed=wish.seed * 6 + 8, where=(old,)),
    )


def start(species, name, span=300.0, seed=3, looks=None, **asked):
    """A cloud to begin with, made of ordinary blobs, grains and light: everything in it can be edited.

    Parameters
    ----------
    species : str
        One of `STARTS`.
    name : str
    span : float, optional
        Longest side in metres, about.
    seed : int, optional
    looks : float, optional
        Size of the natural cloud it looks as large as, metres; default the start's own.
    **asked
        `height`, `lean`, `turrets` and `tired`, see `Wish`; default those of the species.

    Returns
    -------
    Mound

    Raises
    ------
    Problem
        When what is asked for is outside `RANGES`.
    """
    kind = STARTS[species]
    asked = {key: value for key, value in asked.items() if value is not None}
    for key, value in asked.items():
        low, high = RANGES[key]
        if not low <= value <= high:
            raise Problem("A start takes a {} from {:g} to {:g}; {:g} is outside.", key, low, high, value)
    # Grains add to the seed of a start, and multiply it.
    wish = replace(kind.wish, seed=seed % (LAST_SEED // 8), **asked)
    blobs, own = kind.make(wish)
    mound = Mound(
        name=name,
        mass=Mass(forms=_numbered(blobs), melt=own.get("melt", 5.0), base=own.get("base", _FLAT)),
        # As many voxels along at every size, as far down as a voxel goes.
        voxels=Voxels(final=max(FINAL, 1.001 * limits(Voxels, "final")[0] * MADE / span), crumbs=own.get("crumbs", CRUMBS)),
        grains=own.get("grains") or lumps(wish),
        skin=Skin(thickness=own.get("skin", 1.3), curve=eased(0.8)),
        light=Light(sun=own.get("sun", Sun(azimuth=118.0, elevation=36.0)), sky=SKY, metered=True),
        view=View(azimuth=0.0, elevation=-6.0),
    )
    mound = mound.edited(grains=worthwhile(mound.grains, mound.voxels.final))
    sized = mound if span == MADE else resized_mound(mound, span / MADE, keep_look=False)
    return looking_as_large_as(sized, kind.looks if looks is None else looks, span)


def first_mound(name):
    """A cumulus to begin with.

    Parameters
    ----------
    name : str

    Returns
    -------
    Mound
    """
    return start("mediocris", name)


_FLAT = BaseLevel(altitude=8.0, softness=9.0, raggedness=6.0, ragged_size=38.0, fill=50.0)
_NONE = BaseLevel(on=False)
SKY = Sky(kind="air", visibility=70.0, altitude=600.0, ground=(0.07, 0.09, 0.12))
"""Air over a dark sea, with the horizon in haze behind the cloud."""


def _blob(name, x, y, z, x_radius, y_radius, z_radius):
    return blob(name, (x, y, z), (x_radius, y_radius, z_radius))


def _numbered(blobs):
    """All blobs under names that tell them apart."""
    counts = {}
    named = []
    for one in blobs:
        counts[one.name] = counts.get(one.name, 0) + 1
        named.append(one if counts[one.name] == 1 else one.edited(name=f"{one.name} {counts[one.name]}"))
    return tuple(named)


def _lifted(blobs, y, x=0.0, z=0.0):
    return [one.edited(centre=(round(one.centre[0] + x, 2), round(one.centre[1] + y, 2), round(one.centre[2] + z, 2)))
            for one in blobs]


def _grown(wish, **more):
    return grown(MADE, wish.height, wish.lean, wish.turrets, 1.0 - 0.7 * wish.tired, wish.seed, **more)


def _humilis(wish):
    return _grown(wish, crown=0.35), {"grains": lumps(wish, 0.8)}


def _mediocris(wish):
    return _grown(wish), {}


def _congestus(wish):
    return _grown(wish, crown=0.7), {}


def _calvus(wish):
    # The tops have begun to freeze: smooth domes over a body that still boils.
    return _grown(wish, crown=0.5, generations=1), {"grains": lumps(wish, 1.5, 0.7), "skin": 2.6}


def _incus(wish):
    """A tower that has met the top of the weather and spreads."""
    tower, top = _grown(wish, crown=0.75), MADE * wish.height
    lean = wish.lean * top
    dice = random.Random(wish.seed)
    anvil = [
        _blob("Anvil root", lean, top - 30.0, 0.0, 66.0, 40.0, 60.0),
        _blob("Anvil", lean + 24.0, top + 2.0, 0.0, 128.0, 15.0, 92.0),
    ]
    # Ice that the wind draws out: lobes farther and thinner downwind, a short one against it.
    for n in range(7):
        out = dice.uniform(0.2, 1.0)
        anvil.append(_blob("Anvil lobe", lean + 40.0 + 150.0 * out, top + dice.uniform(-2.0, 9.0), dice.uniform(-72.0, 72.0),
                           dice.uniform(44.0, 84.0), 13.0 - 7.0 * out, dice.uniform(24.0, 44.0)))
    anvil.append(_blob("Anvil back", lean - 84.0, top + 3.0, -8.0, 70.0, 10.0, 56.0))
    high = (ByHeight(low=round(top - 46.0, 2), high=round(top - 18.0, 2)),)
    drawn_out = {"stretch": (3.2, 0.8, 1.2), "where": high}
    grains = (*lumps(wish, 1.1, under=top - 18.0),
              Push(feature=30.0, strength=11.0, octaves=5, summed="folded", gain=0.58, seed=wish.seed + 4, **drawn_out),
              Nibble(feature=16.0, depth=9.0, octaves=5, gain=0.62, strength=0.75, seed=wish.seed + 9, **drawn_out))
    return [*tower, *anvil], {"melt": 12.0, "grains": grains}


def _fractus(wish):
    """Torn pieces without a common base."""
    dice, pieces = random.Random(wish.seed), []
    for n in range(wish.turrets):
        size = dice.uniform(60.0, 140.0)
        piece = grown(size, wish.height, wish.lean * 2.0, 3, 0.3, wish.seed + n, depth=0.7, generations=1)
        pieces += _lifted([one.edited(name=f"Shred {n + 1}") for one in piece], dice.uniform(0.0, 45.0),
                          dice.uniform(-105.0, 105.0), dice.uniform(-60.0, 60.0))
    return pieces, {"base": _NONE, "grains": (*lumps(replace(wish, tired=max(wish.tired, 0.8)), 0.8, 0.65), Streak(
        strength=20.0, feature=9.0, azimuth=90.0, elevation=6.0, seed=wish.seed + 3)), "skin": 5.0, "crumbs": 5.0}


def _lenticularis(wish):
    """Lenses one above another, smoothed by the wind."""
    dice = random.Random(wish.seed)
    lenses = [
        Blob(name="Lens", radii=(round(150.0 - 15.0 * n, 2), round(MADE * wish.height / wish.turrets * 0.78, 2), 92.0 - 9.0 * n),
             centre=(round(dice.uniform(-8.0, 8.0) + 60.0 * wish.lean * n, 2),
                     round(20.0 + MADE * wish.height / wish.turrets * n, 2), round(dice.uniform(-5.0, 5.0), 2)),
             rotation=(0.0, 0.0, round(dice.uniform(-2.0, 2.0), 2)))
        for n in range(wish.turrets)
    ]
    grains = (Push(feature=110.0, strength=6.0, octaves=4, gain=0.4, stretch=(3.0, 0.6, 3.0), seed=wish.seed + 8),
              Nibble(feature=26.0, depth=6.0 + 12.0 * wish.tired, octaves=4, stretch=(4.0, 0.5, 4.0), strength=0.5,
                     seed=wish.seed + 5))
    return lenses, {"base": _NONE, "grains": grains, "skin": 7.0, "melt": 7.0}


def _pieces(wish, rows, columns, apart, low, high):
    """Lumps side by side, as of a layer that has broken into cells."""
    dice, cells = random.Random(wish.seed), []
    for row in range(rows):
        for column in range(columns):
            radius = dice.uniform(low, high)
            cells.append(_blob(
                "Cell", (column - (columns - 1) / 2) * apart + dice.uniform(-0.24, 0.24) * apart,
                MADE * wish.height * dice.uniform(0.35, 0.6),
                (row - (rows - 1) / 2) * apart * 0.92 + dice.uniform(-0.22, 0.22) * apart,
                radius * 1.3, radius * MADE * wish.height / 40.0, radius * 1.25))
    return cells


def _stratocumulus(wish):
    """A piece of a layer of flat lumps with gaps between them."""
    return _pieces(wish, 4, max(wish.turrets // 2, 2), 58.0, 27.0, 39.0), {
        "base": _FLAT.edited(altitude=6.0, fill=0.0), "grains": lumps(wish, 0.7, 0.8), "skin": 2.5, "melt": 9.0}


def _slab(wish):
    """A deck: low, wide and lumpy, with a flat underside."""
    deck = [_blob("Deck", 0.0, 12.0, 0.0, 152.0, 18.0, 112.0)]
    return [*deck, *_pieces(wish, 5, max(wish.turrets, 3), 294.0 / max(wish.turrets, 3), 17.0, 26.0)], {
        "base": _FLAT.edited(altitude=4.0), "grains": lumps(wish, 0.6, 0.8), "melt": 9.0}


def _pileus(wish):
    """A turret with a smooth cap of moist air lifted over it."""
    body = _grown(wish, crown=0.75)
    head = max(body, key=lambda one: one.centre[1])
    x, y, z = head.centre
    # Where its buds end, about.
    crest, across = max(one.centre[1] + 1.35 * one.radii[1] for one in body), 2.1 * head.radii[0]
    # A veil over the head: what lies within one dome and not within a wider one a little lower. The head comes after it.
    tall = crest - y + 16.0
    veil = _blob("Cap", x, y, z, across, tall, 0.92 * across)
    under = _blob("Under the cap", x, y - 9.0, z, 1.16 * across, tall, 1.07 * across).edited(role="carves", melt=3.0)
    return [veil, under, *body], {"melt": 4.0, "grains": lumps(wish, under=crest + 8.0)}


def _mamma(wish):
    """A layer with pouches hanging from it."""
    dice = random.Random(wish.seed)
    level = 110.0
    sheet = [_blob("Sheet", 150.0 * (n / 3.0 - 1.0) * 0.62, level + dice.uniform(26.0, 36.0), dice.uniform(-34.0, 34.0),
                   dice.uniform(62.0, 90.0), dice.uniform(20.0, 27.0), dice.uniform(58.0, 92.0)) for n in range(7)]
    for n in range(wish.turrets * 4):
        out, angle = math.sqrt((n + 0.5) / (wish.turrets * 4)), n * GOLDEN
        radius = dice.uniform(15.0, 25.0) * (1.15 - 0.4 * out)
        sheet.append(_blob("Pouch", 128.0 * out * math.cos(angle), level + 12.0 * out * out - radius * dice.uniform(0.0, 0.55),
                           94.0 * out * math.sin(angle), radius, radius * dice.uniform(0.9, 1.3), radius))
    grains = (Push(feature=80.0, strength=11.0, octaves=3, seed=wish.seed + 12, weaker_below=0.8),
              Push(kind="cellular", cell="smooth f1", direction="inward", standing=True, feature=17.0, strength=6.0, octaves=5,
                   gain=0.54, seed=wish.seed + 2), Nibble(feature=9.0, depth=3.0 + 6.0 * wish.tired, strength=0.4, octaves=4,
                                                         seed=wish.seed + 5))
    return sheet, {"base": _NONE, "grains": grains, "skin": 2.0, "melt": 10.0, "sun": Sun(azimuth=110.0, elevation=9.0)}


def _cotton(wish):
    """A soft ball of wool, as from a toy box."""
    grains = (Push(kind="cellular", cell="smooth f1", direction="inward", standing=True, feature=44.0, strength=16.0, octaves=3,
                   gain=0.5, seed=wish.seed + 2),
              Nibble(feature=12.0, depth=16.0, strength=0.75, octaves=5, gain=0.66, seed=wish.seed + 5))
    return _grown(wish, crown=0.4, generations=1), {"base": _NONE, "grains": grains, "skin": 12.0}


def _toy(wish):
    """Round and plain, as a child draws it."""
    blobs = [one.edited(buds=None) for one in _grown(wish, crown=0.35)]
    grains = (Push(feature=60.0, strength=2.0, octaves=2, seed=wish.seed + 2),)
    return blobs, {"grains": grains, "melt": 9.0, "base": _FLAT.edited(raggedness=0.0, softness=9.0), "skin": 2.0}


def _puff(wish):
    """Smoke that has just left a chimney."""
    dice, smoke = random.Random(wish.seed), []
    for n in range(wish.turrets):
        share = (n + 0.5) / wish.turrets
        size = 14.0 + 46.0 * share**0.8
        smoke += [_blob("Puff", 300.0 * wish.lean * share**1.4 + dice.uniform(-0.4, 0.4) * size,
                        MADE * wish.height * share + dice.uniform(-8.0, 8.0), dice.uniform(-0.5, 0.5) * size,
                        size * dice.uniform(0.75, 1.0), size * dice.uniform(0.75, 1.0), size * dice.uniform(0.75, 1.0))
                  for _ in range(3)]
    return smoke, {"base": _NONE, "grains": lumps(replace(wish, tired=max(wish.tired, 0.6)), 0.8), "skin": 3.0}


STARTS = {
    "humilis": Start("wider than tall, hardly grown: fair weather", Wish(0.26, 0.08, 9, 0.35), _humilis),
    "mediocris": Start("about half as tall as wide", Wish(0.52, 0.12, 8, 0.25), _mediocris, looks=3_000.0),
    "congestus": Start("taller than wide: turret upon turret, still growing", Wish(0.95, 0.16, 7, 0.1), _congestus, looks=4_500.0),
    "calvus": Start("a tower whose tops have begun to freeze and to smooth", Wish(0.85, 0.1, 6, 0.1), _calvus, looks=5_000.0),
    "incus": Start("a tower that has met the top of the weather: the anvil", Wish(1.0, 0.05, 6, 0.2), _incus, looks=6_000.0),
    "fractus": Start("torn pieces without a common base", Wish(0.45, 0.3, 7, 0.8), _fractus, looks=1_300.0),
    "lenticularis": Start("lenses one above another, smoothed by the wind", Wish(0.28, 0.1, 4, 0.3), _lenticularis, looks=1_100.0),
    "stratocumulus": Start("a piece of a layer of flat lumps", Wish(0.16, 0.0, 10, 0.4), _stratocumulus, looks=1_100.0),
    "deck slab": Start("a deck: low, wide and lumpy", Wish(0.13, 0.0, 7, 0.35), _slab, looks=1_500.0),
    "pileus": Start("a turret under a smooth cap", Wish(0.62, 0.1, 7, 0.15), _pileus, looks=4_000.0),
    "mamma": Start("a layer with pouches hanging from it", Wish(0.4, 0.0, 9, 0.2), _mamma, looks=1_500.0),
    "cotton": Start("a soft ball of wool", Wish(0.5, 0.0, 6, 0.3), _cotton, natural=False, looks=600.0),
    "toy": Start("round and plain, as a child draws it", Wish(0.45, 0.0, 6, 0.0), _toy, natural=False),
    "puff of smoke": Start("smoke that has just left a chimney", Wish(0.75, 0.6, 8, 0.6), _puff, natural=False, looks=1_100.0),
}
"""By their words, in the order an artist sees them."""
