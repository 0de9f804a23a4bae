"""Light of lamps that stand within a cloud: sent out from them, and seen by the eye from wherever it is scattered.

A path from the eye hardly ever comes near a lamp deep inside, and what it then finds is so bright that no number of paths evens
it out. Photons from the lamp find their way out by themselves. Each scattering sends its share toward the eye, dimmed by
ratio tracking, which is the same sum of light ordered the other way round (light tracing: Dutre, Lafortune and Willems 1993, Monte
Carlo light tracing with direct computation of pixel intensities, Compugraphics).
"""

import math

import numpy as np

from ...kernels import borrowed, each, f32, i32, u32
from ..lattices.coarse import QUICK, coarse_in
from ..lattices.transport import DIRECTIONS
from ..scene.lobes import two_lobes
from .flight import flown
from .paths import DIM, LONGEST, hue_at
from .random_numbers import WHOLE_TURN, around, cosine_of, drawn, next_state, share_of, stirred

STRANDS = 4
"""Pictures that photons are added to side by side: not the number of threads, so that a result does not depend on it."""
PIXELS = 12
"""Pixels of the picture for each photon of a turn: it then takes half as long as the turn's paths."""
BURIED, DEEP = 0.5, 0.97
"""Shares of a lamp's light that are scattered before it comes out: from the first on it is sent out as photons, from the second on
next to nothing comes straight to where the eye sees."""


