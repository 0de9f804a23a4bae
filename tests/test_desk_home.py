"""At home on the desk: anything found by its name, the first cloud, the manual, what is this, parts hidden, files dropped."""

import sys
from unittest import mock

from PyQt6.QtCore import QEvent, QMimeData, QPointF, QProcess, Qt, QUrl
from PyQt6.QtGui import QDropEvent, QTextDocument
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication, QWhatsThis, QWidget

from softmound.core.compiled import READY
from softmound.core.engine.density import density_grid
from softmound.core.engine.stages import Stages
from softmound.core.engine.stills import Taking, still_of
from softmound.core.exchange.pictures import write_picture
from softmound.core.recipe import write_mound
from softmound.desk.dialogs.command_box import CommandBox, entries_of, matching
from softmound.desk.dialogs.manual_dialog import WIDEST, ManualDialog, Page
from softmound.desk.dialogs.picture_dialog import PictureDialog
from softmound.desk.help.pages import page_about
from softmound.desk.help.reference import PICTURE
from softmound.desk.shell import warming
from softmound.desk.shell.explaining import words_for
from softmound.desk.shell.telling import long_work_ended, message_of
from softmound.desk.shell.tour import STEPS
from softmound.desk.shell.warming import Behind, Warming, warm_in_a_window
from tests.desk import DeskTest
from tests.scenes import ball_mound, lumpy_mound


