"""Stand-ins: rays, distances and light against geometry, theory and a second method."""

import math
import pathlib
import tempfile
import unittest
from dataclasses import replace

import numpy as np

from softmound.core.directions import direction_of, rotation_matrix
from softmound.core.engine.density import density_grid
from softmound.core.engine.graph import key_at
from softmound.core.engine.layers import layers_taken, possible
from softmound.core.engine.stages import Stages, layers_of, pixel_shift
from softmound.core.engine.stills import Taking, still_of_scene
from softmound.core.exchange.forms import model_stand_in
from softmound.core.exchange.meshes import Triangles
from softmound.core.formation.stage_meshes import stand_ins_of_stage, write_stand_ins
from softmound.core.growth.kept import key_of_growth
from softmound.core.growth.pressure import freed, walls_of
from softmound.core.growth.solver import Flowing, Weather
from softmound.core.growth.source import growth_for, source_of
from softmound.core.light.lattices.coarse import SHARP, coarse_of
from softmound.core.light.lattices.lattice import lit
from softmound.core.light.lattices.transport import DIRECTIONS
from softmound.core.light.paths.multilevel import Levels
from softmound.core.light.paths.tracer import Tracer
from softmound.core.light.picture.stand_ins import AWAY, SHARE, matte_share, stand_ins_seen
from softmound.core.light.scene.camera import camera_of
from softmound.core.light.scene.floor import shadow_of
from softmound.core.light.scene.lamps import lamps_of
from softmound.core.light.scene.scene import scene_of
from softmound.core.light.scene.surroundings import surroundings_of
from softmound.core.light.solids.arriving import light_on
from softmound.core.light.solids.between import Between, around_of, covered_sun
from softmound.core.light.solids.returned import returned
from softmound.core.problems import Problem
from softmound.core.recipe import Fader, Floor, Lamp, Light, Medium, Mound, Sky, Sun, View, read_mound, write_mound
from softmound.core.recipe.flock import Flock
from softmound.core.recipe.flock_files import read_flock, write_flock
from softmound.core.recipe.resize import resized_mound, stand_in_of_size
from softmound.core.recipe.standins import SHOWN, STAND_INS
from softmound.core.recipe.timing import with_keys
from softmound.core.standins.beside import begun, put_beside, stand_in_at
from softmound.core.standins.distance import signed_distances
from softmound.core.standins.surfaces import box_of, placed_surface, surface_of
from softmound.core.standins.tree import EYE, LIGHT, distances_to, met_by, solids_of
from tests.long import long
from tests.scenes import ball_mound, box_grid
from tests.sphere import ball_grid

BOX, BALL, PLANE, ROOM, CYLINDER = (STAND_INS[word] for word in ("box", "ball", "plane", "room", "cylinder"))
DARK, PLAIN = Sky(strength=0.0), Sky(kind="plain", zenith=(1.0, 1.0, 1.0))
WHITE, NO_SUN = (1.0, 1.0, 1.0), Sun(strength=0.0)


def rays(count, seed=0, spread=12.0):
    """Places all about, and directions toward the middle."""
    rng = np.random.default_rng(seed)
    places = rng.uniform(-spread, spread, (count, 3))
    ways = rng.uniform(-5.0, 5.0, (count, 3)) - places
    return places, ways / np.linalg.norm(ways, axis=1, keepdims=True)


def by_all_triangles(corners, place, way):
    """Distance to the nearest of all triangles, each looked at by itself, in double precision."""
    a, e, f = corners[:, 0], corners[:, 1] - corners[:, 0], corners[:, 2] - corners[:, 0]
    normal = np.cross(e, f)
    with np.errstate(divide="ignore", invalid="ignore"):
        t = np.einsum("tn,tn->t", a - place, normal) / (normal @ way)
        at = place + t[:, None] * way - a
        areas = np.einsum("tn,tn->t", normal, normal)
        u = np.einsum("tn,tn->t", np.cross(at, f), normal) / areas
        v = np.einsum("tn,tn->t", np.cross(e, at), normal) / areas
    inside = (t > 0) & (u >= 0) & (v >= 0) & (u + v <= 1)
    return t[inside].min() if inside.any() else np.inf


def nearly_nothing(extinction=1e-4):
    """A cloud so thin, and so far below, that a picture shows none of it."""
    return box_grid((-4, -804, -4), (3, -797, 3)), Medium(extinction=extinction)


def traced(light, view, stand_ins, size=(40, 30), turns=60, alone=True):
    """Light of stand-ins by paths, where there is next to no cloud."""
    grid, medium = nearly_nothing()
    light = light.edited(medium=medium)
    scene = scene_of(light, grid, view=view, stand_ins=stand_ins)
    tracer = Tracer(scene, lit(coarse_of(grid), light), camera_of(view, *size))
    tracer.add(turns)
    return tracer.solid()


def drafted(light, view, stand_ins, size=(40, 30)):
    """The same in Draft light."""
    scene = scene_of(light, view=view, stand_ins=stand_ins)
    shining = light_on(scene)
    seen, _ = stand_ins_seen(scene, shining, returned(scene.solids, scene.held, shining).round, camera_of(view, *size))
    return seen


