"""The Light station, driven in the window."""

import unittest
from unittest import mock

import numpy as np
import OpenEXR
from PyQt6.QtCore import QRectF, Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QInputDialog

from softmound.core.engine.density import bounds_of
from softmound.core.light.scene.camera import camera_of
from softmound.core.recipe import Arrays, Lamp, Reference
from softmound.desk.dialogs.picture_dialog import PictureDialog
from softmound.desk.stations.light.sun_dialog import SunPlaceDialog
from softmound.desk.view import scale_bar
from softmound.desk.view.comparing import difference, matched
from tests.desk import DeskTest


class LightTest(DeskTest):
    def setUp(self):
        super().setUp()
        self.window.open_station("Light")
        self.rest()
        self.light = self.window.stations["Light"]

    def colours(self):
        """The picture as an array of colours."""
        pixels = self.pixels()
        return pixels.reshape(len(pixels), -1, 4)[..., :3]

    @property
    def recipe(self):
        return self.window.document.mound


class Below(LightTest):
    def choose_below(self, kind):
        box = self.light.settings.fields["floor", "kind"]
        box.setCurrentIndex(box.findData(kind))
        box.activated.emit(box.currentIndex())

    def test_a_sea_is_laid_below_seen_and_taken_away_again(self):
        station, before = self.light, self.colours()
        self.assertFalse(station.settings.fields["floor", "wind"].isVisibleTo(station.settings))
        self.choose_below("sea")
        self.rest()
        floor, lowest = self.recipe.light.floor, bounds_of(self.recipe)[0][1]
        self.assertEqual(floor.kind, "sea")
        self.assertLess(floor.level, lowest)
        self.assertLess(floor.level, camera_of(self.recipe.view, 4, 3).eye[1])
        self.assertTrue(station.settings.fields["floor", "wind"].isVisibleTo(station.settings))
        self.assertFalse(station.settings.fields["floor", "patches"].isVisibleTo(station.settings))
        laid = self.colours()
        self.assertFalse(np.allclose(laid[-3:], before[-3:], atol=3))
        self.choose_below("land")
        self.rest()
        self.assertEqual(self.recipe.light.floor.level, floor.level)
        self.assertFalse(np.allclose(self.colours()[-3:], laid[-3:], atol=3))
        self.window.document.undo()
        self.window.document.undo()
        self.rest()
        self.assertEqual(self.recipe.light.floor.kind, "none")


class Ramps(LightTest):
    def test_a_ramp_is_begun_changed_and_taken_back(self):
        window, field = self.window, self.light.settings.ramps["tint_by"]
        field.choice.activated.emit(field.choice.findData("height"))
        self.assertEqual(self.recipe.light.medium.tint_by.by, "height")
        before = self.pixels()
        self.rest()
        self.assertFalse(np.array_equal(before, self.pixels()))
        field.strip.add_stop(0.5)
        self.assertEqual(len(self.recipe.light.medium.tint_by.stops), 3)
        field.strip.chosen = 1
        QTest.keyClick(field.strip, Qt.Key.Key_Right)
        self.assertAlmostEqual(self.recipe.light.medium.tint_by.stops[1][0], 0.52)
        room = field.strip._room()
        self.drag(field.strip, (field.strip._x(0.52), room.center().y()), (field.strip._x(0.8), room.center().y()))
        self.assertAlmostEqual(self.recipe.light.medium.tint_by.stops[1][0], 0.8, delta=0.01)
        field.strip.recolour(1, (0.1, 0.2, 0.3))
        self.assertEqual(self.recipe.light.medium.tint_by.stops[1][1], (0.1, 0.2, 0.3))
        QTest.keyClick(field.strip, Qt.Key.Key_Delete)
        self.assertEqual(len(self.recipe.light.medium.tint_by.stops), 2)
        field.ends["low"].changed.emit(1e4, False)
        made = self.recipe.light.medium.tint_by
        self.assertLess(made.low, made.high)
        field.choice.activated.emit(field.choice.findData("depth"))
        self.assertEqual(self.recipe.light.medium.tint_by.stops, made.stops)
        field.choice.activated.emit(field.choice.findData(""))
        self.assertIsNone(self.recipe.light.medium.tint_by)
        window.document.undo()
        window.document.undo()
        self.assertEqual(self.recipe.light.medium.tint_by, made)


