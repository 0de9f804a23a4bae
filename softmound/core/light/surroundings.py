"""All that lights the cloud from outside, worked out once: radiance by direction, the sun, and shares of the sky."""

from dataclasses import dataclass

import numpy as np

from ..budget import remembered
from ..directions import direction_of
from .air import air_radiance, sunlight_here
from .sky import gradient_radiance

ROWS, COLUMNS = 96, 192
"""Cells of the table that lights; all have the same solid angle."""
FINE_ROWS, FINE_COLUMNS = 256, 192
"""Samples of the table behind the cloud; its rows lie closest together at the horizon."""
GLOW = 0.004
"""Share of the sunlight that haze in front of a drawn sky scatters toward the camera, with a mean cosine
of 0.8: a soft brightness around the sun."""


@dataclass(frozen=True, eq=False)
class Surroundings:
    """Light from outside.

    Attributes
    ----------
    sky : ndarray of float32, shape (ROWS, COLUMNS, 3)
        Mean radiance in cells of equal solid angle, from straight up down, azimuth from +z toward +x.
    behind : ndarray of float32, shape (FINE_ROWS, FINE_COLUMNS + 1, 3)
        Radiance as the camera sees it. A row's sine of elevation is v |v| with v from 1 to -1; the last column is the
        first again.
    sun : ndarray of float64, shape (3,)
        Irradiance of a sheet facing the sun at the cloud.
    parts : ndarray of float64, shape (3, 3)
        Mean radiance over the sphere that comes from above 30 degrees, from there to the horizon, and from below: the
        rows add up to the mean radiance of all directions.
    """

    sky: np.ndarray
    behind: np.ndarray
    sun: np.ndarray
    parts: np.ndarray

    @property
    def nbytes(self):
        """Bytes held."""
        return self.sky.nbytes + self.behind.nbytes


def _directions(sines, azimuths):
    """Unit vectors for all pairs of a sine of elevation and an azimuth."""
    s, a = np.meshgrid(sines, azimuths, indexing="ij")
    c = np.sqrt(np.maximum(0.0, 1.0 - s * s))
    return np.stack([c * np.sin(a), s, c * np.cos(a)], axis=-1)


def radiance(directions, sun, sky):
    """Radiance of the surroundings, without the disk of the sun.

    Parameters
    ----------
    directions : array_like of float, shape (..., 3)
        Unit vectors.
    sun : Sun
    sky : Sky

    Returns
    -------
    ndarray of float64, shape (..., 3)
        Linear RGB.
    """
    directions = np.asarray(directions, float)
    if sky.kind == "plain":
        return sky.strength * np.broadcast_to(np.asarray(sky.zenith), directions.shape)
    if sky.kind == "image" and sky.picture is not None:
        return sky.strength * _image_radiance(directions, sky)
    if sky.kind == "air":
        return sky.strength * air_radiance(directions, sun, sky)
    toward = direction_of(sun.azimuth, sun.elevation)
    wide = 1.64 - 1.6 * (directions @ toward)[..., None]
    low = np.clip(-1.5 * directions[..., 1:2], 0.0, 1.0)
    haze = GLOW * 0.36 / wide**1.5 * (1.0 - low * low * (3.0 - 2.0 * low))
    return gradient_radiance(directions, sky) + sky.strength * haze * np.pi * sun.strength * np.asarray(sun.colour)


def _image_radiance(directions, sky):
    """Bilinear reading of a picture over latitude and longitude, its middle at azimuth `turn`."""
    pixels = sky.picture["pixels"]
    rows, columns = pixels.shape[:2]
    elevation = np.arcsin(np.clip(directions[..., 1], -1.0, 1.0))
    azimuth = np.arctan2(directions[..., 0], directions[..., 2]) - np.radians(sky.turn)
    # Seen from inside, azimuth grows to the left.
    u = ((0.5 - azimuth / (2.0 * np.pi)) % 1.0) * columns - 0.5
    v = np.clip((0.5 - elevation / np.pi) * rows - 0.5, 0.0, rows - 1.0)
    i, j = np.floor(v).astype(int), np.floor(u).astype(int)
    v, u = (v - i)[..., None], (u - j)[..., None]
    below = np.minimum(i + 1, rows - 1)
    one = (1 - u) * pixels[i, j % columns] + u * pixels[i, (j + 1) % columns]
    return (1 - v) * one + v * ((1 - u) * pixels[below, j % columns] + u * pixels[below, (j + 1) % columns])


