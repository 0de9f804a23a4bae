"""Light that has reached each place in the cloud, on a dense lattice of limited size.

Its cells are whole blocks of voxels, as fine as the voxels while the cloud is small and coarser
when it is large, so that light costs the same however fine the grid.
"""

import math
from dataclasses import dataclass, replace
from functools import lru_cache

import numpy as np

from ...colour import luminance
from ...directions import direction_of
from ...kernels import each, f32, i32
from ..marching.transmittance import transmittance
from ..scene.groups import unmixed
from ..scene.lamps import lamps_of
from ..scene.scene import mixture_of
from ..scene.sky import directions_of
from ..scene.surroundings import COLUMNS, ROWS, surroundings_of
from ..solids.between import covering, lamp_seen
from .sweep import depth_toward
from .transport import DIRECTIONS, transported

NEAREST = f32(0.36)
"""Cells from a lamp, at least: as far as its light is, on the mean, within a cell that it stands in."""
ZONES = (DIRECTIONS[:, 1] < -0.5, (DIRECTIONS[:, 1] < 0.0) & (DIRECTIONS[:, 1] > -0.5), DIRECTIONS[:, 1] > 0.0)
"""Directions along which light comes from the zenith, the horizon and the ground: what comes from above goes down."""


@dataclass(frozen=True, eq=False)
class Lattice:
    """Light at the cells of two lattices: the sun's fine, the surroundings' coarse.

    Attributes
    ----------
    sun_first, sky_first : ndarray of float64, shape (3,)
        World position of the middle of cell (0, 0, 0) of each, metres.
    sun_cell, sky_cell : float
        Edges in metres.
    sun : ndarray of float32, shape (X, Y, Z)
        Optical depth toward the sun; not always contiguous, see `depth_toward`.
    sky : ndarray of float32, shape (U, V, W, 4 or 7, 4)
        Radiance scattered on there, for scattering without its forward peak: its mean over directions, and what is added
        to it times the direction. Of sunlight scattered before, per unit of irradiance; of zenith, horizon and ground, per
        unit of mean radiance; and, where there are lamps, of their light in red, green and blue.
    nest : Nest or None
        Finer light of some of the clouds, see `core.light.lattices.nested`.
    near : Near or None
        Finer depth toward the sun where a cloud is refined, see `core.light.lattices.near`.
    covered : ndarray of float32, shape (X, Y, Z), or None
        What of `sun` stands for stand-ins in the way: see `core.light.solids.between`.
    """

    sun_first: np.ndarray
    sun_cell: float
    sun: np.ndarray
    sky_first: np.ndarray
    sky_cell: float
    sky: np.ndarray
    nest: object = None
    near: object = None
    covered: object = None

    @property
    def nbytes(self):
        """Bytes held."""
        finer = (0 if self.nest is None else self.nest.lattice.nbytes) + (0 if self.near is None else self.near.sun.nbytes)
        return self.sun.nbytes + self.sky.nbytes + finer + (0 if self.covered is None else self.covered.nbytes)

    @property
    def zones(self):
        """Light of zenith, horizon and ground alone: ndarray of float32, shape (U, V, W, 3, 4)."""
        return np.ascontiguousarray(self.sky[..., 1:4, :])


@each("out")
def _first_light(x, density, depth, scale, factor, stride, out):
    """Mean of what arrives in cubes of cells, weighed by what there is to scatter it, from every so many cells."""
    for y in range(out.shape[1]):
        for z in range(out.shape[2]):
            total = f32(0)
            some = f32(0)
            for i in range(x * factor, min((x + 1) * factor, density.shape[0]), stride):
                for j in range(y * factor, min((y + 1) * factor, density.shape[1]), stride):
                    for k in range(z * factor, min((z + 1) * factor, density.shape[2]), stride):
                        if density[i, j, k] > f32(0):
                            total += density[i, j, k] * transmittance(scale * depth[i, j, k])
                            some += density[i, j, k]
            out[x, y, z] = total / some if some > f32(0) else f32(0)


