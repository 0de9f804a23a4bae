"""A multiresolution grid as plain grids, one for each voxel, that add up to it (a partition of unity: Babuska and Melenk 1997,
Int. J. Numer. Methods Eng. 40, 727).

Who adds up what they hold at a place, as whoever traces rays through several volumes does, finds what the finest voxels say, and
no seam: over the outermost bricks of what is split the finer grid comes in as the coarser one goes.
"""

import numpy as np

from ..ticket import chunks
from .bricks import LANES, SIDE, grid_of
from .refined import around_of, everything_in, is_among, unique_bricks

CHUNK = 4096


def summands(grid, refined, ticket=None):
    """Grids that add up to a refined one.

    Parameters
    ----------
    grid : BrickGrid
    refined : Refined
        Of it.
    ticket : Ticket, optional

    Returns
    -------
    list of BrickGrid
        The first with the voxel of the grid, each with half that of the one before.
    """
    levels = [grid, *refined.levels]
    split = [unique_bricks(everything_in(level) >> 1) for level in refined.levels]
    return [_shared(level, split[: number + 1], number, ticket) for number, level in enumerate(levels)]


def _shared(level, split, number, ticket):
    """What a level holds, times its share: how far it has come in, less how far the next has."""
    coords, values, tiles, tile_values = [], [], [], []
    for part in chunks(len(level.coords), CHUNK, ticket):
        held = level.values[part] * _share(level.coords[part], split, number)
        there = held.any(axis=1)
        coords.append(level.coords[part][there])
        values.append(held[there])
    for part in chunks(len(level.tile_coords), CHUNK, ticket):
        own, inside, share = level.tile_coords[part], level.tile_values[part], _share(level.tile_coords[part], split, number)
        least, most = share.min(axis=1), share.max(axis=1)
        even, mixed = (least == most) & (most > 0.0) & (inside != 0.0), (least < most) & (inside != 0.0)
        tiles.append(own[even])
        tile_values.append(inside[even] * most[even])
        coords.append(own[mixed])
        values.append(inside[mixed, None] * share[mixed])
    nothing = np.empty((0, 3), np.int32)
    return grid_of(level.voxel, np.concatenate([nothing, *coords]), np.concatenate([np.empty((0, LANES), np.float32), *values]),
                   np.concatenate([nothing, *tiles]), np.concatenate([np.empty(0, np.float32), *tile_values]),
                   level.background, level.offset)


def _share(coords, split, number):
    """Share of a level at its voxels: ndarray of float32, shape (n, 512)."""
    come = np.ones((len(coords), LANES), np.float32)
    for below in range(number):
        np.minimum(come, _come(coords, split[below], number - below), out=come)
    if number == len(split):  # the finest
        return come
    return come - np.minimum(come, _come(coords, split[number], 0))


def _come(coords, split, times):
    """How far a level has come in: 1 where all bricks around are split, 0 at the border, and linear between corners of bricks.

    Parameters
    ----------
    coords : ndarray of int32, shape (n, 3)
        Bricks in which it is asked for.
    split : ndarray of int32, shape (m, 3)
        Bricks whose halves the level has.
    times : int
        How often the bricks of these have been halved to make those.
    """
    wide, which = np.unique(coords >> times, axis=0, return_inverse=True)
    there = is_among(around_of(wide), split).reshape(-1, 3, 3, 3)
    corners = np.ones((len(wide), 2, 2, 2), bool)
    for x, y, z in np.ndindex(2, 2, 2):
        for i, j, k in np.ndindex(2, 2, 2):
            corners[:, i, j, k] &= there[:, i + x, j + y, k + z]
    found = corners[which.ravel()].astype(np.float32)
    for axis in range(3):
        at = ((coords[:, axis] & ((1 << times) - 1))[:, None] * SIDE + np.arange(SIDE)) / np.float32(SIDE << times)
        found = np.stack([found[:, 0], found[:, 1]], axis=-1)  # the next axis comes first
        found = found[..., :1] * (1.0 - _along(at, found.ndim)) + found[..., 1:] * _along(at, found.ndim)
    return found.reshape(len(coords), LANES).astype(np.float32)


def _along(at, dims):
    return at.reshape(len(at), *(1,) * (dims - 2), SIDE)
