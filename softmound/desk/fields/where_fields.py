"""Fields for the masks that say where something acts."""

from PyQt6.QtWidgets import QLabel, QMenu, QPushButton, QVBoxLayout, QWidget

from ...core.recipe import Noise
from ...core.recipe.grains import MASKS
from ..words import tr
from .controls import Row, emptied, text_label
from .part_fields import PartFields


class Where(QWidget):
    """The masks of a part of the recipe, and a menu that adds one.

    Parameters
    ----------
    host : object
        Has ``add_mask(about, kind)``, ``edit_mask(about, number, field, value, moving, part=())``,
        ``remove_mask(about, number)`` and, where masks can be painted, ``paint_on(about, number)``.
    about : object
        Whose masks they are, as the host knows it.
    kinds : dict, optional
        Those that can be added, of `MASKS`.
    """

    def __init__(self, host, about, kinds=MASKS):
        super().__init__()
        self._host, self._about = host, about
        self._kinds = None
        self.groups = []
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        self._rows = QVBoxLayout()
        column.addLayout(self._rows)
        words = ", ".join(tr(kind.label).lower() for kind in kinds.values())
        self.hint = text_label(tr("Everywhere. Masks multiply: {}.").format(words))
        column.addWidget(self.hint)
        self.add_button = QPushButton(tr("Add a mask"))
        menu = QMenu(self.add_button)
        for key, kind in kinds.items():
            menu.addAction(tr(kind.label), lambda k=key: self._host.add_mask(self._about, k))
        self.add_button.setMenu(menu)
        column.addWidget(Row(self.add_button))

    def show_masks(self, masks):
        """Follow the masks.

        Parameters
        ----------
        masks : sequence of Mask
        """
        kinds = tuple(mask.by for mask in masks)
        if kinds != self._kinds:
            self._kinds = kinds
            emptied(self._rows)
            self.groups = [MaskGroup(self._host, self._about, n, kind) for n, kind in enumerate(kinds)]
            for group in self.groups:
                self._rows.addWidget(group)
        for group, mask in zip(self.groups, masks):
            group.show_mask(mask)
        self.hint.setVisible(not kinds)


class MaskGroup(QWidget):
    """The numbers of one mask.

    Parameters
    ----------
    host, about : object
        See `Where`.
    number : int
        Which of the masks.
    kind : str
        Of `MASKS`.
    """

    def __init__(self, host, about, number, kind):
        super().__init__()
        model, label = MASKS[kind], tr(MASKS[kind].label)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 6)
        column.setSpacing(2)
        drop = QPushButton(tr("Remove"))
        drop.setStyleSheet("padding: 2px 8px;")
        drop.setAccessibleName(tr("Remove mask {}").format(number + 1))
        drop.clicked.connect(lambda: host.remove_mask(about, number))
        head = [QLabel(label), drop]
        self.paint = None
        if "strokes" in model.model_fields:
            self.paint = QPushButton(tr("Paint"))
            self.paint.setCheckable(True)
            self.paint.setStyleSheet("padding: 2px 8px;")
            self.paint.setToolTip(tr("Paint on the cloud with the left hand; Alt takes paint away."))
            self.paint.clicked.connect(lambda on: host.paint_on(about, number if on else None))
            head.insert(1, self.paint)
        row = Row(*head)
        row.layout().setStretch(0, 1)
        column.addWidget(row)
        self.noise = None
        if model.of_noise:
            self.noise = PartFields(Noise, [row for row in Noise.noise_rows if row.field in model.of_noise], label)
            self.noise.changed.connect(lambda f, v, m: host.edit_mask(about, number, f, v, m, ("noise",)))
            column.addWidget(self.noise)
        self.fields = PartFields(model, (*model.rows, *model.every_row), label)
        self.fields.changed.connect(lambda f, v, m: host.edit_mask(about, number, f, v, m))
        column.addWidget(self.fields)

    def show_mask(self, mask):
        """Follow a mask.

        Parameters
        ----------
        mask : Mask
        """
        self.fields.show_part(mask)
        if self.noise is not None:
            self.noise.show_part(mask.noise)
