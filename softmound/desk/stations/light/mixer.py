"""The mixer: the faders of all light groups side by side; a page in the tray of Light."""

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QHBoxLayout, QPushButton, QWidget

from ...fields.controls import Sideways
from ...fields.faders import Mixing
from ...words import tr

WIDE = 168
"""Of a fader, pixels."""


class MixerPage(QWidget):
    """Faders side by side, and a button that takes all of them back.

    Parameters
    ----------
    station : LightStation
    """

    def __init__(self, station):
        super().__init__()
        self.mixing = Mixing(station.document, self._lay)
        layout = QHBoxLayout(self)
        layout.setContentsMargins(16, 0, 16, 10)
        layout.setSpacing(14)
        self.scroll = Sideways(22)
        layout.addWidget(self.scroll, 1)
        self.reset = QPushButton(tr("Take all back"))
        self.reset.setToolTip(tr("All light as it comes: every fader at 1, no tint, nothing solo or muted."))
        self.reset.clicked.connect(lambda: self.mixing.unmix())
        layout.addWidget(self.reset, 0, Qt.AlignmentFlag.AlignVCenter)

    def _lay(self, strips):
        for strip in strips:
            strip.setFixedWidth(WIDE)
        self.scroll.show_widgets(strips)

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        self.mixing.show_light(mound.light, (mound.light.medium,))
        self.reset.setEnabled(bool(mound.light.mix))
