"""The real window, offscreen, with nothing of the person who measures read or written."""

import os
import tempfile
import time
from contextlib import contextmanager


@contextmanager
def opened(path):
    """Open the application on a mound.

    Parameters
    ----------
    path : path-like or None
        None for an empty window.

    Yields
    ------
    (QApplication, Window)
    """
    os.environ["QT_QPA_PLATFORM"] = "offscreen"
    with tempfile.TemporaryDirectory(prefix="softmound-bench-") as home:
        os.environ["XDG_DATA_HOME"] = os.path.join(home, "data")
        os.environ["XDG_CONFIG_HOME"] = os.path.join(home, "config")
        os.environ["XDG_STATE_HOME"] = os.path.join(home, "state")
        from PyQt6.QtWidgets import QApplication

        from softmound.desk.shell.window import Window
        from softmound.desk.style import dress

        application = QApplication.instance() or QApplication([])
        dress(application)
        window = Window(os.path.join(home, "library"))
        window.services.builder.kept = None
        if path is not None:
            window.document.read(path)
        window.show()
        until(application, lambda: window.looking._shown > 0 or path is None, 60)
        yield application, window
        window.document.history.saved(window.document.path)  # nobody is there to be asked
        window.close()


def until(application, condition, limit):
    """Let the interface work until something is so.

    Parameters
    ----------
    application : QApplication
    condition : callable
    limit : float
        Seconds.

    Raises
    ------
    TimeoutError
    """
    ends = time.monotonic() + limit
    while not condition():
        application.processEvents()
        if time.monotonic() > ends:
            raise TimeoutError("the window did not answer in time")
        time.sleep(0.0005)
