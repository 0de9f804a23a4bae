"""Fill: skin, and density grids whose bounds hold the whole cloud."""

import math
import unittest
import unittest.mock

import numpy as np

from softmound.core.engine.density import (
    Memories,
    band_for,
    bounds_of,
    density_grid,
    draft_voxel,
    span_of,
)
from softmound.core.fill.skin import filled, thickness_at
from softmound.core.grain.actions.mottle import Mottle
from softmound.core.grain.actions.nibble import Nibble
from softmound.core.grain.actions.push import Push
from softmound.core.grain.masks.depth import ByDepth
from softmound.core.grain.surface import NarrowBand, pushed
from softmound.core.grain.where import landmarks_of
from softmound.core.kernels import threads, use_threads
from softmound.core.mass.distance import distance_in
from softmound.core.recipe import LowerSkin, Skin, eased
from softmound.core.volume.iso import within_budget
from tests.scenes import ball_mound, dense_of, lumpy_mound, voxels_of


def skin_of(values, **fields):
    """Density of a few distances."""
    row = np.zeros((1, 512), np.float32)
    row[0, : len(values)] = values
    return filled(row, np.zeros((1, 3), np.int32), Skin(**fields), 0.1)[0][0, : len(values)]


class SkinCurve(unittest.TestCase):
    def test_nothing_outside_core_inside(self):
        np.testing.assert_allclose(skin_of([5.0, 0.0, -2.0, -50.0], thickness=2.0, core=1.5), [0, 0, 1.5, 1.5])

    def test_straight_and_smooth(self):
        depth = np.linspace(0.0, 2.0, 9)
        np.testing.assert_allclose(skin_of(-depth, thickness=2.0, curve=eased(0.0)), depth / 2.0, atol=1e-6)
        u = depth / 2.0
        np.testing.assert_allclose(skin_of(-depth, thickness=2.0, curve=eased(1.0)), u * u * (3 - 2 * u), atol=0.006)

    def test_it_rises_inward(self):
        depth = np.linspace(-1.0, 4.0, 200)
        for softness in (0.0, 0.4, 1.0):
            self.assertTrue(np.all(np.diff(skin_of(-depth, thickness=3.0, curve=eased(softness))) >= 0.0))

    def test_never_thinner_than_a_voxel(self):
        self.assertEqual(thickness_at(Skin(thickness=0.1), 0.5), 0.5)
        self.assertEqual(thickness_at(Skin(thickness=2.0), 0.5), 2.0)

    def test_low_and_high_of_each_brick(self):
        distance = np.random.default_rng(1).normal(size=(7, 512)).astype(np.float32)
        density, low, high = filled(distance, np.zeros((7, 3), np.int32), Skin(thickness=1.0), 0.1)
        np.testing.assert_array_equal(low, density.min(axis=1))
        np.testing.assert_array_equal(high, density.max(axis=1))


