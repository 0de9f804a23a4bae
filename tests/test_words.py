"""What the desk says, in any language: all of it can be translated, and stands in one place."""

import os
import pathlib
import pickle
import re
import tempfile
import unittest.mock
import xml.etree.ElementTree as ElementTree
from string import Formatter

from PyQt6.QtCore import QTranslator
from PyQt6.QtGui import QPainter
from PyQt6.QtWidgets import (
    QAbstractButton,
    QComboBox,
    QDialogButtonBox,
    QGroupBox,
    QInputDialog,
    QLabel,
    QLineEdit,
    QListWidget,
    QMenu,
    QMessageBox,
    QWidget,
)

from docs.make_texts import from_code, main
from softmound.cli import main as cli
from softmound.core.problems import DoesNotFit, Problem
from softmound.core.sentences import Sentence
from softmound.core.texts import asked_by_the_system, form_of, said_in
from softmound.desk.dialogs.command_box import CommandBox, entries_of
from softmound.desk.dialogs.export_dialog import ExportDialog
from softmound.desk.dialogs.keys_dialog import KeysDialog
from softmound.desk.dialogs.resize_dialog import ResizeDialog
from softmound.desk.dialogs.wall_dialog import WallDialog
from softmound.desk.shell.commands import help_rows
from softmound.desk.stations.light.sun_dialog import SunPlaceDialog
from softmound.desk.stations.mass.heap_dialog import HeapDialog
from softmound.desk.words import CONTEXT, SHIPPED, Words, choose, chosen, counted, languages, speak, tr, words_of
from tests.desk import DeskTest, application
from tests.scenes import said

WORD = re.compile(r"[A-Za-z]{2,}")
UNTOUCHED = {
    # Names that people gave, and signs that are the same in any language.
    "Lumpy", "Untitled", "Flock", "library", "mm", "km", "cm", "ft", "in", "m/s", "Mlm", "vdb", "flock", "EV",
    # Keys stand on keyboards as they are.
    "Ctrl", "Alt", "Shift", "Esc", "Escape", "Space", "Return", "Delete", "Left", "Right", "Up", "Down", "Tab",
    # Qt says these itself.
    "OK", "Cancel",
}


PAINTED = []
"""What was painted in this process since somebody cleared it."""
_PAINT = QPainter.drawText


def _painted(painter, *arguments):
    PAINTED.extend(part for part in arguments if isinstance(part, str))
    return _PAINT(painter, *arguments)


# For good: Qt's own method is not what it was once another has stood in its place.
QPainter.drawText = _painted


class Pseudo(QTranslator):
    """Says everything between marks."""

    def translate(self, context, text, disambiguation=None, n=-1):
        """Called by Qt."""
        return _marked(text) if context == CONTEXT else None


def _marked(text):
    """A text between marks, but for its places: what is put in has to be said by itself."""
    made = ""
    for words, name, how, conversion in Formatter().parse(text):
        made += f"«{words}»" if words else ""
        made += "" if name is None else "{" + name + (f"!{conversion}" if conversion else "") + (f":{how}" if how else "") + "}"
    return made


def bare(text):
    """What of a text was not said through the translator."""
    # What is too long for its place ends in dots.
    text, before = re.sub(r"«[^«»]*…$", "", re.sub(r"<[^>]*>", "", text)), None
    while before != text:
        before, text = text, re.sub(r"«[^«»]*»", " ", text)
    return text


def texts_of(widget):
    """All that a widget and those in it can be seen or heard to say: (where, text)."""
    for one in [widget, *widget.findChildren(QWidget)]:
        name = type(one).__name__
        if isinstance(one, (QLabel, QAbstractButton)):
            yield name, one.text()
        if isinstance(one, QComboBox):
            yield from ((f"{name} entry", one.itemText(n)) for n in range(one.count()))
        if isinstance(one, QListWidget):
            yield from ((f"{name} entry", one.item(n).text()) for n in range(one.count()))
        if isinstance(one, QLineEdit):
            yield f"{name} while empty", one.placeholderText()
        if isinstance(one, (QGroupBox, QMenu)):
            yield f"{name} title", one.title()
        yield from ((f"{name} {what}", text) for what, text in (
            ("tip", one.toolTip()), ("name", one.accessibleName()), ("description", one.accessibleDescription())))
        yield from ((f"{name} action", action.text()) for action in one.actions())


