"""Stratiform starts: what lies in layers, flat, waved, hanging, or lifted over what is below.

Each is given a `Wish` and returns its blobs, metres at `MADE` across, and what differs from other starts: see `Start.make`.
"""

import math
import random
from dataclasses import replace

from ..grain.actions.nibble import Nibble
from ..grain.actions.push import Push
from ..grain.masks.height import ByHeight
from ..grain.masks.tired import ByTired
from ..recipe.forms import Buds
from ..recipe.grains import Noise
from ..recipe.models import Sun, View
from .growth import GOLDEN, blob
from .wish import FLAT, MADE, NONE, lumps

_STAIRS, _ALONG = 12, 11
"""Stairs of a shelf cloud at the most, and blobs along each."""
_WIDEST = 290.0
"""Radius of a lens at the most, metres: at the largest span it stays within what a blob may be."""
_SMOOTH = FLAT.edited(altitude=1.0, softness=9.0, raggedness=0.0, fill=0.0)


def stratocumulus(wish):
    """A piece of a layer of flat lumps with gaps between them."""
    return _pieces(wish, 4, max(wish.turrets // 2, 2), 58.0, 27.0, 39.0), {
        "base": FLAT.edited(altitude=6.0, fill=0.0), "grains": lumps(wish, 0.7, 0.6), "skin": 2.5, "melt": 9.0}


def slab(wish):
    """A deck: low, wide and lumpy, with a flat underside."""
    deck = [blob("Deck", (0.0, 12.0, 0.0), (152.0, 18.0, 112.0))]
    return [*deck, *_pieces(wish, 5, max(wish.turrets, 3), 294.0 / max(wish.turrets, 3), 17.0, 26.0)], {
        "base": FLAT.edited(altitude=4.0), "grains": lumps(wish, 0.6, 0.6), "melt": 9.0}


def floccus(wish):
    """A field of small tufts, each heaped above and torn below."""
    dice, level, apart = random.Random(wish.seed), 0.5 * MADE * wish.height, MADE / wish.turrets
    tufts = []
    for row, column in ((row, column) for row in range(4) for column in range(wish.turrets)):
        if dice.random() < 0.1:
            continue
        radius = apart * dice.uniform(0.24, 0.4)
        x = (column - 0.5 * wish.turrets + 0.25 + 0.5 * (row % 2) + dice.uniform(-0.22, 0.22)) * apart
        y, z = level + dice.uniform(-4.0, 4.0), (row - 1.5) * 54.0 + dice.uniform(-12.0, 12.0)
        tufts.append(blob("Tuft", (x, y, z), (radius, 0.6 * radius, 0.9 * radius), _budded(8, 0.48, 0.6, dice)))
        # What falls out of it stays behind in slower air.
        tufts += [blob("Torn below", (x - (0.3 + 0.35 * n) * radius * (1.0 if wish.lean >= 0.0 else -1.0),
                                      y - (0.5 + 0.4 * n) * radius, z + dice.uniform(-0.3, 0.3) * radius),
                       ((0.55 - 0.2 * n) * radius, (0.6 - 0.1 * n) * radius, (0.5 - 0.2 * n) * radius)) for n in range(2)]
    low = ByHeight(low=round(level + 2.0, 2), high=round(level - 12.0, 2))
    grains = (*lumps(replace(wish, tired=0.4 * wish.tired), 0.3, 0.9)[:2],
              Nibble(feature=7.0, depth=12.0, octaves=5, gain=0.64, strength=round(0.65 + 0.3 * wish.tired, 3),
                     stretch=(0.8, 2.0, 0.8), seed=wish.seed + 9, where=(low,)))
    return tufts, {"base": NONE, "grains": grains, "skin": 2.0, "melt": 3.0, "crumbs": 3.0, "view": View(elevation=-15.0)}


def lenticularis(wish):
    """A lens of air lifted over a ridge, blanket over blanket, smooth toward the wind and frayed to the lee."""
    dice, tall = random.Random(wish.seed), MADE * wish.height
    wide, thin, crown = 136.0, 0.72, 0.66 * tall
    # The top of a wide ball over the level of condensation has a sharp rim.
    over = min((wide**2 + crown**2) / (2.0 * crown), _WIDEST)
    lens = [blob("Lens", (0.0, crown - over, 0.0), (over, over, over * thin))]
    for n in range(wish.turrets):
        up = (n + 0.3) / wish.turrets
        out = wide * math.sqrt(1.0 - 0.92 * up) * dice.uniform(0.86, 1.02) + 9.0
        lens.append(blob("Ledge", (dice.uniform(-5.0, 5.0) + 0.5 * (9.0 + 60.0 * wish.lean) * up + 6.0,
                                   0.06 * tall + 1.06 * crown * up, dice.uniform(-4.0, 4.0)),
                         (out, dice.uniform(0.07, 0.13) * tall, out * thin),
                         turned=(dice.uniform(-1.2, 1.2), 0.0, dice.uniform(-2.6, 0.6))))
    lee = ByTired(low=-60.0, high=-20.0, wind=90.0, lee=1.0, uneven=0.6,
                  noise=Noise(feature=60.0, octaves=3, seed=wish.seed + 61))
    grains = (Push(feature=70.0, strength=5.0, octaves=2, gain=0.5, stretch=(3.0, 0.2, 3.0), seed=wish.seed + 8),
              Push(feature=40.0, strength=2.4, octaves=4, gain=0.6, stretch=(6.0, 0.1, 4.0), goes_on=True, seed=wish.seed + 21),
              Nibble(feature=14.0, depth=round(16.0 + 16.0 * wish.tired, 2), octaves=5, gain=0.62, strength=0.9,
                     stretch=(8.0, 0.3, 1.6), seed=wish.seed + 5, where=(lee,)))
    return lens, {"base": _SMOOTH, "grains": grains, "skin": 4.0, "melt": 4.0}


def mamma(wish):
    """A layer with pouches hanging from it, row behind row, large ones in patches and small ones between."""
    dice, level, sheet = random.Random(wish.seed), 110.0, []
    for n in range(15):
        out, angle = math.sqrt((n + 0.3) / 15), n * GOLDEN
        sheet.append(blob("Sheet", (100.0 * out * math.cos(angle), level + dice.uniform(14.0, 19.0), 72.0 * out * math.sin(angle)),
                          (dice.uniform(60.0, 84.0), dice.uniform(11.0, 14.0) - 6.5 * out, dice.uniform(28.0, 44.0))))
    for n in range(18):
        angle = n * GOLDEN
        sheet.append(blob("Edge", (112.0 * math.cos(angle), level + dice.uniform(13.0, 19.0), 78.0 * math.sin(angle)),
                          (dice.uniform(40.0, 64.0), dice.uniform(3.5, 6.0), dice.uniform(8.0, 14.0)),
                          turned=(0.0, dice.uniform(-14.0, 14.0), 0.0)))
    deep = wish.height / 0.4
    for row in range(wish.turrets):
        along, z = (row + 0.5) / wish.turrets * 2.0 - 1.0, -100.0
        while z < 100.0:
            patch = 0.5 + 0.5 * math.sin(3.1 * along + 0.034 * z + wish.seed)
            outward = (0.88 * along) ** 2 + (z / 104.0) ** 2
            radius = (7.0 + 11.0 * patch) * dice.uniform(0.8, 1.25) * max(1.1 - 0.45 * outward, 0.4)
            z += radius
            x = 140.0 * along + 16.0 * math.sin(z / 40.0) + dice.uniform(-4.0, 4.0)
            outward = (x / 156.0) ** 2 + (z / 104.0) ** 2
            if outward < 0.95:
                hung = radius * dice.uniform(0.2, 0.7) * (1.0 - 0.5 * outward) * deep
                sheet.append(blob("Pouch", (x, level + 5.0 + 8.0 * outward - hung, z),
                                  (radius, radius * dice.uniform(0.9, 1.25), radius * dice.uniform(0.9, 1.1))))
            z += 0.75 * radius
    above = {"stretch": (3.5, 0.6, 1.0), "where": (ByHeight(low=level + 4.0, high=level + 15.0),)}
    grains = (Push(feature=18.0, strength=8.0, octaves=5, summed="folded", gain=0.58, goes_on=True, seed=wish.seed + 12, **above),
              Push(kind="cellular", cell="smooth f1", direction="inward", standing=True, goes_on=True, feature=9.0, strength=2.2,
                   octaves=4, gain=0.5, seed=wish.seed + 2),
              Nibble(feature=9.0, depth=16.0, strength=round(0.8 + 0.15 * wish.tired, 3), octaves=5, gain=0.62, seed=wish.seed + 5,
                     **above))
    return sheet, {"base": NONE, "grains": grains, "skin": 2.0, "melt": 3.0, "sun": Sun(azimuth=110.0, elevation=7.0),
                   "view": View(elevation=-17.0)}


def shelf(wish):
    """The edge of a storm's cold air: stairs of lifted air in a bow, the storm behind them, torn rags below."""
    dice, tall, forms = random.Random(wish.seed), MADE * wish.height, []
    for n in range(9):
        x = -140.0 + 280.0 * (n + 0.5) / 9
        inner = 1.0 - abs(x / 150.0) ** 2.5
        forms.append(blob("Storm", (x + wish.lean * tall, tall * (0.5 + inner * dice.uniform(0.2, 0.42)),
                                    dice.uniform(-68.0, -48.0) - 0.0014 * x * x),
                          (dice.uniform(34.0, 52.0), tall * (0.12 + inner * dice.uniform(0.1, 0.22)), dice.uniform(52.0, 70.0)),
                          _budded(9, 0.46, 0.6, dice)))
    forms += [blob("Rise", (x, 0.4 * tall, -34.0 - 0.002 * x * x), (46.0, 0.24 * tall, 46.0)) for x in range(-120, 121, 40)]
    steps = min(max(wish.turrets, 2), _STAIRS)
    for step in range(steps):
        # None as long or as thick as the next; the higher the farther back.
        up = max((step + dice.uniform(-0.15, 0.15)) / (steps - 1), 0.0)
        half, thick, swing = 130.0 * dice.uniform(0.78, 1.0), tall * 0.5 / steps * dice.uniform(0.42, 0.7), dice.uniform(0.0, 6.0)
        for n in range(_ALONG):
            share = (n + 0.5) / _ALONG * 2.0 - 1.0
            centre = (half * share + 10.0 * math.sin(swing),
                      17.0 + 0.46 * tall * up + 12.0 * share * share * (1.0 - up) + 3.0 * math.sin(2.5 * share + swing),
                      72.0 - 76.0 * up**0.8 - 66.0 * share * share + 4.0 * math.sin(4.0 * share + 2.0 * swing))
            forms.append(blob("Stair", centre, (38.0, thick * math.sqrt(max(1.0 - abs(share) ** 3, 0.05)), 36.0 + 14.0 * up),
                              turned=(9.0 - 4.0 * up, -24.0 * share, 0.0)))
    boiling, fraying, _ = lumps(wish, 0.5, 0.8)
    grains = (Push(feature=54.0, strength=5.0, octaves=3, gain=0.5, stretch=(4.0, 0.16, 3.0), seed=wish.seed + 8),
              boiling.edited(where=(ByHeight(low=round(0.55 * tall, 2), high=round(0.8 * tall, 2)),)),
              Push(feature=16.0, strength=3.0, octaves=6, summed="folded", gain=0.58, stretch=(2.5, 0.4, 1.6), goes_on=True,
                   seed=wish.seed + 14),
              fraying,
              Nibble(feature=12.0, depth=round(12.0 + 25.0 * wish.tired, 2), octaves=5, gain=0.62, strength=0.85,
                     stretch=(1.6, 1.0, 1.6), seed=wish.seed + 5, where=(ByHeight(low=30.0, high=4.0),)))
    return forms, {"base": NONE, "grains": grains, "skin": 2.2, "melt": 4.0, "sun": Sun(azimuth=70.0, elevation=24.0),
                   "view": View(azimuth=22.0, elevation=-9.0)}


def _pieces(wish, rows, columns, apart, low, high):
    """Lumps side by side, as of a layer that has broken into cells."""
    dice, cells = random.Random(wish.seed), []
    for row in range(rows):
        for column in range(columns):
            radius = dice.uniform(low, high)
            centre = ((column - (columns - 1) / 2) * apart + dice.uniform(-0.24, 0.24) * apart,
                      MADE * wish.height * dice.uniform(0.35, 0.6),
                      (row - (rows - 1) / 2) * apart * 0.92 + dice.uniform(-0.22, 0.22) * apart)
            cells.append(blob("Cell", centre, (radius * 1.3, radius * MADE * wish.height / 40.0, radius * 1.25)))
    return cells


def _budded(count, shrink, upward, dice):
    return Buds(generations=2, count=count, shrink=shrink, reach=0.86, variation=0.4, upward=upward, fewer_below=0.85,
                seed=dice.randrange(1000))
