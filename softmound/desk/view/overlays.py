"""What lies on the picture: the altitude rail, the sun dome, and the ways of looking."""

import math

from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QPainter, QPainterPath, QPen, QPolygonF
from PyQt6.QtWidgets import QButtonGroup, QHBoxLayout, QPushButton, QWidget

from ...core.light.scene.camera import altitude_at
from .. import style
from ..fields.figures import figure
from ..fields.lengths import length, nice
from ..words import tr

VEIL = 175


WORDS_APART, TICKS_APART = 16.0, 4.0
"""Pixels between words of the rail, and between its marks, at the least."""
LEAST_SEEN, MARKS = 0.05, 40
"""Share of its length that an altitude is taken to be seen of at the least; marks above and below what is looked at."""


class AltitudeRail(QWidget):
    """Metres up the left side of the picture, with the base and top levels as handles.

    Signals
    -------
    moved(str, float, bool)
        "base" or "top" and its new altitude; True while dragged.
    """

    moved = pyqtSignal(str, float, bool)

    def __init__(self, parent):
        super().__init__(parent)
        self.setAccessibleName(tr("Altitude rail: base and top level"))
        self.setToolTip(tr("Altitude in metres. Drag a handle, or use the arrow keys, to move the base level or "
                        "the one touched last."))
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setMouseTracking(True)
        self._camera = None
        self._levels = {}
        self._view = None
        self._hand = None
        self._last = "base"

    def show_mound(self, mound, camera):
        """Follow a mound and a camera.

        Parameters
        ----------
        mound : Mound
        camera : Camera
            In pixels of the picture as laid out.
        """
        self._camera, self._view = camera, mound.view
        self._levels = {name: level for name, level in (("base", mound.mass.base), ("top", mound.mass.top))
                        if level.on}
        self.update()

    def altitude_pixel(self, altitude):
        """Row of an altitude at the target's distance.

        Parameters
        ----------
        altitude : float

        Returns
        -------
        float or None
            Pixels in the picture.
        """
        at = self._camera.pixel((self._view.target[0], altitude, self._view.target[2]))
        return None if at is None else at[1]

    def handle_row(self, name="base"):
        """Row of a level's handle in the rail.

        Parameters
        ----------
        name : str, optional
            "base" or "top".

        Returns
        -------
        float or None
            Pixels; None when the level is off or out of sight.
        """
        if self._camera is None or name not in self._levels:
            return None
        row = self.altitude_pixel(self._levels[name].altitude)
        return None if row is None else row - self.y()

    def _handle_at(self, y):
        rows = {name: self.handle_row(name) for name in self._levels}
        near = {name: abs(y - row) for name, row in rows.items() if row is not None and abs(y - row) < 14}
        return min(near, key=near.get) if near else None

    def mousePressEvent(self, event):
        if event.button() == Qt.MouseButton.LeftButton:
            self._hand = self._handle_at(event.position().y())
            self._last = self._hand or self._last

    def mouseMoveEvent(self, event):
        held = self._hand or self._handle_at(event.position().y())
        self.setCursor(Qt.CursorShape.SizeVerCursor if held else Qt.CursorShape.ArrowCursor)
        if self._hand:
            altitude = altitude_at(self._view, self._camera, event.position().y() + self.y())
            step = 10.0 ** (math.floor(math.log10(max(self._metres(), 1e-6))) - 2)
            self.moved.emit(self._hand, round(altitude / step) * step, True)

    def mouseReleaseEvent(self, event):
        if self._hand and event.button() == Qt.MouseButton.LeftButton:
            held, self._hand = self._hand, None
            self.moved.emit(held, self._levels[held].altitude, False)

    def keyPressEvent(self, event):
        steps = {Qt.Key.Key_Up: 1, Qt.Key.Key_Down: -1}
        level = self._levels.get(self._last)
        if event.key() in steps and level is not None:
            step = self._metres() / (500 if event.modifiers() & Qt.KeyboardModifier.ShiftModifier else 50)
            self.moved.emit(self._last, float(figure(level.altitude + steps[event.key()] * step)), False)
        else:
            super().keyPressEvent(event)

    def _metres(self):
        return self.height() / self._camera.pixel(self._view.target)[2]

    def marks(self):
        """Marks of the rail.

        Returns
        -------
        list of (float, str)
            Row and words of each, from below; without words between those that have some. Looked at steeply altitudes lie close
            together: of words that would run into one another only the first are said.
        """
        # Seen from above or below a metre of altitude is that much shorter on the screen.
        seen = max(abs(math.cos(math.radians(self._view.elevation))), LEAST_SEEN)
        step = nice(self._metres() / seen / 6, nice_step)
        middle, rows = round(self._view.target[1] / step * 4), {}
        for n in range(middle - MARKS, middle + MARKS + 1):
            row = self.altitude_pixel(n * step / 4)
            if row is not None and 8 <= row - self.y() <= self.height() - 8:
                rows[n] = row - self.y()
        found, last, said = [], math.inf, math.inf
        for n in sorted(rows, key=lambda n: (-rows[n], n % 4 != 0)):
            row = rows[n]
            if abs(last - row) < TICKS_APART:
                continue
            whole = n % 4 == 0 and row > 14 and abs(said - row) >= WORDS_APART
            said, last = row if whole else said, row
            found.append((row, length(n * step / 4) if whole else ""))
        return found

    def paintEvent(self, _event):
        if self._camera is None or self._camera.pixel(self._view.target) is None:
            return
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.with_alpha(style.GROUND, VEIL))
        painter.drawRoundedRect(QRectF(0, 0, self.width() - 8, self.height()), 6, 6)
        painter.setFont(style.text_font(11))
        right = self.width() - 12
        for row, text in self.marks():
            painter.setPen(QPen(style.TEXT if text else style.QUIET, 1))
            painter.drawLine(QPointF(right - (9 if text else 5), row), QPointF(right, row))
            painter.drawText(QRectF(2, row - 8, right - 14, 16), Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter, text)
        for name in self._levels:
            row = self.handle_row(name)
            if row is None:
                continue
            painter.setPen(QPen(style.TEXT, 1.2) if self.hasFocus() else Qt.PenStyle.NoPen)
            painter.setBrush(style.BARLEY)
            painter.drawPolygon(QPolygonF([
                QPointF(self.width() - 13, row), QPointF(self.width() - 1, row - 7),
                QPointF(self.width() - 1, row + 7),
            ]))


