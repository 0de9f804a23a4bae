"""Surfaces of stand-ins: triangles in an order that a tree of boxes goes by, with normals, and the points that hold their light."""

from functools import lru_cache
from typing import NamedTuple

import numpy as np
from scipy.spatial import cKDTree

from ..directions import rotation_matrix

LEAST = 2
"""Triangles in the smallest boxes, at least."""
NEIGHBOURS = 6
INSET = 0.06
"""How far toward the middle of a triangle the light of its corners is held."""
MOST_POINTS = 3_000
"""Points of a stand-in at which light between things is held: those of a finer surface are taken together."""


class Surface(NamedTuple):
    """Triangles of a stand-in.

    Attributes
    ----------
    corners : ndarray of float64, shape (T, 3, 3)
        In the order of the tree: its boxes at a level hold as many of them as each other, but for one.
    normals : ndarray of float64, shape (T, 3, 3)
        At each corner, unit vectors.
    points, facing : ndarray of float64, shape (P, 3)
        Places on the surface that hold light, and their normals.
    held_at : ndarray of int32, shape (T, 3)
        Numbers of its corners, of which there are V different ones.
    near : ndarray of int64, shape (V, k)
        Points from which the light of each of them is blended.
    weights : ndarray of float32, shape (V, k)
        Which add up to 1.
    levels : int
        Of the tree; its smallest boxes are two to this power.
    """

    corners: np.ndarray
    normals: np.ndarray
    points: np.ndarray
    facing: np.ndarray
    held_at: np.ndarray
    near: np.ndarray
    weights: np.ndarray
    levels: int


def begins_of(count, level):
    """Where the boxes of a level begin in the order of the triangles, and the end.

    Parameters
    ----------
    count : int
        Triangles.
    level : int

    Returns
    -------
    ndarray of int64, shape (2**level + 1,)
    """
    return (count * np.arange(2**level + 1, dtype=np.int64)) >> level


def ordered(middles):
    """Order of triangles by which equal shares of them lie together: halved along the longest side, again and again.

    Parameters
    ----------
    middles : ndarray of float64, shape (T, 3)

    Returns
    -------
    order : ndarray of int64, shape (T,)
    levels : int
    """
    count = len(middles)
    levels = max(int(np.floor(np.log2(max(count / LEAST, 1.0)))), 0)
    order = np.arange(count)
    for level in range(levels):
        begins = begins_of(count, level)
        within = middles[order]
        wide = np.maximum.reduceat(within, begins[:-1]) - np.minimum.reduceat(within, begins[:-1])
        box = np.repeat(np.arange(2**level), np.diff(begins))
        order = order[np.lexsort((within[np.arange(count), wide.argmax(axis=1)[box]], box))]
    return order, levels


def corner_normals(vertices, faces, smooth):
    """Normals at the corners of triangles: those of the surface around, except over edges that are sharper than an angle.

    Parameters
    ----------
    vertices : ndarray of float64, shape (n, 3)
    faces : ndarray of int, shape (T, 3)
    smooth : float
        Degrees between a triangle and its surroundings.

    Returns
    -------
    ndarray of float64, shape (T, 3, 3)
    """
    corners = vertices[faces]
    square = np.cross(corners[:, 1] - corners[:, 0], corners[:, 2] - corners[:, 0])
    flat = square / np.maximum(np.linalg.norm(square, axis=1, keepdims=True), 1e-300)
    scale = max(float(np.ptp(vertices, axis=0).max()), 1e-12)
    # Corners at one place belong together, whether the file says so or not.
    _, place = np.unique(np.round(vertices / (scale * 1e-6)).astype(np.int64), axis=0, return_inverse=True)
    at = place.reshape(-1)[faces]
    around = np.stack([np.bincount(at.ravel(), np.repeat(square[:, n], 3), at.max() + 1) for n in range(3)], axis=-1)
    around /= np.maximum(np.linalg.norm(around, axis=1, keepdims=True), 1e-300)
    bent = around[at]
    near = np.einsum("tcn,tn->tc", bent, flat) > np.cos(np.radians(smooth))
    return np.where(near[..., None], bent, flat[:, None])


