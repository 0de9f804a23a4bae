"""The time line by hand: frames, keys, playing, and a growth that runs, is looked at and frozen."""

import threading
from unittest import mock

import numpy as np
import platformdirs
import trimesh
from PyQt6.QtCore import QPoint, QPointF, Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QFileDialog, QPushButton

from softmound.core.exchange.foreign import read_triangles
from softmound.core.exchange.forms import mesh_form
from softmound.core.growth.source import source_of
from softmound.core.light.scene.camera import camera_of
from softmound.core.recipe.camera_path import view_at
from softmound.core.recipe.models import ViewKey
from softmound.core.recipe.time import SOUNDINGS, Growth, Key, Keyed, TimeLine
from softmound.core.recipe.timing import at_frame
from softmound.core.starts.rising import rising
from softmound.desk import style
from softmound.desk.stations.mass.siblings_dialog import GrowthSiblingsDialog
from tests.desk import DeskTest
from tests.scenes import ball_mound, lumpy_mound


class TimeTest(DeskTest):
    def setUp(self):
        super().setUp()
        self.bar, self.moving, self.document = self.window.time_line, self.window.moving, self.window.document
        folder = mock.patch.object(platformdirs, "user_cache_path", lambda *_: self.folder / "cache")
        folder.start()
        self.addCleanup(folder.stop)

    def opened(self, mound=None):
        self.document.open(mound or lumpy_mound())
        self.window.open_station("Mass")
        self.window.actions_["time"].trigger()
        self.rest()


