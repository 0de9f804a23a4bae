"""The skin in the settings of Voxels."""

from PyQt6.QtWidgets import QCheckBox, QVBoxLayout, QWidget

from ....core.recipe import LowerSkin, Skin
from ...fields.controls import Row, text_label
from ...fields.part_fields import PartFields
from ...words import in_words, tr


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
        self.upper = self._part(column, Skin, Skin.rows, self._edit)
        self.thin = text_label("", "trouble")
        column.addWidget(self.thin)
        self.shape = self._part(column, Skin, Skin.shape_rows, self._edit)
        self.two = QCheckBox(tr("Another skin below a height"))
        self.two.clicked.connect(station.part_skin)
        column.addWidget(Row(self.two))
        self.lower = self._part(column, LowerSkin, LowerSkin.rows, self._edit_below, tr("Lower skin"))

    def _part(self, column, model, rows, edit, name=""):
        fields = PartFields(model, rows, name)
        fields.changed.connect(edit)
        column.addWidget(fields)
        return fields

    def _edit(self, field, value, moving):
        if field == "shell" and value is not None and self._station.document.mound.skin.shell is None:
            value = float(f"{max(self._station.long() / 20.0, 0.02):.2g}")  # a wall that suits this cloud
        self._station.edit_skin(tr("skin {}").format(in_words(field)), moving, **{field: value})

    def _edit_below(self, field, value, moving):
        if self._station.document.mound.skin.below is not None:
            self._station.edit_skin(tr("lower skin {}").format(in_words(field)), moving, ("below",), **{field: value})

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        skin, final = mound.skin, mound.voxels.final
        self.upper.show_part(skin)
        self.shape.show_part(skin)
        thinnest = min(part.thickness for part in (skin, skin.below) if part is not None)
        self.thin.setVisible(thinnest < final)
        self.thin.setText(tr("A skin thinner than the final voxel would alias: it is built {:.3g} m thick.").format(final))
        self.two.setChecked(skin.below is not None)
        self.lower.setVisible(skin.below is not None)
        if skin.below is not None:
            self.lower.show_part(skin.below)
