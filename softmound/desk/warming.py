"""A window that waits while the kernels are compiled, once for a machine."""

import re
import sys

from PyQt6.QtCore import QProcess, Qt
from PyQt6.QtWidgets import QDialog, QHBoxLayout, QLabel, QProgressBar, QPushButton, QVBoxLayout

from ..core.engine.warm import warmed

MINUTES = 4
"""How long it takes on two cores, about."""


class Warming(QDialog):
    """Says what is done and how far it is; closes by itself.

    Parameters
    ----------
    command : list of str, optional
        What compiles, and prints a line with a share for each step; default our own.
    """

    def __init__(self, command=None):
        super().__init__()
        self.setWindowTitle("Soft Mound")
        self.setFixedWidth(460)
        column = QVBoxLayout(self)
        column.setContentsMargins(24, 20, 24, 18)
        column.setSpacing(12)
        title = QLabel("Getting ready")
        title.setObjectName("title")
        about = QLabel("What makes and lights clouds is compiled for this processor, once. "
                       f"It takes about {MINUTES} minutes; from then on Soft Mound starts in seconds.")
        about.setWordWrap(True)
        self.bar, self.words = QProgressBar(), QLabel("beginning")
        self.bar.setRange(0, 100)
        self.bar.setAccessibleName("How far it is")
        self.words.setObjectName("quiet")
        row = QHBoxLayout()
        self.later = QPushButton("Not now")
        self.later.setToolTip("Leave; it begins again at the next start.")
        self.later.clicked.connect(self.reject)
        row.addWidget(self.words, 1)
        row.addWidget(self.later)
        for widget in (title, about, self.bar):
            column.addWidget(widget, 0, Qt.AlignmentFlag.AlignTop)
        column.addLayout(row)
        self.process = QProcess(self)
        self.process.readyReadStandardError.connect(self._read)
        self.process.finished.connect(self._finished)
        program, *arguments = command or [sys.executable, "-m", "softmound", "warm"]
        self.process.start(program, arguments)

    def _read(self):
        for line in bytes(self.process.readAllStandardError()).decode(errors="replace").splitlines():
            step = re.match(r"\s*(\d+) %\s+(.*)", line)
            if step:
                self.bar.setValue(int(step.group(1)))
                self.words.setText(step.group(2))

    def _finished(self, code, _status):
        if code == 0:
            self.accept()
        else:
            self.words.setText("That did not work; start softmound from a terminal to see why.")

    def done(self, result):
        """End what compiles with the window.

        Parameters
        ----------
        result : int
        """
        if self.process.state() != QProcess.ProcessState.NotRunning:
            self.process.blockSignals(True)
            self.process.terminate()
            if not self.process.waitForFinished(3000):
                self.process.kill()
                self.process.waitForFinished(1000)
        super().done(result)


def warm_in_a_window():
    """Compile the kernels unless that was done, with a window that says so.

    Returns
    -------
    bool
        False where it was left.
    """
    return warmed() or Warming().exec() == QDialog.DialogCode.Accepted
