"""The outline of a form in the picture."""

import numpy as np
import scipy

from ..budget import remembered
from ..directions import rotation_matrix
from .kinds.blob import Blob
from .sculpt import at_home, sculpted, triangles
from .surface import placed

MOST_POINTS = 4000
"""Of a surface, for its outline."""


def outline_of(form, camera, points=48):
    """Outline of a form as a camera sees it: exact for a blob, else of the hull around it.

    Parameters
    ----------
    form : Form
    camera : Camera
    points : int, optional
        Of a blob's outline.

    Returns
    -------
    ndarray of float64, shape (n, 2), or None
        Pixels; None when it is not wholly in front, or nothing is there.
    """
    form = sculpted(form)
    if isinstance(form, Blob):
        return _ellipse(form, camera, points)
    hull = placed(form, own_hull(at_home(form)))
    flat = camera.pixels(hull)
    if len(hull) < 3 or np.isnan(flat).any():
        return None
    try:
        return flat[scipy.spatial.ConvexHull(flat).vertices]
    except scipy.spatial.QhullError:
        return None


@remembered
def own_hull(form):
    """Points of a form that hold all others between them, in its own axes.

    Parameters
    ----------
    form : Form
        After its strokes and at home, so that one that is moved about finds it again.

    Returns
    -------
    ndarray of float64, shape (n, 3)
        Metres.
    """
    balls = form.own_balls()
    if balls is not None:
        centres, radii = balls
        if not len(centres):
            return np.empty((0, 3))
        step = max(1, len(centres) // MOST_POINTS)
        corners = np.stack(np.meshgrid([-1, 1], [-1, 1], [-1, 1], indexing="ij"), -1).reshape(-1, 3) * 0.6
        cloud = (centres[::step, None, :] + radii[::step, None, None] * corners).reshape(-1, 3)
    else:
        cloud = triangles(form)[0]
        cloud = cloud[:: max(1, len(cloud) // MOST_POINTS)]
    try:
        return cloud[scipy.spatial.ConvexHull(cloud).vertices]
    except (scipy.spatial.QhullError, ValueError):
        return cloud  # flat, or too few


def half_sizes(form):
    """Half the size of a form along its own axes, and the middle of its box.

    Parameters
    ----------
    form : Form

    Returns
    -------
    half, middle : ndarray of float64, shape (3,)
        Own axes, metres.
    """
    form = sculpted(form)
    if form.half is not None:
        return form.half, np.zeros(3)
    hull = own_hull(at_home(form))
    if not len(hull):
        return np.ones(3), np.zeros(3)
    low, high = hull.min(axis=0), hull.max(axis=0)
    return np.maximum((high - low) / 2, 1e-3), (low + high) / 2


def _ellipse(blob, camera, points):
    """In the space where the blob is the unit ball, the points it shows edge-on from e lie on the
    circle p . e = 1."""
    to_world = rotation_matrix(blob.rotation) * np.asarray(blob.radii)
    eye = np.linalg.solve(to_world, camera.eye - np.asarray(blob.centre))
    away = float(eye @ eye)
    if away <= 1.0001:
        return None
    middle = eye / away
    across = np.cross(eye, [1.0, 0.0, 0.0] if abs(eye[0]) < abs(eye[1]) else [0.0, 1.0, 0.0])
    across /= np.linalg.norm(across)
    over = np.cross(eye, across) / np.sqrt(away)
    angles = np.linspace(0.0, 2.0 * np.pi, points, endpoint=False)
    radius = np.sqrt(1.0 - 1.0 / away)
    ring = middle + radius * (np.cos(angles)[:, None] * across + np.sin(angles)[:, None] * over)
    pixels = camera.pixels(ring @ to_world.T + np.asarray(blob.centre))
    return None if np.isnan(pixels).any() else pixels
