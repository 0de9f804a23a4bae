"""Find anything: every command, station, number and chapter of the manual by its name."""

from dataclasses import dataclass

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QDialog, QLabel, QLineEdit, QListWidget, QListWidgetItem, QVBoxLayout

from .manual_dialog import chapters
from .words import tr

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
        What it is, and its keys.
    act : callable
    """

    words: str
    kind: str
    act: callable


def entries_of(window):
    """All that can be found in a window.

    Parameters
    ----------
    window : Window

    Returns
    -------
    list of Entry
    """
    found = [Entry(tr(name), tr("station, {}").format(n), lambda name=name: window.open_station(name))
             for n, name in enumerate(window.stations, 1)]
    for command, station in window.commands():
        if command.name != "box":
            where = ", ".join(part for part in (tr("in {}").format(tr(station)) if station else "", command.keys) if part)
            found.append(Entry(tr(command.words).rstrip("…"), ", ".join(filter(None, (tr("command"), where))),
                               lambda command=command: window.actions_[command.name].trigger()))
    for name, station in window.stations.items():
        for words, control in station.settings.named_controls():
            found.append(Entry(words, tr("number of {}").format(tr(name)), lambda n=name, c=control: _go(window, n, c)))
    for file, title in chapters():
        found.append(Entry(title, tr("chapter of the manual"), lambda file=file: window.read_manual(file)))
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

    held = [e for e in entries if all(w in f"{e.words} {e.kind}".lower() for w in words)]
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
        self.resize(560, 420)
        self._entries, self.chosen = entries, None
        column = QVBoxLayout(self)
        self.line = QLineEdit()
        self.line.setPlaceholderText(tr("A command, a station, a number, a chapter"))
        self.line.setAccessibleName(tr("Find anything"))
        self.line.textChanged.connect(self._show)
        self.line.installEventFilter(self)
        self.list = QListWidget()
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
            item = QListWidgetItem(f"{entry.words}    {entry.kind}")
            item.setData(Qt.ItemDataRole.UserRole, entry)
            self.list.addItem(item)
        self.list.setCurrentRow(0)
        self.none.setVisible(self.list.count() == 0)

    def eventFilter(self, watched, event):
        if watched is self.line and event.type() == event.Type.KeyPress:
            steps = {Qt.Key.Key_Down: 1, Qt.Key.Key_Up: -1, Qt.Key.Key_PageDown: 8, Qt.Key.Key_PageUp: -8}
            if event.key() in steps and self.list.count():
                row = self.list.currentRow() + steps[event.key()]
                self.list.setCurrentRow(min(max(row, 0), self.list.count() - 1))
                return True
            if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
                self._take()
                return True
        return super().eventFilter(watched, event)

    def _take(self):
        item = self.list.currentItem()
        if item is not None:
            self.chosen = item.data(Qt.ItemDataRole.UserRole)
            self.accept()
