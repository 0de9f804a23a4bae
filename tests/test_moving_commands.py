"""Time, growth and layers from the command line: what is written, what is foretold, and what is refused."""

import json
import pathlib
import tempfile
import unittest

import numpy as np

from softmound.cli import main
from softmound.core.engine.density import density_grid
from softmound.core.exchange.foreign import read_vdb
from softmound.core.growth.frames import grid_of_frame
from softmound.core.growth.kept import KeptGrowth
from softmound.core.library.shelf import read_version
from softmound.core.recipe import read_mound, write_mound
from softmound.core.recipe.flock_files import read_flock
from softmound.core.recipe.time import SOUNDINGS, Growth, TimeLine
from softmound.core.recipe.timing import at_frame, keyed_with
from softmound.core.volume.reference import vdb
from tests.scenes import ball_mound, lumpy_mound, said

QUICKLY = ("--seconds", "0.25", "--voxel", "2", "--set", "patch=8", "--set", "pace=40")


class Commands(unittest.TestCase):
    def setUp(self):
        self._folder = tempfile.TemporaryDirectory()
        self.addCleanup(self._folder.cleanup)
        self.folder = pathlib.Path(self._folder.name)
        write_mound(self.folder / "ball.mound", ball_mound(12.0, 2.0).edited(name="Ball"))

    def run_it(self, *arguments, code=0):
        """Run an action with JSON; names with an ending, and folders, are in the test's folder."""
        given = [str(self.folder / a[1:]) if a.startswith("@") else a for a in arguments]
        found, out, err = said(main, [*given, "--json"])
        self.assertEqual(found, code, err or out)
        facts = json.loads(out if out.strip() else err)
        self.assertEqual(facts["schema"], 1)
        return facts


