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
from .lamps import lamps_of
from .phase import forward_peak, lobes_of
from .sweep import depth_toward
from .transmittance import transmittance
from .transport import DIRECTIONS, transported

SUN_CELLS = 288
"""About how many cells of the sun's lattice go along the longest axis, at most."""
SKY_CELLS = 34
"""The same of the surroundings' lattice."""
NEAREST = f32(0.36)
"""Cells from a lamp, at least: as far as its light is, on the mean, within a cell that it stands in."""
NOTHING_ENTERS = np.zeros(len(DIRECTIONS), np.float32)


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
    sky : ndarray of float32, shape (U, V, W, 4 or 7, 4)
        Radiance scattered on there, for scattering without its forward peak: its mean over directions, and what is added
        to it times the direction. Of sunlight scattered before, per unit of irradiance; of zenith, horizon and ground, per
        unit of mean radiance; and, where there are lamps, of their light in red, green and blue.
    """

    sun_first: np.ndarray
    sun_cell: float
    sun: np.ndarray
    sky_first: np.ndarray
    sky_cell: float
    sky: np.ndarray


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
def _first_light(density, depth, scale, factor, stride, out):
    """Mean of what arrives in cubes of cells, weighed by what there is to scatter it, from every so many cells."""
    for x in prange(out.shape[0]):
        for y in range(out.shape[1]):
            for z in range(out.shape[2]):
                total = f32(0)
                some = f32(0)
                for i in range(x * factor, min((x + 1) * factor, density.shape[0]), stride):
                    for j in range(y * factor, min((y + 1) * factor, density.shape[1]), stride):
                        for k in range(z * factor, min((z + 1) * factor, density.shape[2]), stride):
                            if density[i, j, k] > f32(0):
                                total += density[i, j, k] * transmittance(scale * depth[i, j, k])
                                some += density[i, j, k]
                out[x, y, z] = total / some if some > f32(0) else f32(0)


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
def _from_lamp(small, wide, lamp, radius, extinction, out):
    """Radiance that light of a lamp of intensity 1 sends on where it is scattered first, by mean and direction."""
    for x in prange(out.shape[0]):
        for y in range(out.shape[1]):
            for z in range(out.shape[2]):
                ax = f32(x) - lamp[0]
                ay = f32(y) - lamp[1]
                az = f32(z) - lamp[2]
                # Near the lamp light falls so fast that the middle of a cell says little about it.
                parts = 5 if ax * ax + ay * ay + az * az < f32(9) else 1
                for part in range(parts * parts * parts):
                    dx = ax + (f32(part // (parts * parts)) + f32(0.5)) / f32(parts) - f32(0.5)
                    dy = ay + (f32(part // parts % parts) + f32(0.5)) / f32(parts) - f32(0.5)
                    dz = az + (f32(part % parts) + f32(0.5)) / f32(parts) - f32(0.5)
                    apart = max(math.sqrt(dx * dx + dy * dy + dz * dz), NEAREST / f32(parts))
                    steps = i32(max(f32(2), min(apart * f32(2), f32(96))))
                    depth = f32(0)
                    for n in range(steps):
                        t = (f32(n) + f32(0.5)) / f32(steps)
                        i = i32(math.floor(lamp[0] + dx * t + f32(0.5)))
                        j = i32(math.floor(lamp[1] + dy * t + f32(0.5)))
                        k = i32(math.floor(lamp[2] + dz * t + f32(0.5)))
                        if i >= 0 and j >= 0 and k >= 0 and i < out.shape[0] and j < out.shape[1] and k < out.shape[2]:
                            depth += small[i, j, k]
                    depth *= extinction * wide * apart / f32(steps)
                    # In the middle of a ball that shines evenly there is light as from its radius over the root of 3.
                    squared = apart * apart * wide * wide + radius * radius * f32(1.0 / 3.0)
                    arriving = transmittance(depth) / (f32(4.0 * math.pi * parts * parts * parts) * squared)
                    lean = arriving / apart
                    out[x, y, z, 0] += arriving
                    out[x, y, z, 1] += lean * dx
                    out[x, y, z, 2] += lean * dy
                    out[x, y, z, 3] += lean * dz


@dataclass(frozen=True, eq=False)
class Coarse:
    """Mean density on two lattices, with what either needs to be placed.

    Attributes
    ----------
    first, wide_first : ndarray of float64, shape (3,)
        World position of the middle of cell (0, 0, 0) of each, metres.
    cell, wide : float
        Edges in metres.
    density, small : ndarray of float32
        Of the sun's lattice, shape (X, Y, Z), and of the surroundings', shape (U, V, W).
    factor : int
        Cells of the first along a cell of the second.
    """

    first: np.ndarray
    cell: float
    density: np.ndarray
    wide_first: np.ndarray
    wide: float
    small: np.ndarray
    factor: int

    @property
    def nbytes(self):
        """Bytes held."""
        return self.density.nbytes + self.small.nbytes


def coarse_of(grid, cells=SUN_CELLS):
    """Mean density of a grid on the lattices of its light.

    Parameters
    ----------
    grid : BrickGrid
        Not empty.
    cells : int, optional
        About how many cells of the sun's lattice go along the longest axis; the other has `SKY_CELLS`, or half as many
        where this is less than `SUN_CELLS`.

    Returns
    -------
    Coarse
    """
    density, first, cell = coarse_density(grid, cells)
    factor, wide_cells = 1, SKY_CELLS if cells >= SUN_CELLS else SKY_CELLS // 2
    while max(density.shape) / factor > wide_cells * 1.3:
        factor *= 2
    # One more layer of empty cells above, since sides may have been rounded down to the border.
    small = np.pad(shrunk(density, factor), ((0, 1),) * 3)
    return Coarse(first, cell, density, first + cell * (factor - 1) / 2, cell * factor, small, factor)


def _thick(coarse, medium):
    """Optical thickness of the surroundings' cells without the forward peak, and the mean cosine that is left."""
    peak, cosine = forward_peak(lobes_of(medium))
    return coarse.small * np.float32(medium.extinction * (1.0 - peak) * coarse.wide), cosine


