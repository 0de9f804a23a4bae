"""Gathered paths: True light that takes the rest of a path from the lattice.

A path is followed to where it is first scattered. What sunlight and lamps send there is asked for as paths alone do; for the rest
one direction is drawn from the true phase function, and where light from there was scattered before, the lattice says how much
came (final gathering: Reichert 1992; Jensen 1996, Global illumination using photon maps). Beyond the first collision the forward
peak of scattering counts as none (Wiscombe 1977, see `core.light.lattices.transport`), so that light toward the sun is dimmed
little and a flight ends where the lattice is worth asking. How much sunlight is left there the lattice says as well, where its
cells are fine beside a flight. A path ends after two collisions, with a third to an eighth of a whole one's noise; what the
lattice is wrong by is left, and is put right by some whole paths: see `core.light.paths.multilevel`.

Against the sun most light comes by a few collisions that each turn it little, for which the lattice is too coarse. A path may
therefore be followed through some collisions more as it truly goes before the rest is taken so: less bias, more noise.
"""

import math
from typing import NamedTuple

import numpy as np

from ...directions import direction_of
from ...kernels import borrowed, each, f32, i32, i64, inlined, u64
from ...standins.tree import FAR, SEEN, beside, normal_at, place_on
from ...vectors import BLACK, WHITE, carried, dot, plus, row_of, scaled, three, times
from ..lattices.glow import colours_in
from ..lattices.lattice import arriving_in, from_lamps, zone_shares
from ..lattices.small_angle import TURNS, ahead_share, onward
from ..lattices.transport import transported
from ..lattices.trilinear import blended, cell_of
from ..scene.groups import BELOW, FIXED, GLOW, SKY, SUN
from ..scene.lobes import two_lobes
from ..scene.phase import forward_peak, lobes_of, mean_cosine, thick_share
from ..scene.scene import mixture_of
from ..scene.surroundings import surroundings_of
from .flight import LOOKING, flown
from .hues import albedo_at, glow_at
from .next_event import Asked, depth_to_sun, of_a_lamp, phased, sky_cell, sky_group, sunny
from .paths import about_normal, add_light, add_to_solid, first_ray, keep_apart
from .random_numbers import WHOLE_TURN, around, even, scattered

MOMENTS = 4
"""Numbers of a kind of light in a cell: what is sent on in the mean, and what is added to it times the direction it goes along."""
FIRST, TO_LAMP, TO_SUN, ONWARD, TO_SUN_AGAIN = range(5)
"""Flights of a path, in their order; the three in the middle once more for each collision that is followed."""
NOTHING_BACK = np.zeros((1, 1, 3), np.float32), np.zeros(1, np.int64)
"""What stand-ins send where there are none: see `Rest`."""
FINE = 0.5
"""Optical thickness, without the forward peak, of a cell of the sun's lattice up to which it says what sunlight is left."""
_FOUR_PI = f32(4.0 * math.pi)


def field_of_light(lattice, scene):
    """What the cells of a lattice send on, in the colours of the light.

    Parameters
    ----------
    lattice : Lattice
    scene : Scene

    Returns
    -------
    ndarray of float32, shape (U, V, W, 3, 4)
        Of red, green and blue.
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
    shares = np.einsum("nc,mk->nmck", colours, np.eye(moments)).reshape(kinds * moments, 3 * moments).astype(np.float32)
    return (lattice.sky.reshape(-1, kinds * moments) @ shares).reshape(*lattice.sky.shape[:3], 3, moments)


def kinds_of_light(lattice, scene, lamps=()):
    """The same with each light group apart.

    Parameters
    ----------
    lattice : Lattice
        Of the sun and the surroundings.
    scene : Scene
    lamps : sequence of ndarray of float32, shape (U, V, W, 3, 4)
        What the cells send on of each group of lamps, in red, green and blue.

    Returns
    -------
    Coloured
        Whose field is that of the lattice itself where there are no lamps.
    """
    medium, outside = scene.medium, surroundings_of(scene.light)
    back = thick_share(medium.albedo * np.asarray(medium.tint), mean_cosine(lobes_of(medium)))
    colours = np.concatenate([np.concatenate([[outside.sun], outside.parts]) * back, *[np.eye(3)] * len(lamps)])
    groups = [SUN, SKY, SKY, BELOW] + [len(FIXED) + n // 3 for n in range(3 * len(lamps))]
    field = np.concatenate([lattice.sky[..., :4, :], *lamps], axis=3) if lamps else lattice.sky[..., :4, :]
    return Coloured(np.ascontiguousarray(field), np.ones(3, np.float32), colours.astype(np.float32), np.array(groups))


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
    field : ndarray of float32, shape (U, V, W, K, 4)
        What the cells send on of each kind of light.
    depths : ndarray of float32, shape (3,)
        Optical depths of each colour, in those of the brightest, in the mean; 1 where all are dimmed alike.
    colours : ndarray of float32, shape (K, 3)
        Of the kinds; default three kinds, red, green and blue.
    groups : ndarray of int64, shape (K,)
        Their light groups.
    """

    field: np.ndarray
    depths: np.ndarray = np.ones(3, np.float32)
    colours: np.ndarray = np.eye(3, dtype=np.float32)
    groups: np.ndarray = np.zeros(3, np.int64)

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
    own, glow = colours_in(coarse, medium, hues)
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
    return Coloured(np.ascontiguousarray(field, np.float32), (mean / share).astype(np.float32))


