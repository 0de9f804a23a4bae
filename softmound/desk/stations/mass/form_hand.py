"""The hand that picks, moves, turns and sizes forms in the picture."""

import math

import numpy as np
from PyQt6.QtCore import QLineF, QPointF, QRectF, Qt
from PyQt6.QtGui import QPen, QPolygonF

from ....core.directions import rotation_matrix
from ....core.engine.density import span_of
from ....core.mass.mend import open_edges
from ....core.mass.outline import half_sizes, outline_of
from ....core.mass.placing import about_axis, hand_step, moved, sized, sized_along, snapped, turned
from ....core.mass.sculpt import edges_of, triangles
from ....core.mass.surface import placed
from ... import style
from ...view.overlays import nice_step
from ...words import counted, tr

HANDLE = 7
"""Pixels of a handle's radius."""
STEM = 26
"""Pixels from the outline to the handle that turns."""
TURN_STEP = 15.0
"""Degrees, with Ctrl."""
TINTS = {"adds": style.BARLEY, "carves": style.ROSE, "keeps": style.BLUE}
AXES = "xyz"
ALONG = 0.62
"""Where on its axis a handle sits, in half sizes: within the outline, clear of the round handles."""
MOST_EDGES = 4000


class FormHand:
    """Picks, drags, turns and sizes forms.

    Parameters
    ----------
    station : MassStation
    """

    def __init__(self, station):
        self._station = station
        self._held = None
        self._start = None
        self._before = {}
        self._moved = False
        self._under = None
        self._box = None
        self._edges = (None, (), ())
        self.pressure = 1.0

    # -- where things are -----------------------------------------------------------------------

    def outline(self, camera):
        """Outline of the chosen form, ndarray of float64, shape (n, 2), or None."""
        form = self._station.form()
        return None if form is None else outline_of(form, camera)

    def handles(self, camera):
        """Handles of the chosen form and where they are.

        Parameters
        ----------
        camera : Camera

        Returns
        -------
        dict of str to QPointF
            "right" and "top" size evenly, "x", "y" and "z" along an axis, "turn" turns.
        """
        form, outline = self._station.form(), self.outline(camera)
        if outline is None or form.locked:
            return {}
        right, top = outline[outline[:, 0].argmax()], outline[outline[:, 1].argmin()]
        low = outline[(outline[:, 0] + outline[:, 1]).argmax()]
        found = {"right": QPointF(*right), "top": QPointF(*top),
                 "turn": QPointF(low[0] + STEM * 0.8, low[1] + STEM * 0.6)}
        if len(self._station.picked) == 1:
            half, middle = half_sizes(form)
            for axis in range(3):
                end = middle + ALONG * half * np.eye(3)[axis]
                pixel, centre = camera.pixel(placed(form, end)), camera.pixel(form.centre)
                # An axis that points at the eye has no handle: it would lie on what is dragged.
                if pixel and centre and math.hypot(pixel[0] - centre[0], pixel[1] - centre[1]) > 2.5 * HANDLE:
                    found[AXES[axis]] = QPointF(pixel[0], pixel[1])
        return found

    def _handle_at(self, at, camera):
        near = {name: math.hypot(at.x() - h.x(), at.y() - h.y()) for name, h in self.handles(camera).items()}
        # Handles that size evenly come before the ends of axes that lie under them.
        order = sorted(near, key=lambda name: (near[name] > HANDLE + 3, name in AXES, near[name]))
        return order[0] if order and near[order[0]] <= HANDLE + 3 else None

    def _middle(self):
        """Middle of the chosen forms."""
        forms = [self._station.document.mound.mass.forms[n] for n in self._station.picked]
        return np.mean([f.centre for f in forms], axis=0)

    # -- gestures -------------------------------------------------------------------------------

    def press(self, at, modifiers, camera):
        """Take hold of a handle, of the chosen form even behind others, or of what is in front."""
        station = self._station
        self._moved, self._under, self._box, self._held = False, None, None, None
        self._start = at
        handle = self._handle_at(at, camera)
        if handle is not None:
            self._hold(handle)
            return
        more = bool(modifiers & Qt.KeyboardModifier.ShiftModifier)
        hit = station.picker().hit(camera.eye, camera.ray(at.x(), at.y()))
        number = None if hit is None else hit.number
        outline = self.outline(camera)
        over = outline is not None and QPolygonF([QPointF(x, y) for x, y in outline]).containsPoint(
            at, Qt.FillRule.WindingFill)
        if more and number is not None:
            station.choose(number, more=True)
        elif over or number in station.picked:
            self._under = number  # chosen when the hand lets go without having moved
        elif number is not None:
            station.choose(number)
        else:
            self._box = QRectF(at, at)
            return
        self._hold("move")

    def _hold(self, what):
        station = self._station
        self._before = {n: station.document.mound.mass.forms[n] for n in station.movable()}
        self._held = what if self._before else None
        if not self._before and station.picked:
            station.services.tell(tr("The form is locked: unlock it in its settings to move it."))

    def drag(self, at, modifiers, camera):
        """Move, turn or size the chosen forms, or draw a box."""
        if self._box is not None:
            self._box = QRectF(self._start, at).normalized()
            return
        if self._held is None:
            return
        snap = bool(modifiers & Qt.KeyboardModifier.ControlModifier)
        change = {"move": self._moved_forms, "turn": self._turned_forms}.get(self._held, self._sized_forms)
        done = {"move": tr("move {}"), "turn": tr("turn {}")}.get(self._held, tr("resize {}"))
        what = counted("form", "forms", len(self._before))
        if self._station.replace_all(lambda _: change(at, camera, snap), done.format(what), True):
            self._moved = True

    def _grid(self):
        return nice_step(max(span_of(self._station.document.mound), 1e-3) / 100.0)

    def _moved_forms(self, at, camera, snap):
        lead = self._before.get(self._station.chosen, next(iter(self._before.values())))
        step = at - self._start
        way = hand_step(camera, lead.centre, step.x(), step.y())
        if snap:
            way = snapped(np.add(lead.centre, way), self._grid()) - lead.centre
        return {n: moved(form, way) for n, form in self._before.items()}

    def _turned_forms(self, at, camera, snap):
        about = np.mean([f.centre for f in self._before.values()], axis=0)
        pixel = camera.pixel(about)
        if pixel is None:
            return {}
        angle = math.degrees(
            math.atan2(self._start.y() - pixel[1], self._start.x() - pixel[0])
            - math.atan2(at.y() - pixel[1], at.x() - pixel[0]))
        if snap:
            angle = float(snapped(angle, TURN_STEP))
        turn = about_axis(-camera.forward, angle)
        return {n: turned(form, turn, about) for n, form in self._before.items()}

    def _sized_forms(self, at, camera, snap):
        about = np.mean([f.centre for f in self._before.values()], axis=0)
        pixel = camera.pixel(about)
        if pixel is None:
            return {}
        if self._held in AXES:
            number = self._station.chosen
            form, axis = self._before[number], AXES.index(self._held)
            way = rotation_matrix(form.rotation)[:, axis] * (-1.0 if form.mirror and axis == 0 else 1.0)
            end = camera.pixel(np.add(form.centre, way * ALONG * half_sizes(form)[0][axis]))
            along = np.array([end[0] - pixel[0], end[1] - pixel[1]]) if end is not None else np.zeros(2)
            if np.hypot(*along) < 4.0:
                return {}  # the axis points at the eye
            there = np.array([at.x() - pixel[0], at.y() - pixel[1]])
            factor = max(float(there @ along / (along @ along)), 0.02)
            return {number: sized_along(form, axis, self._even(form, factor, axis) if snap else factor)}
        start = max(math.hypot(self._start.x() - pixel[0], self._start.y() - pixel[1]), 1.0)
        factor = max(math.hypot(at.x() - pixel[0], at.y() - pixel[1]) / start, 0.02)
        if snap:
            factor = self._even(next(iter(self._before.values())), factor, 0)
        return {n: sized(form, factor, about) for n, form in self._before.items()}

    def _even(self, form, factor, axis):
        """The factor that brings a half size to the grid."""
        half = float(half_sizes(form)[0][axis])
        return max(float(snapped(half * factor, self._grid())), self._grid()) / half

    def release(self):
        """Let go."""
        station = self._station
        if self._box is not None:
            camera, box = self._camera, self._box
            self._box = None
            if box.width() < 4 and box.height() < 4:
                station.choose(None)
            elif camera is not None:
                inside = []
                for number, form in enumerate(station.document.mound.mass.forms):
                    pixel = None if form.hidden else camera.pixel(form.centre)
                    if pixel is not None and box.contains(QPointF(pixel[0], pixel[1])):
                        inside.append(number)
                station.pick(inside)
        elif self._moved:
            station.document.let_go()
        elif self._under is not None:
            station.choose(self._under)
        self._held = self._under = None
        self._moved = False

    _camera = None

    def double(self, at, camera):
        """Add a blob where the pointer meets the cloud, or at the target's distance."""
        station, mound = self._station, self._station.document.mound
        ray = camera.ray(at.x(), at.y())
        hit = station.picker().hit(camera.eye, ray)
        place = hit.point if hit else camera.eye + ray * (mound.view.distance / float(ray @ camera.forward))
        station.pick(())
        station.add(tuple(place))

    def hover(self, at, camera):
        """Cursor for what is under the pointer."""
        handle = self._handle_at(at, camera)
        if handle == "turn":
            return Qt.CursorShape.CrossCursor
        if handle is not None:
            return Qt.CursorShape.SizeFDiagCursor
        hit = self._station.picker().hit(camera.eye, camera.ray(at.x(), at.y()))
        return Qt.CursorShape.OpenHandCursor if hit else Qt.CursorShape.ArrowCursor

    # -- what is drawn --------------------------------------------------------------------------

    def paint(self, painter, camera):
        """Draw outlines and handles of the chosen forms, open edges, and the box being drawn."""
        self._camera = camera
        station = self._station
        forms = station.document.mound.mass.forms
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for number in station.picked:
            outline = outline_of(forms[number], camera)
            if outline is not None:
                chosen = number == station.chosen
                polygon = QPolygonF([QPointF(x, y) for x, y in outline])
                painter.setPen(QPen(style.with_alpha(style.INK, 120), 3))
                painter.drawPolygon(polygon)
                tint = TINTS[forms[number].role]
                pen = QPen(tint if chosen else style.with_alpha(tint, 170), 1.6)
                if forms[number].locked:
                    pen.setStyle(Qt.PenStyle.DashLine)
                painter.setPen(pen)
                painter.drawPolygon(polygon)
        for form in forms:
            if not form.hidden and not form.encloses:
                self._paint_open_edges(painter, form, camera)
        self._paint_handles(painter, camera)
        if self._box is not None:
            painter.setPen(QPen(style.TEXT, 1, Qt.PenStyle.DashLine))
            painter.setBrush(style.with_alpha(style.BARLEY, 30))
            painter.drawRect(self._box)

    def _paint_handles(self, painter, camera):
        handles = self.handles(camera)
        if not handles:
            return
        form = self._station.form()
        tint = TINTS[form.role]
        middle = camera.pixel(form.centre)
        painter.setFont(style.text_font(10))
        for name, at in handles.items():
            if name in AXES and middle is not None:
                painter.setPen(QPen(style.with_alpha(style.TEXT, 130), 1))
                painter.drawLine(QPointF(middle[0], middle[1]), at)
                painter.setPen(QPen(style.INK, 1.2))
                painter.setBrush(style.TEXT)
                painter.drawRoundedRect(QRectF(at.x() - 6, at.y() - 6, 12, 12), 3, 3)
                painter.drawText(QRectF(at.x() - 6, at.y() - 7, 12, 12), Qt.AlignmentFlag.AlignCenter, name)
            elif name == "turn":
                painter.setBrush(Qt.BrushStyle.NoBrush)
                painter.setPen(QPen(style.with_alpha(style.INK, 150), 4))
                painter.drawArc(QRectF(at.x() - 8, at.y() - 8, 16, 16), 30 * 16, 280 * 16)
                painter.setPen(QPen(tint, 2))
                painter.drawArc(QRectF(at.x() - 8, at.y() - 8, 16, 16), 30 * 16, 280 * 16)
        painter.setBrush(tint)
        painter.setPen(QPen(style.INK, 1.5))
        for name in ("right", "top"):
            painter.drawEllipse(handles[name], HANDLE, HANDLE)

    def _paint_open_edges(self, painter, form, camera):
        """An open surface encloses nothing: its triangles are drawn faintly, its open edges clearly."""
        if self._edges[0] is not form:
            vertices, faces = triangles(form)
            place = placed(form, vertices)
            some, ends = edges_of(faces[:: max(1, len(faces) // MOST_EDGES)]), open_edges(faces)
            self._edges = (form, place[some[:: max(1, len(some) // MOST_EDGES)]],
                           place[ends[:: max(1, len(ends) // MOST_EDGES)]])
        for edges, pen in ((self._edges[1], QPen(style.with_alpha(style.TEXT, 46), 1)),
                           (self._edges[2], QPen(style.ROSE, 2))):
            painter.setPen(pen)
            ends = camera.pixels(edges).reshape(-1, 4)
            painter.drawLines([QLineF(*line) for line in ends[~np.isnan(ends).any(axis=1)].tolist()])
