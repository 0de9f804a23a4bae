"""A growth as an asset of a library: its frames, refined, as a sequence with tiers."""

import pathlib
import tempfile

import numpy as np

from ..exchange.numbered import plain_name
from ..library.adopting import adopt
from ..problems import Problem
from .frames import FINER, growth_written
from .riding import LEAST


def growth_published(kept, library, tiers=(1,), finer=FINER, workers=1, ticket=None):
    """Take the frames of a growth into a library as a version.

    Parameters
    ----------
    kept : KeptGrowth
    library : path-like
    tiers : sequence of int, optional
    finer : int, optional
        Voxels along a cell.
    workers : int, optional
        Processes that refine the frames.
    ticket : Ticket, optional

    Returns
    -------
    pathlib.Path
        Folder of the new version.

    Raises
    ------
    Problem
        When no frame holds any cloud.
    """
    def holds_cloud(number):
        return bool(np.any(kept.frame(number).cloud > LEAST))

    # Before anything has risen frames are empty, and when all is gone.
    first = next(filter(holds_cloud, kept.numbers()), None)
    if first is None:
        raise Problem("{}: no frame holds any cloud yet; let it grow for longer.", kept.mound.name)
    with tempfile.TemporaryDirectory(prefix="softmound-growth-") as folder:
        if ticket is not None:
            ticket.step(0.0, 0.7, "refining frames")
        growth_written(kept, folder, finer=finer, workers=workers, ticket=ticket)
        if ticket is not None:
            ticket.step(0.7, 1.0, "taking them into the library")
        pattern = pathlib.Path(folder, f"{plain_name(kept.mound.name)}.####.vdb")
        last = next(filter(holds_cloud, reversed(kept.numbers())))
        return adopt(pattern, library, kept.mound.name, source="grown", tiers=tiers, frames=(first, last),
                     rate=kept.rate / kept.step, extinction=kept.mound.light.medium.extinction, ticket=ticket)
