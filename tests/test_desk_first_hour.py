"""What meets somebody new in the window: words that can be read everywhere, and a sentence with a way out where nothing is seen."""

import pathlib
import threading
import time
import unittest

import numpy as np
from PyQt6.QtWidgets import QAbstractButton, QComboBox, QDialog, QLabel, QLineEdit, QTextBrowser, QToolTip, QTreeWidget, QWidget

from softmound.core.engine.density import density_grid
from softmound.core.engine.emptiness import emptied
from softmound.core.engine.nature import nature_of
from softmound.core.engine.painter import Painter, Request
from softmound.core.engine.tracing import SHOWING
from softmound.core.exchange.foreign import read_triangles
from softmound.core.grain.actions.push import Push
from softmound.core.grain.characters import CHARACTERS, sized_character
from softmound.core.grain.masks.height import ByHeight
from softmound.core.grain.scales import advised
from softmound.core.growth.source import growth_for
from softmound.core.library.asset import About, publish
from softmound.core.light.scene.camera import camera_of, fitted
from softmound.core.mass.kinds.blob import Blob
from softmound.core.recipe.arrays import Arrays
from softmound.core.recipe.curve import Curve
from softmound.core.recipe.models import Reference
from softmound.core.recipe.steps import STEPS
from softmound.core.starts.species import STARTS, start
from softmound.desk import style
from softmound.desk.dialogs.command_box import CommandBox, entries_of
from softmound.desk.dialogs.examples_dialog import ExamplesDialog
from softmound.desk.dialogs.export_dialog import ExportDialog, MeshDialog
from softmound.desk.dialogs.import_dialog import ImportDialog
from softmound.desk.dialogs.keys_dialog import KeysDialog
from softmound.desk.dialogs.manual_dialog import ManualDialog
from softmound.desk.dialogs.near_dialog import NearDialog
from softmound.desk.dialogs.picture_dialog import PictureDialog
from softmound.desk.dialogs.publish_dialog import PublishDialog
from softmound.desk.dialogs.queue_dialog import QueueDialog
from softmound.desk.dialogs.reading_dialog import ReadingDialog
from softmound.desk.dialogs.resize_dialog import ResizeDialog
from softmound.desk.dialogs.wall_dialog import WallDialog
from softmound.desk.help.pages import leaves
from softmound.desk.shell.commands import help_rows
from softmound.desk.shell.warming import Warming
from softmound.desk.stations.grain.nature_dialog import NatureDialog
from softmound.desk.stations.grain.siblings_dialog import SiblingsDialog
from softmound.desk.stations.library.dialogs import AdoptDialog, SayDialog
from softmound.desk.stations.light.sun_dialog import SunPlaceDialog
from softmound.desk.stations.mass.heap_dialog import HeapDialog
from softmound.desk.stations.mass.siblings_dialog import GrowthSiblingsDialog
from softmound.desk.stations.registry import STATIONS
from softmound.desk.view.overlays import WORDS_APART, AltitudeRail
from softmound.desk.view.photographs import PhotographDialog
from tests.desk import DeskTest
from tests.long import long
from tests.photographed import blocked
from tests.scenes import ball_mound, lumpy_mound
from tests.test_desk_access import colours_of, contrast, words_of

LONG_SHOWN = 0.08
"""Seconds that a slow desk takes to show a picture."""
BRIOCHE = pathlib.Path(__file__).parents[1] / "softmound" / "examples" / "brioche.ply"


def subclasses_of(kind):
    """All classes below one."""
    for each in kind.__subclasses__():
        yield each
        yield from subclasses_of(each)


