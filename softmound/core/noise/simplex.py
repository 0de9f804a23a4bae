"""Simplex and value noise, as row functions for the kernels."""

import numpy as np

from ..kernels import f32, i32, row, u32
from .gradient import _X, _Y, _Z, corner, fade, mixed

SIMPLEX_AMPLITUDE = 94.0
"""Scales simplex noise to a standard deviation of 0.35."""
VALUE_AMPLITUDE = 0.9
"""Scales value noise to a standard deviation of 0.35 and values mostly within -1 to 1."""
_THIRD = f32(1.0 / 3.0)
_SIXTH = f32(1.0 / 6.0)
_UNIT = f32(2.0 / 1048575.0)
_TWENTY = u32(1048575)


@row
def _kernel_corner(h, x, y, z):
    """What one corner of a simplex gives."""
    t = f32(0.5) - (x * x + y * y + z * z)
    t = max(f32(0), t)
    t = t * t
    return t * t * corner(h, x, y, z)


@row
def simplex_noise(x, y, z, seed):
    """Simplex noise, continuous to the second order.

    After Perlin (2001, Noise hardware, in Real-Time Shading SIGGRAPH Course Notes) and Gustavson (2005, Simplex noise
    demystified), with a kernel that ends within its simplex. The order of the coordinates is found by counting, without
    a branch.

    Parameters
    ----------
    x, y, z : float32
        In features.
    seed : uint32

    Returns
    -------
    float32
        Mean 0, standard deviation 0.35.
    """
    skew = (x + y + z) * _THIRD
    fi = np.floor(x + skew)
    fj = np.floor(y + skew)
    fk = np.floor(z + skew)
    back = (fi + fj + fk) * _SIXTH
    x0 = x - fi + back
    y0 = y - fj + back
    z0 = z - fk + back
    xy = f32(1) if x0 >= y0 else f32(0)
    xz = f32(1) if x0 >= z0 else f32(0)
    yz = f32(1) if y0 >= z0 else f32(0)
    rank_x = xy + xz
    rank_y = f32(1) - xy + yz
    rank_z = f32(2) - xz - yz
    # One step along the largest coordinate, then along the two largest.
    i1 = max(f32(0), rank_x - f32(1))
    j1 = max(f32(0), rank_y - f32(1))
    k1 = max(f32(0), rank_z - f32(1))
    i2 = min(f32(1), rank_x)
    j2 = min(f32(1), rank_y)
    k2 = min(f32(1), rank_z)
    base = u32(u32(u32(i32(fi)) * _X + seed) + u32(u32(u32(i32(fj)) * _Y) + u32(u32(i32(fk)) * _Z)))
    h1 = u32(base + u32(u32(u32(i32(i1)) * _X) + u32(u32(u32(i32(j1)) * _Y) + u32(u32(i32(k1)) * _Z))))
    h2 = u32(base + u32(u32(u32(i32(i2)) * _X) + u32(u32(u32(i32(j2)) * _Y) + u32(u32(i32(k2)) * _Z))))
    h3 = u32(base + u32(_X + u32(_Y + _Z)))
    n = _kernel_corner(base, x0, y0, z0)
    n += _kernel_corner(h1, x0 - i1 + _SIXTH, y0 - j1 + _SIXTH, z0 - k1 + _SIXTH)
    n += _kernel_corner(h2, x0 - i2 + _THIRD, y0 - j2 + _THIRD, z0 - k2 + _THIRD)
    n += _kernel_corner(h3, x0 - f32(0.5), y0 - f32(0.5), z0 - f32(0.5))
    return n * f32(SIMPLEX_AMPLITUDE)


@row
def _value(h):
    """A number from -1 to 1 out of a hash."""
    return f32(i32(mixed(h) & _TWENTY)) * _UNIT - f32(1)


@row
def value_noise(x, y, z, seed):
    """Values hashed at the points of a lattice, with the quintic fade between them: continuous to the second order.

    Parameters
    ----------
    x, y, z : float32
        In features.
    seed : uint32

    Returns
    -------
    float32
        Mean 0, standard deviation 0.35.
    """
    fx = np.floor(x)
    fy = np.floor(y)
    fz = np.floor(z)
    u = fade(x - fx)
    v = fade(y - fy)
    w = fade(z - fz)
    ix = u32(u32(i32(fx)) * _X + seed)
    iy = u32(u32(i32(fy)) * _Y)
    iz = u32(u32(i32(fz)) * _Z)
    jz = u32(iz + _Z)
    a = u32(ix + iy)
    b = u32(a + _X)
    c = u32(a + _Y)
    d = u32(b + _Y)
    n00 = _value(u32(a + iz))
    n00 += w * (_value(u32(a + jz)) - n00)
    n01 = _value(u32(c + iz))
    n01 += w * (_value(u32(c + jz)) - n01)
    n10 = _value(u32(b + iz))
    n10 += w * (_value(u32(b + jz)) - n10)
    n11 = _value(u32(d + iz))
    n11 += w * (_value(u32(d + jz)) - n11)
    n0 = n00 + v * (n01 - n00)
    n1 = n10 + v * (n11 - n10)
    return (n0 + u * (n1 - n0)) * f32(VALUE_AMPLITUDE)
