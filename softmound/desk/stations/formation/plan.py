"""The plan: the sky seen from above, with members to be moved."""

import math

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QImage, QPainter, QPen, QPolygonF
from PyQt6.QtWidgets import QWidget

from ....core.light.scene.camera import camera_of
from ... import style
from ...fields.lengths import nice
from ...view.scale_bar import length_text
from ...words import tr

LEAST = 3.0
"""Pixels that a member is drawn wide at least."""
NEAR = 6.0
TIP = 26.0
"""Pixels from the middle of the brush to its edge."""


class Plan(QWidget):
    """Members as discs as wide as they are, the areas of spreads, and where the camera stands. North is up: +z.

    Left drag moves the members that are chosen; on nothing, it slides the plan. Shift adds to the choice, the wheel
    approaches, a double click places another of the chosen asset.

    Parameters
    ----------
    station : FormationStation
    """

    def __init__(self, station):
        super().__init__()
        self._station = station
        self.setMinimumHeight(120)
        self.setMouseTracking(True)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName(tr("Plan of the sky"))
        self.setToolTip(tr("The sky from above. Drag members; drag beside them to slide; the wheel approaches; double click places "
                        "another."))
        self.middle, self.scale = (0.0, 0.0), 0.05
        self._held, self._moved = None, False
        self.brush, self._way, self._less = "", [], False

    def take(self, brush):
        """Take a brush, or the hand again.

        Parameters
        ----------
        brush : str
            "paint" puts more members there, with Alt fewer; "line" draws where they stand along; empty for the hand.
        """
        self.brush, self._way = brush, []
        self.setCursor(Qt.CursorShape.CrossCursor if brush else Qt.CursorShape.ArrowCursor)

    def _brushed(self, event, begins=False):
        x, z = self.place(event.position())
        if self.brush == "paint":
            if begins:  # a stroke is what it began as
                self._less = bool(event.modifiers() & Qt.KeyboardModifier.AltModifier)
            self._station.spreads.paint(x, z, TIP / self.scale, -0.5 if self._less else 0.35)
        else:
            far = not self._way or math.hypot(x - self._way[-1][0], z - self._way[-1][1]) * self.scale > 8.0
            self._way = [(x, z)] if begins else [*self._way, (x, z)] if far else self._way
            self.update()

    def fit(self):
        """Show all of it."""
        points = [(m.place[0], m.place[2]) for m in self._station.flock.members]
        for spread in self._station.flock.spreads:
            (x, z), (wide, deep) = spread.centre, spread.size
            corners = spread.points if spread.area == "line" else ((x - wide / 2, z - deep / 2), (x + wide / 2, z + deep / 2))
            points += corners
        if not points:
            return
        xs, zs = zip(*points)
        self.middle = (min(xs) + max(xs)) / 2.0, (min(zs) + max(zs)) / 2.0
        across, up = max(max(xs) - min(xs), 200.0), max(max(zs) - min(zs), 200.0)
        self.scale = min(self.width() / (1.2 * across), self.height() / (1.2 * up))
        self.update()

    def pixel(self, x, z):
        """Where a place of the world is on the plan: QPointF."""
        return QPointF(self.width() / 2.0 + (x - self.middle[0]) * self.scale,
                       self.height() / 2.0 - (z - self.middle[1]) * self.scale)

    def place(self, point):
        """Which place of the world a point of the plan is: (x, z), metres."""
        return (self.middle[0] + (point.x() - self.width() / 2.0) / self.scale,
                self.middle[1] - (point.y() - self.height() / 2.0) / self.scale)

    def at(self, point):
        """Number of the member under a point, or None: the one whose middle is nearest."""
        found = None
        for number, member in enumerate(self._station.flock.members):
            middle = self.pixel(member.place[0], member.place[2])
            away = math.hypot(middle.x() - point.x(), middle.y() - point.y())
            reach = max(self._station.members.radius_of(member) * self.scale, NEAR)
            if away <= reach and not member.hidden and (found is None or away < found[0]):
                found = away, number
        return None if found is None else found[1]

    # -- the hand -------------------------------------------------------------------------------

    def mousePressEvent(self, event):
        point, station = event.position(), self._station
        if event.button() != Qt.MouseButton.LeftButton:
            return
        if self.brush:
            self._brushed(event, True)
            return
        number = self.at(point)
        more = bool(event.modifiers() & Qt.KeyboardModifier.ShiftModifier)
        if number is not None and (more or number not in station.members.chosen):
            station.members.choose(number, more)
        elif number is None and not more:
            station.members.choose(None)
        self._held, self._moved = (self.place(point), number), False

    def mouseMoveEvent(self, event):
        if self.brush and event.buttons() & Qt.MouseButton.LeftButton:
            self._brushed(event)
            return
        if self._held is None:
            return
        (x, z), number = self._held
        now = self.place(event.position())
        self._moved = True
        if number is None:
            self.middle = self.middle[0] + x - now[0], self.middle[1] + z - now[1]
            self.update()
        else:
            self._station.members.shift(now[0] - x, now[1] - z)
            self._held = now, number

    def mouseReleaseEvent(self, event):
        if self.brush == "paint":
            self._station.spreads.painted()
        elif self.brush == "line" and len(self._way) > 1:
            self._station.spreads.draw_line(self._way)
            self._way = []
        if self._held is not None and self._held[1] is not None and self._moved:
            self._station.document.let_go()
        self._held = None

    def mouseDoubleClickEvent(self, event):
        if not self.brush and event.button() == Qt.MouseButton.LeftButton and self.at(event.position()) is None:
            self._station.members.place(*self.place(event.position()))

    def wheelEvent(self, event):
        before = self.place(event.position())
        self.scale = min(max(self.scale * 1.0015 ** event.angleDelta().y(), 1e-4), 50.0)
        after = self.place(event.position())
        self.middle = self.middle[0] + before[0] - after[0], self.middle[1] + before[1] - after[1]
        self.update()

    def keyPressEvent(self, event):
        steps = {Qt.Key.Key_Left: (-1, 0), Qt.Key.Key_Right: (1, 0), Qt.Key.Key_Up: (0, 1), Qt.Key.Key_Down: (0, -1)}
        if event.key() in steps and self._station.members.chosen:
            x, z = steps[event.key()]
            self._station.members.shift(x * 5.0 / self.scale, z * 5.0 / self.scale)
            self._station.document.let_go()
        else:
            super().keyPressEvent(event)

    # -- painting -------------------------------------------------------------------------------

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        frame = QRectF(self.rect()).adjusted(0.5, 0.5, -0.5, -0.5)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.GROUND)
        painter.drawRoundedRect(frame, 6, 6)
        painter.setClipRect(frame)
        station = self._station
        for spread in station.flock.spreads:
            self._paint_area(painter, spread, spread is station.spreads.present)
        if len(self._way) > 1:
            painter.setPen(QPen(style.BARLEY, 2.0))
            painter.drawPolyline(QPolygonF([self.pixel(*point) for point in self._way]))
        self._paint_camera(painter)
        painter.setPen(Qt.PenStyle.NoPen)
        for number, member in enumerate(station.flock.members):
            radius = max(station.members.radius_of(member) * self.scale, LEAST / 2.0)
            by_hand = member.moved or not member.spread
            colour = style.BARLEY if number in station.members.chosen else style.BLUE if by_hand else style.TEXT
            painter.setBrush(style.with_alpha(colour, 50 if member.hidden else 190 if number in station.members.chosen else 120))
            painter.drawEllipse(self.pixel(member.place[0], member.place[2]), radius, radius)
        self._paint_scale(painter)

    def _paint_area(self, painter, spread, chosen):
        painter.setBrush(style.with_alpha(style.BARLEY, 14 if chosen else 6))
        painter.setPen(QPen(style.with_alpha(style.BARLEY, 150 if chosen else 60), 1.0, Qt.PenStyle.DashLine))
        (x, z), (wide, deep) = spread.centre, spread.size
        if spread.area == "line":
            painter.setPen(QPen(style.with_alpha(style.BARLEY, 60), max(wide * self.scale, 1.0)))
            painter.drawPolyline(QPolygonF([self.pixel(*point) for point in spread.points]))
            return
        box = QRectF(self.pixel(x - wide / 2, z + deep / 2), self.pixel(x + wide / 2, z - deep / 2))
        if spread.area == "painted":
            self._paint_map(painter, spread, box, chosen)
        painter.drawEllipse(box) if spread.area == "disc" else painter.drawRect(box)

    def _paint_map(self, painter, spread, box, chosen):
        grey = np.array(spread.painted)[::-1]
        shade = np.zeros((*grey.shape, 4), np.uint8)
        shade[..., :3] = style.BARLEY.getRgb()[:3]
        shade[..., 3] = grey * (110 if chosen else 45)
        high, wide = grey.shape
        painter.drawImage(box, QImage(shade.data, wide, high, 4 * wide, QImage.Format.Format_RGBA8888).copy())

    def _paint_camera(self, painter):
        view = self._station.flock.view
        camera = camera_of(view, 160, 100)
        eye = self.pixel(camera.eye[0], camera.eye[2])
        half = math.atan(18.0 / view.focal)
        turn = math.atan2(camera.forward[0], camera.forward[2])
        painter.setPen(QPen(style.with_alpha(style.TEXT, 120), 1.0))
        for side in (-half, half):
            painter.drawLine(eye, QPointF(eye.x() + 400.0 * math.sin(turn + side), eye.y() - 400.0 * math.cos(turn + side)))
        painter.setBrush(style.TEXT)
        painter.drawEllipse(eye, 3.0, 3.0)

    def _paint_scale(self, painter):
        metres = nice(max(self.width() * 0.3 / self.scale, 1e-3), lambda long: 10.0 ** math.floor(math.log10(long)))
        long = metres * self.scale
        y = self.height() - 12.0
        painter.setPen(QPen(style.QUIET, 1.5))
        painter.drawLine(QPointF(12.0, y), QPointF(12.0 + long, y))
        painter.setFont(style.text_font(11))
        painter.drawText(QPointF(18.0 + long, y + 4.0), length_text(metres))
        painter.drawText(QRectF(self.width() - 40.0, 6.0, 32.0, 16.0), Qt.AlignmentFlag.AlignRight, "+z ↑")
