"""Grain: statistics and continuity of the noise, and Push."""

import unittest
import unittest.mock

import numpy as np
from scipy.spatial import cKDTree

from softmound.core.engine.density import Memories, density_grid
from softmound.core.exchange.forms import volume_form
from softmound.core.grain.actions.crisp import Crisp
from softmound.core.grain.actions.mottle import Mottle
from softmound.core.grain.actions.nibble import Nibble
from softmound.core.grain.actions.push import Push
from softmound.core.grain.actions.stir import Stir, vector_field
from softmound.core.grain.actions.streak import Streak
from softmound.core.grain.evening import evened
from softmound.core.grain.masks.depth import ByDepth
from softmound.core.grain.masks.facing import ByFacing
from softmound.core.grain.masks.form import ByForm
from softmound.core.grain.masks.height import ByHeight
from softmound.core.grain.masks.noise import ByNoise
from softmound.core.grain.masks.paint import Painted
from softmound.core.grain.masks.tired import ByTired
from softmound.core.grain.moving import _reached
from softmound.core.grain.scales import hill, octaves_of
from softmound.core.grain.surface import NarrowBand, pushed, reach_of
from softmound.core.grain.where import Landmarks, shares
from softmound.core.kernels import threads, use_threads
from softmound.core.mass.kinds.blob import Blob
from softmound.core.noise.sums import noise_bricks, noise_points
from softmound.core.problems import DoesNotFit
from softmound.core.recipe import BaseLevel, Curve, Mass, Noise, Paint, Patch, Skin, Warp, eased
from softmound.core.ticket import Stopped, Ticket
from softmound.core.volume.bricks import SIDE
from softmound.core.volume.memory import BrickMemory
from tests.scenes import NO_BASE, ball_mound, dense_of, lumpy_mound, voxels_of

ONE = Push(octaves=1, feature=10.0, seed=4)


def bricks(count, seed, reach=60):
    """Random brick coordinates, sorted and unique."""
    return np.unique(np.random.default_rng(seed).integers(-reach, reach, (count, 3)), axis=0).astype(np.int32)


def noise(push, coords, voxel=0.7):
    """Noise of bricks."""
    return noise_bricks(coords, voxel, push, np.empty((len(coords), 512), np.float32))


