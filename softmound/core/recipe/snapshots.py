"""Pictures kept with the recipe that made them."""

import numpy as np

from .arrays import Arrays
from .models import Mound, Snapshot


def with_snapshot(mound: Mound, pixels: np.ndarray, recipe: Mound | None = None) -> Mound:
    """A mound that keeps one more snapshot, under the first name that is free.

    Parameters
    ----------
    mound : Mound
    pixels : ndarray of uint8, shape (height, width, 3)
        The picture, in sRGB.
    recipe : Mound, optional
        What made it; default the mound as it is. Its own snapshots are not kept with it.

    Returns
    -------
    Mound

    Raises
    ------
    OutOfLimits
        If a mound cannot hold so many.
    """
    names = {snapshot.name for snapshot in mound.snapshots}
    name = next(f"Snapshot {n}" for n in range(1, len(names) + 2) if f"Snapshot {n}" not in names)
    recipe = (mound if recipe is None else recipe).edited(snapshots=())
    snapshot = Snapshot(name=name, picture=Arrays(pixels=np.ascontiguousarray(pixels)), recipe=recipe)
    return mound.edited(snapshots=(*mound.snapshots, snapshot))
