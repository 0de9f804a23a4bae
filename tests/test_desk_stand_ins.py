"""Stand-ins by hand: added, moved, shown otherwise, put beside the cloud, taken away; in Light and in Formation."""

from unittest import mock

import numpy as np
import trimesh
from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QInputDialog

from softmound.core.recipe.standins import STAND_INS
from softmound.core.standins.surfaces import box_of
from softmound.desk.shell.commands import table
from tests.desk import DeskTest

ALT = Qt.KeyboardModifier.AltModifier


class StandInTest(DeskTest):
    def setUp(self):
        super().setUp()
        self.window.open_station("Light")
        self.rest()
        self.light = self.window.stations["Light"]
        self.there = self.light.stand_ins

    @property
    def stand_ins(self):
        return self.window.document.mound.stand_ins

    def place_of(self, number=0):
        """Pixel of the middle of one."""
        low, high = box_of(self.there.all[number])
        return tuple(round(v) for v in self.window.picture.camera().pixel((low + high) / 2.0)[:2])


class InLight(StandInTest):
    def test_one_of_each_kind_is_added_from_the_menu_and_named_apart(self):
        self.light.tray.open("stand_ins")
        self.assertTrue(self.light.tray.stand_ins.empty.isVisible())
        for kind in (STAND_INS[word] for word in STAND_INS if word != "model"):
            self.choose_from(self.light.tray.stand_ins.add, kind.label)
        self.choose_from(self.light.tray.stand_ins.add, "Box")
        self.assertEqual([each.kind for each in self.stand_ins], [*(word for word in STAND_INS if word != "model"), "box"])
        self.assertEqual(self.stand_ins[-1].name, "Box 2")
        names = [tile.accessibleName() for tile in self.light.tray.stand_ins.tiles]
        self.assertEqual(names, [each.name for each in self.stand_ins])
        self.window.document.undo()
        self.assertEqual(len(self.stand_ins), len(STAND_INS) - 1)
        self.rest()

    def test_it_is_chosen_and_dragged_over_the_ground_and_lifted_by_a_second_drag(self):
        self.there.add("box")
        self.there.edit(size=(16.0, 16.0, 16.0), place=(0.0, 0.0, 40.0))
        self.rest()
        self.there.choose(None)
        x, y = self.place_of()
        self.drag(self.window.picture, (x, y), (x + 40, y))
        self.assertEqual(self.there.chosen, 0)
        right = self.window.picture.camera().right
        moved = np.subtract(self.stand_ins[0].place, (0.0, 0.0, 40.0))
        self.assertGreater(float(moved @ right), 2.0)
        self.assertEqual(moved[1], 0.0)
        self.rest()
        x, y = self.place_of()
        self.drag(self.window.picture, (x, y), (x, y - 30), modifiers=ALT)
        self.assertGreater(self.stand_ins[0].place[1], 2.0)
        # Each drag is one step.
        self.window.document.undo()
        self.assertEqual(self.stand_ins[0].place[1], 0.0)
        self.window.document.undo()
        self.assertEqual(self.stand_ins[0].place, (0.0, 0.0, 40.0))
        self.rest()

    def test_a_key_shows_it_otherwise_and_the_picture_follows(self):
        self.there.add("box")
        self.there.edit(size=(16.0, 16.0, 16.0), place=(0.0, 0.0, 45.0), colour=(1.0, 0.0, 0.0))
        self.rest()
        x, y = self.place_of()

        def red():
            self.window.picture.repaint()
            seen = self.window.picture.grab().toImage().pixelColor(x + 3, y + 3)
            return seen.red() > 1.5 * max(seen.blue(), seen.green())

        self.assertTrue(red())
        for shown in ("matte", "shadow", "hidden", "seen"):
            self.key(Qt.Key.Key_O, Qt.KeyboardModifier.ShiftModifier)
            self.rest()
            self.assertEqual(self.stand_ins[0].shown, shown)
            self.assertEqual(red(), shown == "seen", shown)
        self.assertIn("seen", self.window.status.said.text())

    def test_numbers_in_the_settings_change_it_and_delete_takes_it_away(self):
        self.there.add("ridge")
        fields = self.light.settings.stand_ins.shown
        self.assertIs(fields.model, STAND_INS["ridge"])
        fields.controls["seed"].changed.emit(17, False)
        self.assertEqual(self.stand_ins[0].seed, 17)
        box, inner = fields.controls["clears"]
        box.click()
        self.assertEqual(self.stand_ins[0].clears, 1.0)
        self.assertTrue(inner.isVisibleTo(fields))
        self.key(Qt.Key.Key_Delete)
        self.assertEqual(self.stand_ins, ())
        self.assertIsNone(self.light.settings.stand_ins.shown)
        self.rest()

    def test_against_a_person_a_house_and_a_craft_of_stated_length(self):
        for name in ("against_person", "against_house"):
            self.window.actions_[name].trigger()

        def thirty(dialog):
            dialog.setDoubleValue(50.0)
            dialog.accept()

        with mock.patch.object(QInputDialog, "exec", lambda dialog: thirty(dialog) or dialog.result()):
            self.window.actions_["against_craft"].trigger()
        person, house, craft = self.stand_ins
        self.assertEqual(person.size[1], 1.75)
        self.assertEqual((house.kind, craft.size[2]), ("house", 50.0))
        camera = self.window.picture.camera()
        for each in self.stand_ins:
            column, line, _ = camera.pixel(each.place)
            self.assertTrue(0 < column < self.window.picture.width() and 0 < line < self.window.picture.height(), each.name)
        self.rest()

    def test_a_model_from_a_file_and_one_that_is_none(self):
        path = self.folder / "cone.stl"
        trimesh.creation.cone(2.0, 5.0).export(path)
        self.there.add_model(path)
        self.until(lambda: len(self.stand_ins) == 1)
        self.assertEqual((self.stand_ins[0].kind, self.stand_ins[0].name), ("model", "cone"))
        np.testing.assert_allclose(np.ptp(box_of(self.stand_ins[0]), axis=0), (4.0, 4.0, 5.0), rtol=0.02)
        broken = self.folder / "broken.obj"
        broken.write_text("v 0 0 0\n")
        with mock.patch.object(self.window.services, "trouble") as trouble:
            self.window.jobs.failed.disconnect()
            self.window.jobs.failed.connect(trouble)
            self.there.add_model(broken)
            self.until(lambda: trouble.called)
        self.assertIn("broken.obj", trouble.call_args.args[0])
        self.assertEqual(len(self.stand_ins), 1)
        self.rest()

    def test_they_are_saved_and_opened_again(self):
        self.there.add("person")
        path = self.folder / "with.mound"
        self.window.document.save(path)
        kept = self.stand_ins
        self.window.document.undo()
        self.window.document.read(path)
        self.assertEqual(self.stand_ins, kept)
        self.rest()

    def test_keys_of_commands_are_still_each_its_own(self):
        keys = [(c.keys, station) for c, station in table() if c.keys]
        of_window = {key for key, station in keys if not station}
        self.assertEqual(sorted(key for key, station in keys if station and key in of_window), [])


