"""True light against theory, a second method and itself."""

import math
import unittest
import unittest.mock
from unittest import mock

import numpy as np

from softmound.core.colour import LUMINANCE
from softmound.core.directions import direction_of
from softmound.core.engine.density import density_grid
from softmound.core.kernels import threads, use_threads
from softmound.core.light.lattices.coarse import SHARP, coarse_of
from softmound.core.light.lattices.lattice import Lattice, lit
from softmound.core.light.paths import photons
from softmound.core.light.paths import tracer as tracer_module
from softmound.core.light.paths.multilevel import Levels
from softmound.core.light.paths.tracer import Tracer
from softmound.core.light.scene.camera import camera_of
from softmound.core.light.scene.lamps import LUX, kelvin_colour, lamps_of
from softmound.core.light.scene.phase import henyey_greenstein
from softmound.core.light.scene.scene import PlacedCloud, scene_of
from softmound.core.light.scene.surroundings import surroundings_of
from softmound.core.recipe import Arrays, Lamp, Light, Medium, Sky, Sun, View
from softmound.core.ticket import Stopped
from softmound.core.volume import grid_of
from tests.long import long
from tests.scenes import box_grid, lumpy_mound
from tests.slab import slab_radiance
from tests.sphere import ball_grid, ball_intensity

WHITE = (1.0, 1.0, 1.0)
DARK = Sky(strength=0.0)


def traced(grid, light, view, size=(24, 16), turns=40, **options):
    """Layers of a tracer after some paths."""
    camera = camera_of(view, *size)
    tracer = Tracer(scene_of(light, grid), lit(coarse_of(grid), light), camera, **options)
    tracer.add(turns)
    return tracer, camera