class InOtherWords(DeskTest):
    """The whole window in a language that marks what it says."""

    def open_window(self):
        self.pseudo = Pseudo()
        application().installTranslator(self.pseudo)
        self.addCleanup(application().removeTranslator, self.pseudo)
        return super().open_window()

    def check(self, texts, sentences_of_the_core=()):
        left = {}
        for where, text in texts:
            rest = bare(text)
            for sentence in sentences_of_the_core:
                rest = re.sub(sentence, "", rest)
            rest = re.sub(r"/[\w/]*tmp[\w/.-]*|[\d.,]+ ?[kMG]?[mBs]{0,2}\b", " ", rest)
            words = [word for word in re.findall(r"[\w/]+", rest) if WORD.search(word) and word not in UNTOUCHED]
            if words:
                left[rest.strip()] = where
        self.assertEqual(left, {})

    def test_all_stations(self):
        PAINTED.clear()
        advice = (r"Top",)
        for name in self.window.stations:
            self.window.open_station(name)
            self.window.grab()
            with self.subTest(name):
                self.check(texts_of(self.window), advice)
        self.assertGreater(len(PAINTED), 100)
        self.check((("painted", text) for text in PAINTED), advice)

    def test_the_time_line_and_what_is_told(self):
        self.window.time()
        self.check(texts_of(self.window), ())
        self.window.looking.look("true")
        self.check([("told", self.window.status.said.text())])
        # What the core refuses, with what it names.
        self.window.tell(tr(Problem("{}: is empty; export it again.", "«cloud.vdb»").sentence))
        self.assertEqual(self.window.status.said.text(), "«cloud.vdb»«: is empty; export it again.»")

    def test_dialogs(self):
        w, mound = self.window, self.window.document.mound
        for dialog in (ExportDialog(mound, None, self.folder, w), KeysDialog(help_rows(self.kinds), w), ResizeDialog(mound, w),
                       CommandBox(entries_of(w), w), SunPlaceDialog(w), HeapDialog(60.0, 0.0, w), WallDialog(w)):
            with self.subTest(type(dialog).__name__):
                self.assertEqual(bare(dialog.windowTitle()).strip(), "")
                self.check(texts_of(dialog), (r"lumpy\.vdb", r"Chapter.*"))
            dialog.reject()
            dialog.deleteLater()

    def test_questions_and_their_answers(self):
        self.window.document.apply(tr("add a blob"), lambda mound: mound.edited(name="Untitled"))
        said = []
        self.dialog(QMessageBox, lambda box: (said.extend(texts_of(box)), said.append(("text", box.text())), box.reject()))
        self.window.files.may_leave()
        self.assertIn("«Stay»", [text for _, text in said])
        self.check([(where, text) for where, text in said if "Soft Mound" not in text])

    def test_undo_says_what_is_undone(self):
        self.window.document.apply(tr("add a blob"), lambda mound: mound.edited(name="Other"))
        self.assertEqual(self.window.actions_["undo"].text(), "«Undo» «add a blob»")


