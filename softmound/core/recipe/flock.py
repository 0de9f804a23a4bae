"""The models of a `.flock`: assets placed together, and the rules that placed them."""

from typing import Annotated, Final, Literal, Self

from pydantic import Field, model_validator

from .models import KeptView, Light, Sky, View
from .standins import StandIns
from .value import Colour, Degrees, Metres, Name, Place, Seed, Share, Value

FORMAT: Final = 3
MOST_MEMBERS = 10_000
Size = Annotated[float, Field(ge=0.001, le=1000.0)]
Times = Annotated[float, Field(ge=0.0, le=100.0)]
Across = Annotated[float, Field(ge=0.001, le=100_000.0)]
Flat = tuple[Metres, Metres]


class Asset(Value):
    """What a member shows: an asset of the library, bound to a version or to the newest; or a file of somebody else's.

    Attributes
    ----------
    name : str
        Of the asset; of a file what it is called here.
    version : int
        0 for the newest.
    file : str
        Path of an OpenVDB file, relative to the flock's folder where it can be; empty for an asset of the library.
    """

    name: Name
    version: Annotated[int, Field(ge=0, le=100_000)] = 0
    file: Annotated[str, Field(max_length=2000)] = ""


class Member(Value):
    """One placing of an asset.

    Attributes
    ----------
    place : tuple of float
        Where the middle of its underside stands, metres.
    turn : tuple of float
        Degrees about x, then y, then z.
    size, density : float
        Times its own.
    tint : tuple of float
        Linear RGB.
    group : str
    spread : str
        Name of the spread that placed it; empty by hand.
    number : int
        Of the spread's: the same at every spreading with the same seed.
    moved : bool
        Changed by hand since: spreading again leaves it as it is.
    """

    asset: Asset
    name: Annotated[str, Field(max_length=80)] = ""
    place: Place = (0.0, 0.0, 0.0)
    turn: tuple[Degrees, Degrees, Degrees] = (0.0, 0.0, 0.0)
    size: Size = 1.0
    mirrored: bool = False
    density: Annotated[float, Field(ge=0.0, le=10_000.0)] = 1.0
    tint: Colour = (1.0, 1.0, 1.0)
    hidden: bool = False
    locked: bool = False
    group: Annotated[str, Field(max_length=80)] = ""
    spread: Annotated[str, Field(max_length=80)] = ""
    number: Annotated[int, Field(ge=0, le=10_000_000)] = 0
    moved: bool = False


class Kind(Value):
    """An asset that a spread places, and how often beside others."""

    asset: Asset
    weight: Annotated[float, Field(gt=0.0, le=1000.0)] = 1.0


class Spread(Value):
    """A rule that places members over an area by one seed.

    Attributes
    ----------
    area : str
        "rectangle", "disc" or "painted", `size` wide and deep around `centre`; or "line", `size[0]` wide along `points`.
    centre, size : tuple of float
        x and z, metres.
    painted : tuple of tuple of float
        Of a painted area: how many there are, 0 to 1, in rows from the least z to the most, each from the least x to the most.
    points : tuple of (float, float)
        x and z of the line's corners, metres.
    low, high : float
        Altitudes between which they stand, metres.
    count : int
        At the most; fewer where no more find room.
    apart : float
        Least distance between the middles of two, metres.
    overlap : float
        Share of their widths by which two may stand in one another.
    larger_apart : bool
        Larger ones keep farther from all others, by how much larger they are than the mean.
    turned : str
        "not", "about" the vertical, or "freely".
    sizes, densities : tuple of float
        Least and most.
    mirrored : bool
        Every other one, by chance.
    thinning : float
        Share of the way to the edge over which they become fewer.
    streets : float
        From the middle of a street to that of the next, metres; 0 for none.
    along : float
        Where streets run: azimuth, degrees.
    strictly : float
        How strictly they keep to the streets, 0 to 1.
    without : tuple of int
        Numbers that were taken out by hand.
    """

    name: Name = "Spread"
    kinds: Annotated[tuple[Kind, ...], Field(min_length=1, max_length=200)]
    area: Literal["rectangle", "disc", "line", "painted"] = "rectangle"
    centre: Flat = (0.0, 0.0)
    size: tuple[Across, Across] = (4000.0, 4000.0)
    points: Annotated[tuple[Flat, ...], Field(max_length=1000)] = ()
    painted: Annotated[tuple[Annotated[tuple[Share, ...], Field(min_length=2, max_length=256)], ...], Field(max_length=256)] = ()
    low: Metres = 800.0
    high: Metres = 800.0
    count: Annotated[int, Field(ge=1, le=MOST_MEMBERS)] = 40
    apart: Annotated[float, Field(ge=0.0, le=50_000.0)] = 0.0
    overlap: Annotated[float, Field(ge=0.0, le=0.95)] = 0.0
    larger_apart: bool = False
    turned: Literal["not", "about", "freely"] = "about"
    sizes: tuple[Size, Size] = (0.6, 1.4)
    densities: tuple[Times, Times] = (1.0, 1.0)
    mirrored: bool = True
    thinning: Share = 0.0
    streets: Annotated[float, Field(ge=0.0, le=50_000.0)] = 0.0
    along: Degrees = 0.0
    strictly: Share = 0.8
    seed: Seed = 1
    without: Annotated[tuple[int, ...], Field(max_length=MOST_MEMBERS)] = ()

    @model_validator(mode="after")
    def _in_order(self) -> Self:
        for least, most, what in ((self.low, self.high, "altitudes"), (*self.sizes, "sizes"), (*self.densities, "densities")):
            if least > most:
                raise ValueError(f"{what}: the least is larger than the most")
        if self.area == "line" and len(self.points) < 2:
            raise ValueError("points: a line needs two at least")
        if self.area == "painted" and (len(self.painted) < 2 or len({len(row) for row in self.painted}) != 1):
            raise ValueError("painted: needs two rows at least, all as long")
        return self


