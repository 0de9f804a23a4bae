"""Runs all tests, or those of the modules named, and closes with one line of counts.

Processes that have loaded all modules and all kernels fork one for each class of tests, so that none loads them again: those
that took longest when they last ran come first.

With ``--bounds`` every kernel checks its indices while they run: slow, with kernels compiled and kept apart from the others.
With ``--long`` what takes long and rarely fails runs as well (see `tests.long`).
"""

import contextlib
import faulthandler
import gc
import importlib
import json
import os
import pathlib
import queue
import re
import select
import subprocess
import sys
import tempfile
import threading
import time
import unittest

from tests.long import LONG

HERE = pathlib.Path(__file__).parent
AT_ONCE = 4
"""Processes side by side: one more than cores, since tests often wait for a child or a picture."""
THREADED = ("test_fill", "test_flow", "test_grain", "test_kernels", "test_light", "test_steps", "test_true", "test_desk_hands",
            "test_desk_lives")
"""Modules that compare one thread with several, or in which several threads of Python call kernels for minutes: with one, the
threading layer was seen to crash there. All others have one: threads that wait for one another lose much time where processes
share the cores."""
UNCHECKED = ("test_cli", "test_kernels", "test_meshes", "test_desk_mass", "test_desk_voxels", "test_damaged", "test_commands",
             "test_desk_hands", "test_desk_lives", "test_desk_gate", "test_ready")
"""Modules that start processes or look at threads, left out where kernels check their indices."""
SECONDS = pathlib.Path(os.environ.get("XDG_CACHE_HOME") or pathlib.Path.home() / ".cache") / "softmound" / "tests.json"
"""How long each class took when it last ran."""
UNKNOWN = 8.0
"""Seconds of a class that has not run yet."""
LOOKS = 0.05
"""Seconds after which it is seen that a class has ended, at the latest."""
SLOW, SHOWN = 0.5, 40
"""Seconds from which a test is told of by itself, and how many of them are."""
_COUNTS = re.compile(r"^(\d+) passed, (\d+) failed, (\d+) skipped$", re.MULTILINE)
_SLOW = re.compile(r"^ +([0-9.]+) s +([0-9.]+) of the processor  (\S+)$", re.MULTILINE)


class TimedResult(unittest.TextTestResult):
    """Also keeps how long the slow tests took, and how much of the processor, so that the suite can be kept short."""

    def __init__(self, *args, **options):
        super().__init__(*args, **options)
        self.slow = []

    def startTest(self, test):
        self._began = time.monotonic(), sum(os.times()[:4])
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
        taken, used = time.monotonic() - self._began[0], sum(os.times()[:4]) - self._began[1]
        if taken > SLOW:
            self.slow.append((used, taken, test.id()))


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
    print_slow(result.slow)
    # Parts of a test are listed each by itself; a test that fails counts once.
    failed = len({getattr(test, "test_case", test).id() for test, _ in result.failures + result.errors}
                 | {test.id() for test in result.unexpectedSuccesses})
    return result.testsRun - failed - len(result.skipped), failed, len(result.skipped)


class Nursery:
    """A process that has loaded what tests need, and forks one for each class that is asked for.

    Parameters
    ----------
    threaded : bool
        With as many threads for the kernels as there are cores, rather than one.
    ended : queue.SimpleQueue
        Gets (nursery, class, what its tests said, seconds) for each that has ended; a class of None once the process has.
    """

    def __init__(self, threaded, ended):
        alone = {} if threaded else {"NUMBA_NUM_THREADS": "1"}
        self._process = subprocess.Popen([sys.executable, "-m", "tests", "--nursery"], cwd=HERE.parent, text=True,
                                         env={**os.environ, **alone}, stdin=subprocess.PIPE, stdout=subprocess.PIPE)
        self._ended = ended
        self.running = 0

    def classes(self):
        """Wait until it has loaded all: list of the names of all classes of tests."""
        found = json.loads(self._process.stdout.readline())
        threading.Thread(target=self._listen, daemon=True).start()
        return found

    def _listen(self):
        for line in self._process.stdout:
            self._ended.put((self, *json.loads(line)))
        self._ended.put((self, None, "", 0.0))

    def begin(self, name):
        """Let the tests of a class run."""
        self.running += 1
        print(name, file=self._process.stdin, flush=True)

    def close(self):
        """End it."""
        self._process.stdin.close()
        self._process.wait()


def nursery():
    """Be one: load everything, then fork for each line of stdin; tell of each child that has ended."""
    said = os.fdopen(os.dup(1), "w")
    os.dup2(2, 1)  # what modules print is not an answer
    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    names = sorted(path.stem for path in HERE.glob("test_*.py"))
    cases = [case for name in names for case in _cases(importlib.import_module(f"tests.{name}"))]
    from softmound.core.warm import PARTS

    for part in PARTS.values():
        part()
    gc.collect()
    gc.freeze()  # what is here stays in the pages that all share
    print(json.dumps(cases), file=said, flush=True)
    running, text = {}, b""
    while True:
        if select.select([0], [], [], LOOKS)[0]:
            more = os.read(0, 4096)
            if not more:
                return
            *lines, text = (text + more).split(b"\n")
            for name in lines:
                heard = tempfile.TemporaryFile("w+")
                running[_forked(name.decode(), heard)] = name.decode(), heard, time.monotonic()
        for child in list(running):
            ended, status, used = os.wait4(child, os.WNOHANG)
            if ended:
                name, heard, begun = running.pop(child)
                with heard:
                    heard.seek(0)
                    told = f"{heard.read()}{used.ru_utime + used.ru_stime:6.0f} s of the processor"
                if os.WIFSIGNALED(status):
                    told += f"\n{name} was ended by signal {os.WTERMSIG(status)}"
                print(json.dumps((name, told, time.monotonic() - begun)), file=said, flush=True)


