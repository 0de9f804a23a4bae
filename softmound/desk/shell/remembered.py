"""What the application remembers between sessions: settings, and the files opened or saved last."""

import pathlib

import platformdirs
from PyQt6.QtCore import QSettings

MOST = 8
"""Files that are remembered."""


def settings():
    """What the application remembers between sessions.

    Returns
    -------
    QSettings
    """
    path = platformdirs.user_config_path("softmound") / "desk.ini"
    return QSettings(str(path), QSettings.Format.IniFormat)


def recent():
    """Files opened or saved last, newest first, that still exist.

    Returns
    -------
    list of pathlib.Path
    """
    kept = settings().value("recent") or []
    kept = [kept] if isinstance(kept, str) else kept
    return [pathlib.Path(p) for p in kept if pathlib.Path(p).exists()]


def remember_recent(path):
    """Put a file at the head of the recent ones.

    Parameters
    ----------
    path : path-like
    """
    path = str(pathlib.Path(path).resolve())
    kept = [path] + [str(p) for p in recent() if str(p) != path]
    settings().setValue("recent", kept[:MOST])
