"""The air that clouds grow in, and what rises in it, against tables, closed forms and measured laws."""

import math
import unittest

import numpy as np

from bench.rising import PLUME, TOP_HAT, cumulus, ring, thermal
from softmound.core.engine.density import bounds_of
from softmound.core.growth.advection import carried, lifted, lightened
from softmound.core.growth.air import (
    DRY_GAS,
    FREEZING,
    GRAVITY,
    HEAT_CAPACITY,
    air_of,
    dew_point,
    drawn,
    droplets,
    lifted_parcel,
    moist_lapse,
    saturated,
    stopping_height,
)
from softmound.core.growth.growing import foretold_box, foretold_growth
from softmound.core.growth.solver import HEAT, WATER, Flowing, Weather
from softmound.core.growth.source import cells_of, growth_for, source_of
from softmound.core.problems import Problem
from softmound.core.recipe.migrations import migrated
from softmound.core.recipe.time import SOUNDINGS, Growth, Sounding
from softmound.core.starts.rising import RISING, rising
from softmound.scripting import ready_growth
from tests.long import long
from tests.scenes import ball_mound

EVEN = Sounding(lapse=0.0, humidity=0.0, inversion=16_000.0, strength=0.0)
"""As warm at every height, and dry."""


class Air(unittest.TestCase):
    def test_saturation_is_what_tables_say(self):
        # Rogers and Yau (1989), table 2.1: over water, at -10, 0, 10, 20 and 30 degrees, pascal.
        for celsius, tension in ((-10.0, 286.5), (0.0, 611.2), (10.0, 1227.9), (20.0, 2338.5), (30.0, 4245.2)):
            mixing = float(saturated(celsius + FREEZING, 100_000.0))
            self.assertAlmostEqual(mixing * 100_000.0 / (0.622 + mixing) / tension, 1.0, delta=0.003)

    def test_even_warmth_has_the_pressure_of_an_exponential(self):
        heights = np.array([0.0, 1_000.0, 3_000.0])
        air = air_of(EVEN, heights)
        scale = DRY_GAS * (EVEN.temperature + FREEZING) / GRAVITY
        np.testing.assert_allclose(air.pressure, EVEN.pressure * 100.0 * np.exp(-heights / scale), rtol=1e-4)
        np.testing.assert_allclose(air.temperature, EVEN.temperature + FREEZING, rtol=1e-6)

    def test_below_its_base_level_air_is_mixed(self):
        air = air_of(SOUNDINGS["Fair"], np.array([-600.0, -300.0, 0.0]))
        np.testing.assert_allclose(np.diff(air.theta), 0.0, atol=0.02)
        np.testing.assert_allclose(np.diff(air.vapour), 0.0, atol=1e-9)
        np.testing.assert_allclose(np.diff(air.temperature) / 300.0, -GRAVITY / HEAT_CAPACITY, rtol=0.01)

    def test_a_lapse_and_an_inversion_are_as_stated(self):
        sounding = SOUNDINGS["Capped"]
        lid, top = sounding.inversion, sounding.inversion + sounding.thickness
        kelvin = air_of(sounding, np.array([0.0, lid, top, top + 1_000.0])).temperature - FREEZING
        steps = [-sounding.lapse * lid / 1_000.0, sounding.strength, -sounding.lapse_above]
        np.testing.assert_allclose(np.diff(kelvin), steps, atol=0.05)
        self.assertAlmostEqual(kelvin[0], sounding.temperature, delta=0.02)

    def test_a_saturated_parcel_cools_by_the_moist_lapse(self):
        # Two ways to the same number: what is kept while it rises, and the formula of the lapse.
        heights = np.arange(0.0, 1_500.0, 50.0)
        air = air_of(EVEN, heights)
        kelvin, water, _ = lifted_parcel(EVEN, air, heights, moisture=1.02)
        lapse = [moist_lapse(t, p) for t, p in zip(kelvin, air.pressure)]
        # Pressure falls as of the air around, which is colder.
        np.testing.assert_allclose(-np.gradient(kelvin, heights)[1:-1], (lapse * kelvin / air.temperature)[1:-1], rtol=0.025)
        self.assertTrue((np.diff(water) > 0.0).all())

    def test_a_dry_parcel_cools_by_the_dry_lapse(self):
        heights = np.arange(0.0, 1_500.0, 50.0)
        air = air_of(EVEN, heights)
        kelvin, water, _ = lifted_parcel(EVEN, air, heights, moisture=0.0)
        np.testing.assert_allclose(np.gradient(kelvin, heights)[1:-1] / (kelvin / air.temperature)[1:-1], -GRAVITY / HEAT_CAPACITY,
                                   rtol=1e-3)
        self.assertEqual(float(water.max()), 0.0)

    def test_what_condenses_leaves_saturated_air_with_all_of_the_water(self):
        theta, total, pressure = np.full(4, 290.0), np.array([0.005, 0.010, 0.015, 0.020]), np.full(4, 85_000.0)
        water = droplets(theta, total, pressure)
        exner = (pressure / 100_000.0) ** (DRY_GAS / HEAT_CAPACITY)
        kelvin = theta * exner + 2.5e6 / HEAT_CAPACITY * water
        held = saturated(kelvin, pressure)
        wet = water > 0.0
        self.assertTrue(wet.any() and not wet.all())
        np.testing.assert_allclose((total - water)[wet], held[wet], rtol=1e-5)
        self.assertTrue((total[~wet] <= held[~wet]).all())

    def test_the_kernel_finds_the_same_droplets_and_lift(self):
        heights = np.arange(12) * 150.0
        sounding = SOUNDINGS["Towering"]
        air = air_of(sounding, heights)
        stacked = np.stack([air.theta, air.vapour, air.exner, air.pressure]).astype(np.float32)
        dice = np.random.default_rng(2)
        heat, water = (dice.uniform(-1.0, 3.0, (4, 12, 5)).astype(np.float32),
                       dice.uniform(-0.001, 0.006, (4, 12, 5)).astype(np.float32))
        lift, drops = lightened(heat, water, stacked)
        theta, total = air.theta[:, None] + heat, air.vapour[:, None] + water
        expected = droplets(theta, total, air.pressure[:, None])
        np.testing.assert_allclose(drops, expected, atol=2e-6)
        warm = theta + 2.5e6 / HEAT_CAPACITY / air.exner[:, None] * expected
        buoyancy = GRAVITY * ((warm - air.theta[:, None]) / air.theta[:, None]
                              + 0.608 * (total - expected - air.vapour[:, None]) - expected)
        np.testing.assert_allclose(lift, buoyancy, atol=2e-4)

    def test_a_parcel_stops_near_a_lid_and_goes_on_without(self):
        capped, towering = (stopping_height(SOUNDINGS[name]) for name in ("Capped", "Towering"))
        lid = SOUNDINGS["Capped"].inversion
        self.assertTrue(lid < capped < lid + SOUNDINGS["Capped"].thickness)
        self.assertGreater(towering, 1.8 * capped)
        self.assertEqual(stopping_height(EVEN.edited(lapse=-5.0), warmer=-6.0), 0.0)


    def test_the_dew_point_is_where_air_would_be_saturated(self):
        for celsius in (-20.0, 0.0, 15.0):
            mixing = saturated(celsius + FREEZING, 90_000.0)
            self.assertAlmostEqual(float(dew_point(mixing, 90_000.0)), celsius, delta=0.01)

    def test_a_chart_shows_what_the_sounding_says(self):
        sounding = SOUNDINGS["Capped"]
        chart = drawn(sounding, 0.5, 1.0)
        self.assertAlmostEqual(chart["temperature"][0], sounding.temperature, delta=0.05)
        # Magnus: at 80 % relative humidity and 17 degrees the dew point is 13.5 (psychrometric tables).
        self.assertAlmostEqual(float(chart["dew_point"][0]), 13.5, delta=0.15)
        self.assertTrue((chart["dew_point"] <= chart["temperature"] + 1e-6).all())
        lighter = chart["heights"][chart["parcel"] > chart["temperature"]]
        self.assertAlmostEqual(lighter.max(), chart["stops"], delta=200.0)
        self.assertGreater(chart["heights"][-1], sounding.inversion + sounding.thickness)


