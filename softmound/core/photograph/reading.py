"""What is read in a photograph: the outline of its cloud, horizon and base, and the camera that took it."""

from dataclasses import dataclass
from functools import cached_property

import numpy as np
import scipy
import skimage
from PIL import Image

from ..colour import LUMINANCE
from ..problems import Problem
from ..recipe import Arrays
from ..recipe.models import Reading
from .blocking import seen_as
from .outline import ALONG, CLOUD, outlines_in, sky_behind
from .standing import USUAL, standing_of

SEEN = 224
"""Pixels along the cloud in which a photograph and a mound are held beside each other."""
LEAST = 64
"""Pixels that a cloud holds at the least."""
STEP = 0.012
"""Heights of a photograph over which a horizon may be blurred."""
EDGE = 1.5
"""Difference of colour, in CIE L*a*b*, by which sky and land differ at the least where a horizon is seen."""
FLAT, NEAR = 0.3, 0.04
"""Share of a cloud's columns that end near one row, and how near in heights of the cloud, for a base to be flat."""


@dataclass(frozen=True, eq=False)
class Found:
    """What is seen in a photograph at once.

    Attributes
    ----------
    clouds : ndarray of uint8, shape (rows, columns)
        See `outlines_in`.
    horizon : float or None
        See `horizon_in`.
    """

    clouds: np.ndarray
    horizon: float | None


def found_in(pixels, brushed=None):
    """Find clouds and horizon in a photograph.

    Parameters
    ----------
    pixels : ndarray of uint8, shape (rows, columns, 3)
        Made smaller by `smaller`.
    brushed : ndarray of uint8, shape (rows, columns), optional
        As of `sky_behind`.

    Returns
    -------
    Found
    """
    lab = skimage.color.rgb2lab(pixels).astype(np.float32)
    sky = sky_behind(lab, brushed)
    return Found(outlines_in(lab, sky, brushed), horizon_in(sky))


def read_in(pixels, focal=None, span=300.0, outline=None, clouds=(1,)):
    """Read a photograph.

    Parameters
    ----------
    pixels : ndarray of uint8, shape (rows, columns, 3)
    focal : float, optional
        Millimetres on a film 36 mm wide; default `USUAL`.
    span : float, optional
        Longest side that its cloud is given, metres.
    outline : ndarray of bool, shape (any, any), optional
        Where the cloud is, by somebody else.
    clouds : sequence of int, optional
        Which of those that stand apart, the largest first.

    Returns
    -------
    Reading

    Raises
    ------
    Problem
        When there is no cloud.
    """
    small = smaller(pixels)
    if outline is None:
        found = found_in(small)
        mask = np.isin(found.clouds, clouds)
    else:
        mask = skimage.transform.resize(outline.astype(np.float32), small.shape[:2], order=1) > 0.5
        found = found_in(small, np.where(mask, CLOUD, 0).astype(np.uint8))
    return reading_of(mask, found.horizon, focal, span)


def reading_of(mask, horizon=None, focal=None, span=300.0):
    """What an outline in a photograph says: see `read_in`.

    Parameters
    ----------
    mask : ndarray of bool, shape (rows, columns)
    horizon : float, optional
        See `horizon_in`.
    focal, span : float, optional

    Returns
    -------
    Reading

    Raises
    ------
    Problem
        When there is hardly anything in it.
    """
    if np.count_nonzero(mask) < LEAST:
        raise Problem("No cloud stands out from the sky in it; paint over the cloud, or draw its outline.")
    base, flat = base_of(mask)
    return Reading(outline=Arrays(pixels=mask.astype(np.uint8) * 255), horizon=horizon, base=base, flat=flat,
                   focal=USUAL if focal is None else focal, span=span)


def smaller(pixels):
    """A photograph in which outlines are found: ndarray of uint8, at most `ALONG` pixels along."""
    share = min(1.0, ALONG / max(pixels.shape[:2]))
    size = tuple(max(1, round(side * share)) for side in pixels.shape[1::-1])
    return pixels if share == 1.0 else np.asarray(Image.fromarray(pixels).resize(size, Image.Resampling.BOX))