def together(fields):
    """Fields of one cloud under several lights, each that of a light group, as one.

    Parameters
    ----------
    fields : sequence of Coloured
        In the order of the groups' numbers; None for a group without light.

    Returns
    -------
    Coloured
    """
    there = [(group, field) for group, field in enumerate(fields) if field is not None]
    return Coloured(np.concatenate([field.field for _, field in there], axis=3), there[0][1].depths,
                    np.concatenate([field.colours for _, field in there]),
                    np.repeat([group for group, _ in there], [len(field.colours) for _, field in there]))


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


NEAR_WHITE = 0.9995
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
    return scene.plain and (scene.hued or not _as_its_lattice(scene.clouds[0].shown, NEAR_WHITE))


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


class Rest(NamedTuple):
    """What the rest of a path is taken from.

    Attributes
    ----------
    field : ndarray of float32, flat
        Of `Coloured`, as are `colours`, `groups` and `depths`.
    colours : ndarray of float32, shape (K, 3)
    groups : ndarray of int64, shape (K,)
    sides : ndarray of int64, shape (3,)
        Its cells.
    to_cells : float32
        Cells in a unit of the scene.
    shift : ndarray of float32, shape (3,)
        Cell at the scene's origin.
    cosines, peaks : ndarray of float32, shape (M,)
        From `cosines_of` and `peaks_of`.
    depths : ndarray of float32, shape (3,)
    followed : int
        Collisions that are followed as they are before what is sent on is gathered.
    fine : bool
        Whether the lattice says what sunlight is left where it is gathered.
    back : ndarray of float32, shape (V, K, 3)
        What stand-ins send from the corners of their triangles, of each kind of light.
    back_groups : ndarray of int64, shape (K,)
        Light groups of these.
    """

    field: np.ndarray
    colours: np.ndarray
    groups: np.ndarray
    sides: np.ndarray
    to_cells: float
    shift: np.ndarray
    cosines: np.ndarray
    peaks: np.ndarray
    depths: np.ndarray
    followed: int
    fine: bool
    back: np.ndarray
    back_groups: np.ndarray


@inlined
def _ahead_of(media, medium, cosine, depth):
    """Sunlight that goes on nearly as it came, sent toward the eye: see `core.light.lattices.small_angle`."""
    angle = math.sqrt(max(f32(0.5) - f32(0.5) * cosine, f32(0))) * f32(TURNS - 1)
    turned = min(i32(angle), i32(TURNS - 2))
    return onward(media.ahead, i32(medium * TURNS + turned), angle - f32(turned), depth)


@inlined
def _softer(albedo, peak):
    """Albedo without the forward peak: see `_counting`."""
    return albedo * (f32(1) - peak) / (f32(1) - albedo * peak)


