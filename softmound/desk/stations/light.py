"""Light: sun, sky, medium and exposure."""

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt
from PyQt6.QtGui import QLinearGradient, QPainter, QPainterPath, QPen
from PyQt6.QtWidgets import QAbstractButton, QHBoxLayout, QVBoxLayout, QWidget

from ...core.light.situations import NAMES, in_situation
from ...core.recipe import Light, Medium, Sky, Sun, View, limits
from .. import style
from ..fields import ColourField, NumberField, screen_colour, words
from .station import SettingsPanel, Station


class LightStation(Station):
    """The station."""

    name = "Light"
    dome = True

    def __init__(self, document, parent=None):
        super().__init__(document, parent)
        self.tray = SituationTray(self)
        self.settings = LightSettings(self)

    def show_mound(self, mound):
        self.tray.show_mound(mound)
        self.settings.show_mound(mound)

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
        layout.setContentsMargins(16, 10, 16, 12)
        layout.setSpacing(8)
        label = words("Situations: a sun and a sky at one click; every number stays yours to change.")
        label.setContentsMargins(0, 0, 0, 0)
        layout.addWidget(label)
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
    ("", "sun", "colour", "Colour", "", None, "", "Colour of the sunlight."),
    ("Sky", "sky", "strength", "Strength", "", (0.0, 6.0), "linear", "Light from all round, and the picture's background."),
    ("", "sky", "zenith", "Overhead", "", None, "", "Colour of the sky overhead."),
    ("", "sky", "horizon", "Horizon", "", None, "", "Colour of the sky at the horizon."),
    ("", "sky", "ground", "Ground", "", None, "", "Light that the ground sends back to the underside."),
    ("Medium", "medium", "extinction", "Extinction", "1/m", (0.002, 2.0), "log",
     "At density 1; natural cumulus has 0.01 to 0.12 per metre."),
    ("", "medium", "anisotropy", "Anisotropy", "", None, "linear", "Mean cosine of scattering: 0.85 for cloud droplets."),
    ("", "medium", "albedo", "Albedo", "", (0.8, 1.0), "linear", "Share of light scattered rather than absorbed."),
)
_MODELS = {"": Light, "sun": Sun, "sky": Sky, "medium": Medium}


class LightSettings(SettingsPanel):
    """All numbers and colours of the light, and the focal length."""

    def __init__(self, station):
        super().__init__("Light", "sun, sky and what the cloud is made of")
        self._station = station
        self.fields = {}
        for section, part, field, label, unit, shown, scale, sentence in _NUMBERS:
            if section and part:
                self.section(section)
            model = _MODELS[part]
            reset = model.model_fields[field].default
            if scale:
                widget = NumberField(label, *limits(model, field), reset, unit, sentence, scale, shown)
            else:
                widget = ColourField(label, reset, sentence)
            what = f"{section or part or 'light'} {field}".lower()
            widget.changed.connect(lambda v, m, p=part, f=field, w=what: station.edit_part(p, w, m, **{f: v}))
            self.fields[part, field] = self.add(widget)
        self.section("Looking")
        self.focal = self.add(NumberField("Focal length", *limits(View, "focal"), 50.0, "mm",
                                          "Of the lens, on a film back 36 mm wide.", "log", (12.0, 300.0)))
        self.focal.changed.connect(self._focal)

    def _focal(self, value, moving):
        document = self._station.document
        document.look(document.mound.view.edited(focal=value), moving)

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        for (part, field), widget in self.fields.items():
            value = getattr(getattr(mound.light, part) if part else mound.light, field)
            widget.set(value % 360.0 if field == "azimuth" else value)
        self.focal.set(mound.view.focal)
