"""Random hands on the real window: python -m tests.hands SEED SECONDS prints what came of it as one line of JSON.

They click, type numbers, choose, drag in the picture and on the trays, press keys, open stations, menus and dialogs, undo
and begin anew, as nobody would; every act is drawn from the seed.
"""

import faulthandler
import json
import os
import pathlib
import random
import sys
import tempfile
import time
import unittest.mock

from PyQt6.QtCore import QEvent, QPoint, QPointF, Qt, QTimer
from PyQt6.QtGui import QColor, QDesktopServices, QMouseEvent, QWheelEvent
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import (
    QAbstractButton,
    QApplication,
    QCheckBox,
    QColorDialog,
    QComboBox,
    QDialog,
    QFileDialog,
    QInputDialog,
    QLineEdit,
    QWidget,
)

from softmound.core.budget import MEMORY
from softmound.desk.fields.controls import NumberField
from softmound.desk.shell.window import Window
from tests.desk import FAULTS, application
from tests.scenes import lumpy_mound

LAST = 14
WARM = 0.4
"""Share of the time after which memory is to be flat."""
MODIFIERS = (Qt.KeyboardModifier.NoModifier, Qt.KeyboardModifier.ShiftModifier, Qt.KeyboardModifier.AltModifier,
             Qt.KeyboardModifier.ControlModifier)
HANGS = 45.0
"""Seconds beyond its time after which a window hangs."""
PATIENCE = 4.0
"""Seconds that are waited for the small mound's picture."""
CACHED = 150_000_000
"""Bytes."""
KEYS = "BGCDTSEPRKF123451234512345"
STOPS = ("quit", "save", "save_as", "open")
"""Actions that leave, or that ask the system for a file."""


