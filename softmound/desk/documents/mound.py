"""The mound that is worked on: its recipe, its frame of the time line, its file, and the copy that survives a crash."""

import pathlib
import time

from PyQt6.QtCore import pyqtSignal

from ...core.exchange.sequences import mound_at
from ...core.mass.table import form_box
from ...core.problems import Problem
from ...core.recipe import Mound, read_mound, write_mound
from ...core.recipe.camera_path import path_with, path_without, view_at
from ...core.recipe.places import part_at
from ...core.recipe.timing import followed_by_keys, keyed_with, numbers_changed, with_keys
from ..shell.remembered import remember_recent
from ..words import tr
from .document import Document

MOST_KEYED = 12
"""Numbers of one edit that can be given keys at once."""


class MoundDocument(Document):
    """The recipe being edited.

    Signals
    -------
    framed(bool)
        Another frame of the time line is looked at; True while the hand is still moving.

    Attributes
    ----------
    frame : int
        Of the time line.
    follows : bool
        Whoever goes to another frame looks along the camera path, where there is one.
    """

    framed = pyqtSignal(bool)

    def __init__(self, parent=None):
        super().__init__(Mound(), None, parent)
        self.frame, self.follows = 1, True
        self.changed_last = ()
        self._seen = None

    @staticmethod
    def write_copy(file, value, path):
        write_mound(file, value)

    @property
    def mound(self):
        """The recipe as it is now: Mound."""
        return self.history.value

    @property
    def folder(self):
        """Where files that the mound names are looked for: pathlib.Path."""
        return self.path.parent if self.path is not None else pathlib.Path(".")

    # -- the time line --------------------------------------------------------------------------

    @property
    def seen(self):
        """The mound as it is at the present frame: Mound, the same object until something changes."""
        return self._at_frame()[1]

    @property
    def keyed(self):
        """The mound with what its keys say at the present frame, but not gone with the wind: what panels show and change: Mound."""
        return self._at_frame()[0]

    def _at_frame(self):
        if self.mound.time is None:
            return self.mound, self.mound
        self.frame = min(max(self.frame, self.mound.time.first), self.mound.time.last)
        if self._seen is None or self._seen[0] is not self.mound or self._seen[1] != self.frame:
            try:
                both = with_keys(self.mound, self.frame), mound_at(self.mound, self.frame, self.folder)
            except Problem as problem:
                both = self.mound, self.mound.model_copy(update={"time": None, "keyed": ()})
                self._seen = self.mound, self.frame, both
                self.refused.emit(tr(problem.sentence))
            self._seen = self.mound, self.frame, both
        return self._seen[2]

    def go_to(self, frame, moving=False, unseen=False):
        """Go to another frame of the time line: no step of history.

        Parameters
        ----------
        frame : int
        moving : bool, optional
        unseen : bool, optional
            Nobody is told: its picture is shown by whoever plays the line.
        """
        if self.mound.time is not None and frame != self.frame:
            self.frame = frame
            if self.mound.path and self.follows:
                self.history.look(view_at(self.mound.path, frame))
            if not unseen:
                self.framed.emit(moving)

    def key(self):
        """Give the numbers that were changed last a key at the present frame."""
        numbers, frame = [place for place, _ in self.changed_last], self.frame
        if not numbers or self.mound.time is None:
            return

        def keyed(mound):
            for place in numbers:
                mound = keyed_with(mound, place, frame, float(part_at(mound, place)))
            return mound

        self.apply(tr("key"), keyed)

    def key_view(self, frame):
        """Give the camera path a key: the view as it is.

        Parameters
        ----------
        frame : int
        """
        view = self.mound.view
        self.apply(tr("key of the camera"), lambda mound: path_with(mound, frame, view))

    def unkey_view(self, frame):
        """Take away the key of the camera at a frame; where there is none, all of them.

        Parameters
        ----------
        frame : int
        """
        frame = frame if any(key.frame == frame for key in self.mound.path) else None
        if self.mound.path:
            self.apply(tr("remove key of the camera"), lambda mound: path_without(mound, frame))

    def finished(self, value):
        changed_last = tuple(numbers_changed(self.history.begun, value)[:MOST_KEYED])
        value = followed_by_keys(self.mound, value, self.frame)
        before = {id(form) for form in self.mound.mass.forms}
        for form in value.mass.forms:
            if id(form) not in before and getattr(form, "coat", None) is not None:
                form_box(form, value.mass.melt)  # refused here when its coat would have too many balls to be made
        self.changed_last = changed_last or self.changed_last
        return value

    # -- its file -------------------------------------------------------------------------------

    def open(self, mound, path=None, saved=True):
        """Begin with another mound.

        Parameters
        ----------
        mound : Mound
        path : path-like, optional
        saved : bool, optional
            False when it was recovered and is not on disk like this.
        """
        self._forget_copy()
        self.frame = mound.time.first if mound.time is not None else 1
        self.changed_last, self.saved_at = (), None
        self.history.begin(mound, pathlib.Path(path) if path else None, saved)
        if self.path is not None and saved:
            remember_recent(self.path)
        if not saved:
            self._timer.start()
        self.changed.emit(False)
        self.named.emit()

    def read(self, path):
        """Open a file.

        Parameters
        ----------
        path : path-like

        Raises
        ------
        Problem
            The open mound stays.
        """
        self.open(read_mound(path), path)

    def save(self, path=None, thumb=None):
        """Write the mound to its file, or to another one, which gives it its name.

        Parameters
        ----------
        path : path-like, optional
        thumb : bytes, optional
            PNG of the cloud.

        Raises
        ------
        Problem
            The older file is untouched.
        """
        self.let_go()
        path, mound = pathlib.Path(path) if path else self.path, self.mound
        if path != self.path:
            mound = mound.edited(name=path.stem.replace("_", " ")[:80])
        write_mound(path, mound, thumb)
        self.history.saved(path, mound)
        self.saved_at = time.localtime()
        remember_recent(path)
        self._forget_copy()
        self.named.emit()

    def _forget_copy(self):
        self._timer.stop()
        self.copy.forget()

    def close(self):
        """Leave for good: the copy is not needed any more."""
        super().close()
        self.copy.forget()
