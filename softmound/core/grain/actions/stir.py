"""Stir: moves the density by a field without sources, or by three noises."""

from typing import Annotated, ClassVar, Literal

from pydantic import Field

from ...noise.flow import field_at, walked_back
from ...recipe.grains import MOVED, SIZE, Grain, Metres20000, Noise, Octaves, rounded
from ...recipe.rows import Choice, Number
from ..moving import sampled

_THREE = (0, 7919, 15107)
"""Differences of the seeds of the three noises of a vector field."""


class Stir(Grain):
    """Moves the density by a field without sources (curl), or by three noises, in small steps."""

    order: ClassVar[int] = 20
    works_on: ClassVar[str] = MOVED
    sentence: ClassVar[str] = "moves the density by a vector field"
    rows: ClassVar[tuple] = (
        Number("strength", "Strength", *SIZE, "How far density is moved at the most."),
        Choice("field", "Field", (("curl", "Curl"), ("three", "Three noises"))),
        Number("steps", "Steps", "", None, "linear", "Small steps follow the field round its bends."),
    )

    action: Literal["stir"] = "stir"
    strength: Metres20000 = 6.0
    field: Literal["curl", "three"] = "curl"
    steps: Annotated[int, Field(ge=1, le=16)] = 3
    octaves: Octaves = 2

    @classmethod
    def begun(cls, span, light):
        feature = rounded(max(span / 6.0, 0.5))
        return cls(feature=feature, strength=rounded(feature * 0.3))

    @property
    def moves_metres(self):
        return True

    @classmethod
    def examples(cls):
        return (cls(strength=1.0, steps=1),)

    def act(self, grid, coords, landmarks, share, out):
        """In small steps up the stream, so that large warps follow the field round its bends."""
        sampled(grid, walked_back(coords, grid.voxel, _noises(self), self.strength, self.steps, share, landmarks.origin), out)


def vector_field(points, grain, landmarks):
    """The field that Stir moves density by.

    Parameters
    ----------
    points : ndarray of float32, shape (n, 3)
        Metres.
    grain : Stir
        "curl": without sources; "three": a noise for each axis.
    landmarks : Landmarks

    Returns
    -------
    ndarray of float32, shape (n, 3)
        Mostly within 1 in length.
    """
    return field_at(points, _noises(grain), landmarks.origin)


def _noises(grain):
    plain = Noise.model_construct(**{f: getattr(grain, f) for f in Noise.model_fields})
    return [plain.model_copy(update={"seed": (grain.seed + more) % 2**31})
            for more in (_THREE if grain.field == "three" else _THREE[:2])]
