"""The one gate of edits: every control driven to both ends of its range and past every limit, and what is refused."""

import math
import unittest
import unittest.mock

import numpy as np
from PyQt6.QtWidgets import QAbstractButton, QComboBox

from softmound.core.fill.steps.grow import Grow
from softmound.core.grain.actions.nibble import Nibble
from softmound.core.grain.actions.push import Push
from softmound.core.grain.masks.height import ByHeight
from softmound.core.mass.kinds.blob import Blob
from softmound.core.mass.kinds.mesh import Mesh
from softmound.core.mass.kinds.points import Points
from softmound.core.mass.kinds.solid import Solid
from softmound.core.mass.kinds.trail import Trail
from softmound.core.mass.kinds.volume import Volume
from softmound.core.recipe import Arrays, Dabs, Lamp, LowerSkin, Mound, Paint, Patch, Ramp, Reference, Warp
from softmound.core.recipe.grains import ACTIONS, MASKS
from softmound.core.recipe.places import changed, put, without
from softmound.core.recipe.steps import STEPS
from softmound.desk.documents.mound import MoundDocument
from softmound.desk.fields.controls import NumberField
from tests.desk import DeskTest, application
from tests.long import long
from tests.scenes import lumpy_mound, missing, tetrahedron
from tests.test_graph import GRID

LEAVING = ("Change folder…", "Open a picture…", "Publish", "Publish…", "Publish this mound", "Build final", "By place and time…",
           "From a file…", "Siblings…", "Against nature…", "Stop")
"""Buttons that ask the system or start work; they have tests of their own."""


def full_mound():
    """A mound that has one of everything a control can be shown for."""
    mound = lumpy_mound()
    masks, first = missing(MASKS, ()), (Push(), Nibble())
    forms = (Blob(), Solid(shape="cone"), Mesh(surface=tetrahedron(), sheet=1.0),
             Points(cloud=Arrays(positions=np.zeros((3, 3), np.float32))), Trail(dabs=(Dabs(path=((0.0, 0.0, 0.0, 1.0),)),)),
             Volume(grid=Arrays(**GRID)))
    medium = mound.light.medium.edited(tint_by=Ramp(), glow_by=Ramp())
    return mound.edited(
        mass=mound.mass.edited(forms=forms), steps=missing(STEPS, ()), patches=(Patch(), Patch(by="curve", where=(ByHeight(),))),
        grains=(Push(warp=Warp(), where=masks[:5]), Nibble(where=masks[5:]), *missing(ACTIONS, first)),
        skin=mound.skin.edited(below=LowerSkin(), shell=5.0, tone=mound.skin.curve),
        light=mound.light.edited(lamps=(Lamp(),), medium=medium))


class Controls(DeskTest):
    """The window without its painter: what is tested is the recipe."""

    def setUp(self):
        super().setUp()
        quiet = unittest.mock.patch.object(self.window.looking, "ask")
        quiet.start()
        self.addCleanup(quiet.stop)
        self.window.document.apply("everything", lambda _: full_mound())

    def places(self):
        """Every station, with each form, grain and lamp chosen in turn, and how it was reached."""
        window = self.window
        for number in range(len(window.document.mound.mass.forms)):
            window.open_station("Mass")
            window.stations["Mass"].choose(number)
            yield f"form {number}", window.stations["Mass"].settings
            window.stations["Mass"].choose(None)
        window.stations["Mass"].take("swell")
        yield "brush", window.stations["Mass"].settings
        window.stations["Mass"].take("dab")
        yield "dabs", window.stations["Mass"].settings
        window.stations["Mass"].take("")
        window.open_station("Voxels")
        yield "voxels", window.stations["Voxels"].settings
        window.open_station("Grain")
        for number in range(len(window.document.mound.grains)):
            window.stations["Grain"].choose(number)
            yield f"grain {number}", window.stations["Grain"].settings
        window.open_station("Light")
        window.stations["Light"].lamp = None
        window.stations["Light"].choose_lamp(0)
        for sky in ("gradient", "air", "plain"):
            window.stations["Light"].edit_part("sky", "sky", kind=sky)
            yield f"light, {sky}", window.stations["Light"].settings
        for phase in ("two lobes", "droplets"):
            window.stations["Light"].edit_part("medium", "phase", phase=phase)
            yield f"light, {phase}", window.stations["Light"].settings

    def whole(self):
        """The recipe is one that a file may hold."""
        mound = self.window.document.mound
        arrays = {a.key: a for a in mound.arrays()}
        self.assertEqual(Mound.model_validate(mound.model_dump(mode="json"), context={"arrays": arrays}), mound)

    @long
    def test_every_number_at_both_ends_and_past_every_limit(self):
        seen = set()
        for place, panel in self.places():
            for number, field in enumerate(panel.findChildren(NumberField)):
                if not field.isVisible() or not field.isEnabled():
                    continue
                seen.add((place.split()[0], field.accessibleName(), number))
                for text in (repr(field.low), repr(field.high), "1e30", "-1e30", "nan", "inf", "loaf", "", "0",
                             repr(field.track_low), repr(field.track_high)):
                    with self.subTest(place, field=field.accessibleName(), text=text):
                        field.type(text)
                        if field._editor is not None:
                            field._editor.editingFinished.emit()
                        self.assertTrue(field.low <= field.value <= field.high and math.isfinite(field.value))
                self.window.document.undo()
            self.whole()
        self.assertGreater(len(seen), 100)

    @long
    def test_every_choice_and_switch(self):
        seen = 0
        for _place, panel in self.places():
            for combo in panel.findChildren(QComboBox):
                for at in range(combo.count()) if combo.isVisible() and combo.isEnabled() else ():
                    if not combo.itemText(at).startswith("A picture"):
                        combo.setCurrentIndex(at)
                        combo.activated.emit(at)
                        seen += 1
            for button in panel.findChildren(QAbstractButton):
                if button.isVisible() and button.isEnabled() and button.text() not in LEAVING and "Remove" not in button.text() \
                        and button.text() != "Moves…":
                    if getattr(button, "menu", lambda: None)() is None:
                        button.click()
                        button.click() if button.isVisible() and button.isCheckable() else None
                        seen += 1
            self.whole()
            self.window.document.apply("everything", lambda _: full_mound())
        self.assertGreater(seen, 120)

    def test_a_switch_that_would_break_a_patch_is_refused_and_shown_as_it_is(self):
        self.window.open_station("Grain")
        document, group = self.window.document, self.window.stations["Grain"].settings.patches.groups[0]
        document.apply("patch", lambda m: changed(m, ("patches", 0), by="add", value=-1.0))
        before = document.mound
        group.fields.controls["by"].activated.emit(0)
        self.assertIs(document.mound, before)
        self.assertEqual(document.undo_label, "patch")
        self.assertIn("from 0 on", self.window.status.said.text())
        self.assertEqual(group.fields.controls["by"].currentIndex(), 1)


