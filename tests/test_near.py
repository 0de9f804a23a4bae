"""Bricks that are made finer where a picture sees them near, and surfaces that are worked out from coarse to fine."""

import math
import threading
import unittest
from dataclasses import replace

import numpy as np

from softmound.core.directions import direction_of
from softmound.core.engine.density import density_grid, density_in, refinable
from softmound.core.engine.painter import Painter, Request
from softmound.core.engine.refining import THIN, WIDE, refined_levels
from softmound.core.engine.stages import Stages
from softmound.core.grain import surface
from softmound.core.grain.actions.push import Push
from softmound.core.grain.surface import begun_wide, wide_turns
from softmound.core.light.lattices.coarse import RESTING
from softmound.core.light.lattices.near import box_of
from softmound.core.light.marching.march import OPACITY, SUN, march
from softmound.core.light.marching.visible import visible_bricks
from softmound.core.light.paths.first_met import first_met
from softmound.core.light.scene.camera import camera_of
from softmound.core.light.scene.layered import SPLIT, layered_of, with_refined
from softmound.core.light.scene.scene import PlacedCloud, scene_of
from softmound.core.mass.kinds.blob import Blob
from softmound.core.recipe import BaseLevel, Lamp, Light, Mass, Medium, Mound, Skin, Sky, Sun, View
from softmound.core.volume.bricks import grid_of
from softmound.core.volume.digest import values_digest
from softmound.core.volume.refined import Refined, everything_in, halves_of, is_among, surrounded, with_neighbours
from softmound.core.volume.sample import sample
from softmound.core.volume.summands import summands
from softmound.core.volume.upsample import bends_of, bounds_between, slopes_of, upsampled

LANE = np.stack(np.meshgrid(*[np.arange(8)] * 3, indexing="ij"), -1).reshape(-1, 3)


def bricks_of(low, high):
    """Coordinates of a box of bricks."""
    return np.stack(np.meshgrid(*[np.arange(a, b) for a, b in zip(low, high)], indexing="ij"), -1).reshape(-1, 3).astype(np.int32)


def places(coords, voxel):
    """Places of the voxels of bricks, metres."""
    return (coords[:, None] * 8 + LANE) * voxel


def filled(voxel, coords, value):
    """A grid of a function of the place."""
    return grid_of(voxel, coords, value(places(coords, voxel)).astype(np.float32))


def cubic(p):
    x, y, z = np.moveaxis(p / 8.0, -1, 0)
    return x**3 - 2.0 * x * y**2 + z**3 + x * y * z + 3.0


