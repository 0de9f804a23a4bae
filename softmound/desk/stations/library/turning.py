"""The card under the pointer turns with it; one of a sequence plays."""

import numpy as np
from PyQt6.QtCore import QTimer

from ...view.pixels import image_of_pixels
from .relighting import Relighting, Wish

SIDES = 12
"""Pictures of one turn."""
MOST_FRAMES = 48
"""Pictures of a sequence, spread over all of it."""
RESTS = 180
"""Milliseconds that the pointer has to stay on a card."""


class Turning:
    """Pictures of one version from all sides, or of its frames, as they come.

    Parameters
    ----------
    parent : QObject
    changed : callable
        Called when there is another picture to be shown.
    """

    def __init__(self, parent, changed):
        self._changed = changed
        self._relighting = Relighting(self._take)
        self.version, self._images, self._keys, self._share = None, {}, [], 0.5
        self._wait = QTimer(parent, interval=RESTS, singleShot=True)
        self._wait.timeout.connect(self._ask)
        self._play = QTimer(parent)
        self._play.timeout.connect(self._next)
        self._lit = None

    def over(self, version, share, light, view):
        """The pointer is over a card.

        Parameters
        ----------
        version : Version or None
            None where there is none.
        share : float
            How far across the card, 0 to 1.
        light : Light
        view : View
        """
        self._share = share
        if version is not self.version:
            self.leave()
            self.version, self._lit = version, (light, view)
            if version is not None:
                self._wait.start()
        elif self._images and not self._play.isActive():
            self._changed()

    def leave(self):
        """The pointer is elsewhere."""
        self._wait.stop()
        self._play.stop()
        self._relighting.stop()
        had = bool(self._images)
        self.version, self._images, self._keys = None, {}, []
        if had:
            self._changed()

    def image(self, version):
        """What is shown of a version now: QImage, or None for its own picture."""
        if version is not self.version or not self._images:
            return None
        wanted = min(int(self._share * len(self._keys)), len(self._keys) - 1)
        # Until all have come, the nearest of those that have.
        return self._images[min(self._images, key=lambda n: abs(n - wanted))]

    def end(self):
        """End for good."""
        self.leave()
        self._relighting.end()

    def _ask(self):
        version, (light, view) = self.version, self._lit
        frames = version.frames
        if frames is not None:
            numbers = frames.numbers
            chosen = np.unique(np.linspace(0, len(numbers) - 1, min(len(numbers), MOST_FRAMES)).round().astype(int))
            self._keys = [numbers[n] for n in chosen]
            wishes = [Wish((version.folder, n), version, light, view, number) for n, number in enumerate(self._keys)]
            pace = max(round(1000.0 * len(numbers) / frames.rate / len(self._keys)), 30)
        else:
            self._keys, pace = list(range(SIDES)), None
            wishes = [Wish((version.folder, n), version, light, view.edited(azimuth=_around(view.azimuth + 360.0 * n / SIDES)))
                      for n in _from_the_middle(SIDES)]
        self._relighting.ask(wishes)
        if pace is not None:
            self._play.start(pace)

    def _take(self, key, pixels):
        folder, n = key
        if self.version is None or folder != self.version.folder:
            return
        self._images[n] = image_of_pixels(pixels)
        if not self._play.isActive():
            self._changed()

    def _next(self):
        if self._images:
            self._share = (self._share + 1.0 / len(self._keys)) % 1.0
            self._changed()


def _around(degrees):
    return (degrees + 180.0) % 360.0 - 180.0


def _from_the_middle(count):
    """Numbers in an order in which the first few are spread over all."""
    return sorted(range(count), key=lambda n: (n % 3, n))
