"""Flying: keys that are held move the eye through the picture."""

import time

from PyQt6.QtCore import QObject, Qt, QTimer, pyqtSignal

from ...core.light.scene.camera import flown

PACE = 0.5
"""Distances to the target in a second."""
TURN = 45.0
"""Degrees in a second."""
FASTER = 4.0
_KEYS = {
    Qt.Key.Key_Up: (1, 0, 0, 0, 0), Qt.Key.Key_Down: (-1, 0, 0, 0, 0), Qt.Key.Key_Left: (0, 0, 0, -1, 0),
    Qt.Key.Key_Right: (0, 0, 0, 1, 0), Qt.Key.Key_Comma: (0, -1, 0, 0, 0), Qt.Key.Key_Period: (0, 1, 0, 0, 0),
    Qt.Key.Key_PageUp: (0, 0, 1, 0, 0), Qt.Key.Key_PageDown: (0, 0, -1, 0, 0), Qt.Key.Key_Home: (0, 0, 0, 0, 1),
    Qt.Key.Key_End: (0, 0, 0, 0, -1),
}
"""Shares of ahead, aside, up, turn and lift."""
WORDS = ("Flying: ↑ ↓ go, ← → turn, , . aside, Page up and down rise and sink, Home and End look up and down, "
         "Shift is faster, F or Esc lands.")


class Flight(QObject):
    """A flight, from take-off to landing.

    Parameters
    ----------
    picture : QWidget
        Its keys move the eye.

    Signals
    -------
    moved(View, bool)
        True while a key is held.

    Attributes
    ----------
    on : bool
    """

    moved = pyqtSignal(object, bool)

    def __init__(self, picture):
        super().__init__(picture)
        self._picture, self._held, self._fast, self._then = picture, set(), False, 0.0
        self.on = False
        self._timer = QTimer(self, interval=30)
        self._timer.timeout.connect(self.step)

    def toggle(self):
        """Take off, or land."""
        if self.on:
            self.land()
        else:
            self.on = True

    def land(self):
        """End the flight."""
        if self._held:
            self._released()
        self.on = False

    def takes(self, key):
        """Whether a key is one of the flight's.

        Parameters
        ----------
        key : int

        Returns
        -------
        bool
        """
        return self.on and key in _KEYS

    def press(self, key, fast):
        """Hold a key.

        Parameters
        ----------
        key : int
        fast : bool
            Shift is held as well.
        """
        self._fast = fast
        if not self._held:
            self._then = time.monotonic()
            self._timer.start()
        self._held.add(key)

    def release(self, key):
        """Let go of a key.

        Parameters
        ----------
        key : int
        """
        self._held.discard(key)
        if not self._held and self._timer.isActive():
            self._released()

    def _released(self):
        self._held.clear()
        self._timer.stop()
        self.moved.emit(self._picture.mound.view, False)

    def step(self, seconds=None):
        """Move by what the held keys ask for.

        Parameters
        ----------
        seconds : float, optional
            Default the time since the last step.
        """
        now = time.monotonic()
        seconds = min(now - self._then, 0.2) if seconds is None else seconds
        self._then = now
        view = self._picture.mound.view
        pace = PACE * view.distance * seconds * (FASTER if self._fast else 1.0)
        ahead, aside, up, turn, lift = (sum(_KEYS[key][n] for key in self._held) for n in range(5))
        self.moved.emit(flown(view, pace * ahead, pace * aside, pace * up, TURN * seconds * turn, TURN * seconds * lift), True)
