"""Steps on the surface in the settings of Voxels: easing it, growing or shrinking it."""

from PyQt6.QtWidgets import QCheckBox, QComboBox, QPushButton, QVBoxLayout, QWidget

from ...core.recipe import Grow, Smooth, limits
from .. import style
from ..fields import NumberField, Row, emptied, words

FILTERS = {"gaussian": "Gaussian", "mean": "Mean", "median": "Median", "flow": "Curvature flow"}


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
        self.hint = words("Nothing is done to the surface between its forms and its skin.")
        column.addWidget(self.hint)
        self.add_smooth = QPushButton(style.icon("plus"), "Smooth")
        self.add_grow = QPushButton(style.icon("plus"), "Grow or shrink")
        self.add_smooth.setToolTip("Ease the surface by a filter.")
        self.add_grow.setToolTip("Move the surface outward or inward everywhere.")
        self.add_smooth.clicked.connect(lambda: station.add_step(Smooth(width=self._size())))
        self.add_grow.clicked.connect(lambda: station.add_step(Grow(metres=self._size() / 2)))
        column.addWidget(Row(self.add_smooth, self.add_grow))

    def _size(self):
        """A step that can be seen but spoils nothing: about a hundredth of the cloud."""
        return float(f"{max(self._station.long() / 100.0, 0.01):.2g}")

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
        self._station, self._number = station, number
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 8)
        column.setSpacing(2)
        model = Smooth if kind == "smooth" else Grow
        self.on = QCheckBox("Smooth" if kind == "smooth" else "Grow or shrink")
        self.on.setAccessibleName(f"Step {number + 1}: {self.on.text()}")
        self.on.clicked.connect(lambda on: self._edit("step", on=on))
        self.remove = QPushButton("Remove")
        self.remove.setStyleSheet("padding: 2px 8px;")
        self.remove.setAccessibleName(f"Remove step {number + 1}")
        self.remove.clicked.connect(lambda: station.remove_step(number))
        head = Row(self.on, self.remove)
        head.layout().setStretch(0, 1)
        column.addWidget(head)
        self.filter = None
        if kind == "smooth":
            self.filter = QComboBox()
            self.filter.addItems(FILTERS.values())
            self.filter.setAccessibleName(f"Step {number + 1}: filter")
            self.filter.activated.connect(lambda n: self._edit("filter", filter=list(FILTERS)[n]))
            column.addWidget(Row(words("Filter", "field"), self.filter))
        self.fields = {}
        rows = (("width", "Width", "m", (0.1, 60.0), "log", "How far the filter looks: larger lumps melt away."),
                ("passes", "Passes", "", (1, 12), "linear", "How often it is done.")) if kind == "smooth" else (
            ("metres", "Distance", "m", (-40.0, 40.0), "linear", "Outward above 0, inward below."),)
        for field, label, unit, shown, scale, sentence in rows:
            low, high = limits(model, field)
            whole = field == "passes"
            number_field = NumberField(label, low, high, model.model_fields[field].default, unit, sentence, scale,
                                       shown, whole)
            number_field.setAccessibleName(f"Step {number + 1}: {label}")
            number_field.changed.connect(lambda v, m, f=field, w=whole: self._edit(f, m, **{f: round(v) if w else v}))
            self.fields[field] = number_field
            column.addWidget(number_field)
        self.after = QCheckBox("After the grains")
        self.after.setToolTip("Otherwise before them: the forms are eased and the grains stay crisp.")
        self.after.clicked.connect(lambda on: self._edit("step's place", after=on))
        column.addWidget(Row(self.after))

    def _edit(self, word, moving=False, **changes):
        self._station.edit_step(self._number, word, moving, **changes)

    def show_step(self, step):
        """Follow a step.

        Parameters
        ----------
        step : Smooth or Grow
        """
        self.on.setChecked(step.on)
        self.after.setChecked(step.after)
        if self.filter is not None:
            self.filter.setCurrentText(FILTERS[step.filter])
        for field, number in self.fields.items():
            number.set(getattr(step, field))
