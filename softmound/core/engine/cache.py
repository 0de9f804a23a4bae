"""Results of stages, kept while there is room."""

import threading
from collections import OrderedDict


class Cache:
    """Keeps the results used last, up to a number of bytes.

    Parameters
    ----------
    limit : int
        Bytes.
    """

    def __init__(self, limit):
        self.limit = limit
        self._lock = threading.Lock()
        self._kept = OrderedDict()
        self._bytes = 0

    def __contains__(self, key):
        with self._lock:
            return key in self._kept

    @property
    def nbytes(self):
        """Bytes held."""
        return self._bytes

    def get(self, key):
        """Result kept under a key.

        Parameters
        ----------
        key : str

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
        key : str
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
            while self._bytes > self.limit:
                _, (_, freed) = self._kept.popitem(last=False)
                self._bytes -= freed

    def made(self, key, make, size):
        """Result kept under a key, or made now and kept.

        Parameters
        ----------
        key : str
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
