"""What True light is measured against: plain delta tracking with one bound for the whole box."""

import math

from softmound.core.kernels import call, f32, kernel, prange, u32
from softmound.core.light.paths.random_numbers import around, cosine_of, next_state, share_of, stirred
from softmound.core.light.scene.lobes import two_lobes
from softmound.core.light.scene.pool import density_at


@call
def _flight(bricks, x, y, z, dx, dy, dz, rate, bound, state):
    ax = (bricks.box[0, 0] - x) / dx
    ay = (bricks.box[0, 1] - y) / dy
    az = (bricks.box[0, 2] - z) / dz
    ex = (bricks.box[0, 3] - x) / dx
    ey = (bricks.box[0, 4] - y) / dy
    ez = (bricks.box[0, 5] - z) / dz
    t = max(f32(0), max(min(ax, ex), max(min(ay, ey), min(az, ez))))
    last = min(max(ax, ex), min(max(ay, ey), max(az, ez)))
    while True:
        state = next_state(state)
        t -= math.log(f32(1) - share_of(state)) / rate
        if not t < last:
            return f32(-1), state
        rho = density_at(bricks, 0, x + dx * t, y + dy * t, z + dz * t)
        state = next_state(state)
        if share_of(state) * bound < rho:
            return t, state


@kernel
def plain_paths(bricks, bound, eye, right, up, forward, spread,
                centre_x, centre_y, extinction, lobes, sun, sun_light, sky, turn, out):
    """One path for each pixel: sun and a plain sky, each asked once at every collision. Sums of luminance and its square."""
    for line in prange(out.shape[0]):
        for column in range(out.shape[1]):
            state = stirred(u32(u32(line * 65_537 + column)) ^ stirred(u32(turn + 1)))
            state = next_state(state)
            down = (f32(line) + share_of(state) - centre_y) * spread
            state = next_state(state)
            across = (f32(column) + share_of(state) - centre_x) * spread
            dx = forward[0] + across * right[0] - down * up[0] + f32(1e-9)
            dy = forward[1] + across * right[1] - down * up[1] + f32(1e-9)
            dz = forward[2] + across * right[2] - down * up[2] + f32(1e-9)
            norm = f32(1) / math.sqrt(dx * dx + dy * dy + dz * dz)
            dx *= norm
            dy *= norm
            dz *= norm
            x = eye[0]
            y = eye[1]
            z = eye[2]
            light = f32(0)
            hit = False
            for _ in range(100_000):
                t, state = _flight(bricks, x, y, z, dx, dy, dz, extinction * bound, bound, state)
                if t < f32(0):
                    if hit:
                        light += sky
                    break
                hit = True
                x += dx * t
                y += dy * t
                z += dz * t
                blocked, state = _flight(bricks, x, y, z,
                                         sun[0], sun[1], sun[2], extinction * bound, bound, state)
                if blocked < f32(0):
                    light += sun_light * two_lobes(lobes, 0, dx * sun[0] + dy * sun[1] + dz * sun[2])
                cosine, state = cosine_of(lobes, 0, state)
                state = next_state(state)
                dx, dy, dz = around((dx, dy, dz), cosine, f32(2.0 * math.pi) * share_of(state))
            out[line, column, 0] += light
            out[line, column, 1] += light * light
            if hit:
                out[line, column, 2] += f32(1)


