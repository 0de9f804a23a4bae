"""Cellular noise at the lanes of a block."""

import numpy as np

from ..kernels import call, f32, i32, row, u32
from ..volume.bricks import LANES
from .gradient import _X, _Y, _Z, mixed

EUCLIDEAN, MANHATTAN, CHEBYSHEV = 0, 1, 2
F1, F2, BETWEEN, SMOOTH = 0, 1, 2, 3
SCALES = np.array([[0.90, 0.68, 1.25, 1.0], [0.58, 0.45, 0.85, 0.65], [1.12, 0.86, 1.5, 1.25]], np.float32)
"""By metric and cell: what brings the value to 0 to 1, so that about one in a thousand is cut at 1."""
_TEN = u32(1023)
_UNIT = f32(1.0 / 1023.0)
_FAR = f32(1e9)


@row
def _way(h, x, y, z):
    """Way to the point of a cell, whose lowest corner lies at (x, y, z)."""
    h = mixed(h)
    return (x + f32(i32(h & _TEN)) * _UNIT, y + f32(i32((h >> u32(10)) & _TEN)) * _UNIT,
            z + f32(i32((h >> u32(20)) & _TEN)) * _UNIT)


@row
def _squared(h, x, y, z):
    """How far the point of a cell is, squared."""
    dx, dy, dz = _way(h, x, y, z)
    return dx * dx + dy * dy + dz * dz


@row
def _apart(h, x, y, z, euclid, manhattan, chebyshev):
    """How far the point of a cell is by any metric; squared when that is Euclidean."""
    dx, dy, dz = _way(h, x, y, z)
    dx = abs(dx)
    dy = abs(dy)
    dz = abs(dz)
    return (euclid * (dx * dx + dy * dy + dz * dz) + manhattan * (dx + dy + dz)
            + chebyshev * max(dx, max(dy, dz)))


@row
def _power(d, euclid):
    """What a point counts in a sum of high powers: near points count alone, and neighbours melt."""
    q = d * (euclid + (f32(1) - euclid) * d)
    q = q * q + f32(1e-6)
    return f32(1) / (q * q)


