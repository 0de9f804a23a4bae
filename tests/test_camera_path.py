"""Camera paths: what lies between the keys of a view, paths that were flown, and films along them."""

import json
import pathlib
import tempfile
import unittest

import numpy as np

from softmound.cli import main
from softmound.core.directions import direction_of
from softmound.core.engine.films import moving_stills
from softmound.core.engine.stages import Stages
from softmound.core.engine.stills import Taking, still_of
from softmound.core.light.scene.camera import camera_of, flown
from softmound.core.problems import OutOfLimits, Problem
from softmound.core.recipe import View, read_mound, write_mound
from softmound.core.recipe.camera_path import evenly, path_with, path_without, recorded, seen_from, thinned, view_at
from softmound.core.recipe.models import KeptView, ViewKey
from softmound.core.recipe.resize import resized_mound
from softmound.core.recipe.time import TimeLine
from tests.scenes import ball_mound, said


def path_of(*keys):
    return tuple(ViewKey(frame=frame, view=view) for frame, view in keys)


def around(azimuth, **changes):
    return View(target=(3.0, 20.0, -4.0), distance=100.0, azimuth=azimuth, elevation=0.0).edited(**changes)


class Between(unittest.TestCase):
    """The view between two keys."""

    def test_keys_are_met_and_the_ends_are_held(self):
        views = around(10.0, focal=24.0), around(170.0, distance=30.0, aspect=1.5), around(-100.0, elevation=50.0)
        path = path_of(*zip((5, 12, 40), views))
        for frame, view in zip((1, 5, 12, 40, 90), (views[0], *views, views[2])):
            self.assertEqual(view_at(path, frame), view)

    def test_keys_of_an_orbit_make_an_orbit(self):
        path = path_of((1, around(0.0)), (31, around(90.0)), (61, around(-180.0)))
        for frame in np.linspace(1.0, 61.0, 25):
            eye = camera_of(view_at(path, frame), 3, 2).eye - np.array([3.0, 20.0, -4.0])
            self.assertAlmostEqual(np.linalg.norm(eye), 100.0, places=6)
            self.assertAlmostEqual(np.degrees(np.arctan2(eye[0], eye[2])) % 360.0, 3.0 * (frame - 1.0), delta=1e-6)

    def test_keys_of_a_head_that_turns_leave_it_where_it_is(self):
        head = around(0.0)
        path = path_of((1, head), (20, flown(head, 0.0, 0.0, 0.0, 80.0, 20.0)), (40, flown(head, 0.0, 0.0, 0.0, 120.0, -30.0)))
        for frame in range(1, 41):
            np.testing.assert_allclose(camera_of(view_at(path, frame), 3, 2).eye, camera_of(head, 3, 2).eye, atol=1e-9)

    def test_a_flight_past_stays_on_its_line(self):
        # The eye goes evenly along x while the head turns back to what it passes.
        path = path_of(*((n, View(azimuth=90.0 + n, elevation=0.0, distance=50.0, target=tuple(
            np.array([float(n), 5.0, 0.0]) - 50.0 * direction_of(90.0 + n, 0.0)))) for n in (0, 15, 40, 60)))
        for frame in np.linspace(0.0, 60.0, 31):
            np.testing.assert_allclose(camera_of(view_at(path, frame), 3, 2).eye, (frame, 5.0, 0.0), atol=1e-6)

    def test_it_turns_the_short_way_and_zooms_by_equal_factors(self):
        path = path_of((0, around(170.0, focal=20.0, distance=50.0)), (10, around(-170.0, focal=80.0, distance=200.0)))
        middle = view_at(path, 5)
        self.assertAlmostEqual(abs(middle.azimuth), 180.0, places=6)
        self.assertAlmostEqual(middle.focal, 40.0, places=6)
        self.assertAlmostEqual(middle.distance, 100.0, places=6)

    def test_it_rests_where_two_keys_are_the_same(self):
        still = around(40.0)
        path = path_of((1, around(0.0)), (10, still), (20, still), (30, around(90.0, distance=30.0)))
        for frame in range(10, 21):
            seen = view_at(path, frame)
            np.testing.assert_allclose(camera_of(seen, 3, 2).eye, camera_of(still, 3, 2).eye, atol=1e-9)
            self.assertAlmostEqual(seen.azimuth, 40.0, places=9)

    def test_views_stay_within_their_limits(self):
        path = path_of(*((n, View(target=(0.0, 0.0, 0.0), elevation=e, distance=d)) for n, (e, d) in enumerate(
            ((89.0, 0.05), (89.0, 0.05), (88.0, 500_000.0), (-89.0, 500_000.0)))))
        for frame in np.linspace(0.0, 3.0, 40):
            view_at(path, frame)  # a value beyond them is refused


