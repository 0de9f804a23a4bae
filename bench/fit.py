"""Fits Draft light to True light and prints the constants and what is left: python -m bench.fit.

Takes some minutes. The constants go into `core.light.march` (CONTRIBUTIONS, DEEPER) and `core.light.lattice` (ONCE, SPREAD);
`bench.true` measures them on other scenes.
"""

from dataclasses import replace

import numpy as np
from scipy.optimize import nnls

from softmound.core.engine.density import density_grid
from softmound.core.light import lattice as lattices
from softmound.core.light.camera import camera_of, fitted
from softmound.core.light.march import march
from softmound.core.light.shell import shell_of
from softmound.core.light.surroundings import ROWS, surroundings_of
from softmound.core.light.tracer import Tracer
from softmound.core.recipe import Blob, Light, Medium, Sky, Sun
from softmound.core.recipe.starts import heap

from .scene import hero

WIDTH, HEIGHT, BLOCK = 96, 60, 6
TURNS = 200
SUNS = ((30.0, 50.0), (90.0, 25.0), (165.0, 15.0), (120.0, 60.0), (15.0, 10.0))
DEPTHS = (1.0, 2.0, 2.5, 3.0, 4.0)
ZONES = ((0, ROWS // 4), (ROWS // 4, ROWS // 2), (ROWS // 2, ROWS))
SHARES = (0.25, 0.25, 0.5)


def scenes():
    """Shapes and extinctions.

    Yields
    ------
    (tuple of form, float)
    """
    flat = (Blob(centre=(0, 20, 0), radii=(90, 14, 60)), Blob(centre=(30, 28, 10), radii=(50, 12, 40)))
    yield (Blob(centre=(0, 40, 0), radii=(40, 40, 40)),), 0.08
    yield heap(14, 120.0, seed=3, generations=1), 0.08
    yield heap(14, 80.0, seed=4, height=1.6, dome=0.6, generations=1), 0.08
    yield flat, 0.08
    yield heap(14, 120.0, seed=6, generations=1), 0.03
    yield heap(14, 80.0, seed=8, height=1.6, dome=0.6, generations=1), 0.2


def blocks(picture):
    """Means over blocks of pixels.

    Parameters
    ----------
    picture : ndarray, shape (HEIGHT, WIDTH, ...)

    Returns
    -------
    ndarray, shape (HEIGHT / BLOCK, WIDTH / BLOCK, ...)
    """
    return picture.reshape(HEIGHT // BLOCK, BLOCK, WIDTH // BLOCK, BLOCK, *picture.shape[2:]).mean(axis=(1, 3))


def _parts(shell, lattice, light, camera, deeper):
    """Pictures of each part of the sunlight, taken once."""
    each = [blocks(march(shell, lattice, light, camera, deeper=deeper, contributions=[float(n == k) for n in range(4)]))[..., 0]
            for k in range(4)]
    return np.stack(each, axis=-1)


def _weighted(parts, truth):
    weight = 1.0 / (truth + 0.15 * truth.mean())
    return parts * weight[:, None], truth * weight


def main():
    """Trace, fit, print."""
    suns = {depth: [] for depth in DEPTHS}
    skies = [[], [], []]
    for forms, extinction in scenes():
        mound = hero()
        mound = mound.edited(mass=mound.mass.edited(forms=forms), grains=mound.grains[:2])
        grid = density_grid(mound, 1.6)
        shell = shell_of(grid)
        view = fitted(mound.view, *(grid.world(b) for b in grid.brick_bounds()), WIDTH, HEIGHT)
        camera = camera_of(view, WIDTH, HEIGHT)
        for number, (azimuth, elevation) in enumerate(SUNS):
            light = Light(sun=Sun(azimuth=(view.azimuth + azimuth) % 360.0, elevation=elevation, colour=(1.0, 1.0, 1.0),
                                  strength=1.0 / np.pi), sky=Sky(kind="plain", zenith=(1.0, 1.0, 1.0)),
                          medium=Medium(extinction=extinction))
            lattice, around = lattices.lit(grid, light), surroundings_of(light)
            tracer = Tracer(shell, lattice, light, camera, around=replace(around, sky=np.zeros_like(around.sky)))
            tracer.add(TURNS)
            radiance, opacity, _ = tracer.layers()
            solid = blocks(opacity) > 0.6
            for depth in DEPTHS:
                suns[depth].append((_parts(shell, lattice, light, camera, depth)[solid], blocks(radiance[..., 0])[solid]))
            if number == 0:
                for zone, (first, last) in enumerate(ZONES):
                    sky = np.zeros_like(around.sky)
                    sky[first:last] = 1.0
                    tracer = Tracer(shell, lattice, light, camera, around=replace(around, sky=sky, sun=np.zeros(3)))
                    tracer.add(16)
                    truth = blocks(tracer.layers()[0][..., 0])[solid]
                    columns = []
                    for lattices.ONCE, lattices.SPREAD in (((1, 1, 1), (0, 0, 0)), ((0, 0, 0), (1, 1, 1))):
                        made = march(shell, lattices.lit(grid, light), light, camera)
                        columns.append(SHARES[zone] * blocks(made)[..., 1 + zone][solid])
                    skies[zone].append((np.stack(columns, axis=-1), truth))
    for depth, pairs in suns.items():
        weighted = [_weighted(*pair) for pair in pairs]
        found = np.linalg.lstsq(np.concatenate([a for a, _ in weighted]), np.concatenate([b for _, b in weighted]), rcond=None)[0]
        errors = [np.abs(parts @ found - truth).mean() / truth.mean() for parts, truth in pairs]
        match = [np.corrcoef(parts @ found, truth)[0, 1] for parts, truth in pairs]
        print(f"DEEPER {depth}: CONTRIBUTIONS {np.round(found, 2)}, mean error {100 * np.mean(errors):.1f} %, "
              f"largest {100 * max(errors):.1f} %, correlation {np.mean(match):.3f}")
    for zone, pairs in enumerate(skies):
        weighted = [_weighted(*pair) for pair in pairs]
        a, b = (np.concatenate([w[n] for w in weighted]) for n in (0, 1))
        found, _ = nnls(a, b)
        print(f"zone {zone}: ONCE and SPREAD {np.round(found, 2)}, mean error {100 * np.abs(a @ found - b).mean():.1f} %")


if __name__ == "__main__":
    main()
