"""Pictures out, view transforms, the sun's place, easing, and the commands that take pictures."""

import contextlib
import io
import json
import os
import pathlib
import tempfile
import types
import unittest
from datetime import UTC, datetime

import av
import cv2
import numpy as np
import OpenEXR
import PyOpenColorIO as ocio
from PIL import Image

from softmound.cli import main
from softmound.core.engine.density import density_grid
from softmound.core.engine.layers import optical_depths
from softmound.core.engine.stages import Stages
from softmound.core.engine.stills import Still, Taking, sheet_of, still_of, sun_sweep, turntable
from softmound.core.exchange.foreign import read_sky
from softmound.core.exchange.photographs import laid_behind
from softmound.core.exchange.pictures import exr_bytes_to, write_film, write_picture, written_frames
from softmound.core.exchange.vdb import write_vdb
from softmound.core.light.paths.easing import eased
from softmound.core.light.paths.first_met import first_met
from softmound.core.light.picture import looks
from softmound.core.light.picture.looks import (
    exposure_colours,
    exposure_of,
    histogram,
    looked,
    metered_as,
    metered_exposure,
    transforms,
)
from softmound.core.light.scene.camera import camera_of, fitted
from softmound.core.light.scene.sunplace import sun_at
from softmound.core.recipe import KeptView, Light, Medium, Problem, View, read_mound, write_mound
from softmound.core.ticket import Stopped
from tests.scenes import box_grid, lumpy_mound


def grey(value, opacity=1.0, size=(8, 12)):
    """A scene of one brightness."""
    scene = np.full((*size, 4), value, np.float32)
    scene[..., 3] = opacity
    return scene


class Looks(unittest.TestCase):
    def test_an_ocio_view_against_its_own_processor(self):
        scene = np.random.default_rng(3).random((6, 7, 4)).astype(np.float32)
        name = "sRGB - Display/Un-tone-mapped"
        self.assertIn(name, transforms())
        got = looked(scene, Light(transform=name, exposure=1.0))
        # Without a tone curve this display is the encoding of IEC 61966-2-1 alone.
        linear = np.clip(scene[..., :3] * 2.0, 0.0, 1.0)
        encoded = np.where(linear <= 0.0031308, 12.92 * linear, 1.055 * linear ** (1 / 2.4) - 0.055)
        self.assertLess(np.abs(got[..., :3] - 255.0 * encoded).max(), 1.5)
        np.testing.assert_array_equal(got[..., 3], np.clip(scene[..., 3] * 255 + 0.5, 0, 255).astype(np.uint8))

    def test_the_config_of_the_environment(self):
        with tempfile.TemporaryDirectory() as folder:
            path = os.path.join(folder, "config.ocio")
            config = ocio.Config.CreateRaw()
            config.addDisplayView("Oven", "Plain", "raw")
            with open(path, "w", encoding="utf-8") as file:
                file.write(config.serialize())
            before = os.environ.get("OCIO")
            os.environ["OCIO"] = path
            try:
                self.assertIn("Oven/Plain", transforms())
                got = looked(grey(0.5), Light(transform="Oven/Plain"))
                self.assertEqual(int(got[0, 0, 0]), 128)
                with self.assertRaisesRegex(Problem, "no view transform"):
                    looked(grey(0.5), Light(transform="sRGB - Display/Un-tone-mapped"))
                os.environ["OCIO"] = os.path.join(folder, "missing.ocio")
                self.assertEqual(transforms(), [looks.OWN, looks.EXPOSURE])
                with self.assertRaisesRegex(Problem, "missing.ocio"):
                    looks.config()
            finally:
                os.environ.pop("OCIO") if before is None else os.environ.update(OCIO=before)

    def test_exposure_colours_tell_stops(self):
        for stops, colour in looks.STOPS:
            shown = exposure_colours(grey(looks.GREY * 2.0**stops))[0, 0, :3]
            np.testing.assert_allclose(shown, colour, atol=1)
        np.testing.assert_array_equal(exposure_colours(grey(0.05), 2.0), exposure_colours(grey(0.2)))

    def test_the_exposure_to_start_with_and_the_histogram(self):
        for value in (0.02, 0.4, 30.0):
            exposure = metered_exposure(grey(value))
            self.assertAlmostEqual(value * 2.0**exposure, looks.MIDDLE, delta=0.01)
            counts, edges = histogram(grey(value), exposure)
            peak = edges[counts.argmax()]
            self.assertAlmostEqual(peak, np.log2(looks.MIDDLE / looks.GREY), delta=0.3)
            self.assertAlmostEqual(counts.sum(), 1.0)
        self.assertEqual(metered_exposure(grey(0.4, opacity=0.0)), 0.0)


    def test_an_exposure_by_the_picture_follows_the_light_and_can_be_held(self):
        light = Light(metered=True, exposure=0.5)
        for value in (0.03, 2.0):
            self.assertAlmostEqual(exposure_of(grey(value), light), np.log2(looks.MIDDLE / value) + 0.5, delta=0.01)
            fixed = metered_as(light, grey(value))
            self.assertFalse(fixed.metered)
            np.testing.assert_array_equal(looked(grey(value), light), looked(grey(value), fixed))
        # Ten times the light looks the same, but where the exposure is held.
        np.testing.assert_array_equal(looked(grey(0.2), light), looked(grey(2.0), light))
        self.assertGreater(int(looked(grey(2.0), metered_as(light, grey(0.2)))[0, 0, 0]), int(looked(grey(0.2), light)[0, 0, 0]))
        self.assertEqual(exposure_of(grey(0.2), Light(exposure=-1.0)), -1.0)


