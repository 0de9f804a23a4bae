"""Crisp: finer detail on the edge that is there."""

from typing import ClassVar, Literal

import numpy as np

from ...kernels import each, f32, i32
from ...noise.sums import noise_bricks
from ...recipe.grains import MOVED, Grain, Metres20000, rounded
from ...recipe.rows import Number
from ...recipe.value import Length
from ...volume.bricks import LANES, SIDE
from ...volume.lookup import value_at
from ..moving import sampled


@each("coords")
def _along_slope(b, low, top, nodes, values, tile_values, coords, amount, voxel, at):
    """Places of voxels, in metres, moved along the slope of the density there."""
    for lane in range(LANES):
        i = coords[b, 0] * SIDE + i32(lane >> 6)
        j = coords[b, 1] * SIDE + i32((lane >> 3) & 7)
        k = coords[b, 2] * SIDE + i32(lane & 7)
        gx = (value_at(low, top, nodes, values, tile_values, f32(0), i + 1, j, k)
              - value_at(low, top, nodes, values, tile_values, f32(0), i - 1, j, k))
        gy = (value_at(low, top, nodes, values, tile_values, f32(0), i, j + 1, k)
              - value_at(low, top, nodes, values, tile_values, f32(0), i, j - 1, k))
        gz = (value_at(low, top, nodes, values, tile_values, f32(0), i, j, k + 1)
              - value_at(low, top, nodes, values, tile_values, f32(0), i, j, k - 1))
        share = amount[b, lane] / max(np.sqrt(gx * gx + gy * gy + gz * gz), f32(1e-6))
        at[b, 0, lane] = f32(i) * voxel + share * gx
        at[b, 1, lane] = f32(j) * voxel + share * gy
        at[b, 2, lane] = f32(k) * voxel + share * gz


class Crisp(Grain):
    """Finer detail on the edge that is there, which moves by no more than `strength`."""

    order: ClassVar[int] = 60
    works_on: ClassVar[str] = MOVED
    sentence: ClassVar[str] = "finer detail on the same silhouette"
    rows: ClassVar[tuple] = (
        Number("strength", "Bound", "m", (0.02, 50.0), "log", "The silhouette moves by no more than this."),)

    action: Literal["crisp"] = "crisp"
    strength: Metres20000 = 1.0
    feature: Length = 3.0

    @classmethod
    def begun(cls, span, light):
        feature = rounded(max(span / 20.0, 0.5))
        return cls(feature=feature / 2.0, strength=rounded(feature * 0.12))

    @classmethod
    def carried(cls, other):
        return {"strength": rounded(super().carried(other)["strength"] * 0.25, 3)}

    @classmethod
    def examples(cls):
        return (cls(strength=0.5),)

    def act(self, grid, coords, landmarks, share, out):
        """In and out along the slope of the density."""
        amount = noise_bricks(coords, grid.voxel, self, np.empty_like(out), landmarks.origin)
        if not self.signed:
            amount = 2.0 * amount - 1.0
        amount *= np.float32(self.strength)
        if share is not None:
            amount *= share
        at = np.empty((len(coords), 3, LANES), np.float32)
        _along_slope(*grid.tables, coords, amount, f32(grid.voxel), at)
        sampled(grid, at, out)
