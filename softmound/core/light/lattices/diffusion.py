"""Light that has been scattered so often that it only spreads, on a coarse dense lattice.

The diffusion equation with scattering made isotropic (Ishimaru 1978, Wave propagation and scattering in random media,
section 9.1, eq. 9-15), in finite volumes; where the cloud ends light leaves freely (Marshak's condition).
It is solved by successive over-relaxation in two colours of cells, from the coarsest lattice to the finest, for four lights
at once.
"""

import numpy as np

from ...kernels import call, each, f32, kernel, prange, serial, u64, when_needed

lanes = when_needed("softmound.core.lanes")

LIGHTS = 4
"""Lights that are solved at once."""
OVER = f32(1.5)
"""Over-relaxation."""
TURNS = 4
"""Relaxations on each lattice."""
SMALLEST = 6
"""Cells along the longest axis below which no coarser lattice is made."""
SMALL = 60_000
"""Cells up to which threads cost more than they help, since they have to meet after each relaxation."""
EMPTY = f32(1e-5)
_THIN = f32(0.05)
"""Resistance to light between two cells, however thin they are."""


@call
def _relax_slab(thick, absorbed, source, phi, x, parity):
    """One colour of the cells of one slab relaxed. Arrays have a border of empty cells; `absorbed` may have no cell at all."""
    ny, nz = thick.shape[1], thick.shape[2]
    up, on = ny * nz, nz
    flat = thick.reshape(thick.size)
    absorbing = absorbed.shape[0] > 0
    for y in range(1, ny - 1):
        for z in range(1 + ((x + y + parity) & 1), nz - 1, 2):
            at = (x * ny + y) * nz + z
            own = flat[at]
            if own <= EMPTY:
                continue
            total = lanes.four_at(source, u64(at * LIGHTS))
            conducted = f32(0)
            for step in (up, -up, on, -on, 1, -1):
                other = flat[at + step]
                if other <= EMPTY:
                    conducted += f32(1) / (f32(2) + f32(1.5) * own)
                else:
                    c = f32(1) / (f32(1.5) * (own + other) + _THIN)
                    conducted += c
                    total = total + c * lanes.four_at(phi, u64((at + step) * LIGHTS))
            before = lanes.four_at(phi, u64(at * LIGHTS))
            if absorbing:
                found = total / (lanes.four_at(absorbed, u64(at * LIGHTS)) + conducted)
            else:
                found = total * (f32(1) / conducted)
            lanes.put(phi, u64(at * LIGHTS), before + OVER * (found - before))


@kernel
def _relax(thick, absorbed, source, phi, parity):
    """One relaxation of the diffusion equation, over cells of one parity."""
    for x in prange(1, thick.shape[0] - 1):
        _relax_slab(thick, absorbed, source, phi, x, parity)


@serial
def _relax_often(thick, absorbed, source, phi, turns):
    """Relaxations over cells of either parity in turn."""
    for turn in range(2 * turns):
        for x in range(1, thick.shape[0] - 1):
            _relax_slab(thick, absorbed, source, phi, x, turn & 1)


def solved(thick, source, absorbed=None):
    """Mean radiance of light that spreads from a source, for each of four lights.

    Parameters
    ----------
    thick : ndarray of float32, shape (X, Y, Z)
        Optical thickness of each cell for scattering made isotropic; the outermost cells are empty.
    source : ndarray of float32, shape (X, Y, Z, 4)
        What each cell adds, as its optical thickness times the radiance it sends out.
    absorbed : ndarray of float32, shape (X, Y, Z, 4), optional
        Optical thickness of each cell for absorption of each light; none where it is not given.

    Returns
    -------
    ndarray of float32, shape (X, Y, Z, 4)
        In the units of the source; 0 in empty cells.
    """
    if max(thick.shape) > 2 * SMALLEST:
        coarse = solved(_halved(thick, 0.25), _halved(source, 0.25), None if absorbed is None else _halved(absorbed, 0.25))
        phi = np.empty_like(source)
        _refine(coarse, thick, phi)
    else:
        phi = np.zeros_like(source)
    flat = np.empty(0, np.float32) if absorbed is None else absorbed.ravel(), source.ravel(), phi.reshape(-1)
    if thick.size <= SMALL:
        _relax_often(thick, *flat, TURNS)
        return phi
    for turn in range(2 * TURNS):
        _relax(thick, *flat, turn & 1)
    return phi


@each("out")
def _refine(x, coarse, thick, out):
    """Begin with what a coarser lattice found, whose cells are twice as wide and have a border."""
    for y in range(out.shape[1]):
        for z in range(out.shape[2]):
            for q in range(LIGHTS):
                found = coarse[(x >> 1) + 1, (y >> 1) + 1, (z >> 1) + 1, q]
                out[x, y, z, q] = found if thick[x, y, z] > EMPTY else f32(0)


@kernel
def _sum_eight(values, factor, out):
    """Sum of eight cells of a finer lattice."""
    for x in prange(1, out.shape[0] - 1):
        for y in range(1, out.shape[1] - 1):
            for z in range(1, out.shape[2] - 1):
                for q in range(out.shape[3]):
                    total = f32(0)
                    for i in range(2 * x - 2, min(2 * x, values.shape[0])):
                        for j in range(2 * y - 2, min(2 * y, values.shape[1])):
                            for k in range(2 * z - 2, min(2 * z, values.shape[2])):
                                total += values[i, j, k, q]
                    out[x, y, z, q] = factor * total


def _halved(values, factor):
    """Sums over cubes of eight cells times a factor, with an empty border again.

    A cell twice as wide is twice as thick, which is a quarter of the sum of eight; what it takes up goes through faces
    four times as large, so its source is a quarter of the sum as well.
    """
    wide = values.reshape(*values.shape[:3], -1)
    out = np.zeros((*((side + 1) // 2 + 2 for side in wide.shape[:3]), wide.shape[3]), np.float32)
    _sum_eight(wide, f32(factor), out)
    return out.reshape(*out.shape[:3], *values.shape[3:])
