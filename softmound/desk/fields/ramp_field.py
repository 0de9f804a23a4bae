"""A ramp of colours: by what it goes, between which values, and its stops on a strip."""

import numpy as np
from PyQt6.QtCore import QEvent, QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QLinearGradient, QPainter, QPen
from PyQt6.QtWidgets import QColorDialog, QComboBox, QVBoxLayout, QWidget

from ...core.recipe import MOST_STOPS, Ramp, limits
from .. import style
from ..words import tr
from .controls import EDGE, NumberField, Row, linear_colour, screen_colour, text_label

CHOICES = {"": "One colour", "density": "By density", "depth": "By depth", "height": "By height"}
HEIGHT, NEAR = 46, 9
CLOSEST = 0.02
"""Stops lie at least so far apart."""


class RampField(QWidget):
    """Colours that change within the cloud, or none.

    Parameters
    ----------
    name : str
    sentence : str
    begin : callable
        Given "density", "depth" or "height", returns the `Ramp` to begin with.

    Signals
    -------
    changed(Ramp or None, bool)
        True while the hand has not let go.
    """

    changed = pyqtSignal(object, bool)

    def __init__(self, name, sentence, begin, parent=None):
        super().__init__(parent)
        self._begin, self.ramp = begin, None
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(2)
        self.choice = QComboBox()
        for key, label in CHOICES.items():
            self.choice.addItem(tr(label), key)
        self.choice.setAccessibleName(name)
        self.choice.setToolTip(sentence)
        self.choice.activated.connect(lambda n: self._choose(self.choice.itemData(n)))
        column.addWidget(Row(text_label(name, "field"), self.choice))
        self.strip = _Strip(self, name)
        column.addWidget(self.strip)
        self.ends = {}
        for key, label, what in (("low", "From", tr("Where the first colour stands.")),
                                 ("high", "To", tr("Where the last one stands."))):
            field = NumberField(label, *limits(Ramp, key), Ramp.model_fields[key].default, "", what)
            field.changed.connect(lambda v, m, k=key: self._end(k, v, m))
            self.ends[key] = field
            column.addWidget(field)
        self.set(None)

    def set(self, ramp):
        """Show a ramp without telling anyone.

        Parameters
        ----------
        ramp : Ramp or None
        """
        self.ramp = ramp
        self.choice.setCurrentIndex(self.choice.findData("" if ramp is None else ramp.by))
        for widget in (self.strip, *self.ends.values()):
            widget.setVisible(ramp is not None)
        if ramp is not None:
            for key, field in self.ends.items():
                field.set(getattr(ramp, key))
        self.strip.update()

    def take(self, ramp, moving=False):
        """Show a ramp and tell it.

        Parameters
        ----------
        ramp : Ramp or None
        moving : bool, optional
        """
        self.set(ramp)
        self.changed.emit(ramp, moving)

    def _choose(self, key):
        if not key:
            self.take(None)
        elif self.ramp is None:
            self.take(self._begin(key))
        else:
            begun = self._begin(key)
            self.take(self.ramp.edited(by=key, low=begun.low, high=begun.high))

    def _end(self, key, value, moving):
        apart = 1e-3 * max(abs(value), 1.0)
        other = min(self.ramp.high - apart, value) if key == "low" else max(self.ramp.low + apart, value)
        self.take(self.ramp.edited(**{key: other}), moving)


