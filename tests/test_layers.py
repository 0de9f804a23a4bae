"""Decks, hazes, the air between and the earth's curve."""

import pathlib
import tempfile
import unittest

import numpy as np
from PIL import Image

from softmound.core.directions import direction_of
from softmound.core.engine.stages import Stages, layers_of
from softmound.core.formation.beside import all_in_files
from softmound.core.formation.layers import deck_clouds, haze_cloud, tile
from softmound.core.formation.merging import merged
from softmound.core.formation.spreading import painted_at, painted_by, painted_over, spread_members
from softmound.core.formation.stage import read_stage, write_stage
from softmound.core.formation.standing import clouds_of, on_the_earth, sources_of
from softmound.core.light.marching.march import AWAY, OPACITY, march
from softmound.core.light.paths.tracer import Tracer
from softmound.core.light.picture.aerial import veiled
from softmound.core.light.picture.radiance import traced_light
from softmound.core.light.scene import air
from softmound.core.light.scene.air import STEPS, air_between, air_radiance, haze_extinction
from softmound.core.light.scene.camera import camera_of
from softmound.core.light.scene.scene import PlacedCloud, Placing, scene_of
from softmound.core.noise.sums import noise_points
from softmound.core.recipe import Light, Medium, Noise, Sky, Sun, View
from softmound.core.recipe.files import write_mound
from softmound.core.recipe.flock import Asset, Deck, Flock, Haze, Kind, Member, Spread
from softmound.core.volume.sample import sample
from softmound.core.volume.windows import grid_of_dense
from tests.long import long
from tests.scenes import ball_mound

SMALL = Deck(lumps=60.0, thickness=72.0, reach=400.0, waves=20.0, wavelength=240.0, stretched=1.25, altitude=100.0)


def density_in(clouds, points):
    """Densities of placed clouds, added up at places of the world."""
    return sum(sample(cloud.grid, cloud.placing.own(points)) for cloud in clouds)


class Decks(unittest.TestCase):
    def test_there_is_no_seam_where_tiles_meet(self):
        clouds = deck_clouds(SMALL)
        self.assertGreater(len({id(c.grid) for c in clouds}), 1)
        inner = [c for c in clouds if np.hypot(*c.placing.place[[0, 2]]) < 450.0]
        voxel, steps = inner[0].voxel, {"border": [], "inside": []}
        for cloud in inner[:8]:
            x0, _, z0 = cloud.placing.place
            for x, kind in ((x0, "border"), (x0 + 10.0 * voxel, "inside")):
                z, y = np.meshgrid(np.arange(10) * 4.0 * voxel + z0, np.arange(6) * 10.0 + 105.0)
                points = np.stack([np.full(z.size, x), y.ravel(), z.ravel()], axis=-1)
                before = density_in(clouds, points - [voxel, 0.0, 0.0])
                steps[kind].append(np.abs(density_in(clouds, points) - before))
        border, inside = (float(np.mean(steps[k])) for k in ("border", "inside"))
        self.assertLess(border, 2.0 * inside)
        self.assertGreater(border, 0.2 * inside)  # nor is there nothing

    def test_there_is_no_seam_on_the_round_earth(self):
        # Two tiles that meet eighty kilometres away: their common border, as each of them has it.
        grid = grid_of_dense(np.ones((20, 4, 20), np.float32), 200.0)
        left, right = (PlacedCloud(grid, Medium(), Placing(np.array([x, 300.0, 20_000.0])), key="t") for x in (78_000.0, 82_000.0))
        a, b = on_the_earth([left, right])
        edge = np.array([[4_000.0, y, z] for y in (0.0, 600.0) for z in (0.0, 2_000.0, 4_000.0)])
        gap = a.placing.world(edge) - b.placing.world(edge - [4_000.0, 0.0, 0.0])
        self.assertLess(float(np.abs(gap).max()), 1.0)
        # It stands upright on the ground there, as far below the plane as the earth falls away.
        away = np.hypot(80_000.0, 22_000.0)
        up = a.placing.turn @ [0.0, 1.0, 0.0]
        self.assertAlmostEqual(float(np.arccos(up[1])), away / 6_360_000.0, delta=4e-4)
        middle = b.placing.world(grid.world([10, 0, 10]))
        self.assertAlmostEqual(float(np.linalg.norm(middle + [0.0, 6_360_000.0, 0.0])) - 6_360_000.0, 300.0, delta=2.0)
        np.testing.assert_allclose(a.placing.turn @ a.placing.turn.T, np.eye(3), atol=1e-12)

    @long
    def test_cover_is_the_share_of_the_sky(self):
        for cover in (0.3, 0.7):
            grids = [tile(SMALL.edited(cover=cover, reach=100.0, altitude=0.0), kind) for kind in range(2)]
            shares = []
            for grid in grids:
                held = np.zeros(tuple(grid.brick_bounds()[1][[0, 2]] + 1), bool)
                for coords, values in zip(grid.coords, grid.values):
                    x, _, z = coords * 8
                    held[x : x + 8, z : z + 8] |= (values.reshape(8, 8, 8) > 0.2).any(axis=1)
                shares.append(held.mean())
            self.assertAlmostEqual(float(np.mean(shares)), cover, delta=0.2)

    def test_it_lies_between_its_levels_and_reaches_so_far(self):
        clouds = deck_clouds(SMALL)
        boxes = np.array([c.box() for c in clouds])
        self.assertGreater(boxes[:, 0, 1].min(), SMALL.altitude - 0.5 * SMALL.thickness)
        self.assertLess(boxes[:, 1, 1].max(), SMALL.altitude + 2.0 * SMALL.thickness + SMALL.waves)
        self.assertGreater(np.abs(boxes[:, :, 0]).max(), SMALL.reach)
        self.assertLess(np.abs(boxes[:, :, 0]).max(), SMALL.reach + 2.0 * 8 * SMALL.lumps)

    @long
    def test_another_seed_is_another_deck_and_the_same_the_same(self):
        a, b, c = (tile(SMALL.edited(seed=s, reach=100.0, altitude=0.0), 0) for s in (1, 1, 2))
        np.testing.assert_array_equal(a.values, b.values)
        self.assertFalse(a.values.shape == c.values.shape and np.array_equal(a.values, c.values))


