"""Rows of the table that the kernels read, and how forms with a formula write them."""

from typing import NamedTuple

import numpy as np

COLUMNS = 22
"""Row: centre 3, rotation 9, sizes 7 (see the distance of each kind), its kind, its form, its edge."""
ELLIPSOID, BALL, FIELD = range(3)
"""Kinds of rows; the others are those of `solids`."""
KIND, FORM, EDGE = 19, 20, 21
FORM_COLUMNS = 34
"""Form: two signs of its role, its melt, 1 if its rows join one by one, strength and frequency of its
roughness, 1 if that goes with the form, centre 3, rotation 9, base and top level 6 each."""
PLAIN, ROUGH, ANCHOR, BASE, TOP = 3, 4, 6, 22, 28


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
