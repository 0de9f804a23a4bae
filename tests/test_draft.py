"""Draft light: its moments, the transport on a coarse lattice, what goes on ahead, and all of it against photons."""

import math
import unittest

import numpy as np

from softmound.core.colour import luminance
from softmound.core.engine.density import density_grid
from softmound.core.engine.stages import Stages
from softmound.core.engine.stills import Taking, still_of
from softmound.core.kernels import serial
from softmound.core.light.lattices.coarse import SHARP, coarse_of
from softmound.core.light.lattices.diffusion import solved
from softmound.core.light.lattices.lattice import lit, toward_eye, with_lamps, zone_shares
from softmound.core.light.lattices.small_angle import HALFWAY, TURNS, ahead, onward_table
from softmound.core.light.lattices.transport import DIRECTIONS, transported
from softmound.core.light.lattices.transport import TURNS as SWEEPS
from softmound.core.light.marching.march import march
from softmound.core.light.marching.reach import SQUARE, reach_of
from softmound.core.light.marching.sparing import brightness_of, filled
from softmound.core.light.picture.radiance import radiance_of, turn_of
from softmound.core.light.scene.camera import camera_of, fitted
from softmound.core.light.scene.lamps import LUX
from softmound.core.light.scene.layered import layered_of
from softmound.core.light.scene.phase import forward_peak, lobes_of, mean_cosine, moments, phase
from softmound.core.light.scene.scene import scene_of
from softmound.core.light.scene.surroundings import surroundings_of
from softmound.core.recipe import Lamp, Light, Medium, Mound, Sky, Sun, View
from softmound.core.recipe.resize import resized_mound
from softmound.core.volume import grid_of
from softmound.core.volume.sample import sample
from tests.long import long
from tests.scenes import ball_mound, box_grid, lumpy_mound, random_grid
from tests.sphere import ball_grid, ball_intensity

MEDIA = (Medium(anisotropy=0.85), Medium(phase="droplets", diameter=12.0), Medium(phase="droplets", diameter=40.0),
         Medium(phase="two lobes", anisotropy=0.7, second=-0.4, share=0.3))
DARK = Sky(kind="plain", strength=0.0)


@serial
def _turn(x, z):
    return turn_of(x, z)


class Moments(unittest.TestCase):
    def test_against_integrals(self):
        half = np.linspace(0.0, 1.0, 40_001)
        cosine = 1.0 - 2.0 * half**2
        for medium in MEDIA:
            lobes = lobes_of(medium)
            got = moments(lobes)
            self.assertAlmostEqual(got[1], mean_cosine(lobes), places=9)
            for order in (0, 1, 2, 3, 7, 12):
                legendre = np.polynomial.legendre.legval(cosine, np.eye(order + 1)[order])
                exact = np.trapz(8.0 * math.pi * half * phase(cosine, lobes) * legendre, half)
                self.assertAlmostEqual(got[order], exact, delta=2e-4)

    def test_the_peak_of_one_lobe(self):
        peak, cosine = forward_peak(lobes_of(Medium(anisotropy=0.8)))
        self.assertAlmostEqual(peak, 0.64, places=9)
        self.assertAlmostEqual(cosine, 0.8 / 1.8, places=9)
        self.assertEqual(forward_peak(lobes_of(Medium(anisotropy=-0.2)))[0], 0.0)


def alone(thick, cosine, first=None, incoming=None, turns=SWEEPS):
    """Transport of one light: what its source first sends on, and what enters along each direction."""
    first = np.zeros((*thick.shape, 4), np.float32) if first is None else first
    incoming = np.zeros(len(DIRECTIONS)) if incoming is None else incoming
    return transported(thick, cosine, first[..., None], np.asarray(incoming, np.float32)[:, None], turns)[..., 0]


def spread(thick, source):
    """Diffusion of one light."""
    return solved(thick, np.stack([source] * 4, axis=-1))[..., 0]


