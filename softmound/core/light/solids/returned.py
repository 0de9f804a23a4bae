"""Light that comes to stand-ins by way of others, of clouds and of the sky, held at points of their surfaces.

Every point looks round in directions that are the same for all, spread as the cosine of the angle to its normal, so that what is
missed is missed evenly and no point stands out from those beside it. What stand-ins send back is taken from the round before
(Jacobi's iteration of radiosity: Goral, Torrance, Greenberg and Battaile 1984, Modeling the interaction of light between diffuse
surfaces, SIGGRAPH).
"""

import math
from typing import NamedTuple

import numpy as np

from ...kernels import borrowed, each, f32
from ...standins.tree import ENCLOSES, FAR, LIGHT, from_within, met
from ...vectors import BLACK, carried, plus, row_of, scaled
from ..paths.next_event import sky_cell
from .arriving import straight, through_clouds

ROUNDS = 3
"""Rounds in which light goes from one to the next; each brings one bounce more."""
HIDDEN = 0.3
"""Share of directions in which the inside of something is seen from which on a point counts as covered by it."""
FEW, MANY = 24, 128
"""Directions: in the rounds before the last and under a hand, and in the last one."""


class Returned(NamedTuple):
    """Light at the corners of the triangles of stand-ins.

    Attributes
    ----------
    round : ndarray of float32, shape (V, 3)
        Irradiance by all but what comes straight from the sun and lamps, at the corners of triangles.
    sent : ndarray of float32, shape (V, 3)
        Radiance that is sent back there, of all light.
    """

    round: np.ndarray
    sent: np.ndarray

    @property
    def nbytes(self):
        """Bytes held."""
        return self.round.nbytes + self.sent.nbytes


def spread_ways(count):
    """Directions about +z, as many for each cosine as the cosine is large.

    Parameters
    ----------
    count : int

    Returns
    -------
    ndarray of float32, shape (count, 3)
    """
    n = np.arange(count) + 0.5
    far, turn = np.sqrt(n / count), n * np.pi * (3.0 - np.sqrt(5.0))
    return np.stack([far * np.cos(turn), far * np.sin(turn), np.sqrt(np.maximum(1.0 - far**2, 1e-4))], axis=-1).astype(np.float32)


@each("out")
def _straight(n, solids, light, points, facing, out):
    """Irradiance of points by what comes straight."""
    whole, shining = borrowed(solids), borrowed(light)
    normal = row_of(facing, n)
    out[n, 0], out[n, 1], out[n, 2] = straight(shining, whole, carried(row_of(points, n), normal, whole.near), normal)


@each("out")
def _looked_round(n, solids, light, points, facing, ways, sent, out, within):
    """Irradiance of points by what comes from all round, and in how many directions they look at the inside of something."""
    whole, shining = borrowed(solids), borrowed(light)
    x, y, z = row_of(facing, n)
    # Two directions square to the normal that change evenly with it (Duff and others 2017, J. Computer Graphics Techniques 6).
    sign = f32(1) if z >= f32(0) else f32(-1)
    a = f32(-1) / (sign + z)
    b = x * y * a
    place = carried(row_of(points, n), (x, y, z), whole.near)
    total = BLACK
    within[n] = 0
    for d in range(ways.shape[0]):
        u, v, w = row_of(ways, d)
        way = (u * (f32(1) + sign * x * x * a) + v * b + w * x + f32(1e-9),
               u * sign * b + v * (sign + y * y * a) + w * y + f32(1e-9), -u * sign * x - v * y + w * z + f32(1e-9))
        reach, triangle, at_u, at_v = met(whole, place, way, FAR, LIGHT, False)
        left, found = through_clouds(shining, place, way, reach, True)
        if triangle < 0:
            r, c = sky_cell(shining.sky, way)
            found = plus(found, scaled((shining.sky[r, c, 0], shining.sky[r, c, 1], shining.sky[r, c, 2]), left))
        elif whole.about[whole.of[triangle], ENCLOSES] != 0 and from_within(whole, triangle, way):
            within[n] += 1
        else:
            for corner in range(3):
                share = at_u if corner == 1 else (at_v if corner == 2 else f32(1) - at_u - at_v)
                found = plus(found, scaled(row_of(sent, whole.held_at[triangle, corner]), left * share))
        total = plus(total, found)
    share = f32(math.pi / ways.shape[0])
    out[n, 0], out[n, 1], out[n, 2] = total[0] * share, total[1] * share, total[2] * share


def returned(solids, held, light, quick=False, ticket=None):
    """Light at the points of stand-ins.

    Parameters
    ----------
    solids : Solids
    held : Held
    light : Light
    quick : bool, optional
        With few directions, under a hand.
    ticket : Ticket, optional

    Returns
    -------
    Returned
    """
    direct, found = np.empty((2, *held.points.shape), np.float32)
    _straight(solids, light, held.points, held.facing, direct)
    back = solids.colours[held.of] / np.float32(math.pi)
    sent, within = held.blend @ (back * direct), np.zeros(len(held.points), np.int32)
    for nth in range(ROUNDS):
        if ticket is not None:
            ticket.tick(nth / ROUNDS)
        ways = spread_ways(MANY if nth == ROUNDS - 1 and not quick else FEW)
        _looked_round(solids, light, held.points, held.facing, ways, sent, found, within)
        free = (within < HIDDEN * len(ways)).astype(np.float32)
        sent = _blended(held, back * (direct + found), free)
    return Returned(_blended(held, found, free), sent)


def _blended(held, values, free):
    """Values of points at the corners, without those points that lie where two things touch."""
    shares = held.blend @ free
    there = np.divide(held.blend @ (values * free[:, None]), shares[:, None], where=shares[:, None] > 1e-6,
                      out=np.zeros((len(shares), 3), np.float32))
    return np.ascontiguousarray(there, np.float32)
