"""Trees of boxes over the triangles of stand-ins, and where a ray meets one first.

A tree is complete: a box has two halves with as many triangles each, but for one, so that its place says where it lies and no
pointers are kept (as heaps do). A ray goes down into the nearer half first, and remembers in one number at which levels the other
half is still to be looked at (Hapala, Davidovic, Wald, Havran and Slusallek 2011, Efficient stack-less BVH traversal for ray
tracing, Spring Conference on Computer Graphics). Triangles are met after Moeller and Trumbore (1997, Fast, minimum storage
ray-triangle intersection, J. Graphics Tools 2).
"""

from typing import NamedTuple

import numpy as np
from scipy.sparse import block_diag, csr_array

from ..kernels import borrowed, call, each, f32, i32, inlined, u32
from ..vectors import carried, plus, scaled
from .surfaces import begins_of, placed_surface

FAR = f32(1e30)
"""A reach beyond everything."""
EYE, LIGHT = i32(1), i32(2)
"""What meets a stand-in: rays from the eye, and light."""
FIRST_NODE, LEVELS, FIRST, COUNT, MEETS, SEEN, ENCLOSES = range(7)


class Solids(NamedTuple):
    """Stand-ins of a scene as rays meet them: S of them with T triangles, and P points that hold their light.

    Attributes
    ----------
    boxes : ndarray of float32, shape (N, 6)
        Lower and upper corners, of each tree from its root down, level by level; units of the scene from its origin.
    corners : ndarray of float32, shape (T, 9)
        A corner of each triangle, and its sides from there.
    normals : ndarray of float32, shape (T, 9)
        At its three corners.
    held_at : ndarray of int32, shape (T, 3)
        Numbers of its corners.
    of : ndarray of int32, shape (T,)
        Whose triangle it is.
    about : ndarray of int64, shape (S, 7)
        Of each: the first box of its tree, levels, its first triangle, how many, what meets it, whether the eye sees something
        there, and whether it encloses something.
    colours : ndarray of float32, shape (S, 3)
    near : float32
        How far off a surface rays begin, so that they do not meet it again.
    """

    boxes: np.ndarray
    corners: np.ndarray
    normals: np.ndarray
    held_at: np.ndarray
    of: np.ndarray
    about: np.ndarray
    colours: np.ndarray
    near: float

    @property
    def nbytes(self):
        """Bytes held."""
        return sum(np.asarray(part).nbytes for part in self)

    @property
    def any(self):
        """Whether there is anything."""
        return len(self.about) > 0


class Held(NamedTuple):
    """Points of stand-ins that hold light.

    Attributes
    ----------
    points, facing : ndarray of float32, shape (P, 3)
        Where they lie, in units of the scene from its origin, and their normals.
    of : ndarray of int32, shape (P,)
        Whose they are.
    blend : csr_array of float32, shape (V, P), or None
        From light at the points to that at the corners.
    """

    points: np.ndarray
    facing: np.ndarray
    of: np.ndarray
    blend: object


NOTHING = Solids(np.zeros((0, 6), np.float32), np.zeros((0, 9), np.float32), np.zeros((0, 9), np.float32),
                 np.zeros((0, 3), np.int32), np.zeros(0, np.int32), np.zeros((0, 7), np.int64), np.zeros((0, 3), np.float32),
                 f32(0))
NOBODY = Held(np.zeros((0, 3), np.float32), np.zeros((0, 3), np.float32), np.zeros(0, np.int32), None)


def _boxes(corners, levels):
    """Boxes of a tree over triangles in its order: ndarray of float64, shape (2**(levels + 1) - 1, 6)."""
    begins = begins_of(len(corners), levels)[:-1]
    # One after the other: along a short axis reducing takes ten times as long.
    low = np.minimum.reduceat(np.minimum(np.minimum(corners[:, 0], corners[:, 1]), corners[:, 2]), begins)
    high = np.maximum.reduceat(np.maximum(np.maximum(corners[:, 0], corners[:, 1]), corners[:, 2]), begins)
    found = [np.concatenate([low, high], axis=1)]
    for _ in range(levels):
        low, high = np.minimum(low[::2], low[1::2]), np.maximum(high[::2], high[1::2])
        found.append(np.concatenate([low, high], axis=1))
    return np.concatenate(found[::-1])