class Interpolation(unittest.TestCase):
    def setUp(self):
        self.grid = filled(2.0, bricks_of((-1, -1, -1), (2, 2, 2)), cubic)

    def test_a_cubic_is_read_between_voxels_exactly(self):
        coords = bricks_of((0, 0, 0), (2, 2, 2))
        np.testing.assert_allclose(upsampled(self.grid, coords), cubic(places(coords, 1.0)), atol=2e-4)

    def test_at_a_border_without_neighbours_it_goes_on_evenly(self):
        alone = filled(2.0, bricks_of((0, 0, 0), (1, 1, 1)), lambda p: 5.0 + 0.0 * p[..., 0])
        np.testing.assert_array_equal(upsampled(alone, bricks_of((0, 0, 0), (2, 2, 2))), np.float32(5.0))

    def test_bounds_hold_what_is_read(self):
        rng = np.random.default_rng(2)
        grid = grid_of(2.0, bricks_of((-1, -1, -1), (2, 2, 2)), rng.random((27, 512)).astype(np.float32))
        coords = bricks_of((0, 0, 0), (2, 2, 2))
        least, most = bounds_between(grid, coords)
        whole, own = upsampled(grid, coords), coords * 4
        for n, first in enumerate(own):
            voxels = np.stack(np.meshgrid(*[np.arange(f - 1, f + 6) for f in first], indexing="ij"), -1).reshape(-1, 3)
            block = sample(grid, voxels * 2.0)
            self.assertAlmostEqual(float(least[n]), float(block.min()), places=6)
            self.assertAlmostEqual(float(most[n]), float(block.max()), places=6)
        # Halfway between the inner two of four samples at most an eighth of their range is gone beyond, along each axis.
        beyond = ((1.0 + 0.25) ** 3 - 1.0) * (most - least)
        self.assertTrue((whole.max(axis=1) <= most + beyond).all() and (whole.min(axis=1) >= least - beyond).all())

    def test_slopes_know_neighbours_and_are_of_second_order_without(self):
        def bent(p):
            x, y, z = np.moveaxis(p, -1, 0)
            return 0.5 * x * x + x * y - 2.0 * z * z + y

        found = slopes_of(filled(0.5, bricks_of((0, 0, 0), (2, 1, 1)), bent))
        x, y, z = np.moveaxis(places(bricks_of((0, 0, 0), (2, 1, 1)), 0.5), -1, 0)
        np.testing.assert_allclose(found, np.stack([x + y, x + 1.0, -4.0 * z], axis=1), atol=2e-3)
        # A kink between two bricks: the slope there is the mean of both sides only if the neighbour is read.
        kinked = slopes_of(filled(1.0, bricks_of((0, 0, 0), (2, 1, 1)), lambda p: np.abs(p[..., 0] - 8.0)))
        np.testing.assert_allclose(kinked[1, 0, LANE[:, 0] == 0], 0.0, atol=1e-5)


    def test_bends_are_fourth_differences_across_bricks(self):
        grid = filled(1.0, bricks_of((0, 0, 0), (3, 2, 1)), lambda p: np.sin(0.4 * p[..., 0] * p[..., 1]) + p[..., 2] ** 3)
        dense = np.zeros((24, 16, 8))
        for (x, y, z), values in zip(grid.coords * 8, grid.values):
            dense[x : x + 8, y : y + 8, z : z + 8] = values.reshape(8, 8, 8)
        differences = [np.abs(np.diff(dense, 4, axis)) for axis in range(3)]
        for (x, y, _z), found in zip(grid.coords * 8, bends_of(grid)):
            # Those of five voxels whose middle one is in the brick.
            own = [differences[0][max(x - 2, 0) : x + 6, y : y + 8], differences[1][x : x + 8, max(y - 2, 0) : y + 6],
                   differences[2][x : x + 8, y : y + 8]]
            self.assertAlmostEqual(float(found), max(part.max() for part in own), delta=2e-4)


