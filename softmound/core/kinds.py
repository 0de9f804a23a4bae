"""Registries: all kinds of one thing, found in the folder that has a module for each."""

import importlib
import pkgutil
from collections.abc import Iterator, Mapping
from functools import cached_property
from typing import Any

from pydantic_core import core_schema

WORDS: set[str] = set()
"""Those by which kinds are told apart, of all registries that were read."""


class Kinds(Mapping[str, Any]):
    """All kinds of one thing by their words, in the order an artist sees them.

    Every module of a package holds one kind, a model with a field whose default is its word; a file put into the folder is
    a kind, and nothing else has to name it. The folder is read when it is first asked for, so that a recipe knows its
    kinds without what stands below them knowing the modules. As a type's annotation it lets a recipe hold any of the kinds.

    Parameters
    ----------
    package : str
        Absolute name of the package.
    field : str
        That tells the kinds apart, in files too.
    """

    def __init__(self, package: str, field: str) -> None:
        self._package, self._field = package, field

    @cached_property
    def _found(self) -> dict[str, Any]:
        package = importlib.import_module(self._package)
        found: list[Any] = []
        for module in pkgutil.iter_modules(package.__path__, f"{self._package}."):
            named = vars(importlib.import_module(module.name)).values()
            found += [kind for kind in named if isinstance(kind, type) and kind.__module__ == module.name
                      and self._field in getattr(kind, "model_fields", ())]
        found.sort(key=lambda kind: (kind.order, kind.__name__))
        kinds = {kind.model_fields[self._field].default: kind for kind in found}
        WORDS.update(kinds)
        return kinds

    def __getitem__(self, word: str) -> Any:
        return self._found[word]

    def __iter__(self) -> Iterator[str]:
        return iter(self._found)

    def __len__(self) -> int:
        return len(self._found)

    def __get_pydantic_core_schema__(self, _source: Any, handler: Any) -> Any:
        """What pydantic checks a value against: the kind that its word names."""
        return core_schema.tagged_union_schema(
            {word: handler.generate_schema(kind) for word, kind in self._found.items()}, self._field)
