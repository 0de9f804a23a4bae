"""What a file of ours can reach on the disk: its own folder, plain files, and nothing that it merely names."""

import hashlib
import json
import os
import pathlib
import shutil
import tempfile
import threading
import unittest
from unittest import mock

import numpy as np

from softmound.core import regular
from softmound.core.growth.growing import grown
from softmound.core.growth.kept import KeptGrowth
from softmound.core.library.asset import About, publish
from softmound.core.library.changing import brought_back, dropped, mended, retold
from softmound.core.library.folders import seal_of
from softmound.core.library.keeping import health, rebuilt
from softmound.core.library.queue import Queue
from softmound.core.library.receiving import received
from softmound.core.library.shelf import listed, read_version, verify
from softmound.core.problems import Problem
from softmound.core.recipe.time import Growth
from tests.scenes import ball_mound

VICTIM = b"all that somebody has"


class Regular(unittest.TestCase):
    def setUp(self):
        self.folder = pathlib.Path(self.enterContext(tempfile.TemporaryDirectory()))

    def test_plain_names(self):
        for name in ("cloud.vdb", "Wölkchen 2.mound", "a" * 255):
            self.assertTrue(regular.is_plain(name), name)
        for name in ("", ".", "..", ".name", "a/b", "../a", "/a", "a\\b", "a\0b", "a\nb", "a" * 256):
            self.assertFalse(regular.is_plain(name), name)

    def test_pipes_devices_and_files_without_end(self):
        pipe = self.folder / "pipe"
        os.mkfifo(pipe)
        for path in (pipe, "/dev/zero", "/dev/tty", "/dev/null"):
            with self.subTest(path), self.assertRaises((Problem, OSError)):
                regular.read(path)
        large = self.folder / "large"
        with open(large, "wb") as file:
            file.truncate(regular.SMALL + 1)
        with self.assertRaisesRegex(Problem, "larger"):
            regular.read(large)
        for path in ("/proc/self/mem", "/proc/kmsg"):
            self.assertEqual(regular.read(path), b"", path)

    def test_links_are_followed_only_where_a_file_is_no_part_of_its_folder(self):
        (self.folder / "own").write_bytes(VICTIM)
        (self.folder / "link").symlink_to(self.folder / "own")
        self.assertEqual(regular.read(self.folder / "link"), VICTIM)
        with self.assertRaisesRegex(Problem, "link"):
            regular.read(self.folder / "link", inside=True)

    def test_a_folder_that_is_swapped_is_still_the_one_that_was_opened(self):
        inside, outside = self.folder / "inside", self.folder / "outside"
        for place in (inside, outside):
            place.mkdir()
            (place / "part").write_bytes(VICTIM)
        with regular.Folder(inside) as parts:
            inside.rename(self.folder / "elsewhere")
            inside.symlink_to(outside)
            parts.write("part", b"new")
            self.assertEqual(parts.read("part"), b"new")
            parts.remove("part")
        self.assertEqual((outside / "part").read_bytes(), VICTIM)
        self.assertFalse((self.folder / "elsewhere" / "part").exists())


