"""A solid: one of the shapes in `core.mass.solids`."""

from typing import Annotated, ClassVar, Literal

import numpy as np
from pydantic import Field

from ...recipe.forms import Form
from ...recipe.rows import Number, Triple
from ...recipe.value import Length, Name, Share
from ..solids import SHAPES


def _reading(number):
    """The shapes that read a number: tuple of str."""
    return tuple(word for word, shape in SHAPES.items() if number in shape.has)


class Solid(Form):
    """A geometric solid of a stated size along its own axes.

    A ring lies flat: its tube is as thick as it is high. A capsule and a cone stand upright, the
    cone narrowing to `taper` of its width. `edge` rounds a box and a cone; a slab is always round at
    the rim.
    """

    sentence: ClassVar[str] = "A geometric solid of a stated size."
    order: ClassVar[int] = 20
    size_field: ClassVar[str] = "size"
    lengths: ClassVar[tuple] = ("size", "edge")
    whole: ClassVar[bool] = True
    rows: ClassVar[tuple] = (
        Triple("size", "Size", "m", (0.5, 1000.0), "log", "Size of the solid along its own axis."),
        Number("edge", "Edge", "m", (0.0, 50.0), "linear", "How round the edges of a box or a cone are.",
               (("shape", _reading("edge")),)),
        Number("taper", "Taper", "", None, "linear", "How wide the cone is at its top, over its foot.",
               (("shape", _reading("taper")),)),
    )

    kind: Literal["solid"] = "solid"
    name: Name = "Solid"
    shape: Literal[tuple(SHAPES)] = "box"
    size: tuple[Length, Length, Length] = (30.0, 30.0, 30.0)
    edge: Annotated[float, Field(ge=0.0, le=10_000.0)] = 2.0
    taper: Share = 0.0

    @property
    def formula(self):
        return SHAPES[self.shape].analytic(self)

    def row(self, row):
        SHAPES[self.shape].write(row, self)

    @property
    def half(self):
        return np.array(self.size, float) / 2

    def triangles(self):
        return SHAPES[self.shape].triangles(self)
