"""What a build will need, before it is started."""

import time
from dataclasses import dataclass, replace

import numpy as np

from ..fill.skin import depth_of
from ..fill.stepping import live_steps
from ..fill.volumes import density_volumes, voxel_of_volume
from ..grain.moving import moved_by, worked_on
from ..grain.surface import reach_of, wide_turns
from ..grain.where import landmarks_of
from ..machine import free_memory
from ..mass.cells import Cells, chosen
from ..mass.distance import Band, box_of, descended
from ..mass.field import BAND, NODES
from ..mass.sampling import sampled
from ..mass.survey import surveyed
from ..mass.table import shape_of
from ..problems import DoesNotFit
from ..recipe import limits
from ..recipe.grains import MOVED, SURFACE, live
from ..volume.bricks import LANES, SIDE, grid_of
from .density import begun_at, bounds_of, evaluated
from .graph import reaches

ALONG = 40
"""Sample points along the longest axis of the coarse look at the shape."""
FIELD_COPIES = 3.0
"""Times the bytes of a field: its own, the library's narrow band, and what is handed over."""
FIXED = 24 * 2**20
"""Bytes a build takes whatever its size: chunks, of which two are worked on, lists of blobs."""
PER_BRICK = 190
"""Bytes of lists for each brick looked at (measured on builds of a million bricks)."""
PER_TILE = 24
"""Bytes of the lists and the index for each brick of constant density."""
ROUGHNESS = 0.8
"""Share of a brick's half diagonal by which the displaced surface reaches into it, on average."""
DOUBLINGS = 6
"""Reaches that are tried of what moves density: from one cell of the coarse look to thirty-two, most of the cloud; more would take
seconds."""
LEAST_ROUGH = 0.5
"""Bricks that hold voxels beside those a displaced surface would reach on average: of a smooth one fewer."""
TRIED_MOVES = 40
"""Bricks around which density is moved for trial."""
LEAST_TRIED, TRIED = 150, 1200
"""Bricks of a build that are made for trial, to see how long one takes on this machine: at the least and at the most."""
TRIED_OF = 0.05
"""How many of the bricks of the final build they are between these: a look ahead costs less than what it looks at."""
WIDE, BEGUN_POOLS, BEGUN_STAYS = 1.5, 3.0, 1.4
"""Bricks of what is begun on voxels twice as wide over those that hold voxels there, for its margins and what is still to come;
copies of it while it is made, and those that stay until the build is done: all of the surface, offsets where forms are creased."""
GROWING = 0.3
"""How the bricks of a rough surface grow faster than a smooth one's: by this power of the voxels along it."""
MOVING_POOLS = 1.1
STEP_POOLS = 2.85
"""Further copies of all distances of the band that steps on the surface hold."""
BASE_SECONDS = 0.02
TILE_SECONDS = 4e-8
FIELD_SECONDS = 9e-6
"""For each brick of a field's band (measured on models of 20,000 to 300,000 triangles)."""
VOLUME_SECONDS = 6e-5
"""For each brick of a volume that joins by density."""


