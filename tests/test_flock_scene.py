"""Around the members of a flock: the plate behind, which of them is pointed at, memory that does not suffice, hazes in boxes."""

import json
import pathlib
import tempfile
import unittest

import numpy as np
from PIL import Image

from softmound.cli import main
from softmound.core.directions import angles_of, direction_of
from softmound.core.formation.layers import haze_cloud
from softmound.core.formation.picking import corners_of, member_at
from softmound.core.formation.plate import filled, levelled, sun_seen_at
from softmound.core.formation.standing import Source, clouds_of, placing_of, tier_bytes, tiers_that_fit
from softmound.core.light.scene.camera import camera_of
from softmound.core.problems import Problem
from softmound.core.recipe import View
from softmound.core.recipe.flock import Asset, Flock, Haze, Member, Plate
from softmound.core.recipe.flock_files import read_flock, rebased, write_flock
from softmound.core.volume.sample import sample
from tests.scenes import horizon_of, said

SIZE = 640, 400


class Lying(unittest.TestCase):
    def test_it_fills_the_picture_whatever_its_shape(self):
        for shape in ((100, 100), (50, 400), (400, 50), (400, 640)):
            left, top, wide, high = filled(shape, *SIZE)
            self.assertLessEqual((left, top), (1e-9, 1e-9))
            self.assertGreaterEqual(left + wide, SIZE[0] - 1e-9)
            self.assertGreaterEqual(top + high, SIZE[1] - 1e-9)
            self.assertAlmostEqual(wide / high, shape[1] / shape[0])
            self.assertAlmostEqual(left + wide / 2, SIZE[0] / 2)

    def test_a_view_is_levelled_where_the_eye_stands(self):
        view = View(elevation=-12.0, azimuth=70, focal=35, target=(40.0, 900.0, -10.0), distance=700.0)
        for y in (60.0, 200.0, 390.0):
            found = levelled(view, y, *SIZE)
            self.assertAlmostEqual(horizon_of(found, *SIZE), y, places=3)
            np.testing.assert_allclose(camera_of(found, *SIZE).eye, camera_of(view, *SIZE).eye, atol=1e-9)
            self.assertEqual((found.azimuth, found.focal, found.distance), (view.azimuth, view.focal, view.distance))

    def test_the_sun_is_where_it_is_pointed_at(self):
        view = View(elevation=-10.0, azimuth=-30, focal=24)
        for azimuth, elevation in ((150.0, 5.0), (140.0, 20.0), (165.0, -2.0)):
            camera = camera_of(view, *SIZE)
            x, y, _ = camera.pixel(camera.eye + 1e4 * direction_of(azimuth, elevation))
            np.testing.assert_allclose(sun_seen_at(view, x, y, *SIZE), (azimuth, elevation), atol=1e-6)

    def test_angles_are_those_of_directions(self):
        for azimuth in (-170.0, -90.0, 0.0, 33.0, 180.0):
            for elevation in (-80.0, 0.0, 45.0):
                np.testing.assert_allclose(angles_of(direction_of(azimuth, elevation)), (azimuth, elevation), atol=1e-9)


