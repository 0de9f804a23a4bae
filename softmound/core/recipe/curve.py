"""A freely drawn curve from 0 to 1."""

from typing import Annotated, Self

from pydantic import Field, model_validator

from .value import Share, Value

MOST_POINTS = 9
CLOSEST = 0.01
"""Points lie at least so far apart."""


class Curve(Value):
    """A monotone cubic through points: it never overshoots between two of them.

    The first point lies at 0, the last at 1. Fritsch and Butland 1984 (SIAM J. Sci. Stat. Comput. 5),
    as SciPy's `PchipInterpolator` has it.
    """

    points: Annotated[tuple[tuple[Share, Share], ...], Field(min_length=2, max_length=MOST_POINTS)] = (
        (0.0, 0.0), (1.0, 1.0))

    @model_validator(mode="after")
    def _in_order(self) -> Self:
        at = [x for x, _ in self.points]
        if at[0] != 0.0 or at[-1] != 1.0:
            raise ValueError("a curve begins at 0 and ends at 1")
        if any(b - a < CLOSEST - 1e-9 for a, b in zip(at, at[1:])):
            raise ValueError(f"the points of a curve stand in order, {CLOSEST:g} apart at least")
        return self


def eased(softness: float) -> "Curve":
    """The curve that rises from 0 to 1, straight (0) or easing in and out (1).

    Parameters
    ----------
    softness : float
        From 0 to 1.

    Returns
    -------
    Curve
    """
    if softness == 0.0:
        return Curve()
    at = (0.0, 0.1, 0.3, 0.5, 0.7, 0.9, 1.0)
    return Curve(points=tuple((u, round(u + softness * (u * u * (3.0 - 2.0 * u) - u), 6)) for u in at))


SKIN_CURVES = {
    "Even": Curve(),
    "Soft": eased(1.0),
    "Cotton": Curve(points=((0.0, 0.0), (0.4, 0.12), (0.75, 0.6), (1.0, 1.0))),
    "Firm": Curve(points=((0.0, 0.0), (0.15, 0.6), (0.4, 0.9), (1.0, 1.0))),
    "Veiled": Curve(points=((0.0, 0.0), (0.2, 0.18), (0.6, 0.24), (1.0, 1.0))),
    "Rim": Curve(points=((0.0, 0.0), (0.3, 1.0), (1.0, 0.5))),
}
"""Ready curves of a skin, from the edge to the core."""

NOISE_CURVES = {
    "Even": Curve(), "Soft": eased(1.0), "Late": Curve(points=((0.0, 0.0), (0.5, 0.1), (1.0, 1.0))),
    "Early": Curve(points=((0.0, 0.0), (0.5, 0.9), (1.0, 1.0))),
    "Hard": Curve(points=((0.0, 0.0), (0.42, 0.02), (0.58, 0.98), (1.0, 1.0))),
    "Middle": Curve(points=((0.0, 0.0), (0.5, 1.0), (1.0, 0.0))),
}
"""Ready curves of noise and of masks."""
