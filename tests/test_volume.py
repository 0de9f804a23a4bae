"""The sparse grid: index, sampling, windows, and the memory of bricks."""

import unittest

import numpy as np
from scipy.ndimage import map_coordinates

from softmound.core.recipe import Problem
from softmound.core.volume import LANES, NODE, NOTHING, SIDE, brick_keys, grid_of
from softmound.core.volume.bricks import index_of
from softmound.core.volume.memory import BrickMemory
from softmound.core.volume.sample import sample
from softmound.core.volume.windows import bricks_of, read_window
from tests.scenes import box_grid, dense_of, random_grid


class Index(unittest.TestCase):
    def code(self, index, coord):
        """Look a brick up with plain Python."""
        rel = np.asarray(coord) - index.low
        node = rel >> 4
        if np.any(node < 0) or np.any(node >= index.top.shape):
            return NOTHING
        number = index.top[tuple(node)]
        x, y, z = rel & 15
        return NOTHING if number < 0 else index.nodes[number, (x * NODE + y) * NODE + z]

    def test_every_brick_and_tile_is_found(self):
        grid = random_grid(1)
        for n, coord in enumerate(grid.coords):
            self.assertEqual(self.code(grid.index, coord), n)
        for n, coord in enumerate(grid.tile_coords):
            self.assertEqual(self.code(grid.index, coord), -2 - n)

    def test_everything_else_is_background(self):
        grid = random_grid(2)
        known = {tuple(c) for c in np.concatenate([grid.coords, grid.tile_coords])}
        for coord in np.random.default_rng(0).integers(-60, 60, (400, 3)):
            if tuple(coord) not in known:
                self.assertEqual(self.code(grid.index, coord), NOTHING)

    def test_bricks_are_sorted_whatever_their_order(self):
        grid = random_grid(3)
        order = np.random.default_rng(5).permutation(len(grid.coords))
        again = grid_of(grid.voxel, grid.coords[order], grid.values[order])
        np.testing.assert_array_equal(again.coords, grid.coords)
        np.testing.assert_array_equal(again.values, grid.values)
        self.assertTrue(np.all(np.diff(brick_keys(again.coords)) > 0))

    def test_keys_sort_like_coordinates(self):
        coords = np.random.default_rng(1).integers(-1000, 1000, (500, 3)).astype(np.int32)
        expected = sorted(map(tuple, coords.tolist()))
        self.assertEqual([tuple(c) for c in coords[np.argsort(brick_keys(coords))].tolist()], expected)

    def test_an_empty_grid(self):
        grid = grid_of(1.0, np.empty((0, 3)), np.empty((0, LANES)))
        self.assertIsNone(grid.brick_bounds())
        self.assertIsNone(grid.active_bounds())
        self.assertEqual(grid.active_voxels(), 0)
        self.assertEqual(sample(grid, [1.0, 2.0, 3.0]), 0.0)

    def test_the_index_costs_what_is_there_not_the_box(self):
        coords = np.array([[0, 0, 0], [3000, 10, 3000]], np.int32)
        index = index_of(coords, np.empty((0, 3), np.int32))
        self.assertEqual(index.nodes.shape[0], 2)
        self.assertLess(index.top.nbytes + index.nodes.nbytes, 2e6)

    def test_parts_too_far_apart_are_refused(self):
        coords = np.array([[-900_000] * 3, [900_000] * 3], np.int32)
        with self.assertRaises(Problem) as caught:
            index_of(coords, np.empty((0, 3), np.int32))
        self.assertIn("too far apart", str(caught.exception))


class Counting(unittest.TestCase):
    def test_active_voxels_and_bounds_of_a_box(self):
        grid = box_grid((3, -5, 10), (20, 4, 12))
        self.assertEqual(grid.active_voxels(), 18 * 10 * 3)
        low, high = grid.active_bounds()
        self.assertEqual(low.tolist(), [3, -5, 10])
        self.assertEqual(high.tolist(), [20, 4, 12])

    def test_counts_agree_with_the_dense_array(self):
        for seed in range(4):
            grid = random_grid(seed)
            dense, corner = dense_of(grid)
            self.assertEqual(grid.active_voxels(), np.count_nonzero(dense))
            at = np.argwhere(dense != 0.0)
            low, high = grid.active_bounds()
            np.testing.assert_array_equal(low, at.min(axis=0) + corner)
            np.testing.assert_array_equal(high, at.max(axis=0) + corner)

    def test_world_positions(self):
        grid = box_grid((0, 0, 0), (1, 1, 1), voxel=0.25, offset=(10.0, 20.0, 30.0))
        np.testing.assert_allclose(grid.world((4, 8, -4)), (11.0, 22.0, 29.0))


