"""Where there is no cloud: a card in the picture that says what took it away, with a button that undoes just that."""

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QLabel, QPushButton, QVBoxLayout, QWidget

from ..words import tr

WIDE = 420
"""Pixels, at most."""


class EmptyCard(QWidget):
    """The card; hidden while there is a cloud.

    Parameters
    ----------
    document : MoundDocument
    picture : QWidget
        It lies in the middle of it.
    """

    def __init__(self, document, picture):
        super().__init__(picture)
        self.setObjectName("card")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        self._document, self._about = document, None
        column = QVBoxLayout(self)
        column.setContentsMargins(18, 14, 18, 14)
        column.setSpacing(12)
        self.said = QLabel()
        self.said.setWordWrap(True)
        self.said.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self.button = QPushButton()
        self.button.setObjectName("main")
        self.button.clicked.connect(self._undo)
        column.addWidget(self.said)
        column.addWidget(self.button, 0, Qt.AlignmentFlag.AlignCenter)
        self.hide()

    def show_answer(self, answer):
        """Follow a picture.

        Parameters
        ----------
        answer : Answer
        """
        if answer.request.placed is not None or answer.grid.brick_bounds() is not None:
            self._about = None
            self.hide()
        elif answer.emptied is not None:
            self._about = answer.emptied
            self.said.setText(tr(self._about.sentence))
            self.button.setText(tr(self._about.remedy))
            self.button.setVisible(self._about.change is not None)
            self._place()
            self.show()
            self.raise_()

    def _place(self):
        around = self.parentWidget().rect()
        wide = min(WIDE, around.width() - 180)
        self.setFixedWidth(wide)
        self.setFixedHeight(self.layout().heightForWidth(wide))
        self.move((around.width() - wide) // 2, (around.height() - self.height()) // 2)

    def _undo(self):
        if self._about is not None and self._about.change is not None:
            self._document.apply(tr(self._about.remedy), self._about.change)
