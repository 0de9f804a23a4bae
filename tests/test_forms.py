"""Forms of every kind: their distance, their lumps, their levels, and how they stand together."""

import math
import threading
import unittest

import numpy as np
import trimesh

from softmound.core.directions import rotation_matrix
from softmound.core.light.scene.camera import camera_of
from softmound.core.mass.buds import balls_of, grown, surface_of
from softmound.core.mass.distance import band_of, box_of, distance_in
from softmound.core.mass.field import packed
from softmound.core.mass.kinds.blob import Blob
from softmound.core.mass.kinds.mesh import Mesh
from softmound.core.mass.kinds.points import Points
from softmound.core.mass.kinds.solid import Solid
from softmound.core.mass.kinds.trail import Trail
from softmound.core.mass.kinds.volume import Volume
from softmound.core.mass.meshed import made_mesh, mass_triangles
from softmound.core.mass.outline import half_sizes, outline_of
from softmound.core.mass.pick import Picker
from softmound.core.mass.placing import (
    about_axis,
    degrees_of,
    mirrored,
    moved,
    replaced,
    sized,
    sized_along,
    snapped,
    turned,
)
from softmound.core.mass.polygons import narrow_band
from softmound.core.mass.sampling import field_for, fields_known
from softmound.core.mass.solids import SHAPES
from softmound.core.mass.surface import own, placed
from softmound.core.mass.table import shape_of
from softmound.core.recipe import Arrays, BaseLevel, Buds, Coat, Dabs, Mass, Problem, Roughness, View
from softmound.core.recipe.resize import sized_form
from softmound.core.starts.heaps import pile
from softmound.core.ticket import Stopped, Ticket
from softmound.core.volume.reference import vdb
from tests.long import long
from tests.scenes import NO_BASE, voxels_of

MIDDLE = (0.3, 1.2, -0.4)


def alone(form, **fields):
    """A mass of one form, or several, and nothing else."""
    forms = form if isinstance(form, tuple) else (form,)
    return Mass(forms=forms, melt=0.0, base=NO_BASE, **fields)


def band_and_points(mass, voxel, reach):
    """Distances in a band, and where they are."""
    band = band_of(mass, voxel, reach, reach)
    distance = distance_in(band.shape, voxel, band.cells)
    return band, distance, voxels_of(band.cells.coords) * voxel


def volume(mass, voxel=0.5):
    """Volume of a mass, each voxel counted by how far the surface is from its middle."""
    band, distance, _ = band_and_points(mass, voxel, 2 * voxel)
    return (np.clip(0.5 - distance / voxel, 0.0, 1.0).sum(dtype=float) + 512 * len(band.inside)) * voxel**3


def ball_mesh(radius=10.0, subdivisions=5, **fields):
    """A ball of triangles."""
    made = trimesh.creation.icosphere(subdivisions, radius)
    return Mesh(surface=Arrays(vertices=made.vertices.astype(np.float32), faces=made.faces.astype(np.int32)),
                centre=MIDDLE, **fields)


def trimesh_box():
    """Vertices and faces of a box."""
    made = trimesh.creation.box((9.0, 9.0, 9.0))
    return made.vertices, made.faces


