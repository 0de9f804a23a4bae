"""Noise, the grains made of it, where they act, and local corrections of density."""

from collections.abc import Callable, Sequence
from typing import TYPE_CHECKING, Annotated, Any, ClassVar, Literal, Self

from pydantic import ConfigDict, Field, model_validator

from ..kinds import Kinds
from .curve import NOISE_CURVES, SKIN_CURVES, Curve, eased
from .rows import Choice, Drawn, Number, Switch, Triple
from .value import Degrees, Length, Metres, Place, Seed, Value

NOISES = ("gradient", "simplex", "cellular", "value")
SUMS = ("fbm", "folded", "ridged", "domed")
CELLS = ("f1", "f2", "f2-f1", "smooth f1")
METRICS = ("euclidean", "manhattan", "chebyshev")
MOST_GRAINS = 12
MOST_MASKS = 6
Metres20000 = Annotated[float, Field(ge=0.0, le=20_000.0)]
Octaves = Annotated[int, Field(ge=1, le=10)]
Stretch = Annotated[float, Field(ge=0.05, le=20.0)]
Kind = Literal["gradient", "simplex", "cellular", "value"]
_CELLULAR = (("kind", ("cellular",)),)


class Warp(Value):
    """Moves the places at which a noise is read, by three noises of its own."""

    sentence: ClassVar[str] = "Moves the places at which a noise is read, by three noises of its own."
    rows: ClassVar[tuple] = (
        Choice("kind", "Warped by", tuple((k, k.capitalize()) for k in NOISES)),
        Number("feature", "Size of the warp", "m", (0.5, 500.0), "log", "Size of its features."),
        Number("strength", "Strength of the warp", "m", (0.1, 200.0), "log", "How far places are moved."),
        Number("octaves", "Octaves of the warp", "", None, "linear", "How many finer layers it has."),
        Number("seed", "Seed of the warp", "", (0, 999), "linear", "Another number, another warp."),
    )

    kind: Kind = "gradient"
    feature: Length = 30.0
    strength: Metres20000 = 6.0
    octaves: Octaves = 2
    seed: Seed = 71


class Noise(Value):
    """A sum of octaves of noise.

    `fbm` is signed, -1 to 1; the other sums, and cellular noise, run from 0 to 1. `inverted` turns it over.
    Evolution: over `period` seconds of `time` the pattern changes all along and comes back to where it was.
    Anchored to the sky it stays where it is; anchored to the mound it goes with the first form.
    """

    sentence: ClassVar[str] = "A sum of octaves: the same pattern again and again, each time finer and weaker."
    noise_rows: ClassVar[tuple] = (
        Choice("kind", "Noise", tuple((k, k.capitalize()) for k in NOISES), "What the pattern is made of.", said=(
            "Smooth hills and valleys: alone it looks like rock.", "The same on triangles: no axis shows in it.",
            "A cell around each of many points; turned over, a dome in each: lumps.",
            "Blends values at corners: blunter than gradient noise.")),
        Choice("summed", "Sum", (("fbm", "fBm"), *((k, k.capitalize()) for k in SUMS[1:])), "How the octaves are added.", said=(
            "As they are: in and out alike.", "Each without its sign: round valleys, sharp creases.",
            "Folded and turned over: sharp ridges.", "Round domes with creases between them.")),
        Choice("cell", "Cell", tuple((k, k.replace("f", "F") if k[0] == "f" else "Smooth F1") for k in CELLS),
               "What of the distances to the points counts.", _CELLULAR, said=(
                   "The nearest point.", "The second nearest.", "How much farther the second is: walls between cells.",
                   "The nearest ones, blended: no creases.")),
        Choice("metric", "Metric", tuple((k, k.capitalize()) for k in METRICS), "How distances are measured.", _CELLULAR, said=(
            "As the crow flies: round cells.", "Along the axes: pointed ones.", "The longest of the three: boxes.")),
        Switch("inverted", "Inverted", "Turns the noise over: cells become domes."),
        Number("feature", "Feature size", "m", (0.5, 500.0), "log", "Size of the largest features."),
        Number("octaves", "Octaves", "", None, "linear", "How many finer layers are added, each smaller and weaker."),
        Number("lacunarity", "Lacunarity", "", None, "linear", "How much finer each octave is than the one before."),
        Number("gain", "Gain", "", None, "linear", "How strong each octave is beside the one before."),
        Number("seed", "Seed", "", (0, 999), "linear", "Another number, another pattern."),
    )
    more_rows: ClassVar[tuple] = (
        Drawn("contrast", "Contrast", tuple(NOISE_CURVES.items()), "noise", "value", eased(1.0)),
        Triple("stretch", "Stretch", "×", (0.1, 10.0), "log", "Features so many times as long along the axis."),
        Triple("rotation", "Rotation", "°", (-180.0, 180.0), "linear", "Turns the stretched pattern."),
        Triple("offset", "Offset", "m", (-200.0, 200.0), "linear", "Slides the pattern through the cloud."),
        Number("time", "Time", "s", (0.0, 60.0), "linear", "The pattern changes with it, smoothly."),
        Number("period", "Period", "s", (0.5, 60.0), "log", "After so long the pattern is as it was: a seamless loop."),
        Choice("anchor", "Anchor", (("sky", "Sky"), ("mound", "Mound")), "Stays in the sky, or goes with the first form."),
    )

    kind: Kind = "gradient"
    summed: Literal["fbm", "folded", "ridged", "domed"] = "fbm"
    cell: Literal["f1", "f2", "f2-f1", "smooth f1"] = "f1"
    metric: Literal["euclidean", "manhattan", "chebyshev"] = "euclidean"
    inverted: bool = False
    feature: Length = 16.0
    octaves: Octaves = 4
    lacunarity: Annotated[float, Field(ge=1.2, le=4.0)] = 2.0
    gain: Annotated[float, Field(ge=0.05, le=0.95)] = 0.5
    stretch: tuple[Stretch, Stretch, Stretch] = (1.0, 1.0, 1.0)
    rotation: tuple[Degrees, Degrees, Degrees] = (0.0, 0.0, 0.0)
    offset: Place = (0.0, 0.0, 0.0)
    seed: Seed = 17
    time: Annotated[float, Field(ge=0.0, le=100_000.0)] = 0.0
    period: Annotated[float, Field(ge=0.1, le=100_000.0)] = 10.0
    anchor: Literal["sky", "mound"] = "sky"
    contrast: Curve | None = None
    warp: Warp | None = None

    @property
    def signed(self) -> bool:
        """Whether it runs from -1 to 1 rather than from 0 to 1."""
        return self.summed == "fbm" and self.kind != "cellular"

    def sized(self, factor: float, place: Callable[[Any], Any]) -> Self:
        """Return the noise at another size; as for `Mask.sized`."""
        warp = self.warp
        if warp is not None:
            warp = warp.edited(feature=warp.feature * factor, strength=warp.strength * factor)
        # What goes with the mound is shifted in its axes, what stands in the sky in the world's.
        offset = place(self.offset) if self.anchor == "sky" else tuple(v * factor for v in self.offset)
        return self.edited(feature=self.feature * factor, offset=offset, warp=warp)