def solids_of(stand_ins, origin=(0.0, 0.0, 0.0), unit=1.0):
    """Stand-ins as rays meet them.

    Parameters
    ----------
    stand_ins : sequence of StandIn
        Hidden ones are left out.
    origin : sequence of float, length 3, optional
        Where kernels count from, metres.
    unit : float, optional
        In which they count, metres.

    Returns
    -------
    solids : Solids
    held : Held
    """
    there = [stand_in for stand_in in stand_ins if stand_in.shown != "hidden"]
    if not there:
        return NOTHING, NOBODY
    boxes, corners, normals, held_at, of, about, points, facing, owners, blends = ([] for _ in range(10))
    nodes = triangles = held = 0
    for number, stand_in in enumerate(there):
        surface = placed_surface(stand_in)
        at = (surface.corners - np.asarray(origin, float)) / unit
        boxes.append(_boxes(at, surface.levels))
        corners.append(np.concatenate([at[:, 0], at[:, 1] - at[:, 0], at[:, 2] - at[:, 0]], axis=1))
        normals.append(surface.normals.reshape(-1, 9))
        held_at.append(surface.held_at + held)
        of.append(np.full(len(at), number, np.int32))
        meets = (int(EYE) if stand_in.for_eye else 0) | (int(LIGHT) if stand_in.for_light else 0)
        about.append((nodes, surface.levels, triangles, len(at), meets, stand_in.shown == "seen", stand_in.enclosed))
        points.append((surface.points - np.asarray(origin, float)) / unit)
        facing.append(surface.facing)
        owners.append(np.full(len(surface.points), number, np.int32))
        rows = np.repeat(np.arange(len(surface.near)), surface.near.shape[1])
        blends.append(csr_array((surface.weights.ravel(), (rows, surface.near.ravel())), (len(surface.near), len(surface.points))))
        nodes, triangles, held = nodes + len(boxes[-1]), triangles + len(at), held + len(surface.near)
    boxes = np.concatenate(boxes).astype(np.float32)
    # Rounding must not put a triangle that is square to an axis outside its box.
    near = 1e-3 + 1e-5 * float(np.abs(boxes).max())
    boxes[:, :3] -= np.float32(near * 0.1)
    boxes[:, 3:] += np.float32(near * 0.1)
    solids = Solids(boxes, np.concatenate(corners).astype(np.float32), np.concatenate(normals).astype(np.float32),
                    np.concatenate(held_at).astype(np.int32), np.concatenate(of), np.array(about, np.int64),
                    np.array([stand_in.colour for stand_in in there], np.float32), f32(near))
    return solids, Held(np.concatenate(points).astype(np.float32), np.concatenate(facing).astype(np.float32),
                        np.concatenate(owners), block_diag(blends, "csr"))


@inlined
def _enters(boxes, n, place, inverse, nearest):
    """How far a ray is from a box; `FAR` where it misses it, or meets something before."""
    ax, ex = (boxes[n, 0] - place[0]) * inverse[0], (boxes[n, 3] - place[0]) * inverse[0]
    ay, ey = (boxes[n, 1] - place[1]) * inverse[1], (boxes[n, 4] - place[1]) * inverse[1]
    az, ez = (boxes[n, 2] - place[2]) * inverse[2], (boxes[n, 5] - place[2]) * inverse[2]
    begin = max(max(min(ax, ex), min(ay, ey)), max(min(az, ez), f32(0)))
    end = min(min(max(ax, ex), max(ay, ey)), max(az, ez))
    return begin if begin <= end and begin < nearest else FAR


