"""Light: sun, sky, medium and exposure."""

from datetime import datetime, timedelta, timezone

import numpy as np
from pydantic import ValidationError
from PyQt6.QtCore import QPointF, QRectF, QSettings, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QLinearGradient, QPainter, QPainterPath, QPen
from PyQt6.QtWidgets import (
    QAbstractButton,
    QCheckBox,
    QComboBox,
    QDialog,
    QDialogButtonBox,
    QFileDialog,
    QHBoxLayout,
    QInputDialog,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from ...core.engine.density import bounds_of
from ...core.exchange.foreign import read_sky
from ...core.exchange.photographs import SKY_ENDINGS
from ...core.light.looks import histogram, transforms
from ...core.light.situations import NAMES, in_situation
from ...core.light.sunplace import sun_at
from ...core.recipe import Arrays, KeptView, Lamp, Light, Medium, Sky, Snapshot, Sun, View, limits
from .. import style
from ..fields import ColourField, NumberField, screen_colour, words
from .light_tray import LightTray
from .station import SettingsPanel, Station


class LightStation(Station):
    """The station.

    Signals
    -------
    snapshot_wanted()
        Keep the present picture and its recipe.
    compare_wanted(int)
        Lay a snapshot over the picture; -1 for none.
    pictures_wanted()
        Ask how pictures are to be taken.
    refused(str)
    job_wanted(object, object)
        Work beside the hand, and what is done with its result.

    Attributes
    ----------
    lamp : int or None
        The chosen lamp.
    compared : int or None
        The snapshot laid over the picture.
    miniature : callable
        Given a view, returns a small picture as QImage, or None.
    """

    name = "Light"
    dome = True
    snapshot_wanted = pyqtSignal()
    compare_wanted = pyqtSignal(int)
    pictures_wanted = pyqtSignal()
    refused = pyqtSignal(str)
    job_wanted = pyqtSignal(object, object)

    def __init__(self, document, parent=None):
        super().__init__(document, parent)
        self.lamp = self.compared = None
        self.miniature = lambda view: None
        self.tray = LightTray(self, SituationTray(self))
        self.settings = LightSettings(self)

    def show_mound(self, mound):
        if self.lamp is not None and self.lamp >= len(mound.light.lamps):
            self.lamp = None
        if self.compared is not None and self.compared >= len(mound.snapshots):
            self.compare(self.compared)
        self.tray.show_mound(mound)
        self.settings.show_mound(mound)

    # -- lamps ----------------------------------------------------------------------------------

    def choose_lamp(self, number):
        """Choose a lamp, or let go of the one that is chosen.

        Parameters
        ----------
        number : int
        """
        self.lamp = None if self.lamp == number else number
        self.show_mound(self.document.mound)

    def _lamps(self, lamps, words_, moving=False):
        mound = self.document.mound
        self.document.edit(mound.edited(light=mound.light.edited(lamps=tuple(lamps))), words_, moving)

    def add_lamp(self):
        """Add a lamp in the middle of the cloud."""
        mound = self.document.mound
        bounds = bounds_of(mound)
        place, span = ((0.0, 20.0, 0.0), 40.0) if bounds is None else (
            tuple(float(f"{c:.4g}") for c in (bounds[0] + bounds[1]) / 2), float((bounds[1] - bounds[0]).max()))
        number = len(mound.light.lamps)
        # Enough to be seen from inside by day.
        power = float(f"{2e4 * 4.0 * np.pi * (span / 4.0) ** 2:.2g}")
        lamp = Lamp(name=f"Lamp {number + 1}", place=place, radius=max(0.001, float(f"{span / 60:.2g}")), power=power)
        self.lamp = number
        try:
            self._lamps((*mound.light.lamps, lamp), "add a lamp")
        except ValidationError:
            self.lamp = None
            self.refused.emit("A mound has at most 64 lamps.")

    def edit_lamp(self, number, words_, moving=False, **changes):
        """Change a lamp.

        Parameters
        ----------
        number : int
        words_ : str
        moving : bool, optional
        **changes
            Fields of the lamp.
        """
        lamps = list(self.document.mound.light.lamps)
        lamps[number] = lamps[number].edited(**changes)
        self._lamps(lamps, f"lamp {words_}", moving)

    def duplicate_lamp(self, number):
        """Add a lamp like another beside it."""
        lamps = self.document.mound.light.lamps
        lamp = lamps[number]
        x, y, z = lamp.place
        self.lamp = len(lamps)
        self._lamps((*lamps, lamp.edited(name=f"{lamp.name[:74]} copy", place=(x + 4.0 * lamp.radius, y, z))),
                    "duplicate a lamp")

    def remove_lamp(self, number):
        """Remove a lamp."""
        lamps = self.document.mound.light.lamps
        self.lamp = None
        self._lamps(lamps[:number] + lamps[number + 1 :], "remove a lamp")

    # -- views and snapshots --------------------------------------------------------------------

    def keep_view(self):
        """Keep the present view under a name."""
        mound = self.document.mound
        taken = {kept.name for kept in mound.views}
        name = next(f"View {n}" for n in range(1, 99) if f"View {n}" not in taken)
        if len(mound.views) >= 64:
            self.refused.emit("A mound keeps at most 64 views.")
            return
        self.document.edit(mound.edited(views=(*mound.views, KeptView(name=name, view=mound.view))), "keep a view")

    def replace_view(self, number):
        """Keep the present view in place of another."""
        mound = self.document.mound
        views = list(mound.views)
        views[number] = views[number].edited(view=mound.view)
        self.document.edit(mound.edited(views=tuple(views)), "keep a view anew")

    def rename(self, what, number):
        """Ask for another name of a kept view or a snapshot.

        Parameters
        ----------
        what : str
            "views" or "snapshots".
        number : int
        """
        mound = self.document.mound
        things = list(getattr(mound, what))
        name, given = QInputDialog.getText(self.tray, "Rename", "Name", text=things[number].name)
        if not given:
            return
        try:
            things[number] = things[number].edited(name=name.strip())
        except ValidationError:
            self.refused.emit("A name has 1 to 80 letters, without slashes.")
            return
        self.document.edit(mound.edited(**{what: tuple(things)}), "rename")

    def remove(self, what, number):
        """Remove a kept view or a snapshot."""
        mound = self.document.mound
        things = getattr(mound, what)
        if what == "snapshots" and self.compared is not None:
            self.compare(self.compared)
        self.document.edit(mound.edited(**{what: things[:number] + things[number + 1 :]}), "remove")

    def keep_snapshot(self, pixels, recipe=None):
        """Keep a picture and its recipe.

        Parameters
        ----------
        pixels : ndarray of uint8, shape (height, width, 3)
        recipe : Mound, optional
            Default the present one.
        """
        mound = self.document.mound
        if len(mound.snapshots) >= 48:
            self.refused.emit("A mound keeps at most 48 snapshots: remove one first.")
            return
        taken = {snapshot.name for snapshot in mound.snapshots}
        name = next(f"Snapshot {n}" for n in range(1, 99) if f"Snapshot {n}" not in taken)
        recipe = (mound if recipe is None else recipe).edited(snapshots=())
        kept = Snapshot(name=name, picture=Arrays(pixels=np.ascontiguousarray(pixels)), recipe=recipe)
        self.document.edit(mound.edited(snapshots=(*mound.snapshots, kept)), "keep a snapshot")
        self.tray.open("snapshots")

    def compare(self, number):
        """Lay a snapshot over the picture, or take it away again.

        Parameters
        ----------
        number : int
        """
        self.compared = None if self.compared == number else number
        self.tray.show_mound(self.document.mound)
        self.compare_wanted.emit(-1 if self.compared is None else number)

    def take_snapshot_over(self, number):
        """Go on with the recipe of a snapshot; all snapshots stay."""
        mound = self.document.mound
        self.document.edit(mound.snapshots[number].recipe.edited(snapshots=mound.snapshots), "go back to a snapshot")

    # -- the sky --------------------------------------------------------------------------------

    def take_sky_picture(self, path):
        """Light the cloud by a picture of all directions.

        Parameters
        ----------
        path : path-like
        """
        def work(ticket):
            ticket.step(0.0, 1.0, "reading the sky")
            return read_sky(path, ticket=ticket)

        self.job_wanted.emit(work, lambda pixels: self.edit_part(
            "sky", "sky picture", kind="image", picture=Arrays(pixels=pixels)))

    def note(self, mound):
        return "" if mound.mass.forms else "There is nothing to light yet: add a blob in Mass."

    def edit_part(self, part, words_, moving=False, **changes):
        """Change a part of the light.

        Parameters
        ----------
        part : str
            "sun", "sky" or "medium"; empty for the light itself.
        words_ : str
        moving : bool, optional
        **changes
            Fields of the part.
        """
        mound = self.document.mound
        light = mound.light
        if part:
            changes = {part: getattr(light, part).edited(**changes)}
        self.document.edit(mound.edited(light=light.edited(**changes)), words_, moving)

    def take_situation(self, name):
        """Light the cloud as in a ready situation.

        Parameters
        ----------
        name : str
        """
        mound = self.document.mound
        light = in_situation(mound.light, mound.view, name)
        self.document.edit(mound.edited(light=light), f"light: {name.lower()}")


class SituationTile(QAbstractButton):
    """A ready light as a little sky.

    Parameters
    ----------
    name : str
    """

    def __init__(self, name, parent=None):
        super().__init__(parent)
        self.name = name
        self.light = in_situation(Light(), View(), name)
        self.setAccessibleName(f"Light: {name}")
        self.setToolTip(f"Sun, sky and exposure of “{name}”, turned to the present view.")
        self.setCursor(Qt.CursorShape.PointingHandCursor)
        self.setMinimumSize(90, 84)

    def sizeHint(self):
        return QSize(122, 96)

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        frame = QRectF(self.rect()).adjusted(1, 1, -1, -1)
        path = QPainterPath()
        path.addRoundedRect(frame, 6, 6)
        painter.fillPath(path, style.RAISED)
        view = QRectF(frame.left() + 4, frame.top() + 4, frame.width() - 8, frame.height() - 30)
        sky, sun = self.light.sky, self.light.sun
        painter.save()
        clip = QPainterPath()
        clip.addRoundedRect(view, 4, 4)
        painter.setClipPath(clip)
        gradient = QLinearGradient(view.topLeft(), view.bottomLeft())
        gradient.setColorAt(0.0, screen_colour(sky.zenith))
        gradient.setColorAt(0.8, screen_colour(sky.horizon))
        gradient.setColorAt(1.0, screen_colour(sky.ground))
        painter.fillRect(view, gradient)
        # Seen from the camera: behind the cloud in the middle, beside it at the rim.
        side = (180.0 - sun.azimuth) / 180.0
        at = QPointF(view.center().x() + side * view.width() * 0.42,
                     view.top() + view.height() * (0.8 - 0.7 * sun.elevation / 90.0))
        painter.setPen(Qt.PenStyle.NoPen)
        glow = screen_colour(sun.colour)
        strength = min(1.0, sun.strength)
        painter.setBrush(style.with_alpha(glow, round(90 * strength)))
        painter.drawEllipse(at, 13, 13)
        painter.setBrush(style.with_alpha(glow, round(255 * strength)))
        painter.drawEllipse(at, 6, 6)
        painter.restore()
        if self.underMouse() or self.hasFocus():
            painter.setPen(QPen(style.BARLEY if self.hasFocus() else style.QUIET, 1.3))
            painter.drawPath(path)
        painter.setFont(style.text_font(12))
        painter.setPen(style.TEXT)
        painter.drawText(QRectF(frame.left(), frame.bottom() - 24, frame.width(), 20),
                         Qt.AlignmentFlag.AlignCenter, self.name)


class SituationTray(QWidget):
    """Ready lights."""

    def __init__(self, station):
        super().__init__()
        layout = QVBoxLayout(self)
        layout.setContentsMargins(16, 0, 16, 10)
        layout.setSpacing(8)
        row = QHBoxLayout()
        row.setSpacing(8)
        self.tiles = {}
        for name in NAMES:
            tile = SituationTile(name)
            tile.clicked.connect(lambda _=False, n=name: station.take_situation(n))
            row.addWidget(tile, 1)
            self.tiles[name] = tile
        layout.addLayout(row, 1)

    def show_mound(self, mound):
        """Situations are the same for every mound.

        Parameters
        ----------
        mound : Mound
        """


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
    ("", "sky", "visibility", "Visibility", "km", (5.0, 200.0), "log", "How far one sees: haze makes the sky whiter and the sun dimmer."),
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
    ("power", "Power", "Mlm", (1e-3, 1e6), "log", "Light in all directions, in millions of lumens: a bulb has 0.001, lightning thousands."),
    ("kelvin", "Temperature", "K", None, "log", "Colour of a black body: 2,700 a warm lamp, 6,500 daylight, above it bluer."),
    ("flicker", "Flicker", "", None, "linear", "How much of the power comes and goes from picture to picture of a sequence."),
    ("seed", "Seed", "", (0, 100), "linear", "Order of the flicker."),
)
MILLION = 1e6
"""Lumens in one unit of the field of a lamp's power."""
TRANSFORM_WORDS = {"own": "Our own curve", "exposure": "Colours for exposure"}