@each("out")
def shone(strand, whole, clouds, scattering, lamps, odds, colours, camera, count, seed, nth, out):
    """Light of some photons from lamps, added to pictures.

    Parameters
    ----------
    whole : Bricks
    clouds : Members
    scattering : Media
    lamps : ndarray of float32, shape (n, 7)
        Place and radius in units of the scene, irradiance one of them away.
    odds : ndarray of float32, shape (n,)
        The rising sums of their odds.
    colours : Hues
    camera : Eye
    count : int
        Photons for each of the pictures.
    seed : uint32
    nth : int
        Number of the turn.
    out : ndarray of float32, shape (STRANDS, height, width, 3)
        Radiance, summed over the photons of all strands as if each turn had sent out all light once.
    """
    bricks = borrowed(whole)
    members = borrowed(clouds)
    media = borrowed(scattering)
    hues = borrowed(colours)
    eye = borrowed(camera)
    ramped = hues.values.shape[1] > 0
    height = out.shape[1]
    width = out.shape[2]
    # All photons of a turn share out what the lamps send in all directions.
    each = f32(2) * WHOLE_TURN / f32(count * out.shape[0])
    for photon in range(count):
        state = stirred(u32(u32(u32(strand) * u32(0x9E3779B1)) ^ u32(u32(photon) * u32(0x85EBCA77)))
                      ^ stirred(u32(u32(nth) * u32(0xC2B2AE3D)) ^ u32(seed ^ u32(0x51F15EED))))
        state = next_state(state)
        chosen = drawn(odds, share_of(state), 0, lamps.shape[0])
        likely = odds[chosen] - (odds[chosen - 1] if chosen > 0 else f32(0))
        state = next_state(state)
        away = lamps[chosen, 3] * math.pow(share_of(state), f32(1.0 / 3.0))
        state = next_state(state)
        c = f32(1) - f32(2) * share_of(state)
        state = next_state(state)
        dx, dy, dz = around(f32(0), f32(1), f32(0), c, WHOLE_TURN * share_of(state))
        x = lamps[chosen, 0] + away * dx
        y = lamps[chosen, 1] + away * dy
        z = lamps[chosen, 2] + away * dz
        state = next_state(state)
        c = f32(1) - f32(2) * share_of(state)
        state = next_state(state)
        dx, dy, dz = around(f32(0), f32(1), f32(0), c, WHOLE_TURN * share_of(state))
        dx += f32(1e-9)
        dy += f32(1e-9)
        dz += f32(1e-9)
        red = each / likely * lamps[chosen, 4]
        green = each / likely * lamps[chosen, 5]
        blue = each / likely * lamps[chosen, 6]
        full = f32(0.2126) * red + f32(0.7152) * green + f32(0.0722) * blue
        wx = dx
        wy = dy
        wz = dz
        reach = f32(1e30)
        sent = f32(0)
        line = i32(0)
        column = i32(0)
        to_eye = False
        # Flights onward and to the eye are one piece of code: whatever is called twice is compiled twice.
        for step in range(LONGEST):
            t, left, member, state = flown(bricks, members, x, y, z, wx, wy, wz, reach, i32(to_eye), state)
            if to_eye:
                out[strand, line, column, 0] += left * sent * red
                out[strand, line, column, 1] += left * sent * green
                out[strand, line, column, 2] += left * sent * blue
                to_eye = False
                wx = dx
                wy = dy
                wz = dz
                reach = f32(1e30)
                continue
            if t < f32(0):
                break
            x += dx * t
            y += dy * t
            z += dz * t
            medium = members.medium[member]
            red *= media.albedo[medium, 0]
            green *= media.albedo[medium, 1]
            blue *= media.albedo[medium, 2]
            if ramped:
                red *= hue_at(hues, i32(0), member, x, y, z)
                green *= hue_at(hues, i32(1), member, x, y, z)
                blue *= hue_at(hues, i32(2), member, x, y, z)
            bright = f32(0.2126) * red + f32(0.7152) * green + f32(0.0722) * blue
            if step >= 2 * DIM and bright < f32(0.5) * full:
                state = next_state(state)
                if share_of(state) * full >= f32(2) * bright:
                    break
                revived = f32(0.5) * full / bright
                red *= revived
                green *= revived
                blue *= revived
            ex = eye.place[0] - x
            ey = eye.place[1] - y
            ez = eye.place[2] - z
            away = math.sqrt(max(ex * ex + ey * ey + ez * ez, f32(1)))
            ahead = -(ex * eye.forward[0] + ey * eye.forward[1] + ez * eye.forward[2])
            if ahead > f32(1e-3):
                right = -(ex * eye.right[0] + ey * eye.right[1] + ez * eye.right[2]) / (ahead * eye.spread)
                up = -(ex * eye.up[0] + ey * eye.up[1] + ez * eye.up[2]) / (ahead * eye.spread)
                column = i32(math.floor(right + eye.centre_x))
                line = i32(math.floor(eye.centre_y - up))
                to_eye = column >= 0 and line >= 0 and column < width and line < height
            if to_eye:
                reach = away
                wx = ex / away + f32(1e-9)
                wy = ey / away + f32(1e-9)
                wz = ez / away + f32(1e-9)
                # Of a pixel the eye sees a solid angle of the spread squared times the cosine cubed.
                cosine = ahead / away
                sent = two_lobes(media.lobes, medium, dx * wx + dy * wy + dz * wz) / (
                    away * away * eye.spread * eye.spread * cosine * cosine * cosine)
            cosine, state = cosine_of(media.lobes, medium, state)
            state = next_state(state)
            dx, dy, dz = around(dx, dy, dz, cosine, WHOLE_TURN * share_of(state))
            if not to_eye:
                wx = dx
                wy = dy
                wz = dz


def scattered_shares(scene, lamps):
    """Share of the light of lamps that is scattered before it comes out of the clouds.

    Parameters
    ----------
    scene : Scene
    lamps : list of Shining

    Returns
    -------
    ndarray of float64, shape (n,)
    """
    if not lamps:
        return np.zeros(0)
    coarse, mixture = coarse_in(scene, QUICK)
    way = np.arange(0.25, max(coarse.small.shape), 0.5)[:, None, None] * DIRECTIONS
    found = []
    for lamp in lamps:
        places = np.rint((np.asarray(lamp.place) - coarse.wide_first) / coarse.wide + way).astype(int)
        inside = ((places >= 0) & (places < coarse.small.shape)).all(axis=-1)
        along = coarse.small[tuple(np.moveaxis(np.clip(places, 0, np.array(coarse.small.shape) - 1), -1, 0))] * inside
        found.append(1.0 - np.exp(-0.5 * mixture.extinction * coarse.wide * along.sum(axis=0)).mean())
    return np.array(found)