class Flying(LightTest):
    def eye(self):
        return camera_of(self.recipe.view, 3, 2).eye

    def test_keys_move_the_eye_and_it_lands(self):
        picture, flight = self.window.picture, self.window.picture.flight
        self.key(Qt.Key.Key_F)
        self.assertTrue(flight.on)
        flight.ahead = lambda: 80.0
        for key, along in ((Qt.Key.Key_Up, "forward"), (Qt.Key.Key_Period, "right"), (Qt.Key.Key_PageUp, None)):
            camera, before = camera_of(self.recipe.view, 3, 2), self.eye()
            QTest.keyPress(picture, key)
            flight.step(0.1)
            moved = self.eye() - before
            QTest.keyRelease(picture, key)
            way = np.array([0.0, 1.0, 0.0]) if along is None else getattr(camera, along)
            # Half the distance to what is ahead in a second; what the timer added lies on the same line.
            self.assertGreaterEqual(moved @ way, 0.05 * 80.0 - 1e-6)
            np.testing.assert_allclose(np.cross(moved, way), 0.0, atol=1e-6 * self.recipe.view.distance)
        before, azimuth = self.eye(), self.recipe.view.azimuth
        QTest.keyPress(picture, Qt.Key.Key_Right)
        flight.step(0.1)
        QTest.keyRelease(picture, Qt.Key.Key_Right)
        np.testing.assert_allclose(self.eye(), before, atol=1e-6 * self.recipe.view.distance)
        self.assertNotAlmostEqual(self.recipe.view.azimuth, azimuth)
        self.rest()
        self.key(Qt.Key.Key_Escape)
        self.assertFalse(flight.on)
        # On the ground the arrows turn about the cloud again.
        target = self.recipe.view.target
        self.key(Qt.Key.Key_Left, widget=picture)
        self.assertEqual(self.recipe.view.target, target)


class Scale(unittest.TestCase):
    def test_the_bar_is_round_and_fits(self):
        for per_metre in (0.01, 0.13, 0.9, 3.0, 40.0, 700.0):
            metres, standing = scale_bar.bar_of(per_metre)
            self.assertLessEqual(metres * per_metre, 2.5 * scale_bar.WIDEST)
            self.assertGreater(metres * per_metre, 50.0)
            digits = f"{metres:.3e}"
            self.assertIn(digits[:4], ("1.00", "2.00", "5.00"))
            for size, _ in standing:
                self.assertTrue(scale_bar.SMALLEST <= size * per_metre <= scale_bar.TALLEST)
        self.assertEqual([name for _, name in scale_bar.bar_of(4.0)[1]], ["person", "house"])

    def test_lengths_are_read_in_their_unit(self):
        self.assertEqual([scale_bar.length_text(m) for m in (2000.0, 50.0, 0.2)], ["2 km", "50 m", "20 cm"])

    def test_matching_is_a_proportion(self):
        scale, top = matched((0.25, 0.75), (100.0, 300.0), 800.0)
        self.assertAlmostEqual(scale * 800.0 * 0.5, 200.0)
        self.assertAlmostEqual(top + 0.25 * 800.0 * scale, 100.0)


