"""Light that has been scattered so often that it only spreads, on a coarse dense lattice.

The diffusion equation with scattering made isotropic (Ishimaru 1978, Wave propagation and scattering in random media,
section 9.1, with nothing absorbed), in finite volumes; where the cloud ends light leaves freely (Marshak's condition).
It is solved by successive over-relaxation in two colours of cells, from the coarsest lattice to the finest.
"""

import numpy as np

from ..kernels import call, f32, kernel, prange, serial

OVER = f32(1.5)
"""Over-relaxation."""
TURNS = 4
"""Relaxations on each lattice."""
SMALLEST = 6
"""Cells along the longest axis below which no coarser lattice is made."""
SMALL = 60_000
"""Cells up to which threads cost more than they help, since they have to meet after each relaxation."""
_THIN = f32(0.05)
"""Resistance to light between two cells, however thin they are."""


@call
def _relax_slab(thick, source, phi, x, parity):
    """One colour of the cells of one slab relaxed. All arrays have a border of empty cells."""
    for y in range(1, thick.shape[1] - 1):
        for z in range(1 + ((x + y + parity) & 1), thick.shape[2] - 1, 2):
            own = thick[x, y, z]
            if own <= f32(1e-5):
                continue
            total = source[x, y, z]
            conducted = f32(0)
            for n in range(6):
                i = x + (1 if n == 0 else (-1 if n == 1 else 0))
                j = y + (1 if n == 2 else (-1 if n == 3 else 0))
                k = z + (1 if n == 4 else (-1 if n == 5 else 0))
                other = thick[i, j, k]
                if other <= f32(1e-5):
                    conducted += f32(1) / (f32(2) + f32(1.5) * own)
                else:
                    c = f32(1) / (f32(1.5) * (own + other) + _THIN)
                    conducted += c
                    total += c * phi[i, j, k]
            phi[x, y, z] += OVER * (total / conducted - phi[x, y, z])


@kernel
def _relax(thick, source, phi, parity):
    for x in prange(1, thick.shape[0] - 1):
        _relax_slab(thick, source, phi, x, parity)


@serial
def _relax_often(thick, source, phi, turns):
    for turn in range(2 * turns):
        for x in range(1, thick.shape[0] - 1):
            _relax_slab(thick, source, phi, x, turn & 1)


def solved(thick, source):
    """Mean radiance of light that spreads from a source.

    Parameters
    ----------
    thick : ndarray of float32, shape (X, Y, Z)
        Optical thickness of each cell for scattering made isotropic; the outermost cells are empty.
    source : ndarray of float32, shape (X, Y, Z)
        What each cell adds, as its optical thickness times the radiance it sends out.

    Returns
    -------
    ndarray of float32, shape (X, Y, Z)
        In the units of the source; 0 in empty cells.
    """
    if max(thick.shape) > 2 * SMALLEST:
        coarse = solved(_halved(thick, 0.25), _halved(source, 0.25))
        phi = coarse.repeat(2, axis=0).repeat(2, axis=1).repeat(2, axis=2)[
            2 : thick.shape[0] + 2, 2 : thick.shape[1] + 2, 2 : thick.shape[2] + 2].copy()
        phi *= thick > 1e-5
    else:
        phi = np.zeros_like(thick)
    if thick.size <= SMALL:
        _relax_often(thick, source, phi, TURNS)
        return phi
    for turn in range(2 * TURNS):
        _relax(thick, source, phi, turn & 1)
    return phi


def _halved(values, factor):
    """Sums over cubes of eight cells times a factor, with an empty border again.

    A cell twice as wide is twice as thick, which is a quarter of the sum of eight; what it takes up goes through faces
    four times as large, so its source is a quarter of the sum as well.
    """
    sides = [(side + 1) // 2 * 2 for side in values.shape]
    padded = np.zeros(sides, values.dtype)
    padded[tuple(slice(0, side) for side in values.shape)] = values
    halved = padded.reshape(sides[0] // 2, 2, sides[1] // 2, 2, sides[2] // 2, 2).sum(axis=(1, 3, 5)) * np.float32(factor)
    out = np.zeros([side + 2 for side in halved.shape], values.dtype)
    out[1:-1, 1:-1, 1:-1] = halved
    return out