class Solids(unittest.TestCase):
    def check(self, exact, **fields):
        solid = Solid(centre=MIDDLE, rotation=(20.0, 30.0, 40.0), **fields)
        self.assertAlmostEqual(volume(alone(solid), 0.4) / exact, 1.0, delta=0.006, msg=fields)

    def test_volumes_against_formulas(self):
        pi = math.pi
        self.check(4 / 3 * pi * 6 * 7 * 8, shape="ball", size=(12.0, 14.0, 16.0))
        self.check(12.0 * 14.0 * 16.0, shape="box", size=(12.0, 14.0, 16.0), edge=0.0)
        self.check(2 * pi**2 * 8.0 * 3.0**2, shape="ring", size=(22.0, 6.0, 22.0))
        self.check(pi * 14.0 / 3 * (8.0**2 + 8.0 * 4.0 + 4.0**2), shape="cone", size=(16.0, 14.0, 16.0), taper=0.5,
                   edge=0.0)
        self.check(pi * 8.0**2 * 15.0 / 3, shape="cone", size=(16.0, 15.0, 16.0), edge=0.0)
        self.check(pi * 5.0**2 * 10.0 + 4 / 3 * pi * 5.0**3, shape="capsule", size=(10.0, 20.0, 10.0))

    def test_round_edges_by_steiner(self):
        # The offset of a box by e: volume + area e + mean widths + ball (Steiner 1840).
        def rounded(a, b, c, e):
            a, b, c = (s - 2 * e for s in (a, b, c))
            return a * b * c + 2 * e * (a * b + b * c + c * a) + math.pi * e**2 * (a + b + c) + 4 / 3 * math.pi * e**3
        self.check(rounded(12.0, 14.0, 16.0, 3.0), shape="box", size=(12.0, 14.0, 16.0), edge=3.0)
        self.check(rounded(20.0, 6.0, 16.0, 3.0), shape="slab", size=(20.0, 6.0, 16.0))

    def test_stretched_unevenly_the_volume_follows(self):
        for shape in ("ring", "cone"):
            even = Solid(shape=shape, size=(20.0, 8.0, 20.0), edge=0.0, centre=MIDDLE)
            wide = even.edited(size=(20.0, 8.0, 30.0))
            expected = volume(alone(even)) * (1.5 if shape == "cone" else 0.0)
            if shape == "ring":
                # The tube keeps its thickness: Pappus with the perimeter of an ellipse 6 by 11.
                t = np.linspace(0.0, 2 * math.pi, 20001)
                perimeter = np.hypot(np.diff(6.0 * np.cos(t)), np.diff(11.0 * np.sin(t))).sum()
                expected = perimeter * math.pi * 4.0**2
            self.assertAlmostEqual(volume(alone(wide)) / expected, 1.0, delta=0.015, msg=shape)

    def test_formulas_agree_with_their_own_triangles(self):
        for fields in ({"shape": "box", "edge": 0.0}, {"shape": "ring"}, {"shape": "cone", "edge": 1.5, "taper": 0.4},
                       {"shape": "cone", "edge": 2.0}, {"shape": "capsule"}):
            solid = Solid(size=(14.0, 9.0 if fields["shape"] != "capsule" else 22.0, 14.0), centre=MIDDLE, **fields)
            vertices, faces = solid.triangles()
            self.assertGreater(trimesh.Trimesh(vertices, faces).volume, 0.0)
            mesh = Mesh(centre=MIDDLE, surface=Arrays(vertices=vertices.astype(np.float32), faces=faces))
            band, distance, points = band_and_points(alone(solid), 0.5, 1.0)
            field = distance_in(shape_of(alone(mesh), 0.5, 1.0), 0.5, band.cells)
            near = np.abs(distance) < 1.0
            self.assertLess(np.abs(field - distance)[near].max(), 0.3, fields)
            self.assertLess(np.abs(field - distance)[near].mean(), 0.02, fields)

    def test_boxes_hold_them(self):
        for shape in SHAPES:
            mass = alone(Solid(shape=shape, size=(10.0, 7.0, 10.0), centre=MIDDLE, rotation=(25.0, 10.0, -35.0)))
            low, high = box_of(mass)
            _, distance, points = band_and_points(mass, 0.5, 1.0)
            inside = points[distance < 0.0]
            self.assertTrue(np.all(inside >= low - 1e-3) and np.all(inside <= high + 1e-3), shape)
            # Tight for a ball; the box of a turned box of the same size holds the others.
            slack = 0.8 if shape == "ball" else 4.5
            self.assertTrue(np.all(inside.min(axis=0) - low < slack), shape)
            self.assertTrue(np.all(high - inside.max(axis=0) < slack), shape)


