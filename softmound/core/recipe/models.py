"""What the artist decides, as frozen values.

A recipe is never changed; an edit makes a new one with `model_copy` or `edited`. Lengths are
metres, angles degrees, colours linear RGB from 0 to 1. Y is up.
"""

from functools import cache
from typing import Annotated, Any, ClassVar, Final, Literal, Self, get_args, get_origin

from pydantic import AfterValidator, ConfigDict, Field, model_validator

from .arrays import Arrays, Column, holding
from .curve import SKIN_CURVES, Curve, eased
from .forms import AnyForm, BaseLevel, TopLevel, arrays_of
from .grains import MOST_GRAINS, AnyGrain, Patch
from .rows import Changing, Choice, Drawn, Maybe, Number, Switch, Tint, Triple
from .standins import StandIns
from .steps import AnyStep
from .time import Frame, Growth, Keyed, TimeLine
from .value import Colour, Degrees, Metres, Name, Place, Share, Value

FORMAT: Final = 14
"""Version of the recipe's JSON. Raise it with a step in `migrations`."""

MOST_BALLS = 20_000
"""Forms of a mass, all their buds counted."""


MOST_STOPS = 6
"""Colours of a ramp."""

def _not_too_large(arrays: Arrays) -> None:
    height, width = arrays["pixels"].shape[:2]
    if not (1 <= height <= 16_384 and 1 <= width <= 16_384):
        raise ValueError(f"a picture of {width} × {height} pixels is more than 16,384 or none at all")


def _holds_a_cloud(arrays: Arrays) -> None:
    _not_too_large(arrays)
    if not (arrays["pixels"] > 127).any():
        raise ValueError("the outline that was read in a photograph holds nothing")


PictureArrays = Annotated[Arrays, holding(_not_too_large, pixels=Column("byte", ("rows", "columns", 3)))]
OutlineArrays = Annotated[Arrays, holding(_holds_a_cloud, pixels=Column("byte", ("rows", "columns")))]
SkyArrays = Annotated[Arrays, holding(_not_too_large, pixels=Column("float", ("rows", "columns", 3), 0.0, 1e12))]
"""What the pixels of pictures in a recipe are."""

TIERS = {"close": 1.0, "middle": 2.0, "far": 4.0}
"""Resolutions of an asset, as factors of the final voxel."""


class Mass(Value):
    """The blocked-in shape: forms joined in their order, flattened below and perhaps above."""

    sentence: ClassVar[str] = "All forms, joined in their order."

    # Built when the first one is made: its forms are of kinds that are found only then.
    model_config = ConfigDict(defer_build=True)

    rows: ClassVar[tuple] = (
        Number("melt", "Melt", "m", (0.0, 100.0), "linear", "Blend radius where forms join: 0 leaves a crease."),)

    forms: Annotated[tuple[AnyForm, ...], Field(max_length=10_000)] = ()
    melt: Annotated[float, Field(ge=0.0, le=2_000.0)] = 4.0
    base: BaseLevel = BaseLevel()
    top: TopLevel = TopLevel()

    @model_validator(mode="after")
    def _not_too_many(self) -> Self:
        total = sum(1 if f.buds is None else sum(f.buds.count**g for g in range(f.buds.generations + 1))
                    for f in self.forms)
        if total > MOST_BALLS:
            raise ValueError(f"with their buds the forms would be up to {total:,}, more than {MOST_BALLS:,}; "
                             "take a generation or some of their count away")
        return self


class Voxels(Value):
    """Voxel sizes: `draft` of None follows the span of the mound. Parts smaller than `crumbs` that hang on nothing are dropped."""

    sentence: ClassVar[str] = "How fine the density is made."
    rows: ClassVar[tuple] = (
        Number("crumbs", "Drop crumbs below", "m", (0.0, 100.0), "linear",
               "Bits cut off by grains that hang on nothing and are smaller than this are dropped; 0 keeps them all."),)

    draft: Annotated[float, Field(ge=0.005, le=500.0)] | None = None
    final: Annotated[float, Field(ge=0.005, le=500.0)] = 0.5
    crumbs: Annotated[float, Field(ge=0.0, le=2_000.0)] = 2.0


