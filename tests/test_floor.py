"""Sea and land below the cloud: how much they send up, and where the cloud's shadow lies on them."""

import math
import pathlib
import tempfile
import unittest

import numpy as np
from pydantic import ValidationError

from softmound.core.colour import luminance
from softmound.core.directions import direction_of
from softmound.core.engine.stages import Stages, picture
from softmound.core.engine.stills import Taking, frames_taken, turntable
from softmound.core.light.lattices.coarse import coarse_in, coarse_of
from softmound.core.light.lattices.lattice import lit
from softmound.core.light.marching.march import march
from softmound.core.light.picture.radiance import behind_of, radiance_of
from softmound.core.light.scene.camera import camera_of
from softmound.core.light.scene.floor import NO_SHADOW, floor_light, mirrored_share, sent_up, shadow_of, slope_variance
from softmound.core.light.scene.scene import PlacedCloud, Placing, scene_of
from softmound.core.light.scene.situations import in_situation, with_floor
from softmound.core.light.scene.sky import directions_of
from softmound.core.light.scene.surroundings import radiance, surroundings_of
from softmound.core.problems import OutOfLimits
from softmound.core.recipe import Floor, Light, Medium, Mound, Sky, Sun, View, limits, read_mound, write_mound
from softmound.core.recipe.resize import resized_mound
from tests.scenes import ball_mound, box_grid
from tests.sphere import ball_grid

BLACK = Sky(kind="plain", zenith=(0.0, 0.0, 0.0))
WHITE = Sky(kind="plain", zenith=(1.0, 1.0, 1.0))
UP = np.array([0.0, 1.0, 0.0])


def downward(rows=200, columns=200):
    """Directions all over the lower half of the sphere, each with the same solid angle; and that angle."""
    sines = -(np.arange(rows) + 0.5) / rows
    ways = directions_of(sines, 2.0 * np.pi * (np.arange(columns) + 0.5) / columns)
    return ways, 2.0 * np.pi / (rows * columns)


def empty_picture(light, view, width=60, height=40):
    """What is behind the clouds, alone."""
    camera = camera_of(view, width, height)
    return radiance_of(np.zeros((height, width, 8), np.float32), scene_of(light, view=view), camera)[..., :3]


class Water(unittest.TestCase):
    def test_mirrors_what_the_equations_of_fresnel_say(self):
        self.assertAlmostEqual(float(mirrored_share(1.0)), (0.34 / 2.34) ** 2, places=6)
        self.assertAlmostEqual(float(mirrored_share(0.0)), 1.0, places=6)
        # At Brewster's angle light that swings along the plane is not mirrored at all: half of what the other kind is.
        brewster = math.atan(1.34)
        crosswise = math.sin(2.0 * brewster - math.pi / 2.0) ** 2
        self.assertAlmostEqual(float(mirrored_share(math.cos(brewster))), crosswise / 2.0, places=6)

    def test_slopes_grow_with_the_wind(self):
        self.assertAlmostEqual(slope_variance(10.0), 0.0542)

    def test_glitter_sends_on_what_the_facets_mirror(self):
        # All light that leaves is what arrives times the share mirrored, here nearly head on.
        ways, solid = downward()
        for wind in (1.0, 6.0):
            sea = floor_light(Floor(kind="sea", wind=wind, colour=(0.0, 0.0, 0.0)), direction_of(40.0, 75.0), np.ones(3),
                              lambda found: np.zeros(found.shape), np.zeros(3))
            leaving = float((sent_up(sea, ways)[..., 0] * -ways[..., 1]).sum() * solid)
            arriving = math.sin(math.radians(75.0)) * float(mirrored_share(math.sin(math.radians(75.0))))
            self.assertAlmostEqual(leaving / arriving, 1.0, delta=0.04)

    def test_a_calm_sea_mirrors_the_sun_where_a_plane_would(self):
        sea = floor_light(Floor(kind="sea", wind=0.0), direction_of(0.0, 40.0), np.ones(3),
                          lambda found: np.zeros(found.shape), np.zeros(3))
        sines, azimuths = -np.linspace(0.02, 0.98, 97), np.radians(np.arange(0.0, 360.0, 2.0))
        seen = sent_up(sea, directions_of(sines, azimuths))[..., 0]
        row, column = np.unravel_index(seen.argmax(), seen.shape)
        self.assertAlmostEqual(float(sines[row]), -math.sin(math.radians(40.0)), delta=0.04)
        self.assertAlmostEqual(float(np.degrees(azimuths[column])), 0.0, delta=2.0)

    def test_under_an_even_sky_it_is_as_bright_as_its_mirror_and_its_depth(self):
        sea = floor_light(Floor(kind="sea", wind=0.0, colour=(0.1, 0.1, 0.1)), UP, np.zeros(3), lambda found: np.ones(found.shape),
                          np.full(3, math.pi))
        ways = np.array([[0.0, -1.0, 0.0], [math.cos(0.5), -math.sin(0.5), 0.0]])
        expected = 0.1 + mirrored_share(-ways[:, 1])
        np.testing.assert_allclose(sent_up(sea, ways)[:, 0], expected, rtol=0.03)


