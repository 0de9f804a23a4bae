"""Points: balls around the points of a set."""

from typing import Annotated, ClassVar, Literal

from pydantic import Field

from ...recipe.forms import SCALE, Form, PointArrays, Scale
from ...recipe.rows import Number
from ...recipe.sequence import Sequence
from ...recipe.value import Length, Name, Share
from ..sculpt import points_and_radii


class Points(Form):
    """Balls around points: `positions` (n, 3) in metres, perhaps `radii` (n,) and `ages` (n,), 0 to 1.

    The radius runs from `first` to `last` over the age, eased in and out by `ease`, times the
    point's own; it never falls below `least` voxels.
    """

    sentence: ClassVar[str] = "A ball around each point of a file; points with an age end as small ones."
    order: ClassVar[int] = 40
    rows: ClassVar[tuple] = (
        SCALE,
        Number("first", "Radius when young", "m", (0.01, 50.0), "log",
               "Radius at age 0, or of all points without an age; times their own radius, if they have one."),
        Number("last", "Radius when old", "m", (0.01, 50.0), "log", "Radius at age 1."),
        Number("ease", "Ease in and out", "", None, "linear", "How gently the radius begins and ends to change."),
        Number("least", "Smallest radius", "voxels", None, "linear", "No ball is smaller than so many voxels."),
    )

    kind: Literal["points"] = "points"
    name: Name = "Points"
    cloud: PointArrays
    scale: Scale = (1.0, 1.0, 1.0)
    first: Length = 2.0
    last: Length = 2.0
    ease: Share = 0.5
    least: Annotated[float, Field(ge=0.0, le=8.0)] = 1.0
    sequence: Sequence | None = None

    def own_balls(self):
        return points_and_radii(self)

    def facts(self):
        extra = [word for word, name in (("radius", "radii"), ("age", "ages")) if name in self.cloud]
        return f"{len(self.cloud['positions']):,} points" + (f", each with its {' and '.join(extra)}." if extra else "."), ""
