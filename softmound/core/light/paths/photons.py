"""Light of lamps that stand within a cloud: sent out from them, and seen by the eye from wherever it is scattered.

A path from the eye hardly ever comes near a lamp deep inside, and what it then finds is so bright that no number of paths evens
it out. Photons from the lamp find their way out by themselves. Each scattering sends its share toward the eye, dimmed by
ratio tracking, which is the same sum of light ordered the other way round (light tracing: Dutre, Lafortune and Willems 1993, Monte
Carlo light tracing with direct computation of pixel intensities, Compugraphics).
"""

import math

import numpy as np

from ...kernels import borrowed, each, f32, i32, inlined, u32
from ...standins.tree import FAR
from ...vectors import carried, dot, length, luminance_of, row_of, scaled, three, times
from ..lattices.coarse import QUICK, coarse_in
from ..lattices.transport import DIRECTIONS
from ..scene.lobes import two_lobes
from .flight import DIMMING_TO_EYE, FLYING, flown
from .hues import albedo_at
from .paths import DIM, LONGEST, revived
from .random_numbers import WHOLE_TURN, anywhere, drawn, even, first_state, in_a_ball, scattered

STRANDS = 4
"""Pictures that photons are added to side by side: not the number of threads, so that a result does not depend on it."""
PIXELS = 12
"""Pixels of the picture for each photon of a turn: it then takes half as long as the turn's paths."""
BURIED, DEEP = 0.5, 0.97
"""Shares of a lamp's light that are scattered before it comes out: from the first on it is sent out as photons, from the second on
next to nothing comes straight to where the eye sees."""


@each("out")
def shone(strand, whole, clouds, standing, scattering, lamps, odds, places, colours, camera, count, turn, out):
    """Light of some photons from lamps, added to pictures.

    Parameters
    ----------
    whole : Bricks
    clouds : Members
    standing : Solids
    scattering : Media
    lamps : ndarray of float32, shape (n, 7)
        Place and radius in units of the scene, irradiance one of them away.
    odds : ndarray of float32, shape (n,)
        The rising sums of their odds.
    places : ndarray of int64, shape (n,)
        Which of the G parts of the pictures their light is added to.
    colours : Hues
    camera : Eye
    count : int
        Photons for each of the pictures.
    turn : Turn
    out : ndarray of float32, shape (STRANDS, height, width, G, 3)
        Radiance, summed over the photons of all strands as if each turn had sent out all light once.
    """
    bricks, members, solids, media = borrowed(whole), borrowed(clouds), borrowed(standing), borrowed(scattering)
    hues, eye = borrowed(colours), borrowed(camera)
    # All photons of a turn share out what the lamps send in all directions.
    share = f32(2) * WHOLE_TURN / f32(count * out.shape[0])
    for photon in range(count):
        state = first_state(strand, photon, turn.seed ^ u32(0x51F15EED), turn.nth)
        chosen, place, came, light, state = _sent_out(lamps, odds, share, state)
        part = places[chosen]
        full = luminance_of(light)
        way, reach, sent = came, FAR, f32(0)
        line, column, to_eye = i32(0), i32(0), False
        # Flights onward and to the eye are one piece of code: whatever is called twice is compiled twice.
        for step in range(LONGEST):
            t, left, member, state = flown(bricks, members, solids, place, way, reach, DIMMING_TO_EYE if to_eye else FLYING, state)
            if to_eye:
                out[strand, line, column, part, 0] += left * sent * light[0]
                out[strand, line, column, part, 1] += left * sent * light[1]
                out[strand, line, column, part, 2] += left * sent * light[2]
                way, reach, to_eye = came, FAR, False
                continue
            if t < f32(0) or member < 0:  # where there are stand-ins no photons are sent out
                break
            place = carried(place, came, t)
            medium = members.medium[member]
            light = times(light, albedo_at(media, medium, hues, member, place))
            if step >= 2 * DIM:
                light, state = revived(light, luminance_of(light), full, state)
                if luminance_of(light) <= f32(0):
                    break
            line, column, toward, away, solid = _pixel_of(eye, place)
            to_eye = line >= 0 and column >= 0 and line < out.shape[1] and column < out.shape[2]
            sent = two_lobes(media.lobes, medium, dot(came, toward)) / solid
            _, came, state = scattered(media.lobes, medium, came, state)
            way, reach = (toward, away) if to_eye else (came, FAR)


@inlined
def _sent_out(lamps, odds, share, state):
    """Which lamp a photon is of, where it begins, its direction, its light, and the generator's state."""
    u, state = even(state)
    chosen = drawn(odds, u, 0, lamps.shape[0])
    likely = odds[chosen] - (odds[chosen - 1] if chosen > 0 else f32(0))
    place, state = in_a_ball(row_of(lamps, chosen), lamps[chosen, 3], state)
    way, state = anywhere(state)
    return chosen, place, way, scaled((lamps[chosen, 4], lamps[chosen, 5], lamps[chosen, 6]), share / likely), state


@inlined
def _pixel_of(eye, place):
    """Where the eye sees a place: row and column, negative where it does not; the direction to the eye and how far that is, and
    the solid angle of the pixel times the square of that."""
    to = carried(three(eye.place), place, f32(-1))
    away = max(length(to), f32(1))
    ahead = -dot(to, three(eye.forward))
    line, column = i32(-1), i32(-1)
    if ahead > f32(1e-3):
        right = -dot(to, three(eye.right)) / (ahead * eye.spread)
        up = -dot(to, three(eye.up)) / (ahead * eye.spread)
        column = i32(math.floor(right + eye.centre_x))
        line = i32(math.floor(eye.centre_y - up))
    # Of a pixel the eye sees a solid angle of the spread squared times the cosine cubed.
    cosine = ahead / away
    toward = to[0] / away + f32(1e-9), to[1] / away + f32(1e-9), to[2] / away + f32(1e-9)
    return line, column, toward, away, away * away * eye.spread * eye.spread * cosine * cosine * cosine


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
