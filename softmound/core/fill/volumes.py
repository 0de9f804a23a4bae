"""Volumes that join a mound's density by their values."""

import numpy as np

from ..budget import remembered
from ..directions import rotation_matrix
from ..mass.surface import stored_grid
from ..volume.combine import combined
from ..volume.resample import resampled


def density_volumes(mass):
    """Forms of a mass that join by density, in their order.

    Parameters
    ----------
    mass : Mass

    Returns
    -------
    list of Volume
    """
    return [form for form in mass.forms if form.as_density]


def _axes(volume):
    turned = rotation_matrix(volume.rotation) * (-1.0 if volume.mirror else 1.0, 1.0, 1.0)
    return turned * volume.scale


def box_of_volume(volume):
    """Box of a volume in the world.

    Parameters
    ----------
    volume : Volume

    Returns
    -------
    (ndarray of float64, ndarray of float64) or None
        Corners in metres.
    """
    grid = stored_grid(volume.grid)
    bounds = grid.active_bounds()
    if bounds is None:
        return None
    ends = np.array([grid.world(bounds[0]) - grid.voxel, grid.world(bounds[1]) + grid.voxel])
    corners = np.stack(np.meshgrid(*ends.T, indexing="ij"), -1).reshape(-1, 3) @ _axes(volume).T + volume.centre
    return corners.min(axis=0), corners.max(axis=0)


def voxel_of_volume(volume):
    """Voxel of a volume in the world.

    Parameters
    ----------
    volume : Volume

    Returns
    -------
    float
        Metres: the mean of its sides.
    """
    return float(volume.grid["about"][0]) * float(np.prod(volume.scale)) ** (1 / 3)


@remembered
def _placed(volume, voxel):
    return resampled(stored_grid(volume.grid), voxel, offset=(0.0, 0.0, 0.0), axes=_axes(volume), shift=volume.centre)


def with_volumes(grid, mass, ticket=None):
    """A mound's density with the volumes that join by density.

    Parameters
    ----------
    grid : BrickGrid
    mass : Mass
    ticket : Ticket, optional

    Returns
    -------
    BrickGrid
        On the same voxels.
    """
    for volume in density_volumes(mass):
        if ticket is not None:
            ticket.tick(0.0)
        alone = volume.model_copy(update={"name": "", "by": "add", "role": "adds", "melt": None, "locked": False})
        grid = combined(grid, _placed(alone, grid.voxel), volume.by, ticket)
    return grid
