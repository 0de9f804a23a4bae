"""Opening the application."""

import os
import pathlib
import signal
import sys
import traceback

import platformdirs
from PyQt6.QtCore import QTimer
from PyQt6.QtWidgets import QApplication, QMessageBox

# Before the kernels are loaded anywhere.
from ..core import kernels  # noqa: F401
from ..core.engine.warm import warm_once
from ..core.recipe import Problem, read_mound
from ..core.recipe.starts import first_mound
from .document import forget_left_behind, left_behind
from .style import dress
from .window import Window


def library_folder():
    """Where assets go when nothing else is said.

    Returns
    -------
    pathlib.Path
    """
    return platformdirs.user_data_path("softmound") / "library"


def main(mound=None, library=None):
    """Open the window and stay until it is closed.

    Parameters
    ----------
    mound : path-like, optional
        File to open.
    library : path-like, optional

    Returns
    -------
    int
        Exit code.

    Raises
    ------
    Problem
        If the file cannot be opened.
    """
    opened = read_mound(mound) if mound else None
    if not os.environ.get("DISPLAY") and not os.environ.get("WAYLAND_DISPLAY"):
        if "QT_QPA_PLATFORM" not in os.environ:
            raise Problem("There is no screen to open on; start it from a desktop session.")
    warm_once(sys.stderr)  # else the first picture would wait a minute without a word
    application = QApplication(sys.argv[:1])
    application.setApplicationName("Soft Mound")
    application.setDesktopFileName("softmound")
    dress(application)
    window = Window(pathlib.Path(library) if library else library_folder())
    window.document.open(opened or first_mound("Untitled"), mound)
    window.show()
    sys.excepthook = lambda *error: keep_going(window, *error)
    if opened is None:
        window.fit()
    QTimer.singleShot(0, lambda: offer_recovery(window))
    # Python sees signals only while it runs: this lets Ctrl+C close the window.
    signal.signal(signal.SIGINT, lambda *_: window.close())
    ticking = QTimer()
    ticking.start(300)
    ticking.timeout.connect(lambda: None)
    return application.exec()


def keep_going(window, kind, error, trace):
    """Say that something went wrong, write it down, and go on with the work.

    Parameters
    ----------
    window : Window
    kind, error, trace
        As for `sys.excepthook`.
    """
    traceback.print_exception(kind, error, trace)
    window.document.autosave()
    window.tell("Something went wrong inside; your work is kept. Save it, and start again if it goes on.")


def offer_recovery(window):
    """Offer the mounds that an ended process did not save.

    Parameters
    ----------
    window : Window
    """
    for copy, path in left_behind():
        try:
            mound = read_mound(copy)
        except Problem:
            forget_left_behind(copy)
            continue
        box = QMessageBox(QMessageBox.Icon.Question, "Soft Mound",
                          f"“{mound.name}” was not saved when Soft Mound ended last time. "
                          "Its work was kept.", parent=window)
        take = box.addButton("Recover it", QMessageBox.ButtonRole.AcceptRole)
        drop = box.addButton("Throw it away", QMessageBox.ButtonRole.DestructiveRole)
        box.addButton("Ask again later", QMessageBox.ButtonRole.RejectRole)
        box.setDefaultButton(take)
        box.exec()
        if box.clickedButton() is take and window.may_leave():
            window.document.open(mound, path, saved=False)
            forget_left_behind(copy)
            return
        if box.clickedButton() is drop:
            forget_left_behind(copy)
