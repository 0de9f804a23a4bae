"""Push: move the surface along its normal by a grain's noise."""

import numpy as np

from ..engine.ticket import chunks
from ..volume.bricks import LANES
from .fbm import add_scaled, fbm_bricks

EVALUATIONS = 4_000_000
"""Noise evaluations between two looks at the ticket: about 20 ms on two cores."""


def reach_of(grains):
    """How far grains can move the surface.

    Parameters
    ----------
    grains : sequence of Push

    Returns
    -------
    outward, inward : float
        Metres. Folded noise only pushes outward.
    """
    live = [g for g in grains if g.on]
    return sum(g.strength for g in live), sum(g.strength for g in live if not g.folded)


def pushed(distance, coords, voxel, grains, ticket=None, memory=None, out=None):
    """Displaced distance at the voxels of some bricks.

    Parameters
    ----------
    distance : ndarray of float32, shape (n, 512)
        Metres.
    coords : ndarray of int32, shape (n, 3)
        Their bricks.
    voxel : float
        Metres.
    grains : sequence of Push
    ticket : Ticket, optional
    memory : BrickMemory, optional
        Noise depends on the place and the grains alone: what an earlier call left here is used.
    out : ndarray of float32, shape (n, 512), optional
        May be `distance` itself.

    Returns
    -------
    ndarray of float32, shape (n, 512)
        Metres.
    """
    out = np.empty_like(distance) if out is None else out
    live = [g for g in grains if g.on and g.strength > 0.0]
    if not live:
        out[...] = distance
        return out
    if memory is None:
        for part in chunks(len(coords), _chunk(live), ticket):
            np.subtract(distance[part], _offsets(coords[part], voxel, live), out=out[part])
        return out

    def compute(rows):
        offsets = np.empty((len(rows), LANES), np.float32)
        for part in chunks(len(rows), _chunk(live), ticket):
            offsets[part] = _offsets(coords[rows[part]], voxel, live)
        return offsets

    stamps = np.zeros(len(coords), np.int64)
    return np.subtract(
        distance, memory.recalled((voxel, tuple(live)), coords, stamps, compute), out=out
    )


def _chunk(grains):
    return max(64, EVALUATIONS // (LANES * sum(g.octaves for g in grains)))


def _offsets(coords, voxel, grains):
    total = np.zeros((len(coords), LANES), np.float32)
    room = np.empty_like(total)
    for grain in grains:
        add_scaled(total, fbm_bricks(coords, voxel, grain, room), grain.strength)
    return total
