"""What stand-ins take of the light of clouds, and send them instead, on the lattices that light is found on.

Of sunlight all cells that lie behind a stand-in lose what it covers of the sun, read from a map as seen from there (Williams 1978,
Casting curved shadows on curved surfaces, SIGGRAPH). Of light from all round a cloud loses, along each of the directions in which
it is followed, the share that stand-ins hide from it in the mean, and gets what they send back along it.
"""

from typing import NamedTuple

import numpy as np

from ...kernels import borrowed, each, f32, i32
from ...standins.tree import FAR, LIGHT, Solids, blocked, met
from ..lattices.transport import DIRECTIONS

MAP = 640
"""Cells along the longer side of the map seen from the sun, at the most."""
SAMPLES = 160
"""Places in the clouds from which stand-ins are looked for."""
COVERED = 24.0
"""Optical depth of what a stand-in covers altogether."""


class Between(NamedTuple):
    """Stand-ins that stand among clouds.

    Attributes
    ----------
    solids : Solids
    origin : ndarray of float64, shape (3,)
        Where they are counted from, metres.
    unit : float
        In which they are counted, metres.
    """

    solids: Solids
    origin: np.ndarray
    unit: float

    def places(self, points):
        """Points of the world as kernels read them: ndarray of float32, shape (..., 3)."""
        return np.ascontiguousarray((np.asarray(points, float) - self.origin) / self.unit, np.float32)


@each("out")
def _seen_from_sun(row, whole, corner, across, up, way, out):
    """How far stand-ins are behind the places of a map; `FAR` where there is none."""
    solids = borrowed(whole)
    for column in range(out.shape[1]):
        place = (corner[0] + f32(row) * up[0] + f32(column) * across[0], corner[1] + f32(row) * up[1] + f32(column) * across[1],
                 corner[2] + f32(row) * up[2] + f32(column) * across[2])
        t, triangle, _, _ = met(solids, place, (way[0], way[1], way[2]), FAR, LIGHT, False)
        out[row, column] = t if triangle >= 0 else FAR


@each("out")
def _behind(x, seen, first, step, out):
    """Share of the sun that is covered at the cells of a lattice, which go on along the map and away from the sun by `step`."""
    for y in range(out.shape[1]):
        for z in range(out.shape[2]):
            a = first[0] + f32(x) * step[0, 0] + f32(y) * step[1, 0] + f32(z) * step[2, 0]
            b = first[1] + f32(x) * step[0, 1] + f32(y) * step[1, 1] + f32(z) * step[2, 1]
            far = first[2] + f32(x) * step[0, 2] + f32(y) * step[1, 2] + f32(z) * step[2, 2]
            i = min(max(i32(a), 0), seen.shape[0] - 2)
            j = min(max(i32(b), 0), seen.shape[1] - 2)
            u = min(max(a - f32(i), f32(0)), f32(1))
            v = min(max(b - f32(j), f32(0)), f32(1))
            total = f32(0)
            if seen[i, j] < far:
                total += (f32(1) - u) * (f32(1) - v)
            if seen[i, j + 1] < far:
                total += (f32(1) - u) * v
            if seen[i + 1, j] < far:
                total += u * (f32(1) - v)
            if seen[i + 1, j + 1] < far:
                total += u * v
            out[x, y, z] = total


def covered_sun(between, toward, first, cell, shape):
    """Share of the sun that stand-ins cover at the cells of a lattice.

    Parameters
    ----------
    between : Between
    toward : ndarray of float64, shape (3,)
        Direction of the sun.
    first : ndarray of float64, shape (3,)
        World position of the middle of cell (0, 0, 0), metres.
    cell : float
        Edge in metres.
    shape : tuple of int

    Returns
    -------
    ndarray of float32, shape (X, Y, Z), or None
        None where nothing is covered.
    """
    side = np.cross(toward, [0.0, 1.0, 0.0] if abs(toward[1]) < 0.9 else [1.0, 0.0, 0.0])
    side /= np.linalg.norm(side)
    axes = np.stack([side, np.cross(side, toward), toward])
    corners = first + cell * (np.array(shape) - 1) * np.stack(np.meshgrid([0, 1], [0, 1], [0, 1], indexing="ij"), -1).reshape(-1, 3)
    low, high = (axes @ corners.T).min(axis=1), (axes @ corners.T).max(axis=1)
    wide = max(high[0] - low[0], high[1] - low[1])
    pixel = max(cell * 0.5, wide / MAP)
    rows, columns = (int((high[n] - low[n]) / pixel) + 3 for n in range(2))
    # Begun outside of all there is.
    boxes = between.solids.boxes
    reach = float(np.abs(boxes).max()) * 2.0 + 4.0 + np.abs((corners - between.origin) / between.unit).max() * 2.0
    corner = (low[0] - pixel) * axes[0] + (low[1] - pixel) * axes[1] + (high[2]) * toward
    begin = between.places(corner) + (toward * reach).astype(np.float32)
    per = pixel / between.unit
    seen = np.empty((rows, columns), np.float32)
    _seen_from_sun(between.solids, begin, (axes[1] * per).astype(np.float32), (axes[0] * per).astype(np.float32),
                   (1e-9 - toward).astype(np.float32), seen)
    if not (seen < FAR).any():
        return None
    # Of each cell its row, column and distance, all of them linear in its place.
    def on_map(points):
        own = axes @ points
        return np.array([(own[1] - low[1]) / pixel + 1.0, (own[0] - low[0]) / pixel + 1.0,
                         reach + (high[2] - own[2]) / between.unit - 0.3 * cell / between.unit])

    at = on_map(first)
    steps = np.array([on_map(first + cell * np.eye(3)[n]) - at for n in range(3)])
    out = np.empty(shape, np.float32)
    _behind(seen, at.astype(np.float32), steps.astype(np.float32), out)
    return out if out.any() else None


