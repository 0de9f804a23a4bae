"""Hostile files and words, each met by the command in a process of its own: how long, how much memory, how it ended."""

import os
import pathlib
import resource
import signal
import subprocess
import sys
import tempfile
import time

from bench.figure import Figure, at_most
from tests.hostile import tries

SECONDS, GIGABYTES = 5.0, 2.0
"""What a refusal may take."""


def ended(one, folder):
    """Run one try.

    Parameters
    ----------
    one : Try
    folder : pathlib.Path
        For what it says.

    Returns
    -------
    code : int
        Below 0 for a signal.
    seconds, bytes : float
        Wall time; largest memory of it and its children.
    said : str
    """
    def small_disk():
        signal.signal(signal.SIGXFSZ, signal.SIG_IGN)
        resource.setrlimit(resource.RLIMIT_FSIZE, (60_000, 60_000))

    log = folder / "said.txt"
    begun = time.monotonic()
    with open(log, "wb") as stream:
        child = subprocess.Popen([sys.executable, "-m", "softmound", *one.command, "--quiet"], stdout=subprocess.DEVNULL,
                                 stderr=stream, preexec_fn=small_disk if one.small_disk else None)
        _, status, used = os.wait4(child.pid, 0)
    child.returncode = os.waitstatus_to_exitcode(status)
    return child.returncode, time.monotonic() - begun, used.ru_maxrss * 1024.0, log.read_text(errors="replace")


def figures(brief=False):
    """Measure.

    Parameters
    ----------
    brief : bool, optional
        Every fourth try.

    Yields
    ------
    Figure
    """
    worst, most, sentences, answers, odd = (0.0, ""), (0.0, ""), 0, 0, []
    with tempfile.TemporaryDirectory() as name, tempfile.TemporaryDirectory() as aside:
        made = tries(name)[:: 4 if brief else 1]
        for one in made:
            code, seconds, memory, said = ended(one, pathlib.Path(aside))
            sentence = len(said.strip().splitlines()) == 1 and said.startswith("softmound: ")
            if code < 0 or "Traceback" in said or code == 70 or code == 0 and not one.answers or code > 0 and not sentence:
                odd.append((one.name, code, said.strip()[-300:]))
            if code == 0:
                answers += 1
                continue
            sentences += sentence
            worst, most = max(worst, (seconds, one.name)), max(most, (memory / 1e9, one.name))
    for name, code, said in odd:
        print(f"  {name}: ended with {code}: {said}", file=sys.stderr)
    print(f"  slowest refusal: {worst[1]}; largest: {most[1]}", file=sys.stderr)
    yield Figure("hostile files and words tried", len(made), "")
    yield Figure("of them answered", answers, "")
    yield Figure("of them refused with one sentence", sentences, "")
    yield at_most("tracebacks, faults and odd ends", sum(1 for _, code, _ in odd if code >= 0), "", 0)
    yield at_most("signals", sum(1 for _, code, _ in odd if code < 0), "", 0)
    yield at_most("slowest refusal, process start included", worst[0], "s", SECONDS)
    yield at_most("largest memory of a refusal", most[0], "GB", GIGABYTES)
