"""Fields of directions, where points go that follow them, cells of noise, and curves: against slower second methods."""

import itertools
import pathlib
import subprocess
import sys
import tempfile
import unittest

import numpy as np
from scipy.integrate import solve_ivp
from scipy.interpolate import PchipInterpolator

from softmound.core.curves import curve_numbers, curve_values
from softmound.core.engine.density import density_grid
from softmound.core.grain.actions.crisp import Crisp
from softmound.core.grain.actions.stir import Stir, vector_field
from softmound.core.grain.actions.streak import Streak
from softmound.core.grain.where import Landmarks
from softmound.core.kernels import threads, use_threads
from softmound.core.noise.flow import field_at, walked_back
from softmound.core.noise.sums import noise_points
from softmound.core.recipe import Noise, Warp
from softmound.core.recipe.curve import SKIN_CURVES, Curve
from softmound.core.volume.sample import sample
from tests.scenes import ball_mound, voxels_of

ROOT = pathlib.Path(__file__).parent.parent


def by_differences(points, noises, step=0.02):
    """The cross product of slopes that are read a little to either side."""
    slopes = []
    for noise in noises:
        parts = []
        for axis in range(3):
            way = np.zeros(3)
            way[axis] = step
            parts.append((noise_points(points + way, noise) - noise_points(points - way, noise)) / (2.0 * step) * noise.feature)
        slopes.append(np.stack(parts, axis=1))
    return 0.6 * np.cross(*slopes)


class Fields(unittest.TestCase):
    points = np.random.default_rng(4).uniform(-40.0, 40.0, (3000, 3)).astype(np.float32)

    def test_slopes_in_closed_form_are_those_of_the_noise(self):
        for more in ({}, {"octaves": 3, "gain": 0.6, "lacunarity": 2.3},
                     {"stretch": (1.0, 2.5, 0.5), "rotation": (20.0, -50.0, 40.0)},
                     {"octaves": 2, "time": 3.0, "period": 8.0}, {"offset": (5.0, 1.0, -3.0)}):
            noises = [Noise(seed=seed, feature=10.0, **{"octaves": 1, **more}) for seed in (1, 7920)]
            found, want = field_at(self.points, noises), by_differences(self.points, noises)
            # Where a sum is cut off at its range its slope is not, which is the case at few places.
            off = np.linalg.norm(found - want, axis=1)
            self.assertLess(np.quantile(off, 0.985), 4e-3 * np.linalg.norm(want, axis=1).mean(), more)

    def test_noises_of_other_kinds_go_by_differences(self):
        for more in ({"kind": "simplex"}, {"kind": "value"}, {"warp": Warp(octaves=1, feature=30.0, strength=4.0)}):
            noises = [Noise(seed=seed, feature=10.0, octaves=1, **more) for seed in (1, 7920)]
            found, want = field_at(self.points, noises), by_differences(self.points, noises, 0.05)
            off = np.linalg.norm(found - want, axis=1)
            self.assertLess(np.median(off), 0.03 * np.linalg.norm(want, axis=1).mean(), more)

    def test_three_noises_are_a_field_as_they_are(self):
        noises = [Noise(seed=seed, feature=12.0, octaves=2) for seed in (3, 4, 5)]
        want = np.stack([noise_points(self.points, noise) for noise in noises], axis=1)
        np.testing.assert_allclose(field_at(self.points, noises), want, atol=1e-6)

    def test_what_sums_and_curves_do_to_a_noise_does_not_matter_here(self):
        plain = [Noise(seed=seed, feature=9.0, octaves=2) for seed in (1, 2)]
        folded = [noise.edited(summed="folded", contrast=SKIN_CURVES[next(iter(SKIN_CURVES))]) for noise in plain]
        np.testing.assert_array_equal(field_at(self.points, folded), field_at(self.points, plain))


