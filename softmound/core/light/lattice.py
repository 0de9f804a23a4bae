"""Light that has reached each place in the cloud, on a dense lattice of limited size.

Its cells are whole blocks of voxels, as fine as the voxels while the cloud is small and coarser
when it is large, so that light costs the same however fine the grid.
"""

from dataclasses import dataclass

import numpy as np

from ..directions import direction_of
from ..kernels import f32, kernel, prange
from ..volume.bricks import SIDE
from .sky import CHANNELS
from .sweep import depth_toward
from .transmittance import transmittance

OCTAVES = 4
"""Octaves of scattering the march sums."""
FALL = 0.5
"""Each octave is attenuated with this share of the extinction of the one before."""
SUN_CELLS = 288
"""About how many cells of the sun's lattice go along the longest axis, at most."""
SKY_CELLS = 34
"""The same of the surroundings' lattice."""
SKY_SHARE = 0.5
"""Share of the extinction that dims light from the sky: most of it comes round by scattering."""


@dataclass(frozen=True, eq=False)
class Lattice:
    """Light at the cells of two lattices: the sun's fine, the surroundings' coarse.

    Attributes
    ----------
    sun_first, sky_first : ndarray of float64, shape (3,)
        World position of the middle of cell (0, 0, 0) of each, metres.
    sun_cell, sky_cell : float
        Edges in metres.
    sun : ndarray of float32, shape (X, Y, Z)
        The sun's transmittance to the power 0.5^3, which raised to 8, 4, 2 and 1 serves four
        octaves.
    sky : ndarray of float32, shape (U, V, W, 3)
        Shares of the light of zenith, horizon and ground that arrive.
    """

    sun_first: np.ndarray
    sun_cell: float
    sun: np.ndarray
    sky_first: np.ndarray
    sky_cell: float
    sky: np.ndarray


@kernel
def _average(coords, values, low, block, out):
    per = SIDE // block
    for b in prange(coords.shape[0]):
        for x in range(per):
            for y in range(per):
                for z in range(per):
                    total = f32(0)
                    for i in range(block):
                        for j in range(block):
                            for k in range(block):
                                total += values[
                                    b, ((x * block + i) << 6) | ((y * block + j) << 3)
                                    | (z * block + k)
                                ]
                    out[(coords[b, 0] - low[0]) * per + x, (coords[b, 1] - low[1]) * per + y,
                        (coords[b, 2] - low[2]) * per + z] = total / f32(block * block * block)


@kernel
def _arriving(depth, scale, weight, total):
    for x in prange(depth.shape[0]):
        for y in range(depth.shape[1]):
            for z in range(depth.shape[2]):
                total[x, y, z] += weight * transmittance(scale * depth[x, y, z])


@kernel
def _shrink(density, factor, out):
    for x in prange(out.shape[0]):
        for y in range(out.shape[1]):
            for z in range(out.shape[2]):
                total = f32(0)
                for i in range(x * factor, min((x + 1) * factor, density.shape[0])):
                    for j in range(y * factor, min((y + 1) * factor, density.shape[1])):
                        for k in range(z * factor, min((z + 1) * factor, density.shape[2])):
                            total += density[i, j, k]
                out[x, y, z] = total / f32(factor * factor * factor)


def coarse_density(grid, cells):
    """Mean density on a dense lattice with an empty border.

    Parameters
    ----------
    grid : BrickGrid
        Not empty.
    cells : int
        About how many cells along the longest axis, at most.

    Returns
    -------
    density : ndarray of float32, shape (X, Y, Z)
    first : ndarray of float64, shape (3,)
        World position of the middle of cell (0, 0, 0), metres.
    cell : float
        Edge in metres.
    """
    low, high = grid.brick_bounds()
    longest = int((high - low + 1).max())
    block = 1
    while longest / block > cells * 1.3:
        block *= 2
    lowest = (low // SIDE).astype(np.int64)
    bricks = (high + 1) // SIDE - lowest
    fine = min(block, SIDE)
    per = SIDE // fine
    # One brick of border all round, so that enlarging and sweeping end in empty cells.
    density = np.zeros(tuple((bricks + 2) * per), np.float32)
    _average(grid.coords, grid.values, (lowest - 1).astype(np.int64), fine, density)
    if len(grid.tile_coords):
        at = grid.tile_coords.astype(np.int64) - lowest + 1
        density.reshape(
            bricks[0] + 2, per, bricks[1] + 2, per, bricks[2] + 2, per
        )[at[:, 0], :, at[:, 1], :, at[:, 2], :] = grid.tile_values[:, None, None, None]
    corner = (lowest - 1) * SIDE
    if block > SIDE:
        density = shrunk(density, block // SIDE)
    first = grid.world(corner + (block - 1) / 2.0)
    return density, first, block * grid.voxel


def shrunk(density, factor):
    """Mean over cubes of cells.

    Parameters
    ----------
    density : ndarray of float32, shape (X, Y, Z)
    factor : int

    Returns
    -------
    ndarray of float32
        Sides divided by `factor`, rounded up; missing cells count as empty.
    """
    out = np.empty(tuple(-(-side // factor) for side in density.shape), np.float32)
    _shrink(density, factor, out)
    return out


def lit(grid, light, cells=SUN_CELLS, ticket=None):
    """Light in a cloud.

    Parameters
    ----------
    grid : BrickGrid
        Density, not empty.
    light : Light
    cells : int, optional
        About how many cells of the sun's lattice go along the longest axis.
    ticket : Ticket, optional

    Returns
    -------
    Lattice
    """
    tick = ticket.tick if ticket is not None else lambda share: None
    density, first, cell = coarse_density(grid, cells)
    tick(0.1)
    extinction = light.medium.extinction
    toward = direction_of(light.sun.azimuth, light.sun.elevation)
    sun = np.zeros_like(density)
    depth = depth_toward(density, cell, toward)
    _arriving(depth, f32(extinction * FALL ** (OCTAVES - 1)), f32(1), sun)
    tick(0.5)
    factor = 1
    while max(density.shape) / factor > SKY_CELLS * 1.3:
        factor *= 2
    small = shrunk(density, factor)
    sky = np.empty((*small.shape, len(CHANNELS)), np.float32)
    for number, channel in enumerate(CHANNELS):
        total = np.zeros_like(small)
        share = sum(weight for _, _, weight in channel)
        for azimuth, elevation, weight in channel:
            depth = depth_toward(small, cell * factor, direction_of(azimuth, elevation))
            _arriving(depth, f32(extinction * SKY_SHARE), f32(weight / share), total)
        sky[..., number] = total
        tick(0.5 + 0.15 * (number + 1))
    return Lattice(first, cell, sun, first + cell * (factor - 1) / 2, cell * factor, sky)
