"""Draft light and Clay: one march of a ray for each pixel through the bricks of all clouds of a scene.

Where clouds overlap their media add up; each shadows the others, since the lattices of light hold them all.

Draft light takes the forward peak of scattering for no scattering at all (Wiscombe 1977, The delta-M method, J. Atmos.
Sci. 34). Sunlight scattered once is then dimmed little on its way in and out, and keeps its true phase function (Nakajima
and Tanaka 1988, Algorithms for radiative intensity calculations, J. Quant. Spectrosc. Radiat. Transfer 40, eq. 14), but for
what goes on ahead however often it is scattered (`core.light.onward`); all other light comes from the equation of transfer on
a coarse lattice (`core.light.transport`). These parts take the place of octaves
with attenuations set by eye (Wrenninge, Kulla and Lundqvist 2013, Oz: the great and volumetric, SIGGRAPH talks), whose shape
could not be fitted to True light. Sun and surroundings are gathered in layers of their own, so that colours, strengths
and exposure can change without marching again.
"""

import math
from typing import NamedTuple

import numpy as np

from ..directions import direction_of
from ..kernels import borrowed, call, f32, i32, kernel, prange, row, u32, u64
from ..volume.bricks import SIDE
from .lattice import toward_eye
from .lobes import two_lobes
from .members import eye_of, media_of, members_of, ray_of
from .onward import AHEAD, TURNS, onward
from .pool import brick_at, density_at, layout_of
from .reach import SQUARE, squares_of
from .transmittance import taken, transmittance
from .trilinear import WIDE, blended, cell_of, in_brick

OPAQUE = 0.05
"""Transmittance below which a ray ends."""
HOLD = 4
"""Steps for which the light of the sky is taken to be the same."""
SHALLOW, DEEPEST = f32(0.25), f32(0.06)
"""Transmittances below which steps are two and four times as long."""
DEEP = f32(0.5)
"""Transmittance below which the sun's light is looked up every third step."""
SUN, ZENITH, HORIZON, GROUND, OPACITY, RED, GREEN, BLUE = range(8)
"""Layers of a picture: sun and three zones of the sky, each per unit, opacity, and lamps."""
NORMAL, OPENNESS = (0, 1, 2), 3
"""Layers of Clay, which has its opacity where the others have it."""
LAYERS = 8
HALF = SIDE // 2


class Arriving(NamedTuple):
    """Light on lattices: that of the sun on one, all other light on K of them.

    Attributes
    ----------
    sun : ndarray of float32, flat
        Optical depth toward the sun.
    sun_sides : ndarray of int64, shape (3,)
    to_sun : float32
        Cells in a unit of the scene.
    sun_eye : ndarray of float32, shape (3,)
        Cell of the eye.
    sky : ndarray of float32, flat
        All other light, by channels: see `Lattice.sky`.
    sky_at, sky_sides : ndarray of int64, shape (K,), (K, 4)
        Where a lattice begins, and its sides with the number of channels.
    sky_axes, sky_eye : ndarray of float32, shape (K, 3, 3), (K, 3)
        Directions in units of the scene to cells, and the cell of the eye.
    """

    sun: np.ndarray
    sun_sides: np.ndarray
    to_sun: float
    sun_eye: np.ndarray
    sky: np.ndarray
    sky_at: np.ndarray
    sky_sides: np.ndarray
    sky_axes: np.ndarray
    sky_eye: np.ndarray


@row
def _jitter(x, y, turn):
    h = u32(u32(u32(x) * u32(0x9E3779B1)) ^ u32(u32(y) * u32(0x85EBCA77)))
    h = u32(h ^ u32(u32(turn) * u32(0xC2B2AE3D)))
    h = u32(u32(h ^ (h >> u32(15))) * u32(0x2C1B3C6D))
    h = u32(u32(h ^ (h >> u32(12))) * u32(0x297A2D39))
    return f32(u32(h ^ (h >> u32(15))) >> u32(8)) * f32(1.0 / 16777216.0)


