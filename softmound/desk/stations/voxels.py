"""Voxels: draft and final voxel, what they will cost, the skin, and building the final grid."""

import math
from dataclasses import replace

from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QPainter, QPainterPath, QPen
from PyQt6.QtWidgets import QButtonGroup, QCheckBox, QPushButton, QWidget

from ...core.engine.density import draft_voxel, span_of
from ...core.engine.forecast import memory_limit
from ...core.recipe import Skin, Voxels, limits
from .. import style
from ..axis import LogAxis
from ..fields import NumberField, Row, words
from ..words import count, figure, memory
from .station import SettingsPanel, Station


class VoxelsStation(Station):
    """The station.

    Signals
    -------
    build_wanted(), stop_wanted()
    shown(bool)
        Look at the finished grid (True) or at the draft.
    """

    name = "Voxels"
    build_wanted = pyqtSignal()
    stop_wanted = pyqtSignal()
    shown = pyqtSignal(bool)

    def __init__(self, document, parent=None):
        super().__init__(document, parent)
        self.ahead = None
        self.tray = CostLine(self)
        self.settings = VoxelsSettings(self)

    def show_mound(self, mound):
        if self.ahead is not None:
            self.ahead = replace(self.ahead, skin=mound.skin)
        self.tray.show_mound(mound)
        self.settings.show_mound(mound)

    def show_forecast(self, ahead):
        """Take a new forecast of the mound.

        Parameters
        ----------
        ahead : Forecast
        """
        self.ahead = ahead
        self.show_mound(self.document.mound)

    def edit_voxels(self, words_, moving=False, **changes):
        """Change a voxel size.

        Parameters
        ----------
        words_ : str
        moving : bool, optional
        **changes
            Fields of `Voxels`.
        """
        mound = self.document.mound
        self.document.edit(mound.edited(voxels=mound.voxels.edited(**changes)), words_, moving)

    def edit_skin(self, words_, moving=False, **changes):
        """Change the skin.

        Parameters
        ----------
        words_ : str
        moving : bool, optional
        **changes
            Fields of `Skin`.
        """
        mound = self.document.mound
        self.document.edit(mound.edited(skin=mound.skin.edited(**changes)), words_, moving)


