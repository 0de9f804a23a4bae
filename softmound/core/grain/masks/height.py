"""By height: from nothing at one altitude to all at another."""

from typing import ClassVar, Literal

import numpy as np

from ...recipe.grains import Mask, rounded
from ...recipe.rows import Number
from ...recipe.value import Metres
from ...volume.bricks import SIDE


class ByHeight(Mask):
    """From nothing at `low` to all at `high`."""

    sentence: ClassVar[str] = "From nothing at one altitude to all at another."
    label: ClassVar[str] = "By height"
    order: ClassVar[int] = 10
    rows: ClassVar[tuple] = (
        Number("low", "Nothing at", "m", (-200.0, 1000.0), "linear", "Altitude where it begins."),
        Number("high", "All at", "m", (-200.0, 1000.0), "linear", "Altitude where it acts fully."))

    by: Literal["height"] = "height"
    low: Metres = 0.0
    high: Metres = 60.0

    @classmethod
    def begun(cls, bounds, span):
        return cls() if bounds is None else cls(low=rounded(bounds[0][1], 3), high=rounded(bounds[1][1], 3))

    def sized(self, factor, place):
        return self.edited(low=place((0.0, self.low, 0.0))[1], high=place((0.0, self.high, 0.0))[1])

    def share(self, coords, voxel, distance, landmarks, out):
        heights = (coords[:, 1, None] * SIDE + np.arange(SIDE)) * voxel
        rising = ((heights - self.low) / (self.high - self.low or 1e-6)).astype(np.float32)
        out.reshape(len(coords), SIDE, SIDE, SIDE)[...] = rising[:, None, :, None]
