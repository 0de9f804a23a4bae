"""Where a stand-in is put to begin with, and which one a ray meets."""

import numpy as np

from ..engine.density import bounds_of
from ..light.scene.camera import camera_of
from ..recipe.standins import STAND_INS
from .tree import EYE, met_by, solids_of

APART = 0.08
"""Of the cloud's width: how far beside it a stand-in is put."""
SHARE = 0.25
"""Of the cloud's longest side: how large one without a size of its own is made."""
OF_THEIR_OWN = ("person", "house", "craft", "model")
"""Kinds that have the size that they have."""


def cloud_box(mound):
    """Where about a cloud is, for what is put beside it: without all that grains may add.

    Parameters
    ----------
    mound : Mound

    Returns
    -------
    (ndarray of float64, ndarray of float64) or None
        Corners, metres; None where there is no form.
    """
    bounds = bounds_of(mound.edited(grains=()))
    if bounds is None:
        return None
    low, high = (np.array(corner, float) for corner in bounds)
    if mound.mass.base.on:
        low[1] = min(max(low[1], mound.mass.base.altitude), high[1])
    return low, high


def _rounded(values):
    return tuple(float(f"{value:.4g}") + 0.0 for value in values)


def named_apart(name, stand_ins):
    """A name that none of some stand-ins has.

    Parameters
    ----------
    name : str
    stand_ins : sequence of StandIn

    Returns
    -------
    str
        With a number where it is taken.
    """
    taken = {each.name for each in stand_ins}
    return name if name not in taken else next(f"{name[:74]} {n}" for n in range(2, 10_000) if f"{name[:74]} {n}" not in taken)


def begun(word, bounds, stand_ins=(), **fields):
    """A new stand-in, of a size that suits the cloud.

    Parameters
    ----------
    word : str
        Of `STAND_INS`.
    bounds : (ndarray of float64, ndarray of float64) or None
        Corners of the cloud, metres.
    stand_ins : sequence of StandIn, optional
        That are there already.
    **fields
        Of the kind.

    Returns
    -------
    StandIn
        In the middle below the cloud; a room around it.
    """
    kind = STAND_INS[word]
    low, high = (np.zeros(3), np.full(3, 10.0)) if bounds is None else bounds
    wide, middle = float((high - low).max()), (low + high) / 2.0
    default = kind.model_fields["size"].default if "size" in kind.model_fields else None
    if "size" not in fields and default is not None and word not in OF_THEIR_OWN:
        if word == "room":
            fields["size"] = _rounded(np.maximum((high - low) * [2.0, 1.6, 2.0], wide))
        elif word in ("plane", "ridge"):
            fields["size"] = _rounded(np.array(default) * (3.0 * wide / default[0]))
        elif wide * SHARE < max(default) or wide > 20.0 * max(default):
            fields["size"] = _rounded(np.array(default) * (SHARE * wide / max(default)))
        if word == "room" and "wall" not in fields:
            fields["wall"] = _rounded([max(fields["size"]) / 30.0])[0]
    place = [middle[0], low[1], middle[2]]
    if word == "room":
        place[1] = low[1] - 0.25 * (high - low)[1]
    elif word == "ridge":
        # Behind the cloud, its peaks about as high as the base.
        place[1], place[2] = low[1] - fields.get("size", default)[1], low[2] - wide
    return kind(**{"name": named_apart(kind.model_fields["name"].default, stand_ins), "place": _rounded(place), **fields})


def put_beside(stand_in, bounds, view):
    """A stand-in beside the cloud, on the right as one looks, at its base.

    Parameters
    ----------
    stand_in : StandIn
    bounds : (ndarray of float64, ndarray of float64) or None
        Corners of the cloud, metres.
    view : View

    Returns
    -------
    StandIn
        Turned toward the eye.
    """
    if bounds is None:
        return stand_in
    low, high = bounds
    camera = camera_of(view, 640, 400)
    right = camera.right * [1.0, 0.0, 1.0]
    right = right / max(float(np.linalg.norm(right)), 1e-9)
    half = float(np.abs(right) @ (high - low)) / 2.0
    size = getattr(stand_in, "size", (0.0, 0.0, 0.0))
    away = half * (1.0 + 2.0 * APART) + max(size[0], size[2]) / 2.0
    middle = (low + high) / 2.0
    place = np.array([middle[0], low[1], middle[2]]) + right * away
    return stand_in.edited(place=_rounded(place), turn=(0.0, float(f"{view.azimuth:.4g}"), 0.0))


def stand_in_at(stand_ins, camera, x, y):
    """Which stand-in the eye meets at a point of the picture.

    Parameters
    ----------
    stand_ins : sequence of StandIn
    camera : Camera
    x, y : float
        Pixels.

    Returns
    -------
    int or None
        Its number among them.
    """
    there = [n for n, each in enumerate(stand_ins) if each.for_eye]
    if not there:
        return None
    way = (camera.forward + (x - camera.width / 2) * camera.spread * camera.right
           - (y - camera.height / 2) * camera.spread * camera.up)
    solids, _ = solids_of([stand_ins[n] for n in there], camera.eye, 1.0)
    found = met_by(solids, np.zeros((1, 3)), way[None], EYE)[0]
    return None if found < 0 else there[int(found)]
