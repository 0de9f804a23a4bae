"""Crisp: finer detail on the edge that is there."""

from typing import ClassVar, Literal

import numpy as np

from ...kernels import f32, i32, kernel, prange
from ...noise.sums import noise_points
from ...recipe.grains import MOVED, Grain, Metres4000, rounded
from ...recipe.rows import Number
from ...recipe.value import Length
from ...volume.lookup import value_at
from ..moving import points_of, sampled


@kernel
def _along_slope(low, top, nodes, values, tile_values, amount, at):
    """Move places, in voxels, along the slope of the density there."""
    for n in prange(at.shape[0]):
        i = i32(np.floor(at[n, 0] + f32(0.5)))
        j = i32(np.floor(at[n, 1] + f32(0.5)))
        k = i32(np.floor(at[n, 2] + f32(0.5)))
        gx = (value_at(low, top, nodes, values, tile_values, f32(0), i + 1, j, k)
              - value_at(low, top, nodes, values, tile_values, f32(0), i - 1, j, k))
        gy = (value_at(low, top, nodes, values, tile_values, f32(0), i, j + 1, k)
              - value_at(low, top, nodes, values, tile_values, f32(0), i, j - 1, k))
        gz = (value_at(low, top, nodes, values, tile_values, f32(0), i, j, k + 1)
              - value_at(low, top, nodes, values, tile_values, f32(0), i, j, k - 1))
        share = amount[n] / max(np.sqrt(gx * gx + gy * gy + gz * gz), f32(1e-6))
        at[n, 0] += share * gx
        at[n, 1] += share * gy
        at[n, 2] += share * gz


class Crisp(Grain):
    """Finer detail on the edge that is there, which moves by no more than `strength`."""

    order: ClassVar[int] = 60
    works_on: ClassVar[str] = MOVED
    sentence: ClassVar[str] = "finer detail on the same silhouette"
    rows: ClassVar[tuple] = (
        Number("strength", "Bound", "m", (0.02, 50.0), "log", "The silhouette moves by no more than this."),)

    action: Literal["crisp"] = "crisp"
    strength: Metres4000 = 1.0
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
        points = points_of(coords, grid.voxel)
        noise = noise_points(points, self, landmarks.origin)
        if not self.signed:
            noise = 2.0 * noise - 1.0
        amount = np.float32(self.strength / grid.voxel) * noise
        if share is not None:
            amount = amount * share.ravel()
        at = np.ascontiguousarray(points / np.float32(grid.voxel), np.float32)
        _along_slope(*grid.tables, amount.astype(np.float32), at)
        sampled(grid, at * np.float32(grid.voxel), out)