class Transport(unittest.TestCase):
    def ball(self, radius, free, n=49):
        away = np.linalg.norm(np.stack(np.meshgrid(*[np.arange(n) - n // 2] * 3, indexing="ij"), -1), axis=-1)
        return away, np.where(away < radius, 1.0 / free, 0.0).astype(np.float32)

    def test_directions_are_even(self):
        np.testing.assert_allclose(DIRECTIONS.mean(axis=0), 0.0, atol=1e-6)
        np.testing.assert_allclose(DIRECTIONS.T @ DIRECTIONS / len(DIRECTIONS), np.eye(3) / 3.0, atol=1e-5)
        height = DIRECTIONS[:, 1]
        self.assertAlmostEqual((height > 0.5).mean(), 0.25)
        self.assertAlmostEqual((height < 0.0).mean(), 0.5)

    def test_the_same_light_from_everywhere_stays_the_same(self):
        for free in (20.0, 3.0, 0.7):
            _, thick = self.ball(10.0, free, 25)
            got = alone(thick, 0.4, None, np.ones(len(DIRECTIONS)), turns=12)
            np.testing.assert_allclose(got[..., 0][thick > 0.0], 1.0, atol=0.02)
            self.assertLess(np.abs(got[..., 1:]).max(), 0.02)

    def test_empty_space_lets_everything_through(self):
        thick = np.zeros((9, 8, 7), np.float32)
        thick[4, 4, 4] = 1e-6
        incoming = np.where(DIRECTIONS[:, 1] < 0.0, 2.0, 0.0)
        got = alone(thick, 0.0, None, incoming, turns=1)
        # Told where there is something, and beside it, where what stands there is read between cells.
        np.testing.assert_allclose(got[3:6, 3:6, 3:6, 0], 1.0, atol=1e-5)
        self.assertEqual(float(np.abs(got[0]).max()), 0.0)

    def test_a_source_in_a_thick_ball_spreads_as_diffusion_says(self):
        # 1/r - 1/R, with R beyond the edge by 0.71 of a free path; by the equation of transfer and by diffusion alone.
        radius, free = 20.0, 2.5
        away, thick = self.ball(radius, free)
        source = np.where(away < 1.5, 1.0, 0.0).astype(np.float32)
        r = np.array([6.0, 9.0, 12.0, 15.0])
        power = float((thick * source).sum())
        exact = 3.0 * power / (4.0 * math.pi * free) * (1.0 / r - 1.0 / (radius + 0.71 * free))
        first = np.zeros((*thick.shape, 4), np.float32)
        first[..., 0] = source
        for got in (spread(thick, thick * source), alone(thick, 0.0, first, turns=30)[..., 0]):
            shells = np.array([got[(away > x - 0.5) & (away < x + 0.5)].mean() for x in r])
            np.testing.assert_allclose(shells, exact, rtol=0.08)

    def test_forward_scattering_of_a_longer_path_is_the_same(self):
        # Similarity: twice as thick with a mean cosine of one half spreads as much.
        away, thick = self.ball(20.0, 2.5)
        first = np.zeros((*thick.shape, 4), np.float32)
        first[..., 0] = np.where(away < 1.5, 1.0, 0.0)
        plain = alone(thick, 0.0, first, turns=20)[..., 0]
        forward = alone(2.0 * thick, 0.5, 0.5 * first, turns=20)[..., 0]
        inside = (away > 5.0) & (away < 15.0)
        self.assertAlmostEqual(float((forward[inside] / plain[inside]).mean()), 1.0, delta=0.06)


    def test_there_and_back_is_the_same(self):
        # Reciprocity: what a source in one place sends to another is what one there sends back.
        thick = np.zeros((11, 10, 12), np.float32)
        x, y, z = np.meshgrid(np.linspace(-1, 1, 9), np.linspace(-1, 1, 8), np.linspace(-1, 1, 10), indexing="ij")
        thick[1:-1, 1:-1, 1:-1] = 0.6 + 0.35 * np.sin(3.0 * x + 1.0) * np.cos(2.0 * y - z)
        places = ((3, 4, 5), (8, 6, 9), (2, 7, 3))

        def sent(place):
            first = np.zeros((*thick.shape, 4), np.float32)
            first[(*place, 0)] = 1.0 / thick[place]
            return alone(thick, 0.0, first, turns=25)[..., 0]

        fields = [sent(place) for place in places]
        for n, one in enumerate(places):
            for m, other in enumerate(places[:n]):
                self.assertAlmostEqual(float(fields[n][other] / fields[m][one]), 1.0, delta=0.12)

    def test_light_adds_up(self):
        _, thick = self.ball(7.0, 2.0, 19)
        one, other = (DIRECTIONS[:, 1] > 0.0).astype(float), (DIRECTIONS[:, 0] > 0.3).astype(float)
        first = np.zeros((*thick.shape, 4), np.float32)
        first[9, 9, 9] = (1.0, 0.2, 0.0, 0.1)
        both = alone(thick, 0.3, first, 2.0 * one + other)
        parts = 2.0 * alone(thick, 0.3, None, one) + alone(thick, 0.3, None, other) + alone(thick, 0.3, first)
        # But for what would fall below nothing, which is cut off cell by cell.
        np.testing.assert_allclose(both, parts, atol=0.06)

    def test_a_turn_more_changes_little(self):
        # Three turns put together: in a cloud a hundred free paths thick, against what many more come to.
        _, thick = self.ball(20.0, 0.4)
        entering = (DIRECTIONS[:, 1] < 0.0).astype(float)
        right = alone(thick, 0.0, None, entering, turns=40)[..., 0]
        found = [np.abs(alone(thick, 0.0, None, entering, turns=turns)[..., 0] - right).sum() / right.sum() for turns in (2, 4, 8)]
        self.assertLess(found[1], 0.06)
        self.assertLess(found[2], 0.02)
        self.assertGreater(found[0], 2.0 * found[1])

    def test_what_absorbs_is_dimmed_as_diffusion_says(self):
        # sinh(k r) / r is the way down from the surface of a ball, with k^2 = 3 (1 - a)(1 - a g) in free paths.
        radius, free, albedo, g = 20.0, 2.0, 0.98, 0.3
        away, thick = self.ball(radius, free)
        kept = np.full((*thick.shape, 1), albedo, np.float32)
        got = transported(thick, g, np.zeros((*thick.shape, 4, 1), np.float32), np.ones((len(DIRECTIONS), 1), np.float32), 20, kept)
        k = math.sqrt(3.0 * (1.0 - albedo) * (1.0 - albedo * g)) / free
        shells = np.array([got[..., 0, 0][(away > r - 0.5) & (away < r + 0.5)].mean() for r in (3.0, 8.0, 13.0)])
        exact = np.array([math.sinh(k * r) / r for r in (3.0, 8.0, 13.0)])
        np.testing.assert_allclose(shells / shells[0], exact / exact[0], rtol=0.06)
        # All of it is what a wall of the same light around would give, less what is taken up: below the light that enters.
        self.assertLess(float(got[..., 0, 0].max()), albedo)

    def test_lights_solved_together_are_those_solved_alone(self):
        _, thick = self.ball(7.0, 2.0, 19)
        rng = np.random.default_rng(3)
        firsts = rng.random((*thick.shape, 4, 3), np.float32) * (thick > 0.0)[..., None, None]
        entering = rng.random((len(DIRECTIONS), 3)).astype(np.float32)
        together = transported(thick, 0.3, firsts, entering)
        for n in range(3):
            np.testing.assert_allclose(together[..., n], alone(thick, 0.3, firsts[..., n], entering[:, n]), atol=1e-5)

    def test_a_sky_bright_on_one_side_lights_that_side(self):
        # A low sun brightens the air around it: what turns away from it is lit by the darker half of the sky.
        light = Light(sun=Sun(azimuth=90.0, elevation=6.0, strength=2.0), sky=Sky(kind="air"), medium=Medium(extinction=0.8))
        shares = np.array(zone_shares(light))
        np.testing.assert_allclose(shares.mean(axis=1), 1.0, atol=1e-3)
        from_sun = DIRECTIONS[:, 0] < -0.3  # light that travels away from it
        self.assertGreater(shares[1][from_sun].sum(), 2.0 * shares[1][DIRECTIONS[:, 0] > 0.3].sum())
        sky = lit(coarse_of(ball_grid(12.0, 0.5)), light).sky
        cloud = np.flatnonzero(sky[..., 2, 0].any(axis=(1, 2)))
        west, east = (sky[at, :, :, 2, 0].max() for at in (cloud[2], cloud[-3]))
        self.assertGreater(east, 1.3 * west)
        # A plain one is spread evenly: over four of the quarters of directions, and one half.
        plain = np.array(zone_shares(light.edited(sky=Sky(kind="plain"))))
        np.testing.assert_allclose(plain.max(axis=1), (4.0, 4.0, 2.0), atol=2e-3)

    def test_light_from_below_comes_from_where_it_is_bright(self):
        # Haze at the horizon is bright, the ground straight below is dark: flanks are lit by the one, the base by the other.
        light = Light(sky=Sky(kind="air", visibility=20.0, ground=(0.05, 0.05, 0.05)))
        table = luminance(surroundings_of(light).sky.astype(np.float64)).mean(axis=1)
        half = len(table) // 2
        rings = np.array(zone_shares(light))[2][DIRECTIONS[:, 1] > 0.0].reshape(2, -1).mean(axis=1)
        # The table's rows have the same solid angle: the two rings of directions share its lower half evenly.
        wanted = table[half : half + half // 2].mean() / table[half + half // 2 :].mean()
        self.assertGreater(wanted, 1.2)
        level, steep = (rings[n] for n in np.argsort([0.788675, 0.211325])[:2])
        self.assertAlmostEqual(float(level / steep), float(wanted), delta=0.12 * wanted)

    @long
    def test_first_order_of_a_ball_and_all_orders_of_a_half_space(self):
        # Straight toward the sun a great ball is a half-space: sources at its surface are H(1) = 2.9078 times those of the
        # first order (Chandrasekhar 1950, Radiative Transfer, table XI), here less by what its curvature lets out.
        radius, extinction = 24.0, 1.0
        light = Light(sun=Sun(azimuth=90.0, elevation=0.0, colour=(1.0, 1.0, 1.0), strength=1.0, size=0.0),
                      sky=Sky(kind="plain", strength=0.0), medium=Medium(extinction=extinction, anisotropy=0.0))
        grid = ball_grid(radius, 0.5)
        lattice, view = lit(coarse_of(grid, SHARP), light), View(target=(0.0, 0.0, 0.0), distance=300.0, elevation=0.0, focal=180.0)
        x, y, z = (int(round((at - first) / lattice.sky_cell)) for at, first in zip((radius, 0.0, 0.0), lattice.sky_first))
        self.assertAlmostEqual(1.0 + 4.0 * np.pi * float(lattice.sky[x, y, z, 0, 0]), 2.9078, delta=0.09)
        # Scattered once: the integral along each ray by quadrature, sunlight of irradiance pi dimmed on its way in and out.
        camera = camera_of(view, 60, 40)
        scene = scene_of(light.edited(once=True), grid)
        layers = np.mean([march(scene, lattice, camera, nth=n) for n in range(8)], axis=0)
        for column in (36, 42):
            way = camera.ray(column + 0.5, 20.5)
            b = -way @ camera.eye
            t = b - np.sqrt(b * b - camera.eye @ camera.eye + radius**2) + np.linspace(0.0, 12.0, 6001)
            places = camera.eye + t[:, None] * way
            out = -places[:, 0] + np.sqrt(np.maximum(places[:, 0] ** 2 - (places**2).sum(axis=1) + radius**2, 0.0))
            exact = np.trapz(np.exp(-(t - t[0]) - out), t)
            found = float(layers[19:22, column - 1 : column + 2, 0].mean()) * 4.0 * np.pi
            self.assertAlmostEqual(found / float(exact), 1.0, delta=0.06)

    def test_zones_of_the_sky_make_up_the_whole(self):
        coarse = coarse_of(ball_grid(12.0, 0.5))
        zones = lit(coarse, Light(sky=Sky(kind="plain"), medium=Medium(extinction=0.3))).zones
        whole = (0.25 * zones[..., 0, :] + 0.25 * zones[..., 1, :] + 0.5 * zones[..., 2, :])[coarse.small > 0.0]
        np.testing.assert_allclose(whole[:, 0], 1.0, atol=0.03)
        middle = [s // 2 for s in zones.shape[:3]]
        top, bottom = zones[middle[0], :, middle[2], 0, 0].max(), zones[middle[0], :, middle[2], 0, 0].min()
        self.assertGreater(top, 1.5 * bottom)

    def test_all_light_of_a_lamp_inside_is_scattered_first_somewhere(self):
        medium = Medium(extinction=0.6, anisotropy=0.4)
        grid = ball_grid(14.0, 0.5)
        coarse = coarse_of(grid)
        light = Light(sun=Sun(strength=0.0), medium=medium,
                      lamps=(Lamp(place=(1.0, 2.0, 0.5), radius=0.8, power=1e7, kelvin=None),))
        lit_up = with_lamps(lit(coarse, light), coarse, light)
        # What leaves a thick cloud in which nothing is lost is what the lamp gives off.
        camera = camera_of(View(target=(0.0, 0.0, 0.0), distance=4000.0, azimuth=0.0, elevation=0.0, focal=800.0), 60, 40)
        scene = scene_of(light, grid)
        power = 0.0
        for azimuth, elevation in ((0.0, 0.0), (120.0, 0.0), (240.0, 0.0), (40.0, 60.0), (200.0, -60.0)):
            view = View(target=(0.0, 0.0, 0.0), distance=4000.0, azimuth=azimuth, elevation=elevation, focal=800.0)
            layers = march(scene, lit_up, camera_of(view, 60, 40))
            power += float(layers[..., 6].sum()) * (camera.spread * 4000.0) ** 2 / 5.0
        self.assertAlmostEqual(power * 4.0 * math.pi / (1e7 * LUX), 1.0, delta=0.22)


class Onward(unittest.TestCase):
    def test_nothing_in_the_way_is_the_phase_function(self):
        for medium in MEDIA:
            lobes = lobes_of(medium)
            cosine = 1.0 - 2.0 * np.linspace(0.0, 1.0, TURNS) ** 2
            np.testing.assert_allclose(onward_table(lobes)[:, 0], phase(cosine, lobes) * ahead(cosine), rtol=1e-5, atol=1e-5)

    def test_against_scattering_by_dice(self):
        # So many turns as Poisson says, each drawn from the part of the phase function that counts as ahead.
        lobes, depth = lobes_of(Medium(anisotropy=0.85)), 4.0
        half = np.linspace(0.0, 1.0, 20_001)
        fine = 1.0 - 2.0 * half**2
        weight = half * phase(fine, lobes) * ahead(fine)
        share = float(8.0 * math.pi * weight.sum() / 20_000)
        rising = np.cumsum(weight) / weight.sum()
        dice = np.random.default_rng(4)
        count = 400_000
        way = np.tile([0.0, 0.0, 1.0], (count, 1))
        turns = 1 + dice.poisson(share * depth, count)
        for n in range(turns.max()):
            some = turns > n
            cosine = fine[np.searchsorted(rising, dice.random(some.sum()))]
            turn = 2.0 * math.pi * dice.random(some.sum())
            old = way[some]
            side = np.cross(old, np.where(np.abs(old[:, :1]) < 0.9, [[1.0, 0.0, 0.0]], [[0.0, 1.0, 0.0]]))
            side /= np.linalg.norm(side, axis=1, keepdims=True)
            sine = np.sqrt(1.0 - cosine**2)[:, None]
            way[some] = cosine[:, None] * old + sine * (np.cos(turn)[:, None] * side + np.sin(turn)[:, None] * np.cross(old, side))
        table = onward_table(lobes)
        place = depth / (depth + float(HALFWAY)) * table.shape[1]
        at = np.array([np.interp(place, np.arange(table.shape[1]), row) for row in table])
        for low, high in ((0.95, 1.0), (0.8, 0.9), (0.5, 0.6)):
            found = ((way[:, 2] > low) & (way[:, 2] < high)).mean() / (2.0 * math.pi * (high - low))
            angle = np.sqrt((1.0 - np.linspace(low, high, 50)) / 2.0) * (TURNS - 1)
            stated = np.interp(angle, np.arange(TURNS), at).mean()
            # A photon is scattered ahead with the odds `share`, and lost by all else on its way.
            self.assertAlmostEqual(stated / (found * share * math.exp(-(1.0 - share) * depth)), 1.0, delta=0.06)


class Reach(unittest.TestCase):
    def test_squares_hold_all_there_is_along_their_rays(self):
        grid = random_grid(9, voxel=0.5)
        layered = layered_of(grid)
        low, high = (grid.world(b) for b in grid.active_bounds())
        for view in (fitted(View(azimuth=35.0, elevation=20.0), low, high, 80, 56),
                     View(azimuth=200.0, elevation=-30.0, distance=0.5, target=tuple((low + high) / 2))):
            camera = camera_of(view, 80, 56)
            near, far = reach_of(layered, camera)
            self.assertTrue((far > 0.0).any())
            way = np.arange(0.0, 2.0 * np.linalg.norm(high - low) + view.distance, 0.2)
            for y in range(1, 56, 9):
                for x in range(1, 80, 9):
                    along = sample(grid, camera.eye + way[:, None] * camera.ray(x + 0.5, y + 0.5))
                    hit = way[along > 0.0] / grid.voxel
                    if len(hit):
                        self.assertLessEqual(near[y // SQUARE, x // SQUARE], hit.min())
                        self.assertGreaterEqual(far[y // SQUARE, x // SQUARE], hit.max())

    def test_nothing_is_left_out_of_the_picture(self):
        grid = random_grid(9, voxel=0.5)
        layered, light = layered_of(grid), Light(medium=Medium(extinction=0.3))
        lattice = lit(coarse_of(grid), light)
        view = fitted(View(azimuth=35.0, elevation=20.0), *(grid.world(b) for b in grid.active_bounds()), 64, 48)
        camera = camera_of(view, 64, 48)
        opacity = march(scene_of(light, grid), lattice, camera, step=0.5)[..., 4]
        near, far = reach_of(layered, camera)
        empty = np.kron(far <= 0.0, np.ones((SQUARE, SQUARE), bool))[:48, :64]
        self.assertTrue(empty.any())
        self.assertEqual(opacity[empty].max(), 0.0)
        self.assertGreater(opacity[~empty].max(), 0.5)


class Draft(unittest.TestCase):
    def picture(self, grid, light, camera):
        scene, lattice = scene_of(light, grid), lit(coarse_of(grid), light)
        return np.mean([march(scene, lattice, camera, nth=n) for n in range(6)], axis=0)

    @long
    def test_balls_against_photons(self):
        grid, radius = ball_grid(16.0, 0.5), 16.0
        camera = camera_of(View(target=(0.0, 0.0, 0.0), distance=4000.0, azimuth=0.0, elevation=0.0, focal=800.0), 60, 40)
        for depth, g, angles in ((2.0, 0.85, (20.0, 100.0, 150.0)), (6.0, 0.85, (20.0, 150.0)), (4.0, 0.5, (80.0,))):
            for azimuth in angles:
                light = Light(sun=Sun(azimuth=azimuth, elevation=0.0, strength=1.0 / math.pi, size=0.0), sky=DARK,
                              medium=Medium(extinction=depth / radius, anisotropy=g))
                got = float(self.picture(grid, light, camera)[..., 0].sum()) * (camera.spread * 4000.0) ** 2 / radius**2
                exact = ball_intensity(depth, g, -math.cos(math.radians(azimuth)), photons=40_000)
                self.assertAlmostEqual(got / exact, 1.0, delta=0.16, msg=f"{depth} {g} {azimuth}")

    def means(self, mound, voxel):
        """Mean light of a mound's cloud, by layer."""
        grid = density_grid(mound, voxel)
        camera = camera_of(mound.view, 72, 48)
        layers = self.picture(grid, mound.light, camera)
        return layers[layers[..., 4] > 0.9].mean(axis=0), layers

    def test_the_look_is_independent_of_the_voxel(self):
        mound = lumpy_mound().edited(light=Light(sun=Sun(azimuth=70.0, elevation=30.0), medium=Medium(extinction=0.6)))
        mound = mound.edited(view=fitted(View(azimuth=0.0, elevation=5.0), (-20, 5, -12), (18, 30, 12), 72, 48))
        fine, coarse = (self.means(mound, voxel)[0][:4] for voxel in (0.4, 0.8))
        np.testing.assert_allclose(coarse, fine, rtol=0.07)

    def test_the_look_is_kept_when_resized(self):
        mound = ball_mound(10.0, 1.0).edited(light=Light(sun=Sun(azimuth=50.0, elevation=20.0), medium=Medium(extinction=0.9)))
        mound = mound.edited(view=View(target=(0.0, 10.0, 0.0), distance=70.0, azimuth=0.0, elevation=5.0))
        small, _ = self.means(mound, 0.5)
        large, _ = self.means(resized_mound(mound, 40.0), 20.0)
        np.testing.assert_allclose(large[:4], small[:4], rtol=0.02)

    def test_turning_all_turns_the_picture_with_it(self):
        grid = ball_grid(10.0, 0.5)
        pictures = []
        for turn in (0.0, 90.0, 210.0):
            light = Light(sun=Sun(azimuth=60.0 + turn, elevation=25.0), medium=Medium(extinction=0.5))
            view = View(target=(0.0, 0.0, 0.0), distance=45.0, azimuth=turn, elevation=8.0)
            layers = self.picture(grid, light, camera_of(view, 48, 32))
            pictures.append(layers[12:20, 18:30, :4].mean(axis=(0, 1)))
        for other in pictures[1:]:
            np.testing.assert_allclose(other, pictures[0], rtol=0.06)

    def test_more_light_passes_a_thinner_cloud(self):
        grid = ball_grid(10.0, 0.5)
        camera = camera_of(View(target=(0.0, 0.0, 0.0), distance=45.0, azimuth=0.0, elevation=0.0), 48, 32)
        behind, front = [], []
        for extinction in (0.2, 0.5, 1.2):
            for found, azimuth in ((behind, 150.0), (front, 10.0)):
                light = Light(sun=Sun(azimuth=azimuth, elevation=10.0), medium=Medium(extinction=extinction))
                found.append(float(self.picture(grid, light, camera)[14:18, 21:27, 0].mean()))
        self.assertEqual(sorted(behind, reverse=True), behind)
        self.assertEqual(sorted(front), front)

    def test_nothing_is_seen_where_the_same_light_comes_from_everywhere(self):
        grid = ball_grid(16.0, 0.5)
        light = Light(sun=Sun(strength=0.0), sky=Sky(kind="plain", zenith=(1.0, 1.0, 1.0)), medium=Medium(extinction=0.25))
        camera = camera_of(View(target=(0.0, 0.0, 0.0), distance=60.0, azimuth=40.0, elevation=10.0), 60, 40)
        scene = radiance_of(self.picture(grid, light, camera), scene_of(light, grid), camera)
        np.testing.assert_allclose(scene[..., :3], 1.0, atol=0.04)

    def test_a_faint_veil_before_a_shadow_does_not_light_it(self):
        # A ray that met faint mist in the sun, and then crosses a gap, sees behind it what light there is there.
        light = Light(sun=Sun(azimuth=90.0, elevation=20.0), sky=DARK, medium=Medium(extinction=0.8))
        # A wall keeps the sun from the box behind; the mist in front of it stands free.
        wall, box = ((40, 0, -24), (55, 31, -9)), ((0, 0, -24), (15, 31, -9))
        parts = [box_grid(*wall), box_grid(*box)]
        mist = box_grid((0, 0, 24), (15, 31, 39), value=1e-4)
        coords = np.concatenate([part.coords for part in parts])
        values = np.concatenate([part.values for part in parts])
        bare = grid_of(1.0, coords, values)
        veiled = grid_of(1.0, np.concatenate([coords, mist.coords]), np.concatenate([values, mist.values]))
        view = View(target=(8.0, 16.0, -9.0), azimuth=0.0, elevation=0.0, distance=120.0, focal=120.0)
        camera = camera_of(view, 48, 32)
        seen = [self.picture(grid, light, camera)[12:20, 22:27, 0] for grid in (bare, veiled)]
        self.assertGreater(float(seen[0].mean()), 0.0)
        np.testing.assert_allclose(seen[1].mean(), seen[0].mean(), rtol=0.08)

    def test_scattered_once_is_exact(self):
        # With that alone, a box lit from behind the camera: phase function times the integral of exp(-2 depth).
        sigma, thick = 0.1, 32 * 0.5
        grid = box_grid((0, 0, 0), (31, 31, 31), voxel=0.5)
        view = View(target=(7.75, 7.75, 7.75), distance=4000.0, azimuth=0.0, elevation=0.0, focal=800.0)
        camera = camera_of(view, 90, 60)
        light = Light(sun=Sun(azimuth=0.0, elevation=0.0), sky=DARK, medium=Medium(extinction=sigma, anisotropy=0.3), once=True)
        exact = float(phase(-1.0, lobes_of(light.medium))) * (1.0 - math.exp(-2.0 * sigma * thick)) / 2.0
        self.assertAlmostEqual(self.picture(grid, light, camera)[30, 45, 0] / exact, 1.0, delta=0.03)
        # A picture that is taken is so too: nothing of what is scattered more often is put into it.
        still = still_of(Stages(), Mound(view=view, light=light), grid, "box", Taking(90, 60))
        seen = still.radiance[30, 45, :3] / surroundings_of(light).sun
        np.testing.assert_allclose(seen / exact, 1.0, atol=0.03)

    def test_what_is_as_warm_as_all_around_is_not_to_be_seen(self):
        # Kirchhoff: what sends out as much as it absorbs, where all around is as bright, looks like that, however it scatters.
        bright, tint = np.array([0.9, 0.5, 0.2]), np.array([1.0, 0.9, 0.8])
        grid, camera = ball_grid(16.0, 1.0), View(target=(0.0, 0.0, 0.0), distance=60.0)
        glow = (1.0 - 0.9 * tint) * bright
        for anisotropy in (0.0, 0.8):
            medium = Medium(extinction=0.6, albedo=0.9, tint=tuple(tint), anisotropy=anisotropy,
                            glow=tuple(glow / glow.max()), glow_strength=float(glow.max()))
            light = Light(sun=Sun(strength=0.0), sky=Sky(kind="plain", zenith=tuple(bright)), medium=medium)
            for taking in (Taking(60, 40), Taking(60, 40, apart=True))[: 1 if anisotropy == 0.0 else 2]:
                still = still_of(Stages(), Mound(view=camera, light=light), grid, "ball", taking)
                with self.subTest(anisotropy=anisotropy, apart=taking.apart):
                    np.testing.assert_allclose(still.radiance[15:25, 25:35, :3].mean(axis=(0, 1)) / bright, 1.0, atol=0.05)

    def test_cells_scatter_toward_the_eye_what_their_moments_say(self):
        grid = ball_grid(8.0, 1.0)
        lattice = lit(coarse_of(grid), Light(medium=Medium(extinction=0.4)))
        eye = np.array([40.0, 12.0, -7.0])
        got = toward_eye(lattice, eye)
        at = (4, 3, 5)
        way = eye - lattice.sky_first - np.array(at) * lattice.sky_cell
        way /= np.linalg.norm(way)
        np.testing.assert_allclose(got[at], np.maximum(lattice.sky[at][:, 0] + lattice.sky[at][:, 1:] @ way, 0.0), rtol=1e-4,
                                   atol=1e-6)

    def test_azimuths_of_pixels(self):
        dice = np.random.default_rng(2)
        for x, z in [*dice.normal(size=(300, 2)), (0.0, 1.0), (1.0, 0.0), (0.0, -1.0), (-1.0, 0.0), (1.0, 1.0)]:
            got = float(_turn(np.float32(x), np.float32(z)))
            apart = abs(got - math.atan2(x, z) / (2.0 * math.pi) % 1.0)
            self.assertLess(min(apart, 1.0 - apart), 4e-5)


if __name__ == "__main__":
    unittest.main()


class Sparing(unittest.TestCase):
    """Rays that are spared while the hand moves."""

    def setUp(self):
        self.grid = density_grid(lumpy_mound(), 0.7)
        self.light = Light(sun=Sun(azimuth=60.0, elevation=30.0), medium=Medium(extinction=0.4))
        self.scene, self.lattice = scene_of(self.light, self.grid), lit(coarse_of(self.grid), self.light)
        self.camera = camera_of(View(target=(0.0, 16.0, 0.0), distance=110.0, azimuth=20.0), 121, 90)

    def test_what_is_spared_looks_like_what_is_not(self):
        full = march(self.scene, self.lattice, self.camera)
        some = march(self.scene, self.lattice, self.camera, sparing=True)
        weights = brightness_of(self.light)
        few = march(self.scene, self.lattice, self.camera, stride=2, shift=(0.25, 0.25))
        wanted = filled(few, weights, np.empty_like(full)).astype(bool)
        # Rays that are cast are those of the full picture, to the bit; those of every second row and column but for their jitter.
        np.testing.assert_array_equal(some[wanted], full[wanted])
        np.testing.assert_array_equal(some[::2, ::2], few)
        cloud = full[..., 4] > 0.5
        apart = (some @ weights - full @ weights)[cloud]
        self.assertLess(np.sqrt((apart**2).mean()) / (full @ weights)[cloud].mean(), 0.03)
        self.assertLess(np.abs(some[..., 4] - full[..., 4]).mean(), 0.004)
        self.assertLess(wanted[cloud].mean(), 0.5)

    def test_rays_go_where_neighbours_differ_and_nowhere_else(self):
        few = np.zeros((6, 8, 8), np.float32)
        few[..., 0], few[..., 4] = 0.5, 1.0
        few[:, 4:, 0] = 0.4
        few[4:, :4, 4] = 0.9
        weights = np.array([2.0, 0, 0, 0, 0, 0, 0, 0], np.float32)
        out = np.empty((12, 15, 8), np.float32)
        wanted = filled(few, weights, out)
        # Between the columns that differ in light, and the rows that differ in opacity; beyond the last row nothing is known.
        expected = np.zeros((12, 15), np.uint8)
        expected[:, 7] = 1
        expected[7, :8] = 1
        expected[11] = 1
        np.testing.assert_array_equal(wanted[:11], expected[:11])
        self.assertTrue(wanted[11].all())
        alike = ~wanted.astype(bool)
        self.assertEqual({0.5, 0.4}, {round(float(v), 6) for v in np.unique(out[..., 0][alike])})

    def test_a_small_change_is_its_mean(self):
        few = np.ones((3, 3, 8), np.float32)
        few[1, 1] = 1.02
        out = np.empty((5, 5, 8), np.float32)
        self.assertFalse(filled(few, np.eye(8, dtype=np.float32)[0], out).any())
        np.testing.assert_allclose(out[1, 1], 1.005, rtol=1e-6)
        np.testing.assert_allclose(out[2, 1], 1.01, rtol=1e-6)