class Meeting(unittest.TestCase):
    def test_the_tree_finds_what_looking_at_all_triangles_finds(self):
        there = (BALL(size=(5.0, 4.0, 6.0)),
                 STAND_INS["person"](place=(4.0, -1.0, 2.0), size=(2.0, 6.0, 2.0), turn=(0.0, 40.0, 15.0)),
                 STAND_INS["craft"](size=(12.0, 3.0, 14.0), place=(0.0, 5.0, 0.0), turn=(20.0, 0.0, 60.0)))
        solids, _ = solids_of(there)
        places, ways = rays(300)
        found = distances_to(solids, places, ways)
        corners = np.concatenate([placed_surface(each).corners for each in there])
        wanted = np.array([by_all_triangles(corners, p, w) for p, w in zip(places, ways)])
        self.assertGreater(np.isfinite(wanted).sum(), 60)
        np.testing.assert_array_equal(np.isfinite(found), np.isfinite(wanted))
        np.testing.assert_allclose(found[np.isfinite(wanted)], wanted[np.isfinite(wanted)], rtol=1e-4, atol=1e-3)

    def test_a_ball_is_met_where_the_equation_says(self):
        places, ways = rays(400, 1)
        solids, _ = solids_of((BALL(size=(6.0, 6.0, 6.0), place=(1.0, -3.0, 2.0)),))
        found = distances_to(solids, places, ways)
        middle = places - (1.0, 0.0, 2.0)
        half = np.einsum("nk,nk->n", middle, ways)
        root = half**2 - np.einsum("nk,nk->n", middle, middle) + 9.0
        sure = (root > 0.3) & (half < -3.2)
        self.assertGreater(sure.sum(), 20)
        np.testing.assert_allclose(found[sure], (-half - np.sqrt(np.maximum(root, 0.0)))[sure], atol=0.03)
        self.assertTrue(np.isinf(found[root < -0.05]).all())

    def test_eye_and_light_meet_what_each_is_told_to(self):
        for shown, eye, light in (("seen", 0, 0), ("matte", 0, -1), ("shadow", -1, 0), ("hidden", -1, -1)):
            solids, _ = solids_of((BOX(shown=shown, size=(4.0, 4.0, 4.0)),))
            met = [int(met_by(solids, [[0.0, 2.0, 9.0]], [[0.0, 0.0, -1.0]], by)[0]) for by in (EYE, LIGHT)]
            self.assertEqual(met, [eye, light], shown)

    def test_no_kind_is_open_that_says_it_is_closed_and_all_have_the_size_they_say(self):
        for word, kind in STAND_INS.items():
            if word == "model":
                continue
            with self.subTest(word):
                stand_in = kind()
                vertices, faces = stand_in.triangles()
                corners = vertices[faces]
                if stand_in.enclosed:
                    # Of a closed surface the squares of all triangles add up to nothing.
                    square = np.cross(corners[:, 1] - corners[:, 0], corners[:, 2] - corners[:, 0])
                    self.assertLess(np.linalg.norm(square.sum(axis=0)), 1e-6 * np.abs(square).sum())
                    volume = np.einsum("tn,tn->t", corners[:, 0], np.cross(corners[:, 1], corners[:, 2])).sum() / 6.0
                    self.assertGreater(volume, 0.0)
                if word not in ("room", "plane"):
                    np.testing.assert_allclose(np.ptp(corners, axis=(0, 1)), stand_in.size, rtol=0.11)
                self.assertAlmostEqual(float(corners[..., 1].min()), 0.0 if word != "room" else -stand_in.wall, places=6)

    def test_light_is_held_on_the_surface_and_blended_by_whole_shares(self):
        for word in ("ball", "room", "ridge"):
            surface = surface_of(STAND_INS[word]())
            np.testing.assert_allclose(surface.weights.sum(axis=1), 1.0, rtol=1e-5)
            self.assertLessEqual(len(surface.points), 3_000)
            self.assertEqual(surface.held_at.max() + 1, len(surface.near))

    def test_what_is_moved_is_not_made_again(self):
        one, other = (STAND_INS["ridge"](place=place, turn=turn, colour=(0.1, 0.2, 0.3))
                      for place, turn in (((0.0, 0.0, 0.0), (0.0, 0.0, 0.0)), ((5.0, 1.0, 2.0), (0.0, 30.0, 0.0))))
        self.assertIs(surface_of(one), surface_of(other))
        np.testing.assert_allclose(placed_surface(other).corners,
                                   placed_surface(one).corners @ rotation_matrix((0.0, 30.0, 0.0)).T + (5.0, 1.0, 2.0))


