"""Light scattered often, on a coarse dense lattice: the equation of transfer along a few directions.

Discrete ordinates (Chandrasekhar 1950, Radiative transfer) with the forward peak of scattering taken for no scattering at
all (Wiscombe 1977, The delta-M method, J. Atmos. Sci. 34, with two moments), swept from cell to cell along each direction.
Turns of sweeping converge slowly in thick clouds, so after each one the diffusion equation says what is still missing
(Alcouffe 1977, Nucl. Sci. Eng. 64, diffusion-synthetic acceleration). Shadows of one lump on another, gaps between them
and thin clouds, where diffusion alone errs, come out right.
"""

import math

import numpy as np

from ..kernels import call, f32, kernel, prange
from .diffusion import solved

ROUND = 6
"""Directions of the same height."""
HEIGHTS = (0.788675, 0.211325, -0.211325, -0.788675)
"""Sines of their elevations: Gauss's two places for each half of the sphere, which all count the same."""
TURNS = 5
"""Sweeps; two per cent of the mean are left to converge in the thickest clouds."""
EASED = np.float32(0.75)
"""Share of what the diffusion equation says is missing that is added; all of it would swing in cells thicker than one."""
THICKEST = np.float32(2.5)
"""Optical thickness of a cell, at most: beyond, the two equations, cut into cells, contradict each other."""


def _directions():
    # Each has its opposite, so that light takes the same ways there and back.
    places = [(height, 2.0 * math.pi * (n + 0.21 + (0.5 if level in (1, 2) else 0.0)) / ROUND)
              for level, height in enumerate(HEIGHTS) for n in range(ROUND)]
    return np.array([(math.sqrt(1.0 - h * h) * math.sin(a), h, math.sqrt(1.0 - h * h) * math.cos(a)) for h, a in places],
                    np.float32)


DIRECTIONS = _directions()
"""Unit vectors light travels along, all of the same weight."""


@call
def _sweep_along(thick, source, dx, dy, dz, incoming, out):
    """Mean radiance in each cell along one direction, with what enters from outside."""
    nx, ny, nz = thick.shape
    ax = abs(dx)
    ay = abs(dy)
    az = abs(dz)
    across = ax + ay + az
    sheet = np.empty((ny, nz), np.float32)
    line = np.empty(nz, np.float32)
    sheet[:] = incoming
    for i in range(nx):
        x = i if dx > f32(0) else nx - 1 - i
        line[:] = incoming
        for j in range(ny):
            y = j if dy > f32(0) else ny - 1 - j
            last = incoming
            for k in range(nz):
                z = k if dz > f32(0) else nz - 1 - k
                own = thick[x, y, z]
                if own <= f32(0):
                    # Through empty cells light goes as it came; nothing is lost in them.
                    mean = (ax * sheet[y, z] + ay * line[z] + az * last) / across
                    sheet[y, z] = max(f32(0), f32(2) * mean - sheet[y, z])
                    line[z] = max(f32(0), f32(2) * mean - line[z])
                    last = max(f32(0), f32(2) * mean - last)
                    out[x, y, z] = mean
                    continue
                light = max(f32(0), source[x, y, z, 0] + dx * source[x, y, z, 1] + dy * source[x, y, z, 2]
                            + dz * source[x, y, z, 3])
                # Where in a cell its mean is reached: in the middle of a thin one, at the end of a thick one.
                lean = f32(1) + f32(1) / (f32(1) + own * f32(0.08))
                mean = (lean * (ax * sheet[y, z] + ay * line[z] + az * last) + own * light) / (lean * across + own)
                sheet[y, z] = max(f32(0), sheet[y, z] + lean * (mean - sheet[y, z]))
                line[z] = max(f32(0), line[z] + lean * (mean - line[z]))
                last = max(f32(0), last + lean * (mean - last))
                out[x, y, z] = mean


@kernel
def _sweep(thick, source, directions, incoming, out):
    for n in prange(directions.shape[0]):
        _sweep_along(thick, source, directions[n, 0], directions[n, 1], directions[n, 2], incoming[n], out[n])


@kernel
def _moments(radiance, directions, out):
    """Mean over directions, and mean times direction."""
    share = f32(1) / f32(directions.shape[0])
    for x in prange(out.shape[0]):
        out[x] = f32(0)
        for n in range(directions.shape[0]):
            for y in range(out.shape[1]):
                for z in range(out.shape[2]):
                    value = share * radiance[n, x, y, z]
                    out[x, y, z, 0] += value
                    out[x, y, z, 1] += value * directions[n, 0]
                    out[x, y, z, 2] += value * directions[n, 1]
                    out[x, y, z, 3] += value * directions[n, 2]


def transported(thick, cosine, first, incoming, turns=TURNS):
    """Radiance that has been scattered often enough to come from everywhere.

    Parameters
    ----------
    thick : ndarray of float32, shape (X, Y, Z)
        Optical thickness of each cell for scattering without its forward peak; the outermost cells are empty.
    cosine : float
        Mean cosine of that scattering.
    first : ndarray of float32, shape (X, Y, Z, 4) or None
        Radiance that light from a source, scattered for the first time, sends on: its mean over directions, and what is
        added to it times the direction it goes along.
    incoming : array_like of float, shape (24,)
        Radiance that enters along each of `DIRECTIONS`.
    turns : int, optional

    Returns
    -------
    ndarray of float32, shape (X, Y, Z, 4)
        Radiance scattered on in each cell, as `first`, which it does not hold.
    """
    incoming, thick = np.asarray(incoming, np.float32), np.minimum(thick, THICKEST)
    scattered = np.zeros((*thick.shape, 4), np.float32)
    radiance = np.empty((len(DIRECTIONS), *thick.shape), np.float32)
    lean = np.array([1.0, 3.0 * cosine, 3.0 * cosine, 3.0 * cosine], np.float32)
    reduced = thick * np.float32(1.0 - cosine)
    new = np.empty_like(scattered)
    for _ in range(turns):
        _sweep(thick, scattered if first is None else scattered + first, DIRECTIONS, incoming, radiance)
        _moments(radiance, DIRECTIONS, new)
        missing = thick * (new[..., 0] - scattered[..., 0])
        scattered = new * lean
        scattered[..., 0] += EASED * solved(reduced, missing)
    return scattered
