"""The kinds of sky by the word of a recipe: each with its light by direction, and how tables of it are filled."""

from dataclasses import dataclass

import numpy as np

from ...directions import direction_of
from .air import air_radiance, sunlight_here
from .sky import directions_of, gradient_radiance, image_cells, image_radiance

GLOW = 0.004
"""Share of the sunlight that haze in front of a drawn sky scatters toward the camera, with a mean cosine
of 0.8: a soft brightness around the sun."""


@dataclass(frozen=True)
class SkyKind:
    """What a kind of sky does; all radiance is linear RGB, before the sky's strength.

    Attributes
    ----------
    radiance : callable
        ``radiance(directions, sun, sky)``: by unit vectors (..., 3), without the disk of the sun; float64 (..., 3).
    cells : callable
        ``cells(sines, azimuths, sun, sky)``: means over cells of equal solid angle around sines of elevation (n,) and
        azimuths (m,) in radians; float64 (n, m, 3). It lights the cloud.
    seen : callable
        The same where the camera sees it, at those directions themselves.
    arriving : callable
        ``arriving(sun, sky)``: share of each colour of the sunlight that arrives.
    """

    radiance: callable
    cells: callable
    seen: callable
    arriving: callable = lambda sun, sky: np.ones(3)


def _plain(directions, _sun, sky):
    return np.broadcast_to(np.asarray(sky.zenith, float), directions.shape)


def _drawn(directions, sun, sky):
    """The drawn sky with haze around the sun."""
    toward = direction_of(sun.azimuth, sun.elevation)
    wide = 1.64 - 1.6 * (directions @ toward)[..., None]
    low = np.clip(-1.5 * directions[..., 1:2], 0.0, 1.0)
    haze = GLOW * 0.36 / wide**1.5 * (1.0 - low * low * (3.0 - 2.0 * low))
    return gradient_radiance(directions, sky) + haze * np.pi * sun.strength * np.asarray(sun.colour)


def _mirrored(sines, azimuths, sun, sky):
    """Air is the same on both sides of the sun and smooth: a few azimuths are worked out, the rest lies between."""
    apart = np.radians(sun.azimuth)
    angles = np.pi * np.linspace(0.0, 1.0, 25) ** 1.5
    few = air_radiance(directions_of(sines, apart + angles), sun, sky)
    wanted = np.abs((azimuths - apart + np.pi) % (2.0 * np.pi) - np.pi)
    at = np.interp(wanted, angles, np.arange(len(angles)))
    i = np.minimum(at.astype(int), len(angles) - 2)
    part = (at - i)[None, :, None]
    return (1.0 - part) * few[:, i] + part * few[:, i + 1]


def _at(radiance):
    """Tables filled by asking for each direction."""
    return lambda sines, azimuths, sun, sky: radiance(directions_of(sines, azimuths), sun, sky)


def _pictured(directions, _sun, sky):
    return image_radiance(directions, sky)


SKIES = {
    "gradient": SkyKind(_drawn, _at(_drawn), _at(_drawn)),
    "air": SkyKind(air_radiance, _mirrored, _mirrored, sunlight_here),
    "image": SkyKind(_pictured, lambda sines, azimuths, _sun, sky: image_cells(sky, len(sines), len(azimuths)), _at(_pictured)),
    "plain": SkyKind(_plain, _at(_plain), _at(_plain)),
}


def kind_of(sky):
    """The kind of a sky; one of a picture that is not there yet is drawn.

    Parameters
    ----------
    sky : Sky

    Returns
    -------
    SkyKind
    """
    return SKIES["gradient" if sky.kind == "image" and sky.picture is None else sky.kind]
