"""Asking how a cloud is published: which files, what goes with them, and what is said of it."""

from PyQt6.QtWidgets import QDialog, QPushButton, QVBoxLayout

from ...core.library.choices import MORE, TIERS
from ...core.recipe.models import Voxels, limits
from ..fields.about_fields import AboutFields
from ..fields.controls import NumberField, Row, text_label
from ..fields.figures import memory, seconds
from ..words import tr
from .asking import add_buttons

MORE_WORDS = {"suns": "Four sides, three suns", "turntable": "Twelve sides", "proxy": "Light mesh"}


class PublishDialog(QDialog):
    """Asks for tiers, pictures, a mesh and what there is to say, and foretells size and time.

    Parameters
    ----------
    mound : Mound
    ahead : Forecast or None
    library : pathlib.Path
    about : About
    tiers : sequence of int
    more : sequence of str
    parent : QWidget, optional
    """

    explained = "stations/05_library"

    def __init__(self, mound, ahead, library, about, tiers, more, parent=None):
        super().__init__(parent)
        self.setWindowTitle(tr("Publish"))
        self.setMinimumWidth(470)
        self._mound, self._ahead = mound, ahead
        layout = QVBoxLayout(self)
        layout.setSpacing(8)
        layout.addWidget(text_label(tr("Publish {}").format(mound.name), "title"))
        layout.addWidget(text_label(tr("A new version of it in {}: built, checked, with its recipe and its picture.").format(
            library.name)))
        self.voxel = NumberField(tr("Final voxel"), *limits(Voxels, "final"), mound.voxels.final, "m",
                                 tr("Edge of a voxel of the full grid."), "log", (0.05, 10.0))
        self.voxel.changed.connect(lambda _value, _moving: self._show())
        layout.addWidget(self.voxel)
        layout.addWidget(text_label(tr("Files"), "section"))
        self.tiers = {}
        for times in TIERS:
            button = _choice(tr("full") if times == 1 else f"1/{times}", times in tiers)
            button.setAccessibleName(tr("Publish the full grid") if times == 1 else tr("Publish a grid of 1/{}").format(times))
            button.setToolTip(
                tr("A file at the final voxel.") if times == 1 else
                tr("A file with voxels {} times as wide, of the same mass: for far clouds and quick looks.").format(times))
            button.toggled.connect(lambda _on: self._show())
            self.tiers[times] = button
        layout.addWidget(Row(*self.tiers.values()))
        layout.addWidget(text_label(tr("With them"), "section"))
        self.more = {}
        for name, words in MORE_WORDS.items():
            self.more[name] = _choice(tr(words), name in more)
            self.more[name].setToolTip(tr("Also keep {}.").format(tr(MORE[name])))
        layout.addWidget(Row(*self.more.values()))
        layout.addWidget(text_label(tr("Said of it"), "section"))
        self.about = AboutFields(about)
        layout.addWidget(self.about)
        self.foretold = text_label("")
        layout.addWidget(self.foretold)
        self.publish = add_buttons(self, layout, tr("Publish"))
        self._show()

    def chosen_tiers(self):
        """Which files are wanted: tuple of int."""
        return tuple(times for times, button in self.tiers.items() if button.isChecked())

    def chosen_more(self):
        """What else goes with them: tuple of str."""
        return tuple(name for name, button in self.more.items() if button.isChecked())

    def _show(self):
        tiers = self.chosen_tiers()
        self.publish.setEnabled(bool(tiers))
        self.foretold.setText(foretold(self._mound, self._ahead, tiers, self.voxel.value) if tiers else
                              tr("Choose one file at least."))


def foretold(mound, ahead, tiers, voxel=None):
    """How large and how long what is published would be.

    Parameters
    ----------
    mound : Mound
    ahead : Forecast or None
    tiers : sequence of int
    voxel : float, optional
        Metres; default the mound's final voxel.

    Returns
    -------
    str
        Empty where nothing is known.
    """
    if ahead is None or not mound.mass.forms:
        return ""
    # A tier has an eighth of the voxels of the one twice as fine.
    voxel, share = mound.voxels.final if voxel is None else voxel, sum(times**-3.0 for times in tiers)
    size = ahead.kept_bricks(voxel) * 512 * 2.0 * share
    return tr("About {} of files at the most, in {}.").format(memory(size), seconds(ahead.seconds(voxel) * (1.0 + 0.3 * share)))


def _choice(words, on):
    button = QPushButton(words)
    button.setCheckable(True)
    button.setChecked(on)
    return button
