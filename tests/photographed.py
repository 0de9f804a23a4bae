"""A painted sky with a cloud in it, and what was read in it, that several tests use."""

import numpy as np
import scipy

from softmound.core.photograph.blocking import Asked, blocked_in
from softmound.core.photograph.reading import Photograph, read_in


def sky(height=200, width=320, horizon=None, noise=1.5, seed=1):
    """A sky that pales downward, with the sea below a horizon: ndarray of float, shape (height, width, 3)."""
    down = np.linspace(0.0, 1.0, height)[:, None, None]
    colours = np.array([70.0, 110.0, 170.0]) * (1.0 - down) + np.array([150.0, 175.0, 200.0]) * down
    page = np.repeat(colours, width, axis=1)
    if horizon is not None:
        page[round(horizon * height) :] = 60.0, 72.0, 80.0
    return page + np.random.default_rng(seed).normal(0.0, noise, page.shape)


def lumps(height=200, width=320, balls=((120, 110, 50), (180, 95, 60), (230, 120, 40)), flat=150):
    """An outline of balls that is cut off below a row: ndarray of bool."""
    y, x = np.mgrid[:height, :width]
    mask = np.zeros((height, width), bool)
    for column, row, radius in balls:
        mask |= (x - column) ** 2 + (y - row) ** 2 < radius**2
    return mask & (y < flat)


def with_cloud(page, mask, light=235.0, dark=150.0):
    """A picture with a cloud in it, brighter on its right: ndarray of uint8."""
    shade = np.linspace(dark, light, mask.shape[1])[None, :, None] * np.array([1.0, 0.99, 0.97])
    soft = scipy.ndimage.gaussian_filter(mask.astype(float), 0.7)[..., None]
    return np.clip(page * (1.0 - soft) + shade * soft, 0.0, 255.0).astype(np.uint8)


MASK = lumps()
PIXELS = with_cloud(sky(), MASK)
READ = read_in(PIXELS)
_KEPT = {}


def blocked():
    """A mound of `MASK`, made once: (Photograph, Mound, float)."""
    if "blocked" not in _KEPT:
        photograph = Photograph(PIXELS, READ)
        _KEPT["blocked"] = photograph, *blocked_in(photograph.mask, photograph.standing, "Loaf", Asked(base=True))
    return _KEPT["blocked"]
