"""The Light station, driven in the window."""

import unittest

import numpy as np
from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QInputDialog

from softmound.core.recipe import Lamp
from softmound.desk.comparing import difference
from softmound.desk.picture_dialog import PictureDialog
from softmound.desk.sun_dialog import SunPlaceDialog

from .desk import DeskTest


class LightTest(DeskTest):
    def setUp(self):
        super().setUp()
        self.window.open_station(3)
        self.rest()
        self.light = self.window.light

    def colours(self):
        """The picture as an array of colours."""
        pixels = self.pixels()
        return pixels.reshape(len(pixels), -1, 4)[..., :3]

    @property
    def recipe(self):
        return self.window.document.mound


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
        self.click(settings.by_picture)
        self.assertLess(self.recipe.light.exposure, 3.0)
        self.rest()
        self.assertLess(settings.histogram._counts.argmax(), counts.argmax())

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
        self.click(self.light.settings.once, (8, 8))
        self.assertTrue(self.recipe.light.once)
        self.rest()
        self.assertLess(self.colours().mean(), soft.mean())
        self.window.document.undo()
        self.assertFalse(self.light.settings.once.isChecked())

    def test_the_frame_of_the_film(self):
        self.light.settings.aspect.changed.emit(2.0, False)
        box = self.window.picture.frame_box()
        self.assertAlmostEqual(box.width() / box.height(), 2.0, places=5)
        self.assertLessEqual(box.width(), self.window.picture.width() + 1e-6)
        self.light.settings.aspect.changed.emit(0.0, False)
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
        self.light.settings.lamp_fields["power"].changed.emit(123.0, False)
        self.light.settings.lamp_fields["y"].changed.emit(33.0, False)
        lamp = self.recipe.light.lamps[0]
        self.assertEqual((lamp.power, lamp.place[1]), (123e6, 33.0))
        self.light.duplicate_lamp(0)
        self.assertEqual(len(self.recipe.light.lamps), 2)
        self.light.edit_lamp(1, "switch", on=False)
        self.light.remove_lamp(0)
        self.assertFalse(self.recipe.light.lamps[0].on)
        while self.window.document.undo_words:
            self.window.document.undo()
        self.assertEqual(self.recipe.light, dark)
        self.rest()

    def test_only_the_page_that_changed_is_made_anew(self):
        self.click(self.light.tray.views.add)
        self.click(self.light.tray.lamps.add)
        views, lamps = list(self.light.tray.views.tiles), list(self.light.tray.lamps.tiles)
        self.light.settings.lamp_fields["power"].changed.emit(55.0, True)
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
        self.light.remove("views", 0)
        self.assertEqual(self.recipe.views, ())

    def test_a_snapshot_is_compared_and_gone_back_to(self):
        before, pixels = self.recipe, self.colours()
        self.key(Qt.Key.Key_K)
        self.assertEqual(len(self.recipe.snapshots), 1)
        np.testing.assert_array_equal(self.recipe.snapshots[0].picture["pixels"], pixels)
        self.light.edit_part("", "exposure", exposure=-4.0)
        self.rest()
        self.light.compare(0)
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

    def test_differences(self):
        one, other = np.full((2, 3, 3), 100, np.uint8), np.full((2, 3, 3), 90, np.uint8)
        self.assertTrue(np.all(difference(one, one) == 128))
        self.assertTrue(np.all(difference(one, other) == 168))


class TrueLight(LightTest):
    def test_it_comes_out_of_the_noise_and_is_left_for_the_hand(self):
        seen = []
        self.window.picture_shown.connect(lambda answer: seen.append((answer.passes, answer.noise)))
        self.key(Qt.Key.Key_T)
        self.until(lambda: len([n for _, n in seen if 0.0 < n < 10.0]) >= 3)
        self.assertIn("True light", self.window.time_label.text())
        noises = [n for _, n in seen if 0.0 < n < 10.0]
        self.assertLess(noises[-1], noises[0])
        # A sun that is dragged is seen at once, in Draft light.
        self.light.edit_part("sun", "sun", True, azimuth=10.0)
        self.until(lambda: self.window._shown == self.window._request)
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


class Pictures(LightTest):
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
            self.window.picturing.take_pictures()
            self.until(lambda: self.window.job is None)
            self.assertTrue(seen and (self.folder / name).exists(), name)
            self.assertIn("Taken", self.window.time_label.text())

    def test_lamps_have_limits(self):
        lamps = (Lamp(),) * 64
        self.window.document.edit(self.recipe.edited(light=self.recipe.light.edited(lamps=lamps)), "lamps")
        self.light.add_lamp()
        self.assertEqual(len(self.recipe.light.lamps), 64)
        self.assertIn("at most 64", self.window.time_label.text())


if __name__ == "__main__":
    unittest.main()
