"""The manual beside the work: its pages in their parts, ways back and forward, and a box that finds and marks words."""

from PyQt6.QtCore import Qt, QUrl, pyqtSignal
from PyQt6.QtGui import QColor, QImage, QKeySequence, QShortcut, QTextCharFormat, QTextCursor, QTextDocument
from PyQt6.QtWidgets import (
    QDialog,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QPushButton,
    QTextBrowser,
    QTextEdit,
    QTreeWidget,
    QTreeWidgetItem,
    QVBoxLayout,
)

from .. import style
from ..help.pages import FIRST, PARTS, holding, leaves, page, picture_file
from ..help.reference import PICTURE, STRIPS
from ..words import tr

WIDEST = 660
"""Pixels of a picture that fills a page."""
MOST_MARKS = 500
"""Places of words that are marked on a page: a word as short as "a" stands on the longest a thousand times."""
_NAME = Qt.ItemDataRole.UserRole


class Page(QTextBrowser):
    """A page of the manual, in the colours of the ground it is read on.

    Signals
    -------
    wanted(str)
        The address of a link that was followed.
    """

    wanted = pyqtSignal(str)

    def __init__(self):
        super().__init__()
        self.setAccessibleName(tr("Page of the manual"))
        self.setOpenLinks(False)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.anchorClicked.connect(lambda url: self.wanted.emit(QUrl.fromPercentEncoding(url.toEncoded())))
        self.name, self._words = "", ""
        self._colour()

    def show_page(self, name, anchor=""):
        """Show a page.

        Parameters
        ----------
        name : str
            See `help.pages`.
        anchor : str, optional
            Of what is to stand at its top.
        """
        if name != self.name:
            self.name = name
            self._colour()
            # A line that holds a picture is as high as the picture; the room between lines is for words.
            self.setHtml(page(name).replace("<p><img", '<p class="shot"><img'))
            self.mark(self._words)
        if anchor:
            self.scrollToAnchor(anchor)
        else:
            self.verticalScrollBar().setValue(0)

    def loadResource(self, kind, name):
        """Called by Qt: pictures, as large as they are shown, so that they are smooth."""
        path = picture_file(name.path()) if kind == QTextDocument.ResourceType.ImageResource else None
        if path is None:
            return None
        image, dense = QImage(str(path)), self.devicePixelRatioF()
        wide = min(image.width(), round((PICTURE if path.parent == STRIPS else WIDEST) * dense))
        image = image.scaledToWidth(wide, Qt.TransformationMode.SmoothTransformation)
        image.setDevicePixelRatio(dense)
        return image

    def mark(self, words):
        """Mark words wherever they stand.

        Parameters
        ----------
        words : str

        Returns
        -------
        list of QTextCursor
            Where they stand, from the top.
        """
        self._words, found, marks = words, [], []
        for word in dict.fromkeys(words.lower().split()):
            cursor = QTextCursor(self.document())
            while len(found) < MOST_MARKS:
                cursor = self.document().find(word, cursor)
                if cursor.isNull():
                    break
                found.append(QTextCursor(cursor))
        for cursor in found:
            mark = QTextEdit.ExtraSelection()
            mark.cursor, mark.format = cursor, QTextCharFormat()
            mark.format.setBackground(QColor(style.BARLEY))
            mark.format.setForeground(QColor(style.INK))
            marks.append(mark)
        self.setExtraSelections(marks)
        return sorted(found, key=lambda cursor: cursor.position())

    def changeEvent(self, event):
        """Called by Qt: on another ground it is coloured anew, where it was being read."""
        super().changeEvent(event)
        if event.type() == event.Type.PaletteChange and self.name:
            name, at = self.name, self.verticalScrollBar().value()
            self.name = ""
            self.show_page(name)
            self.verticalScrollBar().setValue(at)

    def _colour(self):
        self.document().setDefaultStyleSheet(f"""
            body, p, li, td {{ color: {style.TEXT.name()}; line-height: 135%; }}
            h1 {{ font-size: 22px; font-weight: 600; color: {style.TEXT.name()}; }}
            h2 {{ font-size: 17px; font-weight: 600; margin-top: 26px; color: {style.TEXT.name()}; }} h3 {{ font-size: 14px; }}
            a {{ color: {style.BLUE.name()}; }} .quiet {{ color: {style.SOFT.name()}; }}
            code, pre {{ background: {style.RAISED.name()}; color: {style.TEXT.name()}; }}
            pre {{ line-height: 100%; }} td, th {{ padding: 4px 10px; }} .shot {{ line-height: 100%; }}
            table.strip td {{ padding: 2px 8px 10px 0px; line-height: 100%; }}""")


