"""Files and folders that belong to a process for as long as it lives.

A lock of the kernel (`flock`) ends with the process that holds it, however it ends. So what is left behind can be told from
what is in use, where a process number cannot: numbers are used again, and mean nothing in another container.
"""

import contextlib
import fcntl
import os
import pathlib
import shutil
import subprocess
import tempfile
import time

PREFIX = "softmound-"
MARK = ".held"
"""File in a working folder whose lock says that somebody works there."""
ABANDONED = 3600.0
"""Seconds after which a folder without that file is nobody's."""
_MEMORY = pathlib.Path("/dev/shm")
UNDER_WAY = set()
"""Files and folders being made, child processes, and functions that undo something: what has to go when this process must end
at once."""


class Held:
    """A file that is this process's own until `close`, or until the process ends.

    Parameters
    ----------
    path : path-like
        Made when it does not exist; never written to.

    Raises
    ------
    BlockingIOError
        If another process holds it.
    OSError
        If it cannot be made.
    """

    def __init__(self, path):
        self._handle = os.open(path, os.O_RDWR | os.O_CREAT | os.O_CLOEXEC, 0o644)
        try:
            fcntl.flock(self._handle, fcntl.LOCK_EX | fcntl.LOCK_NB)
        except BaseException:
            self.close()
            raise

    def close(self):
        """Let go."""
        if self._handle is not None:
            os.close(self._handle)
            self._handle = None


def is_held(path):
    """Return whether a living process holds a file.

    Parameters
    ----------
    path : path-like

    Returns
    -------
    bool
        False as well when there is no such file.
    """
    if not os.path.exists(path):
        return False
    try:
        Held(path).close()
    except BlockingIOError:
        return True
    except OSError:
        return False
    return False


@contextlib.contextmanager
def working_folder(in_memory=False):
    """A folder for files on their way, removed afterwards; `sweep` removes it should the process be killed.

    Parameters
    ----------
    in_memory : bool, optional
        Where the system keeps files in memory, if it does.

    Yields
    ------
    pathlib.Path
    """
    place = _MEMORY if in_memory and os.access(_MEMORY, os.W_OK) else None
    folder = pathlib.Path(tempfile.mkdtemp(prefix=PREFIX, dir=place))
    UNDER_WAY.add(folder)
    held = None
    try:
        held = Held(folder / MARK)
        yield folder
    finally:
        if held is not None:
            held.close()
        shutil.rmtree(folder, ignore_errors=True)
        UNDER_WAY.discard(folder)


def sweep():
    """Remove the working folders of this user's processes that were killed.

    Returns
    -------
    int
        How many there were.
    """
    count = 0
    for place in {pathlib.Path(tempfile.gettempdir()), _MEMORY}:
        for folder in place.glob(f"{PREFIX}*"):
            try:
                if folder.stat().st_uid == os.getuid() and abandoned(folder):
                    shutil.rmtree(folder, ignore_errors=True)
                    count += 1
            except OSError:
                continue
    return count


def abandoned(folder):
    """Return whether nobody works in a folder any more.

    Parameters
    ----------
    folder : pathlib.Path

    Returns
    -------
    bool

    Raises
    ------
    OSError
        If it is gone.
    """
    mark = folder / MARK
    if mark.exists():
        return not is_held(mark)
    # Between being made and being held lies a moment.
    return folder.is_dir() and time.time() - folder.stat().st_mtime > ABANDONED


def leave_nothing():
    """Remove all that is under way, before a process ends at once."""
    for thing in list(UNDER_WAY):
        with contextlib.suppress(OSError):
            if callable(thing):
                thing()
            elif isinstance(thing, subprocess.Popen):
                thing.kill()
            elif thing.is_dir():
                shutil.rmtree(thing, ignore_errors=True)
            else:
                thing.unlink(missing_ok=True)


@contextlib.contextmanager
def child_process(*arguments, **options):
    """A child process that ends with what it was started for.

    Parameters
    ----------
    *arguments, **options
        Of `subprocess.Popen`.

    Yields
    ------
    subprocess.Popen
    """
    child = subprocess.Popen(*arguments, **options)
    UNDER_WAY.add(child)
    try:
        yield child
    finally:
        if child.poll() is None:
            child.kill()
            child.communicate()
        UNDER_WAY.discard(child)
