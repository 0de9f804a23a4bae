"""Lessons of the manual, performed through the real window as their texts say: for the tests, and for the pictures.

A lesson is a page of `docs/manual/en/lessons`. Each step begins with a heading ``## 1. …`` and holds, in a comment, what hands do,
a line each. Below a line that opens a dialog, indented, stands what is done in it. ``NAME`` is what a control is called on screen:

    station NAME            open a station
    command NAME            a command of the window or of a station, by its name in the code
    press NAME              a button or a switch
    menu NAME > ENTRY       an entry of the menu behind a button
    set NAME = NUMBER       type a number
    choose NAME = ENTRY     an entry of a list
    type NAME = WORDS       write into a line
    say WORDS               write into the one line of a dialog
    item NAME               a thing in the list of a dialog
    form NAME               a form, by its name on its tile
    file NAME               a file, in the dialog that asks for one; `$` is the folder of examples, `~` where one works
    accept                  the button of a dialog that Enter presses
    frame NUMBER            a frame of the time line
    frames NUMBER           until so many frames have grown
    member NUMBER           a member of the flock
    wait                    until work beside the hand has ended
    see NAME                until a button or a switch is there
"""

import pathlib
import re
import time
from dataclasses import dataclass

from PyQt6.QtCore import QEvent, QEventLoop, Qt, QTimer
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import (
    QAbstractButton,
    QApplication,
    QComboBox,
    QDialog,
    QDialogButtonBox,
    QFileDialog,
    QLineEdit,
    QListWidget,
    QWidget,
)

from softmound.core.starts.examples import FOLDER
from softmound.desk.dialogs.asking import leave_all
from softmound.desk.fields.controls import NumberField

LESSONS = pathlib.Path(__file__).parent / "manual" / "en" / "lessons"
PATIENCE = 300.0
"""Seconds that something is waited for."""
FORGOTTEN = 120.0
"""Seconds after which a dialog is left."""


@dataclass(frozen=True)
class Deed:
    """What hands do.

    Attributes
    ----------
    verb, words : str
    inner : tuple of Deed
        Done in the dialog that it opens.
    """

    verb: str
    words: str
    inner: tuple = ()


@dataclass(frozen=True)
class Step:
    """A step of a lesson: its title, its text, and what is done."""

    title: str
    text: str
    deeds: tuple


def lessons():
    """Their names, in their order: list of str."""
    return [path.stem for path in sorted(LESSONS.glob("*.md"))]


def steps_of(name):
    """Steps of a lesson.

    Parameters
    ----------
    name : str

    Returns
    -------
    list of Step
    """
    parts = re.split(r"^## ", (LESSONS / f"{name}.md").read_text(encoding="utf-8"), flags=re.MULTILINE)[1:]
    return [Step(part.split("\n", 1)[0], re.sub(r"<!--.*?-->", "", part, flags=re.DOTALL), _deeds(part)) for part in parts]


def _deeds(text):
    found = []
    for comment in re.findall(r"<!--(.*?)-->", text, re.DOTALL):
        for line in filter(str.strip, comment.splitlines()):
            verb, _, words = line.strip().partition(" ")
            deed = Deed(verb, words.strip())
            if line.startswith(" ") and found:
                found[-1] = Deed(found[-1].verb, found[-1].words, (*found[-1].inner, deed))
            else:
                found.append(deed)
    return tuple(found)


