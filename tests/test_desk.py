"""The window, driven by mouse and keys."""

import dataclasses
import json
import os
import pathlib
import subprocess
import sys
import threading
import time
import unittest
from unittest import mock

import numpy as np
from PyQt6.QtCore import QPoint, QPointF, Qt, QTimer
from PyQt6.QtGui import QWheelEvent
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QAbstractButton, QApplication, QFileDialog, QWidget

from softmound.core.directions import direction_of
from softmound.core.editing import forget_left_behind, left_behind
from softmound.core.editing.copies import recovery_folder
from softmound.core.engine.density import density_grid, span_of
from softmound.core.engine.fineness import finer_voxels
from softmound.core.light.scene.camera import camera_of
from softmound.core.mass.buds import grown
from softmound.core.recipe import Buds, Problem, read_mound, read_thumb, write_mound
from softmound.core.starts.looks_as import looks_as_large_as
from softmound.core.starts.species import STARTS, start
from softmound.desk.dialogs.keys_dialog import KeysDialog
from softmound.desk.dialogs.publish_dialog import PublishDialog
from softmound.desk.dialogs.wall_dialog import PICTURE, WallDialog
from softmound.desk.documents.recovery import offer_recovery
from softmound.desk.fields.axis import LogAxis
from softmound.desk.fields.controls import NumberField, linear_colour, screen_colour
from softmound.desk.fields.figures import count, figure, memory, seconds
from softmound.desk.fields.settings_panel import SettingsPanel
from softmound.desk.shell.command import Command
from softmound.desk.shell.commands import help_rows, table
from softmound.desk.shell.remembered import recent
from softmound.desk.shell.strip import COMPUTING, FRESH, OLD
from softmound.desk.stations.registry import STATIONS
from softmound.desk.stations.station import Station
from softmound.desk.view.overlays import nice_step
from tests.desk import LEFT, PASSES, RIGHT, SHIFT, DeskTest, application
from tests.scenes import lumpy_mound

ROOT = pathlib.Path(__file__).parent.parent
CTRL = Qt.KeyboardModifier.ControlModifier


