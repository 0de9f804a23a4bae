"""Flights of light through the clouds of a scene: to the next collision, or what is left of light on a straight way.

Flights between collisions are drawn with a bound on the density of each brick (Woodcock, Murphy, Hemmings and Longworth
1965, delta tracking), so that empty and thin bricks are crossed at no cost and with no bias. Light that comes straight
from the sun, the sky or a lamp is dimmed by ratio tracking (Novak, Selle and Jarosz 2014, Residual ratio tracking). Where clouds
overlap, each is crossed by itself: the first collision in all of them is the nearest of their first ones, since independent
Poisson processes add up to one, and what is left of light is the product of what each leaves.
"""

import math

from ...kernels import f32, i32, inlined
from ...volume.bricks import NOTHING, SIDE
from ..lattices.trilinear import WIDE, in_brick
from ..scene.pool import brick_at, layout_of
from .random_numbers import next_state, share_of


@inlined
def _crossing(bricks, grid, x, y, z, dx, dy, dz, reach, extinction, dimming, state):
    """Along a ray in the voxels of one grid: see `flown`, without the number of the cloud."""
    layout = layout_of(bricks, grid)
    ix = f32(1) / dx
    iy = f32(1) / dy
    iz = f32(1) / dz
    ax = (bricks.box[grid, 0] - x) * ix
    ay = (bricks.box[grid, 1] - y) * iy
    az = (bricks.box[grid, 2] - z) * iz
    ex = (bricks.box[grid, 3] - x) * ix
    ey = (bricks.box[grid, 4] - y) * iy
    ez = (bricks.box[grid, 5] - z) * iz
    t = max(f32(0), max(min(ax, ex), max(min(ay, ey), min(az, ez))))
    last = min(reach, min(max(ax, ex), min(max(ay, ey), max(az, ez))))
    sx = f32(SIDE) if dx > f32(0) else f32(0)
    sy = f32(SIDE) if dy > f32(0) else f32(0)
    sz = f32(SIDE) if dz > f32(0) else f32(0)
    left = f32(1)
    state = next_state(state)
    depth = -math.log(f32(1) - share_of(state))
    bx = i32(math.floor(x + dx * t)) >> 3
    by = i32(math.floor(y + dy * t)) >> 3
    bz = i32(math.floor(z + dz * t)) >> 3
    while t < last:
        apart, code = brick_at(bricks, layout, bx, by, bz)
        wide = max(apart - 1, 0)
        around = f32(wide * SIDE)
        x0 = f32(bx * SIDE)
        y0 = f32(by * SIDE)
        z0 = f32(bz * SIDE)
        leave_x = (x0 + (sx + around if dx > f32(0) else -around) - x) * ix
        leave_y = (y0 + (sy + around if dy > f32(0) else -around) - y) * iy
        leave_z = (z0 + (sz + around if dz > f32(0) else -around) - z) * iz
        leave = max(t, min(leave_x, min(leave_y, leave_z)))
        bound = f32(0)
        if code != NOTHING:
            bound = bricks.most[code] if code >= 0 else bricks.tile_values[-2 - code]
        rate = extinction * bound
        room = leave - t
        if depth >= rate * room:
            depth -= rate * room
            t = leave
            # Bricks are counted along, not looked up: rounding would hold rays that are nearly parallel to a side.
            cx = i32(math.floor(x + dx * t)) >> 3
            cy = i32(math.floor(y + dy * t)) >> 3
            cz = i32(math.floor(z + dz * t)) >> 3
            step = i32(wide + 1)
            if leave_x <= leave_y and leave_x <= leave_z:
                bx += step if dx > f32(0) else -step
                by = min(max(cy, by - i32(wide)), by + i32(wide))
                bz = min(max(cz, bz - i32(wide)), bz + i32(wide))
            elif leave_y <= leave_z:
                bx = min(max(cx, bx - i32(wide)), bx + i32(wide))
                by += step if dy > f32(0) else -step
                bz = min(max(cz, bz - i32(wide)), bz + i32(wide))
            else:
                bx = min(max(cx, bx - i32(wide)), bx + i32(wide))
                by = min(max(cy, by - i32(wide)), by + i32(wide))
                bz += step if dz > f32(0) else -step
            continue
        t += depth / rate
        if t >= last:
            break
        rho = bound
        if code >= 0:
            rho = in_brick(bricks.values, code * WIDE**3, min(max(x + dx * t - x0, f32(0)), f32(7.9999)),
                            min(max(y + dy * t - y0, f32(0)), f32(7.9999)),
                            min(max(z + dz * t - z0, f32(0)), f32(7.9999)))
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
        state = next_state(state)
        depth = -math.log(f32(1) - share_of(state))
    return f32(-1), left, state


@inlined
def flown(bricks, members, x, y, z, dx, dy, dz, reach, dimming, state):
    """Along a ray: to the next collision, or, when dimming, what is left of light that comes from `reach` away.

    Parameters
    ----------
    bricks : Bricks
    members : Members
    x, y, z, dx, dy, dz : float32
        Place and direction, in units of the scene; no part of the direction is 0.
    reach : float32
        Units of the scene.
    dimming : int32
        0 or 1. Not a truth value: one that is written where `flown` is called would be compiled apart.
    state : uint32
        Of the generator.

    Returns
    -------
    t : float32
        Distance of the collision, -1 where there is none.
    left : float32
        Share of light that is left.
    member : int
        Cloud of the collision.
    state : uint32
    """
    nearest = f32(-1)
    left = f32(1)
    member = 0
    axes = members.axes
    shift = members.shift
    for n in range(members.grid.shape[0]):
        t, part, state = _crossing(
            bricks, members.grid[n],
            axes[n, 0, 0] * x + axes[n, 0, 1] * y + axes[n, 0, 2] * z + shift[n, 0],
            axes[n, 1, 0] * x + axes[n, 1, 1] * y + axes[n, 1, 2] * z + shift[n, 1],
            axes[n, 2, 0] * x + axes[n, 2, 1] * y + axes[n, 2, 2] * z + shift[n, 2],
            axes[n, 0, 0] * dx + axes[n, 0, 1] * dy + axes[n, 0, 2] * dz,
            axes[n, 1, 0] * dx + axes[n, 1, 1] * dy + axes[n, 1, 2] * dz,
            axes[n, 2, 0] * dx + axes[n, 2, 1] * dy + axes[n, 2, 2] * dz,
            reach, members.rate[n], dimming, state)
        left *= part
        if dimming and left <= f32(0):
            break
        if t >= f32(0):
            nearest = t
            reach = t
            member = n
    return nearest, left, member, state
