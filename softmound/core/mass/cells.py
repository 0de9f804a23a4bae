"""Which bricks can hold surface, found from large cells down to single bricks.

The distance to melted forms is 1-Lipschitz whatever their roles, so its value at the middle of a
cell bounds it all over the cell. Each cell passes to its eight children only the rows that can matter
inside it, which makes the cost grow with the surface and not with blobs times space.
"""

from dataclasses import dataclass

import numpy as np

from ..kernels import each, f32
from ..ticket import chunks
from ..volume.bricks import SIDE
from .at_point import row_distance
from .ellipsoid import joined_distance, melted
from .levels import FAR, PRESSED, pressed
from .rows import BALL, BASE, FORM, KIND, PLAIN, TOP

CHUNK = 4096


@dataclass(frozen=True, eq=False)
class Cells:
    """Cells of one size and the rows that matter in each.

    Attributes
    ----------
    size : int
        Edge in bricks.
    coords : ndarray of int32, shape (n, 3)
        In cells of that size.
    starts, counts : ndarray of int64, shape (n,)
        Run of `blobs` for each cell.
    blobs : ndarray of int32
        Rows of the table of a shape.
    stamps : ndarray of int64, shape (n,)
        Hash of the rows that matter in each cell, in their order.
    """

    size: int
    coords: np.ndarray
    starts: np.ndarray
    counts: np.ndarray
    blobs: np.ndarray
    stamps: np.ndarray


