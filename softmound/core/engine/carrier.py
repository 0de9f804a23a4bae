"""Pictures that follow the camera while the next ones are made, off the desk's thread."""

import logging
import threading
from dataclasses import dataclass

import numpy as np

from ..light.picture.carrying import carried
from ..light.scene.camera import camera_of

LOGGER = logging.getLogger(__name__)
MOST = 300_000
"""Pixels of a carried picture: a larger one has fewer than the screen, and is blended, as under any hand."""


@dataclass(frozen=True, eq=False)
class Carried:
    """A picture carried to another view.

    Attributes
    ----------
    answer : Answer
        What was carried.
    view : View
    pixels : ndarray of uint8, shape (rows, columns, 4)
    stride : int
        Pixels of the screen that one of `pixels` covers in either direction.
    """

    answer: object
    view: object
    pixels: np.ndarray
    stride: int


def carried_to(answer, view):
    """Carry a picture to another view.

    Parameters
    ----------
    answer : Answer
        With its distances.
    view : View

    Returns
    -------
    Carried
    """
    request = answer.request
    rows, columns = answer.away.shape
    coarser = int(np.ceil(np.sqrt(rows * columns / MOST))) if rows * columns > MOST else 1
    was, now = (camera_of(seen, request.width, request.height) for seen in (request.mound.view, view))
    stride = answer.stride * coarser
    return Carried(answer, view, carried(answer.pixels, answer.away, was, now, (answer.stride, stride)), stride)


class Carrier:
    """One thread that carries the newest picture to the newest view.

    Parameters
    ----------
    deliver : callable
        Called from the carrier's thread with each `Carried`.
    """

    def __init__(self, deliver):
        self._deliver = deliver
        self._wake = threading.Condition()
        self._waiting, self._closed, self._busy = None, False, False
        self._thread = threading.Thread(target=self._run, name="carrier", daemon=True)
        self._thread.start()

    def ask(self, answer, view):
        """Carry a picture to a view; what still waits is forgotten.

        Parameters
        ----------
        answer : Answer
        view : View
        """
        with self._wake:
            self._waiting = answer, view
            self._wake.notify()

    @property
    def idle(self):
        """True when nothing is carried and nothing waits."""
        with self._wake:
            return self._waiting is None and not self._busy

    def close(self):
        """End the thread, and wait for it."""
        with self._wake:
            self._closed, self._waiting = True, None
            self._wake.notify()
        self._thread.join()

    def _run(self):
        while True:
            with self._wake:
                self._busy = False
                while self._waiting is None and not self._closed:
                    self._wake.wait()
                if self._closed:
                    return
                (answer, view), self._waiting, self._busy = self._waiting, None, True
            try:
                self._deliver(carried_to(answer, view))
            except Exception:  # the picture that is marched comes all the same
                LOGGER.exception("a picture could not be carried along")
