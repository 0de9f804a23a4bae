"""The growth of a mound in the settings of Mass: its numbers, what it would take, and buttons that let it run."""

from PyQt6.QtWidgets import QCheckBox, QPushButton

from ....core.growth.source import growth_for
from ....core.recipe.time import Growth
from ...controls import Row, text_label
from ...part_fields import PartFields


class GrowthFields:
    """A switch, and below it, once it is on, the numbers, what growing would take, and what can be done.

    Parameters
    ----------
    panel : SettingsPanel
        The rows are added to it; this has to be its last section.
    window : Window
    """

    def __init__(self, panel, window):
        self._panel, self._window = panel, window
        panel.section("Growth")
        self.on = QCheckBox("Let it grow")
        self.on.setToolTip("Smoke and cloud rise from the form; the best frame can be frozen and refined.")
        self.on.clicked.connect(lambda on: window.document.apply(
            "growth", lambda mound: mound.edited(growth=growth_for(mound) if on else None)))
        panel.add(Row(self.on))
        self.fields = self.takes = self.grow = self.look = self._row = None

    def _make(self):
        """The rest, made when it is first wanted: most clouds never grow."""
        panel, window = self._panel, self._window
        self.fields = panel.add(PartFields(Growth, Growth.rows, "Growth"))
        self.fields.changed.connect(lambda field, value, moving: window.document.apply(
            f"growth {field}", lambda mound: mound.edited(growth=mound.growth.edited(**{field: value})), moving))
        self.takes = panel.add(text_label(""))
        self.grow, self.look = QPushButton("Grow"), QPushButton("Look at it")
        self.grow.setObjectName("main")
        self.grow.setToolTip("Let it run, or go on where it was stopped; Escape stops it, the frames stay.")
        self.grow.clicked.connect(window.moving.grow)
        self.look.setToolTip("Show the frames that are kept.")
        self.look.clicked.connect(window.moving.look_at_growth)
        self._row = panel.add(Row(self.grow, self.look))

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        there = mound.growth is not None
        self.on.setChecked(there)
        if there and self.fields is None:
            self._make()
        if self.fields is None:
            return
        for widget in (self.fields, self.takes, self._row):
            widget.setVisible(there)
        if there:
            self.fields.show_part(mound.growth)
            self.takes.setText(self._window.moving.foretold())
