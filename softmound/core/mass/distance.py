"""Mass to signed distance, only in bricks near the surface."""

from dataclasses import dataclass

import numpy as np

from ..grain.fbm import fbm_at
from ..kernels import call, f32, i32, kernel, prange, u32
from ..ticket import chunks
from ..volume.bricks import LANES, SIDE, brick_order
from .buds import rows_of_all
from .cells import FAR, Cells, bricks_inside, chosen, first_cells, halved, joined, measured
from .ellipsoid import SMALLEST_MELT, ball_distance, blob_distance, joined_distance, melted

CHUNK = 512
BLOCK = 4096
"""Cells halved at a time."""
RAGGED_OCTAVES = 3


@dataclass(frozen=True, eq=False)
class Shape:
    """Mass as the kernels want it.

    Attributes
    ----------
    table : ndarray of float32, shape (n, 23)
    hashes : ndarray of int64, shape (n,)
        Of the rows of the table.
    base, top : BaseLevel
    """

    table: np.ndarray
    hashes: np.ndarray
    base: object
    top: object


def shape_of(mass):
    """Numbers of a mass.

    Parameters
    ----------
    mass : Mass

    Returns
    -------
    Shape
    """
    table, hashes = rows_of_all([b for b in mass.blobs if not b.hidden], mass.melt)
    return Shape(table, hashes, mass.base, mass.top)


def box_of(mass, reach=0.0):
    """Box that holds the whole shape grown by `reach`.

    Parameters
    ----------
    mass : Mass
    reach : float, optional
        Metres.

    Returns
    -------
    (ndarray of float64, ndarray of float64) or None
        Lower and upper corner in metres, or None when nothing is left above the base level.
    """
    adding = [blob for blob in mass.blobs if blob.role == "adds" and not blob.hidden]
    if not adding:
        return None
    table = rows_of_all(adding, mass.melt)[0].astype(np.float64)
    turned = table[:, 3:12].reshape(-1, 3, 3)  # world to own axes
    extent = np.sqrt(np.einsum("nij,ni->nj", turned**2, table[:, 12:15] ** 2))
    # Melting pushes the surface out by less than the melt radius.
    reach = reach + float(table[:, 22].max())
    low = (table[:, :3] - extent).min(axis=0) - reach
    high = (table[:, :3] + extent).max(axis=0) + reach
    if mass.base.on:
        low[1] = max(low[1], mass.base.altitude - mass.base.raggedness - reach)
    if mass.top.on:
        high[1] = min(high[1], mass.top.altitude + mass.top.raggedness + reach)
    return None if low[1] >= high[1] else (low, high)


@call
def _flatten(brick, x0, y0, z0, voxel, side, level, seed):
    """Cut a brick's shape at a level: `side` is 1 for what lies below it, -1 for what lies above.

    `level` holds altitude, softness, raggedness and the frequency of the raggedness.
    """
    altitude, softness, raggedness, frequency = level[0], level[1], level[2], level[3]
    deepest = f32(FAR)
    for lane in range(LANES):
        deepest = min(deepest, brick[lane])
    beyond = max(side * (altitude - y0), side * (altitude - y0 - f32(SIDE - 1) * voxel))
    if beyond + raggedness <= deepest - softness:
        return  # well on the other side the smooth maximum changes nothing
    for i in range(SIDE):
        for k in range(SIDE):
            height = altitude
            if raggedness > f32(0):
                height += raggedness * fbm_at(
                    (x0 + f32(i) * voxel) * frequency, f32(0.5), (z0 + f32(k) * voxel) * frequency,
                    RAGGED_OCTAVES, f32(2), f32(0.5), f32(0), seed,
                )
            for j in range(SIDE):
                lane = (i << 6) | (j << 3) | k
                outside = side * (height - (y0 + f32(j) * voxel))
                # The smooth maximum is the smooth minimum upside down.
                brick[lane] = -melted(-brick[lane], -outside, softness)


@kernel
def _evaluate(coords, voxel, table, starts, counts, blobs, base_on, base, base_seed, top_on, top,
              top_seed, out):
    for b in prange(coords.shape[0]):
        x0 = f32(coords[b, 0] * SIDE) * voxel
        y0 = f32(coords[b, 1] * SIDE) * voxel
        z0 = f32(coords[b, 2] * SIDE) * voxel
        brick = out[b]
        for lane in range(LANES):
            brick[lane] = f32(FAR)
        for at in range(starts[b], starts[b] + counts[b]):
            blob = table[blobs[at]]
            if blob[19] > f32(0):
                for lane in range(LANES):
                    n = i32(lane)
                    d = ball_distance(
                        blob, x0 + f32(n >> 6) * voxel, y0 + f32((n >> 3) & 7) * voxel,
                        z0 + f32(n & 7) * voxel,
                    )
                    brick[lane] = joined_distance(brick[lane], d, blob)
            else:
                for lane in range(LANES):
                    n = i32(lane)
                    d = blob_distance(
                        blob, x0 + f32(n >> 6) * voxel, y0 + f32((n >> 3) & 7) * voxel,
                        z0 + f32(n & 7) * voxel,
                    )
                    brick[lane] = joined_distance(brick[lane], d, blob)
        if base_on:
            _flatten(brick, x0, y0, z0, voxel, f32(1), base, base_seed)
        if top_on:
            _flatten(brick, x0, y0, z0, voxel, f32(-1), top, top_seed)


