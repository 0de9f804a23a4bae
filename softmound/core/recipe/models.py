"""What the artist decides, as frozen values.

A recipe is never changed; an edit makes a new one with `model_copy` or `edited`. Lengths are
metres, angles degrees, colours linear RGB from 0 to 1. Y is up.
"""

from typing import Annotated, Literal

from pydantic import BaseModel, ConfigDict, Field, model_validator

FORMAT = 1
"""Version of the recipe's JSON. Raise it with a step in `migrations`."""

MOST_BLOBS = 20_000
"""Blobs of a mass, all their buds counted."""

Metres = Annotated[float, Field(ge=-50_000.0, le=50_000.0)]
Length = Annotated[float, Field(ge=0.001, le=20_000.0)]
Degrees = Annotated[float, Field(ge=-360.0, le=360.0)]
Share = Annotated[float, Field(ge=0.0, le=1.0)]
Seed = Annotated[int, Field(ge=0, le=2**31 - 1)]
Place = tuple[Metres, Metres, Metres]
Colour = tuple[Share, Share, Share]
Name = Annotated[str, Field(min_length=1, max_length=80, pattern=r"^[^\x00-\x1f/\\]+$")]


class Value(BaseModel):
    """Base of every part of a recipe: frozen, strict, nothing unknown, no NaN or infinity."""

    model_config = ConfigDict(frozen=True, extra="forbid", allow_inf_nan=False, strict=False)

    def edited(self, **changes):
        """Return a checked copy with some fields changed.

        Parameters
        ----------
        **changes
            New values by field name.

        Returns
        -------
        Value
            Of the same class.

        Raises
        ------
        pydantic.ValidationError
            If a new value is outside its limits.
        """
        return type(self).model_validate({**dict(self), **changes})


Role = Literal["adds", "carves", "keeps"]


class Buds(Value):
    """Smaller balls grown over a blob's surface, and over theirs, generation after generation.

    `shrink` is a bud's radius over its parent's, `reach` how far out its middle lies in its parent's
    radii, `upward` draws buds toward the top (or below 0 toward the bottom), `fewer_below` is the
    share left out on undersides.
    """

    generations: Annotated[int, Field(ge=1, le=4)] = 1
    count: Annotated[int, Field(ge=1, le=40)] = 8
    shrink: Annotated[float, Field(ge=0.05, le=0.9)] = 0.43
    reach: Annotated[float, Field(ge=0.2, le=1.3)] = 0.92
    variation: Share = 0.2
    upward: Annotated[float, Field(ge=-1.0, le=1.0)] = 0.3
    fewer_below: Share = 0.8
    seed: Seed = 1


class Blob(Value):
    """An ellipsoid. Rotation is about x, then y, then z.

    Blobs are joined in their order: one that adds is united with what came before, one that carves
    is taken away from it, one that keeps leaves only what lies inside. `melt` of None is the mass's.
    """

    name: Name = "Blob"
    centre: Place = (0.0, 20.0, 0.0)
    radii: tuple[Length, Length, Length] = (15.0, 15.0, 15.0)
    rotation: tuple[Degrees, Degrees, Degrees] = (0.0, 0.0, 0.0)
    role: Role = "adds"
    buds: Buds | None = None
    melt: Annotated[float, Field(ge=0.0, le=2_000.0)] | None = None
    hidden: bool = False


class BaseLevel(Value):
    """The altitude below which nothing condenses."""

    on: bool = True
    altitude: Metres = 0.0
    softness: Annotated[float, Field(ge=0.0, le=500.0)] = 3.0
    raggedness: Annotated[float, Field(ge=0.0, le=500.0)] = 1.0
    ragged_size: Length = 12.0
    seed: Seed = 1


class TopLevel(BaseLevel):
    """The altitude above which nothing rises: the same numbers, turned over."""

    on: bool = False
    altitude: Metres = 100.0
    seed: Seed = 2


class Mass(Value):
    """The blocked-in shape: blobs joined in their order, flattened below and perhaps above."""

    blobs: Annotated[tuple[Blob, ...], Field(max_length=2000)] = ()
    melt: Annotated[float, Field(ge=0.0, le=2_000.0)] = 4.0
    base: BaseLevel = BaseLevel()
    top: TopLevel = TopLevel()

    @model_validator(mode="after")
    def _not_too_many(self):
        total = sum(1 if b.buds is None else sum(b.buds.count**g for g in range(b.buds.generations + 1))
                    for b in self.blobs)
        if total > MOST_BLOBS:
            raise ValueError(f"with their buds the blobs would be up to {total:,}, more than {MOST_BLOBS:,}; "
                             "take a generation or some of their count away")
        return self


