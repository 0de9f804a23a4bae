"""What lies in the place of the picture in Library: the wall, or what is said where there is nothing on it."""

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QHBoxLayout, QLabel, QPushButton, QStackedLayout, QVBoxLayout, QWidget

from ...words import tr
from .wall import Wall


class WallPage(QWidget):
    """The wall, or one sentence and a button.

    Parameters
    ----------
    station : LibraryStation
    """

    def __init__(self, station):
        super().__init__()
        self._station = station
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(0)
        column.addWidget(self._arrived())
        self.stack = QStackedLayout()
        column.addLayout(self.stack, 1)
        self.wall = Wall(station, station.cards)
        self.wall.selectionModel().currentChanged.connect(
            lambda now, _before: station.choose(station.cards.at(now.row()) if now.isValid() else None))
        self.wall.selectionModel().selectionChanged.connect(lambda *_: station.settings.show_mound(station.document.mound))
        self.wall.activated.connect(lambda _index: station.show_chosen())
        self.stack.addWidget(self.wall)
        self.said, self.button = QLabel(), QPushButton()
        self.said.setObjectName("quiet")
        self.said.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self.said.setWordWrap(True)
        self.button.setObjectName("main")
        self.button.clicked.connect(self._act)
        bare = QWidget()
        column, row = QVBoxLayout(bare), QHBoxLayout()
        column.addStretch()
        column.addWidget(self.said)
        column.addSpacing(10)
        row.addStretch()
        row.addWidget(self.button)
        row.addStretch()
        column.addLayout(row)
        column.addStretch()
        self.stack.addWidget(bare)
        self._empty = False

    def _arrived(self):
        """What has arrived in the watch folder, and whether it is adopted."""
        arriving = self._station.arriving
        self.arrived, self.arrivals_said = QWidget(), QLabel()
        self.arrived.setObjectName("panel")
        self.arrived.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        row = QHBoxLayout(self.arrived)
        row.setContentsMargins(16, 6, 14, 6)
        row.addWidget(self.arrivals_said, 1)
        for words, tip, act in ((tr("Adopt"), tr("Take it into the library, measured and with a picture."), arriving.adopt),
                                (tr("Leave it"), tr("Never ask again about these files."), arriving.leave)):
            button = QPushButton(words)
            button.setToolTip(tip)
            button.clicked.connect(act)
            row.addWidget(button)
        arriving.changed.connect(self._show_arrived)
        self._show_arrived()
        return self.arrived

    def _show_arrived(self):
        there = self._station.arriving.there
        names = ", ".join(tr("{} ({} frames)").format(a.name, a.frames) if a.frames > 1 else a.name for a in there[:4])
        self.arrivals_said.setText(tr("Arrived: {}").format(names + (" …" if len(there) > 4 else "")))
        self.arrived.setVisible(bool(there))

    def _act(self):
        if self._empty:
            self._station.services.delivering.publish()
        else:
            self._station.tray.find.clear()

    def show_found(self, any_at_all):
        """Show the wall, or why there is nothing on it.

        Parameters
        ----------
        any_at_all : bool
            Whether the library holds anything.
        """
        self._empty = not any_at_all
        there = self._station.folder.is_dir()
        self.said.setText(
            tr("Nothing on the wall is called that.") if any_at_all else
            tr("This library is empty. Publishing puts this mound into it as an OpenVDB asset.") if there else
            tr("The folder {} is not there. Publishing makes it; or choose another at the right.").format(self._station.folder))
        self.button.setText(tr("Show all again") if any_at_all else tr("Publish this mound"))
        self.stack.setCurrentIndex(0 if len(self._station.found) or self._station.coming else 1)
