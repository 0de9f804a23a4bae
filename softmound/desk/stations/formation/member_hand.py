"""The hand that chooses and moves members in the picture."""

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt

from ....core.formation.picking import corners_of
from ...view.ground_step import ground_step
from ..stand_ins import paint_corners

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
        """Choose what is under the pointer: a stand-in, or a member."""
        station = self._station
        if station.stand_ins.hand.press(at, modifiers, camera):
            self._last = None
            return
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
            self._station.stand_ins.hand.drag(at, modifiers, camera)
            return
        step, self._last, self._moved = at - self._last, at, True
        if modifiers & Qt.KeyboardModifier.AltModifier:
            self._station.members.lift(-step.y() * self._per_pixel)
            return
        way = ground_step(camera, step, self._per_pixel)
        self._station.members.shift(float(way[0]), float(way[2]))

    def release(self):
        """Let go: one step of history."""
        self._station.stand_ins.hand.release()
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
        station.stand_ins.hand.paint(painter, camera)
        for number in station.members.chosen[:MARKED]:
            member = station.flock.members[number]
            source = station.sources().get(member.asset)
            if source is None:
                continue
            pixels = camera.pixels(corners_of(member, source))
            if np.isnan(pixels).any():
                continue
            box = QRectF(QPointF(*pixels.min(axis=0)), QPointF(*pixels.max(axis=0)))
            paint_corners(painter, box)
