"""The sky of clear air: sunlight scattered by molecules, haze and the ground, from noon to after sunset.

Single scattering is summed along each ray through a round atmosphere; all further orders come from a table of what an
evenly lit spot of air receives from its surroundings, after Hillaire (2020, A scalable and production ready sky and
atmosphere rendering technique, Computer Graphics Forum 39, section 5.5). Coefficients of molecules, haze and ozone are
those of its table 1 (after Bruneton and Neyret 2008), for light of 680, 550 and 440 nm.
"""

import math

import numpy as np

from ...budget import remembered
from ...kernels import each, row
from ...stored import stored

GROUND_RADIUS = 6_360_000.0
TOP_RADIUS = 6_460_000.0
RAYLEIGH = np.array([5.802e-6, 13.558e-6, 33.1e-6])
"""Scattering of molecules at sea level, 1/m."""
RAYLEIGH_HEIGHT = 8_000.0
"""Height over which there are e times fewer of them, metres."""
HAZE_HEIGHT = 1_200.0
HAZE_ALBEDO = 0.9
HAZE_COSINE = 0.8
OZONE = np.array([0.650e-6, 1.881e-6, 0.085e-6])
"""Absorption of ozone where there is most of it, at 25 km, 1/m."""
STEPS = 40
"""Places along a ray."""
KOSCHMIEDER = 3.912
"""Optical depth over which contrast falls to 2 % (Koschmieder 1924): a visibility times the extinction."""
_HEIGHTS, _COSINES, _SUNS = 48, 96, 40
LOWEST_SUN = -0.3
"""Cosine of the sun with the vertical at which the tables begin."""


def haze_extinction(visibility):
    """Extinction of the haze at sea level that leaves a visibility (Koschmieder 1924: contrast of 2 %).

    Parameters
    ----------
    visibility : float
        Kilometres.

    Returns
    -------
    float
        1/m; what molecules take away at 550 nm is not counted again.
    """
    return max(KOSCHMIEDER / (1000.0 * visibility) - RAYLEIGH[1], 1e-7)


def _thinner(height):
    """Densities of molecules, haze and ozone at a height, in those at their fullest."""
    height = np.maximum(height, 0.0)
    return (np.exp(-height / RAYLEIGH_HEIGHT), np.exp(-height / HAZE_HEIGHT),
            np.maximum(0.0, 1.0 - np.abs(height - 25_000.0) / 15_000.0))


def _coefficients(height, haze):
    """Scattering of molecules and of haze, and extinction; the last axis is colour."""
    molecules, dust, ozone = (part[..., None] for part in _thinner(height))
    rayleigh, mie = RAYLEIGH * molecules, haze * HAZE_ALBEDO * dust * np.ones(3)
    return rayleigh, mie, rayleigh + haze * dust + OZONE * ozone


def _to_sphere(height, cosine, radius):
    """Way to a sphere around the earth's middle, from inside it; metres."""
    r = GROUND_RADIUS + height
    inside = np.maximum(0.0, r * r * (cosine * cosine - 1.0) + radius * radius)
    return -r * cosine + np.sqrt(inside)


def _hits_ground(height, cosine):
    r = GROUND_RADIUS + height
    return (cosine < 0.0) & (r * r * (cosine * cosine - 1.0) + GROUND_RADIUS**2 >= 0.0)


def _ray(height, cosine, limit=None):
    """Where a ray ends, and whether at the ground; metres."""
    r = GROUND_RADIUS + height
    ground = _hits_ground(height, cosine)
    to_ground = -r * cosine - np.sqrt(np.maximum(0.0, r * r * (cosine * cosine - 1.0) + GROUND_RADIUS**2))
    return np.where(ground, to_ground, _to_sphere(height, cosine, TOP_RADIUS)), ground


def _along(length):
    """Middles and lengths of steps along a ray, closer together near its beginning."""
    edges = np.linspace(0.0, 1.0, STEPS + 1) ** 2
    return length[..., None] * (edges[1:] + edges[:-1]) / 2.0, length[..., None] * np.diff(edges)


