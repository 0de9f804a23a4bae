"""By noise: as a noise of its own says."""

from typing import ClassVar, Literal

import numpy as np

from ...noise.sums import noise_bricks
from ...recipe.grains import Mask, Noise, rounded


class ByNoise(Mask):
    """As a noise says."""

    sentence: ClassVar[str] = "As a noise of its own says: here and there."
    label: ClassVar[str] = "By noise"
    order: ClassVar[int] = 50
    of_noise: ClassVar[tuple] = ("kind", "summed", "feature", "octaves", "seed")

    by: Literal["noise"] = "noise"
    noise: Noise = Noise(feature=60.0, octaves=2, seed=97)

    @classmethod
    def begun(cls, bounds, span):
        return cls(noise=Noise(feature=rounded(span / 4.0), octaves=2, seed=97))

    def sized(self, factor, place):
        return self.edited(noise=self.noise.sized(factor, place))

    @property
    def noises(self):
        return (self.noise,)

    def share(self, coords, voxel, distance, landmarks, out):
        noise_bricks(coords, voxel, self.noise, out, landmarks.origin)
        if self.noise.signed:
            out *= np.float32(0.5)
            out += np.float32(0.5)
