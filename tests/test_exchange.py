"""OpenVDB: every voxel both ways, and foreign files that can harm nobody."""

import io
import os
import pathlib
import tempfile
import unittest
import unittest.mock
from concurrent.futures import ThreadPoolExecutor

import numpy as np
from PIL import Image

from softmound.core.engine.density import density_grid
from softmound.core.exchange.foreign import frames_of, read_facts, read_vdb
from softmound.core.exchange.png import png_of
from softmound.core.exchange.vdb import compare, write_vdb
from softmound.core.recipe import Problem
from softmound.core.ticket import Stopped, Ticket
from softmound.core.volume import LANES, grid_of
from softmound.core.volume.reference import vdb
from softmound.core.volume.twin import grid_from, vdb_of
from tests.scenes import box_grid, dense_of, lumpy_mound, random_grid


def read_by_library(path, grid):
    """Values that the reference library finds where a grid of ours has its bricks."""
    stored = vdb.read(str(path), "density")
    dense, low = dense_of(grid)
    got = np.empty_like(dense)
    stored.copyToArray(got, ijk=tuple(int(x) for x in low))
    return stored, got, dense


class Folder(unittest.TestCase):
    def setUp(self):
        self._folder = tempfile.TemporaryDirectory()
        self.folder = pathlib.Path(self._folder.name)
        self.path = self.folder / "cloud.vdb"

    def tearDown(self):
        self._folder.cleanup()


class Writing(Folder):
    def test_every_voxel_is_read_by_the_reference_library(self):
        for seed in range(3):
            grid = random_grid(seed)
            write_vdb(self.path, grid, half=False)
            stored, got, dense = read_by_library(self.path, grid)
            np.testing.assert_array_equal(got, dense)
            self.assertEqual(stored.activeVoxelCount(), np.count_nonzero(dense))

    def test_a_real_cloud(self):
        grid = density_grid(lumpy_mound(), 0.5)
        write_vdb(self.path, grid, half=False)
        stored, got, dense = read_by_library(self.path, grid)
        np.testing.assert_array_equal(got, dense)
        low, high = grid.active_bounds()
        self.assertEqual(stored.evalActiveVoxelBoundingBox(), (tuple(low), tuple(high)))

    def test_half_floats_are_the_nearest(self):
        grid = density_grid(lumpy_mound(), 0.6)
        write_vdb(self.path, grid, half=True)
        stored, got, dense = read_by_library(self.path, grid)
        self.assertTrue(stored.saveFloatAsHalf)
        np.testing.assert_array_equal(got, dense.astype(np.float16).astype(np.float32))
        whole = self.folder / "whole.vdb"
        write_vdb(whole, grid, half=False)
        self.assertLess(self.path.stat().st_size, 0.8 * whole.stat().st_size)

    def test_placement_class_name_and_metadata(self):
        grid = random_grid(4, voxel=0.25, offset=(10.0, -3.0, 0.5))
        write_vdb(self.path, grid, metadata={"extinction_per_metre": 0.08, "seeds": "17, 1"})
        stored = vdb.read(str(self.path), "density")
        self.assertEqual(stored.gridClass, vdb.GridClass.FOG_VOLUME)
        np.testing.assert_allclose(stored.transform.indexToWorld((0, 0, 0)), (10.0, -3.0, 0.5))
        np.testing.assert_allclose(stored.transform.indexToWorld((4, 8, -4)), (11.0, -1.0, -0.5))
        self.assertAlmostEqual(stored["extinction_per_metre"], 0.08, places=6)
        self.assertEqual(stored["seeds"], "17, 1")
        self.assertEqual(stored["file_voxel_count"], stored.activeVoxelCount())

    def test_constant_bricks_cost_nothing(self):
        grid = grid_of(1.0, np.empty((0, 3)), np.empty((0, LANES)),
                       np.stack(np.meshgrid(*[np.arange(16)] * 3, indexing="ij"), -1).reshape(-1, 3),
                       np.ones(4096))
        made = vdb_of(grid)
        self.assertEqual(made.leafCount(), 0)
        self.assertEqual(made.activeVoxelCount(), 128**3)

    def test_another_grid_name(self):
        write_vdb(self.path, box_grid((0, 0, 0), (3, 3, 3)), name="smoke")
        self.assertEqual([g.name for g in vdb.readAllGridMetadata(str(self.path))], ["smoke"])

    def test_nothing_else_is_left_behind(self):
        write_vdb(self.path, random_grid(1))
        write_vdb(self.path, random_grid(2))
        self.assertEqual([p.name for p in self.folder.iterdir()], ["cloud.vdb"])

    def test_a_stop_at_any_moment_keeps_the_old_file(self):
        write_vdb(self.path, random_grid(1))
        before = self.path.read_bytes()
        ticks = []
        write_vdb(self.folder / "count.vdb", random_grid(2), ticket=Ticket(lambda *_: ticks.append(1)))
        (self.folder / "count.vdb").unlink()
        for limit in range(0, len(ticks), 11):
            seen = []
            ticket = Ticket()

            def told(*_, seen=seen, ticket=ticket, limit=limit):
                seen.append(1)
                if len(seen) > limit:
                    ticket.stop()

            ticket._told = told
            try:
                write_vdb(self.path, random_grid(2), ticket=ticket)
            except Stopped:
                self.assertEqual(self.path.read_bytes(), before)
            self.assertEqual([p.name for p in self.folder.iterdir()], ["cloud.vdb"])

    def test_a_place_that_cannot_be_written(self):
        with self.assertRaises(Problem) as caught:
            write_vdb(self.folder / "missing" / "cloud.vdb", random_grid(1))
        self.assertIn("could not be written", str(caught.exception))
        self.assertEqual(list(self.folder.iterdir()), [])

    def test_comparing_notices_every_difference(self):
        grid = random_grid(5)
        write_vdb(self.path, grid, half=False)
        compare(self.path, grid, half=False)
        values = grid.values.copy()
        values[3, 77] += 0.25
        changed = grid_of(grid.voxel, grid.coords, values, grid.tile_coords, grid.tile_values, 0.0, grid.offset)
        moved = grid_of(grid.voxel, grid.coords, grid.values, grid.tile_coords, grid.tile_values, 0.0, (9, 9, 9))
        missing = grid_of(grid.voxel, grid.coords[1:], grid.values[1:], grid.tile_coords, grid.tile_values,
                          0.0, grid.offset)
        for other in (changed, moved, missing):
            with self.assertRaises(Problem):
                compare(self.path, other, half=False)


