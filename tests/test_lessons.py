"""The lessons of the manual, step by step through the real window; and the examples."""

import json
import pathlib
import tempfile
import unittest

from PIL import Image
from PyQt6.QtCore import Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QLineEdit

from docs.lessons import Deed, Hands, Step, lessons, steps_of
from softmound.cli import main as cli
from softmound.core.engine.density import density_grid, span_of
from softmound.core.grain.characters import CHARACTERS
from softmound.core.problems import Problem
from softmound.core.recipe import View, read_mound
from softmound.core.starts.examples import EXAMPLES, FOLDER, example
from softmound.core.starts.species import STARTS
from softmound.desk.dialogs.examples_dialog import ExamplesDialog
from softmound.desk.dialogs.wall_dialog import WallDialog
from softmound.desk.help.pages import MOUNDS
from tests.desk import DeskTest
from tests.long import long
from tests.scenes import said

ROOT = pathlib.Path(__file__).resolve().parents[1]
GROWS = "08_frozen"


def bare(mound):
    """A mound without where it is looked at from, which follows the size of the window."""
    return mound.edited(view=View(), snapshots=(), references=())


class Lessons(DeskTest):
    ratio = 0.06  # what is looked at here is the recipe

    def performed(self, name):
        """Perform a lesson: its mounds after each step."""
        hands, seen = Hands(self.window, self.folder), []
        for step in steps_of(name):
            self.window.document.history.saved(self.window.document.path)
            hands.perform(step)
            seen.append(bare(self.window.document.mound))
        return seen

    def test_each_ends_in_its_mound(self):
        for name in lessons():
            if name == GROWS:
                continue
            with self.subTest(name):
                self.assertEqual(self.performed(name)[-1], bare(read_mound(MOUNDS / f"{name}.mound")))
                self.window.moving.let_go()
        flock = self.window.stations["Formation"].flock
        self.assertEqual((len(flock.members), len(flock.decks), flock.decks[0].cover), (1, 1, 0.85))
        self.assertEqual([basket.name for basket in self.window.stations["Library"].baskets.all], ["WB-040"])

    @long
    def test_smoke_is_frozen(self):
        seen = self.performed(GROWS)
        self.assertIn(bare(read_mound(MOUNDS / f"{GROWS}.mound")), seen)
        self.assertEqual(seen[-1].mass.forms[0].kind, "volume")

    def test_hands_find_only_what_is_there_and_on(self):
        hands = Hands(self.window, self.folder)
        for deeds in ("set No such number = 3", "press No such button", "menu Add > No such entry", "form Nobody", "item Nothing",
                      "choose Sky: Sky = Green", "file nowhere.ply"):
            verb, _, words = deeds.partition(" ")
            self.window.open_station("Light" if verb == "choose" else "Mass")
            with self.subTest(deeds), self.assertRaises(LookupError):
                hands.perform(Step("", "", (Deed(verb, words),)))
        with self.assertRaises(LookupError):  # nothing is chosen that could be removed
            hands.perform(Step("", "", (Deed("press", "Remove"),)))
        self.rest()

    def test_what_is_done_is_read_from_comments_alone(self):
        step = steps_of("02_model")[1]
        wait = next(deed for deed in step.deeds if deed.verb == "wait")
        self.assertEqual([deed.words for deed in wait.inner], ["Unit of its numbers: m", "Add it"])
        self.assertNotIn("<!--", step.text)

    def test_enter_ends_typing(self):
        self.window.open_station("Light")
        field = next(c for name, c in self.window.station.settings.named_controls() if name == "Sun's elevation")
        field.type("21")
        QTest.keyClick(field.findChildren(QLineEdit)[-1], Qt.Key.Key_Return)
        self.assertEqual((field.value, field._editor), (21.0, None))
        self.rest()


class Examples(unittest.TestCase):
    def test_thirty_small_files_each_with_a_picture(self):
        self.assertEqual(len(EXAMPLES), 30)
        self.assertEqual({path.stem for path in FOLDER.glob("*.mound")}, set(EXAMPLES))
        for word, one in EXAMPLES.items():
            self.assertLess(one.path.stat().st_size + one.picture.stat().st_size, 200_000, word)
            with Image.open(one.picture) as image:
                self.assertEqual(image.size, (312, 192))

    def test_each_is_a_cloud_by_its_name(self):
        for word, one in EXAMPLES.items():
            mound = example(word)
            self.assertEqual(mound.name, one.name)
            self.assertIsNotNone(density_grid(mound, span_of(mound) / 24.0).brick_bounds(), word)
        with self.assertRaises(Problem):
            example("stale_bread")

    def test_by_the_command_line(self):
        code, out, _ = said(cli, ["examples", "--json"])
        facts = json.loads(out)
        self.assertEqual((code, [word for word in facts if word != "schema"]), (0, list(EXAMPLES)))
        with tempfile.TemporaryDirectory() as folder:
            path = pathlib.Path(folder) / "mine.mound"
            self.assertEqual(said(cli, ["new", path, "--example", "bundt"])[0], 0)
            self.assertEqual(read_mound(path), example("bundt").edited(name="mine"))
            code, _, heard = said(cli, ["new", path, "--example", "stale_bread", "--force"])
            self.assertEqual(code, 2)
            self.assertIn("there is no example 'stale_bread'", heard.lower())
            self.assertEqual(read_mound(path).name, "mine")

    def test_every_start_and_every_character_is_among_them(self):
        text = (ROOT / "demo" / "gallery.py").read_text() + (ROOT / "demo" / "bake.py").read_text()
        for word in (*STARTS, *CHARACTERS):
            self.assertIn(f'"{word}"', text)


class Opened(DeskTest):
    def test_a_copy_is_opened_from_the_wall(self):
        def take(dialog):
            self.dialog(ExamplesDialog, lambda inner: (inner.list.setCurrentRow(1), inner.take.click()))
            dialog.examples.click()

        self.dialog(WallDialog, take)
        self.window.actions_["new"].trigger()
        self.assertEqual(self.window.document.mound, example("morning_bun"))
        self.assertIsNone(self.window.document.path)
        self.rest()
