"""Mass to signed distance, only in bricks near the surface."""

from dataclasses import dataclass

import numpy as np

from ..kernels import borrowed, call, each, f32, i32
from ..noise.fbm import fbm_at
from ..ticket import chunks
from ..volume.bricks import LANES, SIDE, brick_keys, brick_order
from .at_point import row_distance
from .cells import Cells, bricks_inside, chosen, first_cells, halved, joined, measured
from .ellipsoid import ball_distance, blob_distance, joined_distance
from .field import field_at
from .levels import FAR, flatten, pressed
from .rows import ANCHOR, BALL, BASE, ELLIPSOID, FIELD, FORM, KIND, PLAIN, ROUGH, TOP
from .table import Shape, form_box, shape_of

CHUNK = 512
BLOCK = 4096
"""Cells halved at a time."""
ROUGH_OCTAVES = 3


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
    global _latest
    about, found = _latest
    if about is not mass:
        adding = [form for form in mass.forms if form.role == "adds" and form.shapes]
        boxes = [box for box in (form_box(form, mass.melt) for form in adding) if box is not None]
        found = None
        if boxes:
            boxes = np.array(boxes)
            # Melting pushes the surface out by less than the melt radius.
            grow = max(form.rough.strength if form.rough is not None else 0.0 for form in adding) + max(
                mass.melt if form.melt is None else form.melt for form in adding)
            found = boxes[:, 0].min(axis=0) - grow, boxes[:, 1].max(axis=0) + grow, grow
        _latest = (mass, found)
    if found is None:
        return None
    low, high, grow = found[0] - reach, found[1] + reach, found[2] + reach
    if mass.base.on:
        low[1] = max(low[1], mass.base.altitude - mass.base.raggedness - grow)
    if mass.top.on:
        high[1] = min(high[1], mass.top.altitude + mass.top.raggedness + grow)
    return None if low[1] >= high[1] else (low, high)


_latest = (None, None)
"""The mass asked about last and its box: several stages ask about the same one."""


@call
def _join_row(acc, b, x0, z0, heights, voxel, role, shape):
    """Join one row to the distances of a brick; `role` is two signs and the melt, as `joined_distance` takes them."""
    rows = borrowed(shape)
    sign_before, sign_own, melt = role
    kind = np.int64(b[KIND])
    if kind == BALL:
        for lane in range(LANES):
            n = i32(lane)
            d = ball_distance(b, x0 + f32(n >> 6) * voxel, heights[lane], z0 + f32(n & 7) * voxel)
            acc[lane] = joined_distance(acc[lane], d, sign_before, sign_own, melt)
    elif kind == ELLIPSOID:
        for lane in range(LANES):
            n = i32(lane)
            d = blob_distance(b, x0 + f32(n >> 6) * voxel, heights[lane], z0 + f32(n & 7) * voxel)
            acc[lane] = joined_distance(acc[lane], d, sign_before, sign_own, melt)
    elif kind == FIELD:
        first = np.int64(b[13])
        count = np.int64(b[14])
        scale = f32(1) / b[12]
        for lane in range(LANES):
            x = x0 + f32(lane >> 6) * voxel - b[0]
            y = heights[lane] - b[1]
            z = z0 + f32(lane & 7) * voxel - b[2]
            d = b[12] * field_at(
                rows, first, count, (b[3] * x + b[4] * y + b[5] * z) * scale * b[15],
                (b[6] * x + b[7] * y + b[8] * z) * scale, (b[9] * x + b[10] * y + b[11] * z) * scale)
            acc[lane] = joined_distance(acc[lane], d, sign_before, sign_own, melt)
    else:
        for lane in range(LANES):
            n = i32(lane)
            d = row_distance(b, x0 + f32(n >> 6) * voxel, heights[lane], z0 + f32(n & 7) * voxel, rows)
            acc[lane] = joined_distance(acc[lane], d, sign_before, sign_own, melt)