@dataclass(frozen=True, eq=False)
class Moved:
    """What a grain that moves density about will work on.

    Attributes
    ----------
    reach : float
        How far it moves density, metres.
    seconds : float
        For each brick it works on.
    tried : ndarray of float64, shape (n,)
        Reaches that were tried, rising, metres.
    further : ndarray of float64, shape (n,)
        Volume beyond that of the bricks which hold something that it works on with each of them, m3.
    """

    reach: float
    seconds: float
    tried: np.ndarray
    further: np.ndarray

    def beyond(self, reach):
        """Volume it works on beyond what holds something.

        Parameters
        ----------
        reach : float
            Metres.

        Returns
        -------
        float
            m3; between and beyond what was tried as a power of the reach, below it in proportion.
        """
        if not self.further.all():
            return 0.0
        at = int(np.searchsorted(self.tried, reach))
        if at == 0 or len(self.tried) == 1:
            return float(self.further[0] * reach / self.tried[0])
        at = min(at, len(self.tried) - 1)
        power = np.log(self.further[at] / self.further[at - 1]) / np.log(self.tried[at] / self.tried[at - 1])
        # What reaches one way grows in proportion; the cells it starts in make it seem less.
        return float(self.further[at - 1] * (reach / self.tried[at - 1]) ** max(power, 1.0 if reach > self.tried[-1] else 0.0))


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
    fields : int, optional
        Forms that are read from a field, which takes memory of its own.
    brick_seconds : float, optional
        What one brick of the band takes, found by making some.
    stepped : bool, optional
        Steps on the surface hold all distances at once.
    volumes : tuple of (float, int), optional
        Voxel in metres and bricks of each volume that joins by density.
    moving : tuple of Moved, optional
        What each grain that moves density about will work on.
    cleared : bool, optional
        Crumbs are looked for.
    grains : tuple of Grain, optional
        Those that move the surface.
    rough, tried : float, optional
        How many times as many bricks hold voxels as under a smooth surface, found by making some, and the voxel of those, metres.
    corrections : tuple of float, optional
        What memory and time of past builds were, in parts of what was foretold.
    """

    distances: np.ndarray
    volume: float
    outward: float
    inward: float
    skin: object
    long: float
    swell: float
    fields: int = 0
    brick_seconds: float = 0.0
    stepped: bool = False
    volumes: tuple = ()
    moving: tuple = ()
    cleared: bool = False
    grains: tuple = ()
    rough: float = 1.0
    tried: float = 0.0
    corrections: tuple = (1.0, 1.0)

    def _within(self, low, high):
        return (self._below(high) - self._below(low)) * self.volume

    def _below(self, distance):
        """How many points have less; between the points' distances the count rises evenly: no steps in the cost line."""
        distances = self.distances
        at = int(distances.searchsorted(np.float32(distance), "right"))
        if at in (0, len(distances)):
            return float(at)
        before, after = float(distances[at - 1]), float(distances[at])
        return at - 1 + min(max((distance - before) / (after - before), 0.0), 1.0)

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
        skin = depth_of(self.skin, voxel)
        # Octaves that voxels cannot hold do not widen the band, see `Grain.turns_at`.
        finer = [whole - held for whole, held in zip(reach_of(self.grains), reach_of(self.grains, voxel))]
        return self._within(finer[1] - self.inward - skin - half, self.outward - finer[0] + half) / edge**3

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
        skin = depth_of(self.skin, voxel)
        band = self._within(self.swell - skin - reach, self.swell + reach)
        # Bricks larger than the lumps hold them in any case.
        finer = self.tried / voxel
        rough = 1.0 + (self.rough - 1.0) * (finer if finer < 1.0 or self.rough < 1.0 else finer**GROWING)
        return min(rough * band / edge**3, self.bricks(voxel))

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
        deepest = -1e9 if self.skin.shell is None else self.swell - self.skin.shell
        own = self._within(deepest, self.swell) / voxel**3
        return own + sum(LANES * bricks * (size / voxel) ** 3 for size, bricks in self.volumes)

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
        pool = 4 * LANES * self.kept_bricks(voxel)
        if self.fields:
            # Held here, and for a while by the process that converts.
            pool += FIELD_COPIES * 4 * NODES * self._field_bricks(voxel)
        if self.stepped:
            pool += STEP_POOLS * 4 * LANES * self.bricks(voxel)
        # A volume is held once on the build's voxels, and once more while it is joined.
        pool += 2 * 4 * LANES * self._volume_bricks(voxel)
        if self.cleared:
            # A byte for each voxel says what it hangs together with.
            pool += LANES * self.kept_bricks(voxel)
        # What moves density about makes another grid beside the one it reads.
        pool += MOVING_POOLS * 4 * LANES * self.moved_bricks(voxel)
        if not self.stepped and wide_turns(self.grains, voxel):
            begun = 4 * LANES * WIDE * self.kept_bricks(2.0 * voxel)
            pool = max(pool + BEGUN_STAYS * begun, BEGUN_POOLS * begun)
        return (FIXED + pool + PER_BRICK * self.bricks(voxel) + PER_TILE * self._deep(voxel)) * self.corrections[0]

    def seconds(self, voxel):
        """How long a build will take.

        Parameters
        ----------
        voxel : float
            Metres.

        Returns
        -------
        float
        """
        work = BASE_SECONDS + self.brick_seconds * self.bricks(voxel) + TILE_SECONDS * self._deep(voxel)
        if self.fields:
            work += FIELD_SECONDS * self._field_bricks(voxel)
        work += sum(grain.seconds * self._moved(grain, voxel) for grain in self.moving)
        return (work + VOLUME_SECONDS * self._volume_bricks(voxel)) * self.corrections[1]

    def _deep(self, voxel):
        return 0.0 if self.skin.shell is not None else self._within(-1e9, 0.0) / (SIDE * voxel) ** 3

    def moved_bricks(self, voxel):
        """Bricks that the grain works on which moves density farthest.

        Parameters
        ----------
        voxel : float
            Metres.

        Returns
        -------
        float
            0 without such a grain.
        """
        return max((self._moved(grain, voxel) for grain in self.moving), default=0.0)

    def _moved(self, grain, voxel):
        """Bricks that hold density, and those a grain may move it to."""
        edge = SIDE * voxel
        return self.kept_bricks(voxel) + grain.beyond(np.ceil(grain.reach / edge) * edge) / edge**3

    def _field_bricks(self, voxel):
        reach = (BAND + SIDE * 3**0.5 / 2 * ROUGHNESS) * voxel
        return self._within(-reach, reach) / (SIDE * voxel) ** 3

    def _volume_bricks(self, voxel):
        return sum(bricks * max(1.0, size / voxel) ** 3 for size, bricks in self.volumes)

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