class CoarseToFine(unittest.TestCase):
    """Large octaves are worked out on wide voxels."""

    PUSH = Push(kind="cellular", feature=16.0, octaves=4, gain=0.55, strength=9.0, direction="inward", standing=True)
    MOUND = Mound(mass=Mass(forms=(Blob(radii=(30, 26, 28)),), base=BaseLevel(on=False)), grains=(PUSH,), skin=Skin(thickness=2.0))

    def test_an_octave_has_twelve_voxels_for_its_feature_at_least(self):
        self.assertEqual(wide_turns((self.PUSH,), 0.125), [3, 2, 1])
        self.assertEqual(wide_turns((self.PUSH,), 0.25), [2, 1])
        self.assertEqual(wide_turns((self.PUSH,), 1.0), [])
        # What is finer holds back what comes after it: turns keep their order.
        self.assertEqual(wide_turns((self.PUSH.edited(feature=4.0, octaves=1), self.PUSH), 0.125), [1, 1, 1, 1])

    def test_no_brick_that_counts_is_left_out(self):
        digests = []
        kept = surface.SLACK, surface.MARGIN
        try:
            for slack, margin in (kept, (9.0, 4.0)):
                surface.SLACK, surface.MARGIN = slack, margin
                digests.append(values_digest(density_grid(self.MOUND, 0.6), half=False))
        finally:
            surface.SLACK, surface.MARGIN = kept
        self.assertEqual(digests[0], digests[1])

    def test_the_cloud_is_the_same_at_half_the_voxel(self):
        # What both voxels can hold lies on the same wide ones, so what the last octaves add is all the difference.
        large = self.MOUND.edited(grains=(self.PUSH.edited(feature=32.0, octaves=2),))
        coarse, fine = (density_grid(large, voxel) for voxel in (0.5, 0.25))
        points = places(coarse.coords, 0.5).reshape(-1, 3)
        apart = np.abs(sample(coarse, points) - sample(fine, points))
        self.assertLess(apart.mean(), 0.01)
        volume = [grid.values.sum(dtype=float) + 512 * grid.tile_values.sum(dtype=float) for grid in (coarse, fine)]
        self.assertAlmostEqual(volume[0] / (volume[1] / 8.0), 1.0, delta=0.01)

    def test_one_plain_octave_is_what_it_would_be_at_every_voxel(self):
        # Read at the voxel and not at the surface, noise does not depend on the field: wide voxels interpolate it.
        plain = Push(kind="gradient", feature=24.0, octaves=1, strength=3.0)
        coords = bricks_of((-2, -2, -2), (2, 2, 2))

        def bricks_at(doubled):
            wide = with_neighbours(np.unique(coords >> doubled, axis=0).astype(np.int32))
            return wide, wide[:0], lambda rows: np.zeros((len(wide[rows]), 512), np.float32)

        begun = begun_wide(bricks_at, 1.0, (plain,), surface.Landmarks())
        self.assertEqual(begun.turns, 1)
        exact = surface.pushed(np.zeros((len(coords), 512), np.float32), coords, 1.0, (plain,))
        # On two metres it has twelve voxels for a feature.
        apart = np.abs(begun.at(coords, lambda rows: np.zeros((len(rows), 512), np.float32)) - exact)
        self.assertLess(apart.mean(), 0.002 * 3.0)
        self.assertLess(apart.max(), 0.04 * 3.0)

    def test_forms_are_asked_again_where_they_are_creased_and_read_between_wide_voxels_elsewhere(self):
        push = Push(kind="gradient", feature=48.0, octaves=1, strength=1e-4)
        coords = bricks_of((-3, -3, -3), (3, 3, 3))

        def ball(p):
            return np.linalg.norm(p - 100.0, axis=-1) - 90.0

        def roof(p):
            return np.abs(p[..., 0] - 3.3) + 0.5 * p[..., 1]

        for form, creased in ((ball, False), (roof, True)):
            asked = []

            def exactly(rows, form=form, asked=asked):
                asked.extend(coords[rows, 0].tolist())
                return form(places(coords[rows], 1.0)).astype(np.float32)

            def bricks_at(doubled, form=form):
                wide = with_neighbours(np.unique(coords >> doubled, axis=0).astype(np.int32))
                return wide, wide[:0], lambda rows: form(places(wide[rows], 2.0**doubled)).astype(np.float32)

            found = begun_wide(bricks_at, 1.0, (push,), surface.Landmarks()).at(coords, exactly)
            # The crease is in bricks 0 and, as wide ones go, 1; those beside read none of it.
            self.assertEqual(set(asked), {0, 1} if creased else set())
            self.assertLess(np.abs(found - form(places(coords, 1.0))).max(), surface.SMOOTH)

    def test_a_mask_that_reads_distances_keeps_its_grain_on_the_voxels(self):
        from softmound.core.grain.masks.depth import ByDepth

        self.assertEqual(wide_turns((self.PUSH.edited(where=(ByDepth(),)),), 0.5), [])


class GoingOn(unittest.TestCase):
    """Octaves that are finer than those asked for, as far as voxels hold them."""

    def test_they_have_the_slope_of_the_others(self):
        push = Push(feature=16.0, octaves=3, gain=0.5, strength=7.0, standing=True, goes_on=True)
        sizes = [finest for finest, _ in push.turns]
        np.testing.assert_allclose(sizes, [16.0 / 2**n for n in range(9)])  # down to LEAST
        np.testing.assert_allclose([reach[0] for _, reach in push.turns], [4.0 / 2**n for n in range(9)])
        self.assertEqual(push.edited(goes_on=False).turns, push.turns[:3])

    def test_voxels_hold_them_from_one_and_a_half_on_and_the_surface_stays_on_the_mean(self):
        plane = np.broadcast_to((LANE[:, 1] - 4.0) * 0.25, (64, 512)).astype(np.float32)
        coords = bricks_of((0, 0, 0), (8, 1, 8))
        for changes in ({"standing": True}, {"standing": True, "direction": "inward", "kind": "cellular"},
                        {"summed": "folded", "direction": "outward"}):
            push = Push(feature=3.0, octaves=2, strength=0.6, **changes)
            for voxel, finer in ((1.0, False), (0.25, True)):
                field = (plane * voxel * 4.0).astype(np.float32)
                before, after = (surface.pushed(field, coords, voxel, (one,)) for one in (push, push.edited(goes_on=True)))
                more = after - before
                self.assertEqual(bool(np.abs(more).max() > 0.0), finer, changes)
                self.assertLess(abs(float(more.mean())), 0.012 * 0.6, changes)
                if finer:
                    self.assertGreater(float(more.std()), 0.02 * 0.6, changes)


