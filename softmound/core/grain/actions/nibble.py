"""Nibble: eats the edge of the density away where the noise is high."""

from typing import ClassVar, Literal

from ...kernels import each, f32
from ...noise.sums import noise_bricks
from ...recipe.grains import EDGE, Grain, rounded
from ...recipe.rows import Number
from ...recipe.value import Length, Share
from ...volume.bricks import LANES
from ..where import shares

_MOST_EATEN = f32(0.999)


@each("density")
def _nibble(b, density, distance, noise, share, masked, signed, core, per_depth, strength):
    """Take density away by noise, less with depth, and stretch the rest."""
    for lane in range(LANES):
        n = f32(0.5) + f32(0.5) * noise[b, lane] if signed else noise[b, lane]
        deep = max(f32(0), min(f32(1), -distance[b, lane] * per_depth))
        eaten = strength * n * (f32(1) - deep) * (share[b, lane] if masked else f32(1))
        eaten = min(_MOST_EATEN, eaten)
        # What is eaten is taken off and the rest stretched: the core stays, the edge frays.
        left = max(f32(0), (density[b, lane] - eaten * core) / (f32(1) - eaten))
        density[b, lane] = min(density[b, lane], left)


class Nibble(Grain):
    """Eats the edge of the density away where the noise is high, down to `depth`."""

    order: ClassVar[int] = 30
    works_on: ClassVar[str] = EDGE
    sentence: ClassVar[str] = "eats the edge of the density away"
    lengths: ClassVar[tuple] = ("depth",)
    rows: ClassVar[tuple] = (
        Number("strength", "Strength", "", None, "linear", "How much is eaten where the noise is highest."),
        Number("depth", "Depth", "m", (0.2, 200.0), "log", "How deep it eats."),
    )

    action: Literal["nibble"] = "nibble"
    strength: Share = 0.7
    depth: Length = 8.0
    summed: Literal["fbm", "folded", "ridged", "domed"] = "folded"

    @classmethod
    def begun(cls, span, light):
        feature = rounded(max(span / 20.0, 0.5))
        return cls(feature=feature, depth=rounded(feature * 0.8))

    @classmethod
    def carried(cls, other):
        return {"depth": other.feature * 0.6}

    @property
    def amplitude(self):
        return self.strength * self.depth  # how deep it eats

    def act(self, density, distance, coords, voxel, core, landmarks, room):
        noise = noise_bricks(coords, voxel, self, room, landmarks.origin)
        share = shares(self.where, coords, voxel, distance, landmarks)
        _nibble(density, distance, noise, room if share is None else share, share is not None, self.signed, core,
                f32(1.0 / self.depth), f32(self.strength))