class Translated(DeskTest):
    def test_the_desk_speaks_it_from_the_next_window_on(self):
        folder = pathlib.Path(self._folder.name)
        path = folder / "de.ts"
        path.write_text(ts((("Save", "Sichern", ""), ("Find a number in {}", "Eine Zahl in {} finden", ""), ("Mass", "Masse", ""))))
        speak(self.application, path)
        self.addCleanup(speak, self.application)
        self.close(self.window)
        window = self.open_window()
        self.assertEqual(window.actions_["save"].text(), "Sichern")
        self.assertEqual(window.stations["Mass"].settings.find.accessibleName(), "Eine Zahl in Masse finden")
        # What is not translated stays English, and code goes on calling stations by their own names.
        self.assertEqual(window.actions_["quit"].text(), "Quit")
        window.open_station("Mass")
        # Qt says its own in the same language.
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        self.assertEqual(buttons.button(QDialogButtonBox.StandardButton.Cancel).text().replace("&", ""), "Abbrechen")
        speak(self.application)
        self.assertEqual(tr("Save"), "Save")

    def test_a_language_is_chosen_and_kept(self):
        folder = pathlib.Path(self._folder.name) / "texts"
        folder.mkdir()
        (folder / "nl.ts").write_text(ts((("Save", "Bewaren", ""),)))
        there = languages((folder,))
        self.assertEqual(list(there), ["Nederlands"])
        before = chosen()
        self.addCleanup(lambda: choose(before))
        with self.patched_languages(there):
            self.dialog(QInputDialog, lambda dialog: (dialog.setTextValue("Nederlands"), dialog.accept()))
            self.window.actions_["language"].trigger()
        self.assertEqual(chosen(), folder / "nl.ts")
        (folder / "nl.ts").unlink()
        self.assertIsNone(chosen())
        with self.assertRaises(Problem):
            choose(folder / "nl.ts")

    def patched_languages(self, there):

        return unittest.mock.patch("softmound.desk.words.languages", lambda: there)


class InGerman(DeskTest):
    """The real window in the language that is shipped besides English."""

    def open_window(self):
        speak(application(), SHIPPED / "de.ts")
        self.addCleanup(speak, application())
        return super().open_window()

    def assert_german(self, texts):
        """Nothing is said in English that German has other words for."""
        said = {english: german for english, german in words_of(SHIPPED / "de.ts").items() if german != english}
        # Names of clouds and files are what they are.
        english = {text for _, text in texts if text in said} - UNTOUCHED
        self.assertEqual(english, set())

    def test_every_station_and_the_menu(self):
        for name in self.window.stations:
            self.window.open_station(name)
            with self.subTest(name):
                self.assert_german(texts_of(self.window.station.settings))
                self.assert_german(texts_of(self.window.station.tray))
        self.assert_german(("action", action.text()) for action in self.window.top_bar.menu.menu().actions())
        self.assertEqual(self.window.actions_["save"].text(), "Sichern")
        self.rest()

    def test_the_manual_and_the_reference(self):
        self.window.read_manual("begin/02_when_it_goes_wrong")
        manual = self.window.manual
        self.assertIn("Nichts ist zu sehen", manual.page.toPlainText())
        manual.find.setText("Wirbel")
        self.assertIn("stations/07_time", manual.names())
        manual.find.setText("")
        manual.read("reference/grains#Push.strength")
        text = manual.page.toPlainText()
        self.assertIn("Wie weit die größten Merkmale die Oberfläche bewegen.", text)
        self.assertIn("anfangs 4", text)
        self.assertNotIn("at first", text)
        manual.reject()

    def test_what_is_refused_is_said_in_it(self):
        self.window.document.apply("radius", lambda mound: mound.edited(voxels=mound.voxels.edited(final=-3.0)))
        self.assertIn("setze es auf mindestens 0.005", self.window.status.said.text())
        self.rest()


def ts(messages):
    """A file of Qt Linguist: of English, what it becomes, and how far that is."""
    lines = "".join(f"<message><source>{text}</source><translation type={kind!r}>{said}</translation></message>"
                    for text, said, kind in messages).replace(" type=''", "")
    return f'<?xml version="1.0"?><!DOCTYPE TS><TS version="2.1"><context><name>{CONTEXT}</name>{lines}</context></TS>'


