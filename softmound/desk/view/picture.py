"""The picture: the cloud in every station, with the view in the right hand and the tool in the left."""

import math

from PyQt6.QtCore import QEvent, QPointF, QRectF, Qt, QTimer, pyqtSignal
from PyQt6.QtGui import QImage, QPainter, QPainterPath, QPen
from PyQt6.QtWidgets import QWidget

from ...core.light.scene.camera import approached, camera_of, slid, turned
from .. import style
from ..fields.lengths import length
from ..words import tr
from . import photographs, scale_bar
from .comparing import CompareBar
from .cut import CutPanel
from .flying import WORDS, Flight
from .overlays import AltitudeRail, SunDome, Ways

WAYS = (
    ("clay", "Clay", "Matte surface under an even light: judge the shape."),
    ("both", "Both", "Clay on the left, Draft light on the right, at once."),
    ("draft", "Draft light", "A fast estimate of light scattered many times: judge the look."),
    ("true", "True light", "Paths of light traced one by one: the truth, coming out of the noise."),
    ("slice", "Slice", "A cut through the numbers: drag it through the cloud, read what is there."),
)

# Keys do what a hand of so many pixels, or so many notches of the wheel, would do.
_TURNS = {Qt.Key.Key_Left: (-24, 0), Qt.Key.Key_Right: (24, 0), Qt.Key.Key_Up: (0, -24),
          Qt.Key.Key_Down: (0, 24)}
_STEPS = {Qt.Key.Key_Plus: 1, Qt.Key.Key_Equal: 1, Qt.Key.Key_Minus: -1}

FLAT = 60.0
"""Degrees from upright at which a pen counts as lying flat: what tablets tell at the most."""


