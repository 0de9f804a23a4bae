"""Signed distance to solids, and solids as triangles.

Distances after Quilez (2018, "Distance functions"), each checked against volumes and nearest points
in the tests.
"""

import numpy as np

from ..kernels import call, f32

AROUND, ALONG = 128, 64
"""Facets of a turned solid around its axis and along its outline."""


@call
def box_distance(b, x, y, z):
    """Signed distance to a box with round edges.

    Parameters
    ----------
    b : ndarray of float32
        Row of the table: half sizes less the edge in 12 to 14, the edge in 21.
    x, y, z : float32
        Own axes, metres.

    Returns
    -------
    float32
    """
    qx = abs(x) - b[12]
    qy = abs(y) - b[13]
    qz = abs(z) - b[14]
    ox = max(qx, f32(0))
    oy = max(qy, f32(0))
    oz = max(qz, f32(0))
    return np.sqrt(ox * ox + oy * oy + oz * oz) + min(max(qx, max(qy, qz)), f32(0)) - b[21]


@call
def ring_distance(b, x, y, z):
    """Signed distance to a ring that lies flat.

    Parameters
    ----------
    b : ndarray of float32
        Row of the table: radius of the ring's middle in 12, of its tube in 13.
    x, y, z : float32
        Own axes, metres.

    Returns
    -------
    float32
    """
    out = np.sqrt(x * x + z * z) - b[12]
    return np.sqrt(out * out + y * y) - b[13]


@call
def capsule_distance(b, x, y, z):
    """Signed distance to an upright capsule.

    Parameters
    ----------
    b : ndarray of float32
        Row of the table: radius in 12, half the length of its straight part in 13.
    x, y, z : float32
        Own axes, metres.

    Returns
    -------
    float32
    """
    y -= max(-b[13], min(b[13], y))
    return np.sqrt(x * x + y * y + z * z) - b[12]


@call
def cone_distance(b, x, y, z):
    """Signed distance to an upright cone, cut off or not, with round edges.

    Parameters
    ----------
    b : ndarray of float32
        Row of the table: radii below and above in 12 and 14, half the height in 13, height of the
        middle in 15, the edge in 21; all of them of the cone within the edge.
    x, y, z : float32
        Own axes, metres.

    Returns
    -------
    float32
    """
    out = np.sqrt(x * x + z * z)
    up = y - b[15]
    half = b[13]
    cap = out - min(out, b[12] if up < f32(0) else b[14])
    rise = abs(up) - half
    slope = b[14] - b[12]
    along = ((b[14] - out) * slope + (half - up) * f32(2) * half) / (slope * slope + f32(4) * half * half)
    along = max(f32(0), min(f32(1), along))
    sx = out - b[14] + slope * along
    sy = up - half + f32(2) * half * along
    inside = sx < f32(0) and rise < f32(0)
    away = np.sqrt(min(cap * cap + rise * rise, sx * sx + sy * sy))
    return (-away if inside else away) - b[21]


def cone_within(radius, top, half, edge):
    """The cone whose offset by `edge` is a cone with round edges.

    Parameters
    ----------
    radius, top : float
        Metres, below and above.
    half : float
        Half the height.
    edge : float
        Radius of the edges; made smaller when it does not fit.

    Returns
    -------
    tuple of float
        Radius below, half the height, radius above, height of the middle, and the edge.
    """
    slant = np.hypot(2 * half, radius - top)
    # The largest ball in the cone's outline is inscribed in its triangle or touches both caps.
    tip = 2 * half * radius / (radius - top) if radius > top else np.inf
    inscribed = radius * tip / (radius + np.hypot(radius, tip)) if np.isfinite(tip) else radius
    edge = min(edge, 0.98 * half, 0.98 * inscribed)

    def width(y):
        return radius + (top - radius) * (y + half) / (2 * half) - edge * slant / (2 * half)

    low, high = -half + edge, half - edge
    below, above = width(low), width(high)
    if above < 0.0:
        high = low + (high - low) * below / (below - above)
        above = 0.0
    return max(below, 1e-6), max((high - low) / 2, 1e-6), above, (low + high) / 2, edge


def analytic(solid):
    """True when a solid's distance has a formula, false when it is stretched unevenly.

    Parameters
    ----------
    solid : Solid

    Returns
    -------
    bool
    """
    return solid.shape in ("ball", "box", "slab") or solid.size[0] == solid.size[2]


