"""Regular files of bounded size, and those of a folder of ours by plain names, opened through the folder's descriptor.

What a file of ours says is never trusted with the disk: whatever it names as a part of itself is a plain name in its own folder
and no link. What lies elsewhere is only read. A pipe, a device or a file without end is refused before it is read.
"""

import os
import pathlib
import stat

from .aside import put_in_place, shown
from .problems import Problem

SMALL = 4 * 2**20
"""Bytes of the largest page of facts."""
LARGEST = 256 * 2**30
"""Bytes of the largest file of numbers."""
PathLike = str | os.PathLike[str]
_LONGEST = 255
"""Bytes of a name."""


def is_plain(name):
    """Return whether a name is that of a file in a folder, and not a way to somewhere else.

    Parameters
    ----------
    name : str

    Returns
    -------
    bool
        Hidden names are not plain: they belong to whoever works in the folder.
    """
    return (0 < len(os.fsencode(name)) <= _LONGEST and not name.startswith(".") and name.isprintable()
            and not {"/", "\\"} & set(name))


def opened(path, most=LARGEST, inside=False):
    """Open a regular file for reading.

    Parameters
    ----------
    path : path-like
    most : int, optional
        Bytes that it may hold.
    inside : bool, optional
        It is a part of its folder: its name is not followed if it is a link.

    Returns
    -------
    io.BufferedReader

    Raises
    ------
    Problem
        If it is no regular file, or a larger one.
    OSError
        If it cannot be opened.
    """
    path = pathlib.Path(path)
    if inside:
        with Folder(path.parent) as folder:
            return folder.opened(path.name, most)
    return _opened(path, path, most)


def read(path, most=SMALL, inside=False):
    """Contents of a regular file.

    Parameters
    ----------
    path, most, inside
        As for `opened`.

    Returns
    -------
    bytes

    Raises
    ------
    Problem, OSError
        As `opened`.
    """
    with opened(path, most, inside) as file:
        return _read(file, path, most)


def read_text(path, most=SMALL, inside=False):
    """Contents of a regular file as text in UTF-8: see `read`; UnicodeDecodeError, a ValueError, where it is none."""
    return read(path, most, inside).decode("utf-8")


class Folder:
    """A folder held open: what is done with its files is done there, whatever its name stands for by then.

    Parameters
    ----------
    path : path-like

    Attributes
    ----------
    path : pathlib.Path
    handle : int
        Its descriptor.

    Raises
    ------
    OSError
        If there is no such folder.
    """

    def __init__(self, path):
        self.path = pathlib.Path(path)
        self.handle = os.open(path, os.O_RDONLY | os.O_DIRECTORY | os.O_CLOEXEC)

    def __enter__(self):
        return self

    def __exit__(self, *_):
        os.close(self.handle)

    def _plain(self, name):
        # Hidden ones are known to us by name and named by no file: `is_plain` is for those that are.
        if not is_plain(name.removeprefix(".")):
            raise Problem("{}: the name {!r} points outside of it; it is not touched.", shown(self.path), name)
        return name

    def opened(self, name, most=LARGEST):
        """Open one of its files for reading: see `opened` of this module. A link is not followed."""
        return _opened(self._plain(name), self.path / name, most, self.handle)

    def read(self, name, most=SMALL):
        """Contents of one of its files: bytes."""
        with self.opened(name, most) as file:
            return _read(file, self.path / name, most)

    def holds(self, name):
        """Return whether it has a regular file of a name, which is no link."""
        try:
            return stat.S_ISREG(os.stat(self._plain(name), dir_fd=self.handle, follow_symlinks=False).st_mode)
        except OSError:
            return False

    def remove(self, name):
        """Remove one of its files, if it is there; of a link the link."""
        try:
            os.unlink(self._plain(name), dir_fd=self.handle)
        except FileNotFoundError:
            pass

    def put_in_place(self, name):
        """Let one of its files be written aside: see `aside.put_in_place`. A link is replaced, not followed."""
        return put_in_place(self.path / self._plain(name), self.handle)

    def write(self, name, content):
        """Write one of its files whole.

        Parameters
        ----------
        name : str
        content : bytes

        Raises
        ------
        NotWritten
        """
        with self.put_in_place(name) as aside:
            aside.write_bytes(content)


def _opened(name, path, most, folder=None):
    """Open by a name, in a folder held open if there is one, for a path that is said when it will not do."""
    links = 0 if folder is None else os.O_NOFOLLOW
    # A device may act on being opened, and a pipe waits for somebody: looked at before, and again behind.
    _look(os.stat(name, dir_fd=folder, follow_symlinks=folder is None), path, most)
    handle = os.open(name, os.O_RDONLY | os.O_CLOEXEC | os.O_NONBLOCK | links, dir_fd=folder)
    try:
        _look(os.fstat(handle), path, most)
        return os.fdopen(handle, "rb")
    except BaseException:
        os.close(handle)
        raise


def _look(about, path, most):
    if stat.S_ISLNK(about.st_mode):
        raise Problem("{}: is a link, where a file of its own has to lie; it is not followed.", shown(path))
    if stat.S_ISDIR(about.st_mode):
        raise IsADirectoryError(21, "is a folder")
    if not stat.S_ISREG(about.st_mode):
        raise Problem("{}: is a pipe or a device and no file; choose a file.", shown(path))
    if about.st_size > most:
        raise Problem("{}: is larger than {:,} bytes, which such a file never is; restore it from a copy.", shown(path), most)


def _read(file, path, most):
    # The system's own files state no size and may go on for ever: none of ours is empty.
    if os.fstat(file.fileno()).st_size == 0:
        return b""
    content = file.read(most + 1)
    _look(os.fstat(file.fileno()), path, most)
    if len(content) > most:
        raise Problem("{}: is larger than {:,} bytes, which such a file never is; restore it from a copy.", shown(path), most)
    return content
