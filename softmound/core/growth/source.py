"""Where a form gives off heat, vapour and smoke, and the air that it gives them off into."""

from dataclasses import dataclass

import numpy as np
import scipy

from ..directions import direction_of
from ..engine.density import SHAPED, band_for, begun_at, bounds_of, density_grid, evaluated, span_of
from ..grain.where import landmarks_of, shares
from ..noise.sums import noise_points
from ..problems import DoesNotFit, Problem
from ..recipe import Noise
from ..recipe.time import Growth
from ..standins.distance import signed_distances
from ..standins.surfaces import box_of
from ..volume.bricks import SIDE, grid_of
from ..volume.windows import read_window
from .kept import MOST_CELLS
from .solver import CLOUD, HEAT, VAPOUR, Weather

CELLS = 64
"""Cells along the span of the form, unless something else is said."""
BESIDE = 0.45
"""Room at each side, in spans of the form."""
THICK = 1.6
"""Cells on either side of the surface that give off."""
LOAD = 1.0
"""Kelvin by which air would be colder that weighs as much as a full cloud: 3 g of water in a kilogram of it are 0.9 K."""


@dataclass(frozen=True, eq=False)
class Source:
    """A form as what gives off, on the cells of a solver.

    Attributes
    ----------
    shape : tuple of int
        Cells along x, y and z.
    cell : float
        Metres.
    origin : ndarray of float64, shape (3,)
        Middle of the first cell, metres.
    gives : ndarray of float32, shape (X, Y, Z)
        How much each cell gives off, 0 to 1.
    form : ndarray of float32, shape (X, Y, Z)
        Density of the form itself, where its core is 1.
    weather : Weather
    solid : ndarray of bool, shape (X, Y, Z), or None
        Cells in which stand-ins are that the flow goes round.
    """

    shape: tuple
    cell: float
    origin: np.ndarray
    gives: np.ndarray
    form: np.ndarray
    weather: Weather
    solid: object = None

    def emit(self, growth, seconds_before):
        """What a step adds: callable as of `Flowing.step`.

        Parameters
        ----------
        growth : Growth
        seconds_before : float
            Of weather that went by.
        """
        if seconds_before >= growth.emits * growth.pace:
            return None

        def emit(fields, seconds):
            fields[HEAT] += np.float32(growth.heat * seconds) * self.gives
            if growth.moisture > 0.0:
                np.maximum(fields[VAPOUR], np.float32(growth.moisture) * (self.gives > 0.05) * self.gives, out=fields[VAPOUR])
            if growth.smoke > 0.0:
                fields[CLOUD] = np.minimum(fields[CLOUD] + np.float32(growth.smoke * seconds) * self.gives, 1.0)

        return emit


def growth_for(mound):
    """A growth to begin with, of lengths that suit a mound.

    Parameters
    ----------
    mound : Mound

    Returns
    -------
    Growth
        The usual one for a span of three hundred metres; smaller clouds move by less, larger ones by more.
    """
    share = max(span_of(mound), 0.5) / 300.0
    length, usual = float(f"{24.0 * share:.2g}"), Growth()
    # What is so many times larger falls and rises so many times as far, which takes the root of that time as long.
    return usual.edited(patch=max(length, 0.01), over=max(float(f"{usual.over * share:.2g}"), 0.1),
                        pace=min(max(float(f"{usual.pace * share**0.5:.2g}"), 0.01), 100.0))


def memory_of(shape):
    """Bytes that growing on so many cells takes, about: float."""
    return float(np.prod(shape, dtype=float)) * 4.0 * 34.0


def cell_of(mound):
    """Edge of a cell of a mound's growth: its own, or a share of the span rounded to two digits: float, metres."""
    growth = mound.growth
    if growth is not None and growth.cell is not None:
        return growth.cell
    return max(float(f"{max(span_of(mound), 0.5) / CELLS:.2g}"), 0.005)


