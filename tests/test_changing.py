"""What changes of a version once it is published, sequences, what waits, and jobs on other machines."""

import json
import os
import pathlib
import subprocess
import sys
import time
import unittest

import numpy as np
from distributed import LocalCluster

from softmound.cli import main
from softmound.core.engine.density import density_grid
from softmound.core.engine.stages import Stages
from softmound.core.exchange.export import ExportOptions
from softmound.core.exchange.foreign import read_vdb
from softmound.core.exchange.numbered import Frames, files_of, frame_name, later
from softmound.core.exchange.vdb import write_vdb
from softmound.core.formation.standing import identified, sources_of
from softmound.core.grain.actions.push import Push
from softmound.core.library.adopting import adopt
from softmound.core.library.asset import About, publish
from softmound.core.library.batch import jobs_of, published_all
from softmound.core.library.changing import brought_back, dropped, mended, renamed, retold
from softmound.core.library.handoff import HANDOFF
from softmound.core.library.index import Index
from softmound.core.library.keeping import health, rebuilt
from softmound.core.library.placement import in_file_of
from softmound.core.library.queue import Queue
from softmound.core.library.receiving import received
from softmound.core.library.shelf import listed, of_asset, read_version, verify
from softmound.core.recipe import Problem, read_mound, write_mound
from softmound.core.recipe.flock import Asset, Flock, Member
from softmound.core.ticket import Stopped, Ticket
from softmound.core.volume.bricks import BrickGrid
from softmound.core.volume.digest import values_digest
from tests.long import long
from tests.scenes import ball_mound, box_grid, dense_of, lumpy_mound, random_grid, said
from tests.test_shelf import ROOT, Shelf


class Digests(unittest.TestCase):
    def test_it_tells_values_and_places_but_not_the_order_of_bricks(self):
        grid = random_grid(5)
        turned = BrickGrid(grid.voxel, grid.coords[::-1].copy(), grid.values[::-1].copy(), grid.tile_coords[::-1].copy(),
                           grid.tile_values[::-1].copy(), 0.0, grid.offset)
        self.assertEqual(values_digest(turned), values_digest(grid))
        other = grid.values.copy()
        other[0, 7] += 0.01
        changed = [BrickGrid(grid.voxel, grid.coords, other, grid.tile_coords, grid.tile_values, 0.0, grid.offset),
                   BrickGrid(grid.voxel, grid.coords, grid.values, grid.tile_coords, grid.tile_values, 0.0, (1.0, 0.0, 0.0)),
                   BrickGrid(grid.voxel * 2, grid.coords, grid.values, grid.tile_coords, grid.tile_values, 0.0, grid.offset)]
        self.assertEqual(len({values_digest(g) for g in (grid, *changed)}), 4)
        self.assertNotEqual(values_digest(grid, half=False), values_digest(grid))


