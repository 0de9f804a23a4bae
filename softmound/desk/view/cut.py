"""Slice in the desk: the hand that drags the cut through the picture, and the panel that reads its numbers."""

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QImage, QPainter, QPen, QPolygonF
from PyQt6.QtWidgets import QButtonGroup, QHBoxLayout, QLineEdit, QPushButton, QVBoxLayout, QWidget

from ...core.light.picture.cut import on_plate, plate_of
from ...core.volume.sample import sample
from ...core.volume.slices import AXES, ramp
from .. import style
from ..fields.controls import text_label
from ..fields.figures import count, figure
from ..words import tr

VEIL = 238
WIDTH = 292
PLAN = 118
CONTOURS = 7


class CutHand:
    """Drags the cut along its axis, and reads the number under the pointer.

    Parameters
    ----------
    moved : callable
        Called with the new place in metres and whether the hand is still on it.
    read : callable
        Called with the words for what is under the pointer.
    """

    def __init__(self, moved, read):
        self._moved, self._read = moved, read
        self.pressure = 1.0
        self.cut, self.grid = None, None
        self._hand = None

    def show(self, cut, grid):
        """Follow the cut and the grid it goes through.

        Parameters
        ----------
        cut : Cut
        grid : BrickGrid or None
        """
        self.cut, self.grid = cut, grid

    def _plate(self):
        return None if self.grid is None else plate_of(self.grid, self.cut)

    def press(self, at, _modifiers, camera):
        """Take hold of the cut."""
        corners = self._plate()
        if corners is None:
            return
        middle = corners.mean(axis=0)
        step = np.zeros(3)
        step[self.cut.axis] = max(float(np.ptp(corners, axis=0).max()) * 0.01, 1e-6)
        here, there = camera.pixel(middle), camera.pixel(middle + step)
        if here is None or there is None:
            return  # the eye is in it or past it
        way = np.array([there[0] - here[0], there[1] - here[1]]) / step[self.cut.axis]
        length = float(way @ way)
        if length < 1e-6 * here[2] ** 2:
            # Seen from right in front: up and down stands for to and fro.
            way, length = np.array([0.0, -here[2]]), here[2] ** 2
        self._hand = at, way / length, self.cut.at

    def drag(self, at, _modifiers, _camera):
        """Move the cut with the hand."""
        if self._hand is None:
            return
        start, per_pixel, before = self._hand
        step = np.array([at.x() - start.x(), at.y() - start.y()])
        self._moved(before + float(step @ per_pixel), True)

    def release(self):
        """Let go."""
        if self._hand is not None:
            self._hand = None
            self._moved(self.cut.at, False)

    def double(self, _at, _camera):
        """Nothing."""

    def hover(self, at, camera):
        """Read the number under the pointer."""
        corners = self._plate()
        if corners is not None:
            point, inside = on_plate(camera, corners, self.cut, np.array(at.x()), np.array(at.y()))
            if inside:
                value = float(sample(self.grid, point))
                place = ", ".join(f"{figure(float(v))}" for v in point)
                self._read(tr("{} at ({}) m").format(figure(value) if value else "0", place))
            else:
                self._read("")
        return Qt.CursorShape.SizeAllCursor

    def paint(self, painter, camera):
        """Outline the cut."""
        corners = self._plate()
        if corners is None:
            return
        pixels = camera.pixels(corners)
        if np.isnan(pixels).any():
            return
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(style.with_alpha(style.BARLEY, 190), 1.4))
        painter.drawPolygon(QPolygonF([QPointF(*p) for p in pixels]))


