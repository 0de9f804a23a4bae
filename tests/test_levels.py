"""True light on several levels, what puts it right, and the pictures that are made of it."""

import math
import sys
import unittest
import unittest.mock
from types import SimpleNamespace
from unittest import mock

import numpy as np
from scipy.ndimage import gaussian_filter

from softmound.core.colour import LUMINANCE
from softmound.core.engine.density import density_grid
from softmound.core.engine.painter import STEADY, Painter
from softmound.core.engine.stages import Stages
from softmound.core.engine.stills import Taking, still_of
from softmound.core.light.lattices.coarse import QUICK, RESTING, SHARP, Fineness, coarse_of
from softmound.core.light.lattices.lattice import lit, with_lamps, zone_shares
from softmound.core.light.lattices.transport import DIRECTIONS
from softmound.core.light.paths.bounded import BLOCK, BRIGHTEST, Bounded, in_blocks
from softmound.core.light.paths.gathering import coloured_field, cosines_of, field_of_light, gathers, needs_colours, softened
from softmound.core.light.paths.low_pass import brighter
from softmound.core.light.paths.multilevel import EACH_OF_BURIED, LEFT, NARROWEST, UNTOLD, Levels
from softmound.core.light.paths.tracer import Tracer
from softmound.core.light.picture import denoise
from softmound.core.light.picture.looks import exposure_of
from softmound.core.light.scene.camera import camera_of
from softmound.core.light.scene.lamps import lamps_of
from softmound.core.light.scene.members import members_of
from softmound.core.light.scene.phase import lobes_of, moments
from softmound.core.light.scene.scene import PlacedCloud, Placing, scene_of
from softmound.core.light.scene.surroundings import surroundings_of
from softmound.core.problems import Problem
from softmound.core.recipe import Lamp, Light, Medium, Ramp, Sky, Sun, View
from tests.long import long
from tests.scenes import ball_mound, lumpy_mound
from tests.sphere import ball_grid

SUNNY = Light(sun=Sun(azimuth=60.0, elevation=30.0), sky=Sky(kind="air"), medium=Medium(extinction=0.4))
VIEW = View(target=(0, 16, 0), distance=90.0, azimuth=20.0)


class Brighter(unittest.TestCase):
    """How much brighter one picture is than another around each place."""

    def setUp(self):
        rng = np.random.default_rng(6)
        self.given = (0.5 + gaussian_filter(rng.random((60, 80, 3)), (3, 3, 0))).astype(np.float32)
        self.given[:, :10] = 0.0  # no cloud

    def test_a_factor_that_changes_slowly_is_found(self):
        factor = (1.2 + 0.3 * np.sin(np.arange(80) / 25.0)).astype(np.float32)[None, :, None]
        found = brighter(self.given * factor, self.given, 3.0)
        wanted = np.broadcast_to(factor, found.shape)
        np.testing.assert_allclose(found[10:-10, 20:-10], wanted[10:-10, 20:-10], rtol=0.03)

    def test_the_end_is_foretold(self):
        # By a clock that goes with the paths, a whole one ten times as long as the others.
        light = Light(sun=Sun(azimuth=60.0, elevation=30.0), sky=Sky(kind="air"), medium=Medium(extinction=0.5))
        grid = density_grid(lumpy_mound(), 1.5)
        coarse = coarse_of(grid)
        two = Levels(scene_of(light, grid), lit(coarse, light), camera_of(VIEW, 60, 40))
        self.assertEqual(two.left(0.05), np.inf)
        spent, told = [], []

        def clock():
            return two.gathered.paths + 10.0 * two.whole.paths
        with unittest.mock.patch("softmound.core.light.paths.tracer.time.perf_counter", clock):
            while two.noise() > 0.05:
                two.add(1)
                spent.append(clock())
                told.append(two.left(0.05))
        self.assertGreater(len(spent), 20)
        self.assertEqual(told[-1], 0.0)
        found = (np.array(spent) + told)[5:] / spent[-1]
        np.testing.assert_allclose(found, 1.0, atol=0.25)

    def test_noise_is_left_as_a_blur_leaves_it(self):
        # A Gaussian averages 4 pi sigma^2 pixels.
        noisy = self.given * np.random.default_rng(7).normal(1.0, 0.5, self.given.shape).astype(np.float32)
        for sigma in (2.0, 5.0):
            found = brighter(noisy, self.given, sigma)[15:-15, 25:-15]
            self.assertAlmostEqual(found.std() / (0.5 / (2.0 * math.sqrt(math.pi) * sigma)), 1.0, delta=0.35)

    def test_where_nothing_is_nothing_is_changed(self):
        found = brighter(np.zeros_like(self.given), np.zeros_like(self.given), 3.0)
        np.testing.assert_array_equal(found, 1.0)


