"""The surface of any form as triangles, in its own axes or in the world."""

import numpy as np

from ..budget import remembered
from ..directions import rotation_matrix
from ..volume.bricks import grid_of
from ..volume.iso import triangles_of


def placed(form, points):
    """Points of a form's own axes in the world.

    Parameters
    ----------
    form : Form
    points : array_like of float, shape (..., 3)
        Own axes, scaled, metres.

    Returns
    -------
    ndarray of float64, shape (..., 3)
    """
    points = np.asarray(points, np.float64) * (-1.0 if form.mirror else 1.0, 1.0, 1.0)
    return points @ rotation_matrix(form.rotation).T + form.centre


def own(form, points):
    """Points of the world in a form's own axes: undoes `placed`.

    Parameters
    ----------
    form : Form
    points : array_like of float, shape (..., 3)

    Returns
    -------
    ndarray of float64, shape (..., 3)
    """
    turned = (np.asarray(points, np.float64) - form.centre) @ rotation_matrix(form.rotation)
    return turned * (-1.0 if form.mirror else 1.0, 1.0, 1.0)


def own_way(form, ways):
    """Directions of the world in a form's own axes.

    Parameters
    ----------
    form : Form
    ways : array_like of float, shape (..., 3)

    Returns
    -------
    ndarray of float64, shape (..., 3)
    """
    return (np.asarray(ways, np.float64) @ rotation_matrix(form.rotation)) * (-1.0 if form.mirror else 1.0, 1.0, 1.0)


@remembered
def plain_triangles(form):
    """Surface of a form before any stroke, as triangles in its own axes.

    Parameters
    ----------
    form : Form

    Returns
    -------
    vertices : ndarray of float64, shape (n, 3)
        Scaled, metres.
    faces : ndarray of int32, shape (m, 3)
        Anticlockwise seen from outside. Not to be written to, both.
    """
    return form.triangles()


@remembered
def volume_triangles(grid, level_set, threshold):
    """The surface of a stored OpenVDB grid.

    Parameters
    ----------
    grid : Arrays
        See `Volume`.
    level_set : bool
    threshold : float
        Of a fog volume.

    Returns
    -------
    vertices : ndarray of float64, shape (n, 3)
        In the file's unit.
    faces : ndarray of int32, shape (m, 3)
        Empty when no value reaches the threshold.
    """
    return triangles_of(stored_grid(grid), 0.0 if level_set else threshold, outward=level_set)


def stored_grid(grid):
    """The OpenVDB grid that a volume form stores.

    Parameters
    ----------
    grid : Arrays
        See `Volume`.

    Returns
    -------
    BrickGrid
        In the file's unit.
    """
    voxel, background, *offset = (float(v) for v in grid["about"])
    return grid_of(voxel, grid["coords"], grid["values"], grid["tiles"], grid["tile_values"], background,
                   tuple(offset))


def areas_and_normals(vertices, faces):
    """Area and unit normal of each triangle.

    Parameters
    ----------
    vertices : ndarray of float, shape (n, 3)
    faces : ndarray of int, shape (m, 3)

    Returns
    -------
    areas : ndarray of float64, shape (m,)
    normals : ndarray of float64, shape (m, 3)
        Zero for a triangle without area.
    """
    a, b, c = (vertices[faces[:, n]] for n in range(3))
    cross = np.cross(b - a, c - a)
    twice = np.linalg.norm(cross, axis=1)
    return twice / 2, cross / np.where(twice > 0.0, twice, 1.0)[:, None]


def vertex_normals(vertices, faces):
    """Unit normal at each vertex, faces weighted by their area.

    Parameters
    ----------
    vertices : ndarray of float, shape (n, 3)
    faces : ndarray of int, shape (m, 3)

    Returns
    -------
    ndarray of float64, shape (n, 3)
    """
    areas, normals = areas_and_normals(vertices, faces)
    total = np.zeros((len(vertices), 3))
    for corner in range(3):
        for axis in range(3):
            total[:, axis] += np.bincount(faces[:, corner], areas * normals[:, axis], len(vertices))
    length = np.linalg.norm(total, axis=1)
    return total / np.where(length > 0.0, length, 1.0)[:, None]


def scattered(vertices, faces, count, dice):
    """Points spread over a surface, evenly by area.

    Parameters
    ----------
    vertices : ndarray of float, shape (n, 3)
    faces : ndarray of int, shape (m, 3)
    count : int
    dice : numpy.random.Generator

    Returns
    -------
    points, normals : ndarray of float64, shape (count, 3)
    """
    areas, normals = areas_and_normals(vertices, faces)
    ends = np.cumsum(areas)
    which = np.minimum(np.searchsorted(ends, dice.random(count) * ends[-1]), len(faces) - 1)
    u, v = dice.random(count), dice.random(count)
    over = u + v > 1.0
    u[over], v[over] = 1.0 - u[over], 1.0 - v[over]
    a, b, c = (vertices[faces[which, n]] for n in range(3))
    return a + u[:, None] * (b - a) + v[:, None] * (c - a), normals[which]
