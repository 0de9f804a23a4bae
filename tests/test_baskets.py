"""Baskets: versions for a shot in an order, what speaks against them, and what leaves for the shot."""

import csv
import io
import json
import os
import tarfile
from unittest import mock

import numpy as np
from PIL import Image
from pxr import Usd, UsdGeom

from softmound.cli import main
from softmound.core.exchange.export import ExportOptions
from softmound.core.exchange.vdb import write_vdb
from softmound.core.formation.standing import identified
from softmound.core.formation.uses import remember_flock, replaced_everywhere, uses_of
from softmound.core.library.arrivals import arrivals, remember_arrival
from softmound.core.library.asset import About, publish
from softmound.core.library.baskets import (
    BASKETS,
    Basket,
    basket_named,
    baskets_in,
    baskets_with,
    brought_up_to_date,
    forget_basket,
    keep_basket,
    moved,
    noted,
    renamed_basket,
    versions_of,
    with_versions,
    without,
)
from softmound.core.library.changing import dropped, renamed
from softmound.core.library.packing import contact_sheet, listed_as_csv, packed, scene_of_all, troubles
from softmound.core.library.shelf import of_asset, read_version, verify
from softmound.core.recipe import Problem
from softmound.core.recipe.flock import Asset, Flock, Member
from softmound.core.recipe.flock_files import read_flock, write_flock
from tests.scenes import ball_mound, box_grid, said
from tests.test_shelf import Shelf


