"""Library: publish this mound, and see what was published."""

import pathlib
from collections import OrderedDict

from PyQt6.QtCore import QTimer
from PyQt6.QtWidgets import QFileDialog, QInputDialog

from ....core.engine.siblings import sibling
from ....core.exchange.foreign import read_photograph
from ....core.library.adopting import adopt
from ....core.library.asked import asked
from ....core.library.asset import recipe_mark
from ....core.library.index import Found, Index
from ....core.library.likeness import apart, apart_from_outline, outline_in
from ...dialogs.asking import asking
from ...shell.command import Command
from ...shell.strip import COMPUTING, FRESH, OLD
from ...view.pixels import image_of_pixels, thumb_of
from ...words import tr
from ..station import Station
from .arriving import Arriving
from .baskets import Baskets
from .caring import Caring
from .dialogs import AdoptDialog
from .pictures import Pictures
from .relighting import Relighting, Wish
from .settings import LibrarySettings
from .showing import PLAIN, Showing
from .tray import OUTLINES, ShelfTray, paint_cards
from .turning import Turning
from .wall import Cards
from .wall_page import WallPage
from .watching import ShelfWatch

MOST_RELIT = 1000
"""Pictures that are made anew in one light, those in sight first; of the others the cards keep their own."""
RELIT_KEPT = 400
RESTS = 250
"""Milliseconds after which the light counts as chosen."""
SCROLLS = 120
"""Milliseconds after which the wall counts as standing still."""
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
    words, sorted, group : str
        What is searched for, how it is sorted, and by what it is laid out.
    like : Version or None
        Show what is most like this one instead.
    outline : (str, ndarray of bool) or None
        Or most like this outline, found in the picture of this name.
    showing : Showing
        Published files in the picture.
    baskets : Baskets
    arriving : Arriving
        The watch folder.
    """

    name, order = "Library", 50
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
        self.chosen = self.like = self.outline = None
        self.words, self.sorted, self.group = "", "newest", ""
        self._index, self._stamps, self._newest_of = None, None, {}
        self.alike_lit, self.sun, self.coming = False, None, []
        self.relit, self._relighting, self._lit_by = OrderedDict(), Relighting(self._take_relit), None
        self.pictures, self.cards, self._tile = Pictures(self), Cards(self), (None, None)
        self.caring, self.showing, self.baskets = Caring(self), Showing(self), Baskets(self)
        self.turning = Turning(services, self._show_turned)
        self._wait = QTimer(self, interval=RESTS, singleShot=True)
        self._wait.timeout.connect(self._relight)
        self._still = QTimer(self, interval=SCROLLS, singleShot=True)
        self._still.timeout.connect(self._relight)
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
        if self.alike_lit:
            self._wait.start()

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
            self.chosen = self.like = self.outline = None
            self.showing.leave()
            self.baskets.forget_steps()
            self._watch.follow(self.folder)
        if self._index.count() < FEW:
            self._take_in(None)
        else:
            self._take()
            self._watch.look_through(self.folder)

    def look_soon(self):
        """Look into the folder again, once what is being done is done."""
        self._soon.start()

    def _take_in(self, stamps):
        """Bring the index up to date, and show what it holds."""
        if self._index is None:
            return
        changed = any(self._index.refresh(most=AT_ONCE, there=stamps))
        self._stamps = stamps
        if self._index.behind:
            self._more.start()
            if len(self.versions):
                return  # the newest are there to be seen; all others come at once, when all are known
        if changed or stamps is None:
            self._take()

    def _take(self):
        self.versions, self.newest, self._newest_of = Found(self._index, self._index.numbers()), self._index.newest(), {}
        self.chosen, self.like = (v if v is not None and self._index.number_of(v.folder) is not None else None
                                  for v in (self.chosen, self.like))
        self.baskets.look_again()
        if self.showing.version is not None and self._index.number_of(self.showing.version.folder) is None:
            self.showing.leave()
        self._show_found()

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
        self._relighting.end()
        self._let_go_of_index()

    def _let_go_of_index(self):
        self._more.stop()
        self._wait.stop()
        self._still.stop()
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
        if version.folder in self.relit:
            self.relit.move_to_end(version.folder)
            return self.relit[version.folder]
        return self.pictures.image(version)

    def light_alike(self, on):
        """Show all that is on the wall in the light of the present mound, or each in its own.

        Parameters
        ----------
        on : bool
        """
        self.alike_lit, self._lit_by, self.sun = on, None, None
        self.relit.clear()
        self.tray.show_dome(on)
        self.wall.viewport().update()
        self._relighting.stop()
        if on:
            self._relight()

    def turn_wall_sun(self, azimuth, elevation, moving):
        """Light the wall from elsewhere.

        Parameters
        ----------
        azimuth, elevation : float
            Degrees.
        moving : bool
        """
        self.sun = azimuth, elevation
        self.tray.show_dome(True)
        if not moving:
            self._relight()

    def alike(self):
        """The mound whose light and view the wall is seen in: that of the present one, with the wall's sun."""
        mound = self.document.mound
        if self.sun is None:
            return mound
        sun = mound.light.sun.edited(azimuth=self.sun[0], elevation=self.sun[1])
        return mound.edited(light=mound.light.edited(sun=sun))

    def scrolled(self):
        """The wall shows other cards: what is in sight is lit next."""
        self.turning.leave()
        if self.alike_lit:
            self._still.start()

    def _relight(self):
        if not self.alike_lit:
            return
        mound = self.alike()
        lit_by = mound.light, mound.view.azimuth, mound.view.elevation
        if lit_by != self._lit_by:
            self._lit_by = lit_by
            self._stale = set(self.relit)
        seen = self.wall.seen()
        rows = [*seen, *range(seen[-1] + 1, len(self.found)), *range(seen[0])] if seen else []
        versions = {v.folder: v for row in rows[:MOST_RELIT] if (v := self.cards.at(row)) is not None}
        wanted = [v for folder, v in versions.items() if folder not in self.relit or folder in self._stale]
        size = self.pictures.size
        self._relighting.ask([Wish(version.folder, version, mound.light, mound.view, size=size) for version in wanted])

    def _take_relit(self, folder, pixels):
        if self.alike_lit:
            self._stale.discard(folder)
            self.relit[folder] = image_of_pixels(pixels)
            self.relit.move_to_end(folder)
            while len(self.relit) > RELIT_KEPT:
                self.relit.popitem(last=False)
            self.wall.show_picture(folder)

    def lit_as(self):
        """Light and view in which a card turns."""
        mound = self.alike()
        return (mound.light, mound.view) if self.alike_lit else PLAIN

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
            self.turning.over(version, share, *self.lit_as())

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

    def search(self, words=None, order=None, group=None):
        """Show what is looked for.

        Parameters
        ----------
        words : str, optional
            See `core.library.asked`.
        order, group : str, optional
            Of `core.library.choices.ORDERS` and `GROUPS`.
        """
        self.words = self.words if words is None else words
        self.sorted = self.sorted if order is None else order
        self.group = self.group if group is None else group
        self.like = self.outline = None
        self.baskets.open = ""
        self._show_found()

    def show_again(self):
        """Show on the wall what is asked for, as it is now."""
        self.like = self.outline = None if self.baskets.open else self.outline
        self._show_found()

    def more_like(self):
        """Show what is most like the chosen version, or all again."""
        others = self.like is not None or self.outline is not None or self.baskets.open
        self.like, self.outline, self.baskets.open = None if others else self.chosen, None, ""
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

    def labels(self):
        """What a search may name, for who is typing: list of str."""
        return [f"{key}:{label}" if " " not in label else f'{key}:"{label}"' for key in ("shot", "tag", "species")
                for label, _ in self._index.labels(key)] + [name for name in self._index.names() if " " not in name]

    def _show_found(self):
        self.turning.leave()
        groups = None
        if self.baskets.open:
            self.found = Found(self._index, [self._index.number_of(version.folder) for _, version, _ in self.baskets.held
                                             if version is not None])
        elif self.outline is not None:
            self.found = self._nearest(lambda shapes: [apart_from_outline(shape, self.outline[1]) for shape in shapes])
        elif self.like is not None:
            own = self.like.facts.get("shape", {})
            self.found = self._nearest(lambda shapes: apart(own, shapes), self._index.number_of(self.like.folder))
        else:
            line = asked(self.words) if self.words.strip() else {}
            numbers = self._index.numbers(**line, order=self.sorted)
            if self.group:
                parts = self._index.grouped(self.group, numbers)
                groups = [(title, len(part)) for title, part in parts]
                numbers = [number for _, part in parts for number in part]
            self.found = self.versions if numbers == self.versions.numbers else Found(self._index, numbers)
        self.cards.take(self.found, groups)
        if not self.laid_out:
            return
        self._choose_again()
        self.cover.show_found(bool(len(self.versions)))
        if self.alike_lit:
            self._relight()
        self.tray.show_state()
        self.tray.show_baskets()
        self.settings.show_mound(self.document.mound)

    def _nearest(self, measured, first=None):
        """What is most like something, the likest first: Found."""
        shapes = [(number, shape) for number, shape in self._index.shapes() if number != first]
        far = measured([shape for _, shape in shapes])
        near = sorted((n for n in range(len(shapes)) if far[n] < float("inf")), key=lambda n: far[n])
        return Found(self._index, [*([] if first is None else [first]), *(shapes[n][0] for n in near)])

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
        version = self.newest_of(mound.name)
        if version is None:
            return False
        same_voxel = abs(version.facts["voxel"] - mound.voxels.final) < 1e-9
        return same_voxel and version.facts.get("recipe") == recipe_mark(mound)
