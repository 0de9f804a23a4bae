"""Growths of other seeds side by side, coarse and small, each as a few pictures in turn."""

import pathlib
import tempfile

from ..engine.stages import Stages, picture
from ..light.scene.camera import fitted
from ..ticket import one_by_one
from .films import clouds_of_frame
from .growing import grown
from .source import cell_of

COARSER, PICTURES, SIZE, RATE = 1.7, 6, (232, 146), 12.0
"""Times the cell of the growth itself; pictures of each; their pixels; frames a second that are solved for."""


def seeded(mound, number):
    """A mound whose growth has another seed.

    Parameters
    ----------
    mound : Mound
        With a growth.
    number : int
        0 is the mound itself.

    Returns
    -------
    Mound
    """
    return mound.edited(growth=mound.growth.edited(seed=(mound.growth.seed + number) % 2**31))


def siblings(mound, count, beside=None, ticket=None):
    """Growths of several seeds, one after another.

    Parameters
    ----------
    mound : Mound
        With a growth.
    count : int
    beside : path-like, optional
        Folder that files of moving forms are named from.
    ticket : Ticket, optional

    Yields
    ------
    (int, Mound, list of ndarray of uint8)
        Number, recipe, and pictures from early to late, of shape (height, width, 4).

    Raises
    ------
    Problem
        When it cannot grow.
    """
    coarse, stages = cell_of(mound) * COARSER, Stages()
    for number in one_by_one(range(count), lambda n, _: f"growth {n + 1} of {count}", ticket):
        made, quiet = seeded(mound, number), ticket.quiet() if ticket is not None else None
        with tempfile.TemporaryDirectory(prefix="softmound-siblings-") as folder:
            kept = grown(made.edited(growth=made.growth.edited(cell=coarse)), pathlib.Path(folder), RATE, ticket=quiet,
                         beside=beside)
            there = kept.numbers()
            wanted = [there[round((len(there) - 1) * (n + 1) / PICTURES)] for n in range(PICTURES)]
            view = fitted(made.view, *kept.frame(there[-1]).box, *SIZE)
            yield number, made, [_picture(stages, kept, n, made, view, quiet) for n in wanted]


def _picture(stages, kept, number, mound, view, ticket):
    clouds = clouds_of_frame(kept, number, mound.light.medium, 1, ticket=ticket)
    scene = stages.scene_of(mound.light, view, clouds, stand_ins=mound.stand_ins)
    return picture(stages, scene, *SIZE, passes=1, ticket=ticket)