class Reading(Folder):
    def test_a_grid_of_the_reference_library_voxel_by_voxel(self):
        dice = np.random.default_rng(8)
        made = vdb.FloatGrid(0.0)
        dense = np.where(dice.random((50, 40, 60)) < 0.2, dice.random((50, 40, 60)), 0.0).astype(np.float32)
        made.copyFromArray(dense, ijk=(-23, 11, 130))
        made.fill((200, 200, 200), (215, 207, 223), 0.75)
        made.transform = vdb.createLinearTransform(voxelSize=0.2)
        made.transform.translate((1.0, 2.0, 3.0))
        made.name = "density"
        vdb.write(str(self.path), grids=[made])
        for grid in (grid_from(made), read_vdb(self.path)):
            self.assertAlmostEqual(grid.voxel, 0.2)
            np.testing.assert_allclose(grid.offset, (1.0, 2.0, 3.0))
            got, low = dense_of(grid)
            x, y, z = np.array((-23, 11, 130)) - low
            np.testing.assert_array_equal(got[x:x + 50, y:y + 40, z:z + 60], dense)
            x, y, z = np.array((200, 200, 200)) - low
            self.assertTrue(np.all(got[x:x + 16, y:y + 8, z:z + 24] == 0.75))
            self.assertEqual(grid.active_voxels(), made.activeVoxelCount())

    def test_our_own_file_comes_back_equal(self):
        grid = random_grid(6)
        write_vdb(self.path, grid, half=False)
        again = read_vdb(self.path)
        np.testing.assert_array_equal(dense_of(again)[0], dense_of(grid)[0])
        self.assertEqual(again.active_voxels(), grid.active_voxels())

    def test_background_of_a_level_set_is_kept(self):
        ball = vdb.createLevelSetSphere(radius=10.0, center=(0.0, 0.0, 0.0), voxelSize=0.5)
        ball.name = "surface"
        vdb.write(str(self.path), grids=[ball])
        grid = read_vdb(self.path, "surface")
        self.assertAlmostEqual(grid.background, 1.5)
        got, low = dense_of(grid)
        self.assertAlmostEqual(float(got[tuple(np.array((20, 0, 0)) - low)]), 0.0, places=4)

    def test_a_turned_or_stretched_grid_is_refused(self):
        for change in (lambda t: t.rotate(0.3, vdb.Axis.X), lambda t: t.scale((1.0, 2.0, 1.0))):
            made = vdb.FloatGrid(0.0)
            made.fill((0, 0, 0), (7, 7, 7), 1.0)
            made.name = "density"
            transform = vdb.createLinearTransform(voxelSize=0.5)
            change(transform)
            made.transform = transform
            vdb.write(str(self.path), grids=[made])
            with self.assertRaises(Problem) as caught:
                read_vdb(self.path)
            self.assertIn("equal", str(caught.exception))

    def test_truth_becomes_a_density(self):
        made = vdb.BoolGrid(False)
        made.fill((0, 0, 0), (9, 7, 7), True)
        made.name = "there"
        vdb.write(str(self.path), grids=[made])
        grid = read_vdb(self.path, "there")
        self.assertEqual(grid.active_voxels(), 640)
        self.assertEqual(max(grid.values.max(initial=0.0), grid.tile_values.max(initial=0.0)), 1.0)

    def test_numbered_sequences(self):
        for name in ("steam.0008.vdb", "steam.0010.vdb", "steam.0009.vdb", "steam.0009.vdb.txt", "smoke.0009.vdb", "steam.vdb"):
            (self.folder / name).write_bytes(b"")
        found = frames_of(self.folder / "steam.0009.vdb")
        self.assertEqual({n: p.name for n, p in found.items()},
                         {8: "steam.0008.vdb", 9: "steam.0009.vdb", 10: "steam.0010.vdb"})
        self.assertEqual(list(frames_of(self.folder / "steam.vdb").values()), [self.folder / "steam.vdb"])

    def test_wrong_names_and_types(self):
        vectors = vdb.Vec3SGrid()
        vectors.name = "density"
        vectors.fill((0, 0, 0), (3, 3, 3), (1.0, 2.0, 3.0))
        vdb.write(str(self.path), grids=[vectors])
        with self.assertRaises(Problem) as caught:
            read_vdb(self.path)
        self.assertIn("single numbers", str(caught.exception))
        with self.assertRaises(Problem) as caught:
            read_vdb(self.path, "fog")
        self.assertIn("'fog'", str(caught.exception))
        self.assertIn("'density'", str(caught.exception))


