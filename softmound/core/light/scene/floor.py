"""Sea or land below the clouds: its light by direction, and where their shadow lies on it.

A sea is a surface of facets whose slopes are spread evenly round after Cox and Munk (1954, Measurement of the roughness of the
sea surface from photographs of the sun's glitter, J. Opt. Soc. Am. 44, a clean surface without the wind's direction). What of
the sky it mirrors is the mean over the facets that are seen; the sun glitters on those that stand right. Land sends back
the same in all directions. Facets in the shade of others, light between them and the clouds' own mirror image are left out.
"""

import math
from typing import NamedTuple

import numpy as np
import scipy

from ...directions import direction_of
from ...kernels import borrowed, each, f32, i32, row
from ...standins.tree import FIRST_NODE, distances_to
from .air import RAYLEIGH, haze_extinction
from .scene import mixture_of
from .sky import directions_of

ROWS, COLUMNS = 64, 96
"""Samples of what is sent toward the eye; a row's sine below the horizon is its share squared."""
WATER = 1.34
"""Refractive index of sea water."""
HEAD_ON = f32(((WATER - 1.0) / (WATER + 1.0)) ** 2)
"""Share of light that water mirrors straight back."""
SLOPES = 9
"""Slopes of facets along either axis."""
SHADOW = 320
"""Cells along either side of the shadow's table."""
LOWEST = 0.02
"""Sine of the sun's elevation below which shadows are no longer followed: they are fifty times as long as high."""


class FloorLight(NamedTuple):
    """What sea or land sends toward an eye far above, by the direction one looks along.

    Attributes
    ----------
    lit : ndarray of float32, shape (ROWS, COLUMNS + 1, 3)
        Radiance by the light of the sky. A row's sine below the horizon is its share of the rows squared; columns go round by
        azimuth from +z toward +x, the last is the first again.
    seen : ndarray of float32, shape (ROWS,)
        Area of the facets one sees of an area of level sea; by the same rows.
    toward : ndarray of float32, shape (3,)
        Direction of the sun.
    variance : float32
        Mean square slope of a sea; 0 of land.
    sunny : ndarray of float32, shape (3,)
        What sunlight adds in all directions, where all of it arrives.
    sunlight : ndarray of float32, shape (3,)
        Irradiance of a sheet that faces the sun, which glitters.
    haze : ndarray of float32, shape (3,)
        Extinction of the air before it, 1/m.
    """

    lit: np.ndarray
    seen: np.ndarray
    toward: np.ndarray
    variance: float
    sunny: np.ndarray
    sunlight: np.ndarray
    haze: np.ndarray


class Shadow(NamedTuple):
    """Share of the sunlight that arrives at places of the floor.

    Attributes
    ----------
    share : ndarray of float32, shape (M, N)
        At the middles of cells along x and z; beyond them it is 1.
    first_x, first_z : float32
        Place of the first of them, metres.
    per_x, per_z : float32
        Cells in a metre.
    """

    share: np.ndarray
    first_x: float
    first_z: float
    per_x: float
    per_z: float


NO_SHADOW = Shadow(np.ones((2, 2), np.float32), f32(0.0), f32(0.0), f32(1.0), f32(1.0))


def slope_variance(wind):
    """Mean square slope of a sea, of both axes together (Cox and Munk 1954).

    Parameters
    ----------
    wind : float
        m/s.

    Returns
    -------
    float
    """
    return 0.003 + 0.00512 * wind


def mirrored_share(cosine):
    """Share of unpolarised light that water mirrors (Fresnel's equations).

    Parameters
    ----------
    cosine : array_like of float
        Of the angle between light and the normal.

    Returns
    -------
    ndarray of float64
    """
    cosine = np.clip(np.asarray(cosine, float), 0.0, 1.0)
    within = np.sqrt(1.0 - (1.0 - cosine**2) / WATER**2)
    across = (cosine - WATER * within) / (cosine + WATER * within)
    along = (within - WATER * cosine) / (within + WATER * cosine)
    return (across**2 + along**2) / 2.0