class Changing(Shelf):
    def test_what_is_said_changes_and_nothing_else(self):
        version = read_version(self.publish(about=About(tags=("hero",), note="first"), tiers=(1, 2)))
        after = retold(version, About(tags=("far", "soft"), licence="ours"))
        self.assertEqual((after.facts["tags"], after.facts["note"], after.facts["licence"]), (["far", "soft"], "", "ours"))
        verify(after.folder)
        page = (after.folder / HANDOFF).read_text()
        self.assertIn("Tags: far, soft", page)
        self.assertNotIn("first", page)
        for name in after.facts["files"]:
            if name != HANDOFF:
                self.assertEqual(after.facts["files"][name], version.facts["files"][name])

    def test_a_killed_change_is_put_right_from_the_facts(self):
        version = read_version(self.publish(tiers=(1, 2)))
        before = (version.folder / HANDOFF).read_bytes()
        retold(version, About(note="second"))
        # As if it had been killed between the facts and the page.
        (version.folder / HANDOFF).write_bytes(before)
        self.assertRaises(Problem, verify, version.folder)
        self.assertEqual(mended(version.folder), [HANDOFF])
        verify(version.folder)
        self.assertEqual(mended(version.folder), [])

    def test_an_asset_is_who_it_is_whatever_it_is_called(self):
        self.publish(name="Loaf")
        self.publish(name="Loaf")
        mark = of_asset(self.library, "Loaf")[0].facts["id"]
        self.assertEqual([v.facts["id"] for v in of_asset(self.library, "Loaf")], [mark, mark])
        flock = identified(Flock(members=(Member(asset=Asset(name="Loaf")),)), self.library)
        self.assertEqual(flock.ids, (("Loaf", mark),))
        renamed(self.library, "Loaf", "Roll")
        renamed(self.library, "Roll", "Bun")
        # Somebody else takes the first name: who knows the id finds the first asset, who does not the one of that name.
        self.publish(name="Loaf")
        found = {known: of_asset(self.library, "Loaf", known)[-1].facts["name"] for known in (mark, "")}
        self.assertEqual(found, {mark: "Bun", "": "Loaf"})
        self.assertEqual(sources_of(flock, self.library)[Asset(name="Loaf")].name, "Bun")
        self.assertEqual([v.facts["id"] for v in of_asset(self.library, "Roll")], [mark, mark])
        # It goes on being who it is: the next version, a round of names, and one that is back at its first.
        self.publish(name="Bun")
        self.assertEqual(of_asset(self.library, "Bun")[-1].facts["id"], mark)
        renamed(self.library, "Loaf", "Crust")
        renamed(self.library, "Bun", "Loaf")
        self.assertEqual(len(of_asset(self.library, "Loaf", mark)), 3)
        self.assertEqual(of_asset(self.library, "Loaf", "0" * 16), [])
        for version in of_asset(self.library, "Loaf", mark):
            verify(version.folder)

    def test_a_dropped_tier_is_no_variant_of_the_scene(self):
        version = read_version(self.publish(name="Loaf", tiers=(1, 2)))
        scene = version.folder / "loaf.usda"
        dropped(version, (1,))
        self.assertEqual((scene.read_text().count("asset filePath"), "one_in_2" in scene.read_text()), (1, True))
        self.assertNotIn("loaf.vdb", scene.read_text())
        brought_back(read_version(version.folder))
        self.assertEqual(scene.read_text().count("asset filePath"), 2)

    def test_a_new_name_for_all_versions(self):
        folders = [self.publish(name="Loaf"), self.publish(name="Loaf")]
        self.publish(name="Other")
        self.assertRaises(Problem, renamed, self.library, "Nobody", "Loaf")
        self.assertRaises(Problem, renamed, self.library, "Loaf", " ")
        # Not onto versions that another asset has.
        with self.assertRaises(Problem) as caught:
            renamed(self.library, "Loaf", "Other")
        self.assertIn("v001", str(caught.exception))
        found = renamed(self.library, "Loaf", "Country Loaf")
        self.assertEqual(found, [self.library / "country_loaf" / folder.name for folder in folders])
        self.assertFalse((self.library / "loaf").exists())
        for folder in found:
            facts = verify(folder).facts
            self.assertEqual((facts["name"], facts["called_before"]), ("Country Loaf", ["Loaf"]))
        # What is published next under the new name goes on counting; the old name begins anew.
        self.assertEqual(self.publish(name="Country Loaf").name, "v003")
        self.assertEqual(self.publish(name="Loaf"), self.library / "loaf" / "v001")

    def test_a_renaming_that_was_cut_short_goes_on(self):
        folders = [self.publish(name="Loaf") for _ in range(3)]
        renamed(self.library, "Loaf", "Roll")
        # Two of them as they would stand after a kill: facts written, not yet moved; and neither.
        for number in (2, 3):
            (self.library / "loaf").mkdir(exist_ok=True)
            (self.library / "roll" / f"v00{number}").rename(folders[number - 1])
        (self.library / "loaf" / ".name").write_text("Loaf")
        retold(read_version(folders[2]), About())
        found = renamed(self.library, "Loaf", "Roll")
        self.assertEqual([f.name for f in found], ["v002", "v003"])
        self.assertEqual({v.facts["name"] for v in listed(self.library)}, {"Roll"})
        self.assertEqual(len(listed(self.library / ".")), 3)

    def test_dropped_tiers_come_back_with_the_same_values(self):
        version = read_version(self.publish(lumpy_mound(), tiers=(1, 2, 4), voxel=1.2))
        files = {n: read_vdb(version.vdb(n)) for n in (1, 2)}
        self.assertRaises(Problem, dropped, version, (1, 2, 4))
        self.assertRaises(Problem, dropped, version, (8,))
        after = dropped(version, (1, 2))
        self.assertFalse((version.folder / "loaf.vdb").exists() or (version.folder / "loaf_2.vdb").exists())
        self.assertEqual((sorted(after.tiers), after.dropped), ([4], [1, 2]))
        self.assertEqual(after.bytes, version.vdb(4).stat().st_size)
        verify(after.folder)
        self.assertEqual(rebuilt(after)["same"], True)
        with self.assertRaises(Problem) as caught:
            after.vdb(1)
        self.assertIn("library bring", str(caught.exception))
        back = brought_back(after)
        verify(back.folder)
        self.assertEqual((sorted(back.tiers), back.dropped), ([1, 2, 4], []))
        for times, before in files.items():
            for one, other in zip(dense_of(before), dense_of(read_vdb(back.vdb(times)))):
                np.testing.assert_array_equal(one, other)

    def test_another_recipe_does_not_bring_them_back(self):
        version = dropped(read_version(self.publish(lumpy_mound(), tiers=(1, 4), voxel=1.5)), (1,))
        write_mound(version.mound, read_mound(version.mound).edited(grains=()))
        with self.assertRaises(Problem) as caught:
            brought_back(version)
        self.assertIn("other values", str(caught.exception))
        self.assertEqual(read_version(version.folder).dropped, [1])

    def test_health_mends_what_it_can(self):
        lost, adopted = self.publish(name="Lost", tiers=(1, 2)), self.folder / "strange.vdb"
        (lost / "lost.vdb").unlink()
        write_vdb(adopted, box_grid((0, 0, 0), (15, 15, 15), 0.5))
        strange = adopt(adopted, self.library, "Strange")
        (strange / "strange.vdb").write_bytes(b"x")
        report = health(self.library, mend=True)
        self.assertEqual((report["as_published"], len(report["mended"])), (1, 1))
        self.assertIn("lost.vdb", report["mended"][0])
        self.assertIn("strange.vdb", report["problems"][0])
        verify(lost)

    def test_from_the_command_line(self):
        self.publish(tiers=(1, 2))
        shelf = str(self.library)
        code, out, err = said(main, ["library", "say", shelf, "Loaf", "--tags", "a,b", "--author", "me", "--json"])
        self.assertEqual((code, json.loads(out)["tags"]), (0, ["a", "b"]), err)
        self.assertEqual(said(main, ["library", "say", shelf, "Loaf"])[0], 2)
        code, out, err = said(main, ["library", "drop", shelf, "Loaf", "--tiers", "1", "--json"])
        self.assertEqual((code, json.loads(out)["tiers"]), (0, [2]), err)
        self.assertEqual(said(main, ["library", "bring", shelf, "Loaf", "--tiers", "2"])[0], 2)
        code, out, err = said(main, ["library", "bring", shelf, "Loaf", "--json"])
        self.assertEqual((code, json.loads(out)["tiers"]), (0, [1, 2]), err)
        code, out, err = said(main, ["library", "rename", shelf, "Loaf", "Roll", "--json"])
        self.assertEqual((code, json.loads(out)["folders"]), (0, [str(self.library / "roll" / "v001")]), err)
        code, out, err = said(main, ["library", "health", shelf, "--mend", "--json"])
        self.assertEqual((code, json.loads(out)["problems"]), (0, []), err)


