"""Time of a mound: its line of frames, values of numbers at frames, and growth."""

from typing import Annotated, ClassVar, Literal, Self

from pydantic import ConfigDict, Field, model_validator

from .curve import Curve
from .grains import Where
from .rows import Choice, Drawn, Number, Switch
from .value import Degrees, Metres, Seed, Share, Value

FADES = {
    "Even": Curve(points=((0.0, 1.0), (1.0, 1.0))),
    "Dies away": Curve(points=((0.0, 1.0), (0.5, 1.0), (1.0, 0.0))),
    "Ends early": Curve(points=((0.0, 1.0), (0.25, 0.8), (0.5, 0.0), (1.0, 0.0))),
    "Swells": Curve(points=((0.0, 0.0), (0.3, 1.0), (0.7, 1.0), (1.0, 0.0))),
}
"""Ready curves of what a form gives off."""

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

    sentence: ClassVar[str] = "Frames of a mound, and the wind that carries its noise."
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


class Sounding(Value):
    """Temperature and humidity of the air by height, in metres of nature above the base level.

    Attributes
    ----------
    temperature : float
        At the base level, degrees Celsius.
    pressure : float
        There, hectopascal.
    humidity : float
        Relative, from the base level up to the inversion. Below the base level the air is mixed.
    lapse : float
        Kelvin by which it is colder each kilometre up to the inversion.
    inversion : float
        Height at which it begins to become warmer.
    strength, thickness : float
        By how many kelvin, over how many metres.
    humidity_above, lapse_above : float
        Above that.
    """

    sentence: ClassVar[str] = "Temperature and humidity of the air by height, in which a growth rises."
    rows: ClassVar[tuple] = (
        Number("temperature", "Temperature", "°C", (-10.0, 30.0), "linear", "Of the air at the base level."),
        Number("pressure", "Pressure", "hPa", (600.0, 1000.0), "linear", "Of the air at the base level."),
        Number("humidity", "Humidity", "", None, "linear", "Relative, around the cloud: in dry air edges dry up and sink."),
        Number("lapse", "Lapse rate", "K/km", (2.0, 9.5), "linear",
               "Colder by so much each kilometre: the more, the faster they rise."),
        Number("inversion", "Inversion", "m", (200.0, 12_000.0), "log", "Height above the base level, in nature, where clouds are "
               "stopped and spread."),
        Number("strength", "Its strength", "K", (0.0, 15.0), "linear", "By how much the air is warmer above it."),
        Number("thickness", "Its thickness", "m", (50.0, 2_000.0), "log", "Over how much height it becomes warmer."),
        Number("humidity_above", "Humidity above", "", None, "linear", "Relative, above the inversion."),
        Number("lapse_above", "Lapse rate above", "K/km", (-2.0, 9.5), "linear", "Above the inversion; 0 is as warm all the way."),
    )

    temperature: Annotated[float, Field(ge=-40.0, le=40.0)] = 16.0
    pressure: Annotated[float, Field(ge=300.0, le=1_050.0)] = 900.0
    humidity: Annotated[float, Field(ge=0.0, le=0.99)] = 0.75
    lapse: Annotated[float, Field(ge=-5.0, le=9.7)] = 5.8
    inversion: Annotated[float, Field(ge=50.0, le=16_000.0)] = 1_500.0
    strength: Annotated[float, Field(ge=0.0, le=30.0)] = 3.0
    thickness: Annotated[float, Field(ge=10.0, le=4_000.0)] = 300.0
    humidity_above: Annotated[float, Field(ge=0.0, le=0.99)] = 0.3
    lapse_above: Annotated[float, Field(ge=-10.0, le=9.7)] = 5.0


SOUNDINGS = {
    "Fair": Sounding(),
    "Towering": Sounding(temperature=17.0, humidity=0.8, lapse=6.3, inversion=7_000.0, strength=3.0, thickness=600.0,
                         humidity_above=0.6, lapse_above=3.0),
    "Capped": Sounding(temperature=17.0, humidity=0.8, lapse=6.3, inversion=3_000.0, strength=6.0, thickness=400.0,
                       humidity_above=0.7, lapse_above=1.0),
}
"""Ready ones: small clouds of a fair day; towers; towers that spread below a lid."""