class Land(unittest.TestCase):
    def land(self, **changes):
        return Light(sun=Sun(azimuth=90.0, elevation=30.0, strength=2.0, colour=(1.0, 1.0, 1.0)), sky=BLACK,
                     floor=Floor(kind="land", level=-50.0, colour=(0.3, 0.2, 0.1), **changes))

    def test_lit_by_the_sun_as_a_sheet_that_lies_flat(self):
        # Fields too small to be seen are as bright as on the mean.
        light = self.land(visibility=300.0, patches=0.1)
        view = View(target=(0.0, 0.0, 0.0), elevation=60.0, distance=900.0, focal=50.0)
        seen = empty_picture(light, view).mean(axis=(0, 1))
        # A sheet that faces a sun of strength 1 sends back 1.
        np.testing.assert_allclose(seen, 2.0 * math.sin(math.radians(30.0)) * np.array([0.3, 0.2, 0.1]), rtol=0.05)
        self.assertAlmostEqual(float(seen[0] / seen[2]), 3.0, delta=0.1)

    def test_haze_takes_it_away_with_the_distance(self):
        near, far = (empty_picture(self.land(visibility=visibility), View(target=(0.0, 0.0, 0.0), elevation=60.0, distance=40.0,
                                                                        focal=200.0)) for visibility in (300.0, 1.0))
        camera = camera_of(View(target=(0.0, 0.0, 0.0), elevation=60.0, distance=40.0, focal=200.0), 60, 40)
        way = (camera.eye[1] + 50.0) / -camera.ray(30.0, 20.0)[1]
        expected = math.exp(-way * (3.912 / 1000.0 - 3.912 / 300_000.0))
        self.assertAlmostEqual(float(far[20, 30, 0] / near[20, 30, 0]), expected, delta=0.01)

    def test_not_seen_from_below_it_and_not_above_the_horizon(self):
        view = View(target=(0.0, 0.0, 0.0), elevation=5.0, distance=100.0)
        with_land, without = (empty_picture(light, view) for light in (
            Light(floor=Floor(kind="land", level=-50.0)), Light()))
        above = [y for y in range(40) if camera_of(view, 60, 40).ray(30.0, y + 0.5)[1] > 0.0]
        np.testing.assert_array_equal(with_land[above], without[above])
        self.assertFalse(np.allclose(with_land[-1], without[-1], rtol=0.05))
        under = empty_picture(Light(floor=Floor(kind="land", level=50.0)), view)
        np.testing.assert_array_equal(under, without)

    def test_far_away_it_is_one_with_the_horizon(self):
        for kind in ("sea", "land"):
            for sky in (Sky(), Sky(kind="air")):
                floor = Floor(kind=kind, level=-300.0, visibility=20.0)
                light = Light(sky=sky, sun=Sun(azimuth=180.0, elevation=40.0), floor=floor)
                view = View(target=(0.0, 0.0, 0.0), elevation=0.0, distance=100.0, focal=400.0)
                seen = luminance(empty_picture(light, view, 30, 400))[:, 15]
                # Just above and just below the horizon, which lies in the middle.
                self.assertAlmostEqual(float(seen[202] / seen[197]), 1.0, delta=0.06)

    def test_fields_and_woods_change_it_about_its_mean(self):
        view = View(target=(0.0, 0.0, 0.0), elevation=80.0, distance=4000.0, focal=30.0)
        even, patched = (empty_picture(self.land(visibility=300.0, patches=patches), view, 90, 60)[..., 0]
                         for patches in (0.1, 150.0))
        self.assertLess(float(even.std() / even.mean()), 0.05)
        self.assertGreater(float(patched.std() / patched.mean()), 0.1)
        self.assertAlmostEqual(float(patched.mean() / even.mean()), 0.9, delta=0.2)

    def test_lights_the_underside_by_its_colour(self):
        dark, bright = (surroundings_of(Light(sky=WHITE, sun=Sun(strength=0.0), floor=Floor(kind="land", colour=(c, c, c))))
                        for c in (0.0, 0.5))
        # The lower half of all directions, as bright as it sends back of an even sky of 1.
        np.testing.assert_allclose(dark.parts[2], 0.0, atol=1e-6)
        np.testing.assert_allclose(bright.parts[2], 0.25, rtol=0.01)
        np.testing.assert_allclose(bright.parts[:2], surroundings_of(Light(sky=WHITE)).parts[:2])


