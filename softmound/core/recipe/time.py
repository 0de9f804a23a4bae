"""Time of a mound: its line of frames, values of numbers at frames, and growth."""

from typing import Annotated, ClassVar, Literal, Self

from pydantic import ConfigDict, Field, model_validator

from .grains import Where
from .rows import Choice, Number, Switch
from .value import Degrees, Metres, Seed, Share, Value

Frame = Annotated[int, Field(ge=0, le=100_000)]


class TimeLine(Value):
    """Frames of a mound.

    Attributes
    ----------
    first, last : int
    rate : float
        Frames a second.
    loop : bool
        What evolves by itself comes back to where it was: after the last frame comes the first.
    wind : float
        Metres a second with which forms drift at the base level.
    along : float
        Where it blows to: azimuth, degrees.
    shear : float
        Metres a second more for each hundred metres above the base level.
    """

    rows: ClassVar[tuple] = (
        Number("first", "First frame", "", (0, 1_000), "linear", "Where the line begins."),
        Number("last", "Last frame", "", (1, 1_000), "linear", "Where it ends."),
        Number("rate", "Rate", "/s", (12.0, 60.0), "linear", "Frames a second."),
        Switch("loop", "Loop", "What evolves by itself is after the last frame as at the first."),
        Number("wind", "Wind", "m/s", (0.0, 30.0), "linear", "With which forms drift at the base level."),
        Number("along", "Blows to", "°", None, "linear", "Azimuth."),
        Number("shear", "Shear", "m/s", (-10.0, 10.0), "linear", "So much more wind for each hundred metres of height."),
    )

    first: Frame = 1
    last: Frame = 48
    rate: Annotated[float, Field(ge=1.0, le=240.0)] = 24.0
    loop: bool = False
    wind: Annotated[float, Field(ge=0.0, le=200.0)] = 0.0
    along: Degrees = 90.0
    shear: Annotated[float, Field(ge=-200.0, le=200.0)] = 0.0

    @model_validator(mode="after")
    def _forward(self) -> Self:
        if self.last < self.first:
            raise ValueError("the last frame comes before the first")
        return self

    @property
    def count(self) -> int:
        """Number of frames: int."""
        return self.last - self.first + 1


class Key(Value):
    """A value at a frame, and how the number goes on from there to the next."""

    frame: Frame
    value: float
    ease: Literal["eased", "even", "held"] = "eased"


class Keyed(Value):
    """A number of the recipe that changes.

    Attributes
    ----------
    place : tuple of str or int
        Fields and numbers from the mound down to it, as ``("grains", 0, "strength")``.
    points : tuple of Key
        By frame.
    """

    place: Annotated[tuple[Annotated[str, Field(max_length=80)] | Annotated[int, Field(ge=0, le=100_000)], ...],
                     Field(min_length=1, max_length=12)]
    points: Annotated[tuple[Key, ...], Field(min_length=1, max_length=2_000)]

    @model_validator(mode="after")
    def _in_order(self) -> Self:
        frames = [key.frame for key in self.points]
        if sorted(set(frames)) != frames:
            raise ValueError("keys: frames have to rise, and each may come once")
        if self.place[0] not in ("mass", "steps", "grains", "patches", "skin", "light", "voxels", "stand_ins"):
            raise ValueError(f"place: nothing called {self.place[0]} can take keys")
        return self


