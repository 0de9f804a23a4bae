"""The manual and the documents: made from what lies there, whole, and true of the program."""

import html
import importlib.util
import pathlib
import re
import unittest

from package.pages import actions_of
from softmound.cli import parser
from softmound.core.recipe.flock import Deck, Flock, Haze, Spread
from softmound.core.recipe.models import FORMAT, Mound
from softmound.core.recipe.time import Growth, TimeLine
from softmound.desk.dialogs.manual_dialog import MANUAL, chapters
from softmound.desk.shell.commands import table
from softmound.desk.stations.registry import STATIONS

ROOT = pathlib.Path(__file__).resolve().parents[1]
DOCS = ROOT / "docs"


def read(name):
    return (DOCS / name).read_text(encoding="utf-8")


class Manual(unittest.TestCase):
    def test_it_is_what_its_sources_say(self):
        spec = importlib.util.spec_from_file_location("make_manual", DOCS / "make_manual.py")
        module = importlib.util.module_from_spec(spec)
        spec.loader.exec_module(module)
        sources = sorted((DOCS / "manual").glob("*.md"))
        self.assertEqual([file for file, _ in chapters()], [path.stem for path in sources])
        for path in sources:
            text = path.read_text(encoding="utf-8")
            page = html.unescape(re.sub(r"<[^>]+>", " ", (MANUAL / f"{path.stem}.html").read_text(encoding="utf-8")))
            words = set(re.findall(r"[A-Za-z]{4,}", re.sub(r"!\[.*?\)", "", re.sub(r"```\w*", "", text))))
            self.assertEqual(words - set(re.findall(r"[A-Za-z]{4,}", page)), set(), path.name)

    def test_links_and_pictures_lead_somewhere(self):
        for path in MANUAL.glob("*.html"):
            text = path.read_text(encoding="utf-8")
            for there in re.findall(r'(?:href|src)="([^"]+)"', text):
                self.assertTrue((MANUAL / there).exists(), f"{path.name}: {there}")

    def test_every_station_has_a_chapter(self):
        titles = " ".join(title for _, title in chapters())
        for kind in STATIONS:
            self.assertIn(kind.name, titles)

    def test_the_keys_it_names_are_those_of_the_program(self):
        keys = {command.keys for command, _ in table() if command.keys}
        named = set()
        for path in (DOCS / "manual").glob("*.md"):
            named |= set(re.findall(r"\b(?:Ctrl|Shift|Alt)\+[A-Z0-9][A-Za-z0-9]*", path.read_text(encoding="utf-8")))
        self.assertLessEqual(named - {"Alt+Left", "Alt+Right"}, keys | {"Ctrl+0"})
        self.assertLessEqual({"Alt+Left", "Alt+Right"}, keys)


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
                self.assertIn(f"softmound {name}", text, name)

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
