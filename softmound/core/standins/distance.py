"""How far places are from stand-ins: below 0 within one that encloses something."""

import numpy as np

from ..kernels import borrowed, call, each, f32, i32, inlined, u32
from ..vectors import carried, dot
from .tree import COUNT, FAR, FIRST, FIRST_NODE, LEVELS, LIGHT, from_within, met, solids_of

_WAY = (f32(0.5773), f32(0.5771), f32(0.5776))
"""Along which it is told whether a place is within: along no axis, so that no ray runs in a face of a box."""


@inlined
def _apart(boxes, n, place):
    """Square of the distance from a place to a box; 0 within."""
    x = max(max(boxes[n, 0] - place[0], place[0] - boxes[n, 3]), f32(0))
    y = max(max(boxes[n, 1] - place[1], place[1] - boxes[n, 4]), f32(0))
    z = max(max(boxes[n, 2] - place[2], place[2] - boxes[n, 5]), f32(0))
    return x * x + y * y + z * z


@inlined
def _to_triangle(c, n, place):
    """Square of the distance from a place to a triangle (Ericson 2005, Real-time collision detection, 5.1.5)."""
    a, b = (c[n, 3], c[n, 4], c[n, 5]), (c[n, 6], c[n, 7], c[n, 8])
    p = place[0] - c[n, 0], place[1] - c[n, 1], place[2] - c[n, 2]
    d1, d2 = dot(a, p), dot(b, p)
    aa, ab, bb = dot(a, a), dot(a, b), dot(b, b)
    d3, d4, d5, d6 = d1 - aa, d2 - ab, d1 - ab, d2 - bb
    u, v = f32(0), f32(0)
    va, vb, vc = d3 * d6 - d5 * d4, d5 * d2 - d1 * d6, d1 * d4 - d3 * d2
    if d1 <= f32(0) and d2 <= f32(0):
        u = f32(0)
    elif d3 >= f32(0) and d4 <= d3:
        u = f32(1)
    elif d6 >= f32(0) and d5 <= d6:
        v = f32(1)
    elif vc <= f32(0) and d1 >= f32(0) and d3 <= f32(0):
        u = d1 / max(d1 - d3, f32(1e-30))
    elif vb <= f32(0) and d2 >= f32(0) and d6 <= f32(0):
        v = d2 / max(d2 - d6, f32(1e-30))
    elif va <= f32(0) and d4 - d3 >= f32(0) and d5 - d6 >= f32(0):
        v = (d4 - d3) / max((d4 - d3) + (d5 - d6), f32(1e-30))
        u = f32(1) - v
    else:
        over = f32(1) / max(va + vb + vc, f32(1e-30))
        u, v = vb * over, vc * over
    rest = carried(carried(p, a, -u), b, -v)
    return dot(rest, rest)


@call
def _nearest(solids, place, most):
    """Square of the distance to the nearest triangle; `most` where none is nearer."""
    boxes = solids.boxes
    for s in range(solids.about.shape[0]):
        first_node, levels = solids.about[s, FIRST_NODE] - 1, i32(solids.about[s, LEVELS])
        first, count = solids.about[s, FIRST], solids.about[s, COUNT]
        if _apart(boxes, first_node + 1, place) >= most:
            continue
        node, depth, waiting = 1, i32(0), u32(0)
        while True:
            if depth < levels:
                a, b = _apart(boxes, first_node + 2 * node, place), _apart(boxes, first_node + 2 * node + 1, place)
                if a < most or b < most:
                    depth += i32(1)
                    node = 2 * node + (1 if b < a else 0)
                    if a < most and b < most:
                        waiting |= u32(u32(1) << u32(depth))
                    continue
            else:
                leaf = node - (1 << levels)
                for n in range(first + ((count * leaf) >> levels), first + ((count * (leaf + 1)) >> levels)):
                    most = min(most, _to_triangle(solids.corners, n, place))
            while depth > 0 and (waiting >> u32(depth)) & u32(1) == u32(0):
                node >>= 1
                depth -= i32(1)
            if depth == 0:
                break
            waiting ^= u32(u32(1) << u32(depth))
            node ^= 1
    return most


@each("out")
def _distances(n, whole, places, farthest, encloses, out):
    """Distances of rows of places."""
    solids = borrowed(whole)
    for k in range(places.shape[1]):
        place = places[n, k, 0], places[n, k, 1], places[n, k, 2]
        apart = _nearest(solids, place, farthest * farthest) ** f32(0.5)
        if encloses:
            _, triangle, _, _ = met(solids, place, _WAY, FAR, LIGHT, False)
            if triangle >= 0:
                # Whoever is within comes out through the inside of the first triangle.
                apart = -apart if from_within(solids, triangle, _WAY) else apart
        out[n, k] = apart


def signed_distances(stand_in, places, farthest=1e9):
    """How far places are from a stand-in.

    Parameters
    ----------
    stand_in : StandIn
        However it is shown.
    places : ndarray of float, shape (n, k, 3)
        Metres; the n rows are worked on side by side.
    farthest : float, optional
        Metres beyond which it does not matter.

    Returns
    -------
    ndarray of float32, shape (n, k)
        Metres; below 0 within, where it encloses something; `farthest` for all that is as far.
    """
    middle = np.asarray(stand_in.place, float)
    solids, _ = solids_of((stand_in.edited(shown="seen"),), middle)
    own = np.ascontiguousarray(np.asarray(places, float) - middle, np.float32)
    out = np.empty(own.shape[:2], np.float32)
    _distances(solids, own, f32(min(farthest, 1e15)), bool(stand_in.enclosed), out)
    return out
