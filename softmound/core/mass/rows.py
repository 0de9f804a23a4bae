"""Rows of the table that the kernels read, and how forms with a formula write them."""

from typing import NamedTuple

import numpy as np

from .solids import cone_within

COLUMNS = 22
"""Row: centre 3, rotation 9, sizes 7 (see the distance of each kind), its kind, its form, its edge."""
ELLIPSOID, BALL, BOX, RING, CONE, CAPSULE, FIELD = range(7)
KIND, FORM, EDGE = 19, 20, 21
FORM_COLUMNS = 34
"""Form: two signs of its role, its melt, 1 if its rows join one by one, strength and frequency of its
roughness, 1 if that goes with the form, centre 3, rotation 9, base and top level 6 each."""
PLAIN, ROUGH, ANCHOR, BASE, TOP = 3, 4, 6, 22, 28
_SHAPES = {"box": BOX, "slab": BOX, "ring": RING, "cone": CONE, "capsule": CAPSULE}


class Rows(NamedTuple):
    """A shape as kernels read it: n rows of k forms.

    Kernels that are run side by side begin with `borrowed`.

    Attributes
    ----------
    table : ndarray of float32, shape (n, 22)
    forms : ndarray of float32, shape (k, 34)
    levels : ndarray of float32, shape (2, 6)
        Base and top level of the whole.
    voxels, places, codes, values : ndarray
        All fields, packed: see `Field`.
    """

    table: np.ndarray
    forms: np.ndarray
    levels: np.ndarray
    voxels: np.ndarray
    places: np.ndarray
    codes: np.ndarray
    values: np.ndarray


def rows_of(table, forms, levels, fields):
    """A shape as kernels read it.

    Parameters
    ----------
    table, forms, levels : ndarray
    fields : Field

    Returns
    -------
    Rows
    """
    return Rows(table, forms, levels, fields.voxels, fields.places, fields.codes, fields.values)


def ellipsoid_row(row, radii):
    """Write an ellipsoid, or a ball where its radii are one.

    Parameters
    ----------
    row : ndarray of float32, shape (COLUMNS,)
        Changed.
    radii : ndarray of float64, shape (3,)
        Metres.
    """
    row[12:15] = radii
    row[15:18] = radii**2 - radii.min() ** 2
    row[18] = radii.min() ** 2
    row[KIND] = BALL if radii.min() == radii.max() else ELLIPSOID


def solid_row(row, solid):
    """Write a solid that is no ball and is as wide as it is deep, or a box.

    Parameters
    ----------
    row : ndarray of float32, shape (COLUMNS,)
        Changed.
    solid : Solid
    """
    x, y, z = (s / 2 for s in solid.size)
    row[KIND] = _SHAPES[solid.shape]
    if row[KIND] == BOX:
        edge = min(x, y, z) if solid.shape == "slab" else min(solid.edge, x, y, z)
        row[12:15], row[EDGE] = (x - edge, y - edge, z - edge), edge
    elif row[KIND] == RING:
        tube = min(y, 0.999 * x)
        row[12:14] = x - tube, tube
    elif row[KIND] == CAPSULE:
        row[12:14] = x, max(y - x, 0.0)
    else:
        below, half, above, middle, edge = cone_within(x, x * solid.taper, y, solid.edge)
        row[12:16], row[EDGE] = (below, half, above, middle), edge


def row_boxes(table):
    """Box of each row that has a formula.

    Parameters
    ----------
    table : ndarray of float32, shape (n, 22)

    Returns
    -------
    low, high : ndarray of float64, shape (n, 3)
        Metres.
    """
    table = table.astype(np.float64)
    turned = table[:, 3:12].reshape(-1, 3, 3)  # world to own axes
    kind, sizes, edge = table[:, KIND], table[:, 12:15], table[:, EDGE]
    half, middle = np.zeros((len(table), 3)), np.zeros((len(table), 3))
    for k, made in (
        (BOX, lambda s, e: s + e[:, None]),
        (RING, lambda s, e: np.stack([s[:, 0] + s[:, 1], s[:, 1], s[:, 0] + s[:, 1]], 1)),
        (CAPSULE, lambda s, e: np.stack([s[:, 0], s[:, 0] + s[:, 1], s[:, 0]], 1)),
        (CONE, lambda s, e: np.stack([np.maximum(s[:, 0], s[:, 2])] * 3, 1) * (1, 0, 1) + np.outer(s[:, 1], (0, 1, 0))
         + e[:, None]),
    ):
        some = kind == k
        half[some] = made(sizes[some], edge[some])
    middle[kind == CONE, 1] = table[kind == CONE, 15]
    extent = np.einsum("nij,ni->nj", np.abs(turned), half)
    round_ = kind <= BALL
    extent[round_] = np.sqrt(np.einsum("nij,ni->nj", turned[round_] ** 2, sizes[round_] ** 2))
    centre = table[:, :3] + np.einsum("nij,ni->nj", turned, middle)
    return centre - extent, centre + extent
