"""A recipe to its density grid, at any voxel."""

from dataclasses import dataclass, field

import numpy as np

from ..fill.skin import filled, thickness_at
from ..grain.push import pushed, reach_of
from ..mass.cells import chosen
from ..mass.distance import band_of, box_of, distance_in
from ..recipe.problems import Problem
from ..volume.bricks import LANES, grid_of
from ..volume.memory import BrickMemory

DRAFT_CELLS = 160
"""Draft voxels along the longest axis, when the recipe does not say."""
CHUNK = 2048


@dataclass
class Memories:
    """What a draft remembers from the one before: distances, and noise."""

    distance: BrickMemory = field(default_factory=BrickMemory)
    noise: BrickMemory = field(default_factory=BrickMemory)


def bounds_of(mound):
    """Box that holds the displaced cloud.

    Parameters
    ----------
    mound : Mound

    Returns
    -------
    (ndarray of float64, ndarray of float64) or None
        Corners in metres; None when there is no form above the base level.
    """
    return box_of(mound.mass, reach_of(mound.grains)[0])


def span_of(mound):
    """Longest side of the cloud's blocked-in shape.

    Parameters
    ----------
    mound : Mound

    Returns
    -------
    float
        Metres; 0 when there is no form.
    """
    box = box_of(mound.mass)
    return float((box[1] - box[0]).max()) if box is not None else 0.0


def draft_voxel(mound):
    """Voxel size to work at: the recipe's, or a 160th of the span rounded to two digits.

    Parameters
    ----------
    mound : Mound

    Returns
    -------
    float
        Metres.
    """
    if mound.voxels.draft is not None:
        return mound.voxels.draft
    return max(float(f"{max(span_of(mound), 0.8) / DRAFT_CELLS:.2g}"), 0.005)


def band_for(mound, voxel, ticket=None):
    """Bricks in which density can change, for a mound at a voxel.

    Parameters
    ----------
    mound : Mound
    voxel : float
        Metres.
    ticket : Ticket, optional

    Returns
    -------
    Band
    """
    outward, inward = reach_of(mound.grains)
    return band_of(mound.mass, voxel, outward, inward + thickness_at(mound.skin, voxel), ticket)


def density_grid(mound, voxel, ticket=None, memories=None):
    """Density of a mound.

    Parameters
    ----------
    mound : Mound
    voxel : float
        Metres.
    ticket : Ticket, optional
    memories : Memories, optional
        Makes a build after an edit redo only what the edit touched, at three times the memory.

    Returns
    -------
    BrickGrid
        From 0 to the core density, background 0; its bricks hold the whole displaced cloud.

    Raises
    ------
    Problem
        When memory runs out.
    Stopped
        When the ticket was told to stop.
    """
    try:
        if ticket is not None:
            ticket.step(0.0, 0.1, "finding the bricks")
        band = band_for(mound, voxel, ticket)
        if ticket is not None:
            ticket.step(0.1, 1.0, "filling the voxels")
        work = _whole if memories is not None else _streamed
        coords, values, full = work(mound, voxel, band.cells, ticket, memories)
    except MemoryError as error:
        raise Problem(
            f"Not enough memory for a voxel of {voxel:g} m; choose a larger one."
        ) from error
    if ticket is not None:
        ticket.tick(1.0)
    tiles = np.concatenate([band.inside, full])
    core = np.full(len(tiles), mound.skin.core, np.float32)
    return grid_of(voxel, coords, values, tiles, core)


def _whole(mound, voxel, cells, ticket, memories):
    coords = cells.coords
    distance = distance_in(mound.mass, voxel, cells, ticket, memories.distance)
    displaced = pushed(distance, coords, voxel, mound.grains, mound.mass.base, ticket,
                       memories.noise)
    density, low, high = filled(displaced, mound.skin, voxel, out=displaced)
    full = low >= np.float32(mound.skin.core)
    kept = (high > 0.0) & ~full
    return coords[kept], density[kept], coords[full]


def _streamed(mound, voxel, cells, ticket, _memories):
    coords = cells.coords
    core = np.float32(mound.skin.core)
    # Pages of the pool that no brick reaches are never touched, so they cost nothing.
    pool = np.empty((len(coords), LANES), np.float32)
    kept_coords, full_coords, kept = [], [], 0
    quiet = ticket.quiet() if ticket is not None else None
    for start in range(0, len(coords), CHUNK):
        if ticket is not None:
            ticket.tick(start / len(coords))
        part = chosen(cells, np.arange(start, min(start + CHUNK, len(coords))))
        values = distance_in(mound.mass, voxel, part, quiet)
        pushed(values, part.coords, voxel, mound.grains, mound.mass.base, quiet, out=values)
        density, low, high = filled(values, mound.skin, voxel, out=values)
        full = low >= core
        keep = (high > 0.0) & ~full
        count = int(keep.sum())
        pool[kept : kept + count] = density[keep]
        kept += count
        kept_coords.append(part.coords[keep])
        full_coords.append(part.coords[full])
    none = [np.empty((0, 3), np.int32)]
    return np.concatenate(kept_coords or none), pool[:kept], np.concatenate(full_coords or none)
