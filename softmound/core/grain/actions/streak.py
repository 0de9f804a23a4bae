"""Streak: draws the edge out into wisps."""

import math
from typing import Annotated, ClassVar, Literal

import numpy as np
from pydantic import Field

from ...directions import direction_of
from ...kernels import each, f32, i32
from ...noise.sums import noise_bricks
from ...recipe.grains import MOVED, Grain, Metres20000, rounded
from ...recipe.rows import Number
from ...recipe.value import Degrees, Length
from ...volume.bricks import LANES, NOTHING, SIDE
from ...volume.lookup import code_at

MOST_SAMPLES = 48
"""Samples along a streak at the most."""


@each("coords")
def _streaked(b, low, top, nodes, values, tile_values, coords, reach, way, weights, most_of_all, out):
    """The most that is found up the wind, tapering with how far off it is."""
    samples, wx, wy, wz = weights.shape[0], way[0], way[1], way[2]
    step = f32(1) / f32(samples)
    own = code_at(low, top, nodes, coords[b, 0], coords[b, 1], coords[b, 2])
    # The brick that was looked up last is mostly the next one too.
    px = i32(0)
    py = i32(0)
    pz = i32(0)
    code = i32(NOTHING)
    known = False
    for lane in range(LANES):
        n = i32(lane)
        x = f32(coords[b, 0] * SIDE + (n >> 6)) + f32(0.5)
        y = f32(coords[b, 1] * SIDE + ((n >> 3) & 7)) + f32(0.5)
        z = f32(coords[b, 2] * SIDE + (n & 7)) + f32(0.5)
        most = values[own, lane] if own >= 0 else f32(0) if own == NOTHING else tile_values[-2 - own]
        long = reach[b, lane] * step
        if reach[b, lane] > f32(0.25):
            for s in range(samples):
                if weights[s] * most_of_all <= most:
                    break
                back = f32(s + 1) * long
                i = i32(np.floor(x - wx * back))
                j = i32(np.floor(y - wy * back))
                k = i32(np.floor(z - wz * back))
                if not known or i >> 3 != px or j >> 3 != py or k >> 3 != pz:
                    known = True
                    px = i >> 3
                    py = j >> 3
                    pz = k >> 3
                    code = code_at(low, top, nodes, px, py, pz)
                if code >= 0:
                    most = max(most, weights[s] * values[code, ((i & 7) << 6) | ((j & 7) << 3) | (k & 7)])
                elif code != NOTHING:
                    most = max(most, weights[s] * tile_values[-2 - code])
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
    strength: Metres20000 = 25.0
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
        acts = np.ones(len(coords), bool) if share is None else share.any(axis=1)
        reach = np.zeros_like(out)
        noise = noise_bricks(coords[acts], grid.voxel, self, np.empty((int(acts.sum()), LANES), np.float32), landmarks.origin)
        if self.signed:
            noise = 0.5 + 0.5 * noise
        reach[acts] = noise * np.float32(self.strength / grid.voxel)
        if share is not None:
            reach *= share
        way = direction_of(self.azimuth, self.elevation)
        samples = int(np.clip(math.ceil(self.strength / grid.voxel), 4, MOST_SAMPLES))
        weights = ((1.0 - np.arange(1, samples + 1) / samples) ** self.taper).astype(np.float32)
        _streaked(*grid.tables, coords, reach, way.astype(np.float32), weights, f32(grid.most), out)
