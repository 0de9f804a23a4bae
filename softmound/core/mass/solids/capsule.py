"""Upright capsule."""

import numpy as np

from ...kernels import call
from .shape import ALONG, SolidShape, turned


@call
def _distance(b, x, y, z):
    """Radius in column 12, half the length of the straight part in 13."""
    y -= max(-b[13], min(b[13], y))
    return np.sqrt(x * x + y * y + z * z) - b[12]


class Capsule(SolidShape):
    """As tall as is stated, its ends included."""

    word, order, tall = "capsule", 50, 3.0
    sentence = "An upright cylinder with round ends."
    distance = _distance

    def sizes(self, solid):
        x, y, _ = (s / 2 for s in solid.size)
        return (x, max(y - x, 0.0)), 0.0

    def extent(self, sizes, edge):
        return np.stack([sizes[:, 0], sizes[:, 0] + sizes[:, 1], sizes[:, 0]], 1), np.zeros(len(sizes))

    def triangles(self, solid):
        x, y, z = (s / 2 for s in solid.size)
        radius = min(x, z)
        straight = max(y - radius, 0.0)
        angle = np.linspace(-np.pi / 2, np.pi / 2, ALONG)
        up = radius * np.sin(angle) + np.where(angle >= 0.0, straight, -straight)
        return turned(np.stack([np.cos(angle), up], 1), (x, 1.0, z))
