"""Crumbs: bits of a cloud that hang on nothing, found as connected components of what is denser than nothing.

Voxels that share a face hang together. Pieces are found within each brick and then joined across the faces of bricks, by
union and find (Rosenfeld and Pfaltz 1966, Sequential operations in digital picture processing, J. ACM 13), always to the
smaller number, so that the order of the work does not show.
"""

import numpy as np

from ..kernels import borrowed, call, each, f32, i32, serial
from ..ticket import chunks
from .bricks import LANES, SIDE
from .lookup import value_at

CHUNK = 8192
MOST_PIECES = 255
"""Pieces told apart within one brick: more of them count as one, which at worst keeps a crumb."""


@call
def _root(parents, n):
    """Union-find: the piece that a part belongs to."""
    while parents[n] != n:
        parents[n] = parents[parents[n]]
        n = parents[n]
    return n


@call
def _join(parents, a, b):
    """Union-find: make two pieces one."""
    a = _root(parents, a)
    b = _root(parents, b)
    if a < b:
        parents[b] = a
    elif b < a:
        parents[a] = b


@each("values")
def _find_pieces(b, values, labels, counts):
    """Number the pieces within each brick, from 1; 0 is empty."""
    parents = np.empty(LANES, np.int32)
    own = labels[b]
    for lane in range(LANES):
        n = i32(lane)
        parents[lane] = n
        own[lane] = 0
        if values[b, lane] <= f32(0):
            continue
        if n & 7 and values[b, lane - 1] > f32(0):
            _join(parents, n, i32(n - 1))
        if n & 56 and values[b, lane - SIDE] > f32(0):
            _join(parents, n, i32(n - SIDE))
        if n >= SIDE * SIDE and values[b, lane - SIDE * SIDE] > f32(0):
            _join(parents, n, i32(n - SIDE * SIDE))
    count = 0
    for lane in range(LANES):
        if values[b, lane] > f32(0):
            root = _root(parents, i32(lane))
            # A root is the first voxel of its piece, and so has its number already.
            if root == lane:
                count = min(count + 1, MOST_PIECES)
                own[lane] = count
            else:
                own[lane] = own[root]
    counts[b] = count


@each("coords")
def _measure(b, coords, first, labels, begins, boxes):
    """Box of each piece in voxels; a tile is one piece that fills its brick."""
    for lane in range(LANES):
        label = labels[first + b, lane] if first + b < labels.shape[0] else 1
        if label == 0:
            continue
        piece = begins[first + b] + label - 1
        for axis in range(3):
            at = coords[b, axis] * SIDE + (i32(lane) >> (6 - 3 * axis) & 7)
            boxes[piece, axis] = min(boxes[piece, axis], at)
            boxes[piece, 3 + axis] = max(boxes[piece, 3 + axis], at)


@serial
def _unite(first, last, labels, begins, neighbours, parents):
    """Join pieces of some bricks that touch others across their faces."""
    for b in range(first, last):
        for axis in range(3):
            other = neighbours[b, axis]
            if other < 0:
                continue
            across = SIDE * SIDE if axis == 0 else (SIDE if axis == 1 else 1)
            high = SIDE if axis == 0 else SIDE * SIDE
            low = SIDE if axis == 2 else 1
            for i in range(SIDE):
                for j in range(SIDE):
                    lane = i * high + j * low
                    one = labels[b, lane + (SIDE - 1) * across] if b < labels.shape[0] else 1
                    next_ = labels[other, lane] if other < labels.shape[0] else 1
                    if one != 0 and next_ != 0:
                        _join(parents, begins[b] + one - 1, begins[other] + next_ - 1)


@serial
def _gather(parents, boxes):
    """Boxes of whole components, at their roots."""
    for n in range(len(parents)):
        root = _root(parents, n)
        parents[n] = root
        for axis in range(3):
            boxes[root, axis] = min(boxes[root, axis], boxes[n, axis])
            boxes[root, 3 + axis] = max(boxes[root, 3 + axis], boxes[n, 3 + axis])


@each("values")
def _clear(b, values, labels, begins, dropped):
    """Empty the voxels of small pieces."""
    for lane in range(LANES):
        if labels[b, lane] and dropped[begins[b] + labels[b, lane] - 1]:
            values[b, lane] = f32(0)


