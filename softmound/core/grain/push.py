"""Push: move the surface along its normal by a grain's noise."""

import numpy as np

from ..kernels import f32, i32, kernel, prange
from ..ticket import chunks
from ..volume.bricks import LANES, SIDE
from .fbm import fbm_bricks

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


@kernel
def _add(total, noise, coords, voxel, strength, level, per_metre, least):
    for b in prange(total.shape[0]):
        y0 = f32(coords[b, 1] * SIDE) * voxel - level
        for lane in range(LANES):
            rise = (y0 + f32((i32(lane) >> 3) & 7) * voxel) * per_metre
            rise = max(f32(0), min(f32(1), rise))
            share = least + (f32(1) - least) * rise * rise * (f32(3) - f32(2) * rise)
            total[b, lane] += strength * share * noise[b, lane]


def pushed(distance, coords, voxel, grains, base, ticket=None, memory=None, out=None):
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
    base : BaseLevel
        Grains that are weaker below fade over one feature size above it.
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
            np.subtract(distance[part], _offsets(coords[part], voxel, live, base), out=out[part])
        return out

    def compute(rows):
        offsets = np.empty((len(rows), LANES), np.float32)
        for part in chunks(len(rows), _chunk(live), ticket):
            offsets[part] = _offsets(coords[rows[part]], voxel, live, base)
        return offsets

    stamps = np.zeros(len(coords), np.int64)
    return np.subtract(
        distance, memory.recalled((voxel, tuple(live), base.on, base.altitude), coords, stamps, compute), out=out
    )


def _chunk(grains):
    return max(64, EVALUATIONS // (LANES * sum(g.octaves for g in grains)))


def _offsets(coords, voxel, grains, base):
    total = np.zeros((len(coords), LANES), np.float32)
    room = np.empty_like(total)
    for grain in grains:
        noise = fbm_bricks(coords, voxel, grain, room)
        least = 1.0 - grain.weaker_below if base.on else 1.0
        _add(total, noise, coords, f32(voxel), f32(grain.strength), f32(base.altitude),
             f32(1.0 / grain.feature), f32(least))
    return total
