"""Light that arrives at a surface: straight from the sun and from lamps, past stand-ins and through clouds, and along any ray."""

import math
from typing import NamedTuple

import numpy as np

from ...directions import direction_of
from ...kernels import call, f32, inlined
from ...standins.tree import FAR, blocked
from ...vectors import BLACK, carried, dot, plus, scaled, three
from ..lattices.trilinear import lattice_value
from ..marching.transmittance import taken, transmittance
from ..scene.lamps import lamps_of
from ..scene.scene import mixture_of
from ..scene.surroundings import surroundings_of

STEPS = 96
"""Steps of a ray through the cells of clouds, at the most."""
_INWARD = f32(1.0 / math.pi)


class Light(NamedTuple):
    """What lights surfaces, in units of the scene.

    Attributes
    ----------
    toward : ndarray of float32, shape (3,)
        The sun's direction; no part is 0.
    sun : ndarray of float32, shape (3,)
        Irradiance of a sheet that faces it.
    lamps : ndarray of float32, shape (n, 6)
        Place, and irradiance one unit away.
    sky : ndarray of float32, shape (rows, columns, 3)
        Radiance of the surroundings, in cells of equal solid angle.
    depth : ndarray of float32, flat
        Optical depth toward the sun on a lattice; without clouds nothing.
    sides : ndarray of int64, shape (3,)
    first : ndarray of float32, shape (3,)
        The cell at the scene's origin.
    per : float32
        Cells in a unit.
    turned : bool
        Whether the last axis comes first in it.
    keeps : float32
        What depths are multiplied by for light that hardly bends.
    small : ndarray of float32, flat
        Optical thickness of a unit of way in the cells that hold light from all round.
    sent : ndarray of float32, flat
        What such cells send on, by red, green and blue in the mean.
    small_sides : ndarray of int64, shape (3,)
    small_first : ndarray of float32, shape (3,)
    small_per : float32
    scattering : ndarray of float32, shape (3,)
        Of sunlight that arrives, what is scattered to each direction, as if evenly.
    """

    toward: np.ndarray
    sun: np.ndarray
    lamps: np.ndarray
    sky: np.ndarray
    depth: np.ndarray
    sides: np.ndarray
    first: np.ndarray
    per: float
    turned: bool
    keeps: float
    small: np.ndarray
    sent: np.ndarray
    small_sides: np.ndarray
    small_first: np.ndarray
    small_per: float
    scattering: np.ndarray


def light_on(scene, lattice=None, coarse=None, mixture=None, frame=0):
    """What lights the stand-ins of a scene.

    Parameters
    ----------
    scene : Scene
    lattice : Lattice, optional
        Light in its clouds, if there are any.
    coarse : Coarse, optional
        What it was made of.
    mixture : Mixture, optional
    frame : int, optional
        For the flicker of lamps.

    Returns
    -------
    Light
    """
    light, unit, origin = scene.light, scene.unit, scene.origin
    outside = surroundings_of(light)
    lamps = lamps_of(light, frame)
    table = np.zeros((len(lamps), 6), np.float32)
    if lamps:
        table[:, :3] = (np.array([lamp.place for lamp in lamps], float) - origin) / unit
        table[:, 3:] = np.array([lamp.intensity for lamp in lamps]) / unit**2
    toward = direction_of(light.sun.azimuth, light.sun.elevation)
    up = outside.sun * (toward[1] > -0.05)
    nothing, one = np.zeros(0, np.float32), np.ones(3, np.int64)
    shared = (toward + 1e-9).astype(np.float32), up.astype(np.float32), table, outside.sky
    if lattice is None:
        return Light(*shared, nothing, one, np.zeros(3, np.float32), f32(1), False, f32(1), nothing, nothing, one,
                     np.zeros(3, np.float32), f32(1), np.zeros(3, np.float32))
    from ..paths.gathering import field_of_light  # which knows of stand-ins itself

    mixture = mixture_of(scene.clouds[0].shown) if mixture is None else mixture
    turned = not lattice.sun.flags.c_contiguous
    # Of the clouds alone: stand-ins are met by rays, far more sharply.
    alone = lattice.sun if lattice.covered is None else lattice.sun - lattice.covered
    depth = np.ascontiguousarray(alone.transpose(2, 0, 1)) if turned else np.ascontiguousarray(alone)
    order = [2, 0, 1] if turned else [0, 1, 2]
    keeps = 1.0 - mixture.peak
    medium = scene.clouds[0].shown
    scattering = outside.sun * medium.albedo * np.asarray(medium.tint) / (4.0 * np.pi)
    sent = np.ascontiguousarray(field_of_light(lattice, scene)[..., 0])
    return Light(
        *shared, depth.reshape(-1), np.array(depth.shape, np.int64),
        ((origin - lattice.sun_first) / lattice.sun_cell)[order].astype(np.float32), f32(unit / lattice.sun_cell), turned,
        f32(keeps), (coarse.small * np.float32(mixture.extinction * keeps * unit)).reshape(-1), sent.reshape(-1),
        np.array(coarse.small.shape, np.int64), ((origin - coarse.wide_first) / coarse.wide).astype(np.float32),
        f32(unit / coarse.wide), scattering.astype(np.float32))