class Time(TimeTest):
    def test_still_work_stays_calm(self):
        self.document.open(ball_mound(12.0, 2.0))
        self.rest()
        self.assertFalse(self.bar.isVisible())
        self.opened()
        self.assertTrue(self.bar.isVisible())
        self.window.actions_["time"].trigger()
        self.rest()
        self.assertFalse(self.bar.isVisible())
        self.window.actions_["undo"].trigger()
        self.assertEqual(self.document.mound.time, TimeLine())

    def test_the_line_is_dragged_and_stepped(self):
        self.opened()
        line = self.bar.line
        QTest.mousePress(line, Qt.MouseButton.LeftButton, pos=QPoint(round(line.x_of(20)), 20))
        QTest.mouseMove(line, QPoint(round(line.x_of(30)), 20))
        QTest.mouseRelease(line, Qt.MouseButton.LeftButton, pos=QPoint(round(line.x_of(31)), 20))
        self.assertEqual(self.document.frame, 31)
        QTest.keyClick(line, Qt.Key.Key_Right)
        self.assertEqual(self.document.frame, 32)
        QTest.keyClick(line, Qt.Key.Key_End)
        self.assertEqual(self.document.frame, 48)
        self.window.actions_["after"].trigger()
        self.assertEqual(self.document.frame, 48)  # it does not loop
        self.window.actions_["before"].trigger()
        self.assertEqual(self.document.frame, 47)
        self.rest()
        self.assertIn("frame 47", self.bar.about.text())

    def test_keys_change_the_picture_and_the_numbers(self):
        self.opened()
        melt = self.window.stations["Mass"].settings.joining.controls["melt"]
        melt.changed.emit(2.0, False)
        self.click(self.bar.key)
        self.moving.go_to(41)
        melt.changed.emit(12.0, False)
        (keyed,) = self.document.mound.keyed
        self.assertEqual([(k.frame, k.value) for k in keyed.points], [(1, 2.0), (41, 12.0)])
        self.moving.go_to(21)
        self.rest()
        self.assertAlmostEqual(self.document.seen.mass.melt, 7.0)
        self.assertEqual(self.bar.which.currentText(), "mass · melt")
        before = self.pixels()
        self.moving.go_to(41)
        self.rest()
        self.assertTrue((before != self.pixels()).any())
        self.click(self.bar.unkey)
        self.assertEqual(len(self.document.mound.keyed[0].points), 1)
        self.moving.go_to(9)
        self.click(self.bar.unkey)  # none here: all of the number's
        self.assertEqual(self.document.mound.keyed, ())
        self.window.actions_["undo"].trigger()
        self.assertEqual(len(self.document.mound.keyed), 1)
        self.rest()

    def test_an_edit_while_forms_drift_moves_none_of_them_twice(self):
        self.opened(ball_mound(12.0, 2.0))
        self.bar.fields["wind"].changed.emit(10.0, False)
        before = self.document.mound.mass.forms[0].centre
        self.moving.go_to(25)
        self.assertAlmostEqual(self.document.seen.mass.forms[0].centre[0] - before[0], 10.0, places=5)
        station = self.window.stations["Mass"]
        station.pick([0])
        radius = station.settings.kinds["blob"].controls["radii"][1]
        radius.changed.emit(9.0, False)
        form = self.document.mound.mass.forms[0]
        self.assertEqual((form.centre, form.radii[1]), (before, 9.0))
        self.assertEqual(self.document.keyed.mass.forms[0].centre, before)
        self.rest()

    def test_stopping_what_waits_stops_nobody_elses_work(self):
        self.opened()
        go, done = threading.Event(), []
        self.window.jobs.begin(lambda _ticket: go.wait(30), lambda _: done.append("other"), "Another's")
        self.click(self.bar.play)
        self.assertEqual([piece.name for piece in self.window.jobs.queue], ["Frames to be played"])
        self.moving.stop()
        self.assertEqual(self.window.jobs.queue, [])
        go.set()
        self.until(lambda: not self.window.jobs.busy)
        self.assertEqual(done, ["other"])
        self.rest()

    def test_a_line_too_long_to_be_kept_is_refused(self):
        self.opened()
        self.bar.fields["last"].changed.emit(90_000, False)
        self.moving.play()
        self.assertIn("shorten the line", self.window.status.said.text())
        self.assertFalse(self.window.jobs.busy)
        self.bar.grab()  # and it is drawn in no time, however many frames it has
        self.rest()

    def test_the_numbers_of_the_line(self):
        self.opened()
        for name, value in (("last", 12), ("rate", 12.0), ("wind", 4.0), ("along", 0.0), ("shear", 1.0)):
            self.bar.fields[name].changed.emit(value, False)
        self.bar.fields["first"].changed.emit(20, False)
        line = self.document.mound.time
        self.assertEqual((line.first, line.last, line.rate, line.wind, line.shear), (20, 20, 12.0, 4.0, 1.0))
        self.click(self.bar.loop)
        self.assertTrue(self.document.mound.time.loop)
        self.click(self.bar.drift)
        self.assertTrue(self.bar.fields["wind"].isVisible())
        self.rest()

    def test_it_plays_from_memory(self):
        self.opened()
        self.bar.fields["last"].changed.emit(5, False)
        self.rest()
        self.click(self.bar.play)
        self.until(lambda: self.moving.playing)
        self.assertEqual(self.moving.kept, {1, 2, 3, 4, 5})
        shown = {self.document.frame}
        self.until(lambda: shown.add(self.document.frame) or len(shown) == 5)
        self.window.actions_["play"].trigger()
        self.assertFalse(self.moving.playing)
        self.rest()
        # What is played is what rests there, but for its coarseness.
        frame = self.document.frame
        np.testing.assert_array_equal(self.document.seen.grains[0].time, at_frame(self.document.mound, frame).grains[0].time)

    def test_a_key_of_nothing_is_told_and_the_mound_is_shown(self):
        # As a file may have it that was written by hand: an edit takes keys along with their part.
        lost = Keyed(place=("grains", 7, "strength"), points=(Key(frame=1, value=2.0),))
        self.document.open(lumpy_mound().edited(time=TimeLine(), keyed=(lost,)))
        self.window.open_station("Mass")
        self.moving.go_to(5)
        self.assertIn("not there", self.window.status.said.text())
        self.assertEqual(self.document.seen.grains, self.document.mound.grains)
        self.rest()

    def test_keys_go_when_their_grain_does_and_come_back_by_undo(self):
        self.opened()
        self.document.apply("x", lambda mound: mound.edited(grains=mound.grains[:1]))
        grain = self.document.mound.grains[0]
        self.document.apply("y", lambda mound: mound.edited(grains=(grain.edited(strength=grain.strength + 1.0),)))
        self.document.key()
        self.document.apply("z", lambda mound: mound.edited(grains=()))
        self.assertEqual(self.document.mound.keyed, ())
        self.window.actions_["undo"].trigger()
        self.assertEqual(len(self.document.mound.keyed), 1)
        self.rest()

    def test_a_growth_runs_is_scrubbed_played_and_frozen(self):
        self.document.open(ball_mound(12.0, 2.0))
        self.window.open_station("Mass")
        panel = self.window.stations["Mass"].settings
        panel.growth.on.click()
        self.assertIsNotNone(self.document.mound.growth)
        self.document.apply("g", lambda mound: mound.edited(growth=Growth(seconds=0.3, cell=2.0, patch=8.0, pace=40.0)))
        self.assertIn("cells of 2 m", panel.growth.takes.text())
        panel.growth.grow.click()
        self.until(lambda: not self.window.jobs.busy)
        self.assertEqual(self.moving.growth_frames, list(range(8)))
        self.rest()
        self.until(lambda: "growth, frame 7" in self.bar.about.text())  # told from a thread of its own
        # Told of late, when all frames lie there already, the newest is followed as well; who looks at an older one is left there.
        kept = self.moving.grown
        self.moving.let_go()
        for number in range(8):
            self.moving._grew(number, kept)
            self.assertEqual(self.moving.shown, number)
        self.moving.go_to(2)
        self.moving._grew(7, kept, True)
        self.assertEqual(self.moving.shown, 2)
        self.moving.go_to(7)
        self.rest()
        self.until(lambda: self.window.picture._stride == 1)
        seen = self.pixels()
        self.bar.line.moved.emit(0, False)
        self.rest()
        self.until(lambda: self.window.picture._stride == 1)
        self.assertEqual(self.moving.shown, 0)
        self.assertTrue((seen != self.pixels()).any())
        self.click(self.bar.play)
        self.until(lambda: self.moving.playing)
        self.click(self.bar.play)
        self.click(self.bar.leave)
        self.assertIsNone(self.moving.grown)
        panel.growth.look.click()
        self.assertEqual(self.moving.shown, 7)
        self.click(self.bar.freeze)
        self.until(lambda: not self.window.jobs.busy)
        self.assertEqual([f.kind for f in self.document.mound.mass.forms], ["volume"])
        self.assertIsNone(self.moving.grown)
        self.window.actions_["undo"].trigger()
        self.assertEqual([f.kind for f in self.document.mound.mass.forms], ["blob"])
        self.rest()

    def test_numbers_with_keys_have_a_dot(self):
        self.opened()
        fields = self.window.stations["Mass"].settings.joining
        melt = fields.controls["melt"]
        self.assertFalse(melt.keyed)
        before = melt.grab().toImage()
        melt.changed.emit(2.0, False)
        self.click(self.bar.key)
        self.assertTrue(melt.keyed)
        self.assertIn("keys", melt.accessibleDescription())
        after = melt.grab().toImage()
        barley = [(x, y) for x in range(after.width()) for y in range(22)
                  if after.pixelColor(x, y) != before.pixelColor(x, y) and after.pixelColor(x, y).name() == style.BARLEY.name()]
        self.assertGreater(len(barley), 12)
        self.moving.go_to(30)
        self.assertTrue(melt.keyed)
        self.assertEqual([number.keyed for number in fields.all_numbers().values()].count(True), 1)
        self.moving.go_to(1)
        self.click(self.bar.unkey)
        self.assertFalse(melt.keyed)
        self.rest()

    def grew(self, **more):
        """A small growth of eight frames, looked at."""
        self.document.open(ball_mound(12.0, 2.0).edited(growth=Growth(seconds=0.3, cell=2.0, patch=8.0, pace=40.0, **more)))
        self.window.open_station("Mass")
        self.moving.grow()
        self.until(lambda: not self.window.jobs.busy)
        return self.window.stations["Mass"].settings.growth

    def test_a_growth_goes_on_from_the_frame_that_is_seen_by_other_numbers(self):
        panel = self.grew()
        first = self.moving.grown
        self.assertTrue(panel.on_from.isEnabled())
        self.moving.go_to(5)
        panel.on_from.click()
        self.assertIsNone(self.moving.grown)
        self.assertIn("From frame 5", panel.on_from.text())
        panel.fields.controls["heat"].changed.emit(30.0, False)
        panel.grow.click()
        self.until(lambda: not self.window.jobs.busy)
        self.assertNotEqual(self.moving.grown.folder, first.folder)
        np.testing.assert_array_equal(self.moving.grown.frame(4).cloud, first.frame(4).cloud)
        self.assertGreater(np.abs(self.moving.grown.frame(7).flow.astype(float)).max(),
                           np.abs(first.frame(7).flow.astype(float)).max())
        panel.on_from.click()  # from the start again
        self.assertIsNone(self.moving.begins)
        self.assertEqual(panel.on_from.text(), "Go on from here")
        self.rest()

    def test_another_seed_grows_beside_the_first(self):
        panel = self.grew()
        first = self.moving.grown.folder
        panel.seed.click()
        self.until(lambda: not self.window.jobs.busy)
        self.assertEqual(self.document.mound.growth.seed, 2)
        self.assertNotEqual(self.moving.grown.folder, first)
        self.window.actions_["undo"].trigger()
        panel.look.click()
        self.assertEqual(self.moving.grown.folder, first)
        self.rest()

    def test_its_air_is_chosen_and_drawn(self):
        panel = self.grew()
        self.assertEqual(panel.air.currentText(), "Towering")
        before = panel.chart.grab().toImage()
        panel.air.setCurrentText("Capped")
        panel.air.activated.emit(panel.air.currentIndex())
        self.assertEqual(self.document.mound.growth.sounding, SOUNDINGS["Capped"])
        self.assertNotEqual(panel.chart.grab().toImage(), before)
        panel.sounding.controls["inversion"].changed.emit(1_200.0, False)
        self.assertEqual((self.document.mound.growth.sounding.inversion, panel.air.currentText()), (1_200.0, "Own"))
        panel.air.setCurrentText("Even and dry")
        panel.air.activated.emit(panel.air.currentIndex())
        self.assertIsNone(self.document.mound.growth.sounding)
        self.assertGreater(self.document.mound.growth.smoke, 0.0)  # or nothing would be seen
        self.assertFalse(panel.chart.isVisibleTo(panel.chart.parentWidget()))
        self.window.actions_["undo"].trigger()
        self.assertEqual(self.document.mound.growth.sounding.inversion, 1_200.0)
        self.rest()

    def test_a_ready_growth_rises_at_once_and_is_fitted(self):
        self.document.open(ball_mound(12.0, 2.0))
        self.window.open_station("Mass")
        panel = self.window.stations["Mass"].settings.growth
        self.assertEqual(len(panel.ready.menu().actions()), 6)
        short = rising("ring", "Ring")
        panel.begin(short.edited(growth=short.growth.edited(seconds=0.2, cell=1.0)))
        self.until(lambda: not self.window.jobs.busy)
        self.assertEqual(self.moving.growth_frames, list(range(6)))
        self.window.actions_["fit"].trigger()
        low, high = self.moving.bounds()
        target = np.array(self.document.mound.view.target)
        self.assertTrue((target > low).all() and (target < high).all())
        self.rest()

    def test_six_seeds_are_seen_side_by_side_and_one_is_taken(self):
        self.grew()
        dialog = GrowthSiblingsDialog(self.document.mound)
        self.until(lambda: dialog.list.count() == 6, 120)
        dialog.list.item(2).setSelected(True)
        dialog._next()
        dialog.take.click()
        self.assertEqual(dialog.taken.growth.seed, 3)
        seen = {dialog._icons[n][-1].pixmap(232, 146).toImage().bits().asstring(232 * 146 * 4) for n in range(6)}
        self.assertGreater(len(seen), 3)
        self.rest()

    def test_a_growth_becomes_an_asset_by_a_click(self):
        self.grew()
        self.click(self.bar.asset)
        self.until(lambda: not self.window.jobs.busy, 120)
        self.assertIn("In the library", self.window.status.said.text())
        self.rest()

    def test_it_gives_off_only_where_masks_let_it(self):
        panel = self.grew(patchy=0.0, gives="surface")
        everywhere = self.moving.grown.frame(7)
        actions = {action.text(): action for action in panel.where.add_button.menu().actions()}
        actions["By height"].trigger()
        (mask,) = self.document.mound.growth.where
        self.assertEqual(mask.by, "height")
        group = panel.where.groups[0]
        group.fields.changed.emit("low", 26.0, False)
        group.fields.changed.emit("high", 28.0, False)
        panel.grow.click()
        self.until(lambda: not self.window.jobs.busy)
        above = self.moving.grown.frame(7)
        # Less moves, and what moves does so high up.
        self.assertLess(np.abs(above.flow.astype(float)).sum(), np.abs(everywhere.flow.astype(float)).sum())
        self.window.actions_["undo"].trigger()
        self.window.actions_["undo"].trigger()
        panel.where.groups[0].findChildren(QPushButton)[0].click()  # remove
        self.assertEqual(self.document.mound.growth.where, ())
        self.rest()

    def test_where_it_gives_off_is_painted_on_the_form(self):
        panel, station = self.grew(gives="surface", patchy=0.0), self.window.stations["Mass"]
        actions = {action.text(): action for action in panel.where.add_button.menu().actions()}
        actions["Painted"].trigger()
        panel.where.groups[0].paint.click()
        self.assertIsNone(self.moving.grown)  # the form is seen, to be painted on
        self.rest()
        hand, camera = station.hand, self.window.picture.camera()
        hand.radius = 5.0
        middle = self.document.mound.mass.forms[0].centre
        at = QPointF(*camera.pixel(np.array(middle))[:2])
        hand.press(at, Qt.KeyboardModifier.NoModifier, camera)
        hand.drag(at + QPointF(12, 0), Qt.KeyboardModifier.NoModifier, camera)
        hand.release()
        (mask,) = self.document.mound.growth.where
        self.assertEqual(len(mask.strokes), 1)
        self.assertGreaterEqual(len(mask.strokes[0].path), 1)
        everywhere, painted = (source_of(self.document.mound.edited(growth=self.document.mound.growth.edited(where=where))).gives
                               for where in ((), (mask,)))
        self.assertTrue(0.01 < painted.sum() / everywhere.sum() < 0.6)
        self.window.actions_["undo"].trigger()
        self.assertEqual(self.document.mound.growth.where[0].strokes, ())
        self.window.actions_["escape"].trigger()
        self.assertFalse(panel.where.groups[0].paint.isChecked())
        self.assertIsNot(station.hand, hand)
        self.rest()

    def test_an_edit_of_the_form_shows_the_form_again(self):
        self.document.open(ball_mound(12.0, 2.0).edited(growth=Growth(seconds=0.1, cell=2.0, patch=8.0)))
        self.moving.grow()
        self.until(lambda: not self.window.jobs.busy)
        self.assertIsNotNone(self.moving.grown)
        self.document.apply("x", lambda mound: mound.edited(mass=mound.mass.edited(melt=1.0)))
        self.assertIsNone(self.moving.grown)
        self.moving.freeze()
        self.assertIn("no frame to freeze", self.window.status.said.text())
        self.moving.look_at_growth()
        self.assertIn("no growth", self.window.status.said.text())
        self.rest()

    def test_a_form_moves_as_its_files_do(self):
        for n in (1, 2, 4):
            ball = trimesh.creation.icosphere(subdivisions=2, radius=6.0 + n)
            ball.apply_translation((5.0 * n, 20.0, 0.0))
            ball.export(self.folder / f"walk.{n:03d}.obj")
        form = mesh_form(read_triangles(self.folder / "walk.001.obj"), "Walker")
        mound = ball_mound(12.0, 2.0)
        self.document.open(mound.edited(mass=mound.mass.edited(forms=(form,))))
        station = self.window.stations["Mass"]
        self.window.open_station("Mass")
        station.pick([0])
        with mock.patch.object(QFileDialog, "getOpenFileName", return_value=(str(self.folder / "walk.002.obj"), "")):
            station.settings.moves.click()
        self.assertTrue(self.document.mound.mass.forms[0].sequence.files.endswith("walk.###.obj"))
        self.assertIn("missing and held: 3", self.window.status.said.text())
        self.assertTrue(self.bar.isVisible())
        before = self.document.seen.mass.forms[0].surface
        self.moving.go_to(3)
        self.rest()
        self.assertNotEqual(self.document.seen.mass.forms[0].surface, before)
        station.settings.moves.click()
        self.assertIsNone(self.document.mound.mass.forms[0].sequence)
        with mock.patch.object(QFileDialog, "getOpenFileName", return_value=(str(self.folder / "walk.obj"), "")):
            station.settings.moves.click()
        self.assertIn("no number in its name", self.window.status.said.text())
        self.rest()


