"""Reading between samples: the one home of trilinear look-up in kernels that light and show a cloud."""

from ...kernels import call, f32, i32, row, u64
from ...volume.bricks import SIDE

WIDE = SIDE + 1
"""Voxels along a brick with its layer of neighbours."""

# Distances in a flat pool of widened bricks to a voxel's neighbours. Unsigned places spare a check for negative ones.
_J, _I = u64(WIDE), u64(WIDE * WIDE)


@row
def blended(values, at, next_x, next_y, next_z, u, v, w):
    """Trilinear value between eight samples of a flat array.

    Parameters
    ----------
    values : ndarray of float32, flat
    at : uint64
        Place of the sample with the lowest coordinates.
    next_x, next_y, next_z : uint64
        How far on the neighbours are.
    u, v, w : float32
        Where between them, from 0 to 1.

    Returns
    -------
    float32
    """
    a = values[at] + w * (values[at + next_z] - values[at])
    b = values[at + next_y] + w * (values[at + next_y + next_z] - values[at + next_y])
    c = values[at + next_x] + w * (values[at + next_x + next_z] - values[at + next_x])
    at += next_x + next_y
    d = values[at] + w * (values[at + next_z] - values[at])
    a += v * (b - a)
    return a + u * (c + v * (d - c) - a)


@row
def in_brick(values, base, u, v, w):
    """Density within a widened brick.

    Parameters
    ----------
    values : ndarray of float32, shape (N * 729,)
        All bricks, flat.
    base : int
        Where the brick begins.
    u, v, w : float32
        Place in voxels, from 0 to below 8.

    Returns
    -------
    float32
    """
    i = i32(u)
    j = i32(v)
    k = i32(w)
    at = u64(base + (i * WIDE + j) * WIDE + k)
    return blended(values, at, _I, _J, u64(1), u - f32(i), v - f32(j), w - f32(k))


@row
def within(voxel):
    """Place in a brick, along one axis, for `in_brick`: rounding at the border must not read beyond the brick's layer.

    Parameters
    ----------
    voxel : float32
        From the brick's lower corner.

    Returns
    -------
    float32
        From 0 to below 8.
    """
    return min(max(voxel, f32(0)), f32(7.9999))


@row
def cell_of(x, y, z, nx, ny, nz):
    """Number of the cell of a dense lattice that holds a place, x slowest, and where within it the place lies.

    Parameters
    ----------
    x, y, z : float32
        In cells; what lies outside counts as the nearest cell.
    nx, ny, nz : int
        Sides of the lattice.

    Returns
    -------
    (uint64, float32, float32, float32)
    """
    fx = min(max(x, f32(0)), f32(nx) - f32(1.001))
    fy = min(max(y, f32(0)), f32(ny) - f32(1.001))
    fz = min(max(z, f32(0)), f32(nz) - f32(1.001))
    i = i32(fx)
    j = i32(fy)
    k = i32(fz)
    return u64((i * ny + j) * nz + k), fx - f32(i), fy - f32(j), fz - f32(k)


@call
def lattice_value(values, base, sides, x, y, z):
    """Trilinear value of a dense lattice within a flat array.

    Parameters
    ----------
    values : ndarray of float32, flat
    base : int
        Where the lattice begins.
    sides : ndarray of int, shape (3,)
    x, y, z : float32
        In cells; what lies outside reads as the nearest cell.

    Returns
    -------
    float32
    """
    at, u, v, w = cell_of(x, y, z, sides[0], sides[1], sides[2])
    return blended(values, at + u64(base), u64(sides[1] * sides[2]), u64(sides[2]), u64(1), u, v, w)