class Blobs(DeskTest):
    def pixel_of(self, number):
        camera = self.window.picture.camera()
        return camera.pixel(self.window.document.mound.mass.forms[number].centre)[:2]

    def test_add_drag_undo_save_reopen(self):
        window = self.window
        self.rest()
        before = self.pixels()
        self.choose_from(window.stations["Mass"].tray.add, "Blob")
        self.assertEqual(len(window.document.mound.mass.forms), 4)
        self.assertEqual(window.stations["Mass"].chosen, 3)
        self.rest()
        added = self.pixels()
        self.assertGreater(np.mean(added != before), 0.01)

        at = self.pixel_of(3)
        start = window.document.mound.mass.forms[3].centre
        self.drag(window.picture, at, (at[0] + 60, at[1] - 20))
        moved = window.document.mound.mass.forms[3].centre
        self.assertNotEqual(moved, start)
        # The blob is where the hand let go.
        np.testing.assert_allclose(self.pixel_of(3), (at[0] + 60, at[1] - 20), atol=1.0)
        self.rest()
        self.assertGreater(np.mean(self.pixels() != added), 0.01)

        self.key(Qt.Key.Key_Z, CTRL)
        self.assertEqual(window.document.mound.mass.forms[3].centre, start)
        self.rest()
        np.testing.assert_array_equal(self.pixels(), added)
        self.key(Qt.Key.Key_Y, CTRL)
        self.assertEqual(window.document.mound.mass.forms[3].centre, moved)
        self.rest()
        self.assertTrue(window.files.save())
        self.assertFalse(window.document.dirty)
        saved = window.document.mound
        self.assertEqual(read_mound(self.path), saved)
        self.assertEqual(read_thumb(self.path)[:8], b"\x89PNG\r\n\x1a\n")
        shown = self.pixels()
        self.close(window)
        self.window = self.open_window()
        self.assertEqual(self.window.document.mound.mass, saved.mass)
        self.window.document.look(saved.view)
        self.rest()
        np.testing.assert_array_equal(self.pixels(), shown)

    def test_a_drag_is_one_step_of_history(self):
        at = self.pixel_of(0)
        depth = len(self.window.document.history._undo)
        self.drag(self.window.picture, at, (at[0] + 80, at[1]), steps=15)
        self.assertEqual(len(self.window.document.history._undo), depth + 1)
        self.assertEqual(self.window.document.undo_label, "move form")

    def test_escape_puts_a_held_blob_back(self):
        at = self.pixel_of(0)
        before = self.window.document.mound
        self.drag(self.window.picture, at, (at[0] + 80, at[1]), let_go=False)
        self.assertNotEqual(self.window.document.mound.mass, before.mass)
        self.window.escape()
        self.assertEqual(self.window.document.mound.mass, before.mass)
        self.assertIsNone(self.window.document.undo_label)

    def test_clicking_picks_the_blob_in_front_and_clicking_beside_lets_go(self):
        self.click(self.window.picture, self.pixel_of(2))
        self.assertEqual(self.window.stations["Mass"].chosen, 2)
        self.click(self.window.picture, (self.window.picture.width() - 200, 90))
        self.assertIsNone(self.window.stations["Mass"].chosen)

    def test_the_chosen_blob_is_held_even_behind_others(self):
        window, picture = self.window, self.window.picture
        window.stations["Mass"].choose(0)
        hidden = window.stations["Mass"].form().edited(centre=(8.0, 16.0, -14.0), radii=(4.0, 4.0, 4.0))
        window.stations["Mass"].replace(lambda _: hidden, "hide")
        at = self.pixel_of(0)
        self.drag(picture, at, (at[0] + 30, at[1]))
        self.assertEqual(window.stations["Mass"].chosen, 0)
        self.assertNotEqual(window.stations["Mass"].form().centre, hidden.centre)
        # A click without a move picks what is in front.
        self.click(picture, self.pixel_of(0))
        self.assertEqual(window.stations["Mass"].chosen, 1)

    def test_a_handle_sizes_the_blob(self):
        self.window.stations["Mass"].choose(2)
        camera = self.window.picture.camera()
        blob = self.window.stations["Mass"].form()
        hand = self.window.stations["Mass"].hand
        right = hand.handles(camera)["right"]
        middle = self.pixel_of(2)
        double = (middle[0] + 2 * (right.x() - middle[0]), middle[1] + 2 * (right.y() - middle[1]))
        self.drag(self.window.picture, (right.x(), right.y()), double)
        np.testing.assert_allclose(self.window.stations["Mass"].form().radii, np.array(blob.radii) * 2.0, rtol=0.03)

    def test_double_click_adds_under_the_pointer(self):
        at = QPoint(*map(round, self.pixel_of(1)))
        QTest.mouseDClick(self.window.picture, LEFT, pos=at)
        self.assertEqual(len(self.window.document.mound.mass.forms), 4)
        np.testing.assert_allclose(self.pixel_of(3), (at.x(), at.y()), atol=1.5)

    def test_keys_add_duplicate_and_remove(self):
        self.key(Qt.Key.Key_B)
        self.assertEqual(len(self.window.document.mound.mass.forms), 4)
        self.key(Qt.Key.Key_D, CTRL)
        self.assertEqual(self.window.stations["Mass"].form().name, "Blob 4 copy")
        self.key(Qt.Key.Key_Delete)
        self.key(Qt.Key.Key_Delete)
        self.assertEqual([b.name for b in self.window.document.mound.mass.forms],
                         ["Left", "Right", "Top", "Blob 4"])

    def test_numbers_in_the_settings(self):
        self.window.stations["Mass"].choose(1)
        field = self.window.stations["Mass"].settings.kinds["blob"].controls["radii"][1]
        self.assertEqual(field.value, 12.0)
        field.setFocus()
        field.type()
        QTest.keyClicks(field._editor, "5.25")
        self.key(Qt.Key.Key_Return, widget=field._editor)
        self.assertEqual(self.window.document.mound.mass.forms[1].radii, (9.0, 5.25, 7.0))

    def test_a_digit_is_typed_into_a_field_and_opens_no_station(self):
        self.window.stations["Mass"].choose(1)
        field = self.window.stations["Mass"].settings.kinds["blob"].controls["radii"][0]
        field.setFocus()
        self.key(Qt.Key.Key_3, widget=field)
        self.assertIs(self.window.station, self.window.stations["Mass"])
        QTest.keyClicks(field._editor, ".5")
        self.key(Qt.Key.Key_Return, widget=field._editor)
        self.assertEqual(self.window.stations["Mass"].form().radii[0], 3.5)
        field.setFocus()
        self.key(Qt.Key.Key_Delete, widget=field)
        self.assertEqual(len(self.window.document.mound.mass.forms), 3)
        self.assertEqual(self.window.stations["Mass"].form().radii[0], field.reset_value)

    def test_roles_hiding_order_and_own_melt(self):
        window, settings = self.window, self.window.stations["Mass"].settings
        self.rest()
        whole = self.pixels()
        window.stations["Mass"].choose(2)
        self.application.processEvents()  # rows find their places before a hand could click
        self.click(settings.roles["carves"])
        self.assertEqual(window.stations["Mass"].form().role, "carves")
        self.rest()
        carved = self.pixels()
        self.assertGreater(np.mean(carved != whole), 0.01)
        settings.hidden.click()
        self.assertTrue(window.stations["Mass"].form().hidden)
        settings.hidden.click()
        self.click(settings.earlier)
        self.assertEqual([b.name for b in window.document.mound.mass.forms], ["Left", "Top", "Right"])
        self.assertEqual(window.stations["Mass"].chosen, 1)
        self.click(settings.later)
        settings.own.click()
        self.assertEqual(window.stations["Mass"].form().melt, 2.5)
        settings.own_melt.changed.emit(6.0, False)
        self.assertEqual(window.stations["Mass"].form().melt, 6.0)
        settings.own.click()
        self.assertIsNone(window.stations["Mass"].form().melt)
        # What carves cannot be clicked, but being chosen it can be dragged.
        at = self.pixel_of(2)
        before = window.stations["Mass"].form().centre
        self.drag(window.picture, at, (at[0] + 25, at[1]))
        self.assertEqual(window.stations["Mass"].chosen, 2)
        self.assertNotEqual(window.stations["Mass"].form().centre, before)
        while window.document.undo_label:
            window.document.undo()
        self.assertEqual(window.document.mound.mass, self.mound.mass)

    def test_buds_are_grown_changed_and_held_within_reason(self):
        window, settings = self.window, self.window.stations["Mass"].settings
        self.rest()
        plain = self.pixels()
        window.stations["Mass"].choose(1)
        settings.has["buds"].click()
        self.assertEqual(window.stations["Mass"].form().buds, Buds())
        self.assertTrue(settings.parts["buds"].controls["count"].isVisibleTo(settings))
        self.rest()
        self.assertGreater(np.mean(self.pixels() != plain), 0.01)
        settings.parts["buds"].controls["count"].changed.emit(40.0, False)
        settings.parts["buds"].controls["generations"].changed.emit(2.0, False)
        self.assertEqual(window.stations["Mass"].form().buds.generations, 2)
        settings.parts["buds"].controls["generations"].changed.emit(4.0, False)
        self.assertEqual(window.stations["Mass"].form().buds.generations, 2)
        self.assertEqual(settings.parts["buds"].controls["generations"].value, 2.0)
        self.assertIn("buds", window.status.said.text())
        # So is a copy that would make them too many.
        full = window.stations["Mass"].form().edited(buds=Buds(generations=3, count=26))
        window.stations["Mass"].replace(lambda _: full, "buds")
        window.status.said.setText("")
        window.stations["Mass"].duplicate()
        self.assertEqual(len(window.document.mound.mass.forms), 3)
        self.assertIn("take a generation", window.status.said.text())
        window.document.undo()
        # A click on a bud chooses its blob.
        window.stations["Mass"].choose(None)
        bud = max(grown(window.document.mound.mass.forms[1]), key=lambda b: b.centre[0])
        x, y, _ = window.picture.camera().pixel(bud.centre)
        self.click(window.picture, (x, y))
        self.assertEqual(window.stations["Mass"].chosen, 1)
        settings.has["buds"].click()
        self.assertIsNone(window.stations["Mass"].form().buds)

    def test_renaming(self):
        self.window.stations["Mass"].choose(0)
        name = self.window.stations["Mass"].settings.name
        name.setText("Heel")
        name.editingFinished.emit()
        self.assertEqual(self.window.document.mound.mass.forms[0].name, "Heel")

    def test_the_tray_shows_and_chooses(self):
        tray = self.window.stations["Mass"].tray
        self.assertEqual(tray.model.rowCount(), 3)
        self.click(tray.list.viewport(), (tray.list.visualRect(tray.model.index(1)).center().x(), 40))
        self.assertEqual(self.window.stations["Mass"].chosen, 1)

    def test_the_base_level_by_its_handle(self):
        rail = self.window.picture.rail
        row = rail.handle_row()
        wanted = rail.altitude_pixel(14.0) - rail.y()
        self.drag(rail, (rail.width() - 6, row), (rail.width() - 6, wanted))
        self.assertAlmostEqual(self.window.document.mound.mass.base.altitude, 14.0, delta=0.3)
        self.key(Qt.Key.Key_Z, CTRL)
        self.assertEqual(self.window.document.mound.mass.base.altitude, 8.0)
        self.key(Qt.Key.Key_Up, widget=rail)
        self.assertGreater(self.window.document.mound.mass.base.altitude, 8.0)

    def test_the_top_level_by_its_switch_and_handle(self):
        window, rail = self.window, self.window.picture.rail
        self.assertIsNone(rail.handle_row("top"))
        window.stations["Mass"].settings.switches["top"].click()
        window.stations["Mass"].settings.levels["top"].controls["altitude"].changed.emit(26.0, False)
        self.assertTrue(window.document.mound.mass.top.on)
        wanted = rail.altitude_pixel(20.0) - rail.y()
        self.drag(rail, (rail.width() - 6, rail.handle_row("top")), (rail.width() - 6, wanted))
        self.assertAlmostEqual(window.document.mound.mass.top.altitude, 20.0, delta=0.3)
        self.assertEqual(window.document.mound.mass.base.altitude, 8.0)
        self.rest()
        high = self.shown[-1].grid.active_bounds()[1][1] * 0.9
        self.assertLess(high, 24.0)
        # The keys move the level touched last.
        self.key(Qt.Key.Key_Down, widget=rail)
        self.assertLess(window.document.mound.mass.top.altitude, 20.0)
        self.assertEqual(window.document.mound.mass.base.altitude, 8.0)

    def test_an_empty_station_says_what_to_do(self):
        for _ in range(3):
            self.window.stations["Mass"].choose(0)
            self.window.stations["Mass"].remove()
        self.assertIn("blob", self.window.picture.note)
        self.rest()
        self.assertEqual(self.window.status.facts.text(), "no voxels")
        self.key(Qt.Key.Key_B)
        self.assertEqual(self.window.picture.note, "")