@inlined
def _sent(rest, place, way, through, groups, line, column):
    """Light that the lattice says a place sends along a direction, of which so much comes through."""
    x, y, z = carried(three(rest.shift), place, rest.to_cells)
    at, u, v, w = cell_of(x, y, z, rest.sides[0], rest.sides[1], rest.sides[2])
    kinds = rest.colours.shape[0]
    along = u64(MOMENTS * kinds)
    at *= along
    on_y = along * u64(rest.sides[2])
    on_x = on_y * u64(rest.sides[1])
    light = BLACK
    for kind in range(kinds):
        value = f32(0)
        for n in range(MOMENTS):
            part = blended(rest.field, at + u64(MOMENTS * kind + n), on_x, on_y, along, u, v, w)
            value += part * (way[0] if n == 1 else (way[1] if n == 2 else (way[2] if n == 3 else f32(1))))
        found = times(through, scaled(row_of(rest.colours, kind), max(f32(0), value)))
        light = plus(light, found)
        keep_apart(groups, line, column, rest.groups[kind], False, found)
    return light


@inlined
def _sent_back(rest, solids, triangle, place, through, groups, line, column):
    """Light that a stand-in sends from a place of it, of which so much comes through."""
    light = BLACK
    u, v = place_on(solids, triangle, place)
    for kind in range(rest.back.shape[1]):
        found = BLACK
        for corner in range(3):
            share, at = u if corner == 1 else (v if corner == 2 else f32(1) - u - v), solids.held_at[triangle, corner]
            found = plus(found, scaled((rest.back[at, kind, 0], rest.back[at, kind, 1], rest.back[at, kind, 2]), share))
        found = times(through, found)
        light = plus(light, found)
        keep_apart(groups, line, column, rest.back_groups[kind], False, found)
    return light


@inlined
def _step_of(flight, last):
    """Which of the flights of a path one is."""
    if flight == 0:
        return FIRST
    return TO_LAMP + (flight - 1) % 3 if flight < last else (ONWARD if flight == last else flight - last)


@inlined
def _to_the_sun(lights, media, rest, medium, place, came, exact, again, state):
    """Sunlight to ask for, and what of it goes on ahead, which the lattice of the sun knows."""
    c, state = even(state)
    u, state = even(state)
    way = around(three(lights.sun), f32(1) - c * (f32(1) - lights.sun_cosine), WHOLE_TURN * u)
    light, cosine = three(lights.sun_light), dot(came, way)
    ahead, weight = BLACK, max(cosine, f32(0)) * f32(4) / _FOUR_PI
    if medium >= 0:
        weight = max(f32(0), f32(1) + f32(3) * rest.cosines[medium] * cosine) / _FOUR_PI
    if medium >= 0 and not again:
        # Elsewhere than ahead the lattice holds what was turned there by many small steps.
        near = f32(0) if exact else ahead_share(cosine)
        ahead = scaled(light, near * _ahead_of(media, medium, cosine, depth_to_sun(lights, place)))
        weight = two_lobes(media.lobes, medium, cosine) * (f32(1) - near)
    if not sunny(lights):
        weight = f32(0)
    return Asked(place, came, medium, way, FAR, light, weight, i32(SUN)), ahead, state


@inlined
def _dimmed(light, left, depths, exact):
    """Light of which a share is left: of each colour another one where they are not dimmed alike."""
    alike = depths[0] == f32(1) and depths[1] == f32(1) and depths[2] == f32(1)
    if not (alike or exact) and left > f32(0):
        # A power of an estimate: near enough, and put right with all else.
        return light[0] * math.pow(left, depths[0]), light[1] * math.pow(left, depths[1]), light[2] * math.pow(left, depths[2])
    return scaled(light, left)


