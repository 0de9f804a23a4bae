"""A person."""

from typing import ClassVar, Literal

import numpy as np

from ...recipe.standins import Sized
from ...recipe.value import Colour, Length, Name
from ..shapes import globe, joined, lathed, limb

TALL = 1.75
"""Metres of the figure that is drawn."""


class Person(Sized):
    """A person of 1.75 m, standing."""

    order: ClassVar[int] = 50
    label: ClassVar[str] = "Person"
    sentence: ClassVar[str] = "A person of 1.75 m, standing, who faces along its own z."

    kind: Literal["person"] = "person"
    name: Name = "Person"
    size: tuple[Length, Length, Length] = (0.56, TALL, 0.34)
    colour: Colour = (0.42, 0.30, 0.24)

    def triangles(self):
        trunk = lathed([(0.0, 0.80), (0.13, 0.82), (0.165, 0.92), (0.145, 1.08), (0.175, 1.28), (0.19, 1.38), (0.13, 1.45),
                        (0.055, 1.49), (0.05, 1.56), (0.0, 1.57)], 24, (1.0, 0.62))
        parts = [trunk, globe((0.0, 1.64, 0.015), (0.078, 0.11, 0.095), 24)]
        for side in (-1.0, 1.0):
            parts += [limb((side * 0.09, 0.84, 0.0), (side * 0.10, 0.46, 0.012), (0.082, 0.056)),
                      limb((side * 0.10, 0.46, 0.012), (side * 0.105, 0.08, -0.01), (0.055, 0.036)),
                      limb((side * 0.105, 0.04, -0.04), (side * 0.115, 0.032, 0.12), (0.04, 0.032)),
                      limb((side * 0.205, 1.36, 0.0), (side * 0.245, 1.09, -0.015), (0.052, 0.04)),
                      limb((side * 0.245, 1.09, -0.015), (side * 0.25, 0.83, 0.04), (0.04, 0.03))]
        vertices, faces = joined(*parts)
        low, high = vertices.min(axis=0), vertices.max(axis=0)
        middle = np.array([(low[0] + high[0]) / 2, low[1], (low[2] + high[2]) / 2])
        return (vertices - middle) * (np.array(self.size) / (high - low)), faces
