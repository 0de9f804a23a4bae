"""Where the window stood: put back at the next start, on a screen that is there."""

from PyQt6.QtCore import QByteArray

from .remembered import settings

_KEY = "window"


def keep_place(window):
    """Remember where a window stands, how large it is, and whether it fills the screen.

    Parameters
    ----------
    window : QWidget
    """
    settings().setValue(_KEY, window.saveGeometry())


def put_back(window):
    """Put a window where it stood last; on another screen when that one is not there any more.

    Parameters
    ----------
    window : QWidget

    Returns
    -------
    bool
        Whether it is known.
    """
    kept = settings().value(_KEY)
    return isinstance(kept, QByteArray) and window.restoreGeometry(kept)
