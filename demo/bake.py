"""Remakes the demo mounds of The Weather Bakery: python demo/bake.py (from the repository)."""

import pathlib

import numpy as np

from softmound.core.engine.framing import framed
from softmound.core.exchange.foreign import read_triangles
from softmound.core.exchange.forms import mesh_form
from softmound.core.exchange.meshes import write_mesh
from softmound.core.grain.actions.nibble import Nibble
from softmound.core.grain.actions.push import Push
from softmound.core.grain.characters import ROLLED
from softmound.core.recipe import (
    BaseLevel,
    Coat,
    Lamp,
    Light,
    Mass,
    Medium,
    Mound,
    Skin,
    Sky,
    Sun,
    View,
    Voxels,
    eased,
    write_mound,
)
from softmound.core.starts.examples import FOLDER as EXAMPLES
from softmound.core.starts.growth import grown
from softmound.core.starts.modelled import start_from_form
from softmound.core.starts.species import start
from softmound.core.starts.wish import DEEP

AIR = Sky(kind="air", ground=(0.08, 0.10, 0.13), altitude=900.0, visibility=80.0)
"""Over a hazy sea, which lies below the horizon behind the cloud."""
HERE = pathlib.Path(__file__).parent


def lumped(feature, seed, tired=0.3, below=0.7):
    """Lumps on lumps in every direction, about the forms, and an edge that frays.

    Parameters
    ----------
    feature : float
        Of the Push, metres.
    seed : int
    tired : float, optional
        From 0, crisp, to 1, frayed.
    below : float, optional
        How much weaker on the underside.

    Returns
    -------
    tuple of Grain
    """
    return (
        Push(**ROLLED, feature=feature, strength=round(DEEP * feature, 1), octaves=6, gain=0.66, weaker_below=below, seed=seed),
        Nibble(feature=feature / 6.5, depth=round(feature * (0.04 + 0.15 * tired), 2), strength=round(0.3 + 0.5 * tired, 2),
               octaves=5, gain=0.62, seed=seed + 5),
    )


def _baked(name, forms, grains, light, view, *, level=14.0, melt=6.0, skin=1.5, final=0.8):
    return Mound(
        name=name,
        mass=Mass(forms=forms, melt=melt, base=BaseLevel(
            altitude=level, softness=12.0, raggedness=8.0, ragged_size=46.0, seed=5, fill=70.0)),
        voxels=Voxels(final=final, crumbs=24.0), grains=grains, skin=Skin(thickness=skin, curve=eased(0.8)), light=light, view=view)


def _named(kind, blobs):
    return tuple(blob.edited(name=f"{kind} {n + 1}") for n, blob in enumerate(blobs))


def cottage_loaf():
    """A broad loaf with a smaller one on top: fair weather, the sun at the side."""
    blobs = _named("Loaf", grown(420.0, 0.5, 0.08, 10, 0.85, 41, crown=0.62))
    return _baked("Cottage Loaf", blobs, lumped(46.0, 17, 0.15), Light(
        sun=Sun(azimuth=104.0, elevation=34.0), sky=AIR, medium=Medium(extinction=0.7), exposure=0.6),
        View(azimuth=0.0, elevation=-7.0))


def meringue_spire():
    """A leaning tower against the sun, its rim alight."""
    blobs = _named("Meringue", grown(300.0, 1.25, 0.3, 6, 1.0, 8, crown=0.8))
    return _baked("Meringue Spire", blobs, lumped(46.0, 3, 0.1), Light(
        sun=Sun(azimuth=152.0, elevation=24.0), sky=AIR, medium=Medium(extinction=0.9), exposure=0.25),
        View(azimuth=0.0, elevation=-5.0))


def flour_drift():
    """Thin and torn, at dawn."""
    made = start("fractus", "Flour Drift", 420.0, 12, turrets=14, height=0.35, lean=0.4)
    sky = AIR.edited(visibility=45.0)
    medium = made.light.medium.edited(extinction=0.3)
    return made.edited(light=made.light.edited(sun=Sun(azimuth=128.0, elevation=5.0), sky=sky, medium=medium, exposure=-0.35),
                       view=View(azimuth=0.0, elevation=-4.0), voxels=made.voxels.edited(final=0.9))


