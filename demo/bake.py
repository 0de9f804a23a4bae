"""Remakes the demo mounds of The Weather Bakery: python demo/bake.py (from the repository)."""

import pathlib

from softmound.core.engine.density import bounds_of
from softmound.core.light.camera import fitted
from softmound.core.recipe import (
    BaseLevel,
    Blob,
    Light,
    Mass,
    Medium,
    Mound,
    Push,
    Skin,
    Sky,
    Sun,
    View,
    Voxels,
    write_mound,
)
from softmound.core.recipe.starts import heap

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
        mass=Mass(blobs=filling + loaf + cap, melt=10.0, base=BaseLevel(
            altitude=20.0, softness=14.0, raggedness=7.0, ragged_size=46.0, seed=5)),
        voxels=Voxels(final=1.0),
        grains=(
            Push(feature=64.0, strength=26.0, octaves=5, folded=True, weaker_below=0.85, seed=17),
            Push(feature=19.0, strength=7.0, octaves=5, folded=True, weaker_below=0.6, seed=41),
        ),
        skin=Skin(thickness=4.0, softness=0.7),
        light=Light(sun=Sun(azimuth=78.0, elevation=32.0), medium=Medium(extinction=0.2),
                    exposure=-0.45),
        view=View(azimuth=0.0, elevation=2.0),
    )


def burnt_crust():
    """A lone heavy crust against the sun."""
    crumb = Blob(name="Crumb", centre=(6.0, 52.0, 0.0), radii=(128.0, 40.0, 96.0))
    crust = (crumb,) + heap(10, 300.0, seed=17, height=0.52, dome=0.7, generations=3, buds=6, shrink=0.46)
    return Mound(
        name="Burnt Crust",
        mass=Mass(blobs=crust, melt=12.0, base=BaseLevel(
            altitude=24.0, softness=12.0, raggedness=8.0, ragged_size=40.0, seed=9)),
        voxels=Voxels(final=1.0),
        grains=(
            Push(feature=52.0, strength=24.0, octaves=5, folded=True, weaker_below=0.8, seed=23),
            Push(feature=17.0, strength=6.0, octaves=5, folded=True, weaker_below=0.4, seed=7),
        ),
        skin=Skin(thickness=4.5, softness=0.7),
        light=Light(
            sun=Sun(azimuth=163.0, elevation=13.0, colour=(1.0, 0.74, 0.46), strength=4.2),
            sky=Sky(zenith=(0.10, 0.16, 0.32), horizon=(0.62, 0.46, 0.38), ground=(0.13, 0.11, 0.11)),
            medium=Medium(extinction=0.14),
            exposure=-0.6,
        ),
        view=View(azimuth=0.0, elevation=2.0),
    )


if __name__ == "__main__":
    for made in (cottage_loaf(), burnt_crust()):
        made = made.edited(view=fitted(made.view, *bounds_of(made), 848, 560))
        write_mound(HERE / f"{made.name.lower().replace(' ', '_')}.mound", made)
