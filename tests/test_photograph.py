"""From a photograph: outlines, horizons, circles, cameras, suns, measures and the search, by theory or by a second method."""

import json
import math
import pathlib
import tempfile
import unittest

import numpy as np
import skimage
from PIL import Image

from softmound.cli import main
from softmound.core.engine.density import density_grid
from softmound.core.engine.stages import Stages, picture
from softmound.core.exchange.foreign import read_focal, read_photograph
from softmound.core.library.likeness import apart_as_seen
from softmound.core.light.scene.camera import FILM, camera_of, fitted
from softmound.core.photograph.blocking import Asked, blocked_in, circles_in, drawn_from_aside, drawn_toward, overlap_of
from softmound.core.photograph.making import first_mound_drawn, first_mound_of, reference_of
from softmound.core.photograph.measures import Measures, differences, light_alike, light_slope
from softmound.core.photograph.near import CHANGES, Beside, brought_near, changed
from softmound.core.photograph.outline import CLOUD, SKY
from softmound.core.photograph.reading import Photograph, Seen, base_of, found_in, photograph_of, read_in, reading_of
from softmound.core.photograph.seen import opacity_of
from softmound.core.photograph.standing import DIP, LIFTED, standing_of
from softmound.core.photograph.sunlight import Lit, apart
from softmound.core.problems import Problem
from softmound.core.recipe import Arrays, Mound, Reference, limits, read_mound, write_mound
from softmound.core.recipe.models import Reading, Sun
from softmound.core.ticket import Stopped, Ticket
from tests.photographed import MASK, PIXELS, READ, blocked, lumps, sky, with_cloud
from tests.scenes import ball_mound, said


class Outlines(unittest.TestCase):
    def test_a_cloud_before_its_sky(self):
        for horizon in (None, 0.7):
            with self.subTest(horizon=horizon):
                found = found_in(with_cloud(sky(horizon=horizon), MASK)).clouds
                self.assertEqual(found.max(), 1)
                self.assertGreater(overlap_of(found == 1, MASK), 0.97)

    def test_a_cloud_darker_than_its_sky(self):
        page = np.full((200, 320, 3), (235.0, 190.0, 150.0)) + np.random.default_rng(2).normal(0.0, 1.0, (200, 320, 3))
        self.assertGreater(overlap_of(found_in(with_cloud(page, MASK, 90.0, 60.0)).clouds == 1, MASK), 0.97)

    def test_clouds_apart_are_numbered_by_their_size(self):
        small, large = lumps(balls=((60, 60, 22),)), lumps(balls=((220, 100, 45),))
        found = found_in(with_cloud(sky(), small | large)).clouds
        self.assertEqual(found.max(), 2)
        self.assertGreater(overlap_of(found == 1, large), 0.95)
        self.assertGreater(overlap_of(found == 2, small), 0.93)

    def test_a_brush_has_the_last_word(self):
        brushed = np.zeros(MASK.shape, np.uint8)
        brushed[:, 200:] = SKY
        found = found_in(PIXELS, brushed).clouds
        self.assertFalse(found[:, 200:].any())
        self.assertGreater(np.count_nonzero(found), 2000)
        brushed = np.zeros(MASK.shape, np.uint8)
        brushed[20:40, 20:40] = CLOUD
        self.assertTrue((found_in(PIXELS, brushed).clouds[20:40, 20:40] > 0).all())

    def test_a_brush_over_everything_and_pictures_without_anything(self):
        for what, many in ((CLOUD, MASK.size), (SKY, 0)):
            found = found_in(PIXELS, np.full(MASK.shape, what, np.uint8)).clouds
            self.assertEqual(np.count_nonzero(found), many)
        for size in ((3, 5), (16, 16), (200, 9)):
            with self.subTest(size=size):
                found = found_in(np.full((*size, 3), 90, np.uint8))
                self.assertEqual((found.clouds.max(), found.horizon), (0, None))

    def test_an_outline_from_elsewhere_tells_the_sky_from_the_cloud(self):
        # A cloud of the sky's own colour can be drawn, though not found; the horizon behind it is found all the same.
        page = sky(horizon=0.8).astype(np.uint8)
        read = read_in(page, outline=MASK)
        np.testing.assert_array_equal(read.outline["pixels"] > 127, MASK)
        self.assertAlmostEqual(read.horizon, 0.8, delta=0.02)

    def test_an_empty_sky_is_refused_in_a_sentence(self):
        self.assertEqual(found_in(sky().astype(np.uint8)).clouds.max(), 0)
        with self.assertRaisesRegex(Problem, "No cloud stands out"):
            read_in(sky().astype(np.uint8))


