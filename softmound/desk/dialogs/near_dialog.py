"""Bring it near: a search for mounds that look more like the photograph, seen as it goes and ended at any time."""

import time

from PyQt6.QtCore import QSize, Qt
from PyQt6.QtGui import QPixmap
from PyQt6.QtWidgets import QCheckBox, QDialog, QGridLayout, QHBoxLayout, QLabel, QPushButton, QSizePolicy, QVBoxLayout

from ...core.engine.background import Job
from ...core.photograph.measures import differences
from ...core.photograph.near import LOCKS, Beside, brought_near
from ..fields.controls import text_label
from ..view.pixels import image_of_pixels
from ..words import tr
from ..work.relay import Relay
from .picture_list import PictureList

SMALL = (168, 105)
MOST_WORDS = 3
"""Differences that are said."""
LOCKED = {
    "forms": "Where forms are, how large, and their buds.",
    "seeds": "All seeds.",
    "grains": "How far, how large and how fine grains push.",
    "edge": "Nibble, and the skin.",
    "light": "Sun, haze, exposure and extinction.",
}


class _Seen(QLabel):
    """A picture as large as there is room for it."""

    def __init__(self, name):
        super().__init__()
        self._image = None
        self.setAccessibleName(name)
        self.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Ignored)
        self.setMinimumSize(300, 190)

    def show_image(self, image):
        """Show it: QImage."""
        self._image = image
        self._scale()

    def resizeEvent(self, event):
        super().resizeEvent(event)
        self._scale()

    def _scale(self):
        if self._image is not None:
            self.setPixmap(QPixmap.fromImage(self._image).scaled(
                self.size(), Qt.AspectRatioMode.KeepAspectRatio, Qt.TransformationMode.SmoothTransformation))