def floor_light(floor, toward, sunlight, sky, mean_down):
    """Light that sea or land sends up.

    Parameters
    ----------
    floor : Floor
        Not of the kind "none".
    toward : ndarray of float64, shape (3,)
        Direction of the sun.
    sunlight : ndarray of float64, shape (3,)
        Irradiance of a sheet that faces it.
    sky : callable
        Radiance of the sky by unit vectors (..., 3) that point above the horizon; float64 (..., 3).
    mean_down : ndarray of float64, shape (3,)
        Irradiance of the level floor by the sky.

    Returns
    -------
    FloorLight
    """
    ways = directions_of(-np.linspace(0.0, 1.0, ROWS) ** 2, np.linspace(0.0, 2.0 * np.pi, COLUMNS + 1))
    diffuse = np.asarray(floor.colour) / np.pi
    lit, seen, variance = np.broadcast_to(diffuse * mean_down, ways.shape), np.ones(ROWS), 0.0
    if floor.kind == "sea":
        variance = slope_variance(floor.wind)
        mirror, seen = _mirrored_sky(ways, variance, sky)
        lit = lit + mirror
    haze = haze_extinction(floor.visibility) + RAYLEIGH
    up = max(toward[1], 0.0)
    return FloorLight(np.ascontiguousarray(lit, np.float32), seen.astype(np.float32), toward.astype(np.float32), f32(variance),
                      (diffuse * sunlight * up).astype(np.float32), (sunlight * (up > 0.0)).astype(np.float32),
                      haze.astype(np.float32))


def _mirrored_sky(ways, variance, sky):
    """What a sea mirrors of the sky along ways that look down on it, and the area of its facets that are seen."""
    nodes, weights = np.polynomial.hermite_e.hermegauss(SLOPES)
    deviation = np.sqrt(variance / 2.0)
    total, seen = np.zeros(ways.shape), np.zeros(ways.shape[:-1])
    for a, by_a in zip(nodes * deviation, weights):
        for b, by_b in zip(nodes * deviation, weights):
            normal = np.array([-a, 1.0, -b]) / np.sqrt(1.0 + a * a + b * b)
            cosine = np.maximum(-ways @ normal, 0.0)
            weight = by_a * by_b * cosine / normal[1]
            mirrored = ways + 2.0 * cosine[..., None] * normal
            # What is mirrored down meets the sea again, far off where it mirrors the sky near the horizon.
            mirrored[..., 1] = np.abs(mirrored[..., 1])
            seen += weight
            total += (weight * mirrored_share(cosine))[..., None] * sky(mirrored)
    return total / np.maximum(seen, 1e-9)[..., None], seen.mean(axis=-1) / weights.sum() ** 2


@row
def glitter(lit, dx, dy, dz):
    """Radiance of the sun mirrored by the facets of a sea, for an irradiance of 1 (Cox and Munk 1954).

    Parameters
    ----------
    lit : FloorLight
    dx, dy, dz : float32
        Unit vector from the eye to the sea.

    Returns
    -------
    float32
        1/sr; 0 of land.
    """
    if lit.variance <= f32(0):
        return f32(0)
    hx = lit.toward[0] - dx
    hy = lit.toward[1] - dy
    hz = lit.toward[2] - dz
    norm = f32(1) / math.sqrt(max(hx * hx + hy * hy + hz * hz, f32(1e-12)))
    up = max(hy * norm, f32(0.02))
    squared = up * up
    # Schlick (1994, An inexpensive BRDF model, Computer Graphics Forum 13, eq. 15).
    miss = f32(1) - min(max((hx * lit.toward[0] + hy * lit.toward[1] + hz * lit.toward[2]) * norm, f32(0)), f32(1))
    mirrored = HEAD_ON + (f32(1) - HEAD_ON) * miss * miss * miss * miss * miss
    at = math.sqrt(min(max(-dy, f32(0)), f32(1))) * f32(ROWS - 1)
    i = min(i32(at), ROWS - 2)
    seen = lit.seen[i] + (at - f32(i)) * (lit.seen[i + 1] - lit.seen[i])
    likely = math.exp((squared - f32(1)) / (squared * lit.variance)) / (f32(math.pi) * lit.variance)
    return mirrored * likely / (f32(4) * squared * squared * max(seen, f32(1e-4)))


@each("out")
def _glitters(n, ways, lit, out):
    """Glitter in each of some directions."""
    floor = borrowed(lit)
    out[n] = glitter(floor, ways[n, 0], ways[n, 1], ways[n, 2])


