"""The Library station by hand: cards that turn and play, two side by side, what changes of a version, files dragged in and out,
and what waits."""

import os
import subprocess
import sys
import tarfile
from unittest import mock

import numpy as np
from PIL import Image
from PyQt6.QtCore import QMimeData, QPoint, QPointF, Qt, QTimer, QUrl
from PyQt6.QtGui import QDropEvent
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication, QFileDialog, QInputDialog

from softmound.core.exchange.numbered import Frames
from softmound.core.exchange.png import png_of
from softmound.core.exchange.vdb import write_vdb
from softmound.core.grain.actions.push import Push
from softmound.core.library.adopting import adopt
from softmound.core.library.asset import About, publish
from softmound.core.library.changing import retold
from softmound.core.library.index import Index
from softmound.core.library.keeping import retire
from softmound.core.library.queue import Queue
from softmound.core.library.relit import relit
from softmound.core.library.shelf import verify
from softmound.core.recipe import write_mound
from softmound.desk.dialogs.picture_dialog import PictureDialog
from softmound.desk.dialogs.publish_dialog import PublishDialog
from softmound.desk.dialogs.queue_dialog import QueueDialog
from softmound.desk.stations.library.dialogs import pattern_of
from softmound.desk.view.pixels import pixels_of
from tests.desk import DeskTest
from tests.scenes import ball_mound, box_grid


