"""Mean density on dense lattices of limited size: what light that is scattered often sees of a cloud, or of a scene."""

from dataclasses import dataclass, field, replace
from typing import NamedTuple

import numpy as np

from ...kernels import each, f32
from ...volume.bricks import SIDE
from ..scene.phase import forward_peak, lobes_of
from ..scene.scene import Mixture, mixture_of
from .sweep import turned_over
from .trilinear import lattice_value


class Fineness(NamedTuple):
    """About how many cells go along the longest axis of a cloud, at most: of the sun's lattice, and of the surroundings'."""

    sun: int
    sky: int


QUICK = Fineness(80, 34)
"""While a hand moves, and for small pictures."""
TINY = Fineness(64, 24)
"""For pictures of some two hundred pixels, of which there are thousands."""
RESTING = Fineness(288, 68)
"""Of a picture at rest: a hollow between two lumps is several cells wide."""
SHARP = Fineness(288, 136)
"""Of finished pictures: eight times the work of `RESTING`, for hollows nearer to True light by some per cent of correlation."""

FILLED = 0.5
"""Share of a cube that the lattice of a single cloud fills, by its proportions: what a scene of many may have as well."""
LONGEST = 4
"""Times as many cells along the longest axis as a single cloud has, that a flat scene may have at the most."""


@each("coords")
def _average(b, coords, values, low, block, out):
    """Mean density of the voxels in each cell."""
    per = SIDE // block
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


@each("out")
def _shrink(x, density, factor, out):
    """Mean of the cells in each larger one."""
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
    return _in_blocks(grid, block)


def _in_blocks(grid, block):
    """Mean density over cubes of so many voxels, a power of two, as of `coarse_density`."""
    low, high = grid.brick_bounds()
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
    kept : dict
        What was made of the density, shared with the same cloud elsewhere.
    """

    first: np.ndarray
    cell: float
    density: np.ndarray
    wide_first: np.ndarray
    wide: float
    small: np.ndarray
    factor: int
    kept: dict = field(default_factory=dict, repr=False)

    @property
    def nbytes(self):
        """Bytes held, `turned` included, which may come later."""
        return 2 * self.density.nbytes + self.small.nbytes

    @property
    def turned(self):
        """The density as a sweep along the last axis reads it: see `turned_over`."""
        if "turned" not in self.kept:
            self.kept["turned"] = turned_over(self.density)
        return self.kept["turned"]


def coarse_of(grid, fine=RESTING):
    """Mean density of a grid on the lattices of its light.

    Parameters
    ----------
    grid : BrickGrid
        Not empty.
    fine : Fineness, optional

    Returns
    -------
    Coarse
    """
    return _two_levels(*coarse_density(grid, fine.sun), fine.sky)


def _two_levels(density, first, cell, wide_cells, many=False):
    """A density with a coarser one for the surroundings: of many clouds with as many cells, of one with as many along."""
    factor = 1
    while (density.size / factor**3 > FILLED * (wide_cells * 1.3) ** 3 if many else max(density.shape) / factor > wide_cells * 1.3):
        factor *= 2
    # One more layer of empty cells above, since sides may have been rounded down to the border.
    small = np.pad(shrunk(density, factor), ((0, 1),) * 3)
    return Coarse(first, cell, density, first + cell * (factor - 1) / 2, cell * factor, small, factor)


@each("out")
def _deposit(x, values, sides, axes, shift, rate, low, out):
    """Add a cloud's coarse density, turned and sized, to cells of the world, each the mean of eight places in it."""
    for y in range(out.shape[1]):
        for z in range(out.shape[2]):
            total = f32(0)
            for part in range(8):
                px = f32(low[0] + x) + (f32(part >> 2) - f32(0.5)) * f32(0.5)
                py = f32(low[1] + y) + (f32((part >> 1) & 1) - f32(0.5)) * f32(0.5)
                pz = f32(low[2] + z) + (f32(part & 1) - f32(0.5)) * f32(0.5)
                total += lattice_value(
                    values, 0, sides, axes[0, 0] * px + axes[0, 1] * py + axes[0, 2] * pz + shift[0],
                    axes[1, 0] * px + axes[1, 1] * py + axes[1, 2] * pz + shift[1],
                    axes[2, 0] * px + axes[2, 1] * py + axes[2, 2] * pz + shift[2])
            out[x, y, z] += rate * total * f32(0.125)


