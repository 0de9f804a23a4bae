"""The reference OpenVDB library, under either of the names its builds have, loaded when it is first asked for something.

Loading takes a tenth of a second, and no cloud needs it to be seen.
"""

import hashlib
import importlib
import uuid

__all__ = ["vdb", "write_grids"]

_MARK_AT, _MARK_LONG = 21, 36
"""Where a file has its mark: behind a magic number of 8 bytes, three versions of 4 and a flag of one; and how long it is."""


class _Late:
    """Stands for the library's module until something of it is wanted."""

    def __getattr__(self, name):
        try:
            module = importlib.import_module("openvdb")
        except ImportError:  # Debian 12 ships it under its older name
            module = importlib.import_module("pyopenvdb")
        self.__dict__.update(vars(module))
        return getattr(module, name)


vdb = _Late()


def write_grids(path, grids):
    """Write grids as an OpenVDB file, the same grids as the same bytes.

    The library gives each file a mark by chance; here it follows from what is in the file, so that a file that is built again
    has the checksum it had.

    Parameters
    ----------
    path : path-like
    grids : sequence of grids of the library

    Raises
    ------
    RuntimeError
        What the library says of a disk.
    OSError
    """
    vdb.write(str(path), grids=list(grids), metadata={"creator": "Soft Mound"})
    with open(path, "rb+") as file:
        file.seek(_MARK_AT + _MARK_LONG)
        sum_ = hashlib.blake2b(digest_size=16)
        while part := file.read(2**20):
            sum_.update(part)
        file.seek(_MARK_AT)
        if file.read(_MARK_LONG).count(b"-") == 4:  # as all versions of the format that the library writes have it
            file.seek(_MARK_AT)
            file.write(str(uuid.UUID(bytes=sum_.digest(), version=4)).encode())
