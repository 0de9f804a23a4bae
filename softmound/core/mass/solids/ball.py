"""Ball: an ellipsoid of the solid's size."""

import numpy as np

from ..rows import ellipsoid_row
from .shape import SolidShape, ball_triangles


class Ball(SolidShape):
    """Its row is that of a blob."""

    word, order, turned = "ball", 10, False
    sentence = "Round, or drawn out."

    def write(self, row, solid):
        ellipsoid_row(row, np.array(solid.size, np.float64) / 2)

    def triangles(self, solid):
        return ball_triangles(np.array(solid.size, float) / 2)
