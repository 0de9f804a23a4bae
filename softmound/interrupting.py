"""Ctrl+C and being told to end (SIGTERM): one sentence, and nothing half done left behind.

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
ENDED = 143
"""Of a program that was told to end."""
NOTHING = "nothing was written"
_CAME = threading.Event()
_now = {"stays": NOTHING, "code": INTERRUPTED}


class Interrupted(BaseException):
    """Raised at a tick after Ctrl+C."""


def watch():
    """Take down Ctrl+C and SIGTERM from now on, in the main thread.

    Returns
    -------
    callable
        Undoes it.
    """
    _CAME.clear()
    _now.update(stays=NOTHING, code=INTERRUPTED)
    if threading.current_thread() is not threading.main_thread():
        return lambda: None
    before = {number: signal.signal(number, _take_down) for number in (signal.SIGINT, signal.SIGTERM)}
    return lambda: [signal.signal(number, handler) for number, handler in before.items()]


def leave_ending_to_others():
    """Let SIGTERM do again what it does by itself: for a program that waits outside of Python, where it would not be heard."""
    if threading.current_thread() is threading.main_thread():
        signal.signal(signal.SIGTERM, signal.SIG_DFL)


def stays(words):
    """Say what of the work is there should it be stopped from now on.

    Parameters
    ----------
    words : str
        As "frames up to there are kept".
    """
    _now["stays"] = words


def sentence():
    """What is said of having been stopped: str, a line."""
    return f"softmound: stopped; {_now['stays']}.\n"


def code():
    """Exit code of having been stopped: int."""
    return _now["code"]


def came():
    """Return whether Ctrl+C was pressed.

    Returns
    -------
    bool
    """
    return _CAME.is_set()


def _take_down(number, _):
    if _CAME.is_set():
        leave()
    _now["code"] = ENDED if number == signal.SIGTERM else INTERRUPTED
    _CAME.set()
    timer = threading.Timer(GRACE, leave)
    timer.daemon = True
    timer.start()


def leave():
    """End the process at once, with nothing left behind."""
    held = sys.modules.get("softmound.core.held")  # not loaded yet: then nothing is under way either
    if held is not None:
        held.leave_nothing()
    os.write(2, sentence().encode())
    os._exit(code())
