"""Slice: a cut through the numbers, standing in the picture where it lies in the world."""

from dataclasses import dataclass

import numpy as np

from ...volume.sample import sample
from ...volume.slices import coloured

GHOST = 0.45
"""How much of the cloud is left around the cut."""
GROUND = np.array([34.0, 38.0, 42.0], np.float32)
PLATE = np.array([24.0, 27.0, 30.0], np.float32)
PLATE_SHARE = 0.82
"""How much of what lies behind the empty part of the cut is covered."""
MARGIN = 0.04
"""Of the cloud's longest side: how far the cut reaches beyond it."""


@dataclass(frozen=True)
class Cut:
    """Where a slice lies and how it is shown.

    Attributes
    ----------
    axis : int
        The axis it is square to: 0, 1 or 2.
    at : float
        Where on it, metres.
    low, high : float
        Densities of the first and the last colour.
    contours : int
        Lines between them; 0 for none.
    """

    axis: int = 2
    at: float = 0.0
    low: float = 0.0
    high: float = 1.0
    contours: int = 0


def plate_of(grid, cut):
    """The rectangle of a cut.

    Parameters
    ----------
    grid : BrickGrid
    cut : Cut

    Returns
    -------
    ndarray of float64, shape (4, 3), or None
        Its corners in turn, metres; None when the grid is empty.
    """
    bounds = grid.active_bounds()
    if bounds is None:
        return None
    low, high = grid.world(bounds[0]), grid.world(bounds[1])
    margin = MARGIN * float((high - low).max())
    low, high = low - margin, high + margin
    a, b = (n for n in range(3) if n != cut.axis)
    corners = np.empty((4, 3))
    corners[:, cut.axis] = cut.at
    corners[:, a] = low[a], high[a], high[a], low[a]
    corners[:, b] = low[b], low[b], high[b], high[b]
    return corners


def on_plate(camera, corners, cut, x, y):
    """Points of a cut under points of the picture.

    Parameters
    ----------
    camera : Camera
    corners : ndarray of float64, shape (4, 3)
    cut : Cut
    x, y : ndarray of float64
        Pixels; broadcast against one another.

    Returns
    -------
    points : ndarray of float64, shape (..., 3)
        Metres.
    inside : ndarray of bool, shape (...)
        Whether the ray meets the cut within its rectangle, before the camera.
    """
    across = ((x - camera.width / 2) * camera.spread)[..., None] * camera.right
    down = ((y - camera.height / 2) * camera.spread)[..., None] * camera.up
    ways = camera.forward + across - down
    flat = ways[..., cut.axis]
    along = (cut.at - camera.eye[cut.axis]) / np.where(np.abs(flat) < 1e-12, 1e-12, flat)
    points = camera.eye + along[..., None] * ways
    points[..., cut.axis] = cut.at
    low, high = corners.min(axis=0), corners.max(axis=0)
    inside = (along > 0.0) & np.all((points >= low) & (points <= high), axis=-1)
    return points, inside


def cut_layer(grid, camera, cut, rows, columns, stride=1):
    """What a cut puts over a picture; the same for every refinement of it.

    Parameters
    ----------
    grid : BrickGrid
    camera : Camera
        Of the whole picture.
    cut : Cut
    rows, columns : int
        Of the picture it is for.
    stride : int, optional
        Pixels of the whole picture that each of these covers.

    Returns
    -------
    ndarray of float32, shape (rows, columns, 4)
        Colours from 0 to 255, and how much they cover, from 0 to 1.
    """
    layer = np.zeros((rows, columns, 4), np.float32)
    corners = plate_of(grid, cut)
    if corners is None:
        return layer
    x = (np.arange(columns) + 0.5) * stride
    y = (np.arange(rows)[:, None] + 0.5) * stride
    points, inside = on_plate(camera, corners, cut, *np.broadcast_arrays(x, y))
    values = np.zeros((rows, columns), np.float32)
    values[inside] = sample(grid, points[inside])
    shown = coloured(values, cut.low, cut.high).astype(np.float32)
    if cut.contours:
        shown = _lined(shown, values, cut)
    layer[inside] = *PLATE, PLATE_SHARE
    full = inside & (values > 0.0)
    layer[full, :3], layer[full, 3] = shown[full], 1.0
    return layer


def with_cut(pixels, layer):
    """A picture with a cut through its cloud.

    Parameters
    ----------
    pixels : ndarray of uint8, shape (rows, columns, 4)
        The cloud in clay.
    layer : ndarray of float32, shape (rows, columns, 4)
        From `cut_layer`.

    Returns
    -------
    ndarray of uint8, shape (rows, columns, 4)
    """
    out = pixels.copy()
    ghost = GROUND + GHOST * (pixels[..., :3].astype(np.float32) - GROUND)
    ghost += layer[..., 3:] * (layer[..., :3] - ghost)
    out[..., :3] = np.clip(ghost + 0.5, 0.0, 255.0)
    return out


def _lined(shown, values, cut):
    """Contour lines one pixel wide, softly edged, dark on light colours and light on dark ones."""
    step = max(cut.high - cut.low, 1e-9) / (cut.contours + 1)
    level = (values - cut.low) / step
    nearest = np.clip(np.round(level), 1, cut.contours)
    down, across = np.gradient(values / step)
    slope = np.sqrt(down * down + across * across)
    near = np.clip(1.1 - np.abs(level - nearest) / np.maximum(slope, 1e-4), 0.0, 1.0)[..., None] * 0.75
    ink = np.where(shown.mean(axis=-1, keepdims=True) > 110.0, np.float32(18.0), np.float32(235.0))
    return shown + near * (ink - shown)
