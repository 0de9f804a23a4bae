"""Films of clouds that move: frames of a time line, each lit."""

from dataclasses import replace

from ..exchange.pictures import FILMS, written_frames
from ..exchange.sequences import mound_at
from ..recipe.camera_path import seen_from
from ..recipe.timing import some_of
from ..ticket import one_by_one
from .fineness import film_voxel
from .kept_stills import going_on
from .stages import Stages
from .stills import still_of
from .takes import Take

RATE = 24.0
"""Pictures a second of a mound without a time line."""


def moving_stills(mound, numbers, taking, voxel=None, folder=".", ticket=None):
    """Pictures of a mound at some frames, from its camera path where it has one.

    Parameters
    ----------
    mound : Mound
        With a time line.
    numbers : sequence of int
    taking : Taking
    voxel : float, optional
        Metres, the same for all; default that of `film_voxel`.
    folder : path-like, optional
        Of the mound, for files of moving forms.
    ticket : Ticket, optional

    Yields
    ------
    (int, Still)
        Number from 0, and the picture.
    """
    stages, numbers = Stages(), list(numbers)
    if voxel is None:
        some = [mound_at(seen_from(mound, number), number, folder) for number in some_of(numbers)]
        voxel = film_voxel(stages, some, taking.width, taking.height)
        taking = replace(taking, near=True)
    for at, number in enumerate(one_by_one(numbers, lambda n, _: f"picture {n + 1} of {len(numbers)}", ticket)):
        still = mound_at(seen_from(mound, number), number, folder)
        grid = stages.density(still, voxel, None if ticket is None else ticket.quiet(), remember=False)
        yield at, still_of(stages, still, grid, stages.density_key(still, voxel), taking, frame=number, ticket=ticket)


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
    with going_on(path, taking) as taking:
        return written_frames(path, moving_stills(mound, numbers, taking, voxel, folder, ticket), mound.light, kind, rate)


TAKES = {"film": Take("Film", "All frames, lit: a film (.mp4, or .webp, .gif, .png), or a folder of numbered .png where the name "
                      "has no ending.", FILMS, True, film_of_line, counted=False)}
"""What can be taken of what moves; its frames are those there are."""
