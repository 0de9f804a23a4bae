"""Asking for another real size of the mound."""

from PyQt6.QtWidgets import QCheckBox, QDialog, QVBoxLayout

from ...core.engine.density import span_of
from ..fields.controls import NumberField, Row, text_label
from ..fields.figures import figure
from ..fields.lengths import length
from ..words import tr
from .asking import add_buttons


class ResizeDialog(QDialog):
    """Asks for the span, and whether the look is kept.

    Parameters
    ----------
    mound : Mound
        With at least one form.
    parent : QWidget, optional
    """

    explained = "explained/02_looking_large"

    def __init__(self, mound, parent=None):
        super().__init__(parent)
        self.setWindowTitle(tr("Resize mound"))
        self.setMinimumWidth(340)
        self._span = span_of(mound)
        self._extinction = mound.light.medium.extinction
        layout = QVBoxLayout(self)
        layout.addWidget(text_label(tr("Resize mound"), "title"))
        layout.addWidget(text_label(tr("Forms, base level, skin, grains, voxels and view scale together; the "
                               "underside stays at its altitude.")))
        self.span = NumberField(tr("Longest side"), 0.1, 20_000.0, self._span, "m",
                                tr("Longest side of the blocked-in shape."), "log",
                                (self._span / 100.0, self._span * 100.0))
        self.span.changed.connect(lambda *_: self._show())
        layout.addWidget(self.span)
        self.keep = QCheckBox(tr("Keep the look: scale the extinction as well"))
        self.keep.setChecked(True)
        self.keep.toggled.connect(lambda *_: self._show())
        layout.addWidget(Row(self.keep))
        self.said = text_label("")
        layout.addWidget(self.said)
        self.resize_button = add_buttons(self, layout, tr("Resize"))
        self._show()

    @property
    def factor(self):
        """New size over present size."""
        return self.span.value / self._span

    def _show(self):
        density = self._extinction / self.factor if self.keep.isChecked() else self._extinction
        self.said.setText(tr("{} times the present {}; extinction {} per metre.")
                            .format(figure(self.factor), length(self._span), figure(density)))
        self.resize_button.setEnabled(self.factor != 1.0)
