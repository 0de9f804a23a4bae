"""A curve from 0 to 1, drawn by dragging its points."""

import numpy as np
from PyQt6.QtCore import QEvent, QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QPainter, QPainterPath, QPen
from PyQt6.QtWidgets import QComboBox, QVBoxLayout, QWidget

from ...core.curves import curve_values
from ...core.recipe.curve import CLOSEST, MOST_POINTS, Curve
from .. import style
from ..words import tr
from .controls import EDGE, Row, text_label

NEAR = 11
HEIGHT = 118
OWN = "Own"


class CurveField(QWidget):
    """Points of a curve over a small plan of it.

    Parameters
    ----------
    name : str
    ready : dict of str to Curve
        Ready curves to choose from.
    across, up : str
        What the two directions are.
    from_nothing : bool, optional
        The first point stays at 0.

    Signals
    -------
    changed(Curve, bool)
        The new curve; True while the hand has not let go.
    """

    changed = pyqtSignal(object, bool)

    def __init__(self, name, ready, across, up, from_nothing=False, parent=None):
        super().__init__(parent)
        self.name, self.ready = name, ready
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(2)
        self.choice = QComboBox()
        self.choice.addItems([tr(words) for words in (*ready, OWN)])
        self.choice.setAccessibleName(tr("{}: ready curves").format(name))
        self.choice.activated.connect(self._choose)
        self.plan = _Plan(self, across, up, from_nothing)
        column.addWidget(Row(text_label(name, "field"), self.choice))
        column.addWidget(self.plan)

    @property
    def curve(self):
        """The curve shown.

        Returns
        -------
        Curve
        """
        return self.plan.curve

    def set(self, curve):
        """Show a curve without telling anyone.

        Parameters
        ----------
        curve : Curve
        """
        self.plan.curve = curve
        name = next((name for name, other in self.ready.items() if other == curve), OWN)
        self.choice.setCurrentText(name)
        self.plan.update()

    def take(self, curve, moving):
        """Show a curve and tell it.

        Parameters
        ----------
        curve : Curve
        moving : bool
        """
        self.set(curve)
        self.changed.emit(curve, moving)

    def _choose(self, number):
        curves = list(self.ready.values())
        if number < len(curves):
            self.take(curves[number], False)