class Readable(DeskTest):
    """Contrast from pixels (WCAG 2.1), in all windows there are, on both grounds."""

    def dialogs(self):
        """By class: what makes each dialog of the desk."""
        w, mound, folder = self.window, self.window.document.mound, str(self.folder)
        ahead = w.looking.painter.stages.forecast(mound)
        grid = density_grid(mound, 2.0)
        version = w.stations["Library"].versions[0]
        photograph = Reference(name="Pan", picture=Arrays(pixels=np.full((40, 60, 3), 90, np.uint8)))
        return {
            CommandBox: lambda: CommandBox(entries_of(w), w), KeysDialog: lambda: KeysDialog(help_rows(STATIONS), w),
            WallDialog: lambda: WallDialog(w), ExportDialog: lambda: ExportDialog(mound, ahead, folder, w),
            MeshDialog: lambda: MeshDialog(mound, True, folder, w), PictureDialog: lambda: PictureDialog(mound, folder, True, w),
            QueueDialog: lambda: QueueDialog(w.jobs, w), ResizeDialog: lambda: ResizeDialog(mound, w),
            ImportDialog: lambda: ImportDialog(BRIOCHE, read_triangles(BRIOCHE), w),
            HeapDialog: lambda: HeapDialog(60.0, 0.0, w), SunPlaceDialog: lambda: SunPlaceDialog(w),
            NatureDialog: lambda: NatureDialog(nature_of(mound, grid), w), SiblingsDialog: lambda: SiblingsDialog(mound, w),
            PublishDialog: lambda: PublishDialog(mound, ahead, self.folder, About(), (1,), (), w),
            SayDialog: lambda: SayDialog(version, w), AdoptDialog: lambda: AdoptDialog([BRIOCHE], w),
            PhotographDialog: lambda: PhotographDialog(photograph, lambda *_: None, (), w), Warming: lambda: Warming(["true"]),
            ManualDialog: lambda: ManualDialog("", w), ExamplesDialog: lambda: ExamplesDialog(w),
            ReadingDialog: lambda: ReadingDialog(photograph, None, w),
            NearDialog: lambda: NearDialog(blocked()[0], blocked()[1], parent=w),
            GrowthSiblingsDialog: lambda: GrowthSiblingsDialog(mound.edited(growth=growth_for(mound)), None, w),
        }

    def assert_readable(self, window, where, only=None):
        """All words in a window, or in some of its widgets, but those switched off, stand out from what is behind them."""
        whole = window.grab().toImage()
        seen = [widget for widget in only or window.findChildren(QWidget)
                if isinstance(widget, (QLabel, QAbstractButton, QLineEdit, QComboBox, QTextBrowser, QTreeWidget))
                and widget.isVisible() and widget.isEnabled() and widget.width() > 20 and widget.height() > 10
                and widget.visibleRegion().boundingRect() == widget.rect()
                and (words_of(widget).strip() or isinstance(widget, (QComboBox, QTextBrowser, QTreeWidget)))]
        for widget in seen:
            ground, ink = colours_of(widget, whole)
            # Pages are read for long. Edges of letters are blended, so that small ones do not quite reach their colour.
            least = 7.0 if isinstance(widget, QTextBrowser) else 4.0
            self.assertGreater(contrast(ink, ground), least, f"{where}: {type(widget).__name__} {words_of(widget)!r}")
        return len(seen)

    @long
    def test_every_dialog_and_every_page_of_the_manual_on_both_grounds(self):
        self.window.stations["Library"].look_again()
        publish(self.window.document.mound, self.window.delivering.library, 4.0)
        self.window.stations["Library"].look_again()
        makers = self.dialogs()
        mine = {kind for kind in subclasses_of(QDialog) if kind.__module__.startswith("softmound.desk")}
        self.assertEqual(mine - set(makers), set(), "a dialog that no test opens")
        self.addCleanup(lambda: style.ground() == "dark" or style.change_ground(self.application))
        for ground in ("dark", "light"):
            if style.ground() != ground:
                style.change_ground(self.application)
            for kind, make in makers.items():
                dialog = make()
                dialog.show()
                self.application.processEvents()
                with self.subTest(kind.__name__, ground=ground):
                    self.assertGreater(self.assert_readable(dialog, f"{kind.__name__} on {ground}"), 0)
                    if kind is ManualDialog:
                        self.pages(dialog, ground)
                dialog.reject()
                dialog.deleteLater()
            self.tip(ground)
            for name, menu in (("menu", self.window.top_bar.menu.menu()), ("characters", self.window.stations["Grain"].tray._menu)):
                with self.subTest(name, ground=ground):
                    self.menu(menu, name)

    def pages(self, dialog, ground):
        """Each page: its words on its ground; no list or page scrolls sideways."""
        names = dialog.names()
        self.assertEqual(names, [leaf.name for leaf in leaves()])
        for name in names:
            dialog.read(name)
            self.application.processEvents()
            image = dialog.page.viewport().grab().toImage()
            self.assertEqual(image.pixelColor(1, 1).name(), style.GROUND.name(), f"{name} on {ground}")
            # What is around the page was measured with the dialog, and stays.
            self.assertEqual(self.assert_readable(dialog, f"{name} on {ground}", [dialog.page]), 1)
        for each in (dialog.list, dialog.page):
            self.assertFalse(each.horizontalScrollBar().isVisible())
        longest = max(dialog.list.fontMetrics().horizontalAdvance(leaf.title) for leaf in leaves())
        self.assertGreater(dialog.list.viewport().width(), longest + dialog.list.indentation())

    def tip(self, ground):
        """A tip: its words on its ground."""
        QToolTip.showText(self.window.mapToGlobal(self.window.rect().center()), "How far it goes.", self.window)
        self.application.processEvents()
        shown = next(one for one in self.application.topLevelWidgets() if one.inherits("QTipLabel"))
        self.assertGreater(contrast(*reversed(colours_of(shown, shown.grab().toImage()))), 7.0, f"a tip on {ground}")
        QToolTip.hideText()

    def menu(self, menu, name):
        menu.popup(self.window.mapToGlobal(self.window.rect().center()))
        self.application.processEvents()
        whole = menu.grab().toImage()
        ground, ink = colours_of(menu, whole)
        self.assertGreater(contrast(ink, ground), 4.5, name)
        menu.close()

    def test_what_is_found_has_kind_and_keys_in_columns_of_their_own(self):
        box = CommandBox(entries_of(self.window), self.window)
        box.line.setText("take pictures")
        first = box.list.topLevelItem(0)
        self.assertEqual([first.text(n) for n in range(3)], ["Take pictures", "command", "Ctrl+T"])
        box.deleteLater()


