"""Strokes: what each tool does to meshes, points, blobs, and that none is lost."""

import math
import unittest

import numpy as np
import trimesh

from softmound.core.mass.buds import balls_of
from softmound.core.mass.kinds.blob import Blob
from softmound.core.mass.kinds.mesh import Mesh
from softmound.core.mass.kinds.points import Points
from softmound.core.mass.kinds.solid import Solid
from softmound.core.mass.kinds.trail import Trail
from softmound.core.mass.mend import open_edges
from softmound.core.mass.sculpt import (
    even_path,
    falloff,
    points_and_radii,
    refined,
    sculpted,
    triangles,
    vertex_normals,
    with_stroke,
)
from softmound.core.mass.strokes import Brush, gestures_of, next_gesture, stroked, without_gesture
from softmound.core.mass.surface import placed
from softmound.core.recipe import Arrays, Mass, Stroke
from tests.scenes import NO_BASE

TOP = ((0.0, 10.0, 0.0, 1.0),)


def ball(subdivisions=4, radius=10.0, **fields):
    """A ball of triangles around the origin."""
    made = trimesh.creation.icosphere(subdivisions, radius)
    return Mesh(centre=(0.0, 0.0, 0.0), **fields, surface=Arrays(
        vertices=made.vertices.astype(np.float32), faces=made.faces.astype(np.int32)))


def after(form, **fields):
    """The world's triangles of a form after one stroke at its top."""
    stroke = Stroke(**{"tool": "swell", "path": TOP, "radius": 6.0, "strength": 1.0, **fields})
    vertices, faces = triangles(with_stroke(form, stroke))
    return trimesh.Trimesh(placed(form, vertices), faces, process=False)


class Brushes(unittest.TestCase):
    def test_falloff_runs_from_one_to_nothing(self):
        away = np.linspace(0.0, 1.5, 301)
        for sharpness in (0.0, 0.5, 1.0):
            weight = falloff(away, sharpness)
            self.assertEqual(weight[0], 1.0)
            self.assertTrue(np.all(np.diff(weight) <= 1e-12))
            self.assertTrue(np.all(weight[away >= 1.0] < 1e-9))
            # Level ends: nothing jumps at the rim.
            self.assertLess(weight[np.searchsorted(away, 0.995)], 0.05)
        self.assertGreater(falloff(0.6, 0.8), falloff(0.6, 0.2))

    def test_an_even_path_keeps_its_beginning(self):
        path = ((0.0, 0.0, 0.0, 0.0), (3.0, 0.0, 0.0, 0.6), (3.0, 4.0, 0.0, 1.0))
        points = even_path(path, 0.5)
        steps = np.linalg.norm(np.diff(points[:, :3], axis=0), axis=1)
        self.assertEqual(len(points), 15)
        self.assertTrue(np.all(steps <= 0.5 + 1e-9))
        np.testing.assert_allclose(even_path(path[:2], 0.5), points[:7])
        np.testing.assert_allclose(points[6], (3.0, 0.0, 0.0, 0.6))


