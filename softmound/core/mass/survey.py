"""Distance to the surface all over a box of bricks."""

import numpy as np

from ..volume.bricks import brick_order
from .cells import chosen, first_cells, halved, measured
from .levels import FAR

LARGEST = 8
"""Edge of the cells that are begun with, in bricks: a power of two."""


def surveyed(low, high, voxel, shape, ticket=None):
    """Distance at the middle of every brick of a box, those far from the surface too.

    As in the search for the bricks near a surface, each cell passes to its halves only the rows that can matter there; the
    distances are those that all rows would give.

    Parameters
    ----------
    low, high : ndarray of int, shape (3,)
        Inclusive brick coordinates.
    voxel : float
        Metres.
    shape : Shape
    ticket : Ticket, optional

    Returns
    -------
    distance : ndarray of float32, shape (n,)
        Metres.
    cells : Cells
        Of one brick each, sorted by x, then y, then z.
    """
    # Where forms carve, rows far off may matter: lists would not get shorter.
    cells = first_cells(low, high, LARGEST if shape.only_adds else 1, len(shape.table))
    while True:
        distance, _, cells = measured(cells, voxel, shape, FAR, FAR, ticket)
        if cells.size == 1:
            break
        cells = halved(cells)
    within = np.flatnonzero(np.all((cells.coords >= low) & (cells.coords <= high), axis=1))
    order = brick_order(cells.coords[within])
    within = within if order is None else within[order]
    return distance[within], chosen(cells, within)
