"""Comparing: two pictures with a line that is dragged, side by side, or their difference."""

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QImage, QPainter, QPen
from PyQt6.QtWidgets import QComboBox, QHBoxLayout, QPushButton, QWidget

from .. import style
from ..words import tr
from .pixels import image_of_pixels, pixels_of

NEAR = 8
"""Pixels within which the line, or a mark, is taken."""
UNDER_BAR = 108
"""Row below the bar, pixels."""
STRONGER = 4.0
"""Times a difference is shown stronger than it is."""
NOW = "now"


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


def edge_of(inside, colour):
    """The edge of an area.

    Parameters
    ----------
    inside : ndarray of bool, shape (height, width)
    colour : sequence of int, length 4
        Red, green, blue and opacity, 0 to 255.

    Returns
    -------
    ndarray of uint8, shape (height, width, 4)
        Two pixels wide; elsewhere transparent.
    """
    edge = np.zeros(inside.shape, bool)
    edge[1:] |= inside[1:] != inside[:-1]
    edge[:, 1:] |= inside[:, 1:] != inside[:, :-1]
    edge[:-1] |= edge[1:]
    edge[:, :-1] |= edge[:, 1:]
    return np.where(edge[..., None], np.array(colour, np.uint8), np.uint8(0))


def matched(marks, span, height):
    """Where a photograph has to lie so that its cloud is as large as another.

    Parameters
    ----------
    marks : (float, float)
        Top and base of its cloud, in heights of the photograph from above.
    span : (float, float)
        Rows of the other's top and base, pixels.
    height : float
        Of the photograph, pixels.

    Returns
    -------
    scale, top : float
        Pixels of the screen for one of the photograph, and the row of its upper edge.
    """
    scale = (span[1] - span[0]) / max((marks[1] - marks[0]) * height, 1e-6)
    return scale, span[0] - marks[0] * height * scale


class CompareBar(QWidget):
    """What lies on either side, how they are compared, and an end to it.

    Signals
    -------
    changed(str)
        "line", "beside", "difference" or "outlines".
    sides(str, str)
        Keys of what is wanted on the left and on the right.
    ended()
    """

    changed = pyqtSignal(str)
    sides = pyqtSignal(str, str)
    ended = pyqtSignal()

    def __init__(self, parent):
        super().__init__(parent)
        row = QHBoxLayout(self)
        row.setContentsMargins(6, 4, 6, 4)
        row.setSpacing(4)
        self.left, self.right = QComboBox(), QComboBox()
        for box, side in ((self.left, tr("left")), (self.right, tr("right"))):
            box.setAccessibleName(tr("On the {}").format(side))
            box.setToolTip(tr("What is seen on the {}: a snapshot, a photograph, or the present picture.").format(side))
            box.setMinimumContentsLength(9)
            box.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
            box.activated.connect(lambda _n: self.sides.emit(self.left.currentData(), self.right.currentData()))
        row.addWidget(self.left)
        self.buttons = {}
        for key, text, sentence in (
            ("line", "Line", tr("One on the left of a line that can be dragged, the other on its right.")),
            ("beside", "Beside", tr("Both whole clouds side by side, as large as each other; drag the marks on a photograph to the "
                                 "top and the base of its cloud.")),
            ("difference", "Difference", tr("How the two differ, {:g} times as strong, on grey.").format(STRONGER)),
            ("outlines", "Outlines", tr("The outline that was read in a photograph over that of the cloud, and their likeness.")),
        ):
            button = QPushButton(tr(text))
            button.setCheckable(True)
            button.setAutoExclusive(True)
            button.setToolTip(sentence)
            button.setAccessibleName(tr("Compare by: {}").format(tr(text)))
            button.clicked.connect(lambda _=False, k=key: self.changed.emit(k))
            self.buttons[key] = button
            row.addWidget(button)
        self.buttons["line"].setChecked(True)
        row.addWidget(self.right)
        self.done = QPushButton(tr("Done"))
        self.done.setToolTip(tr("Back to the present picture alone."))
        self.done.clicked.connect(self.ended)
        row.addWidget(self.done)
        self.adjustSize()
        self.hide()

    def show_sides(self, options, left, right, by):
        """Offer what can be compared.

        Parameters
        ----------
        options : list of (str, str)
            Keys and names.
        left, right : str
            Keys of the two that are.
        by : str
        """
        for box, key in ((self.left, left), (self.right, right)):
            box.clear()
            for option, name in options:
                box.addItem(name, option)
            box.setCurrentIndex(box.findData(key))
        self.buttons[by].setChecked(True)
        self.adjustSize()

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.with_alpha(style.GROUND, 200))
        painter.drawRoundedRect(QRectF(self.rect()), 6, 6)


