"""Mass: blobs, picked, moved and sized in the picture or in numbers."""

import math

from pydantic import ValidationError
from PyQt6.QtCore import QAbstractListModel, QModelIndex, QPointF, QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QPainter, QPen, QPolygonF
from PyQt6.QtWidgets import (
    QAbstractItemView,
    QButtonGroup,
    QCheckBox,
    QHBoxLayout,
    QLineEdit,
    QListView,
    QPushButton,
    QStyle,
    QStyledItemDelegate,
    QVBoxLayout,
    QWidget,
)

from ...core.engine.density import span_of
from ...core.mass.buds import grown
from ...core.mass.distance import box_of
from ...core.mass.outline import blob_outline, moved, resized
from ...core.mass.pick import blob_hit
from ...core.recipe import BaseLevel, Blob, Buds, Mass, TopLevel, limits
from ...core.recipe.problems import sentence_for
from .. import style
from ..fields import NumberField, Row, words
from .station import SettingsPanel, Station

HANDLE = 7
"""Pixels of a handle's radius."""
TINTS = {"adds": style.BARLEY, "carves": style.ROSE, "keeps": style.BLUE}
MOST_DRAWN = 60
"""Buds drawn in a tile."""
ROLES = (("adds", "Adds", "Joined to what came before."),
         ("carves", "Carves", "Taken away from what came before."),
         ("keeps", "Keeps", "Leaves only what lies inside it."))


class MassStation(Station):
    """The station."""

    name = "Mass"
    chosen_changed = pyqtSignal()
    refused = pyqtSignal(str)

    def __init__(self, document, parent=None):
        super().__init__(document, parent)
        self.chosen = None
        self.hand = BlobHand(self)
        self.tray = BlobTray(self)
        self.settings = MassSettings(self)

    def show_mound(self, mound):
        if self.chosen is not None and self.chosen >= len(mound.mass.blobs):
            self.chosen = None
        self.tray.show_mound(mound)
        self.settings.show_mound(mound)

    def note(self, mound):
        return "" if mound.mass.blobs else "A cloud begins with a blob. Press Add blob, or the key B."

    def choose(self, number):
        """Make a blob the chosen one.

        Parameters
        ----------
        number : int or None
        """
        if number != self.chosen:
            self.chosen = number
            self.show_mound(self.document.mound)
            self.chosen_changed.emit()

    def blob(self):
        """The chosen blob, or None."""
        return self.document.mound.mass.blobs[self.chosen] if self.chosen is not None else None

    def replace(self, blob, words_, moving=False):
        """Put another blob in the place of the chosen one.

        Parameters
        ----------
        blob : Blob
        words_ : str
        moving : bool, optional
        """
        blobs = self.document.mound.mass.blobs
        self.edit_mass(words_, moving, blobs=blobs[: self.chosen] + (blob,) + blobs[self.chosen + 1 :])

    def edit_mass(self, words_, moving=False, **changes):
        """Change the mass; what would leave its limits is said and not done.

        Parameters
        ----------
        words_ : str
        moving : bool, optional
        **changes
            Fields of `Mass`.

        Returns
        -------
        bool
            Whether it was done.
        """
        mound = self.document.mound
        try:
            mass = mound.mass.edited(**changes)
        except ValidationError as error:
            # Each number was checked by its field; all blobs together can still be too many.
            self.refused.emit(sentence_for(error, "Not done"))
            self.show_mound(mound)
            return False
        self.document.edit(mound.edited(mass=mass), words_, moving)
        return True

    def edit_level(self, name, words_, moving=False, **changes):
        """Change the base or the top level.

        Parameters
        ----------
        name : str
            "base" or "top".
        words_ : str
        moving : bool, optional
        **changes
            Fields of `BaseLevel`.
        """
        level = getattr(self.document.mound.mass, name).edited(**changes)
        self.edit_mass(words_, moving, **{name: level})

    def add(self, centre=None):
        """Add a blob and choose it.

        Parameters
        ----------
        centre : tuple of float, optional
            Metres; default on top of the chosen blob, or of the whole shape, so that it is seen.
        """
        mound = self.document.mound
        beside = self.blob()
        radius = sum(beside.radii) / 3 * 0.7 if beside else max(span_of(mound) * 0.12, 0.0) or 20.0
        if centre is None and beside is not None:
            x, y, z = beside.centre
            centre = (x, y + max(beside.radii), z)
        elif centre is None:
            box = box_of(mound.mass)
            x, y, z = mound.view.target
            centre = (x, y if box is None else box[1][1], z)
        centre = tuple(round(float(c), 3) for c in centre)
        taken = {b.name for b in mound.mass.blobs}
        number = len(taken) + 1
        while f"Blob {number}" in taken:
            number += 1
        blob = Blob(name=f"Blob {number}", centre=centre, radii=(round(radius, 3),) * 3)
        if self.edit_mass("add blob", blobs=mound.mass.blobs + (blob,)):
            self.choose(len(mound.mass.blobs))

    def duplicate(self):
        """Add a copy of the chosen blob, beside it."""
        blob = self.blob()
        if blob is None:
            return
        x, y, z = blob.centre
        copy = blob.edited(name=f"{blob.name[:72]} copy", centre=(x + blob.radii[0], y, z))
        blobs = self.document.mound.mass.blobs
        if self.edit_mass("duplicate blob", blobs=blobs + (copy,)):
            self.choose(len(blobs))

    def shift(self, step):
        """Move the chosen blob earlier or later among the others: roles act in their order.

        Parameters
        ----------
        step : int
            -1 or 1.
        """
        mass, number = self.document.mound.mass, self.chosen
        if number is None or not 0 <= number + step < len(mass.blobs):
            return
        blobs = list(mass.blobs)
        blobs.insert(number + step, blobs.pop(number))
        self.chosen = number + step
        self.edit_mass("order of blobs", blobs=tuple(blobs))

    def remove(self):
        """Remove the chosen blob."""
        if self.chosen is None:
            return
        mass, number = self.document.mound.mass, self.chosen
        self.chosen = None
        self.edit_mass("remove blob", blobs=mass.blobs[:number] + mass.blobs[number + 1 :])
        self.chosen_changed.emit()


