"""The command line for a pipeline: outputs that are never inputs, files read as they were meant, JSON, exit codes, names."""

import json
import os
import pathlib
import re
import shutil
import stat
import subprocess
import sys
import tempfile
import unittest

import numpy as np
import trimesh

from softmound.cli import main, parser
from softmound.core.exchange.export import exported, in_metres
from softmound.core.exchange.foreign import read_volume
from softmound.core.exchange.stated import metadata_of, stated_medium, stated_placement
from softmound.core.light.scene.phase import lobes_of, phase
from softmound.core.mass.mend import mended, open_edges, with_holes_closed
from softmound.core.recipe import Medium, read_mound, write_mound
from softmound.core.volume import grid_of
from softmound.core.volume.combine import refuse_unless_it_fits
from softmound.core.volume.iso import as_density
from softmound.core.volume.reference import vdb
from tests.long import long
from tests.scenes import ball_mound, box_grid, lumpy_mound, random_grid, said, voxels_of

ROOT = pathlib.Path(__file__).parent.parent


class Folder(unittest.TestCase):
    def setUp(self):
        self._folder = tempfile.TemporaryDirectory()
        self.addCleanup(self._folder.cleanup)
        self.folder = pathlib.Path(self._folder.name)
        self.mound = self.folder / "bun.mound"
        write_mound(self.mound, ball_mound())

    def run_(self, *arguments, code=0):
        got, out, err = said(main, [*arguments, "--json"])
        self.assertEqual(got, code, err)
        return json.loads(out)


class Outputs(Folder):
    def test_an_output_is_never_an_input_or_another_output(self):
        before, link, hard = self.mound.read_bytes(), self.folder / "link.mound", self.folder / "hard.vdb"
        os.symlink(self.mound, link)
        os.link(self.mound, hard)
        for arguments in (("build", self.mound, "--out", hard), ("build", link, "--out", hard),
                          ("build", self.mound, "--out", self.folder / "q.vdb", "--picture", self.folder / "q.vdb")):
            answer = self.run_(*arguments, "--force", code=2)
            self.assertEqual((answer["schema"], answer["code"]), (1, 2))
            self.assertEqual(self.mound.read_bytes(), before)

    def test_what_is_there_is_replaced_only_when_told_to(self):
        out = self.folder / "a.vdb"
        out.write_text("precious")
        self.assertIn("--force", self.run_("build", self.mound, "--out", out, "--voxel", "2", code=2)["error"])
        self.assertEqual(out.read_text(), "precious")
        self.run_("build", self.mound, "--out", out, "--voxel", "2", "--force")
        self.assertEqual(len(read_volume(out).metadata["seeds"].split(", ")), 1)

    def test_a_dry_run_foretells_and_writes_nothing(self):
        before = sorted(self.folder.rglob("*"))
        out = self.folder / "a.vdb"
        for arguments in (("build", self.mound, "--out", out), ("picture", self.mound, "--out", self.folder / "a.png"),
                          ("mesh", self.mound, "--out", self.folder / "a.obj"),
                          ("publish", self.mound, "--library", self.folder / "s"),
                          ("turntable", self.mound, "--out", self.folder / "turn"), ("new", self.folder / "n.mound")):
            facts = self.run_(*arguments, "--dry-run")
            self.assertEqual(len(facts["would_write"]), 1, arguments)
            self.assertEqual(sorted(self.folder.rglob("*")), before)
        built = self.run_("build", self.mound, "--out", out, "--voxel", "0.5")
        facts = self.run_("build", self.mound, "--out", out, "--voxel", "0.5", "--dry-run", "--force")
        self.assertAlmostEqual(facts["active_voxels"] / built["active_voxels"], 1.0, delta=0.25)

    def test_rights_and_links_are_respected(self):
        umask = os.umask(0o027)
        self.addCleanup(os.umask, umask)
        out, link = self.folder / "a.vdb", self.folder / "b.vdb"
        self.run_("build", self.mound, "--out", out, "--voxel", "2")
        self.assertEqual(stat.S_IMODE(out.stat().st_mode), 0o640)
        out.chmod(0o600)
        link.symlink_to(out)
        before = out.stat().st_size
        self.run_("build", self.mound, "--out", link, "--voxel", "1", "--force")
        self.assertTrue(link.is_symlink())
        self.assertGreater(out.stat().st_size, before)
        self.assertEqual(stat.S_IMODE(out.stat().st_mode), 0o600)

    def test_names_of_any_letters(self):
        for name in ("a\nb.vdb", "x" * 250 + ".vdb", "雲.vdb"):
            self.run_("build", self.mound, "--out", self.folder / name, "--voxel", "2")
            self.assertTrue((self.folder / name).exists())


