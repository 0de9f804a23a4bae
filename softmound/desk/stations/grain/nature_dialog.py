"""The nature check: what is measured of this cloud beside what is measured of clouds."""

import math

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPen
from PyQt6.QtWidgets import QDialog, QDialogButtonBox, QVBoxLayout, QWidget

from ... import style
from ...fields.controls import text_label
from ...fields.figures import figure
from ...words import tr


class NatureDialog(QDialog):
    """Lists findings.

    Parameters
    ----------
    findings : list of Finding
    parent : QWidget, optional
    """

    explained = "explained/08_nature"

    def __init__(self, findings, parent=None):
        super().__init__(parent)
        self.setWindowTitle(tr("Nature check"))
        self.setMinimumWidth(560)
        layout = QVBoxLayout(self)
        layout.setSpacing(10)
        layout.addWidget(text_label(tr("Nature check"), "title"))
        layout.addWidget(text_label(tr("Measured on this cloud as it is looked at; green is what is measured of clouds.")))
        self.rows = [_Finding(finding) for finding in findings]
        for row in self.rows:
            layout.addWidget(row)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Close)
        buttons.rejected.connect(self.reject)
        layout.addWidget(buttons)


class _Finding(QWidget):
    """A scale with the natural range and the value on it."""

    def __init__(self, finding):
        super().__init__()
        self.finding = finding
        self.setFixedHeight(70)
        self.setAccessibleName(f"{finding.name}: {self.text()}")

    def text(self):
        """The value in words."""
        if math.isnan(self.finding.value):
            return tr("too small to tell")
        return f"{figure(self.finding.value)} {self.finding.unit}".strip()

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        finding, wide = self.finding, self.width()
        painter.setFont(style.text_font(13))
        painter.setPen(style.TEXT)
        painter.drawText(QRectF(8, 0, wide, 20), Qt.AlignmentFlag.AlignVCenter, tr(finding.name))
        tint = {True: style.LICHEN, False: style.ROSE, None: style.QUIET}[finding.natural]
        painter.setPen(tint)
        painter.drawText(QRectF(8, 0, wide - 16, 20), Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignRight, self.text())
        margin = finding.high - finding.low
        low, high = finding.low - margin, finding.high + margin
        if not math.isnan(finding.value):
            low, high = min(low, finding.value - 0.1 * margin), max(high, finding.value + 0.1 * margin)

        def x_of(value):
            return 8 + (wide - 16) * (value - low) / (high - low)

        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.LINE)
        painter.drawRoundedRect(QRectF(8, 27, wide - 16, 6), 3, 3)
        painter.setBrush(style.with_alpha(style.LICHEN, 170))
        painter.drawRoundedRect(QRectF(x_of(finding.low), 27, x_of(finding.high) - x_of(finding.low), 6), 3, 3)
        if not math.isnan(finding.value):
            painter.setPen(QPen(style.GROUND, 1.5))
            painter.setBrush(tint)
            painter.drawEllipse(QPointF(x_of(finding.value), 30), 6, 6)
        painter.setFont(style.text_font(11))
        painter.setPen(style.QUIET)
        painter.drawText(
            QRectF(8, 40, wide - 16, 15),
            Qt.AlignmentFlag.AlignVCenter,
            tr("Natural: {} to {}{}{}; {}.").format(
                figure(finding.low), figure(finding.high), finding.unit and " ", finding.unit, finding.source
            ),
        )
        painter.drawText(QRectF(8, 54, wide - 16, 15), Qt.AlignmentFlag.AlignVCenter,
                         tr("What moves it: {}").format(finding.setting))
