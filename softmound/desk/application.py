"""Opening the application."""

import logging
import os
import pathlib
import signal
import sys

import platformdirs
from PyQt6.QtCore import QTimer, QUrl
from PyQt6.QtGui import QDesktopServices
from PyQt6.QtWidgets import QApplication, QMessageBox

# Before the kernels are loaded anywhere.
from ..core import kernels  # noqa: F401
from ..core.held import sweep
from ..core.recipe import Problem, read_mound
from ..core.starts.species import first_mound
from ..logbook import Session, report, watch_threads
from .asking import asked
from .collecting import Collecting
from .document import forget_left_behind, left_behind, set_aside
from .places import keep_place, put_back
from .style import dress
from .warming import warm_in_a_window
from .window import Window
from .words import chosen, speak, tr

LOGGER = logging.getLogger(__name__)


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
            raise Problem(tr("There is no screen to open on; start it from a desktop session."))
    application = QApplication(sys.argv[:1])
    application.setApplicationName("Soft Mound")
    application.setDesktopFileName("softmound")
    dress(application)
    untold = _speak_as_chosen(application)
    warm, behind = warm_in_a_window(application)
    if not warm:  # else the first picture would wait minutes without a word
        return 0
    session = Session()
    window = Window(pathlib.Path(library) if library else library_folder())
    window.document.open(opened or first_mound("Untitled"), mound)
    put_back(window)
    window.show()
    if untold:
        window.tell(untold)
    if behind is not None:
        window.tell(tr("You can begin. What only some need, such as True light and growth, is still being compiled for "
                       "two minutes."))
        behind.ended.connect(lambda well: window.tell(
            tr("All is compiled now.") if well else
            tr("Not all could be compiled; what is missing is compiled when it is needed.")))
        application.aboutToQuit.connect(behind.end)
    sys.excepthook = lambda *error: keep_going(window, *error)
    watch_threads()
    if opened is None:
        window.looking.fit()
    QTimer.singleShot(0, lambda: (welcome_back(window, session), window.delivering.go_on()))
    # Python sees signals only while it runs: this lets Ctrl+C close the window.
    signal.signal(signal.SIGINT, lambda *_: window.close())
    collecting = Collecting(application)
    application.aboutToQuit.connect(lambda: keep_place(window))
    application.aboutToQuit.connect(window.end)
    code = application.exec()
    # From here on nothing of the interface runs; what is left of it goes with the application, in this thread.
    sys.excepthook = sys.__excepthook__
    collecting.collect()
    sweep()
    session.end()
    return code


def _speak_as_chosen(application):
    """Let the desk speak the language that was chosen; what is to be said where its file is damaged."""
    try:
        speak(application, chosen())
    except Problem as problem:
        return tr(problem.sentence)
    return ""


def keep_going(window, kind, error, trace):
    """Say that something went wrong, write it down, and go on with the work.

    Parameters
    ----------
    window : Window
    kind, error, trace
        As for `sys.excepthook`.
    """
    report(kind, error, trace)
    window.document.autosave()
    window.tell(tr("Something went wrong inside and was written to the log; your work is kept. Save it, and start again if it "
                "goes on."))


def welcome_back(window, session):
    """Say what became of sessions that did not end by themselves: what is kept of their work, and where it is written.

    Parameters
    ----------
    window : Window
    session : Session
    """
    sweep()
    kept = offer_recovery(window)
    if not session.crashed:
        return
    if not any(session.crashed):
        text = tr("Soft Mound was ended from outside last time, without being closed.")
    else:
        text = tr("Soft Mound crashed last time. What it was doing is written in its log.")
    said = (tr("The work on {} was recovered.").format(kept) if kept else
            tr("There was no work to recover: everything had been saved, or was left as it was."))
    role = QMessageBox.ButtonRole
    if asked(window, f"{text} {said}", (("Go on", role.AcceptRole), ("Show the log", role.HelpRole))) == 1:
        QDesktopServices.openUrl(QUrl.fromLocalFile(str(session.log)))
        window.tell(tr("The log is {}.").format(session.log))


def offer_recovery(window):
    """Offer the mounds that an ended process did not save.

    Parameters
    ----------
    window : Window

    Returns
    -------
    str
        The name of the mound that was recovered, if one was.
    """
    role = QMessageBox.ButtonRole
    for copy, path in left_behind():
        try:
            mound = read_mound(copy)
        except Problem as problem:
            LOGGER.warning("a copy could not be recovered: %s", problem)
            set_aside(copy)  # not lost: somebody may still make something of it
            continue
        pressed = asked(
            window,
            tr("“{}” was not saved when Soft Mound ended last time. Its work was kept.").format(mound.name),
            (
                (tr("Recover it"), role.AcceptRole),
                (tr("Throw it away"), role.DestructiveRole),
                (tr("Ask again later"), role.RejectRole),
            ),
        )
        if pressed == 0 and window.files.may_leave():
            window.document.open(mound, path, saved=False)
            forget_left_behind(copy)
            return f"“{mound.name}”"
        if pressed == 1:
            forget_left_behind(copy)
    return ""
