"""Grow or shrink: moves the surface outward or inward everywhere."""

from typing import Annotated, ClassVar, Literal

import numpy as np
from pydantic import Field

from ...recipe.rows import Number
from ...recipe.steps import AFTER, Step


class Grow(Step):
    """A step that moves the surface outward everywhere, or inward below 0."""

    label: ClassVar[str] = "Grow or shrink"
    sentence: ClassVar[str] = "Move the surface outward or inward everywhere."
    order: ClassVar[int] = 20
    rows: ClassVar[tuple] = (
        Number("metres", "Distance", "m", (-40.0, 40.0), "linear", "Outward above 0, inward below."), AFTER)

    step: Literal["grow"] = "grow"
    metres: Annotated[float, Field(ge=-500.0, le=500.0)] = 2.0

    @classmethod
    def begun(cls, metres):
        return cls(metres=metres / 2.0)

    def sized(self, factor):
        return self.edited(metres=self.metres * factor)

    @property
    def idle(self):
        return self.metres == 0.0

    @property
    def reach(self):
        return max(self.metres, 0.0), max(-self.metres, 0.0)

    @property
    def outward(self):
        return self.metres

    def act(self, values, coords, inside, voxel, far, ticket=None):
        return values - np.float32(self.metres)
