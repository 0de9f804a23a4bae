"""Faders of light groups: a level, a tint, solo and mute for each, wherever light is mixed."""

from PyQt6.QtWidgets import QHBoxLayout, QPushButton, QVBoxLayout, QWidget

from ...core.light.scene.groups import MOST_OF_LAMPS, OTHERS, shining, unmixed, with_fader
from ...core.recipe import Fader, limits
from ..words import in_words, tr
from .controls import ColourField, NumberField

NAMES = {"sun": "Sun", "sky": "Sky", "below": "From below", "glow": "Glow"}
"""Of the groups that are no lamps, as they are shown."""


class Strip(QWidget):
    """The fader of one light group.

    Parameters
    ----------
    mixing : Mixing
    group : str
    """

    def __init__(self, mixing, group):
        super().__init__()
        self._mixing, self.group = mixing, group
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
        row.setContentsMargins(8, 0, 0, 0)  # below the slider
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
        self._mixing.mix(self.group, what, moving, **changes)

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


class Mixing:
    """The light of a document under faders, which are shown side by side or below one another.

    Parameters
    ----------
    document : Document or FlockDocument
        What it holds has a light.
    lay : callable
        Given a list of widgets, shows them; told again where other groups have light.

    Attributes
    ----------
    strips : dict of str to Strip
        By light group.
    """

    def __init__(self, document, lay):
        self._document, self._lay, self.strips = document, lay, {}

    def mix(self, group, what, moving=False, **changes):
        """Change the fader of a light group.

        Parameters
        ----------
        group : str
        what : str
            For the undo list.
        moving : bool, optional
        **changes
            Fields of `Fader`.
        """
        self._document.apply(tr("mixer: {} {}").format(group, in_words(what)),
                             lambda about: about.edited(light=with_fader(about.light, group, **changes)), moving)

    def unmix(self):
        """Take all faders back."""
        self._document.apply(tr("take the mixer back"), lambda about: about.edited(light=unmixed(about.light)))

    def show_light(self, light, media=()):
        """Follow a light.

        Parameters
        ----------
        light : Light
        media : sequence of Medium, optional
            That may glow.
        """
        groups = shining(light, media)
        if tuple(self.strips) != groups:
            self.strips = {group: Strip(self, group) for group in groups}
            self._lay(list(self.strips.values()))
        faders = {fader.group: fader for fader in light.mix}
        for group, strip in self.strips.items():
            strip.show_fader(faders.get(group, Fader(group=group)))
