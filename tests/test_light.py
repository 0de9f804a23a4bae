"""Light: phase, sky, optical depth, the march, tone and camera, against theory and second methods."""

import math
import unittest

import numpy as np
from scipy.integrate import quad
from scipy.ndimage import map_coordinates

from softmound.core.directions import direction_of
from softmound.core.engine.density import density_grid
from softmound.core.kernels import kernel, prange, threads, use_threads
from softmound.core.light.lattices.coarse import coarse_density, coarse_of, shrunk
from softmound.core.light.lattices.lattice import lit, with_lamps
from softmound.core.light.lattices.sweep import depth_toward
from softmound.core.light.marching.march import LAYERS, march
from softmound.core.light.marching.transmittance import transmittance
from softmound.core.light.picture.radiance import composed
from softmound.core.light.picture.tone import tone_curve
from softmound.core.light.scene.air import HAZE_HEIGHT, OZONE, RAYLEIGH, RAYLEIGH_HEIGHT, haze_extinction, sunlight
from softmound.core.light.scene.camera import altitude_at, approached, camera_of, fitted, flown, slid, turned
from softmound.core.light.scene.lamps import LUX
from softmound.core.light.scene.phase import draine, henyey_greenstein, lobes_of, mean_cosine, phase
from softmound.core.light.scene.scene import scene_of
from softmound.core.light.scene.situations import NAMES, in_situation
from softmound.core.light.scene.sky import gradient_radiance
from softmound.core.light.scene.surroundings import radiance, surroundings_of
from softmound.core.recipe import Arrays, Lamp, Light, Medium, Sky, Sun, View
from softmound.core.volume import grid_of
from softmound.core.volume.sample import sample
from tests.scenes import ball_mound, box_grid, lumpy_mound, random_grid


class Phase(unittest.TestCase):
    def test_it_integrates_to_one_with_the_stated_mean_cosine(self):
        for g in (-0.6, 0.0, 0.3, 0.85, 0.94):
            total, _ = quad(lambda c: 2 * math.pi * henyey_greenstein(c, g), -1, 1, limit=200)
            mean, _ = quad(lambda c: 2 * math.pi * c * henyey_greenstein(c, g), -1, 1, limit=200)
            self.assertAlmostEqual(total, 1.0, places=6)
            self.assertAlmostEqual(mean, g, places=6)

    def test_two_lobes_and_droplets(self):
        for medium in (Medium(phase="two lobes", second=-0.4, share=0.3), Medium(phase="droplets", diameter=5.0),
                       Medium(phase="droplets", diameter=18.0), Medium(phase="droplets", diameter=50.0)):
            lobes = lobes_of(medium)
            # The forward peak of droplets is narrow: half-way angles spread it out.
            total, mean = (quad(lambda h, f=f: 2 * math.pi * 4 * math.sin(h) * math.cos(h) * f(math.cos(2 * h)) * float(
                phase(math.cos(2 * h), lobes)), 0, math.pi / 2, limit=800, points=[0.001, 0.01, 0.1])[0]
                for f in (lambda c: 1.0, lambda c: c))
            self.assertAlmostEqual(total, 1.0, places=4)
            self.assertAlmostEqual(mean, mean_cosine(lobes), places=4)
        # Water droplets of 10 to 50 micrometres have a mean cosine of about 0.85 to 0.89 in visible light (Mie theory).
        for diameter in (10.0, 20.0, 50.0):
            self.assertAlmostEqual(mean_cosine(lobes_of(Medium(phase="droplets", diameter=diameter))), 0.87, delta=0.025)
        self.assertAlmostEqual(float(draine(0.3, 0.0, 1.0)), 3 * (1 + 0.09) / (16 * math.pi), places=9)  # Rayleigh


@kernel
def _transmittances(depths, out):
    for n in prange(depths.shape[0]):
        out[n] = transmittance(depths[n])


