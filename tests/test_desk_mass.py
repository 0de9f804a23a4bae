"""Mass in the real window: every kind of form, every tool, by mouse, pen and keyboard."""

import pathlib
import time
import unittest

import numpy as np
import trimesh
from PIL import Image
from PyQt6.QtCore import QEvent, QPointF, Qt
from PyQt6.QtGui import QInputDevice, QPointingDevice, QTabletEvent
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication

from softmound.core.mass.kinds.blob import Blob
from softmound.core.mass.kinds.mesh import Mesh
from softmound.core.mass.mend import open_edges
from softmound.core.mass.placing import degrees_of
from softmound.core.mass.sculpt import sculpted, triangles
from softmound.core.recipe import Arrays, Coat, read_mound, write_mound
from softmound.desk.dialogs.import_dialog import ImportDialog
from softmound.desk.stations.mass.heap_dialog import HeapDialog
from softmound.desk.view.photographs import PhotographDialog, frame_of
from softmound.desk.view.pixels import pixels_of
from tests.desk import NONE, SHIFT, DeskTest
from tests.scenes import NO_BASE, lumpy_mound

CONTROL, ALT = Qt.KeyboardModifier.ControlModifier, Qt.KeyboardModifier.AltModifier
ROOT = pathlib.Path(__file__).parent.parent


class MassTest(DeskTest):
    """The window with the Mass station open."""

    def forms(self):
        """Forms of the open mound."""
        return self.window.document.mound.mass.forms

    def at(self, point):
        """Pixel of a place in the world."""
        return self.window.picture.camera().pixel(point)[:2]

    def with_forms(self, *forms, base=NO_BASE):
        """Put other forms into the mound, without grains."""
        mound = self.window.document.mound
        self.window.document.apply("forms", lambda _: mound.edited(
            mass=mound.mass.edited(forms=forms, base=base, melt=0.0), grains=()))
        self.window.looking.fit()
        self.rest()


