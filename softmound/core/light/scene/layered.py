"""Bricks with one more layer of voxels, so that a ray samples a brick without its neighbours."""

from dataclasses import dataclass, replace

import numpy as np
import scipy

from ...kernels import call, each, f32
from ...volume.bricks import NOTHING, SIDE, BrickIndex, brick_keys, index_of
from ...volume.lookup import code_at, value_at
from ...volume.refined import everything_in, halves_of, is_among, unique_bricks
from ..lattices.trilinear import WIDE

SPLIT = 1 << 29
"""From here on what a code or a clearance stands for is a row of the halves."""
TILE = 1 << 30
"""From here on what a clearance stands for is a row of the tiles."""
LARGEST_BOX = 16_000_000
"""Bricks of a box for which clearances are kept."""



@dataclass(frozen=True, eq=False)
class LayeredGrid:
    """A density grid as the march reads it.

    Attributes
    ----------
    voxel : float
        Metres.
    offset : ndarray of float64, shape (3,)
        World position of voxel (0, 0, 0), metres.
    index : BrickIndex
        Also of the empty bricks on whose upper side something begins.
    values : ndarray of float32, shape (N, 729)
        9x9x9 voxels from each brick's first voxel on; finer bricks after the others.
    tile_values : ndarray of float32, shape (M,)
        Likewise.
    octants : ndarray of uint8, shape (N,)
        Which of a brick's octants (4x4x4 voxels with their layer) hold anything: bit number 4 for the
        upper half in x, plus 2 in y, plus 1 in z.
    clearance : ndarray of int32, shape (X, Y, Z)
        For each empty brick of the box, how many bricks away the nearest one is that is not, in the
        chessboard metric; for any other brick -1 minus its row, for a tile -1 minus `TILE` and its row, for one that is split
        -1 minus `SPLIT` and its row of the halves. Of shape (0, 0, 0) when the box is too large to keep.
    first : ndarray of int64, shape (3,)
        Brick coordinate of `clearance[0, 0, 0]`.
    low, high : ndarray of float64, shape (3,)
        Voxel coordinates between which density can be found.
    core : float
        Largest density.
    most : ndarray of float32, shape (N,)
        Largest density in each brick, its layer counted.
    coords, largest : ndarray of int32, shape (K, 3), and of float32, shape (K,)
        Of the grid's own bricks and tiles, and of those that are split: coordinates, and the largest density.
    halves : ndarray of int32, shape (S, 8)
        Of bricks that are split, what their halves are: a row, `NOTHING`, `-2 - tile`, or `SPLIT` plus a row of the halves.
    split_most : ndarray of float32, shape (S,)
        Largest density in these.
    finest : int
        Times as fine as the grid's own that the finest voxels are.
    """

    voxel: float
    offset: np.ndarray
    index: BrickIndex
    values: np.ndarray
    tile_values: np.ndarray
    octants: np.ndarray
    clearance: np.ndarray
    first: np.ndarray
    low: np.ndarray
    high: np.ndarray
    core: float
    most: np.ndarray
    coords: np.ndarray
    largest: np.ndarray
    halves: np.ndarray
    split_most: np.ndarray
    finest: int = 1

    @property
    def nbytes(self):
        """Bytes held."""
        return self.values.nbytes + self.index.nodes.nbytes + self.clearance.nbytes


@each("coords")
def _widen(b, low, top, nodes, values, tile_values, background, coords, out):
    """A brick with one more layer of its neighbours."""
    bx = coords[b, 0]
    by = coords[b, 1]
    bz = coords[b, 2]
    own = code_at(low, top, nodes, bx, by, bz)
    for i in range(WIDE):
        for j in range(WIDE):
            line = (i * WIDE + j) * WIDE
            if own >= 0 and i < SIDE and j < SIDE:
                for k in range(SIDE):
                    out[b, line + k] = values[own, (i << 6) | (j << 3) | k]
                out[b, line + SIDE] = value_at(
                    low, top, nodes, values, tile_values, background,
                    bx * SIDE + i, by * SIDE + j, bz * SIDE + SIDE,
                )
            else:
                for k in range(WIDE):
                    out[b, line + k] = value_at(
                        low, top, nodes, values, tile_values, background,
                        bx * SIDE + i, by * SIDE + j, bz * SIDE + k,
                    )


@each("values")
def _occupied(b, values, out):
    """Which octants of a brick hold anything, and its most."""
    half = SIDE // 2
    bits = 0
    for part in range(8):
        i0 = (part >> 2) * half
        j0 = ((part >> 1) & 1) * half
        k0 = (part & 1) * half
        most = f32(0)
        for i in range(i0, i0 + half + 1):
            for j in range(j0, j0 + half + 1):
                for k in range(k0, k0 + half + 1):
                    most = max(most, values[b, (i * WIDE + j) * WIDE + k])
        if most > f32(0):
            bits |= 1 << part
    out[b] = bits


