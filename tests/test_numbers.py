"""What a grid amounts to, and finished grids kept on disk."""

import os
import pathlib
import tempfile
import unittest

import numpy as np

from softmound.core.engine.density import density_grid
from softmound.core.engine.grid_store import KeptGrids
from softmound.core.engine.stages import Stages
from softmound.core.ticket import Ticket
from softmound.core.volume.numbers import column_depths, histogram_of, numbers_of
from tests.desk import DeskTest
from tests.scenes import ball_mound, box_grid, dense_of, lumpy_mound, random_grid


class Counting(unittest.TestCase):
    def test_against_the_dense_array(self):
        grid = random_grid(4)
        dense, _ = dense_of(grid)
        numbers = numbers_of(grid, 0.2, water=2.0)
        active = dense != 0.0
        self.assertEqual(numbers.active_voxels, int(active.sum()))
        self.assertAlmostEqual(numbers.mean, float(dense[active].mean(dtype=float)), places=5)
        self.assertEqual(numbers.most, float(dense.max()))
        self.assertAlmostEqual(numbers.volume, float(active.sum()) * 0.5**3)
        self.assertAlmostEqual(numbers.water, float(dense.sum(dtype=float)) * 0.5**3 * 2.0 / 1000.0, places=5)
        for axis in range(3):
            through = dense.sum(axis=axis, dtype=float) * 0.5
            np.testing.assert_allclose(column_depths(grid, axis), through, rtol=1e-5, atol=1e-6)
            self.assertAlmostEqual(numbers.depth[axis], through.max() * 0.2, places=5)
        places = np.argwhere(active)
        self.assertEqual(numbers.dims, tuple(places.max(axis=0) - places.min(axis=0) + 1))

    def test_a_ball_by_its_formulas(self):
        # Density rises straight to 1 over the outer 3 of 12 m: integrals by shells.
        numbers = numbers_of(density_grid(ball_mound(12.0, 3.0), 0.4), 0.1, water=0.5)
        filled = 4 * np.pi * (12.0 * (12.0**3 - 9.0**3) / 3 - (12.0**4 - 9.0**4) / 4) / 3.0 + 4 / 3 * np.pi * 9.0**3
        self.assertAlmostEqual(numbers.filled / filled, 1.0, delta=0.005)
        self.assertAlmostEqual(numbers.water / (filled * 0.5 / 1000.0), 1.0, delta=0.005)
        for depth in numbers.depth:
            self.assertAlmostEqual(depth, 0.1 * (18.0 + 3.0), delta=0.02)

    def test_a_slab_and_nothing(self):
        slab = box_grid((0, 0, 0), (31, 7, 15), 0.5, voxel=2.0)
        numbers = numbers_of(slab, 0.25)
        np.testing.assert_allclose(numbers.depth, (0.25 * 0.5 * 64.0, 0.25 * 0.5 * 16.0, 0.25 * 0.5 * 32.0))
        self.assertEqual(numbers.as_dict()["dims"], (32, 8, 16))
        self.assertIsNone(numbers_of(box_grid((0, 0, 0), (7, 7, 7), 0.0), 1.0))

    def test_the_histogram_counts_every_active_voxel_once(self):
        grid = random_grid(5)
        dense, _ = dense_of(grid)
        counts, edges = histogram_of(grid, 20)
        expected, _ = np.histogram(dense[dense != 0.0], edges)
        np.testing.assert_array_equal(counts, expected)
        self.assertEqual(int(counts.sum()), grid.active_voxels())
        self.assertEqual((edges[0], edges[-1]), (0.0, float(dense.max())))


