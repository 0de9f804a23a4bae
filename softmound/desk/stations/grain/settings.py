"""Numbers of the chosen grain, where it acts, and the patches."""

from PyQt6.QtWidgets import QCheckBox, QComboBox, QLabel, QPushButton, QVBoxLayout, QWidget

from ....core.recipe import Noise, Patch, Skin, Warp
from ....core.recipe.grains import ACTIONS
from ...fields.controls import Row, emptied, text_label
from ...fields.lengths import length
from ...fields.part_fields import PartFields
from ...fields.settings_panel import SettingsPanel
from ...fields.where_fields import Where
from ...words import tr


class GrainSettings(SettingsPanel):
    """The settings."""

    def __init__(self, station):
        super().__init__("Grain", "noise at every scale")
        self._station = station
        self.action = QComboBox()
        self.action.addItems([tr(name.capitalize()) for name in ACTIONS])
        self.action.setAccessibleName(tr("Action"))
        self.action.activated.connect(lambda n: station.change_action(list(ACTIONS)[n]))
        self.action_row = self.add(Row(text_label(tr("Action"), "field"), self.action))
        self.on = QCheckBox(tr("On"))
        self.on.clicked.connect(lambda on: station.edit_grain(tr("grain on or off"), on=on))
        self.add(Row(self.on))
        self._of_grain = [self.action_row]
        self.acts = {}
        for name, kind in ACTIONS.items():
            fields = PartFields(kind, kind.rows)
            fields.changed.connect(station.edit_field)
            self.acts[name] = self.add(fields)
        self.noise = self._fields("Noise", Noise.noise_rows)
        self.noise_more = self._fields(tr("More of the noise"), Noise.more_rows)
        self._of_grain.append(self.section("Warp"))
        self.warped = QPushButton(tr("Warp the noise"))
        self.warped.setCheckable(True)
        self.warped.setToolTip(tr("Moves the places at which the noise is read, by another noise."))
        self.warped.clicked.connect(station.warp)
        self._of_grain.append(self.add(Row(self.warped)))
        self.warp = PartFields(Warp, Warp.rows)
        self.warp.changed.connect(station.edit_warp)
        self.add(self.warp)
        self._of_grain.append(self.section("Where"))
        self.show_where = QCheckBox(tr("Show it in the picture"))
        self.show_where.setToolTip(tr("Tints the cloud where this grain acts."))
        self.show_where.clicked.connect(station.show_where)
        self._of_grain.append(self.add(Row(self.show_where)))
        self.where = self.add(Where(station, "grain"))
        self._of_grain.append(self.where)
        self.section("Patches")
        self.patches = self.add(Patches(station))
        self.section(tr("All densities"))
        self.tone = PartFields(Skin, Skin.tone_rows)
        self.tone.changed.connect(station.edit_tone)
        self.add(self.tone)

    def _fields(self, title, rows):
        self._of_grain.append(self.section(title))
        fields = PartFields(Noise, rows)
        fields.changed.connect(self._station.edit_field)
        self._of_grain.append(self.add(fields))
        return fields

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        grain = self._station.grain()
        for widget in self._of_grain:
            widget.setVisible(grain is not None)
        for name, fields in self.acts.items():
            fields.setVisible(grain is not None and grain.action == name)
        self.warp.setVisible(grain is not None and grain.warp is not None)
        self.patches.show_mound(mound)
        self.tone.show_part(mound.skin)
        self.on.setEnabled(grain is not None)
        self.on.setChecked(grain is not None and grain.on)
        if grain is None:
            self.title.setText(tr("Grain"))
            self.subtitle.setText(tr("noise at every scale"))
            return
        self.title.setText(f"{tr(grain.action.capitalize())} · {length(grain.feature)}")
        self.subtitle.setText(tr(grain.sentence))
        self.action.setCurrentIndex(list(ACTIONS).index(grain.action))
        self.acts[grain.action].show_part(grain)
        self.noise.show_part(grain)
        self.noise_more.show_part(grain)
        self.warped.setChecked(grain.warp is not None)
        if grain.warp is not None:
            self.warp.show_part(grain.warp)
        self.where.show_masks(grain.where)


class Patches(QWidget):
    """Local corrections of density, one below the other.

    Parameters
    ----------
    station : GrainStation
    """

    def __init__(self, station):
        super().__init__()
        self._station = station
        self._count = None
        self.groups = []
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        self._rows = QVBoxLayout()
        column.addLayout(self._rows)
        self.hint = text_label(tr("Make a part thicker or thinner: a ball, a box or paint that changes the density there."))
        column.addWidget(self.hint)
        self.add_button = QPushButton(tr("Add a patch"))
        self.add_button.clicked.connect(lambda: station.add_patch())
        column.addWidget(Row(self.add_button))

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        if len(mound.patches) != self._count:
            self._count = len(mound.patches)
            emptied(self._rows)
            self.groups = [_PatchGroup(self._station, n) for n in range(self._count)]
            for group in self.groups:
                self._rows.addWidget(group)
        for group, patch in zip(self.groups, mound.patches):
            group.show_patch(patch)
        self.hint.setVisible(not mound.patches)


class _PatchGroup(QWidget):
    def __init__(self, station, number):
        super().__init__()
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 10)
        column.setSpacing(2)
        drop = QPushButton(tr("Remove"))
        drop.setStyleSheet("padding: 2px 8px;")
        drop.setAccessibleName(tr("Remove patch {}").format(number + 1))
        drop.clicked.connect(lambda: station.remove_patch(number))
        self.paint = QPushButton(tr("Paint"))
        self.paint.setCheckable(True)
        self.paint.setStyleSheet("padding: 2px 8px;")
        self.paint.setToolTip(tr("Paint on the cloud with the left hand; Alt takes paint away."))
        self.paint.clicked.connect(lambda on: station.paint_on(number, -1 if on else None))
        row = Row(QLabel(tr("Patch {}").format(number + 1)), self.paint, drop)
        row.layout().setStretch(0, 1)
        column.addWidget(row)
        self.fields = PartFields(Patch, Patch.rows, tr("Patch {}").format(number + 1))
        self.fields.changed.connect(lambda f, v, m: station.edit_patch(number, f, v, m))
        column.addWidget(self.fields)
        self.where = Where(station, number)
        column.addWidget(self.where)

    def show_patch(self, patch):
        """Follow a patch.

        Parameters
        ----------
        patch : Patch
        """
        self.fields.show_part(patch)
        self.paint.setVisible(patch.shape == "paint")
        self.where.show_masks(patch.where)
