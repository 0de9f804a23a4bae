"""Formation: published clouds placed together in one sky."""

import pathlib

from PyQt6.QtCore import QRectF, Qt

from ....core.formation.picking import corners_of, member_at
from ....core.formation.spreading import painted_over, spread_again, taken_out
from ....core.formation.standing import all_known, bounds_of_flock, clouds_of, sources_of
from ....core.library.index import Index
from ....core.light.camera import fitted
from ....core.recipe import BaseLevel, KeptView, Mass, Problem
from ....core.recipe.files import read_mound, write_mound
from ....core.recipe.flock import MOST_MEMBERS, Asset, Flock, Kind, Member, Spread
from ... import style
from ...command import Command
from ...documents.flock import FlockDocument
from ...strip import FRESH
from ...words import tr
from ..station import Station
from .files import FlockFiles
from .layers import LAYERS, changed_layer
from .member_hand import MemberHand
from .settings import FormationSettings
from .spreads import along_line, changed_by
from .tray import FormationTray

_NOTHING = Mass(base=BaseLevel(on=False))
ACROSS = 0.6
"""Share of the plan's smaller side that a new spread fills."""
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
    chosen : list of int
        Members that are chosen.
    """

    name = "Formation"
    made = False
    dome = True
    commands = (
        Command("group", "Group or ungroup the chosen members", "Ctrl+G", lambda s: s.group(), "In Formation"),
        Command("another_seed", "Another seed of the spread", "", lambda s: s.another_seed(), "In Formation", opens=True),
    )
    gestures = (("Click in the picture", "Choose the member there; Shift chooses one more, a double click fits it"),
                ("Drag in the picture", "Move the chosen members over the ground; with Alt up and down"),
                ("Drag on the plan", "Move the chosen members"), ("Shift + click on the plan", "Choose one more"),
                ("Double click on the plan", "Place the asset there"), ("Drag beside them, wheel", "Slide the plan, approach"))

    def __init__(self, window):
        super().__init__(window)
        self.document, self.files = FlockDocument(self), FlockFiles(self)
        self.chosen, self._spread_name, self._sources, self._known = [], "", {}, None
        self.hand = self._members_hand = MemberHand(self)
        self.document.changed.connect(self._changed)
        self.document.looked.connect(self._looked)
        self.document.named.connect(self._named)
        self.document.refused.connect(self._refused)

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

    @property
    def spread(self):
        """The spread whose numbers are shown: Spread or None."""
        spreads = self.flock.spreads
        return next((s for s in spreads if s.name == self._spread_name), spreads[-1] if spreads else None)

    def join(self):
        self.window.delivering.published.connect(self._look_into_library)

    # -- what the picture shows -----------------------------------------------------------------

    def as_seen(self, mound):
        # Only to be looked at: what its grains and masks say of forms that are not there need not hold.
        plate = self.plate.reference()
        return mound.model_copy(update={"light": self.flock.light, "view": self.flock.view, "mass": _NOTHING, "grains": (),
                                        "patches": (), "views": (), "references": () if plate is None else (plate,)})

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
        wanted = {m.asset for m in self.flock.members} | {kind.asset for s in self.flock.spreads for kind in s.kinds}
        known = (frozenset(wanted), self.window.delivering.library)
        if known == self._known:
            return self._sources
        self._known = known
        try:
            self._sources = sources_of(self.flock, self.window.delivering.library, self.document.folder)
        except Problem as problem:
            self.window.tell(tr(problem.sentence))
            self._sources = {}
            for asset in wanted:
                try:
                    one = self.flock.edited(members=(Member(asset=asset),), spreads=())
                    self._sources.update(sources_of(one, self.window.delivering.library, self.document.folder))
                except Problem:
                    continue
        return self._sources

    def radius_of(self, member):
        """Half of how wide a member is from above, metres."""
        source = self._sources.get(member.asset)
        return (50.0 if source is None else source.radius) * member.size

    def _looked(self, moving):
        self.tray.plan.update()
        self.settings.show_view()
        if self.window.station is self:
            self.window.show_look(moving)

    def fit(self):
        box = bounds_of_flock(self.flock.edited(members=tuple(m for m in self.flock.members if m.asset in self.sources())),
                              self._sources)
        if box is not None:
            picture = self.window.picture
            self.look(fitted(self.flock.view, *box, picture.width(), picture.height()))
        self.tray.plan.fit()

    def note(self, _mound):
        flock = self.flock
        some = flock.members or flock.decks or flock.hazes
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
        else:
            self.choose(None)

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
            self.window.show_hand()
        self.plate.show_hand(hand)

    def show_again(self):
        """Show what has come meanwhile: the photograph of the plate."""
        if self.window.station is self:
            self.window.picture.show_mound(self.as_seen(self.window.document.mound))
            self.window.picture.update()

    def _look_into_library(self):
        try:
            with Index(self.window.delivering.library) as index:
                index.refresh(most=AT_ONCE)
                names = index.names()
        except Problem as problem:
            self.window.tell(tr(problem.sentence))
            names = []
        self._known = None  # a newest version may be another now
        self.tray.show_assets(names)

    def _changed(self, moving):
        self.chosen = [n for n in self.chosen if n < len(self.flock.members)]
        self.sources()
        self.tray.show_flock()
        self.settings.show_flock()
        if self.window.station is self:
            self.window.picture.show_mound(self.as_seen(self.window.document.mound))
            self.window.picture.show_note(self.note(None))
            self.window.looking.ask(moving)

    def _named(self):
        if self.window.station is self:
            self.window.show_steps()

    def _refused(self, sentence):
        """An edit was not done: say why, and show again what is so."""
        self.window.tell(sentence)
        self.document.let_go()
        self._changed(False)

    # -- choosing -------------------------------------------------------------------------------

    def choose(self, number, more=False):
        """Choose a member.

        Parameters
        ----------
        number : int or None
            None for none.
        more : bool, optional
            Beside those that are chosen; one that is among them is let go.
        """
        together = [] if number is None else self._together(number)
        if not more:
            self.chosen = together
        elif number in self.chosen:
            self.chosen = [n for n in self.chosen if n not in together]
        else:
            self.chosen = [*self.chosen, *(n for n in together if n not in self.chosen)]
        if number is not None and self.flock.members[number].spread:
            self._spread_name = self.flock.members[number].spread
        self.tray.show_flock()
        self.settings.show_flock()

    def _together(self, number):
        """Members that are chosen with one: those of its group, it last."""
        group = self.flock.members[number].group
        return [n for n, m in enumerate(self.flock.members) if group and m.group == group and n != number] + [number]

    def group(self):
        """Let the chosen members be chosen together from now on; of a whole group, no longer."""
        chosen = [self.flock.members[n] for n in self.chosen]
        if not chosen:
            return
        taken = {m.group for m in self.flock.members}
        name = "" if all(m.group and m.group == chosen[0].group for m in chosen) else next(
            name for n in range(1, MOST_MEMBERS + 2) if (name := tr("Group {}").format(n)) not in taken)
        self._edit(tr("group members") if name else tr("ungroup members"), lambda m: m.edited(group=name))

    def choose_spread(self, number):
        """Show the numbers of another spread.

        Parameters
        ----------
        number : int
        """
        self._spread_name = self.flock.spreads[number].name
        self.tray.show_flock()
        self.settings.show_flock()

    # -- members --------------------------------------------------------------------------------

    def _edit(self, undo_label, change, moving=False):
        """Change the chosen members; what a spread placed counts as changed by hand from now on."""
        def edited(flock):
            members = list(flock.members)
            for number in self.chosen:
                members[number] = change(members[number])
            return flock.edited(members=tuple(members))

        self.document.apply(undo_label, edited, moving)

    def shift(self, x, z):
        """Move the chosen members, but those that are locked.

        Parameters
        ----------
        x, z : float
            Metres.
        """
        self._edit(tr("move members"), lambda m: m if m.locked else m.edited(
            place=(min(max(m.place[0] + x, -5e4), 5e4), m.place[1], min(max(m.place[2] + z, -5e4), 5e4)), moved=True), True)

    def lift(self, metres):
        """Move the chosen members up or down, but those that are locked.

        Parameters
        ----------
        metres : float
        """
        self._edit(tr("lift members"), lambda m: m if m.locked else m.edited(
            place=(m.place[0], min(max(m.place[1] + metres, -5e4), 5e4), m.place[2]), moved=True), True)

    def member_seen_at(self, at):
        """Number of the member that is seen at a place of the picture, or None.

        Parameters
        ----------
        at : QPointF
        """
        point = self.window.looking.point_at(at.x(), at.y())
        return None if point is None else member_at(self.flock, self.sources(), point)

    def fit_member(self, number):
        """Fit a member into the picture.

        Parameters
        ----------
        number : int
        """
        member, picture = self.flock.members[number], self.window.picture
        corners = corners_of(member, self.sources()[member.asset])
        self.look(fitted(self.flock.view, corners.min(axis=0), corners.max(axis=0), picture.width(), picture.height()))

    def edit_chosen(self, name, value, moving):
        """Change one thing of the chosen members.

        Parameters
        ----------
        name : str
            "altitude", "size", "turn", "density", "mirrored", "hidden" or "locked".
        value : float or bool
        moving : bool
        """
        def change(member):
            if name == "altitude":
                return member.edited(place=(member.place[0], value, member.place[2]), moved=True)
            if name == "turn":
                return member.edited(turn=(member.turn[0], value, member.turn[2]), moved=True)
            return member.edited(**{name: value}, moved=member.moved or name not in ("hidden", "locked"))

        if self.chosen:
            self._edit(tr("change members"), change, moving)

    def make_own(self):
        """Write the recipe of the chosen member as a mound of its own, beside the flock, and show that from now on."""
        if len(self.chosen) != 1:
            return
        member = self.flock.members[self.chosen[0]]
        recipe = self._recipe_of(member)
        if recipe is None:
            self.window.tell(tr("It has no recipe: it was adopted, or its files are gone."))
            return
        taken = {p.name for p in self.document.folder.glob("*.mound")}
        named = next(f"{member.asset.name}{more}" for more in ("", *(f" {n}" for n in range(2, 10_000)))
                     if f"{member.asset.name}{more}.mound" not in taken)
        try:
            mound = read_mound(recipe)
            write_mound(self.document.folder / f"{named}.mound", mound.edited(name=named[:80]))
        except Problem as problem:
            self.window.tell(tr(problem.sentence))
            return
        asset = Asset(name=named[:80], file=f"{named}.mound")
        self._edit(tr("own mound"), lambda m: m.edited(asset=asset, name=named[:80], moved=True))
        self.window.tell(tr("Written: {}.mound; what you save there is shown here.").format(self.document.folder / named))

    def place_one(self, x, z):
        """Place the asset that the tray names.

        Parameters
        ----------
        x, z : float
            Metres.
        """
        asset = self.tray.asset.currentText()
        if not asset or len(self.flock.members) >= MOST_MEMBERS:
            return
        spread = self.spread
        altitude = spread.low if spread is not None else 800.0
        first = not self.flock.members
        member = Member(asset=Asset(name=asset), name=asset, place=(round(x, 3), altitude, round(z, 3)))
        self.chosen = [len(self.flock.members)]
        self.document.apply(tr("place {}").format(asset), lambda flock: flock.edited(members=(*flock.members, member)))
        if first:
            self.fit()

    def remove(self):
        """Take the chosen members out."""
        if self.chosen:
            numbers, self.chosen = list(self.chosen), []
            self.document.apply(tr("remove members"), lambda flock: taken_out(flock, numbers))

    def open_mound(self):
        """Make the recipe of the chosen member the present mound."""
        mound = self._recipe_of(self.flock.members[self.chosen[0]])
        if mound is None:
            self.window.tell(tr("It has no recipe: it was adopted, or its files are gone."))
            return
        self.window.files.open(mound)
        if self.window.document.path == mound:  # the present one was not to be kept
            self.window.open_station("Mass")

    def _recipe_of(self, member):
        """Path of the recipe of what a member shows; None where there is none."""
        source = self.sources().get(member.asset)
        if source is None:
            return None
        path = pathlib.Path(next(iter(source.tiers.values())))
        return path if path.suffix == ".mound" else next(path.parent.glob("*.mound"), None)

    # -- layers ---------------------------------------------------------------------------------

    def add_layer(self, kind):
        """Add a deck or a haze.

        Parameters
        ----------
        kind : str
            Of `LAYERS`.
        """
        word, model, *_ = LAYERS[kind]
        there = getattr(self.flock, kind)
        if len(there) >= 8:
            self.window.tell(tr("Eight decks are the most a flock can have; remove one first.") if kind == "decks" else
                             tr("Eight hazes are the most a flock can have; remove one first."))
            return
        taken = {layer.name for layer in there}
        name = next(n for n in (word, *(f"{word} {k}" for k in range(2, 10))) if n not in taken)
        self.document.apply(tr("add {}").format(name), lambda flock: flock.edited(**{kind: (*there, model(name=name))}))

    def edit_layer(self, kind, number, name, value, moving):
        """Change one thing of a deck or a haze.

        Parameters
        ----------
        kind : str
        number : int
        name : str
            Of its model.
        value : float or bool
        moving : bool
        """
        there = getattr(self.flock, kind)
        if number >= len(there):
            return
        self.document.apply(tr("change {}").format(there[number].name), lambda flock: flock.edited(**{
            kind: (*there[:number], changed_layer(there[number], name, value), *there[number + 1:])}), moving)

    def remove_layer(self, kind, number):
        """Take a deck or a haze out.

        Parameters
        ----------
        kind : str
        number : int
        """
        there = getattr(self.flock, kind)
        if number < len(there):
            self.document.apply(tr("remove {}").format(there[number].name),
                                lambda flock: flock.edited(**{kind: (*there[:number], *there[number + 1:])}))

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

    # -- spreads --------------------------------------------------------------------------------

    def spread_asset(self):
        """Spread the asset that the tray names over the plan."""
        if self.tray.asset.currentText():
            self._new_spread([self.tray.asset.currentText()])

    def spread_all(self):
        """Spread every asset of the library over the plan."""
        names = [self.tray.asset.itemText(n) for n in range(self.tray.asset.count())]
        if names:
            self._new_spread(names[:200])

    def _new_spread(self, names):
        plan, first = self.tray.plan, not self.flock.members
        across = float(f"{min(plan.width(), plan.height()) * ACROSS / plan.scale:.2g}") if not first else 5000.0
        across = min(max(across, 10.0), 1e5)
        taken = {spread.name for spread in self.flock.spreads}
        called = next(name for n in range(1, 200) if (name := tr("Spread {}").format(n)) not in taken)
        middle = tuple(round(min(max(v, -5e4), 5e4), 1) for v in plan.middle)
        kinds = tuple(Kind(asset=Asset(name=name)) for name in names)
        rule = Spread(name=called, kinds=kinds, size=(across, across), centre=middle)
        self._spread_name, self.chosen = called, []

        def change(flock):
            flock = flock.edited(spreads=(*flock.spreads, rule))
            return spread_again(flock, self._radii(flock), called)

        self.document.apply(tr("spread"), change)
        if first and self.flock.members:
            self._stand_in_it()

    def _stand_in_it(self):
        """Look along the sky from a third of the way into it, a little from below, as one would stand."""
        self.fit()
        view = self.flock.view
        self.look(view.edited(focal=24.0, distance=view.distance * 0.33, elevation=-3.0))

    def _radii(self, flock):
        found = sources_of(flock, self.window.delivering.library, self.document.folder)
        return {asset: source.radius for asset, source in found.items()}

    def edit_spread(self, name, value, moving):
        """Change one thing of the spread that is shown, and place its members anew.

        Parameters
        ----------
        name : str
            Of `settings.SPREAD`, or "area".
        value : float or str
        moving : bool
        """
        spread = self.spread
        if spread is None:
            return
        def change(flock):
            changed_spread = changed_by(spread, name, value)
            flock = flock.edited(spreads=tuple(changed_spread if s.name == spread.name else s for s in flock.spreads))
            return spread_again(flock, self._radii(flock), spread.name)

        self.chosen = []
        self.document.apply(tr("change spread"), change, moving)

    def paint(self, x, z, radius, amount):
        """Paint where the members of the spread that is shown stand; they are placed anew when the hand lets go.

        Parameters
        ----------
        x, z, radius : float
            Metres.
        amount : float
            See `painted_over`.
        """
        spread = self.spread
        if spread is not None:
            self.document.apply(tr("paint spread"), lambda flock: flock.edited(spreads=tuple(
                painted_over(spread, x, z, radius, amount) if s is spread else s for s in flock.spreads)), True)

    def painted(self):
        """The brush was lifted: place the members of the painted spread."""
        spread = self.spread
        if spread is not None:
            self.chosen = []
            self.document.apply(tr("paint spread"), lambda flock: spread_again(flock, self._radii(flock), spread.name))

    def draw_line(self, points):
        """Let the members of the spread that is shown stand along a line.

        Parameters
        ----------
        points : sequence of (float, float)
            x and z, metres.
        """
        spread = self.spread
        if spread is None:
            return
        self.chosen = []
        self.document.apply(tr("spread along a line"), lambda flock: spread_again(flock.edited(spreads=tuple(
            along_line(spread, points) if s is spread else s for s in flock.spreads)), self._radii(flock), spread.name))

    def another_seed(self):
        """Place the members of the spread that is shown anew."""
        if self.spread is not None:
            self.edit_spread("seed", (self.spread.seed + 1) % 2**31, False)

    def remove_spread(self):
        """Remove the spread that is shown, with what it placed and nobody changed."""
        spread = self.spread
        if spread is None:
            return
        self.chosen = []
        self.document.apply(tr("remove spread"), lambda flock: flock.edited(
            spreads=tuple(s for s in flock.spreads if s.name != spread.name),
            members=tuple(m.edited(spread="") if m.spread == spread.name else m for m in flock.members
                          if m.spread != spread.name or m.moved or m.locked)))

    # -- light, views, files --------------------------------------------------------------------

    def take_light(self):
        """Show the flock in the light of the present mound."""
        light = self.window.document.mound.light.edited(lamps=())
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
        self.chosen = []
        self.document.replace(Flock(), tr("new flock"))


def _paint_sky(painter):
    """A few clouds on the tile."""
    painter.setPen(Qt.PenStyle.NoPen)
    for x, y, wide in ((22, 44, 26), (56, 36, 20), (84, 42, 16), (40, 24, 14), (74, 22, 10)):
        painter.setBrush(style.with_alpha(style.TEXT, 40 + 2 * wide))
        painter.drawEllipse(QRectF(x - wide / 2, y - wide / 5, wide, wide / 2.5))
        painter.drawEllipse(QRectF(x - wide / 4, y - wide / 2.4, wide / 2, wide / 2))