@dataclass(frozen=True, eq=False)
class Band:
    """Bricks near the surface, before their voxels are computed.

    Attributes
    ----------
    cells : Cells
        Of one brick each, sorted by x, then y, then z.
    inside : ndarray of int32, shape (m, 3)
        Bricks wholly deeper than the band.
    """

    cells: Cells
    inside: np.ndarray


def band_of(mass, voxel, outward, inward, ticket=None):
    """Find the bricks whose distance can lie within a band around the surface.

    Parameters
    ----------
    mass : Mass
    voxel : float
        Metres.
    outward, inward : float
        Reach of the band outside and inside the surface, metres.
    ticket : Ticket, optional

    Returns
    -------
    Band
    """
    shape = shape_of(mass)
    box = box_of(mass, outward)
    if box is None:
        return Band(first_cells((0, 0, 0), (-1, -1, -1), 1, 0), np.empty((0, 3), np.int32))
    edge = SIDE * voxel
    low, high = (np.floor(corner / edge).astype(np.int64) for corner in box)
    size = 1
    while ((high - low + 1) / size).max() > 8:
        size *= 2
    cells = first_cells(low, high, size, len(shape.table))
    inside = [np.empty((0, 3), np.int32)]
    quiet = ticket.quiet() if ticket is not None else None

    def kept(cells):
        distance, cells = measured(cells, voxel, shape.table, shape.hashes, SIDE, outward, inward, quiet)
        lower, upper = _bounds(distance, cells, voxel, shape)
        deep = upper < -inward
        if deep.any():
            inside.append(bricks_inside(chosen(cells, deep)))
        return chosen(cells, ~deep & (lower <= outward))

    def look():
        """Each step below takes up to 50 ms for a million bricks: look at the ticket between."""
        if quiet is not None:
            quiet.tick(0.0)

    cells = kept(cells)
    while cells.size > 1:
        # In blocks: the lists of all children at once would take more memory than the grid.
        told = ticket if cells.size == 2 else quiet
        parts = [kept(halved(chosen(cells, part))) for part in chunks(len(cells.coords), BLOCK, told)]
        look()
        cells = joined(parts) if parts else halved(cells)
    look()
    order = brick_order(cells.coords)
    look()
    if order is not None:
        cells = chosen(cells, order)
    look()
    return Band(cells, np.concatenate(inside))


def _bounds(distance, cells, voxel, shape):
    """Bounds of the distance over each cell, levels included."""
    edge = cells.size * SIDE * voxel
    reach = edge * 3**0.5 / 2
    lower, upper = distance - reach, distance + reach
    middle = (cells.coords[:, 1] + 0.5) * edge
    for level, side in ((shape.base, 1.0), (shape.top, -1.0)):
        if level.on:
            outside = side * (level.altitude - middle)
            slack = edge / 2 + level.raggedness
            lower = np.maximum(lower, outside - slack)
            upper = np.maximum(upper, outside + slack) + level.softness / 4
    return lower, upper


def distance_in(mass, voxel, cells, ticket=None, memory=None):
    """Signed distance at the voxels of some bricks.

    Parameters
    ----------
    mass : Mass
    voxel : float
        Metres.
    cells : Cells
        Of size 1, from `band_of`.
    ticket : Ticket, optional
    memory : BrickMemory, optional
        Bricks whose blobs did not change since the last call are taken from here.

    Returns
    -------
    ndarray of float32, shape (n, 512)
        Metres, negative inside. Exact for one blob; where blobs melt and where the base level
        joins, a bound that is 1-Lipschitz but for the raggedness.
    """
    shape = shape_of(mass)
    if memory is None:
        return _computed(shape, voxel, cells, ticket)
    about = (voxel, shape.base, shape.top)
    return memory.recalled(
        about, cells.coords, cells.stamps,
        lambda rows: _computed(shape, voxel, chosen(cells, rows), ticket),
    )


def _computed(shape, voxel, cells, ticket):
    base, top = shape.base, shape.top
    out = np.empty((len(cells.coords), LANES), np.float32)
    for part in chunks(len(cells.coords), CHUNK, ticket):
        _evaluate(
            cells.coords[part], f32(voxel), shape.table, cells.starts[part], cells.counts[part],
            cells.blobs, base.on, _level_row(base), u32(base.seed), top.on, _level_row(top),
            u32(top.seed), out[part],
        )
    return out


def _level_row(level):
    return np.array([level.altitude, max(level.softness, SMALLEST_MELT), level.raggedness,
                     1.0 / level.ragged_size], np.float32)