class _Plan(QWidget):
    def __init__(self, field, across, up, from_nothing):
        super().__init__()
        self.field, self.across, self.up, self.from_nothing = field, across, up, from_nothing
        self.curve = Curve()
        self.chosen = None
        self._hand = False
        self.setFixedHeight(HEIGHT)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setMouseTracking(True)
        self.setAccessibleName(field.name)
        self.setToolTip(tr("{} over {}. Drag the points; double-click adds one, Delete takes it away; with the "
                           "keyboard, Tab goes to the plan, N to the next point, arrows move it.").format(up, across))

    def _room(self):
        return QRectF(EDGE + 6, 8, self.width() - 2 * EDGE - 12, self.height() - 28)

    def _pixel(self, point):
        room = self._room()
        return QPointF(room.left() + point[0] * room.width(), room.bottom() - point[1] * room.height())

    def _value(self, at):
        room = self._room()
        return (min(max((at.x() - room.left()) / room.width(), 0.0), 1.0),
                min(max((room.bottom() - at.y()) / room.height(), 0.0), 1.0))

    def _near(self, at):
        apart = [(self._pixel(p) - at).manhattanLength() for p in self.curve.points]
        best = int(np.argmin(apart))
        return best if apart[best] < NEAR * 1.5 else None

    def move_point(self, number, x, y, moving=False):
        """Move a point as far as its neighbours let it.

        Parameters
        ----------
        number : int
        x, y : float
        moving : bool, optional
        """
        points = list(self.curve.points)
        last = len(points) - 1
        if number in (0, last):
            x = 0.0 if number == 0 else 1.0
        else:
            x = min(max(x, points[number - 1][0] + CLOSEST), points[number + 1][0] - CLOSEST)
        if number == 0 and self.from_nothing:
            y = 0.0
        points[number] = (round(x, 4), round(min(max(y, 0.0), 1.0), 4))
        self.field.take(Curve(points=tuple(points)), moving)

    def add_point(self, x):
        """Add a point on the curve.

        Parameters
        ----------
        x : float
        """
        points = list(self.curve.points)
        after = next(n for n, p in enumerate(points) if p[0] > x or n == len(points) - 1)
        room = points[after][0] - points[after - 1][0]
        if len(points) >= MOST_POINTS or room < 2 * CLOSEST + 1e-6:
            return
        x = min(max(x, points[after - 1][0] + CLOSEST), points[after][0] - CLOSEST)
        y = float(curve_values(Curve(points=tuple(points)), x))
        points.insert(after, (round(x, 4), round(y, 4)))
        self.chosen = after
        self.field.take(Curve(points=tuple(points)), False)

    def remove_point(self, number):
        """Take a point away, but for the first and the last.

        Parameters
        ----------
        number : int
        """
        points = list(self.curve.points)
        if 0 < number < len(points) - 1:
            del points[number]
            self.chosen = None
            self.field.take(Curve(points=tuple(points)), False)

    def mousePressEvent(self, event):
        if event.button() == Qt.MouseButton.LeftButton:
            self.chosen = self._near(event.position())
            self._hand = self.chosen is not None
            self.update()

    def mouseMoveEvent(self, event):
        if self._hand:
            self.move_point(self.chosen, *self._value(event.position()), True)
        else:
            held = self._near(event.position()) is not None
            self.setCursor(Qt.CursorShape.SizeAllCursor if held else Qt.CursorShape.CrossCursor)

    def mouseReleaseEvent(self, event):
        if self._hand and event.button() == Qt.MouseButton.LeftButton:
            self._hand = False
            self.field.changed.emit(self.curve, False)

    def mouseDoubleClickEvent(self, event):
        self._hand = False
        if self._near(event.position()) is None:
            self.add_point(self._value(event.position())[0])

    def event(self, event):
        """Keys that the plan itself takes are not shortcuts while it has the keyboard."""
        if event.type() == QEvent.Type.ShortcutOverride and event.key() in (Qt.Key.Key_Delete, Qt.Key.Key_Backspace):
            event.accept()
            return True
        return super().event(event)

    def keyPressEvent(self, event):
        steps = {Qt.Key.Key_Left: (-0.02, 0.0), Qt.Key.Key_Right: (0.02, 0.0), Qt.Key.Key_Up: (0.0, 0.02),
                 Qt.Key.Key_Down: (0.0, -0.02)}
        if event.key() == Qt.Key.Key_N:
            self.chosen = 0 if self.chosen is None else (self.chosen + 1) % len(self.curve.points)
            self.update()
        elif event.key() in (Qt.Key.Key_Plus, Qt.Key.Key_Insert):
            points = np.array(self.curve.points)
            widest = int(np.argmax(np.diff(points[:, 0])))
            self.add_point(float(points[widest : widest + 2, 0].mean()))
        elif self.chosen is not None and event.key() in (Qt.Key.Key_Delete, Qt.Key.Key_Backspace):
            self.remove_point(self.chosen)
        elif self.chosen is not None and event.key() in steps:
            x, y = self.curve.points[self.chosen]
            dx, dy = steps[event.key()]
            self.move_point(self.chosen, x + dx, y + dy)
        else:
            super().keyPressEvent(event)

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        room = self._room()
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.GROUND)
        painter.drawRoundedRect(room.adjusted(-6, -6, 6, 6), 6, 6)
        painter.setPen(QPen(style.LINE, 1))
        for share in (0.25, 0.5, 0.75):
            painter.drawLine(self._pixel((share, 0.0)), self._pixel((share, 1.0)))
            painter.drawLine(self._pixel((0.0, share)), self._pixel((1.0, share)))
        u = np.linspace(0.0, 1.0, 80)
        values = curve_values(self.curve, u)
        path = QPainterPath(self._pixel((0.0, values[0])))
        for x, y in zip(u[1:], values[1:]):
            path.lineTo(self._pixel((x, y)))
        below = QPainterPath(path)
        below.lineTo(self._pixel((1.0, 0.0)))
        below.lineTo(self._pixel((0.0, 0.0)))
        painter.fillPath(below, style.with_alpha(style.BARLEY, 40))
        painter.setPen(QPen(style.BARLEY, 1.8))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawPath(path)
        for number, point in enumerate(self.curve.points):
            chosen = number == self.chosen
            painter.setPen(QPen(style.TEXT, 1.4) if chosen and self.hasFocus() else Qt.PenStyle.NoPen)
            painter.setBrush(style.TEXT if chosen else style.BARLEY)
            painter.drawEllipse(self._pixel(point), 4.5, 4.5)
        painter.setPen(style.QUIET)
        painter.setFont(style.text_font(11))
        foot = QRectF(EDGE, self.height() - 16, self.width() - 2 * EDGE, 16)
        painter.drawText(foot, Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter, self.up)
        painter.drawText(foot, Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter, f"{self.across} →")
