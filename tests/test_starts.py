"""Starts: what they are made of, what can be asked of them, how they look; lumps that stand on lumps."""

import io
import json
import pathlib
import random
import tempfile
import unittest
from contextlib import redirect_stderr, redirect_stdout
from unittest import mock

import numpy as np
from scipy.ndimage import binary_erosion

from bench.look import facing_down
from softmound.cli import main
from softmound.core.engine import fineness, start_sheet
from softmound.core.engine.density import bounds_of, density_grid, span_of, surface_triangles
from softmound.core.engine.fineness import SHARE, finer_voxels, picture_voxel, sharper_voxels
from softmound.core.engine.forecast import forecast
from softmound.core.engine.stages import Stages
from softmound.core.engine.start_sheet import PADDING, sheet_of_starts, start_picture
from softmound.core.exchange.png import png_of
from softmound.core.grain.actions.push import FINEST, Push
from softmound.core.grain.surface import pushed
from softmound.core.light.scene.camera import camera_of
from softmound.core.mass.kinds.blob import Blob
from softmound.core.mass.kinds.mesh import Mesh
from softmound.core.mass.kinds.solid import Solid
from softmound.core.noise.sums import mean_of, noise_bricks
from softmound.core.recipe import Arrays, BaseLevel, Curve, Mass, Mound, Noise, Problem, mound_json, parse_mound, read_mound
from softmound.core.recipe.forms import MOST_DABBED
from softmound.core.starts.growth import grown, turret
from softmound.core.starts.heaps import heap
from softmound.core.starts.looks_as import NATURAL, extinction_for, looks_as_large_as
from softmound.core.starts.modelled import start_from_form
from softmound.core.starts.species import RANGES, STARTS, start
from softmound.core.starts.wish import Wish, lumps
from softmound.core.volume.bricks import LANES, SIDE
from tests.long import long

VOXEL = 1.0


def ball(push, radius=40.0):
    """A ball with one grain."""
    return Mound(mass=Mass(forms=(Blob(centre=(0.0, 0.0, 0.0), radii=(radius,) * 3),), base=BaseLevel(on=False)), grains=(push,))


def volume(mound, voxel):
    """Cubic metres of density 1 that would hold as much."""
    grid = density_grid(mound, voxel)
    return (grid.values.sum() + LANES * grid.tile_values.sum()) * voxel**3


