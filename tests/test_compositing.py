"""Layers of a picture: read back by OpenEXR, against the geometry of a ball, and against what they are said to add up to."""

import json
import pathlib
import struct
import tempfile
import unittest

import mmh3
import numpy as np
import OpenEXR

from softmound.core.engine.layers import LAYERS, layers_taken, part_names, possible
from softmound.core.engine.stages import Stages
from softmound.core.engine.stills import Taking
from softmound.core.engine.takes import motion_of, write_layers
from softmound.core.exchange.carried import mound_of_picture
from softmound.core.exchange.mattes import identifier, matte_channels
from softmound.core.light.paths.first_met import first_met
from softmound.core.light.scene.camera import camera_of
from softmound.core.light.scene.scene import PlacedCloud, Placing
from softmound.core.mass.kinds.blob import Blob
from softmound.core.problems import Problem
from softmound.core.recipe import Floor, Lamp, Light, Mass, Medium, Mound, Sun, View, write_mound
from softmound.core.recipe.time import Key, Keyed, TimeLine
from tests.scenes import ball_mound
from tests.sphere import ball_grid
from tests.test_commands import Folder

RADIUS, AWAY = 8.0, 60.0
VIEW = View(target=(0.0, 0.0, 0.0), distance=AWAY, elevation=0.0, azimuth=0.0)
SIZE = (60, 40)


def read(path):
    """Parts of a file: name to channels, and name to header."""
    with OpenEXR.File(str(path), separate_channels=True) as file:
        return ({part.name(): {name: channel.pixels for name, channel in part.channels.items()} for part in file.parts},
                {part.name(): dict(part.header) for part in file.parts})


