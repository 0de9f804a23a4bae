"""Small pictures of one mound at each step of the work."""

import numpy as np

from ..light.lattices.coarse import QUICK
from ..light.picture.radiance import composed
from ..light.scene.camera import camera_of, fitted
from .density import bounds_of, span_of
from .stages import layers_of, picture

SIZE = (208, 124)
CELLS = 64
"""Voxels along the longest axis of the little cloud."""
BLOCKS = 26
"""Voxels along it in the picture of the voxels."""


def miniatures(stages, mound, ticket=None):
    """One small picture for each step of the recipe.

    Parameters
    ----------
    stages : Stages
        Not the one that draws the large picture, whose memory of bricks would be lost.
    mound : Mound
    ticket : Ticket, optional

    Returns
    -------
    dict of str to ndarray of uint8, shape (124, 208, 4)
        Under "shape", "voxels", "grain" and "light".
    """
    bounds = bounds_of(mound)
    if bounds is None:
        return {}
    small = mound.edited(view=fitted(mound.view, *bounds, *SIZE, 0.86))
    span = max(span_of(mound), 0.01)
    shaped = small.edited(stand_ins=())
    plain = shaped.edited(grains=())
    made = {}
    for name, recipe, clay in (("shape", plain, True), ("grain", shaped, True), ("light", small, False)):
        voxel = max(span / CELLS, 1e-4)
        key = stages.density_key(recipe, voxel)
        grid = stages.density(recipe, voxel, ticket, remember=False)
        made[name] = picture(stages, stages.scene(recipe, grid, key), *SIZE, fine=QUICK, clay=clay, ticket=ticket)
    made["voxels"] = _blocks(stages, shaped, span / BLOCKS, ticket)
    return made


def _blocks(stages, mound, voxel, ticket):
    """Clay in squares the size of coarse voxels, so that the voxel can be seen."""
    key = stages.density_key(mound, voxel)
    grid = stages.density(mound, voxel, ticket, remember=False)
    camera = camera_of(mound.view, *SIZE)
    at = camera.pixel(mound.view.target)
    side = max(3, round(at[2] * voxel)) if at else 6
    scene = stages.scene(mound, grid, key)
    layers = layers_of(stages, scene, camera, stride=side, fine=QUICK, clay=True, ticket=ticket)
    layers[..., 4] = np.round(layers[..., 4])
    blocks = composed(layers, scene, camera, stride=side, clay=True)
    whole = blocks.repeat(side, axis=0).repeat(side, axis=1)
    return np.ascontiguousarray(whole[: SIZE[1], : SIZE[0]])