class BlobHand:
    """Picks, drags and sizes blobs in the picture.

    Parameters
    ----------
    station : MassStation
    """

    def __init__(self, station):
        self._station = station
        self._last = None
        self._sizing = None
        self._moved = False
        self._under = None

    def _outline(self, camera):
        blob = self._station.blob()
        return None if blob is None else blob_outline(blob, camera)

    def _handles(self, outline):
        right = outline[outline[:, 0].argmax()]
        top = outline[outline[:, 1].argmin()]
        return QPointF(*right), QPointF(*top)

    def _on_handle(self, at, camera):
        outline = self._outline(camera)
        return outline is not None and any(
            math.hypot(at.x() - h.x(), at.y() - h.y()) <= HANDLE + 3 for h in self._handles(outline)
        )

    def press(self, at, modifiers, camera):
        """Take hold of a handle, of the chosen blob even behind others, or of what is in front."""
        station = self._station
        self._moved = False
        self._under = None
        if self._on_handle(at, camera):
            middle = camera.pixel(station.blob().centre)
            self._sizing = (station.blob(), math.hypot(at.x() - middle[0], at.y() - middle[1]))
            return
        ray = camera.ray(at.x(), at.y())
        hit = blob_hit(station.document.mound.mass, camera.eye, ray)
        number = None if hit is None else hit[0]
        self._last = at if hit is not None else None
        chosen = station.blob()
        if chosen is not None and blob_hit(Mass(blobs=(chosen.edited(role="adds", hidden=False),)), camera.eye, ray):
            self._last = at
            self._under = number  # chosen when the hand lets go without having moved
        else:
            station.choose(number)

    def drag(self, at, modifiers, camera):
        """Move or size the chosen blob."""
        station = self._station
        if self._sizing is not None:
            blob, start = self._sizing
            middle = camera.pixel(blob.centre)
            factor = max(math.hypot(at.x() - middle[0], at.y() - middle[1]) / max(start, 1.0), 0.02)
            self._moved = True
            station.replace(resized(blob, factor, limits(Blob, "radii")), "resize blob", True)
        elif self._last is not None and station.blob() is not None:
            step = at - self._last
            self._last, self._moved = at, True
            station.replace(moved(station.blob(), camera, step.x(), step.y()), "move blob", True)

    def release(self):
        """Let go."""
        if self._moved:
            self._station.document.let_go()
        elif self._under is not None:
            self._station.choose(self._under)
        self._last = self._sizing = self._under = None
        self._moved = False

    def double(self, at, camera):
        """Add a blob where the pointer meets the cloud, or at the target's distance."""
        mound = self._station.document.mound
        ray = camera.ray(at.x(), at.y())
        hit = blob_hit(mound.mass, camera.eye, ray)
        away = hit[1] if hit else mound.view.distance / float(ray @ camera.forward)
        self._station.chosen = None
        self._station.add(tuple(camera.eye + ray * away))

    def hover(self, at, camera):
        """Cursor for what is under the pointer."""
        if self._on_handle(at, camera):
            return Qt.CursorShape.SizeFDiagCursor
        hit = blob_hit(self._station.document.mound.mass, camera.eye, camera.ray(at.x(), at.y()))
        return Qt.CursorShape.OpenHandCursor if hit else Qt.CursorShape.ArrowCursor

    def paint(self, painter, camera):
        """Draw the chosen blob's outline and handles."""
        outline = self._outline(camera)
        if outline is None:
            return
        painter.setBrush(Qt.BrushStyle.NoBrush)
        polygon = QPolygonF([QPointF(x, y) for x, y in outline])
        painter.setPen(QPen(style.with_alpha(style.INK, 120), 3))
        painter.drawPolygon(polygon)
        tint = TINTS[self._station.blob().role]
        painter.setPen(QPen(tint, 1.6))
        painter.drawPolygon(polygon)
        painter.setBrush(tint)
        painter.setPen(QPen(style.INK, 1.5))
        for handle in self._handles(outline):
            painter.drawEllipse(handle, HANDLE, HANDLE)


