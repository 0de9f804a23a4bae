"""What closes the underside: between lumps nearer than a level's fill, balls that the level cuts to one sheet.

Which places lie between lumps is a question about the shape cut at the level: those that a closing adds, the dilation and
then the erosion by half the fill (Serra 1982, Image analysis and mathematical morphology, chapter 2).
"""

import numpy as np
import scipy

from ..kernels import borrowed, each, f32
from ..volume.bricks import SIDE
from .at_point import distance_at, row_distance
from .boxes import row_boxes
from .ellipsoid import melted
from .levels import COLUMNS as LEVEL
from .levels import FAR
from .rows import BALL, BASE, COLUMNS, FIELD, FORM, KIND, TOP, rows_of

ACROSS = 6
"""Balls across the fill; by eye: fewer leave their roundness in the sheet."""
STEPS = 3
"""Samples across a ball's distance to the next."""
MOST = 360
"""Samples along the longest side, at most: then balls stand farther apart."""
THICK = 0.42
"""Radius of a ball, at most, in fills: thick in the middle of a wide gap, thin at the cloud's edge."""


@each("xs")
def _cut(i, xs, zs, altitude, shape, out):
    """Signed distance along a row of a plane."""
    rows = borrowed(shape)
    for k in range(len(zs)):
        out[i, k] = distance_at(f32(xs[i]), altitude, f32(zs[k]), rows)[0]


@each("xs")
def _cut_adding(i, xs, zs, altitude, shape, low, high, out):
    """The same of rows that all add: each is asked only where it can matter, within its box grown by its melt."""
    rows = borrowed(shape)
    x = f32(xs[i])
    for at in range(rows.table.shape[0]):
        if x < low[at, 0] or x > high[at, 0]:
            continue
        melt = rows.forms[np.int64(rows.table[at, FORM]), 2]
        for k in range(len(zs)):
            z = f32(zs[k])
            if z >= low[at, 1] and z <= high[at, 1]:
                d = row_distance(rows.table[at], x, altitude, z, rows)
                out[i, k] = melted(out[i, k], d, melt)


def sheet_of(level, table, forms, fields):
    """Rows of balls that close a level.

    Parameters
    ----------
    level : BaseLevel or None
    table : ndarray of float32, shape (n, 22)
        Rows of what the level cuts; how they join is read from `forms`.
    forms : ndarray of float32, shape (k, 34)
    fields : Field
        Of those rows that have one.

    Returns
    -------
    ndarray of float32, shape (m, 22)
        Empty where the level is off or fills nothing. No ball reaches out of the closed outline.
    """
    nothing = np.empty((0, COLUMNS), np.float32)
    if level is None or not level.on or level.fill <= 0.0 or not len(table):
        return nothing
    corners = _boxes(table, fields)
    box = corners[0].min(axis=0), corners[1].max(axis=0)
    if not box[0][1] <= level.altitude <= box[1][1]:
        return nothing
    step = max(level.fill / (ACROSS * STEPS), float((box[1] - box[0])[[0, 2]].max()) / MOST)
    # Wide enough that nothing that is dilated reaches the border.
    margin = level.fill + step
    xs, zs = (np.arange(box[0][axis] - margin, box[1][axis] + margin + step, step) for axis in (0, 2))
    distance = np.full((len(xs), len(zs)), FAR, np.float32)
    whole = np.zeros((2, LEVEL), np.float32)
    if np.all(forms[:, :2] > 0.0):
        low, high = corners
        melt = forms[table[:, FORM].astype(int), 2]
        met = (low[:, 1] - melt <= level.altitude) & (high[:, 1] + melt >= level.altitude)
        grown = melt[met, None]
        _cut_adding(xs, zs, f32(level.altitude), rows_of(table[met], forms, whole, fields),
                    np.ascontiguousarray((low[met] - grown)[:, ::2], np.float32),
                    np.ascontiguousarray((high[met] + grown)[:, ::2], np.float32), distance)
    else:
        uncut = forms.copy()
        uncut[:, [BASE, TOP]] = 0.0
        _cut(xs, zs, f32(level.altitude), rows_of(table, uncut, whole, fields), distance)
    held = distance < 0.0
    if not held.any():
        return nothing
    half = level.fill / 2.0
    closed = scipy.ndimage.distance_transform_edt(scipy.ndimage.distance_transform_edt(~held, step) <= half, step) > half
    apart = STEPS * step
    room = np.minimum(scipy.ndimage.distance_transform_edt(closed, step), THICK * level.fill)
    chosen = np.zeros_like(held)
    chosen[::STEPS, ::STEPS] = True
    # Into the lumps as well, as far as a ball reaches, so that no seam is left beside them.
    chosen &= closed & (room >= apart / 2.0) & (distance > -apart)
    at = np.argwhere(chosen)
    rows = np.zeros((len(at), COLUMNS), np.float32)
    rows[:, 0], rows[:, 1], rows[:, 2] = xs[at[:, 0]], level.altitude, zs[at[:, 1]]
    rows[:, [3, 7, 11]] = 1.0
    rows[:, 12:15] = room[chosen][:, None]
    rows[:, 18] = room[chosen] ** 2
    rows[:, KIND] = BALL
    return rows


def _boxes(table, fields):
    """Corners of the box of each row, metres; of one that is read from a field one that surely holds it."""
    low, high = row_boxes(table)
    for n in np.flatnonzero(table[:, KIND] == FIELD):
        row = table[n]
        level = int(row[13])
        least, most = fields.places[level, 4:7], fields.places[level, 4:7] + fields.places[level, 1:4]
        reach = np.linalg.norm(np.maximum(abs(least), abs(most))) * SIDE * float(fields.voxels[level]) * row[12]
        low[n], high[n] = row[:3] - reach, row[:3] + reach
    return low, high
