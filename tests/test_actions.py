"""Every kind of grain says all that the rest of the program asks of it."""

import unittest

from softmound.core.recipe import Light, limits
from softmound.core.recipe.grains import ACTIONS, EDGE, MOVED, SURFACE, Grain, live
from softmound.core.recipe.rows import Choice, Maybe, Number

SPANS = (0.5, 40.0, 333.0, 6_000.0)


class Registry(unittest.TestCase):
    def test_every_kind_has_a_sentence_rows_and_a_place_to_work(self):
        for action, kind in ACTIONS.items():
            with self.subTest(action):
                self.assertEqual(kind.model_fields["action"].default, action)
                self.assertIn(kind.works_on, (SURFACE, EDGE, MOVED))
                self.assertTrue(kind.sentence and kind.__doc__)
                # The rows show every field of its own, and limits are the recipe's.
                own = set(kind.model_fields) - set(Grain.model_fields) - {"action"}
                self.assertEqual({row.field for row in kind.rows} , own)
                for row in kind.rows:
                    self.assertTrue(row.label)
                    if isinstance(row, Number):
                        low, high = limits(kind, row.field)
                        self.assertTrue(row.sentence, row.field)
                        self.assertTrue(row.shown is None or low <= row.shown[0] < row.shown[1] <= high, row.field)
                    if isinstance(row, Maybe):
                        kind(**{row.field: row.begins})
                    if isinstance(row, Choice):
                        for key, _ in row.options:
                            kind(**{row.field: key})

    def test_each_is_worked_by_just_one_stage(self):
        for kind in ACTIONS.values():
            grain = kind.begun(100.0, Light())
            self.assertEqual(sum(len(live((grain,), works_on)) for works_on in (SURFACE, EDGE, MOVED)), 1, grain.action)
            idle = (grain.edited(on=False), grain.edited(strength=0.0))
            self.assertEqual(live(idle, kind.works_on), [])

    def test_each_begins_at_the_size_of_its_cloud(self):
        for action, kind in ACTIONS.items():
            for small, large in zip(SPANS[1:], SPANS[2:]):
                one, other = (kind.begun(span, Light()) for span in (small, large))
                self.assertAlmostEqual(other.feature / one.feature / (large / small), 1.0, delta=0.1, msg=action)
                self.assertGreater(one.amplitude, 0.0)
            self.assertGreater(kind.begun(SPANS[0], Light()).feature, 0.0)

    def test_each_takes_over_from_every_other(self):
        for kind in ACTIONS.values():
            for other in ACTIONS.values():
                before = other.begun(200.0, Light())
                kept = {field: getattr(before, field) for field in Grain.model_fields}
                made = kind(**kept, **kind.carried(before))
                self.assertEqual((made.feature, made.seed), (before.feature, before.seed))
                self.assertGreater(made.amplitude, 0.0)

    def test_each_is_resized_with_all_its_lengths(self):
        for action, kind in ACTIONS.items():
            grain = kind.begun(200.0, Light())
            larger = grain.sized(3.0, lambda place: tuple(3.0 * v for v in place))
            self.assertAlmostEqual(larger.amplitude / grain.amplitude, 3.0, places=6, msg=action)
            self.assertAlmostEqual(larger.feature / grain.feature, 3.0, places=6)


if __name__ == "__main__":
    unittest.main()
