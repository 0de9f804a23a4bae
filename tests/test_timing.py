"""A mound at frames: keys, drift, loops, what can be keyed, and numbered files of it."""

import pathlib
import tempfile
import unittest

import numpy as np
from scipy.interpolate import CubicHermiteSpline

from softmound.core.engine.density import density_grid
from softmound.core.engine.line_frames import frames_written
from softmound.core.exchange.foreign import read_vdb
from softmound.core.problems import Problem
from softmound.core.recipe import Noise, parse_mound
from softmound.core.recipe.files import mound_json
from softmound.core.recipe.time import Key, Keyed, TimeLine
from softmound.core.recipe.timing import (
    at_frame,
    followed_by_keys,
    keyed_with,
    numbers_changed,
    turn_of_line,
    value_at,
    with_value,
    without_key,
)
from tests.scenes import ball_mound, lumpy_mound


class Keys(unittest.TestCase):
    def test_eased_is_the_cubic_that_rests_at_both_ends(self):
        keyed = Keyed(place=("mass", "melt"), points=(Key(frame=4, value=2.0), Key(frame=20, value=-6.0)))
        cubic = CubicHermiteSpline([4, 20], [2.0, -6.0], [0.0, 0.0])
        for frame in np.linspace(4, 20, 9):
            self.assertAlmostEqual(value_at(keyed, frame), float(cubic(frame)))
        self.assertEqual((value_at(keyed, 0), value_at(keyed, 99)), (2.0, -6.0))

    def test_even_and_held(self):
        keyed = Keyed(place=("mass", "melt"), points=(Key(frame=0, value=0.0, ease="even"), Key(frame=10, value=5.0, ease="held"),
                                                    Key(frame=20, value=9.0)))
        self.assertEqual([value_at(keyed, f) for f in (5, 10, 19, 20)], [2.5, 5.0, 5.0, 9.0])

    def test_any_number_of_the_recipe_takes_keys(self):
        mound = lumpy_mound().edited(time=TimeLine(first=1, last=25))
        for place, low, high in ((("mass", "forms", 0, "centre", 1), 3.0, 9.0), (("grains", 0, "strength"), 0.5, 2.0),
                                 (("light", "sun", "azimuth"), -20.0, 60.0), (("skin", "thickness"), 1.0, 3.0)):
            moved = keyed_with(keyed_with(mound, place, 1, low, "even"), place, 25, high, "even")
            self.assertEqual(with_value(moved, place, 0.5 * (low + high)).mass.forms and
                             numbers_changed(at_frame(moved, 13), at_frame(moved, 25))[0][0], place)
            self.assertAlmostEqual(numbers_changed(at_frame(moved, 1), at_frame(moved, 25))[0][1], high)

    def test_an_edit_of_what_has_keys_is_a_key(self):
        mound = keyed_with(ball_mound(12.0, 2.0).edited(time=TimeLine()), ("mass", "melt"), 1, 4.0)
        after = followed_by_keys(mound, mound.edited(mass=mound.mass.edited(melt=9.0)), 30)
        self.assertEqual([(k.frame, k.value) for k in after.keyed[0].points], [(1, 4.0), (30, 9.0)])
        self.assertEqual(at_frame(after, 30).mass.melt, 9.0)
        self.assertEqual(without_key(after, ("mass", "melt"), 30).keyed[0].points, mound.keyed[0].points)
        self.assertEqual(without_key(after, ("mass", "melt")).keyed, ())

    def test_what_has_no_place_or_no_such_value_is_one_sentence(self):
        mound = ball_mound(12.0, 2.0).edited(time=TimeLine())
        gone = mound.edited(keyed=(Keyed(place=("grains", 7, "strength"), points=(Key(frame=1, value=1.0),)),))
        with self.assertRaisesRegex(Problem, "not there"):
            at_frame(gone, 3)
        wild = mound.edited(keyed=(Keyed(place=("mass", "melt"), points=(Key(frame=1, value=-1e9),)),))
        with self.assertRaisesRegex(Problem, "cannot be"):
            at_frame(wild, 3)
        for bad in ({"place": ("name",), "points": (Key(frame=1, value=1.0),)},
                    {"place": ("mass",), "points": (Key(frame=3, value=1.0), Key(frame=2, value=1.0))}):
            with self.assertRaises(ValueError):
                Keyed(**bad)

    def test_it_is_written_and_read(self):
        mound = keyed_with(lumpy_mound().edited(time=TimeLine(loop=True, shear=1.5)), ("grains", 0, "strength"), 5, 1.25)
        self.assertEqual(parse_mound(mound_json(mound), "x"), mound)