class Reads(unittest.TestCase):
    def test_the_horizon_where_the_picture_has_one(self):
        for row in (0.55, 0.8):
            found = found_in(with_cloud(sky(horizon=row), MASK)).horizon
            self.assertAlmostEqual(found, row, delta=0.02)
        self.assertIsNone(found_in(PIXELS).horizon)

    def test_a_flat_base_and_a_ragged_one(self):
        row, flat = base_of(MASK)
        self.assertAlmostEqual(row, 150 / 200, delta=0.01)
        self.assertTrue(flat)
        y, x = np.mgrid[:200, :320]
        slanted = (y > 40) & (y < 60 + x * 0.4) & (x > 40) & (x < 280)
        self.assertFalse(base_of(slanted)[1])

    def test_lenses_as_cameras_write_them(self):
        with tempfile.TemporaryDirectory() as folder:
            path = pathlib.Path(folder) / "a.jpg"

            def saved(size=(300, 200), **tags):
                image, exif = Image.new("RGB", size), Image.Exif()
                part = exif.get_ifd(0x8769)
                part.update({int(key[1:]): value for key, value in tags.items()})
                exif._ifds[0x8769] = part
                image.save(path, exif=exif)
                return read_focal(path)

            self.assertEqual(saved(_41989=85), 85.0)
            # 24 mm on a sensor of 18 mm, which holds 300 pixels: twice that on film.
            self.assertAlmostEqual(saved(_37386=24.0, _41486=300 * 25.4 / 18.0, _41488=2), 48.0, places=2)
            self.assertIsNone(saved())
            self.assertIsNone(saved(_41989=0))
            image, exif = Image.new("RGB", (40, 20)), Image.Exif()
            exif[0x0112] = 6
            image.save(path, exif=exif)
            self.assertEqual(read_photograph(path).shape, (40, 20, 3), "held upright")

    def test_what_was_read_is_kept_with_the_mound(self):
        photograph = Photograph(PIXELS, READ)
        mound = Mound(references=(reference_of(photograph, "Tower"),))
        with tempfile.TemporaryDirectory() as folder:
            path = pathlib.Path(folder) / "a.mound"
            write_mound(path, mound)
            back = read_mound(path)
        again = photograph_of(back.references[0])
        np.testing.assert_array_equal(again.mask, photograph.mask)
        self.assertEqual(again.reading.edited(outline=READ.outline), READ)
        self.assertIsNone(photograph_of(Reference(picture=Arrays(pixels=PIXELS))))
        for pixels in (PIXELS, np.zeros((20, 30), np.uint8)):
            with self.assertRaises(Problem):
                READ.edited(outline=Arrays(pixels=pixels))


class Circles(unittest.TestCase):
    def test_one_circle_for_a_disc_and_two_for_two(self):
        (circle,) = circles_in(lumps(balls=((100, 90, 50),), flat=200))
        np.testing.assert_allclose(circle, (100, 90, 50), atol=1.5)
        found = circles_in(lumps(balls=((80, 90, 50), (240, 100, 30)), flat=200))
        np.testing.assert_allclose(found, ((80, 90, 50), (240, 100, 30)), atol=1.5)

    def test_they_cover_what_is_asked_and_stay_inside(self):
        for share in (0.9, 0.95):
            drawn = np.zeros(MASK.shape, bool)
            for column, row, radius in circles_in(MASK, share):
                drawn[skimage.draw.disk((row, column), radius, shape=MASK.shape)] = True
            self.assertGreater(np.count_nonzero(drawn & MASK), (share - 0.01) * np.count_nonzero(MASK))
            self.assertLess(np.count_nonzero(drawn & ~MASK), 0.01 * np.count_nonzero(MASK))
        self.assertEqual(len(circles_in(np.zeros((9, 9), bool))), 0)


