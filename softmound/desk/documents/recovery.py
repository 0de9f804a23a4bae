"""What went wrong: written down and said, and the work of sessions that did not end by themselves offered again."""

import logging

from PyQt6.QtCore import QUrl
from PyQt6.QtGui import QDesktopServices
from PyQt6.QtWidgets import QMessageBox

from ...core.editing import forget_left_behind, left_behind, set_aside
from ...core.held import sweep
from ...core.recipe import Problem, read_mound
from ...logbook import report
from ..dialogs.asking import ask_choice
from ..words import tr

LOGGER = logging.getLogger(__name__)


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
    if ask_choice(window, f"{text} {said}", (("Go on", role.AcceptRole), ("Show the log", role.HelpRole))) == 1:
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
        pressed = ask_choice(
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
