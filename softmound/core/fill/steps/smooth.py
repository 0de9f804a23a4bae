"""Smooth: eases the surface by a filter."""

from typing import Annotated, ClassVar, Literal

from pydantic import Field

from ...recipe.rows import Choice, Number
from ...recipe.steps import AFTER, Step
from ...volume.filters import smoothed

_REACH = {"gaussian": 2.5, "mean": 1.8, "median": 1.8, "flow": 2.5}
"""How far a filter looks and moves the surface, in parts of its width."""


class Smooth(Step):
    """A step that eases the surface: by a Gaussian of that width, by the mean or the median within it, or by
    curvature flow, which takes away as much as the Gaussian would. Before the grains, or after them."""

    label: ClassVar[str] = "Smooth"
    sentence: ClassVar[str] = "Ease the surface by a filter."
    order: ClassVar[int] = 10
    rows: ClassVar[tuple] = (
        Choice("filter", "Filter", (("gaussian", "Gaussian"), ("mean", "Mean"), ("median", "Median"),
                                    ("flow", "Curvature flow"))),
        Number("width", "Width", "m", (0.1, 60.0), "log", "How far the filter looks: larger lumps melt away."),
        Number("passes", "Passes", "", (1, 12), "linear", "How often it is done."),
        AFTER,
    )

    step: Literal["smooth"] = "smooth"
    filter: Literal["gaussian", "mean", "median", "flow"] = "gaussian"
    width: Annotated[float, Field(ge=0.001, le=500.0)] = 4.0
    passes: Annotated[int, Field(ge=1, le=12)] = 1

    @classmethod
    def begun(cls, metres):
        return cls(width=metres)

    def sized(self, factor):
        return self.edited(width=self.width * factor)

    @property
    def reach(self):
        spread = _REACH[self.filter] * self.width * self.passes**0.5
        return spread, spread  # though it never leaves the hull

    def act(self, values, coords, inside, voxel, far, ticket=None):
        return smoothed(values=values, coords=coords, inside=inside, far=far, voxel=voxel, name=self.filter,
                        width=self.width, passes=self.passes, ticket=ticket)
