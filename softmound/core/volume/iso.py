"""From a grid back to a surface of triangles."""

import numpy as np

from ..problems import Problem
from .bricks import grid_of
from .reference import vdb
from .resample import resampled
from .twin import vdb_of


def triangles_of(grid, level, outward):
    """Triangles where a grid has a value.

    Parameters
    ----------
    grid : BrickGrid
    level : float
    outward : bool
        True when values grow outward, as signed distances do; false for densities.

    Returns
    -------
    vertices : ndarray of float64, shape (n, 3)
        Metres.
    faces : ndarray of int32, shape (m, 3)
        Anticlockwise seen from outside.
    """
    if grid.brick_bounds() is None:
        return np.empty((0, 3)), np.empty((0, 3), np.int32)
    made = vdb_of(grid, half=False)
    made.gridClass = vdb.GridClass.LEVEL_SET if outward else vdb.GridClass.FOG_VOLUME
    vertices, triangles, quads = made.convertToPolygons(isovalue=level, adaptivity=0.0)
    faces = np.concatenate([triangles, quads[:, :3], quads[:, [0, 2, 3]]]).astype(np.int32)
    # The library runs clockwise seen from outside for distances, the other way round for densities.
    return vertices.astype(np.float64), np.ascontiguousarray(faces[:, ::-1])


def as_density(grid):
    """A level set as a density whose surface, at half of the largest, is the same.

    Parameters
    ----------
    grid : BrickGrid
        Signed distances, the background being how far they reach.

    Returns
    -------
    BrickGrid
        From 0 outside to 1 inside, evenly across the band.
    span : float
        Distance over which it rises, in the grid's unit.
    """
    reach = abs(grid.background) or grid.voxel
    span = 2.0 * reach

    def risen(distances):
        return np.clip(0.5 - distances / np.float32(span), 0.0, 1.0).astype(np.float32)

    return grid_of(grid.voxel, grid.coords, risen(grid.values), grid.tile_coords, risen(grid.tile_values), 0.0,
                   grid.offset), span


def within_budget(grid, level, most=None):
    """Triangles where a density has a value, on voxels large enough to keep them few.

    Parameters
    ----------
    grid : BrickGrid
        A density, background 0.
    level : float
    most : int, optional
        Triangles.

    Returns
    -------
    vertices : ndarray of float64, shape (n, 3)
    faces : ndarray of int32, shape (m, 3)
        Closed, anticlockwise seen from outside.
    voxel : float
        That of the surface, in the grid's unit.

    Raises
    ------
    Problem
        When nothing is left of the surface within the budget.
    """
    vertices, faces = triangles_of(grid, level, outward=False)
    voxel = grid.voxel
    while most is not None and len(faces) > most:
        # A surface has fewer triangles by the square of the voxel.
        voxel *= max((len(faces) / most) ** 0.5 * 1.02, 1.02)
        vertices, faces = triangles_of(resampled(grid, voxel), level, outward=False)
    if not len(faces):
        if most:
            raise Problem("Nothing of the surface is left within {:,} triangles; allow more.", most)
        raise Problem("There is no surface at this density; choose another.")
    return vertices, faces, voxel