class ManualDialog(QDialog):
    """Shows the manual; the work goes on beside it.

    Parameters
    ----------
    place : str, optional
        Name of a page, with an anchor after ``#``; default the first page.
    parent : QWidget, optional
    go : callable, optional
        Given an address of the window, such as ``station:Grain`` or ``do:build``, follows it.

    Attributes
    ----------
    list : QTreeWidget
        Parts, and pages in them.
    page : Page
    """

    def __init__(self, place="", parent=None, go=None):
        super().__init__(parent)
        self.setWindowTitle(tr("Manual"))
        self.setWindowFlag(Qt.WindowType.WindowMinMaxButtonsHint)
        self.resize(1080, 700)
        self._go, self._past, self._at = go, [], -1
        row, side, top = QHBoxLayout(self), QVBoxLayout(), QHBoxLayout()
        self.back, self.forward = QPushButton(tr("Back")), QPushButton(tr("Forward"))
        for button, step in ((self.back, -1), (self.forward, 1)):
            button.setAutoDefault(False)
            button.clicked.connect(lambda _=False, step=step: self.walk(step))
            top.addWidget(button)
        self.back.setToolTip(tr("The page before (Alt+Left)."))
        self.forward.setToolTip(tr("The page that was left by Back (Alt+Right)."))
        for keys, step in (("Alt+Left", -1), ("Alt+Right", 1)):
            QShortcut(QKeySequence(keys), self, lambda step=step: self.walk(step))
        self.find = QLineEdit()
        self.find.setPlaceholderText(tr("Find words in the manual"))
        self.find.setAccessibleName(tr("Find words in the manual"))
        self.find.setClearButtonEnabled(True)
        self.find.textChanged.connect(self._seek)
        self.find.returnPressed.connect(self.next_mark)
        QShortcut(QKeySequence("Ctrl+F"), self, self.find.setFocus)
        self.said = QLabel()
        self.said.setObjectName("quiet")
        self.said.setWordWrap(True)
        self.list = QTreeWidget()
        self.list.setHeaderHidden(True)
        self.list.setIndentation(12)
        self.list.setRootIsDecorated(False)
        self.list.setItemsExpandable(False)
        self.list.setAccessibleName(tr("Chapters"))
        self.list.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.list.currentItemChanged.connect(self._chosen)
        side.addLayout(top)
        for widget in (self.find, self.said, self.list):
            side.addWidget(widget)
        self.page = Page()
        self.page.wanted.connect(self.follow)
        row.addLayout(side)
        row.addWidget(self.page, 1)
        self._marks, self._mark = [], -1
        self._fill(leaves())
        self.list.resizeColumnToContents(0)
        # As wide as the longest title.
        wide = self.list.sizeHintForColumn(0) + 2 * self.list.frameWidth() + self.list.verticalScrollBar().sizeHint().width() + 14
        for each in (self.find, self.list, self.said):
            each.setFixedWidth(max(wide, self.back.sizeHint().width() + self.forward.sizeHint().width() + 8))
        self.read(place or FIRST)

    def _fill(self, found):
        self.list.blockSignals(True)
        self.list.clear()
        for part, title in PARTS.items():
            own = [leaf for leaf in found if leaf.part == part]
            if not own:
                continue
            head = QTreeWidgetItem(self.list, [tr(title)])
            head.setFlags(Qt.ItemFlag.ItemIsEnabled)
            head.setForeground(0, style.QUIET)
            for leaf in own:
                QTreeWidgetItem(head, [leaf.title]).setData(0, _NAME, leaf.name)
        self.list.expandAll()
        self.list.blockSignals(False)

    def names(self):
        """Names of the pages that are listed, in their order: list of str."""
        return [item.data(0, _NAME) for item in self._items()]

    def _items(self):
        parts = [self.list.topLevelItem(n) for n in range(self.list.topLevelItemCount())]
        return [part.child(n) for part in parts for n in range(part.childCount())]

    def _item(self, name):
        return next((item for item in self._items() if item.data(0, _NAME) == name), None)

    def read(self, place):
        """Open a page, and remember the way to it.

        Parameters
        ----------
        place : str
            Its name, with an anchor after ``#``.
        """
        if self._at < 0 or self._past[self._at] != place:
            self._past[self._at + 1 :] = [place]
            self._at += 1
        self._open(place)

    def walk(self, step):
        """Go back or forward along the pages that were read.

        Parameters
        ----------
        step : int
        """
        if 0 <= self._at + step < len(self._past):
            self._at += step
            self._open(self._past[self._at])

    def _open(self, place):
        name, _, anchor = place.partition("#")
        self.back.setEnabled(self._at > 0)
        self.forward.setEnabled(self._at + 1 < len(self._past))
        self._select(name)
        self.page.show_page(name, anchor)
        self._count()

    def _select(self, name):
        """Show in the list which page is read, if it is listed."""
        self.list.blockSignals(True)
        self.list.setCurrentItem(self._item(name))
        self.list.blockSignals(False)

    def _chosen(self, item, _before=None):
        if item is not None and item.data(0, _NAME):
            self.read(item.data(0, _NAME))

    def follow(self, address):
        """Follow a link of a page.

        Parameters
        ----------
        address : str
            ``page:`` and the name of another page, ``#`` and an anchor of this one, or an address of the window.
        """
        kind, _, rest = address.partition(":")
        if address.startswith("#"):
            self.read(f"{self.page.name}{address}")
        elif kind == "page":
            self.read(rest)
        elif self._go is not None:
            self._go(address)

    # -- finding --------------------------------------------------------------------------------

    def _seek(self, typed):
        """List the pages that hold all words that were typed, mark these on the page, and go to the first."""
        found = holding(typed)
        self._fill(found)
        if typed.split() and found and self.page.name not in self.names():
            self.read(found[0].name)
        else:
            self._select(self.page.name)
            self._count()
        self.next_mark()

    def _count(self):
        """Mark what was typed on the page that is open, and say how often it stands there."""
        typed = self.find.text()
        self._marks, self._mark = self.page.mark(typed), -1
        if not typed.split():
            self.said.setText("")
        elif not self.names():
            self.said.setText(tr("No page has all these words."))
        else:
            self.said.setText(tr("On this page: {}. Enter goes to the next.").format(len(self._marks)))
        self.said.setVisible(bool(self.said.text()))

    def next_mark(self):
        """Go to the next place where a word stands that was typed."""
        if self._marks and self.find.text().split():
            self._mark = (self._mark + 1) % len(self._marks)
            cursor = QTextCursor(self._marks[self._mark])
            cursor.clearSelection()
            self.page.setTextCursor(cursor)
            self.page.ensureCursorVisible()
