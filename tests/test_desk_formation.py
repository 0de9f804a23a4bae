"""The Formation station by hand: the plan, members, spreads, undo, files, and what the picture shows."""

import pathlib
import shutil
import tempfile
from unittest import mock

import cv2
import numpy as np
from PIL import Image
from PyQt6.QtCore import QEvent, QPoint, QPointF, Qt
from PyQt6.QtGui import QImage, QWheelEvent
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QFileDialog

from softmound.core.directions import direction_of
from softmound.core.exchange.foreign import read_vdb
from softmound.core.formation.plate import filled
from softmound.core.formation.stage import read_stage
from softmound.core.library.asset import publish
from softmound.core.recipe import read_mound
from softmound.core.recipe.flock import Asset, Flock, Member
from softmound.core.recipe.flock_files import read_flock, write_flock
from softmound.desk.dialogs.picture_dialog import PictureDialog
from softmound.desk.documents.flock import FlockDocument
from tests.desk import DeskTest
from tests.scenes import ball_mound, horizon_of


class Formation(DeskTest):
    @classmethod
    def setUpClass(cls):
        super().setUpClass()
        shelf = cls.enterClassContext(tempfile.TemporaryDirectory())
        cls.shelf = pathlib.Path(shelf)
        for name in ("Loaf", "Roll"):
            publish(ball_mound(12.0, 2.0).edited(name=name), cls.shelf, 2.0)

    def setUp(self):
        super().setUp()
        self.station = self.window.stations["Formation"]
        self.station.document.copy.file = self.folder / "present.flock"
        self.tray, self.panel = self.station.tray, self.station.settings
        self.library = self.folder / "library"

    def opened(self, *names):
        for name in names or ("Loaf", "Roll"):
            shutil.copytree(self.shelf / name.lower(), self.library / name.lower())
        self.window.open_station("Formation")
        self.rest()

    def spread(self):
        self.opened()
        self.click(self.tray.all)
        self.rest()
        return self.station.flock

    def place_of(self, number):
        member = self.station.flock.members[number]
        return self.tray.plan.pixel(member.place[0], member.place[2]).toPoint()

    def drag(self, start, end, modifiers=Qt.KeyboardModifier.NoModifier):
        plan = self.tray.plan
        QTest.mousePress(plan, Qt.MouseButton.LeftButton, modifiers, start)
        QTest.mouseMove(plan, (start + end) / 2)
        QTest.mouseMove(plan, end)
        QTest.mouseRelease(plan, Qt.MouseButton.LeftButton, modifiers, end)

    def test_an_empty_library_says_what_to_do(self):
        self.window.open_station("Formation")
        self.assertEqual(self.tray._stack.currentIndex(), 1)
        self.assertIn("Place clouds", self.station.note(None))
        self.rest()

    def test_the_whole_sky_is_spread_and_seen(self):
        mound = self.window.document.mound
        flock = self.spread()
        self.assertEqual((len(flock.members), len(flock.spreads)), (40, 1))
        self.assertEqual({m.asset.name for m in flock.members}, {"Loaf", "Roll"})
        self.assertIn("40 clouds seen", self.window.status.facts.text())
        cloudy = self.pixels()
        self.click(self.panel.new)
        self.rest()
        empty = self.pixels()
        self.assertGreater(np.abs(cloudy.astype(int) - empty).max(), 20)
        # The mound of the other stations is as it was.
        self.window.open_station("Mass")
        self.rest()
        self.assertIs(self.window.document.mound, mound)

    def test_undo_and_redo_are_the_skys(self):
        flock = self.spread()
        mound = self.window.document.mound
        self.window.actions_["undo"].trigger()
        self.assertEqual(self.station.flock.members, ())
        self.assertTrue(self.window.actions_["redo"].isEnabled())
        self.window.actions_["redo"].trigger()
        self.assertEqual(self.station.flock.members, flock.members)
        self.assertIs(self.window.document.mound, mound)
        self.window.open_station("Mass")
        self.assertFalse(self.window.actions_["undo"].isEnabled())
        self.rest()

    def test_members_are_chosen_and_moved_on_the_plan_and_stay_there(self):
        self.spread()
        start = self.place_of(3)
        before = self.station.flock.members[3]
        self.drag(start, start + QPoint(30, -20))
        after = self.station.flock.members[3]
        self.assertEqual((self.station.members.chosen, after.moved), ([3], True))
        self.assertAlmostEqual(after.place[0] - before.place[0], 30.0 / self.tray.plan.scale, delta=0.5)
        self.assertAlmostEqual(after.place[2] - before.place[2], 20.0 / self.tray.plan.scale, delta=0.5)
        # One drag is one step.
        self.window.actions_["undo"].trigger()
        self.assertEqual(self.station.flock.members[3], before)
        self.window.actions_["redo"].trigger()
        # Another seed changes all but it.
        self.click(self.panel.again)
        self.assertIn(after, self.station.flock.members)
        self.assertEqual(self.station.flock.spreads[0].seed, 2)
        self.rest()

    def test_two_are_changed_together_by_numbers_and_keys(self):
        self.spread()
        QTest.mouseClick(self.tray.plan, Qt.MouseButton.LeftButton, pos=self.place_of(1))
        QTest.mouseClick(self.tray.plan, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.ShiftModifier, self.place_of(2))
        self.assertEqual(self.station.members.chosen, [1, 2])
        for name, value in (("size", 2.5), ("altitude", 950.0), ("turn", 33.0), ("density", 0.5)):
            self.panel.member[name].changed.emit(value, False)
        self.click(self.panel.mirrored)
        self.click(self.panel.locked)
        for number in (1, 2):
            member = self.station.flock.members[number]
            self.assertEqual((member.size, member.place[1], member.turn[1], member.density, member.locked),
                             (2.5, 950.0, 33.0, 0.5, True))
        before = self.station.flock.members[1].place
        QTest.keyClick(self.tray.plan, Qt.Key.Key_Right)
        self.assertEqual(self.station.flock.members[1].place, before)  # what is locked does not move
        self.click(self.panel.locked)
        QTest.keyClick(self.tray.plan, Qt.Key.Key_Right)
        self.assertGreater(self.station.flock.members[1].place[0], before[0])
        numbers = {self.station.flock.members[n].number for n in (1, 2)}
        self.window.actions_["remove"].trigger()
        self.assertEqual((len(self.station.flock.members), self.station.members.chosen), (38, []))
        self.assertEqual(set(self.station.flock.spreads[0].without), numbers)
        self.rest()

    def test_the_numbers_of_a_spread_place_its_members_anew(self):
        self.spread()
        for name, value in (("count", 12.0), ("wide", 900.0), ("low", 1000.0), ("smallest", 2.0), ("seed", 7.0)):
            self.panel.spread[name].changed.emit(value, False)
        rule, members = self.station.flock.spreads[0], self.station.flock.members
        self.assertEqual((rule.count, rule.size[0], rule.low, rule.high, rule.sizes, rule.seed),
                         (12, 900.0, 1000.0, 1000.0, (2.0, 2.0), 7))
        self.assertEqual(len(members), 12)
        self.assertTrue(all(abs(m.place[0] - rule.centre[0]) <= 450.0 and m.place[1] == 1000.0 and m.size == 2.0 for m in members))
        self.panel.area.chosen.emit("disc")
        self.assertEqual(self.station.flock.spreads[0].area, "disc")
        self.click(self.tray.spread)
        self.assertEqual([s.name for s in self.station.flock.spreads], ["Spread 1", "Spread 2"])
        self.station.spreads.choose(1)
        self.click(self.panel.drop)
        self.assertEqual([s.name for s in self.station.flock.spreads], ["Spread 1"])
        self.assertEqual(len(self.station.flock.members), 12)
        self.rest()

    def test_one_is_placed_where_the_plan_is_double_clicked(self):
        self.opened()
        self.tray.asset.setCurrentText("Roll")
        QTest.mouseDClick(self.tray.plan, Qt.MouseButton.LeftButton, pos=QPoint(60, 40))
        self.assertEqual([m.asset.name for m in self.station.flock.members], ["Roll"])
        scale = self.tray.plan.scale
        QWheel = QWheelEvent(QPointF(50, 50), self.tray.plan.mapToGlobal(QPointF(50, 50)), QPoint(), QPoint(0, 240),
                             Qt.MouseButton.NoButton, Qt.KeyboardModifier.NoModifier, Qt.ScrollPhase.NoScrollPhase, False)
        self.tray.plan.wheelEvent(QWheel)
        self.assertGreater(self.tray.plan.scale, scale)
        before = self.tray.plan.middle
        self.drag(QPoint(5, 5), QPoint(25, 5))
        self.assertLess(self.tray.plan.middle[0], before[0])
        self.click(self.tray.place)
        self.assertEqual(len(self.station.flock.members), 2)
        self.rest()

    def test_lights_are_mixed(self):
        self.spread()
        self.rest()
        mixing, bright = self.panel.mixing, self.pixels().mean()
        self.assertEqual(list(mixing.strips), ["sun", "sky", "below"])
        self.assertFalse(self.panel.unmix.isEnabled())
        self.click(mixing.strips["sky"].mute)
        self.rest()
        self.assertLess(self.pixels().mean(), 0.8 * bright)
        mixing.strips["sun"].level.changed.emit(0.5, False)
        self.assertEqual({fader.group: (fader.level, fader.muted) for fader in self.station.flock.light.mix},
                         {"sky": (1.0, True), "sun": (0.5, False)})
        self.assertEqual(self.window.document.mound.light.mix, ())
        self.station.document.undo()
        self.assertEqual(mixing.strips["sun"].level.value, 1.0)
        self.click(self.panel.unmix)
        self.assertEqual((self.station.flock.light.mix, mixing.strips["sky"].mute.isChecked()), ((), False))
        self.rest()

    def test_light_and_views(self):
        self.spread()
        self.window.picture.dome.moved.emit(77.0, 12.0, False)
        sun = self.station.flock.light.sun
        self.assertEqual((sun.azimuth, sun.elevation), (77.0, 12.0))
        self.assertNotEqual(self.window.document.mound.light.sun.azimuth, 77.0)
        self.click(self.panel.take_light)
        self.assertEqual(self.station.flock.light.sun, self.window.document.mound.light.sun)
        self.click(self.panel.keep_view)
        kept = self.station.flock.view
        self.window.picture.looked.emit(kept.edited(azimuth=50.0), False)
        self.assertEqual(self.station.flock.view.azimuth, 50.0)
        self.assertNotEqual(self.window.document.mound.view.azimuth, 50.0)
        self.station.look_from(0)
        self.assertEqual(self.station.flock.view, kept)
        self.window.actions_["toward"].trigger()
        self.assertNotEqual(self.station.flock.view.azimuth, kept.azimuth)
        self.window.actions_["fit"].trigger()
        self.rest()

    def test_saved_opened_and_exported(self):
        flock = self.spread()
        path = self.folder / "sky.flock"
        with mock.patch.object(QFileDialog, "getSaveFileName", lambda *_: (str(path), "")):
            self.click(self.panel.save)
        self.assertEqual(read_flock(path).members, flock.members)
        self.assertEqual(read_flock(path).library, "library")
        # The bar and the keys are those of the flock while it is seen.
        bar, mound = self.window.top_bar, self.window.document
        self.assertEqual((bar.name.text(), bar.saved.text()[:5]), ("sky", "saved"))
        self.station.document.apply("name", lambda flock: flock.edited(name="Dawn"))
        self.assertEqual((bar.name.text(), bar.saved.text()), ("Dawn", "not saved"))
        written = mound.path.stat().st_mtime_ns
        self.window.actions_["save"].trigger()
        self.assertEqual((read_flock(path).members, mound.path.stat().st_mtime_ns), (flock.members, written))
        self.assertEqual((bar.name.text(), bar.saved.text()[:5]), ("sky", "saved"))
        self.window.open_station("Mass")
        self.assertEqual(bar.name.text(), mound.mound.name)
        self.window.open_station("Formation")
        self.click(self.panel.new)
        with mock.patch.object(QFileDialog, "getOpenFileName", lambda *_: (str(path), "")):
            self.click(self.panel.open_file)
        self.assertEqual(self.station.flock.members, flock.members)
        self.assertIn("sky.flock", self.panel.file.text())
        for name in ("sky.usda", "sky.json", "sky.vdb"):
            with mock.patch.object(QFileDialog, "getSaveFileName", lambda *_, n=name: (str(self.folder / n), "")):
                self.click(self.panel.export)
                self.until(lambda: self.window.jobs.job is None)
            self.assertIn(name, self.window.status.said.text())
        self.assertEqual(len(read_stage(self.folder / "sky.usda").members), 40)
        self.assertGreater(read_vdb(self.folder / "sky.vdb").active_voxels(), 100)
        with mock.patch.object(QFileDialog, "getOpenFileName", lambda *_: (str(self.folder / "sky.usda"), "")):
            self.click(self.panel.open_file)
        self.assertEqual(len(self.station.flock.members), 40)
        (self.folder / "bad.flock").write_text("{}")
        with mock.patch.object(QFileDialog, "getOpenFileName", lambda *_: (str(self.folder / "bad.flock"), "")):
            self.click(self.panel.open_file)
        self.assertIn("no flock", self.window.status.said.text())
        self.rest()

    def test_what_is_missing_is_told_of_and_left_out(self):
        self.opened("Loaf")
        write_flock(self.folder / "lost.flock", Flock(members=(
            Member(asset=Asset(name="Gone")), Member(asset=Asset(name="Loaf"), place=(0.0, 100.0, 0.0)))))
        with mock.patch.object(QFileDialog, "getOpenFileName", lambda *_: (str(self.folder / "lost.flock"), "")):
            self.click(self.panel.open_file)
        self.assertIn("Gone", self.window.status.said.text())
        self.rest()
        self.assertIn("one cloud seen", self.window.status.facts.text())

    def test_the_copy_outlives_the_program(self):
        flock = self.spread()
        self.station.document.close()
        again = FlockDocument(self.window, self.folder / "present.flock")
        self.assertEqual(again.flock.members, flock.members)
        (self.folder / "present.flock").write_text("torn")
        self.assertEqual(FlockDocument(self.window, self.folder / "present.flock").flock, Flock())

    def test_a_copy_that_cannot_be_kept_is_said_and_the_hand_goes_on(self):
        self.opened("Loaf")
        self.click(self.tray.place)
        self.station.members.shift(5.0, 0.0)
        (self.folder / "file").write_text("")
        self.station.document.copy.file = self.folder / "file" / "present.flock"
        self.station.document.autosave()
        self.until(lambda: "the copy of the work cannot be kept" in self.window.status.said.text())
        self.assertTrue(self.station.document.moving)
        self.station.document.copy.file = self.folder / "present.flock"
        self.key(Qt.Key.Key_Escape)
        self.assertEqual(self.station.flock.members[0].place[0], 0.0)
        self.rest()

    def test_the_recipe_of_a_member_is_opened(self):
        self.opened("Loaf")
        self.click(self.tray.place)
        self.click(self.panel.open)
        self.assertEqual((self.window.document.mound.name, self.window.station.name), ("Loaf", "Mass"))
        self.rest()

    def test_an_area_is_painted_and_a_line_drawn(self):
        self.spread()
        plan = self.tray.plan
        self.click(self.tray.paint)
        here = plan.pixel(*plan.middle).toPoint()
        self.drag(here - QPoint(40, 0), here + QPoint(40, 0))
        spread = self.station.spreads.present
        self.assertEqual(spread.area, "painted")
        self.assertGreater(max(max(row) for row in spread.painted), 0.3)
        members = [m for m in self.station.flock.members if m.spread == spread.name]
        self.assertTrue(members)
        for member in members:
            away = plan.pixel(member.place[0], member.place[2]) - QPointF(here)
            self.assertLess(abs(away.y()), 45.0)
        painted = spread.painted
        self.drag(here - QPoint(40, 0), here + QPoint(40, 0), Qt.KeyboardModifier.AltModifier)
        self.assertLess(sum(map(sum, self.station.spreads.present.painted)), sum(map(sum, painted)))
        self.click(self.tray.line)
        self.assertFalse(self.tray.paint.isChecked())
        self.drag(here - QPoint(60, 10), here + QPoint(60, 10))
        self.assertEqual((self.station.spreads.present.area, len(self.station.spreads.present.points) > 1), ("line", True))
        self.click(self.tray.line)
        self.assertEqual(plan.brush, "")
        self.station.undo()
        self.assertEqual(self.station.spreads.present.area, "painted")
        self.rest()

    def test_decks_and_hazes_are_added_edited_and_removed(self):
        self.opened()
        deck, haze = self.panel.layers
        self.click(deck.more)
        deck.fields["cover"].changed.emit(0.6, False)
        deck.fields["reach"].changed.emit(900.0, False)
        deck.fields["lumps"].changed.emit(120.0, False)
        haze.more.click()
        haze.fields["low"].changed.emit(2_000.0, False)
        self.assertEqual(self.station.flock.hazes[0].high, 2_001.0)
        haze.fields["reach"].changed.emit(900.0, False)
        self.assertEqual((self.station.flock.decks[0].cover, self.station.note(None)), (0.6, ""))
        self.rest()
        self.assertGreater(self.pixels().std(), 0)
        deck.hidden.click()
        self.assertTrue(self.station.flock.decks[0].hidden)
        deck.drop.click()
        haze.drop.click()
        self.assertEqual((self.station.flock.decks, self.station.flock.hazes), ((), ()))
        self.panel.air.click()
        self.panel.curved.click()
        self.assertEqual((self.station.flock.air, self.station.flock.curved), (False, False))
        self.rest()

    def test_members_are_grouped_tinted_and_made_mounds_of_their_own(self):
        self.spread()
        self.station.members.choose(0)
        self.station.members.choose(1, more=True)
        self.window.actions_["group"].trigger()
        self.station.members.choose(None)
        self.station.members.choose(1)
        self.assertEqual(sorted(self.station.members.chosen), [0, 1])
        self.panel.tint.changed.emit((1.0, 0.5, 0.25), False)
        self.assertEqual({m.tint for m in self.station.flock.members[:2]}, {(1.0, 0.5, 0.25)})
        self.panel.group.click()
        self.station.members.choose(1)
        self.assertEqual(self.station.members.chosen, [1])
        asset = self.station.flock.members[1].asset
        self.panel.own.click()
        member = self.station.flock.members[1]
        self.assertTrue(member.asset.file.endswith(".mound"))
        written = self.station.document.folder / member.asset.file
        self.assertEqual(read_mound(written).name, written.stem)
        self.assertNotEqual(member.asset, asset)
        self.rest()
        self.panel.open.click()
        self.assertEqual(self.window.document.path, written)
        self.rest()

    def with_plate(self):
        """A plate with a dark lower half behind the clouds."""
        self.spread()
        photograph = np.full((150, 300, 3), (200, 120, 40), np.uint8)
        photograph[90:] = 20
        Image.fromarray(photograph).save(self.folder / "field.png")
        with mock.patch.object(QFileDialog, "getOpenFileName", return_value=(str(self.folder / "field.png"), "")):
            self.panel.plate.choose.click()
        self.until(lambda: self.station.plate.reference() is not None)
        self.rest()

    def seen(self):
        """The picture with what is drawn over it, less what the mound's stations draw."""
        picture = self.window.picture
        picture.show_bare(True)
        image = picture.grab().toImage().convertToFormat(QImage.Format.Format_RGB888)
        picture.show_bare(False)
        bits = image.constBits()
        bits.setsize(image.sizeInBytes())
        return np.frombuffer(bits, np.uint8).reshape(image.height(), image.bytesPerLine())[:, : 3 * image.width()].reshape(
            image.height(), image.width(), 3).astype(int)

    def test_a_plate_stands_behind_and_gives_its_horizon_and_its_sun(self):
        self.with_plate()
        self.assertLess(np.abs(self.seen()[5, 5] - (200, 120, 40)).max(), 4)
        picture = self.window.picture
        wide, high = picture.width(), picture.height()
        self.panel.plate.hands["horizon"].click()
        y = self.station.plate._read[1]["pixels"].shape[0]
        _, top, _, tall = filled((150, 300), wide, high)
        edge = top + 0.6 * tall  # where the photograph turns dark
        self.drag_in_picture(QPoint(60, int(0.3 * high)), QPoint(60, int(round(edge))))
        self.assertEqual(y, 150)
        self.assertAlmostEqual(self.station.flock.plate.horizon, 0.6, delta=0.006)
        self.assertAlmostEqual(horizon_of(self.station.flock.view, wide, high), edge, delta=1.0)
        self.key(Qt.Key.Key_Escape)
        self.assertIs(self.window.picture.hand, self.station._members_hand)
        self.assertFalse(self.panel.plate.hands["horizon"].isChecked())
        self.panel.plate.hands["sun"].click()
        at = QPoint(int(0.7 * wide), int(0.2 * high))
        self.drag_in_picture(at, at)
        sun, camera = self.station.flock.light.sun, self.window.picture.camera()
        x, y, _ = camera.pixel(camera.eye + 1e4 * direction_of(sun.azimuth, sun.elevation))
        self.assertLess(abs(x - at.x()) + abs(y - at.y()), 1.0)
        self.rest()
        self.window.actions_["undo"].trigger()
        self.assertNotEqual(self.station.flock.light.sun, sun)
        self.click(self.panel.plate.drop)
        self.assertIsNone(self.station.flock.plate)
        self.assertIs(self.station.hand, self.station._members_hand)
        self.rest()
        self.assertGreater(np.abs(self.seen()[5, 5] - (200, 120, 40)).max(), 30)

    def drag_in_picture(self, start, end):
        picture = self.window.picture
        QTest.mousePress(picture, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier, start)
        QTest.mouseMove(picture, end)
        QTest.mouseRelease(picture, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier, end)

    def test_a_plate_that_is_gone_is_said_and_the_sky_stays(self):
        self.with_plate()
        (self.folder / "field.png").unlink()
        self.station.document.changed.emit(False)
        self.until(lambda: "plate is gone" in self.window.status.said.text())
        self.assertIsNone(self.station.plate.reference())
        self.rest()

    def test_a_film_goes_along_the_kept_views_with_the_plate_behind(self):
        self.with_plate()
        self.station.keep_view()
        self.station.look(self.station.flock.view.edited(azimuth=self.station.flock.view.azimuth + 20))
        self.station.keep_view()

        def act(dialog):
            self.assertEqual(list(dialog.takes), ["still", "film"])
            dialog.kinds.buttons["film"].click()
            for field, value in ((dialog.width_, 96), (dialog.height_, 64), (dialog.frames, 3)):
                field.set(float(value))
            dialog.file.setText(str(self.folder / "way.mp4"))
            dialog.take_button.click()

        self.dialog(PictureDialog, act)
        self.click(self.panel.pictures)
        self.until(lambda: (self.folder / "way.mp4").exists())
        film = cv2.VideoCapture(str(self.folder / "way.mp4"))
        self.assertEqual(film.get(cv2.CAP_PROP_FRAME_COUNT), 3)
        there, picture = film.read()
        self.assertLess(np.abs(picture[3, 3].astype(int) - (40, 120, 200)).max(), 30)
        self.panel.views.setCurrentIndex(0)
        self.click(self.panel.forget)
        self.assertEqual([kept.name for kept in self.station.flock.views], ["View 2"])
        self.rest()

    def test_members_are_chosen_and_moved_in_the_picture(self):
        self.opened()
        assets = [Asset(name=name) for name in ("Loaf", "Roll")]
        self.station.document.apply("members", lambda flock: flock.edited(members=(
            Member(asset=assets[0], place=(-30.0, 100.0, 0.0)), Member(asset=assets[1], place=(30.0, 100.0, 0.0)),
            Member(asset=assets[1], place=(30.0, 100.0, 400.0)))))
        self.station.look(self.station.flock.view.edited(target=(0.0, 112.0, 0.0), distance=200.0, azimuth=0.0, elevation=10.0,
                                                         focal=35.0))
        self.rest()
        picture = self.window.picture
        self.station.members.fit(1)
        self.rest()

        def seen(number):
            x, y, _ = picture.camera().pixel(np.add(self.station.flock.members[number].place, (0.0, 12.0, 0.0)))
            return QPoint(round(x), round(y))

        self.station.look(self.station.flock.view.edited(target=(0.0, 112.0, 0.0), distance=250.0, azimuth=0.0, elevation=10.0))
        self.rest()
        for number in (0, 1):
            self.drag_in_picture(seen(number), seen(number))
            self.assertEqual(self.station.members.chosen, [number])
        start = seen(0)
        self.drag_in_picture(start, start + QPoint(40, 0))
        moved = self.station.flock.members[0].place
        self.assertEqual((moved[1], abs(moved[2]) < 1e-6), (100.0, True))
        self.rest()
        x, _, per_metre = picture.camera().pixel(np.add(moved, (0.0, 12.0, 0.0)))
        self.assertAlmostEqual(x, start.x() + 40, delta=3.0)  # it went along with the hand
        self.assertTrue(self.station.flock.members[0].moved)
        self.drag_in_picture(QPoint(5, picture.height() - 5), QPoint(5, picture.height() - 5))
        self.assertEqual(self.station.members.chosen, [])
        QTest.mousePress(picture, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.AltModifier, seen(1))
        before = seen(1)
        self.mouse(picture, QEvent.Type.MouseMove, (before.x(), before.y() - 30), modifiers=Qt.KeyboardModifier.AltModifier)
        QTest.mouseRelease(picture, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.AltModifier, before)
        self.assertAlmostEqual((self.station.flock.members[1].place[1] - 100.0) * per_metre, 30.0, delta=3.0)
        self.window.actions_["undo"].trigger()
        self.assertEqual(self.station.flock.members[1].place[1], 100.0)
        self.rest()

    def test_the_lens_is_changed_and_shown(self):
        self.spread()
        self.panel.focal.changed.emit(85.0, False)
        self.assertEqual(self.station.flock.view.focal, 85.0)
        self.station.look(self.station.flock.view.edited(focal=20.0))
        self.assertEqual(self.panel.focal.value, 20.0)
        self.rest()

    def test_a_haze_goes_into_a_box(self):
        self.opened()
        rows = self.panel.layers[1]
        self.click(rows.more)
        self.assertTrue(rows.fields["reach"].isVisibleTo(self.panel))
        rows.boxed.click()
        self.assertFalse(rows.fields["reach"].isVisibleTo(self.panel))
        self.station.layers.edit("hazes", 0, "deep", 500.0, False)
        self.station.layers.edit("hazes", 0, "x", -70.0, False)
        haze = self.station.flock.hazes[0]
        self.assertEqual((haze.boxed, haze.size, haze.centre), (True, (4000.0, 500.0), (-70.0, 0.0)))
        self.assertEqual(rows.fields["deep"].value, 500.0)
        self.rest()