class Baskets(Shelf):
    def version(self, name="Loaf", **options):
        return read_version(self.publish(name=name, **options))

    def filled(self, *versions, name="WB_010"):
        basket = with_versions(Basket(name=name), versions)
        keep_basket(self.library, basket)
        return basket

    def test_versions_in_an_order_with_notes(self):
        loaf, roll, bun = self.version(), self.version("Roll"), self.version("Bun")
        basket = self.filled(loaf, roll, bun)
        self.assertEqual(with_versions(basket, [roll]), basket)
        basket = noted(moved(basket, 2, -1), 0, "in front")
        self.assertEqual([(i.name, i.note) for i in basket.items], [("Loaf", "in front"), ("Bun", ""), ("Roll", "")])
        basket = without(basket, [1])
        keep_basket(self.library, basket)
        self.assertEqual(basket_named(self.library, "WB_010"), basket)
        # Names that look alike have files of their own; what is no basket is left out of the list.
        keep_basket(self.library, Basket(name="WB 010"))
        (self.library / BASKETS / "bad.basket").write_text("{")
        self.assertEqual([b.name for b in baskets_in(self.library)], ["WB 010", "WB_010"])
        self.assertEqual(renamed_basket(self.library, "WB 010", "OVN_1").name, "OVN_1")
        self.assertRaises(Problem, renamed_basket, self.library, "OVN_1", "WB_010")
        self.assertRaises(Problem, renamed_basket, self.library, "OVN_1", "a/b")
        forget_basket(self.library, "OVN_1")
        self.assertRaises(Problem, basket_named, self.library, "OVN_1")
        self.assertEqual(basket_named(self.library, "WB_010"), basket)
        self.assertEqual([(b.name, number) for b, number in baskets_with(self.library, loaf)], [("WB_010", 1)])
        self.assertEqual(baskets_with(self.library, bun), [])

    def test_a_version_stays_in_it_when_its_asset_is_called_otherwise(self):
        basket = self.filled(self.version())
        renamed(self.library, "Loaf", "Country Loaf")
        self.version()  # another asset has its name now
        (_, version, newest), = versions_of(self.library, basket)
        self.assertEqual((version.facts["name"], newest), ("Country Loaf", 1))
        publish(ball_mound().edited(name="Country Loaf"), self.library, voxel=2.0)
        self.assertEqual(brought_up_to_date(self.library, basket).items[0].version, 2)

    def test_what_speaks_against_handing_it_over(self):
        self.assertEqual(troubles(self.library, self.filled(self.version(), self.version("Roll"))), [])
        mixed = read_version(publish(ball_mound().edited(name="Bun"), self.library, voxel=2.0, tiers=(1, 2),
                                     options=ExportOptions(up="z", unit="cm")))
        basket = with_versions(self.filled(self.version("Loaf"), self.version("Roll")), [mixed])
        self.version("Roll")
        (self.library / "loaf").rename(self.folder / "gone")
        found = " ".join(troubles(self.library, basket))
        for words in ("Loaf v002 is not in the library", "Roll v002 is in it; v003 is newer", "no files that others have: 1/2",
                      "several units: cm, m", "several up-axes: y, z"):
            self.assertIn(words, found)
        self.assertRaises(Problem, packed, self.library, basket, self.folder / "out")
        self.assertFalse((self.folder / "out").exists())

    def test_all_of_it_stands_side_by_side_in_one_scene(self):
        """The boxes of an independent reader of the scene are those that were published, one beside the other."""
        placed = ball_mound(5.0)
        ball = placed.mass.forms[0]
        placed = placed.edited(mass=placed.mass.edited(forms=(ball.edited(centre=(40.0, 90.0, -20.0), radii=(6.0, 9.0, 4.0)),)))
        written = {"Loaf": ExportOptions(), "Roll": ExportOptions(unit="cm"),
                   "Bun": ExportOptions(up="z", unit="ft", origin="base")}
        versions = [read_version(publish(placed.edited(name=name), self.library, voxel=1.0, options=options))
                    for name, options in written.items()]
        basket = self.filled(*versions)
        out = self.folder / "shot"
        facts = packed(self.library, basket, out)
        self.assertEqual((facts["versions"], sorted(p.name for p in out.iterdir())),
                         (3, ["basket.csv", "basket.usda", "bun", "loaf", "roll", "sheet.png"]))
        stage = Usd.Stage.Open(str(out / "basket.usda"))
        boxes, right = UsdGeom.BBoxCache(Usd.TimeCode.Default(), ["default", "render", "proxy"]), None
        for prim, version in zip(stage.GetPrimAtPath("/basket").GetChildren(), versions):
            box = boxes.ComputeWorldBound(prim).ComputeAlignedRange()
            low, high = np.array(box.GetMin()), np.array(box.GetMax())
            wanted = np.array(version.facts["bounds"])
            np.testing.assert_allclose(high - low, wanted[1] - wanted[0], rtol=1e-5)
            np.testing.assert_allclose(low[1:], wanted[0, 1:], atol=1e-3)
            self.assertTrue(right is None or low[0] > right)
            right = high[0]
        # What was copied is what was published, wherever it lies.
        for version in versions:
            verify(out / version.folder.parent.name / version.folder.name)
        self.assertRaises(Problem, packed, self.library, basket, out)

    def test_a_list_a_sheet_and_an_archive(self):
        versions = [self.version(about=About(tags=("hero", "far"))), self.version("Roll")]
        basket = noted(self.filled(*versions), 1, 'left, "soft"')
        rows = list(csv.DictReader(io.StringIO(listed_as_csv(self.library, basket))))
        low, high = versions[0].facts["bounds"]
        self.assertEqual((rows[0]["asset"], rows[0]["tags"], rows[1]["note"]), ("Loaf", "hero far", 'left, "soft"'))
        self.assertAlmostEqual(float(rows[0]["height_m"]), high[1] - low[1], places=3)
        # Each picture of the sheet is the one that was published.
        sheet = contact_sheet(self.library, basket)
        thumb = np.asarray(Image.open(versions[1].thumb).convert("RGB").resize((300, 200), Image.Resampling.LANCZOS), float)
        np.testing.assert_allclose(sheet[52:252, 328:628].astype(float), thumb, atol=1.0)
        packed(self.library, basket, self.folder / "shot.tar")
        with tarfile.open(self.folder / "shot.tar") as tar:
            names = tar.getnames()
            self.assertEqual(tar.extractfile("loaf/v001/loaf.vdb").read(), versions[0].vdb().read_bytes())
        self.assertIn("roll/v001/asset.json", names)
        self.assertFalse([name for name in names if name.startswith("/") or ".." in name])
        # What was changed behind the library's back does not leave.
        versions[0].vdb().write_bytes(b"x")
        with self.assertRaises(Problem) as caught:
            packed(self.library, basket, self.folder / "again.tar")
        self.assertIn("loaf.vdb", str(caught.exception))
        self.assertFalse((self.folder / "again.tar").exists())

    def test_where_a_version_is_used_and_replaced(self):
        first, second = self.version(), self.version()
        self.filled(first)
        self.filled(second, name="OVN_1")
        home = self.folder / "home"
        with mock.patch("platformdirs.user_data_path", lambda *_: home):
            paths = [self.folder / f"{n}.flock" for n in range(3)]
            for path, number in zip(paths, (1, 0, 2)):
                members = (Member(asset=Asset(name="Loaf", version=number)),)
                write_flock(path, identified(Flock(library="shelf", members=members), self.library))
                remember_flock(path)
            paths[2].with_name("gone.flock").write_text("{}")
            remember_flock(paths[2].with_name("gone.flock"))
            bound, newest, other = map(str, paths)
            self.assertEqual(uses_of(self.library, first), (["WB_010"], [newest, bound]))
            self.assertEqual(uses_of(self.library, second), (["OVN_1"], [other, newest]))
            self.assertEqual(replaced_everywhere(self.library, first, second), (["WB_010"], [bound]))
            self.assertEqual(uses_of(self.library, first), ([], [newest]))
            self.assertEqual(read_flock(bound).members[0].asset.version, 2)
            self.assertRaises(Problem, replaced_everywhere, self.library, first, self.version("Roll"))

    def test_what_arrives_is_seen_once_and_when_it_is_whole(self):
        place = self.folder / "renders"
        place.mkdir()
        for name in ("storm.0001.vdb", "storm.0002.vdb", "single.vdb", "7.vdb", "8.vdb", "note.txt"):
            (place / name).write_bytes(b"x")
            os.utime(place / name, (1000.0, 1000.0))
        (place / "link.vdb").symlink_to(place / "single.vdb")
        found = arrivals(place, self.library, now=1100.0)
        self.assertEqual([(os.path.basename(a.path), a.name, a.frames) for a in found],
                         [("7.vdb", "7", 1), ("8.vdb", "8", 1), ("single.vdb", "single", 1), ("storm.####.vdb", "storm", 2)])
        # Another frame that is still being written holds all of them back.
        (place / "storm.0003.vdb").write_bytes(b"x")
        os.utime(place / "storm.0003.vdb", (1099.0, 1099.0))
        self.assertNotIn("storm", [a.name for a in arrivals(place, self.library, now=1100.0)])
        remember_arrival(self.library, found[2])
        self.assertEqual([a.name for a in arrivals(place, self.library, now=1200.0)], ["7", "8", "storm"])
        # Written anew it has arrived anew.
        os.utime(place / "single.vdb", (1150.0, 1150.0))
        self.assertIn("single", [a.name for a in arrivals(place, self.library, now=1200.0)])
        self.assertRaises(Problem, arrivals, self.folder / "nowhere", self.library)

    def test_arrivals_on_the_command_line(self):
        place = self.folder / "renders"
        place.mkdir()
        self.library.mkdir()
        write_vdb(place / "storm.vdb", box_grid((0, 0, 0), (15, 15, 15), 0.5))
        (place / "bad.vdb").write_bytes(b"no grid")
        for name in ("storm.vdb", "bad.vdb"):
            os.utime(place / name, (1e9, 1e9))
        line = ["library", "watch", str(self.library), "--from", str(place), "--once", "--json", "--quiet"]
        code, out, _ = said(main, line)
        bad, storm = json.loads(out)["adopted"]
        self.assertEqual((code, read_version(storm["folder"]).facts["adopted"]), (0, "storm.vdb"))
        self.assertIn("bad.vdb", bad["problem"])
        self.assertEqual(json.loads(said(main, line)[1])["adopted"], [])

    def test_a_dropped_file_is_missed(self):
        version = self.version(tiers=(1, 2))
        basket = self.filled(version, self.version("Roll", tiers=(1, 2)))
        dropped(version, (1,))
        self.assertIn("Loaf v001 has no files that others have: full", troubles(self.library, basket)[0])
        self.assertEqual(scene_of_all(self.library, basket).count("prepend references"), 2)

    def test_from_the_command_line(self):
        for name in ("Loaf", "Loaf", "Roll"):
            self.publish(name=name)
        shelf = str(self.library)

        def told(*arguments):
            code, out, err = said(main, ["basket", arguments[0], shelf, *arguments[1:], "--json", "--quiet"])
            self.assertEqual((code, err), (0, ""), arguments)
            return json.loads(out)

        told("add", "WB_010", "Loaf:1", "Roll")
        told("note", "WB_010", "at", "dawn")
        told("note", "WB_010", "soft", "--asset", "Roll")
        told("move", "WB_010", "Roll", "--by", "-1")
        shown = told("show", "WB_010")
        self.assertEqual((shown["note"], [(i["name"], i["version"], i["newest"], i["note"]) for i in shown["items"]]),
                         ("at dawn", [("Roll", 1, 1, "soft"), ("Loaf", 1, 2, "")]))
        self.assertIn("v002 is newer", " ".join(told("check", "WB_010")["problems"]))
        told("update", "WB_010")
        self.assertEqual(told("check", "WB_010")["problems"], [])
        self.assertEqual(told("pack", "WB_010", "--out", str(self.folder / "shot.tar"))["versions"], 2)
        self.assertEqual(told("sheet", "WB_010", "--out", str(self.folder / "s.png"))["size"], [642, 310])
        told("remove", "WB_010", "Roll")
        self.assertEqual([len(b["items"]) for b in told("list")["baskets"]], [1])
        self.assertEqual(len(of_asset(self.library, "Roll")), 1)
        told("rename", "WB_010", "WB_011")
        told("delete", "WB_011")
        for wrong, words in ((["show", shelf, "WB_011"], "has no basket"), (["add", shelf, "X", "Nobody"], "nothing published as"),
                             (["add", shelf, "X", "Loaf:7"], "no version 7"), (["add", shelf, "a/b", "Loaf"], "no name"),
                             (["pack", shelf, "X"], "--out"), (["show", shelf], "which basket")):
            code, _, err = said(main, ["basket", *wrong])
            self.assertEqual(code, 2, wrong)
            self.assertTrue(words in err or "has no basket" in err, err)
