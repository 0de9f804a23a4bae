"""Every model says itself what an artist sees of it: rows that panels are made from, checked against the models."""

import os
import unittest
from typing import get_args

from pydantic import ValidationError

from softmound.core.light.scene.phase import PHASES
from softmound.core.light.scene.skies import SKIES
from softmound.core.recipe import (
    BaseLevel,
    Buds,
    Coat,
    Lamp,
    Light,
    LowerSkin,
    Mass,
    Medium,
    Noise,
    Patch,
    Roughness,
    Skin,
    Sky,
    Sun,
    TopLevel,
    View,
    Warp,
    limits,
)
from softmound.core.recipe.forms import FORMS, PARTS, Form
from softmound.core.recipe.grains import ACTIONS, MASKS, Mask
from softmound.core.recipe.rows import Changing, Choice, Drawn, Maybe, Number, Switch, Tint, Triple, wanted
from softmound.core.recipe.steps import STEPS

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

SHOWN = [
    *((kind, kind.rows) for kind in (Warp, Patch, Mass, LowerSkin, Sun, Sky, Lamp, Medium, Light, View, *FORMS.values(),
                                     *PARTS.values(), *STEPS.values(), *ACTIONS.values())),
    *((kind, (*kind.rows, *kind.every_row)) for kind in MASKS.values()),
    (Noise, Noise.noise_rows), (Noise, Noise.more_rows), (Form, (*Form.place_rows, *Form.age_rows)),
    (Skin, (*Skin.rows, *Skin.shape_rows)),
    (Skin, Skin.tone_rows), (Lamp, Lamp.place_rows), *((kind, kind.first_rows) for kind in (Sun, Light, Medium)),
]
"""What panels are made from: a model, and rows of it."""
ALONE = {
    "name", "on", "where", "strokes", "warp", "picture", "dabs", "surface", "cloud", "grid", "kind", "action", "by", "step",
    "role", "melt", "hidden", "locked", "link", "buds", "coat", "rough", "base", "top", "forms", "shape", "level_set", "joins",
    "sun", "sky", "floor", "lamps", "medium", "transform", "azimuth", "elevation", "distance", "target", "noise", "below",
    "sequence", "group", "mix"}
"""Fields that no row shows: lists, pictures, kinds, parts with rows of their own, and what is done by hand in the picture."""


def made(model, row, value):
    """Whether a model takes a value in the field of a row, whatever else it needs."""
    try:
        model.__pydantic_validator__.validate_assignment(model.model_construct(), row.field, value)
    except ValidationError as error:
        return row.field not in {str(e["loc"][0]) for e in error.errors() if e["loc"]}
    return True


class Rows(unittest.TestCase):
    def test_each_names_a_field_and_explains_it(self):
        for model, rows in SHOWN:
            self.assertEqual(len({row.field for row in rows}), len(rows), model)
            for row in rows:
                with self.subTest(model=model.__name__, field=row.field):
                    self.assertIn(row.field, model.model_fields)
                    self.assertTrue(row.label)
                    if isinstance(row, (Number, Tint, Changing)):
                        self.assertTrue(row.sentence.endswith("."), row.sentence)
                    if isinstance(row, Number):
                        low, high = (limit * row.factor for limit in limits(model, row.field))
                        self.assertIn(row.scale, ("linear", "log"))
                        self.assertTrue(row.shown is None or low <= row.shown[0] < row.shown[1] <= high, (low, high, row.shown))
                        self.assertTrue(row.scale == "linear" or (row.shown or (low,))[0] > 0.0)
                    if isinstance(row, Triple):
                        self.assertEqual(len(model.model_fields[row.field].default), 3)

    def test_choices_switches_and_beginnings_are_what_the_recipe_takes(self):
        for model, rows in SHOWN:
            for row in rows:
                values = ()
                if isinstance(row, Choice):
                    values = [key for key, _ in row.options]
                elif isinstance(row, Switch):
                    values = row.words or (False, True)
                elif isinstance(row, Maybe) or isinstance(row, Drawn) and row.begins is not None:
                    values = (row.begins, None)
                if isinstance(row, Drawn):
                    values = (*values, *(curve for _, curve in row.ready))
                for value in values:
                    self.assertTrue(made(model, row, value), f"{model.__name__}.{row.field} = {value!r}")

    def test_conditions_can_be_met_and_not_met(self):
        for model, rows in SHOWN:
            for row in rows:
                for field, values in row.when:
                    self.assertIn(field, model.model_fields)
                    for value in values:
                        part = model.model_construct(**{f: v[0] for f, v in row.when} | {field: value})
                        self.assertTrue(wanted(row, part), f"{model.__name__}.{row.field}")
                    other = model.model_construct(**{f: v[0] for f, v in row.when} | {field: object()})
                    self.assertFalse(wanted(row, other))

    def test_no_number_is_left_out(self):
        shown = {}
        for model, rows in SHOWN:
            for kind in {model, *(k for k in (*FORMS.values(), *ACTIONS.values(), *MASKS.values()) if issubclass(k, model))}:
                shown.setdefault(kind, set()).update(row.field for row in rows)
        for model, fields in shown.items():
            self.assertEqual(set(model.model_fields) - fields - ALONE, set(), model.__name__)

    def test_each_word_for_sky_and_scattering_has_its_kind(self):
        for model, field, registry in ((Sky, "kind", SKIES), (Medium, "phase", PHASES)):
            row = next(row for row in model.rows if row.field == field)
            self.assertEqual({key for key, _ in row.options}, set(registry))
            self.assertEqual(set(get_args(model.model_fields[field].annotation)), set(registry))

    def test_kinds_are_found_by_the_words_of_the_recipe(self):
        for registry, field in ((FORMS, "kind"), (ACTIONS, "action"), (MASKS, "by"), (STEPS, "step")):
            for word, kind in registry.items():
                self.assertEqual(kind.model_fields[field].default, word)
                self.assertTrue(kind.__doc__)
        self.assertTrue(all(issubclass(kind, Mask) and kind.label for kind in MASKS.values()))
        self.assertEqual(list(PARTS.values()), [Buds, Coat, Roughness, BaseLevel, TopLevel])
        self.assertTrue(all(part in Form.model_fields and model.title for part, model in PARTS.items()))


class Panels(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        from PyQt6.QtWidgets import QApplication

        cls.application = QApplication.instance() or QApplication([])

    def test_a_panel_is_made_of_each_and_tells_what_it_is_told(self):
        from softmound.desk.fields.part_fields import PartFields

        for model, rows in SHOWN:
            with self.subTest(model.__name__):
                fields = PartFields(model, rows, "A part")
                told = []
                fields.changed.connect(lambda *change: told.append(change))
                part = model.model_construct()
                fields.show_part(part)
                for key, number in fields.all_numbers().items():
                    self.assertTrue(number.accessibleName().startswith("A part: "))
                    number.changed.emit(number.high, False)
                    field, value, moving = told.pop()
                    self.assertFalse(moving)
                    if isinstance(key, tuple):
                        self.assertEqual(field, key[0])
                        before = getattr(part, field)
                        self.assertEqual([a != b for a, b in zip(value, before)].count(True) <= 1, True)
                        value = value[key[1]]
                    row = next(row for row in rows if row.field == field)
                    self.assertAlmostEqual(value, limits(model, field)[1], delta=1e-6 * abs(number.high / row.factor))
                fields.deleteLater()


if __name__ == "__main__":
    unittest.main()