def slanted(p):
    """A density that changes evenly."""
    return 0.5 + (p @ np.array([0.3, 0.2, -0.1])) / 32.0


class Summands(unittest.TestCase):
    """A refined grid as plain ones that add up to it."""

    def setUp(self):
        self.grid = filled(2.0, bricks_of((-3, -3, -3), (3, 3, 3)), slanted)
        # Three bricks wide in the middle, where the second level lies within what the first has.
        first = filled(1.0, halves_of(bricks_of((-2, -2, -2), (2, 2, 2))), slanted)
        second = filled(0.5, halves_of(bricks_of((-3, -3, -3), (3, 2, 1))), slanted)
        self.refined = Refined((first, second), "slanted")

    def added_up(self, parts, points):
        return sum(sample(part, points) for part in parts)

    def test_an_even_field_stays_even_over_all_borders(self):
        parts = summands(self.grid, self.refined)
        self.assertEqual([part.voxel for part in parts], [2.0, 1.0, 0.5])
        points = np.random.default_rng(5).uniform(-40.0, 40.0, (20_000, 3))
        # Within a voxel a share changes by an eighth: what interpolation misses of the product is a few thousandths of the field.
        np.testing.assert_allclose(self.added_up(parts, points), slanted(points), atol=0.004)

    def test_deep_within_only_the_finest_holds_anything(self):
        parts = summands(self.grid, self.refined)
        points = np.random.default_rng(6).uniform(-7.0, (12.0, 3.0, 0.0), (500, 3))
        self.assertEqual([float(np.abs(sample(part, points)).max()) for part in parts[:2]], [0.0, 0.0])
        np.testing.assert_allclose(sample(parts[2], points), slanted(points), atol=1e-5)
        outside = np.array([[40.0, 0.0, 0.0], [0.0, -40.0, 10.0]])
        np.testing.assert_allclose(sample(parts[0], outside), slanted(outside), atol=1e-5)

    def test_of_a_cloud_the_optical_depths_are_those_that_are_seen(self):
        mound = Mound(mass=Mass(forms=(Blob(centre=(0, 20, 0), radii=(20, 18, 19)),), base=BaseLevel(on=False)),
                      grains=(Push(feature=8.0, octaves=3, strength=4.0, standing=True, goes_on=True),), skin=Skin(thickness=2.0),
                      light=Light(medium=Medium(extinction=2.0)), view=View(target=(0, 20, 14), distance=14.0))
        stages, camera = Stages(), camera_of(mound.view, 160, 100)
        grid, key = stages.density(mound, 1.6), stages.density_key(mound, 1.6)
        scene = stages.near_scene(mound, grid, key, camera)
        refined = scene.clouds[0].refined
        self.assertGreater(len(refined.levels), 1)
        parts = summands(grid, refined)
        # A second method: the finest level where it is there, else the next.
        ends = np.random.default_rng(7).uniform((-6, 14, -5), (6, 26, 5), (40, 3))
        along = np.linspace(0.0, 1.0, 1200)
        for end in ends:
            points = camera.eye + along[:, None] * (end - camera.eye)
            seen = sample(grid, points)
            for level in refined.levels:
                own = is_among(np.floor(points / (8 * level.voxel)).astype(np.int32), everything_in(level))
                seen[own] = sample(level, points[own])
            self.assertAlmostEqual(self.added_up(parts, points).sum() / seen.sum(), 1.0, delta=0.03)
        for part in parts:
            self.assertGreaterEqual(float(part.values.min()), 0.0)
            self.assertTrue((part.values.max(axis=1) > 0.0).all())


