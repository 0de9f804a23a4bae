"""Light that has reached each place in the cloud, on a dense lattice of limited size.

Its cells are whole blocks of voxels, as fine as the voxels while the cloud is small and coarser
when it is large, so that light costs the same however fine the grid.
"""

from dataclasses import dataclass

import numpy as np

from ..kernels import f32, kernel, prange
from ..volume.bricks import SIDE
from .camera import direction_of
from .sky import CHANNELS
from .sweep import depth_toward

OCTAVES = 4
"""Octaves of scattering the march sums."""
FALL = 0.5
"""Each octave is attenuated with this share of the extinction of the one before."""
SUN_CELLS = 160
SKY_CELLS = 34
SKY_SHARE = 0.30
"""Share of the extinction that dims light from the sky: most of it comes round by scattering."""


@dataclass(frozen=True, eq=False)
class Lattice:
    """Light at the cells of a lattice.

    Attributes
    ----------
    first : ndarray of float64, shape (3,)
        World position of the middle of cell (0, 0, 0), metres.
    cell : float
        Edge in metres.
    light : ndarray of float32, shape (X, Y, Z, 4)
        The sun's transmittance to the power 0.5^3 (which raised to 8, 4, 2 and 1 serves four
        octaves), and the shares of zenith, horizon and ground that arrive.
    """

    first: np.ndarray
    cell: float
    light: np.ndarray


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
def _enlarged(small, ratio, shift, shape, out, channel):
    """Trilinear enlargement of a coarser lattice into one channel."""
    for x in prange(shape[0]):
        fx = min(max((f32(x) + shift) / ratio, f32(0)), f32(small.shape[0] - 1))
        i = min(np.int64(fx), small.shape[0] - 2)
        u = fx - f32(i)
        for y in range(shape[1]):
            fy = min(max((f32(y) + shift) / ratio, f32(0)), f32(small.shape[1] - 1))
            j = min(np.int64(fy), small.shape[1] - 2)
            v = fy - f32(j)
            for z in range(shape[2]):
                fz = min(max((f32(z) + shift) / ratio, f32(0)), f32(small.shape[2] - 1))
                k = min(np.int64(fz), small.shape[2] - 2)
                w = fz - f32(k)
                a = small[i, j, k] + w * (small[i, j, k + 1] - small[i, j, k])
                b = small[i, j + 1, k] + w * (small[i, j + 1, k + 1] - small[i, j + 1, k])
                c = small[i + 1, j, k] + w * (small[i + 1, j, k + 1] - small[i + 1, j, k])
                d = small[i + 1, j + 1, k] + w * (
                    small[i + 1, j + 1, k + 1] - small[i + 1, j + 1, k]
                )
                e = a + v * (b - a)
                out[x, y, z, channel] = e + u * (c + v * (d - c) - e)


@kernel
def _dim(depth, scale, out, channel):
    for x in prange(depth.shape[0]):
        for y in range(depth.shape[1]):
            for z in range(depth.shape[2]):
                out[x, y, z, channel] = np.exp(-scale * depth[x, y, z])


@kernel
def _gather(depth, scale, weight, total):
    for x in prange(depth.shape[0]):
        for y in range(depth.shape[1]):
            for z in range(depth.shape[2]):
                total[x, y, z] += weight * np.exp(-scale * depth[x, y, z])


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
    padding = [(0, -side % factor) for side in density.shape]
    padded = np.pad(density, padding)
    a, b, c = (side // factor for side in padded.shape)
    return np.ascontiguousarray(
        padded.reshape(a, factor, b, factor, c, factor).mean(axis=(1, 3, 5), dtype=np.float32)
    )


def lit(grid, light, ticket=None):
    """Light in a cloud.

    Parameters
    ----------
    grid : BrickGrid
        Density, not empty.
    light : Light
    ticket : Ticket, optional

    Returns
    -------
    Lattice
    """
    tick = ticket.tick if ticket is not None else lambda share: None
    density, first, cell = coarse_density(grid, SUN_CELLS)
    tick(0.1)
    extinction = light.medium.extinction
    out = np.empty((*density.shape, 4), np.float32)
    toward = direction_of(light.sun.azimuth, light.sun.elevation)
    _dim(depth_toward(density, cell, toward), f32(extinction * FALL ** (OCTAVES - 1)), out, 0)
    tick(0.5)
    factor = 1
    while max(density.shape) / factor > SKY_CELLS * 1.3:
        factor *= 2
    small = shrunk(density, factor) if factor > 1 else density
    small = np.pad(small, [(0, 1 if side < 2 else 0) for side in small.shape])
    for number, channel in enumerate(CHANNELS):
        total = np.zeros(small.shape, np.float32)
        share = sum(weight for _, _, weight in channel)
        for azimuth, elevation, weight in channel:
            depth = depth_toward(small, cell * factor, direction_of(azimuth, elevation))
            _gather(depth, f32(extinction * SKY_SHARE), f32(weight / share), total)
        _enlarged(total, f32(factor), f32(0.5 - factor / 2), np.array(density.shape), out, number + 1)
        tick(0.5 + 0.15 * (number + 1))
    return Lattice(first, cell, out)