class InFormation(DeskTest):
    def test_a_flock_has_its_own_and_the_hand_moves_them(self):
        self.window.open_station("Formation")
        station = self.window.stations["Formation"]
        station.document.copy.file = self.folder / "present.flock"
        self.rest()
        self.choose_from(station.settings.stand_ins.add, "House")
        self.assertEqual([each.kind for each in station.flock.stand_ins], ["house"])
        self.assertEqual(self.window.document.mound.stand_ins, ())
        station.look(station.flock.view.edited(target=(0.0, 5.0, 0.0), distance=60.0, elevation=8.0))
        self.rest()
        low, high = box_of(station.flock.stand_ins[0])
        x, y = (round(v) for v in self.window.picture.camera().pixel((low + high) / 2.0)[:2])
        before = station.flock.stand_ins[0].place
        self.drag(self.window.picture, (x, y), (x + 60, y))
        self.assertNotEqual(station.flock.stand_ins[0].place, before)
        self.key(Qt.Key.Key_O, Qt.KeyboardModifier.ShiftModifier)
        self.assertEqual(station.flock.stand_ins[0].shown, "matte")
        self.key(Qt.Key.Key_Delete)
        self.assertEqual(station.flock.stand_ins, ())
        station.undo()
        self.assertEqual(len(station.flock.stand_ins), 1)
        self.rest()