def nice_step(rough):
    """A round step near a rough one: 1, 2 or 5 times a power of ten.

    Parameters
    ----------
    rough : float

    Returns
    -------
    float
    """
    power = 10.0 ** math.floor(math.log10(max(rough, 1e-9)))
    for factor in (1.0, 2.0, 5.0):
        if rough <= factor * power:
            return factor * power
    return 10.0 * power


class SunDome(QWidget):
    """A plan of the sky around the cloud, turned so that the camera looks up the plan.

    Signals
    -------
    moved(float, float, bool)
        Azimuth and elevation of the sun; True while dragged.
    """

    moved = pyqtSignal(float, float, bool)

    SIDE = 132
    LOWEST = -10.0

    def __init__(self, parent):
        super().__init__(parent)
        self.setFixedSize(self.SIDE, self.SIDE)
        self.setAccessibleName(tr("Sun dome"))
        self.setToolTip(tr("The sky from above: the middle is overhead, the ring is the horizon, the wedge "
                        "is where the camera looks. Drag the sun, or use the arrow keys."))
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self._sun, self._view, self._hand = None, None, False

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        self._sun, self._view = mound.light.sun, mound.view
        self.update()

    def _radius(self):
        return self.SIDE / 2 - 14

    def sun_point(self):
        """Where the sun is on the dome.

        Returns
        -------
        QPointF
        """
        away = (90.0 - self._sun.elevation) / 90.0 * self._radius()
        angle = math.radians(self._sun.azimuth - self._view.azimuth - 180.0)
        return QPointF(self.SIDE / 2 - away * math.sin(angle), self.SIDE / 2 - away * math.cos(angle))

    def _take(self, at, moving):
        dx, dy = at.x() - self.SIDE / 2, at.y() - self.SIDE / 2
        away = math.hypot(dx, dy) / self._radius()
        elevation = max(self.LOWEST, 90.0 - 90.0 * away)
        azimuth = self._sun.azimuth
        if away > 0.01:
            azimuth = (math.degrees(math.atan2(-dx, -dy)) + self._view.azimuth + 180.0) % 360.0
        self.moved.emit(round(azimuth, 1), round(elevation, 1), moving)

    def mousePressEvent(self, event):
        if event.button() == Qt.MouseButton.LeftButton:
            self._hand = True
            self._take(event.position(), True)

    def mouseMoveEvent(self, event):
        if self._hand:
            self._take(event.position(), True)

    def mouseReleaseEvent(self, event):
        if self._hand and event.button() == Qt.MouseButton.LeftButton:
            self._hand = False
            self._take(event.position(), False)

    def keyPressEvent(self, event):
        turns = {Qt.Key.Key_Left: (5, 0), Qt.Key.Key_Right: (-5, 0), Qt.Key.Key_Up: (0, 3),
                 Qt.Key.Key_Down: (0, -3)}
        if event.key() not in turns:
            super().keyPressEvent(event)
            return
        turn, lift = turns[event.key()]
        elevation = min(max(self._sun.elevation + lift, self.LOWEST), 90.0)
        self.moved.emit((self._sun.azimuth + turn) % 360.0, elevation, False)

    def paintEvent(self, _event):
        if self._sun is None:
            return
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        middle = QPointF(self.SIDE / 2, self.SIDE / 2)
        radius = self._radius()
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.with_alpha(style.GROUND, VEIL))
        painter.drawEllipse(middle, self.SIDE / 2 - 1, self.SIDE / 2 - 1)
        half = math.degrees(math.atan(18.0 / self._view.focal))
        wedge = QPainterPath(middle)
        wedge.arcTo(QRectF(middle.x() - radius, middle.y() - radius, 2 * radius, 2 * radius),
                    90 - half, 2 * half)
        wedge.closeSubpath()
        painter.fillPath(wedge, style.with_alpha(style.BLUE, 90))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(style.TEXT if self.hasFocus() else style.QUIET, 1))
        painter.drawEllipse(middle, radius, radius)
        painter.setPen(QPen(style.with_alpha(style.QUIET, 110), 1))
        for share in (1 / 3, 2 / 3):
            painter.drawEllipse(middle, radius * share, radius * share)
        at = self.sun_point()
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.with_alpha(style.BARLEY, 70))
        painter.drawEllipse(at, 11, 11)
        painter.setBrush(style.BARLEY)
        painter.drawEllipse(at, 6.5, 6.5)