class OfABall(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.stages = Stages()
        cls.mound = Mound(name="Ball", view=VIEW, light=Light(
            sun=Sun(azimuth=90.0, elevation=40.0), medium=Medium(extinction=0.6), floor=Floor(kind="land", level=-20.0),
            lamps=(Lamp(name="Lamp 1", place=(0.0, 20.0, 0.0)),)))
        cls.scene = cls.stages.scene(cls.mound, ball_grid(RADIUS, 0.5), "ball")
        cls.camera = camera_of(VIEW, *SIZE)
        taking = Taking(*SIZE, passes=2, true=True, noise=0.3)
        names = possible(cls.scene, True, None)
        cls.folder = tempfile.TemporaryDirectory()
        cls.addClassCleanup(cls.folder.cleanup)
        cls.path = pathlib.Path(cls.folder.name, "a.exr")
        cls.still, written = write_layers(cls.path, cls.stages, cls.scene, taking, names, half=False, mound=cls.mound)
        cls.parts, cls.headers = read(cls.path)
        cls.names, cls.written = names, written
        # Distance of each pixel's ray from the ball's middle, and how far the ball is along it.
        ways = np.array([[cls.camera.ray(x + 0.5, y + 0.5) for x in range(SIZE[0])] for y in range(SIZE[1])])
        along = -ways @ cls.camera.eye
        cls.off = np.linalg.norm(cls.camera.eye + along[..., None] * ways, axis=-1)
        cls.half = np.sqrt(np.maximum(RADIUS**2 - cls.off**2, 0.0))
        cls.near = along - cls.half

    def colours(self, part):
        return np.stack([self.parts[part][name] for name in "RGB"], axis=-1)

    def test_all_that_can_be_had_is_there(self):
        self.assertEqual(set(self.names), set(LAYERS) - {"motion", "stand_ins", "holdout"})
        self.assertEqual(self.written, list(self.parts))
        self.assertEqual(list(self.parts), [
            "beauty", "light_sun", "light_sky", "light_below", "light_glow", "light_lamp_1", "first_order", "further_orders",
            "depth", "first_depth", "optical_depth", "position", "normal", "shadow", "matte"])

    def test_groups_and_orders_add_up_to_the_picture(self):
        beauty = self.colours("beauty")
        for parts in ([name for name in self.parts if name.startswith("light_")], ["first_order", "further_orders"]):
            np.testing.assert_allclose(sum(self.colours(name) for name in parts), beauty, atol=2e-6 * beauty.max())
        np.testing.assert_allclose(beauty, self.still.radiance[..., :3] - self.still.behind, atol=1e-6 * beauty.max())

    def test_distances_and_places_are_those_of_the_ball(self):
        inside = self.off < 0.8 * RADIUS
        depth = self.parts["depth"]["Z"]
        # Where it begins, and a free path behind that, both on the mean.
        first = self.parts["first_depth"]["Z"][inside] - self.near[inside]
        # Its edge is a voxel wide, and so thick its outer half counts.
        self.assertAlmostEqual(float(first.mean()), -0.4, delta=0.2)
        self.assertLess(float(np.abs(first).max()), 1.0)
        behind = (depth - self.near)[inside].mean()
        self.assertAlmostEqual(float(behind), 1.0 / 0.6, delta=0.15)
        self.assertTrue(np.all(depth[self.off > RADIUS + 1.0] > 1e9))
        place = np.stack([self.parts["position"][name] for name in "XYZ"], axis=-1)
        np.testing.assert_allclose(np.linalg.norm(place - self.camera.eye, axis=-1)[inside], depth[inside], rtol=1e-4)
        self.assertLess(float(np.linalg.norm(place, axis=-1)[inside].max()), RADIUS + 0.3)
        optical = self.parts["optical_depth"]["Y"]
        np.testing.assert_allclose(optical[inside], 1.2 * self.half[inside], rtol=0.05)

    def test_normals_point_away_from_the_middle(self):
        inside = self.off < 0.7 * RADIUS
        normal = np.stack([self.parts["normal"][name] for name in "XYZ"], axis=-1)
        ways = np.array([[self.camera.ray(x + 0.5, y + 0.5) for x in range(SIZE[0])] for y in range(SIZE[1])])
        surface = (self.camera.eye + self.near[..., None] * ways) / RADIUS
        cosine = (normal * surface).sum(axis=-1)[inside]
        self.assertGreater(float(cosine.min()), 0.97)
        np.testing.assert_allclose(np.linalg.norm(normal, axis=-1)[inside], 1.0, atol=1e-5)

    def test_the_shadow_lies_away_from_the_sun(self):
        shadow = self.parts["shadow"]["Y"]
        self.assertEqual(float(shadow[: SIZE[1] // 2 - 1].max()), 0.0)  # above the horizon there is no floor
        camera, sun = camera_of(VIEW.edited(elevation=60.0, distance=160.0), *SIZE), np.array([np.cos(np.radians(40.0)), np.sin(
            np.radians(40.0)), 0.0])
        mound = self.mound.edited(view=VIEW.edited(elevation=60.0, distance=160.0))
        scene = self.stages.scene(mound, ball_grid(RADIUS, 0.5), "ball")
        _, parts = layers_taken(self.stages, scene, Taking(*SIZE, passes=1), ["shadow"])
        middle = -sun * 20.0 / sun[1]
        x, y, _ = camera.pixel(middle)
        found = parts["shadow"]["Y"]
        self.assertGreater(float(found[int(y), int(x)]), 0.9)
        rows, columns = np.nonzero(found > 0.5)
        self.assertAlmostEqual(float(columns.mean()), x, delta=1.5)
        self.assertAlmostEqual(float(rows.mean()), y, delta=1.5)

    def test_the_header_says_where_the_camera_stands(self):
        header = self.headers["beauty"]
        np.testing.assert_allclose(header["chromaticities"], (0.64, 0.33, 0.3, 0.6, 0.15, 0.06, 0.3127, 0.329), atol=1e-6)
        point = np.array([3.0, 4.0, -5.0])
        seen = np.append(point, 1.0) @ np.array(header["worldToCamera"], np.float64)
        ahead = (point - self.camera.eye) @ self.camera.forward
        np.testing.assert_allclose(seen[2], -ahead, rtol=1e-5)
        flat = np.append(point, 1.0) @ np.array(header["worldToNDC"], np.float64)
        x, y, _ = self.camera.pixel(point)
        np.testing.assert_allclose((flat[:2] / flat[3] * (1, -1) + 1.0) * 0.5 * SIZE, (x, y), rtol=1e-4)
        self.assertEqual(mound_of_picture(self.path).light, self.mound.light)

    def test_what_cannot_be_had_is_refused(self):
        for names, words in ((["orders"], "True light"), (["motion"], "time line")):
            with self.assertRaisesRegex(Problem, words):
                layers_taken(self.stages, self.scene, Taking(16, 10, passes=1), names)
        with self.assertRaisesRegex(Problem, "no cloud"):
            layers_taken(self.stages, self.stages.scene_of(Light(), VIEW, ()), Taking(16, 10, passes=1), ["beauty", "matte"])
        bare = self.stages.scene(self.mound.edited(light=Light()), ball_grid(RADIUS, 0.5), "ball")
        self.assertNotIn("shadow", possible(bare, True, None))
        with self.assertRaisesRegex(Problem, "sea or land"):
            layers_taken(self.stages, bare, Taking(16, 10, passes=1), ["shadow"])


class Mattes(unittest.TestCase):
    def test_identifiers_are_those_of_the_specification(self):
        # A published value of the hash; as a number an identifier has to be an ordinary one.
        self.assertEqual(identifier("hello"), 0x248BFA47)
        for n in range(3000):
            name = f"cloud {n}"
            value = struct.unpack("<f", struct.pack("<I", identifier(name)))[0]
            self.assertTrue(np.isfinite(value) and abs(value) >= 2.0**-126)
            self.assertIn(identifier(name) ^ mmh3.hash(name, signed=False), (0, 1 << 23))

    def test_each_cloud_has_its_share(self):
        stages, grid, medium = Stages(), ball_grid(RADIUS, 0.5), Medium(extinction=2.0)
        clouds = [PlacedCloud(grid, medium, Placing(np.array(place, float)), key="ball", name=name)
                  for place, name in (((-9.0, 0.0, 0.0), "West"), ((9.0, 0.0, 0.0), "East"), ((0.0, 0.0, -30.0), "West"))]
        scene, camera = stages.scene_of(Light(), VIEW, clouds), camera_of(VIEW, *SIZE)
        met = first_met(scene, camera, 24)
        self.assertEqual(met.names, ["West", "East"])
        channels, header = matte_channels("matte", met.numbers, met.shares, met.names)
        (key,) = {name.rpartition("/")[0] for name in header}
        self.assertEqual(key, f"cryptomatte/{identifier('matte'):08x}"[:19])
        manifest = json.loads(header[f"{key}/manifest"])
        covered = {}
        for name, word in manifest.items():
            wanted = np.array(int(word, 16), np.uint32).view(np.float32)
            covered[name] = sum(np.where(channels[f"matte0{n}.{a}"] == wanted, channels[f"matte0{n}.{b}"], 0.0)
                                for n in range(4) for a, b in ("RG", "BA"))
        x, y, _ = camera.pixel((9.0, 0.0, 0.0))
        self.assertGreater(covered["East"][int(y), int(x)], 0.99)
        # It covers what rays see that come as near to its middle as its edge, which is a voxel wide.
        rays = np.array([camera.ray(x / 4 + 0.125, y / 4 + 0.125) for y in range(4 * SIZE[1]) for x in range(4 * SIZE[0])])
        to = np.array([9.0, 0.0, 0.0]) - camera.eye
        near = np.linalg.norm(to - (rays @ to)[:, None] * rays, axis=-1)
        self.assertAlmostEqual(16.0 * float(covered["East"].sum()) / float((near < RADIUS + 0.25).sum()), 1.0, delta=0.03)
        total = sum(covered.values())
        np.testing.assert_allclose(total, met.shares.sum(axis=-1), atol=1e-6)
        self.assertLessEqual(float(total.max()), 1.0 + 1e-6)

    def test_part_names_are_told_apart(self):
        self.assertEqual(part_names(("sun", "Lamp 1", "lamp-1", "Größe")), {
            "sun": "light_sun", "Lamp 1": "light_lamp_1", "lamp-1": "light_lamp_1__2", "Größe": "light_gr__e"})


class OnTheCommandLine(Folder):
    def test_layers_groups_and_frames(self):
        keys = tuple(Key(frame=frame, value=value) for frame, value in ((1, 0.0), (9, 12.0)))
        write_mound(self.mound, ball_mound().edited(
            time=TimeLine(first=1, last=9), keyed=(Keyed(place=("mass", "forms", 0, "centre", 0), points=keys),)))
        out = self.folder / "a.exr"
        facts = self.run_("picture", self.mound, "--out", out, "--size", "48x32", "--voxel", "2", "--frame", "5", "--layers", "all",
                          "--groups", "sun=0.5,1,0.8,0.6", "sky=0")
        self.assertEqual(facts["parts"][:5], ["beauty", "light_sun", "light_sky", "light_below", "light_glow"])
        self.assertIn("motion", facts["parts"])
        parts, headers = read(out)
        self.assertEqual(float(np.abs(parts["light_sky"]["G"]).max()), 0.0)
        self.assertGreater(float(parts["motion"]["X"].max()), 0.5)
        self.assertEqual((headers["beauty"]["frame"], headers["beauty"]["rate"]), (5, 24.0))
        self.assertEqual(mound_of_picture(out).light.mix[0].level, 0.5)

    def test_what_is_wrong_is_said(self):
        for more, words in ((("--layers", "beauty,shine"), "no layer 'shine'"), (("--groups", "Lamp=2"), "no light group 'Lamp'"),
                            (("--layers", "motion"), "time line"), (("--layers", "orders"), "--true")):
            answer = self.run_("picture", self.mound, "--out", self.folder / "a.exr", "--size", "32x20", "--voxel", "4", *more,
                               code=2)
            self.assertIn(words, answer["error"])
            self.assertFalse((self.folder / "a.exr").exists())
        for more in (("--with-sky",), ("--denoise", "--true")):
            self.assertIn("--layers", self.run_("picture", self.mound, "--out", self.folder / "a.exr", "--layers", "beauty", *more,
                                                code=2)["error"])
        answer = self.run_("picture", self.mound, "--out", self.folder / "a.png", "--layers", "beauty", code=2)
        self.assertIn(".exr", answer["error"])
        for wrong in ("sun", "sun=-1", "sun=1,2", "=1", "sun=1,0,0,2"):
            self.assertIn("NAME=FACTOR", self.run_("picture", self.mound, "--out", self.folder / "a.png", "--groups", wrong,
                                                   code=2)["error"])


class Motion(unittest.TestCase):
    def test_a_form_that_moves_moves_in_the_picture(self):
        keys = tuple(Key(frame=frame, value=value, ease="even") for frame, value in ((0, -4.0), (10, 6.0)))
        mound = Mound(mass=Mass(forms=(Blob(centre=(0.0, 0.0, 0.0), radii=(6.0, 6.0, 6.0)),)), view=VIEW,
                      time=TimeLine(first=0, last=10), keyed=(Keyed(place=("mass", "forms", 0, "centre", 0), points=keys),))
        still = mound.edited(mass=Mass(forms=(Blob(centre=(0.0, 0.0, 0.0), radii=(6.0, 6.0, 6.0)),)))
        stages = Stages()
        scene = stages.scene(still, ball_grid(6.0, 0.5), "ball")
        for frame in (4, 10):
            motion = motion_of(mound, still, frame, *SIZE)
            if frame == 10:  # the last: it goes on as it came
                still = mound.edited(mass=Mass(forms=(Blob(centre=(6.0, 0.0, 0.0), radii=(6.0, 6.0, 6.0)),)))
                motion = motion_of(mound, still, frame, *SIZE)
            _, parts = layers_taken(stages, scene, Taking(*SIZE, passes=1), ["motion", "depth"], motion=motion)
            camera = camera_of(VIEW, *SIZE)
            across, down, depth = parts["motion"]["X"], parts["motion"]["Y"], parts["depth"]["Z"]
            middle = (slice(18, 22), slice(28, 32))
            # A metre to the right (the camera looks along -z, its right is +x), in pixels at that distance.
            wanted = 1.0 / (camera.spread * depth[middle]) * np.sign(camera.right[0])
            np.testing.assert_allclose(across[middle], wanted, rtol=0.05)
            np.testing.assert_allclose(down[middle], 0.0, atol=0.05)
        self.assertIsNone(motion_of(mound.edited(time=None, keyed=()), still, 4, *SIZE))
