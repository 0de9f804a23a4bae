"""All stations, in the order of the work: what the window, the strip, the keys and the help iterate over."""

import importlib
import pkgutil

from . import __name__ as package
from . import __path__ as folders
from .station import Station


def _found():
    """What the folders beside this one hold: in each a module `station` with a subclass of `Station`."""
    kinds = []
    for folder in pkgutil.iter_modules(folders):
        if folder.ispkg:
            module = importlib.import_module(f"{package}.{folder.name}.station")
            kinds += [kind for kind in vars(module).values() if isinstance(kind, type) and issubclass(kind, Station)
                      and kind.__module__ == module.__name__]
    return tuple(sorted(kinds, key=lambda kind: (kind.order, kind.name)))


STATIONS = _found()
"""Subclasses of `Station`; the key that opens one is its place."""
