"""What happened, written down: a rotating log in the user's state folder, and what a crash leaves behind.

Every module logs to `logging.getLogger(__name__)`. The desk keeps its log in a file; the command line says more on stderr
when asked to by ``--verbose``.
"""

import faulthandler
import logging
import logging.handlers
import pathlib
import platform
import sys
import threading
import uuid
from collections import deque

import platformdirs

from . import __version__
from .core.held import Held, is_held

LOGGER = logging.getLogger("softmound")
LARGEST = 1_000_000
"""Bytes of one log file; two older ones are kept."""
LAST = 40
"""Actions remembered for the report of a fault."""
_SAID = "said on stderr"
_FORMAT = "%(asctime)s %(levelname)-7s %(threadName)s %(name)s: %(message)s"


class Actions:
    """The last things that were done, newest last."""

    def __init__(self):
        self._kept = deque(maxlen=LAST)

    def note(self, words):
        """Remember an action, once while it goes on.

        Parameters
        ----------
        words : str
        """
        if not self._kept or self._kept[-1] != words:
            self._kept.append(words)
            LOGGER.info("did: %s", words)

    def last(self):
        """The actions.

        Returns
        -------
        list of str
        """
        return list(self._kept)


actions = Actions()


def folder():
    """Where the log lies.

    Returns
    -------
    pathlib.Path
    """
    return platformdirs.user_state_path("softmound") / "log"


def say_on_stderr(verbose=False):
    """Let the command line say what it does.

    Parameters
    ----------
    verbose : bool, optional
        Else warnings only.
    """
    for older in [h for h in LOGGER.handlers if h.get_name() == _SAID]:
        LOGGER.removeHandler(older)
    handler = logging.StreamHandler(sys.stderr)
    handler.set_name(_SAID)
    # Of its own: the file of the desk takes down more than a terminal is told.
    handler.setLevel(logging.DEBUG if verbose else logging.WARNING)
    handler.setFormatter(logging.Formatter("softmound: %(message)s" if not verbose else _FORMAT))
    LOGGER.addHandler(handler)
    LOGGER.setLevel(handler.level)


class Session:
    """One run of the application: its log, and a mark that stays behind when it does not end by itself.

    Parameters
    ----------
    place : path-like, optional
        Folder of the log; default `folder()`.

    Attributes
    ----------
    log : pathlib.Path
        The log file; it may not exist where the disk is full.
    crashed : list of str
        What earlier sessions that did not end by themselves left: where they crashed, or an empty text for one that was
        killed.
    """

    def __init__(self, place=None):
        self.place = folder() if place is None else pathlib.Path(place)
        self.log = self.place / "softmound.log"
        self.crashed = []
        self._mark = self._held = self._stream = self._handler = None
        try:
            self.place.mkdir(parents=True, exist_ok=True)
            self._find_crashes()
            self._begin()
        except OSError:
            pass  # without a place to write the work goes on all the same
        LOGGER.info("Soft Mound %s begins, %s, Python %s", __version__, platform.platform(), platform.python_version())

    def _begin(self):
        self._handler = logging.handlers.RotatingFileHandler(self.log, maxBytes=LARGEST, backupCount=2, encoding="utf-8")
        self._handler.setFormatter(logging.Formatter(_FORMAT))
        LOGGER.addHandler(self._handler)
        LOGGER.setLevel(min(LOGGER.level or logging.INFO, logging.INFO))
        self._mark = self.place / f"{uuid.uuid4().hex}.running"
        self._held = Held(self._mark)
        self._stream = open(self._mark, "a", encoding="utf-8")
        faulthandler.enable(self._stream)

    def _find_crashes(self):
        for mark in sorted(self.place.glob("*.running")):
            if is_held(mark):
                continue
            said = mark.read_text(encoding="utf-8", errors="replace").strip()
            self.crashed.append(said)
            with open(self.log, "a", encoding="utf-8") as file:
                file.write(f"--- an earlier session ended without closing{':' if said else ', nothing said.'}\n{said}\n")
            mark.unlink(missing_ok=True)

    def end(self):
        """Close the log: the session ended by itself."""
        LOGGER.info("Soft Mound ends")
        if self._stream is not None:
            faulthandler.disable()
            self._stream.close()
            self._mark.unlink(missing_ok=True)
            self._held.close()
        if self._handler is not None:
            LOGGER.removeHandler(self._handler)
            self._handler.close()
        self._stream = self._handler = None


def report(kind, error, trace):
    """Write down an exception that nobody met, with what was done last.

    Parameters
    ----------
    kind, error, trace
        As for `sys.excepthook`.
    """
    LOGGER.critical("fault in Soft Mound %s on %s, Python %s; last done: %s", __version__, platform.platform(),
                    platform.python_version(), "; ".join(actions.last()) or "nothing", exc_info=(kind, error, trace))


def watch_threads():
    """Let exceptions in threads be reported as well."""
    threading.excepthook = lambda said: report(said.exc_type, said.exc_value, said.exc_traceback)