class Hands:
    """Hands with a will of their own.

    Parameters
    ----------
    window : Window
    seed : int
    """

    def __init__(self, window, seed):
        self.window, self.dice = window, random.Random(seed)
        self.done = []
        self.acts = ((self.number, 9), (self.button, 6), (self.combo, 3), (self.drag, 8), (self.key, 4), (self.station, 3),
                     (self.menu, 2), (self.undo, 3), (self.wheel, 2), (self.tray, 5), (self.text, 1))

    def act(self):
        """Do one thing."""
        act = self.dice.choices([a for a, _ in self.acts], [w for _, w in self.acts])[0]
        act()

    def _some(self, kind, within=None):
        """A visible, enabled widget of a kind, or None."""
        found = [w for w in (within or self.window).findChildren(kind) if w.isVisible() and w.isEnabled()]
        return self.dice.choice(found) if found else None

    def _note(self, what, widget=None):
        name = "" if widget is None else f" {widget.accessibleName() or getattr(widget, 'text', lambda: '')()}".rstrip()
        self.done = [*self.done[1 - LAST:], f"{what}{name}"]

    def number(self, within=None):
        field = self._some(NumberField, within)
        if field is None:
            return
        ends = (field.low, field.high, field.track_low, field.track_high, field.reset_value)
        value = self.dice.choice((*ends, self.dice.uniform(field.track_low, field.track_high)))
        self._note(f"type {value:g} into", field)
        field.type(f"{value!r}")
        editor = field._editor
        if editor is not None:
            editor.editingFinished.emit()

    def button(self, within=None):
        button = self._some(QAbstractButton, within)
        if button is not None and not button.text().startswith("Open"):
            self._note("press", button)
            if isinstance(button, QCheckBox) or getattr(button, "menu", lambda: None)() is None:
                button.click()
            else:
                actions = [a for a in button.menu().actions() if a.isEnabled() and not a.menu() and a.text()]
                self._trigger(actions)

    def _trigger(self, actions):
        keep = [a for n, a in self.window.actions_.items() if n in STOPS]
        actions = [a for a in actions if a not in keep]
        if actions:
            action = self.dice.choice(actions)
            self._note(f"choose {action.text()}")
            action.trigger()

    def combo(self, within=None):
        combo = self._some(QComboBox, within)
        if combo is not None and combo.count():
            at = self.dice.randrange(combo.count())
            self._note(f"choose {combo.itemText(at)} in", combo)
            combo.setCurrentIndex(at)
            combo.activated.emit(at)

    def _strokes(self, widget, what):
        button = Qt.MouseButton.RightButton if self.dice.random() < 0.35 else Qt.MouseButton.LeftButton
        modifiers = self.dice.choice(MODIFIERS)
        self._note(f"{what} with {button.name} and {modifiers.name}", widget)
        at = QPointF(self.dice.uniform(0, widget.width()), self.dice.uniform(0, widget.height()))
        self._mouse(widget, QEvent.Type.MouseButtonPress, at, button, modifiers)
        for _ in range(self.dice.randrange(0, 5)):
            at += QPointF(self.dice.gauss(0, 60), self.dice.gauss(0, 40))
            self._mouse(widget, QEvent.Type.MouseMove, at, button, modifiers)
            QApplication.processEvents()
        self._mouse(widget, QEvent.Type.MouseButtonRelease, at, button, modifiers)
        if self.dice.random() < 0.1:
            self._mouse(widget, QEvent.Type.MouseButtonDblClick, at, button, modifiers)
            self._mouse(widget, QEvent.Type.MouseButtonRelease, at, button, modifiers)

    def _mouse(self, widget, kind, at, button, modifiers):
        none = Qt.MouseButton.NoButton
        held = none if kind == QEvent.Type.MouseButtonRelease else button
        event = QMouseEvent(kind, at, widget.mapToGlobal(at), none if kind == QEvent.Type.MouseMove else button, held, modifiers)
        QApplication.sendEvent(widget, event)

    def drag(self):
        self._strokes(self.window.picture, "drag in the picture")

    def tray(self):
        tray = self.window.station.tray
        inside = [w for w in (tray, *tray.findChildren(QWidget)) if w.isVisible() and not isinstance(w, QAbstractButton)]
        if inside:  # it may be hidden
            self._strokes(self.dice.choice(inside), "drag in the tray")

    def key(self):
        key = self.dice.choice(KEYS)
        self._note(f"key {key}")
        QTest.keyClick(self.window, key, self.dice.choice(MODIFIERS[:2]))

    def station(self):
        name = self.dice.choice(list(self.window.stations))
        self._note(f"station {name}")
        self.window.open_station(name)

    def menu(self):
        self._trigger([a for n, a in self.window.actions_.items() if n not in STOPS and a.isEnabled()])

    def undo(self):
        self._note("undo or redo")
        self.dice.choice((self.window.document.undo, self.window.document.redo, self.window.escape))()

    def wheel(self):
        self._note("wheel")
        middle = QPointF(self.window.picture.rect().center())
        QApplication.sendEvent(self.window.picture, QWheelEvent(
            middle, self.window.picture.mapToGlobal(middle), QPoint(), QPoint(0, self.dice.choice((-240, -120, 120, 240))),
            Qt.MouseButton.NoButton, Qt.KeyboardModifier.NoModifier, Qt.ScrollPhase.NoScrollPhase, False))

    def text(self, within=None):
        line = self._some(QLineEdit, within)
        if line is not None and not line.isReadOnly():
            text = self.dice.choice(("", "Loaf", "nan", "1e9", "a/b", "x" * 90, "0.5", "雲"))
            self._note(f"type {text[:12]!r} into", line)
            line.setText(text)
            line.editingFinished.emit()

    def in_dialog(self):
        """Do something in the dialog that is open, and sooner or later leave it; close a list that hangs open."""
        popup = QApplication.activePopupWidget()
        if popup is not None:
            popup.close()
        dialog = QApplication.activeModalWidget()
        if dialog is None:
            return
        draw = self.dice.random()
        if draw < 0.45:
            self.dice.choice((self.number, self.combo, self.button, self.text))(dialog)
        elif isinstance(dialog, QDialog):
            self._note(f"leave {type(dialog).__name__}")
            dialog.reject()
        else:
            dialog.close()


