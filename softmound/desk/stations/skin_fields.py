"""The skin in the settings of Voxels."""

from PyQt6.QtWidgets import QCheckBox, QVBoxLayout, QWidget

from ...core.recipe import SKIN_CURVES, LowerSkin, Skin, limits
from ..curve_field import CurveField
from ..fields import NumberField, Row, words

_PART = (
    ("thickness", "Thickness", "m", (0.1, 60.0), "log",
     "Metres from the edge to the core: thin looks like plaster, thick like cotton wool."),
    ("core", "Core density", "", (0.05, 4.0), "log", "Density inside, which the extinction multiplies."),
)
_BELOW = (
    ("altitude", "Below", "m", (-200.0, 1000.0), "linear", "Altitude at which one skin passes into the other."),
    ("blend", "Over", "m", (0.0, 300.0), "linear", "Height over which it does."),
)


class SkinFields(QWidget):
    """Thickness, core and curve; hollow or filled; and another skin below a height.

    Parameters
    ----------
    station : VoxelsStation
    """

    def __init__(self, station):
        super().__init__()
        self._station = station
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(2)
        self.numbers, self.below = {}, {}
        for row in _PART:
            self.numbers[row[0]] = self._number(column, Skin, *row, self._edit)
        self.curve = CurveField("Rise", SKIN_CURVES, "inward", "density", True)
        self.curve.changed.connect(lambda curve, m: self._edit("curve", m, curve=curve))
        column.addWidget(self.curve)
        self.thin = words("", "trouble")
        column.addWidget(self.thin)
        self.even = QCheckBox("Even on pushed surfaces")
        self.even.setToolTip("Measures the thickness square to the surface that the grains have left, so that it is as "
                             "thick on steep lumps as on flat parts.")
        self.even.clicked.connect(lambda on: self._edit("evenness", even=on))
        column.addWidget(Row(self.even))
        self.hollow = QCheckBox("Hollow: a shell")
        self.hollow.setToolTip("Only a wall of the stated thickness, with the skin on both its sides.")
        self.hollow.clicked.connect(lambda on: self._edit(
            "shell", shell=float(f"{max(station.long() / 20.0, 0.02):.2g}") if on else None))
        column.addWidget(Row(self.hollow))
        self.shell = NumberField("Shell", *limits(Skin, "shell"), 10.0, "m", "Thickness of the wall.", "log", (0.1, 200.0))
        self.shell.changed.connect(lambda v, m: self._edit("shell", m, shell=v))
        column.addWidget(self.shell)
        self.two = QCheckBox("Another skin below a height")
        self.two.clicked.connect(self._second)
        column.addWidget(Row(self.two))
        for row in (*_BELOW, *_PART):
            self.below[row[0]] = self._number(column, LowerSkin, *row, self._edit_below)
        self.lower_curve = CurveField("Rise below", SKIN_CURVES, "inward", "density", True)
        self.lower_curve.changed.connect(lambda curve, m: self._edit_below("curve", m, curve=curve))
        column.addWidget(self.lower_curve)

    def _number(self, column, model, field, label, unit, shown, scale, sentence, edit):
        low, high = limits(model, field)
        number = NumberField(label, low, high, model.model_fields[field].default, unit, sentence, scale, shown)
        if model is LowerSkin:
            number.setAccessibleName(f"Lower skin: {label}")
        number.changed.connect(lambda v, m, f=field: edit(f, m, **{f: v}))
        column.addWidget(number)
        return number

    def _edit(self, word, moving=False, **changes):
        self._station.edit_skin(f"skin {word}", moving, **changes)

    def _edit_below(self, word, moving=False, **changes):
        if self._station.document.mound.skin.below is not None:
            self._station.edit_skin(f"lower skin {word}", moving, ("below",), **changes)

    def _second(self, on):
        mound = self._station.document.mound
        skin, middle, long = mound.skin, self._station.middle(), self._station.long()
        below = LowerSkin(thickness=skin.thickness, core=skin.core, curve=skin.curve,
                          altitude=float(f"{middle:.3g}"), blend=float(f"{long / 12.0:.2g}")) if on else None
        self._station.edit_skin("lower skin", below=below)

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        skin, final = mound.skin, mound.voxels.final
        for field, number in self.numbers.items():
            number.set(getattr(skin, field))
        self.curve.set(skin.curve)
        thinnest = min(part.thickness for part in (skin, skin.below) if part is not None)
        self.thin.setVisible(thinnest < final)
        self.thin.setText(f"A skin thinner than the final voxel would alias: it is built {final:.3g} m thick.")
        self.even.setChecked(skin.even)
        self.hollow.setChecked(skin.shell is not None)
        self.shell.setVisible(skin.shell is not None)
        if skin.shell is not None:
            self.shell.set(skin.shell)
        self.two.setChecked(skin.below is not None)
        for number in (*self.below.values(), self.lower_curve):
            number.setVisible(skin.below is not None)
        if skin.below is not None:
            for field, number in self.below.items():
                number.set(getattr(skin.below, field))
            self.lower_curve.set(skin.below.curve)
