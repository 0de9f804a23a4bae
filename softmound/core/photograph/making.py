"""A first mound of a photograph: blocked in, lit as the photograph is, with the photograph beside it."""

import numpy as np

from ..engine.framing import seen_box
from ..light.scene.camera import FILM, camera_of, fitted
from ..problems import Problem
from ..recipe import Arrays, Reference
from .blocking import Asked, blocked_in, drawn_from_aside
from .reading import base_of
from .standing import row_of_horizon, standing_of
from .sunlight import Lit

CORNER, SMALL = (0.87, 0.24), 0.22
"""Where a photograph lies on the picture, and how wide it is, in shares of the picture."""
LEAST_DRAWN = 200
"""Pixels that a drawn outline holds at the least."""


def reference_of(photograph, name):
    """A photograph that was read, as a mound keeps it.

    Parameters
    ----------
    photograph : Photograph
    name : str

    Returns
    -------
    Reference
    """
    rows = np.flatnonzero(photograph.mask.any(axis=1))
    height = len(photograph.mask)
    return Reference(name=name, picture=Arrays(pixels=photograph.pixels), reading=photograph.reading,
                     place=CORNER, scale=SMALL, top=round(rows[0] / height, 4), base=round((rows[-1] + 1) / height, 4))


def first_mound_of(photograph, name, seed=3, sun=None, side=None, ticket=None):
    """Make the mound that a photograph's outline asks for, under its sun.

    Parameters
    ----------
    photograph : Photograph
    name : str
    seed : int, optional
    sun : (float, float), optional
        Azimuth and elevation of the sun, degrees, if it is known; default it is looked for.
    side : ndarray of bool, optional
        Outline from the right, of any size: its height is that of the cloud.
    ticket : Ticket, optional

    Returns
    -------
    mound : Mound
    overlap : float
        Of its outline and the photograph's.
    suns : list of Proposal
        Empty where the sun was known.
    """
    asked = Asked(photograph.reading.span, photograph.reading.flat, seed)
    mound, overlap = blocked_in(photograph.mask, photograph.standing, name, asked, ticket, until=0.3)
    if side is not None:
        mound, _ = drawn_from_aside(mound, *_beside(mound, side), ticket)
    lit = Lit(photograph, mound, ticket)
    proposed = lit.suns(since=0.3) if sun is None else []
    mound = lit.under(*(sun or (proposed[0].azimuth, proposed[0].elevation)))
    return mound.edited(references=(*mound.references, reference_of(photograph, name))), overlap, proposed


def first_mound_drawn(mask, camera, view, name, seed=3, ticket=None):
    """Make the mound that an outline asks for which was drawn in an empty picture.

    Parameters
    ----------
    mask : ndarray of bool, shape (rows, columns)
        In pixels of the picture.
    camera : Camera
        Of it.
    view : View
        Whose camera it is; the outline is as large as it looks at its target.
    name : str
    seed : int, optional
    ticket : Ticket, optional

    Returns
    -------
    mound : Mound
    overlap : float
    """
    if np.count_nonzero(mask) < LEAST_DRAWN:
        raise Problem("The outline is too small to make a cloud of; draw it larger.")
    base, flat = base_of(mask)
    span = float(max(np.ptp(np.argwhere(mask), axis=0) + 1) * camera.spread * view.distance)
    focal = FILM / (camera.spread * max(camera.width, 1.5 * camera.height))
    standing = standing_of(mask, row_of_horizon(view.elevation, camera.spread, camera.height), base, focal, span)
    mound, overlap = blocked_in(mask, standing, name, Asked(span, flat, seed), ticket)
    # Through the lens that it was drawn with, whatever shape the picture has.
    return mound.edited(view=mound.view.edited(focal=view.focal, aspect=view.aspect)), overlap


def _beside(mound, side):
    """A camera far to the right of a mound, and an outline where the cloud is seen in its picture."""
    low, high = seen_box(mound)
    rows, columns = (np.flatnonzero(side.any(axis=axis)) for axis in (1, 0))
    cut = side[rows[0] : rows[-1] + 1, columns[0] : columns[-1] + 1]
    view = fitted(mound.view.edited(azimuth=90.0, elevation=0.0, focal=300.0, aspect=0.0), low, high, 480, 480, 0.6)
    camera = camera_of(view, 480, 480)
    (_, top), (_, base) = camera.pixels([((low[0] + high[0]) / 2, y, (low[2] + high[2]) / 2) for y in (high[1], low[1])])
    step = cut.shape[0] / (base - top)
    middle = camera.pixels([(low + high) / 2])[0, 0]
    y, x = np.mgrid[:480, :480] + 0.5
    row, column = ((y - top) * step).astype(int), np.floor((x - middle) * step + cut.shape[1] / 2).astype(int)
    inside = (row >= 0) & (row < cut.shape[0]) & (column >= 0) & (column < cut.shape[1])
    return camera, inside & cut[np.clip(row, 0, cut.shape[0] - 1), np.clip(column, 0, cut.shape[1] - 1)]
