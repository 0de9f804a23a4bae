"""Opening the application: a card at once, the picture begun, and then the window that takes the card's place."""

import pathlib
import signal
import sys

import platformdirs
from PyQt6.QtCore import QTimer

from ...core.problems import Problem
from ..words import chosen, speak, tr
from .opening import begun


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
    application, card = begun(mound)
    # From here on nearly all is read that there is: a second in which the card is seen.
    from ...core.recipe import read_mound
    from ...core.starts.species import first_mound
    from .warming import warm_in_a_window

    opened = read_mound(mound) if mound else None
    untold = _speak_as_chosen(application)
    warm, behind = warm_in_a_window(application, card)
    if not warm:  # else the first picture would wait minutes without a word
        return 0
    from ..view.looking import begun_painter

    painter = begun_painter()
    first = opened or first_mound("Untitled")
    painter.prepare(first)
    from ...core.held import sweep
    from ...logbook import Session, watch_threads
    from ..documents.recovery import keep_going, welcome_back
    from .collecting import Collecting
    from .places import put_back
    from .window import Window

    session = Session()
    window = Window(pathlib.Path(library) if library else library_folder(), painter=painter)
    window.document.open(first, mound)
    put_back(window)
    window.show()
    card.close()
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