@each("order")
def gathered(n, whole, clouds, standing, soft, scattering, shining, colours, remaining, camera, order, turn, sums):
    """One gathered path for each pixel of some rows whose turn it is.

    Parameters
    ----------
    whole : Bricks
    clouds, soft : Members
        As they are, and without the forward peak of scattering.
    scattering : Media
    shining : Lights
    colours : Hues
    remaining : Rest
    camera : Eye
    order, turn, sums
        As of `paths.traced`.
    """
    bricks, members, softer, media = borrowed(whole), borrowed(clouds), borrowed(soft), borrowed(scattering)
    solids = borrowed(standing)
    lights, hues, rest, eye = borrowed(shining), borrowed(colours), borrowed(remaining), borrowed(camera)
    into, last, line = borrowed(sums), 3 * rest.followed, order[n]
    out = into.layers
    for column in range(out.shape[1]):
        if not into.due[line, column]:
            continue
        came, state = first_ray(eye, line, column, turn)
        place, medium = three(eye.place), members.medium[0]
        light, through, met, member, t = BLACK, WHITE, False, i32(0), f32(-1)
        solid, groups = False, into.groups
        # All flights go through one piece of code: whatever is called twice is compiled twice.
        for flight in range(5 + last):
            # As it truly goes, before the forward peak counts as none.
            exact, step = flight <= last, _step_of(flight, last)
            dimming = step == TO_LAMP or step == TO_SUN or step == TO_SUN_AGAIN
            asked = Asked(place, came, medium, came, FAR, BLACK, f32(1), i32(SUN))
            if step == TO_LAMP:
                asked, state = of_a_lamp(lights, medium, place, came, state)
            elif dimming:
                asked, ahead, state = _to_the_sun(lights, media, rest, medium, place, came, exact, step == TO_SUN_AGAIN, state)
                ahead = times(through, ahead)
                light = plus(light, ahead)
                keep_apart(groups, line, column, i32(SUN), False, ahead)
            elif step == ONWARD:
                if medium >= 0:
                    _, onto, state = scattered(media.lobes, medium, came, state)
                else:
                    _, onto, state = about_normal(came, state)
                asked = Asked(place, came, medium, onto, FAR, BLACK, f32(1), i32(SUN))
            if asked.weight <= f32(0):
                continue
            if step == TO_SUN_AGAIN and rest.fine:
                left = math.exp(-depth_to_sun(lights, place) * softer.rate[member] / members.rate[member])
            else:
                t, left, member, state = flown(bricks, members if exact else softer, solids, place, asked.way, asked.reach,
                                               LOOKING if step == FIRST else i32(dimming), state)
            if dimming:
                weight = asked.weight
                if step == TO_LAMP:
                    weight *= phased(media, medium, came, asked.way)
                found = times(through, _dimmed(scaled(asked.light, weight), left, rest.depths, exact))
                light = plus(light, found)
                keep_apart(groups, line, column, asked.group, flight <= 2, found)
                continue
            if t < f32(0):
                if step == ONWARD:
                    r, c = sky_cell(lights.sky, asked.way)
                    found = times(through, (lights.sky[r, c, 0], lights.sky[r, c, 1], lights.sky[r, c, 2]))
                    light = plus(light, found)
                    keep_apart(groups, line, column, sky_group(lights.sky, r), flight == 3, found)
                break
            if member < 0:
                triangle = -1 - member
                if step != FIRST:
                    there = carried(place, asked.way, t)
                    light = plus(light, _sent_back(rest, solids, triangle, there, through, groups, line, column))
                    break
                of = solids.of[triangle]
                if solids.about[of, SEEN] == 0:
                    break
                solid, groups, through, medium = True, into.solid_groups, row_of(solids.colours, of), i64(-1)
                into.solid[line, column, 3] += f32(1)
                into.solid[line, column, 4] += t
                u, v = place_on(solids, triangle, carried(place, asked.way, t))
                came = normal_at(solids, triangle, u, v, asked.way)
                place = beside(solids, place, asked.way, t, came)
                continue
            place, came = carried(place, asked.way, t), asked.way
            medium = members.medium[member]
            albedo = albedo_at(media, medium, hues, member, place)
            if step == FIRST:
                met = True
                out[line, column, 3] += f32(1)
                out[line, column, 4] += t
            if exact:
                found = times(through, glow_at(media, medium, hues, member, place))
                light = plus(light, found)
                keep_apart(groups, line, column, i32(GLOW), False, found)
            else:
                # Light that the lattice says comes from there, back along this way.
                light = plus(light, _sent(rest, place, scaled(came, f32(-1)), through, groups, line, column))
                peak = rest.peaks[medium]
                albedo = _softer(albedo[0], peak), _softer(albedo[1], peak), _softer(albedo[2], peak)
            through = times(through, albedo)
        if met:
            add_light(out, line, column, light)
        elif solid:
            add_to_solid(into, line, column, light)
