"""Library: publish this mound, and see what was published."""

import pathlib

from PyQt6.QtCore import QUrl
from PyQt6.QtGui import QDesktopServices
from PyQt6.QtWidgets import (
    QFileDialog,
)

from ....core.library.asset import recipe_mark
from ....core.library.shelf import listed, verify
from ....core.recipe import Problem
from ...strip import COMPUTING, FRESH, OLD
from ..station import Station
from .settings import LibrarySettings
from .tray import ShelfTray, paint_cards


class LibraryStation(Station):
    """The station.

    Attributes
    ----------
    versions : list of Version
        What the library holds, the newest first.
    chosen : Version or None
    """

    name = "Library"
    made = False

    def __init__(self, window):
        super().__init__(window)
        self.versions = []
        self.chosen = None
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

    def show_tile(self, tile):
        mound = self.document.mound
        tile.show_state(COMPUTING if self.window.jobs.busy else FRESH if self.published_now(mound) else OLD)
        newest = next((v for v in self.versions if v.facts["name"] == mound.name), None)
        tile.blank = paint_cards
        if newest is not None:
            tile.show_image(self.tray.model.image(newest))

    def look_again(self):
        """Read the folder anew."""
        self.versions = listed(self.folder)
        folders = [v.folder for v in self.versions]
        if self.chosen is not None and self.chosen.folder not in folders:
            self.chosen = None
        self.tray.show_versions(self.versions)
        self.settings.show_mound(self.document.mound)

    def choose(self, number):
        """Make a version the chosen one.

        Parameters
        ----------
        number : int or None
        """
        self.chosen = self.versions[number] if number is not None else None
        self.settings.show_mound(self.document.mound)

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
