"""Ring that lies flat: its tube is as thick as it is high."""

import numpy as np

from ...kernels import call
from .shape import ALONG, SolidShape, turned


@call
def _distance(b, x, y, z):
    """Radius of the ring's middle in column 12, of its tube in 13."""
    out = np.sqrt(x * x + z * z) - b[12]
    return np.sqrt(out * out + y * y) - b[13]


class Ring(SolidShape):
    """As wide as is stated on the outside."""

    word, order = "ring", 30
    sentence = "A tube bent to a ring that lies flat."
    wide, tall = 3.0, 0.5
    distance = _distance

    def sizes(self, solid):
        x, y, _ = (s / 2 for s in solid.size)
        tube = min(y, 0.999 * x)
        return (x - tube, tube), 0.0

    def extent(self, sizes, edge):
        across = sizes[:, 0] + sizes[:, 1]
        return np.stack([across, sizes[:, 1], across], 1), np.zeros(len(sizes))

    def triangles(self, solid):
        x, y, z = (s / 2 for s in solid.size)
        tube = min(y, 0.999 * min(x, z))
        angle = np.linspace(0.0, 2 * np.pi, ALONG, endpoint=False)
        vertices, faces = turned(np.stack([1.0 + 0.0 * angle, angle], 1), (1.0, 1.0, 1.0), closed=True)
        around = np.arctan2(vertices[:, 2], vertices[:, 0])
        middle = np.stack([(x - tube) * np.cos(around), 0 * around, (z - tube) * np.sin(around)], 1)
        # Out from the ring's middle line, square to it.
        normal = np.stack([(z - tube) * np.cos(around), 0 * around, (x - tube) * np.sin(around)], 1)
        normal /= np.maximum(np.linalg.norm(normal, axis=1)[:, None], 1e-12)
        turn = vertices[:, 1]
        return middle + tube * (np.cos(turn)[:, None] * normal + np.sin(turn)[:, None] * [0.0, 1.0, 0.0]), faces