class Facts(Folder):
    def test_against_the_reference_library_and_numpy(self):
        grid = random_grid(7)
        write_vdb(self.path, grid, half=False, metadata={"note": "bread"})
        facts, = read_facts(self.path)
        dense, _ = dense_of(grid)
        live = dense[dense != 0.0]
        self.assertEqual(facts["name"], "density")
        self.assertEqual(facts["class"], "fog volume")
        self.assertEqual(facts["type"], "float")
        self.assertEqual(facts["active_voxels"], len(live))
        self.assertAlmostEqual(facts["min"], float(live.min()), places=6)
        self.assertAlmostEqual(facts["max"], float(live.max()), places=6)
        self.assertAlmostEqual(facts["mean"], float(live.mean(dtype=float)), places=6)
        low, high = grid.active_bounds()
        self.assertEqual(facts["dims"], (high - low + 1).tolist())
        np.testing.assert_allclose(facts["bounds"], [grid.world(low), grid.world(high)])
        self.assertEqual(facts["metadata"]["note"], "bread")
        self.assertGreater(facts["bytes"], 60 * 512 * 4)

    def test_mean_counts_active_voxels_only_and_all_of_them(self):
        made = vdb.FloatGrid(5.0)
        made.name = "warm"
        made.fill((0, 0, 0), (9, 9, 9), 2.0)
        made.fill((300, 0, 0), (300, 0, 0), 5.0)  # an active voxel with the background's value
        vdb.write(str(self.path), grids=[made])
        facts, = read_facts(self.path)
        self.assertEqual(facts["active_voxels"], 1001)
        self.assertAlmostEqual(facts["mean"], (2.0 * 1000 + 5.0) / 1001, places=6)

    def test_several_grids_and_other_types(self):
        fog = vdb_of(box_grid((0, 0, 0), (3, 3, 3)), "density", False)
        wind = vdb.Vec3SGrid()
        wind.name = "wind"
        wind.fill((0, 0, 0), (3, 3, 3), (1.0, 2.0, 3.0))
        mask = vdb.BoolGrid()
        mask.name = "mask"
        empty = vdb.FloatGrid()
        empty.name = "empty"
        vdb.write(str(self.path), grids=[fog, wind, mask, empty])
        facts = {f["name"]: f for f in read_facts(self.path)}
        self.assertEqual(set(facts), {"density", "wind", "mask", "empty"})
        self.assertEqual(facts["wind"]["active_voxels"], 64)
        self.assertIsNone(facts["wind"]["mean"])
        self.assertEqual(facts["empty"]["active_voxels"], 0)
        self.assertIsNone(facts["empty"]["bounds"])


