"""Stand-ins on the command line: added, listed, changed, removed, handed on, and refused where they have to be."""

import json
import pathlib
import tempfile
import unittest

import numpy as np
import trimesh

from softmound.cli import main
from softmound.core.recipe import read_mound, write_mound
from softmound.core.recipe.flock import Flock
from softmound.core.recipe.flock_files import read_flock, write_flock
from softmound.core.standins.surfaces import box_of
from tests.scenes import ball_mound, said


class Commands(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = pathlib.Path(folder.name)
        self.mound, self.flock = self.folder / "a.mound", self.folder / "a.flock"
        write_mound(self.mound, ball_mound())
        write_flock(self.flock, Flock())

    def does(self, *arguments):
        code, out, err = said(main, ("stand-in", *arguments, "--json"))
        self.assertEqual((code, err), (0, ""))
        return json.loads(out)["stand_ins"]

    def refuses(self, *arguments):
        code, _, err = said(main, ("stand-in", *arguments))
        self.assertEqual(code, 2, err)
        return err

    def test_all_kinds_in_a_mound_and_in_a_flock(self):
        for file, read in ((self.mound, read_mound), (self.flock, read_flock)):
            for kind in ("box", "ball", "cylinder", "plane", "person", "house", "craft", "room", "ridge"):
                self.does(file, "--add", kind)
            self.assertEqual(len(read(file).stand_ins), 9)

    def test_it_is_as_the_options_say(self):
        told, = self.does(self.mound, "--add", "box", "--name", "Crate", "--place", "1,2,3", "--turn", "0,90,0", "--size", "2,3,4",
                          "--colour", "0.1,0.2,0.3", "--as", "matte", "--clears", "1.5", "--set", "roughness=0.2")
        crate, = read_mound(self.mound).stand_ins
        self.assertEqual((crate.name, crate.place, crate.size, crate.shown, crate.clears, crate.roughness),
                         ("Crate", (1.0, 2.0, 3.0), (2.0, 3.0, 4.0), "matte", 1.5, 0.2))
        np.testing.assert_allclose(told["size"], (2.0, 3.0, 4.0), atol=1e-6)
        # Turned by a right angle it is as wide as it was deep.
        np.testing.assert_allclose(np.ptp(box_of(crate), axis=0), (4.0, 3.0, 2.0), atol=1e-6)

    def test_one_is_changed_listed_and_removed_by_its_name(self):
        self.does(self.mound, "--add", "craft", "--size", "40")
        self.does(self.mound, "--add", "person", "--beside")
        craft, person = self.does(self.mound, "--change", "Craft", "--as", "shadow", "--place", "5,5,5")
        self.assertEqual((craft["shown"], craft["place"], max(craft["size"])), ("shadow", [5.0, 5.0, 5.0], 40.0))
        self.assertGreater(person["place"][0], 9.0)
        self.assertEqual([each["name"] for each in self.does(self.mound)], ["Craft", "Person"])
        self.assertEqual([each["name"] for each in self.does(self.mound, "--remove", "Craft")], ["Person"])
        code, out, _ = said(main, ("stand-in", self.mound, "--list"))
        self.assertEqual((code, out.count("1.75")), (0, 1))

    def test_models_come_in_their_unit_and_go_out_as_a_stage(self):
        trimesh.creation.box((100.0, 200.0, 300.0)).export(self.folder / "crate.obj")
        told, = self.does(self.mound, "--add", self.folder / "crate.obj", "--unit", "cm")
        np.testing.assert_allclose(told["size"], (1.0, 2.0, 3.0), atol=1e-6)
        stage = self.folder / "things.usda"
        self.does(self.mound, "--usd", stage)
        self.does(self.flock, "--add", stage)
        there = read_flock(self.flock).stand_ins
        np.testing.assert_allclose(box_of(there[0]), box_of(read_mound(self.mound).stand_ins[0]), atol=1e-3)

    def test_another_file_leaves_this_one_as_it_was(self):
        before = self.mound.read_bytes()
        self.does(self.mound, "--add", "box", "--out", self.folder / "b.mound")
        self.does(self.mound, "--add", "box", "--dry-run")
        self.assertEqual(self.mound.read_bytes(), before)
        self.assertEqual(len(read_mound(self.folder / "b.mound").stand_ins), 1)
        self.assertIn("b.mound", self.refuses(self.mound, "--add", "box", "--out", self.folder / "b.mound"))

    def test_what_cannot_be_is_refused_and_nothing_is_written(self):
        before = self.mound.read_bytes()
        for arguments, word in (
                (("--add", "teapot"), "there are box"), (("--add", self.folder / "none.obj"), "none.obj"),
                (("--remove", "Nobody"), "none"), (("--add", "box", "--size", "0"), "--size"),
                (("--add", "box", "--colour", "2,0,0"), "0 to 1"),
                (("--add", "box", "--as", "ghost"), "ghost"), (("--add", "box", "--set", "weight=3"), "weight"),
                (("--usd", self.folder / "x.usda"), "no stand-in")):
            with self.subTest(word):
                self.assertIn(word, self.refuses(self.mound, *arguments))
        self.assertEqual(self.mound.read_bytes(), before)
        self.assertFalse((self.folder / "x.usda").exists())
