"""A flow that carries smoke, warmth and water upward: one step after the other.

The equations of an incompressible flow with buoyancy (Stam 1999, Stable fluids, SIGGRAPH; Fedkiw, Stam and Jensen 2001) on
staggered velocities (Harlow and Welch 1965, Physics of Fluids 8): forces, then pressure, then everything goes with the flow. Water
is carried with its droplets, and warmth as it would be without them, since neither changes when air rises or mixes (Deardorff 1976,
Quarterly Journal of the Royal Meteorological Society 102): what is more than the air can hold is cloud at once, and where dry air
is mixed into a cloud its edge dries up, cools and sinks. No sum here depends on the number of threads.
"""

from dataclasses import dataclass
from functools import partial

import numpy as np
import scipy

from ..kernels import threads
from ..machine import free_memory
from ..problems import DoesNotFit
from .advection import carried, centred, lifted, lightened, slabs, urge
from .air import GRAVITY
from .pressure import freed

SMOKE, HEAT, WATER = FIELDS = range(3)
KELVIN = 288.0
"""Of the air around, where it is the same at every height."""
FARTHEST = 2.5
"""Cells that anything may go in one step; more is done in several."""
FULL = 5e-4
"""Droplets of a cloud of density 1, kg in a kg of air: those of a fair-weather cumulus (Rogers and Yau 1989, chapter 5)."""
ASTIR = 0.02
"""Smoke, and kelvin where the air is the same at every height, below which a cell counts as still."""
DAMP = 5e-4
"""Water above that of the air, kg in a kg, above which a cell is part of what rises: air that is only moved about has less."""
FLOATS = 26
"""Numbers of each cell that a step holds at the most, about."""
COARSER = 2
"""Cells along one of the texture coordinates that ride on the flow."""
MARGIN, LEAST_MARGIN, BLOCK = 0.35, 8, 8
"""Room around what is astir as a share of its width, at least so many cells; the box grows by blocks of cells."""


@dataclass(frozen=True)
class Weather:
    """What a flow is subject to.

    Attributes
    ----------
    air : Air or None
        Still air at the height of each layer of cells; None where it is the same everywhere and nothing condenses.
    wind : ndarray of float32, shape (Y, 2)
        Along x and z at each altitude, metres a second.
    cools, thins : float
        Shares of warmth and of smoke that are lost in a second.
    """

    air: object = None
    wind: object = None
    cools: float = 0.0
    thins: float = 0.0


