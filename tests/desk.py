"""The real window, offscreen, with hands for it."""

import logging
import pathlib
import sys
import tempfile
import threading
import time
import traceback
import unittest
import unittest.mock

import numpy as np
from PyQt6 import sip
from PyQt6.QtCore import QEvent, QEventLoop, QPoint, QPointF, Qt, QTimer, qInstallMessageHandler
from PyQt6.QtGui import QMouseEvent
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication, QMessageBox

from softmound.core.engine.grid_store import KeptGrids
from softmound.core.light.lattices.coarse import QUICK
from softmound.core.recipe import write_mound
from softmound.desk.shell.collecting import Collecting
from softmound.desk.shell.window import Window
from softmound.desk.stations.registry import STATIONS
from softmound.desk.style import dress
from softmound.desk.view.picture import Picture
from tests.scenes import lumpy_mound

PASSES = 1
"""Rays for each pixel at rest, instead of four: what is tested is the same, and takes less time."""

RATIO = 0.25
"""Pixels of a picture for one of the widget's, in either direction: an eighth of the rays of those that a screen has."""
SIZE = (1010, 800)
"""Of the window: pictures take half the time of those at its usual size."""
LOOKS = 10
LEFT, RIGHT = Qt.MouseButton.LeftButton, Qt.MouseButton.RightButton
NONE, SHIFT = Qt.KeyboardModifier.NoModifier, Qt.KeyboardModifier.ShiftModifier


FAULTS = []
"""What nobody met: exceptions in slots, and what Qt warns of."""


def heard(kind, _context, text):
    """Take down what Qt warns of, but for what the offscreen screen says it cannot do (sizes, raising, grabbing keys)."""
    if not text.startswith("This plugin does not support"):
        print(f"{kind.name}: {text}", file=sys.stderr)
        FAULTS.append(text)


class Faults(logging.Handler):
    """Takes down what threads of ours log as a fault."""

    def emit(self, record):
        FAULTS.append(logging.Formatter().format(record))


def raised(kind, error, trace):
    """Take down an exception that a slot has let through."""
    FAULTS.append("".join(traceback.format_exception(kind, error, trace)))
    print(FAULTS[-1], file=sys.stderr)  # one that ends the process is told of by nobody else


_KEPT = []  # Qt's application must outlive every window


def application():
    """The one application of the test process."""
    if not _KEPT:
        qInstallMessageHandler(heard)
        sys.excepthook = raised
        logging.getLogger("softmound").addHandler(Faults(logging.ERROR))
        threading.excepthook = lambda said: raised(said.exc_type, said.exc_value, said.exc_traceback)
        _KEPT.append(QApplication([]))
        dress(_KEPT[0])
        _KEPT.append(Collecting(_KEPT[0]))
    return _KEPT[0]


