"""By tiredness: all where the cloud is old, nothing where it is fresh."""

import math
from typing import Annotated, ClassVar, Literal

import numpy as np
from pydantic import Field

from ...kernels import each, f32
from ...mass.cells import Cells
from ...mass.distance import distance_in
from ...mass.table import shape_of
from ...noise.sums import noise_bricks, slopes_in_brick
from ...recipe.grains import Mask, Noise, rounded
from ...recipe.models import BaseLevel, Mass
from ...recipe.rows import Number
from ...recipe.value import Degrees, Length, Metres, Share
from ...volume.bricks import LANES, SIDE


@each("coords")
def _aged(b, coords, distance, noise, voxel, low, high, east, north, lee, uneven, out):
    """Share by how low a place is, on the lee side of a wind, and by noise."""
    rise = f32(1) / (high - low) if high != low else f32(1e6)
    y0 = f32(coords[b, 1] * SIDE) * voxel
    slopes = np.empty((3, LANES), np.float32)
    if lee != f32(0):
        slopes_in_brick(distance[b], voxel, slopes)
    for lane in range(LANES):
        y = y0 + f32((lane >> 3) & 7) * voxel
        old = f32(1) - min(max((y - low) * rise, f32(0)), f32(1))
        if lee != f32(0):
            gx, gy, gz = slopes[0, lane], slopes[1, lane], slopes[2, lane]
            steep = math.sqrt(gx * gx + gy * gy + gz * gz) + f32(1e-6)
            old += lee * (gx * east + gz * north) / steep
        out[b, lane] = old + uneven * (f32(2) * noise[b, lane] - f32(1))


class ByTired(Mask):
    """All where the cloud is tired, nothing where it is fresh.

    Tired is what lies low, down to `low`; fresh what stands up to `high`. The side the wind blows to, from +z toward +x, is
    more tired by `lee`, the other as much less; a noise changes it by `uneven`. Forms that are tired by themselves are so at
    least as far as they say, within them and over `soft` metres around.
    """

    sentence: ClassVar[str] = "All where the cloud is old and frayed, nothing where it is fresh."
    label: ClassVar[str] = "By tiredness"
    order: ClassVar[int] = 45
    rows: ClassVar[tuple] = (
        Number("low", "Tired below", "m", (-200.0, 1000.0), "linear", "Altitude up to which the cloud is old."),
        Number("high", "Fresh above", "m", (-200.0, 1000.0), "linear", "Altitude from which on it is new."),
        Number("wind", "Wind toward", "°", (-180.0, 180.0), "linear", "Where the wind blows to, from +z toward +x."),
        Number("lee", "On the lee", "", None, "linear", "How much more tired the side is that the wind blows to."),
        Number("soft", "Soft over", "m", (0.2, 200.0), "log", "How far around a tired form."),
        Number("uneven", "Uneven", "", None, "linear", "How much it changes from place to place, by the noise below."))
    of_noise: ClassVar[tuple] = ("feature", "octaves", "seed")
    reads_distance: ClassVar[bool] = True

    by: Literal["tired"] = "tired"
    low: Metres = 0.0
    high: Metres = 60.0
    wind: Degrees = 90.0
    lee: Share = 0.3
    soft: Length = 8.0
    uneven: Annotated[float, Field(ge=0.0, le=2.0)] = 0.3
    noise: Noise = Noise(feature=40.0, octaves=2, seed=61)

    @classmethod
    def begun(cls, bounds, span):
        levels = {} if bounds is None else {"low": rounded(bounds[0][1], 3), "high": rounded(bounds[1][1], 3)}
        return cls(soft=rounded(span / 20.0), noise=Noise(feature=rounded(span / 6.0), octaves=2, seed=61), **levels)

    def sized(self, factor, place):
        return self.edited(low=place((0.0, self.low, 0.0))[1], high=place((0.0, self.high, 0.0))[1], soft=self.soft * factor,
                           noise=self.noise.sized(factor, place))

    @property
    def noises(self):
        return (self.noise,)

    def read(self, landmarks):
        return tuple(form for forms in self._tired(landmarks).values() for form in forms)

    def _tired(self, landmarks):
        """Forms by how tired they are by themselves, as far as they are."""
        found = {}
        for form in () if landmarks.mass is None else landmarks.mass.forms:
            if form.tired > 0.0 and form.shapes:
                found.setdefault(form.tired, []).append(form)
        return found

    def share(self, coords, voxel, distance, landmarks, out):
        noise = np.empty_like(out)
        noise_bricks(coords, voxel, self.noise, noise, landmarks.origin)
        if self.noise.signed:
            noise *= np.float32(0.5)
            noise += np.float32(0.5)
        way = math.radians(self.wind)
        _aged(coords, distance, noise, f32(voxel), f32(self.low), f32(self.high), f32(math.sin(way)), f32(math.cos(way)),
              f32(self.lee), f32(self.uneven), out)
        for tired, forms in self._tired(landmarks).items():
            alone = Mass(forms=tuple(form.edited(role="adds") for form in forms), melt=0.0, base=BaseLevel(on=False))
            shape = shape_of(alone, voxel, self.soft)
            count, rows = len(coords), len(shape.table)
            cells = Cells(1, coords, np.zeros(count, np.int64), np.full(count, rows, np.int64),
                          np.arange(rows, dtype=np.int32), np.zeros(count, np.int64))
            # Its own tiredness within, falling off outside.
            within = np.clip(1.0 - distance_in(shape, voxel, cells) / np.float32(self.soft), 0.0, 1.0)
            np.maximum(out, np.float32(tired) * within, out=out)
