"""The interface for scripts: what it does, its types, its examples."""

import csv
import importlib.util
import pathlib
import subprocess
import sys
import tempfile
import unittest

import numpy as np

import softmound
from softmound import scripting
from softmound.core.exchange.foreign import read_vdb

from .scenes import ball_mound

ROOT = pathlib.Path(__file__).resolve().parents[1]
EXAMPLES = ROOT / "docs" / "examples"


class Interface(unittest.TestCase):
    def test_nothing_heavy_is_loaded_before_it_is_asked_for(self):
        code = "import sys, softmound; assert 'numba' not in sys.modules; softmound.build; assert 'numba' in sys.modules"
        subprocess.run([sys.executable, "-c", code], check=True, cwd=ROOT)
        with self.assertRaises(AttributeError):
            softmound.nothing_of_that_name
        self.assertLessEqual(set(scripting.__all__), set(dir(softmound)))

    def test_a_ball_has_the_volume_of_a_ball(self):
        cloud = softmound.build(ball_mound(12.0, 0.5), voxel=0.5)
        values, origin = cloud.dense()
        volume = float((values > 0.5).sum()) * cloud.voxel**3
        self.assertAlmostEqual(volume / (4.0 / 3.0 * np.pi * 12.0**3), 1.0, delta=0.1)
        low, high = cloud.bounds
        self.assertAlmostEqual(high[0] - low[0], 24.0, delta=2.0)
        middle = [(a + b) / 2.0 for a, b in zip(low, high)]
        self.assertEqual(float(cloud.sample([middle])[0]), 1.0)
        self.assertEqual(float(cloud.sample([[1e4, 0.0, 0.0]])[0]), 0.0)
        at = tuple(int(round((m - o) / cloud.voxel)) for m, o in zip(middle, origin))
        self.assertEqual(float(values[at]), 1.0)
        self.assertEqual(cloud.active_voxels, int((values > 0.0).sum()))

    def test_files_come_back(self):
        mound = ball_mound(12.0, 2.0)
        with tempfile.TemporaryDirectory() as folder:
            folder = pathlib.Path(folder)
            softmound.write(mound, folder / "ball.mound")
            self.assertEqual(softmound.read(folder / "ball.mound"), mound)
            cloud = softmound.build(mound)
            softmound.export(cloud, mound, folder / "ball.vdb")
            self.assertEqual(read_vdb(folder / "ball.vdb").active_voxels(), cloud.active_voxels)
            self.assertTrue(pathlib.Path(softmound.publish(mound, folder / "library", voxel=2.0), "asset.json").exists())
            with self.assertRaisesRegex(softmound.Problem, "no such file"):
                softmound.read(folder / "nothing.mound")

    def test_an_empty_cloud_says_so(self):
        empty = softmound.build(ball_mound(12.0, 2.0).edited(mass=ball_mound(12.0, 2.0).mass.edited(forms=())), voxel=2.0)
        for asked in (lambda: empty.bounds, empty.dense):
            with self.assertRaises(softmound.Problem):
                asked()

    def test_the_types_hold(self):
        with tempfile.TemporaryDirectory() as folder:
            found = subprocess.run([sys.executable, "-m", "mypy", "--ignore-missing-imports", "--follow-imports=silent",
                                    "--disallow-untyped-defs", "--no-error-summary", "--cache-dir", folder,
                                    "softmound/scripting.py"],
                                   cwd=ROOT, capture_output=True, text=True)
        self.assertEqual((found.stdout, found.returncode), ("", 0))


class Examples(unittest.TestCase):
    def run_one(self, name, *more):
        spec = importlib.util.spec_from_file_location(name, EXAMPLES / f"{name}.py")
        module = importlib.util.module_from_spec(spec)
        spec.loader.exec_module(module)
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        module.main(pathlib.Path(folder.name), *more)
        return pathlib.Path(folder.name)

    def test_there_are_five(self):
        self.assertEqual(len(list(EXAMPLES.glob("*.py"))), 5)

    def test_first_cloud(self):
        folder = self.run_one("first_cloud")
        self.assertEqual(sorted(p.suffix for p in folder.iterdir()), [".mound", ".png", ".vdb"])

    def test_seeds_differ(self):
        a, b = (read_vdb(p) for p in sorted(self.run_one("seeds", 2).iterdir()))
        self.assertFalse(a.values.shape == b.values.shape and np.array_equal(a.values, b.values))

    def test_a_wedge(self):
        self.assertEqual(len(list(self.run_one("wedge").glob("*.png"))), 3)

    def test_a_profile_is_empty_at_its_ends_and_fills_between(self):
        rows = list(csv.DictReader(open(self.run_one("profile") / "profile.csv")))
        filled = [float(row["share_filled"]) for row in rows]
        self.assertGreater(max(filled), 0.05)
        self.assertLess(filled[-1], max(filled))

    def test_a_loop(self):
        self.assertEqual(len(list(self.run_one("loop", 3).glob("*.vdb"))), 3)


if __name__ == "__main__":
    unittest.main()