class Meshes(unittest.TestCase):
    def test_distance_to_a_ball_of_triangles(self):
        for reach in (1.0, 9.0):
            _, distance, points = band_and_points(alone(ball_mesh()), 0.5, reach)
            exact = np.linalg.norm(points - MIDDLE, axis=-1) - 10.0
            near = np.abs(exact) < reach
            self.assertLess(np.abs(distance - exact)[near].max(), 0.3)
            self.assertLess(np.abs(distance - exact)[near].mean(), 0.04)
            band = np.abs(exact) < 0.8
            self.assertLess(np.abs(distance - exact)[band].max(), 0.05)

    def test_volume_against_trimesh(self):
        made = trimesh.creation.torus(9.0, 3.5)
        made = trimesh.util.concatenate([made, trimesh.creation.box((4.0, 14.0, 5.0)).apply_translation((24.0, 0, 0))])
        mesh = Mesh(surface=Arrays(vertices=made.vertices.astype(np.float32), faces=made.faces.astype(np.int32)))
        self.assertAlmostEqual(volume(alone(mesh), 0.4) / made.volume, 1.0, delta=0.005)

    def test_inside_out_and_crossing_are_still_the_union(self):
        a = trimesh.creation.icosphere(4, 8.0)
        b = a.copy().apply_translation((8.0, 0.0, 0.0))
        both = trimesh.util.concatenate([a, b])
        mesh = Mesh(surface=Arrays(vertices=both.vertices.astype(np.float32),
                                   faces=both.faces[:, ::-1].astype(np.int32)))
        whole, cap = 4 / 3 * math.pi * 8.0**3, 2 * math.pi * 4.0**2 * (8.0 - 4.0 / 3)
        self.assertAlmostEqual(volume(alone(mesh)) / (2 * whole - cap), 1.0, delta=0.01)

    def test_moved_turned_scaled_and_mirrored(self):
        mesh = ball_mesh(scale=(1.2, 0.6, 0.9), rotation=(15.0, 40.0, -20.0))
        blob = Blob(centre=MIDDLE, radii=(12.0, 6.0, 9.0), rotation=(15.0, 40.0, -20.0))
        band, exact, _ = band_and_points(alone(blob), 0.5, 1.2)
        for form in (mesh, mesh.edited(mirror=True)):
            got = distance_in(shape_of(alone(form), 0.5, 1.2), 0.5, band.cells)
            self.assertLess(np.abs(got - exact)[np.abs(exact) < 1.2].max(), 0.1)

    def test_an_open_one_encloses_nothing_until_it_is_a_sheet(self):
        plate = trimesh.creation.box((20.0, 0.001, 16.0))
        top = plate.faces[plate.face_normals[:, 1] > 0.9]
        mesh = Mesh(surface=Arrays(vertices=plate.vertices.astype(np.float32), faces=top.astype(np.int32)))
        self.assertEqual(len(band_of(alone(mesh), 0.4, 1.0, 1.0).cells.coords), 0)
        r = 1.5
        exact = 20.0 * 16.0 * 2 * r + 72.0 * math.pi * r**2 / 2 + 4 / 3 * math.pi * r**3  # Steiner
        self.assertAlmostEqual(volume(alone(mesh.edited(sheet=2 * r)), 0.4) / exact, 1.0, delta=0.02)

    def test_a_field_is_kept_when_the_form_moves_or_grows_evenly(self):
        mesh = ball_mesh(subdivisions=3)
        first = field_for(mesh, 0.7, 3.0)[0]
        self.assertIs(field_for(mesh.edited(centre=(5.0, 6.0, 7.0), rotation=(3.0, 4.0, 5.0)), 0.7, 3.0)[0], first)
        self.assertTrue(fields_known(alone(mesh), 0.7, 3.0))
        self.assertFalse(fields_known(alone(mesh.edited(scale=(1.0, 2.0, 1.0))), 0.7, 3.0))
        grown_ = [field_for(mesh.edited(scale=(s,) * 3), 0.7, 3.0)[0] for s in (1.5, 1.55, 1.6)]
        self.assertTrue(grown_[0] is grown_[1] or grown_[1] is grown_[2])

    def test_a_conversion_can_be_stopped_and_the_next_one_works(self):
        made = trimesh.creation.icosphere(7, 30.0)
        begun, ended = threading.Event(), []
        ticket = Ticket(lambda *_: begun.set())

        def convert():
            try:
                narrow_band(made.vertices, made.faces, 0.2, ticket=ticket)
            except Stopped:
                ended.append("stopped")
        thread = threading.Thread(target=convert)
        thread.start()
        self.assertTrue(begun.wait(20))
        ticket.stop()
        thread.join(20)
        self.assertEqual(ended, ["stopped"])
        coords, values, inside = narrow_band(*trimesh_box(), 1.0)
        self.assertTrue(len(coords) and values.min() < 0.0)

    def test_the_band_is_the_reference_librarys_voxel_by_voxel(self):
        made = trimesh.creation.torus(9.0, 3.0, 48, 24)
        voxel = 0.7
        coords, values, _ = narrow_band(made.vertices, made.faces, voxel)
        transform = vdb.createLinearTransform(voxelSize=voxel)
        reference = vdb.FloatGrid.createLevelSetFromPolygons(
            made.vertices.astype(np.float32), triangles=made.faces.astype(np.uint32), transform=transform)
        compared = 0
        for coord, row in zip(coords, values):
            theirs = np.empty((9, 9, 9), np.float32)
            reference.copyToArray(theirs, ijk=tuple(int(c) * 8 for c in coord))
            near = np.abs(theirs.ravel()) < 2.0 * voxel
            np.testing.assert_allclose(row[near], theirs.ravel()[near], atol=1e-5)
            compared += int(near.sum())
        self.assertGreater(compared, 5000)

    def test_several_fields_stand_in_one(self):
        a, b = ball_mesh(5.0, 3), ball_mesh(6.0, 3).edited(centre=(14.0, 0.0, 0.0))
        both = volume(alone((a, b)))
        self.assertAlmostEqual(both / (volume(alone(a)) + volume(alone(b))), 1.0, delta=1e-6)
        fields = [field_for(form, 0.5, 2.0)[0] for form in (a, b)]
        joined = packed(fields)
        self.assertEqual(len(joined.values), sum(len(f.values) for f in fields))

    def test_made_from_other_forms(self):
        forms = (Blob(centre=(0.0, 9.0, 0.0), radii=(9.0, 9.0, 9.0)),
                 Blob(centre=(6.0, 9.0, 0.0), radii=(5.0, 5.0, 5.0), role="carves"),
                 Blob(centre=(40.0, 9.0, 0.0)))
        mass = Mass(forms=forms, melt=0.0)
        mesh = made_mesh(mass, (0, 1), 0.5)
        made = trimesh.Trimesh(mesh.surface["vertices"], mesh.surface["faces"], process=False)
        self.assertTrue(made.is_watertight)
        expected = volume(alone(forms[:2]))
        self.assertAlmostEqual(made.volume / expected, 1.0, delta=0.01)
        self.assertAlmostEqual(volume(alone(mesh)) / expected, 1.0, delta=0.01)

    def test_nothing_makes_no_surface(self):
        with self.assertRaises(Problem):
            mass_triangles(Mass(), 1.0)


