"""What an artist sees of a part of the recipe, row by row: as plain values, from which panels are made.

A model lists its rows itself, so that a number, its limits, its unit and the sentence that explains it stand in one place. A row is
shown only `when` other fields of its part have one of the stated values: ((field, values), ...).
"""

from dataclasses import dataclass
from typing import Any


@dataclass(frozen=True)
class Number:
    """A number: its field, label, unit, the part of its limits that the track covers, scale and sentence.

    It is shown as so many times `factor`, and, where it goes round, `modulo` a number.
    """

    field: str
    label: str
    unit: str = ""
    shown: tuple | None = None
    scale: str = "linear"
    sentence: str = ""
    when: tuple = ()
    factor: float = 1.0
    modulo: float = 0.0


@dataclass(frozen=True)
class Triple(Number):
    """Three numbers, along x, y and z."""


@dataclass(frozen=True)
class Maybe(Number):
    """A number that may be left out: a switch, and the number with the value it begins with."""

    begins: float = 1.0


@dataclass(frozen=True)
class Tint:
    """A colour."""

    field: str
    label: str
    sentence: str = ""
    when: tuple = ()


@dataclass(frozen=True)
class Changing:
    """Colours that change within the cloud, or none."""

    field: str
    label: str
    sentence: str = ""
    when: tuple = ()


@dataclass(frozen=True)
class Choice:
    """One of several words: labels by key, and perhaps a sentence for each. A wide one stands alone, without its label."""

    field: str
    label: str
    options: tuple = ()
    sentence: str = ""
    when: tuple = ()
    wide: bool = False
    said: tuple = ()


@dataclass(frozen=True)
class Switch:
    """On or off; of a field with two words, the second means on."""

    field: str
    label: str
    sentence: str = ""
    when: tuple = ()
    words: tuple = ()


@dataclass(frozen=True)
class Drawn:
    """A curve; one that may be left out begins as `begins`. One from nothing keeps its first point at 0."""

    field: str
    label: str
    ready: tuple = ()
    across: str = ""
    up: str = ""
    begins: object = None
    from_nothing: bool = False
    when: tuple = ()


def wanted(row: Any, part: Any) -> bool:
    """Whether a row is shown of a part as it is.

    Parameters
    ----------
    row : Number, Tint, Changing, Choice, Switch or Drawn
    part : Value

    Returns
    -------
    bool
    """
    return all(getattr(part, field) in values for field, values in row.when)
