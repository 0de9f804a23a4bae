"""Measures of a cloud that are known of clouds in nature."""

import numpy as np

from .numbers import column_depths
from .resample import resampled
from .windows import read_window

SIDES = (0, 2, 1)
"""Axes along which the silhouette is looked at: from the side, the front and above."""
SMALLEST = 16
"""Pixels along the shorter side of the coarsest silhouette."""
MOST_ALONG = 160
"""Voxels along the cloud for its spectrum."""


def outline_dimension(mask):
    """Perimeter-area dimension of a silhouette: how its outline grows as it is looked at more finely.

    The outline of a set of pixels is measured at several coarsenings of it; a smooth one keeps its length, a
    fractal one grows with the power 1 - D of the size of the pixels (Lovejoy 1982, Science 216, for clouds of
    different size; here one cloud at different grain).

    Parameters
    ----------
    mask : ndarray of bool, shape (rows, columns)

    Returns
    -------
    float
        1 for a smooth outline; NaN when it is too small to tell.
    """
    sizes, lengths = [], []
    size = 1
    while min(np.ptp(np.argwhere(mask), axis=0) + 1) / size >= SMALLEST if mask.any() else False:
        found = []
        for shift in range(0, size, max(1, size // 3)):
            padded = np.pad(mask, ((shift + size, 2 * size), (shift + size, 2 * size)))
            rows, columns = (n // size * size for n in padded.shape)
            cut = padded[:rows, :columns].reshape(rows // size, size, columns // size, size).mean(axis=(1, 3))
            coarse = cut > 0.5
            found.append(_length(coarse) * size)
        sizes.append(size)
        lengths.append(np.mean(found))
        size *= 2
    if len(sizes) < 3:
        return float("nan")
    # The finest pixels only show the voxels.
    return float(1.0 - np.polyfit(np.log(sizes[1:]), np.log(lengths[1:]), 1)[0]) if len(sizes) > 3 else float(
        1.0 - np.polyfit(np.log(sizes), np.log(lengths), 1)[0])


def _length(mask):
    """Length of an outline by Crofton's formula: crossings of lines in four directions."""
    straight = np.count_nonzero(mask[1:] != mask[:-1]) + np.count_nonzero(mask[:, 1:] != mask[:, :-1])
    slanted = np.count_nonzero(mask[1:, 1:] != mask[:-1, :-1]) + np.count_nonzero(mask[1:, :-1] != mask[:-1, 1:])
    return np.pi / 8.0 * (straight + slanted / np.sqrt(2.0))


def silhouettes(grid):
    """Silhouettes of a density from three sides.

    Parameters
    ----------
    grid : BrickGrid

    Returns
    -------
    list of ndarray of bool
    """
    found = []
    for axis in SIDES:
        depth = column_depths(grid, axis)
        found.append(depth > 0.02 * depth.max(initial=0.0))
    return found


def spectrum_slope(grid):
    """Slope of the power spectrum of density along straight lines, as an aircraft measures it.

    Parameters
    ----------
    grid : BrickGrid
        Not empty.

    Returns
    -------
    float
        Exponent of k between an eighth of the cloud and four voxels; NaN when it is too small to tell.
    """
    low, high = grid.active_bounds()
    along = int((high - low + 1).max())
    if along > MOST_ALONG:
        grid = resampled(grid, grid.voxel * along / MOST_ALONG)
        low, high = grid.active_bounds()
    first, last = low // 8, high // 8
    dense = read_window(grid, first, last - first + 1)
    slopes = []
    for axis in range(3):
        lines = np.moveaxis(dense, axis, -1).reshape(-1, dense.shape[axis])
        lines = lines[(lines > 0.0).mean(axis=1) > 0.3]
        count = lines.shape[1]
        if len(lines) < 16 or count < 48:
            continue
        lines = (lines - lines.mean(axis=1, keepdims=True)) * np.hanning(count)
        power = (np.abs(np.fft.rfft(lines, axis=1)) ** 2).mean(axis=0)
        k = np.arange(len(power))
        use = (k >= 8) & (k <= count // 4)
        if use.sum() >= 5:
            slopes.append(np.polyfit(np.log(k[use]), np.log(power[use] + 1e-20), 1)[0])
    return float(np.mean(slopes)) if slopes else float("nan")


def edge_softness(grid, core):
    """Metres over which density rises from nothing to the core, at the slope it has halfway.

    Parameters
    ----------
    grid : BrickGrid
    core : float

    Returns
    -------
    float
        NaN without an edge.
    """
    values = grid.values.reshape(-1, 8, 8, 8)
    steep = np.sqrt(sum((np.roll(values, -1, a) - np.roll(values, 1, a))[:, 1:-1, 1:-1, 1:-1] ** 2 for a in (1, 2, 3)))
    middle = values[:, 1:-1, 1:-1, 1:-1] / core
    edge = (middle > 0.3) & (middle < 0.7) & (steep > 1e-6)
    if not edge.any():
        return float("nan")
    return float(core * 2.0 * grid.voxel / np.median(steep[edge]))