class Written(Shelf):
    """Files in another unit, with another axis up and another origin."""

    def test_they_are_read_back_to_where_the_mound_has_it(self):
        plain = read_version(self.publish(lumpy_mound(), voxel=1.5, tiers=(1, 2)))
        options = ExportOptions("z", "cm", "base", False, "smoke")
        version = verify(self.publish(lumpy_mound(), voxel=1.5, tiers=(1, 2), options=options))
        facts = version.facts
        self.assertEqual((facts["grid"], facts["half"], facts["in_file"]["unit"], facts["in_file"]["up"]),
                         ("smoke", False, "cm", "z"))
        self.assertEqual(facts["bounds"], plain.facts["bounds"])
        for times in (1, 2):
            raw = read_vdb(version.vdb(times), "smoke")
            self.assertAlmostEqual(raw.voxel, 150.0 * times, places=3)
            low, high = (raw.world(corner) for corner in raw.active_bounds())
            # The middle of the underside is the origin, z goes up; a tier's voxels are wider than the full grid's.
            self.assertLess(np.abs((low + high)[:2]).max(), 151.0 * times)
            self.assertLess(abs(low[2] - raw.voxel / 2), 151.0 * times)
            back, want = in_file_of(facts).read(raw), read_vdb(plain.vdb(times))
            for one, other in zip(back.active_bounds(), want.active_bounds()):
                np.testing.assert_allclose(back.world(one), want.world(other), atol=2e-3)
            np.testing.assert_allclose(dense_of(back)[0], dense_of(want)[0], atol=6e-4)
            self.assertLess(received(version, times, size=(48, 32)).facts["off_by"], 1.6 * times)
        self.assertTrue(rebuilt(version)["same"])
        page = (version.folder / HANDOFF).read_text()
        self.assertIn(f"Extinction is {facts['extinction'] / 100.0:.6g} per cm", page)
        scene = (version.folder / "loaf.usda").read_text()
        self.assertIn("metersPerUnit = 0.01", scene)
        self.assertIn('upAxis = "Z"', scene)
        # Dropped files come back as they were written.
        before = dense_of(read_vdb(version.vdb(1), "smoke"))
        back = brought_back(dropped(version, (1,)))
        np.testing.assert_array_equal(dense_of(read_vdb(back.vdb(1), "smoke"))[0], before[0])

    @long
    def test_from_the_command_line(self):
        mound = self.folder / "ball.mound"
        write_mound(mound, ball_mound())
        code, out, err = said(main, ["publish", str(mound), "--library", str(self.library), "--voxel", "2", "--unit", "ft",
                                     "--full", "--origin", "centre", "--grid", "cloud", "--species", "humilis", "--json"])
        facts = json.loads(out)
        self.assertEqual((code, facts["in_file"]["unit"], facts["half"], facts["grid"], facts["species"]),
                         (0, "ft", False, "cloud", "humilis"), err)
        # A batch, in processes of its own, does the same.
        code, out, err = said(main, ["publish", str(mound), "--library", str(self.library), "--voxel", "2.5", "--unit", "ft",
                                     "--seeds", "0-1", "--workers", "2", "--grid", "cloud", "--json"])
        self.assertEqual(code, 0, err)
        self.assertEqual({v.facts["in_file"]["unit"] for v in listed(self.library)}, {"ft"})
        with Index(self.library, self.index) as index:
            index.refresh()
            self.assertEqual(len(index.search(species=("humilis",))), 1)
            self.assertEqual(len(index.search("humil")), 1)