class Mask(Value):
    """Where something acts: a share from 0 to 1, through a curve, perhaps turned over.

    A kind of mask is one module of `grain/masks`. It says its label, its place among the others, the rows an artist sees
    besides `every_row` and of its `noise`, if it has one, what one begins as for a cloud, what it becomes at another size,
    what it reads, and its share.
    """

    model_config = ConfigDict(defer_build=True)

    label: ClassVar[str]
    order: ClassVar[int] = 100
    rows: ClassVar[tuple] = ()
    every_row: ClassVar[tuple] = (
        Drawn("curve", "Curve", tuple(NOISE_CURVES.items()), "from nothing to all", "share"), Switch("invert", "Turned over"))
    of_noise: ClassVar[tuple] = ()
    reads_distance: ClassVar[bool] = False

    curve: Curve = Curve()
    invert: bool = False

    @classmethod
    def begun(cls, bounds: Any, span: float) -> Self:
        """Return the first mask of its kind for a cloud.

        Parameters
        ----------
        bounds : (ndarray of float64, ndarray of float64) or None
            Of the cloud, metres.
        span : float
            Its longest side, metres.

        Returns
        -------
        Mask
        """
        return cls()

    @classmethod
    def examples(cls) -> tuple[Self, ...]:
        """Masks that run each kernel of the kind once, so that set-up compiles it.

        Returns
        -------
        tuple of Mask
        """
        return (cls(),)

    def sized(self, factor: float, place: Callable[[Any], Any]) -> Self:
        """Return the mask at another size.

        Parameters
        ----------
        factor : float
            What lengths are multiplied by.
        place : callable
            Where a point goes.

        Returns
        -------
        Mask
        """
        return self

    def read(self, landmarks: Any) -> tuple:
        """What it reads of the landmarks, as something that can be hashed.

        Parameters
        ----------
        landmarks : Landmarks

        Returns
        -------
        tuple
        """
        return ()

    @property
    def noises(self) -> tuple:
        """Noises it is made of."""
        return ()

    def share(self, coords: Any, voxel: float, distance: Any, landmarks: Any, out: Any) -> None:
        """Fill `out` with how much acts at the voxels of some bricks, before the curve; below 0 counts as 0, above 1 as 1.

        Parameters
        ----------
        coords : ndarray of int32, shape (n, 3)
        voxel : float
            Metres.
        distance : ndarray of float32, shape (n, 512)
            Signed distance, metres.
        landmarks : Landmarks
        out : ndarray of float32, shape (n, 512)
        """
        raise NotImplementedError


