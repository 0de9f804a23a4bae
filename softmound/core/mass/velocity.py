"""How fast what a mass is made of moves, between two frames of it."""

import numpy as np
import scipy

from .outline import half_sizes
from .surface import own, placed

AT_ONCE = 65_536
"""Points that are worked on at once."""
LIKE = 1e-9
"""Of a size, below which a form does not count as another."""


def _dots(form):
    """Points of a form that move one by one, in the world: vertices of a mesh, positions of points; None of other kinds."""
    for field, name in (("surface", "vertices"), ("cloud", "positions")):
        arrays = getattr(form, field, None)
        if arrays is not None:
            return placed(form, arrays[name].astype(np.float64) * form.scale)
    return None


def _of_form(now, then, points):
    """Where points that go with a form are then: moved, turned and sized with it, or as the nearest of its dots."""
    dots, others = _dots(now), _dots(then)
    if dots is not None and others is not None and len(dots) == len(others) and len(dots):
        nearest = scipy.spatial.cKDTree(dots).query(points, workers=-1)[1]
        return points + (others - dots)[nearest]
    (half, middle), (other, middle_then) = half_sizes(now), half_sizes(then)
    return placed(then, middle_then + (own(now, points) - middle) * (other / half))


def _away(form, points):
    """How far points are outside a form's ellipsoid, about, metres: ndarray of float64, shape (n,)."""
    half, middle = half_sizes(form)
    share = np.linalg.norm((own(form, points) - middle) / half, axis=1)
    return np.maximum(share - 1.0, 0.0) * float(half.min())


def velocity_at(before, after, points, seconds, soft):
    """Velocity of what forms carry along.

    Parameters
    ----------
    before, after : Mass
        At two frames. Forms are matched by their number; carving ones and those that come or go carry nothing.
    points : ndarray of float64, shape (n, 3)
        Metres.
    seconds : float
        From the first to the second; negative when the second is the earlier one.
    soft : float
        Metres over which one form's motion gives way to another's.

    Returns
    -------
    ndarray of float32, shape (n, 3)
        Metres a second: of each form by how near it is, so that within a form it is that form's own.
    """
    points = np.asarray(points, np.float64)
    pairs = [(a, b) for a, b in zip(before.forms, after.forms) if a.kind == b.kind and a.role != "carves" and a.shapes and b.shapes]
    found = np.zeros((len(points), 3), np.float32)
    for begin in range(0, len(points), AT_ONCE):
        some = points[begin : begin + AT_ONCE]
        total, weights = np.zeros_like(some), np.zeros(len(some))
        for now, then in pairs:
            weight = (soft / (soft + _away(now, some))) ** 4
            weights += weight
            if now is not then and now != then:
                total += weight[:, None] * (_of_form(now, then, some) - some)
        found[begin : begin + AT_ONCE] = total / np.maximum(weights, LIKE)[:, None] / seconds
    return found
