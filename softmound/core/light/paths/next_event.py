"""Next-event estimation: light that comes straight from the sun, the sky or a lamp to where a path is scattered.

What is drawn here is weighed against what the paths find by themselves with the balance heuristic (Veach and Guibas 1995,
Optimally combining sampling techniques). Sunlight is asked for by lot where a rough estimate says that hardly any arrives.
"""

import math
from typing import NamedTuple

import numpy as np

from ...kernels import f32, i32, inlined
from ...standins.tree import FAR
from ...vectors import BLACK, carried, dot, length, row_of, scaled, three, times
from ..lattices.trilinear import lattice_value
from ..marching.transmittance import transmittance
from ..scene.groups import BELOW, SKY, SUN
from ..scene.lobes import two_lobes
from .flight import DIMMING, FLYING, flown
from .hues import albedo_at
from .random_numbers import WHOLE_TURN, around, drawn, even, in_a_ball, scattered

_INWARD = f32(1.0 / math.pi)
SURELY, SELDOM = f32(30.0), f32(0.1)
"""Sunlight is asked for with odds of so many times the share that is thought to arrive, and at least so often."""


class Lights(NamedTuple):
    """Where light comes from.

    Attributes
    ----------
    sun : ndarray of float32, shape (3,)
        Toward it; no part is 0.
    sun_cosine : float32
        Of half its width; 1 for a point.
    sun_light : ndarray of float32, shape (3,)
        Irradiance.
    sky : ndarray of float32, shape (rows, columns, 3)
        Radiance, in cells of equal solid angle.
    sky_likely : ndarray of float32, shape (rows, columns)
        Density with which a direction in each cell is drawn, 1/sr.
    sky_rows, sky_columns : ndarray of float32, flat
        The rising sums it is drawn by.
    sky_asked : float32
        Odds with which a collision asks the sky for itself.
    lamps : ndarray of float32, shape (n, 7)
        Place and radius in units of the scene, irradiance one of them away.
    lamp_odds : ndarray of float32, shape (n,)
        The rising sums of their odds.
    lamp_groups : ndarray of int64, shape (n,)
        Numbers of their light groups.
    seen : ndarray of float32, flat
        Lattice of the optical depth to the sun.
    seen_sides : ndarray of int64, shape (3,)
    to_seen : float32
        Cells in a unit of the scene.
    seen_shift : ndarray of float32, shape (3,)
        Cell at the scene's origin.
    """

    sun: np.ndarray
    sun_cosine: float
    sun_light: np.ndarray
    sky: np.ndarray
    sky_likely: np.ndarray
    sky_rows: np.ndarray
    sky_columns: np.ndarray
    sky_asked: float
    lamps: np.ndarray
    lamp_odds: np.ndarray
    lamp_groups: np.ndarray
    seen: np.ndarray
    seen_sides: np.ndarray
    to_seen: float
    seen_shift: np.ndarray


class Asked(NamedTuple):
    """Light that is asked for.

    Attributes
    ----------
    place : (float32, float32, float32)
        Where it is scattered, units of the scene.
    came : (float32, float32, float32)
        Direction in which the path came there; of a surface its normal.
    medium : int
        What scatters it; below 0 a surface.
    way : (float32, float32, float32)
        Toward the light.
    reach : float32
        How far that is.
    light : (float32, float32, float32)
        Its colour.
    weight : float32
        What it counts for; 0 where it is not asked for this time.
    group : int
        Number of its light group.
    """

    place: tuple
    came: tuple
    medium: int
    way: tuple
    reach: float
    light: tuple
    weight: float
    group: int


@inlined
def phased(media, medium, came, way):
    """Share of light that goes on in a direction, 1/sr, without what is absorbed.

    Parameters
    ----------
    media : Media
    medium : int
        What scatters; below 0 a matte surface.
    came : (float32, float32, float32)
        Direction in which light came; of a surface its normal on the side where it came from.
    way : (float32, float32, float32)

    Returns
    -------
    float32
        Of a surface the cosine over pi (Lambert).
    """
    cosine = dot(came, way)
    if medium < 0:
        return max(cosine, f32(0)) * _INWARD
    return two_lobes(media.lobes, medium, cosine)


