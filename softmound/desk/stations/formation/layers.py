"""Decks and hazes of a flock, and their rows in the settings of Formation."""

from PyQt6.QtWidgets import QCheckBox, QComboBox, QPushButton

from ....core.recipe.flock import Deck, Haze
from ...fields.controls import NumberField, Row
from ...words import tr

DECK = {
    "altitude": ("Altitude", -1_000.0, 20_000.0, 250.0, "m", "Of its underside.", "linear", (0.0, 6_000.0)),
    "thickness": ("Thickness", 10.0, 5_000.0, 260.0, "m", "From the underside up to its tops.", "log", (30.0, 2_000.0)),
    "cover": ("Cover", 0.0, 1.0, 0.85, "", "Share of the sky it covers; the rest is holes.", "linear", None),
    "lumps": ("Lumps", 5.0, 20_000.0, 520.0, "m", "How wide its lumps are.", "log", (50.0, 5_000.0)),
    "stretched": ("Stretched", 1.0, 10.0, 1.5, "×", "So many times as long along the wind.", "linear", (1.0, 5.0)),
    "along": ("Wind along", -180.0, 180.0, 0.0, "°", "Azimuth of the wind.", "linear", None),
    "waves": ("Waves", 0.0, 2_000.0, 40.0, "m", "How far crests stand above hollows.", "linear", (0.0, 400.0)),
    "wavelength": ("Wavelength", 20.0, 50_000.0, 2_400.0, "m", "From crest to crest.", "log", (200.0, 20_000.0)),
    "density": ("Extinction", 0.0001, 10.0, 0.03, "1/m", "Natural cloud has 0.01 to 0.12.", "log", (0.002, 0.5)),
    "reach": ("Reach", 100.0, 100_000.0, 15_000.0, "m", "How far it goes all round the middle.", "log", (2_000.0, 60_000.0)),
    "seed": ("Seed", 0, 2**31 - 1, 1, "", "Another number, another deck.", "linear", (0, 100), True),
}
HAZE = {
    "visibility": ("Visibility", 0.02, 500.0, 30.0, "km", "In it, at its lowest.", "log", (0.2, 200.0)),
    "low": ("Lowest", -1_000.0, 20_000.0, 0.0, "m", "Where it begins.", "linear", (0.0, 3_000.0)),
    "high": ("Highest", -1_000.0, 20_000.0, 1_500.0, "m", "Where it ends.", "linear", (0.0, 6_000.0)),
    "falls": ("Thins over", 1.0, 10_000.0, 350.0, "m", "Height over which it becomes e times thinner.", "log", (20.0, 3_000.0)),
    "uneven": ("Uneven", 0.0, 1.0, 0.5, "", "How much it is varied.", "linear", None),
    "lumps": ("Lumps", 1.0, 50_000.0, 2_500.0, "m", "How wide what varies it is.", "log", (100.0, 20_000.0)),
    "reach": ("Reach", 10.0, 100_000.0, 15_000.0, "m", "How far it goes all round the middle.", "log", (2_000.0, 60_000.0)),
    "wide": ("Width", 0.001, 100_000.0, 4_000.0, "m", "Of the box.", "log", (200.0, 60_000.0)),
    "deep": ("Depth", 0.001, 100_000.0, 4_000.0, "m", "Of the box.", "log", (200.0, 60_000.0)),
    "x": ("Middle x", -50_000.0, 50_000.0, 0.0, "m", "Of the box.", "linear", (-10_000.0, 10_000.0)),
    "z": ("Middle z", -50_000.0, 50_000.0, 0.0, "m", "Of the box.", "linear", (-10_000.0, 10_000.0)),
    "seed": ("Seed", 0, 2**31 - 1, 1, "", "Another number, another haze.", "linear", (0, 100), True),
}
LAYERS = {"decks": ("Deck", Deck, DECK, "A layer of cloud to the horizon."),
          "hazes": ("Haze", Haze, HAZE, "A thin medium that hugs the ground; the sun casts shadows through it.")}
"""What kinds of layer a flock has: its word, its model, its numbers, and what it is."""
PARTS = {"wide": ("size", 0), "deep": ("size", 1), "x": ("centre", 0), "z": ("centre", 1)}
"""Numbers that are one of a pair: its field of the model, and which."""


def value_of(layer, name):
    """A number of a layer.

    Parameters
    ----------
    layer : Deck or Haze
    name : str
        Of `DECK` or `HAZE`.

    Returns
    -------
    float
    """
    field, at = PARTS.get(name, (name, None))
    value = getattr(layer, field)
    return value if at is None else value[at]


def changed_layer(layer, name, value):
    """A layer with another number.

    Parameters
    ----------
    layer : Deck or Haze
    name : str
    value : float or bool

    Returns
    -------
    Deck or Haze
        Of the two altitudes of a haze the one that is not dragged gives way.
    """
    if name == "seed":
        return layer.edited(seed=int(round(value)))
    if name == "low":
        return layer.edited(low=value, high=layer.high if value < layer.high else value + 1.0)
    if name == "high":
        return layer.edited(low=layer.low if value > layer.low else value - 1.0, high=value)
    if name not in PARTS:
        return layer.edited(**{name: value})
    field, at = PARTS[name]
    pair = list(getattr(layer, field))
    pair[at] = value
    return layer.edited(**{field: tuple(pair)})