class Growth(Value):
    """Smoke and cloud that rise from the form.

    Attributes
    ----------
    seconds : float
    pace : float
        Seconds of weather in one of the film.
    cell : float or None
        Edge of a cell of the solver, metres; None for a share of the span.
    larger : float
        Metres of nature in one of the mound: a mound of 300 m that is to move like a cloud of 3 km has 10.
    form : str
        What its own cloud is: "first" the cloud with which it begins, "beside" it as it stands, "none".
    gives : str
        What of it gives off: its "inside", its "surface", its "foot" or "nothing".
    lead : float
        Seconds that it has been going on at the first frame.
    emits : float
        Seconds for which the form gives off, from when it began.
    fades : Curve
        How much it gives off, from the first to the last of these.
    bursts : int
        Times that it gives off meanwhile; 0 for all the time.
    heat : float
        Kelvin by which what is given off is warmer than the air at the base level.
    moisture : float
        Its water, in shares of what saturates the air at the base level; 0 for smoke alone.
    smoke : float
        Smoke that is given off, in densities a second of the film.
    speed : float
        Metres of nature a second with which it comes out upward.
    patchy, patch : float
        Share of it that gives off nothing, and how wide the patches of it are, metres.
    pulse : float
        Seconds after which other patches give off; 0 for always the same.
    where : tuple of Mask
        Where it gives off.
    base : float or None
        Altitude at which vapour begins to become droplets, metres; None for the base level.
    sounding : Sounding or None
        None for air that is as warm everywhere, in which nothing condenses.
    thins, cools : float
        Shares of smoke and of warmth that are lost in a second.
    wind, along, shear : float
        As of `TimeLine`, in metres of nature a second, and for a kilometre of it.
    room : float
        How far it may rise, in spans of the form.
    detail : float
        How far edges are rolled up by whirls finer than the cells.
    """

    sentence: ClassVar[str] = "Smoke and cloud that rise from the form, solved with the air around them."

    # Its masks are of kinds that are found only when the first one is made.
    model_config = ConfigDict(defer_build=True)

    rows: ClassVar[tuple] = (
        Number("seconds", "Lasts", "s", (1.0, 60.0), "log", "How long it grows."),
        Number("pace", "Pace", "×", (0.25, 500.0), "log", "Seconds of weather in one of the film."),
        Number("larger", "As large", "×", (1.0, 100.0), "log", "Metres of nature in one of the mound: how large it moves."),
        Choice("form", "The form", (("first", "Is the first cloud"), ("beside", "Stays beside"), ("none", "Is not seen"))),
        Choice("gives", "Gives off", (("inside", "Inside"), ("surface", "Its surface"), ("foot", "Its foot"),
                                      ("nothing", "Nothing"))),
        Number("lead", "Begun before", "s", (0.0, 10.0), "linear", "So long it has been going on already at the first frame."),
        Number("emits", "Gives off for", "s", (0.1, 60.0), "log", "How long the form gives off."),
        Drawn("fades", "Strength", tuple(FADES.items()), "time", "strength"),
        Number("bursts", "Bursts", "", (0, 12), "linear", "Times that it gives off meanwhile; 0 is all the time."),
        Number("heat", "Heat", "K", (-5.0, 10.0), "linear", "Warmer than the air by so much: warmth rises, cold pours down."),
        Number("moisture", "Moisture", "", (0.0, 2.0), "linear", "Of what rises; 1 is saturated at the base level, 0 is smoke."),
        Number("smoke", "Smoke", "/s", (0.0, 20.0), "linear", "Smoke that is given off as such."),
        Number("speed", "Speed", "m/s", (0.0, 40.0), "linear", "With which it comes out, in nature."),
        Number("patchy", "Patchy", "", None, "linear", "Share of the form that gives off nothing."),
        Number("patch", "Patches", "m", (2.0, 500.0), "log", "How wide they are."),
        Number("pulse", "Pulse", "s", (0.0, 10.0), "linear", "After so long other patches give off; 0 is always the same."),
        Number("thins", "Thins", "/s", (0.0, 0.5), "linear", "Share of the smoke that is lost in a second of weather."),
        Number("cools", "Cools", "/s", (0.0, 0.5), "linear", "Share of the warmth that is lost in a second of weather."),
        Number("wind", "Wind", "m/s", (0.0, 30.0), "linear", "At the base level, in nature."),
        Number("along", "Blows to", "°", None, "linear", "Azimuth."),
        Number("shear", "Shear", "m/s", (-10.0, 10.0), "linear", "So much more wind for each kilometre of height."),
        Number("room", "Room above", "", (0.5, 8.0), "linear", "How far it may rise, in spans of the form."),
        Number("detail", "Detail", "", None, "linear", "How far edges roll up in whirls finer than the cells; seen at once."),
        Number("seed", "Seed", "", (0, 999), "linear", "Another number, another growth."),
        Choice("kept", "Keep", (("all", "Every frame"), ("second", "Every second"), ("fourth", "Every fourth"))),
    )

    seconds: Annotated[float, Field(ge=0.1, le=600.0)] = 4.0
    pace: Annotated[float, Field(ge=0.01, le=2_000.0)] = 60.0
    cell: Annotated[float, Field(ge=0.005, le=500.0)] | None = None
    larger: Annotated[float, Field(ge=0.01, le=1_000.0)] = 10.0
    form: Literal["first", "beside", "none"] = "first"
    gives: Literal["inside", "surface", "foot", "nothing"] = "foot"
    lead: Annotated[float, Field(ge=0.0, le=600.0)] = 0.0
    emits: Annotated[float, Field(ge=0.0, le=600.0)] = 3.0
    fades: Curve = FADES["Dies away"]
    bursts: Annotated[int, Field(ge=0, le=100)] = 0
    heat: Annotated[float, Field(ge=-100.0, le=500.0)] = 1.0
    moisture: Annotated[float, Field(ge=0.0, le=10.0)] = 1.0
    smoke: Annotated[float, Field(ge=0.0, le=500.0)] = 0.0
    speed: Annotated[float, Field(ge=0.0, le=200.0)] = 0.0
    patchy: Share = 0.5
    patch: Annotated[float, Field(ge=0.01, le=20_000.0)] = 60.0
    pulse: Annotated[float, Field(ge=0.0, le=600.0)] = 0.6
    where: Where = ()
    base: Metres | None = None
    sounding: Sounding | None = SOUNDINGS["Towering"]
    thins: Annotated[float, Field(ge=0.0, le=0.99)] = 0.0
    cools: Annotated[float, Field(ge=0.0, le=0.99)] = 0.0
    wind: Annotated[float, Field(ge=0.0, le=200.0)] = 0.0
    along: Degrees = 90.0
    shear: Annotated[float, Field(ge=-200.0, le=200.0)] = 0.0
    room: Annotated[float, Field(ge=0.1, le=20.0)] = 2.0
    detail: Share = 0.7
    seed: Seed = 1
    kept: Literal["all", "second", "fourth"] = "all"
