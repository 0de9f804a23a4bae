"""Small pictures of all that is on the shelf, in the light of the present mound, made beside the work."""

import threading

from ....core.library.relit import relit
from ....core.problems import Problem
from ....core.ticket import Stopped, Ticket
from ...relay import Relay


class Relighting:
    """Makes pictures in a thread of its own; a newer wish ends an older one.

    Parameters
    ----------
    told : callable
        Called in the interface's thread as ``told(folder, pixels)`` with each picture, ndarray of uint8, shape (height, width, 4).
    """

    def __init__(self, told):
        self._relay = Relay()
        self._told = self._relay.to(told)
        self._ticket = None
        self._thread = None

    def ask(self, versions, light, view):
        """Make pictures of versions, in this order.

        Parameters
        ----------
        versions : sequence of Version
        light : Light
        view : View
        """
        before = self.stop()
        self._ticket = Ticket()
        self._thread = threading.Thread(target=self._work, args=(before, tuple(versions), light, view, self._ticket), daemon=True,
                                        name="relighting")
        self._thread.start()

    def stop(self):
        """End what is under way: the thread that still has to end, or None."""
        if self._ticket is not None:
            self._ticket.stop()
        return self._thread

    def end(self):
        """End for good, and wait for it."""
        self._relay.close()
        thread = self.stop()
        if thread is not None:
            thread.join()

    def _work(self, before, versions, light, view, ticket):
        if before is not None:
            before.join()
        for version in versions:
            try:
                ticket.tick(0.0)
                self._told(version.folder, relit(version, light, view, ticket))
            except Problem:
                continue  # its own picture stays
            except Stopped:
                return
