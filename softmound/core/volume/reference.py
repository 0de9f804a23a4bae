"""The reference OpenVDB library, under either of the names its builds have, loaded when it is first asked for something.

Loading takes a tenth of a second, and no cloud needs it to be seen.
"""

import importlib

__all__ = ["vdb"]


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
