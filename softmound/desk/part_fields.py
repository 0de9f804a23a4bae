"""Fields for a part of the recipe, made from a table of what it holds."""

from PyQt6.QtCore import pyqtSignal
from PyQt6.QtWidgets import QCheckBox, QComboBox, QVBoxLayout, QWidget

from ..core.recipe import limits
from ..core.recipe.rows import Choice, Drawn, Maybe, Number, Switch, Triple
from .curve_field import CurveField
from .fields import NumberField, Row, words

AXES = "xyz"


class PartFields(QWidget):
    """One below the other.

    Parameters
    ----------
    model : type
        Of the part, for limits and what reset brings.
    rows : sequence
        Of the kinds of `core.recipe.rows`.
    name : str, optional
        Put before each label for those who do not see where it stands.

    Signals
    -------
    changed(str, object, bool)
        Field, new value, and True while the hand has not let go.
    """

    changed = pyqtSignal(str, object, bool)

    def __init__(self, model, rows, name="", parent=None):
        super().__init__(parent)
        self.model, self.rows, self._name = model, rows, name
        self.controls = {}
        self._shown = {}
        self._column = QVBoxLayout(self)
        self._column.setContentsMargins(0, 0, 0, 0)
        self._column.setSpacing(2)
        for row in rows:
            {Number: self._number, Triple: self._triple, Maybe: self._maybe, Choice: self._choice,
             Switch: self._switch, Drawn: self._drawn}[type(row)](row)

    def _named(self, widget, label):
        widget.setAccessibleName(f"{self._name}: {label}" if self._name else label)
        return widget

    def _field(self, row, label, reset, whole=False):
        low, high = limits(self.model, row.field)
        number = NumberField(label, low, high, reset, row.unit, row.sentence, row.scale, row.shown, whole)
        self._column.addWidget(self._named(number, label))
        return number

    def _number(self, row):
        default = self.model.model_fields[row.field].default
        whole = isinstance(default, int) and not isinstance(default, bool)
        number = self._field(row, row.label, default, whole)
        number.changed.connect(lambda v, m: self.changed.emit(row.field, round(v) if whole else v, m))
        self.controls[row.field] = number

    def _triple(self, row):
        default = self.model.model_fields[row.field].default
        numbers = [self._field(row, f"{row.label} {axis}", default[n]) for n, axis in enumerate(AXES)]
        for n, number in enumerate(numbers):
            number.changed.connect(lambda v, m, n=n: self.changed.emit(
                row.field, tuple(v if n == k else old for k, old in enumerate(self._shown[row.field])), m))
        self.controls[row.field] = numbers

    def _maybe(self, row):
        box = self._named(QCheckBox(row.label), row.label)
        box.clicked.connect(lambda on: self.changed.emit(row.field, row.begins if on else None, False))
        self._column.addWidget(Row(box))
        number = self._field(row, row.label, row.begins)
        number.changed.connect(lambda v, m: self.changed.emit(row.field, v, m))
        self.controls[row.field] = (box, number)

    def _choice(self, row):
        combo = self._named(QComboBox(), row.label)
        combo.addItems([label for _, label in row.options])
        combo.setToolTip(row.sentence)
        combo.activated.connect(lambda n: self.changed.emit(row.field, row.options[n][0], False))
        line = Row(words(row.label, "field"), combo)
        line.combo = combo
        self._column.addWidget(line)
        self.controls[row.field] = line

    def _switch(self, row):
        box = self._named(QCheckBox(row.label), row.label)
        box.setToolTip(row.sentence)
        box.clicked.connect(lambda on: self.changed.emit(row.field, on, False))
        self._column.addWidget(Row(box))
        self.controls[row.field] = box

    def _drawn(self, row):
        curve = CurveField(row.label, dict(row.ready), row.across, row.up)
        curve.changed.connect(lambda c, m: self.changed.emit(row.field, c, m))
        if row.begins is None:
            self._column.addWidget(curve)
            self.controls[row.field] = curve
            return
        box = self._named(QCheckBox(row.label), row.label)
        box.clicked.connect(lambda on: self.changed.emit(row.field, row.begins if on else None, False))
        self._column.addWidget(Row(box))
        self._column.addWidget(curve)
        self.controls[row.field] = (box, curve)

    def show_part(self, part):
        """Follow a part; fields that it does not have are hidden.

        Parameters
        ----------
        part : Value
        """
        for row in self.rows:
            value, control = getattr(part, row.field), self.controls[row.field]
            self._shown[row.field] = value
            if isinstance(row, Triple):
                for number, own in zip(control, value):
                    number.set(own)
            elif isinstance(control, tuple):
                box, inner = control
                box.setChecked(value is not None)
                inner.setVisible(value is not None)
                if value is not None:
                    inner.set(value)
            elif isinstance(row, Choice):
                keys = [key for key, _ in row.options]
                control.combo.setCurrentIndex(keys.index(value))
            elif isinstance(row, Switch):
                control.setChecked(value)
            else:
                control.set(value)

    def want(self, field, wanted):
        """Show a field or hide it.

        Parameters
        ----------
        field : str
        wanted : bool
        """
        control = self.controls[field]
        for widget in control if isinstance(control, (list, tuple)) else (control,):
            widget.setVisible(wanted)
