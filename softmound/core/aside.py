"""Files that are there whole or not at all: written aside, flushed, and renamed."""

import contextlib
import hashlib
import os
import pathlib
import re
import secrets
import socket
import time

from .held import UNDER_WAY
from .problems import NotWritten

_HOST = hashlib.blake2b(socket.gethostname().encode(), digest_size=4).hexdigest()
_PART = re.compile(r"\.([0-9a-f]{8})-([0-9]+)-[0-9a-f]{16}\.part(\..*)?")
_AGAIN, _OLD = 600.0, 86_400.0
"""Seconds after which a folder is looked through again; and after which another machine's file is nobody's any more."""
_swept = {}


@contextlib.contextmanager
def put_in_place(path, folder=None):
    """Let a file be written aside, and put it in place when that went well.

    An older file of that name stays as it is until then. A link is followed; rights are those of the file that is
    replaced, or what the user's umask leaves.

    Parameters
    ----------
    path : path-like
    folder : int, optional
        Descriptor of its folder: it is written there whatever the folder's name stands for by now, and a link in its place is
        replaced rather than followed. See `core.regular.Folder`.

    Yields
    ------
    pathlib.Path
        Where to write: in the same folder, with the same ending, not there yet.

    Raises
    ------
    NotWritten
        If it cannot be written, with what stands against it.
    """
    path = pathlib.Path(path)
    aside = None
    try:
        if folder is not None:
            # The library that writes OpenVDB files takes names alone; this one leads through the descriptor.
            place = pathlib.Path(f"/proc/self/fd/{folder}", path.name)
        else:
            place = path.resolve() if path.is_symlink() else path
        # Its name has nothing of the file's, which may be as long as a name can be.
        aside = place.with_name(f".{_HOST}-{os.getpid()}-{secrets.token_hex(8)}.part{place.suffix[:16]}")
        if place.is_dir():
            raise NotWritten("{}: is a folder; choose another name.", shown(path))
        UNDER_WAY.add(aside)
        os.close(os.open(aside, os.O_CREAT | os.O_EXCL | os.O_WRONLY, 0o666))
        yield aside
        with open(aside, "rb+") as file:
            os.fsync(file.fileno())
        if place.exists() and not place.is_symlink():
            aside.chmod(place.stat().st_mode & 0o777)
        os.replace(aside, place)
        sync_folder(place.parent)
        if folder is None:
            _sweep(place.parent)
    except OSError as error:
        reason = error.strerror or str(error) or type(error).__name__
        raise NotWritten("{}: could not be written ({}); choose another place or free some space.", shown(path), reason) from error
    finally:
        if aside is not None:
            with contextlib.suppress(OSError):
                aside.unlink(missing_ok=True)
            UNDER_WAY.discard(aside)


def _sweep(folder):
    """Remove what was written aside here by programs that were killed; once in a while, for a folder may hold many files."""
    now = time.monotonic()
    if now - _swept.get(folder, -_AGAIN) < _AGAIN:
        return
    _swept[folder] = now
    with contextlib.suppress(OSError):
        for entry in os.scandir(folder):
            part = _PART.fullmatch(entry.name)
            if part is None:
                continue
            with contextlib.suppress(OSError):
                gone = not _runs(int(part[2])) if part[1] == _HOST else time.time() - entry.stat().st_mtime > _OLD
                if gone:
                    os.unlink(entry.path)


def _runs(process):
    try:
        os.kill(process, 0)
    except ProcessLookupError:
        return False
    except OSError:
        pass  # it is somebody else's
    return True


def write_whole(path, content):
    """Write a file aside, flush it, and rename it into place.

    Parameters
    ----------
    path : path-like
    content : bytes

    Raises
    ------
    NotWritten
        If that fails; whatever stood at `path` is untouched.
    """
    with put_in_place(path) as aside:
        aside.write_bytes(content)


def sync_folder(folder):
    """Make the names in a folder last through a power cut.

    Parameters
    ----------
    folder : path-like
    """
    handle = os.open(folder, os.O_RDONLY)
    try:
        os.fsync(handle)
    finally:
        os.close(handle)


def shown(path):
    """A path as it can be printed on one line, whatever bytes it is made of.

    Parameters
    ----------
    path : path-like

    Returns
    -------
    str
    """
    text = os.fsencode(path).decode("utf-8", "replace")
    text = "".join(c if c.isprintable() else "\ufffd" for c in text)
    return text if len(text) <= 200 else f"{text[:80]}…{text[-80:]}"