class CostLine(QWidget):
    """Voxel size against predicted memory, with the limit drawn in."""

    LEFT, RIGHT, TOP, BOTTOM = 64, 24, 34, 30

    def __init__(self, station):
        super().__init__()
        self._station = station
        self._mound = None
        self._hand = None
        self.setMouseTracking(True)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName("Cost line: final voxel")
        self.setToolTip("Memory a build needs, over the voxel size. Drag the barley marker to set the "
                        "final voxel, or use the arrow keys.")

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        self._mound = mound
        self._limit = memory_limit()
        ahead = self._station.ahead
        self._smallest = ahead.smallest_voxel(self._limit) if ahead is not None else 1.0
        self.update()

    @property
    def axis(self):
        """Voxel sizes across the line, the finest on the right.

        Returns
        -------
        LogAxis
        """
        long = max(span_of(self._mound), 0.5)
        finest = min(self._smallest * 0.7, long / 1000.0)
        return LogAxis(long / 20.0, finest, self.LEFT, self.width() - self.RIGHT)

    def _voxel_at(self, x):
        floor, ceiling = limits(Voxels, "final")
        return min(max(float(f"{self.axis.value_at(x):.2g}"), floor), ceiling)

    def _y_of(self, bytes_):
        low, high = math.log(1e7), math.log(max(self._limit * 3, 2e9))
        share = (math.log(max(bytes_, 1.0)) - low) / (high - low)
        return self.height() - self.BOTTOM - share * (self.height() - self.TOP - self.BOTTOM)

    def mousePressEvent(self, event):
        if event.button() == Qt.MouseButton.LeftButton and self._mound.mass.blobs:
            self._hand = True
            self.mouseMoveEvent(event)

    def mouseMoveEvent(self, event):
        if self._hand:
            self._station.edit_voxels("final voxel", True, final=self._voxel_at(event.position().x()))
        else:
            self.setCursor(Qt.CursorShape.SizeHorCursor)

    def mouseReleaseEvent(self, event):
        if self._hand:
            self._hand = None
            self._station.document.let_go()

    def keyPressEvent(self, event):
        steps = {Qt.Key.Key_Left: 1.1, Qt.Key.Key_Right: 1 / 1.1}
        if event.key() in steps:
            floor, ceiling = limits(Voxels, "final")
            final = float(f"{self._mound.voxels.final * steps[event.key()]:.3g}")
            self._station.edit_voxels("final voxel", final=min(max(final, floor), ceiling))
        else:
            super().keyPressEvent(event)

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setFont(style.text_font(13))
        painter.setPen(style.QUIET)
        painter.drawText(QRectF(16, 8, 400, 20), Qt.AlignmentFlag.AlignVCenter, "Cost line")
        ahead = self._station.ahead
        if ahead is None or not self._mound.mass.blobs:
            painter.drawText(QRectF(self.rect()), Qt.AlignmentFlag.AlignCenter,
                             "Nothing to build yet: add a blob in Mass.")
            return
        left, right = self.LEFT, self.width() - self.RIGHT
        bottom = self.height() - self.BOTTOM
        limit_y = self._y_of(self._limit)
        painter.fillRect(QRectF(left, self.TOP - 6, right - left, limit_y - self.TOP + 6),
                         style.with_alpha(style.ROSE, 26))
        painter.setFont(style.text_font(11))
        self._paint_grid(painter, left, right, bottom)
        painter.setPen(QPen(style.ROSE, 1, Qt.PenStyle.DashLine))
        painter.drawLine(QPointF(left, limit_y), QPointF(right, limit_y))
        painter.drawText(QRectF(left + 8, limit_y + 2, 220, 15), Qt.AlignmentFlag.AlignVCenter,
                         f"memory limit {memory(self._limit)}")
        path = QPainterPath()
        for voxel in self.axis.values(81):
            x, y = self.axis.x_of(voxel), max(self._y_of(ahead.memory(voxel)), self.TOP - 6)
            path.lineTo(x, y) if path.elementCount() else path.moveTo(x, y)
        painter.setPen(QPen(style.BLUE, 2))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawPath(path)
        # The lower one's letters stand lower, so that the two never meet.
        self._mark(painter, draft_voxel(self._mound), "draft", style.QUIET, bottom, 27)
        self._mark(painter, self._mound.voxels.final, "final", style.BARLEY, bottom, 47)

    def _paint_grid(self, painter, left, right, bottom):
        for bytes_ in (1e8, 1e9, 1e10):
            y = self._y_of(bytes_)
            if y > self.TOP:
                painter.setPen(QPen(style.LINE, 1))
                painter.drawLine(QPointF(left, y), QPointF(right, y))
                painter.setPen(style.QUIET)
                painter.drawText(QRectF(0, y - 8, left - 8, 16),
                                 Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter, memory(bytes_))
        for voxel in self.axis.marks():
            x = self.axis.x_of(voxel)
            painter.setPen(QPen(style.LINE, 1))
            painter.drawLine(QPointF(x, bottom), QPointF(x, bottom + 4))
            painter.setPen(style.QUIET)
            painter.drawText(QRectF(x - 30, bottom + 6, 60, 16), Qt.AlignmentFlag.AlignCenter,
                             f"{figure(voxel)} m")

    def _mark(self, painter, voxel, name, colour, bottom, lift):
        x = min(max(self.axis.x_of(voxel), self.LEFT), self.width() - self.RIGHT)
        y = max(self._y_of(self._station.ahead.memory(voxel)), self.TOP)
        painter.setPen(QPen(style.with_alpha(colour, 150), 1))
        painter.drawLine(QPointF(x, y), QPointF(x, bottom))
        painter.setPen(QPen(style.TEXT, 1.2) if self.hasFocus() and name == "final" else Qt.PenStyle.NoPen)
        painter.setBrush(colour)
        painter.drawEllipse(QPointF(x, y), 6, 6)
        text = f"{name} {figure(voxel)} m · {memory(self._station.ahead.memory(voxel))}"
        wide = painter.fontMetrics().horizontalAdvance(text) + 10
        at = min(max(x - wide / 2, self.LEFT), self.width() - self.RIGHT - wide)
        plate = QRectF(at, max(y - lift, 8), wide, 17)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.with_alpha(style.PANEL, 225))
        painter.drawRoundedRect(plate, 4, 4)
        painter.setPen(colour)
        painter.drawText(plate, Qt.AlignmentFlag.AlignCenter, text)


