"""Mass: distance to ellipsoids, joining, the base level, and the bricks that hold it."""

import math
import unittest

import numpy as np
from pydantic import ValidationError
from scipy.ndimage import binary_closing, binary_dilation, distance_transform_edt
from scipy.optimize import brentq

from softmound.core.directions import rotation_matrix
from softmound.core.kernels import serial
from softmound.core.light.scene.camera import camera_of, fitted
from softmound.core.mass.at_point import distance_at
from softmound.core.mass.buds import grown
from softmound.core.mass.cells import first_cells
from softmound.core.mass.distance import band_of, box_of, distance_in
from softmound.core.mass.kinds.blob import Blob
from softmound.core.mass.outline import outline_of
from softmound.core.mass.pick import Picker
from softmound.core.mass.placing import hand_step, moved, sized
from softmound.core.mass.table import shape_of
from softmound.core.problems import OutOfLimits
from softmound.core.recipe import BaseLevel, Buds, Mass, TopLevel, View
from softmound.core.starts.heaps import heap
from softmound.core.volume.memory import BrickMemory
from tests.long import long
from tests.scenes import NO_BASE, lumpy_mound, voxels_of


def exact_distance(blob, point):
    """Signed distance to an ellipsoid by bracketing the root of its secular equation in float64."""
    radii = np.array(blob.radii)
    q = np.abs(rotation_matrix(blob.rotation).T @ (np.asarray(point) - blob.centre))
    q = np.maximum(q, 1e-9 * radii)

    def secular(t):
        return float(((radii * q / (t + radii**2)) ** 2).sum() - 1.0)

    low = -radii.min() ** 2 + 0.5 * radii.min() * q[radii.argmin()]
    t = brentq(secular, low, float(radii.max() * np.linalg.norm(q)) + 1.0, xtol=1e-12, rtol=1e-14)
    return math.copysign(np.linalg.norm(q - radii**2 * q / (t + radii**2)), t)


def all_distances(mass, voxel, low, high):
    """Distance at all voxels of a box of bricks, every blob considered everywhere."""
    shape = shape_of(mass, voxel, 50.0)
    cells = first_cells(np.asarray(low), np.asarray(high), 1, len(shape.table))
    return cells.coords, distance_in(shape, voxel, cells)


def points_of(coords, voxel):
    """World positions of the voxels of bricks."""
    return voxels_of(coords) * voxel


@serial
def _distance(x, y, z, rows):
    return distance_at(x, y, z, rows)[0]