class Ready(unittest.TestCase):
    def test_each_can_grow_and_says_what_it_takes(self):
        for word, kind in RISING.items():
            with self.subTest(word):
                mound = rising(word, kind.label, 4)
                self.assertEqual((mound.name, mound.growth.seed, mound.growth.form), (kind.label, 4, "none"))
                source = source_of(mound)
                self.assertGreater(float(source.gives.max()), 0.7)
                said = foretold_growth(mound, 24.0)
                self.assertTrue(0.0 < said["seconds"] < 600.0 and said["memory_bytes"] < 2e9)
                low, high = foretold_box(mound)
                inner, outer = bounds_of(mound)
                self.assertTrue((low[[0, 2]] <= np.array(inner)[[0, 2]]).all() and (high >= outer).all())

    def test_cold_fog_has_room_to_pour_down(self):
        shape, cell, origin = cells_of(rising("fog", "Fog"))
        self.assertLess(origin[1], 2.0 * cell)
        self.assertGreater(origin[1] + cell * shape[1], 30.0)

    def test_a_script_makes_one(self):
        self.assertEqual(ready_growth("ring", "Puff").growth, rising("ring", "Puff").growth)
        with self.assertRaisesRegex(Problem, "choose one of turret"):
            ready_growth("volcano")


class Rising(unittest.TestCase):
    def test_still_air_stays_still(self):
        flowing = Flowing((12, 16, 12), 100.0, Weather(air_of(SOUNDINGS["Towering"], 100.0 * np.arange(16))))
        flowing.step(60.0)
        self.assertEqual(max(float(np.abs(face).max()) for face in flowing.faces), 0.0)
        self.assertEqual(float(flowing.cloud().max()), 0.0)

    def test_what_is_lifted_keeps_its_warmth_and_its_water(self):
        # A layer that is moved up by whole cells has what it had, and the air around it is other there.
        heights = 100.0 * np.arange(20)
        air = air_of(SOUNDINGS["Towering"], heights)
        flowing = Flowing((8, 20, 8), 100.0, Weather(air))
        flowing.faces[1][:, 1:] = 10.0
        flowing.carried[HEAT][:, 6] = 1.0
        # Without pressure, which would stop what has no way out below.


        moved, places = carried(flowing.carried, np.broadcast_to(np.float32([0, 10, 0]), (8, 20, 8, 3)).copy(), 0.3)
        lifted(moved, places, flowing.air)
        self.assertAlmostEqual(float(moved[HEAT, 4, 9, 4]), 1.0 + air.theta[6] - air.theta[9], places=3)
        self.assertAlmostEqual(float(moved[WATER, 4, 9, 4]), air.vapour[6] - air.vapour[9], places=6)
        self.assertAlmostEqual(float(moved[HEAT, 4, 14, 4]), air.theta[11] - air.theta[14], places=3)

    def test_a_thermal_spreads_and_slows_as_measured(self):
        found = [thermal(seed) for seed in (0, 1)]
        self.assertAlmostEqual(float(np.mean([spread for spread, _ in found])) / TOP_HAT, 1.0, delta=0.15)
        # Its height is as the root of time (Morton, Taylor and Turner 1956).
        self.assertGreater(min(straight for _, straight in found), 0.99)

    @long
    def test_a_ring_widens_as_turner_says(self):
        self.assertAlmostEqual(ring(), 1.0, delta=0.1)
        self.assertLess(PLUME[0], PLUME[1])

    def test_a_cloud_stops_at_its_lid_and_spreads_there(self):
        coarse = {"cell": 160.0, "wide": 40, "high": 40, "step": 20.0}
        top, parcel, spread, drops = cumulus(SOUNDINGS["Capped"], **coarse)
        higher, _, slender, _ = cumulus(SOUNDINGS["Towering"], **coarse)
        self.assertTrue(0.8 * parcel < top < parcel + 1_000.0, (top, parcel))
        self.assertGreater(higher, top + 600.0)
        self.assertGreater(spread, 1.25 * slender)
        self.assertEqual(drops, 1.0)

    def test_it_is_the_same_in_a_box_that_grows(self):
        found = []
        for box in (None, (slice(8, 40), slice(0, 32), slice(8, 40))):
            flowing = Flowing((48, 64, 48), 1.0, box=box)
            x, y, z = (np.arange(side.start, side.stop) for side in flowing.box)
            ball = (x[:, None, None] - 23.5) ** 2 + (y[:, None] - 8) ** 2 + (z - 23.5) ** 2 < 25.0
            flowing.carried[HEAT][ball] = 4.0
            for _ in range(20):
                flowing.step(1.0)
            heat = flowing.carried[HEAT].astype(np.float64)
            found.append(((heat.sum(axis=(0, 2)) * np.arange(heat.shape[1])).sum() / heat.sum(), heat.sum(), heat.size))
        (high, warmth, cells), (height, left, fewer) = found
        self.assertAlmostEqual(height / high, 1.0, delta=0.02)
        self.assertAlmostEqual(left / warmth, 1.0, delta=0.01)
        self.assertLess(fewer, 0.7 * cells)


