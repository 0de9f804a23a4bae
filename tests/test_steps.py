"""Steps on the surface, skins of every kind, and volumes joined by density."""

import math
import unittest

import numpy as np
from scipy import ndimage
from scipy.interpolate import PchipInterpolator

from softmound.core.curves import curve_at, curve_numbers
from softmound.core.engine.density import Memories, bounds_of, density_grid
from softmound.core.exchange.forms import volume_form
from softmound.core.fill.steps.grow import Grow
from softmound.core.fill.steps.smooth import Smooth
from softmound.core.kernels import f32, serial, threads, use_threads
from softmound.core.recipe import SKIN_CURVES, Curve, LowerSkin, Skin, eased
from softmound.core.ticket import Stopped, Ticket
from softmound.core.volume import grid_of
from softmound.core.volume.combine import combined
from softmound.core.volume.filters import smoothed
from softmound.core.volume.numbers import numbers_of
from softmound.core.volume.resample import resampled
from tests.long import long
from tests.scenes import ball_mound, box_grid, dense_of, lumpy_mound, random_grid, voxels_of

RADIUS = 12.0


def radius_of(mound, voxel=0.5):
    """Radius of a ball that holds as much as the mound's surface at half density encloses."""
    mound = mound.edited(skin=Skin(thickness=0.0, curve=eased(0.0)))
    grid = density_grid(mound, voxel)
    # With a skin of one voxel the density is a share of the voxel: it reaches half of it too little.
    volume = numbers_of(grid, 1.0).filled
    return (volume / (4.0 / 3.0 * math.pi)) ** (1.0 / 3.0) + voxel / 2.0


@serial
def _curve(x, numbers, n):
    return curve_at(x, numbers, n)


class Curves(unittest.TestCase):
    def test_as_scipy_has_them(self):
        u = np.linspace(0.0, 1.0, 201, dtype=np.float32)
        for curve in (*SKIN_CURVES.values(), Curve(points=((0.0, 1.0), (0.1, 0.2), (0.13, 0.9), (1.0, 0.0)))):
            numbers = curve_numbers(curve)
            values = [_curve(f32(x), numbers, 0) for x in u]
            np.testing.assert_allclose(values, PchipInterpolator(*np.array(curve.points).T)(u), atol=2e-6)

    def test_what_is_no_curve(self):
        for points in (((0.0, 0.0),), ((0.1, 0.0), (1.0, 1.0)), ((0.0, 0.0), (0.9, 1.0)),
                       ((0.0, 0.0), (0.6, 0.2), (0.4, 0.3), (1.0, 1.0)), ((0.0, 0.0), (1.0, 1.2))):
            with self.assertRaises(ValueError):
                Curve(points=points)
        with self.assertRaises(ValueError):
            Skin(curve=Curve(points=((0.0, 0.5), (1.0, 1.0))))


class Skins(unittest.TestCase):
    def test_a_shell_is_hollow(self):
        grid = density_grid(ball_mound(RADIUS, 1.0, skin=Skin(thickness=1.0, shell=4.0, curve=eased(0.0))), 0.4)
        depth = RADIUS - np.linalg.norm(voxels_of(grid.coords) * 0.4 - (0.0, 20.0, 0.0), axis=-1)
        np.testing.assert_allclose(grid.values, np.clip(np.minimum(depth, 4.0 - depth), 0.0, 1.0), atol=3e-5)
        self.assertEqual(len(grid.tile_coords), 0)
        dense, low = dense_of(grid)
        middle = np.round(np.array([0.0, 20.0, 0.0]) / 0.4).astype(int) - low
        self.assertEqual(dense[tuple(middle)], 0.0)

    def test_another_skin_below(self):
        below = LowerSkin(thickness=4.0, core=0.5, curve=eased(0.0), altitude=20.0, blend=0.0)
        upper = Skin(thickness=1.0, curve=eased(0.0))
        grid = density_grid(ball_mound(RADIUS, skin=upper.edited(below=below)), 0.5)
        alone = [density_grid(ball_mound(RADIUS, skin=skin), 0.5) for skin in
                 (upper, Skin(thickness=4.0, core=0.5, curve=eased(0.0)))]
        arrays = [dense_of(g) for g in (grid, *alone)]
        size = np.array(arrays[0][0].shape)
        (both, low), (top, low_top), (bottom, low_bottom) = arrays
        for part, at in ((top, low_top), (bottom, low_bottom)):
            self.assertTrue(np.array_equal(at, low) and np.array_equal(part.shape, size))
        height = (np.arange(size[1]) + low[1]) * 0.5
        np.testing.assert_allclose(both[:, height > 20.5], top[:, height > 20.5], atol=1e-6)
        np.testing.assert_allclose(both[:, height < 19.5], bottom[:, height < 19.5], atol=1e-6)

    def test_inside_the_skins_pass_into_one_another(self):
        below = LowerSkin(core=0.25, altitude=20.0, blend=6.0)
        grid = density_grid(ball_mound(RADIUS, skin=Skin(thickness=1.0, core=1.0, below=below)), 0.4)
        dense, low = dense_of(grid)
        middle = -low[0], -low[2]
        height = (np.arange(dense.shape[1]) + low[1]) * 0.4
        share = np.clip((height - 20.0) / 6.0 + 0.5, 0.0, 1.0)
        wanted = 0.25 + share * share * (3.0 - 2.0 * share) * 0.75
        inside = np.abs(height - 20.0) < 8.0
        np.testing.assert_allclose(dense[middle[0], inside, middle[1]], wanted[inside], atol=1e-5)