class SunPlace(unittest.TestCase):
    def test_against_the_almanac(self):
        # At the equinox the sun rises in the east on the equator and culminates in the zenith.
        noon = datetime(2026, 3, 20, 12, 7, tzinfo=UTC)
        self.assertAlmostEqual(sun_at(0.0, 0.0, noon)[1], 90.0, delta=0.3)
        azimuth, _ = sun_at(0.0, 0.0, datetime(2026, 3, 20, 6, 30, tzinfo=UTC))
        self.assertAlmostEqual(azimuth, 90.0, delta=0.5)
        # At the solstice noon it stands 90 - 52.5 + 23.44 degrees high at 52.5 north, due south.
        azimuth, elevation = sun_at(52.5, 0.0, datetime(2026, 6, 21, 12, 2, tzinfo=UTC))
        self.assertAlmostEqual(elevation, 60.94, delta=0.1)
        self.assertAlmostEqual(azimuth, 180.0, delta=1.0)
        # And never rises in the far north in winter.
        self.assertLess(sun_at(75.0, 20.0, datetime(2026, 12, 21, 11, 0))[1], -5.0)
        # Almanac for 1992 October 13, 0 h: right ascension 198.38 degrees, declination -7.785 degrees (Meeus, example 25.a);
        # from the pole the elevation is the declination.
        self.assertAlmostEqual(sun_at(-90.0, 0.0, datetime(1992, 10, 13, tzinfo=UTC))[1], 7.785 + 0.11, delta=0.03)


class Easing(unittest.TestCase):
    def test_it_takes_noise_away_and_keeps_edges_and_means(self):
        dice = np.random.default_rng(5)
        y, x = np.mgrid[0:120, 0:160]
        detail = 1.0 + 0.5 * np.sin(x / 2.0) * (np.hypot(x - 80, y - 60) < 50)
        cloud = np.where(np.hypot(x - 80, y - 60) < 50, detail, 0.0)
        exact = np.repeat((cloud * (1.0 + 0.002 * x))[..., None], 3, axis=-1).astype(np.float32)
        draft = np.repeat((cloud * 0.7)[..., None], 3, axis=-1).astype(np.float32)
        noisy = (exact * dice.gamma(4.0, 0.25, exact.shape)).astype(np.float32)
        got = eased(noisy, draft, 0.5)
        inside = np.hypot(x - 80, y - 60) < 46
        before, after = (np.abs(p - exact)[inside].mean() / exact[inside].mean() for p in (noisy, got))
        self.assertLess(after, 0.2 * before)
        self.assertEqual(float(got[~(cloud > 0.0)].max()), 0.0)
        self.assertIs(eased(noisy, draft, 0.01), noisy)