class Painted(unittest.TestCase):
    def test_members_stand_where_it_is_painted_and_as_often(self):
        asset = Asset(name="Roll", file="roll.mound")
        spread = Spread(kinds=(Kind(asset=asset),), area="painted", size=(1_000.0, 1_000.0), count=400, seed=3,
                        painted=((1.0, 1.0, 0.0), (1.0, 1.0, 0.0), (1.0, 1.0, 0.0)))
        members = spread_members(spread, {asset: 0.5})
        x = np.array([m.place[0] for m in members])
        # Even to the middle, then falling off to nothing at the right: a third of the whole lies beyond the middle.
        self.assertEqual(len(members), 400)
        self.assertAlmostEqual(float((x > 0.0).mean()), 1.0 / 3.0, delta=0.08)
        self.assertEqual(painted_at(spread, -400.0, 0.0), 1.0)
        self.assertAlmostEqual(painted_at(spread, 250.0, 0.0), 0.5)

    def test_a_picture_paints(self):
        with tempfile.TemporaryDirectory() as folder:
            path = pathlib.Path(folder, "map.png")
            pixels = np.zeros((40, 40), np.uint8)
            pixels[:20] = 255
            Image.fromarray(pixels).save(path)
            rows = np.array(painted_by(path, 8))
            self.assertEqual((rows[0].max(), rows[-1].min()), (0.0, 1.0))  # its upper edge is the most z

    def test_a_brush_adds_and_takes(self):
        spread = Spread(kinds=(Kind(asset=Asset(name="Roll")),), size=(100.0, 100.0))
        more = painted_over(spread, 0.0, 0.0, 20.0, 0.8, 21)
        self.assertAlmostEqual(painted_at(more, 0.0, 0.0), 0.8)
        self.assertEqual(painted_at(more, 40.0, 0.0), 0.0)
        self.assertEqual(max(map(max, painted_over(more, 0.0, 0.0, 30.0, -1.0).painted)), 0.0)
        with self.assertRaises(ValueError):
            Spread(kinds=spread.kinds, area="painted")


