"""The forms of a mass: what an artist blocks a cloud in from.

A form has its own axes. A point of them goes into the world mirrored (own x turned over, if asked
for), then scaled or sized, then turned about x, y and z, then moved to its centre.
"""

import math
from collections.abc import Sequence
from typing import Annotated, Any, ClassVar, Literal

import numpy as np
from pydantic import Field, PrivateAttr

from ..kinds import Kinds
from .arrays import Arrays, Column, holding
from .rows import Number, Switch, Triple
from .value import Degrees, Length, Metres, Name, Place, Seed, Share, Value

Role = Literal["adds", "carves", "keeps"]
_Factor = Annotated[float, Field(ge=0.001, le=1000.0)]
Scale = tuple[_Factor, _Factor, _Factor]
TOOLS = ("drag", "swell", "ease", "press", "roughen", "dab", "scoop")
MOST_PATH = 2000


FARTHEST = 50_000.0
"""Metres from a form's middle within which its numbers lie."""
_BRICKS = Column("int", ("bricks", 3), -(2**20), 2**20 - 1)


def _each_brick_once(arrays: Arrays) -> None:
    """A grid's bricks are all different, and its voxels have a size."""
    coords = np.concatenate([arrays["coords"], arrays["tiles"]])
    if len(np.unique(coords, axis=0)) != len(coords):
        raise ValueError("some of its bricks are there twice")
    voxel, _, *offset = arrays["about"]
    extent = float(np.abs(coords).max() + 1) * 8.0 * voxel if len(coords) else 0.0
    if not 1e-4 <= voxel <= 1e4 or max(extent, np.abs(offset).max()) > 1e6:
        raise ValueError(f"its voxels of {voxel:g} m, or where they lie, are beyond what a mound can hold")


SurfaceArrays = Annotated[Arrays, holding(
    vertices=Column("float", ("vertices", 3), -FARTHEST, FARTHEST), faces=Column("int", ("faces", 3), rows_of="vertices"),
    open=Column("int", ("edges", 2), optional=True, rows_of="vertices"))]
PointArrays = Annotated[Arrays, holding(
    positions=Column("float", ("points", 3), -FARTHEST, FARTHEST), radii=Column("float", ("points",), 0.0, 20_000.0, True),
    ages=Column("float", ("points",), 0.0, 1.0, True))]
GridArrays = Annotated[Arrays, holding(
    _each_brick_once, coords=_BRICKS, values=Column("float", ("bricks", 512), -1e9, 1e9),
    tiles=Column("int", ("tiles", 3), -(2**20), 2**20 - 1), tile_values=Column("float", ("tiles",), -1e9, 1e9),
    about=Column("float", (5,), -1e9, 1e9))]
"""What the arrays of each kind of form are, checked wherever they come from."""


class Buds(Value):
    """Smaller balls grown over a form's surface, and over theirs, generation after generation.

    `shrink` is a bud's radius over its parent's, `reach` how far out its middle lies in its parent's
    radii, `upward` draws buds toward the top (or below 0 toward the bottom), `fewer_below` is the
    share left out on undersides.
    """

    sentence: ClassVar[str] = "Smaller balls over a form's surface, and over theirs: the cauliflower."
    title: ClassVar[str] = "Buds: smaller lumps over its surface"
    rows: ClassVar[tuple] = (
        Number("generations", "Generations", "", None, "linear", "Buds on the form, buds on those buds, and so on."),
        Number("count", "Count", "", None, "linear", "Buds on each parent."),
        Number("shrink", "Shrink", "", None, "linear", "A bud's radius over its parent's."),
        Number("reach", "Reach", "", None, "linear", "How far out a bud's middle lies, in its parent's radii."),
        Number("variation", "Size variation", "", None, "linear", "How unlike one another the buds are."),
        Number("upward", "Upward", "", None, "linear", "Draws buds toward the top, or below 0 toward the bottom."),
        Number("fewer_below", "Fewer below", "", None, "linear", "Share of the buds left out on undersides."),
        Number("seed", "Buds' seed", "", (0, 999), "linear", "Another number, another pattern."),
    )

    generations: Annotated[int, Field(ge=1, le=4)] = 1
    count: Annotated[int, Field(ge=1, le=40)] = 8
    shrink: Annotated[float, Field(ge=0.05, le=0.9)] = 0.43
    reach: Annotated[float, Field(ge=0.2, le=1.3)] = 0.92
    variation: Share = 0.2
    upward: Annotated[float, Field(ge=-1.0, le=1.0)] = 0.3
    fewer_below: Share = 0.8
    seed: Seed = 1


