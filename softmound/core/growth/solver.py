"""A flow that carries cloud, heat and vapour upward: one step after the other.

The equations of an incompressible flow with buoyancy (Stam 1999, Stable fluids, SIGGRAPH; Fedkiw, Stam and Jensen 2001) on
staggered velocities (Harlow and Welch 1965, Physics of Fluids 8): forces, then pressure, then everything goes with the flow.
Vapour that rises above the base level becomes droplets and gives off heat, so that turrets drive themselves upward (Harris et
al. 2003). No sum here depends on the number of threads.
"""

from dataclasses import dataclass

import numpy as np

from ..kernels import threads
from .advection import carried, centred, condense, urge, whirls
from .pressure import freed

CLOUD, HEAT, VAPOUR = FIELDS = range(3)
GRAVITY, AIR = 9.81, 288.0
"""Metres a second squared; kelvin of the air around."""
FARTHEST = 2.5
"""Cells that anything may go in one step; more is done in several."""


@dataclass(frozen=True)
class Weather:
    """What a flow is subject to.

    Attributes
    ----------
    holds : ndarray of float32, shape (Y,) or None
        Vapour that the air can hold at each altitude; None where nothing condenses.
    warms : float
        Kelvin for a share of 1 that becomes droplets.
    dries : float
        Share of what the air could still hold that dries up in a second.
    wind : ndarray of float32, shape (Y, 2)
        Along x and z at each altitude, metres a second.
    whirls : float
        Vorticity confinement.
    load : float
        Kelvin that cloud of a share of 1 weighs as much as.
    cools, thins : float
        Shares of heat and of cloud that are lost in a second.
    """

    holds: object = None
    warms: float = 0.0
    dries: float = 0.0
    wind: object = None
    whirls: float = 0.0
    load: float = 0.0
    cools: float = 0.0
    thins: float = 0.0


class Flowing:
    """A flow and what it carries.

    Parameters
    ----------
    shape : tuple of int
        Cells along x, y and z.
    cell : float
        Edge in metres.
    weather : Weather, optional
    solid : ndarray of bool, shape (X, Y, Z), optional
        Cells that the flow goes round.

    Attributes
    ----------
    faces : tuple of ndarray of float32
        Velocity through the faces of cells, metres a second, without the wind.
    carried : ndarray of float32, shape (3, X, Y, Z)
        Cloud, heat in kelvin above the air around, and vapour.
    seconds : float
        Since the beginning.
    left : float
        Divergence that the last pressure left, as a share of what there was.
    """

    def __init__(self, shape, cell, weather=None, solid=None):
        wide, high, deep = shape
        self.shape, self.cell = tuple(shape), cell
        self.weather = Weather() if weather is None else weather
        self.faces = (np.zeros((wide + 1, high, deep), np.float32), np.zeros((wide, high + 1, deep), np.float32),
                      np.zeros((wide, high, deep + 1), np.float32))
        self.carried = np.zeros((len(FIELDS), *shape), np.float32)
        self.wind = np.zeros((high, 2), np.float32) if self.weather.wind is None else self.weather.wind.astype(np.float32)
        self.solid, self._still = solid, None
        if solid is not None:
            # Against the wind, which blows everywhere.
            self._still = tuple(np.zeros_like(face) for face in self.faces)
            self._still[0][:] = -self.wind[None, :, None, 0]
            self._still[2][:] = -self.wind[None, :, None, 1]
        self.seconds, self.left = 0.0, 0.0

    def flow(self):
        """Velocity in the middles of cells, wind included: ndarray of float32, shape (X, Y, Z, 3), metres a second."""
        return centred(self.faces, self.wind)

    def step(self, seconds, emit=None, ticket=None):
        """Go on, in as many steps as the flow asks for.

        Parameters
        ----------
        seconds : float
        emit : callable, optional
            Given the carried fields and seconds, adds to them in place what comes from the form.
        ticket : Ticket, optional

        Raises
        ------
        Stopped
            Where the ticket says so; what was reached is then the last whole step.
        """
        left = float(seconds)
        while left > 1e-9:
            fastest = max(float(np.abs(self.wind).max()), *(float(max(f.max(), -f.min())) for f in self.faces))
            now = min(left, FARTHEST * self.cell / max(fastest, 1e-6))
            if ticket is not None:
                ticket.tick(1.0 - left / seconds)
            self._step(now, emit, ticket)
            left -= now

    def _step(self, seconds, emit, ticket=None):
        heard = ticket.quiet().tick if ticket is not None else lambda _share: None
        weather = self.weather
        fields = self.carried.copy()
        if emit is not None:
            emit(fields, seconds)
        if weather.holds is not None:
            condense(fields[CLOUD], fields[HEAT], fields[VAPOUR], weather.holds, weather.warms, min(1.0, weather.dries * seconds))
        heard(0.1)
        faces = tuple(face.copy() for face in self.faces)
        flow = centred(faces, self.wind)
        force = whirls(flow, weather.whirls) if weather.whirls > 0.0 else np.zeros_like(flow)
        lift = (GRAVITY / AIR) * (fields[HEAT] - np.float32(weather.load) * fields[CLOUD])
        urge(faces, force, lift, seconds)
        heard(0.2)
        left = freed(faces, threads(), self.solid, self._still)
        heard(0.4)
        flow, step = centred(faces, self.wind), seconds / self.cell
        moved = carried(fields, flow, step)
        kept_whole(fields, moved, flow, step)
        gone = []
        for axis, face in enumerate(faces):
            heard(0.6)
            gone.append(carried(face[None], flow, step, axis, empty=False)[0])
        faces = tuple(gone)
        for field, share in ((CLOUD, weather.thins), (HEAT, weather.cools)):
            if share > 0.0:
                moved[field] *= np.float32((1.0 - share) ** seconds)
        if self.solid is not None:
            moved[:, self.solid] = 0.0
        # All at once, so that one who is stopped before has the step before.
        self.faces, self.carried, self.left = faces, moved, left
        self.seconds += seconds


def kept_whole(before, after, flow, step):
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
    """
    out = np.maximum
    for field, was in zip(after, before):
        gone = step * float(
            (was[0] * out(-flow[0, :, :, 0], 0)).sum(dtype=np.float64) + (was[-1] * out(flow[-1, :, :, 0], 0)).sum(dtype=np.float64)
            + (was[:, -1] * out(flow[:, -1, :, 1], 0)).sum(dtype=np.float64)
            + (was[:, :, 0] * out(-flow[:, :, 0, 2], 0)).sum(dtype=np.float64)
            + (was[:, :, -1] * out(flow[:, :, -1, 2], 0)).sum(dtype=np.float64))
        wanted, there = float(was.sum(dtype=np.float64)) - gone, float(field.sum(dtype=np.float64))
        if there > 0.0 and wanted > 0.0:
            # A factor far from 1 would be a fault to be seen rather than hidden.
            field *= np.float32(min(max(wanted / there, 0.9), 1.1))