class Hazes(unittest.TestCase):
    def test_it_thins_by_e_over_its_height(self):
        haze = haze_cloud(Haze(uneven=0.0, falls=200.0, high=2_000.0, reach=1_000.0))
        values = sample(haze.grid, [[0.0, y, 0.0] for y in (100.0, 300.0, 500.0)])
        np.testing.assert_allclose(values[1:] / values[:-1], np.exp(-1.0), rtol=0.03)

    def test_its_visibility_is_koschmieders(self):
        medium = haze_cloud(Haze(visibility=10.0)).medium
        self.assertAlmostEqual(float(np.exp(-medium.extinction * 10_000.0)), 0.02, delta=2e-4)

    def test_it_takes_light_along_its_way(self):
        haze = haze_cloud(Haze(uneven=0.0, visibility=5.0, falls=10_000.0, high=4_000.0, reach=2_000.0))
        light = Light(sky=Sky(kind="plain"))
        scene = scene_of(light, haze, view=View(target=(0.0, 300.0, 0.0), distance=500.0, elevation=0.0, azimuth=0.0))
        camera = camera_of(scene.seen_from, 16, 12)
        out = layers_of(Stages(), scene, camera)[6, 8]
        at = camera.eye + np.linspace(0.0, 3_000.0, 3_000)[:, None] * camera.ray(8.5, 6.5)
        depth = float(sample(haze.grid, at).mean() * 3_000.0 * haze.medium.extinction)
        self.assertAlmostEqual(float(out[OPACITY]), 1.0 - np.exp(-depth), delta=0.02)

    def test_the_lowest_lies_below_the_highest(self):
        with self.assertRaises(ValueError):
            Haze(low=500.0, high=400.0)


class Overlapping(unittest.TestCase):
    @long
    def test_a_fine_cloud_within_a_coarse_haze_is_whole(self):
        # Steps through what is coarse must neither leave out nor count twice what is fine.
        fine = grid_of_dense(np.pad(np.ones((12, 12, 12), np.float32), 2), 1.0, (-8.0, 92.0, -8.0))
        coarse = grid_of_dense(np.pad(np.ones((6, 6, 6), np.float32), 1), 60.0, (-210.0, -60.0, -210.0))
        thin, thick = Medium(extinction=0.0004), Medium(extinction=0.08)
        view = View(target=(0.0, 100.0, 0.0), distance=150.0, elevation=3.0)
        camera = camera_of(view, 48, 32)

        def opacity(*clouds):
            scene = scene_of(Light(), *clouds, view=view)
            stages = Stages()
            return np.mean([march(scene, stages.lattice(scene), camera, nth=n)[..., OPACITY] for n in range(12)], axis=0)

        hazy, alone = PlacedCloud(coarse, thin, key="h"), PlacedCloud(fine, thick, key="f")
        both = 1.0 - (1.0 - opacity(hazy)) * (1.0 - opacity(alone))
        found = opacity(alone, hazy)
        self.assertGreater(float(both.max()), 0.5)
        np.testing.assert_allclose(found, both, atol=0.02)


