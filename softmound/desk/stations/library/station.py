"""Library: publish this mound, and see what was published."""

import pathlib

from PyQt6.QtCore import QTimer, QUrl
from PyQt6.QtGui import QDesktopServices
from PyQt6.QtWidgets import (
    QFileDialog,
)

from ....core.library.asset import recipe_mark
from ....core.library.index import Index
from ....core.library.keeping import retire
from ....core.library.likeness import apart
from ....core.library.shelf import verify
from ....core.recipe import Problem
from ...strip import COMPUTING, FRESH, OLD
from ..station import Station
from .relighting import Relighting
from .settings import LibrarySettings
from .tray import ShelfTray, paint_cards

MOST_RELIT = 60
"""Pictures that are made anew in one light; further to the right the cards keep their own."""
RESTS = 250
"""Milliseconds after which the light counts as chosen."""
AT_ONCE = 200
"""Versions that are taken into the index before the hand is let go on."""


class LibraryStation(Station):
    """The station.

    Attributes
    ----------
    versions : list of Version
        What the library holds, the newest first.
    found : list of Version
        What of it is shown: what is searched for, or all.
    chosen : Version or None
    words, order : str
        What is searched for, and how it is sorted.
    like : Version or None
        Show what is most like this one instead.
    """

    name = "Library"
    made = False

    def __init__(self, window):
        super().__init__(window)
        self.versions, self.found = [], []
        self.chosen = self.like = None
        self.words, self.order = "", "newest"
        self._index = None
        self.alike_lit = False
        self._relighting, self._lit_by = Relighting(self._take_relit), None
        self._wait = QTimer(window, interval=RESTS, singleShot=True)
        self._wait.timeout.connect(self._relight)
        self._more = QTimer(window, interval=0, singleShot=True)
        self._more.timeout.connect(self.look_again)
        self.tray = ShelfTray(self)
        self.settings = LibrarySettings(self)
        self.look_again()

    @property
    def folder(self):
        """The folder that is shown and published to."""
        return self.window.delivering.library

    def join(self):
        self.window.delivering.published.connect(self.look_again)

    def show_mound(self, mound):
        self.settings.show_mound(mound)
        if self.alike_lit:
            self._wait.start()

    def show_tile(self, tile):
        mound = self.document.mound
        tile.show_state(COMPUTING if self.window.jobs.busy else FRESH if self.published_now(mound) else OLD)
        newest = next((v for v in self.versions if v.facts["name"] == mound.name), None)
        tile.blank = paint_cards
        if newest is not None:
            tile.show_image(self.tray.model.image(newest))

    def look_again(self):
        """Read the folder anew; of a large library that is new to this machine, some at a time."""
        if self._index is None or self._index.library != self.folder:
            self._let_go_of_index()
            self._index, self.versions = Index(self.folder), []
        self._index.refresh(most=AT_ONCE)
        if self._index.behind:
            self._more.start()
            if self.versions:
                return  # the newest are there to be seen; all others come at once, when all are known
        self.versions = self._index.search()
        folders = [v.folder for v in self.versions]
        self.chosen, self.like = (v if v is not None and v.folder in folders else None for v in (self.chosen, self.like))
        self._show_found()

    def end(self):
        self._relighting.end()
        self._let_go_of_index()

    def _let_go_of_index(self):
        self._more.stop()
        self._wait.stop()
        if self._index is not None:
            self._index.close()
            self._index = None

    def light_alike(self, on):
        """Show all that is on the shelf in the light of the present mound, or each in its own.

        Parameters
        ----------
        on : bool
        """
        self.alike_lit, self._lit_by = on, None
        self.tray.model.relit.clear()
        self.tray.list.viewport().update()
        self._relighting.stop()
        if on:
            self._relight()

    def _relight(self):
        mound = self.document.mound
        if not self.alike_lit:
            return
        wanted = (mound.light, mound.view.azimuth, mound.view.elevation, tuple(v.folder for v in self.found))
        if wanted != self._lit_by:
            self._lit_by = wanted
            self._relighting.ask(self.found[:MOST_RELIT], mound.light, mound.view)

    def _take_relit(self, folder, pixels):
        if self.alike_lit:
            self.tray.model.take_relit(folder, pixels)

    def search(self, words=None, order=None):
        """Show what is looked for.

        Parameters
        ----------
        words : str, optional
            Beginnings of words in the name, note, tags, shots and author.
        order : str, optional
            Of `core.library.choices.ORDERS`.
        """
        self.words = self.words if words is None else words
        self.order = self.order if order is None else order
        self.like = None
        self._show_found()

    def more_like(self):
        """Show what is most like the chosen version, or all again."""
        self.like = self.chosen if self.like is None else None
        self._show_found()

    def _show_found(self):
        if self.like is not None:
            others = [v for v in self.versions if v.folder != self.like.folder]
            far = apart(self.like.facts.get("shape", {}), [v.facts.get("shape", {}) for v in others])
            self.found = [self.like, *(others[n] for n in far.argsort(kind="stable") if far[n] < float("inf"))]
        elif self.words.strip() or self.order != "newest":
            self.found = self._index.search(self.words, order=self.order)
        else:
            self.found = self.versions
        self.tray.show_versions(self.found, bool(self.versions))
        if self.alike_lit:
            self._relight()
        self.settings.show_mound(self.document.mound)

    def choose(self, number):
        """Make a version the chosen one.

        Parameters
        ----------
        number : int or None
            Of those found.
        """
        self.chosen = self.found[number] if number is not None else None
        self.tray.show_state()
        self.settings.show_mound(self.document.mound)

    def retire_chosen(self):
        """Put the chosen version aside."""
        version = self.chosen
        try:
            retire(version)
        except Problem as problem:
            self.window.tell(str(problem))
            return
        self.look_again()
        self.window.tell(f"{version.facts['name']} v{version.number:03d} was put aside; softmound library restore brings it back.")

    def choose_folder(self):
        """Ask for another library folder."""
        folder = QFileDialog.getExistingDirectory(self.settings, "Library folder", str(self.folder))
        if folder:
            self.window.delivering.library = pathlib.Path(folder)
            self.look_again()

    def verify_chosen(self):
        """Check the chosen version against its checksums, and say what came of it."""
        try:
            version = verify(self.chosen.folder)
            self.window.tell(f"{version.facts['name']} v{version.number:03d} is as published.")
        except Problem as problem:
            self.window.tell(str(problem))

    def reveal(self):
        """Show the chosen version, or the library, in the file manager."""
        folder = self.chosen.folder if self.chosen else self.folder
        QDesktopServices.openUrl(QUrl.fromLocalFile(str(folder)))

    def published_now(self, mound):
        """Whether the newest version of this name holds this very recipe at its final voxel.

        Parameters
        ----------
        mound : Mound

        Returns
        -------
        bool
        """
        for version in self.versions:
            if version.facts["name"] == mound.name:
                same_voxel = abs(version.facts["voxel"] - mound.voxels.final) < 1e-9
                return same_voxel and version.facts.get("recipe") == recipe_mark(mound)
        return False
