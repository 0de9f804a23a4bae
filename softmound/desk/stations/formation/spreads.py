"""Spreads of a flock: begun, painted, drawn and changed by hand."""

from ....core.formation.spreading import painted_over, spread_again
from ....core.formation.standing import sources_of
from ....core.recipe.flock import Asset, Kind, Spread
from ...words import tr

ACROSS = 0.6
"""Share of the plan's smaller side that a new spread fills."""
PAIRS = {"wide": ("size", 0), "deep": ("size", 1), "smallest": ("sizes", 0), "largest": ("sizes", 1)}
"""Numbers that are one of a pair: its field of the model, and which."""
FARTHEST = 5e4
"""Metres from the flock's origin that a place may be: see `Place`."""
NARROWER = 0.25
"""Of an area's width, that of the line it becomes."""


def changed_by(spread, name, value):
    """A spread with another number.

    Parameters
    ----------
    spread : Spread
    name : str
        Of `settings.SPREAD`, or "area".
    value : float or str

    Returns
    -------
    Spread
        Of two that have an order the one that is not dragged gives way.
    """
    if name in ("count", "seed"):
        return spread.edited(**{name: int(round(value))})
    if name in PAIRS:
        field, at = PAIRS[name]
        both = list(getattr(spread, field))
        both[at] = value
        if field == "sizes":
            both[1 - at] = max(both[1 - at], value) if at == 0 else min(both[1 - at], value)
        return spread.edited(**{field: tuple(both)})
    if name == "low":
        return spread.edited(low=value, high=max(spread.high, value))
    if name == "high":
        return spread.edited(low=min(spread.low, value), high=value)
    return spread.edited(**{name: value})


def along_line(spread, points):
    """A spread whose members stand along a line.

    Parameters
    ----------
    spread : Spread
    points : sequence of (float, float)
        x and z of its corners, metres.

    Returns
    -------
    Spread
    """
    points = tuple(tuple(round(min(max(v, -FARTHEST), FARTHEST), 1) for v in point) for point in points)
    wide = spread.size[0] if spread.area == "line" else NARROWER * spread.size[0]
    return spread.edited(area="line", points=points, size=(max(wide, 1.0), spread.size[1]))


class Spreads:
    """Spreads assets over the plan of a station, and changes the spread that is shown.

    Parameters
    ----------
    station : FormationStation

    Attributes
    ----------
    name : str
        Of the spread whose numbers are shown; of none, those of the last are.
    """

    def __init__(self, station):
        self._station, self._services = station, station.services
        self.name = ""

    @property
    def present(self):
        """The spread whose numbers are shown: Spread or None."""
        spreads = self._station.flock.spreads
        return next((s for s in spreads if s.name == self.name), spreads[-1] if spreads else None)

    def choose(self, number):
        """Show the numbers of another spread.

        Parameters
        ----------
        number : int
        """
        self.name = self._station.flock.spreads[number].name
        self._station.tray.show_flock()
        self._station.settings.show_flock()

    def of_one(self):
        """Spread the asset that the tray names over the plan."""
        if self._station.tray.asset.currentText():
            self._new_spread([self._station.tray.asset.currentText()])

    def of_all(self):
        """Spread every asset of the library over the plan."""
        names = [self._station.tray.asset.itemText(n) for n in range(self._station.tray.asset.count())]
        if names:
            self._new_spread(names[:200])

    def _new_spread(self, names):
        plan, first = self._station.tray.plan, not self._station.flock.members
        across = float(f"{min(plan.width(), plan.height()) * ACROSS / plan.scale:.2g}") if not first else 5000.0
        across = min(max(across, 10.0), 1e5)
        taken = {spread.name for spread in self._station.flock.spreads}
        called = next(name for n in range(1, 200) if (name := tr("Spread {}").format(n)) not in taken)
        middle = tuple(round(min(max(v, -5e4), 5e4), 1) for v in plan.middle)
        kinds = tuple(Kind(asset=Asset(name=name)) for name in names)
        rule = Spread(name=called, kinds=kinds, size=(across, across), centre=middle)
        self.name, self._station.members.chosen = called, []

        def change(flock):
            flock = flock.edited(spreads=(*flock.spreads, rule))
            return spread_again(flock, self._radii(flock), called)

        self._station.document.apply(tr("spread"), change)
        if first and self._station.flock.members:
            self._stand_in_it()

    def _stand_in_it(self):
        """Look along the sky from a third of the way into it, a little from below, as one would stand."""
        self._station.fit()
        view = self._station.flock.view
        self._station.look(view.edited(focal=24.0, distance=view.distance * 0.33, elevation=-3.0))

    def _radii(self, flock):
        found = sources_of(flock, self._services.delivering.library, self._station.document.folder)
        return {asset: source.radius for asset, source in found.items()}

    def edit(self, name, value, moving):
        """Change one thing of the spread that is shown, and place its members anew.

        Parameters
        ----------
        name : str
            Of `settings.SPREAD`, or "area".
        value : float or str
        moving : bool
        """
        spread = self.present
        if spread is None:
            return
        def change(flock):
            changed_spread = changed_by(spread, name, value)
            flock = flock.edited(spreads=tuple(changed_spread if s.name == spread.name else s for s in flock.spreads))
            return spread_again(flock, self._radii(flock), spread.name)

        self._station.members.chosen = []
        self._station.document.apply(tr("change spread"), change, moving)

    def paint(self, x, z, radius, amount):
        """Paint where the members of the spread that is shown stand; they are placed anew when the hand lets go.

        Parameters
        ----------
        x, z, radius : float
            Metres.
        amount : float
            See `painted_over`.
        """
        spread = self.present
        if spread is not None:
            self._station.document.apply(tr("paint spread"), lambda flock: flock.edited(spreads=tuple(
                painted_over(spread, x, z, radius, amount) if s is spread else s for s in flock.spreads)), True)

    def painted(self):
        """The brush was lifted: place the members of the painted spread."""
        spread = self.present
        if spread is not None:
            self._station.members.chosen = []
            self._station.document.apply(tr("paint spread"), lambda flock: spread_again(flock, self._radii(flock), spread.name))

    def draw_line(self, points):
        """Let the members of the spread that is shown stand along a line.

        Parameters
        ----------
        points : sequence of (float, float)
            x and z, metres.
        """
        spread = self.present
        if spread is None:
            return
        self._station.members.chosen = []
        self._station.document.apply(tr("spread along a line"), lambda flock: spread_again(flock.edited(spreads=tuple(
            along_line(spread, points) if s is spread else s for s in flock.spreads)), self._radii(flock), spread.name))

    def another_seed(self):
        """Place the members of the spread that is shown anew."""
        if self.present is not None:
            self.edit("seed", (self.present.seed + 1) % 2**31, False)

    def remove(self):
        """Remove the spread that is shown, with what it placed and nobody changed."""
        spread = self.present
        if spread is None:
            return
        self._station.members.chosen = []
        self._station.document.apply(tr("remove spread"), lambda flock: flock.edited(
            spreads=tuple(s for s in flock.spreads if s.name != spread.name),
            members=tuple(m.edited(spread="") if m.spread == spread.name else m for m in flock.members
                          if m.spread != spread.name or m.moved or m.locked)))