@call
def _roughen(acc, form, x0, y0, z0, voxel, seed):
    """Displace the distances of a brick by the form's roughness."""
    strength = form[ROUGH]
    frequency = form[ROUGH + 1]
    for lane in range(LANES):
        if abs(acc[lane]) > f32(FAR) * f32(0.5):
            continue
        x = x0 + f32(lane >> 6) * voxel
        y = y0 + f32((lane >> 3) & 7) * voxel
        z = z0 + f32(lane & 7) * voxel
        if form[ANCHOR] > f32(0):
            x -= form[7]
            y -= form[8]
            z -= form[9]
            x, y, z = (form[10] * x + form[11] * y + form[12] * z, form[13] * x + form[14] * y + form[15] * z,
                       form[16] * x + form[17] * y + form[18] * z)
        acc[lane] -= strength * fbm_at(x * frequency, y * frequency, z * frequency, ROUGH_OCTAVES, f32(2), f32(0.5),
                                       f32(0), seed)


@each("coords")
def _evaluate(b, coords, voxel, shape, seeds, starts, counts, blobs, level_seeds, out):
    """Signed distance in a brick, of the rows in its list."""
    rows = borrowed(shape)
    table, forms, levels = rows.table, rows.forms, rows.levels
    x0 = f32(coords[b, 0] * SIDE) * voxel
    y0 = f32(coords[b, 1] * SIDE) * voxel
    z0 = f32(coords[b, 2] * SIDE) * voxel
    brick = out[b]
    heights = np.empty(LANES, np.float32)
    lower = np.empty(LANES, np.float32)
    own = np.empty(LANES, np.float32)
    for lane in range(LANES):
        brick[lane] = f32(FAR)
        y = y0 + f32((i32(lane) >> 3) & 7) * voxel
        heights[lane] = pressed(pressed(y, levels[0]), levels[1])
    at = starts[b]
    last = at + counts[b]
    while at < last:
        number = np.int64(table[blobs[at], FORM])
        form = forms[number]
        if form[PLAIN] > f32(0):
            _join_row(brick, table[blobs[at]], x0, z0, heights, voxel, (form[0], form[1], form[2]), rows)
            at += 1
            continue
        # A form of several rows that is finished before it takes its role.
        for lane in range(LANES):
            own[lane] = f32(FAR)
            lower[lane] = pressed(pressed(heights[lane], form[BASE : BASE + 6]), form[TOP : TOP + 6])
        while at < last and np.int64(table[blobs[at], FORM]) == number:
            _join_row(own, table[blobs[at]], x0, z0, lower, voxel, (f32(1), f32(1), form[2]), rows)
            at += 1
        if form[ROUGH] > f32(0):
            _roughen(own, form, x0, y0, z0, voxel, seeds[number, 0])
        if form[BASE] > f32(0):
            flatten(own, x0, y0, z0, voxel, form[BASE : BASE + 6], seeds[number, 1])
        if form[TOP] > f32(0):
            flatten(own, x0, y0, z0, voxel, form[TOP : TOP + 6], seeds[number, 2])
        for lane in range(LANES):
            brick[lane] = joined_distance(brick[lane], own[lane], form[0], form[1], form[2])
    if levels[0, 0] > f32(0):
        flatten(brick, x0, y0, z0, voxel, levels[0], level_seeds[0])
    if levels[1, 0] > f32(0):
        flatten(brick, x0, y0, z0, voxel, levels[1], level_seeds[1])


@dataclass(frozen=True, eq=False)
class Band:
    """Bricks near the surface, before their voxels are computed.

    Attributes
    ----------
    cells : Cells
        Of one brick each, sorted by x, then y, then z.
    inside : ndarray of int32, shape (m, 3)
        Bricks wholly deeper than the band.
    shape : Shape
        What the cells' lists refer to.
    """

    cells: Cells
    inside: np.ndarray
    shape: Shape


