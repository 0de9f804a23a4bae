"""Comparing: a snapshot laid over the picture with a line that is dragged, or the difference of both."""

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QImage, QPainter, QPen
from PyQt6.QtWidgets import QHBoxLayout, QPushButton, QWidget

from . import style

NEAR = 8
"""Pixels within which the line is taken."""
STRONGER = 4.0
"""Times a difference is shown stronger than it is."""


def difference(one, other):
    """How two pictures differ, on grey.

    Parameters
    ----------
    one, other : ndarray of uint8, shape (height, width, 3)

    Returns
    -------
    ndarray of uint8, shape (height, width, 3)
        Middle grey where they are the same; lighter where the first is, `STRONGER` times.
    """
    apart = (one.astype(np.float32) - other.astype(np.float32)) * STRONGER
    return np.clip(128.0 + apart, 0.0, 255.0).astype(np.uint8)


class CompareBar(QWidget):
    """Line or difference, and an end to it.

    Signals
    -------
    changed(str)
        "line" or "difference".
    ended()
    """

    changed = pyqtSignal(str)
    ended = pyqtSignal()

    def __init__(self, parent):
        super().__init__(parent)
        row = QHBoxLayout(self)
        row.setContentsMargins(6, 4, 6, 4)
        row.setSpacing(4)
        self.buttons = {}
        for key, text, sentence in (
            ("line", "Line", "The snapshot on the left of a line that can be dragged."),
            ("difference", "Difference", f"How the two differ, {STRONGER:g} times as strong, on grey."),
        ):
            button = QPushButton(text)
            button.setCheckable(True)
            button.setAutoExclusive(True)
            button.setToolTip(sentence)
            button.setAccessibleName(f"Compare by: {text}")
            button.clicked.connect(lambda _=False, k=key: self.changed.emit(k))
            self.buttons[key] = button
            row.addWidget(button)
        self.buttons["line"].setChecked(True)
        self.done = QPushButton("Done")
        self.done.setToolTip("Back to the present picture alone.")
        self.done.clicked.connect(self.ended)
        row.addWidget(self.done)
        self.adjustSize()
        self.hide()

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.with_alpha(style.GROUND, 200))
        painter.drawRoundedRect(QRectF(self.rect()), 6, 6)


class Comparison:
    """A snapshot laid over the picture.

    Parameters
    ----------
    name : str
        Of the snapshot.
    pixels : ndarray of uint8, shape (height, width, 3)

    Attributes
    ----------
    at : float
        Where the line stands, as a share of the width.
    by : str
        "line" or "difference".
    """

    def __init__(self, name, pixels):
        self.name, self.at, self.by = name, 0.5, "line"
        height, width = pixels.shape[:2]
        self._pixels = pixels
        self._image = QImage(pixels.tobytes(), width, height, 3 * width, QImage.Format.Format_RGB888).copy()
        self._made = None

    def takes(self, x, width):
        """Whether a press at some x takes the line.

        Returns
        -------
        bool
        """
        return self.by == "line" and abs(x - self.at * width) <= NEAR

    def paint(self, painter, size, shown):
        """Draw over the picture.

        Parameters
        ----------
        painter : QPainter
        size : QSize
        shown : QImage
            The present picture.
        """
        width, height = size.width(), size.height()
        whole = QRectF(0, 0, width, height)
        if self.by == "difference":
            painter.drawImage(whole, self._difference(shown))
            return
        line = self.at * width
        painter.save()
        painter.setClipRect(QRectF(0, 0, line, height))
        painter.drawImage(whole, self._image)
        painter.restore()
        painter.setPen(QPen(style.BARLEY, 1.5))
        painter.drawLine(QPointF(line, 0), QPointF(line, height))
        painter.setFont(style.text_font(12))
        for text, left in ((self.name, True), ("now", False)):
            wide = painter.fontMetrics().horizontalAdvance(text) + 14
            box = QRectF(line - wide - 6 if left else line + 6, height - 60, wide, 22)
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(style.with_alpha(style.GROUND, 190))
            painter.drawRoundedRect(box, 4, 4)
            painter.setPen(style.TEXT)
            painter.drawText(box, Qt.AlignmentFlag.AlignCenter, text)

    def _difference(self, shown):
        key = shown.cacheKey()
        if self._made is None or self._made[0] != key:
            there = shown.convertToFormat(QImage.Format.Format_RGB888)
            mine = self._image.scaled(there.size(), transformMode=Qt.TransformationMode.SmoothTransformation)
            apart = difference(_array(there), _array(mine.convertToFormat(QImage.Format.Format_RGB888)))
            height, width = apart.shape[:2]
            self._made = key, QImage(apart.tobytes(), width, height, 3 * width, QImage.Format.Format_RGB888).copy()
        return self._made[1]


def _array(image):
    bits = image.constBits()
    bits.setsize(image.sizeInBytes())
    lines = np.frombuffer(bits, np.uint8).reshape(image.height(), image.bytesPerLine())
    return lines[:, : 3 * image.width()].reshape(image.height(), image.width(), 3)
