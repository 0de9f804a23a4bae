"""Advection of fields with a flow: MacCormack's scheme on back traces, kept within what was there.

Selle, Fedkiw, Kim, Liu and Rossignac (2008, An unconditionally stable MacCormack method, Journal of Scientific Computing 35,
equations 4 to 8): a field is traced back, the result traced forth, and half of the error that this shows is taken away; where
that would leave the values from which the trace came, they bound it.
"""

import math

import numpy as np

from ..kernels import borrowed, each, f32, i32, inlined, kernel, prange, u64
from .air import EPSILON, FREEZING, GRAVITY, HEAT_CAPACITY, LATENT, LIGHTER, VAPOUR_GAS

SLAB = 350_000
"""Cells that are worked on before one looks whether to stop."""
TINY = 1e-20
"""Below which a carried value is nothing."""


@inlined
def _corner(place, side):
    """Lower and upper corner, and share between them, of an index coordinate that is held within a side."""
    held = min(max(place, f32(0)), f32(side - 1))
    low = min(i32(held), i32(max(side - 2, 0)))
    return u64(low), u64(min(low + 1, side - 1)), held - f32(low)


@inlined
def _flow_at(flow, sides, x, y, z):
    """Flow at a place in cells, where the middle of the first cell is 0; `flow` is flat, so that no index is looked at twice."""
    i, a, u = _corner(x, sides[0])
    j, b, v = _corner(y, sides[1])
    k, c, w = _corner(z, sides[2])
    high = u64(sides[1])
    deep = u64(sides[2])
    # Eight corners, four of each side of x.
    e = ((i * high + j) * deep + k) * u64(3)
    f = ((i * high + j) * deep + c) * u64(3)
    g = ((i * high + b) * deep + k) * u64(3)
    h = ((i * high + b) * deep + c) * u64(3)
    m = ((a * high + j) * deep + k) * u64(3)
    n = ((a * high + j) * deep + c) * u64(3)
    o = ((a * high + b) * deep + k) * u64(3)
    q = ((a * high + b) * deep + c) * u64(3)
    one = f32(1)
    p0 = (one - u) * (one - v)
    p1 = (one - u) * v
    p2 = u * (one - v)
    p3 = u * v
    t = one - w
    fx = p0 * (t * flow[e] + w * flow[f]) + p1 * (t * flow[g] + w * flow[h]) + p2 * (t * flow[m] + w * flow[n]) + p3 * (
        t * flow[o] + w * flow[q])
    d = u64(1)
    fy = p0 * (t * flow[e + d] + w * flow[f + d]) + p1 * (t * flow[g + d] + w * flow[h + d]) + p2 * (
        t * flow[m + d] + w * flow[n + d]) + p3 * (t * flow[o + d] + w * flow[q + d])
    d = u64(2)
    fz = p0 * (t * flow[e + d] + w * flow[f + d]) + p1 * (t * flow[g + d] + w * flow[h + d]) + p2 * (
        t * flow[m + d] + w * flow[n + d]) + p3 * (t * flow[o + d] + w * flow[q + d])
    return fx, fy, fz


@inlined
def _near(flow, sides, i, j, k, back_x, back_y, back_z):
    """Flow at the first value of a field: in the middle of a cell, or on a face, between that cell and the one before."""
    i1 = min(i, i32(sides[0] - 1))
    j1 = min(j, i32(sides[1] - 1))
    k1 = min(k, i32(sides[2] - 1))
    a = ((u64(i1) * u64(sides[1]) + u64(j1)) * u64(sides[2]) + u64(k1)) * u64(3)
    b = ((u64(max(i - back_x, 0)) * u64(sides[1]) + u64(max(j - back_y, 0))) * u64(sides[2]) + u64(max(k - back_z, 0))) * u64(3)
    half = f32(0.5)
    return (half * (flow[a] + flow[b]), half * (flow[a + u64(1)] + flow[b + u64(1)]), half * (flow[a + u64(2)] + flow[b + u64(2)]))


