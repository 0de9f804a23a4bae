"""A sheet of siblings, streaming in, to pick from."""

from PyQt6.QtCore import QSize, Qt
from PyQt6.QtGui import QIcon, QImage, QPixmap
from PyQt6.QtWidgets import QCheckBox, QDialog, QHBoxLayout, QListWidget, QListWidgetItem, QPushButton, QVBoxLayout

from ....core.engine.background import Job
from ....core.engine.siblings import SIZE, WHICH, sheet
from ...fields.controls import Row, text_label
from ...words import tr
from ...work.relay import Relay

COUNT = 12
_WORDS = {"grains": "Grains", "levels": "Levels", "buds": "Buds and coats"}


class SiblingsDialog(QDialog):
    """Shows the same mound under other seeds.

    Parameters
    ----------
    mound : Mound
    parent : QWidget, optional

    Attributes
    ----------
    taken : Mound or None
        To go on with.
    published : list of Mound
        To publish.
    kept : list of (Mound, ndarray of uint8)
        To keep as snapshots, with their pictures.
    """

    explained = "stations/03_grain"

    def __init__(self, mound, parent=None):
        super().__init__(parent)
        self.setWindowTitle(tr("Siblings"))
        self.resize(1020, 600)
        self._mound, self._round = mound, 0
        self.taken, self.published, self.kept, self.mounds, self._pictures = None, [], [], {}, {}
        self._job = None
        layout = QVBoxLayout(self)
        layout.addWidget(text_label(tr("Siblings"), "title"))
        layout.addWidget(text_label(tr("The same mound under other seeds. Choose one to go on with, or several to publish.")))
        self.which = {key: QCheckBox(_WORDS[key]) for key in WHICH}
        for box in self.which.values():
            box.setChecked(True)
            box.clicked.connect(lambda *_: self._begin())
        self.again = QPushButton(tr("Others"))
        self.again.setToolTip(tr("Another dozen."))
        self.again.clicked.connect(self._others)
        layout.addWidget(Row(text_label(tr("Seeds of"), "field"), *self.which.values(), self.again))
        self.list = QListWidget()
        self.list.setViewMode(QListWidget.ViewMode.IconMode)
        self.list.setIconSize(QSize(*SIZE))
        self.list.setResizeMode(QListWidget.ResizeMode.Adjust)
        self.list.setMovement(QListWidget.Movement.Static)
        self.list.setSelectionMode(QListWidget.SelectionMode.ExtendedSelection)
        self.list.setSpacing(6)
        self.list.setAccessibleName(tr("Siblings"))
        self.list.itemSelectionChanged.connect(self._chosen)
        self.list.itemDoubleClicked.connect(lambda *_: self._take())
        layout.addWidget(self.list, 1)
        self.take_button = QPushButton(tr("Take it over"))
        self.take_button.setObjectName("main")
        self.take_button.clicked.connect(self._take)
        self.keep_button = QPushButton(tr("Keep as snapshots"))
        self.keep_button.setToolTip(tr("Kept with the mound in Light, to compare with and to go back to."))
        self.keep_button.clicked.connect(self._keep)
        self.publish_button = QPushButton(tr("Publish the chosen"))
        self.publish_button.clicked.connect(self._publish)
        close = QPushButton(tr("Close"))
        close.clicked.connect(self.reject)
        foot = QHBoxLayout()
        self.said = text_label("")
        foot.addWidget(self.said, 1)
        for button in (self.publish_button, self.keep_button, self.take_button, close):
            foot.addWidget(button)
        layout.addLayout(foot)
        self._relay = Relay()
        self._begin()

    def _others(self):
        self._round += 1
        self._begin()

    def _begin(self):
        """Start the sheet anew, with the seeds that are to change."""
        self._stop()
        self.list.clear()
        self.mounds = {}
        which = tuple(key for key, box in self.which.items() if box.isChecked())
        first = self._mound if self._round == 0 else _shifted(self._mound, self._round, which)

        came = self._relay.to(self._show)

        def work(ticket):
            for number, mound, pixels in sheet(first, COUNT, which, ticket):
                came(job, number, mound, pixels)

        self._job = job = Job(work, lambda *_: None, self._relay.to(self._done))
        self.said.setText(tr("Taking their pictures…"))
        self._chosen()
        job.start()

    def _show(self, job, number, mound, pixels):
        if job is not self._job:
            return
        height, width = pixels.shape[:2]
        image = QImage(pixels.data, width, height, 4 * width, QImage.Format.Format_RGBX8888).copy()
        item = QListWidgetItem(QIcon(QPixmap.fromImage(image)), tr("This one") if number == 0 and self._round == 0 else
                               tr("Sibling {}").format(number + self._round * COUNT))
        item.setData(Qt.ItemDataRole.UserRole, number)
        self.list.addItem(item)
        self.mounds[number], self._pictures[number] = mound, pixels

    def _done(self, job):
        if job is self._job:
            self.said.setText(tr(job.problem))

    def _numbers(self):
        return [item.data(Qt.ItemDataRole.UserRole) for item in self.list.selectedItems()]

    def _picked(self):
        return [self.mounds[number] for number in self._numbers()]

    def _chosen(self):
        count = len(self.list.selectedItems())
        self.take_button.setEnabled(count == 1)
        self.publish_button.setEnabled(count > 0)
        self.keep_button.setEnabled(count > 0)

    def _take(self):
        picked = self._picked()
        if len(picked) == 1:
            self.taken = picked[0]
            self.accept()

    def _keep(self):
        self.kept = [(self.mounds[number], self._pictures[number][..., :3].copy()) for number in self._numbers()]
        self.accept()

    def _publish(self):
        self.published = self._picked()
        self.accept()

    def _stop(self):
        if self._job is not None:
            self._job.stop()
            self._job.wait()
            self._job = None

    def done(self, result):
        """Stop what is under way, however the dialog is left."""
        self._relay.close()
        self._stop()
        super().done(result)


def _shifted(mound, rounds, which):
    from ....core.engine.siblings import sibling

    return sibling(mound, rounds * COUNT, which)