class CutPanel(QWidget):
    """Axis, place, range of colours and contour lines of the cut, with the histograms.

    Signals
    -------
    changed(dict, bool)
        Fields of the cut; True while the hand has not let go.
    """

    changed = pyqtSignal(dict, bool)

    def __init__(self, parent):
        super().__init__(parent)
        self.setFixedWidth(WIDTH)
        self.setAccessibleName(tr("Slice"))
        column = QVBoxLayout(self)
        column.setContentsMargins(12, 10, 12, 10)
        column.setSpacing(6)
        row = QHBoxLayout()
        row.setSpacing(4)
        group = QButtonGroup(self)
        self.axes = {}
        for number, axis in enumerate(AXES):
            button = QPushButton(axis)
            button.setCheckable(True)
            button.setStyleSheet("padding: 3px 11px;")
            button.setAccessibleName(tr("Slice: square to {}").format(axis))
            button.setToolTip(tr("Cut square to the {} axis.").format(axis))
            button.clicked.connect(lambda _=False, n=number: self.changed.emit({"axis": n, "at": None}, False))
            group.addButton(button)
            row.addWidget(button)
            self.axes[number] = button
        row.addStretch()
        self.place = QLineEdit()
        self.place.setFixedWidth(76)
        self.place.setAlignment(Qt.AlignmentFlag.AlignRight)
        self.place.setAccessibleName(tr("Slice: place in metres"))
        self.place.setToolTip(tr("Where the cut lies on its axis. Drag in the picture, or type."))
        self.place.editingFinished.connect(self._typed)
        row.addWidget(text_label(tr("at")))
        row.addWidget(self.place)
        row.addWidget(text_label("m"))
        column.addLayout(row)
        self.plan = _Histograms(self)
        column.addWidget(self.plan)
        foot = QHBoxLayout()
        self.contours = QPushButton(tr("Contours"))
        self.contours.setCheckable(True)
        self.contours.setStyleSheet("padding: 3px 9px;")
        self.contours.setToolTip(tr("{} lines of equal density between the ends of the range.").format(CONTOURS))
        self.contours.clicked.connect(lambda on: self.changed.emit({"contours": CONTOURS if on else 0}, False))
        self.reading = text_label(tr("Point at the cut to read it."))
        foot.addWidget(self.contours)
        foot.addWidget(self.reading, 1)
        column.addLayout(foot)
        for label in self.findChildren(type(self.reading)):
            label.setContentsMargins(0, 0, 0, 0)
        self._cut = None

    def show_cut(self, cut):
        """Follow the cut.

        Parameters
        ----------
        cut : Cut
        """
        self._cut = cut
        self.axes[cut.axis].setChecked(True)
        self.contours.setChecked(cut.contours > 0)
        if not self.place.hasFocus():
            self.place.setText(figure(cut.at, 4))
        self.plan.cut = cut
        self.plan.update()

    def show_facts(self, facts):
        """Follow what the cut amounts to.

        Parameters
        ----------
        facts : CutFacts or None
        """
        self.plan.facts = facts
        if facts is not None:
            self.plan.setToolTip(
                tr(
                    "{:.0%} of the cut is cloud, {} dense on average and {} at most. Drag the two ends of the range of "
                    "colours; double-click takes all."
                ).format(facts.share, figure(facts.mean), figure(facts.most))
            )
        self.plan.update()

    def show_reading(self, text):
        """Say what is under the pointer.

        Parameters
        ----------
        text : str
        """
        self.reading.setText(text or tr("Point at the cut to read it."))

    def _typed(self):
        try:
            at = float(self.place.text().replace(",", "."))
        except ValueError:
            at = float("nan")
        if np.isfinite(at) and abs(at) <= 50_000.0 and figure(at, 4) != figure(self._cut.at, 4):
            self.changed.emit({"at": at}, False)
        self.place.setText(figure(self._cut.at, 4))

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.with_alpha(style.GROUND, VEIL))
        painter.drawRoundedRect(QRectF(self.rect()), 8, 8)


