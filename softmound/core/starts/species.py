"""Starts: clouds to begin with, by meteorological species and some that no sky has, made of ordinary parts.

A start is made 300 m across and brought to its span. It takes the optical depth of a cloud of two kilometres, since a model of
300 m with the extinction of nature would look like the mist it then is.
"""

from dataclasses import replace

from ..grain.scales import worthwhile
from ..problems import Problem
from ..recipe.curve import eased
from ..recipe.models import Light, Mass, Mound, Skin, Sky, Sun, View, Voxels, limits
from ..recipe.resize import resized_mound
from . import cirriform as ice
from . import cumuliform as heap
from . import stratiform as layer
from .looks_as import looking_as_large_as
from .wish import FLAT, MADE, Start, Wish, lumps

LEAST_SPAN, MOST_SPAN = 0.1, 20_000.0
"""Metres that a start, or a cloud made of a model, may measure."""
FINAL = 0.8
"""Final voxel of starts at the size they are made at, metres."""
CRUMBS = 26.0
"""Smallest part that may hang on nothing, metres."""
LAST_SEED = 2**31
"""Seeds lie below it."""
RANGES = {"height": (0.05, 3.0), "lean": (-1.0, 1.0), "turrets": (1, 24), "tired": (0.0, 1.0)}
"""What a wish may be."""
SKY = Sky(kind="air", visibility=70.0, altitude=600.0, ground=(0.07, 0.09, 0.12))
"""Air over a dark sea, with the horizon in haze behind the cloud."""


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
        mass=Mass(forms=_numbered(blobs), melt=own.get("melt", 5.0), base=own.get("base", FLAT)),
        # As many voxels along at every size, as far down as a voxel goes.
        voxels=Voxels(final=max(FINAL, 1.001 * limits(Voxels, "final")[0] * MADE / span), crumbs=own.get("crumbs", CRUMBS)),
        grains=own.get("grains") or lumps(wish),
        skin=Skin(thickness=own.get("skin", 1.3), curve=eased(0.8)),
        light=Light(sun=own.get("sun", Sun(azimuth=118.0, elevation=36.0)), sky=SKY, metered=True),
        view=own.get("view", View(elevation=-6.0)),
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


def _numbered(blobs):
    """All blobs under names that tell them apart."""
    counts = {}
    named = []
    for one in blobs:
        counts[one.name] = counts.get(one.name, 0) + 1
        named.append(one if counts[one.name] == 1 else one.edited(name=f"{one.name} {counts[one.name]}"))
    return tuple(named)


STARTS = {
    "humilis": Start("wider than tall, hardly grown: fair weather", Wish(0.26, 0.08, 9, 0.35), heap.humilis),
    "mediocris": Start("about half as tall as wide", Wish(0.52, 0.12, 8, 0.25), heap.mediocris, looks=3_000.0),
    "congestus": Start("taller than wide: turret upon turret, growing", Wish(1.1, 0.16, 7, 0.1), heap.congestus, looks=4_500.0),
    "calvus": Start("a tower whose tops have begun to freeze and to smooth", Wish(0.95, 0.1, 6, 0.1), heap.calvus, looks=5_000.0),
    "incus": Start("a tower that has met the top of the weather: the anvil", Wish(1.0, 0.05, 6, 0.2), ice.incus, looks=6_000.0),
    "fractus": Start("torn pieces without a common base", Wish(0.45, 0.3, 9, 0.8), heap.fractus, looks=1_300.0),
    "lenticularis": Start("a lens of lifted air, blanket over blanket", Wish(0.28, 0.1, 4, 0.3), layer.lenticularis, looks=1_400.0),
    "stratocumulus": Start("a piece of a layer of flat lumps", Wish(0.16, 0.0, 10, 0.4), layer.stratocumulus, looks=1_100.0),
    "deck slab": Start("a deck: low, wide and lumpy", Wish(0.13, 0.0, 7, 0.35), layer.slab, looks=1_500.0),
    "pileus": Start("a turret under a smooth cap", Wish(0.8, 0.1, 6, 0.15), heap.pileus, looks=4_000.0),
    "mamma": Start("a layer with pouches hanging from it", Wish(0.4, 0.0, 9, 0.2), layer.mamma, looks=1_500.0),
    "floccus": Start("a field of small tufts, heaped above and torn below", Wish(0.16, 0.0, 8, 0.5), layer.floccus, looks=1_300.0),
    "shelf cloud": Start("stairs of air that a storm lifts before it", Wish(0.42, 0.0, 5, 0.4), layer.shelf, looks=3_500.0),
    "cirrus hooks": Start("tufts of ice whose crystals fall and stay behind", Wish(0.4, 0.6, 7, 0.5), ice.cirrus, looks=500.0),
    "cotton": Start("a soft ball of wool", Wish(0.5, 0.0, 6, 0.3), heap.cotton, natural=False, looks=600.0),
    "toy": Start("round and plain, as a child draws it", Wish(0.45, 0.0, 5, 0.0), heap.toy, natural=False),
    "puff of smoke": Start("smoke that has just left a chimney", Wish(0.75, 0.6, 8, 0.6), heap.puff, natural=False, looks=1_100.0),
}
"""By their words, in the order an artist sees them."""
