"""Streak: draws the edge out into wisps."""

import math
from typing import Annotated, ClassVar, Literal

import numpy as np
from pydantic import Field

from ...directions import direction_of
from ...kernels import f32, i32, kernel, prange
from ...noise.sums import noise_bricks
from ...recipe.grains import MOVED, Grain, Metres4000, rounded
from ...recipe.rows import Number
from ...recipe.value import Degrees, Length
from ...volume.bricks import LANES, SIDE
from ...volume.lookup import value_at

MOST_SAMPLES = 48
"""Samples along a streak at the most."""


@kernel
def _streaked(low, top, nodes, values, tile_values, coords, reach, wx, wy, wz, samples, taper, out):
    """The most that is found up the wind, tapering with how far off it is."""
    for b in prange(coords.shape[0]):
        for lane in range(LANES):
            n = i32(lane)
            x = f32(coords[b, 0] * SIDE + (n >> 6))
            y = f32(coords[b, 1] * SIDE + ((n >> 3) & 7))
            z = f32(coords[b, 2] * SIDE + (n & 7))
            most = value_at(low, top, nodes, values, tile_values, f32(0), i32(x), i32(y), i32(z))
            long = reach[b, lane]
            if long > f32(0.25):
                for s in range(1, samples + 1):
                    share = f32(s) / f32(samples)
                    back = share * long
                    found = value_at(low, top, nodes, values, tile_values, f32(0), i32(np.floor(x - wx * back + f32(0.5))),
                                     i32(np.floor(y - wy * back + f32(0.5))), i32(np.floor(z - wz * back + f32(0.5))))
                    most = max(most, found * (f32(1) - share) ** taper)
            out[b, lane] = most


class Streak(Grain):
    """Draws the edge out along a direction, tapering, as far as the noise lets it."""

    order: ClassVar[int] = 50
    works_on: ClassVar[str] = MOVED
    sentence: ClassVar[str] = "draws the edge out into wisps"
    rows: ClassVar[tuple] = (
        Number("strength", "Length", "m", (0.5, 500.0), "log", "How far the wisps reach."),
        Number("azimuth", "Toward", "°", (-180.0, 180.0), "linear", "Where they go, from +z toward +x."),
        Number("elevation", "Upward", "°", (-90.0, 90.0), "linear", "How steeply they rise."),
        Number("taper", "Taper", "", None, "linear", "How soon they thin out."),
    )

    action: Literal["streak"] = "streak"
    strength: Metres4000 = 25.0
    azimuth: Degrees = 90.0
    elevation: Annotated[float, Field(ge=-90.0, le=90.0)] = 8.0
    taper: Annotated[float, Field(ge=0.2, le=6.0)] = 1.5
    feature: Length = 8.0
    stretch: tuple[*[Annotated[float, Field(ge=0.05, le=20.0)]] * 3] = (1.0, 1.0, 1.0)

    @classmethod
    def begun(cls, span, light):
        feature = rounded(max(span / 20.0, 0.5))
        return cls(feature=feature, strength=rounded(feature * 3.0), azimuth=light.sun.azimuth)

    @classmethod
    def carried(cls, other):
        return {"strength": rounded(super().carried(other)["strength"] * 2.0, 3)}

    @property
    def amplitude(self):
        return min(self.strength, self.feature)

    @classmethod
    def examples(cls):
        return (cls(strength=2.0),)

    def reached(self, spread):
        return spread.down(self.strength, direction_of(self.azimuth, self.elevation))

    def act(self, grid, coords, landmarks, share, out):
        noise = noise_bricks(coords, grid.voxel, self, np.empty_like(out), landmarks.origin)
        if self.signed:
            noise = 0.5 + 0.5 * noise
        reach = noise * np.float32(self.strength / grid.voxel)
        if share is not None:
            reach *= share
        way = direction_of(self.azimuth, self.elevation)
        samples = int(np.clip(math.ceil(self.strength / grid.voxel), 4, MOST_SAMPLES))
        _streaked(*grid.tables, coords, reach, *(f32(v) for v in way), samples, f32(self.taper), out)
