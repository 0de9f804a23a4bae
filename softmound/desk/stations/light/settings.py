"""The settings of Light: every number and colour, by the kind of sky and of scattering, and of the chosen lamp."""

from PyQt6.QtWidgets import QCheckBox, QComboBox, QFileDialog, QPushButton

from ....core.engine.density import bounds_of, span_of
from ....core.exchange.photographs import SKY_ENDINGS
from ....core.light.picture.denoise import can_denoise
from ....core.light.picture.looks import transforms
from ....core.recipe import Floor, Lamp, Light, Medium, Ramp, Sky, Sun, View
from ....core.starts.looks_as import SIZE, looks_as_large_as
from ...dialogs.asking import asking
from ...fields.controls import NumberField, Row
from ...fields.part_fields import PartFields
from ...fields.settings_panel import SettingsPanel
from ...fields.stand_in_fields import StandInFields
from ...words import in_words, tr
from .histogram import HistogramStrip
from .sun_dialog import SunPlaceDialog

TRANSFORM_WORDS = {"own": "Our own curve", "exposure": "Colours for exposure"}


class LightSettings(SettingsPanel):
    """All numbers and colours of the light, the chosen lamp, and the focal length."""

    def __init__(self, station):
        super().__init__("Light", "sun, sky and what the cloud is made of")
        self._station = station
        self._parts = []
        # What matters most comes first, before any section.
        self._part("sun", Sun, Sun.first_rows)
        self.by_place = QPushButton(tr("By place and time…"))
        self.add(Row(self.by_place))
        self.by_place.clicked.connect(self._place_and_time)
        self._part("", Light, Light.first_rows)
        self._part("medium", Medium, Medium.first_rows)
        self.looks = self.add(NumberField(
            tr("Looks as large as"), 0.01, 1e6, SIZE, "m", tr("The size of natural cloud that has this optical depth, at 0.08 per "
            "metre: it sets the extinction."), "log", (50.0, 20_000.0)))
        self.looks.changed.connect(station.look_as_large_as)
        self.section("Exposure")
        self.histogram = self.add(HistogramStrip())
        self.transform = self._transforms()
        self.section("Sun")
        self._part("sun", Sun, Sun.rows, "Sun")
        self._part("", Light, Light.rows)
        self.section("Sky")
        sky = self._part("sky", Sky, Sky.rows, "Sky")
        self.open_sky = QPushButton(tr("Open a picture…"))
        self._sky_row = self.add(Row(self.open_sky))
        self.open_sky.setToolTip(tr("An OpenEXR, Radiance HDR, PNG or JPEG picture over longitude and latitude."))
        self.open_sky.clicked.connect(self._open_sky)
        self.section("Below")
        self._part("floor", Floor, Floor.rows, "Below")
        self.section("Medium")
        medium = self._part("medium", Medium, Medium.rows)
        self._lamp_parts = [self.section("Lamp")]
        self.lamp = PartFields(Lamp, (*Lamp.place_rows, *Lamp.rows), "Lamp")
        self.lamp.changed.connect(self._lamp)
        self._lamp_parts.append(self.add(self.lamp))
        self.stand_ins = StandInFields(self, station.stand_ins)
        self.section("Looking")
        self.looking = self.add(PartFields(View, View.rows))
        self.looking.changed.connect(lambda field, value, moving: self._view(moving, **{field: value}))
        self.alone = QCheckBox(tr("True light by whole paths alone"))
        self.alone.setToolTip(tr("Without what is gathered from Draft light: exact in every pixel, and many times slower."))
        self.alone.toggled.connect(station.trace_alone)
        self.add(Row(self.alone))
        self.denoise = QCheckBox(tr("Denoise True light"))
        self.denoise.setToolTip(
            tr("Take the noise that is left out of it by a guess: sooner to look at, not to be measured.")
            if can_denoise()
            else tr("Needs a package that is not installed: pip install 'softmound[denoise]'.")
        )
        self.denoise.setEnabled(can_denoise())
        self.denoise.toggled.connect(station.denoise)
        self.add(Row(self.denoise))
        self.kind, self.phase = sky.controls["kind"], medium.controls["phase"]
        self.ramps = {field: medium.controls[field] for field in ("tint_by", "glow_by")}

    @property
    def fields(self):
        """Dict of (part, field) to control: every one but those of the lamp and of the view."""
        return {(part, row.field): fields.controls[row.field] for part, fields in self._parts for row in fields.rows}

    def _part(self, part, model, rows, name=""):
        fields = PartFields(model, rows, name, self._begun)
        fields.changed.connect(lambda field, value, moving: self._edit(part, field, value, moving))
        self._parts.append((part, fields))
        return self.add(fields)

    def _edit(self, part, field, value, moving):
        if (part, field, value) == ("sky", "kind", "image") and self._station.document.mound.light.sky.picture is None:
            self._open_sky()
            self.show_mound(self._station.document.mound)
            return
        if (part, field) == ("", "metered"):
            self._station.meter(value)
            return
        if (part, field) == ("floor", "kind"):
            self._station.lay_below(value)
            return
        self._station.edit_part(part, f"{in_words(part or 'light')} {in_words(field)}", moving, **{field: value})

    def _begun(self, field, by):
        """A ramp that fits this cloud."""
        bounds = bounds_of(self._station.document.mound)
        low, high = (0.0, 100.0) if bounds is None else (float(bounds[0][1]), float(bounds[1][1]))
        ends = {"density": (0.0, self._station.document.mound.skin.core), "depth": (0.0, float(f"{(high - low) / 6:.2g}")),
                "height": (float(f"{low:.3g}"), float(f"{high:.3g}"))}[by]
        stops = Ramp().stops if field == "tint_by" else ((0.0, (0.0, 0.0, 0.0)), (1.0, (1.0, 1.0, 1.0)))
        return Ramp(by=by, low=ends[0], high=ends[1], stops=stops)

    def _transforms(self):
        box = QComboBox()
        box.setAccessibleName(tr("View transform"))
        box.setToolTip(tr("How light becomes what the screen shows: the curve of our own, or those of the OpenColorIO "
                       "config that the environment names in OCIO, else a built-in one."))
        # A long entry must not widen the settings.
        box.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        box.setMinimumContentsLength(12)
        for name in transforms():
            box.addItem(tr(TRANSFORM_WORDS.get(name, name)), name)
        box.activated.connect(lambda n: self._station.edit_part("", tr("view transform"), transform=box.itemData(n)))
        self.add(Row(box))
        return box

    def _open_sky(self):
        kinds = " ".join(f"*{ending}" for ending in SKY_ENDINGS)
        path, _ = QFileDialog.getOpenFileName(self, tr("A picture of all directions"), "", tr("Pictures ({})").format(kinds))
        if path:
            self._station.take_sky_picture(path)

    def _place_and_time(self):
        with asking(SunPlaceDialog(self)) as dialog:
            accepted, (azimuth, elevation) = dialog.exec() == SunPlaceDialog.DialogCode.Accepted, dialog.sun()
        if accepted:
            if elevation < -10.0:
                self._station.services.tell(tr("The sun is far below the horizon there and then; nothing was changed."))
                return
            self._station.edit_part("sun", tr("sun by place and time"), azimuth=azimuth, elevation=elevation)

    def _lamp(self, field, value, moving):
        if self._station.lamp is not None:
            self._station.edit_lamp(self._station.lamp, field, moving, **{field: value})

    def _view(self, moving, **changes):
        document = self._station.document
        document.look(document.mound.view.edited(**changes), moving)

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        light = mound.light
        for part, fields in self._parts:
            fields.show_part(getattr(light, part) if part else light)
        self._sky_row.setVisible(light.sky.kind == "image")
        at = self.transform.findData(light.transform)
        if at < 0:
            self.transform.addItem(light.transform, light.transform)
            at = self.transform.count() - 1
        self.transform.setCurrentIndex(at)
        lamp = light.lamps[self._station.lamp] if self._station.lamp is not None else None
        for widget in self._lamp_parts:
            widget.setVisible(lamp is not None)
        if lamp is not None:
            self.lamp.show_part(lamp)
        self.stand_ins.show()
        self.looking.show_part(mound.view)
        size = looks_as_large_as(light.medium.extinction, span_of(mound) or 1.0)
        self.looks.set(size)
        self.looks.set_reset(SIZE)
