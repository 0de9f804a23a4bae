"""Films of clouds that move: frames of a time line, or of a growth, each lit."""

from ..exchange.pictures import FILMS, written_frames
from ..exchange.sequences import mound_at
from ..growth.frames import grid_of_frame
from ..light.scene import PlacedCloud
from .density import draft_voxel
from .stages import Stages
from .stills import still_of, still_of_scene
from .takes import Take

RATE = 24.0
"""Pictures a second of a mound without a time line."""


def moving_stills(mound, numbers, taking, voxel=None, folder=".", ticket=None):
    """Pictures of a mound at some frames.

    Parameters
    ----------
    mound : Mound
        With a time line.
    numbers : sequence of int
    taking : Taking
    voxel : float, optional
        Metres; default the draft voxel of the first frame, the same for all.
    folder : path-like, optional
        Of the mound, for files of moving forms.
    ticket : Ticket, optional

    Yields
    ------
    (int, Still)
        Number from 0, and the picture.
    """
    stages, numbers = Stages(), list(numbers)
    voxel = draft_voxel(mound_at(mound, numbers[0], folder)) if voxel is None else voxel
    for at, number in enumerate(numbers):
        _told(ticket, at, len(numbers))
        still = mound_at(mound, number, folder)
        grid = stages.density(still, voxel, None if ticket is None else ticket.quiet(), remember=False)
        yield at, still_of(stages, still, grid, stages.density_key(still, voxel), taking, frame=number, ticket=ticket)


def growth_stills(kept, light, view, taking, numbers=None, ticket=None):
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

    Yields
    ------
    (int, Still)
    """
    stages, numbers = Stages(), list(kept.numbers() if numbers is None else numbers)
    for at, number in enumerate(numbers):
        _told(ticket, at, len(numbers))
        clouds = clouds_of_frame(kept, number, light.medium)
        yield at, still_of_scene(stages, stages.scene_of(light, view, clouds), taking, number, ticket)


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


def _told(ticket, at, count):
    if ticket is not None:
        ticket.step(at / count, (at + 1) / count, f"picture {at + 1} of {count}")


def film_of_line(path, mound, numbers, taking, voxel=None, folder=".", kind="png", ticket=None):
    """Write a film of a mound at some frames, at the rate of its time line.

    Parameters
    ----------
    path : pathlib.Path
        A film, or a folder for numbered pictures.
    mound, numbers, taking, voxel, folder
        As of `moving_stills`.
    kind : str, optional
        "png" or "exr", in a folder.
    ticket : Ticket, optional

    Returns
    -------
    str
        What was written.
    """
    rate = RATE if mound.time is None else mound.time.rate
    return written_frames(path, moving_stills(mound, numbers, taking, voxel, folder, ticket), mound.light, kind, rate)


def film_of_growth(path, kept, light, view, taking, numbers=None, kind="png", ticket=None):
    """Write a film of the frames of a growth, at its rate.

    Parameters
    ----------
    path : pathlib.Path
        A film, or a folder for numbered pictures.
    kept, light, view, taking, numbers
        As of `growth_stills`.
    kind : str, optional
    ticket : Ticket, optional

    Returns
    -------
    str
    """
    numbers = kept.numbers() if numbers is None else list(numbers)
    # Where every second frame is kept the film has half of the pictures, and half of the rate: time stays what it was.
    return written_frames(path, growth_stills(kept, light, view, taking, numbers, ticket), light, kind, kept.rate / kept.step)


TAKES = {"film": Take("Film", "All frames, lit: a film (.mp4, or .webp, .gif, .png), or a folder of numbered .png where the name "
                      "has no ending.", FILMS, True, film_of_line, counted=False)}
"""What can be taken of what moves; its frames are those there are."""
