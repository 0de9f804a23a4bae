"""Ready growths: forms that give off cloud, smoke or fog, with the air, the light and the view that show them."""

from collections.abc import Callable
from typing import NamedTuple

from ..growth.growing import foretold_box
from ..light.scene.camera import fitted
from ..mass.kinds.blob import Blob
from ..mass.kinds.solid import Solid
from ..problems import Problem
from ..recipe.models import BaseLevel, Light, Mass, Medium, Mound, Skin, Sun, View, Voxels
from ..recipe.time import FADES, SOUNDINGS, Growth
from ..standins.kinds.box import Box
from .species import SKY

EVEN, SWELLS = FADES["Even"], FADES["Swells"]
SUN, EYE = Sun(azimuth=122.0, elevation=28.0), View(elevation=-4.0)
SEEN = (1280, 800)
"""Pixels of the picture that the view is for."""
WARM_GROUND = Blob(name="Warm ground", centre=(0.0, 14.0, 0.0), radii=(70.0, 12.0, 58.0))


def _turret():
    growth = Growth(seconds=4.0, lead=1.2, pace=160.0, cell=4.0, larger=10.0, emits=4.6, fades=SWELLS, heat=1.4, moisture=1.04,
                    patchy=0.45, patch=45.0, pulse=1.4, base=28.0, room=3.2, shear=0.6, sounding=SOUNDINGS["Towering"])
    return _mound(WARM_GROUND, growth, 1.2)


def _burst():
    growth = Growth(seconds=3.0, lead=0.6, pace=100.0, cell=3.5, larger=10.0, emits=1.1, heat=5.0, moisture=1.08, speed=6.0,
                    patchy=0.25, patch=40.0, pulse=0.0, base=25.0, room=4.0, sounding=SOUNDINGS["Towering"])
    return _mound(Blob(name="Hot spot", centre=(0.0, 14.0, 0.0), radii=(48.0, 14.0, 48.0)), growth, 1.2)


def _anvil():
    growth = Growth(seconds=5.0, lead=0.7, pace=240.0, cell=6.0, larger=16.0, emits=4.8, fades=SWELLS, heat=2.0, moisture=1.05,
                    patchy=0.3, patch=60.0, pulse=2.0, base=25.0, room=3.4, shear=2.0, sounding=SOUNDINGS["Capped"])
    return _mound(WARM_GROUND, growth, 1.2)


def _pouring():
    growth = Growth(seconds=5.0, lead=0.3, pace=18.0, cell=1.1, larger=2.0, emits=5.0, fades=EVEN, heat=-4.0, moisture=0.0,
                    smoke=3.0, patchy=0.35, patch=8.0, pulse=1.6, room=0.5, wind=0.6, along=90.0, sounding=None)
    plateau = Box(name="Plateau", place=(-22.0, 0.0, 0.0), size=(36.0, 26.0, 64.0), colour=(0.5, 0.44, 0.38))
    fog = Solid(name="Fog", shape="box", centre=(-20.0, 28.5, 0.0), size=(32.0, 5.0, 52.0))
    return _mound(fog, growth, 0.6, (plateau,), Sun(azimuth=60.0, elevation=24.0), View(azimuth=25.0, elevation=6.0))


def _ring():
    growth = Growth(seconds=4.0, pace=2.5, cell=0.3, larger=1.0, emits=0.35, fades=EVEN, heat=6.0, moisture=0.0, smoke=30.0,
                    speed=9.0, patchy=0.0, patch=1.5, pulse=0.0, room=4.0, detail=0.4, sounding=None)
    mouth = Solid(name="Mouth", shape="ring", centre=(0.0, 1.4, 0.0), size=(8.0, 1.6, 8.0))
    return _mound(mouth, growth, 3.0, view=View(elevation=-34.0))


def _steam():
    growth = Growth(seconds=4.0, pace=2.5, cell=0.16, larger=1.0, emits=4.0, fades=EVEN, heat=14.0, moisture=0.0, smoke=22.0,
                    speed=3.0, patchy=0.2, patch=0.5, pulse=0.5, room=7.0, thins=0.12, cools=0.05,
                    wind=1.2, shear=20.0, sounding=None)
    return _mound(Blob(name="Chimney", centre=(0.0, 0.4, 0.0), radii=(0.9, 0.4, 0.9)), growth, 4.0)


def _mound(form, growth, extinction, stand_ins=(), sun=SUN, view=EYE):
    """A mound that grows from inside of one form, which is not seen itself."""
    half = form.half
    return Mound(mass=Mass(forms=(form,), melt=0.0, base=BaseLevel(on=False)), skin=Skin(thickness=0.3 * float(min(half))),
                 voxels=Voxels(final=0.02 * float(max(half)), crumbs=0.0), growth=growth.edited(form="none", gives="inside"),
                 light=Light(sun=sun, sky=SKY, metered=True, medium=Medium(extinction=extinction)), view=view, stand_ins=stand_ins)


class Rising(NamedTuple):
    """A ready growth: its label, a sentence, and what makes its mound."""

    label: str
    sentence: str
    make: Callable


RISING = {
    "turret": Rising("Turret", "Turrets rise one after the other from warm ground: a congestus.", _turret),
    "burst": Rising("Burst", "One strong thermal breaks through: crisp, round, rolling over.", _burst),
    "anvil": Rising("Anvil", "A tower meets a lid and spreads below it, downwind.", _anvil),
    "fog": Rising("Fog that pours", "Cold fog runs over the edge of a plateau and down.", _pouring),
    "ring": Rising("Ring", "A puff leaves a mouth and rolls up to a ring.", _ring),
    "steam": Rising("Steam", "Steam from a chimney is drawn away by a breeze, and gone after a while.", _steam),
}
"""Ready growths by their word."""


def rising(word, name, seed=1):
    """A mound with a ready growth.

    Parameters
    ----------
    word : str
        One of `RISING`.
    name : str
    seed : int, optional

    Returns
    -------
    Mound
        It has not grown yet; the view holds what will have risen.

    Raises
    ------
    Problem
        When there is no such growth.
    """
    if word not in RISING:
        raise Problem("There is no ready growth {!r}; choose one of {}.", word, ", ".join(RISING))
    mound = RISING[word].make()
    return mound.edited(name=name, growth=mound.growth.edited(seed=seed), view=fitted(mound.view, *foretold_box(mound), *SEEN))
