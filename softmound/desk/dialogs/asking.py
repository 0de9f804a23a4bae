"""Dialogs, which end with the question they ask."""

import contextlib

from PyQt6 import sip
from PyQt6.QtWidgets import QApplication, QDialog, QDialogButtonBox, QMessageBox

from ..help.asked import HelpKey
from ..words import tr


@contextlib.contextmanager
def asking(dialog):
    """Give a dialog its key for help, and destroy it when what was asked is known.

    A parent would keep it otherwise, with all it holds, for as long as the window is open.

    Parameters
    ----------
    dialog : QDialog

    Yields
    ------
    QDialog
        The same; not to be touched afterwards but for Python's own attributes.
    """
    HelpKey(dialog)
    try:
        yield dialog
    finally:
        if not sip.isdeleted(dialog):
            sip.delete(dialog)


def add_buttons(dialog, layout, words, accept=None):
    """Put a button that does what a dialog asks, and one that leaves it, at its end.

    Parameters
    ----------
    dialog : QDialog
    layout : QLayout
    words : str
        What it does.
    accept : callable, optional
        Instead of accepting the dialog.

    Returns
    -------
    QPushButton
        The first.
    """
    buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
    button = buttons.button(QDialogButtonBox.StandardButton.Ok)
    button.setText(words)
    button.setObjectName("main")
    buttons.accepted.connect(dialog.accept if accept is None else accept)
    buttons.rejected.connect(dialog.reject)
    layout.addWidget(buttons)
    return button


def show_message(parent, text, title="Soft Mound", icon=QMessageBox.Icon.Warning):
    """Say something in a box, and wait until it was read.

    Parameters
    ----------
    parent : QWidget
    text : str
    title : str, optional
    icon : QMessageBox.Icon, optional
    """
    with asking(QMessageBox(icon, title, text, parent=parent)) as box:
        box.exec()


def ask_choice(parent, text, choices, default=0, title="Soft Mound"):
    """Ask a question in a box.

    Parameters
    ----------
    parent : QWidget
    text : str
    choices : sequence of (str, QMessageBox.ButtonRole)
        Words of the buttons.
    default : int, optional
        Which of them Enter presses.
    title : str, optional

    Returns
    -------
    int or None
        Which was pressed; None when the box was left in another way.
    """
    with asking(QMessageBox(QMessageBox.Icon.Question, title, text, parent=parent)) as box:
        buttons = [box.addButton(tr(words), role) for words, role in choices]
        box.setDefaultButton(buttons[default])
        box.exec()
        pressed = box.clickedButton()
        return next((n for n, button in enumerate(buttons) if button is pressed), None)


def leave_all():
    """Leave every dialog that is open, as by Escape."""
    for widget in QApplication.topLevelWidgets():
        if isinstance(widget, QDialog) and widget.isVisible():
            widget.reject()