class Distances(unittest.TestCase):
    def test_of_a_ball_and_a_box(self):
        places = rays(4_000, 2)[0].reshape(80, 50, 3)
        ball = signed_distances(BALL(size=(10.0, 10.0, 10.0), place=(3.0, -5.0, 2.0)), places)
        np.testing.assert_allclose(ball, np.linalg.norm(places - (3.0, 0.0, 2.0), axis=-1) - 5.0, atol=0.02)
        turned = BOX(size=(4.0, 6.0, 8.0), place=(0.0, 0.0, 0.0), turn=(0.0, 0.0, 90.0))
        own = (places @ rotation_matrix(turned.turn)) - (0.0, 3.0, 0.0)
        apart = np.abs(own) - (2.0, 3.0, 4.0)
        box = np.linalg.norm(np.maximum(apart, 0.0), axis=-1) + np.minimum(apart.max(axis=-1), 0.0)
        np.testing.assert_allclose(signed_distances(turned, places), box, atol=1e-4)

    def test_a_cloud_keeps_the_stated_distance_and_is_left_as_it_is_beyond(self):
        mound, voxel = ball_mound(), 2.0
        box = BOX(place=(0.0, 12.0, 0.0), size=(16.0, 16.0, 16.0), turn=(0.0, 30.0, 0.0), clears=3.0)
        whole = density_grid(mound, voxel)
        kept = density_grid(mound.edited(stand_ins=(box,)), voxel)
        lanes = np.stack(np.meshgrid(*[np.arange(8)] * 3, indexing="ij"), -1).reshape(-1, 3)

        def values(grid):
            coords = np.concatenate([grid.coords, grid.tile_coords])
            density = np.concatenate([grid.values, np.repeat(grid.tile_values[:, None], 512, axis=1)])
            return {tuple(c): d for c, d in zip(coords.tolist(), density)}

        before, after, cleared = values(whole), values(kept), 0
        for coord, density in before.items():
            places = grid_places = (np.array(coord) * 8 + lanes) * voxel
            apart = signed_distances(box, grid_places[None].astype(float))[0]
            now = after.get(coord, np.zeros(512, np.float32))
            self.assertEqual(float(now[apart <= 3.0].max(initial=0.0)), 0.0)
            far = apart >= 3.0 + 2.0 * voxel
            np.testing.assert_array_equal(now[far], density[far])
            self.assertTrue((now <= density + 1e-6).all(), places[0])
            cleared += int((density[apart <= 3.0] > 0.0).sum())
        self.assertGreater(cleared, 300)

    def test_only_what_keeps_cloud_away_makes_density_stale(self):
        mound = ball_mound()
        key = key_at("cleared", mound)
        self.assertEqual(key_at("cleared", mound.edited(stand_ins=(BOX(),))), key)
        self.assertNotEqual(key_at("cleared", mound.edited(stand_ins=(BOX(clears=1.0),))), key)
        lit_by = key_at("zones", mound)
        self.assertEqual(key_at("zones", mound.edited(stand_ins=(BOX(shown="matte"),))), lit_by)
        self.assertNotEqual(key_at("zones", mound.edited(stand_ins=(BOX(),))), lit_by)
        colours = [key_at("zones", mound.edited(stand_ins=(BOX(colour=c),))) for c in (WHITE, (0.1, 0.1, 0.1))]
        self.assertEqual(*colours)


class Shadows(unittest.TestCase):
    def test_of_a_wall_ends_where_geometry_says(self):
        # A wall 10 m high across z, the sun 30 degrees high from +x: its shadow reaches 10 / tan 30 = 17.32 m toward -x.
        wall = BOX(size=(0.2, 10.0, 80.0), colour=(0.0, 0.0, 0.0))
        floor = PLANE(size=(80.0, 0.1, 80.0), colour=WHITE)
        light = Light(sun=Sun(azimuth=90.0, elevation=30.0, size=0.0, strength=1.0, colour=WHITE), sky=DARK)
        view = View(azimuth=0.0, elevation=89.0, distance=100.0, target=(0.0, 0.0, 0.0), focal=50.0)
        camera = camera_of(view, 600, 20)
        for name, seen in (("draft", drafted(light, view, (floor, wall), (600, 20))),
                           ("true", traced(light, view, (floor, wall), (600, 20), 24))):
            with self.subTest(name):
                line = seen[10, :, 1]
                bright = math.sin(math.radians(30.0)) * float(surroundings_of(light).sun[1]) / math.pi
                self.assertAlmostEqual(float(np.median(line[line > 0.0])), bright, delta=0.02 * bright)
                x = (np.arange(600) + 0.5 - 300) * camera.spread * 100.0
                dark = x[(line < 0.5 * bright) & (x < -0.3) & (x > -30.0)]
                self.assertAlmostEqual(float(dark.min()), -10.0 / math.tan(math.radians(30.0)), delta=0.4)
                self.assertAlmostEqual(float(dark.max()), -0.1, delta=0.5)

    def test_on_the_cells_of_a_cloud_are_those_behind_the_stand_in(self):
        grid = ball_grid(12.0, 0.5)
        box = BOX(place=(20.0, -3.0, 0.0), size=(2.0, 6.0, 6.0))
        scene = scene_of(Light(), grid, stand_ins=(box,))
        coarse = coarse_of(grid)
        share = covered_sun(Between(scene.solids, scene.origin, scene.unit), np.array([1.0, 0.0, 0.0]), coarse.first, coarse.cell,
                            coarse.density.shape)
        places = coarse.first + coarse.cell * np.stack(np.meshgrid(*(np.arange(n) for n in share.shape), indexing="ij"), -1)
        inside = (np.abs(places[..., 1]) < 3.0 - coarse.cell) & (np.abs(places[..., 2]) < 3.0 - coarse.cell)
        outside = (np.abs(places[..., 1]) > 3.0 + coarse.cell) | (np.abs(places[..., 2]) > 3.0 + coarse.cell)
        self.assertEqual(float(share[inside].min()), 1.0)
        self.assertEqual(float(share[outside].max()), 0.0)

    def test_a_wide_ground_hides_the_lower_half_of_all_directions(self):
        grid = ball_grid(6.0, 0.5)
        scene = scene_of(Light(), grid, stand_ins=(PLANE(place=(0.0, -7.0, 0.0), size=(50_00.0, 0.1, 50_00.0)),))
        found = around_of(Between(scene.solids, scene.origin, scene.unit), coarse_of(grid))
        up = DIRECTIONS[:, 1] > 0.0
        np.testing.assert_array_equal(found.open[up], 0.0)
        np.testing.assert_array_equal(found.open[~up], 1.0)

    def test_of_a_stand_in_on_land(self):
        light = Light(sun=Sun(azimuth=90.0, elevation=45.0), floor=Floor(kind="land", level=0.0))
        scene = scene_of(light, stand_ins=(BOX(place=(0.0, 0.0, 0.0), size=(10.0, 20.0, 10.0)),))
        shadow = shadow_of(scene, None)
        x = shadow.first_x + np.arange(shadow.share.shape[0]) / shadow.per_x
        z = shadow.first_z + np.arange(shadow.share.shape[1]) / shadow.per_z
        dark = shadow.share[:, int(np.abs(z).argmin())] == 0.0
        self.assertAlmostEqual(float(x[dark].min()), -25.0, delta=0.4)
        self.assertAlmostEqual(float(x[dark].max()), 5.0, delta=0.4)

    def test_of_a_cloud_falls_on_a_stand_in_as_its_optical_depth_says(self):
        # Under a slab of optical depth 1 of what scatters evenly 1/e of the sunlight is left.
        light = Light(sun=Sun(azimuth=0.0, elevation=90.0, size=0.0), sky=DARK, medium=Medium(extinction=0.1, anisotropy=0.0))
        grid = box_grid((-40, 20, -40), (39, 29, 39))
        view = View(azimuth=0.0, elevation=-2.0, distance=30.0, target=(0.0, 1.0, 0.0))
        scene = scene_of(light, grid, view=view, stand_ins=(PLANE(size=(8.0, 0.1, 8.0), turn=(0.0, 0.0, 0.0), colour=WHITE),))
        stages = Stages()
        shining, _ = stages.on_stand_ins(stages.scene_of(light, view, (replace(scene.clouds[0], key="slab"),),
                                                         stand_ins=scene.stand_ins))
        above = view.edited(elevation=60.0, distance=12.0)
        nothing = np.zeros((scene.held.blend.shape[0], 3), np.float32)
        seen, _ = stand_ins_seen(scene, shining, nothing, camera_of(above, 16, 12))
        there = seen[..., SHARE] > 0.0
        open_sun = float(surroundings_of(light).sun[1]) / math.pi
        self.assertAlmostEqual(float(seen[there, 1].mean()) / open_sun, math.exp(-1.0), delta=0.02)


