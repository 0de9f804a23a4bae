"""Ray marching, the inmost part: steps along a ray through the bricks of the clouds it meets, and what is seen at each.

The same code marches through one cloud and through several that may overlap. `lone` is written where it is called, so that of
what only several need nothing is left for one.
"""

import math
from typing import NamedTuple

from ...kernels import call, f32, i32, inlined, row, u64
from ...vectors import carried, row_of
from ...volume.bricks import NOTHING, SIDE
from ..lattices.small_angle import TURNS, onward
from ..lattices.trilinear import WIDE, blended, cell_of, in_brick, within
from ..scene.layered import SPLIT
from ..scene.pool import brick_at, density_at, layout_of, leaf_at
from .overlap import bricks_met, load_ray, mixed, scattered, stretch
from .transmittance import taken, transmittance

OPAQUE = 0.05
"""Transmittance below which a ray ends."""
HOLD = 4
"""Steps from one look at the light of the sky to the next, at most; between them it changes evenly."""
FILLED = f32(1.5)
"""Times what is still to be seen that may have been seen since the last look: through thick steps each is looked at."""
SHALLOW, DEEPEST = f32(0.25), f32(0.06)
"""Transmittances below which steps are two and four times as long."""
DEEP = f32(0.5)
"""Transmittance below which the sun's light is looked up every third step."""
THICK = f32(0.25)
"""Optical thickness at full density up to which short steps are taken together."""
HALF = SIDE // 2
DARK = (f32(0), f32(0), f32(0), f32(0), f32(0), f32(0), f32(0))
"""No light of the sky's lattice: sunlight scattered on, zenith, horizon, ground, and lamps in red, green and blue."""


class Facing(NamedTuple):
    """How a ray lies to the sun.

    Attributes
    ----------
    cosine : float32
        Between both.
    turn, part : int32, float32
        Row of the tables of `core.light.lattices.small_angle`, and how far on to the next.
    way : (float32, float32, float32)
        Direction of the ray along the axes of the sun's lattice.
    """

    cosine: float
    turn: int
    part: float
    way: tuple


class Lit(NamedTuple):
    """A cloud and the lattices that light it.

    Attributes
    ----------
    member, medium : int
    peaked : bool
        Whether its scattering has a forward peak.
    sky_at, sky_sides, sky_next : uint64, (int, int, int), (uint64, uint64, uint64)
        Where the sky's lattice begins, its sides, and how far apart neighbours are.
    sun_at, sun_sides, sun_next : uint64, (int, int, int), (uint64, uint64)
        The same of the sun's.
    sun_eye, to_sun : (float32, float32, float32), float32
        The sun's cell of the eye, and cells in a unit of the scene.
    """

    member: int
    medium: int
    peaked: bool
    sky_at: int
    sky_sides: tuple
    sky_next: tuple
    sun_at: int
    sun_sides: tuple
    sun_next: tuple
    sun_eye: tuple
    to_sun: float


class Crossing(NamedTuple):
    """A cloud that a ray goes through.

    Attributes
    ----------
    lit : Lit
    facing : Facing
    rate, surface : float32
        Extinction for each unit of the scene at density 1, and density at which Clay puts the surface.
    calm, smooth : float32
        From `scattered`.
    """

    lit: Lit
    facing: Facing
    rate: float
    surface: float
    calm: float
    smooth: float


class Seen(NamedTuple):
    """What a ray has seen so far.

    Attributes
    ----------
    clear, soft : float32
        Transmittance, and the same without the forward peak.
    pace : int
        Steps taken at a time.
    sun, away : float32
        Sunlight; distance times what was taken of the light there.
    light : seven float32
        All other light, as of `DARK`.
    sky : seven float32
        What arrived where the sky was last looked at.
    held, late, held_for : float32, float32, int
        How much of that was scattered since, the same times the steps since, and for how many steps it still holds.
    sunlight, keen, sun_for : float32, float32, int
        The same of the sun: what is scattered, and what goes on ahead.
    """

    clear: float
    soft: float
    pace: int
    sun: float
    away: float
    light: tuple
    sky: tuple
    held: float
    late: float
    held_for: int
    sunlight: float
    keen: float
    sun_for: int


