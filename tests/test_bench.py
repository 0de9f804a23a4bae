"""The bench's own frame: names, what is said of a figure, and what happens where nothing could be measured."""

import contextlib
import importlib
import io
import json
import types
import unittest
from unittest import mock

import numpy as np

from bench import __main__ as bench
from bench.figure import Figure, at_least, at_most


def told(arguments, modules):
    """Exit code, what was printed and what was said, with modules of figures that stand in for the slow ones."""
    out, err = io.StringIO(), io.StringIO()
    with mock.patch.object(bench, "import_module", lambda name: modules[name.removeprefix("bench.")]), \
            contextlib.redirect_stdout(out), contextlib.redirect_stderr(err):
        code = bench.main(arguments)
    return code, out.getvalue(), err.getvalue()


def measuring(*figures):
    """A module that measures some figures."""
    return types.SimpleNamespace(figures=lambda: iter(figures))


class Aims(unittest.TestCase):
    def test_at_most_and_at_least_say_whether_they_are_met(self):
        for figure, met in ((at_most("a", 2.0, "s", 3), True), (at_most("a", 4.0, "s", 3), False),
                            (at_least("b", 30.0, "", "peer", 10.0, 3.0, 2.0), True),
                            (at_least("b", 30.0, "", "peer", 20.0, 1.5, 2.0), False)):
            with self.subTest(figure):
                self.assertEqual(figure.ok, met)

    def test_as_json_each_has_its_name_value_and_unit(self):
        code, out, _ = told(["noise", "--json"], {"noise": measuring(Figure("speed", 3.0, "m/s"), at_most("wait", 2.0, "s", 3))})
        self.assertEqual(code, 0)
        found = [json.loads(line) for line in out.splitlines()]
        self.assertEqual([(one["name"], one["value"], one["unit"]) for one in found], [("speed", 3.0, "m/s"), ("wait", 2.0, "s")])

    def test_whatever_a_figure_is_measured_with_is_written(self):
        of_numpy = at_most("wait", np.float32(2.0), "s", np.float64(3.0))
        self.assertIsInstance(of_numpy.ok, (bool, np.bool_))
        strange = Figure("endless", float("inf"), "s", "peer", np.int64(3), np.float64("nan"), "at most 1", np.bool_(False))
        code, out, _ = told(["noise", "--json"], {"noise": measuring(of_numpy, strange)})
        self.assertEqual(code, 0)
        wait, endless = (json.loads(line) for line in out.splitlines())
        self.assertEqual((wait["value"], wait["ok"]), (2.0, True))
        self.assertEqual((endless["value"], endless["ratio"], endless["peer_value"], endless["ok"]), (None, None, 3, False))

    def test_as_a_table_with_ratio_and_verdict(self):
        measured = measuring(at_most("wait", 9.0, "s", 3), at_least("speed", 30.0, "", "peer", 10.0, 3.0, 2.0))
        code, out, _ = told(["noise"], {"noise": measured})
        self.assertEqual(code, 0)
        wait, speed = out.strip().splitlines()[-2:]
        self.assertIn("MISSED", wait)
        self.assertIn("3.00", speed)
        self.assertIn("ok", speed)
        self.assertIn("peer: 10", speed)


class Nothing(unittest.TestCase):
    def test_an_unknown_name_is_refused_with_those_there_are(self):
        code, out, err = told(["speed"], {})
        self.assertEqual((code, out), (2, ""))
        self.assertIn("'speed'", err)
        for name in bench.NAMES:
            self.assertIn(name, err)

    def test_what_measures_nothing_says_so(self):
        code, _, err = told(["noise"], {"noise": measuring()})
        self.assertEqual(code, 1)
        self.assertIn("noise could not be measured", err)

    def test_one_that_measures_nothing_among_others_is_named(self):
        code, out, err = told(["noise", "frame"], {"noise": measuring(), "frame": measuring(Figure("frame", 1.0, "ms"))})
        self.assertEqual(code, 1)
        self.assertIn("frame", out)
        self.assertIn("noise could not be measured", err)

    def test_one_that_fails_leaves_what_it_and_others_had(self):
        def failing():
            yield Figure("first", 1.0, "s")
            raise RuntimeError("no such peer")

        code, out, err = told(["noise", "frame"], {"noise": types.SimpleNamespace(figures=failing),
                                                   "frame": measuring(Figure("second", 2.0, "s"))})
        self.assertEqual(code, 1)
        self.assertIn("first", out)
        self.assertIn("second", out)
        self.assertIn("no such peer", err)

    def test_all_are_measured_in_brief_and_what_is_named_at_length(self):
        told_so = []

        def figures(brief=False):
            told_so.append(brief)
            yield Figure("one", 1.0, "")

        both = {name: types.SimpleNamespace(figures=figures) if name in ("look", "near") else measuring(Figure("one", 1.0, ""))
                for name in bench.NAMES}
        told([], both)
        self.assertEqual(told_so, [True, True])
        told(["near"], both)
        self.assertEqual(told_so, [True, True, False])

    def test_every_module_that_measures_can_be_read(self):
        for name in bench.NAMES:
            with self.subTest(name):
                self.assertTrue(callable(importlib.import_module(f"bench.{name}").figures))

    def test_an_hour_of_hands_is_measured_only_by_its_name(self):
        asked = []

        def module(name):
            asked.append(name.removeprefix("bench."))
            return measuring(Figure("one", 1.0, ""))

        with mock.patch.object(bench, "import_module", module), contextlib.redirect_stdout(io.StringIO()), \
                contextlib.redirect_stderr(io.StringIO()):
            bench.main([])
        self.assertEqual(asked, [name for name in bench.NAMES if name not in ("hands", "reliability")])


if __name__ == "__main__":
    unittest.main()
