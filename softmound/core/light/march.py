"""Draft light and Clay: one march of a ray for each pixel through the bricks of a cloud.

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

import numpy as np

from ..directions import direction_of
from ..kernels import call, f32, i32, kernel, prange, row, u32, u64
from ..volume.bricks import NOTHING, SIDE
from ..volume.lookup import code_at
from .lattice import toward_eye
from .lobes import two_lobes
from .onward import AHEAD, TURNS, onward, onward_table
from .phase import forward_peak, lobes_of
from .reach import SQUARE, reach_of
from .shell import WIDE, trilinear
from .transmittance import taken, transmittance

OPAQUE = 0.05
"""Transmittance below which a ray ends."""
HOLD = 4
"""Steps for which the light of the sky is taken to be the same."""
SHALLOW, DEEPEST = f32(0.25), f32(0.06)
"""Transmittances below which steps are two and four times as long."""
DEEP = f32(0.5)
"""Transmittance below which the sun's light is looked up every third step."""
LAYERS = 8
"""Sun, zenith, horizon, ground, opacity, lamps in red, green, blue; or for Clay normal x, y, z, openness, opacity."""
HALF = SIDE // 2
SURFACE = 0.3
"""Share of the core density at which Clay puts the surface."""


@call
def inside_density(low, top, nodes, values, tile_values, x, y, z):
    """Density anywhere, by the bricks of a `Shell`.

    Parameters
    ----------
    low, top, nodes : ndarray of int32
        Of its index.
    values : ndarray of float32, shape (N * 729,)
    tile_values : ndarray of float32, shape (M,)
    x, y, z : float32
        Voxels.

    Returns
    -------
    float32
    """
    bx = i32(math.floor(x)) >> 3
    by = i32(math.floor(y)) >> 3
    bz = i32(math.floor(z)) >> 3
    code = code_at(low, top, nodes, bx, by, bz)
    if code >= 0:
        return trilinear(
            values, code * WIDE**3, x - f32(bx * SIDE), y - f32(by * SIDE), z - f32(bz * SIDE)
        )
    if code == NOTHING:
        return f32(0)
    return tile_values[-2 - code]


@call
def _normal(low, top, nodes, values, tile_values, x, y, z, pixel):
    one = f32(1)
    gx = inside_density(low, top, nodes, values, tile_values, x - one, y, z)
    gx -= inside_density(low, top, nodes, values, tile_values, x + one, y, z)
    gy = inside_density(low, top, nodes, values, tile_values, x, y - one, z)
    gy -= inside_density(low, top, nodes, values, tile_values, x, y + one, z)
    gz = inside_density(low, top, nodes, values, tile_values, x, y, z - one)
    gz -= inside_density(low, top, nodes, values, tile_values, x, y, z + one)
    norm = one / math.sqrt(gx * gx + gy * gy + gz * gz + f32(1e-12))
    pixel[0] = gx * norm
    pixel[1] = gy * norm
    pixel[2] = gz * norm


@row
def _jitter(x, y, turn):
    h = u32(u32(u32(x) * u32(0x9E3779B1)) ^ u32(u32(y) * u32(0x85EBCA77)))
    h = u32(h ^ u32(u32(turn) * u32(0xC2B2AE3D)))
    h = u32(u32(h ^ (h >> u32(15))) * u32(0x2C1B3C6D))
    h = u32(u32(h ^ (h >> u32(12))) * u32(0x297A2D39))
    return f32(u32(h ^ (h >> u32(15))) >> u32(8)) * f32(1.0 / 16777216.0)


@row
def _lattice_cell(x, y, z, to_cell, shift, sides):
    """Place of a point in a flat lattice, and where it lies within its cell."""
    fx = min(max(x * to_cell + shift[0], f32(0)), f32(sides[0]) - f32(1.001))
    fy = min(max(y * to_cell + shift[1], f32(0)), f32(sides[1]) - f32(1.001))
    fz = min(max(z * to_cell + shift[2], f32(0)), f32(sides[2]) - f32(1.001))
    i = i32(fx)
    j = i32(fy)
    k = i32(fz)
    return u64((i * sides[1] + j) * sides[2] + k), fx - f32(i), fy - f32(j), fz - f32(k)


