"""Runs all tests, or those of the modules named, and closes with one line of counts."""

import os
import pathlib
import sys
import tempfile
import time
import unittest

HERE = pathlib.Path(__file__).parent


class TimedResult(unittest.TextTestResult):
    """Also keeps how long the slow tests took, so that the suite can be kept short."""

    def __init__(self, *args, **options):
        super().__init__(*args, **options)
        self.slow = []

    def startTest(self, test):
        self._began = time.monotonic()
        super().startTest(test)

    def stopTest(self, test):
        super().stopTest(test)
        taken = time.monotonic() - self._began
        if taken > 2.0:
            self.slow.append((taken, test.id()))


def main(names):
    """Run tests.

    Parameters
    ----------
    names : list of str
        Modules or dotted names below `tests`; all when empty.

    Returns
    -------
    int
        0 when all passed.
    """
    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    with tempfile.TemporaryDirectory(prefix="softmound-tests-") as home:
        # Nothing of the person who runs the tests is read or written but the compiled kernels.
        os.environ["XDG_DATA_HOME"] = os.path.join(home, "data")
        os.environ["XDG_CONFIG_HOME"] = os.path.join(home, "config")
        loader = unittest.defaultTestLoader
        if names:
            suite = loader.loadTestsFromNames([f"tests.{name.removeprefix('tests.')}" for name in names])
        else:
            suite = loader.discover(str(HERE), top_level_dir=str(HERE.parent))
        begun = time.monotonic()
        result = unittest.TextTestRunner(
            verbosity=2, stream=sys.stdout, resultclass=TimedResult).run(suite)
    for seconds, name in sorted(result.slow, reverse=True)[:12]:
        print(f"{seconds:6.1f} s  {name}")
    failed = len(result.failures) + len(result.errors) + len(result.unexpectedSuccesses)
    passed = result.testsRun - failed - len(result.skipped)
    print(f"finished in {time.monotonic() - begun:.0f} s", flush=True)
    print(f"{passed} passed, {failed} failed, {len(result.skipped)} skipped", flush=True)
    return 0 if result.wasSuccessful() and result.testsRun else 1


if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))
