"""The air of a growth as a small chart: temperature, dew point and what rises, by height."""

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPen, QPolygonF
from PyQt6.QtWidgets import QWidget

from ....core.growth.air import drawn
from ... import style
from ...fields.controls import EDGE
from ...words import tr

HEIGHT, LEFT, BELOW = 190, 44, 34


class SoundingChart(QWidget):
    """Temperature and dew point of a sounding over height, the parcel that rises through it, and where that stops."""

    def __init__(self):
        super().__init__()
        self._lines = None
        self.setFixedHeight(HEIGHT)
        self.setAccessibleName(tr("Chart of the sounding"))
        self.setToolTip(tr("Height in kilometres of nature above the base level. Barley: temperature of the air; blue: its dew "
                           "point, the nearer the damper; dashed: what rises without mixing, as long as it is right of the barley "
                           "line."))

    def show_sounding(self, sounding, warmer, moisture):
        """Show a sounding.

        Parameters
        ----------
        sounding : Sounding
        warmer, moisture : float
            Of what rises, see `core.growth.air.lifted_parcel`.
        """
        self._sounding, self._lines = sounding, drawn(sounding, warmer, moisture)
        self.update()

    def paintEvent(self, _event):
        if self._lines is None:
            return
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        box = QRectF(EDGE + LEFT, 8, self.width() - 2 * EDGE - LEFT, self.height() - BELOW - 8)
        painter.fillRect(box, style.GROUND)
        heights, lines = self._lines["heights"], self._lines
        low = np.floor(min(lines["temperature"].min(), lines["dew_point"].min(), -10.0) / 10.0) * 10.0
        low, high = max(low, -60.0), np.ceil(lines["temperature"].max() / 10.0) * 10.0

        def at(degrees, height):
            return QPointF(box.left() + (degrees - low) / (high - low) * box.width(),
                           box.bottom() - height / heights[-1] * box.height())

        painter.setFont(style.text_font(11))
        self._scales(painter, box, at, low, high, heights[-1])
        self._inversion(painter, box, at)
        painter.save()
        painter.setClipRect(box)
        for name, colour, pen in (("dew_point", style.BLUE, Qt.PenStyle.SolidLine), ("temperature", style.BARLEY,
                                  Qt.PenStyle.SolidLine), ("parcel", style.TEXT, Qt.PenStyle.DashLine)):
            painter.setPen(QPen(colour, 1.6, pen))
            painter.drawPolyline(QPolygonF([at(degrees, height) for degrees, height in zip(lines[name], heights)]))
        painter.restore()
        if lines["stops"] > 0.0:
            y = at(low, min(lines["stops"], heights[-1])).y()
            painter.setPen(QPen(style.TEXT, 1))
            painter.drawLine(QPointF(box.right() - 10, y), QPointF(box.right(), y))
            painter.drawText(QRectF(box.left(), y - 15, box.width() - 4, 14), Qt.AlignmentFlag.AlignRight,
                             tr("stops at {:.1f} km").format(lines["stops"] / 1000.0))

    def _scales(self, painter, box, at, low, high, top):
        for degrees in np.arange(low, high + 1.0, 20.0):
            x = at(degrees, 0.0).x()
            painter.setPen(QPen(style.LINE, 1))
            painter.drawLine(QPointF(x, box.top()), QPointF(x, box.bottom()))
            painter.setPen(style.QUIET)
            painter.drawText(QRectF(x - 24, box.bottom() + 3, 48, 14), Qt.AlignmentFlag.AlignCenter, f"{degrees:.0f} °C")
        step = next(s for s in (500.0, 1_000.0, 2_000.0, 5_000.0) if top / s <= 5.0 or s == 5_000.0)
        for height in np.arange(0.0, top, step):
            y = at(low, height).y()
            painter.setPen(QPen(style.LINE, 1))
            painter.drawLine(QPointF(box.left(), y), QPointF(box.right(), y))
            painter.setPen(style.QUIET)
            painter.drawText(QRectF(EDGE - 4, y - 8, LEFT, 16), Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter,
                             f"{height / 1000.0:g} km")

    def _inversion(self, painter, box, at):
        sounding = self._sounding
        high, low = at(0.0, sounding.inversion + sounding.thickness).y(), at(0.0, sounding.inversion).y()
        band = QRectF(box.left(), high, box.width(), low - high).intersected(box)
        if band.isValid():
            painter.fillRect(band, style.with_alpha(style.ROSE, 50))
            painter.setPen(style.QUIET)
            painter.drawText(band.adjusted(6, -16, 0, 0).topLeft() + QPointF(0, 12), tr("inversion"))
