"""The manual and the documents: made from what lies there, whole, and true of the program."""

import html
import pathlib
import re
import tempfile
import unittest

import numpy as np
from PIL import Image

from docs.lessons import lessons, steps_of
from docs.make_manual import body_of, for_the_web
from package.pages import actions_of
from softmound.cli import parser
from softmound.core.grain.characters import CHARACTERS
from softmound.core.recipe.flock import Deck, Flock, Haze, Spread
from softmound.core.recipe.forms import FORMS
from softmound.core.recipe.grains import ACTIONS, MASKS
from softmound.core.recipe.models import FORMAT, Light, Mass, Medium, Mound, Skin, Sky, Sun
from softmound.core.recipe.steps import STEPS
from softmound.core.recipe.time import Growth, Sounding, TimeLine
from softmound.core.starts.examples import EXAMPLES
from softmound.core.starts.species import STARTS
from softmound.desk.help import reference
from softmound.desk.help.entries import SHEETS, place_of, places
from softmound.desk.help.pages import ENGLISH, MANUAL, MOUNDS, PARTS, leaves, page, picture_file
from softmound.desk.shell.commands import table
from softmound.desk.stations.registry import STATIONS

ROOT = pathlib.Path(__file__).resolve().parents[1]
DOCS = ROOT / "docs"


SAID_OTHERWISE = ("Begin with it", "Keep the look: scale the extinction as well", "Unit of its numbers: m", "Add it", "Resize",
                  "Add heap", "Publish")
"""Controls that a lesson speaks of in other words."""


def read(name):
    return (DOCS / name).read_text(encoding="utf-8")


def plain(text):
    """What is written in HTML: str."""
    return html.unescape(re.sub(r"<[^>]+>", " ", text))


class Manual(unittest.TestCase):
    def test_it_is_what_its_sources_say(self):
        for folder in (path for path in (DOCS / "manual").iterdir() if path.is_dir()):
            sources = sorted(folder.rglob("*.md"))
            self.assertEqual([path.relative_to(folder).with_suffix("") for path in sources],
                             [path.relative_to(MANUAL / folder.name).with_suffix("")
                              for path in sorted((MANUAL / folder.name).rglob("*.html"))], "run: python -m docs.make_manual")
            for path in sources:
                made = (MANUAL / folder.name / path.relative_to(folder)).with_suffix(".html").read_text(encoding="utf-8")
                self.assertEqual(body_of(path) + "\n", made, path)

    def test_links_and_pictures_lead_somewhere(self):
        bodies = {leaf.name: page(leaf.name) for leaf in leaves()}
        commands = {command.name for command, _ in table()}
        stations = {kind.name for kind in STATIONS}
        for name, body in bodies.items():
            for kind, there in re.findall(r'href="(\w*):([^"]+)"', body):
                with self.subTest(name, link=f"{kind}:{there}"):
                    if kind == "page":
                        target, _, anchor = there.partition("#")
                        self.assertIn(target, bodies)
                        self.assertTrue(not anchor or f'name="{anchor}"' in bodies[target])
                    else:
                        self.assertIn(html.unescape(there), {"do": commands, "station": stations, "example": EXAMPLES,
                                                             "lesson": lessons()}[kind])
                        self.assertTrue(kind != "lesson" or (MOUNDS / f"{there}.mound").is_file())
            for picture in re.findall(r'src="([^"]+)"', body):
                self.assertIsNotNone(picture_file(html.unescape(picture)), f"{name}: {picture}")

    def test_every_language_has_every_page_with_its_pictures_and_links(self):
        def leads(path):
            return set(re.findall(r'(?:src|href)="([^"]+)"', path.read_text(encoding="utf-8")))

        def titles(path):
            return path.read_text(encoding="utf-8").count("<h2>")

        english = MANUAL / ENGLISH
        others = [path for path in MANUAL.iterdir() if (path / "begin").is_dir() and path != english]
        self.assertEqual([path.name for path in others], ["de"])
        for path in english.rglob("*.html"):
            for other in others:
                there = other / path.relative_to(english)
                with self.subTest(there):
                    self.assertEqual((leads(there), titles(there)), (leads(path), titles(path)))

    def test_every_station_and_every_dialog_has_a_page(self):
        from PyQt6.QtWidgets import QDialog

        from tests.test_desk_first_hour import subclasses_of

        names = {leaf.name for leaf in leaves()}
        self.assertEqual({leaf.part for leaf in leaves()}, set(PARTS))
        for kind in STATIONS:
            self.assertIn(kind.page, names)
        for kind in subclasses_of(QDialog):
            if kind.__module__.startswith("softmound.desk") and isinstance(getattr(kind, "explained", None), str):
                self.assertIn(kind.explained, names, kind.__name__)

    def test_the_keys_it_names_are_those_of_the_program(self):
        keys = {command.keys for command, _ in table() if command.keys}
        named = set()
        for path in (DOCS / "manual").rglob("*.md"):
            named |= set(re.findall(r"\b(?:Ctrl|Shift|Alt)\+[A-Z0-9][A-Za-z0-9]*", path.read_text(encoding="utf-8")))
        self.assertLessEqual(named - {"Alt+Left", "Alt+Right"}, keys | {"Ctrl+0"})
        self.assertLessEqual({"Alt+Left", "Alt+Right"}, keys)

    def test_what_hands_do_in_a_lesson_is_what_its_text_says(self):
        self.assertEqual(len(lessons()), 10)
        for name in lessons():
            for step in steps_of(name):
                for deed in step.deeds:
                    for one in (deed, *deed.inner):
                        if one.verb in ("set", "choose", "press"):
                            control, _, value = one.words.partition(" = ")
                            with self.subTest(name, step=step.title, control=control):
                                if control not in SAID_OTHERWISE:
                                    self.assertIn(f"**{control}**", step.text)
                                self.assertIn(value, step.text)
            self.assertIn(f"lesson:{name}", (DOCS / "manual" / ENGLISH / "lessons" / f"{name}.md").read_text(encoding="utf-8"))


