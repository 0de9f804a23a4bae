"""Lengths in the unit that the artist wants to read. Recipes, files and the core know metres alone."""

import re

from PyQt6.QtCore import QSettings

from .figures import figure

UNITS = {"m": 1.0, "cm": 0.01, "km": 1000.0, "ft": 0.3048, "in": 0.0254}
"""Metres of each."""
NAMES = {"m": "metres", "cm": "centimetres", "km": "kilometres", "ft": "feet", "in": "inches"}
_TYPED = re.compile(r"\s*([-+]?[0-9.,]*(?:e[-+]?[0-9]+)?)\s*([a-z\"']*)\s*", re.IGNORECASE)
_SIGNS = {"'": "ft", '"': "in"}
_present = None


def unit():
    """The unit that lengths are shown in: str, of `UNITS`."""
    global _present
    if _present is None:
        kept = QSettings("softmound", "look").value("length", "m")
        _present = kept if kept in UNITS else "m"
    return _present


def show_in(name):
    """Show lengths in another unit from now on, and at the next start.

    Parameters
    ----------
    name : str
        Of `UNITS`.
    """
    global _present
    _present = name
    QSettings("softmound", "look").setValue("length", name)


def size_of_unit():
    """Metres of the unit that lengths are shown in: float."""
    return UNITS[unit()]


def length(metres, digits=3):
    """A length in words.

    Parameters
    ----------
    metres : float
    digits : int, optional
        Figures that count.

    Returns
    -------
    str
        In the unit that is shown; a longer or shorter one of its kind is not taken instead.
    """
    return f"{figure(metres / size_of_unit(), digits)} {unit()}"


def sizes(metres):
    """Several lengths in words, with one unit for all.

    Parameters
    ----------
    metres : iterable of float

    Returns
    -------
    str
    """
    return f"{' × '.join(figure(float(each) / size_of_unit()) for each in metres)} {unit()}"


def nice(metres, step):
    """A round length near another, round in the unit that is shown.

    Parameters
    ----------
    metres : float
    step : callable
        Given a number, a round one near it.

    Returns
    -------
    float
        Metres.
    """
    return step(metres / size_of_unit()) * size_of_unit()


def metres_of(text):
    """The length that was typed, with or without a unit.

    Parameters
    ----------
    text : str
        Such as ``12``, ``3,5 ft`` or ``120cm``; without a unit it is in that which is shown.

    Returns
    -------
    float
        Metres.

    Raises
    ------
    ValueError
        If it is none.
    """
    match = _TYPED.fullmatch(text)
    if match is None or not match.group(1):
        raise ValueError(f"{text!r} is no length")
    name = match.group(2).lower() or unit()
    name = _SIGNS.get(name, name)
    if name not in UNITS:
        raise ValueError(f"{name!r} is no unit of length; there are {', '.join(UNITS)}")
    return float(match.group(1).replace(",", ".")) * UNITS[name]