class Recipes(unittest.TestCase):
    def test_a_form_moves_like_a_natural_cloud_of_the_size_that_it_looks(self):
        mound = ball_mound(150.0, 8.0)
        growth = growth_for(mound)
        mound = mound.edited(growth=growth.edited(cell=20.0, gives="nothing"))
        source = source_of(mound)
        self.assertAlmostEqual(source.parcel[0, 0], 0.0, delta=2.5)
        flowing = Flowing(source.shape, source.cell * growth.larger, source.weather, box=source.first_box())
        source.begin(flowing)
        # Its first cloud is the form, wherever it stands.
        at = tuple(slice(own.start - side.start, own.stop - side.start) for own, side in zip(source.box, flowing.box))
        seen, form = flowing.cloud()[at], source.form
        self.assertGreater(float(np.corrcoef(seen.ravel(), form.ravel())[0, 1]), 0.97)
        self.assertGreater(float(seen[form > 0.95].min()), 0.9)
        self.assertEqual(float(seen[form == 0.0].max()), 0.0)

    def test_growth_of_an_older_mound_is_brought_up_to_date(self):
        old = {"seconds": 3.0, "pace": 6.0, "over": 100.0, "warms": 6.0, "dries": 0.15, "whirls": 0.35, "form": False, "heat": 2.0,
               "wind": 2.0, "shear": 1.0}
        growth = Growth.model_validate(migrated({"format": 12, "growth": old}, "old.mound")["growth"])
        self.assertEqual((growth.form, growth.larger, growth.heat), ("none", 25.0, 2.0))
        self.assertAlmostEqual(growth.pace, 30.0)
        # The same number of metres of the mound in a second of the film.
        self.assertAlmostEqual(growth.wind * growth.pace / growth.larger, old["wind"] * old["pace"])
        per_metre = growth.shear / 1_000.0 * growth.larger
        self.assertAlmostEqual(per_metre * growth.pace / growth.larger, old["shear"] / 100.0 * old["pace"])
        self.assertTrue(math.isfinite(growth.room))


if __name__ == "__main__":
    unittest.main()