class Coat(Value):
    """Balls that cover a form evenly: their radius, how far apart in radii, how unlike one another."""

    sentence: ClassVar[str] = "Balls that cover a form evenly."
    title: ClassVar[str] = "Coat: evenly covered with balls"
    rows: ClassVar[tuple] = (
        Number("radius", "Ball radius", "m", (0.5, 100.0), "log", "Radius of the balls."),
        Number("spacing", "Spacing", "", None, "linear", "How far apart they are, in their radii."),
        Number("jitter", "Jitter", "", None, "linear", "How unlike one another they are."),
        Number("fewer_below", "Fewer below", "", None, "linear", "Share of the balls left out on undersides."),
        Number("seed", "Coat's seed", "", (0, 999), "linear", "Another number, another pattern."),
    )

    radius: Length = 4.0
    spacing: Annotated[float, Field(ge=0.4, le=6.0)] = 1.4
    jitter: Share = 0.3
    fewer_below: Share = 0.5
    seed: Seed = 1


class Roughness(Value):
    """Displacement of a form along its normals, before it is joined.

    Anchored to the form the pattern goes with it; anchored to the sky, moving the form changes it.
    """

    sentence: ClassVar[str] = "Displacement of a form along its normals, before it is joined."
    title: ClassVar[str] = "Roughness: broken up along its normals"
    rows: ClassVar[tuple] = (
        Number("size", "Feature size", "m", (0.5, 300.0), "log", "Size of the bumps."),
        Number("strength", "Strength", "m", (0.0, 60.0), "linear", "How far they go in and out."),
        Number("seed", "Roughness seed", "", (0, 999), "linear", "Another number, another pattern."),
        Switch("anchor", "Anchored to the sky", "The pattern stays where it is: moving the form changes it.",
               words=("form", "sky")),
    )

    size: Length = 10.0
    strength: Annotated[float, Field(ge=0.0, le=2_000.0)] = 2.0
    seed: Seed = 1
    anchor: Literal["form", "sky"] = "form"


class BaseLevel(Value):
    """The altitude below which nothing condenses. What is within its softness is pressed together.

    Between lumps nearer than `fill` the underside closes to one sheet.
    """

    sentence: ClassVar[str] = "The altitude below which nothing condenses: clouds are flat there."
    title: ClassVar[str] = "A base level of its own"
    rows: ClassVar[tuple] = (
        Number("altitude", "Altitude", "m", (-200.0, 1000.0), "linear", "Below this altitude nothing condenses."),
        Number("softness", "Softness", "m", (0.0, 100.0), "linear", "How far from the level things are pressed together."),
        Number("raggedness", "Raggedness", "m", (0.0, 60.0), "linear", "How far the level goes up and down."),
        Number("ragged_size", "Raggedness size", "m", (1.0, 300.0), "log", "Feature size of the raggedness."),
        Number("seed", "Raggedness seed", "", (0, 999), "linear", "Another number, another pattern."),
        Number("fill", "Fill", "m", (0.0, 200.0), "linear", "Gaps narrower than this close to one sheet; 0 leaves them."),
    )

    on: bool = True
    altitude: Metres = 0.0
    softness: Annotated[float, Field(ge=0.0, le=500.0)] = 3.0
    raggedness: Annotated[float, Field(ge=0.0, le=500.0)] = 1.0
    ragged_size: Length = 12.0
    seed: Seed = 1
    fill: Annotated[float, Field(ge=0.0, le=5_000.0)] = 0.0


