"""Saying on the desktop that long work has ended, when nobody is looking at the window."""

from PyQt6.QtCore import QMetaType, QVariant
from PyQt6.QtDBus import QDBusConnection, QDBusMessage
from PyQt6.QtWidgets import QApplication

from ..words import tr

LONG = 10.0
"""Seconds after which it is worth saying."""
_SERVICE, _PATH = "org.freedesktop.Notifications", "/org/freedesktop/Notifications"


def message_of(title, words):
    """The call that shows a note on the desktop, as the Desktop Notifications Specification has it.

    Parameters
    ----------
    title, words : str

    Returns
    -------
    QDBusMessage
    """
    call = QDBusMessage.createMethodCall(_SERVICE, _PATH, _SERVICE, "Notify")
    replaces = QVariant(0)
    replaces.convert(QMetaType(QMetaType.Type.UInt.value))
    actions = QVariant([])
    actions.convert(QMetaType(QMetaType.Type.QStringList.value))
    call.setArguments([tr("Soft Mound"), replaces, "softmound", title, words, actions, {}, 8000])
    return call


def long_work_ended(window, title, words, seconds):
    """Tell of work that took long, unless the window is in front.

    Parameters
    ----------
    window : QWidget
    title, words : str
    seconds : float
        That it took.

    Returns
    -------
    bool
        Whether it was told.
    """
    if seconds < LONG or window.isActiveWindow():
        return False
    QApplication.alert(window)
    noted(title, words)
    return True


def noted(title, words):
    """Show a note on the desktop, where there is one.

    Parameters
    ----------
    title, words : str
    """
    bus = QDBusConnection.sessionBus()
    if bus.isConnected():
        bus.asyncCall(message_of(title, words))