class Buried(unittest.TestCase):
    """Lamps within a cloud, whose photons look for the eye."""

    def light(self, sigma, lamp, **medium):
        return Light(sun=Sun(strength=0.0), sky=DARK, lamps=(lamp,), medium=Medium(extinction=sigma, **medium))

    @long
    def test_all_that_is_scattered_gets_out(self):
        # Nothing is lost, and from afar a ball with a lamp in its middle is as bright from all sides: the eye gets what the lamp
        # sends, but for what comes straight.
        radius, lamp = 8.0, Lamp(place=(0.0, 0.0, 0.0), radius=0.1, power=1e8, kelvin=None)
        intensity = np.array(lamps_of(Light(lamps=(lamp,)))[0].intensity) @ LUMINANCE
        for sigma, g in ((0.2, 0.0), (0.6, 0.85), (2.0, 0.85)):
            away = 2000.0
            light = self.light(sigma, lamp, anisotropy=g)
            tracer, camera = traced(ball_grid(radius, 0.25), light, View(target=(0.0, 0.0, 0.0), distance=away, focal=800.0,
                                                                          elevation=0.0), (60, 40), 32)
            self.assertTrue(tracer.sends_photons)
            seen = float((tracer.layers()[0] @ LUMINANCE).sum()) * camera.spread**2 * away**2
            self.assertAlmostEqual(seen / (intensity * (1.0 - math.exp(-sigma * radius))), 1.0, delta=0.045)

    @long
    def test_the_same_light_as_paths_from_the_eye_find(self):
        lamp = Lamp(place=(2.0, 1.0, 1.0), radius=4.0, power=1e8, kelvin=3000.0)
        light = self.light(0.25, lamp, anisotropy=0.2, albedo=0.98, tint=(1.0, 0.9, 0.8))
        grid, view = ball_grid(8.0, 0.5), View(target=(0.0, 0.0, 0.0), distance=40.0, azimuth=30.0, elevation=10.0)
        sent, _ = traced(grid, light, view, (24, 16), 50)
        with mock.patch.object(tracer_module, "BURIED", 2.0):
            asked, _ = traced(grid, light, view, (24, 16), 4000)
        self.assertFalse(asked.sends_photons)
        one, other = (tracer.layers()[0] for tracer in (sent, asked))
        blocks = [picture[:16, :24].reshape(4, 4, 6, 4, 3).mean(axis=(1, 3)) for picture in (one, other)]
        lit = blocks[1][..., 0] > 0.3 * blocks[1][..., 0].max()
        self.assertGreater(lit.sum(), 2)
        np.testing.assert_allclose(blocks[0][lit], blocks[1][lit], rtol=0.08)
        np.testing.assert_allclose(one.mean(axis=(0, 1)), other.mean(axis=(0, 1)), rtol=0.02)

    def test_only_those_inside_are_sent(self):
        inside, outside = Lamp(place=(0.0, 0.0, 0.0)), Lamp(place=(0.0, 30.0, 0.0))
        light = self.light(1.0, inside).edited(lamps=(inside, outside))
        scene = scene_of(light, ball_grid(8.0, 0.5))
        shares = photons.scattered_shares(scene, lamps_of(light))
        self.assertGreater(shares[0], photons.DEEP)
        self.assertLess(shares[1], photons.BURIED)
        for sigma in (0.01, 0.1):
            light = self.light(sigma, inside)
            share, = photons.scattered_shares(scene_of(light, ball_grid(8.0, 0.5)), lamps_of(light))
            self.assertAlmostEqual(share, 1.0 - math.exp(-8.0 * sigma), delta=0.04)
        self.assertEqual(len(photons.scattered_shares(scene, [])), 0)

    def test_lamps_add_up_and_each_keeps_its_colour(self):
        red, blue = (Lamp(place=(side, 0.0, 0.0), radius=0.5, power=1e8, kelvin=None, colour=colour)
                     for side, colour in ((-2.0, (1.0, 0.0, 0.0)), (2.0, (0.0, 0.0, 1.0))))
        view, grid = View(target=(0.0, 0.0, 0.0), distance=60.0, elevation=0.0), ball_grid(8.0, 0.5)
        both = self.light(0.6, red, anisotropy=0.5).edited(lamps=(red, blue))
        seen = traced(grid, both, view, (48, 32), 10)[0].layers()[0]
        alone = traced(grid, self.light(0.6, red, anisotropy=0.5), view, (48, 32), 10)[0].layers()[0]
        self.assertEqual(float(alone[..., 2].max()), 0.0)
        self.assertEqual(float(seen[..., 1].max()), 0.0)
        self.assertAlmostEqual(float(seen[..., 0].sum() / alone[..., 0].sum()), 1.0, delta=0.06)
        # Red stands to one side, blue as far to the other.
        columns = np.arange(48)
        middle = [float((seen[..., n].sum(axis=0) * columns).sum() / seen[..., n].sum()) for n in (0, 2)]
        self.assertAlmostEqual(sum(middle) / 2.0, 23.5, delta=0.8)
        self.assertGreater(abs(middle[0] - middle[1]), 1.0)

    def test_what_is_absorbed_is_lost_on_the_way(self):
        # Isotropic light from the middle of a ball is scattered the more often the thicker the ball is, and loses as much.
        lamp, view = Lamp(place=(0.0, 0.0, 0.0), radius=0.1, power=1e8, kelvin=None), View(target=(0.0, 0.0, 0.0), distance=60.0)
        kept = []
        for sigma in (0.2, 0.5, 1.2):
            white, grey = (traced(ball_grid(8.0, 0.5), self.light(sigma, lamp, anisotropy=0.0, albedo=albedo), view, (48, 32), 5)[
                0].layers()[0].sum() for albedo in (1.0, 0.9))
            kept.append(float(grey / white))
        self.assertEqual(sorted(kept, reverse=True), kept)
        self.assertLess(kept[0], 0.9)
        self.assertLess(kept[2], 0.4)

    def test_two_clouds_that_share_out_the_way_are_one(self):
        # The lamp's ball cut in two halves that stand side by side.
        lamp = Lamp(place=(0.0, 0.0, 0.0), radius=0.5, power=1e8, kelvin=None)
        light, view = self.light(0.5, lamp, anisotropy=0.4), View(target=(0.0, 0.0, 0.0), distance=60.0, azimuth=20.0)
        whole = box_grid((-8, -8, -8), (7, 7, 7))
        left, right = box_grid((-8, -8, -8), (-1, 7, 7)), box_grid((0, -8, -8), (7, 7, 7))
        camera, found = camera_of(view, 36, 24), []
        for scene in (scene_of(light, whole), scene_of(light, PlacedCloud(left, light.medium), PlacedCloud(right, light.medium))):
            tracer = Tracer(scene, lit(coarse_of(whole), light), camera)
            self.assertTrue(tracer.sends_photons)
            tracer.add(14)
            found.append(tracer.layers()[0].sum(axis=(0, 1)))
        np.testing.assert_allclose(found[0], found[1], rtol=0.08)

    def test_the_same_bits_with_any_number_of_threads(self):
        light, found = self.light(0.5, Lamp(place=(0.0, 0.0, 0.0), power=1e8)), []
        for count in (1, threads()):
            before = threads()
            use_threads(count)
            try:
                tracer, _ = traced(ball_grid(8.0, 0.5), light, View(target=(0.0, 0.0, 0.0), distance=45.0), turns=3)
                found.append(tracer.layers()[0])
            finally:
                use_threads(before)
        np.testing.assert_array_equal(*found)


