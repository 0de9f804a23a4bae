"""Remakes the demo mounds of The Weather Bakery: python demo/bake.py (from the repository)."""

import pathlib

import numpy as np

from softmound.core.engine.density import bounds_of
from softmound.core.exchange.meshes import write_mesh
from softmound.core.light.camera import fitted
from softmound.core.recipe import (
    BaseLevel,
    Blob,
    Light,
    Mass,
    Medium,
    Mound,
    Nibble,
    Push,
    Skin,
    Sky,
    Sun,
    View,
    Voxels,
    eased,
    write_mound,
)
from softmound.core.recipe.starts import heap

AIR = Sky(kind="air", ground=(0.22, 0.23, 0.19), altitude=900.0, visibility=80.0)
HERE = pathlib.Path(__file__).parent


def cottage_loaf():
    """A broad loaf with a smaller one on top, sun from the front and side."""
    filling = (
        Blob(name="Crumb", centre=(0.0, 62.0, 0.0), radii=(165.0, 56.0, 132.0)),
        Blob(name="Neck", centre=(12.0, 118.0, -4.0), radii=(82.0, 62.0, 74.0), rotation=(0.0, 0.0, 6.0)),
    )
    loaf = heap(15, 400.0, seed=4, height=0.26, dome=0.55, generations=3, buds=7, shrink=0.44)
    cap = heap(8, 190.0, seed=7, height=0.3, dome=0.6, generations=3, buds=6, shrink=0.46)
    cap = tuple(
        blob.edited(name=blob.name.replace("Blob", "Cap"),
                    centre=tuple(round(c + d, 2) for c, d in zip(blob.centre, (14.0, 92.0, -6.0))))
        for blob in cap
    )
    return Mound(
        name="Cottage Loaf",
        mass=Mass(forms=filling + loaf + cap, melt=10.0, base=BaseLevel(
            altitude=20.0, softness=14.0, raggedness=7.0, ragged_size=46.0, seed=5)),
        voxels=Voxels(final=1.0),
        grains=(
            Push(feature=70.0, strength=22.0, octaves=6, summed="folded", gain=0.55, weaker_below=0.85, seed=17),
            Push(feature=20.0, strength=8.0, octaves=5, summed="folded", gain=0.55, weaker_below=0.5, seed=41),
            Nibble(feature=16.0, depth=12.0, strength=0.9, octaves=6, gain=0.6, seed=5),
        ),
        skin=Skin(thickness=4.0, curve=eased(0.7)),
        light=Light(sun=Sun(azimuth=112.0, elevation=32.0, colour=(1.0, 1.0, 1.0)), sky=AIR,
                    medium=Medium(extinction=0.5), exposure=-0.5),
        view=View(azimuth=0.0, elevation=2.0),
    )


def burnt_crust():
    """A lone heavy crust against the sun."""
    crumb = Blob(name="Crumb", centre=(6.0, 52.0, 0.0), radii=(128.0, 40.0, 96.0))
    crust = (crumb,) + heap(10, 300.0, seed=17, height=0.52, dome=0.7, generations=3, buds=6, shrink=0.46)
    return Mound(
        name="Burnt Crust",
        mass=Mass(forms=crust, melt=12.0, base=BaseLevel(
            altitude=24.0, softness=12.0, raggedness=8.0, ragged_size=40.0, seed=9)),
        voxels=Voxels(final=1.0),
        grains=(
            Push(feature=52.0, strength=24.0, octaves=5, summed="folded", weaker_below=0.8, seed=23),
            Push(feature=17.0, strength=6.0, octaves=5, summed="folded", weaker_below=0.4, seed=7),
        ),
        skin=Skin(thickness=4.5, curve=eased(0.7)),
        light=Light(
            sun=Sun(azimuth=150.0, elevation=13.0, colour=(1.0, 1.0, 1.0)), sky=AIR,
            medium=Medium(extinction=0.5),
            exposure=-0.3,
        ),
        view=View(azimuth=0.0, elevation=2.0),
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
