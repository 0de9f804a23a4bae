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
def _apart(h, x, y, z, euclid, manhattan, chebyshev):
    """How far the point of a cell is, whose lowest corner lies at (x, y, z); squared when the metric is Euclidean."""
    h = mixed(h)
    dx = abs(x + f32(i32(h & _TEN)) * _UNIT)
    dy = abs(y + f32(i32((h >> u32(10)) & _TEN)) * _UNIT)
    dz = abs(z + f32(i32((h >> u32(20)) & _TEN)) * _UNIT)
    return (euclid * (dx * dx + dy * dy + dz * dz) + manhattan * (dx + dy + dz)
            + chebyshev * max(dx, max(dy, dz)))


@call
def cellular_block(places, scale, sx, sy, sz, seed, metric, cell, cells, out):
    """Distance to the nearest points of a jittered lattice, one point in each cell.

    After Worley (1996, A cellular texture basis function, SIGGRAPH), looking at the 27 cells around. The loop over
    cells is outside and that over lanes inside, so that it vectorises.

    Parameters
    ----------
    places : ndarray of float32, shape (3, 512)
        In features of the first octave.
    scale, sx, sy, sz : float32
        What they are multiplied by, and shifted by.
    seed : uint32
    metric, cell : int
        See the constants of this module.
    cells : int
        27. Given from outside so that the loop over them is not unrolled, which would make it slow to compile.
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
    near = np.empty((2, LANES), np.float32)
    for n in range(LANES):
        near[0, n] = f32(0) if cell == SMOOTH else _FAR
        near[1, n] = _FAR
    for k in range(cells):
        a = f32(k // 9 - 1)
        b = f32((k // 3) % 3 - 1)
        c = f32(k % 3 - 1)
        # The hash is linear before it is mixed: a neighbour's differs by one number for all lanes.
        step = u32(u32(u32(i32(a)) * _X) + u32(u32(u32(i32(b)) * _Y) + u32(u32(i32(c)) * _Z)))
        # Two loops rather than one with a branch: the branch would keep either from vectorising.
        if cell == SMOOTH:
            for n in range(LANES):
                d = _apart(u32(base[n] + step), at[0, n] + a, at[1, n] + b, at[2, n] + c, euclid, manhattan, chebyshev)
                # A sum of high powers: near points count alone, and neighbours melt.
                q = d * (euclid + (f32(1) - euclid) * d)
                q = q * q + f32(1e-6)
                near[0, n] += f32(1) / (q * q)
        else:
            for n in range(LANES):
                d = _apart(u32(base[n] + step), at[0, n] + a, at[1, n] + b, at[2, n] + c, euclid, manhattan, chebyshev)
                near[1, n] = min(near[1, n], max(near[0, n], d))
                near[0, n] = min(near[0, n], d)
    bring = SCALES[metric, cell]
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
