"""Baskets at the desk: made, filled by dragging, opened on the wall, changed, checked, and packed for a shot."""

import pathlib

from PyQt6.QtCore import QObject, Qt, pyqtSignal
from PyQt6.QtGui import QImage, QPainter
from PyQt6.QtWidgets import QFileDialog, QInputDialog, QLineEdit, QMessageBox

from ....core.aside import write_whole
from ....core.exchange.png import png_of
from ....core.library.baskets import (
    Basket,
    basket_named,
    baskets_in,
    brought_up_to_date,
    forget_basket,
    keep_basket,
    moved,
    noted,
    renamed_basket,
    versions_of,
    with_versions,
    without,
)
from ....core.library.packing import contact_sheet, packed, troubles
from ....core.problems import OutOfLimits, Problem
from ... import style
from ...dialogs.asking import ask_choice
from ...fields.cards import CardTile
from ...view.pixels import thumb_of
from ...words import counted, tr
from .wall import VERSIONS, versions_dragged

SHOWN = 4
"""Pictures on the tile of a basket."""
STEPS = 200
"""That can be taken back."""


class Baskets(QObject):
    """Joins the baskets of the library, the tray, and the wall on which one of them is open.

    Parameters
    ----------
    station : LibraryStation

    Attributes
    ----------
    all : list of Basket
    open : str
        Name of the one that the wall shows; empty for none.
    held : list of (Item, Version or None, int)
        What is in that one, see `core.library.baskets.versions_of`.
    problems : list of Sentence
        What speaks against handing it over.
    """

    def __init__(self, station):
        super().__init__(station)
        self._station, self._services = station, station.services
        self.all, self.open, self.held, self.problems = [], "", [], []
        self._done, self._undone = [], []

    @property
    def library(self):
        """The library that they belong to."""
        return self._station.folder

    @property
    def opened(self):
        """The basket on the wall: Basket, or None."""
        return next((basket for basket in self.all if basket.name == self.open), None)

    def look_again(self):
        """Read them anew."""
        self.all = baskets_in(self.library)
        basket = self.opened
        self.open = "" if basket is None else self.open
        # Here, and not with each card that is chosen: it reads a page of every version in it.
        self.held = [] if basket is None else versions_of(self.library, basket)
        self.problems = [] if basket is None else troubles(self.library, basket)

    def forget_steps(self):
        """Nothing can be taken back of another library."""
        self._done, self._undone, self.open = [], [], ""

    # -- which one is on the wall ---------------------------------------------------------------

    def show(self, name):
        """Let the wall show a basket, or everything again.

        Parameters
        ----------
        name : str
            Empty for everything.
        """
        self.open = "" if name == self.open else name
        self.look_again()
        self._station.show_found()

    def places(self):
        """Places in the basket of the rows on the wall: list of int."""
        return [n for n, (_, version, _) in enumerate(self.held) if version is not None]

    def place(self):
        """Place of the chosen version in the open basket: int, or None."""
        chosen = self._station.chosen
        return next((n for n, (_, version, _) in enumerate(self.held)
                     if version is not None and chosen is not None and version.folder == chosen.folder), None)

    # -- changing -------------------------------------------------------------------------------

    def apply(self, label, name, change):
        """Change a basket as one step that can be taken back.

        Parameters
        ----------
        label : str
        name : str
        change : callable
            Given the Basket, which is new where there is none of that name; returns it as it is to be.

        Returns
        -------
        bool
            Whether it was done.
        """
        try:
            before = basket_named(self.library, name) if any(basket.name == name for basket in self.all) else None
            after = change(Basket(name=name) if before is None else before)
            if after == before:
                return False
            keep_basket(self.library, after)
        except Problem as problem:
            self._services.tell(tr(problem.sentence))
            return False
        except ValueError:
            self._services.tell(tr("A basket is called by letters and figures, without a slash."))
            return False
        self._did(label, name, before, after)
        return True

    def _did(self, label, name, before, after):
        self._done = [*self._done, (label, name, before, after)][-STEPS:]
        self._undone = []
        self._follow()

    def _follow(self):
        self.look_again()
        self._station.show_found()
        self._services.steps_changed.emit()

    @property
    def steps(self):
        """What can be taken back, and done again: (str or None, str or None)."""
        return tuple(steps[-1][0] if steps else None for steps in (self._done, self._undone))

    def undo(self):
        """Take the last step back."""
        self._go(self._done, self._undone, 2)

    def redo(self):
        """Do it again."""
        self._go(self._undone, self._done, 3)

    def _go(self, steps, others, wanted):
        if not steps:
            return
        step = steps.pop()
        others.append(step)
        _, name, *_ = step
        there = any(basket.name == name for basket in self.all)
        try:
            if step[wanted] is not None:
                keep_basket(self.library, step[wanted])
            elif there:
                forget_basket(self.library, name)
        except Problem as problem:
            self._services.tell(tr(problem.sentence))
        self._follow()

    def new(self, versions=()):
        """Ask what a basket is called, and make it, with the versions that are selected.

        Parameters
        ----------
        versions : sequence of Version, optional
            Default those.
        """
        versions = versions or self._station.selected()
        name, yes = QInputDialog.getText(self._services.over, tr("New basket"), tr("The shot, or what it is for:"))
        name = name.strip()
        if not yes or not name:
            return
        if any(basket.name == name for basket in self.all):
            self.put(name, versions)
        elif self.apply(tr("new basket"), name, lambda basket: with_versions(basket, versions)):
            self._services.tell(tr("Drag cards onto {} to put them into it.").format(name))

    def put(self, name, versions):
        """Put versions into a basket.

        Parameters
        ----------
        name : str
        versions : sequence of Version
        """
        if self.apply(tr("put into {}").format(name), name, lambda basket: with_versions(basket, versions)):
            held = len(basket_named(self.library, name).items)
            self._services.tell(counted("{} holds one version now.", "{} holds {} versions now.", held).format(name, held))

    def put_dragged(self, name, data):
        """Put the versions of cards that were dropped into a basket.

        Parameters
        ----------
        name : str
        data : QMimeData
        """
        self.put(name, versions_dragged(data))

    def take_out(self):
        """Take the selected versions out of the open basket."""
        folders = {version.folder for version in self._station.selected()}
        places = [n for n, (_, version, _) in enumerate(self.held) if version is None and not folders
                  or version is not None and version.folder in folders]
        self.apply(tr("take out"), self.open, lambda basket: without(basket, places))

    def move(self, by):
        """Let the chosen version stand earlier or later in the open basket.

        Parameters
        ----------
        by : int
        """
        place = self.place()
        if place is not None:
            self.apply(tr("order"), self.open, lambda basket: moved(basket, place, by))

    def say(self, note):
        """Say something else of the open basket.

        Parameters
        ----------
        note : str
        """
        self.apply(tr("note"), self.open, lambda basket: basket.edited(note=note[:4000]))

    def say_of_chosen(self, note):
        """Say something else of the chosen version in it.

        Parameters
        ----------
        note : str
        """
        place = self.place()
        if place is not None:
            self.apply(tr("note"), self.open, lambda basket: noted(basket, place, note[:1000]))

    def update(self):
        """Take the newest versions of all that is in the open basket."""
        if not self.apply(tr("take the newest"), self.open, lambda basket: brought_up_to_date(self.library, basket)):
            self._services.tell(tr("All of them are the newest."))

    def rename(self, name):
        """Ask what a basket is called from now on.

        Parameters
        ----------
        name : str
        """
        new, yes = QInputDialog.getText(self._services.over, tr("Rename basket"), tr("From now on:"),
                                        QLineEdit.EchoMode.Normal, name)
        if not yes or not new.strip():
            return
        try:
            basket = renamed_basket(self.library, name, new)
        except (Problem, OutOfLimits) as problem:
            self._services.tell(tr(problem.sentence))
            return
        self.open = basket.name if self.open == name else self.open
        self._done, self._undone = [], []  # they speak of the old name
        self._follow()

    def delete(self, name):
        """Delete a basket; undo brings it back.

        Parameters
        ----------
        name : str
        """
        try:
            before = basket_named(self.library, name)
            forget_basket(self.library, name)
        except Problem as problem:
            self._services.tell(tr(problem.sentence))
            return
        self._did(tr("delete basket"), name, before, None)
        self._services.tell(tr("The basket {} was deleted; its versions stay. Ctrl+Z brings it back.").format(name))

    # -- leaving for the shot -------------------------------------------------------------------

    def sheet(self):
        """Ask for a file, and write a contact sheet of the open basket."""
        basket, library = self.opened, self.library
        path = self._asked(tr("Contact sheet"), f"{basket.name}.png", tr("Picture (*.png)"))
        if path is not None:
            self._services.jobs.begin(
                lambda ticket: write_whole(path, png_of(contact_sheet(library, basket))),
                lambda _: self._services.tell(tr("{} is written.").format(path)), tr("Contact sheet of {}").format(basket.name))

    def pack(self):
        """Ask for a place, say what speaks against it, and copy the open basket there with all its files."""
        basket, library, found = self.opened, self.library, self.problems
        if found:
            said = "\n".join(tr(each) for each in found[:8]) + (f"\n… {len(found) - 8}" if len(found) > 8 else "")
            answers = [(tr("Pack it all the same"), QMessageBox.ButtonRole.AcceptRole),
                       (tr("Not yet"), QMessageBox.ButtonRole.RejectRole)]
            if ask_choice(self._services.over, said, answers, default=1) != 0:
                return
        path = self._asked(tr("Pack the basket"), f"{basket.name}.tar", tr("Archive (*.tar);;Folder (*)"))
        if path is not None:
            self._services.jobs.begin(
                lambda ticket: packed(library, basket, path, ticket),
                lambda facts: self._services.tell(tr("{} versions are packed in {}.").format(facts["versions"], path)),
                tr("Pack {}").format(basket.name))

    def _asked(self, title, name, kinds):
        path, _ = QFileDialog.getSaveFileName(self._services.over, title, str(self._services.files.folder / name), kinds)
        return pathlib.Path(path) if path else None

    # -- tiles ----------------------------------------------------------------------------------

    def tiles(self):
        """A tile for each basket: list of BasketTile."""
        return [BasketTile(self, basket, versions_of(self.library, basket.edited(items=basket.items[:SHOWN])))
                for basket in self.all]


