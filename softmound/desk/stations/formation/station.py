"""Formation: published clouds placed together in one sky."""


from PyQt6.QtCore import QRectF, Qt

from ....core.formation.standing import all_known, bounds_of_flock, clouds_of, sources_of
from ....core.library.index import Index
from ....core.light.scene.camera import fitted
from ....core.recipe import BaseLevel, KeptView, Mass, Problem
from ....core.recipe.flock import Flock, Member
from ... import style
from ...documents.flock import FlockDocument
from ...shell.command import Command
from ...shell.strip import FRESH
from ...words import tr
from ..stand_ins import StandIns
from ..station import Station
from .files import FlockFiles
from .layers import Layers
from .member_hand import MemberHand
from .members import Members
from .settings import FormationSettings
from .spreads import Spreads
from .tray import FormationTray

_NOTHING = Mass(base=BaseLevel(on=False))
AT_ONCE = 200
"""Versions new to this machine that are taken into the index before the hand is let go on; Library takes in the rest."""


class FormationStation(Station):
    """The station.

    Attributes
    ----------
    document : FlockDocument
        The flock that is worked on.
    files : FlockFiles
        Where it comes from and goes to.
    members : Members
    spreads : Spreads
    layers : Layers
        What hands do with each.
    """

    name, order = "Formation", 60
    page = "stations/06_formation"
    dome = True
    commands = (
        Command("group", "Group or ungroup the chosen members", "Ctrl+G", lambda s: s.members.group(), "In Formation"),
        Command("another_seed", "Another seed of the spread", "", lambda s: s.spreads.another_seed(), "In Formation", opens=True),
    )
    gestures = (("Click in the picture", "Choose the member there; Shift chooses one more, a double click fits it"),
                ("Drag in the picture", "Move the chosen members over the ground; with Alt up and down"),
                ("Drag on the plan", "Move the chosen members"), ("Shift + click on the plan", "Choose one more"),
                ("Double click on the plan", "Place the asset there"), ("Drag beside them, wheel", "Slide the plan, approach"))

    def __init__(self, services):
        super().__init__(services)
        self.document, self.files = FlockDocument(self), FlockFiles(self)
        self.members, self.spreads, self.layers = Members(self), Spreads(self), Layers(self)
        self.stand_ins = StandIns(self, self._box)
        self._sources, self._known = {}, None
        self.hand = self._members_hand = MemberHand(self)
        self.document.changed.connect(self._changed)
        self.document.looked.connect(self._looked)
        self.document.named.connect(self._named)
        self.document.refused.connect(self._refused)
        self.document.warned.connect(services.tell)

    def make_tray(self):
        return FormationTray(self)

    def make_settings(self):
        return FormationSettings(self)

    @property
    def flock(self):
        """The flock that is worked on."""
        return self.document.flock

    @property
    def plate(self):
        """The photograph behind, and its rows: PlateRows."""
        return self.settings.plate

    def save(self):
        self.files.save()

    def save_as(self):
        self.files.save_as()

    def join(self):
        self.services.delivering.published.connect(self._look_into_library)

    # -- what the picture shows -----------------------------------------------------------------

    def as_seen(self, mound):
        # Only to be looked at: what its grains and masks say of forms that are not there need not hold.
        plate = self.plate.reference()
        return mound.model_copy(update={
            "light": self.flock.light, "view": self.flock.view, "mass": _NOTHING, "grains": (), "patches": (), "views": (),
            "stand_ins": self.flock.stand_ins, "references": () if plate is None else (plate,)})

    def placed(self):
        self.sources()
        flock, sources = self.flock, dict(self._sources)
        there = flock.edited(members=tuple(m for m in flock.members if m.asset in sources))

        def placed(camera, ticket, seconds=None):
            whole = seconds is None or all_known(there, sources, camera)
            return tuple(clouds_of(there, sources, camera, ticket, None if whole else seconds)), there.air, whole

        return placed

    def sources(self):
        """What the assets of the flock are: dict of Asset to Source; those that are missing are told of, and left out."""
        wanted = self.flock.assets
        known = (frozenset(wanted), self.services.delivering.library)
        if known == self._known:
            return self._sources
        self._known = known
        try:
            self._sources = sources_of(self.flock, self.services.delivering.library, self.document.folder)
        except Problem as problem:
            self.services.tell(tr(problem.sentence))
            self._sources = {}
            for asset in wanted:
                try:
                    one = self.flock.edited(members=(Member(asset=asset),), spreads=())
                    self._sources.update(sources_of(one, self.services.delivering.library, self.document.folder))
                except Problem:
                    continue
        return self._sources

    def _looked(self, moving):
        self.tray.plan.update()
        self.settings.show_view()
        if self.is_open:
            self.services.look_changed.emit(moving)

    def _box(self):
        there = tuple(m for m in self.flock.members if m.asset in self.sources())
        return bounds_of_flock(self.flock.edited(members=there), self._sources)

    def show_stand_ins(self):
        """Show which stand-in is chosen."""
        if self.laid_out:
            self.settings.show_flock()
        self.services.picture.update()

    def fit(self):
        box = self._box()
        if box is not None:
            picture = self.services.picture
            self.look(fitted(self.flock.view, *box, picture.width(), picture.height()))
        self.tray.plan.fit()

    def note(self, _mound):
        flock = self.flock
        some = flock.members or flock.decks or flock.hazes or flock.stand_ins
        return "" if some else tr("Place clouds of the library on the plan below, or spread them.")

    def show_mound(self, mound):
        self._look_into_library()
        self.tray.show_flock()
        self.settings.show_flock()

    def show_view(self, mound):
        self.tray.plan.update()

    def show_tile(self, tile):
        tile.blank = _paint_sky
        tile.show_state(FRESH)

    def end(self):
        self.document.close()

    def let_go(self):
        if self.hand is not self._members_hand:
            self.take_hand(None)
        elif self.stand_ins.chosen is not None:
            self.stand_ins.choose(None)
        else:
            self.members.choose(None)

    def take_hand(self, hand):
        """Give the picture a hand.

        Parameters
        ----------
        hand : PlateHand or None
            None for the one that chooses and moves members.
        """
        wanted = self._members_hand if hand is None else hand
        if wanted is not self.hand:
            self.hand = wanted
            self.services.hand_changed.emit()
        self.plate.show_hand(hand)

    def show_again(self):
        """Show what has come meanwhile: the photograph of the plate."""
        if self.is_open:
            self.services.picture.show_mound(self.as_seen(self.services.document.mound))
            self.services.picture.update()

    def _look_into_library(self):
        try:
            with Index(self.services.delivering.library) as index:
                index.refresh(most=AT_ONCE)
                names = index.names()
        except Problem as problem:
            self.services.tell(tr(problem.sentence))
            names = []
        self._known = None  # a newest version may be another now
        self.tray.show_assets(names)

    def _changed(self, moving):
        self.members.chosen = [n for n in self.members.chosen if n < len(self.flock.members)]
        self.stand_ins.follow()
        self.sources()
        self.tray.show_flock()
        self.settings.show_flock()
        if self.is_open:
            self.services.picture.show_mound(self.as_seen(self.services.document.mound))
            self.services.picture.show_note(self.note(None))
            self.services.looking.ask(moving)

    def _named(self):
        if self.is_open:
            self.services.steps_changed.emit()

    def _refused(self, sentence):
        """An edit was not done: say why, and show again what is so."""
        self.services.tell(sentence)
        self.document.let_go()
        self._changed(False)

    def remove(self):
        if not self.stand_ins.remove():
            self.members.remove()

    def edit_sky(self, name, value):
        """Turn the air between or the earth's curve on or off.

        Parameters
        ----------
        name : str
            "air" or "curved".
        value : bool
        """
        self.document.apply(tr("air between") if name == "air" else tr("curve of the earth"),
                            lambda flock: flock.edited(**{name: value}))

    # -- light, views, files --------------------------------------------------------------------

    def take_light(self):
        """Show the flock in the light of the present mound."""
        light = self.services.document.mound.light.edited(lamps=())
        self.document.apply(tr("light of the mound"), lambda flock: flock.edited(light=light))

    def keep_view(self):
        """Keep where the flock is looked at from."""
        taken = {kept.name for kept in self.flock.views}
        called = next(name for n in range(1, 300) if (name := tr("View {}").format(n)) not in taken)
        if len(taken) < 200:
            kept = KeptView(name=called, view=self.flock.view)
            self.document.apply(tr("keep view"), lambda flock: flock.edited(views=(*flock.views, kept)))
            self.settings.views.setCurrentText(called)

    def forget_view(self, number):
        """Take a kept view off the list.

        Parameters
        ----------
        number : int
        """
        if 0 <= number < len(self.flock.views):
            self.document.apply(tr("forget view"),
                                lambda flock: flock.edited(views=(*flock.views[:number], *flock.views[number + 1:])))

    def take_pictures(self):
        self.files.take()

    def look_from(self, number):
        """Look from a kept view.

        Parameters
        ----------
        number : int
        """
        self.look(self.flock.views[number].view)

    def begin(self):
        """Begin an empty flock; the one before comes back by undo."""
        self.members.chosen = []
        self.document.replace(Flock(), tr("new flock"))


def _paint_sky(painter):
    """A few clouds on the tile."""
    painter.setPen(Qt.PenStyle.NoPen)
    for x, y, wide in ((22, 44, 26), (56, 36, 20), (84, 42, 16), (40, 24, 14), (74, 22, 10)):
        painter.setBrush(style.with_alpha(style.TEXT, 40 + 2 * wide))
        painter.drawEllipse(QRectF(x - wide / 2, y - wide / 5, wide, wide / 2.5))
        painter.drawEllipse(QRectF(x - wide / 4, y - wide / 2.4, wide / 2, wide / 2))