class SkinPart(Value):
    """Density from the edge inward: over `thickness` metres it follows the curve up to `core` times its end."""

    rows: ClassVar[tuple] = (
        Number("thickness", "Thickness", "m", (0.1, 60.0), "log",
               "Metres from the edge to the core: thin looks like plaster, thick like cotton wool."),
        Number("core", "Core density", "", (0.05, 4.0), "log", "Density inside, which the extinction multiplies."),
        Drawn("curve", "Rise", tuple(SKIN_CURVES.items()), "inward", "density", from_nothing=True),
    )

    thickness: Annotated[float, Field(ge=0.0, le=2_000.0)] = 2.5
    core: Annotated[float, Field(ge=0.01, le=10.0)] = 1.0
    curve: Curve = eased(1.0)

    @model_validator(mode="after")
    def _from_nothing(self) -> Self:
        if self.curve.points[0][1] != 0.0:
            raise ValueError("a skin's curve begins with nothing at the edge")
        return self


class LowerSkin(SkinPart):
    """Another skin below an altitude, into which the upper one passes over `blend` metres."""

    sentence: ClassVar[str] = "Another skin for the underside, into which the upper one passes."
    rows: ClassVar[tuple] = (
        Number("altitude", "Below", "m", (-200.0, 1000.0), "linear", "Altitude at which one skin passes into the other."),
        Number("blend", "Over", "m", (0.0, 300.0), "linear", "Height over which it does."),
        *SkinPart.rows[:2],
        Drawn("curve", "Rise below", tuple(SKIN_CURVES.items()), "inward", "density", from_nothing=True),
    )

    altitude: Metres = 30.0
    blend: Annotated[float, Field(ge=0.0, le=2_000.0)] = 20.0


class Skin(SkinPart):
    """The skin: filled, or hollow, a shell so many metres thick; and perhaps another one below a height.

    `even` measures its thickness square to the pushed surface. `tone` is one curve over all densities, from nothing to
    the core, after grains and patches.
    """

    sentence: ClassVar[str] = "The density from the edge inward: how hard the cloud looks."
    shape_rows: ClassVar[tuple] = (
        Switch("even", "Even on pushed surfaces", "Measures the thickness square to the surface that the grains have left, so "
               "that it is as thick on steep lumps as on flat parts."),
        Maybe("shell", "Hollow: a shell", "m", (0.1, 200.0), "log",
              "Only a wall of the stated thickness, with the skin on both its sides.", begins=10.0),
    )
    tone_rows: ClassVar[tuple] = (
        Drawn("tone", "A curve over all of them", tuple(SKIN_CURVES.items()), "before", "after", Curve()),)

    shell: Annotated[float, Field(ge=0.01, le=5_000.0)] | None = None
    even: bool = False
    tone: Curve | None = None
    below: LowerSkin | None = None


class Sun(Value):
    """Azimuth from +z toward +x; strength 1 lights a white sheet facing it to radiance 1; `size` is how wide it looks.

    Behind air its colour is what it has outside it.
    """

    sentence: ClassVar[str] = "Where the sun stands, and its light."
    first_rows: ClassVar[tuple] = (
        Number("azimuth", "Sun's azimuth", "°", (0.0, 360.0), "linear", "From +z toward +x; drag the sun dome as well.",
               modulo=360.0),
        Number("elevation", "Sun's elevation", "°", None, "linear", "Height above the horizon."),
    )
    rows: ClassVar[tuple] = (
        Number("strength", "Strength", "", (0.0, 10.0), "linear", "1 lights a white sheet facing the sun to white."),
        Number("size", "Size", "°", (0.0, 10.0), "linear", "How wide the sun looks: 0.53 in nature. True light softens by it."),
        Tint("colour", "Colour", "Colour of the sunlight; behind air, outside it."),
    )

    azimuth: Degrees = 130.0
    elevation: Annotated[float, Field(ge=-10.0, le=90.0)] = 35.0
    colour: Colour = (1.0, 0.95, 0.88)
    strength: Annotated[float, Field(ge=0.0, le=20.0)] = 2.6
    size: Annotated[float, Field(ge=0.0, le=30.0)] = 0.53