@call
def met(solids, place, way, reach, by, soon):
    """What a ray meets first.

    Parameters
    ----------
    solids : Solids
    place, way : (float32, float32, float32)
        Where it begins, and its direction, of which no part is 0; in units of the scene.
    reach : float32
        How far it goes, in lengths of the direction.
    by : int32
        `EYE` or `LIGHT`.
    soon : bool
        Anything will do: for shadows.

    Returns
    -------
    t : float32
        How far it is; `reach` where nothing is met.
    triangle : int32
        -1 for none.
    u, v : float32
        Where on the triangle, along its two sides.
    """
    nearest, triangle, at_u, at_v = reach, i32(-1), f32(0), f32(0)
    inverse = f32(1) / way[0], f32(1) / way[1], f32(1) / way[2]
    boxes, corners = solids.boxes, solids.corners
    for s in range(solids.about.shape[0]):
        if solids.about[s, MEETS] & by == 0:
            continue
        first_node, levels = solids.about[s, FIRST_NODE] - 1, i32(solids.about[s, LEVELS])
        first, count = solids.about[s, FIRST], solids.about[s, COUNT]
        if _enters(boxes, first_node + 1, place, inverse, nearest) >= FAR:
            continue
        node, depth, waiting = 1, i32(0), u32(0)
        while True:
            if depth < levels:
                a = _enters(boxes, first_node + 2 * node, place, inverse, nearest)
                b = _enters(boxes, first_node + 2 * node + 1, place, inverse, nearest)
                if a < FAR or b < FAR:
                    depth += i32(1)
                    node = 2 * node + (1 if b < a else 0)
                    if a < FAR and b < FAR:
                        waiting |= u32(u32(1) << u32(depth))
                    continue
            else:
                leaf = node - (1 << levels)
                for n in range(first + ((count * leaf) >> levels), first + ((count * (leaf + 1)) >> levels)):
                    ax, ay, az = corners[n, 3], corners[n, 4], corners[n, 5]
                    bx, by_, bz = corners[n, 6], corners[n, 7], corners[n, 8]
                    px, py, pz = way[1] * bz - way[2] * by_, way[2] * bx - way[0] * bz, way[0] * by_ - way[1] * bx
                    turn = ax * px + ay * py + az * pz
                    if abs(turn) < f32(1e-20):
                        continue
                    over = f32(1) / turn
                    tx, ty, tz = place[0] - corners[n, 0], place[1] - corners[n, 1], place[2] - corners[n, 2]
                    u = (tx * px + ty * py + tz * pz) * over
                    # A little beyond its sides, so that no ray slips through between two.
                    if u < f32(-1e-5) or u > f32(1.00001):
                        continue
                    qx, qy, qz = ty * az - tz * ay, tz * ax - tx * az, tx * ay - ty * ax
                    v = (way[0] * qx + way[1] * qy + way[2] * qz) * over
                    if v < f32(-1e-5) or u + v > f32(1.00001):
                        continue
                    t = (bx * qx + by_ * qy + bz * qz) * over
                    if t > f32(0) and t < nearest:
                        nearest, triangle, at_u, at_v = t, i32(n), u, v
                if soon and triangle >= 0:
                    return nearest, triangle, at_u, at_v
            while depth > 0 and (waiting >> u32(depth)) & u32(1) == u32(0):
                node >>= 1
                depth -= i32(1)
            if depth == 0:
                break
            waiting ^= u32(u32(1) << u32(depth))
            node ^= 1
    return nearest, triangle, at_u, at_v


@inlined
def blocked(solids, place, way, reach):
    """Whether anything stands in the way of light.

    Parameters
    ----------
    solids : Solids
    place, way : (float32, float32, float32)
    reach : float32

    Returns
    -------
    bool
    """
    return solids.about.shape[0] > 0 and met(solids, place, way, reach, LIGHT, True)[1] >= 0


@inlined
def place_on(solids, triangle, place):
    """Where on a triangle a place of it lies.

    Parameters
    ----------
    solids : Solids
    triangle : int
    place : (float32, float32, float32)

    Returns
    -------
    (float32, float32)
        Along its two sides, from 0 to 1.
    """
    c = solids.corners
    x, y, z = place[0] - c[triangle, 0], place[1] - c[triangle, 1], place[2] - c[triangle, 2]
    aa = c[triangle, 3] * c[triangle, 3] + c[triangle, 4] * c[triangle, 4] + c[triangle, 5] * c[triangle, 5]
    ab = c[triangle, 3] * c[triangle, 6] + c[triangle, 4] * c[triangle, 7] + c[triangle, 5] * c[triangle, 8]
    bb = c[triangle, 6] * c[triangle, 6] + c[triangle, 7] * c[triangle, 7] + c[triangle, 8] * c[triangle, 8]
    pa = x * c[triangle, 3] + y * c[triangle, 4] + z * c[triangle, 5]
    pb = x * c[triangle, 6] + y * c[triangle, 7] + z * c[triangle, 8]
    over = f32(1) / max(aa * bb - ab * ab, f32(1e-30))
    u = min(max((bb * pa - ab * pb) * over, f32(0)), f32(1))
    return u, min(max((aa * pb - ab * pa) * over, f32(0)), f32(1) - u)


