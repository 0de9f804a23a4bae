"""A process kept ready to read files of others: each is read in a fork of it, which may hang, overflow or die of it alone."""

import json
import os
import pathlib
import resource
import select
import socket
import subprocess
import sys
import threading
from contextlib import contextmanager

_ROOT = pathlib.Path(__file__).resolve().parents[3]


class _Ready:
    """The process: started when first needed, kept for the next file."""

    def __init__(self):
        self._lock = threading.Lock()
        self._process = self._requests = None

    def send(self, request, answers):
        """Hand over a request and where its answer goes."""
        with self._lock:
            for again in (True, False):
                if self._process is None or self._process.poll() is not None:
                    self._start()
                try:
                    socket.send_fds(self._requests, [request], [answers])
                    return
                except OSError:
                    self._process.kill()
                    self._process.wait()
                    if not again:
                        raise

    def begin(self, task):
        """Start it, if it is not there yet."""
        with self._lock:
            if self._process is None:
                self._start(task)

    def _start(self, *tasks):
        ours, theirs = socket.socketpair(socket.AF_UNIX, socket.SOCK_SEQPACKET)
        if self._requests is not None:
            self._requests.close()
        with theirs:
            self._process = subprocess.Popen(
                [sys.executable, "-m", "softmound.core.exchange.ready_child", str(theirs.fileno()), *tasks],
                pass_fds=[theirs.fileno()],
                stdin=subprocess.DEVNULL, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL, cwd=_ROOT,
                env={**os.environ, "OPENBLAS_NUM_THREADS": "1"})
        self._requests = ours


_READY = _Ready()


def begin(task):
    """Let the process load what a task needs, while the one that will ask does so itself.

    Parameters
    ----------
    task : str
        A key of `foreign_child.NEEDS`.
    """
    _READY.begin(task)


class Reading:
    """A file that is being read.

    Parameters
    ----------
    answers : socket
        Where its end is told.
    """

    def __init__(self, answers):
        self._answers = answers

    def ended(self, seconds):
        """Wait for its end.

        Parameters
        ----------
        seconds : float
            At most.

        Returns
        -------
        (int, str) or None
            Exit status as of `subprocess.Popen` and what was said; None while it goes on.
        """
        if not select.select([self._answers], [], [], seconds)[0]:
            return None
        parts = []
        while more := self._answers.recv(65_536):
            parts.append(more)
        if not parts:
            return -9, ""
        told = json.loads(b"".join(parts))
        return told["status"], told["said"]


@contextmanager
def reading(task, path, answer, name, room, busy):
    """Read a file in a process of its own, which ends when it is not waited for any more.

    Parameters
    ----------
    task : str
        A key of `foreign_child.NEEDS`.
    path, answer : path-like
        File to read, file to write.
    name : str
        Grid wanted.
    room : int
        Limit of the address space, bytes.
    busy : int
        Limit of the processor's time for the file, seconds.

    Yields
    ------
    Reading
    """
    ours, theirs = socket.socketpair()
    with ours:
        with theirs:
            _READY.send(json.dumps({
                "task": task, "path": str(path), "answer": str(answer), "name": name, "room": str(room), "busy": str(busy),
                "most_written": resource.getrlimit(resource.RLIMIT_FSIZE)[0]}).encode(), theirs.fileno())
        yield Reading(ours)