class Side:
    """A picture to compare.

    Parameters
    ----------
    name : str
    image : QImage or None
        None for the present picture, whatever it is.
    span : (float, float), optional
        Top and base of its cloud, in heights of the picture from above.
    number : int, optional
        Of a photograph among the mound's.
    outline : QImage, optional
        Of a photograph that was read: opaque where its cloud is.
    wide : float, optional
        Its width in widths of the picture, if it is seen as it was taken.
    """

    def __init__(self, name, image=None, span=(0.15, 0.85), number=None, outline=None, wide=None):
        self.name, self.image, self.span, self.number, self.outline, self.wide = name, image, span, number, outline, wide

    @property
    def photograph(self):
        """Whether it is one.

        Returns
        -------
        bool
        """
        return self.number is not None


class Comparison:
    """Two pictures in place of the present one.

    Parameters
    ----------
    left, right : Side
    by : str, optional
        "line", "beside", "difference" or "outlines".
    sides : callable, optional
        Called with the keys of two others that are to be compared.
    ended : callable, optional
        Called when nothing is to be compared any more.

    Attributes
    ----------
    at : float
        Where the line stands, as a share of the width.
    said : str
        What is written below outlines.
    """

    def __init__(self, left, right, by="line", sides=lambda left, right: None, ended=lambda: None):
        self.left, self.right, self.at, self.by = left, right, 0.5, by
        self.said = ""
        self.sides, self.ended = sides, ended
        self._made = self._mark = None
        self._edges = {}

    @property
    def name(self):
        """Of what is on the left.

        Returns
        -------
        str
        """
        return self.left.name

    def takes(self, at, size):
        """Whether a press somewhere takes the line or a mark.

        Parameters
        ----------
        at : QPointF
        size : QSize

        Returns
        -------
        bool
        """
        self._mark = None
        if self.by == "line":
            return abs(at.x() - self.at * size.width()) <= NEAR
        if self.by == "beside":
            for side, box, rows in self._halves(size):
                if side.photograph and box.contains(at):
                    near = [abs(row - at.y()) for row in rows]
                    if min(near) <= NEAR:
                        self._mark = side, int(np.argmin(near)), side.span, self._frame(side, box, size)
                        return True
        return False

    def drag(self, at, size):
        """The hand moves what it took.

        Parameters
        ----------
        at : QPointF
        size : QSize
        """
        if self._mark is None:
            self.at = min(max(at.x() / size.width(), 0.0), 1.0)
            return
        # The photograph lies still until the hand lets go, though its size follows the marks.
        side, which, span, frame = self._mark
        share = min(max((at.y() - frame.top()) / frame.height(), 0.0), 1.0)
        top, base = span
        side.span = (min(share, base - 0.02), base) if which == 0 else (top, max(share, top + 0.02))

    def released(self):
        """The side whose marks were moved, once; else None.

        Returns
        -------
        Side or None
        """
        mark, self._mark = self._mark, None
        return None if mark is None else mark[0]

    def _rows(self, size):
        """Top and base that both clouds are to have."""
        of = self.right if self.left.photograph or not self.right.photograph else self.left
        return of.span[0] * size.height(), of.span[1] * size.height()

    def _halves(self, size):
        middle = size.width() / 2
        for side, box in ((self.left, QRectF(0, 0, middle, size.height())), (self.right, QRectF(middle, 0, middle, size.height()))):
            if self._mark is not None and self._mark[0] is side:
                frame = self._mark[3]
                yield side, box, [frame.top() + share * frame.height() for share in side.span]
            else:
                yield side, box, self._rows(size)

    def _frame(self, side, box, size, image=None):
        """Where the whole picture of a side lies."""
        if self._mark is not None and self._mark[0] is side:
            return self._mark[3]
        image = side.image if image is None else image
        if not side.photograph:
            frame = QRectF(0, 0, size.width(), size.height())
            frame.moveCenter(QPointF(box.center().x(), size.height() / 2))
            return frame
        scale, top = matched(side.span, self._rows(size), image.height())
        frame = QRectF(0, top, image.width() * scale, image.height() * scale)
        frame.moveCenter(QPointF(box.center().x(), frame.center().y()))
        return frame

    def paint(self, painter, size, shown, cloud):
        """Draw over the picture.

        Parameters
        ----------
        painter : QPainter
        size : QSize
        shown, cloud : QImage
            The present picture, and with the cloud's opacity.
        """
        images = [side.image or shown for side in (self.left, self.right)]
        whole = QRectF(0, 0, size.width(), size.height())
        if self.by == "difference":
            painter.drawImage(whole, self._difference(*images))
            return
        if self.by == "outlines":
            self._paint_outlines(painter, whole, shown, cloud)
            return
        line = (self.at if self.by == "line" else 0.5) * size.width()
        boxes = (QRectF(0, 0, line, size.height()), QRectF(line, 0, size.width() - line, size.height()))
        for side, image, box in zip((self.left, self.right), images, boxes):
            painter.save()
            painter.setClipRect(box)
            painter.fillRect(box, style.GROUND)
            if self.by == "line":
                painter.drawImage(self._whole(side, image, whole) if side.photograph else whole, image)
            else:
                painter.drawImage(self._frame(side, box, size, image), image)
            painter.restore()
        if self.by == "beside":
            for side, box, rows in self._halves(size):
                if side.photograph:
                    painter.setPen(QPen(style.BARLEY, 1.2, Qt.PenStyle.DashLine))
                    for row in rows:
                        painter.drawLine(QPointF(box.left() + 6, row), QPointF(box.right() - 6, row))
        painter.setPen(QPen(style.BARLEY, 1.5))
        painter.drawLine(QPointF(line, 0), QPointF(line, size.height()))
        painter.setFont(style.text_font(12))
        for text, left in ((self.left.name, True), (self.right.name, False)):
            wide = painter.fontMetrics().horizontalAdvance(text) + 14
            box = QRectF(line - wide - 6 if left else line + 6, size.height() - 60, wide, 22)
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(style.with_alpha(style.GROUND, 190))
            painter.drawRoundedRect(box, 4, 4)
            painter.setPen(style.TEXT)
            painter.drawText(box, Qt.AlignmentFlag.AlignCenter, text)

    @staticmethod
    def _whole(side, image, whole):
        """A photograph as it was taken, else as large as the picture lets it be."""
        scale = min(whole.width() / image.width(), whole.height() / image.height())
        if side.wide is not None:
            # What a camera sees grows with the wider side of a film of 3 to 2.
            scale = side.wide * max(whole.width(), 1.5 * whole.height()) / image.width()
        box = QRectF(0, 0, image.width() * scale, image.height() * scale)
        box.moveCenter(whole.center())
        return box

    def _paint_outlines(self, painter, whole, shown, cloud):
        """Both outlines over the picture, that of the photograph in barley."""
        painter.drawImage(whole, shown)
        painter.fillRect(whole, style.with_alpha(style.GROUND, 110))
        for side in (self.left, self.right):
            if side.outline is not None:
                self._draw_edge(painter, side.name, side.outline, self._whole(side, side.outline, whole), style.BARLEY)
        self._draw_edge(painter, NOW, cloud, whole, style.BLUE)
        painter.setFont(style.text_font(13))
        parts = [(f"{side.name}   ", style.BARLEY if side.outline is not None else style.BLUE) for side in (self.left, self.right)]
        parts.append((self.said, style.TEXT))
        wide = [painter.fontMetrics().horizontalAdvance(words) for words, _ in parts]
        box = QRectF((whole.width() - sum(wide)) / 2 - 12, UNDER_BAR, sum(wide) + 24, 26)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.with_alpha(style.GROUND, 210))
        painter.drawRoundedRect(box, 6, 6)
        at = box.left() + 12
        for (words, colour), width in zip(parts, wide):
            painter.setPen(colour)
            painter.drawText(QRectF(at, box.top(), width + 1, box.height()), Qt.AlignmentFlag.AlignVCenter, words)
            at += width

    def _draw_edge(self, painter, name, image, box, colour):
        """Draw where the opacity of an image passes through half, as thick as two pixels of the screen."""
        size = max(1, round(box.width())), max(1, round(box.height()))
        key = image.cacheKey(), size, colour.rgb()
        if self._edges.get(name, (None,))[0] != key:
            small = image.scaled(*size, transformMode=Qt.TransformationMode.SmoothTransformation)
            self._edges[name] = key, image_of_pixels(edge_of(pixels_of(small, opacity=True)[..., 3] > 127, colour.getRgb()), True)
        painter.drawImage(box.topLeft(), self._edges[name][1])

    def _difference(self, one, other):
        key = one.cacheKey(), other.cacheKey()
        if self._made is None or self._made[0] != key:
            there, mine = other, one.scaled(other.size(), transformMode=Qt.TransformationMode.SmoothTransformation)
            apart = difference(pixels_of(there), pixels_of(mine))
            height, width = apart.shape[:2]
            self._made = key, QImage(apart.tobytes(), width, height, 3 * width, QImage.Format.Format_RGB888).copy()
        return self._made[1]