class _Blobs(QAbstractListModel):
    def __init__(self):
        super().__init__()
        self.blobs = ()

    def take(self, blobs):
        if len(blobs) != len(self.blobs):
            self.beginResetModel()
            self.blobs = blobs
            self.endResetModel()
        elif blobs != self.blobs:
            self.blobs = blobs
            self.dataChanged.emit(self.index(0), self.index(len(blobs) - 1))

    def rowCount(self, parent=QModelIndex()):
        return 0 if parent.isValid() else len(self.blobs)

    def data(self, index, role=Qt.ItemDataRole.DisplayRole):
        if role in (Qt.ItemDataRole.DisplayRole, Qt.ItemDataRole.AccessibleTextRole):
            return self.blobs[index.row()].name
        if role == Qt.ItemDataRole.ToolTipRole:
            blob = self.blobs[index.row()]
            hidden = ", hidden" if blob.hidden else ""
            return f"{blob.name}: {blob.role}{hidden}, radii {', '.join(f'{r:g}' for r in blob.radii)} m"
        return None


class _Silhouette(QStyledItemDelegate):
    def sizeHint(self, _option, _index):
        return QSize(96, 128)

    def paint(self, painter, option, index):
        model = index.model()
        blob = model.blobs[index.row()]
        largest = max(max(b.radii) for b in model.blobs)
        painter.save()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        frame = QRectF(option.rect).adjusted(3, 3, -3, -3)
        chosen = bool(option.state & QStyle.StateFlag.State_Selected)
        painter.setPen(QPen(style.BARLEY, 1.5) if chosen else Qt.PenStyle.NoPen)
        painter.setBrush(style.RAISED)
        painter.drawRoundedRect(frame, 6, 6)
        # Small blobs stay visible: sizes are shown by their square root.
        size = max(blob.radii)
        per_metre = (36.0 if blob.buds is None else 26.0) * math.sqrt(size / largest) / size
        fill = style.TEXT if chosen else style.QUIET
        if blob.role == "adds":
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(style.with_alpha(fill, 70 if blob.hidden else 255))
        else:
            # What is taken away or cut to is drawn as an outline, in its role's colour.
            painter.setPen(QPen(style.with_alpha(TINTS[blob.role], 90 if blob.hidden else 255), 2))
            painter.setBrush(Qt.BrushStyle.NoBrush)
        middle = QPointF(frame.center().x(), frame.top() + (frame.height() - 22) / 2)
        painter.translate(middle)
        for bud in grown(blob)[1 : 1 + MOST_DRAWN]:
            x, y, _ = (b - c for b, c in zip(bud.centre, blob.centre))
            radius = bud.radii[0] * per_metre
            painter.drawEllipse(QPointF(x * per_metre, -y * per_metre), radius, radius)
        painter.rotate(-blob.rotation[2])
        painter.drawEllipse(QPointF(0, 0), blob.radii[0] * per_metre, blob.radii[1] * per_metre)
        painter.restore()
        painter.setPen(style.TEXT if chosen else style.QUIET)
        painter.setFont(style.text_font(12))
        name = painter.fontMetrics().elidedText(blob.name, Qt.TextElideMode.ElideRight,
                                                int(frame.width()) - 8)
        painter.drawText(QRectF(frame.left(), frame.bottom() - 22, frame.width(), 18),
                         Qt.AlignmentFlag.AlignCenter, name)


