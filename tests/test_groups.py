"""Light groups kept apart and mixed: against theory, against pictures of each light alone, and against another method."""

import threading
import time
import unittest

import numpy as np
import scipy

from softmound.core.colour import luminance
from softmound.core.engine.apart import mixed
from softmound.core.engine.painter import Painter, Request
from softmound.core.engine.stages import Stages, paths_of
from softmound.core.engine.stills import Taking, still_of
from softmound.core.engine.tracing import tracing_key
from softmound.core.light.lattices.coarse import SHARP
from softmound.core.light.paths.low_pass import brighter
from softmound.core.light.paths.tracer import Tracer
from softmound.core.light.scene.camera import camera_of
from softmound.core.light.scene.groups import factors, group_of, groups_of, shining, unmixed, with_fader
from softmound.core.light.scene.lamps import lamps_of
from softmound.core.light.scene.surroundings import surroundings_of
from softmound.core.problems import OutOfLimits
from softmound.core.recipe import Fader, Floor, Lamp, Light, Medium, Mound, Ramp, Sky, Sun, View
from softmound.core.ticket import Stopped
from tests.long import long
from tests.scenes import box_grid
from tests.sphere import ball_grid

WHITE = (1.0, 1.0, 1.0)
VIEW = View(target=(0.0, 0.0, 0.0), distance=60.0, elevation=0.0, azimuth=20.0)
LAMPS = (Lamp(name="Street", place=(0.0, 4.0, 30.0), power=4e6), Lamp(name="Deep", place=(0.0, 0.0, 0.0), radius=0.5, power=4e6),
         Lamp(name="Off", on=False), Lamp(name="Left", place=(30.0, 0.0, 0.0), power=2e6, group="Street"))


def lit(**changes):
    """A mound of nothing whose light is clear to see through: the grid is given by each test."""
    return Mound(name="Ball", view=VIEW, light=Light(**({
        "sun": Sun(azimuth=60.0, elevation=30.0), "sky": Sky(kind="gradient"),
        "medium": Medium(extinction=0.5, anisotropy=0.5)} | changes)))


class Faders(unittest.TestCase):
    def test_groups_are_named_by_their_lamps(self):
        light = Light(lamps=(*LAMPS, Lamp(name="sun")))
        self.assertEqual(groups_of(light), ("sun", "sky", "below", "glow", "Street", "Deep", "sun lamp"))
        self.assertEqual(group_of(LAMPS[3], groups_of(light)), "Street")
        # Each group takes memory in every pixel: those of lamps beyond the seventh are one.
        many = Light(lamps=tuple(Lamp(name=f"Lamp {n}") for n in range(30)))
        self.assertEqual(groups_of(many)[4:], (*(f"Lamp {n}" for n in range(7)), "other lamps"))
        self.assertEqual([lamp.group for lamp in lamps_of(many)], [*range(4, 11), *[11] * 23])
        self.assertEqual(len(lamps_of(with_fader(many, "other lamps", muted=True))), 7)
        self.assertEqual([lamp.group for lamp in lamps_of(light)], [4, 5, 4, 6])
        dark = Light(sun=Sun(strength=0.0), sky=Sky(strength=0.0))
        self.assertEqual(shining(dark, (dark.medium,)), ())
        self.assertEqual(shining(Light(), (Medium(glow_strength=0.1),)), ("sun", "sky", "below", "glow"))

    def test_solo_leaves_the_others_out_and_mute_itself(self):
        light = with_fader(Light(), "sky", level=2.0, tint=(1.0, 0.5, 0.0))
        np.testing.assert_allclose(factors(light, ("sun", "sky")), [WHITE, (2.0, 1.0, 0.0)])
        light = with_fader(light, "sun", solo=True)
        np.testing.assert_allclose(factors(light, ("sun", "sky", "below")), [WHITE, (0.0, 0.0, 0.0), (0.0, 0.0, 0.0)])
        light = with_fader(light, "sun", muted=True)
        self.assertEqual(float(factors(light, groups_of(light)).sum()), 0.0)

    def test_a_lamp_that_is_gone_does_not_keep_the_others_dark(self):
        light = with_fader(Light(lamps=LAMPS[:1]), "Street", solo=True)
        self.assertEqual(float(factors(light, ("sun",)).sum()), 0.0)
        for without in (light.edited(lamps=()), light.edited(lamps=(LAMPS[0].edited(on=False),))):
            self.assertEqual(float(factors(without, ("sun",)).sum()), 3.0)

    def test_a_fader_that_changes_nothing_is_no_fader(self):
        light = with_fader(with_fader(Light(), "sun", level=0.5), "sun", level=1.0)
        self.assertEqual(light, Light())
        with self.assertRaises(OutOfLimits):
            Light().edited(mix=(Fader(group="sun"), Fader(group="sun", level=2.0)))

    def test_surroundings_are_the_sum_of_their_groups(self):
        for floor in (Floor(), Floor(kind="sea")):
            light = Light(sky=Sky(kind="air"), floor=floor)
            whole = surroundings_of(light)
            alone = [surroundings_of(with_fader(light, name, solo=True)) for name in groups_of(light)]
            for field in ("sky", "sun", "parts", "behind"):
                parts = sum(np.asarray(getattr(each, field), np.float64) for each in alone)
                np.testing.assert_allclose(parts, getattr(whole, field), rtol=1e-5)
            if floor.kind == "sea":
                np.testing.assert_allclose(sum(each.floor.lit for each in alone), whole.floor.lit, rtol=1e-5)
        # What is mixed is the light, not what it does to a cloud: half the sun is half of all it does.
        half = surroundings_of(with_fader(Light(), "sun", level=0.5))
        np.testing.assert_allclose(half.sun, 0.5 * surroundings_of(Light()).sun)
        np.testing.assert_array_equal(half.sky, surroundings_of(Light()).sky)

    def test_lamps_are_mixed_by_group(self):
        light = with_fader(Light(lamps=LAMPS), "Street", level=0.25)
        before, after = lamps_of(Light(lamps=LAMPS)), lamps_of(light)
        for a, b, share in zip(before, after, (0.25, 1.0, 0.25)):
            np.testing.assert_allclose(b.intensity, np.array(a.intensity) * share)
        self.assertEqual(len(lamps_of(with_fader(light, "Street", muted=True))), 1)