@row
def _turned(axes, n, x, y, z):
    """A direction along other axes."""
    return (axes[n, 0, 0] * x + axes[n, 0, 1] * y + axes[n, 0, 2] * z,
            axes[n, 1, 0] * x + axes[n, 1, 1] * y + axes[n, 1, 2] * z,
            axes[n, 2, 0] * x + axes[n, 2, 1] * y + axes[n, 2, 2] * z)


@row
def _met(bricks, members, lattices, eyes, lit_by, a, near, far, dx, dy, dz, jitter, step):
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
def _stretch(rays, count, cursor, active):
    """The next part of a ray along which the same clouds are met.

    Returns where it begins and ends, and how many clouds they are; their numbers stand in `active`, the one with the shortest
    steps first. None are met any more where it is 0.
    """
    begin = f32(1e30)
    for n in range(count):
        if rays[n, 13] > max(cursor, rays[n, 12]):
            begin = min(begin, max(cursor, rays[n, 12]))
    end = f32(1e30)
    some = 0
    for n in range(count):
        if rays[n, 13] <= begin or rays[n, 12] >= rays[n, 13]:
            continue
        if rays[n, 12] <= begin:
            end = min(end, rays[n, 13])
            active[some] = n
            if rays[n, 15] < rays[active[0], 15]:
                active[some] = active[0]
                active[0] = n
            some += 1
        else:
            end = min(end, rays[n, 12])
    return begin, end, some


@row
def _scattering(media, medium, cosine):
    """What a medium does with sunlight at an angle: its share off the peak, and of that what is scattered once toward the eye."""
    peak = media.peak[medium]
    once = two_lobes(media.lobes, medium, cosine)
    calm = f32(1) - peak
    # Sunlight scattered once, or with its forward peak whatever of it goes on nearly as it came.
    wide = min(max((cosine - f32(AHEAD[0])) / f32(AHEAD[1] - AHEAD[0]), f32(0)), f32(1))
    smooth = once / calm * (f32(1) - wide * wide * (f32(3) - f32(2) * wide))
    return calm, smooth if peak > f32(0) else once


@call
def _normal(bricks, grid, axes, member, x, y, z, pixel):
    one = f32(1)
    gx = density_at(bricks, grid, x - one, y, z) - density_at(bricks, grid, x + one, y, z)
    gy = density_at(bricks, grid, x, y - one, z) - density_at(bricks, grid, x, y + one, z)
    gz = density_at(bricks, grid, x, y, z - one) - density_at(bricks, grid, x, y, z + one)
    # Axes are perpendicular and even, so their transpose turns back.
    wx = axes[member, 0, 0] * gx + axes[member, 1, 0] * gy + axes[member, 2, 0] * gz
    wy = axes[member, 0, 1] * gx + axes[member, 1, 1] * gy + axes[member, 2, 1] * gz
    wz = axes[member, 0, 2] * gx + axes[member, 1, 2] * gy + axes[member, 2, 2] * gz
    norm = one / math.sqrt(wx * wx + wy * wy + wz * wz + f32(1e-12))
    pixel[0] = wx * norm
    pixel[1] = wy * norm
    pixel[2] = wz * norm


@call
def _bricks_met(bricks, members, squares, first, rays, active, some, t, codes):
    """Bricks of the other clouds that overlap here: up to where the ray leaves the first of them, and whether all are empty."""
    leave = f32(1e30)
    void = True
    for n in range(1, some):
        one = active[n]
        grid = members.grid[squares.member[first + one]]
        ox = rays[one, 0]
        oy = rays[one, 1]
        oz = rays[one, 2]
        vx = rays[one, 3]
        vy = rays[one, 4]
        vz = rays[one, 5]
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
def _mixed(bricks, members, media, squares, first, rays, active, some, codes, t, stride, cosine, clay):
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
            x = rays[one, 0] + rays[one, 3] * t
            y = rays[one, 1] + rays[one, 4] * t
            z = rays[one, 2] + rays[one, 5] * t
            u = min(max(x - f32((i32(math.floor(x)) >> 3) * SIDE), f32(0)), f32(7.9999))
            v = min(max(y - f32((i32(math.floor(y)) >> 3) * SIDE), f32(0)), f32(7.9999))
            w = min(max(z - f32((i32(math.floor(z)) >> 3) * SIDE), f32(0)), f32(7.9999))
            rho = in_brick(bricks.values, code * WIDE**3, u, v, w)
        else:
            rho = bricks.tile_values[-2 - code]
        part = members.rate[a] * stride * rho
        calm, gone = _scattering(media, members.medium[a], cosine)
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


