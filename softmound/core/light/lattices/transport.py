"""Light scattered often, on a coarse dense lattice: the equation of transfer along a few directions.

Discrete ordinates (Chandrasekhar 1950, Radiative transfer) with the forward peak of scattering taken for no scattering at
all (Wiscombe 1977, The delta-M method, J. Atmos. Sci. 34, with two moments), swept from cell to cell along each direction.
Turns of sweeping converge slowly in thick clouds, so after each one the diffusion equation says what is still missing
(Alcouffe 1977, Nucl. Sci. Eng. 64, diffusion-synthetic acceleration), and the last three are put together so that the least
is left to change (Anderson 1965, J. ACM 12; two differences). Shadows of one lump on another, gaps between them
and thin clouds, where diffusion alone errs, come out right.

Up to four lights are solved at once. A cell holds sixteen numbers: the four moments of each light, or, along the three
directions that walk the lattice in one order, the radiance of each.
"""

import math

import numpy as np

from ...kernels import call, each, f32, kernel, prange, u64, when_needed
from .diffusion import LIGHTS, solved

lanes = when_needed("softmound.core.lanes")

ROUND = 6
"""Directions of the same height."""
HEIGHTS = (0.788675, 0.211325, -0.211325, -0.788675)
"""Sines of their elevations: Gauss's two places for each half of the sphere, which all count the same."""
TURNS = 5
"""Sweeps, after which one or two per cent are left to converge in the thickest clouds."""
BLOCKS = 64
"""Parts that sums over cells are made of, so that they are the same however many threads there are."""
EASED = f32(0.75)
"""Share of what the diffusion equation says is missing that is added; all of it would swing in cells thicker than one."""
THICKEST = np.float32(2.5)
"""Optical thickness of a cell, at most: beyond, the two equations, cut into cells, contradict each other."""
AT_ONCE = 4
"""Orders of walking the lattice whose results are held apart, so that threads share nothing and sums keep their order."""
MOMENTS = 4
CELL = MOMENTS * LIGHTS


def _directions():
    # Each has its opposite, so that light takes the same ways there and back.
    places = [(height, 2.0 * math.pi * (n + 0.21 + (0.5 if level in (1, 2) else 0.0)) / ROUND)
              for level, height in enumerate(HEIGHTS) for n in range(ROUND)]
    return np.array([(math.sqrt(1.0 - h * h) * math.sin(a), h, math.sqrt(1.0 - h * h) * math.cos(a)) for h, a in places],
                    np.float32)


DIRECTIONS = _directions()
"""Unit vectors light travels along, all of the same weight."""
_ORDERS = np.argsort((DIRECTIONS > 0.0) @ (4, 2, 1), kind="stable").reshape(8, 3)
"""Numbers of the three directions that walk the lattice in one order."""


def _in_lanes(values, rest=0.0):
    """Three numbers for each order of walking as sixteen: each for all lights, then `rest`."""
    wide = np.full((len(values), 16), rest, np.float32)
    wide[:, : 3 * LIGHTS] = values.repeat(LIGHTS, axis=1)
    return wide


_FORWARD = (DIRECTIONS[_ORDERS[:, 0]] > 0.0).astype(np.int64)
"""Whether an order of walking goes up each axis."""
_WAYS = np.stack([*(_in_lanes(abs(DIRECTIONS[_ORDERS, axis]), 1.0) for axis in range(3)),
                  *(_in_lanes(DIRECTIONS[_ORDERS, axis]) for axis in range(3)), _in_lanes(np.ones((8, 3)))], axis=1).reshape(8, -1)
"""Of each order: sizes of the directions' parts, the parts, and 1 where there is a direction."""


