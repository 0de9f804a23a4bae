"""A box."""

from typing import ClassVar, Literal

from ...recipe.standins import Sized
from ...recipe.value import Name
from ..shapes import block

CELLS = 12
"""Cells along the longest side of a box: light between things is held at their corners."""


class Box(Sized):
    """A box; as it comes a cube of one metre."""

    order: ClassVar[int] = 10
    label: ClassVar[str] = "Box"
    sentence: ClassVar[str] = "A cube of one metre, or any box."

    kind: Literal["box"] = "box"
    name: Name = "Box"

    def triangles(self):
        x, y, z = self.size
        return block((-x / 2, 0.0, -z / 2), (x / 2, y, z / 2), max(self.size) / CELLS)
