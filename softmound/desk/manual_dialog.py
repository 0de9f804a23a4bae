"""The manual beside the work: its chapters, with a box that finds words in all of them."""

import pathlib
import re

from PyQt6.QtCore import QUrl
from PyQt6.QtGui import QTextDocument
from PyQt6.QtWidgets import QDialog, QHBoxLayout, QLineEdit, QListWidget, QTextBrowser, QVBoxLayout

from .words import tr

MANUAL = pathlib.Path(__file__).parent / "manual"
"""HTML made of `docs/` by `docs/make_manual.py`."""


def chapters():
    """The chapters there are, in their order.

    Returns
    -------
    list of (str, str)
        File name without its ending, and title.
    """
    found = []
    for path in sorted(MANUAL.glob("*.html")):
        title = re.search(r"<title>(.*?)</title>", path.read_text(encoding="utf-8"))
        found.append((path.stem, title.group(1) if title else path.stem))
    return found


class ManualDialog(QDialog):
    """Shows the manual.

    Parameters
    ----------
    chapter : str, optional
        File name of a chapter without its ending; default the first.
    parent : QWidget, optional
    """

    def __init__(self, chapter="", parent=None):
        super().__init__(parent)
        self.setWindowTitle(tr("Manual"))
        self.resize(980, 680)
        self._all = chapters()
        row = QHBoxLayout(self)
        side = QVBoxLayout()
        self.find = QLineEdit()
        self.find.setPlaceholderText(tr("Find words in the manual"))
        self.find.setAccessibleName(tr("Find words in the manual"))
        self.find.setClearButtonEnabled(True)
        self.find.textChanged.connect(self._seek)
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Chapters"))
        self.list.setFixedWidth(220)
        self.find.setFixedWidth(220)
        self.list.currentRowChanged.connect(self._open)
        side.addWidget(self.find)
        side.addWidget(self.list)
        self.page = QTextBrowser()
        self.page.setAccessibleName(tr("Page of the manual"))
        self.page.setSearchPaths([str(MANUAL)])
        row.addLayout(side)
        row.addWidget(self.page, 1)
        self._shown = []
        self._seek("")
        at = next((n for n, (file, _) in enumerate(self._shown) if file == chapter), 0)
        self.list.setCurrentRow(at)

    def _seek(self, typed):
        """List the chapters that hold all words that were typed."""
        words = typed.lower().split()
        self._shown = [(file, title) for file, title in self._all if all(w in self._text(file) for w in words)]
        self.list.clear()
        self.list.addItems([title for _, title in self._shown])
        self.list.setCurrentRow(0)

    def _text(self, file):
        text = (MANUAL / f"{file}.html").read_text(encoding="utf-8")
        return re.sub(r"<[^>]+>", " ", text).lower()

    def _open(self, row):
        if 0 <= row < len(self._shown):
            self.page.setSource(QUrl.fromLocalFile(str(MANUAL / f"{self._shown[row][0]}.html")))
            if self.find.text():
                self.page.find(self.find.text().split()[0], QTextDocument.FindFlag(0))
