"""Lengths in the unit that the artist reads: typed, shown, and round on rails and rulers."""

import unittest

from PyQt6.QtCore import Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QInputDialog

from softmound.desk.fields import lengths
from softmound.desk.fields.axis import LogAxis
from softmound.desk.fields.controls import NumberField
from softmound.desk.view.overlays import nice_step
from softmound.desk.view.scale_bar import length_text
from tests.desk import DeskTest
from tests.scenes import ball_mound


class Words(unittest.TestCase):
    def setUp(self):
        self.addCleanup(lengths.show_in, "m")

    def test_what_is_typed(self):
        # By definition since 1959: a foot is 0.3048 m, an inch 2.54 cm.
        for text, metres in (("12", 12.0), ("3 ft", 0.9144), ("3'", 0.9144), ('10"', 0.254), ("120cm", 1.2), ("1,5 km", 1500.0),
                             ("-2", -2.0), ("2e3 m", 2000.0), (" .5 IN ", 0.0127)):
            self.assertAlmostEqual(lengths.metres_of(text), metres, places=9, msg=text)
        lengths.show_in("ft")
        self.assertAlmostEqual(lengths.metres_of("12"), 3.6576)
        self.assertAlmostEqual(lengths.metres_of("12 m"), 12.0)
        for text in ("", "m", "three", "3 yd", "1.2.3"):
            with self.assertRaises(ValueError, msg=text):
                lengths.metres_of(text)

    def test_what_is_shown_is_read_back(self):
        for name in lengths.UNITS:
            lengths.show_in(name)
            for metres in (0.025, 1.0, 340.0, 12_500.0):
                self.assertAlmostEqual(lengths.metres_of(lengths.length(metres, 8)) / metres, 1.0, places=6)

    def test_marks_are_round_in_the_unit(self):
        feet = [size / 0.3048 for size in LogAxis(1.0, 100.0, 0.0, 400.0).marks(0.3048)]
        for size, wanted in zip(feet, (5, 10, 20, 50, 100, 200)):
            self.assertAlmostEqual(size, wanted)
        lengths.show_in("ft")
        self.assertAlmostEqual(lengths.nice(31.0, nice_step) / 0.3048, nice_step(31.0 / 0.3048))
        self.assertEqual(length_text(30.48), "100 ft")
        lengths.show_in("m")
        self.assertEqual(length_text(2500.0), "2.5 km")
        self.assertEqual(lengths.sizes((1.0, 2.5, 30.0)), "1 × 2.5 × 30 m")


class OnTheDesk(DeskTest):
    def setUp(self):
        super().setUp()
        self.addCleanup(lengths.show_in, "m")
        self.window.document.open(ball_mound(12.0, 2.0))
        self.window.open_station("Mass")
        self.rest()

    def test_all_numbers_change_and_the_recipe_does_not(self):
        mound, melt = self.window.document.mound, self.window.stations["Mass"].settings.joining.controls["melt"]
        melt.changed.emit(3.048, False)
        rail = self.window.picture.rail.grab().toImage()

        def act(dialog):
            dialog.setTextValue("feet (ft)")
            dialog.accept()

        self.dialog(QInputDialog, act)
        self.window.actions_["unit"].trigger()
        self.assertEqual(melt.text(), "10 ft")
        self.assertEqual(self.window.document.mound.mass.melt, 3.048)
        self.assertNotEqual(self.window.picture.rail.grab().toImage(), rail)
        QTest.keyClick(melt, Qt.Key.Key_Return)
        editor = melt._editor
        self.assertEqual(editor.text(), "10")
        editor.setText("20")
        QTest.keyClick(editor, Qt.Key.Key_Return)
        self.assertAlmostEqual(self.window.document.mound.mass.melt, 6.096)
        QTest.keyClick(melt, Qt.Key.Key_Return)
        melt._editor.setText("2 m")
        QTest.keyClick(melt._editor, Qt.Key.Key_Return)
        self.assertEqual(self.window.document.mound.mass.melt, 2.0)
        self.window.open_station("Grain")
        self.rest()
        self.assertEqual(mound.voxels, self.window.document.mound.voxels)

    def test_other_numbers_stay_as_they_are(self):
        lengths.show_in("ft")
        for unit, value, text in (("°", 30.0, "30 °"), ("1/m", 0.1, "0.1 1/m"), ("", 2.0, "2"), ("m", 3.048, "10 ft")):
            field = NumberField("Number", 0.0, 100.0, 0.0, unit)
            field.set(value)
            self.assertEqual(field.text(), text)
            field.deleteLater()