class Files(unittest.TestCase):
    def setUp(self):
        place = tempfile.TemporaryDirectory()
        self.addCleanup(place.cleanup)
        self.folder = pathlib.Path(place.name)

    def test_relative_files_are_found_from_another_folder(self):
        flock = Flock(plate=Plate(file="plates/field.png"), members=(Member(asset=Asset(name="A", file="../b/a.vdb")),
                                                                     Member(asset=Asset(name="B"))))
        moved = rebased(flock, self.folder / "a", self.folder)
        self.assertEqual(moved.plate.file, "a/plates/field.png")
        self.assertEqual([m.asset.file for m in moved.members], ["b/a.vdb", ""])
        elsewhere = rebased(flock, self.folder / "a", self.folder / "c")
        self.assertEqual(elsewhere.plate.file, str(self.folder / "a/plates/field.png"))
        self.assertEqual(rebased(elsewhere, self.folder / "c", self.folder), moved)

    def test_a_plate_by_the_command_line_is_behind_the_picture(self):
        photograph = np.zeros((200, 320, 3), np.uint8)
        photograph[:, 160:] = (10, 200, 30)
        Image.fromarray(photograph).save(self.folder / "field.png")
        haze = Haze(boxed=True, size=(2.0, 2.0), high=2.0, low=0.0, falls=1.0, visibility=0.02)  # something that hardly shows
        write_flock(self.folder / "sky.flock", Flock(hazes=(haze,)))
        code, out, _ = said(main, ("formation", "plate", self.folder / "sky.flock", "--photograph", self.folder / "field.png",
                                   "--set", "horizon=0.7", "--json"))
        self.assertEqual((code, json.loads(out)["plate"]["file"]), (0, "field.png"))
        self.assertEqual(read_flock(self.folder / "sky.flock").plate, Plate(file="field.png", horizon=0.7))
        code, *_ = said(main, ("formation", "picture", self.folder / "sky.flock", "--out", self.folder / "sky.png",
                               "--size", "64x40", "--passes", "1"))
        self.assertEqual(code, 0)
        with Image.open(self.folder / "sky.png") as picture:
            pixels = np.asarray(picture.convert("RGB")).astype(int)
        self.assertLess(np.abs(pixels[4, 50] - (10, 200, 30)).max(), 3)
        self.assertLess(np.abs(pixels[4, 10]).max(), 3)
        code, *_ = said(main, ("formation", "plate", self.folder / "sky.flock", "--remove"))
        self.assertEqual((code, read_flock(self.folder / "sky.flock").plate), (0, None))

    def test_a_plate_that_is_gone_or_none_is_said(self):
        write_flock(self.folder / "sky.flock", Flock())
        for told, arguments in (("has no plate yet", ()), ("there is no such file", ("--photograph", str(self.folder / "no.png"))),
                                ("--set high=2", ("--photograph", "x.png", "--set", "high=2")),
                                ("horizon", ("--photograph", "x.png", "--set", "horizon=7"))):
            code, _, error = said(main, ("formation", "plate", str(self.folder / "sky.flock"), *arguments))
            self.assertEqual(code, 2)
            self.assertIn(told, error)
        self.assertIsNone(read_flock(self.folder / "sky.flock").plate)


def source(name, voxels, tiers=(1, 2, 4)):
    """An asset as a library states it, of which no file is there."""
    return Source(name, {n: f"/nowhere/{name}.{n}.vdb" for n in tiers},
                  {"voxel": 1.0, "extinction": 0.1, "active_voxels": voxels, "bounds": [[-50.0, 0.0, -50.0], [50.0, 60.0, 50.0]]})


class Memory(unittest.TestCase):
    def setUp(self):
        self.assets = [Asset(name=name) for name in ("Large", "Small")]
        self.sources = {self.assets[0]: source("Large", 4_000_000), self.assets[1]: source("Small", 500_000)}
        self.flock = Flock(members=(*(Member(asset=asset) for asset in self.assets), Member(asset=self.assets[0], hidden=True)))

    def test_there_is_room(self):
        self.assertEqual(tiers_that_fit(self.flock, self.sources, limit=1e9), [1, 1, None])

    def test_the_largest_gives_way_first_and_only_as_far_as_it_has_to(self):
        full = [tier_bytes(self.sources[asset], 1) for asset in self.assets]
        self.assertAlmostEqual(full[0] / full[1], 8.0)
        self.assertEqual(tiers_that_fit(self.flock, self.sources, limit=0.99 * sum(full)), [2, 1, None])
        # The larger one halved is as large as the smaller one: then either gives way.
        self.assertIn(tiers_that_fit(self.flock, self.sources, limit=1.5 * full[1]), ([2, 2, None], [4, 1, None]))

    def test_what_cannot_fit_is_refused_before_a_file_is_read(self):
        with self.assertRaisesRegex(Problem, "need .* GB of memory"):
            tiers_that_fit(self.flock, self.sources, limit=1e4)
        huge = {asset: source(asset.name, 10**13) for asset in self.assets}
        with self.assertRaisesRegex(Problem, "publish them with coarser tiers"):
            clouds_of(self.flock, huge)