class Steps(unittest.TestCase):
    def ball(self, *steps):
        return ball_mound(RADIUS, steps=steps)

    def test_growing_and_shrinking_a_ball(self):
        for metres in (3.0, -3.0):
            for after in (False, True):
                self.assertAlmostEqual(radius_of(self.ball(Grow(metres=metres, after=after))), RADIUS + metres, delta=0.03)

    @long
    def test_smoothing_shrinks_a_ball_as_theory_says(self):
        # Blurring |x| - R by a Gaussian adds s^2 / r to first order; flow obeys dR/dt = -2 / R.
        width = 3.0
        blurred = (RADIUS + math.sqrt(RADIUS**2 - 4.0 * width**2)) / 2.0
        flowed = math.sqrt(RADIUS**2 - 2.0 * width**2)
        self.assertAlmostEqual(radius_of(self.ball(Smooth(width=width)), 0.6), blurred, delta=0.06)
        self.assertAlmostEqual(radius_of(self.ball(Smooth(width=width, filter="flow")), 0.6), flowed, delta=0.08)
        # A mean over a cube of half side h blurs like a Gaussian of variance h^2 / 3 along each axis.
        side = (RADIUS + math.sqrt(RADIUS**2 - 4.0 * width**2 / 3.0)) / 2.0
        self.assertAlmostEqual(radius_of(self.ball(Smooth(width=width, filter="mean")), 0.6), side, delta=0.06)
        self.assertLess(radius_of(self.ball(Smooth(width=width, filter="median")), 0.6), RADIUS)

    def test_a_plane_stays_where_it_is(self):
        coords = np.stack(np.meshgrid(np.arange(3), np.arange(3), np.arange(3), indexing="ij"), -1).reshape(-1, 3)
        values = (voxels_of(coords)[..., 1] - 11.3).astype(np.float32) * 0.5
        for name in ("gaussian", "mean", "median", "flow"):
            out = smoothed(coords.astype(np.int32), values, np.empty((0, 3), np.int32), 50.0, 0.5, name, 1.0)
            middle = np.flatnonzero((coords == 1).all(axis=1))[0]
            np.testing.assert_allclose(out[middle], values[middle], atol=1e-5)

    def test_bricks_of_the_filter_against_one_dense_array(self):
        dice = np.random.default_rng(4)
        coords = np.stack(np.meshgrid(*[np.arange(5)] * 3, indexing="ij"), -1).reshape(-1, 3).astype(np.int32)
        dense = dice.normal(size=(40, 40, 40)).astype(np.float32)
        values = dense.reshape(5, 8, 5, 8, 5, 8).transpose(0, 2, 4, 1, 3, 5).reshape(-1, 512)
        outside = np.pad(dense, 16, constant_values=9.0)
        for name, other in (("gaussian", lambda a: ndimage.gaussian_filter(a, 2.0, truncate=3.0)),
                            ("mean", lambda a: ndimage.uniform_filter(a, 5))):
            out = smoothed(coords, values, np.empty((0, 3), np.int32), 9.0, 1.0, name, 2.0)
            wanted = other(outside)[16:-16, 16:-16, 16:-16]
            got = out.reshape(5, 5, 5, 8, 8, 8).transpose(0, 3, 1, 4, 2, 5).reshape(40, 40, 40)
            # Where there are no bricks the field is held, and not eased along each axis in turn.
            inner = (slice(6, -6),) * 3
            np.testing.assert_allclose(got[inner], wanted[inner], atol=1e-5)
        out = smoothed(coords, values, np.empty((0, 3), np.int32), 9.0, 1.0, "median", 2.0)
        got = out.reshape(5, 5, 5, 8, 8, 8).transpose(0, 3, 1, 4, 2, 5).reshape(40, 40, 40)
        np.testing.assert_array_equal(got, ndimage.median_filter(outside, 5)[16:-16, 16:-16, 16:-16])

    def test_same_bytes_whatever_the_threads_and_the_memories(self):
        mound = lumpy_mound().edited(steps=(Smooth(width=1.5), Grow(metres=-0.5, after=True),
                                            Smooth(width=1.0, filter="median", after=True)))
        grid = density_grid(mound, 0.8)
        count = threads()
        try:
            use_threads(1)
            alone = density_grid(mound, 0.8)
        finally:
            use_threads(count)
        for other in (alone, density_grid(mound, 0.8, None, Memories())):
            self.assertEqual(other.values.tobytes(), grid.values.tobytes())

    def test_a_step_can_be_stopped(self):
        ticket = Ticket()
        ticket.stop()
        with self.assertRaises(Stopped):
            density_grid(self.ball(Smooth(width=2.0)), 0.5, ticket)

    def test_what_is_off_does_nothing(self):
        plain = density_grid(self.ball(), 0.5)
        off = density_grid(self.ball(Smooth(on=False), Grow(metres=0.0)), 0.5)
        self.assertEqual(plain.values.tobytes(), off.values.tobytes())