@inlined
def _nothing(place, came, medium):
    """Nothing asked for this time."""
    return Asked(place, came, medium, came, FAR, BLACK, f32(0), i32(SUN))


@inlined
def sky_cell(sky, way):
    """Row and column of a direction in a table of the surroundings.

    Parameters
    ----------
    sky : ndarray of float32, shape (rows, columns, 3)
    way : (float32, float32, float32)
        Unit vector.

    Returns
    -------
    (int, int)
    """
    height = min(max(way[1], f32(-1)), f32(1))
    line = min(i32((f32(1) - height) * f32(0.5) * f32(sky.shape[0])), i32(sky.shape[0] - 1))
    round_ = math.atan2(way[0], way[2]) / WHOLE_TURN
    round_ -= math.floor(round_)
    return line, min(i32(round_ * f32(sky.shape[1])), i32(sky.shape[1] - 1))


@inlined
def sky_group(sky, line):
    """Light group of a row of a table of the surroundings: what comes from above the horizon is the sky's.

    Parameters
    ----------
    sky : ndarray of float32, shape (rows, columns, 3)
    line : int

    Returns
    -------
    int32
    """
    return i32(SKY) if 2 * line < sky.shape[0] else i32(BELOW)


@inlined
def depth_to_sun(lights, place):
    """Optical depth toward the sun, from the lattice.

    Parameters
    ----------
    lights : Lights
    place : (float32, float32, float32)

    Returns
    -------
    float32
    """
    x, y, z = carried(three(lights.seen_shift), place, lights.to_seen)
    return lattice_value(lights.seen, 0, lights.seen_sides, x, y, z)


@inlined
def sunlight_near(lights, place):
    """About what share of the sunlight arrives at a place: as `depth_to_sun`."""
    return transmittance(depth_to_sun(lights, place))


@inlined
def sunny(lights):
    """Whether the sun shines at all."""
    return lights.sun_light[0] + lights.sun_light[1] + lights.sun_light[2] > f32(0)


@inlined
def of_the_sky(lights, media, medium, place, came, state):
    """A direction drawn by the sky's brightness.

    Parameters
    ----------
    lights : Lights
    media : Media
    medium : int
        What scatters there.
    place, came : (float32, float32, float32)
        Where a path is, and the direction in which it came.
    state : uint32
        Of the generator.

    Returns
    -------
    (Asked, uint32)
    """
    asked, state = even(state)
    if asked >= lights.sky_asked:
        return _nothing(place, came, medium), state
    u, state = even(state)
    r = drawn(lights.sky_rows, u, 0, lights.sky.shape[0])
    u, state = even(state)
    c = drawn(lights.sky_columns, u, r * lights.sky.shape[1], lights.sky.shape[1])
    u, state = even(state)
    height = f32(1) - f32(2) * (f32(r) + u) / f32(lights.sky.shape[0])
    u, state = even(state)
    angle = WHOLE_TURN * (f32(c) + u) / f32(lights.sky.shape[1])
    sine = math.sqrt(max(f32(0), f32(1) - height * height))
    way = sine * math.sin(angle) + f32(1e-9), height + f32(1e-9), sine * math.cos(angle) + f32(1e-9)
    weight = f32(1) / (lights.sky_asked * lights.sky_likely[r, c] + phased(media, medium, came, way))
    light = lights.sky[r, c, 0], lights.sky[r, c, 1], lights.sky[r, c, 2]
    return Asked(place, came, medium, way, FAR, light, weight, sky_group(lights.sky, r)), state


@inlined
def of_a_lamp(lights, medium, place, came, state):
    """A direction toward a point in a lamp, drawn evenly in its ball: as `of_the_sky`."""
    if lights.lamps.shape[0] == 0:
        return _nothing(place, came, medium), state
    u, state = even(state)
    chosen = drawn(lights.lamp_odds, u, 0, lights.lamps.shape[0])
    odds = lights.lamp_odds[chosen] - (lights.lamp_odds[chosen - 1] if chosen > 0 else f32(0))
    within, state = in_a_ball(row_of(lights.lamps, chosen), lights.lamps[chosen, 3], state)
    toward = carried(within, place, f32(-1))
    reach = max(length(toward), f32(1e-3))
    way = toward[0] / reach + f32(1e-9), toward[1] / reach + f32(1e-9), toward[2] / reach + f32(1e-9)
    light = lights.lamps[chosen, 4], lights.lamps[chosen, 5], lights.lamps[chosen, 6]
    group = i32(lights.lamp_groups[chosen])
    return Asked(place, came, medium, way, reach, light, f32(1) / (odds * reach * reach), group), state


