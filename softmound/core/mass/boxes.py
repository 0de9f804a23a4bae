"""Boxes around the rows of a table."""

import numpy as np

from .rows import BALL, EDGE, KIND
from .solids import SHAPES


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
    kind, sizes, edge = table[:, KIND], table[:, 12:19], table[:, EDGE]
    half, middle = np.zeros((len(table), 3)), np.zeros((len(table), 3))
    for shape in SHAPES.values():
        some = kind == shape.code
        if some.any():
            half[some], middle[some, 1] = shape.extent(sizes[some], edge[some])
    extent = np.einsum("nij,ni->nj", np.abs(turned), half)
    round_ = kind <= BALL
    extent[round_] = np.sqrt(np.einsum("nij,ni->nj", turned[round_] ** 2, sizes[round_, :3] ** 2))
    centre = table[:, :3] + np.einsum("nij,ni->nj", turned, middle)
    return centre - extent, centre + extent