class Walks(unittest.TestCase):
    coords = np.array(list(itertools.product((-2, 0, 3), (1,), (-1, 4))), np.int32)
    voxel = 0.8
    noises = [Noise(seed=seed, feature=14.0, octaves=1) for seed in (11, 12)]

    def start(self):
        return (voxels_of(self.coords).reshape(-1, 3) * self.voxel).astype(np.float32)

    def test_many_small_steps_follow_the_stream(self):
        walked = walked_back(self.coords, self.voxel, self.noises, 6.0, 16).transpose(0, 2, 1).reshape(-1, 3)
        start = self.start()
        for n in (0, 700, 1801, 2500):
            def against(_t, at):
                field = field_at(at[None], self.noises)[0].astype(float)
                return -6.0 * field / max(np.linalg.norm(field), 1.0)

            exact = solve_ivp(against, (0.0, 1.0), start[n].astype(float), rtol=1e-6).y[:, -1]
            self.assertLess(np.linalg.norm(walked[n] - exact), 0.06 * np.linalg.norm(exact - start[n]) + 0.02)

    def test_nobody_goes_farther_than_the_strength(self):
        for steps in (1, 3, 9):
            walked = walked_back(self.coords, self.voxel, self.noises, 5.0, steps).transpose(0, 2, 1).reshape(-1, 3)
            far = np.linalg.norm(walked - self.start(), axis=1)
            self.assertLessEqual(far.max(), 5.0 * (1.0 + 1e-5))
            self.assertGreater(far.mean(), 1.0)

    def test_shares_shorten_the_first_step_evenly(self):
        share = np.random.default_rng(1).random((len(self.coords), 512), np.float32)
        whole = walked_back(self.coords, self.voxel, self.noises, 5.0, 1).transpose(0, 2, 1).reshape(-1, 3) - self.start()
        part = walked_back(self.coords, self.voxel, self.noises, 5.0, 1, share).transpose(0, 2, 1).reshape(-1, 3) - self.start()
        np.testing.assert_allclose(part, share.reshape(-1, 1) * whole, atol=2e-5)

    def test_the_same_bytes_with_one_and_all_threads(self):
        many = walked_back(self.coords, self.voxel, self.noises, 5.0, 3)
        count = threads()
        try:
            use_threads(1)
            np.testing.assert_array_equal(walked_back(self.coords, self.voxel, self.noises, 5.0, 3), many)
        finally:
            use_threads(count)


class Moved(unittest.TestCase):
    """Grains that move density, voxel by voxel against what they say they do."""

    def test_stir_holds_at_a_voxel_what_was_where_the_stream_came_from(self):
        stir = Stir(feature=12.0, strength=4.0, octaves=1, steps=1)
        plain, stirred = density_grid(ball_mound(10.0, 3.0), 0.8), density_grid(ball_mound(10.0, 3.0, grains=(stir,)), 0.8)
        at = voxels_of(stirred.coords).reshape(-1, 3)[::37] * 0.8
        field = vector_field(at.astype(np.float32), stir, Landmarks(origin=(0.0, 20.0, 0.0)))
        back = at - 4.0 * field / np.maximum(np.linalg.norm(field, axis=1, keepdims=True), 1.0)
        np.testing.assert_allclose(stirred.values.reshape(-1)[::37], sample(plain, back), atol=3e-3)

    def test_streak_never_takes_away_and_reaches_no_farther_than_its_length(self):
        streak = Streak(feature=4.0, strength=12.0, azimuth=90.0, elevation=0.0, octaves=1)
        plain, drawn = density_grid(ball_mound(8.0, 2.0), 0.8), density_grid(ball_mound(8.0, 2.0, grains=(streak,)), 0.8)
        at = voxels_of(drawn.coords).reshape(-1, 3) * 0.8
        before, after = sample(plain, at), drawn.values.reshape(-1)
        self.assertGreaterEqual((after - before).min(), -1e-5)
        grown = at[(after > before + 0.05)]
        # Toward +x, beyond the ball, and not past where the longest streak ends.
        self.assertGreater(len(grown), 50)
        self.assertGreater(grown[:, 0].mean(), 4.0)
        self.assertLess(grown[:, 0].max(), 8.0 + 12.0 + 1.6)

    def test_crisp_holds_what_was_along_the_slope(self):
        crisp = Crisp(feature=3.0, strength=1.0, octaves=2)
        plain, sharp = density_grid(ball_mound(10.0, 3.0), 0.8), density_grid(ball_mound(10.0, 3.0, grains=(crisp,)), 0.8)
        at = voxels_of(sharp.coords).reshape(-1, 3)[::41] * 0.8
        away = at - (0.0, 20.0, 0.0)
        inward = -away / np.maximum(np.linalg.norm(away, axis=1, keepdims=True), 1e-9)
        noise = noise_points(at.astype(np.float32), crisp, (0.0, 20.0, 0.0))[:, None]
        want = sample(plain, at + crisp.strength * noise * inward)
        edge = (np.linalg.norm(away, axis=1) > 7.5) & (np.linalg.norm(away, axis=1) < 9.5)
        self.assertGreater(edge.sum(), 20)
        np.testing.assert_allclose(sharp.values.reshape(-1)[::41][edge], want[edge], atol=0.05)


