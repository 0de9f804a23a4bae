"""Where a grain acts, as a tint over the picture."""

import numpy as np

from ..fill.skin import depth_of
from ..grain.where import landmarks_of, shares
from ..light.lattices.lattice import Lattice
from ..light.marching.march import HORIZON, OPACITY, ZENITH, march
from ..volume.bricks import SIDE, grid_of
from ..volume.windows import read_window
from .density import band_for, evaluated
from .stages import empty_layers

COARSER = 2.0
"""Voxels of the mask, in those of the draft."""
TINT = np.array([230.0, 150.0, 70.0], np.float32)
STRENGTH = 0.62


def mask_lattice(mound, masks, voxel):
    """How much masks let through near the surface, in place of light.

    Parameters
    ----------
    mound : Mound
    masks : sequence of Mask
    voxel : float
        Metres.

    Returns
    -------
    Lattice
        Whose first share of the sky is the masks', the others 1.
    """
    band = band_for(mound, voxel, "distance", least=depth_of(mound.skin, voxel))
    coords = band.cells.coords
    distance = evaluated(mound, voxel, band, band.cells, "distance")
    found = shares(masks, coords, voxel, distance, landmarks_of(mound))
    grid = grid_of(voxel, coords, found)
    low, high = grid.brick_bounds()
    dense = read_window(grid, low // SIDE, (high + 1 - low) // SIDE)
    sky = np.zeros((*dense.shape, 4, 4), np.float32)
    sky[..., 0] = 1.0
    sky[..., 1, 0] = dense
    first = grid.world(low)
    return Lattice(first, voxel, np.zeros(dense.shape, np.float32), first, voxel, sky)


def tint_amount(scene, mound, masks, camera, stride=1):
    """How much a picture is to be tinted where masks let a grain act; the same for every refinement of it.

    Parameters
    ----------
    scene : Scene
        Of the mound.
    mound : Mound
    masks : sequence of Mask
    camera : Camera
    stride : int, optional

    Returns
    -------
    ndarray of float32, shape (rows, columns)
        From 0 to 1; nothing where no cloud is left.
    """
    if not scene.clouds:
        return np.zeros(empty_layers(camera, stride).shape[:2], np.float32)
    lattice = mask_lattice(mound, masks, scene.unit * COARSER)
    layers = march(scene.under(scene.light.edited(once=True)), lattice, camera, stride=stride)
    return np.clip(layers[..., ZENITH] / np.maximum(layers[..., HORIZON], 1e-6), 0.0, 1.0) * layers[..., OPACITY] * STRENGTH


def tinted(pixels, amount):
    """A picture with a tint.

    Parameters
    ----------
    pixels : ndarray of uint8, shape (rows, columns, 4)
    amount : ndarray of float32, shape (rows, columns)
        From `tint_amount`.

    Returns
    -------
    ndarray of uint8, shape (rows, columns, 4)
    """
    out = pixels.astype(np.float32)
    # The light of the picture stays, its colour changes.
    light = out[..., :3].max(axis=-1, keepdims=True) / 255.0
    out[..., :3] += amount[..., None] * (TINT * light - out[..., :3])
    return np.clip(out + 0.5, 0.0, 255.0).astype(np.uint8)
