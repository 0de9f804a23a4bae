"""From a photograph: outline, horizon, base and sun of its cloud, read by themselves, put right by hand, and blocked in."""

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, QSize, Qt, QTimer, pyqtSignal
from PyQt6.QtGui import QIcon, QPainter, QPen, QPixmap
from PyQt6.QtWidgets import QButtonGroup, QDialog, QHBoxLayout, QPushButton, QVBoxLayout, QWidget

from ...core.engine.background import Job
from ...core.photograph.blocking import Asked, blocked_in
from ...core.photograph.making import reference_of
from ...core.photograph.outline import ALONG, CLOUD, SKY
from ...core.photograph.reading import Photograph, found_in, reading_of, smaller
from ...core.photograph.sunlight import Lit
from ...core.problems import Problem
from ...core.recipe.models import Reading
from .. import style
from ..fields.controls import NumberField, Row, text_label
from ..fields.part_fields import PartFields
from ..view.comparing import edge_of
from ..view.pixels import image_of_pixels
from ..words import counted, tr
from ..work.relay import Relay
from .asking import asking

SUN_PICTURE = (84, 54)
OUTSIDE = 12, 14, 16, 120
"""Colour and opacity of what darkens a photograph outside its cloud."""
PAUSE = 350
"""Milliseconds the hand rests before the cloud is blocked in anew."""
NEAR = 6
"""Pixels within which a line is taken."""
TOOLS = (("pick", "Pick clouds", "Click a cloud to have it, or not."),
         ("cloud", "Cloud", "Paint over what is cloud: what looks alike follows."),
         ("sky", "Sky", "Paint over what is sky: what looks alike follows."))
_SAYS = {"cloud": CLOUD, "sky": SKY}


