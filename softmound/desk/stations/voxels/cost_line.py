"""The tray of Voxels: the cost line."""

import math

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPainterPath, QPen
from PyQt6.QtWidgets import QWidget

from ....core.engine.density import draft_voxel, span_of
from ....core.engine.forecast import memory_limit
from ....core.recipe import Voxels, limits
from ....core.recipe.models import TIERS
from ... import style
from ...fields.axis import LogAxis
from ...fields.figures import count, memory, seconds
from ...fields.lengths import length, size_of_unit
from ...words import tr


class CostLine(QWidget):
    """Voxel size against predicted memory, with the limit drawn in."""

    LEFT, RIGHT, TOP, BOTTOM = 64, 24, 34, 30

    def __init__(self, station):
        super().__init__()
        self._station = station
        self._mound = None
        self._hand = None
        self.setMouseTracking(True)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName(tr("Cost line: final voxel"))
        self.setToolTip(tr("Memory and time a build needs, over the voxel size. Drag the barley marker to set the "
                        "final voxel, or use the arrow keys. Both are foretold from a trial of a few bricks on this "
                        "machine and from its past builds."))

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        self._mound = mound
        self._limit = memory_limit()
        ahead = self._station.ahead
        self._smallest = ahead.smallest_voxel(self._limit) if ahead is not None else 1.0
        self.update()

    @property
    def axis(self):
        """Voxel sizes across the line, the finest on the right.

        Returns
        -------
        LogAxis
        """
        long = max(span_of(self._mound), 0.5)
        finest = min(self._smallest * 0.7, long / 1000.0)
        return LogAxis(long / 20.0, finest, self.LEFT, self.width() - self.RIGHT)

    def _voxel_at(self, x):
        floor, ceiling = limits(Voxels, "final")
        return min(max(float(f"{self.axis.value_at(x):.2g}"), floor), ceiling)

    def _y_of(self, bytes_):
        low, high = math.log(3e6), math.log(max(self._limit * 3, 2e9))
        share = (math.log(max(bytes_, 1.0)) - low) / (high - low)
        return self.height() - self.BOTTOM - share * (self.height() - self.TOP - self.BOTTOM)

    def mousePressEvent(self, event):
        if event.button() == Qt.MouseButton.LeftButton and self._mound.mass.forms:
            self._hand = True
            self.mouseMoveEvent(event)

    def mouseMoveEvent(self, event):
        if self._hand:
            self._station.edit_voxels(tr("final voxel"), True, final=self._voxel_at(event.position().x()))
        else:
            self.setCursor(Qt.CursorShape.SizeHorCursor)

    def mouseReleaseEvent(self, event):
        if self._hand:
            self._hand = None
            self._station.document.let_go()

    def keyPressEvent(self, event):
        steps = {Qt.Key.Key_Left: 1.1, Qt.Key.Key_Right: 1 / 1.1}
        if event.key() in steps:
            floor, ceiling = limits(Voxels, "final")
            final = float(f"{self._mound.voxels.final * steps[event.key()]:.3g}")
            self._station.edit_voxels(tr("final voxel"), final=min(max(final, floor), ceiling))
        else:
            super().keyPressEvent(event)

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setFont(style.text_font(13))
        painter.setPen(style.QUIET)
        painter.drawText(QRectF(16, 8, 400, 20), Qt.AlignmentFlag.AlignVCenter, tr("Cost line"))
        ahead = self._station.ahead
        if ahead is None or not self._mound.mass.forms:
            painter.drawText(QRectF(self.rect()), Qt.AlignmentFlag.AlignCenter,
                             tr("Nothing to build yet: add a blob in Mass."))
            return
        left, right = self.LEFT, self.width() - self.RIGHT
        bottom = self.height() - self.BOTTOM
        limit_y = self._y_of(self._limit)
        painter.fillRect(QRectF(left, self.TOP - 6, right - left, limit_y - self.TOP + 6),
                         style.with_alpha(style.ROSE, 26))
        painter.setFont(style.text_font(11))
        self._paint_grid(painter, left, right, bottom)
        painter.setPen(QPen(style.ROSE, 1, Qt.PenStyle.DashLine))
        painter.drawLine(QPointF(left, limit_y), QPointF(right, limit_y))
        painter.drawText(QRectF(left + 8, limit_y + 2, 220, 15), Qt.AlignmentFlag.AlignVCenter,
                         tr("memory limit {}").format(memory(self._limit)))
        path = QPainterPath()
        for voxel in self.axis.values(81):
            x, y = self.axis.x_of(voxel), max(self._y_of(ahead.memory(voxel)), self.TOP - 6)
            path.lineTo(x, y) if path.elementCount() else path.moveTo(x, y)
        painter.setPen(QPen(style.BLUE, 2))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawPath(path)
        self._paint_time(painter, ahead)
        self._paint_tiers(painter, ahead, bottom)
        # The lower one's letters stand lower, so that the two never meet.
        self._mark(painter, draft_voxel(self._mound), "draft", style.QUIET, bottom, 27)
        self._mark(painter, self._mound.voxels.final, "final", style.BARLEY, bottom, 47)

    def _paint_time(self, painter, ahead):
        """Where a build passes a second, ten, a minute, ten minutes."""
        voxels = self.axis.values(161)
        taken = [ahead.seconds(v) for v in voxels]
        foot = self.height() - self.BOTTOM
        for limit, label in ((1.0, "1 s"), (10.0, "10 s"), (60.0, "1 min"), (600.0, "10 min")):
            at = next((v for v, t in zip(voxels, taken) if t >= limit), None)
            if at is None or taken[0] >= limit:
                continue
            x = self.axis.x_of(at)
            painter.setPen(QPen(style.with_alpha(style.LICHEN, 150), 1, Qt.PenStyle.DotLine))
            painter.drawLine(QPointF(x, self.TOP), QPointF(x, foot))
            painter.setPen(style.LICHEN)
            painter.drawText(QRectF(x - 40, self.TOP - 18, 80, 14), Qt.AlignmentFlag.AlignCenter, label)

    def _paint_tiers(self, painter, ahead, bottom):
        """The coarser resolutions an asset is published in, as rings on the line."""
        for name, factor in TIERS.items():
            voxel = self._mound.voxels.final * factor
            if factor == 1.0 or voxel > self.axis.start:
                continue
            x, y = self.axis.x_of(voxel), max(self._y_of(ahead.memory(voxel)), self.TOP)
            painter.setPen(QPen(style.BARLEY, 1.4))
            painter.setBrush(style.PANEL)
            painter.drawEllipse(QPointF(x, y), 4, 4)
            painter.setPen(style.QUIET)
            painter.drawText(QRectF(x - 30, min(y + 5, bottom - 15), 60, 14), Qt.AlignmentFlag.AlignCenter, name)

    def _paint_grid(self, painter, left, right, bottom):
        for bytes_ in (1e8, 1e9, 1e10):
            y = self._y_of(bytes_)
            if y > self.TOP:
                painter.setPen(QPen(style.LINE, 1))
                painter.drawLine(QPointF(left, y), QPointF(right, y))
                painter.setPen(style.QUIET)
                painter.drawText(QRectF(0, y - 8, left - 8, 16),
                                 Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter, memory(bytes_))
        for voxel in self.axis.marks(size_of_unit()):
            x = self.axis.x_of(voxel)
            painter.setPen(QPen(style.LINE, 1))
            painter.drawLine(QPointF(x, bottom), QPointF(x, bottom + 4))
            painter.setPen(style.QUIET)
            painter.drawText(QRectF(x - 30, bottom + 6, 60, 16), Qt.AlignmentFlag.AlignCenter,
                             length(voxel))

    def _mark(self, painter, voxel, name, colour, bottom, lift):
        x = min(max(self.axis.x_of(voxel), self.LEFT), self.width() - self.RIGHT)
        y = max(self._y_of(self._station.ahead.memory(voxel)), self.TOP)
        painter.setPen(QPen(style.with_alpha(colour, 150), 1))
        painter.drawLine(QPointF(x, y), QPointF(x, bottom))
        painter.setPen(QPen(style.TEXT, 1.2) if self.hasFocus() and name == "final" else Qt.PenStyle.NoPen)
        painter.setBrush(colour)
        painter.drawEllipse(QPointF(x, y), 6, 6)
        ahead = self._station.ahead
        text = f"{tr(name)} {length(voxel)} · {memory(ahead.memory(voxel))}"
        if name == "final":
            text += tr(" · {} · {} voxels").format(seconds(ahead.seconds(voxel)), count(ahead.active_voxels(voxel)))
        wide = painter.fontMetrics().horizontalAdvance(text) + 10
        at = min(max(x - wide / 2, self.LEFT), self.width() - self.RIGHT - wide)
        plate = QRectF(at, max(y - lift, 8), wide, 17)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.with_alpha(style.PANEL, 225))
        painter.drawRoundedRect(plate, 4, 4)
        painter.setPen(colour)
        painter.drawText(plate, Qt.AlignmentFlag.AlignCenter, text)
