"""Velocity of moving forms against motions written down, and as it is read back from files."""

import pathlib
import tempfile
import unittest

import numpy as np

from softmound.cli import main
from softmound.core.engine.line_frames import frames_written
from softmound.core.mass.kinds.blob import Blob
from softmound.core.mass.kinds.mesh import Mesh
from softmound.core.mass.velocity import velocity_at
from softmound.core.recipe import Arrays, Mass, write_mound
from softmound.core.recipe.time import Key, Keyed, TimeLine
from softmound.core.volume.reference import vdb
from tests.scenes import ball_mound, said

RATE = 24.0


def around(centre, radius, count=300):
    rng = np.random.default_rng(5)
    ways = rng.normal(size=(count, 3))
    return np.asarray(centre) + radius * rng.random((count, 1)) * ways / np.linalg.norm(ways, axis=1, keepdims=True)


class Motions(unittest.TestCase):
    def of(self, before, after, points, soft=1.0):
        return velocity_at(Mass(forms=before), Mass(forms=after), points, 1.0 / RATE, soft)

    def test_what_is_moved(self):
        a = Blob(centre=(1.0, 2.0, 3.0), radii=(5.0, 6.0, 7.0))
        found = self.of((a,), (a.edited(centre=(1.5, 2.0, 2.0)),), around(a.centre, 8.0))
        np.testing.assert_allclose(found, np.broadcast_to((12.0, 0.0, -24.0), found.shape), atol=1e-4)

    def test_what_turns_goes_round(self):
        # Omega times r, but for the second order of half a degree a frame.
        a, degrees = Blob(centre=(4.0, 0.0, -2.0), radii=(9.0, 4.0, 6.0)), 0.5
        points = around(a.centre, 9.0)
        found = self.of((a,), (a.edited(rotation=(0.0, degrees, 0.0)),), points)
        wanted = np.cross([0.0, np.radians(degrees) * RATE, 0.0], points - a.centre)
        np.testing.assert_allclose(found, wanted, atol=0.01)

    def test_what_grows_goes_outward(self):
        a = Blob(centre=(0.0, 5.0, 0.0), radii=(10.0, 10.0, 10.0))
        points = around(a.centre, 10.0)
        found = self.of((a,), (a.edited(radii=(11.0, 10.0, 10.0)),), points)
        np.testing.assert_allclose(found, (points - a.centre) * [0.1 * RATE, 0.0, 0.0], atol=1e-4)

    def test_each_form_has_its_own_and_they_meet_softly(self):
        a, b = (Blob(centre=(x, 0.0, 0.0), radii=(5.0, 5.0, 5.0)) for x in (-10.0, 10.0))
        after = (a, b.edited(centre=(10.0, 1.0, 0.0)))
        line = np.stack([np.linspace(-14.0, 14.0, 57), np.zeros(57), np.zeros(57)], axis=1)
        found = self.of((a, b), after, line)[:, 1]
        np.testing.assert_allclose(found[line[:, 0] < -5.0], 0.0, atol=0.01)
        np.testing.assert_allclose(found[line[:, 0] > 5.0], RATE, atol=0.01)
        self.assertTrue((np.diff(found) >= -1e-4).all())
        self.assertAlmostEqual(float(found[28]), RATE / 2, delta=0.01)

    def test_a_mesh_moves_vertex_by_vertex(self):
        x, z = np.meshgrid(np.linspace(-5, 5, 21), np.linspace(-5, 5, 21), indexing="ij")
        flat = np.stack([x.ravel(), np.zeros(x.size), z.ravel()], axis=1)
        n = np.arange(20 * 21).reshape(20, 21)[:, :20].ravel()
        faces = np.concatenate([np.stack([n, n + 1, n + 21], 1), np.stack([n + 1, n + 22, n + 21], 1)]).astype(np.int32)
        waved = flat + np.stack([np.zeros(x.size), 0.1 * np.sin(x.ravel()), np.zeros(x.size)], axis=1)
        before, after = (Mesh(surface=Arrays(vertices=v.astype(np.float32), faces=faces), sheet=0.5) for v in (flat, waved))
        found = self.of((before,), (after,), flat + [0.0, 0.1, 0.0])
        np.testing.assert_allclose(found[:, 1], 0.1 * RATE * np.sin(flat[:, 0]), atol=1e-3)

    def test_carving_and_coming_forms_carry_nothing(self):
        a, b = Blob(radii=(5.0, 5.0, 5.0)), Blob(centre=(2.0, 0.0, 0.0), radii=(3.0, 3.0, 3.0), role="carves")
        found = self.of((a, b), (a, b.edited(centre=(9.0, 0.0, 0.0)), a.edited(centre=(5.0, 5.0, 5.0))), around((0, 0, 0), 6.0))
        np.testing.assert_array_equal(found, 0.0)
        self.assertTrue((self.of((), (), around((0, 0, 0), 6.0)) == 0.0).all())


class Files(unittest.TestCase):
    def setUp(self):
        place = tempfile.TemporaryDirectory()
        self.addCleanup(place.cleanup)
        self.folder = pathlib.Path(place.name)
        keys = (Key(frame=1, value=0.0, ease="even"), Key(frame=9, value=8.0, ease="even"))
        self.mound = ball_mound(10.0, 2.0).edited(
            time=TimeLine(first=1, last=9, rate=RATE), keyed=(Keyed(place=("mass", "forms", 0, "centre", 0), points=keys),))

    def test_it_is_beside_the_density_in_metres_a_second(self):
        frames_written(self.mound, self.folder, (4, 9), 1.0, velocity=True)
        for path in sorted(self.folder.glob("*.vdb")):
            density, velocity = vdb.read(str(path), "density"), vdb.read(str(path), "velocity")
            self.assertEqual(velocity.transform, density.transform)
            self.assertEqual((velocity["unit"], velocity["frames_per_second"]), ("m/s", RATE))
            self.assertIn("no", velocity["staggered"])
            reader, there = velocity.getConstAccessor(), 0
            for item in density.citerOnValues():
                if item.count == 1:
                    np.testing.assert_allclose(reader.getValue(item.min), (RATE, 0.0, 0.0), atol=1e-3)
                    there += 1
                    if there > 500:
                        break
            self.assertGreater(there, 400)

    def test_by_the_command_line_and_by_two_processes_the_same(self):
        write_mound(self.folder / "ball.mound", self.mound)
        for name, more in (("one", ()), ("two", ("--workers", "2"))):
            code, *_ = said(main, ("frames", self.folder / "ball.mound", "--out", self.folder / name, "--range", "2-3", "--voxel",
                                   "2", "--velocity", *more))
            self.assertEqual(code, 0)
        for path in sorted((self.folder / "one").glob("*.vdb")):
            a, b = (vdb.read(str(p), "velocity") for p in (path, self.folder / "two" / path.name))
            self.assertEqual(a.activeVoxelCount(), b.activeVoxelCount())
            self.assertEqual(a.evalActiveVoxelBoundingBox(), b.evalActiveVoxelBoundingBox())
        plain = self.folder / "plain"
        frames_written(self.mound, plain, (2,), 2.0)
        with self.assertRaises(KeyError):
            vdb.read(str(next(plain.glob("*.vdb"))), "velocity")