class Deck(Value):
    """A layer of cloud to the horizon.

    Attributes
    ----------
    altitude : float
        Of its underside, metres.
    thickness : float
        Up to its tops, metres.
    reach : float
        How far it goes all round the flock's origin, metres.
    cover : float
        Share of the sky it covers.
    lumps : float
        How wide its lumps are, metres.
    stretched : float
        So many times as long along the wind.
    along : float
        Azimuth of the wind, degrees.
    waves, wavelength : float
        How far crests stand above hollows, metres, and from crest to crest; crests lie across the wind.
    density : float
        Extinction in 1/m.
    """

    name: Name = "Deck"
    altitude: Metres = 250.0
    thickness: Annotated[float, Field(ge=10.0, le=5_000.0)] = 260.0
    reach: Annotated[float, Field(ge=100.0, le=100_000.0)] = 15_000.0
    cover: Share = 0.85
    lumps: Annotated[float, Field(ge=5.0, le=20_000.0)] = 520.0
    stretched: Annotated[float, Field(ge=1.0, le=10.0)] = 1.5
    along: Degrees = 0.0
    waves: Annotated[float, Field(ge=0.0, le=2_000.0)] = 40.0
    wavelength: Annotated[float, Field(ge=20.0, le=50_000.0)] = 2_400.0
    density: Annotated[float, Field(ge=0.0001, le=10.0)] = 0.03
    seed: Seed = 1
    hidden: bool = False


class Haze(Value):
    """A thin medium that hugs the ground.

    Attributes
    ----------
    low, high : float
        Altitudes between which it lies, metres.
    falls : float
        Height over which it becomes e times thinner, metres.
    boxed : bool
        It fills a box, `size` wide and deep around `centre`, rather than all that is within `reach`.
    centre, size : tuple of float
        x and z, metres.
    reach : float
        How far it goes all round the flock's origin, metres.
    visibility : float
        In it at its lowest, kilometres.
    uneven : float
        How much it is varied by noise, 0 to 1.
    lumps : float
        How wide what varies it is, metres.
    """

    name: Name = "Haze"
    low: Metres = 0.0
    high: Metres = 1_500.0
    falls: Annotated[float, Field(ge=1.0, le=10_000.0)] = 350.0
    boxed: bool = False
    centre: Flat = (0.0, 0.0)
    size: tuple[Across, Across] = (4000.0, 4000.0)
    reach: Annotated[float, Field(ge=10.0, le=100_000.0)] = 15_000.0
    visibility: Annotated[float, Field(ge=0.02, le=500.0)] = 30.0
    uneven: Share = 0.5
    lumps: Annotated[float, Field(ge=1.0, le=50_000.0)] = 2_500.0
    seed: Seed = 1
    hidden: bool = False

    @model_validator(mode="after")
    def _thick(self) -> Self:
        if self.low >= self.high:
            raise ValueError("altitudes: the lowest is not below the highest")
        return self


class Plate(Value):
    """A photograph that stands behind the flock, and fills the picture.

    Attributes
    ----------
    file : str
        Path of the picture, relative to the flock's folder where it can be.
    horizon : float
        How far down the photograph its horizon lies, as a share of its height.
    opacity : float
        How much of the sky it hides.
    """

    file: Annotated[str, Field(min_length=1, max_length=2000)]
    horizon: Share = 0.5
    opacity: Share = 1.0
    hidden: bool = False


class Flock(Value):
    """A sky: members, what placed them, its light and where it is looked at from.

    Attributes
    ----------
    library : str
        Folder of the assets, relative to the flock's own where it can be; empty for the user's.
    air : bool
        The air between the eye and far clouds is seen, where the sky is that of the air.
    ids : tuple of (str, str)
        Names of assets of the library, and their ids when it was saved: they are found again when they are called otherwise.
    curved : bool
        The earth falls away with distance from the flock's origin.
    stand_ins : tuple of StandIn
        Solid things among the clouds.
    """

    format: Literal[3] = FORMAT
    name: Name = "Flock"
    library: Annotated[str, Field(max_length=2000)] = ""
    ids: Annotated[tuple[tuple[Name, Annotated[str, Field(pattern="^[0-9a-f]{16}$")]], ...], Field(max_length=MOST_MEMBERS)] = ()
    members: Annotated[tuple[Member, ...], Field(max_length=MOST_MEMBERS)] = ()
    spreads: Annotated[tuple[Spread, ...], Field(max_length=100)] = ()
    decks: Annotated[tuple[Deck, ...], Field(max_length=8)] = ()
    hazes: Annotated[tuple[Haze, ...], Field(max_length=8)] = ()
    air: bool = True
    curved: bool = True
    plate: Plate | None = None
    light: Light = Light(sky=Sky(kind="air"), metered=True)
    view: View = View(elevation=-4.0, distance=6000.0, target=(0.0, 900.0, 0.0), focal=35.0)
    views: Annotated[tuple[KeptView, ...], Field(max_length=200)] = ()
    stand_ins: StandIns = ()

    @property
    def assets(self) -> set[Asset]:
        """All that its members show, and that its spreads would place."""
        return {member.asset for member in self.members} | {kind.asset for spread in self.spreads for kind in spread.kinds}

    @model_validator(mode="after")
    def _named_apart(self) -> Self:
        names = [spread.name for spread in self.spreads]
        if len(set(names)) < len(names):
            raise ValueError("spreads: two have one name")
        for what, layers in (("decks", self.decks), ("hazes", self.hazes)):
            if len({layer.name for layer in layers}) < len(layers):
                raise ValueError(f"{what}: two have one name")
        return self
