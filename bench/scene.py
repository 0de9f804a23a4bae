"""The demo hero at a stated number of voxels, made for the figures."""

import pathlib

from softmound.core.recipe import read_mound
from softmound.core.starts.heaps import heap

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
    return mound.edited(mass=mound.mass.edited(forms=balls))
