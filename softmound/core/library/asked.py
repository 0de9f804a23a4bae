"""Searching in one line, as people say it: ``congestus 300-500 m shot:BAK_010 -torn``."""

import re

from .index import RANGES

LABELS = {"shot": "shots", "tag": "tags", "species": "species"}
"""What may stand before a colon, and what of `Index.numbers` it is."""
DAYS = ("since", "until")
_NUMBER = r"\d+(?:\.\d+)?"
_SPAN = re.compile(rf"(?<!\S)(?:(over|under)\s+({_NUMBER})|({_NUMBER})\s*(?:-|–|to)\s*({_NUMBER}))\s*(m|km)(?!\S)", re.IGNORECASE)
_SAID = re.compile(r'([a-z]+):("[^"]*"|\S+)|(-?)("[^"]*"|\S+)', re.IGNORECASE)
_BETWEEN = re.compile(rf"({_NUMBER})?(?:-|–)({_NUMBER})?$")


def asked(text, **more):
    """What a line asks for, and what is asked for besides.

    Parameters
    ----------
    text : str
        Beginnings of words; ``300-500 m``, ``over 2 km`` or ``under 80 m`` for the longest side; ``shot:``, ``tag:`` or
        ``species:`` and a whole one, in quotes if it has spaces; ``since:`` or ``until:`` and a day; ``height:``, ``voxel:``,
        ``depth:`` and ``A-B``; a word that must not be there with a ``-`` before it.
    **more
        Further arguments of `Index.numbers`: tags, shots and species are added to those of the line, anything else counts instead
        of what the line says, unless it is None.

    Returns
    -------
    dict
        Arguments of `Index.numbers`. What is not understood is a word like any other.
    """
    words, without, found = [], [], {}

    def span(match):
        bound, alone, least, most, unit = match.groups()
        metres = 1000.0 if unit.lower() == "km" else 1.0
        if bound is None:
            found["span"] = (float(least) * metres, float(most) * metres)
        else:
            found["span"] = (float(alone) * metres, None) if bound.lower() == "over" else (None, float(alone) * metres)
        return " "

    for key, value, minus, word in _SAID.findall(_SPAN.sub(span, text)):
        key, value = key.lower(), value.strip('"')
        if key in LABELS:
            found[LABELS[key]] = (*found.get(LABELS[key], ()), value)
        elif key in DAYS and re.fullmatch(r"\d{4}-\d\d-\d\d", value):
            found[key] = value
        elif key in RANGES and (between := _BETWEEN.match(value)) and any(between.groups()):
            found[key] = tuple(None if part is None else float(part) for part in between.groups())
        elif minus:
            without.append(word.strip('"'))
        elif word != "-":  # which somebody has only begun to type
            words.append(f"{key} {value}" if key else word.strip('"'))
    for name, value in more.items():
        if name in LABELS.values():
            found[name] = (*found.get(name, ()), *(value or ()))
        elif value is not None:
            found[name] = value
    return {"words": " ".join(words), **({"without": tuple(without)} if without else {}), **found}
