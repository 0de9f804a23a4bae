"""Library: publish this mound, and see what was published."""

import pathlib

from PyQt6.QtCore import QTimer, QUrl
from PyQt6.QtGui import QDesktopServices
from PyQt6.QtWidgets import QApplication, QFileDialog, QInputDialog

from ....core.engine.siblings import sibling
from ....core.library.adopting import adopt
from ....core.library.asset import recipe_mark
from ....core.library.changing import brought_back, dropped, renamed, retold
from ....core.library.index import Index
from ....core.library.keeping import health, retire
from ....core.library.likeness import apart
from ....core.library.shelf import verify
from ....core.recipe import Problem
from ...asking import asking
from ...figures import memory
from ...strip import COMPUTING, FRESH, OLD
from ..station import Station
from .dialogs import AdoptDialog, BesideDialog, SayDialog
from .relighting import Relighting, Wish
from .settings import LibrarySettings
from .tray import ShelfTray, paint_cards
from .turning import PLAIN, Turning

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
        self.turning = Turning(window, self._show_turned)
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
        self.window.looking.shown.connect(self._foretold)

    def _foretold(self, answer):
        if answer.ahead is not None and self.window.station is self:
            self.settings.show_foretold(self.document.mound)

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
        self.turning.end()
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
            self._relighting.ask([Wish(version.folder, version, mound.light, mound.view) for version in self.found[:MOST_RELIT]])

    def _take_relit(self, folder, pixels):
        if self.alike_lit:
            self.tray.model.take_relit(folder, pixels)

    def _lit_as(self):
        """Light and view in which a card turns, and two are looked at side by side."""
        mound = self.document.mound
        return (mound.light, mound.view) if self.alike_lit else PLAIN

    def turn(self, number, share=0.5):
        """Let the card under the pointer turn with it, or play.

        Parameters
        ----------
        number : int or None
            Of those found; None when the pointer is elsewhere.
        share : float, optional
            How far across the card.
        """
        if number is None:
            self.turning.leave()
        else:
            self.turning.over(self.found[number], share, *self._lit_as())

    def _show_turned(self):
        self.tray.model.show_again()

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
        self.turning.leave()
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

    def use_as_form(self):
        """Add the grid of the chosen version to the present mound, in Mass."""
        version = self.chosen
        self.window.open_station("Mass")
        self.window.stations["Mass"].import_file(version.vdb(min(version.tiers)))

    def show_beside(self):
        """Show the two selected versions side by side."""
        both = [self.found[number] for number in self.tray.selected()]
        with asking(BesideDialog(both, *self._lit_as(), self.window)) as dialog:
            dialog.exec()
            dialog.end()

    def say(self):
        """Ask what is said of the chosen version, and its name, and keep that."""
        version = self.chosen
        with asking(SayDialog(version, self.window)) as dialog:
            if dialog.exec() != dialog.DialogCode.Accepted:
                return
            about, name = dialog.fields.about(), dialog.name.text().strip()
        try:
            retold(version, about)
            if name and name != version.facts["name"]:
                renamed(self.folder, version.facts["name"], name)
        except Problem as problem:
            self.window.tell(str(problem))
        self.look_again()

    def copy_path(self):
        """Put the path of the chosen version's largest file on the clipboard."""
        path = self.chosen.vdb(min(self.chosen.tiers))
        QApplication.clipboard().setText(str(path))
        self.window.tell(f"{path} is on the clipboard.")

    def drop_larger(self):
        """Delete all but the smallest file of the chosen version."""
        version = self.chosen
        self._changing(lambda ticket: dropped(version, sorted(version.tiers)[:-1]), f"Drop files of {version.facts['name']}",
                       lambda after: f"{memory(version.bytes - after.bytes)} were freed; “Bring its files back” builds them again.")

    def bring_back(self):
        """Build the files of the chosen version again that were dropped."""
        version = self.chosen
        self._changing(lambda ticket: brought_back(version, None, ticket), f"Bring files of {version.facts['name']} back",
                       lambda after: f"{after.facts['name']} v{after.number:03d} has its files again, with the same values.")

    def look_after(self):
        """Verify all, put right what can be, and say what came of it."""
        folder = self.folder

        def told(report):
            mended = f" {len(report['mended'])} files were put right." if report["mended"] else ""
            wrong = "" if not report["problems"] else f" {report['problems'][0]}"
            aside = f", and {memory(report['bytes_retired'])} put aside" if report["bytes_retired"] else ""
            return (f"{report['as_published']} of {report['versions']} versions are as published, {memory(report['bytes'])}{aside}."
                    f"{mended}{wrong}")

        self._changing(lambda ticket: health(folder, ticket, mend=True), "Look after the library", told)

    def _changing(self, work, name, told):
        def done(result):
            self.look_again()
            self.window.tell(told(result))

        self.window.jobs.begin(work, done, name)

    def publish_seeds(self):
        """Ask how many seeds, and publish siblings."""
        mound = self.document.mound
        if not mound.mass.forms:
            self.window.tell("There is no cloud to publish yet: add a blob in Mass.")
            return
        count, yes = QInputDialog.getInt(self.window, "Publish seeds", "This mound and so many siblings:", 8, 1, 1000)
        if yes:
            self.window.delivering.publish([sibling(mound, number) for number in range(count + 1)])

    def choose_to_adopt(self):
        """Ask for files of somebody else's, and adopt them."""
        paths, _ = QFileDialog.getOpenFileNames(self.settings, "Adopt", str(self.window.files.folder), "OpenVDB (*.vdb)")
        if paths:
            self.adopt(paths)

    def adopt(self, paths):
        """Ask where files come from, and take them into the library beside the work.

        Parameters
        ----------
        paths : sequence of str
        """
        with asking(AdoptDialog(paths, self.window)) as dialog:
            if dialog.exec() != dialog.DialogCode.Accepted:
                return
            options, pattern, name, rate = dialog.options(), dialog.pattern, dialog.name.text().strip(), dialog.rate.value
        folder, about, tiers = self.folder, self.window.delivering.about, self.window.delivering.tiers
        options.update(about=about, tiers=tiers, rate=rate)
        for path in [pattern] if pattern else paths:
            called = name if pattern or len(paths) == 1 else ""
            called = called or pathlib.Path(path).stem.rstrip("#._- ") or "Cloud"
            self._changing(lambda ticket, p=path, c=called: adopt(p, folder, c, ticket=ticket, **options), f"Adopt {called}",
                           lambda made: f"Adopted as {made.parent.name} {made.name}.")

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