class AsMeant(Folder):
    """A file of ours is read as it was meant, whatever its unit and axes."""

    def picture(self, file, *more):
        out = self.folder / f"p{len(list(self.folder.iterdir()))}.exr"
        facts = self.run_("picture", file, "--out", out, "--size", "96x60", "--depth", *more)
        import OpenEXR

        with OpenEXR.File(str(out)) as image:
            channels = image.channels()
            return facts, np.array(channels["optical_depth"].pixels), np.array(channels["RGBA"].pixels)

    def test_extinction_unit_and_axis_are_those_of_the_file(self):
        mound = lumpy_mound()
        medium = Medium(extinction=0.48, phase="two lobes", share=0.3, albedo=0.99)
        write_mound(self.mound, mound.edited(light=mound.light.edited(medium=medium)))
        found = []
        for number, more in enumerate(((), ("--unit", "cm"), ("--up", "z"), ("--unit", "ft", "--up", "z"))):
            file = self.folder / f"{number}.vdb"
            self.run_("build", self.mound, "--out", file, "--voxel", "1", "--full", *more)
            facts, depth, colours = self.picture(file)
            self.assertEqual(facts["extinction"], 0.48)
            found.append((depth, colours))
            self.assertEqual(stated_medium(read_volume(file).metadata), medium)
        for depth, colours in found[1:]:
            np.testing.assert_allclose(depth, found[0][0], rtol=2e-2, atol=0.05)
            self.assertLess(np.abs(colours.astype(float) - found[0][1]).mean(), 0.02)
        # Optical depth across the cloud: extinction times what a ray passes, of a cloud about 40 m across.
        self.assertTrue(4.0 < found[0][0].max() < 0.48 * 60.0, found[0][0].max())
        facts, depth, _ = self.picture(self.folder / "0.vdb", "--extinction", "0.048")
        np.testing.assert_allclose(depth.max() * 10.0, found[0][0].max(), rtol=0.02)

    def test_a_grid_in_metres_is_the_inverse_of_one_for_export(self):
        grid = random_grid(3)
        for up in ("y", "z"):
            for unit in ("m", "cm", "ft"):
                back = in_metres(exported(grid, up, unit), unit, up)
                self.assertAlmostEqual(back.voxel, grid.voxel, places=9)
                np.testing.assert_allclose(back.offset, grid.offset, atol=1e-6)
                np.testing.assert_array_equal(back.coords, grid.coords)
                np.testing.assert_array_equal(back.values, grid.values)

    def test_the_mean_cosine_of_every_phase_function_is_stated(self):
        cosines = np.linspace(-1.0, 1.0, 2_000_001)
        for medium in (Medium(), Medium(phase="two lobes", anisotropy=0.8, second=-0.4, share=0.35),
                       Medium(phase="droplets", diameter=12.0), Medium(phase="droplets", diameter=45.0)):
            values = phase(cosines, lobes_of(medium))
            wanted = np.trapezoid(values * cosines, cosines) / np.trapezoid(values, cosines) if hasattr(
                np, "trapezoid") else np.trapz(values * cosines, cosines) / np.trapz(values, cosines)
            self.assertAlmostEqual(metadata_of("x", medium, [1])["anisotropy"], wanted, places=3)

    def test_what_a_foreign_file_states_is_believed_only_when_it_can_be(self):
        self.assertEqual(stated_placement({"unit": "furlong", "up": "x"}), (None, None))
        self.assertIsNone(stated_medium({"extinction_per_metre": -3.0}))
        self.assertIsNone(stated_medium({"soft_mound_medium": "{"}))
        self.assertEqual(stated_medium({"extinction_per_metre": 0.3}).extinction, 0.3)

    def test_combining_files_of_other_units_and_axes(self):
        for name, more in (("a", ()), ("b", ("--unit", "cm", "--up", "z"))):
            self.run_("build", self.mound, "--out", self.folder / f"{name}.vdb", "--voxel", "1", "--full", *more)
        facts = self.run_("combine", self.folder / "a.vdb", self.folder / "b.vdb", "--out", self.folder / "c.vdb", "--full")
        self.assertEqual(facts["read_as"], ["m, y up", "cm, z up"])
        one, both = (voxels_of(read_volume(self.folder / n).grid.coords) for n in ("a.vdb", "c.vdb"))
        self.assertEqual(len(one), len(both))

    def test_combining_more_than_memory_holds_is_refused_before_it_begins(self):
        # Of tiles, so that only what would be made of them is large.
        coords = np.stack(np.meshgrid(*[np.arange(50)] * 3, indexing="ij"), -1).reshape(-1, 3).astype(np.int32)
        grid = grid_of(1.0, np.empty((0, 3), np.int32), np.empty((0, 512), np.float32), coords, np.ones(len(coords), np.float32))
        with self.assertRaisesRegex(Exception, "smallest voxel that fits"):
            refuse_unless_it_fits([grid, grid], 1e-3)
        refuse_unless_it_fits([grid, grid], 1.0)

    def test_a_level_set_becomes_the_surface_it_is(self):
        grid = vdb.createLevelSetSphere(radius=10.0, voxelSize=0.5, halfWidth=3.0)
        grid.name = "surface"
        vdb.write(str(self.folder / "s.vdb"), grids=[grid])
        for more, radius, slack in (((), 10.0, 0.02), (("--iso", "0.5"), 10.5, 0.02), (("--triangles", "2000"), 10.0, 0.15)):
            out = self.folder / "s.ply"
            self.run_("mesh", self.folder / "s.vdb", "--grid", "surface", "--out", out, "--force", *more)
            made = trimesh.load(out)
            self.assertTrue(made.is_watertight)
            self.assertGreater(made.volume, 0.0, "inside out")
            self.assertAlmostEqual((made.volume * 3 / 4 / np.pi) ** (1 / 3), radius, delta=slack)
        self.assertIn("distances reach", self.run_("mesh", self.folder / "s.vdb", "--grid", "surface", "--out", out, "--force",
                                                   "--iso", "9", code=2)["error"])

    def test_a_level_set_as_a_density_rises_from_nothing_to_all(self):
        made, span = as_density(box_grid((0, 0, 0), (7, 7, 7), -1.0))
        self.assertEqual(made.background, 0.0)
        self.assertGreater(span, 0.0)
        self.assertEqual(float(max(made.values.max(initial=0), made.tile_values.max(initial=0))), 1.0)

    def test_grids_of_one_name_are_told_apart(self):
        grids = []
        for size in (4, 9):
            grid = vdb.FloatGrid()
            grid.fill((0, 0, 0), (size - 1,) * 3, 1.0)
            grid.name = "density"
            grids.append(grid)
        vdb.write(str(self.folder / "two.vdb"), grids=grids)
        facts = self.run_("info", self.folder / "two.vdb")["grids"]
        self.assertEqual([(g["name"], g["active_voxels"]) for g in facts], [("density", 64), ("density[1]", 729)])


