"""What Library asks: what is said of a version and its name, where adopted files come from, and two versions side by side."""

import pathlib

from PyQt6.QtWidgets import QDialog, QLineEdit, QVBoxLayout

from ....core.exchange.numbered import RATE
from ....core.exchange.units import UNITS, UPS
from ....core.library.asset import About
from ...dialogs.asking import add_buttons
from ...fields.about_fields import AboutFields
from ...fields.controls import ChoiceRow, NumberField, text_label
from ...words import counted, tr


class SayDialog(QDialog):
    """Asks what is said of a version from now on, and what its asset is called.

    Parameters
    ----------
    version : Version
    parent : QWidget, optional
    """

    explained = "stations/05_library"

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

    explained = "stations/05_library"

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
            counted("It is checked, measured and pictured; the file itself stays as it is.",
                    "{} files become an asset each, named after them.", len(paths)).format(len(paths))))
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
