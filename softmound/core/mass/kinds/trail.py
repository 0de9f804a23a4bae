"""A trail: balls left by strokes of Dab or Scoop."""

from typing import Annotated, ClassVar, Literal

from pydantic import Field, model_validator

from ...recipe.forms import MOST_DABBED, SCALE, Dabs, Form, Scale
from ...recipe.value import Name
from ..buds import trail_balls


class Trail(Form):
    """Balls left by strokes of Dab (adding) or Scoop (carving)."""

    sentence: ClassVar[str] = "What strokes of Dab add, or of Scoop take away."
    order: ClassVar[int] = 60
    dabbed: ClassVar[bool] = True
    rows: ClassVar[tuple] = (SCALE,)

    kind: Literal["trail"] = "trail"
    name: Name = "Dabs"
    dabs: Annotated[tuple[Dabs, ...], Field(max_length=2000)] = ()
    scale: Scale = (1.0, 1.0, 1.0)

    @model_validator(mode="after")
    def _not_too_many(self):
        total = sum(stroke.balls for stroke in self.dabs)
        if total > MOST_DABBED:
            raise ValueError(f"its strokes would leave {total:,} balls, more than {MOST_DABBED:,}; take a larger brush or spacing")
        return self

    def own_balls(self):
        balls = trail_balls(self)
        return balls[:, :3], balls[:, 3]

    def facts(self):
        return f"{len(self.dabs)} stroke{'s' if len(self.dabs) != 1 else ''}.", ""
