"""The place of compiled kernels."""

import os
import pathlib
import shutil
import subprocess
import sys
import tempfile
import unittest

PACKAGE = pathlib.Path(__file__).resolve().parents[1] / "softmound"
LOOK = """
import numpy as np
from softmound.core.noise import sums as noise
from softmound.core.recipe import Noise
noise.noise_points([[0.0, 1.0, 2.0]], Noise())
print(noise.__file__, noise._noise.stats.cache_hits.total(), noise._noise.stats.cache_misses.total())
"""


class Place(unittest.TestCase):
    def test_a_moved_checkout_finds_what_is_compiled(self):
        with tempfile.TemporaryDirectory() as folder:
            shutil.copytree(PACKAGE, pathlib.Path(folder, "softmound"), ignore=shutil.ignore_patterns("__pycache__"))
            said = subprocess.run([sys.executable, "-c", LOOK], cwd=folder, text=True, capture_output=True, check=True,
                                  env={**os.environ, "PYTHONPATH": folder}).stdout.split()
        self.assertTrue(said[0].startswith(folder))
        self.assertEqual(said[1:], ["1", "0"])
