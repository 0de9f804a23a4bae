"""The scale ruler: feature sizes from voxel to cloud, each grain a hill over the sizes it covers."""

import math

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QBrush, QPainter, QPainterPath, QPen
from PyQt6.QtWidgets import QPushButton, QWidget

from ....core.engine.density import draft_voxel, span_of
from ....core.grain.scales import NATURE, RESOLVED, advised, hill, octaves_of, summed
from ....core.recipe import limits
from ... import style
from ...fields.axis import LogAxis
from ...fields.lengths import length, size_of_unit
from ...words import tr

TINTS = (style.BLUE, style.BARLEY, style.LICHEN, style.ROSE)


class ScaleRuler(QWidget):
    """Feature sizes from voxel to cloud, each grain a hill over the sizes it covers."""

    LEFT, RIGHT, TOP, BOTTOM = 20, 20, 40, 30

    def __init__(self, station):
        super().__init__()
        self._station = station
        self._mound = None
        self._press = None
        self.setMouseTracking(True)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName(tr("Scale ruler"))
        self.remedy = QPushButton(self)
        self.remedy.setStyleSheet("padding: 2px 9px;")
        self.remedy.setAccessibleName(tr("Remedy"))
        self.remedy.hide()
        self.remedy.clicked.connect(self._apply)
        self._advice = []
        self.setToolTip(tr("Feature sizes from the voxel to the cloud. Drag a hill sideways for its size, up for "
                        "its strength; arrow keys do the same, Tab goes on to the settings. The pale line is all "
                        "grains together, the dotted one nature's slope."))

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        self._mound = mound
        # What is wasted is judged by the final voxel: a draft is coarse on purpose.
        self._advice = advised(mound.grains, mound.voxels.final) if mound.mass.forms else []
        self.remedy.setVisible(bool(self._advice))
        if self._advice:
            self.remedy.setText(tr(self._advice[0].remedy))
            self.remedy.setToolTip(tr(self._advice[0].sentence))
            self.remedy.adjustSize()
            self._place()
        self.update()

    def voxel(self):
        """The voxel that features have to be held by: the draft's or the final one, as chosen.

        Returns
        -------
        float
            Metres.
        """
        return self._mound.voxels.final if self._station.final else draft_voxel(self._mound)

    def resizeEvent(self, _event):
        self._place()

    def _place(self):
        self.remedy.move(self.width() - self.remedy.width() - 12, 5)

    def _apply(self):
        if self._advice:
            advice = self._advice[0]
            self._station.take_grains(advice.grains, advice.remedy[:1].lower() + advice.remedy[1:])

    @property
    def axis(self):
        """Feature sizes across the ruler.

        Returns
        -------
        LogAxis
        """
        voxel = min(draft_voxel(self._mound), self._mound.voxels.final) if self._station.final else draft_voxel(self._mound)
        largest = max(span_of(self._mound) * 1.25, voxel * 40)
        return LogAxis(voxel / 2.0, largest, self.LEFT, self.width() - self.RIGHT)

    def _y_of(self, amplitude):
        """Row of an amplitude: logarithmic, from a thousandth of the span up to a fifth."""
        span = max(span_of(self._mound), 1e-3)
        share = np.log(np.maximum(amplitude, 1e-9) / (span * 4e-4)) / math.log(500.0)
        return self.height() - self.BOTTOM - np.clip(share, 0.0, 1.05) * (
            self.height() - self.TOP - self.BOTTOM)

    def top_of(self, grain):
        """Summit of a grain's hill.

        Parameters
        ----------
        grain : Push

        Returns
        -------
        QPointF
        """
        sizes, amplitudes = octaves_of(grain)
        return QPointF(self.axis.x_of(sizes[0]), float(self._y_of(hill(grain, sizes[:1])[0])))

    def _grain_at(self, at):
        best, nearest = None, 40.0
        for number, grain in enumerate(self._mound.grains):
            top = self.top_of(grain)
            away = abs(at.x() - top.x()) + 0.25 * abs(at.y() - top.y())
            under = at.y() >= float(self._y_of(hill(grain, np.array([self.axis.value_at(at.x())]))[0])) - 6
            if under and away < nearest + (30 if number == self._station.chosen else 0):
                best, nearest = number, away
        return best

    def mousePressEvent(self, event):
        if event.button() != Qt.MouseButton.LeftButton:
            return
        number = self._grain_at(event.position())
        if number is not None:
            self._station.choose(number)
            self._press = (event.position(), self._mound.grains[number])

    def mouseMoveEvent(self, event):
        if self._press is None:
            on = self._grain_at(event.position()) is not None
            self.setCursor(Qt.CursorShape.SizeAllCursor if on else Qt.CursorShape.ArrowCursor)
            return
        start, grain = self._press
        factor = self.axis.value_at(event.position().x()) / self.axis.value_at(start.x())
        rise = (start.y() - event.position().y()) / (self.height() - self.TOP - self.BOTTOM)
        changes = self._held(grain, grain.feature * factor, max(grain.strength, 1e-3) * 500.0**rise)
        self._station.edit_grain(tr("size and strength of grain"), True, **changes)

    def _held(self, grain, feature, strength):
        (f_low, f_high), (s_low, s_high) = limits(grain, "feature"), limits(grain, "strength")
        feature = min(max(float(f"{feature:.3g}"), self.axis.start), self.axis.end)
        return {"feature": min(max(feature, f_low), f_high),
                "strength": min(max(float(f"{strength:.3g}"), s_low), s_high)}

    def mouseReleaseEvent(self, event):
        if self._press is not None and event.button() == Qt.MouseButton.LeftButton:
            self._press = None
            self._station.document.let_go()

    def keyPressEvent(self, event):
        grain = self._station.grain()
        sideways = {Qt.Key.Key_Left: 1 / 1.08, Qt.Key.Key_Right: 1.08}
        upward = {Qt.Key.Key_Up: 1.08, Qt.Key.Key_Down: 1 / 1.08}
        if grain is None or event.key() not in {**sideways, **upward}:
            super().keyPressEvent(event)
            return
        self._station.edit_grain(tr("size and strength of grain"), **self._held(
            grain, grain.feature * sideways.get(event.key(), 1.0), grain.strength * upward.get(event.key(), 1.0)))

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setFont(style.text_font(13))
        painter.setPen(style.QUIET)
        painter.drawText(QRectF(16, 8, 300, 20), Qt.AlignmentFlag.AlignVCenter, tr("Scale ruler"))
        self._paint_advice(painter)
        if self._mound is None or not span_of(self._mound):
            painter.drawText(QRectF(self.rect()), Qt.AlignmentFlag.AlignCenter,
                             tr("Nothing to measure yet: add a blob in Mass."))
            return
        bottom = self.height() - self.BOTTOM
        painter.setFont(style.text_font(11))
        self._paint_axis(painter, bottom)
        self._paint_unresolvable(painter, bottom)
        self._paint_slope(painter)
        self._paint_sum(painter)
        order = sorted(range(len(self._mound.grains)), key=lambda n: n == self._station.chosen)
        for number in order:
            self._paint_hill(painter, number, bottom)
        taken = []
        for number in reversed(order):
            self._letter(painter, number, taken)

    def _paint_axis(self, painter, bottom):
        painter.setPen(QPen(style.LINE, 1))
        painter.drawLine(QPointF(self.LEFT, bottom), QPointF(self.width() - self.RIGHT, bottom))
        span = span_of(self._mound)
        marks = [(size, length(size)) for size in self.axis.marks(size_of_unit()) if size < span * 0.8]
        for size, text in (*marks, (span, tr("cloud span"))):
            x = self.axis.x_of(size)
            painter.setPen(QPen(style.LINE, 1))
            painter.drawLine(QPointF(x, bottom), QPointF(x, bottom + 4))
            painter.setPen(style.QUIET)
            painter.drawText(QRectF(x - 50, bottom + 6, 100, 16), Qt.AlignmentFlag.AlignCenter, text)

    def _paint_unresolvable(self, painter, bottom):
        edge = self.axis.x_of(RESOLVED * self.voxel())
        zone = QRectF(self.LEFT, self.TOP - 4, edge - self.LEFT, bottom - self.TOP + 4)
        painter.fillRect(zone, QBrush(style.with_alpha(style.QUIET, 60), Qt.BrushStyle.BDiagPattern))
        painter.setPen(style.QUIET)
        painter.drawText(QRectF(zone.right() + 6, zone.top(), 180, 14), Qt.AlignmentFlag.AlignVCenter,
                         tr("finer than 2 final voxels") if self._station.final else tr("finer than 2 draft voxels"))
        painter.setPen(QPen(style.LINE, 1))
        painter.drawLine(QPointF(edge, zone.top()), QPointF(edge, bottom))

    def _paint_slope(self, painter):
        """Amplitude of nature's k^(-5/3) over size goes with its third power's root: size^(1/3)."""
        span = span_of(self._mound)
        sizes = np.geomspace(RESOLVED * self.voxel(), span, 30)
        rows = self._y_of(NATURE * span * (sizes / span) ** (1.0 / 3.0))
        painter.setPen(QPen(style.QUIET, 1.2, Qt.PenStyle.DotLine))
        path = QPainterPath(QPointF(self.axis.x_of(sizes[0]), float(rows[0])))
        for x, y in zip(self.axis.x_of(sizes[1:]), rows[1:]):
            path.lineTo(float(x), float(y))
        painter.drawPath(path)
        painter.drawText(QRectF(self.axis.x_of(span) - 110, float(rows[-1]) - 20, 110, 16),
                         Qt.AlignmentFlag.AlignRight, tr("nature's slope"))

    def _paint_sum(self, painter):
        """All grains together, to be held against nature's slope."""
        live = [g for g in self._mound.grains if g.on]
        if len(live) < 2:
            return
        sizes = self.axis.values(160)
        rows, columns = self._y_of(summed(live, sizes)), self.axis.x_of(sizes)
        path = QPainterPath(QPointF(float(columns[0]), float(rows[0])))
        for x, y in zip(columns[1:], rows[1:]):
            path.lineTo(float(x), float(y))
        painter.setPen(QPen(style.with_alpha(style.TEXT, 150), 1.2))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawPath(path)

    def _paint_advice(self, painter):
        """The first thing that is missing or wasted, in words; where it is, on the axis."""
        if not self._advice:
            return
        advice = self._advice[0]
        left = 110
        room = QRectF(left, 1, self.remedy.x() - left - 12, 34)
        # It is advice and no trouble: nothing goes wrong by it.
        painter.setPen(style.BLUE)
        painter.drawText(room, Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignRight | Qt.TextFlag.TextWordWrap,
                         tr(advice.sentence))
        bottom = self.height() - self.BOTTOM
        low, high = (min(max(self.axis.x_of(size), self.LEFT), self.width() - self.RIGHT)
                     for size in (advice.low, advice.high))
        painter.setPen(QPen(style.BLUE, 3))
        painter.drawLine(QPointF(low, bottom), QPointF(max(high, low + 2), bottom))

    def _paint_hill(self, painter, number, bottom):
        grain = self._mound.grains[number]
        chosen = number == self._station.chosen
        tint = TINTS[number % len(TINTS)] if grain.on else style.LINE
        sizes = self.axis.values(160)
        rows = self._y_of(hill(grain, sizes))
        columns = self.axis.x_of(sizes)
        path = QPainterPath(QPointF(float(columns[0]), bottom))
        for x, y in zip(columns, rows):
            path.lineTo(float(x), float(y))
        path.lineTo(float(columns[-1]), bottom)
        painter.setPen(QPen(tint, 2.0 if chosen else 1.2))
        painter.setBrush(style.with_alpha(tint, 110 if chosen else 60))
        painter.drawPath(path)
        top = self.top_of(grain)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(tint)
        if chosen:
            painter.setPen(QPen(style.TEXT, 1.5) if self.hasFocus() else Qt.PenStyle.NoPen)
            painter.drawEllipse(top, 5, 5)

    def _letter(self, painter, number, taken):
        """Name and size of a hill, where no other's letters stand; the chosen one's has the first choice."""
        grain = self._mound.grains[number]
        chosen = number == self._station.chosen
        top = self.top_of(grain)
        text = f"{tr(grain.action.capitalize())} · {length(grain.feature)}" + ("" if grain.on else tr(" · off"))
        wide = painter.fontMetrics().horizontalAdvance(text) + 8
        x = min(max(top.x() - wide / 2, self.LEFT), self.width() - self.RIGHT - wide)
        box = QRectF(x, max(top.y() - 26, 28), wide, 17)
        for shift in (0, -18, 18, 36, 54, 72):
            free = box.translated(0, shift)
            if free.top() >= 27 and not any(free.intersects(other) for other in taken):
                box = free
                break
        taken.append(box)
        # On a plate of its own, so that hills and lines behind it do not cross the letters.
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.with_alpha(style.PANEL, 200))
        painter.drawRoundedRect(box, 4, 4)
        painter.setPen(style.TEXT if chosen else style.SOFT)
        painter.drawText(box, Qt.AlignmentFlag.AlignCenter, text)