class Stands(unittest.TestCase):
    def test_pixels_and_points_are_each_other_s(self):
        standing = standing_of(MASK, 0.8, 0.75, 50.0, 300.0)
        pixels = np.array([(10.0, 20.0), (160.0, 100.0), (300.0, 190.0)])
        for behind in (0.0, 40.0):
            points, per_pixel = standing.points(pixels, behind)
            np.testing.assert_allclose(points[:, 2], -behind, atol=1e-9)
            np.testing.assert_allclose(standing.camera.pixels(points), pixels, atol=1e-9)
            shifted = standing.camera.pixels(points + per_pixel[:, None] * standing.camera.right)
            np.testing.assert_allclose(shifted[:, 0] - pixels[:, 0], 1.0, rtol=1e-9)

    def test_the_span_and_the_base_are_where_they_are_asked_for(self):
        standing = standing_of(MASK, None, 0.75, 50.0, 300.0)
        columns = np.flatnonzero(MASK.any(axis=0))
        ends, _ = standing.points([(columns[0], 150), (columns[-1] + 1, 150)])
        self.assertAlmostEqual(np.ptp(ends[:, 0]), 300.0, places=6)
        np.testing.assert_allclose(ends[:, 1], 0.0, atol=1e-9)
        self.assertEqual(standing.view.elevation, LIFTED)

    def test_the_horizon_says_how_the_camera_was_held(self):
        height, width = MASK.shape
        spread = FILM / 50.0 / width
        for elevation in (-8.0, 3.0):
            row = 0.5 + math.tan(math.radians(DIP - elevation)) / (spread * height)
            self.assertAlmostEqual(standing_of(MASK, row, 0.75, 50.0, 300.0).view.elevation, elevation, places=6)

    def test_the_view_shows_the_photograph_as_it_was_taken(self):
        standing = standing_of(MASK, 0.8, 0.75, 35.0, 300.0)
        points, _ = standing.points([(20.0, 30.0), (250.0, 140.0)])
        seen = camera_of(standing.view, 1280, 800).pixels(points)
        # A photograph of 320 by 200 fills it, four times as large.
        np.testing.assert_allclose(seen, np.array([(20.0, 30.0), (250.0, 140.0)]) * 4.0, atol=1e-6)
        self.assertEqual(standing.share, 1.0)


class Seeing(unittest.TestCase):
    def test_the_depth_of_a_ball_and_its_outline(self):
        mound = ball_mound(10.0, 0.0)
        grid = density_grid(mound, 0.5)
        low, high = (grid.world(corner) for corner in grid.active_bounds())
        view = fitted(mound.view.edited(elevation=0.0, focal=300.0), low, high, 60, 60, 0.6)
        camera = camera_of(view, 60, 60)
        seen = opacity_of(grid, camera, 0.02)
        # Through the middle of a ball: 1 - exp(-2 r extinction), a little less over a pixel's width.
        self.assertAlmostEqual(float(seen[28:32, 28:32].mean()), 1.0 - math.exp(-0.4), delta=0.015)
        per_metre = camera.pixel((0.0, 20.0, 0.0))[2]
        area = np.count_nonzero(opacity_of(grid, camera, 2.0) > 0.5) / per_metre**2
        self.assertAlmostEqual(area, math.pi * 100.0, delta=0.03 * math.pi * 100.0)

    def test_what_lies_outside_the_picture_or_behind_leaves_nothing_in_it(self):
        grid = density_grid(ball_mound(10.0, 0.0), 1.0)
        view = Mound().view.edited(elevation=0.0, distance=100.0)
        for azimuth, target in ((0.0, (200.0, 20.0, 0.0)), (0.0, (0.0, 200.0, 0.0)), (0.0, (0.0, 20.0, -300.0))):
            seen = opacity_of(grid, camera_of(view.edited(azimuth=azimuth, target=target), 60, 40), 1.0)
            self.assertEqual(seen.max(), 0.0)
        # Half of it in the picture is seen as half of it.
        whole = opacity_of(grid, camera_of(view.edited(target=(0.0, 20.0, 0.0)), 90, 60), 1.0)
        right = view.edited(target=(-36.0, 20.0, 0.0), focal=50.0)
        edge = opacity_of(grid, camera_of(right, 90, 60), 1.0) > 0.5
        count = np.count_nonzero(whole > 0.5)
        self.assertAlmostEqual(np.count_nonzero(edge), 0.5 * count, delta=0.1 * count)
        self.assertTrue(edge[:, -1].any())

    def test_as_draft_light_sees_it(self):
        photograph, mound, _ = blocked()
        camera = photograph.seen(96).camera
        grid = density_grid(mound, 3.0)
        ours = opacity_of(grid, camera, mound.light.medium.extinction) > 0.5
        stages = Stages()
        scene = stages.scene(mound.edited(view=photograph.standing.view), grid, stages.density_key(mound, 3.0))
        width = 320
        theirs = picture(stages, scene, width, 200)[..., 3] > 127
        small = np.asarray(Image.fromarray(theirs).resize((camera.width, camera.height)))
        self.assertGreater(overlap_of(ours, small), 0.96)