class Keeping(unittest.TestCase):
    def setUp(self):
        self._folder = tempfile.TemporaryDirectory()
        self.addCleanup(self._folder.cleanup)
        self.folder = pathlib.Path(self._folder.name) / "grids"
        self.kept = KeptGrids(self.folder)
        self.grid = density_grid(lumpy_mound(), 0.2)

    def test_it_comes_back_as_it_was(self):
        self.assertIsNone(self.kept.get("a"))
        self.kept.put("a", self.grid)
        again = self.kept.get("a")
        for part in ("coords", "values", "tile_coords", "tile_values"):
            np.testing.assert_array_equal(getattr(again, part), getattr(self.grid, part))
        self.assertEqual((again.voxel, again.offset, again.background),
                         (self.grid.voxel, self.grid.offset, self.grid.background))
        self.assertEqual(again.active_voxels(), self.grid.active_voxels())
        self.assertEqual([p.name for p in self.folder.iterdir()], ["a.grid"])

    def test_a_damaged_one_is_as_if_it_were_not_there(self):
        self.kept.put("a", self.grid)
        path = self.kept.path("a")
        whole = path.read_bytes()
        for content in (b"", whole[:50], whole[:-8], b"x" * 300, whole + b"more"):
            path.write_bytes(content)
            self.assertIsNone(self.kept.get("a"))

    def test_the_one_used_longest_ago_goes_first(self):
        one = self.grid.nbytes
        kept = KeptGrids(self.folder, int(2.5 * one))
        for n, key in enumerate("ab"):
            kept.put(key, self.grid)
            os.utime(kept.path(key), (1000.0 + n, 1000.0 + n))
        self.assertIsNotNone(kept.get("a"))  # used now
        kept.put("c", self.grid)
        self.assertEqual([kept.get(key) is not None for key in "abc"], [True, False, True])
        KeptGrids(self.folder, one // 2).put("d", self.grid)  # larger than all there may be
        self.assertFalse(kept.path("d").exists())

    def test_nowhere_to_keep_it_is_no_trouble(self):
        blocked = pathlib.Path(self._folder.name) / "file"
        blocked.write_text("here")
        KeptGrids(blocked / "grids").put("a", self.grid)
        self.assertIsNone(KeptGrids(blocked / "grids").get("a"))
        small = box_grid((0, 0, 0), (7, 7, 7))
        self.kept.put("small", small)
        self.assertFalse(self.kept.path("small").exists())

    def test_a_second_session_builds_nothing(self):
        mound = lumpy_mound()
        first = Stages(kept=self.kept).density(mound, 0.2, remember=False)
        later = Stages(kept=self.kept)
        grid = later.finished(mound, 0.2)
        np.testing.assert_array_equal(grid.values, first.values)
        self.assertIsNone(later.finished(mound, 0.21))
        self.assertIsNone(later.finished(mound.edited(grains=()), 0.2))
        told = []
        later.density(mound, 0.2, Ticket(lambda *said: told.append(said)), remember=False)
        self.assertEqual(told, [])  # one that is built says how far it is
        Stages().density(mound, 0.2, Ticket(lambda *said: told.append(said)), remember=False)
        self.assertGreater(len(told), 0)
        self.assertIsNone(Stages().finished(mound, 0.2))


class InTheWindow(DeskTest):
    def test_a_finished_grid_is_there_when_the_mound_is_opened_again(self):
        window = self.window
        mound = window.document.mound
        window.document.apply("voxel", lambda _: mound.edited(voxels=mound.voxels.edited(final=0.2)))
        window.open_station("Voxels")
        window.finished.build()
        self.until(lambda: window.jobs.job is None and window.finished.of(window.document.mound) is not None)
        numbers = window.stations["Voxels"].settings.numbers
        self.assertTrue(numbers.isVisibleTo(window.stations["Voxels"].settings))
        self.assertIn("t of water", numbers.text())
        self.assertIn("Optical depth", numbers.text())
        window.files.save()
        self.close(window)
        self.window = again = self.open_window()
        self.rest()
        self.assertIsNotNone(again.finished.of(again.document.mound))
        self.assertIn("earlier session", again.stations["Voxels"].settings.numbers.text())
        again.open_station("Voxels")
        self.assertTrue(again.stations["Voxels"].settings.show_final.isEnabled())
        again.document.apply("plain", lambda _: again.document.mound.edited(grains=()))
        self.assertIsNone(again.finished.of(again.document.mound))


if __name__ == "__main__":
    unittest.main()
