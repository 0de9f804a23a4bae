"""Pictures that carry their recipe, reports, and small pictures for file managers."""

import io
import json
import pathlib
import re
import tempfile
import unittest
from unittest import mock

import numpy as np
from PIL import Image

from softmound.cli import main
from softmound.core.engine import report
from softmound.core.engine.density import density_grid
from softmound.core.engine.nature import nature_of
from softmound.core.engine.report import report_of
from softmound.core.engine.stages import Stages
from softmound.core.engine.stills import Taking, still_of
from softmound.core.exchange.carried import KEY, mound_of_picture, text_of
from softmound.core.exchange.pictures import write_picture
from softmound.core.problems import Problem
from softmound.core.recipe import Mass, Mound, write_mound
from tests.scenes import ball_mound, lumpy_mound, said


class Pictures(unittest.TestCase):
    def setUp(self):
        self._folder = tempfile.TemporaryDirectory()
        self.addCleanup(self._folder.cleanup)
        self.folder = pathlib.Path(self._folder.name)
        self.mound = lumpy_mound()
        grid = density_grid(self.mound, 3.0)
        self.still = still_of(Stages(), self.mound, grid, "k", Taking(48, 32, passes=1))

    def taken(self, ending, mound):
        path = self.folder / f"picture{ending}"
        write_picture(path, self.still, self.mound.light, mound)
        return path

    def test_the_recipe_comes_back_from_png_and_exr(self):
        for ending in (".png", ".exr"):
            with self.subTest(ending):
                self.assertEqual(mound_of_picture(self.taken(ending, self.mound)), self.mound)

    def test_the_pixels_are_the_same_with_and_without(self):
        a, b = (np.asarray(Image.open(self.taken(".png", m))) for m in (self.mound, None))
        np.testing.assert_array_equal(a, b)

    def test_what_carries_none_is_damaged_or_no_picture_is_one_sentence(self):
        with self.assertRaisesRegex(Problem, "carries no recipe"):
            mound_of_picture(self.taken(".png", None))
        (self.folder / "x.png").write_bytes(b"nothing")
        with self.assertRaisesRegex(Problem, "cannot be read as a picture"):
            mound_of_picture(self.folder / "x.png")
        (self.folder / "x.exr").write_bytes(b"nothing")
        with self.assertRaisesRegex(Problem, "cannot be read as a picture"):
            mound_of_picture(self.folder / "x.exr")
        from PIL.PngImagePlugin import PngInfo

        for text in ("!!!", "UEsDBA=="):
            said = PngInfo()
            said.add_text(KEY, text)
            Image.new("RGB", (4, 4)).save(self.folder / "y.png", pnginfo=said)
            with self.assertRaises(Problem) as caught:
                mound_of_picture(self.folder / "y.png")
            self.assertIn("y.png", str(caught.exception))

    def test_snapshots_are_left_out(self):
        self.assertLess(len(text_of(self.mound)), 20_000)


class Reports(unittest.TestCase):
    def test_it_says_what_was_measured(self):
        mound = lumpy_mound()
        with tempfile.TemporaryDirectory() as folder:
            path, out = pathlib.Path(folder, "lumpy.mound"), pathlib.Path(folder, "lumpy.html")
            write_mound(path, mound)
            with mock.patch.object(report, "SIZE", (96, 60)):
                self.assertEqual(said(main, ["report", path, "--out", out, "--voxel", "2"])[0], 0)
            text = out.read_text()
        grid = density_grid(mound, 2.0)
        self.assertIn(f"{grid.active_voxels():,}", text)
        for finding in nature_of(mound, grid):
            self.assertIn(finding.name, text)
        pictures = re.findall(r"data:image/png;base64,([A-Za-z0-9+/=]+)", text)
        self.assertEqual(len(set(pictures)), 4)
        self.assertNotIn("src='http", text)
        recipe = text.split("<pre>")[1].split("</pre>")[0].replace("&quot;", '"').replace("&#x27;", "'")
        self.assertEqual(json.loads(recipe)["name"], mound.name)

    def test_an_empty_mound_has_a_report_too(self):
        self.assertIn("There is no cloud", report_of(Mound(mass=Mass()), 2.0))


class Command(unittest.TestCase):
    def test_report_recipe_and_thumb(self):
        with tempfile.TemporaryDirectory() as folder:
            folder = pathlib.Path(folder)
            mound, small = ball_mound(12.0, 2.0), io.BytesIO()
            Image.new("RGB", (480, 320), (90, 120, 150)).save(small, "PNG")
            write_mound(folder / "ball.mound", mound, small.getvalue())
            for arguments in (("thumb", "ball.mound", "--out", "t.png", "--size", "128"),
                              ("picture", "ball.mound", "--out", "p.png", "--size", "64x40", "--voxel", "2"),
                              ("recipe", "p.png", "--out", "again.mound")):
                given = [str(folder / a) if "." in a else a for a in arguments]
                self.assertEqual(said(main, given)[0], 0, arguments)
            self.assertEqual(Image.open(folder / "t.png").size, (128, 85))
            self.assertEqual(mound_of_picture(folder / "p.png").mass, mound.mass)
            code, _, err = said(main, ["recipe", str(folder / "t.png"), "--out", str(folder / "no.mound")])
            self.assertEqual(code, 2)
            self.assertIn("carries no recipe", err)


if __name__ == "__main__":
    unittest.main()