@each("values")
def _begins(b, values, out):
    """Which of a brick's three lower faces hold anything, as bits 1, 2 and 4."""
    bits = 0
    for p in range(SIDE):
        for q in range(SIDE):
            if values[b, (p << 3) | q] != f32(0):
                bits |= 1
            if values[b, (p << 6) | q] != f32(0):
                bits |= 2
            if values[b, (p << 6) | (q << 3)] != f32(0):
                bits |= 4
    out[b] = bits


def _fringe(grid):
    """Empty bricks just below the lower faces of bricks and tiles that hold something there."""
    bits = np.empty(len(grid.coords), np.int8)
    _begins(grid.values, bits)
    found = []
    for axes in range(1, 8):
        step = np.array([(axes >> a) & 1 for a in range(3)], np.int32)
        found.append(grid.coords[(bits & axes) == axes] - step)
        found.append(grid.tile_coords - step)
    index = grid.index
    everything = np.concatenate(found)
    near = everything[np.unique(brick_keys(everything), return_index=True)[1]]
    codes = np.empty(len(near), np.int32)
    _codes(index.low, index.top, index.nodes, near, codes)
    return near[codes == NOTHING]


@each("coords")
def _codes(b, low, top, nodes, coords, out):
    """Code of each brick coordinate."""
    out[b] = code_at(low, top, nodes, coords[b, 0], coords[b, 1], coords[b, 2])


def _clearance(coords, codes):
    """Clearance or code of every brick in the box of some bricks, and the box's first brick."""
    first = coords.min(axis=0).astype(np.int64) - 1
    shape = coords.max(axis=0).astype(np.int64) + 2 - first
    if shape.prod() > LARGEST_BOX:
        # So far spread that a dense box costs too much: every brick is looked up in the index.
        return np.zeros((0, 0, 0), np.int32), first
    empty = np.ones(shape, bool)
    empty[tuple((coords - first).T)] = False
    apart = scipy.ndimage.distance_transform_cdt(empty, metric="chessboard").astype(np.int32)
    apart[tuple((coords - first).T)] = -1 - codes
    return apart, first


@each("coords")
def _widen_halves(b, own, above, coords, out):
    """A brick of a finer level with one more layer; nodes that it shares with coarser bricks are read between their voxels."""
    low, top, nodes, values, tile_values = own
    bx, by, bz = coords[b, 0], coords[b, 1], coords[b, 2]
    there, every = np.empty((3, 3, 3), np.bool_), True
    for p in range(3):
        for q in range(3):
            for r in range(3):
                there[p, q, r] = code_at(low, top, nodes, bx + p - 1, by + q - 1, bz + r - 1) != NOTHING
                every = every and there[p, q, r]
    own = code_at(low, top, nodes, bx, by, bz)
    for i in range(WIDE):
        for j in range(WIDE):
            line = (i * WIDE + j) * WIDE
            x, y = bx * SIDE + i, by * SIDE + j
            # Within the brick and toward neighbours of its own level rows are as they are.
            plain = every or (0 < i < SIDE and 0 < j < SIDE)
            for k in range(0, WIDE):
                z = bz * SIDE + k
                if i < SIDE and j < SIDE and k < SIDE and (plain and (every or k > 0)):
                    out[b, line + k] = values[own, (i << 6) | (j << 3) | k]
                    continue
                fine = True
                for p in range(0 if i == 0 else 1, 3 if i == SIDE else 2):
                    for q in range(0 if j == 0 else 1, 3 if j == SIDE else 2):
                        for r in range(0 if k == 0 else 1, 3 if k == SIDE else 2):
                            fine = fine and there[p, q, r]
                if fine:
                    out[b, line + k] = value_at(low, top, nodes, values, tile_values, f32(0), x, y, z)
                else:
                    out[b, line + k] = _halfway(above, x, y, z)


@call
def _halfway(above, x, y, z):
    """Value of a level between its voxels, at coordinates of the next finer one."""
    low, top, nodes, values, tile_values = above
    total = f32(0)
    for p in range(1 + (x & 1)):
        for q in range(1 + (y & 1)):
            for r in range(1 + (z & 1)):
                total += value_at(low, top, nodes, values, tile_values, f32(0), (x >> 1) + p, (y >> 1) + q, (z >> 1) + r)
    return total / f32((1 + (x & 1)) * (1 + (y & 1)) * (1 + (z & 1)))


def _tables(grid):
    """A grid as `_widen_halves` reads it."""
    index = grid.index
    return index.low, index.top, index.nodes, grid.values, grid.tile_values


