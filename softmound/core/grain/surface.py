"""Grains that move the surface, from coarse to fine.

What is large is worked out on wide voxels and read between them by cubic interpolation: an octave is smooth on a twelfth of its
feature. So the cost of a voxel is that of the last octaves, whatever went before; and as the wide grids lie where the voxels of
a finer build, halved and halved again, find the same ones, a surface is the same however closely it is looked at.
"""

import math
from typing import NamedTuple

import numpy as np

from ..recipe.grains import SURFACE, live
from ..ticket import chunks
from ..volume.bricks import LANES, grid_of
from ..volume.refined import is_among, with_neighbours
from ..volume.upsample import bends_of, bounds_between, slopes_of, upsampled
from .where import Landmarks, depends

EVALUATIONS = 4_000_000
"""Noise evaluations between two looks at the ticket: about 20 ms on two cores."""
CELLULAR_COST = 7
"""Times what cellular noise costs beside gradient noise."""


SAMPLES = 12
"""Voxels along the finest feature of what is worked out on wide ones, at least: with 4 creases between lumps are smoothed, and what
the cloud holds falls faster with the scale (a slope of -2.43 for -2.19)."""
MARGIN = 4.0
"""Wide voxels on either side of what counts that interpolation and slopes read."""
SLACK = 1.0
"""Wide voxels by which a surface between them can be off from what they say: a distance changes by no more than how far it is to
the nearest of them, 0.87 (measured: with half of it the same bytes)."""

CREASE = 0.375
"""Of a fourth difference that reading between voxels may be wrong by, see `bends_of`."""
SMOOTH = 0.25
"""Voxels by which a distance to forms that is read between wide voxels may be wrong, at most (0.0017 on the mean): more is asked
of the forms again, which takes five times as long."""


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

    def widened(self, more):
        """The same, so many metres wider on either side."""
        return NarrowBand(self.outward + more, self.inward + more)

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


class Turn(NamedTuple):
    """One of the things that grains do to the surface one after the other.

    Attributes
    ----------
    grain : Grain
    number : int
        Among those of the grain.
    finest : float
        Size of its finest features, metres.
    reach : (float, float)
        Metres that it can move the surface outward and inward.
    """

    grain: object
    number: int
    finest: float
    reach: tuple


class Begun(NamedTuple):
    """A surface that has been moved by the first turns, on wide voxels.

    Attributes
    ----------
    surface, offsets : BrickGrid
        Distance, and how much of it was added, metres, on voxels twice as wide, in bricks that count.
    bent : ndarray of int32, shape (n, 3)
        Bricks in which the distance to the forms themselves cannot be read between such voxels; offsets may be there only.
    deep : ndarray of int32, shape (n, 3)
        Bricks that do not count since they are deeper than that.
    counting : NarrowBand
        The distances that count from here on.
    turns : int
        How many turns that were.
    """

    surface: object
    offsets: object
    bent: np.ndarray
    deep: np.ndarray
    counting: NarrowBand
    turns: int

    def at(self, coords, distance_of):
        """The surface in bricks of half the voxel.

        Parameters
        ----------
        coords : ndarray of int32, shape (n, 3)
        distance_of : callable
            Gives the distance to the forms in some of them, by their rows.

        Returns
        -------
        ndarray of float32, shape (n, 512)
            Metres.
        """
        values, bent = np.empty((len(coords), LANES), np.float32), is_among(coords >> 1, self.bent)
        values[~bent] = upsampled(self.surface, coords[~bent])
        values[bent] = distance_of(np.flatnonzero(bent))
        values[bent] += upsampled(self.offsets, coords[bent])
        return values

    def sorted_out(self, coords, ticket=None):
        """Which bricks of half the voxel can still come to hold something of the surface, and which are wholly inside.

        Parameters
        ----------
        coords : ndarray of int32, shape (n, 3)
        ticket : Ticket, optional

        Returns
        -------
        counts, deep : ndarray of bool, shape (n,)
        """
        counts = is_among(coords >> 1, self.surface.coords)
        deep = is_among(coords >> 1, self.deep) & ~counts
        least, most = bounds_between(self.surface, coords[counts], ticket)
        slack = SLACK * self.surface.voxel
        within = most >= -self.counting.inward - slack
        deep[counts] = ~within
        counts[counts] = within & (least <= self.counting.outward + slack)
        return counts, deep


def turns_of(grains, voxel):
    """All that grains do to the surface, as far as voxels hold it.

    Parameters
    ----------
    grains : sequence of Grain
    voxel : float
        Metres.

    Returns
    -------
    list of Turn
    """
    return [Turn(grain, n, *turn) for grain in live(grains, SURFACE) for n, turn in enumerate(grain.turns_at(voxel))]


