"""Gathered paths: True light that takes the rest of a path from the lattice.

A path is followed to where it is first scattered. What sunlight and lamps send there is asked for as paths alone do; for the rest
one direction is drawn from the true phase function, and where light from there was scattered before, the lattice says how much
came (final gathering: Reichert 1992; Jensen 1996, Global illumination using photon maps). Beyond the first collision the forward
peak of scattering counts as none (Wiscombe 1977, see `core.light.transport`), so that light toward the sun is dimmed little and
a flight ends where the lattice is worth asking. A path ends after two collisions, with a half to a sixth of a whole one's noise;
what the lattice is wrong by is left, and is put right by some whole paths: see `core.light.levels`.
"""

import math

import numpy as np

from ..colour import luminance
from ..kernels import borrowed, f32, i32, kernel, prange, row, u32, u64
from .chance import WHOLE_TURN, around, cosine_of, next_state, share_of, stirred
from .flight import flown
from .lobes import two_lobes
from .members import ray_of
from .onward import TURNS, ahead_share, onward
from .paths import of_a_lamp, sky_cell
from .phase import forward_peak, lobes_of, mean_cosine, thick_share
from .surroundings import surroundings_of
from .trilinear import blended, cell_of, lattice_value

CHANNELS = 12
"""Of the field: for each colour what is sent on in the mean, and what is added to it times the direction it goes along."""
FIRST, TO_LAMP, TO_SUN, ONWARD, TO_SUN_AGAIN = range(5)
"""Flights of a path, in their order."""
_FOUR_PI = f32(4.0 * math.pi)


def field_of_light(lattice, scene):
    """What the cells of a lattice send on, in the colours of the light.

    Parameters
    ----------
    lattice : Lattice
    scene : Scene

    Returns
    -------
    ndarray of float32, shape (U, V, W, 12)
    """
    light, medium = scene.light, scene.medium
    outside = surroundings_of(light)
    back = thick_share(medium.albedo * np.asarray(medium.tint), mean_cosine(lobes_of(medium)))
    colours = np.zeros((lattice.sky.shape[3], 3))
    colours[0], colours[1:4] = outside.sun * back, outside.parts * back
    if len(colours) > 4:
        colours[4:7] = np.eye(3)
    field = np.einsum("uvwnm,nc->uvwcm", lattice.sky, colours.astype(np.float32))
    return np.ascontiguousarray(field.reshape(*field.shape[:3], CHANNELS), np.float32)


def cosines_of(media):
    """Mean cosine of scattering without its forward peak: ndarray of float32, shape (M,)."""
    return np.array([forward_peak(lobes_of(medium))[1] for medium in media], np.float32)


def softened(members, media):
    """Members whose forward peak counts as no scattering."""
    peaks = np.array([forward_peak(lobes_of(media[n]))[0] for n in members.medium], np.float32)
    return members._replace(rate=members.rate * (np.float32(1.0) - peaks))


def gathers(scene):
    """Whether the rest of paths through a scene can be taken from its lattice.

    Parameters
    ----------
    scene : Scene

    Returns
    -------
    bool
        Not where a cloud glows, has colours that change within it, or absorbs much: the lattice knows of none of these.
    """
    return not scene.hued and all(
        medium.glow_strength == 0.0 and luminance(medium.albedo * np.asarray(medium.tint)) > 0.9 for medium in
        {cloud.shown for cloud in scene.clouds})


@row
def ahead_of(media, medium, cosine, depth):
    """Sunlight that goes on nearly as it came, sent toward the eye: see `core.light.onward`.

    Parameters
    ----------
    media : Media
    medium : int
    cosine : float32
        Between the ray and the sun.
    depth : float32
        Optical depth toward the sun.

    Returns
    -------
    float32
        Per steradian.
    """
    angle = math.sqrt(max(f32(0.5) - f32(0.5) * cosine, f32(0))) * f32(TURNS - 1)
    turned = min(i32(angle), i32(TURNS - 2))
    return onward(media.ahead, i32(medium * TURNS + turned), angle - f32(turned), depth)


@row
def _sent(field, sides, x, y, z, dx, dy, dz):
    """Red, green and blue that a place on the lattice sends along a direction."""
    at, u, v, w = cell_of(x, y, z, sides[0], sides[1], sides[2])
    at *= u64(CHANNELS)
    on_z = u64(CHANNELS)
    on_y = u64(CHANNELS * sides[2])
    on_x = u64(CHANNELS * sides[1] * sides[2])
    red = f32(0)
    green = f32(0)
    blue = f32(0)
    for n in range(CHANNELS):
        value = blended(field, at + u64(n), on_x, on_y, on_z, u, v, w)
        part = n & 3
        value *= dx if part == 1 else (dy if part == 2 else (dz if part == 3 else f32(1)))
        if n < 4:
            red += value
        elif n < 8:
            green += value
        else:
            blue += value
    return max(f32(0), red), max(f32(0), green), max(f32(0), blue)