def memory():
    """Resident memory of this process beside what its budget keeps, which grows until the budget is reached.

    Returns
    -------
    float
        Bytes.
    """
    with open("/proc/self/statm", encoding="ascii") as file:
        return int(file.read().split()[1]) * os.sysconf("SC_PAGE_SIZE") - MEMORY.nbytes


def let_loose(seed, seconds):
    """Open a window and let hands at it.

    Parameters
    ----------
    seed : int
    seconds : float

    Returns
    -------
    dict
        `seed`, how many `acts` there were, `faults` with the acts `before` the first of them, and `memory` in bytes once
        warm and at the end.
    """
    app = application()
    FAULTS.clear()
    with tempfile.TemporaryDirectory() as name, unittest.mock.patch.multiple(
        QFileDialog, getOpenFileName=lambda *_, **__: ("", ""), getSaveFileName=lambda *_, **__: ("", ""),
        getExistingDirectory=lambda *_, **__: "", getOpenFileNames=lambda *_, **__: ([], "")), unittest.mock.patch.object(
        QColorDialog, "getColor", lambda *_, **__: QColor(200, 120, 90)), unittest.mock.patch.object(
        QInputDialog, "getText", lambda *_, **__: ("Name", True)), unittest.mock.patch.object(
        QInputDialog, "getInt", lambda *_, **__: (2, True)), unittest.mock.patch.object(
        QDesktopServices, "openUrl", lambda *_: True):
        window = Window(pathlib.Path(name) / "library")
        mound = lumpy_mound()
        window.document.open(mound.edited(voxels=mound.voxels.edited(draft=0.9)))
        # What is kept to be used again has its limit, which is to be reached while warming up.
        window.looking.painter.stages.cache.limit = CACHED
        window.show()
        hands = Hands(window, seed)
        leaving = QTimer()
        leaving.timeout.connect(hands.in_dialog)
        leaving.start(60)
        begun, acts, warm, before = time.monotonic(), 0, [], []
        late = []
        while time.monotonic() - begun < seconds:
            try:
                hands.act()
            except RuntimeError as error:
                # The hands themselves hold on to a widget that what they did has taken away.
                if "has been deleted" not in str(error):
                    raise
            acts += 1
            QApplication.processEvents()
            if acts % 5 == 0:
                time.sleep(0.02)
            if acts % 60 == 0:
                # A small mound again: what is measured is what is left behind, not what was asked for.
                window.document.open(mound.edited(voxels=mound.voxels.edited(draft=0.9)))
                ends = time.monotonic() + PATIENCE
                while not (window.looking.painter.idle and not window.jobs.busy) and time.monotonic() < ends:
                    app.processEvents()
                    time.sleep(0.01)
                share = (time.monotonic() - begun) / seconds
                (warm if share < WARM else late).append(memory())
            if FAULTS and not before:
                before = list(hands.done)
        leaving.stop()
        window.document.history.saved(window.document.path)
        window.jobs.end()
        window.close()
        QApplication.sendPostedEvents(None, QEvent.Type.DeferredDelete.value)
        app.processEvents()
    half = late[len(late) // 2:]
    return {"seed": seed, "acts": acts, "faults": FAULTS[:6], "before": before,
            "memory": [max(warm, default=0.0), sorted(half)[len(half) // 2] if half else 0.0]}


if __name__ == "__main__":
    # Should the interface hang, this says where, and ends it.
    faulthandler.dump_traceback_later(float(sys.argv[2]) + HANGS, exit=True)
    print(json.dumps(let_loose(int(sys.argv[1]), float(sys.argv[2]))), flush=True)
    os._exit(0)  # at once: threads of the kernels take minutes to end by themselves where other processes share the cores