class Nothing(DeskTest):
    def emptied_by(self, mound):
        """What is said of a mound without a cloud; and that the button, and nothing else, brings one back."""
        self.assertIsNone(density_grid(mound, 1.0).brick_bounds())
        found = emptied(mound)
        if found.change is not None:
            self.assertIsNotNone(density_grid(found.change(mound), 0.5).brick_bounds())
        return str(found.sentence)

    def test_each_thing_that_can_take_all_away_is_named(self):
        mound = ball_mound(12.0, 2.0)
        mass, ball = mound.mass, mound.mass.forms[0]
        far = Blob(name="Far", centre=(500.0, 20.0, 0.0), radii=(9.0,) * 3)
        for word, other in (
                ("base level at 300", mound.edited(mass=mass.edited(base=mass.base.edited(on=True, altitude=300.0)))),
                ("top level at -50", mound.edited(mass=mass.edited(top=mass.top.edited(on=True, altitude=-50.0)))),
                ("“Far” keeps", mound.edited(mass=mass.edited(forms=(ball, far.edited(role="keeps"))))),
                ("“Far” carves", mound.edited(mass=mass.edited(forms=(ball, far.edited(
                    role="carves", centre=ball.centre, radii=(40.0,) * 3))))),
                ("The mask “By height” lets the grain 1", mound.edited(grains=(Push(
                    direction="inward", strength=40.0, contrast=Curve(points=((0.0, 1.0), (1.0, 1.0))),
                    where=(ByHeight(low=-90.0, high=-80.0),)),))),
                ("Grow or shrink", mound.edited(steps=(STEPS["grow"](metres=-30.0),))),
                ("All forms are hidden", mound.edited(mass=mass.edited(forms=(ball.edited(hidden=True),)))),
                ("no form yet", mound.edited(mass=mass.edited(forms=())))):
            with self.subTest(word):
                self.assertIn(word, self.emptied_by(other))

    def test_the_picture_says_so_and_its_button_undoes_just_that(self):
        window, before = self.window, self.window.document.mound
        window.document.apply("melt", lambda m: m.edited(mass=m.mass.edited(melt=1.0)))
        window.picture.rail.moved.emit("base", 400.0, False)
        window.document.apply("base", lambda m: m.edited(mass=m.mass.edited(base=m.mass.base.edited(on=True, altitude=400.0))))
        card = window.empty_card
        self.until(card.isVisible)
        self.assertIn("400", card.said.text())
        self.assertLessEqual(card.said.heightForWidth(card.said.width()), card.said.height())
        self.click(card.button)
        self.until(lambda: not card.isVisible())
        after = window.document.mound
        self.assertFalse(after.mass.base.on)
        self.assertEqual(after.mass.melt, 1.0)
        window.document.undo()
        self.assertTrue(window.document.mound.mass.base.on)
        self.assertEqual(before.mass.forms, after.mass.forms)
        self.rest()


