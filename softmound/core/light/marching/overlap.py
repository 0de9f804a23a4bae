"""One ray and the clouds it meets: where it enters and leaves each, which of them overlap, and what their mixture does."""

import math

from ...kernels import call, f32, i32, row
from ...volume.bricks import SIDE
from ..lattices.small_angle import ahead_share
from ..lattices.trilinear import WIDE, in_brick
from ..scene.lobes import two_lobes
from ..scene.pool import brick_at, layout_of

(OX, OY, OZ, VX, VY, VZ, CELL_X, CELL_Y, CELL_Z, ALONG_X, ALONG_Y, ALONG_Z, ENTERS, LEAVES, COMB, OWN) = range(16)
"""Columns of the rows that hold a ray in the axes of each cloud it may meet: eye and direction in the cloud's voxels, eye and
direction in cells of its lattice, where it enters and leaves the cloud, its first point, and how far its points are apart."""
WIDTH = 16


@row
def _turned(axes, n, x, y, z):
    """A direction along other axes."""
    return (axes[n, 0, 0] * x + axes[n, 0, 1] * y + axes[n, 0, 2] * z,
            axes[n, 1, 0] * x + axes[n, 1, 1] * y + axes[n, 1, 2] * z,
            axes[n, 2, 0] * x + axes[n, 2, 1] * y + axes[n, 2, 2] * z)


@row
def meeting(bricks, members, lattices, eyes, lit_by, a, near, far, dx, dy, dz, jitter, step):
    """A ray of the picture where it may meet one cloud.

    Returns the eye and the direction in its voxels, the eye and the direction in cells of its lattice, where the ray enters and
    leaves it, the first of the points that it samples, and how far they are apart.
    """
    grid = members.grid[a]
    vx, vy, vz = _turned(members.axes, a, dx, dy, dz)
    k = lit_by[a]
    cx, cy, cz = _turned(lattices.sky_axes, k, dx, dy, dz)
    ox = eyes[a, 0]
    oy = eyes[a, 1]
    oz = eyes[a, 2]
    ix = f32(1) / vx
    iy = f32(1) / vy
    iz = f32(1) / vz
    ax = (bricks.box[grid, 0] - ox) * ix
    ay = (bricks.box[grid, 1] - oy) * iy
    az = (bricks.box[grid, 2] - oz) * iz
    ex = (bricks.box[grid, 3] - ox) * ix
    ey = (bricks.box[grid, 4] - oy) * iy
    ez = (bricks.box[grid, 5] - oz) * iz
    start = max(f32(0), max(min(ax, ex), max(min(ay, ey), min(az, ez))))
    last = min(max(ax, ex), min(max(ay, ey), max(az, ez)))
    own = step * members.unit[a]
    # Every ray samples on its own comb of points, shifted at random against bands.
    return (ox, oy, oz, vx, vy, vz, lattices.sky_eye[k, 0], lattices.sky_eye[k, 1], lattices.sky_eye[k, 2], cx, cy, cz,
            max(start, near), min(last, far), start + jitter * own, own)


@row
def stretch(rays, count, cursor, active):
    """The next part of a ray along which the same clouds are met.

    Returns where it begins and ends, and how many clouds they are; their numbers stand in `active`, the one with the shortest
    steps first. None are met any more where it is 0.
    """
    begin = f32(1e30)
    for n in range(count):
        if rays[n, LEAVES] > max(cursor, rays[n, ENTERS]):
            begin = min(begin, max(cursor, rays[n, ENTERS]))
    end = f32(1e30)
    some = 0
    for n in range(count):
        if rays[n, LEAVES] <= begin or rays[n, ENTERS] >= rays[n, LEAVES]:
            continue
        if rays[n, ENTERS] <= begin:
            end = min(end, rays[n, LEAVES])
            active[some] = n
            if rays[n, OWN] < rays[active[0], 15]:
                active[some] = active[0]
                active[0] = n
            some += 1
        else:
            end = min(end, rays[n, ENTERS])
    return begin, end, some


@row
def scattered(media, medium, cosine):
    """What a medium does with sunlight at an angle: its share off the peak, and of that what is scattered once toward the eye."""
    peak = media.peak[medium]
    once = two_lobes(media.lobes, medium, cosine)
    calm = f32(1) - peak
    # Sunlight scattered once, or with its forward peak whatever of it goes on nearly as it came.
    smooth = once / calm * (f32(1) - ahead_share(cosine))
    return calm, smooth if peak > f32(0) else once


@call
def bricks_met(bricks, members, squares, first, rays, active, some, t, codes):
    """Bricks of the other clouds that overlap here: up to where the ray leaves the first of them, and whether all are empty."""
    leave = f32(1e30)
    void = True
    for n in range(1, some):
        one = active[n]
        grid = members.grid[squares.member[first + one]]
        ox = rays[one, OX]
        oy = rays[one, OY]
        oz = rays[one, OZ]
        vx = rays[one, VX]
        vy = rays[one, VY]
        vz = rays[one, VZ]
        bx = i32(math.floor(ox + vx * t)) >> 3
        by = i32(math.floor(oy + vy * t)) >> 3
        bz = i32(math.floor(oz + vz * t)) >> 3
        apart, codes[n] = brick_at(bricks, layout_of(bricks, grid), bx, by, bz)
        void = void and apart > 0
        around = f32(max(apart - 1, 0) * SIDE)
        leave = min(leave, (f32(bx * SIDE) + (f32(SIDE) + around if vx > f32(0) else -around) - ox) / vx)
        leave = min(leave, (f32(by * SIDE) + (f32(SIDE) + around if vy > f32(0) else -around) - oy) / vy)
        leave = min(leave, (f32(bz * SIDE) + (f32(SIDE) + around if vz > f32(0) else -around) - oz) / vz)
    return leave, void


@call
def mixed(bricks, members, media, squares, first, rays, active, some, codes, t, stride, cosine, clay):
    """Where clouds overlap: their optical thickness over a step, what their mixture does with sunlight, which of them is the
    thickest, for Clay of those whose surface is met, and whether there is one.
    """
    thick = f32(0)
    gentle = f32(0)
    smooth = f32(0)
    largest = f32(0)
    most = 0
    hit = False
    for n in range(some):
        code = codes[n]
        if code == -1:
            continue
        one = active[n]
        a = squares.member[first + one]
        rho = f32(0)
        if code >= 0:
            x = rays[one, OX] + rays[one, VX] * t
            y = rays[one, OY] + rays[one, VY] * t
            z = rays[one, OZ] + rays[one, VZ] * t
            u = min(max(x - f32((i32(math.floor(x)) >> 3) * SIDE), f32(0)), f32(7.9999))
            v = min(max(y - f32((i32(math.floor(y)) >> 3) * SIDE), f32(0)), f32(7.9999))
            w = min(max(z - f32((i32(math.floor(z)) >> 3) * SIDE), f32(0)), f32(7.9999))
            rho = in_brick(bricks.values, code * WIDE**3, u, v, w)
        else:
            rho = bricks.tile_values[-2 - code]
        part = members.rate[a] * stride * rho
        calm, gone = scattered(media, members.medium[a], cosine)
        thick += part
        gentle += calm * part
        smooth += calm * part * gone
        met = not clay or rho >= members.surface[a]
        hit = hit or met
        if met and part > largest:
            largest = part
            most = n
    if thick <= f32(0):
        return f32(0), f32(1), f32(0), 0, False
    return thick, gentle / thick, smooth / gentle, most, hit