class Paint(Value):
    """One stroke of paint: points in the world with a pressure, negative where paint is taken away."""

    path: Annotated[tuple[tuple[Metres, Metres, Metres, Annotated[float, Field(ge=-1.0, le=1.0)]], ...],
                    Field(min_length=1, max_length=2000)]
    radius: Length = 12.0

    def sized(self, factor: float, place: Callable[[Any], Any]) -> Self:
        """Return the stroke at another size; as for `Mask.sized`."""
        return self.edited(radius=self.radius * factor, path=tuple((*place(p[:3]), p[3]) for p in self.path))


MASKS = Kinds("softmound.core.grain.masks", "by")
"""The kinds of mask by their words."""
AnyMask = Annotated[Mask, MASKS]
Where = Annotated[tuple[AnyMask, ...], Field(max_length=MOST_MASKS)]


SURFACE, EDGE, MOVED = "surface", "edge", "moved"
"""What a grain works on: the distance to the surface, the density voxel by voxel, or the density as it is moved about."""
SIZE = ("m", (0.05, 200.0), "log")
"""Unit, track and scale of a strength in metres."""


class Grain(Noise):
    """What all grains share. With several masks their shares are multiplied.

    A kind of grain is one module of `grain/actions`. It says what it works on, what it does in a sentence, its place among
    the others, which of its fields are lengths, the rows an artist sees, what one begins as, how far it reaches, and in
    `act` what it does; everything that deals with grains of all kinds asks it.

    What `act` is given depends on what it works on:

    surface : ``act(distance, coords, voxel, landmarks, room, counting)``
        Changes signed distances (n, 512) of bricks in place, metres; `room` is as large and may be written to. Bricks that can no
        longer come to lie in the narrow band `counting` may be left as they are. A kind that has several `turns`, or one whose
        finest features are stated, is also given the `turns` that are meant, a slice, and may be given the gradient of the
        distance (n, 3, 512), `slopes`.
    edge : ``act(density, distance, coords, voxel, core, landmarks, room)``
        Changes densities (n, 512) in place; `core` is the one that counts as full. Of nothing it makes nothing, and it changes
        nothing deeper than its `depth`, metres, if it has one: bricks where it could not act are not given to it.
    moved : ``act(grid, coords, landmarks, share, out)``
        Fills `out` (n, 512) with what a `Standing` grid becomes in bricks, each voxel's part of it `share` or all of it.

    All arrays are float32, but for brick coordinates (n, 3) of int32.
    """

    model_config = ConfigDict(defer_build=True)

    works_on: ClassVar[str]
    sentence: ClassVar[str]
    order: ClassVar[int] = 100
    lengths: ClassVar[tuple] = ("strength",)
    rows: ClassVar[tuple] = ()

    if TYPE_CHECKING:
        strength: float = 0.0  # each kind states its limits

    on: bool = True
    where: Where = ()

    @classmethod
    def begun(cls, span: float, light: Any) -> Self:
        """Return the first grain of its kind for a cloud.

        Parameters
        ----------
        span : float
            Of the cloud, metres.
        light : Light

        Returns
        -------
        Grain
        """
        raise NotImplementedError

    @classmethod
    def carried(cls, other: "Grain") -> dict[str, Any]:
        """Fields of its own that it takes over in place of a grain of another kind, at a size that suits that one.

        Parameters
        ----------
        other : Grain

        Returns
        -------
        dict of str to object
        """
        metres = other.strength if other.moves_metres else other.feature * 0.3
        return {"strength": rounded(metres, 3)}

    @classmethod
    def examples(cls) -> tuple[Self, ...]:
        """Grains that run each kernel of the kind once, so that set-up compiles it.

        Returns
        -------
        tuple of Grain
        """
        return (cls(),)

    def sized(self, factor: float, place: Callable[[Any], Any]) -> Self:
        """Return the grain at another size; as for `Mask.sized`."""
        lengths = {field: getattr(self, field) * factor for field in self.lengths if getattr(self, field) is not None}
        return super().sized(factor, place).edited(**lengths, where=tuple(mask.sized(factor, place) for mask in self.where))

    @property
    def moves_metres(self) -> bool:
        """Whether its strength says how far it moves things, in metres."""
        return type(self).works_on == SURFACE

    @property
    def amplitude(self) -> float:
        """How far it moves things about, in metres, to be held beside others."""
        return self.strength

    @property
    def reach(self) -> tuple[float, float]:
        """Metres that a grain of the surface can move it outward and inward."""
        return self.strength, self.strength

    @property
    def turns(self) -> tuple[tuple[float, tuple[float, float]], ...]:
        """What a grain of the surface does one after the other: of each the size of the finest features, in metres, on a twelfth of
        which it may be worked out, 0 where it needs the voxels themselves; and its reach."""
        return ((0.0, self.reach),)

    def turns_at(self, voxel: float) -> tuple[tuple[float, tuple[float, float]], ...]:
        """The first of its turns: those that a build of some voxel, in metres, can hold anything of."""
        return self.turns

    @property
    def mean(self) -> float:
        """Metres that a grain of the surface moves it outward on average, for forecasts."""
        return 0.0

    @property
    def reads_distance(self) -> bool:
        """Whether a grain of the surface reads the distance besides the place."""
        return False

    def reached(self, spread: Any) -> Any:
        """Bricks that a moving grain may change.

        Parameters
        ----------
        spread : Spread
            From the bricks that hold something.

        Returns
        -------
        ndarray of int64
            Keys of bricks.
        """
        return spread.around(self.strength)

    def act(self, *given: Any) -> Any:
        """Do what the kind does."""
        raise NotImplementedError


