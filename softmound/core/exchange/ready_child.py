"""The process that `ready` keeps: for each file it forks one that reads it, so that Python and its libraries load only once.

It reads nothing of a file itself, so what it hands on to its forks is as it was at the beginning. Its own thread is the only one
that does anything: those that the reference library keeps for its log wait, and hold nothing, when it forks.
"""

import contextlib
import importlib
import json
import os
import resource
import select
import signal
import socket
import sys

from . import foreign_child

LONGEST = 65_536
"""Bytes of a request, and of what a reader may say."""


def main(number, *tasks):
    """Serve requests until the other side is gone.

    Parameters
    ----------
    number : str
        File descriptor of the socket they come by, each with the descriptor its answer goes to.
    *tasks : str
        Whose modules are loaded at once.

    Returns
    -------
    int
        0
    """
    # The one that asks ends a reader by hanging up; what the terminal sends to all is not for this one.
    signal.signal(signal.SIGINT, signal.SIG_IGN)
    signal.signal(signal.SIGCHLD, signal.SIG_IGN)
    requests = socket.socket(fileno=int(number))
    for task in tasks:
        _load(task)
    while True:
        said, numbers, _, _ = socket.recv_fds(requests, LONGEST, 1)
        if not said:
            return 0
        request = json.loads(said)
        _load(request["task"])
        if os.fork() == 0:
            requests.close()
            _mind(request, socket.socket(fileno=numbers[0]))
        for other in numbers:
            os.close(other)


def _load(task):
    """Load what a task needs; without memory for it the fork tries again, and says so."""
    for module in foreign_child.NEEDS[task]:
        with contextlib.suppress(Exception):
            importlib.import_module(module, __package__)
    if task in foreign_child.GRIDS:
        with contextlib.suppress(Exception):
            # The library itself comes when something of it is wanted: here, rather than a tenth of a second in each fork.
            importlib.import_module("..volume.reference", __package__).vdb.FloatGrid  # noqa: B018


def _mind(request, asker):
    """Fork the reader, hear what it says, and tell how it ended; end it when the asker hangs up."""
    signal.signal(signal.SIGCHLD, signal.SIG_DFL)
    heard, said = os.pipe()
    reader = os.fork()
    if reader == 0:
        asker.close()
        _read(request, said)
    os.close(said)
    words = b""
    with contextlib.suppress(OSError):
        while True:
            ready = select.select([asker, heard], [], [])[0]
            if asker in ready:
                # It sends nothing: it has hung up.
                os.kill(reader, signal.SIGKILL)
                os._exit(0)
            more = os.read(heard, LONGEST)
            if not more:
                break
            words = (words + more)[-LONGEST:]
        status = os.waitstatus_to_exitcode(os.waitpid(reader, 0)[1])
        asker.sendall(json.dumps({"status": status, "said": words.decode(errors="replace")}).encode())
    os._exit(0)


def _read(request, said):
    """Do the task of a request, and end."""
    nothing = os.open(os.devnull, os.O_RDWR)
    os.dup2(nothing, 1)
    os.dup2(said, 2)
    os.closerange(3, 256)
    sys.stdout, sys.stderr = os.fdopen(1, "w", closefd=False), os.fdopen(2, "w", closefd=False)
    hard = resource.getrlimit(resource.RLIMIT_FSIZE)[1]
    resource.setrlimit(resource.RLIMIT_FSIZE, (request["most_written"], hard))
    code = 1
    try:
        code = foreign_child.main(*(request[name] for name in ("task", "path", "answer", "name", "room", "busy")))
        sys.stderr.flush()
    finally:
        os._exit(code)


if __name__ == "__main__":
    sys.exit(main(*sys.argv[1:]))
