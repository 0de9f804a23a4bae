"""How alike clouds are: what their shape measures, kept with each asset, and the distance of two of them.

A cloud is seen from twelve sides, as outlines on a small square; of two clouds the sides that fit best are compared, whichever way
they are turned. Their proportions, and how rough their outlines are, count as well.
"""

import base64
import binascii

import numpy as np
import scipy

from ..volume.bricks import SIDE
from ..volume.halved import halved
from ..volume.nature import outline_dimension, silhouettes
from ..volume.windows import read_window

SIDES, SQUARE = 12, 24
"""Sides a cloud is seen from, all round, and cells along each edge of the outlines."""
CELLS, FINE = 64, 512
"""Voxels along the longest axis, at most, that sides are taken of, and the roughness of outlines."""
TOGETHER = 500
"""Clouds that one is held beside at once."""
SEEN = 0.05
"""Share of the densest row of voxels that counts as cloud from that side."""
_HEIGHT, _WIDTH, _ROUGH = 0.5, 0.25, 0.6
"""Weights of a difference in height and depth, as logarithms, and of outline dimensions, beside that of outlines; by eye."""


def shape_of(grid):
    """What the shape of a cloud measures.

    Parameters
    ----------
    grid : BrickGrid
        Not empty.

    Returns
    -------
    dict
        "tall" and "deep": height and smaller width over the larger width; "outline": dimension of its outlines; "sides": its
        outlines from twelve sides, as base64 of bits.
    """
    fine = within(grid, FINE)
    rough = [outline_dimension(mask) for mask in silhouettes(fine)]
    rough = float(np.nanmean(rough)) if np.isfinite(rough).any() else 1.0
    small = within(fine, CELLS)
    low, high = small.active_bounds()
    dense = _dense(small, low, high)
    sides = np.stack([_outline(_turned(dense, 2.0 * np.pi * n / SIDES)) for n in range(SIDES)])
    wide, tall, deep = (high - low + 1).astype(float)
    return {"tall": round(tall / max(wide, deep), 4), "deep": round(min(wide, deep) / max(wide, deep), 4),
            "outline": round(rough, 4), "sides": base64.b64encode(np.packbits(sides.ravel()).tobytes()).decode()}


def sides_of(shape):
    """Outlines kept with an asset.

    Parameters
    ----------
    shape : dict
        From `shape_of`.

    Returns
    -------
    ndarray of bool, shape (12, 24, 24), or None
        Rows go down. None where there are none.
    """
    try:
        bits = np.unpackbits(np.frombuffer(base64.b64decode(shape["sides"], validate=True), np.uint8))
    except (KeyError, TypeError, ValueError, binascii.Error):
        return None
    return bits[: SIDES * SQUARE**2].reshape(SIDES, SQUARE, SQUARE).astype(bool) if len(bits) == SIDES * SQUARE**2 else None


def apart(one, others):
    """How unlike a cloud is to others.

    Parameters
    ----------
    one : dict
        From `shape_of`.
    others : sequence of dict

    Returns
    -------
    ndarray of float64, shape (n,)
        0 for the same cloud, however it is turned about the vertical in steps of 30 degrees; infinite where there are no measures.
    """
    found, mine = np.full(len(others), np.inf), sides_of(one)
    if mine is None:
        return found
    turns = np.stack([np.roll(mine, turn, axis=0).ravel() for turn in range(SIDES)]).astype(np.float32)
    for first in range(0, len(others), TOGETHER):
        known = [(n, sides_of(others[n])) for n in range(first, min(first + TOGETHER, len(others)))]
        known = [(n, sides) for n, sides in known if sides is not None]
        if not known:
            continue
        numbers, theirs = [n for n, _ in known], np.stack([sides.ravel() for _, sides in known]).astype(np.float32)
        # What is in one of both is what is in each, less twice what is in both.
        either = turns.sum(axis=1) + theirs.sum(axis=1)[:, None] - 2.0 * theirs @ turns.T
        tall, deep, rough = (np.array([others[n][name] for n in numbers]) for name in ("tall", "deep", "outline"))
        found[numbers] = (either.min(axis=1) / mine.size + _HEIGHT * np.abs(np.log(one["tall"] / tall))
                          + _WIDTH * np.abs(np.log(one["deep"] / deep)) + _ROUGH * np.abs(one["outline"] - rough))
    return found


