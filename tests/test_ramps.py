"""Colours that change within the cloud: recipe, lattice, Draft and True light, and the field in the desk."""

import unittest

import numpy as np
from pydantic import ValidationError

from softmound.core.engine.density import density_grid
from softmound.core.engine.stages import Stages, layers_of
from softmound.core.light.lattices.coarse import coarse_of
from softmound.core.light.paths.tracer import Tracer
from softmound.core.light.picture.radiance import behind_of, radiance_of
from softmound.core.light.scene.camera import camera_of
from softmound.core.light.scene.phase import albedo_of, thick_share
from softmound.core.light.scene.ramps import colours_of
from softmound.core.problems import OutOfLimits
from softmound.core.recipe import Light, Medium, Mound, Ramp, Sky, Sun, View, parse_mound
from softmound.core.recipe.files import mound_json
from softmound.core.recipe.resize import resized_mound
from tests.scenes import ball_mound, box_grid

WHITE, BLACK = (1.0, 1.0, 1.0), (0.0, 0.0, 0.0)
UPWARD = Ramp(by="height", low=0.0, high=40.0, stops=((0.0, (0.2, 0.4, 1.0)), (1.0, WHITE)))
GREY_SKY = Light(sun=Sun(strength=0.0), sky=Sky(kind="plain", zenith=WHITE))


class Recipes(unittest.TestCase):
    def test_there_and_back(self):
        mound = Mound(light=Light(medium=Medium(tint_by=UPWARD, glow_by=Ramp(by="density", low=0.0, high=1.0))))
        self.assertEqual(parse_mound(mound_json(mound), "a file"), mound)

    def test_refusals(self):
        for wrong in ({"low": 5.0, "high": 5.0}, {"stops": ((0.0, WHITE), (0.6, WHITE))}, {"stops": ((0.0, WHITE),)},
                      {"stops": ((0.0, WHITE), (0.7, WHITE), (0.4, WHITE), (1.0, WHITE))}, {"by": "mood"}):
            with self.assertRaises((ValidationError, OutOfLimits)):
                Ramp(**wrong)

    def test_metres_grow_with_the_mound(self):
        mound = ball_mound(10.0, 1.0)
        medium = Medium(tint_by=UPWARD.edited(low=mound.mass.base.altitude), glow_by=Ramp(by="density", low=0.0, high=1.0))
        mound = mound.edited(mass=mound.mass.edited(base=mound.mass.base.edited(on=True)), light=Light(medium=medium))
        level = mound.mass.base.altitude
        grown = resized_mound(mound, 2.0).light.medium
        self.assertAlmostEqual(grown.tint_by.low, level + 2.0 * (medium.tint_by.low - level))
        self.assertAlmostEqual(grown.tint_by.high, level + 2.0 * (40.0 - level))
        self.assertEqual(grown.glow_by, medium.glow_by)


class Theory(unittest.TestCase):
    def test_albedo_and_colour_are_inverse(self):
        for cosine in (0.0, 0.5, 0.85):
            albedo = np.array([0.2, 0.8, 0.95, 0.999, 1.0])
            np.testing.assert_allclose(albedo_of(thick_share(albedo, cosine), cosine), albedo, atol=1e-9)

    def test_the_lattice_follows_each_measure(self):
        grid = box_grid((0, 0, 0), (39, 39, 39), voxel=0.5)
        coarse = coarse_of(grid)
        ramp = Ramp(by="height", low=0.0, high=20.0, stops=((0.0, BLACK), (1.0, WHITE)))
        made = colours_of(coarse, Medium(glow_by=ramp))
        heights = made.first[1] + made.cell * np.arange(made.values.shape[2])
        np.testing.assert_allclose(made.values[3, 20, :, 20], np.clip(heights / 20.0, 0.0, 1.0), atol=1e-6)
        np.testing.assert_array_equal(made.values[:3], 1.0)
        # Depth in the middle of a box is half its side.
        made = colours_of(coarse, Medium(glow_by=ramp.edited(by="depth", high=10.0)))
        middle = [s // 2 for s in made.values.shape[1:]]
        self.assertAlmostEqual(float(made.values[4][tuple(middle)]), 1.0, delta=0.06)
        made = colours_of(coarse, Medium(glow_by=ramp.edited(by="density", high=2.0)))
        self.assertAlmostEqual(float(made.values[4][tuple(middle)]), 0.5, delta=1e-3)

    def scenes(self, medium, light=GREY_SKY):
        """A thick ball by Draft and by True light: mean colours of its upper and its lower half."""
        mound = ball_mound(20.0, 1.0).edited(light=light.edited(medium=medium), view=View(
            target=(0.0, 20.0, 0.0), distance=100.0, elevation=0.0))
        stages, grid = Stages(), density_grid(mound, 1.0)
        camera = camera_of(mound.view, 24, 16)
        scene = stages.scene(mound, grid, "ball")
        layers = np.mean([layers_of(stages, scene, camera, nth=n) for n in range(4)], axis=0)
        seen = radiance_of(layers, scene, camera)
        draft = seen[..., :3] - behind_of(seen, mound.light, camera)
        tracer = Tracer(scene, stages.lattice(scene), camera, hues=stages.hues(scene)[1])
        tracer.add(48)
        solid = layers[..., 4] > 0.9
        upper, lower = solid.copy(), solid.copy()
        # Light mixes where the colours meet.
        upper[6:], lower[:10] = False, False
        return [[picture[part].mean(axis=0) for part in (upper, lower)] for picture in (draft, tracer.layers()[0])]

    def test_draft_and_true_light_show_the_colours_asked_for(self):
        ramp = Ramp(by="height", low=19.9, high=20.1, stops=((0.0, (0.2, 0.5, 0.9)), (1.0, WHITE)))
        for upper, lower in self.scenes(Medium(extinction=1.0, anisotropy=0.0, tint_by=ramp)):
            np.testing.assert_allclose(upper, 1.0, atol=0.12)
            np.testing.assert_allclose(lower, (0.2, 0.5, 0.9), atol=0.14)

    def test_glow_goes_with_its_ramp(self):
        dark = Light(sun=Sun(strength=0.0), sky=Sky(kind="plain", strength=0.0))
        ramp = Ramp(by="height", low=19.9, high=20.1, stops=((0.0, (1.0, 0.0, 0.0)), (1.0, (0.0, 1.0, 0.0))))
        medium = Medium(extinction=1.0, albedo=0.0, glow=WHITE, glow_strength=3.0, tint_by=None, glow_by=ramp)
        for upper, lower in self.scenes(medium, dark):
            self.assertLess(upper[0], 0.3)
            self.assertAlmostEqual(float(upper[1]), 3.0, delta=0.35)
            self.assertAlmostEqual(float(lower[0]), 3.0, delta=0.35)
            np.testing.assert_allclose([upper[2], lower[2]], 0.0, atol=1e-4)


if __name__ == "__main__":
    unittest.main()