class Damaged(Folder):
    def test_missing_empty_and_other_files(self):
        for content, word in ((None, "no such file"), (b"", "not an OpenVDB"), (b"hello" * 50, "not an OpenVDB")):
            if content is not None:
                self.path.write_bytes(content)
            for read in (read_facts, read_vdb):
                with self.assertRaises(Problem) as caught:
                    read(self.path)
                self.assertIn(word, str(caught.exception))
                self.assertIn(str(self.path), str(caught.exception))

    def test_sixty_damaged_files_end_in_an_answer_or_a_sentence(self):
        write_vdb(self.path, random_grid(9))
        whole = self.path.read_bytes()
        dice = np.random.default_rng(2)
        damaged = [whole[: len(whole) * n // 13] for n in range(12)]
        damaged += [whole + whole[: 7 * n] for n in range(1, 5)]  # too long
        damaged += [whole[: 400 * n] + whole[400 * n + 9 :] for n in range(1, 9)]  # a piece is missing
        while len(damaged) < 60:
            flipped = bytearray(whole)
            for at in dice.integers(8, len(whole) if len(damaged) % 2 else 900, 6):
                flipped[at] ^= 1 << int(dice.integers(8))
            damaged.append(bytes(flipped))

        def read(number):
            path = self.folder / f"{number}.vdb"
            path.write_bytes(damaged[number])
            try:
                read_facts(path, seconds=4)
                return ""
            except Problem as problem:
                self.assertIn(str(path), str(problem))
                self.assertNotIn("\n", str(problem))
                return str(problem)

        with ThreadPoolExecutor(2) as pool:
            said = list(pool.map(read, range(len(damaged))))
        self.assertGreater(sum(1 for sentence in said if sentence), 20)

    def test_nothing_is_left_in_the_temporary_folder(self):
        self.path.write_bytes(b" BDV\x00\x00\x00\x00" + b"\xff" * 100)
        own = self.folder / "temporary"
        own.mkdir()
        with unittest.mock.patch("tempfile.tempdir", str(own)), self.assertRaises(Problem):
            read_facts(self.path)
        self.assertEqual(os.listdir(own), [])


class Png(unittest.TestCase):
    def test_pixels_come_back(self):
        pixels = np.random.default_rng(1).integers(0, 256, (13, 17, 4), dtype=np.uint8)
        again = np.asarray(Image.open(io.BytesIO(png_of(pixels))))
        np.testing.assert_array_equal(again, pixels[..., :3])


if __name__ == "__main__":
    unittest.main()
