"""Models, points and photographs from files: what is right, what is mended, and what is refused."""

import json
import pathlib
import tempfile
import unittest

import numpy as np
import OpenEXR
import trimesh
from PIL import Image

from softmound.cli import main
from softmound.core.exchange.foreign import read_facts, read_photograph, read_points, read_triangles
from softmound.core.exchange.forms import mesh_form, points_form
from softmound.core.exchange.meshes import in_metres, write_mesh
from softmound.core.exchange.units import UNITS
from softmound.core.mass.mend import (
    crossing_faces,
    hole_loops,
    mended,
    open_edges,
    oriented,
    welded,
    with_holes_closed,
    without_degenerate,
)
from softmound.core.recipe import Mass, Mound, Problem, read_mound, write_mound
from tests.scenes import lumpy_mound, said

ROOT = pathlib.Path(__file__).parent.parent


class Folder(unittest.TestCase):
    def setUp(self):
        self._folder = tempfile.TemporaryDirectory()
        self.folder = pathlib.Path(self._folder.name)
        self.addCleanup(self._folder.cleanup)

    def file(self, name, content):
        path = self.folder / name
        path.write_bytes(content if isinstance(content, bytes) else content.encode())
        return path


class Mending(unittest.TestCase):
    ball = trimesh.creation.icosphere(3, 2.0)

    def test_a_soup_of_corners_becomes_one_surface(self):
        soup = self.ball.triangles.reshape(-1, 3)
        vertices, faces = welded(soup, np.arange(len(soup)).reshape(-1, 3))
        self.assertEqual((len(vertices), len(faces)), (len(self.ball.vertices), len(self.ball.faces)))
        self.assertTrue(trimesh.Trimesh(vertices, faces, process=False).is_watertight)

    def test_without_area_and_twice_are_left_out(self):
        faces = np.concatenate([self.ball.faces, self.ball.faces[:4], self.ball.faces[:3][:, [1, 2, 0]],
                                [[0, 0, 1], [5, 6, 5]]])
        kept, degenerate, duplicates = without_degenerate(self.ball.vertices, faces)
        self.assertEqual((len(kept), degenerate, duplicates), (len(self.ball.faces), 2, 7))

    def test_inside_out_is_turned_whole_or_in_part(self):
        dice = np.random.default_rng(5)
        for share in (1.0, 0.35):
            faces = self.ball.faces.copy()
            some = dice.random(len(faces)) < share
            faces[some] = faces[some][:, ::-1]
            out, turned = oriented(self.ball.vertices, faces)
            made = trimesh.Trimesh(self.ball.vertices, out, process=False)
            self.assertTrue(made.is_winding_consistent)
            self.assertAlmostEqual(made.volume, self.ball.volume)
            self.assertEqual(turned, int(some.sum()))

    def test_holes_are_found_and_closed(self):
        box = trimesh.creation.box((2.0, 3.0, 4.0))
        for normals, holes, edges in (([(0, 1, 0)], 1, 4), ([(0, 1, 0), (0, -1, 0)], 2, 8)):
            gone = np.any([box.face_normals @ np.array(n) > 0.9 for n in normals], axis=0)
            faces = box.faces[~gone]
            self.assertEqual((len(hole_loops(faces)), len(open_edges(faces))), (holes, edges))
            vertices, whole, closed = with_holes_closed(box.vertices, faces)
            made = trimesh.Trimesh(vertices, whole, process=False)
            self.assertEqual(closed, holes)
            self.assertTrue(made.is_watertight and made.is_winding_consistent)
            self.assertAlmostEqual(made.volume, 24.0)
        self.assertEqual(hole_loops(box.faces), [])

    def test_touching_holes_are_two(self):
        # Two triangles of a plate missing that share one corner.
        grid = trimesh.creation.icosphere(2)
        corner = grid.faces[0][0]
        around = np.flatnonzero((grid.faces == corner).any(axis=1))
        faces = np.delete(grid.faces, [around[0], around[2] if len(set(grid.faces[around[0]]) & set(
            grid.faces[around[2]])) == 1 else around[3]], axis=0)
        vertices, whole, closed = with_holes_closed(grid.vertices, faces)
        self.assertEqual(closed, 2)
        self.assertTrue(trimesh.Trimesh(vertices, whole, process=False).is_watertight)

    def test_crossing_is_counted_against_every_pair(self):
        ball = trimesh.creation.icosphere(2, 2.0)
        other = ball.copy().apply_translation((1.7, 0.4, 0.1))
        both = trimesh.util.concatenate([ball, other])
        # A second method: a triangle of one ball crosses if an edge of either passes through the other.
        expected = set()
        for a, b, shift in ((ball, other, 0), (other, ball, len(ball.faces))):
            edges = a.vertices[a.faces[:, [0, 1, 1, 2, 2, 0]]].reshape(-1, 2, 3)
            way = edges[:, 1] - edges[:, 0]
            for number in range(len(b.faces)):
                p, q, r = b.triangles[number]
                normal = np.cross(q - p, r - p)
                with np.errstate(divide="ignore", invalid="ignore"):
                    t = ((p - edges[:, 0]) @ normal) / (way @ normal)
                at = edges[:, 0] + t[:, None] * way
                inside = np.all([np.cross(v - u, at - u) @ normal >= 0.0 for u, v in ((p, q), (q, r), (r, p))], axis=0)
                for edge in np.flatnonzero((t > 0.0) & (t < 1.0) & inside):
                    expected |= {edge // 3 + shift, number + (len(ball.faces) if shift == 0 else 0)}
        self.assertEqual(crossing_faces(both.vertices, both.faces), len(expected))
        self.assertEqual(crossing_faces(self.ball.vertices, self.ball.faces), 0)
        self.assertGreater(len(expected), 20)

    def test_all_at_once_says_what_it_found(self):
        faces = np.concatenate([self.ball.faces[5:][:, ::-1], [[0, 0, 1]]])
        _, kept, facts = mended(self.ball.vertices, faces)
        self.assertEqual(facts["triangles"], len(self.ball.faces) - 5)
        self.assertEqual((facts["degenerate"], facts["turned"]), (1, len(self.ball.faces) - 5))
        self.assertEqual(facts["open_edges"], len(open_edges(kept)))


class Reading(Folder):
    def test_every_format_gives_the_same_ball(self):
        made = trimesh.creation.icosphere(3, 2.0)
        for ending in ("obj", "ply", "stl", "glb", "gltf", "off"):
            path = self.folder / f"ball.{ending}"
            made.export(path)
            read = read_triangles(path)
            self.assertTrue(read.closed, ending)
            self.assertEqual(len(read.faces), len(made.faces), ending)
            again = trimesh.Trimesh(read.vertices, read.faces, process=False)
            self.assertAlmostEqual(again.volume, made.volume, places=4, msg=ending)
            self.assertIn("closed", read.said)

    def test_unit_and_up(self):
        points = np.array([[1.0, 2.0, 3.0]])
        np.testing.assert_allclose(in_metres(points, "cm", "y"), [[0.01, 0.02, 0.03]])
        # z up to y up: what was up is up, and it is a rotation, not a mirroring.
        np.testing.assert_allclose(in_metres(points, "m", "z"), [[1.0, 3.0, -2.0]])
        self.assertAlmostEqual(UNITS["ft"], 0.3048)
        path = self.folder / "box.ply"
        trimesh.creation.box((100.0, 200.0, 400.0)).export(path)
        form = mesh_form(read_triangles(path), "Box", "cm", "z")
        np.testing.assert_allclose(np.ptp(form.surface["vertices"], axis=0), [1.0, 4.0, 2.0], rtol=1e-6)
        with self.assertRaises(Problem) as caught:
            mesh_form(read_triangles(path), "Box", "km", "z")
        self.assertIn("smaller unit", str(caught.exception))

    def test_the_demo_model_is_open_and_can_be_closed(self):
        read = read_triangles(ROOT / "softmound" / "examples" / "brioche.ply")
        self.assertFalse(read.closed)
        self.assertIn("open", read.said)
        form = mesh_form(read, "Brioche", close_holes=True)
        self.assertEqual(len(open_edges(form.surface["faces"])), 0)
        self.assertGreater(trimesh.Trimesh(form.surface["vertices"], form.surface["faces"]).volume, 1e5)

    def test_written_meshes_are_read_by_trimesh(self):
        made = trimesh.creation.torus(3.0, 1.0)
        for ending in ("obj", "ply", "stl", "glb", "off"):
            path = self.folder / f"ring.{ending}"
            write_mesh(path, made.vertices, made.faces)
            self.assertAlmostEqual(trimesh.load(path, force="mesh").volume, made.volume, places=4)
        with self.assertRaises(Problem):
            write_mesh(self.folder / "ring.xyz", made.vertices, made.faces)

    def test_points_in_every_format(self):
        dice = np.random.default_rng(1)
        positions, radii, ages = dice.normal(size=(50, 3)), dice.uniform(1, 2, 50), dice.uniform(0, 40, 50)
        np.savez(self.folder / "a.npz", positions=positions, radius=radii, age=ages)
        rows = "\n".join(",".join(f"{v:.9g}" for v in row) for row in np.column_stack([positions, radii, ages]))
        self.file("b.csv", "x, y, z, radius, age\n" + rows)
        self.file("c.csv", rows)
        head = ("ply\nformat ascii 1.0\nelement vertex 50\nproperty float x\nproperty float y\nproperty float z\n"
                "property float radius\nproperty float age\nend_header\n")
        self.file("d.ply", head + rows.replace(",", " ") + "\n")
        for name in ("a.npz", "b.csv", "c.csv", "d.ply"):
            read = read_points(self.folder / name)
            np.testing.assert_allclose(read["positions"], positions, rtol=1e-5, atol=1e-6, err_msg=name)
            np.testing.assert_allclose(read["radii"], radii, rtol=1e-5, err_msg=name)
            scaled = (ages - ages.min()) / (ages.max() - ages.min())
            np.testing.assert_allclose(read["ages"], scaled, atol=1e-5, err_msg=name)
        form = points_form(read, "Flour", "cm")
        np.testing.assert_allclose(form.cloud["radii"], radii * 0.01, rtol=1e-5)

    def test_photographs_in_every_format(self):
        pixels = np.random.default_rng(1).integers(0, 255, (40, 60, 3), dtype=np.uint8)
        for ending in ("png", "tif"):
            Image.fromarray(pixels).save(self.folder / f"sky.{ending}")
            np.testing.assert_array_equal(read_photograph(self.folder / f"sky.{ending}"), pixels)
        Image.fromarray(pixels).save(self.folder / "sky.jpg", quality=95)
        self.assertEqual(read_photograph(self.folder / "sky.jpg").shape, (40, 60, 3))
        linear = np.zeros((40, 60, 3), np.float32)
        linear[:, 30:] = 0.5
        OpenEXR.File({"compression": OpenEXR.ZIP_COMPRESSION, "type": OpenEXR.scanlineimage},
                     {"RGB": linear}).write(str(self.folder / "sky.exr"))
        read = read_photograph(self.folder / "sky.exr")
        self.assertEqual((read[0, 0].tolist(), read[0, 59].tolist()), ([0, 0, 0], [255, 255, 255]))
        Image.fromarray(np.zeros((30, 5000, 3), np.uint8)).save(self.folder / "wide.png")
        self.assertEqual(read_photograph(self.folder / "wide.png").shape[1], 2048)


class Refusals(Folder):
    def refused(self, read, path, *wanted):
        with self.assertRaises(Problem) as caught:
            read(path)
        sentence = str(caught.exception)
        self.assertIn(str(path), sentence)
        for word in wanted:
            self.assertIn(word, sentence)
        self.assertNotIn("\n", sentence)

    def test_what_is_no_mesh(self):
        triangle = "v 0 0 0\nv 1 0 0\nv 0 1 0\n"
        whole = trimesh.creation.icosphere(3).export(file_type="ply")
        for name, content, words_ in (
            ("a.obj", "nothing of the kind\n", ["no triangles"]),
            ("b.ply", b"", ["empty"]),
            ("c.obj", triangle.replace("1 0 0", "1 nan 0") + "f 1 2 3\n", ["not finite"]),
            ("d.obj", triangle.replace("1 0 0", "1e30 0 0") + "f 1 2 3\n", ["1e+30"]),
            ("e.obj", triangle + "f 1 2 9\n", []),
            ("f.ply", whole[: len(whole) // 2], []),
            ("g.stl", b"\x00" * 300, []),
            ("h.glb", b"glTF\x02\x00", ["GLB"]),
            ("i.obj", triangle + "f 1 1 1\n", ["area"]),
            ("j.gltf", "{", []),
            ("k.off", "OFF\n3 1 0\n0 0 0\n1 0 0\n0 1 0\n3 0 1 7\n", []),
        ):
            with self.subTest(name):
                self.refused(read_triangles, self.file(name, content), *words_)
        self.refused(read_triangles, self.folder / "none.obj", "no such file")
        self.refused(read_triangles, self.file("x.txt", "x"), "choose one")

    def test_references_outside_the_folder(self):
        self.file("secret.bin", b"\x00" * 100)
        inner = self.folder / "model"
        inner.mkdir()
        for uri in ("../secret.bin", "/etc/passwd", "file:///etc/passwd", "http://somewhere/x.bin", "%2e%2e/secret.bin"):
            tree = {"asset": {"version": "2.0"}, "buffers": [{"uri": uri, "byteLength": 100}]}
            path = inner / "m.gltf"
            path.write_text(json.dumps(tree))
            self.refused(read_triangles, path, "outside its folder")

    def test_too_many_triangles(self):
        count = 5_000_001
        head = (f"ply\nformat binary_little_endian 1.0\nelement vertex 3\nproperty float x\nproperty float y\n"
                f"property float z\nelement face {count}\nproperty list uchar int vertex_indices\nend_header\n")
        corners = np.array([[0, 0, 0], [1, 0, 0], [0, 1, 0]], "<f4").tobytes()
        face = b"\x03" + np.array([0, 1, 2], "<i4").tobytes()
        self.refused(read_triangles, self.file("many.ply", head.encode() + corners + face * count), "5,000,001", "reduce")

    def test_what_are_no_points(self):
        self.refused(read_points, self.file("a.csv", "x,y,z\n1,2,3\n4,b,6\n"), "line")
        self.refused(read_points, self.file("b.csv", "u,v\n1,2\n"), "x, y and z")
        self.refused(read_points, self.file("c.csv", ""), "empty")
        self.refused(read_points, self.file("d.npz", b"PK nothing"), "")
        self.refused(read_points, self.file("e.csv", "x,y,z,radius\n1,2,3,-1\n"), "below 0")
        self.refused(read_points, self.file("f.csv", "x,y,z\n1,2,inf\n"), "not finite")
        np.savez(self.folder / "g.npz", positions=np.array([{"a": 1}], dtype=object))
        self.refused(read_points, self.folder / "g.npz", "")

    def test_what_is_no_photograph(self):
        self.refused(read_photograph, self.file("a.png", "no"), "no picture")
        Image.fromarray(np.zeros((40, 40, 3), np.uint8)).save(self.folder / "b.png")
        whole = (self.folder / "b.png").read_bytes()
        self.refused(read_photograph, self.file("c.png", whole[:60]), "")
        self.refused(read_photograph, self.file("d.exr", b"v/1\x01 and nothing"), "")

    def test_a_volume_that_is_damaged(self):
        self.refused(read_facts, self.file("a.vdb", b" BDV\x00\x00\x00\x00 and nothing more"), "")


class Command(Folder):
    def test_a_model_becomes_a_cloud(self):
        model = self.folder / "ball.obj"
        trimesh.creation.icosphere(3, 50.0).export(model)
        out, mound = self.folder / "ball.vdb", self.folder / "ball.mound"
        code, printed, err = said(main, ["cloud", str(model), "--out", str(out), "--span", "80", "--from-unit", "cm", "--voxel",
                                         "2", "--start", "lenticularis", "--level", "10", "--mound", str(mound), "--json",
                                         "--quiet"])
        self.assertEqual((code, err), (0, ""))
        facts = json.loads(printed)
        self.assertEqual((facts["triangles"], facts["open_edges"], facts["voxel"]), (1280, 0, 2.0))
        self.assertEqual(read_facts(out)[0]["name"], "density")
        low, high = np.array(facts["bounds"])
        # 80 m across, cut at 10 m, and the grains and their skin on top of that.
        self.assertAlmostEqual((high - low)[0], 80.0, delta=12.0)
        self.assertAlmostEqual(low[1], 10.0, delta=6.0)
        again = read_mound(mound)
        self.assertEqual(again.mass.forms[0].kind, "mesh")
        self.assertEqual(again.mass.base.altitude, 10.0)
        # The same code as the desk: building the mound gives the same voxels.
        second = self.folder / "again.vdb"
        self.assertEqual(said(main, ["build", str(mound), "--out", str(second), "--voxel", "2"])[0], 0)
        self.assertEqual(out.stat().st_size, second.stat().st_size)

    def test_an_open_model_asks_what_to_do(self):
        model, out = ROOT / "softmound" / "examples" / "brioche.ply", self.folder / "b.vdb"
        code, _, err = said(main, ["cloud", str(model), "--out", str(out), "--voxel", "4"])
        self.assertEqual(code, 2)
        self.assertIn("--close-holes", err)
        self.assertFalse(out.exists())
        active = []
        for extra in (["--close-holes"], ["--thickness", "6"]):
            code, printed, err = said(main, ["cloud", str(model), "--out", str(out), "--voxel", "4", "--json", "--force",
                                              "--quiet", *extra])
            self.assertEqual((code, err), (0, ""))
            active.append(json.loads(printed)["active_voxels"])
        self.assertGreater(active[0], 1.4 * active[1])

    def test_bad_input_leaves_nothing(self):
        out = self.folder / "x.vdb"
        bad = self.file("bad.obj", "v 0 0 0\n")
        for arguments in (["cloud", str(bad), "--out", str(out)], ["cloud", str(self.folder / "no.obj"), "--out", str(out)],
                          ["cloud", str(bad), "--out", str(out), "--start", "sponge"],
                          ["form", str(bad), "--obj", str(self.folder / "x.obj")]):
            code, _, err = said(main, arguments)
            self.assertEqual(code, 2, arguments)
            self.assertEqual(len(err.strip().splitlines()), 1, err)
        self.assertEqual(sorted(p.name for p in self.folder.iterdir()), ["bad.obj"])

    def test_the_surface_of_a_mound(self):
        write_mound(self.folder / "a.mound", lumpy_mound())
        code, printed, _ = said(main, ["form", str(self.folder / "a.mound"), "--obj", str(self.folder / "a.obj"),
                                       "--voxel", "0.5", "--json"])
        self.assertEqual(code, 0)
        made = trimesh.load(self.folder / "a.obj", force="mesh")
        self.assertTrue(made.is_watertight)
        self.assertEqual(json.loads(printed)["triangles"], len(made.faces))
        self.assertGreater(made.volume, 2000.0)
        write_mound(self.folder / "empty.mound", Mound(mass=Mass()))
        self.assertEqual(said(main, ["form", str(self.folder / "empty.mound"), "--obj", str(self.folder / "e.obj")])[0], 2)


if __name__ == "__main__":
    unittest.main()
