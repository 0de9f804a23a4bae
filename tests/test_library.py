"""The library: atomic publishing, checksums, versions, and what a kill leaves behind."""

import hashlib
import json
import os
import pathlib
import shutil
import subprocess
import sys
import tempfile
import unittest
from unittest import mock

import numpy as np

from softmound.core.engine.density import density_grid
from softmound.core.exchange.export import ExportOptions
from softmound.core.held import MARK, Held
from softmound.core.library import asset
from softmound.core.library.asset import publish, recipe_mark
from softmound.core.library.folders import file_name, next_version, sweep_leftovers
from softmound.core.library.shelf import listed, read_version, verify
from softmound.core.recipe import Problem, read_mound, write_mound
from softmound.core.volume.reference import vdb
from tests.long import long
from tests.scenes import ball_mound, dense_of, lumpy_mound

ROOT = pathlib.Path(__file__).parent.parent

KILLED = """
import os, sys
from softmound.core.ticket import Ticket
from softmound.core.library.asset import publish
from softmound.core.recipe import read_mound
left = int(sys.argv[3])
def told(*_):
    global left
    left -= 1
    if left < 0:
        os._exit(9)
publish(read_mound(sys.argv[1]), sys.argv[2], voxel=1.5, ticket=Ticket(told))
print("published")
"""


class Publishing(unittest.TestCase):
    def setUp(self):
        self._folder = tempfile.TemporaryDirectory()
        self.library = pathlib.Path(self._folder.name) / "library"

    def tearDown(self):
        self._folder.cleanup()

    def test_a_version_holds_everything(self):
        mound = lumpy_mound()
        folder = publish(mound, self.library)
        self.assertEqual(folder, self.library / "lumpy" / "v001")
        self.assertEqual(sorted(p.name for p in folder.iterdir()),
                         ["asset.json", "handoff.txt", "lumpy.mound", "lumpy.usda", "lumpy.vdb", "thumb.png"])
        self.assertEqual(read_mound(folder / "lumpy.mound"), mound)
        facts = json.loads((folder / "asset.json").read_text())
        grid = density_grid(mound, mound.voxels.final)
        dense, _ = dense_of(grid)
        live = dense[dense > 0]
        self.assertEqual(facts["unit"], "m")
        self.assertEqual(facts["voxel"], 0.8)
        self.assertEqual(facts["active_voxels"], len(live))
        np.testing.assert_allclose(facts["range"], [live.min(), live.max()])
        np.testing.assert_allclose(facts["bounds"], [grid.world(c) for c in grid.active_bounds()], atol=1e-6)
        self.assertEqual(facts["extinction"], 0.6)
        self.assertEqual(facts["seeds"], [5, 9, 3])
        self.assertEqual(facts["recipe"], recipe_mark(mound))

    def test_one_that_gives_up_beside_it_takes_nothing_from_it(self):
        claimed, times = asset.claimed_folder, []

        def taken_away(library, name):
            folder = claimed(library, name)
            if not times:  # another process had claimed the same name, failed, and tidied up
                shutil.rmtree(folder)
            times.append(folder)
            return folder

        with mock.patch.object(asset, "claimed_folder", taken_away):
            folder = publish(lumpy_mound(), self.library)
        self.assertEqual(len(times), 2)
        self.assertEqual(read_mound(folder / "lumpy.mound"), lumpy_mound())

    def test_the_grid_is_the_clouds(self):
        mound = lumpy_mound()
        folder = publish(mound, self.library, options=ExportOptions(half=False))
        stored = vdb.read(str(folder / "lumpy.vdb"), "density")
        dense, low = dense_of(density_grid(mound, 0.8))
        got = np.empty_like(dense)
        stored.copyToArray(got, ijk=tuple(int(x) for x in low))
        np.testing.assert_array_equal(got, dense)
        self.assertEqual(stored["unit"], "m")

    def test_checksums_by_another_reading(self):
        folder = publish(ball_mound(), self.library)
        for name, facts in read_version(folder).facts["files"].items():
            content = (folder / name).read_bytes()
            self.assertEqual(facts["sha256"], hashlib.sha256(content).hexdigest())
            self.assertEqual(facts["bytes"], len(content))

    def test_versions_count_up_and_never_overwrite(self):
        first = publish(ball_mound(), self.library)
        before = (first / "asset.json").read_bytes()
        second = publish(ball_mound(9.0), self.library)
        self.assertEqual((first.name, second.name), ("v001", "v002"))
        self.assertEqual((first / "asset.json").read_bytes(), before)
        first.rename(first.with_name("v007"))
        self.assertEqual(publish(ball_mound(), self.library).name, "v008")
        self.assertEqual(next_version(self.library / "nobody"), 1)

    def test_the_same_recipe_gives_the_same_asset(self):
        a, b = (publish(lumpy_mound(), self.library) for _ in range(2))
        files = [read_version(f).facts["files"] for f in (a, b)]
        for name in ("lumpy.mound", "thumb.png"):
            self.assertEqual(files[0][name], files[1][name])

    def test_names_become_folders(self):
        for name, folder in (("Cottage Loaf", "cottage_loaf"), ("Été 3!", "ete_3"), ("...", "cloud"),
                             ("..", "cloud"), ("A-B", "a_b")):
            self.assertEqual(file_name(name), folder)

    def test_nothing_to_publish(self):
        mound = ball_mound()
        with self.assertRaises(Problem) as caught:
            publish(mound.edited(mass=mound.mass.edited(forms=())), self.library)
        self.assertIn("no cloud", str(caught.exception))
        self.assertFalse(self.library.exists())

    def test_too_large_to_publish(self):
        with self.assertRaises(Problem) as caught:
            publish(ball_mound(15_000.0), self.library, voxel=0.5)
        self.assertIn("smallest voxel that fits", str(caught.exception))
        self.assertFalse(self.library.exists())

    def test_a_library_that_cannot_be_made(self):
        blocked = pathlib.Path(self._folder.name) / "file"
        blocked.write_text("in the way")
        with self.assertRaises(Problem) as caught:
            publish(ball_mound(), blocked / "library")
        self.assertIn("could not be published to", str(caught.exception))

    @long
    def test_killed_at_every_step_leaves_the_old_state_or_the_new(self):
        source = pathlib.Path(self._folder.name) / "bun.mound"
        write_mound(source, ball_mound())
        first = publish(ball_mound(), self.library, voxel=1.5)
        before = {p.name: p.read_bytes() for p in first.iterdir()}
        done, steps = False, 0
        while not done:
            steps += 7
            run = subprocess.run([sys.executable, "-c", KILLED, str(source), str(self.library), str(steps)],
                                 cwd=ROOT, capture_output=True, text=True, timeout=120)
            done = "published" in run.stdout
            self.assertEqual(run.returncode, 0 if done else 9, run.stderr)
            asset = self.library / "test_bun"
            versions = sorted(p.name for p in asset.glob("v*"))
            self.assertEqual(versions, ["v001", "v002"] if done else ["v001"])
            for name in versions:
                verify(asset / name)
            self.assertEqual({p.name: p.read_bytes() for p in first.iterdir()}, before)
            self.assertEqual(len(listed(self.library)), len(versions))
        self.assertGreater(steps, 14)
        # The last one swept what the killed ones had left.
        self.assertEqual(sorted(p.name for p in asset.iterdir()), [".id", ".name", "v001", "v002"])

    def test_leftovers_of_a_living_process_stay(self):
        asset = self.library / "bun"
        for name in ("lives", "killed", "begins", "old"):
            (asset / f".publishing-{name}").mkdir(parents=True)
        # Whoever holds the mark lives, whatever its number; a folder that has none yet was made a moment ago.
        held = Held(asset / ".publishing-lives" / MARK)
        self.addCleanup(held.close)
        Held(asset / ".publishing-killed" / MARK).close()
        os.utime(asset / ".publishing-old", (0, 0))
        sweep_leftovers(asset)
        self.assertEqual(sorted(p.name for p in asset.iterdir()), [".publishing-begins", ".publishing-lives"])