def _held(corners, normals):
    """Points that hold light, and how much each corner takes of the nearest of them that face its way."""
    # A little away from edges, behind which there may be other light.
    inward = INSET * (corners.mean(axis=1, keepdims=True) - corners)
    # Along the surface only: what is round must not sink in.
    inward -= np.einsum("tcn,tcn->tc", inward, normals)[..., None] * normals
    inset = (corners + inward).reshape(-1, 3)
    places, ways = corners.reshape(-1, 3), normals.reshape(-1, 3)
    low, wide = places.min(axis=0), max(float(np.ptp(places, axis=0).max()), 1e-12)
    whole = np.concatenate([np.round((places - low) / (wide * 1e-5)), np.round(ways * 50.0)], axis=1).astype(np.int64)
    _, first, at = np.unique(whole, axis=0, return_index=True, return_inverse=True)
    at, ways = at.reshape(-1), ways[first]
    places = np.stack([np.bincount(at, inset[:, n]) for n in range(3)], axis=-1) / np.bincount(at)[:, None]
    cell, facing = wide * 1e-5, np.round(ways * 1.5).astype(np.int64)
    while True:
        keys = np.concatenate([np.floor((places - low) / cell + 0.5).astype(np.int64), facing], axis=1)
        _, group, counts = np.unique(keys, axis=0, return_inverse=True, return_counts=True)
        if len(counts) <= MOST_POINTS:
            break
        cell = max(cell * 1.3, wide * np.sqrt(1.0 / MOST_POINTS) / 4.0)
    group = group.reshape(-1)
    points, facing = (np.stack([np.bincount(group, values[:, n]) for n in range(3)], axis=-1) / counts[:, None]
                      for values in (places, ways))
    facing /= np.maximum(np.linalg.norm(facing, axis=1, keepdims=True), 1e-9)
    if len(counts) == len(places):
        near = group[:, None]
        return points, facing, at.reshape(-1, 3).astype(np.int32), near, np.ones(near.shape, np.float32)
    # As far as a normal turns by a right angle counts a way of a few cells.
    scale = np.array([1.0 / cell] * 3 + [3.0] * 3)
    apart, near = cKDTree(np.concatenate([points, facing], axis=1) * scale).query(
        np.concatenate([places, ways], axis=1) * scale, min(NEIGHBOURS, len(points)))
    apart, near = apart.reshape(len(places), -1), near.reshape(len(places), -1)
    alike = np.maximum(np.einsum("nkm,nm->nk", facing[near], ways), 0.05)
    weights = alike * np.exp(-2.0 * (apart / np.maximum(apart[:, -1:], 1e-9)) ** 2)
    return (points, facing, at.reshape(-1, 3).astype(np.int32), near,
            (weights / weights.sum(axis=1, keepdims=True)).astype(np.float32))


@lru_cache(maxsize=48)
def _surface(plain):
    vertices, faces = plain.triangles()
    corners = np.asarray(vertices, float)[faces]
    order, levels = ordered(corners.mean(axis=1))
    corners, normals = corners[order], corner_normals(vertices, faces, plain.smooth)[order]
    return Surface(corners, normals, *_held(corners, normals), levels)


def surface_of(stand_in):
    """Surface of a stand-in in its own axes.

    Parameters
    ----------
    stand_in : StandIn

    Returns
    -------
    Surface
        Made once for each shape, wherever it stands.
    """
    # With nothing but what shapes it, so that what moves about finds it here.
    kind, *_ = stand_in.shape
    return _surface(kind(**{field: getattr(stand_in, field) for field in kind.shaped_by}))


def placed_surface(stand_in):
    """Surface of a stand-in where it stands.

    Parameters
    ----------
    stand_in : StandIn

    Returns
    -------
    Surface
        Metres of the world.
    """
    own = surface_of(stand_in)
    turn = rotation_matrix(stand_in.turn)
    return own._replace(corners=own.corners @ turn.T + stand_in.place, normals=own.normals @ turn.T,
                        points=own.points @ turn.T + stand_in.place, facing=own.facing @ turn.T)


def box_of(stand_in):
    """Corners of the box of a stand-in.

    Parameters
    ----------
    stand_in : StandIn

    Returns
    -------
    ndarray of float64, shape (2, 3)
        Metres of the world.
    """
    corners = placed_surface(stand_in).corners
    return np.array([corners.min(axis=(0, 1)), corners.max(axis=(0, 1))])