class Pointing(unittest.TestCase):
    def setUp(self):
        rng = np.random.default_rng(11)
        self.asset = Asset(name="Loaf")
        self.sources = {self.asset: source("Loaf", 1000)}
        self.flock = Flock(members=tuple(
            Member(asset=self.asset, place=tuple(map(float, rng.uniform(-4000, 4000, 3))), size=float(rng.uniform(0.3, 2.0)),
                   turn=tuple(map(float, rng.uniform(-180, 180, 3))), mirrored=bool(rng.integers(2))) for _ in range(60)))

    def test_each_is_found_by_points_of_its_own_box(self):
        rng = np.random.default_rng(12)
        for number, member in enumerate(self.flock.members):
            placing = placing_of(member, self.sources[self.asset])
            for _ in range(4):
                point = placing.world(rng.uniform((-49.0, 1.0, -49.0), (49.0, 59.0, 49.0)))
                found = member_at(self.flock, self.sources, point)
                # Another may hold it as well, but only one whose middle is nearer in sizes of its box.
                if found != number:
                    self.assertLess(self.off(found, point), self.off(number, point))

    def off(self, number, point):
        own = placing_of(self.flock.members[number], self.sources[self.asset]).own(point)
        return np.abs((own - (0.0, 30.0, 0.0)) / (50.0, 30.0, 50.0)).max()

    def test_beside_them_and_of_what_is_hidden_or_gone_there_is_none(self):
        first = self.flock.members[0]
        point = placing_of(first, self.sources[self.asset]).world((0.0, 30.0, 0.0))
        alone = self.flock.edited(members=(first,))
        self.assertEqual(member_at(alone, self.sources, point), 0)
        corners = corners_of(first, self.sources[self.asset])
        np.testing.assert_allclose(corners.mean(axis=0), point, atol=1e-9)
        self.assertIsNone(member_at(alone, self.sources, point + 3.0 * (corners[0] - point)))
        self.assertIsNone(member_at(alone.edited(members=(first.edited(hidden=True),)), self.sources, point))
        self.assertIsNone(member_at(alone, {}, point))


class Boxes(unittest.TestCase):
    def test_a_haze_fills_its_box_and_nothing_else(self):
        haze = Haze(boxed=True, centre=(300.0, -200.0), size=(400.0, 100.0), low=20.0, high=80.0, falls=1e4, uneven=0.0)
        grid = haze_cloud(haze).grid

        def at(x, y, z):
            return float(sample(grid, [[x, y, z]])[0])

        self.assertGreater(at(300.0, 40.0, -200.0), 0.98)
        self.assertGreater(at(450.0, 40.0, -200.0), 0.9)
        for x, y, z in ((510.0, 40.0, -200.0), (90.0, 40.0, -200.0), (300.0, 40.0, -140.0), (300.0, 95.0, -200.0),
                        (300.0, 5.0, -200.0)):
            self.assertLess(at(x, y, z), 0.02, (x, y, z))
        low, high = np.array([grid.world(corner) for corner in grid.active_bounds()])
        np.testing.assert_allclose((low + high)[[0, 2]] / 2, (300.0, -200.0), atol=grid.voxel)

    def test_what_is_optically_there_is_the_box(self):
        # Extinction summed over all of it beside that of a box with these sides, less what the rims take: a smooth step's half.
        haze = Haze(boxed=True, size=(1000.0, 600.0), low=0.0, high=100.0, falls=1e4, uneven=0.0)
        grid = haze_cloud(haze).grid
        total = float(grid.values.sum(dtype=float) + 512 * grid.tile_values.sum(dtype=float)) * grid.voxel**3
        top = 100.0 * (1.0 - 0.2 / 2.0) + grid.voxel / 2.0  # the lowest voxels reach half of one below it
        wanted = 1000.0 * (1.0 - 0.15 / 2.0) * 600.0 * (1.0 - 0.15 / 2.0) * top
        self.assertAlmostEqual(total / wanted, 1.0, delta=0.04)

    def test_narrow_boxes_are_seen_all_the_same(self):
        haze = Haze(boxed=True, size=(2000.0, 1.0), high=50.0)
        self.assertGreater(haze_cloud(haze).grid.values.max(), 0.3)