def _places(height, cosine, sun_height, sun_azimuth_cosine, t):
    """Height, and the sun's cosine with the vertical, at places along rays."""
    r = GROUND_RADIUS + height[..., None]
    c = cosine[..., None]
    there = np.sqrt(t * t + 2.0 * r * c * t + r * r)
    # The vertical there is that of the beginning, tipped along the ray.
    along = np.sqrt(np.maximum(0.0, 1.0 - cosine**2)) * np.sqrt(np.maximum(0.0, 1.0 - sun_height**2)) * sun_azimuth_cosine
    dot = cosine * sun_height + along
    return there - GROUND_RADIUS, np.clip((r * sun_height[..., None] + t * dot[..., None]) / there, -1.0, 1.0)


def sunlight(height, cosine, haze):
    """Share of the sun's light that comes through the air.

    Parameters
    ----------
    height : array_like of float
        Metres.
    cosine : array_like of float
        Of the angle between the sun and the vertical.
    haze : float
        1/m, from `haze_extinction`.

    Returns
    -------
    ndarray of float64, shape (..., 3)
        Nothing where the earth is in the way.
    """
    height, cosine = np.broadcast_arrays(np.asarray(height, float), np.asarray(cosine, float))
    length, ground = _ray(height, cosine)
    t, step = _along(length)
    r = GROUND_RADIUS + height[..., None]
    there = np.sqrt(t * t + 2.0 * r * cosine[..., None] * t + r * r) - GROUND_RADIUS
    depth = (_coefficients(there, haze)[2] * step[..., None]).sum(axis=-2)
    # The sun is half a degree wide: it goes down in a moment rather than at once.
    dip = -np.sqrt(np.maximum(0.0, 1.0 - (GROUND_RADIUS / (GROUND_RADIUS + np.maximum(height, 0.0))) ** 2))
    up = np.clip((cosine - dip) / np.sin(np.radians(0.53)) + 0.5, 0.0, 1.0)
    return np.where(up[..., None] > 0.0, np.exp(-depth), 0.0) * up[..., None] * np.where(ground & (up <= 0.0), 0.0, 1.0)[..., None]


@remembered
def _sun_table(haze):
    heights = (np.linspace(0.0, 1.0, _HEIGHTS) ** 2) * (TOP_RADIUS - GROUND_RADIUS)
    cosines = np.linspace(LOWEST_SUN, 1.0, _COSINES)
    return sunlight(*np.meshgrid(heights, cosines, indexing="ij"), haze)


def _looked_up(table, height, cosine):
    """Bilinear reading of a table over root height and cosine."""
    u = np.sqrt(np.clip(height / (TOP_RADIUS - GROUND_RADIUS), 0.0, 1.0)) * (table.shape[0] - 1)
    v = np.clip((cosine - LOWEST_SUN) / (1.0 - LOWEST_SUN), 0.0, 1.0) * (table.shape[1] - 1)
    i, j = np.minimum(u.astype(int), table.shape[0] - 2), np.minimum(v.astype(int), table.shape[1] - 2)
    u, v = (u - i)[..., None], (v - j)[..., None]
    return ((1 - u) * ((1 - v) * table[i, j] + v * table[i, j + 1])
            + u * ((1 - v) * table[i + 1, j] + v * table[i + 1, j + 1]))