class PointSets(unittest.TestCase):
    def test_union_of_two_balls(self):
        points = Points(cloud=Arrays(positions=np.array([[-3.0, 0.0, 0.0], [3.0, 0.0, 0.0]], np.float32)), first=8.0,
                        last=8.0, centre=MIDDLE)
        whole, cap = 4 / 3 * math.pi * 8.0**3, 2 * math.pi * 5.0**2 * (8.0 - 5.0 / 3)
        self.assertAlmostEqual(volume(alone(points)) / (2 * whole - cap), 1.0, delta=0.01)

    def test_radius_over_age_and_own_radius(self):
        from softmound.core.mass.sculpt import points_and_radii
        ages = np.linspace(0.0, 1.0, 5, dtype=np.float32)
        cloud = Arrays(positions=np.zeros((5, 3), np.float32), ages=ages, radii=np.full(5, 2.0, np.float32))
        straight = points_and_radii(Points(cloud=cloud, first=1.0, last=3.0, ease=0.0))[1]
        np.testing.assert_allclose(straight, 2.0 * (1.0 + 2.0 * ages))
        eased = points_and_radii(Points(cloud=cloud, first=1.0, last=3.0, ease=1.0))[1]
        np.testing.assert_allclose(eased, 2.0 * (1.0 + 2.0 * (3 * ages**2 - 2 * ages**3)), rtol=1e-6)

    def test_no_ball_is_below_so_many_voxels(self):
        speck = Points(cloud=Arrays(positions=np.zeros((1, 3), np.float32)), first=0.01, last=0.01, least=4.0,
                       centre=MIDDLE)
        self.assertAlmostEqual(volume(alone(speck), 0.5) / (4 / 3 * math.pi * 2.0**3), 1.0, delta=0.09)

    @long
    def test_many_points_against_every_ball(self):
        dice = np.random.default_rng(3)
        positions = dice.uniform(-12.0, 12.0, (400, 3)).astype(np.float32)
        radii = dice.uniform(0.8, 2.5, 400).astype(np.float32)
        points = Points(cloud=Arrays(positions=positions, radii=radii), first=1.0, last=1.0, centre=(0.0, 0.0, 0.0))
        _, distance, at = band_and_points(alone(points), 0.6, 1.0)
        exact = np.min([np.linalg.norm(at - p, axis=-1) - r for p, r in zip(positions, radii)], axis=0)
        near = np.abs(exact) < 1.0
        self.assertLess(np.abs(distance - exact)[near].max(), 0.25)
        self.assertLess(np.abs(distance - exact)[near].mean(), 0.01)


class Volumes(unittest.TestCase):
    def stored(self, density):
        from softmound.core.exchange.forms import volume_form
        from softmound.core.volume.bricks import grid_of
        axis = np.arange(-3, 3)
        coords = np.stack(np.meshgrid(axis, axis, axis, indexing="ij"), -1).reshape(-1, 3)
        away = np.linalg.norm(voxels_of(coords) * 0.5, axis=-1)
        values = np.clip((9.0 - away) / 4.0, 0.0, 1.0) if density else np.clip(away - 7.0, -1.5, 1.5)
        background = 0.0 if density else 1.5
        return volume_form(grid_of(0.5, coords, values.astype(np.float32), background=background), "Old", not density,
                           0.5 if density else None)

    def test_a_fog_at_its_threshold_and_a_level_set(self):
        for density in (True, False):
            form = self.stored(density)
            self.assertIsInstance(form, Volume)
            self.assertAlmostEqual(volume(alone(form)) / (4 / 3 * math.pi * 7.0**3), 1.0, delta=0.01)
        thin = self.stored(True).edited(threshold=0.25)
        self.assertAlmostEqual(volume(alone(thin)) / (4 / 3 * math.pi * 8.0**3), 1.0, delta=0.01)

    def test_nothing_within_is_refused(self):
        from softmound.core.exchange.forms import volume_form
        from softmound.core.volume.bricks import grid_of
        grid = grid_of(0.5, [[0, 0, 0]], np.full((1, 512), 0.2, np.float32))
        with self.assertRaises(Problem):
            volume_form(grid, "Thin", False, 5.0)


