"""Velocity as an OpenVDB grid of vectors, for motion blur."""

import numpy as np

from ..volume.bricks import SIDE
from ..volume.reference import vdb

NAME = "velocity"


def stated(grid, rate):
    """Say what a grid of vectors holds: metres a second, in the middles of voxels, for films of so many frames a second.

    Parameters
    ----------
    grid : openvdb.Vec3SGrid
        Changed.
    rate : float

    Returns
    -------
    openvdb.Vec3SGrid
        The same.
    """
    grid.name = NAME
    for key, value in (("unit", "m/s"), ("staggered", "no: in the middles of voxels"), ("frames_per_second", float(rate))):
        grid[key] = value
    return grid


def corners_of(grid):
    """Corners of the bricks of a grid, each once.

    Parameters
    ----------
    grid : BrickGrid

    Returns
    -------
    points : ndarray of float64, shape (m, 3)
        Metres.
    numbers : ndarray of int64, shape (n, 8)
        Which of them are those of each brick: z fastest, then y, then x.
    """
    steps = np.stack(np.meshgrid([0, 1], [0, 1], [0, 1], indexing="ij"), -1).reshape(-1, 3)
    corners = (grid.coords[:, None, :] + steps).reshape(-1, 3)
    unique, numbers = np.unique(corners, axis=0, return_inverse=True)
    return np.array(grid.offset) + grid.voxel * SIDE * unique.astype(np.float64), numbers.reshape(-1, 8)


def velocity_grid(grid, values, numbers, rate, transform):
    """A grid of vectors over the bricks of another, even within each brick's corners.

    Parameters
    ----------
    grid : BrickGrid
    values : ndarray of float32, shape (m, 3)
        At its corners, metres a second.
    numbers : ndarray of int64, shape (n, 8)
        See `corners_of`.
    rate : float
        Frames a second.
    transform : openvdb.Transform
        Of the density.

    Returns
    -------
    openvdb.Vec3SGrid
    """
    part = np.arange(SIDE, dtype=np.float32) / SIDE
    shares = np.stack([1.0 - part, part])
    out = vdb.Vec3SGrid()
    for coord, corners in zip(grid.coords, values[numbers].reshape(-1, 2, 2, 2, 3)):
        block = np.einsum("ax,by,cz,abcn->xyzn", shares, shares, shares, corners, optimize=True)
        out.copyFromArray(np.ascontiguousarray(block, np.float32), ijk=tuple(int(v) for v in coord * SIDE))
    out.transform = transform
    return stated(out, rate)
