"""Library: publish this mound, and see what was published."""

import pathlib

from PyQt6.QtCore import QTimer
from PyQt6.QtWidgets import QFileDialog, QInputDialog

from ....core.engine.siblings import sibling
from ....core.exchange.foreign import read_photograph
from ....core.library.adopting import adopt
from ....core.library.asset import recipe_mark
from ....core.library.index import Index
from ....core.library.likeness import apart, apart_from_outline, outline_in
from ...dialogs.asking import asking
from ...shell.strip import COMPUTING, FRESH, OLD
from ...words import tr
from ..station import Station
from .caring import Caring
from .dialogs import AdoptDialog
from .relighting import Relighting, Wish
from .settings import LibrarySettings
from .tray import OUTLINES, ShelfTray, paint_cards
from .turning import PLAIN, Turning
from .watching import ShelfWatch

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
    outline : (str, ndarray of bool) or None
        Or most like this outline, found in the picture of this name.
    """

    name, order = "Library", 50

    def __init__(self, services):
        super().__init__(services)
        self.versions, self.found = [], []
        self.chosen = self.like = self.outline = None
        self.words, self.order = "", "newest"
        self._index = None
        self.alike_lit = False
        self._relighting, self._lit_by = Relighting(self._take_relit), None
        self.caring = Caring(self)
        self.turning = Turning(services, self._show_turned)
        self._wait = QTimer(self, interval=RESTS, singleShot=True)
        self._wait.timeout.connect(self._relight)
        self._more = QTimer(self, interval=0, singleShot=True)
        self._more.timeout.connect(self.look_again)
        self._watch = ShelfWatch(self)
        self._watch.changed.connect(self._changed_elsewhere)
        self.look_again()

    def make_tray(self):
        tray = ShelfTray(self)
        tray.show_versions(self.found, bool(self.versions))
        return tray

    def make_settings(self):
        return LibrarySettings(self)

    @property
    def folder(self):
        """The folder that is shown and published to."""
        return self.services.delivering.library

    def join(self):
        self.services.delivering.published.connect(self.look_again)
        self.services.looking.shown.connect(self._foretold)

    def _foretold(self, answer):
        if answer.ahead is not None and self.is_open:
            self.settings.show_foretold(self.document.mound)

    def show_mound(self, mound):
        self.settings.show_mound(mound)
        if self.alike_lit:
            self._wait.start()

    def caption(self, mound):
        if self.chosen is None:
            return ""
        return tr("In the picture: the open mound “{}”, not the chosen {} v{:03d}.").format(
            mound.name, self.chosen.facts["name"], self.chosen.number)

    def show_tile(self, tile):
        mound = self.document.mound
        tile.show_state(COMPUTING if self.services.jobs.busy else FRESH if self.published_now(mound) else OLD)
        newest = next((v for v in self.versions if v.facts["name"] == mound.name), None)
        tile.blank = paint_cards
        if newest is not None:
            tile.show_image(self.tray.model.image(newest))

    def look_again(self):
        """Read the folder anew; of a large library that is new to this machine, some at a time."""
        if self._index is None or self._index.library != self.folder:
            self._let_go_of_index()
            self._index, self.versions = Index(self.folder), []
            self._watch.follow(self.folder)
        self._index.refresh(most=AT_ONCE)
        if self._index.behind:
            self._more.start()
            if self.versions:
                return  # the newest are there to be seen; all others come at once, when all are known
        self.versions = self._index.search()
        folders = [v.folder for v in self.versions]
        self.chosen, self.like = (v if v is not None and v.folder in folders else None for v in (self.chosen, self.like))
        self._show_found()

    def _changed_elsewhere(self):
        """Something was published or put aside by somebody else."""
        if self._index is not None and self._index.library == self.folder:
            self._watch.follow(self.folder)
            if any(self._index.refresh(most=AT_ONCE)):
                self.look_again()

    def end(self):
        self._watch.end()
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

    def lit_as(self):
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
            self.turning.over(self.found[number], share, *self.lit_as())

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
        self.like = self.outline = None
        self._show_found()

    def more_like(self):
        """Show what is most like the chosen version, or all again."""
        self.like = self.chosen if self.like is None and self.outline is None else None
        self.outline = None
        self._show_found()

    def choose_outline(self):
        """Ask for a picture, and show the clouds that are most like the outline in it."""
        kinds = " ".join(f"*{ending}" for ending in OUTLINES)
        path, _ = QFileDialog.getOpenFileName(self.settings, tr("A picture of a cloud, or a drawn outline"),
                                              str(self.services.files.folder), tr("Pictures ({})").format(kinds))
        if path:
            self.like_outline(path)

    def like_outline(self, path):
        """Show the clouds that are most like the outline in a picture.

        Parameters
        ----------
        path : path-like
        """
        def done(mask):
            self.like, self.outline = None, (pathlib.Path(path).name, mask)
            self._show_found()

        self.services.jobs.begin(lambda ticket: outline_in(read_photograph(path, ticket=ticket)), done, tr("Find an outline"))

    def _show_found(self):
        self.turning.leave()
        if self.outline is not None:
            far = {v.folder: apart_from_outline(v.facts.get("shape", {}), self.outline[1]) for v in self.versions}
            self.found = sorted((v for v in self.versions if far[v.folder] < float("inf")), key=lambda v: far[v.folder])
        elif self.like is not None:
            others = [v for v in self.versions if v.folder != self.like.folder]
            far = apart(self.like.facts.get("shape", {}), [v.facts.get("shape", {}) for v in others])
            self.found = [self.like, *(others[n] for n in far.argsort(kind="stable") if far[n] < float("inf"))]
        elif self.words.strip() or self.order != "newest":
            self.found = self._index.search(self.words, order=self.order)
        else:
            self.found = self.versions
        if not self.laid_out:
            return
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
        self.services.picture.show_caption(self.caption(self.document.mound))
        self.tray.show_state()
        self.settings.show_mound(self.document.mound)

    def changing(self, work, name, told):
        """Change something in the library beside the work, then look again and say what came of it.

        Parameters
        ----------
        work : callable
            Given a `Ticket`.
        name : str
            In the queue.
        told : callable
            Given the result: a sentence.
        """
        def done(result):
            self.look_again()
            self.services.tell(told(result))

        self.services.jobs.begin(work, done, name)

    def publish_seeds(self):
        """Ask how many seeds, and publish siblings."""
        mound = self.document.mound
        if not mound.mass.forms:
            self.services.tell(tr("There is no cloud to publish yet: add a blob in Mass."))
            return
        count, yes = QInputDialog.getInt(self.services.over, tr("Publish seeds"), tr("This mound and so many siblings:"), 8, 1,
                                         1000)
        if yes:
            self.services.delivering.publish([sibling(mound, number) for number in range(count + 1)])

    def choose_to_adopt(self):
        """Ask for files of somebody else's, and adopt them."""
        paths, _ = QFileDialog.getOpenFileNames(self.settings, "Adopt", str(self.services.files.folder), tr("OpenVDB (*.vdb)"))
        if paths:
            self.adopt(paths)

    def adopt(self, paths):
        """Ask where files come from, and take them into the library beside the work.

        Parameters
        ----------
        paths : sequence of str
        """
        with asking(AdoptDialog(paths, self.services.over)) as dialog:
            if dialog.exec() != dialog.DialogCode.Accepted:
                return
            options, pattern, name, rate = dialog.options(), dialog.pattern, dialog.name.text().strip(), dialog.rate.value
        folder, about, tiers = self.folder, self.services.delivering.about, self.services.delivering.tiers
        options.update(about=about, tiers=tiers, rate=rate)
        for path in [pattern] if pattern else paths:
            called = name if pattern or len(paths) == 1 else ""
            called = called or pathlib.Path(path).stem.rstrip("#._- ") or "Cloud"
            self.changing(
                lambda ticket, p=path, c=called: adopt(p, folder, c, ticket=ticket, **options),
                tr("Adopt {}").format(called),
                lambda made: tr("Adopted as {} {}.").format(made.parent.name, made.name),
            )

    def choose_folder(self):
        """Ask for another library folder."""
        folder = QFileDialog.getExistingDirectory(self.settings, tr("Library folder"), str(self.folder))
        if folder:
            self.services.delivering.library = pathlib.Path(folder)
            self.look_again()

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
