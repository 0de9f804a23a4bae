"""Baskets: named collections of published versions for a shot, in an order, with notes.

A basket is a small JSON file in the library, so that whoever looks into the library sees it.
"""

import json
import pathlib
from typing import Annotated, Literal

from pydantic import Field, ValidationError

from ..aside import shown, write_whole
from ..problems import NotWritten, Problem, sentence_for
from ..recipe.value import Name, Value
from ..regular import read_text
from .folders import file_name
from .shelf import of_asset

BASKETS, ENDING = ".baskets", ".basket"
"""Folder of a library that holds them, and what their names end in."""
MOST = 2000
"""Versions in a basket."""


class Item(Value):
    """A version in a basket.

    Attributes
    ----------
    name : str
        Of the asset.
    version : int
        0 for whichever is the newest.
    id : str
        Of the asset, so that it is found when it is called otherwise; empty where it has none.
    note : str
    """

    name: Name
    version: Annotated[int, Field(ge=0, le=100_000)] = 0
    id: Annotated[str, Field(pattern="^([0-9a-f]{16})?$")] = ""
    note: Annotated[str, Field(max_length=1000)] = ""


class Basket(Value):
    """Published versions for a shot.

    Attributes
    ----------
    name : str
    note : str
    items : tuple of Item
        In the order in which they are shown and packed.
    """

    format: Literal[1] = 1
    name: Name
    note: Annotated[str, Field(max_length=4000)] = ""
    items: Annotated[tuple[Item, ...], Field(max_length=MOST)] = ()


def baskets_in(library):
    """All baskets of a library.

    Parameters
    ----------
    library : path-like

    Returns
    -------
    list of Basket
        By name; without those that cannot be read.
    """
    found = []
    for path in (pathlib.Path(library) / BASKETS).glob(f"*{ENDING}"):
        try:
            found.append(_read(path))
        except Problem:
            continue
    return sorted(found, key=lambda basket: basket.name.casefold())


def basket_named(library, name):
    """A basket of a library.

    Parameters
    ----------
    library : path-like
    name : str

    Returns
    -------
    Basket

    Raises
    ------
    Problem
        If there is none of that name, or its file is damaged.
    """
    path = _file(library, name)
    if not path.exists():
        there = ", ".join(basket.name for basket in baskets_in(library)) or "none"
        raise Problem("{}: has no basket {!r}; there are: {}.", shown(library), name, there)
    return _read(path)


def keep_basket(library, basket):
    """Write a basket into a library; one of the same name is replaced.

    Parameters
    ----------
    library : path-like
    basket : Basket

    Raises
    ------
    NotWritten
    """
    path = _file(library, basket.name)
    try:
        path.parent.mkdir(parents=True, exist_ok=True)
    except OSError as error:
        raise NotWritten("{}: baskets cannot be kept there ({}); choose another library.", shown(library),
                         error.strerror) from error
    write_whole(path, (json.dumps(basket.model_dump(mode="json"), indent=1, ensure_ascii=False) + "\n").encode())


def forget_basket(library, name):
    """Delete a basket; the versions in it stay.

    Parameters
    ----------
    library : path-like
    name : str

    Raises
    ------
    Problem
        If there is none, or it cannot be deleted.
    """
    try:
        _file(library, name).unlink()
    except FileNotFoundError as error:
        raise Problem("{}: has no basket {!r}.", shown(library), name) from error
    except OSError as error:
        raise NotWritten("{}: its basket {!r} cannot be deleted ({}).", shown(library), name, error.strerror) from error


def renamed_basket(library, name, new):
    """Call a basket otherwise.

    Parameters
    ----------
    library : path-like
    name, new : str

    Returns
    -------
    Basket

    Raises
    ------
    Problem
        If there is none, the name will not do, or another has it.
    """
    basket = basket_named(library, name)
    try:
        other = basket.edited(name=new.strip())
    except Problem as error:
        raise Problem("{!r} is no name for a basket; it needs a letter or a figure, and no slash.", new) from error
    if other.name == name:
        return basket
    if _file(library, other.name).exists():
        raise Problem("{}: has a basket {!r} already.", shown(library), other.name)
    keep_basket(library, other)
    forget_basket(library, name)
    return other


