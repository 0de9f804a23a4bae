"""What the reference lists: for each page its entries, taken from the registries."""

from dataclasses import dataclass
from functools import cache

from ...core.engine import films, takes
from ...core.formation import filming
from ...core.grain.characters import CHARACTERS, SENTENCES
from ...core.light.scene.situations import NAMES as SITUATIONS
from ...core.mass.solids import SHAPES
from ...core.recipe import models, time
from ...core.recipe.forms import FORMS, BaseLevel, Buds, Coat, Form, Roughness, TopLevel
from ...core.recipe.grains import ACTIONS, MASKS, Mask, Noise, Patch, Warp
from ...core.recipe.rows import Choice, Number, Switch, Triple
from ...core.recipe.standins import STAND_INS, Sized, StandIn
from ...core.recipe.steps import STEPS
from ...core.starts.examples import EXAMPLES
from ...core.starts.rising import RISING
from ...core.starts.species import STARTS


@dataclass(frozen=True)
class Line:
    """One thing that can be set.

    Attributes
    ----------
    field, label, unit, sentence : str
    low, high : float or None
        Limits, as it is shown; None for what is no number.
    shown : (float, float) or None
        What of them the track covers.
    default : object
    options : tuple of (str, str, str)
        Of a choice: word, label and sentence of each.
    row : object
        Of `core.recipe.rows`; None for what a station shows by itself.
    """

    field: str
    label: str
    unit: str = ""
    sentence: str = ""
    low: float | None = None
    high: float | None = None
    shown: tuple | None = None
    default: object = None
    options: tuple = ()
    row: object = None


@dataclass(frozen=True)
class Entry:
    """One kind of thing in the reference.

    Attributes
    ----------
    key : str
        By which pictures and links call it; of what has numbers, the name of its model.
    title, sentence : str
    model : type or None
    lines : tuple of Line
    """

    key: str
    title: str
    sentence: str = ""
    model: type | None = None
    lines: tuple = ()


@dataclass(frozen=True)
class Sheet:
    """A page of the reference.

    Attributes
    ----------
    name, title, sentence : str
    entries : callable
        Gives its entries.
    """

    name: str
    title: str
    sentence: str
    entries: callable


def _line(model, row):
    default = model.model_fields[row.field].default
    low = high = shown = None
    options = ()
    if isinstance(row, Number):
        low, high = (limit * row.factor for limit in models.limits(model, row.field))
        shown = row.shown
        default = default[0] if isinstance(row, Triple) else default
        default = default * row.factor if default is not None else None
    elif isinstance(row, Choice):
        said = row.said or ("",) * len(row.options)
        options = tuple((word, label, sentence) for (word, label), sentence in zip(row.options, said))
        default = dict(row.options).get(default)
    elif isinstance(row, Switch):
        default = default == row.words[1] if row.words else bool(default)
    return Line(row.field, row.label, getattr(row, "unit", ""), getattr(row, "sentence", ""), low, high, shown, default, options,
                row)


def _entry(key, title, sentence, model, *rows):
    return Entry(key, title, sentence, model, tuple(_line(model, row) for row in sum(rows, ())))


def _of(model, title, *rows):
    """An entry of a model, of its `rows` unless others are named."""
    return _entry(model.__name__, title, model.sentence, model, *(rows or (getattr(model, "rows", ()),)))


def _said(sentence):
    """A sentence of a table as a whole one: they begin small and end without a stop where they stand in a list."""
    return sentence if sentence.endswith(".") else f"{sentence[:1].upper()}{sentence[1:]}."


def _forms():
    yield _of(models.Mass, "The mass")
    for word, kind in FORMS.items():
        yield _of(kind, word.capitalize())
    for word, shape in SHAPES.items():
        yield Entry(f"solid-{word}", word.capitalize(), shape.sentence)
    yield _entry("Form", "Every form", "What all forms have.", Form, Form.place_rows, Form.age_rows)
    yield _of(Buds, "Buds")
    yield _of(Coat, "Coat")
    yield _of(Roughness, "Roughness")
    yield _of(BaseLevel, "Base level")
    yield _of(TopLevel, "Top level")


def _grains():
    for word, kind in ACTIONS.items():
        yield _entry(kind.__name__, word.capitalize(), _said(kind.sentence), kind, kind.rows)
    yield _of(Noise, "Noise", Noise.noise_rows, Noise.more_rows)
    yield _of(Warp, "Warp")
    yield _of(Patch, "Patch")


def _where():
    for kind in MASKS.values():
        yield _of(kind, kind.label)
    yield _entry("Mask", "Every mask", "What all masks have; with several of them their shares are multiplied.", Mask,
                 Mask.every_row)


def _surface():
    yield _of(models.Voxels, "Voxels")
    for kind in STEPS.values():
        yield _of(kind, kind.label)
    yield _of(models.Skin, "Skin", models.Skin.rows, models.Skin.shape_rows, models.Skin.tone_rows)
    yield _of(models.LowerSkin, "Skin of the underside")


