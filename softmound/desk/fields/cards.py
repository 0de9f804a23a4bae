"""Cards of a tray: things with a name and a little picture, in a row that can be scrolled."""

from PyQt6.QtCore import QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QPainter, QPainterPath, QPen
from PyQt6.QtWidgets import QAbstractButton, QHBoxLayout, QPushButton, QWidget

from .. import style
from .controls import Sideways, text_label


class CardTile(QAbstractButton):
    """A thing with a name, and a little picture or a disk of colour.

    Parameters
    ----------
    name, sentence : str
    image : QImage, optional
    colour : QColor, optional
    line : str, optional
        A number below the name.

    Signals
    -------
    menu_wanted()
    """

    menu_wanted = pyqtSignal()

    def __init__(self, name, sentence, image=None, colour=None, line="", parent=None):
        super().__init__(parent)
        self._name, self._image, self._colour, self._line = name, image, colour, line
        self.setAccessibleName(name)
        self.setToolTip(sentence)
        self.setCheckable(True)
        self.setCursor(Qt.CursorShape.PointingHandCursor)
        self.setFixedWidth(128)
        self.setMinimumHeight(84)

    def sizeHint(self):
        return QSize(128, 96)

    def contextMenuEvent(self, _event):
        self.menu_wanted.emit()

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        frame = QRectF(self.rect()).adjusted(1, 1, -1, -1)
        path = QPainterPath()
        path.addRoundedRect(frame, 6, 6)
        painter.fillPath(path, style.RAISED)
        view = QRectF(frame.left() + 4, frame.top() + 4, frame.width() - 8, frame.height() - 30)
        painter.save()
        clip = QPainterPath()
        clip.addRoundedRect(view, 4, 4)
        painter.setClipPath(clip)
        painter.fillRect(view, style.GROUND)
        if self._image is not None:
            wide, high = self._image.width(), self._image.height()
            scale = max(view.width() / wide, view.height() / high)
            box = QRectF(0, 0, wide * scale, high * scale)
            box.moveCenter(view.center())
            painter.drawImage(box, self._image)
        elif self._colour is not None:
            painter.setPen(Qt.PenStyle.NoPen)
            for radius, alpha in ((22, 50), (14, 110), (7, 255)):
                painter.setBrush(style.with_alpha(self._colour, alpha))
                painter.drawEllipse(view.center(), radius, radius)
        painter.restore()
        if self.isChecked() or self.underMouse() or self.hasFocus():
            painter.setPen(QPen(style.BARLEY if self.isChecked() or self.hasFocus() else style.QUIET, 1.5))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawPath(path)
        painter.setFont(style.text_font(12))
        painter.setPen(style.TEXT)
        text = f"{self._name}  {self._line}" if self._line else self._name
        text = painter.fontMetrics().elidedText(text, Qt.TextElideMode.ElideRight, int(frame.width() - 12))
        painter.drawText(QRectF(frame.left() + 6, frame.bottom() - 24, frame.width() - 12, 20),
                         Qt.AlignmentFlag.AlignCenter, text)


class CardPage(QWidget):
    """A row of cards that can be scrolled, with a button that makes another.

    Parameters
    ----------
    empty : str
        Said when there are none.
    button : str
    sentence : str
        What the button does.
    """

    def __init__(self, empty, button, sentence):
        super().__init__()
        layout = QHBoxLayout(self)
        layout.setContentsMargins(16, 0, 16, 10)
        layout.setSpacing(10)
        self.add = QPushButton(button)
        self.add.setToolTip(sentence)
        self.add.setFixedWidth(132)
        layout.addWidget(self.add, 0, Qt.AlignmentFlag.AlignVCenter)
        self.empty = text_label(empty)
        layout.addWidget(self.empty, 1)
        self.scroll = Sideways(8)
        layout.addWidget(self.scroll, 4)
        self.tiles = []

    def show_tiles(self, tiles):
        """Show these cards and no others.

        Parameters
        ----------
        tiles : list of CardTile
        """
        self.tiles = tiles
        self.scroll.show_widgets(tiles)
        self.empty.setVisible(not tiles)
        self.scroll.setVisible(bool(tiles))
