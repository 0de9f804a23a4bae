"""Gathered paths: True light that takes the rest of a path from the lattice.

A path is followed to where it is first scattered. What sunlight and lamps send there is asked for as paths alone do; for the rest
one direction is drawn from the true phase function, and where light from there was scattered before, the lattice says how much
came (final gathering: Reichert 1992; Jensen 1996, Global illumination using photon maps). Beyond the first collision the forward
peak of scattering counts as none (Wiscombe 1977, see `core.light.lattices.transport`), so that light toward the sun is dimmed
little and a flight ends where the lattice is worth asking. A path ends after two collisions, with a half to a sixth of a whole
one's noise; what the lattice is wrong by is left, and is put right by some whole paths: see `core.light.paths.multilevel`.

Against the sun most light comes by a few collisions that each turn it little, for which the lattice is too coarse. A path may
therefore be followed through some collisions more as it truly goes before the rest is taken so: less bias, more noise.
"""

import math
from typing import NamedTuple

import numpy as np
import scipy

from ...directions import direction_of
from ...kernels import borrowed, each, f32, i32, row, u32, u64
from ..lattices.lattice import arriving_in, from_lamps, zone_shares
from ..lattices.small_angle import TURNS, ahead_share, onward
from ..lattices.transport import transported
from ..lattices.trilinear import blended, cell_of, lattice_value
from ..scene.lobes import two_lobes
from ..scene.members import ray_of
from ..scene.phase import forward_peak, lobes_of, mean_cosine, thick_share
from ..scene.scene import mixture_of
from ..scene.surroundings import surroundings_of
from .flight import flown
from .paths import hue_at, of_a_lamp, sky_cell
from .random_numbers import WHOLE_TURN, around, cosine_of, next_state, share_of, stirred

CHANNELS = 12
"""Of the field: for each colour what is sent on in the mean, and what is added to it times the direction it goes along."""
FIRST, TO_LAMP, TO_SUN, ONWARD, TO_SUN_AGAIN = range(5)
"""Flights of a path, in their order; the three in the middle once more for each collision that is followed."""
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
    # As one product of matrices, fourteen times as fast as a sum over the axes of the lattice: each colour of each of the four
    # numbers is so much of each kind of light.
    kinds, moments = lattice.sky.shape[3:]
    shares = np.einsum("nc,mk->nmck", colours, np.eye(moments)).reshape(kinds * moments, CHANNELS).astype(np.float32)
    return (lattice.sky.reshape(-1, kinds * moments) @ shares).reshape(*lattice.sky.shape[:3], CHANNELS)


def _counting(medium):
    """Share of a medium's extinction that counts beyond the first collision: 1 - a f of its brightest colour.

    Without its forward peak f a medium of albedo a has 1 - a f of its extinction and an albedo of a (1 - f) / (1 - a f) (Wiscombe
    1977, eqs. 20 and 21). All colours fly alike, as the brightest one does, each with its own albedo: a thick part so has its
    colour, and only how deep light of the other colours goes is not quite right.
    """
    return 1.0 - medium.albedo * max(medium.tint) * forward_peak(lobes_of(medium))[0]


class Coloured(NamedTuple):
    """Light of each colour in a cloud.

    Attributes
    ----------
    field : ndarray of float32, shape (U, V, W, 12)
        As of `field_of_light`.
    depths : ndarray of float32, shape (3,)
        Optical depths of each colour, in those of the brightest, in the mean.
    """

    field: np.ndarray
    depths: np.ndarray

    @property
    def nbytes(self):
        """Bytes held."""
        return self.field.nbytes


