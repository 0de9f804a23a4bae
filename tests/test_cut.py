"""Slices in the picture and their numbers, masks as a tint, and what is delivered to other programs."""

import json
import math
import pathlib
import tempfile
import unittest

import numpy as np

from softmound.core.engine.density import density_grid, surface_triangles
from softmound.core.engine.overlay import mask_lattice, tint_amount, tinted
from softmound.core.engine.stages import Stages
from softmound.core.exchange.export import ExportOptions, exported, origin_of
from softmound.core.exchange.meshes import from_metres, in_metres
from softmound.core.exchange.units import UNITS
from softmound.core.exchange.vdb import compare, write_vdb
from softmound.core.fill.steps.grow import Grow
from softmound.core.fill.steps.smooth import Smooth
from softmound.core.grain.actions.push import Push
from softmound.core.grain.masks.facing import ByFacing
from softmound.core.grain.masks.height import ByHeight
from softmound.core.library.delivery import as_seen, built, delivered
from softmound.core.light.picture.cut import Cut, cut_layer, on_plate, plate_of, with_cut
from softmound.core.light.scene.camera import camera_of, fitted
from softmound.core.light.scene.scene import scene_of
from softmound.core.recipe import Light, Medium, Problem, Skin, View, eased
from softmound.core.volume import grid_of
from softmound.core.volume.cut_facts import facts_of_cut, whole_histograms
from softmound.core.volume.reference import vdb
from softmound.core.volume.sample import sample
from softmound.core.volume.slices import ramp
from softmound.core.volume.twin import brick_windows, tile_runs, vdb_of
from softmound.core.volume.windows import read_window, window_differs
from tests.scenes import ball_mound, box_grid, dense_of, lumpy_mound, random_grid

SIZE = 160, 120


def look(azimuth=0.0, elevation=0.0):
    """A camera on a ball around (0, 20, 0)."""
    view = View(azimuth=azimuth, elevation=elevation, target=(0.0, 20.0, 0.0), distance=60.0)
    return camera_of(fitted(view, np.array([-10.0, 10.0, -10.0]), np.array([10.0, 30.0, 10.0]), *SIZE), *SIZE)


class Plates(unittest.TestCase):
    def setUp(self):
        self.grid = density_grid(ball_mound(10.0, 4.0), 0.5)

    def test_points_under_pixels_lie_on_the_plate_and_fall_on_the_pixels(self):
        dice = np.random.default_rng(1)
        for axis in range(3):
            cut = Cut(axis, 20.0 if axis == 1 else 2.0)
            corners = plate_of(self.grid, cut)
            self.assertEqual(set(corners[:, axis]), {cut.at})
            camera = look(35.0, 30.0)
            x, y = dice.uniform(0, SIZE[0], 400), dice.uniform(0, SIZE[1], 400)
            points, inside = on_plate(camera, corners, cut, x, y)
            self.assertTrue(0.01 < inside.mean() < 0.99)
            for n in np.flatnonzero(inside)[:40]:
                back = camera.pixel(points[n])
                np.testing.assert_allclose(back[:2], (x[n], y[n]), atol=1e-6)
            low, high = corners.min(axis=0), corners.max(axis=0)
            self.assertTrue(np.all((points[inside] >= low) & (points[inside] <= high)))

    def test_a_plate_seen_from_its_edge_or_from_behind_is_nothing(self):
        cut = Cut(2, 0.0)
        corners = plate_of(self.grid, cut)
        _, inside = on_plate(look(90.0), corners, cut, np.array([80.3]), np.array([60.2]))
        self.assertFalse(inside.any())
        away = camera_of(View(azimuth=0.0, elevation=0.0, target=(0.0, 20.0, 90.0), distance=20.0), *SIZE)
        looking_back = Cut(2, 130.0)
        _, inside = on_plate(away, plate_of(self.grid, looking_back), looking_back, np.array([80.0]), np.array([60.0]))
        self.assertFalse(inside.any())

    def test_colours_of_the_cut_are_the_ramp_s(self):
        camera, cut = look(), Cut(2, 0.0)
        grey = np.full((SIZE[1], SIZE[0], 4), 120, np.uint8)
        out = with_cut(grey, cut_layer(self.grid, camera, cut, *grey.shape[:2]))
        for depth in (1.0, 2.0, 3.0, 6.0):
            x, y, _ = camera.pixel((10.0 - depth, 20.0, 0.0))
            wanted = ramp()[round(min(depth / 4.0, 1.0) * 255)].astype(int)
            self.assertLess(np.abs(out[round(y), round(x), :3].astype(int) - wanted).max(), 24, depth)
        np.testing.assert_array_equal(out[..., 3], 120)
        self.assertLess(out[2, 2, 0], 120)  # what is around is dimmed

    def test_contours_lie_where_the_levels_do(self):
        camera = look()
        grey = np.zeros((SIZE[1], SIZE[0], 4), np.uint8)
        plain, lined = (with_cut(grey, cut_layer(self.grid, camera, Cut(2, 0.0, contours=n), *grey.shape[:2])).astype(int)
                        for n in (0, 1))
        y, x = np.nonzero(np.abs(lined - plain)[..., :3].max(axis=-1) > 60)
        points, _ = on_plate(camera, plate_of(self.grid, Cut(2, 0.0)), Cut(2, 0.0), x + 0.5, y + 0.5)
        # One line at half density, two metres inside.
        away = np.linalg.norm(points - (0.0, 20.0, 0.0), axis=1)
        self.assertGreater(len(away), 60)
        self.assertLess(np.abs(away - 8.0).max(), 1.0)

    def test_an_empty_grid_only_dims(self):
        empty = grid_of(1.0, np.empty((0, 3)), np.empty((0, 512)))
        out = with_cut(np.full((*SIZE[::-1], 4), 200, np.uint8), cut_layer(empty, look(), Cut(), *SIZE[::-1]))
        self.assertEqual(len(np.unique(out[..., 0])), 1)