class OnMeshes(unittest.TestCase):
    def test_drag_pulls_its_middle_all_the_way(self):
        made = after(ball(), tool="drag", path=(*TOP, (2.0, 15.0, 1.0, 1.0)))
        self.assertTrue(np.any(np.linalg.norm(made.vertices - (2.0, 15.0, 1.0), axis=1) < 1e-3))
        self.assertTrue(made.is_watertight)
        below = made.vertices[made.vertices[:, 1] < 3.0]
        np.testing.assert_allclose(np.linalg.norm(below, axis=1), 10.0, atol=0.06)

    def test_swell_by_its_amount_and_the_other_way(self):
        self.assertAlmostEqual(after(ball()).vertices[:, 1].max(), 13.0, delta=0.02)  # half the radius of 6
        shrunk = after(ball(), strength=-1.0)
        self.assertTrue(np.any(np.linalg.norm(shrunk.vertices - (0.0, 7.0, 0.0), axis=1) < 1e-3))
        plain = trimesh.creation.icosphere(4, 10.0).volume
        self.assertGreater(after(ball()).volume, plain * 1.01)
        self.assertLess(after(ball(), strength=-1.0).volume, plain * 0.995)

    def test_pressure_weighs(self):
        light = after(ball(), path=((0.0, 10.0, 0.0, 0.25),))
        self.assertAlmostEqual(light.vertices[:, 1].max(), 10.75, delta=0.02)

    def test_press_comes_to_its_plane(self):
        made = after(ball(), tool="press", path=((0.0, 8.0, 0.0, 1.0),), toward=(0.0, 1.0, 0.0), radius=9.0, falloff=1.0)
        near = np.hypot(made.vertices[:, 0], made.vertices[:, 2]) < 4.0
        self.assertAlmostEqual(made.vertices[near][:, 1].max(), 8.0 - 9.0 / 4, delta=0.02)

    def test_ease_takes_bumps_away_but_keeps_the_place(self):
        rough = ball()
        bumpy = rough.surface["vertices"] * (1.0 + 0.04 * np.random.default_rng(1).normal(
            size=(len(rough.surface["vertices"]), 1))).astype(np.float32)
        form = rough.edited(surface=Arrays(vertices=bumpy, faces=rough.surface["faces"]))
        eased = after(form, tool="ease", radius=25.0, falloff=1.0)
        before = np.linalg.norm(bumpy, axis=1)
        self.assertLess(np.linalg.norm(eased.vertices, axis=1).std(), 0.5 * before.std())
        self.assertAlmostEqual(np.linalg.norm(eased.vertices, axis=1).mean() / before.mean(), 1.0, delta=0.03)

    def test_roughen_goes_in_and_out_within_its_amount(self):
        made = after(ball(), tool="roughen", radius=8.0, falloff=1.0)
        out = np.linalg.norm(made.vertices, axis=1) - 10.0
        self.assertLessEqual(np.abs(out).max(), 4.0)
        self.assertTrue(out.max() > 0.2 and out.min() < -0.2)
        other = after(ball(), tool="roughen", radius=8.0, falloff=1.0, seed=2)
        self.assertFalse(np.allclose(made.vertices, other.vertices))

    def test_coarse_and_fine_triangles_give_the_same_shape(self):
        coarse, fine = (after(ball(n), tool="drag", path=(*TOP, (0.0, 16.0, 0.0, 1.0))) for n in (2, 5))
        grown = [m.volume - trimesh.creation.icosphere(n, 10.0).volume for m, n in ((coarse, 2), (fine, 5))]
        self.assertAlmostEqual(grown[0] / grown[1], 1.0, delta=0.12)

    def test_strokes_go_with_the_form(self):
        form = ball().edited(centre=(30.0, 5.0, -4.0), rotation=(0.0, 90.0, 0.0))
        at = ((30.0, 15.0, -4.0, 1.0),)
        moved = with_stroke(form, Stroke(tool="swell", path=at, radius=6.0, strength=1.0))
        vertices, _ = triangles(moved)
        self.assertAlmostEqual(placed(moved, vertices)[:, 1].max(), 18.0, delta=0.02)
        later = moved.edited(centre=(0.0, 0.0, 0.0))
        np.testing.assert_allclose(placed(later, triangles(later)[0]) + (30.0, 5.0, -4.0), placed(moved, vertices))

    def test_splitting_leaves_no_gap(self):
        made = trimesh.creation.icosphere(1, 10.0)
        vertices, faces = refined(made.vertices, made.faces.astype(np.int32),
                                  lambda p: np.linalg.norm(p - (0, 10, 0), axis=1) < 6.0, 1.0)
        self.assertEqual(len(open_edges(faces)), 0)
        again = trimesh.Trimesh(vertices, faces, process=False)
        self.assertTrue(again.is_watertight)
        self.assertAlmostEqual(again.volume, made.volume, places=6)
        self.assertAlmostEqual(again.area, made.area, places=6)
        self.assertGreater(len(faces), 4 * len(made.faces))

    def test_normals_point_out(self):
        made = trimesh.creation.icosphere(3, 10.0)
        normals = vertex_normals(made.vertices, made.faces)
        np.testing.assert_allclose(normals, made.vertices / 10.0, atol=0.02)


class OnOthers(unittest.TestCase):
    def test_blobs_move_and_change_size(self):
        blob = Blob(centre=(0.0, 0.0, 0.0), radii=(10.0, 10.0, 10.0))
        def done(form=blob, **fields):
            return sculpted(with_stroke(form, Stroke(**{"path": TOP, "radius": 6.0, "strength": 1.0, **fields})))
        self.assertEqual(done(tool="drag", path=(*TOP, (3.0, 14.0, 0.0, 1.0))).centre, (3.0, 4.0, 0.0))
        self.assertEqual(done(tool="swell").radii, (13.0,) * 3)
        self.assertEqual(done(tool="swell", strength=-1.0).radii, (7.0,) * 3)
        pressed = done(tool="press", path=((0.0, 6.0, 0.0, 1.0),))
        self.assertAlmostEqual(pressed.centre[1] + pressed.radii[1], 6.0 - 6.0 / 4, places=6)
        long = Blob(centre=(0.0, 0.0, 0.0), radii=(4.0, 16.0, 10.0))
        self.assertEqual(done(long, tool="ease").radii, (10.0,) * 3)
        far = done(tool="swell", path=((0.0, 40.0, 0.0, 1.0),))
        self.assertEqual(far.radii, blob.radii)
        box = sculpted(with_stroke(Solid(size=(8.0, 8.0, 8.0), centre=(0.0, 0.0, 0.0)), Stroke(
            tool="swell", path=((0.0, 4.0, 0.0, 1.0),), radius=4.0, strength=1.0)))
        self.assertEqual(box.size, (12.0,) * 3)

    def test_points_move_one_by_one(self):
        positions = np.array([[0.0, 0.0, 0.0], [0.0, 10.0, 0.0], [0.0, -10.0, 0.0]], np.float32)
        form = Points(centre=(0.0, 0.0, 0.0), cloud=Arrays(positions=positions))
        pulled, _ = points_and_radii(with_stroke(form, Stroke(
            tool="drag", path=(*TOP, (0.0, 14.0, 0.0, 1.0)), radius=5.0, strength=1.0)))
        np.testing.assert_allclose(pulled, [[0, 0, 0], [0, 14, 0], [0, -10, 0]], atol=1e-6)


