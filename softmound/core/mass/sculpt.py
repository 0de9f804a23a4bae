"""What strokes of the sculpting tools do to forms.

Strokes are kept with their form, in its own axes, and worked anew on whatever the form has become,
so they are free of any resolution and can be taken away again. A blob or a solid is moved and sized
as a whole; of a mesh, a volume or points each vertex moves by itself.
"""

from functools import lru_cache

import numpy as np
import scipy

from ..budget import remembered
from ..noise.sums import noise_points
from ..recipe.grains import Noise
from .surface import own, own_way, placed, plain_triangles, vertex_normals

AMOUNT = 0.5
"""How far a full stroke swells, in radii of the brush."""
DEPTH = 0.25
"""How far below the surface the plane of Press lies, in radii of the brush."""
SMALLEST = 0.002
"""Metres: nothing is pressed or shrunk below."""
FINE = 4.0
"""Edges of a mesh under the brush are at most its radius over this."""
EASINGS = 12
"""Passes of smoothing of a full stroke of Ease."""
MOST_SPLITS = 4
MOST_FACES = 4_000_000


def falloff(away, sharpness):
    """Weight of the brush at a distance from its middle.

    Parameters
    ----------
    away : ndarray of float
        In radii of the brush.
    sharpness : float
        0 falls off from the very middle, 1 holds nearly to the rim.

    Returns
    -------
    ndarray of float
        From 1 at the middle to 0 at the rim and beyond, with level ends.
    """
    rest = np.clip((np.asarray(away) - 0.95 * sharpness) / (1.0 - 0.95 * sharpness), 0.0, 1.0)
    return 1.0 - rest * rest * (3.0 - 2.0 * rest)


def even_path(path, step):
    """Points a step apart along a path, from its beginning on.

    Parameters
    ----------
    path : array_like of float, shape (n, 4)
        Points in metres and the pressure there.
    step : float
        Metres.

    Returns
    -------
    ndarray of float64, shape (m, 4)
    """
    path = np.asarray(path, np.float64)
    if len(path) == 1:
        return path
    length = np.concatenate([[0.0], np.cumsum(np.linalg.norm(np.diff(path[:, :3], axis=0), axis=1))])
    at = np.arange(0.0, length[-1] + 1e-9, step)
    return np.stack([np.interp(at, length, path[:, n]) for n in range(4)], axis=1)


def _weights(stroke, points):
    """Weight of a stroke at points: the largest that the brush had anywhere along its path."""
    path = even_path(stroke.path[:1] if stroke.tool == "drag" else stroke.path, stroke.radius / 4)
    # Pressure shifts a point away: nearest along the path in the metric of the brush.
    away, which = scipy.spatial.cKDTree(path[:, :3]).query(points, distance_upper_bound=stroke.radius)
    reached = np.isfinite(away)
    weight = np.zeros(len(points))
    weight[reached] = falloff(away[reached] / stroke.radius, stroke.falloff) * path[which[reached], 3]
    return weight


def _noise(stroke, points):
    noise = Noise(feature=max(stroke.radius / 2.5, 0.001), octaves=3, seed=stroke.seed)
    return noise_points(points, noise)


def sculpted_points(stroke, points, normals, linked=None):
    """Points after one stroke.

    Parameters
    ----------
    stroke : Stroke
    points, normals : ndarray of float64, shape (n, 3)
        In the axes of the stroke, metres.
    linked : (ndarray of int, ndarray of int), optional
        Ends of the edges between the points, for Ease.

    Returns
    -------
    ndarray of float64, shape (n, 3)
    """
    weight = _weights(stroke, points)
    live = np.flatnonzero(weight > 0.0)
    if not len(live):
        return points
    out = points.copy()
    w = (weight[live] * stroke.strength)[:, None]
    if stroke.tool == "drag":
        out[live] += w * np.subtract(stroke.path[-1][:3], stroke.path[0][:3])
    elif stroke.tool == "swell":
        out[live] += w * AMOUNT * stroke.radius * normals[live]
    elif stroke.tool == "roughen":
        out[live] += w * AMOUNT * stroke.radius * normals[live] * _noise(stroke, points[live])[:, None]
    elif stroke.tool == "press":
        normal = np.array(stroke.toward) / max(np.linalg.norm(stroke.toward), 1e-12)
        above = (points[live] - stroke.path[0][:3]) @ normal + DEPTH * stroke.radius
        out[live] -= w * np.maximum(above, 0.0)[:, None] * normal
    elif linked is not None:
        out = _eased(out, weight * abs(stroke.strength), linked)
    return out


