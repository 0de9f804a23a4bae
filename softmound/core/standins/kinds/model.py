"""A model from a file."""

from typing import Annotated, ClassVar, Literal

import numpy as np
from pydantic import Field

from ...recipe.forms import SurfaceArrays
from ...recipe.rows import Number
from ...recipe.sequence import Sequence
from ...recipe.standins import StandIn
from ...recipe.value import Name


class Model(StandIn):
    """Triangles from a file: `vertices` (n, 3) in metres about the middle of their underside, `faces` (m, 3).

    `times` is how many times their own size they have. A `sequence` of files moves it.
    """

    order: ClassVar[int] = 90
    label: ClassVar[str] = "Model"
    sentence: ClassVar[str] = "A model from a file."
    shaped_by: ClassVar[tuple[str, ...]] = ("surface", "times")
    shape_rows: ClassVar[tuple] = (Number("times", "Size", "×", (0.05, 20.0), "log", "Times its own size."),)

    kind: Literal["model"] = "model"
    name: Name = "Model"
    surface: SurfaceArrays
    times: Annotated[float, Field(ge=1e-4, le=1e4)] = 1.0
    sequence: Sequence | None = None

    @property
    def enclosed(self):
        return "open" not in self.surface or not len(self.surface["open"])

    def triangles(self):
        return self.surface["vertices"].astype(np.float64) * self.times, self.surface["faces"]

    def facts(self):
        size = np.ptp(self.surface["vertices"], axis=0) * self.times
        return f"{len(self.surface['faces']):,} triangles; {size[0]:,.2f} × {size[1]:,.2f} × {size[2]:,.2f} m."