class OneBlob(unittest.TestCase):
    def check(self, blob, voxel, tolerance):
        mass = Mass(forms=(blob,), melt=0.0, base=NO_BASE)
        band = band_of(mass, voxel, 3 * voxel, 3 * voxel)
        got = distance_in(shape_of(mass, voxel), voxel, band.cells)
        points = points_of(band.cells.coords, voxel).reshape(-1, 3)
        pick = np.random.default_rng(1).choice(len(points), 400, replace=False)
        expected = np.array([exact_distance(blob, p) for p in points[pick]])
        near = expected > -0.6 * min(blob.radii)
        error = np.abs(got.ravel()[pick] - expected)[near]
        self.assertLess(error.max(), tolerance * max(blob.radii))

    def test_ball_is_exact(self):
        blob = Blob(centre=(1.0, 2.0, -3.0), radii=(10.0, 10.0, 10.0))
        mass = Mass(forms=(blob,), melt=0.0, base=NO_BASE)
        band = band_of(mass, 0.5, 2.0, 2.0)
        got = distance_in(shape_of(mass, 0.5), 0.5, band.cells)
        expected = np.linalg.norm(points_of(band.cells.coords, 0.5) - blob.centre, axis=-1) - 10.0
        np.testing.assert_allclose(got, expected, atol=2e-5)

    def test_mild_ellipsoid(self):
        self.check(Blob(centre=(0.0, 0.0, 0.0), radii=(10.0, 8.0, 12.0)), 0.6, 5e-5)

    def test_turned_ellipsoid(self):
        self.check(Blob(centre=(4.0, 20.0, -6.0), radii=(12.0, 5.0, 7.0), rotation=(30.0, -40.0, 70.0)),
                   0.6, 1e-3)

    def test_flat_and_long_ellipsoids(self):
        self.check(Blob(radii=(30.0, 4.0, 25.0)), 1.2, 1e-3)
        self.check(Blob(radii=(3.0, 3.0, 30.0)), 1.0, 1e-3)

    def test_on_the_axes(self):
        blob = Blob(centre=(0.0, 0.0, 0.0), radii=(8.0, 6.0, 4.0))
        mass = Mass(forms=(blob,), melt=0.0, base=NO_BASE)
        coords, got = all_distances(mass, 1.0, (-2, -2, -2), (1, 1, 1))
        points = points_of(coords, 1.0)
        for axis, radius in enumerate(blob.radii):
            point = np.zeros(3)
            point[axis] = 12.0
            at = np.all(points == point, axis=-1)
            self.assertAlmostEqual(float(got[at][0]), 12.0 - radius, places=4)

    def test_volume_converges_to_the_formula(self):
        blob = Blob(centre=(0.3, 20.2, -0.1), radii=(10.0, 7.0, 8.0), rotation=(10.0, 20.0, 30.0))
        mass = Mass(forms=(blob,), melt=0.0, base=NO_BASE)
        exact = 4.0 / 3.0 * math.pi * 10.0 * 7.0 * 8.0
        errors = []
        for voxel in (1.0, 0.5):
            band = band_of(mass, voxel, voxel, voxel)
            distance = distance_in(shape_of(mass, voxel), voxel, band.cells)
            # A voxel counts by how far the surface is from its middle: second order in the voxel.
            share = np.clip(0.5 - distance / voxel, 0.0, 1.0)
            volume = (share.sum() + 512 * len(band.inside)) * voxel**3
            errors.append(abs(volume / exact - 1.0))
        self.assertLess(errors[0], 0.01)
        self.assertLess(errors[1], errors[0] / 2)

    def test_rotation_is_about_x_then_y_then_z(self):
        turned = rotation_matrix((90.0, 90.0, 0.0)) @ [0.0, 1.0, 0.0]
        np.testing.assert_allclose(turned, [1.0, 0.0, 0.0], atol=1e-12)
        matrix = rotation_matrix((12.0, -34.0, 56.0))
        np.testing.assert_allclose(matrix @ matrix.T, np.eye(3), atol=1e-12)
        self.assertAlmostEqual(np.linalg.det(matrix), 1.0)


class Joining(unittest.TestCase):
    def test_without_melt_it_is_the_minimum(self):
        blobs = lumpy_mound().mass.forms
        coords, got = all_distances(Mass(forms=blobs, melt=0.0, base=NO_BASE), 1.0, (-2, 0, -2), (2, 3, 2))
        each = [all_distances(Mass(forms=(b,), melt=0.0, base=NO_BASE), 1.0, (-2, 0, -2), (2, 3, 2))[1]
                for b in blobs]
        np.testing.assert_allclose(got, np.min(each, axis=0), atol=1e-5)

    def test_two_equal_balls_melt_by_a_quarter(self):
        blobs = (Blob(centre=(-6.0, 20.0, 0.0), radii=(8.0,) * 3), Blob(centre=(6.0, 20.0, 0.0), radii=(8.0,) * 3))
        melt = 4.0
        coords, got = all_distances(Mass(forms=blobs, melt=melt, base=NO_BASE), 1.0, (-1, 2, -1), (0, 3, 0))
        points = points_of(coords, 1.0)
        middle = np.abs(points[..., 0]) < 1e-9
        expected = np.hypot(np.hypot(6.0, points[middle][:, 1] - 20.0), points[middle][:, 2]) - 8.0 - melt / 4
        np.testing.assert_allclose(got[middle], expected, atol=1e-5)

    def test_away_from_the_seam_melt_changes_nothing(self):
        blobs = (Blob(centre=(-6.0, 20.0, 0.0), radii=(8.0,) * 3), Blob(centre=(6.0, 20.0, 0.0), radii=(8.0,) * 3))
        _, plain = all_distances(Mass(forms=blobs, melt=0.0, base=NO_BASE), 1.0, (-3, 1, -2), (2, 4, 1))
        coords, got = all_distances(Mass(forms=blobs, melt=3.0, base=NO_BASE), 1.0, (-3, 1, -2), (2, 4, 1))
        points = points_of(coords, 1.0)
        apart = np.abs(np.linalg.norm(points - blobs[0].centre, axis=-1)
                       - np.linalg.norm(points - blobs[1].centre, axis=-1)) > 3.0
        np.testing.assert_allclose(got[apart], plain[apart], atol=1e-5)
        self.assertTrue(np.all(got <= plain + 1e-5))

    def test_it_is_one_lipschitz(self):
        mass = lumpy_mound().mass.edited(base=NO_BASE)
        _, got = all_distances(mass, 0.5, (-2, 1, -1), (1, 3, 1))
        bricks = got.reshape(-1, 8, 8, 8)
        for axis in (1, 2, 3):
            self.assertLessEqual(np.abs(np.diff(bricks, axis=axis)).max(), 0.5 * (1 + 2e-2))


