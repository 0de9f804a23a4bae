"""Pictures and films of a growth: its frames, each lit."""

import numpy as np

from ..budget import MEMORY, size_of
from ..engine.kept_stills import going_on
from ..engine.stages import Stages
from ..engine.stills import still_of_scene
from ..exchange.pictures import written_frames
from ..light.scene.camera import camera_of
from ..light.scene.scene import PlacedCloud
from ..recipe.camera_path import view_at
from ..ticket import one_by_one
from ..volume.bricks import LANES, grid_of
from .riding import LEAST, refined

MOST_FINER = 4
"""Voxels along a cell of a picture at the most."""


def growth_stills(kept, light, view, taking, numbers=None, ticket=None, along=(), stand_ins=()):
    """Pictures of the frames of a growth.

    Parameters
    ----------
    kept : KeptGrowth
    light : Light
    view : View
    taking : Taking
    numbers : sequence of int, optional
        Default all frames that are kept.
    ticket : Ticket, optional
    along : sequence of ViewKey, optional
        The camera path, instead of the view.
    stand_ins : sequence of StandIn, optional
        Beside it.

    Yields
    ------
    (int, Still)
    """
    stages, numbers = Stages(), list(kept.numbers() if numbers is None else numbers)
    for at, number in enumerate(one_by_one(numbers, lambda n, _: f"picture {n + 1} of {len(numbers)}", ticket)):
        seen = view_at(along, number) if along else view
        finer = finer_for(kept, camera_of(seen, taking.width, taking.height))
        clouds = clouds_of_frame(kept, number, light.medium, finer, ticket=ticket)
        yield at, still_of_scene(stages, stages.scene_of(light, seen, clouds, stand_ins=stand_ins), taking, number, ticket)


def finer_for(kept, camera, most=MOST_FINER):
    """So many voxels along a cell that each is as large as what a pixel covers.

    Parameters
    ----------
    kept : KeptGrowth
    camera : Camera
    most : int, optional

    Returns
    -------
    int
        From 1 to `most`.
    """
    middle = kept.origin + 0.5 * kept.cell * np.array(kept.shape)
    pixel = float(np.linalg.norm(np.asarray(camera.eye) - middle)) * camera.spread
    return int(np.clip(round(kept.cell / pixel), 1, most))


def clouds_of_frame(kept, number, medium, finer=2, detail=None, ticket=None):
    """A frame of a growth as placed clouds, without the steps of its cells.

    Parameters
    ----------
    kept : KeptGrowth
    number : int
    medium : Medium
    finer : int, optional
        Voxels along a cell.
    detail : float, optional
        See `core.growth.riding.refined`; default that of the growth.
    ticket : Ticket, optional

    Returns
    -------
    tuple of PlacedCloud
        None of them while nothing has risen yet.
    """
    detail = kept.mound.growth.detail if detail is None else detail
    key = _key(kept, number, finer, detail)
    grid = MEMORY.get_or_make(key, lambda: grid_of_frame(kept.frame(number), finer, detail, ticket), size_of)
    return () if grid.brick_bounds() is None else (PlacedCloud(grid, medium, key=" ".join(map(str, key))),)


def at_hand(kept, number, finer, detail=None):
    """Whether a frame is in memory, refined so far.

    Parameters
    ----------
    kept : KeptGrowth
    number, finer, detail
        As of `clouds_of_frame`.

    Returns
    -------
    bool
    """
    return _key(kept, number, finer, kept.mound.growth.detail if detail is None else detail) in MEMORY


def _key(kept, number, finer, detail):
    # As long as the file is the same one.
    return "growth", str(kept.folder), number, kept.stamp(number), finer, detail


def grid_of_frame(grown, finer=2, detail=0.7, ticket=None):
    """A frame's cloud: BrickGrid, without bricks where there is none yet.

    Parameters
    ----------
    grown : Grown
    finer, detail, ticket
        See `core.growth.riding.refined`.
    """
    if not (grown.cloud > LEAST).any():
        return grid_of(grown.cell, np.zeros((0, 3), np.int32), np.zeros((0, LANES), np.float32))
    return refined(grown, finer, detail, ticket=ticket.quiet() if ticket is not None else None)


def film_of_growth(path, kept, light, view, taking, numbers=None, kind="png", ticket=None, along=(), stand_ins=()):
    """Write a film of the frames of a growth, at its rate.

    Parameters
    ----------
    path : pathlib.Path
        A film, or a folder for numbered pictures.
    kept, light, view, taking, numbers
        As of `growth_stills`.
    kind : str, optional
    ticket : Ticket, optional
    along : sequence of ViewKey, optional
        The camera path, instead of the view.
    stand_ins : sequence of StandIn, optional
        Beside it.

    Returns
    -------
    str
    """
    numbers = kept.numbers() if numbers is None else list(numbers)
    # Where every second frame is kept the film has half of the pictures, and half of the rate: time stays what it was.
    with going_on(path, taking) as taking:
        stills = growth_stills(kept, light, view, taking, numbers, ticket, along, stand_ins)
        return written_frames(path, stills, light, kind, kept.rate / kept.step)
