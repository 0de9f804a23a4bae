"""Grain in the real window: actions, masks, paint, patches, characters, the ruler's advice, siblings, nature."""

import unittest

import numpy as np
from PyQt6.QtCore import QEvent, Qt

from softmound.core.engine.density import bounds_of
from softmound.core.grain.actions.push import Push
from softmound.core.grain.characters import CHARACTERS, character_file, read_character
from softmound.core.grain.scales import octaves_of
from softmound.core.recipe import SKIN_CURVES
from softmound.core.recipe.grains import ACTIONS
from softmound.desk.stations.grain.nature_dialog import NatureDialog
from softmound.desk.stations.grain.siblings_dialog import SiblingsDialog
from tests.desk import SHIFT, DeskTest


class GrainTest(DeskTest):
    """The window with the Grain station open."""

    def setUp(self):
        super().setUp()
        self.window.open_station("Grain")
        self.grain = self.window.stations["Grain"]

    def grains(self):
        """Grains of the open mound."""
        return self.window.document.mound.grains


class Editing(GrainTest):
    def test_every_action_is_added_from_the_menu_and_changes_the_picture(self):
        self.window.document.apply("none", lambda _: self.window.document.mound.edited(grains=()))
        self.rest()
        for number, action in enumerate(ACTIONS):
            self.choose_from(self.grain.tray.more, action.capitalize())
            self.assertEqual(self.grains()[number].action, action)
            self.assertEqual(self.grain.chosen, number)
            self.assertTrue(self.grain.settings.acts[action].isVisible())
        before = self.pixels()
        self.rest()
        self.assertGreater(np.count_nonzero(before != self.pixels()), 5000)
        for _ in ACTIONS:
            self.window.document.undo()
        self.assertEqual(self.grains(), ())

    def test_an_action_is_changed_and_its_noise_kept(self):
        before = self.grains()[0]
        self.grain.settings.action.activated.emit(list(ACTIONS).index("nibble"))
        after = self.grains()[0]
        self.assertEqual((after.action, after.feature, after.seed), ("nibble", before.feature, before.seed))
        self.assertTrue(0.0 <= after.strength <= 1.0)
        self.window.document.undo()
        self.assertEqual(self.grains()[0], before)

    def test_duplicate_order_mute_and_solo(self):
        first, second = self.grains()
        self.click(self.grain.tray.copy)
        self.assertEqual(len(self.grains()), 3)
        self.assertNotEqual(self.grains()[1].seed, first.seed)
        self.click(self.grain.tray.later)
        self.assertEqual(self.grains()[1], second)
        self.click(self.grain.tray.solo)
        self.assertEqual([g.on for g in self.grains()], [False, False, True])
        self.click(self.grain.tray.solo)
        self.assertEqual([g.on for g in self.grains()], [True] * 3)
        self.click(self.grain.settings.on, (8, self.grain.settings.on.height() / 2))
        self.assertFalse(self.grains()[2].on)

    def test_noise_warp_contrast_and_triples(self):
        settings = self.grain.settings
        settings.noise.controls["kind"].activated.emit(2)
        self.assertEqual(self.grains()[0].kind, "cellular")
        self.assertTrue(settings.noise.controls["cell"].isVisible())
        settings.noise.controls["cell"].activated.emit(2)
        self.assertEqual(self.grains()[0].cell, "f2-f1")
        settings.noise_more.controls["stretch"][1].changed.emit(2.5, False)
        self.assertEqual(self.grains()[0].stretch, (1.0, 2.5, 1.0))
        settings.noise_more.controls["contrast"][0].click()
        self.assertIsNotNone(self.grains()[0].contrast)
        self.click(settings.warped)
        settings.warp.controls["strength"].changed.emit(3.0, False)
        self.assertEqual(self.grains()[0].warp.strength, 3.0)
        self.click(settings.warped)
        self.assertIsNone(self.grains()[0].warp)

    def test_before_and_after_by_holding_a_key(self):
        self.rest()
        with_grains = self.pixels()
        self.window.picture.setFocus()
        for kind, shown in ((QEvent.Type.KeyPress, False), (QEvent.Type.KeyRelease, True)):
            self.send_key(kind)
            self.rest()
            same = np.array_equal(self.pixels(), with_grains)
            self.assertEqual(same, shown)

    def send_key(self, kind):
        """Press Shift+Space, or let it go."""
        from PyQt6.QtGui import QKeyEvent
        from PyQt6.QtWidgets import QApplication

        QApplication.sendEvent(self.window.picture, QKeyEvent(kind, Qt.Key.Key_Space, SHIFT))
        self.application.processEvents()


