"""Copies of work that is not saved: they outlive a program that is ended or crashes."""

import json
import logging
import os
import pathlib
import threading
import uuid
from collections.abc import Callable

import platformdirs

from ..aside import shown
from ..held import Held, is_held
from ..problems import NotWritten, Problem
from ..recipe.value import Value

LOGGER = logging.getLogger(__name__)


def recovery_folder() -> pathlib.Path:
    """Folder of the copies of mounds that are not saved yet.

    Returns
    -------
    pathlib.Path
    """
    return platformdirs.user_data_path("softmound") / "recovery"


class Copy:
    """One file that is written anew whenever the work rests, beside the hand's thread.

    Parameters
    ----------
    write : callable
        Given a path, the value and the file it belongs to, writes the copy; may raise `Problem`.
    failed : callable
        Given a `Problem`, from another thread, when the copy cannot be written; once until it can again.
    file : path-like, optional
        The copy. Default one in `recovery_folder` for this one alone, with a note beside it that says which file it belongs to and
        is held for as long as the process lives, so that what a living program works on is not offered for recovery.

    Attributes
    ----------
    file : pathlib.Path
    """

    def __init__(self, write: Callable[[pathlib.Path, Value, pathlib.Path | None], None], failed: Callable[[Problem], None],
                 file: str | os.PathLike[str] | None = None) -> None:
        self._write, self._failed, self._own = write, failed, file is None
        self.file = recovery_folder() / f"{uuid.uuid4().hex}.mound" if file is None else pathlib.Path(file)
        self._held: Held | None = None
        self._writing, self._generation, self._ill = threading.Lock(), 0, False

    def keep(self, value: Value, path: pathlib.Path | None = None, wait: bool = False) -> None:
        """Write the copy.

        Parameters
        ----------
        value : Value
        path : pathlib.Path, optional
            The file it belongs to.
        wait : bool, optional
            Until it is there; else it is written by a thread.
        """
        self._generation += 1
        given = value, path, self._generation
        if wait:
            self._keep(*given)
        else:
            threading.Thread(target=self._keep, args=given, daemon=True).start()

    def _keep(self, value: Value, path: pathlib.Path | None, generation: int) -> None:
        with self._writing:
            if generation != self._generation:
                return  # saved, closed or edited further before this thread came to it
            file = self.file
            try:
                file.parent.mkdir(parents=True, exist_ok=True)
                if self._own and self._held is None:
                    self._held = Held(file.with_suffix(".json"))  # whoever finds it can tell whether this process still lives
                self._write(file, value, path)
                if self._own:
                    file.with_suffix(".json").write_text(json.dumps({"path": str(path) if path else None}))
                self._ill = False
            except (OSError, Problem) as error:
                LOGGER.warning("the copy of the work could not be written: %s", error)
                if not self._ill:
                    self._ill = True
                    self._failed(error if isinstance(error, Problem) else NotWritten(
                        "{}: the copy of the work cannot be kept ({}); save it elsewhere, or free some space.", shown(file),
                        error.strerror))

    def forget(self) -> None:
        """Remove the copy: what it holds is saved, or not wanted."""
        with self._writing:
            self._generation += 1
            for each in (self.file, self.file.with_suffix(".json")) if self._own else (self.file,):
                each.unlink(missing_ok=True)
            if self._held is not None:
                self._held.close()
                self._held = None


def left_behind() -> list[tuple[pathlib.Path, pathlib.Path | None]]:
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


def forget_left_behind(copy: pathlib.Path) -> None:
    """Remove a copy that was recovered or is not wanted.

    Parameters
    ----------
    copy : pathlib.Path
    """
    copy.unlink(missing_ok=True)
    copy.with_suffix(".json").unlink(missing_ok=True)


def set_aside(copy: pathlib.Path) -> None:
    """Keep a copy that cannot be read, without offering it again.

    Parameters
    ----------
    copy : pathlib.Path
    """
    copy.rename(copy.with_suffix(".damaged"))
    copy.with_suffix(".json").unlink(missing_ok=True)