@inlined
def _disc(lights, media, medium, place, came, light, weight, state):
    """A direction toward the sun's disc, weighed against finding the disc by scattering."""
    way = three(lights.sun)
    if lights.sun_cosine < f32(1):
        c, state = even(state)
        u, state = even(state)
        way = around(way, f32(1) - c * (f32(1) - lights.sun_cosine), WHOLE_TURN * u)
        likely = disc_likely(lights)
        weight *= likely / (likely + phased(media, medium, came, way))
    return Asked(place, came, medium, way, FAR, light, weight, i32(SUN)), state


@inlined
def disc_likely(lights):
    """Density of a direction drawn evenly in the sun's disc, 1/sr, where it has a width."""
    return f32(1) / (WHOLE_TURN * (f32(1) - lights.sun_cosine))


@inlined
def _odds(near):
    """Odds with which sunlight is asked for."""
    return min(f32(1), SURELY * near + SELDOM)


@inlined
def of_the_sun(lights, media, medium, place, came, went, sought, near, state):
    """A direction toward the sun: as `of_the_sky`.

    Parameters
    ----------
    lights, media, medium, place, came, state
        As of `of_the_sky`.
    went : float32
        How likely the path went this way, 1/sr.
    sought : int
        The medium it came from; -1 unless from there light was also looked for by `beyond_a_step`.
    near : float32
        From `sunlight_near`.

    Returns
    -------
    (Asked, uint32)
    """
    if not sunny(lights):
        return _nothing(place, came, medium), state
    odds = _odds(near)
    u, state = even(state)
    if u >= odds:
        return _nothing(place, came, medium), state
    weight = f32(1) / odds
    if sought >= 0:
        weight *= went / (went + two_lobes(media.lobes, sought, dot(came, three(lights.sun))))
    return _disc(lights, media, medium, place, came, three(lights.sun_light), weight, state)


@inlined
def beyond_a_step(bricks, members, solids, media, lights, hues, medium, place, came, state):
    """Two steps toward the sun: one that leans to it, and from where that ends, straight; as `of_the_sky`.

    Scattering by droplets is so much forward that a path seldom heads for the sun by itself.

    Parameters
    ----------
    bricks : Bricks
    members : Members
    solids : Solids
    media : Media
    lights : Lights
    hues : Hues
    medium, place, came, state
        As of `of_the_sky`.

    Returns
    -------
    (Asked, uint32)
    """
    cosine, leaning, state = scattered(media.lobes, medium, three(lights.sun), state)
    t, _, other, state = flown(bricks, members, solids, place, leaning, FAR, FLYING, state)
    if t < f32(0) or other < 0:
        return _nothing(place, came, medium), state
    there, beyond = members.medium[other], carried(place, leaning, t)
    # Asked with the same odds as if the path had come here by itself.
    odds = _odds(sunlight_near(lights, beyond))
    u, state = even(state)
    if u >= odds:
        return _nothing(place, came, medium), state
    straight = two_lobes(media.lobes, medium, dot(came, leaning))
    light = times(three(lights.sun_light), albedo_at(media, there, hues, other, beyond))
    weight = straight / ((straight + two_lobes(media.lobes, medium, cosine)) * odds)
    return _disc(lights, media, there, beyond, leaning, light, weight, state)


@inlined
def arrives(bricks, members, solids, media, asked, state):
    """What of some light arrives and is scattered along the path.

    Parameters
    ----------
    bricks : Bricks
    members : Members
    solids : Solids
    media : Media
    asked : Asked
    state : uint32

    Returns
    -------
    ((float32, float32, float32), uint32)
        The light, and the generator's state.
    """
    weight = asked.weight * phased(media, asked.medium, asked.came, asked.way)
    if weight <= f32(0):
        return BLACK, state
    _, left, _, state = flown(bricks, members, solids, asked.place, asked.way, asked.reach, DIMMING, state)
    return scaled(asked.light, weight * left), state
