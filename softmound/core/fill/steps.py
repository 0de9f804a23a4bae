"""Steps of the recipe on the surface, before or after the grains: easing it, growing or shrinking it."""

import numpy as np

from ..volume.filters import smoothed

_REACH = {"gaussian": 2.5, "mean": 1.8, "median": 1.8, "flow": 2.5}
"""How far a filter looks and moves the surface, in parts of its width."""


def live_steps(steps, after=None):
    """Steps that do something.

    Parameters
    ----------
    steps : sequence of Smooth or Grow
    after : bool, optional
        Only those after (True) or before (False) the grains.

    Returns
    -------
    list
    """
    return [s for s in steps if s.on and after in (None, s.after) and not (s.step == "grow" and s.metres == 0.0)]


def steps_reach(steps):
    """How much farther from the surface distances have to be known, for some steps.

    Parameters
    ----------
    steps : sequence of Smooth or Grow

    Returns
    -------
    outward, inward : float
        Metres.
    """
    outward = inward = 0.0
    for step in live_steps(steps):
        if step.step == "grow":
            outward += max(step.metres, 0.0)
            inward += max(-step.metres, 0.0)
        else:
            spread = _REACH[step.filter] * step.width * step.passes**0.5
            outward += spread
            inward += spread
    return outward, inward


def grown_by(steps):
    """How far some steps can move the surface outward of its hull.

    Parameters
    ----------
    steps : sequence of Smooth or Grow

    Returns
    -------
    float
        Metres: smoothing never leaves the hull.
    """
    return sum(max(s.metres, 0.0) for s in live_steps(steps) if s.step == "grow")


def stepped(values, coords, inside, voxel, steps, far, ticket=None):
    """Distances after some steps.

    Parameters
    ----------
    values : ndarray of float32, shape (n, 512)
        Signed distance of all bricks of the band, metres.
    coords : ndarray of int32, shape (n, 3)
        Sorted.
    inside : ndarray of int32, shape (m, 3)
        Bricks deeper than the band.
    voxel : float
        Metres.
    steps : sequence of Smooth or Grow
        See `live_steps`.
    far : float
        Reach of the band, metres.
    ticket : Ticket, optional

    Returns
    -------
    ndarray of float32, shape (n, 512)
    """
    for step in steps:
        if step.step == "grow":
            values = values - np.float32(step.metres)
        else:
            values = smoothed(values=values, coords=coords, inside=inside, far=far, voxel=voxel, name=step.filter,
                              width=step.width, passes=step.passes, ticket=ticket)
    return values
