"""Voxels: draft and final voxel, what they will cost, the skin, and building the final grid."""

import math
from dataclasses import replace

from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QPainter, QPainterPath, QPen
from PyQt6.QtWidgets import QButtonGroup, QCheckBox, QPushButton, QWidget

from ...core.engine.density import bounds_of, draft_voxel, span_of
from ...core.engine.forecast import memory_limit
from ...core.recipe import Voxels, limits
from ...core.recipe.models import TIERS
from ...core.recipe.places import changed, without
from ...core.volume.numbers import WATER
from .. import style
from ..axis import LogAxis
from ..fields import NumberField, Row, words
from ..settings_panel import SettingsPanel
from ..words import count, figure, grouped, memory, seconds
from .skin_fields import SkinFields
from .station import Station
from .surface_steps import SurfaceSteps


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
        self.document.apply(words_, lambda mound: changed(mound, ("voxels",), **changes), moving)

    def edit_skin(self, words_, moving=False, part=(), **changes):
        """Change the skin.

        Parameters
        ----------
        words_ : str
        moving : bool, optional
        part : sequence of str, optional
            A part of the skin that is changed instead of itself.
        **changes
            Fields of `Skin`, or of that part.
        """
        self.document.apply(words_, lambda mound: changed(mound, ("skin", *part), **changes), moving)

    def add_step(self, step):
        """Add a step on the surface.

        Parameters
        ----------
        step : Smooth or Grow
        """
        self.document.apply(f"{step.step} the surface", lambda mound: mound.edited(steps=(*mound.steps, step)))

    def edit_step(self, number, word, moving=False, **changes):
        """Change a step on the surface.

        Parameters
        ----------
        number : int
        word : str
            For undo.
        moving : bool, optional
        **changes
            Fields of the step.
        """
        self.document.apply(word, lambda mound: changed(mound, ("steps", number), **changes), moving)

    def remove_step(self, number):
        """Take a step on the surface away.

        Parameters
        ----------
        number : int
        """
        self.document.apply("remove step", lambda mound: without(mound, ("steps",), number))

    def long(self):
        """Longest side of the cloud in metres, 1 without one.

        Returns
        -------
        float
        """
        return span_of(self.document.mound) or 1.0

    def middle(self):
        """Altitude halfway up the cloud.

        Returns
        -------
        float
        """
        bounds = bounds_of(self.document.mound)
        return 0.0 if bounds is None else float(bounds[0][1] + bounds[1][1]) / 2.0


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
        self.setToolTip("Memory and time a build needs, over the voxel size. Drag the barley marker to set the "
                        "final voxel, or use the arrow keys. Both are foretold from a trial of a few bricks on this "
                        "machine and from its past builds.")

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
        low, high = math.log(3e6), math.log(max(self._limit * 3, 2e9))
        share = (math.log(max(bytes_, 1.0)) - low) / (high - low)
        return self.height() - self.BOTTOM - share * (self.height() - self.TOP - self.BOTTOM)

    def mousePressEvent(self, event):
        if event.button() == Qt.MouseButton.LeftButton and self._mound.mass.forms:
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
        if ahead is None or not self._mound.mass.forms:
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
        self._paint_time(painter, ahead)
        self._paint_tiers(painter, ahead, bottom)
        # The lower one's letters stand lower, so that the two never meet.
        self._mark(painter, draft_voxel(self._mound), "draft", style.QUIET, bottom, 27)
        self._mark(painter, self._mound.voxels.final, "final", style.BARLEY, bottom, 47)

    def _paint_time(self, painter, ahead):
        """Where a build passes a second, ten, a minute, ten minutes."""
        voxels = self.axis.values(161)
        taken = [ahead.seconds(v) for v in voxels]
        foot = self.height() - self.BOTTOM
        for limit, label in ((1.0, "1 s"), (10.0, "10 s"), (60.0, "1 min"), (600.0, "10 min")):
            at = next((v for v, t in zip(voxels, taken) if t >= limit), None)
            if at is None or taken[0] >= limit:
                continue
            x = self.axis.x_of(at)
            painter.setPen(QPen(style.with_alpha(style.LICHEN, 150), 1, Qt.PenStyle.DotLine))
            painter.drawLine(QPointF(x, self.TOP), QPointF(x, foot))
            painter.setPen(style.LICHEN)
            painter.drawText(QRectF(x - 40, self.TOP - 18, 80, 14), Qt.AlignmentFlag.AlignCenter, label)

    def _paint_tiers(self, painter, ahead, bottom):
        """The coarser resolutions an asset is published in, as rings on the line."""
        for name, factor in TIERS.items():
            voxel = self._mound.voxels.final * factor
            if factor == 1.0 or voxel > self.axis.start:
                continue
            x, y = self.axis.x_of(voxel), max(self._y_of(ahead.memory(voxel)), self.TOP)
            painter.setPen(QPen(style.BARLEY, 1.4))
            painter.setBrush(style.PANEL)
            painter.drawEllipse(QPointF(x, y), 4, 4)
            painter.setPen(style.QUIET)
            painter.drawText(QRectF(x - 30, min(y + 5, bottom - 15), 60, 14), Qt.AlignmentFlag.AlignCenter, name)

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
        ahead = self._station.ahead
        text = f"{name} {figure(voxel)} m · {memory(ahead.memory(voxel))}"
        if name == "final":
            text += f" · {seconds(ahead.seconds(voxel))} · {count(ahead.active_voxels(voxel))} voxels"
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
        self._idle = True
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
        self.along = self.add(NumberField(
            "Voxels along", 8, 20_000, 512, "", "The same, as voxels along the cloud's longest side.", "log",
            (32, 4096), True))
        self.along.changed.connect(self._along)
        self.facts = self.add(words(""))
        self.trouble = self.add(words("", "trouble"))
        self.fit = QPushButton("")
        self.fit.setToolTip("Take the smallest voxel whose build fits into memory.")
        self.fit.clicked.connect(lambda: station.edit_voxels("final voxel", final=self._fitting))
        self._fitting = 1.0
        self.fit_row = self.add(Row(self.fit))
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
        self.numbers = self.add(words(""))
        self.section("Surface")
        self.steps = self.add(SurfaceSteps(station))
        self.section("Skin")
        self.skin = self.add(SkinFields(station))
        self.show_building(False, False)

    def _along(self, number, moving):
        floor, ceiling = limits(Voxels, "final")
        voxel = float(f"{self._long() / number:.4g}")
        self._station.edit_voxels("final voxel", moving, final=min(max(voxel, floor), ceiling))

    def _long(self):
        ahead = self._station.ahead
        return ahead.long if ahead is not None and ahead.long else self._station.long()

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
        self._idle = not building
        self.build.setEnabled(self._idle and not self.fit_row.isVisibleTo(self))
        self.stop.setEnabled(building)
        self.show_final.setEnabled(finished)
        self.numbers.setVisible(finished)
        if not finished:
            self.show_draft.setChecked(True)

    def show_numbers(self, numbers):
        """Say what the finished grid amounts to.

        Parameters
        ----------
        numbers : Numbers or None
            None for a grid kept from an earlier session.
        """
        if numbers is None:
            self.numbers.setText("Finished in an earlier session and kept: nothing has to be built.")
            return
        dims = " × ".join(str(d) for d in numbers.dims)
        depth = " · ".join(f"{figure(d)} along {axis}" for axis, d in zip("xyz", numbers.depth))
        self.numbers.setText(
            f"Finished: {dims} voxels, {count(numbers.active_voxels)} active, {memory(numbers.bytes)}. "
            f"Mean density {figure(numbers.mean)}, volume {grouped(numbers.volume)} m³, "
            f"{grouped(numbers.water / 1000.0)} t of water at {WATER:g} g/m³. Optical depth: {depth}.")

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
        self.along.set(round(self._long() / final))
        self.along.set_reset(self.along.value)
        self.steps.show_mound(mound)
        self.skin.show_mound(mound)

    def _show_forecast(self, ahead, final):
        self.trouble.setVisible(False)
        self.fit_row.setVisible(False)
        self.build.setEnabled(self._idle)
        if ahead is None:
            self.facts.setText("Looking at the shape…")
            return
        self.facts.setText(
            f"Final: {count(ahead.active_voxels(final))} active voxels, {memory(ahead.memory(final))} and about "
            f"{seconds(ahead.seconds(final))} to build.")
        limit = memory_limit()
        over = ahead.memory(final) > limit
        self.trouble.setVisible(over)
        self.fit_row.setVisible(over)
        self.build.setEnabled(self._idle and not over)
        if over:
            # Rounded up: a hair smaller might not fit.
            smallest = ahead.smallest_voxel(limit)
            digits = 10.0 ** (math.floor(math.log10(smallest)) - 1)
            self._fitting = float(f"{math.ceil(smallest / digits) * digits:.3g}")
            self.trouble.setText(f"More than the {memory(limit)} allowed: it is not started.")
            self.fit.setText(f"Use {figure(self._fitting)} m, the smallest that fits")
