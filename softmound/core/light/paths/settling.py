"""Draft light at rest, settled: what is broadly wrong with it is put right by a few gathered paths.

Draft light takes all that was scattered before from the lattice, gathered paths only what was scattered twice (see
`core.light.paths.gathering`): Draft light errs by a seventh or so where they err by a twentieth. They are noisy, but what Draft
light is wrong by is broad; so the ratio of both, blurred as widely as their noise asks for, is right where neither of them is.
Draft light keeps the detail.
"""

import math
from dataclasses import replace

import numpy as np
from scipy import ndimage

from .low_pass import AVERAGED, brighter

PATHS, MOST_PATHS = 2, 12
"""Gathered paths for each pixel, and where those are too noisy: in small pictures, and against the sun."""
NEAR = 1.0 / 40.0
"""Standard deviation of the blur that is aimed at, in heights of the picture."""
LEFT = 0.01
"""Noise of theirs that is left once they are blurred: less than is seen."""
DOUBTED = 0.03
"""Noise after the widest blur at which half of the correction is believed."""
WIDEST = 1.0 / 12.0
"""Standard deviation of the blur, at most, in heights of the picture."""
MOST_PIXELS = 1_100_000
"""Of paths: a larger picture is put right by those of a smaller one, since what is blurred to this width looks the same."""
MOST = 2.0
"""Times as bright, or as dim, a place can become."""


def enough(tracer):
    """Whether the paths of a tracer are so many that a narrow blur leaves little of their noise.

    Parameters
    ----------
    tracer : Tracer

    Returns
    -------
    bool
    """
    left = tracer.noise() / (AVERAGED * NEAR * tracer.camera.height)
    return tracer.turns >= MOST_PATHS or tracer.turns >= PATHS and left <= LEFT


def settling_camera(camera):
    """The camera whose paths put a picture right.

    Parameters
    ----------
    camera : Camera

    Returns
    -------
    Camera
        The same, or of a large picture one with a whole number of times fewer pixels in rows and columns.
    """
    times = math.ceil((camera.width * camera.height / MOST_PIXELS) ** 0.5)
    return camera if times == 1 else replace(camera, width=max(camera.width // times, 1), height=max(camera.height // times, 1),
                                             spread=camera.spread * times)


def correction(truth, draft, noise):
    """How many times as bright as by Draft light a picture is around each place.

    Parameters
    ----------
    truth : ndarray of float32, shape (r, c, 3)
        By gathered paths of `settling_camera`, multiplied by opacity.
    draft : ndarray of float32, shape (rows, columns, 3)
        By Draft light, multiplied by opacity.
    noise : float
        Of the first, see `Tracer.noise`.

    Returns
    -------
    ndarray of float32, shape (rows, columns, 3)
    """
    whole, (rows, columns) = draft.shape, truth.shape[:2]
    if (rows, columns) != whole[:2]:
        times = whole[0] // rows, whole[1] // columns
        draft = draft[: rows * times[0], : columns * times[1]].reshape(rows, times[0], columns, times[1], 3).mean(axis=(1, 3))
    sigma = min(noise / (LEFT * AVERAGED), WIDEST * truth.shape[0])
    ratio = np.clip(brighter(truth, draft, sigma, 1e-4 * max(float(draft.mean()), 1e-6)), 1.0 / MOST, MOST)
    doubt = (noise / max(AVERAGED * sigma, 1.0) / DOUBTED) ** 2
    found = (1.0 + (ratio - 1.0) / np.float32(1.0 + doubt)).astype(np.float32)
    if found.shape == whole:
        return found
    return ndimage.zoom(found, (whole[0] / rows, whole[1] / columns, 1), order=1, mode="nearest", grid_mode=True)


def settled(radiance, behind, correction):
    """A picture in Draft light, put right.

    Parameters
    ----------
    radiance : ndarray of float32, shape (rows, columns, 4)
    behind : ndarray of float32, shape (rows, columns, 3)
        What of it comes from behind the clouds, which stays as it is: see `behind_of`.
    correction : ndarray of float32, shape (rows, columns, 3)

    Returns
    -------
    ndarray of float32, shape (rows, columns, 4)
    """
    out = radiance.copy()
    out[..., :3] = behind + (radiance[..., :3] - behind) * correction
    return out