def _eased(points, weight, linked):
    """Laplacian smoothing, each vertex by its weight (Taubin 1995 without the inflating step)."""
    a, b = linked
    count = np.bincount(a, minlength=len(points)) + np.bincount(b, minlength=len(points))
    share = np.minimum(weight, 1.0)[:, None]
    for _ in range(EASINGS):
        mean = np.stack([
            np.bincount(a, points[b, n], len(points)) + np.bincount(b, points[a, n], len(points)) for n in range(3)
        ], axis=1) / np.maximum(count, 1)[:, None]
        points = points + share * 0.5 * np.where(count[:, None] > 0, mean - points, 0.0)
    return points


def edges_of(faces):
    """Each edge of some triangles once.

    Parameters
    ----------
    faces : ndarray of int, shape (m, 3)

    Returns
    -------
    ndarray of int64, shape (e, 2)
        The lower vertex first.
    """
    pairs = np.sort(np.concatenate([faces[:, [0, 1]], faces[:, [1, 2]], faces[:, [2, 0]]]).astype(np.int64), axis=1)
    wide = pairs[:, 0] << 32 | pairs[:, 1]
    unique = np.unique(wide)
    return np.stack([unique >> 32, unique & 0xFFFFFFFF], axis=1)


def refined(vertices, faces, near, length):
    """Split edges longer than a length between vertices that are near the brush, leaving no gap.

    Parameters
    ----------
    vertices : ndarray of float64, shape (n, 3)
    faces : ndarray of int, shape (m, 3)
    near : callable
        Called with vertices; gives a bool for each.
    length : float
        Metres.

    Returns
    -------
    vertices, faces : ndarray
    """
    for _ in range(MOST_SPLITS):
        edges = edges_of(faces)
        marked = near((vertices[edges[:, 0]] + vertices[edges[:, 1]]) / 2) | near(vertices)[edges].any(axis=1)
        marked &= np.linalg.norm(vertices[edges[:, 0]] - vertices[edges[:, 1]], axis=1) > length
        if not marked.any() or len(faces) > MOST_FACES:
            break
        vertices, faces = _split(vertices, faces, edges[marked])
    return vertices, faces


def _split(vertices, faces, edges):
    """Put a vertex in the middle of some edges: a triangle becomes two, three or four."""
    keys = edges[:, 0] << 32 | edges[:, 1]  # sorted, as edges_of gives them
    middle = np.full((len(faces), 3), -1, np.int64)
    for n in range(3):
        pair = np.sort(faces[:, [n, (n + 1) % 3]].astype(np.int64), axis=1)
        wide = pair[:, 0] << 32 | pair[:, 1]
        at = np.minimum(np.searchsorted(keys, wide), len(keys) - 1)
        middle[:, n] = np.where(keys[at] == wide, len(vertices) + at, -1)
    split = (middle >= 0).sum(axis=1)
    out = [faces[split == 0]]
    for count in (1, 2, 3):
        some = split == count
        f, m = faces[some].astype(np.int64), middle[some]
        # Turned so that the unsplit edges come last.
        first = (m >= 0).argmax(axis=1) if count == 1 else (np.where(m < 0, 1, 0).argmax(axis=1) + 1) % 3
        turn = (first[:, None] + np.arange(3)) % 3 if count < 3 else np.tile(np.arange(3), (len(f), 1))
        a, b, c = np.take_along_axis(f, turn, axis=1).T
        p, q, r = np.take_along_axis(m, turn, axis=1).T
        if count == 1:
            out += [np.stack(t, 1) for t in ((a, p, c), (p, b, c))]
        elif count == 2:
            out += [np.stack(t, 1) for t in ((a, p, c), (p, b, q), (p, q, c))]
        else:
            out += [np.stack(t, 1) for t in ((a, p, r), (p, b, q), (r, q, c), (p, q, r))]
    new = (vertices[edges[:, 0]] + vertices[edges[:, 1]]) / 2
    return np.concatenate([vertices, new]), np.concatenate(out).astype(np.int32)


@remembered
def triangles(form):
    """Surface of a form after its strokes, as triangles in its own axes.

    While a stroke is under way only its last state is worked anew: each step is kept.

    Parameters
    ----------
    form : Form

    Returns
    -------
    vertices : ndarray of float64, shape (n, 3)
        Scaled, metres.
    faces : ndarray of int32, shape (m, 3)
    """
    if form.whole:
        form = sculpted(form)
        return plain_triangles(at_home(form))
    if not form.strokes:
        return plain_triangles(at_home(form))
    vertices, faces = triangles(at_home(form.model_copy(update={"strokes": form.strokes[:-1]})))
    if not len(faces):
        return vertices, faces
    stroke = form.strokes[-1]
    vertices, faces = refined(
        vertices, faces, lambda points: _weights(stroke, points) > 0.0, stroke.radius / FINE)
    linked = edges_of(faces).T if stroke.tool == "ease" else None
    return sculpted_points(stroke, vertices, vertex_normals(vertices, faces), linked), faces