class CutNumbers(unittest.TestCase):
    def test_histograms_of_a_box(self):
        grid = box_grid((0, 0, 0), (15, 31, 7), 0.5, voxel=2.0)
        whole = whole_histograms(grid, 0.1, 2)
        self.assertEqual(int(whole.density.sum()), 16 * 32 * 8)
        self.assertEqual(int(whole.depth.sum()), 16 * 32)
        # Every line runs through 8 voxels of 2 m at half density.
        self.assertAlmostEqual(float(whole.depth_edges[-1]), 8 * 2.0 * 0.5 * 0.1, places=6)
        facts = facts_of_cut(grid, 0.1, 2, 8.0, whole)
        self.assertAlmostEqual(facts.most, 0.5, places=5)
        self.assertEqual(facts.along, 1)
        self.assertGreater(facts.share, 0.8)
        outside = facts_of_cut(grid, 0.1, 2, 900.0, whole)
        self.assertEqual((outside.most, outside.mean, outside.share, int(outside.density.sum())), (0.0, 0.0, 0.0, 0))

    def test_they_are_served_from_the_cache(self):
        stages, grid = Stages(), density_grid(lumpy_mound(), 0.8)
        first = stages.histograms(grid, "k", 0.1, 1)
        self.assertIs(stages.histograms(grid, "k", 0.1, 1), first)
        self.assertIsNot(stages.histograms(grid, "k", 0.2, 1), first)


class Tints(unittest.TestCase):
    def test_the_lattice_is_the_mask(self):
        mound = ball_mound(10.0, 2.0)
        lattice = mask_lattice(mound, (ByHeight(low=10.0, high=30.0),), 1.0)
        height = lattice.sky_first[1] + np.arange(lattice.sky.shape[1])
        near = lattice.sky[:, :, :, 1, 0].max(axis=(0, 2))
        inside = (height > 12.0) & (height < 28.0)
        np.testing.assert_allclose(near[inside], ((height - 10.0) / 20.0)[inside], atol=1e-4)
        self.assertEqual(lattice.sky[..., 2, 0].min(), 1.0)

    def test_what_faces_up_is_tinted_and_the_sky_is_not(self):
        mound = ball_mound(10.0, 2.0)
        grid = density_grid(mound, 0.5)
        grey = np.full((SIZE[1], SIZE[0], 4), 128, np.uint8)
        camera = look()
        out = tinted(grey, tint_amount(scene_of(mound.light, grid), mound, (ByFacing(toward="up"),), camera)).astype(int)
        warm = out[..., 0] - out[..., 2]
        top, foot = (camera.pixel((0.0, y, 9.0)) for y in (28.0, 12.0))
        self.assertGreater(warm[round(top[1]) + 2, round(top[0])], warm[round(foot[1]) - 2, round(foot[0])] + 10)
        self.assertEqual(warm[2, 2], 0)

    def test_nothing_is_tinted_where_no_cloud_is_left(self):
        camera = camera_of(View(), 30, 20)
        mound = lumpy_mound()
        amount = tint_amount(scene_of(mound.light), mound, (ByFacing(toward="up"),), camera, stride=2)
        self.assertEqual((amount.shape, float(amount.max())), ((10, 15), 0.0))



