"""Upright cone, cut off or not, with round edges."""

import numpy as np

from ...kernels import call, f32
from .shape import ALONG, SolidShape, turned


@call
def _distance(b, x, y, z):
    """Radii below and above in columns 12 and 14, half the height in 13, height of the middle in 15, the edge in 21; all of them
    of the cone within the edge.
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


class Cone(SolidShape):
    """It narrows to the solid's taper of its width."""

    word, order, has = "cone", 40, ("edge", "taper")
    sentence = "Upright, narrowing to a point or to a smaller top."
    distance = _distance

    def sizes(self, solid):
        x, y, _ = (s / 2 for s in solid.size)
        *sizes, edge = cone_within(x, x * solid.taper, y, solid.edge)
        return sizes, edge

    def extent(self, sizes, edge):
        wide = np.maximum(sizes[:, 0], sizes[:, 2])
        return np.stack([wide, sizes[:, 1], wide], 1) + edge[:, None], sizes[:, 3]

    def triangles(self, solid):
        x, y, z = (s / 2 for s in solid.size)
        below, half, above, middle, edge = cone_within(1.0, solid.taper, y / max(x, z), solid.edge / max(x, z))
        lean = np.arctan2(below - above, 2 * half)
        arcs = [(np.linspace(-np.pi / 2, lean, ALONG // 3), below, middle - half),
                (np.linspace(lean, np.pi / 2, ALONG // 3), above, middle + half)]
        outline = [[0.0, middle - half - edge]] + [
            [radius + edge * np.cos(a), height + edge * np.sin(a)] for angles, radius, height in arcs for a in angles
        ] + [[0.0, middle + half + edge]]
        return turned(np.array(outline), (x, max(x, z), z))


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