class Adding(MassTest):
    def test_every_solid_from_the_menu(self):
        tray = self.window.stations["Mass"].tray
        for shape in ("Ball", "Box", "Ring", "Cone", "Capsule", "Slab"):
            before = len(self.forms())
            self.choose_from(tray.add, shape)
            self.assertEqual(len(self.forms()), before + 1)
            form = self.forms()[-1]
            self.assertEqual((form.kind, form.shape), ("solid", shape.lower()))
            self.assertEqual(self.window.stations["Mass"].chosen, before)
            self.assertEqual(self.window.stations["Mass"].settings.kind_label.text(), shape)
        self.rest()
        self.assertEqual(self.window.document.undo_label, "add slab")

    def test_a_heap(self):
        def fill(dialog):
            dialog.fields["count"].set(9)
            dialog.fields["count"].value = 9.0
            dialog.add_button.click()
        before = len(self.forms())
        self.dialog(HeapDialog, fill)
        self.choose_from(self.window.stations["Mass"].tray.add, "Heap…")
        self.assertEqual(len(self.forms()), before + 9)
        self.assertEqual(len(self.window.stations["Mass"].picked), 9)
        self.window.document.undo()
        self.assertEqual(len(self.forms()), before)

    def imported(self, path, act):
        """Import a file and do something with the dialog."""
        before = len(self.forms())
        seen = self.dialog(ImportDialog, act)
        self.window.stations["Mass"].import_file(path)
        self.until(lambda: self.gone(seen))
        self.application.processEvents()
        return len(self.forms()) - before

    def test_a_model_in_another_unit_and_axis(self):
        path = self.folder / "crate.obj"
        trimesh.creation.box((100.0, 200.0, 400.0)).export(path)
        sizes = []

        def act(dialog):
            sizes.append(dialog.size.text())
            dialog.units["cm"].click()
            dialog.ups["z"].click()
            sizes.append(dialog.size.text())
            self.assertIn("12 triangles, closed", dialog.found.text())
            dialog.add_button.click()
        self.assertEqual(self.imported(path, act), 1)
        self.assertIn("100 × 200 × 400 m", sizes[0])
        self.assertIn("1 × 4 × 2 m", sizes[1])
        np.testing.assert_allclose(np.ptp(self.forms()[-1].surface["vertices"], axis=0), (1.0, 4.0, 2.0), rtol=1e-5)
        self.rest()
        # Saved and opened again it is the same, numbers and all.
        self.window.files.save()
        self.assertEqual(read_mound(self.path).mass, self.window.document.mound.mass)

    def test_an_open_model_shows_its_edges_and_is_closed(self):
        def act(dialog):
            self.assertIn("open", dialog.found.text())
            dialog.mends["leave"].click()
            dialog.add_button.click()
        self.assertEqual(self.imported(ROOT / "softmound" / "examples" / "brioche.ply", act), 1)
        window, settings = self.window, self.window.stations["Mass"].settings
        self.assertIn("288 open edges", settings.trouble.text())
        self.assertTrue(settings.mending.isVisibleTo(settings))
        self.with_forms(self.forms()[-1])
        window.stations["Mass"].choose(0)
        self.rest()
        shot = pixels_of(window.picture.grab().toImage()).astype(int)
        rose = (np.abs(shot[::2, ::2, 0] - 0xCF) < 12) & (np.abs(shot[::2, ::2, 1] - 0x80) < 12)
        self.assertGreater(rose.sum(), 20)
        settings.close_button.click()
        self.assertEqual(len(open_edges(self.forms()[0].surface["faces"])), 0)
        self.assertFalse(settings.mending.isVisibleTo(settings))
        window.document.undo()
        settings.sheet_button.click()
        self.assertGreater(self.forms()[0].sheet, 0.5)
        self.assertTrue(settings.kinds["mesh"].controls["sheet"][1].isVisibleTo(settings))
        self.rest()

    def test_a_large_model_does_not_hold_the_window(self):
        path = self.folder / "large.ply"
        trimesh.creation.icosphere(7, 20.0).export(path)
        seen = self.dialog(ImportDialog, lambda dialog: dialog.add_button.click())
        self.window.stations["Mass"].import_file(path)
        turns = 0
        while not self.gone(seen):
            self.application.processEvents()
            turns += 1
            time.sleep(0.002)
        self.assertGreater(turns, 50)  # it is read beside the window
        self.assertEqual(len(self.forms()[-1].surface["faces"]), 327_680)
        # Its field is made beside the window as well: events go on being taken.
        turns = 0
        while not self.window.looking.painter.idle:
            self.application.processEvents()
            turns += 1
            time.sleep(0.002)
        self.assertGreater(turns, 50)

    def test_points_and_a_volume(self):
        np.savez(self.folder / "flour.npz", positions=np.random.default_rng(1).normal(size=(200, 3)) * 5.0)
        self.assertEqual(self.imported(self.folder / "flour.npz", lambda d: d.add_button.click()), 1)
        self.assertIn("200 points", self.window.stations["Mass"].settings.facts.text())
        self.rest()
        from softmound.core.engine.density import density_grid
        from softmound.core.exchange.vdb import write_vdb
        write_vdb(self.folder / "old.vdb", density_grid(lumpy_mound(), 1.0))
        def act(dialog):
            dialog.threshold.value = 0.4
            dialog.add_button.click()
        self.assertEqual(self.imported(self.folder / "old.vdb", act), 1)
        self.assertEqual((self.forms()[-1].kind, self.forms()[-1].threshold), ("volume", 0.4))
        self.rest()
        self.assertEqual(self.window.status.said.text()[:6], "lit in")

    def test_what_cannot_be_read_is_said_and_changes_nothing(self):
        before = self.window.document.mound
        (self.folder / "bad.obj").write_text("nothing\n")
        asked = self.answer("OK")
        self.window.stations["Mass"].import_file(self.folder / "bad.obj")
        self.until(lambda: asked)
        self.assertIn("no triangles", asked[0])
        self.window.stations["Mass"].import_file(self.folder / "notes.txt")
        self.assertIn("notes.txt", self.window.status.said.text())
        self.assertEqual(self.window.document.mound, before)

    def test_a_photograph_beside_and_behind(self):
        path = self.folder / "sky.png"
        Image.fromarray(np.full((40, 80, 3), (250, 20, 20), np.uint8)).save(path)
        window = self.window
        window.stations["Mass"].add_photograph(path)
        self.until(lambda: window.document.mound.references)
        self.rest()

        def colour(share_x, share_y):
            shot = window.picture.grab().toImage()
            return shot.pixelColor(int(share_x * shot.width()), int(share_y * shot.height()))
        x, y = window.document.mound.references[0].place
        self.assertGreater(colour(x, y).red() - colour(x, y).green(), 150)

        def behind(dialog):
            dialog.shown["behind"].click()
            for key, value in (("scale", 2.0), ("x", 0.5), ("y", 0.5)):
                dialog.fields[key].changed.emit(value, False)
            dialog.reject()
        self.dialog(PhotographDialog, behind)
        window.stations["Mass"].show_photograph(0)
        reference = window.document.mound.references[0]
        self.assertEqual((reference.shown, reference.scale, reference.place), ("behind", 2.0, (0.5, 0.5)))
        self.assertAlmostEqual(frame_of(reference, 600, 400).width(), 1200.0)
        cloud = [c / s for c, s in zip(self.at(self.forms()[0].centre), (window.picture.width(), window.picture.height()))]
        self.assertLess(colour(*cloud).red() - colour(*cloud).green(), 60)  # the cloud hides it
        self.assertGreater(colour(0.3, 0.06).red() - colour(0.3, 0.06).green(), 150)  # the sky does not
        self.window.files.save()
        again = read_mound(self.path)
        np.testing.assert_array_equal(again.references[0].picture["pixels"], reference.picture["pixels"])
        self.dialog(PhotographDialog, lambda dialog: dialog._remove())
        window.stations["Mass"].show_photograph(0)
        self.assertEqual(window.document.mound.references, ())


