"""What every document of the desk is: a history with signals, refusals that are said, and a copy that survives a crash."""

import functools

from pydantic import ValidationError
from PyQt6.QtCore import QObject, QTimer, pyqtSignal

from ...core.editing import Copy, History
from ...core.problems import Problem, sentence_for
from ...core.sentences import Sentence
from ...logbook import actions
from ..words import tr
from ..work.relay import Relay

RESTS = 1.5
"""Seconds after an edit until the copy is written."""


def refusing(method):
    """A method of a station that makes parts of a recipe: one outside its limits is said and nothing is done.

    Parameters
    ----------
    method : callable
        Of an object with a `document`.

    Returns
    -------
    callable
    """
    @functools.wraps(method)
    def tried(self, *given, **named):
        try:
            return method(self, *given, **named)
        except (Problem, ValidationError) as error:
            self.document.refused.emit(refusal(error))
            return None

    return tried


def refusal(error):
    """What is said of an edit that cannot be, in the language of the desk.

    Parameters
    ----------
    error : Problem or pydantic.ValidationError
        The second of a part that was made anew.

    Returns
    -------
    str
    """
    return tr(error.sentence if isinstance(error, Problem) else sentence_for(error, Sentence("Not done")))


class Document(QObject):
    """A recipe or a flock being edited.

    Parameters
    ----------
    value : Value
        What it begins with.
    copy : path-like, optional
        See `core.editing.Copy`.
    parent : QObject, optional

    Signals
    -------
    changed(bool)
        The value is another now; True while the hand is still moving.
    looked(bool)
        Only the view is another.
    named()
        File, name or saved state changed.
    refused(str)
        Why an edit was not done.
    warned(str)
        What is wrong beside the work: its copy cannot be kept.
    """

    changed = pyqtSignal(bool)
    looked = pyqtSignal(bool)
    named = pyqtSignal()
    refused = pyqtSignal(str)
    warned = pyqtSignal(str)

    def __init__(self, value, copy=None, parent=None):
        super().__init__(parent)
        self.history, self._relay, self.saved_at = History(value), Relay(), None
        self.copy = Copy(self.write_copy, self._relay.to(self._not_kept), copy)
        self._timer = QTimer(self, singleShot=True, interval=int(RESTS * 1000))
        self._timer.timeout.connect(self.autosave)

    @staticmethod
    def write_copy(file, value, path):
        """Write the copy that survives a crash; called by another thread.

        Parameters
        ----------
        file : pathlib.Path
        value : Value
        path : pathlib.Path or None
            The file that it belongs to.

        Raises
        ------
        Problem
        """
        raise NotImplementedError

    def _not_kept(self, problem):
        self.warned.emit(tr(problem.sentence))

    @property
    def name(self):
        """What it is called: str."""
        return self.history.value.name

    @property
    def path(self):
        """The file: pathlib.Path or None."""
        return self.history.path

    @property
    def dirty(self):
        """Whether there is something that is not saved."""
        return self.history.dirty

    @property
    def moving(self):
        """Whether the hand has not let go."""
        return self.history.moving

    @property
    def undo_label(self):
        """What undo would take back, or None."""
        return self.history.undo_label

    @property
    def redo_label(self):
        """What redo would bring again, or None."""
        return self.history.redo_label

    def finished(self, value):
        """An edit's value as it is taken: with what has to follow it.

        Parameters
        ----------
        value : Value

        Returns
        -------
        Value

        Raises
        ------
        Problem
            If the edit cannot be.
        """
        return value

    def apply(self, undo_label, change, moving=False, with_view=False):
        """Edit: the one gate through which every edit goes.

        While `moving`, edits are one step of history. What would leave the limits is refused with a sentence, and all stays as
        it was.

        Parameters
        ----------
        undo_label : str
            What was done, for the menu: "move blob".
        change : callable
            Given the present value, returns another; may raise `Problem`, and pydantic's `ValidationError` of parts made anew.
        moving : bool, optional
            The hand has not let go yet.
        with_view : bool, optional
            The view belongs to the step: undo and redo bring it back as well.

        Returns
        -------
        bool
            Whether it was done.
        """
        try:
            value = self.finished(change(self.history.value))
        except (Problem, ValidationError) as error:
            self.refused.emit(refusal(error))
            return False
        actions.note(undo_label)
        if self.history.take(value, undo_label, moving, with_view):
            self._tell(moving)
        return True

    def _tell(self, moving=False):
        self._timer.start()
        self.changed.emit(moving)
        if not moving:
            self.named.emit()

    def let_go(self):
        """End a gesture at its last state."""
        if self.history.let_go():
            self._tell()

    def give_up(self):
        """End a gesture and put back what it began with.

        Returns
        -------
        bool
            True when there was one.
        """
        if not self.history.give_up():
            return False
        self._tell()
        return True

    def look(self, view, moving=False):
        """Change the view: kept with the value, but no step of history.

        Parameters
        ----------
        view : View
        moving : bool, optional
        """
        self.history.look(view)
        self.looked.emit(moving)

    def undo(self):
        """Take back the last step."""
        if self.history.undo():
            self._tell()

    def redo(self):
        """Bring the last step again."""
        if self.history.redo():
            self._tell()

    def autosave(self):
        """Write the copy that survives a crash, beside the interface's thread; remove it where all is saved."""
        self._timer.stop()
        if self.dirty:
            self.copy.keep(self.history.value, self.path)
        else:
            self.copy.forget()

    def close(self):
        """Leave for good."""
        self._timer.stop()
        self._relay.close()
