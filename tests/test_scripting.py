"""The interface for scripts: what it does, its types, its examples."""

import csv
import functools
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
from tests.long import long
from tests.scenes import ball_mound

ROOT = pathlib.Path(__file__).resolve().parents[1]
EXAMPLES = ROOT / "docs" / "examples"


class Interface(unittest.TestCase):
    def test_nothing_heavy_is_loaded_before_it_is_asked_for(self):
        code = ("import sys, softmound; there = lambda: 'softmound.core.kernels' in sys.modules; assert not there(); "
                "softmound.build; assert there() and 'numba' not in sys.modules")
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

    def test_a_solid_thing_is_put_beside_it(self):
        mound = softmound.stand_in(softmound.stand_in(ball_mound(12.0, 2.0), "person", beside=True), "box", size=(2.0, 3.0, 4.0))
        person, box = mound.stand_ins
        self.assertGreater(person.place[0], 12.0)
        self.assertEqual(box.size, (2.0, 3.0, 4.0))
        for what, numbers in (("teapot", {}), ("none.obj", {}), ("box", {"size": (0.0, 1.0, 1.0)})):
            with self.assertRaises(softmound.Problem):
                softmound.stand_in(mound, what, **numbers)

    def test_an_empty_cloud_says_so(self):
        empty = softmound.build(ball_mound(12.0, 2.0).edited(mass=ball_mound(12.0, 2.0).mass.edited(forms=())), voxel=2.0)
        for asked in (lambda: empty.bounds, empty.dense):
            with self.assertRaises(softmound.Problem):
                asked()

    @long
    def test_the_types_hold(self):
        with tempfile.TemporaryDirectory() as folder:
            found = subprocess.run([sys.executable, "-m", "mypy", "--ignore-missing-imports", "--follow-imports=silent",
                                    "--disallow-untyped-defs", "--no-error-summary", "--cache-dir", folder,
                                    "softmound/__init__.py", "softmound/scripting.py", "softmound/core/editing",
                                    "softmound/core/kinds.py", "softmound/core/recipe", "softmound/core/engine/graph.py"],
                                   cwd=ROOT, capture_output=True, text=True)
        self.assertEqual((found.stdout, found.returncode), ("", 0))


class Limits(unittest.TestCase):
    """Nothing that a script gives leads anywhere but to an answer or a `Problem`."""

    def test_every_function_refuses_what_cannot_be(self):
        mound, nan = ball_mound(12.0, 2.0), float("nan")
        with tempfile.TemporaryDirectory() as name:
            folder = pathlib.Path(name)
            picture = functools.partial(softmound.picture, mound, folder / "p.png")
            flock = softmound.Flock()
            for number, tried in enumerate((
                    lambda: softmound.start("nope"), lambda: softmound.start(span=nan), lambda: softmound.start(seed=1.5),
                    lambda: softmound.start(width=3), lambda: softmound.start(turrets="many"), lambda: softmound.start(name="a/b"),
                    lambda: softmound.build(mound, voxel=1e-6), lambda: softmound.build(mound, voxel=-1.0),
                    lambda: softmound.build(mound, voxel=nan), lambda: softmound.build(mound, voxel="fine"),
                    lambda: softmound.build(mound.edited(mass=mound.mass.edited(forms=tuple(
                        f.edited(radii=(9e3, 9e3, 9e3)) for f in mound.mass.forms))), voxel=0.01),
                    lambda: picture(size=(0, 0)), lambda: picture(size=7), lambda: picture(size=(16_384, 16_384), passes=0),
                    lambda: picture(noise=nan, true_light=True), lambda: mound.edited(name=""),
                    lambda: mound.edited(voxels=mound.voxels.edited(final=-3.0)), lambda: mound.edited(colour=3),
                    lambda: softmound.at_frame(mound, nan), lambda: softmound.at_frame(mound, "first"),
                    lambda: softmound.export(softmound.build(mound, voxel=2.0), mound, folder / "x.vdb", unit="parsec"),
                    lambda: softmound.build(mound, voxel=2.0).sample([[nan, 0.0, 0.0]]),
                    lambda: softmound.build(mound, voxel=2.0).sample([1.0, 2.0]),
                    lambda: softmound.publish(mound, folder, tiers=(3,)), lambda: softmound.publish(mound, folder, tiers=()),
                    lambda: softmound.publish(mound, folder, note=7), lambda: softmound.publish(mound, folder, colour="red"),
                    lambda: softmound.publish(mound, folder, more=("films",)),
                    lambda: softmound.search(folder / "none"), lambda: softmound.search(folder, order="best"),
                    lambda: softmound.verify(folder), lambda: softmound.receive(folder, folder / "r.png"),
                    lambda: softmound.grow(mound, folder / "g", seconds=nan),
                    lambda: softmound.grow(mound, folder / "g", heat=-1e9),
                    lambda: softmound.freeze(folder),
                    lambda: softmound.frames(mound, folder / "f", first=3, last=1),
                    lambda: softmound.film(mound, folder / "f.mp4", size=(1, 1)),
                    lambda: softmound.place(flock, "Loaf", at=(nan, 0.0, 0.0)), lambda: softmound.place(flock, ""),
                    lambda: softmound.spread(flock, folder, ["Loaf"]), lambda: softmound.spread(flock, folder, [], wide=3),
                    lambda: softmound.flock_picture(flock, folder, folder / "s.png"),
                    lambda: softmound.read_flock(folder / "n.flock"))):
                with self.subTest(number), self.assertRaises(softmound.Problem):
                    tried()
            self.assertEqual([p.name for p in folder.rglob("*") if p.is_file()], [])


@long
class Examples(unittest.TestCase):
    def run_one(self, name, *more):
        spec = importlib.util.spec_from_file_location(name, EXAMPLES / f"{name}.py")
        module = importlib.util.module_from_spec(spec)
        spec.loader.exec_module(module)
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        module.main(pathlib.Path(folder.name), *more)
        return pathlib.Path(folder.name)

    def test_there_are_eight(self):
        self.assertEqual(len(list(EXAMPLES.glob("*.py"))), 8)

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

    def test_a_shelf(self):
        folder = self.run_one("shelf", 2)
        self.assertEqual(len(list(folder.glob("shelf/*/v00?/*_2.vdb"))), 2)
        self.assertEqual(len(list(folder.glob("bun_*.png"))), 2)

    def test_what_rises(self):
        risen = softmound.read(self.run_one("rising", 0.2) / "risen.mound")
        self.assertEqual([form.kind for form in risen.mass.forms], ["volume"])

    def test_a_morning(self):
        folder = self.run_one("morning", 8)
        flock = softmound.read_flock(folder / "morning.flock")
        self.assertEqual(sum(member.spread == "" for member in flock.members), 1)
        self.assertGreater(len(flock.members), 4)
        self.assertTrue((folder / "morning.png").exists())

    def test_a_loop(self):
        self.assertEqual(len(list(self.run_one("loop", 3).glob("*.vdb"))), 3)


if __name__ == "__main__":
    unittest.main()
