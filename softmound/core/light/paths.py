"""True light: paths of light through a cloud, traced one by one with every order of scattering.

Flights between collisions are drawn with a bound on the density of each brick (Woodcock, Murphy, Hemmings and Longworth
1965, delta tracking), so that empty and thin bricks are crossed at no cost and with no bias. Light that comes straight
from the sun, the sky or a lamp is dimmed by ratio tracking (Novak, Selle and Jarosz 2014, Residual ratio tracking) and
weighed against what the paths find by themselves with the balance heuristic (Veach and Guibas 1995, Optimally combining
sampling techniques). Near the sunlit side a second technique takes one step that leans toward the sun before it asks:
scattering by droplets is so much forward that a path seldom heads for the sun by itself. Nothing here is biased; what is left
is noise, which falls with the square root of the paths.
"""

import math

from ..kernels import call, f32, i32, kernel, prange, row, u32
from ..volume.bricks import NOTHING, SIDE
from ..volume.lookup import code_at
from .lattice import lattice_value
from .lobes import two_lobes
from .shell import WIDE, trilinear
from .transmittance import transmittance

LAYERS = 6
"""Red, green, blue, opacity, distance where a path was first scattered, square of the luminance: sums over paths."""
LONGEST = 100_000
"""Collisions after which a path is given up; no cloud that can be built comes near it."""
DIM = 16
"""Collisions after which a path that has lost light may end by lot."""
SURELY, SELDOM = f32(30.0), f32(0.1)
"""Sunlight is asked for with odds of so many times the share that is thought to arrive, and at least so often."""
LOOKED_FOR = f32(0.0005)
"""Share of the sunlight thought to arrive above which a step that leans toward the sun is tried as well."""
_TURN = f32(2.0 * math.pi)


@row
def next_state(state):
    """A step of a linear congruential generator.

    Parameters
    ----------
    state : uint32

    Returns
    -------
    uint32
    """
    return u32(u32(state * u32(747796405)) + u32(2891336453))


@row
def share_of(state):
    """A number from a state (O'Neill 2014, PCG, the output function RXS-M-XS).

    Parameters
    ----------
    state : uint32

    Returns
    -------
    float32
        From 0 to below 1.
    """
    word = u32(u32((state >> u32(u32(state >> u32(28)) + u32(4))) ^ state) * u32(277803737))
    word = u32((word >> u32(22)) ^ word)
    return f32(word >> u32(8)) * f32(1.0 / 16777216.0)


@row
def stirred(h):
    """All bits of a number stirred (Appleby 2011, MurmurHash3, the finalizer).

    Parameters
    ----------
    h : uint32

    Returns
    -------
    uint32
    """
    h = u32(u32(h ^ (h >> u32(16))) * u32(0x85EBCA6B))
    h = u32(u32(h ^ (h >> u32(13))) * u32(0xC2B2AE35))
    return u32(h ^ (h >> u32(16)))


