"""Members placed over an area by a rule and one seed."""

import math
from dataclasses import dataclass

import numpy as np
from PIL import Image

from ..exchange.foreign import read_photograph
from ..recipe.flock import Member

TRIES = 40
"""Candidates for each member that is wanted; then the area counts as full."""
_DRAWS = 12
"""Numbers drawn for each candidate, used or not, so that no choice changes those after it."""


@dataclass
class _Stand:
    """Where members stand already, in cells as wide as the largest distance that is looked for."""

    cell: float

    def __post_init__(self):
        self.cells = {}

    def _at(self, x, z):
        return math.floor(x / self.cell), math.floor(z / self.cell)

    def add(self, x, z, radius, reserve):
        """Keep a member.

        Parameters
        ----------
        x, z, radius, reserve : float
            Metres; `reserve` is what it keeps free beyond.
        """
        self.cells.setdefault(self._at(x, z), []).append((x, z, radius, reserve))

    def room(self, x, z, radius, reserve, spread):
        """Whether another may stand there: bool."""
        i, j = self._at(x, z)
        for a in (i - 1, i, i + 1):
            for b in (j - 1, j, j + 1):
                for ox, oz, other, kept in self.cells.get((a, b), ()):
                    need = max(spread.apart, (radius + other) * (1.0 - spread.overlap) + max(reserve, kept))
                    if (x - ox) ** 2 + (z - oz) ** 2 < need * need:
                        return False
        return True


def spread_members(spread, radii, others=()):
    """Place members by a rule.

    Parameters
    ----------
    spread : Spread
    radii : dict of Asset to float
        Half of how wide each asset is from above, metres.
    others : sequence of Member, optional
        Members that stand already and keep their room, among them those of this spread that were changed by hand.

    Returns
    -------
    list of Member
        Without the others; the same for the same rule, seed and others. Smallest distances after Cook (1986, Stochastic sampling
        in computer graphics): candidates are thrown one after the other and stay where there is room.
    """
    largest = max(radii[kind.asset] for kind in spread.kinds) * spread.sizes[1]
    mean = float(np.mean([radii[kind.asset] for kind in spread.kinds])) * 0.5 * sum(spread.sizes)
    standing = [(m, radii.get(m.asset, mean) * m.size) for m in others]
    widest = max([largest, *(radius for _, radius in standing)])
    reach = max(spread.apart, 2.0 * widest * (1.0 - spread.overlap) + (max(widest - mean, 0.0) if spread.larger_apart else 0.0))
    stand = _Stand(max(reach, 1e-3))
    for member, radius in standing:
        stand.add(member.place[0], member.place[2], radius, 0.0)
    taken = {m.number for m in others if m.spread == spread.name} | set(spread.without)
    weights = np.cumsum([kind.weight for kind in spread.kinds])
    wanted = max(spread.count - len(taken - set(spread.without)), 0)
    rng, made = np.random.default_rng(spread.seed), []
    for number, u in enumerate(rng.random((TRIES * spread.count, _DRAWS))):
        if len(made) >= wanted:
            break
        x, z, inward = _place(spread, u)
        if u[3] >= _chance(spread, x, z, inward):
            continue
        kind = spread.kinds[int(np.searchsorted(weights, u[4] * weights[-1], side="right"))]
        size = spread.sizes[0] + u[5] * (spread.sizes[1] - spread.sizes[0])
        radius = radii[kind.asset] * size
        reserve = max(radius - mean, 0.0) if spread.larger_apart else 0.0
        if number in taken or not stand.room(x, z, radius, reserve, spread):
            continue
        stand.add(x, z, radius, reserve)
        turn = {"not": (0.0, 0.0, 0.0), "about": (0.0, 360.0 * u[7] - 180.0, 0.0),
                "freely": (360.0 * u[8] - 180.0, 360.0 * u[7] - 180.0, 360.0 * u[9] - 180.0)}[spread.turned]
        made.append(Member(
            asset=kind.asset, name=f"{kind.asset.name} {number}",
            place=(round(x, 3), round(spread.low + u[6] * (spread.high - spread.low), 3), round(z, 3)),
            turn=tuple(round(degrees, 2) for degrees in turn), size=round(size, 4), mirrored=bool(spread.mirrored and u[10] < 0.5),
            density=round(spread.densities[0] + u[11] * (spread.densities[1] - spread.densities[0]), 4), spread=spread.name,
            number=number))
    return made


def _place(spread, u):
    """x and z of a candidate, and how far it is from the middle to the edge, 0 to 1."""
    (cx, cz), (wide, deep) = spread.centre, spread.size
    if spread.area in ("rectangle", "painted"):
        a, b = 2.0 * u[0] - 1.0, 2.0 * u[1] - 1.0
        return cx + 0.5 * wide * a, cz + 0.5 * deep * b, max(abs(a), abs(b))
    if spread.area == "disc":
        out, turn = math.sqrt(u[0]), 2.0 * math.pi * u[1]
        return cx + 0.5 * wide * out * math.cos(turn), cz + 0.5 * deep * out * math.sin(turn), out
    points = np.array(spread.points)
    ways = np.diff(points, axis=0)
    lengths = np.hypot(*ways.T)
    ends = np.cumsum(lengths)
    n = min(int(np.searchsorted(ends, u[0] * ends[-1], side="right")), len(ways) - 1)
    along = (u[0] * ends[-1] - (ends[n] - lengths[n])) / max(lengths[n], 1e-9)
    aside = 2.0 * u[1] - 1.0
    way = ways[n] / max(lengths[n], 1e-9)
    x, z = points[n] + along * ways[n] + 0.5 * wide * aside * np.array([-way[1], way[0]])
    return float(x), float(z), abs(aside)