class Apart(unittest.TestCase):
    """True light: sums of paths, group by group."""

    @classmethod
    def setUpClass(cls):
        cls.grid, cls.stages = ball_grid(8.0, 0.5), Stages()

    def scene(self, **changes):
        return self.stages.scene(lit(**changes), self.grid, "ball")

    def traced(self, scene, turns, size=(24, 16), gathering=False, **options):
        field = self.stages.field(scene, SHARP, apart=True) if gathering else None
        tracer = Tracer(scene, self.stages.lattice(scene, SHARP), camera_of(scene.seen_from, *size), gathering=gathering,
                        field=field, apart=True, hues=self.stages.hues(scene)[1], **options)
        tracer.add(turns)
        return tracer

    def test_groups_add_up_to_the_picture(self):
        glowing = Medium(extinction=0.5, anisotropy=0.5, glow_strength=0.2, tint_by=Ramp(low=-8.0, high=8.0))
        for changes in ({}, {"lamps": LAMPS}, {"medium": glowing, "lamps": LAMPS}):
            for gathering in (False, True):
                tracer = self.traced(self.scene(**changes), 6, gathering=gathering)
                whole, apart = tracer.layers()[0], tracer.apart()
                np.testing.assert_allclose(apart[..., :-1, :].sum(axis=2), whole, atol=1e-5 * whole.max())
                self.assertEqual(apart.shape[2], len(tracer.groups) + 1)
                self.assertEqual(bool(apart[..., 3, :].any()), "medium" in changes)
                self.assertTrue(all(apart[..., n, :].any() for n in range(4, len(tracer.groups))))

    @long
    def test_each_group_is_what_it_gives_alone(self):
        # The same paths, whatever shines: only where they look for light do they differ, so that means agree to their noise.
        scene = self.scene(lamps=LAMPS)
        tracer = self.traced(scene, 160)
        cloud = tracer.cloud
        for n, name in enumerate(tracer.groups):
            if name == "glow":
                continue
            alone = self.stages.scene(lit(lamps=LAMPS, mix=(Fader(group=name, solo=True),)), self.grid, "ball")
            other = Tracer(alone, self.stages.lattice(alone, SHARP), tracer.camera, seed=9)
            other.add(160)
            a, b = (float(luminance(light)[cloud].mean()) for light in (tracer.apart()[..., n, :], other.layers()[0]))
            with self.subTest(group=name):
                self.assertAlmostEqual(a / b, 1.0, delta=0.06)

    def test_sky_and_what_is_below_light_a_ball_evenly(self):
        # In the furnace all light is 1, whatever the cloud; seen level half of it comes from above: by symmetry.
        scene = self.scene(sun=Sun(strength=0.0), sky=Sky(kind="plain", zenith=WHITE), medium=Medium(extinction=0.8))
        tracer = self.traced(scene, 120)
        apart, cloud = tracer.apart()[..., 1], tracer.cloud
        np.testing.assert_allclose(apart[..., 1:3].sum(axis=-1)[tracer.layers()[1] > 0.9999].mean(), 1.0, atol=2e-3)
        upper, lower = np.nonzero(cloud)[0].min(), np.nonzero(cloud)[0].max()
        middle = apart[(upper + lower) // 2 : (upper + lower) // 2 + 2][cloud[(upper + lower) // 2 : (upper + lower) // 2 + 2]]
        self.assertAlmostEqual(float(middle[:, 1].mean()), 0.5, delta=0.03)
        self.assertGreater(float(apart[upper + 1, :, 1].sum()), 2.0 * float(apart[upper + 1, :, 2].sum()))

    def test_what_is_scattered_once_goes_with_the_albedo(self):
        # Paths do not know the albedo: what is scattered once is in proportion to it, and of little albedo nearly all there is.
        once, whole = [], []
        for albedo in (0.02, 0.04):
            tracer = self.traced(self.scene(medium=Medium(extinction=0.5, anisotropy=0.0, albedo=albedo)), 12)
            once.append(tracer.apart()[..., -1, :].sum())
            whole.append(tracer.apart()[..., :-1, :].sum())
        self.assertAlmostEqual(float(once[1] / once[0]), 2.0, places=4)
        self.assertLess(1.0 - once[0] / whole[0], 0.02)
        self.assertAlmostEqual(float((1.0 - once[1] / whole[1]) / (1.0 - once[0] / whole[0])), 2.0, delta=0.15)

    def test_a_turn_that_is_stopped_goes_on_where_it_was(self):
        class Stopping:
            left = 2

            def tick(self, _share):
                self.left -= 1
                if self.left < 0:
                    raise Stopped

        stopped, straight = self.traced(self.scene(), 1, (48, 96)), self.traced(self.scene(), 3, (48, 96))
        for _ in range(40):
            if stopped.turns < 3:
                try:
                    stopped.add(1, Stopping())
                except Stopped:
                    pass
        self.assertEqual(stopped.turns, 3)
        np.testing.assert_allclose(stopped.apart(), straight.apart(), rtol=1e-5, atol=1e-7)

    def test_levels_put_each_group_right(self):
        scene = self.scene(lamps=LAMPS[:1])
        levels = paths_of(self.stages, scene, camera_of(VIEW, 48, 32), apart=True)
        levels.add(220)
        whole = self.traced(scene, 400, (48, 32))
        for n, name in enumerate((*levels.groups, "once")):
            if name != "glow":
                a, b = (float(luminance(light[..., n, :])[whole.cloud].mean()) for light in (levels.apart(), whole.apart()))
                with self.subTest(group=name):
                    self.assertAlmostEqual(a / b, 1.0, delta=0.07)


class Mixed(unittest.TestCase):
    """Finished pictures."""

    @classmethod
    def setUpClass(cls):
        cls.stages, cls.grid = Stages(), ball_grid(8.0, 0.5)
        cls.mound = lit(lamps=LAMPS[:1], sky=Sky(kind="air"), floor=Floor(kind="land", level=-20.0))

    def take(self, mound, **changes):
        taking = Taking(48, 32, passes=2, noise=0.06, **changes)
        return still_of(self.stages, mound, self.grid, "ball", taking)

    def test_groups_add_up_to_the_picture_and_can_be_mixed_afterwards(self):
        mix = with_fader(with_fader(self.mound.light, "sun", level=0.3, tint=(1.0, 0.6, 0.3)), "Street", level=2.0)
        for true in (False, True):
            still, other = self.take(self.mound, apart=True, true=true), self.take(self.mound.edited(light=mix), true=true)
            light = still.radiance[..., :3] - still.behind
            np.testing.assert_allclose(sum(still.groups.values()), light, atol=2e-6 * light.max())
            np.testing.assert_allclose(still.whole, light, atol=2e-6 * light.max())
            # What is mixed afterwards is what that light would have given.
            names = tuple(still.groups)
            after = mixed(np.stack(list(still.groups.values()), axis=2), names, mix)
            cloud = still.radiance[..., 3] > 0.9
            wanted = (other.radiance[..., :3] - other.behind)[cloud].mean(axis=0)
            np.testing.assert_allclose(after[cloud].mean(axis=0), wanted, rtol=0.06)
            if not true:
                np.testing.assert_allclose(light, self.take(self.mound).radiance[..., :3] - still.behind, atol=0.08 * light.max())

    def test_glow_is_mixed(self):
        mound = self.mound.edited(light=Light(sun=Sun(strength=0.0), sky=Sky(strength=0.0), medium=Medium(
            extinction=0.5, albedo=0.0, glow_strength=0.5, glow=WHITE)))
        # A thick ball that scatters nothing has the radiance of its glow.
        seen = [self.take(other, true=True).radiance[14:18, 22:26, :3].mean(axis=(0, 1)) for other in (
            mound, mound.edited(light=with_fader(mound.light, "glow", level=4.0, tint=(1.0, 0.5, 0.25))))]
        np.testing.assert_allclose(seen[0], 0.5, rtol=0.01)
        np.testing.assert_allclose(seen[1], [2.0, 1.0, 0.5], rtol=0.01)


class InTheWindow(unittest.TestCase):
    """True light that is looked at is mixed without tracing it again."""

    def setUp(self):
        self.answers, self.arrived = [], threading.Condition()
        self.painter = Painter(self.take)
        self.painter.reduces = False
        self.addCleanup(self.painter.close)
        self.grid, self.mound = box_grid((0, 0, 0), (15, 15, 15)), lit().edited(view=View(target=(8.0, 8.0, 8.0), distance=60.0))

    def take(self, answer):
        with self.arrived:
            self.answers.append(answer)
            self.arrived.notify_all()

    def seen(self, number, mound, moving=False, noise=0.3):
        self.painter.ask(Request(number, mound, 48, 32, "true", moving, self.grid, "box", noise=noise))
        ends = time.monotonic() + 60
        with self.arrived:
            while not (self.answers and self.answers[-1].request.number == number and self.painter.idle):
                self.assertLess(time.monotonic(), ends)
                self.arrived.wait(0.05)
        return self.answers[-1]

    def test_a_fader_changes_the_picture_and_not_the_paths(self):
        whole = self.seen(1, self.mound)
        light = self.mound.light
        alone = [self.seen(2 + n, self.mound.edited(light=with_fader(light, name, solo=True)), moving=n > 0)
                 for n, name in enumerate(groups_of(light))]
        self.assertEqual({answer.passes for answer in (whole, *alone)}, {whole.passes})
        np.testing.assert_allclose(sum(answer.radiance[..., :3] for answer in alone), whole.radiance[..., :3], atol=1e-5)
        self.assertTrue(all(answer.stride == 1 for answer in alone))
        # Back again it is what it was; and a lower noise goes on from the paths that are there.
        back = self.seen(9, self.mound)
        np.testing.assert_array_equal(back.radiance, whole.radiance)
        finer = self.seen(10, self.mound, noise=0.15)
        self.assertGreater(finer.passes, whole.passes)
        self.assertLess(finer.noise, 0.15)

    def test_other_light_is_traced_anew(self):
        request = Request(1, self.mound, 48, 32, "true", False, self.grid, "box")
        mix = with_fader(self.mound.light, "sky", muted=True).edited(exposure=2.0)
        other = self.mound.edited(light=self.mound.light.edited(sun=Sun(azimuth=0.0)))
        key = tracing_key(request)
        self.assertEqual(tracing_key(Request(2, self.mound.edited(light=mix), 48, 32, "true", True, self.grid, "box")), key)
        for changed in (Request(3, other, 48, 32, "true", False, self.grid, "box"),
                        Request(3, self.mound, 48, 33, "true", False, self.grid, "box"),
                        Request(3, self.mound, 48, 32, "true", False, self.grid, "other")):
            self.assertNotEqual(tracing_key(changed), key)


class LowPass(unittest.TestCase):
    def test_a_broad_blur_of_smaller_pictures_is_that_of_the_whole_one(self):
        dice = np.random.default_rng(3)
        given = scipy.ndimage.gaussian_filter(dice.random((150, 200)), 3.0).astype(np.float32)
        right = (given * (1.0 + 0.4 * np.sin(np.arange(200) / 30.0))).astype(np.float32)
        for sigma in (1.5, 7.0, 25.0):
            wanted, about = (scipy.ndimage.gaussian_filter(each, sigma) for each in (right, given))
            got = brighter(right[..., None], given[..., None], sigma)[..., 0]
            np.testing.assert_allclose(got, wanted / about, rtol=0.012)

    def test_unmixed(self):
        light = with_fader(Light(), "sun", level=0.5)
        self.assertEqual(unmixed(light), Light())
