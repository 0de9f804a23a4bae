"""A first cloud in eight steps: each says what to do, waits until it is done, and can be left at any time."""

from dataclasses import dataclass

from PyQt6.QtCore import QObject, Qt, QTimer
from PyQt6.QtWidgets import QHBoxLayout, QLabel, QPushButton, QVBoxLayout, QWidget

from ..words import tr

WIDE = 380
EVERY = 150
"""Milliseconds between two looks whether a step is done."""


@dataclass(frozen=True)
class Step:
    """A step of the tour.

    Attributes
    ----------
    title, words : str
    done : callable
        Given the window and what it was when the step began, whether it is done.
    before : callable
        Given the window, what is to be remembered.
    """

    title: str
    words: str
    done: callable
    before: callable = lambda window: window.document.mound


def _changed(part):
    return lambda window, before: part(window.document.mound) != part(before) and not window.document.moving


STEPS = (
    Step("Begin with a shape", "Choose New mound (Ctrl+N), take a start you like on the wall, and Begin.",
         lambda window, before: window.document.mound.mass.forms != before.mass.forms),
    Step("Move a lump", "You are in Mass (key 1). Click a lump in the picture, or a tile below, and drag it; arrow keys move it "
         "too. The light follows.", _changed(lambda mound: mound.mass.forms)),
    Step("Flatten the underside", "Drag the small mark at the left of the picture, or the altitude under Base level in the "
         "settings: clouds are flat where droplets begin.", _changed(lambda mound: mound.mass.base)),
    Step("Break it up", "Open Grain (key 3). Drag a hill on the ruler below: sideways for size, up for strength; G adds one.",
         _changed(lambda mound: mound.grains)),
    Step("Turn the sun", "Drag the sun on the dome at the upper left, or use the numbers in Light (key 4). Low and beside the "
         "cloud shows its lumps.", _changed(lambda mound: mound.light.sun)),
    Step("Look all round", "Drag with the right button to turn, Shift and right to slide, the wheel to approach; F flies. "
         "Ctrl+0 fits the cloud.", _changed(lambda mound: mound.view)),
    Step("Keep it", "Save it (Ctrl+S). It is copied at every step as well: nothing you do here is lost.",
         lambda window, before: window.document.path is not None and not window.document.dirty,
         lambda window: None),
    Step("Hand it over", "Publish it (Ctrl+P): OpenVDB grids in several resolutions, with recipe, scale and picture, in your "
         "library. Key 5 shows it there.", lambda window, before: window.delivering.published_count > before,
         lambda window: window.delivering.published_count),
)


class Tour(QObject):
    """Leads through the steps.

    Parameters
    ----------
    window : Window

    Attributes
    ----------
    at : int or None
        Which step is shown; None when it is not on.
    card : QWidget
        What says it, over the picture.
    """

    def __init__(self, window):
        super().__init__(window)
        self._window, self.at, self._before = window, None, None
        self.card = QWidget(window.picture)
        self.card.setObjectName("card")
        self.card.setAccessibleName(tr("First cloud"))
        self.card.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        column = QVBoxLayout(self.card)
        column.setContentsMargins(16, 12, 16, 12)
        column.setSpacing(8)
        self.title, self.words, self.count = QLabel(), QLabel(), QLabel()
        self.title.setObjectName("title")
        self.words.setWordWrap(True)
        self.words.setFixedWidth(WIDE - 32)
        self.count.setObjectName("quiet")
        row = QHBoxLayout()
        self.skip, self.leave = QPushButton(tr("Skip this step")), QPushButton(tr("Leave"))
        self.skip.clicked.connect(self.on)
        self.leave.clicked.connect(self.end)
        row.addWidget(self.count)
        row.addStretch()
        row.addWidget(self.skip)
        row.addWidget(self.leave)
        for widget in (self.title, self.words):
            column.addWidget(widget)
        column.addLayout(row)
        self.card.hide()
        self._timer = QTimer(self, interval=EVERY)
        self._timer.timeout.connect(self._look)

    def begin(self):
        """Begin with the first step."""
        self._go(0)

    def on(self):
        """Go on to the next step, or end after the last."""
        if self.at is not None:
            self._go(self.at + 1)

    def end(self):
        """Leave the tour."""
        self.at = None
        self._timer.stop()
        self.card.hide()

    def _go(self, at):
        if at >= len(STEPS):
            self.end()
            self._window.tell(tr("That was a cloud. The manual goes on from here (Shift+F2); Ctrl+K finds anything."))
            return
        self.at, step = at, STEPS[at]
        self._before = step.before(self._window)
        self.title.setText(tr(step.title))
        self.words.setText(tr(step.words))
        self.count.setText(tr("step {} of {}").format(at + 1, len(STEPS)))
        self.card.show()
        self.card.adjustSize()
        self.card.move(max(self._window.picture.width() - self.card.width() - 14, 0), 60)
        self.card.raise_()
        self._timer.start()

    def _look(self):
        if self.at is not None and STEPS[self.at].done(self._window, self._before):
            self.on()