class Keys(unittest.TestCase):
    def test_they_are_put_replaced_and_taken_away_in_order(self):
        mound = ball_mound().edited(time=TimeLine())
        for frame, azimuth in ((20, 1.0), (5, 2.0), (20, 3.0)):
            mound = path_with(mound, frame, around(azimuth))
        self.assertEqual([(key.frame, key.view.azimuth) for key in mound.path], [(5, 2.0), (20, 3.0)])
        self.assertEqual(seen_from(mound, 5).view, around(2.0))
        self.assertEqual([key.frame for key in path_without(mound, 5).path], [20])
        bare = path_without(mound)
        self.assertEqual((bare.path, seen_from(bare, 5)), ((), bare))
        with self.assertRaises(OutOfLimits):
            mound.edited(path=mound.path[::-1])

    def test_a_path_flown_is_told_by_few_keys(self):
        told = path_of((1, around(0.0)), (30, around(60.0, distance=40.0)), (75, around(40.0, elevation=30.0)), (96, around(90.0)))
        flown = path_of(*((frame, view_at(told, frame)) for frame in range(1, 97)))
        few = thinned(flown)
        self.assertEqual((few[0], few[-1]), (flown[0], flown[-1]))
        self.assertLess(len(few), 16)
        for key in flown:
            seen = view_at(few, key.frame)
            off = np.linalg.norm(camera_of(seen, 3, 2).eye - camera_of(key.view, 3, 2).eye)
            self.assertLessEqual(off, 0.02 * key.view.distance + 1e-9)
            self.assertLessEqual(abs(seen.elevation - key.view.elevation), 0.5 + 1e-9)
        # What goes straight ahead evenly has two.
        straight = path_of(*((n, around(0.0, target=(0.0, 20.0, float(-n)))) for n in range(50)))
        self.assertEqual(len(thinned(straight)), 2)

    def test_what_is_recorded_is_where_one_was_whenever_that_was_seen(self):
        # A second method: an eye that goes evenly along a line and is seen at odd moments, some of them twice.
        random = np.random.default_rng(3)
        seconds = np.sort(np.concatenate([[2.0, 2.0, 6.0], random.uniform(2.0, 6.0, 40)]))
        path = recorded(seconds.tolist(), [around(0.0, target=(3.0 * s, 20.0, 0.0)) for s in seconds], 11, 24.0)
        self.assertEqual([key.frame for key in path], [11, 11 + 96])
        for frame in range(11, 108):
            np.testing.assert_allclose(view_at(path, frame).target, (3.0 * (2.0 + (frame - 11) / 24.0), 20.0, 0.0), atol=1e-6)

    def test_a_flight_ends_where_frames_do(self):
        path = recorded([0.0, 100.0], [around(0.0), around(50.0)], 99_990, 24.0)
        self.assertEqual((path[0].frame, path[-1].frame), (99_990, 100_000))

    def test_they_go_through_views_evenly(self):
        path = evenly([around(0.0), around(1.0), around(2.0)], 11, 31)
        self.assertEqual([key.frame for key in path], [11, 21, 31])
        with self.assertRaises(Problem):
            evenly([around(0.0)] * 4, 1, 3)

    def test_they_are_kept_in_the_file_and_grow_with_the_mound(self):
        mound = ball_mound().edited(path=path_of((1, around(10.0)), (9, around(20.0))))
        with tempfile.TemporaryDirectory() as folder:
            path = pathlib.Path(folder, "ball.mound")
            write_mound(path, mound)
            self.assertEqual(read_mound(path).path, mound.path)
        larger = resized_mound(mound, 3.0)
        factor = [key.view.distance / 100.0 for key in larger.path]
        np.testing.assert_allclose(factor, 3.0)


class Films(unittest.TestCase):
    """What a film along a path shows."""

    TAKING = Taking(60, 40, passes=1)

    def setUp(self):
        place = tempfile.TemporaryDirectory()
        self.addCleanup(place.cleanup)
        self.folder = pathlib.Path(place.name)

    def test_each_picture_is_that_from_its_own_view(self):
        views = around(0.0, target=(0.0, 20.0, 0.0)), around(90.0, target=(0.0, 10.0, 0.0))
        mound = ball_mound(8.0, 2.0).edited(time=TimeLine(first=1, last=3), path=path_of((1, views[0]), (3, views[1])))
        stages = Stages()
        grid, key = stages.density(mound, 2.0), stages.density_key(mound, 2.0)
        for at, still in moving_stills(mound, (1, 3), self.TAKING, 2.0):
            alone = still_of(stages, mound.edited(view=views[at]), grid, key, self.TAKING)
            np.testing.assert_array_equal(still.radiance, alone.radiance)

    def test_by_the_command_line(self):
        mound, near = ball_mound(8.0, 2.0), around(0.0, target=(0.0, 20.0, 0.0), distance=40.0)
        write_mound(self.folder / "ball.mound", mound.edited(views=(KeptView(name="near", view=near),)))
        code, out, _ = said(main, ("film", self.folder / "ball.mound", "--out", self.folder / "pictures", "--along", "0,0", "near",
                                   "--frames", "3", "--size", "60x40", "--quick", "--json"))
        self.assertEqual((code, json.loads(out)["pictures"]), (0, 3))
        code, *_ = said(main, ("film", self.folder / "ball.mound", "--out", self.folder / "wide", "--along", "0,0", "near",
                               "--frames", "3", "--size", "60x40", "--quick", "--focal", "20"))
        self.assertEqual(code, 0)
        for n in (1, 3):  # from kept views and from directions alike
            one, other = ((self.folder / name / f"{name}.{n:04d}.png").read_bytes() for name in ("pictures", "wide"))
            self.assertNotEqual(one, other)
        write_mound(self.folder / "path.mound", mound.edited(time=TimeLine(last=2), path=path_of((1, near), (2, around(90.0)))))
        pictures = []
        for more in (("--frame", "1"), ("--frame", "1", "--view", "0,60"), ("--frame", "2")):
            out = self.folder / f"{len(pictures)}.png"
            code, *_ = said(main, ("picture", self.folder / "path.mound", "--out", out, "--size", "60x40", "--quick", *more))
            self.assertEqual(code, 0)
            pictures.append(out.read_bytes())
        self.assertEqual(len(set(pictures)), 3)
        for more, told in ((("--along", "0,0", "nowhere"), "no view 'nowhere'"), (("--frames", "9"), "stands still"),
                           (("--along", *["0,0"] * 9, "--frames", "3"), "more than the 3 frames")):
            code, _, error = said(main, ("film", self.folder / "ball.mound", "--out", self.folder / "a.mp4", *more))
            self.assertEqual(code, 2)
            self.assertIn(told, error)