class WhereAndPatches(GrainTest):
    def test_masks_are_added_changed_and_removed(self):
        where = self.grain.settings.where
        for number, name in enumerate(("By height", "By depth", "By facing", "By form", "By noise", "Painted")):
            self.choose_from(where.add_button, name)
            self.assertEqual(len(self.grains()[0].where), number + 1)
        self.choose_from(where.add_button, "By depth")
        self.assertEqual(len(self.grains()[0].where), 6)
        where.groups[0].fields.controls["high"].changed.emit(40.0, False)
        self.assertEqual(self.grains()[0].where[0].high, 40.0)
        where.groups[2].fields.controls["toward"].activated.emit(3)
        self.assertEqual(self.grains()[0].where[2].toward, "sun")
        where.groups[4].noise.controls["feature"].changed.emit(9.0, False)
        self.assertEqual(self.grains()[0].where[4].noise.feature, 9.0)
        self.click(where.groups[1].fields.controls["invert"], (8, 10))
        self.assertTrue(self.grains()[0].where[1].invert)
        self.window.files.save()
        self.window.files.open(self.path)
        self.assertEqual(len(self.grains()[0].where), 6)

    def test_a_mask_by_tiredness_reads_the_number_of_a_form(self):
        where = self.grain.settings.where
        self.choose_from(where.add_button, "By tiredness")
        self.rest()
        mask = self.grains()[0].where[0]
        # It begins with the altitudes of this cloud.
        low, high = (edge[1] for edge in bounds_of(self.window.document.mound))
        self.assertAlmostEqual(mask.low, low, delta=0.6)
        self.assertAlmostEqual(mask.high, high, delta=0.6)
        for field, value in (("high", mask.low + 0.1), ("lee", 0.0), ("uneven", 0.0)):
            where.groups[0].fields.controls[field].changed.emit(value, False)
        self.rest()
        fresh = self.pixels()
        # All of it is fresh now, so the grain does nothing; an old form brings it back, and undo takes it away.
        mass = self.window.stations["Mass"]
        self.window.open_station("Mass")
        mass.choose(0)
        mass.settings.age.controls["tired"].changed.emit(1.0, False)
        self.assertEqual(self.window.document.mound.mass.forms[0].tired, 1.0)
        self.window.open_station("Grain")
        self.rest()
        self.assertFalse(np.array_equal(self.pixels(), fresh))
        self.window.document.undo()
        self.rest()
        np.testing.assert_array_equal(self.pixels(), fresh)

    def test_where_a_grain_acts_is_shown_in_the_picture(self):
        self.choose_from(self.grain.settings.where.add_button, "By facing")
        self.rest()
        plain = self.pixels().reshape(self.window.picture.image.height(), -1, 4).astype(int)
        self.click(self.grain.settings.show_where, (8, 8))
        self.rest()
        shown = self.pixels().reshape(plain.shape).astype(int)
        # Warmer on top, where the surface faces up, than below.
        camera = self.window.picture.camera()
        change = (shown - plain)[..., 0] - (shown - plain)[..., 2]
        (x, top, _), (_, foot, _) = self.ratio * np.array([camera.pixel((0.0, 27.0, 3.0)), camera.pixel((0.0, 11.0, 9.0))])
        self.assertGreater(change[round(top), round(x)], change[round(foot), round(x)] + 15)
        self.assertEqual(np.abs(change[7, 107]), 0)
        self.window.open_station("Light")
        self.rest()
        self.window.open_station("Grain")
        self.rest()

    def test_a_mask_is_painted_in_the_picture(self):
        self.choose_from(self.grain.settings.where.add_button, "Painted")
        self.click(self.grain.settings.where.groups[0].paint)
        self.assertIs(self.window.picture.hand, self.grain.hand)
        middle = self.window.picture.camera().pixel((0.0, 16.0, 0.0))[:2]
        self.drag(self.window.picture, middle, (middle[0] + 60, middle[1] - 10))
        strokes = self.grains()[0].where[0].strokes
        self.assertEqual(len(strokes), 1)
        self.assertGreater(len(strokes[0].path), 1)
        self.window.document.undo()
        self.assertEqual(self.grains()[0].where[0].strokes, ())
        self.window.document.redo()
        self.drag(self.window.picture, middle, (middle[0] + 30, middle[1]), modifiers=Qt.KeyboardModifier.AltModifier)
        self.assertLess(self.grains()[0].where[0].strokes[1].path[0][3], 0.0)
        self.drag(self.window.picture, (4 + 90, 30), (100, 34))
        self.assertIn("nothing under the brush", self.window.status.said.text())
        self.click(self.grain.settings.where.groups[0].paint)
        self.assertIsNone(self.window.picture.hand)

    def test_patches(self):
        patches = self.grain.settings.patches
        self.rest()
        before = self.pixels()
        self.click(patches.add_button)
        patch = self.window.document.mound.patches[0]
        self.assertEqual(patch.by, "multiply")
        patches.groups[0].fields.controls["value"].changed.emit(0.1, False)
        self.rest()
        self.assertGreater(np.count_nonzero(before != self.pixels()), 500)
        patches.groups[0].fields.controls["by"].activated.emit(3)
        self.assertTrue(patches.groups[0].fields.controls["curve"].isVisible())
        patches.groups[0].fields.controls["shape"].activated.emit(2)
        self.click(patches.groups[0].paint)
        middle = self.window.picture.camera().pixel((0.0, 16.0, 0.0))[:2]
        self.drag(self.window.picture, middle, (middle[0] + 50, middle[1]))
        self.assertEqual(len(self.window.document.mound.patches[0].strokes), 1)
        box, curve = self.grain.settings.tone.controls["tone"]
        box.click()
        curve.choice.activated.emit(1)
        self.assertEqual(self.window.document.mound.skin.tone, list(SKIN_CURVES.values())[1])
        box.click()
        self.assertIsNone(self.window.document.mound.skin.tone)
        self.grain.remove_patch(0)
        self.assertEqual(self.window.document.mound.patches, ())
        self.assertIsNone(self.grain.hand)