class Camera(TimeTest):
    """The camera path: keys of the view, and flights that are recorded."""

    def setUp(self):
        super().setUp()
        self.opened(ball_mound(12.0, 2.0))

    @property
    def view(self):
        return self.document.mound.view

    def test_views_are_keyed_and_followed(self):
        self.assertFalse(self.bar.key_view.isVisible())
        self.click(self.bar.camera)
        views = [self.view.edited(azimuth=10.0), self.view.edited(azimuth=70.0, distance=90.0)]
        self.document.look(views[0])
        self.click(self.bar.key_view)
        self.moving.go_to(21)
        self.assertEqual(self.view, views[0])
        self.document.look(views[1])
        self.window.actions_["key-view"].trigger()
        self.assertEqual([(key.frame, key.view) for key in self.document.mound.path], list(zip((1, 21), views)))
        self.assertIn("one of them here", self.bar.view_keys.text())
        self.moving.go_to(11)
        self.assertEqual(self.view, view_at(self.document.mound.path, 11))
        # One may look elsewhere on the way, and need not look along it at all.
        self.document.look(views[0])
        self.rest()
        self.assertEqual(self.view, views[0])
        self.click(self.bar.along)
        self.moving.go_to(21)
        self.assertEqual(self.view, views[0])
        self.click(self.bar.along)
        self.moving.go_to(1)
        self.moving.go_to(21)
        self.assertEqual(self.view, views[1])
        self.click(self.bar.unkey_view)
        self.assertEqual([key.frame for key in self.document.mound.path], [1])
        self.window.actions_["undo"].trigger()
        self.assertEqual(len(self.document.mound.path), 2)
        self.rest()

    def test_a_flock_has_none(self):
        self.window.open_station("Formation")
        before = self.document.mound
        for name in ("key-view", "record"):
            self.window.actions_[name].trigger()
            self.assertIn("a mound's", self.window.status.said.text())
        self.assertFalse(self.moving.recording.on or self.window.picture.flight.on)
        self.assertIs(self.document.mound, before)

    def test_of_a_growth_too(self):
        self.document.open(ball_mound(12.0, 2.0).edited(growth=Growth(seconds=0.3, cell=3.0, patch=8.0)))
        self.rest()
        self.window.actions_["key-view"].trigger()
        self.assertIn("needs a frame", self.window.status.said.text())
        self.moving.grow()
        self.until(lambda: self.window.jobs.job is None and self.moving.grown is not None)
        for frame, azimuth in ((0, 10.0), (6, 50.0)):
            self.moving.go_to(frame)
            self.document.look(self.view.edited(azimuth=azimuth))
            self.window.actions_["key-view"].trigger()
        self.assertEqual([(key.frame, key.view.azimuth) for key in self.document.mound.path], [(0, 10.0), (6, 50.0)])
        self.moving.go_to(3)
        self.assertAlmostEqual(self.view.azimuth, 30.0, places=6)
        self.rest()

    def test_what_is_played_goes_along_it(self):
        self.bar.fields["last"].changed.emit(3, False)
        self.document.apply("x", lambda mound: mound.edited(path=tuple(
            ViewKey(frame=frame, view=self.view.edited(target=(x, 20.0, 0.0))) for frame, x in ((1, -15.0), (3, 15.0)))))
        self.rest()
        self.click(self.bar.play)
        self.until(lambda: self.moving.playing)
        # The eye goes to the right, so the ball goes to the left.
        middle = [np.nonzero(self.moving._pictures[n][..., 3] > 127)[1].mean() for n in (1, 2, 3)]
        self.assertGreater(middle[0], middle[1] + 2.0)
        self.assertGreater(middle[1], middle[2] + 2.0)
        self.window.actions_["play"].trigger()
        self.rest()

    def test_a_flight_is_recorded_from_the_frame_on(self):
        picture, recording, flight = self.window.picture, self.moving.recording, self.window.picture.flight
        seconds = iter(np.arange(0.0, 60.0, 0.5))
        recording.clock = lambda: float(next(seconds))
        self.moving.go_to(11)
        self.window.actions_["record"].trigger()
        self.assertTrue(recording.on and flight.on)
        begun, eyes = camera_of(self.view, 3, 2).eye, []
        with mock.patch.object(flight, "_timer"):
            for key, steps in ((Qt.Key.Key_Period, 4), (Qt.Key.Key_PageUp, 4)):
                QTest.keyPress(picture, key)
                for _ in range(steps):
                    flight.step(0.1)
                    eyes.append(camera_of(self.view, 3, 2).eye)
                flight._held.clear()
        self.window.actions_["escape"].trigger()
        self.assertFalse(recording.on or flight.on)
        path = self.document.mound.path
        # Twelve frames for each half second, the turn between the two ways among them.
        self.assertEqual((path[0].frame, path[-1].frame), (11, 11 + 12 * 7))
        self.assertEqual(self.document.mound.time.last, 11 + 12 * 7)
        self.assertLess(len(path), 8)
        for n in (0, 3, 7):
            self.moving.go_to(11 + 12 * n)
            np.testing.assert_allclose(camera_of(self.view, 3, 2).eye, eyes[n], atol=0.02 * self.view.distance + 1e-6)
        self.assertGreater(np.linalg.norm(eyes[-1] - begun), 1.0)
        self.window.actions_["undo"].trigger()
        self.assertEqual((self.document.mound.path, self.document.mound.time.last), ((), 48))
        # One who lands at once has recorded nothing.
        self.click(self.bar.record)
        self.click(self.bar.record)
        self.assertIn("Nothing was flown", self.window.status.said.text())
        self.rest()

    def test_the_pace_is_by_what_lies_ahead_and_the_view_turns_about_it_afterwards(self):
        self.document.look(self.view.edited(target=(0.0, 20.0, 0.0), distance=100.0, azimuth=0.0, elevation=0.0))
        self.rest()
        ahead, flight = self.window.looking.ahead_of(), self.window.picture.flight
        self.assertTrue(100.0 - 12.0 < ahead < 100.0, ahead)  # the ball's radius is 12, and one sees into it
        flight.toggle()
        before = camera_of(self.view, 3, 2).eye
        with mock.patch.object(flight, "_timer"):
            flight.press(Qt.Key.Key_Up, False)
            flight.step(0.1)
            flight._held.clear()
        self.assertAlmostEqual(np.linalg.norm(camera_of(self.view, 3, 2).eye - before), 0.05 * ahead, places=6)
        self.rest()
        eye, ahead = camera_of(self.view, 3, 2).eye, self.window.looking.ahead_of()
        flight.toggle()
        self.assertAlmostEqual(self.view.distance, ahead, places=6)
        np.testing.assert_allclose(camera_of(self.view, 3, 2).eye, eye, atol=1e-6)
        self.document.look(self.view.edited(elevation=80.0, distance=3.0))
        self.rest()
