"""What a build will need, before it is started."""

from dataclasses import dataclass

import numpy as np

from ..fill.skin import thickness_at
from ..grain.push import reach_of
from ..mass.cells import FAR, first_cells, measured
from ..mass.distance import box_of, shape_of
from ..recipe.problems import Problem
from ..volume.bricks import LANES, SIDE

ALONG = 40
"""Sample points along the longest axis of the coarse look at the shape."""
FOLDED_MEAN = 0.27
"""Mean of folded noise: it pushes outward everywhere."""
FIXED = 24 * 2**20
"""Bytes a build takes whatever its size: windows, chunks, lists of blobs."""
PER_BRICK = 190
"""Bytes of lists for each brick looked at (measured on builds of a million bricks)."""
PER_TILE = 24
"""Bytes of the lists and the index for each brick of constant density."""
ROUGHNESS = 0.8
"""Share of a brick's half diagonal by which the displaced surface reaches into it, on average."""
TWO_GIGABYTES = 2 * 2**30


@dataclass(frozen=True, eq=False)
class Forecast:
    """The size of a mound at any voxel.

    Attributes
    ----------
    distances : ndarray of float32, shape (n,)
        Sorted signed distances at the points of a coarse lattice, metres.
    volume : float
        Volume each point stands for, m3.
    outward, inward : float
        Reach of the grains, metres.
    skin : Skin
    long : float
        Longest side, metres.
    swell : float
        How far the surface moves outward on average, metres.
    """

    distances: np.ndarray
    volume: float
    outward: float
    inward: float
    skin: object
    long: float
    swell: float

    def _within(self, low, high):
        # Between the points' distances the count rises evenly: no steps in the cost line.
        rank = np.arange(len(self.distances))
        if not len(rank):
            return 0.0
        last = float(len(rank))
        upper = np.interp(high, self.distances, rank, left=0.0, right=last)
        return (upper - np.interp(low, self.distances, rank, left=0.0, right=last)) * self.volume

    def bricks(self, voxel):
        """Bricks that will be computed.

        Parameters
        ----------
        voxel : float
            Metres.

        Returns
        -------
        float
        """
        edge = SIDE * voxel
        half = edge * 3**0.5 / 2
        skin = thickness_at(self.skin, voxel)
        return self._within(-self.inward - skin - half, self.outward + half) / edge**3

    def kept_bricks(self, voxel):
        """Bricks that will hold voxels in the finished grid.

        Parameters
        ----------
        voxel : float
            Metres.

        Returns
        -------
        float
        """
        edge = SIDE * voxel
        reach = edge * 3**0.5 / 2 * ROUGHNESS
        skin = thickness_at(self.skin, voxel)
        band = self._within(self.swell - skin - reach, self.swell + reach)
        return min(band / edge**3, self.bricks(voxel))

    def active_voxels(self, voxel):
        """Voxels with density.

        Parameters
        ----------
        voxel : float
            Metres.

        Returns
        -------
        float
        """
        return self._within(-1e9, self.swell) / voxel**3

    def memory(self, voxel):
        """Largest memory of a build.

        Parameters
        ----------
        voxel : float
            Metres.

        Returns
        -------
        float
            Bytes.
        """
        deep = self._within(-1e9, 0.0) / (SIDE * voxel) ** 3
        pool = 4 * LANES * self.kept_bricks(voxel)
        return FIXED + pool + PER_BRICK * self.bricks(voxel) + PER_TILE * deep

    def smallest_voxel(self, limit):
        """Smallest voxel whose build stays within a limit.

        Parameters
        ----------
        limit : float
            Bytes.

        Returns
        -------
        float
            Metres.
        """
        low, high = self.long / 50_000 + 1e-6, max(self.long, 1e-3)
        for _ in range(60):
            middle = (low * high) ** 0.5
            low, high = (low, middle) if self.memory(middle) <= limit else (middle, high)
        return high


def forecast(mound, ticket=None):
    """Look at a mound coarsely and foretell its builds.

    Parameters
    ----------
    mound : Mound
    ticket : Ticket, optional

    Returns
    -------
    Forecast
    """
    outward, inward = reach_of(mound.grains)
    box = box_of(mound.mass, outward)
    if box is None:
        return Forecast(np.empty(0, np.float32), 0.0, outward, inward, mound.skin, 0.0, 0.0)
    shape = shape_of(mound.mass)
    edge = float((box[1] - box[0]).max()) / ALONG
    voxel = edge / SIDE
    margin = 2 * edge  # so that large bricks find their surroundings
    low, high = (np.floor((corner + sign * margin) / edge).astype(np.int64)
                 for corner, sign in zip(box, (-1, 1)))
    cells = first_cells(low, high, 1, len(shape.table))
    distance, cells = measured(cells, voxel, shape.table, shape.hashes, SIDE, FAR, FAR, ticket)
    # Rows of points parallel to a level would all have one distance: spread them evenly.
    spread = (cells.coords[:, 0] * 0.7548776662 + cells.coords[:, 2] * 0.5698402910) % 1.0
    height = (cells.coords[:, 1] + spread) * edge
    for level, side in ((shape.base, 1.0), (shape.top, -1.0)):
        if level.on:
            distance = np.maximum(distance, side * (level.altitude - height)).astype(np.float32)
    swell = sum(FOLDED_MEAN * g.strength for g in mound.grains if g.on and g.folded)
    return Forecast(np.sort(distance), edge**3, outward, inward, mound.skin,
                    float((box[1] - box[0]).max()), swell)


def memory_limit():
    """Bytes a build may take on this machine now: two thirds of what is free.

    Returns
    -------
    int
    """
    with open("/proc/meminfo", encoding="ascii") as lines:
        for line in lines:
            if line.startswith("MemAvailable:"):
                return int(line.split()[1]) * 1024 * 2 // 3
    return TWO_GIGABYTES


def refuse_unless_fits(mound, voxel, limit=None, ticket=None):
    """Raise unless a build stays within a memory limit.

    Parameters
    ----------
    mound : Mound
    voxel : float
        Metres.
    limit : float, optional
        Bytes; default `memory_limit()`.
    ticket : Ticket, optional

    Returns
    -------
    Forecast

    Raises
    ------
    Problem
        Names the smallest voxel that fits.
    """
    limit = memory_limit() if limit is None else limit
    ahead = forecast(mound, ticket)
    need = ahead.memory(voxel)
    if need > limit:
        raise Problem(
            f"A voxel of {voxel:g} m needs about {need / 1e9:,.1f} GB and {limit / 1e9:,.1f} GB are "
            f"allowed; the smallest voxel that fits is about {ahead.smallest_voxel(limit):.2g} m."
        )
    return ahead
