"""The Library station by hand: cards that turn and play, two side by side, what changes of a version, files dragged in and out,
and what waits."""

import subprocess
import sys
from unittest import mock

import numpy as np
from PyQt6.QtCore import QMimeData, QPointF, Qt, QTimer, QUrl
from PyQt6.QtGui import QDropEvent
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication, QFileDialog, QInputDialog, QLabel

from softmound.core.exchange.numbered import Frames
from softmound.core.exchange.png import png_of
from softmound.core.exchange.vdb import write_vdb
from softmound.core.grain.actions.push import Push
from softmound.core.library.adopting import adopt
from softmound.core.library.asset import publish
from softmound.core.library.queue import Queue
from softmound.core.library.shelf import verify
from softmound.core.recipe import write_mound
from softmound.desk.dialogs.queue_dialog import QueueDialog
from softmound.desk.stations.library.dialogs import BesideDialog, pattern_of
from tests.desk import DeskTest
from tests.scenes import ball_mound, box_grid


class Shelf(DeskTest):
    def setUp(self):
        super().setUp()
        self.library = self.window.stations["Library"]
        self.folder_of_library = self.folder / "library"
        self.window.open_station("Library")

    def stocked(self, *names, **options):
        for name in names:
            publish(ball_mound(12.0, 2.0, grains=(Push(feature=8.0, strength=2.0, octaves=1),)).edited(name=name),
                    self.folder_of_library, 1.5, tiers=(1, 4), **options)
        self.library.look_again()
        self.select(0)

    def select(self, row):
        self.library.tray.list.setCurrentIndex(self.library.tray.model.index(row))

    def test_what_others_publish_is_seen_as_it_comes(self):
        # By processes of their own, as a worker or a colleague does: the first makes the folder of the library.
        for name in ("Loaf", "Roll"):
            mound = self.folder / f"{name}.mound"
            write_mound(mound, ball_mound(name=name))
            subprocess.run([sys.executable, "-m", "softmound", "publish", str(mound), "--library", str(self.folder_of_library),
                            "--voxel", "4", "--quiet"], check=True, stdout=subprocess.DEVNULL)
            self.until(lambda name=name: name in [v.facts["name"] for v in self.library.versions])
        self.assertEqual(self.library.tray.model.rowCount(), 2)
        self.rest()

    def done(self):
        self.until(lambda: self.window.jobs.job is None)

    def in_dialog(self, act):
        """Do something in the next dialog that opens."""
        QTimer.singleShot(0, lambda: act(QApplication.activeModalWidget()))

    def test_a_card_turns_with_the_pointer_and_stands_still_when_it_leaves(self):
        self.stocked("Loaf")
        tray = self.library.tray
        version, model = self.library.found[0], tray.model
        own = model.shown(version)
        card = tray.list.visualRect(model.index(0))
        QTest.mouseMove(tray.list.viewport(), card.center())
        self.until(lambda: len(self.library.turning._images) == 12)
        sides = []
        for share in (0.1, 0.5, 0.9):
            at = card.topLeft()
            at.setX(card.left() + round(share * card.width()))
            at.setY(card.center().y())
            QTest.mouseMove(tray.list.viewport(), at)
            sides.append(model.shown(version))
        self.assertTrue(all(a != b for a, b in ((sides[0], sides[1]), (sides[1], sides[2]), (sides[0], own))))
        self.library.turn(None)
        self.assertEqual(model.shown(version), own)

    def test_a_sequence_plays_under_the_pointer(self):
        self.stocked("Loaf", frames=Frames(1, 3, 30.0))
        version = self.library.found[0]
        self.assertIn("frames 1 to 3, 30 a second", self.library.settings.facts.text())
        self.library.turn(0)
        self.until(lambda: len(self.library.turning._images) == 3)
        seen = []
        self.until(lambda: seen.append(self.library.tray.model.shown(version).cacheKey()) or len(set(seen)) == 3)
        self.assertFalse(self.library.settings.drop.isEnabled())
        self.library.turn(None)

    def test_two_side_by_side_turn_together(self):
        self.stocked("Loaf", "Brioche")
        panel, tray = self.library.settings, self.library.tray
        self.assertFalse(panel.beside.isEnabled())
        tray.list.selectAll()
        self.assertTrue(panel.beside.isEnabled())
        dialog = BesideDialog(self.library.found, *self.library.lit_as(), self.window)
        came = []
        dialog._relighting._told = dialog._relighting._relay.to(lambda n, pixels: (came.append(n), dialog._take(n, pixels)))
        dialog._ask()
        self.until(lambda: set(came) == {0, 1})
        before = [picture.pixmap().cacheKey() for picture in dialog.pictures]
        came.clear()
        QTest.keyClick(dialog, Qt.Key.Key_Left)
        self.until(lambda: set(came) == {0, 1})
        self.assertTrue(all(p.pixmap().cacheKey() != b for p, b in zip(dialog.pictures, before)))
        for word in ("Loaf", "voxel", "1.5 m", "optical depth"):
            self.assertIn(word, " ".join(label.text() for label in dialog.findChildren(QLabel)))
        dialog.reject()
        dialog.deleteLater()
        self.in_dialog(lambda found: found.reject())
        self.click(panel.beside)

    def test_say_and_rename(self):
        self.stocked("Loaf")

        def answer(dialog):
            dialog.fields.lines["tags"].setText("soft, far")
            dialog.name.setText("Country Loaf")
            dialog.accept()

        self.in_dialog(answer)
        self.library.settings.say.trigger()
        version = self.library.versions[0]
        self.assertEqual((version.facts["name"], version.facts["tags"]), ("Country Loaf", ["soft", "far"]))
        self.assertEqual(verify(version.folder).folder.parent.name, "country_loaf")

    def test_files_are_dropped_and_brought_back(self):
        self.stocked("Loaf")
        panel = self.library.settings
        self.assertEqual((panel.drop.isEnabled(), panel.bring.isEnabled()), (True, False))
        panel.drop.trigger()
        self.done()
        self.assertEqual(sorted(self.library.chosen.tiers), [4])
        self.assertIn("dropped: full", panel.facts.text())
        panel.bring.trigger()
        self.done()
        self.assertEqual(sorted(verify(self.library.chosen.folder).tiers), [1, 4])
        self.assertIn("same values", self.window.status.said.text())

    def test_look_after_it(self):
        self.stocked("Loaf")
        (self.library.chosen.folder / "loaf.vdb").unlink()
        self.click(self.library.settings.health)
        self.done()
        self.assertIn("1 of 1 versions are as published", self.window.status.said.text())
        self.assertIn("1 files were put right", self.window.status.said.text())

    def test_a_version_becomes_a_form(self):
        self.stocked("Loaf")
        before = len(self.window.document.mound.mass.forms)
        with mock.patch("softmound.desk.dialogs.import_dialog.ImportDialog.exec",
                        lambda dialog: (dialog._accept(), dialog.result())[1]):
            self.click(self.library.settings.form)
            self.done()
        forms = self.window.document.mound.mass.forms
        self.assertEqual((len(forms), forms[-1].kind), (before + 1, "volume"))

    def test_files_are_dragged_out_and_the_path_is_copied(self):
        self.stocked("Loaf")
        model = self.library.tray.model
        urls = model.mimeData([model.index(0)]).urls()
        self.assertEqual([url.toLocalFile() for url in urls], [str(self.library.chosen.vdb(1))])
        self.library.settings.copy.trigger()
        self.assertEqual(QApplication.clipboard().text(), str(self.library.chosen.vdb(1)))

    def test_files_dropped_in_are_adopted(self):
        paths = []
        for n in (1, 2):
            paths.append(self.folder / f"storm_{n:03d}.vdb")
            write_vdb(paths[-1], box_grid((0, 0, 0), (8 * n, 15, 15), 0.5))
        self.assertEqual(pattern_of([str(p) for p in paths]), str(self.folder / "storm_###.vdb"))
        self.assertIsNone(pattern_of(["a/x1.vdb", "b/x2.vdb"]))
        self.assertIsNone(pattern_of(["x.vdb", "y.vdb"]))
        data = QMimeData()
        data.setUrls([QUrl.fromLocalFile(str(p)) for p in paths])

        def answer(dialog):
            self.assertEqual(dialog.name.text(), "storm")
            dialog.source.setText("the night shift")
            dialog.rate.set(12.0)
            dialog.accept()

        self.in_dialog(answer)
        self.library.tray.dropEvent(QDropEvent(QPointF(5, 5), Qt.DropAction.CopyAction, data, Qt.MouseButton.LeftButton,
                                               Qt.KeyboardModifier.NoModifier))
        self.done()
        version = self.library.versions[0]
        self.assertEqual((version.facts["source"], version.frames), ("the night shift", Frames(1, 2, 12.0)))
        # What is no grid is left to the window.
        data.setUrls([QUrl.fromLocalFile(str(self.path))])
        with mock.patch.object(self.library, "adopt") as asked:
            self.library.tray.dropEvent(QDropEvent(QPointF(5, 5), Qt.DropAction.CopyAction, data, Qt.MouseButton.LeftButton,
                                                   Qt.KeyboardModifier.NoModifier))
        asked.assert_not_called()

    def test_an_adopted_file_has_no_recipe_to_open(self):
        write_vdb(self.folder / "strange.vdb", box_grid((0, 0, 0), (15, 15, 15), 0.5))
        adopt(self.folder / "strange.vdb", self.folder_of_library, "Strange", source="found")
        self.library.look_again()
        self.select(0)
        panel = self.library.settings
        self.assertEqual([w.isEnabled() for w in (panel.open, panel.form, panel.drop, panel.bring)], [False, True, False, False])
        with mock.patch.object(QFileDialog, "getOpenFileNames", lambda *_: ([str(self.folder / "strange.vdb")], "")):
            self.in_dialog(lambda dialog: dialog.accept())
            self.click(panel.adopt)
        self.done()
        self.assertEqual([v.facts["name"] for v in self.library.versions], ["strange", "Strange"])

    def test_built_again_put_aside_and_brought_back(self):
        self.stocked("Loaf", "Roll")
        panel, said = self.library.settings, self.window.status.said
        panel.rebuild.trigger()
        self.done()
        self.assertIn("gives the same values", said.text())
        panel.retire.trigger()
        self.assertEqual([v.facts["name"] for v in self.library.versions], ["Loaf"])
        panel.restore.trigger()
        self.assertEqual(len(self.library.versions), 2)
        self.select(0)
        panel.retire.trigger()
        with mock.patch("softmound.desk.stations.library.caring.ask_choice", return_value=1) as question:
            panel.empty.trigger()
        self.assertIn("Roll", question.call_args[0][1])
        with mock.patch("softmound.desk.stations.library.caring.ask_choice", return_value=0):
            panel.empty.trigger()
            self.done()
        self.assertIn("1 versions were deleted", said.text())
        panel.restore.trigger()
        self.assertIn("Nothing was put aside", said.text())
        panel.empty.trigger()
        self.assertIn("Nothing was put aside", said.text())

    def test_a_picture_dropped_in_finds_its_cloud(self):
        self.stocked("Loaf")
        tower = ball_mound().edited(name="Tower")
        ball = tower.mass.forms[0]
        publish(tower.edited(mass=tower.mass.edited(forms=(ball.edited(radii=(4.0, 24.0, 4.0), centre=(0.0, 30.0, 0.0)),))),
                self.folder_of_library, 1.5)
        self.library.look_again()
        drawn = np.zeros((120, 100, 3), np.uint8)
        drawn[10:110, 42:58] = 255
        path = self.folder / "drawn.png"
        path.write_bytes(png_of(drawn))
        data = QMimeData()
        data.setUrls([QUrl.fromLocalFile(str(path))])
        self.library.tray.dropEvent(QDropEvent(QPointF(5, 5), Qt.DropAction.CopyAction, data, Qt.MouseButton.LeftButton,
                                               Qt.KeyboardModifier.NoModifier))
        self.done()
        self.assertEqual([v.facts["name"] for v in self.library.found], ["Tower", "Loaf"])
        self.assertEqual(self.library.tray.count.text(), "like the outline in drawn.png")
        self.click(self.library.tray.like)
        self.assertIsNone(self.library.outline)

    def test_what_goes_with_a_version(self):
        panel = self.library.settings
        self.click(panel.more_with["proxy"])
        panel.about.lines["species"].setText("humilis")
        self.click(panel.publish)
        self.done()
        version = self.library.versions[0]
        self.assertTrue((version.folder / "lumpy_proxy.ply").exists())
        self.library.search("humil")
        self.assertEqual(self.library.found[0].facts["species"], "humilis")

    def test_seeds_wait_in_a_queue_that_can_be_reordered(self):
        jobs = self.window.jobs
        self.until(lambda: self.library.settings.foretold.text())
        self.assertIn("About", self.library.settings.foretold.text())
        with mock.patch.object(QInputDialog, "getInt", lambda *_: (3, True)):
            self.click(self.library.settings.many)
        self.assertEqual(jobs.waiting, 3)
        kept = [w.mark for w in self.window.delivering.queue.kept()]
        dialog = QueueDialog(jobs, self.window)
        pieces = jobs.queue
        dialog.list.setCurrentRow(2)
        self.click(dialog.sooner)
        self.assertEqual(jobs.queue, [pieces[0], pieces[2], pieces[1]])
        self.assertEqual([w.mark for w in self.window.delivering.queue.kept()], [kept[0], kept[1], kept[3], kept[2]])
        self.assertEqual((dialog.list.currentRow(), dialog.later.isEnabled()), (1, True))
        dialog.list.setCurrentRow(0)
        self.assertFalse(dialog.sooner.isEnabled())
        self.click(dialog.out)
        self.assertEqual(jobs.waiting, 2)
        self.assertNotIn(kept[1], [w.mark for w in self.window.delivering.queue.kept()])
        dialog.reject()
        dialog.deleteLater()
        self.done()
        self.assertEqual((len(self.library.versions), self.window.delivering.queue.kept()), (3, []))

    def test_what_was_left_is_asked_about_and_published(self):
        home = self.folder / "queue"
        other = Queue(home)
        other.add(ball_mound().edited(name="Left"), self.folder_of_library)
        other.close()
        delivering = self.window.delivering
        delivering.queue = Queue(home)
        for answer, there in ((2, 0), (0, 1)):
            with mock.patch("softmound.desk.work.delivering.ask_choice", return_value=answer) as question:
                delivering.go_on()
            self.assertIn("Left", question.call_args[0][1])
            self.done()
            self.assertEqual(len(self.library.versions), there)
            delivering.queue.close()
            delivering.queue = Queue(home)
        with mock.patch("softmound.desk.work.delivering.ask_choice") as question:
            delivering.go_on()
        question.assert_not_called()
