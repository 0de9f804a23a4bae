"""Grids on their way out: placed in another unit, axis and origin; cut, resampled, and back to triangles."""

import json
import pathlib
import tempfile
import unittest

import numpy as np
import trimesh
from PIL import Image

from softmound.cli import main
from softmound.core.engine.density import density_grid, voxel_along
from softmound.core.exchange.export import ORIGINS, exported
from softmound.core.exchange.foreign import read_vdb
from softmound.core.exchange.units import UNITS
from softmound.core.exchange.vdb import write_vdb
from softmound.core.recipe import Mass, Mound, Problem, write_mound
from softmound.core.volume.iso import within_budget
from softmound.core.volume.reference import vdb
from softmound.core.volume.resample import resampled
from softmound.core.volume.sample import sample
from softmound.core.volume.slices import coloured, ramp, slice_of
from tests.scenes import ball_mound, box_grid, dense_of, lumpy_mound, random_grid, said


class Placement(unittest.TestCase):
    def test_every_value_is_where_it_belongs(self):
        grid = random_grid(3)
        dice = np.random.default_rng(1)
        bricks = np.concatenate([grid.coords, grid.tile_coords, dice.integers(-20, 24, (20, 3))])
        points = grid.world(bricks[dice.integers(len(bricks), size=3000)] * 8 + dice.integers(0, 8, (3000, 3)))
        before = sample(grid, points)
        self.assertGreater(np.count_nonzero(before), 200)
        for up in ("y", "z"):
            for unit in ("m", "cm", "ft"):
                out = exported(grid, up, unit)
                turned = points if up == "y" else np.stack([points[:, 0], -points[:, 2], points[:, 1]], axis=1)
                np.testing.assert_allclose(sample(out, turned / UNITS[unit]), before, atol=2e-4)
                self.assertAlmostEqual(out.voxel * UNITS[unit], grid.voxel)
                self.assertEqual(out.active_voxels(), grid.active_voxels())

    def test_origins(self):
        grid = box_grid((4, 6, -3), (11, 20, 8), voxel=0.5, offset=(3.0, 1.0, -2.0))
        for origin in ORIGINS:
            for up in ("y", "z"):
                low, high = (exported(grid, up, "m", origin).world(c)
                             for c in exported(grid, up, "m", origin).active_bounds())
                middle, tall = (low + high) / 2, 1 if up == "y" else 2
                if origin == "centre":
                    np.testing.assert_allclose(middle, 0.0, atol=1e-9)
                elif origin == "base":
                    np.testing.assert_allclose(np.delete(middle, tall), 0.0, atol=1e-9)
                    self.assertAlmostEqual(low[tall], 0.25)  # the lowest voxel stands on the ground
        same = exported(grid)
        np.testing.assert_array_equal(same.values, grid.values)
        self.assertEqual((same.voxel, same.offset), (grid.voxel, grid.offset))


class OtherVoxels(unittest.TestCase):
    def test_the_mass_is_kept(self):
        grid = density_grid(ball_mound(12.0, 3.0), 0.7)
        mass = float(grid.values.sum(dtype=float) + 512 * grid.tile_values.sum(dtype=float)) * 0.7**3
        for voxel in (0.5, 1.1, 2.3):
            other = resampled(grid, voxel)
            held = float(other.values.sum(dtype=float) + 512 * other.tile_values.sum(dtype=float)) * voxel**3
            self.assertAlmostEqual(held / mass, 1.0, delta=0.01, msg=voxel)
        self.assertEqual(len(resampled(box_grid((0, 0, 0), (0, 0, 0), 0.0), 2.0).coords), 0)

    def test_voxels_along_the_longest_side(self):
        mound = lumpy_mound()
        voxel = voxel_along(mound, 200)
        low, high = density_grid(mound, voxel).active_bounds()
        self.assertAlmostEqual((high - low + 1).max() / 200.0, 1.0, delta=0.02)
        with self.assertRaises(Problem):
            voxel_along(Mound(mass=Mass()), 100)

    def test_triangles_within_a_budget_stay_closed(self):
        grid = density_grid(ball_mound(12.0, 3.0), 0.5)
        whole = within_budget(grid, 0.5)
        self.assertEqual(whole[2], 0.5)
        for most in (None, 3000, 400):
            vertices, faces, _ = within_budget(grid, 0.5, most)
            made = trimesh.Trimesh(vertices, faces, process=False)
            self.assertTrue(made.is_watertight and made.is_winding_consistent)
            self.assertLessEqual(len(faces), most or len(whole[1]))
            self.assertGreater(len(faces), (most or len(faces)) * 0.3)
            # Half density lies half a skin within the ball.
            self.assertAlmostEqual(made.volume / (4 / 3 * np.pi * 10.5**3), 1.0, delta={400: 0.17, 3000: 0.06}.get(most, 0.03))
        with self.assertRaises(Problem):
            within_budget(grid, 5.0)


