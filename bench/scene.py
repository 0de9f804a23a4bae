"""The demo hero at a stated number of voxels, made for the figures."""

import pathlib

from softmound.core.engine.density import bounds_of, density_grid
from softmound.core.recipe import read_mound
from softmound.core.recipe.starts import heap

DEMO = pathlib.Path(__file__).parent.parent / "demo"


def hero():
    """The demo's first mound.

    Returns
    -------
    Mound
    """
    return read_mound(DEMO / "cottage_loaf.mound")


def tall():
    """A mound about as tall as it is deep, near the proportions 192 x 128 x 192.

    Returns
    -------
    Mound
    """
    mound = hero()
    balls = heap(16, 400.0, seed=2, height=0.62, dome=0.85, generations=2, buds=7)
    return mound.edited(mass=mound.mass.edited(blobs=balls))


def voxel_for(mound, along):
    """Voxel that puts so many voxels along the longest side of what is built.

    Parameters
    ----------
    mound : Mound
    along : int

    Returns
    -------
    float
        Metres.
    """
    low, high = density_grid(mound, _rough(mound)).active_bounds()
    return float((high - low + 1).max() * _rough(mound) / along)


def _rough(mound):
    low, high = bounds_of(mound)
    return float((high - low).max() / 160)
