"""What Library asks: what is said of a version and its name, where adopted files come from, and two versions side by side."""

import pathlib
from html import escape

import numpy as np
from PyQt6.QtCore import Qt, QTimer
from PyQt6.QtGui import QPixmap
from PyQt6.QtWidgets import QDialog, QDialogButtonBox, QGridLayout, QLabel, QLineEdit, QVBoxLayout

from ....core.exchange.numbered import RATE
from ....core.exchange.units import UNITS, UPS
from ....core.library.asset import About
from ... import style
from ...dialogs.asking import add_buttons
from ...fields.controls import ChoiceRow, NumberField, text_label
from ...fields.figures import count, figure, memory
from ...fields.lengths import length, sizes
from ...view.pixels import image_of_pixels, thumb_of
from ...words import tr
from .about_fields import AboutFields
from .relighting import Relighting, Wish


class SayDialog(QDialog):
    """Asks what is said of a version from now on, and what its asset is called.

    Parameters
    ----------
    version : Version
    parent : QWidget, optional
    """

    def __init__(self, version, parent=None):
        super().__init__(parent)
        self.setWindowTitle(tr("What is said of it"))
        self.setMinimumWidth(400)
        facts = version.facts
        layout = QVBoxLayout(self)
        layout.setSpacing(8)
        layout.addWidget(text_label(f"{facts['name']} v{version.number:03d}", "title"))
        layout.addWidget(text_label(tr("Its grids and its recipe stay as they were published.")))
        self.fields = AboutFields(About.model_validate(
            {name: tuple(facts[name]) if isinstance(facts[name], list) else facts[name]
             for name in About.model_fields if name in facts}))
        layout.addWidget(self.fields)
        layout.addWidget(text_label(tr("Name of the asset, with all its versions; what refers to its files has to follow.")))
        self.name = QLineEdit(facts["name"])
        self.name.setAccessibleName(tr("Name of the asset"))
        self.name.setMaxLength(80)
        layout.addWidget(self.name)
        add_buttons(self, layout, tr("Keep it so"))


class AdoptDialog(QDialog):
    """Asks what files of somebody else's are called, where they come from, and what their numbers are.

    Parameters
    ----------
    paths : sequence of str
        Several are numbered frames, or one asset each.
    parent : QWidget, optional
    """

    def __init__(self, paths, parent=None):
        super().__init__(parent)
        self.setWindowTitle(tr("Adopt into the library"))
        self.setMinimumWidth(430)
        self.pattern = pattern_of(paths)
        self.unit = self.up = "stated"
        first = pathlib.Path(self.pattern or paths[0])
        layout = QVBoxLayout(self)
        layout.setSpacing(8)
        layout.addWidget(text_label(first.name, "title"))
        layout.addWidget(text_label(
            tr("{} numbered frames become one asset.").format(len(paths)) if self.pattern else
            tr("It is checked, measured and pictured; the file itself stays as it is.") if len(paths) == 1 else
            tr("{} files become an asset each, named after them.").format(len(paths))))
        self.name = QLineEdit(first.stem.rstrip("#._- ").replace("_", " ").strip() or "Cloud")
        self.name.setAccessibleName(tr("Name of the asset"))
        self.name.setPlaceholderText(tr("Name"))
        self.name.setMaxLength(80)
        self.name.setVisible(len(paths) == 1 or self.pattern is not None)
        layout.addWidget(self.name)
        self.source = QLineEdit()
        self.source.setPlaceholderText(tr("Where it comes from"))
        self.source.setAccessibleName(tr("Where it comes from"))
        layout.addWidget(self.source)
        for title, options, field in ((tr("Unit of its numbers"), UNITS, "unit"), (tr("Which axis is up"), UPS, "up")):
            layout.addWidget(text_label(title))
            row = ChoiceRow({"stated": "as stated", **{option: option for option in options}}, "stated", title)
            row.chosen.connect(lambda option, field=field: setattr(self, field, option))
            layout.addWidget(row)
        self.rate = NumberField(tr("Frames a second"), 0.1, 240.0, RATE, "",
                                tr("At which the frames play."), "linear", (12.0, 60.0))
        self.rate.setVisible(self.pattern is not None)
        layout.addWidget(self.rate)
        add_buttons(self, layout, "Adopt")

    def options(self):
        """What was answered, as `core.library.adopting.adopt` takes it: dict."""
        return {"source": self.source.text().strip(), "unit": None if self.unit == "stated" else self.unit,
                "up": None if self.up == "stated" else self.up}


def pattern_of(paths):
    """The pattern that several files are the frames of.

    Parameters
    ----------
    paths : sequence of str

    Returns
    -------
    str or None
        As ``/there/storm.####.vdb``; None when they are not numbered alike.
    """
    if len(paths) < 2:
        return None
    found = set()
    for path in map(pathlib.Path, paths):
        head = path.stem.rstrip("0123456789")
        digits = len(path.stem) - len(head)
        if digits == 0:
            return None
        found.add((str(path.parent / head), digits, path.suffix))
    if len({(head, ending) for head, _, ending in found}) != 1:
        return None
    head, digits, ending = min(found, key=lambda part: part[1])
    return f"{head}{'#' * digits}{ending}"