class Curves(unittest.TestCase):
    def test_values_are_those_of_the_monotone_cubic(self):
        places = np.linspace(0.0, 1.0, 301)
        for curve in (*SKIN_CURVES.values(), Curve(points=((0.0, 1.0), (0.4, 0.1), (0.7, 0.9), (1.0, 0.0)))):
            want = PchipInterpolator(*np.array(curve.points).T)(places)
            np.testing.assert_allclose(curve_values(curve, places), want, atol=2e-6)
        self.assertEqual(float(curve_values(Curve(), 1.0)), 1.0)

    def test_a_program_that_begins_loads_no_interpolation_and_finds_the_same_numbers(self):
        curve = Curve(points=((0.0, 0.0), (0.31, 0.77), (1.0, 1.0)))
        code = f"""
import sys
from softmound.core.curves import curve_numbers
from softmound.core.recipe.curve import Curve
numbers = curve_numbers(Curve(points={curve.points!r}))
print("scipy.interpolate" in sys.modules, *map(float, numbers))
"""
        said = [subprocess.run([sys.executable, "-c", code], cwd=ROOT, capture_output=True, text=True, check=True).stdout.split()
                for _ in range(2)]
        self.assertEqual(said[1][0], "False")  # the first has kept them in a file
        for each in said:
            np.testing.assert_array_equal(np.array(each[1:], np.float32), curve_numbers(curve))


class DamagedIndex(unittest.TestCase):
    def test_wherever_the_damage_lies_the_index_is_made_anew(self):
        from softmound.core.library.asset import About, publish
        from softmound.core.library.index import Index

        with tempfile.TemporaryDirectory() as name:
            folder = pathlib.Path(name)
            for n in range(3):
                publish(ball_mound().edited(name=f"Loaf {n}"), folder / "shelf", 4.0, about=About(tags=(f"tag{n}",)))
            path = folder / "index.sqlite"
            with Index(folder / "shelf", path) as index:
                index.refresh()
            whole = path.read_bytes()
            rng = np.random.default_rng(5)
            for size in (1, 30, 400):
                for at in rng.integers(0, len(whole) - size, 12):
                    hurt = bytearray(whole)
                    hurt[at : at + size] = rng.integers(0, 256, size, np.uint8).tobytes()
                    path.write_bytes(hurt)
                    with Index(folder / "shelf", path) as index:
                        index.refresh()
                        self.assertEqual({v.folder.name for v in index.search("loaf")}, {"v001"})
                        self.assertTrue(index.names() and index.labels("tag"))
            # A file that is no database at all, and one of other tables.
            for content in (b"", b"no database", b"SQLite format 3\0" + bytes(900)):
                path.write_bytes(content)
                with Index(folder / "shelf", path) as index:
                    index.refresh()
                    self.assertEqual((index.names(), index.count()), (["Loaf 0", "Loaf 1", "Loaf 2"], 3))


if __name__ == "__main__":
    unittest.main()
