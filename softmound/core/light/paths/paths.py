"""True light: paths of light through a scene, traced one by one with every order of scattering.

Flights from place to place are those of `core.light.paths.flight`. Light that comes straight from the sun, the sky or a lamp is
asked for at every collision and weighed against what the paths find by themselves with the balance heuristic (Veach and Guibas
1995, Optimally combining sampling techniques). Near the sunlit side a second technique takes one step that leans toward the sun
before it asks: scattering by droplets is so much forward that a path seldom heads for the sun by itself. Nothing here is biased;
what is left is noise, which falls with the square root of the paths.
"""

import math
from typing import NamedTuple

import numpy as np

from ...kernels import borrowed, call, each, f32, i32, row, u32
from ..lattices.trilinear import lattice_value
from ..marching.transmittance import transmittance
from ..scene.lobes import two_lobes
from ..scene.members import ray_of
from .flight import flown
from .random_numbers import WHOLE_TURN, around, cosine_of, drawn, next_state, share_of, stirred

LAYERS = 6
"""Red, green, blue, opacity, distance where a path was first scattered, square of the luminance: sums over paths."""
LONGEST = 100_000
"""Collisions after which a path is given up; no cloud that can be built comes near it."""
DIM = 16
"""Collisions after which a path that has lost light may end by lot."""
SURELY, SELDOM = f32(30.0), f32(0.1)
"""Sunlight is asked for with odds of so many times the share that is thought to arrive, and at least so often."""
LOOKED_FOR = f32(0.0005)
"""Share of the sunlight thought to arrive above which a step that leans toward the sun is tried as well."""


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
    seen: np.ndarray
    seen_sides: np.ndarray
    to_seen: float
    seen_shift: np.ndarray


class Hues(NamedTuple):
    """Colours that change within each of N clouds.

    Attributes
    ----------
    values : ndarray of float32, shape (6, C)
        Of what is scattered, and of the glow, on the lattices of all clouds one after the other; without cells they are 1.
    at, sides : ndarray of int64, shape (N,), (N, 3)
        Where a cloud's lattice begins, and its sides.
    axes, shift : ndarray of float32, shape (N, 3, 3), (N, 3)
        Places in units of the scene to cells.
    """

    values: np.ndarray
    at: np.ndarray
    sides: np.ndarray
    axes: np.ndarray
    shift: np.ndarray


@row
def sky_cell(sky, x, y, z):
    """Row and column of a direction in a table of the surroundings.

    Parameters
    ----------
    sky : ndarray of float32, shape (rows, columns, 3)
    x, y, z : float32
        Unit vector.

    Returns
    -------
    (int, int)
    """
    height = min(max(y, f32(-1)), f32(1))
    line = min(i32((f32(1) - height) * f32(0.5) * f32(sky.shape[0])), i32(sky.shape[0] - 1))
    round_ = math.atan2(x, z) / WHOLE_TURN
    round_ -= math.floor(round_)
    return line, min(i32(round_ * f32(sky.shape[1])), i32(sky.shape[1] - 1))


@call
def hue_at(hues, channel, member, x, y, z):
    """A colour within a cloud.

    Parameters
    ----------
    hues : Hues
    channel : int
        0 to 2 of what is scattered, 3 to 5 of the glow.
    member : int
    x, y, z : float32
        Units of the scene.

    Returns
    -------
    float32
    """
    axes = hues.axes
    return lattice_value(hues.values[channel], hues.at[member], hues.sides[member],
                         axes[member, 0, 0] * x + axes[member, 0, 1] * y + axes[member, 0, 2] * z + hues.shift[member, 0],
                         axes[member, 1, 0] * x + axes[member, 1, 1] * y + axes[member, 1, 2] * z + hues.shift[member, 1],
                         axes[member, 2, 0] * x + axes[member, 2, 1] * y + axes[member, 2, 2] * z + hues.shift[member, 2])


@row
def _arriving(lights, x, y, z):
    """About what share of the sunlight arrives at a place."""
    return transmittance(lattice_value(lights.seen, 0, lights.seen_sides, x * lights.to_seen + lights.seen_shift[0],
                                       y * lights.to_seen + lights.seen_shift[1], z * lights.to_seen + lights.seen_shift[2]))