class Returned(unittest.TestCase):
    """Light that goes from one to another."""

    def test_a_white_box_in_a_white_world_is_not_seen(self):
        # A furnace: whatever is white in light that is the same everywhere looks like it.
        light, view = Light(sun=NO_SUN, sky=PLAIN), View(azimuth=30.0, elevation=20.0, distance=14.0, target=(0.0, 1.0, 0.0))
        box = BOX(size=(2.0, 2.0, 2.0), colour=WHITE)
        for name, seen in (("draft", drafted(light, view, (box,))), ("true", traced(light, view, (box,), turns=80))):
            with self.subTest(name):
                inside = seen[seen[..., SHARE] > 0.99]
                self.assertGreater(len(inside), 60)
                np.testing.assert_allclose(inside[:, :3].mean(axis=0), 1.0, atol=0.015)

    @long
    def test_a_white_room_in_a_white_world_is_not_seen_either(self):
        # However often light goes to and fro inside.
        light, view = Light(sun=NO_SUN, sky=PLAIN), View(azimuth=0.0, elevation=2.0, distance=9.0, target=(0.0, 1.2, 0.0))
        seen = traced(light, view, (ROOM(size=(4.0, 2.6, 4.0), colour=WHITE),), (30, 20), 200)
        inside = seen[seen[..., SHARE] > 0.99]
        np.testing.assert_allclose(inside[:, :3].mean(), 1.0, atol=0.02)

    def test_a_ball_takes_its_form_factor_of_the_sky(self):
        # Below the middle of a black ball of radius r at height h a level place loses (r / h) squared of the sky's light.
        light = Light(sun=NO_SUN, sky=PLAIN)
        floor = PLANE(size=(40.0, 0.1, 40.0), colour=WHITE)
        ball = BALL(size=(4.0, 4.0, 4.0), place=(0.0, 2.0, 0.0), colour=(0.0, 0.0, 0.0))
        # The eye close above the floor, looking at the place below the ball.
        view = View(azimuth=0.0, elevation=10.0, distance=9.0, target=(0.0, 0.0, 0.0), focal=800.0)
        seen = traced(light, view, (floor, ball), (32, 1), 1200)
        self.assertAlmostEqual(float(seen[..., 1].mean()), 1.0 - (2.0 / 4.0) ** 2, delta=0.02)
        draft = drafted(light, view, (floor, ball), (32, 1))
        self.assertAlmostEqual(float(draft[..., 1].mean()), 1.0 - (2.0 / 4.0) ** 2, delta=0.05)

    def test_a_lamp_lights_a_floor_by_the_square_of_its_distance_and_the_cosine(self):
        light = Light(sun=NO_SUN, sky=DARK, lamps=(Lamp(place=(0.0, 3.0, 0.0), radius=0.01, power=1e6, kelvin=None),))
        floor = PLANE(size=(40.0, 0.1, 40.0), colour=WHITE)
        intensity = lamps_of(light)[0].intensity[1]
        for x in (0.0, 4.0):
            view = View(azimuth=0.0, elevation=70.0, distance=10.0, target=(x, 0.0, 0.0), focal=800.0)
            wanted = intensity * 3.0 / (9.0 + x * x) ** 1.5 / math.pi
            self.assertAlmostEqual(float(drafted(light, view, (floor,), (6, 4))[..., 1].mean()) / wanted, 1.0, delta=0.01)
            self.assertAlmostEqual(float(traced(light, view, (floor,), (6, 4), 40)[..., 1].mean()) / wanted, 1.0, delta=0.02)

    def test_a_red_wall_reddens_what_stands_beside_it(self):
        light = Light(sun=Sun(azimuth=-90.0, elevation=40.0, colour=WHITE), sky=DARK)
        floor = PLANE(size=(20.0, 0.1, 20.0), colour=(0.6, 0.6, 0.6))
        wall = BOX(size=(0.4, 8.0, 20.0), place=(2.0, 0.0, 0.0), colour=(0.9, 0.05, 0.05))
        scene = scene_of(light, stand_ins=(floor, wall))
        found = returned(scene.solids, scene.held, light_on(scene)).round
        # Corners of the floor before the wall's lit side, and behind it.
        places = np.zeros((len(found), 3))
        corners = np.concatenate([placed_surface(each).corners for each in (floor, wall)])
        places[scene.solids.held_at.ravel()] = corners.reshape(-1, 3)
        of = np.zeros(len(found), int)
        of[scene.solids.held_at.ravel()] = np.repeat(scene.solids.of, 3)
        before = found[(of == 0) & (np.abs(places[:, 0] - 1.0) < 0.7) & (np.abs(places[:, 2]) < 5.0)].mean(axis=0)
        self.assertGreater(before[0], 5.0 * before[1])

    @long
    def test_gathered_paths_agree_with_whole_ones(self):
        light = Light(sun=Sun(azimuth=70.0, elevation=35.0, size=2.0), sky=Sky(kind="gradient"), medium=Medium(extinction=0.25))
        there = (PLANE(size=(90.0, 0.1, 90.0), place=(0.0, -16.0, 0.0), colour=(0.6, 0.5, 0.4)),
                 BOX(size=(8.0, 26.0, 8.0), place=(20.0, -16.0, 6.0), colour=(0.3, 0.5, 0.7)))
        view = View(azimuth=25.0, elevation=18.0, distance=110.0, target=(0.0, -2.0, 0.0))
        stages = Stages()
        grid = ball_grid(12.0, 0.5)
        scene = stages.scene_of(light, view, (replace(scene_of(light, grid).clouds[0], key="ball"),), stand_ins=there)
        camera, lattice = camera_of(view, 48, 32), stages.lattice(scene, SHARP)
        whole, levels = Tracer(scene, lattice, camera, seed=3), Levels(scene, lattice, camera, back=stages.back(scene, SHARP))
        whole.add(900)
        levels.add(130)
        for name, a, b in (("stand-ins", levels.solid(), whole.solid()), ("cloud", levels.layers()[0], whole.layers()[0])):
            with self.subTest(name):
                a, b = a[..., 1], b[..., 1]
                blocks = [(a[y : y + 8, x : x + 8].mean(), b[y : y + 8, x : x + 8].mean())
                          for y in range(0, 32, 8) for x in range(0, 48, 8)]
                bright = [(p, q) for p, q in blocks if q > 0.05]
                self.assertLess(np.mean([abs(p / q - 1.0) for p, q in bright]), 0.04)
                self.assertAlmostEqual(sum(p for p, _ in bright) / sum(q for _, q in bright), 1.0, delta=0.02)


