"""Density that keeps away from stand-ins."""

import numpy as np

from ..standins.distance import signed_distances
from ..standins.surfaces import box_of
from ..volume.bricks import LANES, SIDE, grid_of

SOFT = 2.0
"""Voxels over which density comes back."""
_LANES = np.stack(np.meshgrid(*[np.arange(SIDE)] * 3, indexing="ij"), -1).reshape(-1, 3)
_CHUNK = 4096


def clearing(stand_ins):
    """Stand-ins that keep cloud away.

    Parameters
    ----------
    stand_ins : sequence of StandIn

    Returns
    -------
    list of StandIn
    """
    return [each for each in stand_ins if each.clears is not None]


def kept_away(grid, stand_ins, ticket=None):
    """Density without what is too near to stand-ins, or within them.

    Parameters
    ----------
    grid : BrickGrid
    stand_ins : sequence of StandIn
    ticket : Ticket, optional

    Returns
    -------
    BrickGrid
        The same where nothing is near. Over `SOFT` voxels beyond the stated distance density comes back.
    """
    for stand_in in clearing(stand_ins):
        grid = _away_from(grid, stand_in, ticket)
    return grid


def _away_from(grid, stand_in, ticket):
    voxel, offset = grid.voxel, np.asarray(grid.offset, float)
    far = stand_in.clears + SOFT * voxel
    low, high = box_of(stand_in) + np.array([[-far], [far]])

    def near(coords):
        corner = offset + coords * (SIDE * voxel)
        return ((corner + SIDE * voxel >= low) & (corner <= high)).all(axis=1)

    tiles = near(grid.tile_coords)
    some = near(grid.coords)
    if not (tiles.any() or some.any()):
        return grid
    coords = np.concatenate([grid.coords, grid.tile_coords[tiles]])
    values = np.concatenate([grid.values, np.repeat(grid.tile_values[tiles, None], LANES, axis=1)])
    rows = np.concatenate([np.flatnonzero(some), np.arange(len(grid.coords), len(coords))])
    for begin in range(0, len(rows), _CHUNK):
        if ticket is not None:
            ticket.tick(begin / len(rows))
        part = rows[begin : begin + _CHUNK]
        places = offset + voxel * (coords[part, None].astype(float) * SIDE + _LANES)
        share = np.clip((signed_distances(stand_in, places, far) - stand_in.clears) / (SOFT * voxel), 0.0, 1.0)
        values[part] *= share * share * (3.0 - 2.0 * share)
    left = values.any(axis=1)
    return grid_of(voxel, coords[left], values[left], grid.tile_coords[~tiles], grid.tile_values[~tiles],
                   background=grid.background, offset=grid.offset)
