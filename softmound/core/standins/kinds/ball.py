"""A ball."""

from typing import ClassVar, Literal

from ...recipe.standins import Sized
from ...recipe.value import Name
from ..shapes import globe


class Ball(Sized):
    """A ball, or an ellipsoid."""

    order: ClassVar[int] = 20
    label: ClassVar[str] = "Ball"
    sentence: ClassVar[str] = "A ball of one metre, or any ellipsoid."

    kind: Literal["ball"] = "ball"
    name: Name = "Ball"

    def triangles(self):
        x, y, z = self.size
        return globe((0.0, y / 2, 0.0), (x / 2, y / 2, z / 2), 64)
