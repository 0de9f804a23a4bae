"""A library in depth: tiers, batches, the index, likeness, what is put aside, rebuilt and received."""

import json
import os
import pathlib
import re
import shutil
import signal
import sqlite3
import subprocess
import sys
import tempfile
import time
import unittest

import numpy as np
import trimesh
from PIL import Image

from softmound.cli import main
from softmound.core.engine.density import density_grid
from softmound.core.engine.siblings import sibling
from softmound.core.exchange.export import exported
from softmound.core.exchange.foreign import read_vdb
from softmound.core.exchange.vdb import write_vdb
from softmound.core.library.adopting import adopt
from softmound.core.library.asked import asked
from softmound.core.library.asset import About, publish
from softmound.core.library.batch import jobs_of, published_all, waiting
from softmound.core.library.index import Found, Index, _make_anew
from softmound.core.library.keeping import empty, health, rebuilt, restore, retire, retired
from softmound.core.library.likeness import apart as apart_from
from softmound.core.library.likeness import apart_from_outline, outline_in, shape_of, sides_of
from softmound.core.library.receiving import received
from softmound.core.library.shelf import listed, read_version, verify
from softmound.core.mass.kinds.blob import Blob
from softmound.core.recipe import Problem, read_mound, write_mound
from softmound.core.volume.halved import halved, reduced
from tests.long import long
from tests.scenes import ball_mound, box_grid, dense_of, lumpy_mound, random_grid, said

ROOT = pathlib.Path(__file__).parent.parent