class TopLevel(BaseLevel):
    """The altitude above which nothing rises: the same numbers, turned over."""

    sentence: ClassVar[str] = "The altitude above which nothing rises."
    title: ClassVar[str] = "A top level of its own"
    rows: ClassVar[tuple] = (
        Number("altitude", "Altitude", "m", (-200.0, 1000.0), "linear", "Above this altitude nothing rises."),
        *BaseLevel.rows[1:])

    on: bool = False
    altitude: Metres = 100.0
    seed: Seed = 2


class Stroke(Value):
    """One stroke of a sculpting tool over a form, in the form's own axes.

    `path` holds points under the brush and the pressure there; `toward` is the normal of the plane
    that Press presses to. Strokes of one gesture share its number, so that they can be removed
    together.
    """

    told: ClassVar[tuple] = ("gesture",)

    tool: Literal["drag", "swell", "ease", "press", "roughen"]
    gesture: Annotated[int, Field(ge=0)] = 0
    path: Annotated[tuple[tuple[Metres, Metres, Metres, Share], ...], Field(min_length=1, max_length=MOST_PATH)]
    toward: Place = (0.0, 1.0, 0.0)
    radius: Length = 10.0
    strength: Annotated[float, Field(ge=-1.0, le=1.0)] = 0.5
    falloff: Share = 0.5
    seed: Seed = 1


MOST_DABBED = 400_000
"""Balls of a trail, all its strokes together."""


class Dabs(Value):
    """Balls along a path: one stroke of Dab or Scoop, in the axes of its trail."""

    told: ClassVar[tuple] = ("gesture",)
    _balls: int = PrivateAttr(0)

    gesture: Annotated[int, Field(ge=0)] = 0
    path: Annotated[tuple[tuple[Metres, Metres, Metres, Share], ...], Field(min_length=1, max_length=MOST_PATH)]
    radius: Length = 6.0
    spacing: Annotated[float, Field(ge=0.1, le=4.0)] = 0.6
    jitter: Share = 0.35
    seed: Seed = 1

    def model_post_init(self, _context: Any) -> None:
        length = sum(math.dist(a[:3], b[:3]) for a, b in zip(self.path, self.path[1:]))
        self._balls = 1 + int(length / max(self.radius * self.spacing, 1e-3))

    @property
    def balls(self) -> Any:
        """About how many it leaves."""
        return self._balls