def solid_triangles(solid):
    """Surface of a solid as triangles, fine enough to stand for it.

    Parameters
    ----------
    solid : Solid

    Returns
    -------
    vertices : ndarray of float64, shape (n, 3)
        Own axes, metres.
    faces : ndarray of int32, shape (m, 3)
        Anticlockwise seen from outside.
    """
    x, y, z = (s / 2 for s in solid.size)
    if solid.shape in ("box", "slab"):
        return _box(x, y, z)
    if solid.shape == "ball":
        return ball_triangles((x, y, z))
    if solid.shape == "ring":
        tube = min(y, 0.999 * min(x, z))
        angle = np.linspace(0.0, 2 * np.pi, ALONG, endpoint=False)
        vertices, faces = _turned(np.stack([1.0 + 0.0 * angle, angle], 1), (1.0, 1.0, 1.0), closed=True)
        around = np.arctan2(vertices[:, 2], vertices[:, 0])
        middle = np.stack([(x - tube) * np.cos(around), 0 * around, (z - tube) * np.sin(around)], 1)
        # Out from the ring's middle line, square to it.
        normal = np.stack([(z - tube) * np.cos(around), 0 * around, (x - tube) * np.sin(around)], 1)
        normal /= np.maximum(np.linalg.norm(normal, axis=1)[:, None], 1e-12)
        turn = vertices[:, 1]
        return middle + tube * (np.cos(turn)[:, None] * normal + np.sin(turn)[:, None] * [0.0, 1.0, 0.0]), faces
    if solid.shape == "capsule":
        radius = min(x, z)
        straight = max(y - radius, 0.0)
        angle = np.linspace(-np.pi / 2, np.pi / 2, ALONG)
        up = radius * np.sin(angle) + np.where(angle >= 0.0, straight, -straight)
        outline = np.stack([np.cos(angle), up], 1)
        return _turned(outline, (x, 1.0, z))
    below, half, above, middle, edge = cone_within(1.0, solid.taper, y / max(x, z), solid.edge / max(x, z))
    lean = np.arctan2(below - above, 2 * half)
    arcs = [(np.linspace(-np.pi / 2, lean, ALONG // 3), below, middle - half),
            (np.linspace(lean, np.pi / 2, ALONG // 3), above, middle + half)]
    outline = [[0.0, middle - half - edge]] + [
        [radius + edge * np.cos(a), height + edge * np.sin(a)] for angles, radius, height in arcs for a in angles
    ] + [[0.0, middle + half + edge]]
    return _turned(np.array(outline), (x, max(x, z), z))


def ball_triangles(radii):
    """Surface of an ellipsoid as triangles.

    Parameters
    ----------
    radii : sequence of float
        Metres.

    Returns
    -------
    vertices : ndarray of float64, shape (n, 3)
        Own axes, metres.
    faces : ndarray of int32, shape (m, 3)
    """
    angle = np.linspace(-np.pi / 2, np.pi / 2, ALONG)
    return _turned(np.stack([np.cos(angle), np.sin(angle)], 1), tuple(radii))


def _box(x, y, z):
    corners = np.stack(np.meshgrid([-x, x], [-y, y], [-z, z], indexing="ij"), -1).reshape(-1, 3)
    quads = [(0, 1, 3, 2), (4, 6, 7, 5), (0, 4, 5, 1), (2, 3, 7, 6), (0, 2, 6, 4), (1, 5, 7, 3)]
    faces = [t for a, b, c, d in quads for t in ((a, b, c), (a, c, d))]
    return corners, np.array(faces, np.int32)


def _turned(outline, scale, closed=False):
    """An outline of (radius, height) from the bottom up, turned about y, then scaled."""
    count = len(outline)
    angle = np.linspace(0.0, 2 * np.pi, AROUND, endpoint=False)
    radius, height = outline[:, 0], outline[:, 1]
    ring = np.stack([radius[:, None] * np.cos(angle), np.broadcast_to(height[:, None], (count, AROUND)),
                     radius[:, None] * np.sin(angle)], -1).reshape(-1, 3)
    rows = np.arange(count if closed else count - 1)
    i, j = np.meshgrid(rows, np.arange(AROUND), indexing="ij")
    a, b = i * AROUND + j, i * AROUND + (j + 1) % AROUND
    c, d = (i + 1) % count * AROUND + j, (i + 1) % count * AROUND + (j + 1) % AROUND
    faces = np.concatenate([np.stack([a, c, b], -1).reshape(-1, 3), np.stack([b, c, d], -1).reshape(-1, 3)])
    # On the axis a whole ring is one point.
    same = np.arange(count * AROUND).reshape(count, AROUND)
    same[radius < 1e-9] = same[radius < 1e-9][:, :1]
    faces = same.ravel()[faces]
    whole = (faces[:, 0] != faces[:, 1]) & (faces[:, 1] != faces[:, 2]) & (faces[:, 2] != faces[:, 0])
    return ring * scale, faces[whole].astype(np.int32)
