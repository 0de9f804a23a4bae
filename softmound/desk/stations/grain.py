"""Grain: noise on the scale ruler and in settings."""

import math

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QBrush, QColor, QPainter, QPainterPath, QPen
from PyQt6.QtWidgets import QCheckBox, QHBoxLayout, QPushButton, QVBoxLayout, QWidget

from ...core.engine.density import draft_voxel, span_of
from ...core.grain.scales import hill, octaves_of
from ...core.recipe import Push, limits
from .. import style
from ..axis import LogAxis
from ..fields import NumberField, Row
from ..words import figure
from .station import SettingsPanel, Station

TINTS = (style.BLUE, style.BARLEY, style.LICHEN, style.ROSE)


class GrainStation(Station):
    """The station."""

    name = "Grain"
    dome = True
    chosen_changed = pyqtSignal()

    def __init__(self, document, parent=None):
        super().__init__(document, parent)
        self.chosen = 0
        self.tray = GrainTray(self)
        self.settings = GrainSettings(self)

    def show_mound(self, mound):
        self.chosen = min(self.chosen, max(len(mound.grains) - 1, 0))
        self.tray.show_mound(mound)
        self.settings.show_mound(mound)

    def note(self, mound):
        if not mound.mass.blobs:
            return "There is no shape to grain yet: add a blob in Mass."
        return "" if mound.grains else "The surface is still smooth. Press Add grain to break it up."

    def grain(self):
        """The chosen grain, or None."""
        grains = self.document.mound.grains
        return grains[self.chosen] if grains else None

    def choose(self, number):
        """Make a grain the chosen one.

        Parameters
        ----------
        number : int
        """
        self.chosen = number
        self.show_mound(self.document.mound)
        self.chosen_changed.emit()

    def edit_grain(self, words_, moving=False, **changes):
        """Change the chosen grain.

        Parameters
        ----------
        words_ : str
        moving : bool, optional
        **changes
            Fields of `Push`.
        """
        mound = self.document.mound
        if not mound.grains:
            return
        grain = mound.grains[self.chosen].edited(**changes)
        grains = mound.grains[: self.chosen] + (grain,) + mound.grains[self.chosen + 1 :]
        self.document.edit(mound.edited(grains=grains), words_, moving)

    def add(self):
        """Add a grain finer than the finest, or a first one."""
        mound = self.document.mound
        if len(mound.grains) >= 8:
            return
        if mound.grains:
            finest = min(mound.grains, key=lambda g: g.feature)
            grain = finest.edited(feature=max(finest.feature * 0.45, 0.01), on=True,
                                  strength=finest.strength * 0.45, seed=(finest.seed + 12) % 2**31)
        else:
            feature = float(figure(max(span_of(mound) / 6, 0.5), 2))
            grain = Push(feature=feature, strength=float(figure(feature * 0.3, 2)), folded=True)
        self.document.edit(mound.edited(grains=mound.grains + (grain,)), "add grain")
        self.choose(len(mound.grains))

    def remove(self):
        """Remove the chosen grain."""
        mound = self.document.mound
        if mound.grains:
            grains = mound.grains[: self.chosen] + mound.grains[self.chosen + 1 :]
            self.document.edit(mound.edited(grains=grains), "remove grain")


class GrainTray(QWidget):
    """The ruler, and what can be done with grains."""

    def __init__(self, station):
        super().__init__()
        layout = QHBoxLayout(self)
        layout.setContentsMargins(0, 0, 12, 0)
        layout.setSpacing(4)
        self.ruler = ScaleRuler(station)
        layout.addWidget(self.ruler, 1)
        side = QVBoxLayout()
        side.setContentsMargins(0, 10, 0, 10)
        self.add = QPushButton(style.icon("plus"), "Add grain")
        self.add.setToolTip("Add a push, finer than the finest (G).")
        self.add.clicked.connect(lambda: station.add())
        self.drop = QPushButton(style.icon("trash-2"), "Remove")
        self.drop.setToolTip("Remove the chosen grain (Delete).")
        self.drop.clicked.connect(lambda: station.remove())
        for button in (self.add, self.drop):
            button.setMinimumWidth(110)
            side.addWidget(button)
        side.addStretch()
        layout.addLayout(side)

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        self.ruler.show_mound(mound)
        self.add.setEnabled(len(mound.grains) < 8)
        self.drop.setEnabled(bool(mound.grains))


