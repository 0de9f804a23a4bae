"""A window that waits while the kernels are compiled, once for a machine."""

import re
import sys

from PyQt6.QtCore import QObject, QProcess, Qt, pyqtSignal
from PyQt6.QtWidgets import QDialog, QHBoxLayout, QLabel, QProgressBar, QPushButton, QVBoxLayout

from ...core.compiled import READY, usable, warmed
from ..words import tr

PATIENCE = 3000
"""Milliseconds in which what compiles has to end when it is told to."""


def _ended(process):
    """End a process that compiles; what is done of it stays done."""
    if process.state() != QProcess.ProcessState.NotRunning:
        process.blockSignals(True)
        process.terminate()
        if not process.waitForFinished(PATIENCE):
            process.kill()
            process.waitForFinished(1000)


def _begun(parent, command=None):
    """Begin to compile: QProcess."""
    process = QProcess(parent)
    program, *arguments = command or [sys.executable, "-m", "softmound", "warm"]
    process.start(program, arguments)
    return process


class Behind(QObject):
    """Goes on compiling what only some need, while the application is used.

    Parameters
    ----------
    process : QProcess
        It is taken over.
    parent : QObject, optional

    Signals
    -------
    ended(bool)
        All is there; False where that did not work, and what is missing is compiled when it is needed.
    """

    ended = pyqtSignal(bool)

    def __init__(self, process, parent=None):
        super().__init__(parent)
        self.process = process
        process.setParent(self)
        process.finished.connect(lambda code, _status: self.ended.emit(code == 0))

    def end(self):
        """The application ends: it goes on at the next start."""
        _ended(self.process)


class Warming(QDialog):
    """Says what is done and how far it is; closes by itself as soon as a cloud can be made and seen.

    Parameters
    ----------
    command : list of str, optional
        What compiles, and prints a line with a share for each step; default our own.
    """

    def __init__(self, command=None):
        super().__init__()
        self.setWindowTitle(tr("Soft Mound"))
        self.setFixedWidth(460)
        column = QVBoxLayout(self)
        column.setContentsMargins(24, 20, 24, 18)
        column.setSpacing(12)
        title = QLabel(tr("Getting ready"))
        title.setObjectName("title")
        about = QLabel(
            tr(
                "What makes and lights clouds is compiled for this processor, once. It takes about a "
                "minute until you can begin; what only some need is compiled while you work. From then on Soft Mound "
                "starts in seconds."
            )
        )
        about.setWordWrap(True)
        self.bar, self.words = QProgressBar(), QLabel(tr("beginning"))
        self.bar.setRange(0, 100)
        self.bar.setTextVisible(False)  # it is too low for that
        self.bar.setAccessibleName(tr("How far it is"))
        self.words.setObjectName("quiet")
        row = QHBoxLayout()
        self.later = QPushButton(tr("Not now"))
        self.later.setToolTip(tr("Leave; it begins again at the next start."))
        self.later.clicked.connect(self.reject)
        row.addWidget(self.words, 1)
        row.addWidget(self.later)
        for widget in (title, about, self.bar):
            column.addWidget(widget, 0, Qt.AlignmentFlag.AlignTop)
        column.addLayout(row)
        self.process = _begun(self, command)
        self.process.readyReadStandardError.connect(self._read)
        self.process.finished.connect(self._finished)

    def _read(self):
        for line in bytes(self.process.readAllStandardError()).decode(errors="replace").splitlines():
            step = re.match(r"\s*(\d+) %\s+(.*)", line)
            if step:
                self.bar.setValue(int(step.group(1)))
                self.words.setText(step.group(2))
                if step.group(2).strip() == READY and self.isVisible():
                    self.accept()

    def _finished(self, code, _status):
        if code == 0:
            self.accept()
        else:
            self.words.setText(tr("That did not work; start softmound from a terminal to see why."))

    def done(self, result):
        """End what compiles with the window, unless it is what the window waited for.

        Parameters
        ----------
        result : int
        """
        self.process.finished.disconnect(self._finished)
        if result != QDialog.DialogCode.Accepted:
            _ended(self.process)
        super().done(result)


def warm_in_a_window(application, card=None):
    """Compile the kernels unless that was done, with a window that says so until a cloud can be made and seen.

    Parameters
    ----------
    application : QApplication
    card : QWidget, optional
        Put away before that window comes.

    Returns
    -------
    (bool, Behind or None)
        False where it was left; and what still compiles.
    """
    if warmed():
        return True, None
    if usable():  # it was ended before all was there
        return True, Behind(_begun(application), application)
    if card is not None:
        card.hide()
    waiting = Warming()
    if waiting.exec() != QDialog.DialogCode.Accepted:
        return False, None
    running = waiting.process.state() != QProcess.ProcessState.NotRunning
    return True, Behind(waiting.process, application) if running else None