@remembered
@stored
def _further_orders(haze, ground):
    """Light that reaches a spot of air after two or more scatterings, per unit of sunlight outside the air.

    Over root height and the sun's cosine from -0.3 to 1 (Hillaire 2020, equations 5 to 10).
    """
    heights = (np.linspace(0.0, 1.0, _HEIGHTS // 3) ** 2) * (TOP_RADIUS - GROUND_RADIUS)
    suns = np.linspace(LOWEST_SUN, 1.0, _SUNS)
    # Directions spread evenly over the sphere; the sun lies in the plane of azimuth 0.
    n = np.arange(64)
    up = 1.0 - (2.0 * n + 1.0) / 64.0
    turn = np.cos(n * np.pi * (3.0 - np.sqrt(5.0)))
    h, s, c = np.broadcast_arrays(heights[:, None, None], suns[None, :, None], up)
    length, hit = _ray(h, c)
    t, step = _along(length)
    there, sun_there = _places(h, c, s, np.broadcast_to(turn, c.shape), t)
    rayleigh, mie, extinction = _coefficients(there, haze)
    scattering = rayleigh + mie
    through = np.exp(-np.cumsum(extinction * step[..., None], axis=-2))
    through = np.concatenate([np.ones_like(through[..., :1, :]), through], axis=-2)
    within = (through[..., :-1, :] - through[..., 1:, :]) / np.maximum(extinction, 1e-12) * scattering
    light = _looked_up(_sun_table(haze), there, sun_there)
    second = (within * light).sum(axis=-2) / (4.0 * np.pi)
    end = length + 0.0
    _, sun_end = _places(h, c, s, np.broadcast_to(turn, c.shape), end[..., None])
    reflected = np.asarray(ground) / np.pi * np.maximum(sun_end, 0.0) * _looked_up(
        _sun_table(haze), np.zeros_like(sun_end), sun_end)[..., 0, :]
    second = second + np.where(hit[..., None], through[..., -1, :] * reflected, 0.0)
    again = within.sum(axis=-2)
    second, again = second.mean(axis=-2), again.mean(axis=-2)
    return second / np.maximum(1.0 - again, 1e-3)


def _turn_to_sun(directions, sun):
    """Cosine of the angle between directions and the sun, seen from above."""
    flat = np.maximum(np.hypot(directions[..., 0], directions[..., 2]), 1e-9)
    azimuth = np.radians(sun.azimuth)
    return (directions[..., 0] * np.sin(azimuth) + directions[..., 2] * np.cos(azimuth)) / flat


_thinner_at = row(_thinner)


@row
def _read(table, u, v, colour):
    """Bilinear reading at places that are counted in rows and columns."""
    i, j = min(int(u), table.shape[0] - 2), min(int(v), table.shape[1] - 2)
    u, v = u - i, v - j
    return ((1.0 - u) * ((1.0 - v) * table[i, j, colour] + v * table[i, j + 1, colour])
            + u * ((1.0 - v) * table[i + 1, j, colour] + v * table[i + 1, j + 1, colour]))


@each("through")
def _sum_along(n, cosines, turns, lengths, height, sun_sine, haze, direct, further, through, added):
    """Sum what the air takes and adds along a ray; in float64, since places are counted from the earth's middle."""
    cosine, length, r = cosines[n], lengths[n], GROUND_RADIUS + height
    # Of the angle to the sun: the vertical at a place is that of the eye, tipped along the ray.
    toward = cosine * sun_sine + (math.sqrt(max(0.0, 1.0 - cosine * cosine)) * math.sqrt(max(0.0, 1.0 - sun_sine * sun_sine))
                                  * turns[n])
    angle, g = min(max(toward, -1.0), 1.0), HAZE_COSINE
    molecules = 3.0 / (16.0 * math.pi) * (1.0 + angle * angle)
    # Cornette and Shanks (1992, Applied Optics 31, eq. 8).
    dust = (3.0 / (8.0 * math.pi) * (1.0 - g * g) * (1.0 + angle * angle)
            / ((2.0 + g * g) * (1.0 + g * g - 2.0 * g * angle) ** 1.5))
    for colour in range(3):
        through[n, 0, colour], added[n, 0, colour] = 1.0, 0.0
    for k in range(STEPS):
        begins, ends = (k / STEPS) ** 2, ((k + 1) / STEPS) ** 2
        t, wide = length * (begins + ends) / 2.0, length * (ends - begins)
        there = math.sqrt(t * t + 2.0 * r * cosine * t + r * r)
        sun_there = min(max((r * sun_sine + t * toward) / there, -1.0), 1.0)
        above = max(there - GROUND_RADIUS, 0.0)
        u = math.sqrt(min(above / (TOP_RADIUS - GROUND_RADIUS), 1.0))
        v = max((sun_there - LOWEST_SUN) / (1.0 - LOWEST_SUN), 0.0)
        thin, low, ozone = _thinner_at(above)
        for colour in range(3):
            rayleigh, mie = RAYLEIGH[colour] * thin, haze * HAZE_ALBEDO * low
            extinction = rayleigh + haze * low + OZONE[colour] * ozone
            before = through[n, k, colour]
            after = before * math.exp(-extinction * wide)
            once = _read(direct, u * (direct.shape[0] - 1), v * (direct.shape[1] - 1), colour)
            often = _read(further, u * (further.shape[0] - 1), v * (further.shape[1] - 1), colour)
            through[n, k + 1, colour] = after
            added[n, k + 1, colour] = added[n, k, colour] + (before - after) / max(extinction, 1e-12) * (
                once * (rayleigh * molecules + mie * dust) + often * (rayleigh + mie))


def _scattered(directions, length, sun, sky):
    """What comes through the air up to the ends of steps along rays, and the light scattered toward the eye before them.

    Shapes (..., STEPS + 1, 3) both; light for sunlight of 1 outside the air.
    """
    haze, shape = haze_extinction(sky.visibility), directions.shape[:-1]
    flat = [np.ascontiguousarray(part, float).reshape(-1)
            for part in (np.clip(directions[..., 1], -1.0, 1.0), _turn_to_sun(directions, sun), length)]
    through, added = (np.empty((len(flat[0]), STEPS + 1, 3)) for _ in range(2))
    _sum_along(*flat, float(max(sky.altitude, 1.0)), math.sin(math.radians(sun.elevation)), haze, _sun_table(haze),
               _further_orders(haze, tuple(sky.ground)), through, added)
    return through.reshape(*shape, STEPS + 1, 3), added.reshape(*shape, STEPS + 1, 3)


def air_between(directions, farthest, sun, sky):
    """What the air takes of light from afar, and what it adds, up to `STEPS` distances.

    Parameters
    ----------
    directions : array_like of float, shape (..., 3)
        Unit vectors from the eye, y up.
    farthest : float
        The last distance, metres; the n-th is (n / STEPS)^2 of it.
    sun : Sun
    sky : Sky
        As of `air_radiance`.

    Returns
    -------
    through : ndarray of float64, shape (..., STEPS + 1, 3)
        Shares of 0 to 1.
    added : ndarray of float64, shape (..., STEPS + 1, 3)
        Linear RGB.
    """
    directions = np.asarray(directions, float)
    through, added = _scattered(directions, np.full(directions.shape[:-1], float(farthest)), sun, sky)
    return through, sun.strength * np.pi * np.asarray(sun.colour) * added


def air_radiance(directions, sun, sky):
    """Radiance of clear air, without the disk of the sun.

    Parameters
    ----------
    directions : array_like of float, shape (..., 3)
        Unit vectors, y up.
    sun : Sun
        Its strength and colour are those outside the air.
    sky : Sky
        Visibility, altitude of the camera and reflectance of the ground are used.

    Returns
    -------
    ndarray of float64, shape (..., 3)
        Linear RGB.
    """
    directions = np.asarray(directions, float)
    haze = haze_extinction(sky.visibility)
    cosine = np.clip(directions[..., 1], -1.0, 1.0)
    height = np.full(cosine.shape, float(max(sky.altitude, 1.0)))
    sun_cosine = np.full(cosine.shape, np.sin(np.radians(sun.elevation)))
    length, hit = _ray(height, cosine)
    through, added = _scattered(directions, length, sun, sky)
    turn = _turn_to_sun(directions, sun)
    _, sun_end = _places(height, cosine, sun_cosine, turn, length[..., None])
    reflected = np.asarray(sky.ground) / np.pi * (
        np.maximum(sun_end, 0.0) * _looked_up(_sun_table(haze), np.zeros_like(sun_end), sun_end)[..., 0, :]
        + np.pi * _looked_up(_further_orders(haze, tuple(sky.ground)), np.zeros_like(sun_end), sun_end)[..., 0, :])
    total = added[..., -1, :] + np.where(hit[..., None], through[..., -1, :] * reflected, 0.0)
    return sun.strength * np.pi * np.asarray(sun.colour) * total


def sunlight_here(sun, sky):
    """Share of each colour of the sunlight that reaches the camera's altitude.

    Parameters
    ----------
    sun : Sun
    sky : Sky

    Returns
    -------
    ndarray of float64, shape (3,)
    """
    return sunlight(float(max(sky.altitude, 1.0)), float(np.sin(np.radians(sun.elevation))),
                    haze_extinction(sky.visibility))