class _Strip(QWidget):
    def __init__(self, field, name):
        super().__init__()
        self.field, self.chosen, self._hand = field, 0, False
        self.setFixedHeight(HEIGHT)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setMouseTracking(True)
        self.setAccessibleName(tr("{}: colours").format(name))
        self.setToolTip(
            tr(
                "Drag a stop; double-click it for its colour, or the strip for another stop. With the keyboard, N goes to "
                "the next stop, arrows move it, Enter changes its colour, + adds one, Delete takes it away."
            )
        )

    def _room(self):
        return QRectF(EDGE + 4, 6, self.width() - 2 * EDGE - 8, HEIGHT - 24)

    def _x(self, at):
        return self._room().left() + at * self._room().width()

    def _near(self, point):
        apart = [abs(self._x(at) - point.x()) for at, _ in self.field.ramp.stops]
        best = int(np.argmin(apart))
        return best if apart[best] < NEAR else None

    def _stops(self, stops, moving=False):
        self.field.take(self.field.ramp.edited(stops=tuple(stops)), moving)

    def move_stop(self, number, at, moving=False):
        """Move a stop as far as its neighbours let it; the ends stay."""
        stops = list(self.field.ramp.stops)
        if 0 < number < len(stops) - 1:
            at = min(max(at, stops[number - 1][0] + CLOSEST), stops[number + 1][0] - CLOSEST)
            stops[number] = (round(at, 4), stops[number][1])
            self._stops(stops, moving)

    def add_stop(self, at):
        """Add a stop with the colour that is there."""
        stops = list(self.field.ramp.stops)
        places = [place for place, _ in stops]
        after = int(np.searchsorted(places, at))
        if len(stops) >= MOST_STOPS or not 0 < after < len(stops) or min(at - places[after - 1], places[after] - at) < CLOSEST:
            return
        colour = tuple(round(float(np.interp(at, places, [c[n] for _, c in stops])), 4) for n in range(3))
        stops.insert(after, (round(at, 4), colour))
        self.chosen = after
        self._stops(stops)

    def remove_stop(self, number):
        """Take a stop away, but for the first and the last."""
        stops = list(self.field.ramp.stops)
        if 0 < number < len(stops) - 1:
            del stops[number]
            self.chosen = number - 1
            self._stops(stops)

    def recolour(self, number, colour):
        """Give a stop another colour.

        Parameters
        ----------
        number : int
        colour : tuple of float
            Linear RGB.
        """
        stops = list(self.field.ramp.stops)
        stops[number] = (stops[number][0], colour)
        self._stops(stops)

    def _ask(self, number):
        colour = QColorDialog.getColor(screen_colour(self.field.ramp.stops[number][1]), self, tr("Colour of the stop"))
        if colour.isValid():
            self.recolour(number, linear_colour(colour))

    def mousePressEvent(self, event):
        near = self._near(event.position())
        if event.button() == Qt.MouseButton.LeftButton and near is not None:
            self.chosen, self._hand = near, True
            self.update()

    def mouseMoveEvent(self, event):
        if self._hand:
            self.move_stop(self.chosen, (event.position().x() - self._room().left()) / self._room().width(), True)

    def mouseReleaseEvent(self, event):
        if self._hand and event.button() == Qt.MouseButton.LeftButton:
            self._hand = False
            self.field.changed.emit(self.field.ramp, False)

    def mouseDoubleClickEvent(self, event):
        self._hand = False
        near = self._near(event.position())
        if near is None:
            self.add_stop((event.position().x() - self._room().left()) / self._room().width())
        else:
            self._ask(near)

    def event(self, event):
        """Keys that the strip itself takes are not shortcuts while it has the keyboard."""
        if event.type() == QEvent.Type.ShortcutOverride and event.key() in (Qt.Key.Key_Delete, Qt.Key.Key_N):
            event.accept()
            return True
        return super().event(event)

    def keyPressEvent(self, event):
        stops = self.field.ramp.stops
        self.chosen = min(self.chosen, len(stops) - 1)
        steps = {Qt.Key.Key_Left: -0.02, Qt.Key.Key_Right: 0.02}
        if event.key() == Qt.Key.Key_N:
            self.chosen = (self.chosen + 1) % len(stops)
            self.update()
        elif event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            self._ask(self.chosen)
        elif event.key() in (Qt.Key.Key_Plus, Qt.Key.Key_Insert):
            widest = int(np.argmax(np.diff([at for at, _ in stops])))
            self.add_stop((stops[widest][0] + stops[widest + 1][0]) / 2)
        elif event.key() == Qt.Key.Key_Delete:
            self.remove_stop(self.chosen)
        elif event.key() in steps:
            self.move_stop(self.chosen, stops[self.chosen][0] + steps[event.key()])
        else:
            super().keyPressEvent(event)

    def paintEvent(self, _event):
        if self.field.ramp is None:
            return
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        room = self._room()
        blend = QLinearGradient(room.topLeft(), room.topRight())
        stops = self.field.ramp.stops
        # Colours blend in light, not as the screen encodes them.
        for at in np.linspace(0.0, 1.0, 33):
            colour = [float(np.interp(at, [p for p, _ in stops], [c[n] for _, c in stops])) for n in range(3)]
            blend.setColorAt(float(at), screen_colour(colour))
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(blend)
        painter.drawRoundedRect(room, 4, 4)
        for number, (at, colour) in enumerate(stops):
            chosen = number == self.chosen and self.hasFocus()
            painter.setPen(QPen(style.BARLEY if chosen else style.TEXT, 1.6))
            painter.setBrush(screen_colour(colour))
            painter.drawEllipse(QPointF(self._x(at), room.bottom() + 8), 5.5, 5.5)