@call
def _walk(thick, slots, source, ways, forward, entering, out):
    """Moments of the mean radiance in each cell along three directions, with what enters from outside."""
    nx, ny, nz = thick.shape
    one = f32(1)
    ax = lanes.sixteen_at(ways, u64(0))
    ay = lanes.sixteen_at(ways, u64(16))
    az = lanes.sixteen_at(ways, u64(32))
    dx = lanes.sixteen_at(ways, u64(48))
    dy = lanes.sixteen_at(ways, u64(64))
    dz = lanes.sixteen_at(ways, u64(80))
    counts = lanes.sixteen_at(ways, u64(96))
    incoming = lanes.sixteen_at(entering, u64(0))
    across = ax + ay + az
    share = one / across
    sheet = np.empty(ny * nz * 16, np.float32)
    line = np.empty(nz * 16, np.float32)
    for n in range(ny * nz):
        lanes.put(sheet, u64(n * 16), incoming)
    for i in range(nx):
        x = i if forward[0] else nx - 1 - i
        for n in range(nz):
            lanes.put(line, u64(n * 16), incoming)
        for j in range(ny):
            y = j if forward[1] else ny - 1 - j
            last = incoming
            for k in range(nz):
                z = k if forward[2] else nz - 1 - k
                on_sheet = u64((y * nz + z) * 16)
                on_line = u64(z * 16)
                above = lanes.sixteen_at(sheet, on_sheet)
                beside = lanes.sixteen_at(line, on_line)
                mean = ax * above + ay * beside + az * last
                own = thick[x, y, z]
                slot = slots[x, y, z]
                # Where in a cell its mean is reached: in the middle of a thin one, at the end of a thick one. Through empty
                # cells light goes as it came; nothing is lost in them.
                lean = f32(2)
                if own > f32(0):
                    moments = lanes.sixteen_at(source, u64(slot * CELL))
                    light = lanes.larger(lanes.quarter_0(moments) + dx * lanes.quarter_1(moments) + dy * lanes.quarter_2(moments)
                                   + dz * lanes.quarter_3(moments), f32(0))
                    lean = one + one / (one + own * f32(0.08))
                    mean = (lean * mean + own * light) / (lean * across + own)
                else:
                    mean = mean * share
                lanes.put(sheet, on_sheet, lanes.larger(above + lean * (mean - above), f32(0)))
                lanes.put(line, on_line, lanes.larger(beside + lean * (mean - beside), f32(0)))
                last = lanes.larger(last + lean * (mean - last), f32(0))
                if slot >= 0:
                    lanes.put(out, u64(slot * CELL), lanes.one_quarter_each(
                        lanes.quarters_summed(mean * counts), lanes.quarters_summed(mean * dx), lanes.quarters_summed(mean * dy),
                        lanes.quarters_summed(mean * dz)))


@each("ways")
def _sweep(n, thick, slots, source, ways, forward, entering, out):
    """One sweep along a direction, slab by slab."""
    _walk(thick, slots, source, ways[n], forward[n], entering[n], out[n])


@each("out")
def _add(n, parts, fresh, out):
    """Mean over directions, in a fixed order."""
    share = f32(1.0 / len(DIRECTIONS))
    for lane in range(out.shape[1]):
        total = f32(0) if fresh else out[n, lane]
        for part in range(parts.shape[0]):
            total += share * parts[part, n, lane]
        out[n, lane] = total


@each("places")
def _scatter(n, thick, places, kept, new, cosine, scattered, missing):
    """Scatter what arrived anew, and tell what diffusion has still to spread."""
    lean = f32(3) * cosine
    at = places[n]
    for q in range(LIGHTS):
        share = kept[n, q]
        missing[at, q] = thick[at] * (share * new[n, q] - scattered[n, q])
        scattered[n, q] = share * new[n, q]
        for m in range(LIGHTS, CELL, LIGHTS):
            scattered[n, m + q] = share * lean * new[n, m + q]


@each("places")
def _spread(n, spread, places, kept, before, scattered, change):
    """Add what diffusion found, and tell how much a turn has changed."""
    for q in range(LIGHTS):
        scattered[n, q] += EASED * kept[n, q] * spread[places[n], q]
    for lane in range(CELL):
        change[n, lane] = scattered[n, lane] - before[n, lane]