@inlined
def _beyond(x, y, z, sides):
    """True outside the grid but for below it."""
    edge = f32(0.5)
    return (x < -edge or x > f32(sides[0]) - edge or z < -edge or z > f32(sides[2]) - edge or y > f32(sides[1]) - edge)


@inlined
def _corners(a, a1, b, b1, c, c1, high, deep):
    """Where the eight values around a place stand in a flat field: those at the lower x first, then y, then z."""
    low = a * high
    top = a1 * high
    return ((low + b) * deep + c, (low + b) * deep + c1, (low + b1) * deep + c, (low + b1) * deep + c1,
            (top + b) * deep + c, (top + b) * deep + c1, (top + b1) * deep + c, (top + b1) * deep + c1)


@inlined
def _blend(f, at, c, u, v, w):
    """Trilinear value between eight corners from `_corners`."""
    one = f32(1)
    near = (one - v) * ((one - w) * f[at + c[0]] + w * f[at + c[1]]) + v * ((one - w) * f[at + c[2]] + w * f[at + c[3]])
    far = (one - v) * ((one - w) * f[at + c[4]] + w * f[at + c[5]]) + v * ((one - w) * f[at + c[6]] + w * f[at + c[7]])
    return (one - u) * near + u * far


@kernel
def _traced(first, last, fields, count, sides, back, flow, cells, step, empty, places, out):
    """Fields as they were where their places come from, by the midpoint rule, and these places.

    `back` is 1 along the axis on whose faces the fields lie, half a cell before the middles.
    """
    for row in prange(last - first):
        i = first + row
        values = borrowed((fields,))[0]
        flowing = borrowed((flow,))[0]
        target = borrowed((out,))[0]
        came = borrowed((places,))[0]
        high = u64(sides[1])
        deep = u64(sides[2])
        size = u64(sides[0]) * high * deep
        bx = i32(back[0])
        by = i32(back[1])
        bz = i32(back[2])
        off_x = f32(0.5) * f32(bx)
        off_y = f32(0.5) * f32(by)
        off_z = f32(0.5) * f32(bz)
        half = f32(0.5) * step
        for j in range(sides[1]):
            for k in range(sides[2]):
                here = (u64(i) * high + u64(j)) * deep + u64(k)
                fx, fy, fz = _near(flowing, cells, i32(i), i32(j), i32(k), bx, by, bz)
                fx, fy, fz = _flow_at(flowing, cells, f32(i) - off_x - half * fx, f32(j) - off_y - half * fy,
                                      f32(k) - off_z - half * fz)
                x = f32(i) - step * fx
                y = f32(j) - step * fy
                z = f32(k) - step * fz
                came[here * u64(3)] = x
                came[here * u64(3) + u64(1)] = y
                came[here * u64(3) + u64(2)] = z
                if empty and _beyond(x, y, z, sides):
                    for n in range(count):
                        target[u64(n) * size + here] = f32(0)
                    continue
                a, a1, u = _corner(x, sides[0])
                b, b1, v = _corner(y, sides[1])
                c, c1, w = _corner(z, sides[2])
                corners = _corners(a, a1, b, b1, c, c1, high, deep)
                for n in range(count):
                    at = u64(n) * size
                    target[at + here] = _blend(values, at, corners, u, v, w)