@row
def _of_the_sun(lights, media, medium, dx, dy, dz, state):
    """A direction toward the sun's disc, and its weight against finding the disc by scattering from a direction."""
    wx = lights.sun[0]
    wy = lights.sun[1]
    wz = lights.sun[2]
    weight = f32(1)
    if lights.sun_cosine < f32(1):
        state = next_state(state)
        c = f32(1) - share_of(state) * (f32(1) - lights.sun_cosine)
        state = next_state(state)
        wx, wy, wz = around(wx, wy, wz, c, WHOLE_TURN * share_of(state))
        likely = f32(1) / (WHOLE_TURN * (f32(1) - lights.sun_cosine))
        weight = likely / (likely + two_lobes(media.lobes, medium, dx * wx + dy * wy + dz * wz))
    return wx, wy, wz, weight, state


@row
def _of_the_sky(lights, media, medium, dx, dy, dz, state):
    """A direction drawn by the sky's brightness, its weight, its cell, and the generator's state."""
    state = next_state(state)
    r = drawn(lights.sky_rows, share_of(state), 0, lights.sky.shape[0])
    state = next_state(state)
    c = drawn(lights.sky_columns, share_of(state), r * lights.sky.shape[1], lights.sky.shape[1])
    state = next_state(state)
    height = f32(1) - f32(2) * (f32(r) + share_of(state)) / f32(lights.sky.shape[0])
    state = next_state(state)
    angle = WHOLE_TURN * (f32(c) + share_of(state)) / f32(lights.sky.shape[1])
    sine = math.sqrt(max(f32(0), f32(1) - height * height))
    wx = sine * math.sin(angle) + f32(1e-9)
    wy = height + f32(1e-9)
    wz = sine * math.cos(angle) + f32(1e-9)
    weight = f32(1) / (lights.sky_asked * lights.sky_likely[r, c] + two_lobes(media.lobes, medium, dx * wx + dy * wy + dz * wz))
    return wx, wy, wz, weight, r, c, state


@row
def of_a_lamp(lights, x, y, z, state):
    """A direction toward a point in a lamp, drawn evenly in its ball; how far it is, its weight, and which lamp.

    Parameters
    ----------
    lights : Lights
    x, y, z : float32
        Where it is seen from, units of the scene.
    state : uint32

    Returns
    -------
    (float32, float32, float32, float32, float32, int, uint32)
        The direction, how far, its weight, the lamp's number, and the generator's state.
    """
    state = next_state(state)
    chosen = drawn(lights.lamp_odds, share_of(state), 0, lights.lamps.shape[0])
    odds = lights.lamp_odds[chosen] - (lights.lamp_odds[chosen - 1] if chosen > 0 else f32(0))
    state = next_state(state)
    away = lights.lamps[chosen, 3] * math.pow(share_of(state), f32(1.0 / 3.0))
    state = next_state(state)
    c = f32(1) - f32(2) * share_of(state)
    state = next_state(state)
    wx, wy, wz = around(f32(0), f32(1), f32(0), c, WHOLE_TURN * share_of(state))
    wx = lights.lamps[chosen, 0] + away * wx - x
    wy = lights.lamps[chosen, 1] + away * wy - y
    wz = lights.lamps[chosen, 2] + away * wz - z
    reach = math.sqrt(max(wx * wx + wy * wy + wz * wz, f32(1e-6)))
    return (wx / reach + f32(1e-9), wy / reach + f32(1e-9), wz / reach + f32(1e-9), reach,
            f32(1) / (odds * reach * reach), chosen, state)


