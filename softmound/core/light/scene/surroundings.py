"""All that lights the cloud from outside, worked out once: radiance by direction, the sun, and shares of the sky."""

from dataclasses import dataclass, replace

import numpy as np

from ...budget import remembered
from ...directions import direction_of
from .floor import FloorLight, floor_light, sent_up
from .groups import FIXED, factors
from .skies import kind_of
from .sky import directions_of

ROWS, COLUMNS = 96, 192
"""Cells of the table that lights; all have the same solid angle."""
FINE_ROWS, FINE_COLUMNS = 256, 192
"""Samples of the table behind the cloud; its rows lie closest together at the horizon."""

@dataclass(frozen=True, eq=False)
class Surroundings:
    """Light from outside.

    Attributes
    ----------
    sky : ndarray of float32, shape (ROWS, COLUMNS, 3)
        Mean radiance in cells of equal solid angle, from straight up down, azimuth from +z toward +x.
    behind : ndarray of float32, shape (FINE_ROWS, FINE_COLUMNS + 1, 3)
        Radiance as the camera sees it. A row's sine of elevation is v |v| with v from 1 to -1; the last column is the
        first again.
    sun : ndarray of float64, shape (3,)
        Irradiance of a sheet facing the sun at the cloud.
    parts : ndarray of float64, shape (3, 3)
        Mean radiance over the sphere that comes from above 30 degrees, from there to the horizon, and from below: the
        rows add up to the mean radiance of all directions.
    floor : FloorLight or None
        Sea or land, which takes the place of what the sky has below the horizon.
    """

    sky: np.ndarray
    behind: np.ndarray
    sun: np.ndarray
    parts: np.ndarray
    floor: FloorLight | None = None

    @property
    def nbytes(self):
        """Bytes held."""
        return self.sky.nbytes + self.behind.nbytes + (0 if self.floor is None else self.floor.lit.nbytes)


def radiance(directions, sun, sky):
    """Radiance of the surroundings, without the disk of the sun.

    Parameters
    ----------
    directions : array_like of float, shape (..., 3)
        Unit vectors.
    sun : Sun
    sky : Sky

    Returns
    -------
    ndarray of float64, shape (..., 3)
        Linear RGB.
    """
    return sky.strength * kind_of(sky).radiance(np.asarray(directions, float), sun, sky)


def surroundings_of(light):
    """Surroundings of a light.

    Parameters
    ----------
    light : Light

    Returns
    -------
    Surroundings
        As they are mixed.
    """
    if light.floor.kind == "none":
        found = _open(light.sun, light.sky)
    else:
        # Of what is below, where it lies makes no difference to its light.
        found = _over(light.sun, light.sky, light.floor.edited(level=0.0, patches=1.0))
    return mixed(found, *factors(light, FIXED[:3])) if light.mix else found


def mixed(around, sun, sky, below):
    """Surroundings of which every light group is multiplied by something.

    Parameters
    ----------
    around : Surroundings
    sun, sky, below : array_like of float, shape (3,)

    Returns
    -------
    Surroundings
    """
    sky, below = np.asarray(sky, np.float32), np.asarray(below, np.float32)
    by_rows = np.where(np.arange(ROWS)[:, None] < ROWS // 2, sky, below)[:, None, :]
    # Over sea or land what is behind them is haze, which has the colour of the sky.
    under = sky if around.floor is not None else below
    behind = np.where(np.arange(FINE_ROWS)[:, None] < FINE_ROWS // 2, sky, under)[:, None, :]
    floor = around.floor and around.floor._replace(
        lit=around.floor.lit * below, sunny=around.floor.sunny * below, sunlight=around.floor.sunlight * below)
    return Surroundings(around.sky * by_rows, around.behind * behind, around.sun * sun,
                        around.parts * np.stack([sky, sky, below]), floor)


_AZIMUTHS = 2.0 * np.pi * (np.arange(COLUMNS) + 0.5) / COLUMNS
_SINES = 1.0 - 2.0 * (np.arange(ROWS) + 0.5) / ROWS
"""Of the cells that light."""


@remembered
def _open(sun, sky):
    """Surroundings without sea or land."""
    kind, v = kind_of(sky), np.linspace(1.0, -1.0, FINE_ROWS)
    cells = sky.strength * kind.cells(_SINES, _AZIMUTHS, sun, sky)
    behind = sky.strength * kind.seen(v * np.abs(v), np.linspace(0.0, 2.0 * np.pi, FINE_COLUMNS + 1), sun, sky)
    return Surroundings(np.ascontiguousarray(cells, np.float32), np.ascontiguousarray(behind, np.float32),
                        np.pi * sun.strength * np.asarray(sun.colour) * kind.arriving(sun, sky), _parts(cells))


@remembered
def _over(sun, sky, floor):
    """The same over sea or land."""
    above, half = _open(sun, sky), ROWS // 2

    def seen(ways):
        rows = (1.0 - np.sqrt(np.clip(ways[..., 1], 0.0, 1.0))) * (FINE_ROWS - 1) / 2.0
        columns = np.arctan2(ways[..., 0], ways[..., 2]) / (2.0 * np.pi) % 1.0 * FINE_COLUMNS
        return above.behind[np.rint(rows).astype(int), np.rint(columns).astype(int)]

    down = 4.0 * np.pi / (ROWS * COLUMNS) * (_SINES[:half, None, None] * above.sky[:half]).sum(axis=(0, 1), dtype=np.float64)
    below = floor_light(floor, direction_of(sun.azimuth, sun.elevation), above.sun, seen, down)
    cells = above.sky.copy()
    cells[half:] = sent_up(below, directions_of(_SINES[half:], _AZIMUTHS))
    return replace(above, sky=cells, parts=_parts(cells), floor=below)


def _parts(cells):
    """Mean radiance over the sphere by three zones: see `Surroundings`."""
    zones = np.array_split(cells.mean(axis=1, dtype=np.float64), [ROWS // 4, ROWS // 2])
    return np.array([zone.sum(axis=0) / ROWS for zone in zones])
