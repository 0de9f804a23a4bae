"""Scenes of several placed clouds: transforms, overlap, shadows, colours; against one grid that holds all, and theory."""

import math
import unittest

import numpy as np

from softmound.core.directions import direction_of, rotation_matrix
from softmound.core.engine.density import density_grid
from softmound.core.engine.stages import Stages, layers_of
from softmound.core.kernels import serial
from softmound.core.light.lattices.coarse import FILLED, LONGEST, RESTING, Fineness, coarse_in
from softmound.core.light.lattices.lattice import lit, with_lamps
from softmound.core.light.marching.march import AWAY, LAYERS, march
from softmound.core.light.paths.tracer import Tracer
from softmound.core.light.picture.radiance import behind_of, radiance_of
from softmound.core.light.scene.camera import camera_of
from softmound.core.light.scene.pool import density_at
from softmound.core.light.scene.scene import PlacedCloud, Placing, scene_of
from softmound.core.recipe import Lamp, Light, Medium, Ramp, Sky, Sun, View
from softmound.core.volume import grid_of
from softmound.core.volume.combine import combined
from softmound.core.volume.sample import sample
from tests.scenes import ball_mound, box_grid, lumpy_mound, random_grid

WHITE = (1.0, 1.0, 1.0)
SUNNY = Light(sun=Sun(azimuth=70.0, elevation=25.0), medium=Medium(extinction=0.4))
VIEW = View(target=(4.0, 20.0, 0.0), distance=110.0, azimuth=10.0, elevation=6.0)
TURN = rotation_matrix((25.0, -40.0, 15.0))


def light_of(scene, fine=RESTING):
    """Lattice of a scene."""
    coarse, mixture = coarse_in(scene, fine)
    return with_lamps(lit(coarse, scene.light, mixture=mixture), coarse, scene.light, mixture=mixture)


def layers(scene, camera, passes=8, **options):
    """Mean layers of some passes."""
    lattice = light_of(scene)
    return np.mean([march(scene, lattice, camera, nth=n, **options) for n in range(passes)], axis=0)


def true_light(scene, camera, turns):
    """Radiance of the clouds by paths."""
    tracer = Tracer(scene, light_of(scene), camera)
    tracer.add(turns)
    return tracer.layers()[0]


def placed(grid, light=SUNNY, **placing):
    """A cloud of a light's medium."""
    return PlacedCloud(grid, light.medium, Placing(**placing))


@serial
def _density(bricks, number, x, y, z):
    return density_at(bricks, number, x, y, z)


class Placings(unittest.TestCase):
    def test_own_undoes_world(self):
        placing = Placing(np.array([3.0, -2.0, 7.0]), TURN, 1.7, True)
        points = np.random.default_rng(3).normal(size=(40, 3)) * 20.0
        np.testing.assert_allclose(placing.own(placing.world(points)), points, atol=1e-12)
        there = placing.world(points)
        apart = np.linalg.norm(points[1:] - points[:-1], axis=1)
        np.testing.assert_allclose(np.linalg.norm(there[1:] - there[:-1], axis=1), 1.7 * apart)

    def test_mirrored_exchanges_left_and_right(self):
        np.testing.assert_allclose(Placing(mirrored=True).world((2.0, 3.0, 4.0)), (-2.0, 3.0, 4.0))
        self.assertLess(np.linalg.det(Placing(turn=TURN, mirrored=True).axes), 0.0)

    def test_coarse_density_keeps_all_there_is_to_scatter(self):
        grid = density_grid(lumpy_mound(), 1.0)
        alone, mixture = coarse_in(scene_of(SUNNY, grid))
        whole = float(alone.density.sum(dtype=float)) * alone.cell**3 * mixture.extinction
        for placing in (Placing(turn=TURN), Placing(np.array([40.0, 3.0, -8.0]), mirrored=True), Placing(turn=TURN, scale=1.6)):
            coarse, mixture = coarse_in(scene_of(SUNNY, PlacedCloud(grid, SUNNY.medium, placing)))
            found = float(coarse.density.sum(dtype=float)) * coarse.cell**3 * mixture.extinction
            # As much of it, for each metre, in so many times the room.
            self.assertAlmostEqual(found / (whole * placing.scale**3), 1.0, delta=0.01)