class Gestures(unittest.TestCase):
    def setUp(self):
        self.mass = Mass(melt=0.0, base=NO_BASE, forms=(
            Blob(name="Left", centre=(-12.0, 0.0, 0.0), radii=(10.0,) * 3),
            Blob(name="Right", centre=(12.0, 0.0, 0.0), radii=(10.0,) * 3),
            Blob(name="Far", centre=(0.0, 0.0, 90.0), radii=(10.0,) * 3),
            ball().edited(name="Ball", centre=(0.0, 30.0, 0.0))))

    def test_only_what_is_under_the_brush_and_neither_hidden_nor_locked(self):
        brush, path = Brush(tool="swell", radius=8.0), ((-12.0, 10.0, 0.0, 1.0),)
        done = stroked(self.mass, brush, path)
        self.assertEqual([len(f.strokes) for f in done.forms], [1, 0, 0, 0])
        locked = self.mass.edited(forms=tuple(f.edited(locked=True) for f in self.mass.forms))
        self.assertEqual(stroked(locked, brush, path), locked)
        self.assertEqual(stroked(self.mass, brush, path, chosen=(1,)), self.mass)

    def test_symmetry_works_on_both_sides(self):
        done = stroked(self.mass, Brush(tool="swell", radius=8.0, symmetry="x"), ((-12.0, 10.0, 3.0, 1.0),))
        radii = [sculpted(f).radii for f in done.forms[:2]]
        self.assertEqual(radii[0], radii[1])
        self.assertGreater(radii[0][0], 10.0)

    def test_dabs_gather_in_a_trail_and_scoops_carve(self):
        brush = Brush(tool="dab", radius=2.0, spacing=1.0, jitter=0.0)
        path = ((0.0, 0.0, 0.0, 1.0), (20.0, 0.0, 0.0, 0.5))
        once = stroked(self.mass, brush, path, gesture=1)
        twice = stroked(once, brush, path, gesture=2)
        self.assertEqual(len(twice.forms), 5)
        self.assertIsInstance(twice.forms[-1], Trail)
        self.assertEqual(len(twice.forms[-1].dabs), 2)
        balls = balls_of(once.forms[-1])
        self.assertEqual(len(balls), 11)
        np.testing.assert_allclose(balls[:, 3], 2.0 * np.linspace(1.0, 0.5, 11))
        third = stroked(twice, Brush(tool="scoop", radius=3.0), path, gesture=3)
        self.assertEqual([f.role for f in third.forms[-2:]], ["adds", "carves"])
        # After a scoop, dabs go over it and not under it.
        self.assertEqual(len(stroked(third, brush, path, gesture=4).forms), 7)

    def test_each_gesture_can_be_taken_away(self):
        brush = Brush(tool="swell", radius=30.0)
        first = stroked(self.mass, brush, ((0.0, 5.0, 0.0, 1.0),), gesture=next_gesture(self.mass))
        second = stroked(first, Brush(tool="dab"), ((0.0, 5.0, 0.0, 1.0),), gesture=next_gesture(first))
        third = stroked(second, brush, ((0.0, 8.0, 0.0, 1.0),), gesture=next_gesture(second))
        self.assertEqual([(g, t) for g, t, _ in gestures_of(third)], [(1, "swell"), (2, "dab"), (3, "swell")])
        self.assertEqual(gestures_of(third)[0][2], 3)
        self.assertEqual([g for g, *_ in gestures_of(without_gesture(third, 1))], [2, 3])
        self.assertEqual(without_gesture(without_gesture(without_gesture(third, 3), 1), 2), self.mass)
        self.assertEqual(without_gesture(third, 3), second)

    def test_sizes_of_a_swelled_blob_are_half_the_brush(self):
        self.assertTrue(math.isclose(sculpted(stroked(self.mass, Brush(tool="swell", radius=8.0, strength=1.0), (
            (12.0, 10.0, 0.0, 1.0),)).forms[1]).radii[0], 14.0))


if __name__ == "__main__":
    unittest.main()