def coarse_in(scene, fine=RESTING, box=None):
    """What light that is scattered often sees of a scene, or of a box in it.

    Of one cloud that is not turned the cells are whole blocks of its voxels, wherever it stands. Any other scene is gathered on
    cells of the world; its density is then extinction in 1/m.

    Parameters
    ----------
    scene : Scene
        With at least one cloud.
    fine : Fineness, optional
    box : ndarray of float64, shape (2, 3), optional
        Corners, metres: what is outside it is not there.

    Returns
    -------
    Coarse
    Mixture
    """
    if scene.plain and box is None:
        return placed_coarse(coarse_of(scene.clouds[0].grid, fine), scene.clouds[0].placing), mixture_of(scene.clouds[0].shown)
    boxes = [cloud.box() for cloud in scene.clouds]
    low, high = (np.min([b[0] for b in boxes], axis=0), np.max([b[1] for b in boxes], axis=0)) if box is None else box
    # A sky is flat and wide: for as many cells as a single cloud has they may be much smaller than its width would make them.
    across = float((high - low).max())
    cell = min((float(np.prod(high - low)) / FILLED) ** (1.0 / 3.0), across) / fine.sun
    cell = max(cell, across / (LONGEST * fine.sun), min(cloud.voxel for cloud in scene.clouds))
    # Two cells of border all round, so that enlarging and sweeping end in empty ones.
    first = low - 2.0 * cell
    density = np.zeros(tuple(np.ceil((high - low) / cell).astype(int) + 5), np.float32)
    weights, peaks, cosines, blocks = [], [], [], {}
    for cloud, own in zip(scene.clouds, boxes):
        extinction = cloud.shown.extinction
        if (own[0] < high).all() and (own[1] > low).all():
            _gather(density, cloud, extinction, first, cell, own, blocks)
        peak, cosine = forward_peak(lobes_of(cloud.shown))
        weights.append(extinction * cloud.grid.active_voxels() * cloud.voxel**3)
        peaks.append(peak)
        cosines.append(cosine)
    # Media of one scene differ little in what is left beside their peaks; the mean is that of all that scatters.
    mixture = Mixture(1.0, float(np.average(peaks, weights=weights)), float(np.average(cosines, weights=weights)))
    return _two_levels(density, first, cell, fine.sky, many=True), mixture


def within(coarse, box):
    """What of a coarse density is in a box.

    Parameters
    ----------
    coarse : Coarse
    box : ndarray of float64, shape (2, 3)
        Corners, metres.

    Returns
    -------
    Coarse
        On the same cells, those outside empty.
    """
    first, last = (np.clip(np.rint((corner - coarse.first) / coarse.cell).astype(int), 0, coarse.density.shape) for corner in box)
    inside = tuple(slice(a, b + 1) for a, b in zip(first, last))
    density = np.zeros_like(coarse.density)
    density[inside] = coarse.density[inside]
    return replace(coarse, density=density, small=np.pad(shrunk(density, coarse.factor), ((0, 1),) * 3), kept={})


def placed_coarse(coarse, placing):
    """Coarse densities of a cloud where it stands.

    Parameters
    ----------
    coarse : Coarse
        In its own metres.
    placing : Placing
        An upright one.

    Returns
    -------
    Coarse
        The same arrays.
    """
    return replace(coarse, first=placing.world(coarse.first), wide_first=placing.world(coarse.wide_first),
                   cell=coarse.cell * placing.scale, wide=coarse.wide * placing.scale)


def _gather(density, cloud, extinction, first, cell, box, blocks):
    """Add a cloud to cells of the world; members that share a grid share its `blocks`, too."""
    block = 1
    while 2 * block * cloud.voxel <= cell:
        block *= 2
    if (id(cloud.grid), block) not in blocks:
        blocks[id(cloud.grid), block] = _in_blocks(cloud.grid, block)
    own, own_first, own_cell = blocks[id(cloud.grid), block]
    low = np.maximum(np.floor((box[0] - first) / cell).astype(int) - 1, 0)
    high = np.minimum(np.ceil((box[1] - first) / cell).astype(int) + 2, density.shape)
    axes = cloud.placing.axes.T * (cell / (cloud.placing.scale * own_cell))
    shift = (cloud.placing.own(first) - own_first) / own_cell
    part = np.zeros(tuple(high - low), np.float32)
    _deposit(own.ravel(), np.array(own.shape), axes.astype(np.float32, "C"), shift.astype(np.float32), f32(extinction), low, part)
    density[tuple(slice(a, b) for a, b in zip(low, high))] += part