@inlined
def from_within(solids, triangle, way):
    """Whether a ray comes to a triangle from its inner side.

    Parameters
    ----------
    solids : Solids
    triangle : int
    way : (float32, float32, float32)

    Returns
    -------
    bool
    """
    c = solids.corners
    return (way[0] * (c[triangle, 4] * c[triangle, 8] - c[triangle, 5] * c[triangle, 7])
            + way[1] * (c[triangle, 5] * c[triangle, 6] - c[triangle, 3] * c[triangle, 8])
            + way[2] * (c[triangle, 3] * c[triangle, 7] - c[triangle, 4] * c[triangle, 6])) > f32(0)


@inlined
def normal_at(solids, triangle, u, v, way):
    """Normal of a surface on the side from which a ray comes.

    Parameters
    ----------
    solids : Solids
    triangle : int
    u, v : float32
        Where on it.
    way : (float32, float32, float32)
        Direction of the ray.

    Returns
    -------
    (float32, float32, float32)
        Unit vector.
    """
    n, w = solids.normals, f32(1) - u - v
    x = w * n[triangle, 0] + u * n[triangle, 3] + v * n[triangle, 6]
    y = w * n[triangle, 1] + u * n[triangle, 4] + v * n[triangle, 7]
    z = w * n[triangle, 2] + u * n[triangle, 5] + v * n[triangle, 8]
    # The triangle itself says which side is seen: a bent normal may lean beyond it.
    over = (f32(-1) if from_within(solids, triangle, way) else f32(1)) / max((x * x + y * y + z * z) ** f32(0.5), f32(1e-12))
    return x * over, y * over, z * over


@inlined
def beside(solids, place, way, t, normal):
    """Where a ray that meets a surface begins anew.

    Parameters
    ----------
    solids : Solids
    place, way : (float32, float32, float32)
    t : float32
        How far the surface is.
    normal : (float32, float32, float32)
        From `normal_at`.

    Returns
    -------
    (float32, float32, float32)
    """
    return plus(carried(place, way, t), scaled(normal, solids.near))


@each("out")
def _met_all(n, whole, places, ways, reach, by, out, whose):
    """Distances of what many rays meet, and whose it is."""
    solids = borrowed(whole)
    t, triangle, _, _ = met(solids, (places[n, 0], places[n, 1], places[n, 2]), (ways[n, 0], ways[n, 1], ways[n, 2]), reach, by,
                            False)
    out[n] = t if triangle >= 0 else FAR
    whose[n] = solids.of[triangle] if triangle >= 0 else -1


def distances_to(solids, places, ways, by=LIGHT, reach=FAR):
    """How far rays go until they meet something.

    Parameters
    ----------
    solids : Solids
    places, ways : array_like of float, shape (n, 3)
        In units of the scene.
    by : int32, optional
        `EYE` or `LIGHT`.
    reach : float32, optional

    Returns
    -------
    ndarray of float32, shape (n,)
        Infinite where nothing is met.
    """
    out, _ = _cast(solids, places, ways, by, reach)
    return np.where(out >= FAR, np.float32(np.inf), out)


def met_by(solids, places, ways, by=LIGHT, reach=FAR):
    """Which stand-ins rays meet first.

    Parameters
    ----------
    solids, places, ways, by, reach
        As of `distances_to`.

    Returns
    -------
    ndarray of int32, shape (n,)
        Numbers of the stand-ins; -1 for none.
    """
    return _cast(solids, places, ways, by, reach)[1]


def _cast(solids, places, ways, by, reach):
    shape = np.broadcast_shapes(np.shape(places), np.shape(ways))
    places, ways = (np.ascontiguousarray(np.broadcast_to(values, shape), np.float32)
                    for values in (places, np.asarray(ways) + 1e-9))
    out, whose = np.empty(shape[0], np.float32), np.empty(shape[0], np.int32)
    _met_all(solids, places, ways, f32(reach), by, out, whose)
    return out, whose