class Handling(MassTest):
    def test_turning_by_the_arc_and_in_steps(self):
        window = self.window
        self.with_forms(Blob(centre=(0.0, 20.0, 0.0), radii=(14.0, 7.0, 9.0)))
        window.document.look(window.document.mound.view.edited(azimuth=0.0, elevation=0.0))
        self.rest()
        window.stations["Mass"].choose(0)
        for modifiers, wanted in ((NONE, 40.0), (CONTROL, 45.0)):
            hand, camera = window.stations["Mass"].hand, window.picture.camera()
            start = hand.handles(camera)["turn"]
            middle = self.at(self.forms()[0].centre)
            reach = np.array([start.x() - middle[0], start.y() - middle[1]])
            turn = np.radians(-40.0)  # anticlockwise on screen, where y runs down
            end = middle + np.array([[np.cos(turn), -np.sin(turn)], [np.sin(turn), np.cos(turn)]]) @ reach
            self.drag(window.picture, (start.x(), start.y()), tuple(end), modifiers=modifiers)
            self.assertAlmostEqual(self.forms()[0].rotation[2], wanted, delta=0.2)
            self.assertEqual(window.document.undo_label, "turn form")
            window.document.undo()

    def test_one_axis_at_a_time(self):
        window = self.window
        self.with_forms(Blob(centre=(0.0, 20.0, 0.0), radii=(14.0, 7.0, 9.0), rotation=(0.0, 0.0, 30.0)))
        window.stations["Mass"].choose(0)
        for axis, name in ((0, "x"), (1, "y")):
            before = self.forms()[0]
            handle = window.stations["Mass"].hand.handles(window.picture.camera())[name]
            middle = self.at(before.centre)
            end = (middle[0] + 1.5 * (handle.x() - middle[0]), middle[1] + 1.5 * (handle.y() - middle[1]))
            self.drag(window.picture, (handle.x(), handle.y()), end)
            after = self.forms()[0]
            self.assertAlmostEqual(after.radii[axis] / before.radii[axis], 1.5, delta=0.04)
            others = [a for a in range(3) if a != axis]
            self.assertEqual([after.radii[a] for a in others], [before.radii[a] for a in others])

    def test_moving_in_steps(self):
        window = self.window
        window.stations["Mass"].choose(0)
        grid = window.stations["Mass"].hand._grid()
        x, y = self.at(self.forms()[0].centre)
        self.drag(window.picture, (x, y), (x + 37, y - 23), modifiers=CONTROL)
        moved = np.array(self.forms()[0].centre)
        np.testing.assert_allclose(moved / grid, np.round(moved / grid), atol=1e-3)

    def test_a_box_picks_and_the_group_moves_together(self):
        window = self.window
        self.with_forms(*(Blob(name=f"B{n}", centre=(x, 20.0, 0.0), radii=(4.0,) * 3)
                          for n, x in enumerate((-20.0, 0.0, 20.0))))
        first, second = self.at((-28.0, 30.0, 0.0)), self.at((7.0, 10.0, 0.0))
        self.drag(window.picture, first, second)
        self.assertEqual(set(window.stations["Mass"].picked), {0, 1})
        before = self.forms()
        x, y = self.at((0.0, 20.0, 0.0))
        self.drag(window.picture, (x, y), (x + 40, y - 20))
        steps = [np.subtract(now.centre, then.centre) for now, then in zip(self.forms(), before)]
        np.testing.assert_allclose(steps[0], steps[1], atol=1e-3)
        self.assertGreater(np.linalg.norm(steps[0]), 1.0)
        self.assertEqual(steps[2].tolist(), [0.0, 0.0, 0.0])
        self.assertEqual(window.document.undo_label, "move forms")
        self.key(Qt.Key.Key_A, CONTROL)
        self.assertEqual(len(window.stations["Mass"].picked), 3)
        self.click(window.picture, self.at((0.0, 60.0, 0.0)))
        self.assertEqual(window.stations["Mass"].picked, ())
        # Shift takes one more, and lets it go again.
        for _ in range(2):
            QTest.mouseClick(window.picture, Qt.MouseButton.LeftButton, SHIFT, QPointF(*self.at((20.0, 20.0, 0.0))).toPoint())
        self.assertEqual(window.stations["Mass"].picked, ())

    def test_what_is_locked_stays(self):
        window = self.window
        window.stations["Mass"].choose(0)
        window.stations["Mass"].settings.locked.click()
        before = self.forms()
        x, y = self.at(before[0].centre)
        self.drag(window.picture, (x, y), (x + 40, y))
        self.assertEqual(self.forms(), before)
        self.assertIn("locked", window.status.said.text())
        self.assertEqual(window.stations["Mass"].hand.handles(window.picture.camera()), {})

    def test_linked_mirrored_and_plain_copies(self):
        window = self.window
        window.stations["Mass"].choose(1)
        self.choose_from(window.stations["Mass"].tray.copy, "Linked copy")
        window.stations["Mass"].settings.roles["carves"].click()
        self.assertEqual([self.forms()[n].role for n in (1, 3)], ["carves", "carves"])
        self.assertIn("Linked with another: editing one edits both.", window.stations["Mass"].settings.linked.text())
        window.stations["Mass"].settings.unlink.click()
        window.stations["Mass"].settings.roles["adds"].click()
        self.assertEqual([self.forms()[n].role for n in (1, 3)], ["carves", "adds"])
        window.stations["Mass"].choose(0)
        self.choose_from(window.stations["Mass"].tray.copy, "Mirror copy across x = 0")
        x, y, z = self.forms()[0].centre
        self.assertEqual(self.forms()[-1].centre, (-x, y, z))
        self.rest()

    def test_parts_of_a_form_come_and_go(self):
        window, settings = self.window, self.window.stations["Mass"].settings
        window.stations["Mass"].choose(0)
        for part in ("coat", "rough", "base", "top"):
            settings.has[part].click()
            self.assertIsNotNone(getattr(self.forms()[0], part), part)
        self.assertTrue(self.forms()[0].top.on)
        settings.parts["coat"].controls["radius"].changed.emit(3.0, False)
        self.assertEqual(self.forms()[0].coat, Coat(radius=3.0))
        settings.parts["rough"].controls["anchor"].click()
        self.assertEqual(self.forms()[0].rough.anchor, "sky")
        self.rest()
        for part in ("coat", "rough", "base", "top"):
            settings.has[part].click()
        self.assertEqual(self.forms()[0], self.mound.mass.forms[0])

    def test_the_base_is_filled_by_its_number(self):
        station = self.window.stations["Mass"]
        two = tuple(Blob(centre=(x, 20.0, 0.0), radii=(18.0,) * 3) for x in (-24.0, 24.0))
        station.document.apply("two", lambda mound: mound.edited(mass=mound.mass.edited(forms=two)))
        station.edit_level("base", "base level", on=True, altitude=20.0)
        self.rest()
        before = float((self.window.looking.grid.values > 0.0).sum())
        station.settings.levels["base"].controls["fill"].changed.emit(60.0, False)
        self.assertEqual(self.window.document.mound.mass.base.fill, 60.0)
        self.rest()
        self.assertGreater(float((self.window.looking.grid.values > 0.0).sum()), 1.02 * before)
        self.window.document.undo()
        self.assertEqual(self.window.document.mound.mass.base.fill, 0.0)

    def test_make_mesh(self):
        window = self.window
        window.stations["Mass"].pick((0, 2))
        window.stations["Mass"].tray.mesh.click()
        self.until(lambda: window.jobs.job is None)
        self.assertEqual([f.kind for f in self.forms()], ["mesh", "blob"])
        self.assertEqual(len(open_edges(self.forms()[0].surface["faces"])), 0)
        self.rest()
        window.document.undo()
        self.assertEqual(self.forms(), self.mound.mass.forms)