@kernel
def _mended(first, last, fields, once, count, sides, back, flow, cells, step, empty, places, out):
    """Traced fields without half of the error that the way back shows, within what was around where they come from."""
    for row in prange(last - first):
        i = first + row
        values = borrowed((fields,))[0]
        found = borrowed((once,))[0]
        flowing = borrowed((flow,))[0]
        target = borrowed((out,))[0]
        came = borrowed((places,))[0]
        high = u64(sides[1])
        deep = u64(sides[2])
        size = u64(sides[0]) * high * deep
        bx = i32(back[0])
        by = i32(back[1])
        bz = i32(back[2])
        off_x = f32(0.5) * f32(bx)
        off_y = f32(0.5) * f32(by)
        off_z = f32(0.5) * f32(bz)
        half = f32(0.5) * step
        for j in range(sides[1]):
            for k in range(sides[2]):
                here = (u64(i) * high + u64(j)) * deep + u64(k)
                still = True
                for n in range(count):
                    if values[u64(n) * size + here] != f32(0) or found[u64(n) * size + here] != f32(0):
                        still = False
                if still and empty:
                    # Where nothing is and nothing came there is nothing to be mended.
                    for n in range(count):
                        target[u64(n) * size + here] = f32(0)
                    continue
                x = came[here * u64(3)]
                y = came[here * u64(3) + u64(1)]
                z = came[here * u64(3) + u64(2)]
                fx, fy, fz = _near(flowing, cells, i32(i), i32(j), i32(k), bx, by, bz)
                fx, fy, fz = _flow_at(flowing, cells, f32(i) - off_x + half * fx, f32(j) - off_y + half * fy,
                                      f32(k) - off_z + half * fz)
                ahead_x = f32(i) + step * fx
                ahead_y = f32(j) + step * fy
                ahead_z = f32(k) + step * fz
                if _beyond(x, y, z, sides) or _beyond(ahead_x, ahead_y, ahead_z, sides):
                    for n in range(count):
                        target[u64(n) * size + here] = found[u64(n) * size + here]
                    continue
                a, a1, u = _corner(ahead_x, sides[0])
                b, b1, v = _corner(ahead_y, sides[1])
                c, c1, w = _corner(ahead_z, sides[2])
                ahead = _corners(a, a1, b, b1, c, c1, high, deep)
                a, a1, _ = _corner(x, sides[0])
                b, b1, _ = _corner(y, sides[1])
                c, c1, _ = _corner(z, sides[2])
                g = _corners(a, a1, b, b1, c, c1, high, deep)
                for n in range(count):
                    at = u64(n) * size
                    there = _blend(found, at, ahead, u, v, w)
                    right = found[at + here] + f32(0.5) * (values[at + here] - there)
                    least = min(min(min(values[at + g[0]], values[at + g[1]]), min(values[at + g[2]], values[at + g[3]])),
                                min(min(values[at + g[4]], values[at + g[5]]), min(values[at + g[6]], values[at + g[7]])))
                    most = max(max(max(values[at + g[0]], values[at + g[1]]), max(values[at + g[2]], values[at + g[3]])),
                               max(max(values[at + g[4]], values[at + g[5]]), max(values[at + g[6]], values[at + g[7]])))
                    right = min(max(right, least), most)
                    # What has all but died away costs a processor a hundred times as much as nothing.
                    target[at + here] = right if abs(right) > f32(TINY) else f32(0)