class Lumps(unittest.TestCase):
    box = Solid(shape="box", size=(30.0, 20.0, 24.0), edge=0.0, centre=(3.0, 20.0, -1.0), rotation=(0.0, 30.0, 0.0))

    def test_buds_sit_on_any_surface(self):
        form = self.box.edited(buds=Buds(generations=1, count=30, reach=1.0, fewer_below=0.0, upward=0.0))
        balls = balls_of(form)
        self.assertEqual(len(balls), 30)
        inner = own(form, balls[:, :3]) / (15.0, 10.0, 12.0)
        np.testing.assert_allclose(np.abs(inner).max(axis=1), 1.0, atol=1e-6)
        up = balls_of(form.edited(buds=form.buds.edited(upward=1.0)))
        self.assertGreater(up[:, 1].mean(), balls[:, 1].mean() + 2.0)
        deeper = balls_of(form.edited(buds=form.buds.edited(generations=2, count=5)))
        self.assertEqual(len(deeper), 5 + 25)

    def test_a_coat_covers_evenly(self):
        coat = Coat(radius=2.0, spacing=1.5, jitter=0.0, fewer_below=0.0)
        form = self.box.edited(coat=coat)
        balls = balls_of(form)
        apart = np.linalg.norm(balls[:, None, :3] - balls[None, :, :3], axis=-1)
        np.fill_diagonal(apart, np.inf)
        self.assertGreaterEqual(apart.min(), 3.0 - 1e-9)
        # Every place of the surface has a ball within reach: no gap is larger than the darts allow.
        vertices, faces = surface_of(form)
        places = trimesh.Trimesh(vertices, faces, process=False).sample(3000, seed=4)
        gap = np.linalg.norm(places[:, None] - balls[None, :, :3], axis=-1).min(axis=1)
        self.assertLess(gap.max(), 3.0 * 1.25)
        np.testing.assert_array_equal(balls, balls_of(self.box.edited(coat=coat, name="Again")))
        self.assertFalse(np.array_equal(balls, balls_of(self.box.edited(coat=coat.edited(seed=2)))))

    def test_a_coat_of_the_largest_blob_there_is_covers_it(self):
        # Its diameter is more than a solid's largest size; the surface is that of a ball made as large.
        blob = Blob(name="All of the sky", centre=(0.0, 0.0, 0.0), radii=(20_000.0, 10_000.0, 20_000.0),
                    coat=Coat(radius=4_000.0, spacing=1.4, jitter=0.0, fewer_below=0.0))
        vertices, _ = surface_of(blob)
        np.testing.assert_allclose(np.abs(vertices).max(axis=0), blob.radii, rtol=1e-3)
        balls = balls_of(blob)
        self.assertGreater(len(balls), 40)
        on = (np.asarray(balls)[1:, :3] / blob.radii) ** 2
        np.testing.assert_allclose(on.sum(axis=1), 1.0, atol=0.1)

    def test_too_fine_a_coat_is_refused_in_a_sentence(self):
        with self.assertRaises(Problem) as caught:
            band_of(alone(self.box.edited(name="Crust", coat=Coat(radius=0.02))), 1.0, 1.0, 1.0)
        self.assertIn("Crust", str(caught.exception))
        self.assertIn("larger", str(caught.exception))

    def test_what_keeps_keeps_within_its_buds_too(self):
        keeper = Blob(centre=(0.0, 0.0, 0.0), radii=(6.0,) * 3, role="keeps",
                      buds=Buds(count=12, fewer_below=0.0, upward=0.0, reach=1.0))
        world = Blob(centre=(0.0, 0.0, 0.0), radii=(30.0,) * 3)
        kept = volume(alone((world, keeper)))
        self.assertAlmostEqual(kept / volume(alone(keeper.edited(role="adds"))), 1.0, delta=1e-3)
        self.assertGreater(kept, 4 / 3 * math.pi * 6.0**3 * 1.2)

    def test_a_trail_is_its_balls(self):
        path = ((0.0, 0.0, 0.0, 1.0), (30.0, 0.0, 0.0, 1.0))
        trail = Trail(centre=MIDDLE, dabs=(Dabs(path=path, radius=4.0, spacing=2.5, jitter=0.0),))
        balls = balls_of(trail)
        np.testing.assert_allclose(balls[:, 0] - MIDDLE[0], [0.0, 10.0, 20.0, 30.0])
        self.assertAlmostEqual(volume(alone(trail)) / (4 * 4 / 3 * math.pi * 4.0**3), 1.0, delta=0.01)
        longer = trail.edited(dabs=(trail.dabs[0].edited(path=(*path, (44.0, 0.0, 0.0, 1.0)), jitter=0.5),))
        before = trail.edited(dabs=(trail.dabs[0].edited(jitter=0.5),))
        np.testing.assert_array_equal(balls_of(longer)[:4], balls_of(before))

    def test_lumps_on_a_trail(self):
        trail = Trail(centre=MIDDLE, dabs=(Dabs(path=((0.0, 0.0, 0.0, 1.0), (20.0, 0.0, 0.0, 1.0)), radius=4.0),))
        plain = len(balls_of(trail))
        self.assertEqual(len(balls_of(trail.edited(buds=Buds(count=7, fewer_below=0.0)))), plain + 7)
        self.assertGreater(len(balls_of(trail.edited(coat=Coat(radius=1.5, fewer_below=0.0)))), plain + 20)

    def test_a_pile_stays_within_its_spread(self):
        blobs = pile(60, (100.0, 50.0, 80.0), 0.8, (5.0, 12.0), 4, altitude=7.0)
        self.assertEqual(blobs, pile(60, (100.0, 50.0, 80.0), 0.8, (5.0, 12.0), 4, altitude=7.0))
        centres, radii = np.array([b.centre for b in blobs]), np.array([b.radii[0] for b in blobs])
        self.assertTrue(np.all((radii >= 5.0) & (radii <= 12.0)))
        self.assertTrue(np.all(np.abs(centres[:, 0]) + radii <= 50.01) and np.all(np.abs(centres[:, 2]) + radii <= 40.01))
        self.assertGreaterEqual((centres[:, 1] - radii).min(), 7.0 - 1e-6)
        inner = np.hypot(centres[:, 0], centres[:, 2]) < 20.0
        self.assertGreater((centres[inner, 1] + radii[inner]).max(), (centres[~inner, 1] + radii[~inner]).mean() + 5.0)