class Wide(unittest.TestCase):
    """A flat sky of many clouds."""

    def test_its_cells_are_as_many_as_a_clouds_and_hold_all_there_is(self):
        grid = density_grid(lumpy_mound(), 1.0)
        own = (grid.values.sum(dtype=float) + 512.0 * grid.tile_values.sum(dtype=float)) * SUNNY.medium.extinction
        places = [(x, 0.0, z) for x in (0.0, 900.0, 1800.0) for z in (0.0, 1500.0)]
        clouds = [PlacedCloud(grid, SUNNY.medium, Placing(np.array(place))) for place in places]
        fine = Fineness(100, 30)
        coarse, _ = coarse_in(scene_of(SUNNY, *clouds), fine)
        alone, _ = coarse_in(scene_of(SUNNY, clouds[0]), fine)
        across = 1800.0 + 80.0
        self.assertLess(coarse.cell, 0.7 * across / fine.sun)
        self.assertGreaterEqual(coarse.cell, across / (LONGEST * fine.sun) * 0.95)
        # Besides two cells of border all round, and what is rounded up.
        self.assertLess(np.prod(np.array(coarse.density.shape) - 5), 1.2 * FILLED * fine.sun**3)
        self.assertLess(coarse.small.size, 2.0 * FILLED * (1.3 * fine.sky) ** 3)
        self.assertAlmostEqual(coarse.density.sum(dtype=float) * coarse.cell**3 / (6.0 * own), 1.0, delta=0.02)
        self.assertLess(alone.cell, coarse.cell)


class One(unittest.TestCase):
    def test_opacity_is_what_lies_along_the_rays(self):
        grid = random_grid(5, voxel=0.5)
        light = SUNNY.edited(medium=Medium(extinction=0.05))
        placing = Placing(np.array([6.0, -4.0, 2.0]), TURN, 0.8, True)
        scene = scene_of(light, PlacedCloud(grid, light.medium, placing))
        view = View(target=tuple(placing.world(np.mean([grid.world(b) for b in grid.active_bounds()], axis=0))), distance=260.0)
        camera = camera_of(view, 48, 32)
        found = layers(scene, camera, 10, step=0.5)[..., 4]
        way = np.arange(0.0, 500.0, 0.1)
        worst = 0.0
        for y in range(2, 32, 4):
            for x in range(2, 48, 4):
                along = sample(grid, placing.own(camera.eye + way[:, None] * camera.ray(x + 0.5, y + 0.5)))
                worst = max(worst, abs(found[y, x] - (1.0 - math.exp(-along.sum(dtype=float) * 0.1 * 0.05))))
        self.assertLess(worst, 0.05)

    def test_turning_cloud_sun_and_eye_together_changes_nothing(self):
        # About the vertical, in steps that are none of the grid's symmetries.
        grid = density_grid(lumpy_mound(), 0.8)
        pictures = []
        for azimuth in (0.0, 50.0):
            light = SUNNY.edited(sun=Sun(azimuth=60.0 + azimuth, elevation=30.0), sky=Sky(kind="plain", zenith=(0.3, 0.4, 0.6)))
            cloud = placed(grid, turn=rotation_matrix((0.0, azimuth, 0.0)))
            camera = camera_of(VIEW.edited(target=(0.0, 18.0, 0.0), azimuth=20.0 + azimuth), 60, 40)
            pictures.append(layers(scene_of(light, cloud), camera))
        solid = pictures[0][..., 4] > 0.95
        np.testing.assert_allclose(pictures[1][..., 4], pictures[0][..., 4], atol=0.12)
        np.testing.assert_allclose(pictures[1][solid].mean(axis=0), pictures[0][solid].mean(axis=0), rtol=0.02, atol=1e-3)

    def test_mirrored_is_the_mirror_image(self):
        grid = density_grid(lumpy_mound(), 0.8)
        camera = camera_of(View(target=(0.0, 18.0, 0.0), distance=90.0, azimuth=0.0, elevation=5.0), 60, 40)
        sun = {side: SUNNY.edited(sun=Sun(azimuth=side * 50.0 % 360.0, elevation=30.0)) for side in (1.0, -1.0)}
        plain = layers(scene_of(sun[1.0], grid), camera)
        other = layers(scene_of(sun[-1.0], placed(grid, mirrored=True)), camera)[:, ::-1]
        np.testing.assert_allclose(other[..., 4], plain[..., 4], atol=0.12)
        solid = plain[..., 4] > 0.95
        np.testing.assert_allclose(other[solid].mean(axis=0), plain[solid].mean(axis=0), rtol=0.02, atol=1e-3)

    def test_twice_as_large_and_half_as_thick_looks_the_same_from_twice_as_far(self):
        grid = density_grid(lumpy_mound(), 0.8)
        camera = camera_of(View(target=(0.0, 18.0, 0.0), distance=90.0), 60, 40)
        far = camera_of(View(target=(0.0, 36.0, 0.0), distance=180.0), 60, 40)
        plain = layers(scene_of(SUNNY, grid), camera)
        thin = PlacedCloud(grid, Medium(extinction=SUNNY.medium.extinction / 2.0), Placing(scale=2.0))
        found = layers(scene_of(SUNNY, thin), far)
        np.testing.assert_allclose(found[..., :AWAY], plain[..., :AWAY], rtol=2e-3, atol=2e-3)
        np.testing.assert_allclose(found[..., AWAY], 2.0 * plain[..., AWAY], rtol=2e-3, atol=0.2)  # metres

    def test_clay_normals_turn_with_the_cloud(self):
        grid = density_grid(ball_mound(10.0, 1.5), 0.5)
        placing = Placing(np.array([15.0, 5.0, -3.0]), TURN, 1.5, True)
        middle = placing.world((0.0, 20.0, 0.0))
        camera = camera_of(View(target=tuple(middle), distance=90.0, azimuth=35.0), 90, 60)
        found = layers(scene_of(SUNNY, PlacedCloud(grid, SUNNY.medium, placing)), camera, 1, clay=True, step=0.5)
        hit = np.argwhere(found[..., 4] == 1.0)
        self.assertGreater(len(hit), 500)
        for y, x in hit[::23]:
            ray = camera.ray(x + 0.5, y + 0.5)
            to = camera.eye - middle
            b, c = float(to @ ray), float(to @ to) - (1.5 * 9.5) ** 2
            if b * b - c < 25.0:
                continue
            point = to + (-b - math.sqrt(b * b - c)) * ray
            self.assertGreater(float(found[y, x, :3] @ (point / np.linalg.norm(point))), 0.96)


