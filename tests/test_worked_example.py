"""The worked examples of docs/architecture.md: a grain action and a shape of solids, each in one file beside the others."""

import os
import pathlib
import re
import subprocess
import sys
import tempfile
import unittest

from tests.long import long

ROOT = pathlib.Path(__file__).parent.parent
def example(heading):
    """The file that the page shows."""
    page = (ROOT / "docs" / "architecture.md").read_text()
    return re.search(r"```python\n(.*?)```", page[page.index(f"### {heading}"):], re.S)[1]


@long
class OneFile(unittest.TestCase):
    def test_it_is_found_built_sized_foretold_shown_and_kept(self):
        """In a process of its own, since the registry is read once."""
        with tempfile.TemporaryDirectory() as name:
            (pathlib.Path(name) / "groove.py").write_text(example("A grain action of one's own"))
            # The page's file is the only thing that is added: no table, no import, no list.
            done = subprocess.run([sys.executable, "-m", "unittest", "-v", "tests.grooved"], cwd=ROOT, capture_output=True,
                                  text=True, env={**os.environ, "GROOVE": name, "QT_QPA_PLATFORM": "offscreen"})
        self.assertEqual(done.returncode, 0, done.stderr)
        self.assertIn("Ran 7 tests", done.stderr)

    def test_a_shape_of_solids_is_kept_bounded_and_measured(self):
        with tempfile.TemporaryDirectory() as name:
            (pathlib.Path(name) / "drum.py").write_text(example("A shape of solids of one's own"))
            done = subprocess.run([sys.executable, "-m", "tests.drummed"], cwd=ROOT, capture_output=True, text=True,
                                  env={**os.environ, "DRUM": name})
        self.assertEqual((done.stdout, done.returncode), ("a drum\n", 0), done.stderr)


if __name__ == "__main__":
    unittest.main()
