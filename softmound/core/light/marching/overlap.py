"""One ray and the clouds it meets: where it enters and leaves each, which of them overlap, and what their mixture does."""

import math
from typing import NamedTuple

import numpy as np

from ...kernels import call, f32, i32, inlined, row
from ...vectors import carried, row_of, turned
from ...volume.bricks import SIDE
from ..lattices.incident import Arriving
from ..lattices.small_angle import ahead_share
from ..lattices.trilinear import WIDE, in_brick, within
from ..scene.lobes import two_lobes
from ..scene.members import Media, Members
from ..scene.pool import Bricks, brick_at, layout_of, through_box
from .reach import Squares

WIDTH = 16
"""Numbers of a `Ray`."""
_ENTERS, _LEAVES, _OWN = 12, 13, 15


class World(NamedTuple):
    """All that a ray of a picture goes through.

    Attributes
    ----------
    bricks : Bricks
    members : Members
    media : Media
    lattices : Arriving
    squares : Squares
    """

    bricks: Bricks
    members: Members
    media: Media
    lattices: Arriving
    squares: Squares


class Ray(NamedTuple):
    """A ray in the axes of one cloud.

    Attributes
    ----------
    place, way : (float32, float32, float32)
        Eye and direction in the cloud's voxels.
    cell, along : (float32, float32, float32)
        Eye and direction in cells of its lattice of light.
    enters, leaves : float32
        Where it may meet the cloud.
    comb, own : float32
        The first of the points at which it samples the cloud, and how far they are apart.
    """

    place: tuple
    way: tuple
    cell: tuple
    along: tuple
    enters: float
    leaves: float
    comb: float
    own: float


class Met(NamedTuple):
    """The clouds that a ray may meet, and room for what is found of them.

    Attributes
    ----------
    rays : ndarray of float32, shape (n, WIDTH)
        The ray in the axes of each.
    active : ndarray of int32, shape (n,)
        Which of them overlap, the one with the shortest steps first.
    codes : ndarray of int32, shape (n,)
        Their bricks, in the order of `active`.
    first : int
        Where their list begins in `Squares`.
    """

    rays: np.ndarray
    active: np.ndarray
    codes: np.ndarray
    first: int


@inlined
def meeting(world, at, way, end, jitter, step):
    """A ray of the picture where it may meet one cloud.

    Parameters
    ----------
    world : World
    at : int
        Place in the lists of `Squares`.
    way : (float32, float32, float32)
        Its direction, in units of the scene.
    end : float32
        Where it meets something solid.
    jitter : float32
        Where the points at which it samples begin, from 0 to 1: every ray has its own, against bands.
    step : float32
        Voxels between two of them.

    Returns
    -------
    Ray
    """
    squares, members, lattices = world.squares, world.members, world.lattices
    a = squares.member[at]
    own_way, eye, lit_by = turned(members.axes, a, way), row_of(squares.eyes, a), lattices.lights[a]
    inverse = f32(1) / own_way[0], f32(1) / own_way[1], f32(1) / own_way[2]
    enters, leaves = through_box(world.bricks.box, members.grid[a], eye, inverse)
    start, own = max(f32(0), enters), step * members.unit[a]
    return Ray(eye, own_way, row_of(lattices.sky_eye, lit_by), turned(lattices.sky_axes, lit_by, way),
               max(start, squares.near[at]), min(min(leaves, squares.far[at]), end), start + jitter * own, own)


@inlined
def store_ray(rays, n, ray):
    """Write a ray down.

    Parameters
    ----------
    rays : ndarray of float32, shape (n, WIDTH)
    n : int
    ray : Ray
    """
    rays[n, 0], rays[n, 1], rays[n, 2] = ray.place
    rays[n, 3], rays[n, 4], rays[n, 5] = ray.way
    rays[n, 6], rays[n, 7], rays[n, 8] = ray.cell
    rays[n, 9], rays[n, 10], rays[n, 11] = ray.along
    rays[n, 12] = ray.enters
    rays[n, 13] = ray.leaves
    rays[n, 14] = ray.comb
    rays[n, 15] = ray.own


@inlined
def load_ray(rays, n):
    """Read a ray again: as `store_ray` wrote it.

    Parameters
    ----------
    rays : ndarray of float32, shape (n, WIDTH)
    n : int

    Returns
    -------
    Ray
    """
    return Ray(row_of(rays, n), (rays[n, 3], rays[n, 4], rays[n, 5]), (rays[n, 6], rays[n, 7], rays[n, 8]),
               (rays[n, 9], rays[n, 10], rays[n, 11]), rays[n, 12], rays[n, 13], rays[n, 14], rays[n, 15])


