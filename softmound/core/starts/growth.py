"""Clouds as they grow: turrets of thermals along leaning paths over one underside, in ordinary blobs."""

import math
import random

from ..mass.kinds.blob import Blob
from ..recipe.forms import Buds

STOUT = 0.8
"""Of the radii that turrets had while grains carved into them: what keeps their size leaves room between them otherwise."""
GOLDEN = math.pi * (3.0 - math.sqrt(5.0))
"""Angle between one turret and the next, radians: no two stand in one line."""


def blob(name, centre, radii, buds=None, turned=(0.0, 0.0, 0.0)):
    """A blob with numbers that an artist can read.

    Parameters
    ----------
    name : str
    centre, radii : sequence of float
        Metres; rounded to centimetres.
    buds : Buds, optional
    turned : sequence of float, optional
        About x, y and z, degrees; rounded to hundredths.

    Returns
    -------
    Blob
    """
    return Blob(name=name, centre=tuple(round(c, 2) for c in centre), radii=tuple(round(max(r, 0.01), 2) for r in radii),
                buds=buds, rotation=tuple(round(angle, 2) for angle in turned))


def shifted(blobs, way):
    """Blobs at another place.

    Parameters
    ----------
    blobs : sequence of Blob
    way : (float, float, float)
        How far, metres.

    Returns
    -------
    list of Blob
    """
    return [one.edited(centre=tuple(round(a + b, 2) for a, b in zip(one.centre, way))) for one in blobs]


def _budded(count, shrink, upward, generations, dice):
    return Buds(generations=generations, count=count, shrink=shrink, reach=0.9, variation=0.35, upward=upward, fewer_below=0.9,
                seed=dice.randrange(1000))


def turret(name, foot, top, radius, lean, dice, *, fresh=1.0, generations=2):
    """A tower of thermals: each lump was born at the top; larger below, the older ones plainer.

    Parameters
    ----------
    name : str
        What its blobs are called, with a number.
    foot : (float, float, float)
        Where it begins, metres.
    top : float
        Height above its foot, metres.
    radius : float
        Of its lowest thermal, metres.
    lean : (float, float)
        How far its top stands from above its foot along x and z, metres.
    dice : random.Random
    fresh : float, optional
        From 0 to 1, how many buds crowd on it.
    generations : int, optional
        Of buds on its topmost thermals.

    Returns
    -------
    list of Blob
    """
    blobs, height, number = [], 0.0, 0
    while True:
        share = min(height / max(top, 1e-6), 1.0)
        # It narrows as it rises and mixes with the air around.
        size = radius * (1.0 - 0.34 * share) * (1.0 + 0.16 * dice.uniform(-1.0, 1.0))
        sway = 0.3 * size
        bend = share**1.6
        centre = (foot[0] + lean[0] * bend + dice.uniform(-sway, sway), foot[1] + height,
                  foot[2] + lean[1] * bend + dice.uniform(-sway, sway))
        count = round(6 + 8 * fresh * share)
        buds = _budded(count, 0.48, 0.1 + 0.7 * share, generations if share > 0.35 else max(1, generations - 1), dice)
        flat = dice.uniform(0.82, 1.0)
        number += 1
        blobs.append(blob(f"{name} {number}", centre, (size, size * flat, size * dice.uniform(0.88, 1.05)), buds))
        if height >= top:
            return blobs
        height = min(height + size * dice.uniform(0.5, 0.75), top)


def grown(span, height, lean, turrets, fresh, seed, *, depth=0.8, crown=0.6, generations=2):
    """A cloud of several turrets on one body.

    Parameters
    ----------
    span : float
        Across, metres.
    height : float
        Of the highest turret over the span.
    lean : float
        How far the tops stand downwind (toward +x), over the height.
    turrets : int
    fresh : float
        From 0 to 1, how much buds crowd on the tops.
    seed : int
    depth : float, optional
        From front to back over the span.
    crown : float, optional
        How much lower the outer turrets are than the highest: 0 as high, 1 flat on the ground.
    generations : int, optional
        Of buds.

    Returns
    -------
    list of Blob
        Standing on altitude 0.
    """
    dice = random.Random(seed)
    tall = span * height
    low = min(tall, span * 0.5)
    # The body fills the middle, so that the underside is one.
    blobs = [blob("Body", (0.0, low * 0.16, 0.0), (span * 0.36, max(low * 0.3, span * 0.06), span * 0.36 * depth))]
    for n in range(turrets):
        out = 0.0 if n == 0 else math.sqrt((n + 0.35) / turrets)
        angle = n * GOLDEN + dice.uniform(-0.5, 0.5)
        radius = min(span * STOUT * (0.25 - 0.085 * out) * dice.uniform(0.86, 1.16), 0.72 * tall)
        reach = max(span * 0.54 - radius, 0.0) * out
        # Buds and lumps stand out over its topmost thermal.
        rise = 0.88 * tall * (1.0 - crown * out) * (1.0 if n == 0 else dice.uniform(0.6, 1.0))
        top = max(rise - radius * 1.15, 0.0)
        foot = (reach * math.cos(angle), min(radius * 0.45, low * 0.3), depth * reach * math.sin(angle))
        blobs += turret(f"Turret {n + 1}.", foot, top, radius, (lean * rise, 0.25 * lean * rise * dice.uniform(-1.0, 1.0)),
                        dice, fresh=fresh, generations=generations)
    return blobs