class Grids(unittest.TestCase):
    def test_mass_of_a_ball_against_the_formula(self):
        # Density (R - r) / T in the skin and 1 within: the integral over the ball is exact.
        radius, skin = 10.0, 3.0
        exact = math.pi / (3 * skin) * (radius**4 - (radius - skin) ** 4)
        errors = []
        for voxel in (1.0, 0.5):
            grid = density_grid(ball_mound(radius, skin), voxel)
            mass = (grid.values.sum(dtype=np.float64) + 512.0 * grid.tile_values.sum()) * voxel**3
            errors.append(abs(mass / exact - 1.0))
        self.assertLess(errors[0], 0.005)
        self.assertLess(errors[1], 0.002)

    def test_the_error_of_a_ball_falls_with_the_square_of_the_voxel(self):
        # Its volume by the half density surface; the middle of several positions evens out the lattice.
        errors = []
        for voxel in (1.6, 0.8, 0.4):
            found = []
            for shift in (0.0, 0.3, 0.7):
                blob = ball_mound(10.0).mass.forms[0].edited(centre=(shift * voxel, 20.0 + 0.4 * shift * voxel, 0.2))
                mound = ball_mound(10.0, 4.0)
                grid = density_grid(mound.edited(mass=mound.mass.edited(forms=(blob,))), voxel)
                vertices, faces, _ = within_budget(grid, 0.5)
                a, b, c = (vertices[faces[:, n]] for n in range(3))
                found.append(np.einsum("ij,ij->i", a, np.cross(b, c)).sum() / 6.0)
            errors.append(abs(np.mean(found) / (4.0 / 3.0 * math.pi * 8.0**3) - 1.0))
        orders = np.log2(np.divide(errors[:-1], errors[1:]))
        self.assertTrue(np.all(orders > 1.6) and np.all(orders < 2.6), orders)

    def test_density_of_a_ball_voxel_by_voxel(self):
        grid = density_grid(ball_mound(10.0, 2.0), 0.4)
        at = voxels_of(grid.coords) * 0.4
        depth = 10.0 - np.linalg.norm(at - (0.0, 20.0, 0.0), axis=-1)
        np.testing.assert_allclose(grid.values, np.clip(depth / 2.0, 0.0, 1.0), atol=2e-5)
        tiles = voxels_of(grid.tile_coords) * 0.4
        self.assertGreater((10.0 - np.linalg.norm(tiles - (0.0, 20.0, 0.0), axis=-1)).min(), 2.0)

    def test_strong_push_stays_within_the_bounds(self):
        for folded in (False, True):
            for strength in (1.0, 6.0, 15.0):
                mound = ball_mound(8.0, 1.0, grains=(Push(
                    feature=9.0, strength=strength, octaves=4, summed="folded" if folded else "fbm", seed=3),))
                low, high = bounds_of(mound)
                active = np.array(density_grid(mound, 0.9).active_bounds()) * 0.9
                self.assertTrue(np.all(active[0] >= low) and np.all(active[1] <= high))
                # The push does move the surface, or nothing was tested.
                self.assertGreater(np.abs(active - [(-8.0, 12.0, -8.0), (8.0, 28.0, 8.0)]).max(), 0.15 * strength)

    def test_strong_push_is_never_cut_off(self):
        # Computed in the bricks of a band twice as wide, the cloud has not one voxel more.
        mound = ball_mound(8.0, 1.0, grains=(Push(feature=5.0, strength=5.0, octaves=3, seed=8),))
        mound = mound.edited(voxels=mound.voxels.edited(crumbs=0.0))
        grid = density_grid(mound, 0.8)
        wide = mound.edited(grains=mound.grains + (Push(feature=5.0, strength=6.0, seed=1),))
        band = band_for(wide, 0.8)
        cells = band.cells
        distance = distance_in(band.shape, 0.8, cells)
        density, _, _ = filled(pushed(distance, cells.coords, 0.8, mound.grains, landmarks_of(mound)),
                               cells.coords, mound.skin, 0.8)
        dense, low = dense_of(grid)
        at = voxels_of(cells.coords) - low
        inside = np.all((at >= 0) & (at < dense.shape), axis=-1)
        self.assertEqual(density[~inside].max(initial=0.0), 0.0)
        np.testing.assert_allclose(density[inside], dense[tuple(at[inside].T)], atol=1e-6)

    def test_bricks_that_need_no_further_noise_change_nothing(self):
        # Held against the same build with all noise in all of its bricks.
        standing = Push(feature=9.0, strength=4.0, octaves=3, standing=True, gain=0.6)
        inward = standing.edited(direction="inward", kind="cellular", seed=3)
        eaten, varied = Nibble(feature=4.0, octaves=2, depth=2.0), Mottle(feature=5.0, octaves=2)
        soft = Skin(thickness=2.0, below=LowerSkin(thickness=4.0, altitude=16.0))
        for grains, skin in (((standing, eaten), Skin(thickness=1.5, shell=4.0)),
                             ((inward, varied), Skin(thickness=1.5, even=True)),
                             ((standing, inward, varied.edited(where=(ByDepth(depth=8.0),))), soft)):
            mound = lumpy_mound().edited(grains=grains, skin=skin)
            grid = density_grid(mound, 0.8)
            with unittest.mock.patch("softmound.core.engine.density._counting", lambda *_: NarrowBand()), \
                    unittest.mock.patch("softmound.core.grain.edge._acted_on", lambda _, density, __: np.arange(len(density))):
                whole = density_grid(mound, 0.8)
            for other in (grid, density_grid(mound, 0.8, None, Memories())):
                for part in ("coords", "values", "tile_coords", "tile_values"):
                    np.testing.assert_array_equal(getattr(other, part), getattr(whole, part))

    def test_same_bytes_streamed_remembered_and_by_any_number_of_threads(self):
        mound = lumpy_mound()
        grid = density_grid(mound, 0.8)
        count = threads()
        try:
            use_threads(1)
            alone = density_grid(mound, 0.8)
        finally:
            use_threads(count)
        memories = Memories()
        density_grid(mound.edited(skin=Skin(thickness=3.0)), 0.8, None, memories)
        remembered = density_grid(mound, 0.8, None, memories)
        for other in (alone, remembered):
            np.testing.assert_array_equal(other.coords, grid.coords)
            self.assertEqual(other.values.tobytes(), grid.values.tobytes())
            np.testing.assert_array_equal(np.unique(other.tile_coords, axis=0),
                                          np.unique(grid.tile_coords, axis=0))

    def test_no_cloud_gives_an_empty_grid(self):
        mound = ball_mound()
        grid = density_grid(mound.edited(mass=mound.mass.edited(forms=())), 1.0)
        self.assertEqual(grid.active_voxels(), 0)
        self.assertIsNone(bounds_of(mound.edited(mass=mound.mass.edited(forms=()))))

    def test_draft_voxel_follows_the_span(self):
        mound = ball_mound(40.0)
        self.assertAlmostEqual(span_of(mound), 80.0, places=3)
        self.assertAlmostEqual(draft_voxel(mound), 0.5)
        self.assertEqual(draft_voxel(mound.edited(voxels=mound.voxels.edited(draft=2.0))), 2.0)


if __name__ == "__main__":
    unittest.main()