class VoxelsSettings(SettingsPanel):
    """Sizes, the skin, and the build."""

    def __init__(self, station):
        super().__init__("Voxels", "the shape as density")
        self._station = station
        self.section("Size")
        low, high = limits(Voxels, "final")
        self.auto = QCheckBox("Draft voxel follows the span")
        self.auto.toggled.connect(self._auto)
        self.add(Row(self.auto))
        self.draft = self.add(NumberField("Draft voxel", low, high, 1.0, "m",
                                          "Voxel size while working: small enough to judge, large enough to follow the hand.",
                                          "log", (0.05, 20.0)))
        self.draft.changed.connect(lambda v, m: station.edit_voxels("draft voxel", m, draft=v))
        self.final = self.add(NumberField("Final voxel", low, high, 0.5, "m",
                                          "Voxel size of the asset. Half of it takes eight times the voxels.",
                                          "log", (0.05, 20.0)))
        self.final.changed.connect(lambda v, m: station.edit_voxels("final voxel", m, final=v))
        self.facts = self.add(words(""))
        self.trouble = self.add(words("", "trouble"))
        self.build = QPushButton("Build final")
        self.build.setObjectName("main")
        self.build.setToolTip("Build the grid at the final voxel beside your work (F5).")
        self.build.clicked.connect(station.build_wanted)
        self.stop = QPushButton("Stop")
        self.stop.clicked.connect(station.stop_wanted)
        self.add(Row(self.build, self.stop))
        self.show_draft = QPushButton("Draft")
        self.show_final = QPushButton("Final")
        group = QButtonGroup(self)
        for button in (self.show_draft, self.show_final):
            button.setCheckable(True)
            group.addButton(button)
        self.show_draft.setChecked(True)
        self.show_draft.clicked.connect(lambda: station.shown.emit(False))
        self.show_final.clicked.connect(lambda: station.shown.emit(True))
        self.add(Row(words("Look at"), self.show_draft, self.show_final))
        self.section("Skin")
        self.skin = {}
        for field, label, unit, shown, scale, sentence in (
            ("thickness", "Thickness", "m", (0.1, 60.0), "log",
             "Metres from the edge to the core: thin looks like plaster, thick like cotton wool."),
            ("core", "Core density", "", (0.05, 4.0), "log", "Density inside, which the extinction multiplies."),
            ("softness", "Softness", "", None, "linear", "0 rises straight through the skin, 1 eases in and out."),
        ):
            low, high = limits(Skin, field)
            self.skin[field] = self.add(NumberField(
                label, low, high, Skin.model_fields[field].default, unit, sentence, scale, shown))
            self.skin[field].changed.connect(
                lambda v, m, f=field: station.edit_skin(f"skin {f}", m, **{f: v}))
        self.thin = self.add(words("", "trouble"))
        self.show_building(False, False)

    def _auto(self, on):
        mound = self._station.document.mound
        self._station.edit_voxels("draft voxel", draft=None if on else draft_voxel(mound))

    def show_building(self, building, finished):
        """Follow the build.

        Parameters
        ----------
        building : bool
        finished : bool
            A final grid of the present recipe can be looked at.
        """
        self.build.setEnabled(not building)
        self.stop.setEnabled(building)
        self.show_final.setEnabled(finished)
        if not finished:
            self.show_draft.setChecked(True)

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        blocked = self.auto.blockSignals(True)
        self.auto.setChecked(mound.voxels.draft is None)
        self.auto.blockSignals(blocked)
        draft = draft_voxel(mound)
        self.draft.set(draft)
        self.draft.set_reset(draft)
        self.draft.setEnabled(mound.voxels.draft is not None)
        self.final.set(mound.voxels.final)
        ahead, final = self._station.ahead, mound.voxels.final
        self._show_forecast(ahead, final)
        for field, number in self.skin.items():
            number.set(getattr(mound.skin, field))
        self.thin.setVisible(mound.skin.thickness < final)
        self.thin.setText(f"Thinner than the final voxel: it is built {figure(final)} m thick.")

    def _show_forecast(self, ahead, final):
        self.trouble.setVisible(False)
        if ahead is None:
            self.facts.setText("Looking at the shape…")
            return
        along = round(ahead.long / final)
        self.facts.setText(
            f"Final: about {count(along)} voxels along, {count(ahead.active_voxels(final))} active, "
            f"{memory(ahead.memory(final))} to build.")
        limit = memory_limit()
        over = ahead.memory(final) > limit
        self.trouble.setVisible(over)
        if over:
            self.trouble.setText(f"More than the {memory(limit)} allowed. The smallest voxel that fits is "
                                 f"about {figure(ahead.smallest_voxel(limit), 2)} m.")
