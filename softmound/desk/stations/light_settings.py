"""The settings of Light: every number and colour, by the kind of sky and of scattering, and of the chosen lamp."""

from PyQt6.QtWidgets import QCheckBox, QComboBox, QFileDialog, QPushButton

from ...core.engine.density import bounds_of
from ...core.exchange.photographs import SKY_ENDINGS
from ...core.light.looks import transforms
from ...core.recipe import Lamp, Light, Medium, Ramp, Sky, Sun, View, limits
from ..asking import asking
from ..fields import ColourField, NumberField
from ..histogram import HistogramStrip
from ..ramp_field import RampField
from ..sun_dialog import SunPlaceDialog
from .station import SettingsPanel

_NUMBERS = (
    ("Exposure", "", "exposure", "Exposure", "stops", (-6.0, 6.0), "linear", "Twice the light for each stop."),
    ("Sun", "sun", "azimuth", "Azimuth", "°", (0.0, 360.0), "linear", "From +z toward +x; drag the sun dome as well."),
    ("", "sun", "elevation", "Elevation", "°", None, "linear", "Height above the horizon."),
    ("", "sun", "strength", "Strength", "", (0.0, 10.0), "linear", "1 lights a white sheet facing the sun to white."),
    ("", "sun", "size", "Size", "°", (0.0, 10.0), "linear", "How wide the sun looks: 0.53 in nature. True light softens by it."),
    ("", "sun", "colour", "Colour", "", None, "", "Colour of the sunlight; behind air, outside it."),
    ("Sky", "sky", "strength", "Strength", "", (0.0, 6.0), "linear", "Light from all round, and the picture's background."),
    ("", "sky", "zenith", "Overhead", "", None, "", "Colour of the sky overhead."),
    ("", "sky", "horizon", "Horizon", "", None, "", "Colour of the sky at the horizon."),
    ("", "sky", "ground", "Ground", "", None, "", "Light that the ground sends back to the underside; with air, its reflectance."),
    ("", "sky", "visibility", "Visibility", "km", (5.0, 200.0), "log", "How far one sees: haze whitens the sky and dims the sun."),
    ("", "sky", "altitude", "Altitude", "m", (0.0, 8000.0), "linear", "Of the camera, for the air below and above it."),
    ("", "sky", "turn", "Turn", "°", (-180.0, 180.0), "linear", "Azimuth of the middle of the picture."),
    ("Medium", "medium", "extinction", "Extinction", "1/m", (0.002, 2.0), "log",
     "At density 1; natural cumulus has 0.01 to 0.12 per metre."),
    ("", "medium", "anisotropy", "Anisotropy", "", None, "linear", "Mean cosine of scattering: 0.85 for cloud droplets."),
    ("", "medium", "second", "Second lobe", "", None, "linear", "Mean cosine of the second lobe; below 0 it scatters back."),
    ("", "medium", "share", "Its share", "", None, "linear", "How much of the light the second lobe scatters."),
    ("", "medium", "diameter", "Droplets", "µm", None, "linear", "Diameter of the droplets: 5 to 50; larger ones glare more."),
    ("", "medium", "albedo", "Albedo", "", (0.8, 1.0), "linear", "Share of light scattered rather than absorbed."),
    ("", "medium", "tint", "Tint", "", None, "", "What of each colour is scattered; the rest is absorbed."),
    ("", "medium", "glow_strength", "Glow", "", (0.0, 20.0), "linear", "Light of its own: radiance where it is thick."),
    ("", "medium", "glow", "Glow colour", "", None, "", "Colour of its own light."),
)
_MODELS = {"": Light, "sun": Sun, "sky": Sky, "medium": Medium}
_KINDS = {"gradient": "Drawn: three colours", "air": "Air: computed from the sun", "image": "A picture of all directions",
          "plain": "Plain: one colour"}
_PHASES = {"cosine": "By mean cosine", "two lobes": "By two lobes", "droplets": "By droplets"}
_OF_SKY = {"gradient": ("zenith", "horizon", "ground"), "air": ("ground", "visibility", "altitude"), "image": ("turn",),
           "plain": ("zenith",)}