class Looking(unittest.TestCase):
    """How each is shown, and what a picture holds of it."""

    @classmethod
    def setUpClass(cls):
        cls.grid, cls.stages = ball_grid(12.0, 0.5), Stages()
        cls.light = Light(sun=Sun(azimuth=60.0, elevation=30.0), sky=Sky(kind="plain"), medium=Medium(extinction=1.0))
        cls.view = View(azimuth=0.0, elevation=0.0, distance=80.0, target=(0.0, 0.0, 0.0))
        cls.camera = camera_of(cls.view, 60, 40)

    def scene(self, *stand_ins, light=None):
        cloud = replace(scene_of(self.light, self.grid).clouds[0], key="ball")
        return self.stages.scene_of(light or self.light, self.view, (cloud,), stand_ins=stand_ins)

    def still(self, scene, **taking):
        return still_of_scene(self.stages, scene, Taking(60, 40, passes=2, **taking))

    def test_what_is_hidden_changes_nothing(self):
        bare, hidden = self.scene(), self.scene(BOX(shown="hidden"))
        np.testing.assert_array_equal(self.still(bare).radiance, self.still(hidden).radiance)

    def test_what_stands_before_the_cloud_covers_it_and_what_stands_behind_is_covered(self):
        before, behind = (self.scene(BOX(place=(0.0, -3.0, z), size=(6.0, 6.0, 2.0), colour=(0.9, 0.0, 0.0)))
                          for z in (30.0, -30.0))
        middle = np.s_[18:22, 28:32]
        near, far = self.still(before), self.still(behind)
        np.testing.assert_allclose(near.radiance[middle][..., 3], 0.0)
        np.testing.assert_allclose(near.standing[middle][..., SHARE], 1.0)
        np.testing.assert_allclose(near.standing[middle][..., AWAY], 49.0, rtol=0.02)
        self.assertGreater(float(far.radiance[middle][..., 3].min()), 0.99)
        self.assertLess(float(far.standing[middle][..., SHARE].max()), 0.01)

    def test_matte_only_cuts_a_hole_and_shadow_only_is_not_seen(self):
        box = BOX(place=(0.0, -3.0, 30.0), size=(6.0, 6.0, 2.0))
        middle = np.s_[18:22, 28:32]
        matte, shadow = (self.still(self.scene(box.edited(shown=shown))) for shown in ("matte", "shadow"))
        np.testing.assert_allclose(matte.radiance[middle][..., 3], 0.0)
        np.testing.assert_allclose(matte.radiance[middle][..., :3], np.broadcast_to(self.light.sky.zenith, (4, 4, 3)), rtol=1e-3)
        self.assertEqual(float(matte.standing[..., SHARE].max()), 0.0)
        shifts = [pixel_shift(nth) for nth in range(4)]
        np.testing.assert_allclose(matte_share(self.scene(box.edited(shown="matte")), self.camera, shifts)[middle], 1.0)
        self.assertGreater(float(shadow.radiance[middle][..., 3].min()), 0.99)

    def test_true_light_covers_as_draft_light_does(self):
        scene = self.scene(BOX(place=(3.0, -3.0, 11.0), size=(9.0, 9.0, 4.0)))
        draft = self.still(scene)
        true = self.still(scene, true=True, noise=0.4)
        self.assertLess(float(np.abs(draft.standing[..., SHARE] - true.standing[..., SHARE]).mean()), 0.02)
        self.assertLess(float(np.abs(draft.radiance[..., 3] - true.radiance[..., 3]).mean()), 0.02)

    def test_a_wall_toward_the_sun_darkens_the_cloud(self):
        toward = direction_of(60.0, 30.0)
        wall = BOX(size=(40.0, 40.0, 1.0), place=tuple(25.0 * toward - (0.0, 20.0, 0.0)), turn=(0.0, 60.0, 0.0), colour=(0, 0, 0),
                   shown="shadow")
        bright, dark = (self.still(scene).radiance[10:30, 20:40, 1].mean() for scene in (self.scene(), self.scene(wall)))
        self.assertLess(dark, 0.5 * bright)

    def test_under_a_hand_the_picture_is_about_the_same(self):
        scene = self.scene(BOX(place=(3.0, -3.0, 20.0), size=(9.0, 9.0, 4.0)),
                           BALL(place=(-15.0, -10.0, 10.0), size=(9.0, 9.0, 9.0)))
        every, spared = (layers_of(self.stages, scene, self.camera, sparing=sparing)[..., -5:] for sparing in (False, True))
        self.assertLess(float(np.abs(every[..., SHARE] - spared[..., SHARE]).mean()), 0.01)
        self.assertLess(float(np.abs(every[..., 1] - spared[..., 1]).mean()), 0.02)

    def test_faders_reach_stand_ins_in_both_kinds_of_light(self):
        box = BOX(place=(0.0, -3.0, 30.0), size=(6.0, 6.0, 2.0))
        middle = np.s_[18:22, 28:32]
        off = self.light.edited(mix=tuple(Fader(group=group, muted=True) for group in ("sky", "below", "sun")))
        for taking in ({}, {"apart": True}, {"true": True, "noise": 0.5, "apart": True}):
            with self.subTest(**taking):
                self.assertAlmostEqual(float(self.still(self.scene(box, light=off), **taking).standing[middle][..., :3].max()), 0.0)

    def test_layers_add_up_to_the_picture(self):
        scene = self.scene(BOX(place=(0.0, -3.0, 30.0), size=(6.0, 6.0, 2.0)), BOX(place=(0.0, 6.0, 30.0), size=(4.0, 4.0, 2.0),
                                                                                    shown="matte"))
        self.assertLessEqual({"stand_ins", "holdout"}, {*possible(scene, False, None)})
        self.assertEqual({"stand_ins", "holdout"} & {*possible(self.scene(), False, None)}, set())
        still, parts = layers_taken(self.stages, scene, Taking(60, 40, passes=2), ("beauty", "stand_ins", "holdout"))
        beauty, standing = (np.stack([parts[name][c] for c in "RGB"], -1) for name in ("beauty", "stand_ins"))
        left = 1.0 - parts["beauty"]["A"] - parts["stand_ins"]["A"]
        sky = left[..., None] * np.asarray(self.light.sky.zenith, np.float32)
        np.testing.assert_allclose(beauty + standing + sky, still.radiance[..., :3], atol=2e-3)
        np.testing.assert_allclose(parts["stand_ins"]["Z"][20, 30], 49.0, rtol=0.02)
        column, line, _ = self.camera.pixel((0.0, 8.0, 31.0))
        self.assertAlmostEqual(float(parts["holdout"]["Y"][int(line), int(column)]), 1.0)
        with self.assertRaisesRegex(Problem, "matte only"):
            layers_taken(self.stages, self.scene(), Taking(60, 40, passes=1), ("holdout",))

    def test_without_a_cloud_they_are_seen_as_well(self):
        scene = self.stages.scene_of(self.light, self.view, (), stand_ins=(BOX(place=(0.0, -3.0, 0.0), size=(6.0, 6.0, 6.0)),))
        still = self.still(scene)
        self.assertGreater(float(still.standing[20, 30, SHARE]), 0.99)
        self.assertEqual(float(still.radiance[..., 3].max()), 0.0)

    def test_the_one_under_the_pointer_is_found(self):
        there = (BOX(place=(0.0, -3.0, 20.0), size=(6.0, 6.0, 2.0)), BOX(place=(0.0, -3.0, -20.0), size=(30.0, 30.0, 2.0)),
                 BOX(place=(0.0, -3.0, 40.0), size=(6.0, 6.0, 2.0), shown="shadow"))
        self.assertEqual(stand_in_at(there, self.camera, 30.0, 20.0), 0)
        self.assertEqual(stand_in_at(there, self.camera, 37.0, 10.0), 1)
        self.assertIsNone(stand_in_at(there, self.camera, 1.0, 1.0))