class ScaleRuler(QWidget):
    """Feature sizes from voxel to cloud, each grain a hill over the sizes it covers."""

    LEFT, RIGHT, TOP, BOTTOM = 20, 20, 40, 30

    def __init__(self, station):
        super().__init__()
        self._station = station
        self._mound = None
        self._press = None
        self.setMouseTracking(True)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName("Scale ruler")
        self.setToolTip("Feature sizes from the voxel to the cloud. Drag a hill sideways for its size, up for "
                        "its strength; arrow keys do the same, Tab goes on to the settings.")

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        self._mound = mound
        self.update()

    @property
    def axis(self):
        """Feature sizes across the ruler.

        Returns
        -------
        LogAxis
        """
        voxel = draft_voxel(self._mound)
        largest = max(span_of(self._mound) * 1.25, voxel * 40)
        return LogAxis(voxel / 2.0, largest, self.LEFT, self.width() - self.RIGHT)

    def _y_of(self, amplitude):
        """Row of an amplitude: logarithmic, from a thousandth of the span up to a fifth."""
        span = max(span_of(self._mound), 1e-3)
        share = np.log(np.maximum(amplitude, 1e-9) / (span * 4e-4)) / math.log(500.0)
        return self.height() - self.BOTTOM - np.clip(share, 0.0, 1.05) * (
            self.height() - self.TOP - self.BOTTOM)

    def top_of(self, grain):
        """Summit of a grain's hill.

        Parameters
        ----------
        grain : Push

        Returns
        -------
        QPointF
        """
        sizes, amplitudes = octaves_of(grain)
        return QPointF(self.axis.x_of(sizes[0]), float(self._y_of(hill(grain, sizes[:1])[0])))

    def _grain_at(self, at):
        best, nearest = None, 40.0
        for number, grain in enumerate(self._mound.grains):
            top = self.top_of(grain)
            away = abs(at.x() - top.x()) + 0.25 * abs(at.y() - top.y())
            under = at.y() >= float(self._y_of(hill(grain, np.array([self.axis.value_at(at.x())]))[0])) - 6
            if under and away < nearest + (30 if number == self._station.chosen else 0):
                best, nearest = number, away
        return best

    def mousePressEvent(self, event):
        if event.button() != Qt.MouseButton.LeftButton:
            return
        number = self._grain_at(event.position())
        if number is not None:
            self._station.choose(number)
            self._press = (event.position(), self._mound.grains[number])

    def mouseMoveEvent(self, event):
        if self._press is None:
            on = self._grain_at(event.position()) is not None
            self.setCursor(Qt.CursorShape.SizeAllCursor if on else Qt.CursorShape.ArrowCursor)
            return
        start, grain = self._press
        factor = self.axis.value_at(event.position().x()) / self.axis.value_at(start.x())
        rise = (start.y() - event.position().y()) / (self.height() - self.TOP - self.BOTTOM)
        changes = self._held(grain.feature * factor, max(grain.strength, 1e-3) * 500.0**rise)
        self._station.edit_grain("size and strength of grain", True, **changes)

    def _held(self, feature, strength):
        (f_low, f_high), (s_low, s_high) = limits(Push, "feature"), limits(Push, "strength")
        feature = min(max(float(f"{feature:.3g}"), self.axis.start), self.axis.end)
        return {"feature": min(max(feature, f_low), f_high),
                "strength": min(max(float(f"{strength:.3g}"), s_low), s_high)}

    def mouseReleaseEvent(self, event):
        if self._press is not None and event.button() == Qt.MouseButton.LeftButton:
            self._press = None
            self._station.document.let_go()

    def keyPressEvent(self, event):
        grain = self._station.grain()
        sideways = {Qt.Key.Key_Left: 1 / 1.08, Qt.Key.Key_Right: 1.08}
        upward = {Qt.Key.Key_Up: 1.08, Qt.Key.Key_Down: 1 / 1.08}
        if grain is None or event.key() not in {**sideways, **upward}:
            super().keyPressEvent(event)
            return
        self._station.edit_grain("size and strength of grain", **self._held(
            grain.feature * sideways.get(event.key(), 1.0), grain.strength * upward.get(event.key(), 1.0)))

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setFont(style.text_font(13))
        painter.setPen(style.QUIET)
        painter.drawText(QRectF(16, 8, 300, 20), Qt.AlignmentFlag.AlignVCenter, "Scale ruler")
        if self._mound is None or not self._mound.mass.blobs:
            painter.drawText(QRectF(self.rect()), Qt.AlignmentFlag.AlignCenter,
                             "Nothing to measure yet: add a blob in Mass.")
            return
        bottom = self.height() - self.BOTTOM
        painter.setFont(style.text_font(11))
        self._paint_axis(painter, bottom)
        self._paint_unresolvable(painter, bottom)
        self._paint_slope(painter)
        order = sorted(range(len(self._mound.grains)), key=lambda n: n == self._station.chosen)
        for number in order:
            self._paint_hill(painter, number, bottom)
        for number in order:
            self._letter(painter, number)

    def _paint_axis(self, painter, bottom):
        painter.setPen(QPen(style.LINE, 1))
        painter.drawLine(QPointF(self.LEFT, bottom), QPointF(self.width() - self.RIGHT, bottom))
        span = span_of(self._mound)
        marks = [(size, f"{figure(size)} m") for size in self.axis.marks() if size < span * 0.8]
        for size, text in (*marks, (span, "cloud span")):
            x = self.axis.x_of(size)
            painter.setPen(QPen(style.LINE, 1))
            painter.drawLine(QPointF(x, bottom), QPointF(x, bottom + 4))
            painter.setPen(style.QUIET)
            painter.drawText(QRectF(x - 50, bottom + 6, 100, 16), Qt.AlignmentFlag.AlignCenter, text)

    def _paint_unresolvable(self, painter, bottom):
        edge = self.axis.x_of(2.0 * draft_voxel(self._mound))
        zone = QRectF(self.LEFT, self.TOP - 4, edge - self.LEFT, bottom - self.TOP + 4)
        painter.fillRect(zone, QBrush(style.with_alpha(style.QUIET, 60), Qt.BrushStyle.BDiagPattern))
        painter.setPen(style.QUIET)
        painter.drawText(QRectF(zone.right() + 6, zone.top(), 180, 14), Qt.AlignmentFlag.AlignVCenter,
                         "finer than 2 draft voxels")
        painter.setPen(QPen(style.LINE, 1))
        painter.drawLine(QPointF(edge, zone.top()), QPointF(edge, bottom))

    def _paint_slope(self, painter):
        """Amplitude of nature's k^(-5/3) over size goes with its third power's root: size^(1/3)."""
        span = span_of(self._mound)
        sizes = np.geomspace(2.0 * draft_voxel(self._mound), span, 30)
        rows = self._y_of(0.05 * span * (sizes / span) ** (1.0 / 3.0))
        painter.setPen(QPen(style.QUIET, 1.2, Qt.PenStyle.DotLine))
        path = QPainterPath(QPointF(self.axis.x_of(sizes[0]), float(rows[0])))
        for x, y in zip(self.axis.x_of(sizes[1:]), rows[1:]):
            path.lineTo(float(x), float(y))
        painter.drawPath(path)
        painter.drawText(QRectF(self.axis.x_of(span) - 110, float(rows[-1]) - 20, 110, 16),
                         Qt.AlignmentFlag.AlignRight, "nature's slope")

    def _paint_hill(self, painter, number, bottom):
        grain = self._mound.grains[number]
        chosen = number == self._station.chosen
        tint = TINTS[number % len(TINTS)] if grain.on else style.LINE
        sizes = self.axis.values(160)
        rows = self._y_of(hill(grain, sizes))
        columns = self.axis.x_of(sizes)
        path = QPainterPath(QPointF(float(columns[0]), bottom))
        for x, y in zip(columns, rows):
            path.lineTo(float(x), float(y))
        path.lineTo(float(columns[-1]), bottom)
        painter.setPen(QPen(tint, 2.0 if chosen else 1.2))
        painter.setBrush(style.with_alpha(tint, 110 if chosen else 60))
        painter.drawPath(path)
        top = self.top_of(grain)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(tint)
        if chosen:
            painter.setPen(QPen(style.TEXT, 1.5) if self.hasFocus() else Qt.PenStyle.NoPen)
            painter.drawEllipse(top, 5, 5)

    def _letter(self, painter, number):
        grain = self._mound.grains[number]
        chosen = number == self._station.chosen
        top = self.top_of(grain)
        text = f"Push · {figure(grain.feature)} m" + ("" if grain.on else " · off")
        wide = painter.fontMetrics().horizontalAdvance(text) + 8
        x = min(max(top.x() - wide / 2, self.LEFT), self.width() - self.RIGHT - wide)
        box = QRectF(x, max(top.y() - 26, 20), wide, 17)
        # On a plate of its own, so that hills and lines behind it do not cross the letters.
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.with_alpha(style.PANEL, 200))
        painter.drawRoundedRect(box, 4, 4)
        painter.setPen(style.TEXT if chosen else QColor("#c9c8c2"))
        painter.drawText(box, Qt.AlignmentFlag.AlignCenter, text)


