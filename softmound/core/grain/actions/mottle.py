"""Mottle: varies the density inside."""

from typing import ClassVar, Literal

from ...kernels import each, f32
from ...noise.sums import noise_bricks
from ...recipe.grains import EDGE, Grain, rounded
from ...recipe.rows import Maybe, Number
from ...recipe.value import Length, Share
from ...volume.bricks import LANES
from ..where import shares


@each("density")
def _mottle(b, density, distance, noise, share, masked, signed, per_depth, strength, floor):
    """Multiply density by noise, less with depth."""
    for lane in range(LANES):
        n = noise[b, lane] if signed else f32(2) * noise[b, lane] - f32(1)
        deep = max(f32(0), min(f32(1), -distance[b, lane] * per_depth))
        acts = strength * (f32(1) - deep) * (share[b, lane] if masked else f32(1))
        density[b, lane] *= max(floor, f32(1) + acts * n)


class Mottle(Grain):
    """Varies the density inside, never below `floor` of what it was; within `depth` of the surface, or all over."""

    order: ClassVar[int] = 40
    works_on: ClassVar[str] = EDGE
    sentence: ClassVar[str] = "varies the density inside"
    lengths: ClassVar[tuple] = ("depth",)
    rows: ClassVar[tuple] = (
        Number("strength", "Strength", "", None, "linear", "How much the density varies."),
        Number("floor", "Floor", "", None, "linear", "Never less than this of what was there: no holes open."),
        Maybe("depth", "Only near the surface", "m", (0.5, 200.0), "log", "How deep it reaches.", begins=20.0),
    )

    action: Literal["mottle"] = "mottle"
    strength: Share = 0.4
    floor: Share = 0.3
    depth: Length | None = None

    @classmethod
    def begun(cls, span, light):
        feature = rounded(max(span / 20.0, 0.5))
        return cls(feature=feature, depth=rounded(feature * 2.0))

    @classmethod
    def carried(cls, other):
        return {}

    @property
    def amplitude(self):
        return self.strength * self.feature / 4.0  # it moves nothing: a share of its feature size

    @classmethod
    def examples(cls):
        return (cls(depth=4.0),)

    def act(self, density, distance, coords, voxel, core, landmarks, room):
        noise = noise_bricks(coords, voxel, self, room, landmarks.origin)
        share = shares(self.where, coords, voxel, distance, landmarks)
        _mottle(density, distance, noise, room if share is None else share, share is not None, self.signed,
                f32(0.0 if self.depth is None else 1.0 / self.depth), f32(self.strength), f32(self.floor))
