"""A form that moves because its file does: numbered files, or one with time samples."""

from typing import Annotated, Literal

from pydantic import Field

from .value import Value

Unit = Literal["m", "cm", "mm", "dm", "ft", "in", "km"]


class Sequence(Value):
    """Files of a moving form.

    Attributes
    ----------
    files : str
        With ``#`` for each digit of the number, as ``walk.####.obj``; or one OpenUSD file with time samples. Relative to the
        mound's folder where it can be.
    offset : int
        Frames by which it begins later than the time line.
    slowed : float
        So many times as long.
    beyond : str
        Before its first and after its last file: "held", or "looped".
    unit, up : str
        Of the files' numbers.
    """

    files: Annotated[str, Field(min_length=1, max_length=2_000)]
    offset: Annotated[int, Field(ge=-100_000, le=100_000)] = 0
    slowed: Annotated[float, Field(ge=0.01, le=100.0)] = 1.0
    beyond: Literal["held", "looped"] = "held"
    unit: Unit = "m"
    up: Literal["y", "z"] = "y"
