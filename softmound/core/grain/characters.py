"""Ready sets of grains, made for a cloud 300 m across and scaled to any; and the artist's own, as files."""

import json
import pathlib
import re

import platformdirs
from pydantic import TypeAdapter, ValidationError

from ..aside import write_whole
from ..problems import Problem, sentence_for
from ..recipe.curve import Curve
from ..recipe.grains import MOST_GRAINS, AnyGrain, Noise
from ..regular import read_text
from .actions.mottle import Mottle
from .actions.nibble import Nibble
from .actions.push import Push
from .actions.stir import Stir
from .actions.streak import Streak
from .masks.facing import ByFacing
from .masks.height import ByHeight
from .masks.tired import ByTired

MADE_FOR = 300.0
"""Span in metres for which the ready sets are written."""
ENDING = ".grains"
_BELOW = (ByFacing(toward="down"),)
ROLLED = {"kind": "cellular", "cell": "f2-f1", "direction": "outward", "standing": True, "goes_on": True, "balanced": True,
          "contrast": Curve(points=((0.0, 0.0), (0.3, 0.66), (1.0, 1.0)))}
"""Lumps that stand on lumps in every direction, about the shape that is there. Cells rise steeply from their borders and are round
on top: without the contrast they are spikes, which also makes the band wide in which bricks are looked at."""
_SOFT = {**ROLLED, "cell": "smooth f1", "direction": "inward", "contrast": None}
_LOW = (ByTired(low=10.0, high=130.0, lee=0.4, uneven=0.5, noise=Noise(feature=44.0, octaves=2, seed=61)),)
"""Old parts: below and on the lee."""
_HIGH = (ByHeight(low=90.0, high=150.0),)

CHARACTERS = {
    "Cauliflower": (
        Push(**ROLLED, feature=39.0, strength=106.0, octaves=6, gain=0.64, weaker_below=0.7, seed=17),
        Nibble(feature=5.0, depth=1.6, strength=0.35, octaves=4, gain=0.62, seed=5),
    ),
    "Boil": (
        Push(**ROLLED, feature=50.0, strength=124.0, octaves=6, gain=0.62, weaker_below=0.6, seed=29),
        Nibble(feature=7.0, depth=2.0, strength=0.35, octaves=4, gain=0.6, seed=6),
    ),
    "Crust": (
        Push(**ROLLED, feature=25.0, strength=54.0, octaves=5, gain=0.54, seed=41),
        Push(feature=60.0, strength=7.0, octaves=2, seed=42),
        Nibble(feature=4.0, depth=1.4, strength=0.45, octaves=4, seed=43),
    ),
    "Whipped": (
        Push(**_SOFT, feature=44.0, strength=26.0, octaves=4, gain=0.44, weaker_below=0.2, seed=51),
        Nibble(feature=6.0, depth=1.5, strength=0.3, octaves=3, seed=53),
    ),
    "Crumb": (
        Push(**ROLLED, feature=30.0, strength=68.0, octaves=5, gain=0.62, seed=61),
        Nibble(feature=7.0, depth=7.0, strength=0.8, octaves=5, gain=0.62, seed=63),
        Mottle(feature=9.0, strength=0.5, floor=0.3, octaves=4, seed=65),
    ),
    "Fleece": (
        Push(summed="folded", balanced=True, feature=52.0, strength=34.0, octaves=5, gain=0.55, weaker_below=0.3, seed=3),
        Push(summed="domed", balanced=True, feature=15.0, strength=8.0, octaves=3, weaker_below=0.3, seed=13),
        Nibble(feature=9.0, depth=5.0, strength=0.6, octaves=5, gain=0.6, seed=23),
    ),
    "Wool": (
        Push(**_SOFT, feature=40.0, strength=16.0, octaves=3, seed=71),
        Nibble(feature=12.0, depth=16.0, strength=0.75, octaves=5, gain=0.66, seed=73),
    ),
    "Torn": (
        Push(**ROLLED, feature=34.0, strength=75.0, octaves=5, gain=0.62, seed=11),
        Nibble(feature=26.0, depth=26.0, strength=0.97, octaves=6, gain=0.62, seed=2, where=_LOW),
        Nibble(feature=9.0, depth=6.0, strength=0.7, octaves=5, gain=0.62, seed=4),
        Streak(feature=7.0, strength=11.0, octaves=3, summed="ridged", seed=8, where=_LOW),
    ),
    "Veil": (
        Push(feature=90.0, strength=36.0, octaves=6, gain=0.64, seed=6),
        Stir(feature=45.0, strength=28.0, octaves=3, steps=3, seed=15),
        Nibble(feature=30.0, depth=60.0, strength=0.97, octaves=6, gain=0.58, seed=4),
        Mottle(feature=24.0, strength=0.8, floor=0.12, octaves=5, seed=9),
    ),
    "Anvil fibres": (
        Push(**ROLLED, feature=36.0, strength=86.0, octaves=6, gain=0.64, seed=12, where=(_HIGH[0].edited(invert=True),)),
        Streak(feature=9.0, strength=50.0, taper=1.2, octaves=4, stretch=(5.0, 0.7, 1.0), summed="ridged", seed=21, where=_HIGH),
        Nibble(feature=18.0, depth=14.0, strength=0.8, octaves=4, stretch=(4.0, 0.8, 1.0), seed=25, where=_HIGH),
    ),
    "Ripple": (
        Push(feature=30.0, strength=9.0, octaves=3, gain=0.45, stretch=(0.7, 1.0, 3.0), seed=81),
        Push(**_SOFT, feature=26.0, strength=10.0, octaves=3, gain=0.5, seed=83),
        Nibble(feature=10.0, depth=6.0, strength=0.6, octaves=4, stretch=(0.7, 1.0, 2.5), seed=85),
    ),
    "Storm base": (
        Push(**ROLLED, feature=39.0, strength=86.0, octaves=6, gain=0.64, weaker_below=0.8, seed=31),
        Push(**ROLLED, feature=30.0, strength=17.0, octaves=5, gain=0.58, seed=33, where=_BELOW),
        Nibble(feature=20.0, depth=24.0, strength=0.9, octaves=5, gain=0.6, seed=37, where=_BELOW),
        Nibble(feature=6.0, depth=2.0, strength=0.4, octaves=4, seed=39),
    ),
}
"""In the order an artist sees them."""
SENTENCES = {
    "Cauliflower": "Lumps on lumps, crisp: a cumulus that grows.",
    "Boil": "Larger and rounder lumps, in full boil.",
    "Crust": "Small hard lumps, close together, like baked crust.",
    "Whipped": "Soft folds, as of whipped cream; smoother than any sky's.",
    "Crumb": "Lumps whose edges have begun to crumble.",
    "Fleece": "Soft curls, for flocks of small clouds; smoother than any sky's.",
    "Wool": "Round and fluffy, with a wide soft edge; smoother than any sky's.",
    "Torn": "Crisp above, torn to wisps below and downwind.",
    "Veil": "A thin uneven veil with holes.",
    "Anvil fibres": "Lumps below, fibres drawn out by the wind above.",
    "Ripple": "Fine waves across the wind; smoother than any sky's.",
    "Storm base": "Heavy lumps above a ragged, hanging underside.",
}
NATURAL = ("Cauliflower", "Boil", "Crust", "Crumb", "Torn", "Veil", "Anvil fibres", "Storm base")
"""Those whose outline and spectrum are as of clouds in nature; Whipped, Fleece, Wool and Ripple are smoother than any sky's."""


