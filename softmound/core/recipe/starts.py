"""First mounds to start from, made of ordinary blobs and grains."""

import math
import random

from .models import BaseLevel, Blob, Light, Mass, Mound, Push, Skin, Sun, View, Voxels


def heap(count, span, seed, *, height=0.5, dome=1.0, generations=2, buds=6, shrink=0.43):
    """Balls heaped higher toward the middle, with smaller ones on their upper sides.

    Parameters
    ----------
    count : int
        Balls of the first generation.
    span : float
        Metres across the heap, about.
    seed : int
    height : float, optional
        Height over span.
    dome : float, optional
        How much higher the middle is piled: 0 flat, 1 a dome.
    generations : int, optional
        Of balls altogether.
    buds : int, optional
        Children of each ball.
    shrink : float, optional
        Radius of a child over its parent's.

    Returns
    -------
    tuple of Blob
    """
    dice = random.Random(seed)
    parents = []
    golden = math.pi * (3.0 - math.sqrt(5.0))
    for n in range(count):
        out = math.sqrt((n + 0.5) / count)
        angle = n * golden + dice.uniform(-0.4, 0.4)
        radius = span * (0.20 - 0.085 * out) * dice.uniform(0.85, 1.15)
        rise = span * height * (1.0 - dome * out) * dice.uniform(0.45, 0.85)
        reach = span * 0.5 * out - radius * 0.55
        parents.append((reach * math.cos(angle), radius * 0.55 + rise,
                        0.8 * reach * math.sin(angle), radius))
    balls = list(parents)
    for _ in range(generations - 1):
        children = []
        for x, y, z, radius in parents:
            for _ in range(buds):
                up = dice.uniform(-0.15, 1.0)
                around = dice.uniform(0.0, 2.0 * math.pi)
                flat = math.sqrt(1.0 - up * up)
                size = radius * shrink * dice.uniform(0.8, 1.2)
                reach = radius * dice.uniform(0.86, 1.0)
                children.append((x + reach * flat * math.cos(around), y + reach * up,
                                 z + reach * flat * math.sin(around), size))
        balls += children
        parents = children
    return tuple(
        Blob(name=f"Blob {n + 1}", centre=tuple(round(v, 2) for v in ball[:3]),
             radii=(round(ball[3], 2),) * 3)
        for n, ball in enumerate(balls)
    )


def first_mound(name):
    """A small cumulus to begin with.

    Parameters
    ----------
    name : str

    Returns
    -------
    Mound
    """
    return Mound(
        name=name,
        mass=Mass(
            blobs=(Blob(name="Heart", centre=(0.0, 45.0, 0.0), radii=(120.0, 50.0, 95.0)),)
            + heap(9, 300.0, seed=3, height=0.34, dome=0.6, generations=1), melt=14.0,
            base=BaseLevel(altitude=0.0, softness=8.0, raggedness=4.0, ragged_size=40.0),
        ),
        voxels=Voxels(final=1.0),
        grains=(
            Push(feature=60.0, strength=14.0, octaves=4, folded=True, seed=17),
            Push(feature=18.0, strength=4.0, octaves=3, seed=29),
        ),
        skin=Skin(thickness=7.0),
        light=Light(sun=Sun(azimuth=78.0, elevation=32.0), exposure=-0.45),
        view=View(distance=750.0, target=(0.0, 75.0, 0.0), elevation=2.0, azimuth=0.0),
    )
