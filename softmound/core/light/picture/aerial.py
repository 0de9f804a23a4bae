"""Aerial perspective: the air between the eye and far clouds takes of their light, and adds its own.

Aerial perspective by the same model as the sky's (`core.light.scene.air`): along a ray the light that molecules and haze scatter
toward the eye is summed up to a distance, as Hillaire (2020, A scalable and production ready sky and atmosphere rendering
technique, Computer Graphics Forum 39, section 5.3) does in a volume before the camera. A cloud counts as where, on the mean,
its light is taken from.
"""

import math

import numpy as np

from ...kernels import f32, kernel, prange
from ..scene.air import STEPS, air_between
from ..scene.groups import FIXED, SKY, factors

COLUMNS, ROWS, DISTANCES = 24, 16, STEPS + 1
"""Of the table over the picture and the distances; between them it is read straight."""
NEAREST = 200.0
"""Metres nearer than which clouds have no air before them that could be seen."""


@kernel
def _veil(light, opacity, away, table, farthest, out):
    """Through the air, and with its own light: the table's last axis has the share that comes through, then what is added."""
    high, wide = opacity.shape
    for y in prange(high):
        v = (f32(y) + f32(0.5)) / f32(high) * f32(ROWS - 1)
        j = min(int(v), ROWS - 2)
        v -= f32(j)
        for x in range(wide):
            seen = opacity[y, x]
            if seen <= f32(0):
                for n in range(3):
                    out[y, x, n] = light[y, x, n]
                continue
            u = (f32(x) + f32(0.5)) / f32(wide) * f32(COLUMNS - 1)
            i = min(int(u), COLUMNS - 2)
            u -= f32(i)
            w = math.sqrt(min(max(away[y, x] / (seen * farthest), f32(0)), f32(1))) * f32(DISTANCES - 1)
            k = min(int(w), DISTANCES - 2)
            w -= f32(k)
            for n in range(3):
                through = f32(0)
                added = f32(0)
                for corner in range(8):
                    a = j + (corner >> 2)
                    b = i + ((corner >> 1) & 1)
                    c = k + (corner & 1)
                    share = ((v if corner >> 2 else f32(1) - v) * (u if (corner >> 1) & 1 else f32(1) - u)
                             * (w if corner & 1 else f32(1) - w))
                    through += share * table[a, b, c, n]
                    added += share * table[a, b, c, n + 3]
                out[y, x, n] = light[y, x, n] * through + seen * added


def _directions(camera):
    """Directions to a grid of places over the picture, its corners included: ndarray of float64, shape (ROWS, COLUMNS, 3)."""
    across = (np.linspace(0.0, 1.0, COLUMNS) - 0.5) * camera.width * camera.spread
    down = (np.linspace(0.0, 1.0, ROWS) - 0.5) * camera.height * camera.spread
    found = camera.forward + across[None, :, None] * camera.right - down[:, None, None] * camera.up
    return found / np.linalg.norm(found, axis=-1, keepdims=True)


def veiled(light, opacity, away, scene, camera):
    """Light of clouds as it comes through the air before them.

    Parameters
    ----------
    light : ndarray of float32, shape (rows, columns, 3)
        Linear RGB, multiplied by the opacity; without what is behind.
    opacity : ndarray of float32, shape (rows, columns)
    away : ndarray of float32, shape (rows, columns)
        Mean distance at which light is taken, metres, times the opacity; anything where that is 0.
    scene : Scene
        Its sky has to be that of the air.
    camera : Camera

    Returns
    -------
    ndarray of float32, shape (rows, columns, 3)
        The same where the scene has no air between, or all of it is near.
    """
    cloud = opacity > 0.0
    if not scene.air or scene.light.sky.kind != "air" or not cloud.any():
        return light
    farthest = float((away[cloud] / opacity[cloud]).max())
    if not farthest > NEAREST:
        return light
    sky = scene.light.sky
    through, added = air_between(_directions(camera), farthest, scene.light.sun, sky)
    added = added * (sky.strength * factors(scene.light, FIXED)[SKY])
    table = np.concatenate([through, added], axis=-1).astype(np.float32)
    out = np.empty_like(light)
    _veil(np.ascontiguousarray(light), np.ascontiguousarray(opacity), np.ascontiguousarray(away, np.float32), table,
          f32(farthest), out)
    return out
