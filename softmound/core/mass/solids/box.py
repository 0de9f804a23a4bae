"""Box with round edges."""

import numpy as np

from ...kernels import call, f32
from .shape import SolidShape


@call
def _distance(b, x, y, z):
    """Half sizes less the edge in columns 12 to 14, the edge in 21."""
    qx = abs(x) - b[12]
    qy = abs(y) - b[13]
    qz = abs(z) - b[14]
    ox = max(qx, f32(0))
    oy = max(qy, f32(0))
    oz = max(qz, f32(0))
    return np.sqrt(ox * ox + oy * oy + oz * oz) + min(max(qx, max(qy, qz)), f32(0)) - b[21]


class Box(SolidShape):
    """As wide, tall and deep as is stated."""

    word, order, turned, has = "box", 20, False, ("edge",)
    sentence = "With edges that can be rounded."
    distance = _distance

    def sizes(self, solid):
        half = [s / 2 for s in solid.size]
        edge = self.edge_of(solid, min(half))
        return [h - edge for h in half], edge

    def edge_of(self, solid, most):
        """Radius of the edges, which must fit: float."""
        return min(solid.edge, most)

    def extent(self, sizes, edge):
        return sizes[:, :3] + edge[:, None], np.zeros(len(sizes))

    def triangles(self, solid):
        x, y, z = (s / 2 for s in solid.size)
        corners = np.stack(np.meshgrid([-x, x], [-y, y], [-z, z], indexing="ij"), -1).reshape(-1, 3)
        quads = [(0, 1, 3, 2), (4, 6, 7, 5), (0, 4, 5, 1), (2, 3, 7, 6), (0, 2, 6, 4), (1, 5, 7, 3)]
        return corners, np.array([t for a, b, c, d in quads for t in ((a, b, c), (a, c, d))], np.int32)