class HistogramStrip(QWidget):
    """How much of the cloud lies how many stops from middle grey."""

    def __init__(self):
        super().__init__()
        self._counts = None
        self.setFixedHeight(50)
        self.setAccessibleName("Histogram of the cloud")
        self.setToolTip("How much of the cloud lies at which brightness, in stops from middle grey. What lies right of the "
                        "second line is nearly white.")

    def show_scene(self, scene, exposure):
        """Show the histogram of a scene.

        Parameters
        ----------
        scene : ndarray of float32, shape (rows, columns, 4)
        exposure : float
        """
        self._counts, self._edges = histogram(scene[::2, ::2], exposure)
        self.update()

    def paintEvent(self, _event):
        painter = QPainter(self)
        box = QRectF(self.rect()).adjusted(14, 4, -14, -14)
        painter.fillRect(box, style.GROUND)
        if self._counts is None or self._counts.max() <= 0.0:
            return
        wide, top = box.width() / len(self._counts), self._counts.max()
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.QUIET)
        for n, part in enumerate(self._counts):
            high = box.height() * part / top
            painter.drawRect(QRectF(box.left() + n * wide, box.bottom() - high, wide * 0.86, high))
        painter.setFont(style.text_font(10))
        for stops, text in ((-4.0, "-4"), (-2.0, "-2"), (0.0, "grey"), (2.3, "white")):
            x = box.left() + (stops - self._edges[0]) / (self._edges[-1] - self._edges[0]) * box.width()
            painter.setPen(QPen(style.with_alpha(style.BARLEY, 130 if stops >= 0.0 else 50), 1))
            painter.drawLine(QPointF(x, box.top()), QPointF(x, box.bottom()))
            painter.setPen(style.QUIET)
            painter.drawText(QRectF(x - 20, box.bottom() + 1, 40, 12), Qt.AlignmentFlag.AlignCenter, text)