class BlobTray(QWidget):
    """The blobs as silhouettes, and what can be done with them."""

    def __init__(self, station):
        super().__init__()
        self._station = station
        layout = QHBoxLayout(self)
        layout.setContentsMargins(16, 10, 12, 10)
        layout.setSpacing(12)
        side = QVBoxLayout()
        side.setSpacing(6)
        self.add = QPushButton(style.icon("plus"), "Add blob")
        self.add.setToolTip("Add a blob on top of the chosen one (B), or double-click in the picture.")
        self.copy = QPushButton(style.icon("copy"), "Duplicate")
        self.copy.setToolTip("Add a copy of the chosen blob (Ctrl+D).")
        self.drop = QPushButton(style.icon("trash-2"), "Remove")
        self.drop.setToolTip("Remove the chosen blob (Delete).")
        for button, action in ((self.add, station.add), (self.copy, station.duplicate),
                               (self.drop, station.remove)):
            button.clicked.connect(lambda _=False, act=action: act())
            button.setMinimumWidth(116)
            side.addWidget(button)
        side.addStretch()
        layout.addLayout(side)
        self.model = _Blobs()
        self.list = QListView()
        self.list.setModel(self.model)
        self.list.setItemDelegate(_Silhouette(self.list))
        self.list.setFlow(QListView.Flow.LeftToRight)
        self.list.setWrapping(False)
        self.list.setUniformItemSizes(True)
        self.list.setHorizontalScrollMode(QAbstractItemView.ScrollMode.ScrollPerPixel)
        self.list.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.list.setAccessibleName("Blobs")
        self.list.selectionModel().currentChanged.connect(
            lambda now, _before: station.choose(now.row() if now.isValid() else None))
        layout.addWidget(self.list, 1)

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        chosen = self._station.chosen
        selection = self.list.selectionModel()
        blocked = selection.blockSignals(True)
        self.model.take(mound.mass.blobs)
        index = self.model.index(chosen) if chosen is not None else QModelIndex()
        selection.setCurrentIndex(index, selection.SelectionFlag.ClearAndSelect)
        selection.blockSignals(blocked)
        if chosen is not None:
            self.list.scrollTo(index)
        self.list.viewport().update()
        for button in (self.copy, self.drop):
            button.setEnabled(chosen is not None)


_AXES = ("x", "y", "z")