@call
def _crossing(low, top, nodes, values, tile_values, most, clearance, first, box_low, box_high,
              x, y, z, dx, dy, dz, reach, extinction, dimming, state):
    """Along a ray: to the next collision, or, when dimming, what is left of light that comes from `reach` away.

    Returns the distance of the collision, -1 where there is none; the share of light left; and the generator's state.
    """
    mapped = clearance.size > 0
    bricks = values.size // WIDE**3
    ix = f32(1) / dx
    iy = f32(1) / dy
    iz = f32(1) / dz
    ax = (box_low[0] - x) * ix
    ay = (box_low[1] - y) * iy
    az = (box_low[2] - z) * iz
    ex = (box_high[0] - x) * ix
    ey = (box_high[1] - y) * iy
    ez = (box_high[2] - z) * iz
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
        apart = 0
        code = i32(NOTHING)
        if mapped:
            cx = bx - first[0]
            cy = by - first[1]
            cz = bz - first[2]
            apart = 1
            if (cx >= 0 and cy >= 0 and cz >= 0 and cx < clearance.shape[0] and cy < clearance.shape[1]
                    and cz < clearance.shape[2]):
                apart = clearance[cx, cy, cz]
            if apart <= 0:
                code = -1 - apart
                apart = 0
                if code >= bricks:
                    code = -2 - (code - bricks)
        else:
            code = code_at(low, top, nodes, bx, by, bz)
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
            bound = most[code] if code >= 0 else most[bricks - 2 - code]
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
            rho = trilinear(values, code * WIDE**3, min(max(x + dx * t - x0, f32(0)), f32(7.9999)),
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


@call
def cosine_of(lobes, state):
    """A cosine drawn from a phase function: a lobe by lot, and Draine's by rejection from Henyey and Greenstein's.

    Parameters
    ----------
    lobes : ndarray of float32, shape (4,)
        From `lobes_of`.
    state : uint32

    Returns
    -------
    (float32, uint32)
        The cosine, and the generator's state.
    """
    state = next_state(state)
    second = share_of(state) < lobes[3]
    g = lobes[1] if second else lobes[0]
    stretch = lobes[2] if second else f32(0)
    cosine = f32(0)
    while True:
        state = next_state(state)
        u = share_of(state)
        if abs(g) < f32(1e-3):
            cosine = f32(1) - f32(2) * u
        else:
            s = (f32(1) - g * g) / (f32(1) - g + f32(2) * g * u)
            cosine = (f32(1) + g * g - s * s) / (f32(2) * g)
        cosine = min(max(cosine, f32(-1)), f32(1))
        if stretch <= f32(0):
            break
        state = next_state(state)
        if share_of(state) * (f32(1) + stretch) < f32(1) + stretch * cosine * cosine:
            break
    return cosine, state


@call
def around(ax, ay, az, cosine, turn):
    """The direction at an angle from an axis (basis after Duff et al. 2017, Building an orthonormal basis, revisited).

    Parameters
    ----------
    ax, ay, az : float32
        The axis, a unit vector.
    cosine, turn : float32
        Of the angle from it, and the angle about it in radians.

    Returns
    -------
    (float32, float32, float32)
    """
    sign = f32(1) if az >= f32(0) else f32(-1)
    a = f32(-1) / (sign + az)
    b = ax * ay * a
    sine = math.sqrt(max(f32(0), f32(1) - cosine * cosine))
    p = sine * math.cos(turn)
    q = sine * math.sin(turn)
    x = p * (f32(1) + sign * ax * ax * a) + q * b + cosine * ax
    y = p * sign * b + q * (sign + ay * ay * a) + cosine * ay
    z = -p * sign * ax - q * ay + cosine * az
    norm = f32(1) / math.sqrt(x * x + y * y + z * z)
    # The tiny number keeps an axis-parallel ray from dividing by zero.
    return x * norm + f32(1e-9), y * norm + f32(1e-9), z * norm + f32(1e-9)


@row
def _cell(sides, x, y, z):
    """Row and column of a direction in a table of the surroundings."""
    height = min(max(y, f32(-1)), f32(1))
    line = min(i32((f32(1) - height) * f32(0.5) * f32(sides[0])), i32(sides[0] - 1))
    round_ = math.atan2(x, z) / _TURN
    round_ -= math.floor(round_)
    return line, min(i32(round_ * f32(sides[1])), i32(sides[1] - 1))


@row
def _found(cdf, u, first, count):
    """Place in a rising part of an array whose value is the first above `u`."""
    a = 0
    b = count - 1
    while a < b:
        middle = (a + b) >> 1
        if cdf[first + middle] > u:
            b = middle
        else:
            a = middle + 1
    return a


@kernel
def traced(low, top, nodes, values, tile_values, most, clearance, first, box_low, box_high,
           eye, right, up, forward, spread, centre_x, centre_y, order,
           extinction, lobes, albedo, glow, sun, sun_cosine, sun_light,
           sky, sky_sides, sky_likely, sky_rows, sky_columns, sky_asked, lamps, lamp_odds,
           sun_seen, seen_sides, to_seen, seen_shift, hues, hue_sides, to_hue, hue_shift,
           seed, turn, out):
    """One path for each pixel of some rows.

    Parameters
    ----------
    low, top, nodes, values, tile_values, most, clearance, first, box_low, box_high : ndarray
        Fields of a `Shell`; `values` flat.
    eye, right, up, forward : ndarray of float32, shape (3,)
        Of the camera, the eye in voxels.
    spread, centre_x, centre_y : float32
        Width of a pixel at distance 1, and the picture's middle in pixels.
    order : ndarray of int64, shape (n,)
        Rows to trace.
    extinction : float32
        For each voxel at density 1.
    lobes : ndarray of float32, shape (4,)
        From `lobes_of`.
    albedo, glow : ndarray of float32, shape (3,)
        By colour; glow is radiance.
    sun : ndarray of float32, shape (3,)
        Toward it; no part is 0.
    sun_cosine : float32
        Of half its width; 1 for a point.
    sun_light : ndarray of float32, shape (3,)
        Irradiance.
    sky : ndarray of float32, shape (rows, columns, 3)
        Radiance, in cells of equal solid angle; `sky_sides` are the first two sides.
    sky_likely : ndarray of float32, shape (rows, columns)
        Density with which a direction in each cell is drawn, 1/sr; `sky_rows` and `sky_columns` are the rising sums it
        is drawn by.
    sky_asked : float32
        Odds with which a collision asks the sky for itself.
    lamps : ndarray of float32, shape (n, 7)
        Place and radius in voxels, irradiance one voxel away; `lamp_odds` are the rising sums of their odds.
    sun_seen, seen_sides, to_seen, seen_shift
        Optical depth to the sun as of `lattice_value`.
    hues, hue_sides, to_hue, hue_shift
        Six colours on a lattice, one after the other, each as of `lattice_value`: of what is scattered, and of the glow. Without
        cells, they are 1.
    seed : uint32
    turn : int
        Number of the path; with the seed and the pixel it decides everything.
    out : ndarray of float32, shape (height, width, LAYERS)
        Added to.
    """
    ramped = hues.shape[1] > 0
    for n in prange(order.shape[0]):
        line = order[n]
        for column in range(out.shape[1]):
            state = stirred(u32(u32(u32(line) * u32(0x9E3779B1)) ^ u32(u32(column) * u32(0x85EBCA77)))
                          ^ stirred(u32(u32(turn) * u32(0xC2B2AE3D)) ^ u32(seed)))
            state = next_state(state)
            down = ((f32(line) + share_of(state)) - centre_y) * spread
            state = next_state(state)
            across = ((f32(column) + share_of(state)) - centre_x) * spread
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
            t, _, state = _crossing(low, top, nodes, values, tile_values, most, clearance, first, box_low, box_high,
                                    x, y, z, dx, dy, dz, f32(1e30), extinction, False, state)
            if t < f32(0):
                continue
            out[line, column, 3] += f32(1)
            out[line, column, 4] += t
            red = f32(0)
            green = f32(0)
            blue = f32(0)
            through_r = f32(1)
            through_g = f32(1)
            through_b = f32(1)
            # How likely the path went this way, and whether it was also looked for from the sun.
            went = f32(0)
            sought = False
            for bounce in range(LONGEST):
                x += dx * t
                y += dy * t
                z += dz * t
                if ramped:
                    red += through_r * glow[0] * lattice_value(hues[3], hue_sides, to_hue, hue_shift, x, y, z)
                    green += through_g * glow[1] * lattice_value(hues[4], hue_sides, to_hue, hue_shift, x, y, z)
                    blue += through_b * glow[2] * lattice_value(hues[5], hue_sides, to_hue, hue_shift, x, y, z)
                    through_r *= albedo[0] * lattice_value(hues[0], hue_sides, to_hue, hue_shift, x, y, z)
                    through_g *= albedo[1] * lattice_value(hues[1], hue_sides, to_hue, hue_shift, x, y, z)
                    through_b *= albedo[2] * lattice_value(hues[2], hue_sides, to_hue, hue_shift, x, y, z)
                else:
                    red += through_r * glow[0]
                    green += through_g * glow[1]
                    blue += through_b * glow[2]
                    through_r *= albedo[0]
                    through_g *= albedo[1]
                    through_b *= albedo[2]
                strongest = max(through_r, max(through_g, through_b))
                if bounce >= DIM and strongest < f32(0.5):
                    state = next_state(state)
                    if share_of(state) >= f32(2) * strongest:
                        break
                    revived = f32(0.5) / strongest
                    through_r *= revived
                    through_g *= revived
                    through_b *= revived
                # Sunlight is asked for by lot where a rough estimate says that hardly any arrives.
                near = lattice_value(sun_seen, seen_sides, to_seen, seen_shift, x, y, z)
                near = transmittance(near)
                sun_asked = min(f32(1), SURELY * near + SELDOM)
                # Lights are asked in turn by one piece of code: whatever is called twice is compiled twice.
                own = near > LOOKED_FOR and sun_light[0] + sun_light[1] + sun_light[2] > f32(0)
                for asked in range(4 if own else 3):
                    ox = x
                    oy = y
                    oz = z
                    wx = sun[0]
                    wy = sun[1]
                    wz = sun[2]
                    reach = f32(1e30)
                    weight = f32(0)
                    light_r = f32(0)
                    light_g = f32(0)
                    light_b = f32(0)
                    if asked == 0:
                        if sun_light[0] + sun_light[1] + sun_light[2] <= f32(0):
                            continue
                        state = next_state(state)
                        if share_of(state) >= sun_asked:
                            continue
                        weight = f32(1) / sun_asked
                        if sought:
                            weight *= went / (went + two_lobes(lobes, dx * sun[0] + dy * sun[1] + dz * sun[2]))
                        light_r = sun_light[0]
                        light_g = sun_light[1]
                        light_b = sun_light[2]
                        if sun_cosine < f32(1):
                            state = next_state(state)
                            c = f32(1) - share_of(state) * (f32(1) - sun_cosine)
                            state = next_state(state)
                            wx, wy, wz = around(wx, wy, wz, c, _TURN * share_of(state))
                            likely = f32(1) / (_TURN * (f32(1) - sun_cosine))
                            weight *= likely / (likely + two_lobes(lobes, dx * wx + dy * wy + dz * wz))
                    elif asked == 1:
                        state = next_state(state)
                        if share_of(state) >= sky_asked:
                            continue
                        state = next_state(state)
                        r = _found(sky_rows, share_of(state), 0, sky_sides[0])
                        state = next_state(state)
                        c = _found(sky_columns, share_of(state), r * sky_sides[1], sky_sides[1])
                        state = next_state(state)
                        height = f32(1) - f32(2) * (f32(r) + share_of(state)) / f32(sky_sides[0])
                        state = next_state(state)
                        angle = _TURN * (f32(c) + share_of(state)) / f32(sky_sides[1])
                        sine = math.sqrt(max(f32(0), f32(1) - height * height))
                        wx = sine * math.sin(angle) + f32(1e-9)
                        wy = height + f32(1e-9)
                        wz = sine * math.cos(angle) + f32(1e-9)
                        likely = sky_likely[r, c]
                        weight = f32(1) / (sky_asked * likely + two_lobes(lobes, dx * wx + dy * wy + dz * wz))
                        light_r = sky[r, c, 0]
                        light_g = sky[r, c, 1]
                        light_b = sky[r, c, 2]
                    elif asked == 2:
                        if lamps.shape[0] == 0:
                            continue
                        state = next_state(state)
                        chosen = _found(lamp_odds, share_of(state), 0, lamps.shape[0])
                        odds = lamp_odds[chosen] - (lamp_odds[chosen - 1] if chosen > 0 else f32(0))
                        # A point within the ball, evenly.
                        state = next_state(state)
                        away = lamps[chosen, 3] * math.pow(share_of(state), f32(1.0 / 3.0))
                        state = next_state(state)
                        c = f32(1) - f32(2) * share_of(state)
                        state = next_state(state)
                        wx, wy, wz = around(f32(0), f32(1), f32(0), c, _TURN * share_of(state))
                        wx = lamps[chosen, 0] + away * wx - x
                        wy = lamps[chosen, 1] + away * wy - y
                        wz = lamps[chosen, 2] + away * wz - z
                        reach = math.sqrt(max(wx * wx + wy * wy + wz * wz, f32(1e-6)))
                        wx = wx / reach + f32(1e-9)
                        wy = wy / reach + f32(1e-9)
                        wz = wz / reach + f32(1e-9)
                        weight = f32(1) / (odds * reach * reach)
                        light_r = lamps[chosen, 4]
                        light_g = lamps[chosen, 5]
                        light_b = lamps[chosen, 6]
                    else:
                        # Two steps toward the sun: one that leans to it, and from where that ends, straight.
                        cosine, state = cosine_of(lobes, state)
                        state = next_state(state)
                        vx, vy, vz = around(sun[0], sun[1], sun[2], cosine, _TURN * share_of(state))
                        t, _, state = _crossing(
                            low, top, nodes, values, tile_values, most, clearance, first, box_low, box_high,
                            x, y, z, vx, vy, vz, f32(1e30), extinction, False, state)
                        if t < f32(0):
                            continue
                        ox = x + vx * t
                        oy = y + vy * t
                        oz = z + vz * t
                        # Asked with the same odds as if the path had come here by itself.
                        far = lattice_value(sun_seen, seen_sides, to_seen, seen_shift, ox, oy, oz)
                        odds = min(f32(1), SURELY * transmittance(far) + SELDOM)
                        state = next_state(state)
                        if share_of(state) >= odds:
                            continue
                        leaning = two_lobes(lobes, cosine)
                        weight = f32(1) / odds
                        light_r = sun_light[0] * albedo[0]
                        light_g = sun_light[1] * albedo[1]
                        light_b = sun_light[2] * albedo[2]
                        if ramped:
                            light_r *= lattice_value(hues[0], hue_sides, to_hue, hue_shift, ox, oy, oz)
                            light_g *= lattice_value(hues[1], hue_sides, to_hue, hue_shift, ox, oy, oz)
                            light_b *= lattice_value(hues[2], hue_sides, to_hue, hue_shift, ox, oy, oz)
                        if sun_cosine < f32(1):
                            state = next_state(state)
                            c = f32(1) - share_of(state) * (f32(1) - sun_cosine)
                            state = next_state(state)
                            wx, wy, wz = around(wx, wy, wz, c, _TURN * share_of(state))
                            likely = f32(1) / (_TURN * (f32(1) - sun_cosine))
                            weight *= likely / (likely + two_lobes(lobes, vx * wx + vy * wy + vz * wz))
                        straight = two_lobes(lobes, dx * vx + dy * vy + dz * vz)
                        weight *= straight * two_lobes(lobes, vx * wx + vy * wy + vz * wz) / (straight + leaning)
                    if asked < 3:
                        weight *= two_lobes(lobes, dx * wx + dy * wy + dz * wz)
                    _, left, state = _crossing(
                        low, top, nodes, values, tile_values, most, clearance, first, box_low, box_high,
                        ox, oy, oz, wx, wy, wz, reach, extinction, True, state)
                    weight *= left
                    red += weight * through_r * light_r
                    green += weight * through_g * light_g
                    blue += weight * through_b * light_b
                cosine, state = cosine_of(lobes, state)
                went = two_lobes(lobes, cosine)
                sought = own
                state = next_state(state)
                dx, dy, dz = around(dx, dy, dz, cosine, _TURN * share_of(state))
                t, _, state = _crossing(
                    low, top, nodes, values, tile_values, most, clearance, first, box_low, box_high,
                    x, y, z, dx, dy, dz, f32(1e30), extinction, False, state)
                if t < f32(0):
                    r, c = _cell(sky_sides, dx, dy, dz)
                    weight = went / (went + sky_asked * sky_likely[r, c])
                    red += weight * through_r * sky[r, c, 0]
                    green += weight * through_g * sky[r, c, 1]
                    blue += weight * through_b * sky[r, c, 2]
                    if sun_cosine < f32(1) and dx * sun[0] + dy * sun[1] + dz * sun[2] >= sun_cosine:
                        likely = f32(1) / (_TURN * (f32(1) - sun_cosine))
                        weight = went / (went + likely) * likely
                        red += weight * through_r * sun_light[0]
                        green += weight * through_g * sun_light[1]
                        blue += weight * through_b * sun_light[2]
                    break
            out[line, column, 0] += red
            out[line, column, 1] += green
            out[line, column, 2] += blue
            bright = f32(0.2126) * red + f32(0.7152) * green + f32(0.0722) * blue
            out[line, column, 5] += bright * bright