def _forked(name, heard):
    """Run the tests of a class in a child of this process; its number."""
    child = os.fork()
    if child == 0:
        for of, what in ((os.open(os.devnull, os.O_RDONLY), 0), (heard.fileno(), 1), (heard.fileno(), 2)):
            os.dup2(of, what)
        code = 1
        try:
            code = _counted(*run([name]))
        finally:
            sys.stdout.flush()
            os._exit(code)
    return child


def _cases(module):
    """The classes of tests of a module, by their names."""
    return [f"{module.__name__.removeprefix('tests.')}.{name}" for name, kind in vars(module).items()
            if isinstance(kind, type) and issubclass(kind, unittest.TestCase) and kind.__module__ == module.__name__
            and unittest.defaultTestLoader.getTestCaseNames(kind)]


def run_all():
    """Run every class, some at a time; print what each process said when it has ended.

    Returns
    -------
    (int, int, int)
        Passed, failed, skipped. A process that dies before its counts is a failure.
    """
    seconds = {}
    with contextlib.suppress(OSError, ValueError):
        seconds = json.loads(SECONDS.read_text())
    ended = queue.SimpleQueue()
    nurseries = threaded, single = Nursery(True, ended), Nursery(False, ended)
    left = {nursery: [] for nursery in nurseries}
    for name in sorted(threaded.classes(), key=lambda name: -seconds.get(name, UNKNOWN)):
        left[threaded if name.split(".")[0] in THREADED else single].append(name)
    single.classes()
    total, longest = [0, 0, 0], []
    while any(left.values()) or any(nursery.running for nursery in nurseries):
        for nursery, most in ((threaded, 1), (single, AT_ONCE)):
            while left[nursery] and nursery.running < most and sum(each.running for each in nurseries) < AT_ONCE:
                nursery.begin(left[nursery].pop(0))
        nursery, name, said, took = ended.get()
        if name is None:  # it has died, and with it what it ran and what was left for it
            total[1] += nursery.running + len(left[nursery])
            nursery.running, left[nursery] = 0, []
            continue
        nursery.running -= 1
        counts = _COUNTS.findall(said)
        seconds[name] = round(took, 1)
        print(f"{said},{took:6.0f} s in all of {name}", flush=True)
        total = [a + b for a, b in zip(total, map(int, counts[-1]) if counts else (0, 1, 0))]
        longest.extend((float(used), float(taken), test) for taken, used, test in _SLOW.findall(said))
    for nursery in nurseries:
        nursery.close()
    for name in _left_out():
        print(f"FAIL: {name} was compiled while tests ran: core.warm leaves it out, and somebody would wait for it")
        total[1] += 1
    with contextlib.suppress(OSError):
        SECONDS.parent.mkdir(parents=True, exist_ok=True)
        SECONDS.write_text(json.dumps(seconds))
    print_slow(longest)
    return tuple(total)


def print_slow(tests):
    """Print the tests that use the processor for longest: sequence of (seconds of it, seconds, name)."""
    for used, taken, name in sorted(tests, reverse=True)[:SHOWN]:
        print(f"{taken:6.1f} s {used:6.1f} of the processor  {name}")


def _left_out():
    """Kernels that were compiled after all that `core.warm` compiles."""
    from softmound.core.compiled import FOLDER

    whole = FOLDER / "complete"
    return [] if not whole.exists() else [f"{file.parent.name}/{file.stem}" for file in FOLDER.glob("core_*/*.nbi")
                                          if file.stat().st_mtime > whole.stat().st_mtime]


def _counted(passed, failed, skipped):
    """Close with the line of counts; the exit code."""
    print(f"{passed} passed, {failed} failed, {skipped} skipped", flush=True)
    return 0 if passed and not failed else 1


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
    if "--long" in names:
        os.environ[LONG] = "1"
        names = [name for name in names if name != "--long"]
    if "--bounds" in names:
        os.environ["SOFTMOUND_BOUNDS"] = "1"
        names = [name for name in names if name != "--bounds"]
        if not names:
            # What is timed, or looks at threads, is of no use here; the window shows pictures of every kind.
            names = [m.stem for m in sorted(HERE.glob("test_*.py")) if m.stem not in UNCHECKED]
    begun = time.monotonic()
    counts = run(names) if names else run_all()
    print(f"finished in {time.monotonic() - begun:.0f} s", flush=True)
    return _counted(*counts)


if __name__ == "__main__":
    if sys.argv[1:] == ["--nursery"]:
        nursery()
        os._exit(0)
    code = main(sys.argv[1:])
    sys.stdout.flush()
    sys.stderr.flush()
    # At once: threads of the kernels take minutes to end by themselves where three processes share two cores.
    os._exit(code)