class Transmittance(unittest.TestCase):
    def test_against_the_exponential(self):
        depth = np.concatenate([np.linspace(0, 8, 4000), np.geomspace(8, 1e6, 500)]).astype(np.float32)
        got = np.empty_like(depth)
        _transmittances(depth, got)
        exact = np.exp(-depth.astype(float))
        small = depth <= 8
        self.assertLess(np.abs(got[small] / exact[small] - 1).max(), 8e-4)
        self.assertLess(np.abs(got - exact).max(), 2e-5)
        self.assertTrue(np.all(got >= 0.0))
        self.assertEqual(got[0], 1.0)


class Sweep(unittest.TestCase):
    directions = ((0, 1, 0), (0, 0, -1), (0.3, 0.8, 0.2), (-0.7, 0.2, 0.5), (0.1, -0.3, -0.9), (0.6, 0.6, -0.52))

    def test_constant_box_is_the_way_to_its_edge(self):
        density = np.ones((12, 16, 20), np.float32)
        for axis in range(3):
            for sign in (1, -1):
                toward = np.zeros(3)
                toward[axis] = sign
                got = depth_toward(density, 0.5, toward)
                n = density.shape[axis]
                k = np.arange(n) if sign < 0 else np.arange(n)[::-1]
                shape = [1, 1, 1]
                shape[axis] = n
                expected = np.broadcast_to(((k + 0.5) * 0.5).reshape(shape), density.shape)
                np.testing.assert_allclose(got, expected, rtol=1e-5)

    def test_any_direction_against_sampling_along_rays(self):
        shape = (24, 20, 28)
        at = np.stack(np.meshgrid(*[np.arange(s) for s in shape], indexing="ij"), -1)
        density = np.exp(-((at - np.array(shape) / 2) ** 2).sum(-1) / 40).astype(np.float32)
        way = np.arange(0.0, 70.0, 0.05)
        for direction in self.directions:
            toward = np.array(direction) / np.linalg.norm(direction)
            got = depth_toward(density, 0.5, toward)
            for point in ((12, 10, 14), (6, 10, 14), (12, 15, 14), (14, 8, 20), (9, 12, 10)):
                ray = np.array(point)[:, None] + toward[:, None] * way
                exact = (map_coordinates(density, ray, order=1, cval=0.0)).sum() * 0.05 * 0.5
                self.assertAlmostEqual(got[point], exact, delta=0.012 * density.sum() ** (1 / 3))

    def test_it_is_additive(self):
        dice = np.random.default_rng(3)
        a, b = dice.random((2, 10, 11, 12)).astype(np.float32)
        toward = np.array((0.5, 0.7, -0.5)) / np.linalg.norm((0.5, 0.7, -0.5))
        np.testing.assert_allclose(depth_toward(a + b, 1.0, toward),
                                   depth_toward(a, 1.0, toward) + depth_toward(b, 1.0, toward), rtol=1e-4)

    def test_same_bytes_with_one_thread(self):
        density = np.random.default_rng(4).random((30, 20, 40)).astype(np.float32)
        toward = np.array((0.2, 0.6, 0.77))
        every = depth_toward(density, 1.0, toward).tobytes()
        count = threads()
        try:
            use_threads(1)
            self.assertEqual(depth_toward(density, 1.0, toward).tobytes(), every)
        finally:
            use_threads(count)