@each("order")
def traced(n, whole, clouds, scattering, shining, colours, camera, order, seed, nth, out):
    """One path for each pixel of some rows.

    Parameters
    ----------
    whole : Bricks
    clouds : Members
    scattering : Media
    shining : Lights
    colours : Hues
    camera : Eye
    order : ndarray of int64, shape (n,)
        Rows to trace.
    seed : uint32
    nth : int
        Number of the path; with the seed and the pixel it decides everything.
    out : ndarray of float32, shape (height, width, LAYERS)
        Added to.
    """
    bricks = borrowed(whole)
    members = borrowed(clouds)
    media = borrowed(scattering)
    lights = borrowed(shining)
    hues = borrowed(colours)
    eye = borrowed(camera)
    ramped = hues.values.shape[1] > 0
    sunny = lights.sun_light[0] + lights.sun_light[1] + lights.sun_light[2] > f32(0)
    sky = lights.sky
    line = order[n]
    for column in range(out.shape[1]):
        state = stirred(u32(u32(u32(line) * u32(0x9E3779B1)) ^ u32(u32(column) * u32(0x85EBCA77)))
                      ^ stirred(u32(u32(nth) * u32(0xC2B2AE3D)) ^ u32(seed)))
        state = next_state(state)
        down = ((f32(line) + share_of(state)) - eye.centre_y) * eye.spread
        state = next_state(state)
        across = ((f32(column) + share_of(state)) - eye.centre_x) * eye.spread
        dx, dy, dz = ray_of(eye, across, down)
        x = eye.place[0]
        y = eye.place[1]
        z = eye.place[2]
        t, _, member, state = flown(bricks, members, x, y, z, dx, dy, dz, f32(1e30), i32(0), state)
        if t < f32(0):
            continue
        out[line, column, 3] += f32(1)
        out[line, column, 4] += t
        red = f32(0)
        green = f32(0)
        blue = f32(0)
        through_r = f32(1)
        through_g = f32(1)
        through_b = f32(1)
        # How likely the path went this way, and the medium it came from, if from there it was also looked for from the sun.
        went = f32(0)
        sought = -1
        for bounce in range(LONGEST):
            x += dx * t
            y += dy * t
            z += dz * t
            medium = members.medium[member]
            if ramped:
                red += through_r * media.glow[medium, 0] * hue_at(hues, i32(3), member, x, y, z)
                green += through_g * media.glow[medium, 1] * hue_at(hues, i32(4), member, x, y, z)
                blue += through_b * media.glow[medium, 2] * hue_at(hues, i32(5), member, x, y, z)
                through_r *= media.albedo[medium, 0] * hue_at(hues, i32(0), member, x, y, z)
                through_g *= media.albedo[medium, 1] * hue_at(hues, i32(1), member, x, y, z)
                through_b *= media.albedo[medium, 2] * hue_at(hues, i32(2), member, x, y, z)
            else:
                red += through_r * media.glow[medium, 0]
                green += through_g * media.glow[medium, 1]
                blue += through_b * media.glow[medium, 2]
                through_r *= media.albedo[medium, 0]
                through_g *= media.albedo[medium, 1]
                through_b *= media.albedo[medium, 2]
            strongest = max(through_r, max(through_g, through_b))
            if bounce >= DIM and strongest < f32(0.5):
                state = next_state(state)
                if share_of(state) >= f32(2) * strongest:
                    break
                revived = f32(0.5) / strongest
                through_r *= revived
                through_g *= revived
                through_b *= revived
            # Sunlight is asked for by lot where a rough estimate says that hardly any arrives.
            near = _arriving(lights, x, y, z)
            sun_asked = min(f32(1), SURELY * near + SELDOM)
            # Lights are asked in turn by one piece of code: whatever is called twice is compiled twice.
            own = near > LOOKED_FOR and sunny
            for asked in range(4 if own else 3):
                ox = x
                oy = y
                oz = z
                reach = f32(1e30)
                light_r = f32(0)
                light_g = f32(0)
                light_b = f32(0)
                vx = dx
                vy = dy
                vz = dz
                there = medium
                shift = f32(1)
                if asked == 1:
                    state = next_state(state)
                    if share_of(state) >= lights.sky_asked:
                        continue
                    wx, wy, wz, weight, r, c, state = _of_the_sky(lights, media, medium, dx, dy, dz, state)
                    light_r = sky[r, c, 0]
                    light_g = sky[r, c, 1]
                    light_b = sky[r, c, 2]
                elif asked == 2:
                    if lights.lamps.shape[0] == 0:
                        continue
                    wx, wy, wz, reach, weight, chosen, state = of_a_lamp(lights, x, y, z, state)
                    light_r = lights.lamps[chosen, 4]
                    light_g = lights.lamps[chosen, 5]
                    light_b = lights.lamps[chosen, 6]
                else:
                    light_r = lights.sun_light[0]
                    light_g = lights.sun_light[1]
                    light_b = lights.sun_light[2]
                    if asked == 0:
                        if not sunny:
                            continue
                        state = next_state(state)
                        if share_of(state) >= sun_asked:
                            continue
                        shift = f32(1) / sun_asked
                        if sought >= 0:
                            cosine = dx * lights.sun[0] + dy * lights.sun[1] + dz * lights.sun[2]
                            shift *= went / (went + two_lobes(media.lobes, sought, cosine))
                    else:
                        # Two steps toward the sun: one that leans to it, and from where that ends, straight.
                        cosine, state = cosine_of(media.lobes, medium, state)
                        state = next_state(state)
                        vx, vy, vz = around(lights.sun[0], lights.sun[1], lights.sun[2], cosine, WHOLE_TURN * share_of(state))
                        t, _, other, state = flown(bricks, members, x, y, z, vx, vy, vz, f32(1e30), i32(0), state)
                        if t < f32(0):
                            continue
                        ox = x + vx * t
                        oy = y + vy * t
                        oz = z + vz * t
                        # Asked with the same odds as if the path had come here by itself.
                        odds = min(f32(1), SURELY * _arriving(lights, ox, oy, oz) + SELDOM)
                        state = next_state(state)
                        if share_of(state) >= odds:
                            continue
                        straight = two_lobes(media.lobes, medium, dx * vx + dy * vy + dz * vz)
                        shift = straight / ((straight + two_lobes(media.lobes, medium, cosine)) * odds)
                        there = members.medium[other]
                        light_r *= media.albedo[there, 0]
                        light_g *= media.albedo[there, 1]
                        light_b *= media.albedo[there, 2]
                        if ramped:
                            light_r *= hue_at(hues, i32(0), other, ox, oy, oz)
                            light_g *= hue_at(hues, i32(1), other, ox, oy, oz)
                            light_b *= hue_at(hues, i32(2), other, ox, oy, oz)
                    wx, wy, wz, weight, state = _of_the_sun(lights, media, there, vx, vy, vz, state)
                weight *= shift * two_lobes(media.lobes, there, vx * wx + vy * wy + vz * wz)
                _, left, _, state = flown(bricks, members, ox, oy, oz, wx, wy, wz, reach, i32(1), state)
                weight *= left
                red += weight * through_r * light_r
                green += weight * through_g * light_g
                blue += weight * through_b * light_b
            cosine, state = cosine_of(media.lobes, medium, state)
            went = two_lobes(media.lobes, medium, cosine)
            sought = medium if own else -1
            state = next_state(state)
            dx, dy, dz = around(dx, dy, dz, cosine, WHOLE_TURN * share_of(state))
            t, _, member, state = flown(bricks, members, x, y, z, dx, dy, dz, f32(1e30), i32(0), state)
            if t < f32(0):
                r, c = sky_cell(sky, dx, dy, dz)
                weight = went / (went + lights.sky_asked * lights.sky_likely[r, c])
                red += weight * through_r * sky[r, c, 0]
                green += weight * through_g * sky[r, c, 1]
                blue += weight * through_b * sky[r, c, 2]
                if (lights.sun_cosine < f32(1)
                        and dx * lights.sun[0] + dy * lights.sun[1] + dz * lights.sun[2] >= lights.sun_cosine):
                    likely = f32(1) / (WHOLE_TURN * (f32(1) - lights.sun_cosine))
                    weight = went / (went + likely) * likely
                    red += weight * through_r * lights.sun_light[0]
                    green += weight * through_g * lights.sun_light[1]
                    blue += weight * through_b * lights.sun_light[2]
                break
        out[line, column, 0] += red
        out[line, column, 1] += green
        out[line, column, 2] += blue
        bright = f32(0.2126) * red + f32(0.7152) * green + f32(0.0722) * blue
        out[line, column, 5] += bright * bright
