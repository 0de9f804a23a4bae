"""What waits to be done in the background: seen, put into another order, and taken out."""

from PyQt6.QtWidgets import QDialog, QDialogButtonBox, QListWidget, QPushButton, QVBoxLayout

from ..fields.controls import Row, text_label
from ..words import tr


class QueueDialog(QDialog):
    """The pieces of work that wait, below the one that is being done.

    Parameters
    ----------
    jobs : Jobs
    parent : QWidget, optional
    """

    explained = "stations/05_library"

    def __init__(self, jobs, parent=None):
        super().__init__(parent)
        self.setWindowTitle(tr("What waits"))
        self.setMinimumWidth(420)
        self._jobs = jobs
        self._pieces = []
        layout = QVBoxLayout(self)
        layout.setSpacing(8)
        layout.addWidget(text_label(tr("What waits"), "title"))
        self.present = text_label("")
        layout.addWidget(self.present)
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Work that waits"))
        self.list.currentRowChanged.connect(lambda _row: self._show_state())
        layout.addWidget(self.list)
        self.sooner, self.later, self.out = QPushButton(tr("Sooner")), QPushButton(tr("Later")), QPushButton(tr("Take out"))
        self.sooner.setToolTip(tr("Do it before the one above it."))
        self.later.setToolTip(tr("Do it after the one below it."))
        self.out.setToolTip(tr("Do not do it."))
        self.sooner.clicked.connect(lambda: self._shift(-1))
        self.later.clicked.connect(lambda: self._shift(1))
        self.out.clicked.connect(lambda: jobs.take_out(self._chosen()))
        layout.addWidget(Row(self.sooner, self.later, self.out))
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Close)
        buttons.rejected.connect(self.reject)
        layout.addWidget(buttons)
        jobs.changed.connect(self._show)
        self.finished.connect(lambda _result: jobs.changed.disconnect(self._show))
        self._show()

    def _chosen(self):
        row = self.list.currentRow()
        return self._pieces[row] if 0 <= row < len(self._pieces) else None

    def _shift(self, step):
        self._jobs.shift(self._chosen(), step)

    def _show(self):
        chosen = self._chosen()
        present = self._jobs.present
        self.present.setText(tr("Nothing is being done.") if present is None else tr("Now: {}").format(present.name))
        self._pieces = self._jobs.queue
        self.list.clear()
        self.list.addItems([piece.name for piece in self._pieces])
        if self._pieces:
            self.list.setCurrentRow(self._pieces.index(chosen) if chosen in self._pieces else 0)
        self._show_state()

    def _show_state(self):
        row = self.list.currentRow()
        self.sooner.setEnabled(row > 0)
        self.later.setEnabled(0 <= row < len(self._pieces) - 1)
        self.out.setEnabled(row >= 0)
