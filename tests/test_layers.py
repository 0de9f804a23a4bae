"""The layout of the code: a core free of the interface, and everything shipped that is needed."""

import ast
import pathlib
import subprocess
import sys
import unittest

from softmound.core.engine.density import bounds_of
from softmound.core.recipe import read_mound, read_thumb

ROOT = pathlib.Path(__file__).parent.parent
CORE = ROOT / "softmound" / "core"


def imports(path):
    """Modules that a file imports, as written."""
    for node in ast.walk(ast.parse(path.read_text())):
        if isinstance(node, ast.Import):
            yield from (alias.name for alias in node.names)
        elif isinstance(node, ast.ImportFrom):
            yield "." * node.level + (node.module or "")


class Layers(unittest.TestCase):
    def test_the_core_names_no_interface(self):
        for path in CORE.rglob("*.py"):
            for name in imports(path):
                self.assertFalse(name.startswith("PyQt"), f"{path} imports {name}")
                self.assertNotIn("desk", name.split("."), f"{path} imports {name}")

    def test_the_core_loads_no_interface(self):
        modules = [".".join(p.relative_to(ROOT).with_suffix("").parts) for p in CORE.rglob("*.py")
                   if p.stem not in ("__init__", "foreign_child", "polygons_child", "ready_child")]
        script = "import sys\n" + "".join(f"import {m}\n" for m in modules) + (
            "assert not [m for m in sys.modules if m.startswith('PyQt')], 'interface loaded'")
        done = subprocess.run([sys.executable, "-c", script], cwd=ROOT, capture_output=True, text=True)
        self.assertEqual(done.returncode, 0, done.stderr)

    def test_data_runs_one_way(self):
        """Earlier stages know nothing of later ones."""
        # The first two hold what all others are made of.
        order = ["recipe", "volume",
                 "noise", "mass", "grain", "fill", "starts", "light", "exchange", "engine", "library", "formation"]
        self.assertEqual(sorted(order), sorted(p.name for p in CORE.iterdir() if p.is_dir() and p.name != "__pycache__"))
        for path in CORE.rglob("*.py"):
            stage = path.relative_to(CORE).parts[0]
            if stage not in order:
                continue
            for name in imports(path):
                target = name.lstrip(".").split(".")[0]
                if name.startswith("..") and target in order:
                    self.assertLessEqual(order.index(target), order.index(stage), f"{path} imports {name}")

    def test_the_desk_knows_no_station_by_its_name(self):
        """Outside its own folder a station is one line of the registry."""
        desk = ROOT / "softmound" / "desk"
        folders = {p.name for p in (desk / "stations").iterdir() if (p / "station.py").exists()}
        names = {name.capitalize() for name in folders}
        self.assertGreaterEqual(len(folders), 5)
        for path in desk.rglob("*.py"):
            inside = path.relative_to(desk / "stations").parts[0] if desk / "stations" in path.parents else ""
            if path.name == "registry.py":
                continue
            for name in imports(path):
                known = folders.intersection(name.split(".")) - {inside}
                of_core = name.lstrip(".").startswith("core")
                self.assertTrue(of_core or not known, f"{path} imports {name}")
            written = {node.value for node in ast.walk(ast.parse(path.read_text())) if isinstance(node, ast.Constant)
                       and isinstance(node.value, str)}
            if not inside:  # "Light" is also what a dialog calls the light of its pictures
                self.assertFalse(written & names - {"Light"}, f"{path} says {written & names}")

    def test_public_functions_are_documented(self):
        for path in (ROOT / "softmound").rglob("*.py"):
            tree = ast.parse(path.read_text())
            self.assertTrue(ast.get_docstring(tree) or not path.read_text().strip(), path)
            for node in tree.body:
                if isinstance(node, (ast.FunctionDef, ast.ClassDef)) and not node.name.startswith("_"):
                    self.assertTrue(ast.get_docstring(node), f"{path}: {node.name}")


class Shipped(unittest.TestCase):
    def test_fonts_and_icons_with_their_licences(self):
        desk = ROOT / "softmound" / "desk"
        self.assertGreaterEqual(len(list((desk / "fonts").glob("*.ttf"))), 3)
        self.assertTrue(list((desk / "fonts").glob("LICENSE*")))
        self.assertTrue(list((desk / "icons").glob("*.svg")))
        self.assertTrue(list((desk / "icons").glob("LICENSE*")))

    def test_demo_mounds_open_and_hold_clouds(self):
        names = set()
        for path in (ROOT / "demo").glob("*.mound"):
            mound = read_mound(path)
            names.add(mound.name)
            self.assertIsNotNone(bounds_of(mound))
            self.assertTrue(mound.grains)
            read_thumb(path)
        self.assertEqual(names, {"Cottage Loaf", "Brioche", "Meringue Spire", "Flour Drift", "Burnt Crust"})

    def test_the_lock_file_pins_every_dependency(self):
        lines = [line for line in (ROOT / "requirements.lock").read_text().splitlines()
                 if line and not line.startswith("#")]
        self.assertTrue(all("==" in line and "/" not in line for line in lines))
        pinned = {line.split("==")[0].lower().replace("_", "-") for line in lines}
        for name in ("numpy", "numba", "tbb", "pydantic", "pyqt6", "pillow", "platformdirs", "tqdm", "scipy"):
            self.assertIn(name, pinned)


if __name__ == "__main__":
    unittest.main()
