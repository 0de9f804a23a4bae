"""Finer light of small clouds in a wide sky, against one lattice that is as fine everywhere."""

import unittest

import numpy as np

from softmound.core.engine.stages import Stages
from softmound.core.light.lattices.coarse import Fineness, coarse_in, within
from softmound.core.light.lattices.lattice import lit
from softmound.core.light.lattices.nested import nested, small_of
from softmound.core.light.marching.march import march
from softmound.core.light.picture.radiance import radiance_of
from softmound.core.light.scene.camera import camera_of
from softmound.core.light.scene.scene import PlacedCloud, Placing, scene_of
from softmound.core.recipe import Lamp, Light, Medium, Sun, View
from tests.scenes import box_grid
from tests.sphere import ball_grid

VIEW = View(target=(0, 70, 0), distance=420, azimuth=0, elevation=8, focal=50)
COARSE, EVEN = Fineness(64, 16), Fineness(160, 64)
"""As wide as it happens in a sky of kilometres, and as fine everywhere as the nest is."""


def sky_of(deck=True, elevation=35.0, heroes=2):
    """Balls above a flat deck, a sixth as wide as it is."""
    medium, ball = Medium(extinction=0.08), ball_grid(30.0, 3.0)
    clouds = [PlacedCloud(ball, medium, Placing(np.array([90.0 * n - 45.0, 70.0, 0.0])), key=f"ball {n}") for n in range(heroes)]
    if deck:
        slab = box_grid((-100, -5, -100), (99, 4, 99), voxel=6.0)
        clouds.append(PlacedCloud(slab, Medium(extinction=0.03), Placing(np.zeros(3)), key="deck"))
    light = Light(sun=Sun(azimuth=60.0, elevation=elevation))
    return scene_of(light, *clouds)


class Nested(unittest.TestCase):
    def lattice(self, scene, fine, nest=False):
        coarse, mixture = coarse_in(scene, fine)
        found = lit(coarse, scene.light, mixture=mixture)
        return nested(scene, found, coarse, mixture, fine) if nest else found

    def seen(self, scene, lattice):
        camera = camera_of(VIEW, 160, 100)
        layers = march(scene, lattice, camera)
        return radiance_of(layers, scene, camera)[..., :3], layers

    def heroes(self, scene):
        """Where balls are seen, and not the deck."""
        alone = scene_of(scene.light, *scene.clouds[:2])
        _, layers = self.seen(alone, self.lattice(alone, COARSE))
        return layers[..., 4] > 0.9

    def test_balls_over_a_deck_are_lit_as_by_an_even_lattice(self):
        for elevation in (12.0, 35.0, 70.0):
            scene = sky_of(elevation=elevation)
            even, _ = self.seen(scene, self.lattice(scene, EVEN))
            wide, _ = self.seen(scene, self.lattice(scene, COARSE))
            inner = self.lattice(scene, COARSE, nest=True)
            self.assertEqual(inner.nest.clouds.tolist(), [True, True, False])
            finer, _ = self.seen(scene, inner)
            balls = self.heroes(scene)
            mean = even[balls].mean()
            off = [float(np.abs(found[balls] - even[balls]).mean() / mean) for found in (wide, finer)]
            self.assertLess(off[1], 0.55 * off[0], elevation)
            self.assertLess(off[1], 0.04, elevation)
            self.assertLess(abs(finer[balls].mean() / mean - 1.0), 0.04, elevation)

    def test_the_deck_is_lit_as_before(self):
        scene = sky_of()
        wide, layers = self.seen(scene, self.lattice(scene, COARSE))
        finer, _ = self.seen(scene, self.lattice(scene, COARSE, nest=True))
        deck = np.zeros(wide.shape[:2], bool)
        deck[80:] = True
        np.testing.assert_array_equal(finer[deck], wide[deck])

    def test_what_is_outside_stands_in_the_suns_way_as_much_as_it_is_thick(self):
        plain, roof = sky_of(elevation=70.0, heroes=1), box_grid((-100, -5, -100), (99, 4, 99), voxel=6.0)
        above = PlacedCloud(roof, Medium(extinction=0.05), Placing(np.array([0.0, 240.0, 0.0])), key="roof")
        scene = scene_of(plain.light, *plain.clouds, above)
        coarse, mixture = coarse_in(scene, COARSE)
        found = nested(scene, lit(coarse, scene.light, mixture=mixture), coarse, mixture, COARSE)
        box = np.array(scene.clouds[0].box())
        self.assertAlmostEqual(within(coarse, box).density.sum() / coarse_in(plain, COARSE)[0].density.sum(), 0.0, delta=0.1)
        # At the lit side of the ball nothing else is in the way: 60 metres of the roof, seen at a slant.
        self.assertAlmostEqual(float(found.nest.lattice.sun.min()) / (0.05 * 60.0 / np.sin(np.radians(70.0))), 1.0, delta=0.04)

    def test_where_nothing_is_gained_there_is_none(self):
        self.assertIsNone(small_of(sky_of(deck=False)))  # all are small
        self.assertIsNone(small_of(sky_of(heroes=0)))
        self.assertIsNone(small_of(sky_of(deck=False, heroes=1)))

    def test_stages_keep_it_and_a_sun_that_moved_is_as_if_begun_anew(self):
        stages, scene = Stages(), sky_of()
        first = stages.lattice(scene, COARSE)
        self.assertIs(stages.lattice(scene, COARSE), first)
        self.assertGreater(first.nbytes, first.sun.nbytes + first.sky.nbytes)
        moved = scene.under(scene.light.edited(sun=scene.light.sun.edited(azimuth=-40.0)))
        self.assertIsNotNone(stages.lattice(moved, COARSE).nest)
        again = stages.lattice(moved, COARSE)
        self.assertGreater(np.abs(again.nest.lattice.sky[..., 0, :] - first.nest.lattice.sky[..., 0, :]).max(), 0.0)
        alone = Stages().lattice(moved, COARSE)
        np.testing.assert_allclose(again.nest.lattice.sky, alone.nest.lattice.sky, atol=2e-5)

    def test_with_lamps_light_is_that_of_one_lattice(self):
        scene = sky_of()
        lamp = Lamp(place=(-45.0, 70.0, 0.0))
        found = Stages().lattice(scene.under(scene.light.edited(lamps=(lamp,))), COARSE)
        self.assertIsNone(found.nest)
        self.assertEqual(found.sky.shape[3], 7)