class DeskTest(unittest.TestCase):
    """Opens a window on a small saved mound; closes it afterwards without being asked anything."""

    def setUp(self):
        self.application = application()
        FAULTS.clear()
        self.addCleanup(self.check_faults)
        patch = unittest.mock.patch.object(Picture, "ratio", lambda _: self.ratio)
        patch.start()
        self.addCleanup(patch.stop)
        self._folder = tempfile.TemporaryDirectory()
        self.folder = pathlib.Path(self._folder.name)
        self.path = self.folder / "lumpy.mound"
        mound = lumpy_mound()
        self.mound = mound.edited(voxels=mound.voxels.edited(draft=1.2))
        write_mound(self.path, self.mound)
        self.shown = []
        self.window = None
        # A window left open would go on painting into the next test, so this holds when opening fails as well.
        self.addCleanup(self._folder.cleanup)
        self.addCleanup(lambda: self.window is not None and self.close(self.window))
        self.window = self.open_window()

    def check_faults(self):
        """Fail when anything was raised or warned of that nobody met."""
        faults = FAULTS[:]
        FAULTS.clear()
        self.assertEqual(faults, [])

    kinds = STATIONS
    ratio = RATIO
    sharpens = settles = reduces = False
    """Else every test would wait for pictures of finer voxels, for light put right by paths and for miniatures."""

    def open_window(self):
        """Open a window on the saved mound and wait for its first picture."""
        window = self.window = Window(self.folder / "library", self.kinds)
        window.services.builder.kept = KeptGrids(self.folder / "kept")
        window.lays_out_ahead = False
        painting = window.looking.painter
        painting.sharpens, painting.settles, painting.reduces = self.sharpens, self.settles, self.reduces
        painting.resting, painting.passes = QUICK, PASSES
        window.document.read(self.path)
        window.looking.shown.connect(self.shown.append)
        window.resize(*SIZE)
        window.show()
        window.looking.fit()
        self.until(lambda: window.looking._shown == window.looking.newest and self.shown)
        return window

    def close(self, window):
        """Close a window, giving up what is not saved."""
        window.document.history.saved(window.document.path)
        window.jobs.end()
        window.close()
        QApplication.sendPostedEvents(None, QEvent.Type.DeferredDelete.value)
        self.window = None

    def until(self, condition, seconds=60):
        """Let the interface work until something is so; what no event tells of is looked at every `LOOKS` milliseconds."""
        ends, looks = time.monotonic() + seconds, QTimer(interval=LOOKS)
        looks.start()
        while not condition():
            self.application.processEvents(QEventLoop.ProcessEventsFlag.WaitForMoreEvents)
            self.assertLess(time.monotonic(), ends, "the window did not get there")

    def rest(self):
        """Wait for the picture of the present recipe."""
        self.until(lambda: self.window.looking._shown == self.window.looking.newest and self.window.looking.painter.idle)
        self.application.processEvents()

    def pixels(self):
        """The picture as an array."""
        image = self.window.picture.image
        bits = image.constBits()
        bits.setsize(image.sizeInBytes())
        return np.frombuffer(bits, np.uint8).reshape(image.height(), image.bytesPerLine())[
            :, : image.width() * 4].copy()

    def mouse(self, widget, kind, at, button=LEFT, buttons=None, modifiers=NONE):
        """Send one mouse event, with the position in the widget."""
        held = button if buttons is None else buttons
        event = QMouseEvent(kind, QPointF(*at), widget.mapToGlobal(QPointF(*at)),
                            button if kind != QEvent.Type.MouseMove else Qt.MouseButton.NoButton,
                            held, modifiers)
        QApplication.sendEvent(widget, event)
        self.application.processEvents()

    def drag(self, widget, start, end, button=LEFT, steps=6, modifiers=NONE, let_go=True):
        """Press, move in steps, and let go."""
        self.mouse(widget, QEvent.Type.MouseButtonPress, start, button, modifiers=modifiers)
        for n in range(1, steps + 1):
            at = [a + (b - a) * n / steps for a, b in zip(start, end)]
            self.mouse(widget, QEvent.Type.MouseMove, at, button, modifiers=modifiers)
        if let_go:
            self.mouse(widget, QEvent.Type.MouseButtonRelease, end, button, Qt.MouseButton.NoButton, modifiers)

    def click(self, widget, at=None):
        """Click a widget, in the middle if nothing else is said."""
        QTest.mouseClick(widget, LEFT, NONE, QPoint(*map(round, at)) if at is not None else QPoint())
        self.application.processEvents()

    def choose_from(self, button, text):
        """Choose an entry of the menu behind a button."""
        next(a for a in button.menu().actions() if a.text() == text).trigger()
        self.application.processEvents()

    def key(self, key, modifiers=NONE, widget=None):
        """Press and let go a key."""
        QTest.keyClick(widget or self.window, key, modifiers)
        self.application.processEvents()

    def answer(self, text):
        """Press a button of the next message box."""
        asked = []

        def look():
            box = QApplication.activeModalWidget()
            if not isinstance(box, QMessageBox):
                QTimer.singleShot(20, look)
                return
            asked.append(box.text())
            next(b for b in box.buttons() if b.text().replace("&", "") == text).click()
        QTimer.singleShot(0, look)
        return asked

    @staticmethod
    def gone(dialogs):
        """Whether a dialog was opened and is no more."""
        return bool(dialogs) and sip.isdeleted(dialogs[0])

    def dialog(self, kind, act):
        """Do something with the next dialog of a kind."""
        seen = []

        def look():
            dialog = QApplication.activeModalWidget()
            if not isinstance(dialog, kind):
                QTimer.singleShot(20, look)
                return
            seen.append(dialog)
            act(dialog)
        QTimer.singleShot(0, look)
        return seen
