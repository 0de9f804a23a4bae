"""The tray of Grain: the scale ruler, and what can be done with grains."""

from PyQt6.QtWidgets import QHBoxLayout, QMenu, QPushButton, QVBoxLayout, QWidget

from ....core.grain.characters import CHARACTERS, own_characters
from ....core.recipe.grains import ACTIONS, MOST_GRAINS
from ... import style
from ...words import tr
from .scale_ruler import ScaleRuler


class GrainTray(QWidget):
    """The ruler, and what can be done with grains."""

    def __init__(self, station):
        super().__init__()
        self._station = station
        layout = QHBoxLayout(self)
        layout.setContentsMargins(0, 0, 12, 0)
        layout.setSpacing(4)
        self.ruler = ScaleRuler(station)
        layout.addWidget(self.ruler, 1)
        side = QVBoxLayout()
        side.setContentsMargins(0, 8, 0, 8)
        side.setSpacing(4)
        self.add = QPushButton(style.icon("plus"), tr("Add grain"))
        self.add.setToolTip(tr("Add a push, finer than the finest (G)."))
        self.add.clicked.connect(lambda: station.add())
        self.more = QPushButton(tr("Other…"))
        self.more.setToolTip(tr("Add a grain of another action."))
        menu = QMenu(self.more)
        for action in ACTIONS:
            menu.addAction(tr(action.capitalize()), lambda a=action: station.add(a))
        self.more.setMenu(menu)
        self.copy = QPushButton(style.icon("copy"), "")
        self.copy.setToolTip(tr("Duplicate the chosen grain with another seed."))
        self.drop = QPushButton(style.icon("trash-2"), "")
        self.drop.setToolTip(tr("Remove the chosen grain (Delete)."))
        self.earlier, self.later = QPushButton("◂"), QPushButton("▸")
        self.earlier.setToolTip(tr("Let it work earlier: each grain sees what those before have made."))
        self.later.setToolTip(tr("Let it work later."))
        self.solo = QPushButton(tr("Solo"))
        self.solo.setToolTip(tr("Only this grain; press again for all."))
        self.final = QPushButton(tr("Final"))
        self.final.setCheckable(True)
        self.final.setToolTip(tr("Hatch what the final voxel cannot hold, rather than the draft's."))
        self.characters = QPushButton(tr("Characters"))
        self.characters.setToolTip(tr("Ready sets of grains, and your own."))
        self._menu = QMenu(self.characters)
        self._menu.aboutToShow.connect(self._fill)
        self._fill()
        self.characters.setMenu(self._menu)
        self.siblings = QPushButton(tr("Siblings…"))
        self.siblings.setToolTip(tr("The same mound under other seeds."))
        self.nature = QPushButton(tr("Nature…"))
        self.nature.setToolTip(tr("Measure this cloud against measured nature."))
        for button, name, run in (
            (self.copy, tr("Duplicate grain"), station.duplicate), (self.drop, tr("Remove grain"), station.remove),
            (self.earlier, tr("Grain earlier"), lambda: station.shift(-1)),
            (self.later, tr("Grain later"), lambda: station.shift(1)), (self.solo, "Solo", station.solo),
            (self.siblings, "Siblings", station.show_siblings), (self.nature, "Nature", station.show_nature),
        ):
            button.setAccessibleName(tr(name))
            button.clicked.connect(lambda _=False, r=run: r())
        self.final.clicked.connect(station.look_at)
        for row in ((self.add, self.more), (self.copy, self.drop, self.earlier, self.later), (self.solo, self.final),
                    (self.characters,), (self.siblings, self.nature)):
            line = QHBoxLayout()
            line.setSpacing(4)
            for button in row:
                button.setStyleSheet("padding: 3px 7px;")
                line.addWidget(button, 1)
            side.addLayout(line)
        layout.addLayout(side)

    def _fill(self):
        self._menu.clear()
        for name, grains in CHARACTERS.items():
            self._menu.addAction(tr(name), lambda g=grains, n=name: self._station.take_character(g, n))
        own = own_characters()
        if own:
            self._menu.addSeparator()
        for name, path in own.items():
            self._menu.addAction(name, lambda p=path: self._station.take_character_file(p))
        self._menu.addSeparator()
        self._menu.addAction(tr("Keep these grains…"), lambda: self._station.keep_character())
        self._menu.addAction(tr("From a file…"), lambda: self._station.take_character_file())

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        self.ruler.show_mound(mound)
        some, number = bool(mound.grains), self._station.chosen
        self.add.setEnabled(len(mound.grains) < MOST_GRAINS)
        self.more.setEnabled(len(mound.grains) < MOST_GRAINS)
        for button in (self.copy, self.drop, self.solo):
            button.setEnabled(some)
        self.earlier.setEnabled(some and number > 0)
        self.later.setEnabled(some and number < len(mound.grains) - 1)