class Between(unittest.TestCase):
    sun, sky = Sun(elevation=25.0), Sky(kind="air", visibility=40.0)

    def test_level_with_the_ground_light_falls_as_beer_says(self):
        through, added = air_between([[0.0, 0.0, 1.0]], 10_000.0, self.sun, self.sky.edited(altitude=0.0))
        haze = haze_extinction(40.0)
        scattering = np.array([5.802e-6, 13.558e-6, 33.1e-6])
        np.testing.assert_allclose(through[0, -1], np.exp(-(haze + scattering) * 10_000.0), rtol=0.01)
        self.assertTrue((np.diff(added[0], axis=0) > 0.0).all())
        self.assertEqual(added.shape, (1, STEPS + 1, 3))

    def test_along_a_ray_it_is_what_whole_arrays_add_up_to(self):
        ways = np.random.default_rng(3).normal(size=(40, 3))
        ways /= np.linalg.norm(ways, axis=-1, keepdims=True)
        haze, cosine, length = haze_extinction(40.0), ways[:, 1], np.full(40, 60_000.0)
        for elevation in (25.0, -2.0):
            sun = self.sun.edited(elevation=elevation)
            toward, t, step = ways @ direction_of(sun.azimuth, elevation), *air._along(length)
            flat = np.sqrt(1.0 - cosine**2) * np.cos(np.radians(elevation))
            high, sun_there = air._places(np.full(40, 300.0), cosine, np.full(40, np.sin(np.radians(elevation))),
                                          (toward - cosine * np.sin(np.radians(elevation))) / flat, t)
            rayleigh, mie, extinction = air._coefficients(high, haze)
            depth = np.cumsum(extinction * step[..., None], axis=-2)
            before = np.exp(-np.concatenate([np.zeros_like(depth[:, :1]), depth[:, :-1]], axis=1))
            x = toward[:, None, None]
            phases = (3.0 / (16.0 * np.pi) * (1.0 + x**2),
                      3.0 / (8.0 * np.pi) * 0.36 * (1.0 + x**2) / (2.64 * (1.64 - 1.6 * x) ** 1.5))
            tables = (air._looked_up(table, high, sun_there) for table in (
                air._sun_table(haze), air._further_orders(haze, tuple(self.sky.ground))))
            sent = next(tables) * (rayleigh * phases[0] + mie * phases[1]) + next(tables) * (rayleigh + mie)
            wanted = np.cumsum(before * -np.expm1(-extinction * step[..., None]) / extinction * sent, axis=1)
            through, added = air_between(ways, 60_000.0, sun, self.sky.edited(altitude=300.0))
            np.testing.assert_allclose(through[:, 1:], np.exp(-depth), rtol=1e-6, atol=1e-12)
            np.testing.assert_allclose(added[:, 1:], np.pi * sun.strength * np.asarray(sun.colour) * wanted, rtol=1e-6, atol=1e-12)

    def test_far_enough_the_air_has_the_colour_of_the_sky(self):
        way = np.array([[0.0, 0.2, 0.98]]) / np.linalg.norm([0.0, 0.2, 0.98])
        _, added = air_between(way, 400_000.0, self.sun, self.sky)
        np.testing.assert_allclose(added[0, -1], air_radiance(way, self.sun, self.sky)[0], rtol=0.05)

    def test_a_far_white_cloud_is_what_the_table_says(self):
        light = Light(sky=self.sky, sun=self.sun)
        grid = grid_of_dense(np.ones((8, 8, 8), np.float32), 100.0)
        view = View(target=(0.0, 500.0, 0.0), distance=8_000.0, elevation=0.0)
        scene, camera = scene_of(light, grid, view=view, air=True), camera_of(view, 40, 30)
        white, opacity = np.ones((30, 40, 3), np.float32), np.ones((30, 40), np.float32)
        found = veiled(white, opacity, np.full((30, 40), 8_000.0, np.float32), scene, camera)
        through, added = air_between(camera.ray(20.0, 15.0)[None], 8_000.0, self.sun, self.sky)
        np.testing.assert_allclose(found[14:16, 19:21].mean(axis=(0, 1)), through[0, -1] + added[0, -1], rtol=0.01)
        near = veiled(white, opacity, np.full((30, 40), 100.0, np.float32), scene, camera)
        np.testing.assert_array_equal(near, white)

    def test_true_light_goes_through_the_same_air(self):
        grid = grid_of_dense(np.pad(np.ones((8, 8, 8), np.float32), 1), 100.0, (-450.0, 100.0, -450.0))
        light = Light(sky=self.sky, sun=self.sun)
        view = View(target=(0.0, 500.0, 0.0), distance=12_000.0, elevation=0.0, focal=200.0)
        far = scene_of(light, PlacedCloud(grid, Medium(extinction=0.05), key="far"), view=view, air=True)
        near = scene_of(light, PlacedCloud(grid, Medium(extinction=0.05), key="far"), view=view)
        camera, seen = camera_of(view, 24, 16), []
        for scene in (far, near):
            tracer = Tracer(scene, Stages().lattice(scene), camera, seed=4)
            tracer.add(24)
            seen.append(traced_light(tracer))
        cloud = seen[0][1] > 0.95
        self.assertGreater(int(cloud.sum()), 20)
        through, added = air_between(camera.ray(12.0, 8.0)[None], 11_700.0, self.sun, self.sky)
        wanted = seen[1][0][cloud] * through[0, -1] + added[0, -1]
        np.testing.assert_allclose(seen[0][0][cloud].mean(axis=0), wanted.mean(axis=0), rtol=0.03)

    def test_the_distance_of_a_thick_cloud_is_where_its_surface_is(self):
        grid = grid_of_dense(np.pad(np.ones((40, 40, 40), np.float32), 1), 1.0, (-20.0, 0.0, -20.0))
        view = View(target=(0.0, 20.0, 0.0), distance=300.0, elevation=0.0)
        for scale in (1.0, 2.0):
            cloud = PlacedCloud(grid, Medium(extinction=3.0), Placing(scale=scale), key=str(scale))
            scene, camera = scene_of(Light(), cloud, view=view.edited(target=(0.0, 20.0 * scale, 0.0))), None
            camera = camera_of(scene.seen_from, 20, 16)
            out = march(scene, Stages().lattice(scene), camera)[8, 10]
            self.assertAlmostEqual(float(out[AWAY] / out[OPACITY]), 300.0 - 20.0 * scale, delta=1.5 * scale)