class Troubles(Shelf):
    """A disk that is full, a library that goes away, a clock that is set back."""

    def test_a_batch_on_a_full_disk_says_so_and_leaves_what_was_there(self):
        mound = self.folder / "lumps.mound"
        write_mound(mound, lumpy_mound())
        first = self.publish(ball_mound())
        code = f"""
import resource, signal, sys
signal.signal(signal.SIGXFSZ, signal.SIG_IGN)
resource.setrlimit(resource.RLIMIT_FSIZE, (30_000, 30_000))
from softmound.cli import main
sys.exit(main(["publish", {str(mound)!r}, "--library", {str(self.library)!r}, "--voxel", "1.0", "--seeds", "0-2", "--quiet"]))
"""
        child = subprocess.run([sys.executable, "-c", code], cwd=ROOT, capture_output=True, text=True)
        self.assertEqual((child.returncode, len(child.stderr.strip().splitlines())), (2, 1), child.stderr)
        self.assertIn("3 of 3 could not be published", child.stderr)
        self.assertEqual([v.folder for v in listed(self.library)], [first])
        self.assertEqual(list(self.library.glob("*/.publishing-*")), [])

    def test_a_library_that_goes_away_in_the_middle(self):
        mound = self.folder / "lumps.mound"
        write_mound(mound, lumpy_mound())
        away, told = self.folder / "away", []

        def gone(*what):
            told.append(what)
            if len(told) == 1:
                self.library.rename(away)
                self.library.write_text("a file where the library was")

        found = published_all(jobs_of([mound], range(3), voxel=3.0), self.library, told=gone)
        self.assertEqual(found, (1, 0, 2))
        self.assertTrue(all("could not be published" in problem for _, _, problem in told[1:]))
        verify(away / "lumpy" / "v001")

    def test_a_clock_set_back_mixes_no_versions(self):
        first = self.publish(ball_mound())
        os.utime(first / "asset.json", (4e9, 4e9))  # as if published seventy years on
        second = self.publish(ball_mound())
        self.assertEqual((first.name, second.name), ("v001", "v002"))
        with Index(self.library, self.index) as index:
            index.refresh()
            self.assertEqual({v.number for v in index.search()}, {1, 2})