def zones_of(coarse, medium):
    """Light of zenith, horizon and ground in a cloud, each as if its mean over all directions were 1.

    Parameters
    ----------
    coarse : Coarse
    medium : Medium

    Returns
    -------
    ndarray of float32, shape (U, V, W, 3, 4)
        As the channels of `Lattice.sky`.
    """
    thick, cosine = _thick(coarse, medium)
    height = -DIRECTIONS[:, 1]  # light from above goes down
    zones = np.empty((*coarse.small.shape, 3, 4), np.float32)
    for number, zone in enumerate((height > 0.5, (height > 0.0) & (height < 0.5), height < 0.0)):
        zones[..., number, :] = transported(thick, cosine, None, zone / zone.mean())
    return zones


def _evened(coarse, thick, place, first):
    """What a lamp within the cloud has to be multiplied by so that all its light is scattered somewhere, but what gets out."""
    cell = tuple(np.rint(place).astype(int))
    if min(cell) < 0 or any(c >= side for c, side in zip(cell, thick.shape)) or thick[cell] <= 0.0:
        return np.float32(1.0)
    way = np.arange(0.25, max(thick.shape), 0.5)
    places = np.rint(place + way[:, None, None] * DIRECTIONS).astype(int)
    inside = ((places >= 0) & (places < thick.shape)).all(axis=-1)
    along = thick[tuple(np.moveaxis(np.clip(places, 0, np.array(thick.shape) - 1), -1, 0))] * inside
    caught = 1.0 - np.exp(-0.5 * along.sum(axis=0)).mean()
    # What all cells take up, in units of all that a lamp of intensity 1 gives off.
    found = float((thick * first[..., 0]).sum()) * coarse.wide**2
    return np.float32(caught / found)


