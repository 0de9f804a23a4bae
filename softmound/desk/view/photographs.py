"""Reference photographs on the picture, and their numbers."""

import pathlib
from functools import lru_cache

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QImage, QPainter, QPen
from PyQt6.QtWidgets import (
    QButtonGroup,
    QDialog,
    QDialogButtonBox,
    QFileDialog,
    QPushButton,
    QVBoxLayout,
)

from ...core.exchange.foreign import read_focal, read_photograph
from ...core.exchange.photographs import ENDINGS
from ...core.recipe import Arrays, Reference, limits
from .. import style
from ..fields.controls import NumberField, Row, text_label
from ..words import tr
from .pixels import image_of_pixels

SHOWN = (("beside", "Beside", "In front of everything, where it does not hide the cloud."),
         ("behind", "Behind", "Behind the cloud, in place of the sky."), ("off", "Off", "Kept, but not shown."))


@lru_cache(maxsize=24)
def image_of(picture):
    """The photograph as Qt draws it.

    Parameters
    ----------
    picture : Arrays

    Returns
    -------
    QImage
    """
    return image_of_pixels(picture["pixels"])


def frame_of(reference, width, height):
    """Where a photograph lies on the picture.

    Parameters
    ----------
    reference : Reference
    width, height : float
        Of the picture, pixels.

    Returns
    -------
    QRectF
    """
    image = image_of(reference.picture)
    wide = reference.scale * width
    box = QRectF(0, 0, wide, wide * image.height() / image.width())
    box.moveCenter(QPointF(reference.place[0] * width, reference.place[1] * height))
    return box


def paint(painter, references, size, cloud, chosen=None):
    """Draw photographs over the picture, those behind with the cloud cut out of them.

    Parameters
    ----------
    painter : QPainter
        On the picture.
    references : sequence of Reference
    size : QSize
        Of the picture.
    cloud : QImage or None
        With the cloud's opacity as its alpha, of any size.
    chosen : int, optional
        The one that gets a frame.
    """
    width, height = size.width(), size.height()
    # What stands behind comes first.
    for number, reference in sorted(enumerate(references), key=lambda r: r[1].shown != "behind"):
        if reference.shown == "off":
            continue
        box = frame_of(reference, width, height)
        if reference.shown == "beside" or cloud is None:
            painter.setOpacity(reference.opacity)
            painter.drawImage(box, image_of(reference.picture))
            painter.setOpacity(1.0)
        else:
            room = QImage(width, height, QImage.Format.Format_ARGB32_Premultiplied)
            room.fill(Qt.GlobalColor.transparent)
            inner = QPainter(room)
            inner.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
            inner.setOpacity(reference.opacity)
            inner.drawImage(box, image_of(reference.picture))
            inner.setOpacity(1.0)
            inner.setCompositionMode(QPainter.CompositionMode.CompositionMode_DestinationOut)
            inner.drawImage(QRectF(0, 0, width, height), cloud)
            inner.end()
            painter.drawImage(0, 0, room)
        if number == chosen:
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.setPen(QPen(style.BARLEY, 1.5))
            painter.drawRect(box)


def asked_for(parent, what="A reference photograph"):
    """Ask for a photograph.

    Parameters
    ----------
    parent : QWidget
    what : str, optional
        For the title.

    Returns
    -------
    pathlib.Path or None
    """
    kinds = " ".join(f"*{ending}" for ending in ENDINGS)
    path, _ = QFileDialog.getOpenFileName(parent, what, str(pathlib.Path.home()),
                                          tr("Pictures ({})").format(kinds))
    return pathlib.Path(path) if path else None


def reading(path):
    """Work that reads a photograph.

    Parameters
    ----------
    path : pathlib.Path

    Returns
    -------
    callable
        Given a ticket, returns a `Reference`.
    """
    def work(ticket):
        ticket.step(0.0, 1.0, f"reading {path.name}")
        pixels = read_photograph(path, ticket=ticket)
        return Reference(name=path.stem[:80] or "Photograph", picture=Arrays(pixels=pixels))
    return work


def reading_with_lens(path):
    """Work that reads a photograph, and what lens took it.

    Parameters
    ----------
    path : pathlib.Path

    Returns
    -------
    callable
        Given a ticket, returns a `Reference`, and the focal length in millimetres or None.
    """
    def work(ticket):
        return reading(path)(ticket), read_focal(path, ticket=ticket)
    return work


class PhotographDialog(QDialog):
    """How a photograph is shown: every change is seen at once and is a step of history.

    Parameters
    ----------
    reference : Reference
    changed : callable
        Called with each new `Reference`, or None to remove it, and True while the hand moves.
    more : sequence of (str, str, callable)
        What else can be done with it: words, a sentence, and what is called once the dialog is closed.
    parent : QWidget, optional

    Attributes
    ----------
    then : callable
        Of those the one that was chosen.
    """

    explained = "lessons/10_photograph"

    def __init__(self, reference, changed, more=(), parent=None):
        super().__init__(parent)
        self.setWindowTitle(tr("Reference photograph"))
        self.setMinimumWidth(320)
        self.reference, self._changed, self.then = reference, changed, lambda: None
        layout = QVBoxLayout(self)
        layout.addWidget(text_label(reference.name, "title"))
        group = QButtonGroup(self)
        self.shown = {}
        for key, text, sentence in SHOWN:
            button = QPushButton(tr(text))
            button.setCheckable(True)
            button.setChecked(key == reference.shown)
            button.setToolTip(tr(sentence))
            button.setAccessibleName(tr("Shown: {}").format(tr(text)))
            button.clicked.connect(lambda _=False, k=key: self._take(False, shown=k))
            group.addButton(button)
            self.shown[key] = button
        layout.addWidget(Row(*self.shown.values()))
        self.fields = {}
        for key, label, value, sentence, scale, track in (
            ("opacity", "Opacity", reference.opacity, tr("How much of the picture behind it hides."), "linear", None),
            ("scale", "Width", reference.scale, tr("In widths of the picture."), "log", (0.05, 2.0)),
            ("x", tr("Place across"), reference.place[0], tr("Of its middle: 0 is the left side, 1 the right."), "linear",
             (0.0, 1.0)),
            ("y", tr("Place down"), reference.place[1], tr("Of its middle: 0 is the upper side, 1 the lower."), "linear",
             (0.0, 1.0)),
        ):
            low, high = limits(Reference, "place" if key in "xy" else key)
            field = NumberField(label, low, high, value, "", sentence, scale, track)
            field.set(value)
            field.changed.connect(lambda v, m, k=key: self._number(k, v, m))
            self.fields[key] = field
            layout.addWidget(field)
        self.more = {}
        for words, sentence, then in more:
            button = QPushButton(words)
            button.setToolTip(sentence)
            button.clicked.connect(lambda _=False, t=then: self._leave_for(t))
            self.more[words] = button
            layout.addWidget(button)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Close)
        drop = buttons.addButton("Remove", QDialogButtonBox.ButtonRole.DestructiveRole)
        drop.clicked.connect(self._remove)
        buttons.rejected.connect(self.accept)
        layout.addWidget(buttons)

    def _number(self, key, value, moving):
        if key in "xy":
            x, y = self.reference.place
            self._take(moving, place=(value, y) if key == "x" else (x, value))
        else:
            self._take(moving, **{key: value})

    def _take(self, moving, **changes):
        self.reference = self.reference.edited(**changes)
        self._changed(self.reference, moving)

    def _leave_for(self, then):
        self.then = then
        self.accept()

    def _remove(self):
        self._changed(None, False)
        self.accept()
