"""Voxels in the real window: steps, skin, cost line, Slice, volumes in and out."""

import pathlib
import unittest
import unittest.mock

import numpy as np
import trimesh
from PyQt6.QtCore import QEvent, Qt
from PyQt6.QtTest import QTest

from softmound.core.engine.density import density_grid
from softmound.core.exchange.foreign import read_vdb
from softmound.core.exchange.vdb import write_vdb
from softmound.core.mass.kinds.blob import Blob
from softmound.core.recipe import SKIN_CURVES, eased
from softmound.core.volume.sample import sample
from softmound.core.volume.slices import ramp
from softmound.desk.dialogs.export_dialog import ExportDialog, MeshDialog
from softmound.desk.dialogs.import_dialog import ImportDialog
from tests.desk import NONE, SHIFT, DeskTest
from tests.scenes import ball_mound, box_grid

ALT = Qt.KeyboardModifier.AltModifier


class VoxelsTest(DeskTest):
    """The window with the Voxels station open."""

    def setUp(self):
        super().setUp()
        self.window.open_station("Voxels")
        self.until(lambda: self.window.stations["Voxels"].ahead is not None)
        self.settings = self.window.stations["Voxels"].settings

    def now(self):
        """The open mound."""
        return self.window.document.mound


class Surface(VoxelsTest):
    def test_steps_are_added_changed_removed_and_undone(self):
        steps = self.settings.steps
        before = self.pixels()
        self.click(steps.adding["smooth"])
        self.click(steps.adding["grow"])
        self.assertEqual([s.step for s in self.now().steps], ["smooth", "grow"])
        group = steps.groups[1]
        group.rows.controls["metres"].changed.emit(2.5, False)
        after = group.rows.controls["after"]
        self.click(after, (8, after.height() / 2))
        self.assertEqual((self.now().steps[1].metres, self.now().steps[1].after), (2.5, True))
        steps.groups[0].rows.controls["filter"].activated.emit(3)
        self.assertEqual(self.now().steps[0].filter, "flow")
        self.rest()
        self.assertGreater(np.count_nonzero(before != self.pixels()), 5000)
        self.click(steps.groups[0].remove)
        self.assertEqual([s.step for s in self.now().steps], ["grow"])
        for _ in range(6):
            self.window.document.undo()
        self.assertEqual(self.now().steps, ())
        self.rest()
        self.assertEqual(len(steps.groups), 0)

    def test_points_of_the_skin_are_dragged_added_and_taken_away(self):
        curve = self.settings.skin.upper.controls["curve"]
        curve.choice.activated.emit(list(SKIN_CURVES).index("Even"))
        self.assertEqual(self.now().skin.curve, eased(0.0))
        plan = curve.plan
        middle = plan._pixel((0.5, 0.5))
        QTest.mouseDClick(plan, Qt.MouseButton.LeftButton, NONE, middle.toPoint())
        self.assertEqual(len(self.now().skin.curve.points), 3)
        placed = self.now().skin.curve.points[1]
        np.testing.assert_allclose(placed, (0.5, 0.5), atol=0.01)  # as near as a pixel is
        start, end = plan._pixel(self.now().skin.curve.points[1]), plan._pixel((0.3, 0.8))
        self.drag(plan, (start.x(), start.y()), (end.x(), end.y()))
        self.assertAlmostEqual(self.now().skin.curve.points[1][0], 0.3, delta=0.02)
        self.assertAlmostEqual(self.now().skin.curve.points[1][1], 0.8, delta=0.02)
        self.window.document.undo()
        self.assertEqual(self.now().skin.curve.points[1], placed)
        self.window.document.redo()
        # No point leaves its place between the others, and the edge keeps nothing.
        plan.move_point(1, 5.0, 5.0)
        self.assertEqual(self.now().skin.curve.points[1], (0.99, 1.0))
        plan.move_point(0, 0.4, 0.7)
        self.assertEqual(self.now().skin.curve.points[0], (0.0, 0.0))
        plan.setFocus()
        plan.chosen = 1
        self.key(Qt.Key.Key_Down, widget=plan)
        self.assertAlmostEqual(self.now().skin.curve.points[1][1], 0.98, places=3)
        self.key(Qt.Key.Key_Delete, widget=plan)
        self.assertEqual(self.now().skin.curve, eased(0.0))

    def test_hollow_and_a_lower_skin(self):
        skin = self.settings.skin
        hollow = skin.shape.controls["shell"][0]
        self.click(hollow, (8, hollow.height() / 2))
        self.assertGreater(self.now().skin.shell, 0.0)
        self.click(skin.two, (8, skin.two.height() / 2))
        self.assertEqual(self.now().skin.below.thickness, self.now().skin.thickness)
        skin.lower.controls["core"].changed.emit(0.4, False)
        self.assertEqual(self.now().skin.below.core, 0.4)
        self.window.files.save()
        self.window.files.open(self.path)
        self.assertEqual(self.now().skin.below.core, 0.4)
        self.click(hollow, (8, hollow.height() / 2))
        self.assertIsNone(self.now().skin.shell)


