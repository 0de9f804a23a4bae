"""The section of the settings that shows the stand-ins: which is chosen, and all its numbers."""

from PyQt6.QtCore import QPoint, QTimer
from PyQt6.QtWidgets import QComboBox, QPushButton

from ...core.recipe.standins import STAND_INS
from ..words import tr
from .controls import Row, text_label
from .part_fields import PartFields

ABOVE = 44
"""Pixels above the first row that are left for the title of the section."""


class StandInFields:
    """Which stand-in is chosen, its numbers, and buttons to add, duplicate and remove.

    Parameters
    ----------
    panel : SettingsPanel
        The rows are added to it.
    stand_ins : StandIns
    """

    def __init__(self, panel, stand_ins):
        self._stand_ins, self._panel, self._before = stand_ins, panel, None
        panel.section("Stand-ins")
        self.which = QComboBox()
        self.which.setAccessibleName(tr("Which stand-in"))
        self.which.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        self.which.setMinimumContentsLength(10)
        self.which.activated.connect(lambda n: stand_ins.choose(n - 1 if n else None))
        self.add = QPushButton(tr("Add"))
        self.add.setToolTip(tr("A solid thing beside the cloud, which gives it scale and casts its shadow."))
        self.add.setMenu(stand_ins.menu(self.add))
        panel.add(Row(self.which, self.add))
        self.about = panel.add(text_label(""))
        self.copy, self.drop = QPushButton(tr("Duplicate")), QPushButton(tr("Remove"))
        self.copy.setAccessibleName(tr("Duplicate the stand-in"))
        self.drop.setAccessibleName(tr("Remove the stand-in"))
        self.copy.clicked.connect(stand_ins.duplicate)
        self.drop.clicked.connect(stand_ins.remove)
        self._buttons = panel.add(Row(self.copy, self.drop))
        self.parts = {}
        for word, kind in STAND_INS.items():
            rows = *kind.rows[:1], *kind.place_rows, *kind.shape_rows, *kind.rows[1:], *kind.way_rows
            fields = PartFields(kind, rows, "Stand-in")
            fields.changed.connect(lambda field, value, moving: stand_ins.edit(moving, **{field: value}))
            self.parts[word] = panel.add(fields)

    @property
    def shown(self):
        """The fields of the chosen one: PartFields or None."""
        present = self._stand_ins.present
        return None if present is None else self.parts[present.kind]

    def show(self):
        """Follow the stand-ins, and the chosen one."""
        there, present = self._stand_ins.all, self._stand_ins.present
        names = [tr("None chosen") if there else tr("None"), *(each.name for each in there)]
        if [self.which.itemText(n) for n in range(self.which.count())] != names:
            self.which.clear()
            self.which.addItems(names)
        self.which.setEnabled(bool(there))
        self.which.setCurrentIndex(0 if present is None else self._stand_ins.chosen + 1)
        self.about.setText(present.facts() if present is not None else tr("Solid things give a cloud scale; they cast shadows, and "
                           "receive its own."))
        self._buttons.setVisible(present is not None)
        for word, fields in self.parts.items():
            fields.setVisible(present is not None and word == present.kind)
        if present is not None:
            self.parts[present.kind].show_part(present)
        if self._stand_ins.chosen != self._before and present is not None and self._panel.isVisible():
            # Its numbers are far down: they come where one sees them, once they are laid out.
            QTimer.singleShot(0, lambda: self._panel.verticalScrollBar().setValue(
                self.which.mapTo(self._panel.widget(), QPoint(0, 0)).y() - ABOVE))
        self._before = self._stand_ins.chosen