class Reach(unittest.TestCase):
    """A library with one version in two tiers, and a victim beside it."""

    @classmethod
    def setUpClass(cls):
        cls.kept = pathlib.Path(cls.enterClassContext(tempfile.TemporaryDirectory()))
        publish(ball_mound(), cls.kept / "library", 2.0, tiers=(1, 2))

    def setUp(self):
        self.place = pathlib.Path(self.enterContext(tempfile.TemporaryDirectory()))
        self.library = self.place / "library"
        shutil.copytree(self.kept / "library", self.library)
        self.version = next(self.library.glob("*/v001"))
        self.victim = self.place / "victim.vdb"
        self.victim.write_bytes(VICTIM)

    def forge(self, change, sealed=True):
        path = self.version / "asset.json"
        facts = json.loads(path.read_text())
        change(facts)
        if sealed:
            facts["seal"] = seal_of(facts)
        path.write_text(json.dumps(facts))

    def unhurt(self):
        self.assertEqual(self.victim.read_bytes(), VICTIM)

    def test_a_tier_elsewhere(self):
        for away in ("../../../victim.vdb", str(self.victim), "..", ".hidden", "a/../victim.vdb"):
            for sealed in (True, False):
                def elsewhere(facts):
                    facts["tiers"][0]["file"] = away
                    facts["files"][away] = {"bytes": len(VICTIM), "sha256": hashlib.sha256(VICTIM).hexdigest()}

                self.forge(elsewhere, sealed)
                with self.subTest(away, sealed=sealed):
                    for act in (read_version, verify, mended):
                        with self.assertRaisesRegex(Problem, "plain name"):
                            act(self.version)
                    self.assertEqual(listed(self.library), [])
                    self.assertEqual(len(health(self.library, mend=True)["problems"]), 1)
                    self.unhurt()

    def test_a_broken_seal_stops_whatever_changes_something(self):
        self.forge(lambda facts: facts.update(note="forged"), sealed=False)
        version = read_version(self.version)
        before = {path.name: path.read_bytes() for path in self.version.iterdir()}
        for act in (lambda: dropped(version, [1]), lambda: retold(version, About(note="n")), lambda: brought_back(version, [1]),
                    lambda: mended(self.version)):
            with self.assertRaisesRegex(Problem, "not what was published"):
                act()
        self.assertEqual({path.name: path.read_bytes() for path in self.version.iterdir()}, before)

    def test_a_link_in_the_place_of_a_file(self):
        version = read_version(self.version)
        for name in version.facts["files"]:
            part = self.version / name
            content = part.read_bytes()
            part.unlink()
            self.victim.write_bytes(content)  # even with the very bytes
            part.symlink_to(self.victim)
            with self.subTest(name):
                with self.assertRaisesRegex(Problem, "missing"):
                    verify(self.version)
                mended(self.version)
                self.assertEqual(self.victim.read_bytes(), content)
            part.unlink(missing_ok=True)
            part.write_bytes(content)
        tier = version.vdb(1)
        tier.unlink()
        tier.symlink_to(self.victim)
        for act in (lambda: received(version, 1, size=(32, 20)), lambda: rebuilt(version)):
            with self.assertRaisesRegex(Problem, "link"):
                act()

    def test_a_link_is_replaced_and_not_written_through(self):
        version = read_version(self.version)
        version = dropped(version, [1])
        version.folder.joinpath(version._published[1]).symlink_to(self.victim)
        again = brought_back(version)
        self.unhurt()
        self.assertFalse(again.vdb(1).is_symlink())
        verify(self.version)

    def test_a_version_swapped_while_its_tier_is_dropped(self):
        version = read_version(self.version)
        name = version.tiers[1]
        other = self.place / "other"
        other.mkdir()
        (other / name).write_bytes(VICTIM)
        (other / "asset.json").write_bytes((self.version / "asset.json").read_bytes())
        real = regular.Folder.write

        def swapped(parts, *given):
            if self.version.is_symlink() is False:
                self.version.rename(self.place / "gone")
                self.version.symlink_to(other)
            real(parts, *given)

        # What an attacker does between two steps; the steps themselves are the real ones.
        with mock.patch.object(regular.Folder, "write", swapped):
            dropped(version, [1])
        self.assertEqual((other / name).read_bytes(), VICTIM)
        self.assertFalse((self.place / "gone" / name).exists())

    def test_a_version_swapped_before_its_tier_is_dropped(self):
        version = read_version(self.version)
        other = self.place / "other"
        other.mkdir()
        (other / version.tiers[1]).write_bytes(VICTIM)
        (other / "asset.json").write_text("{}")
        self.version.rename(self.place / "gone")
        self.version.symlink_to(other)
        with self.assertRaisesRegex(Problem, "meanwhile"):
            dropped(version, [1])
        self.assertEqual((other / version.tiers[1]).read_bytes(), VICTIM)

    def test_pipes_and_large_pages_of_facts(self):
        facts = self.version / "asset.json"
        content = facts.read_bytes()
        facts.unlink()
        os.mkfifo(facts)
        ended = threading.Thread(target=lambda: (listed(self.library), health(self.library)), daemon=True)
        ended.start()
        ended.join(30.0)
        self.assertFalse(ended.is_alive(), "a pipe is waited for")
        facts.unlink()
        facts.write_bytes(content + b" " * regular.SMALL)
        with self.assertRaisesRegex(Problem, "larger"):
            read_version(self.version)

    def test_the_file_of_a_name_that_cannot_be_read_is_nobodys(self):
        (self.version.parent / ".name").unlink()
        os.mkfifo(self.version.parent / ".name")
        folder = publish(ball_mound(), self.library, 4.0)
        self.assertNotEqual(folder.parent, self.version.parent)

    def test_facts_that_cannot_be(self):
        def put(**changes):
            return lambda facts: facts.update(changes)

        for change in (put(voxel=float("nan")), put(voxel=-1.0), put(bounds=[[0.0] * 3]), put(extinction=1e9), put(name="../x"),
                       put(in_file={"unit": "parsec"}), put(tiers=[]) and put(files={}), put(dropped=[-1]),
                       put(frames={"first": 0, "last": 10**12, "rate": 24.0, "missing": []}),
                       put(frames={"first": 1, "last": 2, "rate": 24.0, "missing": [1, 2]})):
            with self.subTest(change), tempfile.TemporaryDirectory() as aside:
                copy = pathlib.Path(aside, "v001")
                shutil.copytree(self.version, copy)
                facts = json.loads((copy / "asset.json").read_text())
                change(facts)
                (copy / "asset.json").write_text(json.dumps(facts))
                with self.assertRaises(Problem):
                    read_version(copy)

    def test_the_same_bytes_come_back(self):
        version = read_version(self.version)
        wanted = {name: (self.version / name).read_bytes() for name in version.tiers.values()}
        sums = version.facts["files"]
        version = dropped(version, [1])
        self.assertFalse((self.version / version._published[1]).exists())
        version = brought_back(version)
        self.assertEqual({name: (self.version / name).read_bytes() for name in wanted}, wanted)
        self.assertEqual(version.facts["files"], sums)

    def test_a_damaged_queue(self):
        queue = Queue(self.place / "queue")
        queue.add(ball_mound(), self.library)
        page = next((self.place / "queue").glob("*/*.json"))
        folder = page.parent
        os.mkfifo(folder / "pipe.json")
        (folder / "deep.json").write_text("[" * 100_000)
        (folder / "linked.json").symlink_to(page)
        self.assertEqual(len(queue.kept()), 1)
        queue.close()