class BesideDialog(QDialog):
    """Two versions side by side: turned together, in one light, with their facts.

    Parameters
    ----------
    versions : sequence of Version
        Two.
    light : Light
    view : View
    parent : QWidget, optional
    """

    WIDE = 460
    RESTS = 60

    def __init__(self, versions, light, view, parent=None):
        super().__init__(parent)
        self.setWindowTitle(tr("Side by side"))
        self._versions, self._light, self._view = tuple(versions), light, view
        self._from = None
        self._relighting = Relighting(self._take)
        self._wait = QTimer(self, interval=self.RESTS, singleShot=True)
        self._wait.timeout.connect(self._ask)
        grid = QGridLayout(self)
        grid.setSpacing(10)
        self.pictures = []
        for column, version in enumerate(self._versions):
            picture = QLabel()
            picture.setFixedSize(self.WIDE, self.WIDE * 2 // 3)
            picture.setAlignment(Qt.AlignmentFlag.AlignCenter)
            picture.setAccessibleName(tr("{} version {}").format(version.facts["name"], version.number))
            picture.setPixmap(_fitting(thumb_of(version), self.WIDE))
            self.pictures.append(picture)
            grid.addWidget(picture, 0, column)
            grid.addWidget(text_label(f"{version.facts['name']} v{version.number:03d}", "title"), 1, column)
            grid.addWidget(text_label(_table(version, self._versions[1 - column])), 2, column)
        grid.addWidget(text_label(tr("Drag in a picture to turn both. They stand in one light; each fills its picture and is "
                                  "metered by itself.")), 3, 0, 1, 2)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Close)
        buttons.rejected.connect(self.reject)
        grid.addWidget(buttons, 4, 0, 1, 2)
        self.finished.connect(lambda _result: self.end())
        self._ask()

    def end(self):
        """Make no more pictures."""
        self._wait.stop()
        self._relighting.end()

    def turn(self, across, up):
        """Look from elsewhere.

        Parameters
        ----------
        across, up : float
            Degrees.
        """
        view = self._view
        self._view = view.edited(azimuth=(view.azimuth + across + 180.0) % 360.0 - 180.0,
                                 elevation=float(np.clip(view.elevation + up, -80.0, 80.0)))
        self._wait.start()

    def _ask(self):
        self._relighting.ask([Wish(n, version, self._light, self._view) for n, version in enumerate(self._versions)])

    def _take(self, number, pixels):
        self.pictures[number].setPixmap(_fitting(image_of_pixels(pixels), self.WIDE))

    def mousePressEvent(self, event):
        self._from = event.position()

    def mouseMoveEvent(self, event):
        if self._from is not None:
            way, self._from = event.position() - self._from, event.position()
            self.turn(-0.5 * way.x(), 0.3 * way.y())

    def mouseReleaseEvent(self, event):
        self._from = None

    def keyPressEvent(self, event):
        steps = {Qt.Key.Key_Left: (15.0, 0.0), Qt.Key.Key_Right: (-15.0, 0.0), Qt.Key.Key_Up: (0.0, 5.0),
                 Qt.Key.Key_Down: (0.0, -5.0)}
        if event.key() in steps:
            self.turn(*steps[event.key()])
        else:
            super().keyPressEvent(event)


def _fitting(image, wide):
    return QPixmap.fromImage(image.scaled(wide, wide * 2 // 3, Qt.AspectRatioMode.KeepAspectRatioByExpanding,
                                          Qt.TransformationMode.SmoothTransformation))


def _size(facts):
    low, high = facts["bounds"]
    return sizes(b - a for a, b in zip(low, high))


_ROWS = {
    "size": _size, "voxel": lambda facts: f"{length(facts['voxel'])}",
    "active voxels": lambda facts: count(facts["active_voxels"]),
    "extinction": lambda facts: tr("{} per metre").format(figure(facts["extinction"])),
    "optical depth": lambda facts: " × ".join(figure(depth) for depth in facts.get("optical_depth", ())) or "not measured",
    "outline’s dimension": lambda facts: figure(facts["shape"]["outline"]) if "shape" in facts else "not measured",
    "seeds": lambda facts: ", ".join(map(str, facts["seeds"])) or "none",
    "tags": lambda facts: ", ".join(facts.get("tags", ())) or "none",
}


def _table(version, other):
    """Facts of a version, in a stronger colour where the other one's differ."""
    rows = [(name, said(version.facts), said(other.facts)) for name, said in _ROWS.items()]
    rows.append(("files", memory(version.bytes), memory(other.bytes)))
    return "<table>" + "".join(
        f"<tr><td>{name}&nbsp;&nbsp;</td><td{'' if own == theirs else f' style=color:{style.TEXT.name()}'}>{escape(own)}</td></tr>"
        for name, own, theirs in rows) + "</table>"
