"""Pictures of starts: one of a start lit as it begins, and a sheet of them all."""

from typing import NamedTuple

import numpy as np

from ..light.picture.radiance import composed
from ..light.scene.camera import camera_of, fitted
from ..starts.species import STARTS, start
from ..ticket import one_by_one
from .density import bounds_of, span_of
from .stages import Stages, layers_of

ALONG = 100
"""Voxels along the longest side: as many as a small picture shows."""
NEAR = 0.9
"""Times the distance at which a cloud is surely seen whole: a small picture can be filled more."""
PADDING = 6
"""Pixels between the pictures of a sheet."""


class StartPicture(NamedTuple):
    """A picture of a start.

    Attributes
    ----------
    pixels : ndarray of uint8, shape (height, width, 4)
    part : (ndarray of float64, ndarray of float64)
        Lowest and highest corner of the cloud, as shares of the bounds of its mound: lumps that roll inward leave it smaller.
    """

    pixels: np.ndarray
    part: tuple


def start_picture(mound, width, height, ticket=None, along=ALONG):
    """A small picture of a mound, seen whole.

    Parameters
    ----------
    mound : Mound
    width, height : int
    ticket : Ticket, optional
    along : int, optional
        Voxels along the longest side of the blocked-in shape.

    Returns
    -------
    StartPicture
    """
    stages = Stages()
    low, high = bounds_of(mound)
    voxel = float(f"{span_of(mound) / along:.3g}")
    quiet = ticket.quiet() if ticket is not None else None
    grid = stages.density(mound, voxel, quiet, remember=False)
    if grid.brick_bounds() is None:
        return StartPicture(np.zeros((height, width, 4), np.uint8), (np.zeros(3), np.ones(3)))
    seen = [grid.world(corner) for corner in grid.active_bounds()]
    view = fitted(mound.view, *seen, width, height)
    mound = mound.edited(view=view.edited(distance=view.distance * NEAR))
    scene, camera = stages.scene(mound, grid, stages.density_key(mound, voxel)), camera_of(mound.view, width, height)
    layers = [layers_of(stages, scene, camera, nth=n, ticket=quiet) for n in range(2)]
    pixels = composed(np.mean(layers, axis=0), scene, camera, shadow=stages.shadow(scene))
    return StartPicture(pixels, tuple((corner - low) / (high - low) for corner in seen))


def sheet_of_starts(size, seed=3, columns=4, ticket=None, **asked):
    """All starts side by side.

    Parameters
    ----------
    size : (int, int)
        Width and height of each, pixels.
    seed : int, optional
    columns : int, optional
    ticket : Ticket, optional
    **asked
        As of `start`.

    Returns
    -------
    ndarray of uint8, shape (rows, columns, 3)
    """
    width, height = size
    high, wide = height + PADDING, width + PADDING
    page = np.full((-(-len(STARTS) // columns) * high + PADDING, columns * wide + PADDING, 3), (34, 38, 42), np.uint8)
    for number, species in enumerate(one_by_one(STARTS, lambda _, species: species, ticket)):
        row, column = divmod(number, columns)
        top, left = PADDING + row * high, PADDING + column * wide
        picture = start_picture(start(species, species, seed=seed, **asked), width, height, ticket).pixels
        page[top : top + height, left : left + width] = picture[..., :3]
    return page