@kernel
def gathered(whole, clouds, soft, scattering, cosines, shining, light_field, field_sides, to_field, field_shift, camera, order,
             seed, nth, out):
    """One gathered path for each pixel of some rows.

    Parameters
    ----------
    whole : Bricks
    clouds, soft : Members
        As they are, and without the forward peak of scattering.
    scattering : Media
    cosines : ndarray of float32, shape (M,)
        From `cosines_of`.
    shining : Lights
    light_field : ndarray of float32, flat
        From `field_of_light`.
    field_sides : ndarray of int64, shape (3,)
    to_field : float32
        Its cells in a unit of the scene.
    field_shift : ndarray of float32, shape (3,)
        Its cell at the scene's origin.
    camera : Eye
    order, seed, nth, out
        As of `paths.traced`.
    """
    for n in prange(order.shape[0]):
        bricks = borrowed(whole)
        members = borrowed(clouds)
        softer = borrowed(soft)
        media = borrowed(scattering)
        lights = borrowed(shining)
        eye = borrowed(camera)
        sky = lights.sky
        sunny = lights.sun_light[0] + lights.sun_light[1] + lights.sun_light[2] > f32(0)
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
            red = f32(0)
            green = f32(0)
            blue = f32(0)
            through_r = f32(1)
            through_g = f32(1)
            through_b = f32(1)
            medium = members.medium[0]
            wx = dx
            wy = dy
            wz = dz
            weight = f32(1)
            light_r = f32(0)
            light_g = f32(0)
            light_b = f32(0)
            met = False
            # All flights go through one piece of code: whatever is called twice is compiled twice.
            for step in range(5):
                dimming = step == TO_LAMP or step == TO_SUN or step == TO_SUN_AGAIN
                reach = f32(1e30)
                if step == TO_LAMP:
                    if lights.lamps.shape[0] == 0:
                        continue
                    wx, wy, wz, reach, weight, chosen, state = of_a_lamp(lights, x, y, z, state)
                    weight *= two_lobes(media.lobes, medium, dx * wx + dy * wy + dz * wz)
                    light_r = lights.lamps[chosen, 4]
                    light_g = lights.lamps[chosen, 5]
                    light_b = lights.lamps[chosen, 6]
                elif dimming:
                    if not sunny:
                        continue
                    state = next_state(state)
                    cosine = f32(1) - share_of(state) * (f32(1) - lights.sun_cosine)
                    state = next_state(state)
                    wx, wy, wz = around(lights.sun[0], lights.sun[1], lights.sun[2], cosine, WHOLE_TURN * share_of(state))
                    light_r = lights.sun_light[0]
                    light_g = lights.sun_light[1]
                    light_b = lights.sun_light[2]
                    cosine = dx * wx + dy * wy + dz * wz
                    weight = max(f32(0), f32(1) + f32(3) * cosines[medium] * cosine) / _FOUR_PI
                    if step == TO_SUN:
                        depth = lattice_value(lights.seen, 0, lights.seen_sides, x * lights.to_seen + lights.seen_shift[0],
                                              y * lights.to_seen + lights.seen_shift[1], z * lights.to_seen + lights.seen_shift[2])
                        # Elsewhere than ahead the lattice holds what was turned there by many small steps.
                        near = ahead_share(cosine)
                        forward = near * ahead_of(media, medium, cosine, depth)
                        red += through_r * forward * light_r
                        green += through_g * forward * light_g
                        blue += through_b * forward * light_b
                        weight = two_lobes(media.lobes, medium, cosine) * (f32(1) - near)
                elif step == ONWARD:
                    cosine, state = cosine_of(media.lobes, medium, state)
                    state = next_state(state)
                    wx, wy, wz = around(dx, dy, dz, cosine, WHOLE_TURN * share_of(state))
                t, left, member, state = flown(bricks, members if step == FIRST else softer, x, y, z, wx, wy, wz, reach, dimming,
                                               state)
                if dimming:
                    weight *= left
                    red += weight * through_r * light_r
                    green += weight * through_g * light_g
                    blue += weight * through_b * light_b
                    continue
                if t < f32(0):
                    if step == ONWARD:
                        r, c = sky_cell(sky, wx, wy, wz)
                        red += through_r * sky[r, c, 0]
                        green += through_g * sky[r, c, 1]
                        blue += through_b * sky[r, c, 2]
                    break
                x += wx * t
                y += wy * t
                z += wz * t
                dx = wx
                dy = wy
                dz = wz
                medium = members.medium[member]
                if step == FIRST:
                    met = True
                    out[line, column, 3] += f32(1)
                    out[line, column, 4] += t
                else:
                    # Light that the lattice says comes from there, back along this way.
                    light_r, light_g, light_b = _sent(
                        light_field, field_sides, x * to_field + field_shift[0], y * to_field + field_shift[1],
                        z * to_field + field_shift[2], -dx, -dy, -dz)
                    red += through_r * light_r
                    green += through_g * light_g
                    blue += through_b * light_b
                through_r *= media.albedo[medium, 0]
                through_g *= media.albedo[medium, 1]
                through_b *= media.albedo[medium, 2]
            if met:
                out[line, column, 0] += red
                out[line, column, 1] += green
                out[line, column, 2] += blue
                bright = f32(0.2126) * red + f32(0.7152) * green + f32(0.0722) * blue
                out[line, column, 5] += bright * bright
