"""The hand that sculpts in the picture."""

import numpy as np
from PyQt6.QtCore import QPointF, Qt
from PyQt6.QtGui import QPen, QPolygonF

from ....core.mass.strokes import next_gesture, stroked
from ....core.recipe.forms import MOST_PATH
from ... import style
from ...words import in_words, tr

APART = 0.12
"""Of the brush's radius: how far the hand must go for another point of the path."""


class BrushHand:
    """Draws strokes of the tool in hand.

    Parameters
    ----------
    station : MassStation

    Attributes
    ----------
    pressure : float
        Of the pen, 0 to 1; a mouse presses fully.
    tilt : float
        Of the pen where the stroke begins, 0 upright to 1 flat: a flat one is twice as wide.
    """

    def __init__(self, station):
        self._station = station
        self._hit = None
        self._path = None
        self.pressure, self.tilt = 1.0, 0.0

    @property
    def brush(self):
        """The brush of the station as the pen holds it."""
        brush = self._station.brush
        return brush if not self.tilt else type(brush)(**{**brush.__dict__, "radius": brush.radius * (1.0 + self.tilt)})

    def press(self, at, modifiers, camera):
        """Begin a stroke where the pointer meets the surface."""
        station = self._station
        self._hit = station.picker().hit(camera.eye, camera.ray(at.x(), at.y()))
        if self._hit is None:
            self._path = None
            station.services.tell(tr("There is nothing under the brush: begin the stroke on the cloud."))
            return
        self._before, self._picker = station.document.mound.mass, station.picker()
        self._first, self._gesture = self._hit, next_gesture(self._before)
        self._against = bool(modifiers & Qt.KeyboardModifier.AltModifier)
        self._path = [(*self._hit.point, self._pressed())]
        if station.brush.tool != "drag":
            self._work(camera)

    def _pressed(self):
        return float(np.clip(self.pressure, 0.02, 1.0))

    def drag(self, at, modifiers, camera):
        """Draw on."""
        if self._path is None:
            return
        brush = self.brush
        ray = camera.ray(at.x(), at.y())
        if brush.tool == "drag":
            # Along with the hand, in the plane parallel to the picture.
            depth = float((self._first.point - camera.eye) @ camera.forward)
            point = camera.eye + ray * (depth / float(ray @ camera.forward))
            self._path = [self._path[0], (*point, 1.0)]
        else:
            # On the surface as it was: a stroke does not climb on what it has just made.
            hit = self._picker.hit(camera.eye, ray)
            if hit is None:
                return
            self._hit, point = hit, hit.point
            if np.linalg.norm(np.subtract(point, self._path[-1][:3])) < APART * brush.radius:
                return
            if len(self._path) < MOST_PATH:
                self._path.append((*point, self._pressed()))
        self._work(camera)

    def _work(self, camera):
        station, brush = self._station, self.brush
        if self._against:
            brush = type(brush)(**{**brush.__dict__, "strength": -brush.strength})
        station.document.apply(tr("{} stroke").format(in_words(brush.tool)), lambda mound: mound.edited(mass=stroked(
            self._before, brush, self._path, self._first.normal, station.picked, self._gesture)), True)

    def release(self):
        """End the stroke: one step of history, and another pattern for the next."""
        station = self._station
        if self._path is not None:
            station.document.let_go()
            station.brush = type(station.brush)(**{**station.brush.__dict__, "seed": station.brush.seed + 1})
        self._path = None

    def double(self, at, camera):
        """Nothing: two strokes in short order are two strokes."""

    def hover(self, at, camera):
        """Follow the surface with the ring."""
        self._hit = self._station.picker().hit(camera.eye, camera.ray(at.x(), at.y()))
        return Qt.CursorShape.CrossCursor if self._hit is not None else Qt.CursorShape.ArrowCursor

    def ring(self, camera):
        """The ring of the brush on the surface.

        Parameters
        ----------
        camera : Camera

        Returns
        -------
        list of ndarray of float64, shape (n, 2)
            Pixels: one ring, or two with symmetry; none off the surface.
        """
        if self._hit is None:
            return []
        brush = self.brush
        flips = [np.ones(3)]
        if brush.symmetry:
            other = np.ones(3)
            other["xyz".index(brush.symmetry)] = -1.0
            flips.append(other)
        point = np.asarray(self._path[-1][:3]) if self._path is not None else self._hit.point
        normal = self._hit.normal
        across = np.cross(normal, [1.0, 0.0, 0.0] if abs(normal[0]) < 0.8 else [0.0, 1.0, 0.0])
        across /= np.linalg.norm(across)
        over = np.cross(normal, across)
        angle = np.linspace(0.0, 2.0 * np.pi, 49)[:-1, None]
        rings = []
        for flip in flips:
            circle = (point + brush.radius * (np.cos(angle) * across + np.sin(angle) * over)) * flip
            pixels = camera.pixels(circle)
            if not np.isnan(pixels).any():
                rings.append(pixels)
        return rings

    def paint(self, painter, camera):
        """Draw the ring and the path of the stroke."""
        for ring in self.ring(camera):
            polygon = QPolygonF([QPointF(x, y) for x, y in ring])
            painter.setBrush(style.with_alpha(style.BARLEY, 26))
            painter.setPen(QPen(style.with_alpha(style.INK, 140), 3))
            painter.drawPolygon(polygon)
            painter.setPen(QPen(style.BARLEY, 1.6))
            painter.drawPolygon(polygon)
        if self._path is not None and len(self._path) > 1:
            pixels = camera.pixels([p[:3] for p in self._path])
            painter.setPen(QPen(style.with_alpha(style.TEXT, 170), 1.4, Qt.PenStyle.DotLine))
            painter.drawPolyline(QPolygonF([QPointF(*p) for p in pixels.tolist() if p[0] == p[0]]))