def rounded(value: float, digits: int = 2) -> float:
    """A value as an artist would set it.

    Parameters
    ----------
    value : float
    digits : int, optional
        That count.

    Returns
    -------
    float
    """
    return float(f"{value:.{digits}g}")


ACTIONS = Kinds("softmound.core.grain.actions", "action")
"""The kinds of grain by their actions."""
AnyGrain = Annotated[Grain, ACTIONS]


def live(grains: Sequence["Grain"], works_on: str) -> list["Grain"]:
    """Grains that are on, do something, and work on one thing.

    Parameters
    ----------
    grains : sequence of Grain
    works_on : str
        `SURFACE`, `EDGE` or `MOVED`.

    Returns
    -------
    list of Grain
    """
    return [g for g in grains if g.works_on == works_on and g.on and g.strength > 0.0]


_UNPAINTED = (("shape", ("ball", "box")),)


class Patch(Value):
    """A local correction of density, with a soft edge.

    A ball or a box of a `size` around `centre`, or painted. It multiplies, adds to what is there, sets it, or
    sends it through a curve over density from nothing to the core.
    """

    sentence: ClassVar[str] = "A local correction of density, with a soft edge: thicker here, thinner there."

    model_config = ConfigDict(defer_build=True)

    told: ClassVar[tuple] = ("name",)
    rows: ClassVar[tuple] = (
        Switch("on", "On"),
        Choice("shape", "Shape", (("ball", "Ball"), ("box", "Box"), ("paint", "Painted"))),
        Choice("by", "It", (("multiply", "Multiplies"), ("add", "Adds"), ("set", "Sets"), ("curve", "By a curve"))),
        Number("value", "Value", "", (0.0, 4.0), "linear", "What it multiplies by, adds or sets; in parts of the core.",
               (("by", ("multiply", "add", "set")),)),
        Drawn("curve", "Density", tuple(SKIN_CURVES.items()), "before", "after", when=(("by", ("curve",)),)),
        Triple("centre", "Centre", "m", (-500.0, 500.0), "linear", "Where its middle is.", _UNPAINTED),
        Triple("size", "Size", "m", (0.5, 500.0), "log", "Its size along the axis.", _UNPAINTED),
        Number("soft", "Soft edge", "m", (0.0, 200.0), "linear", "Over how far it begins.", _UNPAINTED),
    )

    name: Annotated[str, Field(min_length=1, max_length=80)] = "Patch"
    on: bool = True
    shape: Literal["ball", "box", "paint"] = "ball"
    centre: Place = (0.0, 40.0, 0.0)
    size: tuple[Length, Length, Length] = (40.0, 40.0, 40.0)
    soft: Annotated[float, Field(ge=0.0, le=2_000.0)] = 10.0
    strokes: Annotated[tuple[Paint, ...], Field(max_length=500)] = ()
    by: Literal["multiply", "add", "set", "curve"] = "multiply"
    value: Annotated[float, Field(ge=-10.0, le=10.0)] = 1.5
    curve: Curve = Curve()
    where: Where = ()

    @model_validator(mode="after")
    def _not_below_nothing(self) -> Self:
        if self.by in ("multiply", "set") and self.value < 0.0:
            raise ValueError("a patch that multiplies or sets takes a value from 0 on")
        return self

    def sized(self, factor: float, place: Callable[[Any], Any]) -> Self:
        """Return the patch at another size; as for `Mask.sized`."""
        return self.edited(
            centre=place(self.centre), size=tuple(v * factor for v in self.size), soft=self.soft * factor,
            strokes=tuple(stroke.sized(factor, place) for stroke in self.strokes),
            where=tuple(mask.sized(factor, place) for mask in self.where))
