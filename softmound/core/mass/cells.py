"""Which bricks can hold surface, found from large cells down to single bricks.

The distance to melted forms is 1-Lipschitz whatever their roles, so its value at the middle of a
cell bounds it all over the cell. Each cell passes to its eight children only the rows that can matter
inside it, which makes the cost grow with the surface and not with blobs times space.
"""

from dataclasses import dataclass
from typing import NamedTuple

import numpy as np

from ..kernels import borrowed, each, f32, inlined
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


class _Lists(NamedTuple):
    """Rows of each of n cells: `counts` of `blobs` from `starts` on."""

    starts: np.ndarray
    counts: np.ndarray
    blobs: np.ndarray


class _Kept(NamedTuple):
    """What is found of each of n cells: as of `Cells`, and distance and reach as of `measured`."""

    starts: np.ndarray
    counts: np.ndarray
    blobs: np.ndarray
    stamps: np.ndarray
    distance: np.ndarray
    reach: np.ndarray


class _Asked(NamedTuple):
    """What is asked of cells.

    Attributes
    ----------
    edge, half_diagonal : float32
        Of a cell, metres.
    slack, melt, outward, inward : float32
        Metres; the largest melt.
    only_adds, plain, alone : bool
        Whether all forms add, whether all rows also join one by one, and whether all are balls.
    """

    edge: float
    half_diagonal: float
    slack: float
    melt: float
    outward: float
    inward: float
    only_adds: bool
    plain: bool
    alone: bool


@each("coords")
def _measure(n, coords, lists, shape, balls, hashes, asked, found):
    """Distance at the middle of a cell, and which of its rows matter in it."""
    given, rows, kept = borrowed(lists), borrowed(shape), borrowed(found)
    half = asked.edge * f32(0.5)
    place = (f32(coords[n, 0]) * asked.edge + half, f32(coords[n, 1]) * asked.edge + half, f32(coords[n, 2]) * asked.edge + half)
    reach = _reach(rows.levels, asked, place[1])
    first, count = given.starts[n], given.counts[n]
    height = pressed(pressed(place[1], rows.levels[0]), rows.levels[1])
    apart = np.empty(count, np.float32)
    # As if all rows were balls in plain forms, which most of them are: this loop vectorises.
    for m in range(count):
        which = given.blobs[first + m]
        dx = place[0] - balls[0, which]
        dy = height - balls[1, which]
        dz = place[2] - balls[2, which]
        apart[m] = np.sqrt(dx * dx + dy * dy + dz * dz) - balls[3, which]
    if asked.plain:
        distance, some, stamp = _of_rows(n, given, rows, hashes, asked, kept, (place[0], height, place[2]), reach, apart)
    else:
        nearest, whole = np.empty(count, np.float32), np.empty(count, np.float32)
        distance, near = _of_forms(n, given, rows, place, height, apart, nearest, whole)
        some, stamp = _mattering(n, given, rows, hashes, asked, kept, reach, near, apart, nearest, whole)
    kept.counts[n] = some
    kept.stamps[n] = stamp
    kept.reach[n] = reach
    kept.distance[n] = distance


@inlined
def _reach(levels, asked, y):
    """By how much distances can differ within a cell from that at its middle."""
    reach = asked.half_diagonal + asked.slack
    for side in range(2):
        # Where a level presses heights together, a point can stand for one so much farther off.
        level = levels[side]
        if level[0] > f32(0) and level[5] * (y - level[1]) - asked.edge * f32(0.5) < level[2]:
            reach += f32(PRESSED) * level[2]
    return reach


@inlined
def _stamped(stamp, more):
    """A hash with one more row in it."""
    return stamp * np.int64(0x5851F42D4C957F2D) + more


@inlined
def _of_rows(n, given, rows, hashes, asked, kept, place, reach, apart):
    """Where each row stands for itself, with little to decide: several times as fast as by forms."""
    first, count = given.starts[n], given.counts[n]
    near, joined = f32(FAR), f32(FAR)
    if not asked.alone:
        for m in range(count):
            if rows.table[given.blobs[first + m], KIND] != f32(BALL):
                apart[m] = row_distance(rows.table[given.blobs[first + m]], place[0], place[1], place[2], rows)
    for m in range(count):
        near = min(near, apart[m])
    for m in range(count):
        if apart[m] < joined + asked.melt:  # else the union stays as it is
            joined = melted(joined, apart[m], rows.forms[np.int64(rows.table[given.blobs[first + m], FORM]), 2])
    limit = near + f32(2) * (reach + asked.melt)
    some, stamp = 0, np.int64(0)
    for m in range(count):
        which = given.blobs[first + m]
        kept.blobs[kept.starts[n] + some] = which
        matters = apart[m] <= limit
        some += 1 if matters else 0
        stamp = _stamped(stamp, hashes[which]) if matters else stamp
    return joined, some, stamp


