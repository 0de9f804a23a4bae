"""Which bricks can hold surface, found from large cells down to single bricks.

The distance to melted ellipsoids is 1-Lipschitz whatever their roles, so its value at the middle of
a cell bounds it all over the cell. Each cell passes to its eight children only the blobs that can matter
inside it, which makes the cost grow with the surface and not with blobs times space.
"""

from dataclasses import dataclass

import numpy as np

from ..kernels import f32, kernel, prange, row
from ..ticket import chunks
from .ellipsoid import ball_distance, blob_distance, joined_distance

CHUNK = 4096
FAR = 1e9


@dataclass(frozen=True, eq=False)
class Cells:
    """Cells of one size and the blobs that matter in each.

    Attributes
    ----------
    size : int
        Edge in bricks.
    coords : ndarray of int32, shape (n, 3)
        In cells of that size.
    starts, counts : ndarray of int64, shape (n,)
        Run of `blobs` for each cell.
    blobs : ndarray of int32
        Rows of the blob table.
    stamps : ndarray of int64, shape (n,)
        Hash of the blobs that matter in each cell, in their order.
    """

    size: int
    coords: np.ndarray
    starts: np.ndarray
    counts: np.ndarray
    blobs: np.ndarray
    stamps: np.ndarray


@row
def _any_distance(blob, x, y, z):
    if blob[19] > f32(0):
        return ball_distance(blob, x, y, z)
    return blob_distance(blob, x, y, z)


@kernel
def _measure(coords, edge, reach, table, hashes, starts, counts, blobs, melt, only_adds, outward,
             inward, out_starts, out_blobs, out_counts, stamps, distance):
    half = edge * f32(0.5)
    for n in prange(coords.shape[0]):
        x = f32(coords[n, 0]) * edge + half
        y = f32(coords[n, 1]) * edge + half
        z = f32(coords[n, 2]) * edge + half
        near = f32(FAR)
        joined = f32(FAR)
        first = starts[n]
        last = first + counts[n]
        for at in range(first, last):
            blob = table[blobs[at]]
            d = _any_distance(blob, x, y, z)
            near = min(near, d)
            joined = joined_distance(joined, d, blob)
        distance[n] = joined
        # In a union, a blob farther than twice the melt behind the nearest cannot change the join.
        # With other roles the nearest may have been carved away, and only what cannot reach the band
        # is left out: blobs that add beyond it, that carve or keep wholly within it.
        limit = near + f32(2) * (reach + melt)
        if not only_adds:
            limit = outward + reach + f32(2) * melt
        depth = inward + reach + f32(2) * melt
        kept = 0
        stamp = np.int64(0)
        for at in range(first, last):
            blob = table[blobs[at]]
            d = _any_distance(blob, x, y, z)
            if blob[20] > f32(0):
                matters = d <= limit
            else:
                matters = blob[21] * d <= depth
            if matters:
                out_blobs[out_starts[n] + kept] = blobs[at]
                kept += 1
                stamp = stamp * np.int64(0x5851F42D4C957F2D) + hashes[blobs[at]]
        out_counts[n] = kept
        stamps[n] = stamp


def measured(cells, voxel, table, hashes, side, outward, inward, ticket=None):
    """Distance at the middle of each cell, and the cells with their lists of blobs cut down.

    Parameters
    ----------
    cells : Cells
    voxel : float
        Metres.
    table : ndarray of float32, shape (b, 23)
    hashes : ndarray of int64, shape (b,)
        Of the rows of the table.
    side : int
        Voxels along a brick.
    outward, inward : float
        Reach of the band in which distances have to be right, metres.
    ticket : Ticket, optional

    Returns
    -------
    distance : ndarray of float32, shape (n,)
        Metres.
    cells : Cells
    """
    edge = cells.size * side * voxel
    count = len(cells.coords)
    distance = np.empty(count, np.float32)
    counts = np.empty(count, np.int64)
    stamps = np.empty(count, np.int64)
    starts = np.cumsum(cells.counts) - cells.counts
    blobs = np.empty(int(cells.counts.sum()), np.int32)
    melt = float(table[:, 22].max(initial=0.0))
    only_adds = bool(np.all(table[:, 20] > 0.0))
    for part in chunks(count, CHUNK, ticket):
        _measure(
            cells.coords[part], f32(edge), f32(edge * 3**0.5 / 2), table, hashes,
            cells.starts[part], cells.counts[part], cells.blobs, f32(melt), only_adds, f32(outward),
            f32(inward), starts[part], blobs, counts[part], stamps[part], distance[part],
        )
    return distance, Cells(cells.size, cells.coords, starts, counts, blobs, stamps)


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
