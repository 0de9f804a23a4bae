"""Small pictures of what is on the shelf, made beside the work: in another light, from other sides, of other frames."""

import concurrent.futures
import threading
from collections import deque
from dataclasses import dataclass

from ....core.library.relit import SIZE, made_ready, relit
from ....core.library.shelf import Version
from ....core.problems import Problem
from ....core.recipe import Light, View
from ....core.ticket import Stopped, Ticket
from ...work.relay import Relay

AHEAD = 3
"""Files that are read while one is lit."""


@dataclass(frozen=True)
class Wish:
    """A picture that is wished for.

    Attributes
    ----------
    key : hashable
        Told with the picture.
    version : Version
    light : Light
    view : View
    frame : int or None
        Of a sequence.
    size : (int, int)
        Pixels.
    """

    key: object
    version: Version
    light: Light
    view: View
    frame: int | None = None
    size: tuple = SIZE


class Relighting:
    """Makes pictures in a thread of its own; newer wishes end older ones.

    Parameters
    ----------
    told : callable
        Called in the interface's thread as ``told(key, pixels)`` with each picture, ndarray of uint8, shape (height, width, 4).
    """

    def __init__(self, told):
        self._relay = Relay()
        self._told = self._relay.to(told)
        self._ticket = None
        self._thread = None

    def ask(self, wishes):
        """Make pictures, in this order.

        Parameters
        ----------
        wishes : sequence of Wish
        """
        before = self.stop()
        self._ticket = Ticket()
        self._thread = threading.Thread(target=self._work, args=(before, tuple(wishes), self._ticket), daemon=True,
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

    def _work(self, before, wishes, ticket):
        if before is not None:
            before.join()
        # Each file is read in a process of its own: the next ones while this one is lit.
        with concurrent.futures.ThreadPoolExecutor(AHEAD, "read ahead") as pool:
            reading = deque(pool.submit(made_ready, wish.version, wish.frame) for wish in wishes[:AHEAD])
            for number, wish in enumerate(wishes):
                try:
                    ticket.tick(0.0)
                    reading.popleft().result()
                    if number + AHEAD < len(wishes):
                        ahead = wishes[number + AHEAD]
                        reading.append(pool.submit(made_ready, ahead.version, ahead.frame))
                    self._told(wish.key, relit(wish.version, wish.light, wish.view, ticket, wish.frame, wish.size))
                except Problem:
                    continue  # its own picture stays
                except Stopped:
                    return
