"""Forms that move as their files do: numbered meshes, points and volumes, and USD with time samples."""

import json
import pathlib
import tempfile
import unittest

import numpy as np
import trimesh
from pxr import Gf, Usd, UsdGeom, Vt

from softmound.cli import main
from softmound.core.engine.density import density_grid
from softmound.core.exchange.foreign import read_points, read_triangles
from softmound.core.exchange.forms import mesh_form, points_form, volume_form
from softmound.core.exchange.sequences import mound_at, numbers_of_files, pattern_of, shown_number
from softmound.core.exchange.vdb import write_vdb
from softmound.core.problems import Problem
from softmound.core.recipe import BaseLevel, Mass, Mound, read_mound, write_mound
from softmound.core.recipe.sequence import Sequence
from softmound.core.recipe.time import TimeLine
from softmound.core.volume.windows import grid_of_dense
from tests.scenes import said


class Sequences(unittest.TestCase):
    def setUp(self):
        self._folder = tempfile.TemporaryDirectory()
        self.addCleanup(self._folder.cleanup)
        self.folder = pathlib.Path(self._folder.name)

    def mound(self, form, **line):
        return Mound(name="Walk", mass=Mass(forms=(form,), base=BaseLevel(on=False)), time=TimeLine(**{"last": 5, **line}))

    def walking(self, numbers=(1, 2, 3, 5)):
        """A ball that grows and goes along x, as models."""
        for n in numbers:
            ball = trimesh.creation.icosphere(subdivisions=3, radius=4.0 + n)
            ball.apply_translation((10.0 * n, 30.0, 0.0))
            ball.export(self.folder / f"walk.{n:04d}.obj")
        form = mesh_form(read_triangles(self.folder / "walk.0001.obj"), "Ball")
        return form.edited(sequence=Sequence(files="walk.####.obj"))

    def test_which_file_is_shown(self):
        numbers = [1, 2, 3, 5]
        held = Sequence(files="x.#.obj")
        self.assertEqual([shown_number(held, numbers, f, 1) for f in (-3, 1, 2, 4, 5, 90)], [1, 1, 2, 3, 5, 5])
        looped = held.edited(beyond="looped", offset=1, slowed=2.0)
        self.assertEqual([shown_number(looped, numbers, f, 1) for f in (2, 3, 4, 10, 12, 13)], [1, 1, 2, 5, 1, 1])

    def test_a_moving_model_is_that_of_each_file(self):
        mound = self.mound(self.walking())
        self.assertEqual(numbers_of_files(mound.mass.forms[0].sequence, self.folder), ([1, 2, 3, 5], (4,)))
        for frame, shown in ((1, 1), (3, 3), (4, 3), (5, 5)):
            grid = density_grid(mound_at(mound, frame, self.folder), 1.0)
            solid = trimesh.load(self.folder / f"walk.{shown:04d}.obj", force="mesh")
            low, high = (grid.world(corner) for corner in grid.active_bounds())
            np.testing.assert_allclose((low + high) / 2.0, solid.bounds.mean(axis=0), atol=1.0)
            filled = float((grid.values > 0.0).sum() + 512 * len(grid.tile_values))
            self.assertAlmostEqual(filled / solid.volume, 1.0, delta=0.3)

    def test_one_that_was_put_elsewhere_moves_from_there(self):
        form = self.walking()
        away = form.edited(centre=tuple(np.array(form.centre) + [0.0, 0.0, 100.0]))
        a, b = (mound_at(self.mound(f), 3, self.folder).mass.forms[0] for f in (form, away))
        self.assertEqual(a.surface, b.surface)
        self.assertAlmostEqual(b.centre[2] - a.centre[2], 100.0)

    def test_points_and_volumes(self):
        rng = np.random.default_rng(4)
        for n in (1, 2):
            np.savez(self.folder / f"p.{n}.npz", positions=rng.uniform(-5, 5, (50 * n, 3)) + [0, 20, 0])
            dense = np.zeros((16, 16, 16), np.float32)
            dense[4:8, 4:8, 4 : 6 + 4 * n] = 0.7
            write_vdb(self.folder / f"v.{n}.vdb", grid_of_dense(dense, 1.0))
        points = points_form(read_points(self.folder / "p.1.npz"), "P").edited(sequence=Sequence(files="p.#.npz"))
        self.assertEqual(len(mound_at(self.mound(points), 2, self.folder).mass.forms[0].cloud["positions"]), 100)
        dense[:] = 0.0
        dense[4:8, 4:8, 4:10] = 0.7
        volume = volume_form(grid_of_dense(dense, 1.0), "V", False).edited(joins="density", sequence=Sequence(files="v.#.vdb"))
        filled = [density_grid(mound_at(self.mound(volume), f, self.folder), 1.0).active_voxels() for f in (1, 2)]
        self.assertEqual(filled, [4 * 4 * 6, 4 * 4 * 10])

    def test_volumes_in_other_units_and_axes(self):
        dense = np.zeros((16, 16, 16), np.float32)
        dense[4:8, 4:6, 4:14] = 0.7
        for n in (1, 2):
            write_vdb(self.folder / f"v.{n}.vdb", grid_of_dense(dense, 100.0))
        form = volume_form(grid_of_dense(dense, 1.0), "V", False).edited(
            joins="density", sequence=Sequence(files="v.#.vdb", unit="cm", up="z"))
        low, high = density_grid(mound_at(self.mound(form), 2, self.folder), 1.0).active_bounds()
        np.testing.assert_array_equal(high - low + 1, (4, 10, 2))  # a hundred centimetres each, the third axis up

    def test_a_stage_with_time_samples(self):
        path = self.folder / "dancer.usda"
        stage = Usd.Stage.CreateNew(str(path))
        stage.SetStartTimeCode(1)
        stage.SetEndTimeCode(4)
        box = trimesh.creation.box((10.0, 10.0, 10.0))
        mesh = UsdGeom.Mesh.Define(stage, "/dancer")
        mesh.CreateFaceVertexCountsAttr(Vt.IntArray([3] * len(box.faces)))
        mesh.CreateFaceVertexIndicesAttr(Vt.IntArray(box.faces.ravel().tolist()))
        points, moved = mesh.CreatePointsAttr(), mesh.AddTranslateOp()
        for n in (1, 4):
            points.Set(Vt.Vec3fArray([Gf.Vec3f(*map(float, v * (1.0 + n / 10.0))) for v in box.vertices]), n)
            moved.Set(Gf.Vec3d(10.0 * n, 20.0, 0.0), n)
        stage.Save()
        form = mesh_form(read_triangles_of_box(box), "Dancer").edited(sequence=Sequence(files="dancer.usda"))
        mound = self.mound(form)
        for frame, side in ((1, 11.0), (4, 14.0)):
            low, high = density_grid(mound_at(mound, frame, self.folder), 0.5).active_bounds()
            self.assertAlmostEqual(float((high - low)[0]) * 0.5, side, delta=1.2)
        a, b = (mound_at(mound, f, self.folder).mass.forms[0].surface["vertices"].mean(axis=0) for f in (1, 2))
        np.testing.assert_allclose(b - a, [10.0, 0.0, 0.0], atol=1e-4)  # between samples it is what the stage says

    def test_the_command_line(self):
        write_mound(self.folder / "walk.mound", self.mound(self.walking()).edited(time=None))
        here = str(self.folder)
        code, out, err = said(main, ["move", f"{here}/walk.mound", "--form", "Ball", "--files", f"{here}/walk.####.obj", "--out",
                                     f"{here}/moving.mound", "--json"])
        self.assertEqual((code, json.loads(out)["files"], json.loads(out)["missing"]), (0, 4, [4]), err)
        mound = read_mound(self.folder / "moving.mound")
        self.assertEqual(mound.mass.forms[0].sequence.files, "walk.####.obj")
        code, _, err = said(main, ["frames", f"{here}/moving.mound", "--out", f"{here}/out", "--range", "1-2", "--voxel", "2"])
        self.assertEqual((code, len(list((self.folder / "out").glob("*.vdb")))), (0, 2), err)
        for arguments, word in ((["--form", "Nobody"], "there are Ball"),
                                (["--form", "Ball", "--files", f"{here}/no.#.obj"], "no file"),
                                (["--form", "Ball", "--files", f"{here}/walk.obj"], "one run of #")):
            code, _, err = said(main, ["move", f"{here}/walk.mound", *arguments, "--out", f"{here}/x.mound"])
            self.assertEqual(code, 2)
            self.assertIn(word, err)
        self.assertFalse((self.folder / "x.mound").exists())

    def test_a_pattern_is_read_off_a_file(self):
        for path, pattern in (("a/walk.0012.obj", "a/walk.####.obj"), ("v2_frame7.vdb", "v2_frame#.vdb"), ("x.usda", "x.usda")):
            self.assertEqual(pattern_of(path), pattern)
        with self.assertRaisesRegex(Problem, "no number in its name"):
            pattern_of("walk.obj")

    def test_a_file_that_went_away_is_one_sentence(self):
        mound = self.mound(self.walking())
        for path in self.folder.glob("*.obj"):
            path.unlink()
        with self.assertRaisesRegex(Problem, "no file of that pattern"):
            mound_at(mound, 2, self.folder)


def read_triangles_of_box(box):
    """A box as it would come from a file."""
    with tempfile.TemporaryDirectory() as folder:
        path = pathlib.Path(folder, "box.obj")
        moved = box.copy()
        moved.apply_scale(1.1)
        moved.apply_translation((10.0, 20.0, 0.0))
        moved.export(path)
        return read_triangles(path)


if __name__ == "__main__":
    unittest.main()