def apart_from_outline(shape, mask):
    """How unlike a cloud is to a drawn or photographed outline, from the side where it fits best.

    Parameters
    ----------
    shape : dict
        From `shape_of`.
    mask : ndarray of bool, shape (rows, columns)
        True where the cloud is; rows go down.

    Returns
    -------
    float
    """
    sides = sides_of(shape)
    rows, columns = np.flatnonzero(mask.any(axis=1)), np.flatnonzero(mask.any(axis=0))
    if sides is None or not len(rows):
        return float("inf")
    cut = mask[rows[0] : rows[-1] + 1, columns[0] : columns[-1] + 1]
    wanted, tall = _in_square(cut), cut.shape[0] / cut.shape[1]
    # A cloud shows its larger width from some sides, its smaller one from others.
    found = [float((side ^ mirrored).mean()) for side in sides for mirrored in (wanted, wanted[:, ::-1])]
    least = min(abs(np.log(tall / shape["tall"])), abs(np.log(tall * shape["deep"] / shape["tall"])))
    return min(found) + _HEIGHT * float(least)


def apart_as_seen(one, other):
    """How unlike two outlines are, each seen from where it was taken: by the same measures, of one side alone.

    Parameters
    ----------
    one, other : ndarray of bool, shape (rows, columns)
        True where the clouds are; rows go down.

    Returns
    -------
    float
        0 for the same outline, of any size; infinite where one is empty.
    """
    if not (one.any() and other.any()):
        return float("inf")
    cut = [mask[np.ix_(*(np.arange(at[0], at[-1] + 1) for at in (np.flatnonzero(mask.any(axis=axis)) for axis in (1, 0))))]
           for mask in (one, other)]
    squares = [_in_square(part) for part in cut]
    tall = [part.shape[0] / part.shape[1] for part in cut]
    rough = [outline_dimension(part) for part in (one, other)]
    apart = float((squares[0] ^ squares[1]).mean()) + _HEIGHT * abs(float(np.log(tall[0] / tall[1])))
    return apart + (_ROUGH * abs(rough[0] - rough[1]) if np.isfinite(rough).all() else 0.0)


def outline_in(picture):
    """The cloud in a picture of an outline: by its opacity where it has any, else what differs from the corners.

    Parameters
    ----------
    picture : ndarray of uint8, shape (rows, columns, 3 or 4)

    Returns
    -------
    ndarray of bool, shape (rows, columns)
    """
    if picture.shape[2] == 4 and picture[..., 3].min() < 128:
        return picture[..., 3] >= 128
    colours = picture[..., :3].astype(np.float32)
    corners = colours[[0, 0, -1, -1], [0, -1, 0, -1]].mean(axis=0)
    away = np.abs(colours - corners).max(axis=2)
    return away > 0.5 * away.max() if away.max() > 0 else np.zeros(away.shape, bool)


def within(grid, most):
    """A grid reduced until it has at most so many voxels along its longest side.

    Parameters
    ----------
    grid : BrickGrid
        Not empty.
    most : int

    Returns
    -------
    BrickGrid
    """
    while (np.ptp(grid.active_bounds(), axis=0) + 1).max() > most:
        grid = halved(grid)
    return grid


def _dense(grid, low, high):
    """Density of a small grid as an array."""
    first = low // SIDE
    window = read_window(grid, first, tuple((high // SIDE - first + 1) * SIDE))
    cut = tuple(slice(a, b + 1) for a, b in zip(low - first * SIDE, high - first * SIDE))
    return window[cut]


def _turned(dense, angle):
    """A density turned about the vertical, in a square that holds it."""
    wide = int(np.ceil(np.hypot(dense.shape[0], dense.shape[2])))
    middle = (wide - 1) / 2.0
    x, z = np.meshgrid(np.arange(wide) - middle, np.arange(wide) - middle, indexing="ij")
    u = np.cos(angle) * x + np.sin(angle) * z + (dense.shape[0] - 1) / 2.0
    w = np.cos(angle) * z - np.sin(angle) * x + (dense.shape[2] - 1) / 2.0
    layers = [scipy.ndimage.map_coordinates(dense[:, y], (u, w), np.float32, order=1, mode="grid-constant")
              for y in range(dense.shape[1])]
    return np.stack(layers, axis=1)


def _seen(dense, axis):
    rows = dense.sum(axis=axis)
    return rows > SEEN * rows.max()


def _outline(dense):
    """Outline as seen along the last axis, filling a square."""
    mask = _seen(dense, 2).T[::-1]
    rows, columns = np.flatnonzero(mask.any(axis=1)), np.flatnonzero(mask.any(axis=0))
    return _in_square(mask[rows[0] : rows[-1] + 1, columns[0] : columns[-1] + 1])


def _in_square(mask):
    at = [np.minimum(((np.arange(SQUARE) + 0.5) * side / SQUARE).astype(int), side - 1) for side in mask.shape]
    return mask[np.ix_(*at)]