class Sky(Value):
    """What surrounds the cloud and lights it, by `kind`.

    A "gradient" from `zenith` to `horizon` with `ground` below; "air", computed from the sun, `visibility` in
    kilometres, the `altitude` of the camera in metres and `ground` as reflectance; an "image", whose `picture` holds
    `pixels` (height, width, 3) over all directions, its middle turned to azimuth `turn`; or "plain", `zenith` all round.
    """

    sentence: ClassVar[str] = "What surrounds the cloud and lights it."
    rows: ClassVar[tuple] = (
        Choice("kind", "Sky", (("gradient", "Drawn: three colours"), ("air", "Air: computed from the sun"),
                               ("image", "A picture of all directions"), ("plain", "Plain: one colour")), wide=True, said=(
                                   "From overhead to the horizon, with light from the ground below.",
                                   "Scattered by air and haze, bluer overhead, redder where the sun is low.",
                                   "Light and background of a photograph.", "The same all round.")),
        Number("strength", "Strength", "", (0.0, 6.0), "linear", "Light from all round, and the picture's background."),
        Tint("zenith", "Overhead", "Colour of the sky overhead.", (("kind", ("gradient", "plain")),)),
        Tint("horizon", "Horizon", "Colour of the sky at the horizon.", (("kind", ("gradient",)),)),
        Tint("ground", "Ground", "Light that the ground sends back to the underside; with air, its reflectance.",
             (("kind", ("gradient", "air")),)),
        Number("visibility", "Visibility", "km", (5.0, 200.0), "log", "How far one sees: haze whitens the sky and dims the sun.",
               (("kind", ("air",)),)),
        Number("altitude", "Altitude", "m", (0.0, 8000.0), "linear", "Of the camera, for the air below and above it.",
               (("kind", ("air",)),)),
        Number("turn", "Turn", "°", (-180.0, 180.0), "linear", "Azimuth of the middle of the picture.", (("kind", ("image",)),)),
    )

    kind: Literal["gradient", "air", "image", "plain"] = "gradient"
    zenith: Colour = (0.05, 0.145, 0.40)
    horizon: Colour = (0.33, 0.47, 0.67)
    ground: Colour = (0.22, 0.24, 0.27)
    strength: Annotated[float, Field(ge=0.0, le=20.0)] = 1.0
    visibility: Annotated[float, Field(ge=2.0, le=300.0)] = 60.0
    altitude: Annotated[float, Field(ge=0.0, le=20_000.0)] = 200.0
    picture: SkyArrays | None = None
    turn: Degrees = 0.0


_LAID = (("kind", ("sea", "land")),)


class Floor(Value):
    """Sea or land below the cloud, which is seen behind it with its shadow, and lights its underside; `level` is its altitude in
    metres. `colour` is what it sends back of light from all round: water little, and mirrored light besides, the more roughly the
    stronger the `wind` in m/s. `patches` are fields of the land in metres. Seen through air of a `visibility` in kilometres.
    """

    sentence: ClassVar[str] = "Sea or land below the cloud: it has the cloud's shadow and lights its underside."
    rows: ClassVar[tuple] = (
        Choice("kind", "Below", (("none", "Nothing: the sky goes on"), ("sea", "Sea"), ("land", "Land")), wide=True),
        Number("level", "Level", "m", (-3000.0, 0.0), "linear", "Altitude of the sea or land; the eye has to be above it.", _LAID),
        Tint("colour", "Surface", "What it sends back of light from all round; what water mirrors comes on top.", _LAID),
        Number("wind", "Wind", "m/s", (0.0, 20.0), "linear", "Roughens the sea: the sun's glitter spreads, the mirrored sky blurs.",
               (("kind", ("sea",)),)),
        Number("patches", "Patches", "m", (10.0, 2000.0), "log", "Size of lighter and darker fields.", (("kind", ("land",)),)),
        Number("visibility", "Clear for", "km", (1.0, 200.0), "log", "How far one sees over it before it is lost in haze.", _LAID),
    )

    kind: Literal["none", "sea", "land"] = "none"
    level: Annotated[float, Field(ge=-100_000.0, le=100_000.0)] = -200.0
    colour: Colour = (0.02, 0.035, 0.04)
    wind: Annotated[float, Field(ge=0.0, le=40.0)] = 5.0
    patches: Annotated[float, Field(ge=0.1, le=100_000.0)] = 150.0
    visibility: Annotated[float, Field(ge=0.05, le=300.0)] = 40.0


