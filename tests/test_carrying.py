"""Pictures that follow the camera: against geometry worked out by NumPy, and against pictures marched from where it went."""

import time
import unittest
from unittest import mock

import numpy as np
from PyQt6.QtCore import Qt

from softmound.core.engine.carrier import MOST, Carrier, carried_to
from softmound.core.engine.painter import Answer, Painter, Request
from softmound.core.engine.stages import PASSES
from softmound.core.light.marching.march import AWAY, LAYERS, OPACITY
from softmound.core.light.picture.carrying import away_of, carried
from softmound.core.light.scene.camera import camera_of, turned
from softmound.core.recipe import Mound, View
from tests.desk import DeskTest
from tests.long import long
from tests.scenes import ball_mound

WIDE, HIGH = 240, 150


def ball_seen(camera, centre, radius, bright):
    """What a camera sees of a ball with a pattern on it, by the formula for a ray and a sphere: pixels and distances."""
    x, y = np.meshgrid(np.arange(camera.width) + 0.5, np.arange(camera.height) + 0.5)
    rays = (camera.forward + ((x - camera.width / 2) * camera.spread)[..., None] * camera.right
            - ((y - camera.height / 2) * camera.spread)[..., None] * camera.up)
    rays /= np.linalg.norm(rays, axis=-1, keepdims=True)
    to = centre - camera.eye
    along = rays @ to
    inside = radius**2 - (to @ to - along**2)
    hit = inside > 0
    away = np.where(hit, along - np.sqrt(np.maximum(inside, 0)), 0)
    points = camera.eye + rays * away[..., None]
    colours = np.where(hit[..., None], bright((points - centre) / radius), 0.2 + 0.3 * rays[..., 1:2])
    pixels = np.concatenate([np.broadcast_to(colours, (*colours.shape[:2], 3)), hit[..., None]], axis=-1)
    return (255 * np.clip(pixels, 0, 1) + 0.5).astype(np.uint8), away.astype(np.float32)


def waves(normals):
    """A smooth pattern on a ball."""
    return (0.5 + 0.2 * np.sin(9 * normals[..., :1]) + 0.2 * np.sin(7 * normals[..., 1:2] + 1))


class OfABall(unittest.TestCase):
    """A ball seen by one formula from both cameras."""

    def setUp(self):
        self.view = View(target=(0, 40, 0), distance=200, azimuth=20, elevation=5)
        self.was = camera_of(self.view, WIDE, HIGH)
        self.centre = np.array([0.0, 40.0, 0.0])
        self.pixels, self.away = ball_seen(self.was, self.centre, 40.0, waves)

    def off(self, view, **changes):
        """Mean differences from the truth: of the picture carried, and of the one left as it was."""
        now = camera_of(view, WIDE, HIGH)
        truth, _ = ball_seen(now, self.centre, 40.0, waves)
        found = carried(self.pixels, self.away, self.was, now, **changes)
        return (np.abs(found[..., :3].astype(float) - truth[..., :3]).mean(),
                np.abs(self.pixels[..., :3].astype(float) - truth[..., :3]).mean(), found, truth)

    def test_the_same_camera_changes_nothing(self):
        found = carried(self.pixels, self.away, self.was, self.was)
        self.assertLessEqual(np.abs(found.astype(int) - self.pixels).max(), 1)

    def test_a_turn_is_followed(self):
        for dx, dy in ((10, 0), (-20, 4), (0, 12)):
            moved, left, found, truth = self.off(turned(self.view, dx, dy))
            self.assertLess(moved, left / 4, (dx, dy))
            self.assertGreater(((found[..., 3] > 127) == (truth[..., 3] > 127)).mean(), 0.985)

    def test_an_approach_is_followed(self):
        moved, left, found, truth = self.off(self.view.edited(distance=150))
        self.assertLess(moved, left / 8)
        self.assertAlmostEqual((found[..., 3] > 127).mean(), (truth[..., 3] > 127).mean(), delta=0.01)

    def test_the_sky_behind_stays_where_it_is(self):
        # Far from the ball there is only sky, a slope of brightness by direction.
        moved, _, found, truth = self.off(turned(self.view, 0, 20))
        sky = (truth[..., 3] == 0) & (found[..., 3] == 0)
        self.assertLess(np.abs(found[sky].astype(int) - truth[sky]).mean(), 3)

    def test_where_the_ball_stood_there_is_sky(self):
        now = camera_of(self.view.edited(target=(30, 40, 0)), WIDE, HIGH)
        truth, _ = ball_seen(now, self.centre, 40.0, waves)
        found = carried(self.pixels, self.away, self.was, now)
        self.assertGreater(((found[..., 3] > 127) == (truth[..., 3] > 127)).mean(), 0.98)

    def test_coarser_pictures_lie_at_the_same_places(self):
        coarse = carried(self.pixels, self.away, self.was, self.was, (1, 4))
        self.assertEqual(coarse.shape, (38, 60, 4))
        blocks = self.pixels[:148, :240].reshape(37, 4, 60, 4, 4).mean(axis=(1, 3))
        self.assertLess(np.abs(coarse[:37, :, :3] - blocks[..., :3]).mean(), 3)

    def test_all_sky(self):
        found = carried(self.pixels, np.zeros_like(self.away), self.was, self.was)
        self.assertTrue((found[..., :3] == self.pixels[..., :3]).all())

    def test_far_from_where_it_was_nothing_breaks(self):
        for view in (self.view.edited(azimuth=-160), self.view.edited(target=(0, 40, 40_000), distance=1),
                     self.view.edited(elevation=-89, focal=300), self.view.edited(distance=0.1)):
            self.assertEqual(carried(self.pixels, self.away, self.was, camera_of(view, WIDE, HIGH)).shape, (HIGH, WIDE, 4))


