"""Undo and redo of a value that is edited step by step."""

import pathlib
from collections.abc import Callable
from typing import NamedTuple

from ..recipe.models import View
from ..recipe.value import Value

MOST = 400
"""Steps that can be taken back."""


class Step(NamedTuple):
    """What was there before a step, and what the step was.

    Attributes
    ----------
    value : Value
    label : str
        For a menu: "move blob".
    with_view : bool
        The view belongs to it: taking it back brings the view back as well.
    file : (pathlib.Path or None, Value) or None
        The file that the value belonged to and what was saved there; None for every step that did not change files.
    """

    value: Value
    label: str
    with_view: bool = False
    file: tuple[pathlib.Path | None, Value | None] | None = None


class History:
    """A value, and the steps by which it became what it is.

    Its field `view` is no part of the work: looking from elsewhere is no step, and leaves nothing to be saved.

    Parameters
    ----------
    value : Value
        With a field `view`.

    Attributes
    ----------
    value : Value
        As it is now.
    path : pathlib.Path or None
        File that it belongs to.
    moving : bool
        A gesture is on: the hand has not let go.
    """

    def __init__(self, value: Value) -> None:
        self.begin(value)

    def begin(self, value: Value, path: pathlib.Path | None = None, saved: bool = True) -> None:
        """Begin with another value, and nothing to be taken back.

        Parameters
        ----------
        value : Value
        path : pathlib.Path, optional
        saved : bool, optional
            False when it is not on disk like this.
        """
        self.value, self.path, self.moving = value, path, False
        self._saved = value if saved else None
        self._undo: list[Step] = []
        self._redo: list[Step] = []

    @property
    def begun(self) -> Value:
        """The value with which the present gesture began; outside of one the present value."""
        return self._undo[-1].value if self.moving else self.value

    @property
    def dirty(self) -> bool:
        """Whether there is something that is not saved: bool."""
        return self._saved is None or any(getattr(self.value, field) != getattr(self._saved, field)
                                          for field in type(self.value).model_fields if field != "view")

    @property
    def undo_label(self) -> str | None:
        """What undo would take back: str or None."""
        return self._undo[-1].label if self._undo else None

    @property
    def redo_label(self) -> str | None:
        """What redo would bring again: str or None."""
        return self._redo[-1].label if self._redo else None

    def take(self, value: Value, label: str, moving: bool = False, with_view: bool = False) -> bool:
        """Go on to another value; all values of one gesture are one step.

        Parameters
        ----------
        value : Value
        label : str
        moving : bool, optional
            The hand has not let go yet.
        with_view : bool, optional
            The view belongs to the step.

        Returns
        -------
        bool
            Whether anything changed, or a gesture ended.
        """
        if value == self.value and not self.moving:
            return False
        if not self.moving:
            self._push(Step(self.value, label, with_view))
        self.value, self.moving = value, moving
        if not moving and self._undo[-1].value == value:
            self._undo.pop()  # put back where it was: nothing happened
        return True

    def replace(self, value: Value, label: str, path: pathlib.Path | None = None, saved: bool = False) -> None:
        """Go on to a value of another file; taken back, the file that it belongs to is the one before.

        Parameters
        ----------
        value : Value
        label : str
        path : pathlib.Path, optional
        saved : bool, optional
        """
        self.let_go()
        self._push(Step(self.value, label, True, (self.path, self._saved)))
        self.value, self.path, self._saved = value, path, value if saved else None

    def _push(self, step: Step) -> None:
        self._undo.append(step)
        del self._undo[:-MOST]
        self._redo.clear()

    def let_go(self) -> bool:
        """End a gesture at its last value.

        Returns
        -------
        bool
            Whether there was one.
        """
        return self.moving and self.take(self.value, "")

    def give_up(self) -> bool:
        """End a gesture, and go back to what it began with.

        Returns
        -------
        bool
            Whether there was one.
        """
        if not self.moving:
            return False
        self.moving = False
        self._put(self._undo.pop())
        return True

    def look(self, view: View) -> None:
        """Change the view: no step.

        Parameters
        ----------
        view : View
        """
        self.value = self.value.edited(view=view)

    def undo(self) -> bool:
        """Take back the last step.

        Returns
        -------
        bool
            Whether there was one.
        """
        return self._go(self._undo, self._redo)

    def redo(self) -> bool:
        """Bring the last step again that was taken back.

        Returns
        -------
        bool
            Whether there was one.
        """
        return self._go(self._redo, self._undo)

    def _go(self, source: list[Step], target: list[Step]) -> bool:
        self.let_go()
        if not source:
            return False
        step = source.pop()
        target.append(step._replace(value=self.value, file=step.file and (self.path, self._saved)))
        self._put(step)
        return True

    def _put(self, step: Step) -> None:
        # Nobody wants to be carried about by taking back.
        view = self.value.view  # type: ignore[attr-defined]
        self.value = step.value if step.with_view else step.value.edited(view=view)
        if step.file is not None:
            self.path, self._saved = step.file

    def saved(self, path: pathlib.Path | None, value: Value | None = None,
              moved: Callable[[Value], Value] | None = None) -> None:
        """Note that the value is on disk.

        Parameters
        ----------
        path : pathlib.Path
        value : Value, optional
            As it was written, where its file gave it another name: no step.
        moved : callable, optional
            What the values of other steps become that belong to the same file, where what they name is told from its folder.
        """
        if moved is not None:
            for steps in (self._undo, self._redo):
                for number in reversed(range(len(steps))):
                    if steps[number].file is not None:
                        break
                    steps[number] = steps[number]._replace(value=moved(steps[number].value))
        self.path = path
        if value is not None:
            self.value = value
        self._saved = self.value