def painted_at(spread, x, z):
    """How many members a painted area has at a place: float from 0 to 1, between the painted places read straight.

    Parameters
    ----------
    spread : Spread
    x, z : float
        Metres.
    """
    rows = spread.painted
    high, wide = len(rows), len(rows[0])
    u = min(max((x - spread.centre[0]) / spread.size[0] + 0.5, 0.0), 1.0) * (wide - 1)
    v = min(max((z - spread.centre[1]) / spread.size[1] + 0.5, 0.0), 1.0) * (high - 1)
    i, j = min(int(u), wide - 2), min(int(v), high - 2)
    u, v = u - i, v - j
    below = rows[j][i] * (1.0 - u) + rows[j][i + 1] * u
    above = rows[j + 1][i] * (1.0 - u) + rows[j + 1][i + 1] * u
    return below * (1.0 - v) + above * v


def painted_over(spread, x, z, radius, amount, side=48):
    """A spread whose painted area has more or fewer members around a place.

    Parameters
    ----------
    spread : Spread
        Of any area; what is not painted yet begins empty.
    x, z : float
        Metres.
    radius : float
        Of the brush, metres; it falls off to nothing there.
    amount : float
        Added, -1 to 1.
    side : int, optional
        Rows and columns of a new painting.

    Returns
    -------
    Spread
    """
    held = np.array(spread.painted or np.zeros((side, side)), float)
    high, wide = held.shape
    across = spread.centre[0] + (np.arange(wide) / (wide - 1) - 0.5) * spread.size[0]
    along = spread.centre[1] + (np.arange(high) / (high - 1) - 0.5) * spread.size[1]
    away = np.hypot(across[None, :] - x, along[:, None] - z) / max(radius, 1e-6)
    held = np.clip(held + amount * np.clip(1.0 - away**2, 0.0, 1.0), 0.0, 1.0)
    return spread.edited(area="painted", painted=tuple(tuple(round(float(v), 3) for v in row) for row in held))


def painted_by(picture, side=64):
    """What a picture paints: white many, black none.

    Parameters
    ----------
    picture : path-like
        Of any kind that photographs may be.
    side : int, optional
        Rows and columns at the most.

    Returns
    -------
    tuple of tuple of float
        As of `Spread`: the upper edge of the picture is the most z.

    Raises
    ------
    Problem
        If it cannot be read.
    """
    picture = Image.fromarray(np.ascontiguousarray(read_photograph(picture)[..., :3])).convert("L")
    grey = np.asarray(picture.resize((side, side), Image.Resampling.BOX))
    return tuple(tuple(round(float(v) / 255.0, 3) for v in row) for row in grey[::-1])


def _chance(spread, x, z, inward):
    """How likely a candidate is taken there."""
    chance = painted_at(spread, x, z) if spread.area == "painted" else 1.0
    if spread.thinning > 0.0:
        chance *= min(max((1.0 - inward) / spread.thinning, 0.0), 1.0)
    if spread.streets > 0.0:
        # Across the way the streets run: azimuth 0 is along z.
        a = math.radians(spread.along)
        across = x * math.cos(a) - z * math.sin(a)
        chance *= 1.0 - spread.strictly * (0.5 - 0.5 * math.cos(2.0 * math.pi * across / spread.streets)) ** 0.5
    return chance


def spread_again(flock, radii, name=None):
    """Place the members of spreads anew: what was changed, locked or taken out by hand stays as it is.

    Parameters
    ----------
    flock : Flock
    radii : dict of Asset to float
    name : str, optional
        Of one spread; default all, in their order.

    Returns
    -------
    Flock
    """
    for spread in flock.spreads:
        if name is not None and spread.name != name:
            continue
        kept = [m for m in flock.members if m.spread != spread.name or m.moved or m.locked]
        flock = flock.edited(members=(*kept, *spread_members(spread, radii, kept)))
    return flock


def taken_out(flock, numbers):
    """Members taken out by hand, so that spreading again does not bring them back.

    Parameters
    ----------
    flock : Flock
    numbers : collection of int
        Places in `flock.members`.

    Returns
    -------
    Flock
    """
    gone = [flock.members[n] for n in numbers]
    left = tuple(m for n, m in enumerate(flock.members) if n not in set(numbers))
    spreads = tuple(
        spread.edited(without=tuple(sorted({*spread.without, *(m.number for m in gone if m.spread == spread.name)})))
        for spread in flock.spreads)
    return flock.edited(members=left, spreads=spreads)
