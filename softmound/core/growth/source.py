"""Where a form gives off heat, vapour and smoke, and the air that it gives them off into."""

from dataclasses import dataclass

import numpy as np
import scipy

from ..curves import curve_values
from ..directions import direction_of
from ..engine.density import SHAPED, band_for, begun_at, bounds_of, density_grid, evaluated, span_of
from ..exchange.sequences import mound_at
from ..grain.where import landmarks_of, shares
from ..mass.velocity import velocity_at
from ..noise.sums import noise_points
from ..problems import DoesNotFit, Problem
from ..recipe import Noise
from ..recipe.time import Growth
from ..recipe.timing import at_frame, some_of
from ..standins.distance import signed_distances
from ..standins.surfaces import box_of
from ..starts.looks_as import looks_as_large_as
from ..volume.bricks import SIDE, grid_of
from ..volume.windows import read_window
from .air import GRAVITY, HEAT_CAPACITY, LATENT, air_of, droplets, saturated
from .kept import moving
from .solver import BLOCK, FULL, HEAT, KELVIN, LEAST_MARGIN, SMOKE, WATER, Weather

CELLS = 48
"""Cells along the span of the form, unless something else is said."""
BESIDE = 1.0
"""Room at each side, in spans of the form, as far as it is needed."""
THICK = 1.6
"""Cells on either side of the surface that give off."""
FOOT = 0.2
"""Share of the form's height that is its foot."""
MOST_ALONG = 2_000
"""Cells along one side that a growth may ask for."""
SMOKE_A_SECOND = 4.0
"""Densities of smoke that are given off at least in even air: a quarter of a second of the film fills a cell."""
UNEVEN = 0.25
"""By how much what is given off is warmer here and cooler there, so that no flow stays a figure of two halves alike."""
RISES_IN = 30.0
"""Seconds of the usual growth's weather for which a cloud of a hundred metres of nature rises by its own size, about."""


