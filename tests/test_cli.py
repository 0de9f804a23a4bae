"""The command: what it prints, what it writes, and one sentence for everything that goes wrong."""

import contextlib
import io
import itertools
import json
import os
import pathlib
import resource
import shutil
import signal
import subprocess
import sys
import tempfile
import time
import unittest
import unittest.mock

import numpy as np
from PIL import Image

from softmound import cli, interrupting
from softmound.cli import main
from softmound.commands.building import reseeded
from softmound.core.engine.density import density_grid
from softmound.core.growth.kept import KeptGrowth
from softmound.core.light.scene.camera import camera_of
from softmound.core.recipe import Mound, read_mound, write_mound
from softmound.core.starts.species import start
from softmound.core.volume.reference import vdb
from tests.scenes import ball_mound, lumpy_mound, said

ROOT = pathlib.Path(__file__).parent.parent


class Command(unittest.TestCase):
    def setUp(self):
        self._folder = tempfile.TemporaryDirectory()
        self.folder = pathlib.Path(self._folder.name)
        self.mound = self.folder / "bun.mound"
        write_mound(self.mound, ball_mound())

    def tearDown(self):
        self._folder.cleanup()

    def run_command(self, *arguments):
        """Run in this process; return exit code, stdout and stderr."""
        return said(main, arguments)

    def refused(self, *arguments, exit_code=2):
        """Assert the exit code with one sentence, and that no file appeared; return the sentence."""
        before = sorted(str(p) for p in self.folder.rglob("*"))
        code, out, err = self.run_command(*arguments)
        self.assertEqual(code, exit_code, err)
        self.assertEqual(out, "")
        self.assertEqual(err.strip().count("\n"), 0, err)
        self.assertTrue(err.startswith("softmound: "), err)
        self.assertEqual(sorted(str(p) for p in self.folder.rglob("*")), before)
        return err

    def test_new(self):
        path = self.folder / "fresh.mound"
        code, out, _ = self.run_command("new", path)
        self.assertEqual((code, out.strip()), (0, str(path)))
        mound = read_mound(path)
        self.assertEqual(mound.name, "fresh")
        self.assertTrue(mound.mass.forms)
        self.assertIn("exists already", self.refused("new", path))
        self.assertEqual(read_mound(path), mound)

    def test_new_from_a_start(self):
        path = self.folder / "tower.mound"
        code, _, _ = self.run_command("new", path, "--start", "congestus", "--span", "900", "--seed", "5")
        self.assertEqual(code, 0)
        made, begun = read_mound(path), start("congestus", "tower", 900.0, 5)
        self.assertEqual(made.edited(view=begun.view), begun)
        # All of it is seen, and it fills the picture.
        grid, camera = density_grid(made, 12.0), camera_of(made.view, 1280, 800)
        low, high = (grid.world(corner) for corner in grid.active_bounds())
        at = np.array([camera.pixel(corner)[:2] for corner in itertools.product(*zip(low, high))])
        self.assertTrue((at >= 0.0).all() and (at <= (1280.0, 800.0)).all(), at)
        self.assertGreater(max(np.ptp(at[:, 0]) / 1280.0, np.ptp(at[:, 1]) / 800.0), 0.8)
        self.assertIn("congestus", self.refused("new", self.folder / "x.mound", "--start", "loaf"))
        self.assertIn("span", self.refused("new", self.folder / "x.mound", "--span", "0"))

    def test_build_writes_what_the_library_reads(self):
        out = self.folder / "bun.vdb"
        code, text, _ = self.run_command("build", self.mound, "--out", out, "--voxel", "0.5", "--json")
        self.assertEqual(code, 0)
        facts = json.loads(text)
        stored = vdb.read(str(out), "density")
        self.assertEqual(facts["active_voxels"], stored.activeVoxelCount())
        self.assertEqual(facts["bytes"], out.stat().st_size)
        self.assertEqual(facts["voxel"], 0.5)
        self.assertAlmostEqual(stored.transform.voxelSize()[0], 0.5)
        self.assertAlmostEqual(stored["extinction_per_metre"], facts["extinction"], places=6)
        self.assertEqual(sorted(p.name for p in self.folder.iterdir()), ["bun.mound", "bun.vdb"])

    def test_build_uses_the_final_voxel_and_can_be_read_by_people(self):
        code, text, _ = self.run_command("build", self.mound, "--out", self.folder / "a.vdb")
        self.assertEqual(code, 0)
        self.assertRegex(text, r"voxel +1\n")
        self.assertRegex(text, r"active voxels +[\d,]+\n")

    def test_build_in_full_floats(self):
        for flag, half in ((["--full"], False), ([], True)):
            self.run_command("build", self.mound, "--out", self.folder / "a.vdb", "--force", *flag)
            self.assertEqual(vdb.read(str(self.folder / "a.vdb"), "density").saveFloatAsHalf, half)

    def test_build_takes_a_picture(self):
        picture = self.folder / "bun.png"
        code, _, _ = self.run_command("build", self.mound, "--out", self.folder / "a.vdb", "--voxel", "1",
                                      "--picture", picture)
        self.assertEqual(code, 0)
        pixels = np.asarray(Image.open(picture))
        self.assertEqual(pixels.shape, (800, 1280, 3))
        self.assertGreater(pixels.std(), 5.0)

    def test_another_seed_is_another_cloud(self):
        write_mound(self.mound, lumpy_mound())
        sums = []
        for seed in (5, 5, 6):
            path = self.folder / "a.vdb"
            self.run_command("build", self.mound, "--out", path, "--seed", seed, "--force")
            got = np.zeros((80, 60, 60), np.float32)
            vdb.read(str(path), "density").copyToArray(got, ijk=(-40, 0, -30))
            sums.append(got.tobytes())
        self.assertEqual(sums[0], sums[1])
        self.assertNotEqual(sums[0], sums[2])

    def test_reseeding_shifts_all_grains_alike(self):
        mound = reseeded(lumpy_mound(), 100)
        self.assertEqual([g.seed for g in mound.grains], [100, 104])
        self.assertIs(reseeded(mound, None), mound)
        self.assertEqual(reseeded(Mound(), 7), Mound())

    def test_info(self):
        path = self.folder / "bun.vdb"
        self.run_command("build", self.mound, "--out", path)
        code, text, _ = self.run_command("info", path, "--json")
        self.assertEqual(code, 0)
        facts = json.loads(text)
        grid, = facts["grids"]
        stored = vdb.read(str(path), "density")
        self.assertEqual(facts["bytes"], path.stat().st_size)
        self.assertEqual(grid["active_voxels"], stored.activeVoxelCount())
        self.assertEqual(grid["dims"], list(stored.evalActiveVoxelDim()))
        code, text, _ = self.run_command("info", path)
        self.assertEqual(code, 0)
        for word in ("density", "fog volume", "voxel size", "active voxels", "mean", "extinction_per_metre"):
            self.assertIn(word, text)

    def test_publish_and_verify(self):
        library = self.folder / "shelf"
        code, text, _ = self.run_command("publish", self.mound, "--library", library, "--json")
        self.assertEqual(code, 0)
        folder = pathlib.Path(json.loads(text)["folder"])
        self.assertEqual(folder, library / "test_bun" / "v001")
        for place in (folder, folder.parent):
            code, text, _ = self.run_command("verify", place)
            self.assertEqual(code, 0)
            self.assertIn("as published", text)
        (folder / "thumb.png").write_bytes(b"other")
        self.assertIn("thumb.png", self.refused("verify", folder))

    def test_bad_mounds(self):
        out = self.folder / "a.vdb"
        self.assertIn("no such file", self.refused("build", self.folder / "none.mound", "--out", out))
        other = self.folder / "other.mound"
        other.write_bytes(b"not a mound")
        self.assertIn("other.mound", self.refused("build", other, "--out", out))
        self.assertIn("other.mound", self.refused("publish", other, "--library", self.folder / "shelf"))
        write_mound(other, Mound())
        self.assertIn("no cloud", self.refused("build", other, "--out", out))
        self.assertIn("no cloud", self.refused("publish", other, "--library", self.folder / "shelf"))

    def test_bad_numbers(self):
        for voxel in ("0", "-1", "nan", "thick", "1e9"):
            self.assertIn("voxel size", self.refused("build", self.mound, "--out", self.folder / "a.vdb",
                                                     "--voxel", voxel))
        for seed in ("-1", "x", "99999999999"):
            self.assertIn("seed", self.refused("build", self.mound, "--out", self.folder / "a.vdb",
                                               "--seed", seed))

    def test_bad_places(self):
        self.assertIn("folder", self.refused("build", self.mound, "--out", self.folder / "no" / "a.vdb"))
        self.assertIn("folder", self.refused("build", self.mound, "--out", self.folder / "a.vdb",
                                             "--picture", self.folder / "no" / "a.png"))
        self.assertIn("no such file", self.refused("info", self.folder / "none.vdb"))
        (self.folder / "note.txt").write_text("no cloud")
        self.assertIn("not an OpenVDB", self.refused("info", self.folder / "note.txt"))
        self.assertIn("asset.json", self.refused("verify", self.folder))

    def test_bad_words(self):
        for arguments in ((), ("bake",), ("build",), ("build", self.mound), ("info",)):
            code, _, err = self.run_command(*arguments)
            self.assertEqual(code, 2)
            self.assertEqual(err.strip().count("\n"), 0)

    def test_a_build_that_does_not_fit_is_refused_at_once(self):
        write_mound(self.mound, ball_mound(15_000.0))
        begun = time.monotonic()
        sentence = self.refused("build", self.mound, "--out", self.folder / "a.vdb", "--voxel", "0.1", exit_code=3)
        self.assertIn("smallest voxel that fits", sentence)
        self.assertLess(time.monotonic() - begun, 30)

    def test_interrupting_leaves_nothing_half_written(self):
        write_mound(self.mound, ball_mound(200.0))
        process = subprocess.Popen(
            [sys.executable, "-m", "softmound", "build", str(self.mound), "--out", str(self.folder / "a.vdb"),
             "--voxel", "0.7"], cwd=ROOT, stderr=subprocess.PIPE, text=True)
        ends = time.monotonic() + 60.0
        while not list(self.folder.glob(".*.part*")) and process.poll() is None and time.monotonic() < ends:
            time.sleep(0.02)  # until something is half written
        process.send_signal(signal.SIGINT)
        _, err = process.communicate(timeout=60)
        self.assertEqual(process.returncode, 130, err)
        self.assertIn("stopped", err)
        self.assertEqual([p.name for p in self.folder.iterdir()], ["bun.mound"])

    def test_a_growth_that_is_stopped_says_what_stays_and_goes_on(self):
        write_mound(self.mound, ball_mound(60.0))
        out = self.folder / "growth"
        for number, code in ((signal.SIGINT, 130), (signal.SIGTERM, 143)):
            process = subprocess.Popen([sys.executable, "-m", "softmound", "grow", str(self.mound), "--out", str(out), "--seconds",
                                        "90", "--voxel", "6", "--force"], cwd=ROOT, stderr=subprocess.PIPE, text=True)
            ends = time.monotonic() + 60.0
            while not (out / "frame_00002.npz").exists() and process.poll() is None and time.monotonic() < ends:
                time.sleep(0.02)
            process.send_signal(number)
            _, err = process.communicate(timeout=60)
            self.assertEqual(process.returncode, code, err)
            self.assertIn("frames up to there are kept", err)
            self.assertEqual([p.name for p in out.iterdir() if ".part" in p.name], [])
            kept = KeptGrowth(out)
            self.assertGreaterEqual(len(kept.numbers()), 3)
            kept.frame(kept.numbers()[-1])
            shutil.rmtree(out)

    def test_what_cannot_be_published_leaves_no_name_behind(self):
        library = self.folder / "library"
        limits = resource.getrlimit(resource.RLIMIT_FSIZE)
        resource.setrlimit(resource.RLIMIT_FSIZE, (3_000, limits[1]))
        try:
            code, _, err = self.run_command("publish", self.mound, "--library", library, "--quiet")
        finally:
            resource.setrlimit(resource.RLIMIT_FSIZE, limits)
        self.assertEqual(code, 4, err)
        self.assertFalse(library.exists())

    def test_frames_foretell_and_a_film_misses_none(self):
        code, text, _ = self.run_command("frames", self.mound, "--out", self.folder / "f", "--range", "1-3", "--dry-run", "--json")
        ahead = json.loads(text)
        self.assertEqual((code, ahead["frames"]), (0, 3))
        self.assertFalse((self.folder / "f").exists())
        code, text, _ = self.run_command("frames", self.mound, "--out", self.folder / "f", "--range", "1-3", "--json", "--quiet")
        self.assertLessEqual(json.loads(text)["bytes"], ahead["bytes"] + 30_000)
        self.assertGreater(ahead["memory_bytes"], 100_000)
        write_mound(self.mound, ball_mound(60.0))
        self.run_command("grow", self.mound, "--out", self.folder / "g", "--seconds", "0.2", "--voxel", "12", "--quiet")
        (self.folder / "g" / "frame_00002.npz").unlink()
        self.assertIn("frame 2 is missing", self.refused("film", self.mound, "--growth", self.folder / "g", "--out",
                                                         self.folder / "f.mp4", "--size", "64x40"))

    def test_numbered_files_of_other_voxels_are_not_one_cloud(self):
        for number, voxel in ((1, "2"), (2, "1")):
            self.run_command("build", self.mound, "--out", self.folder / f"storm.{number:04d}.vdb", "--voxel", voxel)
        sentence = self.refused("adopt", self.folder / "storm.####.vdb", "--library", self.folder / "library", "--quiet")
        self.assertIn("storm.0002.vdb", sentence)
        self.assertIn("one voxel", sentence)

    def test_a_picture_from_where_it_is_told(self):
        path = self.folder / "new.mound"
        write_mound(path, ball_mound(60.0))  # whose view nobody chose: it would be seen from within
        facts = {}
        for name, more in (("fitted", ()), ("near", ("--distance", "100", "--target", "0,20,0")), ("again", ("--fit",)),
                           ("long", ("--fit", "--focal", "135"))):
            out = self.folder / f"{name}.png"
            code, _, err = self.run_command("picture", path, "--out", out, "--size", "96x60", "--quiet", *more)
            self.assertEqual(code, 0, err)
            facts[name] = np.asarray(Image.open(out).convert("RGB"), float)
        # The border shows the sky, whose columns are alike from left to right; near to it the cloud fills all.
        np.testing.assert_allclose(facts["fitted"], facts["again"])
        for name in ("fitted", "long"):
            seen = np.abs(facts[name] - facts[name][:, :1]).max(axis=2) > 24.0
            self.assertTrue(0.1 < seen.mean() < 0.8, seen.mean())
            self.assertFalse(seen[0].any() or seen[-1].any(), name)
        self.assertGreater(np.abs(facts["near"] - facts["fitted"]).mean(), 10.0)

    def test_an_interrupt_that_a_library_turns_into_its_own_error(self):
        def run(_args):
            interrupting._CAME.set()
            raise ImportError("initialization failed")

        with unittest.mock.patch.object(cli, "_prepare", run), contextlib.redirect_stderr(io.StringIO()) as heard:
            self.assertEqual(cli.main(["new", str(self.folder / "b.mound")]), 130)
        self.assertIn("stopped", heard.getvalue())

    def test_the_desk_says_when_there_is_no_screen(self):
        environment = {k: v for k, v in os.environ.items()
                       if k not in ("DISPLAY", "WAYLAND_DISPLAY", "QT_QPA_PLATFORM")}
        done = subprocess.run([sys.executable, "-m", "softmound", "desk"], cwd=ROOT, env=environment,
                              capture_output=True, text=True, timeout=60)
        self.assertEqual(done.returncode, 2)
        self.assertIn("no screen", done.stderr)


if __name__ == "__main__":
    unittest.main()
