"""A bar of a round length on the picture, with figures for scale standing on it."""

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainterPath, QPen, QPolygonF

from .. import style
from ..fields.figures import figure
from ..fields.lengths import length, nice, unit
from ..words import tr
from .overlays import nice_step

FIGURES = ((1.8, "person"), (9.0, "house"), (60.0, "tower"))
"""Heights in metres."""
WIDEST = 190.0
"""Pixels of the bar, at most."""
SMALLEST, TALLEST = 5.0, 90.0
"""Pixels of a figure that is shown."""


def length_text(metres):
    """A length in the metric unit in which it is short, or in the unit that the artist reads.

    Parameters
    ----------
    metres : float

    Returns
    -------
    str
    """
    if unit() != "m":
        return length(metres)
    return tr("{} km").format(figure(metres / 1000.0)) if metres >= 1000.0 else (
        f"{figure(metres)} m" if metres >= 1.0 else tr("{} cm").format(figure(100.0 * metres)))


def bar_of(per_metre):
    """Length of the bar, and what stands on it.

    Parameters
    ----------
    per_metre : float
        Pixels.

    Returns
    -------
    metres : float
    standing : list of (float, str)
        Figures that are neither too small to be seen nor too tall.
    """
    metres = nice(WIDEST / per_metre * 0.6, nice_step)
    standing = [f for f in FIGURES if SMALLEST <= f[0] * per_metre <= TALLEST]
    return metres, standing


def room_of(left, bottom, per_metre):
    """Where the bar and what stands on it are drawn.

    Parameters
    ----------
    left, bottom : float
        Pixels of its left end.
    per_metre : float

    Returns
    -------
    QRectF
        Without the label at its right end.
    """
    metres, standing = bar_of(per_metre)
    high = max([size * per_metre for size, _ in standing], default=0.0) + 8.0
    return QRectF(left, bottom - high, metres * per_metre, high + 6.0)


def paint(painter, left, bottom, per_metre):
    """Draw the bar.

    Parameters
    ----------
    painter : QPainter
    left, bottom : float
        Pixels of its left end.
    per_metre : float
        Pixels of a metre at the target's distance.
    """
    metres, standing = bar_of(per_metre)
    wide = metres * per_metre
    text = length_text(metres)
    painter.setFont(style.text_font(11))
    for pen in (QPen(style.with_alpha(style.GROUND, 150), 4.0), QPen(style.TEXT, 1.5)):
        painter.setPen(pen)
        painter.drawLine(QPointF(left, bottom), QPointF(left + wide, bottom))
        for x in (left, left + wide):
            painter.drawLine(QPointF(x, bottom - 4), QPointF(x, bottom + 4))
    label = QRectF(left + wide + 8, bottom - 9, painter.fontMetrics().horizontalAdvance(text) + 12, 18)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(style.with_alpha(style.GROUND, 140))
    painter.drawRoundedRect(label, 4, 4)
    painter.setPen(style.TEXT)
    painter.drawText(label, Qt.AlignmentFlag.AlignCenter, text)
    x = left + 8.0
    for size, name in standing:
        tall = size * per_metre
        shape = figure_path(name, QPointF(x + _half_width(name) * tall, bottom - 2), tall)
        painter.setPen(QPen(style.with_alpha(style.GROUND, 170), 1.6))
        painter.setBrush(style.TEXT)
        painter.drawPath(shape)
        x += 2 * _half_width(name) * tall + 8.0


def _half_width(name):
    return {"person": 0.14, "house": 0.62, "tower": 0.12}[name]


def figure_path(name, foot, tall):
    """Outline of a figure for scale.

    Parameters
    ----------
    name : str
        "person", "house" or "tower".
    foot : QPointF
        Middle of its foot.
    tall : float
        Pixels.

    Returns
    -------
    QPainterPath
    """
    path = QPainterPath()
    path.setFillRule(Qt.FillRule.WindingFill)
    x, y = foot.x(), foot.y()
    if name == "person":
        path.addEllipse(QPointF(x, y - 0.88 * tall), 0.1 * tall, 0.12 * tall)
        path.addRoundedRect(QRectF(x - 0.13 * tall, y - 0.74 * tall, 0.26 * tall, 0.74 * tall), 0.1 * tall, 0.1 * tall)
    elif name == "house":
        path.addRect(QRectF(x - 0.5 * tall, y - 0.55 * tall, tall, 0.55 * tall))
        path.addPolygon(QPolygonF([QPointF(x - 0.62 * tall, y - 0.55 * tall), QPointF(x, y - tall),
                                   QPointF(x + 0.62 * tall, y - 0.55 * tall)]))
    else:
        path.addPolygon(QPolygonF([QPointF(x - 0.12 * tall, y), QPointF(x - 0.08 * tall, y - 0.8 * tall),
                                   QPointF(x, y - tall), QPointF(x + 0.08 * tall, y - 0.8 * tall),
                                   QPointF(x + 0.12 * tall, y)]))
    return path