class Rays(unittest.TestCase):
    """What rays find in bricks that are split."""

    def setUp(self):
        coords = bricks_of((-2, -2, -2), (2, 2, 2))
        self.grid = filled(2.0, coords, slanted)
        first = filled(1.0, halves_of(bricks_of((-1, -1, -1), (1, 1, 1))), slanted)
        second = filled(0.5, halves_of(bricks_of((-1, -1, -1), (0, 1, 1))), slanted)
        self.refined = Refined((first, second), "slanted")
        self.camera = camera_of(View(target=(0, 0, 0), distance=120.0, azimuth=30.0, elevation=12.0), 48, 32)

    def scene(self, refined, extinction=0.03, **changes):
        light = Light(sun=Sun(azimuth=40.0, elevation=30.0), sky=Sky(kind="plain"), medium=Medium(extinction=extinction, **changes))
        return scene_of(light, PlacedCloud(self.grid, light.medium, key="slanted", refined=refined))

    def test_halves_are_found_and_borders_are_read_evenly(self):
        shell = with_refined(layered_of(self.grid), self.grid, self.refined)
        self.assertEqual(shell.finest, 4)
        self.assertEqual(len(shell.halves), 8 + 4)
        self.assertEqual(int((shell.halves >= SPLIT).sum()), 4)
        # Each widened brick holds the same even field, whatever its neighbours are.
        rows = len(shell.values) - len(self.refined.levels[1].coords)
        wide = np.stack(np.meshgrid(*[np.arange(9)] * 3, indexing="ij"), -1).reshape(-1, 3)
        for n, brick in enumerate(self.refined.levels[1].coords):
            np.testing.assert_allclose(shell.values[rows + n], slanted((brick * 8 + wide) * 0.5), atol=1e-5)

    def test_optical_depths_are_those_of_the_field_across_borders(self):
        stages = Stages()
        found = []
        for refined in (None, self.refined):
            scene = self.scene(refined)
            lattice = stages.lattice(scene, RESTING)
            found.append(sum(march(scene, lattice, self.camera, nth=n)[..., OPACITY] for n in range(16)) / 16.0)
        self.assertGreater(found[0].max(), 0.5)
        # By the field itself along each ray.
        exact, t = np.zeros(found[0].shape), np.arange(60.0, 180.0, 0.1)
        for row in range(9, 24, 3):
            for column in range(15, 33, 3):
                along = sample(self.grid, self.camera.eye + t[:, None] * self.camera.ray(column + 0.5, row + 0.5))
                exact[row, column] = 1.0 - math.exp(-0.03 * 0.1 * float(along.sum()))
        inner = np.zeros(exact.shape, bool)
        inner[9:24:3, 15:33:3] = True
        np.testing.assert_allclose(found[1][inner], exact[inner], rtol=0.015)
        self.assertLess(np.abs(found[1] - found[0])[inner].max(), 0.01)

    def test_paths_fly_as_far(self):
        met = [first_met(self.scene(refined), self.camera, 200) for refined in (None, self.refined)]
        inner = (slice(10, 22), slice(16, 32))
        seen = [one.distance[inner] for one in met]
        self.assertAlmostEqual(float(seen[0].mean()), float(seen[1].mean()), delta=0.6)

    def test_a_finer_half_that_is_empty_lets_light_through(self):
        hollow = self.refined.levels[0]
        hollow = grid_of(1.0, hollow.coords[:0], hollow.values[:0], everything_in(hollow), np.zeros(len(hollow.coords), np.float32))
        stages, lone = Stages(), Refined((hollow,), "hollow")
        opacity = []
        for refined in (None, lone):
            scene = self.scene(refined)
            opacity.append(march(scene, stages.lattice(scene, RESTING), self.camera)[16, 24, OPACITY])
        self.assertLess(opacity[1], 0.75 * opacity[0])

    def test_depth_toward_the_sun_is_that_of_the_field(self):
        stages, scene = Stages(), self.scene(self.refined, extinction=0.1)
        near = stages.marched_lattice(scene, RESTING).near
        self.assertLessEqual(near.cell, 1.0)
        self.assertTrue((near.first < box_of(scene.clouds[0])[0] + 2.0).all())
        # From the middle of the cells in the middle of the box, through the field to where the cloud ends.
        toward = direction_of(40.0, 30.0)
        at = np.array(near.sun.shape) // 2
        place = near.first + near.cell * at
        t = np.arange(0.0, 80.0, 0.05)
        along = sample(self.grid, place + t[:, None] * toward)
        self.assertAlmostEqual(float(near.sun[tuple(at)]), 0.1 * 0.05 * float(along.sum()), delta=0.06)


