"""Skies that are drawn or photographed: three colours, and a picture of all directions."""

import numpy as np


def gradient_radiance(directions, sky):
    """Radiance of a drawn sky, without the sun and its haze.

    A blend from the horizon's colour to the zenith's with the sine of the elevation, and to the
    ground's colour in the haze below the horizon.

    Parameters
    ----------
    directions : array_like of float, shape (..., 3)
        Unit vectors.
    sky : Sky

    Returns
    -------
    ndarray of float64, shape (..., 3)
        Linear RGB, before the sky's strength.
    """
    height = np.asarray(directions, float)[..., 1:2]
    toward = 1.0 - (1.0 - np.clip(height, 0.0, 1.0)) ** 2.5
    above = np.asarray(sky.horizon) + (np.asarray(sky.zenith) - np.asarray(sky.horizon)) * toward
    below = np.clip(-height * 1.5, 0.0, 1.0)
    below = below * below * (3.0 - 2.0 * below)
    return above + (np.asarray(sky.ground) - above) * below


def directions_of(sines, azimuths):
    """Unit vectors for all pairs of a sine of elevation and an azimuth.

    Parameters
    ----------
    sines : array_like of float, shape (n,)
    azimuths : array_like of float, shape (m,)
        Radians, from +z toward +x.

    Returns
    -------
    ndarray of float64, shape (n, m, 3)
    """
    s, a = np.meshgrid(sines, azimuths, indexing="ij")
    c = np.sqrt(np.maximum(0.0, 1.0 - s * s))
    return np.stack([c * np.sin(a), s, c * np.cos(a)], axis=-1)


def image_radiance(directions, sky):
    """Radiance of a picture over latitude and longitude, its middle at azimuth `turn`, read between its pixels.

    Parameters
    ----------
    directions : ndarray of float, shape (..., 3)
        Unit vectors.
    sky : Sky

    Returns
    -------
    ndarray of float64, shape (..., 3)
        Linear RGB, before the sky's strength.
    """
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


def image_cells(sky, rows_out, columns_out):
    """Mean of a picture's pixels in each cell of a table, so that no small bright spot is missed.

    Parameters
    ----------
    sky : Sky
    rows_out, columns_out : int
        Of the table; its cells have the same solid angle.

    Returns
    -------
    ndarray of float64, shape (rows_out, columns_out, 3)
        Linear RGB, before the sky's strength.
    """
    pixels = sky.picture["pixels"].astype(np.float64)
    rows, columns = pixels.shape[:2]
    fine = max(1, -(-6 * columns_out // columns), -(-6 * rows_out // rows))
    elevation = np.pi * (0.5 - (np.arange(rows * fine) + 0.5) / (rows * fine))
    line = np.minimum(((1.0 - np.sin(elevation)) / 2.0 * rows_out).astype(int), rows_out - 1)
    azimuth = (np.radians(sky.turn) + 2.0 * np.pi * (0.5 - (np.arange(columns * fine) + 0.5) / (columns * fine))) % (2 * np.pi)
    column = np.minimum((azimuth / (2.0 * np.pi) * columns_out).astype(int), columns_out - 1)
    cell = (line[:, None] * columns_out + column).ravel()
    weight = np.broadcast_to(np.cos(elevation)[:, None], (rows * fine, columns * fine)).ravel()
    total = np.bincount(cell, weight, rows_out * columns_out)
    spread = np.repeat(np.repeat(pixels, fine, axis=0), fine, axis=1)
    sums = np.stack([np.bincount(cell, weight * spread[..., n].ravel(), rows_out * columns_out) for n in range(3)], axis=-1)
    seen = total > 0.0
    cells = np.zeros((rows_out * columns_out, 3))
    cells[seen] = sums[seen] / total[seen, None]
    cells = cells.reshape(rows_out, columns_out, 3)
    if not seen.all():
        sines = 1.0 - 2.0 * (np.arange(rows_out) + 0.5) / rows_out
        middles = directions_of(sines, 2.0 * np.pi * (np.arange(columns_out) + 0.5) / columns_out)
        missing = ~seen.reshape(rows_out, columns_out)
        cells[missing] = image_radiance(middles[missing], sky)
    return cells