def covering(between, toward, coarse, keeps):
    """Optical depth that stands for what stand-ins cover of the sun.

    Parameters
    ----------
    between : Between or None
    toward : ndarray of float64, shape (3,)
    coarse : Coarse
    keeps : float
        Share of the depth that counts for light that is scattered often.

    Returns
    -------
    ndarray of float32, shape (X, Y, Z), or None
    """
    if between is None:
        return None
    share = covered_sun(between, toward, coarse.first, coarse.cell, coarse.density.shape)
    if share is None:
        return None
    depth = -np.log1p(-np.minimum(share, np.float32(1.0 - 1e-7)))
    return np.minimum(depth, np.float32(COVERED)) / np.float32(max(keeps, 0.05))


@each("out")
def _hits(n, whole, places, ways, out, at):
    """What rays from places meet along each of some directions: the triangle, and where on it."""
    solids = borrowed(whole)
    place = places[n, 0], places[n, 1], places[n, 2]
    for d in range(ways.shape[0]):
        _, triangle, u, v = met(solids, place, (ways[d, 0], ways[d, 1], ways[d, 2]), FAR, LIGHT, False)
        out[n, d] = triangle
        at[n, d, 0] = u
        at[n, d, 1] = v


class Around(NamedTuple):
    """What stand-ins are to clouds along the directions in which light is followed.

    Attributes
    ----------
    open : ndarray of float32, shape (24,)
        Share of what comes along each that gets past them.
    triangles : ndarray of int32, shape (n, 24)
        What hides the rest, seen from places in the clouds; -1 for nothing.
    at : ndarray of float32, shape (n, 24, 2)
        Where on them.
    """

    open: np.ndarray
    triangles: np.ndarray
    at: np.ndarray


def around_of(between, coarse):
    """What stand-ins are to clouds on a lattice.

    Parameters
    ----------
    between : Between
    coarse : Coarse

    Returns
    -------
    Around
    """
    cells = np.argwhere(coarse.small > 0.0)
    # Evenly through all cells, in an order that has nothing to do with how they lie.
    picked = cells[(np.arange(SAMPLES) * len(cells) // SAMPLES)] if len(cells) > SAMPLES else cells
    places = between.places(coarse.wide_first + coarse.wide * picked)
    triangles = np.empty((len(places), len(DIRECTIONS)), np.int32)
    at = np.empty((*triangles.shape, 2), np.float32)
    _hits(between.solids, places, (-DIRECTIONS + 1e-9).astype(np.float32), triangles, at)
    return Around((triangles < 0).mean(axis=0).astype(np.float32), triangles, at)


def sent_back(between, around, sent):
    """Light that stand-ins send to clouds along the directions in which it is followed.

    Parameters
    ----------
    between : Between
    around : Around
    sent : ndarray of float32, shape (V, 3)
        Radiance at the corners of the triangles.

    Returns
    -------
    ndarray of float32, shape (24, 3)
        Mean radiance.
    """
    triangles, (u, v) = around.triangles, np.moveaxis(around.at, -1, 0)
    held = between.solids.held_at[np.maximum(triangles, 0)]
    weights = np.stack([1.0 - u - v, u, v], axis=-1)
    found = np.einsum("ndc,ndcm->ndm", weights, sent[held]) * (triangles >= 0)[..., None]
    return found.mean(axis=0).astype(np.float32)


@each("out")
def _lamp_seen(x, whole, small, first, step, lamp, out):
    """Whether cells that hold something see a lamp."""
    solids = borrowed(whole)
    for y in range(out.shape[1]):
        for z in range(out.shape[2]):
            out[x, y, z] = f32(1)
            if small[x, y, z] <= f32(0):
                continue
            px, py, pz = first[0] + f32(x) * step, first[1] + f32(y) * step, first[2] + f32(z) * step
            way = lamp[0] - px + f32(1e-6), lamp[1] - py + f32(1e-6), lamp[2] - pz + f32(1e-6)
            if blocked(solids, (px, py, pz), way, f32(0.999)):
                out[x, y, z] = f32(0)


def lamp_seen(between, coarse, place):
    """Which cells of a lattice see a lamp past stand-ins.

    Parameters
    ----------
    between : Between
    coarse : Coarse
    place : sequence of float, length 3
        Of the lamp, metres.

    Returns
    -------
    ndarray of float32, shape (U, V, W)
        1, or 0 where it is hidden.
    """
    out = np.empty(coarse.small.shape, np.float32)
    _lamp_seen(between.solids, coarse.small, between.places(coarse.wide_first), f32(coarse.wide / between.unit),
               between.places(place), out)
    return out