def horizon_in(sky):
    """Row of the horizon in heights of the photograph: where the colour behind the clouds steps on both sides.

    Parameters
    ----------
    sky : ndarray of float32, shape (rows, columns, 3)
        From `sky_behind`.

    Returns
    -------
    float or None
        None where none is seen, or the photograph is too small to tell.
    """
    height, width = sky.shape[:2]
    reach, found = max(2, round(STEP * height)), []
    if height <= 8 * reach or width < 20:
        return None
    for part in (slice(width // 20, width // 4), slice(-(width // 4), -(width // 20))):
        line = scipy.ndimage.gaussian_filter1d(sky[:, part].mean(axis=1), 0.5 * reach, axis=0)
        step = np.linalg.norm(line[2 * reach :] - line[: -2 * reach], axis=1)
        # More of a step than what the sky does anyway just above and below.
        beside = 0.5 * (np.roll(step, 3 * reach) + np.roll(step, -3 * reach))
        found.append((step - beside)[3 * reach : -3 * reach])
    both = np.minimum(*found)
    row = int(both.argmax())
    return round((row + 4.0 * reach + 0.5) / height, 4) if both[row] > EDGE else None


def base_of(mask):
    """Row of a cloud's base in heights of the photograph, and whether it is flat.

    Parameters
    ----------
    mask : ndarray of bool, shape (rows, columns)

    Returns
    -------
    (float, bool)
    """
    columns = np.flatnonzero(mask.any(axis=0))
    middle = columns[len(columns) // 6 : len(columns) - len(columns) // 6]
    lowest = len(mask) - mask[::-1, middle].argmax(axis=0)
    tall = np.ptp(np.flatnonzero(mask.any(axis=1))) + 1
    # The row near which most columns end.
    counts = np.bincount(lowest, minlength=len(mask) + 1)
    near = scipy.ndimage.uniform_filter1d(counts.astype(float), max(3, 2 * round(NEAR * tall) + 1), mode="constant")
    row = int(near.argmax())
    close = lowest[np.abs(lowest - row) <= max(1, round(NEAR * tall))]
    return float(np.median(close)) / len(mask), bool(len(close) >= FLAT * len(middle))


@dataclass(frozen=True, eq=False)
class Photograph:
    """A photograph that was read.

    Attributes
    ----------
    pixels : ndarray of uint8, shape (rows, columns, 3)
    reading : Reading
    """

    pixels: np.ndarray
    reading: Reading

    @cached_property
    def mask(self):
        """Outline of its cloud in pixels of its own: ndarray of bool."""
        return self.reading.outline["pixels"] > 127

    @cached_property
    def standing(self):
        """The camera that took it: Standing."""
        read = self.reading
        return standing_of(self.mask, read.horizon, read.base, read.focal, read.span)

    def seen(self, along=SEEN):
        """The photograph so small that its cloud measures so many pixels along.

        Parameters
        ----------
        along : int, optional

        Returns
        -------
        Seen
        """
        largest = max(np.ptp(np.argwhere(self.mask), axis=0) + 1)
        camera = self.standing.camera.smaller(max(8, round(self.mask.shape[1] * along / largest)))
        size = camera.width, camera.height
        small = np.asarray(Image.fromarray(self.pixels).resize(size, Image.Resampling.BOX))
        return Seen(camera, seen_as(self.mask, camera), small)


@dataclass(frozen=True, eq=False)
class Seen:
    """A cloud as a camera sees it.

    Attributes
    ----------
    camera : Camera
    mask : ndarray of bool, shape (height, width)
    pixels : ndarray of uint8, shape (height, width, 3)
    """

    camera: object
    mask: np.ndarray
    pixels: np.ndarray

    @cached_property
    def light(self):
        """Brightness as a screen shows it, 0 to 1: ndarray of float64, shape (height, width)."""
        return self.pixels @ LUMINANCE / 255.0


def photograph_of(reference):
    """The photograph of a reference.

    Parameters
    ----------
    reference : Reference

    Returns
    -------
    Photograph or None
        None where nothing was read in it.
    """
    return None if reference.reading is None else Photograph(reference.picture["pixels"], reference.reading)
