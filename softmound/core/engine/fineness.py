"""How fine the voxels are that a picture at rest stands on: as fine as a pixel can show and memory allows, in any light."""

import math

import numpy as np

from ..light.scene.camera import camera_of
from .density import bounds_of, draft_voxel
from .forecast import memory_at_most, memory_limit

WORTH = 1.3
"""Times the finest voxel that a picture has to be coarser for a sharper one to be worth it."""
SHARE = 0.25
"""Of the memory there is, that a sharper picture may take."""


def finer_voxels(mound, camera, draft):
    """Voxels at which a picture is made again once the hand rests, each about half of the one before.

    Parameters
    ----------
    mound : Mound
    camera : Camera
    draft : float
        The voxel it is shown at, metres.

    Returns
    -------
    list of float
        Down to the final voxel, or to what a pixel covers in the middle of the cloud, whichever is coarser.
    """
    bounds = bounds_of(mound)
    if bounds is None:
        return []
    away = float(np.linalg.norm(np.asarray(camera.eye) - (bounds[0] + bounds[1]) / 2))
    least = max(mound.voxels.final, float(f"{away * camera.spread:.2g}"))
    found, voxel = [], draft
    while voxel > WORTH * least:
        voxel = max(voxel / 2.0, least)
        found.append(voxel)
    return found


def sharper_voxels(mound, camera, ahead, draft, seconds=math.inf):
    """Those of the finer voxels that can be had.

    Parameters
    ----------
    mound : Mound
    camera : Camera
    ahead : Forecast
        Of the mound.
    draft : float
        The voxel it is shown at, metres.
    seconds : float, optional
        That a build may take.

    Returns
    -------
    list of float
        As of `finer_voxels`, up to the first for which memory or time do not suffice.
    """
    found = []
    for voxel in finer_voxels(mound, camera, draft):
        if ahead.memory(voxel) > SHARE * memory_limit() or ahead.seconds(voxel) > seconds:
            break
        found.append(voxel)
    return found


def picture_voxel(stages, mound, camera, ticket=None):
    """The voxel of a picture for which nobody named one.

    Parameters
    ----------
    stages : Stages
    mound : Mound
    camera : Camera
    ticket : Ticket, optional

    Returns
    -------
    float
        Metres; never coarser than the draft voxel.
    """
    draft = draft_voxel(mound)
    finest = (finer_voxels(mound, camera, draft) or [draft])[-1]
    if finest == draft or memory_at_most(mound, finest) <= SHARE * memory_limit():
        return finest
    return (sharper_voxels(mound, camera, stages.forecast(mound, ticket), draft) or [draft])[-1]


def film_voxel(stages, mounds, width, height, ticket=None):
    """The one voxel of all pictures of a film for which nobody named one.

    Parameters
    ----------
    stages : Stages
    mounds : sequence of Mound
        Some of its frames.
    width, height : int
        Pixels.
    ticket : Ticket, optional

    Returns
    -------
    float
        Metres: the finest that one of the frames is worth and for which memory suffices in all of them.
    """
    wanted = [picture_voxel(stages, mound, camera_of(mound.view, width, height), ticket) for mound in mounds]
    fits = [voxel for voxel in wanted if all(memory_at_most(mound, voxel) <= SHARE * memory_limit() for mound in mounds)]
    return min(fits or [max(wanted)])
