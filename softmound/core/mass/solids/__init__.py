"""Solids: one module for each shape that a form of kind solid may have.

A file put into this folder is a shape, and nothing else has to name it: menus, recipes, kernels and bounds ask what is here.
Distances after Quilez (2018, "Distance functions"), each checked against volumes and nearest points in the tests.
"""

import importlib
import pkgutil
from collections.abc import Mapping
from functools import cached_property

from ...kernels import Late, call
from .shape import SolidShape

FIRST = 10
"""Number in the table of the first shape."""


class Shapes(Mapping):
    """All shapes by their words, in the order an artist sees them; the folder is read when it is first asked for."""

    @cached_property
    def _found(self):
        found = []
        for module in pkgutil.iter_modules(__path__, f"{__name__}."):
            named = vars(importlib.import_module(module.name)).values()
            found += [kind() for kind in named if isinstance(kind, type) and issubclass(kind, SolidShape)
                      and kind is not SolidShape and kind.__module__ == module.name]
        found.sort(key=lambda shape: (shape.order, shape.word))
        for number, shape in enumerate(found):
            shape.code = FIRST + number
        return {shape.word: shape for shape in found}

    def __getitem__(self, word):
        return self._found[word]

    def __iter__(self):
        return iter(self._found)

    def __len__(self):
        return len(self._found)


SHAPES = Shapes()


def _chosen():
    """Signed distance from a point to the solid of a row, by its kind."""
    measured = [shape for shape in SHAPES.values() if shape.distance is not None]
    lines = [f" if kind == {shape.code}:\n  return of{shape.code}(b, x, y, z)" for shape in measured]
    source = "\n".join(["def solid_distance(b, kind, x, y, z):", *lines, " return of_last(b, x, y, z)"])
    space = {f"of{shape.code}": shape.distance for shape in measured}
    space["of_last"] = measured[-1].distance
    exec(compile(source, __file__, "exec"), space)
    return call(space["solid_distance"]).now()


solid_distance = Late(_chosen)
"""Signed distance from a point in own axes to the solid of a row, as kernels call it: (row, kind, x, y, z) to metres."""
