"""Grids of half as many voxels along each side, with the same mass."""

import numpy as np

from .bricks import SIDE, grid_of

HALF = SIDE // 2


def halved(grid):
    """A grid whose voxels are each the mean of eight.

    No mass is lost or made: along any row of voxels, and so along rays that cross many of them, the optical depth stays.

    Parameters
    ----------
    grid : BrickGrid
        With a background of 0.

    Returns
    -------
    BrickGrid
        With voxels twice as wide, where they stood before. Eight alike tiles become one.
    """
    fine = np.concatenate([grid.coords, grid.tile_coords])
    octants = np.empty((len(fine), HALF, HALF, HALF), np.float32)
    # One axis after the other: sums of neighbours are an eighth of the time of a mean over three axes.
    sums = grid.values.reshape(-1, SIDE, SIDE, SIDE)
    sums = sums[..., ::2] + sums[..., 1::2]
    sums = sums[:, :, ::2] + sums[:, :, 1::2]
    np.multiply(sums[:, ::2] + sums[:, 1::2], np.float32(0.125), out=octants[: len(grid.coords)])
    octants[len(grid.coords) :] = grid.tile_values[:, None, None, None]
    coords, parent = np.unique(fine >> 1, axis=0, return_inverse=True)
    parent = parent.ravel()
    values = np.zeros((len(coords), 2, HALF, 2, HALF, 2, HALF), np.float32)
    x, y, z = (fine & 1).T
    values[parent, x, :, y, :, z, :] = octants
    values = values.reshape(len(coords), -1)
    # A brick made of eight tiles of one value is one.
    tiles = np.bincount(parent[len(grid.coords) :], minlength=len(coords)) == 8
    tiles &= values.min(axis=1) == values.max(axis=1)
    offset = tuple(o + grid.voxel / 2.0 for o in grid.offset)
    return grid_of(2.0 * grid.voxel, coords[~tiles], values[~tiles], coords[tiles], values[tiles, 0], offset=offset)


def reduced(grid, times):
    """A grid of so many times fewer voxels along each side: `halved` again and again.

    Parameters
    ----------
    grid : BrickGrid
    times : int
        A power of two.

    Returns
    -------
    BrickGrid
        The grid itself for 1.
    """
    while times > 1:
        grid, times = halved(grid), times // 2
    return grid