class Models(unittest.TestCase):
    def test_a_wall_between_two_welded_pieces_goes(self):
        ball = trimesh.creation.icosphere(2, 5.0)
        vertices, faces = np.asarray(ball.vertices), np.asarray(ball.faces)
        wall = faces[:40]
        doubled = np.concatenate([faces, wall, wall[:, ::-1]])
        _, kept, facts = mended(vertices, doubled)
        self.assertEqual((len(kept), facts["open_edges"]), (len(faces), 0))

    def test_a_model_there_twice_stays_once(self):
        ball = trimesh.creation.icosphere(2, 5.0)
        vertices, faces = np.asarray(ball.vertices), np.asarray(ball.faces)
        for twice in (np.concatenate([faces, faces]), np.concatenate([faces, faces[:, [1, 2, 0]], faces])):
            _, kept, facts = mended(vertices, twice)
            self.assertEqual((len(kept), facts["open_edges"], facts["duplicates"]), (len(faces), 0, len(twice) - len(faces)))

    def test_holes_beside_triangles_that_hang_on(self):
        ball = trimesh.creation.icosphere(3, 10.0)
        vertices, faces = np.asarray(ball.vertices), np.asarray(ball.faces)[5:]
        a, b, _ = faces[100]
        n = len(vertices)
        more = np.array([[15, 3, 3], [16, 4, 4], [0, 0, 0], [1, 0, 0], [0, 1, 0]], float)
        faces = np.concatenate([faces, [[a, b, n], [a, n, n + 1], [n + 2, n + 3, n + 4]]])
        vertices, faces, _ = with_holes_closed(*mended(np.concatenate([vertices, more]), faces)[:2])
        self.assertEqual(len(open_edges(faces)), 0)
        made = trimesh.Trimesh(vertices, faces)
        self.assertAlmostEqual(abs(made.volume) / ball.volume, 1.0, delta=0.03)


