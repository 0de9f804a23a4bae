"""A photograph at the desk: read, put right by hand, blocked in, brought near, compared; and an outline drawn with the pen."""

import numpy as np
from PIL import Image
from PyQt6.QtCore import QEvent, QRectF

from softmound.core.engine.density import density_grid
from softmound.core.light.scene.camera import camera_of
from softmound.core.photograph import sunlight
from softmound.core.photograph.blocking import overlap_of
from softmound.core.photograph.making import reference_of
from softmound.core.photograph.reading import Photograph
from softmound.core.photograph.seen import opacity_of
from softmound.core.recipe import Arrays, Mass, Reference
from softmound.desk.dialogs import near_dialog
from softmound.desk.dialogs.near_dialog import NearDialog
from softmound.desk.dialogs.reading_dialog import ReadingDialog
from softmound.desk.dialogs.wall_dialog import WallDialog
from softmound.desk.view.comparing import edge_of
from softmound.desk.view.photographs import PhotographDialog
from tests.desk import LEFT, DeskTest
from tests.photographed import MASK, PIXELS, READ, blocked, lumps, sky, with_cloud

FEW, SUNS = 64, ((-120, 0, 60), (20.0, 45.0))
"""Pixels along the cloud in searches here, and suns that are tried: what is tested is the same, and takes less time."""


class FewSuns(DeskTest):
    """With fewer suns to try."""

    def setUp(self):
        super().setUp()
        for name, few in zip(("AZIMUTHS", "ELEVATIONS"), SUNS):
            before = getattr(sunlight, name)
            setattr(sunlight, name, few)
            self.addCleanup(setattr, sunlight, name, before)


class Reads(FewSuns):
    def opened(self, pixels=PIXELS, reading=None):
        """The dialog on a photograph, shown beside the window, once its outline is found."""
        reference = Reference(name="Tower", picture=Arrays(pixels=pixels), reading=reading)
        dialog = ReadingDialog(reference, 85.0, self.window)
        self.addCleanup(dialog.reject)
        dialog.show()
        self.until(lambda: dialog._reading is not None or dialog._job is None)
        return dialog

    def at(self, dialog, column, row):
        """Where a pixel of the photograph lies on the canvas."""
        box = dialog.canvas.box()
        return box.left() + column / 320 * box.width(), box.top() + row / 200 * box.height()

    def mask(self, dialog):
        return dialog._reading.outline["pixels"] > 127

    def test_the_outline_is_found_and_put_right_with_a_brush(self):
        dialog = self.opened()
        self.assertGreater(overlap_of(self.mask(dialog), MASK), 0.97)
        self.assertEqual(dialog.fields.controls["focal"].value, 85.0)
        self.click(dialog.tools["sky"])
        dialog.brush.set(20.0)
        dialog.brush.changed.emit(20.0, False)
        self.drag(dialog.canvas, self.at(dialog, 240, 100), self.at(dialog, 270, 140))
        self.until(lambda: not self.mask(dialog)[100:140, 240:260].any())
        self.assertTrue(self.mask(dialog)[100, 130])
        dialog.forget.click()
        self.until(lambda: overlap_of(self.mask(dialog), MASK) > 0.97)

    def test_clouds_are_picked_and_lines_are_dragged(self):
        small, large = lumps(balls=((60, 60, 22),)), lumps(balls=((220, 100, 45),))
        dialog = self.opened(with_cloud(sky(horizon=0.9), small | large))
        self.assertFalse(self.mask(dialog)[60, 60])
        self.click(dialog.canvas, self.at(dialog, 60, 60))
        self.assertTrue(self.mask(dialog)[60, 60])
        self.assertTrue(self.mask(dialog)[100, 220])
        self.click(dialog.canvas, self.at(dialog, 220, 100))
        self.assertFalse(self.mask(dialog)[100, 220])
        self.assertAlmostEqual(dialog._reading.horizon, 0.9, delta=0.03)
        self.drag(dialog.canvas, self.at(dialog, 20, 200 * dialog._reading.horizon), self.at(dialog, 20, 160))
        self.assertAlmostEqual(dialog._reading.horizon, 0.8, delta=0.01)
        self.click(dialog.canvas, self.at(dialog, 60, 60))
        self.assertIn("No cloud", dialog.said.text())
        self.assertIsNone(dialog._reading)
        dialog._take()
        self.assertIsNone(dialog.mound)

    def test_an_empty_sky_says_what_to_do(self):
        dialog = self.opened(sky().astype(np.uint8))
        self.until(lambda: "paint over" in dialog.said.text())
        self.assertFalse(dialog.fields.isEnabled())

    def test_a_mound_of_it_with_the_sun_that_was_chosen(self):
        dialog = self.opened(reading=READ)
        self.until(lambda: dialog._blocked is not None)
        self.assertIn("of both outlines in common", dialog.said.text())
        self.until(lambda: dialog._lit)
        self.assertTrue(dialog.suns[0].isVisible())
        self.click(dialog.suns[1])
        sun = dialog._lit[1][0]
        dialog.take.click()
        self.assertEqual((dialog.mound.light.sun.azimuth, dialog.mound.light.sun.elevation), (sun.azimuth, sun.elevation))
        self.assertEqual(dialog.mound.references[0].reading, READ)

    def test_asked_for_before_it_is_there_it_comes_when_it_is(self):
        dialog = self.opened(reading=READ)
        dialog.take.click()
        self.assertIsNone(dialog.mound)
        self.until(lambda: dialog.mound is not None)
        self.assertFalse(dialog.isVisible())