class Stills(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.mound = lumpy_mound()
        cls.stages = Stages()
        cls.grid = density_grid(cls.mound, 1.5)
        bounds = [cls.grid.world(b) for b in cls.grid.active_bounds()]
        cls.mound = cls.mound.edited(view=fitted(cls.mound.view, *bounds, 48, 32))
        cls.taking = Taking(48, 32, passes=4)

    def take(self, mound=None, **changes):
        from dataclasses import replace
        return still_of(self.stages, mound or self.mound, self.grid, "grid", replace(self.taking, **changes))

    def test_exr_is_read_back_as_written(self):
        still = self.take()
        scene, camera = self.stages.scene(self.mound, self.grid, "grid"), camera_of(self.mound.view, 48, 32)
        distance, optical = first_met(scene, camera, 24).distance, optical_depths(self.stages, scene, camera)
        with tempfile.TemporaryDirectory() as folder:
            for half in (True, False):
                path = os.path.join(folder, f"{half}.exr")
                exr_bytes_to(path, still, half=half, distance=distance, optical=optical)
                with OpenEXR.File(path, separate_channels=True) as file:
                    read = {name: channel.pixels for name, channel in file.channels().items()}
                self.assertEqual(read["R"].dtype, np.float16 if half else np.float32)
                cloud = still.radiance[..., :3] - still.behind
                for n, name in enumerate("RGB"):
                    np.testing.assert_allclose(read[name], cloud[..., n], rtol=2e-3, atol=1e-3)
                np.testing.assert_allclose(read["A"], still.radiance[..., 3], atol=1e-3)
                # The optical depth is the opacity's: opacity ends at a hundredth of what shines through.
                thin = (still.radiance[..., 3] > 0.1) & (still.radiance[..., 3] < 0.9)
                np.testing.assert_allclose(1 - np.exp(-read["optical_depth"][thin]), still.radiance[..., 3][thin], atol=0.08)
                hit = np.isfinite(distance)
                self.assertLess(np.abs(read["Z"][hit] - self.mound.view.distance).max(), 60.0)
                self.assertTrue(np.all(read["Z"][~hit] > 1e9))
            self.assertEqual(sorted(os.listdir(folder)), ["False.exr", "True.exr"])
            with self.assertRaisesRegex(Problem, "png or .exr"):
                write_picture(os.path.join(folder, "a.tga"), still, self.mound.light)

    def test_optical_depth_of_a_box(self):
        grid = box_grid((0, 0, 0), (31, 31, 31), voxel=0.5)
        mound = self.mound.edited(light=Light(medium=Medium(extinction=0.6)),
                                  view=View(target=(7.75, 7.75, 7.75), distance=2000.0, elevation=0.0, azimuth=0.0, focal=800.0))
        stages, camera = Stages(), camera_of(mound.view, 60, 40)
        scene = stages.scene(mound, grid, "box")
        distance, optical = first_met(scene, camera, 24).distance, optical_depths(stages, scene, camera)
        self.assertAlmostEqual(float(optical[20, 30]), 0.6 * 16.0, delta=0.15)
        # Light is last scattered a free path inside, on average.
        self.assertAlmostEqual(float(distance[18:22, 28:32].mean()), 2000.0 - 8.0 + 1.0 / 0.6, delta=0.4)

    def test_true_light_reaches_the_noise_asked_for(self):
        still = self.take(true=True, noise=0.25)
        self.assertLessEqual(still.noise, 0.25)
        again = self.take(true=True, noise=0.25)
        self.assertEqual(still.radiance.tobytes(), again.radiance.tobytes())
        draft = self.take()
        ratio = np.divide(*(taken.radiance[taken.radiance[..., 3] > 0.9][:, 1].mean() for taken in (still, draft)))
        self.assertAlmostEqual(ratio, 1.0, delta=0.3)

    def test_sequences(self):
        turn = turntable(self.mound, 8)
        self.assertEqual([round((m.view.azimuth - self.mound.view.azimuth) % 360.0) for m in turn], list(range(0, 360, 45)))
        self.assertEqual(round(turntable(self.mound, 5, 90.0)[-1].view.azimuth - self.mound.view.azimuth) % 360, 90)
        day = sun_sweep(self.mound, 3, (80.0, 10.0), (200.0, 50.0))
        self.assertEqual([(round(m.light.sun.azimuth) % 360, m.light.sun.elevation) for m in day],
                         [(80, 10.0), (140, 30.0), (200, 50.0)])
        views, suns = sheet_of(self.mound)
        self.assertEqual((len(views), len(suns)), (4, 3))

    def test_a_film_is_read_back(self):
        frames = [np.full((20, 30, 4), value, np.uint8) for value in (10, 120, 240)]
        for ending in (".webp", ".gif", ".png"):
            with tempfile.NamedTemporaryFile(suffix=ending) as file:
                write_film(file.name, frames, 10.0)
                with Image.open(file.name) as film:
                    self.assertEqual(film.n_frames, 3)
                    film.seek(1)
                    self.assertAlmostEqual(int(np.asarray(film.convert("RGB"))[10, 10, 0]), 120, delta=4)
        with self.assertRaisesRegex(Problem, "Films are written"):
            write_film("film.mp5", frames)

    def test_a_film_for_the_cutting_room_holds_pictures_rate_and_colours(self):
        with tempfile.TemporaryDirectory() as folder:
            path = pathlib.Path(folder) / "turn.mp4"
            slope = np.broadcast_to(np.linspace(20, 230, 65, dtype=np.uint8)[None, :, None], (49, 65, 3))
            frames = [np.concatenate([np.roll(slope, 5 * n, axis=1), np.zeros((49, 65, 1), np.uint8)], axis=-1) for n in range(12)]
            write_film(path, iter(frames), 24.0)
            film = cv2.VideoCapture(str(path))
            self.assertEqual((film.get(cv2.CAP_PROP_FRAME_COUNT), film.get(cv2.CAP_PROP_FPS)), (12, 24))
            for frame in frames:
                there, picture = film.read()
                self.assertTrue(there)
                self.assertEqual(picture.shape, (48, 64, 3))
                self.assertLess(np.abs(picture[..., ::-1].astype(int) - frame[:48, :64, :3]).mean(), 2.5)
            with av.open(str(path)) as film:
                self.assertEqual(film.streams.video[0].codec_context.name, "h264")
                self.assertEqual(film.streams.video[0].codec_context.colorspace, 1)  # of ITU-R BT.709
            self.assertEqual(list(pathlib.Path(folder).iterdir()), [path])

    def test_a_film_that_stops_half_way_leaves_nothing(self):
        def some():
            yield np.zeros((32, 32, 3), np.uint8)
            raise Stopped

        with tempfile.TemporaryDirectory() as folder:
            with self.assertRaises(Stopped):
                write_film(pathlib.Path(folder) / "half.mp4", some())
            self.assertEqual(list(pathlib.Path(folder).iterdir()), [])

    def test_a_photograph_fills_what_the_cloud_leaves(self):
        pixels = np.full((40, 60, 4), 200, np.uint8)
        pixels[:, :30, 3], pixels[:, 30:, 3] = 255, 0
        tall = np.zeros((90, 30, 3), np.uint8)
        tall[40:50] = 100  # a band across the middle: a fifth of 20 pixels of the photograph fill the height
        there = laid_behind(pixels, tall)
        self.assertTrue((there[:, :30] == pixels[:, :30]).all())
        self.assertEqual(int(there[20, 45, 0]), 100)
        self.assertEqual(int(there[2, 45, 0]), 0)
        half = laid_behind(pixels, tall, 0.5)
        self.assertEqual(int(half[2, 45, 0]), 100)


class Skies(unittest.TestCase):
    def test_a_sky_is_read_as_light(self):
        with tempfile.TemporaryDirectory() as folder:
            pixels = np.random.default_rng(2).random((16, 32, 3)).astype(np.float32) * 8.0
            still = Still(np.dstack([pixels, np.ones((16, 32), np.float32)]), np.zeros_like(pixels), 0.0, 1)
            path = os.path.join(folder, "sky.exr")
            exr_bytes_to(path, still, half=False)
            np.testing.assert_allclose(read_sky(path), pixels, rtol=1e-5)
            # Radiance keeps eight bits of each colour with one exponent for all three.
            radiance = os.path.join(folder, "sky.hdr")
            cv2.imwrite(radiance, np.ascontiguousarray(pixels[..., ::-1]))
            np.testing.assert_allclose(read_sky(radiance), pixels, atol=float(pixels.max()) / 128.0)
            with open(radiance, "r+b") as file:
                file.truncate(60)
            with self.assertRaisesRegex(Problem, "damaged"):
                read_sky(radiance)
            Image.fromarray(np.full((10, 30, 3), 99, np.uint8)).save(os.path.join(folder, "wide.png"))
            with self.assertRaisesRegex(Problem, "twice as wide as high"):
                read_sky(os.path.join(folder, "wide.png"))


class Commands(unittest.TestCase):
    def run_(self, *args):
        # In this process, which has the kernels at hand; `tests.test_cli` starts the command itself.
        out, err = io.StringIO(), io.StringIO()
        with contextlib.redirect_stdout(out), contextlib.redirect_stderr(err):
            try:
                code = main(list(map(str, args)))
            except SystemExit as ended:
                code = ended.code
        return types.SimpleNamespace(returncode=code, stdout=out.getvalue(), stderr=err.getvalue())

    def test_pictures_of_a_mound_and_of_a_file(self):
        with tempfile.TemporaryDirectory() as name:
            folder = pathlib.Path(name)
            mound = lumpy_mound()
            mound = mound.edited(views=(KeptView(name="Low", view=mound.view.edited(elevation=-20.0)),))
            write_mound(folder / "m.mound", mound)
            write_vdb(folder / "g.vdb", density_grid(mound, 2.0))
            said = self.run_("picture", folder / "m.mound", "--out", folder / "a.exr", "--size", "64x40", "--view", "Low",
                             "--sun", "30,20", "--depth", "--voxel", "2", "--json")
            self.assertEqual(said.returncode, 0, said.stderr)
            self.assertEqual(json.loads(said.stdout)["size"], [64, 40])
            said = self.run_("picture", folder / "g.vdb", "--out", folder / "b.png", "--size", "64x40", "--true", "--noise",
                             "0.4", "--exposure", "-1")
            self.assertEqual(said.returncode, 0, said.stderr)
            with Image.open(folder / "b.png") as image:
                self.assertEqual(image.size, (64, 40))
                self.assertGreater(np.asarray(image).std(), 5.0)
            said = self.run_("turntable", folder / "g.vdb", "--out", folder / "turn", "--frames", "3", "--size", "32x20")
            self.assertEqual(said.returncode, 0, said.stderr)
            self.assertEqual(len(list((folder / "turn").glob("turn.*.png"))), 3)
            said = self.run_("sheet", folder / "g.vdb", "--out", folder / "s.png", "--size", "40x24", "--suns", "10,40")
            self.assertEqual(said.returncode, 0, said.stderr)
            with Image.open(folder / "s.png") as image:
                self.assertEqual(image.size, (4 * 46 + 6, 30 + 6))

    def test_sea_and_land_below_are_chosen_on_the_command_line(self):
        with tempfile.TemporaryDirectory() as name:
            folder = pathlib.Path(name)
            mound = lumpy_mound()
            write_mound(folder / "m.mound", mound.edited(view=mound.view.edited(elevation=20.0)))
            seen = {}
            for below in ("none", "sea", "land"):
                said = self.run_("picture", folder / "m.mound", "--size", "64x40", "--voxel", "2", "--below", below, "--out",
                                 folder / f"{below}.png")
                self.assertEqual(said.returncode, 0, said.stderr)
                with Image.open(folder / f"{below}.png") as image:
                    seen[below] = np.asarray(image.convert("RGB")).astype(int)[-4:]
            for a, b in (("none", "sea"), ("sea", "land")):
                self.assertGreater(np.abs(seen[a] - seen[b]).mean(), 4.0)
            said = self.run_("picture", folder / "m.mound", "--below", "mud", "--out", folder / "a.png")
            self.assertEqual(said.returncode, 2)
            # Above the eye it cannot be seen; what is below lights the cloud all the same.
            said = self.run_("picture", folder / "m.mound", "--size", "64x40", "--voxel", "2", "--below", "land", "--level",
                             "4000", "--out", folder / "under.png")
            self.assertEqual(said.returncode, 0, said.stderr)
            with Image.open(folder / "under.png") as image:
                self.assertLess(np.abs(np.asarray(image.convert("RGB")).astype(int)[-4:, :8] - seen["none"][:, :8]).mean(), 2.0)
            said = self.run_("sheet", folder / "m.mound", "--out", folder / "s.png", "--size", "40x24", "--suns", "10,40",
                             "--below", "sea", "--voxel", "2")
            self.assertEqual(said.returncode, 0, said.stderr)
            said = self.run_("sweep", folder / "m.mound", "--out", folder / "day.webp", "--from", "80,20", "--to", "280,20",
                             "--frames", "2", "--size", "40x24", "--below", "land", "--voxel", "2")
            self.assertEqual(said.returncode, 0, said.stderr)

    def test_whole_paths_alone_and_an_exposure_by_the_picture(self):
        with tempfile.TemporaryDirectory() as name:
            folder = pathlib.Path(name)
            mound = lumpy_mound()
            mound = mound.edited(light=mound.light.edited(exposure=-9.0, medium=Medium(extinction=0.5)))
            write_mound(folder / "m.mound", mound)
            common = ("picture", folder / "m.mound", "--size", "64x40", "--voxel", "2")
            for file, more in (("dark.png", ()), ("seen.png", ("--exposure", "picture")), ("set.png", ("--exposure", "0.5")),
                               ("true.exr", ("--true", "--noise", "0.2")), ("alone.exr", ("--true", "--alone", "--noise", "0.3"))):
                said = self.run_(*common, "--out", folder / file, *more)
                self.assertEqual(said.returncode, 0, said.stderr)
            bright = {}
            for file in ("dark.png", "seen.png", "set.png"):
                with Image.open(folder / file) as image:
                    bright[file] = np.asarray(image.convert("L")).max()
            self.assertLess(bright["dark.png"], 60)
            self.assertGreater(bright["seen.png"], 180)
            self.assertGreater(bright["set.png"], bright["dark.png"])
            light = []
            for file in ("true.exr", "alone.exr"):
                with OpenEXR.File(str(folder / file)) as picture:
                    channels = picture.channels()
                    rgb = next(iter(channels.values())).pixels
                    light.append(float(rgb[15:25, 25:40, :3].mean()))
            self.assertAlmostEqual(light[0] / light[1], 1.0, delta=0.12)

    def test_a_sequence_keeps_the_exposure_of_its_first_picture(self):
        scenes = [np.concatenate([grey(value)[..., :3], np.ones((8, 12, 1), np.float32)], axis=-1) for value in (0.4, 0.1)]
        stills = [(n, Still(scene, np.zeros((8, 12, 3), np.float32), 0.0, 1)) for n, scene in enumerate(scenes)]
        light = Light(metered=True)
        with tempfile.TemporaryDirectory() as name:
            folder = pathlib.Path(name) / "turn"
            written_frames(folder, iter(stills), light)
            shown = [np.asarray(Image.open(folder / f"turn.{n:04d}.png").convert("RGB"), int) for n in (1, 2)]
        # Alone, each would be exposed to the same grey.
        np.testing.assert_array_equal(shown[0], looked(scenes[0], light)[..., :3])
        self.assertLess(shown[1].mean(), 0.7 * shown[0].mean())
        np.testing.assert_array_equal(shown[1], looked(scenes[1], metered_as(light, scenes[0]))[..., :3])

    def test_refusals(self):
        with tempfile.TemporaryDirectory() as name:
            folder = pathlib.Path(name)
            write_mound(folder / "m.mound", lumpy_mound())
            for args, sentence in (
                (("picture", folder / "m.mound", "--out", folder / "a.jpg"), "writes .png, .exr"),
                (("picture", folder / "m.mound", "--out", folder / "a.png", "--view", "Top", "--size", "32x20"), "no view 'Top'"),
                (("picture", folder / "m.mound", "--out", folder / "a.png", "--transform", "x"), "no view transform"),
                (("picture", folder / "m.mound", "--out", folder / "a.png", "--exposure", "99", "--voxel", "3"), "exposure"),
                (("picture", folder / "m.mound", "--out", folder / "a.png", "--extinction", "9999", "--voxel", "3"), "extinction"),
                (("sweep", folder / "m.mound", "--out", folder / "a.mov", "--from", "0,10", "--to", "9,9"),
                 "writes .mp4, .webp, .gif, .png"),
            ):
                said = self.run_(*args)
                self.assertEqual(said.returncode, 2, said.stdout)
                self.assertIn(sentence, said.stderr)
            self.assertEqual(os.listdir(folder), ["m.mound"])


class Recipes(unittest.TestCase):
    def test_snapshots_views_and_skies_are_saved(self):
        from softmound.core.recipe import Arrays, Lamp, Sky, Snapshot
        mound = lumpy_mound()
        pixels = Arrays(pixels=np.zeros((4, 6, 3), np.uint8))
        sky = Sky(kind="image", picture=Arrays(pixels=np.ones((4, 8, 3), np.float32)))
        mound = mound.edited(light=mound.light.edited(sky=sky, lamps=(Lamp(),)), views=(KeptView(),))
        mound = mound.edited(snapshots=(Snapshot(picture=pixels, recipe=mound),))
        with tempfile.TemporaryDirectory() as folder:
            path = os.path.join(folder, "m.mound")
            write_mound(path, mound)
            self.assertEqual(read_mound(path), mound)
        with self.assertRaisesRegex(ValueError, "no snapshots of its own"):
            Snapshot(picture=pixels, recipe=mound)


if __name__ == "__main__":
    unittest.main()