class Growing(Commands):
    def grown(self, *more):
        return self.run_it("grow", "@ball.mound", "--out", "@growth", *QUICKLY, *more)

    def test_it_grows_and_says_what_is_there(self):
        facts = self.grown()
        self.assertEqual((facts["frames"], facts["last"], facts["cell"]), (7, 6, 2.0))
        kept = KeptGrowth(self.folder / "growth")
        self.assertEqual(facts["bytes"], sum(p.stat().st_size for p in kept.folder.iterdir()))
        self.assertEqual(kept.mound.growth.patch, 8.0)

    def test_what_it_takes_is_foretold_and_nothing_written(self):
        facts = self.run_it("grow", "@ball.mound", "--out", "@growth", *QUICKLY, "--dry-run")
        self.assertEqual(facts["frames"], 6)
        self.assertEqual(facts["cells"], int(np.prod(facts["shape"])))
        self.assertGreater(facts["memory_bytes"], facts["cells"] * 4 * 10)
        self.assertFalse((self.folder / "growth").exists())

    def test_one_that_is_there_is_not_lost(self):
        self.grown()
        before = KeptGrowth(self.folder / "growth").frame(6).cloud
        facts = self.run_it("grow", "@ball.mound", "--out", "@growth", *QUICKLY, code=2)
        self.assertIn("--go-on", facts["error"])
        self.grown("--go-on")
        np.testing.assert_array_equal(KeptGrowth(self.folder / "growth").frame(6).cloud, before)
        self.grown("--seed", "9", "--force")
        self.assertEqual(KeptGrowth(self.folder / "growth").mound.growth.seed, 9)

    def test_frames_with_velocity(self):
        facts = self.grown("--vdb", str(self.folder / "vdb"), "--velocity")
        self.assertEqual(facts["vdb_frames"], 7)
        files = sorted((self.folder / "vdb").glob("*.vdb"))
        self.assertEqual([p.name for p in files][:2], ["ball.0000.vdb", "ball.0001.vdb"])
        frame = KeptGrowth(self.folder / "growth").frame(3)
        held = read_vdb(files[3])
        self.assertEqual(held.voxel, frame.cell / 2)
        total = float(held.values.sum()) * held.voxel**3
        self.assertAlmostEqual(total / (float(frame.cloud.sum()) * frame.cell**3), 1.0, delta=0.15)
        self.assertEqual({g.name for g in vdb.readAllGridMetadata(str(files[3]))}, {"density", "velocity"})

    def test_several_workers_write_the_same_files_as_one(self):
        self.grown("--vdb", str(self.folder / "one"), "--finer", "1")
        self.grown("--go-on", "--vdb", str(self.folder / "two"), "--finer", "1", "--workers", "2")
        for one, two in zip(sorted((self.folder / "one").iterdir()), sorted((self.folder / "two").iterdir()), strict=True):
            np.testing.assert_array_equal(read_vdb(one).values, read_vdb(two).values)

    def test_it_becomes_an_asset(self):
        facts = self.grown("--library", str(self.folder / "shelf"), "--finer", "1")
        version = read_version(pathlib.Path(facts["asset"]))
        self.assertEqual(version.facts["frames"], {"first": 0, "last": 6, "rate": 24.0, "missing": []})
        self.assertEqual((version.facts["voxel"], version.facts["source"]), (2.0, "grown"))

    def test_a_ready_growth_is_written(self):
        facts = self.run_it("new", "@rises.mound", "--growth", "anvil", "--seed", "5")
        mound = read_mound(facts["file"])
        self.assertEqual((mound.growth.seed, mound.growth.sounding), (5, SOUNDINGS["Capped"]))
        facts = self.run_it("grow", "@rises.mound", "--out", "@growth", "--seconds", "0.1", "--voxel", "20", "--sounding", "none")
        self.assertIsNone(KeptGrowth(self.folder / "growth").mound.growth.sounding)
        self.assertEqual(facts["frames"], 3)

    def test_a_frame_is_frozen_finer(self):
        self.grown()
        facts = self.run_it("freeze", "@growth", "--frame", "6", "--finer", "2", "--out", "@risen.mound")
        self.assertEqual((facts["frame"], facts["voxel"]), (6, 1.0))
        risen = read_mound(self.folder / "risen.mound")
        self.assertEqual((risen.name, [f.kind for f in risen.mass.forms]), ("risen", ["volume"]))
        grid = density_grid(risen, 1.0)
        frame = KeptGrowth(self.folder / "growth").frame(6)
        low, high = grid.active_bounds()
        coarse = grid_of_frame(frame)
        for own, other in zip((grid.world(low), grid.world(high)), map(coarse.world, coarse.active_bounds())):
            self.assertLess(float(np.abs(own - other).max()), 4.0 * frame.cell)

    def test_a_cloud_is_streamed_along_it(self):
        self.grown()
        facts = self.run_it("stream", "@ball.mound", "--growth", "@growth", "--seconds", "0.2", "--voxel", "2", "--out",
                            "@wisps.vdb")
        still = density_grid(ball_mound(12.0, 2.0), 2.0)
        self.assertEqual(read_vdb(self.folder / "wisps.vdb").active_voxels(), facts["active_voxels"])
        self.assertGreater(facts["active_voxels"], 0.5 * still.active_voxels())

    def test_what_is_wrong_is_one_sentence(self):
        for arguments, words in (
                (("grow", "@ball.mound", "--out", "@g", "--set", "heat"), "WHAT=VALUE"),
                (("grow", "@ball.mound", "--out", "@g", "--set", "warmth=2"), "WHAT is one of"),
                (("grow", "@ball.mound", "--out", "@g", "--set", "heat=-400"), "the growth"),
                (("freeze", "@nothing", "--out", "@x.mound"), "holds no growth"),
                (("freeze", "@nothing", "--out", "@x.vdb"), ".mound"),
                (("stream", "@ball.mound", "--growth", "@nothing", "--seconds", "1", "--out", "@x.vdb"), "holds no growth")):
            with self.subTest(arguments[-1]):
                self.assertIn(words, self.run_it(*arguments, code=2)["error"])
        self.assertEqual([p.name for p in self.folder.iterdir()], ["ball.mound"])

    def test_one_that_takes_too_much_is_refused_before(self):
        facts = self.run_it("grow", "@ball.mound", "--out", "@g", "--voxel", "0.01", code=3)
        self.assertIn("choose larger ones", facts["error"])

    def test_a_growth_of_the_recipe_is_what_grows(self):
        mound = ball_mound(12.0, 2.0).edited(growth=Growth(seconds=0.2, cell=3.0, smoke=1.5, moisture=0.0))
        write_mound(self.folder / "smoke.mound", mound)
        facts = self.run_it("grow", "@smoke.mound", "--out", "@smoke")
        self.assertEqual((facts["cell"], facts["last"]), (3.0, 5))
        self.assertEqual(KeptGrowth(self.folder / "smoke").mound.growth, mound.growth)