class Ways(QWidget):
    """Choices side by side on the picture: the ways of looking, or the tools.

    Parameters
    ----------
    ways : sequence of (str, str, str)
        Key, word and sentence of each.
    parent : QWidget
    about : str, optional
        What is chosen, for those who do not see it.

    Signals
    -------
    chosen(str)
        Key of the way.
    """

    chosen = pyqtSignal(str)

    def __init__(self, ways, parent, about="Look"):
        super().__init__(parent)
        layout = QHBoxLayout(self)
        layout.setContentsMargins(4, 4, 4, 4)
        layout.setSpacing(4)
        group = QButtonGroup(self)
        self.buttons = {}
        for key, text, help_text in ways:
            button = QPushButton(tr(text), self)
            button.setCheckable(True)
            button.setToolTip(tr(help_text))
            button.setAccessibleName(f"{tr(about)}: {tr(text)}")
            button.setCursor(Qt.CursorShape.PointingHandCursor)
            button.setObjectName("way")
            group.addButton(button)
            layout.addWidget(button)
            button.clicked.connect(lambda _=False, k=key: self.chosen.emit(k))
            self.buttons[key] = button
        self.adjustSize()

    def show_way(self, key):
        """Mark a way as the present one.

        Parameters
        ----------
        key : str
        """
        self.buttons[key].setChecked(True)

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.with_alpha(style.GROUND, VEIL))
        painter.drawRoundedRect(QRectF(self.rect()), 6, 6)