class Sums(unittest.TestCase):
    def test_bricks_and_points_agree(self):
        coords = bricks(40, 1)
        for push in (ONE, Push(octaves=5, feature=7.0, offset=(3.0, -2.0, 9.0)), Push(summed="folded")):
            points = (voxels_of(coords) * 0.7).reshape(-1, 3)
            np.testing.assert_allclose(noise(push, coords).ravel(), noise_points(points, push), atol=2e-4)

    def test_same_seed_same_bytes(self):
        coords = bricks(60, 2)
        self.assertEqual(noise(ONE, coords).tobytes(), noise(ONE, coords).tobytes())

    def test_another_seed_is_independent(self):
        coords = bricks(1200, 3)
        a, b = noise(ONE, coords).ravel(), noise(ONE.edited(seed=5), coords).ravel()
        self.assertLess(abs(np.corrcoef(a, b)[0, 1]), 0.03)

    def test_same_bytes_with_one_and_all_threads(self):
        coords = bricks(300, 4)
        push = Push(octaves=4)
        every = noise(push, coords).tobytes()
        count = threads()
        try:
            use_threads(1)
            self.assertEqual(noise(push, coords).tobytes(), every)
        finally:
            use_threads(count)

    def test_mean_range_and_spread(self):
        coords = bricks(1500, 5, 200)
        for push, low in ((ONE, -1.0), (Push(octaves=6, feature=10.0), -1.0), (Push(summed="folded"), 0.0)):
            values = noise(push, coords, 3.7)
            self.assertGreaterEqual(values.min(), low)
            self.assertLessEqual(values.max(), 1.0)
            if push.signed:
                self.assertLess(abs(values.mean()), 0.01)
        self.assertAlmostEqual(noise(ONE, coords, 3.7).std(), 0.36, delta=0.03)

    def test_few_values_are_clamped(self):
        values = noise(ONE, bricks(1500, 6, 200), 3.7)
        self.assertLess(np.mean(np.abs(values) >= 1.0), 0.01)

    def test_no_direction_is_preferred(self):
        dice = np.random.default_rng(7)
        start = dice.uniform(-500, 500, (60_000, 3))
        values = noise_points(start, ONE)
        apart = []
        for step in np.vstack([np.eye(3), [[0.577] * 3, [0.707, 0.707, 0.0], [0.0, 0.707, -0.707]]]):
            apart.append(np.mean((noise_points(start + 4.0 * step, ONE) - values) ** 2))
        self.assertLess(max(apart) / min(apart), 1.25)

    def test_features_have_the_stated_size(self):
        # The mean square difference grows with distance and levels off near the feature size.
        start = np.random.default_rng(8).uniform(-900, 900, (40_000, 3))
        values = noise_points(start, ONE)
        variance = 2.0 * values.var()
        structure = {d: np.mean((noise_points(start + [0.0, d, 0.0], ONE) - values) ** 2) / variance
                     for d in (1.0, 5.0, 10.0, 20.0)}
        self.assertLess(structure[1.0], 0.15)
        self.assertGreater(structure[5.0], 0.5)
        self.assertGreater(structure[10.0], 0.9)
        self.assertAlmostEqual(structure[20.0], 1.0, delta=0.1)

    def test_features_of_other_noises_have_about_the_same_size(self):
        # Half of the variance is reached at about 0.4 of a feature, whatever the kind.
        start = np.random.default_rng(8).uniform(-900, 900, (40_000, 3))
        for kind in ("gradient", "simplex", "value", "cellular"):
            grain = ONE.edited(kind=kind)
            values = noise_points(start, grain)
            apart = np.linspace(0.5, 12.0, 24)
            structure = np.array([np.mean((noise_points(start + [0.0, d, 0.0], grain) - values) ** 2) for d in apart])
            half = np.interp(0.5, structure / (2.0 * values.var()), apart)
            self.assertTrue(3.4 < half < 5.0, (kind, half))

    def test_octaves_add_what_the_gain_says(self):
        # Independent octaves: variances add. Two octaves with gain g over (1 + g).
        coords = bricks(2000, 9, 300)
        one = noise(ONE, coords, 2.3).var()
        two = noise(ONE.edited(octaves=2, gain=0.5), coords, 2.3).var()
        self.assertAlmostEqual(two / one, (1 + 0.25) / 1.5**2, delta=0.06)

    def test_continuous_in_value_and_slope_across_lattice_and_bricks(self):
        # Along a line through many lattice planes and brick borders, steps of h.
        push = Push(octaves=1, feature=1.0, seed=2)
        h = 1e-3
        line = np.arange(0.0, 4.0, h)
        points = np.stack([line, 0.37 * line + 0.2, 0.11 * line - 0.4], axis=1)
        values = noise_points(points, push).astype(float)
        slope = np.diff(values) / h
        self.assertLess(np.abs(np.diff(values)).max(), 8 * h)
        # A kink would make the slope jump by a fixed amount; curvature bounds the step by C h.
        smooth = slope.reshape(-1)[: len(slope) // 20 * 20].reshape(-1, 20).mean(axis=1)
        self.assertLess(np.abs(np.diff(smooth)).max(), 40 * 20 * h)

    def test_neighbouring_bricks_meet(self):
        coords = np.array([[0, 0, 0], [0, 0, 1]], np.int32)
        push = Push(octaves=3, feature=9.0)
        values = noise(push, coords, 0.05).reshape(2, 8, 8, 8)
        inside = np.abs(np.diff(values[0], axis=2)).max()
        across = np.abs(values[1][:, :, 0] - values[0][:, :, 7]).max()
        self.assertLess(across, 2.0 * inside)

    def test_offset_slides_the_pattern(self):
        points = np.random.default_rng(10).uniform(-50, 50, (2000, 3))
        moved_ = ONE.edited(offset=(5.0, -7.0, 3.0))
        np.testing.assert_allclose(noise_points(points + [5.0, -7.0, 3.0], moved_), noise_points(points, ONE), atol=2e-4)

    def test_folded_is_the_size_of_the_plain(self):
        points = np.random.default_rng(11).uniform(-50, 50, (2000, 3))
        np.testing.assert_allclose(noise_points(points, ONE.edited(summed="folded")), np.abs(noise_points(points, ONE)), atol=1e-6)


class Pushing(unittest.TestCase):
    def setUp(self):
        self.coords = bricks(30, 12, 4)
        self.distance = np.random.default_rng(13).normal(size=(len(self.coords), 512)).astype(np.float32)

    def push(self, *grains, base=NO_BASE, **options):
        return pushed(self.distance, self.coords, 0.9, grains, Landmarks(base), **options)

    def test_it_subtracts_strength_times_noise(self):
        grain = Push(feature=5.0, strength=3.0, octaves=2)
        expected = self.distance - 3.0 * noise(grain, self.coords, 0.9)
        np.testing.assert_allclose(self.push(grain), expected, atol=1e-5)

    def test_grains_add(self):
        a, b = Push(feature=5.0, strength=3.0), Push(feature=2.0, strength=1.0, seed=8)
        both = self.push(a, b)
        np.testing.assert_allclose(both - self.distance,
                                   (self.push(a) - self.distance) + (self.push(b) - self.distance), atol=1e-5)

    def test_off_and_zero_do_nothing(self):
        np.testing.assert_array_equal(self.push(), self.distance)
        np.testing.assert_array_equal(self.push(Push(on=False)), self.distance)
        np.testing.assert_array_equal(self.push(Push(strength=0.0)), self.distance)

    def test_reach_bounds_the_push(self):
        grains = (Push(strength=3.0), Push(strength=2.0, summed="folded", seed=3), Push(strength=9.0, on=False))
        outward, inward = reach_of(grains)
        self.assertEqual((outward, inward), (5.0, 3.0))
        change = self.distance - self.push(*grains)
        self.assertLessEqual(change.max(), outward)
        self.assertGreaterEqual(change.min(), -inward)

    def test_weaker_below_fades_toward_the_base(self):
        base = BaseLevel(altitude=0.0)
        grain = Push(feature=6.0, strength=2.0, weaker_below=1.0)
        height = voxels_of(self.coords)[..., 1] * 0.9
        change = self.distance - self.push(grain, base=base)
        self.assertEqual(np.abs(change[height <= 0.0]).max(), 0.0)
        full = self.distance - self.push(grain.edited(weaker_below=0.0), base=base)
        np.testing.assert_allclose(change[height >= 6.0], full[height >= 6.0], atol=1e-5)
        half = self.distance - self.push(grain.edited(weaker_below=0.5), base=base)
        np.testing.assert_allclose(half[height <= 0.0], 0.5 * full[height <= 0.0], atol=1e-5)

    def test_remembered_noise_equals_fresh_noise(self):
        grains = (Push(feature=5.0, strength=3.0), Push(feature=2.0, strength=1.0, seed=8))
        memory = BrickMemory()
        fresh = self.push(*grains)
        for _ in range(2):
            np.testing.assert_array_equal(self.push(*grains, memory=memory), fresh)
        other = (grains[0].edited(seed=99), grains[1])
        np.testing.assert_array_equal(self.push(*other, memory=memory), self.push(*other))

    def test_bricks_out_of_the_band_are_spared_and_no_other(self):
        # A slope that runs from far inside to far outside, so that most bricks cannot come to the surface.
        self.coords = np.array([(0, y, z) for y in range(-12, 12) for z in range(3)], np.int32)
        self.distance = (voxels_of(self.coords)[..., 1] * 0.9).astype(np.float32)
        standing = Push(feature=9.0, strength=6.0, octaves=3, standing=True, where=(ByDepth(depth=20.0),))
        plain = Push(feature=5.0, strength=2.0)
        for grains in ((standing,), (plain,), (standing.edited(direction="inward", kind="cellular"), plain), (plain, standing)):
            for band in (NarrowBand(0.0, 3.0), NarrowBand(2.0, 1.0)):
                whole, spared = self.push(*grains), self.push(*grains, counting=band)
                held = [np.clip(values, -band.inward, band.outward) for values in (whole, spared)]
                np.testing.assert_array_equal(*held)
                self.assertGreater(np.mean(np.all(spared == self.distance, axis=1)), 0.3)

    def test_in_place_equals_aside(self):
        grain = Push(feature=4.0)
        expected = self.push(grain)
        self.assertIs(self.push(grain, out=self.distance), self.distance)
        np.testing.assert_array_equal(self.distance, expected)


    def test_a_plane_pushed_by_a_known_wave_is_the_wave(self):
        # A sinusoid has no kernel of ours: the noise itself is the wave, read along a plane's own points.
        coords = np.array([[x, 0, z] for x in range(3) for z in range(3)], np.int32)
        at = voxels_of(coords) * 0.5
        plane = (at[..., 1] - 1.7).astype(np.float32)
        grain = Push(feature=4.0, strength=1.2, octaves=1, at_surface=1.0)
        out = pushed(plane, coords, 0.5, (grain,))
        feet = at.reshape(-1, 3).copy()
        feet[:, 1] = 1.7
        wave = 1.2 * noise_points(feet, grain).reshape(plane.shape)
        np.testing.assert_allclose(plane - out, wave, atol=2e-4)

    def test_directions(self):
        signed = Push(feature=5.0, strength=2.0)
        for direction, low, high in (("outward", 0.0, 2.0), ("inward", -2.0, 0.0), ("both", -2.0, 2.0)):
            grain = signed.edited(direction=direction)
            change = self.distance - self.push(grain)
            self.assertGreaterEqual(change.min(), low - 1e-5)
            self.assertLessEqual(change.max(), high + 1e-5)
            self.assertEqual(reach_of((grain,)), (max(high, 0.0), max(-low, 0.0)))
        domes = Push(kind="cellular", inverted=True, strength=3.0)
        self.assertEqual(reach_of((domes,)), (3.0, 0.0))

    def test_layers_build_on_one_another(self):
        plane = (voxels_of(self.coords)[..., 1] * 0.9).astype(np.float32)
        first = Push(feature=12.0, strength=3.0, octaves=1, summed="folded")
        second = Push(feature=4.0, strength=1.0, octaves=1, at_surface=1.0, seed=9)
        both = pushed(plane, self.coords, 0.9, (first, second))
        once = pushed(plane, self.coords, 0.9, (first,))
        np.testing.assert_allclose(both, pushed(once, self.coords, 0.9, (second,)), atol=1e-3)
        self.assertGreater(np.abs(both - (once + pushed(plane, self.coords, 0.9, (second,)) - plane)).max(), 0.1)

    def test_what_reads_the_distance_is_remembered_by_its_stamps(self):
        grain = Push(feature=6.0, strength=1.0, at_surface=0.7, where=(ByDepth(depth=2.0),))
        memory, stamps = BrickMemory(), np.arange(len(self.coords), dtype=np.int64)
        fresh = self.push(grain)
        np.testing.assert_array_equal(self.push(grain, memory=memory, stamps=stamps), fresh)
        self.distance[3] += 0.5
        stamps = np.where(stamps == 3, -1, stamps)
        np.testing.assert_array_equal(self.push(grain, memory=memory, stamps=stamps), self.push(grain))

    def test_dragging_the_first_form_forgets_noise_only_when_it_goes_with_the_mound(self):
        for anchor, fewest in (("sky", 0), ("mound", len(self.coords))):
            grain, memory, asked = Push(feature=5.0, anchor=anchor), BrickMemory(), []
            for origin in ((0.0, 0.0, 0.0), (3.0, 0.0, 1.0)):
                recalled = memory.recalled

                def counted(about, coords, stamps, compute, recalled=recalled):
                    return recalled(about, coords, stamps, lambda rows: (asked.append(len(rows)), compute(rows))[1])
                with unittest.mock.patch.object(memory, "recalled", counted):
                    asked.clear()
                    got = pushed(self.distance, self.coords, 0.9, (grain,), Landmarks(NO_BASE, origin), memory=memory)
                np.testing.assert_array_equal(
                    got, pushed(self.distance, self.coords, 0.9, (grain,), Landmarks(NO_BASE, origin)))
            self.assertEqual(sum(asked), fewest)

    def test_an_evened_distance_rises_by_one(self):
        plane = (3.0 * voxels_of(self.coords)[..., 1] * 0.9 + 1.0).astype(np.float32)
        np.testing.assert_allclose(evened(plane, 0.9), plane / 3.0, rtol=1e-5)


class Kinds(unittest.TestCase):
    def test_mean_range_and_spread(self):
        coords = bricks(1200, 21, 200)
        for kind in ("simplex", "value"):
            values = noise(ONE.edited(kind=kind), coords, 3.7)
            self.assertLess(abs(values.mean()), 0.01)
            self.assertAlmostEqual(values.std(), 0.35, delta=0.03)
            self.assertLess(np.mean(np.abs(values) >= 1.0), 0.01)
        for metric in ("euclidean", "manhattan", "chebyshev"):
            for cell in ("f1", "f2", "f2-f1", "smooth f1"):
                grain = ONE.edited(kind="cellular", cell=cell, metric=metric)
                values = noise(grain, coords, 3.7)
                self.assertTrue(0.0 <= values.min() and values.max() <= 1.0)
                self.assertLess(np.mean(values >= 1.0), 0.004)
                np.testing.assert_allclose(noise(grain.edited(inverted=True), coords, 3.7), 1.0 - values, atol=1e-6)

    def test_cells_against_every_point_in_turn(self):
        # The points are found as minima of F1 itself: at a point F1 is nothing, and F1 is the distance to the nearest.
        grain = ONE.edited(kind="cellular", feature=1.0)
        dice = np.random.default_rng(3)
        start = dice.uniform(2.0, 6.0, (400, 3))
        for _ in range(60):  # down the slope, which has length 1
            h = 1e-3
            slope = np.stack([noise_points(start + h * e, grain) - noise_points(start - h * e, grain)
                              for e in np.eye(3)], axis=1) / (2 * h)
            value = noise_points(start, grain)[:, None]
            start = start - 0.5 * value / 0.9 * slope / np.maximum(np.linalg.norm(slope, axis=1, keepdims=True), 1e-6)
        points = np.unique(np.round(start[noise_points(start, grain) < 0.01], 2), axis=0)
        self.assertGreater(len(points), 40)
        tree = cKDTree(points)
        places = dice.uniform(3.2, 4.8, (3000, 3))
        first = noise_points(places, grain) / 0.9
        near, _ = tree.query(places, 2)
        self.assertGreater(np.mean(np.abs(near[:, 0] - first) < 0.03), 0.97)

    def test_no_direction_is_preferred(self):
        start = np.random.default_rng(7).uniform(-500, 500, (40_000, 3))
        for kind in ("simplex", "cellular", "value"):
            grain = ONE.edited(kind=kind)
            values = noise_points(start, grain)
            apart = [np.mean((noise_points(start + 4.0 * step, grain) - values) ** 2) for step in np.vstack([
                np.eye(3), [[0.577] * 3, [0.707, 0.707, 0.0]]])]
            self.assertLess(max(apart) / min(apart), 1.35, kind)

    def test_continuous_to_the_second_order_where_stated(self):
        # Second differences of a smooth function fall with the square of the step; a kink's do not.
        line = np.linspace(0.0, 6.0, 6001)
        for kind in ("gradient", "simplex", "value"):
            grain = Push(kind=kind, octaves=1, feature=1.0, seed=2)
            values = noise_points(np.stack([line, 0.37 * line + 0.2, 0.11 * line - 0.4], axis=1), grain).astype(float)
            held = np.convolve(np.abs(values) > 0.97, np.ones(81), "same") > 0  # near where values are cut
            fine, coarse = (np.abs(values[2 * n :] - 2 * values[n:-n] + values[: -2 * n])[~held[n:-n]].max()
                            for n in (20, 10))
            self.assertAlmostEqual(fine / coarse, 4.0, delta=0.5)

    def test_sums(self):
        points = np.random.default_rng(11).uniform(-50, 50, (3000, 3))
        plain = np.abs(noise_points(points, ONE))
        for summed, wanted in (("folded", plain), ("ridged", (1.0 - plain) ** 2), ("domed", np.sqrt(plain))):
            np.testing.assert_allclose(noise_points(points, ONE.edited(summed=summed)), wanted, atol=2e-4)

    def test_stretch_and_rotation(self):
        points = np.random.default_rng(12).uniform(-50, 50, (2000, 3))
        wide = ONE.edited(stretch=(3.0, 1.0, 0.5))
        np.testing.assert_allclose(noise_points(points * (3.0, 1.0, 0.5), wide), noise_points(points, ONE), atol=2e-4)
        turned = ONE.edited(rotation=(0.0, 90.0, 0.0))
        about_y = points @ np.array([[0.0, 0.0, -1.0], [0.0, 1.0, 0.0], [1.0, 0.0, 0.0]])
        np.testing.assert_allclose(noise_points(about_y, turned), noise_points(points, ONE), atol=3e-4)

    def test_time_comes_back_and_keeps_its_spread(self):
        points = np.random.default_rng(13).uniform(-300, 300, (30_000, 3))
        for kind in ("gradient", "simplex", "value", "cellular"):
            still = ONE.edited(kind=kind, period=8.0)
            first = noise_points(points, still)
            np.testing.assert_allclose(noise_points(points, still.edited(time=8.0)), first, atol=2e-4)
            half = noise_points(points, still.edited(time=3.0))
            self.assertGreater(np.abs(half - first).mean(), 0.1)
            self.assertAlmostEqual(half.std() / first.std(), 1.0, delta=0.04)
            soon = noise_points(points, still.edited(time=0.01))
            self.assertLess(np.abs(soon - first).max(), 0.05)

    def test_anchors_contrast_and_warp(self):
        points = np.random.default_rng(14).uniform(-50, 50, (2000, 3))
        moved_ = noise_points(points + [4.0, 0.0, -9.0], ONE.edited(anchor="mound"), (4.0, 0.0, -9.0))
        np.testing.assert_allclose(moved_, noise_points(points, ONE), atol=2e-4)
        hard = ONE.edited(contrast=Curve(points=((0.0, 0.0), (0.45, 0.0), (0.55, 1.0), (1.0, 1.0))))
        values = noise_points(points, hard)
        self.assertGreater(np.mean(np.abs(values) > 0.999), 0.6)
        for kind in ("gradient", "cellular"):
            warped = ONE.edited(warp=Warp(kind=kind, feature=20.0, strength=5.0, octaves=1))
            values = noise_points(points, warped)
            self.assertGreater(np.abs(values - noise_points(points, ONE)).mean(), 0.05)
            # What is read lies within the warp's reach: with none it is the plain noise.
            np.testing.assert_allclose(noise_points(points, warped.edited(warp=Warp(strength=0.0))),
                                       noise_points(points, ONE), atol=1e-6)


EVERY = [Push(kind=kind, summed=summed, feature=9.0, octaves=3, seed=6)
         for kind in ("gradient", "simplex", "cellular", "value") for summed in ("fbm", "folded", "ridged", "domed")] + [
    Push(kind="cellular", cell=cell, metric=metric, feature=9.0, octaves=2)
    for cell in ("f2", "f2-f1", "smooth f1") for metric in ("euclidean", "manhattan", "chebyshev")] + [
    Push(feature=9.0, warp=Warp(kind="cellular", feature=12.0, strength=4.0)), Push(feature=9.0, time=2.2),
    Push(feature=9.0, contrast=Curve(points=((0.0, 0.2), (0.4, 0.9), (1.0, 0.1)))),
    Push(feature=9.0, stretch=(3.0, 1.0, 0.5), rotation=(10.0, 50.0, -30.0), inverted=True)]


class EveryNoise(unittest.TestCase):
    def test_bricks_and_points_agree(self):
        coords = bricks(12, 41, 12)
        points = (voxels_of(coords) * 0.7).reshape(-1, 3)
        for grain in EVERY:
            off = np.abs(noise(grain, coords).ravel() - noise_points(points, grain))
            # At the edge of a cell a last digit decides which point is nearest; the value is the same but for it.
            self.assertLess(float(np.percentile(off, 99.9)), 2e-3, grain)

    def test_stated_ranges(self):
        coords = bricks(150, 42, 100)
        for grain in EVERY:
            values = noise(grain, coords, 2.3)
            self.assertLessEqual(float(values.max()), 1.0)
            self.assertGreaterEqual(float(values.min()), -1.0 if grain.signed else 0.0)
            self.assertGreater(float(values.std()), 0.02, grain)

    def test_signed_sums_have_mean_zero(self):
        coords = bricks(600, 43, 200)
        for grain in EVERY:
            if grain.signed and grain.contrast is None:
                self.assertLess(abs(float(noise(grain, coords, 3.7).mean())), 0.015, grain)

    def test_neighbouring_bricks_meet(self):
        coords = np.array([[0, 0, 0], [0, 0, 1]], np.int32)
        for grain in EVERY:
            values = noise(grain, coords, 0.03).reshape(2, 8, 8, 8)
            inside = max(float(np.abs(np.diff(values[n], axis=2)).max()) for n in (0, 1))
            across = float(np.abs(values[1][:, :, 0] - values[0][:, :, 7]).max())
            self.assertLess(across, 2.0 * inside + 1e-4, grain)

    def test_another_seed_is_independent(self):
        coords = bricks(700, 44, 250)
        for grain in EVERY:
            a, b = (noise(g, coords, 3.1).ravel() for g in (grain, grain.edited(seed=grain.seed + 1)))
            self.assertLess(abs(float(np.corrcoef(a, b)[0, 1])), 0.06, grain)

    def test_same_bytes_with_one_and_all_threads(self):
        coords = bricks(60, 45)
        count = threads()
        for grain in EVERY:
            every = noise(grain, coords).tobytes()
            try:
                use_threads(1)
                self.assertEqual(noise(grain, coords).tobytes(), every)
            finally:
                use_threads(count)

    def test_no_lattice_is_seen(self):
        # Power along an axis has no line at the spacing of the lattice, nor at twice or half of it.
        line = np.arange(0.0, 8192.0) * 0.25
        dice = np.random.default_rng(46)
        for kind in ("gradient", "simplex", "value", "cellular"):
            grain = Push(kind=kind, octaves=1, feature=10.0)
            power = np.zeros(4097)
            for _ in range(24):
                start = dice.uniform(-2000, 2000, 3)
                way = np.array([1.0, 0.0, 0.0])
                values = noise_points(start + line[:, None] * way, grain)
                power += np.abs(np.fft.rfft((values - values.mean()) * np.hanning(len(values)))) ** 2
            for size in (5.0, 10.0, 20.0):
                at = round(8192 * 0.25 / size)
                around = np.r_[power[at - 40 : at - 8], power[at + 9 : at + 41]]
                self.assertLess(float(power[at - 1 : at + 2].mean()), 5.0 * float(np.median(around)), (kind, size))

    def test_features_double_as_their_size_does(self):
        points = np.random.default_rng(47).uniform(-60, 60, (1500, 3))
        for grain in EVERY:
            larger = grain.edited(feature=18.0, warp=None if grain.warp is None else grain.warp.edited(
                feature=24.0, strength=8.0))
            off = np.abs(noise_points(points * 2.0, larger) - noise_points(points, grain))
            self.assertLess(float(np.percentile(off, 99.0)), 5e-3, grain)


class Masks(unittest.TestCase):
    def setUp(self):
        self.coords = bricks(40, 31, 3)
        self.at = voxels_of(self.coords) * 0.7
        self.ball = (np.linalg.norm(self.at, axis=-1) - 9.0).astype(np.float32)

    def share(self, *masks, landmarks=Landmarks()):
        return shares(masks, self.coords, 0.7, self.ball, landmarks)

    def test_by_height_depth_and_facing(self):
        height = np.clip((self.at[..., 1] + 4.0) / 10.0, 0.0, 1.0)
        np.testing.assert_allclose(self.share(ByHeight(low=-4.0, high=6.0)), height, atol=1e-5)
        np.testing.assert_allclose(self.share(ByHeight(low=6.0, high=-4.0)), 1.0 - height, atol=1e-5)
        depth = np.clip(-self.ball / 5.0, 0.0, 1.0)
        np.testing.assert_allclose(self.share(ByDepth(depth=5.0)), depth, atol=1e-5)
        np.testing.assert_allclose(self.share(ByDepth(depth=5.0, invert=True)), 1.0 - depth, atol=1e-5)
        far = np.linalg.norm(self.at, axis=-1) > 5.0
        up = self.at[..., 1] / np.linalg.norm(self.at, axis=-1)
        sun = (0.6, 0.0, 0.8)
        for toward, wanted in (("up", 0.5 + 0.5 * up), ("down", 0.5 - 0.5 * up), ("side", 1.0 - np.abs(up)), (
                "sun", 0.5 + 0.5 * (self.at @ sun) / np.linalg.norm(self.at, axis=-1))):
            got = self.share(ByFacing(toward=toward), landmarks=Landmarks(sun=sun))
            np.testing.assert_allclose(got[far], wanted[far], atol=0.08)

    def test_by_form_noise_and_paint(self):
        mass = Mass(forms=(Blob(), Blob(centre=(3.0, 1.0, 0.0), radii=(4.0,) * 3)), base=NO_BASE)
        away = np.linalg.norm(self.at - (3.0, 1.0, 0.0), axis=-1) - 4.0
        got = self.share(ByForm(form=1, soft=3.0), landmarks=Landmarks(mass=mass))
        np.testing.assert_allclose(got, np.clip(1.0 - away / 3.0, 0.0, 1.0), atol=1e-4)
        self.assertEqual(self.share(ByForm(form=7), landmarks=Landmarks(mass=mass)).max(), 0.0)
        grain = Noise(feature=9.0, octaves=1)
        wanted = 0.5 + 0.5 * noise_points(self.at.reshape(-1, 3), grain).reshape(self.ball.shape)
        np.testing.assert_allclose(self.share(ByNoise(noise=grain)), wanted, atol=1e-4)
        paint = Painted(strokes=(Paint(path=((2.0, 0.0, 0.0, 0.8), (-6.0, 0.0, 0.0, 1.0)), radius=3.0),
                                 Paint(path=((-6.0, 0.0, 0.0, -1.0),), radius=4.0)))
        got = self.share(paint)
        near = np.linalg.norm(self.at - (2.0, 0.0, 0.0), axis=-1)
        alone = near < 3.0
        wanted = 0.8 * np.clip(1.0 - near**2 / 9.0, 0.0, 1.0) ** 2
        np.testing.assert_allclose(got[alone], wanted[alone], atol=1e-4)
        self.assertEqual(got[np.linalg.norm(self.at - (-6.0, 0.0, 0.0), axis=-1) < 0.5].max(initial=0.0), 0.0)

    def test_by_tiredness(self):
        still = {"low": -4.0, "high": 6.0, "lee": 0.0, "uneven": 0.0}
        old = 1.0 - np.clip((self.at[..., 1] + 4.0) / 10.0, 0.0, 1.0)
        np.testing.assert_allclose(self.share(ByTired(**still)), old, atol=1e-5)
        # The side the wind blows to is more tired, the other as much less.
        far = np.linalg.norm(self.at, axis=-1) > 5.0
        downwind = self.at[..., 0] / np.linalg.norm(self.at, axis=-1)
        got = self.share(ByTired(**{**still, "lee": 0.5, "wind": 90.0}))
        np.testing.assert_allclose(got[far], np.clip(old + 0.5 * downwind, 0.0, 1.0)[far], atol=0.06)
        # By as much as its noise says.
        grain = Noise(feature=9.0, octaves=1)
        wanted = np.clip(old + 0.7 * noise_points(self.at.reshape(-1, 3), grain).reshape(self.ball.shape), 0.0, 1.0)
        np.testing.assert_allclose(self.share(ByTired(**{**still, "uneven": 0.7, "noise": grain})), wanted, atol=1e-4)
        # A form that is tired by itself is so within, and less and less around; fresh ones change nothing.
        forms = (Blob(), Blob(centre=(3.0, 1.0, 0.0), radii=(4.0,) * 3, tired=0.8))
        away = np.linalg.norm(self.at - (3.0, 1.0, 0.0), axis=-1) - 4.0
        got = self.share(ByTired(**still, soft=3.0), landmarks=Landmarks(mass=Mass(forms=forms, base=NO_BASE)))
        np.testing.assert_allclose(got, np.maximum(old, 0.8 * np.clip(1.0 - away / 3.0, 0.0, 1.0)), atol=1e-4)

    def test_they_multiply(self):
        a, b = ByHeight(low=-4.0, high=6.0), ByDepth(depth=5.0)
        np.testing.assert_allclose(self.share(a, b), self.share(a) * self.share(b), atol=1e-6)
        self.assertIsNone(self.share())


class Edges(unittest.TestCase):
    def dense(self, voxel=0.5, **changes):
        return density_grid(ball_mound(10.0, 3.0, **changes), voxel)

    def test_nibble_never_adds_and_keeps_what_is_deep(self):
        plain = self.dense()
        eaten = self.dense(grains=(Nibble(feature=5.0, strength=1.0, depth=4.0),))
        a, low = dense_of(plain)
        b, other = dense_of(eaten)
        size = np.array(b.shape)
        a = a[tuple(slice(o - start, o - start + n) for o, start, n in zip(other, low, size))]
        self.assertTrue(np.all(b <= a + 1e-6))
        self.assertLess(b.sum(), 0.95 * a.sum())
        at = np.stack(np.meshgrid(*[np.arange(n) for n in size], indexing="ij"), -1) + other
        depth = 10.0 - np.linalg.norm(at * 0.5 - (0.0, 20.0, 0.0), axis=-1)
        np.testing.assert_allclose(b[depth > 4.0], a[depth > 4.0], atol=1e-6)

    def test_mottle_never_opens_below_its_floor(self):
        for depth in (None, 4.0):
            grid = self.dense(grains=(Mottle(feature=4.0, strength=1.0, floor=0.4, depth=depth),))
            at = voxels_of(grid.coords) * 0.5
            deep = 10.0 - np.linalg.norm(at - (0.0, 20.0, 0.0), axis=-1)
            inside = grid.values[deep > 3.0]
            self.assertGreaterEqual(inside.min(), 0.4 - 1e-5)
            if depth is None:
                self.assertEqual(len(grid.tile_coords), 0)
                self.assertAlmostEqual(float(inside.mean()), 1.0, delta=0.1)
            else:
                np.testing.assert_allclose(grid.values[deep > 4.0], 1.0, atol=1e-5)

    def test_same_bytes_streamed_remembered_and_by_any_number_of_threads(self):
        mound = lumpy_mound()
        mound = mound.edited(grains=(*mound.grains, Push(
            kind="cellular", inverted=True, feature=5.0, strength=1.5, at_surface=1.0, octaves=2),
            Nibble(depth=3.0, where=(ByFacing(toward="down"),)), Mottle(), Stir(strength=1.0, octaves=1, steps=2)),
            patches=(Patch(centre=(0.0, 15.0, 0.0), size=(9.0, 9.0, 9.0), soft=2.0),))
        grid = density_grid(mound, 0.8)
        count = threads()
        try:
            use_threads(1)
            alone = density_grid(mound, 0.8)
        finally:
            use_threads(count)
        for other in (alone, density_grid(mound, 0.8, None, Memories())):
            self.assertEqual(other.values.tobytes(), grid.values.tobytes())

    def test_patches(self):
        plain, low = dense_of(self.dense())
        patch = Patch(centre=(0.0, 20.0, 0.0), size=(6.0, 6.0, 6.0), soft=0.5, value=1.5)
        middle = tuple(np.round(np.array([0.0, 20.0, 0.0]) / 0.5).astype(int) - low)
        for by, value, wanted in (("multiply", 1.5, 1.5), ("add", 0.25, 1.25), ("set", 0.3, 0.3)):
            dense, at = dense_of(self.dense(patches=(patch.edited(by=by, value=value),)))
            self.assertTrue(np.array_equal(at, low) and dense.shape == plain.shape)
            self.assertAlmostEqual(float(dense[middle]), wanted, places=5)
            changed = np.argwhere(np.abs(dense - plain) > 1e-6) + low
            far = np.linalg.norm(changed * 0.5 - (0.0, 20.0, 0.0), axis=1)
            self.assertLessEqual(far.max(), 3.0)
            # All of a ball but its soft rim: its volume by the formula.
            self.assertAlmostEqual(len(changed) * 0.5**3 / (4 / 3 * np.pi * 27.0), 1.0, delta=0.06)
        half = Patch(centre=(0.0, 20.0, 0.0), size=(50.0,) * 3, by="curve", shape="box", soft=0.0, curve=Curve(
            points=((0.0, 0.0), (1.0, 0.5))))
        dense, _ = dense_of(self.dense(patches=(half,)))
        np.testing.assert_allclose(dense, 0.5 * plain, atol=1e-5)
        toned = self.dense(skin=Skin(thickness=3.0, curve=eased(0.0), tone=half.curve))
        np.testing.assert_allclose(dense_of(toned)[0], 0.5 * plain, atol=1e-5)


class Moving(unittest.TestCase):
    def ball(self, *grains, voxel=0.5):
        return density_grid(ball_mound(10.0, 3.0, grains=grains), voxel)

    def test_a_curl_field_has_no_sources(self):
        points = np.random.default_rng(5).uniform(-40, 40, (4000, 3)).astype(np.float32)
        grain = Stir(feature=10.0, octaves=1)
        field = vector_field(points, grain, Landmarks())
        h = np.float32(0.2)
        sources, turning = np.zeros(len(points)), 0.0
        for axis in range(3):
            ahead, behind = points.copy(), points.copy()
            ahead[:, axis] += h
            behind[:, axis] -= h
            slope = (vector_field(ahead, grain, Landmarks()) - vector_field(behind, grain, Landmarks())) / (2 * h)
            sources += slope[:, axis]
            turning += (slope**2).sum(axis=1).mean()
        self.assertLess(np.sqrt(np.mean(sources**2)), 0.1 * np.sqrt(turning))
        self.assertGreater(np.linalg.norm(field, axis=1).mean(), 0.15)

    def test_stir_keeps_the_amount(self):
        plain = self.ball()
        stirred = self.ball(Stir(feature=12.0, strength=3.0, octaves=1, steps=6))
        amount = [g.values.sum(dtype=float) + 512.0 * g.tile_values.sum(dtype=float) for g in (plain, stirred)]
        self.assertAlmostEqual(amount[1] / amount[0], 1.0, delta=0.03)
        self.assertGreater(np.abs(dense_of(stirred)[0].sum(axis=0).max() - dense_of(plain)[0].sum(axis=0).max()), 0.05)

    def test_a_still_field_moves_nothing(self):
        plain = self.ball()
        same = self.ball(Stir(strength=3.0, where=(ByHeight(low=500.0, high=600.0),)))
        np.testing.assert_allclose(dense_of(same)[0], dense_of(plain)[0], atol=1e-5)

    def test_crisp_keeps_the_silhouette_within_its_bound(self):
        bound = 1.5
        crisp = self.ball(Crisp(feature=2.0, strength=bound, octaves=3))
        at = voxels_of(crisp.coords)[crisp.values > 0.0] * 0.5 - (0.0, 20.0, 0.0)
        self.assertLessEqual(np.linalg.norm(at, axis=1).max(), 10.0 + bound + 0.9)
        dense, low = dense_of(crisp)
        grid = np.stack(np.meshgrid(*[np.arange(n) for n in dense.shape], indexing="ij"), -1) + low
        depth = 10.0 - np.linalg.norm(grid * 0.5 - (0.0, 20.0, 0.0), axis=-1)
        self.assertGreater(dense[depth > bound + 0.9].min(), 0.0)
        self.assertAlmostEqual(float(dense[depth > 3.0 + bound + 0.9].min()), 1.0, places=5)
        self.assertGreater(np.abs(dense - np.clip(depth / 3.0, 0.0, 1.0)).max(), 0.1)

    def test_streaks_go_down_the_wind_only(self):
        streaked = self.ball(Streak(feature=2.0, strength=12.0, azimuth=90.0, elevation=0.0))
        at = voxels_of(streaked.coords)[streaked.values > 0.01] * 0.5 - (0.0, 20.0, 0.0)
        self.assertGreater(at[:, 0].max(), 12.0)
        self.assertLessEqual(at[:, 0].max(), 22.6)
        self.assertGreaterEqual(at[:, 0].min(), -10.6)
        self.assertLessEqual(np.abs(at[:, 1:]).max(), 10.6)

    def test_what_is_reached_is_every_brick_within_that_many(self):
        grid = self.ball()
        for strength in (3.0, 9.0, 30.0):
            grain = Stir(strength=strength)
            around = int(np.ceil(strength / (SIDE * grid.voxel)))
            steps = np.stack(np.meshgrid(*[np.arange(-around, around + 1)] * 3, indexing="ij"), -1).reshape(-1, 3)
            wanted = np.unique((grid.coords[:, None] + steps[None]).reshape(-1, 3), axis=0)
            got, _ = _reached(grid, grain)
            np.testing.assert_array_equal(got, wanted)

    def test_a_reach_beyond_all_memory_is_stopped_and_refused(self):
        grid = self.ball()
        for grain in (Stir(strength=1500.0), Streak(strength=2000.0, azimuth=33.0, elevation=20.0)):
            ticket = Ticket()
            ticket.stop()
            with self.assertRaises(Stopped):
                _reached(grid, grain, ticket)
        with unittest.mock.patch("softmound.core.grain.moving.free_memory", return_value=1e6):
            with self.assertRaisesRegex(DoesNotFit, "larger voxel"):
                _reached(grid, Stir(strength=60.0))

    def test_on_imported_volumes_too(self):
        form = volume_form(self.ball(), "Crumb", False).edited(joins="density")
        mound = ball_mound(10.0, 3.0, grains=(Crisp(feature=2.0, strength=1.0),))
        only = mound.edited(mass=mound.mass.edited(forms=(form,)))
        changed = np.abs(dense_of(density_grid(only, 0.5))[0].sum() - dense_of(self.ball())[0].sum())
        self.assertGreater(changed, 1.0)


class Scales(unittest.TestCase):
    def test_octaves_follow_lacunarity_and_gain(self):
        sizes, amplitudes = octaves_of(Push(feature=24.0, strength=7.0, octaves=3, lacunarity=2.0, gain=0.5))
        np.testing.assert_allclose(sizes, [24.0, 12.0, 6.0])
        np.testing.assert_allclose(amplitudes, [4.0, 2.0, 1.0])

    def test_the_hill_stands_over_its_sizes(self):
        grain = Push(feature=24.0, strength=6.0, octaves=1)
        sizes = np.geomspace(1.0, 300.0, 500)
        heights = hill(grain, sizes)
        self.assertAlmostEqual(sizes[heights.argmax()], 24.0, delta=0.4)
        self.assertAlmostEqual(heights.max(), 6.0, places=2)
        self.assertLess(heights[0], 1e-6)


if __name__ == "__main__":
    unittest.main()
