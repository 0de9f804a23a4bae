"""Steps on the surface in the settings of Voxels: easing it, growing or shrinking it."""

from PyQt6.QtWidgets import QCheckBox, QPushButton, QVBoxLayout, QWidget

from ....core.recipe.steps import STEPS
from ... import style
from ...fields.controls import Row, emptied, text_label
from ...fields.part_fields import PartFields
from ...words import tr


class SurfaceSteps(QWidget):
    """One group of fields for each step of the recipe, and buttons that add another.

    Parameters
    ----------
    station : VoxelsStation
    """

    def __init__(self, station):
        super().__init__()
        self._station = station
        self._kinds = None
        self.groups = []
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(2)
        self._rows = QVBoxLayout()
        self._rows.setSpacing(2)
        column.addLayout(self._rows)
        self.hint = text_label(tr("Nothing is done to the surface between its forms and its skin."))
        column.addWidget(self.hint)
        self.adding = {word: QPushButton(style.icon("plus"), tr(kind.label)) for word, kind in STEPS.items()}
        for word, button in self.adding.items():
            button.setToolTip(tr(STEPS[word].sentence))
            button.clicked.connect(lambda _=False, kind=STEPS[word]: station.add_step(kind))
        column.addWidget(Row(*self.adding.values()))

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        kinds = tuple(step.step for step in mound.steps)
        if kinds != self._kinds:
            self._kinds = kinds
            emptied(self._rows)
            self.groups = [_Group(self._station, number, kind) for number, kind in enumerate(kinds)]
            for group in self.groups:
                self._rows.addWidget(group)
        for group, step in zip(self.groups, mound.steps):
            group.show_step(step)
        self.hint.setVisible(not kinds)


class _Group(QWidget):
    def __init__(self, station, number, kind):
        super().__init__()
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 8)
        column.setSpacing(2)
        self.on = QCheckBox(tr(STEPS[kind].label))
        self.on.setAccessibleName(tr("Step {}: {}").format(number + 1, self.on.text()))
        self.on.clicked.connect(lambda on: station.edit_step(number, "step", False, on=on))
        self.remove = QPushButton(tr("Remove"))
        self.remove.setStyleSheet("padding: 2px 8px;")
        self.remove.setAccessibleName(tr("Remove step {}").format(number + 1))
        self.remove.clicked.connect(lambda: station.remove_step(number))
        head = Row(self.on, self.remove)
        head.layout().setStretch(0, 1)
        column.addWidget(head)
        self.rows = PartFields(STEPS[kind], STEPS[kind].rows, tr("Step {}").format(number + 1))
        self.rows.changed.connect(lambda field, value, moving: station.edit_step(
            number, "step's place" if field == "after" else field, moving, **{field: value}))
        column.addWidget(self.rows)

    def show_step(self, step):
        """Follow a step.

        Parameters
        ----------
        step : Step
        """
        self.on.setChecked(step.on)
        self.rows.show_part(step)
