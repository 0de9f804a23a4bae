"""What rises, beside what was measured of it: a thermal, a plume, a ring, and a cloud below a lid."""

import math

import numpy as np

from softmound.core.growth.air import GRAVITY, air_of, saturated, stopping_height
from softmound.core.growth.solver import HEAT, KELVIN, SMOKE, WATER, Flowing, Weather

TOP_HAT, PLUME = 0.25, (0.10, 0.13)
"""Spread of a thermal with height (Scorer 1957, Journal of Fluid Mechanics 2; Morton, Taylor and Turner 1956, Proceedings of the
Royal Society A 234); of a plume's width, where its speed is e times less (Papanicolaou and List 1988, Journal of Fluid Mechanics
195)."""


CUT = 0.1
"""Share of the fastest, below which speed counts as that of the air that is drawn in."""


def thermal(seed, radius=5.0, seconds=60, wide=80, high=112, began=20):
    """A warm ball that rises through still air.

    Parameters
    ----------
    seed : int
        Of its unevenness.
    radius : float, optional
        Cells, each of 1 m.
    seconds, wide, high : int, optional
    began : int, optional
        Seconds after which it is looked at.

    Returns
    -------
    spread : float
        Of half its width with the height of its top.
    straight : float
        Correlation of the square of its middle's height with time, which is 1 where it slows as the theory says.
    """
    half = int(3 * radius)
    box = (slice(wide // 2 - half, wide // 2 + half), slice(0, 2 * half), slice(wide // 2 - half, wide // 2 + half))
    flowing, dice = Flowing((wide, high, wide), 1.0, box=box), np.random.default_rng(seed)
    x, y, z = np.ogrid[:2 * half, :2 * half, :2 * half]
    ball = (x - half + 0.5) ** 2 + (y - radius - 2) ** 2 + (z - half + 0.5) ** 2 < radius**2
    flowing.carried[HEAT] = np.where(ball, 4.0 * (1.0 + 0.3 * dice.standard_normal(ball.shape)), 0.0)
    flowing.carried[SMOKE] = ball
    seen = []
    for second in range(1, seconds + 1):
        flowing.step(1.0)
        smoke = flowing.carried[SMOKE]
        there = smoke > 0.02 * smoke.max()
        ends = [np.flatnonzero(there.any(axis=tuple(a for a in range(3) if a != axis)))[[0, -1]] for axis in range(3)]
        level = smoke.sum(axis=(0, 2), dtype=np.float64)
        middle = (level * np.arange(len(level))).sum() / level.sum()
        seen.append((second, (np.ptp(ends[0]) + np.ptp(ends[2]) + 2) / 4.0, ends[1][1], middle))
    seconds_, width, top, middle = np.array(seen[began:]).T
    return float(np.polyfit(top, width, 1)[0]), float(np.corrcoef(seconds_, middle**2)[0, 1])


def plume(seconds=170, mean_from=80, wide=64, high=96):
    """Air that rises from a warm patch of ground all the time: how its width grows with height.

    Parameters
    ----------
    seconds, mean_from, wide, high : int, optional
        Seconds in all, after which the mean is begun, and cells of 1 m.

    Returns
    -------
    float
        Of the width at which the mean speed is e times less than in the middle.
    """
    flowing, dice = Flowing((wide, high, wide), 1.0), np.random.default_rng(4)
    x, z = np.ogrid[:wide, :wide]
    patch = ((x - wide / 2 + 0.5) ** 2 + (z - wide / 2 + 0.5) ** 2 < 3.0**2).astype(np.float32)

    def emit(_box, fields, _faces, passed):
        uneven = 1.0 + 0.4 * dice.standard_normal(patch.shape)
        fields[HEAT][:, 1:3] += (6.0 * passed * patch * uneven)[:, None]

    mean = np.zeros((wide, high, wide))
    for second in range(seconds):
        flowing.step(1.0, emit)
        if second >= mean_from:
            mean += flowing.flow()[..., 1]
    mean /= seconds - mean_from
    heights, widths = np.arange(18, 60), []
    for height in heights:
        speed = np.where(mean[:, height] > CUT * mean[:, height].max(), mean[:, height], 0.0)
        # Of a Gaussian: the square of what flows through over twice pi times what momentum does, each without what was cut off.
        through, momentum = speed.sum() / (1.0 - CUT), (speed**2).sum() / (1.0 - CUT**2)
        widths.append(math.sqrt(through**2 / (2.0 * math.pi * momentum)))
    return float(np.polyfit(heights, widths, 1)[0])


def ring(wide=72, high=96, radius=10.0, core=3.0, seconds=30, warm=0.8):
    """A buoyant vortex ring: how fast its buoyancy widens it, beside Turner (1957, Proceedings of the Royal Society A 239).

    Parameters
    ----------
    wide, high : int, optional
        Cells of 1 m.
    radius, core : float, optional
        Of the disc of air that is pushed, and half of its thickness, metres.
    seconds : int, optional
    warm : float, optional
        Kelvin.

    Returns
    -------
    float
        Growth of its radius squared, more than that of the same ring without buoyancy, which its core's widening makes, over its
        buoyancy by pi times its circulation.
    """
    (faster, circulation, buoyancy), (own, _, _) = (_widening(wide, high, radius, core, seconds, each) for each in (warm, 0.0))
    return (faster - own) / (buoyancy / (math.pi * circulation))


def _widening(wide, high, radius, core, seconds, warm):
    """Growth of a ring's radius squared in a second, its circulation and its buoyancy."""
    flowing = Flowing((wide, high, wide), 1.0)
    middle = (wide - 1) / 2.0
    x, y, z = np.ogrid[:wide, :high, :wide]
    away = np.hypot(x - middle, z - middle)
    # A push on a disc of still air rolls up to a ring round its rim.
    disc = 0.5 * (1.0 - np.tanh((away - radius) / 1.5)) * np.exp(-((y - 0.2 * high) / core) ** 2)
    flowing.faces[1][:, :-1] = 5.0 * disc
    # What is warm is in its core: nothing is lighter along its axis, so that its circulation stays.
    flowing.carried[HEAT] = warm * np.exp(-((away - radius) / core) ** 2 - ((y - 0.2 * high) / core) ** 2)
    buoyancy = GRAVITY / KELVIN * float(flowing.carried[HEAT].sum(dtype=np.float64))
    flowing.step(0.2)

    def measured():
        flow = flowing.flow()[wide // 2:, :, wide // 2].astype(np.float64)
        turning = np.gradient(flow[..., 1], axis=0) - np.gradient(flow[..., 0], axis=1)
        away = np.arange(len(turning)) + 0.5
        return math.sqrt((turning.sum(axis=1) * away**2).sum() / turning.sum()), abs(turning.sum())

    seen = []
    for _ in range(seconds):
        flowing.step(1.0)
        seen.append(measured())
    away, circulation = np.array(seen[seconds // 3:]).T
    return float(np.polyfit(np.arange(len(away)), away**2, 1)[0]), float(circulation.mean()), buoyancy


def cumulus(sounding, cell=100.0, wide=60, high=60, seconds=1_500.0, step=12.0, warm=0.5):
    """A cloud over a warm patch of ground.

    Parameters
    ----------
    sounding : Sounding
    cell : float, optional
        Metres.
    wide, high : int, optional
        Cells.
    seconds, step, warm : float, optional
        In all, between two looks, and kelvin.

    Returns
    -------
    top : float
        Height of the highest cloud above the base level, metres.
    parcel : float
        Where a parcel that mixes with nothing stops.
    spread : float
        Width of the cloud at its widest height in the upper third, over that in the lower two.
    drops : float
        Density of the densest.
    """
    base = 4
    heights = cell * (np.arange(high) - base)
    air, below = air_of(sounding, heights), air_of(sounding, np.zeros(1))
    flowing, dice = Flowing((wide, high, wide), cell, Weather(air)), np.random.default_rng(7)
    x, z = np.ogrid[:wide, :wide]
    patch = ((x - wide / 2 + 0.5) ** 2 + (z - wide / 2 + 0.5) ** 2 < (700.0 / cell) ** 2).astype(np.float32)
    total = float(saturated(below.temperature, below.pressure)[0])

    def emit(_box, fields, _faces, passed):
        share = patch * (1.0 - math.exp(-passed / 60.0))
        for layer in range(3):
            uneven = 1.0 + 0.3 * dice.standard_normal(patch.shape)
            fields[HEAT][:, layer] += share * (warm * uneven - fields[HEAT][:, layer])
            fields[WATER][:, layer] += share * (total - air.vapour[layer] - fields[WATER][:, layer])

    for _ in range(int(seconds / step)):
        flowing.step(step, emit)
    cloud = flowing.cloud()
    level = (cloud > 0.1).sum(axis=(0, 2))
    there = np.flatnonzero(level > 3)
    width = np.sqrt(level[there] / math.pi) * 2.0 * cell
    cut = 2 * len(there) // 3
    return (float(heights[there[-1]]), stopping_height(sounding, warm), float(width[cut:].max() / width[:cut].max()),
            float(cloud.max()))
