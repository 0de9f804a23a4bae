"""Leaving while work is being done: the window goes, and the work may go on without it."""

from PyQt6.QtCore import QObject
from PyQt6.QtWidgets import QApplication, QMessageBox

from ..dialogs.asking import ask_choice
from ..words import tr
from .telling import noted

GO_ON, STOP, STAY = "go on", "stop", "stay"


def asked_about_work(window):
    """Ask what becomes of the work when the window closes.

    Parameters
    ----------
    window : Window

    Returns
    -------
    str
        `GO_ON` without the window, `STOP` or `STAY`; `STOP` without asking where there is no work.
    """
    names = window.jobs.lasting
    if not names:
        return STOP
    more = tr(", and {} more").format(len(names) - 1) if len(names) > 1 else ""
    role = QMessageBox.ButtonRole
    words = tr("“{}” is being done{}. It can go on without the window; Soft Mound ends when it is done.").format(names[0], more)
    pressed = ask_choice(window, words, (
        (tr("Go on"), role.AcceptRole), (tr("Stop it"), role.DestructiveRole), ("Stay", role.RejectRole)))
    return {0: GO_ON, 1: STOP}.get(pressed, STAY)


class GoingOn(QObject):
    """Hides a window until its work is done, then ends the application.

    Parameters
    ----------
    window : Window
    """

    def __init__(self, window):
        super().__init__(window)
        self._window, self._ended = window, False
        jobs = window.jobs
        # Nobody is there to read a box.
        jobs.failed.disconnect(window.trouble)
        jobs.failed.connect(lambda sentence: noted("Soft Mound", sentence))
        jobs.changed.connect(self._look)
        QApplication.setQuitOnLastWindowClosed(False)
        window.hide()

    def _look(self):
        if not self._ended and not self._window.jobs.lasting and not self._window.jobs.busy:
            self._ended = True
            self._window.end()
            QApplication.quit()
