"""Densities of several grids as one."""

import numpy as np

from ..machine import free_memory
from ..problems import DoesNotFit
from .bricks import LANES, brick_keys, grid_of
from .resample import aligned, resampled

BRICK = 3 * 4 * LANES
"""Bytes for each brick of what goes in: its own values, those it is resampled to, and what they are joined to."""
WAYS = ("add", "maximum", "multiply", "average")


def _joined(by, a, b):
    if by == "add":
        return a + b
    if by == "maximum":
        return np.maximum(a, b)
    if by == "multiply":
        return a * b
    return (a + b) * np.float32(0.5)


def refuse_unless_it_fits(grids, voxel):
    """Raise unless several grids can be brought to one voxel and joined within the memory there is.

    Parameters
    ----------
    grids : sequence of BrickGrid
    voxel : float
        In the unit of the grids.

    Raises
    ------
    DoesNotFit
        Names the smallest voxel that fits.
    """
    def need(size):
        # A brick becomes as many as its side is longer; bricks of one value may not stay such at their borders.
        return sum((len(grid.coords) + len(grid.tile_coords)) * max(grid.voxel / size, 1.0) ** 3 for grid in grids) * BRICK

    limit = free_memory() * 2 / 3
    if need(voxel) > limit:
        fits = voxel
        while need(fits) > limit and fits < 1e6:
            fits *= 1.1
        raise DoesNotFit("A voxel of {:g} m needs about {:,.1f} GB and {:,.1f} GB are free; the smallest voxel that "
                         "fits is about {:.2g} m.", voxel, need(voxel) / 1e9, limit / 1e9, fits)


def combined(first, second, by, ticket=None):
    """Two densities as one, on the voxels of the first.

    Parameters
    ----------
    first, second : BrickGrid
        With background 0. The second is resampled unless its voxels lie in the same places.
    by : str
        One of `WAYS`. Where a grid holds nothing it counts as 0.
    ticket : Ticket, optional

    Returns
    -------
    BrickGrid
    """
    if not aligned(first, second):
        second = resampled(second, first.voxel, ticket, offset=first.offset)
    parts = [_found(grid) for grid in (first, second)]
    keys = np.unique(np.concatenate([keys for keys, *_ in parts]))
    coords = np.stack([keys >> 42, (keys >> 21) & (2**21 - 1), keys & (2**21 - 1)], axis=1) - 2**20
    rows, values = zip(*(_looked_up(keys, *part) for part in parts))
    even = (rows[0] < 0) & (rows[1] < 0)
    tile_values = _joined(by, *(v[even] for v in values))
    mixed = np.flatnonzero(~even)
    out = np.empty((len(mixed), LANES), np.float32)
    for start in range(0, len(mixed), 4096):
        part = mixed[start : start + 4096]
        if ticket is not None:
            ticket.tick(start / len(mixed))
        out[start : start + len(part)] = _joined(by, *(
            _dense(grid, r[part], v[part]) for grid, r, v in zip((first, second), rows, values)))
    some = out.any(axis=1)
    there = tile_values != 0.0
    return grid_of(first.voxel, coords[mixed][some], out[some], coords[even][there], tile_values[there],
                   offset=first.offset)


def _found(grid):
    """Sorted keys of all bricks of a grid, the row of each in the pool or -1, and its value if it has one."""
    coords = np.concatenate([grid.coords, grid.tile_coords])
    keys = brick_keys(coords)
    order = np.argsort(keys)
    rows = np.concatenate([np.arange(len(grid.coords)), np.full(len(grid.tile_coords), -1)])
    values = np.concatenate([np.zeros(len(grid.coords), np.float32), grid.tile_values])
    return keys[order], rows[order], values[order]


def _looked_up(wanted, keys, rows, values):
    if not len(keys):
        return np.full(len(wanted), -1), np.zeros(len(wanted), np.float32)
    at = np.minimum(np.searchsorted(keys, wanted), len(keys) - 1)
    there = keys[at] == wanted
    return np.where(there, rows[at], -1), np.where(there, values[at], np.float32(0))


def _dense(grid, rows, values):
    out = np.repeat(values[:, None], LANES, axis=1)
    held = rows >= 0
    out[held] = grid.values[rows[held]]
    return out