class NearDialog(QDialog):
    """Searches as long as it is let, and takes the candidate that is chosen.

    Parameters
    ----------
    photograph : Photograph
    mound : Mound
    seed : int, optional
        Of the search.
    parent : QWidget, optional

    Attributes
    ----------
    mound : Mound or None
        What was taken.
    candidates : list of Candidate
        The mound as it was, then better and better ones.
    """

    explained = "lessons/10_photograph"

    def __init__(self, photograph, mound, seed=1, parent=None):
        super().__init__(parent)
        self.setWindowTitle(tr("Bring it near"))
        self.resize(1120, 700)
        self._photograph, self._begun, self._seed = photograph, mound, seed
        self._beside, self._job, self._tried, self._since = None, None, 0, 0.0
        self.mound, self.candidates = None, []
        self._relay = Relay()
        layout = QVBoxLayout(self)
        layout.setContentsMargins(18, 16, 18, 14)
        pictures = QGridLayout()
        pictures.setHorizontalSpacing(14)
        self.theirs, self.ours = _Seen(tr("The photograph")), _Seen(tr("The mound"))
        for column, (seen, words) in enumerate(((self.theirs, tr("The photograph")), (self.ours, tr("The mound")))):
            pictures.addWidget(text_label(words, "title"), 0, column)
            pictures.addWidget(seen, 1, column)
            pictures.setColumnStretch(column, 1)
        pictures.setRowStretch(1, 1)
        layout.addLayout(pictures, 1)
        self.likeness = text_label("")
        layout.addWidget(self.likeness)
        row = QHBoxLayout()
        self.list = PictureList(SMALL, (14, 30), "Candidates")
        self.list.setFixedHeight(SMALL[1] + 56)
        self.list.setWrapping(False)
        self.list.currentRowChanged.connect(self._show)
        self.list.itemActivated.connect(lambda *_: self._take())
        row.addWidget(self.list, 1)
        locks = QVBoxLayout()
        locks.addWidget(text_label(tr("Locked"), "title"))
        self.locks = {}
        for key, words in LOCKS.items():
            box = QCheckBox(tr(words))
            box.setToolTip(tr(LOCKED[key]))
            box.toggled.connect(lambda _on: self._relocked())
            self.locks[key] = box
            locks.addWidget(box)
        locks.addStretch()
        row.addLayout(locks)
        layout.addLayout(row)
        foot = QHBoxLayout()
        self.said = text_label("")
        foot.addWidget(self.said, 1)
        self.search = QPushButton()
        self.search.clicked.connect(lambda: self.stop() if self._job is not None else self.begin())
        self.take = QPushButton(tr("Take it"))
        self.take.setObjectName("main")
        self.take.setDefault(True)
        self.take.clicked.connect(self._take)
        close = QPushButton(tr("Close"))
        close.clicked.connect(self.reject)
        for button in (self.search, self.take, close):
            foot.addWidget(button)
        layout.addLayout(foot)
        self.theirs.show_image(image_of_pixels(photograph.seen().pixels))
        self.begin()

    @property
    def chosen(self):
        """The candidate that is shown: Candidate or None."""
        row = self.list.currentRow()
        return self.candidates[len(self.candidates) - 1 - row] if 0 <= row < len(self.candidates) else None

    def begin(self):
        """Search on from the candidate that is shown."""
        if self._job is not None:
            return
        mound = self._begun if self.chosen is None else self.chosen.mound
        locked = {key for key, box in self.locks.items() if box.isChecked()}
        photograph, seed, known = self._photograph, self._seed + len(self.candidates), self._beside
        told, ended = self._relay.to(self._told), self._relay.to(self._ended)

        def work(ticket):
            beside = Beside(photograph) if known is None else known
            for candidate in brought_near(photograph, mound, locked, seed, beside, ticket):
                told(job, beside, candidate)

        job = self._job = Job(work, lambda share, words: None, ended)
        self._since = time.monotonic()
        self._follow()
        job.start()

    def stop(self):
        """End the search; what it found stays."""
        if self._job is not None:
            self._job.stop()

    def _relocked(self):
        """Search on with other locks."""
        if self._job is not None:
            job, self._job = self._job, None
            job.stop()
            self.begin()

    def _told(self, job, beside, candidate):
        if job is not self._job:
            return
        self._beside, self._tried = beside, self._tried + 1
        if candidate is not None and not any(candidate.mound is known.mound for known in self.candidates):
            at_newest = self.list.currentRow() <= 0
            self.candidates.append(candidate)
            picture = QPixmap.fromImage(image_of_pixels(candidate.seen.pixels)).scaled(
                QSize(*SMALL), Qt.AspectRatioMode.KeepAspectRatio, Qt.TransformationMode.SmoothTransformation)
            self.list.add(str(len(self.candidates)), f"{candidate.likeness:.3f}",
                          tr("Likeness {:.3f}. Double-click takes it.").format(candidate.likeness), picture, first=True)
            # Whoever looks at an earlier one goes on looking at it.
            if at_newest:
                self.list.setCurrentRow(0)
                self._show()
        self._follow()

    def _show(self, _row=0):
        now = self.chosen
        if now is None or self._beside is None:
            return
        self.ours.show_image(image_of_pixels(now.seen.pixels))
        first = self.candidates[0].mound.light.sun
        said = differences(self._beside.measures, now.measures, now.mound.light.sun, first)[:MOST_WORDS]
        words = ", ".join(map(tr, said)) or tr("nothing worth a word")
        self.likeness.setText(
            tr("Likeness {:.3f}: outlines {:.0f} % in common, light {:.0f} % in step. Beside the photograph: {}.").format(
                now.likeness, 100 * now.overlap, 100 * max(now.light, 0.0), words))

    def _follow(self):
        searching = self._job is not None
        self.search.setText(tr("Stop") if searching else tr("Search on"))
        self.search.setToolTip(tr("What was found stays.") if searching else tr("From the candidate that is shown."))
        self.take.setEnabled(self.chosen is not None)
        if searching and self._tried:
            self.said.setText(tr("Searching: {} tried, {:.0f} s. Double-click a picture to take it.").format(
                self._tried, time.monotonic() - self._since))
        elif searching:
            self.said.setText(tr("Searching: measuring the photograph…"))

    def _ended(self, job):
        if job is not self._job:
            return
        self._job = None
        self._follow()
        self.said.setText(tr(job.problem) if job.problem else tr("{} tried. Take one, or search on.").format(self._tried))

    def _take(self):
        if self.chosen is not None:
            self.mound = self.chosen.mound
            self.accept()

    def done(self, result):
        job, self._job = self._job, None
        self._relay.close()
        if job is not None:
            job.stop()
            job.wait()
        super().done(result)
