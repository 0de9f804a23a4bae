"""Random hands on the real window, in a process of their own: see `hands`."""

import json
import os
import pathlib
import secrets
import subprocess
import sys
import unittest

from tests.long import LONG

ROOT = pathlib.Path(__file__).parent.parent
SECONDS = float(os.environ.get("SOFTMOUND_HANDS", 60.0 if os.environ.get(LONG) == "1" else 20.0))


class Hands(unittest.TestCase):
    def test_nothing_is_raised_warned_of_or_left_hanging(self):
        seed = int(os.environ.get("SOFTMOUND_SEED", secrets.randbelow(1_000_000)))
        run = subprocess.run([sys.executable, "-X", "faulthandler", "-m", "tests.hands", str(seed), str(SECONDS)], cwd=ROOT,
                             text=True, capture_output=True, env={**os.environ, "QT_QPA_PLATFORM": "offscreen"})
        self.assertEqual(run.returncode, 0, f"seed {seed}: {run.stderr[-4000:]}")
        told = json.loads(run.stdout.strip().splitlines()[-1])
        print(f"seed {seed}: {told['acts']} acts, {told['memory'][1] / 1e6:.0f} MB")
        self.assertEqual(told["faults"], [], f"seed {seed}, after: {'; '.join(told['before'])}")
        self.assertGreater(told["acts"], SECONDS)


if __name__ == "__main__":
    unittest.main()
