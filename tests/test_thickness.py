"""Local thickness by theory, and models that keep their thin parts as clouds."""

import unittest

import numpy as np

from softmound.core.engine.density import density_grid
from softmound.core.exchange.forms import mesh_form
from softmound.core.exchange.meshes import Triangles
from softmound.core.mass.kinds.solid import Solid
from softmound.core.mass.thickness import inner_balls, spread_over
from softmound.core.starts.modelled import lost_of, start_from_form
from tests.long import long

BOX = np.array([[0, 2, 1], [1, 2, 3], [4, 5, 6], [5, 7, 6], [0, 1, 4], [1, 5, 4], [2, 6, 3], [3, 6, 7], [0, 4, 2], [2, 4, 6],
                [1, 3, 5], [3, 7, 5]])


def box(x, y, z):
    """Vertices and faces of a box around the origin, its normals outward."""
    corners = np.array([[i, j, k] for i in (-1, 1) for j in (-1, 1) for k in (-1, 1)], float) * (x / 2, y / 2, z / 2)
    middles = corners[BOX].mean(axis=1)
    across = np.cross(corners[BOX[:, 1]] - corners[BOX[:, 0]], corners[BOX[:, 2]] - corners[BOX[:, 0]])
    turned = (across * middles).sum(axis=1) < 0.0
    return corners, np.where(turned[:, None], BOX[:, ::-1], BOX)


def ball(radius, rings=48):
    """Vertices and faces of a ball around the origin."""
    polar, around = np.meshgrid(np.linspace(0.0, np.pi, rings), np.linspace(0.0, 2.0 * np.pi, 2 * rings), indexing="ij")
    places = radius * np.stack([np.sin(polar) * np.cos(around), np.cos(polar), np.sin(polar) * np.sin(around)], -1)
    number = np.arange(places[..., 0].size).reshape(polar.shape)
    a, b, c, d = (number[i : len(number) - 1 + i, j : number.shape[1] - 1 + j].ravel() for i in (0, 1) for j in (0, 1))
    return places.reshape(-1, 3), np.concatenate([np.stack([a, b, c], -1), np.stack([b, d, c], -1)])


def form_of(vertices, faces, closed=True):
    """A mesh form as one of a file becomes one."""
    return mesh_form(Triangles(vertices.astype(np.float32), faces.astype(np.int32), {}, np.zeros((0, 2), np.int32)), "Model")


def mass_of(grid):
    """Density times volume."""
    return float(grid.values.sum(dtype=float) + 512 * grid.tile_values.sum(dtype=float)) * grid.voxel**3


class Balls(unittest.TestCase):
    def test_a_ball_holds_itself(self):
        found = inner_balls(*ball(7.0))
        np.testing.assert_allclose(np.median(found.radii), 7.0, rtol=0.03)
        self.assertAlmostEqual(found.usual, 14.0, delta=0.5)
        self.assertAlmostEqual(found.weights.sum(), 1.0)
        self.assertLess(np.linalg.norm(np.median(found.centres, axis=0)), 0.2)

    def test_a_plate_is_as_thick_as_it_is(self):
        for thick in (2.0, 5.0):
            found = inner_balls(*box(80.0, thick, 60.0))
            self.assertAlmostEqual(found.usual, thick, delta=0.05 * thick)

    def test_a_thin_part_that_matters_is_found(self):
        # A block and a plate beside it that has a twentieth of all volume, and one that has a thousandth.
        block, plate, speck = box(20.0, 20.0, 20.0), box(42.0, 0.5, 20.0), box(4.0, 0.2, 10.0)
        for other, thinnest in ((plate, (0.45, 0.65)), (speck, (1.0, 21.0))):
            vertices = np.concatenate([block[0], other[0] + (60.0, 0.0, 0.0)])
            found = inner_balls(vertices, np.concatenate([block[1], other[1] + 8]))
            self.assertTrue(thinnest[0] < found.thinnest < thinnest[1], found.thinnest)

    def test_chosen_places_keep_apart(self):
        dice = np.random.default_rng(2)
        places, apart = dice.random((900, 3)) * 20.0, np.full(900, 2.5)
        chosen = places[spread_over(places, apart, 1000)]
        away = np.linalg.norm(chosen[:, None] - chosen[None], axis=-1) + 99.0 * np.eye(len(chosen))
        self.assertGreaterEqual(away.min(), 2.5)
        # None could be added: all others lie near one of them.
        self.assertLess(np.linalg.norm(places[:, None] - chosen[None], axis=-1).min(axis=1).max(), 2.5)