class Files(DeskTest):
    """Translations as files; without a window."""

    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = pathlib.Path(folder.name)

    def sources(self, path):
        return {node.text for node in ElementTree.parse(path).getroot().iter("source")}

    def test_all_texts_stand_in_one_place_and_a_translation_is_brought_up_to_date(self):
        path = self.folder / "nl.ts"
        path.write_text(ts((("Saved {}.", "{} bewaard.", ""), ("Said long ago", "Lang geleden", ""))))
        main([str(path)])
        self.assertEqual(words_of(path), {"Saved {}.": "{} bewaard."})
        self.assertEqual(self.sources(path), self.sources(SHIPPED / "softmound.ts"), "run: python -m docs.make_texts")
        self.assertGreater(len(self.sources(path)), 1200)
        # Of the code, of a row of the core, of a table of the desk, of a start.
        self.assertLessEqual({"Saved {}.", "Mean cosine of scattering: 0.85 for cloud droplets.", "Publish…", "Congestus"},
                             self.sources(path))

    def test_german_is_whole(self):
        path = SHIPPED / "de.ts"
        self.assertEqual(self.sources(path), self.sources(SHIPPED / "softmound.ts"),
                         "run: python -m docs.make_texts softmound/desk/texts/de.ts, and say what is new")
        said = words_of(path)
        self.assertEqual(self.sources(path) - set(said), set())
        self.assertEqual({len(forms) for forms in said.values() if isinstance(forms, tuple)}, {2})
        self.assertIn("Deutsch", languages())

    def test_what_is_counted_has_the_forms_of_its_language(self):
        # After the plural rules of the Unicode CLDR for whole numbers.
        for language, forms in (("de", {0: 1, 1: 0, 2: 1}), ("fr", {0: 0, 1: 0, 2: 1}), ("ja", {0: 0, 1: 0, 5: 0}),
                                ("ru", {1: 0, 21: 0, 3: 1, 22: 1, 5: 2, 11: 2, 12: 2}), ("pl", {1: 0, 21: 2, 22: 1, 12: 2})):
            self.assertEqual({n: form_of(language, n) for n in forms}, forms, language)
        self.assertEqual([counted("one version", "{:,} versions", n).format(n) for n in (1, 1200)],
                         ["one version", "1,200 versions"])
        words = Words({"{:,} versions": ("eine Version", "{:,} Versionen")}, language="de")
        application().installTranslator(words)
        self.addCleanup(application().removeTranslator, words)
        self.assertEqual([counted("one version", "{:,} versions", n).format(n) for n in (1, 0)], ["eine Version", "0 Versionen"])

    def test_the_command_line_speaks_the_language_of_the_system(self):
        english = "there is no such file; check the name."
        for language, sentence in (("de_DE.UTF-8", "eine solche Datei gibt es nicht; prüfe den Namen."), ("C", english),
                                   ("xx_XX", english)):
            with unittest.mock.patch.dict(os.environ, {"LC_ALL": language}):
                code, _, heard = said(cli, ["info", self.folder / "nothing.mound"])
            self.assertEqual(code, 2)
            self.assertIn(sentence, heard)

    def test_the_language_of_the_system_is_found_by_its_parts(self):
        for asked, stem in (("de_AT.UTF-8", "de"), ("de", "de"), ("de_DE@euro", "de"), ("en_GB.UTF-8", None), ("C", None),
                            ("softmound", None), ("", None)):
            path = asked_by_the_system({"LANG": asked})
            self.assertEqual(path and path.stem, stem, asked)
        # What is for messages comes before what is for all, and what is for everything before both.
        self.assertIsNone(asked_by_the_system({"LANG": "de_DE", "LC_MESSAGES": "C"}))
        self.assertIsNone(asked_by_the_system({"LC_ALL": "C", "LC_MESSAGES": "de_DE"}))

    def test_sentences_within_sentences_are_said_in_one_language(self):
        words = {"{} ({} in all)": "{1} insgesamt: {0}", "gone": "weg"}
        inner = Sentence("{} ({} in all)", Sentence("gone"), 3)
        self.assertEqual(said_in(inner, lambda text: words.get(text, text)), "3 insgesamt: weg")
        self.assertEqual((said_in("", str.upper), said_in("gone", words.get)), ("", "weg"))

    def test_what_is_not_finished_or_cannot_be_filled_in_stays_english(self):
        path = self.folder / "de.ts"
        path.write_text(ts((("Save", "Sichern", ""), ("Quit", "Schluss", "unfinished"), ("{} of {}", "von {1}: {0}", ""),
                            ("Saved {}.", "{} und {} gesichert.", ""), ("Kept {}.", "{name} behalten", ""),
                            ("Shut {}", "zu {", ""), ("Open {}", "{:d} auf", ""), ("{} and {:.1f}", "{1:.1f}, {0}", ""),
                            ("{} or {}", "{} oder {1}", ""))))
        found = words_of(path)
        self.assertEqual(found, {"Save": "Sichern", "{} of {}": "von {1}: {0}", "{} and {:.1f}": "{1:.1f}, {0}"})
        self.assertEqual(found["{} of {}"].format(3, 8), "von 8: 3")

    def test_sentences_of_the_core_are_said_again_with_what_is_in_them(self):
        inner = Sentence("{:,.1f} GB", 3.25)
        problem = DoesNotFit("{}: needs {}, and {:d} are there.", "a.mound", inner, 2)
        self.assertEqual((str(problem), problem.code), ("a.mound: needs 3.2 GB, and 2 are there.", 3))
        words = Words({"{}: needs {}, and {:d} are there.": "{}: braucht {1}, da sind {2}.".replace("{}", "{0}"),
                       "{:,.1f} GB": "{:.2f} Gigabyte"})
        application().installTranslator(words)
        self.addCleanup(application().removeTranslator, words)
        self.assertEqual(tr(problem.sentence), "a.mound: braucht 3.25 Gigabyte, da sind 2.")
        # Through another process, whatever was put in.
        again = pickle.loads(pickle.dumps(Problem("{!r} at {}", ValueError("no"), pathlib.Path("/x"))))
        self.assertEqual(str(again), "ValueError('no') at /x")
        self.assertEqual((again.sentence.pattern, again.sentence.values[1]), ("{!r} at {}", "/x"))
        # A sentence with nothing put in may hold braces.
        self.assertEqual(str(Problem("{ is no name")), "{ is no name")

    def test_other_contexts_are_left_to_qt(self):
        words = Words({"Save": "Sichern"})
        self.assertEqual(words.translate(CONTEXT, "Save"), "Sichern")
        self.assertIsNone(words.translate("QFileDialog", "Save"))
        self.assertIsNone(words.translate(CONTEXT, "Quit"))

    def test_a_damaged_file_is_refused_by_name(self):
        path = self.folder / "de.ts"
        for content in (b"", b"<TS><context>", b"\xff\xfe\x00"):
            path.write_bytes(content)
            with self.assertRaises(Problem) as caught:
                words_of(path)
            self.assertIn(str(path), str(caught.exception))

    def test_names_of_files_say_the_language(self):
        for name in ("de.ts", "pt_BR.ts", "softmound.ts", "nothing.ts", "de.txt"):
            (self.folder / name).write_text(ts(()))
        self.assertEqual({path.name for path in languages((self.folder,)).values()}, {"de.ts", "pt_BR.ts"})

    def test_what_tables_hold_is_told_from_what_only_code_reads(self):
        source = ('"""Of a module."""\n'
                  'ROWS = (("key_of", "Shown first", "Said in a sentence."), ("linear", "#aabbcc", "Ctrl+N"))\n'
                  'words = tr("Said by itself")\n')
        self.assertEqual(from_code(source), {"Shown first", "Said in a sentence."})