@inlined
def _of_forms(n, given, rows, place, height, apart, nearest, whole):
    """Distance by forms in their order, and that of the nearest one. `apart` gets the distance of each row, `nearest` and `whole`
    that of each form, as it is and as its levels cut it, at the place of its first row."""
    first, table, forms = given.starts[n], rows.table, rows.forms
    last = first + given.counts[n]
    near, joined = f32(FAR), f32(FAR)
    at = first
    while at < last:
        begun = at
        number = np.int64(table[given.blobs[at], FORM])
        # Numbers rather than views of rows: a view counts its references, and two threads that
        # count the same ones wait for each other.
        plain = forms[number, PLAIN] > f32(0)
        lower = height
        if not plain:
            lower = pressed(pressed(height, forms[number, BASE : BASE + 6]), forms[number, TOP : TOP + 6])
        own, least = f32(FAR), f32(FAR)
        sign_before, sign_own, blend = forms[number, 0], forms[number, 1], forms[number, 2]
        while at < last and np.int64(table[given.blobs[at], FORM]) == number:
            d = apart[at - first]
            if not plain or table[given.blobs[at], KIND] != f32(BALL):
                d = row_distance(table[given.blobs[at]], place[0], lower, place[2], rows)
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
                    beyond = forms[number, level + 5] * (forms[number, level + 1] - place[1])
                    own = max(own, beyond)
                    cut = max(cut, beyond)
            joined = joined_distance(joined, own, sign_before, sign_own, blend)
        nearest[begun - first] = least
        whole[begun - first] = cut
        near = min(near, cut)
    return joined, near


@inlined
def _mattering(n, given, rows, hashes, asked, kept, reach, near, apart, nearest, whole):
    """List the rows that matter in a cell: how many they are, and their stamp."""
    # In a union, a form farther than twice the melt behind the nearest cannot change the join. With
    # other roles the nearest may have been carved away, and only what cannot reach the band is left
    # out: forms that add beyond it, that carve or keep wholly within it.
    limit = near + f32(2) * (reach + asked.melt) if asked.only_adds else asked.outward + reach + f32(2) * asked.melt
    depth = asked.inward + reach + f32(2) * asked.melt
    first, forms = given.starts[n], rows.forms
    at, last = first, first + given.counts[n]
    some, stamp = 0, np.int64(0)
    while at < last:
        begun = at - first
        number = np.int64(rows.table[given.blobs[at], FORM])
        adds = forms[number, 0] > f32(0)
        if adds:
            matters = whole[begun] <= limit
        else:
            matters = forms[number, 1] * whole[begun] <= depth
        farthest = nearest[begun] + f32(2) * (reach + asked.melt)
        if adds and forms[number, PLAIN] > f32(0):
            farthest = min(farthest, limit)
        while at < last and np.int64(rows.table[given.blobs[at], FORM]) == number:
            if matters and apart[at - first] <= farthest:
                kept.blobs[kept.starts[n] + some] = given.blobs[at]
                some += 1
                stamp = _stamped(stamp, hashes[given.blobs[at]])
            at += 1
    return some, stamp


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
    # Between the nodes of a field's coarser levels distances are a little off.
    half_diagonal = edge * 3**0.5 / 2 * (1.1 if len(shape.fields.voxels) else 1.0)
    asked = _Asked(
        f32(edge), f32(half_diagonal), f32(shape.slack), f32(shape.forms[:, 2].max(initial=0.0)), f32(outward), f32(inward),
        shape.only_adds, shape.only_adds and bool(np.all(shape.forms[:, PLAIN] > 0.0)), bool(np.all(shape.table[:, KIND] == BALL)))
    for part in chunks(count, CHUNK, ticket):
        _measure(cells.coords[part], _Lists(cells.starts[part], cells.counts[part], cells.blobs), shape.rows, shape.balls,
                 shape.hashes, asked, _Kept(starts[part], counts[part], blobs, stamps[part], distance[part], reach[part]))
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
