"""What a grain action in a folder beside the others is put to; run by `test_worked_example`, which names the folder."""

import os
import pathlib
import tempfile
import unittest

import numpy as np

from softmound.core.engine.density import bounds_of, density_grid
from softmound.core.engine.forecast import forecast
from softmound.core.engine.graph import key_at, reaches
from softmound.core.grain import actions
from softmound.core.grain.masks.height import ByHeight
from softmound.core.grain.surface import pushed
from softmound.core.mass.kinds.blob import Blob
from softmound.core.noise.sums import noise_bricks
from softmound.core.recipe import BaseLevel, Mass, Mound, Problem, parse_mound, read_mound, write_mound
from softmound.core.recipe.grains import ACTIONS
from softmound.core.recipe.resize import resized_mound

actions.__path__.append(os.environ["GROOVE"])

VOXEL = 1.0
MASS = Mass(forms=(Blob(centre=(0.0, 0.0, 0.0), radii=(30.0, 30.0, 30.0)),), base=BaseLevel(on=False))


def grooved(**changes):
    """A ball with one grain of the new kind."""
    fields = {"feature": 12.0, "octaves": 2, "strength": 3.0, "spacing": 10.0, **changes}
    return Mound(mass=MASS, grains=({"action": "groove", **fields},))


class Groove(unittest.TestCase):
    def test_it_moves_the_surface_as_its_formula_says(self):
        grain = grooved().grains[0]
        coords = np.array([[0, 0, 0], [1, -2, 3]], np.int32)
        plain = np.zeros((2, 512), np.float32)
        noise = noise_bricks(coords, VOXEL, grain, np.empty_like(plain), (0.0, 0.0, 0.0))
        y = (coords[:, 1, None] * 8 + (np.arange(512) >> 3 & 7)[None]) * VOXEL
        wanted = 3.0 * (0.5 - 0.5 * np.cos(2 * np.pi * y / 10.0)) * noise
        np.testing.assert_allclose(pushed(plain, coords, VOXEL, (grain,)), wanted, atol=1e-4)
        half = grain.edited(where=(ByHeight(low=-1000.0, high=1000.0),))
        np.testing.assert_allclose(pushed(plain, coords, VOXEL, (half,)), wanted * (0.5 + y / 2000.0), atol=1e-4)

    def test_bounds_and_bands_follow_its_reach(self):
        plain, carved = Mound(mass=MASS), grooved()
        np.testing.assert_allclose(bounds_of(carved), bounds_of(plain))
        before, after = reaches(plain, VOXEL), reaches(carved, VOXEL)
        self.assertEqual((after[0] - before[0], after[1] - before[1]), (0.0, 3.0))

    def test_every_field_of_its_own_makes_the_cloud_another(self):
        key = key_at("moved", grooved())
        for change in ({"strength": 3.1}, {"spacing": 10.1}, {"seed": 18}):
            self.assertNotEqual(key_at("moved", grooved(**change)), key)
        self.assertEqual(key_at("distance", grooved()), key_at("distance", Mound(mass=MASS)))

    def test_it_is_built_and_foretold(self):
        mound = grooved().edited(voxels={"final": VOXEL})
        grid = density_grid(mound, VOXEL)
        carved = float(density_grid(Mound(mass=MASS), VOXEL).values.sum() - grid.values.sum())
        self.assertGreater(carved, 0.0)
        self.assertAlmostEqual(forecast(mound).active_voxels(VOXEL) / grid.active_voxels(), 1.0, delta=0.1)

    def test_it_is_sized_with_its_mound(self):
        grain = resized_mound(grooved(), 2.0).grains[0]
        self.assertEqual((grain.strength, grain.spacing, grain.feature), (6.0, 20.0, 24.0))

    def test_it_is_saved_read_and_refused_like_any_other(self):
        with tempfile.TemporaryDirectory() as name:
            path = pathlib.Path(name) / "carved.mound"
            write_mound(path, grooved())
            self.assertEqual(read_mound(path), grooved())
        broken = grooved().model_dump_json().replace('"spacing":10.0', '"spacing":-10.0')
        with self.assertRaises(Problem) as caught:
            parse_mound(broken, "carved.mound")
        self.assertIn("grains.0.spacing", str(caught.exception))

    def test_it_is_in_the_menu_and_has_its_rows(self):
        from tests.desk import DeskTest

        class Desk(DeskTest):
            def runTest(self):
                grain = self.window.stations["Grain"]
                self.window.open_station("Grain")
                shown = [action.text() for action in grain.tray.more.menu().actions()]
                self.assertEqual(shown[-1], "Groove")
                grain.tray.more.menu().actions()[-1].trigger()
                self.assertEqual(grain.grain().action, "groove")
                fields = grain.settings.acts["groove"]
                self.assertEqual([row.label for row in fields.rows], ["Strength", "Spacing"])
                fields.controls["spacing"].changed.emit(4.0, False)
                self.assertEqual(grain.grain().spacing, 4.0)

        result = Desk().run()
        self.assertTrue(result.wasSuccessful(), result.failures + result.errors)
        self.assertEqual(list(ACTIONS)[-1], "groove")


if __name__ == "__main__":
    unittest.main()
