"""Films of clouds that move and of growth: what is in their pictures, by script, command line and hand."""

import json
import pathlib
import tempfile
import unittest
from dataclasses import replace
from unittest import mock

import cv2
import numpy as np
import platformdirs

from softmound.cli import main
from softmound.core.engine.films import film_of_line, moving_stills
from softmound.core.engine.fineness import film_voxel
from softmound.core.engine.kept_stills import KeptStills
from softmound.core.engine.stages import Stages
from softmound.core.engine.stills import Taking, frames_taken, turntable
from softmound.core.growth.films import film_of_growth
from softmound.core.growth.growing import grown
from softmound.core.light.scene.camera import camera_of
from softmound.core.recipe import View, read_mound, write_mound
from softmound.core.recipe.time import Growth, Key, Keyed, TimeLine
from softmound.desk.dialogs.picture_dialog import PictureDialog
from tests.desk import DeskTest
from tests.scenes import ball_mound, said

TAKING = Taking(120, 80, passes=1)


def rolling(frames=4):
    """A ball that goes from the left to the right."""
    keys = (Key(frame=1, value=-15.0, ease="even"), Key(frame=frames, value=15.0, ease="even"))
    return ball_mound(8.0, 2.0).edited(
        time=TimeLine(first=1, last=frames, rate=12.0), keyed=(Keyed(place=("mass", "forms", 0, "centre", 0), points=keys),),
        view=View(target=(0.0, 20.0, 0.0), distance=120.0, azimuth=0.0, elevation=0.0, focal=50.0))


def pictures_of(path):
    film, found = cv2.VideoCapture(str(path)), []
    while True:
        there, picture = film.read()
        if not there:
            return found, film.get(cv2.CAP_PROP_FPS)
        found.append(picture[..., ::-1].astype(float))


class Films(unittest.TestCase):
    def setUp(self):
        place = tempfile.TemporaryDirectory()
        self.addCleanup(place.cleanup)
        self.folder = pathlib.Path(place.name)

    def test_the_cloud_is_where_its_keys_put_it(self):
        mound = rolling()
        camera = camera_of(mound.view, TAKING.width, TAKING.height)
        for at, still in moving_stills(mound, range(1, 5), TAKING, 1.0):
            seen = still.radiance[..., 3] > 0.5
            wanted = camera.pixel((-15.0 + 10.0 * at, 20.0, 0.0))[0]
            self.assertAlmostEqual(np.nonzero(seen)[1].mean() + 0.5, wanted, delta=0.6)

    def test_a_film_has_all_frames_at_the_lines_rate(self):
        mound, path = rolling(), self.folder / "roll.mp4"
        self.assertIn("4 pictures", film_of_line(path, mound, range(1, 5), TAKING))
        found, rate = pictures_of(path)
        self.assertEqual((len(found), rate), (4, 12.0))
        for before, after in zip(found, found[1:]):
            self.assertGreater(np.abs(after - before).max(), 20.0)

    def test_voxels_are_as_fine_as_a_pixel_of_the_closest_frame(self):
        # A pixel of 60 wide covers 120 m * 36 mm / (50 mm * 60) in the middle of the cloud; of half of the distance half of it.
        near = rolling().edited(view=View(target=(0.0, 20.0, 0.0), distance=60.0, focal=50.0))
        wide = near.edited(view=near.view.edited(distance=120.0))
        for mounds, voxel in (((wide,), 1.4), ((wide, near, wide), 0.72)):
            mounds = [mound.edited(voxels=mound.voxels.edited(final=0.1, draft=8.0)) for mound in mounds]
            self.assertAlmostEqual(film_voxel(Stages(), mounds, 60, 40), voxel, delta=0.03 * voxel)

    def test_of_a_growth_more_is_seen_as_it_rises(self):
        mound = ball_mound(10.0, 2.0).edited(growth=Growth(seconds=0.5, cell=2.0, patchy=0.0, pace=60.0, heat=4.0))
        kept = grown(mound, self.folder / "growth", 12.0)
        view = View(target=(0.0, 25.0, 0.0), distance=120.0, focal=50.0)
        film_of_growth(self.folder / "grow.mp4", kept, mound.light, view, TAKING)
        found, rate = pictures_of(self.folder / "grow.mp4")
        self.assertEqual((len(found), rate), (len(kept.numbers()), 12.0))
        self.assertGreater(np.abs(found[-1] - found[0]).max(), 10.0)
        write_mound(self.folder / "ball.mound", mound)
        code, out, _ = said(main, ("film", self.folder / "ball.mound", "--growth", self.folder / "growth", "--out",
                                   self.folder / "part.webp", "--range", "2-4", "--size", "60x40", "--passes", "1", "--json"))
        self.assertEqual((code, json.loads(out)["pictures"]), (0, 3))

    def test_by_the_command_line_and_its_refusals(self):
        write_mound(self.folder / "roll.mound", rolling())
        write_mound(self.folder / "still.mound", ball_mound())
        code, *_ = said(main, ("film", self.folder / "roll.mound", "--out", self.folder / "pictures", "--range", "2-3", "--size",
                               "60x40", "--passes", "1", "--kind", "exr"))
        self.assertEqual(code, 0)
        self.assertEqual(sorted(p.name for p in (self.folder / "pictures").iterdir()), ["pictures.0001.exr", "pictures.0002.exr"])
        for source, out, more, told in (("still", "a.mp4", (), "stands still"), ("roll", "a.mp4", ("--range", "80-90"), "no frame"),
                                        ("roll", "a.mov", (), "writes .mp4"), ("roll", "a.mp4", ("--growth", "nowhere"), "growth")):
            code, _, error = said(main, ("film", self.folder / f"{source}.mound", "--out", self.folder / out, *more))
            self.assertEqual(code, 2)
            self.assertIn(told, error)