class Several(unittest.TestCase):
    """Two clouds that overlap, beside one grid that holds both."""

    def pair(self):
        left = density_grid(ball_mound(12.0, 3.0), 0.75)
        right = grid_of(0.75, left.coords + np.array([2, 1, 0], np.int32), left.values,
                        left.tile_coords + np.array([2, 1, 0], np.int32), left.tile_values)
        return left, combined(left, right, "add")

    def scenes(self, light):
        left, both = self.pair()
        return scene_of(light, placed(left, light), placed(left, light, place=np.array([12.0, 6.0, 0.0]))), scene_of(light, both)

    def test_draft_light(self):
        camera = camera_of(VIEW.edited(target=(6.0, 23.0, 0.0)), 72, 48)
        for azimuth, elevation in ((70.0, 25.0), (170.0, 8.0), (10.0, 60.0)):
            light = SUNNY.edited(sun=Sun(azimuth=azimuth, elevation=elevation))
            two, one = (layers(scene, camera) for scene in self.scenes(light))
            np.testing.assert_allclose(two[..., 4], one[..., 4], atol=0.06)
            solid = one[..., 4] > 0.5
            radiance = [radiance_of(found, scene, camera)[solid][:, :3].mean()
                        for found, scene in zip((two, one), self.scenes(light))]
            self.assertAlmostEqual(radiance[0] / radiance[1], 1.0, delta=0.02)
            error = np.abs(two[solid][:, :4] - one[solid][:, :4]).mean(axis=0) / np.abs(one[solid][:, :4]).mean(axis=0)
            self.assertLess(error.max(), 0.05)

    def test_true_light(self):
        camera = camera_of(VIEW.edited(target=(6.0, 23.0, 0.0)), 24, 16)
        light = SUNNY.edited(medium=Medium(extinction=0.15, anisotropy=0.5))
        two, one = (true_light(scene, camera, 500) for scene in self.scenes(light))
        self.assertAlmostEqual(two.sum() / one.sum(), 1.0, delta=0.02)

    def test_bounded_clay(self):
        camera = camera_of(VIEW.edited(target=(6.0, 23.0, 0.0)), 72, 48)
        two, one = (layers(scene, camera, 1, clay=True) for scene in self.scenes(SUNNY))
        self.assertGreater((two[..., 4] == one[..., 4]).mean(), 0.98)
        both = (two[..., 4] == 1.0) & (one[..., 4] == 1.0)
        # Along the seam the sum of two rims counts as surface before either does.
        self.assertGreater(np.median((two[..., :3] * one[..., :3]).sum(axis=-1)[both]), 0.98)

    def test_clay_of_a_solid_cloud_within_a_thin_veil(self):
        # The veil is so thin beside its densest part that its surface is not met; but more of it lies before the eye.
        ball = density_grid(ball_mound(8.0, 1.5), 0.5)
        veil = box_grid((-40, 0, -40), (40, 79, 40), 0.05, voxel=0.5)
        peak = box_grid((400, 0, 0), (407, 7, 7), 1.0, voxel=0.5)
        thin = combined(veil, peak, "add")
        light = SUNNY.edited(medium=Medium(extinction=0.02))
        scene = scene_of(light, PlacedCloud(thin, Medium(extinction=2.0)), placed(ball, light))
        camera = camera_of(View(target=(0.0, 20.0, 0.0), distance=60.0, azimuth=35.0), 60, 40)
        alone, both = (layers(one, camera, 1, clay=True) for one in (scene_of(light, ball), scene))
        # Beside the ball's rim, which is found by other steps, the ball is what is seen, with its own normals.
        self.assertGreater((alone[..., 4] == both[..., 4]).mean(), 0.97)
        hit = (alone[..., 4] == 1.0) & (both[..., 4] == 1.0)
        self.assertGreater(hit.sum(), 150)
        self.assertGreater(np.median((alone[..., :3] * both[..., :3]).sum(axis=-1)[hit]), 0.97)

    def test_one_shadows_the_other(self):
        light = Light(sun=Sun(azimuth=90.0, elevation=0.0, size=0.0), sky=Sky(strength=0.0), medium=Medium(extinction=0.5))
        grid = box_grid((0, 0, 0), (15, 15, 15))
        shaded = placed(grid, light)
        toward = direction_of(90.0, 0.0)
        blocker = placed(grid, light, place=40.0 * toward)
        aside = placed(grid, light, place=np.array([0.0, 60.0, 0.0]))
        camera = camera_of(View(target=(8.0, 8.0, 8.0), distance=60.0, azimuth=0.0, elevation=0.0, focal=120.0), 24, 16)
        # Draft light knows how deep the sun lies, not that light which goes on ahead spreads in the gap.
        free, dark = (layers(scene_of(light, shaded, other), camera)[8, 12, 0] for other in (aside, blocker))
        self.assertLess(dark, 0.3 * free)
        free, dark = (true_light(scene_of(light, shaded, other), camera, 150)[6:10, 10:14].mean() for other in (aside, blocker))
        self.assertLess(dark, 0.08 * free)

    def test_furnace_with_different_media(self):
        # Where the same light comes from everywhere and nothing is lost, clouds cannot be seen, whatever they scatter like.
        light = Light(sun=Sun(strength=0.0), sky=Sky(kind="plain", zenith=(0.7, 0.7, 0.7)), medium=Medium(extinction=0.2))
        grid = density_grid(lumpy_mound(), 1.5)
        other = PlacedCloud(grid, Medium(extinction=0.5, phase="droplets"), Placing(np.array([9.0, 4.0, 3.0]), TURN, 1.2, True))
        scene = scene_of(light, placed(grid, light), other)
        tracer = Tracer(scene, light_of(scene), camera_of(VIEW, 24, 16))
        tracer.add(6)
        radiance, opacity, _ = tracer.layers()
        cloud = opacity > 0.0
        self.assertGreater(cloud.sum(), 30)
        np.testing.assert_allclose(radiance[cloud] / opacity[cloud][:, None], 0.7, rtol=1e-4)

    def test_extinctions_add_up_whatever_the_media(self):
        grid = box_grid((0, 0, 0), (31, 31, 31), voxel=0.5)
        light = Light(medium=Medium(extinction=0.05), sky=Sky(strength=0.0))
        scene = scene_of(light, placed(grid, light), PlacedCloud(grid, Medium(extinction=0.08, anisotropy=0.2)))
        view = View(target=(7.75, 7.75, 7.75), distance=4000.0, azimuth=0.0, elevation=0.0, focal=800.0)
        camera = camera_of(view, 90, 60)
        exact = 1.0 - math.exp(-0.13 * 16.0)
        self.assertAlmostEqual(float(layers(scene, camera, 16, step=0.25)[30, 45, 4]), exact, delta=0.006)
        tracer = Tracer(scene, light_of(scene), camera)
        tracer.add(60)
        self.assertAlmostEqual(tracer.layers()[1][28:32, 43:47].mean(), exact, delta=4 * math.sqrt(exact * (1 - exact) / 960))

    def test_instances_share_one_grid(self):
        grid = density_grid(ball_mound(6.0, 1.5), 0.75)
        clouds = [placed(grid, place=np.array([20.0 * n, 0.0, 0.0])) for n in range(5)]
        scene = scene_of(SUNNY, *clouds)
        self.assertEqual((len(scene.grids), scene.numbers.tolist()), (1, [0] * 5))
        camera = camera_of(View(target=(40.0, 20.0, 0.0), distance=260.0, azimuth=0.0), 90, 60)
        opacity = layers(scene, camera, 4)[..., 4]
        for cloud in clouds:
            x, y, _ = camera.pixel(cloud.placing.world((0.0, 20.0, 0.0)))
            self.assertGreater(opacity[int(y), int(x)], 0.9)

    def test_grids_of_several_kinds_in_one_pool(self):
        # Scattered bricks with tiles, whose rows must not be taken for those of the other grid.
        first, second = random_grid(5, voxel=0.5), random_grid(8, voxel=0.7)
        light = SUNNY.edited(medium=Medium(extinction=0.01))
        camera = camera_of(View(target=(5.0, 0.0, 5.0), distance=350.0), 48, 32)
        two = layers(scene_of(light, first, second), camera, 10, step=0.5)[..., 4]
        alone = [layers(scene_of(light, grid), camera, 10, step=0.5)[..., 4] for grid in (first, second)]
        np.testing.assert_allclose(two, 1.0 - (1.0 - alone[0]) * (1.0 - alone[1]), atol=0.08)

    def test_same_light_wherever_a_grid_has_no_map_of_clearances(self):
        near = random_grid(9, voxel=0.5)
        far = np.array([[6000, -4000, 5500]], np.int32)
        wide = grid_of(0.5, np.concatenate([near.coords, far]), np.concatenate([near.values, np.full((1, 512), 0.5, np.float32)]),
                       near.tile_coords, near.tile_values, 0.0, near.offset)
        light = SUNNY.edited(medium=Medium(extinction=0.02))
        camera = camera_of(View(target=(5.0, 0.0, 5.0), distance=250.0), 48, 32)
        lattice = light_of(scene_of(light, near))
        plain, other = (march(scene_of(light, grid), lattice, camera, step=0.5)[..., 4] for grid in (near, wide))
        np.testing.assert_allclose(other, plain, atol=0.2)
        self.assertAlmostEqual(other.mean() / plain.mean(), 1.0, delta=0.03)