class Gate(unittest.TestCase):
    def setUp(self):
        application()
        self.document = MoundDocument()
        self.addCleanup(self.document.close)
        self.document.open(lumpy_mound())
        self.said = []
        self.document.refused.connect(self.said.append)

    def refused(self, words, change):
        before, undo = self.document.mound, self.document.undo_label
        self.assertFalse(self.document.apply("odd", change))
        self.assertIs(self.document.mound, before)
        self.assertEqual(self.document.undo_label, undo)
        sentence = self.said.pop()
        self.assertTrue(sentence.startswith("Not done: ") and sentence.endswith("."), sentence)
        self.assertIn(words, sentence)

    def test_more_of_a_kind_than_there_may_be(self):
        stroke = Paint(path=((0.0, 0.0, 0.0, 1.0),))
        self.document.apply("patch", lambda m: m.edited(patches=(Patch(shape="paint", strokes=(stroke,) * 500),)))
        self.refused("at most 500", lambda m: changed(m, ("patches", 0), strokes=(stroke,) * 501))
        for place, thing, most in ((("light", "lamps"), Lamp(), 64), (("grains",), Push(), 12), (("steps",), Grow(), 12),
                                   (("patches",), Patch(), 64)):
            self.refused(f"at most {most}", lambda m, p=place, t=thing, n=most: put(m, p, lambda _: (t,) * (n + 1)))
        picture = Arrays(pixels=np.zeros((4, 4, 3), np.uint8))
        self.refused("at most 24", lambda m: m.edited(references=(Reference(picture=picture),) * 25))

    def test_numbers_beyond_their_limits(self):
        self.refused("at least 0", lambda m: changed(m, ("mass",), melt=-1.0))
        self.refused("finite", lambda m: changed(m, ("light", "sun"), strength=math.nan))
        self.refused("from 0 on", lambda m: m.edited(patches=(Patch(by="add", value=-1.0).edited(by="multiply"),)))

    def test_a_gesture_goes_on_after_a_refusal(self):
        self.document.apply("melt", lambda m: changed(m, ("mass",), melt=3.0), True)
        self.assertFalse(self.document.apply("melt", lambda m: changed(m, ("mass",), melt=-3.0), True))
        self.document.apply("melt", lambda m: changed(m, ("mass",), melt=4.0), True)
        self.document.let_go()
        self.assertEqual((self.document.mound.mass.melt, self.document.undo_label), (4.0, "melt"))
        self.document.undo()
        self.assertEqual(self.document.mound, lumpy_mound())


class Places(unittest.TestCase):
    def test_a_part_is_changed_and_all_else_is_shared(self):
        mound = full_mound()
        made = changed(mound, ("grains", 0, "where", 1), depth=9.0)
        self.assertEqual(made.grains[0].where[1].depth, 9.0)
        self.assertEqual(made.edited(grains=mound.grains), mound)
        self.assertIs(made.grains[1], mound.grains[1])
        self.assertIs(made.mass, mound.mass)

    def test_tuples_grow_and_shrink(self):
        mound = full_mound()
        self.assertEqual(without(mound, ("steps",), 0).steps, mound.steps[1:])
        self.assertEqual(put(mound, ("light", "lamps"), lambda lamps: lamps * 2).light.lamps, mound.light.lamps * 2)
        self.assertEqual(put(mound, ("light", "lamps", 0, "place", 1), lambda y: y + 1.0).light.lamps[0].place[1],
                         mound.light.lamps[0].place[1] + 1.0)


if __name__ == "__main__":
    unittest.main()
