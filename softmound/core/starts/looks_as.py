"""How large a natural cloud a mound looks: the size of one that has the same optical depth."""

from ..recipe.models import Medium, limits

SIZE = 2_000.0
"""Metres that a start looks as large as, unless it says another size."""
NATURAL = 0.08
"""Extinction of a fair-weather cumulus at its denser, 1/m: natural ones have 0.01 to 0.12."""


def looks_as_large_as(extinction, span):
    """Size of the natural cloud that has the optical depth of a cloud.

    Parameters
    ----------
    extinction : float
        At density 1, 1/m.
    span : float
        Metres.

    Returns
    -------
    float
        Metres.
    """
    return extinction * span / NATURAL


def extinction_for(size, span):
    """Extinction with which a cloud looks as large as a natural one of some size.

    Parameters
    ----------
    size : float
        Of the natural cloud, metres.
    span : float
        Of the cloud itself, metres.

    Returns
    -------
    float
        At density 1, 1/m.
    """
    return NATURAL * size / span


def looking_as_large_as(mound, size, span):
    """A mound with the optical depth of a natural cloud of some size.

    Parameters
    ----------
    mound : Mound
    size : float
        Of the natural cloud, metres.
    span : float
        Of the mound's own, metres.

    Returns
    -------
    Mound
        Its extinction stays within the limits of a medium.
    """
    low, high = limits(Medium, "extinction")
    medium = mound.light.medium.edited(extinction=min(max(float(f"{extinction_for(size, span):.6g}"), low), high))
    return mound.edited(light=mound.light.edited(medium=medium))