class Seen(unittest.TestCase):
    """Which bricks are worth it."""

    def setUp(self):
        self.grid = grid_of(1.0, bricks_of((0, 0, 0), (8, 8, 8)), np.full((512, 512), 1.0, np.float32))
        self.view = View(target=(32, 32, 32), distance=70.0)

    def seen(self, wide, extinction=0.5, distance=70.0):
        medium = Medium(extinction=extinction)
        scene = scene_of(Light(medium=medium), self.grid)
        camera = camera_of(self.view.edited(distance=distance), 320, 200)
        return self.grid.coords[visible_bricks(scene, camera, wide)[: len(self.grid.coords)]], camera

    def test_what_is_hidden_behind_the_rest_is_not_seen(self):
        found, camera = self.seen(0.0)
        ahead = (found + 0.5) * 8.0 - camera.eye
        depth = ahead @ camera.forward
        nearest = (((self.grid.coords + 0.5) * 8.0 - camera.eye) @ camera.forward).min()
        # An optical depth of ten is 20 m here; a brick begins up to half its diagonal before its middle.
        self.assertLess(depth.max() - nearest, 20.0 + 2 * 7.0 + 8.0)
        self.assertGreater(len(found), 64)
        thin, _ = self.seen(0.0, extinction=0.001)
        self.assertGreater(len(thin), 3 * len(found))

    def test_only_voxels_wider_than_pixels_count(self):
        far, _ = self.seen(WIDE, distance=2000.0)
        self.assertEqual(len(far), 0)
        near, camera = self.seen(WIDE)
        self.assertGreater(len(near), 30)
        away = np.linalg.norm((near + 0.5) * 8.0 - camera.eye, axis=1) - 7.0
        self.assertTrue((1.0 > 0.99 * WIDE * away * camera.spread).all())

    def test_neighbours(self):
        one = np.array([[3, -1, 2]], np.int32)
        around = with_neighbours(one)
        self.assertEqual(len(around), 27)
        np.testing.assert_array_equal(surrounded(around, around), is_among(around, one))