def sized_character(grains, span, level=0.0):
    """A set of grains at the size of a cloud.

    Parameters
    ----------
    grains : sequence of Grain
        Written for `MADE_FOR` metres, heights above 0.
    span : float
        Longest side of the cloud in metres.
    level : float, optional
        Altitude at which the cloud stands.

    Returns
    -------
    tuple of Grain
    """
    factor = span / MADE_FOR
    return tuple(grain.sized(factor, lambda p: (p[0] * factor, level + p[1] * factor, p[2] * factor))
                 for grain in grains)


def own_folder():
    """Where the artist's own characters are kept.

    Returns
    -------
    pathlib.Path
    """
    return platformdirs.user_data_path("softmound") / "characters"


def save_character(path, grains, span, level=0.0):
    """Write a set of grains as a file.

    Parameters
    ----------
    path : path-like
    grains : sequence of Grain
    span, level : float
        Of the cloud they were made on.

    Raises
    ------
    Problem
        If it cannot be written.
    """
    factor = MADE_FOR / span
    plain = [g.sized(factor, lambda p: (p[0] * factor, (p[1] - level) * factor, p[2] * factor)) for g in grains]
    path = pathlib.Path(path)
    try:
        path.parent.mkdir(parents=True, exist_ok=True)
    except OSError as error:
        raise Problem("{}: cannot be made ({}).", path.parent, error.strerror) from error
    content = {"format": 1, "made_for": MADE_FOR, "grains": [g.model_dump(mode="json") for g in plain]}
    write_whole(path, json.dumps(content, indent=1).encode())


def read_character(path):
    """Read a set of grains.

    Parameters
    ----------
    path : path-like

    Returns
    -------
    tuple of Grain
        For a cloud of `MADE_FOR` metres.

    Raises
    ------
    Problem
        If the file is missing, damaged, or holds something else.
    """
    try:
        content = json.loads(read_text(path))
        if not isinstance(content, dict) or content.get("format") != 1 or not isinstance(content.get("grains"), list):
            raise Problem("{}: holds no set of grains; choose a file that ends in {}.", path, ENDING)
        grains = TypeAdapter(tuple[AnyGrain, ...]).validate_python(content["grains"])
    except OSError as error:
        raise Problem("{}: could not be read ({}).", path, error.strerror) from error
    except ValidationError as error:
        raise Problem(sentence_for(error, path)) from error
    except (ValueError, RecursionError) as error:
        raise Problem("{}: damaged or no set of grains; restore it from a copy.", path) from error
    if not 1 <= len(grains) <= MOST_GRAINS:
        raise Problem("{}: holds {} grains; a set has 1 to {}.", path, len(grains), MOST_GRAINS)
    return grains


def own_characters(folder=None):
    """The artist's own characters.

    Parameters
    ----------
    folder : path-like, optional

    Returns
    -------
    dict of str to pathlib.Path
        By name.
    """
    folder = own_folder() if folder is None else pathlib.Path(folder)
    return {path.stem.replace("_", " "): path for path in sorted(folder.glob(f"*{ENDING}"))}


def character_file(name, folder=None):
    """File for a character of a name.

    Parameters
    ----------
    name : str
    folder : path-like, optional

    Returns
    -------
    pathlib.Path
    """
    folder = own_folder() if folder is None else pathlib.Path(folder)
    return folder / f"{re.sub(r'[^0-9A-Za-z]+', '_', name).strip('_') or 'character'}{ENDING}"