class Settings(LightTest):
    def test_every_number_reaches_the_recipe(self):
        for (part, field), widget in self.light.settings.fields.items():
            if not hasattr(widget, "low"):
                continue
            value = widget.low + 0.37 * (widget.high - widget.low) if widget.scale == "linear" else float(
                np.sqrt(max(widget.low, 1e-3) * widget.high))
            widget.changed.emit(value, False)
            owner = getattr(self.recipe.light, part) if part else self.recipe.light
            self.assertAlmostEqual(getattr(owner, field), value, places=5, msg=field)
        self.rest()

    def test_kinds_of_sky_and_scattering_show_their_numbers(self):
        settings = self.light.settings
        shown = lambda part, field: settings.fields[part, field].isVisibleTo(settings)  # noqa: E731
        settings.kind.activated.emit(settings.kind.findData("air"))
        self.assertEqual(self.recipe.light.sky.kind, "air")
        self.assertTrue(shown("sky", "visibility") and not shown("sky", "zenith"))
        before = self.pixels()
        self.rest()
        self.assertFalse(np.array_equal(before, self.pixels()))
        settings.phase.activated.emit(settings.phase.findData("droplets"))
        self.assertTrue(shown("medium", "diameter") and not shown("medium", "anisotropy"))
        self.window.document.undo()
        self.window.document.undo()
        self.assertEqual(self.recipe.light.sky.kind, "gradient")

    def test_view_transform_exposure_by_the_picture_and_histogram(self):
        settings = self.light.settings
        settings.transform.activated.emit(settings.transform.findData("exposure"))
        self.rest()
        self.assertEqual(self.recipe.light.transform, "exposure")
        settings.transform.activated.emit(settings.transform.findData("own"))
        self.light.edit_part("", "exposure", exposure=6.0)
        self.rest()
        counts = settings.histogram._counts
        by_picture = settings.fields["", "metered"]
        self.click(by_picture)
        self.assertEqual((self.recipe.light.metered, self.recipe.light.exposure), (True, 0.0))
        self.rest()
        self.assertLess(settings.histogram._counts.argmax(), counts.argmax())
        shown = self.pixels()
        # Let go of, the picture stays as it is.
        self.click(by_picture)
        self.assertFalse(self.recipe.light.metered)
        self.assertLess(self.recipe.light.exposure, 3.0)
        self.rest()
        np.testing.assert_allclose(self.pixels().astype(int), shown.astype(int), atol=3)

    def test_sun_by_place_and_time(self):
        def fill(dialog):
            for field, value in (("latitude", 0.0), ("longitude", 0.0), ("day", 79.0), ("hour", 9.0)):
                getattr(dialog, field).set(value)
            dialog._accept()
        self.dialog(SunPlaceDialog, fill)
        self.click(self.light.settings.by_place)
        self.assertAlmostEqual(self.recipe.light.sun.elevation, 43.2, delta=1.0)
        self.assertAlmostEqual(self.recipe.light.sun.azimuth, 90.0, delta=3.0)

    def test_scattered_once_is_harder(self):
        self.light.edit_part("sky", "sky", strength=0.0)
        self.light.edit_part("medium", "medium", extinction=0.6)
        self.rest()
        soft = self.colours().astype(float)
        self.click(self.light.settings.fields["", "once"], (8, 8))
        self.assertTrue(self.recipe.light.once)
        self.rest()
        self.assertLess(self.colours().mean(), soft.mean())
        self.window.document.undo()
        self.assertFalse(self.light.settings.fields["", "once"].isChecked())

    def test_the_frame_of_the_film(self):
        self.light.settings.looking.controls["aspect"].changed.emit(2.0, False)
        box = self.window.picture.frame_box()
        self.assertAlmostEqual(box.width() / box.height(), 2.0, places=5)
        self.assertLessEqual(box.width(), self.window.picture.width() + 1e-6)
        self.light.settings.looking.controls["aspect"].changed.emit(0.0, False)
        self.assertIsNone(self.window.picture.frame_box())


