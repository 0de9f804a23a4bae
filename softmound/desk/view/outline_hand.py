"""The pen that draws the outline of a cloud in the picture."""

import numpy as np
from PIL import Image, ImageDraw
from PyQt6.QtCore import QPointF, Qt
from PyQt6.QtGui import QPainterPath, QPen

from .. import style

APART = 3.0
"""Pixels the hand must go for another point."""
FEWEST = 8
"""Points that make an outline."""


class OutlineHand:
    """Draws one closed line.

    Parameters
    ----------
    drawn : callable
        Given the outline as an ndarray of bool, shape (rows, columns), in pixels of the picture, and the camera.
    refused : callable
        Called when there was no line to speak of.
    """

    pressure, tilt = 1.0, 0.0

    def __init__(self, drawn, refused):
        self._drawn, self._refused = drawn, refused
        self._path, self._camera = [], None

    def press(self, at, _modifiers, camera):
        """Begin the line."""
        self._path, self._camera = [(at.x(), at.y())], camera

    def drag(self, at, _modifiers, _camera):
        """Draw on."""
        if self._path and np.hypot(at.x() - self._path[-1][0], at.y() - self._path[-1][1]) >= APART:
            self._path.append((at.x(), at.y()))

    def release(self):
        """Close the line."""
        path, self._path = self._path, []
        if len(path) < FEWEST:
            self._refused()
            return
        page = Image.new("L", (self._camera.width, self._camera.height))
        ImageDraw.Draw(page).polygon(path, fill=255)
        self._drawn(np.asarray(page) > 127, self._camera)

    def double(self, _at, _camera):
        """Nothing."""

    def hover(self, _at, _camera):
        """Show that a line is drawn."""
        return Qt.CursorShape.CrossCursor

    def paint(self, painter, _camera):
        """Draw the line so far, and how it would close."""
        if len(self._path) < 2:
            return
        line = QPainterPath(QPointF(*self._path[0]))
        for point in self._path[1:]:
            line.lineTo(QPointF(*point))
        painter.setBrush(style.with_alpha(style.BARLEY, 40))
        painter.setPen(QPen(style.BARLEY, 1.8))
        painter.drawPath(line)
        painter.setPen(QPen(style.BARLEY, 1.0, Qt.PenStyle.DashLine))
        painter.drawLine(QPointF(*self._path[-1]), QPointF(*self._path[0]))
