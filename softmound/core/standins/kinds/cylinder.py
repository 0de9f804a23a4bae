"""A cylinder."""

from typing import ClassVar, Literal

from ...recipe.standins import Sized
from ...recipe.value import Length, Name
from ..shapes import lathed


class Cylinder(Sized):
    """An upright cylinder: a column, a tank, a chimney."""

    order: ClassVar[int] = 30
    label: ClassVar[str] = "Cylinder"
    sentence: ClassVar[str] = "An upright cylinder: a column, a tank, a chimney."

    kind: Literal["cylinder"] = "cylinder"
    name: Name = "Cylinder"
    size: tuple[Length, Length, Length] = (1.0, 2.0, 1.0)

    def triangles(self):
        x, y, z = self.size
        wall = [(0.5, y * n / 8) for n in range(9)]
        # The rim stands twice, so that it stays sharp.
        outline = [(0.0, 0.0), (0.25, 0.0), (0.5, 0.0), *wall, (0.5, y), (0.25, y), (0.0, y)]
        return lathed(outline, 48, (x, z))