class Answers(Folder):
    def test_exit_codes_are_apart(self):
        self.assertEqual(self.run_("build", self.folder / "no.mound", "--out", self.folder / "a.vdb", code=2)["code"], 2)
        self.assertEqual(self.run_("build", self.mound, "--out", self.folder / "a.vdb", "--voxel", "0.005", "--limit-memory",
                                   "0.01", code=3)["code"], 3)
        self.assertEqual(self.run_("build", self.mound, "--out", "/proc/a.vdb", "--voxel", "2", code=4)["code"], 4)
        self.assertEqual(self.run_("bake", code=2)["schema"], 1)

    def test_every_help_has_examples_that_the_parser_takes(self):
        made = parser()
        actions = next(a for a in made._actions if a.dest == "action").choices
        self.assertGreaterEqual(len(actions), 15)
        for name, action in actions.items():
            lines = [line.strip() for line in action.epilog.splitlines()[1:]]
            self.assertTrue(lines, name)
            for line in lines:
                import shlex

                made.parse_args(shlex.split(line)[1:])

    def test_help_starts_without_loading_what_computes(self):
        out = subprocess.run([sys.executable, "-X", "importtime", "-m", "softmound", "build", "--help"], cwd=ROOT, text=True,
                             capture_output=True, check=True).stderr
        loaded = {line.split("|")[-1].strip() for line in out.splitlines()}
        self.assertFalse(loaded & {"numpy", "numba", "scipy", "pydantic", "PyQt6.QtCore"})

    def test_what_computes_nothing_reads_nothing_that_computes(self):
        self.run_("publish", self.mound, "--library", self.folder / "shelf", "--voxel", "4")
        for action in (("starts",), ("library", "list", self.folder / "shelf"), ("info", next(self.folder.rglob("*.vdb"))),
                       ("info", self.mound)):
            with self.subTest(action):
                out = subprocess.run([sys.executable, "-X", "importtime", "-m", "softmound", *map(str, action)], cwd=ROOT,
                                     text=True, capture_output=True, check=True)
                self.assertTrue(out.stdout.strip())
                loaded = {line.split("|")[-1].strip() for line in out.stderr.splitlines()}
                self.assertFalse(loaded & {"numba", "llvmlite", "scipy.ndimage"})

    def test_what_a_mound_holds(self):
        mound = lumpy_mound()
        write_mound(self.mound, mound)
        facts = self.run_("info", self.mound)
        self.assertEqual(facts["forms"], {"blob": 3})
        self.assertEqual(facts["grains"], {"push 1": 8.0, "push 2": 3.0})
        self.assertEqual((facts["base_level"], facts["top_level"]), (mound.mass.base.altitude, None))
        self.assertEqual((facts["name"], facts["final_voxel"], facts["frames"]), (mound.name, 0.8, None))
        code, out, _ = said(main, ["info", str(self.mound)])
        self.assertEqual(code, 0)
        self.assertIn("blob 3", out)
        self.assertIn("azimuth 70, elevation 40", out)
        self.assertIn("there is no such file", self.run_("info", self.folder / "none.mound", code=2)["error"])

    def test_relative_paths_start_where_one_stands(self):
        (self.folder / ".here").mkdir()
        done = subprocess.run([ROOT / "run", "cli", "new", "here.mound"], cwd=self.folder, capture_output=True, text=True)
        self.assertEqual(done.returncode, 0, done.stderr)
        self.assertEqual(read_mound(self.folder / "here.mound").name, "here")

    def test_facts_of_a_file_in_feet_are_in_metres(self):
        facts = self.run_("build", self.mound, "--out", self.folder / "ft.vdb", "--voxel", "1", "--unit", "ft")
        low, high = np.array(facts["bounds"])
        own_low, own_high = np.array(facts["in_file"]["bounds"])
        self.assertAlmostEqual(facts["in_file"]["voxel"] * 0.3048, facts["voxel"], places=6)
        np.testing.assert_allclose((own_high - own_low) * 0.3048, high - low, rtol=1e-5)
        self.assertEqual(facts["unit"], "m")

    def test_just_so_many_voxels_long(self):
        write_mound(self.mound, lumpy_mound())
        for along in (60, 75, 100):
            facts = self.run_("build", self.mound, "--out", self.folder / "a.vdb", "--voxels-long", along, "--force")
            self.assertEqual(max(facts["dims"]), along)

    def test_quiet_and_threads(self):
        done = subprocess.run([sys.executable, "-m", "softmound", "build", str(self.mound), "--out", str(self.folder / "a.vdb"),
                               "--voxel", "2", "--threads", "1", "--quiet"], cwd=ROOT, capture_output=True, text=True)
        self.assertEqual((done.returncode, done.stderr), (0, ""))