class Beginning(DeskTest):
    def test_no_start_and_no_character_begins_with_advice_against_itself(self):
        for name in STARTS:
            mound = start(name, "x")
            wasted = [a for a in advised(mound.grains, mound.voxels.final) if a.kind == "waste"]
            self.assertEqual(wasted, [], name)
        self.window.open_station("Grain")
        grain = self.window.stations["Grain"]
        for name, character in CHARACTERS.items():
            grain.take_character(character, name)
            mound = self.window.document.mound
            self.assertEqual([a.sentence for a in advised(mound.grains, mound.voxels.final) if a.kind == "waste"], [], name)
            self.assertLessEqual(len(mound.grains), len(sized_character(character, 100.0)))
        self.rest()


class Rail(DeskTest):
    def test_words_never_run_into_one_another_however_it_is_looked_at(self):
        rail = AltitudeRail(self.window.picture)
        rail.setGeometry(8, 8, 72, 540)
        mound = lumpy_mound()
        for elevation in (-89, -75, -50, -20, 0, 3, 30, 60, 85, 89):
            view = mound.view.edited(elevation=float(elevation))
            rail.show_mound(mound.edited(view=view), camera_of(view, 820, 556))
            marks = rail.marks()
            rows = [row for row, text in marks if text]
            self.assertGreater(len(rows), 0, elevation)
            for a, b in zip(rows, rows[1:]):
                self.assertGreaterEqual(a - b, WORDS_APART, elevation)
        rail.deleteLater()


class Tracing(unittest.TestCase):
    def test_pictures_in_between_take_a_tenth_of_the_time_at_most(self):
        shown, spent, ended = [], [0.0], threading.Event()

        def deliver(answer):
            begun = time.perf_counter()
            if answer.request.way == "true" and 0.0 < answer.noise < np.inf:
                time.sleep(LONG_SHOWN)  # a desk that takes long to show it
                spent[0] += time.perf_counter() - begun
                shown.append(time.perf_counter())
                if len(shown) > 5:
                    ended.set()

        painter = Painter(deliver)
        mound = ball_mound(12.0, 2.0)
        painter.ask(Request(1, mound.edited(view=fitted(mound.view, (-12.0, 8.0, -12.0), (12.0, 32.0, 12.0), 96, 60)), 96, 60,
                            way="true", noise=1e-4))
        self.assertTrue(ended.wait(120.0))
        painter.close()
        # The first is shown as soon as there is one.
        took = shown[-1] - shown[0]
        self.assertLess((spent[0] - LONG_SHOWN) / took, 1.5 * SHOWING)