class Sequences(Shelf):
    def moving(self):
        return ball_mound(12.0, 2.0, grains=(Push(feature=8.0, strength=3.0, octaves=1, period=2.0),))

    def test_grains_move_on_and_close_their_loop(self):
        mound = self.moving()
        still, half, whole = (density_grid(later(mound, seconds), 1.0) for seconds in (0.0, 1.0, 2.0))
        np.testing.assert_allclose(whole.values, still.values, atol=1e-4)
        self.assertGreater(abs(dense_of(half)[0].sum() - dense_of(still)[0].sum()), 1.0)

    def test_frames_are_published_as_one_asset(self):
        folder = self.publish(self.moving(), voxel=1.0, frames=Frames(11, 13, 4.0), tiers=(1, 2))
        version = verify(folder)
        self.assertEqual(version.frames, Frames(11, 13, 4.0))
        self.assertEqual([version.vdb(2, n).name for n in (11, 13)], ["loaf_2.0011.vdb", "loaf_2.0013.vdb"])
        for n in (11, 13):
            want = density_grid(later(self.moving(), (n - 11) / 4.0), 1.0)
            got, low = dense_of(read_vdb(version.vdb(1, n)))
            np.testing.assert_allclose(got, dense_of(want)[0], atol=6e-4)
        # The box that is stated holds every frame.
        for n in version.frames.numbers:
            grid = read_vdb(version.vdb(1, n))
            for corner, choose in zip(grid.active_bounds(), (np.greater_equal, np.less_equal)):
                end = 0 if choose is np.greater_equal else 1
                self.assertTrue(choose(grid.world(corner) + (1e-4 if end == 0 else -1e-4), version.facts["bounds"][end]).all())
            self.assertLess(received(version, 1, size=(48, 32), frame=n).facts["off_by"], 1e-3)
        self.assertTrue(rebuilt(version)["same"])
        scene = (folder / "loaf.usda").read_text()
        self.assertIn("11: @./loaf.0011.vdb@, 12: @./loaf.0012.vdb@", scene)
        for words in ("startTimeCode = 11", "endTimeCode = 13", "timeCodesPerSecond = 4"):
            self.assertIn(words, scene)
        self.assertIn("frames 11 to 13, 4 a second", (folder / HANDOFF).read_text())
        with self.assertRaises(Problem):
            dropped(version, (1,))

    def test_what_stands_still_has_no_frames(self):
        with self.assertRaises(Problem) as caught:
            self.publish(ball_mound(), frames=Frames(1, 3))
        self.assertIn("no grain", str(caught.exception))

    def test_numbered_files(self):
        for name in ("storm.0009.vdb", "storm.0010.vdb", "storm.0012.vdb", "storm.12.vdb", "storm.00012.vdb", "other.0001.vdb"):
            (self.folder / name).touch()
        files, missing = files_of(self.folder / "storm.####.vdb")
        self.assertEqual(([p.name for p in files.values()], list(files), missing),
                         (["storm.0009.vdb", "storm.0010.vdb", "storm.0012.vdb"], [9, 10, 12], (11,)))
        self.assertEqual(list(files_of(self.folder / "storm.####.vdb", 10, 11)[0]), [10])
        for pattern in ("storm.vdb", "st#rm.##.vdb", "none.####.vdb"):
            self.assertRaises(Problem, files_of, self.folder / pattern)
        self.assertEqual(frame_name("a.b.vdb", 7), "a.b.0007.vdb")
        frames = Frames(9, 12, missing=(11,))
        self.assertEqual((frames.numbers, frames.held(11), frames.held(3)), ([9, 10, 12], 10, 9))

    def test_foreign_frames_whole_or_some_with_what_is_missing(self):
        for n in (1, 2, 4):
            write_vdb(self.folder / f"storm.{n:04d}.vdb", box_grid((0, 0, 0), (8 * n, 7, 7), 0.5))
        pattern = str(self.folder / "storm.####.vdb")
        version = verify(adopt(pattern, self.library, "Storm", rate=12.0, tiers=(1, 2)))
        self.assertEqual((version.frames, version.mound), (Frames(1, 4, 12.0, (3,)), None))
        self.assertEqual(version.vdb(1, 3), version.vdb(1, 2))
        self.assertAlmostEqual(version.facts["bounds"][1][0] - version.facts["bounds"][0][0], 32.0, places=4)
        code, out, err = said(main, ["adopt", pattern, "--library", str(self.library), "--frames", "2-4", "--json"])
        facts = json.loads(out)
        self.assertEqual((code, facts["name"], facts["frames"]["first"], facts["frames"]["missing"]), (0, "storm", 2, [3]), err)
        for name in ("a/b", "x" * 90, ""):
            with self.assertRaises(Problem) as caught:
                adopt(pattern, self.library, name)
            self.assertIn("name of the asset", str(caught.exception))
        code, _, err = said(main, ["adopt", str(self.folder / "storm.0001.vdb"), "--library", str(self.library), "--frames", "2-4"])
        self.assertEqual(code, 2)
        self.assertIn("####", err)