class InTheWay(unittest.TestCase):
    """What grows flows round stand-ins."""

    def test_wind_goes_round_a_ball_as_the_potential_flow_does(self):
        # u along the wind = U (1 + R^3 / (2 r^3) (1 - 3 x^2 / r^2)) outside a ball (Lamb 1932, Hydrodynamics, section 92).
        side, radius, speed = 48, 6.0, 3.0
        places = np.indices((side,) * 3) - (side - 1) / 2.0
        away = np.sqrt((places**2).sum(axis=0))
        flow = Flowing((side,) * 3, 1.0, Weather(wind=np.tile(np.array([[speed, 0.0]], np.float32), (side, 1))), away < radius)
        left = freed(flow.faces, 1, flow.solid, flow._still)
        self.assertLess(left, 0.03)
        along = flow.flow()[..., 0]
        wanted = speed * (1.0 + radius**3 / (2.0 * away**3) * (1.0 - 3.0 * places[0] ** 2 / away**2))
        near = (away > radius + 2.0) & (away < 2.5 * radius)
        self.assertLess(float(np.sqrt(np.mean((along - wanted)[near] ** 2))) / speed, 0.03)
        for face, wall, still in zip(flow.faces, walls_of(flow.solid), flow._still):
            np.testing.assert_array_equal(face[wall], still[wall])

    def test_smoke_does_not_enter_a_lid_and_turns_aside(self):
        solid = np.zeros((24, 24, 24), bool)
        solid[6:18, 14:16, 6:18] = True

        def emit(_box, fields, _faces, seconds):
            fields[1, 10:14, 1:3, 10:14] += 90.0 * seconds
            fields[0, 10:14, 1:3, 10:14] = 1.0

        free, lidded = (Flowing((24,) * 3, 1.0, None, where) for where in (None, solid))
        for flow in (free, lidded):
            flow.step(14.0, emit)
        self.assertEqual(float(lidded.carried[:, solid].max()), 0.0)
        above = [float(flow.carried[0][8:16, 17:, 8:16].sum()) for flow in (free, lidded)]
        self.assertGreater(above[0], 1.0)
        self.assertLess(above[1], 0.25 * above[0])

    def test_a_growth_knows_its_obstacles(self):
        mound = ball_mound()
        mound = mound.edited(growth=growth_for(mound).edited(gives="inside"))
        box = BOX(place=(0.0, 30.0, 0.0), size=(20.0, 6.0, 20.0))
        standing = mound.edited(stand_ins=(box,))
        self.assertNotEqual(key_of_growth(mound, 24.0), key_of_growth(standing, 24.0))
        self.assertEqual(key_of_growth(mound, 24.0), key_of_growth(mound.edited(stand_ins=(box.edited(obstacle=False),)), 24.0))
        self.assertIsNone(source_of(mound).solid)
        source = source_of(standing)
        volume = float(source.solid.sum()) * source.cell**3
        self.assertAlmostEqual(volume / 2_400.0, 1.0, delta=0.45)
        self.assertEqual(float(source.gives[source.solid[source.box]].max(initial=0.0)), 0.0)