@kernel
def _products(thick, places, last, older, oldest, sums):
    """Of the differences d of three changes r, for each light: d1 d1, d1 d2, d2 d2, d1 r and d2 r, summed over the cloud."""
    count = places.shape[0]
    for block in prange(BLOCKS):
        for n in range(count * block // BLOCKS, count * (block + 1) // BLOCKS):
            weight = thick[places[n]]
            for lane in range(CELL):
                q = lane % LIGHTS
                r = last[n, lane]
                one = r - older[n, lane]
                two = older[n, lane] - oldest[n, lane]
                sums[block, q, 0] += weight * one * one
                sums[block, q, 1] += weight * one * two
                sums[block, q, 2] += weight * two * two
                sums[block, q, 3] += weight * one * r
                sums[block, q, 4] += weight * two * r


@each("out")
def _together(n, last, older, oldest, shares, first, out, source):
    """Put three states together, and make the source of the next sweep."""
    for lane in range(CELL):
        q = lane % LIGHTS
        value = last[n, lane]
        value -= shares[q, 0] * (last[n, lane] - older[n, lane]) + shares[q, 1] * (older[n, lane] - oldest[n, lane])
        out[n, lane] = value
        source[n, lane] = value + first[n, lane]


def _shares(thick, places, changes):
    """How much of the last two differences to take off, so that the least is left to change: ndarray of float32, shape (4, 2)."""
    shares, sums = np.zeros((LIGHTS, 2), np.float32), np.zeros((BLOCKS, LIGHTS, 5))
    if changes[0] is changes[1]:
        return shares
    _products(thick, places, *changes, sums)
    for q, (aa, ab, bb, ar, br) in enumerate(sums.sum(axis=0)):
        # A little is added, so that differences that are alike are not told apart by their rounding.
        aa, bb = aa * (1.0 + 1e-6), bb * (1.0 + 1e-6)
        apart = aa * bb - ab * ab
        if bb > 0.0 and apart > 0.0:
            shares[q] = (ar * bb - br * ab) / apart, (br * aa - ar * ab) / apart
        elif aa > 0.0:
            shares[q, 0] = ar / aa
    return shares


def _wanted(thick):
    """Numbers of the cells that hold something or lie beside one that does, between which light is read; -1 of all others.

    Returns
    -------
    slots : ndarray of int32, shape (X, Y, Z)
    places : ndarray of int64, shape (n,)
        Of each number its place among all cells.
    """
    near = thick > 0.0
    for axis in range(3):
        low, high = (tuple(side if a == axis else slice(None) for a in range(3)) for side in (slice(None, -1), slice(1, None)))
        more = near.copy()
        more[low] |= near[high]
        more[high] |= near[low]
        near = more
    places = np.flatnonzero(near)
    slots = np.full(thick.shape, -1, np.int32)
    slots.ravel()[places] = np.arange(len(places), dtype=np.int32)
    return slots, places


def transported(thick, cosine, first, incoming, turns=TURNS, albedo=None):
    """Radiance that has been scattered often enough to come from everywhere, of up to four lights.

    Parameters
    ----------
    thick : ndarray of float32, shape (X, Y, Z)
        Optical thickness of each cell for scattering without its forward peak; the outermost cells are empty.
    cosine : float
        Mean cosine of that scattering.
    first : ndarray of float32, shape (X, Y, Z, 4, N)
        Radiance that light from each source, scattered for the first time, sends on: its mean over directions, and what is
        added to it times the direction it goes along.
    incoming : ndarray of float32, shape (24, N)
        Radiance of each light that enters along each of `DIRECTIONS`.
    turns : int, optional
    albedo : ndarray of float32, shape (X, Y, Z, N), optional
        Share of each light that a cell scatters on rather than absorbs; all of it where it is not given.

    Returns
    -------
    ndarray of float32, shape (X, Y, Z, 4, N)
        Radiance scattered on in each cell, as `first`, which it does not hold; 0 in cells without and not beside any cloud.
    """
    lights, thick = first.shape[4], np.minimum(thick, THICKEST)
    slots, places = _wanted(thick)
    begun = np.zeros((len(places), MOMENTS, LIGHTS), np.float32)
    begun[..., :lights] = first.reshape(-1, MOMENTS, lights)[places]
    begun = begun.reshape(-1, CELL)
    entering = np.zeros((8, 16), np.float32)
    entering[:, : 3 * LIGHTS].reshape(8, 3, LIGHTS)[..., :lights] = np.asarray(incoming, np.float32)[_ORDERS]
    source, scattered, new = begun.copy(), np.zeros_like(begun), np.empty_like(begun)
    # The last three states, and how much the turns that led to them changed, the newest first.
    states, changes = ([np.zeros_like(begun) for _ in range(3)] for _ in range(2))
    parts, missing = np.empty((AT_ONCE, *begun.shape), np.float32), np.zeros((*thick.shape, LIGHTS), np.float32)
    reduced = thick * np.float32(1.0 - cosine)
    kept, absorbed = np.ones((len(places), LIGHTS), np.float32), None
    if albedo is not None:
        kept[:, :lights] = albedo.reshape(-1, lights)[places]
        absorbed = np.zeros_like(missing)
        absorbed[..., :lights] = thick[..., None] * (1.0 - albedo)
    # Diffusion alone is where the turns begin: a first one by itself finds but what is scattered once more.
    missing.reshape(-1, LIGHTS)[places] = thick.ravel()[places, None] * begun[:, :LIGHTS]
    scattered[:, :LIGHTS] = kept * solved(reduced, missing, absorbed).reshape(-1, LIGHTS)[places]
    source += scattered
    for turn in range(turns):
        states, changes = [states[-1], *states[:-1]], [changes[-1], *changes[:-1]]
        states[0][:] = scattered
        for start in range(0, 8, AT_ONCE):
            some = slice(start, start + AT_ONCE)
            _sweep(thick, slots, source.ravel(), _WAYS[some], _FORWARD[some], entering[some], parts.reshape(AT_ONCE, -1))
            _add(parts, start == 0, new)
        _scatter(thick.ravel(), places, kept, new, f32(cosine), states[0], missing.reshape(-1, LIGHTS))
        spread = solved(reduced, missing, absorbed).reshape(-1, LIGHTS)
        _spread(spread, places, kept, scattered, states[0], changes[0])
        # Before there are three, the older ones are those there are: their differences are nothing.
        known = [min(n, turn) for n in range(3)]
        changed, found = ([values[n] for n in known] for values in (changes, states))
        _together(*found, _shares(thick.ravel(), places, changed), begun, scattered, source)
    out = np.zeros((thick.size, MOMENTS, lights), np.float32)
    out[places] = scattered.reshape(-1, MOMENTS, LIGHTS)[..., :lights]
    return out.reshape(*thick.shape, MOMENTS, lights)