class Cost(VoxelsTest):
    def test_voxels_along_and_the_smallest_that_fits(self):
        settings = self.settings
        settings.along.changed.emit(200.0, False)
        self.assertAlmostEqual(self.window.stations["Voxels"].ahead.long / self.now().voxels.final, 200.0, delta=1.0)
        settings.final.changed.emit(0.005, False)
        self.assertTrue(settings.fit_row.isVisible())
        self.assertFalse(settings.build.isEnabled())
        self.click(settings.fit)
        self.assertFalse(settings.fit_row.isVisible())
        self.assertTrue(settings.build.isEnabled())
        offered = self.now().voxels.final
        settings.final.changed.emit(offered * 0.7, False)
        self.assertTrue(settings.fit_row.isVisible())

    def test_crumbs_are_dropped_kept_and_saved(self):
        speck = Blob(centre=(40.0, 20.0, 0.0), radii=(1.3,) * 3)
        mass = self.window.stations["Mass"]
        mass.document.apply("speck", lambda mound: mound.edited(
            mass=mound.mass.edited(forms=(*mound.mass.forms, speck)), grains=()))

        def right_end():
            self.rest()
            grid = self.window.looking.grid
            return float(grid.world(grid.active_bounds()[1])[0])

        crumbs = self.settings.crumbs.controls["crumbs"]
        crumbs.changed.emit(0.0, False)
        self.assertGreater(right_end(), 38.0)
        crumbs.changed.emit(6.0, False)
        self.assertLess(right_end(), 34.0)
        self.window.files.save()
        self.window.files.open(self.path)
        self.assertEqual(self.now().voxels.crumbs, 6.0)
        self.window.document.undo()

    def test_what_was_foretold_is_said(self):
        ahead, final = self.window.stations["Voxels"].ahead, self.now().voxels.final
        self.assertIn("to build", self.settings.facts.text())
        self.assertGreater(ahead.seconds(final / 4), ahead.seconds(final))


class Slicing(VoxelsTest):
    ratio = 1.0  # single pixels are read

    def setUp(self):
        super().setUp()
        ball = ball_mound(10.0, 4.0)
        self.window.document.apply("ball", lambda _: ball.edited(voxels=ball.voxels.edited(draft=0.5)))
        self.window.looking.fit()
        self.rest()
        self.key(Qt.Key.Key_S, ALT)
        self.rest()

    def colour(self, point):
        """Colour of the picture at a place in the world."""
        x, y, _ = self.window.picture.camera().pixel(point)
        return self.pixels().reshape(self.window.picture.height(), -1, 4)[round(y), round(x), :3].astype(int)

    def test_colours_are_the_numbers(self):
        self.window.document.look(self.window.document.mound.view.edited(azimuth=20.0, elevation=12.0))
        self.window.looking.change_cut({"axis": 2, "at": 0.0}, False)
        self.rest()
        for depth in (1.5, 2.5, 8.0):
            wanted = ramp()[round(min(depth / 4.0, 1.0) * 255)].astype(int)
            self.assertLess(np.abs(self.colour((10.0 - depth, 20.0, 0.0)) - wanted).max(), 14, depth)
        self.assertLess(self.colour((9.8, 28.0, 0.0)).max(), 70)

    def test_it_is_dragged_along_its_axis_and_read(self):
        panel = self.window.picture.cut_panel
        self.window.document.look(self.window.document.mound.view.edited(azimuth=60.0))
        self.window.looking.change_cut({"axis": 2, "at": 0.0}, False)
        self.rest()
        picture = self.window.picture
        start, end = (picture.camera().pixel((0.0, 20.0, z))[:2] for z in (0.0, 5.0))
        self.drag(picture, start, end)
        self.assertAlmostEqual(self.window.looking.cut.at, 5.0, delta=0.4)
        self.rest()
        x, y, _ = picture.camera().pixel((2.0, 21.0, self.window.looking.cut.at))
        self.mouse(picture, QEvent.Type.MouseMove, (x, y), buttons=Qt.MouseButton.NoButton)
        said = float(panel.reading.text().split()[0])
        self.assertAlmostEqual(said, float(sample(self.window.looking.grid, [2.0, 21.0, self.window.looking.cut.at])), delta=0.02)
        panel.place.setText("-3")
        panel.place.editingFinished.emit()
        self.assertEqual(self.window.looking.cut.at, -3.0)
        self.click(panel.axes[1])
        self.assertEqual(self.window.looking.cut.axis, 1)
        self.assertAlmostEqual(self.window.looking.cut.at, 20.0, delta=0.5)

    def test_histograms_add_up(self):
        self.rest()
        facts = self.window.picture.cut_panel.plan.facts
        grid = self.window.looking.grid
        self.assertEqual(int(facts.whole.density.sum()), grid.active_voxels())
        extinction = self.now().light.medium.extinction
        # Straight through the middle: 12 m of density 1 and two skins of 4 m that rise evenly.
        self.assertAlmostEqual(float(facts.whole.depth_edges[-1]), 16.0 * extinction, delta=0.02 * 16.0 * extinction)
        self.assertEqual(facts.most, 1.0)
        self.assertAlmostEqual(facts.share * 20.0**2 / (np.pi * 100.0), 1.0, delta=0.08)

    def test_range_and_contours(self):
        panel, plan = self.window.picture.cut_panel, self.window.picture.cut_panel.plan
        before = self.pixels()
        self.drag(plan, (plan.width() - 1, 60), (plan.width() * 0.5, 60))
        self.assertAlmostEqual(self.window.looking.cut.high, 0.5, delta=0.05)
        self.click(panel.contours)
        self.assertGreater(self.window.looking.cut.contours, 0)
        self.rest()
        self.assertGreater(np.count_nonzero(before != self.pixels()), 2000)
        QTest.mouseDClick(plan, Qt.MouseButton.LeftButton, NONE, plan.rect().center())
        self.assertEqual((self.window.looking.cut.low, self.window.looking.cut.high), (0.0, 1.0))
        self.key(Qt.Key.Key_Right, SHIFT, plan)
        self.assertAlmostEqual(self.window.looking.cut.low, 0.02, delta=1e-6)
        self.window.looking.look("draft")
        self.assertFalse(panel.isVisible())

    def test_an_empty_mound_has_nothing_to_cut(self):
        mound = self.now()
        self.window.document.apply("nothing", lambda _: mound.edited(mass=mound.mass.edited(forms=())))
        self.rest()
        self.drag(self.window.picture, (400, 200), (420, 230))
        self.assertEqual(self.window.looking.way, "slice")