class Colours(unittest.TestCase):
    grey = Light(sun=Sun(strength=0.0), sky=Sky(kind="plain", zenith=WHITE), medium=Medium(extinction=1.0, anisotropy=0.0))

    def seen(self, *clouds):
        """Light of the clouds by Draft and by True light, at the middle of each."""
        stages = Stages()
        scene = stages.scene_of(self.grey, View(target=(20.0, 20.0, 0.0), distance=160.0, azimuth=0.0, elevation=0.0), clouds)
        camera = camera_of(scene.seen_from, 48, 32)
        found = np.mean([layers_of(stages, scene, camera, nth=n) for n in range(4)], axis=0)
        radiance = radiance_of(found, scene, camera)
        draft = radiance[..., :3] - behind_of(radiance, scene.light, camera)
        tracer = Tracer(scene, stages.lattice(scene), camera, hues=stages.hues(scene)[1])
        tracer.add(40)
        places = [camera.pixel(cloud.placing.world((0.0, 20.0, 0.0)))[:2] for cloud in clouds]
        return [[picture[int(y) - 1 : int(y) + 2, int(x) - 1 : int(x) + 2].mean(axis=(0, 1)) for x, y in places]
                for picture in (draft, tracer.layers()[0])], found

    def test_each_cloud_has_its_own_tint(self):
        grid, medium = density_grid(ball_mound(15.0, 1.0), 1.0), self.grey.medium
        red = PlacedCloud(grid, medium.edited(tint=(1.0, 0.999, 1.0)), tint=(0.9995, 0.97, 0.9), key="ball")
        plain = PlacedCloud(grid, medium, Placing(np.array([40.0, 0.0, 0.0])), key="ball")
        pictures, found = self.seen(red, plain)
        self.assertEqual(found.shape[2], LAYERS + 6)
        for left, right in pictures:
            self.assertGreater(left[0] / left[2], 1.5)
            np.testing.assert_allclose(right, right.mean(), rtol=0.03)
        # Draft light, worked out with the colour a thick cloud sends back, beside paths.
        np.testing.assert_allclose(pictures[0][0], pictures[1][0], atol=0.12)

    def test_same_colours_need_no_second_march(self):
        grid = density_grid(ball_mound(15.0, 1.0), 1.0)
        clouds = [PlacedCloud(grid, self.grey.medium, Placing(np.array([40.0 * n, 0.0, 0.0])), key="ball") for n in range(2)]
        self.assertEqual(self.seen(*clouds)[1].shape[2], LAYERS)

    def test_ramps_and_glow_stay_with_their_cloud(self):
        grid, medium = density_grid(ball_mound(15.0, 1.0), 1.0), self.grey.medium
        ramp = Ramp(by="height", low=19.9, high=20.1, stops=((0.0, (0.2, 0.5, 0.9)), (1.0, (0.2, 0.5, 0.9))))
        blue = PlacedCloud(grid, medium.edited(tint_by=ramp), Placing(turn=TURN), key="ball")
        glow = medium.edited(glow=(1.0, 0.2, 0.0), glow_strength=0.5)
        glowing = PlacedCloud(grid, glow, Placing(np.array([40.0, 0.0, 0.0])), key="ball")
        for left, right in self.seen(blue, glowing)[0]:
            np.testing.assert_allclose(left / left[2], np.array((0.2, 0.5, 0.9)) / 0.9, atol=0.12)
            self.assertGreater(right[0] - right[2], 0.2)

    def test_a_lamp_lights_all_of_them(self):
        grid = density_grid(ball_mound(8.0, 1.0), 0.75)
        light = Light(sun=Sun(strength=0.0), sky=Sky(strength=0.0), medium=Medium(extinction=0.3, anisotropy=0.0),
                      lamps=(Lamp(place=(15.0, 20.0, 0.0), radius=1.0, power=1e7),))
        scene = scene_of(light, placed(grid, light), placed(grid, light, place=np.array([30.0, 0.0, 0.0])))
        camera = camera_of(View(target=(15.0, 20.0, 0.0), distance=120.0, azimuth=0.0, elevation=0.0), 48, 32)
        found = layers(scene, camera)[..., 6]
        left, right = found[:, :24].sum(), found[:, 24:].sum()
        self.assertGreater(left, 0.0)
        self.assertAlmostEqual(left / right, 1.0, delta=0.08)
        truth = true_light(scene, camera, 60)[..., 1].sum()
        self.assertAlmostEqual((left + right) / truth, 1.0, delta=0.2)