_OF_PHASE = {"cosine": ("anisotropy",), "two lobes": ("anisotropy", "second", "share"), "droplets": ("diameter",)}
_LAMP = (
    ("x", "Across", "m", None, "linear", "Place of its middle along x."),
    ("y", "Up", "m", None, "linear", "Altitude of its middle."),
    ("z", "Along", "m", None, "linear", "Place of its middle along z."),
    ("radius", "Radius", "m", (0.05, 100.0), "log", "Of the ball that shines: larger is softer."),
    ("power", "Power", "Mlm", (1e-3, 1e6), "log", 
     "Light in all directions, in millions of lumens: a bulb has 0.001, lightning thousands."),
    ("kelvin", "Temperature", "K", None, "log", "Colour of a black body: 2,700 a warm lamp, 6,500 daylight, above it bluer."),
    ("flicker", "Flicker", "", None, "linear", "How much of the power comes and goes from picture to picture of a sequence."),
    ("seed", "Seed", "", (0, 100), "linear", "Order of the flicker."),
)
_RAMPS = {
    ("medium", "tint"): (
        "tint_by", "Tint changes", "Let what is scattered of each colour change within the cloud, for stylised work."),
    ("medium", "glow"): (
        "glow_by", "Glow changes", "Let the glow change within the cloud: embers in its depth, light in its base."),
}
MILLION = 1e6
"""Lumens in one unit of the field of a lamp's power."""
TRANSFORM_WORDS = {"own": "Our own curve", "exposure": "Colours for exposure"}