@row
def stretch(rays, count, cursor, active):
    """The next part of a ray along which the same clouds are met.

    Returns where it begins and ends, and how many clouds they are; their numbers stand in `active`, the one with the shortest
    steps first. None are met any more where it is 0.
    """
    begin = f32(1e30)
    for n in range(count):
        if rays[n, _LEAVES] > max(cursor, rays[n, _ENTERS]):
            begin = min(begin, max(cursor, rays[n, _ENTERS]))
    end = f32(1e30)
    some = 0
    for n in range(count):
        if rays[n, _LEAVES] <= begin or rays[n, _ENTERS] >= rays[n, _LEAVES]:
            continue
        if rays[n, _ENTERS] <= begin:
            end = min(end, rays[n, _LEAVES])
            active[some] = n
            if rays[n, _OWN] < rays[active[0], _OWN]:
                active[some] = active[0]
                active[0] = n
            some += 1
        else:
            end = min(end, rays[n, _ENTERS])
    return begin, end, some


@inlined
def scattered(media, medium, cosine):
    """What a medium does with sunlight at an angle: its share off the peak, and of that what is scattered once toward the eye."""
    peak = media.peak[medium]
    once = two_lobes(media.lobes, medium, cosine)
    calm = f32(1) - peak
    # Sunlight scattered once, or with its forward peak whatever of it goes on nearly as it came.
    smooth = once / calm * (f32(1) - ahead_share(cosine))
    return calm, smooth if peak > f32(0) else once


@call
def bricks_met(world, met, some, t):
    """Bricks of the other clouds that overlap here: up to where the ray leaves the first of them, and whether all are empty."""
    leave = f32(1e30)
    void = True
    for n in range(1, some):
        one = met.active[n]
        grid = world.members.grid[world.squares.member[met.first + one]]
        ray = load_ray(met.rays, one)
        x, y, z = carried(ray.place, ray.way, t)
        bx, by, bz = i32(math.floor(x)) >> 3, i32(math.floor(y)) >> 3, i32(math.floor(z)) >> 3
        apart, met.codes[n] = brick_at(world.bricks, layout_of(world.bricks, grid), bx, by, bz)
        void = void and apart > 0
        around = f32(max(apart - 1, 0) * SIDE)
        leave = min(leave, min(_leaving(bx, ray.place[0], ray.way[0], around), min(
            _leaving(by, ray.place[1], ray.way[1], around), _leaving(bz, ray.place[2], ray.way[2], around))))
    return leave, void


@row
def _leaving(brick, place, way, around):
    """Where a ray leaves a brick and so many empty voxels around it, along one axis."""
    return (f32(brick * SIDE) + (f32(SIDE) + around if way > f32(0) else -around) - place) / way


@call
def mixed(world, met, some, t, stride, cosine, clay):
    """Where clouds overlap: their optical thickness over a step, what their mixture does with sunlight, which of them is the
    thickest, for Clay of those whose surface is met, and whether there is one.
    """
    members, bricks = world.members, world.bricks
    thick, gentle, smooth, largest = f32(0), f32(0), f32(0), f32(0)
    most = 0
    hit = False
    for n in range(some):
        code = met.codes[n]
        if code == -1:
            continue
        one = met.active[n]
        a = world.squares.member[met.first + one]
        if code >= 0:
            ray = load_ray(met.rays, one)
            x, y, z = carried(ray.place, ray.way, t)
            rho = in_brick(bricks.values, code * WIDE**3, within(x - f32((i32(math.floor(x)) >> 3) * SIDE)),
                           within(y - f32((i32(math.floor(y)) >> 3) * SIDE)), within(z - f32((i32(math.floor(z)) >> 3) * SIDE)))
        else:
            rho = bricks.tile_values[-2 - code]
        part = members.rate[a] * stride * rho
        calm, gone = scattered(world.media, members.medium[a], cosine)
        thick += part
        gentle += calm * part
        smooth += calm * part * gone
        surface = not clay or rho >= members.surface[a]
        hit = hit or surface
        if surface and part > largest:
            largest = part
            most = n
    if thick <= f32(0):
        return f32(0), f32(1), f32(0), 0, False
    return thick, gentle / thick, smooth / gentle, most, hit
