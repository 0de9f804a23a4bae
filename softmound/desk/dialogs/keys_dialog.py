"""Keys and gestures as a wide sheet that can be searched."""

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import (
    QDialog,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QScrollArea,
    QSizePolicy,
    QVBoxLayout,
    QWidget,
)

from ..fields.controls import text_label
from ..words import tr

COLUMNS = 3
"""Groups stand side by side in so many columns, each about as long as the others."""


class KeysDialog(QDialog):
    """Shows keys and gestures, and only those that hold a word typed above.

    Parameters
    ----------
    rows : sequence of (str, str, str)
        Group, keys, and what they do.
    parent : QWidget, optional
    """

    explained = "reference/keys"

    def __init__(self, rows, parent=None):
        super().__init__(parent)
        self.setWindowTitle(tr("Keys and gestures"))
        self.resize(1060, 640)
        self._groups = {}
        layout = QVBoxLayout(self)
        layout.setContentsMargins(18, 16, 18, 14)
        layout.setSpacing(10)
        head = QHBoxLayout()
        head.addWidget(text_label(tr("Keys and gestures"), "title"), 1)
        self.search = QLineEdit()
        self.search.setPlaceholderText(tr("Find a key or what it does"))
        self.search.setAccessibleName(tr("Find a key or what it does"))
        self.search.setClearButtonEnabled(True)
        self.search.setFixedWidth(280)
        self.search.textChanged.connect(self.show_matching)
        head.addWidget(self.search)
        layout.addLayout(head)
        inside = QWidget()
        inside.setObjectName("panel")
        self._columns = QHBoxLayout(inside)
        self._columns.setSpacing(28)
        self._columns.setContentsMargins(6, 4, 6, 4)
        columns = [QVBoxLayout() for _ in range(COLUMNS)]
        filled = [0] * COLUMNS
        for group in dict.fromkeys(group for group, _, _ in rows):
            mine = [(keys, does) for g, keys, does in rows if g == group]
            at = filled.index(min(filled))
            filled[at] += len(mine) + 2
            columns[at].addWidget(self._group(group, mine))
        for column in columns:
            column.addStretch()
            self._columns.addLayout(column, 1)
        area = QScrollArea()
        area.setObjectName("panel")
        area.setWidgetResizable(True)
        area.setWidget(inside)
        layout.addWidget(area, 1)
        self.none = text_label(tr("Nothing is called so."))
        self.none.hide()
        layout.addWidget(self.none)
        self.search.setFocus()

    def _group(self, name, rows):
        box = QWidget()
        box.setObjectName("panel")
        box.setSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Maximum)
        grid = QGridLayout(box)
        grid.setContentsMargins(0, 0, 0, 14)
        grid.setHorizontalSpacing(14)
        grid.setVerticalSpacing(4)
        grid.setColumnStretch(1, 1)
        title = text_label(name, "section")
        title.setContentsMargins(-3, 0, 0, 2)  # a section's letters begin a little further in
        grid.addWidget(title, 0, 0, 1, 2)
        self._groups[name] = (box, [])
        for number, (keys, does) in enumerate(rows, 1):
            key, text = QLabel(keys), QLabel(does)
            key.setStyleSheet("font-weight: 600;")
            key.setMinimumWidth(118)
            key.setAlignment(Qt.AlignmentFlag.AlignTop)
            text.setWordWrap(True)
            grid.addWidget(key, number, 0)
            grid.addWidget(text, number, 1)
            self._groups[name][1].append((key, text))
        return box

    def show_matching(self, text):
        """Show the rows that hold all of some words.

        Parameters
        ----------
        text : str
        """
        wanted = text.lower().split()
        found = False
        for name, (box, rows) in self._groups.items():
            shown = False
            for key, does in rows:
                told = f"{name} {key.text()} {does.text()}".lower()
                here = all(word in told for word in wanted)
                key.setVisible(here)
                does.setVisible(here)
                shown |= here
            box.setVisible(shown)
            found |= shown
        self.none.setVisible(not found)
