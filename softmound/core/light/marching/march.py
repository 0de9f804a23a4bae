"""Draft light and Clay: one march of a ray for each pixel through the bricks of all clouds of a scene.

Where clouds overlap their media add up; each shadows the others, since the lattices of light hold them all.

Draft light takes the forward peak of scattering for no scattering at all (Wiscombe 1977, The delta-M method, J. Atmos.
Sci. 34). Sunlight scattered once is then dimmed little on its way in and out, and keeps its true phase function (Nakajima
and Tanaka 1988, Algorithms for radiative intensity calculations, J. Quant. Spectrosc. Radiat. Transfer 40, eq. 14), but for
what goes on ahead however often it is scattered (`core.light.lattices.small_angle`); all other light comes from the equation of
transfer on a coarse lattice (`core.light.lattices.transport`). These parts take the place of octaves
with attenuations set by eye (Wrenninge, Kulla and Lundqvist 2013, Oz: the great and volumetric, SIGGRAPH talks), whose shape
could not be fitted to True light. Sun and surroundings are gathered in layers of their own, so that colours, strengths
and exposure can change without marching again.
"""

from typing import NamedTuple

import numpy as np

from ...directions import direction_of
from ...kernels import borrowed, each, f32, i32, inlined, row, u32
from ...standins.tree import FAR
from ..lattices.incident import hues_arriving, light_arriving
from ..scene.members import eye_of, media_of, members_of, ray_of
from .overlap import WIDTH, Met, World, meeting, store_ray
from .reach import SQUARE, squares_of
from .sparing import brightness_of, edges_of, filled
from .stepping import facing, marched, with_held

SUN, ZENITH, HORIZON, GROUND, OPACITY, RED, GREEN, BLUE, AWAY = range(9)
"""Layers of a picture: sun and three zones of the sky, each per unit, opacity, lamps, and the mean distance at which light is
taken in metres, times the opacity."""
OPENNESS = 3
"""Layers of Clay, which has its opacity where the others have it."""
LAYERS = 9


@row
def _jitter(x, y, nth):
    """A number from 0 to 1 for a pixel and a pass."""
    h = u32(u32(u32(x) * u32(0x9E3779B1)) ^ u32(u32(y) * u32(0x85EBCA77)))
    h = u32(h ^ u32(u32(nth) * u32(0xC2B2AE3D)))
    h = u32(u32(h ^ (h >> u32(15))) * u32(0x2C1B3C6D))
    h = u32(u32(h ^ (h >> u32(12))) * u32(0x297A2D39))
    return f32(u32(h ^ (h >> u32(15))) >> u32(8)) * f32(1.0 / 16777216.0)


class Cast(NamedTuple):
    """How the rays of a picture are cast.

    Attributes
    ----------
    sun : ndarray of float32, shape (3,)
        Direction toward it.
    nth, first_row : int
        Number of the pass, and row of the picture at which it begins.
    step : float32
        Voxels.
    clay : bool
        Whether rays end at the surface.
    """

    sun: np.ndarray
    nth: int
    first_row: int
    step: float
    clay: bool


class Room(NamedTuple):
    """Where the rows of a picture are worked on. Kernels begin with `borrowed`: arrays that are counted cost much where threads
    count them side by side.

    Attributes
    ----------
    rays : ndarray of float32, shape (rows, n, WIDTH)
    numbers : ndarray of int32, shape (rows, 2, n)
    layers : ndarray of float32, shape (rows, columns, LAYERS)
        What comes of it.
    """

    rays: np.ndarray
    numbers: np.ndarray
    layers: np.ndarray