class Lamp(Value):
    """A ball that shines evenly in all directions: `power` in lumens; `kelvin` gives its colour unless it is None.

    `flicker` is how much of the power comes and goes from picture to picture, in the order of `seed`. Lamps of one `group` are
    mixed together; a lamp without one goes by its name.
    """

    sentence: ClassVar[str] = "A ball that shines in all directions, beside the cloud or inside it."
    told: ClassVar[tuple] = ("name",)
    rows: ClassVar[tuple] = (
        Number("radius", "Radius", "m", (0.05, 100.0), "log", "Of the ball that shines: larger is softer."),
        Number("power", "Power", "Mlm", (1e-3, 1e6), "log",
               "Light in all directions, in millions of lumens: a bulb has 0.001, lightning thousands.", factor=1e-6),
        Maybe("kelvin", "Temperature", "K", None, "log",
              "Colour of a black body: 2,700 a warm lamp, 6,500 daylight, above it bluer.", begins=8_000.0),
        Tint("colour", "Colour", "Of the lamp, where no temperature gives it.", (("kelvin", (None,)),)),
        Number("flicker", "Flicker", "", None, "linear",
               "How much of the power comes and goes from picture to picture of a sequence."),
        Number("seed", "Seed", "", (0, 100), "linear", "Order of the flicker."),
    )
    place_rows: ClassVar[tuple] = (
        Triple("place", "Place", "m", (-200.0, 200.0), "linear", "Of its middle along the axis; y is the altitude."),)

    name: Name = "Lamp"
    on: bool = True
    place: Place = (0.0, 20.0, 0.0)
    radius: Annotated[float, Field(ge=0.001, le=5_000.0)] = 1.0
    power: Annotated[float, Field(ge=1.0, le=1e15)] = 1e9
    kelvin: Annotated[float, Field(ge=1_000.0, le=20_000.0)] | None = 8_000.0
    colour: Colour = (1.0, 1.0, 1.0)
    flicker: Share = 0.0
    seed: Annotated[int, Field(ge=0, le=2**31 - 1)] = 1
    group: Annotated[str, Field(max_length=80)] = ""


class Ramp(Value):
    """Colours that follow the density, the depth below the surface in metres, or the height in metres.

    The first of the `stops` stands at 0, which is `low`, the last at 1, which is `high`; between two the colours blend.
    For what is scattered, a colour is that of a thick part in white light.
    """

    by: Literal["density", "depth", "height"] = "height"
    low: Annotated[float, Field(ge=-100_000.0, le=100_000.0)] = 0.0
    high: Annotated[float, Field(ge=-100_000.0, le=100_000.0)] = 100.0
    stops: Annotated[tuple[tuple[Share, Colour], ...], Field(min_length=2, max_length=MOST_STOPS)] = (
        (0.0, (0.55, 0.6, 0.85)), (1.0, (1.0, 1.0, 1.0)))

    @model_validator(mode="after")
    def _in_order(self) -> Self:
        at = [place for place, _ in self.stops]
        if self.low >= self.high:
            raise ValueError("a ramp begins lower than it ends")
        if at[0] != 0.0 or at[-1] != 1.0 or any(b <= a for a, b in zip(at, at[1:])):
            raise ValueError("the stops of a ramp stand in order, from 0 to 1")
        return self


_LOBES = (("phase", ("two lobes",)),)


