"""What a ray meets first: the blocked-in surface itself, whatever it is made of."""

from dataclasses import dataclass

import numpy as np

from ..kernels import f32, serial
from .at_point import distance_at
from .distance import box_of
from .table import shape_of

STEPS = 400


@serial
def _march(origin, way, start, end, tolerance, rows):
    """Sphere tracing: how far along a ray the surface is, and whose it is; -1 where there is none."""
    along, levels = start, rows.levels
    for _ in range(STEPS):
        d, owner = distance_at(f32(origin[0] + along * way[0]), f32(origin[1] + along * way[1]),
                               f32(origin[2] + along * way[2]), rows)
        if d < tolerance:
            return along, owner
        # Near levels heights are pressed together, so that distances are up to twice as long.
        along += max(d * 0.5 if levels[0, 0] + levels[1, 0] > f32(0) and d < f32(8) * levels[0, 2] else d * 0.9,
                     tolerance)
        if along > end:
            break
    return -1.0, -1


@dataclass(frozen=True, eq=False)
class Hit:
    """Where a ray meets the shape.

    Attributes
    ----------
    number : int
        Of the form met.
    along : float
        How many directions away.
    point, normal : ndarray of float64, shape (3,)
        World, metres; the normal of unit length.
    """

    number: int
    along: float
    point: np.ndarray
    normal: np.ndarray


# A function of the kernels that is called from Python as it is would be compiled at every start, while the hand waits.
@serial
def _distances(points, rows):
    """Signed distance at points."""
    out = np.empty(points.shape[0], np.float32)
    for n in range(points.shape[0]):
        out[n] = distance_at(points[n, 0], points[n, 1], points[n, 2], rows)[0]
    return out


class Picker:
    """A mass made ready for rays. Fields are used as they are; nothing is waited for.

    Parameters
    ----------
    mass : Mass
    """

    def __init__(self, mass):
        self._box = box_of(mass)
        self._shape = shape_of(mass, fields="ready")

    def hit(self, origin, way):
        """First point of the shape along a ray.

        Parameters
        ----------
        origin, way : sequence of float, length 3
            Metres; the direction need not be of unit length.

        Returns
        -------
        Hit or None
        """
        if self._box is None or not len(self._shape.table):
            return None
        origin, way = np.asarray(origin, np.float64), np.asarray(way, np.float64)
        length = float(np.linalg.norm(way))
        way = way / length
        with np.errstate(divide="ignore", invalid="ignore"):
            ends = (np.array(self._box) - origin) / way
        near, far = np.nanmax(ends.min(axis=0)), np.nanmin(ends.max(axis=0))
        if far < max(near, 0.0):
            return None
        size = float((self._box[1] - self._box[0]).max())
        along, owner = _march(origin, way, max(float(near), 0.0), float(far), size * 2e-4, self._shape.rows)
        if along < 0.0 or owner < 0:
            return None
        point = origin + along * way
        return Hit(self._shape.numbers[owner], along / length, point, self._normal(point, size * 1e-3))

    def distance(self, point):
        """Signed distance of a point to the shape.

        Parameters
        ----------
        point : sequence of float, length 3

        Returns
        -------
        float
            Metres.
        """
        return float(_distances(np.array([point], np.float32), self._shape.rows)[0])

    def _normal(self, point, step):
        around = point + step * np.concatenate([np.eye(3), -np.eye(3)])
        distances = _distances(around.astype(np.float32), self._shape.rows).astype(float)
        slope = distances[:3] - distances[3:]
        size = np.linalg.norm(slope)
        return slope / size if size > 0.0 else np.array([0.0, 1.0, 0.0])
