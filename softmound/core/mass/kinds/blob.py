"""A blob: an ellipsoid."""

from typing import ClassVar, Literal

import numpy as np

from ...recipe.forms import Form
from ...recipe.rows import Triple
from ...recipe.value import Length, Name
from ..rows import ellipsoid_row
from ..solids.shape import ball_triangles


class Blob(Form):
    """An ellipsoid."""

    sentence: ClassVar[str] = "A ball, or a ball drawn out along its axes: what most clouds are heaped from."
    order: ClassVar[int] = 10
    size_field: ClassVar[str] = "radii"
    lengths: ClassVar[tuple] = ("radii",)
    whole: ClassVar[bool] = True
    rows: ClassVar[tuple] = (
        Triple("radii", "Radius", "m", (0.5, 500.0), "log", "Half the blob's size along its own axis."),)

    kind: Literal["blob"] = "blob"
    name: Name = "Blob"
    radii: tuple[Length, Length, Length] = (15.0, 15.0, 15.0)

    @property
    def formula(self):
        return True

    def row(self, row):
        ellipsoid_row(row, np.array(self.radii, np.float64))

    @property
    def half(self):
        return np.array(self.radii, float)

    def triangles(self):
        return ball_triangles(self.radii)
