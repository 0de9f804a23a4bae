"""Six growths of other seeds, as small pictures that move."""

from PyQt6.QtCore import QSize, Qt, QTimer
from PyQt6.QtGui import QIcon, QPixmap
from PyQt6.QtWidgets import QDialog, QHBoxLayout, QListWidget, QListWidgetItem, QPushButton, QVBoxLayout

from ....core.engine.background import Job
from ....core.growth.siblings import SIZE, siblings
from ...fields.controls import text_label
from ...view.pixels import image_of_pixels
from ...words import tr
from ...work.relay import Relay

COUNT, TURN = 6, 220
"""Growths; milliseconds from one of their pictures to the next."""


class GrowthSiblingsDialog(QDialog):
    """Lets six seeds grow, coarsely, and takes one.

    Parameters
    ----------
    mound : Mound
        With a growth.
    folder : path-like, optional
        That files of moving forms are named from.
    parent : QWidget, optional

    Attributes
    ----------
    taken : Mound or None
        To go on with.
    """

    explained = "stations/07_time"

    def __init__(self, mound, folder=None, parent=None):
        super().__init__(parent)
        self.setWindowTitle(tr("Six growths"))
        self.resize(800, 520)
        self.taken, self._mounds, self._icons, self._turn = None, {}, {}, 0
        layout = QVBoxLayout(self)
        layout.addWidget(text_label(tr("Six growths side by side"), "title"))
        layout.addWidget(text_label(tr("The same numbers under other seeds, coarse and small. Take the best one: it then grows "
                                       "as fine as it is asked to.")))
        self.list = QListWidget()
        self.list.setViewMode(QListWidget.ViewMode.IconMode)
        self.list.setIconSize(QSize(*SIZE))
        self.list.setResizeMode(QListWidget.ResizeMode.Adjust)
        self.list.setMovement(QListWidget.Movement.Static)
        self.list.setSpacing(6)
        self.list.setAccessibleName(tr("Growths"))
        self.list.itemSelectionChanged.connect(lambda: self.take.setEnabled(bool(self.list.selectedItems())))
        self.list.itemDoubleClicked.connect(lambda *_: self._take())
        layout.addWidget(self.list, 1)
        foot = QHBoxLayout()
        self.said = text_label(tr("Letting them grow…"))
        foot.addWidget(self.said, 1)
        self.take, close = QPushButton(tr("Grow this one")), QPushButton(tr("Close"))
        self.take.setObjectName("main")
        self.take.setEnabled(False)
        self.take.clicked.connect(self._take)
        close.clicked.connect(self.reject)
        foot.addWidget(self.take)
        foot.addWidget(close)
        layout.addLayout(foot)
        self._timer = QTimer(self)
        self._timer.timeout.connect(self._next)
        self._timer.start(TURN)
        self._relay = Relay()
        came = self._relay.to(self._show)

        def work(ticket):
            for number, made, pictures in siblings(mound, COUNT, folder, ticket):
                came(number, made, pictures)

        self._job = Job(work, lambda *_: None, self._relay.to(lambda job: self.said.setText(tr(job.problem))))
        self._job.start()

    def _show(self, number, made, pictures):
        icons = []
        for pixels in pictures:
            pixmap = QPixmap.fromImage(image_of_pixels(pixels))
            icon = QIcon(pixmap)
            icon.addPixmap(pixmap, QIcon.Mode.Selected)  # not tinted where it is chosen
            icons.append(icon)
        item = QListWidgetItem(icons[-1], tr("This one") if number == 0 else tr("Seed {}").format(made.growth.seed))
        item.setData(Qt.ItemDataRole.UserRole, number)
        self.list.addItem(item)
        self._mounds[number], self._icons[number] = made, icons

    def _next(self):
        self._turn += 1
        for row in range(self.list.count()):
            item = self.list.item(row)
            icons = self._icons[item.data(Qt.ItemDataRole.UserRole)]
            # The last one stands for a while.
            item.setIcon(icons[min(self._turn % (len(icons) + 3), len(icons) - 1)])

    def _take(self):
        chosen = self.list.selectedItems()
        if chosen:
            self.taken = self._mounds[chosen[0].data(Qt.ItemDataRole.UserRole)]
            self.accept()

    def done(self, result):
        """Stop what is under way, however the dialog is left."""
        self._timer.stop()
        self._relay.close()
        self._job.stop()
        self._job.wait()
        super().done(result)
