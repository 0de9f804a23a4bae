"""The open mound: its history, its file, and the copy that survives a crash."""

import functools
import json
import logging
import pathlib
import threading
import time
import uuid

import platformdirs
from pydantic import ValidationError
from PyQt6.QtCore import QObject, QSettings, QTimer, pyqtSignal

from ..core.exchange.sequences import mound_at
from ..core.held import Held, is_held
from ..core.mass.table import form_box
from ..core.problems import sentence_for
from ..core.recipe import Mound, Problem, read_mound, write_mound
from ..core.recipe.places import part_at
from ..core.recipe.timing import followed_by_keys, keyed_with, numbers_changed, with_keys
from ..core.sentences import Sentence
from ..logbook import actions
from .words import tr

LOGGER = logging.getLogger(__name__)
AUTOSAVE_SECONDS = 1.5
HISTORY = 400
MOST_KEYED = 12
"""Numbers of one edit that can be given keys at once."""
RECENT = 8


def recovery_folder():
    """Folder of the copies of mounds that are not saved yet.

    Returns
    -------
    pathlib.Path
    """
    return platformdirs.user_data_path("softmound") / "recovery"


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
    """The recipe being edited.

    Signals
    -------
    changed(bool)
        The mound is another now; True while the hand is still moving.
    looked(bool)
        Only the view is another.
    named()
        File, name or saved state changed.
    refused(str)
        Why an edit was not done.
    """

    changed = pyqtSignal(bool)
    looked = pyqtSignal(bool)
    named = pyqtSignal()
    refused = pyqtSignal(str)
    framed = pyqtSignal(bool)

    def __init__(self, parent=None):
        super().__init__(parent)
        self.mound = Mound()
        self.path = None
        self.saved_at = None
        self.frame = 1
        self.changed_last = ()
        self._seen = None
        self._undo, self._redo = [], []
        self._moving = False
        self._saved = self.mound
        self._id = uuid.uuid4().hex
        self._held = None
        self._writing = threading.Lock()
        self._copies = 0
        self._timer = QTimer(self, singleShot=True, interval=int(AUTOSAVE_SECONDS * 1000))
        self._timer.timeout.connect(self.autosave)

    @property
    def dirty(self):
        """True when there is something that is not saved."""
        return any(getattr(self.mound, field) != getattr(self._saved, field)
                   for field in type(self.mound).model_fields if field != "view")

    @property
    def moving(self):
        """True while the hand has not let go."""
        return self._moving

    @property
    def folder(self):
        """Where files that the mound names are looked for: pathlib.Path."""
        return self.path.parent if self.path is not None else pathlib.Path(".")

    @property
    def seen(self):
        """The mound as it is at the present frame: Mound, the same object until something changes."""
        return self._at_frame()[1]

    @property
    def told(self):
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

    def go_to(self, frame, moving=False):
        """Go to another frame of the time line: no step of history.

        Parameters
        ----------
        frame : int
        moving : bool, optional
        """
        if self.mound.time is not None and frame != self.frame:
            self.frame = frame
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

    @property
    def undo_label(self):
        """What undo would take back, or None."""
        return self._undo[-1][1] if self._undo else None

    @property
    def redo_label(self):
        """What redo would bring again, or None."""
        return self._redo[-1][1] if self._redo else None

    def apply(self, undo_label, change, moving=False, with_view=False):
        """Edit the recipe: the one gate through which every edit goes.

        While `moving`, edits are one step of history. What would leave the recipe's limits is refused with a sentence,
        and the recipe stays as it was.

        Parameters
        ----------
        undo_label : str
            What was done, for the menu: "move blob".
        change : callable
            Given the present `Mound`, returns another; may raise `Problem`, and pydantic's `ValidationError` of parts made anew.
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
            mound = change(self.mound)
            begun = self._undo[-1][0] if self._moving and self._undo else self.mound
            changed_last = tuple(numbers_changed(begun, mound)[:MOST_KEYED])
            mound = followed_by_keys(self.mound, mound, self.frame)
            before = {id(form) for form in self.mound.mass.forms}
            for form in mound.mass.forms:
                if id(form) not in before and getattr(form, "coat", None) is not None:
                    form_box(form, mound.mass.melt)  # refused here when its coat would have too many balls to be made
        except (Problem, ValidationError) as error:
            self.refused.emit(refusal(error))
            return False
        actions.note(undo_label)
        if changed_last:
            self.changed_last = changed_last
        self._take(mound, undo_label, moving, with_view)
        return True

    def _take(self, mound, undo_label, moving, with_view=False):
        if mound == self.mound and not self._moving:
            return
        if not self._moving:
            self._undo.append((self.mound, undo_label, with_view))
            del self._undo[:-HISTORY]
            self._redo.clear()
        self._moving = moving
        if not moving and self._undo and self._undo[-1][0] == mound:
            self._undo.pop()  # put back where it was: nothing happened
        self.mound = mound
        self._timer.start()
        self.changed.emit(moving)
        if not moving:
            self.named.emit()

    def let_go(self):
        """End a gesture at its last state."""
        if self._moving:
            self._take(self.mound, "", False)

    def give_up(self):
        """End a gesture and put back what it began with.

        Returns
        -------
        bool
            True when there was one.
        """
        if not self._moving:
            return False
        before, *_ = self._undo.pop()
        self._moving = False
        self.mound = before.edited(view=self.mound.view)
        self.changed.emit(False)
        self.named.emit()
        return True

    def look(self, view, moving=False):
        """Change the view: kept with the mound, but no step of history.

        Parameters
        ----------
        view : View
        moving : bool, optional
        """
        self.mound = self.mound.edited(view=view)
        self.looked.emit(moving)

    def undo(self):
        """Take back the last step."""
        self.let_go()
        self._step(self._undo, self._redo)

    def redo(self):
        """Bring the last step again."""
        self.let_go()
        self._step(self._redo, self._undo)

    def _step(self, source, target):
        if not source:
            return
        mound, undo_label, with_view = source.pop()
        target.append((self.mound, undo_label, with_view))
        self.mound = mound if with_view else mound.edited(view=self.mound.view)
        self._timer.start()
        self.changed.emit(False)
        self.named.emit()

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
        self.changed_last = ()
        self.mound = mound
        self.path = pathlib.Path(path) if path else None
        self._saved = mound if saved else Mound()
        self.saved_at = None
        self._undo, self._redo, self._moving = [], [], False
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
        """Write the mound to its file, or to another one.

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
        path = pathlib.Path(path) if path else self.path
        write_mound(path, self.mound, thumb)
        self.path, self._saved, self.saved_at = path, self.mound, time.localtime()
        remember_recent(path)
        self._forget_copy()
        self.named.emit()

    def autosave(self):
        """Write the copy that survives a crash, beside the interface's thread."""
        if not self.dirty:
            self._forget_copy()
            return
        threading.Thread(target=self._write_copy, args=(self.mound, self.path, self._copies),
                         daemon=True).start()

    def _write_copy(self, mound, path, copies):
        folder = recovery_folder()
        with self._writing:
            if copies != self._copies:
                return  # saved or closed before this thread came to it
            try:
                folder.mkdir(parents=True, exist_ok=True)
                note = folder / f"{self._id}.json"
                if self._held is None:
                    self._held = Held(note)  # whoever finds it can tell whether this process still lives
                write_mound(folder / f"{self._id}.mound", mound)
                note.write_text(json.dumps({"path": str(path) if path else None}))
            except (OSError, Problem) as error:
                LOGGER.warning("the copy of the work could not be written: %s", error)  # saving will say so as well

    def _forget_copy(self):
        self._timer.stop()
        with self._writing:
            self._copies += 1
            for ending in ("mound", "json"):
                (recovery_folder() / f"{self._id}.{ending}").unlink(missing_ok=True)
            if self._held is not None:
                self._held.close()
                self._held = None

    def close(self):
        """Leave for good: the copy is not needed any more."""
        self._forget_copy()