class Form(Value):
    """What all forms share.

    Forms are joined in their order: one that adds is united with what came before, one that carves
    is taken away from it, one that keeps leaves only what lies inside. `melt` of None is the mass's.
    Forms of the same `link` share everything but name, place, and being hidden or locked. How `tired` one is matters to masks
    that ask for it.

    A kind of form is one module of `mass/kinds`. It says its place among the others, which of its fields says its size and
    which are lengths, the rows an artist sees, and what is asked for below. `whole` is one that strokes move and size as a
    whole; the balls of one that is `dabbed` are rows of their own, those of others are read from a field.
    """

    order: ClassVar[int] = 100
    size_field: ClassVar[str] = "scale"
    lengths: ClassVar[tuple] = ("scale",)
    whole: ClassVar[bool] = False
    dabbed: ClassVar[bool] = False

    told: ClassVar[tuple] = ("name", "locked", "link")
    rows: ClassVar[tuple] = ()
    place_rows: ClassVar[tuple] = (
        Triple("centre", "Centre", "m", (-500.0, 500.0), "linear", "Where the form's middle is; y is the altitude."),
        Triple("rotation", "Rotation", "°", (-180.0, 180.0), "linear", "Turn about the axis; x first, then y, then z."),
        Switch("mirror", "Mirrored along its own x", "Left and right of its own x axis are exchanged."),
    )
    age_rows: ClassVar[tuple] = (
        Number("tired", "Tired", "", None, "linear", "0 is fresh, 1 long past its birth: what masks by tiredness go by."),)

    name: Name = "Form"
    centre: Place = (0.0, 20.0, 0.0)
    rotation: tuple[Degrees, Degrees, Degrees] = (0.0, 0.0, 0.0)
    mirror: bool = False
    role: Role = "adds"
    melt: Annotated[float, Field(ge=0.0, le=2_000.0)] | None = None
    tired: Share = 0.0
    hidden: bool = False
    locked: bool = False
    link: Annotated[int, Field(ge=1)] | None = None
    buds: Buds | None = None
    coat: Coat | None = None
    rough: Roughness | None = None
    base: BaseLevel | None = None
    top: TopLevel | None = None
    strokes: Annotated[tuple[Stroke, ...], Field(max_length=2000)] = ()

    @property
    def shapes(self) -> bool:
        """Whether it takes part in the shape: shown, and not joined as density alone."""
        return not self.hidden

    @property
    def formula(self) -> bool:
        """Whether its distance has a formula: `row` writes it. Else it is read from a field of samples."""
        return False

    def row(self, row: np.ndarray) -> None:
        """Write what the kernels read of a form with a formula; see `mass.table`.

        Parameters
        ----------
        row : ndarray of float32, shape (COLUMNS,)
            Its place and turn are there.
        """
        raise NotImplementedError

    @property
    def even(self) -> bool:
        """Whether an even change of its size needs no new field."""
        return False

    @property
    def as_density(self) -> bool:
        """Whether it joins the mound's density, rather than its shape."""
        return False

    @property
    def half(self) -> np.ndarray | None:
        """Half its size along its own axes where that is what its numbers say: float64 (3,), metres; else None."""
        return None

    @property
    def thickness(self) -> float | None:
        """Metres that everything within half of is inside of, for a surface that need not be closed; else None."""
        return None

    @property
    def encloses(self) -> bool:
        """Whether there is anything inside its surface."""
        return True

    def triangles(self) -> tuple[np.ndarray, np.ndarray]:
        """Its surface before any stroke.

        Returns
        -------
        vertices : ndarray of float64, shape (n, 3)
            Own axes, scaled, metres.
        faces : ndarray of int32, shape (m, 3)
            Anticlockwise seen from outside.
        """
        raise TypeError(f"a form of kind {getattr(self, 'kind', '?')} has no triangles")

    def own_balls(self) -> tuple[np.ndarray, np.ndarray] | None:
        """The balls it is made of, or None where it has a surface of its own.

        Returns
        -------
        centres : ndarray of float64, shape (n, 3)
            Own axes, scaled, metres.
        radii : ndarray of float64, shape (n,)
        """
        return None

    def facts(self) -> tuple[str, str]:
        """What there is to say of it besides its numbers.

        Returns
        -------
        (str, str)
            A sentence, and what is wrong with it; empty for nothing.
        """
        return "", ""

"""Shapes of a solid."""
SCALE = Triple("scale", "Scale", "×", (0.05, 20.0), "log", "Times its own size along its own axis.")

FORMS = Kinds("softmound.core.mass.kinds", "kind")
"""The kinds of form by their words."""
AnyForm = Annotated[Form, FORMS]
PARTS = {"buds": Buds, "coat": Coat, "rough": Roughness, "base": BaseLevel, "top": TopLevel}
"""What any form may have besides, in the order an artist sees it."""


def like(form: "Form", other: "Form") -> "Form":
    """A linked copy brought up to date: everything of `other` but its own name and place.

    Parameters
    ----------
    form, other : Form
        Of one link.

    Returns
    -------
    Form
    """
    own = {field: getattr(form, field) for field in ("name", "centre", "rotation", "mirror", "hidden", "locked")}
    return other.edited(**own)


def arrays_of(forms: Sequence[Value]) -> list[Arrays]:
    """All arrays that some forms or stand-ins hold.

    Parameters
    ----------
    forms : sequence of Form or StandIn

    Returns
    -------
    list of Arrays
    """
    return [part for form in forms for part in dict(form).values() if isinstance(part, Arrays)]
