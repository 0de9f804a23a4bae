"""Sampled signed distance: what meshes, points and volumes are to the rest of the mass.

A field lies in the own axes of its form, so moving and turning the form leave it as it is. Its finest
level holds the narrow band around the surface. Farther out a coarser level is true enough, since a
distance is the smoother the farther away it is: one that covers the reach of the grains, and a dense
one of some dozen voxels a side for the rest of space.
"""

from dataclasses import dataclass

import numpy as np

from ..kernels import call, each, f32, row
from ..volume.bricks import SIDE

WIDE = SIDE + 1
"""Voxels along a stored brick: its own and one more layer, so that a sample needs one brick."""
NODES = WIDE**3
BAND = 3
"""Half width of the narrow band in voxels, as the reference library makes it by default."""
OUTSIDE, INSIDE = -1, -2
"""Codes of bricks without voxels."""
TRUSTED = 0.6
"""Share of the band within which the finest level alone is read; at its end only the next one is."""
TOP_BRICKS, BOUND_BRICKS = 6, 4
"""Bricks along the coarsest level, about; and where it only tells which bricks to leave out."""
BAND_REACH = 2.6
"""Voxels from the surface up to which the narrow band alone is asked for."""
REACH_VOXELS = 10
"""Voxels of the middle level within its reach."""


@dataclass(frozen=True, eq=False)
class Field:
    """Signed distance on levels of sparse bricks, finest first.

    Attributes
    ----------
    voxels : ndarray of float32, shape (levels,)
        Metres.
    places : ndarray of int64, shape (levels, 8)
        Where the codes of a level begin, its size in bricks, its lowest brick, and 1 for a band that
        needs no coarser level around it.
    codes : ndarray of int32, shape (c,)
        For each brick of each level its row of `values`, `OUTSIDE` or `INSIDE`.
    values : ndarray of float32, shape (n, 729)
        Metres, negative inside.
    """

    voxels: np.ndarray
    places: np.ndarray
    codes: np.ndarray
    values: np.ndarray

    @property
    def nbytes(self):
        """Bytes held."""
        return self.codes.nbytes + self.values.nbytes

    @property
    def low(self):
        """Lower corner of all bricks with surface, metres, shape (3,)."""
        return self.places[0, 4:7] * SIDE * float(self.voxels[0])

    @property
    def high(self):
        """Upper corner of all bricks with surface, metres, shape (3,)."""
        return (self.places[0, 4:7] + self.places[0, 1:4]) * SIDE * float(self.voxels[0])


@row
def _node(values, brick, x, y, z):
    """Trilinear value in a stored brick at coordinates from 0 to 8."""
    i = min(np.int64(x), np.int64(SIDE - 1))
    j = min(np.int64(y), np.int64(SIDE - 1))
    k = min(np.int64(z), np.int64(SIDE - 1))
    u = x - f32(i)
    v = y - f32(j)
    w = z - f32(k)
    at = (i * WIDE + j) * WIDE + k
    # Not through a view of the row: threads that count references to it wait for each other.
    a = values[brick, at] + w * (values[brick, at + 1] - values[brick, at])
    b = values[brick, at + WIDE] + w * (values[brick, at + WIDE + 1] - values[brick, at + WIDE])
    at += WIDE * WIDE
    c = values[brick, at] + w * (values[brick, at + 1] - values[brick, at])
    d = values[brick, at + WIDE] + w * (values[brick, at + WIDE + 1] - values[brick, at + WIDE])
    a += v * (b - a)
    c += v * (d - c)
    return a + u * (c - a)