def _light():
    yield _of(models.Light, "Exposure", models.Light.first_rows, models.Light.rows)
    yield _of(models.Sun, "Sun", models.Sun.first_rows, models.Sun.rows)
    yield _of(models.Sky, "Sky")
    yield _of(models.Floor, "Below")
    yield _of(models.Lamp, "Lamp", models.Lamp.rows, models.Lamp.place_rows)
    yield _of(models.Medium, "Medium and phase function", models.Medium.first_rows, models.Medium.rows)
    yield _of(models.Fader, "Fader of a light group")
    yield _of(models.View, "View")


def _situations():
    for name in SITUATIONS:
        yield Entry(f"situation-{name}", name)


def _stand_ins():
    for kind in STAND_INS.values():
        rows = kind.shape_rows if kind.shape_rows is not Sized.shape_rows else ()
        yield _entry(kind.__name__, kind.label, kind.sentence, kind, rows)
    yield _entry("StandIn", "Every stand-in", "What all stand-ins have.", Sized, StandIn.place_rows, Sized.shape_rows,
                 StandIn.rows, StandIn.way_rows)


def _time():
    yield _of(time.TimeLine, "Time line")
    yield _of(time.Growth, "Growth")
    yield _of(time.Sounding, "Sounding")


def _rising():
    for word, kind in RISING.items():
        yield Entry(f"growth-{word}", kind.label, kind.sentence)


def _formation():
    # Of the station: its numbers stand there, since they are of several members at once.
    from ..stations.formation.layers import LAYERS
    from ..stations.formation.settings import MEMBER, SPREAD

    tables = (("Member", "Member", "One placing of an asset.", MEMBER),
              ("Spread", "Spread", "A rule that places members over an area by one seed.", SPREAD),
              *((model.__name__, title, sentence, table) for title, model, table, sentence in LAYERS.values()))
    for key, title, sentence, table in tables:
        yield Entry(key, title, sentence, None, tuple(
            Line(name, label, unit, said, low, high, *(rest[:1] or (None,)), default)
            for name, (label, low, high, default, unit, said, _, *rest) in table.items()))


def _starts():
    for word, kind in STARTS.items():
        yield Entry(f"start-{word}", word.capitalize(), _said(kind.sentence))


def _characters():
    for name in CHARACTERS:
        yield Entry(f"character-{name}", name, SENTENCES[name])


def _examples():
    for word, one in EXAMPLES.items():
        yield Entry(f"example-{word}", one.name, one.sentence)


def _takes():
    for group, table in (("", takes.TAKES), ("moving", films.TAKES), ("flock", filming.TAKES)):
        for word, take in table.items():
            yield Entry(f"take-{group}-{word}", take.label, take.sentence)


SHEETS = (
    Sheet("forms", "Forms", "What a cloud is blocked in from, in Mass.", _forms),
    Sheet("grains", "Grains and noise", "Layers of noise, in Grain.", _grains),
    Sheet("where", "Where: masks", "Where a grain, a patch or a growth acts.", _where),
    Sheet("surface", "Voxels, steps and skin", "From the shape to the density, in Voxels.", _surface),
    Sheet("light", "Light", "Sun, sky, lamps, medium and lens, in Light.", _light),
    Sheet("situations", "Situations", "Ready lights: where the sun stands beside the view, and its sky.", _situations),
    Sheet("stand_ins", "Stand-ins", "Solid things beside the cloud, in Light and Formation.", _stand_ins),
    Sheet("time", "Time and growth", "What moves, in every station, and what rises, in Mass.", _time),
    Sheet("rising", "Ready growths", "Growths to begin with.", _rising),
    Sheet("formation", "Members, spreads and layers", "Many clouds in one sky, in Formation.", _formation),
    Sheet("starts", "Starts", "Clouds to begin with, on the wall of starts.", _starts),
    Sheet("characters", "Characters", "Ready sets of grains, sized to the cloud, in Grain.", _characters),
    Sheet("examples", "Examples", "Finished clouds of The Weather Bakery, to take apart.", _examples),
    Sheet("takes", "Pictures", "Kinds of picture that are taken of a cloud or a flock.", _takes),
)
"""All pages that are made of registries of the core, in their order."""


@cache
def places():
    """Where each thing that can be set stands: dict of (str, str), key and field, to the name of its page."""
    return {(entry.key, line.field): sheet.name for sheet in SHEETS for entry in sheet.entries() for line in entry.lines}


def place_of(model, field):
    """Page and anchor of what can be set.

    Parameters
    ----------
    model : type or str
        Whose field it is, or the key of its entry.
    field : str

    Returns
    -------
    (str, str) or None
        Of a kind of grain, the fields of its noise stand where noise does.
    """
    for key in (model,) if isinstance(model, str) else (kind.__name__ for kind in model.__mro__):
        if (key, field) in places():
            return places()[key, field], f"{key}.{field}"
    return None