class Theory(unittest.TestCase):
    def test_furnace(self):
        # Where the same light comes from everywhere and nothing is lost, a cloud cannot be seen.
        grid = density_grid(lumpy_mound(), 1.5)
        for medium in (Medium(extinction=0.5), Medium(extinction=0.1, phase="droplets")):
            light = Light(sun=Sun(strength=0.0), sky=Sky(kind="plain", zenith=(0.7, 0.7, 0.7)), medium=medium)
            tracer, _ = traced(grid, light, View(target=(0, 16, 0), distance=90.0), turns=6)
            radiance, opacity, _ = tracer.layers()
            cloud = opacity > 0.0
            self.assertGreater(cloud.sum(), 30)
            np.testing.assert_allclose(radiance[cloud] / opacity[cloud][:, None], 0.7, rtol=1e-4)

    def test_furnace_of_an_uneven_sky_that_is_looked_for(self):
        # A bright spot makes the sky be asked for; a medium so thin that light is scattered once tells what arrives.
        pixels = np.full((32, 64, 3), 0.05, np.float32)
        pixels[8, 20] = 400.0
        sigma = 2e-3
        light = Light(sun=Sun(strength=0.0), sky=Sky(kind="image", picture=Arrays(pixels=pixels)),
                      medium=Medium(extinction=sigma, anisotropy=0.0))
        grid = box_grid((0, 0, 0), (15, 15, 15), voxel=1.0)
        view = View(target=(8, 8, 8), distance=300.0, focal=400.0)
        tracer, _ = traced(grid, light, view, (12, 8), turns=3000)
        radiance, opacity, _ = tracer.layers()
        mean = surroundings_of(light).parts.sum(axis=0)[0]
        got = float(radiance[..., 0].sum() / opacity.sum())
        # Scattered again are about half of the depth across, 16 sigma: what comes then is the same mean.
        self.assertAlmostEqual(got / mean, 1.0, delta=0.06)

    def test_opacity_is_beer_lambert(self):
        sigma = 0.21
        grid = box_grid((0, 0, 0), (31, 31, 31), voxel=0.5)
        light = Light(medium=Medium(extinction=sigma), sky=DARK, sun=Sun(strength=0.0))
        view = View(target=(7.75, 7.75, 7.75), distance=4000.0, azimuth=0.0, elevation=0.0, focal=800.0)
        tracer, _ = traced(grid, light, view, (90, 60), turns=60)
        opacity = tracer.layers()[1][28:32, 43:47].mean()
        share = math.exp(-sigma * 16.0)
        self.assertAlmostEqual(opacity, 1 - share, delta=4 * math.sqrt(share / (60 * 16)))

    def test_thin_medium_scatters_once(self):
        sigma = 2e-4
        grid = box_grid((0, 0, 0), (31, 31, 31), voxel=0.5)
        for size in (0.0, 0.53, 12.0):
            sun = Sun(azimuth=140.0, elevation=20.0, colour=WHITE, strength=1.0, size=size)
            light = Light(sun=sun, sky=DARK, medium=Medium(extinction=sigma, anisotropy=0.6))
            view = View(target=(7.75, 7.75, 7.75), distance=4000.0, elevation=0.0, focal=800.0)
            tracer, camera = traced(grid, light, view, (90, 60), turns=200)
            radiance, opacity, _ = tracer.layers()
            expected = math.pi * float(henyey_greenstein(direction_of(140.0, 20.0) @ camera.forward, 0.6))
            self.assertAlmostEqual(radiance[..., 1].sum() / opacity.sum() / expected, 1.0, delta=0.03)

    @long
    def test_a_slab_against_orders_of_scattering_one_by_one(self):
        # So wide that its middle knows nothing of its edges; made of tiles, constant throughout.
        depth, sun_elevation = 4.0, 50.0
        side, high = 40, 2
        coords = np.stack(np.meshgrid(np.arange(-side, side), np.arange(high), np.arange(-side, side), indexing="ij"),
                          -1).reshape(-1, 3).astype(np.int32)
        grid = grid_of(1.0, np.empty((0, 3), np.int32), np.empty((0, 512), np.float32), coords,
                       np.ones(len(coords), np.float32))
        light = Light(sun=Sun(azimuth=0.0, elevation=sun_elevation, colour=WHITE, strength=1.0, size=0.0), sky=DARK,
                      medium=Medium(extinction=depth / (8.0 * high), anisotropy=0.6))
        view = View(target=(0.0, 0.0, 0.0), distance=1500.0, elevation=89.0, focal=800.0)
        tracer, _ = traced(grid, light, view, (30, 20), turns=700)
        got = float(tracer.layers()[0][..., 1].mean())
        sine = math.sin(math.radians(sun_elevation))
        # The bricks are 16 voxels deep; their trilinear border below adds half of one.
        exact = math.pi * slab_radiance(depth * 16.5 / 16.0, 0.6, sine, layers=80, angles=12)
        # Seen a degree off the vertical, which changes it by less than what is left of the noise.
        self.assertAlmostEqual(got / exact, 1.0, delta=0.02)

    @long
    def test_a_ball_against_photons_from_the_light(self):
        radius, g = 16.0, 0.6
        grid = ball_grid(radius, 0.5)
        view = View(target=(0.0, 0.0, 0.0), distance=4000.0, azimuth=0.0, elevation=0.0, focal=800.0)
        for depth, azimuth in ((1.5, 60.0), (5.0, 140.0)):
            light = Light(sun=Sun(azimuth=azimuth, elevation=0.0, colour=WHITE, strength=1.0 / math.pi, size=0.0), sky=DARK,
                          medium=Medium(extinction=depth / radius, anisotropy=g))
            tracer, camera = traced(grid, light, view, (60, 40), turns=150)
            pixel = (camera.spread * 4000.0) ** 2
            got = float(tracer.layers()[0][..., 1].sum()) * pixel / radius**2
            exact = ball_intensity(depth, g, -math.cos(math.radians(azimuth)))
            self.assertAlmostEqual(got / exact, 1.0, delta=0.03)

    def test_a_lamp_falls_with_the_square_of_the_distance(self):
        sigma = 1e-4
        grid = box_grid((-8, -8, -8), (7, 7, 7), voxel=1.0)
        view = View(target=(0, 0, 0), distance=300.0, focal=400.0)
        for away, radius in ((60.0, 0.5), (120.0, 8.0)):
            lamp = Lamp(place=(away, 0.0, 0.0), radius=radius, power=1e8, kelvin=None)
            light = Light(sun=Sun(strength=0.0), sky=DARK, lamps=(lamp,), medium=Medium(extinction=sigma, anisotropy=0.0))
            tracer, _ = traced(grid, light, view, (12, 8), turns=200)
            radiance, opacity, _ = tracer.layers()
            exact = 1e8 / (4 * math.pi) * LUX / away**2 / (4 * math.pi)
            self.assertAlmostEqual(float(radiance[..., 1].sum() / opacity.sum()) / exact, 1.0, delta=0.05)

    def test_glow_of_a_thick_body_is_its_radiance_over_what_it_absorbs(self):
        # Nothing scattered: every path ends where it first collides, and sees the glow there.
        grid = box_grid((0, 0, 0), (31, 31, 31), voxel=0.5)
        medium = Medium(extinction=4.0, albedo=0.0, glow=(1.0, 0.5, 0.25), glow_strength=3.0)
        light = Light(sun=Sun(strength=0.0), sky=DARK, medium=medium)
        tracer, _ = traced(grid, light, View(target=(7.75, 7.75, 7.75), distance=100.0), turns=4)
        radiance, opacity, _ = tracer.layers()
        middle = opacity == 1.0
        np.testing.assert_allclose(radiance[middle], np.broadcast_to((3.0, 1.5, 0.75), radiance[middle].shape), rtol=1e-5)


