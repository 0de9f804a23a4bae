"""What goes into the packages: pages, completion, what a desktop reads, and a wheel that holds it all."""

import configparser
import gzip
import pathlib
import re
import shutil
import subprocess
import sys
import tempfile
import unittest
import xml.etree.ElementTree as ElementTree
import zipfile
from unittest import mock

import llvmlite.binding as llvm
from PIL import Image

from package.build import DEPENDS, SIZES, shared, wheel
from package.pages import actions_of, completion, write_pages
from softmound.cli import parser
from softmound.core import target
from tests.long import long

ROOT = pathlib.Path(__file__).resolve().parents[1]


class Pages(unittest.TestCase):
    def test_every_action_has_a_page_with_all_its_options(self):
        with tempfile.TemporaryDirectory() as folder:
            files = write_pages(folder)
            actions = actions_of(parser())
            self.assertEqual(len(files), len(actions) + 1)
            text = gzip.decompress((pathlib.Path(folder) / "softmound-grow.1.gz").read_bytes()).decode()
            self.assertTrue(text.startswith(".TH SOFTMOUND-GROW 1"))
            for option in actions["grow"]._actions:
                for string in option.option_strings:
                    self.assertIn(string.replace("-", "\\-"), text)
            if shutil.which("man"):
                shown = subprocess.run(["man", "-l", str(files[0])], capture_output=True, text=True,
                                       env={"MANPAGER": "cat", "PATH": "/usr/bin:/bin"})
                self.assertEqual(shown.returncode, 0)

    def test_completion_is_a_script_that_completes(self):
        script = completion() + '\nCOMP_WORDS=(softmound fre); COMP_CWORD=1; _softmound; echo "${COMPREPLY[@]}"\n' \
            'COMP_WORDS=(softmound grow --sec); COMP_CWORD=2; _softmound; echo "${COMPREPLY[@]}"\n'
        done = subprocess.run(["bash", "-c", script], capture_output=True, text=True)
        self.assertEqual((done.stdout.split(), done.stderr), (["freeze", "--seconds"], ""))


class Desktop(unittest.TestCase):
    def test_what_a_desktop_reads(self):
        with tempfile.TemporaryDirectory() as folder:
            share = pathlib.Path(folder)
            shared(share)
            for size in SIZES:
                self.assertEqual(Image.open(share / f"icons/hicolor/{size}x{size}/apps/softmound.png").size, (size, size))
            desktop = configparser.ConfigParser(interpolation=None)
            desktop.optionxform = str
            desktop.read(share / "applications" / "softmound.desktop")
            entry = desktop["Desktop Entry"]
            self.assertEqual((entry["Exec"], entry["Icon"]), ("softmound desk %f", "softmound"))
            types = {node.get("type") for node in ElementTree.parse(share / "mime/packages/softmound.xml").getroot()}
            self.assertEqual(set(entry["MimeType"].strip(";").split(";")), types)
            about = ElementTree.parse(share / "metainfo/org.softmound.SoftMound.metainfo.xml").getroot()
            self.assertEqual(about.find("launchable").text, "softmound.desktop")
            manual = share / "doc" / "softmound" / "manual"
            linked = re.findall(r'href="([^"]+)">([^<]+)<', (manual / "index.html").read_text(encoding="utf-8"))
            self.assertIn("Mass", dict(linked)["stations-01_mass.html"])
            for file, _ in linked:
                self.assertTrue((manual / file).is_file(), file)
            for tool, file in (("desktop-file-validate", "applications/softmound.desktop"),
                               ("appstreamcli", "metainfo/org.softmound.SoftMound.metainfo.xml")):
                if shutil.which(tool):
                    more = ["validate", "--no-net"] if tool == "appstreamcli" else []
                    done = subprocess.run([tool, *more, str(share / file)], capture_output=True, text=True)
                    self.assertEqual(done.returncode, 0, done.stdout + done.stderr)

    def test_debian_packages_are_those_of_the_set_up(self):
        line = (ROOT / "run").read_text().split("packages=(")[1].split(")")[0].split()
        self.assertLessEqual(set(line) - {"python3", "python3-venv"}, {name.split()[0] for name in DEPENDS})


@long
class Wheel(unittest.TestCase):
    def test_it_holds_the_program_its_fonts_and_its_manual_and_runs_from_there(self):
        with tempfile.TemporaryDirectory() as folder:
            folder = pathlib.Path(folder)
            made = wheel(folder, bare=True)
            with zipfile.ZipFile(made) as archive:
                names = archive.namelist()
                for wanted in ("softmound/cli.py", "softmound/desk/manual/en/begin/01_first_cloud.html",
                               "softmound/desk/texts/softmound.ts", "softmound/examples/rye_tower.mound",
                               "softmound/desk/manual/strips/strips.json",
                               "softmound/core/growth/solver.py"):
                    self.assertIn(wanted, names)
                self.assertTrue(any(name.startswith("softmound/desk/fonts/") for name in names))
                self.assertFalse(any(name.startswith(("tests/", "bench/", "package/")) for name in names))
                archive.extractall(folder / "site")
            code = "import softmound, sys; from softmound.cli import main; print(softmound.__file__); main(['--version'])"
            done = subprocess.run([sys.executable, "-c", code], cwd=folder, capture_output=True, text=True,
                                  env={"PYTHONPATH": str(folder / "site"), "HOME": str(folder), "PATH": "/usr/bin:/bin"})
            self.assertIn(str(folder / "site"), done.stdout)


if __name__ == "__main__":
    unittest.main()


class Kinds(unittest.TestCase):
    def test_the_best_kind_that_the_processor_is_of_is_unpacked_once(self):
        with tempfile.TemporaryDirectory() as name, mock.patch.object(target, "SHIPPED", pathlib.Path(name, "shipped")):
            for kind in target.KINDS:
                made = target.SHIPPED / kind / "abc"
                made.mkdir(parents=True)
                (made / "kernel.nbi").write_text(kind)
            for has, wanted in (*((features, kind) for kind, features in target.KINDS.items()), (("avx",), "")):
                there = {**dict.fromkeys(has, True), "amx": False}
                with mock.patch.object(llvm, "get_host_cpu_features", return_value=there):
                    self.assertEqual(target.shipped_for("abc"), wanted)
                    self.assertEqual(target.shipped_for("other sources"), "")
            folder = pathlib.Path(name, "cache", "abc-x86-64-v3")
            target.unpacked("x86-64-v3", "abc", folder)
            (folder / "more.nbi").touch()
            target.unpacked("x86-64-v3", "abc", folder)  # what came to it stays
            self.assertEqual(sorted(p.name for p in folder.iterdir()), ["kernel.nbi", "more.nbi"])
            self.assertEqual([p.name for p in folder.parent.iterdir()], ["abc-x86-64-v3"])

    def test_a_kind_has_what_the_kinds_below_it_have(self):
        best, lower = target.KINDS.values()
        self.assertLess(set(lower), set(best))
        self.assertLessEqual(set(best), set(llvm.get_host_cpu_features()))  # as LLVM calls them
