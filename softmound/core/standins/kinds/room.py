"""A room."""

from typing import Annotated, ClassVar, Literal

import numpy as np
from pydantic import Field

from ...recipe.rows import Number
from ...recipe.standins import Sized, StandIn
from ...recipe.value import Colour, Length, Name, Share
from ..shapes import block, joined

CELLS = 22


class Room(Sized):
    """A room with a window in one wall, and a front that is open as far as one looks in; its size is what is free inside."""

    order: ClassVar[int] = 70
    label: ClassVar[str] = "Room"
    sentence: ClassVar[str] = "A room with a window in the wall toward its own -x, and a front, toward its own z, to look in by."
    shaped_by: ClassVar[tuple[str, ...]] = ("size", "wall", "front", "window", "sill")
    smooth: ClassVar[float] = 10.0
    shape_rows: ClassVar[tuple] = (
        *StandIn.shape_rows,
        Number("wall", "Walls", "m", (0.02, 5.0), "log", "How thick they are."),
        Number("front", "Front open", "", None, "linear", "Share of the front wall's width that is left open, to look in by."),
        Number("window", "Window", "", None, "linear", "Share of the side wall's length that its window takes; 0 for none."),
        Number("sill", "Sill", "", None, "linear", "How high the window begins, as a share of the height."),
    )

    kind: Literal["room"] = "room"
    name: Name = "Room"
    size: tuple[Length, Length, Length] = (6.0, 3.2, 5.0)
    wall: Annotated[float, Field(ge=0.005, le=500.0)] = 0.25
    front: Share = 1.0
    window: Share = 0.3
    sill: Share = 0.32
    colour: Colour = (0.72, 0.64, 0.53)

    def triangles(self):
        (wide, high, deep), t = self.size, self.wall
        x, z, cell = wide / 2, deep / 2, max(self.size) / CELLS
        low, top = -t, high + t

        def slab(a, b):
            return [block(a, b, cell)] if np.all(np.subtract(b, a) > 1e-6) else []

        # Each inner side ends where the next begins: light held at its corners must not be that of outdoors.
        parts = slab((-x, low, -z), (x, 0.0, z)) + slab((-x, high, -z), (x, top, z))
        for bottom, ceiling in ((low, 0.0), (high, top)):
            parts += slab((-x - t, bottom, -z - t), (-x, ceiling, z + t)) + slab((x, bottom, -z - t), (x + t, ceiling, z + t))
            parts += slab((-x, bottom, -z - t), (x, ceiling, -z)) + slab((-x, bottom, z), (x, ceiling, z + t))
        for begin in (-z - t, z):
            parts += slab((-x - t, 0.0, begin), (-x, high, begin + t)) + slab((x, 0.0, begin), (x + t, high, begin + t))
        parts += slab((-x, 0.0, -z - t), (x, high, -z)) + slab((x, 0.0, -z), (x + t, high, z))
        half, begin = self.window * z, self.sill * high
        end = min(begin + (high - begin) * 0.75, high)
        if half > 0.0:
            parts += slab((-x - t, 0.0, -z), (-x, high, -half)) + slab((-x - t, 0.0, half), (-x, high, z))
            parts += slab((-x - t, 0.0, -half), (-x, begin, half)) + slab((-x - t, end, -half), (-x, high, half))
            # A cross of glazing bars, by which one sees that it is a window.
            bar, middle = t * 0.14, (begin + end) / 2
            parts += slab((-x - t * 0.6, begin, -bar), (-x - t * 0.3, end, bar))
            parts += slab((-x - t * 0.6, middle - bar, -half), (-x - t * 0.3, middle + bar, half))
        else:
            parts += slab((-x - t, 0.0, -z), (-x, high, z))
        closed = (1.0 - self.front) * x
        if closed > 0.0:
            parts += slab((-x, 0.0, z), (-x + closed, high, z + t)) + slab((x - closed, 0.0, z), (x, high, z + t))
        # What stands on the floor stands at the place.
        return joined(*parts)