@row
def _blend(light, at, next_x, next_y, next_z, u, v, w):
    """Trilinear value of a flat lattice at place `at`."""
    a = light[at] + w * (light[at + next_z] - light[at])
    b = light[at + next_y] + w * (light[at + next_y + next_z] - light[at + next_y])
    c = light[at + next_x] + w * (light[at + next_x + next_z] - light[at + next_x])
    at += next_x + next_y
    d = light[at] + w * (light[at + next_z] - light[at])
    a += v * (b - a)
    return a + u * (c + v * (d - c) - a)


@kernel
def _march(low, top, nodes, values, tile_values, octants, clearance, first, box_low, box_high, near, far,
           sun_light, sun_sides, to_sun, sun_shift, sky_light, sky_sides, to_sky, sky_shift,
           eye, right, up, forward, spread, centre_x, centre_y, stride, shift_x, shift_y, turn,
           first_row, step, extinction, peak, table, sun, lobes, clay, surface, out):
    mapped = clearance.size > 0
    bricks = values.size // WIDE**3
    sun_y = u64(sun_sides[2])
    sun_x = u64(sun_sides[1] * sun_sides[2])
    sky_z = u64(sky_sides[3])
    sky_y = u64(sky_sides[2] * sky_sides[3])
    sky_x = u64(sky_sides[1] * sky_sides[2] * sky_sides[3])
    lamps = sky_sides[3] > 4
    for line in prange(out.shape[0]):
        down = ((f32(first_row + line) + shift_y) * stride - centre_y) * spread
        # The last squares of a coarse picture reach beyond its border.
        square_y = min(i32((f32(first_row + line) + shift_y) * stride) // SQUARE, far.shape[0] - 1)
        for column in range(out.shape[1]):
            pixel = out[line, column]
            for n in range(LAYERS):
                pixel[n] = f32(0)
            square_x = min(i32((f32(column) + shift_x) * stride) // SQUARE, far.shape[1] - 1)
            if far[square_y, square_x] <= f32(0):
                continue
            across = ((f32(column) + shift_x) * stride - centre_x) * spread
            # The tiny number keeps an axis-parallel ray from dividing by zero.
            dx = forward[0] + across * right[0] - down * up[0] + f32(1e-9)
            dy = forward[1] + across * right[1] - down * up[1] + f32(1e-9)
            dz = forward[2] + across * right[2] - down * up[2] + f32(1e-9)
            norm = f32(1) / math.sqrt(dx * dx + dy * dy + dz * dz)
            dx *= norm
            dy *= norm
            dz *= norm
            ix = f32(1) / dx
            iy = f32(1) / dy
            iz = f32(1) / dz
            ax = (box_low[0] - eye[0]) * ix
            ay = (box_low[1] - eye[1]) * iy
            az = (box_low[2] - eye[2]) * iz
            ex = (box_high[0] - eye[0]) * ix
            ey = (box_high[1] - eye[1]) * iy
            ez = (box_high[2] - eye[2]) * iz
            start = max(f32(0), max(min(ax, ex), max(min(ay, ey), min(az, ez))))
            last = min(max(ax, ex), min(max(ay, ey), max(az, ez)))
            if start >= last:
                continue
            # Every ray samples on its own comb of points, shifted at random against bands.
            t = start + _jitter(column, first_row + line, turn) * step
            last = min(last, far[square_y, square_x])
            if t >= last:
                continue
            t += step * f32(max(0, i32((near[square_y, square_x] - t) / step)))
            # From a brick's lower corner to the side where this ray leaves it.
            sx = f32(SIDE) if dx > f32(0) else f32(0)
            sy = f32(SIDE) if dy > f32(0) else f32(0)
            sz = f32(SIDE) if dz > f32(0) else f32(0)
            cosine = dx * sun[0] + dy * sun[1] + dz * sun[2]
            calm = f32(1) - peak
            # Sunlight scattered once, or with its forward peak whatever of it goes on nearly as it came.
            once = two_lobes(lobes, cosine)
            wide = min(max((cosine - f32(AHEAD[0])) / f32(AHEAD[1] - AHEAD[0]), f32(0)), f32(1))
            smooth = once / calm * (f32(1) - wide * wide * (f32(3) - f32(2) * wide))
            angle = math.sqrt(max(f32(0.5) - f32(0.5) * cosine, f32(0))) * f32(TURNS - 1)
            turned = min(i32(angle), i32(TURNS - 2))
            angle -= f32(turned)
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
            going = True
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
            while going and t < last:
                bx = i32(math.floor(eye[0] + dx * t)) >> 3
                by = i32(math.floor(eye[1] + dy * t)) >> 3
                bz = i32(math.floor(eye[2] + dz * t)) >> 3
                # Empty surroundings are crossed in one stride, however many bricks they are.
                cx = bx - first[0]
                cy = by - first[1]
                cz = bz - first[2]
                apart = 1
                if not mapped:
                    apart = 0
                elif (cx >= 0 and cy >= 0 and cz >= 0 and cx < clearance.shape[0]
                        and cy < clearance.shape[1] and cz < clearance.shape[2]):
                    apart = clearance[cx, cy, cz]
                if apart > 0:
                    around = f32((apart - 1) * SIDE)
                    leave = min(
                        (f32(bx * SIDE) + (sx + around if dx > f32(0) else -around) - eye[0]) * ix,
                        min((f32(by * SIDE) + (sy + around if dy > f32(0) else -around) - eye[1]) * iy,
                            (f32(bz * SIDE) + (sz + around if dz > f32(0) else -around) - eye[2]) * iz))
                    t += step * f32(max(1, i32(math.ceil((leave - t) / step))))
                    continue
                if mapped:
                    code = -1 - apart
                    if code >= bricks:
                        code = -2 - (code - bricks)
                else:
                    code = code_at(low, top, nodes, bx, by, bz)
                x0 = f32(bx * SIDE)
                y0 = f32(by * SIDE)
                z0 = f32(bz * SIDE)
                leave = min((x0 + sx - eye[0]) * ix,
                            min((y0 + sy - eye[1]) * iy, (z0 + sz - eye[2]) * iz))
                steps = max(1, i32(math.ceil((min(leave, last) - t) / step)))
                if code == NOTHING:
                    t += step * f32(steps)
                    continue
                base = max(code, 0) * WIDE**3
                constant = f32(0)
                if code < 0:
                    constant = tile_values[-2 - code]
                occupied = i32(255)
                if code >= 0:
                    occupied = i32(octants[code])
                done = 0
                while done < steps:
                    x = eye[0] + dx * t
                    y = eye[1] + dy * t
                    z = eye[2] + dz * t
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
                                    (x0 + f32(hx * HALF) + sx * f32(0.5) - eye[0]) * ix,
                                    min((y0 + f32(hy * HALF) + sy * f32(0.5) - eye[1]) * iy,
                                        (z0 + f32(hz * HALF) + sz * f32(0.5) - eye[2]) * iz))
                                skipped = max(1, i32(math.ceil((leave - t) / step)))
                                t += step * f32(skipped)
                                done += skipped
                                continue
                        rho = trilinear(values, base, u, v, w)
                    t += step * f32(pace)
                    done += pace
                    if rho <= f32(0) or (clay and rho < surface):
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
                        at, u, v, w = _lattice_cell(x, y, z, to_sky, sky_shift, sky_sides)
                        at = at * sky_z
                        spread_light = _blend(sky_light, at, sky_x, sky_y, sky_z, u, v, w)
                        zenith = _blend(sky_light, at + u64(1), sky_x, sky_y, sky_z, u, v, w)
                        horizon = _blend(sky_light, at + u64(2), sky_x, sky_y, sky_z, u, v, w)
                        ground = _blend(sky_light, at + u64(3), sky_x, sky_y, sky_z, u, v, w)
                        if lamps:
                            red = _blend(sky_light, at + u64(4), sky_x, sky_y, sky_z, u, v, w)
                            green = _blend(sky_light, at + u64(5), sky_x, sky_y, sky_z, u, v, w)
                            blue = _blend(sky_light, at + u64(6), sky_x, sky_y, sky_z, u, v, w)
                    held_for -= 1
                    if clay:
                        _normal(low, top, nodes, values, tile_values, x, y, z, pixel)
                        pixel[3] = (zenith + horizon + f32(0.5) * ground) / f32(2.5)
                        pixel[4] = f32(1)
                        going = False
                        break
                    thick = extinction * rho * f32(pace)
                    weight = soft * taken(calm * thick)
                    if sun_for == 0:
                        at, u, v, w = _lattice_cell(x, y, z, to_sun, sun_shift, sun_sides)
                        depth = _blend(sun_light, at, sun_x, sun_y, u64(1), u, v, w)
                        if peak > f32(0):
                            sunlight = smooth * transmittance(calm * depth)
                            keen = onward(table, turned, angle, depth)
                        else:
                            sunlight = once * transmittance(depth)
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
                pixel[0] = sun_sum * whole
                pixel[1] = zenith_sum * whole + past * high * f32(4)
                pixel[2] = horizon_sum * whole + past * (above - high) * f32(4)
                pixel[3] = ground_sum * whole + past * (f32(1) - above) * f32(2)
                pixel[4] = f32(1) - clear
                pixel[5] = red_sum * whole
                pixel[6] = green_sum * whole
                pixel[7] = blue_sum * whole


def march(shell, lattice, light, camera, *, stride=1, shift=(0.5, 0.5), turn=0, step=1.0,
          clay=False, ticket=None):
    """Layers of light for each pixel of a picture.

    Parameters
    ----------
    shell : Shell
    lattice : Lattice
    light : Light
        Medium and sun direction; colours and strengths are not used.
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
    ticket : Ticket, optional

    Returns
    -------
    ndarray of float32, shape (rows, columns, LAYERS)
        For light: in-scattered sun per unit of irradiance (1/sr), arriving shares of zenith,
        horizon and ground, opacity, and the light of lamps in red, green and blue. For Clay: normal, openness, opacity.
    """
    rows, columns = -(-camera.height // stride), -(-camera.width // stride)
    out = np.empty((rows, columns, LAYERS), np.float32)
    voxel = shell.voxel
    medium, index = light.medium, shell.index
    toward = direction_of(light.sun.azimuth, light.sun.elevation)
    lobes = lobes_of(medium)
    peak = 0.0 if light.once or clay else forward_peak(lobes)[0]
    light_toward_eye = toward_eye(lattice, camera.eye)
    if light.once:
        light_toward_eye[..., 0] = 0.0
    arguments = (
        lattice.sun.ravel(), np.array(lattice.sun.shape), f32(voxel / lattice.sun_cell),
        ((shell.offset - lattice.sun_first) / lattice.sun_cell).astype(np.float32),
        light_toward_eye.ravel(), np.array(light_toward_eye.shape), f32(voxel / lattice.sky_cell),
        ((shell.offset - lattice.sky_first) / lattice.sky_cell).astype(np.float32),
        ((camera.eye - shell.offset) / voxel).astype(np.float32),
        camera.right.astype(np.float32), camera.up.astype(np.float32),
        camera.forward.astype(np.float32), f32(camera.spread), f32(camera.width / 2),
        f32(camera.height / 2), f32(stride), f32(shift[0]), f32(shift[1]), int(turn),
    )
    reach = reach_of(shell, camera)
    block = max(8, 60_000 // columns)
    for top in range(0, rows, block):
        if ticket is not None:
            ticket.tick(top / rows)
        _march(
            index.low, index.top, index.nodes, shell.values.ravel(), shell.tile_values,
            shell.octants, shell.clearance, shell.first,
            shell.low.astype(np.float32), shell.high.astype(np.float32), *reach, *arguments,
            top, f32(step), f32(medium.extinction * voxel * step), f32(peak), onward_table(lobes).ravel(),
            toward.astype(np.float32),
            np.array(lobes, np.float32),
            clay, f32(SURFACE * shell.core), out[top : top + block],
        )
    return out
