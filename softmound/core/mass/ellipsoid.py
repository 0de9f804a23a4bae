"""Exact signed distance to an ellipsoid, written so that it vectorises.

The nearest point of the surface to q (in the ellipsoid's own axes, folded into the positive
octant) is ``r_i^2 q_i / (t + r_i^2)`` with t the largest root of
``sum (r_i q_i / (t + r_i^2))^2 = 1`` (Eberly 2013, Distance from a point to an ellipse, an
ellipsoid, or a hyperellipsoid, eq. 26), and the distance is ``t * |q_i / (t + r_i^2)|``.
Newton's method on ``1 / |s| = 1``, nearly linear in t (More and Sorensen 1983, eq. 3.10), is
exact after one step for a ball and after a few for any ellipsoid.
"""


import numpy as np

from ..kernels import f32, row

SMALLEST_MELT = 1e-6
STEPS = 7
"""Newton steps: leaves an error below 1e-3 of the largest radius up to an aspect of 10 to 1."""
OFF_AXIS = f32(3e-3)
"""How near to its planes of symmetry a point may be, in radii. On them the root hides behind a pole
and Newton's method creeps; the distance hardly differs, for it has a minimum or maximum there."""


@row
def blob_distance(b, x, y, z):
    """Signed distance from a point to one blob.

    Parameters
    ----------
    b : ndarray of float32
        Row of the table.
    x, y, z : float32
        Metres.

    Returns
    -------
    float32
        Metres, negative inside; exact but for 1e-3 of the largest radius, and for 5e-5 of it near
        the surface when no radius is more than half as large again as another.
    """
    x = x - b[0]
    y = y - b[1]
    z = z - b[2]
    r0, r1, r2 = b[12], b[13], b[14]
    g0, g1, g2 = b[15], b[16], b[17]
    q0 = max(abs(b[3] * x + b[4] * y + b[5] * z), r0 * OFF_AXIS)
    q1 = max(abs(b[6] * x + b[7] * y + b[8] * z), r1 * OFF_AXIS)
    q2 = max(abs(b[9] * x + b[10] * y + b[11] * z), r2 * OFF_AXIS)
    a0, a1, a2 = r0 * q0, r1 * q1, r2 * q2
    # u = t + rmin^2 keeps its digits where t itself would lose them. Each candidate has |s| >= 1,
    # the side from which Newton's method cannot overshoot.
    u = max(a0 - g0, max(a1 - g1, a2 - g2))
    for _ in range(STEPS):
        # One division for three reciprocals.
        c0 = u + g0
        c1 = u + g1
        c2 = u + g2
        both = c1 * c2
        inverse = f32(1) / (c0 * both)
        e0 = both * inverse
        e1 = c0 * c2 * inverse
        e2 = c0 * c1 * inverse
        s0 = a0 * e0
        s1 = a1 * e1
        s2 = a2 * e2
        s0 *= s0
        s1 *= s1
        s2 *= s2
        squared = s0 + s1 + s2
        u += squared * (np.sqrt(squared) - f32(1)) / (s0 * e0 + s1 * e1 + s2 * e2)
    q0 /= u + g0
    q1 /= u + g1
    q2 /= u + g2
    return (u - b[18]) * np.sqrt(q0 * q0 + q1 * q1 + q2 * q2)


@row
def ball_distance(b, x, y, z):
    """Signed distance from a point to a blob of three equal radii.

    Parameters
    ----------
    b : ndarray of float32
        Row of the table.
    x, y, z : float32
        Metres.

    Returns
    -------
    float32
        Metres, negative inside.
    """
    x = x - b[0]
    y = y - b[1]
    z = z - b[2]
    return np.sqrt(x * x + y * y + z * z) - b[12]


@row
def joined_distance(before, d, sign_before, sign_own, melt):
    """Distance after one more form has taken its role.

    Union is min(a, d), difference max(a, -d) = -min(-a, d), intersection max(a, d) = -min(-a, -d):
    with two signs all three are the same smooth minimum.

    Parameters
    ----------
    before, d : float32
        Distances to what came before and to the form, metres.
    sign_before, sign_own : float32
        Of its role.
    melt : float32
        Blend radius in metres, above 0.

    Returns
    -------
    float32
        Metres.
    """
    return sign_before * melted(sign_before * before, sign_own * d, melt)


@row
def melted(a, b, melt):
    """Smooth minimum of two distances: differs from the smaller by at most a quarter of `melt`.

    Quadratic blend, 1-Lipschitz in both arguments.

    Parameters
    ----------
    a, b : float32
        Metres.
    melt : float32
        Blend radius in metres, above 0.

    Returns
    -------
    float32
    """
    h = max(melt - abs(a - b), f32(0))
    return min(a, b) - h * h * f32(0.25) / melt
