"""Examples: finished mounds with their pictures, opened by a click."""

from PyQt6.QtCore import QSize, Qt
from PyQt6.QtGui import QIcon, QPixmap
from PyQt6.QtWidgets import QDialog, QHBoxLayout, QListWidget, QListWidgetItem, QPushButton, QVBoxLayout

from ...core.problems import Problem
from ...core.starts.examples import EXAMPLES, example
from ..fields.controls import text_label
from ..words import tr

PICTURE = (202, 124)


class ExamplesDialog(QDialog):
    """Shows every example, and opens a copy of one.

    Parameters
    ----------
    parent : QWidget, optional

    Attributes
    ----------
    mound : Mound or None
        The one that was taken.
    """

    explained = "reference/examples"

    def __init__(self, parent=None):
        super().__init__(parent)
        self.setWindowTitle(tr("Examples"))
        self.resize(1120, 720)
        self.mound = None
        column = QVBoxLayout(self)
        column.setContentsMargins(18, 16, 18, 14)
        column.addWidget(text_label(tr("Finished clouds to take apart"), "title"))
        column.addWidget(text_label(tr("A click opens a copy: every form, grain and lamp in it is yours to change.")))
        self.list = QListWidget()
        self.list.setViewMode(QListWidget.ViewMode.IconMode)
        self.list.setIconSize(QSize(*PICTURE))
        self.list.setGridSize(QSize(PICTURE[0] + 8, PICTURE[1] + 30))
        self.list.setResizeMode(QListWidget.ResizeMode.Adjust)
        self.list.setMovement(QListWidget.Movement.Static)
        self.list.setAccessibleName(tr("Examples"))
        for word, one in EXAMPLES.items():
            # What they are called stays as it is in every language: they are names.
            item = QListWidgetItem(one.name)
            item.setData(Qt.ItemDataRole.UserRole, word)
            item.setToolTip(f"{tr(one.group)}. {tr(one.sentence)}")
            item.setTextAlignment(Qt.AlignmentFlag.AlignHCenter)
            shown = QPixmap(str(one.picture))
            icon = QIcon(shown)
            icon.addPixmap(shown, QIcon.Mode.Selected)
            item.setIcon(icon)
            self.list.addItem(item)
        self.list.currentItemChanged.connect(lambda *_: self._follow())
        self.list.itemClicked.connect(lambda *_: self._take())
        self.list.itemActivated.connect(lambda *_: self._take())
        column.addWidget(self.list, 1)
        foot = QHBoxLayout()
        self.said = text_label("")
        self.take, close = QPushButton(tr("Open a copy")), QPushButton(tr("Close"))
        self.take.setObjectName("main")
        self.take.setDefault(True)
        self.take.clicked.connect(self._take)
        close.clicked.connect(self.reject)
        foot.addWidget(self.said, 1)
        foot.addWidget(self.take)
        foot.addWidget(close)
        column.addLayout(foot)
        self.list.setCurrentRow(0)
        self.list.setFocus()

    @property
    def word(self):
        """The chosen example's word."""
        return self.list.currentItem().data(Qt.ItemDataRole.UserRole)

    def _follow(self):
        one = EXAMPLES[self.word]
        self.said.setText(f"{one.name}: {tr(one.sentence)}")

    def _take(self):
        if self.result():
            return  # an activated item is clicked as well
        try:
            self.mound = example(self.word)
        except Problem as problem:
            self.said.setText(tr(problem.sentence))
            return
        self.accept()