@each("coords")
def _measure(n, coords, edge, half_diagonal, table, balls, forms, hashes, starts, counts, blobs, melt, only_adds,
             only_plain_adds, balls_alone, slack, levels, outward, inward, voxels, places, codes, values, out_starts, out_blobs,
             out_counts, stamps, reach, distance):
    half = edge * f32(0.5)
    x = f32(coords[n, 0]) * edge + half
    y = f32(coords[n, 1]) * edge + half
    z = f32(coords[n, 2]) * edge + half
    r = half_diagonal + slack
    for side in range(2):
        # Where a level presses heights together, a point can stand for one so much farther off.
        level = levels[side]
        if level[0] > f32(0) and level[5] * (y - level[1]) - half < level[2]:
            r += f32(PRESSED) * level[2]
    reach[n] = r
    height = pressed(pressed(y, levels[0]), levels[1])
    first = starts[n]
    last = first + counts[n]
    apart = np.empty(counts[n], np.float32)
    nearest = np.empty(counts[n], np.float32)
    whole = np.empty(counts[n], np.float32)
    # As if all rows were balls in plain forms, which most of them are: this loop vectorises.
    for m in range(counts[n]):
        which = blobs[first + m]
        dx = x - balls[0, which]
        dy = height - balls[1, which]
        dz = z - balls[2, which]
        apart[m] = np.sqrt(dx * dx + dy * dy + dz * dz) - balls[3, which]
    near = f32(FAR)
    joined = f32(FAR)
    kept = 0
    stamp = np.int64(0)
    if only_plain_adds:
        # Each row for itself, with little to decide: several times as fast as what follows.
        for m in range(counts[n]):
            if not balls_alone and table[blobs[first + m], KIND] != f32(BALL):
                apart[m] = row_distance(table[blobs[first + m]], x, height, z, voxels, places, codes, values)
        for m in range(counts[n]):
            near = min(near, apart[m])
        for m in range(counts[n]):
            if apart[m] < joined + melt:  # else the union stays as it is
                blend = forms[np.int64(table[blobs[first + m], FORM]), 2]
                joined = melted(joined, apart[m], blend)
        distance[n] = joined
        limit = near + f32(2) * (r + melt)
        for m in range(counts[n]):
            which = blobs[first + m]
            out_blobs[out_starts[n] + kept] = which
            matters = apart[m] <= limit
            kept += 1 if matters else 0
            stamp = stamp * np.int64(0x5851F42D4C957F2D) + hashes[which] if matters else stamp
        out_counts[n] = kept
        stamps[n] = stamp
        return
    at = first
    while at < last:
        begun = at
        number = np.int64(table[blobs[at], FORM])
        # Numbers rather than views of rows: a view counts its references, and two threads that
        # count the same ones wait for each other.
        plain = forms[number, PLAIN] > f32(0)
        lower = height
        if not plain:
            lower = pressed(pressed(height, forms[number, BASE : BASE + 6]), forms[number, TOP : TOP + 6])
        own = f32(FAR)
        least = f32(FAR)
        sign_before = forms[number, 0]
        sign_own = forms[number, 1]
        blend = forms[number, 2]
        while at < last and np.int64(table[blobs[at], FORM]) == number:
            d = apart[at - first]
            if not plain or table[blobs[at], KIND] != f32(BALL):
                d = row_distance(table[blobs[at]], x, lower, z, voxels, places, codes, values)
                apart[at - first] = d
            least = min(least, d)
            if not plain:
                own = melted(own, d, blend)
            elif sign_before < f32(0) or d < joined + blend:  # else a union stays as it is
                joined = joined_distance(joined, d, sign_before, sign_own, blend)
            at += 1
        cut = least
        if not plain:
            for level in range(BASE, TOP + 1, TOP - BASE):
                if forms[number, level] > f32(0):
                    beyond = forms[number, level + 5] * (forms[number, level + 1] - y)
                    own = max(own, beyond)
                    cut = max(cut, beyond)
            joined = joined_distance(joined, own, sign_before, sign_own, blend)
        nearest[begun - first] = least
        whole[begun - first] = cut
        near = min(near, cut)
    distance[n] = joined
    # In a union, a form farther than twice the melt behind the nearest cannot change the join. With
    # other roles the nearest may have been carved away, and only what cannot reach the band is left
    # out: forms that add beyond it, that carve or keep wholly within it.
    limit = near + f32(2) * (r + melt)
    if not only_adds:
        limit = outward + r + f32(2) * melt
    depth = inward + r + f32(2) * melt
    at = first
    while at < last:
        begun = at - first
        number = np.int64(table[blobs[at], FORM])
        adds = forms[number, 0] > f32(0)
        if adds:
            matters = whole[begun] <= limit
        else:
            matters = forms[number, 1] * whole[begun] <= depth
        farthest = nearest[begun] + f32(2) * (r + melt)
        if adds and forms[number, PLAIN] > f32(0):
            farthest = min(farthest, limit)
        while at < last and np.int64(table[blobs[at], FORM]) == number:
            if matters and apart[at - first] <= farthest:
                out_blobs[out_starts[n] + kept] = blobs[at]
                kept += 1
                stamp = stamp * np.int64(0x5851F42D4C957F2D) + hashes[blobs[at]]
            at += 1
    out_counts[n] = kept
    stamps[n] = stamp


def measured(cells, voxel, shape, outward, inward, ticket=None):
    """Distance at the middle of each cell, and the cells with their lists of rows cut down.

    Parameters
    ----------
    cells : Cells
    voxel : float
        Metres.
    shape : Shape
    outward, inward : float
        Reach of the band in which distances have to be right, metres.
    ticket : Ticket, optional

    Returns
    -------
    distance, reach : ndarray of float32, shape (n,)
        Metres; and by how much the distance can differ from it within the cell.
    cells : Cells
    """
    edge = cells.size * SIDE * voxel
    count = len(cells.coords)
    distance = np.empty(count, np.float32)
    reach = np.empty(count, np.float32)
    counts = np.empty(count, np.int64)
    stamps = np.empty(count, np.int64)
    starts = np.cumsum(cells.counts) - cells.counts
    blobs = np.empty(int(cells.counts.sum()), np.int32)
    melt = float(shape.forms[:, 2].max(initial=0.0))
    fields = shape.fields
    # Between the nodes of a field's coarser levels distances are a little off.
    half_diagonal = edge * 3**0.5 / 2 * (1.1 if len(fields.voxels) else 1.0)
    plain = shape.only_adds and bool(np.all(shape.forms[:, PLAIN] > 0.0))
    alone = bool(np.all(shape.table[:, KIND] == BALL))
    for part in chunks(count, CHUNK, ticket):
        _measure(
            cells.coords[part], f32(edge), f32(half_diagonal), shape.table, shape.balls, shape.forms, shape.hashes,
            cells.starts[part], cells.counts[part], cells.blobs, f32(melt), shape.only_adds, plain, alone, f32(shape.slack),
            shape.levels, f32(outward), f32(inward), fields.voxels, fields.places, fields.codes, fields.values,
            starts[part], blobs, counts[part], stamps[part], reach[part], distance[part],
        )
    return distance, reach, Cells(cells.size, cells.coords, starts, counts, blobs, stamps)