@inlined
def facing(lattices, way, sun):
    """How a ray lies to the sun.

    Parameters
    ----------
    lattices : Arriving
    way : (float32, float32, float32)
        Direction of the ray, a unit vector.
    sun : ndarray of float32, shape (3,)
        Direction toward the sun.

    Returns
    -------
    Facing
    """
    cosine = way[0] * sun[0] + way[1] * sun[1] + way[2] * sun[2]
    angle = math.sqrt(max(f32(0.5) - f32(0.5) * cosine, f32(0))) * f32(TURNS - 1)
    turn = min(i32(angle), i32(TURNS - 2))
    own = (way[2], way[0], way[1]) if lattices.sun_turned else way
    return Facing(cosine, turn, angle - f32(turn), own)


@inlined
def _lit(world, member):
    """A cloud and the lattices that light it: Lit."""
    lattices, medium = world.lattices, world.members.medium[member]
    k = lattices.lights[member]
    sky, sun = lattices.sky_sides, lattices.sun_sides
    deep, next_z = u64(sun[k, 2]), u64(sky[0, 3])
    next_y = next_z * u64(sky[k, 2])
    return Lit(member, medium, world.media.peak[medium] > f32(0),
               u64(lattices.sky_at[k]), (sky[k, 0], sky[k, 1], sky[k, 2]), (next_y * u64(sky[k, 1]), next_y, next_z),
               u64(lattices.sun_at[k]), (sun[k, 0], sun[k, 1], sun[k, 2]), (u64(sun[k, 1]) * deep, deep),
               row_of(lattices.sun_eye, k), lattices.to_sun[k])


@inlined
def _sky_seen(lattices, lit, cell):
    """What arrives at a cell of the sky's lattice."""
    sky, (x, y, z) = lattices.sky, lit.sky_next
    at, u, v, w = cell_of(cell[0], cell[1], cell[2], lit.sky_sides[0], lit.sky_sides[1], lit.sky_sides[2])
    at = lit.sky_at + at * z
    red, green, blue = f32(0), f32(0), f32(0)
    if lattices.sky_sides[0, 3] > 4:
        red = blended(sky, at + u64(4), x, y, z, u, v, w)
        green = blended(sky, at + u64(5), x, y, z, u, v, w)
        blue = blended(sky, at + u64(6), x, y, z, u, v, w)
    return (blended(sky, at, x, y, z, u, v, w), blended(sky, at + u64(1), x, y, z, u, v, w),
            blended(sky, at + u64(2), x, y, z, u, v, w), blended(sky, at + u64(3), x, y, z, u, v, w), red, green, blue)


@inlined
def _sun_seen(world, lit, facing, far, calm, smooth):
    """Sunlight that is scattered toward the eye at a distance, and what goes on ahead."""
    place = carried(lit.sun_eye, facing.way, lit.to_sun * far)
    begin, sides, onward_x, onward_y = lit.sun_at, lit.sun_sides, lit.sun_next[0], lit.sun_next[1]
    lattices = world.lattices
    if lattices.near >= 0:
        # Finer cells, where they reach.
        k = lattices.near
        x, y, z = carried(row_of(lattices.sun_eye, k), facing.way, lattices.to_sun[k] * far)
        a, b, c = lattices.sun_sides[k, 0], lattices.sun_sides[k, 1], lattices.sun_sides[k, 2]
        if x >= f32(0) and y >= f32(0) and z >= f32(0) and x <= f32(a - 1) and y <= f32(b - 1) and z <= f32(c - 1):
            place, begin, sides = (x, y, z), u64(lattices.sun_at[k]), (a, b, c)
            onward_x, onward_y = u64(b) * u64(c), u64(c)
    at, u, v, w = cell_of(place[0], place[1], place[2], sides[0], sides[1], sides[2])
    depth = blended(lattices.sun, begin + at, onward_x, onward_y, u64(1), u, v, w)
    keen = f32(0)
    if lit.peaked:
        keen = onward(world.media.ahead, i32(lit.medium * TURNS + facing.turn), facing.part, depth)
    return smooth * transmittance(calm * depth), keen


@inlined
def with_held(seen):
    """All light but the sun's, with what was held back: as of `DARK`."""
    light, sky, held = seen.light, seen.sky, seen.held
    return (light[0] + held * sky[0], light[1] + held * sky[1], light[2] + held * sky[2], light[3] + held * sky[3],
            light[4] + held * sky[4], light[5] + held * sky[5], light[6] + held * sky[6])


@inlined
def _anew(seen):
    """After a gap, beyond which there is other light."""
    return Seen(seen.clear, seen.soft, seen.pace, seen.sun, seen.away, seen.light, seen.sky, seen.held, f32(0), 0, seen.sunlight,
                seen.keen, 0)


