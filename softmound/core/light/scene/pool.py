"""Bricks of any number of grids in one pool, as rays read them.

A kernel takes one named tuple, however many grids there are. Of a single grid nothing is copied.
"""

import math
from typing import NamedTuple

import numpy as np

from ...kernels import call, f32, i32, inlined, row, u64
from ...volume.bricks import NOTHING, SIDE
from ..lattices.trilinear import WIDE, in_brick, within
from .layered import SPLIT, TILE


class Bricks(NamedTuple):
    """Widened bricks of G grids: N with voxels, M of one value; a grid is known by its number.

    Few arrays, and no views of them in kernels, since handing on and counting each costs as much as looking up a brick:
    kernels begin with `borrowed`.

    Attributes
    ----------
    values : ndarray of float32, shape (N * 729,)
        Flat; see `LayeredGrid`.
    tile_values : ndarray of float32, shape (M,)
    octants : ndarray of uint8, shape (N,)
    most : ndarray of float32, shape (N,)
        Largest density of each.
    clearance : ndarray of int32, flat
        Of all grids; -1 minus a row of the pool or, from `TILE` on, minus `TILE` plus a row of the tiles.
    nodes : ndarray of int32, shape (K, 4096)
        Codes as of `BrickIndex`, with rows of the pool.
    top : ndarray of int32, flat
        Of all grids: rows of `nodes`.
    about : ndarray of int64, shape (G, 14)
        Of a grid: where it begins in `clearance`, its sides there (0 where it has none) and its first brick coordinate, by axis;
        then the same in `top`.
    box : ndarray of float32, shape (G, 6)
        Lower and upper voxel coordinates between which density can be found.
    halves, split_most : ndarray of int32, shape (S, 8), and of float32, shape (S,)
        Of bricks that are split, where there is only one grid: see `LayeredGrid`.
    finest : float32
        Times as fine as the grid's own that the finest voxels are.
    """

    values: np.ndarray
    tile_values: np.ndarray
    octants: np.ndarray
    most: np.ndarray
    clearance: np.ndarray
    nodes: np.ndarray
    top: np.ndarray
    about: np.ndarray
    box: np.ndarray
    halves: np.ndarray
    split_most: np.ndarray
    finest: float


def pooled(grids):
    """Bricks of several grids in one pool.

    Parameters
    ----------
    grids : sequence of LayeredGrid
        Refined only if it is a single one.

    Returns
    -------
    Bricks
        Numbered as they were given.
    """
    rows = np.cumsum([0, *(len(s.values) for s in grids)])
    tiles = np.cumsum([0, *(len(s.tile_values) for s in grids)])
    nodes = np.cumsum([0, *(len(s.index.nodes) for s in grids)])
    only = grids[0] if len(grids) == 1 else None
    return Bricks(
        _joined([s.values.reshape(-1) for s in grids], np.float32),
        _joined([s.tile_values for s in grids], np.float32),
        _joined([s.octants for s in grids], np.uint8),
        _joined([s.most for s in grids], np.float32),
        _joined([_moved_on(s.clearance, rows[n], tiles[n]) for n, s in enumerate(grids)], np.int32),
        _joined([_codes_moved_on(s.index.nodes, rows[n], tiles[n]) for n, s in enumerate(grids)], np.int32, (0, 4096)),
        _joined([np.where(s.index.top >= 0, s.index.top + nodes[n], NOTHING).reshape(-1) for n, s in enumerate(grids)],
                np.int32),
        np.concatenate([_places([s.clearance for s in grids], [s.first for s in grids]),
                        _places([s.index.top for s in grids], [s.index.low for s in grids])], axis=1),
        np.array([[*s.low, *s.high] for s in grids], np.float32).reshape(-1, 6),
        np.zeros((0, 8), np.int32) if only is None else only.halves,
        np.zeros(0, np.float32) if only is None else only.split_most, f32(1 if only is None else only.finest))


def nbytes(bricks):
    """Bytes that a pool holds.

    Parameters
    ----------
    bricks : Bricks

    Returns
    -------
    int
    """
    return sum(np.asarray(part).nbytes for part in bricks)


def _joined(parts, dtype, empty=(0,)):
    if len(parts) == 1:
        return np.ascontiguousarray(parts[0], dtype)
    return np.concatenate(parts).astype(dtype, copy=False) if parts else np.zeros(empty, dtype)


def _places(arrays, first):
    """Where each of some arrays begins in one flat array of all, its sides, and the coordinate of its first element."""
    sides = np.array([a.shape for a in arrays], np.int64).reshape(-1, 3)
    begin = np.concatenate([[0], np.cumsum(sides.prod(axis=1))])[: len(arrays)]
    return np.concatenate([begin[:, None], sides, np.array(first, np.int64).reshape(-1, 3)], axis=1).astype(np.int64)


def _moved_on(clearance, rows, tiles):
    flat = clearance.reshape(-1)
    if not rows and not tiles:
        return flat
    return np.where(flat >= 0, flat, flat - np.where(flat >= -TILE, rows, tiles)).astype(np.int32)


def _codes_moved_on(nodes, rows, tiles):
    if not rows and not tiles:
        return nodes
    return np.where(nodes >= 0, nodes + rows, np.where(nodes == NOTHING, nodes, nodes - tiles)).astype(np.int32)


