"""What every part of a recipe is: a frozen, checked value; and the kinds of numbers in it."""

from typing import Annotated, Any, ClassVar, Self

from pydantic import BaseModel, ConfigDict, Field, ValidationError

from ..problems import OutOfLimits

Metres = Annotated[float, Field(ge=-50_000.0, le=50_000.0)]
Length = Annotated[float, Field(ge=0.001, le=20_000.0)]
Degrees = Annotated[float, Field(ge=-360.0, le=360.0)]
Share = Annotated[float, Field(ge=0.0, le=1.0)]
Seed = Annotated[int, Field(ge=0, le=2**31 - 1)]
Place = tuple[Metres, Metres, Metres]
Colour = tuple[Share, Share, Share]
Name = Annotated[str, Field(min_length=1, max_length=80, pattern=r"^[^\x00-\x1f/\\]*[^\x00-\x1f/\\.][^\x00-\x1f/\\]*$")]
"""Of one character at least that is no dot: dots alone mean folders."""


class Value(BaseModel):
    """Base of every part of a recipe: frozen, strict, nothing unknown, no NaN or infinity."""

    told: ClassVar[tuple] = ()
    """Fields that tell a person something and change nothing of the cloud: no hash counts them."""

    # Beside the fields, where neither comparing nor copying nor writing sees it.
    __slots__ = ("_mark",)

    model_config = ConfigDict(frozen=True, extra="forbid", allow_inf_nan=False, strict=False, defer_build=True)

    @property
    def mark(self) -> bytes | None:
        """Hash kept with the value by `engine.keys`, or None."""
        try:
            return object.__getattribute__(self, "_mark")
        except AttributeError:
            return None

    def keep_mark(self, mark: bytes) -> None:
        """Keep a hash with the value.

        Parameters
        ----------
        mark : bytes
        """
        object.__setattr__(self, "_mark", mark)

    def edited(self, **changes: Any) -> Self:
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
        OutOfLimits
            If a new value is outside its limits; a `Problem`.
        """
        try:
            return type(self).model_validate({**dict(self), **changes})
        except ValidationError as error:
            raise OutOfLimits(error) from error
