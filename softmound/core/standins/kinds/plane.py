"""A plane."""

from typing import ClassVar, Literal

from ...recipe.standins import Sized
from ...recipe.value import Length, Name
from ..shapes import sheet

CELLS = 32


class Plane(Sized):
    """A level plane without thickness: a floor, a table, a wall when it is turned up. Its height does not count."""

    order: ClassVar[int] = 40
    label: ClassVar[str] = "Plane"
    sentence: ClassVar[str] = "A level sheet: a floor, a table, or turned up a wall. Its height does not count."

    kind: Literal["plane"] = "plane"
    name: Name = "Plane"
    size: tuple[Length, Length, Length] = (100.0, 0.1, 100.0)

    @property
    def enclosed(self):
        return False

    def triangles(self):
        x, _, z = self.size
        return sheet((-x / 2, 0.0, -z / 2), (0.0, 0.0, z), (x, 0.0, 0.0), (CELLS, CELLS))