@inlined
def _inside(place, way, sides, wide):
    """Where a ray is within a lattice, in lengths of its direction; its places are in cells, `wide` of them beyond the middles."""
    begin, end = f32(0), FAR
    for n in range(3):
        over = f32(1) / way[n]
        a, b = (-wide - place[n]) * over, (f32(sides[n]) - f32(1) + wide - place[n]) * over
        begin, end = max(begin, min(a, b)), min(end, max(a, b))
    return begin, end


@inlined
def sunlight_at(light, place):
    """Share of the sunlight that comes through the clouds to a place, stand-ins not counted.

    Parameters
    ----------
    light : Light
    place : (float32, float32, float32)

    Returns
    -------
    float32
    """
    share = f32(1)
    if light.depth.shape[0] > 0:
        cell = carried(three(light.first), (place[2], place[0], place[1]) if light.turned else place, light.per)
        sun = three(light.toward)
        way = (sun[2], sun[0], sun[1]) if light.turned else sun
        begin, end = _inside(cell, way, light.sides, f32(0.5))
        if begin < end:
            x, y, z = carried(cell, way, begin)
            share = transmittance(light.keeps * lattice_value(light.depth, 0, light.sides, x, y, z))
    return share


@call
def through_clouds(light, place, way, reach, sunlit):
    """What is left of light along a way, and, if asked for, what clouds send along it.

    Parameters
    ----------
    light : Light
    place, way : (float32, float32, float32)
        Where the ray begins, and its direction, a unit vector.
    reach : float32
    sunlit : bool
        Whether to tell what clouds send.

    Returns
    -------
    left : float32
    sent : (float32, float32, float32)
    """
    left, sent = f32(1), BLACK
    if light.small.shape[0] > 0:
        cell = carried(three(light.small_first), place, light.small_per)
        begin, end = _inside(cell, way, light.small_sides, f32(0.5))
        begin, end = begin / light.small_per, min(end / light.small_per, reach)
        if begin < end:
            steps = int(min(max((end - begin) * light.small_per, f32(1)), f32(STEPS)))
            pitch = (end - begin) / f32(steps)
            for n in range(steps):
                there = carried(place, way, begin + (f32(n) + f32(0.5)) * pitch)
                x, y, z = carried(three(light.small_first), there, light.small_per)
                thick = pitch * lattice_value(light.small, 0, light.small_sides, x, y, z)
                if thick <= f32(0):
                    continue
                if sunlit:
                    weight = left * taken(thick)
                    i = int(min(max(x + f32(0.5), f32(0)), f32(light.small_sides[0] - 1)))
                    j = int(min(max(y + f32(0.5), f32(0)), f32(light.small_sides[1] - 1)))
                    k = int(min(max(z + f32(0.5), f32(0)), f32(light.small_sides[2] - 1)))
                    at = 3 * ((i * light.small_sides[1] + j) * light.small_sides[2] + k)
                    lit = scaled(three(light.scattering), sunlight_at(light, there))
                    sent = plus(sent, scaled(plus(lit, (light.sent[at], light.sent[at + 1], light.sent[at + 2])), weight))
                left *= transmittance(thick)
                if left < f32(0.004):
                    left = f32(0)
                    break
    return left, sent


@inlined
def straight(light, solids, place, normal):
    """Irradiance of a surface by light that comes straight from the sun and from lamps.

    Parameters
    ----------
    light : Light
    solids : Solids
    place, normal : (float32, float32, float32)
        From `beside` and `normal_at`.

    Returns
    -------
    (float32, float32, float32)
    """
    found = BLACK
    cosine = dot(normal, three(light.toward))
    if cosine > f32(0) and light.sun[0] + light.sun[1] + light.sun[2] > f32(0):
        share = sunlight_at(light, place)
        if share > f32(0.001) and not blocked(solids, place, three(light.toward), FAR):
            found = scaled(three(light.sun), cosine * share)
    for n in range(light.lamps.shape[0]):
        way = light.lamps[n, 0] - place[0], light.lamps[n, 1] - place[1], light.lamps[n, 2] - place[2]
        squared = max(dot(way, way), f32(1e-6))
        away = math.sqrt(squared)
        way = way[0] / away + f32(1e-9), way[1] / away + f32(1e-9), way[2] / away + f32(1e-9)
        cosine = dot(normal, way)
        if cosine > f32(0) and not blocked(solids, place, way, away):
            left, _ = through_clouds(light, place, way, away, False)
            found = plus(found, scaled((light.lamps[n, 3], light.lamps[n, 4], light.lamps[n, 5]), left * cosine / squared))
    return found


@inlined
def sent_by(colours, of, irradiance):
    """Radiance that a matte surface sends, by Lambert's law.

    Parameters
    ----------
    colours : ndarray of float32, shape (S, 3)
    of : int
        Which of them.
    irradiance : (float32, float32, float32)

    Returns
    -------
    (float32, float32, float32)
    """
    return (_INWARD * colours[of, 0] * irradiance[0], _INWARD * colours[of, 1] * irradiance[1],
            _INWARD * colours[of, 2] * irradiance[2])
