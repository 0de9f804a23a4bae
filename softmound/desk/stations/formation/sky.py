"""The flock that is worked on: its history, its file, and a copy that outlives the program."""

import os
import pathlib

import platformdirs
from pydantic import ValidationError
from PyQt6.QtCore import QObject, QTimer, pyqtSignal

from ....core.aside import shown
from ....core.problems import Problem
from ....core.recipe.flock import Flock
from ....core.recipe.flock_files import read_flock, rebased, write_flock
from ...document import refusal
from ...words import tr

HISTORY = 200
RESTS = 1200
"""Milliseconds after an edit until the copy is written."""


class Sky(QObject):
    """One flock, as the document of Formation.

    Parameters
    ----------
    parent : QObject
    told : callable
        Given a sentence where the copy cannot be written.
    kept : path-like, optional
        Where the copy is; default in the user's data.

    Signals
    -------
    changed(bool)
        Another flock; True while the hand has not let go.
    """

    changed = pyqtSignal(bool)

    def __init__(self, parent, told, kept=None):
        super().__init__(parent)
        self.kept = platformdirs.user_data_path("softmound") / "present.flock" if kept is None else pathlib.Path(kept)
        self._told = told
        self.path = None
        self._done, self._undone, self._before = [], [], None
        self._wait = QTimer(self, interval=RESTS, singleShot=True)
        self._wait.timeout.connect(self.keep)
        try:
            self.flock = read_flock(self.kept) if self.kept.exists() else Flock()
        except Problem:
            self.flock = Flock()  # a damaged copy is left where it is until there is something else to keep

    @property
    def folder(self):
        """Where files that the flock names are looked for: pathlib.Path."""
        return self.path.parent if self.path is not None else self.kept.parent

    def apply(self, change, moving=False):
        """Edit the flock, or say why that cannot be; then nothing is done.

        Parameters
        ----------
        change : callable
            Given the flock, returns another; may raise `Problem`, and pydantic's `ValidationError` of parts made anew.
        moving : bool, optional
            One of many edits of one gesture, which are one step back.

        Returns
        -------
        bool
            Whether it was done.
        """
        try:
            flock = change(self.flock)
        except (Problem, ValidationError) as error:
            self._told(refusal(error))
            self.let_go()
            self.changed.emit(False)  # whatever showed the new number shows the old one
            return False
        if self._before is None:
            self._before = self.flock
        self.flock = flock
        if not moving:
            self._step()
        self.changed.emit(moving)
        return True

    def _step(self):
        if self._before is not None and self._before != self.flock:
            self._done = [*self._done[1 - HISTORY:], self._before]
            self._undone = []
            self._wait.start()
        self._before = None

    def let_go(self):
        """A gesture has ended."""
        if self._before is not None:
            self._step()
            self.changed.emit(False)

    def look(self, view):
        """Keep another view; that is no step.

        Parameters
        ----------
        view : View
        """
        self.flock = self.flock.edited(view=view)
        self._wait.start()

    @property
    def steps(self):
        """Whether there is something to be taken back, and to be done again: (str or None, str or None)."""
        return "sky" if self._done else None, "sky" if self._undone else None

    def undo(self):
        """Take back what was done last."""
        self._go(self._done, self._undone)

    def redo(self):
        """Do again what was taken back last."""
        self._go(self._undone, self._done)

    def _go(self, source, target):
        self.let_go()
        if source:
            target.append(self.flock)
            # Where it is looked at from stays: nobody wants to be carried about by taking back.
            self.flock = source.pop().edited(view=self.flock.view)
            self._wait.start()
            self.changed.emit(False)

    def open(self, path):
        """Open a flock.

        Parameters
        ----------
        path : path-like

        Raises
        ------
        Problem
        """
        flock = read_flock(path)
        self.path = pathlib.Path(path)
        self._begin(flock)

    def begin(self, flock=None):
        """Begin a new one.

        Parameters
        ----------
        flock : Flock, optional
        """
        self.path = None
        self._begin(Flock() if flock is None else flock)

    def _begin(self, flock):
        self._done.append(self.flock)  # also that can be taken back
        self.flock, self._undone, self._before = flock, [], None
        self._wait.start()
        self.changed.emit(False)

    def save(self, path, library):
        """Save the flock.

        Parameters
        ----------
        path : path-like
        library : path-like
            Of its assets.

        Raises
        ------
        Problem
        """
        path = pathlib.Path(path)
        there = path.absolute().parent
        self.flock = rebased(self.flock, self.folder, there).edited(name=path.stem[:80] or "Flock",
                                                                   library=os.path.relpath(library, there))
        write_flock(path, self.flock)
        self.path = path

    def keep(self):
        """Write the copy."""
        self._wait.stop()
        try:
            self.kept.parent.mkdir(parents=True, exist_ok=True)
            write_flock(self.kept, rebased(self.flock, self.folder, self.kept.parent))
        except OSError as error:
            self._told(tr("{}: the copy of the flock cannot be kept ({}); save it elsewhere, or free some space.").format(
                shown(self.kept), error.strerror))
        except Problem as problem:
            self._told(tr(problem.sentence))