class Voxels(Value):
    """Voxel sizes: `draft` of None follows the span of the mound."""

    draft: Annotated[float, Field(ge=0.005, le=500.0)] | None = None
    final: Annotated[float, Field(ge=0.005, le=500.0)] = 0.5


class Push(Value):
    """A grain that moves the surface along its normal by gradient fBm.

    Folded, it only pushes outward. `weaker_below` takes that share of it away at the base level.
    """

    action: Literal["push"] = "push"
    on: bool = True
    feature: Length = 16.0
    strength: Annotated[float, Field(ge=0.0, le=2_000.0)] = 4.0
    octaves: Annotated[int, Field(ge=1, le=10)] = 4
    lacunarity: Annotated[float, Field(ge=1.2, le=4.0)] = 2.0
    gain: Annotated[float, Field(ge=0.05, le=0.95)] = 0.5
    folded: bool = False
    weaker_below: Share = 0.0
    seed: Seed = 17
    offset: Place = (0.0, 0.0, 0.0)


class Skin(Value):
    """Density from the edge inward: `thickness` metres from nothing to `core`."""

    thickness: Annotated[float, Field(ge=0.0, le=2_000.0)] = 2.5
    core: Annotated[float, Field(ge=0.01, le=10.0)] = 1.0
    softness: Share = 1.0


class Sun(Value):
    """Azimuth from +z toward +x; strength 1 lights a white sheet facing it to radiance 1."""

    azimuth: Degrees = 130.0
    elevation: Annotated[float, Field(ge=-10.0, le=90.0)] = 35.0
    colour: Colour = (1.0, 0.95, 0.88)
    strength: Annotated[float, Field(ge=0.0, le=20.0)] = 2.6


class Sky(Value):
    """Radiance overhead, at the horizon, and coming back from the ground."""

    zenith: Colour = (0.05, 0.145, 0.40)
    horizon: Colour = (0.33, 0.47, 0.67)
    ground: Colour = (0.22, 0.24, 0.27)
    strength: Annotated[float, Field(ge=0.0, le=20.0)] = 1.0


class Medium(Value):
    """What the cloud is made of: extinction in 1/m at density 1, and its mean cosine."""

    extinction: Annotated[float, Field(ge=0.0001, le=100.0)] = 0.08
    albedo: Annotated[float, Field(ge=0.0, le=1.0)] = 1.0
    anisotropy: Annotated[float, Field(ge=-0.95, le=0.95)] = 0.85


class Light(Value):
    """Sun, sky, medium and the exposure in stops."""

    sun: Sun = Sun()
    sky: Sky = Sky()
    medium: Medium = Medium()
    exposure: Annotated[float, Field(ge=-16.0, le=16.0)] = 0.0


class View(Value):
    """Where the picture is taken from: around `target`, on a film back 36 mm wide."""

    azimuth: Degrees = 0.0
    elevation: Annotated[float, Field(ge=-89.0, le=89.0)] = 3.0
    distance: Annotated[float, Field(ge=0.05, le=500_000.0)] = 220.0
    target: Place = (0.0, 20.0, 0.0)
    focal: Annotated[float, Field(ge=8.0, le=800.0)] = 50.0


class Mound(Value):
    """A whole recipe: what one `.mound` holds."""

    format: Literal[1] = FORMAT
    name: Name = "Untitled"
    mass: Mass = Mass()
    voxels: Voxels = Voxels()
    grains: Annotated[tuple[Push, ...], Field(max_length=8)] = ()
    skin: Skin = Skin()
    light: Light = Light()
    view: View = View()


def limits(model, field):
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
    schema = (model if isinstance(model, type) else type(model)).model_json_schema()
    entry = schema["properties"][field]
    for option in [entry, *entry.get("anyOf", []), *entry.get("prefixItems", [])]:
        if "maximum" in option:
            return option["minimum"], option["maximum"]
    raise KeyError(f"{field} has no limits")