def components_of(grid, ticket=None):
    """What hangs together in a grid.

    Parameters
    ----------
    grid : BrickGrid
        Of density.
    ticket : Ticket, optional

    Returns
    -------
    labels : ndarray of uint8, shape (n, 512)
        Piece of each voxel within its brick, from 1; 0 where there is nothing.
    begins : ndarray of int64, shape (n + tiles,)
        Number of the first piece of each brick, and of each tile, among all pieces.
    roots : ndarray of int64, shape (p,)
        For each piece the first one of its component.
    sizes : ndarray of int64, shape (p,)
        Longest side of the box of the component of each piece, voxels.
    """
    coords = np.concatenate([grid.coords, grid.tile_coords])
    labels = np.empty((len(grid.coords), LANES), np.uint8)
    counts = np.ones(len(coords), np.int64)
    for part in chunks(len(labels), CHUNK, ticket):
        _find_pieces(grid.values[part], labels[part], counts[part])
    begins = np.cumsum(counts) - counts
    pieces = int(counts.sum())
    boxes = np.repeat(np.array([[2**31 - 1] * 3 + [-(2**31)] * 3]), pieces, axis=0)
    for part in chunks(len(coords), CHUNK, ticket):
        _measure(coords[part], part.start, labels, begins, boxes)
    parents, neighbours = np.arange(pieces), _next_bricks(coords)
    for part in chunks(len(coords), CHUNK, ticket):
        _unite(part.start, part.stop, labels, begins, neighbours, parents)
    _gather(parents, boxes)
    return labels, begins, parents, (boxes[parents, 3:] - boxes[parents, :3]).max(axis=1, initial=-1) + 1


def _next_bricks(coords):
    """Number of the neighbour of each brick toward +x, +y and +z, or -1: ndarray of int64, shape (n, 3)."""
    if not len(coords):
        return np.empty((0, 3), np.int64)
    from_low = coords.astype(np.int64) - coords.min(axis=0)
    sides = from_low.max(axis=0) + 2
    weights = np.array([sides[1] * sides[2], sides[2], 1])
    keys = from_low @ weights
    order = np.argsort(keys)
    wanted = keys[:, None] + weights
    at = np.minimum(np.searchsorted(keys, wanted, sorter=order), len(keys) - 1)
    return np.where(keys[order[at]] == wanted, order[at], -1)


def drop_crumbs(grid, least, ticket=None):
    """Empty what hangs on nothing and is small; the largest part always stays.

    Parameters
    ----------
    grid : BrickGrid
        Of density; its values are changed.
    least : float
        Longest side, in metres, from which a part stays.
    ticket : Ticket, optional

    Returns
    -------
    int
        Parts that were emptied.
    """
    if least <= grid.voxel or not len(grid.values):
        return 0
    labels, begins, roots, sizes = components_of(grid, ticket)
    dropped = (sizes * grid.voxel < least) & (roots != roots[np.argmax(sizes)])
    if dropped.any():
        _clear(grid.values, labels, begins, dropped)
        # A crumb that holds a whole brick goes with it.
        grid.tile_values[dropped[begins[len(grid.coords):]]] = 0.0
    return len(np.unique(roots[dropped]))


NEAR = 2
"""Voxels of the coarser grid within which something has to be there for a finer one to hold anything."""


@each("coords")
def _clear_far(n, grid, coords, times, values):
    """Empty the voxels of a finer brick that are far from anything in the grid."""
    low, top, nodes, pool, tile_values = borrowed(grid)
    wide = (SIDE + times - 1) // times + 2 * NEAR + 1
    first = coords[n] * SIDE // times - NEAR
    there = np.zeros((wide, wide, wide), np.bool_)
    for x in range(wide):
        for y in range(wide):
            for z in range(wide):
                there[x, y, z] = f32(0) < value_at(low, top, nodes, pool, tile_values, f32(0), first[0] + x, first[1] + y,
                                                   first[2] + z)
    for lane in range(LANES):
        if values[n, lane] <= f32(0):
            continue
        x = (coords[n, 0] * SIDE + (lane >> 6)) // times - first[0]
        y = (coords[n, 1] * SIDE + ((lane >> 3) & 7)) // times - first[1]
        z = (coords[n, 2] * SIDE + (lane & 7)) // times - first[2]
        found = False
        for i in range(-NEAR, NEAR + 1):
            for j in range(-NEAR, NEAR + 1):
                for k in range(-NEAR, NEAR + 1):
                    found = found or there[min(x + i, wide - 1), min(y + j, wide - 1), min(z + k, wide - 1)]
        if not found:
            values[n, lane] = f32(0)


def drop_what_is_not_in(grid, finer, times):
    """Empty what finer bricks hold where a grid has nothing near: crumbs that were dropped from it.

    Parameters
    ----------
    grid : BrickGrid
        Of density.
    finer : BrickGrid
        Its bricks at a finer voxel; their values are changed, and those of tiles.
    times : int
        Times as fine, a power of two.
    """
    index = grid.index
    tables = index.low, index.top, index.nodes, grid.values, grid.tile_values
    _clear_far(tables, finer.coords, times, finer.values)
    full = np.flatnonzero(finer.tile_values > 0.0)
    tiles = np.ones((len(full), LANES), np.float32)
    _clear_far(tables, finer.tile_coords[full], times, tiles)
    finer.tile_values[full[tiles.max(axis=1, initial=0.0) == 0.0]] = 0.0