class Cuts(unittest.TestCase):
    def test_a_cut_is_what_sampling_finds(self):
        grid = density_grid(lumpy_mound(), 0.8)
        for axis, at in ((0, 1.3), (1, 17.0), (2, -2.1)):
            values, low, high = slice_of(grid, axis, at)
            across, up = [(2, 1), (0, 2), (0, 1)][axis]
            dice = np.random.default_rng(axis)
            for _ in range(40):
                row, column = dice.integers(values.shape[0]), dice.integers(values.shape[1])
                point = np.zeros(3)
                point[axis] = at
                point[across] = low[0] + (column + 0.5) * 0.8
                point[up] = high[1] - (row + 0.5) * 0.8
                self.assertAlmostEqual(float(values[row, column]), float(sample(grid, point)), places=5)
            self.assertGreater(values.max(), 0.9)
        self.assertEqual(slice_of(grid, 1, 500.0)[0].max(), 0.0)
        self.assertLessEqual(max(slice_of(grid, 1, 17.0, longest=20)[0].shape), 21)

    def test_the_ramp_rises_in_even_steps_of_lightness(self):
        # Back from sRGB to lightness by the formulas of IEC 61966-2-1 and CIE 1976.
        encoded = ramp(256) / 255.0
        linear = np.where(encoded <= 0.04045, encoded / 12.92, ((encoded + 0.055) / 1.055) ** 2.4)
        luminance = linear @ (0.2126, 0.7152, 0.0722)
        lightness = np.where(luminance > 0.008856, 116.0 * np.cbrt(luminance) - 16.0, 903.3 * luminance)
        straight = np.linspace(lightness[0], lightness[-1], 256)
        self.assertLess(np.abs(lightness - straight).max(), 1.5)
        self.assertGreater(lightness[-1] - lightness[0], 75.0)
        picture = coloured(np.array([[-1.0, 0.0, 0.5, 1.0, 7.0]], np.float32), 0.0, 1.0)
        np.testing.assert_array_equal(picture[0, [0, 4]], ramp()[[0, 255]])
        np.testing.assert_array_equal(picture[0, 2], ramp()[128])