class Bound(unittest.TestCase):
    """Light of whole paths, none brighter than likely."""

    def setUp(self):
        rng = np.random.default_rng(16)
        self.given = (0.5 + gaussian_filter(rng.random((72, 96)), 3)).astype(np.float32)
        self.given[:, :12] = 0.0  # no cloud
        self.cloud = self.given > 0.0

    def found(self, rng, factor=1.0, paths=1.0):
        """A turn of few paths that bring much: as many as are drawn, each as bright as all together are in the mean."""
        odds = 0.05
        light = self.given * factor * rng.poisson(odds * paths, self.given.shape) / (odds * paths)
        return np.repeat(light[..., None], 3, axis=2).astype(np.float32)

    def test_no_light_is_lost_though_no_speck_is_left(self):
        rng, bounded, plain = np.random.default_rng(1), Bounded(72, 96), 0.0
        for _ in range(200):
            light = self.found(rng)
            bounded.add(light, self.given)
            plain = plain + light / 200.0
        given = np.repeat(self.given[..., None], 3, axis=2)
        right = bounded.light(given, 12.0)
        self.assertAlmostEqual(float(right.sum() / plain.sum()), 1.0, delta=1e-5)
        self.assertAlmostEqual(float(right[self.cloud].mean() / given[self.cloud].mean()), 1.0, delta=0.01)
        self.assertEqual(float(right[~self.cloud].max()), 0.0)
        # One path in twenty brings twenty times the light; what is above the bound was shared out.
        self.assertLess((right - given)[self.cloud].std(), 0.85 * (plain - given)[self.cloud].std())

    def test_one_speck_lights_no_place(self):
        bounded = Bounded(72, 96)
        light = np.repeat(self.given[..., None], 3, axis=2)
        for n in range(10):
            speck = light.copy()
            speck[30, 60] += 4_000.0 if n == 4 else 0.0
            bounded.add(speck, self.given)
        right = bounded.light(light, 9.0)[..., 0]
        self.assertLess(right[30, 60] / self.given[30, 60], 2.0 + BRIGHTEST / 10.0 + right.mean() / self.given.mean())
        self.assertAlmostEqual(float(right.sum() / (self.given.sum() + 400.0)), 1.0, delta=1e-4)

    def test_noise_is_what_the_turns_scatter_by(self):
        rng, means, stated = np.random.default_rng(3), [], []
        for _ in range(12):
            bounded = Bounded(72, 96)
            for _ in range(40):
                bounded.add(self.found(rng, paths=5.0), self.given)
            means.append(bounded.light(np.repeat(self.given[..., None], 3, axis=2), 9.0)[..., 0])
            stated.append(bounded.noise(self.cloud))
        spread = np.sqrt(np.var(means, axis=0, ddof=1)[self.cloud].mean()) / np.mean(means, axis=0)[self.cloud].mean()
        self.assertAlmostEqual(np.mean(stated) / spread, 1.0, delta=0.05)

    def test_the_bias_of_pictures_is_found_under_their_noise(self):
        # What they are made with is wrong by so much, in waves that blocks can see.
        wrong = 1.0 + 0.08 * np.sin(np.arange(96) / 8.0).astype(np.float32)
        for factor, wanted in ((wrong, 1.0), (np.ones(96, np.float32), 0.0)):
            rng, bounded = np.random.default_rng(9), Bounded(72, 96)
            for _ in range(400):
                bounded.add(self.found(rng, paths=20.0), self.given)
            bias, sure = bounded.bias(lambda part, f=factor: (self.given * f) * (part.mean() / self.given.mean()), self.cloud)
            blocks = in_blocks(self.given * (factor - 1.0))[in_blocks(self.cloud.astype(float)) > 0.999]
            true = math.sqrt((blocks**2).mean()) / self.given[self.cloud].mean() * wanted
            self.assertLess(sure, 0.02)
            self.assertAlmostEqual(bias, true, delta=max(0.006, sure if not wanted else 0.0))

    def test_too_few_turns_tell_nothing(self):
        bounded = Bounded(72, 96)
        for _ in range(3):
            bounded.add(self.found(np.random.default_rng(2)), self.given)
        self.assertEqual(bounded.bias(lambda part: part, self.cloud), (math.inf, math.inf))
        self.assertEqual(in_blocks(np.ones((20, 13))).shape, (20 // BLOCK, 13 // BLOCK))


class Field(unittest.TestCase):
    """What the lattice sends on, in the light's colours."""

    def test_where_the_same_light_comes_from_everywhere_it_is_that_light(self):
        sky = Sky(kind="plain", zenith=(0.2, 0.5, 0.9))
        light = Light(sun=Sun(strength=0.0), sky=sky, medium=Medium(extinction=0.5))
        grid = ball_grid(14.0, 0.5)
        coarse = coarse_of(grid)
        field = field_of_light(lit(coarse, light), scene_of(light, grid))
        inside = field[coarse.small > 0.0]
        np.testing.assert_allclose(inside[:, :, 0], np.tile(sky.zenith, (len(inside), 1)), rtol=0.05)
        self.assertLess(np.abs(inside[:, :, 1:]).max(), 0.03)

    def test_the_parts_add_up(self):
        # Sun and sky together are the sum of each alone.
        grid = density_grid(lumpy_mound(), 2.0)
        alone = SUNNY.edited(sky=SUNNY.sky.edited(strength=0.0))
        # The air is as bright with either; what it spreads over the directions is taken from the whole.
        lattice = lit(coarse_of(grid), SUNNY)
        whole = field_of_light(lattice, scene_of(SUNNY, grid))
        sun = field_of_light(lattice, scene_of(alone, grid))
        share = surroundings_of(SUNNY).parts
        sky = np.einsum("uvwnm,nc->uvwcm", lattice.sky[..., 1:4, :], share).reshape(whole.shape)
        np.testing.assert_allclose(whole, sun + sky, atol=2e-4 * float(np.abs(whole).max()))

    def test_softer_media_are_those_of_similarity(self):
        # (1 - f) k and (g - f) / (1 - f): Wiscombe 1977, with the second moment for f.
        grid = density_grid(ball_mound(10.0, 2.0), 2.0)
        for medium in (Medium(extinction=0.3, anisotropy=0.85), Medium(extinction=0.2, phase="droplets", diameter=12.0)):
            scene = scene_of(Light(medium=medium), grid)
            members, media = members_of(scene)
            _, g, f = moments(lobes_of(medium))[:3]
            self.assertAlmostEqual(float(softened(members, media).rate[0] / members.rate[0]), 1.0 - f, places=5)
            self.assertAlmostEqual(float(cosines_of(media)[0]), (g - f) / (1.0 - f), places=5)

    def test_colours_are_solved_for_where_white_light_is_not_enough(self):
        grid = density_grid(ball_mound(10.0, 2.0), 2.0)
        white, lamp = Medium(), PlacedCloud(grid, Medium(glow_strength=0.2), Placing(place=(30.0, 0.0, 0.0)))
        self.assertFalse(needs_colours(scene_of(SUNNY.edited(medium=white), grid)))
        for medium in (Medium(glow_strength=0.2), Medium(albedo=0.8), Medium(tint=(1.0, 0.5, 0.4)), Medium(tint_by=Ramp())):
            scene = scene_of(SUNNY.edited(medium=medium), grid)
            self.assertTrue(needs_colours(scene) and gathers(scene))
        # Of several clouds the lattice knows but what they scatter in white light.
        several = scene_of(SUNNY, PlacedCloud(grid, white), lamp)
        self.assertFalse(needs_colours(several) or gathers(several))


class Coloured(unittest.TestCase):
    """Gathered light of clouds that absorb, glow or have colours that change within them."""

    def light(self, **medium):
        return Light(sun=Sun(azimuth=60.0, elevation=30.0), sky=Sky(kind="air"), medium=Medium(extinction=0.5, **medium))

    def test_what_is_as_warm_as_all_around_is_not_to_be_seen(self):
        # Kirchhoff: a medium that sends out what it absorbs, in surroundings as bright, looks like them, however it scatters.
        bright = np.array([0.9, 0.5, 0.2])
        tint, grid = np.array([1.0, 0.7, 0.4]), density_grid(lumpy_mound(), 1.5)
        glow = (1.0 - 0.95 * tint) * bright
        for anisotropy in (0.0, 0.8):
            medium = Medium(extinction=0.4, albedo=0.95, tint=tuple(tint), anisotropy=anisotropy,
                            glow=tuple(glow / glow.max()), glow_strength=float(glow.max()))
            light = Light(sun=Sun(strength=0.0), sky=Sky(kind="plain", zenith=tuple(bright)), medium=medium)
            scene, coarse = scene_of(light, grid), coarse_of(grid)
            field = coloured_field(coarse, lit(coarse, light), scene)
            # The brightest colour flies as it is; how far others fly is not quite right, their colour is.
            self.assertAlmostEqual(float(field.field[coarse.small > 0.3][:, 0, 0].mean() / bright[0]), 1.0, delta=0.03)
            tracer = Tracer(scene, lit(coarse, light), camera_of(VIEW, 60, 40), gathering=True, field=field)
            tracer.add(80)
            radiance, opacity, _ = tracer.layers()
            cloud = opacity > 0.9
            with self.subTest(anisotropy):
                np.testing.assert_allclose(radiance[cloud].mean(axis=0) / opacity[cloud].mean() / bright, 1.0, atol=0.05)

    @long
    def test_near_whole_paths_for_each_colour(self):
        grid = density_grid(lumpy_mound(), 1.0)
        ramp = Ramp(by="height", low=0.0, high=30.0, stops=((0.0, (0.9, 0.6, 0.4)), (1.0, (0.95, 0.95, 0.95))))
        lamp = Lamp(place=(0.0, 40.0, 20.0), radius=1.0, power=2e6)
        for name, light in (
            ("tint", self.light(tint=(1.0, 0.97, 0.9), albedo=0.98)), ("soot", self.light(albedo=0.7)),
            ("glow", self.light(glow=(1.0, 0.5, 0.1), glow_strength=0.05)), ("ramp", self.light(tint_by=ramp)),
            ("lamp", self.light(albedo=0.95).edited(lamps=(lamp,)))):
            two, right, cloud = self.both(light, grid, name)
            two.gathered.add(70)
            found = two.gathered.layers()[0][cloud].mean(axis=0) / right[cloud].mean(axis=0)
            with self.subTest(name):
                np.testing.assert_allclose(found, 1.0, atol=0.08)

    def both(self, light, grid, name):
        """Two levels without a path yet, what whole paths say, and where there is cloud."""
        stages, mound = Stages(), lumpy_mound().edited(light=light, view=VIEW)
        scene, camera = stages.scene(mound, grid, name), camera_of(VIEW, 48, 32)
        lattice, hues = stages.lattice(scene, SHARP), stages.hues(scene)[1]
        alone = Tracer(scene, lattice, camera, seed=5, hues=hues)
        alone.add(240)
        right, opacity, _ = alone.layers()
        return Levels(scene, lattice, camera, hues=hues, field=stages.field(scene, SHARP)), right, opacity > 0.9

    def test_deep_colours_are_put_right_by_whole_paths(self):
        # Colours that are lost within two or three collisions fly as the brightest does: gathered alone they are too bright.
        light = self.light(tint=(1.0, 0.85, 0.6))
        two, right, cloud = self.both(light, density_grid(lumpy_mound(), 1.0), "deep")
        two.add(800)
        found, given = (layers[cloud].mean(axis=0) / right[cloud].mean(axis=0) for layers in (
            two.layers()[0], two.gathered.layers()[0]))
        np.testing.assert_allclose(found[:2], 1.0, atol=0.05)
        self.assertAlmostEqual(float(given[0]), 1.0, delta=0.06)
        # The blur is an eighth of so small a picture high.
        self.assertGreater(given[2], 1.3)
        self.assertLess(abs(found[2] - 1.0), 0.2 * (given[2] - 1.0))

    def test_without_its_field_a_coloured_cloud_is_traced_by_whole_paths(self):
        grid = density_grid(lumpy_mound(), 2.0)
        light = self.light(albedo=0.7)
        two = Levels(scene_of(light, grid), lit(coarse_of(grid), light), camera_of(VIEW, 18, 12))
        two.add(2)
        self.assertEqual((two.gathered, two.whole.turns, two.bias()), (None, 2, (0.0, 0.0)))


class Narrowing(unittest.TestCase):
    def test_the_blur_follows_the_noise_of_whole_paths_and_ends(self):
        grid = density_grid(ball_mound(10.0, 2.0), 2.0)
        two = Levels(scene_of(SUNNY, grid), lit(coarse_of(grid), SUNNY), camera_of(VIEW, 160, 100))
        two.gathered = SimpleNamespace(turns=90, noise=lambda: 0.03, cloud=np.ones((100, 160), bool))

        def told(noise, turns=9):
            two.bounded = SimpleNamespace(turns=turns, noise=lambda _there: noise)
            return two

        self.assertIsNone(told(0.5, turns=1)._blur())
        self.assertEqual(told(0.5, turns=1).noise(), UNTOLD)
        for noise in (0.1, 0.2):
            told(noise)
            self.assertAlmostEqual(two._blur() * LEFT * 2.0 * math.sqrt(math.pi), noise)
            self.assertAlmostEqual(two.noise(), math.hypot(0.03, LEFT))
        # Never broader than a part of the picture; and once it is no pixel wide, what whole paths say stands.
        self.assertEqual(told(9.0)._blur(), 100 / 8.0)
        fine = 0.9 * NARROWEST * LEFT * 2.0 * math.sqrt(math.pi)
        self.assertEqual(told(fine).noise(), fine)


class InStages(unittest.TestCase):
    def setUp(self):
        self.stages, self.mound = Stages(), lumpy_mound().edited(light=SUNNY, view=VIEW)
        self.grid = density_grid(self.mound, 2.0)
        self.scene = self.stages.scene(self.mound, self.grid, "lumps")

    def test_finer_lattices_have_more_cells_and_are_kept_apart(self):
        grid = ball_grid(14.0, 0.12)
        cells = [max(coarse_of(grid, fine).small.shape) for fine in (QUICK, RESTING, SHARP)]
        self.assertTrue(cells[0] < cells[1] < cells[2], cells)
        self.assertTrue(all(c < 1.3 * fine.sky + 12 for c, fine in zip(cells, (QUICK, RESTING, SHARP))))
        keys = {self.stages.lattice_key(self.scene, fine) for fine in (QUICK, RESTING, SHARP)}
        self.assertEqual(len(keys), 3)

    def test_the_sky_is_solved_with_the_sun_and_found_again_when_it_moves(self):
        plain = self.mound.edited(light=SUNNY.edited(sky=Sky(kind="plain", zenith=(0.5, 0.5, 0.5))))
        fine = Fineness(60, 20)
        first = self.stages.lattice(self.stages.scene(plain, self.grid, "lumps"), fine)
        moved = plain.edited(light=plain.light.edited(sun=Sun(azimuth=200.0, elevation=50.0)))
        second = self.stages.lattice(self.stages.scene(moved, self.grid, "lumps"), fine)
        np.testing.assert_array_equal(second.zones, first.zones)
        self.assertFalse(np.array_equal(second.sky[..., 0, :], first.sky[..., 0, :]))
        # As if all had been solved anew.
        anew = lit(coarse_of(self.grid, fine), moved.light)
        np.testing.assert_allclose(second.sky, anew.sky, atol=1e-5)

    def test_a_low_sun_moves_the_bright_part_of_the_air(self):
        ring = DIRECTIONS[:, 1] < 0.0
        for azimuth in (30.0, 150.0, 270.0):
            shares = np.array(zone_shares(SUNNY.edited(sun=Sun(azimuth=azimuth, elevation=5.0))))[1]
            toward = np.array([math.sin(math.radians(azimuth)), math.cos(math.radians(azimuth))])
            brightest = -DIRECTIONS[shares.argmax()][[0, 2]]
            self.assertGreater(float(brightest @ toward) / np.linalg.norm(brightest), 0.8)
            self.assertEqual(float(shares[~ring].sum()), 0.0)

    def test_stills_by_two_levels_and_by_whole_paths_agree(self):
        stills = [still_of(self.stages, self.mound, self.grid, "lumps", Taking(36, 24, true=True, noise=noise, alone=alone))
                  for alone, noise in ((False, 0.06), (True, 0.12))]
        cloud = stills[1].radiance[..., 3] > 0.95
        means = [float(still.radiance[cloud][:, :3].mean()) for still in stills]
        self.assertAlmostEqual(means[0] / means[1], 1.0, delta=0.06)
        self.assertTrue(all(still.noise <= noise for still, noise in zip(stills, (0.06, 0.12))))

    @long
    def test_a_lamp_is_gathered_too(self):
        light = SUNNY.edited(sun=SUNNY.sun.edited(strength=0.0), sky=Sky(strength=0.0),
                             lamps=(Lamp(place=(0.0, 40.0, 20.0), radius=1.0, power=4e6),))
        dark = self.mound.edited(light=light)
        still = still_of(self.stages, dark, self.grid, "lumps", Taking(36, 24, true=True, noise=0.1))
        truth = still_of(self.stages, dark, self.grid, "lumps", Taking(36, 24, true=True, noise=0.2, alone=True))
        cloud = truth.radiance[..., 3] > 0.95
        self.assertAlmostEqual(float(still.radiance[cloud].mean() / truth.radiance[cloud].mean()), 1.0, delta=0.12)


class Steady(unittest.TestCase):
    def test_an_exposure_by_the_picture_does_not_flicker(self):
        painter = Painter(lambda answer: None)
        self.addCleanup(painter.close)
        light = Light(metered=True)

        def scene(value):
            return np.concatenate([np.full((8, 8, 3), value, np.float32), np.ones((8, 8, 1), np.float32)], axis=-1)

        first = painter._exposed(light, scene(0.4)).exposure
        self.assertAlmostEqual(first, exposure_of(scene(0.4), light), places=5)
        self.assertEqual(painter._exposed(light, scene(0.4 * 2.0 ** (0.8 * STEADY))).exposure, first)
        later = painter._exposed(light, scene(0.4 * 2.0 ** (2.0 * STEADY))).exposure
        self.assertAlmostEqual(later, first - 2.0 * STEADY, places=5)
        # What the artist has set stays.
        self.assertEqual(painter._exposed(Light(exposure=1.25), scene(0.01)).exposure, 1.25)


class BuriedLamps(unittest.TestCase):
    """Two levels where a lamp stands so deep that only its photons find the way out."""

    radius, away = 8.0, 2000.0

    def setUp(self):
        self.lamp = Lamp(place=(0.0, 0.0, 0.0), radius=1.0, power=1e9, kelvin=None)
        self.light = Light(sun=Sun(strength=0.0), sky=Sky(kind="plain", strength=0.0), lamps=(self.lamp,),
                           medium=Medium(extinction=1.2, anisotropy=0.85))
        self.view = View(target=(0.0, 0.0, 0.0), distance=self.away, focal=800.0, elevation=0.0)
        self.intensity = float(np.array(lamps_of(Light(lamps=(self.lamp,)))[0].intensity) @ LUMINANCE)

    def levels(self, size=(48, 32), light=None):
        grid, light = ball_grid(self.radius, 0.5), light or self.light
        scene, camera = scene_of(light, grid), camera_of(self.view, *size)
        coarse = coarse_of(grid, SHARP)
        return Levels(scene, with_lamps(lit(coarse, light), coarse, light), camera), camera

    def test_as_bright_as_all_that_gets_out(self):
        tracer, camera = self.levels()
        self.assertTrue(tracer.whole.sends_photons)
        self.assertFalse(tracer.gathered.sends_photons)
        tracer.add(5 * (EACH_OF_BURIED + 1))
        seen = float((tracer.layers()[0] @ LUMINANCE).sum()) * camera.spread**2 * self.away**2
        # Nothing is lost, and next to nothing comes straight.
        self.assertAlmostEqual(seen / self.intensity, 1.0, delta=0.08)

    def test_round_as_the_ball_is(self):
        tracer, _ = self.levels((48, 48))
        tracer.add(5 * (EACH_OF_BURIED + 1))
        bright = tracer.layers()[0] @ LUMINANCE
        quarters = [float(bright[rows, columns].sum()) for rows in (slice(0, 24), slice(24, 48))
                    for columns in (slice(0, 24), slice(24, 48))]
        np.testing.assert_allclose(quarters, np.mean(quarters), rtol=0.1)

    def test_fewer_whole_turns_by_number(self):
        tracer, _ = self.levels((12, 8))
        tracer.add(2 * (EACH_OF_BURIED + 1))
        # Two early ones, and one in each round.
        self.assertEqual((tracer.whole.turns, tracer.gathered.turns), (4, 2 * (EACH_OF_BURIED + 1) - 4))

    def test_a_lamp_beside_the_cloud_is_asked_by_both(self):
        beside = self.light.edited(lamps=(self.lamp.edited(place=(0.0, 20.0, 0.0)),))
        tracer, _ = self.levels((12, 8), beside)
        self.assertFalse(tracer.whole.sends_photons)
        tracer.add(22)
        self.assertEqual((tracer.whole.turns, tracer.gathered.turns), (3, 19))

    def test_a_finished_picture_holds_it(self):
        mound = ball_mound().edited(light=self.light, view=self.view)
        still = still_of(Stages(), mound, ball_grid(self.radius, 0.5), "ball", Taking(48, 32, true=True, noise=0.12))
        self.assertLessEqual(still.noise, 0.12)
        camera = camera_of(self.view, 48, 32)
        seen = float((still.radiance[..., :3] @ LUMINANCE).sum()) * camera.spread**2 * self.away**2
        self.assertAlmostEqual(seen / self.intensity, 1.0, delta=0.1)

    def test_flicker_dims_the_photons_too(self):
        lamp = self.lamp.edited(flicker=0.9, seed=5)
        light = self.light.edited(lamps=(lamp,))
        powers = [float(np.array(lamps_of(Light(lamps=(lamp,)), frame)[0].intensity) @ LUMINANCE) for frame in range(12)]
        dim, bright = int(np.argmin(powers)), int(np.argmax(powers))
        grid, camera, sums = ball_grid(self.radius, 0.5), camera_of(self.view, 24, 16), []
        for frame in (dim, bright):
            scene = scene_of(light, grid)
            tracer = Levels(scene, lit(coarse_of(grid), light), camera, frame=frame).whole
            tracer.add(10)
            sums.append(float((tracer.layers()[0] @ LUMINANCE).sum()))
        self.assertAlmostEqual(sums[0] / sums[1], powers[dim] / powers[bright], delta=0.06)


if __name__ == "__main__":
    unittest.main()


class Denoised(unittest.TestCase):
    """Noise taken out by a guess, on request."""

    def setUp(self):
        self.stages, self.mound = Stages(), lumpy_mound().edited(light=SUNNY, view=VIEW)
        self.grid = density_grid(self.mound, 2.0)

    def still(self, **options):
        return still_of(self.stages, self.mound, self.grid, "lumps", Taking(96, 64, true=True, **options))

    def test_it_is_nearer_to_many_paths_than_what_it_was_made_of(self):
        right = self.still(noise=0.04).radiance
        rough, clean = self.still(noise=0.08, seed=4), self.still(noise=0.08, seed=4, denoise=True)
        self.assertEqual((clean.denoised, rough.denoised, clean.turns), (True, False, rough.turns))
        cloud = right[..., 3] > 0.9
        error = [np.sqrt(((still.radiance - right)[cloud][:, :3] ** 2).mean()) for still in (rough, clean)]
        self.assertLess(error[1], 0.8 * error[0])
        # It is as bright as what it was made of.
        self.assertAlmostEqual(float(clean.radiance[cloud][:, :3].mean() / rough.radiance[cloud][:, :3].mean()), 1.0, delta=0.03)
        # Nothing leaks past the edge.
        clear = clean.radiance[..., 3] == 0.0
        np.testing.assert_allclose(clean.radiance[clear], rough.radiance[clear], atol=1e-6)

    def test_without_the_package_a_sentence_says_which_command_installs_it(self):
        with mock.patch.object(denoise, "can_denoise", lambda: False), self.assertRaises(Problem) as caught:
            self.still(noise=0.5, denoise=True)
        self.assertIn(f"{sys.executable} -m pip install pyoidn", str(caught.exception))
