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

import math

import numpy as np

from ...directions import direction_of
from ...kernels import borrowed, call, each, f32, i32, row, u32, u64
from ...volume.bricks import SIDE
from ..lattices.incident import hues_arriving, light_arriving, lit_by
from ..lattices.small_angle import TURNS, onward
from ..lattices.trilinear import WIDE, blended, cell_of, in_brick
from ..scene.members import eye_of, media_of, members_of, ray_of
from ..scene.pool import brick_at, density_at, layout_of
from .overlap import (
    ALONG_X,
    ALONG_Y,
    ALONG_Z,
    CELL_X,
    CELL_Y,
    CELL_Z,
    COMB,
    ENTERS,
    LEAVES,
    OWN,
    OX,
    OY,
    OZ,
    VX,
    VY,
    VZ,
    WIDTH,
    bricks_met,
    meeting,
    mixed,
    scattered,
    stretch,
)
from .reach import SQUARE, squares_of
from .sparing import brightness_of, filled
from .transmittance import taken, transmittance

OPAQUE = 0.05
"""Transmittance below which a ray ends."""
HOLD = 4
"""Steps for which the light of the sky is taken to be the same."""
SHALLOW, DEEPEST = f32(0.25), f32(0.06)
"""Transmittances below which steps are two and four times as long."""
DEEP = f32(0.5)
"""Transmittance below which the sun's light is looked up every third step."""
SUN, ZENITH, HORIZON, GROUND, OPACITY, RED, GREEN, BLUE, AWAY = range(9)
"""Layers of a picture: sun and three zones of the sky, each per unit, opacity, lamps, and the mean distance at which light is
taken in metres, times the opacity."""
OPENNESS = 3
"""Layers of Clay, which has its opacity where the others have it."""
LAYERS = 9
HALF = SIDE // 2


@row
def _jitter(x, y, nth):
    h = u32(u32(u32(x) * u32(0x9E3779B1)) ^ u32(u32(y) * u32(0x85EBCA77)))
    h = u32(h ^ u32(u32(nth) * u32(0xC2B2AE3D)))
    h = u32(u32(h ^ (h >> u32(15))) * u32(0x2C1B3C6D))
    h = u32(u32(h ^ (h >> u32(12))) * u32(0x297A2D39))
    return f32(u32(h ^ (h >> u32(15))) >> u32(8)) * f32(1.0 / 16777216.0)


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


@row
def _sun_of(lattices, k):
    """The sun's part of a lattice: where it begins, its sides, its strides, the cell of the eye, and cells in a unit."""
    deep = lattices.sun_sides[k, 2]
    return (u64(lattices.sun_at[k]), lattices.sun_sides[k, 0], lattices.sun_sides[k, 1], deep, u64(deep),
            u64(lattices.sun_sides[k, 1] * deep), lattices.sun_eye[k, 0], lattices.sun_eye[k, 1], lattices.sun_eye[k, 2],
            lattices.to_sun[k])