class LightSettings(SettingsPanel):
    """All numbers and colours of the light, the chosen lamp, and the focal length."""

    def __init__(self, station):
        super().__init__("Light", "sun, sky and what the cloud is made of")
        self._station = station
        self.fields, self.lamp_fields = {}, {}
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
                self.open_sky.setToolTip("An OpenEXR, PNG or JPEG picture over longitude and latitude.")
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
            if field == "exposure":
                self._after_exposure()
            if field == "albedo":
                self.once = self.add(QCheckBox("Sunlight scattered once only"))
                self.once.setToolTip("Of the sunlight Draft light then shows what is scattered once: hard light, to judge shapes by.")
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
        dialog = SunPlaceDialog(self)
        if dialog.exec() == SunPlaceDialog.DialogCode.Accepted:
            azimuth, elevation = dialog.sun()
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


class SunPlaceDialog(QDialog):
    """Asks for a place, a date and an hour, and shows where the sun stands."""

    def __init__(self, parent=None):
        super().__init__(parent)
        self.setWindowTitle("Sun by place and time")
        self.setMinimumWidth(360)
        kept = QSettings("softmound", "sun")
        self._kept = kept
        layout = QVBoxLayout(self)
        layout.addWidget(words("Sun by place and time", "title"))
        layout.addWidget(words("+z is taken for north and +x for east."))
        self.latitude = NumberField("Latitude", -90.0, 90.0, 50.0, "°", "North positive.")
        self.longitude = NumberField("Longitude", -180.0, 180.0, 0.0, "°", "East positive.")
        self.day = NumberField("Day", 1, 365, 172, "", "Of the year: 172 is the 21st of June.", whole=True)
        self.hour = NumberField("Hour", 0.0, 24.0, 12.0, "h", "Universal time; noon in the middle of a time zone is near 12 "
                                "minus a fifteenth of the longitude.")
        for name in ("latitude", "longitude", "day", "hour"):
            field = getattr(self, name)
            field.set(float(kept.value(name, field.reset_value)))
            field.changed.connect(lambda *_: self._show())
            layout.addWidget(field)
        self.found = words("")
        layout.addWidget(self.found)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        buttons.accepted.connect(self._accept)
        buttons.rejected.connect(self.reject)
        layout.addWidget(buttons)
        self._show()

    def sun(self):
        """Azimuth and elevation.

        Returns
        -------
        (float, float)
            Degrees.
        """
        when = datetime(2026, 1, 1, tzinfo=timezone.utc) + timedelta(days=round(self.day.value) - 1, hours=self.hour.value)
        azimuth, elevation = sun_at(self.latitude.value, self.longitude.value, when)
        return float(f"{azimuth:.2f}"), float(f"{elevation:.2f}")

    def _show(self):
        azimuth, elevation = self.sun()
        where = "above" if elevation >= 0.0 else "below"
        self.found.setText(f"The sun stands at {azimuth:.1f}°, {abs(elevation):.1f}° {where} the horizon.")

    def _accept(self):
        for name in ("latitude", "longitude", "day", "hour"):
            self._kept.setValue(name, getattr(self, name).value)
        self.accept()