class Lattices(unittest.TestCase):
    def test_coarse_density_keeps_the_mass(self):
        grid = random_grid(5, voxel=0.5)
        whole = (grid.values.sum(dtype=float) + 512 * grid.tile_values.sum(dtype=float)) * 0.5**3
        for cells in (400, 100, 30, 12):
            density, _, cell = coarse_density(grid, cells)
            self.assertAlmostEqual(density.sum(dtype=float) * cell**3 / whole, 1.0, places=4)
            self.assertLess(max(density.shape), cells * 1.3 + 40)

    def test_cells_stand_where_they_say(self):
        grid = box_grid((8, 16, 24), (23, 31, 39), voxel=0.5, offset=(3.0, 4.0, 5.0))
        for cells in (60, 6):
            density, first, cell = coarse_density(grid, cells)
            at = np.argwhere(density > 0.5)
            middle = first + at.mean(axis=0) * cell
            np.testing.assert_allclose(middle, grid.world(np.array([15.5, 23.5, 31.5])), atol=1e-9)

    def test_shrinking_is_the_mean(self):
        density = np.random.default_rng(6).random((12, 8, 20)).astype(np.float32)
        expected = density.reshape(3, 4, 2, 4, 5, 4).mean(axis=(1, 3, 5))
        np.testing.assert_allclose(shrunk(density, 4), expected, rtol=1e-5)

    def test_beer_lambert_in_a_constant_box(self):
        # The sun overhead: transmittance at depth s below the top is exp(-sigma s).
        sigma = 0.37
        grid = box_grid((0, 0, 0), (31, 39, 31), voxel=0.25)
        light = Light(sun=Sun(azimuth=0.0, elevation=90.0), medium=Medium(extinction=sigma))
        lattice = lit(coarse_of(grid), light)
        self.assertAlmostEqual(lattice.sun_cell, 0.25)
        i = int(round((16 * 0.25 - lattice.sun_first[0]) / 0.25))
        for j in range(0, 40, 3):
            row = int(round((j * 0.25 - lattice.sun_first[1]) / 0.25))
            depth = (39 - j + 0.5) * 0.25
            got = math.exp(-float(lattice.sun[i, row, i]))
            self.assertAlmostEqual(got, math.exp(-sigma * depth), delta=2e-3)

    def test_nothing_in_the_way_lets_everything_through(self):
        grid = box_grid((0, 0, 0), (7, 7, 7), value=1e-6)
        lattice = lit(coarse_of(grid), Light())
        np.testing.assert_allclose(lattice.sun, 0.0, atol=1e-5)
        # Each part of the surroundings arrives in full, and hardly any sunlight is scattered.
        np.testing.assert_allclose(lattice.sky[lattice.sky[..., 1, 0] > 0.0][:, 1:, 0], 1.0, atol=2e-3)
        self.assertLess(lattice.sky[..., 0, 0].max(), 1e-4)

    def test_the_top_sees_the_zenith_and_the_underside_the_ground(self):
        grid = box_grid((0, 0, 0), (63, 63, 63))
        lattice = lit(coarse_of(grid), Light(medium=Medium(extinction=1.0)))
        middle = [int(s) // 2 for s in lattice.sky.shape[:3]]
        column = lattice.sky[middle[0], :, middle[2], :, 0]
        rows = np.flatnonzero(np.ptp(column, axis=1) > 1e-3)
        top, bottom = column[rows.max()], column[rows.min()]
        self.assertGreater(top[1], bottom[1])
        self.assertLess(top[3], bottom[3])


class TheSky(unittest.TestCase):
    def test_a_plain_sky_gathers_to_itself(self):
        around = surroundings_of(Light(sky=Sky(kind="plain", zenith=(0.3, 0.4, 0.5), strength=2.0)))
        np.testing.assert_allclose(around.parts.sum(axis=0), (0.6, 0.8, 1.0), rtol=1e-6)
        np.testing.assert_allclose(around.sky, np.broadcast_to((0.6, 0.8, 1.0), around.sky.shape), rtol=1e-6)

    def test_the_table_holds_the_mean_of_all_directions(self):
        count = 20_000
        y = 1.0 - 2.0 * (np.arange(count) + 0.5) / count
        turn = np.arange(count) * math.pi * (3 - math.sqrt(5))
        flat = np.sqrt(1 - y * y)
        directions = np.stack([flat * np.cos(turn), y, flat * np.sin(turn)], axis=1)
        for light in (Light(), Light(sky=Sky(zenith=(0.0, 0.1, 0.9), horizon=(0.9, 0.5, 0.1), ground=(0.0, 0.0, 0.0))),
                      Light(sky=Sky(kind="air"), sun=Sun(elevation=20.0))):
            exact = radiance(directions, light.sun, light.sky).mean(axis=0)
            np.testing.assert_allclose(surroundings_of(light).parts.sum(axis=0), exact, rtol=0.02)

    def test_a_picture_all_round_lights_from_where_it_is_bright(self):
        pixels = np.zeros((64, 128, 3), np.float32)
        pixels[10, 96] = 500.0  # elevation about 60 degrees, a quarter turn to the right of the middle
        sky = Sky(kind="image", picture=Arrays(pixels=pixels), turn=30.0)
        around = surroundings_of(Light(sky=sky))
        row, column = np.unravel_index(around.sky.sum(axis=-1).argmax(), around.sky.shape[:2])
        self.assertAlmostEqual(math.degrees(math.asin(1 - 2 * (row + 0.5) / len(around.sky))), 90 - 10.5 / 64 * 180, delta=2.0)
        self.assertAlmostEqual((column + 0.5) / around.sky.shape[1] * 360.0, (30.0 - 90.0 - 1.4) % 360.0, delta=2.5)
        # Nothing of a small bright spot is lost: its power is its radiance times its solid angle.
        share = math.cos(math.radians(90 - 10.5 / 64 * 180)) * (math.pi / 64) * (2 * math.pi / 128) / (4 * math.pi)
        self.assertAlmostEqual(float(around.sky[..., 0].mean()), 500.0 * share, delta=0.04 * 500.0 * share)

    def test_air_is_bluer_overhead_and_redder_at_sunset(self):
        up, side = (0.0, 1.0, 0.0), tuple(direction_of(200.0, 2.0))
        sky = Sky(kind="air")
        noon, low = Sun(elevation=60.0, azimuth=20.0, colour=(1, 1, 1)), Sun(elevation=1.0, azimuth=20.0, colour=(1, 1, 1))
        blue = lambda c: c[2] / c[0]  # noqa: E731
        self.assertGreater(blue(radiance(up, noon, sky)), 1.3 * blue(radiance(side, noon, sky)))
        reddest = tuple(direction_of(20.0, 2.0))
        self.assertLess(blue(radiance(reddest, low, sky)), 0.6 * blue(radiance(reddest, noon, sky)))
        day, evening = (surroundings_of(Light(sky=sky, sun=sun)).sun for sun in (noon, low))
        self.assertGreater(evening[0] / evening[2], 3.0 * day[0] / day[2])
        self.assertEqual(float(surroundings_of(Light(sky=sky, sun=low.edited(elevation=-5.0))).sun.max()), 0.0)
        # Hazier air is whiter, and dims the sun.
        hazy = sky.edited(visibility=8.0)
        self.assertLess(blue(radiance(up, noon, hazy)), blue(radiance(up, noon, sky)))
        self.assertLess(surroundings_of(Light(sky=hazy, sun=noon)).sun[1], day[1])

    def test_sunlight_overhead_is_what_the_depths_of_the_air_leave(self):
        # Straight up, the integrals of the exponentials and of the ozone's triangle are known.
        haze = haze_extinction(60.0)
        depth = RAYLEIGH * RAYLEIGH_HEIGHT + haze * HAZE_HEIGHT + OZONE * 15_000.0
        np.testing.assert_allclose(sunlight(0.0, 1.0, haze), np.exp(-depth), rtol=0.01)

    def test_zenith_horizon_and_ground_look_as_chosen(self):
        sky = Sky()
        np.testing.assert_allclose(gradient_radiance((0, 1, 0), sky), sky.zenith)
        np.testing.assert_allclose(gradient_radiance((1, 0, 0), sky), sky.horizon)
        np.testing.assert_allclose(gradient_radiance((0, -1, 0), sky), sky.ground)

    def test_situations_are_valid_and_turn_with_the_view(self):
        medium = Medium(extinction=0.33)
        for name in NAMES:
            for azimuth in (0.0, 140.0):
                light = in_situation(Light(medium=medium), View(azimuth=azimuth), name)
                self.assertEqual(light.medium, medium)
                plain = in_situation(Light(), View(), name)
                self.assertAlmostEqual((light.sun.azimuth - plain.sun.azimuth) % 360.0, azimuth)


class March(unittest.TestCase):
    def scene(self, grid, light, view, size=(60, 40)):
        camera = camera_of(view, *size)
        return camera, scene_of(light, grid), lit(coarse_of(grid), light)

    def test_opacity_of_a_constant_box_is_beer_lambert(self):
        sigma, thick = 0.21, 32 * 0.5
        grid = box_grid((0, 0, 0), (31, 31, 31), voxel=0.5)
        light = Light(medium=Medium(extinction=sigma))
        view = View(target=(7.75, 7.75, 7.75), distance=4000.0, azimuth=0.0, elevation=0.0, focal=800.0)
        camera, scene, lattice = self.scene(grid, light, view, (90, 60))
        got = np.mean([march(scene, lattice, camera, nth=n, step=0.25)[30, 45, 4] for n in range(16)])
        # Trilinear borders add half a voxel on either side of the middle voxels: one in all.
        self.assertAlmostEqual(got, 1 - math.exp(-sigma * thick), delta=0.004)

    def test_opacity_against_sampling_the_grid_along_rays(self):
        mound = lumpy_mound()
        grid = density_grid(mound, 0.8)
        light = mound.light.edited(medium=Medium(extinction=0.08))
        view = fitted(View(azimuth=30.0, elevation=15.0), (-20, 5, -12), (18, 30, 12), 60, 40)
        camera, scene, lattice = self.scene(grid, light, view)
        got = np.mean([march(scene, lattice, camera, nth=n, step=0.5)[..., 4] for n in range(12)], axis=0)
        way = np.arange(0.0, view.distance * 2, 0.1)
        worst = 0.0
        for y in range(2, 40, 5):
            for x in range(2, 60, 5):
                # Passes of one turn shift nothing but the sampling points along the ray.
                ray = camera.ray(x + 0.5, y + 0.5)
                depth = sample(grid, camera.eye + way[:, None] * ray).sum(dtype=float) * 0.1 * 0.08
                worst = max(worst, abs(got[y, x] - (1 - math.exp(-depth))))
        self.assertLess(worst, 0.012)

    def test_thin_medium_scatters_as_single_scattering_says(self):
        # So thin that nothing is scattered twice: the phase function times the optical depth.
        sigma = 1e-4
        grid = box_grid((0, 0, 0), (31, 31, 31), voxel=0.5)
        view = View(target=(7.75, 7.75, 7.75), distance=4000.0, elevation=0.0, focal=800.0)
        for medium in (Medium(extinction=sigma, anisotropy=0.6), Medium(extinction=sigma, phase="droplets")):
            light = Light(sun=Sun(azimuth=140.0, elevation=20.0), medium=medium)
            camera, scene, lattice = self.scene(grid, light, view, (90, 60))
            layers = march(scene, lattice, camera, step=0.25)[30, 45]
            cosine = float(direction_of(140.0, 20.0) @ camera.forward)
            expected = float(phase(cosine, lobes_of(medium)))
            self.assertAlmostEqual(layers[0] / layers[4], expected, delta=0.015 * expected)

    def test_a_lamp_in_a_thick_ball_shines_as_diffusion_says(self):
        grid = density_grid(ball_mound(20.0, 0.5), 1.0)
        medium = Medium(extinction=1.5, anisotropy=0.5)
        lamp = Lamp(place=(0.0, 20.0, 0.0), power=1e9, kelvin=None)
        light = Light(sun=Sun(strength=0.0), lamps=(lamp,), medium=medium)
        lattice = with_lamps(lit(coarse_of(grid), light), coarse_of(grid), light)
        r = np.array([6.0, 9.0, 12.0])
        cells = ((np.array([lamp.place]) + r[:, None] * (1.0, 0.0, 0.0) - lattice.sky_first) / lattice.sky_cell).T
        got = map_coordinates(lattice.sky[..., 5, 0].astype(float), cells, order=1)
        reduced = 1.5 * 0.5
        intensity = 1e9 / (4 * math.pi) * LUX
        exact = 3.0 * reduced * intensity * (1.0 / r - 1.0 / (20.0 + 0.71 / reduced)) / (4.0 * math.pi)
        np.testing.assert_allclose(got, exact, rtol=0.15)

    def test_skipping_empty_bricks_changes_nothing(self):
        # A speck far away makes the box large and mostly empty.
        near = density_grid(ball_mound(6.0, 1.5), 0.5)
        far = np.array([[60, -40, 55]], np.int32)
        both = grid_of(0.5, np.concatenate([near.coords, far]),
                       np.concatenate([near.values, np.full((1, 512), 0.5, np.float32)]),
                       near.tile_coords, near.tile_values)
        light = Light(medium=Medium(extinction=0.4))
        view = View(target=(0.0, 20.0, 0.0), distance=60.0, focal=70.0)
        camera = camera_of(view, 60, 40)
        lattice = lit(coarse_of(near), light)
        passes = [np.mean([march(scene_of(light, g), lattice, camera, nth=n, step=0.5) for n in range(12)], axis=0)
                  for g in (near, both)]
        np.testing.assert_allclose(passes[0][..., 4], passes[1][..., 4], atol=0.03)

    def test_brick_borders_leave_no_trace(self):
        # A slab of constant density across many bricks looks the same everywhere.
        grid = box_grid((-40, -40, 0), (39, 39, 9), voxel=0.5)
        light = Light(medium=Medium(extinction=0.1))
        view = View(target=(0.0, 0.0, 2.25), distance=4000.0, elevation=0.0, focal=800.0)
        camera, scene, lattice = self.scene(grid, light, view, (120, 80))
        layers = np.mean([march(scene, lattice, camera, nth=n, step=0.25) for n in range(16)], axis=0)
        middle = layers[35:45, 50:70, 4]
        self.assertLess(np.ptp(middle), 0.02)

    def test_clay_normals_of_a_ball_point_outward(self):
        grid = density_grid(ball_mound(10.0, 1.5), 0.5)
        view = View(target=(0.0, 20.0, 0.0), distance=60.0, focal=50.0, azimuth=35.0)
        camera, scene, lattice = self.scene(grid, Light(), view, (120, 80))
        layers = march(scene, lattice, camera, clay=True, step=0.5)
        hit = np.argwhere(layers[..., 4] == 1.0)
        self.assertGreater(len(hit), 500)
        for y, x in hit[::17]:
            ray = camera.ray(x + 0.5, y + 0.5)
            to = camera.eye - (0.0, 20.0, 0.0)
            b, c = float(to @ ray), float(to @ to) - 9.5**2
            if b * b - c < 12.0:
                continue  # at the rim a step moves the point of contact too far to compare
            point = to + (-b - math.sqrt(b * b - c)) * ray
            self.assertGreater(float(layers[y, x, :3] @ (point / np.linalg.norm(point))), 0.97)

    def test_strides_cover_the_picture(self):
        grid = density_grid(ball_mound(6.0, 1.5), 0.5)
        camera, scene, lattice = self.scene(grid, Light(), View(target=(0, 20, 0), distance=50.0), (61, 43))
        self.assertEqual(march(scene, lattice, camera, stride=4).shape, (11, 16, LAYERS))
        self.assertEqual(composed(march(scene, lattice, camera, stride=4), scene, camera,
                                  stride=4).shape, (11, 16, 4))

    def test_same_bytes_with_one_thread(self):
        grid = density_grid(lumpy_mound(), 1.0)
        camera, scene, lattice = self.scene(grid, Light(), View(target=(0, 16, 0), distance=90.0))
        every = march(scene, lattice, camera).tobytes()
        count = threads()
        try:
            use_threads(1)
            self.assertEqual(march(scene, lattice, camera).tobytes(), every)
        finally:
            use_threads(count)


class Tone(unittest.TestCase):
    def test_the_curve_rises_and_stays_below_white(self):
        x = np.geomspace(1e-4, 1e4, 400)
        y = tone_curve(x)
        self.assertTrue(np.all(np.diff(y) > 0.0))
        self.assertLess(y.max(), 1.0 + 1e-9)
        np.testing.assert_allclose(tone_curve(x[x < 0.02]), x[x < 0.02], rtol=2e-3)

    def pixels(self, light, layers=None):
        camera = camera_of(View(elevation=0.0), 32, 32)
        return composed(np.zeros((32, 32, LAYERS), np.float32) if layers is None else layers, scene_of(light), camera)

    def test_a_known_pixel(self):
        # An opaque cloud that scatters 0.2 / pi of the sun: radiance 0.2 at strength 1.
        layers = np.zeros((32, 32, LAYERS), np.float32)
        layers[..., 0], layers[..., 4] = 0.2 / math.pi, 1.0
        light = Light(sun=Sun(colour=(1.0, 1.0, 1.0), strength=1.0), sky=Sky(strength=0.0))
        shown = tone_curve(0.2)
        encoded = 255 * (1.055 * shown ** (1 / 2.4) - 0.055)
        self.assertLess(np.abs(self.pixels(light, layers)[..., :3].astype(float) - encoded).max(), 1.6)

    def test_the_sky_behind_is_the_sky_that_lights(self):
        sky = Sky()
        camera = camera_of(View(elevation=-20.0, focal=20.0), 64, 64)
        shown = composed(np.zeros((64, 64, LAYERS), np.float32), scene_of(Light(sky=sky, sun=Sun(strength=0.0))), camera)
        for x, y in ((5, 3), (30, 20), (60, 40), (32, 62)):
            value = tone_curve(gradient_radiance(camera.ray(x + 0.5, y + 0.5), sky))
            exact = 255 * (1.055 * value ** (1 / 2.4) - 0.055)
            self.assertLess(np.abs(shown[y, x, :3] - exact).max(), 1.6)

    def test_exposure_brightens_everything(self):
        dark, bright = (self.pixels(Light(exposure=e)).astype(int)[..., :3] for e in (-2.0, 1.0))
        self.assertTrue(np.all(bright >= dark))
        self.assertGreater(bright.mean(), dark.mean() + 30)

    def test_dither_keeps_the_mean(self):
        flat = Sky(zenith=(0.2, 0.2, 0.2), horizon=(0.2, 0.2, 0.2), ground=(0.2, 0.2, 0.2))
        shown = self.pixels(Light(sky=flat, sun=Sun(strength=0.0)))[..., 0].astype(float)
        exact = 255 * (1.055 * tone_curve(0.2) ** (1 / 2.4) - 0.055)
        self.assertAlmostEqual(shown.mean(), exact, delta=0.1)
        self.assertLessEqual(np.ptp(shown), 2)


class Cameras(unittest.TestCase):
    view = View(azimuth=33.0, elevation=21.0, distance=80.0, target=(3.0, 20.0, -5.0), focal=35.0)

    def test_the_target_is_in_the_middle(self):
        x, y, per_metre = camera_of(self.view, 640, 400).pixel(self.view.target)
        self.assertAlmostEqual(x, 320.0, places=6)
        self.assertAlmostEqual(y, 200.0, places=6)
        self.assertAlmostEqual(per_metre, 640 * 35.0 / 36.0 / 80.0, places=6)

    def test_rays_and_pixels_are_inverse(self):
        camera = camera_of(self.view, 640, 400)
        for x, y in ((10.0, 20.0), (600.0, 390.0), (321.5, 100.25)):
            point = camera.eye + 57.0 * camera.ray(x, y)
            self.assertAlmostEqual(camera.pixel(point)[0], x, places=6)
            self.assertAlmostEqual(camera.pixel(point)[1], y, places=6)

    def test_points_by_the_array_are_those_one_by_one(self):
        camera = camera_of(self.view, 640, 400)
        points = np.random.default_rng(1).uniform(-120.0, 120.0, (40, 2, 3))
        one_by_one = [camera.pixel(point) for point in points.reshape(-1, 3)]
        self.assertIn(None, one_by_one)
        wanted = [(np.nan,) * 2 if p is None else p[:2] for p in one_by_one]
        np.testing.assert_allclose(camera.pixels(points).reshape(-1, 2), wanted)

    def test_nothing_behind_the_camera(self):
        camera = camera_of(self.view, 640, 400)
        self.assertIsNone(camera.pixel(camera.eye - camera.forward))

    def test_directions(self):
        np.testing.assert_allclose(direction_of(0.0, 0.0), (0, 0, 1), atol=1e-12)
        np.testing.assert_allclose(direction_of(90.0, 0.0), (1, 0, 0), atol=1e-12)
        np.testing.assert_allclose(direction_of(10.0, 90.0), (0, 1, 0), atol=1e-12)

    def test_fitting_shows_the_whole_box_and_no_more_than_needed(self):
        low, high = np.array((-50.0, 0.0, -20.0)), np.array((40.0, 30.0, 25.0))
        for size in ((640, 400), (300, 500)):
            view = fitted(self.view, low, high, *size, share=0.8)
            camera = camera_of(view, *size)
            corners = [camera.pixel((x, y, z)) for x in (low[0], high[0]) for y in (low[1], high[1])
                       for z in (low[2], high[2])]
            across = np.array([abs(c[0] - size[0] / 2) / (size[0] / 2) for c in corners])
            over = np.array([abs(c[1] - size[1] / 2) / (size[1] / 2) for c in corners])
            self.assertAlmostEqual(max(across.max(), over.max()), 0.8, places=6)

    def test_turning_keeps_the_distance_and_sliding_follows_the_hand(self):
        view = turned(self.view, 40.0, -10.0)
        self.assertEqual((view.distance, view.target), (self.view.distance, self.view.target))
        self.assertNotEqual(view.azimuth, self.view.azimuth)
        camera = camera_of(self.view, 640, 400)
        after = camera_of(slid(self.view, camera, 50.0, 20.0), 640, 400).pixel(self.view.target)
        self.assertAlmostEqual(after[0], 370.0, delta=0.01)
        self.assertAlmostEqual(after[1], 220.0, delta=0.01)

    def test_turning_stops_before_the_poles(self):
        self.assertEqual(turned(self.view, 0.0, 1e5).elevation, 85.0)
        self.assertEqual(turned(self.view, 0.0, -1e5).elevation, -85.0)

    def test_flying_moves_the_eye_and_turns_about_it(self):
        view = View(azimuth=30.0, elevation=10.0, distance=50.0, target=(1.0, 2.0, 3.0))
        before = camera_of(view, 3, 2)
        after = camera_of(flown(view, 4.0, -3.0, 2.0, 0.0, 0.0), 3, 2)
        np.testing.assert_allclose(after.eye - before.eye, 4.0 * before.forward - 3.0 * before.right + (0.0, 2.0, 0.0), atol=1e-9)
        np.testing.assert_allclose(after.forward, before.forward, atol=1e-12)
        turned_ = camera_of(flown(view, 0.0, 0.0, 0.0, 15.0, 5.0), 3, 2)
        np.testing.assert_allclose(turned_.eye, before.eye, atol=1e-9)
        # To the right and upward.
        self.assertGreater(float(turned_.forward @ before.right), 0.2)
        self.assertGreater(turned_.forward[1], before.forward[1])
        self.assertEqual(flown(view, 0.0, 0.0, 0.0, 0.0, 500.0).elevation, -85.0)

    def test_approaching_and_leaving_are_inverse(self):
        self.assertAlmostEqual(approached(approached(self.view, 3), -3).distance, 80.0, places=6)
        self.assertLess(approached(self.view, 1).distance, 80.0)

    def test_altitudes_of_rows(self):
        camera = camera_of(self.view, 640, 400)
        for altitude in (5.0, 20.0, 33.0):
            row = camera.pixel((self.view.target[0], altitude, self.view.target[2]))[1]
            self.assertAlmostEqual(altitude_at(self.view, camera, row), altitude, places=6)


if __name__ == "__main__":
    unittest.main()
