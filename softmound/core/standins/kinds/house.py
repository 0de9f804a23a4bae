"""A house."""

from typing import ClassVar, Literal

import numpy as np

from ...recipe.standins import Sized
from ...recipe.value import Colour, Length, Name
from ..shapes import block, joined

EAVES, OVERHANG = 0.55, 0.06
"""Shares of the height at which the roof begins, and of the width by which it stands out."""


def _prism(across, low, high, deep, thick):
    """A gable roof along z: two slabs that lean together, and the wall between."""
    x, slope = across / 2, np.array([across / 2, high - low, 0.0])
    parts = []
    for side in (-1.0, 1.0):
        # A slab from the eaves to the ridge.
        foot, ridge = np.array([side * x, low, 0.0]), np.array([0.0, high, 0.0])
        normal = np.array([side * slope[1], slope[0], 0.0]) / np.hypot(*slope[:2]) * thick
        vertices = np.array([point + up + end for up in (0.0 * normal, normal) for point in (foot, ridge)
                             for end in (np.array([0.0, 0.0, -deep / 2]), np.array([0.0, 0.0, deep / 2]))])
        faces = np.array([[0, 1, 3], [0, 3, 2], [4, 7, 5], [4, 6, 7], [0, 5, 1], [0, 4, 5], [2, 3, 7], [2, 7, 6], [0, 2, 6],
                          [0, 6, 4], [1, 5, 7], [1, 7, 3]], np.int32)
        parts.append((vertices, faces if side > 0 else faces[:, ::-1]))
    return parts


class House(Sized):
    """A house with a gable roof and a chimney."""

    order: ClassVar[int] = 60
    label: ClassVar[str] = "House"
    sentence: ClassVar[str] = "A house of two floors with a gable roof and a chimney."
    smooth: ClassVar[float] = 10.0

    kind: Literal["house"] = "house"
    name: Name = "House"
    size: tuple[Length, Length, Length] = (9.0, 8.5, 12.0)
    colour: Colour = (0.62, 0.55, 0.46)

    def triangles(self):
        wide, high, deep = self.size
        x, z, eaves = wide / 2 * (1.0 - OVERHANG), deep / 2 * (1.0 - OVERHANG), high * EAVES
        top = high * 0.92
        gables = []
        for end in (-1.0, 1.0):
            corners = np.array([[-x, eaves, end * z], [x, eaves, end * z], [0.0, eaves + (top - eaves) * x / (wide / 2), end * z]])
            gables.append((corners, np.array([[0, 1, 2]] if end > 0 else [[0, 2, 1]], np.int32)))
        # Openings as shallow frames that throw small shadows, so that floors can be counted.
        frame, parts = high * 0.012, []
        for row in (0.14, 0.38):
            for n in range(4):
                at = -z + (n + 0.5) * (2 * z / 4)
                for side in (-1.0, 1.0):
                    low = np.array([side * x - frame, high * row - frame * 2, at - deep * 0.05])
                    parts.append(block(low, low + [2 * frame, frame * 2, deep * 0.1]))
        door = high * 0.02
        parts.append(block((-wide * 0.07, 0.0, z - door), (wide * 0.07, high * 0.26, z + door)))
        return joined(block((-x, 0.0, -z), (x, eaves, z), max(self.size) / 10), *gables, *parts,
                      *_prism(wide, eaves * 0.97, top, deep, high * 0.03),
                      block((x * 0.25, top * 0.8, -z * 0.6), (x * 0.25 + wide * 0.07, high, -z * 0.6 + wide * 0.07)))
