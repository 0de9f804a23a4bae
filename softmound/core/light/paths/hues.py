"""Colours that change within clouds, as paths read them."""

from typing import NamedTuple

import numpy as np

from ...kernels import call, i32, inlined
from ...vectors import plus, row_of, times, turned
from ..lattices.trilinear import lattice_value


class Hues(NamedTuple):
    """Colours that change within each of N clouds.

    Attributes
    ----------
    values : ndarray of float32, shape (6, C)
        Of what is scattered, and of the glow, on the lattices of all clouds one after the other; without cells they are 1.
    at, sides : ndarray of int64, shape (N,), (N, 3)
        Where a cloud's lattice begins, and its sides.
    axes, shift : ndarray of float32, shape (N, 3, 3), (N, 3)
        Places in units of the scene to cells.
    """

    values: np.ndarray
    at: np.ndarray
    sides: np.ndarray
    axes: np.ndarray
    shift: np.ndarray


@call
def _hue_at(hues, first, member, place):
    """Three of the channels within a cloud."""
    cell = plus(turned(hues.axes, member, place), row_of(hues.shift, member))
    at, sides = hues.at[member], hues.sides[member]
    return (lattice_value(hues.values[first], at, sides, cell[0], cell[1], cell[2]),
            lattice_value(hues.values[first + 1], at, sides, cell[0], cell[1], cell[2]),
            lattice_value(hues.values[first + 2], at, sides, cell[0], cell[1], cell[2]))


@inlined
def albedo_at(media, medium, hues, member, place):
    """Single-scattering albedo in a cloud, by colour.

    Parameters
    ----------
    media : Media
    medium : int
        That of the cloud.
    hues : Hues
    member : int
    place : (float32, float32, float32)
        Units of the scene.

    Returns
    -------
    (float32, float32, float32)
    """
    own = row_of(media.albedo, medium)
    if hues.values.shape[1] > 0:
        own = times(own, _hue_at(hues, i32(0), member, place))
    return own


@inlined
def glow_at(media, medium, hues, member, place):
    """Emission in a cloud, by colour: as `albedo_at`."""
    own = row_of(media.glow, medium)
    if hues.values.shape[1] > 0:
        own = times(own, _hue_at(hues, i32(3), member, place))
    return own