def _image_cells(sky):
    """Mean of a picture's pixels in each cell of the table that lights, so that no small bright spot is missed."""
    pixels = sky.picture["pixels"].astype(np.float64)
    rows, columns = pixels.shape[:2]
    fine = max(1, -(-6 * COLUMNS // columns), -(-6 * ROWS // rows))
    elevation = np.pi * (0.5 - (np.arange(rows * fine) + 0.5) / (rows * fine))
    line = np.minimum(((1.0 - np.sin(elevation)) / 2.0 * ROWS).astype(int), ROWS - 1)
    azimuth = (np.radians(sky.turn) + 2.0 * np.pi * (0.5 - (np.arange(columns * fine) + 0.5) / (columns * fine))) % (2 * np.pi)
    column = np.minimum((azimuth / (2.0 * np.pi) * COLUMNS).astype(int), COLUMNS - 1)
    cell = (line[:, None] * COLUMNS + column).ravel()
    weight = np.broadcast_to(np.cos(elevation)[:, None], (rows * fine, columns * fine)).ravel()
    total = np.bincount(cell, weight, ROWS * COLUMNS)
    spread = np.repeat(np.repeat(pixels, fine, axis=0), fine, axis=1)
    sums = np.stack([np.bincount(cell, weight * spread[..., n].ravel(), ROWS * COLUMNS) for n in range(3)], axis=-1)
    seen = total > 0.0
    cells = np.zeros((ROWS * COLUMNS, 3))
    cells[seen] = sums[seen] / total[seen, None]
    cells = cells.reshape(ROWS, COLUMNS, 3)
    if not seen.all():
        middles = _directions(1.0 - 2.0 * (np.arange(ROWS) + 0.5) / ROWS, 2.0 * np.pi * (np.arange(COLUMNS) + 0.5) / COLUMNS)
        missing = ~seen.reshape(ROWS, COLUMNS)
        cells[missing] = _image_radiance(middles[missing], sky)
    return sky.strength * cells


def surroundings_of(light):
    """Surroundings of a light.

    Parameters
    ----------
    light : Light

    Returns
    -------
    Surroundings
    """
    return _surroundings(light.sun, light.sky)


@remembered
def _surroundings(sun, sky):
    azimuths = 2.0 * np.pi * (np.arange(COLUMNS) + 0.5) / COLUMNS
    sines = 1.0 - 2.0 * (np.arange(ROWS) + 0.5) / ROWS
    v = np.linspace(1.0, -1.0, FINE_ROWS)
    if sky.kind == "image" and sky.picture is not None:
        cells = _image_cells(sky)
        behind = radiance(_directions(v * np.abs(v), np.linspace(0.0, 2.0 * np.pi, FINE_COLUMNS + 1)), sun, sky)
    elif sky.kind == "air":
        cells, behind = _mirrored(sun, sky, sines, azimuths), _mirrored(
            sun, sky, v * np.abs(v), np.linspace(0.0, 2.0 * np.pi, FINE_COLUMNS + 1))
    else:
        cells = radiance(_directions(sines, azimuths), sun, sky)
        behind = radiance(_directions(v * np.abs(v), np.linspace(0.0, 2.0 * np.pi, FINE_COLUMNS + 1)), sun, sky)
    arriving = sunlight_here(sun, sky) if sky.kind == "air" else np.ones(3)
    zones = np.array_split(cells.mean(axis=1), [ROWS // 4, ROWS // 2])
    parts = np.array([zone.sum(axis=0) / ROWS for zone in zones])
    return Surroundings(np.ascontiguousarray(cells, np.float32), np.ascontiguousarray(behind, np.float32),
                        np.pi * sun.strength * np.asarray(sun.colour) * arriving, parts)


def _mirrored(sun, sky, sines, azimuths):
    """Air is the same on both sides of the sun and smooth: a few azimuths are worked out, the rest lies between."""
    apart = np.radians(sun.azimuth)
    angles = np.pi * np.linspace(0.0, 1.0, 25) ** 1.5
    few = radiance(_directions(sines, apart + angles), sun, sky)
    wanted = np.abs((azimuths - apart + np.pi) % (2.0 * np.pi) - np.pi)
    at = np.interp(wanted, angles, np.arange(len(angles)))
    i = np.minimum(at.astype(int), len(angles) - 2)
    part = (at - i)[None, :, None]
    return (1.0 - part) * few[:, i] + part * few[:, i + 1]