def sent_up(lit, ways):
    """What a floor sends along ways that look down on it, where no shadow lies.

    Parameters
    ----------
    lit : FloorLight
    ways : ndarray of float64, shape (..., 3)
        Unit vectors.

    Returns
    -------
    ndarray of float64, shape (..., 3)
    """
    mirrored = np.empty(ways.size // 3, np.float32)
    _glitters(np.ascontiguousarray(ways.reshape(-1, 3), np.float32), lit, mirrored)
    return _light_by(lit.lit, ways) + lit.sunny + mirrored.reshape(*ways.shape[:-1], 1) * lit.sunlight


def _light_by(table, ways):
    """Values of a table by direction."""
    row = np.sqrt(np.clip(-ways[..., 1], 0.0, 1.0)) * (ROWS - 1)
    column = np.arctan2(ways[..., 0], ways[..., 2]) / (2.0 * np.pi) % 1.0 * COLUMNS
    return np.stack([scipy.ndimage.map_coordinates(table[..., n], (row, column), np.float64, order=1, mode="nearest")
                     for n in range(3)], axis=-1)


def shadow_of(scene, lattice):
    """Shadow of clouds on the floor below them.

    Parameters
    ----------
    scene : Scene
        With at least one cloud, or a stand-in.
    lattice : Lattice or None
        Its light; None without a cloud.

    Returns
    -------
    Shadow
        Of light that goes on as it came; what clouds scatter down is left out.
    """
    level = scene.light.floor.level
    sun = direction_of(scene.light.sun.azimuth, scene.light.sun.elevation)
    boxes = [] if lattice is None else [(lattice.sun_first - lattice.sun_cell / 2.0,
                                         lattice.sun_first + (np.array(lattice.sun.shape) - 0.5) * lattice.sun_cell)]
    standing = scene.solids.boxes[scene.solids.about[:, FIRST_NODE]].astype(float) * scene.unit
    boxes += [(box[:3] + scene.origin, box[3:] + scene.origin) for box in standing]
    boxes = [(low, high) for low, high in boxes if high[1] > level]
    if sun[1] < LOWEST or not boxes:
        return NO_SHADOW
    corners = np.concatenate([np.stack(np.meshgrid(*zip(low, high), indexing="ij"), -1).reshape(-1, 3) for low, high in boxes])
    corners[:, 1] = np.maximum(corners[:, 1], level)
    fallen = corners - sun * ((corners[:, 1:2] - level) / sun[1])
    first, last = fallen.min(axis=0), fallen.max(axis=0)
    x, z = (np.linspace(first[n], last[n], SHADOW) for n in (0, 2))
    places = np.stack(np.meshgrid(x, [level], z, indexing="ij"), -1)[:, 0]
    share = np.ones((SHADOW, SHADOW), np.float32) if lattice is None else _of_clouds(scene, lattice, sun, places)
    if scene.stand_ins:
        met = distances_to(scene.solids, ((places - scene.origin) / scene.unit).reshape(-1, 3), sun)
        share[~np.isinf(met).reshape(share.shape)] = 0.0
    share[[0, -1]] = 1.0
    share[:, [0, -1]] = 1.0
    return Shadow(share, f32(x[0]), f32(z[0]), f32((SHADOW - 1) / (x[-1] - x[0])), f32((SHADOW - 1) / (z[-1] - z[0])))


def _of_clouds(scene, lattice, sun, places):
    """Share of the sunlight that clouds let through to places: ndarray of float32, shape (...)."""
    low = lattice.sun_first - lattice.sun_cell / 2.0
    high = low + np.array(lattice.sun.shape) * lattice.sun_cell
    with np.errstate(divide="ignore", invalid="ignore"):
        ends = np.sort(np.stack([(low - places) / sun, (high - places) / sun]), axis=0)
    # Along an axis the sun does not move on, a place lies within for good or never.
    enters, leaves = np.nan_to_num(ends[0], nan=-np.inf).max(axis=-1), np.nan_to_num(ends[1], nan=np.inf).min(axis=-1)
    enters = np.maximum(enters, 0.0)
    met = places + enters[..., None] * sun
    cells = np.moveaxis((met - lattice.sun_first) / lattice.sun_cell, -1, 0)
    depth = scipy.ndimage.map_coordinates(lattice.sun, cells, np.float32, order=1, mode="nearest")
    # What droplets bend by a degree or two goes straight on as well.
    share = np.exp(-depth * np.float32(1.0 - mixture_of(scene.clouds[0].shown).peak))
    return np.where(leaves > enters, share, 1.0).astype(np.float32)
