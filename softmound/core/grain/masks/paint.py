"""Painted: where strokes of paint lie."""

from typing import Annotated, ClassVar, Literal

from pydantic import Field

from ...recipe.grains import Mask, Paint
from ..painting import painted


class Painted(Mask):
    """Where it was painted in the picture."""

    sentence: ClassVar[str] = "Where it was painted in the picture."
    label: ClassVar[str] = "Painted"
    order: ClassVar[int] = 60

    by: Literal["paint"] = "paint"
    strokes: Annotated[tuple[Paint, ...], Field(max_length=500)] = ()

    @classmethod
    def examples(cls):
        return (cls(strokes=(Paint(path=((0.0, 20.0, 0.0, 1.0),)),)),)

    def sized(self, factor, place):
        return self.edited(strokes=tuple(stroke.sized(factor, place) for stroke in self.strokes))

    def share(self, coords, voxel, distance, landmarks, out):
        painted(coords, voxel, self.strokes, out)