def left_behind():
    """Mounds whose process ended without saving.

    Returns
    -------
    list of (pathlib.Path, pathlib.Path or None)
        The copy, and the file it was opened from.
    """
    found = []
    for note in sorted(recovery_folder().glob("*.json")):
        try:
            copy = note.with_suffix(".mound")
            if is_held(note) or not copy.exists():
                continue
            # Killed between the copy and its note, a process leaves the copy: it is offered without a file's name.
            text = note.read_text()
            path = json.loads(text)["path"] if text else None
            found.append((copy, pathlib.Path(path) if path else None))
        except (OSError, ValueError, KeyError, TypeError):
            continue
    return found


def forget_left_behind(copy):
    """Remove a copy that was recovered or is not wanted.

    Parameters
    ----------
    copy : pathlib.Path
    """
    copy.unlink(missing_ok=True)
    copy.with_suffix(".json").unlink(missing_ok=True)


def set_aside(copy):
    """Keep a copy that cannot be read, without offering it again.

    Parameters
    ----------
    copy : pathlib.Path
    """
    copy.rename(copy.with_suffix(".damaged"))
    copy.with_suffix(".json").unlink(missing_ok=True)


def settings():
    """What the application remembers between sessions.

    Returns
    -------
    QSettings
    """
    path = platformdirs.user_config_path("softmound") / "desk.ini"
    return QSettings(str(path), QSettings.Format.IniFormat)


def recent():
    """Files opened or saved last, newest first, that still exist.

    Returns
    -------
    list of pathlib.Path
    """
    kept = settings().value("recent") or []
    kept = [kept] if isinstance(kept, str) else kept
    return [pathlib.Path(p) for p in kept if pathlib.Path(p).exists()]


def remember_recent(path):
    """Put a file at the head of the recent ones.

    Parameters
    ----------
    path : path-like
    """
    path = str(pathlib.Path(path).resolve())
    kept = [path] + [str(p) for p in recent() if str(p) != path]
    settings().setValue("recent", kept[:RECENT])