class OwnShape(unittest.TestCase):
    ball = Blob(centre=(0.0, 0.0, 0.0), radii=(10.0,) * 3)

    def test_a_level_of_its_own_cuts_only_its_form(self):
        level = BaseLevel(altitude=0.0, softness=0.0, raggedness=0.0)
        half = 2 / 3 * math.pi * 10.0**3
        self.assertAlmostEqual(volume(alone(self.ball.edited(base=level))) / half, 1.0, delta=0.01)
        other = self.ball.edited(centre=(40.0, 0.0, 0.0))
        self.assertAlmostEqual(volume(alone((self.ball.edited(base=level), other))) / (3 * half), 1.0, delta=0.01)
        top = BaseLevel(altitude=0.0, softness=0.0, raggedness=0.0)
        from softmound.core.recipe import TopLevel
        both = self.ball.edited(base=top, top=TopLevel(on=True, altitude=4.0, softness=0.0, raggedness=0.0))
        self.assertAlmostEqual(volume(alone(both)) / (math.pi * (100.0 * 4.0 - 4.0**3 / 3)), 1.0, delta=0.01)

    def test_roughness_stays_within_its_strength(self):
        rough = self.ball.edited(rough=Roughness(size=5.0, strength=2.0, seed=3))
        band = band_of(alone(rough), 0.6, 3.0, 3.0)
        plain = distance_in(shape_of(alone(self.ball)), 0.6, band.cells)
        got = distance_in(band.shape, 0.6, band.cells)
        self.assertLessEqual(np.abs(got - plain).max(), 2.0 + 1e-4)
        self.assertGreater(np.abs(got - plain).std(), 0.2)

    def test_roughness_goes_with_the_form_or_stays_in_the_sky(self):
        step = (4.8, 0.0, 9.6)  # whole bricks, so that the same voxels come again
        for anchor, same in (("form", True), ("sky", False)):
            form = self.ball.edited(rough=Roughness(size=5.0, strength=2.0, anchor=anchor))
            got = []
            for place in ((0.0, 0.0, 0.0), step):
                mass = alone(form.edited(centre=place))
                _, distance, points = band_and_points(mass, 0.6, 1.0)
                order = np.lexsort((points - place).reshape(-1, 3).round(3).T)
                got.append(distance.ravel()[order])
            equal = len(got[0]) == len(got[1]) and np.allclose(*got, atol=1e-3)
            self.assertEqual(equal, same, anchor)

    def test_leaving_out_far_rows_changes_nothing_whatever_the_forms_are(self):
        mass = Mass(melt=2.0, base=BaseLevel(altitude=-6.0, softness=3.0), forms=(
            self.ball.edited(buds=Buds(generations=2, count=5), rough=Roughness(size=4.0, strength=0.8)),
            Solid(shape="ring", size=(30.0, 6.0, 30.0), centre=(4.0, 3.0, 0.0), role="adds"),
            ball_mesh(6.0, 4).edited(centre=(10.0, 8.0, 0.0), role="carves"),
            Solid(shape="box", size=(40.0, 30.0, 16.0), centre=(0.0, 2.0, 0.0), role="keeps", edge=2.0,
                  coat=Coat(radius=2.5)),
            Blob(centre=(0.0, 14.0, 0.0), radii=(6.0, 4.0, 5.0), base=BaseLevel(altitude=12.0, raggedness=0.5)),
        ))
        band = band_of(mass, 0.6, 1.5, 2.0)
        got = distance_in(band.shape, 0.6, band.cells)
        count, rows = len(band.cells.coords), len(band.shape.table)
        everywhere = type(band.cells)(
            1, band.cells.coords, np.zeros(count, np.int64), np.full(count, rows, np.int64),
            np.arange(rows, dtype=np.int32), band.cells.stamps)
        exact = distance_in(band.shape, 0.6, everywhere)
        self.assertLess(band.cells.counts.mean(), 0.7 * rows)
        near = (exact < 1.5) & (exact > -2.0)
        np.testing.assert_allclose(got[near], exact[near], atol=1e-4)
        # And no brick that holds some of the band was left out.
        low, high = band.cells.coords.min(axis=0) - 1, band.cells.coords.max(axis=0) + 1
        box = np.stack(np.meshgrid(*[np.arange(a, b + 1) for a, b in zip(low, high)], indexing="ij"), -1)
        box = box.reshape(-1, 3).astype(np.int32)
        count = len(box)
        whole = type(band.cells)(1, box, np.zeros(count, np.int64), np.full(count, rows, np.int64),
                                 np.arange(rows, dtype=np.int32), np.zeros(count, np.int64))
        kept = {tuple(c) for c in band.cells.coords.tolist()}
        for coord, values in zip(box.tolist(), distance_in(band.shape, 0.6, whole)):
            if values.min() < 1.5 and values.max() > -2.0:
                self.assertIn(tuple(coord), kept)