class GrainSettings(SettingsPanel):
    """Numbers of the chosen grain."""

    def __init__(self, station):
        super().__init__("Push", "moves the surface along its normal")
        self._station = station
        self.on = QCheckBox("On")
        self.on.toggled.connect(lambda on: station.edit_grain("grain on or off", on=on))
        self.add(Row(self.on))
        self.fields = {}
        for field, label, unit, shown, scale, sentence in (
            ("feature", "Feature size", "m", (0.5, 500.0), "log", "Size of the largest features."),
            ("strength", "Strength", "m", (0.05, 200.0), "log", "How far the largest features move the surface."),
            ("octaves", "Octaves", "", None, "linear", "How many finer layers are added, each smaller and weaker."),
            ("lacunarity", "Lacunarity", "", None, "linear", "How much finer each octave is than the one before."),
            ("gain", "Gain", "", None, "linear", "How strong each octave is beside the one before."),
            ("weaker_below", "Weaker below", "", None, "linear", "How much of the push is taken away at the base level."),
            ("seed", "Seed", "", (0, 999), "linear", "Another number, another pattern."),
        ):
            low, high = limits(Push, field)
            number = NumberField(label, low, high, Push.model_fields[field].default, unit, sentence,
                                 scale, shown, whole=field in ("octaves", "seed"))
            whole = number.whole
            number.changed.connect(lambda v, m, f=field, w=whole: station.edit_grain(
                f"grain {f.replace('_', ' ')}", m, **{f: round(v) if w else v}))
            self.fields[field] = self.add(number)
        self.folded = QCheckBox("Folded: domes and creases")
        self.folded.toggled.connect(lambda on: station.edit_grain("folded grain", folded=on))
        self.add(Row(self.folded))
        self.section("Offset")
        low, high = limits(Push, "offset")
        self.offset = []
        for axis, letter in enumerate("xyz"):
            number = NumberField(f"Offset {letter}", low, high, 0.0, "m",
                                 "Slides the pattern through the cloud.", "linear", (-200.0, 200.0))
            number.changed.connect(lambda v, m, a=axis: self._slide(a, v, m))
            self.offset.append(self.add(number))

    def _slide(self, axis, value, moving):
        grain = self._station.grain()
        if grain is not None:
            offset = list(grain.offset)
            offset[axis] = value
            self._station.edit_grain("offset of grain", moving, offset=tuple(offset))

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        grain = self._station.grain()
        controls = (self.on, self.folded, *self.fields.values(), *self.offset)
        for control in controls:
            control.setEnabled(grain is not None)
        self.title.setText("Push" if grain is None else f"Push · {figure(grain.feature)} m")
        if grain is None:
            return
        for box, value in ((self.on, grain.on), (self.folded, grain.folded)):
            blocked = box.blockSignals(True)
            box.setChecked(value)
            box.blockSignals(blocked)
        for field, number in self.fields.items():
            number.set(getattr(grain, field))
        for number, value in zip(self.offset, grain.offset):
            number.set(value)
