"""Random numbers, and directions drawn with them."""

import math

from ...kernels import call, f32, inlined, row, u32
from ...vectors import carried

WHOLE_TURN = f32(2.0 * math.pi)


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
def even(state):
    """The next number of a generator.

    Parameters
    ----------
    state : uint32

    Returns
    -------
    (float32, uint32)
        From 0 to below 1, and the state.
    """
    state = next_state(state)
    return share_of(state), state


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
def cosine_of(lobes, medium, state):
    """A cosine drawn from a phase function: a lobe by lot, and Draine's by rejection from Henyey and Greenstein's.

    Parameters
    ----------
    lobes : ndarray of float32, shape (M, 4)
        From `lobes_of`, of each medium.
    medium : int
        Its number.
    state : uint32

    Returns
    -------
    (float32, uint32)
        The cosine, and the generator's state.
    """
    state = next_state(state)
    second = share_of(state) < lobes[medium, 3]
    g = lobes[medium, 1] if second else lobes[medium, 0]
    stretch = lobes[medium, 2] if second else f32(0)
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
def around(axis, cosine, turn):
    """The direction at an angle from an axis (basis after Duff et al. 2017, Building an orthonormal basis, revisited).

    Parameters
    ----------
    axis : (float32, float32, float32)
        Unit vector.
    cosine, turn : float32
        Of the angle from it, and the angle about it in radians.

    Returns
    -------
    (float32, float32, float32)
    """
    ax, ay, az = axis
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


@inlined
def scattered(lobes, medium, way, state):
    """A direction drawn from a phase function: as `cosine_of`.

    Parameters
    ----------
    lobes : ndarray of float32, shape (M, 4)
    medium : int
    way : (float32, float32, float32)
        Unit vector: the direction before.
    state : uint32

    Returns
    -------
    (float32, (float32, float32, float32), uint32)
        Cosine between both, the direction, and the generator's state.
    """
    cosine, state = cosine_of(lobes, medium, state)
    u, state = even(state)
    return cosine, around(way, cosine, WHOLE_TURN * u), state


@inlined
def anywhere(state):
    """A direction drawn evenly over the sphere.

    Parameters
    ----------
    state : uint32

    Returns
    -------
    ((float32, float32, float32), uint32)
    """
    c, state = even(state)
    u, state = even(state)
    return around((f32(0), f32(1), f32(0)), f32(1) - f32(2) * c, WHOLE_TURN * u), state


@inlined
def in_a_ball(place, radius, state):
    """A point drawn evenly in a ball.

    Parameters
    ----------
    place : (float32, float32, float32)
        Its centre.
    radius : float32
    state : uint32

    Returns
    -------
    ((float32, float32, float32), uint32)
    """
    u, state = even(state)
    way, state = anywhere(state)
    return carried(place, way, radius * math.pow(u, f32(1.0 / 3.0))), state


@row
def drawn(cdf, u, first, count):
    """Place in a rising part of an array whose value is the first above a number: draws by odds.

    Parameters
    ----------
    cdf : ndarray of float32, flat
    u : float32
        From 0 to 1.
    first, count : int
        The part: where it begins, and its length.

    Returns
    -------
    int
        From 0 to count - 1.
    """
    a = 0
    b = count - 1
    while a < b:
        middle = (a + b) >> 1
        if cdf[first + middle] > u:
            b = middle
        else:
            a = middle + 1
    return a


@inlined
def first_state(line, column, seed, nth):
    """State of the generator with which a path begins: other numbers for each pixel, turn and seed.

    Parameters
    ----------
    line, column, nth : int
    seed : uint32

    Returns
    -------
    uint32
    """
    return stirred(u32(u32(u32(line) * u32(0x9E3779B1)) ^ u32(u32(column) * u32(0x85EBCA77)))
                   ^ stirred(u32(u32(nth) * u32(0xC2B2AE3D)) ^ u32(seed)))