def forecast(mound, ticket=None, corrections=(1.0, 1.0)):
    """Look at a mound coarsely and foretell its builds.

    Parameters
    ----------
    mound : Mound
    ticket : Ticket, optional
    corrections : (float, float), optional
        See `Forecast`.

    Returns
    -------
    Forecast
    """
    # As far as grains go at the finest: what voxels cannot hold is left out at each of them.
    outward, inward = (reach - depth for reach, depth in zip(reaches(mound, 1e-3), (0.0, depth_of(mound.skin, 1e-3))))
    volumes = tuple((voxel_of_volume(v), len(v.grid["coords"]) + len(v.grid["tiles"]))
                    for v in density_volumes(mound.mass))
    bounds = bounds_of(mound)
    long = 0.0 if bounds is None else float((bounds[1] - bounds[0]).max())
    box = box_of(mound.mass, outward)
    if box is None:
        return Forecast(np.empty(0, np.float32), 0.0, outward, inward, mound.skin, long, 0.0, volumes=volumes,
                        corrections=corrections)
    edge = float((box[1] - box[0]).max()) / ALONG
    voxel = edge / SIDE
    shape = shape_of(mound.mass, voxel * 4, outward, ticket)
    margin = 2 * edge  # so that large bricks find their surroundings
    low, high = (np.floor((corner + sign * margin) / edge).astype(np.int64)
                 for corner, sign in zip(box, (-1, 1)))
    distance, cells = surveyed(low, high, voxel, shape, ticket)
    # Rows of points parallel to a level would all have one distance: spread them evenly.
    spread = (cells.coords[:, 0] * 0.7548776662 + cells.coords[:, 2] * 0.5698402910) % 1.0
    height = (cells.coords[:, 1] + spread) * edge
    for level, side in ((shape.base, 1.0), (shape.top, -1.0)):
        if level.on:
            distance = np.maximum(distance, side * (level.altitude - height)).astype(np.float32)
    swell = sum(grain.mean for grain in live(mound.grains, SURFACE))
    swell += sum(step.outward for step in live_steps(mound.steps))
    near = chosen(cells, np.flatnonzero((distance > -inward - edge) & (distance < outward + edge)))
    brick_seconds, moving_seconds, voxel, kept = _trial(mound, near, edge, shape, ticket)
    surface = cells.coords[np.abs(distance - swell) < edge / 2]
    moving = tuple(_moved_further(grain, seconds, surface, edge)
                   for grain, seconds in zip(live(mound.grains, MOVED), moving_seconds))
    ahead = Forecast(
        np.sort(distance), edge**3, outward, inward, mound.skin, long, swell, len(shape.fields.voxels),
        brick_seconds, bool(live_steps(mound.steps)), volumes, moving, mound.voxels.crumbs > 0.0,
        tuple(live(mound.grains, SURFACE)), corrections=corrections)
    thin = replace(ahead, skin=_thin(mound.skin, voxel))
    smooth = thin.kept_bricks(voxel)
    # Bricks made for trial stand alone, so that steps, which look at neighbours, ease them away.
    least = 1.0 if ahead.stepped else LEAST_ROUGH
    return ahead if smooth <= 0.0 else replace(ahead, rough=max(least, kept * thin.bricks(voxel) / smooth), tried=voxel)


def _moved_further(grain, seconds, surface, edge):
    """What a grain will work on, by the cells of the coarse look through which the surface goes, int32 of shape (n, 3)."""
    # A brick of eight voxels for each cell: a grain says by itself which others it reaches, how far it may.
    some = grid_of(edge / SIDE, surface, np.zeros((len(surface), LANES), np.float32))
    least, most = limits(grain, "strength")
    tried = np.unique(np.clip(edge * 2.0 ** np.arange(DOUBLINGS), least, most))
    # One beyond its own reach is enough.
    tried = tried[: np.searchsorted(tried, grain.strength) + 1]
    reached = [worked_on(some, grain.edited(strength=float(reach))) for reach in tried]
    return Moved(grain.strength, seconds, tried, (np.array(reached, float) - len(surface)) * edge**3)


