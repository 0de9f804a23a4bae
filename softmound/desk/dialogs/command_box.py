"""Find anything: every command, station, number and chapter of the manual by its name."""

from dataclasses import dataclass

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QDialog, QHeaderView, QLabel, QLineEdit, QTreeWidget, QTreeWidgetItem, QVBoxLayout

from .. import style
from ..help.pages import leaves
from ..words import tr

MOST = 60
"""Entries that are shown at once."""


@dataclass(frozen=True, eq=False)
class Entry:
    """Something that can be found.

    Attributes
    ----------
    words : str
        Its name.
    kind : str
        What it is, and where.
    act : callable
    keys : str
    """

    words: str
    kind: str
    act: callable
    keys: str = ""


def entries_of(window):
    """All that can be found in a window.

    Parameters
    ----------
    window : Window

    Returns
    -------
    list of Entry
    """
    found = [Entry(tr(name), tr("station"), lambda name=name: window.open_station(name), str(n))
             for n, name in enumerate(window.stations, 1)]
    for command, station in window.commands():
        if command.name != "box":
            found.append(Entry(tr(command.words).rstrip("…"), tr("command in {}").format(tr(station)) if station else tr("command"),
                               lambda command=command: window.actions_[command.name].trigger(), command.keys or ""))
    for name, station in window.stations.items():
        for words, control in station.settings.named_controls():
            found.append(Entry(words, tr("number of {}").format(tr(name)), lambda n=name, c=control: _go(window, n, c)))
    for leaf in leaves():
        found.append(Entry(leaf.title, tr("page of the manual"), lambda name=leaf.name: window.read_manual(name)))
    return found


def _go(window, name, control):
    window.open_station(name)
    if window.panels.isHidden():
        window.panels.show()
    window.station.settings.go_to(control)


def matching(entries, typed):
    """Entries that hold all words that were typed, those that begin with them first.

    Parameters
    ----------
    entries : sequence of Entry
    typed : str

    Returns
    -------
    list of Entry
    """
    words = typed.lower().split()

    def rank(entry):
        name = entry.words.lower()
        return (not name.startswith(typed.lower().strip()), not all(w in name for w in words), len(name))

    held = [e for e in entries if all(w in f"{e.words} {e.kind} {e.keys}".lower() for w in words)]
    return sorted(held, key=rank)[:MOST] if words else held[:MOST]


class CommandBox(QDialog):
    """A line to type in, and below it what has that name.

    Parameters
    ----------
    entries : sequence of Entry
    parent : QWidget, optional

    Attributes
    ----------
    chosen : Entry or None
    """

    def __init__(self, entries, parent=None):
        super().__init__(parent)
        self.setWindowTitle(tr("Find anything"))
        self.resize(640, 460)
        self._entries, self.chosen = entries, None
        column = QVBoxLayout(self)
        self.line = QLineEdit()
        self.line.setPlaceholderText(tr("A command, a station, a number, a chapter"))
        self.line.setAccessibleName(tr("Find anything"))
        self.line.textChanged.connect(self._show)
        self.line.installEventFilter(self)
        self.list = QTreeWidget()
        self.list.setColumnCount(3)
        self.list.setHeaderHidden(True)
        self.list.setRootIsDecorated(False)
        self.list.setAllColumnsShowFocus(True)
        self.list.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        header = self.list.header()
        header.setStretchLastSection(False)
        header.setSectionResizeMode(0, QHeaderView.ResizeMode.Stretch)
        for column_ in (1, 2):
            header.setSectionResizeMode(column_, QHeaderView.ResizeMode.ResizeToContents)
        self.list.setAccessibleName(tr("What was found"))
        self.list.itemActivated.connect(lambda _: self._take())
        self.list.itemClicked.connect(lambda _: self._take())
        self.none = QLabel(tr("Nothing has that name."))
        self.none.setObjectName("quiet")
        for widget in (self.line, self.list, self.none):
            column.addWidget(widget)
        self._show("")

    def _show(self, typed):
        self.list.clear()
        for entry in matching(self._entries, typed):
            item = QTreeWidgetItem([entry.words, entry.kind, entry.keys])
            item.setData(0, Qt.ItemDataRole.UserRole, entry)
            for quiet in (1, 2):
                item.setForeground(quiet, style.QUIET)
            self.list.addTopLevelItem(item)
        self.list.setCurrentItem(self.list.topLevelItem(0))
        self.none.setVisible(self.list.topLevelItemCount() == 0)

    def eventFilter(self, watched, event):
        if watched is self.line and event.type() == event.Type.KeyPress:
            steps = {Qt.Key.Key_Down: 1, Qt.Key.Key_Up: -1, Qt.Key.Key_PageDown: 8, Qt.Key.Key_PageUp: -8}
            count = self.list.topLevelItemCount()
            if event.key() in steps and count:
                row = self.list.indexOfTopLevelItem(self.list.currentItem()) + steps[event.key()]
                self.list.setCurrentItem(self.list.topLevelItem(min(max(row, 0), count - 1)))
                return True
            if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
                self._take()
                return True
        return super().eventFilter(watched, event)

    def _take(self):
        item = self.list.currentItem()
        if item is not None:
            self.chosen = item.data(0, Qt.ItemDataRole.UserRole)
            self.accept()