@call
def _nearest(at, base, columns, near):
    """Squared distance to the nearest point: what most noise is made of, without what the other kinds need."""
    for n in range(LANES):
        near[n] = _FAR
    for k in range(columns):
        a = f32(k // 3 - 1)
        b = f32(k % 3 - 1)
        step = u32(u32(u32(i32(a)) * _X) + u32(u32(i32(b)) * _Y))
        for n in range(LANES):
            h = u32(base[n] + step)
            x = at[0, n] + a
            y = at[1, n] + b
            z = at[2, n]
            below = _squared(u32(h - _Z), x, y, z - f32(1))
            level = _squared(h, x, y, z)
            above = _squared(u32(h + _Z), x, y, z + f32(1))
            near[n] = min(near[n], min(below, min(level, above)))


@call
def _nearest_two(at, base, columns, near):
    """Squared distances to the nearest point and to the next: what lumps are made of, without what other metrics need."""
    for n in range(LANES):
        near[0, n] = _FAR
        near[1, n] = _FAR
    for k in range(columns):
        a = f32(k // 3 - 1)
        b = f32(k % 3 - 1)
        step = u32(u32(u32(i32(a)) * _X) + u32(u32(i32(b)) * _Y))
        for n in range(LANES):
            h = u32(base[n] + step)
            x = at[0, n] + a
            y = at[1, n] + b
            z = at[2, n]
            below = _squared(u32(h - _Z), x, y, z - f32(1))
            level = _squared(h, x, y, z)
            above = _squared(u32(h + _Z), x, y, z + f32(1))
            first = min(below, level)
            other = min(max(below, level), max(first, above))
            first = min(first, above)
            near[1, n] = min(min(near[1, n], other), max(near[0, n], first))
            near[0, n] = min(near[0, n], first)


@call
def cellular_block(places, scale, sx, sy, sz, seed, metric, cell, columns, out):
    """Distance to the nearest points of a jittered lattice, one point in each cell.

    After Worley (1996, A cellular texture basis function, SIGGRAPH), looking at the 27 cells around. The loop over columns
    of three cells is outside and that over lanes inside, so that it vectorises and what was found is fetched and put back
    once for three cells (measured: 79 against 43 million evaluations/s on one core).

    Parameters
    ----------
    places : ndarray of float32, shape (3, 512)
        In features of the first octave.
    scale, sx, sy, sz : float32
        What they are multiplied by, and shifted by.
    seed : uint32
    metric, cell : int
        See the constants of this module.
    columns : int
        9. Given from outside so that the loop over them is not unrolled, which would make it slow to compile.
    out : ndarray of float32, shape (512,)
        Overwritten: 0 to 1.
    """
    euclid = f32(1) if metric == EUCLIDEAN else f32(0)
    manhattan = f32(1) if metric == MANHATTAN else f32(0)
    chebyshev = f32(1) if metric == CHEBYSHEV else f32(0)
    # One array rather than three, and both results in one: LLVM checks that few arrays do not overlap, not many.
    at = np.empty((3, LANES), np.float32)
    base = np.empty(LANES, np.uint32)
    for n in range(LANES):
        x = places[0, n] * scale + sx
        y = places[1, n] * scale + sy
        z = places[2, n] * scale + sz
        fx = np.floor(x)
        fy = np.floor(y)
        fz = np.floor(z)
        at[0, n] = fx - x
        at[1, n] = fy - y
        at[2, n] = fz - z
        ix = u32(u32(i32(fx)) * _X + seed)
        iy = u32(u32(i32(fy)) * _Y)
        iz = u32(u32(i32(fz)) * _Z)
        base[n] = u32(ix + u32(iy + iz))
    bring = SCALES[metric, cell]
    if cell == F1 and metric == EUCLIDEAN:
        _nearest(at, base, columns, out)
        for n in range(LANES):
            out[n] = min(f32(1), np.sqrt(out[n]) * bring)
        return
    near = np.empty((2, LANES), np.float32)
    if cell == BETWEEN and metric == EUCLIDEAN:
        _nearest_two(at, base, columns, near)
        for n in range(LANES):
            out[n] = min(f32(1), (np.sqrt(near[1, n]) - np.sqrt(near[0, n])) * bring)
        return
    for n in range(LANES):
        near[0, n] = f32(0) if cell == SMOOTH else _FAR
        near[1, n] = _FAR
    for k in range(columns):
        a = f32(k // 3 - 1)
        b = f32(k % 3 - 1)
        # The hash is linear before it is mixed: a neighbour's differs by one number for all lanes.
        step = u32(u32(u32(i32(a)) * _X) + u32(u32(i32(b)) * _Y))
        # Several loops rather than one with branches, which would keep it from vectorising.
        if cell == SMOOTH:
            for n in range(LANES):
                h = u32(base[n] + step)
                x = at[0, n] + a
                y = at[1, n] + b
                z = at[2, n]
                below = _power(_apart(u32(h - _Z), x, y, z - f32(1), euclid, manhattan, chebyshev), euclid)
                level = _power(_apart(h, x, y, z, euclid, manhattan, chebyshev), euclid)
                above = _power(_apart(u32(h + _Z), x, y, z + f32(1), euclid, manhattan, chebyshev), euclid)
                near[0, n] = near[0, n] + below + level + above
        else:
            for n in range(LANES):
                h = u32(base[n] + step)
                x = at[0, n] + a
                y = at[1, n] + b
                z = at[2, n]
                below = _apart(u32(h - _Z), x, y, z - f32(1), euclid, manhattan, chebyshev)
                level = _apart(h, x, y, z, euclid, manhattan, chebyshev)
                above = _apart(u32(h + _Z), x, y, z + f32(1), euclid, manhattan, chebyshev)
                first = near[0, n]
                other = near[1, n]
                other = min(other, max(first, below))
                first = min(first, below)
                other = min(other, max(first, level))
                first = min(first, level)
                near[1, n] = min(other, max(first, above))
                near[0, n] = min(first, above)
    for n in range(LANES):
        first = near[0, n]
        other = near[1, n]
        if cell == SMOOTH:
            value = f32(1) / np.sqrt(np.sqrt(np.sqrt(first)))
        else:
            if metric == EUCLIDEAN:
                first = np.sqrt(first)
                other = np.sqrt(other)
            value = first if cell == F1 else other if cell == F2 else other - first
        out[n] = min(f32(1), value * bring)