class Command(unittest.TestCase):
    def setUp(self):
        self._folder = tempfile.TemporaryDirectory()
        self.addCleanup(self._folder.cleanup)
        self.folder = pathlib.Path(self._folder.name)
        self.mound = self.folder / "bun.mound"
        write_mound(self.mound, ball_mound(12.0, 3.0))

    def run_json(self, *arguments):
        code, printed, err = said(main, [*arguments, "--json", "--quiet"])
        self.assertEqual((code, err), (0, ""), arguments)
        return json.loads(printed)

    def test_build_for_another_program(self):
        out = self.folder / "bun.vdb"
        facts = self.run_json("build", self.mound, "--out", out, "--voxels-long", "48", "--full", "--up", "z", "--unit",
                              "cm", "--origin", "base")
        self.assertEqual((facts["unit"], facts["up"]), ("m", "y"))
        placed = facts["in_file"]
        self.assertEqual((placed["unit"], placed["up"], placed["origin"]), ("cm", "z", "base"))
        # A ball around the middle of a voxel is an odd number of voxels long, whatever their size.
        self.assertIn(max(facts["dims"]), (47, 49))
        stored = read_vdb(out)
        self.assertAlmostEqual(stored.voxel, facts["voxel"] * 100.0, places=4)
        low, high = (stored.world(c) for c in stored.active_bounds())
        self.assertAlmostEqual(low[2], stored.voxel / 2, places=3)
        self.assertAlmostEqual((high - low)[2], 2400.0, delta=2.5 * stored.voxel)
        half = self.folder / "half.vdb"
        self.run_json("build", self.mound, "--out", half, "--voxels-long", "48", "--half")
        self.assertLess(half.stat().st_size, 0.8 * out.stat().st_size)

    def test_what_does_not_fit_is_refused(self):
        out = self.folder / "big.vdb"
        code, _, err = said(main, ["build", self.mound, "--out", out, "--voxel", "0.02", "--limit-memory", "0.1"])
        self.assertEqual(code, 3)
        self.assertIn("smallest voxel that fits", err)
        self.assertFalse(out.exists())
        for bad in (["--limit-memory", "-3"], ["--voxels-long", "few"], ["--up", "x"], ["--voxel", "1", "--voxels-long", "9"],
                    ["--half", "--full"]):
            self.assertEqual(said(main, ["build", self.mound, "--out", out, *bad])[0], 2, bad)

    def test_names_pruning_and_the_surface(self):
        out = self.folder / "bun.vdb"
        facts = self.run_json("build", self.mound, "--out", out, "--voxel", "0.5", "--name", "steam", "--surface",
                              "--unit", "cm", "--up", "z", "--origin", "centre", "--full")
        stored = {g.name: g for g in vdb.readAllGridMetadata(str(out))}
        self.assertEqual(set(stored), {"steam", "surface"})
        surface = vdb.read(str(out), "surface")
        self.assertEqual(surface.gridClass, vdb.GridClass.LEVEL_SET)
        # Distances of the level set against the ball, in centimetres around its middle.
        reading = surface.getConstAccessor()
        for direction in ((1.0, 0.0, 0.0), (0.0, 0.0, 1.0), (0.6, 0.8, 0.0)):
            at = tuple(round(c) for c in surface.transform.worldToIndex(tuple(1180.0 * d for d in direction)))
            place = np.array(surface.transform.indexToWorld(at))
            self.assertAlmostEqual(reading.getValue(at), float(np.linalg.norm(place)) - 1200.0, delta=6.0)
        self.assertGreater(facts["surface_triangles"], 1000)
        pruned = self.folder / "pruned.vdb"
        self.run_json("build", self.mound, "--out", pruned, "--voxel", "0.5", "--tolerance", "0.4", "--full")
        off = np.abs(dense_of(read_vdb(pruned))[0].max() - 1.0)
        self.assertLessEqual(off, 0.4)
        self.assertLess(pruned.stat().st_size, out.stat().st_size)
        for bad in (["--name", "surface"], ["--name", ""], ["--tolerance", "7"]):
            self.assertEqual(said(main, ["build", self.mound, "--out", out, *bad])[0], 2, bad)

    def test_combining_files(self):
        for name, grid in (("a", box_grid((0, 0, 0), (15, 15, 15), 0.5)),
                           ("b", box_grid((8, 0, 0), (39, 15, 15), 0.25, voxel=0.5))):
            write_vdb(self.folder / f"{name}.vdb", grid, half=False)
        files = [self.folder / "a.vdb", self.folder / "b.vdb"]
        out = self.folder / "c.vdb"
        facts = self.run_json("combine", *files, "--by", "add", "--out", out, "--full")
        self.assertEqual(facts["voxel"], 0.5)
        both = read_vdb(out)
        # In metres the first is 16 long of 0.5, the second 16 x 8 x 8 from 4 on of 0.25.
        total = float(both.values.sum(dtype=float) + 512 * both.tile_values.sum(dtype=float)) * 0.5**3
        self.assertAlmostEqual(total / (16**3 * 0.5 + 16 * 8 * 8 * 0.25), 1.0, delta=0.02)
        self.assertAlmostEqual(float(sample(both, [6.0, 4.0, 4.0])), 0.75, places=3)
        write_vdb(self.folder / "far.vdb", box_grid((400, 0, 0), (407, 7, 7)), half=False)
        for arguments in (files[:1], [files[0], self.folder / "missing.vdb"],
                          [files[0], self.folder / "far.vdb", "--by", "multiply"]):
            code, _, err = said(main, ["combine", *arguments, "--out", self.folder / "no.vdb"])
            self.assertEqual((code, len(err.strip().splitlines())), (2, 1))
        self.assertFalse((self.folder / "no.vdb").exists())

    def test_mesh_from_a_mound_and_from_a_file(self):
        built = self.folder / "bun.vdb"
        self.run_json("build", self.mound, "--out", built, "--voxel", "0.8")
        for source, more in ((self.mound, ["--voxel", "0.8"]), (built, []), (built, ["--triangles", "900"])):
            out = self.folder / "bun.ply"
            facts = self.run_json("mesh", source, "--out", out, "--force", *more)
            made = trimesh.load(out)
            self.assertTrue(made.is_watertight)
            self.assertEqual(facts["triangles"], len(made.faces))
            self.assertAlmostEqual(made.volume / (4 / 3 * np.pi * 10.5**3), 1.0, delta=0.1)
        self.assertLessEqual(facts["triangles"], 900)
        code, _, err = said(main, ["mesh", built, "--out", self.folder / "no.obj", "--iso", "3"])
        self.assertEqual((code, len(err.strip().splitlines())), (2, 1))
        self.assertFalse((self.folder / "no.obj").exists())

    def test_slice(self):
        built, out = self.folder / "bun.vdb", self.folder / "cut.png"
        self.run_json("build", self.mound, "--out", built, "--voxel", "0.5")
        facts = self.run_json("slice", built, "--axis", "y", "--at", "20", "--out", out)
        with Image.open(out) as picture:
            self.assertEqual(list(picture.size), facts["size"])
            middle = picture.getpixel((picture.width // 2, picture.height // 2))
        self.assertEqual(list(middle), ramp()[255].tolist())
        # A ball of 12 m whose outer 3 m rise straight to 1: the integral over its middle plane.
        exact = np.pi * 9.0**2 + 2 * np.pi * (12.0 * (12.0**2 - 9.0**2) / 2 - (12.0**3 - 9.0**3) / 3) / 3.0
        area = np.prod(np.subtract(facts["to"], facts["from"]))
        self.assertAlmostEqual(facts["mean"] * area / exact, 1.0, delta=0.03)
        self.assertEqual(said(main, ["slice", built, "--at", "20", "--out", out, "--grid", "heat"])[0], 2)


if __name__ == "__main__":
    unittest.main()