class Views(DeskTest):
    def test_right_drag_turns_and_shift_slides(self):
        picture = self.window.picture
        before = self.window.document.mound.view
        self.drag(picture, (300, 200), (360, 220), RIGHT)
        turned = self.window.document.mound.view
        self.assertNotEqual(turned.azimuth, before.azimuth)
        self.assertEqual(turned.target, before.target)
        self.drag(picture, (300, 200), (360, 220), RIGHT, modifiers=SHIFT)
        slid = self.window.document.mound.view
        self.assertEqual(slid.azimuth, turned.azimuth)
        self.assertNotEqual(slid.target, turned.target)

    def test_the_wheel_approaches(self):
        before = self.window.document.mound.view.distance
        at = QPointF(300, 200)
        QApplication.sendEvent(self.window.picture, QWheelEvent(
            at, at, QPoint(), QPoint(0, 240), Qt.MouseButton.NoButton, Qt.KeyboardModifier.NoModifier,
            Qt.ScrollPhase.NoScrollPhase, False))
        self.assertLess(self.window.document.mound.view.distance, before)

    def test_looking_is_no_step_of_history_and_survives_undo(self):
        self.window.stations["Mass"].edit_mass("melt", melt=5.0)
        self.drag(self.window.picture, (300, 200), (400, 200), RIGHT)
        view = self.window.document.mound.view
        self.key(Qt.Key.Key_Z, CTRL)
        self.assertEqual(self.window.document.mound.mass.melt, 2.5)
        self.assertEqual(self.window.document.mound.view, view)

    def test_keys_turn_slide_and_approach(self):
        picture = self.window.picture
        view = self.window.document.mound.view
        self.key(Qt.Key.Key_Left, widget=picture)
        self.assertNotEqual(self.window.document.mound.view.azimuth, view.azimuth)
        self.key(Qt.Key.Key_Right, widget=picture)
        self.assertAlmostEqual(self.window.document.mound.view.azimuth, view.azimuth)
        self.key(Qt.Key.Key_Up, SHIFT, widget=picture)
        self.assertGreater(view.target[1], self.window.document.mound.view.target[1])
        self.key(Qt.Key.Key_Plus, widget=picture)
        self.assertLess(self.window.document.mound.view.distance, view.distance)

    def test_fit_brings_the_cloud_back(self):
        self.drag(self.window.picture, (300, 200), (900, 500), RIGHT, modifiers=SHIFT)
        self.key(Qt.Key.Key_0, CTRL)
        x, y, _ = self.window.picture.camera().pixel((0.0, 18.0, 0.0))
        self.assertTrue(200 < x < 700 and 100 < y < 450)

    def test_a_moving_view_is_coarse_and_rests_fine(self):
        self.rest()
        self.shown.clear()
        self.drag(self.window.picture, (300, 200), (380, 200), RIGHT)
        self.until(lambda: self.shown and self.shown[-1].ahead)
        self.assertEqual(self.shown[0].passes, 0)
        rows, columns = self.shown[0].pixels.shape[:2]
        width, height = self.window.picture.pixel_size()
        stride = self.shown[0].stride
        self.assertEqual((columns, rows), (-(-width // stride), -(-height // stride)))
        self.assertEqual(self.shown[-1].passes, PASSES)

    def test_clay_and_draft_light(self):
        self.rest()
        draft = self.pixels()
        self.key(Qt.Key.Key_C)
        self.rest()
        self.assertGreater(np.mean(self.pixels() != draft), 0.5)
        self.assertTrue(self.window.picture.ways.buttons["clay"].isChecked())
        self.key(Qt.Key.Key_D)
        self.rest()
        np.testing.assert_array_equal(self.pixels(), draft)

    def test_space_shows_the_bare_picture(self):
        picture = self.window.picture
        QTest.keyPress(picture, Qt.Key.Key_Space)
        self.assertFalse(picture.rail.isVisible() or picture.ways.isVisible())
        QTest.keyRelease(picture, Qt.Key.Key_Space)
        self.assertTrue(picture.rail.isVisible() and picture.ways.isVisible())

    def test_late_and_foreign_answers_are_dropped(self):
        self.rest()
        newest = self.shown[-1]
        shown = self.pixels()
        other = np.zeros_like(newest.pixels)
        late = dataclasses.replace(newest.request, number=newest.request.number - 5)
        self.window.looking._answered(dataclasses.replace(newest, request=late, pixels=other))
        sized = dataclasses.replace(newest.request, height=newest.request.height - 3)
        self.window.looking._answered(dataclasses.replace(newest, request=sized, pixels=other[:-3]))
        np.testing.assert_array_equal(self.pixels(), shown)

    def test_resizing_asks_for_a_picture_of_that_size(self):
        self.window.resize(1400, 900)
        self.rest()
        self.assertEqual((self.window.picture.image.width(), self.window.picture.image.height()),
                         self.window.picture.pixel_size())

    def test_states_on_the_strip(self):
        self.until(lambda: self.window.strip.tiles["Mass"].state == FRESH)
        self.assertEqual(self.window.strip.tiles["Library"].state, OLD)
        self.window.looking.painter.reduces = True
        self.window.stations["Mass"].edit_mass("melt", melt=4.0)
        self.assertEqual(self.window.strip.tiles["Mass"].state, COMPUTING)
        made = [self.window.strip.tiles[name] for name, station in self.window.stations.items() if station.miniature]
        self.until(lambda: all(t.state == FRESH for t in made))
        self.assertTrue(all(t.image is not None for t in made))


class Panels(DeskTest):
    def test_sections_fold_and_are_remembered(self):
        self.window.open_station("Light")
        panel = self.window.stations["Light"].settings
        head, extinction = panel._heads["Medium"], panel.fields["medium", "albedo"]
        self.assertTrue(extinction.isVisibleTo(panel))
        head.setFocus()
        self.key(Qt.Key.Key_Return, widget=head)
        self.assertFalse(extinction.isVisibleTo(panel))
        # The next window finds it as it was left.
        self.close(self.window)
        panel = self.open_window().stations["Light"].settings
        self.assertFalse(panel._heads["Medium"].isChecked())
        self.assertTrue(panel._heads["Sky"].isChecked())
        panel._heads["Medium"].click()
        self.assertTrue(panel.fields["medium", "albedo"].isVisibleTo(panel))

    def test_a_number_is_found_by_its_name_also_in_a_folded_section(self):
        self.window.open_station("Light")
        panel = self.window.stations["Light"].settings
        panel._heads["Medium"].click()
        self.key(Qt.Key.Key_F, Qt.KeyboardModifier.ControlModifier, widget=self.window)
        self.assertTrue(panel.find.hasFocus())
        panel.find.setText("alb")
        self.application.processEvents()
        albedo = panel.fields["medium", "albedo"]
        self.assertTrue(panel._heads["Medium"].isChecked())
        self.assertIn("Albedo: 1 of 1", panel._found_words.text())
        top = albedo.mapTo(panel.viewport(), albedo.rect().topLeft()).y()
        self.assertTrue(0 <= top < panel.viewport().height())
        self.assertTrue(panel._mark.isVisibleTo(panel))
        panel.find.setText("sun")
        first = panel._found_words.text()
        self.key(Qt.Key.Key_Return, widget=panel.find)
        self.assertNotEqual(panel._found_words.text(), first)
        panel.find.setText("nothing of that name")
        self.assertIn("Nothing here", panel._found_words.text())
        self.key(Qt.Key.Key_Escape, widget=panel.find)
        self.assertEqual(panel.find.text(), "")

    def test_what_matters_most_comes_first(self):
        self.window.open_station("Light")
        panel = self.window.stations["Light"].settings
        names = [name for name, _ in panel.named_controls()]
        first = ["Sun's azimuth", "Exposure", "Extinction"]
        self.assertEqual([n for n in names if n in first], first)
        self.assertLess(names.index("Extinction"), 7)


class Stations(DeskTest):
    def test_number_keys_open_stations(self):
        for number, (name, station) in enumerate(self.window.stations.items()):
            self.key(Qt.Key(Qt.Key.Key_1.value + number))
            self.assertIs(self.window.station, station)
            self.assertTrue(station.tray.isVisible() and station.settings.isVisible())
            self.assertTrue(self.window.strip.tiles[name].isChecked())
            self.assertEqual(self.window.picture.dome.isVisible(), station.dome and not station.covered)

    def test_everything_that_takes_the_keyboard_has_a_name(self):
        for name in self.window.stations:
            self.window.open_station(name)
            for widget in self.window.findChildren(QWidget):
                if not widget.isVisible() or widget.focusPolicy() == Qt.FocusPolicy.NoFocus:
                    continue
                if widget.metaObject().className() in ("QScrollArea", "SettingsPanel", "QWidget"):
                    continue
                text = widget.text() if isinstance(widget, QAbstractButton) else ""
                self.assertTrue(widget.accessibleName() or text, f"{widget} in {name}")

    def test_grain_on_the_ruler(self):
        self.window.open_station("Grain")
        ruler = self.window.stations["Grain"].tray.ruler
        grain = self.window.document.mound.grains[0]
        top = ruler.top_of(grain)
        self.drag(ruler, (top.x(), top.y() + 4), (top.x() + 60, top.y() - 16))
        after = self.window.document.mound.grains[0]
        self.assertGreater(after.feature, grain.feature * 1.05)
        self.assertGreater(after.strength, grain.strength * 1.05)
        # The hill went where the hand did.
        moved = ruler.top_of(after)
        self.assertAlmostEqual(moved.x() - top.x(), 60.0, delta=3.0)
        self.key(Qt.Key.Key_Z, CTRL)
        self.assertEqual(self.window.document.mound.grains[0], grain)
        self.key(Qt.Key.Key_Right, widget=ruler)
        self.assertGreater(self.window.document.mound.grains[0].feature, grain.feature)

    def test_add_and_remove_grains(self):
        self.key(Qt.Key.Key_G)
        grains = self.window.document.mound.grains
        self.assertEqual(len(grains), 3)
        self.assertLess(grains[2].feature, grains[1].feature)
        self.assertIs(self.window.station, self.window.stations["Grain"])
        self.key(Qt.Key.Key_Delete)
        self.assertEqual(len(self.window.document.mound.grains), 2)
        for _ in range(2):
            self.click(self.window.stations["Grain"].tray.drop)
        self.assertEqual(self.window.document.mound.grains, ())
        self.assertIn("Add grain", self.window.picture.note)
        self.assertFalse(self.window.stations["Grain"].settings.on.isEnabled())
        self.click(self.window.stations["Grain"].tray.add)
        self.assertEqual(len(self.window.document.mound.grains), 1)

    def test_grain_settings_change_the_picture(self):
        self.window.open_station("Grain")
        self.rest()
        before = self.pixels()
        settings = self.window.stations["Grain"].settings
        settings.noise.controls["summed"].activated.emit(0)
        self.assertEqual(self.window.document.mound.grains[0].summed, "fbm")
        self.rest()
        self.assertGreater(np.mean(self.pixels() != before), 0.01)
        for field, value in (("octaves", 5), ("seed", 77), ("gain", 0.7), ("weaker_below", 0.4)):
            fields = settings.acts["push"] if field == "weaker_below" else settings.noise
            fields.controls[field].changed.emit(float(value), False)
            self.assertEqual(getattr(self.window.document.mound.grains[0], field), value)

    def test_the_sun_follows_the_hand_on_the_dome(self):
        self.window.open_station("Light")
        dome = self.window.picture.dome
        middle = dome.SIDE / 2
        at = dome.sun_point()
        # Half way from overhead to the horizon, straight ahead of the camera.
        self.drag(dome, (at.x(), at.y()), (middle, middle - dome._radius() / 2))
        sun, view = self.window.document.mound.light.sun, self.window.document.mound.view
        self.assertAlmostEqual(sun.elevation, 45.0, delta=0.2)
        toward = direction_of(sun.azimuth, 0.0)
        ahead = -direction_of(view.azimuth, 0.0)
        self.assertGreater(float(toward @ ahead), 0.999)
        np.testing.assert_allclose((dome.sun_point().x(), dome.sun_point().y()),
                                   (middle, middle - dome._radius() / 2), atol=0.6)
        self.key(Qt.Key.Key_Down, widget=dome)
        self.assertAlmostEqual(self.window.document.mound.light.sun.elevation, 42.0, delta=0.2)

    def test_exposure_and_situations(self):
        self.window.open_station("Light")
        self.rest()
        before = self.pixels().astype(int)
        field = self.window.stations["Light"].settings.fields["", "exposure"]
        field.changed.emit(1.5, False)
        self.rest()
        self.assertGreater(self.pixels().astype(int).mean(), before.mean() + 5)
        self.click(self.window.stations["Light"].tray.situations.tiles["Low, behind"])
        self.assertEqual(self.window.document.mound.light.sun.elevation, 13.0)
        self.assertEqual(self.window.document.undo_label, "light: low, behind")

    def test_draft_and_final_voxel(self):
        self.window.open_station("Voxels")
        self.until(lambda: self.window.stations["Voxels"].ahead is not None)
        settings = self.window.stations["Voxels"].settings
        self.assertIn("active", settings.facts.text())
        self.click(settings.auto, (10, settings.auto.height() / 2))
        self.assertIsNone(self.window.document.mound.voxels.draft)
        line = self.window.stations["Voxels"].tray
        wanted = 0.5
        self.drag(line, (line.axis.x_of(0.8), 100), (line.axis.x_of(wanted), 100))
        self.assertAlmostEqual(self.window.document.mound.voxels.final, wanted, delta=0.02)
        self.key(Qt.Key.Key_Left, widget=line)
        self.assertAlmostEqual(self.window.document.mound.voxels.final, 0.55, delta=0.02)
        settings.skin.upper.controls["thickness"].changed.emit(0.2, False)
        self.assertEqual(self.window.document.mound.skin.thickness, 0.2)
        self.assertIn("thinner than the final voxel", settings.skin.thin.text())


class Oven(Station):
    """A station nobody has: what a new folder has to bring."""

    name = "Oven"
    commands = (Command("bake", "Bake", "Alt+B", lambda s: s.bake(), opens=True, menu=True),)
    gestures = (("Knock twice", "Open the door"),)
    tools, tool = (("peel", "Peel", "Take it out."),), "peel"

    def __init__(self, window):
        super().__init__(window)
        self.baked = self.mounds = 0
        self.tray, self.settings = QWidget(), SettingsPanel("Oven", "warm")

    def bake(self):
        self.baked += 1

    def show_mound(self, mound):
        self.mounds += 1

    def show_tile(self, tile):
        tile.show_state("fresh")

    def note(self, mound):
        return "Let it rise first."


class Sharpening(DeskTest):
    ratio = 0.35  # fine enough for the final voxel to be worth it
    sharpens = True

    def test_the_picture_sharpens_while_the_hand_rests_and_gives_up_when_it_moves(self):
        window = self.window
        mound = window.document.mound.edited(voxels={"draft": 1.6, "final": 0.4})
        window.document.apply("voxels", lambda _: mound)
        number = window.looking.newest
        voxels = []
        window.looking.shown.connect(lambda answer: answer.request.number >= number and voxels.append(answer.grid.voxel))
        camera = window.picture.camera()
        wanted = finer_voxels(mound, camera, 1.6)
        self.assertGreater(len(wanted), 0)
        self.until(lambda: window.looking.painter.idle and voxels and voxels[-1] == wanted[-1])
        self.assertEqual(window.looking.newest, number)
        self.assertEqual(sorted(set(voxels), reverse=True), [1.6, *wanted])
        self.assertIn(figure(wanted[-1]), window.status.facts.text())
        # What is seen is what the finished grid looks like.
        grid = density_grid(mound, wanted[-1])
        self.assertEqual(window.looking.grid.active_voxels(), grid.active_voxels())
        np.testing.assert_array_equal(window.looking.grid.values, grid.values)
        # What makes the next edit of the draft quick is still there.
        memory = window.looking.painter.stages._memories.distance
        self.assertEqual(memory._about[0], 1.6)
        voxels.clear()
        window.document.apply("voxels", lambda _: mound.edited(grains=()), moving=True)
        window.document.let_go()
        self.until(lambda: voxels)
        self.assertEqual(voxels[0], 1.6)
        self.until(lambda: window.looking.painter.idle)

    def test_true_light_stands_on_voxels_as_fine_as_draft_light(self):
        window, traced = self.window, []
        mound = window.document.mound.edited(voxels={"draft": 1.6, "final": 0.7})
        window.document.apply("voxels", lambda _: mound)
        window.looking.shown.connect(lambda answer: answer.noise > 0.0 and traced.append(answer.grid.voxel))
        window.looking.look("true")
        self.until(lambda: traced)
        self.assertEqual(set(traced), {finer_voxels(mound, window.picture.camera(), 1.6)[-1]})
        window.looking.look("draft")
        self.until(lambda: window.looking.painter.idle)


class AnotherStation(DeskTest):
    kinds = (*STATIONS, Oven)

    def test_it_is_opened_by_its_key_shown_and_obeyed(self):
        window = self.window
        oven = window.stations["Oven"]
        self.assertEqual(window.strip.tiles["Oven"].state, "fresh")
        self.key(Qt.Key.Key_7)
        self.assertIs(window.station, oven)
        self.assertIs(window.trays.currentWidget(), oven.tray)
        self.assertIs(window.panels.currentWidget(), oven.settings)
        self.assertEqual(window.picture.note, "Let it rise first.")
        self.assertIsNotNone(window.picture.tools)
        shown = oven.mounds
        window.document.apply("name", lambda mound: mound.edited(name="Bun"))
        self.assertEqual(oven.mounds, shown + 1)
        self.key(Qt.Key.Key_1)
        bake = next(a for a in window.top_bar.menu.menu().actions() if a.text() == "Bake")
        bake.trigger()
        self.assertEqual(oven.baked, 1)
        self.assertIs(window.station, oven)
        rows = help_rows((*STATIONS, Oven))
        self.assertIn(("Stations", "7", "Open Oven"), rows)
        self.assertIn(("In Oven", "Alt + B", "Bake"), rows)
        self.assertIn(("In Oven", "Knock twice", "Open the door"), rows)


class Commands(DeskTest):
    def test_one_table_makes_menu_keys_and_help(self):
        commands = [command for command, _ in table()]
        names = [c.name for c in commands]
        keys = [c.keys for c in commands if c.keys] + [str(n + 1) for n in range(len(self.window.stations))]
        self.assertEqual(len(set(names)), len(names))
        self.assertEqual(len(set(keys)), len(keys), "two commands under one key")
        menu = [a.text() for a in self.window.top_bar.menu.menu().actions() if a.text() and not a.menu()]
        self.assertEqual([t.split(" ")[0] for t in menu], [c.words.split(" ")[0] for c in commands if c.menu])
        rows = help_rows()
        for command in commands:
            if command.keys:
                self.assertIn(command.words.rstrip("…"), [does for _, _, does in rows])
                self.assertEqual(self.window.actions_[command.name].shortcut().toString().lower().replace("esc", "escape").replace(
                    "del", "delete"), command.keys.lower())

    def test_the_help_of_keys_can_be_searched(self):
        seen = []

        def look(dialog):
            for text in ("", "swell", "shift sun", "nothing so called"):
                dialog.search.setText(text)
                seen.append([does.text() for _, rows in dialog._groups.values() for _, does in rows if not does.isHidden()])
            seen.append(dialog.none.isHidden())
            dialog.reject()

        self.dialog(KeysDialog, look)
        self.key(Qt.Key.Key_F1, Qt.KeyboardModifier.ControlModifier)
        self.assertGreater(len(seen[0]), 50)
        self.assertEqual(seen[1], ["Swell"])
        self.assertEqual(sorted(seen[2]), ["Look away from the sun", "Look toward the sun"])
        self.assertEqual((seen[3], seen[4]), ([], False))


class Queue(DeskTest):
    def test_pieces_of_work_wait_their_turn(self):
        jobs, done, gate = self.window.jobs, [], threading.Event()
        jobs.begin(lambda ticket: gate.wait(20), lambda _: done.append("first"))
        for name in ("second", "third"):
            jobs.begin(lambda ticket, n=name: n, done.append)
        self.assertEqual((jobs.busy, jobs.waiting), (True, 2))
        self.assertIn("waits its turn", self.window.status.said.text())
        self.assertTrue(self.window.status.job_bar.isVisible())
        gate.set()
        self.until(lambda: not jobs.busy)
        self.assertEqual(done, ["first", "second", "third"])
        self.assertFalse(self.window.status.job_bar.isVisible())

    def test_stopping_one_lets_the_next_begin(self):
        jobs, done = self.window.jobs, []

        def endless(ticket):
            while True:
                ticket.tick(0.5)

        jobs.begin(endless, done.append)
        jobs.begin(lambda ticket: "next", done.append)
        self.key(Qt.Key.Key_Escape)
        self.until(lambda: not jobs.busy)
        self.assertEqual(done, ["next"])

    def test_a_piece_that_fails_says_so_and_the_next_begins(self):
        def fails(ticket):
            raise Problem("The flour is out.")

        asked, done = self.answer("OK"), []
        self.window.jobs.begin(fails, done.append)
        self.window.jobs.begin(lambda ticket: "next", done.append)
        self.until(lambda: not self.window.jobs.busy)
        self.assertEqual((asked, done), (["The flour is out."], ["next"]))


class Building(DeskTest):
    def finer(self, voxel):
        mound = self.window.document.mound
        self.window.document.apply("final voxel", lambda _: mound.edited(voxels=mound.voxels.edited(final=voxel)))

    def test_build_final_and_look_at_it(self):
        self.rest()
        draft = self.pixels()
        self.finer(0.4)
        self.window.open_station("Voxels")
        self.click(self.window.stations["Voxels"].settings.build)
        self.until(lambda: self.window.jobs.job is None)
        grid = self.window.finished.of(self.window.document.mound)
        self.assertEqual(grid.voxel, 0.4)
        self.click(self.window.stations["Voxels"].settings.show_final)
        self.rest()
        self.assertIs(self.shown[-1].grid, grid)
        self.assertGreater(np.mean(self.pixels() != draft), 0.01)
        # An edit makes it out of date, and the draft is shown again.
        self.window.stations["Mass"].edit_mass("melt", melt=4.0)
        self.rest()
        self.assertIsNone(self.window.finished.of(self.window.document.mound))
        self.assertIsNot(self.shown[-1].grid, grid)
        self.assertFalse(self.window.stations["Voxels"].settings.show_final.isEnabled())

    def test_stop_ends_a_build_and_changes_nothing(self):
        self.finer(0.05)
        before = self.window.document.mound
        self.window.finished.build()
        self.until(lambda: self.window.status.job_bar.progress.value() > 0)
        self.assertTrue(self.window.status.job_bar.stop.isVisible())
        self.key(Qt.Key.Key_Escape)
        self.until(lambda: self.window.jobs.job is None, 10)
        self.assertIn("Stopped", self.window.status.said.text())
        self.assertIsNone(self.window.finished.of(self.window.document.mound))
        self.assertEqual(self.window.document.mound, before)

    def test_work_goes_on_during_a_build(self):
        self.finer(0.08)
        self.window.finished.build()
        self.window.stations["Mass"].edit_mass("melt", melt=4.0)
        self.until(lambda: self.shown[-1].request.mound.mass.melt == 4.0)
        self.window.jobs.stop()
        self.until(lambda: self.window.jobs.job is None)

    def test_closing_during_a_build(self):
        self.finer(0.05)
        self.window.finished.build()
        self.until(lambda: self.window.status.job_bar.progress.value() > 0)
        window = self.window
        job = window.jobs.job
        self.close(window)
        self.assertFalse(job._thread.is_alive())
        self.assertFalse(window.looking.painter._thread.is_alive())

    def test_a_build_that_does_not_fit_is_said_and_not_started(self):
        with mock.patch("softmound.core.engine.stages.memory_limit", return_value=30e6):
            self.finer(0.02)
            asked = self.answer("OK")
            self.window.finished.build()
            self.until(lambda: asked and self.window.jobs.job is None)
        self.assertIn("smallest voxel that fits", asked[0])

    def test_publish_and_see_it_on_the_shelf(self):
        self.rest()
        self.assertEqual(self.window.stations["Library"].cover.stack.currentIndex(), 1)
        self.dialog(PublishDialog, lambda dialog: dialog.accept())
        self.click(self.window.top_bar.publish)
        self.until(lambda: self.window.jobs.job is None)
        self.window.open_station("Library")
        self.assertEqual(len(self.window.stations["Library"].versions), 1)
        self.assertEqual(self.window.strip.tiles["Library"].state, FRESH)
        self.window.stations["Library"].wall.setCurrentIndex(self.window.stations["Library"].cards.index(0))
        text = self.window.stations["Library"].settings.facts.text()
        for word in ("Lumpy", "v001", "0.8 m", "active", "per metre"):
            self.assertIn(word, text)
        self.click(self.window.stations["Library"].settings.verify)
        self.assertIn("as published", self.window.status.said.text())
        (self.window.stations["Library"].chosen.folder / "thumb.png").write_bytes(b"x")
        self.click(self.window.stations["Library"].settings.verify)
        self.assertIn("thumb.png", self.window.status.said.text())
        with mock.patch("PyQt6.QtGui.QDesktopServices.openUrl") as opened:
            self.click(self.window.stations["Library"].settings.reveal)
        self.assertEqual(opened.call_args[0][0].toLocalFile(), str(self.window.stations["Library"].chosen.folder))
        self.window.stations["Mass"].edit_mass("melt", melt=4.0)
        self.assertEqual(self.window.strip.tiles["Library"].state, OLD)
        self.window.document.history.saved(self.window.document.path)
        self.click(self.window.stations["Library"].settings.open)
        self.assertEqual(self.window.document.mound.mass.melt, 2.5)

    def test_find_what_is_like_it_and_put_it_aside(self):
        library = self.window.stations["Library"]
        self.window.open_station("Library")
        panel, tray = library.settings, library.tray
        def fill(dialog):
            first = self.window.document.mound.name == "Lumpy"
            dialog.about.lines["tags"].setText("hero, far off,hero" if first else "")
            dialog.about.lines["note"].setText("Softer <base>")
            if first:
                self.click(dialog.tiers[1])
                # One file at least is wanted.
                self.assertFalse(dialog.publish.isEnabled())
                self.click(dialog.tiers[1])
                self.click(dialog.tiers[4])
            dialog.accept()

        for name in ("Lumpy", "Other"):
            self.window.document.apply("name", lambda mound, n=name: mound.edited(name=n))
            self.dialog(PublishDialog, fill)
            self.click(panel.publish)
            self.until(lambda: self.window.jobs.job is None)
        self.assertEqual([v.facts["name"] for v in library.found], ["Other", "Lumpy"])
        lumpy = library.versions[1]
        self.assertEqual((sorted(lumpy.tiers), lumpy.facts["tags"]), ([1, 4], ["hero", "far off"]))
        tray.find.setText("her")
        self.assertEqual(([v.folder for v in library.found], tray.count.text()), ([lumpy.folder], "1 of 2 versions"))
        library.wall.setCurrentIndex(library.cards.index(0))
        self.assertIn("Softer &lt;base&gt;", panel.facts.text())
        tray.find.setText("zzz")
        self.assertEqual((list(library.found), tray.count.text()), ([], "nothing is found"))
        tray.find.clear()
        self.assertEqual(library.chosen, lumpy)
        # Sorted by name, then by likeness to the chosen one.
        tray.order.setCurrentIndex(tray.order.findData("name"))
        self.assertEqual([v.facts["name"] for v in library.found], ["Lumpy", "Other"])
        tray.order.setCurrentIndex(tray.order.findData("newest"))
        self.click(tray.like)
        self.assertEqual((library.found[0], tray.like.text(), tray.count.text()), (lumpy, "Show all again", "like Lumpy"))
        self.click(tray.like)
        self.assertEqual(len(library.found), 2)
        self.assertEqual(library.chosen.folder, lumpy.folder)
        panel.retire.trigger()
        self.assertEqual([v.facts["name"] for v in library.versions], ["Other"])
        self.assertIsNone(library.chosen)
        self.assertFalse(panel.more.isEnabled() or tray.like.isEnabled())
        self.assertTrue((library.folder / ".retired" / "lumpy" / "v001" / "asset.json").exists())

    def test_all_that_is_on_the_shelf_in_one_light(self):
        library = self.window.stations["Library"]
        self.window.open_station("Library")
        self.window.delivering.publish()
        self.until(lambda: self.window.jobs.job is None)
        version = library.versions[0]
        self.until(lambda: library.image_of(version) is not None
                   and (library.image_of(version).width(), library.image_of(version).height()) == library.pictures.size)
        own = library.image_of(version)
        self.click(library.tray.lit)
        self.until(lambda: version.folder in library.one_light.images)
        first = library.image_of(version)
        self.assertEqual(((first.width(), first.height()), first == own), (library.pictures.size, False))
        # Another sun, and the picture follows once it rests.
        light = self.window.document.mound.light
        turned = light.edited(sun=light.sun.edited(azimuth=light.sun.azimuth - 140.0, elevation=8.0))
        self.window.document.apply("turn sun", lambda mound: mound.edited(light=turned))
        self.until(lambda: library.image_of(version) != first)
        self.click(library.tray.lit)
        self.assertEqual((library.one_light.images, library.image_of(version) == own), ({}, True))

    def test_a_library_that_cannot_be_written_is_said(self):
        blocked = self.folder / "file"
        blocked.write_text("in the way")
        self.window.delivering.library = blocked / "library"
        asked = self.answer("OK")
        self.window.delivering.publish()
        self.until(lambda: bool(asked) and self.window.jobs.job is None)
        self.assertIn("could not be published to", asked[0])


class Files(DeskTest):
    def test_new_open_save_as_and_recent(self):
        other = self.folder / "Brioche.mound"
        with mock.patch.object(QFileDialog, "getSaveFileName", return_value=(str(other.with_suffix("")), "")):
            self.assertTrue(self.window.files.save_as())
        self.assertEqual(read_mound(other).name, "Brioche")
        self.assertEqual(self.window.top_bar.name.text(), "Brioche")
        self.window.files.new()
        self.assertIsNone(self.window.document.path)
        self.assertEqual(self.window.document.mound.name, "Untitled")
        with mock.patch.object(QFileDialog, "getOpenFileName", return_value=(str(other), "")):
            self.window.files.ask_and_open()
        self.assertEqual(self.window.document.path, other)
        self.assertEqual([p.name for p in recent()[:2]], ["Brioche.mound", "lumpy.mound"])
        self.window.recent_menu.aboutToShow.emit()
        self.assertEqual(self.window.recent_menu.actions()[0].text(), str(other.resolve()))

    def test_new_from_a_start(self):
        action = next(a for a in self.window.starts_menu.actions() if a.text() == "Incus")
        action.trigger()
        self.assertEqual(self.window.document.mound, start("incus", "Untitled").edited(
            view=self.window.document.mound.view))
        self.rest()

    def wall(self, act):
        """Open the wall of starts, and let `act` have it."""
        def met():
            dialog = QApplication.activeModalWidget()
            self.assertIsInstance(dialog, WallDialog)
            act(dialog)

        QTimer.singleShot(50, met)
        self.window.actions_["new"].trigger()

    def test_the_wall_shows_live_starts_and_takes_one(self):
        seen = {}

        def act(wall):
            self.until(lambda: wall.said.text() == "")
            icons = [wall.list.item(row).icon().pixmap(*PICTURE).toImage() for row in range(wall.list.count())]
            seen["colours"] = [len({image.pixel(x, image.height() // 2) for x in range(0, image.width(), 4)}) for image in icons]
            wall.list.setCurrentRow(list(STARTS).index("congestus"))
            seen["height"] = wall.fields["height"].value
            wall.fields["lean"].changed.emit(0.6, False)
            self.key(Qt.Key.Key_R, widget=wall)
            self.until(lambda: wall.list.item(0).icon().pixmap(*PICTURE).toImage() != icons[0])
            wall.fields["looks"].changed.emit(4_000.0, False)
            wall.span.set(150.0)
            seen["made"] = wall.made("congestus")
            self.click(wall.take)

        self.wall(act)
        self.assertGreater(min(seen["colours"]), 3)
        self.assertEqual(seen["height"], STARTS["congestus"].wish.height)
        mound = self.window.document.mound
        self.assertEqual(mound.edited(view=seen["made"].view), seen["made"])
        self.assertAlmostEqual(looks_as_large_as(mound.light.medium.extinction, 150.0), 4_000.0, delta=1.0)
        self.assertNotEqual(mound.mass, start("congestus", "Untitled", 150.0).mass)

    def test_a_start_that_is_taken_fills_the_picture(self):
        def act(wall):
            wall.list.setCurrentRow(list(STARTS).index("mediocris"))
            self.until(lambda: wall.list.currentRow() in wall._parts)
            self.click(wall.take)

        self.wall(act)
        self.rest()
        picture, grid = self.window.picture, self.window.looking.grid
        camera = camera_of(self.window.document.mound.view, picture.width(), picture.height())
        low, high = (grid.world(corner) for corner in grid.active_bounds())
        corners = [camera.pixel((x, y, z))[:2] for x in (low[0], high[0]) for y in (low[1], high[1]) for z in (low[2], high[2])]
        across, down = np.ptp(corners, axis=0) / (picture.width(), picture.height())
        self.assertLess(max(across, down), 1.0)
        self.assertGreater(max(across, down), 0.75)

    def test_the_wall_closed_leaves_the_mound_as_it_was(self):
        before = self.window.document.mound
        self.wall(lambda wall: wall.reject())
        self.assertEqual(self.window.document.mound, before)

    def test_from_an_empty_window_to_a_published_cloud_in_twelve_gestures(self):
        gestures = []

        def did(what):
            gestures.append(what)

        def act(wall):
            wall.list.setCurrentRow(list(STARTS).index("humilis"))
            did("choose a start")
            wall.fields["lean"].changed.emit(0.3, False)
            did("lean it")
            self.key(Qt.Key.Key_R, widget=wall)
            did("roll again")
            wall.span.set(9.0)
            did("type its span")
            self.click(wall.take)
            did("take it")

        did("Ctrl+N")
        self.wall(act)
        self.rest()
        self.window.open_station("Light")
        did("4")
        self.click(self.window.stations["Light"].tray.pages.widget(0).findChildren(QAbstractButton)[0])
        did("a situation")

        def publish(dialog):
            dialog.voxel.set(0.25)
            did("type the final voxel")
            dialog.accept()
            did("publish it")

        self.dialog(PublishDialog, publish)
        self.click(self.window.top_bar.publish)
        did("publish")
        library = self.window.stations["Library"]
        self.until(lambda: library.versions)
        self.window.open_station("Library")
        did("5")
        self.assertLessEqual(len(gestures), 12)
        facts = library.versions[0].facts
        self.assertEqual(facts["voxel"], 0.25)
        self.assertGreater(facts["active_voxels"], 1_000)

    def test_resizing_is_one_step_and_keeps_the_look(self):
        window = self.window
        before = window.document.mound
        self.rest()
        shown = self.pixels().astype(int)

        def answer():
            dialog = QApplication.activeModalWidget()
            dialog.span.changed.emit(dialog.span.value, False)
            self.assertFalse(dialog.resize_button.isEnabled())
            dialog.span.type("300")
            dialog.span._editor.setText(str(span_of(before) * 10.0))
            dialog.span._editor.editingFinished.emit()
            self.assertIn("10 times", dialog.said.text())
            dialog.resize_button.click()
        QTimer.singleShot(0, answer)
        window.resize_mound()
        after = window.document.mound
        self.assertAlmostEqual(span_of(after) / span_of(before), 10.0, places=3)
        self.assertEqual(window.document.undo_label, "resize mound")
        self.rest()
        # Ten times as large and seen from ten times as far, it looks the same.
        self.assertLess(np.abs(self.pixels().astype(int) - shown).mean(), 3.0)
        window.document.undo()
        self.assertEqual(window.document.mound, before)
        window.document.redo()
        self.assertEqual(window.document.mound, after)

    def test_a_bad_file_leaves_the_open_mound(self):
        bad = self.folder / "bad.mound"
        bad.write_bytes(b"no mound")
        before = self.window.document.mound
        asked = self.answer("OK")
        self.window.files.open(bad)
        self.assertIn("bad.mound", asked[0])
        self.assertIs(self.window.document.mound, before)
        self.assertEqual(self.window.document.path, self.path)

    def test_leaving_with_changes_asks(self):
        self.window.stations["Mass"].edit_mass("melt", melt=7.0)
        self.assertEqual(self.window.top_bar.saved.text(), "not saved")
        asked = self.answer("Stay")
        self.assertFalse(self.window.close())
        self.assertIn("not saved", asked[0])
        self.answer("Save")
        self.assertTrue(self.window.files.may_leave())
        self.assertEqual(read_mound(self.path).mass.melt, 7.0)

    def test_a_failed_save_as_keeps_the_name(self):
        gone = self.folder / "gone" / "Meringue Spire.mound"
        asked = self.answer("OK")
        with mock.patch.object(QFileDialog, "getSaveFileName", return_value=(str(gone), "")):
            self.assertFalse(self.window.files.save_as())
        self.assertTrue(asked)
        self.assertEqual(self.window.document.mound.name, "Lumpy")
        self.assertEqual(self.window.document.path, self.path)

    def test_a_failed_save_keeps_everything(self):
        self.window.stations["Mass"].edit_mass("melt", melt=7.0)
        self.window.document.history.path = self.folder / "gone" / "x.mound"
        asked = self.answer("OK")
        self.assertFalse(self.window.files.save())
        self.assertIn("could not be written", asked[0])
        self.assertTrue(self.window.document.dirty)

    def test_autosave_writes_a_copy_and_saving_removes_it(self):
        document = self.window.document
        self.window.stations["Mass"].edit_mass("melt", melt=7.0)
        document.autosave()
        copy = document.copy.file
        note = copy.with_suffix(".json")
        self.until(lambda: note.exists() and note.read_text())
        self.assertEqual(read_mound(copy).mass.melt, 7.0)
        self.assertEqual(json.loads(copy.with_suffix(".json").read_text())["path"], str(self.path))
        self.assertEqual([c for c, _ in left_behind() if c == copy], [], "our own process lives")
        self.window.files.save()
        self.assertFalse(copy.exists())

    def test_a_copy_never_outlives_a_save(self):
        document = self.window.document
        copy = document.copy.file
        for n in range(4):
            self.window.stations["Mass"].edit_mass("melt", melt=5.0 + n)
            document.autosave()
            self.window.files.save()
            self.until(lambda: threading.active_count() < 40)
        ends = time.monotonic() + 0.5
        while time.monotonic() < ends:
            self.application.processEvents()
        self.assertFalse(copy.exists())

    def test_recovery_after_a_kill(self):
        script = (
            "import os, sys, time\n"
            "from tests.desk import application\n"
            "from softmound.desk.documents.mound import MoundDocument\n"
            "application()\n"
            "document = MoundDocument()\n"
            "document.read(sys.argv[1])\n"
            "mass = document.mound.mass.edited(melt=11.0)\n"
            "document.apply('melt', lambda _: document.mound.edited(mass=mass))\n"
            "document.autosave()\n"
            "note = document.copy.file.with_suffix('.json')\n"
            "while not note.exists() or not note.read_text():\n"
            "    time.sleep(0.02)\n"
            "os.kill(os.getpid(), 9)\n")
        done = subprocess.run([sys.executable, "-c", script, str(self.path)], cwd=ROOT, timeout=90,
                              capture_output=True, env={**os.environ, "QT_QPA_PLATFORM": "offscreen"})
        self.assertEqual(done.returncode, -9, done.stderr)
        (copy, path), = left_behind()
        self.assertEqual(path, self.path)
        self.assertEqual(read_mound(copy).mass.melt, 11.0)
        self.assertEqual(read_mound(self.path).mass.melt, 2.5)
        self.answer("Recover it")
        offer_recovery(self.window)
        self.assertEqual(self.window.document.mound.mass.melt, 11.0)
        self.assertTrue(self.window.document.dirty)
        self.assertEqual(left_behind(), [])

    def test_a_copy_nobody_wants_is_thrown_away(self):
        recovery_folder().mkdir(parents=True, exist_ok=True)
        copy = recovery_folder() / "nobody.mound"
        write_mound(copy, lumpy_mound())
        copy.with_suffix(".json").write_text(json.dumps({"path": None}))
        before = self.window.document.mound
        self.answer("Throw it away")
        offer_recovery(self.window)
        self.assertIs(self.window.document.mound, before)
        self.assertFalse(copy.exists())
        forget_left_behind(copy)


class Fields(unittest.TestCase):
    def setUp(self):
        application()
        self.field = NumberField("Melt", 0.0, 100.0, 4.0, "m", "Blend radius.", "linear")
        self.field.resize(280, 44)
        self.said = []
        self.field.changed.connect(lambda value, moving: self.said.append((value, moving)))

    def test_dragging_the_track(self):
        QTest.mousePress(self.field, LEFT, pos=QPoint(140, 33))
        self.assertAlmostEqual(self.field.value, 50.0, delta=1.0)
        QTest.mouseRelease(self.field, LEFT, pos=QPoint(140, 33))
        self.assertTrue(self.said[0][1])
        self.assertFalse(self.said[-1][1])

    def test_arrows_and_reset(self):
        QTest.keyClick(self.field, Qt.Key.Key_Right)
        self.assertGreater(self.field.value, 4.0)
        QTest.keyClick(self.field, Qt.Key.Key_Backspace)
        self.assertEqual(self.field.value, 4.0)
        self.assertEqual(self.said[-1], (4.0, False))

    def test_typing_is_taken_within_the_limits_only(self):
        for text, value in (("12.345", 12.345), ("1000", 100.0), ("-5", 0.0), ("7,5", 7.5), ("8 m", 8.0)):
            self.field.type(text)
            self.field._editor.editingFinished.emit()
            self.assertEqual(self.field.value, value)
        for text in ("bread", "", "nan", "inf"):
            self.field.type(text)
            self.field._editor.setText(text)
            self.field._editor.editingFinished.emit()
            self.assertEqual(self.field.value, 8.0)

    def test_a_logarithmic_track_is_even_in_factors(self):
        field = NumberField("Size", 0.001, 1000.0, 1.0, "m", "", "log", (0.1, 1000.0))
        shares = [field._share(v) for v in (0.1, 1.0, 10.0, 100.0, 1000.0)]
        np.testing.assert_allclose(np.diff(shares), 0.25)
        for share in (0.1, 0.5, 0.9):
            self.assertAlmostEqual(field._share(field._at(share)), share)

    def test_whole_numbers_stay_whole(self):
        field = NumberField("Seed", 0, 999, 17, whole=True)
        field._take(3.4, False)
        self.assertEqual(field.value, 3.0)
        self.assertEqual(field.text(), "3")

    def test_setting_says_nothing(self):
        self.field.set(9.0)
        self.assertEqual(self.said, [])

    def test_colours_there_and_back(self):
        for colour in ((0.0, 0.5, 1.0), (0.05, 0.145, 0.4), (1.0, 0.74, 0.46)):
            np.testing.assert_allclose(linear_colour(screen_colour(colour)), colour, atol=0.006)


class Axes(unittest.TestCase):
    def test_there_and_back_in_either_direction(self):
        for axis in (LogAxis(0.5, 300.0, 20.0, 620.0), LogAxis(20.0, 0.1, 60.0, 500.0)):
            self.assertAlmostEqual(axis.x_of(axis.start), axis.left)
            self.assertAlmostEqual(axis.x_of(axis.end), axis.right)
            for value in (0.7, 3.0, 18.0):
                self.assertAlmostEqual(axis.value_at(axis.x_of(value)), value)
            self.assertAlmostEqual(axis.x_of(2.0) - axis.x_of(1.0), axis.x_of(10.0) - axis.x_of(5.0))

    def test_marks_are_round_and_on_the_axis(self):
        self.assertEqual(list(LogAxis(0.3, 30.0, 0, 1).marks()), [0.5, 1.0, 2.0, 5.0, 10.0, 20.0])
        self.assertEqual(list(LogAxis(30.0, 0.3, 0, 1).marks()), [0.5, 1.0, 2.0, 5.0, 10.0, 20.0])


class Words(unittest.TestCase):
    def test_figures(self):
        for value, text in ((0, "0"), (0.5, "0.5"), (123.456, "123"), (1234567.0, "1230000"),
                            (0.00012345, "0.000123"), (-2.5, "-2.5"), (16.0, "16")):
            self.assertEqual(figure(value), text)

    def test_counts_memory_and_times(self):
        self.assertEqual([count(v) for v in (12, 4100, 4.1e6, 2e9)], ["12", "4.1 k", "4.1 M", "2 G"])
        self.assertEqual([memory(v) for v in (12, 1.18e8, 6e9)], ["12 B", "118 MB", "6 GB"])
        self.assertEqual([seconds(v) for v in (0.084, 3.21, 125.0)], ["84 ms", "3.2 s", "2 min 5 s"])

    def test_steps_are_round(self):
        for rough, step in ((0.7, 1.0), (1.2, 2.0), (3.0, 5.0), (70.0, 100.0), (0.03, 0.05)):
            self.assertAlmostEqual(nice_step(rough), step)


if __name__ == "__main__":
    unittest.main()