@inlined
def with_both(seen, sky):
    """All light but the sun's, with what was held back between two looks, each weighed by how near it was: as of `DARK`."""
    light, early, late = with_held(seen), seen.sky, seen.late / f32(max(HOLD - seen.held_for, 1))
    return (light[0] + late * (sky[0] - early[0]), light[1] + late * (sky[1] - early[1]), light[2] + late * (sky[2] - early[2]),
            light[3] + late * (sky[3] - early[3]), light[4] + late * (sky[4] - early[4]), light[5] + late * (sky[5] - early[5]),
            light[6] + late * (sky[6] - early[6]))


@call
def _normal(world, member, place, one, pixel):
    """Write the surface's normal: opposite to the gradient of density, found over so many voxels."""
    bricks, grid, axes = world.bricks, world.members.grid[member], world.members.axes
    x, y, z = place
    gx = density_at(bricks, grid, x - one, y, z) - density_at(bricks, grid, x + one, y, z)
    gy = density_at(bricks, grid, x, y - one, z) - density_at(bricks, grid, x, y + one, z)
    gz = density_at(bricks, grid, x, y, z - one) - density_at(bricks, grid, x, y, z + one)
    # Axes are perpendicular and even, so their transpose turns back.
    wx = axes[member, 0, 0] * gx + axes[member, 1, 0] * gy + axes[member, 2, 0] * gz
    wy = axes[member, 0, 1] * gx + axes[member, 1, 1] * gy + axes[member, 2, 1] * gz
    wz = axes[member, 0, 2] * gx + axes[member, 1, 2] * gy + axes[member, 2, 2] * gz
    norm = f32(1) / math.sqrt(wx * wx + wy * wy + wz * wz + f32(1e-12))
    pixel[0] = wx * norm
    pixel[1] = wy * norm
    pixel[2] = wz * norm


@row
def _steps_to(t, end, stride):
    """Whole steps from one place to another, at least one."""
    return max(1, i32(math.ceil((end - t) / stride)))

class Brick(NamedTuple):
    """A brick that a ray goes through.

    Attributes
    ----------
    code : int32
        As of `brick_at`.
    corner, side : (float32, float32, float32)
        Its lower corner in voxels of the grid, and from there to the side where the ray leaves it.
    fine : float32
        Times as fine as the grid's own that its voxels are.
    inverse : (float32, float32, float32)
        One over each part of the ray's direction.
    steps, pitch : int, float32
        Steps through it, and how long they are.
    """

    code: int
    corner: tuple
    side: tuple
    fine: float
    inverse: tuple
    steps: int
    pitch: float


@inlined
def _past_octant(brick, ray, u, v, w):
    """Where a ray leaves the octant of a brick in which it is."""
    half, wide = f32(0.5), f32(HALF) / brick.fine
    x, y, z = f32(i32(u) >> 2) * wide, f32(i32(v) >> 2) * wide, f32(i32(w) >> 2) * wide
    return min((brick.corner[0] + x + brick.side[0] * half - ray.place[0]) * brick.inverse[0],
               min((brick.corner[1] + y + brick.side[1] * half - ray.place[1]) * brick.inverse[1],
                   (brick.corner[2] + z + brick.side[2] * half - ray.place[2]) * brick.inverse[2]))


