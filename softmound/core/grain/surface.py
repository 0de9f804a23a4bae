"""Grains that move the surface."""

import math
from typing import NamedTuple

import numpy as np

from ..recipe.grains import SURFACE, live
from ..ticket import chunks
from ..volume.bricks import LANES
from .where import Landmarks, depends

EVALUATIONS = 4_000_000
"""Noise evaluations between two looks at the ticket: about 20 ms on two cores."""
CELLULAR_COST = 7
"""Times what cellular noise costs beside gradient noise."""


class NarrowBand(NamedTuple):
    """The distances that count in the end: what lies farther out is empty, what lies deeper is full, whatever it is.

    Attributes
    ----------
    outward, inward : float
        Metres.
    """

    outward: float = math.inf
    inward: float = math.inf

    def before(self, outward, inward):
        """The distances that count before the surface is moved.

        Parameters
        ----------
        outward, inward : float
            How far it may be moved, metres.

        Returns
        -------
        NarrowBand
        """
        # A little more, since distances are added up in single precision.
        return NarrowBand(self.outward + 1.0001 * outward, self.inward + 1.0001 * inward)

    def met(self, distance):
        """Which bricks the band passes through.

        Parameters
        ----------
        distance : ndarray of float32, shape (n, 512)
            Metres.

        Returns
        -------
        ndarray of bool, shape (n,)
        """
        met = np.ones(len(distance), bool)
        if self.outward < math.inf:
            met &= distance.min(axis=1) <= self.outward
        if self.inward < math.inf:
            met &= distance.max(axis=1) >= -self.inward
        return met


def reach_of(grains):
    """How far grains can move the surface.

    Parameters
    ----------
    grains : sequence of Grain

    Returns
    -------
    outward, inward : float
        Metres.
    """
    reach = [grain.reach for grain in live(grains, SURFACE)]
    return sum(outward for outward, _ in reach), sum(inward for _, inward in reach)


def pushed(distance, coords, voxel, grains, landmarks=None, ticket=None, memory=None, stamps=None, out=None,
           counting=NarrowBand()):
    """Displaced distance at the voxels of some bricks.

    Parameters
    ----------
    distance : ndarray of float32, shape (n, 512)
        Metres.
    coords : ndarray of int32, shape (n, 3)
        Their bricks.
    voxel : float
        Metres.
    grains : sequence of Grain
        Those that work on something else are left out. Each sees the surface as those before it have left it.
    landmarks : Landmarks, optional
    ticket : Ticket, optional
    memory : BrickMemory, optional
        What an earlier call left here is used, for bricks whose stamps are the same.
    stamps : ndarray of int64, shape (n,), optional
        What the distance of each brick depends on besides its place; needed with a memory.
    out : ndarray of float32, shape (n, 512), optional
        May be `distance` itself.
    counting : NarrowBand, optional
        Bricks that can no longer come to lie in it are left as they are, farther out or deeper; all count by default.

    Returns
    -------
    ndarray of float32, shape (n, 512)
        Metres.
    """
    landmarks = Landmarks() if landmarks is None else landmarks
    out = np.empty_like(distance) if out is None else out
    moving = live(grains, SURFACE)
    if not moving:
        out[...] = distance
        return out
    size = _chunk(moving)
    after = any(depends(g) for g in moving)

    def worked(part):
        if after:
            return _pushed(distance[part].copy(), coords[part], voxel, moving, landmarks, counting)
        offsets = np.zeros((len(coords[part]), LANES), np.float32)
        if memory is not None:
            return _pushed(offsets, coords[part], voxel, moving, landmarks)
        rows = np.flatnonzero(counting.before(*reach_of(moving)).met(distance[part]))
        offsets[rows] = _pushed(offsets[rows], coords[part][rows], voxel, moving, landmarks)
        return np.add(offsets, distance[part], out=offsets)

    if memory is None:
        for part in chunks(len(coords), size, ticket):
            out[part] = worked(part)
        return out

    def compute(rows):
        made = np.empty((len(rows), LANES), np.float32)
        for part in chunks(len(rows), size, ticket):
            made[part] = worked(rows[part])
        return made

    # Noise depends on the place and the grains alone, unless a grain reads the distance too.
    marks = stamps if after else np.zeros(len(coords), np.int64)
    about = (voxel, tuple(moving), landmarks.base.on, landmarks.base.altitude, landmarks.read_by(moving),
             counting if after else ())
    known = memory.recalled(about, coords, marks, compute)
    if after:
        out[...] = known
        return out
    return np.add(known, distance, out=out)


def _chunk(grains):
    cost = sum(g.octaves * (CELLULAR_COST if g.kind == "cellular" else 1) + (3 * g.warp.octaves if g.warp else 0)
               for g in grains)
    return max(64, EVALUATIONS // (LANES * cost))


def _pushed(total, coords, voxel, grains, landmarks, counting=NarrowBand()):
    """Distance, or nothing, with all grains taken off it."""
    room = np.empty_like(total)
    for n, grain in enumerate(grains):
        grain.act(total, coords, voxel, landmarks, room, counting.before(*reach_of(grains[n + 1 :])))
    return total