def _halved(grid, levels, rows, tiles):
    """Bricks of finer levels: widened values, tile values, halves and where those of each level begin, and the bricks of the grid
    that are split.

    Rows of the pool and of the tiles are counted on from those that there are.
    """
    split = [unique_bricks(everything_in(level) >> 1) for level in levels]
    begin = np.cumsum([0, *(len(s) for s in split)])
    values, tile_values, halves, above = [], [], [], grid
    for n, level in enumerate(levels):
        widened = np.empty((len(level.coords), WIDE**3), np.float32)
        _widen_halves(_tables(level), _tables(above), level.coords, widened)
        children = halves_of(split[n])
        codes = np.empty(len(children), np.int32)
        _codes(level.index.low, level.index.top, level.index.nodes, children, codes)
        tile = codes < NOTHING
        found = np.where(tile, codes - tiles, np.where(codes >= 0, codes + rows, codes))
        found[tile] = np.where(level.tile_values[-2 - codes[tile]] > 0.0, found[tile], NOTHING)
        if n + 1 < len(levels):
            again = is_among(children, split[n + 1])
            at = np.searchsorted(brick_keys(split[n + 1]), brick_keys(children[again]))
            found[again] = SPLIT + begin[n + 1] + at
        values.append(widened)
        tile_values.append(level.tile_values)
        halves.append(found.reshape(-1, 8))
        rows, tiles, above = rows + len(level.coords), tiles + len(level.tile_coords), level
    return np.concatenate(values), np.concatenate(tile_values), np.concatenate(halves).astype(np.int32), begin, split[0]


def _most_of(halves, begin, most, tile_values):
    """Largest density in each brick that is split; those of finer levels stand after those of coarser ones, from `begin` on."""
    found = np.zeros(len(halves), np.float32)
    for first, last in zip(begin[-2::-1], begin[:0:-1]):
        codes = halves[first:last]
        split, tile = codes >= SPLIT, codes < NOTHING
        own = np.zeros(codes.shape, np.float32)
        own[split] = found[codes[split] - SPLIT]
        own[tile] = tile_values[-2 - codes[tile]]
        brick = (codes >= 0) & ~split
        own[brick] = most[codes[brick]]
        found[first:last] = own.max(axis=1)
    return found


def layered_of(grid):
    """Prepare a density grid for marching.

    Parameters
    ----------
    grid : BrickGrid
        Density with background 0, not empty.

    Returns
    -------
    LayeredGrid
    """
    coords = np.ascontiguousarray(np.concatenate([grid.coords, _fringe(grid)]))
    values = np.empty((len(coords), WIDE**3), np.float32)
    index = grid.index
    _widen(index.low, index.top, index.nodes, grid.values, grid.tile_values, f32(grid.background),
           coords, values)
    octants = np.empty(len(values), np.uint8)
    _occupied(values, octants)
    low, high = grid.brick_bounds()
    everything = np.ascontiguousarray(np.concatenate([coords, grid.tile_coords]), np.int32)
    clearance, first = _clearance(everything, _codes_of(coords, grid.tile_coords))
    most = values.max(axis=1)
    largest = np.concatenate([most, grid.tile_values]).astype(np.float32)
    return LayeredGrid(
        grid.voxel, np.array(grid.offset), index_of(coords, grid.tile_coords), values, grid.tile_values, octants, clearance, first,
        low - 1.0, high + 1.0, float(largest.max()), most, everything, largest, np.zeros((0, 8), np.int32), np.zeros(0, np.float32))


def _codes_of(coords, tile_coords):
    """Codes of bricks and tiles, in their order."""
    return np.concatenate([np.arange(len(coords)), TILE + np.arange(len(tile_coords))]).astype(np.int32)


def with_refined(shell, grid, refined):
    """A grid as the march reads it, with finer bricks.

    Parameters
    ----------
    shell : LayeredGrid
        From `layered_of`.
    grid : BrickGrid
        What it was made of.
    refined : Refined
        Finer bricks of that.

    Returns
    -------
    LayeredGrid
        The same where the grid is so far spread that clearances are not kept.
    """
    if not refined.levels or not shell.clearance.size:
        return shell
    finer, finer_tiles, halves, begin, split = _halved(grid, refined.levels, len(shell.values), len(shell.tile_values))
    octants, most = np.empty(len(finer), np.uint8), np.concatenate([shell.most, finer.max(axis=1)])
    _occupied(finer, octants)
    tile_values = np.concatenate([shell.tile_values, finer_tiles])
    split_most = _most_of(halves, begin, most, tile_values)
    # Bricks that are split take the place of what they are in the grid, if they are there.
    codes, largest = _codes_of(shell.values, shell.tile_values), shell.largest.copy()
    keys = brick_keys(shell.coords)
    order = np.argsort(keys)
    at = order[np.minimum(np.searchsorted(keys[order], brick_keys(split)), len(keys) - 1)]
    known = keys[at] == brick_keys(split)
    numbers = SPLIT + np.arange(len(split), dtype=np.int32)
    codes[at[known]] = numbers[known]
    largest[at[known]] = np.maximum(largest[at[known]], split_most[: len(split)][known])
    coords = np.concatenate([shell.coords, split[~known]])
    clearance, first = _clearance(coords, np.concatenate([codes, numbers[~known]]))
    return replace(
        shell, values=np.concatenate([shell.values, finer]), tile_values=tile_values,
        octants=np.concatenate([shell.octants, octants]), clearance=clearance, first=first,
        low=np.minimum(shell.low, split.min(axis=0) * SIDE - 1.0),
        high=np.maximum(shell.high, split.max(axis=0) * SIDE + float(SIDE)), most=most, coords=coords,
        largest=np.concatenate([largest, split_most[: len(split)][~known]]), halves=halves, split_most=split_most,
        finest=2 ** len(refined.levels))
