"""The hand that chooses and moves members in the picture."""

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPen

from ....core.formation.picking import corners_of
from ... import style

LEAST = 0.2
"""Sine of the angle at which the ground is seen, at least: seen flatly, a pixel upward would be kilometres."""
MARKED = 300
"""Chosen members that are framed at the most."""


class MemberHand:
    """Chooses by a click, moves over the ground by a drag, and up and down by a drag with Alt.

    Parameters
    ----------
    station : FormationStation
    """

    def __init__(self, station):
        self._station = station
        self._last = self._per_pixel = None
        self._moved = False

    def press(self, at, modifiers, camera):
        """Choose what is under the pointer."""
        station = self._station
        number = station.members.seen_at(at)
        more = bool(modifiers & Qt.KeyboardModifier.ShiftModifier)
        if number is None:
            if not more:
                station.members.choose(None)
            self._last = None
            return
        if more or number not in station.members.chosen:
            station.members.choose(number, more)
        seen = camera.pixel(station.flock.members[number].place)
        self._last, self._per_pixel, self._moved = at, 1.0 / seen[2] if seen is not None else 1.0, False

    def drag(self, at, modifiers, camera):
        """Move the chosen members along with the pointer."""
        if self._last is None:
            return
        step, self._last, self._moved = at - self._last, at, True
        if modifiers & Qt.KeyboardModifier.AltModifier:
            self._station.members.lift(-step.y() * self._per_pixel)
            return
        flat = camera.forward * [1.0, 0.0, 1.0]
        flat = flat / max((flat @ flat) ** 0.5, 1e-9)
        away = -step.y() * self._per_pixel / max(abs(float(camera.forward[1])), LEAST)
        way = camera.right * step.x() * self._per_pixel + flat * away
        self._station.members.shift(float(way[0]), float(way[2]))

    def release(self):
        """Let go: one step of history."""
        if self._last is not None and self._moved:
            self._station.document.let_go()
        self._last = None

    def double(self, at, _camera):
        """Fit the member into the picture."""
        number = self._station.members.seen_at(at)
        if number is not None:
            self._station.members.fit(number)

    def hover(self, at, _camera):
        """The cursor over the picture."""
        there = self._station.members.seen_at(at) is not None
        return Qt.CursorShape.OpenHandCursor if there else Qt.CursorShape.ArrowCursor

    def paint(self, painter, camera):
        """Frame the chosen members by their corners."""
        station = self._station
        for number in station.members.chosen[:MARKED]:
            member = station.flock.members[number]
            source = station.sources().get(member.asset)
            if source is None:
                continue
            pixels = camera.pixels(corners_of(member, source))
            if np.isnan(pixels).any():
                continue
            box = QRectF(QPointF(*pixels.min(axis=0)), QPointF(*pixels.max(axis=0)))
            arm = min(10.0, box.width() / 3.0, box.height() / 3.0)
            for pen in (QPen(style.with_alpha(style.INK, 150), 3.0), QPen(style.BARLEY, 1.4)):
                painter.setPen(pen)
                for corner, x, y in ((box.topLeft(), 1, 1), (box.topRight(), -1, 1), (box.bottomLeft(), 1, -1),
                                     (box.bottomRight(), -1, -1)):
                    painter.drawLine(corner, corner + QPointF(x * arm, 0.0))
                    painter.drawLine(corner, corner + QPointF(0.0, y * arm))
