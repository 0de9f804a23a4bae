"""Examples: finished mounds with their pictures, opened by a click."""

from PyQt6.QtGui import QPixmap
from PyQt6.QtWidgets import QDialog, QHBoxLayout, QPushButton, QVBoxLayout

from ...core.problems import Problem
from ...core.starts.examples import EXAMPLES, example
from ..fields.controls import text_label
from ..words import tr
from .asking import asking
from .picture_list import PictureList

PICTURE = (202, 124)


def asked_example(parent):
    """Show all examples, and let one be taken.

    Parameters
    ----------
    parent : QWidget

    Returns
    -------
    Mound or None
    """
    with asking(ExamplesDialog(parent)) as dialog:
        return dialog.mound if dialog.exec() == ExamplesDialog.DialogCode.Accepted else None


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
        self.list = PictureList(PICTURE, (8, 30), "Examples")
        for word, one in EXAMPLES.items():
            # What they are called stays as it is in every language: they are names.
            self.list.add(word, one.name, f"{tr(one.group)}. {tr(one.sentence)}", QPixmap(str(one.picture)))
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

    def _follow(self):
        one = EXAMPLES[self.list.word]
        self.said.setText(f"{one.name}: {tr(one.sentence)}")

    def _take(self):
        if self.result():
            return  # an activated item is clicked as well
        try:
            self.mound = example(self.list.word)
        except Problem as problem:
            self.said.setText(tr(problem.sentence))
            return
        self.accept()