class BasketTile(CardTile):
    """A basket: its first pictures, its name, and how many versions are in it; cards can be dropped on it."""

    dropped = pyqtSignal(object)

    def __init__(self, baskets, basket, held):
        note = f"{basket.note}<br>" if basket.note else ""
        super().__init__(basket.name, note + tr("A click shows it on the wall; cards that are dropped on it are put into it; "
                                                "right click for more."), _collage(held), line=f"({len(basket.items)})")
        self._baskets, self.name = baskets, basket.name
        self.setAcceptDrops(True)
        self.setChecked(basket.name == baskets.open)
        self.clicked.connect(lambda: baskets.show(basket.name))

    def dragEnterEvent(self, event):
        if event.mimeData().hasFormat(VERSIONS):
            event.acceptProposedAction()

    def dropEvent(self, event):
        event.acceptProposedAction()
        self._baskets.put_dragged(self.name, event.mimeData())


def _collage(held):
    """The first pictures of a basket as one: QImage, or None of an empty one."""
    thumbs = [thumb for _, version, _ in held if version is not None and not (thumb := thumb_of(version)).isNull()]
    if len(thumbs) < 2:
        return thumbs[0] if thumbs else None
    image = QImage(240, 160, QImage.Format.Format_RGB888)
    image.fill(style.LINE)
    painter = QPainter(image)
    for n, thumb in enumerate(thumbs[:SHOWN]):
        small = thumb.scaled(119, 159 if len(thumbs) == 2 else 79, Qt.AspectRatioMode.KeepAspectRatioByExpanding,
                             Qt.TransformationMode.SmoothTransformation)
        wide, high = 119, 160 if len(thumbs) == 2 else 79
        left, top = (small.width() - wide) // 2, max((small.height() - high) // 2, 0)
        painter.drawImage(n % 2 * 121, n // 2 * 81, small, left, top, wide, high)
    painter.end()
    return image