def with_lamps(lattice, coarse, light, frame=0):
    """A lattice with the light of lamps.

    Parameters
    ----------
    lattice : Lattice
        From `lit`.
    coarse : Coarse
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
    thick, cosine = _thick(coarse, light.medium)
    peak, _ = forward_peak(lobes_of(light.medium))
    lean = np.array([1.0, *[3.0 * cosine] * 3], np.float32)
    firsts = np.zeros((len(lamps), *coarse.small.shape, 4), np.float32)
    for first, lamp in zip(firsts, lamps):
        place = (np.array(lamp.place) - coarse.wide_first) / coarse.wide
        _from_lamp(coarse.small, f32(coarse.wide), place.astype(np.float32), f32(lamp.radius),
                   f32(light.medium.extinction * (1.0 - peak)), first)
        first *= _evened(coarse, thick, place, first)
    colours = np.array([lamp.intensity for lamp in lamps], np.float32)
    if len(lamps) > 3:
        # Light adds up: three colours need no more than three solutions.
        firsts, colours = np.einsum("nxyzm,nc->cxyzm", firsts, colours), np.eye(3, dtype=np.float32)
    shone = np.stack([first * lean + transported(thick, cosine, first * lean, NOTHING_ENTERS) for first in firsts])
    sky = np.concatenate([lattice.sky, np.einsum("nxyzm,nc->xyzcm", shone, colours)], axis=3)
    return replace(lattice, sky=np.ascontiguousarray(sky, np.float32))


def lit(coarse, light, zones=None, ticket=None):
    """Light in a cloud.

    Parameters
    ----------
    coarse : Coarse
    light : Light
    zones : ndarray, optional
        From `zones_of` for the light's medium, where it is known already.
    ticket : Ticket, optional

    Returns
    -------
    Lattice
    """
    tick = ticket.tick if ticket is not None else lambda share: None
    medium = light.medium
    if zones is None:
        zones = zones_of(coarse, medium)
    tick(0.3)
    toward = direction_of(light.sun.azimuth, light.sun.elevation)
    sun = depth_toward(coarse.density, coarse.cell, toward)
    sun *= np.float32(medium.extinction)
    tick(0.6)
    peak, _ = forward_peak(lobes_of(medium))
    thick, cosine = _thick(coarse, medium)
    arriving = np.zeros_like(coarse.small)
    _first_light(coarse.density, sun, f32(1.0 - peak), coarse.factor, max(1, coarse.factor // 4), arriving)
    first = arriving[..., None] * (np.array([1.0, *(-3.0 * cosine * toward)], np.float32) / np.float32(4.0 * np.pi))
    sky = np.empty((*coarse.small.shape, 4, 4), np.float32)
    sky[..., 0, :] = transported(thick, cosine, first, NOTHING_ENTERS)
    sky[..., 1:, :] = zones
    return Lattice(coarse.first, coarse.cell, sun, coarse.wide_first, coarse.wide, sky)


@kernel
def _toward(sky, first, cell, eye, out):
    for x in prange(out.shape[0]):
        for y in range(out.shape[1]):
            for z in range(out.shape[2]):
                dx = eye[0] - first[0] - f32(x) * cell
                dy = eye[1] - first[1] - f32(y) * cell
                dz = eye[2] - first[2] - f32(z) * cell
                norm = f32(1) / math.sqrt(dx * dx + dy * dy + dz * dz + f32(1e-12))
                for n in range(out.shape[3]):
                    light = sky[x, y, z, n]
                    out[x, y, z, n] = max(f32(0), light[0] + norm * (dx * light[1] + dy * light[2] + dz * light[3]))


def toward_eye(lattice, eye):
    """Radiance that the cells of the surroundings' lattice scatter toward one place.

    Parameters
    ----------
    lattice : Lattice
    eye : sequence of float, length 3
        Metres.

    Returns
    -------
    ndarray of float32, shape (U, V, W, 4 or 7)
    """
    out = np.empty(lattice.sky.shape[:4], np.float32)
    _toward(lattice.sky, lattice.sky_first.astype(np.float32), f32(lattice.sky_cell), np.asarray(eye, np.float32), out)
    return out