class Standing(unittest.TestCase):
    def test_its_octaves_add_up_to_its_strength_each_finer_than_the_last(self):
        push = Push(feature=20.0, strength=8.0, octaves=4, gain=0.5, lacunarity=2.0, standing=True)
        parts = push.stages
        self.assertAlmostEqual(sum(strength for _, strength in parts), 8.0)
        self.assertEqual([noise.feature for noise, _ in parts], [20.0, 10.0, 5.0, 2.5])
        self.assertEqual(len({noise.seed for noise, _ in parts}), 4)
        self.assertEqual(push.reach, push.edited(standing=False).reach)

    def test_one_octave_is_a_push_that_is_read_at_the_surface(self):
        push = Push(feature=9.0, strength=3.0, octaves=1, standing=True)
        coords = np.stack(np.meshgrid(*[np.arange(-3, 3)] * 3, indexing="ij"), -1).reshape(-1, 3).astype(np.int32)
        lane = np.arange(LANES)
        within = np.stack([lane >> 6, (lane >> 3) & 7, lane & 7], -1)
        distance = (np.linalg.norm(coords[:, None] * SIDE + within, axis=-1) - 15.0).astype(np.float32)
        np.testing.assert_allclose(pushed(distance, coords, VOXEL, (push,)),
                                   pushed(distance, coords, VOXEL, (push.edited(standing=False, at_surface=1.0),)), atol=1e-5)

    def test_octaves_finer_than_the_voxels_only_move_the_surface_as_they_would_on_average(self):
        fine = Push(feature=8.0, strength=2.0, octaves=6, standing=True)
        self.assertLess(fine.stages[3][0].feature, FINEST * VOXEL)
        only = fine.edited(octaves=3, strength=sum(strength for _, strength in fine.stages[:3]))
        # Signed noise is nothing on average.
        moved = density_grid(ball(fine), VOXEL).values.sum()
        self.assertAlmostEqual(density_grid(ball(only), VOXEL).values.sum() / moved, 1.0, delta=1e-4)

    def test_a_cloud_is_as_large_at_every_voxel(self):
        mound = ball(Push(kind="cellular", direction="inward", feature=18.0, strength=12.0, octaves=6, gain=0.64, standing=True))
        volumes = [volume(mound, voxel) for voxel in (4.0, 2.0, 1.0)]
        self.assertAlmostEqual(volumes[0] / volumes[2], 1.0, delta=0.08)
        self.assertAlmostEqual(volumes[1] / volumes[2], 1.0, delta=0.03)

    def test_so_is_one_of_any_noise_through_any_curve(self):
        push = Push(direction="inward", feature=14.0, strength=9.0, octaves=5, gain=0.7, standing=True)
        for changes in ({"summed": "ridged"}, {"summed": "domed"}, {"kind": "cellular", "cell": "f2-f1", "inverted": True},
                        {"summed": "folded", "contrast": Curve(points=((0.0, 0.8), (1.0, 1.0)))}, {}):
            mound = ball(push.edited(**changes))
            self.assertAlmostEqual(volume(mound, 2.5) / volume(mound, 1.25), 1.0, delta=0.05, msg=str(changes))

    def test_what_is_balanced_stays_as_large_and_within_its_reach(self):
        plain, bare = volume(ball(Push(on=False)), VOXEL), 40.0
        for changes in ({"direction": "inward", "kind": "cellular", "standing": True}, {"direction": "outward", "summed": "ridged"},
                        {"direction": "inward"}, {"kind": "cellular", "cell": "f2-f1", "goes_on": True, "standing": True},
                        {"summed": "folded"}, {}, {"contrast": Curve(points=((0.0, 0.3), (1.0, 1.0)))}):
            push = Push(feature=12.0, strength=9.0, octaves=3, **changes)
            kept = push.edited(balanced=True)
            with self.subTest(changes):
                self.assertAlmostEqual(volume(ball(kept), VOXEL) / plain, 1.0, delta=0.04)
                self.assertEqual(kept.mean, 0.0)
                out, inward = kept.reach
                away = np.linalg.norm(surface_triangles(ball(kept), VOXEL)[0], axis=1)
                self.assertLess(away.max() - bare, out + VOXEL)
                self.assertLess(bare - away.min(), inward + VOXEL)
                # What is pushed one way only is not: it takes or gives what its mean says.
                if not push.signed or push.direction != "both":
                    moved = (volume(ball(push), VOXEL) / plain) ** (1.0 / 3.0) * bare - bare
                    self.assertAlmostEqual(moved / push.mean, 1.0, delta=0.2)

    def test_means_are_those_of_the_noise_over_bricks(self):
        coords = np.stack(np.meshgrid(*[np.arange(-12, 12)] * 3, indexing="ij"), -1).reshape(-1, 3).astype(np.int32)
        for noise in (Noise(feature=5.0), Noise(feature=5.0, summed="folded"), Noise(feature=5.0, summed="ridged", octaves=1),
                      Noise(feature=5.0, kind="cellular"), Noise(feature=5.0, kind="value", summed="domed", inverted=True)):
            all_over = noise_bricks(coords, 1.7, noise, np.empty((len(coords), LANES), np.float32)).mean(dtype=np.float64)
            self.assertAlmostEqual(mean_of(noise), all_over, delta=0.01, msg=str(noise))

    def test_more_than_twice_as_much_of_the_upper_half_faces_down(self):
        # A heap puffed by one folded Push read at the voxel, as clouds were made before, beside the lumps of starts.
        cauliflower = Mound(mass=Mass(forms=heap(9, 300.0, 3, generations=3, buds=7), melt=5.0, base=BaseLevel(altitude=8.0)))
        folded = Push(feature=33.0, strength=16.0, octaves=6, summed="folded", gain=0.62, weaker_below=0.35)
        before = facing_down(cauliflower.edited(grains=(folded,)))
        after = facing_down(cauliflower.edited(grains=lumps(Wish())[:1]))
        self.assertGreater(after, 2.0 * before)

    def test_there_is_no_seam_where_bricks_meet(self):
        """Slopes at the faces of bricks are as true as within: along a face the surface is no rougher than elsewhere."""
        push = Push(feature=16.0, strength=5.0, octaves=3, standing=True)
        vertices, _ = surface_triangles(ball(push), VOXEL)
        away = np.linalg.norm(vertices, axis=1)
        near = np.abs(vertices / SIDE - np.round(vertices / SIDE)).min(axis=1) < 0.08
        self.assertAlmostEqual(away[near].mean() / away[~near].mean(), 1.0, delta=0.004)
        self.assertAlmostEqual(away[near].std() / away[~near].std(), 1.0, delta=0.1)


