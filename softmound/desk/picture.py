"""The picture: the cloud in every station, with the view in the right hand and the tool in the left."""

from PyQt6.QtCore import QPointF, QRectF, Qt, QTimer, pyqtSignal
from PyQt6.QtGui import QImage, QPainter, QPen
from PyQt6.QtWidgets import QWidget

from ..core.light.camera import approached, camera_of, slid, turned
from . import style
from .overlays import AltitudeRail, SunDome, Ways
from .words import figure

WAYS = (
    ("clay", "Clay", "Matte surface under an even light: judge the shape."),
    ("draft", "Draft light", "A fast estimate of light scattered many times: judge the look."),
)

# Keys do what a hand of so many pixels, or so many notches of the wheel, would do.
_TURNS = {Qt.Key.Key_Left: (-24, 0), Qt.Key.Key_Right: (24, 0), Qt.Key.Key_Up: (0, -24),
          Qt.Key.Key_Down: (0, 24)}
_STEPS = {Qt.Key.Key_Plus: 1, Qt.Key.Key_Equal: 1, Qt.Key.Key_Minus: -1}


class Picture(QWidget):
    """Shows the newest answer, and turns mouse and keys into views and gestures.

    Signals
    -------
    looked(View, bool)
        Another view; True while the hand moves.
    resized()
        Another size in pixels is wanted.
    way_chosen(str)
    """

    looked = pyqtSignal(object, bool)
    resized = pyqtSignal()
    way_chosen = pyqtSignal(str)

    def __init__(self, parent=None):
        super().__init__(parent)
        self.setAccessibleName("Picture of the cloud")
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setMouseTracking(True)
        self.setMinimumSize(360, 260)
        self.setAttribute(Qt.WidgetAttribute.WA_OpaquePaintEvent)
        self.mound = None
        self.hand = None
        self.bare = False
        self.note = ""
        self._image = None
        self._stride = 1
        self._drag = None
        self._rest = QTimer(self, singleShot=True, interval=180)
        self._rest.timeout.connect(lambda: self.looked.emit(self.mound.view, False))
        self.rail = AltitudeRail(self)
        self.dome = SunDome(self)
        self.ways = Ways(WAYS, self)
        self.ways.chosen.connect(self.way_chosen)
        self._dome_wanted = False

    def show_mound(self, mound):
        """Follow a mound; the pixels come later.

        Parameters
        ----------
        mound : Mound
        """
        self.mound = mound
        self.rail.show_mound(mound, self.camera())
        self.dome.show_mound(mound)
        self.update()

    def show_pixels(self, pixels, stride=1):
        """Show a picture.

        Parameters
        ----------
        pixels : ndarray of uint8, shape (rows, columns, 4)
        stride : int, optional
            Pixels of the screen that each covers; they are blended smoothly.
        """
        self._stride = stride
        height, width = pixels.shape[:2]
        # The image keeps its own copy: the array may go.
        self._image = QImage(pixels.data, width, height, 4 * width, QImage.Format.Format_RGBX8888).copy()
        self.update()

    @property
    def image(self):
        """The picture shown, or None."""
        return self._image

    def show_note(self, text):
        """Lay a sentence over the picture: an empty station, a problem.

        Parameters
        ----------
        text : str
        """
        self.note = text
        self.update()

    def want_dome(self, wanted):
        """Show the sun dome or not.

        Parameters
        ----------
        wanted : bool
        """
        self._dome_wanted = wanted
        self.dome.setVisible(wanted and not self.bare)

    def camera(self):
        """Camera in the pixels of the widget.

        Returns
        -------
        Camera
        """
        return camera_of(self.mound.view, max(self.width(), 1), max(self.height(), 1))

    def pixel_size(self):
        """Size in pixels of the screen.

        Returns
        -------
        (int, int)
        """
        ratio = self.devicePixelRatioF()
        return max(1, round(self.width() * ratio)), max(1, round(self.height() * ratio))

    def resizeEvent(self, _event):
        self.rail.setGeometry(8, 8, 72, self.height() - 16)
        self.dome.move(self.width() - self.dome.width() - 14, self.height() - self.dome.height() - 14)
        self.ways.move(self.width() - self.ways.width() - 12, 12)
        if self.mound is not None:
            self.rail.show_mound(self.mound, self.camera())
            self.resized.emit()

    def mousePressEvent(self, event):
        self.setFocus(Qt.FocusReason.MouseFocusReason)
        if event.button() == Qt.MouseButton.RightButton:
            self._drag = event.position()
        elif event.button() == Qt.MouseButton.LeftButton and self.hand is not None:
            self.hand.press(event.position(), event.modifiers(), self.camera())
            self.update()

    def mouseMoveEvent(self, event):
        at = event.position()
        if self._drag is not None:
            step = at - self._drag
            self._drag = at
            if event.modifiers() & Qt.KeyboardModifier.ShiftModifier:
                self._look(slid(self.mound.view, self.camera(), step.x(), step.y()))
            else:
                self._look(turned(self.mound.view, step.x(), step.y()))
        elif self.hand is not None:
            if event.buttons() & Qt.MouseButton.LeftButton:
                self.hand.drag(at, event.modifiers(), self.camera())
            else:
                self.setCursor(self.hand.hover(at, self.camera()))
            self.update()

    def mouseReleaseEvent(self, event):
        if event.button() == Qt.MouseButton.RightButton and self._drag is not None:
            self._drag = None
            self._rest.start()
        elif event.button() == Qt.MouseButton.LeftButton and self.hand is not None:
            self.hand.release()
            self.update()

    def mouseDoubleClickEvent(self, event):
        if event.button() == Qt.MouseButton.LeftButton and self.hand is not None:
            self.hand.double(event.position(), self.camera())

    def wheelEvent(self, event):
        self._look(approached(self.mound.view, event.angleDelta().y() / 120.0))

    def _look(self, view):
        self.looked.emit(view, True)
        self._rest.start()

    def keyPressEvent(self, event):
        if event.key() == Qt.Key.Key_Space:
            if not event.isAutoRepeat():
                self.show_bare(True)
        elif event.key() in _TURNS:
            dx, dy = _TURNS[event.key()]
            if event.modifiers() & Qt.KeyboardModifier.ShiftModifier:
                self._look(slid(self.mound.view, self.camera(), dx, dy))
            else:
                self._look(turned(self.mound.view, dx, dy))
        elif event.key() in _STEPS:
            self._look(approached(self.mound.view, _STEPS[event.key()]))
        else:
            super().keyPressEvent(event)

    def keyReleaseEvent(self, event):
        if event.key() == Qt.Key.Key_Space and not event.isAutoRepeat():
            self.show_bare(False)
        else:
            super().keyReleaseEvent(event)

    def show_bare(self, bare):
        """Show the picture without anything on it.

        Parameters
        ----------
        bare : bool
        """
        self.bare = bare
        for overlay in (self.rail, self.ways):
            overlay.setVisible(not bare)
        self.dome.setVisible(self._dome_wanted and not bare)
        self.update()

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.fillRect(self.rect(), style.GROUND)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        if self._image is not None:
            ratio = self._stride / self.devicePixelRatioF()
            painter.drawImage(
                QRectF(0, 0, self._image.width() * ratio, self._image.height() * ratio), self._image)
        if self.bare or self.mound is None:
            return
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        self._paint_level(painter, "base level", self.mound.mass.base)
        self._paint_level(painter, "top level", self.mound.mass.top)
        if self.hand is not None:
            self.hand.paint(painter, self.camera())
        if self.note:
            self._paint_note(painter)

    def _paint_level(self, painter, name, level):
        row = self.rail.altitude_pixel(level.altitude) if level.on else None
        if row is None or not 10 < row < self.height() - 10:
            return
        painter.setPen(QPen(style.with_alpha(style.BARLEY, 150), 1, Qt.PenStyle.DotLine))
        painter.drawLine(QPointF(84, row), QPointF(self.width() - 14, row))
        painter.setFont(style.text_font(11))
        text = f"{name} {figure(level.altitude)} m"
        box = QRectF(88, row + 3, painter.fontMetrics().horizontalAdvance(text) + 12, 18)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.with_alpha(style.GROUND, 140))
        painter.drawRoundedRect(box, 4, 4)
        painter.setPen(style.TEXT)
        painter.drawText(box, Qt.AlignmentFlag.AlignCenter, text)

    def _paint_note(self, painter):
        painter.setFont(style.text_font(14))
        flags = Qt.AlignmentFlag.AlignCenter | Qt.TextFlag.TextWordWrap
        room = QRectF(0, 0, min(460, self.width() - 190), 200)
        text = painter.boundingRect(room, int(flags), self.note)
        box = QRectF(0, 0, text.width() + 40, text.height() + 28)
        box.moveCenter(QPointF(self.width() / 2, self.height() / 2))
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.with_alpha(style.GROUND, 215))
        painter.drawRoundedRect(box, 8, 8)
        painter.setPen(style.TEXT)
        painter.drawText(box, int(flags), self.note)
