"""Every noise on one core and on all, against the FastNoise Lite wheel where it has one like it."""

import numpy as np
from pyfastnoiselite.pyfastnoiselite import FastNoiseLite, FractalType, NoiseType

from bench.figure import Figure, at_least, timed
from softmound.core.grain.actions.stir import Stir, vector_field
from softmound.core.grain.where import Landmarks
from softmound.core.kernels import threads, use_threads
from softmound.core.noise.sums import noise_bricks
from softmound.core.recipe import Noise, Warp

OCTAVES = 5
BRICKS = 3000
PEERS = {"gradient": NoiseType.NoiseType_Perlin, "simplex": NoiseType.NoiseType_OpenSimplex2,
         "cellular": NoiseType.NoiseType_Cellular, "value": NoiseType.NoiseType_Value}


def _theirs(kind):
    peer = FastNoiseLite(7)
    peer.noise_type = PEERS[kind]
    peer.fractal_type = FractalType.FractalType_FBm
    peer.fractal_octaves = OCTAVES
    peer.frequency = 1 / 20
    points = (np.random.default_rng(1).random((3, 200_000)) * 300).astype(np.float32)
    return points.shape[1] * OCTAVES / 1e6 / timed(lambda: peer.gen_from_coords(points), 3)


def figures():
    """Measure.

    Yields
    ------
    Figure
    """
    coords = np.random.default_rng(1).integers(-40, 40, (BRICKS, 3)).astype(np.int32)
    out = np.empty((BRICKS, 512), np.float32)
    cores = threads()
    plain = Noise(octaves=OCTAVES, feature=20.0)
    every = {kind: plain.edited(kind=kind) for kind in PEERS}
    every |= {"folded": plain.edited(summed="folded"), "ridged": plain.edited(summed="ridged"),
              "domed": plain.edited(summed="domed"), "evolving": plain.edited(time=3.0),
              "cellular F2-F1": plain.edited(kind="cellular", cell="f2-f1"),
              "cellular smooth F1": plain.edited(kind="cellular", cell="smooth f1"),
              "warped": plain.edited(warp=Warp(octaves=2))}
    for name, noise in every.items():
        count = BRICKS * 512 * OCTAVES / 1e6
        use_threads(1)
        one = count / timed(lambda n=noise: noise_bricks(coords, 0.5, n, out), 3)
        use_threads(cores)
        many = count / timed(lambda n=noise: noise_bricks(coords, 0.5, n, out), 3)
        if name in PEERS:
            theirs = _theirs(name)
            yield at_least(f"{name} noise, one thread", one, "M evaluations/s", "FastNoise Lite, one thread", theirs,
                           one / theirs, 6)
        else:
            yield Figure(f"{name} noise, one thread", one, "M evaluations/s")
        yield Figure(f"{name} noise, {cores} threads", many, "M evaluations/s", "one thread", one, many / one)
    points = (np.random.default_rng(2).random((200_000, 3)) * 300).astype(np.float32)
    stir = Stir(octaves=1)
    taken = timed(lambda: vector_field(points, stir, Landmarks()), 3)
    yield Figure(f"curl field, {cores} threads", len(points) / 1e6 / taken, "M vectors/s")