class GoingOn(unittest.TestCase):
    """A sequence in True light that was ended before its time."""

    def setUp(self):
        place = tempfile.TemporaryDirectory()
        self.addCleanup(place.cleanup)
        self.folder = pathlib.Path(place.name)
        # Looked at from where a hand has put it, so that nothing fits it anew.
        write_mound(self.folder / "ball.mound", ball_mound(8.0, 2.0).edited(view=View(target=(0.0, 20.0, 0.0), distance=70.0)))

    def run_it(self, out):
        code, told, error = said(main, ("turntable", self.folder / "ball.mound", "--out", self.folder / out, "--frames", "4",
                                        "--size", "48x32", "--true", "--noise", "0.3", "--voxel", "1", "--json"))
        return code, json.loads(told) if code == 0 else error

    def ended_after(self, out, pictures, size=(48, 32)):
        """Take so many pictures of the same, and end there as a killed process does: nothing is cleared away."""
        mound, stages = read_mound(self.folder / "ball.mound"), Stages()
        grid = stages.density(mound, 1.0, remember=False)
        taking = replace(Taking(*size, true=True, noise=0.3), kept=KeptStills(self.folder / out))
        taken = frames_taken(stages, turntable(mound, 4), grid, stages.density_key(mound, 1.0), taking)
        for _ in range(pictures):
            next(taken)

    def test_it_goes_on_from_the_pictures_that_are_there(self):
        self.assertEqual(self.run_it("whole.png")[1]["taken_over"], 0)
        self.ended_after("ended.png", 3)
        self.assertEqual(len(list((self.folder / ".ended.png.frames").iterdir())), 3)
        code, told = self.run_it("ended.png")
        self.assertEqual((code, told["taken_over"]), (0, 3))
        self.assertEqual((self.folder / "ended.png").read_bytes(), (self.folder / "whole.png").read_bytes())
        self.assertEqual([path.name for path in self.folder.iterdir() if path.name.startswith(".")], [])

    def test_of_other_numbers_none_is_taken_over_and_damaged_ones_are_taken_again(self):
        self.ended_after("a.png", 2, (40, 32))
        self.assertEqual(self.run_it("a.png")[1]["taken_over"], 0)
        self.ended_after("b.png", 2)
        first, second = sorted((self.folder / ".b.png.frames").iterdir())
        first.write_bytes(first.read_bytes()[:-100])
        (self.folder / ".b.png.frames" / "mine.txt").write_text("not ours")
        self.assertEqual(self.run_it("b.png")[1]["taken_over"], 1)
        self.assertEqual([path.name for path in (self.folder / ".b.png.frames").iterdir()], ["mine.txt"])

    def test_a_link_in_the_place_of_the_folder_is_left_alone(self):
        other = self.folder / "other"
        other.mkdir()
        (other / f"{'0' * 32}.npz").write_bytes(b"precious")
        (self.folder / ".c.png.frames").symlink_to(other)
        self.assertEqual(self.run_it("c.png")[0], 0)
        self.assertEqual([path.read_bytes() for path in other.iterdir()], [b"precious"])

    def test_into_a_folder_that_holds_its_first_pictures(self):
        self.ended_after("d", 2)
        (self.folder / "d").mkdir()
        (self.folder / "d" / "d.0001.png").write_bytes(b"half")
        self.assertEqual(self.run_it("d")[1]["taken_over"], 2)
        self.assertEqual(len(list((self.folder / "d").iterdir())), 4)
        code, error = self.run_it("d")
        self.assertEqual(code, 2)
        self.assertIn("holds files already", error)


class ByHand(DeskTest):
    def test_the_line_is_filmed(self):
        folder = mock.patch.object(platformdirs, "user_cache_path", lambda *_: self.folder / "cache")
        folder.start()
        self.addCleanup(folder.stop)
        self.window.document.open(rolling(3))
        self.rest()

        def act(dialog):
            self.assertFalse(dialog.frames.isVisibleTo(dialog))
            self.assertFalse(dialog.grids.buttons["final"].isVisibleTo(dialog))
            self.assertEqual(dialog.path.suffix, ".mp4")  # what any player takes, unless another is asked for
            for field, value in ((dialog.width_, 96), (dialog.height_, 64)):
                field.set(float(value))
            dialog.file.setText(str(self.folder / "roll.mp4"))
            dialog.take_button.click()

        self.dialog(PictureDialog, act)
        self.click(self.window.time_line.film)
        self.until(lambda: (self.folder / "roll.mp4").exists())
        found, _ = pictures_of(self.folder / "roll.mp4")
        self.assertEqual((len(found), found[0].shape), (3, (64, 96, 3)))
        self.rest()

    def test_without_a_line_it_is_said(self):
        self.window.moving.take_film()
        self.assertIn("nothing to film", self.window.status.said.text())