class Starts(unittest.TestCase):
    def test_every_one_is_of_its_proportions_and_a_cloud(self):
        tall = {}
        for species, kind in STARTS.items():
            mound = start(species, "Any", 200.0)
            low, high = bounds_of(mound)
            tall[species] = (high - low)[1] / max((high - low)[[0, 2]])
            self.assertLess(sum(1 for _ in mound.mass.forms), 200)
            grid = density_grid(mound, float((high - low).max()) / 48)
            self.assertGreater(grid.active_voxels(), 500, species)
            self.assertTrue(kind.sentence)
        self.assertLess(tall["deck slab"], tall["humilis"])
        self.assertLess(tall["humilis"], tall["mediocris"])
        self.assertLess(tall["mediocris"], tall["congestus"])

    def test_what_is_asked_for_is_so(self):
        def highest(**asked):
            return max(b.centre[1] + b.radii[1] for b in start("congestus", "x", **asked).mass.forms)

        self.assertAlmostEqual(highest(height=1.6) / highest(height=0.8), 2.0, delta=0.25)
        tops = [max(start("congestus", "x", lean=lean).mass.forms, key=lambda b: b.centre[1]).centre[0]
                for lean in (-0.5, 0.0, 0.5)]
        self.assertLess(tops[0], tops[1] - 60.0)
        self.assertGreater(tops[2], tops[1] + 60.0)
        names = {b.name.split(".")[0] for b in start("mediocris", "x", turrets=5).mass.forms}
        self.assertEqual(len(names), 6)  # and the body
        crisp, tired = (start("mediocris", "x", tired=t) for t in (0.0, 1.0))
        buds = [sum(blob.buds.count for blob in mound.mass.forms if blob.buds) for mound in (crisp, tired)]
        self.assertGreater(*buds)
        self.assertLess(crisp.grains[1].depth, tired.grains[1].depth)
        self.assertNotEqual(start("humilis", "x", seed=1), start("humilis", "x", seed=2))

    def test_ice_lies_downwind_of_what_it_came_from(self):
        def places(mound):
            grid = density_grid(mound, 5.0)
            brick, lane = np.nonzero(grid.values > 0.05)
            return (grid.coords[brick] * SIDE + np.stack([lane >> 6, (lane >> 3) & 7, lane & 7], -1)) * grid.voxel

        tower = places(start("incus", "x"))
        top = tower[:, 1].max()
        anvil, neck = (tower[(low * top < tower[:, 1]) & (tower[:, 1] < high * top), 0] for low, high in ((0.8, 0.9), (0.5, 0.7)))
        middle = float(np.median(neck))
        self.assertGreater(np.ptp(anvil), 1.5 * np.ptp(neck))
        self.assertGreater(anvil.max() - middle, 1.5 * (middle - anvil.min()))
        for lean in (-0.5, 0.5):
            hooks = places(start("cirrus hooks", "x", lean=lean))
            low, high = np.quantile(hooks[:, 1], (0.25, 0.75))
            behind = hooks[hooks[:, 1] > high, 0].mean() - hooks[hooks[:, 1] < low, 0].mean()
            self.assertGreater(behind * np.sign(lean), 30.0)

    def test_any_seed_and_size_that_can_be_asked_for_make_one(self):
        for species, kind in STARTS.items():
            for span, looks in ((0.5, 30_000.0), (15_000.0, 50.0)):
                mound = start(species, "x", span, 2**31 - 1, looks)
                self.assertEqual(parse_mound(mound_json(mound), "x"), mound, species)
            own = looks_as_large_as(start(species, "x", 120.0).light.medium.extinction, 120.0)
            self.assertAlmostEqual(own / kind.looks, 1.0, delta=0.001)

    def test_what_cannot_be_is_refused(self):
        for key, (low, high) in RANGES.items():
            for value in (low - 1, high + 1):
                with self.assertRaises(Problem) as caught:
                    start("humilis", "x", **{key: value})
                self.assertIn(key, str(caught.exception))

    def test_a_turret_leans_and_ends_at_its_top(self):
        blobs = turret("T", (10.0, 5.0, 0.0), 120.0, 30.0, (40.0, 0.0), random.Random(1))
        self.assertAlmostEqual(blobs[-1].centre[1], 125.0)
        self.assertAlmostEqual(blobs[-1].centre[0], 50.0, delta=0.3 * 30.0)
        heights = [b.centre[1] for b in blobs]
        self.assertEqual(heights, sorted(heights))
        # Thermals touch: none stands farther from the next than their radii reach.
        for one, other in zip(blobs, blobs[1:]):
            self.assertLess(np.linalg.norm(np.subtract(one.centre, other.centre)), one.radii[1] + other.radii[1])
        self.assertLess(len(grown(300.0, 3.0, 0.5, 24, 1.0, 4)), MOST_DABBED)

    def test_a_model_keeps_its_shape_whatever_the_start(self):
        vertices, faces = Solid(shape="box", size=(60.0, 24.0, 40.0)).triangles()
        form = Mesh(surface=Arrays(vertices=vertices.astype(np.float32), faces=faces))
        for species in STARTS:
            for sheet in (None, 6.0):
                mound = start_from_form(form, "Box", species, sheet=sheet)
                grid = density_grid(mound.edited(grains=tuple(g for g in mound.grains if g.action in ("push", "nibble"))), 1.5)
                low, high = (grid.world(corner) for corner in grid.active_bounds())
                np.testing.assert_allclose(high - low, np.array((60.0, 24.0, 40.0)) + (sheet or 0.0), atol=9.0, err_msg=species)

    def test_it_looks_as_large_as_it_is_told_to(self):
        mound = start("mediocris", "x", 150.0)
        self.assertAlmostEqual(looks_as_large_as(mound.light.medium.extinction, 150.0), STARTS["mediocris"].looks, delta=1.0)
        self.assertAlmostEqual(extinction_for(2_000.0, 300.0) * 300.0, NATURAL * 2_000.0)
        self.assertAlmostEqual(looks_as_large_as(extinction_for(750.0, 80.0), 80.0), 750.0)

    def test_the_outline_of_a_cumulus_is_natures(self):
        """Boxes that the outline goes through, by their size: a line has 1, cumulus about 1.35 (Lovejoy 1982)."""
        found, mound = [], start("mediocris", "x")
        # From four sides: one picture says it to 0.04 only, moved by a pixel it may be another number.
        for azimuth in (0.0, 90.0, 180.0, -90.0):
            turned = mound.edited(view=mound.view.edited(azimuth=azimuth))
            cloud = start_picture(turned, 512, 320, along=280).pixels[..., 3] > 127
            outline = cloud & ~binary_erosion(cloud)
            counts = [outline.reshape(320 // step, step, 512 // step, step).any(axis=(1, 3)).sum() for step in (2, 4, 8, 16, 32)]
            found.append(-np.polyfit(np.log([2, 4, 8, 16, 32]), np.log(counts), 1)[0])
        self.assertGreater(np.mean(found), 1.1)
        self.assertLess(max(found), 1.5)

    @long
    def test_a_sheet_shows_each_and_every_picture_holds_a_cloud(self):
        taken = []

        def kept(mound, *given, **named):
            taken.append((mound.name, start_picture(mound, *given, **named)))
            return taken[-1][1]

        with mock.patch.object(start_sheet, "start_picture", kept):
            page = sheet_of_starts((60, 40), columns=4)
        rows = -(-len(STARTS) // 4)
        self.assertEqual(page.shape, (rows * (40 + PADDING) + PADDING, 4 * (60 + PADDING) + PADDING, 3))
        self.assertTrue(png_of(page))
        self.assertEqual([species for species, _ in taken], list(STARTS))
        for species, picture in taken:
            opacity = picture.pixels[..., 3] / 255.0
            self.assertGreater(opacity.mean(), 0.02, species)
            self.assertLess(opacity[[0, -1]].max(), 0.6, species)


class Sharper(unittest.TestCase):
    def test_voxels_halve_down_to_the_final_one_or_to_a_pixel(self):
        mound = start("humilis", "x", 100.0).edited(voxels={"final": 0.1})
        bounds = bounds_of(mound)
        camera = camera_of(mound.view.edited(distance=400.0, target=tuple((bounds[0] + bounds[1]) / 2)), 1000, 600)
        pixel = 400.0 * camera.spread
        voxels = finer_voxels(mound, camera, 1.6)
        self.assertAlmostEqual(voxels[-1], pixel, delta=0.05 * pixel)
        self.assertEqual(voxels, sorted(voxels, reverse=True))
        self.assertLessEqual(max(a / b for a, b in zip([1.6, *voxels], voxels)), 2.0)
        self.assertEqual(finer_voxels(mound, camera, 0.3), [])
        self.assertEqual(finer_voxels(mound.edited(voxels={"final": 0.9}), camera, 1.6)[-1], 0.9)

    def test_a_picture_stands_on_the_last_of_them_that_fits(self):
        mound = start("humilis", "x", 100.0).edited(voxels={"draft": 1.6, "final": 0.1})
        camera, ahead = camera_of(mound.view.edited(distance=400.0), 1000, 600), forecast(mound)
        voxels = finer_voxels(mound, camera, 1.6)
        stages = Stages()
        self.assertEqual(picture_voxel(stages, mound, camera), voxels[-1])
        with mock.patch.object(fineness, "memory_limit", lambda: 0.5 * (ahead.memory(voxels[0]) + ahead.memory(voxels[1])) / SHARE):
            self.assertEqual(picture_voxel(stages, mound, camera), voxels[0])
        with mock.patch.object(fineness, "memory_limit", lambda: 1):
            self.assertEqual(picture_voxel(stages, mound, camera), 1.6)
        self.assertEqual(sharper_voxels(mound, camera, ahead, 1.6, seconds=0.0), [])


class OnTheCommandLine(unittest.TestCase):
    def run_it(self, *words):
        out, err = io.StringIO(), io.StringIO()
        with redirect_stdout(out), redirect_stderr(err):
            code = main([str(word) for word in words])
        return code, out.getvalue(), err.getvalue()

    def test_new_takes_what_a_start_takes(self):
        with tempfile.TemporaryDirectory() as name:
            path = pathlib.Path(name) / "tall.mound"
            code, *_ = self.run_it("new", path, "--start", "congestus", "--height", "1.4", "--lean", "-0.2", "--turrets", "4",
                                   "--tired", "0.9", "--looks", "5000")
            self.assertEqual(code, 0)
            mound = read_mound(path)
            wanted = start("congestus", "tall", height=1.4, lean=-0.2, turrets=4, tired=0.9)
            self.assertEqual(mound.mass, wanted.mass)
            self.assertAlmostEqual(looks_as_large_as(mound.light.medium.extinction, 300.0), 5_000.0, delta=1.0)
            self.assertGreater(span_of(mound), 200.0)
            for words in (("--height", "9"), ("--turrets", "0"), ("--tired", "2")):
                code, _, err = self.run_it("new", pathlib.Path(name) / "x.mound", *words)
                self.assertEqual(code, 2)
                self.assertFalse((pathlib.Path(name) / "x.mound").exists())
                self.assertEqual(len(err.strip().splitlines()[-1:]), 1)

    @long
    def test_starts_are_listed_and_pictured(self):
        code, text, _ = self.run_it("starts", "--json")
        self.assertEqual((code, set(json.loads(text)) - {"schema"}), (0, set(STARTS)))
        with tempfile.TemporaryDirectory() as name:
            path = pathlib.Path(name) / "sheet.png"
            code, text, _ = self.run_it("starts", "--sheet", path, "--size", "64x40", "--quiet", "--json")
            self.assertEqual((code, json.loads(text)["starts"]), (0, len(STARTS)))
            self.assertEqual(path.read_bytes()[:4], b"\x89PNG")
            self.assertEqual(self.run_it("starts", "--sheet", path)[0], 2)


if __name__ == "__main__":
    unittest.main()
