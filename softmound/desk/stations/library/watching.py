"""Watches the folder of a library: what others publish, or this program's workers, is seen as it comes."""

import os

from PyQt6.QtCore import QFileSystemWatcher, QObject, QTimer, pyqtSignal

RESTS = 400
"""Milliseconds without a change after which the folder is looked into."""
MOST = 400
"""Folders of assets that are watched; in larger libraries the newest."""


class ShelfWatch(QObject):
    """Tells when something comes into a library or goes.

    Parameters
    ----------
    parent : QObject

    Signals
    -------
    changed()
    """

    changed = pyqtSignal()

    def __init__(self, parent):
        super().__init__(parent)
        self._watcher = QFileSystemWatcher(self)
        self._wait = QTimer(self, interval=RESTS, singleShot=True)
        self._watcher.directoryChanged.connect(lambda _: self._wait.start())
        self._wait.timeout.connect(self.changed)

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

    def end(self):
        """Watch no longer."""
        self._wait.stop()
        if watched := self._watcher.directories():
            self._watcher.removePaths(watched)
