"""All pages of the manual, in their parts: texts from files, and the reference from the registries."""

import html
import pathlib
import re
from functools import cache
from typing import NamedTuple

from ...core.starts.examples import FOLDER
from ..words import spoken
from . import reference

MANUAL = pathlib.Path(__file__).parents[1] / "manual"
"""A folder of HTML for each language, made of `docs/manual` by `docs/make_manual.py`; pictures, strips, and the lessons' mounds."""
ENGLISH = "en"
PICTURES = MANUAL / "pictures"
MOUNDS = MANUAL / "mounds"
"""What each lesson ends in."""
REFERENCE = "reference"
PARTS = {"begin": "Begin", "lessons": "Lessons", "stations": "The work", "explained": "Explained", REFERENCE: "Reference"}
"""Titles of the parts by their folders, in their order."""
FIRST = "begin/01_first_cloud"
_TITLE = re.compile(r"<h1>(.*?)</h1>", re.DOTALL)


class Leaf(NamedTuple):
    """A page.

    Attributes
    ----------
    name : str
        Its part and its own name.
    title : str
    """

    name: str
    title: str

    @property
    def part(self):
        """Folder of its part: str."""
        return self.name.split("/")[0]


def file_of(name, language=None):
    """The file of a page that is no page of the reference.

    Parameters
    ----------
    name : str
    language : str, optional
        Default the one that the desk speaks; a page that it does not have is English.

    Returns
    -------
    pathlib.Path
    """
    path = MANUAL / (language or spoken()) / f"{name}.html"
    return path if path.exists() else MANUAL / ENGLISH / f"{name}.html"


def leaves():
    """All pages, in their order: list of Leaf."""
    return list(_leaves(spoken()))


@cache
def _leaves(language):
    found = []
    for part in PARTS:
        if part == REFERENCE:
            found += [Leaf(f"{REFERENCE}/{name}", title) for name, title in reference.titles()]
            continue
        for path in sorted((MANUAL / ENGLISH / part).glob("*.html")):
            name = f"{part}/{path.stem}"
            title = _TITLE.search(file_of(name, language).read_text(encoding="utf-8"))
            found.append(Leaf(name, html.unescape(title.group(1)) if title else path.stem))
    return found


def page(name):
    """What stands in the body of a page: HTML, str.

    Parameters
    ----------
    name : str
    """
    part, own = name.split("/", 1)
    return reference.page(own) if part == REFERENCE else file_of(name).read_text(encoding="utf-8")


@cache
def _text(name, language):
    return html.unescape(re.sub(r"<[^>]+>", " ", page(name))).lower()


def holding(typed):
    """Pages that hold all words that were typed: list of Leaf.

    Parameters
    ----------
    typed : str
    """
    words = typed.lower().split()
    return [leaf for leaf in leaves() if all(word in _text(leaf.name, spoken()) or word in leaf.title.lower() for word in words)]


def picture_file(name):
    """Where a picture of a page lies.

    Parameters
    ----------
    name : str

    Returns
    -------
    pathlib.Path or None
        None where there is none of that name.
    """
    plain = pathlib.PurePath(name).name
    return next((folder / plain for folder in (PICTURES, reference.STRIPS, FOLDER) if (folder / plain).is_file()), None)


def page_about(widget):
    """The page that speaks of a control, or of what it stands in.

    Parameters
    ----------
    widget : QWidget or None

    Returns
    -------
    str
        With an anchor where the control has a place of its own; empty where nothing is said of it.
    """
    from .entries import place_of

    while widget is not None:
        about = getattr(widget, "explained", None)
        place = place_of(*about) if isinstance(about, tuple) else None
        if place:
            return f"{REFERENCE}/{place[0]}#{place[1]}"
        if isinstance(about, str) and about:
            return about
        widget = widget.parentWidget()
    return ""