class Levels(unittest.TestCase):
    """A mound looked at from near."""

    @classmethod
    def setUpClass(cls):
        cls.mound = CoarseToFine.MOUND.edited(
            light=Light(medium=Medium(extinction=0.6)), view=View(target=(0, 5, 20), distance=45.0, azimuth=10.0))
        cls.stages = Stages()
        cls.grid = density_grid(cls.mound, 1.0)
        cls.scene = cls.stages.scene(cls.mound, cls.grid, "near")
        cls.camera = camera_of(cls.mound.view, 160, 100)
        cls.levels = list(cls.stages.refined(cls.mound, cls.scene, cls.camera))

    def test_a_thin_medium_hides_what_is_small(self):
        for extinction, finest in ((0.6, 0.125), (0.12, 0.5), (0.04, None)):
            mound = self.mound.edited(light=Light(medium=Medium(extinction=extinction)), view=self.mound.view.edited(distance=32.0))
            scene = self.stages.scene(mound, self.grid, "near")
            voxels = [refined.voxel for refined in self.stages.refined(mound, scene, camera_of(mound.view, 640, 400))]
            self.assertEqual(min(voxels, default=None), finest)
            self.assertTrue(finest is None or extinction * finest < THIN <= extinction * 2.0 * finest)

    def test_each_level_halves_the_voxel_and_is_balanced(self):
        self.assertGreaterEqual(len(self.levels), 2)
        finest = self.levels[-1]
        self.assertEqual([level.voxel for level in finest.levels], [0.5 ** (n + 1) for n in range(len(finest.levels))])
        for above, level in zip(finest.levels, finest.levels[1:]):
            split = np.unique(everything_in(level) >> 1, axis=0)
            self.assertTrue(surrounded(split, everything_in(above)).all())

    def test_a_level_is_what_a_build_at_its_voxel_holds(self):
        level, whole = self.levels[0].levels[0], density_grid(self.mound, 0.5)
        points = places(level.coords, 0.5).reshape(-1, 3)
        np.testing.assert_allclose(level.values.ravel(), sample(whole, points), atol=1e-4)
        full = level.tile_coords[level.tile_values > 0]
        self.assertGreater(sample(whole, places(full, 0.5).reshape(-1, 3)).min(), 0.99)

    def test_the_picture_is_that_of_a_build_as_fine_all_over(self):
        whole, one = density_grid(self.mound, 0.5), Refined(self.levels[0].levels, self.levels[0].key)
        pictures = []
        for scene in (self.stages.scene(self.mound, whole, "whole"), self.stages.scene(self.mound, self.grid, "near", one)):
            lattice = self.stages.lattice(scene, RESTING)
            pictures.append(sum(march(scene, lattice, self.camera, nth=n) for n in range(4)) / 4.0)
        for layer in (OPACITY, SUN):
            mean = float(pictures[0][..., layer].mean())
            self.assertAlmostEqual(float(pictures[1][..., layer].mean()) / mean, 1.0, delta=0.01)
        self.assertLess(np.abs(pictures[1] - pictures[0])[..., OPACITY].mean(), 0.01)

    def test_what_still_fits_is_kept_when_the_camera_moves(self):
        camera = camera_of(self.mound.view.edited(azimuth=12.0), 160, 100)
        again = list(self.stages.refined(self.mound, self.scene, camera))[-1]
        before, after = self.levels[-1].levels[0], again.levels[0]
        both = is_among(before.coords, after.coords)
        self.assertGreater(both.mean(), 0.8)
        fresh = density_in(self.mound, 0.5, after.coords, 1.0)
        np.testing.assert_allclose(after.values[is_among(after.coords, fresh.coords)], fresh.values, atol=1e-4)

    def test_crumbs_that_were_dropped_do_not_come_back(self):
        mass = Mass(forms=(Blob(radii=(30, 26, 28)), Blob(centre=(0, 5, 45), radii=(3, 3, 3))), base=BaseLevel(on=False))
        mound = self.mound.edited(mass=mass, voxels=self.mound.voxels.edited(crumbs=12.0))
        grid = density_grid(mound, 1.0)
        stages = Stages()
        self.assertEqual(float(sample(grid, [[0.0, 5.0, 45.0]])[0]), 0.0)
        *_, refined = stages.refined(mound, stages.scene(mound, grid, "crumbs"), self.camera)
        for level in refined.levels:
            self.assertEqual(float(sample(level, [[0.0, 5.0, 45.0]])[0]), 0.0)

    def test_what_depends_on_neighbours_is_not_refined(self):
        from softmound.core.grain.actions.stir import Stir

        moved = self.mound.edited(grains=(*self.mound.grains, Stir()))
        self.assertTrue(refinable(self.mound))
        self.assertFalse(refinable(moved))
        self.assertEqual(list(self.stages.refined(moved, self.scene, self.camera)), [])
        self.assertEqual(list(refined_levels(self.mound, replace(self.scene, clouds=()), self.camera, None)), [])

    def test_lamps_and_glow_that_change_are_seen_in_a_close_view(self):
        lamp, found = Lamp(place=(0.0, 5.0, 0.0), power=1e6), []
        for light in ({}, {"lamps": (lamp,)}, {"lamps": (lamp.edited(power=2e6),)}, {"glow": 0.4}, {"glow": 0.8}):
            medium = Medium(extinction=0.6, glow_strength=light.get("glow", 0.0))
            mound = self.mound.edited(light=Light(medium=medium, lamps=light.get("lamps", ())))
            scene = self.stages.scene(mound, self.grid, "near", self.levels[-1])
            lattice = self.stages.marched_lattice(scene, RESTING)
            self.assertIsNotNone(lattice.near)
            found.append(lattice.sky[..., 4:, 0].sum() if lattice.sky.shape[3] > 4 else 0.0)
        self.assertEqual(found[0], 0.0)
        self.assertAlmostEqual(float(found[2] / found[1]), 2.0, places=4)
        self.assertAlmostEqual(float(found[4] / found[3]), 2.0, places=4)

    def test_the_window_s_pictures_become_finer(self):
        answers = []
        painter = Painter(answers.append)
        try:
            painter.settles = painter.reduces = False
            painter.passes = 1
            mound = self.mound.edited(voxels=self.mound.voxels.edited(draft=2.0, final=1.0))
            painter.ask(Request(1, mound, 96, 60))
            while not painter.idle:
                threading.Event().wait(0.02)
        finally:
            painter.close()
        self.assertEqual([a.problem for a in answers if a.problem], [])
        voxels = [answer.grid.voxel for answer in answers if answer.pixels is not None]
        self.assertEqual(voxels[-1], 1.0)
        self.assertGreater(sum(voxel == 1.0 for voxel in voxels), 2)
        self.assertEqual((answers[0].near, answers[-1].near), (0.0, 0.5))
        last, first = answers[-1].pixels.astype(int), next(a for a in answers if a.grid.voxel == 1.0).pixels.astype(int)
        self.assertGreater(np.abs(last - first).max(), 3)
