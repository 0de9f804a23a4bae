"""What other threads say, brought to the interface's thread."""

import threading

from PyQt6.QtCore import QObject, pyqtSignal


class Relay(QObject):
    """Calls functions in the interface's thread for threads that may outlive what they talk to.

    It has no parent and belongs to whoever holds it, so that a thread never speaks through an object that is gone; after
    `close` nothing is brought any more.
    """

    _came = pyqtSignal(object, tuple)

    def __init__(self):
        super().__init__()
        self._open = True
        self._lock = threading.Lock()
        self._came.connect(self._bring)

    def to(self, slot):
        """A function that any thread may call.

        Parameters
        ----------
        slot : callable
            Called with the same arguments, in the interface's thread.

        Returns
        -------
        callable
        """
        def say(*arguments):
            with self._lock:
                if self._open:
                    self._came.emit(slot, arguments)
        return say

    def _bring(self, slot, arguments):
        if self._open:
            slot(*arguments)

    def close(self):
        """Bring nothing more, not even what is on its way."""
        with self._lock:
            self._open = False