@inlined
def _stepped(lone, world, cast, met, some, ray, cloud, brick, t, seen, pixel):
    """Steps through one brick: whether the ray goes on, how far it is, and what it has seen."""
    bricks, code, many = world.bricks, brick.code, not lone and some > 1
    near, lit, facing, calm, smooth = ray, cloud.lit, cloud.facing, cloud.calm, cloud.smooth
    base, constant, occupied = max(code, 0) * WIDE**3, f32(0), i32(255)
    if code < -1:
        constant = bricks.tile_values[-2 - code]
    elif code >= 0 and not many:
        occupied = i32(bricks.octants[code])
    done, dense = 0, cloud.rate * brick.pitch
    wide = max(min(i32(brick.fine) >> 1, i32(THICK / max(dense, f32(1e-6)))), i32(1))
    while done < brick.steps:
        rho = constant
        if code >= 0:
            x, y, z = carried(ray.place, ray.way, t)
            u, v, w = (within((x - brick.corner[0]) * brick.fine), within((y - brick.corner[1]) * brick.fine),
                       within((z - brick.corner[2]) * brick.fine))
            if occupied != 255 and (occupied >> (((i32(u) >> 2) << 2) | ((i32(v) >> 2) << 1) | (i32(w) >> 2))) & 1 == 0:
                skipped = _steps_to(t, _past_octant(brick, ray, u, v, w), brick.pitch)
                t += brick.pitch * f32(skipped)
                done += skipped
                seen = _anew(seen)
                continue
            rho = in_brick(bricks.values, base, u, v, w)
        here = t
        # Behind what is seen best steps are soon as wide as in bricks that are not refined.
        pace = seen.pace if seen.pace == 1 else seen.pace * wide
        t += brick.pitch * f32(pace)
        done += pace
        thick, hit = dense * rho, rho >= cloud.surface
        if many:
            thick, calm, smooth, most, hit = mixed(world, met, some, here, brick.pitch, facing.cosine, cast.clay)
            near = load_ray(met.rays, met.active[most])
            lit = _lit(world, world.squares.member[met.first + met.active[most]])
        if thick <= f32(0) or (cast.clay and not hit):
            seen = _anew(seen)
            continue
        seen = _looked(world, lit, facing, carried(near.cell, near.along, here), here, calm, smooth, cast.clay, wide,
                       done % wide == 0, seen)
        if cast.clay:
            _normal(world, lit.member, carried(near.place, near.way, here), f32(1) / brick.fine, pixel)
            return False, t, seen
        seen = _taken(seen, thick * f32(pace), calm, here)
        if seen.soft < f32(OPAQUE):
            return False, t, seen
    return True, t, seen


@inlined
def _looked(world, lit, facing, cell, far, calm, smooth, clay, wide, counts, seen):
    """What arrives, looked up anew only now and then: the sky's cells are many steps wide. In bricks whose steps are `wide` times
    as short as others one of so many `counts`.
    """
    light, sky, held, late, held_for = seen.light, seen.sky, seen.held, seen.late, seen.held_for
    held_for -= 1 if counts and held_for > 0 else 0
    if seen.held_for == 0 or held > FILLED * seen.soft:
        # What was seen is weighed by all that was scattered meanwhile.
        sky = _sky_seen(world.lattices, lit, cell)
        light, held, late, held_for = with_both(seen, sky), f32(0), f32(0), HOLD - 1
    sunlight, keen, sun_for = seen.sunlight, seen.keen, seen.sun_for
    if sun_for == 0 and not clay:
        sunlight, keen = _sun_seen(world, lit, facing, far, calm, smooth)
        # Every step near the surface, every third where little is seen any more.
        sun_for = (1 if seen.clear > DEEP else (3 if seen.clear > DEEPEST else 2)) * max(wide >> 1, 1)
    return Seen(seen.clear, seen.soft, seen.pace, seen.sun, seen.away, light, sky, held, late, held_for, sunlight, keen,
                sun_for - 1)


@inlined
def _taken(seen, thick, calm, far):
    """What a step of an optical thickness takes of the light behind it, and sends toward the eye."""
    weight, hard = seen.soft * taken(calm * thick), seen.clear * taken(thick)
    clear = seen.clear - hard
    # What lies so deep is seen only by what comes round, which is smooth.
    pace = 1 if clear > SHALLOW else (2 if clear > DEEPEST else 4)
    late = weight * f32(HOLD - 1 - seen.held_for)
    return Seen(clear, seen.soft - weight, pace, seen.sun + (weight * seen.sunlight + hard * seen.keen), seen.away + hard * far,
                seen.light, seen.sky, seen.held + weight, seen.late + late, seen.held_for, seen.sunlight, seen.keen, seen.sun_for)