def wide_turns(grains, voxel):
    """How many times the voxel may be doubled for each of the first turns.

    Parameters
    ----------
    grains : sequence of Grain
    voxel : float
        Metres.

    Returns
    -------
    list of int
        None of them 0, none larger than the one before; those that are left out need the voxel itself.
    """
    found = []
    for turn in turns_of(grains, voxel):
        # What reads distances by a mask has to see the surface as it was before the whole grain.
        own = any(mask.reads_distance for mask in turn.grain.where)
        times = 0 if own else int(math.floor(math.log2(max(turn.finest / (SAMPLES * voxel), 1.0))))
        times = min(times, found[-1] if found else times)
        if times < 1:
            break
        found.append(times)
    return found


def begun_wide(bricks_at, voxel, grains, landmarks, counting=NarrowBand(), ticket=None):
    """Move the surface by what is large, on wide voxels.

    Parameters
    ----------
    bricks_at : callable
        Given how many times the voxel is doubled: coordinates of the bricks that may count there, of those that are deeper, and
        a function that gives the distance in some of the first, by their rows, in metres.
    voxel : float
        Metres.
    grains : sequence of Grain
    landmarks : Landmarks
    counting : NarrowBand, optional
        As of `pushed`.
    ticket : Ticket, optional

    Returns
    -------
    Begun or None
        None where nothing is large.
    """
    turns, times = turns_of(grains, voxel), wide_turns(grains, voxel)
    if not times:
        return None
    begun, done = None, 0
    for doubled in range(times[0], 0, -1):
        wide = voxel * 2**doubled
        coords, deep, distance_of = bricks_at(doubled)
        # Bricks beside those that count are read by interpolation.
        margin = MARGIN * wide
        if begun is not None:
            counts, deeper = begun.sorted_out(coords, ticket)
            deep = np.concatenate([deep, coords[deeper]])
            rows = np.flatnonzero(counts)
            coords = coords[rows]
        distance = distance_of(slice(None) if begun is None else rows)
        # Each of these holds as much as a third of the finished cloud: none is kept beside what is made of it.
        surface = distance.copy() if begun is None else np.add(distance, upsampled(begun.offsets, coords, ticket))
        while done < len(times) and times[done] == doubled:
            grain, own = turns[done].grain, slice(turns[done].number, turns[done].number + 1)
            done += 1
            before, band = grid_of(wide, coords, surface.copy()), _after(turns[done:], counting).widened(margin)
            for part in chunks(len(coords), _chunk([grain]), ticket):
                grain.act(surface[part], coords[part], wide, landmarks, np.empty_like(surface[part]), band, own,
                          slopes_of(before, part.start, part.stop))
        before, last = None, doubled == 1
        bent = coords[CREASE * bends_of(grid_of(wide, coords, distance), ticket) > SMOOTH * voxel] if last else coords
        read = is_among(coords, with_neighbours(bent)) if last else slice(None)
        offsets = grid_of(wide, coords[read], surface[read] - distance[read])
        begun = Begun(grid_of(wide, coords, surface), offsets, bent, deep,
                      _after(turns[done:], counting).widened(0.0 if last else margin), done)
    return begun


def _after(turns, counting):
    """The distances that count before some turns."""
    return counting.before(*(sum(turn.reach[side] for turn in turns) for side in range(2)))


def reach_of(grains, voxel=0.0):
    """How far grains can move the surface.

    Parameters
    ----------
    grains : sequence of Grain
    voxel : float, optional
        Metres; default as fine as they go.

    Returns
    -------
    outward, inward : float
        Metres.
    """
    reach = [reach for grain in live(grains, SURFACE) for _, reach in grain.turns_at(voxel)]
    return sum(outward for outward, _ in reach), sum(inward for _, inward in reach)


def pushed(distance, coords, voxel, grains, landmarks=None, ticket=None, memory=None, stamps=None, out=None,
           counting=NarrowBand(), done=0):
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
    done : int, optional
        Turns of the grains that the distance has in it already, see `begun_wide`.

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
    turns = turns_of(moving, voxel)[done:]
    size = _chunk([turn.grain for turn in turns[:1]] or moving)
    after = done > 0 or any(depends(g) for g in moving)

    def worked(part):
        if after:
            return _pushed(distance[part].copy(), coords[part], voxel, turns, landmarks, counting)
        offsets = np.zeros((len(coords[part]), LANES), np.float32)
        if memory is not None:
            return _pushed(offsets, coords[part], voxel, turns, landmarks)
        rows = np.flatnonzero(counting.before(*reach_of(moving, voxel)).met(distance[part]))
        offsets[rows] = _pushed(offsets[rows], coords[part][rows], voxel, turns, landmarks)
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


def _pushed(total, coords, voxel, turns, landmarks, counting=NarrowBand()):
    """Distance, or nothing, with all that grains do in some turns taken off it."""
    room, at = np.empty_like(total), 0
    while at < len(turns):
        grain, last = turns[at].grain, at
        while last < len(turns) and turns[last].grain is grain:
            last += 1
        own = () if len(grain.turns) == 1 else (slice(turns[at].number, turns[last - 1].number + 1),)
        grain.act(total, coords, voxel, landmarks, room, _after(turns[last:], counting), *own)
        at = last
    return total
