"""The hand that paints masks and patches onto the cloud in the picture."""

from PyQt6.QtCore import QPointF, Qt
from PyQt6.QtGui import QPen

from ...core.recipe import Paint
from .. import style
from ..words import tr

APART = 0.25
"""Of the brush's radius: how far the hand must go for another point."""


class PaintHand:
    """Draws one stroke of paint at a time.

    Parameters
    ----------
    station : object
        Has `services`, `document`, `picker()`, `strokes_painted()` and `paint(strokes, moving)`.

    Attributes
    ----------
    radius : float
        Metres.
    pressure : float
        Of the pen, 0 to 1; a mouse presses fully.
    """

    def __init__(self, station):
        self._station = station
        self._path = self._hit = None
        self.radius = 12.0
        self.pressure, self.tilt = 1.0, 0.0

    def press(self, at, modifiers, camera):
        """Begin a stroke where the pointer meets the cloud."""
        self._hit = self._station.picker().hit(camera.eye, camera.ray(at.x(), at.y()))
        self._path = None
        if self._hit is None:
            self._station.services.tell(tr("There is nothing under the brush: begin the stroke on the cloud."))
            return
        self._sign = -1.0 if modifiers & Qt.KeyboardModifier.AltModifier else 1.0
        self._picker = self._station.picker()
        self._before = self._station.strokes_painted()
        self._path = [(*map(float, self._hit.point), self._sign * max(self.pressure, 0.05))]
        self._take(True)

    def drag(self, at, _modifiers, camera):
        """Draw on."""
        if self._path is None:
            return
        hit = self._picker.hit(camera.eye, camera.ray(at.x(), at.y()))
        if hit is None:
            return
        self._hit = hit
        last = self._path[-1]
        if sum((a - b) ** 2 for a, b in zip(hit.point, last)) > (APART * self.wide) ** 2 and len(self._path) < 2000:
            self._path.append((*map(float, hit.point), self._sign * max(self.pressure, 0.05)))
            self._take(True)

    def _take(self, moving):
        stroke = Paint(path=tuple(tuple(round(v, 4) for v in point) for point in self._path), radius=self.wide)
        self._station.paint((*self._before, stroke), moving)

    @property
    def wide(self):
        """Radius as the pen holds the brush: a flat one is twice as wide. Metres."""
        return self.radius * (1.0 + self.tilt)

    def release(self):
        """End the stroke: one step of history."""
        if self._path is not None:
            self._path = None
            self._station.document.let_go()

    def double(self, _at, _camera):
        """Nothing."""

    def hover(self, at, camera):
        """Show the brush where it is."""
        self._hit = self._station.picker().hit(camera.eye, camera.ray(at.x(), at.y()))
        return Qt.CursorShape.CrossCursor

    def paint(self, painter, camera):
        """Draw the ring of the brush."""
        if self._hit is None:
            return
        at = camera.pixel(self._hit.point)
        if at is None:
            return
        painter.setBrush(style.with_alpha(style.BARLEY, 40))
        painter.setPen(QPen(style.BARLEY, 1.4))
        painter.drawEllipse(QPointF(at[0], at[1]), self.wide * at[2], self.wide * at[2])
