"""Fields for a part of the recipe, made from the rows that its model states."""

from PyQt6.QtCore import pyqtSignal
from PyQt6.QtWidgets import QCheckBox, QComboBox, QVBoxLayout, QWidget

from ...core.recipe import limits
from ...core.recipe.rows import Changing, Choice, Drawn, Maybe, Number, Switch, Tint, Triple, wanted
from ..words import tr
from .controls import ColourField, NumberField, Row, text_label
from .curve_field import CurveField
from .ramp_field import RampField

AXES = "xyz"


class PartFields(QWidget):
    """One below the other; a row that is not wanted, as its part is, is hidden.

    Parameters
    ----------
    model : type
        Of the part, for limits and what reset brings.
    rows : sequence
        Of the kinds of `core.recipe.rows`.
    name : str, optional
        Put before each label for those who do not see where it stands.
    begun : callable, optional
        Given a field and "density", "depth" or "height", the `Ramp` it begins with.

    Attributes
    ----------
    part : Value or None
        The part that is shown.
    controls : dict of str to QWidget, or list or tuple of them
        By field: three for a `Triple`, the switch and what it leads to for what may be left out.

    Signals
    -------
    changed(str, object, bool)
        Field, new value, and True while the hand has not let go.
    """

    changed = pyqtSignal(str, object, bool)

    def __init__(self, model, rows, name="", begun=None, parent=None):
        super().__init__(parent)
        self.model, self.rows, self._name, self._begun = model, rows, tr(name), begun
        self.part = None
        self.controls, self._outer, self._shown = {}, {}, {}
        self._column = QVBoxLayout(self)
        self._column.setContentsMargins(0, 0, 0, 0)
        self._column.setSpacing(2)
        make = {Number: self._number, Triple: self._triple, Maybe: self._maybe, Choice: self._choice, Switch: self._switch,
                Drawn: self._drawn, Tint: self._tint, Changing: self._changing}
        for row in rows:
            before = self._column.count()
            self.controls[row.field] = make[type(row)](row)
            self._outer[row.field] = [self._column.itemAt(n).widget() for n in range(before, self._column.count())]
            for widget in self._outer[row.field]:
                widget.explained = model, row.field  # which page of the manual speaks of it

    def _named(self, widget, label):
        widget.setAccessibleName(f"{self._name}: {label}" if self._name else label)
        return widget

    def _default(self, row):
        return self.model.model_fields[row.field].default

    def _tell(self, row, value, moving=False):
        self.changed.emit(row.field, value, moving)

    def _field(self, row, label, reset, whole=False):
        low, high = (limit * row.factor for limit in limits(self.model, row.field))
        number = NumberField(label, low, high, reset * row.factor, row.unit, row.sentence, row.scale, row.shown, whole)
        self._column.addWidget(self._named(number, label))
        return number

    def _number(self, row):
        default = self._default(row)
        whole = isinstance(default, int)
        number = self._field(row, tr(row.label), default, whole)
        number.changed.connect(lambda v, m: self._tell(row, round(v) if whole else v / row.factor, m))
        return number

    def _triple(self, row):
        default = self._default(row)
        numbers = [self._field(row, f"{tr(row.label)} {axis}", default[n]) for n, axis in enumerate(AXES)]
        for n, number in enumerate(numbers):
            number.changed.connect(lambda v, m, n=n: self._tell(
                row, tuple(v if n == k else old for k, old in enumerate(self._shown[row.field])), m))
        return numbers

    def _maybe(self, row):
        box = self._box(tr(row.label), tr(row.sentence), lambda on: self._tell(row, row.begins if on else None))
        number = self._field(row, tr(row.label), row.begins)
        number.changed.connect(lambda v, m: self._tell(row, v, m))
        return box, number

    def _box(self, label, sentence, told):
        box = self._named(QCheckBox(label), label)
        box.setToolTip(sentence)
        box.clicked.connect(told)
        self._column.addWidget(Row(box))
        return box

    def _choice(self, row):
        combo = self._named(QComboBox(), tr(row.label))
        for key, label in row.options:
            combo.addItem(tr(label), key)
        combo.setToolTip(tr(row.sentence))
        combo.activated.connect(lambda n: self._tell(row, combo.itemData(n)))
        if row.wide:
            # A long entry must not widen the settings.
            combo.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
            combo.setMinimumContentsLength(12)
        self._column.addWidget(Row(combo) if row.wide else Row(text_label(tr(row.label), "field"), combo))
        return combo

    def _switch(self, row):
        return self._box(tr(row.label), tr(row.sentence), lambda on: self._tell(row, row.words[on] if row.words else on))

    def _drawn(self, row):
        box = None
        if row.begins is not None:
            box = self._box(tr(row.label), "", lambda on: self._tell(row, row.begins if on else None))
        curve = CurveField(tr(row.label), dict(row.ready), tr(row.across), tr(row.up), row.from_nothing)
        curve.changed.connect(lambda c, m: self._tell(row, c, m))
        self._column.addWidget(curve)
        return curve if box is None else (box, curve)

    def _tint(self, row):
        field = self._named(ColourField(row.label, self._default(row), row.sentence), tr(row.label))
        field.changed.connect(lambda v, m: self._tell(row, v, m))
        self._column.addWidget(field)
        return field

    def _changing(self, row):
        field = RampField(tr(row.label), tr(row.sentence), lambda by: self._begun(row.field, by))
        field.changed.connect(lambda ramp, m: self._tell(row, ramp, m))
        self._column.addWidget(field)
        return field

    def show_part(self, part):
        """Follow a part.

        Parameters
        ----------
        part : Value
        """
        self.part = part
        for row in self.rows:
            value, control, shown = getattr(part, row.field), self.controls[row.field], wanted(row, part)
            self._shown[row.field] = value
            for widget in self._outer[row.field]:
                widget.setVisible(shown)
            if isinstance(row, Triple):
                for number, own in zip(control, value):
                    number.set(own)
            elif isinstance(control, tuple):
                box, inner = control
                box.setChecked(value is not None)
                inner.setVisible(shown and value is not None)
                if value is not None:
                    inner.set(value)
            elif isinstance(row, Choice):
                control.setCurrentIndex(control.findData(value))
            elif isinstance(row, Switch):
                control.setChecked(value == row.words[1] if row.words else value)
            elif isinstance(row, Number):
                value *= row.factor
                control.set(value % row.modulo if row.modulo else value)
            else:
                control.set(value)

    def show_keyed(self, keyed):
        """Mark the numbers that have keys.

        Parameters
        ----------
        keyed : sequence of (object, str or (str, int))
            See `core.recipe.timing.keyed_fields`.
        """
        own = [field for part, field in keyed if part is self.part]
        for field, number in self.all_numbers().items():
            number.show_keyed(field in own)

    def all_numbers(self):
        """Every number field, by the field of the part and, of three, the axis.

        Returns
        -------
        dict
        """
        found = {}
        for row in self.rows:
            control = self.controls[row.field]
            if isinstance(row, Triple):
                found.update({(row.field, axis): number for axis, number in enumerate(control)})
            elif isinstance(row, Number):
                found[row.field] = control[1] if isinstance(control, tuple) else control
        return found