class OutlineCanvas(QWidget):
    """The photograph with its outline, horizon and base, under a brush.

    Parameters
    ----------
    pixels : ndarray of uint8, shape (rows, columns, 3)

    Attributes
    ----------
    tool : str
        Of `TOOLS`.
    radius : float
        Of the brush, in widths of the photograph.
    brushed : ndarray of uint8, shape (rows, columns)
        What it said.

    Signals
    -------
    painted()
        A stroke has ended.
    picked(float, float)
        A click, in shares of the photograph.
    drawn(str, float, bool)
        "horizon" or "base" was dragged to a height; True while the hand moves.
    """

    painted = pyqtSignal()
    picked = pyqtSignal(float, float)
    drawn = pyqtSignal(str, float, bool)

    def __init__(self, pixels):
        super().__init__()
        self.setMinimumSize(480, 320)
        self.setMouseTracking(True)
        self.setAccessibleName(tr("Photograph and the outline of its cloud"))
        self._image, self._over = image_of_pixels(pixels), None
        self.brushed = np.zeros(pixels.shape[:2], np.uint8)
        self.tool, self.radius, self._line, self._at, self._painting = "pick", 0.03, None, None, False
        self._reading = None

    def show_lines(self, reading):
        """Show horizon and base.

        Parameters
        ----------
        reading : Reading or None
        """
        self._reading = reading
        self.update()

    def show_mask(self, mask):
        """Show an outline, and darken what is outside.

        Parameters
        ----------
        mask : ndarray of bool, shape (rows, columns)
        """
        # Of a small photograph the line would be as coarse as its pixels.
        mask = np.kron(mask, np.ones((max(1, ALONG // max(mask.shape)),) * 2, bool))
        edge = edge_of(mask, style.BARLEY.getRgb())
        over = np.where(mask[..., None] | (edge[..., 3:] > 0), edge, np.array(OUTSIDE, np.uint8))
        self._over = image_of_pixels(over, opacity=True)
        self.update()

    def box(self):
        """Where the photograph lies: QRectF."""
        size = self._image.size().scaled(self.size(), Qt.AspectRatioMode.KeepAspectRatio)
        box = QRectF(0, 0, size.width(), size.height())
        box.moveCenter(QRectF(self.rect()).center())
        return box

    def _share(self, at):
        box = self.box()
        return (at.x() - box.left()) / box.width(), (at.y() - box.top()) / box.height()

    def _line_at(self, at):
        """The line under the pointer, or None."""
        for name in ("base", "horizon"):
            height = getattr(self._reading, name, None)
            if height is not None and abs(self.box().top() + height * self.box().height() - at.y()) <= NEAR:
                return name
        return None

    def mousePressEvent(self, event):
        if event.button() != Qt.MouseButton.LeftButton:
            return
        self._line = self._line_at(event.position()) if self.tool == "pick" else None
        if self._line is None and self.tool == "pick":
            self.picked.emit(*self._share(event.position()))
        elif self._line is None:
            self._painting = True
            self._dab(event.position())

    def mouseMoveEvent(self, event):
        self._at = event.position()
        if self._line is not None:
            self.drawn.emit(self._line, self._share(self._at)[1], True)
        elif self._painting:
            self._dab(self._at)
        elif self.tool == "pick":
            self.setCursor(Qt.CursorShape.SplitVCursor if self._line_at(self._at) else Qt.CursorShape.PointingHandCursor)
        else:
            self.setCursor(Qt.CursorShape.CrossCursor)
        self.update()

    def mouseReleaseEvent(self, event):
        if self._line is not None:
            self.drawn.emit(self._line, self._share(event.position())[1], False)
            self._line = None
        elif self._painting:
            self._painting = False
            self.painted.emit()

    def leaveEvent(self, _event):
        self._at = None
        self.update()

    def _dab(self, at):
        rows, columns = self.brushed.shape
        across, down = self._share(at)
        y, x = np.ogrid[:rows, :columns]
        inside = (x + 0.5 - across * columns) ** 2 + (y + 0.5 - down * rows) ** 2 <= (self.radius * columns) ** 2
        self.brushed[inside] = _SAYS[self.tool]
        self.update()

    def paintEvent(self, _event):
        painter, box = QPainter(self), self.box()
        painter.fillRect(self.rect(), style.GROUND)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.drawImage(box, self._image)
        if self._over is not None:
            painter.drawImage(box, self._over)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setFont(style.text_font(12))
        for name, words, colour in (("horizon", tr("horizon"), style.BLUE), ("base", tr("base"), style.BARLEY)):
            height = getattr(self._reading, name, None)
            if height is not None and 0.0 <= height <= 1.0:
                row = box.top() + height * box.height()
                painter.setPen(QPen(colour, 1.4, Qt.PenStyle.DashLine))
                painter.drawLine(QPointF(box.left(), row), QPointF(box.right(), row))
                label = QRectF(box.left() + 8, row - 20, painter.fontMetrics().horizontalAdvance(words) + 10, 17)
                painter.setPen(Qt.PenStyle.NoPen)
                painter.setBrush(style.with_alpha(style.GROUND, 190))
                painter.drawRoundedRect(label, 4, 4)
                painter.setPen(colour)
                painter.drawText(label, Qt.AlignmentFlag.AlignCenter, words)
        if self._painting:
            colours = np.array([(0, 0, 0, 0), *((*style.with_alpha(one, 110).getRgb(),) for one in (style.BARLEY, style.BLUE))])
            said = colours.astype(np.uint8)[self.brushed]
            painter.drawImage(box, image_of_pixels(said, opacity=True))
        if self._at is not None and self.tool != "pick":
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.setPen(QPen(style.TEXT, 1.3))
            painter.drawEllipse(self._at, self.radius * box.width(), self.radius * box.width())


class ReadingDialog(QDialog):
    """Reads a photograph, and blocks in its cloud.

    Parameters
    ----------
    reference : Reference
        The photograph; what was read in it before is where it begins.
    focal : float, optional
        Of its lens, where the file says so.
    parent : QWidget, optional

    Attributes
    ----------
    mound : Mound or None
        What was blocked in, with the photograph, once it was asked for.
    """

    explained = "lessons/10_photograph"

    def __init__(self, reference, focal=None, parent=None):
        super().__init__(parent)
        self.setWindowTitle(tr("From a photograph"))
        self.resize(1120, 720)
        self._name, self._pixels, self._focal = reference.name, reference.picture["pixels"], focal
        self._small = smaller(self._pixels)
        self._labels, self._horizon, self._clouds, self.mound = None, None, {1}, None
        self._reading, self._blocked, self._job = reference.reading, None, None
        self._lit, self._chosen, self._wanted = [], 0, False
        self._relay = Relay()
        self._pause = QTimer(self, singleShot=True, interval=PAUSE)
        self._pause.timeout.connect(self._block_in)
        body = QHBoxLayout()
        self.canvas = OutlineCanvas(self._small)
        self.canvas.painted.connect(self._find)
        self.canvas.picked.connect(self._pick)
        self.canvas.drawn.connect(lambda name, height, moving: self._change(name, round(min(max(height, 0.0), 1.0), 4), moving))
        body.addWidget(self.canvas, 1)
        body.addWidget(self._column())
        layout = QVBoxLayout(self)
        layout.setContentsMargins(18, 16, 18, 14)
        layout.addLayout(body, 1)
        self.said = text_label("")
        foot = QHBoxLayout()
        foot.addWidget(self.said, 1)
        self.take = QPushButton(tr("Block it in"))
        self.take.setObjectName("main")
        self.take.setDefault(True)
        self.take.clicked.connect(self._take)
        close = QPushButton(tr("Close"))
        close.clicked.connect(self.reject)
        foot.addWidget(self.take)
        foot.addWidget(close)
        layout.addLayout(foot)
        if self._reading is None:
            self._find()
        else:
            self._labels, self._horizon = (self._reading.outline["pixels"] > 127).astype(np.uint8), self._reading.horizon
            self.canvas.show_mask(self._labels > 0)
            self._show()
            self._later()

    def _column(self):
        column = QVBoxLayout()
        column.addWidget(text_label(tr("Outline"), "title"))
        self.tools, group = {}, QButtonGroup(self)
        for key, words, sentence in TOOLS:
            button = QPushButton(tr(words))
            button.setCheckable(True)
            button.setChecked(key == "pick")
            button.setToolTip(tr(sentence))
            button.clicked.connect(lambda _=False, k=key: setattr(self.canvas, "tool", k))
            group.addButton(button)
            self.tools[key] = button
        column.addWidget(Row(*self.tools.values()))
        self.brush = NumberField(tr("Brush"), 0.5, 20.0, 3.0, "%", tr("Radius, in hundredths of the photograph's width."), "log")
        self.brush.changed.connect(lambda value, _moving: setattr(self.canvas, "radius", value / 100.0))
        column.addWidget(self.brush)
        self.forget = QPushButton(tr("Forget the brush"))
        self.forget.setToolTip(tr("The outline as it is found by itself."))
        self.forget.clicked.connect(self._forget)
        column.addWidget(Row(self.forget))
        column.addWidget(text_label(tr("Camera and cloud"), "title"))
        self.fields = PartFields(Reading, Reading.rows)
        self.fields.changed.connect(self._change)
        self.fields.setEnabled(False)
        column.addWidget(self.fields)
        column.addWidget(text_label(tr("Sun"), "title"))
        self.suns = []
        for number in range(3):
            button = QPushButton()
            button.setCheckable(True)
            button.setAutoExclusive(True)
            button.setIconSize(QSize(*SUN_PICTURE))
            button.setAccessibleName(tr("Sun {}").format(number + 1))
            button.setVisible(False)
            button.clicked.connect(lambda _=False, n=number: setattr(self, "_chosen", n))
            button.setStyleSheet("padding: 3px;")
            self.suns.append(button)
        column.addWidget(Row(*self.suns))
        self.sun_said = text_label(tr("Looked for once the cloud is blocked in: three proposals, the likeliest first."))
        column.addWidget(self.sun_said)
        column.addStretch()
        column.setContentsMargins(6, 0, 0, 0)
        side = QWidget()
        side.setLayout(column)
        side.setFixedWidth(300)
        return side

    # -- reading --------------------------------------------------------------------------------

    def _find(self):
        """Find the outline anew, with what the brush said."""
        brushed = self.canvas.brushed.copy() if self.canvas.brushed.any() else None
        small = self._small
        self._begin(lambda ticket: found_in(small, brushed), self._found, tr("Finding the cloud…"))

    def _found(self, found):
        self._labels, self._horizon = found.clouds, found.horizon
        self._clouds = {n for n in self._clouds if n <= self._labels.max()} or {1}
        self._read()

    def _forget(self):
        self.canvas.brushed[:] = 0
        self._clouds = {1}
        self._find()

    def _pick(self, across, down):
        if self._labels is None or not (0.0 <= across < 1.0 and 0.0 <= down < 1.0):
            return
        rows, columns = self._labels.shape
        number = int(self._labels[int(down * rows), int(across * columns)])
        if number:
            self._clouds ^= {number}
            self._read()

    def _read(self):
        mask, before = np.isin(self._labels, sorted(self._clouds)), self._reading
        try:
            reading = reading_of(mask, self._horizon, self._focal)
        except Problem as problem:
            self._reading, self._wanted = None, False
            self.canvas.show_mask(mask)
            self.canvas.show_lines(None)
            self.said.setText(tr(problem.sentence))
            self._stop()
            return
        # What was set by hand stays.
        self._reading = reading if before is None else before.edited(outline=reading.outline)
        self.canvas.show_mask(mask)
        self._show()
        self._later()

    def _show(self):
        self.canvas.show_lines(self._reading)
        self.fields.setEnabled(True)
        self.fields.show_part(self._reading)

    def _change(self, field, value, moving=False):
        if self._reading is None:
            return
        self._reading = self._reading.edited(**{field: value})
        self._show()
        self._later()

    # -- blocking in ----------------------------------------------------------------------------

    def _later(self):
        self._stop()
        self._blocked, self._lit, self._chosen = None, [], 0
        for button in self.suns:
            button.hide()
        self.sun_said.show()
        self._pause.start()

    def _block_in(self):
        photograph = Photograph(self._pixels, self._reading)
        name, told = self._name, self._relay.to(self._told)

        def work(ticket):
            asked = Asked(photograph.reading.span, photograph.reading.flat)
            mound, overlap = blocked_in(photograph.mask, photograph.standing, name, asked, ticket, until=0.3)
            told(job, mound, overlap)
            lit = Lit(photograph, mound, ticket)
            return [(sun, lit.under(sun.azimuth, sun.elevation)) for sun in lit.suns(since=0.3)]

        job = self._begin(work, self._sunlit, tr("Blocking it in…"))

    def _told(self, job, mound, overlap):
        if job is self._job:
            self._blocked = mound
            self.said.setText(counted("Blocked in: {} form, {:.0f} % of both outlines in common. Looking for the sun…",
                                      "Blocked in: {} forms, {:.0f} % of both outlines in common. Looking for the sun…",
                                      len(mound.mass.forms)).format(len(mound.mass.forms), 100 * overlap))
            if self._wanted:
                self._accept()

    def _sunlit(self, lit):
        self._lit = lit
        for number, (button, (sun, _)) in enumerate(zip(self.suns, lit)):
            button.setIcon(QIcon(QPixmap.fromImage(image_of_pixels(sun.pixels))))
            button.setToolTip(tr("Azimuth {:.0f}°, elevation {:.0f}°: explains {:.0f} % of the photograph's light.").format(
                sun.azimuth % 360.0, sun.elevation, 100 * max(sun.alike, 0.0)))
            button.setChecked(number == 0)
            button.show()
        self.sun_said.hide()
        self.said.setText(tr("Choose the sun that fits, then block it in."))

    def _take(self):
        """Accept now, or as soon as there is something to accept."""
        self._wanted = self._reading is not None or self._job is not None
        if self._blocked is not None:
            self._accept()

    def _accept(self):
        mound = self._lit[self._chosen][1] if self._lit else self._blocked
        photograph = Photograph(self._pixels, self._reading)
        self.mound = mound.edited(references=(reference_of(photograph, self._name),))
        self.accept()

    # -- work -----------------------------------------------------------------------------------

    def _begin(self, work, done, words):
        self._stop()
        self.said.setText(words)
        ended = self._relay.to(lambda job: self._ended(job, done))
        self._job = Job(work, lambda share, said: None, ended)
        return self._job.start()

    def _ended(self, job, done):
        if job is not self._job:
            return
        self._job = None
        if job.problem:
            self.said.setText(tr(job.problem))
        elif not job.stopped:
            done(job.result)

    def _stop(self):
        self._pause.stop()
        if self._job is not None:
            self._job.stop()
            self._job = None

    def done(self, result):
        job = self._job
        self._stop()
        self._relay.close()
        if job is not None:
            job.wait()
        super().done(result)


def asked_mound_of(reference, focal, parent):
    """Let a photograph be read, and return the mound that is blocked in by it.

    Parameters
    ----------
    reference : Reference
    focal : float or None
        Of its lens, millimetres.
    parent : QWidget

    Returns
    -------
    Mound or None
    """
    with asking(ReadingDialog(reference, focal, parent)) as dialog:
        dialog.exec()
        return dialog.mound