class BlockingIn(unittest.TestCase):
    def test_the_outline_is_the_photograph_s(self):
        _, mound, overlap = blocked()
        self.assertGreater(overlap, 0.93)
        self.assertTrue(mound.mass.base.on)
        self.assertTrue(all(form.kind == "blob" for form in mound.mass.forms))
        self.assertTrue({"Lump 1", "Behind 1", "Before 1.1"} <= {form.name for form in mound.mass.forms})

    def test_the_same_every_time_and_stopped_when_told(self):
        photograph, mound, _ = blocked()
        self.assertEqual(blocked_in(photograph.mask, photograph.standing, "Loaf", Asked(base=True))[0], mound)
        ticket = Ticket()
        ticket.stop()
        with self.assertRaises(Stopped):
            blocked_in(photograph.mask, photograph.standing, "Loaf", ticket=ticket)

    def test_a_model_of_a_centimetre_is_as_much_alike(self):
        # Numbers are rounded for those who read them, by how large a blob is.
        photograph = Photograph(PIXELS, READ.edited(span=0.2))
        mound, overlap = blocked_in(photograph.mask, photograph.standing, "Crumb", Asked(0.2, True))
        self.assertGreater(overlap, 0.93)
        large = blocked()[1]
        ratios = [b.radii[0] / a.radii[0] for a, b in zip(mound.mass.forms[:5], large.mass.forms[:5])]
        np.testing.assert_allclose(ratios, 1500.0, rtol=0.2)

    def test_what_is_too_thin_or_not_to_be_seen_is_refused(self):
        thin = np.zeros(MASK.shape, bool)
        thin[100, 20:300] = True
        with self.assertRaisesRegex(Problem, "too thin"):
            blocked_in(thin, standing_of(thin, None, 0.5, 50.0, 300.0), "Line")
        _, mound, _ = blocked()
        away = camera_of(mound.view.edited(azimuth=90.0, target=(0.0, 40_000.0, 0.0)), 240, 150)
        with self.assertRaisesRegex(Problem, "not seen"):
            drawn_from_aside(mound, away, np.ones((150, 240), bool))

    def test_blobs_that_are_turned_are_moved_but_not_stretched_from_aside(self):
        photograph, mound, _ = blocked()
        forms = tuple(form.edited(rotation=(0.0, 30.0, 0.0)) for form in mound.mass.forms)
        mound = mound.edited(mass=mound.mass.edited(forms=forms))
        seen = photograph.seen(96)
        made = drawn_toward(mound, seen.camera, np.roll(seen.mask, 6, axis=1), seen.mask, aside=True).mass.forms
        self.assertEqual([form.radii for form in made], [form.radii for form in forms])
        self.assertTrue(any(a.centre[0] != b.centre[0] for a, b in zip(made, forms)))
        self.assertTrue(all(a.centre[1:] == b.centre[1:] for a, b in zip(made, forms)))

    def test_locked_forms_stay(self):
        photograph, mound, _ = blocked()
        forms = tuple(form.edited(locked=True) if n % 2 else form for n, form in enumerate(mound.mass.forms))
        mound = mound.edited(mass=mound.mass.edited(forms=forms))
        camera = photograph.seen(96).camera
        seen, wanted = np.roll(photograph.seen(96).mask, 5, axis=1), photograph.seen(96).mask
        moved = drawn_toward(mound, camera, seen, wanted).mass.forms
        self.assertTrue(all(a == b for a, b in zip(forms[1::2], moved[1::2])))
        steps = [b.centre[0] - a.centre[0] for a, b in zip(forms[::2], moved[::2]) if a != b]
        self.assertLess(np.mean(steps), 0.0, "moved back to the left")

    def test_a_side_gives_depth_and_leaves_the_front(self):
        photograph, mound, _ = blocked()
        view = mound.view.edited(azimuth=90.0, aspect=0.0)
        camera = camera_of(view, 240, 150)
        now = opacity_of(density_grid(mound, 3.0), camera, 1.0) > 0.5
        rows, columns = np.nonzero(now)
        half = (columns.max() - columns.min()) * 0.45
        y, x = np.mgrid[:150, :240]
        wanted = ((x - columns.mean()) / half) ** 2 + ((y - rows.max()) / (rows.max() - rows.min())) ** 2 < 1.0
        wanted &= y <= rows.max()
        made, overlap = drawn_from_aside(mound, camera, wanted)
        self.assertGreater(overlap, overlap_of(now, wanted) + 0.02)
        for before, after in zip(mound.mass.forms, made.mass.forms):
            self.assertEqual((before.centre[:2], before.radii[:2]), (after.centre[:2], after.radii[:2]))

    def test_drawn_in_an_empty_picture(self):
        view = Mound().view
        camera = camera_of(view, 320, 200)
        mound, overlap = first_mound_drawn(MASK, camera, view, "Drawn")
        self.assertGreater(overlap, 0.93)
        self.assertAlmostEqual(mound.view.elevation, view.elevation, places=4)
        wide = np.ptp(np.flatnonzero(MASK.any(axis=0))) + 1
        span = wide * camera.spread * view.distance
        xs = [c for form in mound.mass.forms for c in (form.centre[0] - form.radii[0], form.centre[0] + form.radii[0])]
        self.assertAlmostEqual(np.ptp(xs), span, delta=0.2 * span)
        with self.assertRaisesRegex(Problem, "too small"):
            first_mound_drawn(lumps(balls=((50, 50, 3),)), camera, view, "Drawn")