class Sculpting(MassTest):
    def setUp(self):
        super().setUp()
        made = trimesh.creation.icosphere(3, 14.0)
        mesh = Mesh(name="Dough", centre=(0.0, 20.0, 0.0), surface=Arrays(
            vertices=made.vertices.astype(np.float32), faces=made.faces.astype(np.int32)))
        self.with_forms(mesh, Blob(name="Side", centre=(26.0, 20.0, 0.0), radii=(8.0,) * 3))
        self.window.stations["Mass"].change_brush(radius=6.0, strength=0.8)

    def stroke(self, start, end, **how):
        """Draw from one place of the world to another."""
        self.drag(self.window.picture, self.at(start), self.at(end), **how)

    def test_each_tool_on_a_mesh_by_its_button(self):
        window = self.window
        plain, _ = triangles(self.forms()[0])
        for tool in ("drag", "swell", "ease", "press", "roughen"):
            window.picture.tools.buttons[tool].click()
            self.assertEqual(window.stations["Mass"].tool, tool)
            self.stroke((0.0, 20.0, 14.0), (6.0, 24.0, 12.0))
            form = self.forms()[0]
            self.assertEqual([s.tool for s in form.strokes], [tool])
            now, _ = triangles(form)
            moved = np.abs(now[: len(plain)] - plain).max()
            self.assertGreater(moved, 0.05 if tool != "ease" else 0.005, tool)
            far = np.linalg.norm(plain - (3.0, 2.0, 13.0), axis=1) > 16.0
            np.testing.assert_allclose(now[: len(plain)][far], plain[far], atol=1e-9)
            self.assertEqual(window.document.undo_label, f"{tool} stroke")
            window.document.undo()
            self.assertEqual(self.forms()[0].strokes, ())

    def test_dab_and_scoop_leave_trails_and_can_be_taken_away(self):
        window = self.window
        window.picture.tools.buttons["dab"].click()
        window.stations["Mass"].change_brush(radius=2.5)
        self.stroke((-6.0, 22.0, 12.0), (6.0, 22.0, 12.0))
        self.stroke((-6.0, 18.0, 12.0), (6.0, 18.0, 12.0))
        window.picture.tools.buttons["scoop"].click()
        self.stroke((-4.0, 26.0, 11.0), (4.0, 26.0, 11.0))
        self.assertEqual([f.kind for f in self.forms()], ["mesh", "blob", "trail", "trail"])
        self.assertEqual([f.role for f in self.forms()[2:]], ["adds", "carves"])
        self.assertEqual(len(self.forms()[2].dabs), 2)
        self.rest()
        settings = window.stations["Mass"].settings
        rows = [settings._stroke_rows.itemAt(n).widget() for n in range(settings._stroke_rows.count())]
        self.assertEqual(len(rows), 3)
        rows[0].findChild(type(settings.unlink)).click()
        self.assertEqual(len(self.forms()[2].dabs), 1)
        window.document.undo()
        self.assertEqual(len(self.forms()[2].dabs), 2)
        self.window.files.save()
        self.assertEqual(read_mound(self.path).mass, window.document.mound.mass)

    def test_a_blob_under_the_brush_swells_and_alt_shrinks_it(self):
        window = self.window
        self.key(Qt.Key.Key_S)
        self.assertEqual(window.stations["Mass"].tool, "swell")
        self.stroke((26.0, 20.0, 8.0), (27.0, 20.0, 8.0))
        self.assertGreater(sculpted(self.forms()[1]).radii[0], 8.5)
        self.stroke((26.0, 20.0, 8.0), (27.0, 20.0, 8.0), modifiers=ALT)
        self.assertEqual(self.forms()[1].strokes[1].strength, -self.forms()[1].strokes[0].strength)
        self.key(Qt.Key.Key_Escape)
        self.assertEqual(window.stations["Mass"].tool, "")

    def test_symmetry_and_only_what_is_chosen(self):
        window = self.window
        window.stations["Mass"].choose(0)
        window.stations["Mass"].take("swell")
        window.stations["Mass"].settings.symmetry["x"].click()
        self.stroke((8.0, 20.0, 11.5), (8.0, 22.0, 11.2))
        vertices, _ = triangles(self.forms()[0])
        out = np.linalg.norm(vertices, axis=1)
        sides = [out[vertices[:, 0] * sign > 3.0].max() for sign in (1.0, -1.0)]
        self.assertAlmostEqual(sides[0], sides[1], delta=0.15)
        self.assertGreater(sides[0], 15.0)
        self.assertEqual(self.forms()[1].strokes, ())
        self.assertEqual(len(window.stations["Mass"].hand.ring(window.picture.camera())), 2)

    def test_a_stroke_in_the_air_is_said(self):
        self.window.stations["Mass"].take("dab")
        before = self.window.document.mound
        self.stroke((0.0, 60.0, 0.0), (5.0, 60.0, 0.0))
        self.assertEqual(self.window.document.mound, before)
        self.assertIn("nothing under the brush", self.window.status.said.text())

    def pen(self, kind, at, pressure, tilt=(0.0, 0.0)):
        """Send one event of a pen."""
        picture = self.window.picture
        device = QPointingDevice("pen", 7, QInputDevice.DeviceType.Stylus, QPointingDevice.PointerType.Pen,
                                 QInputDevice.Capability.Pressure | QInputDevice.Capability.Position, 1, 1)
        self._device = device
        held = Qt.MouseButton.NoButton if kind == QEvent.Type.TabletRelease else Qt.MouseButton.LeftButton
        event = QTabletEvent(kind, device, QPointF(*at), QPointF(picture.mapToGlobal(QPointF(*at))), pressure, *tilt,
                             0.0, 0.0, 0.0, NONE, Qt.MouseButton.LeftButton, held)
        QApplication.sendEvent(picture, event)
        self.application.processEvents()

    def test_a_pen_presses(self):
        self.window.stations["Mass"].take("dab")
        self.window.stations["Mass"].change_brush(radius=2.0)
        places = [(-6.0 + 3.0 * n, 20.0, 13.0) for n in range(5)]
        self.pen(QEvent.Type.TabletPress, self.at(places[0]), 0.2)
        for n, place in enumerate(places[1:]):
            self.pen(QEvent.Type.TabletMove, self.at(place), 0.4 + 0.2 * n)
        self.pen(QEvent.Type.TabletRelease, self.at(places[-1]), 0.0)
        path = self.forms()[-1].dabs[0].path
        self.assertEqual(len(path), 5)
        np.testing.assert_allclose([p[3] for p in path], [0.2, 0.4, 0.6, 0.8, 1.0], atol=1e-3)
        self.assertFalse(self.window.document.moving)

    def test_a_pen_that_lies_flat_is_wider(self):
        self.window.stations["Mass"].take("dab")
        self.window.stations["Mass"].change_brush(radius=2.0)
        wide = []
        for tilt in ((0.0, 0.0), (18.0, 24.0), (60.0, 60.0)):  # 30 degrees is half of the way
            self.pen(QEvent.Type.TabletPress, self.at((0.0, 20.0, 13.0)), 0.5, tilt)
            self.pen(QEvent.Type.TabletRelease, self.at((0.0, 20.0, 13.0)), 0.0, tilt)
            wide.append(self.forms()[-1].dabs[-1].radius)
        np.testing.assert_allclose(wide, [2.0, 3.0, 4.0], rtol=0.02)
        self.assertEqual(self.window.stations["Mass"].brush.radius, 2.0)
        self.assertEqual(self.window.picture.hand.tilt, 0.0)

    def test_the_ring_lies_on_the_surface_with_its_radius(self):
        window = self.window
        window.stations["Mass"].take("press")
        self.mouse(window.picture, QEvent.Type.MouseMove, self.at((0.0, 20.0, 14.0)), buttons=Qt.MouseButton.NoButton)
        ring = window.stations["Mass"].hand.ring(window.picture.camera())[0]
        middle = self.at((0.0, 20.0, 14.0))
        per_metre = window.picture.camera().pixel((0.0, 20.0, 14.0))[2]
        away = np.hypot(ring[:, 0] - middle[0], ring[:, 1] - middle[1])
        self.assertAlmostEqual(away.max() / per_metre, 6.0, delta=0.7)

    def test_both_ways_of_looking_at_once(self):
        self.rest()
        lit = self.pixels()
        self.window.looking.look("clay")
        self.rest()
        clay = self.pixels()
        self.window.looking.look("both")
        self.rest()
        both = self.pixels()
        middle = both.shape[1] // 8 * 4
        np.testing.assert_array_equal(both[:, : middle - 4], clay[:, : middle - 4])
        np.testing.assert_array_equal(both[:, middle + 4 :], lit[:, middle + 4 :])
        self.assertEqual(degrees_of(np.eye(3)), (0.0, 0.0, 0.0))