def cells_of(mound):
    """Cells that a growth takes.

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
        When there is no form, or it takes more cells than there may be.
    """
    growth, box = mound.growth, bounds_of(mound)
    if growth is None:
        raise Problem("{}: has no growth; choose Grow in Mass, or say how long it lasts.", mound.name)
    if box is None:
        raise Problem("{}: has no form that could give anything off; add one first.", mound.name)
    cell, (low, high) = cell_of(mound), np.array(box, float)
    if mound.mass.base.on:
        low[1] = max(low[1], mound.mass.base.altitude)
    span = float((high - low).max())
    low -= (BESIDE * span, 2.0 * cell, BESIDE * span)
    high += (BESIDE * span, growth.room * (high[1] - low[1]), BESIDE * span)
    own = low.copy(), high.copy()
    # What goes with the wind needs room on that side.
    for speed in (growth.wind, growth.wind + growth.shear * (high[1] - low[1]) / 100.0):
        far = np.clip(growth.seconds * growth.pace * speed * direction_of(growth.along, 0.0), -span, span)
        low, high = np.minimum(low, own[0] + far), np.maximum(high, own[1] + far)
    shape = tuple(scipy.fft.next_fast_len(int(np.ceil(side / cell)), real=True) for side in np.maximum(high - low, 8.0 * cell))
    if np.prod(shape, dtype=float) > MOST_CELLS:
        raise DoesNotFit("{}: cells of {:g} m would be {:.0f} million, more than {}; choose larger "
                         "ones.", mound.name, cell, np.prod(shape, dtype=float) / 1e6, MOST_CELLS // 10**6)
    return shape, cell, low + 0.5 * cell


def source_of(mound, ticket=None):
    """A mound as what gives off.

    Parameters
    ----------
    mound : Mound
        With a growth.
    ticket : Ticket, optional

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
    gives = _on_surface(mound, cell, origin, shape, ticket)
    if growth.patchy > 0.0:
        gives *= _patches(growth, cell, origin, shape, gives)
    solid = _obstacles(mound.stand_ins, cell, origin, shape)
    if solid is not None:
        gives[solid] = 0.0
    if not gives.any():
        raise Problem("{}: nothing of its surface gives anything off; add a form, or choose fewer masks and patches.", mound.name)
    base = growth.base if growth.base is not None else mound.mass.base.altitude if mound.mass.base.on else float(origin[1])
    height = origin[1] + cell * np.arange(shape[1]) - base
    holds = np.exp(-height / growth.over).clip(0.0, 1e6).astype(np.float32) if growth.moisture > 0.0 else None
    speed = growth.wind + growth.shear * height / 100.0
    wind = (speed[:, None] * direction_of(growth.along, 0.0)[[0, 2]]).astype(np.float32)
    weather = Weather(holds, growth.warms, growth.dries, wind, growth.whirls, LOAD, growth.cools, growth.thins)
    return Source(shape, cell, origin, gives, _dense_density(mound, cell, origin, shape, ticket), weather, solid)


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


def _on_surface(mound, cell, origin, shape, ticket):
    """How much the cells near the displaced surface give off, by the masks of the growth."""
    quiet = ticket.quiet() if ticket is not None else None
    band = band_for(mound, cell, SHAPED, quiet, 3.0 * cell)
    coords = band.cells.coords
    if not len(coords):
        return np.zeros(shape, np.float32)
    begun = begun_at(mound, cell, band.shape, coords, "displaced", quiet)
    distance = evaluated(mound, cell, band, band.cells, "displaced", quiet, begun=begun)
    near = np.clip(1.0 - np.abs(distance) / (THICK * cell), 0.0, 1.0)
    masked = shares(mound.growth.where, coords, cell, distance, landmarks_of(mound))
    return _at_cells(grid_of(cell, coords, near if masked is None else near * masked), cell, origin, shape)


def _patches(growth, cell, origin, shape, gives):
    """Patches that give off, over cells that do at all."""
    out = np.zeros(shape, np.float32)
    at = np.argwhere(gives > 0.0)
    noise = Noise(feature=growth.patch, octaves=3, seed=growth.seed)
    found = noise_points(origin + cell * at, noise)
    level = np.quantile(found, growth.patchy) if growth.patchy < 1.0 else np.inf
    spread = max(float(found.std()), 1e-6)
    share = np.clip((found - level) / (0.6 * spread) + 0.5, 0.0, 1.0)
    out[tuple(at.T)] = share * share * (3.0 - 2.0 * share)
    return out
