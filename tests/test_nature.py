"""Measures of nature, scales and their advice, siblings, and characters."""

import math
import pathlib
import tempfile
import unittest

import numpy as np

from softmound.core.engine.density import bounds_of, density_grid, span_of
from softmound.core.engine.nature import nature_of
from softmound.core.engine.siblings import SIZE, sheet, sibling
from softmound.core.grain.actions.crisp import Crisp
from softmound.core.grain.actions.mottle import Mottle
from softmound.core.grain.actions.nibble import Nibble
from softmound.core.grain.actions.push import Push
from softmound.core.grain.characters import CHARACTERS, NATURAL, read_character, save_character, sized_character
from softmound.core.grain.scales import advised, octaves_of, summed
from softmound.core.recipe import Problem, Skin, eased
from softmound.core.starts.species import start
from softmound.core.ticket import Stopped, Ticket
from softmound.core.volume import grid_of
from softmound.core.volume.bricks import LANES
from softmound.core.volume.nature import edge_softness, outline_dimension, spectrum_slope
from tests.long import long
from tests.scenes import ball_mound, lumpy_mound


def koch(level, size):
    """Koch's snowflake as pixels, filled by the even-odd rule."""
    points = [complex(math.cos(a), math.sin(a)) for a in (math.pi / 2, math.pi / 2 - 2 * math.pi / 3,
                                                          math.pi / 2 - 4 * math.pi / 3)]
    for _ in range(level):
        made = []
        for a, b in zip(points, points[1:] + points[:1]):
            step = (b - a) / 3
            made += [a, a + step, a + step + step * complex(math.cos(math.pi / 3), math.sin(math.pi / 3)), a + 2 * step]
        points = made
    path = np.array([(p.real, p.imag) for p in points])
    grid = (np.arange(size) + 0.5) / size * 2.5 - 1.25
    mask = np.zeros((size, size), bool)
    (x0, y0), (x1, y1) = path.T, np.roll(path, -1, axis=0).T
    for row, y in enumerate(grid):
        cross = (y0 > y) != (y1 > y)
        at = np.sort(x0[cross] + (y - y0[cross]) / (y1[cross] - y0[cross]) * (x1[cross] - x0[cross]))
        mask[row] = np.searchsorted(at, grid) % 2 == 1
    return mask


class Outlines(unittest.TestCase):
    def test_a_disc_is_smooth_and_a_snowflake_is_not(self):
        y, x = np.mgrid[:600, :600] - 299.5
        self.assertAlmostEqual(outline_dimension(x * x + y * y < 270.0**2), 1.0, delta=0.03)
        self.assertAlmostEqual(outline_dimension((abs(x) < 200) & (abs(y) < 150)), 1.0, delta=0.03)
        # log 4 over log 3.
        self.assertAlmostEqual(outline_dimension(koch(6, 1400)), math.log(4) / math.log(3), delta=0.06)
        self.assertTrue(math.isnan(outline_dimension(np.zeros((50, 50), bool))))

    def test_a_rough_cloud_has_more_outline_than_a_ball(self):
        smooth = nature_of(ball_mound(10.0, 1.0), density_grid(ball_mound(10.0, 1.0), 0.2))
        rough = ball_mound(10.0, 1.0, grains=(Push(feature=6.0, strength=5.0, octaves=6, gain=0.75),))
        found = nature_of(rough, density_grid(rough, 0.2))
        self.assertAlmostEqual(smooth[0].value, 1.0, delta=0.04)
        self.assertGreater(found[0].value, smooth[0].value + 0.05)


class Measures(unittest.TestCase):
    def test_the_softness_of_a_straight_skin_is_its_thickness(self):
        for thickness in (2.0, 4.0):
            mound = ball_mound(12.0, skin=Skin(thickness=thickness, curve=eased(0.0)))
            self.assertAlmostEqual(edge_softness(density_grid(mound, 0.4), 1.0), thickness, delta=0.1 * thickness)

    def test_the_slope_of_made_noise(self):
        # Random phases under a known power law, in a box of density well above nothing.
        side = 128
        dice = np.random.default_rng(5)
        k = np.sqrt(sum(np.meshgrid(*[np.fft.fftfreq(side) ** 2] * 3, indexing="ij")))
        k[0, 0, 0] = 1.0
        # In three dimensions P(k) falls by two more than the spectrum along a line.
        field = np.fft.ifftn(np.fft.fftn(dice.normal(size=(side,) * 3)) * k ** (-(5.0 / 3.0 + 2.0) / 2.0)).real
        field = (1.0 + 0.2 * field / field.std()).clip(0.05).astype(np.float32)
        values = field.reshape(16, 8, 16, 8, 16, 8).transpose(0, 2, 4, 1, 3, 5).reshape(-1, 512)
        coords = np.stack(np.meshgrid(*[np.arange(16)] * 3, indexing="ij"), -1).reshape(-1, 3)
        self.assertAlmostEqual(spectrum_slope(grid_of(1.0, coords, values)), -5.0 / 3.0, delta=0.2)

    def test_findings_of_a_start(self):
        mound = start("mediocris", "Bun", 100.0)
        found = {f.name: f for f in nature_of(mound, density_grid(mound, 0.6))}
        self.assertEqual(len(found), 5)
        self.assertTrue(0.2 < found["Height over width"].value < 1.2)
        self.assertTrue(all(f.natural in (True, False, None) for f in found.values()))
        empty = mound.edited(mass=mound.mass.edited(forms=()))
        self.assertEqual(nature_of(empty, density_grid(empty, 1.0)), [])