@row
def field_at(rows, first, count, x, y, z):
    """Signed distance of one field at a point.

    Parameters
    ----------
    rows : Rows
    first, count : int
        Levels of the field wanted.
    x, y, z : float32
        Own axes, metres.

    Returns
    -------
    float32
        Metres, negative inside. Outside the box of the coarsest level a lower bound, whose level
        sets are those of a box.
    """
    places = rows.places
    near = f32(0)
    weight = f32(0)
    for level in range(first, first + count):
        h = rows.voxels[level]
        inverse = f32(1) / h
        qx = x * inverse
        qy = y * inverse
        qz = z * inverse
        last = level == first + count - 1
        beyond = f32(0)
        if last:
            # Clamped into the box, which holds the surface: then |p - s|^2 >= |c - s|^2 + |p - c|^2.
            tiny = f32(1e-3)
            cx = max(f32(places[level, 4] * SIDE), min(f32((places[level, 4] + places[level, 1]) * SIDE) - tiny, qx))
            cy = max(f32(places[level, 5] * SIDE), min(f32((places[level, 5] + places[level, 2]) * SIDE) - tiny, qy))
            cz = max(f32(places[level, 6] * SIDE), min(f32((places[level, 6] + places[level, 3]) * SIDE) - tiny, qz))
            beyond = ((qx - cx) * (qx - cx) + (qy - cy) * (qy - cy) + (qz - cz) * (qz - cz)) * h * h
            qx, qy, qz = cx, cy, cz
        bx = np.int64(np.floor(qx)) >> 3
        by = np.int64(np.floor(qy)) >> 3
        bz = np.int64(np.floor(qz)) >> 3
        i = bx - places[level, 4]
        j = by - places[level, 5]
        k = bz - places[level, 6]
        nx = places[level, 1]
        ny = places[level, 2]
        nz = places[level, 3]
        if i < 0 or j < 0 or k < 0 or i >= nx or j >= ny or k >= nz:
            continue
        code = rows.codes[places[level, 0] + (i * ny + j) * nz + k]
        if code < 0:
            continue
        d = _node(rows.values, code, qx - f32(bx * SIDE), qy - f32(by * SIDE), qz - f32(bz * SIDE))
        if last and beyond > f32(0):
            d = np.sqrt(d * d + beyond)
        if level == first:
            # The band ends at its half width: from its outer part on the next level takes over.
            share = (abs(d) / (f32(BAND) * h) - f32(TRUSTED)) / f32(0.96 - TRUSTED)
            if share <= f32(0) or last or places[level, 7] > 0:
                return d
            near = d
            weight = max(f32(0), f32(1) - share)
            continue
        return d + weight * (near - d)
    return near


