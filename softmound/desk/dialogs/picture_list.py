"""A list of pictures with their names, as walls of starts and of examples have it."""

from PyQt6.QtCore import QSize, Qt
from PyQt6.QtGui import QIcon, QPixmap
from PyQt6.QtWidgets import QListWidget, QListWidgetItem

from ..words import tr

WORD = Qt.ItemDataRole.UserRole
"""What code calls an item."""


class PictureList(QListWidget):
    """Pictures side by side, as many as fit, each with its name below.

    Parameters
    ----------
    size : (int, int)
        Of a picture, pixels.
    room : (int, int)
        Between two, and for the name.
    name : str
        What it is, for those who do not see it.
    """

    def __init__(self, size, room, name):
        super().__init__()
        self.setViewMode(QListWidget.ViewMode.IconMode)
        self.setIconSize(QSize(*size))
        self.setGridSize(QSize(size[0] + room[0], size[1] + room[1]))
        self.setResizeMode(QListWidget.ResizeMode.Adjust)
        self.setMovement(QListWidget.Movement.Static)
        self.setAccessibleName(tr(name))

    def add(self, word, name, tip, picture, first=False):
        """Put another one at the end.

        Parameters
        ----------
        word, name, tip : str
            What code calls it, what it is called, and a sentence.
        picture : QPixmap
        first : bool, optional
            Before all others instead.
        """
        item = QListWidgetItem(name)
        item.setData(WORD, word)
        item.setToolTip(tip)
        item.setTextAlignment(Qt.AlignmentFlag.AlignHCenter)
        item.setIcon(untinted(picture))
        self.insertItem(0 if first else self.count(), item)

    @property
    def word(self):
        """The chosen one's word: str."""
        return self.currentItem().data(WORD)


def untinted(picture):
    """An icon that is not tinted where it is chosen.

    Parameters
    ----------
    picture : QPixmap

    Returns
    -------
    QIcon
    """
    icon = QIcon(picture)
    icon.addPixmap(QPixmap(picture), QIcon.Mode.Selected)
    return icon
