"""Flying: keys that are held move the eye through the picture, and a flight may be recorded as a camera path."""

import math
import time

from PyQt6.QtCore import QObject, Qt, QTimer, pyqtSignal

from ...core.light.scene.camera import aimed, flown
from ...core.recipe.camera_path import path_flown, recorded
from ...core.recipe.time import TimeLine
from ..words import tr

PACE = 0.5
"""Distances to what is ahead in a second: fast far off, slow before a wall and within the cloud; nothing is in the way."""
SLOWEST = 0.01
"""Distances to the target that are flown in a second at least."""
EASING = 0.2
"""Seconds in which the pace follows what is ahead."""
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
    landed()

    Attributes
    ----------
    on : bool
    ahead : callable
        Gives how far what is ahead is, metres, or None.
    more_words : str
        Said below while it is on.
    """

    moved = pyqtSignal(object, bool)
    landed = pyqtSignal()

    def __init__(self, picture):
        super().__init__(picture)
        self._picture, self._held, self._fast, self._then = picture, set(), False, 0.0
        self._pace = None
        self.on, self.ahead, self.more_words = False, lambda: None, ""
        self._timer = QTimer(self, interval=30)
        self._timer.timeout.connect(self.step)

    def toggle(self):
        """Take off, or land."""
        if self.on:
            self.land()
        else:
            self.on = True

    def land(self):
        """End the flight; from now on the view turns about what is ahead."""
        if not self.on:
            return
        if self._held:
            self._released()
        self.on, self._pace = False, None
        self.landed.emit()
        ahead = self.ahead()
        if ahead is not None:
            self.moved.emit(aimed(self._picture.mound.view, ahead), False)

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
        ahead = self.ahead()
        wanted = max(PACE * (view.distance if ahead is None else ahead), SLOWEST * view.distance)
        self._pace = wanted if self._pace is None else wanted + (self._pace - wanted) * math.exp(-seconds / EASING)
        pace = self._pace * seconds * (FASTER if self._fast else 1.0)
        ahead, aside, up, turn, lift = (sum(_KEYS[key][n] for key in self._held) for n in range(5))
        self.moved.emit(flown(view, pace * ahead, pace * aside, pace * up, TURN * seconds * turn, TURN * seconds * lift), True)


class Recording(QObject):
    """A flight that becomes a camera path: from the first key that is held until landing.

    Parameters
    ----------
    services : Services
    clock : callable, optional
        Gives seconds.

    Signals
    -------
    changed()

    Attributes
    ----------
    on : bool
    """

    changed = pyqtSignal()

    def __init__(self, services, clock=time.monotonic):
        super().__init__(services)
        self._services, self.clock, self._views = services, clock, []
        self.on = False
        flight = services.picture.flight
        flight.moved.connect(self._moved)
        flight.landed.connect(self._landed)

    def toggle(self):
        """Take off and record, or land and keep what was flown."""
        picture, document = self._services.picture, self._services.document
        if self.on:
            picture.flight.land()
            return
        if not self._services.moving.owns_the_view():
            return
        if self._services.moving.line is None:
            document.apply(tr("time line"), lambda mound: mound.edited(time=TimeLine()))
        self.on, self._views = True, []
        picture.flight.more_words = tr("It is recorded from frame {} on.").format(self._services.moving.frame)
        if not picture.flight.on:
            picture.fly()
        picture.update()
        self.changed.emit()

    def _moved(self, view, _moving):
        if self.on:
            ahead = self._services.picture.flight.ahead()
            self._views.append((self.clock(), view if ahead is None else aimed(view, ahead)))

    def _landed(self):
        if not self.on:
            return
        self.on, self._services.picture.flight.more_words = False, ""
        document, moving, views = self._services.document, self._services.moving, self._views
        if len(views) > 1:
            keys = recorded(*zip(*views), moving.frame, moving.line.rate)
            document.apply(tr("camera path"), lambda mound: path_flown(mound, keys))
            moving.go_to(keys[-1].frame)  # where it landed
            self._services.tell(tr("Recorded: {} keys of the camera, frames {} to {}.").format(
                len(keys), keys[0].frame, keys[-1].frame))
        else:
            self._services.tell(tr("Nothing was flown, so nothing is recorded."))
        self.changed.emit()