class Growths(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.kept = pathlib.Path(cls.enterClassContext(tempfile.TemporaryDirectory())) / "grown"
        cls.mound = ball_mound().edited(growth=Growth(seconds=0.1, cell=20.0))
        grown(cls.mound, cls.kept, 24.0)

    def setUp(self):
        self.folder = pathlib.Path(self.enterContext(tempfile.TemporaryDirectory())) / "grown"
        shutil.copytree(self.kept, self.folder)

    def test_facts_that_cannot_be(self):
        path = self.folder / "growth.json"
        facts = json.loads(path.read_text())
        for changes in ({"rate": float("nan")}, {"rate": -1.0}, {"rate": 1e300}, {"shape": [10**6] * 3}, {"shape": [0, 1, 1]},
                        {"cell": 0.0}, {"cell": float("inf")}, {"last": 10**9}, {"origin": [float("nan")] * 3}, {"format": 3}):
            with self.subTest(changes):
                path.write_text(json.dumps({**facts, **changes}))
                with self.assertRaisesRegex(Problem, "growth.json"):
                    KeptGrowth(self.folder)

    def test_frames_that_are_no_frames(self):
        kept = KeptGrowth(self.folder)
        path = self.folder / "frame_00001.npz"
        whole = path.read_bytes()
        with np.load(path) as held:
            arrays = {name: held[name] for name in held.files}
        wrong = {"low": {"low": np.array([10**9, 0, 0])}, "shape": {"flow": arrays["flow"][:-1]},
                 "flat": {"cloud": arrays["cloud"][0]}, "words": {"low": np.array(["a", "b", "c"])},
                 "NaN": {"cloud": np.full_like(arrays["cloud"], np.nan)}}
        contents = {"cut": whole[:len(whole) // 2], "empty": b"", "garbage": bytes(range(256)) * 9}
        for name, change in wrong.items():
            np.savez(path, **{**arrays, **change})
            contents[name] = path.read_bytes()
        np.savez_compressed(path, **{**arrays, "cloud": np.zeros((600, 300, 300), np.float16)})
        contents["bomb"] = path.read_bytes()
        for name, content in contents.items():
            with self.subTest(name):
                path.write_bytes(content)
                with self.assertRaisesRegex(Problem, "damaged"):
                    kept.frame(1)
        path.unlink()
        path.symlink_to(self.folder / "frame_00000.npz")
        with self.assertRaisesRegex(Problem, "link"):
            kept.frame(1)

    def test_going_on_where_another_grows_leaves_it(self):
        before = {path.name: path.read_bytes() for path in self.folder.iterdir()}
        for other in (self.mound.edited(growth=Growth(seconds=0.2, cell=20.0)), self.mound.edited(mass=self.mound.mass.edited(
                forms=(self.mound.mass.forms[0].edited(radii=(9.0, 9.0, 9.0)),)))):
            with self.assertRaisesRegex(Problem, "another growth"):
                grown(other, self.folder, 24.0, going_on=True)
        self.assertEqual({path.name: path.read_bytes() for path in self.folder.iterdir()}, before)

    def test_a_copy_of_a_growth_removes_nothing_of_others(self):
        target = self.folder.parent / "target"
        target.mkdir()
        np.savez(target / "mine.npz", a=np.zeros(3))
        KeptGrowth(self.folder).copied(target, 1)
        self.assertTrue((target / "mine.npz").exists())
        self.assertTrue((target / "frame_00001.npz").exists())


if __name__ == "__main__":
    unittest.main()
