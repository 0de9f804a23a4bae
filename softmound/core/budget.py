"""The one budget of memory for all that is kept because it may be asked for again.

Results of stages, fields of forms, surfaces, surroundings and tables share it, and what was used longest ago goes first, whatever
it is. What a draft holds of its last state is counted too. Lists of a few hundred bytes for each form or noise are kept beside it,
in a number that bounds them.
"""

import functools
import threading
from collections import OrderedDict

import numpy as np

from .machine import free_memory

MOST_BYTES = 2_500_000_000
"""What may be kept, and at most half of the memory that is free when the program starts."""


class Cache:
    """Keeps the results used last, up to a number of bytes.

    Parameters
    ----------
    limit : int
        Bytes.
    """

    def __init__(self, limit):
        self.limit = limit
        # Entered again where the collector ends something that was held while a result is put away.
        self._lock = threading.RLock()
        self._kept = OrderedDict()
        self._bytes = 0
        self._held = {}

    def __contains__(self, key):
        with self._lock:
            return key in self._kept

    @property
    def nbytes(self):
        """Bytes held, what others hold themselves included."""
        return self._bytes + sum(self._held.values())

    def get(self, key):
        """Result kept under a key.

        Parameters
        ----------
        key : hashable

        Returns
        -------
        object or None
        """
        with self._lock:
            if key not in self._kept:
                return None
            self._kept.move_to_end(key)
            return self._kept[key][0]

    def put(self, key, result, nbytes):
        """Keep a result, letting go of the ones used longest ago.

        Parameters
        ----------
        key : hashable
        result : object
            Not changed afterwards by anyone.
        nbytes : int
        """
        with self._lock:
            if key in self._kept:
                self._bytes -= self._kept.pop(key)[1]
            if nbytes > self.limit:
                return
            self._kept[key] = (result, nbytes)
            self._bytes += nbytes
            self._make_room()

    def _make_room(self):
        while self._kept and self.nbytes > self.limit:
            _, (_, freed) = self._kept.popitem(last=False)
            self._bytes -= freed

    def hold(self, name, nbytes):
        """Count what somebody holds beside the results: other things make room for it.

        Parameters
        ----------
        name : hashable
        nbytes : int
            0 once it is held no longer.
        """
        with self._lock:
            self._held[name] = nbytes
            if not nbytes:
                del self._held[name]
            self._make_room()

    def forget(self, name):
        """Let go of all results of one function that is remembered.

        Parameters
        ----------
        name : str
        """
        with self._lock:
            for key in [key for key in self._kept if isinstance(key, tuple) and key[0] == name]:
                self._bytes -= self._kept.pop(key)[1]

    def get_or_make(self, key, make, size):
        """Result kept under a key, or made now and kept.

        Parameters
        ----------
        key : hashable
        make : callable
        size : callable
            Bytes of a result.

        Returns
        -------
        object
        """
        result = self.get(key)
        if result is None:
            result = make()
            self.put(key, result, size(result))
        return result


MEMORY = Cache(min(MOST_BYTES, free_memory() // 2))
"""The budget of this process."""


def size_of(result):
    """Bytes of the arrays in a result, however they are put together.

    Parameters
    ----------
    result : object

    Returns
    -------
    int
        At least 100, for what stands around them.
    """
    if isinstance(result, np.ndarray):
        return 100 + result.nbytes
    if isinstance(result, (tuple, list)):
        return 100 + sum(map(size_of, result))
    if hasattr(result, "nbytes"):
        return 100 + int(result.nbytes)
    return 100 + sum(part.nbytes for part in getattr(result, "__dict__", {}).values() if isinstance(part, np.ndarray))


def remembered(function):
    """A function whose results are kept in the budget, under what it was given.

    Parameters
    ----------
    function : callable
        Of hashable arguments; its results are not changed by anyone.

    Returns
    -------
    callable
        With `forget`, which lets go of all results, and `known`, whether there is one of some arguments.
    """
    name = f"{function.__module__}.{function.__qualname__}"

    @functools.wraps(function)
    def found(*arguments):
        # In a tuple, so that a result of None is one too.
        return MEMORY.get_or_make((name, *arguments), lambda: (function(*arguments),), size_of)[0]

    found.forget = lambda: MEMORY.forget(name)
    found.known = lambda *arguments: MEMORY.get((name, *arguments)) is not None
    return found