@each("out")
def _from_lamp(x, small, wide, lamp, radius, extinction, out):
    """Radiance that light of a lamp of intensity 1 sends on where it is scattered first, by mean and direction."""
    for y in range(out.shape[1]):
        for z in range(out.shape[2]):
            if small[x, y, z] <= f32(0):
                continue
            ax = f32(x) - lamp[0]
            ay = f32(y) - lamp[1]
            az = f32(z) - lamp[2]
            # Near the lamp light falls so fast that the middle of a cell says little about it.
            parts = 5 if ax * ax + ay * ay + az * az < f32(9) else 1
            for part in range(parts * parts * parts):
                dx = ax + (f32(part // (parts * parts)) + f32(0.5)) / f32(parts) - f32(0.5)
                dy = ay + (f32(part // parts % parts) + f32(0.5)) / f32(parts) - f32(0.5)
                dz = az + (f32(part % parts) + f32(0.5)) / f32(parts) - f32(0.5)
                apart = max(math.sqrt(dx * dx + dy * dy + dz * dz), NEAREST / f32(parts))
                steps = i32(max(f32(2), min(apart * f32(2), f32(64))))
                depth = f32(0)
                for n in range(steps):
                    t = (f32(n) + f32(0.5)) / f32(steps)
                    i = i32(math.floor(lamp[0] + dx * t + f32(0.5)))
                    j = i32(math.floor(lamp[1] + dy * t + f32(0.5)))
                    k = i32(math.floor(lamp[2] + dz * t + f32(0.5)))
                    if i >= 0 and j >= 0 and k >= 0 and i < out.shape[0] and j < out.shape[1] and k < out.shape[2]:
                        depth += small[i, j, k]
                depth *= extinction * wide * apart / f32(steps)
                # In the middle of a ball that shines evenly there is light as from its radius over the root of 3.
                squared = apart * apart * wide * wide + radius * radius * f32(1.0 / 3.0)
                arriving = transmittance(depth) / (f32(4.0 * math.pi * parts * parts * parts) * squared)
                lean = arriving / apart
                out[x, y, z, 0] += arriving
                out[x, y, z, 1] += lean * dx
                out[x, y, z, 2] += lean * dy
                out[x, y, z, 3] += lean * dz


def _thick(coarse, mixture):
    """Optical thickness of the surroundings' cells without the forward peak."""
    return coarse.small * np.float32(mixture.extinction * (1.0 - mixture.peak) * coarse.wide)


@lru_cache(maxsize=1)
def _seen_along():
    """For each cell of the surroundings the number of the direction, of those of its zone, along which its light enters."""
    azimuths = 2.0 * np.pi * (np.arange(COLUMNS) + 0.5) / COLUMNS
    ways = directions_of(1.0 - 2.0 * (np.arange(ROWS) + 0.5) / ROWS, azimuths)
    along = np.empty((ROWS, COLUMNS), np.int64)
    for rows, zone in zip(np.array_split(np.arange(ROWS), (ROWS // 4, ROWS // 2)), ZONES):
        numbers = np.flatnonzero(zone)
        along[rows] = numbers[(-ways[rows] @ DIRECTIONS[numbers].T).argmax(axis=-1)]
    return along


def zone_shares(light):
    """How the light of zenith, horizon and ground is spread over the directions along which it enters.

    Parameters
    ----------
    light : Light

    Returns
    -------
    tuple of tuple of float
        For each of the three zones 24 radiances, with a mean of 1, to three digits: as exact as 24 directions are. A plain sky has
        the same everywhere, whatever its colour.
    """
    bright, along = luminance(surroundings_of(unmixed(light)).sky.astype(np.float64)), _seen_along()
    counts = np.bincount(along.ravel(), minlength=len(DIRECTIONS))
    each = np.bincount(along.ravel(), bright.ravel(), len(DIRECTIONS)) / np.maximum(counts, 1)
    each = np.maximum(each, 1e-9)
    return tuple(tuple(np.round(np.where(zone, each / each[zone].mean(), 0.0) / zone.mean(), 3).tolist()) for zone in ZONES)


def _evened(coarse, thick, place, first):
    """What a lamp within the cloud has to be multiplied by so that all its light is scattered somewhere, but what gets out."""
    cell = tuple(np.rint(place).astype(int))
    if min(cell) < 0 or any(c >= side for c, side in zip(cell, thick.shape)) or thick[cell] <= 0.0:
        return np.float32(1.0)
    way = np.arange(0.25, max(thick.shape), 0.5)
    places = np.rint(place + way[:, None, None] * DIRECTIONS).astype(int)
    inside = ((places >= 0) & (places < thick.shape)).all(axis=-1)
    along = thick[tuple(np.moveaxis(np.clip(places, 0, np.array(thick.shape) - 1), -1, 0))] * inside
    caught = 1.0 - np.exp(-0.5 * along.sum(axis=0)).mean()
    # What all cells take up, in units of all that a lamp of intensity 1 gives off.
    found = float((thick * first[..., 0]).sum()) * coarse.wide**2
    return np.float32(caught / found)


def from_lamps(coarse, light, frame=0, mixture=None, between=None):
    """Light of lamps where it is scattered first, by mean and direction.

    Parameters
    ----------
    coarse : Coarse
    light : Light
    frame : int, optional
        For their flicker.
    mixture : Mixture, optional
        Default that of the light's medium.
    between : Between, optional
        Stand-ins that hide lamps.

    Returns
    -------
    firsts : ndarray of float32, shape (U, V, W, 4, n)
        Of each lamp, or of red, green and blue where there are more than three.
    colours : ndarray of float32, shape (n, 3)
        Of each.
    """
    lamps = lamps_of(light, frame)
    mixture = mixture_of(light.medium) if mixture is None else mixture
    thick = _thick(coarse, mixture)
    lean = np.array([1.0, *[3.0 * mixture.cosine] * 3], np.float32)
    firsts = np.zeros((len(lamps), *coarse.small.shape, 4), np.float32)
    for first, lamp in zip(firsts, lamps):
        place = (np.array(lamp.place) - coarse.wide_first) / coarse.wide
        _from_lamp(coarse.small, f32(coarse.wide), place.astype(np.float32), f32(lamp.radius),
                   f32(mixture.extinction * (1.0 - mixture.peak)), first)
        first *= _evened(coarse, thick, place, first)
        if between is not None:
            first *= lamp_seen(between, coarse, lamp.place)[..., None]
    colours = np.array([lamp.intensity for lamp in lamps], np.float32).reshape(-1, 3)
    if len(lamps) > 3 or between is not None:
        # Light adds up: three colours need no more than three solutions.
        firsts, colours = np.einsum("nxyzm,nc->cxyzm", firsts, colours), np.eye(3, dtype=np.float32)
    return np.moveaxis(firsts * lean, 0, -1), colours


def with_lamps(lattice, coarse, light, frame=0, mixture=None, between=None, back=None):
    """A lattice with the light of lamps, and of what stand-ins send back.

    Parameters
    ----------
    lattice : Lattice
        From `lit`.
    coarse, light, frame, mixture, between
        As of `from_lamps`.
    back : ndarray of float32, shape (24, 3), optional
        What stand-ins send along each of `DIRECTIONS`.

    Returns
    -------
    Lattice
    """
    if not lamps_of(light, frame) and back is None:
        return lattice
    mixture = mixture_of(light.medium) if mixture is None else mixture
    firsts, colours = from_lamps(coarse, light, frame, mixture, between)
    entering = np.zeros((len(DIRECTIONS), firsts.shape[-1]), np.float32) if back is None else back
    shone = firsts + transported(_thick(coarse, mixture), mixture.cosine, firsts, entering)
    sky = np.concatenate([lattice.sky, np.einsum("xyzmn,nc->xyzcm", shone, colours)], axis=3)
    # What lamps light is near them, and not a sky: the finer light of its clouds knows nothing of them.
    return replace(lattice, sky=np.ascontiguousarray(sky, np.float32), nest=None)


def arriving_in(coarse, sun, scale):
    """Share of the sunlight that arrives in the cells of the surroundings.

    Parameters
    ----------
    coarse : Coarse
    sun : ndarray of float32, shape (X, Y, Z)
        Optical depth toward the sun, from `depth_toward`.
    scale : float32
        What the depth is multiplied by.

    Returns
    -------
    ndarray of float32, shape (U, V, W)
    """
    # Read in the order in which the depths lie in memory.
    turned = not sun.flags.c_contiguous
    density, depth = (coarse.turned, sun.transpose(2, 0, 1)) if turned else (coarse.density, sun)
    small = coarse.small.transpose(2, 0, 1) if turned else coarse.small
    found = np.zeros(small.shape, np.float32)
    _first_light(density, depth, scale, coarse.factor, max(1, coarse.factor // 4), found)
    return np.ascontiguousarray(found.transpose(1, 2, 0)) if turned else found


def lit(coarse, light, zones=None, ticket=None, mixture=None, between=None, around=None):
    """Light in a cloud.

    Parameters
    ----------
    coarse : Coarse
    light : Light
    zones : ndarray of float32, shape (U, V, W, 3, 4), optional
        Those of `Lattice.zones` for the same media and `zone_shares`, where they are known already.
    ticket : Ticket, optional
    mixture : Mixture, optional
        Default that of the light's medium.
    between : Between, optional
        Stand-ins that cover the sun.
    around : Around, optional
        What they hide of all other light.

    Returns
    -------
    Lattice
    """
    tick = ticket.tick if ticket is not None else lambda share: None
    mixture = mixture_of(light.medium) if mixture is None else mixture
    sun = sun_depth(coarse, light, mixture)
    covered = covering(between, direction_of(light.sun.azimuth, light.sun.elevation), coarse, 1.0 - mixture.peak)
    if covered is not None:
        sun += covered
    tick(0.3)
    found = scattered_in(coarse, sun, light, mixture, zones is None, lambda: tick(0.4), around)
    sky = np.ascontiguousarray(found) if zones is None else np.concatenate([found, zones], axis=3)
    return Lattice(coarse.first, coarse.cell, sun, coarse.wide_first, coarse.wide, sky, covered=covered)


def sun_depth(coarse, light, mixture):
    """Optical depth toward the sun.

    Parameters
    ----------
    coarse : Coarse
    light : Light
    mixture : Mixture

    Returns
    -------
    ndarray of float32, shape (X, Y, Z)
        See `depth_toward`.
    """
    sun = depth_toward(coarse.density, coarse.cell, direction_of(light.sun.azimuth, light.sun.elevation), lambda: coarse.turned)
    sun *= np.float32(mixture.extinction)
    return sun


def scattered_in(coarse, sun, light, mixture, zones=True, told=lambda: None, around=None):
    """Radiance scattered on in the cells of the surroundings.

    Parameters
    ----------
    coarse : Coarse
    sun : ndarray of float32, shape (X, Y, Z)
        From `sun_depth`, of these densities and perhaps of others outside them.
    light : Light
    mixture : Mixture
    zones : bool, optional
        Light of zenith, horizon and ground as well.
    told : callable, optional
        Called before the longest part.
    around : Around, optional
        Stand-ins that hide light from all round.

    Returns
    -------
    ndarray of float32, shape (U, V, W, 1 or 4, 4)
        As `Lattice.sky`.
    """
    toward = direction_of(light.sun.azimuth, light.sun.elevation)
    thick, cosine = _thick(coarse, mixture), mixture.cosine
    arriving = arriving_in(coarse, sun, f32(1.0 - mixture.peak))
    lights = 4 if zones else 1
    first = np.zeros((*coarse.small.shape, 4, lights), np.float32)
    first[..., 0] = arriving[..., None] * (np.array([1.0, *(-3.0 * cosine * toward)], np.float32) / np.float32(4.0 * np.pi))
    entering = np.zeros((len(DIRECTIONS), lights), np.float32)
    if zones:
        entering[:, 1:] = np.transpose(zone_shares(light)) * (1.0 if around is None else around.open[:, None])
    told()
    return np.moveaxis(transported(thick, cosine, first, entering), -1, -2)


@each("out")
def _toward(x, sky, first, cell, eye, out):
    """Light of a lattice sent toward the eye."""
    for y in range(out.shape[1]):
        for z in range(out.shape[2]):
            dx = eye[0] - first[0] - f32(x) * cell
            dy = eye[1] - first[1] - f32(y) * cell
            dz = eye[2] - first[2] - f32(z) * cell
            norm = f32(1) / math.sqrt(dx * dx + dy * dy + dz * dz + f32(1e-12))
            for n in range(out.shape[3]):
                light = sky[x, y, z, n]
                out[x, y, z, n] = max(f32(0), light[0] + norm * (dx * light[1] + dy * light[2] + dz * light[3]))


def toward_eye(lattice, eye):
    """Radiance that the cells of the surroundings' lattice scatter toward one place.

    Parameters
    ----------
    lattice : Lattice
    eye : sequence of float, length 3
        Metres.

    Returns
    -------
    ndarray of float32, shape (U, V, W, 4 or 7)
    """
    out = np.empty(lattice.sky.shape[:4], np.float32)
    _toward(lattice.sky, lattice.sky_first.astype(np.float32), f32(lattice.sky_cell), np.asarray(eye, np.float32), out)
    return out