def coloured_field(coarse, lattice, scene, hues=None, frame=0, ticket=None):
    """As `field_of_light`, of a cloud that absorbs, glows or has colours that change within it: solved for each colour by itself.

    Parameters
    ----------
    coarse : Coarse
        Where the cloud stands.
    lattice : Lattice
        Its light, of which only what comes straight from the sun is used.
    scene : Scene
        Of one cloud.
    hues : Colours, optional
        Those of the cloud, as `hues_of` gives them to paths.
    frame : int, optional
        For the flicker of lamps.
    ticket : Ticket, optional

    Returns
    -------
    Coloured
    """
    cloud, light = scene.clouds[0], scene.light
    medium, outside = cloud.shown, surroundings_of(light)
    mixture = mixture_of(medium)
    peak = forward_peak(lobes_of(medium))[0]
    own = np.ones((*coarse.small.shape, 3), np.float32) * (medium.albedo * np.asarray(medium.tint, np.float32))
    glow = np.ones_like(own) * (medium.glow_strength * np.asarray(medium.glow, np.float32))
    if hues is not None:
        at = (coarse.wide_first + coarse.wide * np.moveaxis(np.indices(coarse.small.shape), 0, -1) - hues.first) / hues.cell
        at = np.moveaxis(at, -1, 0)
        for n in range(3):
            own[..., n] *= scipy.ndimage.map_coordinates(hues.values[n], at, np.float32, order=1, mode="nearest")
            glow[..., n] *= scipy.ndimage.map_coordinates(hues.values[3 + n], at, np.float32, order=1, mode="nearest")
    counting = 1.0 - own * peak
    albedo = (own * (1.0 - peak) / counting).astype(np.float32)
    weight = coarse.small / max(float(coarse.small.sum(dtype=np.float64)), 1e-30)
    mean, share = np.einsum("uvw,uvwc->c", weight, counting), _counting(medium)
    toward = direction_of(light.sun.azimuth, light.sun.elevation)
    lean = np.array([1.0, *(-3.0 * mixture.cosine * toward)], np.float32)
    arriving = np.stack([arriving_in(coarse, lattice.sun, f32(each)) for each in mean], axis=-1)
    sun = arriving[..., None, :] * lean[:, None] * (outside.sun / (4.0 * np.pi)).astype(np.float32)
    # What is begun here, as the lattice sends it on: lamps and glow, and sunlight, which paths ask for themselves.
    begun = np.zeros((*coarse.small.shape, 4, 3), np.float32)
    begun[..., 0, :] = glow / counting
    if light.lamps:
        firsts, colours = from_lamps(coarse, light, frame, mixture)
        begun += (firsts @ colours) * albedo[..., None, :]
    # Spread of the sky over directions is that of its luminance, zone by zone; its colour is the zone's.
    entering = np.transpose(zone_shares(light)).astype(np.float32) @ outside.parts.astype(np.float32)
    if ticket is not None:
        ticket.tick(0.3)
    thick = coarse.small * np.float32(mixture.extinction * share * coarse.wide)
    spread = transported(thick, mixture.cosine, sun * albedo[..., None, :] + begun, entering, albedo=albedo)
    field = np.moveaxis(spread + begun, -1, -2)
    return Coloured(np.ascontiguousarray(field.reshape(*field.shape[:3], CHANNELS), np.float32), (mean / share).astype(np.float32))


def cosines_of(media):
    """Mean cosine of scattering without its forward peak: ndarray of float32, shape (M,)."""
    return np.array([forward_peak(lobes_of(medium))[1] for medium in media], np.float32)


def peaks_of(media):
    """Share of scattering that is in its forward peak: ndarray of float32, shape (M,)."""
    return np.array([forward_peak(lobes_of(medium))[0] for medium in media], np.float32)


def softened(members, media):
    """Members whose forward peak counts as no scattering."""
    shares = np.array([_counting(media[n]) for n in members.medium], np.float32)
    return members._replace(rate=members.rate * shares)


WHITE = 0.9995
"""Albedo of all colours above which a cloud is as its lattice, which absorbs nothing."""
WHITISH = 0.9
"""The same of clouds that stand together, whose lattice is one: what they absorb is taken off by what a thick one sends back."""


def _as_its_lattice(medium, least):
    return medium.glow_strength == 0.0 and medium.albedo * min(medium.tint) > least


def needs_colours(scene):
    """Whether paths through a scene can be gathered only with a field for each colour, see `coloured_field`.

    Parameters
    ----------
    scene : Scene

    Returns
    -------
    bool
    """
    return scene.plain and (scene.hued or not _as_its_lattice(scene.clouds[0].shown, WHITE))


def gathers(scene):
    """Whether the rest of paths through a scene can be taken from its lattice.

    Parameters
    ----------
    scene : Scene

    Returns
    -------
    bool
        Not of several clouds of which one glows, has colours that change within it, or absorbs much.
    """
    return scene.plain or not scene.hued and all(_as_its_lattice(cloud.shown, WHITISH) for cloud in scene.clouds)


