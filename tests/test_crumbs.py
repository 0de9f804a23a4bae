"""Crumbs that hang on nothing are dropped, and nothing else: against SciPy's labels on dense arrays."""

import unittest

import numpy as np
from scipy import ndimage

from softmound.core.engine.density import density_grid
from softmound.core.mass.kinds.blob import Blob
from softmound.core.mass.kinds.volume import Volume
from softmound.core.recipe import Arrays, BaseLevel, Mass, Mound, Skin, Voxels
from softmound.core.volume import grid_of
from softmound.core.volume.crumbs import MOST_PIECES, components_of, drop_crumbs

SIDE = 8


def grid_from(dense, tiles=()):
    """A grid of a dense array whose sides are whole bricks; bricks of `tiles` become tiles."""
    coords = np.stack(np.meshgrid(*(np.arange(side // SIDE) for side in dense.shape), indexing="ij"), -1).reshape(-1, 3)
    bricks = [dense[tuple(slice(c * SIDE, c * SIDE + SIDE) for c in coord)].ravel() for coord in coords]
    is_tile = np.array([tuple(coord) in tiles for coord in coords])
    values = np.array(bricks, np.float32)
    return grid_of(0.5, coords[~is_tile].astype(np.int32), values[~is_tile], coords[is_tile].astype(np.int32),
                   values[is_tile][:, 0])


def dense_of(grid, shape):
    """The other way round."""
    out = np.zeros(shape, np.float32)
    for coord, brick in zip(grid.coords, grid.values):
        out[tuple(slice(c * SIDE, c * SIDE + SIDE) for c in coord)] = brick.reshape(SIDE, SIDE, SIDE)
    for coord, value in zip(grid.tile_coords, grid.tile_values):
        out[tuple(slice(c * SIDE, c * SIDE + SIDE) for c in coord)] = value
    return out


def sizes_by_scipy(dense):
    """Labels of all voxels and, by label from 1, the longest side of the box of each component."""
    labels, _ = ndimage.label(dense > 0.0)
    return labels, [max(s.stop - s.start for s in box) for box in ndimage.find_objects(labels)]


class Components(unittest.TestCase):
    def test_as_many_and_as_large_as_scipy_finds(self):
        rng = np.random.default_rng(4)
        for filled in (0.08, 0.25, 0.32, 0.5):
            dense = np.where(rng.random((32, 24, 40)) < filled, rng.random((32, 24, 40)), 0.0).astype(np.float32)
            dense[8:16, 8:16, 16:24] = 0.7
            grid = grid_from(dense, tiles={(1, 1, 2)})
            self.assertEqual(len(grid.tile_coords), 1)
            _, _, roots, sizes = components_of(grid)
            found = np.unique(roots)
            with self.subTest(filled):
                self.assertEqual(sorted(sizes[found]), sorted(sizes_by_scipy(dense)[1]))

    def test_small_parts_go_and_the_rest_stays_bit_by_bit(self):
        rng = np.random.default_rng(5)
        dense = np.where(ndimage.gaussian_filter(rng.random((40, 40, 40)), 1.2) > 0.545, 0.5, 0.0).astype(np.float32)
        labels, sizes = sizes_by_scipy(dense)
        grid, least = grid_from(dense), 6
        dropped = drop_crumbs(grid, least * grid.voxel)
        largest = 1 + int(np.argmax(sizes))
        small = [n + 1 for n, size in enumerate(sizes) if size < least and n + 1 != largest]
        self.assertGreater(len(small), 5)
        self.assertEqual(dropped, len(small))
        np.testing.assert_array_equal(dense_of(grid, dense.shape), np.where(np.isin(labels, small), 0.0, dense))

    def test_a_crumb_that_holds_a_whole_brick_goes_with_it(self):
        dense = np.zeros((24, 64, 24), np.float32)
        dense[:, :24] = 1.0
        dense[7:17, 39:49, 7:17] = 0.7  # five metres, with a brick of one value in its middle
        grid = grid_from(dense, {(1, 1, 1), (1, 5, 1)})
        self.assertEqual(drop_crumbs(grid, 6.0), 1)
        left = dense_of(grid, dense.shape)
        self.assertEqual(float(left[:, 24:].max()), 0.0)
        np.testing.assert_array_equal(left[:, :24], dense[:, :24])

    def test_a_cloud_that_is_all_crumbs_keeps_its_largest(self):
        dense = np.zeros((16, 16, 16), np.float32)
        dense[1, 1, 1] = dense[9:12, 9, 9] = 1.0
        grid = grid_from(dense)
        self.assertEqual(drop_crumbs(grid, 100.0), 1)
        self.assertEqual(int((grid.values > 0.0).sum()), 3)

    def test_a_brick_of_more_pieces_than_are_told_apart(self):
        # Every second voxel: 256 pieces in a brick. The last two count as one, and nothing is read past an array.
        dense = (np.indices((16, 8, 8)).sum(axis=0) % 2).astype(np.float32)
        labels, begins, roots, _ = components_of(grid_from(dense))
        self.assertEqual(labels.max(), MOST_PIECES)
        self.assertEqual(len(roots), 2 * MOST_PIECES)
        self.assertEqual(begins.tolist(), [0, MOST_PIECES])

    def test_nothing_to_do(self):
        empty = grid_of(1.0, np.empty((0, 3), np.int32), np.empty((0, 512), np.float32), np.empty((0, 3), np.int32),
                        np.empty(0, np.float32))
        self.assertEqual(drop_crumbs(empty, 5.0), 0)
        grid = grid_from(np.ones((8, 8, 8), np.float32) * 0.5)
        self.assertEqual(drop_crumbs(grid, 0.0), 0)


class InAMound(unittest.TestCase):
    def test_a_speck_beside_the_cloud(self):
        forms = (Blob(centre=(0.0, 20.0, 0.0), radii=(12.0, 12.0, 12.0)),
                 Blob(centre=(30.0, 20.0, 0.0), radii=(1.2, 1.2, 1.2)))
        mound = Mound(mass=Mass(forms=forms, melt=0.0, base=BaseLevel(on=False)), skin=Skin(thickness=1.0))

        def right_end(crumbs):
            return density_grid(mound.edited(voxels=Voxels(crumbs=crumbs)), 0.5).active_bounds()[1][0] * 0.5

        self.assertGreater(right_end(0.0), 29.0)
        self.assertGreater(right_end(1.5), 29.0)
        self.assertLess(right_end(4.0), 13.0)

    def test_what_a_volume_holds_is_not_lost_with_its_crumbs(self):
        # The grid it was resampled to is remembered: dropping must leave that as it was.
        bricks = np.full((2, 512), 0.6, np.float32)
        bricks[1, 1:] = 0.0
        held = Arrays(coords=np.array([[0, 1, 0], [9, 9, 0]], np.int32), values=bricks, tiles=np.zeros((0, 3), np.int32),
                      tile_values=np.zeros(0, np.float32), about=np.array([1.0, 0.0, 0.0, 0.0, 0.0]))
        mound = Mound(mass=Mass(forms=(Volume(grid=held, joins="density"),), base=BaseLevel(on=False)))

        def filled(crumbs):
            return int((density_grid(mound.edited(voxels=Voxels(crumbs=crumbs)), 1.0).values > 0.0).sum())

        self.assertEqual([filled(crumbs) for crumbs in (3.0, 0.0, 3.0)], [512, 513, 512])


if __name__ == "__main__":
    unittest.main()
