"""Signed distance at single points, as kernels ask for it."""

import numpy as np

from ..kernels import borrowed, call, f32
from .ellipsoid import ball_distance, blob_distance, joined_distance, melted
from .field import field_at
from .levels import FAR, pressed
from .rows import BALL, BASE, ELLIPSOID, FIELD, FORM, KIND, PLAIN, TOP
from .solids import solid_distance


@call
def row_distance(b, x, y, z, rows):
    """Signed distance from a point to one row.

    Parameters
    ----------
    b : ndarray of float32, shape (22,)
    x, y, z : float32
        World, metres.
    rows : Rows
        For its fields.

    Returns
    -------
    float32
        Metres, negative inside.
    """
    kind = np.int64(b[KIND])
    if kind == BALL:
        return ball_distance(b, x, y, z)
    if kind == ELLIPSOID:
        return blob_distance(b, x, y, z)
    x = x - b[0]
    y = y - b[1]
    z = z - b[2]
    across = b[3] * x + b[4] * y + b[5] * z
    up = b[6] * x + b[7] * y + b[8] * z
    deep = b[9] * x + b[10] * y + b[11] * z
    if kind != FIELD:
        return solid_distance(b, kind, across, up, deep)
    smaller = f32(1) / b[12]
    return b[12] * field_at(borrowed(rows), np.int64(b[13]), np.int64(b[14]), across * smaller * b[15], up * smaller,
                            deep * smaller)


@call
def distance_at(x, y, z, rows):
    """Signed distance from a point to a whole shape, less what is ragged or rough, and the form whose surface is nearest.

    Parameters
    ----------
    x, y, z : float32
        World, metres.
    rows : Rows

    Returns
    -------
    (float32, int)
        Metres, negative inside; -1 where no form adds.
    """
    table, forms, levels = rows.table, rows.forms, rows.levels
    height = pressed(pressed(y, levels[0]), levels[1])
    joined = f32(FAR)
    nearest = f32(FAR)
    owner = -1
    at = 0
    while at < table.shape[0]:
        number = np.int64(table[at, FORM])
        form = forms[number]
        lower = pressed(pressed(height, form[BASE : BASE + 6]), form[TOP : TOP + 6])
        own = f32(FAR)
        while at < table.shape[0] and np.int64(table[at, FORM]) == number:
            d = row_distance(table[at], x, lower, z, rows)
            if form[PLAIN] > f32(0):
                own = min(own, d)
                joined = joined_distance(joined, d, form[0], form[1], form[2])
            else:
                own = melted(own, d, form[2])
            at += 1
        if form[PLAIN] == f32(0):
            for level in range(BASE, TOP + 1, TOP - BASE):
                if form[level] > f32(0):
                    own = max(own, form[level + 5] * (form[level + 1] - y))
            joined = joined_distance(joined, own, form[0], form[1], form[2])
        if form[0] > f32(0) and own < nearest:
            nearest = own
            owner = number
    for side in range(2):
        if levels[side, 0] > f32(0):
            joined = max(joined, levels[side, 5] * (levels[side, 1] - y))
    return joined, owner
