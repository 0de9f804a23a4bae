"""The manual beside the work: its chapters, with a box that finds words in all of them."""

import pathlib
import re

from PyQt6.QtCore import Qt, QUrl
from PyQt6.QtGui import QTextDocument
from PyQt6.QtWidgets import QDialog, QHBoxLayout, QLineEdit, QListWidget, QTextBrowser, QVBoxLayout

from .. import style
from ..words import tr

_STYLE = re.compile(r"<style>.*?</style>", re.DOTALL)
MANUAL = pathlib.Path(__file__).parents[1] / "manual"
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


class Page(QTextBrowser):
    """A page of the manual, in the colours of the ground it is read on."""

    def __init__(self):
        super().__init__()
        self.setAccessibleName(tr("Page of the manual"))
        self.setSearchPaths([str(MANUAL)])
        self.setOpenExternalLinks(False)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self._colour()

    def loadResource(self, kind, name):
        """Called by Qt: what a page says, without the colours that it has in a browser."""
        if kind == QTextDocument.ResourceType.HtmlResource and name.isLocalFile():
            return _STYLE.sub("", pathlib.Path(name.toLocalFile()).read_text(encoding="utf-8"))
        return super().loadResource(kind, name)

    def changeEvent(self, event):
        """Called by Qt: on another ground it is coloured anew, where it was being read."""
        super().changeEvent(event)
        if event.type() == event.Type.PaletteChange and self.source().isValid():
            at = self.verticalScrollBar().value()
            self._colour()
            self.reload()
            self.verticalScrollBar().setValue(at)

    def _colour(self):
        self.document().setDefaultStyleSheet(f"""
            body {{ color: {style.TEXT.name()}; line-height: 150%; }}
            h1 {{ font-size: 22px; font-weight: 600; }} h2 {{ font-size: 17px; font-weight: 600; }} h3 {{ font-size: 14px; }}
            a {{ color: {style.BLUE.name()}; }}
            code, pre {{ background: {style.RAISED.name()}; color: {style.TEXT.name()}; }}
            pre {{ line-height: 100%; }} td, th {{ padding: 4px 10px; }}""")


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
        self.resize(1080, 700)
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
        self.list.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.list.currentRowChanged.connect(self._open)
        side.addWidget(self.find)
        side.addWidget(self.list)
        self.page = Page()
        row.addLayout(side)
        row.addWidget(self.page, 1)
        self._shown = []
        self._seek("")
        for each in (self.find, self.list):  # as wide as the longest title
            each.setFixedWidth(self.list.sizeHintForColumn(0) + 2 * self.list.frameWidth() + 28)
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