@long
class Kept(unittest.TestCase):
    def test_a_thin_plate_and_a_ball_keep_their_volume(self):
        for name, (vertices, faces), volume in (("plate", box(100.0, 3.0, 60.0), 100.0 * 3.0 * 60.0),
                                                ("ball", ball(50.0), 4.0 / 3.0 * np.pi * 50.0**3)):
            mound = start_from_form(form_of(vertices, faces), name, span=100.0)
            grid = density_grid(mound, mound.voxels.final if name == "plate" else 1.0)
            with self.subTest(name):
                self.assertTrue(0.85 < mass_of(grid) / volume < 1.25, mass_of(grid) / volume)
                self.assertLess(lost_of(mound.mass.forms[0], grid)["lost"], 0.05)

    def test_what_is_lost_is_said_with_its_place(self):
        block, plate = box(40.0, 40.0, 40.0), box(60.0, 1.2, 40.0)
        vertices = np.concatenate([block[0], plate[0] + (90.0, 0.0, 0.0)])
        form = form_of(vertices, np.concatenate([block[1], plate[1] + 8]))
        mound = start_from_form(form, "both")
        # As if the plate had been eaten: its end of the cloud is carved away.
        stands = np.array(mound.mass.forms[0].centre) + form.surface["vertices"][8:].mean(axis=0)
        knife = Solid(shape="box", size=(62.0, 30.0, 60.0), centre=tuple(map(float, stands)), role="carves")
        carved = mound.edited(mass=mound.mass.edited(forms=(*mound.mass.forms, knife)))
        lost = lost_of(mound.mass.forms[0], density_grid(carved, 2.0))
        # 60 x 1.2 x 40 of 64,000 + 2,880, by balls, which weigh by how thick they are.
        self.assertTrue(0.02 < lost["lost"] < 0.12, lost)
        np.testing.assert_allclose(lost["lost_at"], stands, atol=25.0)

    def test_a_sheet_has_its_thickness(self):
        edge = np.linspace(-50.0, 50.0, 30)
        x, z = np.meshgrid(edge, edge, indexing="ij")
        vertices = np.stack([x, 4.0 * np.sin(x / 20.0), z], -1).reshape(-1, 3)
        number = np.arange(900).reshape(30, 30)
        a, b, c, d = (number[i : 29 + i, j : 29 + j].ravel() for i in (0, 1) for j in (0, 1))
        faces = np.concatenate([np.stack([a, b, c], -1), np.stack([b, d, c], -1)])
        corners = vertices[faces]
        area = 0.5 * np.linalg.norm(np.cross(corners[:, 1] - corners[:, 0], corners[:, 2] - corners[:, 0]), axis=1).sum()
        form = mesh_form(Triangles(vertices.astype(np.float32), faces.astype(np.int32), {}, np.zeros((0, 2), np.int32)), "Sheet")
        for voxel in (3.2, 1.5):
            mound = start_from_form(form, "sheet", sheet=6.0, voxel=voxel)
            share = mass_of(density_grid(mound, voxel)) / (area * 6.0)
            with self.subTest(voxel):
                self.assertTrue(0.9 < share < 1.25, share)


if __name__ == "__main__":
    unittest.main()
