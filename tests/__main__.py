"""Runs all tests, or those of the modules named, and closes with one line of counts.

With ``--bounds`` every kernel checks its indices while they run: slow, with kernels compiled and kept apart from the others.
"""

import faulthandler
import os
import pathlib
import re
import subprocess
import sys
import tempfile
import time
import unittest
from concurrent.futures import ThreadPoolExecutor, as_completed

HERE = pathlib.Path(__file__).parent
AT_ONCE = 3
"""Processes side by side: one more than cores, since tests often wait for a child or a picture."""
GROUPS = 4
"""Processes for the modules that open no window, which share what it takes to load the kernels."""
SLOW = ("test_desk_hands", "test_desk_lives", "test_damaged", "test_commands", "test_meshes", "test_exchange")
"""Modules that start many children and wait for them: begun first, so that none is left to run alone at the end."""
THREADED = ("test_fill", "test_flow", "test_grain", "test_kernels", "test_light", "test_steps", "test_true")
"""Modules that compare one thread with several. All others have one: threads that wait for one another lose much time where
processes share the cores."""
CONCURRENT = ("test_desk_hands", "test_desk_lives")
"""Modules in which several threads of Python call kernels for minutes: with as many threads as the application has. With one, the
threading layer was seen to crash there."""
UNCHECKED = ("test_cli", "test_kernels", "test_meshes", "test_desk_mass", "test_desk_voxels", "test_damaged", "test_commands",
             "test_desk_hands", "test_desk_lives", "test_desk_gate", "test_ready")
"""Modules that start processes or look at threads, left out where kernels check their indices."""
_COUNTS = re.compile(r"^(\d+) passed, (\d+) failed, (\d+) skipped$", re.MULTILINE)
_SLOW = re.compile(r"^ +([0-9.]+) s  (\S+)$", re.MULTILINE)


class TimedResult(unittest.TextTestResult):
    """Also keeps how long the slow tests took, so that the suite can be kept short."""

    def __init__(self, *args, **options):
        super().__init__(*args, **options)
        self.slow = []

    def startTest(self, test):
        self._began = time.monotonic()
        super().startTest(test)

    def addError(self, test, err):
        super().addError(test, err)
        self._say(self.errors[-1][1])

    def addFailure(self, test, err):
        super().addFailure(test, err)
        self._say(self.failures[-1][1])

    def _say(self, text):
        """Say it at once as well: a process that dies later prints no summary."""
        self.stream.writeln(text)
        self.stream.flush()

    def stopTest(self, test):
        super().stopTest(test)
        taken = time.monotonic() - self._began
        if taken > 2.0:
            self.slow.append((taken, test.id()))


def run(names):
    """Run some tests in this process.

    Parameters
    ----------
    names : list of str
        Modules or dotted names below `tests`.

    Returns
    -------
    (int, int, int)
        Passed, failed, skipped.
    """
    faulthandler.enable()  # a crash of the process says where it was
    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    with tempfile.TemporaryDirectory(prefix="softmound-tests-") as home:
        # Nothing of the person who runs the tests is read or written but the compiled kernels.
        for kind in ("DATA", "CONFIG", "STATE"):
            os.environ[f"XDG_{kind}_HOME"] = os.path.join(home, kind.lower())
        suite = unittest.defaultTestLoader.loadTestsFromNames(
            [f"tests.{name.removeprefix('tests.')}" for name in names])
        result = unittest.TextTestRunner(verbosity=2, stream=sys.stdout, resultclass=TimedResult).run(suite)
    for seconds, name in sorted(result.slow, reverse=True)[:12]:
        print(f"{seconds:6.1f} s  {name}")
    # Parts of a test are listed each by itself; a test that fails counts once.
    failed = len({getattr(test, "test_case", test).id() for test, _ in result.failures + result.errors}
                 | {test.id() for test in result.unexpectedSuccesses})
    return result.testsRun - failed - len(result.skipped), failed, len(result.skipped)


def run_all():
    """Run every module, some at a time; print what each process said when it has ended.

    Returns
    -------
    (int, int, int)
        Passed, failed, skipped. A process that dies before its counts is a failure.
    """
    modules = sorted(HERE.glob("test_*.py"), key=lambda p: -p.stat().st_size)
    windows = [[m] for m in modules if "desk" in m.stem and m.stem not in SLOW]
    slow = [[m] for name in SLOW for m in modules if m.stem == name]
    groups, threaded = [[] for _ in range(GROUPS)], [m for m in modules if m.stem in THREADED]
    for module in modules:
        if "desk" not in module.stem and module.stem not in SLOW + THREADED:
            min(groups, key=lambda g: sum(m.stat().st_size for m in g)).append(module)
    total, longest = [0, 0, 0], []

    def one(group):
        alone = {} if group[0].stem in THREADED + CONCURRENT else {"NUMBA_NUM_THREADS": "1"}
        begun = time.monotonic()
        said = subprocess.run([sys.executable, "-m", "tests", *(m.stem for m in group)], cwd=HERE.parent, text=True,
                              env={**os.environ, **alone}, stdout=subprocess.PIPE, stderr=subprocess.STDOUT,
                              check=False).stdout
        return f"{said}\n{time.monotonic() - begun:6.0f} s in all of {' '.join(m.stem for m in group)}"

    with ThreadPoolExecutor(AT_ONCE) as pool:
        for ended in as_completed([pool.submit(one, group) for group in (*slow, threaded, *windows, *groups)]):
            print(ended.result(), flush=True)
            counts = _COUNTS.findall(ended.result())
            total = [a + b for a, b in zip(total, map(int, counts[-1]) if counts else (0, 1, 0))]
            longest += [(float(seconds), name) for seconds, name in _SLOW.findall(ended.result())]
    for seconds, name in sorted(longest, reverse=True)[:12]:
        print(f"{seconds:6.1f} s  {name}")
    return tuple(total)


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
    if "--bounds" in names:
        os.environ["SOFTMOUND_BOUNDS"] = "1"
        names = [name for name in names if name != "--bounds"]
        if not names:
            # What is timed, or looks at threads, is of no use here; the window shows pictures of every kind.
            names = [m.stem for m in sorted(HERE.glob("test_*.py")) if m.stem not in UNCHECKED]
    begun = time.monotonic()
    passed, failed, skipped = run(names) if names else run_all()
    print(f"finished in {time.monotonic() - begun:.0f} s", flush=True)
    print(f"{passed} passed, {failed} failed, {skipped} skipped", flush=True)
    return 0 if passed and not failed else 1


if __name__ == "__main__":
    code = main(sys.argv[1:])
    sys.stdout.flush()
    sys.stderr.flush()
    # At once: threads of the kernels take minutes to end by themselves where three processes share two cores.
    os._exit(code)