def _compiled(lone):
    """The march of scenes of one cloud, and of any: the same code, without what only several need."""
    @each("out")
    def _march(line, pool, clouds, scattering, arriving, seen, camera, eyes, lit_by, room, numbers, sun, nth, first_row, step,
               clay, wanted, out):
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
            if wanted[line, column] == 0:
                continue
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
            jitter = _jitter(column, first_row + line, nth)
            if lone:
                (ox, oy, oz, vx, vy, vz, cell_x, cell_y, cell_z, along_x, along_y, along_z, begin, last, comb,
                 stride) = meeting(
                    bricks, members, lattices, eyes, lit_by, 0, squares.near[first], squares.far[first], dx, dy, dz,
                    jitter, step)
            else:
                for n in range(count):
                    (ox, oy, oz, vx, vy, vz, cell_x, cell_y, cell_z, along_x, along_y, along_z, begin, last, comb,
                     stride) = meeting(bricks, members, lattices, eyes, lit_by, squares.member[first + n],
                                    squares.near[first + n], squares.far[first + n], dx, dy, dz, jitter, step)
                    rays[n, OX] = ox
                    rays[n, OY] = oy
                    rays[n, OZ] = oz
                    rays[n, VX] = vx
                    rays[n, VY] = vy
                    rays[n, VZ] = vz
                    rays[n, CELL_X] = cell_x
                    rays[n, CELL_Y] = cell_y
                    rays[n, CELL_Z] = cell_z
                    rays[n, ALONG_X] = along_x
                    rays[n, ALONG_Y] = along_y
                    rays[n, ALONG_Z] = along_z
                    rays[n, ENTERS] = begin
                    rays[n, LEAVES] = last
                    rays[n, COMB] = comb
                    rays[n, OWN] = stride
            cosine = dx * sun[0] + dy * sun[1] + dz * sun[2]
            angle = math.sqrt(max(f32(0.5) - f32(0.5) * cosine, f32(0))) * f32(TURNS - 1)
            turned = min(i32(angle), i32(TURNS - 2))
            angle -= f32(turned)
            turned_over = lattices.sun_turned
            way_x = dz if turned_over else dx
            way_y = dx if turned_over else dy
            way_z = dy if turned_over else dz
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
            away_sum = f32(0)
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
                    begin, last, some = stretch(rays, count, t, active)
                    if some == 0:
                        break
                    chief = active[0]
                    ox = rays[chief, OX]
                    oy = rays[chief, OY]
                    oz = rays[chief, OZ]
                    vx = rays[chief, VX]
                    vy = rays[chief, VY]
                    vz = rays[chief, VZ]
                    cell_x = rays[chief, CELL_X]
                    cell_y = rays[chief, CELL_Y]
                    cell_z = rays[chief, CELL_Z]
                    along_x = rays[chief, ALONG_X]
                    along_y = rays[chief, ALONG_Y]
                    along_z = rays[chief, ALONG_Z]
                    comb = rays[chief, COMB]
                    stride = rays[chief, OWN]
                t = comb + stride * f32(max(0, i32(math.ceil((begin - comb) / stride))))
                a = 0 if lone else squares.member[first + chief]
                layout = layout_of(bricks, members.grid[a])
                medium = members.medium[a]
                rate = members.rate[a] * stride
                surface = members.surface[a]
                calm, smooth = scattered(media, medium, cosine)
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
                (sun_at, sun_wide, sun_high, sun_deep, sun_y, sun_x, sun_eye_x, sun_eye_y, sun_eye_z, to_sun) = _sun_of(
                    lattices, lattice)
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
                        other, void = bricks_met(bricks, members, squares, first, rays, active, i32(some), t, codes)
                        leave = min(leave, other)
                        empty = empty and void
                    if empty:
                        t += stride * f32(max(1, i32(math.ceil((leave - t) / stride))))
                        # Beyond a gap there is other light.
                        held_for = 0
                        sun_for = 0
                        continue
                    pitch = stride
                    until = min(leave, last)
                    if not lone and some > 1 and code == -1:
                        # Where the finest has nothing the steps are those of what is there, as many as go in evenly; rounding
                        # must not leave a stretch without length.
                        until = max(until, t + f32(0.5) * stride)
                        wide = f32(1e30)
                        for n in range(1, some):
                            if codes[n] != -1:
                                wide = min(wide, rays[active[n], OWN])
                        pitch = (until - t) / f32(max(1, i32(math.ceil((until - t) / wide))))
                        steps = max(1, i32(math.ceil((until - t) / pitch - f32(0.01))))
                        t += jitter * pitch
                    else:
                        steps = max(1, i32(math.ceil((until - t) / stride)))
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
                                    held_for = 0
                                    sun_for = 0
                                    continue
                            rho = in_brick(values, base, u, v, w)
                        here = t
                        t += pitch * f32(pace)
                        done += pace
                        thick = rate * rho
                        hit = clay and rho >= surface
                        if not lone and some > 1:
                            thick, calm, smooth, most, hit = mixed(
                                bricks, members, media, squares, first, rays, active, i32(some), codes, here, pitch, cosine, clay)
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
                            (sun_at, sun_wide, sun_high, sun_deep, sun_y, sun_x, sun_eye_x, sun_eye_y, sun_eye_z,
                             to_sun) = _sun_of(lattices, lattice)
                            cell_x = rays[chief, CELL_X]
                            cell_y = rays[chief, CELL_Y]
                            cell_z = rays[chief, CELL_Z]
                            along_x = rays[chief, ALONG_X]
                            along_y = rays[chief, ALONG_Y]
                            along_z = rays[chief, ALONG_Z]
                            peaked = media.peak[medium] > f32(0)
                        if thick <= f32(0) or (clay and not hit):
                            held_for = 0
                            sun_for = 0
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
                                x = rays[chief, OX] + rays[chief, VX] * here
                                y = rays[chief, OY] + rays[chief, VY] * here
                                z = rays[chief, OZ] + rays[chief, VZ] * here
                            _normal(bricks, members.grid[a], members.axes, i32(a), x, y, z, pixel)
                            pixel[OPENNESS] = (zenith + horizon + f32(0.5) * ground) / f32(2.5)
                            pixel[OPACITY] = f32(1)
                            going = False
                            break
                        thick *= f32(pace)
                        weight = soft * taken(calm * thick)
                        if sun_for == 0:
                            along = to_sun * here
                            at, u, v, w = cell_of(sun_eye_x + way_x * along, sun_eye_y + way_y * along,
                                                  sun_eye_z + way_z * along, sun_wide, sun_high, sun_deep)
                            depth = blended(sun_light, sun_at + at, sun_x, sun_y, u64(1), u, v, w)
                            sunlight = smooth * transmittance(calm * depth)
                            if peaked:
                                keen = onward(media.ahead, i32(medium * TURNS + turned), angle, depth)
                            # Every step near the surface, every third where little is seen any more.
                            sun_for = 1 if clear > DEEP else (3 if clear > DEEPEST else 2)
                        sun_for -= 1
                        hard = clear * taken(thick)
                        sun_sum += weight * sunlight + hard * keen
                        away_sum += hard * here
                        clear -= hard
                        held += weight
                        soft -= weight
                        # What lies so deep is seen only by what comes round, which is smooth.
                        pace = 1 if clear > SHALLOW else (2 if clear > DEEPEST else 4)
                        if soft < f32(OPAQUE):
                            going = False
                            break
                    if not lone and some > 1 and code == -1:
                        t = comb + stride * f32(i32(math.ceil((until - comb) / stride)))
                if not lone:
                    # The last step of a coarse cloud must not reach into a finer one.
                    t = min(t, last)
            if not clay:
                zenith_sum += held * zenith
                horizon_sum += held * horizon
                ground_sum += held * ground
                sun_sum += held * spread_light
                red_sum += held * red
                green_sum += held * green
                blue_sum += held * blue
                whole = f32(1)
                mean_away = away_sum / max(f32(1) - clear, f32(1e-6))
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
                pixel[AWAY] = mean_away * (f32(1) - clear)

    return _march


