"""Library: publish this mound, and see what was published."""

import pathlib

from PyQt6.QtCore import QTimer
from PyQt6.QtWidgets import QFileDialog

from ....core.library.asset import recipe_mark
from ....core.library.index import Found, Index, stamps_in
from ...shell.command import Command
from ...shell.strip import COMPUTING, FRESH, OLD
from ...view.pixels import thumb_of
from ...words import tr
from ..station import Station
from .arriving import Arriving
from .baskets import Baskets
from .caring import Caring
from .finding import Finding, labels_of
from .one_light import OneLight
from .pictures import Pictures
from .settings import LibrarySettings
from .showing import Showing
from .tray import ShelfTray, paint_cards
from .turning import Turning
from .wall import Cards
from .wall_page import WallPage
from .watching import ShelfWatch

AT_ONCE, FEW = 200, 2000
"""Versions that are taken into the index before the hand is let go on; how many may be known for the folders to be looked through
by the hand itself, rather than beside it."""


class LibraryStation(Station):
    """The station.

    Attributes
    ----------
    versions : sequence of Version
        What the library holds, the newest first.
    found : sequence of Version
        What of it is shown: what is searched for, or all.
    newest : dict of str to int
        The highest number of each asset.
    coming : list of (str, float, str)
        What is being published: what it is called, how far it is, and what is being done.
    siblings : list of Version
        All versions of the chosen one's asset, the newest first.
    chosen : Version or None
    finding : Finding
        What is asked for.
    showing : Showing
        Published files in the picture.
    one_light : OneLight
        The wall in one light.
    baskets : Baskets
    arriving : Arriving
        The watch folder.
    """

    name, order = "Library", 50
    page = "stations/05_library"
    dome = True
    cut_through = True
    commands = (
        Command("show_published", "Look at the chosen version, or at the wall", "Ctrl+Return", lambda s: s.show_or_leave(),
                "In the library", opens=True),
        Command("find_published", "Find on the wall", "", lambda s: s.type_to_find(""), "In the library", opens=True),
    )
    gestures = (("Double click on a card, Enter", "Look at the published files in the picture; Esc is back at the wall"),
                ("Type on the wall", "Find: words, 300-500 m, shot:CODE, tag:WORD, species:WORD, since:DAY, -WORD"),
                ("Ctrl + wheel on the wall", "Larger or smaller cards"),
                ("Ctrl + click on a card", "Choose one more, to compare two"),
                ("Drag cards onto a basket", "Put them into it; Alt+Left and Alt+Right order them there, Delete takes them out"))

    def __init__(self, services):
        super().__init__(services)
        self.versions, self.found, self.newest, self.siblings = [], [], {}, []
        self.chosen, self.finding = None, Finding(self)
        self._index, self._stamps, self._newest_of = None, None, {}
        self.coming, self.one_light = [], OneLight(self)
        self.pictures, self.cards, self._tile = Pictures(self), Cards(self), (None, None)
        self.caring, self.showing, self.baskets = Caring(self), Showing(self), Baskets(self)
        self.turning = Turning(services, self._show_turned)
        self._more = QTimer(self, interval=0, singleShot=True)
        self._more.timeout.connect(lambda: self._take_in(self._stamps))
        self._soon = QTimer(self, interval=0, singleShot=True)
        self._soon.timeout.connect(self.look_again)
        self.arriving = Arriving(self)
        self._watch = ShelfWatch(self)
        self._watch.changed.connect(self._changed_elsewhere)
        self._watch.seen.connect(lambda folder, stamps: self._take_in(stamps) if folder == self.folder else None)
        self.look_again()

    def make_tray(self):
        tray = ShelfTray(self)
        tray.show_state()
        return tray

    def make_settings(self):
        return LibrarySettings(self)

    def make_cover(self):
        page = WallPage(self)
        page.show_found(bool(self.versions))
        self.pictures.came.connect(page.wall.show_picture)
        return page

    @property
    def wall(self):
        """The view of the cards: Wall."""
        return self.cover.wall

    @property
    def folder(self):
        """The folder that is shown and published to."""
        return self.services.delivering.library

    def join(self):
        self.services.delivering.published.connect(self.look_again)
        self.services.looking.shown.connect(self._foretold)
        self.services.looking.shown.connect(self.showing.answered)
        self.services.jobs.changed.connect(lambda: self._show_coming(0.0, ""))
        self.services.jobs.progressed.connect(self._show_coming)

    def _foretold(self, answer):
        if answer.ahead is not None and self.is_open:
            self.settings.show_foretold(self.document.mound)

    def _show_coming(self, share, words):
        """Cards of what is being published, and of what waits for that."""
        jobs = self.services.jobs
        present = [(jobs.present.name, share, words)] if jobs.present is not None and jobs.present.mark else []
        self.coming = present + [(piece.name, 0.0, tr("waits")) for piece in jobs.queue if piece.mark]
        if self.is_open and self.covered and "cover" in vars(self):
            self.cover.show_found(bool(len(self.versions)))
            self.wall.show_coming()

    def show_mound(self, mound):
        self.settings.show_mound(mound)
        self.one_light.follow()

    # -- the wall, or what was published in the picture -----------------------------------------

    @property
    def covered(self):
        return self.showing.version is None

    def corner(self):
        return None if self.covered else self.showing.corner

    def leave(self):
        self.showing.compare(None)
        self.turning.leave()

    def let_go(self):
        self.showing.leave()

    def remove(self):
        if self.baskets.open:
            self.baskets.take_out()
        else:
            self.services.tell(tr("Versions are put aside under More, and taken out of a basket that is on the wall."))

    def as_seen(self, mound):
        return mound if self.covered else self.showing.as_seen(mound)

    def placed(self):
        return None if self.covered else self.showing.placed()

    def bounds(self):
        return super().bounds() if self.covered else self.showing.bounds()

    def look(self, view, moving=False):
        if not self.covered:
            self.showing.look(view, moving)

    def turn_sun(self, azimuth, elevation, moving):
        if not self.covered:
            self.showing.turn_sun(azimuth, elevation, moving)

    def fit(self):
        if not self.covered:
            self.showing.fit()

    @property
    def steps(self):
        return self.baskets.steps

    def undo(self):
        self.baskets.undo()

    def redo(self):
        self.baskets.redo()

    def take_pictures(self):
        if self.covered:
            self.services.tell(tr("Look at a version first, by Enter: pictures are taken of what is in the picture."))
        else:
            self.services.delivering.take_pictures(self.showing.taken())

    def show_chosen(self):
        """Show the published files of the chosen version in the picture; of two that are selected both."""
        if self.chosen is None:
            self.services.tell(tr("Choose a card on the wall first."))
            return
        both = self.selected()
        self.showing.show(self.chosen)
        if len(both) == 2:
            self.showing.compare(next(v for v in both if v.folder != self.chosen.folder))

    def show_or_leave(self):
        """Look at the chosen version, or go back to the wall."""
        if self.covered:
            self.show_chosen()
        else:
            self.showing.leave()

    def selected(self):
        """Versions that are selected on the wall: list of Version, in their order."""
        rows = sorted(index.row() for index in self.wall.selectionModel().selectedIndexes())
        return [version for row in rows if (version := self.cards.at(row)) is not None]

    def show_tile(self, tile):
        mound = self.document.mound
        tile.show_state(COMPUTING if self.services.jobs.busy else FRESH if self.published_now(mound) else OLD)
        newest = self.newest_of(mound.name)
        tile.blank = paint_cards
        if newest is not None:
            if self._tile[0] != newest.folder:
                self._tile = newest.folder, thumb_of(newest)
            tile.show_image(self._tile[1])

    def newest_of(self, name):
        """The newest version of an asset: Version, or None."""
        if name not in self._newest_of:
            self._newest_of[name] = next(iter(self._index.of_name(name, 1)), None)
        return self._newest_of[name]

    # -- what there is --------------------------------------------------------------------------

    def look_again(self):
        """Read the folder anew; of a large library beside the hand, and of one that is new to this machine some at a time."""
        if self._index is None or self._index.library != self.folder:
            self._let_go_of_index()
            self._index = Index(self.folder)
            self.chosen = None
            self.finding.forget()
            self.showing.leave()
            self.baskets.forget_steps()
            self._watch.follow(self.folder)
        if self._index.count() < FEW:
            self._take_in(stamps_in(self.folder), True)
        else:
            self._take()
            self._watch.look_through(self.folder)

    def look_soon(self):
        """Look into the folder again, once what is being done is done."""
        self._soon.start()

    def _take_in(self, stamps, always=False):
        """Bring the index up to date with what is in the folders, and show what it holds, if it holds anything else or `always`."""
        if self._index is None:
            return
        changed = any(self._index.refresh(most=AT_ONCE, there=stamps))
        self._stamps = stamps
        if self._index.behind:
            self._more.start()
            if len(self.versions):
                return  # the newest are there to be seen; all others come at once, when all are known
        if changed or always:
            self._take()

    def _take(self):
        self.versions, self.newest, self._newest_of = Found(self._index, self._index.numbers()), self._index.newest(), {}
        self.chosen, self.finding.like = (v if v is not None and self._index.number_of(v.folder) is not None else None
                                          for v in (self.chosen, self.finding.like))
        self.baskets.look_again()
        if self.showing.version is not None and self._index.number_of(self.showing.version.folder) is None:
            self.showing.leave()
        self.show_found()

    def _changed_elsewhere(self):
        """Something was published or put aside by somebody else."""
        if self._index is not None and self._index.library == self.folder:
            self._watch.follow(self.folder)
            self._watch.look_through(self.folder)

    def end(self):
        self._watch.end()
        self.arriving.end()
        self.turning.end()
        self.pictures.end()
        self.showing.end()
        self.one_light.end()
        self._let_go_of_index()

    def _let_go_of_index(self):
        self._more.stop()
        self._soon.stop()
        if self._index is not None:
            self._index.close()
            self._index = None

    # -- pictures of cards ----------------------------------------------------------------------

    def image_of(self, version):
        """The picture of a card at this moment: QImage, or None until it has come.

        From another side while the pointer turns it, in one light with all others, or as it was published.

        Parameters
        ----------
        version : Version

        Returns
        -------
        QImage or None
        """
        turned = self.turning.image(version)
        if turned is not None:
            return turned
        lit = self.one_light.image(version)
        return self.pictures.image(version) if lit is None else lit

    def scrolled(self):
        """The wall shows other cards."""
        self.turning.leave()
        self.one_light.scrolled()

    def turn(self, version, share=0.5):
        """Let the card under the pointer turn with it, or play.

        Parameters
        ----------
        version : Version or None
            None when the pointer is elsewhere.
        share : float, optional
            How far across the card.
        """
        if version is None:
            self.turning.leave()
        else:
            self.turning.over(version, share, *self.one_light.lit_as())

    def _show_turned(self):
        if "cover" in vars(self):
            self.wall.viewport().update()
            self.tray.list.viewport().update()

    def resize_cards(self, wide):
        """Make the cards of the wall wider or narrower.

        Parameters
        ----------
        wide : float
            Pixels, about.
        """
        self.wall.resize_cards(wide)
        self.tray.show_size(self.wall.wide)

    # -- finding --------------------------------------------------------------------------------

    def type_to_find(self, text):
        """Go on typing in the line that finds.

        Parameters
        ----------
        text : str
            Typed elsewhere.
        """
        self.tray.find.setFocus()
        self.tray.find.setText(self.tray.find.text() + text)

    def labels(self):
        """What a search may name, for who is typing: list of str."""
        return labels_of(self._index)

    def show_found(self):
        """Show on the wall what is asked for, as it is now."""
        self.turning.leave()
        self.found, groups = self.finding.found(self._index, self.versions)
        self.cards.take(self.found, groups)
        if not self.laid_out:
            return
        self._choose_again()
        self.cover.show_found(bool(len(self.versions)))
        self.one_light.ask()
        self.tray.show_state()
        self.tray.show_baskets()
        self.settings.show_mound(self.document.mound)

    def _choose_again(self):
        """Choose on the wall again what was chosen before it was laid out anew."""
        number = None if self.chosen is None else self._index.number_of(self.chosen.folder)
        if number in self.found.numbers:
            self.wall.setCurrentIndex(self.cards.index(self.found.numbers.index(number)))
        elif number is not None:
            self.chosen = self._index.versions([number])[0]  # which may say something else now
        self._show_siblings()

    def choose(self, version):
        """Make a version the chosen one.

        Parameters
        ----------
        version : Version or None
        """
        self.chosen = version
        self._show_siblings()
        self.tray.show_state()
        self.settings.show_mound(self.document.mound)

    def choose_on_wall(self, version):
        """Choose a version, and its card where it is on the wall.

        Parameters
        ----------
        version : Version
        """
        number = self._index.number_of(version.folder)
        if number in self.found.numbers:
            self.wall.setCurrentIndex(self.cards.index(self.found.numbers.index(number)))
        else:
            self.choose(version)

    def _show_siblings(self):
        self.siblings = [] if self.chosen is None else self._index.of_name(self.chosen.facts["name"])
        self.tray.show_siblings(self.siblings)

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
        version = self.newest_of(mound.name)
        if version is None:
            return False
        same_voxel = abs(version.facts["voxel"] - mound.voxels.final) < 1e-9
        return same_voxel and version.facts.get("recipe") == recipe_mark(mound)
