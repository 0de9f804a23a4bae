"""The two bars of the window: name, menu and history above; voxels, memory, messages and work below."""

import time

from PyQt6.QtCore import QTimer
from PyQt6.QtWidgets import QHBoxLayout, QLabel, QPushButton, QToolButton, QWidget

from ...core.budget import MEMORY
from .. import style
from ..fields.figures import count, figure, memory, seconds
from ..words import counted, tr
from ..work.jobs import JobBar

SAID_FOR = 9000
"""Milliseconds for which a message stays."""


class TopBar(QWidget):
    """Menu, name of what is edited, undo, redo, fit and publish.

    Parameters
    ----------
    actions : dict of str to QAction
        Of the commands, by their names.
    menu : QMenu
    """

    def __init__(self, actions, menu):
        super().__init__()
        self.setObjectName("bar")
        self.setFixedHeight(40)
        row = QHBoxLayout(self)
        row.setContentsMargins(10, 4, 14, 4)
        row.setSpacing(6)
        self.menu = QToolButton()
        self.menu.setIcon(style.icon("menu"))
        self.menu.setAccessibleName(tr("Menu"))
        self.menu.setToolTip(tr("Menu (Alt+M)"))
        self.menu.setShortcut("Alt+M")
        self.menu.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        self.menu.setMenu(menu)
        row.addWidget(self.menu)
        self.name, self.saved = QLabel(), QLabel()
        self.name.setObjectName("title")
        self.saved.setObjectName("quiet")
        row.addSpacing(4)
        row.addWidget(self.name)
        row.addWidget(self.saved)
        row.addStretch()
        self._actions = {}
        for name, icon in (("undo", "undo-2"), ("redo", "redo-2"), ("fit", "maximize")):
            action, button = actions[name], QToolButton()
            button.setIcon(style.icon(icon))
            button.setAccessibleName(action.text())
            button.setToolTip(f"{action.text()} ({action.shortcut().toString()})")
            button.clicked.connect(action.trigger)
            row.addWidget(button)
            self._actions[name] = (action, button)
        row.addSpacing(6)
        self.publish = QPushButton(actions["publish"].text())
        self.publish.setObjectName("main")
        self.publish.clicked.connect(actions["publish"].trigger)
        row.addWidget(self.publish)

    def show_document(self, document):
        """Follow the document's name, whether it is saved, and its history.

        Parameters
        ----------
        document : Document
            Of the open station.
        """
        self.name.setText(document.name)
        if document.dirty:
            text = tr("not saved")
        elif document.saved_at is not None:
            text = tr("saved {}").format(time.strftime("%H:%M", document.saved_at))
        else:
            text = tr("saved") if document.path else ""
        self.saved.setText(text)

    def show_steps(self, undo_label, redo_label):
        """Say what can be taken back and done again in the open station.

        Parameters
        ----------
        undo_label, redo_label : str or None
            None where there is nothing.
        """
        for name, verb, what in (("undo", tr("Undo"), undo_label), ("redo", tr("Redo"), redo_label)):
            action, button = self._actions[name]
            action.setEnabled(what is not None)
            action.setText(f"{verb} {what}" if what else verb)
            button.setEnabled(what is not None)
            button.setToolTip(f"{action.text()} ({action.shortcut().toString()})")


class StatusBar(QWidget):
    """Voxels and memory, the newest message, and the work that is being done.

    Parameters
    ----------
    jobs : Jobs
    """

    def __init__(self, jobs):
        super().__init__()
        self.setObjectName("status")
        self.setFixedHeight(28)
        row = QHBoxLayout(self)
        row.setContentsMargins(16, 0, 14, 0)
        self.facts, self.said = QLabel(), QLabel()
        for label in (self.facts, self.said):
            label.setObjectName("quiet")
        self.facts.setAccessibleName(tr("Voxels and memory"))
        self.said.setAccessibleName(tr("Timing and messages"))
        self.job_bar = JobBar(jobs)
        row.addWidget(self.facts)
        row.addStretch()
        row.addWidget(self.said)
        row.addStretch()
        row.addWidget(self.job_bar)
        self._quiet = QTimer(self, singleShot=True, interval=SAID_FOR)
        self._quiet.timeout.connect(self.said.clear)

    def tell(self, text):
        """Say something, for a while.

        Parameters
        ----------
        text : str
        """
        self.said.setText(text)
        self._quiet.start()

    def show_answer(self, answer):
        """Say how large the grid of a picture is, what is kept, and how long the picture took.

        Parameters
        ----------
        answer : Answer
        """
        grid = answer.grid
        bounds = grid.brick_bounds()
        if answer.request.placed is not None:
            seen = counted("one cloud", "{} clouds", answer.members).format(count(answer.members))
            self.facts.setText(tr("{} seen · {} of {} kept").format(seen, memory(MEMORY.nbytes), memory(MEMORY.limit)))
        elif bounds is None:
            self.facts.setText(tr("no voxels"))
        else:
            dims = " × ".join(str(int(d)) for d in bounds[1] - bounds[0] + 1)
            active = tr(" · {} active").format(count(grid.active_voxels())) if not answer.request.moving else ""
            near = tr(", near {} m").format(figure(answer.near)) if answer.near else ""
            self.facts.setText(tr("{} voxels · {} m{} · {} of {} kept")
                                 .format(dims, figure(grid.voxel), near + active, memory(MEMORY.nbytes), memory(MEMORY.limit)))
        if answer.passes <= 1 and not self._quiet.isActive():
            self.said.setText(tr("lit in {}").format(seconds(answer.seconds)))