_PLACE = {"name": "Form", "centre": (0.0, 0.0, 0.0), "rotation": (0.0, 0.0, 0.0), "mirror": False, "role": "adds",
          "melt": None, "hidden": False, "locked": False, "link": None, "buds": None, "coat": None, "rough": None,
          "base": None, "top": None}


def at_home(form):
    """The form stripped of all that its own surface does not depend on, so that it is found again.

    Parameters
    ----------
    form : Form

    Returns
    -------
    Form
    """
    return form.model_copy(update=_PLACE)


@lru_cache(maxsize=4096)
def sculpted(form):
    """A form that strokes move as a whole after its strokes; any other as it is.

    Parameters
    ----------
    form : Form

    Returns
    -------
    Form
    """
    if not form.strokes or not form.whole:
        return form
    half, middle = form.half, np.zeros(3)
    parts = np.array(getattr(form, form.size_field)) / half
    for stroke in form.strokes:
        middle, half = _whole(stroke, middle, half)
    changes = {"centre": tuple(float(c) for c in placed(form, middle)), "strokes": ()}
    return form.edited(**changes, **{form.size_field: tuple(float(h) for h in parts * half)})


def _whole(stroke, middle, half):
    """Middle and half sizes of a blob or solid after a stroke."""
    path = even_path(stroke.path[:1] if stroke.tool == "drag" else stroke.path, stroke.radius / 4)
    # From the brush to the form: to the ball of its mean radius about its middle.
    gap = np.maximum(np.linalg.norm(path[:, :3] - middle, axis=1) - half.mean(), 0.0)
    weight = float((falloff(gap / stroke.radius, stroke.falloff) * path[:, 3]).max()) * stroke.strength
    if weight == 0.0:
        return middle, half
    if stroke.tool == "drag":
        return middle + weight * np.subtract(stroke.path[-1][:3], stroke.path[0][:3]), half
    if stroke.tool == "swell":
        return middle, np.maximum(half + weight * AMOUNT * stroke.radius, SMALLEST)
    if stroke.tool == "ease":
        return middle, half + min(abs(weight), 1.0) * (half.mean() - half)
    if stroke.tool == "roughen":
        dice = np.random.default_rng([stroke.seed, *(int(v) for v in np.abs(middle * 1e3))])
        return (middle + weight * AMOUNT * stroke.radius * dice.uniform(-1.0, 1.0, 3),
                np.maximum(half * (1.0 + 0.3 * weight * dice.uniform(-1.0, 1.0)), SMALLEST))
    normal = np.array(stroke.toward) / max(np.linalg.norm(stroke.toward), 1e-12)
    reach = float(np.sqrt(((half * normal) ** 2).sum()))
    above = float((middle - stroke.path[0][:3]) @ normal) + reach + DEPTH * stroke.radius
    if above <= 0.0:
        return middle, half
    down = weight * min(above, 1.8 * reach)
    # Half the way by moving, half by flattening along the axis that points most toward the plane.
    squeezed = half.copy()
    axis = int(np.abs(normal).argmax())
    squeezed[axis] = max(half[axis] - down / 2, SMALLEST)
    return middle - normal * (down / 2), squeezed


def points_and_radii(form):
    """Places and radii of a point set after its strokes.

    Parameters
    ----------
    form : Points

    Returns
    -------
    positions : ndarray of float64, shape (n, 3)
        Own axes, scaled, metres.
    radii : ndarray of float64, shape (n,)
        Metres.
    """
    cloud = form.cloud
    positions = cloud["positions"].astype(np.float64) * form.scale
    age = np.clip(cloud["ages"], 0.0, 1.0).astype(np.float64) if "ages" in cloud else np.zeros(len(positions))
    smooth = age * age * (3.0 - 2.0 * age)
    share = age + form.ease * (smooth - age)
    radii = form.first + (form.last - form.first) * share
    if "radii" in cloud:
        radii = radii * cloud["radii"]
    radii = radii * float(np.prod(form.scale)) ** (1.0 / 3.0)
    middle = positions.mean(axis=0) if len(positions) else 0.0
    for stroke in form.strokes:
        outward = positions - middle
        outward /= np.maximum(np.linalg.norm(outward, axis=1)[:, None], 1e-12)
        positions = sculpted_points(stroke, positions, outward)
    return positions, radii


def with_stroke(form, stroke):
    """A form with one more stroke, given in the world.

    Parameters
    ----------
    form : Form
    stroke : Stroke
        Its path and plane in the world.

    Returns
    -------
    Form
    """
    path = np.asarray(stroke.path, float)
    places = own(form, path[:, :3])
    mine = stroke.edited(
        path=tuple((*(round(float(v), 4) for v in p), float(w)) for p, w in zip(places, path[:, 3])),
        toward=tuple(float(v) for v in own_way(form, stroke.toward)))
    return form.edited(strokes=form.strokes + (mine,))