class Shelf(unittest.TestCase):
    def setUp(self):
        self._folder = tempfile.TemporaryDirectory()
        self.library = pathlib.Path(self._folder.name)
        self.folder = publish(ball_mound(), self.library, voxel=1.5)

    def tearDown(self):
        self._folder.cleanup()

    def test_a_whole_version_verifies(self):
        self.assertEqual(verify(self.folder).number, 1)

    def test_every_change_is_noticed(self):
        for name in ("test_bun.vdb", "test_bun.mound", "thumb.png"):
            path = self.folder / name
            content = path.read_bytes()
            for changed in (content + b"x", content[:-1], content[:40] + b"?" + content[41:]):
                path.write_bytes(changed)
                with self.assertRaises(Problem) as caught:
                    verify(self.folder)
                self.assertIn(name, str(caught.exception))
            path.unlink()
            with self.assertRaises(Problem) as caught:
                verify(self.folder)
            self.assertIn("missing", str(caught.exception))
            path.write_bytes(content)
        verify(self.folder)

    def test_damaged_facts(self):
        path = self.folder / "asset.json"
        for content in ("", "{", "[]", "{}", '{"name": "x"}'):
            path.write_text(content)
            with self.assertRaises(Problem):
                read_version(self.folder)
            self.assertEqual(listed(self.library), [])
        path.unlink()
        with self.assertRaises(Problem) as caught:
            verify(self.folder)
        self.assertIn("asset.json", str(caught.exception))

    def test_facts_may_not_point_elsewhere(self):
        path = self.folder / "asset.json"
        facts = json.loads(path.read_text())
        facts["files"]["../../../etc/hostname"] = {"bytes": 1, "sha256": "0"}
        path.write_text(json.dumps(facts))
        with self.assertRaises(Problem):
            verify(self.folder)

    def test_listing_is_newest_first(self):
        publish(ball_mound().edited(name="Second"), self.library, voxel=1.5)
        self.assertEqual([v.facts["name"] for v in listed(self.library)], ["Second", "Test Bun"])
        self.assertEqual(listed(self.library / "nowhere"), [])
        version = listed(self.library)[1]
        self.assertTrue(version.thumb.exists() and version.mound.exists())
        self.assertEqual(version.bytes, (self.folder / "test_bun.vdb").stat().st_size)


if __name__ == "__main__":
    unittest.main()