@inlined
def _crossed(lone, world, cast, met, some, ray, facing, jitter, t, last, seen, pixel):
    """A stretch along which the same clouds are met, brick by brick."""
    bricks, members = world.bricks, world.members
    member = world.squares.member[met.first + (0 if lone else met.active[0])]
    lit, layout = _lit(world, member), layout_of(bricks, members.grid[member])
    calm, smooth = scattered(world.media, lit.medium, facing.cosine)
    cloud = Crossing(lit, facing, members.rate[member], members.surface[member], calm, smooth)
    x, y, z = ray.place
    inverse = f32(1) / ray.way[0], f32(1) / ray.way[1], f32(1) / ray.way[2]
    # Where this ray leaves a brick, in its edges from the lower corner.
    exit_x, exit_y, exit_z = (f32(1) if ray.way[0] > f32(0) else f32(0), f32(1) if ray.way[1] > f32(0) else f32(0),
                              f32(1) if ray.way[2] > f32(0) else f32(0))
    finest = ray.own / bricks.finest
    many, going = not lone and some > 1, True
    while going and t < last:
        px, py, pz = carried(ray.place, ray.way, t)
        bx, by, bz = i32(math.floor(px)) >> 3, i32(math.floor(py)) >> 3, i32(math.floor(pz)) >> 3
        apart, code = brick_at(bricks, layout, bx, by, bz)
        edge, corner = f32(SIDE), (f32(bx * SIDE), f32(by * SIDE), f32(bz * SIDE))
        if code >= SPLIT:
            code, corner, edge = leaf_at(bricks.halves, code, (bx, by, bz), (px, py, pz))
        side = edge * exit_x, edge * exit_y, edge * exit_z
        # Empty surroundings are crossed in one stride, however many bricks they are.
        around = f32(max(apart - 1, 0) * SIDE)
        leave = min((corner[0] + side[0] - x) * inverse[0] + around * abs(inverse[0]),
                    min((corner[1] + side[1] - y) * inverse[1] + around * abs(inverse[1]),
                        (corner[2] + side[2] - z) * inverse[2] + around * abs(inverse[2])))
        empty = code == NOTHING
        if many:
            met.codes[0] = code
            other, void = bricks_met(world, met, some, t)
            leave = min(leave, other)
            empty = empty and void
        if empty:
            # A finer brick that comes next must be met at its border.
            t += finest * f32(_steps_to(t, leave, finest))
            seen = _anew(seen)
            continue
        fine = f32(SIDE) / edge
        pitch, until = ray.own / fine, min(leave, last)
        if pitch > finest:
            # Rays sample at points of their own, which a way through finer or empty bricks may have left.
            own = ray.comb + pitch * f32(i32(math.ceil((t - ray.comb) / pitch - f32(0.001))))
            if own > t:
                t = own
                if t >= until:
                    continue
        if many and code == -1:
            # Where the finest has nothing the steps are those of what is there, as many as go in evenly; rounding
            # must not leave a stretch without length.
            until = max(until, t + f32(0.5) * ray.own)
            wide = f32(1e30)
            for n in range(1, some):
                if met.codes[n] != -1:
                    wide = min(wide, load_ray(met.rays, met.active[n]).own)
            pitch = (until - t) / f32(_steps_to(t, until, wide))
            steps = max(1, i32(math.ceil((until - t) / pitch - f32(0.01))))
            t += jitter * pitch
        else:
            steps = _steps_to(t, until, pitch)
        going, t, seen = _stepped(lone, world, cast, met, some, ray, cloud,
                                  Brick(code, corner, side, fine, inverse, steps, pitch), t, seen, pixel)
        if many and code == -1:
            t = ray.comb + ray.own * f32(i32(math.ceil((until - ray.comb) / ray.own)))
    return going, t, seen


@inlined
def marched(lone, world, cast, met, count, ray, facing, jitter, pixel):
    """March a ray to its end, or until it is opaque.

    Parameters
    ----------
    lone : bool
        Whether there is one cloud only: a constant.
    world : World
    cast : Cast
    met : Met
    count : int
        Clouds that the ray may meet.
    ray : Ray
        That of the only cloud.
    facing : Facing
    jitter : float32
    pixel : ndarray of float32, shape (LAYERS,)
        Of Clay the normal is written there.

    Returns
    -------
    (bool, Seen)
        Whether it came to its end, and what it has seen.
    """
    seen = Seen(f32(1), f32(1), 1, f32(0), f32(0), DARK, DARK, f32(0), f32(0), 0, f32(0), f32(0), 0)
    going, t, begin, last, some = True, f32(0), ray.enters, ray.leaves, 1
    while going:
        if lone:
            if t >= last or begin >= last:
                break
        else:
            begin, last, some = stretch(met.rays, count, t, met.active)
            if some == 0:
                break
            ray = load_ray(met.rays, met.active[0])
        t = ray.comb + ray.own * f32(max(0, i32(math.ceil((begin - ray.comb) / ray.own))))
        going, t, seen = _crossed(lone, world, cast, met, some, ray, facing, jitter, t, last, seen, pixel)
        if not lone:
            # The last step of a coarse cloud must not reach into a finer one.
            t = min(t, last)
    return going, seen