@row
def layout_of(bricks, grid):
    """How bricks of a grid are found, as a tuple that costs nothing in a loop.

    Parameters
    ----------
    bricks : Bricks
    grid : int
        Number of the grid.

    Returns
    -------
    tuple
        Whether by clearances, else by nodes; where the grid begins there; its sides; its first coordinate.
    """
    about = bricks.about
    mapped = about[grid, 1] > 0
    n = 0 if mapped else 7
    return (mapped, about[grid, n], i32(about[grid, n + 1]), i32(about[grid, n + 2]), i32(about[grid, n + 3]),
            i32(about[grid, n + 4]), i32(about[grid, n + 5]), i32(about[grid, n + 6]))


@row
def through_box(box, grid, place, inverse):
    """Where a ray enters and leaves the box of a grid (slab method: Kay and Kajiya 1986, Ray tracing complex scenes).

    Parameters
    ----------
    box : ndarray of float32, shape (G, 6)
    grid : int
    place : (float32, float32, float32)
        Where it begins, in voxels.
    inverse : (float32, float32, float32)
        One over each part of its direction.

    Returns
    -------
    (float32, float32)
        In lengths of the direction, from where the ray begins; the first is the larger where it misses.
    """
    ax = (box[grid, 0] - place[0]) * inverse[0]
    ay = (box[grid, 1] - place[1]) * inverse[1]
    az = (box[grid, 2] - place[2]) * inverse[2]
    ex = (box[grid, 3] - place[0]) * inverse[0]
    ey = (box[grid, 4] - place[1]) * inverse[1]
    ez = (box[grid, 5] - place[2]) * inverse[2]
    return max(min(ax, ex), max(min(ay, ey), min(az, ez))), min(max(ax, ex), min(max(ay, ey), max(az, ez)))


@row
def brick_at(bricks, layout, bx, by, bz):
    """What there is at a brick coordinate.

    Parameters
    ----------
    bricks : Bricks
    layout : tuple
        From `layout_of`.
    bx, by, bz : int32
        Anywhere.

    Returns
    -------
    apart : int32
        For nothing: how many bricks away the nearest one is that holds something, at least 1. For anything else 0.
    code : int32
        Row of the pool, `NOTHING`, `-2 - tile`, or `SPLIT` plus a row of the halves.
    """
    x = i32(bx - layout[5])
    y = i32(by - layout[6])
    z = i32(bz - layout[7])
    apart = i32(1)
    code = i32(NOTHING)
    if layout[0]:
        if x >= 0 and y >= 0 and z >= 0 and x < layout[2] and y < layout[3] and z < layout[4]:
            apart = bricks.clearance[u64(layout[1] + i32(i32(i32(x * layout[3]) + y) * layout[4]) + z)]
            if apart <= 0:
                code = i32(-1 - apart)
                apart = i32(0)
                if code >= TILE:
                    code = i32(-2 - (code - TILE))
    else:
        nx = i32(x >> 4)
        ny = i32(y >> 4)
        nz = i32(z >> 4)
        if nx >= 0 and ny >= 0 and nz >= 0 and nx < layout[2] and ny < layout[3] and nz < layout[4]:
            node = bricks.top[u64(layout[1] + (nx * layout[3] + ny) * layout[4] + nz)]
            if node >= 0:
                code = bricks.nodes[node, ((x & 15) << 8) | ((y & 15) << 4) | (z & 15)]
            apart = i32(1) if code == NOTHING else i32(0)
    return apart, code


@inlined
def leaf_at(halves, code, brick, place):
    """The finest brick at a place in a brick that may be split.

    Parameters
    ----------
    halves : ndarray of int32, shape (S, 8)
    code : int32
        Of the brick, from `brick_at`.
    brick : (int32, int32, int32)
        Its coordinate.
    place : (float32, float32, float32)
        In voxels of the grid.

    Returns
    -------
    code : int32
        As of `brick_at`, but never split.
    corner : (float32, float32, float32)
        Its lower corner in voxels of the grid.
    edge : float32
        In voxels of the grid.
    """
    x, y, z = f32(brick[0] * SIDE), f32(brick[1] * SIDE), f32(brick[2] * SIDE)
    edge = f32(SIDE)
    while code >= SPLIT:
        edge *= f32(0.5)
        half = 0
        if place[0] >= x + edge:
            x += edge
            half = 4
        if place[1] >= y + edge:
            y += edge
            half |= 2
        if place[2] >= z + edge:
            z += edge
            half |= 1
        code = halves[code - SPLIT, half]
    return code, (x, y, z), edge


@inlined
def density_in(bricks, code, brick, place):
    """Density at a place in a brick.

    Parameters
    ----------
    bricks : Bricks
    code : int32
        Of the brick, from `brick_at`.
    brick : (int32, int32, int32)
        Its coordinate.
    place : (float32, float32, float32)
        In voxels of the grid.

    Returns
    -------
    float32
    """
    code, corner, edge = leaf_at(bricks.halves, code, brick, place)
    if code >= 0:
        fine = f32(SIDE) / edge
        return in_brick(bricks.values, code * WIDE**3, within((place[0] - corner[0]) * fine),
                        within((place[1] - corner[1]) * fine), within((place[2] - corner[2]) * fine))
    return f32(0) if code == NOTHING else bricks.tile_values[-2 - code]


@call
def density_at(bricks, grid, x, y, z):
    """Density anywhere.

    Parameters
    ----------
    bricks : Bricks
    grid : int
        Number of the grid.
    x, y, z : float32
        Voxels.

    Returns
    -------
    float32
    """
    bx = i32(math.floor(x)) >> 3
    by = i32(math.floor(y)) >> 3
    bz = i32(math.floor(z)) >> 3
    _, code = brick_at(bricks, layout_of(bricks, grid), bx, by, bz)
    return density_in(bricks, code, (bx, by, bz), (x, y, z))