def with_versions(basket, versions):
    """A basket with some more versions at its end, each bound to its number.

    Parameters
    ----------
    basket : Basket
    versions : sequence of Version

    Returns
    -------
    Basket
        What is in it already stays where it is.

    Raises
    ------
    Problem
        If it would hold too many.
    """
    items = {(item.id or item.name, item.version): item for item in basket.items}
    for version in versions:
        facts = version.facts
        item = Item(name=facts["name"], version=version.number, id=facts.get("id", ""))
        items.setdefault((item.id or item.name, item.version), item)
    if len(items) > MOST:
        raise Problem("A basket holds {} versions at most; make another one.", MOST)
    return basket.edited(items=tuple(items.values()))


def without(basket, places):
    """A basket without the versions at some places of it: Basket.

    Parameters
    ----------
    basket : Basket
    places : sequence of int
    """
    return basket.edited(items=tuple(item for n, item in enumerate(basket.items) if n not in set(places)))


def moved(basket, place, by):
    """A basket one of whose versions stands earlier or later: Basket.

    Parameters
    ----------
    basket : Basket
    place, by : int
        Where it stands, and how many places on.
    """
    items = list(basket.items)
    items.insert(max(place + by, 0), items.pop(place))
    return basket.edited(items=tuple(items))


def noted(basket, place, note):
    """A basket with another note on one of its versions: Basket.

    Parameters
    ----------
    basket : Basket
    place : int
    note : str
    """
    return basket.edited(items=tuple(item.edited(note=note) if n == place else item for n, item in enumerate(basket.items)))


def brought_up_to_date(library, basket):
    """A basket whose versions are the newest of their assets.

    Parameters
    ----------
    library : path-like
    basket : Basket

    Returns
    -------
    Basket
    """
    found = []
    for item in basket.items:
        versions = of_asset(library, item.name, item.id)
        found.append(item.edited(version=versions[-1].number) if versions and item.version else item)
    return basket.edited(items=tuple(found))


def versions_of(library, basket):
    """The versions in a basket.

    Parameters
    ----------
    library : path-like
    basket : Basket

    Returns
    -------
    list of (Item, Version or None, int)
        With None for what is not there, and the newest number of its asset.
    """
    known, found = {}, []
    for item in basket.items:
        key = item.name, item.id
        if key not in known:
            known[key] = {version.number: version for version in of_asset(library, *key)}
        newest = max(known[key], default=0)
        found.append((item, known[key].get(item.version or newest), newest))
    return found


def baskets_with(library, version):
    """Baskets that a version is in.

    Parameters
    ----------
    library : path-like
    version : Version

    Returns
    -------
    list of (Basket, int)
        Each with the number that it has there, 0 for the newest.
    """
    return [(basket, item.version) for basket in baskets_in(library) for item in basket.items
            if version.is_of(item.name, item.id) and item.version in (0, version.number)]


def _file(library, name):
    """File of a basket: that of this name, or one that is not there yet; names that look alike never share one."""
    number, base = 1, file_name(name)
    while True:
        path = pathlib.Path(library) / BASKETS / (f"{base}{ENDING}" if number == 1 else f"{base}_{number}{ENDING}")
        try:
            if _read(path).name == name:
                return path
        except Problem:
            if not path.exists():
                return path
        number += 1


def _read(path):
    try:
        data = json.loads(read_text(path, inside=True))
        return Basket.model_validate(data)
    except OSError as error:
        raise Problem("{}: cannot be read ({}).", shown(path), error.strerror) from error
    except ValidationError as error:
        raise Problem(sentence_for(error, shown(path))) from error
    except (ValueError, RecursionError) as error:
        raise Problem("{}: is no basket; restore it from a copy.", shown(path)) from error