class Flocks(unittest.TestCase):
    def setUp(self):
        self._folder = tempfile.TemporaryDirectory()
        self.addCleanup(self._folder.cleanup)
        self.folder = pathlib.Path(self._folder.name)
        write_mound(self.folder / "roll.mound", ball_mound(12.0, 2.0))

    def flock(self, **more):
        member = Member(asset=Asset(name="Roll", file="roll.mound"), place=(0.0, 150.0, 0.0))
        return Flock(members=(member,), **more)

    def test_a_mound_of_its_own_is_shown_and_follows_what_is_saved(self):
        flock = self.flock(curved=False)
        sources = sources_of(flock, self.folder, self.folder)
        before = clouds_of(flock, sources)[0].box()
        write_mound(self.folder / "roll.mound", ball_mound(24.0, 2.0))
        after = clouds_of(flock, sources_of(flock, self.folder, self.folder))[0].box()
        self.assertAlmostEqual((after[1][0] - after[0][0]) / (before[1][0] - before[0][0]), 2.0, delta=0.4)

    def test_lumps_of_a_haze_may_be_wider_than_features_of_a_grain(self):
        self.assertGreater(haze_cloud(Haze(lumps=50_000.0, reach=2_000.0, uneven=1.0)).grid.active_voxels(), 1_000)
        # Flat lumps are high ones drawn out: the same noise written either way.
        points = np.random.default_rng(4).uniform(-5_000.0, 5_000.0, (500, 3))
        flat, drawn = (Noise(feature=feature, octaves=4, seed=3, stretch=stretch)
                       for feature, stretch in ((2_500.0, (1.0, 0.4, 1.0)), (1_000.0, (2.5, 1.0, 2.5))))
        np.testing.assert_allclose(noise_points(points, flat), noise_points(points, drawn), atol=1e-4)

    def test_a_haze_smaller_than_its_cells_is_not_there(self):
        flock = self.flock(curved=True, hazes=(Haze(name="Wisp", reach=10.0), Haze(reach=2_000.0)))
        found = clouds_of(flock, sources_of(flock, self.folder, self.folder))
        self.assertEqual([cloud.layer for cloud in found], [False, True])

    def test_the_earth_falls_away(self):
        member = self.flock().members[0]
        far = Flock(members=(member.edited(place=(40_000.0, 800.0, 0.0)),), curved=True)
        sources = sources_of(far, self.folder, self.folder)
        flat, curved = (clouds_of(far.edited(curved=on), sources)[0].placing.place for on in (False, True))
        self.assertAlmostEqual(flat[1] - curved[1], 40_000.0**2 / (2.0 * 6_360_000.0), delta=0.5)

    def test_decks_are_merged_and_written_as_files(self):
        flock = self.flock(decks=(SMALL.edited(reach=100.0, altitude=40.0),))
        sources = sources_of(flock, self.folder, self.folder)
        grid, medium = merged(flock, sources, 4.0, ((-60.0, 0.0, -60.0), (60.0, 200.0, 60.0)))
        points = np.random.default_rng(1).integers(-12, 12, (60, 3)) * 4.0 + [0.0, 68.0, 0.0]
        deck = deck_clouds(flock.decks[0])
        wanted = density_in(deck, points) * deck[0].medium.extinction / medium.extinction
        np.testing.assert_allclose(sample(grid, points), wanted, atol=0.02)
        whole, held = all_in_files(flock, sources, self.folder / "sky.usda")
        self.assertFalse(whole.decks)
        self.assertTrue(all(pathlib.Path(held[m.asset].tiers[1]).exists() for m in whole.members))
        write_stage(self.folder / "sky.usda", flock, sources)
        back = read_stage(self.folder / "sky.usda", "Sky")
        self.assertEqual(len(back.members), 1 + len(deck))
        tiles = [m for m in back.members if "deck" in m.asset.file]
        self.assertEqual(len(tiles), len(deck))


if __name__ == "__main__":
    unittest.main()