class Shadows(unittest.TestCase):
    def shadowed(self, light, *clouds):
        scene = scene_of(light, *clouds)
        lattice = lit(coarse_of(clouds[0] if not isinstance(clouds[0], PlacedCloud) else clouds[0].grid), light)
        return shadow_of(scene, lattice)

    def share(self, shadow, x, z):
        i, j = (x - shadow.first_x) * shadow.per_x, (z - shadow.first_z) * shadow.per_z
        return float(shadow.share[round(float(i)), round(float(j))])

    def test_as_dark_as_the_way_through_the_ball_and_where_the_sun_throws_it(self):
        radius, sigma, level = 12.0, 0.05, -60.0
        sun = Sun(azimuth=70.0, elevation=35.0)
        light = Light(sun=sun, medium=Medium(extinction=sigma, anisotropy=0.0), floor=Floor(kind="land", level=level))
        shadow = self.shadowed(light, ball_grid(radius, 0.25))
        toward = direction_of(70.0, 35.0)
        middle = -toward * (-level / toward[1])
        across = np.array([-toward[2], 0.0, toward[0]]) / math.hypot(toward[0], toward[2])
        for away in (0.0, 5.0, 9.0):
            place = middle + away * across
            expected = math.exp(-sigma * 2.0 * math.sqrt(radius**2 - away**2))
            self.assertAlmostEqual(self.share(shadow, place[0], -place[2] * 0 + place[2]), expected, delta=0.02)
        outside = middle + 13.5 * across
        self.assertAlmostEqual(self.share(shadow, outside[0], outside[2]), 1.0, delta=0.02)

    def test_it_holds_all_the_cloud_whatever_the_sun(self):
        # Along the sun's way the whole volume is summed over an area that grows as the sun sinks: Cavalieri.
        radius, sigma = 10.0, 0.02
        grid = ball_grid(radius, 0.25)
        for azimuth, elevation in ((0.0, 90.0), (35.0, 60.0), (200.0, 30.0), (300.0, 12.0)):
            light = Light(sun=Sun(azimuth=azimuth, elevation=elevation), medium=Medium(extinction=sigma, anisotropy=0.0),
                          floor=Floor(kind="land", level=-40.0))
            shadow = self.shadowed(light, grid)
            area = 1.0 / (float(shadow.per_x) * float(shadow.per_z))
            summed = float(-np.log(shadow.share.astype(np.float64)).sum()) * area * math.sin(math.radians(elevation))
            with self.subTest(azimuth=azimuth, elevation=elevation):
                self.assertAlmostEqual(summed / (sigma * 4.0 / 3.0 * math.pi * radius**3), 1.0, delta=0.03)

    def test_its_middle_goes_round_with_the_sun(self):
        grid, level = ball_grid(6.0, 0.5), -30.0
        for azimuth in range(0, 360, 45):
            light = Light(sun=Sun(azimuth=float(azimuth), elevation=50.0), medium=Medium(extinction=0.1, anisotropy=0.0),
                          floor=Floor(kind="sea", level=level))
            shadow = self.shadowed(light, grid)
            weight = 1.0 - shadow.share.astype(np.float64)
            x = float(shadow.first_x) + np.arange(weight.shape[0]) / float(shadow.per_x)
            z = float(shadow.first_z) + np.arange(weight.shape[1]) / float(shadow.per_z)
            middle = (weight.sum(axis=1) @ x / weight.sum(), weight.sum(axis=0) @ z / weight.sum())
            away = -level / math.tan(math.radians(50.0))
            expected = (-away * math.sin(math.radians(azimuth)), -away * math.cos(math.radians(azimuth)))
            np.testing.assert_allclose(middle, expected, atol=0.5)

    def test_two_clouds_throw_two(self):
        light = Light(sun=Sun(azimuth=0.0, elevation=90.0), medium=Medium(extinction=1.0, anisotropy=0.0),
                      floor=Floor(kind="land", level=-30.0))
        grid = ball_grid(5.0, 0.5)
        scene = scene_of(light, *(PlacedCloud(grid, light.medium, Placing(place=np.array([side, 0.0, 0.0])))
                                  for side in (-20.0, 20.0)))
        coarse, mixture = coarse_in(scene)
        shadow = shadow_of(scene, lit(coarse, light, mixture=mixture))
        dark = [self.share(shadow, x, 0.0) for x in (-20.0, 0.0, 20.0)]
        self.assertLess(max(dark[0], dark[2]), 0.05)
        self.assertGreater(dark[1], 0.95)

    def test_none_where_the_sun_is_down_or_the_cloud_lies_below(self):
        grid = ball_grid(6.0, 0.5)
        for light in (Light(sun=Sun(elevation=-3.0), floor=Floor(kind="sea")), Light(floor=Floor(kind="sea", level=40.0))):
            self.assertIs(self.shadowed(light, grid), NO_SHADOW)

    def test_straight_down_it_lies_below(self):
        light = Light(sun=Sun(elevation=90.0), medium=Medium(extinction=0.5, anisotropy=0.0), floor=Floor(kind="sea", level=-500.0))
        shadow = self.shadowed(light, ball_grid(8.0, 0.5))
        self.assertLess(self.share(shadow, 0.0, 0.0), 0.01)
        self.assertEqual(float(shadow.share[0].min()), 1.0)

    def test_seen_in_the_picture_and_by_both_lights(self):
        # The ball's shadow is seen beside it; what is behind the cloud is the same for Draft and for True light.
        mound = ball_mound(radius=10.0)
        light = Light(sun=Sun(azimuth=90.0, elevation=45.0), sky=BLACK, medium=Medium(extinction=1.0),
                      floor=Floor(kind="land", level=0.0, patches=1e5, visibility=300.0))
        view = View(target=(-10.0, 10.0, 0.0), azimuth=0.0, elevation=40.0, distance=90.0)
        mound, grid, stages = mound.edited(light=light, view=view), ball_grid(10.0, 0.5), Stages()
        grid = box_grid((-8, 32, -8), (7, 47, 7), voxel=0.5)
        scene = stages.scene(mound, grid, "box")
        camera = camera_of(view, 120, 80)
        layers = march(scene, stages.lattice(scene), camera)
        seen = radiance_of(layers, scene, camera, shadow=stages.shadow(scene))
        plain = radiance_of(layers, scene, camera)
        # The box's middle, 20 m up, throws its shadow 20 m away from the sun.
        x, y, _ = camera.pixel((-20.0, 0.0, 0.0))
        self.assertLess(float(seen[round(y), round(x), 0]), 0.1 * float(plain[round(y), round(x), 0]))
        lighter, _, _ = camera.pixel((-45.0, 0.0, 0.0))
        self.assertAlmostEqual(float(seen[round(y), round(lighter), 0]), float(plain[round(y), round(lighter), 0]), places=5)
        behind = behind_of(seen, light, camera, shadow=stages.shadow(scene))
        empty = seen[..., 3] == 0.0
        np.testing.assert_array_equal(behind[empty], seen[empty][:, :3])
        self.assertLess(picture(stages, scene, 120, 80)[round(y), round(x), 0], 60)


