"""By facing: all where the surface faces one way, nothing where it faces away."""

from typing import ClassVar, Literal

import numpy as np

from ...kernels import each, f32
from ...noise.sums import slopes_in_brick
from ...recipe.grains import Mask
from ...recipe.rows import Choice
from ...volume.bricks import LANES

_WAYS = {"up": (0.0, 1.0, 0.0), "side": (0.0, 1.0, 0.0), "down": (0.0, -1.0, 0.0)}


@each("distance")
def _facing(b, distance, voxel, wx, wy, wz, sideways, out):
    """How much the surface faces a direction, from the slope of the distance."""
    slopes = np.empty((3, LANES), np.float32)
    slopes_in_brick(distance[b], voxel, slopes)
    for lane in range(LANES):
        gx, gy, gz = slopes[0, lane], slopes[1, lane], slopes[2, lane]
        steep = np.sqrt(gx * gx + gy * gy + gz * gz) + f32(1e-6)
        along = (gx * wx + gy * wy + gz * wz) / steep
        out[b, lane] = f32(1) - abs(gy) / steep if sideways else f32(0.5) + f32(0.5) * along


class ByFacing(Mask):
    """All where the surface faces so, nothing where it faces away."""

    sentence: ClassVar[str] = "All where the surface faces one way, nothing where it faces away."
    label: ClassVar[str] = "By facing"
    order: ClassVar[int] = 30
    rows: ClassVar[tuple] = (
        Choice("toward", "Facing", (("up", "Up"), ("side", "Sideways"), ("down", "Down"), ("sun", "The sun"))),)
    reads_distance: ClassVar[bool] = True

    by: Literal["facing"] = "facing"
    toward: Literal["up", "down", "side", "sun"] = "up"

    def read(self, landmarks):
        return (landmarks.sun,) if self.toward == "sun" else ()

    def share(self, coords, voxel, distance, landmarks, out):
        way = _WAYS.get(self.toward, landmarks.sun)
        _facing(distance, f32(voxel), *(f32(v) for v in way), self.toward == "side", out)
