"""What an artist sees of a part of the recipe, row by row: as plain values, from which panels are made.

A model lists its rows itself, so that a number, its limits, its unit and the sentence that explains it stand in one place.
"""

from dataclasses import dataclass


@dataclass(frozen=True)
class Number:
    """A number: its field, label, unit, the part of its limits that the track covers, scale and sentence."""

    field: str
    label: str
    unit: str = ""
    shown: tuple | None = None
    scale: str = "linear"
    sentence: str = ""


@dataclass(frozen=True)
class Triple(Number):
    """Three numbers, along x, y and z."""


@dataclass(frozen=True)
class Maybe(Number):
    """A number that may be left out: a switch, and the number with the value it begins with."""

    begins: float = 1.0


@dataclass(frozen=True)
class Choice:
    """One of several words: labels by key."""

    field: str
    label: str
    options: tuple = ()
    sentence: str = ""


@dataclass(frozen=True)
class Switch:
    """On or off."""

    field: str
    label: str
    sentence: str = ""


@dataclass(frozen=True)
class Drawn:
    """A curve; one that may be left out begins as `begins`."""

    field: str
    label: str
    ready: tuple = ()
    across: str = ""
    up: str = ""
    begins: object = None
