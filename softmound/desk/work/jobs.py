"""Work beside the hand: one piece after the other, with progress, a queue, and stop."""

import time
from collections import deque
from dataclasses import dataclass

from PyQt6.QtCore import QObject, pyqtSignal
from PyQt6.QtWidgets import QHBoxLayout, QLabel, QProgressBar, QPushButton, QWidget

from ...core.engine.background import Job
from ..dialogs.asking import asking
from ..fields.figures import seconds
from ..words import tr
from .relay import Relay

MOST_WAITING = 20


@dataclass(frozen=True, eq=False)
class Piece:
    """What is to be done.

    Attributes
    ----------
    work, done : callable
        See `Jobs.begin`.
    name : str
        In the queue.
    over : callable
        Called once it will not be done any more: when it is done, has failed, was stopped or taken out.
    mark : str
        Of who keeps it for the next start.
    passing : bool
        Of no use once the window is gone.
    """

    work: callable
    done: callable
    name: str = "Work in the background"
    over: callable = lambda: None
    mark: str = ""
    passing: bool = False


class Jobs(QObject):
    """Runs pieces of work in their order, each on a thread of its own while the interface goes on.

    Parameters
    ----------
    parent : QObject, optional

    Signals
    -------
    changed()
        Something began, ended or was put in the queue.
    progressed(float, str)
        Share of the present piece, and words for what is done.
    failed(str), said(str)
        Why a piece could not be done; what else there is to say.
    ended(str, float)
        A piece is over, whatever became of it: its name, and seconds that it took.
    """

    changed = pyqtSignal()
    progressed = pyqtSignal(float, str)
    failed = pyqtSignal(str)
    said = pyqtSignal(str)
    ended = pyqtSignal(str, float)

    def __init__(self, parent=None):
        super().__init__(parent)
        self.job = None
        self._present, self._waiting, self._relay, self._began = None, deque(), Relay(), 0.0

    @property
    def busy(self):
        """Whether something is being done."""
        return self.job is not None

    @property
    def waiting(self):
        """How many pieces wait their turn."""
        return len(self._waiting)

    @property
    def present(self):
        """The piece that is being done: Piece or None."""
        return self._present if self.busy else None

    @property
    def queue(self):
        """Pieces that wait, in their order: list of Piece."""
        return list(self._waiting)

    @property
    def lasting(self):
        """Names of the pieces that are worth going on with when the window is gone, the present one first: list of str."""
        there = ([self._present] if self.busy else []) + self.queue
        return [piece.name for piece in there if not piece.passing]

    def shift(self, piece, step):
        """Let a piece that waits be done sooner or later.

        Parameters
        ----------
        piece : Piece
        step : int
            -1 sooner, 1 later.
        """
        if piece not in self._waiting:
            return  # it has begun meanwhile
        at = self._waiting.index(piece)
        self._waiting.remove(piece)
        self._waiting.insert(max(at + step, 0), piece)
        self.changed.emit()

    def take_out(self, piece):
        """Let a piece that waits not be done.

        Parameters
        ----------
        piece : Piece
        """
        if piece in self._waiting:
            self._waiting.remove(piece)
            piece.over()
            self.changed.emit()

    def begin(self, work, done, name=Piece.name, over=Piece.over, mark="", most=MOST_WAITING, passing=False):
        """Do a piece of work, now or when those before it have ended.

        Parameters
        ----------
        work : callable
            Given a `Ticket`, returns a result; in a thread of its own.
        done : callable
            Given the result, in the interface's thread.
        name : str, optional
            In the queue.
        over : callable, optional
        mark : str, optional
            See `Piece`.
        most : int, optional
            Refused when so many wait.
        passing : bool, optional
            Of no use once the window is gone.
        """
        if self.waiting >= most:
            self.said.emit(tr("{} pieces of work wait already; stop some, or wait for them.").format(self.waiting))
            over()
            return
        self._waiting.append(Piece(work, done, name, over, mark, passing))
        if self.busy:
            self.said.emit(tr("It waits its turn, after the work that is being done."))
            self.changed.emit()
        else:
            self._next()

    def _next(self):
        if self._waiting:
            self._present, self._began = self._waiting.popleft(), time.monotonic()
            told = self._relay.to(self._told)
            self.job = job = Job(self._present.work, lambda share, words: told(job, share, words), self._relay.to(self._ended))
            self.changed.emit()
            job.start()
        else:
            self._present = self.job = None
            self.changed.emit()

    def _told(self, job, share, words):
        if job is self.job:
            self.progressed.emit(share, words)

    def _ended(self, job):
        if job is not self.job:
            return
        piece = self._present
        self.job = None
        piece.over()
        self.ended.emit(piece.name, time.monotonic() - self._began)
        if job.problem:
            self.failed.emit(tr(job.problem))
        elif job.stopped:
            self.said.emit(tr("Stopped; nothing was changed."))
        else:
            piece.done(job.result)
        # What was done with the result may have begun the next piece itself.
        if self.job is None:
            self._next()

    def stop(self):
        """Stop the present piece; the next one begins."""
        if self.job is not None:
            self.job.stop()

    def end(self):
        """Stop everything and wait for it; nothing is told any more."""
        self._waiting.clear()
        self._relay.close()
        if self.job is not None:
            self.job.stop()
            self.job.wait()
            self.job = None


class JobBar(QWidget):
    """Progress of the present piece, how many wait, and a button that stops it.

    Parameters
    ----------
    jobs : Jobs
    """

    def __init__(self, jobs, parent=None):
        super().__init__(parent)
        self._jobs, self._begun = jobs, 0.0
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(8)
        self.label = QLabel()
        self.label.setObjectName("quiet")
        self.progress = QProgressBar()
        self.progress.setTextVisible(False)
        self.progress.setFixedWidth(170)
        self.progress.setAccessibleName(tr("Progress"))
        self.stop = QPushButton(tr("Stop"))
        self.stop.setStyleSheet("padding: 1px 10px;")
        self.stop.setToolTip(tr("Stop the work in the background (Esc)."))
        self.stop.clicked.connect(jobs.stop)
        self.queue = QPushButton()
        self.queue.setStyleSheet("padding: 1px 10px;")
        self.queue.setToolTip(tr("See what waits, do it sooner or later, or not at all."))
        self.queue.clicked.connect(self._show_queue)
        for widget in (self.label, self.progress, self.queue, self.stop):
            row.addWidget(widget)
        jobs.changed.connect(self._changed)
        jobs.progressed.connect(self._progressed)
        self._shown = None
        self._changed()

    def _changed(self):
        if self._jobs.job is not self._shown:
            self._shown, self._begun = self._jobs.job, time.monotonic()
            self.progress.setValue(0)
            self.label.setText("")
        self.setVisible(self._jobs.busy)
        self.queue.setVisible(self._jobs.waiting > 0)
        self.queue.setText(tr("{} waiting").format(self._jobs.waiting))

    def _show_queue(self):
        from ..dialogs.queue_dialog import QueueDialog

        with asking(QueueDialog(self._jobs, self.window())) as dialog:
            dialog.exec()

    def _progressed(self, share, words):
        self.progress.setValue(round(100 * share))
        gone = time.monotonic() - self._begun
        left = f", {seconds(gone / share * (1 - share))} left" if share > 0.1 and gone > 1.5 else ""
        self.label.setText(words + left)
