"""Optical depth toward one direction at every cell of a lattice, in one sweep.

The lattice is walked in slices away from the light. Depths gathered so far lie on a sheet that
slides along with the rays, so each slice costs two interpolations of one row with its neighbour
and the depth is interpolated twice in all, however long the ray. Threads own bands of the sheet
and share nothing.
"""

import math

import numpy as np

from ...kernels import each, f32, kernel, prange

BANDS = 16
BLOCK = 16
"""Cells along a square that is turned over at once."""


@kernel
def _sweep(density, across, flipped, slide_i, slide_j, step, first, rows, columns, left, out):
    """Depths of slices along the first axis or, where the sweep goes across it, the second."""
    slices = density.shape[1] if across else density.shape[0]
    height = density.shape[0] if across else density.shape[1]
    width = density.shape[2]
    for band in prange(BANDS):
        top = first + rows * band // BANDS
        bottom = first + rows * (band + 1) // BANDS
        if bottom <= top:
            continue
        sheet = np.zeros((bottom - top + 1, columns + 1), np.float32)
        for n in range(slices):
            k = slices - 1 - n if flipped else n
            down = slide_i * f32(n)
            along = slide_j * f32(n)
            # Read the sheet: cell row i sits between the sheet rows around i - down.
            ceil_i = np.int64(math.ceil(down))
            part_i = f32(ceil_i) - down
            ceil_j = np.int64(math.ceil(along))
            part_j = f32(ceil_j) - along
            for u in range(top, bottom):
                i = u + ceil_i
                if i < 0 or i >= height:
                    continue
                start = -ceil_j - left
                # Slices, so that the compiler sees plain rows and vectorises.
                near = sheet[u - top, start : start + width]
                near_next = sheet[u - top, start + 1 : start + 1 + width]
                far = sheet[u - top + 1, start : start + width]
                far_next = sheet[u - top + 1, start + 1 : start + 1 + width]
                cells = density[i, k] if across else density[k, i]
                depths = out[i, k] if across else out[k, i]
                for j in range(width):
                    a = near[j] + part_j * (near_next[j] - near[j])
                    b = far[j] + part_j * (far_next[j] - far[j])
                    depths[j] = a + part_i * (b - a) + f32(0.5) * step * cells[j]
            # Add this slice to the sheet: sheet row u sits between the cell rows around u + down.
            floor_i = np.int64(math.floor(down))
            rest_i = down - f32(floor_i)
            floor_j = np.int64(math.floor(along))
            rest_j = along - f32(floor_j)
            for u in range(top, bottom + 1):
                start = -floor_j - left
                here = sheet[u - top, start : start + width]
                before = sheet[u - top, start - 1 : start - 1 + width]
                for side in range(2):
                    i = u + floor_i + side
                    if i < 0 or i >= height:
                        continue
                    weight = (rest_i if side else f32(1) - rest_i) * step
                    cells = density[i, k] if across else density[k, i]
                    for j in range(width):
                        here[j] += weight * (f32(1) - rest_j) * cells[j]
                    for j in range(width):
                        before[j] += weight * rest_j * cells[j]


@each("values")
def _turn_over(x, values, out):
    """Put the last axis first, in squares that the nearest memory holds."""
    for top in range(0, values.shape[1], BLOCK):
        for low in range(0, values.shape[2], BLOCK):
            for z in range(low, min(low + BLOCK, values.shape[2])):
                for y in range(top, min(top + BLOCK, values.shape[1])):
                    out[z, x, y] = values[x, y, z]


def turned_over(values):
    """A lattice with its last axis first, as a sweep along that axis reads it.

    Parameters
    ----------
    values : ndarray of float32, shape (X, Y, Z)

    Returns
    -------
    ndarray of float32, shape (Z, X, Y)
        C-contiguous.
    """
    out = np.empty((values.shape[2], *values.shape[:2]), np.float32)
    _turn_over(values, out)
    return out


def depth_toward(density, cell, direction, turned=None):
    """Integral of density from each cell's middle to the edge of the lattice.

    Parameters
    ----------
    density : ndarray of float32, shape (X, Y, Z)
        C-contiguous.
    cell : float
        Edge of a cell in metres.
    direction : sequence of float, length 3
        Unit vector toward the light.
    turned : callable, optional
        Gives the same density turned over (see `turned_over`); it is asked for when light comes mainly along the last axis.

    Returns
    -------
    ndarray of float32, shape (X, Y, Z)
        Density times metres. A multiple by the extinction scale is the optical depth. Where light comes mainly along the last
        axis this is a view whose last axis changes slowest in memory, since turning it back would take as long as the sweep.
    """
    direction = np.asarray(direction, float)
    main = int(np.argmax(np.abs(direction)))
    others = [a for a in range(3) if a != main]
    swept = density
    if main == 2:
        # Rows have to lie across the sweep.
        swept = turned_over(density) if turned is None else turned()
    slices, height, width = (density.shape[axis] for axis in (main, *others))
    # Walking away from the light by one slice moves a ray by this many cells.
    slide = [-direction[a] / abs(direction[main]) for a in others]
    step = cell / abs(direction[main])
    travel = [s * (slices - 1) for s in slide]
    first = -math.ceil(max(travel[0], 0.0)) - 1
    last = height - math.floor(min(travel[0], 0.0)) + 1
    left = -math.ceil(max(travel[1], 0.0)) - 1
    right = width - math.floor(min(travel[1], 0.0)) + 1
    out = np.empty_like(swept)
    # The light's side comes first.
    _sweep(swept, main == 1, bool(direction[main] > 0.0), f32(slide[0]), f32(slide[1]), f32(step), first, last - first,
           right - left, left, out)
    return out if main < 2 else out.transpose(1, 2, 0)
