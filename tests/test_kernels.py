"""The place of compiled kernels, and how they are made."""

import gc
import io
import os
import pathlib
import pickle
import shutil
import subprocess
import sys
import tempfile
import time
import unittest

import numpy as np

from softmound.core.compiled import BOUNDS, FOLDER
from softmound.core.kernels import Late, call, each, f32, i32, inlined, side_by_side, threads, use_threads
from softmound.core.warm import PARTS, compile_parts

PACKAGE = pathlib.Path(__file__).resolve().parents[1] / "softmound"
LOOK = """
import numpy as np
from softmound.core.noise import sums as noise
from softmound.core.recipe import Noise
noise.noise_points([[0.0, 1.0, 2.0]], Noise())
print(noise.__file__, noise._noise.stats.cache_hits.total(), noise._noise.stats.cache_misses.total())
"""


class Place(unittest.TestCase):
    def test_a_moved_checkout_finds_what_is_compiled(self):
        with tempfile.TemporaryDirectory() as folder:
            shutil.copytree(PACKAGE, pathlib.Path(folder, "softmound"), ignore=shutil.ignore_patterns("__pycache__"))
            said = subprocess.run([sys.executable, "-c", LOOK], cwd=folder, text=True, capture_output=True, check=True,
                                  env={**os.environ, "PYTHONPATH": folder}).stdout.split()
        self.assertTrue(said[0].startswith(folder))
        self.assertEqual(said[1:], ["1", "0"])


class SideBySide(unittest.TestCase):
    """Work that is no kernel, on all threads."""

    def test_results_come_in_order_and_each_is_made_by_one_thread(self):
        def work(n):
            time.sleep(0.01 * (n % 3 == 0))  # some take longer than those after them
            return n * n, threads()

        found = list(side_by_side(work, range(12)))
        self.assertEqual([square for square, _ in found], [n * n for n in range(12)])
        self.assertEqual({count for _, count in found}, {1})

    def test_no_more_is_begun_than_can_be_waited_for_and_an_error_ends_it(self):
        begun = []

        def work(n):
            begun.append(n)
            if n == 3:
                raise ValueError(n)
            return n

        with self.assertRaisesRegex(ValueError, "3"):
            list(side_by_side(work, range(1000)))
        self.assertLessEqual(len(begun), 4 + 2 * threads())


@call
def _twice(x):
    return f32(2) * x


@inlined
def _more(x, y):
    return _twice(x) + y


@each("out")
def _rows(n, values, shift, out):
    """Twice the values of a row, and more; rows of which the first value is 0 stay."""
    if values[n, 0] == f32(0):
        return
    for column in range(values.shape[1]):
        out[n, column] = _more(values[n, column], shift * f32(n))


def _scaled(factor):
    @each("out")
    def scaled(n, out):
        out[n] = i32(factor * n)

    return scaled


class Compiled(unittest.TestCase):
    def test_no_kernel_waits_for_an_array_of_another_order(self):
        # An array of one row is in both orders at once: one that is handed on as it comes has its kernel compiled anew
        # the first time that it holds a single row.
        from numba.core import types

        seen = 0
        for path in FOLDER.glob("core_*/*.nbi"):
            with open(path, "rb") as file:
                pickle.load(file)
                _, kept = pickle.load(file)
            for signature in (key[0] for key in kept):
                arrays = [kind for kind in signature if isinstance(kind, types.Array)]
                self.assertEqual({kind.layout for kind in arrays} - {"C"}, set(), path.stem)
                seen += len(arrays)
        self.assertGreater(seen, 100)


class Made(unittest.TestCase):
    def test_each_item_is_done_once_by_however_many_threads(self):
        values = np.random.default_rng(4).random((301, 7)).astype(np.float32)
        values[::5, 0] = 0.0
        expected = np.where(values[:, :1] == 0.0, np.float32(-1), 2.0 * values + 0.5 * np.arange(301)[:, None])
        count = threads()
        try:
            for some in (1, count):
                use_threads(some)
                out = np.full(values.shape, -1.0, np.float32)
                _rows(values, f32(0.5), out)
                np.testing.assert_allclose(out, expected, rtol=1e-6)
        finally:
            use_threads(count)
        _rows(values[:0], f32(0.5), np.zeros((0, 7), np.float32))  # nothing to do

    def test_kernels_of_one_name_are_told_apart_by_what_they_enclose(self):
        made = [_scaled(factor) for factor in (3, 5)]
        for kernel, factor in zip(made, (3, 5)):
            out = np.empty(9, np.int64)
            kernel(out)
            np.testing.assert_array_equal(out, factor * np.arange(9))
        self.assertNotEqual(*(kernel.__name__ for kernel in made))

    def test_a_mark_stands_for_the_kernel_until_it_is_called(self):
        asked = []

        def make():
            asked.append(True)
            return len

        late = Late(make, make)
        self.assertEqual((late.__name__, asked), ("make", []))
        self.assertEqual((late([1, 2]), late(""), len(asked)), (2, 0, 1))
        self.assertIs(late.now(), len)
        with self.assertRaises(AttributeError):
            late.__deepcopy__

    @unittest.skipIf(BOUNDS, "checked kernels are compiled here")
    def test_parts_are_compiled_as_they_are_asked_for(self):
        self.addCleanup(gc.enable)
        told = io.StringIO()
        compile_parts(["air\n", "growth\n"], told)
        self.assertEqual(told.getvalue().split(), ["air", "growth"])
        self.assertIn("air", PARTS)
