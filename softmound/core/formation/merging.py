"""A flock as one grid: every member, deck and haze sampled where it stands, densities added."""

from typing import NamedTuple

import numpy as np

from ..engine.forecast import memory_limit
from ..grain.moving import Standing, sampled
from ..problems import DoesNotFit, Problem
from ..recipe import Medium
from ..ticket import chunks
from ..volume.bricks import LANES, SIDE, brick_keys, grid_of
from .layers import layer_clouds
from .standing import placing_of

CHUNK = 512
_LANE = np.arange(LANES)
_WITHIN = np.stack([_LANE >> 6, (_LANE >> 3) & 7, _LANE & 7], axis=-1)


class Part(NamedTuple):
    """What is merged: a grid, where it stands, and the extinction in 1/m of its density 1."""

    grid: object
    placing: object
    extinction: float


def parts_of(flock, sources, voxel):
    """All that a flock shows, by grids fine enough for a voxel.

    Parameters
    ----------
    flock : Flock
    sources : dict of Asset to Source
    voxel : float
        Metres.

    Returns
    -------
    list of Part
        Members first. The earth is flat here: a grid is for one place.
    """
    members = [(m, sources[m.asset]) for m in flock.members if not m.hidden and m.density > 0.0]
    found = [Part(_source_grid(m, source, voxel), placing_of(m, source), min(source.medium.extinction * m.density, 100.0))
             for m, source in members]
    return found + [Part(cloud.grid, cloud.placing, cloud.medium.extinction) for cloud in layer_clouds(flock)]


def merged(flock, sources, voxel, box=None, ticket=None):
    """All members, decks and hazes of a flock in one grid.

    Parameters
    ----------
    flock : Flock
    sources : dict of Asset to Source
    voxel : float
        Metres.
    box : (sequence of float, sequence of float), optional
        Only what lies within these corners, metres.
    ticket : Ticket, optional

    Returns
    -------
    grid : BrickGrid
        Densities that add up, in the first member's: where another has another extinction its density is made to fit.
    medium : Medium
        Of the first member, or the usual one.

    Raises
    ------
    Problem
        When nothing is there, or it does not fit into memory.
    """
    parts = parts_of(flock, sources, voxel)
    if not parts:
        raise Problem("{}: has no members to be merged; place some, or let a spread do it.", flock.name)
    first = next((sources[m.asset].medium for m in flock.members if not m.hidden and m.density > 0.0), Medium())
    medium = first.edited(extinction=parts[0].extinction)
    reached = [_bricks(part, voxel, box) for part in parts]
    keys = np.unique(np.concatenate([keys for keys, _ in reached]))
    needed = merged_memory(len(keys))
    if needed > memory_limit():
        raise DoesNotFit("{}: at a voxel of {:g} m it takes {:.1f} GB, more than there is; choose a larger voxel, or a "
                         "region.", flock.name, voxel, needed / 1e9)
    values = np.zeros((len(keys), LANES), np.float32)
    for number, (part, (own, coords)) in enumerate(zip(parts, reached)):
        if ticket is not None:
            ticket.tick(number / len(parts))
        _add(values, np.searchsorted(keys, own), coords, part, part.extinction / medium.extinction, voxel, ticket)
    coords = np.stack([keys >> 42, (keys >> 21) & (2**21 - 1), keys & (2**21 - 1)], axis=1) - 2**20
    if box is not None:
        _cut(values, coords, voxel, box)
    some = values.any(axis=1)
    if not some.any():
        raise Problem("{}: nothing of it lies there; choose another region.", flock.name)
    return grid_of(voxel, coords[some].astype(np.int32), values[some]), medium


def merged_memory(bricks):
    """Bytes that merging takes, for so many bricks."""
    return bricks * LANES * 4.0 * 2.2


def bricks_of(flock, sources, voxel, box=None):
    """How many bricks a merged flock would have at the most: int."""
    parts = [_bricks(part, voxel, box)[0] for part in parts_of(flock, sources, voxel)]
    return len(np.unique(np.concatenate(parts))) if parts else 0


def _source_grid(member, source, voxel):
    """The coarsest tier whose voxels are no wider than those that are made: nothing fine is missed between them."""
    fit = [n for n in sorted(source.tiers) if source.voxel * n * member.size <= voxel * 1.001]
    return source.grid(fit[-1] if fit else min(source.tiers))


def _bricks(part, voxel, box):
    """Bricks of the merged grid that a part may reach: keys, sorted, and coordinates."""
    grid, placing, _ = part
    own = np.concatenate([grid.coords, grid.tile_coords]).astype(float) * SIDE
    corners = np.stack(np.meshgrid(*[[-1.0, SIDE]] * 3, indexing="ij"), -1).reshape(-1, 3)
    there = placing.world((own[:, None] + corners) * grid.voxel + grid.offset) / (voxel * SIDE)
    low, high = np.floor(there.min(axis=1)).astype(np.int64), np.floor(there.max(axis=1)).astype(np.int64)
    if box is not None:
        inside = np.array(box, float) / (voxel * SIDE)
        low, high = np.maximum(low, np.floor(inside[0]).astype(np.int64)), np.minimum(high, np.floor(inside[1]).astype(np.int64))
    found = []
    # Step by step over how many bricks wide they are, all source bricks at once.
    most = np.maximum((high - low).max(axis=0), 0) + 1
    for i in range(most[0]):
        for j in range(most[1]):
            for k in range(most[2]):
                at = low + (i, j, k)
                found.append(np.unique(at[(at <= high).all(axis=1)], axis=0))
    coords = np.unique(np.concatenate(found), axis=0)
    keys = brick_keys(coords)
    order = np.argsort(keys)
    return keys[order], coords[order]


def _add(values, rows, coords, part, share, voxel, ticket):
    grid, placing, _ = part
    index = grid.index
    tiles = grid.tile_values if len(grid.tile_values) else np.zeros(1, np.float32)
    standing = Standing(grid.voxel, (index.low, index.top, index.nodes, grid.values, tiles), 1.0)
    for some in chunks(len(rows), CHUNK, ticket.quiet() if ticket is not None else None):
        world = (coords[some, None, :] * SIDE + _WITHIN) * voxel
        own = placing.own(world) - grid.offset
        out = np.empty((len(own), LANES), np.float32)
        sampled(standing, np.ascontiguousarray(own.transpose(0, 2, 1), np.float32), out)
        values[rows[some]] += np.float32(share) * out


def _cut(values, coords, voxel, box):
    low, high = np.array(box, float)
    for part in chunks(len(coords), CHUNK):
        world = (coords[part, None, :] * SIDE + _WITHIN) * voxel
        values[part] *= ((world >= low) & (world <= high)).all(axis=2)
