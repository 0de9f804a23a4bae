"""By depth: from nothing at the surface to all inside."""

from typing import ClassVar, Literal

import numpy as np

from ...recipe.grains import Mask, rounded
from ...recipe.rows import Number
from ...recipe.value import Length


class ByDepth(Mask):
    """From nothing at the surface to all at `depth` inside."""

    sentence: ClassVar[str] = "From nothing at the surface to all at a depth inside."
    label: ClassVar[str] = "By depth"
    order: ClassVar[int] = 20
    rows: ClassVar[tuple] = (Number("depth", "All at a depth of", "m", (0.2, 200.0), "log", "Nothing at the surface."),)
    reads_distance: ClassVar[bool] = True

    by: Literal["depth"] = "depth"
    depth: Length = 10.0

    @classmethod
    def begun(cls, bounds, span):
        return cls(depth=rounded(span / 20.0))

    def sized(self, factor, place):
        return self.edited(depth=self.depth * factor)

    def share(self, coords, voxel, distance, landmarks, out):
        np.multiply(distance, np.float32(-1.0 / self.depth), out=out)