class Scales(unittest.TestCase):
    def test_amplitudes_in_metres(self):
        self.assertEqual(Push(strength=3.0).amplitude, 3.0)
        self.assertEqual(Nibble(strength=0.5, depth=8.0).amplitude, 4.0)
        self.assertEqual(Crisp(strength=0.7).amplitude, 0.7)
        self.assertEqual(Mottle(strength=0.4, feature=10.0).amplitude, 1.0)

    def test_together_they_add_as_squares(self):
        grain = Push(feature=10.0, strength=2.0, octaves=1)
        sizes = np.geomspace(2.0, 40.0, 50)
        np.testing.assert_allclose(summed((grain, grain.edited(seed=5)), sizes), math.sqrt(2.0) * summed((grain,), sizes))
        np.testing.assert_array_equal(summed((grain.edited(on=False),), sizes), 0.0)

    def test_advice_leads_to_none(self):
        grains = (Push(feature=90.0, strength=20.0, octaves=1), Push(feature=4.0, strength=1.0, octaves=6),
                  Push(feature=0.4, strength=0.1, octaves=2))
        for _ in range(8):
            found = advised(grains, 0.5)
            if not found:
                break
            grains = found[0].grains
        self.assertEqual(advised(grains, 0.5), [])
        live = [g for g in grains if g.on]
        self.assertTrue(all(octaves_of(g)[0][-1] >= 0.25 for g in live))
        self.assertEqual(advised((Push(feature=20.0, octaves=4),), 0.5), [])


class Siblings(unittest.TestCase):
    def test_seeds_change_and_nothing_else(self):
        mound = start("congestus", "Spire", 80.0)
        self.assertIs(sibling(mound, 0), mound)
        other = sibling(mound, 2)
        self.assertTrue(all(a.seed != b.seed for a, b in zip(mound.grains, other.grains)))
        self.assertNotEqual(other.mass.base.seed, mound.mass.base.seed)
        back = other.edited(mass=mound.mass, grains=tuple(
            b.edited(seed=a.seed, where=a.where) for a, b in zip(mound.grains, other.grains)))
        self.assertEqual(back, mound)
        self.assertEqual(sibling(mound, 2, ("levels",)).grains, mound.grains)

    def test_a_sheet_streams_and_stops(self):
        found = list(sheet(lumpy_mound(), 3))
        self.assertEqual([number for number, _, _ in found], [0, 1, 2])
        self.assertEqual(found[0][2].shape, (SIZE[1], SIZE[0], 4))
        self.assertGreater(np.count_nonzero(found[0][2] != found[1][2]), 1000)
        ticket = Ticket()
        pictures = sheet(lumpy_mound(), 3, ticket=ticket)
        next(pictures)
        ticket.stop()
        with self.assertRaises(Stopped):
            next(pictures)


class Characters(unittest.TestCase):
    def test_who_claims_to_be_natural_is_one_of_them(self):
        self.assertLessEqual(set(NATURAL), set(CHARACTERS))
        self.assertGreaterEqual(len(CHARACTERS), 12)
        self.assertLess(len(NATURAL), len(CHARACTERS))

    @long
    def test_cauliflower_is_as_rough_as_clouds_are_and_whipped_is_not(self):
        # All of them, and more finely, are measured by the bench.
        mound = start("mediocris", "Bun")
        low, high = bounds_of(mound)
        for name, natural in (("Cauliflower", True), ("Whipped", False)):
            worn = mound.edited(grains=sized_character(CHARACTERS[name], span_of(mound), mound.mass.base.altitude))
            found = {f.name: f for f in nature_of(worn, density_grid(worn, float((high - low).max()) / 200))}
            with self.subTest(name):
                self.assertEqual(found["Outline dimension"].natural and found["Spectrum slope"].natural, natural)

    def test_every_one_makes_a_cloud_as_large_as_its_forms_at_any_size(self):
        def volume(grid):
            return grid.values.sum(dtype=np.float64) + LANES * grid.tile_values.sum(dtype=np.float64)

        for span in (2.0, 300.0):
            mound = start("mediocris", "Bun", span)
            plain = volume(density_grid(mound.edited(grains=()), span / 90))
            for name, grains in CHARACTERS.items():
                worn = mound.edited(grains=sized_character(grains, span_of(mound)))
                self.assertAlmostEqual(volume(density_grid(worn, span / 90)) / plain, 1.0, delta=0.15, msg=name)

    def test_files(self):
        with tempfile.TemporaryDirectory() as folder:
            path = pathlib.Path(folder) / "sets" / "own.grains"
            worn = sized_character(CHARACTERS["Torn"], 120.0, 30.0)
            save_character(path, worn, 120.0, 30.0)
            for again, first in zip(sized_character(read_character(path), 120.0, 30.0), worn):
                self.assertAlmostEqual(again.feature, first.feature, places=6)
                self.assertEqual(again.action, first.action)
            for content, word in (("", "damaged"), ("[]", "no set of grains"), ('{"format": 1, "grains": []}', "0 grains"),
                                  ('{"format": 1, "grains": [{"action": "fry"}]}', "fry")):
                path.write_text(content)
                with self.assertRaises(Problem) as caught:
                    read_character(path)
                self.assertIn(word, str(caught.exception))
            with self.assertRaises(Problem):
                read_character(path.with_name("missing.grains"))


if __name__ == "__main__":
    unittest.main()