class Moving(unittest.TestCase):
    def test_a_mound_without_a_line_stands_still(self):
        mound = lumpy_mound()
        self.assertEqual(at_frame(mound, 77), mound)

    def test_forms_drift_with_the_wind_of_their_height(self):
        mound = ball_mound(12.0, 2.0)
        low = mound.mass.forms[0]
        mound = mound.edited(mass=mound.mass.edited(forms=(low, low.edited(centre=(0.0, low.centre[1] + 100.0, 0.0)))),
                             time=TimeLine(first=0, last=48, rate=24.0, wind=3.0, along=90.0, shear=2.0))
        below, above = at_frame(mound, 48).mass.forms
        base = mound.mass.base.altitude
        self.assertAlmostEqual(below.centre[0] - low.centre[0], 2.0 * (3.0 + 2.0 * (low.centre[1] - base) / 100.0), places=6)
        self.assertAlmostEqual(above.centre[0] - below.centre[0], 4.0, places=6)
        self.assertAlmostEqual(above.centre[2], 0.0, places=6)

    def test_a_loop_closes(self):
        mound = lumpy_mound()
        grains = tuple(g.edited(period=0.7) for g in mound.grains)
        mound = mound.edited(grains=grains, time=TimeLine(first=1, last=24, rate=24.0, loop=True))
        first, middle, after = (density_grid(at_frame(mound, f), 2.0) for f in (1, 9, 25))
        np.testing.assert_array_equal(first.coords, after.coords)
        np.testing.assert_allclose(first.values, after.values, atol=2e-3)
        self.assertTrue(first.coords.shape != middle.coords.shape or np.abs(first.values - middle.values).max() > 0.05)
        self.assertEqual([turn_of_line(mound.time, f) for f in (0, 1, 24, 25)], [24, 1, 24, 1])

    def test_one_and_two_processes_write_the_same(self):
        mound = lumpy_mound().edited(time=TimeLine(last=3), name="Roll")
        with tempfile.TemporaryDirectory() as folder:
            one, two = pathlib.Path(folder, "one"), pathlib.Path(folder, "two")
            self.assertEqual(frames_written(mound, one, range(1, 4), 3.0)["frames"], 3)
            frames_written(mound, two, range(1, 4), 3.0, workers=2)
            self.assertEqual(sorted(p.name for p in one.iterdir()), ["roll.0001.vdb", "roll.0002.vdb", "roll.0003.vdb"])
            for path in one.iterdir():
                a, b = read_vdb(path), read_vdb(two / path.name)
                np.testing.assert_array_equal(a.coords, b.coords)
                np.testing.assert_array_equal(a.values, b.values)
            wanted = density_grid(at_frame(mound, 2), 3.0)
            found = read_vdb(one / "roll.0002.vdb")
            self.assertEqual(found.active_voxels(), wanted.active_voxels())
            with self.assertRaisesRegex(Problem, "there already"):
                frames_written(mound, one, range(1, 4), 3.0)

    def test_keys_go_with_the_part_they_belong_to(self):
        ball = ball_mound(12.0, 2.0).edited(time=TimeLine())
        form = ball.mass.forms[0]
        three = tuple(form.edited(name=name, centre=(x, 20.0, 0.0)) for name, x in (("A", 0.0), ("B", 30.0), ("C", 60.0)))
        mound = ball.edited(mass=ball.mass.edited(forms=three))
        place = ("mass", "forms", 2, "radii", 0)
        mound = keyed_with(keyed_with(mound, place, 1, 12.0), place, 30, 20.0)

        def with_forms(*forms):
            return followed_by_keys(mound, mound.edited(mass=mound.mass.edited(forms=forms)), 30)

        a, b, c = mound.mass.forms
        for forms, where in (((c, a, b), 0), ((b, c), 1), ((a, b, c, a.edited(name="D")), 2)):
            after = with_forms(*forms)
            self.assertEqual([k.place for k in after.keyed], [("mass", "forms", where, "radii", 0)])
            self.assertEqual(after.keyed[0].points, mound.keyed[0].points)  # no key of another's radius
            self.assertEqual(at_frame(after, 30).mass.forms[where].radii[0], 20.0)
        self.assertEqual(with_forms(a, b).keyed, ())  # gone with its form
        edited = with_forms(a, b, c.edited(radii=(15.0, 12.0, 12.0)))
        self.assertEqual([(k.frame, k.value) for k in edited.keyed[0].points], [(1, 12.0), (30, 15.0)])

    def test_keys_of_two_numbers_live_side_by_side(self):
        mound = ball_mound(12.0, 2.0).edited(time=TimeLine())
        first, second = ("mass", "melt"), ("mass", "forms", 0, "radii", 2)
        for place, values in ((first, (3.0, 5.0)), (second, (8.0, 16.0))):
            for frame, value in zip((1, 41), values):
                mound = keyed_with(mound, place, frame, value, "even")
        half = at_frame(mound, 21)
        self.assertEqual((half.mass.melt, half.mass.forms[0].radii[2]), (4.0, 12.0))
        self.assertEqual(half.mass.forms[0].radii[:2], mound.mass.forms[0].radii[:2])
        fewer = without_key(mound, second)
        self.assertEqual([k.place for k in fewer.keyed], [first])
        self.assertEqual(at_frame(fewer, 21).mass.forms[0].radii, mound.mass.forms[0].radii)
        # Another key at the same frame takes the place of the one that was there.
        again = keyed_with(fewer, first, 41, 7.0)
        self.assertEqual([(k.frame, k.value) for k in again.keyed[0].points], [(1, 3.0), (41, 7.0)])

    def test_arrays_switches_and_other_kinds_take_no_keys(self):
        before = ball_mound(12.0, 2.0)
        after = before.edited(mass=before.mass.edited(base=before.mass.base.edited(on=not before.mass.base.on)))
        self.assertEqual(numbers_changed(before, after), [])
        self.assertEqual(numbers_changed(before, before.edited(mass=before.mass.edited(forms=()))), [])
        self.assertEqual(numbers_changed(Noise(), Noise(feature=20.0)), [(("feature",), 20.0)])


if __name__ == "__main__":
    unittest.main()