class Tray(LightTest):
    def test_lamps(self):
        self.light.tray.open("lamps")
        dark = self.recipe.light
        self.light.edit_part("sun", "sun", strength=0.0)
        self.light.edit_part("sky", "sky", strength=0.0)
        self.rest()
        self.assertLess(self.colours().max(), 8)
        self.click(self.light.tray.lamps.add)
        self.rest()
        self.assertGreater(self.colours().max(), 60)
        self.light.settings.lamp.controls["power"].changed.emit(123.0, False)
        self.light.settings.lamp.controls["place"][1].changed.emit(33.0, False)
        lamp = self.recipe.light.lamps[0]
        self.assertEqual((lamp.power, lamp.place[1]), (123e6, 33.0))
        self.light.duplicate_lamp(0)
        self.assertEqual(len(self.recipe.light.lamps), 2)
        self.light.edit_lamp(1, "switch", on=False)
        self.light.remove_lamp(0)
        self.assertFalse(self.recipe.light.lamps[0].on)
        while self.window.document.undo_label:
            self.window.document.undo()
        self.assertEqual(self.recipe.light, dark)
        self.rest()

    def test_only_the_page_that_changed_is_made_anew(self):
        self.click(self.light.tray.views.add)
        self.click(self.light.tray.lamps.add)
        views, lamps = list(self.light.tray.views.tiles), list(self.light.tray.lamps.tiles)
        self.light.settings.lamp.controls["power"].changed.emit(55.0, True)
        self.assertEqual(self.light.tray.views.tiles, views)
        self.assertNotEqual(self.light.tray.lamps.tiles, lamps)
        self.light.tray.open("views")
        self.assertNotEqual(self.light.tray.views.tiles, views)

    def test_views_are_kept_renamed_and_taken_again(self):
        first = self.recipe.view
        self.light.tray.open("views")
        self.click(self.light.tray.views.add)
        self.window.document.look(first.edited(azimuth=77.0))
        self.rest()
        self.click(self.light.tray.views.tiles[0])
        self.assertEqual(self.recipe.view, first)
        with unittest.mock.patch.object(QInputDialog, "getText", return_value=("From the oven", True)):
            self.light.rename("views", 0)
        self.assertEqual(self.recipe.views[0].name, "From the oven")
        self.light.forget("views", 0)
        self.assertEqual(self.recipe.views, ())

    def test_a_snapshot_is_compared_and_gone_back_to(self):
        before, pixels = self.recipe, self.colours()
        self.key(Qt.Key.Key_K)
        self.assertEqual(len(self.recipe.snapshots), 1)
        np.testing.assert_array_equal(self.recipe.snapshots[0].picture["pixels"], pixels)
        self.light.edit_part("", "exposure", exposure=-4.0)
        self.rest()
        self.light.snapshots.compare(0)
        picture = self.window.picture
        self.assertTrue(picture.compare_bar.isVisibleTo(picture))
        shown = picture.grab().toImage()
        height, width = picture.height(), picture.width()
        left, right = (shown.pixelColor(x, height // 2).lightness() for x in (width // 2 - 40, width // 2 + 40))
        self.assertGreater(left, right + 20)
        self.drag(picture, (width // 2, 300), (width // 4, 300))
        self.assertAlmostEqual(picture.comparison.at, 0.25, delta=0.01)
        self.click(picture.compare_bar.buttons["difference"])
        picture.grab()
        self.click(picture.compare_bar.done)
        self.assertIsNone(picture.comparison)
        self.light.take_snapshot_over(0)
        self.assertEqual(self.recipe.edited(snapshots=()), before)

    def test_any_two_snapshots_are_compared(self):
        self.key(Qt.Key.Key_K)
        self.light.edit_part("", "exposure", exposure=-5.0)
        self.rest()
        self.key(Qt.Key.Key_K)
        self.light.edit_part("", "exposure", exposure=3.0)
        self.rest()
        self.light.snapshots.compare(0)
        picture = self.window.picture
        bar = picture.compare_bar
        self.assertEqual([bar.right.itemText(n) for n in range(bar.right.count())], ["Snapshot 1", "Snapshot 2", "Now"])
        bar.right.setCurrentIndex(1)
        bar.right.activated.emit(1)
        shown = picture.grab().toImage()
        height, width = picture.height(), picture.width()
        left, right = (shown.pixelColor(x, height // 2).lightness() for x in (width // 2 - 40, width // 2 + 40))
        self.assertGreater(left, right + 20)
        self.click(bar.buttons["beside"])
        beside = picture.grab().toImage()
        # What stood in the middle of the whole picture stands in the middle of either half.
        self.assertEqual(beside.pixelColor(3 * width // 4 + 60, height // 2), shown.pixelColor(width // 2 + 60, height // 2))
        self.assertGreater(beside.pixelColor(width // 4, height // 2).lightness(),
                           beside.pixelColor(3 * width // 4, height // 2).lightness() + 20)

    def test_a_photograph_is_matched_in_size(self):
        # A red cloud from row 20 to row 60 of a blue photograph of 100 rows.
        pixels = np.zeros((100, 80, 3), np.uint8)
        pixels[..., 2] = 255
        pixels[20:60, 20:60] = (255, 0, 0)
        photograph = Reference(name="Pan", picture=Arrays(pixels=pixels), shown="off", top=0.1, base=0.9)
        document, picture = self.window.document, self.window.picture
        document.apply("photograph", lambda _: self.recipe.edited(references=(photograph, photograph)))
        self.rest()
        self.window.stations["Light"].snapshots.compare_sides("photograph 0", "now")
        comparison = picture.comparison
        self.assertEqual(comparison.by, "beside")
        for which, share in ((0, 0.2), (1, 0.6)):
            rows = [side for side in comparison._halves(picture.size())][0][2]
            x = picture.width() / 4
            frame = comparison._frame(comparison.left, QRectF(0, 0, 2 * x, picture.height()), picture.size())
            self.drag(picture, (x, rows[which]), (x, frame.top() + share * frame.height()))
        marked = self.recipe.references[0]
        np.testing.assert_allclose((marked.top, marked.base), (0.2, 0.6), atol=0.01)
        # Another one of the same name keeps its marks.
        self.assertEqual(self.recipe.references[1], photograph)
        # Its cloud is now as high as ours, and at the same height.
        top, base = (share * picture.height() for share in comparison.right.span)
        picture.compare_bar.hide()
        shown = picture.grab().toImage()
        column = [shown.pixelColor(picture.width() // 4 + 5, y) for y in range(picture.height())]
        red = [y for y, colour in enumerate(column) if colour.red() > 180 and colour.blue() < 90]
        self.assertAlmostEqual(min(red), top, delta=5)
        self.assertAlmostEqual(max(red), base, delta=5)
        document.undo()
        self.assertNotEqual(self.recipe.references[0].base, marked.base)

    def test_differences(self):
        one, other = np.full((2, 3, 3), 100, np.uint8), np.full((2, 3, 3), 90, np.uint8)
        self.assertTrue(np.all(difference(one, one) == 128))
        self.assertTrue(np.all(difference(one, other) == 168))


class TrueLight(LightTest):
    def test_it_comes_out_of_the_noise_and_is_left_for_the_hand(self):
        seen = []
        self.window.looking.shown.connect(lambda answer: seen.append((answer.passes, answer.noise)))
        self.key(Qt.Key.Key_T)
        self.until(lambda: len([n for _, n in seen if 0.0 < n < 10.0]) >= 3)
        self.assertIn("True light", self.window.status.said.text())
        noises = [n for _, n in seen if 0.0 < n < 10.0]
        self.assertLess(noises[-1], noises[0])
        # A sun that is dragged is seen at once, in Draft light.
        self.light.edit_part("sun", "sun", True, azimuth=10.0)
        self.until(lambda: self.window.looking._shown == self.window.looking.newest)
        self.key(Qt.Key.Key_D)
        self.rest()

    def test_by_whole_paths_alone(self):
        asked = []
        self.window.looking.shown.connect(lambda answer: asked.append((answer.request.way, answer.request.alone)))
        self.click(self.light.settings.alone)
        self.assertTrue(self.window.looking.alone)
        self.key(Qt.Key.Key_T)
        self.until(lambda: ("true", True) in asked)
        self.click(self.light.settings.alone)
        self.until(lambda: ("true", False) in asked)
        self.assertFalse(self.window.looking.alone)
        self.key(Qt.Key.Key_D)
        self.rest()

    def test_looking_by_the_sun(self):
        sun = self.recipe.light.sun
        self.key(Qt.Key.Key_T, Qt.KeyboardModifier.ShiftModifier)
        self.assertAlmostEqual((self.recipe.view.azimuth - sun.azimuth) % 360.0, 180.0)
        self.key(Qt.Key.Key_A, Qt.KeyboardModifier.ShiftModifier)
        self.assertAlmostEqual((self.recipe.view.azimuth - sun.azimuth) % 360.0, 0.0)
        self.key(Qt.Key.Key_U, Qt.KeyboardModifier.ShiftModifier)
        self.assertEqual(self.recipe.view.elevation, -30.0)


class Mixer(LightTest):
    def strip(self, group):
        return self.light.tray.mixer.mixing.strips[group]

    def test_faders_change_the_picture_the_recipe_and_nothing_else(self):
        self.light.tray.open("mixer")
        self.assertEqual(list(self.light.tray.mixer.mixing.strips), ["sun", "sky", "below"])
        before, whole = self.recipe, self.colours().astype(int)
        self.assertFalse(self.light.tray.mixer.reset.isEnabled())
        level = self.strip("sun").level
        self.drag(level, (level.width() * 0.25, 34), (8, 34))
        self.rest()
        (fader,) = self.recipe.light.mix
        self.assertEqual(fader.group, "sun")
        self.assertLess(fader.level, 0.3)
        self.assertEqual(self.recipe.edited(light=before.light), before)
        dim = self.colours().astype(int)
        self.assertLess(dim.mean(), whole.mean() - 3.0)
        # The sky that is seen is not the sun's: it stays as it is.
        np.testing.assert_allclose(dim[:4], whole[:4], atol=2)
        self.click(self.strip("sky").mute)
        self.rest()
        self.assertLess(self.colours()[:4].max(), 12)
        self.click(self.strip("below").solo)
        self.assertEqual([(f.group, f.solo, f.muted) for f in self.recipe.light.mix], [
            ("sun", False, False), ("sky", False, True), ("below", True, False)])
        self.assertTrue(self.strip("below").solo.isChecked())
        self.window.document.undo()
        self.assertFalse(self.strip("below").solo.isChecked())
        self.assertIn("mute", self.window.document.undo_label)
        self.click(self.light.tray.mixer.reset)
        self.assertEqual(self.recipe.light, before.light)
        self.rest()
        np.testing.assert_allclose(self.colours().astype(int), whole, atol=2)

    def test_a_lamp_has_a_fader_and_lamps_can_share_one(self):
        self.light.tray.open("mixer")
        self.light.add_lamp()
        self.light.add_lamp()
        self.assertEqual(list(self.light.tray.mixer.mixing.strips)[3:], ["Lamp 1", "Lamp 2"])
        for number in (0, 1):
            with mock.patch.object(QInputDialog, "getText", return_value=(" Oven ", True)):
                self.light.group_lamp(number)
        self.assertEqual(list(self.light.tray.mixer.mixing.strips)[3:], ["Oven"])
        self.strip("Oven").level.changed.emit(0.0, False)
        self.rest()
        dark = self.colours().astype(int)
        self.window.document.undo()
        self.rest()
        self.assertGreater(self.colours().astype(int).mean(), dark.mean() + 2.0)


class Pictures(LightTest):
    def test_layers_are_ticked_for_a_still_that_can_hold_them(self):
        def fill(dialog):
            dialog.kinds.buttons["still"].click()
            dialog.lights.buttons["draft"].click()
            dialog.file.setText(str(self.folder / "a.png"))
            self.assertFalse(dialog.layer_grid.isVisibleTo(dialog))
            dialog.file.setText(str(self.folder / "a.exr"))
            self.assertTrue(dialog.layer_grid.isVisibleTo(dialog))
            self.assertFalse(dialog.layers["orders"].isEnabled() or dialog.layers["shadow"].isEnabled())
            for box in dialog.layers.values():
                box.setChecked(False)
            self.assertIn("Tick", dialog.trouble.text())
            for name in ("beauty", "groups", "matte", "orders"):
                dialog.layers[name].setChecked(True)
            dialog.width_.set(64.0)
            dialog.height_.set(64.0)
            dialog.take_button.click()
        self.dialog(PictureDialog, fill)
        self.window.delivering.take_pictures()
        self.until(lambda: self.window.jobs.job is None)
        with OpenEXR.File(str(self.folder / "a.exr")) as file:
            self.assertEqual([part.name() for part in file.parts], [
                "beauty", "light_sun", "light_sky", "light_below", "light_glow", "matte"])

    def test_a_still_and_a_turntable(self):
        for kind, name in (("still", "a.exr"), ("turntable", "turn.webp"), ("sheet", "s.png")):
            def fill(dialog, kind=kind, name=name):
                dialog.kinds.buttons[kind].click()
                dialog.file.setText(str(self.folder / "nowhere" / name))
                self.assertFalse(dialog.take_button.isEnabled())
                dialog.file.setText(str(self.folder / name))
                dialog.width_.set(64.0)
                dialog.height_.set(64.0)
                dialog.frames.set(3.0)
                dialog.take_button.click()
            seen = self.dialog(PictureDialog, fill)
            self.window.delivering.take_pictures()
            self.until(lambda: self.window.jobs.job is None)
            self.assertTrue(seen and (self.folder / name).exists(), name)
            self.assertIn("Taken", self.window.status.said.text())

    def test_lamps_have_limits(self):
        lamps = (Lamp(),) * 64
        self.window.document.apply("lamps", lambda _: self.recipe.edited(light=self.recipe.light.edited(lamps=lamps)))
        self.light.add_lamp()
        self.assertEqual(len(self.recipe.light.lamps), 64)
        self.assertIn("at most 64", self.window.status.said.text())


if __name__ == "__main__":
    unittest.main()