class Suns(unittest.TestCase):
    def test_a_mound_s_own_light_is_found_again(self):
        photograph, mound, _ = blocked()
        stages = Stages()
        grid = density_grid(mound, 3.0)
        true = (70.0, 25.0)
        lit = mound.edited(light=mound.light.edited(sun=mound.light.sun.edited(azimuth=true[0], elevation=true[1])))
        pixels = picture(stages, stages.scene(lit, grid, stages.density_key(lit, 3.0)), 320, 200)[..., :3]
        found = Lit(Photograph(np.ascontiguousarray(pixels), photograph.reading), mound).suns()
        self.assertLess(apart(true, (found[0].azimuth, found[0].elevation)), 10.0)
        self.assertEqual([one.alike for one in found], sorted((one.alike for one in found), reverse=True))
        self.assertEqual(found[0].pixels.shape[2], 3)

    def test_haze_and_exposure_of_a_mound_s_own_picture(self):
        photograph, mound, _ = blocked()
        light = mound.light.edited(exposure=0.5, sky=mound.light.sky.edited(visibility=20.0),
                                   sun=mound.light.sun.edited(azimuth=60.0, elevation=40.0))
        lit, stages = mound.edited(light=light), Stages()
        pixels = picture(stages, stages.scene(lit, density_grid(mound, 3.0), "lit"), 320, 200)[..., :3]
        made = Lit(Photograph(np.ascontiguousarray(pixels), photograph.reading), mound).under(60.0, 40.0).light
        self.assertAlmostEqual(made.exposure, 0.5, delta=0.25)
        self.assertIn(made.sky.visibility, (12.0, 20.0, 35.0))

    def test_looking_for_it_ends_when_it_is_told(self):
        photograph, mound, _ = blocked()
        ticket = Ticket()
        lit = Lit(photograph, mound, ticket)
        ticket.stop()
        for work in (lit.suns, lambda: lit.under(10.0, 10.0)):
            with self.assertRaises(Stopped):
                work()

    def test_angles(self):
        self.assertAlmostEqual(apart((10.0, 0.0), (100.0, 0.0)), 90.0, places=4)
        self.assertAlmostEqual(apart((0.0, 30.0), (180.0, 30.0)), 120.0, places=4)


def _coloured(slope, seed=3, size=256):
    """Light whose spectrum along straight lines falls with a power: ndarray of float."""
    dice = np.random.default_rng(seed)
    k = np.hypot(*np.meshgrid(np.fft.fftfreq(size), np.fft.fftfreq(size)))
    k[0, 0] = 1.0
    # Along a line, the power of a plane falls by one less.
    part = np.fft.fft2(dice.normal(size=(size, size))) * k ** ((slope - 1.0) / 2.0)
    field = np.fft.ifft2(part).real
    return np.exp(0.3 * field / field.std() - 1.0)