class Opening(unittest.TestCase):
    def test_a_mound_of_the_first_format_opens_with_its_blobs(self):
        import json
        import tempfile
        import zipfile

        from softmound.core.recipe import mound_json
        mound = lumpy_mound()
        data = json.loads(mound_json(mound))
        data["format"] = 1
        data["mass"]["blobs"] = [{k: f[k] for k in ("name", "centre", "radii", "rotation", "role", "melt", "hidden", "buds")}
                                 for f in data["mass"].pop("forms")]
        del data["references"]
        with tempfile.TemporaryDirectory() as folder:
            path = pathlib.Path(folder) / "old.mound"
            with zipfile.ZipFile(path, "w") as archive:
                archive.writestr("mound.json", json.dumps(data))
            self.assertEqual(read_mound(path), mound.edited(voxels=mound.voxels.edited(crumbs=0.0)))

    def test_arrays_are_kept_checked_and_refused_when_damaged(self):
        import tempfile
        import zipfile

        from softmound.core.recipe import Problem
        made = trimesh.creation.icosphere(2, 5.0)
        surface = Arrays(vertices=made.vertices.astype(np.float32), faces=made.faces.astype(np.int32))
        mound = lumpy_mound()
        mound = mound.edited(mass=mound.mass.edited(forms=(Mesh(surface=surface), Mesh(name="Twin", surface=surface))))
        with tempfile.TemporaryDirectory() as folder:
            path = pathlib.Path(folder) / "mesh.mound"
            write_mound(path, mound)
            again = read_mound(path)
            self.assertEqual(again, mound)
            np.testing.assert_array_equal(again.mass.forms[1].surface["faces"], made.faces)
            first = path.read_bytes()
            write_mound(path, again)
            self.assertEqual(path.read_bytes(), first)
            with zipfile.ZipFile(path) as archive:
                members = {n: archive.read(n) for n in archive.namelist()}
            arrays = [n for n in members if n.startswith("arrays/")]
            self.assertEqual(len(arrays), 2)
            for change, word in ((lambda m: m.pop(arrays[0]), "damaged"),
                                 (lambda m: m.update({arrays[0]: m[arrays[0]][:-4] + b"\x00\x00\x80\x3f"}), "damaged"),
                                 (lambda m: [m.pop(a) for a in arrays], "not in the file"),
                                 (lambda m: m.update({"arrays/../x.npy": b""}), "outside")):
                other = dict(members)
                change(other)
                with zipfile.ZipFile(path, "w") as archive:
                    for name, content in other.items():
                        archive.writestr(name, content)
                with self.assertRaises(Problem) as caught:
                    read_mound(path)
                self.assertIn(word, str(caught.exception))


if __name__ == "__main__":
    unittest.main()
