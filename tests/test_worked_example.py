"""The worked example of docs/architecture.md: a grain action in one file, beside the others."""

import os
import pathlib
import re
import subprocess
import sys
import tempfile
import unittest

ROOT = pathlib.Path(__file__).parent.parent
HEADING = "### A grain action of one's own"


def example():
    """The file that the page shows."""
    page = (ROOT / "docs" / "architecture.md").read_text()
    return re.search(r"```python\n(.*?)```", page[page.index(HEADING):], re.S)[1]


class OneFile(unittest.TestCase):
    def test_it_is_found_built_sized_foretold_shown_and_kept(self):
        """In a process of its own, since the registry is read once."""
        with tempfile.TemporaryDirectory() as name:
            (pathlib.Path(name) / "groove.py").write_text(example())
            # The page's file is the only thing that is added: no table, no import, no list.
            done = subprocess.run([sys.executable, "-m", "unittest", "-v", "tests.grooved"], cwd=ROOT, capture_output=True,
                                  text=True, env={**os.environ, "GROOVE": name, "QT_QPA_PLATFORM": "offscreen"})
        self.assertEqual(done.returncode, 0, done.stderr)
        self.assertIn("Ran 7 tests", done.stderr)


if __name__ == "__main__":
    unittest.main()
