"""Grain: statistics and continuity of the noise, and Push."""

import unittest

import numpy as np

from softmound.core.grain.fbm import fbm, fbm_bricks
from softmound.core.grain.push import pushed, reach_of
from softmound.core.grain.scales import hill, octaves_of
from softmound.core.kernels import threads, use_threads
from softmound.core.recipe import BaseLevel, Push
from softmound.core.volume.memory import BrickMemory

from .scenes import NO_BASE, voxels_of

ONE = Push(octaves=1, feature=10.0, seed=4)


def bricks(count, seed, reach=60):
    """Random brick coordinates, sorted and unique."""
    return np.unique(np.random.default_rng(seed).integers(-reach, reach, (count, 3)), axis=0).astype(np.int32)


def noise(push, coords, voxel=0.7):
    """Noise of bricks."""
    return fbm_bricks(coords, voxel, push, np.empty((len(coords), 512), np.float32))


class Noise(unittest.TestCase):
    def test_bricks_and_points_agree(self):
        coords = bricks(40, 1)
        for push in (ONE, Push(octaves=5, feature=7.0, offset=(3.0, -2.0, 9.0)), Push(folded=True)):
            points = (voxels_of(coords) * 0.7).reshape(-1, 3)
            np.testing.assert_allclose(noise(push, coords).ravel(), fbm(points, push), atol=2e-4)

    def test_same_seed_same_bytes(self):
        coords = bricks(60, 2)
        self.assertEqual(noise(ONE, coords).tobytes(), noise(ONE, coords).tobytes())

    def test_another_seed_is_independent(self):
        coords = bricks(300, 3)
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
        for push, low in ((ONE, -1.0), (Push(octaves=6, feature=10.0), -1.0), (Push(folded=True), 0.0)):
            values = noise(push, coords, 3.7)
            self.assertGreaterEqual(values.min(), low)
            self.assertLessEqual(values.max(), 1.0)
            if not push.folded:
                self.assertLess(abs(values.mean()), 0.01)
        self.assertAlmostEqual(noise(ONE, coords, 3.7).std(), 0.36, delta=0.03)

    def test_few_values_are_clamped(self):
        values = noise(ONE, bricks(1500, 6, 200), 3.7)
        self.assertLess(np.mean(np.abs(values) >= 1.0), 0.01)

    def test_no_direction_is_preferred(self):
        dice = np.random.default_rng(7)
        start = dice.uniform(-500, 500, (60_000, 3))
        values = fbm(start, ONE)
        apart = []
        for step in np.vstack([np.eye(3), [[0.577] * 3, [0.707, 0.707, 0.0], [0.0, 0.707, -0.707]]]):
            apart.append(np.mean((fbm(start + 4.0 * step, ONE) - values) ** 2))
        self.assertLess(max(apart) / min(apart), 1.25)

    def test_features_have_the_stated_size(self):
        # The mean square difference grows with distance and levels off near the feature size.
        start = np.random.default_rng(8).uniform(-900, 900, (40_000, 3))
        values = fbm(start, ONE)
        variance = 2.0 * values.var()
        structure = {d: np.mean((fbm(start + [0.0, d, 0.0], ONE) - values) ** 2) / variance
                     for d in (1.0, 5.0, 10.0, 20.0)}
        self.assertLess(structure[1.0], 0.15)
        self.assertGreater(structure[5.0], 0.5)
        self.assertGreater(structure[10.0], 0.9)
        self.assertAlmostEqual(structure[20.0], 1.0, delta=0.1)

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
        values = fbm(points, push).astype(float)
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
        np.testing.assert_allclose(fbm(points + [5.0, -7.0, 3.0], moved_), fbm(points, ONE), atol=2e-4)

    def test_folded_is_the_size_of_the_plain(self):
        points = np.random.default_rng(11).uniform(-50, 50, (2000, 3))
        np.testing.assert_allclose(fbm(points, ONE.edited(folded=True)), np.abs(fbm(points, ONE)), atol=1e-6)


class Pushing(unittest.TestCase):
    def setUp(self):
        self.coords = bricks(30, 12, 4)
        self.distance = np.random.default_rng(13).normal(size=(len(self.coords), 512)).astype(np.float32)

    def push(self, *grains, base=NO_BASE, **options):
        return pushed(self.distance, self.coords, 0.9, grains, base, **options)

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
        grains = (Push(strength=3.0), Push(strength=2.0, folded=True, seed=3), Push(strength=9.0, on=False))
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

    def test_in_place_equals_aside(self):
        grain = Push(feature=4.0)
        expected = self.push(grain)
        self.assertIs(self.push(grain, out=self.distance), self.distance)
        np.testing.assert_array_equal(self.distance, expected)


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
