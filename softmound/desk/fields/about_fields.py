"""Fields for what people say of a version."""

from PyQt6.QtCore import pyqtSignal
from PyQt6.QtWidgets import QLineEdit, QVBoxLayout, QWidget

from ...core.library.asset import About
from ..words import tr
from .controls import Row

FIELDS = (("tags", "Tags, with commas", "Words it is to be found by."),
          ("shots", "Shots, with commas", "Codes of shots it is meant for."),
          ("species", "Species", "Of cloud, as meteorology calls it."),
          ("note", "Note", "What there is to say of it."),
          ("author", "Author", "Who made it."), ("licence", "Licence", "On what terms others may use it."))
LISTS = ("tags", "shots")
_LONGEST = {"note": 4000, "species": 60}


class AboutFields(QWidget):
    """A line for each.

    Signals
    -------
    changed()
    """

    changed = pyqtSignal()

    def __init__(self, about=About()):
        super().__init__()
        layout = QVBoxLayout(self)
        layout.setContentsMargins(0, 0, 0, 0)
        layout.setSpacing(2)
        self.lines = {}
        for name, words, tip in FIELDS:
            line = QLineEdit()
            line.setPlaceholderText(tr(words))
            line.setAccessibleName(tr(words))
            line.setToolTip(tr(tip))
            value = getattr(about, name)
            line.setText(", ".join(value) if name in LISTS else value)
            line.textChanged.connect(lambda _text: self.changed.emit())
            self.lines[name] = line
            layout.addWidget(Row(line))

    def about(self):
        """What is said in them: About. What is too long is cut."""
        given = {name: line.text().strip() for name, line in self.lines.items()}
        lists = {name: tuple(dict.fromkeys(part.strip()[:60] for part in given.pop(name).split(",") if part.strip()))[:60]
                 for name in LISTS}
        return About(**lists, **{name: text[: _LONGEST.get(name, 200)] for name, text in given.items()})