class Placing(unittest.TestCase):
    form = Solid(shape="box", size=(8.0, 4.0, 6.0), centre=(3.0, 5.0, -2.0), rotation=(12.0, -34.0, 56.0))

    def test_degrees_undo_the_matrix(self):
        dice = np.random.default_rng(2)
        for _ in range(50):
            degrees = dice.uniform((-180, -89, -180), (180, 89, 180))
            np.testing.assert_allclose(degrees_of(rotation_matrix(degrees)), degrees, atol=1e-3)
        for degrees in ((30.0, 90.0, 0.0), (0.0, -90.0, 40.0)):
            matrix = rotation_matrix(degrees)
            np.testing.assert_allclose(rotation_matrix(degrees_of(matrix)), matrix, atol=1e-6)

    def test_own_undoes_placed(self):
        points = np.random.default_rng(1).normal(size=(9, 3))
        for form in (self.form, self.form.edited(mirror=True)):
            np.testing.assert_allclose(own(form, placed(form, points)), points, atol=1e-9)

    def test_turning_about_a_point_moves_every_corner_round_it(self):
        corners = self.form.triangles()[0]
        turn, about = about_axis((1.0, 2.0, 3.0), 40.0), np.array([1.0, 1.0, 1.0])
        expected = (placed(self.form, corners) - about) @ turn.T + about
        np.testing.assert_allclose(placed(turned(self.form, turn, about), corners), expected, atol=1e-3)

    def test_mirroring_mirrors_every_corner(self):
        blob = Blob(centre=(3.0, 5.0, -2.0), rotation=(12.0, -34.0, 56.0), radii=(4.0, 2.0, 3.0))
        mesh = ball_mesh(3.0, 2).edited(rotation=(12.0, -34.0, 56.0))
        for form in (blob, mesh):
            for axis in (0, 2):
                flip = np.ones(3)
                flip[axis] = -1.0
                points = np.random.default_rng(1).normal(size=(20, 3))
                np.testing.assert_allclose(placed(mirrored(form, axis), points), placed(form, points) * flip, atol=1e-3)
        self.assertEqual(mirrored(mirrored(self.form, 0), 0).mirror, False)

    def test_moving_sizing_and_snapping(self):
        self.assertEqual(moved(self.form, (1.0, 0.0, -1.0)).centre, (4.0, 5.0, -3.0))
        twice = sized(self.form, 2.0, about=(0.0, 0.0, 0.0))
        self.assertEqual(twice.size, (16.0, 8.0, 12.0))
        self.assertEqual(twice.centre, (6.0, 10.0, -4.0))
        self.assertEqual(sized_along(self.form, 1, 3.0).size, (8.0, 12.0, 6.0))
        self.assertLessEqual(max(sized(self.form, 1e9).size), 20_000.0)
        np.testing.assert_allclose(snapped([1.3, 7.9], 2.5), [2.5, 7.5])

    def test_all_lengths_of_a_form_grow_together(self):
        form = ball_mesh(4.0, 3).edited(rough=Roughness(size=3.0, strength=0.5), coat=Coat(radius=1.0), melt=2.0)
        grown_ = sized_form(form, 3.0)
        self.assertEqual((grown_.scale, grown_.rough.size, grown_.coat.radius, grown_.melt), ((3.0,) * 3, 9.0, 3.0, 6.0))
        self.assertAlmostEqual(volume(alone(grown_), 1.5) / volume(alone(form), 0.5), 27.0, delta=0.6)

    def test_linked_copies_follow_but_keep_their_place(self):
        a = self.form.edited(link=1)
        b = a.edited(name="Other", centre=(9.0, 9.0, 9.0), locked=True)
        c = self.form.edited(name="Free")
        after = replaced((a, b, c), {0: a.edited(size=(1.0, 2.0, 3.0), role="carves")})
        self.assertEqual((after[1].size, after[1].role), ((1.0, 2.0, 3.0), "carves"))
        self.assertEqual((after[1].name, after[1].centre, after[1].locked), ("Other", (9.0, 9.0, 9.0), True))
        self.assertEqual(after[2], c)