class Home(DeskTest):
    def test_anything_is_found_and_done(self):
        self.window.open_station("Mass")
        entries = entries_of(self.window)
        self.assertGreater(len(entries), 150)
        for typed, first in (("take pict", "Take pictures"), ("grain", "Grain"), ("handing", "Handing over"),
                             ("azimuth", "Sun's azimuth")):
            self.assertEqual(matching(entries, typed)[0].words, first)
        self.assertEqual(matching(entries, "no such thing at all"), [])

        def act(box):
            QTest.keyClicks(box.line, "look in clay")
            QTest.keyClick(box.line, Qt.Key.Key_Return)

        self.dialog(CommandBox, act)
        self.window.actions_["box"].trigger()
        self.assertEqual(self.window.looking.way, "clay")
        self.rest()

    def test_a_number_of_another_station_is_gone_to(self):
        self.window.open_station("Mass")

        def act(box):
            QTest.keyClicks(box.line, "extinction number of light")
            QTest.keyClick(box.line, Qt.Key.Key_Down)
            QTest.keyClick(box.line, Qt.Key.Key_Up)
            QTest.keyClick(box.line, Qt.Key.Key_Return)

        self.dialog(CommandBox, act)
        self.window.actions_["box"].trigger()
        self.assertEqual(self.window.station.name, "Light")
        self.rest()

    def test_the_first_cloud_waits_for_each_gesture(self):
        window, tour = self.window, self.window.tour
        window.document.open(ball_mound(12.0, 2.0))
        window.actions_["tour"].trigger()
        self.assertTrue(tour.card.isVisible())
        document = window.document
        acts = (
            lambda: document.open(lumpy_mound()),
            lambda: document.apply("a", lambda m: m.edited(mass=m.mass.edited(forms=tuple(
                f.edited(centre=(f.centre[0] + 1.0, *f.centre[1:])) for f in m.mass.forms)))),
            lambda: document.apply("b", lambda m: m.edited(mass=m.mass.edited(base=m.mass.base.edited(altitude=3.0)))),
            lambda: document.apply("c", lambda m: m.edited(grains=tuple(g.edited(strength=g.strength + 0.5) for g in m.grains))),
            lambda: document.apply("d", lambda m: m.edited(light=m.light.edited(sun=m.light.sun.edited(azimuth=12.0)))),
            lambda: document.look(document.mound.view.edited(azimuth=50.0)),
            lambda: document.save(self.folder / "first.mound"),
            lambda: window.delivering.published.emit() or setattr(window.delivering, "published_count", 1),
        )
        self.assertEqual(len(acts), len(STEPS))
        for at, act in enumerate(acts):
            self.assertEqual(tour.at, at)
            tour._look()
            self.assertEqual(tour.at, at)  # it waits
            act()
            tour._look()
        self.assertIsNone(tour.at)
        self.assertFalse(tour.card.isVisible())
        self.assertIn("That was a cloud", window.status.said.text())
        self.rest()

    def test_the_tour_can_be_skipped_and_left(self):
        tour = self.window.tour
        tour.begin()
        QTest.mouseClick(tour.skip, Qt.MouseButton.LeftButton)
        self.assertEqual((tour.at, tour.title.text()), (1, STEPS[1].title))
        QTest.keyClick(tour.leave, Qt.Key.Key_Space)
        self.assertIsNone(tour.at)

    def test_the_manual_is_searched_and_what_is_found_is_marked(self):
        manual = ManualDialog("stations/04_light")
        self.assertIn("Sun dome", manual.page.toPlainText())
        manual.find.setText("vorticity or koschmieder")
        self.assertEqual((manual.names(), manual.said.text()), ([], "No page has all these words."))
        manual.find.setText("flat stratus")
        self.assertEqual(manual.names(), ["stations/09_recipes"])
        self.assertEqual(manual.page.name, "stations/09_recipes")
        text = manual.page.toPlainText().lower()
        self.assertEqual(len(manual.page.extraSelections()), text.count("flat") + text.count("stratus"))
        at = [manual.page.textCursor().position()]
        manual.next_mark()
        at.append(manual.page.textCursor().position())
        self.assertEqual(sorted(at), at)
        manual.deleteLater()

    def test_pages_are_walked_back_and_forward_and_links_lead_into_the_window(self):
        window = self.window
        window.read_manual("begin/01_first_cloud")
        manual = window.manual
        manual.follow("page:explained/03_flat_bases")
        manual.follow("page:reference/grains#Push.strength")
        manual.walk(-1)
        manual.walk(-1)
        self.assertEqual((manual.page.name, manual.back.isEnabled()), ("begin/01_first_cloud", False))
        manual.walk(1)
        self.assertEqual(manual.page.name, "explained/03_flat_bases")
        manual.follow("station:Light")
        self.assertEqual(window.station.name, "Light")
        manual.follow("lesson:03_animal")
        self.assertEqual(len(window.document.mound.mass.forms), 8)
        manual.follow("do:undo")  # what cannot be done now is not done
        self.rest()
        manual.reject()

    def test_pictures_of_a_page_are_as_large_as_they_are_shown(self):
        page, kind = Page(), QTextDocument.ResourceType.ImageResource
        self.assertEqual(page.loadResource(kind, QUrl("Push.strength.0.jpg")).width(), PICTURE)
        self.assertEqual(page.loadResource(kind, QUrl("lesson-01-1.jpg")).width(), WIDEST)
        for name in ("nothing.png", "../../../icons/x.svg", "/etc/hostname"):
            self.assertIsNone(page.loadResource(kind, QUrl(name)), name)
        page.deleteLater()

    def test_links_to_what_is_not_there_do_nothing(self):
        before = self.window.document.mound, self.window.station.name
        for address in ("do:nothing", "station:Kitchen", "example:stale_bread", "lesson:../../x", "file:/etc/hostname"):
            self.window.follow(address)
        self.assertEqual((self.window.document.mound, self.window.station.name), before)

    def test_f1_opens_the_page_of_what_has_the_keyboard_and_else_of_the_station(self):
        window = self.window
        window.open_station("Grain")
        window.actions_["help"].trigger()
        self.assertEqual(window.manual.page.name, "stations/03_grain")
        # A feature size is the noise's, whatever action it stands in.
        field = next(c for name, c in window.station.settings.named_controls() if name == "Feature size")
        self.assertEqual(page_about(field), "reference/grains#Noise.feature")
        window.read_manual(page_about(field))
        self.assertEqual(window.manual.page.name, "reference/grains")
        self.assertGreater(window.manual.page.verticalScrollBar().value(), 0)
        window.manual.reject()

        def ask(dialog):
            self.dialog(ManualDialog, lambda manual: (seen.append(manual.page.name), manual.reject()))
            self.key(Qt.Key.Key_F1, widget=dialog)
            dialog.reject()

        seen = []
        self.dialog(PictureDialog, ask)
        window.actions_["pictures"].trigger()
        self.assertEqual(seen, ["reference/takes"])
        self.rest()

    def test_every_control_says_what_it_is(self):
        for name in self.window.stations:
            self.window.open_station(name)
            self.rest()
        self.window.actions_["what"].trigger()
        self.assertTrue(QWhatsThis.inWhatsThisMode())
        QWhatsThis.leaveWhatsThisMode()
        for station in self.window.stations.values():
            for words, control in station.settings.named_controls():
                self.assertTrue(control.whatsThis() or words_for(control), words)
        self.assertGreater(sum(bool(w.whatsThis()) for w in self.window.findChildren(QWidget)), 150)

    def test_a_window_waits_for_the_kernels(self):
        code = "import sys, time; print('   42 %  grains', file=sys.stderr, flush=True); time.sleep(0.3)"
        window = Warming([sys.executable, "-c", code])
        window.show()
        self.until(lambda: window.bar.value() == 42)
        self.assertEqual(window.words.text(), "grains")
        self.until(lambda: window.result() == Warming.DialogCode.Accepted)
        failing = Warming([sys.executable, "-c", "raise SystemExit(3)"])
        self.until(lambda: "did not work" in failing.words.text())
        left = Warming([sys.executable, "-c", "import time; time.sleep(60)"])
        left.show()
        QTest.mouseClick(left.later, Qt.MouseButton.LeftButton)
        self.assertEqual(left.process.state(), left.process.ProcessState.NotRunning)
        for each in (window, failing, left):
            each.deleteLater()

    def test_the_application_is_used_while_the_rest_compiles(self):
        code = (f"import sys, time; print('  55 %  {READY}', file=sys.stderr, flush=True); sys.stdin.read(1); "
                "print('  80 %  growth', file=sys.stderr, flush=True)")
        window = Warming([sys.executable, "-c", code])
        window.show()
        self.until(lambda: window.result() == Warming.DialogCode.Accepted)
        running = window.process.ProcessState.Running
        self.assertEqual(window.process.state(), running)
        behind, ended = Behind(window.process), []
        behind.ended.connect(ended.append)
        window.deleteLater()
        QApplication.sendPostedEvents(None, QEvent.Type.DeferredDelete.value)
        self.assertEqual(behind.process.state(), running)  # it outlives the window
        behind.process.write(b"x")
        self.until(lambda: ended)
        self.assertEqual(ended, [True])
        behind.deleteLater()

    def test_what_compiles_behind_ends_with_the_application(self):
        window = Warming([sys.executable, "-c", "import time; time.sleep(60)"])
        window.show()
        self.until(lambda: window.process.state() == window.process.ProcessState.Running)
        window.accept()
        behind = Behind(window.process)
        behind.end()
        self.assertEqual(behind.process.state(), behind.process.ProcessState.NotRunning)
        for each in (window, behind):
            each.deleteLater()

    def test_at_a_later_start_nothing_is_waited_for(self):
        for is_warm, is_usable, begins in ((True, True, False), (False, True, True)):
            with mock.patch.object(warming, "warmed", return_value=is_warm), \
                    mock.patch.object(warming, "usable", return_value=is_usable), \
                    mock.patch.object(warming, "_begun", side_effect=lambda parent: QProcess(parent)):
                there, behind = warm_in_a_window(self.application)
            self.assertEqual((there, behind is not None), (True, begins))

    def test_long_work_is_told_of_when_nobody_looks(self):
        call = message_of("Soft Mound", "Growth: ended.")
        self.assertEqual((call.interface(), call.member(), call.arguments()[0], call.arguments()[3:5]),
                         ("org.freedesktop.Notifications", "Notify", "Soft Mound", ["Soft Mound", "Growth: ended."]))
        away = QWidget()
        self.assertTrue(long_work_ended(away, "Soft Mound", "Growth: ended.", 60.0))
        self.assertFalse(long_work_ended(away, "Soft Mound", "Growth: ended.", 2.0))
        heard = []
        self.window.jobs.ended.connect(lambda name, took: heard.append((name, took >= 0.0)))
        self.window.jobs.begin(lambda _: 1, lambda _: None, "A piece")
        self.until(lambda: not self.window.jobs.busy)
        self.assertEqual(heard, [("A piece", True)])
        away.deleteLater()

    def test_settings_and_tray_make_room_for_the_picture(self):
        wide = self.window.picture.width()
        self.window.actions_["narrow"].trigger()
        self.application.processEvents()
        self.assertGreater(self.window.picture.width(), wide)
        high = self.window.picture.height()
        self.window.actions_["low"].trigger()
        self.application.processEvents()
        self.assertGreater(self.window.picture.height(), high)
        self.window.actions_["narrow"].trigger()
        self.window.actions_["low"].trigger()
        self.application.processEvents()
        self.assertEqual(self.window.picture.width(), wide)
        self.rest()

    def drop(self, path):
        data = QMimeData()
        data.setUrls([QUrl.fromLocalFile(str(path))])
        event = QDropEvent(QPointF(300, 300), Qt.DropAction.CopyAction, data, Qt.MouseButton.LeftButton,
                           Qt.KeyboardModifier.NoModifier)
        self.window.dropEvent(event)

    def test_mounds_and_pictures_are_dropped_on_the_window(self):
        mound = lumpy_mound().edited(name="Dropped")
        write_mound(self.folder / "a.mound", mound)
        self.drop(self.folder / "a.mound")
        self.assertEqual(self.window.document.mound.name, "Dropped")
        other = ball_mound(12.0, 2.0).edited(name="Pictured")
        still = still_of(Stages(), other, density_grid(other, 3.0), "k", Taking(32, 20, passes=1))
        write_picture(self.folder / "b.png", still, other.light, other)
        self.drop(self.folder / "b.png")
        self.assertEqual(self.window.document.mound, other)
        self.assertIn("what made b.png", self.window.status.said.text())
        self.drop(self.folder / "c.txt")
        self.assertEqual(self.window.document.mound, other)
        self.rest()