class Handing(unittest.TestCase):
    def test_windows_and_runs_cover_all_there_is(self):
        grid = random_grid(6)
        corners = brick_windows(grid)
        covered = {tuple(c) for c in grid.coords // 8 * 8}
        self.assertEqual({tuple(c) for c in corners}, covered)
        firsts, lasts, values = tile_runs(grid)
        total = np.prod(lasts - firsts + 1, axis=1).sum()
        self.assertEqual(int(total), 512 * len(grid.tile_coords))
        row = grid_of(1.0, np.empty((0, 3)), np.empty((0, 512)), np.array([[0, 0, z] for z in (3, 1, 2, 5)]),
                      np.array([0.5, 0.5, 0.5, 0.5], np.float32))
        firsts, lasts, values = tile_runs(row)
        self.assertEqual((firsts[:, 2].tolist(), lasts[:, 2].tolist(), values.tolist()), ([8, 40], [31, 47], [0.5, 0.5]))

    def test_a_window_that_differs_is_found_wherever_it_does(self):
        grid = random_grid(7)
        corner, shape = grid.coords[5] - 1, (3, 3, 3)
        window = read_window(grid, corner, shape)
        self.assertFalse(window_differs(grid, corner, window))
        dice = np.random.default_rng(3)
        for _ in range(20):
            at = tuple(dice.integers(0, 24, 3))
            wrong = window.copy()
            wrong[at] += 0.01
            self.assertTrue(window_differs(grid, corner, wrong))
            self.assertFalse(window_differs(grid, corner, wrong, 0.0, 0.011))
            wrong[at] = np.nan
            self.assertTrue(window_differs(grid, corner, wrong, 1.0, 1.0))
        rounded = window.astype(np.float16).astype(np.float32)
        self.assertFalse(window_differs(grid, corner, rounded, 2.0**-11, 2.0**-25))

    def test_a_spoilt_file_is_found(self):
        grid = random_grid(8)
        with tempfile.TemporaryDirectory() as folder:
            path = pathlib.Path(folder) / "spoilt.vdb"
            for spoil in (lambda g: g.getAccessor().setValueOn(tuple(int(c) * 8 for c in grid.coords[3]), 9.0),
                          lambda g: g.fill(tuple(int(c) * 8 for c in grid.tile_coords[0]), tuple(
                              int(c) * 8 + 7 for c in grid.tile_coords[0]), 0.0, False)):
                made = vdb_of(grid, half=False)
                spoil(made)
                vdb.write(str(path), grids=[made])
                with self.assertRaises(Problem):
                    compare(path, grid, half=False)

    def test_metres_and_back(self):
        points = np.random.default_rng(2).normal(size=(50, 3)) * 30.0
        for unit in UNITS:
            for up in ("y", "z"):
                np.testing.assert_allclose(in_metres(from_metres(points, unit, up), unit, up), points, atol=1e-9)


def trilinear(accessor, places):
    """Values of a grid of the reference library between its voxels."""
    low = np.floor(places).astype(int)
    found = np.zeros(len(places))
    for corner in np.ndindex(2, 2, 2):
        weight = np.prod(np.where(corner, places - low, 1.0 - (places - low)), axis=1)
        found += weight * [accessor.getValue(tuple(int(v) for v in at)) for at in low + corner]
    return found


class Deliveries(unittest.TestCase):
    def setUp(self):
        self._folder = tempfile.TemporaryDirectory()
        self.addCleanup(self._folder.cleanup)
        self.path = pathlib.Path(self._folder.name) / "bun.vdb"

    def test_surface_and_density_lie_over_one_another(self):
        mound = ball_mound(10.0, 2.0)
        grid = built(Stages(), mound, 0.5)
        for origin in ("kept", "centre", "base"):
            for up in ("y", "z"):
                options = ExportOptions(up=up, unit="dm", origin=origin, surface=True, half=False)
                facts = delivered(self.path, mound, grid, 0.5, options)
                density, surface = (vdb.read(str(self.path), name) for name in ("density", "surface"))
                middles = []
                for stored in (density, surface):
                    low, high = (np.array(stored.transform.indexToWorld(tuple(c)))
                                 for c in stored.evalActiveVoxelBoundingBox())
                    middles.append((low + high) / 2)
                np.testing.assert_allclose(*middles, atol=2.6)
                self.assertEqual(facts["in_file"]["unit"], "dm")
                json.dumps(facts)

    def test_grids_as_seen_add_up_in_every_placement(self):
        push = Push(feature=8.0, octaves=3, strength=4.0, standing=True, goes_on=True)
        mound = ball_mound(10.0, 2.0).edited(grains=(push,), light=Light(medium=Medium(extinction=2.0)),
                                             view=View(target=(0.0, 20.0, 9.0), distance=12.0))
        stages = Stages()
        grid = built(stages, mound, 1.0)
        parts = as_seen(stages, mound, grid, camera_of(mound.view, 160, 100))
        self.assertGreater(len(parts), 1)
        places = np.random.default_rng(4).uniform((-12, 8, -12), (12, 32, 12), (300, 3))
        wanted = sum(sample(part, places) for part in parts)
        for unit, up, origin in (("m", "y", "kept"), ("cm", "z", "base")):
            options = ExportOptions(up=up, unit=unit, origin=origin, half=False)
            facts = delivered(self.path, mound, grid, 1.0, options, None, parts)
            # Independently, by the library's own sampler at the same places in the file's numbers.
            own = from_metres(places - origin_of(grid, origin), unit, up)
            found = np.zeros(len(places))
            for name in ("density", *facts["finer"]):
                stored = vdb.read(str(self.path), name)
                self.assertEqual(stored["adds_up_to_density"].split(), ["density", *facts["finer"]])
                voxel = np.array([stored.transform.worldToIndex(tuple(place)) for place in own])
                found += trilinear(stored.getConstAccessor(), voxel)
            np.testing.assert_allclose(found, wanted, atol=2e-3)
            # What is said of the cloud is said of all of it.
            alone = delivered(self.path, mound, grid, 1.0, options)
            self.assertEqual((facts["volume_m3"], facts["bounds"]), (alone["volume_m3"], alone["bounds"]))
        with self.assertRaises(Problem) as caught:
            as_seen(stages, mound.edited(steps=(Smooth(width=3.0),)), grid, camera_of(mound.view, 16, 10))
        self.assertIn("smaller voxel", str(caught.exception))

    def test_the_origin_of_each_kind(self):
        grid = density_grid(ball_mound(10.0, 2.0), 0.5)
        np.testing.assert_array_equal(origin_of(grid, "kept"), 0.0)
        np.testing.assert_allclose(origin_of(grid, "centre"), (0.0, 20.0, 0.0), atol=0.3)
        self.assertAlmostEqual(origin_of(grid, "base")[1], 10.0, delta=0.5)
        placed = exported(grid, "z", "m", "base")
        self.assertAlmostEqual(float(placed.world(placed.active_bounds()[0])[2]) - placed.voxel / 2, 0.0, places=5)

    def test_refusals(self):
        empty = ball_mound().edited(mass=ball_mound().mass.edited(forms=()))
        with self.assertRaises(Problem):
            built(Stages(), empty, 1.0)
        with self.assertRaises(Problem) as caught:
            built(Stages(), ball_mound(), 0.01, limit=50e6)
        self.assertIn("smallest voxel that fits", str(caught.exception))

    def test_the_displaced_surface_is_closed_and_of_the_right_size(self):
        for steps, radius in (((), 10.0), ((Grow(metres=2.0),), 12.0), (
                (Smooth(width=2.0, filter="flow"),), math.sqrt(100.0 - 8.0))):
            vertices, faces = surface_triangles(ball_mound(10.0, 1.0, steps=steps), 0.5)
            a, b, c = (vertices[faces[:, n]] for n in range(3))
            volume = np.einsum("ij,ij->i", a, np.cross(b, c)).sum() / 6.0
            self.assertAlmostEqual(volume / (4.0 / 3.0 * math.pi * radius**3), 1.0, delta=0.02)
            edges = np.sort(np.concatenate([faces[:, [0, 1]], faces[:, [1, 2]], faces[:, [2, 0]]]), axis=1)
            _, counts = np.unique(edges, axis=0, return_counts=True)
            self.assertEqual(set(counts), {2})

    def test_pruning_within_its_tolerance(self):
        grid = density_grid(ball_mound(10.0, skin=Skin(thickness=6.0, curve=eased(0.0))), 0.4)
        write_vdb(self.path, grid, half=False, tolerance=0.3)
        stored = vdb.read(str(self.path), "density")
        dense, low = dense_of(grid)
        theirs = np.empty(dense.shape, np.float32)
        stored.copyToArray(theirs, ijk=tuple(int(v) for v in low))
        self.assertLessEqual(np.abs(theirs - dense).max(), 0.3 + 1e-6)
        with self.assertRaises(Problem):
            compare(self.path, grid, half=False)


if __name__ == "__main__":
    unittest.main()