class Waits(Shelf):
    def test_what_waits_outlives_the_program_and_is_published_once(self):
        code = f"""
import os, signal
from softmound.core.library.placement import in_file_of
from softmound.core.library.queue import Queue
from tests.scenes import ball_mound
from softmound.core.library.asset import About
queue = Queue({str(self.folder / "queue")!r})
first, second, third = (queue.add(ball_mound().edited(name=n), {str(self.library)!r}, About(tags=("hero",)), (1, 2)) for n in "abc")
queue.forget(first.mark)
queue.reorder([third.mark, second.mark])
print(third.mark, flush=True)
os.kill(os.getpid(), signal.SIGKILL)
"""
        child = subprocess.run([sys.executable, "-c", code], cwd=ROOT, capture_output=True, text=True)
        self.assertEqual(child.returncode, -9, child.stderr)
        queue = Queue(self.folder / "queue")
        left = queue.left_behind()
        self.assertEqual([(w.mound.name, w.about.tags, w.tiers) for w in left],
                         [("c", ("hero",), (1, 2)), ("b", ("hero",), (1, 2))])
        self.assertEqual(left[0].mark, child.stdout.strip())
        self.assertEqual(queue.left_behind(), [])
        # Published, but killed before it was forgotten: it is not done twice.
        small = left[0]
        folder = publish(small.mound, self.library, 4.0, job=small.mark)
        self.assertEqual(small.publish(Stages()), folder)
        for waiting in left:
            queue.forget(waiting.mark)
        queue.close()
        self.assertEqual(list((self.folder / "queue").iterdir()), [])

    def test_what_a_killed_program_wrote_aside_is_swept_by_the_next(self):
        code = f"""
import os, signal
from softmound.core.aside import put_in_place
with put_in_place({str(self.folder / "a.mound")!r}) as aside:
    print(aside, flush=True)
    os.kill(os.getpid(), signal.SIGKILL)
"""
        child = subprocess.run([sys.executable, "-c", code], cwd=ROOT, capture_output=True, text=True)
        killed = pathlib.Path(child.stdout.strip())
        self.assertTrue(killed.exists() and killed.name.startswith("."))
        host, process, rest = killed.name[1:].split("-", 2)
        running = killed.with_name(f".{host}-{os.getpid()}-{rest}")
        elsewhere = killed.with_name(f".{'0' * 8}-{process}-{rest}")
        for path in (running, elsewhere, self.folder / ".mine.part"):
            path.touch()
        write_mound(self.folder / "b.mound", ball_mound())
        self.assertEqual([p.exists() for p in (killed, running, elsewhere, self.folder / ".mine.part")], [False, True, True, True])

    def test_another_program_that_runs_keeps_its_own(self):
        mine, other = Queue(self.folder / "queue"), Queue(self.folder / "queue")
        waiting = other.add(ball_mound(), self.library)
        self.assertEqual((mine.left_behind(), [w.mark for w in other.kept()]), ([], [waiting.mark]))
        other.close()
        self.assertEqual([w.mark for w in mine.left_behind()], [waiting.mark])
        mine.close()