_MARCHES = {lone: _compiled(lone) for lone in (True, False)}


def march(scene, lattice, camera, *, stride=1, shift=(0.5, 0.5), nth=0, step=1.0, clay=False, hues=None, sparing=False,
          ticket=None):
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
    if not sparing:
        cast(stride, shift, np.ones((rows, columns), np.uint8), out)
        return out
    # Rays of the coarser picture go where those of the finer one would.
    few = np.empty((-(-rows // 2), -(-columns // 2), LAYERS), np.float32)
    cast(2 * stride, (shift[0] / 2.0, shift[1] / 2.0), np.ones(few.shape[:2], np.uint8), few)
    wanted = filled(few, brightness_of(scene.light), out)
    cast(stride, shift, wanted, out)
    return out


def _caster(scene, lattice, camera, *, nth, step, clay, hues, ticket):
    """What casts rays into a scene: a function of the stride, the place in a square, which rays are wanted, and the layers."""
    once = scene.light.once or hues is not None
    members, media = members_of(scene)
    media = media_of(media, once=once or clay)
    arriving = light_arriving(scene, lattice, camera, once) if hues is None else hues_arriving(scene, hues, camera)
    lighting = np.arange(len(scene.clouds)) if hues is not None else lit_by(scene, lattice)
    eyes = np.array([(cloud.placing.own(camera.eye) - cloud.grid.offset) / cloud.grid.voxel for cloud in scene.clouds], np.float32)
    squares = squares_of(scene, camera)
    most_met = max(int(np.diff(squares.begin).max(initial=0)), 1)
    toward = direction_of(scene.light.sun.azimuth, scene.light.sun.elevation).astype(np.float32)

    def cast(stride, shift, wanted, out):
        rows, columns = out.shape[:2]
        eye = eye_of(scene, camera, stride, shift)
        room, numbers = np.empty((rows, most_met, WIDTH), np.float32), np.empty((rows, 2, most_met), np.int32)
        block = max(8, 60_000 // columns)
        for top in range(0, rows, block):
            if ticket is not None:
                ticket.tick(top / rows)
            _MARCHES[len(scene.clouds) == 1](
                scene.bricks, members, media, arriving, squares, eye, eyes, lighting, room[top:], numbers[top:], toward, int(nth),
                top, f32(step), clay, wanted[top : top + block], out[top : top + block])
        if not clay:
            out[..., AWAY][wanted > 0] *= np.float32(scene.unit)

    return cast