class _Histograms(QWidget):
    """Density of the whole and of the cut over the colours it is shown in; below, optical depth."""

    BAR = 9

    def __init__(self, panel):
        super().__init__()
        self._panel = panel
        self.cut, self.facts = None, None
        self._hand = None
        self.setFixedHeight(PLAN)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName(tr("Slice: range of colours"))
        self._ramp = QImage(np.ascontiguousarray(ramp()).data, 256, 1, 768, QImage.Format.Format_RGB888).copy()

    def _most(self):
        return float(self.facts.whole.density_edges[-1]) if self.facts is not None else 1.0

    def _x(self, value):
        return min(max(value / self._most(), 0.0), 1.0) * (self.width() - 1)

    def mousePressEvent(self, event):
        if event.button() == Qt.MouseButton.LeftButton and self.facts is not None:
            x = event.position().x()
            self._hand = "low" if abs(x - self._x(self.cut.low)) < abs(x - self._x(self.cut.high)) else "high"
            self.mouseMoveEvent(event)

    def mouseMoveEvent(self, event):
        if self._hand is None:
            self.setCursor(Qt.CursorShape.SizeHorCursor)
            return
        value = min(max(event.position().x() / (self.width() - 1), 0.0), 1.0) * self._most()
        self._take(self._hand, value, True)

    def mouseReleaseEvent(self, event):
        if self._hand is not None and event.button() == Qt.MouseButton.LeftButton:
            self._hand = None
            self._panel.changed.emit({}, False)

    def mouseDoubleClickEvent(self, _event):
        self._hand = None
        self._panel.changed.emit({"low": 0.0, "high": self._most()}, False)

    def keyPressEvent(self, event):
        steps = {Qt.Key.Key_Left: -0.02, Qt.Key.Key_Right: 0.02}
        if event.key() in steps:
            end = "low" if event.modifiers() & Qt.KeyboardModifier.ShiftModifier else "high"
            self._take(end, getattr(self.cut, end) + steps[event.key()] * self._most(), False)
        else:
            super().keyPressEvent(event)

    def _take(self, end, value, moving):
        least = 0.01 * self._most()
        if end == "low":
            value = min(max(value, 0.0), self.cut.high - least)
        else:
            value = min(max(value, self.cut.low + least), self._most())
        self._panel.changed.emit({end: value}, moving)

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setFont(style.text_font(10))
        wide = self.width()
        half = (self.height() - self.BAR - 20) / 2 - 6
        bar = QRectF(0, half + 14, wide, self.BAR)
        painter.fillRect(bar, style.LINE)
        if self.cut is not None:
            left, right = self._x(self.cut.low), self._x(self.cut.high)
            painter.drawImage(QRectF(left, bar.top(), right - left, self.BAR), self._ramp)
            painter.setPen(QPen(style.TEXT, 1.6 if self.hasFocus() else 1.0))
            for x in (left, right):
                painter.drawLine(QPointF(x, bar.top() - 3), QPointF(x, bar.bottom() + 3))
        if self.facts is None:
            painter.setPen(style.QUIET)
            painter.drawText(QRectF(0, 0, wide, half), Qt.AlignmentFlag.AlignCenter, tr("nothing to count"))
            return
        facts = self.facts
        self._bars(painter, QRectF(0, 12, wide, half), facts.whole.density, facts.density, style.BARLEY)
        low = QRectF(0, bar.bottom() + 14, wide, half)
        self._bars(painter, low, facts.whole.depth, facts.depth, style.BLUE)
        painter.setPen(style.QUIET)
        flags = Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignTop
        painter.drawText(
            QRectF(0, 0, wide, 12),
            flags,
            tr("density 0 to {} · whole {} voxels").format(figure(self._most()), count(int(facts.whole.density.sum()))),
        )
        painter.drawText(
            QRectF(0, bar.bottom() + 2, wide, 12),
            flags,
            tr("optical depth 0 to {} · whole along {}, cut along {}").format(
                figure(float(facts.whole.depth_edges[-1])), AXES[self.cut.axis], AXES[facts.along]
            ),
        )

    def _bars(self, painter, room, whole, cut, colour):
        """The whole as a filled outline, the cut as a line over it; heights by their logarithms, so that rare
        values are seen too."""
        painter.setPen(Qt.PenStyle.NoPen)
        step = room.width() / len(whole)
        for counts, filled in ((whole, True), (cut, False)):
            tall = np.log1p(counts) / max(np.log1p(counts.max()), 1e-9) * (room.height() - 2)
            points = [QPointF(room.left(), room.bottom())]
            for n, height in enumerate(tall):
                points += [QPointF(room.left() + n * step, room.bottom() - height),
                           QPointF(room.left() + (n + 1) * step, room.bottom() - height)]
            points.append(QPointF(room.right(), room.bottom()))
            if filled:
                painter.setBrush(style.with_alpha(style.QUIET, 80))
                painter.setPen(Qt.PenStyle.NoPen)
                painter.drawPolygon(QPolygonF(points))
            else:
                painter.setBrush(Qt.BrushStyle.NoBrush)
                painter.setPen(QPen(colour, 1.3))
                painter.drawPolyline(QPolygonF(points))