def _compiled(lone):
    """The march of scenes of one cloud, and of any: the same code, without what only several need."""
    @kernel
    def _march(pool, clouds, scattering, arriving, seen, camera, eyes, lit_by, room, numbers, sun, turn, first_row, step, clay,
               out):
        for line in prange(out.shape[0]):
            bricks = borrowed(pool)
            members = borrowed(clouds)
            media = borrowed(scattering)
            lattices = borrowed(arriving)
            squares = borrowed(seen)
            eye = borrowed(camera)
            lamps = lattices.sky_sides[0, 3] > 4
            sky_z = u64(lattices.sky_sides[0, 3])
            sky = lattices.sky
            sun_light = lattices.sun
            sun_wide = lattices.sun_sides[0]
            sun_high = lattices.sun_sides[1]
            sun_deep = lattices.sun_sides[2]
            sun_y = u64(sun_deep)
            sun_x = u64(sun_high * sun_deep)
            sun_eye_x = lattices.sun_eye[0]
            sun_eye_y = lattices.sun_eye[1]
            sun_eye_z = lattices.sun_eye[2]
            values = bricks.values
            # Room comes from outside: what a kernel allocates is counted wherever it is handed on.
            rays = room[line]
            active = numbers[line, 0]
            codes = numbers[line, 1]
            down = ((f32(first_row + line) + eye.shift_y) * eye.stride - eye.centre_y) * eye.spread
            rows = (squares.begin.shape[0] - 1) // squares.columns
            # The last squares of a coarse picture reach beyond its border.
            square_y = min(i32((f32(first_row + line) + eye.shift_y) * eye.stride) // SQUARE, rows - 1)
            for column in range(out.shape[1]):
                pixel = out[line, column]
                for n in range(LAYERS):
                    pixel[n] = f32(0)
                square_x = min(i32((f32(column) + eye.shift_x) * eye.stride) // SQUARE, squares.columns - 1)
                first = squares.begin[square_y * squares.columns + square_x]
                count = squares.begin[square_y * squares.columns + square_x + 1] - first
                if count == 0:
                    continue
                across = ((f32(column) + eye.shift_x) * eye.stride - eye.centre_x) * eye.spread
                dx, dy, dz = ray_of(eye, across, down)
                jitter = _jitter(column, first_row + line, turn)
                if lone:
                    (ox, oy, oz, vx, vy, vz, cell_x, cell_y, cell_z, along_x, along_y, along_z, begin, last, comb, stride) = _met(
                        bricks, members, lattices, eyes, lit_by, 0, squares.near[first], squares.far[first], dx, dy, dz,
                        jitter, step)
                else:
                    for n in range(count):
                        (ox, oy, oz, vx, vy, vz, cell_x, cell_y, cell_z, along_x, along_y, along_z, begin, last, comb,
                         stride) = _met(bricks, members, lattices, eyes, lit_by, squares.member[first + n],
                                        squares.near[first + n], squares.far[first + n], dx, dy, dz, jitter, step)
                        rays[n, 0] = ox
                        rays[n, 1] = oy
                        rays[n, 2] = oz
                        rays[n, 3] = vx
                        rays[n, 4] = vy
                        rays[n, 5] = vz
                        rays[n, 6] = cell_x
                        rays[n, 7] = cell_y
                        rays[n, 8] = cell_z
                        rays[n, 9] = along_x
                        rays[n, 10] = along_y
                        rays[n, 11] = along_z
                        rays[n, 12] = begin
                        rays[n, 13] = last
                        rays[n, 14] = comb
                        rays[n, 15] = stride
                cosine = dx * sun[0] + dy * sun[1] + dz * sun[2]
                angle = math.sqrt(max(f32(0.5) - f32(0.5) * cosine, f32(0))) * f32(TURNS - 1)
                turned = min(i32(angle), i32(TURNS - 2))
                angle -= f32(turned)
                sx = dx * lattices.to_sun
                sy = dy * lattices.to_sun
                sz = dz * lattices.to_sun
                clear = f32(1)
                # The same without the forward peak.
                soft = f32(1)
                sun_sum = f32(0)
                zenith_sum = f32(0)
                horizon_sum = f32(0)
                ground_sum = f32(0)
                red_sum = f32(0)
                green_sum = f32(0)
                blue_sum = f32(0)
                zenith = f32(0)
                horizon = f32(0)
                ground = f32(0)
                red = f32(0)
                green = f32(0)
                blue = f32(0)
                spread_light = f32(0)
                held = f32(0)
                held_for = 0
                sunlight = f32(0)
                keen = f32(0)
                sun_for = 0
                pace = 1
                going = True
                t = f32(0)
                while going:
                    chief = 0
                    some = 1
                    if lone:
                        if t >= last or begin >= last:
                            break
                    else:
                        begin, last, some = _stretch(rays, count, t, active)
                        if some == 0:
                            break
                        chief = active[0]
                        ox = rays[chief, 0]
                        oy = rays[chief, 1]
                        oz = rays[chief, 2]
                        vx = rays[chief, 3]
                        vy = rays[chief, 4]
                        vz = rays[chief, 5]
                        cell_x = rays[chief, 6]
                        cell_y = rays[chief, 7]
                        cell_z = rays[chief, 8]
                        along_x = rays[chief, 9]
                        along_y = rays[chief, 10]
                        along_z = rays[chief, 11]
                        comb = rays[chief, 14]
                        stride = rays[chief, 15]
                    t = comb + stride * f32(max(0, i32(math.ceil((begin - comb) / stride))))
                    a = 0 if lone else squares.member[first + chief]
                    layout = layout_of(bricks, members.grid[a])
                    medium = members.medium[a]
                    rate = members.rate[a] * stride
                    surface = members.surface[a]
                    calm, smooth = _scattering(media, medium, cosine)
                    ix = f32(1) / vx
                    iy = f32(1) / vy
                    iz = f32(1) / vz
                    # From a brick's lower corner to the side where this ray leaves it.
                    lx = f32(SIDE) if vx > f32(0) else f32(0)
                    ly = f32(SIDE) if vy > f32(0) else f32(0)
                    lz = f32(SIDE) if vz > f32(0) else f32(0)
                    lattice = lit_by[a]
                    sky_wide = lattices.sky_sides[lattice, 0]
                    sky_high = lattices.sky_sides[lattice, 1]
                    sky_deep = lattices.sky_sides[lattice, 2]
                    sky_at = u64(lattices.sky_at[lattice])
                    sky_y = sky_z * u64(sky_deep)
                    sky_x = sky_y * u64(sky_high)
                    peaked = media.peak[medium] > f32(0)
                    while going and t < last:
                        bx = i32(math.floor(ox + vx * t)) >> 3
                        by = i32(math.floor(oy + vy * t)) >> 3
                        bz = i32(math.floor(oz + vz * t)) >> 3
                        apart, code = brick_at(bricks, layout, bx, by, bz)
                        x0 = f32(bx * SIDE)
                        y0 = f32(by * SIDE)
                        z0 = f32(bz * SIDE)
                        leave_x = (x0 + lx - ox) * ix
                        leave_y = (y0 + ly - oy) * iy
                        leave_z = (z0 + lz - oz) * iz
                        empty = apart > 0
                        if apart > 1:
                            # Empty surroundings are crossed in one stride, however many bricks they are.
                            around = f32((apart - 1) * SIDE)
                            leave_x += around * abs(ix)
                            leave_y += around * abs(iy)
                            leave_z += around * abs(iz)
                        leave = min(leave_x, min(leave_y, leave_z))
                        if not lone and some > 1:
                            codes[0] = code
                            other, void = _bricks_met(bricks, members, squares, first, rays, active, some, t, codes)
                            leave = min(leave, other)
                            empty = empty and void
                        if empty:
                            t += stride * f32(max(1, i32(math.ceil((leave - t) / stride))))
                            continue
                        steps = max(1, i32(math.ceil((min(leave, last) - t) / stride)))
                        base = max(code, 0) * WIDE**3
                        constant = f32(0)
                        if code < -1:
                            constant = bricks.tile_values[-2 - code]
                        occupied = i32(255)
                        if code >= 0 and (lone or some == 1):
                            occupied = i32(bricks.octants[code])
                        done = 0
                        while done < steps:
                            x = ox + vx * t
                            y = oy + vy * t
                            z = oz + vz * t
                            rho = constant
                            if code >= 0:
                                # Rounding at the border must not read beyond the layer.
                                u = min(max(x - x0, f32(0)), f32(7.9999))
                                v = min(max(y - y0, f32(0)), f32(7.9999))
                                w = min(max(z - z0, f32(0)), f32(7.9999))
                                if occupied != 255:
                                    hx = i32(u) >> 2
                                    hy = i32(v) >> 2
                                    hz = i32(w) >> 2
                                    if (occupied >> ((hx << 2) | (hy << 1) | hz)) & 1 == 0:
                                        # Nothing in this octant: on to where the ray leaves it.
                                        leave = min(
                                            (x0 + f32(hx * HALF) + lx * f32(0.5) - ox) * ix,
                                            min((y0 + f32(hy * HALF) + ly * f32(0.5) - oy) * iy,
                                                (z0 + f32(hz * HALF) + lz * f32(0.5) - oz) * iz))
                                        skipped = max(1, i32(math.ceil((leave - t) / stride)))
                                        t += stride * f32(skipped)
                                        done += skipped
                                        continue
                                rho = in_brick(values, base, u, v, w)
                            here = t
                            t += stride * f32(pace)
                            done += pace
                            thick = rate * rho
                            hit = clay and rho >= surface
                            if not lone and some > 1:
                                thick, calm, smooth, most, hit = _mixed(
                                    bricks, members, media, squares, first, rays, active, some, codes, here, stride, cosine, clay)
                                chief = active[most]
                                a = squares.member[first + chief]
                                medium = members.medium[a]
                                lattice = lit_by[a]
                                sky_wide = lattices.sky_sides[lattice, 0]
                                sky_high = lattices.sky_sides[lattice, 1]
                                sky_deep = lattices.sky_sides[lattice, 2]
                                sky_at = u64(lattices.sky_at[lattice])
                                sky_y = sky_z * u64(sky_deep)
                                sky_x = sky_y * u64(sky_high)
                                cell_x = rays[chief, 6]
                                cell_y = rays[chief, 7]
                                cell_z = rays[chief, 8]
                                along_x = rays[chief, 9]
                                along_y = rays[chief, 10]
                                along_z = rays[chief, 11]
                                peaked = media.peak[medium] > f32(0)
                            if thick <= f32(0) or (clay and not hit):
                                continue
                            # The sky's cells are many steps wide: look anew only now and then, and weigh
                            # what was seen by all that was scattered meanwhile.
                            if held_for == 0:
                                zenith_sum += held * zenith
                                horizon_sum += held * horizon
                                ground_sum += held * ground
                                sun_sum += held * spread_light
                                red_sum += held * red
                                green_sum += held * green
                                blue_sum += held * blue
                                held = f32(0)
                                held_for = HOLD
                                at, u, v, w = cell_of(cell_x + along_x * here, cell_y + along_y * here, cell_z + along_z * here,
                                                      sky_wide, sky_high, sky_deep)
                                at = sky_at + at * sky_z
                                spread_light = blended(sky, at, sky_x, sky_y, sky_z, u, v, w)
                                zenith = blended(sky, at + u64(1), sky_x, sky_y, sky_z, u, v, w)
                                horizon = blended(sky, at + u64(2), sky_x, sky_y, sky_z, u, v, w)
                                ground = blended(sky, at + u64(3), sky_x, sky_y, sky_z, u, v, w)
                                if lamps:
                                    red = blended(sky, at + u64(4), sky_x, sky_y, sky_z, u, v, w)
                                    green = blended(sky, at + u64(5), sky_x, sky_y, sky_z, u, v, w)
                                    blue = blended(sky, at + u64(6), sky_x, sky_y, sky_z, u, v, w)
                            held_for -= 1
                            if clay:
                                if not lone and some > 1:
                                    x = rays[chief, 0] + rays[chief, 3] * here
                                    y = rays[chief, 1] + rays[chief, 4] * here
                                    z = rays[chief, 2] + rays[chief, 5] * here
                                _normal(bricks, members.grid[a], members.axes, a, x, y, z, pixel)
                                pixel[OPENNESS] = (zenith + horizon + f32(0.5) * ground) / f32(2.5)
                                pixel[OPACITY] = f32(1)
                                going = False
                                break
                            thick *= f32(pace)
                            weight = soft * taken(calm * thick)
                            if sun_for == 0:
                                at, u, v, w = cell_of(sun_eye_x + sx * here, sun_eye_y + sy * here, sun_eye_z + sz * here,
                                                      sun_wide, sun_high, sun_deep)
                                depth = blended(sun_light, at, sun_x, sun_y, u64(1), u, v, w)
                                sunlight = smooth * transmittance(calm * depth)
                                if peaked:
                                    keen = onward(media.ahead, i32(medium * TURNS + turned), angle, depth)
                                # Every step near the surface, every third where little is seen any more.
                                sun_for = 1 if clear > DEEP else (3 if clear > DEEPEST else 2)
                            sun_for -= 1
                            hard = clear * taken(thick)
                            sun_sum += weight * sunlight + hard * keen
                            clear -= hard
                            held += weight
                            soft -= weight
                            # What lies so deep is seen only by what comes round, which is smooth.
                            pace = 1 if clear > SHALLOW else (2 if clear > DEEPEST else 4)
                            if soft < f32(OPAQUE):
                                going = False
                                break
                if not clay:
                    zenith_sum += held * zenith
                    horizon_sum += held * horizon
                    ground_sum += held * ground
                    sun_sum += held * spread_light
                    red_sum += held * red
                    green_sum += held * green
                    blue_sum += held * blue
                    whole = f32(1)
                    if not going:
                        # What is left behind an opaque ray looks like what was seen of it.
                        whole = f32(1) / (f32(1) - soft)
                        clear = f32(0)
                        soft = f32(0)
                    # Light of the sky behind that goes on nearly as it came.
                    past = soft - clear
                    above = min(max(dy * f32(5) + f32(0.5), f32(0)), f32(1))
                    high = min(max(dy * f32(2.5) - f32(0.75), f32(0)), f32(1))
                    pixel[SUN] = sun_sum * whole
                    pixel[ZENITH] = zenith_sum * whole + past * high * f32(4)
                    pixel[HORIZON] = horizon_sum * whole + past * (above - high) * f32(4)
                    pixel[GROUND] = ground_sum * whole + past * (f32(1) - above) * f32(2)
                    pixel[OPACITY] = f32(1) - clear
                    pixel[RED] = red_sum * whole
                    pixel[GREEN] = green_sum * whole
                    pixel[BLUE] = blue_sum * whole

    return _march


_MARCHES = {lone: _compiled(lone) for lone in (True, False)}


def march(scene, lattice, camera, *, stride=1, shift=(0.5, 0.5), turn=0, step=1.0, clay=False, hues=None, ticket=None):
    """Layers of light for each pixel of a picture.

    Parameters
    ----------
    scene : Scene
        With at least one cloud. Of its light the direction of the sun is used, not its colours and strengths.
    lattice : Lattice
        Its light.
    camera : Camera
    stride : int, optional
        March one ray for a square of so many pixels.
    shift : tuple of float, optional
        Where in its square a ray passes, from 0 to 1.
    turn : int, optional
        Number of the pass: shifts the sampling points along the rays.
    step : float, optional
        Length of a step in voxels.
    clay : bool, optional
        Stop at the surface and give its normal.
    hues : sequence of Colours, optional
        One for each cloud: gather these in the place of light.
    ticket : Ticket, optional

    Returns
    -------
    ndarray of float32, shape (rows, columns, LAYERS)
        For light: in-scattered sun per unit of irradiance (1/sr), arriving shares of zenith,
        horizon and ground, opacity, and the light of lamps in red, green and blue. For Clay: normal, openness, opacity. For
        hues: red, green and blue of what is scattered in the layers of zenith, horizon and ground, of glow in those of lamps.
    """
    rows, columns = -(-camera.height // stride), -(-camera.width // stride)
    out = np.empty((rows, columns, LAYERS), np.float32)
    once = scene.light.once or hues is not None
    members, media = members_of(scene)
    media = media_of(media, once=once or clay)
    arriving = _light_of(scene, lattice, camera, once) if hues is None else _hues_of(scene, hues, camera)
    lit_by = np.arange(len(scene.clouds)) if hues is not None else np.zeros(len(scene.clouds), np.int64)
    eyes = np.array([(cloud.placing.own(camera.eye) - cloud.grid.offset) / cloud.grid.voxel for cloud in scene.clouds], np.float32)
    squares, eye = squares_of(scene, camera), eye_of(scene, camera, stride, shift)
    most_met = max(int(np.diff(squares.begin).max(initial=0)), 1)
    room, numbers = np.empty((rows, most_met, 16), np.float32), np.empty((rows, 2, most_met), np.int32)
    toward = direction_of(scene.light.sun.azimuth, scene.light.sun.elevation).astype(np.float32)
    block = max(8, 60_000 // columns)
    for top in range(0, rows, block):
        if ticket is not None:
            ticket.tick(top / rows)
        _MARCHES[len(scene.clouds) == 1](
            scene.bricks, members, media, arriving, squares, eye, eyes, lit_by, room[top:], numbers[top:], toward, int(turn), top,
            f32(step), clay, out[top : top + block])
    return out


def _light_of(scene, lattice, camera, once):
    """A lattice as the march reads it."""
    light = toward_eye(lattice, camera.eye)
    if once:
        light[..., 0] = 0.0
    unit = scene.unit
    return Arriving(
        lattice.sun.ravel(), np.array(lattice.sun.shape), f32(unit / lattice.sun_cell),
        ((camera.eye - lattice.sun_first) / lattice.sun_cell).astype(np.float32),
        light.ravel(), np.zeros(1, np.int64), np.array([light.shape]),
        (np.eye(3) * (unit / lattice.sky_cell)).astype(np.float32)[None],
        ((camera.eye - lattice.sky_first) / lattice.sky_cell).astype(np.float32)[None])


def _hues_of(scene, hues, camera):
    """Colours of each cloud, on lattices along its own axes, in the place of light."""
    axes, eyes, sides, channels = [], [], [], []
    for cloud, hue in zip(scene.clouds, hues):
        axes.append(cloud.placing.axes.T * (scene.unit / (cloud.placing.scale * hue.cell)))
        eyes.append((cloud.placing.own(camera.eye) - hue.first) / hue.cell)
        light = np.zeros((*hue.values.shape[1:], 7), np.float32)
        light[..., 1:] = np.moveaxis(hue.values, 0, -1)
        channels.append(light.ravel())
        sides.append(light.shape)
    begin = np.cumsum([0, *(len(c) for c in channels)])[:-1]
    return Arriving(np.zeros(8, np.float32), np.full(3, 2), f32(0.0), np.zeros(3, np.float32), np.concatenate(channels),
                    begin.astype(np.int64), np.array(sides), np.array(axes, np.float32), np.array(eyes, np.float32))
