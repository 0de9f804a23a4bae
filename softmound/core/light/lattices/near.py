"""Optical depth toward the sun where a cloud is refined, on cells about as fine as the finest bricks there.

What lies toward the sun outside the box of these cells is added from the lattice of the whole cloud, where it is smooth.
"""

from typing import NamedTuple

import numpy as np

from ...directions import direction_of
from ...kernels import borrowed, each, f32
from ...volume.bricks import SIDE
from ..scene.pool import density_at
from .coarse import within
from .lattice import sun_depth
from .nested import laid_over
from .sweep import depth_toward

CELLS = 16_000_000
"""Of the box, at most."""
SHARE = 0.9
"""Of the bricks of a level, about, that the box holds in each direction: a few that lie far off must not make its cells wide."""


class Near(NamedTuple):
    """Optical depth toward the sun in a box.

    Attributes
    ----------
    first : ndarray of float64, shape (3,)
        World position of the middle of cell (0, 0, 0), metres.
    cell : float
        Edge in metres.
    sun : ndarray of float32, shape (X, Y, Z)
        As of `Lattice`.
    """

    first: np.ndarray
    cell: float
    sun: np.ndarray


@each("out")
def _sampled(x, bricks, first, cell, out):
    """Density at the middles of cells, counted in voxels of the only grid."""
    pool = borrowed(bricks)
    for y in range(out.shape[1]):
        for z in range(out.shape[2]):
            out[x, y, z] = density_at(pool, 0, first[0] + f32(x) * cell, first[1] + f32(y) * cell, first[2] + f32(z) * cell)


def box_of(cloud):
    """The box of most of a cloud's bricks that were refined, those of its second level if there is one.

    Parameters
    ----------
    cloud : PlacedCloud
        A refined one.

    Returns
    -------
    ndarray of float64, shape (2, 3)
        Corners in metres of the world.
    """
    level = cloud.refined.levels[min(1, len(cloud.refined.levels) - 1)]
    edges = np.quantile(level.coords, [(1.0 - SHARE) / 2.0, (1.0 + SHARE) / 2.0], axis=0) if len(level.coords) else np.zeros((2, 3))
    corners = (edges + np.array([[-1.0], [2.0]])) * SIDE * level.voxel + np.asarray(level.offset)
    return cloud.placing.world(corners)


def near_of(scene, lattice, coarse, mixture):
    """Finer depth toward the sun where the only cloud of a scene is refined.

    Parameters
    ----------
    scene : Scene
        Of one cloud that is not turned.
    lattice : Lattice
    coarse : Coarse
        What it was made of.
    mixture : Mixture

    Returns
    -------
    Near or None
        None where its cells would not be much finer.
    """
    cloud = scene.clouds[0]
    # Whole cells of the lattice, so that nothing is in the box and outside it, or in neither.
    cells = np.clip(np.rint((box_of(cloud) - coarse.first) / coarse.cell), 0, np.array(coarse.density.shape) - 1.0)
    box = coarse.first + coarse.cell * (cells + np.array([[-0.5], [0.5]]))
    finest = cloud.refined.voxel * cloud.placing.scale
    cell = max(finest, float(np.prod(box[1] - box[0]) / CELLS) ** (1.0 / 3.0))
    if cell > 0.7 * lattice.sun_cell:
        return None
    first, toward = box[0] + cell / 2.0, direction_of(scene.light.sun.azimuth, scene.light.sun.elevation)
    density = np.empty(tuple(np.ceil((box[1] - box[0]) / cell).astype(int)), np.float32)
    own = (cloud.placing.own(first) - cloud.grid.offset) / cloud.grid.voxel
    _sampled(scene.bricks, own.astype(np.float32), f32(cell / (cloud.placing.scale * cloud.grid.voxel)), density)
    depth = depth_toward(density, cell, toward) * np.float32(mixture.extinction)
    outside = lattice.sun - sun_depth(within(coarse, coarse.first + coarse.cell * cells), scene.light, mixture)
    return Near(first, cell, laid_over(depth, outside, coarse.first, coarse.cell, first, cell))