class Farm(Shelf):
    """A scheduler and its two workers, as processes of this machine."""

    def setUp(self):
        super().setUp()
        self.mound = self.folder / "lumps.mound"
        write_mound(self.mound, lumpy_mound())

    @long
    def test_two_workers_publish_what_one_would(self):
        with LocalCluster(n_workers=2, threads_per_worker=1, dashboard_address=None) as cluster:
            address = cluster.scheduler_address
            jobs = jobs_of([self.mound], range(3), voxel=3.0)
            self.assertEqual(published_all(jobs, self.library, scheduler=address), (3, 0, 0))
            self.assertEqual(published_all(jobs, self.library, scheduler=address), (0, 3, 0))
            alone = self.folder / "alone"
            published_all(jobs, alone)
            for one in listed(alone):
                other = next(v for v in listed(self.library) if v.facts["job"] == one.facts["job"])
                self.assertEqual(one.facts["tiers"][0]["values"], other.facts["tiers"][0]["values"])
                verify(other.folder)
            # One that cannot be published is a sentence, and stops no other.
            nothing = self.folder / "nothing.mound"
            write_mound(nothing, lumpy_mound().edited(name="Nothing", mass=lumpy_mound().mass.edited(forms=())))
            code, _, err = said(main, ["publish", str(nothing), "--library", str(self.library), "--scheduler", address, "--quiet"])
            self.assertEqual(code, 2)
            self.assertIn("no cloud", err)
            # Stopped at once: nothing half done is left, and workers can be given other work.
            ticket = Ticket()
            ticket.stop()
            self.assertRaises(Stopped, published_all, jobs_of([self.mound], range(10, 14), voxel=0.7), self.library, 1, ticket,
                              scheduler=address)
            ends = time.monotonic() + 30.0
            while list(self.library.glob("*/.publishing-*")) and time.monotonic() < ends:
                time.sleep(0.1)
            self.assertEqual(list(self.library.glob("*/.publishing-*")), [])

    def test_nobody_there_is_a_sentence(self):
        code, _, err = said(main, ["publish", str(self.mound), "--library", str(self.library), "--scheduler", "tcp://127.0.0.1:9"])
        self.assertEqual(code, 2)
        self.assertIn("no scheduler", err)
        self.assertFalse(pathlib.Path(self.library).exists())


if __name__ == "__main__":
    unittest.main()
