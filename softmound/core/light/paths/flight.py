"""Flights of light through the clouds of a scene: to the next collision, or what is left of light on a straight way.

Flights between collisions are drawn with a bound on the density of each brick (Woodcock, Murphy, Hemmings and Longworth
1965, delta tracking), so that empty and thin bricks are crossed at no cost and with no bias. Light that comes straight
from the sun, the sky or a lamp is dimmed by ratio tracking (Novak, Selle and Jarosz 2014, Residual ratio tracking). Where clouds
overlap, each is crossed by itself: the first collision in all of them is the nearest of their first ones, since independent
Poisson processes add up to one, and what is left of light is the product of what each leaves.
"""

import math

from ...kernels import f32, i32, inlined, row
from ...standins.tree import EYE, LIGHT, met
from ...vectors import plus, row_of, turned
from ...volume.bricks import NOTHING, SIDE
from ..lattices.trilinear import WIDE, in_brick, within
from ..scene.layered import SPLIT
from ..scene.pool import brick_at, density_in, layout_of, through_box
from .random_numbers import even, next_state, share_of

FLYING, DIMMING, LOOKING, DIMMING_TO_EYE = i32(0), i32(1), i32(2), i32(3)
"""What a flight is for: the next collision, or what is left of light; the last two see what the eye sees of stand-ins rather than
what light meets. No truth values: one that is written where `flown` is called would be compiled apart."""


@row
def _brick(voxel):
    """Coordinate of the brick of a voxel, along one axis."""
    return i32(math.floor(voxel)) >> 3


@inlined
def _next_brick(brick, voxel, way, wide, across):
    """Coordinate of the brick that a ray comes to, along one axis; `across` where it leaves by that axis."""
    if across:
        return brick + (wide + i32(1) if way > f32(0) else -wide - i32(1))
    return min(max(_brick(voxel), brick - wide), brick + wide)


@inlined
def _crossing(bricks, grid, place, way, reach, extinction, dimming, state):
    """Along a ray in the voxels of one grid: see `flown`, without the number of the cloud."""
    layout = layout_of(bricks, grid)
    x, y, z = place
    dx, dy, dz = way
    ix, iy, iz = f32(1) / dx, f32(1) / dy, f32(1) / dz
    t, last = through_box(bricks.box, grid, place, (ix, iy, iz))
    t = max(f32(0), t)
    last = min(reach, last)
    # From a brick's lower corner to the side where this ray leaves it.
    side = f32(SIDE) if dx > f32(0) else f32(0), f32(SIDE) if dy > f32(0) else f32(0), f32(SIDE) if dz > f32(0) else f32(0)
    left = f32(1)
    u, state = even(state)
    depth = -math.log(f32(1) - u)
    bx, by, bz = _brick(x + dx * t), _brick(y + dy * t), _brick(z + dz * t)
    while t < last:
        apart, code = brick_at(bricks, layout, bx, by, bz)
        wide = i32(max(apart - 1, 0))
        around = f32(wide * SIDE)
        x0, y0, z0 = f32(bx * SIDE), f32(by * SIDE), f32(bz * SIDE)
        leave_x = (x0 + (side[0] + around if dx > f32(0) else -around) - x) * ix
        leave_y = (y0 + (side[1] + around if dy > f32(0) else -around) - y) * iy
        leave_z = (z0 + (side[2] + around if dz > f32(0) else -around) - z) * iz
        leave = max(t, min(leave_x, min(leave_y, leave_z)))
        bound = f32(0)
        if code >= SPLIT:
            bound = bricks.split_most[code - SPLIT]
        elif code != NOTHING:
            bound = bricks.most[code] if code >= 0 else bricks.tile_values[-2 - code]
        rate = extinction * bound
        room = leave - t
        if depth >= rate * room:
            depth -= rate * room
            t = leave
            # Bricks are counted along, not looked up: rounding would hold rays that are nearly parallel to a side.
            across_x = leave_x <= leave_y and leave_x <= leave_z
            across_y = not across_x and leave_y <= leave_z
            bx = _next_brick(bx, x + dx * t, dx, wide, across_x)
            by = _next_brick(by, y + dy * t, dy, wide, across_y)
            bz = _next_brick(bz, z + dz * t, dz, wide, not (across_x or across_y))
            continue
        t += depth / rate
        if t >= last:
            break
        rho = bound
        if code >= SPLIT:
            rho = density_in(bricks, code, (bx, by, bz), (x + dx * t, y + dy * t, z + dz * t))
        elif code >= 0:
            rho = in_brick(bricks.values, code * WIDE**3, within(x + dx * t - x0), within(y + dy * t - y0),
                           within(z + dz * t - z0))
        share = rho / bound
        state = next_state(state)
        if dimming:
            left *= f32(1) - share
            if left < f32(0.1):
                # What is nearly dark ends by lot, and counts for more where it does not.
                if left <= f32(0) or share_of(state) >= f32(0.25):
                    return f32(-1), f32(0), state
                left *= f32(4)
        elif share_of(state) < share:
            return t, f32(1), state
        u, state = even(state)
        depth = -math.log(f32(1) - u)
    return f32(-1), left, state


@inlined
def flown(bricks, members, solids, place, way, reach, dimming, state):
    """Free flight along a ray to the next collision, or, when dimming, what is left of light that comes from `reach` away.

    Parameters
    ----------
    bricks : Bricks
    members : Members
    solids : Solids
        What stands beside the clouds.
    place, way : (float32, float32, float32)
        Where it begins, and its direction, in units of the scene; no part of the direction is 0.
    reach : float32
        Units of the scene.
    dimming : int32
        `FLYING`, `DIMMING`, `LOOKING` or `DIMMING_TO_EYE`.
    state : uint32
        Of the generator.

    Returns
    -------
    t : float32
        Distance of the collision, -1 where there is none.
    left : float32
        Share of light that is left.
    member : int
        Cloud of the collision; below 0 where it is with a stand-in: -1 minus the number of the triangle.
    state : uint32
    """
    nearest, left, member, triangle = f32(-1), f32(1), i32(0), i32(-1)
    dims = dimming & i32(1)
    if solids.about.shape[0] > 0:
        reach, triangle, _, _ = met(solids, place, way, reach, EYE if dimming & i32(2) else LIGHT, dims == i32(1))
        if dims and triangle >= 0:
            return f32(-1), f32(0), member, state
        if triangle >= 0:
            nearest, member = reach, i32(-1 - triangle)
    for n in range(members.grid.shape[0]):
        t, part, state = _crossing(
            bricks, members.grid[n], plus(turned(members.axes, n, place), row_of(members.shift, n)), turned(members.axes, n, way),
            reach, members.rate[n], dims, state)
        left *= part
        if dims and left <= f32(0):
            break
        if t >= f32(0):
            nearest = t
            reach = t
            member = i32(n)
    return nearest, left, member, state