class Kept(unittest.TestCase):
    """What stages keep of a scene, and when they make it anew."""

    def setUp(self):
        self.stages = Stages()
        self.grid = density_grid(ball_mound(6.0, 1.5), 1.0)
        self.view = View(target=(10.0, 20.0, 0.0), distance=90.0)

    def scene(self, light=SUNNY, **placing):
        """A cloud, and one beside it."""
        return self.stages.scene_of(light, self.view, (
            PlacedCloud(self.grid, light.medium, key="ball"),
            PlacedCloud(self.grid, light.medium, Placing(np.array([20.0, 0.0, 0.0]), **placing), key="ball")))

    def test_the_key_of_light_knows_where_clouds_stand_and_what_they_are(self):
        key = self.stages.lattice_key(self.scene())
        self.assertEqual(self.stages.lattice_key(self.scene()), key)
        for other in (self.scene(turn=TURN), self.scene(scale=1.5), self.scene(mirrored=True),
                      self.scene(SUNNY.edited(medium=Medium(extinction=0.41))),
                      self.scene(SUNNY.edited(sun=SUNNY.sun.edited(azimuth=71.0)))):
            self.assertNotEqual(self.stages.lattice_key(other), key)
        for same in (self.scene(SUNNY.edited(exposure=2.0)), self.scene(SUNNY.edited(sky=SUNNY.sky.edited(strength=3.0)))):
            self.assertEqual(self.stages.lattice_key(same), key)

    def test_light_is_made_once(self):
        scene = self.scene()
        first = self.stages.lattice(scene)
        self.assertIs(self.stages.lattice(self.scene()), first)
        self.assertIs(self.scene().grids[0], scene.grids[0])
        self.assertIsNot(self.stages.lattice(self.scene(scale=1.5)), first)

    def test_a_mound_is_a_scene_of_one_and_an_empty_one_of_none(self):
        mound = ball_mound(6.0, 1.5)
        scene = self.stages.scene(mound, self.grid, "ball")
        self.assertEqual((len(scene.clouds), scene.unit, scene.medium), (1, 1.0, mound.light.medium))
        np.testing.assert_array_equal(scene.origin, self.grid.offset)
        # Nothing of a single grid is copied into the pool.
        self.assertTrue(np.shares_memory(scene.bricks.values, scene.grids[0].values))
        empty = self.stages.scene(mound, grid_of(1.0, np.empty((0, 3), np.int32), np.empty((0, 512), np.float32)), "none")
        self.assertEqual(empty.clouds, ())
        camera = camera_of(mound.view, 24, 16)
        found = layers_of(self.stages, empty, camera)
        self.assertEqual(float(found.max()), 0.0)
        self.assertEqual(float(radiance_of(found, empty, camera)[..., 3].max()), 0.0)

    def test_the_same_whatever_comes_first(self):
        # Kernels count from the first cloud; that must not be seen.
        camera = camera_of(self.view, 60, 40)
        clouds = self.scene(turn=TURN, scale=1.3).clouds
        one, other = (layers(scene_of(SUNNY, *order), camera) for order in (clouds, clouds[::-1]))
        np.testing.assert_allclose(other[..., 4], one[..., 4], atol=0.15)
        solid = one[..., 4] > 0.9
        np.testing.assert_allclose(other[solid].mean(axis=0), one[solid].mean(axis=0), rtol=0.01, atol=1e-3)

    def test_all_bricks_of_a_pool_are_found_where_their_grids_have_them(self):
        # By a second method: the density of both grids sampled by the look-up of volumes.
        first, second = random_grid(5, voxel=0.5), random_grid(8, voxel=0.7)
        scene = scene_of(SUNNY, first, second)
        dice = np.random.default_rng(6)
        for number, grid in enumerate((first, second)):
            bricks = np.concatenate([grid.coords, grid.tile_coords])
            places = (8.0 * bricks[dice.integers(0, len(bricks), 3000)] + dice.uniform(-3.0, 11.0, (3000, 3))).astype(np.float32)
            # A tile is of one density as far as it reaches; no ray looks beyond it for its last voxel.
            home = np.floor(places / 8.0).astype(int)
            tile = (home[:, None, :] == grid.tile_coords[None]).all(axis=2).any(axis=1)
            places = places[~tile | (places - 8.0 * home < 7.0).all(axis=1)]
            found = np.array([_density(scene.bricks, number, *place) for place in places])
            exact = sample(grid, grid.world(places.astype(float)))
            np.testing.assert_allclose(found, exact, atol=2e-4)
            self.assertGreater((exact > 0.0).sum(), 100)


if __name__ == "__main__":
    unittest.main()
