"""Ready lights as tiles: the first page in the tray of Light."""

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt
from PyQt6.QtGui import QLinearGradient, QPainter, QPainterPath, QPen
from PyQt6.QtWidgets import QAbstractButton, QHBoxLayout, QVBoxLayout, QWidget

from ....core.light.scene.situations import NAMES, in_situation
from ....core.recipe import Light, View
from ... import style
from ...fields.controls import screen_colour
from ...words import tr


class SituationTile(QAbstractButton):
    """A ready light as a little sky.

    Parameters
    ----------
    name : str
    """

    def __init__(self, name, parent=None):
        super().__init__(parent)
        self.name = name
        self.light = in_situation(Light(), View(), name)
        self.setAccessibleName(tr("Light: {}").format(tr(name)))
        self.setToolTip(tr("Sun, sky and exposure of “{}”, turned to the present view.").format(tr(name)))
        self.setCursor(Qt.CursorShape.PointingHandCursor)
        self.setMinimumSize(90, 84)

    def sizeHint(self):
        return QSize(122, 96)

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        frame = QRectF(self.rect()).adjusted(1, 1, -1, -1)
        path = QPainterPath()
        path.addRoundedRect(frame, 6, 6)
        painter.fillPath(path, style.RAISED)
        view = QRectF(frame.left() + 4, frame.top() + 4, frame.width() - 8, frame.height() - 30)
        sky, sun = self.light.sky, self.light.sun
        painter.save()
        clip = QPainterPath()
        clip.addRoundedRect(view, 4, 4)
        painter.setClipPath(clip)
        gradient = QLinearGradient(view.topLeft(), view.bottomLeft())
        gradient.setColorAt(0.0, screen_colour(sky.zenith))
        gradient.setColorAt(0.8, screen_colour(sky.horizon))
        gradient.setColorAt(1.0, screen_colour(sky.ground))
        painter.fillRect(view, gradient)
        # Seen from the camera: behind the cloud in the middle, beside it at the rim.
        side = (180.0 - sun.azimuth) / 180.0
        at = QPointF(view.center().x() + side * view.width() * 0.42,
                     view.top() + view.height() * (0.8 - 0.7 * sun.elevation / 90.0))
        painter.setPen(Qt.PenStyle.NoPen)
        glow = screen_colour(sun.colour)
        strength = min(1.0, sun.strength)
        painter.setBrush(style.with_alpha(glow, round(90 * strength)))
        painter.drawEllipse(at, 13, 13)
        painter.setBrush(style.with_alpha(glow, round(255 * strength)))
        painter.drawEllipse(at, 6, 6)
        painter.restore()
        if self.underMouse() or self.hasFocus():
            painter.setPen(QPen(style.BARLEY if self.hasFocus() else style.QUIET, 1.3))
            painter.drawPath(path)
        painter.setFont(style.text_font(12))
        painter.setPen(style.TEXT)
        painter.drawText(QRectF(frame.left(), frame.bottom() - 24, frame.width(), 20),
                         Qt.AlignmentFlag.AlignCenter, tr(self.name))


class SituationTray(QWidget):
    """Ready lights."""

    def __init__(self, station):
        super().__init__()
        layout = QVBoxLayout(self)
        layout.setContentsMargins(16, 0, 16, 10)
        layout.setSpacing(8)
        row = QHBoxLayout()
        row.setSpacing(8)
        self.tiles = {}
        for name in NAMES:
            tile = SituationTile(name)
            tile.clicked.connect(lambda _=False, n=name: station.take_situation(n))
            row.addWidget(tile, 1)
            self.tiles[name] = tile
        layout.addLayout(row, 1)

    def show_mound(self, mound):
        """Situations are the same for every mound.

        Parameters
        ----------
        mound : Mound
        """