class Hands:
    """Performs steps in a window.

    Parameters
    ----------
    window : Window
    folder : path-like
        Where one works: files that a lesson writes go there.
    """

    def __init__(self, window, folder):
        self.window, self.folder = window, pathlib.Path(folder)

    def perform(self, step):
        """Do all that a step says.

        Parameters
        ----------
        step : Step

        Raises
        ------
        LookupError
            If there is no such control, or it cannot be reached.
        """
        for deed in step.deeds:
            # A dialog that no line speaks of would wait for ever.
            forgotten = []
            watch = QTimer(singleShot=True, interval=int(FORGOTTEN * 1e3))
            watch.timeout.connect(lambda: forgotten.append(QApplication.activeModalWidget()) or leave_all())
            watch.start()
            self._do(deed, self.window)
            watch.stop()
            if any(forgotten):
                raise LookupError(f"{deed.verb} {deed.words}: it asked something that no line answers")

    def until(self, condition, seconds=PATIENCE):
        """Let the interface work until something is so."""
        ends = time.monotonic() + seconds
        wakes = QTimer(interval=10)
        wakes.start()
        while not condition():
            QApplication.processEvents(QEventLoop.ProcessEventsFlag.WaitForMoreEvents)
            if time.monotonic() > ends:
                raise TimeoutError("the window did not get there")

    def _do(self, deed, where):
        troubles, opened = [], []
        if deed.inner:
            self._in_dialog(deed.inner, troubles, opened, QApplication.activeModalWidget())
        getattr(self, f"_{deed.verb}")(deed.words, where)
        QApplication.processEvents()
        if deed.inner:
            self.until(lambda: troubles or (opened and not _there(opened[0])), FORGOTTEN)
        if troubles:
            raise troubles[0]

    def _in_dialog(self, deeds, troubles, opened, before):
        ends = time.monotonic() + FORGOTTEN

        def look():
            dialog = QApplication.activeModalWidget()
            if not isinstance(dialog, QDialog) or dialog is before:
                if time.monotonic() < ends:
                    QTimer.singleShot(20, look)
                else:
                    troubles.append(LookupError(f"no dialog for {deeds[0].verb} {deeds[0].words}"))
                return
            opened.append(dialog)
            try:
                for deed in deeds:
                    self._do(deed, dialog)
            except Exception as error:
                troubles.append(error)
                dialog.reject()

        QTimer.singleShot(0, look)

    def _named(self, name, where, kinds):
        """What can be seen and is called so; of several the one in the open station."""
        tops = [where] if where is not self.window else [self.window.station.settings, self.window.station.tray, self.window]
        for top in tops:
            self._unfold(top)
            for one in top.findChildren(QWidget):
                if isinstance(one, kinds) and name in (_plain(one.accessibleName()), _plain(getattr(one, "text", str)())) and (
                        one.isVisibleTo(top)):
                    if not one.isEnabled():
                        raise LookupError(f"{name!r} is switched off")
                    return one
        raise LookupError(f"there is no {name!r}")

    def _unfold(self, top):
        for head in getattr(top, "_heads", {}).values():
            head.setChecked(True)

    def _station(self, name, _where):
        self.window.open_station(name)

    def _command(self, name, _where):
        self.window.actions_[name].trigger()

    def _press(self, name, where):
        button = self._named(name, where, QAbstractButton)
        QTest.mouseClick(button, Qt.MouseButton.LeftButton) if button.isVisible() else button.click()

    def _see(self, name, where):
        def there():
            try:
                return self._named(name, where, QAbstractButton)
            except LookupError:
                return None

        self.until(there, FORGOTTEN)

    def _menu(self, words, where):
        name, _, entry = words.partition(" > ")
        menu = self._named(name, where, QAbstractButton).menu()
        menu.aboutToShow.emit()
        action = next((one for one in menu.actions() if one.text() == entry), None)
        if action is None:
            raise LookupError(f"{name!r} has no {entry!r}")
        action.trigger()

    def _set(self, words, where):
        name, _, value = words.rpartition(" = ")
        field = self._named(name, where, NumberField)
        field.setFocus()
        field.type(value)
        # Of several the newest: those before wait to be destroyed.
        editor = field.findChildren(QLineEdit)[-1]
        QTest.keyClick(editor, Qt.Key.Key_Return)
        QApplication.sendPostedEvents(editor, QEvent.Type.DeferredDelete.value)  # it would lie over the number in pictures

    def _choose(self, words, where):
        name, _, entry = words.partition(" = ")
        combo = self._named(name, where, QComboBox)
        at = combo.findText(entry)
        if at < 0:
            raise LookupError(f"{name!r} has no {entry!r}")
        combo.setCurrentIndex(at)
        combo.activated.emit(at)

    def _type(self, words, where):
        name, _, said = words.partition(" = ")
        self._write(self._named(name, where, QLineEdit), said)

    def _say(self, words, where):
        self._write(where.findChild(QLineEdit), words)

    def _write(self, line, words):
        line.setFocus()
        line.selectAll()
        QTest.keyClicks(line, words)

    def _item(self, name, where):
        for items in where.findChildren(QListWidget):
            for one in items.findItems(name, Qt.MatchFlag.MatchExactly):
                items.setCurrentItem(one)
                return
        raise LookupError(f"there is no {name!r} in a list")

    def _form(self, name, _where):
        names = [form.name for form in self.window.document.mound.mass.forms]
        if name not in names:
            raise LookupError(f"there is no form {name!r}")
        self.window.stations["Mass"].choose(names.index(name))

    def _file(self, name, where):
        path = FOLDER / name[2:] if name.startswith("$/") else self.folder / name.removeprefix("~/")
        if not isinstance(where, QFileDialog):
            raise LookupError("no file is asked for")
        where.findChild(QLineEdit, "fileNameEdit").setText(str(path))
        self._accept("", where)

    def _frame(self, number, _where):
        self.window.moving.go_to(int(number))

    def _frames(self, number, _where):
        self.until(lambda: len(self.window.moving.growth_frames) >= int(number))

    def _member(self, number, _where):
        self.window.stations["Formation"].members.choose(int(number) - 1)

    def _accept(self, _words, where):
        buttons = where.findChild(QDialogButtonBox)
        next(button for button in buttons.buttons() if buttons.buttonRole(button) == QDialogButtonBox.ButtonRole.AcceptRole).click()

    def _wait(self, _words, _where):
        self.until(lambda: not self.window.jobs.busy)
        QApplication.processEvents()


def _plain(text):
    return text.replace("&", "")


def _there(dialog):
    from PyQt6 import sip

    return not sip.isdeleted(dialog) and dialog.isVisible()
