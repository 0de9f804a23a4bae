"""Stand-ins: solid things beside the cloud, which give it scale, cast shadows, cut it in compositing, and stand in its way."""

from typing import Annotated, Any, ClassVar, Literal

import numpy as np
from pydantic import Field

from ..kinds import Kinds
from .rows import Choice, Maybe, Number, Switch, Tint, Triple
from .value import Colour, Degrees, Length, Name, Place, Share, Value

Shown = Literal["seen", "matte", "shadow", "hidden"]
SHOWN: tuple[Shown, ...] = ("seen", "matte", "shadow", "hidden")
"""How a stand-in can be shown, in the order in which a key goes through them."""
MOST_STAND_INS = 64


class StandIn(Value):
    """What all stand-ins share.

    A kind is one module of `standins/kinds`: it says its place among the others, which of its fields its triangles are made
    from, and the rows an artist sees.

    Attributes
    ----------
    place : tuple of float
        Where the middle of its underside stands, metres.
    turn : tuple of float
        Degrees about x, then y, then z.
    colour : tuple of float
        What it sends back of each colour of light.
    roughness : float
        For the programs it is handed to; here all of them send light back evenly to all sides.
    shown : str
        "seen"; "matte": the eye meets it and sees nothing, a hole in what is behind; "shadow": the eye does not meet it, light
        does; or "hidden".
    clears : float or None
        How far around it there is no cloud, metres; None leaves the cloud as it is.
    obstacle : bool
        What grows flows round it.
    """

    order: ClassVar[int] = 100
    label: ClassVar[str] = ""
    sentence: ClassVar[str] = ""
    shaped_by: ClassVar[tuple[str, ...]] = ("size",)
    smooth: ClassVar[float] = 40.0
    told: ClassVar[tuple] = ("name", "locked", "roughness")
    shape_rows: ClassVar[tuple] = (
        Triple("size", "Size", "m", (0.1, 500.0), "log", "How far it reaches along its own axis."),)
    place_rows: ClassVar[tuple] = (
        Triple("place", "Place", "m", (-500.0, 500.0), "linear", "Where the middle of its underside stands; y is the altitude."),
        Triple("turn", "Turn", "°", (-180.0, 180.0), "linear", "About the axis; x first, then y, then z."),
    )
    rows: ClassVar[tuple] = (
        Choice("shown", "Shown", (("seen", "Seen"), ("matte", "Matte only: a hole in what is behind"),
                                  ("shadow", "Shadow only"), ("hidden", "Hidden")), wide=True),
        Tint("colour", "Colour", "What it sends back of each colour of light."),
        Number("roughness", "Roughness", "", None, "linear",
               "Handed on with OpenUSD; here every stand-in sends light back evenly to all sides."),
    )
    way_rows: ClassVar[tuple] = (
        Maybe("clears", "Keeps cloud away", "m", (0.0, 100.0), "linear", "Carves the cloud so far around it.", begins=1.0),
        Switch("obstacle", "In the way of growth", "What grows flows round it."),
        Switch("locked", "Locked", "The hand in the picture does not move it."),
    )

    name: Name = "Stand-in"
    place: Place = (0.0, 0.0, 0.0)
    turn: tuple[Degrees, Degrees, Degrees] = (0.0, 0.0, 0.0)
    colour: Colour = (0.55, 0.53, 0.5)
    roughness: Share = 0.8
    shown: Shown = "seen"
    clears: Annotated[float, Field(ge=0.0, le=2_000.0)] | None = None
    obstacle: bool = True
    locked: bool = False

    @property
    def for_eye(self) -> bool:
        """Whether the eye meets it."""
        return self.shown in ("seen", "matte")

    @property
    def for_light(self) -> bool:
        """Whether light meets it."""
        return self.shown in ("seen", "shadow")

    @property
    def shape(self) -> tuple[Any, ...]:
        """All that its triangles are made from."""
        return type(self), *(getattr(self, field) for field in self.shaped_by)

    @property
    def enclosed(self) -> bool:
        """Whether its triangles enclose something."""
        return True

    def triangles(self) -> tuple[np.ndarray, np.ndarray]:
        """Its surface in its own axes.

        Returns
        -------
        vertices : ndarray of float64, shape (n, 3)
            Metres; the underside at 0, its middle above the origin.
        faces : ndarray of int32, shape (m, 3)
            Anticlockwise seen from outside.
        """
        raise NotImplementedError

    def facts(self) -> str:
        """What there is to say of it besides its numbers."""
        return self.sentence


class Sized(StandIn):
    """A stand-in with a size along its own axes."""

    size: tuple[Length, Length, Length] = (1.0, 1.0, 1.0)


STAND_INS = Kinds("softmound.core.standins.kinds", "kind")
"""The kinds of stand-in by their words."""
AnyStandIn = Annotated[StandIn, STAND_INS]
StandIns = Annotated[tuple[AnyStandIn, ...], Field(max_length=MOST_STAND_INS)]
