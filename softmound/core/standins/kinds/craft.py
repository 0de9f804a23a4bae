"""A flying craft."""

from typing import ClassVar, Literal

import numpy as np

from ...recipe.standins import Sized
from ...recipe.value import Colour, Length, Name
from ..shapes import joined, lathed


def _vane(root, tip, chord, thick):
    """A wing or fin from its root to its tip: the leading edges, how long each is, and how thick."""
    root, tip = np.asarray(root, float), np.asarray(tip, float)
    out = (tip - root) / np.linalg.norm(tip - root)
    up = np.cross([0.0, 0.0, 1.0], out)
    # A lens: round in front, sharp behind.
    lens = np.array([(0.0, 0.0), (0.08, 0.45), (0.3, 0.6), (0.65, 0.35), (1.0, 0.0), (0.65, -0.2), (0.3, -0.3), (0.08, -0.25)])
    rings = [point - lens[:, :1] * [0.0, 0.0, long] + lens[:, 1:] * up * thick * long
             for point, long in ((root, chord[0]), (tip, chord[1]))]
    count = len(lens)
    at = np.arange(count)
    on = (at + 1) % count
    sides = np.concatenate([np.stack([at, on, on + count], -1), np.stack([at, on + count, at + count], -1)])
    fan = np.stack([np.zeros(count - 2, int), 1 + np.arange(count - 2), 2 + np.arange(count - 2)], -1)
    vertices, faces = np.concatenate(rings), np.concatenate([sides, fan + count, fan[:, ::-1]])
    corners = vertices[faces]
    outward = np.einsum("tn,tn->t", np.cross(corners[:, 1] - corners[:, 0], corners[:, 2] - corners[:, 0]),
                        corners.mean(axis=1) - vertices.mean(axis=0))
    return vertices, (faces if outward.sum() > 0 else faces[:, ::-1]).astype(np.int32)


class Craft(Sized):
    """A flying craft with wings, which flies along its own z; its size is span, height and length."""

    order: ClassVar[int] = 65
    label: ClassVar[str] = "Craft"
    sentence: ClassVar[str] = "A flying craft of stated span, height and length, which flies along its own z."

    kind: Literal["craft"] = "craft"
    name: Name = "Craft"
    size: tuple[Length, Length, Length] = (26.0, 7.0, 30.0)
    colour: Colour = (0.62, 0.62, 0.6)

    def triangles(self):
        # Drawn 30 m long along z, its nose at +15.
        body, faces = lathed([(0.0, -15.0), (0.25, -14.6), (0.8, -12.0), (1.35, -8.0), (1.7, -2.0), (1.7, 7.0), (1.45, 11.0),
                              (0.95, 13.4), (0.4, 14.7), (0.0, 15.0)], 32, (1.0, 1.08))
        body = body[:, [0, 2, 1]]
        parts = [(body, faces[:, ::-1].astype(np.int32)), _vane((0.0, 1.2, -9.5), (0.0, 5.6, -14.2), (5.0, 2.2), 0.10)]
        for side in (-1.0, 1.0):
            parts += [_vane((side * 1.2, -0.5, 4.5), (side * 13.0, 0.5, -2.5), (6.4, 2.0), 0.12),
                      _vane((side * 0.8, 0.6, -11.0), (side * 4.8, 1.0, -13.6), (3.0, 1.4), 0.10)]
            pod, pod_faces = lathed([(0.0, -1.8), (0.55, -1.8), (0.75, -0.6), (0.8, 0.8), (0.66, 1.7), (0.0, 1.75)], 16)
            parts.append((pod[:, [0, 2, 1]] + [side * 4.6, -1.25, 2.9], pod_faces[:, ::-1].astype(np.int32)))
        vertices, faces = joined(*parts)
        low, high = vertices.min(axis=0), vertices.max(axis=0)
        middle = np.array([(low[0] + high[0]) / 2, low[1], (low[2] + high[2]) / 2])
        return (vertices - middle) * (np.array(self.size) / (high - low)), faces