class Blocks(FewSuns):
    def reference(self):
        return reference_of(Photograph(PIXELS, READ), "Tower")

    def test_from_a_file_to_a_new_mound(self):
        path = self.folder / "Tower.png"
        Image.fromarray(PIXELS).save(path)
        self.dialog(WallDialog, lambda dialog: dialog.photograph.click())
        self.dialog(ReadingDialog, lambda dialog: dialog.take.click())
        files = self.window.files
        ask, files.choose_photograph = files.choose_photograph, lambda: ask(path)
        self.addCleanup(delattr, files, "choose_photograph")
        files.choose_new()
        self.until(lambda: self.window.document.mound.name == "Tower")
        self.assertIsNone(self.window.document.path)
        self.assertEqual(len(self.window.document.mound.references), 1)
        self.rest()

    def test_one_step_of_history_and_the_rest_of_the_mound_stays(self):
        mass, document = self.window.stations["Mass"], self.window.document
        before = document.mound
        self.dialog(ReadingDialog, lambda dialog: dialog.take.click())
        mass.block_in(self.reference())
        after = document.mound
        self.assertEqual((after.name, after.views), (before.name, before.views))
        self.assertEqual(after.view.aspect, 1.6)
        self.assertNotEqual(after.mass, before.mass)
        document.undo()
        self.assertEqual(document.mound, before)

    def test_the_reference_s_dialog_leads_on(self):
        mass, document = self.window.stations["Mass"], self.window.document
        document.apply("add", lambda mound: mound.edited(references=(self.reference(),)))
        called = []
        mass.block_in = lambda reference, focal=None: called.append(reference)
        self.addCleanup(delattr, mass, "block_in")
        self.dialog(PhotographDialog, lambda dialog: next(iter(dialog.more.values())).click())
        mass.show_photograph(0)
        self.assertEqual(called, [document.mound.references[0]])

    def test_without_a_photograph_there_is_nothing_to_bring_near(self):
        said = []
        self.window.services.said.connect(said.append)
        self.window.stations["Mass"].bring_near()
        self.assertIn("Block in the cloud of a photograph first", said[0])