class Measuring(unittest.TestCase):
    def test_slopes_of_light(self):
        for slope in (-1.7, -2.5):
            with self.subTest(slope=slope):
                self.assertAlmostEqual(light_slope(_coloured(slope), np.ones((256, 256), bool)), slope, delta=0.2)
        self.assertTrue(np.isnan(light_slope(_coloured(-2.0), np.zeros((256, 256), bool))))
        bright = light_slope(0.5 * _coloured(-2.0), np.ones((256, 256), bool))
        self.assertAlmostEqual(bright, light_slope(_coloured(-2.0), np.ones((256, 256), bool)), places=6, msg="of any exposure")

    def test_light_that_goes_along(self):
        grey = np.repeat((255.0 * np.clip(_coloured(-2.0)[:200, :250], 0, 1))[..., None], 3, axis=2)
        mask = lumps(200, 250)
        one = Seen(None, mask, grey.astype(np.uint8))
        self.assertAlmostEqual(light_alike(one, Seen(None, mask, (0.5 * grey).astype(np.uint8))), 1.0, delta=0.01)
        self.assertAlmostEqual(light_alike(one, Seen(None, mask, (255 - grey).astype(np.uint8))), -1.0, delta=0.01)
        self.assertEqual(light_alike(one, Seen(None, ~mask, grey.astype(np.uint8))), 0.0)

    def test_outlines_apart(self):
        self.assertEqual(apart_as_seen(MASK, MASK), 0.0)
        larger = np.kron(MASK, np.ones((2, 2), bool))
        self.assertLess(apart_as_seen(MASK, larger), 0.03)
        y, x = np.mgrid[:300, :300]
        wide, tall = (((x - 150) / a) ** 2 + ((y - 150) / b) ** 2 < 1.0 for a, b in ((120, 60), (60, 120)))
        self.assertAlmostEqual(apart_as_seen(wide, tall), 0.5 * math.log(4.0), delta=0.05)
        self.assertEqual(apart_as_seen(MASK, np.zeros((9, 9), bool)), float("inf"))

    def test_words_for_what_differs(self):
        theirs = Measures(1.0, 0.6, 1.2, -2.0, 0.6)
        self.assertEqual(differences(theirs, theirs), [])
        said_ = differences(theirs, Measures(1.08, 0.6, 1.1, -2.05, 0.5), Sun(azimuth=50.0, elevation=20.0),
                            Sun(azimuth=350.0, elevation=30.0))
        self.assertEqual([*map(str, said_)], ["sun turned by 60° anticlockwise", "smoother", "taller by 8 %", "darker",
                                              "sun 10° lower"])
        nothing = Measures(1.0, 0.6, float("nan"), float("nan"), 0.6)
        self.assertEqual(differences(theirs, nothing), [])


class Nearing(unittest.TestCase):
    def test_every_number_stays_within_its_limits(self):
        _, mound, _ = blocked()
        for change in CHANGES:
            for amount in (-50.0, 0.7, 50.0):
                with self.subTest(change.field, amount=amount):
                    other = changed(mound, change, amount)
                    self.assertNotEqual(other, mound)
                    self.assertEqual(type(mound).model_validate(other.model_dump()).format, mound.format)
        low, high = limits(Sun, "elevation")
        lifted = changed(mound, next(one for one in CHANGES if one.field == "elevation"), 50.0)
        self.assertEqual(lifted.light.sun.elevation, high)

    def test_ever_nearer_and_what_is_locked_stays(self):
        photograph, mound, _ = blocked()
        beside, found = Beside(photograph, 72), []
        for number, candidate in enumerate(brought_near(photograph, mound, ("light", "seeds"), 2, beside)):
            if candidate is not None:
                found.append(candidate)
            if number == 14:
                break
        self.assertIs(found[0].mound, mound)
        self.assertGreater(len(found), 1)
        unlike = [one.unlike for one in found]
        self.assertEqual(unlike, sorted(unlike, reverse=True))
        for one in found:
            self.assertEqual(one.mound.light, mound.light)
            self.assertEqual([grain.seed for grain in one.mound.grains], [grain.seed for grain in mound.grains])

    def test_it_ends_when_it_is_told(self):
        photograph, mound, _ = blocked()
        ticket = Ticket()
        search = brought_near(photograph, mound, beside=Beside(photograph, 48), ticket=ticket)
        next(search)
        ticket.stop()
        with self.assertRaises(Stopped):
            next(search)

    def test_with_all_locked_nothing_changes(self):
        photograph, mound, _ = blocked()
        search = brought_near(photograph, mound, ("forms", "seeds", "grains", "edge", "light"), beside=Beside(photograph, 48))
        self.assertEqual([one if one is None else one.mound for one in (next(search) for _ in range(4))], [mound, None, None, None])


