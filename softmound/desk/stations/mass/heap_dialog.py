"""Asking for a heap: a seeded starting pile of blobs."""

from PyQt6.QtWidgets import QDialog, QVBoxLayout

from ....core.starts.heaps import pile
from ...dialogs.asking import add_buttons
from ...fields.controls import NumberField, text_label
from ...words import tr


class HeapDialog(QDialog):
    """Asks what the heap shall be like.

    Parameters
    ----------
    span : float
        Metres across, to begin with.
    altitude : float
        Where it stands, metres.
    parent : QWidget, optional
    """

    explained = "lessons/01_summer_cumulus"

    def __init__(self, span, altitude, parent=None):
        super().__init__(parent)
        self.setWindowTitle(tr("Heap"))
        self.setMinimumWidth(340)
        self._altitude = altitude
        layout = QVBoxLayout(self)
        layout.addWidget(text_label(tr("Heap"), "title"))
        layout.addWidget(text_label(tr("A pile of blobs to begin with; each can be moved and changed afterwards.")))
        self.fields = {}
        span = max(span, 0.1)
        for key, label, low, high, value, unit, whole, sentence in (
            ("count", "Count", 1, 400, 16, "", True, tr("Blobs in the heap.")),
            ("x", tr("Spread x"), 0.01, 20_000.0, span, "m", False, tr("How wide the heap is along x.")),
            ("y", tr("Spread y"), 0.01, 20_000.0, span * 0.5, "m", False, tr("How high the heap is in its middle.")),
            ("z", tr("Spread z"), 0.01, 20_000.0, span * 0.8, "m", False, tr("How deep the heap is along z.")),
            ("dome", "Dome", 0.0, 1.0, 0.8, "", False, tr("How much higher the middle is piled: 0 flat, 1 a dome.")),
            ("small", tr("Smallest radius"), 0.001, 10_000.0, span * 0.08, "m", False, tr("Radius at the rim of the heap.")),
            ("large", tr("Largest radius"), 0.001, 10_000.0, span * 0.2, "m", False, tr("Radius in the middle of the heap.")),
            ("seed", "Seed", 0, 999, 1, "", True, tr("Another number, another heap.")),
        ):
            log = unit == "m"
            field = NumberField(label, low, high, float(f"{value:.3g}"), unit, sentence, "log" if log else "linear",
                                (max(low, value / 20), min(high, value * 10)) if log else (low, high), whole)
            self.fields[key] = field
            layout.addWidget(field)
        self.add_button = add_buttons(self, layout, tr("Add heap"))

    def forms(self):
        """The heap asked for.

        Returns
        -------
        tuple of Blob
        """
        v = {key: field.value for key, field in self.fields.items()}
        small, large = sorted((v["small"], v["large"]))
        return pile(round(v["count"]), (v["x"], v["y"], v["z"]), v["dome"], (small, large), round(v["seed"]),
                    self._altitude)