def first_cells(low, high, size, blob_count):
    """Cells of one size that cover a box, each with all blobs.

    Parameters
    ----------
    low, high : ndarray of int, shape (3,)
        Inclusive brick coordinates.
    size : int
        Edge of a cell in bricks, a power of two.
    blob_count : int

    Returns
    -------
    Cells
    """
    axes = [np.arange(lo // size, hi // size + 1, dtype=np.int32) for lo, hi in zip(low, high)]
    coords = np.stack(np.meshgrid(*axes, indexing="ij"), axis=-1).reshape(-1, 3)
    count = len(coords)
    return Cells(
        size, np.ascontiguousarray(coords), np.zeros(count, np.int64),
        np.full(count, blob_count, np.int64), np.arange(blob_count, dtype=np.int32),
        np.zeros(count, np.int64),
    )


def chosen(cells, keep):
    """Only some of the cells, or all in another order.

    Parameters
    ----------
    cells : Cells
    keep : ndarray of bool, shape (n,), or of int, or slice

    Returns
    -------
    Cells
    """
    return Cells(cells.size, np.ascontiguousarray(cells.coords[keep]), cells.starts[keep],
                 cells.counts[keep], cells.blobs, cells.stamps[keep])


def joined(parts):
    """Cells of one size put together, their lists packed.

    Parameters
    ----------
    parts : list of Cells
        At least one.

    Returns
    -------
    Cells
    """
    counts = np.concatenate([part.counts for part in parts])
    packed = [
        part.blobs[np.repeat(part.starts - (np.cumsum(part.counts) - part.counts), part.counts)
                   + np.arange(part.counts.sum())]
        for part in parts
    ]
    return Cells(
        parts[0].size, np.concatenate([part.coords for part in parts]), np.cumsum(counts) - counts,
        counts, np.concatenate(packed), np.concatenate([part.stamps for part in parts]),
    )


_CORNERS = np.stack(np.meshgrid([0, 1], [0, 1], [0, 1], indexing="ij"), -1).reshape(-1, 3)


def halved(cells):
    """The eight halves of each cell, with the lists of their parents.

    Parameters
    ----------
    cells : Cells
        With an even size.

    Returns
    -------
    Cells
    """
    coords = (cells.coords[:, None, :] * 2 + _CORNERS[None]).reshape(-1, 3).astype(np.int32)
    return Cells(cells.size // 2, coords, np.repeat(cells.starts, 8), np.repeat(cells.counts, 8),
                 cells.blobs, np.repeat(cells.stamps, 8))


def bricks_inside(cells):
    """All bricks of some cells.

    Parameters
    ----------
    cells : Cells

    Returns
    -------
    ndarray of int32, shape (m, 3)
        Brick coordinates.
    """
    axis = np.arange(cells.size)
    within = np.stack(np.meshgrid(axis, axis, axis, indexing="ij"), -1).reshape(-1, 3)
    return (cells.coords[:, None, :] * cells.size + within[None]).reshape(-1, 3).astype(np.int32)