class Overcast(unittest.TestCase):
    def test_three_times_as_bright_overhead_as_at_the_horizon(self):
        light = in_situation(Light(), View(), "Overcast")
        overhead, low = (luminance(radiance(np.array([way]), light.sun.edited(strength=0.0), light.sky))[0] for way in (
            (0.0, 1.0, 0.0), (0.0, 0.0, 1.0)))
        self.assertAlmostEqual(float(overhead / low), 3.0, delta=0.2)

    def test_a_cloud_is_seen_in_it(self):
        # Where light came evenly from everywhere it could not be told from the sky.
        mound = ball_mound(radius=10.0)
        grid, seen = ball_grid(10.0, 0.5), []
        view = View(target=(0.0, 0.0, 0.0), elevation=0.0, distance=60.0)
        light = in_situation(Light(medium=Medium(extinction=0.8)), view, "Overcast")
        scene = Stages().scene(mound.edited(light=light, view=view), grid, "ball")
        camera = camera_of(view, 48, 32)
        lattice = lit(coarse_of(grid), light)
        radiance_seen = luminance(radiance_of(march(scene, lattice, camera), scene, camera)[..., :3])
        for row in (9, 22):
            seen.append(float(radiance_seen[row, 22:26].mean() / radiance_seen[16, :2].mean()))
        self.assertGreater(seen[0], 1.25)
        self.assertLess(seen[1], 0.8 * seen[0])