class Frames(Commands):
    def test_frames_are_those_of_the_line(self):
        mound = keyed_with(keyed_with(ball_mound(12.0, 2.0).edited(time=TimeLine(first=3, last=5)),
                                      ("mass", "forms", 0, "radii", 0), 3, 6.0), ("mass", "forms", 0, "radii", 0), 5, 14.0)
        write_mound(self.folder / "moving.mound", mound)
        facts = self.run_it("frames", "@moving.mound", "--out", "@out", "--voxel", "2")
        self.assertEqual((facts["frames"], facts["voxel"]), (3, 2.0))
        files = sorted((self.folder / "out").iterdir())
        for number, path in zip((3, 4, 5), files):
            self.assertIn(f"{number:04d}", path.name)
            self.assertEqual(read_vdb(path).active_voxels(), density_grid(at_frame(mound, number), 2.0).active_voxels())

    def test_without_a_line_grains_evolve(self):
        write_mound(self.folder / "lumpy.mound", lumpy_mound().edited(name="Lumpy"))
        self.run_it("frames", "@lumpy.mound", "--out", "@out", "--range", "1-2", "--voxel", "3")
        one, two = (read_vdb(p) for p in sorted((self.folder / "out").iterdir()))
        self.assertFalse(one.values.shape == two.values.shape and np.array_equal(one.values, two.values))

    def test_what_is_there_stays(self):
        self.run_it("frames", "@ball.mound", "--out", "@out", "--range", "1-2", "--voxel", "4")
        self.assertIn("is there already", self.run_it("frames", "@ball.mound", "--out", "@out", "--range", "2-3", code=2)["error"])
        self.assertEqual(len(list((self.folder / "out").iterdir())), 2)
        self.run_it("frames", "@ball.mound", "--out", "@out", "--range", "2-3", "--voxel", "4", "--force")
        self.assertEqual(len(list((self.folder / "out").iterdir())), 3)

    def test_a_dry_run_writes_nothing(self):
        self.run_it("frames", "@ball.mound", "--out", "@out", "--dry-run")
        self.assertFalse((self.folder / "out").exists())


class Layers(Commands):
    def test_a_deck_and_a_haze_are_added_changed_and_removed(self):
        self.run_it("formation", "deck", "@sky.flock", "--set", "cover=0.4", "--set", "altitude=320")
        self.run_it("formation", "haze", "@sky.flock", "--set", "visibility=9")
        self.run_it("formation", "deck", "@sky.flock", "--set", "seed=7")
        self.run_it("formation", "deck", "@sky.flock", "--layer", "High", "--set", "altitude=4000")
        flock = read_flock(self.folder / "sky.flock")
        self.assertEqual([(d.name, d.cover, d.seed) for d in flock.decks], [("Deck", 0.4, 7), ("High", 0.85, 1)])
        self.assertEqual(flock.hazes[0].visibility, 9.0)
        self.run_it("formation", "deck", "@sky.flock", "--layer", "Deck", "--remove")
        self.assertEqual([d.name for d in read_flock(self.folder / "sky.flock").decks], ["High"])

    def test_a_sky_of_a_deck_alone_is_a_picture(self):
        self.run_it("formation", "deck", "@sky.flock", "--set", "reach=600", "--set", "lumps=80", "--set", "thickness=150")
        facts = self.run_it("formation", "picture", "@sky.flock", "--library", "@none", "--out", "@sky.png", "--size", "64x40",
                            "--passes", "1")
        self.assertGreater(facts["members"], 0)
        self.assertEqual(facts["grids"], 3)

    def test_what_is_wrong_is_one_sentence(self):
        self.run_it("formation", "deck", "@sky.flock")
        before = (self.folder / "sky.flock").read_bytes()
        for arguments, words in (
                (("deck", "@sky.flock", "--set", "cover=2"), "at most 1"),
                (("haze", "@sky.flock", "--set", "low=5000"), "the haze"),
                (("deck", "@sky.flock", "--set", "puffs=3"), "WHAT is one of"),
                (("deck", "@sky.flock", "--layer", "None", "--remove"), "has none called"), (("deck", "@sky.mound"), ".flock")):
            with self.subTest(arguments):
                self.assertIn(words, self.run_it("formation", *arguments, code=2)["error"])
        self.assertEqual((self.folder / "sky.flock").read_bytes(), before)


if __name__ == "__main__":
    unittest.main()