class Medium(Value):
    """What the cloud is made of: extinction in 1/m at density 1, the share it scatters, and how.

    `phase` "cosine" scatters with the mean cosine `anisotropy`; "two lobes" adds one of mean cosine `second` for a
    `share` of the light; "droplets" scatters as water droplets of `diameter` micrometres do. `tint` is what of each
    colour is scattered. `glow` is light of its own, as radiance of a part that is thick; it goes with density.
    `tint_by` and `glow_by` multiply the two by colours that change within the cloud.
    """

    sentence: ClassVar[str] = "What the cloud is made of: how much light it takes from a ray, and where it sends it."
    first_rows: ClassVar[tuple] = (
        Number("extinction", "Extinction", "1/m", (0.002, 2.0), "log",
               "At density 1; natural cumulus has 0.01 to 0.12 per metre."),)
    rows: ClassVar[tuple] = (
        Choice("phase", "Scattering", (("cosine", "By mean cosine"), ("two lobes", "By two lobes"),
                                       ("droplets", "By droplets")), wide=True, said=(
                                           "Henyey and Greenstein's phase function, by one number.",
                                           "Two of them: forward, and some light back.",
                                           "As water droplets scatter: a narrow peak, a glory, a fogbow.")),
        Number("anisotropy", "Anisotropy", "", None, "linear", "Mean cosine of scattering: 0.85 for cloud droplets.",
               (("phase", ("cosine", "two lobes")),)),
        Number("second", "Second lobe", "", None, "linear", "Mean cosine of the second lobe; below 0 it scatters back.", _LOBES),
        Number("share", "Its share", "", None, "linear", "How much of the light the second lobe scatters.", _LOBES),
        Number("diameter", "Droplets", "µm", None, "linear", "Diameter of the droplets: 5 to 50; larger ones glare more.",
               (("phase", ("droplets",)),)),
        Number("albedo", "Albedo", "", (0.8, 1.0), "linear", "Share of light scattered rather than absorbed."),
        Tint("tint", "Tint", "What of each colour is scattered; the rest is absorbed."),
        Changing("tint_by", "Tint changes", "Let what is scattered of each colour change within the cloud, for stylised work."),
        Number("glow_strength", "Glow", "", (0.0, 20.0), "linear", "Light of its own: radiance where it is thick."),
        Tint("glow", "Glow colour", "Colour of its own light."),
        Changing("glow_by", "Glow changes", "Let the glow change within the cloud: embers in its depth, light in its base."),
    )

    extinction: Annotated[float, Field(ge=0.0001, le=100.0)] = 0.08
    albedo: Annotated[float, Field(ge=0.0, le=1.0)] = 1.0
    tint: Colour = (1.0, 1.0, 1.0)
    phase: Literal["cosine", "two lobes", "droplets"] = "cosine"
    anisotropy: Annotated[float, Field(ge=-0.95, le=0.95)] = 0.85
    second: Annotated[float, Field(ge=-0.95, le=0.95)] = -0.3
    share: Share = 0.15
    diameter: Annotated[float, Field(ge=5.0, le=50.0)] = 20.0
    glow: Colour = (1.0, 0.45, 0.15)
    glow_strength: Annotated[float, Field(ge=0.0, le=1_000.0)] = 0.0
    tint_by: Ramp | None = None
    glow_by: Ramp | None = None


class Fader(Value):
    """How much of a light group is mixed into the picture: `level` times its light, tinted; only `solo` ones if there are any."""

    sentence: ClassVar[str] = "How much of one light group is mixed into the picture."
    rows: ClassVar[tuple] = (
        Number("level", "Level", "", (0.0, 4.0), "linear", "How many times its light is mixed into the picture."),
        Tint("tint", "Tint", "What its light is multiplied by."),
        Switch("solo", "Solo", "Only the groups that are solo are seen."),
        Switch("muted", "Mute", "Its light is left out."),
    )

    group: Name = "sun"
    level: Annotated[float, Field(ge=0.0, le=64.0)] = 1.0
    tint: Colour = (1.0, 1.0, 1.0)
    solo: bool = False
    muted: bool = False


class Light(Value):
    """Sun, sky, what is below, lamps, medium, the exposure in stops, and the view transform: "own", "exposure", or
    "display/view" of a config. `mix` has a fader for each light group whose light is not taken as it is. With `metered` the
    exposure is counted from what the picture asks for by itself. `once` leaves of the sunlight in Draft light what is scattered
    once, to judge shapes by.
    """

    sentence: ClassVar[str] = "How bright the picture is."
    first_rows: ClassVar[tuple] = (
        Switch("metered", "Exposure by the picture", "The bright parts of the cloud lie just below white, whatever the light; "
               "the number below is then how much brighter than that."),
        Number("exposure", "Exposure", "stops", (-6.0, 6.0), "linear", "Twice the light for each stop."),)
    rows: ClassVar[tuple] = (
        Switch("once", "Sunlight scattered once only", "Of the sunlight Draft light then shows what is scattered once: hard "
               "light, to judge shapes by."),)

    sun: Sun = Sun()
    sky: Sky = Sky()
    floor: Floor = Floor()
    lamps: Annotated[tuple[Lamp, ...], Field(max_length=64)] = ()
    medium: Medium = Medium()
    exposure: Annotated[float, Field(ge=-16.0, le=16.0)] = 0.0
    metered: bool = False
    transform: Annotated[str, Field(min_length=1, max_length=200)] = "own"
    once: bool = False
    mix: Annotated[tuple[Fader, ...], Field(max_length=80)] = ()

    @model_validator(mode="after")
    def _one_fader_each(self) -> Self:
        if len({fader.group for fader in self.mix}) < len(self.mix):
            raise ValueError("a light group has one fader only")
        return self


