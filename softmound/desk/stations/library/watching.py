"""Watches the folder of a library: what others publish, or this program's workers, is seen as it comes."""

import os
import threading

from PyQt6.QtCore import QFileSystemWatcher, QObject, QTimer, pyqtSignal

from ....core.library.index import stamps_in
from ...work.relay import Relay

RESTS = 400
"""Milliseconds without a change after which the folder is looked into."""
POLLS = 30_000
"""Milliseconds after which it is looked into in any case: of a folder on a network nobody may tell what others do there."""
MOST = 400
"""Folders of assets that are watched; in larger libraries the newest."""


class ShelfWatch(QObject):
    """Tells when something comes into a library or goes, and looks through its folders beside the hand.

    Parameters
    ----------
    parent : QObject

    Signals
    -------
    changed()
    seen(object, dict)
        A library, and its `stamps_in`.
    """

    changed = pyqtSignal()
    seen = pyqtSignal(object, dict)

    def __init__(self, parent):
        super().__init__(parent)
        self._watcher = QFileSystemWatcher(self)
        self._wait = QTimer(self, interval=RESTS, singleShot=True)
        self._watcher.directoryChanged.connect(lambda _: self._wait.start())
        self._wait.timeout.connect(self.changed)
        self._poll = QTimer(self, interval=POLLS)
        self._poll.timeout.connect(self.changed)
        self._poll.start()
        self._relay = Relay()
        self._told, self._thread, self._next = self._relay.to(self._take), None, None

    def follow(self, folder):
        """Watch a library.

        Parameters
        ----------
        folder : path-like
            Where it is not there yet, the folder that it will be made in.
        """
        try:
            assets = [entry for entry in os.scandir(folder) if entry.is_dir() and not entry.name.startswith(".")]
            assets.sort(key=lambda entry: -entry.stat().st_mtime)
            wanted = {os.fspath(folder), *(entry.path for entry in assets[:MOST])}
        except OSError:
            wanted = {os.path.dirname(os.path.abspath(folder))}
        watched = set(self._watcher.directories())
        if gone := list(watched - wanted):
            self._watcher.removePaths(gone)
        if new := [path for path in wanted - watched if os.path.isdir(path)]:
            self._watcher.addPaths(new)

    def look_through(self, folder):
        """Look through the folders of a library beside the hand; `seen` tells what is there.

        Parameters
        ----------
        folder : path-like
        """
        if self._thread is not None:
            self._next = folder
            return
        self._thread = threading.Thread(target=lambda: self._told(folder, stamps_in(folder)), name="library folders", daemon=True)
        self._thread.start()

    def _take(self, folder, stamps):
        self._thread.join()
        self._thread, again, self._next = None, self._next, None
        self.seen.emit(folder, stamps)
        if again is not None:
            self.look_through(again)

    def end(self):
        """Watch no longer."""
        self._wait.stop()
        self._poll.stop()
        self._relay.close()
        if self._thread is not None:
            self._thread.join()
        if watched := self._watcher.directories():
            self._watcher.removePaths(watched)
