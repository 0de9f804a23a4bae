"""Tries the shape of solids of docs/architecture.md, found in a folder of its own: see `test_worked_example`."""

import os

import numpy as np
import trimesh

from softmound.core.kernels import serial
from softmound.core.mass import solids
from softmound.core.mass.boxes import row_boxes
from softmound.core.mass.rows import COLUMNS, KIND
from softmound.core.mass.solids import solid_distance
from softmound.core.recipe import Mass, Mound

solids.__path__.append(os.environ["DRUM"])  # before anybody asks for a shape

from softmound.core.mass.kinds.solid import Solid  # noqa: E402


@serial
def distances(row, points):
    """Signed distance at points."""
    out = np.empty(len(points), np.float32)
    for n in range(len(points)):
        out[n] = solid_distance(row, np.int64(row[KIND]), points[n, 0], points[n, 1], points[n, 2])
    return out


solid = Solid(shape="drum", size=(6.0, 10.0, 6.0))
assert Mound.model_validate_json(Mound(mass=Mass(forms=(solid,))).model_dump_json()).mass.forms[0] == solid
assert solid.formula and not Solid(shape="drum", size=(6.0, 10.0, 8.0)).formula
model = trimesh.Trimesh(*solid.triangles())
assert model.is_watertight and abs(model.volume / (np.pi * 9.0 * 10.0) - 1.0) < 1e-3
row = np.zeros(COLUMNS, np.float32)
row[[3, 7, 11]] = 1.0
solid.row(row)
low, high = row_boxes(row[None])
np.testing.assert_allclose((low[0], high[0]), [(-3.0, -5.0, -3.0), (3.0, 5.0, 3.0)])
points = np.random.default_rng(3).uniform(-9.0, 9.0, (300, 3)).astype(np.float32)
sides = model.triangles
nearest = np.array([np.linalg.norm(trimesh.triangles.closest_point(sides, np.tile(point, (len(sides), 1))) - point, axis=1).min()
                    for point in points])
inside = (np.hypot(points[:, 0], points[:, 2]) < 3.0) & (abs(points[:, 1]) < 5.0)
np.testing.assert_allclose(distances(row, points), np.where(inside, -nearest, nearest), atol=0.01)
print("a drum")