def tetrahedron(size=3.0):
    """A model as a file gives it."""
    vertices = size * np.array([[0.0, 0.0, 0.0], [1.0, 0.0, 0.0], [0.0, 1.0, 0.0], [0.0, 0.0, 1.0]]) + (5.0, 2.0, -1.0)
    return Triangles(vertices, np.array([[0, 2, 1], [0, 1, 3], [0, 3, 2], [1, 2, 3]], np.int32), {}, np.zeros((0, 2), np.int32))


class Kept(unittest.TestCase):
    """In recipes, files and stages."""

    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = pathlib.Path(folder.name)
        self.model = model_stand_in(tetrahedron(), "Rock")

    def test_a_model_stands_where_its_file_has_it(self):
        self.assertEqual(self.model.place[1], 2.0)
        np.testing.assert_allclose(np.sort(placed_surface(self.model).corners.reshape(-1, 3), axis=0),
                                   np.sort(tetrahedron().vertices[tetrahedron().faces].reshape(-1, 3), axis=0), atol=1e-3)
        np.testing.assert_allclose(np.ptp(box_of(stand_in_of_size(self.model, (12.0,))), axis=0), 12.0, rtol=1e-5)
        with self.assertRaisesRegex(Problem, "proportions"):
            stand_in_of_size(self.model, (1.0, 2.0, 3.0))

    def test_mounds_and_flocks_keep_all_of_them(self):
        there = (*(kind() for word, kind in STAND_INS.items() if word != "model"), self.model.edited(shown="matte", clears=2.0))
        write_mound(self.folder / "a.mound", Mound(stand_ins=there))
        self.assertEqual(read_mound(self.folder / "a.mound").stand_ins, there)
        write_flock(self.folder / "a.flock", Flock(stand_ins=there))
        self.assertEqual(read_flock(self.folder / "a.flock").stand_ins, there)

    def test_a_damaged_model_in_a_flock_is_told_of(self):
        path = self.folder / "a.flock"
        write_flock(path, Flock(stand_ins=(self.model,)))
        text = path.read_text()
        at = text.index(".faces.npy") + 60
        path.write_text(text[:at] + ("A" if text[at] != "A" else "B") + text[at + 1 :])
        with self.assertRaisesRegex(Problem, "a.flock: .*restore it from a copy"):
            read_flock(path)

    def test_a_number_of_one_takes_keys(self):
        keys = {"frame": 1, "value": 0.0, "ease": "even"}, {"frame": 11, "value": 5.0}
        mound = Mound.model_validate({"stand_ins": ({"kind": "box"},), "time": {"first": 1, "last": 11},
                                      "keyed": ({"place": ("stand_ins", 0, "place", 1), "points": keys},)})
        self.assertAlmostEqual(with_keys(mound, 6).stand_ins[0].place[1], 2.5)

    def test_resizing_the_cloud_leaves_them_their_size(self):
        mound = resized_mound(ball_mound().edited(stand_ins=(BOX(place=(10.0, 0.0, 0.0)),)), 3.0)
        self.assertEqual((mound.stand_ins[0].size, mound.stand_ins[0].place[0]), ((1.0, 1.0, 1.0), 30.0))

    def test_a_stage_says_what_it_is_told_and_is_read_again(self):
        from pxr import Usd, UsdGeom, UsdShade

        path = self.folder / "things.usda"
        there = (BOX(name="Crate", place=(1.0, 2.0, 3.0), turn=(10.0, 20.0, 30.0), size=(2.0, 3.0, 4.0), colour=(0.2, 0.4, 0.6),
                     roughness=0.3, shown="matte"), self.model)
        write_stand_ins(path, there)
        stage = Usd.Stage.Open(str(path))
        self.assertEqual(UsdGeom.GetStageMetersPerUnit(stage), 1.0)
        mesh = UsdGeom.Mesh(stage.GetPrimAtPath("/things/stand_ins/Crate"))
        matrix = np.array(mesh.ComputeLocalToWorldTransform(Usd.TimeCode.Default()))
        points = np.array(mesh.GetPointsAttr().Get()) @ matrix[:3, :3] + matrix[3, :3]
        np.testing.assert_allclose([points.min(axis=0), points.max(axis=0)], box_of(there[0]), atol=1e-4)
        shader = UsdShade.MaterialBindingAPI(mesh.GetPrim()).ComputeBoundMaterial()[0].ComputeSurfaceSource()[0]
        self.assertEqual(shader.GetIdAttr().Get(), "UsdPreviewSurface")
        self.assertAlmostEqual(shader.GetInput("roughness").Get(), 0.3, places=6)
        again = stand_ins_of_stage(path)
        self.assertEqual([(each.name, each.shown) for each in again], [("Crate", "matte"), ("Rock", "seen")])
        np.testing.assert_allclose(again[0].colour, (0.2, 0.4, 0.6), atol=1e-6)
        np.testing.assert_allclose(box_of(again[0]), box_of(there[0]), atol=1e-2)

    def test_a_stage_in_centimetres_with_z_up_comes_in_metres_with_y_up(self):
        path = self.folder / "z.usda"
        path.write_text("""#usda 1.0
(
    metersPerUnit = 0.01
    upAxis = "Z"
)
def Mesh "Slab"
{
    int[] faceVertexCounts = [4, 4]
    int[] faceVertexIndices = [0, 1, 2, 3, 4, 7, 6, 5]
    point3f[] points = [(0, 0, 0), (100, 0, 0), (100, 200, 0), (0, 200, 0),
                        (0, 0, 300), (100, 0, 300), (100, 200, 300), (0, 200, 300)]
}
""")
        slab, = stand_ins_of_stage(path)
        np.testing.assert_allclose(np.ptp(box_of(slab), axis=0), (1.0, 3.0, 2.0), atol=1e-5)
        np.testing.assert_allclose(box_of(slab)[0], (0.0, 0.0, -2.0), atol=1e-3)

    def test_a_broken_mesh_of_a_stage_is_refused_by_name(self):
        path = self.folder / "bad.usda"
        path.write_text('#usda 1.0\ndef Mesh "Torn"\n{\n    int[] faceVertexCounts = [3]\n    int[] faceVertexIndices = [0, 1, 9]\n'
                        '    point3f[] points = [(0, 0, 0), (1, 0, 0), (1, 1, 0)]\n}\n')
        with self.assertRaisesRegex(Problem, "bad.usda, /Torn: .*not there"):
            stand_ins_of_stage(path)

    def test_a_new_one_suits_the_cloud(self):
        bounds = np.array([-60.0, 10.0, -40.0]), np.array([60.0, 90.0, 40.0])
        room = begun("room", bounds)
        low, high = box_of(room)
        self.assertTrue((low < bounds[0]).all() and (high > bounds[1]).all())
        self.assertEqual(begun("person", bounds).size, STAND_INS["person"]().size)
        self.assertEqual(begun("box", bounds, (BOX(name="Box"),)).name, "Box 2")
        beside = put_beside(begun("house", bounds), bounds, View(azimuth=0.0))
        self.assertGreater(box_of(beside)[0][0], 60.0)
        self.assertEqual(beside.place[1], 10.0)
        self.assertEqual(len(SHOWN), 4)