class Reference(unittest.TestCase):
    def test_all_that_can_be_set_is_listed(self):
        kinds = [*FORMS.values(), *ACTIONS.values(), *MASKS.values(), *STEPS.values(), Mass, Skin, Sun, Sky, Medium, Light,
                 TimeLine, Growth, Sounding]
        for kind in kinds:
            for rows in (getattr(kind, name) for name in dir(kind) if name.endswith("rows") or name == "every_row"):
                for row in rows:
                    self.assertIsNotNone(place_of(kind, row.field), f"{kind.__name__}.{row.field}")
        titles = {entry.title for sheet in SHEETS for entry in sheet.entries()}
        self.assertLessEqual({*CHARACTERS, *(word.capitalize() for word in STARTS)}, titles)

    def test_limits_and_defaults_are_those_that_files_are_checked_by(self):
        text = plain(reference.page("grains"))
        rule = ACTIONS["push"].model_json_schema()["properties"]["strength"]
        self.assertIn(f"from {rule['minimum']:.0f} to {rule['maximum']:,.0f} m".replace(",", "\u2009"), text)
        self.assertIn(f"at first {rule['default']:g}", text)

    def test_every_action_of_the_command_line_with_every_option(self):
        text = plain(reference.page(reference.COMMANDS))
        for name, made in actions_of(parser()).items():
            self.assertIn(f"softmound {name}", text)
            for option in made._actions:
                for word in option.option_strings:
                    self.assertTrue(word in text or word in ("-h", "--help"), f"{name} {word}")

    def test_strips_are_of_what_there_is_and_nearly_all_of_it_has_one(self):
        known = {entry.key for sheet in SHEETS for entry in sheet.entries()} | {f"{key}.{field}" for key, field in places()}
        self.assertEqual(set(reference.strips()) - known, set(), "run: python -m docs.take_strips")
        for name, captions in reference.strips().items():
            for number in range(len(captions)):
                self.assertTrue((reference.STRIPS / f"{name}.{number}.jpg").is_file(), name)
        numbers = [f"{entry.key}.{line.field}" for sheet in SHEETS for entry in sheet.entries() for line in entry.lines
                   if line.low is not None]
        self.assertGreater(sum(name in reference.strips() for name in numbers), 0.75 * len(numbers))

    def test_a_strip_shows_what_its_number_does(self):
        """By the pictures alone: outlines that are pushed farther have more pixels at their edge, denser clouds hide more sky."""
        def sky(name, number):
            with Image.open(reference.STRIPS / f"{name}.{number}.jpg") as image:
                pixels = np.asarray(image.convert("RGB"), float)
            # Clouds are grey before a blue sky.
            return np.ptp(pixels, axis=-1) > 18.0

        edges = []
        for number in range(3):
            blue = sky("Push.strength", number)
            edges.append((blue[:, 1:] != blue[:, :-1]).sum() + (blue[1:] != blue[:-1]).sum())
        self.assertEqual(sorted(edges), edges)
        size = [(~sky("Blob.radii", number)).sum() for number in range(3)]
        self.assertEqual(sorted(size), size)

    def test_it_can_be_put_on_a_web_server(self):
        with tempfile.TemporaryDirectory() as folder:
            for_the_web(folder)
            there = pathlib.Path(folder)
            self.assertEqual(len(list(there.glob("*.html"))), len(leaves()) + 1)
            for path in there.glob("*.html"):
                text = path.read_text(encoding="utf-8")
                for link in re.findall(r'(?:href|src)="([^"]+)"', text):
                    target = html.unescape(link).split("#")[0]
                    self.assertTrue(not target or (there / target).is_file(), f"{path.name}: {link}")


class Documents(unittest.TestCase):
    def test_links_of_the_documents_lead_somewhere(self):
        for path in (ROOT / "README.md", ROOT / "CONTRIBUTING.md", *DOCS.glob("*.md")):
            for there in re.findall(r"\]\(([^)#]+)(?:#[^)]*)?\)", path.read_text(encoding="utf-8")):
                if "://" not in there:
                    self.assertTrue((path.parent / there).exists(), f"{path.name}: {there}")

    def test_the_readme_names_every_action(self):
        text = (ROOT / "README.md").read_text(encoding="utf-8")
        for name in actions_of(parser()):
            if name not in ("warm",):
                self.assertIn(f"`{name}`", text, name)
        self.assertLess(len(text.split()), 1200)

    def test_fields_of_the_files_are_described(self):
        text = read("mound-format.md")
        self.assertIn(f"format {FORMAT}", text)
        for field in Mound.model_fields:
            self.assertIn(field, text)
        for model in (TimeLine, Growth):
            for field in model.model_fields:
                self.assertIn(f"`{field}`", text, field)
        flocks = read("formation.md")
        for model in (Flock, Spread, Deck, Haze):
            for field in model.model_fields:
                self.assertIn(f"`{field}`", flocks, f"{model.__name__}.{field}")

    def test_every_figure_is_described(self):
        from bench.__main__ import NAMES

        text = read("bench.md")
        for name in NAMES:
            self.assertIn(f"`{name}`", text)

    def test_screenshots_are_few_and_all_shown(self):
        shots = {path.name for path in (DOCS / "screenshots").glob("*.png")}
        self.assertLess(len(shots), 20)
        text = (ROOT / "README.md").read_text(encoding="utf-8")
        self.assertEqual({name for name in shots if f"docs/screenshots/{name}" in text}, shots)


if __name__ == "__main__":
    unittest.main()