class Joining(unittest.TestCase):
    def test_every_way_against_dense_arrays(self):
        first, second = random_grid(1), random_grid(2)
        # Some bricks in common, so that there is something to multiply.
        second = grid_of(0.5, np.concatenate([second.coords[:30], first.coords[:20], first.tile_coords[:5]]),
                         np.concatenate([second.values[:30], first.values[20:40], first.values[:5]]),
                         np.concatenate([second.tile_coords, first.coords[20:25], first.tile_coords[5:8]]),
                         np.full(len(second.tile_coords) + 8, 0.75, np.float32), 0.0, first.offset)
        a, low_a = dense_of(first)
        b, low_b = dense_of(second)
        low, high = np.minimum(low_a, low_b), np.maximum(low_a + a.shape, low_b + b.shape)
        arrays = []
        for dense, at in ((a, low_a), (b, low_b)):
            whole = np.zeros(high - low, np.float32)
            s = at - low
            whole[s[0] : s[0] + dense.shape[0], s[1] : s[1] + dense.shape[1], s[2] : s[2] + dense.shape[2]] = dense
            arrays.append(whole)
        for by, wanted in (("add", arrays[0] + arrays[1]), ("maximum", np.maximum(*arrays)),
                           ("multiply", arrays[0] * arrays[1]), ("average", (arrays[0] + arrays[1]) / 2)):
            dense, at = dense_of(combined(first, second, by))
            whole = np.zeros(high - low, np.float32)
            s = at - low
            whole[s[0] : s[0] + dense.shape[0], s[1] : s[1] + dense.shape[1], s[2] : s[2] + dense.shape[2]] = dense
            np.testing.assert_allclose(whole, wanted, atol=1e-6)

    def test_other_voxels_and_places_keep_what_there_is(self):
        box = box_grid((0, 0, 0), (39, 39, 39), voxel=0.5)
        total = box.values.sum(dtype=float) * 0.5**3
        turn = np.array([[0.0, -1.0, 0.0], [1.0, 0.0, 0.0], [0.0, 0.0, 1.0]])
        for voxel, axes, grown in ((1.3, None, 1.0), (0.31, None, 1.0), (0.7, turn, 1.0), (0.8, turn * 2.0, 8.0)):
            other = resampled(box, voxel, axes=axes, shift=(3.0, -2.0, 1.0), offset=(0.1, 0.2, 0.3))
            held = (other.values.sum(dtype=float) + 512.0 * other.tile_values.sum(dtype=float)) * voxel**3
            self.assertAlmostEqual(held / (total * grown), 1.0, delta=0.01)

    def test_a_volume_in_a_mound(self):
        # Two balls side by side, one of them a volume of coarser voxels.
        ball = density_grid(ball_mound(8.0, 2.0), 1.0)
        form = volume_form(ball, "Crumb", False).edited(centre=(24.0, 0.0, 0.0), joins="density", by="add")
        mound = ball_mound(8.0, 2.0)
        both = mound.edited(mass=mound.mass.edited(forms=mound.mass.forms + (form,)))
        alone = numbers_of(density_grid(mound, 0.5), 1.0).filled
        self.assertAlmostEqual(numbers_of(density_grid(both, 0.5), 1.0).filled / alone, 2.0, delta=0.02)
        self.assertGreater(bounds_of(both)[1][0], 30.0)
        over = both.mass.forms[1].edited(centre=(0.0, 0.0, 0.0), by="multiply")
        grid = density_grid(both.edited(mass=both.mass.edited(forms=(mound.mass.forms[0], over))), 1.0)
        wanted = dense_of(ball)[0] ** 2
        # The density of voxels of the same size is sampled at their middles: nothing is lost.
        self.assertAlmostEqual(float(dense_of(grid)[0].sum()), float(wanted.sum()), delta=1e-3 * float(wanted.sum()))
        only = both.edited(mass=both.mass.edited(forms=(form,)))
        self.assertAlmostEqual(numbers_of(density_grid(only, 0.5), 1.0).filled / alone, 1.0, delta=0.02)


if __name__ == "__main__":
    unittest.main()