@each("coords")
def _surface_points(b, values, coords, voxel, block, out, found):
    """One point of the surface in each block of cells it crosses: the mean of one cell's crossings."""
    kept = 0
    for part in range((SIDE // block) ** 3):
        i0 = part // ((SIDE // block) * (SIDE // block)) * block
        j0 = part // (SIDE // block) % (SIDE // block) * block
        k0 = part % (SIDE // block) * block
        done = False
        for cell in range(block * block * block):
            if done:
                break
            i = i0 + cell // (block * block)
            j = j0 + cell // block % block
            k = k0 + cell % block
            below = 0
            for corner in range(8):
                at = ((i + (corner >> 2)) * WIDE + j + ((corner >> 1) & 1)) * WIDE + k + (corner & 1)
                below += 1 if values[b, at] < f32(0) else 0
            if below == 0 or below == 8:
                continue
            sx = f32(0)
            sy = f32(0)
            sz = f32(0)
            crossings = f32(0)
            for edge in range(12):
                axis = edge >> 2
                p = edge & 1
                q = (edge >> 1) & 1
                if axis == 0:
                    di, dj, dk = 0, p, q
                elif axis == 1:
                    di, dj, dk = p, 0, q
                else:
                    di, dj, dk = p, q, 0
                at = ((i + di) * WIDE + j + dj) * WIDE + k + dk
                step = WIDE * WIDE if axis == 0 else (WIDE if axis == 1 else 1)
                a = values[b, at]
                c = values[b, at + step]
                if (a < f32(0)) != (c < f32(0)):
                    t = a / (a - c)
                    sx += f32(di) + (t if axis == 0 else f32(0))
                    sy += f32(dj) + (t if axis == 1 else f32(0))
                    sz += f32(dk) + (t if axis == 2 else f32(0))
                    crossings += f32(1)
            out[b, kept, 0] = (f32(coords[b, 0] * SIDE + i) + sx / crossings) * voxel
            out[b, kept, 1] = (f32(coords[b, 1] * SIDE + j) + sy / crossings) * voxel
            out[b, kept, 2] = (f32(coords[b, 2] * SIDE + k) + sz / crossings) * voxel
            kept += 1
            done = True
    found[b] = kept


CHUNK = 4096


def surface_points(values, coords, voxel, block=1):
    """Points of the surface in some bricks.

    Parameters
    ----------
    values : ndarray of float32, shape (n, 729)
    coords : ndarray of int32, shape (n, 3)
        Their bricks.
    voxel : float
        Metres.
    block : int, optional
        1, 2 or 4: about one point for so many voxels either way.

    Returns
    -------
    ndarray of float32, shape (m, 3)
        Metres.
    """
    parts = [np.empty((0, 3), np.float32)]
    most = (SIDE // block) ** 3
    for start in range(0, len(coords), CHUNK):
        part = coords[start : start + CHUNK]
        room = np.empty((len(part), most, 3), np.float32)
        found = np.zeros(len(part), np.int64)
        _surface_points(values[start : start + CHUNK], part, f32(voxel), block, room, found)
        parts.append(room[np.arange(most) < found[:, None]])
    return np.concatenate(parts)


@call
def _away(points, which, x, y, z):
    """Squared distance to a point, far where there is none."""
    dx = points[which, 0] - x
    dy = points[which, 1] - y
    dz = points[which, 2] - z
    return dx * dx + dy * dy + dz * dz


@each("coords")
def _nearest_pass(b, ids, neighbours, coords, voxel, points, out):
    """Every node takes over the nearest point known to one of its six neighbours, within a brick
    forward and backward, between bricks from the pass before."""
    edge = WIDE + 2
    room = np.full(edge * edge * edge, -1, np.int32)
    for i in range(-1, WIDE + 1):
        for j in range(-1, WIDE + 1):
            for k in range(-1, WIDE + 1):
                ni = -1 if i < 0 else (1 if i > SIDE else 0)
                nj = -1 if j < 0 else (1 if j > SIDE else 0)
                nk = -1 if k < 0 else (1 if k > SIDE else 0)
                who = neighbours[b, (ni + 1) * 9 + (nj + 1) * 3 + nk + 1]
                if who >= 0:
                    at = ((i - ni * SIDE) * WIDE + j - nj * SIDE) * WIDE + k - nk * SIDE
                    room[((i + 1) * edge + j + 1) * edge + k + 1] = ids[who, at]
    x0 = f32(coords[b, 0] * SIDE)
    y0 = f32(coords[b, 1] * SIDE)
    z0 = f32(coords[b, 2] * SIDE)
    for sweep in range(2):
        for step in range(NODES):
            n = step if sweep == 0 else NODES - 1 - step
            i = n // (WIDE * WIDE)
            j = (n // WIDE) % WIDE
            k = n % WIDE
            x = (x0 + f32(i)) * voxel
            y = (y0 + f32(j)) * voxel
            z = (z0 + f32(k)) * voxel
            at = ((i + 1) * edge + j + 1) * edge + k + 1
            best = room[at]
            least = _away(points, best, x, y, z) if best >= 0 else f32(3e38)
            for side in range(6):
                step_to = edge * edge if side < 2 else (edge if side < 4 else 1)
                other = room[at + (step_to if side & 1 else -step_to)]
                if other >= 0 and other != best:
                    d = _away(points, other, x, y, z)
                    if d < least:
                        least = d
                        best = other
            room[at] = best
    for n in range(NODES):
        i = n // (WIDE * WIDE)
        j = (n // WIDE) % WIDE
        k = n % WIDE
        out[b, n] = room[((i + 1) * edge + j + 1) * edge + k + 1]


@call
def _closest(which, points, cells, starts, neighbours, x, y, z):
    """Squared distance to the nearest of all points around one that is nearly the nearest."""
    least = f32(3e38)
    cell = cells[which]
    row = cell // SIDE**3
    i = (cell // (SIDE * SIDE)) % SIDE
    j = (cell // SIDE) % SIDE
    k = cell % SIDE
    for a in range(i - 1, i + 2):
        ni = 0 if a < 0 else (2 if a >= SIDE else 1)
        for b in range(j - 1, j + 2):
            nj = 0 if b < 0 else (2 if b >= SIDE else 1)
            for c in range(k - 1, k + 2):
                nk = 0 if c < 0 else (2 if c >= SIDE else 1)
                who = neighbours[row, ni * 9 + nj * 3 + nk]
                if who >= 0:
                    at = who * SIDE**3 + ((a & 7) * SIDE + (b & 7)) * SIDE + (c & 7)
                    for n in range(starts[at], starts[at + 1]):
                        least = min(least, _away(points, n, x, y, z))
    return least


@each("coords")
def _signed(b, ids, coords, neighbours, voxel, points, cells, starts, finest, out):
    """Distance to the nearest point, with the sign of the finest level at the same place."""
    fine, place, codes, values = finest
    ratio = np.int64(round(voxel / fine))
    # Far away one point is as good as the next: their distances differ by (half a voxel)^2 / 2 d.
    far = f32(36) * voxel * voxel
    for n in range(NODES):
        i = coords[b, 0] * SIDE + n // (WIDE * WIDE)
        j = coords[b, 1] * SIDE + (n // WIDE) % WIDE
        k = coords[b, 2] * SIDE + n % WIDE
        x = f32(i) * voxel
        y = f32(j) * voxel
        z = f32(k) * voxel
        d = _away(points, ids[b, n], x, y, z)
        if d < far:
            d = _closest(ids[b, n], points, cells, starts, neighbours, x, y, z)
        d = np.sqrt(d)
        i *= ratio
        j *= ratio
        k *= ratio
        bx = (i >> 3) - place[4]
        by = (j >> 3) - place[5]
        bz = (k >> 3) - place[6]
        negative = False
        if 0 <= bx < place[1] and 0 <= by < place[2] and 0 <= bz < place[3]:
            code = codes[place[0] + (bx * place[2] + by) * place[3] + bz]
            if code >= 0:
                negative = values[code, ((i & 7) * WIDE + (j & 7)) * WIDE + (k & 7)] < f32(0)
            else:
                negative = code == INSIDE
        out[b, n] = -d if negative else d


def _dense(coords, rows):
    """Codes of the box of some bricks, and its place: size and lowest brick."""
    low = coords.min(axis=0).astype(np.int64)
    size = coords.max(axis=0).astype(np.int64) - low + 1
    codes = np.full(size, OUTSIDE, np.int32)
    codes[tuple((coords - low).T)] = rows
    return codes.ravel(), np.concatenate([size, low])


def _neighbours(coords, codes, place):
    size, low = place[:3], place[3:]
    steps = np.stack(np.meshgrid(*[[-1, 0, 1]] * 3, indexing="ij"), -1).reshape(-1, 3)
    at = coords[:, None, :] + steps[None] - low
    within = np.all((at >= 0) & (at < size), axis=-1)
    at = np.where(within[..., None], at, 0)
    found = codes.reshape(size)[at[..., 0], at[..., 1], at[..., 2]]
    return np.where(within, found, -1).astype(np.int32)


def _thinned(points, cell):
    """One point for each cell of a lattice."""
    at = np.floor(points / cell).astype(np.int64) + 2**20
    _, first = np.unique((at[:, 0] << 42) | (at[:, 1] << 21) | at[:, 2], return_index=True)
    return points[np.sort(first)]


def _nearest(points, cells, coords, neighbours, voxel, passes):
    """A point that is nearly the nearest for every node of some bricks."""
    ids = np.full((len(coords), NODES), -1, np.int32)
    _seed(ids, points / voxel, cells)
    for _ in range(passes):
        out = np.empty_like(ids)
        _nearest_pass(ids, neighbours, coords, f32(voxel), points, out)
        if np.array_equal(out, ids):
            break
        ids = out
    return ids


def _seed(ids, points, cells):
    """Let the eight nodes around each point know it, the nearest one if there are several."""
    node = np.floor(points).astype(np.int64)
    row, within = cells // SIDE**3, node & 7
    corners = np.stack(np.meshgrid([0, 1], [0, 1], [0, 1], indexing="ij"), -1).reshape(-1, 3)
    at = within[:, None, :] + corners
    away = ((points - node)[:, None, :] - corners) ** 2
    which = np.broadcast_to(np.arange(len(points), dtype=np.int32)[:, None], at.shape[:2]).ravel()
    # Farthest first: of several written to one node the last, nearest one stays.
    order = np.argsort(-away.sum(axis=-1).ravel(), kind="stable")
    flat = (np.repeat(row, 8) * NODES + ((at[..., 0] * WIDE + at[..., 1]) * WIDE + at[..., 2]).ravel())
    ids.ravel()[flat[order]] = which[order]


def field_of(voxel, coords, values, inside, reach):
    """Make a field from its narrow band.

    Parameters
    ----------
    voxel : float
        Metres.
    coords : ndarray of int32, shape (n, 3)
        Bricks that hold part of the band.
    values : ndarray of float32, shape (n, 729)
        Signed distance at their nodes, metres; true where it is below `BAND` voxels.
    inside : ndarray of int32, shape (m, 3)
        Bricks wholly inside.
    reach : float
        How far from the surface distances shall be true, metres.

    Returns
    -------
    Field or None
        None when there is no surface.
    """
    if not len(coords) or not values.min() < 0.0:
        return None
    everything = np.concatenate([coords, inside])
    codes, place = _dense(everything, np.concatenate([
        np.arange(len(coords), dtype=np.int32), np.full(len(inside), INSIDE, np.int32)]))
    levels = [(voxel, codes, place, values)]
    finest = f32(voxel), np.concatenate([[0], place]), codes, values
    # The coarsest level reaches as far around the surface as distances are asked for.
    around = int(np.ceil(reach / (SIDE * voxel)))
    long = int(place[:3].max()) + 2 * around
    top = 1
    alone = reach <= BAND_REACH * voxel
    while long / top > (BOUND_BRICKS if alone else TOP_BRICKS):
        top *= 2
    middle = 1
    while middle * voxel * REACH_VOXELS < reach:
        middle *= 2
    # The coarser a level is, the fewer points it takes.
    points = surface_points(values, coords, voxel, 1 if 1 < middle < top else min(4, max(1, top // 4)))
    if 1 < middle < top:
        levels.append(_level(points, voxel, middle, _dilated(coords, middle), 3, finest))
    low = np.floor_divide(place[3:] - around, top) - 1
    high = np.floor_divide(place[3:] + place[:3] - 1 + around, top) + 1
    box = [np.arange(a, b + 1, dtype=np.int32) for a, b in zip(low, high)]
    bricks = np.stack(np.meshgrid(*box, indexing="ij"), -1).reshape(-1, 3)
    levels.append(_level(points, voxel, top, bricks, TOP_BRICKS + 3, finest))
    return _packed(levels, alone)


def _level(points, voxel, factor, bricks, passes, finest):
    coarse = voxel * factor
    points = _thinned(points, coarse / 3)
    own, place = _dense(bricks, np.arange(len(bricks), dtype=np.int32))
    neighbours = _neighbours(bricks, own, place)
    # Points in the order of the cells they lie in.
    node = np.floor(points / coarse).astype(np.int64)
    within = node & 7
    cells = (own.reshape(place[:3])[tuple(((node >> 3) - place[3:]).T)].astype(np.int64) * SIDE**3
             + (within[:, 0] * SIDE + within[:, 1]) * SIDE + within[:, 2])
    order = np.argsort(cells, kind="stable")
    points, cells = points[order], cells[order]
    starts = np.concatenate([[0], np.cumsum(np.bincount(cells, minlength=len(bricks) * SIDE**3))])
    ids = _nearest(points, cells, bricks, neighbours, coarse, passes)
    out = np.empty((len(bricks), NODES), np.float32)
    _signed(ids, bricks, neighbours, f32(coarse), points, cells, starts, finest, out)
    return coarse, own, place, out


def _dilated(coords, factor):
    """Bricks of a coarser level that hold some bricks, and all their neighbours."""
    coarse = np.unique(np.floor_divide(coords, factor), axis=0)
    steps = np.stack(np.meshgrid(*[[-1, 0, 1]] * 3, indexing="ij"), -1).reshape(-1, 3)
    return np.unique((coarse[:, None, :] + steps[None]).reshape(-1, 3), axis=0).astype(np.int32)


def _packed(levels, alone):
    rows = np.cumsum([0] + [len(values) for *_, values in levels])
    starts = np.cumsum([0] + [len(codes) for _, codes, _, _ in levels])
    return Field(
        np.array([voxel for voxel, *_ in levels], np.float32),
        np.array([[start, *place, alone] for start, (_, _, place, _) in zip(starts, levels)], np.int64),
        np.concatenate([np.where(codes >= 0, codes + row, codes).astype(np.int32)
                        for row, (_, codes, _, _) in zip(rows, levels)]),
        np.concatenate([values for *_, values in levels]),
    )


NO_FIELDS = Field(np.empty(0, np.float32), np.empty((0, 8), np.int64), np.empty(0, np.int32),
                  np.empty((0, NODES), np.float32))


def packed(fields):
    """Several fields in one, their levels one after another.

    Parameters
    ----------
    fields : list of Field

    Returns
    -------
    Field
    """
    if not fields:
        return NO_FIELDS
    if len(fields) == 1:
        return fields[0]
    rows = np.cumsum([0] + [len(field.values) for field in fields])
    starts = np.cumsum([0] + [len(field.codes) for field in fields])
    places = [field.places + np.array([start, 0, 0, 0, 0, 0, 0, 0]) for start, field in zip(starts, fields)]
    codes = [np.where(field.codes >= 0, field.codes + row, field.codes).astype(np.int32)
             for row, field in zip(rows, fields)]
    return Field(np.concatenate([field.voxels for field in fields]), np.concatenate(places),
                 np.concatenate(codes), np.concatenate([field.values for field in fields]))