class Library(Folder):
    def publish(self, *more):
        return self.run_("publish", self.mound, "--library", self.folder / "shelf", "--voxel", "2", *more)

    def test_mounds_of_different_names_never_share_an_asset(self):
        names = ["雲", "云", "Cottage Loaf", "cottage-loaf", "Ætna", "cloud"]
        folders = {name: pathlib.Path(self.publish("--name", name)["folder"]).parent for name in names}
        self.assertEqual(len(set(folders.values())), len(names))
        again = self.publish("--name", "cottage-loaf")
        self.assertEqual(pathlib.Path(again["folder"]), folders["cottage-loaf"] / "v002")
        self.assertTrue(all(str(p.name).isascii() for p in folders.values()))
        listed = self.run_("library", "list", self.folder / "shelf")["versions"]
        self.assertEqual(sorted(v["name"] for v in listed), sorted([*names, "cottage-loaf"]))
        latest = self.run_("library", "latest", self.folder / "shelf", "cottage-loaf")
        self.assertEqual(latest["folder"], again["folder"])
        self.assertIn("nothing published", self.run_("library", "latest", self.folder / "shelf", "x", code=2)["error"])

    def test_a_note_is_kept(self):
        folder = self.publish("--note", "softer base, for WB-010")["folder"]
        self.assertEqual(json.loads((pathlib.Path(folder) / "asset.json").read_text())["note"], "softer base, for WB-010")

    @long
    def test_every_turned_bit_of_the_facts_is_noticed(self):
        path = pathlib.Path(self.publish()["folder"]) / "asset.json"
        whole = path.read_bytes()
        for at in range(0, len(whole), 7):
            turned = bytearray(whole)
            turned[at] ^= 4
            path.write_bytes(turned)
            try:
                same = json.loads(turned) == json.loads(whole)
            except ValueError:
                same = False
            if not same:
                with self.subTest(at):
                    self.assertEqual(said(main, ["verify", path.parent])[0], 2)
        path.write_bytes(whole)
        self.assertEqual(said(main, ["verify", path.parent])[0], 0)

    def test_a_whole_library_is_verified(self):
        for name in ("One", "Two", "Two"):
            self.publish("--name", name)
        shelf = self.folder / "shelf"
        self.assertEqual([v["as_published"] for v in self.run_("verify", shelf)["versions"]], [True] * 3)
        (shelf / "two" / "v001" / "thumb.png").write_bytes(b"other")
        code, out, err = said(main, ["verify", shelf])
        self.assertEqual((code, len(out.splitlines())), (2, 2))
        self.assertIn("thumb.png", err)

    def test_an_asset_of_the_first_format_still_verifies(self):
        path = pathlib.Path(self.publish()["folder"]) / "asset.json"
        facts = json.loads(path.read_text())
        del facts["seal"], facts["note"]
        path.write_text(json.dumps({**facts, "format": 1}))
        self.assertEqual(said(main, ["verify", path.parent])[0], 0)


