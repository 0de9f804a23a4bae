"""True light: paths of light through a scene, traced one by one with every order of scattering.

Flights from place to place are those of `core.light.paths.flight`; light that comes straight from the sun, the sky or a lamp is
asked for at every collision: see `core.light.paths.next_event`. Nothing here is biased; what is left is noise, which falls with
the square root of the paths.
"""

import math
from typing import NamedTuple

import numpy as np

from ...kernels import borrowed, each, f32, i32, i64, inlined
from ...standins.tree import FAR, SEEN, beside, normal_at, place_on
from ...vectors import BLACK, WHITE, carried, dot, luminance_of, plus, row_of, scaled, three, times
from ..scene.groups import GLOW
from ..scene.groups import SUN as SUNLIGHT
from ..scene.lobes import two_lobes
from ..scene.members import ray_of
from .flight import FLYING, LOOKING, flown
from .hues import albedo_at, glow_at
from .next_event import (
    arrives,
    beyond_a_step,
    disc_likely,
    of_a_lamp,
    of_the_sky,
    of_the_sun,
    sky_cell,
    sky_group,
    sunlight_near,
    sunny,
)
from .random_numbers import WHOLE_TURN, around, even, first_state, scattered

LAYERS = 6
"""Red, green, blue, opacity, distance where a path was first scattered, square of the luminance: sums over paths."""
LONGEST = 100_000
"""Collisions after which a path is given up; no cloud that can be built comes near it."""
DIM = 16
"""Collisions after which a path that has lost light may end by lot."""
LOOKED_FOR = f32(0.0005)
"""Share of the sunlight thought to arrive above which a step that leans toward the sun is tried as well."""
SUN, SKY, LAMP, BEYOND = range(4)
"""What is asked for at a collision, in this order."""


class Sums(NamedTuple):
    """What paths are added to.

    Attributes
    ----------
    layers : ndarray of float32, shape (height, width, LAYERS)
    groups : ndarray of float32, shape (height, width, G + 1, 3)
        Light of each light group, and last what of all light was scattered once; of shape (height, width, 0, 3) where groups
        are not kept apart.
    due : ndarray of bool, shape (height, width)
        Pixels whose turn it is, of gathered paths; whole ones take all.
    solid, solid_groups : ndarray of float32, shape (height, width, 5), and as `groups`
        Of paths that begin at a stand-in their light, how many there are, and how far it was; without stand-ins empty.
    """

    layers: np.ndarray
    groups: np.ndarray
    due: np.ndarray
    solid: np.ndarray
    solid_groups: np.ndarray


class Turn(NamedTuple):
    """Which of the paths of a picture: with the pixel it decides everything.

    Attributes
    ----------
    seed : uint32
    nth : int
    """

    seed: np.uint32
    nth: int


@inlined
def first_ray(eye, line, column, turn):
    """Direction through a pixel that a path begins with.

    Parameters
    ----------
    eye : Eye
    line, column : int
    turn : Turn

    Returns
    -------
    ((float32, float32, float32), uint32)
        Unit vector, and the generator's state.
    """
    state = first_state(line, column, turn.seed, turn.nth)
    u, state = even(state)
    v, state = even(state)
    across, down = (f32(column) + v - eye.centre_x) * eye.spread, (f32(line) + u - eye.centre_y) * eye.spread
    return ray_of(eye, across, down), state


@inlined
def revived(through, strongest, whole, state):
    """Russian roulette: a path that has lost much goes on by lot, and counts for more then.

    Parameters
    ----------
    through : (float32, float32, float32)
        What is left of its light.
    strongest, whole : float32
        How much that is, and was at the beginning.
    state : uint32

    Returns
    -------
    ((float32, float32, float32), uint32)
        Black where the path ends.
    """
    if strongest < f32(0.5) * whole:
        u, state = even(state)
        through = scaled(through, f32(0.5) * whole / strongest) if u * whole < f32(2) * strongest else BLACK
    return through, state


@inlined
def add_light(out, line, column, light):
    """Add the light of a path to the layers of its pixel.

    Parameters
    ----------
    out : ndarray of float32, shape (height, width, LAYERS)
    line, column : int
    light : (float32, float32, float32)
    """
    out[line, column, 0] += light[0]
    out[line, column, 1] += light[1]
    out[line, column, 2] += light[2]
    bright = luminance_of(light)
    out[line, column, 5] += bright * bright


@inlined
def add_to_solid(sums, line, column, light):
    """Add the light of a path that began at a stand-in.

    Parameters
    ----------
    sums : Sums
    line, column : int
    light : (float32, float32, float32)
    """
    for part in range(3):
        sums.solid[line, column, part] += light[part]
    bright = luminance_of(light)
    sums.layers[line, column, 5] += bright * bright


@inlined
def about_normal(normal, state):
    """A direction in which a matte surface sends light on: as many for each cosine as the cosine is large.

    Parameters
    ----------
    normal : (float32, float32, float32)
    state : uint32

    Returns
    -------
    (float32, (float32, float32, float32), uint32)
        How likely it is, 1/sr; the direction; and the generator's state.
    """
    u, state = even(state)
    v, state = even(state)
    cosine = math.sqrt(max(f32(1) - u, f32(1e-6)))
    return cosine * f32(1.0 / math.pi), around(normal, cosine, WHOLE_TURN * v), state