def _compiled(lone):
    """The march of scenes of one cloud, and of any: the same code, without what only several need."""
    @each("wanted")
    def _march(line, pool, clouds, scattering, arriving, seen, camera, room, casting, wanted, ends):
        """A row of a picture: one ray for each of its pixels."""
        world = World(borrowed(pool), borrowed(clouds), borrowed(scattering), borrowed(arriving), borrowed(seen))
        eye, cast, squares, rows = borrowed(camera), borrowed(casting), world.squares, borrowed(room)
        row = f32(cast.first_row + line) + eye.shift_y
        down = (row * eye.stride - eye.centre_y) * eye.spread
        # The last squares of a coarse picture reach beyond its border.
        square_y = min(i32(row * eye.stride) // SQUARE, (squares.begin.shape[0] - 1) // squares.columns - 1)
        for column in range(wanted.shape[1]):
            if wanted[line, column] == 0:
                continue
            pixel = rows.layers[line, column]
            for n in range(LAYERS):
                pixel[n] = f32(0)
            place = (f32(column) + eye.shift_x) * eye.stride
            square = square_y * squares.columns + min(i32(place) // SQUARE, squares.columns - 1)
            first, count = squares.begin[square], squares.begin[square + 1] - squares.begin[square]
            if count == 0:
                continue
            way = ray_of(eye, (place - eye.centre_x) * eye.spread, down)
            jitter = _jitter(column, cast.first_row + line, cast.nth)
            met = borrowed(Met(rows.rays[line], rows.numbers[line, 0], rows.numbers[line, 1], first))
            end = ends[line, column] if ends.shape[0] > 0 else FAR
            ray = meeting(world, first, way, end, jitter, cast.step)
            if not lone:
                store_ray(met.rays, 0, ray)
                for n in range(1, count):
                    store_ray(met.rays, n, meeting(world, first + n, way, end, jitter, cast.step))
            whole, found = marched(lone, world, cast, met, count, ray, facing(world.lattices, way, cast.sun), jitter, pixel)
            if not cast.clay:
                _write_light(pixel, found, whole, way[1], end < FAR)
            elif not whole:
                pixel[OPENNESS] = (found.sky[1] + found.sky[2] + f32(0.5) * found.sky[3]) / f32(2.5)
                pixel[OPACITY] = f32(1)

    return _march


@inlined
def _write_light(pixel, seen, whole, upward, stops):
    """What a ray has seen, as the layers of a picture; `whole` where it came to its end, `upward` that part of its direction, and
    `stops` where something solid is behind.
    """
    light, sun, clear, soft, rest = with_held(seen), seen.sun, seen.clear, seen.soft, f32(1)
    away = seen.away / max(f32(1) - clear, f32(1e-6))
    if not whole:
        # What is left behind an opaque ray looks like what was seen of it; but the sun's own light fades on the way on about as
        # fast as the view, so that half of what it is at the end would be left of it.
        sun += f32(0.5) * (soft * seen.sunlight + clear * seen.keen)
        rest, clear, soft = f32(1) / (f32(1) - soft), f32(0), f32(0)
    if stops:
        # What is solid is seen by light that goes on nearly as it came as well.
        clear = soft
    # Light of the sky behind that does so.
    past = soft - clear
    above = min(max(upward * f32(5) + f32(0.5), f32(0)), f32(1))
    high = min(max(upward * f32(2.5) - f32(0.75), f32(0)), f32(1))
    pixel[SUN] = sun + light[0] * rest
    pixel[ZENITH] = light[1] * rest + past * high * f32(4)
    pixel[HORIZON] = light[2] * rest + past * (above - high) * f32(4)
    pixel[GROUND] = light[3] * rest + past * (f32(1) - above) * f32(2)
    pixel[OPACITY] = f32(1) - clear
    pixel[RED] = light[4] * rest
    pixel[GREEN] = light[5] * rest
    pixel[BLUE] = light[6] * rest
    pixel[AWAY] = away * (f32(1) - clear)


_MARCHES = {lone: _compiled(lone) for lone in (True, False)}


def march(scene, lattice, camera, *, stride=1, shift=(0.5, 0.5), nth=0, step=1.0, clay=False, hues=None, sparing=False,
          ends=None, ticket=None):
    """Layers of light for each pixel of a picture.

    Parameters
    ----------
    scene : Scene
        With at least one cloud. Of its light the direction of the sun is used; its colours and strengths only to tell, when
        rays are spared, what is to be seen.
    lattice : Lattice
        Its light.
    camera : Camera
    stride : int, optional
        March one ray for a square of so many pixels.
    shift : tuple of float, optional
        Where in its square a ray passes, from 0 to 1.
    nth : int, optional
        Number of the pass: shifts the sampling points along the rays.
    step : float, optional
        Length of a step in voxels.
    clay : bool, optional
        Stop at the surface and give its normal.
    hues : sequence of Colours, optional
        One for each cloud: gather these in the place of light.
    sparing : bool, optional
        March every second ray of every second row, and others only where these differ (see `core.light.marching.sparing`). For
        light.
    ends : ndarray of float32, shape (rows, columns), optional
        Where each ray ends, units of the scene: see `core.light.picture.stand_ins`.
    ticket : Ticket, optional

    Returns
    -------
    ndarray of float32, shape (rows, columns, LAYERS)
        For light: in-scattered sun per unit of irradiance (1/sr), arriving shares of zenith,
        horizon and ground, opacity, the light of lamps in red, green and blue, and the mean distance. For Clay: normal,
        openness, opacity. For hues: red, green and blue of what is scattered in the layers of zenith, horizon and ground, of glow
        in those of lamps.
    """
    cast = _caster(scene, lattice, camera, nth=nth, step=step, clay=clay, hues=hues, ticket=ticket)
    rows, columns = -(-camera.height // stride), -(-camera.width // stride)
    out = np.empty((rows, columns, LAYERS), np.float32)
    ends = np.empty((0, 0), np.float32) if ends is None else ends
    if not sparing:
        cast(stride, shift, np.ones((rows, columns), np.uint8), out, ends)
        return out
    # Rays of the coarser picture go where those of the finer one would.
    few = np.empty((-(-rows // 2), -(-columns // 2), LAYERS), np.float32)
    cast(2 * stride, (shift[0] / 2.0, shift[1] / 2.0), np.ones(few.shape[:2], np.uint8), few, np.ascontiguousarray(ends[::2, ::2]))
    wanted = filled(few, brightness_of(scene.light), out)
    if ends.size:
        wanted[edges_of(ends)] = 1
    cast(stride, shift, wanted, out, ends)
    return out


def _caster(scene, lattice, camera, *, nth, step, clay, hues, ticket):
    """What casts rays into a scene: a function of the stride, the place in a square, which rays are wanted, and the layers."""
    once = scene.light.once or hues is not None
    members, media = members_of(scene)
    media = media_of(media, once=once or clay)
    arriving = light_arriving(scene, lattice, camera, once) if hues is None else hues_arriving(scene, hues, camera)
    squares = squares_of(scene, camera)
    most_met = max(int(np.diff(squares.begin).max(initial=0)), 1)
    toward = direction_of(scene.light.sun.azimuth, scene.light.sun.elevation).astype(np.float32)

    def cast(stride, shift, wanted, out, ends):
        rows, columns = out.shape[:2]
        eye = eye_of(camera, stride, shift, scene)
        room = Room(np.empty((rows, most_met, WIDTH), np.float32), np.empty((rows, 2, most_met), np.int32), out)
        block = max(8, 60_000 // columns)
        for top in range(0, rows, block):
            if ticket is not None:
                ticket.tick(top / rows)
            _MARCHES[len(scene.clouds) == 1](
                scene.bricks, members, media, arriving, squares, eye, Room(*(part[top:] for part in room)),
                Cast(toward, int(nth), top, f32(step), clay), wanted[top : top + block], ends[top : top + block])
        if not clay:
            out[..., AWAY][wanted > 0] *= np.float32(scene.unit)

    return cast