class Distances(unittest.TestCase):
    def test_of_layers(self):
        layers = np.zeros((1, 3, LAYERS), np.float32)
        layers[0, :, OPACITY], layers[0, :, AWAY] = (1.0, 0.5, 0.001), (80.0, 45.0, 0.1)
        self.assertEqual(away_of(layers)[0].tolist(), [80.0, 90.0, 0.0])
        self.assertEqual(away_of(layers, 200.0)[0].tolist(), [200.0, 200.0, 0.0])


class OfAPainter(unittest.TestCase):
    """A cloud carried along beside the same cloud marched from there."""

    def marched(self, mound):
        answers = []
        painter = Painter(answers.append)
        painter.sharpens = False
        painter.ask(Request(1, mound, WIDE, HIGH))
        while not painter.idle:
            time.sleep(0.01)
        painter.close()
        return next(answer for answer in answers if answer.passes == PASSES)

    @long
    def test_a_turn_comes_near_what_is_marched(self):
        mound = ball_mound(30.0, 3.0).edited(view=View(target=(0, 20, 0), distance=150, azimuth=30, elevation=8))
        view = turned(mound.view, 16, 5)
        begun, truth = self.marched(mound), self.marched(mound.edited(view=view)).pixels[..., :3].astype(float)
        found = carried_to(begun, view)
        self.assertEqual((found.stride, found.pixels.shape), (1, (HIGH, WIDE, 4)))
        cloud = begun.away > 0
        self.assertLess(np.abs(found.pixels[..., :3] - truth)[cloud].mean(), 0.02 * 255)

    def test_large_pictures_are_carried_coarser(self):
        mound, shape = Mound(), (1000, 1600)
        answer = Answer(Request(1, mound, 1600, 1000), np.zeros((*shape, 4), np.uint8), 1, 1, None, 0.0,
                        away=np.zeros(shape, np.float32))
        found = carried_to(answer, mound.view)
        self.assertEqual(found.stride, 3)
        self.assertLessEqual(found.pixels.shape[0] * found.pixels.shape[1], MOST)

    def test_the_thread_carries_to_the_newest_view_and_ends(self):
        came = []
        carrier = Carrier(came.append)
        mound = Mound()
        answer = Answer(Request(1, mound, 40, 30), np.zeros((30, 40, 4), np.uint8), 1, 1, None, 0.0,
                        away=np.zeros((30, 40), np.float32))
        last = mound.view.edited(azimuth=77)
        for azimuth in (1, 2, 3, 77):
            carrier.ask(answer, mound.view.edited(azimuth=azimuth))
        while not carrier.idle:
            time.sleep(0.001)
        carrier.close()
        self.assertEqual(came[-1].view, last)
        self.assertFalse(carrier._thread.is_alive())


class OnTheDesk(DeskTest):
    def seen(self):
        """The picture as an array of one size, whatever its stride."""
        image = self.window.picture.image.scaled(160, 100, transformMode=Qt.TransformationMode.SmoothTransformation)
        bits = image.constBits()
        bits.setsize(image.sizeInBytes())
        return np.frombuffer(bits, np.uint8).reshape(100, 160, 4)[..., :3].astype(float)

    def test_the_picture_follows_the_view_before_the_next_one_is_there(self):
        window = self.window
        window.document.open(ball_mound(30.0, 3.0))
        window.looking.fit()
        self.rest()
        before, painter = self.seen(), window.looking.painter
        with mock.patch.object(painter, "ask"):  # a march that takes long
            view = window.document.mound.view
            window.station.look(view.edited(target=(view.target[0], view.target[1] + 12.0, view.target[2])), True)
            self.until(lambda: window.looking.carrier.idle)
            self.application.processEvents()
            followed = self.seen()
        window.looking.ask(False)
        self.rest()
        truth = self.seen()
        self.assertLess(np.abs(followed - truth).mean(), 0.25 * np.abs(before - truth).mean())