class Installed(unittest.TestCase):
    @long
    def test_a_wheel_runs_in_a_clean_environment_and_states_what_it_needs(self):
        import tomllib

        with tempfile.TemporaryDirectory() as name:
            folder = pathlib.Path(name)
            environment = {k: v for k, v in os.environ.items() if k != "PYTHONPATH"}
            source = folder / "source"
            shutil.copytree(ROOT / "softmound", source / "softmound", ignore=shutil.ignore_patterns("__pycache__"))
            shutil.copy(ROOT / "pyproject.toml", source)
            subprocess.run([sys.executable, "-m", "pip", "wheel", "--quiet", "--no-deps", "--no-build-isolation", "--wheel-dir",
                            name, str(source)], check=True, capture_output=True, timeout=300, env=environment)
            subprocess.run([sys.executable, "-m", "venv", "--system-site-packages", str(folder / "clean")], check=True)
            python = folder / "clean" / "bin" / "python"
            wheel, = folder.glob("softmound-*.whl")
            subprocess.run([str(python), "-m", "pip", "install", "--quiet", "--no-deps", "--no-index", str(wheel)], check=True,
                           env=environment)
            # What it stands on is what this environment has; nothing of the checkout is at hand.
            site = pathlib.Path(np.__file__).parents[1]
            done = subprocess.run([str(folder / "clean" / "bin" / "softmound"), "new", str(folder / "n.mound")], cwd=name,
                                  text=True, capture_output=True, env={**environment, "PYTHONPATH": str(site)})
            self.assertEqual(done.returncode, 0, done.stderr)
            self.assertTrue(read_mound(folder / "n.mound").mass.forms)
            fonts = subprocess.run([str(python), "-c", "import softmound.desk.style as s, pathlib as p; "
                                    "print(len(list((p.Path(s.__file__).parent / 'fonts').iterdir())))"], cwd=name, text=True,
                                   capture_output=True, env={**environment, "PYTHONPATH": str(site),
                                                             "QT_QPA_PLATFORM": "offscreen"})
            self.assertGreater(int(fonts.stdout or 0), 1, fonts.stderr)
        project = tomllib.loads((ROOT / "pyproject.toml").read_text())["project"]
        needed = [*project["dependencies"], *(d for extra in project["optional-dependencies"].values() for d in extra)]
        stated = {re.split("[<>=]", d)[0].lower() for d in needed}
        known = {"PIL": "pillow", "cv2": "opencv-python-headless", "OpenEXR": "openexr", "PyOpenColorIO": "opencolorio",
                 "PyQt6": "pyqt6", "pxr": "usd-core", "pydantic_core": "pydantic", "llvmlite": "numba", "openvdb": None,
                 "pyopenvdb": None, "skimage": "scikit-image"}
        for path in (ROOT / "softmound").rglob("*.py"):
            for module in _imported(path.read_text()):
                package = known.get(module, module)
                if package is not None:
                    self.assertIn(package, stated, f"{path} imports {module}")


def _imported(text):
    """Modules of other packages that a source imports, by their first name."""
    import ast

    for node in ast.walk(ast.parse(text)):
        names = [a.name for a in node.names] if isinstance(node, ast.Import) else (
            [node.module] if isinstance(node, ast.ImportFrom) and node.level == 0 else [])
        for name in names:
            first = name.split(".")[0]
            if first not in sys.stdlib_module_names and first != "softmound":
                yield first


if __name__ == "__main__":
    unittest.main()