def band_of(mass, voxel, outward, inward, ticket=None, *, wanted=None, shape=None):
    """Find the bricks whose distance can lie within a band around the surface.

    Parameters
    ----------
    mass : Mass
    voxel : float
        Metres.
    outward, inward : float
        Reach of the band outside and inside the surface, metres.
    ticket : Ticket, optional
    wanted : ndarray of int32, shape (n, 3), optional
        Bricks to look at; default all.
    shape : Shape, optional
        Of the mass; default with forms that have no formula sampled at this voxel.

    Returns
    -------
    Band
    """
    quiet = ticket.quiet() if ticket is not None else None
    box = box_of(mass, outward)
    if box is None:
        mass = mass.model_copy(update={"forms": ()})
    shape = shape_of(mass, voxel, max(outward, inward), quiet) if shape is None else shape
    if not len(shape.table):
        return Band(first_cells((0, 0, 0), (-1, -1, -1), 1, 0), np.empty((0, 3), np.int32), shape)
    edge = SIDE * voxel
    low, high = (np.floor(corner / edge).astype(np.int64) for corner in box)
    if wanted is not None:
        low, high = np.maximum(low, wanted.min(axis=0, initial=2**30)), np.minimum(high, wanted.max(axis=0, initial=-(2**30)))
        if (low > high).any():
            return Band(first_cells((0, 0, 0), (-1, -1, -1), 1, 0), np.empty((0, 3), np.int32), shape)
    size = 1
    while ((high - low + 1) / size).max() > 8:
        size *= 2
    cells = first_cells(low, high, size, len(shape.table))
    cells, inside = descended(cells, voxel, shape, outward, inward, ticket, wanted)
    return Band(cells, inside, shape)


def descended(cells, voxel, shape, outward, inward, ticket=None, wanted=None):
    """Single bricks of the band within some cells.

    Parameters
    ----------
    cells : Cells
        Of a size that is a power of two.
    voxel : float
        Metres.
    shape : Shape
    outward, inward : float
        Reach of the band, metres.
    ticket : Ticket, optional
    wanted : ndarray of int32, shape (n, 3), optional
        Bricks to look at; default all.

    Returns
    -------
    cells : Cells
        Of size 1, sorted.
    inside : ndarray of int32, shape (m, 3)
        Bricks wholly deeper than the band.
    """
    quiet = ticket.quiet() if ticket is not None else None
    inside = [np.empty((0, 3), np.int32)]
    keys = {} if wanted is None else {1: np.unique(brick_keys(wanted))}  # of wanted cells, by their size

    def kept(cells):
        if wanted is not None:
            if cells.size not in keys:
                keys[cells.size] = np.unique(brick_keys(wanted // cells.size))
            cells = chosen(cells, np.isin(brick_keys(cells.coords), keys[cells.size]))
        distance, reach, cells = measured(cells, voxel, shape, outward, inward, quiet)
        lower, upper = _bounds(distance, reach, cells, voxel, shape)
        deep = upper < -inward
        if deep.any():
            found = bricks_inside(chosen(cells, deep))
            inside.append(found if wanted is None else found[np.isin(brick_keys(found), keys[1])])
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
    return cells, np.concatenate(inside)


def _bounds(distance, reach, cells, voxel, shape):
    """Bounds of the distance over each cell, levels included."""
    edge = cells.size * SIDE * voxel
    lower, upper = distance - reach, distance + reach
    middle = (cells.coords[:, 1] + 0.5) * edge
    for level, side in ((shape.base, 1.0), (shape.top, -1.0)):
        if level.on:
            outside = side * (level.altitude - middle)
            slack = edge / 2 + level.raggedness
            lower = np.maximum(lower, outside - slack)
            upper = np.maximum(upper, outside + slack) + level.softness / 4
    return lower, upper


def distance_in(shape, voxel, cells, ticket=None, memory=None):
    """Signed distance at the voxels of some bricks.

    Parameters
    ----------
    shape : Shape
        The one that the cells' lists refer to.
    voxel : float
        Metres.
    cells : Cells
        Of size 1, from `band_of`.
    ticket : Ticket, optional
    memory : BrickMemory, optional
        Bricks whose forms did not change since the last call are taken from here.

    Returns
    -------
    ndarray of float32, shape (n, 512)
        Metres, negative inside. Exact for one blob; where forms melt and near levels a bound, that is
        1-Lipschitz but for raggedness, roughness and the pressing.
    """
    if memory is None:
        return _computed(shape, voxel, cells, ticket)
    about = (voxel, shape.base, shape.top)
    return memory.recalled(
        about, cells.coords, cells.stamps,
        lambda rows: _computed(shape, voxel, chosen(cells, rows), ticket),
    )


def _computed(shape, voxel, cells, ticket):
    out = np.empty((len(cells.coords), LANES), np.float32)
    seeds = np.array([shape.base.seed, shape.top.seed], np.uint32)
    for part in chunks(len(cells.coords), CHUNK, ticket):
        _evaluate(cells.coords[part], f32(voxel), shape.rows, shape.seeds, cells.starts[part], cells.counts[part], cells.blobs,
                  seeds, out[part])
    return out
