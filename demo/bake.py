"""Remakes the demo mounds of The Weather Bakery: python demo/bake.py (from the repository)."""

import pathlib

import numpy as np

from softmound.core.engine.density import bounds_of
from softmound.core.exchange.meshes import write_mesh
from softmound.core.grain.actions.nibble import Nibble
from softmound.core.grain.actions.push import Push
from softmound.core.light.camera import fitted
from softmound.core.mass.kinds.blob import Blob
from softmound.core.recipe import BaseLevel, Light, Mass, Medium, Mound, Skin, Sky, Sun, View, Voxels, eased, write_mound
from softmound.core.starts.species import heap

AIR = Sky(kind="air", ground=(0.13, 0.17, 0.20), altitude=900.0, visibility=80.0)
"""Over a hazy sea, which lies below the horizon behind the cloud."""
HERE = pathlib.Path(__file__).parent


def heaped(name, count, span, seed, place=(0.0, 0.0, 0.0), **shape):
    """A heap whose lumps carry three generations of buds.

    Parameters
    ----------
    name : str
        What its blobs are called.
    count : int
    span : float
        Metres.
    seed : int
    place : tuple of float, optional
        Metres that it is moved by.
    **shape
        Of `heap`.

    Returns
    -------
    tuple of Blob
    """
    blobs = heap(count, span, seed, generations=4, buds=9, shrink=0.48, **shape)
    return tuple(
        blob.edited(name=blob.name.replace("Blob", name), centre=tuple(round(c + d, 2) for c, d in zip(blob.centre, place)),
                    buds=blob.buds.edited(count=9, shrink=0.48, reach=0.93, upward=0.35))
        for blob in blobs)


def puffed(feature, strength, *seeds):
    """One folded Push of six octaves, down to two final voxels, for the lumps on the lumps, and a Nibble that frays the edge.

    Parameters
    ----------
    feature, strength : float
        Of the Push, metres.
    *seeds : int
        Of both.

    Returns
    -------
    tuple of Grain
    """
    return (
        Push(feature=feature, strength=strength, octaves=6, summed="folded", gain=0.62, weaker_below=0.35, seed=seeds[0]),
        Nibble(feature=feature / 4.0, depth=feature / 8.0, strength=0.7, octaves=4, gain=0.6, seed=seeds[1]),
    )


def cottage_loaf():
    """A broad loaf with a smaller one on top, fair weather, the sun from the side and a little behind."""
    filling = (
        Blob(name="Crumb", centre=(0.0, 52.0, 0.0), radii=(172.0, 54.0, 128.0)),
        Blob(name="Neck", centre=(10.0, 112.0, -4.0), radii=(74.0, 58.0, 66.0), rotation=(0.0, 0.0, 6.0)),
    )
    loaf = heaped("Loaf", 13, 420.0, seed=9, height=0.22, dome=0.5)
    cap = heaped("Cap", 7, 200.0, seed=3, place=(18.0, 88.0, -8.0), height=0.42, dome=0.7)
    return Mound(
        name="Cottage Loaf",
        mass=Mass(forms=filling + loaf + cap, melt=6.0, base=BaseLevel(
            altitude=18.0, softness=12.0, raggedness=9.0, ragged_size=44.0, seed=5)),
        voxels=Voxels(final=0.7),
        grains=puffed(46.0, 20.0, 17, 5),
        skin=Skin(thickness=3.0, curve=eased(0.7)),
        light=Light(sun=Sun(azimuth=122.0, elevation=22.0, colour=(1.0, 1.0, 1.0)), sky=AIR,
                    medium=Medium(extinction=0.8), exposure=0.5),
        view=View(azimuth=0.0, elevation=-8.0),
    )


def burnt_crust():
    """A lone heavy crust against the sun, its rim alight."""
    crumb = Blob(name="Crumb", centre=(6.0, 52.0, 0.0), radii=(128.0, 44.0, 96.0))
    crust = heaped("Crust", 12, 320.0, seed=17, height=0.5, dome=0.75)
    return Mound(
        name="Burnt Crust",
        mass=Mass(forms=(crumb, *crust), melt=7.0, base=BaseLevel(
            altitude=22.0, softness=12.0, raggedness=9.0, ragged_size=40.0, seed=9)),
        voxels=Voxels(final=0.7),
        grains=puffed(45.0, 18.0, 23, 7),
        skin=Skin(thickness=3.0, curve=eased(0.7)),
        light=Light(sun=Sun(azimuth=153.0, elevation=12.0, colour=(1.0, 1.0, 1.0)), sky=AIR,
                    medium=Medium(extinction=1.0), exposure=-0.2),
        view=View(azimuth=0.0, elevation=-7.0),
    )


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
    write_mesh(HERE / "brioche.ply", *brioche())
    for made in (cottage_loaf(), burnt_crust()):
        made = made.edited(view=fitted(made.view, *bounds_of(made), 848, 560))
        write_mound(HERE / f"{made.name.lower().replace(' ', '_')}.mound", made)