class Volumes(VoxelsTest):
    def test_a_file_is_exported_in_tiers_and_opened_again_as_a_mound(self):
        def act(dialog):
            dialog.file.setText(str(self.folder / "loaf.vdb"))
            self.click(dialog.choices["unit"].buttons["cm"])
            self.click(dialog.choices["up"].buttons["z"])
            dialog.tiers["middle"].setChecked(True)
            dialog.name.setText("surface")
            self.assertFalse(dialog.export_button.isEnabled())
            dialog.name.setText("steam")
            self.click(dialog.export_button)
        self.dialog(ExportDialog, act)
        self.window.actions_["export"].trigger()
        self.until(lambda: self.window.jobs.job is None)
        # As a camera beside it sees it there are finer grids too.
        beside = self.now().view.edited(target=(0.0, 16.0, 12.0), distance=8.0)
        self.window.document.look(beside)

        near = self.folder / "near"
        near.mkdir()

        def seen(dialog):
            dialog.file.setText(str(near / "seen.vdb"))
            self.click(dialog.seen)
            self.click(dialog.export_button)
        self.dialog(ExportDialog, seen)
        self.window.actions_["export"].trigger()
        self.until(lambda: self.window.jobs.job is None)
        self.assertAlmostEqual(read_vdb(near / "seen.vdb", "steam_2").voxel, self.now().voxels.final * 50.0, places=3)
        names = sorted(p.name for p in self.folder.glob("*.vdb"))
        self.assertEqual(names, ["loaf_close.vdb", "loaf_middle.vdb"])
        stored = read_vdb(self.folder / "loaf_close.vdb", "steam")
        self.assertAlmostEqual(stored.voxel, self.now().voxels.final * 100.0, places=3)
        built = density_grid(self.now(), self.now().voxels.final)
        self.assertEqual(stored.active_voxels(), built.active_voxels())

        def take(dialog):
            self.assertIn("steam", dialog.found.text())
            self.click(dialog.units["cm"])
            self.click(dialog.ups["z"])
            self.assertEqual(dialog.joins, "density")
            self.click(dialog.add_button)
        self.window.document.history.saved(self.window.document.path)
        self.dialog(ImportDialog, take)
        self.window.files.open(self.folder / "loaf_close.vdb")
        self.until(lambda: self.window.document.mound.name == "loaf close")
        again = density_grid(self.now(), self.now().voxels.final)
        self.assertEqual(again.voxel, built.voxel)
        total, wanted = (float(g.values.sum(dtype=float) + 512 * g.tile_values.sum(dtype=float)) for g in (again, built))
        self.assertAlmostEqual(total / wanted, 1.0, delta=0.01)

    def test_a_frame_of_a_sequence_joined_by_density(self):
        for frame, wide in ((7, 15), (8, 31), (10, 47)):
            write_vdb(self.folder / f"steam.{frame:04d}.vdb", box_grid((0, 0, 0), (wide, 15, 15), voxel=0.5))

        def act(dialog):
            dialog.frame.changed.emit(9.0, True)
            dialog.frame.value = 9.0
            dialog.frame.changed.emit(9.0, False)
            self.assertEqual(dialog.frame.value, 8.0)
            self.assertIn("16 ×", dialog.size.text())
            self.click(dialog.joinings["density"])
            self.click(dialog.add_button)
        self.dialog(ImportDialog, act)
        self.window.open_station("Mass")
        self.window.stations["Mass"].import_file(self.folder / "steam.0007.vdb")
        self.until(lambda: len(self.now().mass.forms) == 4)
        form = self.now().mass.forms[-1]
        self.assertEqual((form.joins, form.by), ("density", "maximum"))
        settings = self.window.stations["Mass"].settings
        self.rest()
        self.click(settings.ways["add"])
        self.assertEqual(self.now().mass.forms[-1].by, "add")
        self.click(settings.joinings["shape"])
        self.assertEqual(self.now().mass.forms[-1].joins, "shape")
        self.assertFalse(settings.joining_rows[1].isVisible())

    def test_a_mesh_within_a_budget(self):
        def act(dialog):
            dialog.file.setText(str(self.folder / "loaf.doc"))
            self.assertFalse(dialog.export_button.isEnabled())
            dialog.file.setText(str(self.folder / "missing" / "loaf.obj"))
            self.assertFalse(dialog.export_button.isEnabled())
            dialog.file.setText(str(self.folder / "loaf.obj"))
            dialog.budget.value = 1500.0
            self.click(dialog.export_button)
        self.dialog(MeshDialog, act)
        self.window.actions_["export_mesh"].trigger()
        self.until(lambda: self.window.jobs.job is None)
        made = trimesh.load(self.folder / "loaf.obj")
        self.assertTrue(made.is_watertight)
        self.assertLessEqual(len(made.faces), 1500)
        self.assertGreater(len(made.faces), 300)

    def test_what_cannot_be_exported_is_said(self):
        def act(dialog):
            for text in ("", str(self.folder / "missing" / "loaf.vdb")):
                dialog.file.setText(text)
                self.assertFalse(dialog.export_button.isEnabled(), text)
            dialog.file.setText(str(self.folder / "loaf"))
            self.assertEqual(dialog.files()[0][0].name, "loaf.vdb")
            dialog.tiers["close"].setChecked(False)
            self.assertFalse(dialog.export_button.isEnabled())
            dialog.tiers["far"].setChecked(True)
            self.assertTrue(dialog.export_button.isEnabled())
            self.assertAlmostEqual(dialog.files()[0][1], 4.0 * self.now().voxels.final)
            dialog.reject()
        seen = self.dialog(ExportDialog, act)
        self.window.actions_["export"].trigger()
        self.assertTrue(seen)
        mound = self.now()
        self.window.document.apply("nothing", lambda _: mound.edited(mass=mound.mass.edited(forms=())))
        for name in ("export", "export_mesh"):
            self.window.actions_[name].trigger()
            self.assertIn("no cloud to export", self.window.status.said.text())

    def test_a_build_is_learned_from(self):
        past = self.window.services.builder.past
        # A mound that no other test of this process has built: what is kept is not built again.
        self.window.document.apply("skin", lambda mound: mound.edited(skin=mound.skin.edited(thickness=1.2345)))
        with unittest.mock.patch("softmound.core.engine.calibration.LEAST_SECONDS", 0.0):
            self.click(self.settings.build)
            self.until(lambda: self.window.jobs.job is None)
        self.assertEqual(len(past._read()), 1)
        self.assertNotEqual(past.corrections()[1], 1.0)

    def test_vectors_are_refused_politely(self):
        from softmound.core.volume.reference import vdb

        wind = vdb.Vec3SGrid((0.0, 0.0, 0.0))
        wind.fill((0, 0, 0), (4, 4, 4), (1.0, 0.0, 0.0), True)
        wind.name = "wind"
        path = self.folder / "wind.vdb"
        vdb.write(str(path), grids=[wind])
        before = self.now()
        self.answer("OK")
        self.window.files.open(path)
        self.until(lambda: self.window.jobs.job is None)
        self.application.processEvents()
        self.assertIs(self.now(), before)
        self.assertTrue(pathlib.Path(path).exists())


if __name__ == "__main__":
    unittest.main()
