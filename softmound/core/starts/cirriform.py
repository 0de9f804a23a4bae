"""Cirriform starts: ice that the wind draws out, an anvil over its tower, hooks that fall.

Each is given a `Wish` and returns its forms, metres at `MADE` across, and what differs from other starts: see `Start.make`.
"""

import math
import random

from ..grain.actions.mottle import Mottle
from ..grain.actions.nibble import Nibble
from ..grain.actions.push import Push
from ..grain.masks.height import ByHeight
from ..mass.kinds.trail import Trail
from ..recipe.curve import Curve
from ..recipe.forms import Buds, Dabs
from ..recipe.models import Sun, View
from .growth import GOLDEN, blob, grown, shifted
from .wish import MADE, NONE, lumps

_ICE = Curve(points=((0.0, 0.0), (0.45, 0.02), (0.75, 0.2), (1.0, 0.9)))
"""Density of ice over that of a cloud of water, by noise: mostly far thinner."""
_STRANDS, _BEHIND, _FALLING, _BENDS = 34, 9, 11, 25
"""Strands of an anvil downwind and against the wind, fall streaks of a hook, and places along each."""


def incus(wish):
    """A tower that has met the top of the weather: ice spreads level above, thinner and wider downwind."""
    # The tower stands upwind, so that tower and ice together have the middle.
    top, back = MADE * wish.height, -38.0
    lean, dice = wish.lean * top + back, random.Random(wish.seed)
    tower = shifted(grown(0.9 * MADE, wish.height, wish.lean, wish.turrets, 1.0 - 0.7 * wish.tired, wish.seed, crown=0.62),
                    (back, 0.0, 0.0))
    head = Buds(generations=2, count=9, shrink=0.42, reach=0.88, variation=0.35, upward=0.7, fewer_below=1.0,
                seed=wish.seed % 1000)
    ice = [blob("Anvil root", (lean, top - 50.0, 0.0), (62.0, 50.0, 58.0)),
           blob("Anvil head", (lean + 10.0, top - 17.0, 0.0), (96.0, 19.0, 82.0)),
           blob("Overshoot", (lean - 4.0, top - 4.0, 4.0), (36.0, 25.0, 34.0), head)]
    for n in range(_STRANDS):
        side, out = 2.0 * ((0.3 - n * GOLDEN / math.tau) % 1.0) - 1.0, (n + 0.5) / _STRANDS
        reach = 127.0 * (0.55 + 0.45 * math.cos(1.35 * side)) * dice.uniform(0.5, 1.12) * (0.35 + 0.65 * out)
        thick = 15.0 * (1.0 - 0.72 * out) * dice.uniform(0.8, 1.2)
        ice.append(blob("Anvil", (lean + reach, top - thick - 7.0 * (1.0 - out) * dice.random() + 4.0 * out,
                                  side * (58.0 + 62.0 * out)), (reach, thick, dice.uniform(9.0, 20.0)),
                        turned=(0.0, -13.0 * side * (0.6 + 0.4 * out), dice.uniform(-1.0, 2.0))))
    for n in range(_BEHIND):
        side = 2.0 * (n + 0.5) / _BEHIND - 1.0
        ice.append(blob("Anvil back", (lean - 46.0 - 26.0 * math.cos(1.5 * side) * dice.uniform(0.3, 1.2), top - 9.0, 76.0 * side),
                        (dice.uniform(34.0, 54.0), 8.0, 15.0), turned=(0.0, 24.0 * side, 0.0)))
    drawn_out = {"stretch": (7.0, 0.6, 1.0), "where": (ByHeight(low=round(top - 40.0, 2), high=round(top - 20.0, 2)),)}
    grains = (*lumps(wish, 0.9, under=top - 24.0),
              Push(feature=14.0, strength=6.0, octaves=6, summed="folded", gain=0.62, goes_on=True, seed=wish.seed + 4,
                   **drawn_out),
              Nibble(feature=7.0, depth=20.0, octaves=5, gain=0.65, strength=0.94, seed=wish.seed + 9, **drawn_out),
              Mottle(strength=1.0, floor=0.02, feature=22.0, octaves=4, seed=wish.seed + 31, contrast=_ICE, **drawn_out))
    return [*tower, *ice], {"melt": 8.0, "grains": grains}


def cirrus(wish):
    """Hooks: tufts of ice whose crystals fall into slower air and stay behind, down first and then ever flatter."""
    dice, tall, hooks = random.Random(wish.seed), MADE * wish.height, []
    for n in range(wish.turrets):
        place = (-60.0 + 230.0 * (n + 0.5) / wish.turrets + dice.uniform(-14.0, 14.0), tall * dice.uniform(0.7, 1.0),
                 dice.uniform(-75.0, 75.0))
        behind = 290.0 * wish.lean * dice.uniform(0.7, 1.15)
        strands = [_falling(place, tall * dice.uniform(0.4, 0.75), behind * dice.uniform(0.55, 1.1), n, dice)
                   for _ in range(_FALLING)]
        buds = Buds(generations=2, count=6, shrink=0.5, variation=0.4, upward=0.3, fewer_below=0.3, seed=dice.randrange(1000))
        hooks += [Trail(name=f"Fall streaks {n + 1}", dabs=tuple(strands)),
                  blob("Tuft", place, (dice.uniform(11.0, 17.0), dice.uniform(7.0, 11.0), dice.uniform(10.0, 15.0)), buds)]
    grains = (Push(feature=20.0, strength=3.0, octaves=5, gain=0.55, goes_on=True, seed=wish.seed + 2),
              Nibble(feature=5.0, depth=7.0, octaves=4, gain=0.6, strength=round(0.6 + 0.4 * wish.tired, 3),
                     stretch=(5.0, 0.8, 0.8), rotation=(0.0, 0.0, 20.0), seed=wish.seed + 5))
    return hooks, {"base": NONE, "grains": grains, "skin": 6.0, "melt": 3.0, "crumbs": 0.0,
                   "sun": Sun(azimuth=60.0, elevation=38.0), "view": View(elevation=-18.0)}


def _falling(place, fall, behind, hook, dice):
    """One fall streak: from a place, so far down and so far behind, metres."""
    x, y, z = place[0] + dice.uniform(-10.0, 10.0), place[1] + dice.uniform(-4.0, 4.0), place[2]
    aside, path = dice.uniform(-10.0, 10.0), []
    for n in range(_BENDS):
        t = n / (_BENDS - 1)
        at = (x + 7.0 * math.sin(math.pi * min(3.0 * t, 1.0)) - behind * t**1.6, y - fall * (1.0 - (1.0 - t) ** 2.2),
              z + aside * (1.0 + 1.8 * t), max(0.1, min(1.0, 0.5 + 3.0 * t) * (1.0 - t) ** 0.6))
        path.append(tuple(round(number, 3) for number in at))
    return Dabs(path=tuple(path), radius=round(dice.uniform(4.5, 8.0), 2), spacing=0.35, jitter=0.12, seed=dice.randrange(1000),
                gesture=hook)
