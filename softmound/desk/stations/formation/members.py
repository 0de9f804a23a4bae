"""Members of a flock: chosen, moved and changed by hand."""

import pathlib

from ....core.formation.picking import corners_of, member_at
from ....core.formation.spreading import taken_out
from ....core.light.scene.camera import fitted
from ....core.recipe import Problem
from ....core.recipe.files import read_mound, write_mound
from ....core.recipe.flock import MOST_MEMBERS, Asset, Member
from ...words import tr


class Members:
    """Chooses members of the flock of a station, and changes those that are chosen.

    Parameters
    ----------
    station : FormationStation

    Attributes
    ----------
    chosen : list of int
    """

    def __init__(self, station):
        self._station, self._services = station, station.services
        self.chosen = []

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
        if number is not None and self._station.flock.members[number].spread:
            self._station.spreads.name = self._station.flock.members[number].spread
        self._station.tray.show_flock()
        self._station.settings.show_flock()

    def _together(self, number):
        """Members that are chosen with one: those of its group, it last."""
        group = self._station.flock.members[number].group
        return [n for n, m in enumerate(self._station.flock.members) if group and m.group == group and n != number] + [number]

    def group(self):
        """Let the chosen members be chosen together from now on; of a whole group, no longer."""
        chosen = [self._station.flock.members[n] for n in self.chosen]
        if not chosen:
            return
        taken = {m.group for m in self._station.flock.members}
        name = "" if all(m.group and m.group == chosen[0].group for m in chosen) else next(
            name for n in range(1, MOST_MEMBERS + 2) if (name := tr("Group {}").format(n)) not in taken)
        self._edit(tr("group members") if name else tr("ungroup members"), lambda m: m.edited(group=name))

    def _edit(self, undo_label, change, moving=False):
        """Change the chosen members; what a spread placed counts as changed by hand from now on."""
        def edited(flock):
            members = list(flock.members)
            for number in self.chosen:
                members[number] = change(members[number])
            return flock.edited(members=tuple(members))

        self._station.document.apply(undo_label, edited, moving)

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

    def seen_at(self, at):
        """Number of the member that is seen at a place of the picture, or None.

        Parameters
        ----------
        at : QPointF
        """
        point = self._services.looking.point_at(at.x(), at.y())
        return None if point is None else member_at(self._station.flock, self._station.sources(), point)

    def fit(self, number):
        """Fit a member into the picture.

        Parameters
        ----------
        number : int
        """
        station, picture = self._station, self._services.picture
        member = station.flock.members[number]
        corners = corners_of(member, station.sources()[member.asset])
        station.look(fitted(station.flock.view, corners.min(axis=0), corners.max(axis=0), picture.width(), picture.height()))

    def edit(self, name, value, moving):
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
        member = self._station.flock.members[self.chosen[0]]
        recipe = self._recipe_of(member)
        if recipe is None:
            self._services.tell(tr("It has no recipe: it was adopted, or its files are gone."))
            return
        taken = {p.name for p in self._station.document.folder.glob("*.mound")}
        named = next(f"{member.asset.name}{more}" for more in ("", *(f" {n}" for n in range(2, 10_000)))
                     if f"{member.asset.name}{more}.mound" not in taken)
        try:
            mound = read_mound(recipe)
            write_mound(self._station.document.folder / f"{named}.mound", mound.edited(name=named[:80]))
        except Problem as problem:
            self._services.tell(tr(problem.sentence))
            return
        asset = Asset(name=named[:80], file=f"{named}.mound")
        self._edit(tr("own mound"), lambda m: m.edited(asset=asset, name=named[:80], moved=True))
        self._services.tell(tr("Written: {}.mound; what you save there is shown here.").format(
            self._station.document.folder / named))

    def place(self, x, z):
        """Place the asset that the tray names.

        Parameters
        ----------
        x, z : float
            Metres.
        """
        asset = self._station.tray.asset.currentText()
        if not asset or len(self._station.flock.members) >= MOST_MEMBERS:
            return
        spread = self._station.spreads.present
        altitude = spread.low if spread is not None else 800.0
        first = not self._station.flock.members
        member = Member(asset=Asset(name=asset), name=asset, place=(round(x, 3), altitude, round(z, 3)))
        self.chosen = [len(self._station.flock.members)]
        self._station.document.apply(tr("place {}").format(asset), lambda flock: flock.edited(members=(*flock.members, member)))
        if first:
            self._station.fit()

    def remove(self):
        """Take the chosen members out."""
        if self.chosen:
            numbers, self.chosen = list(self.chosen), []
            self._station.document.apply(tr("remove members"), lambda flock: taken_out(flock, numbers))

    def open_mound(self):
        """Make the recipe of the chosen member the present mound."""
        mound = self._recipe_of(self._station.flock.members[self.chosen[0]])
        if mound is None:
            self._services.tell(tr("It has no recipe: it was adopted, or its files are gone."))
            return
        self._services.files.open(mound)
        if self._services.document.path == mound:  # the present one was not to be kept
            self._services.open_station("Mass")

    def _recipe_of(self, member):
        """Path of the recipe of what a member shows; None where there is none."""
        source = self._station.sources().get(member.asset)
        if source is None:
            return None
        path = pathlib.Path(next(iter(source.tiers.values())))
        return path if path.suffix == ".mound" else next(path.parent.glob("*.mound"), None)

    def radius_of(self, member):
        """Half of how wide a member is from above, metres."""
        source = self._station.sources().get(member.asset)
        return (50.0 if source is None else source.radius) * member.size
