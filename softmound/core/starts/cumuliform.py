"""Cumuliform starts: what is heaped, from fair weather to a tower, and what no sky heaps so.

Each is given a `Wish` and returns its blobs, metres at `MADE` across, and what differs from other starts: see `Start.make`.
"""

import math
import random
from dataclasses import replace

from ..grain.actions.mottle import Mottle
from ..grain.actions.nibble import Nibble
from ..grain.actions.push import Push
from ..grain.actions.streak import Streak
from ..grain.masks.height import ByHeight
from ..recipe.curve import Curve
from .growth import GOLDEN, blob, grown, shifted
from .wish import FLAT, MADE, NONE, cumulus, lumps

_VEILED = Curve(points=((0.0, 0.02), (0.5, 0.08), (1.0, 0.3)))
"""Density of a veil over that of a cloud, by noise."""
_PIECES = 37
"""Pieces of a veil."""


def humilis(wish):
    """Wider than tall."""
    return cumulus(wish, crown=0.35), {"grains": lumps(wish, 0.8)}


def mediocris(wish):
    """About half as tall as wide."""
    return cumulus(wish), {}


def congestus(wish):
    """Taller than wide."""
    return cumulus(wish, crown=0.7), {}


def calvus(wish):
    """A tower whose tops have begun to freeze: smooth domes over a body that still boils."""
    return cumulus(wish, crown=0.5, generations=1), {"grains": lumps(wish, 1.5, 0.7), "skin": 2.6}


def fractus(wish):
    """Torn pieces without a common base."""
    dice, pieces = random.Random(wish.seed), []
    for n in range(wish.turrets):
        size = dice.uniform(36.0, 105.0)
        piece = grown(size, wish.height, wish.lean * 2.0, 3, 0.3, wish.seed + n, depth=0.7, generations=1)
        y, x, z = dice.uniform(0.0, 45.0), dice.uniform(-105.0, 105.0), dice.uniform(-60.0, 60.0)
        pieces += [one.edited(name=f"Shred {n + 1}") for one in shifted(piece, (x, y, z))]
    return pieces, {"base": NONE, "grains": (*lumps(replace(wish, tired=max(wish.tired, 0.8)), 0.55, 1.2), Streak(
        strength=20.0, feature=9.0, azimuth=90.0, elevation=6.0, seed=wish.seed + 3)), "skin": 3.5, "crumbs": 5.0}


def pileus(wish):
    """A turret that lifts a smooth veil of moist air over its head."""
    body = cumulus(wish, crown=0.75)
    head = max(body, key=lambda one: one.centre[1])
    (x, _, z), radius = head.centre, head.radii[0]
    # Where its buds end, about.
    crest = max(one.centre[1] + 1.5 * one.radii[1] for one in body)
    # A dome of flat pieces that overlap, thinner toward its rim.
    veil, across, curve = [], 1.9 * radius, 1.0 / (2.1 * radius)
    for n in range(_PIECES):
        out, angle = across * math.sqrt(n / _PIECES), n * GOLDEN
        east, north = out * math.cos(angle), out * math.sin(angle)
        steep = math.sqrt(1.0 + (curve * out) ** 2)
        turned = (math.degrees(math.asin(curve * north / steep)), 0.0, -math.degrees(math.atan(curve * east)))
        veil.append(blob("Cap", (x + east, crest + 15.0 - 0.5 * curve * out * out, z + north),
                         (0.5 * radius, 4.2 - 2.6 * out / across, 0.5 * radius), turned=turned))
    high = ByHeight(low=round(crest - 6.0, 2), high=round(crest + 2.0, 2))
    grains = (*lumps(wish, under=crest + 2.0, fading=10.0),
              Mottle(strength=1.0, floor=0.05, feature=40.0, octaves=3, seed=wish.seed + 31, contrast=_VEILED, where=(high,)))
    return [*body, *veil], {"melt": 4.0, "grains": grains}


def cotton(wish):
    """A soft ball of wool, as from a toy box."""
    grains = (Push(kind="cellular", cell="smooth f1", direction="inward", standing=True, feature=44.0, strength=16.0, octaves=3,
                   gain=0.5, seed=wish.seed + 2),
              Nibble(feature=12.0, depth=16.0, strength=0.75, octaves=5, gain=0.66, seed=wish.seed + 5))
    return cumulus(wish, crown=0.4, generations=1), {"base": NONE, "grains": grains, "skin": 12.0, "melt": 16.0}


def toy(wish):
    """Round and plain, as a child draws it: balls along a bow over one flat side, the middle ones larger."""
    dice, tall, count = random.Random(wish.seed), MADE * wish.height, max(wish.turrets, 3)
    rounds = [blob("Middle", (0.0, 0.27 * tall, 0.0), (112.0, 0.32 * tall, 60.0))]
    for n in range(count):
        angle = math.pi / 2.0 * ((n + 0.5) / count * 2.0 - 1.0) * count / (count - 0.9)
        rise = math.cos(angle)
        radius = tall * (0.21 + 0.16 * rise) * dice.uniform(0.93, 1.07) * math.sqrt(5.0 / count)
        rounds.append(blob("Round", (116.0 * math.sin(angle) + 60.0 * wish.lean * rise,
                                     0.85 * radius + (tall - 1.85 * radius) * rise, dice.uniform(-10.0, 10.0)), (radius,) * 3))
    radius = 0.26 * tall
    rounds += [blob("Round", (x, 0.92 * radius, z), (radius, radius, 0.9 * radius)).edited(melt=12.0)
               for x, z in ((-68.0, 46.0), (26.0, -46.0), (62.0, 46.0), (-20.0, -46.0))]
    return rounds, {"grains": (Push(feature=60.0, strength=1.5, octaves=2, seed=wish.seed + 2),), "melt": 3.0,
                    "base": FLAT.edited(raggedness=0.0, softness=7.0), "skin": 1.6 + 6.0 * wish.tired}


def puff(wish):
    """Smoke that has just left a chimney."""
    dice, smoke = random.Random(wish.seed), []
    for n in range(wish.turrets):
        share = (n + 0.5) / wish.turrets
        size = 14.0 + 46.0 * share**0.8
        for _ in range(3):
            centre = (300.0 * wish.lean * share**1.4 + dice.uniform(-0.4, 0.4) * size,
                      MADE * wish.height * share + dice.uniform(-8.0, 8.0), dice.uniform(-0.5, 0.5) * size)
            smoke.append(blob("Puff", centre, [size * dice.uniform(0.75, 1.0) for _ in range(3)]))
    return smoke, {"base": NONE, "grains": lumps(replace(wish, tired=max(wish.tired, 0.6)), 0.8, 0.75), "skin": 3.0}
