"""The files of the window's mound: beginning, opening, saving, those opened lately, and leaving none of it unsaved."""

import pathlib

from PyQt6.QtCore import QObject, Qt
from PyQt6.QtWidgets import QFileDialog, QMenu, QMessageBox

from ...core.exchange.carried import mound_of_picture
from ...core.exchange.png import png_of
from ...core.fill.volumes import voxel_of_volume
from ...core.recipe import BaseLevel, Mass, Mound, Problem, Voxels, limits, read_mound
from ...core.starts.species import STARTS, start
from ..dialogs.asking import ask_choice, asking
from ..dialogs.examples_dialog import asked_example
from ..dialogs.import_dialog import ENDINGS, ImportDialog
from ..dialogs.reading_dialog import asked_mound_of
from ..dialogs.wall_dialog import WallDialog
from ..shell.remembered import recent
from ..view.photographs import asked_for, reading_with_lens
from ..view.pixels import pixels_of
from ..words import tr

FILTER = "Mounds (*.mound)"
PICTURES = (".png", ".exr")
OPENED = (".mound", ".vdb", *PICTURES)
"""Endings of files that the window opens."""
THUMB_WIDTH = 480
"""Pixels of the small picture that is saved with a mound."""


class Files(QObject):
    """Joins the document and the disk.

    Parameters
    ----------
    services : Services
    """

    def __init__(self, services):
        super().__init__(services)
        self._services, self._document = services, services.document

    @property
    def folder(self):
        """Where a dialog for files begins: beside the mound, or at home."""
        return self._document.path.parent if self._document.path else pathlib.Path.home()

    def new(self, species="mediocris"):
        """Begin a new mound.

        Parameters
        ----------
        species : str, optional
            The start it begins with.
        """
        if self.may_leave():
            self._document.open(start(species, "Untitled"))
            self._services.looking.fit()

    def choose_new(self):
        """Show the wall of starts, and begin a new mound with the one that is taken."""
        with asking(WallDialog(self._services.over)) as dialog:
            mound = dialog.mound if dialog.exec() == WallDialog.DialogCode.Accepted else None
            part, finished, photographed = dialog.part, dialog.finished, dialog.photographed
        if photographed:
            self.choose_photograph()
        if mound is not None and self.may_leave():
            self._document.open(mound)
            if not finished:
                self._services.looking.fit(part)

    def choose_photograph(self, path=None):
        """Ask for a photograph of a cloud, and begin a new mound that is blocked in by it.

        Parameters
        ----------
        path : path-like, optional
            Instead of asking.
        """
        path = asked_for(self._services.over, tr("A photograph of a cloud")) if path is None else pathlib.Path(path)

        def read(found):
            mound = asked_mound_of(*found, self._services.over)
            if mound is not None and self.may_leave():
                self._document.open(mound)

        if path is not None:
            self._services.jobs.begin(reading_with_lens(path), read, passing=True)

    def choose_example(self):
        """Show finished mounds, and open a copy of the one that is taken."""
        mound = asked_example(self._services.over)
        if mound is not None and self.may_leave():
            self._document.open(mound)

    def open_copy(self, path):
        """Open what a shipped file holds, as a mound that has no file yet.

        Parameters
        ----------
        path : path-like
        """
        if self.may_leave():
            try:
                self._document.open(read_mound(path))
            except Problem as problem:
                self._services.trouble(tr(problem.sentence))

    def ask_and_open(self):
        """Ask for a file and open it."""
        path, _ = QFileDialog.getOpenFileName(self._services.over, tr("Open a mound, a volume, or what made a picture"),
                                              str(self.folder), tr("Mounds, volumes, pictures (*.mound *.vdb *.png *.exr)"))
        if path:
            self.open(path)

    def open(self, path):
        """Open a file, unless the present mound is to be kept.

        Parameters
        ----------
        path : path-like
        """
        if pathlib.Path(path).suffix.lower() == ".vdb":
            self._open_volume(pathlib.Path(path))
            return
        if not self.may_leave():
            return
        try:
            if pathlib.Path(path).suffix.lower() in PICTURES:
                self._document.open(mound_of_picture(path), saved=False)
                self._services.tell(tr("Opened what made {}.").format(pathlib.Path(path).name))
            else:
                self._document.read(path)
        except Problem as problem:
            self._services.trouble(tr(problem.sentence))

    def _open_volume(self, path):
        """A mound of one volume, whose density stays what it is unless it is chosen otherwise."""
        def done(read):
            with asking(ImportDialog(path, read, self._services.over, "density")) as dialog:
                form = dialog.form if dialog.exec() == ImportDialog.DialogCode.Accepted else None
            if form is not None and self.may_leave():
                bounds = limits(Voxels, "final")
                voxel = min(max(float(f"{voxel_of_volume(form):.4g}"), bounds[0]), bounds[1])
                self._document.open(Mound(name=form.name, voxels=Voxels(final=voxel), mass=Mass(
                    forms=(form,), base=BaseLevel(on=False))))
                self._services.looking.fit()

        self._services.jobs.begin(ENDINGS[".vdb"](path), done)

    def save(self):
        """Save to the mound's file, asking for one when it has none.

        Returns
        -------
        bool
            False when it was not saved.
        """
        if self._document.path is None:
            return self.save_as()
        return self._save_to(self._document.path)

    def save_as(self):
        """Ask for a file and save to it.

        Returns
        -------
        bool
            False when it was not saved.
        """
        proposed = self.folder / f"{self._document.mound.name}.mound"
        path, _ = QFileDialog.getSaveFileName(self._services.over, tr("Save the mound"), str(proposed), FILTER)
        if not path:
            return False
        path = pathlib.Path(path if path.endswith(".mound") else f"{path}.mound")
        return self._save_to(path)

    def _save_to(self, path):
        image = self._services.picture.image
        thumb = None
        if image is not None:
            small = image.scaledToWidth(THUMB_WIDTH, Qt.TransformationMode.SmoothTransformation)
            thumb = png_of(pixels_of(small, opacity=True))
        try:
            self._document.save(path, thumb)
        except Problem as problem:
            self._services.trouble(tr(problem.sentence))
            return False
        self._services.tell(tr("Saved {}.").format(path))
        return True

    def may_leave(self):
        """Ask what to do with a mound that is not saved.

        Returns
        -------
        bool
            False to stay.
        """
        if not self._document.dirty:
            return True
        role = QMessageBox.ButtonRole
        pressed = ask_choice(self._services.over, tr("“{}” has changes that are not saved.").format(self._document.mound.name), (
            ("Save", role.AcceptRole), (tr("Leave without saving"), role.DestructiveRole), ("Stay", role.RejectRole)))
        return self.save() if pressed == 0 else pressed == 1

    def recent_menu(self, parent):
        """A menu of the mounds opened lately, filled each time it is shown.

        Parameters
        ----------
        parent : QWidget

        Returns
        -------
        QMenu
        """
        menu = QMenu(tr("Open recent"), parent)

        def fill():
            menu.clear()
            for path in recent():
                menu.addAction(str(path), lambda p=path: self.open(p))
            if menu.isEmpty():
                menu.addAction(tr("Nothing yet")).setEnabled(False)

        menu.aboutToShow.connect(fill)
        return menu

    def starts_menu(self, parent):
        """A menu of the starts a new mound can begin with.

        Parameters
        ----------
        parent : QWidget

        Returns
        -------
        QMenu
        """
        menu = QMenu(tr("New from a start"), parent)
        for species in STARTS:
            menu.addAction(tr(species.capitalize()), lambda s=species: self.new(s))
        return menu
