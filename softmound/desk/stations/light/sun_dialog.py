"""Asking where the sun stands by a place, a date and an hour."""

from datetime import UTC, datetime, timedelta

from PyQt6.QtCore import QSettings
from PyQt6.QtWidgets import QDialog, QVBoxLayout

from ....core.light.scene.sunplace import sun_at
from ...dialogs.asking import add_buttons
from ...fields.controls import NumberField, text_label
from ...words import tr


class SunPlaceDialog(QDialog):
    """Asks for a place, a date and an hour, and shows where the sun stands."""

    explained = "stations/04_light"

    def __init__(self, parent=None):
        super().__init__(parent)
        self.setWindowTitle(tr("Sun by place and time"))
        self.setMinimumWidth(360)
        kept = QSettings("softmound", "sun")
        self._kept = kept
        layout = QVBoxLayout(self)
        layout.addWidget(text_label(tr("Sun by place and time"), "title"))
        layout.addWidget(text_label(tr("+z is taken for north and +x for east.")))
        self.latitude = NumberField(tr("Latitude"), -90.0, 90.0, 50.0, "°", tr("North positive."))
        self.longitude = NumberField(tr("Longitude"), -180.0, 180.0, 0.0, "°", tr("East positive."))
        self.day = NumberField(tr("Day"), 1, 365, 172, "", tr("Of the year: 172 is the 21st of June."), whole=True)
        self.hour = NumberField(tr("Hour"), 0.0, 24.0, 12.0, "h", tr("Universal time; noon in the middle of a time zone is near 12 "
                                "minus a fifteenth of the longitude."))
        for name in ("latitude", "longitude", "day", "hour"):
            field = getattr(self, name)
            field.set(float(kept.value(name, field.reset_value)))
            field.changed.connect(lambda *_: self._show())
            layout.addWidget(field)
        self.found = text_label("")
        layout.addWidget(self.found)
        add_buttons(self, layout, tr("Put it there"), self._accept)
        self._show()

    def sun(self):
        """Azimuth and elevation.

        Returns
        -------
        (float, float)
            Degrees.
        """
        when = datetime(2026, 1, 1, tzinfo=UTC) + timedelta(days=round(self.day.value) - 1, hours=self.hour.value)
        azimuth, elevation = sun_at(self.latitude.value, self.longitude.value, when)
        return float(f"{azimuth:.2f}"), float(f"{elevation:.2f}")

    def _show(self):
        azimuth, elevation = self.sun()
        said = (tr("The sun stands at {:.1f}°, {:.1f}° above the horizon.") if elevation >= 0.0 else
                tr("The sun stands at {:.1f}°, {:.1f}° below the horizon."))
        self.found.setText(said.format(azimuth, abs(elevation)))

    def _accept(self):
        for name in ("latitude", "longitude", "day", "hour"):
            self._kept.setValue(name, getattr(self, name).value)
        self.accept()