class Picking(unittest.TestCase):
    def test_a_ray_meets_each_kind_where_it_is(self):
        forms = (ball_mesh(5.0, 3).edited(centre=(0.0, 10.0, 0.0)),
                 Solid(shape="box", size=(6.0, 6.0, 6.0), edge=0.0, centre=(20.0, 10.0, 0.0)),
                 Points(cloud=Arrays(positions=np.zeros((1, 3), np.float32)), first=4.0, last=4.0,
                        centre=(40.0, 10.0, 0.0)),
                 Blob(centre=(60.0, 10.0, 0.0), radii=(3.0,) * 3, hidden=True),
                 Blob(centre=(80.0, 10.0, 0.0), radii=(3.0,) * 3, locked=True))
        mass = alone(forms)
        shape_of(mass, 0.3, 1.0)  # makes the fields; without them an ellipsoid stands in
        picker = Picker(mass)
        for number, (x, front) in enumerate(((0.0, 5.0), (20.0, 3.0), (40.0, 4.0), (60.0, None), (80.0, 3.0))):
            hit = picker.hit((x, 10.0, 100.0), (0.0, 0.0, -1.0))
            if front is None:
                self.assertIsNone(hit)
                continue
            self.assertEqual(hit.number, number)
            self.assertAlmostEqual(hit.along, 100.0 - front, delta=0.1)
            np.testing.assert_allclose(hit.normal, (0.0, 0.0, 1.0), atol=0.05)

    def test_outlines_hold_what_is_seen(self):
        camera = camera_of(View(distance=90.0, target=(0.0, 0.0, 0.0), azimuth=30.0, elevation=20.0), 400, 300)
        for form in (Solid(shape="cone", size=(14.0, 20.0, 14.0)), ball_mesh(8.0, 3),
                     Trail(dabs=(Dabs(path=((0.0, 0.0, 0.0, 1.0), (9.0, 3.0, 0.0, 1.0))),)),
                     Points(cloud=Arrays(positions=np.eye(3, dtype=np.float32) * 9.0), first=3.0, last=3.0)):
            form = form.edited(centre=(0.0, 0.0, 0.0))
            outline = outline_of(form, camera)
            half, middle = half_sizes(form)
            for axis in range(3):
                for sign in (-0.8, 0.8):
                    x, y, _ = camera.pixel(placed(form, middle + sign * 0.5 * half * np.eye(3)[axis]))
                    self.assertTrue(outline[:, 0].min() <= x <= outline[:, 0].max())
                    self.assertTrue(outline[:, 1].min() <= y <= outline[:, 1].max())
        self.assertIsNone(outline_of(Trail(), camera))
        self.assertEqual(grown(Blob())[0], Blob())


if __name__ == "__main__":
    unittest.main()