class View(Value):
    """Where the picture is taken from: around `target`, on a film back 36 mm wide; `aspect` 0 takes the window's."""

    sentence: ClassVar[str] = "The lens, and the frame."
    rows: ClassVar[tuple] = (
        Number("focal", "Focal length", "mm", (12.0, 300.0), "log", "Of the lens, on a film back 36 mm wide."),
        Number("aspect", "Aspect", "", (0.0, 2.6), "linear", "Width over height of the frame drawn in the picture; 0 for none."),
    )

    azimuth: Degrees = 0.0
    elevation: Annotated[float, Field(ge=-89.0, le=89.0)] = 3.0
    distance: Annotated[float, Field(ge=0.05, le=500_000.0)] = 220.0
    target: Place = (0.0, 20.0, 0.0)
    focal: Annotated[float, Field(ge=8.0, le=800.0)] = 50.0
    aspect: Annotated[float, Field(ge=0.0, le=5.0)] = 0.0


class KeptView(Value):
    """A view under a name."""

    name: Name = "View"
    view: View = View()


class ViewKey(Value):
    """The view at a frame: a key of the camera path."""

    frame: Frame
    view: View = View()


def _rising(path: tuple[ViewKey, ...]) -> tuple[ViewKey, ...]:
    frames = [key.frame for key in path]
    if sorted(set(frames)) != frames:
        raise ValueError("frames of a camera path have to rise, and each may come once")
    return path


class Reading(Value):
    """What was read in a photograph: `outline` (height, width) of its cloud, 255 inside, in pixels of its own; the row of the
    `horizon` in heights of the photograph from above, None where none is seen, and that of the cloud's `base`, which is `flat` or
    ragged; the `focal` length of the whole photograph in millimetres on a film 36 mm wide; and the `span` that its cloud is given.
    """

    sentence: ClassVar[str] = "What was read in a photograph, and how large its cloud is to be."
    rows: ClassVar[tuple] = (
        Number("span", "Span", "m", (10.0, 3000.0), "log", "Longest side of the cloud as it is seen."),
        Number("focal", "Focal length", "mm", (12.0, 300.0), "log",
               "Of the photograph's lens, on a film back 36 mm wide: read from the file where it says so."),
        Maybe("horizon", "Horizon", "", (0.0, 1.5), "linear",
              "Row of the horizon in heights of the photograph from above; without one the eye is a little below the base.",
              begins=0.9),
        Number("base", "Base", "", (0.0, 1.0), "linear", "Row of the cloud's base in heights of the photograph from above."),
        Switch("flat", "Flat underneath", "The mound gets a base level where the cloud's underside is."),
    )

    outline: OutlineArrays
    horizon: Annotated[float, Field(ge=-3.0, le=4.0)] | None = None
    base: Share = 0.8
    flat: bool = True
    focal: Annotated[float, Field(ge=8.0, le=800.0)] = 50.0
    span: Annotated[float, Field(ge=0.1, le=20_000.0)] = 300.0


