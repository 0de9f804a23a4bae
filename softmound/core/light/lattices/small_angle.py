"""Small-angle scattering: sunlight that goes on nearly as it came, which the coarse lattice cannot hold.

The phase function is parted by angle into what is ahead and the rest. Each scattering multiplies the Legendre moments of light
by those of the part ahead, so after an optical depth the moment of order l is exp(-(1 - chi_l) depth) (Goudsmit and Saunderson
1940, Multiple scattering of electrons, Phys. Rev. 57, eq. 22). That makes the bright rim against the sun.
"""

from functools import lru_cache

import numpy as np

from ...budget import remembered
from ...kernels import f32, i32, row
from ..scene.phase import phase

TURNS, DEPTHS = 512, 64
"""Samples over the angle and over the optical depth."""
HALFWAY = f32(6.0)
"""Optical depth in the middle of the table, which has no end."""
AHEAD = (0.6, 0.95)
"""Cosines between which scattering begins to count as ahead: from 53 degrees on nothing, within 18 all of it."""
NODES, ORDERS = 6_000, 600
"""Places of the integrals over the angle, and moments."""


def ahead(cosine):
    """How far scattering by an angle counts as ahead.

    Parameters
    ----------
    cosine : array_like of float

    Returns
    -------
    ndarray of float64
        From 0 to 1.
    """
    low, high = AHEAD
    part = np.clip((cosine - low) / (high - low), 0.0, 1.0)
    return part * part * (3.0 - 2.0 * part)


@lru_cache(maxsize=1)
def _polynomials():
    """Angles of the integrals and of the table's rows as cosines, and Legendre's polynomials at both, one order a row.

    They depend on nothing, and a hand that drags the droplets' size asks for table after table.
    """
    made = []
    for count in (NODES, TURNS):
        cosine = 1.0 - 2.0 * np.linspace(0.0, 1.0, count) ** 2
        rows = np.empty((ORDERS, count))
        rows[0], rows[1] = 1.0, cosine
        for n in range(2, ORDERS):
            rows[n] = ((2 * n - 1) * cosine * rows[n - 1] - (n - 1) * rows[n - 2]) / n
        made += [cosine, rows]
    return made


@remembered
def onward_table(lobes):
    """What is scattered toward the eye after any number of scatterings ahead.

    Parameters
    ----------
    lobes : tuple of float
        From `lobes_of`.

    Returns
    -------
    ndarray of float32, shape (TURNS, DEPTHS)
        Per steradian. Rows are evenly spaced in the square root of (1 - cosine) / 2, columns in depth / (depth + HALFWAY).
    """
    fine, at_fine, cosine, at_rows = _polynomials()
    part = np.arange(DEPTHS) / DEPTHS
    depth = float(HALFWAY) * part / (1.0 - part)
    once = np.exp(-depth)
    # Solid angle of a place is 8 pi times its half angle's sine, for steps that are even in that.
    weight = 8.0 * np.pi * np.linspace(0.0, 1.0, NODES) / (NODES - 1) * phase(fine, lobes) * ahead(fine)
    moments = at_fine @ weight
    order = np.arange(ORDERS)
    # A third of a degree of blur, so that the series of the sharpest peaks does not ring where it ends.
    share = (2 * order + 1) / (4.0 * np.pi) * np.exp(-4.5 * (order / ORDERS) ** 2) * moments
    # What is scattered once is known exactly; the series is of what is scattered more often, and ends sooner.
    often = share[:, None] * (np.exp(-(1.0 - moments)[:, None] * depth) - once)
    return np.ascontiguousarray(np.outer(phase(cosine, lobes) * ahead(cosine), once) + at_rows.T @ often, np.float32)


@row
def ahead_share(cosine):
    """As `ahead`, in a kernel.

    Parameters
    ----------
    cosine : float32

    Returns
    -------
    float32
    """
    part = min(max((cosine - f32(AHEAD[0])) / f32(AHEAD[1] - AHEAD[0]), f32(0)), f32(1))
    return part * part * (f32(3) - f32(2) * part)


@row
def onward(table, line, part, depth):
    """A value of a table, flat.

    Parameters
    ----------
    table : ndarray of float32, shape (TURNS * DEPTHS,)
    line : int32
        Row.
    part : float32
        How far on to the next one.
    depth : float32

    Returns
    -------
    float32
        Per steradian.
    """
    at = depth / (depth + HALFWAY) * f32(DEPTHS)
    column = min(i32(at), i32(DEPTHS - 2))
    at = min(at - f32(column), f32(1))
    n = line * i32(DEPTHS) + column
    a = table[n] + at * (table[n + 1] - table[n])
    n += i32(DEPTHS)
    return a + part * (table[n] + at * (table[n + 1] - table[n]) - a)