class AtTheCommandLine(unittest.TestCase):
    def setUp(self):
        room = tempfile.TemporaryDirectory()
        self.addCleanup(room.cleanup)
        self.folder = pathlib.Path(room.name)
        self.picture = self.folder / "tower.png"
        Image.fromarray(PIXELS).save(self.picture)

    def run_(self, *arguments):
        return said(main, ("from-picture", *arguments, "--json", "--quiet"))

    def test_a_mound_with_its_measures(self):
        mask, side, out = (self.folder / name for name in ("mask.png", "side.png", "x.mound"))
        Image.fromarray(MASK).save(mask)
        Image.fromarray(lumps(balls=((150, 100, 60),))).save(side)
        code, printed, error = self.run_(self.picture, "--out", out, "--outline", mask, "--side", side, "--sun", "60,30",
                                         "--span", "500", "--focal", "85", "--search", "0.5", "--lock", "seeds")
        self.assertEqual((code, error), (0, ""))
        facts = json.loads(printed)
        self.assertGreater(facts["likeness"], 0.8)
        self.assertGreater(facts["overlap"], 0.9)
        self.assertEqual((facts["focal"], facts["focal_known"], facts["span"]), (85.0, True, 500.0))
        self.assertGreaterEqual(facts["tried"], 1)
        mound = read_mound(out)
        self.assertEqual(len(mound.mass.forms), facts["forms"])
        self.assertEqual(mound.references[0].reading.span, 500.0)
        np.testing.assert_allclose(facts["sun"], (60.0, 30.0), atol=12.0)
        shown = Beside(photograph_of(mound.references[0])).candidate(mound)
        self.assertAlmostEqual(shown.likeness, facts["likeness"], places=3)

    def test_refusals(self):
        out, empty = self.folder / "x.mound", self.folder / "empty.png"
        Image.fromarray(sky().astype(np.uint8)).save(empty)
        for arguments, words in (((empty, "--out", out), "empty.png: No cloud stands out"),
                                 ((self.picture, "--out", out, "--outline", self.black()), "holds no outline"),
                                 ((self.picture, "--out", out, "--outline", self.black((300, 90), 255)), "of the same shape"),
                                 ((self.picture, "--out", out, "--cloud", "0"), "names no clouds"),
                                 ((self.picture, "--out", self.picture), ".mound"),
                                 ((self.folder / "nothing.jpg", "--out", out), "nothing.jpg")):
            with self.subTest(words):
                code, printed, error = self.run_(*arguments)
                self.assertEqual(code, 2)
                self.assertIn(words, printed + error)
                self.assertFalse(out.exists())

    def black(self, size=(40, 30), middle=0):
        """A mask that is black but for a square in its middle."""
        path, page = self.folder / f"mask{size[0]}.png", Image.new("L", size)
        page.paste(middle, (size[0] // 3, size[1] // 3, size[0] // 2, size[1] // 2))
        page.save(path)
        return path

    def test_foretold_without_work(self):
        code, printed, _ = self.run_(self.picture, "--out", self.folder / "x.mound", "--dry-run")
        self.assertEqual((code, json.loads(printed)["would_write"]), (0, [str(self.folder / "x.mound")]))
        self.assertEqual([path.name for path in self.folder.iterdir()], ["tower.png"])


class Whole(unittest.TestCase):
    def test_first_mound_of_a_photograph(self):
        photograph = Photograph(PIXELS, reading_of(MASK, None, 50.0, 200.0))
        mound, overlap, suns = first_mound_of(photograph, "Loaf", sun=(80.0, 20.0))
        self.assertGreater(overlap, 0.93)
        self.assertEqual(suns, [])
        self.assertEqual((mound.light.sun.azimuth, mound.light.sun.elevation), (80.0, 20.0))
        self.assertEqual(mound.references[0].reading, photograph.reading)
        top, base = mound.references[0].top, mound.references[0].base
        rows = np.flatnonzero(MASK.any(axis=1))
        np.testing.assert_allclose((top, base), (rows[0] / 200, (rows[-1] + 1) / 200), atol=1e-3)
        self.assertIsInstance(mound.references[0].reading, Reading)


if __name__ == "__main__":
    unittest.main()