class Reference(Value):
    """A photograph to compare with: `pixels` (height, width, 3) of its picture, 8 bits, as a screen shows them.

    Shown `beside` the cloud, in front of everything, or `behind` it. `place` is where its middle lies
    and `scale` how wide it is, in widths of the picture on screen. Its cloud reaches from `top` to `base`, in heights of
    the photograph from above, by which it is matched in size. `reading` is what was read in it, if it was.
    """

    name: Name = "Photograph"
    picture: PictureArrays
    shown: Literal["beside", "behind", "off"] = "beside"
    opacity: Share = 1.0
    place: tuple[Annotated[float, Field(ge=-2.0, le=3.0)], Annotated[float, Field(ge=-2.0, le=3.0)]] = (0.8, 0.25)
    scale: Annotated[float, Field(ge=0.02, le=5.0)] = 0.3
    top: Share = 0.15
    base: Share = 0.85
    reading: Reading | None = None


class Snapshot(Value):
    """A picture kept for comparison, `pixels` (height, width, 3) as a screen shows them, and the recipe it shows.

    The recipe has no snapshots of its own.
    """

    name: Name = "Snapshot"
    picture: PictureArrays
    recipe: "Mound"

    @model_validator(mode="after")
    def _not_nested(self) -> Self:
        if self.recipe.snapshots:
            raise ValueError("the recipe of a snapshot has no snapshots of its own")
        return self


class Mound(Value):
    """A whole recipe: what one `.mound` holds."""

    # Built when the first one is made: its grains are of kinds that are found only then.
    model_config = ConfigDict(defer_build=True)

    format: Literal[14] = FORMAT
    name: Name = "Untitled"
    mass: Mass = Field(default_factory=Mass)
    voxels: Voxels = Voxels()
    steps: Annotated[tuple[AnyStep, ...], Field(max_length=12)] = ()
    grains: Annotated[tuple[AnyGrain, ...], Field(max_length=MOST_GRAINS)] = ()
    patches: Annotated[tuple[Patch, ...], Field(max_length=64)] = ()
    skin: Skin = Skin()
    light: Light = Light()
    view: View = View()
    views: Annotated[tuple[KeptView, ...], Field(max_length=64)] = ()
    references: Annotated[tuple[Reference, ...], Field(max_length=24)] = ()
    snapshots: Annotated[tuple[Snapshot, ...], Field(max_length=48)] = ()
    time: TimeLine | None = None
    keyed: Annotated[tuple[Keyed, ...], Field(max_length=200)] = ()
    path: Annotated[tuple[ViewKey, ...], Field(max_length=2_000), AfterValidator(_rising)] = ()
    growth: Growth | None = None
    stand_ins: StandIns = ()

    def arrays(self) -> list[Arrays]:
        """All arrays that forms, photographs, the sky and snapshots hold.

        Returns
        -------
        list of Arrays
        """
        own = arrays_of(self.mass.forms) + arrays_of(self.stand_ins) + [r.picture for r in self.references]
        own += [r.reading.outline for r in self.references if r.reading is not None]
        if self.light.sky.picture is not None:
            own.append(self.light.sky.picture)
        for snapshot in self.snapshots:
            own += [snapshot.picture, *snapshot.recipe.arrays()]
        return own


def _stated(kind: Any, marks: Any) -> tuple[Any, Any] | None:
    """Limits among the marks of a type, or of the first of the types it is made of that has some."""
    flat = [stated for mark in marks for stated in getattr(mark, "metadata", [mark])]
    most = next((stated.le for stated in flat if hasattr(stated, "le")), None)
    if most is not None:
        return next((stated.ge for stated in flat if hasattr(stated, "ge")), None), most
    if get_origin(kind) is Annotated:
        return _stated(get_args(kind)[0], kind.__metadata__)
    parts = get_args(kind)
    # Of a row of any length the limits are its parts' own.
    within = (_stated(part, ()) for part in parts if ... not in parts)
    return next((found for found in within if found is not None), None)


@cache
def _limits(model: type[Value], field: str) -> tuple[float, float]:
    stated = model.model_fields[field]
    found = _stated(stated.annotation, stated.metadata)
    if found is None:
        raise KeyError(f"{field} has no limits")
    return found


def limits(model: type[Value] | Value, field: str) -> tuple[float, float]:
    """Smallest and largest value a number of a model may have.

    Parameters
    ----------
    model : type or Value
        A recipe part.
    field : str
        Name of one of its numeric fields, or of a tuple of numbers.

    Returns
    -------
    (float, float)
        Inclusive limits.
    """
    return _limits(model if isinstance(model, type) else type(model), field)
