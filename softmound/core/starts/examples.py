"""Examples: finished mounds of The Weather Bakery, shipped with a small picture of each.

They are made by `demo/gallery.py`; each is a mound like any other, and what is opened is a copy without a file of its own.
"""

import pathlib
from typing import NamedTuple

from ..problems import Problem
from ..recipe.files import read_mound

FOLDER = pathlib.Path(__file__).parents[2] / "examples"
"""Mounds, and a picture beside each under the same name."""


class Example(NamedTuple):
    """A finished mound.

    Attributes
    ----------
    name, sentence : str
    group : str
        What it shows.
    """

    name: str
    sentence: str
    group: str

    @property
    def word(self):
        """Its name as files and the command line have it: str."""
        return self.name.lower().replace(" ", "_")

    @property
    def path(self):
        """Its mound: pathlib.Path."""
        return FOLDER / f"{self.word}.mound"

    @property
    def picture(self):
        """Its picture: pathlib.Path."""
        return FOLDER / f"{self.word}.jpg"


FAIR, TALL, LAYERS = "Fair weather", "Towers", "Layers and wisps"
ODD, INSIDE, NIGHT = "Odd forms", "Beside something", "Evening and night"
_ALL = (
    Example("Cottage Loaf", "A broad loaf with a smaller one on top; the sun at the side.", FAIR),
    Example("Morning Bun", "A small flat cumulus over the sea, early.", FAIR),
    Example("Milk Bread", "Crisp lumps on a level base, at noon.", FAIR),
    Example("Poppy Roll", "Hard little lumps, close together, and the sun in front.", FAIR),
    Example("Flour Drift", "Torn and thin, at dawn.", FAIR),
    Example("Crumbs", "A field of tufts: soft curls above, torn below.", FAIR),
    Example("Meringue Spire", "A leaning tower against the sun, its rim alight.", TALL),
    Example("Rye Tower", "Turret upon turret in full boil, seen from near its foot.", TALL),
    Example("Iced Finger", "A tower whose tops have begun to freeze.", TALL),
    Example("Glazed Lid", "A turret under a smooth cap.", TALL),
    Example("Oven Door", "An anvil, its fibres drawn out by the wind above.", TALL),
    Example("Thunder Tin", "Lightning inside a tower, at dusk.", TALL),
    Example("Paper Cap", "A lens of lifted air, rippled across the wind.", LAYERS),
    Example("Proving Tray", "A piece of a layer of flat lumps, the sun low.", LAYERS),
    Example("Long Shelf", "Stairs of air before a storm.", LAYERS),
    Example("Rolled Dough", "A thin uneven veil with holes.", LAYERS),
    Example("Hanging Dough", "Pouches under a layer, lit from below.", LAYERS),
    Example("Sugar Threads", "Tufts of ice whose crystals fall and stay behind.", LAYERS),
    Example("Brioche", "The model of a brioche, baked to a cloud.", ODD),
    Example("Bundt", "A ring covered with balls, its edges crumbling.", ODD),
    Example("Pretzel", "Rings that pass through one another, in full boil.", ODD),
    Example("Torn Croissant", "A crescent: a ring with a part carved out, torn by the wind.", ODD),
    Example("Bakers Hare", "An animal of blobs: body, head, ears and tail.", ODD),
    Example("Cotton Bun", "A ball of wool with a wide soft edge.", ODD),
    Example("Toy Loaf", "Round and plain, as a child draws it.", ODD),
    Example("Tray on a Shelf", "A cloud of less than a metre in a room, by the light of a lamp.", INSIDE),
    Example("Chimney Puff", "Smoke over a house.", INSIDE),
    Example("Burnt Crust", "The heavy base of a storm at dusk.", NIGHT),
    Example("Blue Hour Roll", "After sunset, by the light of the sky alone.", NIGHT),
    Example("Ember Crust", "It glows from within, as embers do, under the moon.", NIGHT),
)
EXAMPLES = {example.word: example for example in _ALL}
"""By their words, in the order an artist sees them."""


def example(word):
    """A finished mound.

    Parameters
    ----------
    word : str
        One of `EXAMPLES`.

    Returns
    -------
    Mound

    Raises
    ------
    Problem
        When there is no such example.
    """
    if word not in EXAMPLES:
        raise Problem("There is no example {!r}; choose one of {}.", word, ", ".join(EXAMPLES))
    return read_mound(EXAMPLES[word].path)