class Growth(Value):
    """Smoke and cloud that rise from the form.

    Attributes
    ----------
    seconds : float
    cell : float or None
        Edge of a cell of the solver, metres; None for a share of the span.
    emits : float
        Seconds for which the form gives off.
    heat : float
        Kelvin a second.
    moisture : float
        Of what rises, in shares of what saturates the air at the base level; 0 for smoke alone.
    smoke : float
        Cloud that is given off as such, a second.
    patchy, patch : float
        Share of the surface that gives off nothing, and how wide the patches of it are, metres.
    where : tuple of Mask
        Where the surface gives off.
    base : float or None
        Altitude at which vapour begins to become droplets, metres; None for the base level.
    over : float
        Height over which air holds e times less, metres.
    warms : float
        Kelvin given off by vapour of a share of 1 that becomes droplets.
    dries : float
        Share of what air could still hold that dries up in a second.
    thins, cools : float
        Shares of cloud and of heat that are lost in a second.
    wind, along, shear : float
        As of `TimeLine`.
    """

    # Its masks are of kinds that are found only when the first one is made.
    model_config = ConfigDict(defer_build=True)

    rows: ClassVar[tuple] = (
        Number("seconds", "Lasts", "s", (1.0, 60.0), "log", "How long it grows."),
        Number("pace", "Pace", "×", (0.25, 16.0), "log", "Seconds of weather in one of the film."),
        Number("emits", "Gives off for", "s", (0.1, 60.0), "log", "How long the form gives off."),
        Number("heat", "Heat", "K/s", (0.0, 20.0), "linear", "How fast what the form gives off is warmed: warmth rises."),
        Number("moisture", "Moisture", "", (0.0, 2.0), "linear", "Of what rises; 1 is saturated at the base level, 0 is smoke."),
        Number("smoke", "Smoke", "/s", (0.0, 5.0), "linear", "Cloud that is given off as such."),
        Number("patchy", "Patchy", "", None, "linear", "Share of the surface that gives off nothing."),
        Number("patch", "Patches", "m", (2.0, 500.0), "log", "How wide they are."),
        Number("over", "Condenses over", "m", (10.0, 3_000.0), "log", "Height over which air holds e times less vapour."),
        Number("warms", "Warmth of droplets", "K", (0.0, 20.0), "linear", "Vapour that becomes droplets gives off so much, and "
               "drives turrets upward."),
        Number("dries", "Dries", "/s", (0.0, 2.0), "linear", "How fast droplets dry up in dry air."),
        Number("thins", "Thins", "/s", (0.0, 0.5), "linear", "Share of the cloud that is lost in a second."),
        Number("cools", "Cools", "/s", (0.0, 0.5), "linear", "Share of the warmth that is lost in a second."),
        Number("whirls", "Whirls", "", (0.0, 2.0), "linear", "Keeps small whirls alive."),
        Number("wind", "Wind", "m/s", (0.0, 30.0), "linear", "At the base level."),
        Number("along", "Blows to", "°", None, "linear", "Azimuth."),
        Number("shear", "Shear", "m/s", (-10.0, 10.0), "linear", "So much more wind for each hundred metres of height."),
        Number("room", "Room above", "", (0.2, 3.0), "linear", "How far it may rise, in heights of the form."),
        Switch("form", "With the form", "Show the form's own cloud too."),
        Number("seed", "Seed", "", (0, 999), "linear", "Another number, another growth."),
        Choice("kept", "Keep", (("all", "Every frame"), ("second", "Every second"), ("fourth", "Every fourth"))),
    )

    seconds: Annotated[float, Field(ge=0.1, le=600.0)] = 4.0
    pace: Annotated[float, Field(ge=0.01, le=100.0)] = 6.0
    cell: Annotated[float, Field(ge=0.005, le=500.0)] | None = None
    emits: Annotated[float, Field(ge=0.0, le=600.0)] = 2.5
    heat: Annotated[float, Field(ge=0.0, le=500.0)] = 1.2
    moisture: Annotated[float, Field(ge=0.0, le=10.0)] = 1.0
    smoke: Annotated[float, Field(ge=0.0, le=50.0)] = 0.0
    patchy: Share = 0.45
    patch: Annotated[float, Field(ge=0.01, le=20_000.0)] = 24.0
    where: Where = ()
    base: Metres | None = None
    over: Annotated[float, Field(ge=0.1, le=20_000.0)] = 90.0
    warms: Annotated[float, Field(ge=0.0, le=200.0)] = 6.0
    dries: Annotated[float, Field(ge=0.0, le=100.0)] = 0.15
    thins: Annotated[float, Field(ge=0.0, le=0.99)] = 0.0
    cools: Annotated[float, Field(ge=0.0, le=0.99)] = 0.0
    whirls: Annotated[float, Field(ge=0.0, le=20.0)] = 0.35
    wind: Annotated[float, Field(ge=0.0, le=200.0)] = 0.0
    along: Degrees = 90.0
    shear: Annotated[float, Field(ge=-200.0, le=200.0)] = 0.0
    room: Annotated[float, Field(ge=0.1, le=10.0)] = 0.9
    form: bool = True
    kept: Literal["all", "second", "fourth"] = "all"
    seed: Seed = 1