class MassSettings(SettingsPanel):
    """Numbers of the chosen blob, of the joining and of the levels."""

    def __init__(self, station):
        super().__init__("Mass", "the shape, blocked in from blobs")
        self._station = station
        self._blob = []
        self._blob.append(self.section("Blob"))
        self.name = QLineEdit()
        self.name.setAccessibleName("Blob's name")
        self.name.setMaxLength(80)
        self.name.editingFinished.connect(self._renamed)
        self._blob.append(self.add(Row(self.name)))
        self.roles = {}
        group = QButtonGroup(self)
        for role, text, sentence in ROLES:
            button = QPushButton(text)
            button.setCheckable(True)
            button.setToolTip(sentence)
            button.setAccessibleName(f"Role: {text}")
            button.clicked.connect(lambda _=False, r=role: self._change("role", "role", r))
            group.addButton(button)
            self.roles[role] = button
        self._blob.append(self.add(Row(*self.roles.values())))
        self.hidden = QCheckBox("Hidden")
        self.hidden.toggled.connect(lambda on: self._change("hidden", "hide blob" if on else "show blob", on))
        self.earlier, self.later = QPushButton("Earlier"), QPushButton("Later")
        for button, step in ((self.earlier, -1), (self.later, 1)):
            button.setToolTip("Roles act in the order of the tray.")
            button.clicked.connect(lambda _=False, s=step: station.shift(s))
        self._blob.append(self.add(Row(self.hidden, self.earlier, self.later)))
        self.fields = {}
        for field, label, unit, shown, scale, sentence in (
            ("radii", "Radius", "m", (0.5, 500.0), "log", "Half the blob's size along its own axis."),
            ("centre", "Centre", "m", (-500.0, 500.0), "linear", "Where the blob's middle is; y is the altitude."),
            ("rotation", "Rotation", "°", (-180.0, 180.0), "linear", "Turn about the axis; x first, then y, then z."),
        ):
            low, high = limits(Blob, field)
            for axis in range(3):
                number = NumberField(f"{label} {_AXES[axis]}", low, high, 0.0 if field != "radii" else 15.0,
                                     unit, sentence, scale, shown)
                number.changed.connect(
                    lambda value, moving, f=field, a=axis: self._component(f, a, value, moving))
                self.fields[field, axis] = number
                self._blob.append(self.add(number))
        self.own = QCheckBox("Melt of its own")
        self.own.toggled.connect(
            lambda on: self._change("melt", "own melt", station.document.mound.mass.melt if on else None))
        self._blob.append(self.add(Row(self.own)))
        low, high = limits(Blob, "melt")
        self.own_melt = NumberField("Own melt", low, high, 4.0, "m", "Blend radius where this blob joins.",
                                    "linear", (0.0, 100.0))
        self.own_melt.changed.connect(lambda v, m: self._change("melt", "own melt", v, m))
        self._blob.append(self.add(self.own_melt))
        self.has_buds = QCheckBox("Buds: smaller lumps over its surface")
        self.has_buds.toggled.connect(lambda on: self._change("buds", "buds", Buds() if on else None))
        self._blob.append(self.add(Row(self.has_buds)))
        self.buds = {}
        for field, label, sentence in (
            ("generations", "Generations", "Buds on the blob, buds on those buds, and so on."),
            ("count", "Count", "Buds on each parent."),
            ("shrink", "Shrink", "A bud's radius over its parent's."),
            ("reach", "Reach", "How far out a bud's middle lies, in its parent's radii."),
            ("variation", "Size variation", "How unlike one another the buds are."),
            ("upward", "Upward", "Draws buds toward the top, or below 0 toward the bottom."),
            ("fewer_below", "Fewer below", "Share of the buds left out on undersides."),
            ("seed", "Buds' seed", "Another number, another pattern."),
        ):
            low, high = limits(Buds, field)
            whole = field in ("generations", "count", "seed")
            number = NumberField(label, low, high, Buds.model_fields[field].default, "", sentence, "linear",
                                 (0, 999) if field == "seed" else None, whole)
            number.changed.connect(lambda v, m, f=field, w=whole: self._change_buds(f, round(v) if w else v, m))
            self.buds[field] = self.add(number)
        self.hint = self.add(words("Click a blob in the picture or in the tray to change it."))
        self.section("Joining")
        self.melt = self._number(Mass, "melt", "Melt", "m", (0.0, 100.0), "linear",
                                 "Blend radius where blobs join: 0 leaves a crease.")
        self.melt.changed.connect(lambda v, m: station.edit_mass("melt", m, melt=v))
        self.switches, self.levels = {}, {}
        self._level("base", BaseLevel, "Base level", "Flatten the underside", "Below this altitude nothing condenses.")
        self._level("top", TopLevel, "Top level", "Flatten the top", "Above this altitude nothing rises.")

    def _level(self, name, model, title, switch, altitude):
        self.section(title)
        box = QCheckBox(switch)
        box.toggled.connect(lambda on: self._station.edit_level(name, f"{name} level", on=on))
        self.switches[name] = box
        self.add(Row(box))
        for field, label, shown, scale, sentence in (
            ("altitude", "Altitude", (-200.0, 1000.0), "linear", altitude),
            ("softness", "Softness", (0.0, 100.0), "linear", "How gently the level rounds into the sides."),
            ("raggedness", "Raggedness", (0.0, 60.0), "linear", "How far the level goes up and down."),
            ("ragged_size", "Raggedness size", (1.0, 300.0), "log", "Feature size of the raggedness."),
        ):
            number = self._number(model, field, label, "m", shown, scale, sentence)
            number.setAccessibleName(f"{title}: {label}")
            number.changed.connect(lambda v, m, f=field: self._station.edit_level(
                name, f"{name} {f.replace('_', ' ')}", m, **{f: v}))
            self.levels[name, field] = number

    def _number(self, model, field, label, unit, shown, scale, sentence):
        low, high = limits(model, field)
        reset = model.model_fields[field].default
        return self.add(NumberField(label, low, high, reset, unit, sentence, scale, shown))

    def _component(self, field, axis, value, moving):
        blob = self._station.blob()
        if blob is None:
            return
        parts = list(getattr(blob, field))
        parts[axis] = value
        self._station.replace(blob.edited(**{field: tuple(parts)}), f"blob {field}", moving)

    def _change(self, field, words_, value, moving=False):
        blob = self._station.blob()
        if blob is not None:
            self._station.replace(blob.edited(**{field: value}), words_, moving)

    def _change_buds(self, field, value, moving):
        blob = self._station.blob()
        if blob is not None and blob.buds is not None:
            buds = blob.buds.edited(**{field: value})
            self._station.replace(blob.edited(buds=buds), f"buds {field.replace('_', ' ')}", moving)

    def _renamed(self):
        blob, name = self._station.blob(), self.name.text().strip()
        if blob is not None and name and name != blob.name and "/" not in name and "\\" not in name:
            self._station.replace(blob.edited(name=name), "rename blob")

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        blob = self._station.blob()
        for widget in self._blob:
            widget.setVisible(blob is not None)
        for number in self.buds.values():
            number.setVisible(blob is not None and blob.buds is not None)
        self.hint.setVisible(blob is None)
        if blob is not None:
            if not self.name.hasFocus():
                self.name.setText(blob.name)
            for (field, axis), number in self.fields.items():
                number.set(getattr(blob, field)[axis])
            self.roles[blob.role].setChecked(True)
            for box, on in ((self.hidden, blob.hidden), (self.own, blob.melt is not None),
                            (self.has_buds, blob.buds is not None)):
                blocked = box.blockSignals(True)
                box.setChecked(on)
                box.blockSignals(blocked)
            for field, number in self.buds.items():
                if blob.buds is not None:
                    number.set(getattr(blob.buds, field))
            self.own_melt.setVisible(blob.melt is not None)
            self.own_melt.set(mound.mass.melt if blob.melt is None else blob.melt)
            self.own_melt.set_reset(mound.mass.melt)
            self.earlier.setEnabled(self._station.chosen > 0)
            self.later.setEnabled(self._station.chosen < len(mound.mass.blobs) - 1)
        self.melt.set(mound.mass.melt)
        for name, box in self.switches.items():
            blocked = box.blockSignals(True)
            box.setChecked(getattr(mound.mass, name).on)
            box.blockSignals(blocked)
        for (name, field), number in self.levels.items():
            level = getattr(mound.mass, name)
            number.set(getattr(level, field))
            number.setVisible(level.on)