class Laying(unittest.TestCase):
    def test_below_a_turntable_it_stays_where_it_is(self):
        mound = with_floor(ball_mound(radius=10.0), "land", (np.full(3, -10.0), np.full(3, 10.0)))
        stages, grid = Stages(), ball_grid(10.0, 0.5)
        frames = list(frames_taken(stages, turntable(mound, 2, 180.0), grid, "ball", Taking(40, 30, passes=1)))
        self.assertEqual(len(frames), 2)
        for _, frame in frames:
            # The land is under the horizon in each, the sky above it.
            behind = luminance(frame.behind)
            self.assertGreater(float(np.abs(behind[-2:].mean() - behind[:2].mean())), 0.0)
            np.testing.assert_array_equal(frame.radiance[0, 0, :3], frame.behind[0, 0])

    def test_a_sea_of_a_saved_mound_is_read_again(self):
        with tempfile.TemporaryDirectory() as folder:
            mound = with_floor(ball_mound(), "sea", level=-33.0)
            write_mound(pathlib.Path(folder) / "a.mound", mound)
            self.assertEqual(read_mound(pathlib.Path(folder) / "a.mound").light.floor, mound.light.floor)

    def test_numbers_outside_their_limits_are_refused(self):
        for changes in ({"level": 1e6}, {"wind": -1.0}, {"wind": 99.0}, {"visibility": 0.0}, {"patches": 0.0}, {"kind": "mud"},
                        {"colour": (1.2, 0.0, 0.0)}, {"colour": (-0.1, 0.0, 0.0)}):
            with self.subTest(changes), self.assertRaises((ValidationError, OutOfLimits)):
                Floor(**changes)

    def test_below_the_cloud_and_below_the_eye(self):
        mound = Mound(view=View(target=(0.0, 100.0, 0.0), elevation=-20.0, distance=600.0))
        bounds = np.array([-150.0, 40.0, -100.0]), np.array([150.0, 200.0, 100.0])
        laid = with_floor(mound, "sea", bounds)
        eye = camera_of(mound.view, 4, 3).eye[1]
        self.assertLess(laid.light.floor.level, min(40.0, eye))
        self.assertEqual(with_floor(laid, "land", bounds).light.floor.level, laid.light.floor.level)
        self.assertNotEqual(with_floor(laid, "land", bounds).light.floor.colour, laid.light.floor.colour)
        self.assertEqual(with_floor(mound, "sea", bounds, level=-7.0).light.floor.level, -7.0)

    def test_follows_a_mound_to_another_size(self):
        mound = ball_mound(light=Light(floor=Floor(kind="land", level=-30.0, patches=20.0, visibility=12.0)))
        floor = resized_mound(mound, 3.0).light.floor
        self.assertEqual((floor.level, floor.patches, floor.visibility), (-90.0, 60.0, 36.0))

    def test_keeps_no_mound_from_a_size(self):
        # A cloud of a hand's breadth out of one of 300 m: what lies below stays at its limits.
        for factor, visibility in ((0.006, 1.0), (30.0, 100.0)):
            mound = ball_mound(radius=10.0, light=Light(floor=Floor(visibility=visibility, patches=10.0, level=-500.0)))
            floor = resized_mound(mound, factor).light.floor
            self.assertNotAlmostEqual(floor.visibility, visibility * factor)
            for field in ("level", "patches", "visibility"):
                low, high = limits(floor, field)
                self.assertTrue(low <= getattr(floor, field) <= high, field)

    def test_the_sky_above_is_not_worked_out_anew(self):
        light = Light(sky=Sky(kind="air"))
        around = surroundings_of(light)
        for floor in (Floor(kind="sea"), Floor(kind="sea", wind=9.0), Floor(kind="land", visibility=7.0)):
            self.assertIs(surroundings_of(light.edited(floor=floor)).behind, around.behind)
        self.assertIs(surroundings_of(light.edited(floor=Floor(level=-7.0, wind=3.0))), around)


if __name__ == "__main__":
    unittest.main()