class Ruler(GrainTest):
    def test_a_gap_and_what_is_wasted_are_said_and_mended_by_one_click(self):
        mound = self.window.document.mound
        self.window.document.apply("grains", lambda _: mound.edited(grains=(
            Push(feature=30.0, strength=6.0, octaves=1), Push(feature=3.0, strength=0.5, octaves=5))))
        ruler = self.grain.tray.ruler
        self.assertEqual([a.kind for a in ruler._advice], ["gap", "waste"])
        self.assertIn("Nothing between", ruler.remedy.toolTip())
        self.click(ruler.remedy)
        self.assertEqual(len(self.grains()), 3)
        self.assertTrue(3.0 < self.grains()[1].feature < 30.0)
        self.assertEqual([a.kind for a in ruler._advice], ["waste"])
        self.click(ruler.remedy)
        finest = octaves_of(self.grains()[2])[0][-1]
        self.assertGreaterEqual(finest, 0.5 * mound.voxels.final)
        self.assertEqual(ruler._advice, [])
        self.assertFalse(ruler.remedy.isVisible())

    def test_the_limit_of_the_draft_or_of_the_final_voxel(self):
        ruler = self.grain.tray.ruler
        self.assertEqual(ruler.voxel(), self.mound.voxels.draft)
        self.click(self.grain.tray.final)
        self.assertEqual(ruler.voxel(), self.window.document.mound.voxels.final)


class Sets(GrainTest):
    def test_characters_are_worn_kept_and_read_again(self):
        names = [a.text() for a in self.grain.tray.characters.menu().actions()]
        self.assertTrue(set(CHARACTERS) < set(names))
        self.choose_from(self.grain.tray.characters, "Torn")
        self.assertEqual([g.action for g in self.grains()], [g.action for g in CHARACTERS["Torn"]])
        span = self.grains()[0].feature / CHARACTERS["Torn"][0].feature * 300.0
        self.assertAlmostEqual(span, 40.0, delta=12.0)
        self.grain.keep_character("Crumbly top")
        path = character_file("Crumbly top")
        kept = read_character(path)
        self.assertAlmostEqual(kept[0].feature, CHARACTERS["Torn"][0].feature, delta=0.1)
        self.grain.tray._fill()
        self.assertIn("Crumbly top", [a.text() for a in self.grain.tray._menu.actions()])
        bad = self.folder / "bad.grains"
        bad.write_text("{")
        before = self.grains()
        self.grain.take_character_file(bad)
        self.assertIn("damaged", self.window.status.said.text())
        self.assertIs(self.grains(), before)

    def test_a_sibling_is_taken_over(self):
        before = self.window.document.mound

        def act(dialog):
            self.until(lambda: dialog.list.count() >= 3)
            self.click(dialog.which["buds"], (8, 8))
            self.until(lambda: dialog.list.count() >= 2)
            dialog.list.item(1).setSelected(True)
            self.assertTrue(dialog.take_button.isEnabled())
            self.click(dialog.take_button)
        self.dialog(SiblingsDialog, act)
        self.click(self.grain.tray.siblings)
        after = self.window.document.mound
        self.assertNotEqual([g.seed for g in after.grains], [g.seed for g in before.grains])
        self.assertEqual([g.feature for g in after.grains], [g.feature for g in before.grains])
        self.window.document.undo()
        self.assertEqual(self.window.document.mound, before)

    def test_siblings_are_kept_as_snapshots(self):
        before = self.window.document.mound

        def act(dialog):
            self.until(lambda: dialog.list.count() >= 3)
            for n in (1, 2):
                dialog.list.item(n).setSelected(True)
            self.click(dialog.keep_button)
        self.dialog(SiblingsDialog, act)
        self.click(self.grain.tray.siblings)
        kept = self.window.document.mound.snapshots
        self.assertEqual(len(kept), 2)
        self.assertNotEqual(kept[0].recipe.grains[0].seed, kept[1].recipe.grains[0].seed)
        self.assertEqual(self.window.document.mound.edited(snapshots=()), before)
        self.window.stations["Light"].take_snapshot_over(1)
        self.assertEqual(self.window.document.mound.grains, kept[1].recipe.grains)

    def test_nature_is_measured(self):
        self.rest()
        seen = self.dialog(NatureDialog, lambda dialog: dialog.reject())
        self.click(self.grain.tray.nature)
        self.until(lambda: bool(seen))
        names = [row.finding.name for row in seen[0].rows]
        self.assertIn("Outline dimension", names)
        self.assertIn("Optical depth", names)


if __name__ == "__main__":
    unittest.main()
