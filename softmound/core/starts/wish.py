"""What can be asked of a start, and what starts are made with."""

from dataclasses import dataclass

from ..grain.actions.nibble import Nibble
from ..grain.actions.push import Push
from ..grain.characters import ROLLED
from ..grain.masks.height import ByHeight
from ..grain.masks.tired import ByTired
from ..recipe.forms import BaseLevel
from ..recipe.grains import Noise, rounded
from .growth import grown
from .looks_as import SIZE

MADE = 300.0
"""Metres across that starts are made at."""
DEEP = 2.3
"""Depth of the largest lumps of a cumulus over their size: below it outlines are smoother than nature's, by `./run bench look`."""
FLAT = BaseLevel(altitude=8.0, softness=9.0, raggedness=6.0, ragged_size=38.0, fill=50.0)
NONE = BaseLevel(on=False)
"""The base level of a cloud that stands on its level of condensation, and of one that does not."""


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
        "crumbs", "view".
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


def lumps(wish, feature=1.0, strength=1.0, below=0.75, under=None, fading=40.0):
    """The grains of a cumulus: lumps on lumps, and an edge that frays as it tires.

    Parameters
    ----------
    wish : Wish
    feature, strength : float, optional
        Times the usual.
    below : float, optional
        How much weaker they are below.
    under : float, optional
        Altitude above which nothing of it acts, metres.
    fading : float, optional
        Metres below it from which on they grow weaker.

    Returns
    -------
    tuple of Grain
    """
    size = 0.13 * MADE * feature
    where = () if under is None else (ByHeight(low=round(under, 2), high=round(under - fading, 2)),)
    # Old parts, low and on the lee, are eaten away at larger sizes and lose density; fresh tops keep their crisp edge.
    old = ByTired(low=0.0, high=rounded(MADE * wish.height * (0.45 + 0.5 * wish.tired)), wind=90.0, lee=0.35, uneven=0.45,
                  noise=Noise(feature=rounded(MADE / 7.0), octaves=2, seed=wish.seed * 3 + 61))
    return (
        Push(**ROLLED, feature=rounded(size), strength=rounded(DEEP * size * strength), octaves=6, gain=0.68, weaker_below=below,
             seed=wish.seed * 7 + 7, where=where),
        Nibble(feature=rounded(size / 8.0), depth=rounded(max(size * (0.025 + 0.09 * wish.tired), 0.8)), octaves=4, gain=0.62,
               strength=round(0.25 + 0.4 * wish.tired, 3), seed=wish.seed * 5 + 5, where=where),
        Nibble(feature=rounded(size / 4.0), depth=rounded(size * (0.06 + 0.46 * wish.tired)), octaves=6, gain=0.66,
               strength=round(0.35 + 0.5 * wish.tired, 3), seed=wish.seed * 6 + 8, where=(*where, old)),
    )


def cumulus(wish, **more):
    """The blobs of a cumulus as it was asked for.

    Parameters
    ----------
    wish : Wish
    **more
        As of `grown`.

    Returns
    -------
    list of Blob
    """
    return grown(MADE, wish.height, wish.lean, wish.turrets, 1.0 - 0.7 * wish.tired, wish.seed, **more)
