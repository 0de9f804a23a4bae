"""Level of detail: bricks that are seen near are made finer, level by level, until a voxel is about as wide as a pixel.

The recipe is evaluated anew in them, so what comes to be seen is there from every side. What is hidden behind an optical depth
of ten, or far, stays as it is.
"""

import hashlib
from dataclasses import replace

import numpy as np

from ..light.marching.visible import visible_bricks
from ..volume.bricks import LANES, brick_keys, grid_of
from ..volume.crumbs import drop_what_is_not_in
from ..volume.refined import Refined, everything_in, halves_of, is_among, surrounded, with_neighbours
from .density import density_in, refinable
from .forecast import memory_limit
from .keys import key_of

MOST_LEVELS = 5
"""Halvings of the grid's own voxel, at most: to a 32nd."""
WIDE = 2.0
"""Pixels that a voxel may be wide before it is made finer: then it is 1 to 2."""
THIN = 0.1
"""Optical thickness below which a voxel is fine enough: light that comes through blurs whatever is smaller (half as thick voxels
change a close view by 0.015 stops, take three times the bricks, and cannot be told apart)."""
SHARE = 0.15
"""Of the memory there is, that finer bricks may take."""
BRICK_BYTES = 4 * (LANES + 729)
"""Of a brick, and of the same as rays read it."""
BEYOND = 1.15
"""Times as large as the picture is what is looked at around it: a hand that moves the view a little finds it ready."""


def looked_around(camera):
    """A camera that sees somewhat more on all sides.

    Parameters
    ----------
    camera : Camera

    Returns
    -------
    Camera
    """
    return replace(camera, width=int(camera.width * BEYOND), height=int(camera.height * BEYOND))


def refined_levels(mound, scene, camera, scene_with, known=(), ticket=None):
    """Finer bricks of a cloud for a picture, level by level.

    Parameters
    ----------
    mound : Mound
    scene : Scene
        Of its grid alone.
    camera : Camera
    scene_with : callable
        Given a Refined, the same scene with it.
    known : sequence of BrickGrid, optional
        Levels of the same grid made for another picture.
    ticket : Ticket, optional

    Yields
    ------
    Refined
        Each with one level more, until a voxel is narrow or thin enough or memory does not suffice; nothing where the mound cannot
        be refined.
    """
    if not refinable(mound) or len(scene.clouds) != 1:
        return
    cloud, levels, around = scene.clouds[0], [], looked_around(camera)
    grid, room = cloud.grid, SHARE * memory_limit()
    shown = scene
    for n in range(MOST_LEVELS):
        if cloud.shown.extinction * shown.grids[0].core * grid.voxel / 2**n < THIN:
            return
        seen = visible_bricks(shown, around, WIDE)
        above = levels[-1] if levels else grid
        rows = len(seen) - len(above.coords) if levels else 0
        coords = above.coords[seen[rows : rows + len(above.coords)]]
        if not len(coords):
            return
        wanted = with_neighbours(coords)
        if levels:
            wanted = wanted[surrounded(wanted, everything_in(above))]
        room -= 8 * len(wanted) * BRICK_BYTES
        if not len(wanted) or room < 0:
            return
        level = _level(mound, grid, n + 1, wanted, known[n] if n < len(known) else None, ticket)
        levels.append(replace(level, offset=grid.offset))
        refined = Refined(tuple(levels), key_of("refined", cloud.key, tuple(_mark(part) for part in levels)))
        yield refined
        shown = scene_with(refined)


def _mark(level):
    """What stands for the bricks of a level."""
    return hashlib.blake2b(np.sort(brick_keys(everything_in(level))).tobytes(), digest_size=16).hexdigest()


def _level(mound, grid, number, split, known, ticket):
    """All halves of some bricks, at the level of a number from 1; those that are known are left as they are."""
    bricks, voxel = halves_of(split), grid.voxel / 2**number
    own = tiles = slice(0, 0)
    if known is not None:
        own, tiles = is_among(known.coords, bricks), is_among(known.tile_coords, bricks)
        bricks = bricks[~is_among(bricks, np.concatenate([known.coords[own], known.tile_coords[tiles]]))]
    if known is not None and not len(bricks):
        return grid_of(voxel, known.coords[own], known.values[own], known.tile_coords[tiles], known.tile_values[tiles])
    new = density_in(mound, voxel, bricks, grid.voxel, ticket)
    if mound.voxels.crumbs > 0.0:
        drop_what_is_not_in(grid, new, 2**number)
    if known is None:
        return new
    return grid_of(voxel, np.concatenate([known.coords[own], new.coords]), np.concatenate([known.values[own], new.values]),
                   np.concatenate([known.tile_coords[tiles], new.tile_coords]),
                   np.concatenate([known.tile_values[tiles], new.tile_values]))