class Picture(QWidget):
    """Shows the newest answer, and turns mouse and keys into views and gestures.

    Signals
    -------
    looked(View, bool)
        Another view; True while the hand moves.
    resized()
        Another size in pixels is wanted.
    way_chosen(str)
    before_wanted(bool)
        The cloud without its grains, while Shift+Space is held.
    marked(Side)
        The marks on a photograph were moved.
    """

    looked = pyqtSignal(object, bool)
    resized = pyqtSignal()
    way_chosen = pyqtSignal(str)
    before_wanted = pyqtSignal(bool)
    marked = pyqtSignal(object)

    def __init__(self, parent=None):
        super().__init__(parent)
        self.setAccessibleName(tr("Picture of the cloud"))
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setMouseTracking(True)
        self.setMinimumSize(360, 260)
        self.setAttribute(Qt.WidgetAttribute.WA_OpaquePaintEvent)
        self.mound = None
        self.hand = None
        self.bare = False
        self.note = self.caption = ""
        self._image = self._cloud = None
        self._stride = 1
        self._drag = None
        self._pen = False
        self._rest = QTimer(self, singleShot=True, interval=180)
        self._rest.timeout.connect(self._rested)
        self.rail = AltitudeRail(self)
        self.dome = SunDome(self)
        self.ways = Ways(WAYS, self)
        self.ways.chosen.connect(self.way_chosen)
        self.cut_panel = CutPanel(self)
        self.cut_panel.hide()
        self._dome_wanted = self._cut_wanted = False
        self.comparison, self._wiping = None, False
        self.compare_bar = CompareBar(self)
        self.compare_bar.changed.connect(self._compare_by)
        self.compare_bar.sides.connect(lambda left, right: self.comparison.sides(left, right))
        self.compare_bar.ended.connect(lambda: self.comparison.ended())
        self.corner = None
        self.tools, self._tools = None, ()
        self.flight = Flight(self)
        self.flight.moved.connect(self.looked)

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
        # The fourth channel is the cloud's opacity: it cuts the cloud out of photographs behind it.
        self._cloud = QImage(pixels.data, width, height, 4 * width, QImage.Format.Format_RGBA8888).copy()
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

    def show_caption(self, text):
        """Say below in the picture what is seen in it, where that is not plain.

        Parameters
        ----------
        text : str
            Empty for nothing.
        """
        if text != self.caption:
            self.caption = text
            self.update()

    def want_dome(self, wanted):
        """Show the sun dome or not.

        Parameters
        ----------
        wanted : bool
        """
        self._dome_wanted = wanted
        self.dome.setVisible(wanted and not self.bare)

    def compare(self, comparison):
        """Lay two pictures that are compared over the present one.

        Parameters
        ----------
        comparison : Comparison or None
        """
        self.comparison = comparison
        self.compare_bar.setVisible(comparison is not None and not self.bare)
        self.compare_bar.move((self.width() - self.compare_bar.width()) // 2, 62)
        self.update()

    def _compare_by(self, by):
        self.comparison.by = by
        self.update()

    def want_cut(self, wanted):
        """Show the panel of the cut or not.

        Parameters
        ----------
        wanted : bool
        """
        self._cut_wanted = wanted
        self.cut_panel.setVisible(wanted and not self.bare)
        self._place_cut()

    def _place_cut(self):
        self.cut_panel.adjustSize()
        self.cut_panel.move(92, self.height() - self.cut_panel.height() - 12)

    def show_tools(self, tools, tool, chosen):
        """Show the tools of a station, or none.

        Parameters
        ----------
        tools : sequence of (str, str, str)
        tool : str
            The one in hand.
        chosen : callable
            Called with the key of another.
        """
        if self.tools is not None and self._tools != tools:
            self.tools.hide()
            self.tools.deleteLater()
            self.tools = None
        self._tools = tools
        if self.tools is not None:
            self.tools.show_way(tool)
        elif tools:
            self.tools = Ways(tools, self, "Tool")
            self.tools.chosen.connect(chosen)
            self.tools.show_way(tool)
            self.tools.setVisible(not self.bare)
            self._place_tools()

    def _place_tools(self):
        if self.tools is not None:
            self.tools.move((self.width() + 80 - self.tools.width()) // 2, self.height() - self.tools.height() - 14)

    def show_corner(self, corner):
        """Show what a station has to say of the picture in its upper left corner.

        Parameters
        ----------
        corner : QWidget or None
            Of the picture; whose it is keeps it.
        """
        if self.corner is not None and self.corner is not corner:
            self.corner.hide()
        self.corner = corner
        if corner is not None:
            corner.move(92, 12)
            corner.setVisible(not self.bare)

    def camera(self):
        """Camera in the pixels of the widget.

        Returns
        -------
        Camera
        """
        return camera_of(self.mound.view, max(self.width(), 1), max(self.height(), 1))

    def ratio(self):
        """Pixels of a picture for one of the widget's: those of the screen.

        Returns
        -------
        float
        """
        return self.devicePixelRatioF()

    def pixel_size(self):
        """Size of a picture in pixels.

        Returns
        -------
        (int, int)
        """
        ratio = self.ratio()
        return max(1, round(self.width() * ratio)), max(1, round(self.height() * ratio))

    def resizeEvent(self, _event):
        self.rail.setGeometry(8, 8, 72, self.height() - 16)
        self.dome.move(self.width() - self.dome.width() - 14, self.height() - self.dome.height() - 14)
        self.ways.move(self.width() - self.ways.width() - 12, 12)
        self._place_tools()
        self._place_cut()
        self.compare_bar.move((self.width() - self.compare_bar.width()) // 2, 62)
        if self.mound is not None:
            self.rail.show_mound(self.mound, self.camera())
            self.resized.emit()

    def focusOutEvent(self, event):
        self.flight.land()
        self.update()
        super().focusOutEvent(event)

    def leaveEvent(self, _event):
        self.update()

    def tabletEvent(self, event):
        """A pen does what the left button does, with its pressure and its tilt; its other button is the right one."""
        kinds = {QEvent.Type.TabletPress: "press", QEvent.Type.TabletMove: "drag", QEvent.Type.TabletRelease: "release"}
        kind = kinds.get(event.type())
        pen = event.button() == Qt.MouseButton.LeftButton or self._pen
        if kind is None or self.hand is None or not pen:
            event.ignore()  # it comes again as a mouse event
            return
        event.accept()
        self.hand.pressure = event.pressure() if kind != "release" else 1.0
        if kind == "press":
            self.hand.tilt = min(math.hypot(event.xTilt(), event.yTilt()) / FLAT, 1.0)
        if kind == "release":
            self._pen = False
            self.hand.release()
            self.hand.tilt = 0.0
        else:
            self._pen = True
            getattr(self.hand, kind)(event.position(), event.modifiers(), self.camera())
        self.update()

    def mousePressEvent(self, event):
        self.setFocus(Qt.FocusReason.MouseFocusReason)
        if event.button() == Qt.MouseButton.RightButton:
            self._drag = event.position()
        elif (event.button() == Qt.MouseButton.LeftButton and self.comparison is not None
              and self.comparison.takes(event.position(), self.size())):
            self._wiping = True
        elif event.button() == Qt.MouseButton.LeftButton and self.hand is not None:
            self.hand.pressure = 1.0
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
        elif self._wiping:
            self.comparison.drag(at, self.size())
            self.update()
        elif self.comparison is not None and self.comparison.takes(at, self.size()):
            self.setCursor(Qt.CursorShape.SplitHCursor if self.comparison.by == "line" else Qt.CursorShape.SplitVCursor)
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
        elif self._wiping:
            self._wiping = False
            side = self.comparison.released()
            if side is not None:
                self.marked.emit(side)
            self.update()
        elif event.button() == Qt.MouseButton.LeftButton and self.hand is not None:
            self.hand.release()
            self.update()

    def mouseDoubleClickEvent(self, event):
        if event.button() == Qt.MouseButton.LeftButton and self.hand is not None:
            self.hand.double(event.position(), self.camera())

    def wheelEvent(self, event):
        self._look(approached(self.mound.view, event.angleDelta().y() / 120.0))

    def _rested(self):
        self.looked.emit(self.mound.view, False)

    def _look(self, view):
        self.looked.emit(view, True)
        self._rest.start()

    def fly(self):
        """Take off, or land: see `flying`."""
        self.flight.toggle()
        self.setFocus()
        self.update()

    def keyPressEvent(self, event):
        if self.flight.takes(event.key()):
            if not event.isAutoRepeat():
                self.flight.press(event.key(), bool(event.modifiers() & Qt.KeyboardModifier.ShiftModifier))
        elif event.key() == Qt.Key.Key_Space:
            if not event.isAutoRepeat():
                if event.modifiers() & Qt.KeyboardModifier.ShiftModifier:
                    self.before_wanted.emit(True)
                else:
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
        if self.flight.takes(event.key()) and not event.isAutoRepeat():
            self.flight.release(event.key())
        elif event.key() == Qt.Key.Key_Space and not event.isAutoRepeat():
            self.show_bare(False)
            self.before_wanted.emit(False)
        else:
            super().keyReleaseEvent(event)

    def show_bare(self, bare):
        """Show the picture without anything on it.

        Parameters
        ----------
        bare : bool
        """
        self.bare = bare
        for overlay in (self.rail, self.ways, self.tools, self.corner):
            if overlay is not None:
                overlay.setVisible(not bare)
        self.dome.setVisible(self._dome_wanted and not bare)
        self.cut_panel.setVisible(self._cut_wanted and not bare)
        self.update()

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.fillRect(self.rect(), style.GROUND)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        if self._image is not None:
            ratio = self._stride / self.ratio()
            painter.drawImage(
                QRectF(0, 0, self._image.width() * ratio, self._image.height() * ratio), self._image)
        if self.mound is not None:
            photographs.paint(painter, self.mound.references, self.size(), self._cloud)
        if self.comparison is not None and self._image is not None:
            self.comparison.paint(painter, self.size(), self._image, self._cloud)
        if self.bare or self.mound is None:
            return
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        self._paint_frame(painter)
        at = self.camera().pixel(self.mound.view.target)
        # Above the tools, where a station has any.
        bar = (96.0, self.height() - (68.0 if self.tools is not None else 20.0), at[2]) if at is not None else None
        bar = None if self._cut_wanted else bar
        for name, words in (("base", tr("base level")), ("top", tr("top level"))):
            self._paint_level(painter, words, getattr(self.mound.mass, name), bar)
        if bar is not None:
            scale_bar.paint(painter, *bar)
        if self.hand is not None:
            self.hand.paint(painter, self.camera())
        if self.flight.on:
            self._paint_note(painter, " ".join((tr(WORDS), self.flight.more_words)).strip(), 144.0)
        elif self.caption:
            self._paint_note(painter, self.caption, 92.0)
        if self.note:
            self._paint_note(painter, self.note, self.height() / 2)

    def frame_box(self):
        """The frame of the film, in pixels of the widget.

        Returns
        -------
        QRectF or None
            None while the view has no aspect of its own.
        """
        aspect = self.mound.view.aspect
        if aspect <= 0.0:
            return None
        width = min(float(self.width()), self.height() * aspect)
        box = QRectF(0.0, 0.0, width, width / aspect)
        box.moveCenter(QPointF(self.width() / 2, self.height() / 2))
        return box

    def _paint_frame(self, painter):
        """Film frame: what lies outside is veiled, and nine tenths are marked as safe."""
        box = self.frame_box()
        if box is None:
            return
        outside = QPainterPath()
        outside.addRect(QRectF(self.rect()))
        outside.addRect(box)
        painter.fillPath(outside, style.with_alpha(style.GROUND, 150))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(style.with_alpha(style.TEXT, 150), 1))
        painter.drawRect(box)
        painter.setPen(QPen(style.with_alpha(style.TEXT, 80), 1, Qt.PenStyle.DotLine))
        painter.drawRect(QRectF(box.center().x() - 0.45 * box.width(), box.center().y() - 0.45 * box.height(),
                                0.9 * box.width(), 0.9 * box.height()))

    def _paint_level(self, painter, name, level, bar):
        row = self.rail.altitude_pixel(level.altitude) if level.on else None
        if row is None or not 10 < row < self.height() - 10:
            return
        painter.setPen(QPen(style.with_alpha(style.BARLEY, 150), 1, Qt.PenStyle.DotLine))
        painter.drawLine(QPointF(84, row), QPointF(self.width() - 14, row))
        painter.setFont(style.text_font(11))
        text = f"{name} {length(level.altitude)}"
        box = QRectF(88, row + 3, painter.fontMetrics().horizontalAdvance(text) + 12, 18)
        room = QRectF() if bar is None else scale_bar.room_of(*bar)
        if box.intersects(room):
            box.moveBottom(min(row - 3, room.top() - 3))  # the figures for scale stand there
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.with_alpha(style.GROUND, 140))
        painter.drawRoundedRect(box, 4, 4)
        painter.setPen(style.TEXT)
        painter.drawText(box, Qt.AlignmentFlag.AlignCenter, text)

    def _paint_note(self, painter, note, middle):
        painter.setFont(style.text_font(14))
        flags = Qt.AlignmentFlag.AlignCenter | Qt.TextFlag.TextWordWrap
        room = QRectF(0, 0, min(460, self.width() - 190), 200)
        text = painter.boundingRect(room, int(flags), note)
        box = QRectF(0, 0, text.width() + 40, text.height() + 28)
        box.moveCenter(QPointF(self.width() / 2, middle))
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.with_alpha(style.GROUND, 215))
        painter.drawRoundedRect(box, 8, 8)
        painter.setPen(style.TEXT)
        painter.drawText(box, int(flags), note)
