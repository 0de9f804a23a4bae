"""By form: all within one of the forms, nothing some way off it."""

from typing import Annotated, ClassVar, Literal

import numpy as np
from pydantic import Field

from ...mass.cells import Cells
from ...mass.distance import distance_in
from ...mass.table import shape_of
from ...recipe.grains import Mask, rounded
from ...recipe.models import BaseLevel, Mass
from ...recipe.rows import Number
from ...recipe.value import Length


class ByForm(Mask):
    """All within a form, nothing `soft` metres off it. `form` counts from 0 in the order of the tray."""

    sentence: ClassVar[str] = "All within one form, nothing some metres off it."
    label: ClassVar[str] = "By form"
    order: ClassVar[int] = 40
    rows: ClassVar[tuple] = (
        Number("form", "Form", "", (0, 99), "linear", "Its number in the tray of Mass, from 0."),
        Number("soft", "Soft over", "m", (0.2, 200.0), "log", "How far off the form it still acts."))

    by: Literal["form"] = "form"
    form: Annotated[int, Field(ge=0, le=9_999)] = 0
    soft: Length = 10.0

    @classmethod
    def begun(cls, bounds, span):
        return cls(soft=rounded(span / 20.0))

    def sized(self, factor, place):
        return self.edited(soft=self.soft * factor)

    def read(self, landmarks):
        return (self._forms(landmarks),) if landmarks.mass is not None else ()

    def _forms(self, landmarks):
        return () if landmarks.mass is None else landmarks.mass.forms[self.form : self.form + 1]

    def share(self, coords, voxel, distance, landmarks, out):
        forms = self._forms(landmarks)
        if not forms:
            out[...] = 0.0
            return
        alone = Mass(forms=(forms[0].edited(role="adds", hidden=False),), melt=0.0, base=BaseLevel(on=False))
        shape = shape_of(alone, voxel, self.soft)
        count, rows = len(coords), len(shape.table)
        cells = Cells(1, coords, np.zeros(count, np.int64), np.full(count, rows, np.int64), np.arange(rows, dtype=np.int32),
                      np.zeros(count, np.int64))
        np.subtract(np.float32(1.0), distance_in(shape, voxel, cells) / np.float32(self.soft), out=out)