@inlined
def keep_apart(groups, line, column, group, first, light):
    """Add light to that of its light group, where groups are kept apart.

    Parameters
    ----------
    groups : ndarray of float32, shape (height, width, G + 1, 3)
        Of `Sums`.
    line, column, group : int
    first : bool
        Whether it was scattered once.
    light : (float32, float32, float32)
    """
    last = groups.shape[2] - 1
    if last > 0:
        groups[line, column, group, 0] += light[0]
        groups[line, column, group, 1] += light[1]
        groups[line, column, group, 2] += light[2]
        if first:
            groups[line, column, last, 0] += light[0]
            groups[line, column, last, 1] += light[1]
            groups[line, column, last, 2] += light[2]


@each("order")
def traced(n, whole, clouds, standing, scattering, shining, colours, camera, order, turn, sums):
    """One path for each pixel of some rows.

    Parameters
    ----------
    whole : Bricks
    clouds : Members
    standing : Solids
    scattering : Media
    shining : Lights
    colours : Hues
    camera : Eye
    order : ndarray of int64, shape (n,)
        Rows to trace.
    turn : Turn
    sums : Sums
        Added to.
    """
    bricks, members, solids, media = borrowed(whole), borrowed(clouds), borrowed(standing), borrowed(scattering)
    lights, hues, eye, into = borrowed(shining), borrowed(colours), borrowed(camera), borrowed(sums)
    out, line = into.layers, order[n]
    for column in range(out.shape[1]):
        way, state = first_ray(eye, line, column, turn)
        place = three(eye.place)
        t, _, member, state = flown(bricks, members, solids, place, way, FAR, LOOKING, state)
        if t < f32(0):
            continue
        solid, groups = member < 0, into.groups
        if solid:
            if solids.about[solids.of[-1 - member], SEEN] == 0:
                continue
            groups = into.solid_groups
            into.solid[line, column, 3] += f32(1)
            into.solid[line, column, 4] += t
        else:
            out[line, column, 3] += f32(1)
            out[line, column, 4] += t
        light, through = BLACK, WHITE
        # How likely the path went this way, and the medium it came from, if from there it was also looked for from the sun.
        went, sought = f32(0), -1
        for bounce in range(LONGEST):
            came, medium = way, i64(-1)
            if member < 0:
                u, v = place_on(solids, -1 - member, carried(place, way, t))
                came = normal_at(solids, -1 - member, u, v, way)
                place = beside(solids, place, way, t, came)
                through, sought = times(through, row_of(solids.colours, solids.of[-1 - member])), -1
            else:
                place, medium = carried(place, way, t), members.medium[member]
                own_light = times(through, glow_at(media, medium, hues, member, place))
                light = plus(light, own_light)
                keep_apart(groups, line, column, i32(GLOW), False, own_light)
                through = times(through, albedo_at(media, medium, hues, member, place))
            if bounce >= DIM:
                through, state = revived(through, max(through[0], max(through[1], through[2])), f32(1), state)
                if through[0] + through[1] + through[2] <= f32(0):
                    break
            near = sunlight_near(lights, place) if medium >= 0 else f32(1)
            own = medium >= 0 and near > LOOKED_FOR and sunny(lights)
            # Lights are asked in turn by one piece of code: whatever is called twice is compiled twice.
            for what in range(BEYOND + 1 if own else BEYOND):
                if what == SUN:
                    asked, state = of_the_sun(lights, media, medium, place, came, went, sought, near, state)
                elif what == SKY:
                    asked, state = of_the_sky(lights, media, medium, place, came, state)
                elif what == LAMP:
                    asked, state = of_a_lamp(lights, medium, place, came, state)
                else:
                    asked, state = beyond_a_step(bricks, members, solids, media, lights, hues, medium, place, way, state)
                if asked.weight > f32(0):
                    found, state = arrives(bricks, members, solids, media, asked, state)
                    found = times(through, found)
                    light = plus(light, found)
                    keep_apart(groups, line, column, asked.group, bounce == 0 and what != BEYOND, found)
            if medium < 0:
                went, way, state = about_normal(came, state)
                sought = -1
            else:
                cosine, way, state = scattered(media.lobes, medium, way, state)
                went = two_lobes(media.lobes, medium, cosine)
                sought = medium if own else -1
            t, _, member, state = flown(bricks, members, solids, place, way, FAR, FLYING, state)
            if t < f32(0):
                sky, group, disc = _beyond(lights, way, went)
                sky, disc = times(through, sky), times(through, disc)
                light = plus(light, plus(sky, disc))
                keep_apart(groups, line, column, group, bounce == 0, sky)
                keep_apart(groups, line, column, i32(SUNLIGHT), bounce == 0, disc)
                break
        if solid:
            add_to_solid(into, line, column, light)
        else:
            add_light(out, line, column, light)


@inlined
def _beyond(lights, way, went):
    """Light of the sky, its light group, and light of the sun's disc that a path finds by itself where it leaves the clouds."""
    r, c = sky_cell(lights.sky, way)
    weight = went / (went + lights.sky_asked * lights.sky_likely[r, c])
    light, disc = (weight * lights.sky[r, c, 0], weight * lights.sky[r, c, 1], weight * lights.sky[r, c, 2]), BLACK
    if lights.sun_cosine < f32(1) and dot(way, three(lights.sun)) >= lights.sun_cosine:
        likely = disc_likely(lights)
        disc = scaled(three(lights.sun_light), went / (went + likely) * likely)
    return light, sky_group(lights.sky, r), disc