class Layers:
    """Adds, changes and removes decks and hazes of the flock of a station.

    Parameters
    ----------
    station : FormationStation
    """

    def __init__(self, station):
        self._station = station

    def add(self, kind):
        """Add a deck or a haze.

        Parameters
        ----------
        kind : str
            Of `LAYERS`.
        """
        word, model, *_ = LAYERS[kind]
        there = getattr(self._station.flock, kind)
        if len(there) >= 8:
            self._station.services.tell(tr("Eight decks are the most a flock can have; remove one first.") if kind == "decks" else
                                      tr("Eight hazes are the most a flock can have; remove one first."))
            return
        taken = {layer.name for layer in there}
        name = next(n for n in (word, *(f"{word} {k}" for k in range(2, 10))) if n not in taken)
        self._station.document.apply(tr("add {}").format(name), lambda flock: flock.edited(**{kind: (*there, model(name=name))}))

    def edit(self, kind, number, name, value, moving):
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
        there = getattr(self._station.flock, kind)
        if number >= len(there):
            return
        self._station.document.apply(tr("change {}").format(there[number].name), lambda flock: flock.edited(**{
            kind: (*there[:number], changed_layer(there[number], name, value), *there[number + 1:])}), moving)

    def remove(self, kind, number):
        """Take a deck or a haze out.

        Parameters
        ----------
        kind : str
        number : int
        """
        there = getattr(self._station.flock, kind)
        if number < len(there):
            self._station.document.apply(tr("remove {}").format(there[number].name),
                                         lambda flock: flock.edited(**{kind: (*there[:number], *there[number + 1:])}))


class LayerRows:
    """Which layer of a kind is shown, its numbers, and buttons to add and remove.

    Parameters
    ----------
    panel : SettingsPanel
        The rows are added to it.
    station : FormationStation
    kind : str
        Of `LAYERS`.
    """

    def __init__(self, panel, station, kind):
        self._station, self._kind = station, kind
        word, _, numbers, about = LAYERS[kind]
        panel.section(word)
        self.which = QComboBox()
        self.which.setAccessibleName(tr("Which {}").format(tr(word).lower()))
        self.which.activated.connect(lambda _: self.show_flock())
        self.hidden = QCheckBox(tr("Hidden"))
        self.hidden.setAccessibleName(tr("{} hidden").format(tr(word)))
        self.hidden.clicked.connect(lambda on: self._edit("hidden", bool(on), False))
        panel.add(Row(self.which, self.hidden))
        self.boxed = QCheckBox(tr("In a box"))
        self.boxed.setToolTip(tr("It fills a box rather than all that is within its reach."))
        self.boxed.clicked.connect(lambda on: self._edit("boxed", bool(on), False))
        panel.add(self.boxed)
        self.fields = {}
        for name, row in numbers.items():
            field = panel.add(NumberField(*row))
            field.changed.connect(lambda value, moving, n=name: self._edit(n, value, moving))
            self.fields[name] = field
        self.more = QPushButton(tr("Add {}").format(tr(word).lower()))
        self.drop = QPushButton(tr("Remove {}").format(tr(word).lower()))
        self.more.setToolTip(tr(about))
        self.more.clicked.connect(lambda: (station.layers.add(kind), self.which.setCurrentIndex(self.which.count() - 1),
                                           self.show_flock()))
        self.drop.setToolTip(tr("Take it out of the sky."))
        self.drop.clicked.connect(lambda: station.layers.remove(kind, self.number))
        panel.add(Row(self.more, self.drop))

    @property
    def number(self):
        """Which layer of the flock is shown: int."""
        return max(self.which.currentIndex(), 0)

    def _edit(self, name, value, moving):
        self._station.layers.edit(self._kind, self.number, name, value, moving)

    def show_flock(self):
        """Follow the flock."""
        layers = getattr(self._station.flock, self._kind)
        names = [layer.name for layer in layers]
        if [self.which.itemText(n) for n in range(self.which.count())] != names:
            at = min(self.number, max(len(names) - 1, 0))
            self.which.clear()
            self.which.addItems(names)
            self.which.setCurrentIndex(at if names else -1)
        for widget in (*self.fields.values(), self.which, self.hidden, self.drop):
            widget.setVisible(bool(layers))
        if layers:
            layer = layers[self.number]
            for name, field in self.fields.items():
                field.set(value_of(layer, name))
            self.hidden.setChecked(layer.hidden)
        boxable = bool(layers) and hasattr(layer, "boxed")
        self.boxed.setVisible(boxable)
        if boxable:
            self.boxed.setChecked(layer.boxed)
            for name, field in self.fields.items():
                field.setVisible(name not in (("reach",) if layer.boxed else PARTS))
