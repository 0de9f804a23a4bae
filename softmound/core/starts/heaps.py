"""Heaps of balls: the plainest beginning of a cloud."""

import math
import random

from ..mass.kinds.blob import Blob
from ..recipe.forms import Buds
from .growth import GOLDEN


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
    for n in range(count):
        out = math.sqrt((n + 0.5) / count)
        angle = n * GOLDEN + dice.uniform(-0.4, 0.4)
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
    small, large = sizes
    blobs = []
    for n in range(count):
        out = math.sqrt((n + 0.5) / count)
        angle = n * GOLDEN + dice.uniform(-0.4, 0.4)
        radius = min(max(large + (small - large) * out * dice.uniform(0.8, 1.2), small), large)
        wide, deep = (max(s / 2 - radius, 0.0) * out for s in (spread[0], spread[2]))
        room = max(spread[1] * (1.0 - dome * out * out) - 2 * radius, 0.0)
        y = altitude + radius + room * dice.uniform(0.0, 1.0)
        blobs.append(Blob(name=f"Heap {n + 1}", radii=(round(radius, 3),) * 3,
                          centre=(round(wide * math.cos(angle), 3), round(y, 3), round(deep * math.sin(angle), 3))))
    return tuple(blobs)
