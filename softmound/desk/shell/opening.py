"""What is seen while the application is being read: a card with its mark and the name of what it opens."""

import os
import pathlib
import sys

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPen, QPixmap
from PyQt6.QtWidgets import QApplication, QLabel

from ...core.problems import Problem
from .. import style
from ..words import tr

WIDTH, HEIGHT = 440, 150
LUMPS = ((42, 72, 16), (62, 54, 22), (86, 68, 18))
"""Of the mark: places and radii in a square of 128, over the line of their base."""
BASE = 88


def begun(mound=None):
    """Begin the application and show the card.

    Parameters
    ----------
    mound : path-like, optional
        What is opened.

    Returns
    -------
    (QApplication, QLabel)

    Raises
    ------
    Problem
        If there is no screen.
    """
    if not (os.environ.get("DISPLAY") or os.environ.get("WAYLAND_DISPLAY") or "QT_QPA_PLATFORM" in os.environ):
        raise Problem(tr("There is no screen to open on; start it from a desktop session."))
    application = QApplication(sys.argv[:1])
    application.setApplicationName("Soft Mound")
    application.setDesktopFileName("softmound")
    style.dress(application)
    card = QLabel()
    card.setWindowFlags(Qt.WindowType.SplashScreen | Qt.WindowType.FramelessWindowHint)
    card.setAccessibleName("Soft Mound")
    card.setPixmap(_drawn(pathlib.Path(mound).stem.replace("_", " ") if mound else "", application.devicePixelRatio()))
    card.adjustSize()
    card.move(application.primaryScreen().availableGeometry().center() - card.rect().center())
    card.show()
    application.processEvents()
    return application, card


def _drawn(name, ratio):
    """The card's picture."""
    pixmap = QPixmap(round(WIDTH * ratio), round(HEIGHT * ratio))
    pixmap.setDevicePixelRatio(ratio)
    pixmap.fill(style.PANEL)
    painter = QPainter(pixmap)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setPen(QPen(style.LINE, 1))
    painter.drawRect(QRectF(0.5, 0.5, WIDTH - 1, HEIGHT - 1))
    painter.save()
    painter.translate(14, 11)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(style.TEXT if style.PANEL.lightness() < 128 else style.FAINT)
    painter.setClipRect(QRectF(0, 0, 128, BASE - 3))
    for x, y, radius in LUMPS:
        painter.drawEllipse(QPointF(x, y), radius, radius)
    painter.drawRoundedRect(QRectF(30, 68, 70, BASE - 60), 6, 6)
    painter.setClipping(False)
    painter.setPen(QPen(style.BARLEY, 3, Qt.PenStyle.SolidLine, Qt.PenCapStyle.RoundCap))
    painter.drawLine(22, BASE, 106, BASE)
    painter.restore()
    painter.setPen(style.TEXT)
    painter.setFont(style.text_font(24, 500))
    painter.drawText(QRectF(144, 44, WIDTH - 160, 34), Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter, "Soft Mound")
    painter.setPen(style.QUIET)
    painter.setFont(style.text_font(14))
    said = painter.fontMetrics().elidedText(name, Qt.TextElideMode.ElideRight, WIDTH - 170)
    painter.drawText(QRectF(145, 80, WIDTH - 160, 24), Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter, said)
    painter.end()
    return pixmap
