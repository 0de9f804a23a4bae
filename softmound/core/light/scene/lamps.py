"""Lamps: their colour and power in the units of the scene."""

from dataclasses import dataclass

import numpy as np

from ...colour import luminance
from .groups import factors, group_of, groups_of

LUX = np.pi * 2.6 / 100_000.0
"""Irradiance of the scene for one lux: sunlight of strength 2.6, as on a clear noon, is 100,000 lux."""


@dataclass(frozen=True)
class Shining:
    """A lamp as light is worked out with it.

    Attributes
    ----------
    place : tuple of float
        Metres.
    radius : float
        Metres.
    intensity : tuple of float
        Irradiance one metre away, linear RGB.
    group : int
        Number of its light group, see `groups_of`.
    """

    place: tuple
    radius: float
    intensity: tuple
    group: int


def lamps_of(light, frame=0):
    """The lamps that are on, and mixed in.

    Parameters
    ----------
    light : Light
    frame : int, optional
        Number of the picture, for their flicker.

    Returns
    -------
    list of Shining
    """
    names = groups_of(light)
    mixed = dict(zip(names, factors(light, names)))
    groups = [(lamp, group_of(lamp, names)) for lamp in light.lamps if lamp.on]
    return [_shining(lamp, frame, names.index(group), mixed[group]) for lamp, group in groups if mixed[group].any()]


def _shining(lamp, frame, group, factor):
    colour = np.asarray(lamp.colour) if lamp.kelvin is None else kelvin_colour(lamp.kelvin)
    # Lumens count luminance, so a coloured lamp of as many lumens is as bright.
    colour = colour / max(float(luminance(colour)), 1e-6)
    power = lamp.power * (1.0 - lamp.flicker * float(np.random.default_rng((lamp.seed, frame)).random()))
    return Shining(lamp.place, lamp.radius, tuple(colour * factor * (power / (4.0 * np.pi) * LUX)), group)


def kelvin_colour(kelvin):
    """Colour of a black body, linear RGB (ITU-R BT.709) with no part below 0 and the largest 1.

    Its chromaticity by the cubic splines of Kim, Kang, Lee and others (2002, Design of advanced color temperature control
    system for HDTV applications, J. Korean Physical Society 41), good from 1,667 to 25,000 K.

    Parameters
    ----------
    kelvin : float

    Returns
    -------
    ndarray of float64, shape (3,)
    """
    t = 1000.0 / min(max(float(kelvin), 1667.0), 25_000.0)
    if kelvin < 4000.0:
        x = ((-0.2661239 * t - 0.2343589) * t + 0.8776956) * t + 0.179910
    else:
        x = ((-3.0258469 * t + 2.1070379) * t + 0.2226347) * t + 0.240390
    if kelvin < 2222.0:
        y = ((-1.1063814 * x - 1.34811020) * x + 2.18555832) * x - 0.20219683
    elif kelvin < 4000.0:
        y = ((-0.9549476 * x - 1.37418593) * x + 2.09137015) * x - 0.16748867
    else:
        y = ((3.0817580 * x - 5.87338670) * x + 3.75112997) * x - 0.37001483
    xyz = np.array([x / y, 1.0, (1.0 - x - y) / y])
    rgb = np.maximum(_TO_RGB @ xyz, 0.0)
    return rgb / rgb.max()


_TO_RGB = np.array([[3.2406, -1.5372, -0.4986], [-0.9689, 1.8758, 0.0415], [0.0557, -0.2040, 1.0570]])
"""From CIE XYZ to linear RGB (IEC 61966-2-1)."""
