"""The histogram of the picture's light."""

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPen
from PyQt6.QtWidgets import QWidget

from ....core.light.picture.looks import histogram
from ... import style
from ...words import tr


class HistogramStrip(QWidget):
    """How much of the cloud lies how many stops from middle grey."""

    def __init__(self):
        super().__init__()
        self._counts = None
        self.setFixedHeight(50)
        self.setAccessibleName(tr("Histogram of the cloud"))
        self.setToolTip(tr("How much of the cloud lies at which brightness, in stops from middle grey. What lies right of the "
                        "second line is nearly white."))

    def show_scene(self, scene, exposure):
        """Show the histogram of a scene.

        Parameters
        ----------
        scene : ndarray of float32, shape (rows, columns, 4)
        exposure : float
        """
        self._counts, self._edges = histogram(scene[::2, ::2], exposure)
        self.update()

    def paintEvent(self, _event):
        painter = QPainter(self)
        box = QRectF(self.rect()).adjusted(14, 4, -14, -14)
        painter.fillRect(box, style.GROUND)
        if self._counts is None or self._counts.max() <= 0.0:
            return
        wide, top = box.width() / len(self._counts), self._counts.max()
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.QUIET)
        for n, part in enumerate(self._counts):
            high = box.height() * part / top
            painter.drawRect(QRectF(box.left() + n * wide, box.bottom() - high, wide * 0.86, high))
        painter.setFont(style.text_font(10))
        for stops, text in ((-4.0, "-4"), (-2.0, "-2"), (0.0, "grey"), (2.3, "white")):
            x = box.left() + (stops - self._edges[0]) / (self._edges[-1] - self._edges[0]) * box.width()
            painter.setPen(QPen(style.with_alpha(style.BARLEY, 130 if stops >= 0.0 else 50), 1))
            painter.drawLine(QPointF(x, box.top()), QPointF(x, box.bottom()))
            painter.setPen(style.QUIET)
            painter.drawText(QRectF(x - 20, box.bottom() + 1, 40, 12), Qt.AlignmentFlag.AlignCenter, text)
