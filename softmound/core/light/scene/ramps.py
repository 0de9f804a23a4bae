"""Colours that follow density, depth or height: what of each colour is scattered, and the cloud's own light.

A colour of scattering is that of a thick part in white light; the albedo that leads to it follows from theory, since light
that is scattered hundreds of times makes a deep colour of an albedo just below 1.
"""

from dataclasses import dataclass

import numpy as np
import scipy

from ..lattices.coarse import shrunk
from .phase import albedo_of, lobes_of, mean_cosine, thick_share

CELLS = 96
"""About how many cells go along the longest axis, at most."""
INSIDE = 0.05
"""Density from which on depth is counted."""


@dataclass(frozen=True, eq=False)
class Colours:
    """Colours on a lattice.

    Attributes
    ----------
    first : ndarray of float64, shape (3,)
        World position of the middle of cell (0, 0, 0), metres.
    cell : float
        Edge in metres.
    values : ndarray of float32, shape (6, X, Y, Z)
        Share of red, green and blue that is scattered, then red, green and blue of the glow.
    """

    first: np.ndarray
    cell: float
    values: np.ndarray

    @property
    def nbytes(self):
        """Bytes held."""
        return self.values.nbytes


def colours_of(coarse, medium):
    """Colours of a medium where ramps give them.

    Parameters
    ----------
    coarse : Coarse
    medium : Medium
        With a ramp at least for one of both; where there is none the colours are 1.

    Returns
    -------
    Colours
    """
    factor = 1
    while max(coarse.density.shape) / factor > CELLS * 1.3:
        factor *= 2
    density = coarse.density if factor == 1 else shrunk(coarse.density, factor)
    first, cell = coarse.first + coarse.cell * (factor - 1) / 2, coarse.cell * factor
    colours = np.ones((6, *density.shape), np.float32)
    for place, ramp in ((0, medium.tint_by), (3, medium.glow_by)):
        if ramp is not None:
            measure = _measure(ramp.by, density, first, cell)
            share = np.clip((measure - ramp.low) / (ramp.high - ramp.low), 0.0, 1.0)
            at, values = [stop[0] for stop in ramp.stops], np.array([stop[1] for stop in ramp.stops])
            for n in range(3):
                shown = np.interp(share, at, values[:, n])
                colours[place + n] = shown if place else albedo_of(shown, mean_cosine(lobes_of(medium)))
    return Colours(first, cell, colours)


def _measure(by, density, first, cell):
    if by == "density":
        return density
    if by == "height":
        return np.broadcast_to((first[1] + cell * np.arange(density.shape[1]))[:, None], density.shape)
    # From the middle of a cell at the edge it is half a cell to the surface.
    return np.maximum(scipy.ndimage.distance_transform_edt(density > INSIDE) - 0.5, 0.0) * cell


def hues_of(scene, coarse_of):
    """Colours of the clouds of a scene, as a march gathers them and as paths read them.

    Parameters
    ----------
    scene : Scene
        One whose colours differ from place to place (`Scene.hued`).
    coarse_of : callable
        Given a cloud, its `Coarse` in its own metres.

    Returns
    -------
    seen : list of Colours
        Of a single cloud its ramps alone; of several what each sends back in all, since the picture then has no colour of its own.
    ramped : list of Colours or None
        Ramps alone; None where no cloud has any.
    """
    ramped = [colours_of(coarse_of(cloud), cloud.shown) if _has_ramps(cloud.medium) else _even(cloud.grid)
              for cloud in scene.clouds]
    any_ramps = any(_has_ramps(cloud.medium) for cloud in scene.clouds)
    seen = ramped if len(scene.clouds) == 1 else [_coloured(c, cloud.shown) for c, cloud in zip(ramped, scene.clouds)]
    return seen, ramped if any_ramps else None


def _has_ramps(medium):
    return medium.tint_by is not None or medium.glow_by is not None


def _even(grid):
    """Colours that are 1 everywhere: two cells along each side do, since what lies outside reads as the nearest."""
    return Colours(np.asarray(grid.offset, float), grid.voxel, np.ones((6, 2, 2, 2), np.float32))


def _coloured(colours, medium):
    own = np.array([*(medium.albedo * np.asarray(medium.tint)), *(medium.glow_strength * np.asarray(medium.glow))], np.float32)
    values = colours.values * own[:, None, None, None]
    values[:3] = thick_share(values[:3], mean_cosine(lobes_of(medium)))
    return Colours(colours.first, colours.cell, values)
