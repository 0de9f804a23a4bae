"""Pictures and films of a growth: its frames, each lit."""

from ..engine.kept_stills import going_on
from ..engine.stages import Stages
from ..engine.stills import still_of_scene
from ..exchange.pictures import written_frames
from ..light.scene.scene import PlacedCloud
from ..recipe.camera_path import view_at
from ..ticket import one_by_one
from .frames import grid_of_frame


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
        clouds = clouds_of_frame(kept, number, light.medium)
        seen = view_at(along, number) if along else view
        yield at, still_of_scene(stages, stages.scene_of(light, seen, clouds, stand_ins=stand_ins), taking, number, ticket)


def clouds_of_frame(kept, number, medium):
    """A frame of a growth as placed clouds.

    Parameters
    ----------
    kept : KeptGrowth
    number : int
    medium : Medium

    Returns
    -------
    tuple of PlacedCloud
        None of them while nothing has risen yet.
    """
    grid = grid_of_frame(kept.frame(number))
    if grid.brick_bounds() is None:
        return ()
    return (PlacedCloud(grid, medium, key=f"growth {kept.folder} {number}"),)


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
