"""What the child process of `foreign` hands over; apart from it, so that the child loads no more than it needs."""

import json

import numpy as np

SCALARS = ("float", "bool")
"""Types of values that become a density; halves are floats to the library, and true is 1."""
FIELDS = ("coords", "values", "tile_coords", "tile_values")


def save_grid(grid, answer, about):
    """Store a grid for the parent process.

    Parameters
    ----------
    grid : BrickGrid
    answer : path-like
    about : dict
        The grid's class and its metadata, as JSON has them.
    """
    np.savez(answer, about=json.dumps(about), voxel=grid.voxel, background=grid.background, offset=np.array(grid.offset),
             **{field: getattr(grid, field) for field in FIELDS})
