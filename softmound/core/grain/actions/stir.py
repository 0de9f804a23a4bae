"""Stir: moves the density by a field without sources, or by three noises."""

from typing import Annotated, ClassVar, Literal

import numpy as np
from pydantic import Field

from ...noise.sums import noise_points
from ...recipe.grains import MOVED, SIZE, Grain, Metres4000, Noise, Octaves, rounded
from ...recipe.rows import Choice, Number
from ..moving import points_of, sampled

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
    strength: Metres4000 = 6.0
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
        points = points_of(coords, grid.voxel)
        weight = np.float32(self.strength / self.steps)
        if share is not None:
            weight = weight * share.reshape(-1, 1)
        for _ in range(self.steps):
            field = vector_field(points, self, landmarks)
            length = np.linalg.norm(field, axis=1, keepdims=True)
            # Never farther than the stated strength, which bounds where density can come from.
            points = points - weight * field / np.maximum(length, np.float32(1.0))
        sampled(grid, points, out)


def vector_field(points, grain, landmarks):
    """The field that Stir moves density by.

    Parameters
    ----------
    points : ndarray of float32, shape (n, 3)
        Metres.
    grain : Stir
        "curl": the cross product of the slopes of two noises, which has no sources (DeWolf 2005, Divergence-free
        noise); "three": a noise for each axis.
    landmarks : Landmarks

    Returns
    -------
    ndarray of float32, shape (n, 3)
        Mostly within 1 in length.
    """
    noises = [Noise.model_construct(**{f: getattr(grain, f) for f in Noise.model_fields}).model_copy(
        update={"seed": (grain.seed + more) % 2**31, "summed": "fbm", "contrast": None}) for more in _THREE]
    if grain.field == "three":
        return np.stack([noise_points(points, noise, landmarks.origin) for noise in noises], axis=1)
    step = np.float32(0.01 * grain.feature / grain.lacunarity ** (grain.octaves - 1))
    slopes = []
    for noise in noises[:2]:
        here = noise_points(points, noise, landmarks.origin)
        parts = []
        for axis in range(3):
            ahead = points.copy()
            ahead[:, axis] += step
            parts.append(noise_points(ahead, noise, landmarks.origin) - here)
        slopes.append(np.stack(parts, axis=1) * np.float32(grain.feature / step))
    # Slopes of gradient noise are about 1.3 in size over a feature: their cross product is brought to about 1.
    return np.cross(*slopes) * np.float32(0.6)
