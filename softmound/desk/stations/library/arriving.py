"""Files of others at the desk: chosen, dropped, or arriving in a watch folder, they are adopted into the library."""

import pathlib
import threading

from PyQt6.QtCore import QObject, QSettings, QTimer, pyqtSignal
from PyQt6.QtWidgets import QFileDialog

from ....core.library.adopting import adopt
from ....core.library.arrivals import arrivals, remember_arrival
from ....core.problems import Problem
from ...dialogs.asking import asking
from ...words import tr
from ...work.relay import Relay
from .dialogs import AdoptDialog

EVERY = 4000
"""Milliseconds between two looks into the folder."""


class Arriving(QObject):
    """Looks into a folder beside the hand.

    Parameters
    ----------
    station : LibraryStation

    Signals
    -------
    changed()
        Something has arrived, or the folder is another one.

    Attributes
    ----------
    there : list of Arrival
        What has arrived and waits for an answer.
    """

    changed = pyqtSignal()

    def __init__(self, station):
        super().__init__(station)
        self._station, self._services = station, station.services
        self.there, self._busy, self._failed = [], set(), ""
        self._relay, self._thread = Relay(), None
        self._told = self._relay.to(self._take)
        self._timer = QTimer(self, interval=EVERY)
        self._timer.timeout.connect(self.look)
        if self.folder:
            self._timer.start()

    @property
    def folder(self):
        """The folder that is watched: str, empty for none."""
        return QSettings("softmound", "library").value("watched", "", str)

    @property
    def unasked(self):
        """Whether what arrives is adopted without a question."""
        return QSettings("softmound", "library").value("unasked", False, bool)

    def watch(self, folder):
        """Watch another folder.

        Parameters
        ----------
        folder : str
            Empty for none.
        """
        QSettings("softmound", "library").setValue("watched", folder)
        self.there, self._failed = [], ""
        if folder:
            self._timer.start()
            self.look()
        else:
            self._timer.stop()
        self.changed.emit()

    def choose(self):
        """Ask which folder is to be watched."""
        folder = QFileDialog.getExistingDirectory(self._services.over, tr("Watch a folder"), self.folder)
        if folder:
            self.watch(folder)

    def let_unasked(self, on):
        """Adopt what arrives without a question, or ask.

        Parameters
        ----------
        on : bool
        """
        QSettings("softmound", "library").setValue("unasked", on)
        if on:
            self.adopt()
        self.changed.emit()

    def look(self):
        """Look what is there."""
        if self._thread is None and self.folder:
            folder, library = self.folder, self._station.folder
            self._thread = threading.Thread(target=self._work, args=(folder, library), name="watch folder", daemon=True)
            self._thread.start()

    def _work(self, folder, library):
        try:
            self._told(folder, arrivals(folder, library), "")
        except Problem as problem:
            self._told(folder, [], problem.sentence)

    def _take(self, folder, found, problem):
        self._thread.join()
        self._thread = None
        if folder != self.folder:
            return
        if problem and problem != self._failed:
            self._services.tell(tr(problem))
        self._failed = problem
        there = [arrival for arrival in found if arrival not in self._busy]
        if there != self.there:
            self.there = there
            if self.unasked:
                self.adopt()
            self.changed.emit()

    def adopt(self):
        """Adopt all that has arrived, beside the work."""
        station, delivering = self._station, self._services.delivering
        library, about, tiers = station.folder, delivering.about, delivering.tiers
        for arrival in self.there:
            self._busy.add(arrival)

            def work(ticket, arrival=arrival):
                folder = adopt(arrival.path, library, arrival.name, source=str(pathlib.Path(arrival.path).parent), about=about,
                               tiers=tiers, ticket=ticket)
                remember_arrival(library, arrival)
                return folder

            station.changing(work, tr("Adopt {}").format(arrival.name),
                             lambda made: tr("Adopted as {} {}.").format(made.parent.name, made.name))
        self.there = []
        self.changed.emit()

    def leave(self):
        """Leave all that has arrived where it is, for good."""
        try:
            for arrival in self.there:
                remember_arrival(self._station.folder, arrival)
        except Problem as problem:
            self._services.tell(tr(problem.sentence))
        self.there = []
        self.changed.emit()

    def choose_to_adopt(self):
        """Ask for files of somebody else's, and adopt them."""
        paths, _ = QFileDialog.getOpenFileNames(self._services.over, tr("Adopt"), str(self._services.files.folder),
                                                tr("OpenVDB (*.vdb)"))
        if paths:
            self.adopt_files(paths)

    def adopt_files(self, paths):
        """Ask where files come from, and take them into the library beside the work.

        Parameters
        ----------
        paths : sequence of str
        """
        with asking(AdoptDialog(paths, self._services.over)) as dialog:
            if dialog.exec() != dialog.DialogCode.Accepted:
                return
            options, pattern, name, rate = dialog.options(), dialog.pattern, dialog.name.text().strip(), dialog.rate.value
        station, delivering = self._station, self._services.delivering
        folder = station.folder
        options.update(about=delivering.about, tiers=delivering.tiers, rate=rate)
        for path in [pattern] if pattern else paths:
            called = name if pattern or len(paths) == 1 else ""
            called = called or pathlib.Path(path).stem.rstrip("#._- ") or "Cloud"
            station.changing(
                lambda ticket, p=path, c=called: adopt(p, folder, c, ticket=ticket, **options),
                tr("Adopt {}").format(called),
                lambda made: tr("Adopted as {} {}.").format(made.parent.name, made.name),
            )

    def end(self):
        """Look no more."""
        self._timer.stop()
        self._relay.close()
        if self._thread is not None:
            self._thread.join()
