"""The flock that is worked on, with its file; it is there again at the next start, saved or not."""

import os
import pathlib
import time

import platformdirs

from ...core.formation.standing import identified
from ...core.formation.uses import remember_flock
from ...core.problems import Problem
from ...core.recipe.flock import Flock
from ...core.recipe.flock_files import read_flock, rebased, write_flock
from .document import Document


class FlockDocument(Document):
    """One flock, as the document of Formation.

    Parameters
    ----------
    parent : QObject
    kept : path-like, optional
        Where the copy is that it begins with; default in the user's data.
    """

    def __init__(self, parent, kept=None):
        kept = platformdirs.user_data_path("softmound") / "present.flock" if kept is None else pathlib.Path(kept)
        try:
            flock = read_flock(kept) if kept.exists() else Flock()
        except Problem:
            flock = Flock()  # a damaged copy is left where it is until there is something else to keep
        super().__init__(flock, kept, parent)

    @staticmethod
    def write_copy(file, value, path):
        write_flock(file, rebased(value, (path or file).parent, file.parent))

    @property
    def flock(self):
        """The flock as it is now: Flock."""
        return self.history.value

    @property
    def folder(self):
        """Where files that the flock names are looked for: pathlib.Path."""
        return (self.path or self.copy.file).parent

    def look(self, view, moving=False):
        super().look(view, moving)
        self._timer.start()

    def read(self, path, label):
        """Open a flock; the one before comes back by undo.

        Parameters
        ----------
        path : path-like
        label : str
            Of the step.

        Raises
        ------
        Problem
        """
        self.replace(read_flock(path), label, pathlib.Path(path), True)

    def replace(self, flock, label, path=None, saved=False):
        """Go on to another flock; the one before comes back by undo.

        Parameters
        ----------
        flock : Flock
            Its files are relative to `path`, or to the copy's folder where there is none.
        label : str
        path : pathlib.Path, optional
        saved : bool, optional
        """
        self.history.replace(flock, label, path, saved)
        self.saved_at = None
        self._tell()

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
        self.let_go()
        path = pathlib.Path(path)
        there = path.absolute().parent
        was = self.folder
        flock = rebased(identified(self.flock, library), was, there)
        flock = flock.edited(name=path.stem[:80] or "Flock", library=os.path.relpath(library, there))
        write_flock(path, flock)
        remember_flock(path)
        self.history.saved(path, flock, lambda value: rebased(value, was, there))
        self.saved_at = time.localtime()
        self.named.emit()

    def autosave(self):
        self._timer.stop()
        self.copy.keep(self.flock, self.path)

    def close(self):
        """Leave for good; what is there is written for the next start."""
        self.let_go()
        flock = self.flock
        if flock.members or flock.decks or flock.hazes or flock.stand_ins or self.copy.file.exists():
            self.copy.keep(flock, self.path, wait=True)
        super().close()