def burnt_crust():
    """The heavy base of a storm at dusk, lightning inside it."""
    blobs = _named("Crust", grown(460.0, 0.55, -0.1, 11, 0.8, 17, crown=0.45, depth=0.7))
    lamp = Lamp(name="Lightning", place=(-60.0, 62.0, 40.0), radius=9.0, power=9e8, kelvin=9_500.0)
    return _baked("Burnt Crust", blobs, lumped(50.0, 23, 0.35), Light(
        sun=Sun(azimuth=196.0, elevation=2.0), sky=AIR.edited(visibility=40.0), lamps=(lamp,), medium=Medium(extinction=0.7),
        exposure=1.0), View(azimuth=0.0, elevation=-9.0), level=20.0)


def baked_brioche():
    """The model of a brioche, baked to a cloud under a high sun."""
    form = mesh_form(read_triangles(EXAMPLES / "brioche.ply"), "Brioche", "cm", close_holes=True)
    mound = start_from_form(form, "Brioche", "mediocris", span=260.0)
    puffed = mound.mass.forms[0].edited(coat=Coat(radius=15.0, spacing=0.95, jitter=0.6, fewer_below=0.3, seed=4))
    return mound.edited(
        mass=mound.mass.edited(forms=(puffed,)), grains=lumped(13.0, 31, 0.1, 0.0),
        light=mound.light.edited(sun=Sun(azimuth=108.0, elevation=40.0), sky=AIR, medium=Medium(extinction=1.0), exposure=0.35),
        view=View(azimuth=20.0, elevation=-4.0))


def brioche(around=144, along=64):
    """A fluted roll with a knob on top, open underneath: a model as somebody might hand it over.

    Parameters
    ----------
    around, along : int
        Facets.

    Returns
    -------
    vertices : ndarray of float64, shape (n, 3)
        In centimetres, y up.
    faces : ndarray of int32, shape (m, 3)
    """
    t = np.linspace(0.0, 1.0, along)[:, None]
    angle = np.linspace(0.0, 2.0 * np.pi, around, endpoint=False)[None]
    # Foot, flaring flutes, shoulder, neck, knob.
    height = np.interp(t, [0.0, 0.3, 0.55, 0.68, 0.85, 1.0], [0.0, 34.0, 62.0, 68.0, 88.0, 100.0])
    radius = np.interp(t, [0.0, 0.3, 0.42, 0.55, 0.68, 0.78, 0.9, 1.0],
                       [40.0, 60.0, 62.0, 48.0, 24.0, 27.0, 20.0, 0.0])
    radius = np.maximum(radius, 0.02) * (1.0 + 0.06 * np.cos(12 * angle) * np.interp(t, [0.0, 0.3, 0.6, 0.7],
                                                                                   [0.7, 1.0, 0.4, 0.0]))
    vertices = np.stack([radius * np.cos(angle), np.broadcast_to(height, radius.shape), radius * np.sin(angle)], -1)
    i, j = np.meshgrid(np.arange(along - 1), np.arange(around), indexing="ij")
    a, b = i * around + j, i * around + (j + 1) % around
    c, d = a + around, b + around
    faces = np.concatenate([np.stack([a, c, b], -1).reshape(-1, 3), np.stack([b, c, d], -1).reshape(-1, 3)])
    return vertices.reshape(-1, 3), faces.astype(np.int32)


if __name__ == "__main__":
    write_mesh(EXAMPLES / "brioche.ply", *brioche())
    for made in (cottage_loaf(), baked_brioche(), meringue_spire(), flour_drift(), burnt_crust()):
        made = framed(made, 848, 560)
        write_mound(HERE / f"{made.name.lower().replace(' ', '_')}.mound", made)