class Shelf(DeskTest):
    def setUp(self):
        super().setUp()
        self.library = self.window.stations["Library"]
        self.folder_of_library = self.folder / "library"
        self.window.open_station("Library")

    def stocked(self, *names, shots=(), **options):
        for name in names:
            publish(ball_mound(12.0, 2.0, grains=(Push(feature=8.0, strength=2.0, octaves=1),)).edited(name=name),
                    self.folder_of_library, 1.5, tiers=(1, 4), about=About(shots=shots), **options)
        self.library.look_again()
        self.select(0)

    def select(self, row):
        self.library.wall.setCurrentIndex(self.library.cards.index(row))

    def test_what_others_publish_is_seen_as_it_comes(self):
        # By processes of their own, as a worker or a colleague does: the first makes the folder of the library.
        for name in ("Loaf", "Roll"):
            mound = self.folder / f"{name}.mound"
            write_mound(mound, ball_mound(name=name))
            subprocess.run([sys.executable, "-m", "softmound", "publish", str(mound), "--library", str(self.folder_of_library),
                            "--voxel", "4", "--quiet"], check=True, stdout=subprocess.DEVNULL)
            self.until(lambda name=name: name in [v.facts["name"] for v in self.library.versions])
        self.assertEqual(self.library.cards.rowCount(), 2)

    def done(self):
        self.until(lambda: self.window.jobs.job is None)

    def in_dialog(self, act):
        """Do something in the next dialog that opens."""
        QTimer.singleShot(0, lambda: act(QApplication.activeModalWidget()))

    def test_a_card_turns_with_the_pointer_and_stands_still_when_it_leaves(self):
        self.stocked("Loaf")
        wall, version = self.library.wall, self.library.found[0]
        self.until(lambda: self.library.image_of(version) is not None)
        own = self.library.image_of(version)
        card = wall.visualRect(self.library.cards.index(0))
        QTest.mouseMove(wall.viewport(), card.center())
        self.until(lambda: len(self.library.turning._images) == 12)
        sides = []
        for share in (0.1, 0.5, 0.9):
            at = card.topLeft()
            at.setX(card.left() + round(share * card.width()))
            at.setY(card.center().y())
            QTest.mouseMove(wall.viewport(), at)
            sides.append(self.library.image_of(version))
        self.assertTrue(all(a != b for a, b in ((sides[0], sides[1]), (sides[1], sides[2]), (sides[0], own))))
        self.library.turn(None)
        self.assertEqual(self.library.image_of(version), own)

    def test_a_sequence_plays_under_the_pointer(self):
        self.stocked("Loaf", frames=Frames(1, 3, 30.0))
        version = self.library.found[0]
        self.assertIn("frames 1 to 3, 30 a second", self.library.settings.facts.text())
        self.library.turn(version)
        self.until(lambda: len(self.library.turning._images) == 3)
        seen = []
        self.until(lambda: seen.append(self.library.image_of(version).cacheKey()) or len(set(seen)) == 3)
        self.assertFalse(self.library.settings.drop.isEnabled())
        self.library.turn(None)

    def wide(self, wide):
        """Cards so wide that there are several in a row."""
        self.library.resize_cards(wide)
        return self.library.wall

    def test_the_wall_is_walked_by_keys_and_folds(self):
        self.stocked("Loaf", "Roll", "Bun", shots=("WB_1",))
        self.stocked("Crumb", "Crust")
        wall = self.wide(120)
        self.library.finding.search(group="shot")
        self.assertEqual([v.facts["name"] for v in self.library.found], ["Bun", "Roll", "Loaf", "Crust", "Crumb"])
        self.assertEqual(self.library.cards.groups, [("WB_1", 3), ("", 2)])
        self.assertGreaterEqual(wall.columns, 3)
        self.select(0)
        walked = []
        for key in (Qt.Key.Key_Right, Qt.Key.Key_Right, Qt.Key.Key_Right, Qt.Key.Key_Up, Qt.Key.Key_End, Qt.Key.Key_Home,
                    Qt.Key.Key_Down):
            QTest.keyClick(wall, key)
            walked.append(self.library.chosen.facts["name"])
        # In the second group there is a second column, and no third one.
        self.assertEqual(walked, ["Roll", "Loaf", "Crust", "Bun", "Crumb", "Bun", "Crust"])
        # Where cards are drawn is where they are found.
        for row in wall.seen():
            self.assertEqual(wall.indexAt(wall.visualRect(self.library.cards.index(row)).center()).row(), row)
        top = wall.visualRect(self.library.cards.index(3)).top()
        QTest.mouseClick(wall.viewport(), Qt.MouseButton.LeftButton, pos=QPoint(60, 20))
        self.assertEqual((wall.seen(), wall.isIndexHidden(self.library.cards.index(1))), ([3, 4], True))
        self.assertLess(wall.visualRect(self.library.cards.index(3)).top(), top)
        QTest.keyClick(wall, Qt.Key.Key_Home)
        self.assertEqual(self.library.chosen.facts["name"], "Crust")
        self.library.finding.search(group="")
        self.assertEqual(len(wall.seen()), 5)

    def test_what_somebody_else_changes_meanwhile_is_shown_as_it_is(self):
        self.stocked("Loaf", "Roll")
        retold(self.library.versions[1], About(tags=("hero",)))
        retire(self.library.versions[0])
        # Somebody else's program brings the index up to date; the wall does not know yet.
        with Index(self.folder_of_library) as index:
            index.refresh()
        self.library.versions._read.clear()
        self.library.wall.viewport().repaint()
        self.until(lambda: len(self.library.found) == 1)
        self.assertEqual(self.library.found[0].facts["tags"], ["hero"])

    def test_typing_finds_and_a_search_is_kept(self):
        self.stocked("Loaf", "Roll")
        QTest.keyClicks(self.library.wall, "ro")
        self.assertEqual((self.library.tray.find.text(), [v.facts["name"] for v in self.library.found]), ("ro", ["Roll"]))
        menu = self.library.tray.kept.menu()
        menu.aboutToShow.emit()
        menu.actions()[0].trigger()
        self.library.tray.find.setText("zzz")
        self.assertEqual(self.library.cover.stack.currentIndex(), 1)
        self.click(self.library.cover.button)
        self.assertEqual((self.library.tray.find.text(), self.library.cover.stack.currentIndex()), ("", 0))
        menu.aboutToShow.emit()
        next(a for a in menu.actions() if a.text() == "ro").trigger()
        self.assertEqual([v.facts["name"] for v in self.library.found], ["Roll"])
        menu.aboutToShow.emit()
        next(a for a in menu.actions() if a.text().startswith("Forget")).trigger()
        # The word that is being typed is completed by what there is now.
        self.stocked("Crumb", shots=("WB_1",))
        find, offered = self.library.tray.find, self.library.tray._completer
        find.clear()
        find.setFocus()
        QTest.keyClicks(find, "cru sho")
        self.assertEqual((offered.completionCount(), offered.currentCompletion()), (1, "cru shot:WB_1"))
        find.setText(offered.currentCompletion())
        self.assertEqual([v.facts["name"] for v in self.library.found], ["Crumb"])

    def test_published_files_are_seen_and_the_wall_is_where_it_was(self):
        self.stocked("Loaf")
        mound, version = self.window.document.mound, self.library.found[0]
        QTest.keyClick(self.library.wall, Qt.Key.Key_Return)
        self.rest()
        answer = self.shown[-1]
        self.assertEqual((answer.members, self.window.front.currentWidget()), (1, self.window.picture))
        # It stands where it was made: corners of what is seen are those that were published, to a voxel.
        box = [answer.grid.world(corner) for corner in answer.grid.active_bounds()]
        np.testing.assert_allclose(box, version.facts["bounds"], atol=answer.grid.voxel)
        self.assertEqual(self.library.showing.corner.said.text(), "Loaf v001")
        self.assertIn(f"{answer.grid.voxel:g} m", self.library.showing.corner.fine.text())
        # The mound and its light stay as they are while what is shown is turned and lit otherwise.
        self.window.picture.dome.moved.emit(10.0, 20.0, False)
        QTest.keyClick(self.window.picture, Qt.Key.Key_Left)
        self.rest()
        self.assertIs(self.window.document.mound, mound)
        self.assertEqual(self.window.picture.mound.light.sun.azimuth, 10.0)
        # It can be cut through: the densest there is was published with it.
        self.window.looking.look("slice")
        self.rest()
        self.assertAlmostEqual(self.shown[-1].cut.most, version.facts["range"][1], delta=0.02)
        self.window.looking.look("draft")
        # A picture is taken of the published files, though the mound at the desk is another: it has no blue sky of its own.
        def fill(dialog):
            dialog.file.setText(str(self.folder / "published.png"))
            dialog.width_.set(64.0)
            dialog.height_.set(64.0)
            dialog.take_button.click()

        self.dialog(PictureDialog, fill)
        self.window.actions_["pictures"].trigger()
        self.done()
        taken = np.asarray(Image.open(self.folder / "published.png").convert("RGB"), float)
        wanted = relit(version, self.library.showing.light, self.library.showing.view, size=(64, 64)).astype(float)
        self.assertLess(np.abs(taken - wanted[..., :3]).mean(), 4.0)
        self.window.escape()
        self.assertEqual((self.window.front.currentWidget(), self.library.chosen.folder), (self.library.cover, version.folder))

    def test_two_versions_are_compared(self):
        self.stocked("Loaf")
        publish(ball_mound(15.0, 2.0).edited(name="Loaf"), self.folder_of_library, 1.5)
        self.library.look_again()
        self.select(0)
        self.assertEqual([v.number for v in self.library.siblings], [2, 1])
        showing, picture = self.library.showing, self.window.picture
        self.library.show_chosen()
        self.rest()
        # With itself there is no difference anywhere: middle grey.
        showing.compare(showing.version)
        self.until(lambda: picture.comparison.right.image.width() > 8)
        self.rest()
        self.until(lambda: showing._second.idle)
        picture.comparison.by = "difference"
        grey = pixels_of(picture.comparison._difference(picture.image, picture.comparison.right.image))
        self.assertEqual((int(grey.min()), int(grey.max())), (128, 128))
        # With the smaller one there is, and what differs is said.
        picture.comparison.sides(str(self.library.siblings[0].folder), str(self.library.siblings[1].folder))
        self.assertEqual((showing.other.number, picture.comparison.by), (1, "difference"))
        self.until(lambda: picture.comparison.right.image.width() > 8 and showing._second.idle)
        self.assertIn("v001", self.library.settings.facts.text())
        self.window.open_station("Mass")
        self.assertIsNone(picture.comparison)
        self.rest()

    def test_the_wall_has_a_sun_of_its_own(self):
        self.stocked("Loaf")
        version = self.library.found[0]
        self.click(self.library.tray.lit)
        self.until(lambda: version.folder in self.library.one_light.images)
        first = pixels_of(self.library.one_light.images[version.folder]).astype(float)
        sun = self.window.document.mound.light.sun
        self.library.tray.dome.moved.emit((sun.azimuth + 180.0) % 360.0, sun.elevation, False)
        self.until(lambda: not self.library.one_light.stale)
        turned = pixels_of(self.library.one_light.images[version.folder]).astype(float)
        # The side that was bright is dark: the balance of left and right turns over.
        balance = [float(seen[:, :150].mean() - seen[:, 150:].mean()) for seen in (first, turned)]
        self.assertLess(balance[0] * balance[1], 0.0)
        self.assertIs(self.window.document.mound.light.sun, sun)
        self.library.one_light.switch(False)

    def names(self):
        return [v.facts["name"] for v in self.library.found]

    def test_a_basket_is_filled_ordered_packed_and_all_of_it_taken_back(self):
        self.stocked("Loaf", "Roll", "Bun")
        baskets, panel, tray = self.library.baskets, self.library.settings, self.library.tray
        with mock.patch.object(QInputDialog, "getText", lambda *_: ("WB_010", True)):
            self.click(tray.baskets.add)  # with what is selected
        # Cards are dropped on its tile.
        tile, = tray.baskets.tiles
        data = self.library.cards.mimeData([self.library.cards.index(row) for row in (0, 1, 2)])
        tile.dropEvent(QDropEvent(QPointF(5, 5), Qt.DropAction.CopyAction, data, Qt.MouseButton.LeftButton,
                                  Qt.KeyboardModifier.NoModifier))
        tray.open("baskets")
        self.click(tray.baskets.tiles[0])
        self.assertEqual((baskets.open, self.names(), tray.count.text()), ("WB_010", ["Bun", "Roll", "Loaf"], "basket WB_010"))
        self.select(2)
        QTest.keyClick(self.library.wall, Qt.Key.Key_Left, Qt.KeyboardModifier.AltModifier)
        self.assertEqual((self.names(), self.library.chosen.facts["name"]), (["Bun", "Loaf", "Roll"], "Loaf"))
        panel.item_note.setFocus()
        QTest.keyClicks(panel.item_note, "behind")
        QTest.keyClick(panel.item_note, Qt.Key.Key_Return)
        self.assertEqual([item.note for item, _, _ in baskets.held], ["", "behind", ""])
        QTest.keyClick(self.library.wall, Qt.Key.Key_Delete)
        self.assertEqual(self.names(), ["Bun", "Roll"])
        # Every step comes back, and the mound's own steps are not among them.
        self.assertEqual(self.library.steps, ("take out", None))
        for wanted in (["Bun", "Loaf", "Roll"], ["Bun", "Loaf", "Roll"], ["Bun", "Roll", "Loaf"], ["Bun"]):
            self.window.actions_["undo"].trigger()
            self.assertEqual(self.names(), wanted)
        for _ in range(4):
            self.window.actions_["redo"].trigger()
        self.assertEqual(self.names(), ["Bun", "Roll"])
        self.stocked("Roll")
        self.assertIn("v002 is newer", panel.checked.text())
        self.click(panel.basket_buttons["newest"])
        self.assertIn("Nothing speaks against", panel.checked.text())
        for button, name in (("pack", "shot.tar"), ("sheet", "sheet.png")):
            with mock.patch.object(QFileDialog, "getSaveFileName", lambda *_, n=name: (str(self.folder / n), "")):
                self.click(panel.basket_buttons[button])
            self.done()
            self.assertTrue((self.folder / name).exists(), name)
        with tarfile.open(self.folder / "shot.tar") as tar:
            self.assertIn("roll/v002/roll.vdb", tar.getnames())
        # A search leaves the basket; what is deleted comes back as well.
        self.library.tray.find.setText("loaf")
        self.assertEqual((baskets.open, self.names()), ("", ["Loaf"]))
        baskets.delete("WB_010")
        self.assertEqual(tray.baskets.tiles, [])
        self.window.actions_["undo"].trigger()
        with mock.patch.object(QInputDialog, "getText", lambda *_: ("WB_011", True)):
            baskets.rename("WB_010")
        self.assertEqual([b.name for b in baskets.all], ["WB_011"])

    def test_what_is_used_is_not_put_aside_unasked(self):
        self.stocked("Loaf")
        self.stocked("Loaf")
        self.library.baskets.put("WB_010", [self.library.found[1]])
        self.select(1)
        self.assertIn("in the baskets WB_010", self.library.settings.facts.text())
        with mock.patch("softmound.desk.stations.library.caring.ask_choice", return_value=1) as question:
            self.library.settings.retire.trigger()
        self.assertIn("WB_010", question.call_args[0][1])
        self.assertEqual(len(self.library.versions), 2)
        with mock.patch.object(QInputDialog, "getItem", lambda *_: ("v002", True)):
            self.library.settings.replace.trigger()
        self.assertEqual(self.library.baskets.all[0].items[0].version, 2)
        self.select(1)
        self.library.settings.retire.trigger()
        self.assertEqual([v.number for v in self.library.versions], [2])

    def test_what_arrives_in_a_watched_folder_is_adopted_asked_or_unasked(self):
        arriving, place = self.library.arriving, self.folder / "renders"
        place.mkdir()
        self.addCleanup(arriving.watch, "")
        self.addCleanup(arriving.let_unasked, False)
        with mock.patch.object(QFileDialog, "getExistingDirectory", lambda *_: str(place)):
            arriving.choose()
        self.assertIn("renders", self.library.settings.watched.text())
        for name in ("storm.vdb", "left.vdb"):
            write_vdb(place / name, box_grid((0, 0, 0), (15, 15, 15), 0.5))
            os.utime(place / name, (1e9, 1e9))
            self.until(lambda: arriving._thread is None)
            arriving.look()
            self.until(lambda: arriving.there)
            self.assertTrue(self.library.cover.arrived.isVisibleTo(self.library.cover))
            arriving.adopt() if name == "storm.vdb" else arriving.leave()
            self.done()
        self.assertEqual([v.facts["name"] for v in self.library.versions], ["storm"])
        arriving.let_unasked(True)
        write_vdb(place / "later.vdb", box_grid((0, 0, 0), (15, 15, 15), 0.5))
        os.utime(place / "later.vdb", (1e9, 1e9))
        self.until(lambda: arriving._thread is None)
        arriving.look()
        self.until(lambda: len(self.library.versions) == 2)
        self.assertFalse(self.library.cover.arrived.isVisibleTo(self.library.cover))
        self.done()

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
        model = self.library.cards
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
        with mock.patch.object(self.library.arriving, "adopt_files") as asked:
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
        self.assertIsNone(self.library.finding.outline)

    def test_what_goes_with_a_version(self):
        def fill(dialog):
            self.click(dialog.more["proxy"])
            dialog.about.lines["species"].setText("humilis")
            dialog.accept()

        self.dialog(PublishDialog, fill)
        self.click(self.library.settings.publish)
        self.assertEqual(self.library.coming[0][0], "Publish Lumpy")
        self.done()
        self.assertEqual(self.library.coming, [])
        version = self.library.versions[0]
        self.assertTrue((version.folder / "lumpy_proxy.ply").exists())
        self.library.finding.search("humil")
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
