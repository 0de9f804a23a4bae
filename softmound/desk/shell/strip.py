"""The strip: the stations as tiles with a miniature of this mound, in the order of the work."""

from PyQt6.QtCore import QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QPainter, QPainterPath, QPen
from PyQt6.QtWidgets import QAbstractButton, QButtonGroup, QVBoxLayout, QWidget

from .. import style
from ..words import tr

FRESH, COMPUTING, OLD = "fresh", "computing", "out of date"
_DOTS = {FRESH: style.LICHEN, COMPUTING: style.BARLEY, OLD: style.QUIET}
MINIATURE = (112, 58)


class Tile(QAbstractButton):
    """One station on the strip.

    Parameters
    ----------
    word : str
        Name of the station.
    number : int
        Key that opens it.

    Attributes
    ----------
    blank : callable or None
        Given the painter, draws what stands in the place of a miniature as long as there is none.
    """

    def __init__(self, word, number, parent=None):
        super().__init__(parent)
        self.word, self.number, self.state, self.image, self.blank = word, number, COMPUTING, None, None
        self.setCheckable(True)
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.setAccessibleName(tr("{} station").format(tr(word)))
        self.setFixedSize(112, 92)
        self.setCursor(Qt.CursorShape.PointingHandCursor)
        self.show_state(COMPUTING)

    def sizeHint(self):
        return QSize(112, 92)

    def show_state(self, state):
        """Show whether the station's result is up to date.

        Parameters
        ----------
        state : str
            `FRESH`, `COMPUTING` or `OLD`.
        """
        self.state = state
        self.setAccessibleDescription(tr("{}; key {}").format(tr(state), self.number))
        self.setToolTip(f"{tr(self.word)} ({self.number}): {tr(state)}")
        self.update()

    def show_image(self, image):
        """Show a miniature.

        Parameters
        ----------
        image : QImage
        """
        self.image = image
        self.update()

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        frame = QRectF(0.5, 0.5, self.width() - 1, self.height() - 1)
        path = QPainterPath()
        path.addRoundedRect(frame, 6, 6)
        painter.fillPath(path, style.RAISED if self.underMouse() else style.with_alpha(style.RAISED, 170))
        if self.image is not None:
            painter.save()
            clip = QPainterPath()
            clip.addRoundedRect(QRectF(4, 4, self.width() - 8, MINIATURE[1] + 4), 4, 4)
            painter.setClipPath(clip)
            painter.drawImage(QRectF(4, 4, self.width() - 8, MINIATURE[1] + 4), self.image)
            painter.restore()
        elif self.blank is not None:
            self.blank(painter)
        painter.setFont(style.text_font(13))
        painter.setPen(style.TEXT)
        painter.drawText(QRectF(10, 67, 80, 22), Qt.AlignmentFlag.AlignVCenter, tr(self.word))
        dot = QRectF(self.width() - 18, 74, 8, 8)
        colour = _DOTS[self.state]
        if self.state == COMPUTING:
            painter.setPen(QPen(colour, 2))
            painter.setBrush(Qt.BrushStyle.NoBrush)
        else:
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(colour)
        painter.drawEllipse(dot)
        if self.isChecked() or self.hasFocus():
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.setPen(QPen(style.BARLEY if self.isChecked() else style.TEXT, 1.5))
            painter.drawPath(path)


class Strip(QWidget):
    """All tiles.

    Signals
    -------
    chosen(str)
        The word of a station.

    Attributes
    ----------
    tiles : dict of str to Tile
        By their words.
    opened : str
        The word of the open station.
    """

    chosen = pyqtSignal(str)

    def __init__(self, names, parent=None):
        super().__init__(parent)
        self.setObjectName("bar")
        self.setFixedWidth(132)
        layout = QVBoxLayout(self)
        layout.setContentsMargins(10, 12, 10, 12)
        layout.setSpacing(8)
        group = QButtonGroup(self)
        self.tiles, self.opened = {}, names[0]
        for number, name in enumerate(names, 1):
            tile = Tile(name, number)
            tile.clicked.connect(lambda _=False, n=name: self.chosen.emit(n))
            group.addButton(tile)
            layout.addWidget(tile)
            self.tiles[name] = tile
        layout.addStretch()

    def open(self, name):
        """Mark a station as the open one.

        Parameters
        ----------
        name : str
        """
        self.opened = name
        self.tiles[name].setChecked(True)
