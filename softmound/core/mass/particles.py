"""Balls around many points to signed distance."""

import numpy as np

from ..kernels import call, each, f32, serial
from ..problems import Problem
from ..ticket import chunks
from ..volume.bricks import SIDE
from .field import BAND, NODES, WIDE

CHUNK = 256
MOST_PAIRS = 400_000_000


@call
def _span(at, radius, reach, brick):
    """Bricks that a ball reaches along one axis."""
    low = np.int64(np.floor((at - radius - reach) / brick))
    return low, np.int64(np.floor((at + radius + reach) / brick))


@call
def _apart(x, y, z, i, j, k, brick):
    """Distance from a point to the middle of a brick."""
    dx = x - (f32(i) + f32(0.5)) * brick
    dy = y - (f32(j) + f32(0.5)) * brick
    dz = z - (f32(k) + f32(0.5)) * brick
    return np.sqrt(dx * dx + dy * dy + dz * dz)


@serial
def _reaching(balls, reach, brick, low, counts, ends, out, counting):
    """Count the balls that reach each brick (-1 for a brick deep inside one), or list them."""
    deep = brick * f32(0.8661) + reach
    for n in range(balls.shape[0]):
        x, y, z, r = balls[n]
        x0, x1 = _span(x, r, reach, brick)
        y0, y1 = _span(y, r, reach, brick)
        z0, z1 = _span(z, r, reach, brick)
        for i in range(x0, x1 + 1):
            for j in range(y0, y1 + 1):
                for k in range(z0, z1 + 1):
                    at = (i - low[0], j - low[1], k - low[2])
                    if counts[at] < 0:
                        continue
                    away = _apart(x, y, z, i, j, k, brick) - r
                    if counting and away < -deep:
                        counts[at] = -1
                    elif away <= deep and counting:
                        counts[at] += 1
                    elif away <= deep:
                        out[ends[at]] = n
                        ends[at] += 1


@call
def _within(at, reach, voxel):
    """Nodes of a brick along one axis that lie within reach of a place in it."""
    low = max(np.int64(0), np.int64(np.ceil((at - reach) / voxel)))
    return low, min(np.int64(WIDE), np.int64(np.floor((at + reach) / voxel)) + 1)


@each("coords")
def _nearest(b, coords, voxel, balls, starts, counts, which, limit, out):
    """Distance to the nearest of the balls that reach a brick, at its nodes."""
    x0 = f32(coords[b, 0] * SIDE) * voxel
    y0 = f32(coords[b, 1] * SIDE) * voxel
    z0 = f32(coords[b, 2] * SIDE) * voxel
    values = out[b]
    for n in range(NODES):
        values[n] = limit
    for at in range(starts[b], starts[b] + counts[b]):
        ball = balls[which[at]]
        r = ball[3]
        zs = z0 - ball[2]
        i0, i1 = _within(ball[0] - x0, r + limit, voxel)
        j0, j1 = _within(ball[1] - y0, r + limit, voxel)
        for i in range(i0, i1):
            dx = x0 + f32(i) * voxel - ball[0]
            for j in range(j0, j1):
                dy = y0 + f32(j) * voxel - ball[1]
                flat = dx * dx + dy * dy
                if flat > (r + limit) * (r + limit):
                    continue
                line = (i * WIDE + j) * WIDE
                for k in range(WIDE):
                    dz = zs + f32(k) * voxel
                    values[line + k] = min(values[line + k], np.sqrt(flat + dz * dz) - r)


def balls_band(centres, radii, voxel, ticket=None):
    """Signed distance to the union of balls, in a narrow band around it.

    Parameters
    ----------
    centres : ndarray of float, shape (n, 3)
        Metres.
    radii : ndarray of float, shape (n,)
        Metres.
    voxel : float
        Metres.
    ticket : Ticket, optional

    Returns
    -------
    coords, values, inside
        As of `polygons.narrow_band`.

    Raises
    ------
    Problem
        When the balls lie too far apart, or are too many, for this voxel.
    """
    balls = np.ascontiguousarray(np.column_stack([centres, radii]), np.float32)
    reach, brick = BAND * voxel, SIDE * voxel
    low = np.floor(((balls[:, :3] - balls[:, 3:]).min(axis=0) - reach) / brick).astype(np.int64) - 1
    high = np.floor(((balls[:, :3] + balls[:, 3:]).max(axis=0) + reach) / brick).astype(np.int64) + 1
    size = high - low + 1
    if size.prod() > 2**27:
        raise Problem("The points lie too far apart for this voxel; choose a larger one, or remove what strays.")
    counts = np.zeros(size, np.int32)
    none = np.empty(0, np.int32)
    _reaching(balls, f32(reach), f32(brick), low, counts, np.zeros((1, 1, 1), np.int64), none, True)
    if ticket is not None:
        ticket.tick(0.2)
    pairs = int(counts[counts > 0].sum(dtype=np.int64))
    if pairs > MOST_PAIRS:
        raise Problem("The points are too many for their radius at this voxel; make the radius smaller or thin them.")
    starts = np.cumsum(np.maximum(counts, 0).ravel(), dtype=np.int64).reshape(size) - np.maximum(counts, 0)
    which = np.empty(pairs, np.int32)
    _reaching(balls, f32(reach), f32(brick), low, counts, starts.copy(), which, False)
    at = np.argwhere(counts > 0)
    coords = (at + low).astype(np.int32)
    values = np.empty((len(coords), NODES), np.float32)
    first, many = starts[tuple(at.T)], counts[tuple(at.T)]
    for part in chunks(len(coords), CHUNK, ticket):
        _nearest(np.ascontiguousarray(coords[part]), f32(voxel), balls, first[part], many[part], which, f32(reach), values[part])
    inside = (np.argwhere(counts < 0) + low).astype(np.int32)
    deep = values.max(axis=1) < -reach
    outside = values.min(axis=1) >= reach
    inside = np.concatenate([inside, coords[deep]])
    np.clip(values, -reach, reach, out=values)
    kept = ~deep & ~outside
    return coords[kept], values[kept], inside
