"""The wall of starts: each a live small picture lit as it will be, with what can be asked of it."""

from PyQt6.QtCore import Qt, QTimer
from PyQt6.QtGui import QKeySequence, QPixmap, QShortcut
from PyQt6.QtWidgets import QDialog, QHBoxLayout, QPushButton, QVBoxLayout

from ...core.engine.background import Job
from ...core.engine.start_sheet import start_picture
from ...core.recipe import Problem
from ...core.starts.looks_as import SIZE
from ...core.starts.species import LEAST_SPAN, MOST_SPAN, RANGES, STARTS, start
from ..fields.controls import NumberField, Row, text_label
from ..view.pixels import image_of_pixels
from ..words import tr
from ..work.relay import Relay
from .examples_dialog import asked_example
from .picture_list import WORD, PictureList, untinted

PICTURE = (146, 88)
PAUSE = 120
"""Milliseconds the hand rests before pictures are made anew."""


def _said_of(kind):
    """The sentence of a start, as a tip."""
    sentence = tr(kind.sentence)
    return (tr("{}.") if kind.natural else tr("{}; no sky has it.")).format(sentence[:1].upper() + sentence[1:])


class WallDialog(QDialog):
    """Shows every start and takes one.

    What is asked for holds for all; untouched, each start has the numbers of its species. Pictures come in one by one, the
    chosen one first, and are given up when the hand moves on.

    Parameters
    ----------
    parent : QWidget, optional

    Attributes
    ----------
    mound : Mound or None
        The start that was taken.
    part : tuple or None
        What of its bounds the cloud fills, once its picture is there.
    finished : bool
        It is an example, which is looked at as it says.
    photographed : bool
        A photograph is to be asked for instead.
    """

    explained = "reference/starts"

    def __init__(self, parent=None):
        super().__init__(parent)
        self.setWindowTitle(tr("New mound"))
        self.resize(1120, 700)
        self.mound, self.part, self.finished, self.photographed = None, None, False, False
        self._asked, self._seed, self._job = {}, 3, None
        self._parts = {}
        layout = QVBoxLayout(self)
        layout.setContentsMargins(18, 16, 18, 14)
        layout.addWidget(text_label(tr("Begin with a cloud"), "title"))
        layout.addWidget(text_label(tr("Every part of it can be changed afterwards: forms, grains and light. "
                                       "Double-click takes one.")))
        body = QHBoxLayout()
        self.list = PictureList(PICTURE, (14, 34), "Starts")
        blank = QPixmap(*PICTURE)
        blank.fill(Qt.GlobalColor.transparent)
        for species, kind in STARTS.items():
            self.list.add(species, tr(species.capitalize()), _said_of(kind), blank)
        self.list.currentItemChanged.connect(lambda *_: self._follow())
        self.list.itemActivated.connect(lambda *_: self._take())
        body.addWidget(self.list, 1)
        body.addLayout(self._numbers())
        layout.addLayout(body, 1)
        self.said = text_label("")
        foot = QHBoxLayout()
        foot.addWidget(self.said, 1)
        self.again = QPushButton(tr("Roll again"))
        self.again.setToolTip(tr("Other seeds for all (R)."))
        self.again.clicked.connect(self.roll)
        self.take = QPushButton(tr("Begin with it"))
        self.take.setObjectName("main")
        self.take.setDefault(True)
        self.take.clicked.connect(self._take)
        close = QPushButton(tr("Close"))
        close.clicked.connect(self.reject)
        self.examples = QPushButton(tr("Examples…"))
        self.examples.setToolTip(tr("Finished clouds, to take apart."))
        self.examples.clicked.connect(self.choose_example)
        self.photograph = QPushButton(tr("From a photograph…"))
        self.photograph.setToolTip(tr("A mound with the outline and the sun of a photographed cloud."))
        self.photograph.clicked.connect(self._leave_for_photograph)
        for button in (self.photograph, self.examples, self.again, self.take, close):
            foot.addWidget(button)
        layout.addLayout(foot)
        QShortcut(QKeySequence("R"), self, self.roll)
        self._relay = Relay()
        self._pause = QTimer(self, singleShot=True, interval=PAUSE)
        self._pause.timeout.connect(self._picture_all)
        self.list.setCurrentRow(1)
        self._picture_all()

    def _numbers(self):
        column = QVBoxLayout()
        self.span = NumberField(tr("Span"), LEAST_SPAN, MOST_SPAN, 300.0, "m",
                                tr("Longest side of the model."), "log", (10.0, 3000.0))
        self.fields = {
            "looks": NumberField(
                tr("Looks as large as"),
                50.0,
                30_000.0,
                SIZE,
                "m",
                tr("The natural cloud that has its optical depth: a model of 300 m can look like 2 km of cloud."),
                "log",
                (200.0, 10_000.0),
            ),
            "height": NumberField(tr("Height"), *RANGES["height"], 0.5, "", tr("Over the span."), "linear", (0.1, 1.6)),
            "lean": NumberField(
                tr("Lean"), *RANGES["lean"], 0.1, "", tr("How far the tops stand downwind, over the height."), "linear", (-0.6, 0.6)
            ),
            "turrets": NumberField(
                tr("Turrets"), *RANGES["turrets"], 7, "", tr("Towers of thermals, or pieces."), "linear", (1, 16), True
            ),
            "tired": NumberField(
                tr("Tired"), *RANGES["tired"], 0.25, "", tr("0: crisp and crowded with buds. 1: old and frayed."), "linear"
            ),
        }
        for name, field in self.fields.items():
            field.changed.connect(lambda value, _moving, n=name: self._ask(n, value))
        for field in (self.span, *self.fields.values()):
            field.setFixedWidth(250)
            column.addWidget(field)
        self.plain = QPushButton(tr("As the species has them"))
        self.plain.setToolTip(tr("Forget what was asked for, but for the span."))
        self.plain.clicked.connect(self._forget)
        column.addWidget(Row(self.plain))
        column.addStretch()
        return column

    @property
    def species(self):
        """The chosen start's word."""
        return self.list.word

    def _ask(self, name, value):
        self._asked[name] = round(value) if name == "turrets" else value
        self._later()

    def _forget(self):
        self._asked = {}
        self._follow()
        self._later()

    def _follow(self):
        """Show the numbers of the chosen start."""
        kind = STARTS[self.species]
        own = {**vars(kind.wish), "looks": kind.looks}
        for name, field in self.fields.items():
            field.set(self._asked.get(name, own[name]))
            field.set_reset(own[name])

    def roll(self):
        """Other seeds for all."""
        self._seed = (self._seed * 7 + 11) % 997
        self._later()

    def made(self, species, span=None):
        """A start as it is asked for.

        Parameters
        ----------
        species : str
        span : float, optional
            Metres; default as the field says.

        Returns
        -------
        Mound
        """
        return start(species, "Untitled", self.span.value if span is None else span, self._seed, **self._asked)

    def _later(self):
        self._stop()
        self._pause.start()

    def _picture_all(self):
        self._stop()
        self._parts = {}
        # All small pictures are of one span: it changes nothing that they show. The chosen one comes first.
        rows = sorted(range(self.list.count()), key=lambda row: row != self.list.currentRow())
        wanted = [(row, self.made(self.list.item(row).data(WORD), 300.0)) for row in rows]
        shown, ended = self._relay.to(self._shown), self._relay.to(self._ended)

        def work(ticket):
            for row, mound in wanted:
                ticket.tick(0.0)
                shown(job, row, start_picture(mound, *PICTURE, ticket))

        job = self._job = Job(work, lambda share, words: None, ended)
        self.said.setText(tr("Making the pictures…"))
        job.start()

    def _shown(self, job, row, picture):
        if job is self._job:
            self.list.item(row).setIcon(untinted(QPixmap.fromImage(image_of_pixels(picture.pixels))))
            self._parts[row] = picture.part

    def _ended(self, job):
        if job is self._job:
            self.said.setText(tr(job.problem or ""))

    def _stop(self):
        if self._job is not None:
            self._job.stop()
            self._job = None

    def _take(self):
        try:
            self.mound = self.made(self.species)
        except Problem as problem:
            self.said.setText(tr(problem.sentence))
            return
        self.part = self._parts.get(self.list.currentRow())
        self.accept()

    def choose_example(self):
        """Show finished clouds instead, and take the one that is chosen."""
        self.mound = asked_example(self)
        if self.mound is not None:
            self.finished = True
            self.accept()

    def _leave_for_photograph(self):
        self.photographed = True
        self.reject()

    def done(self, result):
        job = self._job
        self._stop()
        self._pause.stop()
        self._relay.close()
        if job is not None:
            job.wait()
        super().done(result)
