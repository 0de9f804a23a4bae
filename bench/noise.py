"""Gradient fBm against the FastNoise Lite wheel, one thread each, and on all cores."""

import numpy as np
from pyfastnoiselite.pyfastnoiselite import FastNoiseLite, FractalType, NoiseType

from softmound.core.grain.fbm import fbm_bricks
from softmound.core.kernels import threads, use_threads
from softmound.core.recipe import Push

from .figure import Figure, at_least, timed

OCTAVES = 5
BRICKS = 4000


def figures():
    """Measure.

    Yields
    ------
    Figure
    """
    dice = np.random.default_rng(1)
    coords = dice.integers(-40, 40, (BRICKS, 3)).astype(np.int32)
    out = np.empty((BRICKS, 512), np.float32)
    push = Push(octaves=OCTAVES, feature=20.0)
    cores = threads()
    use_threads(1)
    one = timed(lambda: fbm_bricks(coords, 0.5, push, out), 9)
    use_threads(cores)
    every = timed(lambda: fbm_bricks(coords, 0.5, push, out), 9)
    evaluations = BRICKS * 512 * OCTAVES / 1e6

    peer = FastNoiseLite(7)
    peer.noise_type = NoiseType.NoiseType_Perlin
    peer.fractal_type = FractalType.FractalType_FBm
    peer.fractal_octaves = OCTAVES
    peer.frequency = 1 / 20
    count = 300_000
    points = (dice.random((3, count)) * 300).astype(np.float32)
    theirs = count * OCTAVES / 1e6 / timed(lambda: peer.gen_from_coords(points), 5)

    mine = evaluations / one
    yield at_least("noise, one thread", mine, "M evaluations/s", "FastNoise Lite, one thread", theirs,
                   mine / theirs, 6)
    yield Figure(f"noise, {cores} threads", evaluations / every, "M evaluations/s", "one thread", mine,
                 evaluations / every / mine)