class Repeating(unittest.TestCase):
    def setUp(self):
        self.grid = density_grid(lumpy_mound(), 1.5)
        self.view = View(target=(0, 16, 0), distance=90.0)
        self.light = Light()

    def test_the_same_seed_the_same_bytes_with_any_number_of_threads(self):
        layers = [traced(self.grid, self.light, self.view, turns=3, seed=seed)[0].layers()[0] for seed in (5, 5, 6)]
        self.assertEqual(layers[0].tobytes(), layers[1].tobytes())
        self.assertNotEqual(layers[0].tobytes(), layers[2].tobytes())
        count = threads()
        try:
            use_threads(1)
            one = traced(self.grid, self.light, self.view, turns=3, seed=5)[0].layers()[0]
        finally:
            use_threads(count)
        self.assertEqual(layers[0].tobytes(), one.tobytes())

    def test_the_noise_it_states_is_the_spread_between_seeds(self):
        pictures, stated = [], []
        for seed in range(12):
            tracer, _ = traced(self.grid, self.light, self.view, turns=24, seed=seed)
            radiance, opacity, _ = tracer.layers()
            pictures.append(radiance @ LUMINANCE)
            stated.append(tracer.noise())
        cloud = opacity > 0.5
        pictures = np.array(pictures)[:, cloud]
        found = math.sqrt(pictures.var(axis=0, ddof=1).mean()) / pictures.mean()
        self.assertAlmostEqual(float(np.mean(stated)) / found, 1.0, delta=0.25)

    def test_where_sunlight_is_asked_for_changes_noise_only(self):
        # Two lattices that lead to other odds: the same picture within its noise.
        camera = camera_of(self.view, 24, 16)
        light = self.light.edited(sky=DARK)
        good = lit(coarse_of(self.grid), light)
        wrong = Lattice(good.sun_first, good.sun_cell, np.full_like(good.sun, 2.0), good.sky_first, good.sky_cell, good.sky)
        means = []
        for lattice in (good, wrong):
            tracer = Tracer(scene_of(light, self.grid), lattice, camera)
            tracer.add(600)
            means.append(tracer.layers()[0].mean())
        self.assertAlmostEqual(means[0] / means[1], 1.0, delta=0.02)


