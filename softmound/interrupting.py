"""Ctrl+C: one sentence, and nothing left behind.

Python's own way, an exception at whatever is being done, comes out of a library as whatever the library makes of it, or
never. Here a signal is taken down; work looks at it at its next tick and ends in order. What does not look within a
moment is ended at once, after all that is under way was removed.
"""

import os
import signal
import sys
import threading

INTERRUPTED = 130
"""Exit code, as of a shell."""
GRACE = 1.5
"""Seconds for work to end in order."""
SENTENCE = "softmound: stopped; nothing was written.\n"
_CAME = threading.Event()


class Interrupted(BaseException):
    """Raised at a tick after Ctrl+C."""


def watch():
    """Take down Ctrl+C from now on, in the main thread.

    Returns
    -------
    callable
        Undoes it.
    """
    _CAME.clear()
    if threading.current_thread() is not threading.main_thread():
        return lambda: None
    before = signal.signal(signal.SIGINT, _take_down)
    return lambda: signal.signal(signal.SIGINT, before)


def came():
    """Return whether Ctrl+C was pressed.

    Returns
    -------
    bool
    """
    return _CAME.is_set()


def _take_down(*_):
    if _CAME.is_set():
        leave()
    _CAME.set()
    timer = threading.Timer(GRACE, leave)
    timer.daemon = True
    timer.start()


def leave():
    """End the process at once, with nothing left behind."""
    held = sys.modules.get("softmound.core.held")  # not loaded yet: then nothing is under way either
    if held is not None:
        held.leave_nothing()
    os.write(2, SENTENCE.encode())
    os._exit(INTERRUPTED)