class LightSettings(SettingsPanel):
    """All numbers and colours of the light, the chosen lamp, and the focal length."""

    def __init__(self, station):
        super().__init__("Light", "sun, sky and what the cloud is made of")
        self._station = station
        self.fields, self.lamp_fields, self.ramps = {}, {}, {}
        self._lamp_parts = [self.section("Lamp")]
        for field, label, unit, shown, scale, sentence in _LAMP:
            low, high = (-50_000.0, 50_000.0) if field in "xyz" else limits(Lamp, field)
            if field == "power":
                low, high = low / MILLION, high / MILLION
            widget = NumberField(label, low, high, {"kelvin": 8000.0, "radius": 1.0, "power": 1000.0, "seed": 1}.get(field, 0.0),
                                 unit, sentence, scale, shown or ((-200.0, 200.0) if field in "xyz" else None),
                                 whole=field == "seed")
            widget.changed.connect(lambda v, m, f=field: self._lamp(f, v, m))
            self.lamp_fields[field] = self.add(widget)
            self._lamp_parts.append(widget)
        for section, part, field, label, unit, shown, scale, sentence in _NUMBERS:
            if section and part:
                self.section(section)
            if (part, field) == ("sky", "strength"):
                self.kind = self._choices("Sky", _KINDS, lambda key: self._take_kind(key))
                self.open_sky = self.add(QPushButton("Open a picture…"))
                self.open_sky.setToolTip("An OpenEXR, Radiance HDR, PNG or JPEG picture over longitude and latitude.")
                self.open_sky.clicked.connect(self._open_sky)
            if (part, field) == ("medium", "anisotropy"):
                self.phase = self._choices("Scattering", _PHASES, lambda key: station.edit_part("medium", "scattering", phase=key))
            model = _MODELS[part]
            reset = model.model_fields[field].default
            if scale:
                widget = NumberField(label, *limits(model, field), reset, unit, sentence, scale, shown)
            else:
                widget = ColourField(label, reset, sentence)
            what = f"{section or part or 'light'} {field}".lower().replace("_", " ")
            widget.changed.connect(lambda v, m, p=part, f=field, w=what: station.edit_part(p, w, m, **{f: v}))
            self.fields[part, field] = self.add(widget)
            if (part, field) in _RAMPS:
                self._add_ramp(*_RAMPS[part, field])
            if field == "exposure":
                self._after_exposure()
            if field == "albedo":
                self.once = self.add(QCheckBox("Sunlight scattered once only"))
                self.once.setToolTip("Of the sunlight Draft light then shows what is scattered once: hard light, to judge "
                                     "shapes by.")
                self.once.clicked.connect(lambda on: station.edit_part("", "scattered once", once=on))
            if (part, field) == ("sun", "elevation"):
                self.by_place = self.add(QPushButton("By place and time…"))
                self.by_place.clicked.connect(self._place_and_time)
        self.section("Looking")
        self.focal = self.add(NumberField("Focal length", *limits(View, "focal"), 50.0, "mm",
                                          "Of the lens, on a film back 36 mm wide.", "log", (12.0, 300.0)))
        self.focal.changed.connect(lambda v, m: self._view(m, focal=v))
        self.aspect = self.add(NumberField("Aspect", 0.0, 5.0, 0.0, "", "Width over height of the frame drawn in the picture; "
                                           "0 for none.", "linear", (0.0, 2.6)))
        self.aspect.changed.connect(lambda v, m: self._view(m, aspect=v))

    def _add_ramp(self, field, label, sentence):
        ramp = RampField(label, sentence, lambda by, f=field: self._begun(f, by))
        ramp.changed.connect(lambda made, m, f=field, w=label.lower(): self._station.edit_part("medium", w, m, **{f: made}))
        self.ramps[field] = self.add(ramp)

    def _begun(self, field, by):
        """A ramp that fits this cloud."""
        bounds = bounds_of(self._station.document.mound)
        low, high = (0.0, 100.0) if bounds is None else (float(bounds[0][1]), float(bounds[1][1]))
        ends = {"density": (0.0, self._station.document.mound.skin.core), "depth": (0.0, float(f"{(high - low) / 6:.2g}")),
                "height": (float(f"{low:.3g}"), float(f"{high:.3g}"))}[by]
        stops = Ramp().stops if field == "tint_by" else ((0.0, (0.0, 0.0, 0.0)), (1.0, (1.0, 1.0, 1.0)))
        return Ramp(by=by, low=ends[0], high=ends[1], stops=stops)

    def _choices(self, about, options, taken):
        box = QComboBox()
        box.setAccessibleName(about)
        for key, label in options.items():
            box.addItem(label, key)
        _narrow(box)
        box.activated.connect(lambda n: taken(box.itemData(n)))
        self.add(box)
        return box

    def _after_exposure(self):
        self.histogram = self.add(HistogramStrip())
        self.by_picture = self.add(QPushButton("Set by the picture"))
        self.by_picture.setToolTip("The exposure at which the bright parts of this cloud lie just below white.")
        self.transform = QComboBox()
        self.transform.setAccessibleName("View transform")
        self.transform.setToolTip("How light becomes what the screen shows: the curve of our own, or those of the OpenColorIO "
                                  "config that the environment names in OCIO, else a built-in one.")
        _narrow(self.transform)
        for name in transforms():
            self.transform.addItem(TRANSFORM_WORDS.get(name, name), name)
        self.transform.activated.connect(lambda n: self._station.edit_part(
            "", "view transform", transform=self.transform.itemData(n)))
        self.add(self.transform)

    def _take_kind(self, key):
        if key == "image" and self._station.document.mound.light.sky.picture is None:
            self._open_sky()
            self.show_mound(self._station.document.mound)
            return
        self._station.edit_part("sky", "kind of sky", kind=key)

    def _open_sky(self):
        kinds = " ".join(f"*{ending}" for ending in SKY_ENDINGS)
        path, _ = QFileDialog.getOpenFileName(self, "A picture of all directions", "", f"Pictures ({kinds})")
        if path:
            self._station.take_sky_picture(path)

    def _place_and_time(self):
        with asking(SunPlaceDialog(self)) as dialog:
            accepted, (azimuth, elevation) = dialog.exec() == SunPlaceDialog.DialogCode.Accepted, dialog.sun()
        if accepted:
            if elevation < -10.0:
                self._station.refused.emit("The sun is far below the horizon there and then; nothing was changed.")
                return
            self._station.edit_part("sun", "sun by place and time", azimuth=azimuth, elevation=elevation)

    def _lamp(self, field, value, moving):
        number = self._station.lamp
        if number is None:
            return
        lamp = self._station.document.mound.light.lamps[number]
        if field in "xyz":
            place = list(lamp.place)
            place["xyz".index(field)] = value
            self._station.edit_lamp(number, "place", moving, place=tuple(place))
        else:
            scaled = {"seed": int(value), "power": value * MILLION}.get(field, value)
            self._station.edit_lamp(number, field, moving, **{field: scaled})

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
        for (part, field), widget in self.fields.items():
            value = getattr(getattr(light, part) if part else light, field)
            widget.set(value % 360.0 if field == "azimuth" else value)
        for field in ("zenith", "horizon", "ground", "visibility", "altitude", "turn"):
            self.fields["sky", field].setVisible(field in _OF_SKY[light.sky.kind])
        for field in ("anisotropy", "second", "share", "diameter"):
            self.fields["medium", field].setVisible(field in _OF_PHASE[light.medium.phase])
        self.open_sky.setVisible(light.sky.kind == "image")
        self.kind.setCurrentIndex(list(_KINDS).index(light.sky.kind))
        self.phase.setCurrentIndex(list(_PHASES).index(light.medium.phase))
        at = self.transform.findData(light.transform)
        if at < 0:
            self.transform.addItem(light.transform, light.transform)
            at = self.transform.count() - 1
        self.transform.setCurrentIndex(at)
        self.once.setChecked(light.once)
        for field, ramp in self.ramps.items():
            ramp.set(getattr(light.medium, field))
        lamp = light.lamps[self._station.lamp] if self._station.lamp is not None else None
        for widget in self._lamp_parts:
            widget.setVisible(lamp is not None)
        if lamp is not None:
            for field, widget in self.lamp_fields.items():
                value = lamp.place["xyz".index(field)] if field in "xyz" else getattr(lamp, field)
                widget.set(6500.0 if value is None else value / MILLION if field == "power" else value)
        self.focal.set(mound.view.focal)
        self.aspect.set(mound.view.aspect)


def _narrow(box):
    """Keep a long entry from widening the settings."""
    box.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
    box.setMinimumContentsLength(12)