def slabs(shape, heard=None):
    """A grid in parts along x, each done within a few hundredths of a second.

    Parameters
    ----------
    shape : tuple of int
    heard : callable, optional
        Called before each of them: it may raise.

    Yields
    ------
    slice
    """
    rows = max(1, SLAB // max(1, int(np.prod(shape[1:], dtype=float))))
    for begin in range(0, shape[0], rows):
        if heard is not None:
            heard()
        yield slice(begin, min(begin + rows, shape[0]))


def carried(fields, flow, step, axis=None, empty=True, heard=None):
    """Fields after they went with a flow for a while.

    Parameters
    ----------
    fields : ndarray of float32, shape (n, X, Y, Z)
    flow : ndarray of float32, shape (x, y, z, 3)
        Velocity in the middles of cells, metres a second.
    step : float
        Seconds, divided by the edge of a cell in metres.
    axis : int, optional
        On whose faces the fields lie; default in the middles of cells.
    empty : bool, optional
        There is nothing outside; else what is outside is like the border.
    heard : callable, optional
        See `slabs`.

    Returns
    -------
    moved : ndarray of float32, shape (n, X, Y, Z)
    places : ndarray of float32, shape (X, Y, Z, 3)
        Where each of them came from, in cells.
    """
    fields = np.ascontiguousarray(fields, np.float32)
    once, out = np.empty(fields.size, np.float32), np.empty_like(fields)
    sides, cells = np.array(fields.shape[1:]), np.array(flow.shape[:3])
    back, places = np.array([int(n == axis) for n in range(3)]), np.empty((*fields.shape[1:], 3), np.float32)
    given = len(fields), sides, back, np.ascontiguousarray(flow).ravel(), cells, f32(step), empty, places.reshape(-1)
    for some in slabs(fields.shape[1:], heard):
        _traced(some.start, some.stop, fields.ravel(), *given, once)
    for some in slabs(fields.shape[1:], heard):
        _mended(some.start, some.stop, fields.ravel(), once, *given, out.reshape(-1))
    return out, places


@each("out")
def _centred(i, u, v, w, wind, out):
    """Velocity at the middles of cells from that on their faces."""
    for j in range(out.shape[1]):
        for k in range(out.shape[2]):
            out[i, j, k, 0] = f32(0.5) * (u[i, j, k] + u[i + 1, j, k]) + wind[j, 0]
            out[i, j, k, 1] = f32(0.5) * (v[i, j, k] + v[i, j + 1, k])
            out[i, j, k, 2] = f32(0.5) * (w[i, j, k] + w[i, j, k + 1]) + wind[j, 1]


def centred(faces, wind):
    """Velocity in the middles of cells.

    Parameters
    ----------
    faces : tuple of ndarray of float32
        Velocity through the faces along each axis, shapes (X + 1, Y, Z), (X, Y + 1, Z), (X, Y, Z + 1).
    wind : ndarray of float32, shape (Y, 2)
        Along x and z, which is added.

    Returns
    -------
    ndarray of float32, shape (X, Y, Z, 3)
    """
    shape = (faces[1].shape[0], faces[0].shape[1], faces[0].shape[2])
    out = np.empty((*shape, 3), np.float32)
    _centred(*faces, wind, out)
    return out


def urge(faces, lift, seconds):
    """Let a lift act on a flow, in place.

    Parameters
    ----------
    faces : tuple of ndarray of float32
        As of `centred`; changed. Those at the ground and at the top are moved by pressure alone.
    lift : ndarray of float32, shape (X, Y, Z)
        In the middles of cells, metres a second squared upward.
    seconds : float
    """
    faces[1][:, 1:-1] += np.float32(0.5 * seconds) * (lift[:, 1:] + lift[:, :-1])


@each("out")
def _diverging(i, u, v, w, out):
    """Divergence of a flow on faces."""
    for j in range(out.shape[1]):
        for k in range(out.shape[2]):
            out[i, j, k] = (u[i + 1, j, k] - u[i, j, k] + v[i, j + 1, k] - v[i, j, k] + w[i, j, k + 1] - w[i, j, k])


def divergence(faces):
    """What flows out of each cell: ndarray of float32, shape (X, Y, Z), for an edge of a cell of 1.

    Parameters
    ----------
    faces : tuple of ndarray of float32
        As of `centred`.
    """
    out = np.empty((faces[1].shape[0], faces[0].shape[1], faces[0].shape[2]), np.float32)
    _diverging(*faces, out)
    return out


@kernel
def _pressed(u, v, w, pressure):
    """Flow less the gradient of pressure."""
    wide, high, deep = pressure.shape
    for i in prange(wide + 1):
        for j in range(high + 1):
            for k in range(deep + 1):
                # Beyond an open side the pressure is the opposite, so that it is nothing at the side itself.
                if j < high and k < deep:
                    here = pressure[i, j, k] if i < wide else -pressure[wide - 1, j, k]
                    before = pressure[i - 1, j, k] if i > 0 else -pressure[0, j, k]
                    u[i, j, k] -= here - before
                if i < wide and k < deep:
                    if j == 0:
                        v[i, j, k] = f32(0)
                    else:
                        here = pressure[i, j, k] if j < high else -pressure[i, high - 1, k]
                        v[i, j, k] -= here - pressure[i, j - 1, k]
                if i < wide and j < high:
                    here = pressure[i, j, k] if k < deep else -pressure[i, j, deep - 1]
                    before = pressure[i, j, k - 1] if k > 0 else -pressure[i, j, 0]
                    w[i, j, k] -= here - before


def press(faces, pressure):
    """Take the slope of a pressure from a flow, in place; nothing goes through the ground.

    Parameters
    ----------
    faces : tuple of ndarray of float32
        As of `centred`; changed.
    pressure : ndarray of float32, shape (X, Y, Z)
        Times seconds, for an edge of a cell of 1.
    """
    _pressed(*faces, pressure)


@each("heat")
def _lightened(i, heat, water, air, lift, drops):
    """Droplets of each cell by Newton's rule, and how much lighter than still air it is."""
    for j in range(heat.shape[1]):
        theta = air[0, j]
        damp = air[1, j]
        exner = air[2, j]
        pressure = air[3, j]
        warms = f32(LATENT / HEAT_CAPACITY)
        for k in range(heat.shape[2]):
            if heat[i, j, k] == f32(0) and water[i, j, k] == f32(0):
                # Still air is never saturated.
                lift[i, j, k] = f32(0)
                drops[i, j, k] = f32(0)
                continue
            total = max(damp + water[i, j, k], f32(0))
            cold = (theta + heat[i, j, k]) * exner
            found = f32(0)
            for _ in range(3):
                kelvin = cold + warms * found
                celsius = kelvin - f32(FREEZING)
                tension = f32(611.2) * math.exp(f32(17.67) * celsius / (celsius + f32(243.5)))
                held = f32(EPSILON) * tension / (pressure - tension)
                slope = f32(LATENT / VAPOUR_GAS) * warms * held / (kelvin * kelvin)
                found = max(found + (total - found - held) / (f32(1) + slope), f32(0))
                if found == f32(0):
                    break
            drops[i, j, k] = found
            lift[i, j, k] = f32(GRAVITY) * ((heat[i, j, k] + warms * found / exner) / theta
                                            + f32(LIGHTER) * (total - found - damp) - found)


def lightened(heat, water, air, heard=None):
    """How much lighter than the still air each cell is, and the droplets in it.

    As `core.growth.air.droplets` and `lifted_parcel`, in single precision.

    Parameters
    ----------
    heat, water : ndarray of float32, shape (X, Y, Z)
        Above the still air: kelvin of liquid-water potential temperature, and kg in a kg.
    air : ndarray of float32, shape (4, Y)
        Of still air: potential temperature, kelvin; vapour, kg in a kg; Exner's function; pressure, pascal.
    heard : callable, optional
        See `slabs`.

    Returns
    -------
    lift : ndarray of float32, shape (X, Y, Z)
        Metres a second squared.
    drops : ndarray of float32, shape (X, Y, Z)
        Kilograms in a kilogram.
    """
    lift, drops = np.empty_like(heat), np.empty_like(heat)
    for some in slabs(heat.shape, heard):
        _lightened(heat[some], water[some], air, lift[some], drops[some])
    return lift, drops


@each("heat")
def _lifted(i, heat, water, places, air):
    """What cells have above the still air, after they came from where that is other."""
    last = heat.shape[1] - 1
    for j in range(heat.shape[1]):
        for k in range(heat.shape[2]):
            place = min(max(places[i, j, k, 1], f32(0)), f32(last))
            low = min(i32(place), i32(max(last - 1, 0)))
            share = place - f32(low)
            top = min(low + 1, last)
            heat[i, j, k] += air[0, low] + share * (air[0, top] - air[0, low]) - air[0, j]
            water[i, j, k] += air[1, low] + share * (air[1, top] - air[1, low]) - air[1, j]


def lifted(fields, places, air, heard=None):
    """Let cells keep their own warmth and water while the air around them is other at another height, in place.

    Parameters
    ----------
    fields : ndarray of float32, shape (3, X, Y, Z)
        As of `core.growth.solver.Flowing`, after they were carried.
    places : ndarray of float32, shape (X, Y, Z, 3)
        From `carried`.
    air : ndarray of float32, shape (4, Y)
        As of `lightened`.
    heard : callable, optional
        See `slabs`.
    """
    for some in slabs(places.shape[:3], heard):
        _lifted(fields[1][some], fields[2][some], places[some], air)