def _thin(skin, voxel):
    """A skin as thick as the surface is found to be rough with: two voxels, whatever the mound's own."""
    low, high = limits(skin, "thickness")
    return skin.edited(thickness=min(max(2.0 * voxel, low), high))


def _trial(mound, near, edge, shape, ticket):
    """Seconds for each brick of the band, and for each that a grain moves, found by making some of them at about
    the final voxel; that voxel in metres, and the share of the bricks that hold other than one value."""
    size = 2 ** int(np.clip(np.round(np.log2(edge / (SIDE * mound.voxels.final))), 0, 4))
    voxel = edge / SIDE / size
    nothing = 0.0, (0.0,) * len(live(mound.grains, MOVED)), voxel, 0.0
    mound = mound.edited(skin=_thin(mound.skin, voxel))
    if not len(near.coords):
        return nothing
    outward, inward = reaches(mound, voxel)
    # Spread over the surface, always the same ones.
    order = np.random.default_rng(1).permutation(len(near.coords))
    most = round(min(max(TRIED_OF * len(order) * (edge / (SIDE * mound.voxels.final)) ** 2, LEAST_TRIED), TRIED))
    order = order[: max(4, round(2.5 * most / size**2))]
    tried = chosen(near, np.sort(order))
    tried = Cells(size, tried.coords, tried.starts, tried.counts, tried.blobs, tried.stamps)
    begun = time.perf_counter()
    cells, _ = descended(tried, voxel, shape, outward, inward, ticket.quiet() if ticket is not None else None)
    count = len(cells.coords)
    if not count:
        return nothing
    cells = chosen(cells, np.arange(min(count, 2 * most)))
    found = time.perf_counter() - begun
    # The bricks are scattered: what is begun on wide voxels costs them far more than bricks side by side.
    wide = begun_at(mound, voxel, shape, cells.coords)
    begun = time.perf_counter()
    # So they are for a filter, but it takes as long as if they were not.
    density, _, _ = evaluated(mound, voxel, Band(cells, cells.coords[:0], shape), cells, begun=wide)
    each = found / count + (time.perf_counter() - begun) / len(cells.coords)
    some = grid_of(voxel, cells.coords[:TRIED_MOVES], density[:TRIED_MOVES])
    moving = []
    for grain in live(mound.grains, MOVED):
        # As far as a brick: it is the time for one that counts, not how many there are.
        near_by = grain.edited(strength=min(grain.strength, 0.9 * SIDE * voxel))
        begun = time.perf_counter()
        moved_by(some, near_by, mound.skin, landmarks_of(mound), ticket.quiet() if ticket is not None else None)
        moving.append((time.perf_counter() - begun) / worked_on(some, near_by))
    values = density.reshape(len(density), -1)
    return each, tuple(moving), voxel, float((values.max(axis=1) > values.min(axis=1)).mean())


def memory_at_most(mound, voxel):
    """Memory of a build at the most, by the box around the cloud alone: known at once, where a forecast may take a second.

    Parameters
    ----------
    mound : Mound
    voxel : float
        Metres.

    Returns
    -------
    float
        Bytes.
    """
    bounds = bounds_of(mound)
    if bounds is None:
        return float(FIXED)
    pools = 1.0
    if any(form.shapes and sampled(form) for form in mound.mass.forms):
        pools += FIELD_COPIES * NODES / LANES
    for there, more in ((live_steps(mound.steps), STEP_POOLS), (density_volumes(mound.mass), 2.0),
                        (mound.voxels.crumbs > 0.0, 0.25), (live(mound.grains, MOVED), MOVING_POOLS)):
        pools += more if there else 0.0
    bricks = float(np.prod((bounds[1] - bounds[0]) / (SIDE * voxel) + 2.0))
    return FIXED + bricks * (4 * LANES * pools + PER_BRICK)


def memory_limit():
    """Bytes a build may take on this machine now: two thirds of what is free.

    Returns
    -------
    int
    """
    return free_memory() * 2 // 3


def refuse_unless_fits(ahead, voxel, limit=None):
    """Raise unless a build stays within a memory limit.

    Parameters
    ----------
    ahead : Forecast
    voxel : float
        Metres.
    limit : float, optional
        Bytes; default `memory_limit()`.

    Raises
    ------
    DoesNotFit
        Names the smallest voxel that fits.
    """
    limit = memory_limit() if limit is None else limit
    need = ahead.memory(voxel)
    if need > limit:
        raise DoesNotFit(
            "A voxel of {:g} m needs about {:,.1f} GB and {:,.1f} GB are allowed; the smallest voxel that fits is about {:.2g} m.",
            voxel,
            need / 1e9,
            limit / 1e9,
            ahead.smallest_voxel(limit),
        )