class Nears(DeskTest):
    def setUp(self):
        super().setUp()
        along, near_dialog.Beside = near_dialog.Beside, lambda photograph: along(photograph, FEW)
        self.addCleanup(setattr, near_dialog, "Beside", along)
        photograph, mound, _ = blocked()
        self.photograph = photograph
        self.begun = mound.edited(references=(reference_of(photograph, "Tower"),))
        self.window.document.apply("begin", lambda _: self.begun)

    def test_better_ones_come_and_the_one_that_is_clicked_is_taken(self):
        def act(dialog):
            self.until(lambda: len(dialog.candidates) > 1)
            dialog.stop()
            self.until(lambda: dialog._job is None)
            self.assertEqual(dialog.list.count(), len(dialog.candidates))
            self.assertIn("Likeness", dialog.likeness.text())
            dialog.list.setCurrentRow(0)
            self.taken = dialog.candidates[-1].mound
            dialog.take.click()

        self.dialog(NearDialog, act)
        self.window.stations["Mass"].bring_near()
        mound = self.window.document.mound
        self.assertEqual((mound.mass, mound.grains, mound.light), (self.taken.mass, self.taken.grains, self.taken.light))
        self.assertEqual(mound.references, self.begun.references)
        self.window.document.undo()
        self.assertEqual(self.window.document.mound, self.begun)

    def test_locks_and_going_on(self):
        dialog = NearDialog(self.photograph, self.begun.edited(references=()), parent=self.window)
        self.addCleanup(dialog.reject)
        dialog.show()
        self.until(lambda: dialog.candidates)
        for box in dialog.locks.values():
            box.setChecked(True)
        tried = dialog._tried
        self.until(lambda: dialog._tried > tried + 3)
        self.assertTrue(all(one.mound.light == self.begun.light for one in dialog.candidates[-1:]))
        dialog.search.click()
        self.until(lambda: dialog._job is None)
        self.assertEqual(dialog.search.text(), "Search on")
        dialog.search.click()
        self.assertEqual(dialog.search.text(), "Stop")
        dialog.reject()
        self.assertIsNone(dialog.mound)

    def test_outline_over_outline_with_a_number_and_words(self):
        snapshots, picture = self.window.stations["Light"].snapshots, self.window.picture
        snapshots.compare_photograph(0)
        comparison = picture.comparison
        self.assertEqual(comparison.by, "outlines")
        self.until(lambda: comparison.said)
        self.assertRegex(comparison.said, r"Likeness 0\.[89]\d, 9\d % in common")
        self.rest()
        shown = picture.grab().toImage()
        colours = {shown.pixelColor(x, y).name() for x in range(0, shown.width()) for y in range(60, shown.height(), 3)}
        self.assertTrue({"#dcb765", "#8fb4d6"} <= colours, "both outlines are drawn")
        said = comparison.said
        self.window.document.apply("lower", lambda mound: mound.edited(mass=mound.mass.edited(
            forms=tuple(form.edited(radii=(form.radii[0], 0.6 * form.radii[1], form.radii[2])) for form in mound.mass.forms))))
        self.until(lambda: comparison.said != said)
        self.assertIn("lower by", comparison.said)
        snapshots.end()
        self.assertIsNone(picture.comparison)

    def test_it_is_looked_at_as_it_was_taken_and_ends_with_the_photograph(self):
        snapshots, document = self.window.stations["Light"].snapshots, self.window.document
        document.look(document.mound.view.edited(azimuth=70.0))
        snapshots.compare_photograph(0)
        self.assertEqual(document.mound.view, self.photograph.standing.view)
        comparison = self.window.picture.comparison
        # As wide as the camera sees it, in a picture of any shape.
        for wide, tall in ((1280, 800), (800, 800), (2000, 500)):
            box = comparison._whole(comparison.left, comparison.left.outline, QRectF(0, 0, wide, tall))
            camera, own = camera_of(self.photograph.standing.view, wide, tall), self.photograph.standing.camera
            self.assertAlmostEqual(box.width(), own.width * own.spread / camera.spread, delta=1e-6 * wide)
        document.apply("remove", lambda mound: mound.edited(references=()))
        self.assertIsNone(self.window.picture.comparison)

    def test_an_edge_is_where_an_area_ends(self):
        area = np.zeros((20, 30), bool)
        area[5:15, 10:20] = True
        edge = edge_of(area, (1, 2, 3, 255))
        drawn = edge[..., 3] > 0
        self.assertEqual(drawn[10].nonzero()[0].tolist(), [9, 10, 19, 20])
        self.assertTrue((edge[drawn] == (1, 2, 3, 255)).all())
        self.assertFalse(edge[~drawn].any())


class Draws(DeskTest):
    def test_a_silhouette_in_the_empty_picture_and_its_side(self):
        document, mass, picture = self.window.document, self.window.stations["Mass"], self.window.picture
        document.apply("empty", lambda mound: mound.edited(mass=Mass(), view=mound.view.edited(elevation=-6.0)))
        said = []
        self.window.services.said.connect(said.append)
        mass.draw_outline()
        self.assertIn("Draw the outline", said[-1])
        self.drag(picture, (300, 300), (302, 300), steps=2)
        self.assertIn("no outline", said[-1])
        middle, angles = (picture.width() / 2, 300.0), np.linspace(0.0, 2.0 * np.pi, 40)
        points = [(middle[0] + 180 * np.cos(a), middle[1] - 110 * np.sin(a)) for a in angles]
        self.line(picture, points)
        self.until(lambda: document.mound.mass.forms and not self.window.jobs.busy)
        self.assertRegex(said[-1], r"9\d % of the cloud")
        mound = document.mound
        camera = picture.camera().smaller(200)
        seen = opacity_of(density_grid(mound, 2.0), camera, mound.light.medium.extinction) > 0.5
        self.assertAlmostEqual(np.ptp(np.nonzero(seen)[1]) / 200 * picture.width(), 360, delta=40)
        self.assertGreater(mound.light.medium.extinction, 0.3, "as dense as a start")
        # From its right, half as deep.
        document.look(mound.view.edited(azimuth=90.0))
        now = opacity_of(density_grid(mound, 2.0), picture.camera().smaller(200), mound.light.medium.extinction) > 0.5
        deep = np.ptp(np.nonzero(now)[1])
        mass.draw_outline()
        self.assertIn("Turn the cloud", said[-1])
        self.line(picture, [(middle[0] + 60 * np.cos(a), middle[1] - 110 * np.sin(a)) for a in angles])
        self.until(lambda: document.mound.mass != mound.mass and not self.window.jobs.busy)
        mound = document.mound
        now = opacity_of(density_grid(mound, 2.0), picture.camera().smaller(200), mound.light.medium.extinction) > 0.5
        self.assertLess(np.ptp(np.nonzero(now)[1]), 0.8 * deep)

    def line(self, picture, points):
        """Draw along points."""
        self.mouse(picture, QEvent.Type.MouseButtonPress, points[0])
        for point in points[1:]:
            self.mouse(picture, QEvent.Type.MouseMove, point)
        hand = self.window.stations["Mass"].hand
        self.assertGreater(len(hand._path), 20)
        picture.grab()
        self.mouse(picture, QEvent.Type.MouseButtonRelease, points[-1], LEFT)