class Sampling(unittest.TestCase):
    def test_voxels_are_met_exactly(self):
        grid = random_grid(7)
        dense, corner = dense_of(grid)
        at = np.random.default_rng(2).integers(0, dense.shape, (300, 3))
        np.testing.assert_allclose(sample(grid, grid.world(at + corner)), dense[tuple(at.T)], atol=1e-6)

    def test_between_voxels_it_is_trilinear(self):
        grid = random_grid(8)
        dense, corner = dense_of(grid)
        at = np.random.default_rng(3).random((2000, 3)) * (np.array(dense.shape) - 1)
        expected = map_coordinates(dense, at.T, order=1)
        np.testing.assert_allclose(sample(grid, grid.world(at + corner)), expected, atol=2e-6)

    def test_a_linear_field_is_reproduced(self):
        coords = np.stack(np.meshgrid(*[np.arange(-1, 2)] * 3, indexing="ij"), -1).reshape(-1, 3)
        lane = np.arange(LANES)
        at = coords[:, None] * SIDE + np.stack([lane >> 6, (lane >> 3) & 7, lane & 7], -1)
        slope = np.array([0.3, -0.2, 0.7])
        grid = grid_of(0.5, coords, (at * 0.5) @ slope + 4.0)
        points = np.random.default_rng(4).uniform(-3.5, 3.5, (500, 3))
        np.testing.assert_allclose(sample(grid, points), points @ slope + 4.0, atol=1e-5)

    def test_shape_follows_the_points(self):
        grid = random_grid(9)
        self.assertEqual(sample(grid, np.zeros((4, 5, 3))).shape, (4, 5))


class Windows(unittest.TestCase):
    def test_a_window_is_the_dense_array(self):
        grid = random_grid(11)
        dense, corner = dense_of(grid)
        window = read_window(grid, corner // SIDE, np.array(dense.shape) // SIDE)
        np.testing.assert_array_equal(window, dense)

    def test_a_window_may_reach_beyond_everything(self):
        grid = box_grid((0, 0, 0), (7, 7, 7), 2.0)
        window = read_window(grid, (-2, -1, -1), (4, 3, 3))
        self.assertEqual(window.sum(), 512 * 2.0)
        self.assertEqual(window[16, 8, 8], 2.0)
        self.assertEqual(window[15, 8, 8], 0.0)

    def test_cutting_and_reading_are_inverse(self):
        grid = random_grid(12)
        dense, corner = dense_of(grid)
        coords, values, tiles, tile_values = bricks_of(dense, 0.0)
        shift = corner // SIDE
        again = grid_of(grid.voxel, coords + shift, values, tiles + shift, tile_values)
        np.testing.assert_array_equal(dense_of(again)[0], dense)
        self.assertEqual(len(tiles), len(grid.tile_coords))

    def test_cutting_leaves_background_out(self):
        window = np.zeros((32, 32, 32), np.float32)
        window[9, 9, 9] = 1.0
        coords, values, tiles, _ = bricks_of(window, 0.0)
        self.assertEqual(coords.tolist(), [[1, 1, 1]])
        self.assertEqual(values.sum(), 1.0)
        self.assertEqual(len(tiles), 0)


class Memory(unittest.TestCase):
    def setUp(self):
        self.memory = BrickMemory()
        self.asked = []
        self.coords = np.array([[0, 0, 0], [0, 0, 1], [1, 0, 0]], np.int32)

    def recall(self, about, coords, stamps):
        def compute(rows):
            self.asked.append(rows.tolist())
            made = coords[rows, 0] * 100 + coords[rows, 2] * 10 + np.asarray(stamps)[rows]
            return np.repeat(made[:, None], LANES, axis=1).astype(np.float32)
        return self.memory.recalled(about, coords, np.asarray(stamps, np.int64), compute)[:, 0].tolist()

    def test_the_same_again_computes_nothing(self):
        first = self.recall("a", self.coords, [1, 2, 3])
        self.assertEqual(first, [1, 12, 103])
        self.assertEqual(self.recall("a", self.coords, [1, 2, 3]), first)
        self.assertEqual(self.asked, [[0, 1, 2]])

    def test_another_stamp_computes_that_brick_only(self):
        self.recall("a", self.coords, [1, 2, 3])
        self.assertEqual(self.recall("a", self.coords, [1, 5, 3]), [1, 15, 103])
        self.assertEqual(self.asked[1:], [[1]])

    def test_new_bricks_are_computed_and_old_ones_forgotten(self):
        self.recall("a", self.coords, [1, 2, 3])
        other = np.array([[0, 0, 1], [2, 0, 0]], np.int32)
        self.assertEqual(self.recall("a", other, [2, 7]), [12, 207])
        self.recall("a", self.coords, [1, 2, 3])
        self.assertEqual(self.asked[1:], [[1], [0, 2]])

    def test_another_subject_forgets_everything(self):
        self.recall("a", self.coords, [1, 2, 3])
        self.recall("b", self.coords, [1, 2, 3])
        self.assertEqual(self.asked, [[0, 1, 2], [0, 1, 2]])


if __name__ == "__main__":
    unittest.main()