class Growing(unittest.TestCase):
    parent = Blob(centre=(3.0, 20.0, -1.0), radii=(10.0, 10.0, 10.0),
                  buds=Buds(generations=2, count=6, fewer_below=0.0, upward=0.0, seed=4))

    def test_count_size_and_place(self):
        blobs = grown(self.parent)
        self.assertEqual(len(blobs), 1 + 6 + 36)
        for bud in blobs[1:7]:
            self.assertAlmostEqual(math.dist(bud.centre, self.parent.centre), 9.2, places=6)
            self.assertTrue(4.3 * 0.8 <= bud.radii[0] <= 4.3 * 1.2)
        for n, bud in enumerate(blobs[7:]):
            mother = blobs[1 + n // 6]
            self.assertAlmostEqual(math.dist(bud.centre, mother.centre), 0.92 * mother.radii[0], places=6)

    def test_reproducible_and_following_the_seed(self):
        grown.cache_clear()
        first = grown(self.parent)
        grown.cache_clear()
        self.assertEqual(grown(self.parent), first)
        other = self.parent.edited(buds=self.parent.buds.edited(seed=5))
        self.assertNotEqual(grown(other), first)

    def test_buds_go_with_their_blob(self):
        moved_ = grown(self.parent.edited(centre=(13.0, 15.0, -1.0)))
        for bud, before in zip(moved_, grown(self.parent)):
            np.testing.assert_allclose(np.subtract(bud.centre, before.centre), (10.0, -5.0, 0.0), atol=1e-9)
        larger = grown(self.parent.edited(radii=(20.0, 20.0, 20.0)))
        for bud, before in zip(larger, grown(self.parent)):
            self.assertAlmostEqual(bud.radii[0], 2 * before.radii[0])

    def test_fewer_below_and_upward(self):
        many = self.parent.edited(buds=Buds(count=40, fewer_below=1.0, upward=0.0, seed=9))
        self.assertTrue(all(b.centre[1] >= 20.0 for b in grown(many)[1:]))
        heights = [np.mean([b.centre[1] for b in grown(many.edited(buds=Buds(
            count=40, fewer_below=0.0, upward=u, seed=9)))[1:]]) for u in (-0.8, 0.0, 0.8)]
        self.assertTrue(heights[0] < heights[1] < heights[2])

    def test_on_a_turned_ellipsoid_buds_sit_on_its_surface(self):
        blob = Blob(centre=(0.0, 0.0, 0.0), radii=(12.0, 5.0, 7.0), rotation=(20.0, 30.0, 40.0),
                    buds=Buds(count=20, reach=1.0, fewer_below=0.0))
        for bud in grown(blob)[1:]:
            self.assertAlmostEqual(exact_distance(blob, bud.centre), 0.0, places=5)

    def test_they_fill_space_as_if_placed_by_hand(self):
        mass = Mass(forms=(self.parent,), melt=1.0, base=NO_BASE)
        by_hand = mass.edited(forms=grown(self.parent)[:1] + tuple(
            b.edited(name=f"Bud {n}") for n, b in enumerate(grown(self.parent)[1:])))
        by_hand = by_hand.edited(forms=(self.parent.edited(buds=None),) + by_hand.forms[1:])
        band = band_of(mass, 0.6, 1.0, 1.0)
        np.testing.assert_array_equal(distance_in(shape_of(mass, 0.6), 0.6, band.cells),
                                      distance_in(shape_of(by_hand, 0.6), 0.6, band.cells))

    def test_too_many_are_refused(self):
        with self.assertRaises((ValidationError, OutOfLimits)) as caught:
            Mass(forms=(self.parent.edited(buds=Buds(generations=4, count=40)),))
        self.assertIn("generation", str(caught.exception))


class Roles(unittest.TestCase):
    def volume(self, *blobs, voxel=0.4, **fields):
        """Volume of a mass, each voxel counted by how far the surface is from its middle."""
        mass = Mass(forms=blobs, melt=0.0, base=NO_BASE, **fields)
        band = band_of(mass, voxel, 2 * voxel, 2 * voxel)
        distance = distance_in(shape_of(mass, voxel), voxel, band.cells)
        return (np.clip(0.5 - distance / voxel, 0.0, 1.0).sum(dtype=float) + 512 * len(band.inside)) * voxel**3

    def ball(self, radius, x=0.0, role="adds", **fields):
        return Blob(centre=(x, 0.0, 0.0), radii=(radius,) * 3, role=role, **fields)

    def test_union_difference_and_intersection_against_formulas(self):
        def whole(r):
            return 4 / 3 * math.pi * r**3
        # Two balls of radius 8, middles 6 apart, share two caps of height 5.
        lens = 2 * math.pi * 5.0**2 * (8.0 - 5.0 / 3)
        a, b = self.ball(8.0, -3.0), self.ball(8.0, 3.0)
        for got, exact in (
            (self.volume(a, b), 2 * whole(8.0) - lens),
            (self.volume(a, b.edited(role="carves")), whole(8.0) - lens),
            (self.volume(a, b.edited(role="keeps")), lens),
            (self.volume(self.ball(9.0), self.ball(5.0, role="carves")), whole(9.0) - whole(5.0)),
            (self.volume(self.ball(9.0), self.ball(5.0, role="keeps")), whole(5.0)),
        ):
            self.assertAlmostEqual(got / exact, 1.0, delta=0.01)

    def test_order_matters(self):
        a, hole, b = self.ball(8.0), self.ball(5.0, role="carves"), self.ball(3.0)
        self.assertGreater(self.volume(a, hole, b), self.volume(a, b, hole) * 1.05)

    def test_leaving_out_far_blobs_changes_nothing_within_the_band(self):
        dice = np.random.default_rng(4)
        blobs = tuple(
            blob.edited(role=("adds", "adds", "carves", "adds", "keeps")[n % 5] if n != 4 else "adds",
                        melt=float(dice.uniform(0.0, 4.0)) if n % 3 else None)
            for n, blob in enumerate(heap(9, 60.0, 5, generations=2, buds=3)))
        keep = Blob(name="All", centre=(0.0, 20.0, 0.0), radii=(40.0, 40.0, 40.0), role="keeps")
        blobs = tuple(b for b in blobs if b.role != "keeps") + (keep,)
        mass = Mass(forms=blobs, melt=3.0, base=BaseLevel(altitude=6.0))
        outward, inward = 2.0, 3.0
        band = band_of(mass, 0.8, outward, inward)
        got = distance_in(shape_of(mass, 0.8), 0.8, band.cells)
        count, rows = len(band.cells.coords), len(shape_of(mass).table)
        everywhere = type(band.cells)(
            1, band.cells.coords, np.zeros(count, np.int64), np.full(count, rows, np.int64),
            np.arange(rows, dtype=np.int32), band.cells.stamps)
        exact = distance_in(shape_of(mass, 0.8), 0.8, everywhere)
        self.assertLess(band.cells.counts.mean(), 0.8 * rows)
        near = (exact < outward) & (exact > -inward)
        np.testing.assert_allclose(got[near], exact[near], atol=1e-4)
        np.testing.assert_array_equal(got >= outward, exact >= outward)
        np.testing.assert_array_equal(got <= -inward, exact <= -inward)

    def test_a_hidden_blob_is_not_there(self):
        a, b = self.ball(8.0, -3.0), self.ball(8.0, 3.0)
        self.assertEqual(self.volume(a, b.edited(hidden=True)), self.volume(a))
        self.assertEqual(self.volume(a, self.ball(4.0, role="carves", hidden=True)), self.volume(a))
        self.assertIsNone(box_of(Mass(forms=(a.edited(hidden=True),))))

    def test_nothing_to_carve_is_nothing(self):
        for role in ("carves", "keeps"):
            self.assertIsNone(box_of(Mass(forms=(self.ball(5.0, role=role),))))

    def test_a_melt_of_its_own(self):
        a, b = self.ball(8.0, -6.0), self.ball(8.0, 6.0)
        plain = self.volume(a, b)
        own = self.volume(a, b.edited(melt=6.0))
        shared = Mass(forms=(a, b), melt=6.0, base=NO_BASE)
        band = band_of(shared, 0.4, 0.8, 0.8)
        self.assertGreater(own, plain * 1.005)
        mine = Mass(forms=(a, b.edited(melt=6.0)), melt=0.0, base=NO_BASE)
        np.testing.assert_array_equal(distance_in(shape_of(mine, 0.4), 0.4, band.cells),
                                      distance_in(shape_of(shared, 0.4), 0.4, band.cells))


class Bricks(unittest.TestCase):
    def test_leaving_out_far_blobs_changes_nothing(self):
        mass = Mass(forms=heap(9, 60.0, 5, generations=2, buds=4), melt=3.0,
                    base=BaseLevel(altitude=6.0, softness=2.0, raggedness=1.0, ragged_size=9.0))
        band = band_of(mass, 0.8, 2.0, 3.0)
        rows = len(shape_of(mass).table)
        self.assertGreater(rows, 30)
        self.assertLess(band.cells.counts.mean(), 0.7 * rows)
        got = distance_in(shape_of(mass, 0.8), 0.8, band.cells)
        count = len(band.cells.coords)
        everywhere = type(band.cells)(
            1, band.cells.coords, np.zeros(count, np.int64), np.full(count, rows, np.int64),
            np.arange(rows, dtype=np.int32), band.cells.stamps)
        np.testing.assert_allclose(got, distance_in(shape_of(mass, 0.8), 0.8, everywhere), atol=1e-5)

    def test_no_brick_with_surface_is_missed(self):
        mass = lumpy_mound().mass
        voxel = 0.9
        band = band_of(mass, voxel, 1.0, 1.5)
        kept = {tuple(c) for c in band.cells.coords.tolist()}
        inside = {tuple(c) for c in band.inside.tolist()}
        self.assertFalse(kept & inside)
        coords, distance = all_distances(mass, voxel, (-4, -1, -4), (4, 6, 4))
        for coord, values in zip(coords.tolist(), distance):
            if values.min() <= 1.0 and values.max() >= -1.5:
                self.assertIn(tuple(coord), kept)
            if tuple(coord) in inside:
                self.assertLess(values.max(), -1.5)
            elif tuple(coord) not in kept:
                self.assertGreater(values.min(), 1.0)

    def test_cost_follows_the_surface(self):
        mass = Mass(forms=(Blob(radii=(40.0,) * 3),), base=NO_BASE)
        counts = [len(band_of(mass, v, 2.0, 2.0).cells.coords) for v in (1.0, 0.5)]
        # A brick is kept when its middle lies within the band widened by half its diagonal.
        kept = [(4.0 + 3**0.5 * 8 * v) / (8 * v) ** 3 for v in (1.0, 0.5)]
        self.assertAlmostEqual(counts[1] / counts[0], kept[1] / kept[0], delta=0.25)

    def test_bricks_are_sorted_and_unique(self):
        coords = band_of(lumpy_mound().mass, 0.7, 1.0, 1.0).cells.coords
        as_tuples = [tuple(c) for c in coords.tolist()]
        self.assertEqual(as_tuples, sorted(set(as_tuples)))

    def test_nothing_gives_nothing(self):
        for mass in (Mass(), Mass(forms=(Blob(centre=(0.0, -50.0, 0.0), radii=(5.0,) * 3),))):
            self.assertIsNone(box_of(mass))
            band = band_of(mass, 1.0, 1.0, 1.0)
            self.assertEqual(len(band.cells.coords), 0)
            self.assertEqual(distance_in(shape_of(mass, 1.0), 1.0, band.cells).shape, (0, 512))

    def test_the_box_holds_the_surface(self):
        mass = lumpy_mound().mass
        low, high = box_of(mass)
        coords, distance = all_distances(mass, 1.0, (-5, -2, -5), (5, 6, 5))
        inside = points_of(coords, 1.0)[distance <= 0.0]
        self.assertTrue(np.all(inside >= low) and np.all(inside <= high))

    def test_the_box_of_a_turned_ellipsoid_is_tight(self):
        mass = Mass(forms=(Blob(centre=(0, 0, 0), radii=(10.0, 1.0, 1.0), rotation=(0.0, 0.0, 45.0)),),
                    melt=0.0, base=NO_BASE)
        low, high = box_of(mass)
        reach = math.sqrt((10.0**2 + 1.0) / 2)
        np.testing.assert_allclose(high, (reach, reach, 1.0), rtol=1e-5)
        np.testing.assert_allclose(low, -high, rtol=1e-5)

    def test_remembered_bricks_equal_fresh_ones(self):
        mass = lumpy_mound().mass
        memory = BrickMemory()
        for step in range(4):
            blob = mass.forms[2].edited(centre=(1.0 + step, 24.0 - step, 0.0))
            now = mass.edited(forms=(*mass.forms[:2], blob))
            band = band_of(now, 0.8, 2.0, 2.0)
            np.testing.assert_array_equal(distance_in(shape_of(now, 0.8), 0.8, band.cells, memory=memory),
                                          distance_in(shape_of(now, 0.8), 0.8, band.cells))


class Base(unittest.TestCase):
    def distance(self, **changes):
        base = BaseLevel(altitude=10.0, softness=0.0, raggedness=0.0).edited(**changes)
        mass = Mass(forms=(Blob(centre=(0.0, 12.0, 0.0), radii=(12.0,) * 3),), melt=0.0, base=base)
        coords, got = all_distances(mass, 1.0, (-2, 0, -2), (1, 3, 1))
        return points_of(coords, 1.0), got

    def test_a_hard_level_cuts_at_its_altitude(self):
        points, got = self.distance()
        ball = np.linalg.norm(points - (0.0, 12.0, 0.0), axis=-1) - 12.0
        np.testing.assert_allclose(got, np.maximum(ball, 10.0 - points[..., 1]), atol=1e-4)

    def test_nothing_is_left_below(self):
        for softness in (0.0, 3.0, 8.0):
            points, got = self.distance(softness=softness)
            self.assertTrue(np.all(got[points[..., 1] < 10.0] > 0.0))

    def test_softness_presses_together_what_is_near_and_below(self):
        # Above the softness nothing changes; within it heights stand for lower ones, and the more so
        # the softer the level is: a sphere's foot spreads, monotone in the softness.
        points, hard = self.distance()
        ball = np.linalg.norm(points - (0.0, 12.0, 0.0), axis=-1) - 12.0
        foot = []
        for softness in (1.0, 4.0, 9.0):
            points, soft = self.distance(softness=softness)
            above = (points[..., 1] >= 10.0 + softness) & (ball > 10.0 - points[..., 1] + softness)
            np.testing.assert_allclose(soft[above], ball[above], atol=1e-4)
            share = np.clip((10.0 + softness - points[..., 1]) / softness, 0.0, 1.0)
            lower = points[..., 1] - softness * 0.5 * share**2
            pressed_ = np.sqrt(points[..., 0]**2 + (lower - 12.0)**2 + points[..., 2]**2) - 12.0
            expected = np.maximum(pressed_, 10.0 - points[..., 1])
            self.assertTrue(np.all(soft >= expected - 1e-4))
            self.assertLessEqual((soft - expected).max(), softness / 4 + 1e-4)
            foot.append(np.clip(0.5 - soft, 0.0, 1.0)[points[..., 1] > 10.0].sum())
        plain = np.clip(0.5 - hard, 0.0, 1.0)[points[..., 1] > 10.0].sum()
        self.assertTrue(plain > foot[0] > foot[1] > foot[2] > 0.8 * plain, (plain, foot))

    def test_raggedness_stays_within_its_amplitude(self):
        _, flat = self.distance()
        points, ragged = self.distance(raggedness=2.0, ragged_size=5.0, seed=8)
        self.assertLessEqual(np.abs(ragged - flat).max(), 2.0 + 1e-4)
        self.assertGreater(np.abs(ragged - flat).max(), 0.3)
        # It goes up and down over the plan, not over the height.
        under = (points[..., 1] == 2.0)
        self.assertGreater(np.std(ragged[under]), 0.1)

    def test_off_means_off(self):
        _, off = self.distance(on=False)
        points, _ = self.distance()
        np.testing.assert_allclose(off, np.linalg.norm(points - (0.0, 12.0, 0.0), axis=-1) - 12.0, atol=1e-4)


class Fill(unittest.TestCase):
    """Eight balls in two rows, 60 m apart one way and 50 m the other, cut at the level near their middles."""

    def shape(self, fill, **changes):
        forms = tuple(Blob(centre=(60.0 * n, 12.0, 50.0 * k), radii=(25.0,) * 3) for n in range(4) for k in range(2))
        base = BaseLevel(altitude=0.0, softness=0.0, raggedness=0.0, fill=fill).edited(**changes)
        return Mass(forms=forms, melt=0.0, base=base)

    def covered(self, mass):
        """Whether a place three metres above the level is inside, every two metres."""
        shape = shape_of(mass, 1.0, 5.0)
        x, z = np.meshgrid(np.arange(-40.0, 221.0, 2.0), np.arange(-40.0, 91.0, 2.0), indexing="ij")
        out = np.empty(x.shape, np.float32)
        for n in np.ndindex(x.shape):
            out[n] = _distance(np.float32(x[n]), np.float32(3.0), np.float32(z[n]), shape.rows)
        return x, z, out < 0.0

    @long
    def test_gaps_narrower_than_it_close_and_nothing_else(self):
        x, z, before = self.covered(self.shape(0.0))
        _, _, after = self.covered(self.shape(45.0))
        self.assertTrue(after[before].all())
        # By a second method: what SciPy's closing of the same outline by a disc adds.
        disc = np.hypot(*np.meshgrid(np.arange(-22.5, 23.0, 1.5), np.arange(-22.5, 23.0, 1.5))) <= 22.5
        fine = np.hypot(np.arange(-60.0, 241.0, 1.5)[:, None, None, None] - 60.0 * np.arange(4)[None, None, :, None],
                        np.arange(-60.0, 111.0, 1.5)[None, :, None, None] - 50.0 * np.arange(2)) < math.sqrt(25.0**2 - 12.0**2)
        closed = binary_closing(fine.any(axis=(2, 3)), disc)
        wanted = closed[((x + 60.0) / 1.5).round().astype(int), ((z + 60.0) / 1.5).round().astype(int)]
        deep = distance_transform_edt(wanted, 2.0) > 6.0
        self.assertGreater((after & deep).sum(), 0.97 * deep.sum())
        self.assertFalse((after & ~binary_dilation(wanted, iterations=2) & ~before).any())
        self.assertGreater(after.sum(), 1.3 * before.sum())

    def test_its_box_bricks_and_picking_are_as_before(self):
        filled, open_ = self.shape(45.0), self.shape(0.0)
        np.testing.assert_array_equal(box_of(filled), box_of(open_))
        self.assertEqual(Picker(filled).hit((0.0, 300.0, 0.0), (0.0, -1.0, 0.0)).number, 0)
        self.assertEqual(len(shape_of(self.shape(45.0, on=False)).table), 8)

    def test_a_form_fills_between_its_own_lumps(self):
        buds = Buds(count=9, generations=1, shrink=0.5, upward=0.0)
        blob = Blob(centre=(0.0, 20.0, 0.0), radii=(20.0,) * 3, buds=buds, base=BaseLevel(altitude=12.0, fill=30.0))
        mass = Mass(forms=(blob, Blob(centre=(200.0, 20.0, 0.0))), base=NO_BASE)
        rows = shape_of(mass).table
        open_ = mass.edited(forms=(blob.edited(base=blob.base.edited(fill=0.0)), mass.forms[1]))
        more = [int((table[:, 20] == 0.0).sum()) for table in (rows, shape_of(open_).table)]
        self.assertGreater(more[0], more[1] + 5)
        # They belong to the form, before the next one begins, and stand at its level.
        self.assertTrue(np.all(rows[more[1] : more[0], 1] == 12.0))


class Top(unittest.TestCase):
    ball = Blob(centre=(0.0, 12.0, 0.0), radii=(12.0,) * 3)

    def distance(self, **changes):
        top = TopLevel(on=True, altitude=15.0, softness=0.0, raggedness=0.0).edited(**changes)
        mass = Mass(forms=(self.ball,), melt=0.0, base=NO_BASE, top=top)
        coords, got = all_distances(mass, 1.0, (-2, 0, -2), (1, 3, 1))
        return points_of(coords, 1.0), got

    def test_a_hard_level_cuts_at_its_altitude(self):
        points, got = self.distance()
        ball = np.linalg.norm(points - (0.0, 12.0, 0.0), axis=-1) - 12.0
        np.testing.assert_allclose(got, np.maximum(ball, points[..., 1] - 15.0), atol=1e-4)

    def test_off_by_default_and_off_means_off(self):
        self.assertFalse(Mass().top.on)
        points, got = self.distance(on=False)
        np.testing.assert_allclose(got, np.linalg.norm(points - (0.0, 12.0, 0.0), axis=-1) - 12.0, atol=1e-4)

    def test_it_is_the_base_level_upside_down(self):
        below = Mass(forms=(Blob(centre=(0.0, 0.5, 0.0), radii=(9.0,) * 3),), melt=0.0,
                     base=BaseLevel(altitude=-3.5, softness=3.0, raggedness=0.0))
        above = below.edited(base=NO_BASE, forms=(Blob(centre=(0.0, -1.5, 0.0), radii=(9.0,) * 3),),
                             top=TopLevel(on=True, altitude=2.5, softness=3.0, raggedness=0.0))
        # The lattice turned over about y = -0.5: voxel j becomes -1 - j.
        got = [all_distances(m, 1.0, (-2, -2, -2), (1, 1, 1))[1].reshape(4, 4, 4, 8, 8, 8) for m in (below, above)]
        np.testing.assert_allclose(got[1][:, ::-1, :, :, ::-1, :], got[0], atol=1e-4)

    def test_bricks_and_box_know_it(self):
        mass = Mass(forms=(self.ball,), melt=0.0, base=NO_BASE,
                    top=TopLevel(on=True, altitude=15.0, softness=2.0, raggedness=1.0))
        self.assertAlmostEqual(box_of(mass)[1][1], 16.0, places=3)
        kept = {tuple(c) for c in band_of(mass, 0.5, 1.0, 1.0).cells.coords.tolist()}
        coords, distance = all_distances(mass, 0.5, (-4, -1, -4), (3, 6, 3))
        for coord, values in zip(coords.tolist(), distance):
            if values.min() <= 1.0 and values.max() >= -1.0:
                self.assertIn(tuple(coord), kept)
        self.assertIsNone(box_of(mass.edited(top=TopLevel(on=True, altitude=-30.0))))


class InThePicture(unittest.TestCase):
    def setUp(self):
        self.mass = lumpy_mound().mass
        self.blobs = self.mass.forms
        view = fitted(View(azimuth=25.0, elevation=12.0), (-20, 5, -12), (18, 30, 12), 600, 400)
        self.camera = camera_of(view, 600, 400)

    def test_a_ray_hits_what_marching_finds(self):
        dice = np.random.default_rng(6)
        hits = 0
        picker = Picker(self.mass.edited(melt=0.0, base=NO_BASE))
        for _ in range(60):
            ray = self.camera.ray(dice.uniform(150, 450), dice.uniform(80, 320))
            got = picker.hit(self.camera.eye, ray)
            along = np.linspace(0.0, 300.0, 6001)
            points = self.camera.eye + along[:, None] * ray
            inside = []
            for blob in self.blobs:
                own = (points - blob.centre) @ rotation_matrix(blob.rotation) / np.array(blob.radii)
                where = np.flatnonzero((own**2).sum(axis=1) <= 1.0)
                inside.append(along[where[0]] if len(where) else np.inf)
            if got is None:
                self.assertTrue(np.all(np.isinf(inside)))
            else:
                hits += 1
                self.assertAlmostEqual(got.along, min(inside), delta=0.12)
                self.assertEqual(got.number, int(np.argmin(inside)))
        self.assertGreater(hits, 20)

    def test_outline_parts_hits_from_misses(self):
        for blob in self.blobs:
            outline = outline_of(blob, self.camera)
            middle = outline.mean(axis=0)
            for point in outline[::6]:
                inside = middle + (point - middle) * 0.98
                outside = middle + (point - middle) * 1.02
                alone = Picker(Mass(forms=(blob,), melt=0.0, base=NO_BASE))
                self.assertIsNotNone(alone.hit(self.camera.eye, self.camera.ray(*inside)))
                self.assertIsNone(alone.hit(self.camera.eye, self.camera.ray(*outside)))

    def test_no_outline_from_inside(self):
        view = View(target=self.blobs[0].centre, distance=0.5)
        self.assertIsNone(outline_of(self.blobs[0], camera_of(view, 600, 400)))

    def test_a_moved_blob_follows_the_hand(self):
        blob = self.blobs[1]
        before = self.camera.pixel(blob.centre)
        after = self.camera.pixel(moved(blob, hand_step(self.camera, blob.centre, 40.0, -25.0)).centre)
        self.assertAlmostEqual(after[0] - before[0], 40.0, delta=0.01)
        self.assertAlmostEqual(after[1] - before[1], -25.0, delta=0.01)

    def test_resizing_stays_within_limits(self):
        self.assertEqual(sized(self.blobs[1], 2.0).radii, (18.0, 24.0, 14.0))
        self.assertEqual(min(sized(self.blobs[1], 1e-9).radii), 0.001)


if __name__ == "__main__":
    unittest.main()