class Gathered(unittest.TestCase):
    """Paths that take their rest from the lattice, and whole ones that put them right."""

    def test_furnace(self):
        grid = density_grid(lumpy_mound(), 1.5)
        light = Light(sun=Sun(strength=0.0), sky=Sky(kind="plain", zenith=(0.7, 0.7, 0.7)), medium=Medium(extinction=0.5))
        tracer, _ = traced(grid, light, View(target=(0, 16, 0), distance=90.0), turns=60, gathering=True)
        radiance, opacity, _ = tracer.layers()
        cloud = opacity > 0.5
        np.testing.assert_allclose(radiance[cloud] / opacity[cloud][:, None], 0.7, rtol=0.03)

    def levels(self, light, grid, view, turns, size=(60, 40), **options):
        camera = camera_of(view, *size)
        two = Levels(scene_of(light, grid), lit(coarse_of(grid, SHARP), light), camera, **options)
        two.add(turns)
        return two, camera

    @long
    def test_a_ball_against_photons(self):
        # In all that a ball sends one way; what is gathered is near it, and whole paths put the rest right.
        view = View(target=(0.0, 0.0, 0.0), distance=4000.0, azimuth=0.0, elevation=0.0, focal=800.0)
        grid, depth, g = ball_grid(16.0, 0.4), 4.0, 0.6
        for azimuth, near in ((50.0, 0.06), (120.0, 0.1)):
            light = Light(sun=Sun(azimuth=azimuth, elevation=0.0, colour=WHITE, strength=1.0 / math.pi, size=0.0), sky=DARK,
                          medium=Medium(extinction=depth / 16.0, anisotropy=g))
            two, camera = self.levels(light, grid, view, 264)
            exact = ball_intensity(depth, g, -math.cos(math.radians(azimuth)))
            scale = (camera.spread * 4000.0) ** 2 / 16.0**2
            alone = float(two.gathered.layers()[0][..., 1].sum()) * scale
            both = float(two.layers()[0][..., 1].sum()) * scale
            with self.subTest(azimuth):
                self.assertAlmostEqual(alone / exact, 1.0, delta=near)
                self.assertAlmostEqual(both / exact, 1.0, delta=0.035)

    def test_as_whole_paths_say_with_sky_lamp_and_sun(self):
        grid = density_grid(lumpy_mound(), 1.0)
        view = View(target=(0, 16, 0), distance=90.0, azimuth=20.0)
        light = Light(sun=Sun(azimuth=60.0, elevation=30.0), sky=Sky(kind="air"), medium=Medium(extinction=0.4),
                      lamps=(Lamp(place=(0.0, 40.0, 20.0), radius=1.0, power=4e6),))
        two, camera = self.levels(light, grid, view, 330, (36, 24))
        alone = Tracer(scene_of(light, grid), lit(coarse_of(grid), light), camera, seed=5)
        alone.add(500)
        right, opacity, _ = alone.layers()
        cloud = opacity > 0.95
        found = two.layers()[0]
        self.assertAlmostEqual(float(found[cloud].mean() / right[cloud].mean()), 1.0, delta=0.05)
        # Pixel by pixel it is far nearer than as many paths of the whole kind would be.
        error = np.abs(found[cloud] - right[cloud]).mean() / right[cloud].mean()
        self.assertLess(error, 0.12)
        self.assertLess(two.noise(), two.whole.noise() / 3.0)

    def test_shared_out_paths_find_the_same_light_with_less_noise(self):
        # Half of the cloud in the sun, half in its own shade; held against as many paths dealt out evenly, of other seeds.
        grid, view = density_grid(lumpy_mound(), 1.0), View(target=(0, 16, 0), distance=90.0, azimuth=20.0)
        light = Light(sun=Sun(azimuth=100.0, elevation=30.0), sky=Sky(kind="air"), medium=Medium(extinction=0.8))
        scene, camera = scene_of(light, grid), camera_of(view, 60, 40)
        lattice, pictures = lit(coarse_of(grid, SHARP), light), {}
        for evenly in (8, 2**30):
            with unittest.mock.patch("softmound.core.light.paths.tracer.EVENLY", evenly):
                tracers = [Tracer(scene, lattice, camera, gathering=True, seed=seed + evenly % 7) for seed in range(0, 60, 10)]
                for tracer in tracers:
                    while tracer.paths < 60.0:
                        tracer.add(1)
            pictures[evenly] = np.array([tracer.layers()[0][..., 1] for tracer in tracers])
        cloud = tracers[0].cloud
        shared, even = (pictures[evenly][:, cloud] for evenly in pictures)
        self.assertAlmostEqual(float(shared.mean() / even.mean()), 1.0, delta=0.003)
        dark = even.mean(axis=0) < np.median(even)
        self.assertAlmostEqual(float(shared[:, dark].mean() / even[:, dark].mean()), 1.0, delta=0.005)
        self.assertLess(shared.var(axis=0, ddof=1).mean(), 0.85 * even.var(axis=0, ddof=1).mean())

    def test_a_turn_that_was_stopped_goes_on_as_if_it_had_not_been(self):
        # Stopped before its first strip and in its middle, while paths are shared out.
        grid, light = density_grid(lumpy_mound(), 2.0), Light(sky=Sky(kind="air"), medium=Medium(extinction=0.4))
        scene, lattice = scene_of(light, grid), lit(coarse_of(grid, SHARP), light)
        whole, stopped = (Tracer(scene, lattice, camera_of(View(target=(0, 16, 0), distance=90.0), 48, 96), gathering=True)
                          for _ in range(2))
        whole.add(20)
        stopped.add(11)
        for looks in (0, 1, 0):
            stopped._strips = 3
            ticket = unittest.mock.Mock(tick=unittest.mock.Mock(side_effect=[None] * looks + [Stopped]))
            with self.assertRaises(Stopped):
                stopped.add(1, ticket)
        stopped.add(20 - stopped.turns)
        for one, other in zip(stopped.layers(), whole.layers()):
            np.testing.assert_array_equal(one, other)

    def test_the_lattice_says_what_sunlight_is_left_as_flights_do(self):
        grid, view = density_grid(lumpy_mound(), 0.8), View(target=(0, 16, 0), distance=90.0, azimuth=20.0)
        light = Light(sun=Sun(azimuth=100.0, elevation=30.0), sky=DARK, medium=Medium(extinction=0.5))
        scene, lattice, camera = scene_of(light, grid), lit(coarse_of(grid, SHARP), light), camera_of(view, 60, 40)
        found = []
        for fine in (math.inf, 0.0):
            with unittest.mock.patch("softmound.core.light.paths.tracer.FINE", fine):
                tracer = Tracer(scene, lattice, camera, gathering=True)
            tracer.add(120)
            found.append((float(tracer.layers()[0].sum()), tracer.noise()))
        self.assertAlmostEqual(found[0][0] / found[1][0], 1.0, delta=0.012)
        self.assertLess(found[0][1], 0.95 * found[1][1])

    def test_the_same_seed_gives_the_same_picture_and_whole_paths_come_regularly(self):
        grid, light = density_grid(lumpy_mound(), 2.0), Light(sky=Sky(kind="air"), medium=Medium(extinction=0.4))
        view = View(target=(0, 16, 0), distance=90.0)
        one, other = (self.levels(light, grid, view, 33, (18, 12), seed=4)[0] for _ in range(2))
        self.assertEqual((one.turns, one.gathered.turns, one.whole.turns), (33, 30, 3))
        np.testing.assert_array_equal(one.layers()[0], other.layers()[0])

    def test_where_the_lattice_does_not_know_the_colours_paths_are_whole(self):
        grid = density_grid(lumpy_mound(), 2.0)
        for medium in (Medium(glow_strength=0.5), Medium(albedo=0.7)):
            two, _ = self.levels(Light(medium=medium), grid, View(target=(0, 16, 0), distance=90.0), 3, (12, 8))
            self.assertIsNone(two.gathered)
            self.assertEqual(two.whole.turns, 3)


class LampColours(unittest.TestCase):
    def test_kelvin(self):
        np.testing.assert_allclose(kelvin_colour(6504.0), WHITE, atol=0.06)  # near the white of the primaries
        self.assertGreater(kelvin_colour(2500.0)[0], 4.0 * kelvin_colour(2500.0)[2])
        self.assertEqual(float(kelvin_colour(12_000.0).argmax()), 2.0)

    def test_flicker_and_switched_off(self):
        lamp = Lamp(flicker=0.8, seed=3)
        powers = [lamps_of(Light(lamps=(lamp,)), frame)[0].intensity[1] for frame in range(40)]
        self.assertLess(min(powers), 0.5 * max(powers))
        self.assertGreaterEqual(min(powers) / (lamp.power / (4 * math.pi) * LUX), 0.15)
        self.assertEqual(lamps_of(Light(lamps=(lamp.edited(on=False),))), [])


if __name__ == "__main__":
    unittest.main()
