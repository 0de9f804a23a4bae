"""A ridge."""

from typing import ClassVar, Literal

import numpy as np

from ...kernels import each, f32, u32
from ...noise.fbm import fbm_at
from ...noise.gradient import gradient_noise, octave_seed
from ...recipe.rows import Number
from ...recipe.standins import Sized, StandIn
from ...recipe.value import Colour, Length, Name, Seed, Share
from ..shapes import sheet

CELLS = 192
RIDGES = 5.0
"""Folds of the noise along the longer side."""


@each("out")
def _folded(n, places, seed, out):
    """Ridges of folded noise, from 0 to 1, at places in folds."""
    x, z = places[n, 0], places[n, 1]
    # Folds are bent, so that crests wander; finer ones stand on the crests, where rock is bare, and not in the hollows.
    bend_x = fbm_at(x * f32(0.6), f32(3.1), z * f32(0.6), 3, f32(2.0), f32(0.5), f32(0), u32(seed + 17))
    bend_z = fbm_at(x * f32(0.6), f32(9.7), z * f32(0.6), 3, f32(2.0), f32(0.5), f32(0), u32(seed + 31))
    x, z = x + f32(0.7) * bend_x, z + f32(0.7) * bend_z
    total, weight, size, most = f32(0), f32(1), f32(1), f32(0)
    for octave in range(7):
        fold = f32(1) - abs(gradient_noise(x, f32(0.5) + f32(octave), z, octave_seed(u32(seed), octave))) * f32(1.6)
        fold = max(fold, f32(0)) ** f32(2)
        total += size * fold * weight
        most += size
        # After Musgrave (1994, Texturing and modeling, chapter 16).
        weight = min(max(fold * f32(1.7), f32(0)), f32(1))
        size *= f32(0.47)
        x *= f32(2.03)
        z *= f32(2.03)
    out[n] = total / most


class Ridge(Sized):
    """Mountains by noise, which run out to nothing at their edge."""

    order: ClassVar[int] = 80
    label: ClassVar[str] = "Ridge"
    sentence: ClassVar[str] = "A chain of mountains along its own x, by noise; another seed, other peaks."
    shaped_by: ClassVar[tuple[str, ...]] = ("size", "seed", "sharp")
    shape_rows: ClassVar[tuple] = (
        *StandIn.shape_rows,
        Number("sharp", "Sharp", "", None, "linear", "0 for worn hills, 1 for crests like knives."),
        Number("seed", "Seed", "", (0, 999), "linear", "Another number, other peaks."),
    )

    kind: Literal["ridge"] = "ridge"
    name: Name = "Ridge"
    size: tuple[Length, Length, Length] = (2_000.0, 420.0, 1_000.0)
    sharp: Share = 0.6
    seed: Seed = 3
    colour: Colour = (0.16, 0.16, 0.13)

    @property
    def enclosed(self):
        return False

    def triangles(self):
        wide, high, deep = self.size
        longest = max(wide, deep)
        parts = [int(np.clip(round(CELLS * side / longest), 24, CELLS)) for side in (deep, wide)]
        vertices, faces = sheet((-wide / 2, 0.0, -deep / 2), (0.0, 0.0, deep), (wide, 0.0, 0.0), parts)
        folds = np.ascontiguousarray(vertices[:, [0, 2]] * (RIDGES / longest), np.float32)
        height = np.empty(len(folds), np.float32)
        _folded(folds, int(self.seed), height)
        # One chain in the middle, that runs out at all edges.
        u, v = vertices[:, 0] / (wide / 2), vertices[:, 2] / (deep / 2)
        chain = np.clip(1.0 - np.abs(v), 0.0, 1.0) ** (0.6 + 0.9 * self.sharp) * np.clip(1.0 - u**2, 0.0, 1.0) ** 0.7
        height = chain * (0.22 + 0.78 * height ** (0.6 + 0.8 * self.sharp))
        vertices[:, 1] = high * height / max(float(height.max()), 1e-9)
        return vertices, faces