class Riding:
    """Two sets of texture coordinates that go with a flow, each begun anew after a while, the one when the other counts most.

    Parameters
    ----------
    shape : tuple of int
        Cells of the flow.
    cell : float
        Metres.
    lasts : float
        Seconds for which a set rides.

    Attributes
    ----------
    rode : ndarray of float32, shape (2, 3, x, y, z)
        From where each of every second cells is to where what is there was when the set was begun, metres.
    """

    def __init__(self, shape, cell, lasts):
        self.cell, self.lasts = COARSER * cell, lasts
        self.rode = np.zeros((2, 3, *(-(-n // COARSER) for n in shape)), np.float32)

    def counting(self, seconds):
        """How much each set counts at a time, and how often it was begun: (float, float), (int, int)."""
        turns = seconds / self.lasts + np.array([0.5, 0.0])
        return tuple(1.0 - np.abs(2.0 * (turns % 1.0) - 1.0)), tuple(np.floor(turns).astype(int))

    def go(self, flow, begun, seconds, heard=None):
        """Ride on.

        Parameters
        ----------
        flow : ndarray of float32, shape (X, Y, Z, 3)
            Metres a second.
        begun, seconds : float
            When, and for how long.
        heard : callable, optional
            See `core.growth.advection.slabs`.
        """
        if np.isinf(self.lasts):
            return
        coarse = np.empty((*self.rode.shape[2:], 3), np.float32)
        for some in slabs(coarse.shape, heard):
            coarse[some] = _halved(flow[COARSER * some.start : COARSER * some.stop])
        fields = self.rode.reshape(6, *self.rode.shape[2:])
        moved, places = carried(fields, coarse, seconds / self.cell, empty=False, heard=heard)
        for axis in range(3):
            where = np.arange(places.shape[axis], dtype=np.float32).reshape([-1 if a == axis else 1 for a in range(3)])
            moved[axis::3] += np.float32(self.cell) * (places[..., axis] - where)
        self.rode = moved.reshape(self.rode.shape)
        for one, (was, now) in enumerate(zip(self.counting(begun)[1], self.counting(begun + seconds)[1])):
            if now != was:
                self.rode[one] = 0.0

    def wider(self, at, shape):
        """Be of a larger box.

        Parameters
        ----------
        at : tuple of slice
            Where the cells that there were lie in it; their first ones are even.
        shape : tuple of int
        """
        old = self.rode
        self.rode = np.zeros((2, 3, *(-(-n // COARSER) for n in shape)), np.float32)
        within = tuple(slice(side.start // COARSER, side.start // COARSER + n) for side, n in zip(at, old.shape[2:]))
        place = self.rode[(slice(None), slice(None), *within)]
        place[:] = old[tuple(slice(0, n) for n in place.shape)]


def _halved(flow):
    """A flow at half as many cells along each axis: the mean of eight, of the last ones of those there are."""
    odd = [(0, n % COARSER) for n in flow.shape[:3]]
    even = np.pad(flow, [*odd, (0, 0)], mode="edge") if any(n for _, n in odd) else flow
    return sum(even[i::2, j::2, k::2] for i in (0, 1) for j in (0, 1) for k in (0, 1)) * np.float32(0.125)


class Flowing:
    """A flow and what it carries, on the cells where anything is astir and some around them.

    Parameters
    ----------
    shape : tuple of int
        Cells along x, y and z that it may take.
    cell : float
        Edge in metres.
    weather : Weather, optional
    solid : ndarray of bool, shape (X, Y, Z), optional
        Cells that the flow goes round.
    box : tuple of slice, optional
        Cells that it takes at first, from the ground up, those of x and z from an even one on; default all of them.
    lasts : float, optional
        Seconds for which detail rides before it is begun anew; default none does.

    Attributes
    ----------
    box : tuple of slice
        The cells that it takes now, of all: those of `faces` and `carried`.
    faces : tuple of ndarray of float32
        Velocity through the faces of cells, metres a second, without the wind.
    carried : ndarray of float32, shape (3, x, y, z)
        Smoke; kelvin of liquid-water potential temperature, and kg of water in a kg, above those of the still air.
    water : ndarray of float32, shape (x, y, z)
        Droplets before the last step, kg in a kg.
    seconds : float
        Since the beginning.
    left : float
        Divergence that the last pressure left, as a share of what there was.
    """

    def __init__(self, shape, cell, weather=None, solid=None, box=None, lasts=np.inf):
        self.shape, self.cell = tuple(map(int, shape)), cell
        self.weather = Weather() if weather is None else weather
        self.solid, self.seconds, self.left = solid, 0.0, 0.0
        high = self.shape[1]
        self._wind = np.zeros((high, 2), np.float32) if self.weather.wind is None else self.weather.wind.astype(np.float32)
        air = self.weather.air
        self._air = None if air is None else np.stack([air.theta, air.vapour, air.exner, air.pressure]).astype(np.float32)
        self.box, self._still = tuple(slice(0, n) for n in self.shape) if box is None else box, None
        within = tuple(side.stop - side.start for side in self.box)
        self.faces = tuple(np.zeros([n + (axis == at) for at, n in enumerate(within)], np.float32) for axis in range(3))
        self.carried = np.zeros((len(FIELDS), *within), np.float32)
        self.water, self.riding = np.zeros(within, np.float32), Riding(within, cell, lasts)
        self._fitted()

    def _fitted(self):
        """What stands still, in the box."""
        up = self.box[1]
        self.wind, self.air = self._wind[up], None if self._air is None else np.ascontiguousarray(self._air[:, up])
        self._still = self._in_box = None
        if self.solid is not None and self.solid[self.box].any():
            self._in_box = np.ascontiguousarray(self.solid[self.box])
            # Against the wind, which blows everywhere.
            self._still = tuple(np.zeros_like(face) for face in self.faces)
            self._still[0][:] = -self.wind[None, :, None, 0]
            self._still[2][:] = -self.wind[None, :, None, 1]

    def taken(self, box, faces, fields, rode, seconds, left):
        """Be as a flow was that was kept.

        Parameters
        ----------
        box, faces, fields, rode, seconds, left
            `box`, `faces`, `carried`, `riding.rode`, `seconds` and `left` of it.
        """
        self.box, self.faces, self.carried, self.seconds, self.left = box, faces, fields, seconds, left
        self.riding.rode = rode
        self._fitted()
        self.water = self._lightened(fields)[1]

    def flow(self):
        """Velocity in the middles of cells, wind included: ndarray of float32, shape (x, y, z, 3), metres a second."""
        return centred(self.faces, self.wind)

    def cloud(self):
        """What is seen: ndarray of float32, shape (x, y, z), 0 to 1."""
        return np.clip(self.carried[SMOKE] + self._lightened(self.carried)[1] * np.float32(1.0 / FULL), 0.0, 1.0)

    def step(self, seconds, emit=None, ticket=None):
        """Go on, in as many steps as the flow asks for.

        Parameters
        ----------
        seconds : float
        emit : callable, optional
            Given the flow's box, fields, faces and seconds, adds to them in place what comes from the form.
        ticket : Ticket, optional

        Raises
        ------
        Stopped
            Where the ticket says so; the flow is then of no use any more.
        """
        left = float(seconds)
        while left > 1e-9:
            fastest = max(float(np.abs(self.wind).max()), *(float(max(f.max(), -f.min())) for f in self.faces))
            now = min(left, FARTHEST * self.cell / max(fastest, 1e-6))
            if ticket is not None:
                ticket.tick(1.0 - left / seconds)
            self._grow()
            self._step(now, emit, ticket)
            left -= now

    def _grow(self):
        """Take more cells where what is astir has come near the end of the box."""
        if all(side.stop - side.start == n for side, n in zip(self.box, self.shape)):
            return
        fields = self.carried
        astir = fields[SMOKE] > ASTIR
        astir |= np.abs(fields[HEAT]) > ASTIR if self.air is None else (self.water > 0.0) | (fields[WATER] > DAMP)
        found = [np.flatnonzero(astir.any(axis=tuple(a for a in range(3) if a != axis))) for axis in range(3)]
        if not len(found[0]):
            return
        wide = max(found[0][-1] - found[0][0], found[2][-1] - found[2][0]) + 1
        margin = max(LEAST_MARGIN, int(MARGIN * wide))
        sides = []
        for axis, (side, at, most) in enumerate(zip(self.box, found, self.shape)):
            low, high = side.start + at[0] - margin, side.start + at[-1] + 1 + margin
            low = side.start if low >= side.start else max(0, low // BLOCK * BLOCK)
            high = side.stop if high <= side.stop else min(most, -(-high // BLOCK) * BLOCK)
            # Transforms like lengths of small factors; the ground is always one side.
            high = min(most, low + scipy.fft.next_fast_len(int(high - low), real=True)) if high > side.stop else high
            sides.append(slice(0 if axis == 1 else int(low), int(high)))
        self._widened(sides)

    def include(self, box):
        """Take more cells where a part of others is outside of those there are.

        Parameters
        ----------
        box : tuple of slice
            Of all that it may take.
        """
        sides = []
        for axis, (side, other, most) in enumerate(zip(self.box, box, self.shape)):
            low = min(side.start, other.start // BLOCK * BLOCK)
            sides.append(slice(0 if axis == 1 else low, max(side.stop, min(most, -(-other.stop // BLOCK) * BLOCK))))
        self._widened(sides)

    def _widened(self, sides):
        """Take the cells within some sides, which hold those there are; what is new is still."""
        if tuple(sides) == self.box:
            return
        taken = memory_of([side.stop - side.start for side in sides])
        if taken > free_memory() + memory_of(self.carried.shape[1:]):
            raise DoesNotFit("The growth has come to take {:.1f} GB, more than there is; frames up to here are kept. Choose larger "
                             "cells, or less room.", taken / 1e9)
        old, self.box = self.box, tuple(sides)
        within = tuple(side.stop - side.start for side in sides)
        at = tuple(slice(a.start - b.start, a.stop - b.start) for a, b in zip(old, sides))
        faces = []
        for axis, face in enumerate(self.faces):
            wider = np.zeros([n + (axis == which) for which, n in enumerate(within)], np.float32)
            wider[tuple(slice(s.start, s.stop + (axis == which)) for which, s in enumerate(at))] = face
            faces.append(wider)
        wider = np.zeros((len(FIELDS), *within), np.float32)
        wider[(slice(None), *at)] = self.carried
        drops = np.zeros(within, np.float32)
        drops[at] = self.water
        self.faces, self.carried, self.water = tuple(faces), wider, drops
        self.riding.wider(at, within)
        self._fitted()

    def _lightened(self, fields, heard=None):
        """Lift of each cell, metres a second squared, and its droplets, kg in a kg."""
        if self.air is None:
            return np.float32(GRAVITY / KELVIN) * fields[HEAT], np.zeros_like(fields[HEAT])
        return lightened(fields[HEAT], fields[WATER], self.air, heard)

    def _step(self, seconds, emit, ticket=None):
        heard = None if ticket is None else partial(ticket.quiet().tick, 0.5)
        weather = self.weather
        fields, faces = self.carried, self.faces
        if emit is not None:
            emit(self.box, fields, faces, seconds)
        lift, water = self._lightened(fields, heard)
        urge(faces, lift, seconds)
        del lift
        left = freed(faces, threads(), self._in_box, self._still, heard)
        if heard is not None:
            heard()
        flow, step = centred(faces, self.wind), seconds / self.cell
        moved, places = carried(fields, flow, step, heard=heard)
        kept_whole(fields, moved, flow, step, heard)
        if self.air is not None:
            lifted(moved, places, self.air, heard)
        del places
        for axis, face in enumerate(faces):
            face[:] = carried(face[None], flow, step, axis, empty=False, heard=heard)[0][0]
        for field, share in ((SMOKE, weather.thins), (HEAT, weather.cools)):
            if share > 0.0:
                moved[field] *= np.float32((1.0 - share) ** seconds)
        if self._in_box is not None:
            moved[:, self._in_box] = 0.0
        self.riding.go(flow, self.seconds, seconds, heard)
        self.carried, self.water, self.left = moved, water, left
        self.seconds += seconds


def memory_of(shape):
    """Bytes that a step on so many cells takes, about: float.

    Parameters
    ----------
    shape : sequence of int
    """
    return float(np.prod(shape, dtype=float)) * 4.0 * FLOATS


def kept_whole(before, after, flow, step, heard=None):
    """Give back, in place, what carrying lost of each field, or take what it added, evenly over what is there.

    Tracing back conserves nothing by itself. What goes out through the sides and the top is lost indeed: it is counted by the
    flow at the border.

    Parameters
    ----------
    before, after : ndarray of float32, shape (n, X, Y, Z)
        `after` is changed.
    flow : ndarray of float32, shape (X, Y, Z, 3)
    step : float
        Seconds, divided by the edge of a cell.
    heard : callable, optional
        See `core.growth.advection.slabs`.
    """
    out = np.maximum
    for field, was in zip(after, before):
        if heard is not None:
            heard()
        gone = step * float(
            (was[0] * out(-flow[0, :, :, 0], 0)).sum(dtype=np.float64) + (was[-1] * out(flow[-1, :, :, 0], 0)).sum(dtype=np.float64)
            + (was[:, -1] * out(flow[:, -1, :, 1], 0)).sum(dtype=np.float64)
            + (was[:, :, 0] * out(-flow[:, :, 0, 2], 0)).sum(dtype=np.float64)
            + (was[:, :, -1] * out(flow[:, :, -1, 2], 0)).sum(dtype=np.float64))
        wanted, there = float(was.sum(dtype=np.float64)) - gone, float(field.sum(dtype=np.float64))
        whole = sum(float(np.abs(field[some]).sum(dtype=np.float64)) for some in slabs(field.shape, heard))
        if whole > 0.0:
            # A share far from 0 would be a fault to be seen rather than hidden. What is colder or drier is below 0.
            share = np.float32(min(max((wanted - there) / whole, -0.1), 0.1))
            for some in slabs(field.shape, heard):
                field[some] += share * np.abs(field[some])
