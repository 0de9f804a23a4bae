"""Light that has reached each place in the cloud, on a dense lattice of limited size.

Its cells are whole blocks of voxels, as fine as the voxels while the cloud is small and coarser
when it is large, so that light costs the same however fine the grid.
"""

import math
from dataclasses import dataclass, replace

import numpy as np

from ..directions import direction_of
from ..kernels import call, f32, i32, kernel, prange
from ..volume.bricks import SIDE
from .diffusion import diffused
from .lamps import lamps_of
from .phase import lobes_of, mean_cosine
from .sky import CHANNELS
from .sweep import depth_toward
from .transmittance import transmittance

SUN_CELLS = 288
"""About how many cells of the sun's lattice go along the longest axis, at most."""
SKY_CELLS = 34
"""The same of the surroundings' lattice."""
ONCE, SPREAD = (0.35, 1.27, 1.08), (2.54, 1.08, 1.46)
"""What light from above, from the horizon and from below is taken for where it arrives, and where it has spread, in what
theory says of it. Fitted to True light by `bench.fit` (docs/light.md)."""


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
        Optical depth toward the sun.
    sky : ndarray of float32, shape (U, V, W, 4 or 7)
        Scalar irradiance of sunlight that has spread, per unit of irradiance of the sun; shares of the light of zenith,
        horizon and ground; and, where there are lamps, their light scattered there, in red, green and blue.
    density : ndarray of float32, shape (U, V, W)
        Mean density in the surroundings' cells.
    """

    sun_first: np.ndarray
    sun_cell: float
    sun: np.ndarray
    sky_first: np.ndarray
    sky_cell: float
    sky: np.ndarray
    density: np.ndarray


@call
def lattice_value(values, sides, to_cell, shift, x, y, z):
    """Trilinear value of a flat lattice.

    Parameters
    ----------
    values : ndarray of float32, shape (X * Y * Z,)
    sides : ndarray of int64, shape (3,)
    to_cell : float32
        Cells in a voxel.
    shift : ndarray of float32, shape (3,)
        Cell of the voxel (0, 0, 0).
    x, y, z : float32
        Voxels; what lies outside reads as the nearest cell.

    Returns
    -------
    float32
    """
    fx = min(max(x * to_cell + shift[0], f32(0)), f32(sides[0]) - f32(1.001))
    fy = min(max(y * to_cell + shift[1], f32(0)), f32(sides[1]) - f32(1.001))
    fz = min(max(z * to_cell + shift[2], f32(0)), f32(sides[2]) - f32(1.001))
    i = i32(fx)
    j = i32(fy)
    k = i32(fz)
    u = fx - f32(i)
    v = fy - f32(j)
    w = fz - f32(k)
    at = (i * sides[1] + j) * sides[2] + k
    along = sides[1] * sides[2]
    a = values[at] + w * (values[at + 1] - values[at])
    b = values[at + sides[2]] + w * (values[at + sides[2] + 1] - values[at + sides[2]])
    at += along
    c = values[at] + w * (values[at + 1] - values[at])
    d = values[at + sides[2]] + w * (values[at + sides[2] + 1] - values[at + sides[2]])
    a += v * (b - a)
    return a + u * (c + v * (d - c) - a)


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


@kernel
def _from_lamp(density, cell, lamp, radius, extinction, out):
    """Scalar irradiance for each unit of a lamp's intensity, the light that comes round by scattering included.

    In a thick ball of cloud it falls as 1/r - 1/R (diffusion theory, Ishimaru 1978, section 9.1, with nothing absorbed);
    R is where the line from the lamp through the cell leaves the cloud. Depths are those of scattering made isotropic.
    """
    for x in prange(out.shape[0]):
        for y in range(out.shape[1]):
            for z in range(out.shape[2]):
                dx = f32(x) - lamp[0]
                dy = f32(y) - lamp[1]
                dz = f32(z) - lamp[2]
                apart = math.sqrt(dx * dx + dy * dy + dz * dz)
                r = max(apart, f32(0.5))
                steps = i32(max(f32(2), min(apart, f32(64))))
                depth = f32(0)
                for n in range(steps):
                    t = (f32(n) + f32(0.5)) / f32(steps)
                    i = i32(lamp[0] + dx * t + f32(0.5))
                    j = i32(lamp[1] + dy * t + f32(0.5))
                    k = i32(lamp[2] + dz * t + f32(0.5))
                    if i >= 0 and j >= 0 and k >= 0 and i < out.shape[0] and j < out.shape[1] and k < out.shape[2]:
                        depth += density[i, j, k]
                depth *= extinction * cell * apart / f32(steps)
                beyond = f32(0)
                length = f32(1) / r
                t = f32(1)
                for n in range(160):
                    t += length
                    i = i32(lamp[0] + dx * t + f32(0.5))
                    j = i32(lamp[1] + dy * t + f32(0.5))
                    k = i32(lamp[2] + dz * t + f32(0.5))
                    if i < 0 or j < 0 or k < 0 or i >= out.shape[0] or j >= out.shape[1] or k >= out.shape[2]:
                        break
                    beyond += density[i, j, k]
                # Light leaves as if the surface lay 0.71 of a free path further out.
                beyond = beyond * extinction * cell + f32(0.71)
                metres = max(r * cell, radius)
                out[x, y, z] += (transmittance(depth) + f32(3) * depth * beyond / (depth + beyond)) / (metres * metres)


def with_lamps(lattice, light, frame=0):
    """A lattice with the light of lamps.

    Parameters
    ----------
    lattice : Lattice
        From `lit`.
    light : Light
    frame : int, optional
        For their flicker.

    Returns
    -------
    Lattice
    """
    lamps = lamps_of(light.lamps, frame)
    if not lamps:
        return lattice
    reduced = light.medium.extinction * (1.0 - mean_cosine(lobes_of(light.medium)))
    sky = np.zeros((*lattice.sky.shape[:3], 7), np.float32)
    sky[..., :4] = lattice.sky[..., :4]
    for lamp in lamps:
        arriving = np.zeros(sky.shape[:3], np.float32)
        _from_lamp(lattice.density, f32(lattice.sky_cell), ((np.array(lamp.place) - lattice.sky_first) / lattice.sky_cell).astype(
            np.float32), f32(lamp.radius), f32(reduced), arriving)
        for n in range(3):
            sky[..., 4 + n] += arriving * f32(lamp.intensity[n] / (4.0 * np.pi))
    return replace(lattice, sky=sky)


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
    sun = depth_toward(density, cell, toward)
    sun *= np.float32(extinction)
    tick(0.4)
    factor = 1
    while max(density.shape) / factor > SKY_CELLS * 1.3:
        factor *= 2
    # One more layer of empty cells above, since sides may have been rounded down to the border.
    small = np.pad(shrunk(density, factor), ((0, 1),) * 3)
    wide = cell * factor
    # Nearly forward is nearly not at all: what counts for spreading is scattering made isotropic.
    reduced = extinction * (1.0 - mean_cosine(lobes_of(light.medium)))
    thick = small * np.float32(reduced * wide)
    sky = np.empty((*small.shape, 1 + len(CHANNELS)), np.float32)
    for number, channel in enumerate((((light.sun.azimuth, light.sun.elevation, 1.0),), *CHANNELS)):
        arriving = np.zeros_like(small)
        share = sum(weight for _, _, weight in channel)
        for azimuth, elevation, weight in channel:
            depth = depth_toward(small, wide, direction_of(azimuth, elevation))
            _arriving(depth, f32(reduced), f32(weight / share), arriving)
        spread = diffused(thick, arriving)
        sky[..., number] = spread if number == 0 else ONCE[number - 1] * arriving + SPREAD[number - 1] * spread
        tick(0.5 + 0.12 * (number + 1))
    return Lattice(first, cell, sun, first + cell * (factor - 1) / 2, wide, sky, small)