class Halved(unittest.TestCase):
    def test_each_voxel_is_the_mean_of_eight_where_they_stood(self):
        grid = random_grid(4)
        dense, low = dense_of(grid)
        found, corner = dense_of(halved(grid))
        # The same by array: from an even voxel on.
        pad = [(int(c) & 1, 0) for c in low]
        even = np.pad(dense, pad)
        even = np.pad(even, [(0, side & 1) for side in even.shape])
        mean = even.reshape(even.shape[0] // 2, 2, even.shape[1] // 2, 2, even.shape[2] // 2, 2).mean(axis=(1, 3, 5))
        first = (np.array(low) - [p[0] for p in pad]) // 2
        at = tuple(slice(a, a + n) for a, n in zip(first - np.array(corner), mean.shape))
        np.testing.assert_allclose(found[at], mean, rtol=1e-5, atol=1e-7)
        np.testing.assert_allclose(found.sum(dtype=np.float64), mean.sum(dtype=np.float64), rtol=1e-6)

    def test_a_box_keeps_its_place_its_mass_and_its_tiles(self):
        grid = box_grid((0, 0, 0), (63, 31, 47), 0.7, voxel=0.5, offset=(3.0, -1.0, 2.0))
        small = reduced(grid, 4)
        self.assertEqual(small.voxel, 2.0)
        np.testing.assert_allclose(dense_of(small)[0].sum() * 2.0**3, 0.7 * 64 * 32 * 48 * 0.5**3, rtol=1e-6)
        low, high = small.active_bounds()
        np.testing.assert_allclose(small.world(low) - 1.0, grid.world(np.zeros(3)) - 0.25)
        np.testing.assert_allclose(small.world(high) + 1.0, grid.world(np.array([63.0, 31.0, 47.0])) + 0.25)
        self.assertIs(reduced(grid, 1), grid)

    def test_optical_depth_along_any_ray_stays(self):
        # By columns of sixteen voxels, along each axis and slantwise through sums over the other two.
        grid = density_grid(lumpy_mound(), 0.6)
        mass = dense_of(grid)[0].sum(dtype=np.float64) * grid.voxel
        for times in (2, 4, 8, 16):
            small = reduced(grid, times)
            found = dense_of(small)[0].sum(dtype=np.float64) * small.voxel * times**2
            self.assertAlmostEqual(found / mass, 1.0, places=5)


class Shelf(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = pathlib.Path(folder.name)
        self.library, self.index = self.folder / "shelf", self.folder / "index.sqlite"

    def publish(self, mound=None, name="Loaf", **options):
        mound = ball_mound() if mound is None else mound
        return publish(mound.edited(name=name), self.library, voxel=options.pop("voxel", 2.0), **options)


class Tiers(Shelf):
    def test_a_version_has_a_file_for_each(self):
        version = read_version(self.publish(lumpy_mound(), voxel=0.8, tiers=(1, 2, 8)))
        self.assertEqual(version.tiers, {1: "loaf.vdb", 2: "loaf_2.vdb", 8: "loaf_8.vdb"})
        full = read_vdb(version.vdb(1))
        for times in (2, 8):
            small = read_vdb(version.vdb(times))
            self.assertAlmostEqual(small.voxel, 0.8 * times, places=5)
            mass = [g.values.sum(dtype=np.float64) + 512 * g.tile_values.sum(dtype=np.float64) for g in (small, full)]
            self.assertAlmostEqual(mass[0] * times**3 / mass[1], 1.0, delta=0.002)  # 16-bit floats
        self.assertIn("1/4", self.refused(version.vdb, 4))
        self.assertEqual(verify(version.folder).facts["tiers"][2]["reduction"], 8)
        # A part of them does without the full grid.
        self.assertEqual(read_version(self.publish(tiers=(4,))).tiers, {4: "loaf_4.vdb"})

    def refused(self, call, *arguments):
        with self.assertRaises(Problem) as caught:
            call(*arguments)
        return str(caught.exception)

    def test_the_page_that_goes_with_it(self):
        about = About(note="Softer base.", tags=("hero",), shots=("WB-010",), author="A baker", licence="For the bakery")
        folder = self.publish(tiers=(1, 2), about=about)
        page, facts = (folder / "handoff.txt").read_text(), json.loads((folder / "asset.json").read_text())
        for words in ("loaf_2.vdb", f"{facts['extinction']:.6g} per m", "Softer base.", "WB-010", "A baker", "For the bakery",
                      f"{facts['extinction'] / 100:.6g} per cm"):
            self.assertIn(words, page)
        self.assertEqual((facts["tags"], facts["author"]), (["hero"], "A baker"))


    def test_the_scene_that_goes_with_it(self):
        folder = self.publish(tiers=(1, 2))
        text = (folder / "loaf.usda").read_text()
        facts = json.loads((folder / "asset.json").read_text())
        self.assertTrue(text.startswith("#usda 1.0"))
        self.assertEqual(text.count("{"), text.count("}"))
        self.assertEqual(re.findall(r"@\./(.*?)@", text), ["loaf.vdb", "loaf_2.vdb"])
        extent = re.search(r"extent = \[\((.*?)\), \((.*?)\)\]", text).groups()
        np.testing.assert_allclose([[float(v) for v in corner.split(",")] for corner in extent], facts["bounds"], rtol=1e-6)
        self.assertIn("metersPerUnit = 1\n", text)

    @long
    def test_pictures_and_a_proxy_on_request(self):
        folder = self.publish(lumpy_mound(), voxel=1.5, more=("suns", "turntable", "proxy"))
        with Image.open(folder / "suns.png") as suns, Image.open(folder / "turntable.png") as turns:
            # Four sides in three suns; twelve sides as three rows of four.
            self.assertTrue(all(abs(p.width / p.height - 4 * 300 / (3 * 200)) < 0.1 for p in (suns, turns)))
        vertices, faces = trimesh_of(folder / "loaf_proxy.ply")
        self.assertLessEqual(len(faces), 5000)
        bounds = np.array(read_version(folder).facts["bounds"])
        self.assertTrue((vertices.min(axis=0) > bounds[0] - 3.0).all() and (vertices.max(axis=0) < bounds[1] + 3.0).all())
        verify(folder)


class Adopted(Shelf):
    def test_somebody_elses_grid_in_metres_with_what_is_stated(self):
        grid, path = density_grid(lumpy_mound(), 2.0), self.folder / "theirs.vdb"
        write_vdb(path, exported(grid, up="z", unit="cm"), "smoke", half=False)
        folder = adopt(path, self.library, "Theirs", source="The night shift", grid="smoke", unit="cm", up="z", extinction=0.2,
                       about=About(tags=("adopted",)), tiers=(1, 2))
        facts = verify(folder).facts
        self.assertEqual((facts["name"], facts["adopted"], facts["source"], facts["extinction"], facts["tags"]),
                         ("Theirs", "theirs.vdb", "The night shift", 0.2, ["adopted"]))
        np.testing.assert_allclose(facts["bounds"], [grid.world(c) for c in grid.active_bounds()], atol=1e-3)
        np.testing.assert_allclose(read_vdb(folder / "theirs.vdb").values, grid.values, atol=1e-3)
        self.assertIsNone(read_version(folder).mound)
        with self.assertRaises(Problem) as caught:
            rebuilt(read_version(folder))
        self.assertIn("no recipe", str(caught.exception))
        self.assertLess(received(read_version(folder), 2, size=(64, 48)).facts["off_by"], 2.5)
        with Index(self.library, self.index) as index:
            index.refresh()
            self.assertEqual([v.facts["name"] for v in index.search("adopted")], ["Theirs"])

    def test_what_is_no_cloud_is_refused_and_leaves_nothing(self):
        path = self.folder / "theirs.vdb"
        write_vdb(path, box_grid((0, 0, 0), (9, 9, 9), 0.5), "smoke")
        for grid, words in (("density", "density"), ("smoke", None)):
            if words is None:
                adopt(path, self.library, "Box", grid=grid)
                continue
            code, _, err = said(main, ["adopt", str(path), "--library", str(self.library), "--grid", grid])
            self.assertEqual(code, 2)
            self.assertIn(words, err)
            self.assertFalse(self.library.exists())


def trimesh_of(path):
    """Vertices and faces by an independent library."""
    mesh = trimesh.load(path, process=False)
    return np.asarray(mesh.vertices), np.asarray(mesh.faces)


class Batches(Shelf):
    def setUp(self):
        super().setUp()
        self.mound = self.folder / "lumps.mound"
        write_mound(self.mound, lumpy_mound())

    def test_seeds_become_versions_and_nothing_is_published_twice(self):
        jobs = jobs_of([self.mound], range(3), voxel=2.5)
        self.assertEqual(len({job.mark for job in jobs}), 3)
        self.assertEqual(published_all(jobs, self.library), (3, 0, 0))
        self.assertEqual(published_all(jobs_of([self.mound], range(4), voxel=2.5), self.library), (1, 3, 0))
        folders = sorted(v.folder.name for v in listed(self.library))
        self.assertEqual(folders, ["v001", "v002", "v003", "v004"])
        third = read_mound(read_version(self.library / "lumpy" / "v003").mound)
        self.assertEqual(third.grains, sibling(lumpy_mound(), 2).grains)
        # Another voxel, or other tiers, are other jobs.
        self.assertEqual(len(waiting(jobs_of([self.mound], (0,), voxel=3.0) + jobs_of([self.mound], (0,), voxel=2.5, tiers=(1, 2)),
                                     self.library)), 2)

    @long
    def test_seeds_as_assets_in_processes_of_their_own(self):
        told = []
        jobs = jobs_of([self.mound], (0, 7), apart=True, voxel=3.0, about=About(tags=("roll",)))
        found = published_all(jobs, self.library, workers=2, told=lambda *what: told.append(what))
        self.assertEqual((found, {problem for _, _, problem in told}), ((2, 0, 0), {""}))
        self.assertEqual({v.facts["name"] for v in listed(self.library)}, {"Lumpy 00", "Lumpy 07"})
        self.assertEqual(waiting(jobs, self.library), [])
        # The same values as of a batch in one process.
        alone = self.folder / "alone"
        published_all(jobs, alone)
        for name in ("lumpy_00", "lumpy_07"):
            one, other = (read_vdb(place / name / "v001" / f"{name}.vdb") for place in (self.library, alone))
            np.testing.assert_array_equal(one.values, other.values)

    @long
    def test_it_goes_on_after_a_kill(self):
        command = [sys.executable, "-m", "softmound", "publish", str(self.mound), "--library", str(self.library), "--voxel", "1.6",
                   "--seeds", "0-5"]
        for _ in range(2):
            child = subprocess.Popen(command, cwd=ROOT, stdout=subprocess.PIPE, text=True)
            # After the first that it tells of, at some moment of the next.
            child.stdout.readline()
            time.sleep(0.3)
            child.send_signal(signal.SIGKILL)
            child.wait()
            child.stdout.close()
        before = len(listed(self.library))
        self.assertTrue(2 <= before <= 5, before)
        code, out, err = said(main, [*command[3:], "--json"])
        self.assertEqual((code, json.loads(out)["there_already"]), (0, before), err)
        versions = listed(self.library)
        self.assertEqual((len(versions), len({v.facts["job"] for v in versions})), (6, 6))
        self.assertEqual(len({v.facts["recipe"] for v in versions}), 6)
        for version in versions:
            verify(version.folder)

    def test_one_that_fails_stops_no_other(self):
        nothing = self.folder / "nothing.mound"
        write_mound(nothing, lumpy_mound().edited(name="Nothing", mass=lumpy_mound().mass.edited(forms=())))
        told = []
        found = published_all(jobs_of([nothing, self.mound], voxel=3.0), self.library, told=lambda *what: told.append(what))
        self.assertEqual(found, (1, 0, 1))
        self.assertIn("no cloud", told[0][2])


class Searched(Shelf):
    def setUp(self):
        super().setUp()
        self.publish(name="Cottage Loaf", about=About(tags=("hero", "Congestus"), shots=("WB-010",), note="crisp tops"))
        self.publish(ball_mound(14.0), name="Brioche", about=About(tags=("hero",), author="Crème & Co"))
        self.publish(ball_mound(18.0), name="Flour Drift", voxel=3.0)

    def names(self, *words, **asked):
        with Index(self.library, self.index) as index:
            index.refresh()
            return [v.facts["name"] for v in index.search(*words, **asked)]

    def test_by_beginnings_of_words_anywhere(self):
        for words, found in (("cott", ["Cottage Loaf"]), ("HERO", ["Brioche", "Cottage Loaf"]), ("creme", ["Brioche"]),
                             ("crisp hero", ["Cottage Loaf"]), ("wb 010", ["Cottage Loaf"]), ("rioche", []), ("\"*)(", []),
                             ("", ["Brioche", "Cottage Loaf", "Flour Drift"])):
            with self.subTest(words):
                self.assertEqual(sorted(self.names(words)), found)

    def test_by_tags_shots_and_numbers(self):
        self.assertEqual(self.names(tags=("congestus", "hero")), ["Cottage Loaf"])
        self.assertEqual(self.names(shots=("WB-010",)), ["Cottage Loaf"])
        self.assertEqual(self.names(shots=("WB",)), [])
        span = max(b - a for a, b in zip(*read_version(self.library / "brioche" / "v001").facts["bounds"]))
        self.assertEqual(self.names(span=(span - 0.5, span + 0.5)), ["Brioche"])
        self.assertEqual(self.names(voxel=(2.5, None)), ["Flour Drift"])
        self.assertEqual(self.names(order="span"), ["Flour Drift", "Brioche", "Cottage Loaf"])
        self.assertEqual(self.names(order="span", limit=1), ["Flour Drift"])
        today = read_version(listed(self.library)[0].folder).facts["published"][:10]
        self.assertEqual(len(self.names(since=today, until=today)), 3)
        self.assertEqual(self.names(until="2020-01-01"), [])

    def test_a_line_as_people_say_it(self):
        for line, wanted in (
                ("congestus 300-500 m shot:WB_010 -torn",
                 {"words": "congestus", "span": (300.0, 500.0), "shots": ("WB_010",), "without": ("torn",)}),
                ('over 2 km tag:"night shift"', {"words": "", "span": (2000.0, None), "tags": ("night shift",)}),
                ("under 80 m since:2026-11-01 depth:3-", {"words": "", "span": (None, 80.0), "since": "2026-11-01",
                                                          "depth": (3.0, None)}),
                ('wb-010 "cottage loaf" x:y -', {"words": "wb-010 cottage loaf x y"})):
            self.assertEqual(asked(line), wanted)

    def test_found_in_groups_and_read_when_looked_at(self):
        self.library, self.index = self.folder / "groups", self.folder / "groups.sqlite"
        for name, shots, note in (("Loaf", ("WB_1", "WB_2"), "torn"), ("Roll", ("WB_2",), ""), ("Bun", (), "")):
            self.publish(name=name, about=About(shots=shots, note=note))
        with Index(self.library, self.index) as index:
            index.refresh()
            numbers = index.numbers(order="name")
            grouped = [(title, [v.facts["name"] for v in Found(index, part)]) for title, part in index.grouped("shot", numbers)]
            self.assertEqual(grouped, [("WB_1", ["Loaf"]), ("WB_2", ["Loaf", "Roll"]), ("", ["Bun"])])
            span = max(b - a for a, b in zip(*self.bounds("loaf")))
            (title, part), = index.grouped("size", numbers)
            self.assertEqual((title, part, span < 50.0), ("below 50 m", numbers, True))
            self.assertEqual([v.facts["name"] for v in index.search(**asked("wb -torn"))], ["Roll"])
            found = Found(index, numbers * 100)  # more than are kept read
            self.assertEqual([found[n].facts["name"] for n in (0, -1, 150)], ["Bun", "Roll", "Bun"])
            self.assertEqual(index.newest(), {"Bun": 1, "Loaf": 1, "Roll": 1})

    def bounds(self, name):
        return read_version(self.library / name / "v001").facts["bounds"]

    def test_the_folders_are_the_truth(self):
        self.assertEqual(len(self.names()), 3)
        shutil.rmtree(self.library / "brioche")
        self.publish(name="Cottage Loaf", about=About(tags=("new",)))
        facts = self.library / "flour_drift" / "v001" / "asset.json"
        changed = json.loads(facts.read_text())
        facts.write_text(json.dumps({**changed, "tags": ["dawn"]}))
        with Index(self.library, self.index) as index:
            self.assertEqual(index.refresh(), (2, 1))
            self.assertEqual(index.refresh(), (0, 0))
            self.assertEqual([v.facts["name"] for v in index.search("dawn")], ["Flour Drift"])
            self.assertEqual(index.labels(), [("Congestus", 1), ("dawn", 1), ("hero", 1), ("new", 1)])
            self.assertEqual(index.search("brioche"), [])

    def test_a_damaged_index_is_made_anew(self):
        self.assertEqual(len(self.names()), 3)
        for damage in (b"not a database" * 400, self.index.read_bytes()[:5000], b""):
            self.index.write_bytes(damage)
            self.assertEqual(len(self.names("hero")), 2)

    def test_who_waited_to_make_an_index_leaves_what_another_took_in(self):
        # Both have found it missing; one makes it and fills it while the other waits its turn.
        self.assertEqual(len(self.names()), 3)
        late = sqlite3.connect(self.index)
        self.addCleanup(late.close)
        _make_anew(late)
        self.assertEqual(late.execute("SELECT COUNT(*) FROM versions").fetchone(), (3,))
        late.execute("PRAGMA user_version = 1")
        _make_anew(late)
        self.assertEqual(late.execute("SELECT COUNT(*) FROM versions").fetchone(), (0,), "an old one is made anew")

    def test_two_at_once_who_publish_and_look(self):
        code = ("import sys; from softmound.core.library.index import Index\n"
                "for n in range(30):\n"
                "    with Index(sys.argv[1], sys.argv[2]) as index:\n"
                "        index.refresh(); assert len(index.search('loaf')) >= 1\n")
        lookers = [subprocess.Popen([sys.executable, "-c", code, str(self.library), str(self.index)], cwd=ROOT,
                                    env={**os.environ, "PYTHONPATH": str(ROOT)}) for _ in range(2)]
        for _ in range(4):
            self.publish(name="Cottage Loaf")
        self.assertEqual([looker.wait() for looker in lookers], [0, 0])
        self.assertEqual(len(self.names("loaf")), 5)


class Likeness(Shelf):
    def towers(self):
        tall = Blob(centre=(0.0, 30.0, 0.0), radii=(12.0, 30.0, 12.0))
        flat = Blob(centre=(0.0, 12.0, 0.0), radii=(34.0, 10.0, 22.0))
        lean = (tall, Blob(centre=(14.0, 52.0, 3.0), radii=(16.0, 9.0, 10.0)))
        turned = (tall, Blob(centre=(3.0, 52.0, -14.0), radii=(10.0, 9.0, 16.0)))
        return {name: shape_of(density_grid(ball_mound().edited(mass=ball_mound().mass.edited(forms=forms)), 1.5))
                for name, forms in (("tall", (tall,)), ("flat", (flat,)), ("lean", lean), ("turned", turned))}

    def test_what_is_turned_is_like_what_is_not_and_other_shapes_are_not(self):
        shapes = self.towers()

        def apart(one, other):
            far = apart_from(one, [{}, other, other])
            self.assertEqual((far[0], far[1]), (np.inf, far[2]))
            return far[1]

        self.assertEqual(apart(shapes["lean"], shapes["lean"]), 0.0)
        # A quarter turn about the vertical is three of the twelve sides.
        self.assertLess(apart(shapes["lean"], shapes["turned"]), 0.06)
        self.assertGreater(apart(shapes["lean"], shapes["tall"]), 2.0 * apart(shapes["lean"], shapes["turned"]))
        self.assertGreater(apart(shapes["lean"], shapes["flat"]), apart(shapes["lean"], shapes["tall"]))
        self.assertAlmostEqual(apart(shapes["flat"], shapes["tall"]), apart(shapes["tall"], shapes["flat"]))
        self.assertEqual(sides_of(shapes["flat"]).shape, (12, 24, 24))
        self.assertEqual(apart(shapes["flat"], {}), float("inf"))
        self.assertIsNone(sides_of({"sides": "no base64!"}))

    def test_the_smallest_clouds_have_a_shape(self):
        # Turned, a cloud of one voxel, or a row of them, stands between the places that are looked at.
        for high in ((0, 0, 0), (0, 9, 0), (1, 0, 3)):
            shape = shape_of(box_grid((0, 0, 0), high, 0.001))
            self.assertTrue(all(side.any() for side in sides_of(shape)))

    def test_an_outline_finds_its_cloud(self):
        shapes = self.towers()
        rows, columns = np.mgrid[0:200, 0:260]
        drawn = {"flat": ((rows - 120) / 30.0) ** 2 + ((columns - 130) / 102.0) ** 2 < 1.0,
                 "tall": ((rows - 100) / 90.0) ** 2 + ((columns - 90) / 36.0) ** 2 < 1.0}
        for name, mask in drawn.items():
            far = {other: apart_from_outline(shape, mask) for other, shape in shapes.items()}
            self.assertEqual(min(far, key=far.get), name)
        self.assertEqual(apart_from_outline(shapes["flat"], np.zeros((9, 9), bool)), float("inf"))

    def test_the_cloud_in_a_picture(self):
        mask = np.zeros((40, 50), bool)
        mask[10:30, 12:44] = True
        paper = np.where(mask[..., None], [20, 20, 30], [240, 240, 230]).astype(np.uint8)
        clear = np.dstack([np.full((40, 50, 3), 90, np.uint8), np.where(mask, 255, 0).astype(np.uint8)])
        for picture in (paper, 255 - paper, clear):
            np.testing.assert_array_equal(outline_in(picture), mask)
        self.assertFalse(outline_in(np.full((5, 5, 3), 7, np.uint8)).any())

    def test_from_the_command_line(self):
        for name, radii in (("Tall", (8.0, 22.0, 8.0)), ("Flat", (26.0, 7.0, 20.0)), ("Flatter", (28.0, 6.0, 20.0))):
            mound = ball_mound()
            self.publish(mound.edited(mass=mound.mass.edited(forms=(Blob(centre=(0.0, 25.0, 0.0), radii=radii),))), name=name)
        code, out, err = said(main, ["library", "like", str(self.library), "Flat", "--json"])
        self.assertEqual(code, 0, err)
        self.assertEqual([v["name"] for v in json.loads(out)["versions"]], ["Flatter", "Tall"])
        picture = np.full((120, 80, 3), 255, np.uint8)
        picture[10:110, 22:58] = 0
        Image.fromarray(picture).save(self.folder / "outline.png")
        code, out, err = said(main, ["library", "like", str(self.library), str(self.folder / "outline.png"), "--json"])
        self.assertEqual(code, 0, err)
        self.assertEqual(json.loads(out)["versions"][0]["name"], "Tall")


class Kept(Shelf):
    def test_retired_is_kept_until_the_library_is_emptied(self):
        first, second = self.publish(), self.publish()
        lying = retire(read_version(first))
        self.assertEqual([v.folder for v in listed(self.library)], [second])
        self.assertEqual([v.folder for v in retired(self.library)], [lying])
        # A number is never given twice while the old one can come back.
        self.assertEqual(restore(read_version_of(lying)), first)
        self.assertEqual(verify(first).number, 1)
        retire(read_version(first))
        shutil.copytree(second, first)
        back = restore(retired(self.library)[0])
        self.assertEqual(back.name, "v003")
        retire(read_version(back))
        # Its number is not given to another while it can come back.
        self.assertEqual(self.publish().name, "v004")
        count, freed = empty(self.library)
        self.assertEqual((count, freed > 1000, retired(self.library)), (1, True, []))
        self.assertEqual(empty(self.library), (0, 0))

    def test_rebuilt_to_the_bit(self):
        version = read_version(self.publish(lumpy_mound(), tiers=(1, 4), voxel=1.5))
        self.assertEqual({k: v for k, v in rebuilt(version).items() if k in ("same", "tiers", "largest_difference")},
                         {"same": True, "tiers": [1, 4], "largest_difference": 0.0})
        # With another grain than was published it says by how much it differs.
        mound = read_mound(version.mound)
        write_mound(version.mound, mound.edited(grains=()))
        found = rebuilt(version)
        self.assertFalse(found["same"])
        self.assertGreater(found["largest_difference"], 0.05)

    def test_health_says_what_is_wrong_and_what_takes_room(self):
        good, bad = self.publish(name="Good", tiers=(1, 2)), self.publish(name="Bad")
        vdb = bad / "bad.vdb"
        vdb.write_bytes(vdb.read_bytes()[:-1] + b"x")
        (good.parent / ".publishing-0123").mkdir()
        (good.parent / ".publishing-0123" / "half.vdb").write_bytes(b"1" * 700)
        report = health(self.library)
        self.assertEqual([report[name] for name in ("versions", "as_published", "unfinished", "bytes_unfinished")], [2, 1, 1, 700])
        self.assertIn("bad.vdb", report["problems"][0])
        self.assertEqual(report["bytes_of_tiers"], {"1/1": (good / "good.vdb").stat().st_size,
                                                    "1/2": (good / "good_2.vdb").stat().st_size})
        code, out, _ = said(main, ["library", "health", str(self.library), "--json"])
        self.assertEqual(code, 2)


def read_version_of(folder):
    """A version wherever it lies."""
    return next(v for v in retired(folder.parents[2]) if v.folder == folder)


class Receiving(Shelf):
    def test_it_renders_what_was_published_from_its_files_alone(self):
        version = read_version(self.publish(lumpy_mound(), voxel=0.8, tiers=(1, 4)))
        version.mound.unlink()
        full, small = (received(version, tier, size=(120, 80)) for tier in (1, 4))
        self.assertEqual((full.facts["tier"], full.facts["extinction"]), (1, version.facts["extinction"]))
        self.assertLess(full.facts["off_by"], 1e-3)
        cloud = full.pixels[..., 3] > 250
        self.assertGreater(cloud.mean(), 0.1)
        # The same mass looks alike however coarse.
        bright = [f.pixels[cloud][:, :3].mean() for f in (full, small)]
        self.assertAlmostEqual(bright[0] / bright[1], 1.0, delta=0.06)
        seen = self.folder / "seen.png"
        code, _, err = said(main, ["receive", str(version.folder), "--picture", str(seen), "--size", "64x48", "--json"])
        with Image.open(seen) as picture:
            self.assertEqual((code, picture.size), (0, (64, 48)), err)

    def test_a_wrong_scale_shows_here(self):
        version = read_version(self.publish())
        facts = json.loads((version.folder / "asset.json").read_text())
        facts["bounds"] = [[100.0 * v for v in corner] for corner in facts["bounds"]]
        (version.folder / "asset.json").write_text(json.dumps(facts))
        with self.assertRaises(Problem) as caught:
            received(read_version(version.folder))
        self.assertIn("unit", str(caught.exception))


if __name__ == "__main__":
    unittest.main()