@dataclass(frozen=True, eq=False)
class Source:
    """A form as what gives off, on the cells of a solver.

    Attributes
    ----------
    growth : Growth
    shape : tuple of int
        Cells along x, y and z that the flow may take.
    cell : float
        Metres of the mound.
    origin : ndarray of float64, shape (3,)
        Middle of the first cell, metres of the mound.
    box : tuple of slice
        Cells within which the form is.
    gives : ndarray of float32
        How much each cell of that box may give off, 0 to 1.
    form : ndarray of float32
        Density of the form itself there, where its core is 1.
    uneven : ndarray of float32
        Warmth of these cells, as a share of that of the growth.
    moves : ndarray of float32, shape (..., 3), or None
        Velocity of the form there, metres of nature a second of weather.
    parcel : ndarray of float32, shape (2, Y)
        Of air from the base level, at each height: kelvin and kg of water in a kg above the still air.
    weather : Weather
    solid : ndarray of bool, shape (X, Y, Z), or None
        Cells in which stand-ins are that the flow goes round.
    """

    growth: Growth
    shape: tuple
    cell: float
    origin: np.ndarray
    box: tuple
    gives: np.ndarray
    form: np.ndarray
    uneven: np.ndarray
    moves: object
    parcel: np.ndarray
    weather: Weather
    solid: object = None

    def strength(self, seconds):
        """How much it gives off at a time of the film, by its curve and bursts: float, 0 to 1."""
        growth = self.growth
        if seconds >= growth.emits:
            return 0.0
        share = seconds / growth.emits
        burst = max(np.sin(2.0 * np.pi * growth.bursts * share), 0.0) if growth.bursts else 1.0
        return max(float(curve_values(growth.fades, share)), 0.0) * float(burst)

    def emit(self, flowing):
        """What the next step of a flow adds: callable as of `Flowing.step`, or None where nothing does.

        Parameters
        ----------
        flowing : Flowing
        """
        growth = self.growth
        seconds = flowing.seconds / growth.pace
        strength = self.strength(seconds)
        if strength <= 0.0 or growth.gives == "nothing":
            return None
        gives = self.gives * np.float32(strength)
        if growth.patchy > 0.0:
            gives *= _patches(growth, self.cell, self.origin, self.box, self.gives, seconds)
        # As long as what is warm takes to leave its patch: by then all but 1 / e⁴ of the air there is replaced.
        lift = GRAVITY * max(abs(growth.heat), 0.1) / KELVIN * growth.patch * growth.larger
        lasts = growth.patch * growth.larger / max(lift**0.5, growth.speed, 0.1)

        def emit(box, fields, faces, seconds):
            at = tuple(slice(own.start - side.start, own.stop - side.start) for own, side in zip(self.box, box))
            share = gives * np.float32(1.0 - np.exp(-4.0 * seconds / lasts))
            if growth.moisture > 0.0 or growth.heat != 0.0:
                self.mixed(fields[(slice(None), *at)], share)
            if growth.smoke > 0.0:
                smoke = fields[(SMOKE, *at)]
                smoke[:] = np.minimum(smoke + np.float32(growth.smoke * seconds / growth.pace) * gives, 1.0)
            if growth.speed > 0.0:
                faces[1][at] += share * (np.float32(growth.speed) - faces[1][at])
            if self.moves is not None:
                for axis, face in enumerate(faces):
                    face[at] += share * (self.moves[..., axis] - face[at])

        return emit

    def mixed(self, fields, share):
        """Mix air from the base level into that of the form's box, in place.

        Parameters
        ----------
        fields : ndarray of float32, shape (3, ...)
        share : ndarray of float32
            How much of each cell is replaced, 0 to 1.
        """
        warm, water = self.parcel[:, self.box[1], None]
        fields[HEAT] += share * (warm + np.float32(self.growth.heat) * self.uneven - fields[HEAT])
        if self.growth.moisture > 0.0:
            fields[WATER] += share * (water - fields[WATER])

    def begin(self, flowing):
        """Let a flow begin with the form as its cloud, in place.

        Parameters
        ----------
        flowing : Flowing
            Whose box holds that of the form.
        """
        at = tuple(slice(own.start - side.start, own.stop - side.start) for own, side in zip(self.box, flowing.box))
        fields = flowing.carried[(slice(None), *at)]
        if self.growth.moisture > 0.0 and self.weather.air is not None:
            self.mixed(fields, self.form)
            self._filled(fields)
        else:
            fields[SMOKE] = self.form
            fields[HEAT] = self.form * np.float32(self.growth.heat) * self.uneven
        flowing.taken(flowing.box, flowing.faces, flowing.carried, flowing.riding.rode, flowing.seconds, flowing.left)

    def _filled(self, fields):
        """Give the form as many droplets as its density asks for, where air from the base level has fewer, and no more warmth."""
        air = self.weather.air
        theta, vapour, exner, pressure = (each[self.box[1], None] for each in (air.theta, air.vapour, air.exner, air.pressure))
        wanted = FULL * self.form
        fewer = np.maximum(wanted - droplets(theta + fields[HEAT], vapour + fields[WATER], pressure), 0.0)
        fields[HEAT] -= LATENT / HEAT_CAPACITY / exner * fewer
        kelvin = (theta + fields[HEAT]) * exner + LATENT / HEAT_CAPACITY * wanted
        fields[WATER] = np.where(fewer > 0.0, saturated(kelvin, pressure) + wanted - vapour, fields[WATER])

    def first_box(self):
        """Cells that a flow takes at first: tuple of slice."""
        sides = []
        for axis, (side, most) in enumerate(zip(self.box, self.shape)):
            low, high = max(0, (side.start - LEAST_MARGIN) // BLOCK * BLOCK), min(most, side.stop + LEAST_MARGIN)
            high = min(most, low + scipy.fft.next_fast_len(-(-(high - low) // BLOCK) * BLOCK, real=True))
            sides.append(slice(0, high) if axis == 1 else slice(low, high))
        return tuple(sides)

    def seen(self, flowing):
        """What is seen of a growth: its cloud, and that of the form where it stays: ndarray of float32, shape of the flow's box.

        Parameters
        ----------
        flowing : Flowing
        """
        cloud = flowing.cloud()
        if self.growth.form == "beside":
            at = tuple(slice(own.start - side.start, own.stop - side.start) for own, side in zip(self.box, flowing.box))
            np.maximum(cloud[at], self.form, out=cloud[at])
        return cloud


def growth_for(mound):
    """A growth to begin with, of numbers that suit a mound.

    Parameters
    ----------
    mound : Mound

    Returns
    -------
    Growth
        It moves like a natural cloud of the size that this one looks as large as.
    """
    span = max(span_of(mound), 0.5)
    larger = min(max(looks_as_large_as(mound.light.medium.extinction, span) / span, 1.0), 100.0)
    # What is so many times larger rises so many times as far, which takes the root of that time as long.
    pace = RISES_IN * (span * larger / 100.0) ** 0.5 / Growth().seconds
    return Growth(larger=float(f"{larger:.2g}"), patch=max(float(f"{0.2 * span:.2g}"), 0.01),
                  pace=min(float(f"{pace:.2g}"), 2_000.0))


def in_even_air(growth):
    """A growth in air that is as warm everywhere, in which nothing condenses: it is seen by its smoke.

    Parameters
    ----------
    growth : Growth

    Returns
    -------
    Growth
    """
    return growth.edited(sounding=None, smoke=max(growth.smoke, SMOKE_A_SECOND))


def cell_of(mound):
    """Edge of a cell of a mound's growth: its own, or a share of the span rounded to two digits: float, metres."""
    growth = mound.growth
    if growth is not None and growth.cell is not None:
        return growth.cell
    return max(float(f"{max(span_of(mound), 0.5) / CELLS:.2g}"), 0.005)


def cells_of(mound):
    """Cells that a growth may take.

    Parameters
    ----------
    mound : Mound
        With a growth.

    Returns
    -------
    shape : tuple of int
    cell : float
        Metres.
    origin : ndarray of float64, shape (3,)

    Raises
    ------
    Problem
        When there is no form.
    """
    growth, box = mound.growth, _bounds_all_along(mound)
    if growth is None:
        raise Problem("{}: has no growth; choose Grow in Mass, or say how long it lasts.", mound.name)
    if box is None:
        raise Problem("{}: has no form that could give anything off; add one first.", mound.name)
    cell, (low, high) = cell_of(mound), np.array(box, float)
    if mound.mass.base.on:
        low[1] = max(low[1], mound.mass.base.altitude)
    span = float((high - low).max())
    low -= (BESIDE * span, 2.0 * cell, BESIDE * span)
    high += (BESIDE * span, growth.room * span, BESIDE * span)
    if growth.heat < 0.0:
        # What is colder sinks, down to what stands in its way.
        low[1] -= growth.room * span
        floors = [box_of(each)[0][1] for each in obstacles_of(mound.stand_ins)]
        low[1] = max(low[1], min(floors)) if floors else low[1]
    own = low.copy(), high.copy()
    # What goes with the wind needs room on that side.
    for speed in (growth.wind, growth.wind + growth.shear * (high[1] - low[1]) * growth.larger / 1000.0):
        far = growth.seconds * growth.pace * speed / growth.larger * direction_of(growth.along, 0.0)
        far = np.clip(far, -3.0 * span, 3.0 * span)
        low, high = np.minimum(low, own[0] + far), np.maximum(high, own[1] + far)
    shape = tuple(scipy.fft.next_fast_len(int(np.ceil(side / cell)), real=True) for side in np.maximum(high - low, 8.0 * cell))
    if max(shape) > MOST_ALONG:
        raise DoesNotFit("{}: cells of {:g} m would be {:,} along one side, more than {:,}; choose larger ones.", mound.name, cell,
                         max(shape), MOST_ALONG)
    return shape, cell, low + 0.5 * cell


def _bounds_all_along(mound):
    """Box of a mound's forms, wherever keys and drift bring them while it grows; of what moves by files, as it stands."""
    times = some_of(range(mound.time.first, mound.time.last + 1)) if moving(mound) else ()
    boxes = [box for box in (bounds_of(mound), *(bounds_of(at_frame(mound, time)) for time in times)) if box is not None]
    return (np.min([low for low, _ in boxes], axis=0), np.max([high for _, high in boxes], axis=0)) if boxes else None


def source_of(mound, ticket=None, frame=None, folder="."):
    """A mound as what gives off.

    Parameters
    ----------
    mound : Mound
        With a growth.
    ticket : Ticket, optional
    frame : int, optional
        Of the time line, where forms move; default what the mound is.
    folder : path-like, optional
        That files of sequences are named from.

    Returns
    -------
    Source

    Raises
    ------
    Problem
        When nothing of it could give anything off, or it does not fit.
    """
    growth = mound.growth
    shape, cell, origin = cells_of(mound)
    still = mound if frame is None else mound_at(mound, frame, folder)
    box = _box_of(still, cell, origin, shape)
    within, at = tuple(side.stop - side.start for side in box), origin + cell * np.array([side.start for side in box])
    form = _dense_density(still, cell, at, within, ticket)
    masked = _masked(still, cell, at, within, ticket) if growth.where or growth.gives == "surface" else None
    gives = _given(growth.gives, form, masked)
    solid = _obstacles(mound.stand_ins, cell, origin, shape)
    if solid is not None:
        gives[solid[box]] = 0.0
    if growth.gives != "nothing" and not gives.any():
        raise Problem("{}: nothing of it gives anything off; add a form, or choose fewer masks and patches.", mound.name)
    if growth.smoke == 0.0 and growth.form == "none" and (growth.moisture == 0.0 or growth.sounding is None):
        raise Problem("{}: gives off nothing that could be seen: no smoke, and nothing condenses without moisture and a sounding; "
                      "give it one of both.", mound.name)
    if growth.gives == "nothing" and growth.form != "first":
        raise Problem("{}: gives nothing off, and its form is no cloud to begin with; choose one of both.", mound.name)
    moves = None
    if frame is not None:
        points = at + cell * np.indices(within).reshape(3, -1).T
        later = mound_at(mound, frame + 1, folder)
        speed = velocity_at(still.mass, later.mass, points, growth.pace / mound.time.rate, cell) * growth.larger
        moves = speed.reshape(*within, 3).astype(np.float32) if speed.any() else None
    air, parcel, height = _air_at(mound, growth, cell, origin, shape[1])
    speed = growth.wind + growth.shear * height / 1000.0
    wind = (speed[:, None] * direction_of(growth.along, 0.0)[[0, 2]]).astype(np.float32)
    uneven = 1.0 + UNEVEN * np.random.default_rng(growth.seed).standard_normal(within)
    return Source(growth, shape, cell, origin, box, gives, form, uneven.astype(np.float32), moves, parcel,
                  Weather(air, wind, growth.cools, growth.thins), solid)


def _air_at(mound, growth, cell, origin, count):
    """Still air, what air from the base level has above it, and heights above that level, in metres of nature, of each layer."""
    base = growth.base if growth.base is not None else mound.mass.base.altitude if mound.mass.base.on else float(origin[1])
    height = growth.larger * (origin[1] + cell * np.arange(count) - base)
    if growth.sounding is None:
        return None, np.stack([np.zeros(count), np.zeros(count)]).astype(np.float32), height
    air, below = air_of(growth.sounding, height), air_of(growth.sounding, np.zeros(1))
    total = growth.moisture * saturated(below.temperature, below.pressure)
    return air, np.stack([below.theta - air.theta, total - air.vapour]).astype(np.float32), height


def _box_of(mound, cell, origin, shape):
    """Cells within which a mound's form is, and two around: tuple of slice."""
    box = bounds_of(mound)
    low, high = ((np.asarray(corner) - origin) / cell for corner in (box if box is not None else (origin, origin)))
    first = np.clip(np.floor(low).astype(int) - 2, 0, np.array(shape) - 1)
    last = np.clip(np.ceil(high).astype(int) + 3, first + 1, shape)
    return tuple(slice(int(a), int(b)) for a, b in zip(first, last))


def _given(gives, form, masked):
    """How much each cell may give off."""
    if gives == "nothing":
        return np.zeros_like(form)
    if gives == "surface":
        return masked
    out = form.copy()
    if gives == "foot":
        there = np.flatnonzero((form > 0.3).any(axis=(0, 2)))
        if len(there):
            out[:, there[0] + max(2, round(FOOT * len(there))):] = 0.0
    return out if masked is None else out * masked


def obstacles_of(stand_ins):
    """Stand-ins in the way of growth.

    Parameters
    ----------
    stand_ins : sequence of StandIn

    Returns
    -------
    list of StandIn
    """
    return [each for each in stand_ins if each.obstacle and each.shown != "hidden"]


def _obstacles(stand_ins, cell, origin, shape):
    """Cells that stand-ins take: those whose middle is within, or that a thin one goes through."""
    found = np.zeros(shape, bool)
    for stand_in in obstacles_of(stand_ins):
        low, high = (np.asarray(corner) - origin for corner in box_of(stand_in))
        first, last = np.floor(low / cell).astype(int) - 1, np.ceil(high / cell).astype(int) + 2
        first, last = np.clip(first, 0, shape), np.clip(last, 0, shape)
        if (first >= last).any():
            continue
        cells = np.stack(np.meshgrid(*(np.arange(a, b) for a, b in zip(first, last)), indexing="ij"), -1)
        places = (origin + cell * cells).reshape(cells.shape[0], -1, 3)
        within = signed_distances(stand_in, places, 2.0 * cell) <= (0.0 if stand_in.enclosed else 0.5 * cell)
        found[tuple(slice(a, b) for a, b in zip(first, last))] |= within.reshape(cells.shape[:3])
    return found if found.any() else None


def _dense_density(mound, cell, origin, shape, ticket):
    """Density of a mound on cells, its core as 1."""
    grid = density_grid(mound, cell, ticket.quiet() if ticket is not None else None)
    core = max(float(mound.skin.core), 1e-6)
    return _at_cells(grid, cell, origin, shape) / np.float32(core)


def _at_cells(grid, cell, origin, shape):
    """What a grid of the same voxel holds at cells that lie between its voxels: of two along each axis, by their shares."""
    at = (origin - np.asarray(grid.offset)) / cell
    first = np.floor(at).astype(int)
    share = at - first
    brick = first // SIDE
    whole = read_window(grid, brick, (first + np.array(shape) + 1) // SIDE - brick + 1)
    out = whole[tuple(slice(s, s + n + 1) for s, n in zip(first - brick * SIDE, shape))]
    for axis in range(3):
        low = np.take(out, np.arange(shape[axis]), axis)
        out = low + np.float32(share[axis]) * (np.take(out, np.arange(1, shape[axis] + 1), axis) - low)
    return np.ascontiguousarray(out, np.float32)


def _masked(mound, cell, origin, shape, ticket):
    """How much cells give off by the masks of the growth; of its surface, those near the displaced surface."""
    quiet, growth = ticket.quiet() if ticket is not None else None, mound.growth
    # Of its inside, as far in as there is any.
    reach = 3.0 * cell if growth.gives == "surface" else cell * (0.5 * min(shape) + 2.0)
    band = band_for(mound, cell, SHAPED, quiet, reach)
    coords = band.cells.coords
    if not len(coords):
        return np.zeros(shape, np.float32)
    begun = begun_at(mound, cell, band.shape, coords, "displaced", quiet)
    distance = evaluated(mound, cell, band, band.cells, "displaced", quiet, begun=begun)
    near = np.clip(1.0 - np.abs(distance) / (THICK * cell), 0.0, 1.0) if growth.gives == "surface" else np.ones_like(distance)
    masked = shares(growth.where, coords, cell, distance, landmarks_of(mound))
    return _at_cells(grid_of(cell, coords, near if masked is None else near * masked), cell, origin, shape)


def _patches(growth, cell, origin, box, gives, seconds):
    """Patches that give off at a time of the film, over cells that do at all."""
    out, at = np.zeros(gives.shape, np.float32), np.argwhere(gives > 0.0)
    first = np.array([side.start for side in box])
    # A pattern that evolves is another one after a quarter of its period.
    evolved = {"time": seconds, "period": 4.0 * growth.pulse} if growth.pulse > 0.0 else {}
    found = noise_points(origin + cell * (first + at), Noise(feature=growth.patch, octaves=3, seed=growth.seed, **evolved))
    level = np.quantile(found, growth.patchy) if growth.patchy < 1.0 else np.inf
    spread = max(float(found.std()), 1e-6)
    share = np.clip((found - level) / (0.6 * spread) + 0.5, 0.0, 1.0)
    out[tuple(at.T)] = share * share * (3.0 - 2.0 * share)
    return out
