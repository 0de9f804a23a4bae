"""Views that a cloud fills."""

from ..light.scene.camera import fitted
from ..recipe import View
from ..recipe.flock import Flock
from .density import bounds_of, density_grid

ALONG = 72
"""Voxels along the longest side of the cloud that is looked for."""


def seen_box(mound, along=ALONG):
    """Box that a cloud fills: tighter than `density.bounds_of`, which holds whatever its grains could reach.

    Parameters
    ----------
    mound : Mound
    along : int, optional
        Voxels along the longest side.

    Returns
    -------
    (ndarray of float64, ndarray of float64) or None
        Corners in metres; None when there is no cloud.
    """
    bounds = bounds_of(mound)
    if bounds is None:
        return None
    grid = density_grid(mound, float(f"{(bounds[1] - bounds[0]).max() / along:.3g}"))
    inside = grid.active_bounds()
    return None if inside is None else tuple(grid.world(corner) for corner in inside)


def untouched(view, flock=False):
    """Return whether nobody has chosen from where to look: the view still has the place and distance that all begin with.

    Parameters
    ----------
    view : View
    flock : bool, optional
        Of a flock, whose views begin elsewhere.
    """
    begun = Flock().view if flock else View()
    return (view.target, view.distance) == (begun.target, begun.distance)


def framed(mound, width=1280, height=800):
    """A mound looked at from so far away that all of its cloud is seen.

    Parameters
    ----------
    mound : Mound
    width, height : int, optional
        Pixels.

    Returns
    -------
    Mound
        As it was when there is no cloud.
    """
    box = seen_box(mound)
    return mound if box is None else mound.edited(view=fitted(mound.view, *box, width, height))
