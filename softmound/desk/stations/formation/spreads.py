"""What changes of a spread when one of its numbers does, or a line is drawn for it."""

PAIRS = {"wide": ("size", 0), "deep": ("size", 1), "smallest": ("sizes", 0), "largest": ("sizes", 1)}
"""Numbers that are one of a pair: its field of the model, and which."""
FARTHEST = 5e4
"""Metres from the flock's origin that a place may be: see `Place`."""
NARROWER = 0.25
"""Of an area's width, that of the line it becomes."""


def changed_by(spread, name, value):
    """A spread with another number.

    Parameters
    ----------
    spread : Spread
    name : str
        Of `settings.SPREAD`, or "area".
    value : float or str

    Returns
    -------
    Spread
        Of two that have an order the one that is not dragged gives way.
    """
    if name in ("count", "seed"):
        return spread.edited(**{name: int(round(value))})
    if name in PAIRS:
        field, at = PAIRS[name]
        both = list(getattr(spread, field))
        both[at] = value
        if field == "sizes":
            both[1 - at] = max(both[1 - at], value) if at == 0 else min(both[1 - at], value)
        return spread.edited(**{field: tuple(both)})
    if name == "low":
        return spread.edited(low=value, high=max(spread.high, value))
    if name == "high":
        return spread.edited(low=min(spread.low, value), high=value)
    return spread.edited(**{name: value})


def along_line(spread, points):
    """A spread whose members stand along a line.

    Parameters
    ----------
    spread : Spread
    points : sequence of (float, float)
        x and z of its corners, metres.

    Returns
    -------
    Spread
    """
    points = tuple(tuple(round(min(max(v, -FARTHEST), FARTHEST), 1) for v in point) for point in points)
    wide = spread.size[0] if spread.area == "line" else NARROWER * spread.size[0]
    return spread.edited(area="line", points=points, size=(max(wide, 1.0), spread.size[1]))