@row
def ahead_of(media, medium, cosine, depth):
    """Sunlight that goes on nearly as it came, sent toward the eye: see `core.light.lattices.small_angle`.

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
def _softer(albedo, peak):
    """Albedo without the forward peak: see `_counting`."""
    return albedo * (f32(1) - peak) / (f32(1) - albedo * peak)


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


@each("order")
def gathered(n, whole, clouds, soft, scattering, cosines, peaks, depths, shining, colours, light_field, field_sides, to_field,
             field_shift, camera, followed, order, seed, nth, out):
    """One gathered path for each pixel of some rows.

    Parameters
    ----------
    whole : Bricks
    clouds, soft : Members
        As they are, and without the forward peak of scattering.
    scattering : Media
    cosines : ndarray of float32, shape (M,)
        From `cosines_of`.
    peaks : ndarray of float32, shape (M,)
        From `peaks_of`.
    depths : ndarray of float32, shape (3,)
        From `Coloured`; 1 where all colours are dimmed alike.
    shining : Lights
    colours : Hues
    light_field : ndarray of float32, flat
        From `field_of_light`.
    field_sides : ndarray of int64, shape (3,)
    to_field : float32
        Its cells in a unit of the scene.
    field_shift : ndarray of float32, shape (3,)
        Its cell at the scene's origin.
    camera : Eye
    followed : int
        Collisions that are followed as they are before what is sent on is gathered.
    order, seed, nth, out
        As of `paths.traced`.
    """
    last = 3 * followed
    bricks = borrowed(whole)
    members = borrowed(clouds)
    softer = borrowed(soft)
    media = borrowed(scattering)
    lights = borrowed(shining)
    hues = borrowed(colours)
    eye = borrowed(camera)
    alike = depths[0] == f32(1) and depths[1] == f32(1) and depths[2] == f32(1)
    ramped = hues.values.shape[1] > 0
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
        for flight in range(5 + last):
            # As it truly goes, before the forward peak counts as none.
            exact = flight <= last
            step = flight - last
            if step < 0:
                step = FIRST if flight == 0 else TO_LAMP + (flight - 1) % 3
            elif flight > 0 and step == 0:
                step = ONWARD
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
                    near = f32(0) if exact else ahead_share(cosine)
                    forward = near * ahead_of(media, medium, cosine, depth)
                    red += through_r * forward * light_r
                    green += through_g * forward * light_g
                    blue += through_b * forward * light_b
                    weight = two_lobes(media.lobes, medium, cosine) * (f32(1) - near)
            elif step == ONWARD:
                cosine, state = cosine_of(media.lobes, medium, state)
                state = next_state(state)
                wx, wy, wz = around(dx, dy, dz, cosine, WHOLE_TURN * share_of(state))
            t, left, member, state = flown(bricks, members if exact else softer, x, y, z, wx, wy, wz, reach,
                                           i32(dimming), state)
            if dimming:
                if not (alike or exact) and left > f32(0):
                    # A power of an estimate: near enough, and put right with all else.
                    light_r *= math.pow(left, depths[0] - f32(1))
                    light_g *= math.pow(left, depths[1] - f32(1))
                    light_b *= math.pow(left, depths[2] - f32(1))
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
            own_r = media.albedo[medium, 0]
            own_g = media.albedo[medium, 1]
            own_b = media.albedo[medium, 2]
            if ramped:
                own_r *= hue_at(hues, i32(0), member, x, y, z)
                own_g *= hue_at(hues, i32(1), member, x, y, z)
                own_b *= hue_at(hues, i32(2), member, x, y, z)
            if exact:
                if step == FIRST:
                    met = True
                    out[line, column, 3] += f32(1)
                    out[line, column, 4] += t
                glow_r = media.glow[medium, 0]
                glow_g = media.glow[medium, 1]
                glow_b = media.glow[medium, 2]
                if ramped:
                    glow_r *= hue_at(hues, i32(3), member, x, y, z)
                    glow_g *= hue_at(hues, i32(4), member, x, y, z)
                    glow_b *= hue_at(hues, i32(5), member, x, y, z)
                red += through_r * glow_r
                green += through_g * glow_g
                blue += through_b * glow_b
            else:
                # Light that the lattice says comes from there, back along this way.
                light_r, light_g, light_b = _sent(
                    light_field, field_sides, x * to_field + field_shift[0], y * to_field + field_shift[1],
                    z * to_field + field_shift[2], -dx, -dy, -dz)
                red += through_r * light_r
                green += through_g * light_g
                blue += through_b * light_b
                own_r = _softer(own_r, peaks[medium])
                own_g = _softer(own_g, peaks[medium])
                own_b = _softer(own_b, peaks[medium])
            through_r *= own_r
            through_g *= own_g
            through_b *= own_b
        if met:
            out[line, column, 0] += red
            out[line, column, 1] += green
            out[line, column, 2] += blue
            bright = f32(0.2126) * red + f32(0.7152) * green + f32(0.0722) * blue
            out[line, column, 5] += bright * bright
