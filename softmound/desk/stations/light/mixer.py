"""The mixer: a fader, a tint, solo and mute for each light group; a page in the tray of Light."""

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QHBoxLayout, QPushButton, QVBoxLayout, QWidget

from ....core.light.scene.groups import MOST_OF_LAMPS, OTHERS, shining
from ....core.recipe import Fader, limits
from ...fields.controls import ColourField, NumberField, Sideways
from ...words import tr

NAMES = {"sun": "Sun", "sky": "Sky", "below": "From below", "glow": "Glow"}
"""Of the groups that are no lamps, as they are shown."""
WIDE = 168
"""Of a strip, pixels."""


class Strip(QWidget):
    """The fader of one light group.

    Parameters
    ----------
    station : LightStation
    group : str
    """

    def __init__(self, station, group):
        super().__init__()
        self._station, self.group = station, group
        self.setFixedWidth(WIDE)
        name = NAMES.get(group, group)
        level, tint, solo, mute = Fader.rows
        layout = QVBoxLayout(self)
        layout.setContentsMargins(0, 0, 0, 0)
        layout.setSpacing(2)
        self.level = NumberField(name, *limits(Fader, "level"), 1.0, level.unit, level.sentence, level.scale, level.shown)
        self.level.changed.connect(lambda value, moving: self._change("level", moving, level=value))
        if group == OTHERS:
            self.level.setToolTip(tr("Lamps beyond the first {} groups have one fader together: give lamps a group by a right "
                                     "click on them.").format(MOST_OF_LAMPS - 1))
        layout.addWidget(self.level)
        row = QHBoxLayout()
        row.setSpacing(4)
        self.solo, self.mute = (self._button(text) for text in (solo, mute))
        self.solo.clicked.connect(lambda on: self._change("solo", solo=on))
        self.mute.clicked.connect(lambda on: self._change("mute", muted=on))
        self.tint = ColourField("", (1.0, 1.0, 1.0), tint.sentence)
        self.tint.setAccessibleName(tr("{}: tint").format(tr(name)))
        self.tint.setFixedWidth(62)
        self.tint.changed.connect(lambda value, moving: self._change("tint", moving, tint=value))
        for widget in (self.solo, self.mute, self.tint):
            row.addWidget(widget)
        layout.addLayout(row)

    def _button(self, row):
        button = QPushButton(tr(row.label))
        button.setCheckable(True)
        button.setStyleSheet("padding: 2px 6px;")
        button.setToolTip(tr(row.sentence))
        button.setAccessibleName(f"{tr(NAMES.get(self.group, self.group))}: {tr(row.label)}")
        return button

    def _change(self, what, moving=False, **changes):
        self._station.mix(self.group, what, moving, **changes)

    def show_fader(self, fader):
        """Show a fader without telling anyone.

        Parameters
        ----------
        fader : Fader
        """
        self.level.set(fader.level)
        self.tint.set(fader.tint)
        self.solo.setChecked(fader.solo)
        self.mute.setChecked(fader.muted)


class MixerPage(QWidget):
    """Strips side by side, and a button that takes all faders back.

    Parameters
    ----------
    station : LightStation
    """

    def __init__(self, station):
        super().__init__()
        self._station, self.strips = station, {}
        layout = QHBoxLayout(self)
        layout.setContentsMargins(16, 0, 16, 10)
        layout.setSpacing(14)
        self.scroll = Sideways(22)
        layout.addWidget(self.scroll, 1)
        self.reset = QPushButton(tr("Take all back"))
        self.reset.setToolTip(tr("All light as it comes: every fader at 1, no tint, nothing solo or muted."))
        self.reset.clicked.connect(lambda: station.unmix())
        layout.addWidget(self.reset, 0, Qt.AlignmentFlag.AlignVCenter)

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        light = mound.light
        groups = shining(light, (light.medium,))
        if tuple(self.strips) != groups:
            self.strips = {group: Strip(self._station, group) for group in groups}
            self.scroll.show_widgets(list(self.strips.values()))
        faders = {fader.group: fader for fader in light.mix}
        for group, strip in self.strips.items():
            strip.show_fader(faders.get(group, Fader(group=group)))
        self.reset.setEnabled(bool(light.mix))
